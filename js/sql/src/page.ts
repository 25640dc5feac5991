// Reads a page of one's own records in one call.

import { atLeast, exact, notCounted, type Ask, type Page, type Place, type Total } from '@pageladder/core'
import { fieldAt, MovedError, PlaceError, quoted, StatementError } from './mistake.js'
import { everywhere, type Question, type Region } from './question.js'
import type { List, Where } from './table.js'
import type { Statement } from './writer.js'

/** A row as a driver returned it: the values of its columns, in their order. */
export type Row = unknown[]

/** What is to be read: it gives statements one after the other, gets the rows of each, and ends with a result. */
export type Work<T> = Generator<Statement, T, Row[]>

/** A database, over a driver of it: see postgresDatabase, mysqlDatabase and sqliteDatabase. */
export interface Database {
  /** Runs the statements of a work, in one snapshot of the database if that is true. */
  run<T>(work: () => Work<T>, snapshot: boolean): Promise<T>
}

/** A record: the values of the fields that the caller asked for, as JSON.stringify writes them as the service does. */
export type Fields = Record<string, unknown>

/** A page with its records. */
export interface Read<T> {
  page: Page
  records: T[]
}

/** One value of a field, as a query has it, and how many records have it; null stands for records without one. */
export interface Facet {
  value: string | null
  count: number
}

/**
 * Settles an ask and reads its records. The total is counted as far as the rules say, and not at all where they say "none"; count and records are of one snapshot. Records have
 * the fields that the caller asked for or, where callers cannot choose, those that the rules show or, without any, all.
 *
 * Throws a Refusal, a MovedError, a StatementError for what is wrong with the list, or the driver's error.
 */
export async function readPage<T extends object = Fields>(db: Database, list: List, ask: Ask, own?: Where): Promise<Read<T>> {
  if (ask.cursor()) {
    const found = await pageAt<T>(db, list, ask.settle(notCounted()), own)
    return 'mended' in found ? readPage(db, list, found.mended, own) : found
  }
  const q = list.ask(ask, own)
  if (ask.rules.options.count === 'none') return readSettled(db, q, ask.settle(notCounted()))
  return db.run(function* () {
    return yield* pageOf<T>(q, ask.settle(yield* count(q, ask)))
  }, true)
}

/**
 * Reads the records of a page that was settled on a total of your own, such as a remembered one, and closes the page. Throws a MovedError if other records were read than the total
 * says; other errors are those of readPage.
 */
export async function readRecords<T extends object = Fields>(db: Database, list: List, settled: Page, own?: Where): Promise<Read<T>> {
  if (settled.ask.cursor()) {
    const found = await pageAt<T>(db, list, settled, own)
    if (!('mended' in found)) return found
    settled = found.mended.settle(settled.total)
  }
  return readSettled(db, list.ask(settled.ask, own), settled)
}

/**
 * Counts the records with each value of some fields: the most frequent first, at most so many of each field. Each field is counted under the search and all conditions except its
 * own. Values that no query can hold are left out. Errors are those of readPage.
 */
export async function readFacets(
  db: Database,
  list: List,
  ask: Ask,
  fields: string[],
  limit: number,
  own?: Where,
): Promise<Record<string, Facet[]>> {
  if (!(limit >= 1)) throw new StatementError('limit', `found ${limit} as the most values of a field; right would be 1 or more`)
  const q = list.ask(ask, own)
  return db.run(function* () {
    const all: Record<string, Facet[]> = {}
    for (const field of fields) {
      const facets: Facet[] = (all[field] = [])
      for (const [given, n] of yield q.facet(field, limit)) {
        try {
          facets.push({ value: list.text(field, given), count: Number(n) })
        } catch (err) {
          if (!(err instanceof StatementError)) throw err
        }
      }
    }
    return all
  }, true)
}

/** Reads a page whose total is known or not wanted. If its order is one region, a single statement does it, without a snapshot. */
const readSettled = <T extends object>(db: Database, q: Question, settled: Page): Promise<Read<T>> =>
  db.run(() => pageOf<T>(q, settled), q.regions().length > 1)

function* number(s: Statement): Work<bigint> {
  const rows = yield s
  return BigInt(rows[0]![0] as string | number | bigint)
}

/** Counts as far as the rules say. */
function* count(q: Question, ask: Ask): Work<Total> {
  const { count, count_to } = ask.rules.options
  const most = count_to || 10_000
  if (count !== 'at_least') return exact(yield* number(q.count()))
  const n = yield* number(q.count(everywhere, most + 1))
  return n > most ? atLeast(most) : exact(n)
}

/** Records with their places. */
interface Found<T> {
  records: T[]
  places: Row[]
}

function* pageOf<T extends object>(asked: Question, settled: Page): Work<Read<T>> {
  const reader = new Reader<T>(asked, settled.ask)
  const fetched = settled.fetch
  if (fetched === 0) return { page: settled, records: [] }
  let q = asked
  let offset = BigInt(settled.offset)
  const { is, records: total } = settled.total
  const behind = total - offset - BigInt(fetched)
  const reversed = is === 'exact' && behind < offset
  if (reversed) [q, offset] = [q.reversed(), behind] // from the nearer end
  const found = yield* reader.walk(q, q.regions(), offset, fetched)
  if ((is === 'exact' || is === 'remembered') && found.records.length !== fetched) throw new MovedError()
  if (reversed) reverse(found)
  return reader.close(settled.received(found.records.length), found, false)
}

function reverse(found: Found<unknown>): void {
  found.records.reverse()
  found.places.reverse()
}

const sameText = (a: (string | null)[], b: (string | null)[], at = a.keys()) => [...at].every((i) => a[i] === b[i])

/** Reads a page that is asked for by a cursor. If the cursor holds a value that its field cannot have, it gives the ask without the cursor instead. */
async function pageAt<T extends object>(db: Database, list: List, settled: Page, own?: Where): Promise<Read<T> | { mended: Ask }> {
  const { ask } = settled
  const { at, backward } = ask.cursor()!
  const q = list.ask(ask, own)
  try {
    return await db.run(() => seek<T>(q, settled, at, backward), true)
  } catch (err) {
    const says = misplaced(err)
    if (says === '') throw err
    return { mended: ask.misplaced(says) }
  }
}

/** Reads what follows a place or, backward, what precedes it. As a rule the record of the place is still there, and one read is enough. */
function* seek<T extends object>(q: Question, settled: Page, at: Place, backward: boolean): Work<Read<T>> {
  const reader = new Reader<T>(q, settled.ask)
  const [onward, back] = backward ? [q.reversed(), q] : [q, q.reversed()]
  const read = (after: boolean, limit: number) => reader.walk(onward, after ? onward.after(at.values) : onward.from(at.values), 0n, limit)
  const limit = settled.fetch
  const without = at.behind !== backward // the record of the place is on the other side
  let found = yield* read(false, without ? limit + 1 : limit)
  let behind: boolean | undefined
  if (without && found.records.length > 0) {
    const first = q.place(found.places[0]!)
    const key = q.ordered.flatMap((o, i) => (q.list.table.byKey?.includes(o.field) ? [i] : []))
    if (sameText(first, at.values)) {
      found.records.shift()
      found.places.shift()
      behind = true
    } else if (sameText(first, at.values, key.values())) found = yield* read(true, limit) // it has moved on, or is written otherwise now
  }
  found.records.length = found.places.length = Math.min(found.records.length, limit)
  if (behind === undefined) behind = yield* there(back, without ? back.from(at.values) : back.after(at.values))
  const page = settled.received(found.records.length)
  found.records.length = found.places.length = page.rows
  if (backward) reverse(found)
  return reader.close(page, found, behind)
}

/** Whether some regions have a record. */
function* there(q: Question, regions: Region[]): Work<boolean> {
  for (const r of regions) if ((yield q.rows([], r, 0, 1)).length > 0) return true // in order, so that an index can be used
  return false
}

/** Says what is wrong with a cursor's value, if that caused an error; "" otherwise. */
function misplaced(err: unknown): string {
  if (err instanceof PlaceError) return `the cursor holds ${quoted(err.found)} for ${err.field}; right would be ${err.want}`
  const code = (err as { code?: unknown } | null)?.code
  return typeof code === 'string' && /^22...$/.test(code) ? "the cursor holds a value that is not of its field's type" : '' // data exception
}

/** Makes records of rows. */
class Reader<T extends object> {
  private readonly list: List
  private readonly fields: string[]
  private readonly placed: boolean

  constructor(
    private readonly q: Question,
    ask: Ask,
  ) {
    this.list = q.list
    this.fields = ask.fields ?? q.list.fields
    this.placed = ask.rules.cursors
  }

  /** Reads as many records from an offset of some regions on. */
  *walk(q: Question, regions: Region[], offset: bigint, limit: number): Work<Found<T>> {
    const found: Found<T> = { records: [], places: [] }
    for (const [i, r] of regions.entries()) {
      const rows = yield this.placed ? q.placed(this.fields, r, offset, limit) : q.rows(this.fields, r, offset, limit)
      for (const row of rows) {
        found.records.push(this.record(row))
        if (this.placed) found.places.push(row.slice(this.fields.length))
      }
      limit -= rows.length
      if (limit <= 0) break
      if (rows.length > 0) offset = 0n
      else if (offset > 0n && i < regions.length - 1) offset -= yield* number(q.count(r, offset)) // the region ends before the offset: how much of it is that?
    }
    return found
  }

  private record(row: Row): T {
    const record: Fields = {}
    this.fields.forEach((name, i) => (record[name] = plainValue(this.list, name, row[i])))
    return record as T
  }

  /** Cuts the records of a page to its rows, and gives the page the places of its ends. Of a list without places it gives none. */
  close(page: Page, { records, places }: Found<T>, behind: boolean): Read<T> {
    records = records.slice(0, page.rows)
    if (!this.placed || records.length === 0) return { page: page.withEnds(null, null, behind), records }
    try {
      return { page: page.withEnds(this.q.place(places[0]!), this.q.place(places[records.length - 1]!), behind), records }
    } catch (err) {
      if (err instanceof StatementError || err instanceof PlaceError) return { page, records }
      throw err
    }
  }
}

/** A value as JSON.stringify writes it best. What is not of its field's type, such as a NaN, stays as the driver has it. */
function plainValue(list: List, name: string, v: unknown): unknown {
  if (v === null || v === undefined) return null
  const { type } = list.field(name)
  if (type === 'json') return v instanceof Uint8Array || typeof v === 'string' ? parsed(name, v) : v
  let text: string | null
  try {
    text = list.text(name, v)
  } catch (err) {
    if (!(err instanceof StatementError)) throw err
    return typeof v === 'bigint' ? String(v) : v
  }
  if (type === 'integer' || type === 'decimal') return Number(text)
  return type === 'boolean' ? text === 'true' : text
}

function parsed(name: string, v: Uint8Array | string): unknown {
  try {
    return JSON.parse(typeof v === 'string' ? v : new TextDecoder().decode(v))
  } catch {
    throw new StatementError(fieldAt(name), 'found a value that is no JSON')
  }
}
