// Where records are, and what their fields are in SQL.

import { check, type Rules, type ValueType, valueTypes, type Ask, type Condition } from '@pageladder/core'
import { dialects, isName, placeholder, quoteName, scan, type Dialect } from './dialect.js'
import { fieldAt, quoted, StatementError } from './mistake.js'
import { Question } from './question.js'
import { writeSearch } from './search.js'
import { textOf } from './text.js'
import { layoutOf } from './time.js'
import { Writer, type Value } from './writer.js'

/** Where records are, and what their fields are in SQL. */
export interface Table {
  dialect: Dialect
  /** What follows FROM: a table, a join, or a query in brackets with its name. It returns one row for each record. */
  from: string
  /** How many of Where's arguments `from` uses, as $1 and so on. For PostgreSQL only. */
  arguments?: number
  /** The fields, by the names that the rules use. No other name gets into a statement. */
  fields: Record<string, Field>
  /** How a record's place in an order is written as a condition. */
  places?: Places
  /**
   * The fields that identify a row of `from`, whether Where holds or not: the key of a table, or of a join whose ON conditions find one row each. With them withKey
   * finds a record, and rows skips many records by their keys alone and reads the page's records by their keys.
   */
  byKey?: string[]
  /** A condition for the records of a search, with {words} for the text of the search: "match(a.vessel, a.note) against ({words})". */
  search?: string
  /**
   * As an alternative to search, a text with a record's words, folded, each with a space before and after it: a column that your program fills with forSearch, or a
   * function of your program in the database. Without both, the fields that the rules name are searched by the database, which SQLite cannot.
   */
  words?: string
  /** Splits a search into words as they are in words: foldedWords. Required with words. */
  splitWords?: (text: string) => string[]
}

/** One field in SQL. */
export interface Field {
  /** A column or an expression: "b.code", "a.tonnage * 2". */
  sql: string
  /** The type of its values; text if left out. The column must have a type that the database compares in the same way; docs/statement.md lists them for each dialect. */
  type?: ValueType
  /** It may be missing. If a field is not nullable and NULL all the same, the order of pages is wrong. */
  nullable?: boolean
  /** The collation that text is sorted by, as written after COLLATE, quoted if necessary; that of the column if left out. An index helps if it has the same one. */
  collation?: string
  /**
   * For text in a database without collations: what it is sorted by in place of itself, a column that your program fills with key(text), or a function of your program in the database. Different texts have
   * different keys, such as those of sortKey.
   */
  sortedBy?: { sql: string; key: (text: string) => string }
  /** The text in lower case, for "has" and "starts": a column or expression. Left out: the database makes it (SQLite only for the letters A to Z). */
  lower?: string
  /**
   * How SQLite stores times: a text of one width in UTC, of YYYY, MM, DD, HH, mm, ss and any other characters, so that texts sort as times do, perhaps with .sss, .ssssss or
   * .sssssssss behind ss; or "unix" or "unixmilli" for numbers of seconds or milliseconds. Left out: "YYYY-MM-DDTHH:mm:ssZ". A Date's toISOString writes
   * "YYYY-MM-DDTHH:mm:ss.sssZ".
   */
  layout?: string
  /**
   * The column has a type of PostgreSQL that is not among ours: a uuid, an enumeration, an inet. Values are sent as text, and PostgreSQL reads, sorts and compares them as
   * its own type. It is also best for floats.
   */
  native?: boolean
  /** How many of Where's arguments sql uses, as $1 and so on. For PostgreSQL only. */
  arguments?: number
  /** A value may not equal itself after it has been written as text and read again, like a FLOAT of MySQL. Lists that are sorted by it have pages, but no places. */
  approximate?: boolean
}

/**
 * How a record's place in an order is written as a condition. The examples find the records from (5, 7) on, in the order of a descending and then id.
 *
 * tied, the default: two Regions, first "a = 5 and id >= 7", then "a < 5". Each is one range of an index, even if a million records have the same a. A page with
 * records of both takes two statements.
 *
 * nested: one condition, "a <= 5 and (a < 5 or id >= 7)". All records with the same a are read, and a planner may combine several indexes and sort the result.
 *
 * compared: "(a, id) >= (5, 7)" if all fields have the same direction, otherwise like tied. It is one range of an index. MySQL would read the whole table, so it does not have it.
 */
export type Places = 'tied' | 'nested' | 'compared'

/** A condition of your own, such as a tenant, or records that are not deleted. It is part of every statement. */
export interface Where {
  /** With placeholders as the dialect has them: $1 and so on in PostgreSQL, ? in the others. */
  sql: string
  args?: Value[]
}

/** A prepared field. */
export interface Column {
  name: string
  /** In a select list. */
  selected: string
  /** Within an expression. */
  expr: string
  /** What it is sorted by: that, with its collation. */
  ordered: string
  lower: string
  type: ValueType
  /** The shortest span that a column of times distinguishes, in nanoseconds. */
  precision: number
  layout: string
  field: Field
}

/** A Table that has been checked and prepared. It does not change. */
export class List {
  readonly table: Readonly<Table>
  /** @internal */
  readonly columns = new Map<string, Column>()
  /** @internal How many of Where's arguments `from` and the fields use. */
  args: number

  /**
   * Checks and prepares a table. With rules it also checks those, and that the table has each field that they name, of a type that can be sorted and filtered so: a mistake is
   * then found when the program starts and not by the first query that needs the field. Throws a StatementError or, for the rules, a RulesError.
   */
  constructor(table: Table, ...rules: Rules[]) {
    const t = (this.table = { ...table, fields: { ...table.fields }, byKey: [...(table.byKey ?? [])] })
    this.args = t.arguments ?? 0
    if (!dialects.includes(t.dialect)) throw new StatementError('dialect', 'right would be ' + dialects.map(quoted).join(', '))
    const places = ['tied', 'nested', 'compared', undefined]
    if (!places.includes(t.places) || (t.places === 'compared' && t.dialect === 'mysql'))
      throw new StatementError('places', 'right would be "tied" or "nested" or, but not in MySQL, "compared"')
    const named = scan(t.dialect, t.from).placeholders
    if (named === 0 || named > this.args || t.dialect !== 'postgresql') this.checkSQL('from', t.from, true)
    if (t.search) {
      const parts = t.search.split('{words}')
      if (parts.length !== 2) throw new StatementError('search', 'right would be a condition with {words} in it, once')
      this.checkSQL('search', parts.join('1'), true)
    }
    this.checkSQL('words', t.words ?? '', false)
    if (t.words && (!t.splitWords || t.search)) throw new StatementError('words', 'needs splitWords, such as foldedWords, and no search')
    for (const [name, field] of Object.entries(t.fields)) this.columns.set(name, this.column(name, field))
    for (const name of t.byKey)
      if (!this.columns.has(name)) throw new StatementError('byKey', `found ${quoted(name)}, which is none of the fields`)
    for (const r of rules) this.serves(r)
  }

  /** The names of the table's fields, in their order. */
  get fields(): string[] {
    return [...this.columns.keys()]
  }

  /** Writes the conditions and the order of an ask. Throws a Refusal for a query with more than 1,000 values at once, and a StatementError for what the rules or where need that the table lacks or the database cannot do. */
  ask(ask: Ask, where?: Where): Question {
    if (where?.sql) {
      const { placeholders: n, wrong } = scan(this.table.dialect, where.sql)
      if (wrong) throw new StatementError('Where', `found ${wrong} in ${quoted(where.sql)}`)
      if (n !== (where.args?.length ?? 0))
        throw new StatementError(
          'Where',
          `found ${n} placeholders and ${where.args?.length ?? 0} arguments; right would be one argument for each, and placeholders as ${this.table.dialect} has them: ${placeholder(this.table.dialect, 1)}`,
        )
    }
    if ((where?.args?.length ?? 0) < this.args)
      throw new StatementError('Where', `found ${where?.args?.length ?? 0} arguments, and the table names ${this.args}`)
    return Question.of(this, ask, where)
  }

  /** Writes conditions as a condition of your own, for a filter that applies whatever the query says. */
  where(conditions: Condition[]): Where {
    return Question.where(this, conditions)
  }

  /**
   * Writes a value of a field, as a driver returned it, in the canonical form that a query has it in and that from takes; null is a missing one. Throws a StatementError
   * for a value that no query can contain: a NaN, a Date of a field that is no time, or one of another type than the field.
   */
  text(field: string, value: unknown): string | null {
    return textOf(this.field(field), value)
  }

  /** @internal */
  field(name: string): Column {
    const c = this.columns.get(name)
    if (!c) throw new StatementError(fieldAt(name), "it is none of the table's fields")
    return c
  }

  /** @internal A column that records can be sorted by. */
  sortable(name: string): Column {
    const c = this.field(name)
    if (c.type === 'json') throw new StatementError(fieldAt(name), 'lists and objects have no order')
    return c
  }

  /** @internal A column that values of a type can be compared with. */
  filtered(name: string, type: ValueType): Column {
    const c = this.field(name)
    if (comparable(type) !== comparable(c.type) && !c.field.native)
      throw new StatementError(fieldAt(name), `it is ${type} in the rules and ${c.type} in the table`)
    return c
  }

  /** Checks SQL of the developer, which must have no placeholders. */
  private checkSQL(at: string, sql: string, needed: boolean): void {
    const { placeholders, wrong } = scan(this.table.dialect, sql)
    if (wrong) throw new StatementError(at, `found ${wrong} in ${quoted(sql)}`)
    if (placeholders > 0) throw new StatementError(at, `found a placeholder in ${quoted(sql)}; only Where has arguments`)
    if (needed && sql.trim() === '') throw new StatementError(at, 'found nothing; right would be SQL')
  }

  private column(name: string, f: Field): Column {
    const d = this.table.dialect
    const at = fieldAt(name)
    const named = scan(d, f.sql).placeholders
    if (d !== 'postgresql' || named === 0 || named > (f.arguments ?? 0)) this.checkSQL(at + ': sql', f.sql, true)
    this.checkSQL(at + ': sortedBy', f.sortedBy?.sql ?? '', false)
    this.checkSQL(at + ': collation', f.collation ?? '', false)
    this.checkSQL(at + ': lower', f.lower ?? '', false)
    this.args = Math.max(this.args, f.arguments ?? 0)
    const type = f.type || 'text'
    if (!valueTypes.includes(type) && !f.native)
      throw new StatementError(at, `found the type ${quoted(type)}; right would be one of ${valueTypes.map(quoted).join(', ')}`)
    if (f.native && d !== 'postgresql')
      throw new StatementError(at, `native is PostgreSQL's alone; in ${d}, right would be an expression of a type of ours`)
    if (d === 'sqlite' && /^place[0-9]+$/.test(name)) throw new StatementError(at, 'it is called like a column of our own')
    const inBrackets = (sql: string) => (sql === '' || isName(d, sql) ? sql : `(${sql})`)
    const expr = inBrackets(f.sql)
    const alias = quoteName(d, name)
    let times: ReturnType<typeof layoutOf> = { layout: '', precision: 1e3 }
    if (type === 'time' && d === 'sqlite') times = layoutOf(f.layout ?? '')
    else if (f.layout) throw new StatementError(at, 'layout is for times in SQLite alone')
    if (!times) throw new StatementError(at, `layout: found ${quoted(f.layout!)}; right would be YYYY, MM, DD, HH, mm and ss in this order`)
    if (f.sortedBy && (type !== 'text' || f.collation)) throw new StatementError(at, 'sortedBy is for text alone, without a collation')
    return {
      name,
      selected: expr.endsWith('.' + alias) ? expr : `${expr} as ${alias}`,
      expr,
      ordered: f.sortedBy ? inBrackets(f.sortedBy.sql) : expr + (f.collation ? ' collate ' + f.collation : ''),
      lower: inBrackets(f.lower ?? ''),
      type,
      ...times,
      field: f,
    }
  }

  /** Finds what rules offer that the table lacks. */
  private serves(r: Rules): void {
    check(r)
    const { key, sorts, filters, show, search } = r.options
    if (!key?.length) throw noKey()
    for (const name of key) this.sortable(name)
    for (const k of sorts ?? []) for (const name of k.fields?.length ? k.fields : [k.key]) this.sortable(name)
    for (const f of filters ?? []) this.filtered(f.field, f.type || 'text')
    for (const name of show ?? []) this.field(name)
    if (search?.length) writeSearch(new Writer(this.table.dialect), this, search, 'word')
  }
}

export const noKey = (): StatementError => new StatementError('rules', 'they name no key, so that no order is total')

/** The same for types whose values can be compared. */
const comparable = (type: ValueType): ValueType =>
  type === 'integer' || type === 'decimal' || type === 'big_integer' ? 'big_decimal' : type
