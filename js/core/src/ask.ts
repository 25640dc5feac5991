// Reads a query into what the caller asks for.

import type { Code } from './code.js'
import { readCursor, type Place } from './cursor.js'
import { adjustment, faultOf, Refusal, type Adjustment, type Fault, type Note } from './fault.js'
import { nearest } from './nearest.js'
import { counted, most, readNumber } from './number.js'
import { Page, settle, type Total } from './page.js'
import { bytesOf, partsOf, valueOf, type Part, type Role } from './query.js'
import { withOperator, type Filter, type Operator, type ParamName, type Rules } from './rules.js'
import { sortText, readSort, type Order, type SortBy, totalOrder, orderText } from './sort.js'
import { fromBytes, quote, shown, toBytes, trim } from './text.js'
import { canonical, type ValueType } from './value.js'

/** One filter in force. A date alone, of the type time, stands for the whole day in UTC. */
export interface Condition {
  field: string
  type: ValueType
  op: Operator
  /** In the canonical form of the type. */
  values: string[]
  /** The parameter that asked for it. */
  param: string
}

/** Where a parameter stands: the first and the last of its parts. */
interface Occurrence {
  first: Part
  last: Part
}

/** What the caller asks for. It does not change. */
export class Ask {
  /** @internal */
  parts: Part[] = []
  /** @internal The page's number from 1 or, by offset, the offset from 0. */
  pos = 1n
  /** @internal The row whose page is asked for; 0: none. */
  row = 0n
  /** @internal The place to read on from. */
  place: Place | undefined
  /** @internal */
  backward = false
  /** @internal */
  token = ''
  /** @internal */
  size = 0
  /** @internal */
  all = false
  /** @internal */
  sort: SortBy[] = []
  /** @internal */
  ordered: Order[] = []
  /** @internal */
  sorted = ''
  /** @internal */
  filtered: Condition[] = []
  /** The words to look for, one space between; "": none. */
  search = ''
  /** The fields that are asked for; undefined where the rules name none. */
  fields: string[] | undefined
  /** @internal */
  notes = new Map<string, Note>()
  /** @internal */
  faults: Fault[] = []
  /** @internal */
  given: Partial<Record<ParamName, Occurrence>> = {}

  /** @internal */
  constructor(readonly rules: Rules) {}

  /** @internal */
  copy(): Ask {
    const copy = Object.assign(new Ask(this.rules), this)
    copy.notes = new Map([...this.notes].map(([param, note]) => [param, { ...note }]))
    copy.faults = [...this.faults]
    return copy
  }

  /** Settles on a total. Throws a Refusal. */
  settle(total: Total): Page {
    return settle(this, total)
  }

  /** The filters in force. */
  conditions(): Condition[] {
    return this.filtered.map((c) => ({ ...c, values: [...c.values] }))
  }

  /** The total order to read records in. */
  order(): Order[] {
    return this.ordered.map((o) => ({ ...o }))
  }

  /** What has been changed on the way. */
  adjusted(): Adjustment[] {
    return [...this.notes.values()].map((note) => adjustment(this, note))
  }

  /** The place that the caller reads on from, and whether what precedes it is asked for; undefined without a cursor. */
  cursor(): { at: Place; backward: boolean } | undefined {
    return this.place && { at: this.place, backward: this.backward }
  }

  /**
   * The same ask for the first page, without its cursor, and with an adjustment that gives the reason. It is for code that finds a value in the cursor which is not of
   * its field's type: the rules may not know the type. Throws a Refusal, if the rules refuse such cursors.
   */
  misplaced(reason: string): Ask {
    const without = this.copy()
    misplace(without, this.cursorParam, this.token, 'cursor.damaged', reason)
    without.throwFaults()
    return without
  }

  /** The same ask for the page that holds a row, from 1. */
  atRow(row: number): Ask {
    const at = this.copy()
    at.row = most(counted(row), 1n)
    at.place = undefined
    at.token = ''
    at.backward = false
    return at
  }

  /** @internal */
  adjust(param: string, given: string, used: string, why: Code, reason: string): void {
    const note = this.notes.get(param)
    if (note) note.used = used
    else this.notes.set(param, { param, given: shown(given), used, why, reason })
  }

  /** @internal */
  refuse(param: string, given: string, why: Code, reason: string): void {
    this.faults.push(faultOf(param, given, why, reason))
  }

  /** @internal Refuses a fault, or uses another value, as the rules say. */
  fault(param: string, given: string, used: string, why: Code, reason: string): void {
    if (this.rules.refuses(why)) this.refuse(param, given, why, reason)
    else this.adjust(param, given, used, why, reason)
  }

  /** @internal */
  throwFaults(): void {
    if (this.faults.length > 0) throw new Refusal(this.faults)
  }

  /** @internal The value that counts of a parameter, "" without one; that it is given more than once is noted first. */
  value(what: ParamName): string {
    const o = this.given[what]
    if (!o) return ''
    const param = this.rules.names[what]
    const value = valueOf(o.last)
    if (o.first !== o.last)
      this.fault(param, valueOf(o.first), value, 'param.repeated', `${fromBytes(param)} is given more than once and the last one counts`)
    return value
  }

  /** @internal Whether a sort or fields that are given more than once are one list. */
  joined(what: 'sort' | 'fields'): boolean {
    const o = this.given[what]
    return this.rules.options.repeat === 'list' && o !== undefined && o.first !== o.last
  }

  /** @internal What a parameter holds that may have several values, a comma between. */
  list(what: 'sort' | 'fields'): string {
    if (!this.joined(what)) return this.value(what)
    const name = this.rules.names[what]
    return this.parts
      .filter((part) => part.name === name)
      .map(valueOf)
      .join(',')
  }

  /** @internal */
  get cursorParam(): string {
    return this.backward ? this.rules.names.before : this.rules.names.after
  }

  /** @internal The list that cursors of the order belong to; undefined: they would show a field that is not shown. */
  cursorList(): { name: string; order: string } | undefined {
    const show = this.rules.options.show
    if (show?.length && this.ordered.some((o) => !show.includes(o.field))) return undefined
    return { name: this.rules.list, order: this.sorted }
  }
}

/** What each parameter's parts are; the last one given counts, and those before it are dropped. */
const roles = {
  page: 'page',
  size: 'size',
  sort: 'sort',
  row: 'dropped',
  search: 'rides',
  fields: 'fields',
  direction: 'direction',
  after: 'cursor',
  before: 'cursor',
} as const satisfies Record<ParamName, Role>

export function read(rules: Rules, query: string): Ask {
  const a = new Ask(rules)
  a.parts = partsOf(bytesOf(query))
  if (rules.byOffset) a.pos = 0n
  a.parts.forEach((part, i) => {
    const what = rules.paramCalled(part.name)
    if (rules.isAside(part.name)) part.role = 'aside'
    else if (what) {
      const first = a.given[what]?.first ?? part
      if (a.given[what]) a.given[what].last.role = 'dropped'
      a.given[what] = { first, last: part }
      part.role = roles[what]
    } else if (part.name.startsWith(rules.prefix)) {
      const found = filterOf(rules, part.name)
      if (found) readFilter(a, i, found.filter, found.op)
      else readUnknown(a, part)
    }
  })
  readPage(a)
  readSize(a)
  a.sort = readSort(a)
  a.ordered = totalOrder(rules, a.sort)
  a.sorted = orderText(a.ordered)
  readCursors(a)
  readSearch(a)
  readFields(a)
  a.throwFaults()
  return a
}

const notWhole = (given: string) => quote(given) + ' is not a whole number'

function readPage(a: Ask): void {
  const { byOffset, names } = a.rules
  if (a.given.page) {
    const given = a.value('page')
    const n = readNumber(given)
    const [first, kind] = byOffset ? ([0n, 'offset'] as const) : ([1n, 'page'] as const)
    if (n !== undefined && n >= first) a.pos = n
    else if (n === undefined) a.fault(names.page, given, String(first), `${kind}.not_a_number`, notWhole(given))
    else if (byOffset) a.fault(names.page, given, '0', 'offset.below_zero', 'an offset is never below 0')
    else a.fault(names.page, given, '1', 'page.below_first', 'page numbers start at 1')
  } else if (a.given.row) {
    const given = a.value('row')
    const n = readNumber(given)
    if (n !== undefined && n >= 1n) a.row = n
    else if (n === undefined) a.fault(names.row, given, String(a.pos), 'row.not_a_number', notWhole(given))
    else a.fault(names.row, given, String(a.pos), 'row.below_first', 'row numbers start at 1')
  }
}

/** Asks for every record on one page. */
export const allSize = 'all'

function readSize(a: Ask): void {
  const r = a.rules
  a.size = r.defaultSize
  if (!a.given.size) return
  const param = r.names.size
  const given = a.value('size')
  const n = readNumber(given)
  const mend = (size: number, why: Code, reason: string) => {
    a.size = size
    a.fault(param, given, String(size), why, reason)
  }
  if (r.allSize > 0 && trim(given) === allSize) {
    a.size = r.allSize
    a.all = true
  } else if (n !== undefined && r.allSize > 0 && n === BigInt(r.allSize))
    a.size = r.allSize // what "all" of a longer list becomes, on its links
  else if (n === undefined) mend(a.size, 'size.not_a_number', notWhole(given))
  else if (n < 1n) mend(a.size, 'size.below_one', 'a page holds at least 1 record')
  else if (r.options.size?.closed && !r.offered.some((size) => BigInt(size) === n))
    mend(nearestSize(r.offered, n), 'size.not_offered', quote(given) + ' is none of the sizes offered here')
  else if (n > BigInt(r.cap)) mend(r.cap, 'size.over_cap', `at most ${r.cap} records fit on a page here`)
  else a.size = Number(n)
}

/** The nearest of the offered sizes; of two, the smaller. */
function nearestSize(offered: number[], n: bigint): number {
  const distance = (size: number) => (BigInt(size) > n ? BigInt(size) - n : n - BigInt(size))
  return offered.reduce((best, size) =>
    distance(size) < distance(best) || (distance(size) === distance(best) && size < best) ? size : best,
  )
}

const space = /[\t\n\v\f\r \u0085\u00a0\u1680\u2000-\u200a\u2028\u2029\u202f\u205f\u3000]+/

function readSearch(a: Ask): void {
  if (!a.given.search) return
  const param = a.rules.names.search
  const text = a.value('search')
  const checked = canonical('text', text)
  if ('value' in checked) {
    a.search = checked.value
      .split(space)
      .filter((word) => word !== '')
      .join(' ')
    return
  }
  const reason = `${quote(text)} is not ${checked.want}`
  if (a.rules.refuses('filter.bad_value')) {
    a.refuse(param, text, 'filter.bad_value', reason)
    return
  }
  a.given.search.last.role = 'dropped'
  a.adjust(param, text, '', 'filter.bad_value', reason)
}

function readFields(a: Ask): void {
  const show = a.rules.options.show
  a.fields = show?.length ? show : undefined
  if (!a.given.fields || !show) return
  const param = a.rules.names.fields
  const text = a.list('fields')
  const fields: string[] = []
  const unknown: string[] = []
  const shownBytes = show.map(toBytes)
  for (const entry of text.split(',')) {
    const name = trim(entry)
    if (name === '' || fields.includes(name)) continue
    if (shownBytes.includes(name)) fields.push(name)
    else unknown.push(quote(name))
  }
  if (fields.length > 0) a.fields = fields.map(fromBytes)
  if (unknown.length > 0)
    a.fault(param, text, fields.join(','), 'fields.unknown', `${unknown.join(', ')} is no field here (shown: ${show.join(', ')})`)
}

function readUnknown(a: Ask, part: Part): void {
  const { unknown = 'ride', keep, ride_along } = a.rules.options
  const name = part.name
  const bare = name.slice(a.rules.prefix.length)
  const listed = (names: string[] | undefined) => names?.some((known) => toBytes(known) === bare) ?? false
  if (keep?.what === 'declared' || (keep?.what === 'listed' && !listed(keep.names))) part.role = 'dropped'
  if (unknown === 'ride' || listed(ride_along)) return
  const reason = `${quote(name)} is no parameter of this list${suggestion(a, name)}`
  const param = toBytes(shown(name))
  const given = valueOf(part)
  if (unknown === 'refuse') a.refuse(param, given, 'param.unknown', reason)
  else {
    if (unknown === 'drop') part.role = 'dropped'
    a.adjust(param, given, '', 'param.unknown', reason)
  }
}

const suggestions = 100 // in one query

function suggestion(a: Ask, name: string): string {
  if (a.notes.size + a.faults.length >= suggestions) return ''
  const r = a.rules
  const known = r.all.concat(r.filters.flatMap((f) => f.operators.map((op) => toBytes(withOperator(r.paramOf(f), op)))))
  const best = nearest(name, known)
  return best === '' ? '' : ` (did you mean ${quote(best)}?)`
}

/** The filter and the operator that a parameter asks for; op undefined: it has no such operator. */
function filterOf(r: Rules, name: string): { filter: Filter; op: Operator | undefined } | undefined {
  const called = (full: string) => {
    const name = full.slice(r.prefix.length) // of less than the prefix, nothing is left
    return r.filters.find((f) =>
      f.param !== ''
        ? f.bytes === name
        : (f.bytes === name && !r.isReserved(name)) || (name === 'field.' + f.bytes && r.isReserved(f.bytes)),
    )
  }
  let filter = called(name)
  if (filter) return { filter, op: 'equals' }
  const bracketed = name.endsWith(']')
  const at = Math.max(name.lastIndexOf(bracketed ? '[' : '.'), 0)
  const base = name.slice(0, at)
  filter = called(base)
  if (!filter || (bracketed && !base.endsWith(']'))) return undefined
  const op = bracketed ? name.slice(at, -1).replace(/^\[/, '') : name.slice(at).replace(/^\./, '')
  return { filter, op: op === 'equals' ? undefined : (op as Operator) }
}

function readFilter(a: Ask, i: number, f: Filter, op: Operator | undefined): void {
  const part = a.parts[i]!
  const name = part.name
  const given = valueOf(part)
  if (given === '') return // plain forms send those
  const bad = (why: Code, reason: string) => {
    const param = toBytes(shown(name))
    if (a.rules.refuses(why)) {
      a.refuse(param, given, why, reason)
      return
    }
    part.role = 'dropped'
    a.adjust(param, given, '', why, reason)
  }
  if (op === undefined || !f.operators.includes(op)) {
    const offered = f.operators.map((op) => withOperator(a.rules.paramOf(f), op)).join(', ')
    bad('filter.unknown_operator', `${quote(name)} is no way to filter by ${f.field} (offered: ${offered})`)
    return
  }
  const type = op === 'none' ? 'boolean' : f.type
  const checked = canonical(type, given)
  if ('want' in checked) {
    bad('filter.bad_value', `${quote(given)} is not ${checked.want}`)
    return
  }
  const day = trim(given)
  const value = type === 'time' && day.length === 10 ? day : checked.value // a whole day: see Condition
  const same = a.filtered.find((c) => c.field === f.field && c.op === op)
  if (!same) a.filtered.push({ field: f.field, type: f.type, op, values: [value], param: fromBytes(name) })
  else if (op === 'min' || op === 'max' || op === 'none') {
    // one bound holds: the last
    a.fault(
      name,
      toBytes(same.values[0]!),
      toBytes(value),
      'param.repeated',
      `${fromBytes(name)} is given more than once and the last one counts`,
    )
    dropEarlier(a, i, name)
    same.values = [value]
  } else same.values.push(value)
}

/** Leaves the parts of a name before one off the links. The last of them with a value has dropped those before it. */
function dropEarlier(a: Ask, i: number, name: string): void {
  for (let j = i - 1; j >= 0; j--) {
    const part = a.parts[j]!
    if (part.name !== name || part.role === 'dropped') continue
    part.role = 'dropped'
    if (valueOf(part) !== '') return
  }
}

function readCursors(a: Ask): void {
  const { names } = a.rules
  const tokenAfter = a.value('after')
  const tokenBefore = a.value('before')
  a.token = tokenAfter || tokenBefore
  a.backward = tokenAfter === '' && tokenBefore !== ''
  if (a.token === '') return // plain forms send empty ones
  const param = a.cursorParam
  const beside = tokenAfter !== '' && tokenBefore !== '' ? names.before : a.given.page ? names.page : a.given.row ? names.row : ''
  if (beside !== '') {
    misplace(
      a,
      param,
      a.token,
      'cursor.not_alone',
      `${fromBytes(param)} and ${fromBytes(beside)} stand together, and each says where the page begins`,
    )
    return
  }
  const list = a.cursorList()
  const found = list ? readCursor(a.token, list, a.ordered.length) : 'cursor.damaged'
  if (typeof found !== 'string') {
    a.place = found
    return
  }
  const says: Partial<Record<Code, string>> = {
    'cursor.damaged': 'the cursor cannot be read',
    'cursor.too_long': 'the cursor is longer than 1,024 bytes',
    'cursor.foreign': 'the cursor is of another list',
    'cursor.other_order': `the cursor was written under another order than ${a.sorted}`,
  }
  misplace(a, param, a.token, found, says[found]!)
}

/** Ignores a cursor. */
function misplace(a: Ask, param: string, token: string, why: Code, reason: string): void {
  a.place = undefined
  a.token = ''
  a.backward = false
  a.row = 0n
  a.pos = a.rules.byOffset ? 0n : 1n
  a.fault(param, token, '', why, reason)
}

export { sortText }
