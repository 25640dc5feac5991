import assert from 'node:assert/strict'
import { spawn } from 'node:child_process'
import { once } from 'node:events'
import { createInterface } from 'node:readline'
import { test } from 'node:test'
import fc from 'fast-check'
import { resultOf, wanted, type Case, type Text } from './result.js'

const long = process.env['PAGELADDER_SOAK'] === '1'

const fields = ['vessel', 'tonnage', 'berth', 'cargo', 'arrived_at', 'page', 'id', 'löschung']
const types = ['text', 'integer', 'decimal', 'big_integer', 'big_decimal', 'boolean', 'date', 'time', 'json']
const operators = ['equals', 'not', 'min', 'max', 'none', 'has', 'starts']

const optional = <T>(of: fc.Arbitrary<T>) => fc.option(of, { nil: undefined, freq: 2 })
const among = <T>(...of: T[]) => fc.constantFrom(...of)
const some = (most: number) => fc.uniqueArray(among(...fields), { maxLength: most })
const whole = fc.oneof(fc.integer({ min: -2, max: 300 }), fc.maxSafeInteger())

/** A letter that every version of Unicode since 13 has. */
const letter = fc.oneof(
  fc.string({ unit: 'binary-ascii', minLength: 1, maxLength: 1 }),
  among('ö', 'ø', '£', '٣', '漢', '🚢', '\u00a0', '\u2028', '\u0301', '\ufffd', '\ufeff', '\u200d'),
)
const word = fc.array(letter, { maxLength: 12 }).map((all) => all.join(''))

const drawn = fc.record(
  {
    params: fc.record(
      {
        page: word,
        size: among('n', 'page[size]', ''),
        sort: word,
        row: word,
        search: among('q', 'suche'),
        direction: among('dir', ''),
        after: among('after', 'from'),
        before: among('before', ''),
      },
      { requiredKeys: [] },
    ),
    addressing: among('page', 'offset', 'cursor'),
    size: fc.record(
      {
        default: among(1, 7, 20),
        cap: among(20, 50, 100, 1000),
        offered: fc.uniqueArray(among(5, 10, 20), { maxLength: 3 }),
        closed: fc.boolean(),
        all: among(0, 50, 1000),
      },
      { requiredKeys: [] },
    ),
    key: among(['id'], ['berth', 'id'], []),
    sorts: fc.uniqueArray(
      fc.record(
        { key: among(...fields), fields: some(2), first: among('asc', 'desc'), nulls_first: fc.boolean() },
        { requiredKeys: ['key'] },
      ),
      { selector: (k) => k.key, maxLength: 5 },
    ),
    default_sort: among('vessel', '-vessel,tonnage', ''),
    max_sort_keys: fc.integer({ min: 0, max: 11 }),
    filters: fc.uniqueArray(
      fc.record(
        {
          field: among(...fields),
          type: among(...types),
          operators: fc.uniqueArray(among(...operators), { maxLength: 3 }),
          param: among('f', 'filter[x]', 'löschen'),
        },
        { requiredKeys: ['field'] },
      ),
      { selector: (f) => f.field, maxLength: 5 },
    ),
    search: some(2),
    show: some(8),
    past_last: among('last', 'first', 'empty', 'refuse'),
    on_fault: among('mend', 'mend', 'refuse'),
    faults: fc.dictionary(
      among(
        'filter.bad_value',
        'filter.unknown_operator',
        'page.past_last',
        'size.over_cap',
        'param.repeated',
        'sort.unknown_key',
        'cursor.damaged',
        'offset.over_max',
      ),
      among('mend', 'mend', 'refuse'),
    ),
    unknown: among('ride', 'note', 'drop', 'refuse'),
    ride_along: among(['theme'], ['ö']),
    keep: among({ what: 'all' }, { what: 'declared' }, { what: 'listed', names: ['theme', 'ö'] }),
    origins: among(['https://saltmere.example']),
    first_page_bare: fc.boolean(),
    offset_as_is: fc.boolean(),
    max_offset: among(0, 10, 1000, Number.MAX_SAFE_INTEGER),
    count: among('exact', 'none', 'at_least'),
    ladder: fc.record(
      {
        reach: fc.integer({ min: 0, max: 51 }),
        tips: fc.integer({ min: 0, max: 10 }),
        steady: fc.boolean(),
        gap_links: fc.boolean(),
        ends: fc.boolean(),
        lone: fc.boolean(),
      },
      { requiredKeys: [] },
    ),
  },
  { requiredKeys: [] },
)

const operatorsOf = (type: string) =>
  type === 'json'
    ? ['none']
    : type === 'text'
      ? ['equals', 'not', 'none', 'has', 'starts']
      : type === 'boolean'
        ? ['equals', 'not', 'none']
        : operators.slice(0, 5)

/** Rules without most of their mistakes, so that queries are read by them. */
function mended(r: Drawn): Drawn {
  const cap = r.size?.cap ?? 100
  const sorts = (r.sorts ?? []).map((k) => k.key)
  const faults: Record<string, string> = {
    ...r.faults,
    'filter.bad_value': r.faults?.['filter.bad_value'] ?? 'mend',
    'filter.unknown_operator': r.faults?.['filter.unknown_operator'] ?? 'mend',
  }
  delete faults['offset.over_max']
  delete faults['page.past_last']
  return {
    ...r,
    faults,
    params: r.params && {
      ...r.params,
      page: r.params.page && 'p' + r.params.page,
      sort: r.params.sort && 's' + r.params.sort,
      row: r.params.row && 'r' + r.params.row,
    },
    key: r.key?.length ? r.key : ['id'],
    size: r.size && { ...r.size, default: undefined, closed: r.size.closed && r.size.offered?.includes(20) },
    default_sort: (r.default_sort ?? '')
      .split(',')
      .filter((key) => sorts.includes(key.replace('-', '')))
      .join(','),
    max_sort_keys: r.max_sort_keys && Math.min(Math.max(r.max_sort_keys, 2), 10),
    offset_as_is: r.offset_as_is && r.addressing === 'offset',
    filters: r.filters?.map((f, i) => ({
      ...f,
      param: f.param && f.param.replace(/(\]?)$/, `${i}$1`),
      operators: f.operators?.filter((op) => operatorsOf(f.type ?? 'text').includes(op)),
    })),
    ladder: r.ladder && { ...r.ladder, reach: Math.min(r.ladder.reach ?? 2, 50) },
    ...(cap < 20 && { size: undefined }),
  }
}

type Drawn = typeof drawn extends fc.Arbitrary<infer T> ? T : never
const rules = fc.tuple(drawn, fc.integer({ min: 1, max: 10 })).map(([r, n]) => (n > 1 ? mended(r) : r))

const name = fc.oneof(
  {
    weight: 4,
    arbitrary: among(
      'page',
      'size',
      'offset',
      'limit',
      'sort',
      'row',
      'q',
      'fields',
      'dir',
      'after',
      'before',
      'theme',
      'pl.explain',
      'n',
      'page%5Bsize%5D',
      'f',
      'filter[x]',
      'field.page',
    ),
  },
  {
    weight: 3,
    arbitrary: fc
      .tuple(among(...fields, 'f', 'field.page'), among('', ...operators.map((op) => '.' + op)))
      .map(([field, op]) => encodeURI(field) + op),
  },
  { weight: 1, arbitrary: fc.tuple(among('filter[x]', 'f', 'berth'), among(...operators)).map(([param, op]) => `${param}[${op}]`) },
  { weight: 1, arbitrary: word.map(encodeURIComponent) },
)
const value = fc.oneof(
  whole.map(String),
  among(
    '',
    '3',
    ' 4',
    '+5',
    '-1',
    '9223372036854775807',
    '9223372036854775808',
    '99999999999999999999999',
    '1.5',
    '1e3',
    'all',
    'asc',
    'desc',
    'true',
    'false',
    '2026-03-01',
    '2026-02-30',
    '2026-03-01T06:30:00Z',
    '2026-03-01t6:30:00,25 02:00',
  ),
  fc
    .array(fc.tuple(among('', '-', '%20'), among(...fields, 'nothing')), { maxLength: 4 })
    .map((keys) => keys.map(([sign, key]) => sign + encodeURI(key)).join(',')),
  word.map(encodeURIComponent),
  fc
    .stringMatching(
      /^[0-9]{4}-[01][0-9]-[0-3][0-9]([Tt ][0-2]?[0-9]:[0-5][0-9]:[0-6][0-9]([.,][0-9]{1,10})?([Zz]|[+ -][0-2][0-9]:[0-6][0-9])?)?$/,
    )
    .map((text) => text.replace('+', '%2B')),
  fc.stringMatching(/^ ?[+-]?[0-9]{0,20}(\.[0-9]{0,20})? ?$/),
  fc.stringMatching(/^[A-Za-z0-9_-]{0,60}$/),
)
/** Bytes that make no character which only a newer Unicode has: whether that is quoted as it is depends on the runtime. */
const raw = fc.array(fc.oneof(fc.nat(0xdf), among(0xff)), { maxLength: 12 }).map((bytes) => Buffer.from(bytes).toString('latin1'))
const query: fc.Arbitrary<Text> = fc
  .array(fc.oneof({ weight: 20, arbitrary: fc.tuple(name, value).map(([n, v]) => `${n}=${v}`) }, { weight: 1, arbitrary: raw }), {
    maxLength: 7,
  })
  .map((parts) => ({
    base64: Buffer.from(parts.map((part) => (/^[\x00-\xff]*$/.test(part) ? part : encodeURI(part))).join('&'), 'latin1').toString('base64'),
  }))

const ends = fc.array(fc.option(word), { maxLength: 4 })

const cases = fc.record(
  {
    rules,
    list: among('arrivals', 'Häfen'),
    aside: among('pl.'),
    query,
    total: fc.record(
      {
        is: among('exact', 'at_least', 'none', 'remembered'),
        records: fc.oneof(whole, among('9223372036854775807', '9007199254740993')),
        age: fc.nat(4000),
      },
      { requiredKeys: [] },
    ),
    received: fc.integer({ min: -1, max: 120 }),
    ends: fc.record({
      first: optional(ends).map((list) => list ?? null),
      last: optional(ends).map((list) => list ?? null),
      behind: fc.boolean(),
    }),
    base: among(
      '/arrivals',
      '/arrivals',
      '/häfen?ü',
      '/a/{page}{?size,sort,berth*,q}',
      '/a{/page}{;size}',
      '/x{&theme}',
      'https://saltmere.example/a',
      '/a{+x}',
    ),
    outside: fc.boolean(),
    with: fc.record({ param: fc.oneof(among('berth', 'page', 'size'), word), values: fc.array(word, { maxLength: 2 }) }),
    language: among('en', 'de', 'fr', 'es', 'ar', 'ja'),
  },
  { requiredKeys: ['rules', 'query'] },
) as fc.Arbitrary<Case>

test('this core and the one in Go answer alike', async (t) => {
  const go = spawn('go', ['run', './internal/vectormaker'], {
    cwd: new URL('../../../', import.meta.url),
    stdio: ['pipe', 'pipe', 'inherit'],
  })
  const lines = createInterface({ input: go.stdout })[Symbol.asyncIterator]()
  t.after(async () => {
    go.stdin.end()
    if (go.exitCode === null) await once(go, 'exit')
  })
  const goes = async (c: Case): Promise<unknown> => {
    go.stdin.write(JSON.stringify(c) + '\n')
    const line = await lines.next()
    assert.ok(!line.done, 'the core in Go has ended')
    return JSON.parse(line.value)
  }
  await fc.assert(
    fc.asyncProperty(cases, async (c) => {
      assert.deepEqual(resultOf(c), wanted(await goes(c)))
    }),
    { numRuns: long ? 100_000 : 3_000, ...(long && { verbose: 1 }) },
  )
})
