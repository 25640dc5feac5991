// Rules say how the query of a list is read and what its pages look like.

import { Ask, read } from './ask.js'
import type { Code } from './code.js'
import { toBytes } from './text.js'
import type { ValueType } from './value.js'

/** The rules of a list, as a rules file has them: docs/rules.md describes each entry. */
export interface RulesOptions {
  params?: Partial<
    Record<'page' | 'size' | 'offset' | 'limit' | 'row' | 'sort' | 'search' | 'fields' | 'direction' | 'after' | 'before', string>
  >
  prefix?: string
  addressing?: 'page' | 'offset' | 'cursor'
  size?: { default?: number; cap?: number; offered?: number[]; closed?: boolean; all?: number }
  key?: string[]
  sorts?: SortKey[]
  default_sort?: string
  max_sort_keys?: number
  filters?: FilterRule[]
  search?: string[]
  show?: string[]
  past_last?: 'last' | 'first' | 'empty' | 'refuse'
  on_fault?: Mending
  faults?: Partial<Record<Code, Mending>>
  unknown?: 'ride' | 'note' | 'drop' | 'refuse'
  repeat?: 'last' | 'list'
  ride_along?: string[]
  keep?: { what?: 'all' | 'declared' | 'listed'; names?: string[] }
  base?: string
  origins?: string[]
  first_page_bare?: boolean
  offset_as_is?: boolean
  max_offset?: number
  count?: 'exact' | 'at_least' | 'none'
  count_to?: number
  ladder?: { reach?: number; tips?: number; steady?: boolean; gap_links?: boolean; ends?: boolean; lone?: boolean }
}

/** What is done about a fault. */
export type Mending = 'mend' | 'refuse'

/** A key that callers may sort by. */
export interface SortKey {
  key: string
  fields?: string[]
  first?: Direction
  nulls_first?: boolean
}

export type Direction = 'asc' | 'desc'

/** A field that callers may filter by. */
export interface FilterRule {
  field: string
  type?: ValueType
  operators?: Operator[]
  param?: string
}

export type Operator = 'equals' | 'not' | 'min' | 'max' | 'none' | 'has' | 'starts'

const ordered: Operator[] = ['equals', 'not', 'min', 'max', 'none']

/** The operators that each type of values has. */
export const operatorsOf: Record<string, Operator[] | undefined> = {
  text: ['equals', 'not', 'none', 'has', 'starts'],
  integer: ordered,
  decimal: ordered,
  big_integer: ordered,
  big_decimal: ordered,
  boolean: ['equals', 'not', 'none'],
  date: ordered,
  time: ordered,
  json: ['none'],
}

const sizeDefault = 20
const capDefault = 100
const offeredDefault = [10, 20, 50, 100]

export const nameBytes = 200

/** A filter with its names as bytes. */
export interface Filter {
  field: string
  type: ValueType
  operators: Operator[]
  /** "": it has no name of its own, and is called by its field's. */
  param: string
  bytes: string
}

/** The rules of a list. They do not change, and read any number of queries. */
export class Rules {
  readonly options: RulesOptions
  /** The list's name, which its cursors hold. */
  readonly list: string
  /** Begins the names of parameters that speak to whoever serves the list; "": there are none. */
  readonly aside: string

  /** @internal */
  readonly names: Record<ParamName, string>
  /** @internal */
  private readonly called: Map<string, ParamName>
  /** @internal */
  readonly filters: Filter[]
  /** @internal */
  readonly sorts: (SortKey & { fields: string[]; bytes: string })[]

  constructor(options: RulesOptions = {}, { list = '', aside = '' } = {}) {
    this.options = structuredClone(options)
    this.list = list
    this.aside = aside
    this.sorts = (this.options.sorts ?? []).map((k) => ({ ...k, fields: k.fields?.length ? k.fields : [k.key], bytes: toBytes(k.key) }))
    this.names = namesOf(this)
    const named = Object.entries(this.names) as [ParamName, string][]
    this.called = new Map(named.reverse().flatMap(([what, name]) => (name === '' ? [] : [[name, what]])))
    this.filters = (this.options.filters ?? []).map((f) => {
      const type = f.type || 'text'
      return {
        field: f.field,
        type,
        operators: f.operators?.length ? f.operators : (operatorsOf[type] ?? []),
        param: f.param ?? '',
        bytes: toBytes(f.param || f.field),
      }
    })
  }

  /** Reads a query, without its "?", as it stands in the address. Throws a Refusal. Rules that are wrong, see check, read it somehow. */
  read(query: string): Ask {
    return read(this, query)
  }

  /** Whether callers may read on from a cursor. */
  get cursors(): boolean {
    return this.names.after + this.names.before !== ''
  }

  /** @internal */
  get byOffset(): boolean {
    return this.options.addressing === 'offset'
  }
  /** @internal */
  get byCursor(): boolean {
    return this.options.addressing === 'cursor'
  }
  /** @internal */
  get cap(): number {
    const cap = this.options.size?.cap ?? 0
    return cap < 1 ? capDefault : cap
  }
  /** @internal */
  get defaultSize(): number {
    const size = this.options.size?.default ?? 0
    return Math.min(size < 1 ? sizeDefault : size, this.cap)
  }
  /** @internal */
  get offered(): number[] {
    if (this.options.size?.offered?.length) return this.options.size.offered
    const fit = offeredDefault.filter((size) => size <= this.cap)
    return fit.length > 0 ? fit : [this.defaultSize]
  }
  /** @internal */
  get allSize(): number {
    return this.options.size?.all ?? 0
  }
  /** @internal */
  get maxSortKeys(): number {
    const max = this.options.max_sort_keys ?? 0
    return max < 1 ? 3 : max
  }
  /** @internal */
  get maxOffset(): bigint {
    const max = this.options.max_offset ?? 0
    return max < 1 ? 1_000_000n : BigInt(Math.min(max, Number.MAX_SAFE_INTEGER))
  }
  /** @internal */
  get pastLast(): 'last' | 'first' | 'empty' | 'refuse' {
    const answer = this.options.faults?.['page.past_last']
    if (answer === 'refuse') return 'refuse'
    if (this.options.past_last) return this.options.past_last
    if (!answer && this.options.on_fault === 'refuse') return 'refuse'
    return this.byOffset ? 'empty' : 'last'
  }
  /** @internal Whether a fault is refused. A filter is, unless the rules mend it by name: without it the wrong records would be shown. */
  refuses(why: Code): boolean {
    const answer = this.options.faults?.[why]
    if (answer) return answer === 'refuse'
    return this.options.on_fault === 'refuse' || why === 'filter.bad_value' || why === 'filter.unknown_operator'
  }
  /** @internal */
  get reach(): number {
    return Math.min(Math.max(this.options.ladder?.reach ?? 2, 0), 50)
  }
  /** @internal */
  get tips(): number {
    return Math.min(Math.max(this.options.ladder?.tips ?? 1, 0), 10)
  }
  /** @internal */
  get steady(): boolean {
    return this.options.ladder?.steady ?? true
  }
  /** @internal */
  isAside(name: string): boolean {
    return this.aside !== '' && name.startsWith(this.aside)
  }
  /** @internal The names of all parameters but filters, as bytes. */
  get all(): string[] {
    return [...this.called.keys()].reverse()
  }
  /** @internal The parameter with a name; undefined: it may be a filter's. */
  paramCalled(name: string): ParamName | undefined {
    return this.called.get(name)
  }
  /** @internal */
  get prefix(): string {
    return this.options.prefix ?? ''
  }
  /** @internal Whether a name, without the prefix, is that of another parameter than a filter's. */
  isReserved(name: string): boolean {
    return this.isAside(name) || this.called.has(toBytes(this.prefix) + name)
  }
  /** @internal The name of a filter's parameter. */
  paramOf(f: Filter): string {
    return this.prefix + (f.param || (this.isReserved(f.bytes) ? 'field.' + f.field : f.field))
  }
}

/** A parameter that is no filter. */
export type ParamName = 'page' | 'size' | 'sort' | 'row' | 'search' | 'fields' | 'direction' | 'after' | 'before'

/** The names of the parameters, as bytes; "": there is none. */
function namesOf(r: Rules): Record<ParamName, string> {
  const o = r.options
  const p = o.params ?? {}
  const cursors = o.key?.length && (r.byCursor || p.after || p.before)
  const cursor = (name: string | undefined, otherwise: string) => (cursors ? name || (r.byCursor ? otherwise : '') : '')
  const named = (name = '') => name && toBytes(r.prefix + name)
  return {
    page: named(r.byCursor ? '' : r.byOffset ? p.offset || 'offset' : p.page || 'page'),
    size: named(r.byOffset ? p.limit || 'limit' : p.size || 'size'),
    sort: named(p.sort || 'sort'),
    row: named(p.row || 'row'),
    search: named(o.search?.length ? p.search || 'q' : ''),
    fields: named(o.show?.length ? p.fields || 'fields' : ''),
    direction: named(p.direction),
    after: named(cursor(p.after, 'after')),
    before: named(cursor(p.before, 'before')),
  }
}

/** The name of the parameter that asks for one operator of a filter whose parameter has a name. */
export function withOperator(param: string, op: Operator): string {
  if (op === 'equals') return param
  return param.endsWith(']') ? `${param}[${op}]` : `${param}.${op}`
}
