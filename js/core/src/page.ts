// A settled page: its number, its offset and limit and its rows are final.

import { Ask, allSize, type Condition } from './ask.js'
import type { Base } from './base.js'
import type { Code } from './code.js'
import { writeCursor } from './cursor.js'
import { faultOf, Refusal } from './fault.js'
import { Links } from './links.js'
import { add, counted, grouped, least, maxInteger, most, times, whole, type Whole } from './number.js'
import { valueOf } from './query.js'
import { shown, trim } from './text.js'

/** How many records there are, and how well that is known. */
export interface Total {
  readonly is: 'exact' | 'at_least' | 'none' | 'remembered'
  readonly records: bigint
  /** Seconds since a remembered total was counted. */
  readonly age?: number
}

/** A counted total. */
export const exact = (n: number | bigint): Total => ({ is: 'exact', records: counted(n) })
/** A total of which only a lower bound is known. */
export const atLeast = (n: number | bigint): Total => ({ is: 'at_least', records: counted(n) })
/** A total of which nothing is known. */
export const notCounted = (): Total => ({ is: 'none', records: 0n })
/** A total that was exact some seconds ago. Pages are settled on it as on an exact one. */
export const remembered = (n: number | bigint, age: number): Total => ({ is: 'remembered', records: counted(n), age: Number(counted(age)) })

const isKnown = (total: Total) => total.is === 'exact' || total.is === 'remembered'

/** How many pages of a size records fill; none have one, empty page. */
const pagesOf = (total: Total, size: number): bigint => most((total.records + BigInt(size) - 1n) / BigInt(size), 1n)

/** What an answer says about its page, as it stands on the wire. */
export interface Metadata {
  page: Whole | null
  size: number
  total_pages: Whole | null
  total_items: Whole | null
  total_is: Total['is']
  total_at_least?: Whole
  total_age?: number
  first_row: Whole | null
  last_row: Whole | null
  rows_here: number
  offset: Whole | null
  limit: number
  sort: string
  search?: string
  filters: Condition[]
  is_first: boolean
  is_last: boolean
  /** In English: "41–60 of 168". */
  summary: string
}

/** The tokens of a page's ends. */
export interface Cursors {
  after?: string
  before?: string
  /** Why a token is missing. */
  why?: string
}

/** One settled page. It does not change. */
export class Page {
  /** @internal */ number = 0n
  /** @internal The pages that are known to be there. */ pages = 1n
  /** @internal */ start = 0n
  /** @internal */ rowsHere = 0
  /** @internal It is past the last page, and was left there. */ past = false
  /** @internal It is known how many records there are. */ closed = false
  /** @internal */ more = false
  /** @internal There are records on the other side of the cursor. */ behind = false
  /** @internal */ ends: { after: string; before: string; why: string } = { after: '', before: '', why: '' }

  /** @internal */
  constructor(
    /** The ask that the page was settled from, with what settling has changed. */
    readonly ask: Ask,
    /** @internal */ private sum: Total,
  ) {}

  /** The total; after received it may be exact. */
  get total(): Total {
    return this.sum
  }

  private copy(): Page {
    return Object.assign(new Page(this.ask.copy(), this.total), { ...this, ask: this.ask.copy() })
  }

  /** The number of records on a full page: the LIMIT of SQL. */
  get size(): number {
    return this.ask.size
  }

  /** The number of records before the page: the OFFSET of SQL. */
  get offset(): Whole {
    return whole(this.start)
  }

  /** The number of records on the page, as far as is known. */
  get rows(): number {
    return this.rowsHere
  }

  /** The number of records to read: one more than the page holds if the total is not known, so that received finds out whether more follow. */
  get fetch(): number {
    return this.closed ? this.rowsHere : this.size + 1
  }

  /** The same page, when fetch records were asked for and so many were received. Throws a Refusal if that is none and the rules refuse such pages. */
  received(received: number): Page {
    if (this.closed) return this
    const page = this.copy()
    page.close(received)
    return page
  }

  private close(received: number): void {
    const r = this.ask.rules
    this.closed = true
    this.rowsHere = Math.min(Math.max(received, 0), this.size)
    this.more = received > this.size
    if (this.seeks) return
    if (this.more) this.pages = most(this.pages, add(this.number, 1n))
    else if (this.rowsHere > 0 || this.start === 0n) {
      if (r.byCursor) return // nobody has counted
      this.sum = exact(add(this.start, BigInt(this.rowsHere)))
      this.pages = pagesOf(this.total, this.size)
    } else if (r.pastLast === 'refuse') {
      this.ask.refuse(this.posParam, this.given, 'page.past_last', `page ${this.number} is past the last page`)
      this.ask.throwFaults()
    } else {
      this.past = true
      this.pages = least(this.pages, this.number - 1n)
      if (this.total.is === 'none') this.pages = this.number - 1n // one page back is the best that is known
    }
  }

  /**
   * The same page, with the values of its first and last record in the fields of the order, in the canonical form of their types or as the
   * database writes them (null: missing; no lists: no records). For a page that was asked for by a cursor, behind says whether there are records on its other side.
   */
  withEnds(first: (string | null)[] | null, last: (string | null)[] | null, behind = false): Page {
    const page = this.copy()
    page.behind = behind
    const n = this.ask.rules.names
    if (!this.ask.rules.cursors) return page
    const list = this.ask.cursorList()
    if (!list) page.ends = { after: '', before: '', why: 'the list is sorted by a field that is not shown, and no key seals its cursors' }
    else if (!first || !last)
      page.ends = { after: this.ask.token, before: this.ask.token, why: '' } // where the records would be
    else {
      page.ends = {
        after: writeCursor(list, { values: last, behind: true }),
        before: writeCursor(list, { values: first, behind: false }),
        why: '',
      }
      if (page.ends.after === '' || page.ends.before === '') page.ends.why = "a record's values make a cursor longer than 1,024 bytes"
    }
    if (n.after === '') page.ends.after = ''
    if (n.before === '') page.ends.before = ''
    return page
  }

  /** The tokens of the page's ends, once they are known; undefined if the rules name no parameters for them. */
  cursors(): Cursors | undefined {
    const { after, before, why } = this.ends
    if (after + before + why === '') return undefined
    return { ...(after && { after }), ...(before && { before }), ...(why && { why }) }
  }

  /** The links of the page on a base. */
  on(base: Base): Links {
    return new Links(this, base)
  }

  metadata(): Metadata {
    const known = isKnown(this.total)
    const byNumber = !this.seeks && !this.ask.rules.byCursor
    const rows = this.rowsHere > 0 && !this.seeks
    return {
      page: byNumber ? whole(this.current) : null,
      size: this.size,
      total_pages: known && byNumber ? whole(this.pageCount) : null,
      total_items: known ? whole(this.total.records) : null,
      total_is: this.total.is,
      ...(this.total.is === 'at_least' && this.atLeast > 0n && { total_at_least: whole(this.atLeast) }),
      ...(known && this.total.age && { total_age: this.total.age }),
      first_row: rows ? whole(this.firstRow) : null,
      last_row: rows ? whole(this.lastRow) : null,
      rows_here: this.rowsHere,
      offset: this.seeks ? null : whole(this.start),
      limit: this.size,
      sort: this.ask.sorted,
      ...(this.ask.search && { search: this.ask.search }),
      filters: this.ask.conditions(),
      is_first: !this.hasPrev,
      is_last: !this.hasNext,
      summary: this.summary(),
    }
  }

  private summary(): string {
    const count = this.total.records
    const known = isKnown(this.total)
    if (this.seeks) {
      const rows = grouped(this.rowsHere)
      if (this.rowsHere === 0 && (!known || count === 0n)) return 'no records'
      if (known) return `${this.rowsHere === 0 ? 'none' : rows} of ${grouped(count)}`
      return rows + (this.rowsHere === 1 ? ' record' : ' records')
    }
    if (known && count === 0n) return 'no records'
    let rows = 'none'
    if (this.rowsHere === 1) rows = grouped(this.firstRow)
    else if (this.rowsHere > 1) rows = `${grouped(this.firstRow)}–${grouped(this.lastRow)}`
    if (known) return `${rows} of ${grouped(count)}`
    return this.total.is === 'at_least' ? `${rows} of at least ${grouped(this.atLeast)}` : rows
  }

  private get firstRow(): bigint {
    return add(this.start, 1n)
  }
  private get lastRow(): bigint {
    return add(this.start, BigInt(this.rowsHere))
  }
  /** How many records are known to be there. */
  private get atLeast(): bigint {
    return this.rowsHere === 0 || this.seeks ? this.total.records : most(this.total.records, this.lastRow)
  }

  /** @internal */ get known(): boolean {
    return isKnown(this.total)
  }
  /** @internal Whether it was asked for by a cursor: its position is not known. */ get seeks(): boolean {
    return this.ask.place !== undefined
  }
  /** @internal */ get current(): bigint {
    return most(this.number, 1n)
  }
  /** @internal */ get pageCount(): bigint {
    return most(this.pages, 1n)
  }
  /** @internal */ get hasPrev(): boolean {
    if (!this.seeks) return this.start > 0n
    return this.ask.backward ? this.more : this.behind
  }
  /** @internal */ get hasNext(): boolean {
    if (this.seeks) return this.ask.backward ? this.behind : this.more
    if (this.past) return false
    if (this.known) return this.total.records - this.start > BigInt(this.size)
    return this.closed ? this.more : this.number < this.pages // until received
  }
  /** @internal Whether it is not known how many pages follow. */ get open(): boolean {
    return !this.known && (this.more || !this.closed)
  }
  /** @internal A page's value on links: its number, its offset or, by cursor, its first row. */
  position(number: bigint): bigint {
    const r = this.ask.rules
    if (!r.byCursor && !r.byOffset) return number
    const offset = times(number - 1n, BigInt(this.size))
    return r.byCursor ? add(offset, 1n) : offset
  }
  /** @internal The offset of the first record in view; past the last page, that of the last record. */
  get firstInView(): bigint {
    return this.known ? least(this.start, most(this.total.records - 1n, 0n)) : this.start
  }
  /** @internal The parameter that the page was asked for by. */
  get posParam(): string {
    const { names, byCursor } = this.ask.rules
    return this.ask.row > 0n || byCursor ? names.row : names.page
  }
  /** @internal Its value in the query. */
  get given(): string {
    if (this.ask.row > 0n) return String(this.ask.row)
    return this.ask.given.page ? valueOf(this.ask.given.page.last) : ''
  }
}

export function settle(asked: Ask, total: Total): Page {
  const a = asked.copy()
  const p = new Page(a, total)
  const r = a.rules
  if (a.all && p.known && total.records > BigInt(a.size)) {
    a.fault(
      r.names.size,
      allSize,
      String(a.size),
      'size.over_cap',
      `all of this list is more than the ${a.size} records that are given at once`,
    )
    a.throwFaults()
    a.all = false // links carry the size that is used
  }
  p.pages = pagesOf(total, a.size)
  if (p.seeks) return p
  const size = BigInt(a.size)
  if (a.row > 0n) p.start = ((a.row - 1n) / size) * size
  else if (r.byOffset) {
    p.start = a.pos
    if (!r.options.offset_as_is && p.start % size !== 0n) {
      p.start -= p.start % size
      a.fault(p.posParam, p.given, String(p.start), 'offset.rounded', 'the offset is rounded down to the start of a page')
      a.throwFaults()
    }
  } else p.start = times(a.pos - 1n, size)
  p.number = r.byOffset || a.row > 0n ? add(p.start / size, 1n) : a.pos // also if the offset is beyond 64 bits
  if (!p.known) {
    if (p.start > r.maxOffset) refuse(p, 'offset.over_max', `where the total is not known, at most ${r.maxOffset} records can be skipped`)
    return p
  }
  if (p.start >= total.records && p.start > 0n) settlePastLast(p)
  p.closed = true
  if (!p.past) p.rowsHere = Number(least(size, total.records - p.start))
  return p
}

function refuse(p: Page, why: Code, reason: string): never {
  throw new Refusal([...p.ask.faults, faultOf(p.posParam, p.given, why, reason)])
}

/** Does what the rules say about a page past the last one. */
function settlePastLast(p: Page): void {
  const a = p.ask
  const r = a.rules
  const size = BigInt(a.size)
  const given = shown(trim(p.given))
  let reason = `page ${given} is past the last page, ${p.pages}`
  if (a.row > 0n) reason = `row ${given} is past the last record`
  else if (r.byOffset) reason = `offset ${given} is past the last record`
  const kind = r.pastLast
  if (kind === 'refuse' && p.total.records > 0n) refuse(p, 'page.past_last', reason) // an empty set has one empty page that is never refused
  if (kind === 'empty') {
    p.past = true
    // As asked for, but no larger than a JSON number can express exactly.
    const limit = most(p.total.records, maxInteger)
    if (!r.byOffset) {
      p.number = least(p.number, most(p.pages, maxInteger))
      p.start = least(times(p.number - 1n, size), limit)
      return
    }
    p.start = least(p.start, limit)
    if (!r.options.offset_as_is) p.start -= p.start % size
    p.number = add(p.start / size, 1n)
    return
  }
  p.number = kind === 'first' ? 1n : p.pages
  p.start = times(p.number - 1n, size)
  a.adjust(p.posParam, p.given, String(p.position(p.number)), 'page.past_last', reason)
}
