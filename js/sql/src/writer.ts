// Writes parts of statements.

import { placeholder, type Dialect } from './dialect.js'

/** An argument of a statement: a text, a whole number of 64 bits, or a float. */
export type Value = string | bigint | number

/** One statement: its text, its arguments in the order of their placeholders, and the names of its columns, as the database gives them. */
export interface Statement {
  sql: string
  args: Value[]
  columns: string[]
}

/** A value in the form that a database compares rightly. */
export interface Argument {
  value: Value
  /** Round its placeholder: a cast. */
  before?: string
  after?: string
  /** The database cannot store the value; this is the next one below it. */
  above?: boolean
}

/** A condition that no record meets. */
export const none = '1 = 0'

/** Writes part of a statement. */
export class Writer {
  sql = ''
  args: Value[] = []

  /** so many arguments stand before this part */
  constructor(
    readonly dialect: Dialect,
    private readonly before = 0,
  ) {}

  text(...parts: string[]): void {
    this.sql += parts.join('')
  }

  /** A placeholder. */
  place(value: Value): void {
    this.args.push(value)
    this.number(this.args.length)
  }

  /** The placeholder of the n-th argument of this part. */
  number(n: number): void {
    this.sql += placeholder(this.dialect, this.before + n)
  }

  argument(a: Argument): void {
    this.text(a.before ?? '')
    this.place(a.value)
    this.text(a.after ?? '')
  }

  /** The n-th argument of this part once more. */
  again(n: number, a: Argument): void {
    if (this.dialect !== 'postgresql') return this.argument(a)
    this.text(a.before ?? '')
    this.number(n)
    this.text(a.after ?? '')
  }
}
