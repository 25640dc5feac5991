// Finds mistakes in rules.

import { read } from './ask.js'
import { parseTemplate } from './template.js'
import { codes } from './code.js'
import { Refusal } from './fault.js'
import { nameBytes, operatorsOf, Rules, withOperator } from './rules.js'
import { write } from './query.js'
import { quote, quoteText, toBytes } from './text.js'
import { valueTypes } from './value.js'

/** One entry of rules that is wrong. */
export interface Mistake {
  /** Where, as rules files name it: "size.default", "sorts[2].key". */
  entry: string
  /** The value there. */
  found: string
  /** What would be right. */
  want: string
}

/** The error for rules that are wrong. */
export class RulesError extends Error {
  override readonly name = 'RulesError'
  constructor(readonly mistakes: Mistake[]) {
    const { entry, found, want } = mistakes[0]!
    const more = mistakes.length - 1
    super(`paging: rules: ${entry}: found ${found}; right would be ${want}${more > 0 ? ` (and ${more} more)` : ''}`)
  }
}

const sizeLimit = 100_000
const sortKeysLimit = 10
const listed = 100

const wordList = (words: readonly string[]) => words.map((word) => quoteText(word)).join(', ')
const quoted = (text: string) => quote(toBytes(text))
const bytes = (text: string) => toBytes(text).length

/** Throws a RulesError with every mistake of rules, up to a hundred. Check rules when the program starts. */
export function check(rules: Rules): void {
  const mistakes = mistakesOf(rules)
  if (mistakes.length > 0) throw new RulesError(mistakes)
}

function mistakesOf(r: Rules): Mistake[] {
  const o = r.options
  const mistakes: Mistake[] = []
  const wrong = (entry: string, found: string, want: string) => {
    if (mistakes.length < listed) mistakes.push({ entry, found, want })
  }
  const between = (entry: string, n: number | undefined, low: number, high: number) => {
    if (n !== undefined && !(n >= low && n <= high)) wrong(entry, String(n), `${low} to ${high}`)
  }
  const oneOf = (entry: string, found: string | undefined, ...words: string[]) => {
    if (found && !words.includes(found)) wrong(entry, quoted(found), wordList(words))
  }
  const distinct = (entry: string, names: string[] = []) =>
    names.forEach((name, i) => {
      if (name === '' || bytes(name) > nameBytes) wrong(`${entry}[${i}]`, quoted(name), "a field's name")
      else if (names.indexOf(name) < i) wrong(`${entry}[${i}]`, quoteText(name), 'each field once')
    })

  // Choices.
  oneOf('addressing', o.addressing, 'page', 'offset', 'cursor')
  oneOf('past_last', o.past_last, 'last', 'first', 'empty', 'refuse')
  oneOf('on_fault', o.on_fault, 'mend', 'refuse')
  oneOf('count', o.count, 'exact', 'at_least', 'none')
  const countTo = o.count_to ?? 0
  if (countTo < 0 || (countTo > 0 && o.count !== 'at_least'))
    wrong('count_to', String(countTo), '1 or more, and only with count "at_least"')
  oneOf('unknown', o.unknown, 'ride', 'note', 'drop', 'refuse')
  if (o.prefix && (!/^[A-Za-z][A-Za-z0-9]{0,15}[._-]$/.test(o.prefix) || r.isAside(o.prefix)))
    wrong('prefix', quoted(o.prefix), 'a letter, up to 15 letters and digits, then ".", "_" or "-", such as "a."')
  oneOf('repeat', o.repeat, 'last', 'list')
  oneOf('keep.what', o.keep?.what, 'all', 'declared', 'listed')
  const kept = o.keep?.names ?? []
  if (kept.length > 0 && o.keep?.what !== 'listed')
    wrong('keep.names', `[${kept.slice(0, 10).map(quoteText).join(' ')}]`, 'none, or keep.what "listed"')
  checkFaults(r, wrong, oneOf)
  if (!o.key?.length && (r.byCursor || o.params?.after || o.params?.before))
    wrong('key', 'no key', 'the field or fields that identify a record, which cursors need')
  if (o.offset_as_is && !r.byOffset) wrong('offset_as_is', 'true', 'addressing "offset" as well')
  if ((o.max_offset ?? 0) < 0) wrong('max_offset', String(o.max_offset), '0 (the default) or more')

  // Sizes.
  between('size.cap', o.size?.cap, 0, sizeLimit)
  between('size.default', o.size?.default, 0, sizeLimit)
  between('size.all', o.size?.all, 0, sizeLimit)
  if ((o.size?.default ?? 0) > r.cap) wrong('size.default', String(o.size?.default), `at most size.cap, ${r.cap}`)
  const offered = o.size?.offered ?? []
  offered.forEach((size, i) => {
    if (size < 1 || size > r.cap) wrong(`size.offered[${i}]`, String(size), `1 to size.cap, ${r.cap}`)
    else if (offered.indexOf(size) < i) wrong(`size.offered[${i}]`, String(size), 'each size once')
  })
  if (o.size?.closed && !r.offered.includes(r.defaultSize))
    wrong('size.default', String(r.defaultSize), `one of the offered sizes [${r.offered.join(' ')}], since only those are served`)

  // Sorts.
  between('max_sort_keys', o.max_sort_keys, 0, sortKeysLimit)
  distinct('key', o.key)
  distinct('search', o.search)
  distinct('show', o.show)
  const keys = (o.sorts ?? []).map((k) => k.key)
  ;(o.sorts ?? []).forEach((k, i) => {
    const entry = `sorts[${i}]`
    if (k.key === '' || k.key.startsWith('-') || /[, \t]/.test(k.key) || bytes(k.key) > nameBytes)
      wrong(entry + '.key', quoted(k.key), 'a name without comma or space that does not begin with "-"')
    else if (keys.indexOf(k.key) < i) wrong(entry + '.key', quoteText(k.key), 'each sort key once')
    oneOf(entry + '.first', k.first, 'asc', 'desc')
    distinct(entry + '.fields', k.fields)
  })
  try {
    read(new Rules({ sorts: o.sorts, max_sort_keys: o.max_sort_keys, on_fault: 'refuse' }), 'sort=' + write(toBytes(o.default_sort ?? '')))
  } catch (err) {
    if (!(err instanceof Refusal)) throw err
    wrong('default_sort', quoted(o.default_sort ?? ''), 'only sort keys of sorts, each once, at most max_sort_keys: ' + err.faults[0]!.says)
  }

  checkFilters(r, wrong)
  checkNames(r, wrong)

  // Shapes.
  between('ladder.reach', o.ladder?.reach, 0, 50)
  between('ladder.tips', o.ladder?.tips, 0, 10)
  ;(o.origins ?? []).forEach((origin, i) => {
    if (baseFault(origin, [origin]) !== '' || origin.startsWith('/') || origin.split('/').length !== 3 || /[{}]/.test(origin))
      wrong(`origins[${i}]`, quoted(origin), 'a scheme and a host, such as https://saltmere.example')
  })
  const fault = o.base ? baseFault(o.base, o.origins ?? []) : ''
  if (fault !== '') wrong('base', quoted(o.base!), fault.slice(`paging: base ${quoted(o.base!)}: `.length))
  return mistakes
}

type Wrong = (entry: string, found: string, want: string) => void

function baseFault(base: string, origins: string[]): string {
  try {
    parseTemplate(base, ...origins)
    return ''
  } catch (err) {
    return (err as Error).message
  }
}

function checkFaults(r: Rules, wrong: Wrong, oneOf: (entry: string, found: string | undefined, ...words: string[]) => void): void {
  const faults = (r.options.faults ?? {}) as Record<string, string>
  for (const kind of Object.keys(faults).sort()) {
    const entry = 'faults.' + kind
    if (!(codes as readonly string[]).includes(kind)) wrong(entry, 'an unknown code', 'one of ' + wordList(codes))
    else if (kind === 'offset.over_max' && faults[kind] === 'mend') wrong(entry, '"mend"', '"refuse": nothing mends it')
    else if (kind === 'param.unknown') wrong(entry, quoted(faults[kind]!), 'the entry "unknown"')
    else if (faults[kind] === '') wrong(entry, '""', '"mend", "refuse"')
    else oneOf(entry, faults[kind], 'mend', 'refuse')
  }
  const pastLast = r.options.past_last
  if (faults['page.past_last'] === 'refuse' && pastLast && pastLast !== 'refuse')
    wrong('faults.page.past_last', '"refuse"', `past_last ${quoted(pastLast)} or "refuse", not both`)
  if (faults['page.past_last'] === 'mend' && pastLast === 'refuse')
    wrong('faults.page.past_last', '"mend"', 'past_last other than "refuse"')
}

function checkFilters(r: Rules, wrong: Wrong): void {
  ;(r.options.filters ?? []).forEach((f, i) => {
    const entry = `filters[${i}]`
    if (f.field === '' || bytes(f.field) > nameBytes) wrong(entry + '.field', quoted(f.field), "a field's name")
    const offered: readonly string[] | undefined = operatorsOf[f.type || 'text']
    const operators: string[] = f.operators ?? []
    if (!offered) wrong(entry + '.type', quoted(f.type ?? ''), wordList(valueTypes))
    else if (operators.length > offered.length)
      wrong(entry + '.operators', `${operators.length} operators`, 'each once, of ' + wordList(offered))
    else
      operators.forEach((op, j) => {
        if (!offered.includes(op) || operators.indexOf(op) < j)
          wrong(`${entry}.operators[${j}]`, quoted(op), 'each once, of ' + wordList(offered))
      })
  })
}

/** Checks that no two parameters have one name. */
function checkNames(r: Rules, wrong: Wrong): void {
  const owner = new Map<string, string>()
  const claim = (name: string, entry: string) => {
    const taken = owner.get(name)
    if (name === '' || bytes(name) > nameBytes + bytes(r.prefix) || name.includes('\0'))
      wrong(entry, quoted(name), 'a name of 1 to 200 bytes')
    else if (r.isAside(name))
      wrong(entry, quoteText(name), `a name that does not begin with ${quoteText(r.aside)}, which speaks to the service`)
    else if (taken !== undefined) wrong(entry, quoteText(name), `a name that ${taken} does not have`)
    else owner.set(name, entry)
  }
  const p = r.options.params ?? {}
  const { prefix } = r
  const inForce = r.byOffset
    ? { offset: p.offset || 'offset', limit: p.limit || 'limit' }
    : { page: r.byCursor ? '' : p.page || 'page', size: p.size || 'size' }
  const names = {
    ...inForce,
    after: r.names.after && (p.after || 'after'),
    before: r.names.before && (p.before || 'before'),
    sort: p.sort || 'sort',
    row: p.row || 'row',
    search: r.options.search?.length ? p.search || 'q' : '',
    fields: r.options.show?.length ? p.fields || 'fields' : '',
    direction: p.direction ?? '',
  }
  for (const [entry, name] of Object.entries(names)) if (name !== '') claim(prefix + name, 'params.' + entry)
  r.filters.forEach((f, i) => {
    if (f.field === '') return
    for (const op of operatorsOf[f.type] ?? []) claim(withOperator(r.paramOf(f), op), `filters[${i}]`)
  })
}
