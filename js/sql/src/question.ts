// A query on a list without its page: the conditions, and the order.

import { Refusal, type Ask, type Condition, type Order } from '@pageladder/core'
import { bind } from './bind.js'
import { equal, exactText, writeCondition } from './condition.js'
import { fieldAt, maxValues, PlaceError, StatementError } from './mistake.js'
import { TooManyWords, writeSearch } from './search.js'
import { noKey, type Column, type List, type Where } from './table.js'
import { canonicalOf, plainText, textOfTime } from './text.js'
import { Writer, type Statement, type Value } from './writer.js'

/** A part of a question's order that can be read by one index. It belongs to the Question that returned it. */
export interface Region {
  /** @internal */
  where: string
  /** @internal That follow the question's own. */
  args: Value[]
  /** @internal How many leading fields of the order hold, within the region, no NULL or nothing else. */
  nonNullPrefix: number
}

/** All records. */
export const everywhere: Region = { where: '', args: [], nonNullPrefix: 0 }

/** The number of records to skip from which it is cheaper, with byKey, to skip over an index alone: measured, see docs/performance.md. */
const skipByKeyFrom = 200

const compareText = (a: string, b: string): number => (a < b ? -1 : a > b ? 1 : 0)

/** A query on a list without its page. It does not change. */
export class Question {
  private conditions: Condition[] = []
  private search = ''
  private searched: readonly string[] = []
  /** @internal */ ordered: Order[] = []
  /** @internal The columns of the order. */ by: Column[] = []
  private own: Where | undefined
  private conditionSQL = ''
  private args: Value[] = []

  private constructor(
    /** The list of the records. */
    readonly list: List,
  ) {}

  /** @internal */
  static of(list: List, ask: Ask, own: Where | undefined): Question {
    const q = new Question(list)
    q.own = own
    // Equal questions then have equal texts, which drivers and databases remember.
    q.conditions = ask.conditions().sort((a, b) => compareText(a.field, b.field) || compareText(a.op, b.op))
    q.ordered = ask.order()
    if (q.ordered.length === 0) throw noKey()
    q.by = q.ordered.map((o) => list.sortable(o.field))
    q.search = ask.search
    q.searched = ask.rules.options.search ?? []
    const values = q.conditions.reduce((sum, c) => sum + c.values.length, 0)
    if (values > maxValues) {
      const most = q.conditions.reduce((most, c) => (c.values.length > most.values.length ? c : most))
      throw tooMany(most.param, values, 'values')
    }
    const tooManyWords = q.write()
    if (tooManyWords) throw tooMany(ask.rules.options.params?.search || 'q', tooManyWords.words, 'words')
    return q
  }

  /** @internal */
  static where(list: List, conditions: Condition[]): Where {
    const q = new Question(list)
    q.conditions = conditions
    q.write()
    return { sql: q.conditionSQL, args: q.args }
  }

  /** The order of the question's records. */
  order(): Order[] {
    return this.ordered.map((o) => ({ ...o }))
  }

  /** The same question in the opposite order. */
  reversed(): Question {
    const r = this.copy()
    r.ordered = this.ordered.map((o) => ({ field: o.field, ...(!o.desc && { desc: true }), ...(!o.nulls_first && { nulls_first: true }) }))
    return r
  }

  /** The same question without its conditions on a field: the values of a field are counted so. Regions of the one question do not belong to the other. */
  without(field: string): Question {
    const q = this.copy()
    q.conditions = this.conditions.filter((c) => c.field !== field)
    q.write()
    return q
  }

  /** All records, in order: those with a value in the first field of the order and those without one, or a single Region if that field is never missing. */
  regions(): Region[] {
    const first = this.by[0]!
    if (!first.field.nullable) return [{ ...everywhere, nonNullPrefix: 1 }]
    const some = { where: first.expr + ' is not null', args: [], nonNullPrefix: 1 }
    const none = { where: first.expr + ' is null', args: [], nonNullPrefix: 1 }
    return this.ordered[0]!.nulls_first ? [none, some] : [some, none]
  }

  /**
   * The records from a place on. The place is given by the values of a record in the fields of the order, each in its type's canonical form and null if missing; that
   * record is included. Throws a PlaceError for a value that its field cannot have, and a StatementError for a field that has no places.
   */
  from(values: (string | null)[]): Region[] {
    return this.placedAt(values, false)
  }

  /** The records after a place. The records before it are those after it in the reversed question, the nearest first. */
  after(values: (string | null)[]): Region[] {
    return this.placedAt(values, true)
  }

  /** The one record with a key: its values in the fields of byKey, in order, each in its type's canonical form. Throws a PlaceError as from does. */
  withKey(values: string[]): Region {
    const fields = this.list.table.byKey ?? []
    if (fields.length !== values.length || fields.length === 0)
      throw new StatementError('key', `found ${values.length} values for ${fields.length} fields`)
    const w = this.writer()
    fields.forEach((name, i) => {
      const c = this.list.field(name)
      this.held(c, values[i]!)
      if (i > 0) w.text(' and ')
      equal(w, c, values[i]!)
    })
    return { where: w.sql, args: w.args, nonNullPrefix: 0 }
  }

  /** Reads fields of a region's records, in order: as many as limit from offset on, or all where limit is 0. Throws a StatementError for a field that the table does not have. */
  rows(fields: string[], r: Region = everywhere, offset: number | bigint = 0, limit = 0): Statement {
    return this.read(fields, r, offset, limit, false)
  }

  /** Like rows, with the record's place after its fields: the values of the fields of the order, which place reads. */
  placed(fields: string[], r: Region = everywhere, offset: number | bigint = 0, limit = 0): Statement {
    return this.read(fields, r, offset, limit, true)
  }

  /** Reads fields of a region's records, in any order. */
  unordered(fields: string[], r: Region = everywhere): Statement {
    const w = this.begin()
    const columns = this.selected(w, fields, false)
    this.source(w, r)
    return this.done(w, r, columns)
  }

  /** Counts a region's records: all or, with limit above 0, as far as that. */
  count(r: Region = everywhere, limit: number | bigint = 0): Statement {
    const w = this.begin()
    const most = digits(limit)
    const part = limit > 0
    w.text(part ? 'select count(*) from (select 1 as one' : 'select count(*)')
    this.source(w, r)
    if (part) w.text(` limit ${most}) counted`)
    return this.done(w, r, [w.dialect === 'postgresql' ? 'count' : 'count(*)'])
  }

  /**
   * Counts the records of each value of a field, under the search and all conditions but the ask's own on that field: the most frequent values first, equally frequent ones
   * in the values' order, a missing one last, at most so many. Its columns are the value, which List.text writes as a query does, and the count.
   */
  facet(field: string, limit: number): Statement {
    const d = this.list.table.dialect
    const c = this.list.field(field)
    const without = this.without(field)
    const w = without.begin()
    let [given, group, order] = [c.expr, c.expr, c.ordered]
    if (d === 'postgresql') {
      given += '::text'
      if (c.type === 'json') group = order = given // json has no equality
    } else if (d === 'mysql' && c.type === 'text') {
      group = exactText(c)
      given = `convert(${group} using utf8mb4)`
      order = `min(${c.ordered})`
    } else if (d === 'sqlite' && c.type === 'text') group += ' collate binary'
    w.text('select ', given, ' as value, count(*) as records')
    without.source(w, everywhere)
    w.text(' group by ', group, ' order by count(*) desc, ', d === 'postgresql' ? order + ' nulls last' : `${group} is null, ${order}`)
    this.limits(w, 0, limit)
    return without.done(w, everywhere, ['value', 'records'])
  }

  /** A record's place from the columns that placed reads after its fields. Throws a PlaceError for one that no place can hold. */
  place(values: unknown[]): (string | null)[] {
    return this.by.map((c, i) => {
      if (c.field.approximate) throw approximate(c)
      const v = values[i]
      if (v === null || v === undefined) return null
      if (this.list.table.dialect === 'postgresql') return c.type === 'time' && !c.field.native ? textOfTime(c, String(v)) : String(v)
      if (v === Infinity || v === -Infinity) return (v > 0 ? '' : '-') + infinite
      const text = plainText(c, v)!
      const checked = canonicalOf(c, text)
      if ('value' in checked) return checked.value
      throw new PlaceError(c.name, text, checked.want)
    })
  }

  private copy(): Question {
    return Object.assign(new Question(this.list), this)
  }

  /** Writes all conditions. */
  private write(): TooManyWords | undefined {
    const w = new Writer(this.list.table.dialect)
    const and = () => {
      if (w.sql !== '') w.text(' and ')
    }
    if (this.own) {
      if (this.own.sql) w.text('(', this.own.sql, ')')
      w.args.push(...(this.own.args ?? []))
    }
    for (const by of this.conditions) {
      and()
      writeCondition(w, by.op === 'none' ? this.list.field(by.field) : this.list.filtered(by.field, by.type), by)
    }
    let tooManyWords: TooManyWords | undefined
    if (this.search !== '') {
      and()
      tooManyWords = writeSearch(w, this.list, this.searched, this.search)
    }
    this.conditionSQL = w.sql
    this.args = w.args
    return tooManyWords
  }

  private writer(): Writer {
    return new Writer(this.list.table.dialect, this.args.length)
  }

  private placedAt(values: (string | null)[], after: boolean): Region[] {
    const { places = 'tied' } = this.list.table
    if (values.length !== this.by.length)
      throw new StatementError('place', `found ${values.length} values; the order has ${this.by.length} fields`)
    this.by.forEach((c, i) => {
      const v = values[i]!
      if (c.field.approximate) throw approximate(c)
      if (v !== null) this.held(c, v)
      else if (!c.field.nullable) throw new PlaceError(c.name, 'no value', 'a value: the field is not nullable')
    })
    const oneWay = this.ordered.every((o) => Boolean(o.desc) === Boolean(this.ordered[0]!.desc))
    if (values[0] === null || this.by.slice(1).some((c) => c.field.nullable) || places === 'tied' || (places === 'compared' && !oneWay))
      return this.tied(values, after)
    const known = values as string[]
    return this.withNulls(places === 'compared' ? this.compared(known, after) : this.nested(known, after))
  }

  /** Checks a value of a place by its field's type. */
  private held(c: Column, v: string): void {
    const { dialect } = this.list.table
    if (dialect === 'postgresql' || (c.type !== 'text' && (v === infinite || v === '-' + infinite) && dialect === 'sqlite')) return
    const checked = canonicalOf(c, v)
    if ('want' in checked) throw new PlaceError(c.name, v, checked.want)
  }

  /** Adds the records without a value in the first field, if they follow those with one. */
  private withNulls(r: Region): Region[] {
    const first = this.by[0]!
    if (this.ordered[0]!.nulls_first || !first.field.nullable) return [r]
    return [r, { where: first.expr + ' is null', args: [], nonNullPrefix: 1 }]
  }

  /** Prepares a value to be compared with what its column is sorted by. */
  private bind(i: number, v: string) {
    const c = this.by[i]!
    return bind(this.list.table.dialect, c, c.field.sortedBy ? c.field.sortedBy.key(v) : v)
  }

  /** Writes a place as one condition: a >= 5 and (a > 5 or (b >= 6 and (b > 6 or id >= 7))). */
  private nested(values: string[], after: boolean): Region {
    const w = this.writer()
    const last = this.by.length - 1
    this.by.forEach((c, i) => {
      const a = this.bind(i, values[i]!)
      w.text(c.ordered, side(this.ordered[i]!, i < last || !after))
      w.argument(a)
      if (i === last) return
      const n = w.args.length
      w.text(' and (', c.ordered, side(this.ordered[i]!, false))
      w.again(n, a)
      w.text(' or ')
      if (i + 1 < last) w.text('(')
    })
    for (let i = 0; i < last; i++) w.text(i > 0 ? '))' : ')')
    return { where: w.sql, args: w.args, nonNullPrefix: this.by.length }
  }

  /** Writes a place as a comparison of rows, in an order of one direction. */
  private compared(values: string[], after: boolean): Region {
    const w = this.writer()
    w.text('(', this.by.map((c) => c.ordered).join(', '), ')', side(this.ordered[0]!, !after), '(')
    this.by.forEach((_, i) => {
      if (i > 0) w.text(', ')
      w.argument(this.bind(i, values[i]!))
    })
    w.text(')')
    return { where: w.sql, args: w.args, nonNullPrefix: this.by.length }
  }

  /**
   * Writes a place as several regions. For fields a, b, c they are, in order: its ties in a and b from its c on; its ties in a after its b; all after its a. What comes
   * after may be values and then missing ones, so that there are up to twice as many.
   */
  private tied(values: (string | null)[], after: boolean): Region[] {
    const regions: Region[] = []
    const last = this.by.length - 1
    for (let depth = last; depth >= 0; depth--) {
      const c = this.by[depth]!
      const o = this.ordered[depth]!
      const v = values[depth]!
      const add = (write: (w: Writer) => void) => {
        const w = this.writer()
        this.by.slice(0, depth).forEach((c, i) => {
          if (values[i] === null) return w.text(c.ordered, ' is null and ')
          w.text(c.ordered, ' = ')
          w.argument(this.bind(i, values[i]!))
          w.text(' and ')
        })
        write(w)
        regions.push({ where: w.sql, args: w.args, nonNullPrefix: depth + 1 })
      }
      const itself = depth === last && !after
      if (v === null) {
        if (itself) add((w) => w.text(c.ordered, ' is null'))
        if (o.nulls_first) add((w) => w.text(c.ordered, ' is not null'))
        continue
      }
      add((w) => {
        w.text(c.ordered, side(o, itself))
        w.argument(this.bind(depth, v))
      })
      if (!o.nulls_first && c.field.nullable) add((w) => w.text(c.ordered, ' is null'))
    }
    return regions
  }

  private begin(): Writer {
    return this.writer()
  }

  private done(w: Writer, r: Region, columns: string[]): Statement {
    return { sql: w.sql, args: [...this.args, ...r.args], columns }
  }

  private read(fields: string[], r: Region, offset: number | bigint, limit: number, placed: boolean): Statement {
    const w = this.begin()
    const columns = this.selected(w, fields, placed)
    const keys = this.list.table.byKey ?? []
    if (keys.length === 0 || offset < skipByKeyFrom || limit < 1) {
      this.source(w, r)
      this.orderBy(w, r)
      this.limits(w, offset, limit)
      return this.done(w, r, columns)
    }
    const key = (name: string) => this.list.field(name).expr
    w.text(' from ', this.list.table.from, ' join (select ', keys.map((name, i) => `${key(name)} as k${i}`).join(', '))
    this.source(w, r)
    this.orderBy(w, r)
    this.limits(w, offset, limit)
    w.text(') found on ', keys.map((name, i) => `${key(name)} = found.k${i}`).join(' and '))
    this.orderBy(w, r)
    return this.done(w, r, columns)
  }

  /** Writes a select list, and gives the names of its columns. */
  private selected(w: Writer, fields: string[], placed: boolean): string[] {
    const list = fields.map((name) => this.list.field(name).selected)
    const columns = [...fields]
    // The columns of the order, so that their values can be written as text exactly.
    if (placed)
      this.by.forEach((c, i) => {
        list.push(`${c.expr}${this.list.table.dialect === 'postgresql' ? '::text' : ''} as place${i}`)
        columns.push('place' + i)
      })
    w.text('select ', list.length > 0 ? list.join(', ') : '1')
    return list.length > 0 ? columns : [w.dialect === 'postgresql' ? '?column?' : '1']
  }

  /** Writes FROM and WHERE, within a region. */
  private source(w: Writer, r: Region): void {
    const where = [this.conditionSQL, r.where].filter((sql) => sql !== '')
    w.text(' from ', this.list.table.from, where.length > 0 ? ' where ' + where.join(' and ') : '')
  }

  /** Writes ORDER BY within a region. Where a field is known to have no missing values, or nothing else, where they go is left to the index. */
  private orderBy(w: Writer, r: Region): void {
    const d = this.list.table.dialect
    this.ordered.forEach((o, i) => {
      const c = this.by[i]!
      w.text(i === 0 ? ' order by ' : ', ')
      const known = i < r.nonNullPrefix || !c.field.nullable
      // Missing values are the smallest in MySQL and SQLite, and go where they go.
      const plain = known || (d !== 'postgresql' && Boolean(o.nulls_first) !== Boolean(o.desc))
      if (!plain && d === 'mysql') w.text(c.ordered, o.nulls_first ? ' is not null, ' : ' is null, ')
      w.text(c.ordered, o.desc ? ' desc' : '')
      if (!plain && d !== 'mysql') w.text(o.nulls_first ? ' nulls first' : ' nulls last')
    })
  }

  /** Writes LIMIT and OFFSET. They are numbers, so that PostgreSQL makes a plan of LIMIT's that it can use again. */
  private limits(w: Writer, offset: number | bigint, limit: number): void {
    const [skip, most] = [digits(offset), digits(limit)]
    if (limit > 0) w.text(' limit ', most)
    if (offset <= 0) return
    if (limit < 1 && w.dialect !== 'postgresql') w.text(' limit 9223372036854775807') // where no OFFSET stands alone
    w.text(' offset ', skip)
  }
}

/** A number that becomes part of a text. */
function digits(n: number | bigint): string {
  if (typeof n === 'bigint' || Number.isSafeInteger(n)) return String(n)
  throw new StatementError('offset or limit', 'right would be a whole number')
}

/** How what comes later in a field compares. */
const side = (o: Order, equal: boolean): string => ` ${o.desc ? '<' : '>'}${equal ? '=' : ''} `

/** How an infinite number is written in a place, as in PostgreSQL. */
const infinite = 'Infinity'

const approximate = (c: Column) => new StatementError(fieldAt(c.name), 'it is approximate: a list that is sorted by it has no places')

function tooMany(param: string, n: number, what: string): Refusal {
  const says = `The query looks for ${n} ${what}; at most ${maxValues} can be looked for at once.`
  return new Refusal([{ param, given: `${n} ${what}`, why: 'filter.bad_value', says }])
}
