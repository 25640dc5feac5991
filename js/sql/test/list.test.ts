import assert from 'node:assert/strict'
import { test } from 'node:test'
import { exact, Refusal, remembered, Rules, type RulesOptions } from '@pageladder/core'
import {
  fold,
  foldedWords,
  forSearch,
  List,
  lower,
  MovedError,
  readFacets,
  readPage,
  readRecords,
  sortKey,
  sqliteDatabase,
  StatementError,
  type Field,
} from '@pageladder/sql'
import fc from 'fast-check'
import sqlite from 'node-sqlite3-wasm'

const names = ['Øst Gull', 'ost gull', 'Äb', 'ab', 'Ab', 'áb', 'a b', 'a-b', '3 Terns', '10 Terns', 'Zulu', 'ζ', 'ж', '']
const options: RulesOptions = {
  key: ['id'],
  params: { after: 'after', before: 'before' },
  sorts: [{ key: 'name' }, { key: 'day' }, { key: 'at' }],
  filters: [{ field: 'name' }, { field: 'day', type: 'date' }, { field: 'at', type: 'time' }],
  search: ['name'],
  size: { cap: 1000 },
}
const rules = new Rules(options)
const fields: Record<string, Field> = {
  id: { sql: 'id', type: 'integer' },
  name: { sql: 'name', lower: 'lower_case(name)', sortedBy: { sql: 'name_key', key: sortKey } },
  day: { sql: 'day', type: 'date', nullable: true },
  at: { sql: 'at', type: 'time', layout: 'unixmilli', nullable: true },
}

function boats(): { file: InstanceType<typeof sqlite.Database>; list: List } {
  const file = new sqlite.Database(':memory:')
  file.function('lower_case', lower, { deterministic: true })
  file.exec('create table boats (id integer primary key, name text, name_key text, words text, day text, at integer, harbour text)')
  names.forEach((name, i) =>
    file.run('insert into boats (name, name_key, words, day, at, harbour) values (?, ?, ?, ?, ?, ?)', [
      name,
      sortKey(name),
      forSearch(name),
      i % 3 === 0 ? null : `2026-03-0${i % 3}`,
      i % 4 === 0 ? null : Date.UTC(2026, 2, 1, i, 0, 0, 250),
      i % 2 === 0 ? 'Saltmere' : 'Elsewhere',
    ]),
  )
  return {
    file,
    list: new List({ dialect: 'sqlite', from: 'boats', fields, words: 'words', splitWords: foldedWords, byKey: ['id'] }, rules),
  }
}

interface Boat {
  id: number
  name: string
  day: string | null
  at: string | null
}

test('a list is read as it is asked for, under a condition of its own', async () => {
  const { file, list } = boats()
  const db = sqliteDatabase(file)
  const here = { sql: 'harbour = ?', args: ['Saltmere'] }
  const read = (query: string, where?: typeof here) => readPage<Boat>(db, list, rules.read(query), where)
  const all = await read('sort=name&size=100')
  assert.deepEqual(
    all.records.map((r) => r.name),
    ['', '10 Terns', '3 Terns', 'a-b', 'ab', 'Ab', 'áb', 'Äb', 'a b', 'ost gull', 'Øst Gull', 'Zulu', 'ζ', 'ж'].sort((a, b) =>
      sortKey(a) < sortKey(b) ? -1 : 1,
    ),
  )
  assert.equal((await read('', here)).page.metadata().total_items, 7)
  assert.equal((await read('name.has=B&size=100')).page.metadata().total_items, 6)
  assert.equal((await read('name.has=%C3%84')).records[0]?.name, 'Äb')
  assert.deepEqual(
    (await read('q=OST+gu')).records.map((r) => r.id),
    [1, 2],
  )
  assert.equal((await read('at.min=2026-03-01T13:00:00Z')).records[0]?.at, '2026-03-01T13:00:00.25Z')
  assert.equal((await read('day=2026-03-01')).records[0]?.day, '2026-03-01')
  assert.deepEqual(await readFacets(db, list, rules.read('day=2026-03-01'), ['day'], 2, here), {
    day: [
      { value: null, count: 3 },
      { value: '2026-03-01', count: 2 },
    ],
  })
  const fixed = list.where(rules.read('name=ab&name=Zulu').conditions())
  assert.equal((await read('', fixed as typeof here)).page.metadata().total_items, 2)
})

test('cursors lead through a list that is sorted by keys of its texts, both ways', async () => {
  const { file, list } = boats()
  const db = sqliteDatabase(file)
  for (const order of ['name', '-name', 'day,-name', '-at']) {
    const whole = (await readPage<Boat>(db, list, rules.read(`sort=${order}&size=100`))).records.map((r) => r.id)
    for (const [way, start] of [
      ['after', ''],
      ['before', `&page=${Math.ceil(names.length / 3)}`],
    ] as const) {
      let { page, records } = await readPage<Boat>(db, list, rules.read(`sort=${order}&size=3${start}`))
      let seen = records.map((r) => r.id)
      for (let token = page.cursors()?.[way]; token && records.length > 0; token = page.cursors()?.[way]) {
        ;({ page, records } = await readPage<Boat>(db, list, rules.read(`sort=${order}&size=3&${way}=${token}`)))
        seen = way === 'after' ? [...seen, ...records.map((r) => r.id)] : [...records.map((r) => r.id), ...seen]
      }
      assert.deepEqual(seen, whole, `${order} ${way}`)
    }
  }
})

test('a page of a total of your own says where it does not fit', async () => {
  const { file, list } = boats()
  const db = sqliteDatabase(file)
  const page = (n: number) => rules.read('size=5&page=3').settle(remembered(n, 5))
  assert.equal((await readRecords(db, list, page(14))).records.length, 4)
  await assert.rejects(readRecords(db, list, page(15)), MovedError)
  file.exec('begin') // of the program's own: its records are seen, and it goes on
  file.run("delete from boats where name = 'ab'")
  assert.equal((await readPage(db, list, rules.read(''))).page.metadata().total_items, 13)
  file.exec('rollback')
  assert.equal((await readPage(db, list, rules.read(''))).page.metadata().total_items, 14)
})

test('what is wrong is named', async () => {
  const { file, list } = boats()
  const db = sqliteDatabase(file)
  const wrong: [() => unknown, RegExp][] = [
    [() => new List({ dialect: 'sqlite', from: 'boats', fields: { place1: { sql: 'id' } } }), /field "place1"/],
    [
      () =>
        new List({
          dialect: 'mysql',
          from: 'boats',
          fields: { name: { sql: 'name', collation: 'x', sortedBy: { sql: 'k', key: sortKey } } },
        }),
      /sortedBy/,
    ],
    [() => new List({ dialect: 'sqlite', from: 'boats', fields }, rules), /SQLite cannot take texts apart/],
    [() => list.ask(rules.read(''), { sql: 'harbour = ?' }), /found 1 placeholders and 0 arguments/],
    [() => list.ask(rules.read('')).rows(['id'], undefined, 0.5, 1), /whole number/],
    [() => list.ask(rules.read('')).rows(['id'], undefined, 0, '1; drop table boats' as unknown as number), /whole number/],
    [() => list.text('day', new Date()), /found a value that is a Date/],
    [() => list.text('id', NaN), /found "NaN"/],
  ]
  for (const [make, says] of wrong) assert.throws(make, (err) => err instanceof StatementError && says.test(err.message), String(says))
  const many = rules.read(Array(1001).fill('name=x').join('&'))
  await assert.rejects(readPage(db, list, many), (err) => err instanceof Refusal && err.faults[0]!.param === 'name')
  await assert.rejects(readFacets(db, list, rules.read(''), ['id'], 0), StatementError)
  assert.equal(rules.read('').settle(exact(0)).rows, 0)
})

test('keys sort texts as their letters do, and tell them apart', () => {
  const root = new Intl.Collator('und')
  const word = fc.string({ unit: fc.constantFrom(...'abcxyzABCXYZáàäÁÄøØéñ019'), maxLength: 8 })
  fc.assert(
    fc.property(word, word, (a, b) => {
      assert.equal(sortKey(a) === sortKey(b), a === b)
      const apart = root.compare(fold(a), fold(b))
      if (apart !== 0) assert.equal(Math.sign(apart), sortKey(a) < sortKey(b) ? -1 : 1, `${a} ${b}`)
    }),
    { numRuns: 2000 },
  )
  assert.deepEqual(
    ['ab', 'Ab', 'áb', 'a-b', 'a b', 'a1', 'a'].sort((a, b) => (sortKey(a) < sortKey(b) ? -1 : 1)),
    ['a', 'a b', 'a-b', 'a1', 'ab', 'Ab', 'áb'],
  )
  assert.equal(lower('ΟΔΟΣ İ'), 'οδοσ i')
})
