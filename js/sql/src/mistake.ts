// What is wrong with a program, as opposed to a query.

/** Limits the values, and the words of a search, in one statement. MySQL takes 65,535 arguments, SQLite 32,766; callers decide how many they send. */
export const maxValues = 1_000

/** A mistake of the program: in a Table, in a Where, in a place or key that it hands in, or in rules that the table does not fit. */
export class StatementError extends Error {
  override readonly name = 'StatementError'
  constructor(
    /** What is wrong: "byKey", "Where", 'field "berth"'. */
    readonly at: string,
    /** What was found there, and what would be right. */
    readonly says: string,
  ) {
    super(`statement: ${at}: ${says}`)
  }
}

/**
 * The error for a place that does not exist in the order of a question: one of its values is not of its field's type. For PostgreSQL values are not checked, since the
 * database has types that are not ours; its errors then are of class 22 (data exception).
 */
export class PlaceError extends Error {
  override readonly name = 'PlaceError'
  constructor(
    readonly field: string,
    readonly found: string,
    readonly want: string,
  ) {
    super(`statement: ${fieldAt(field)}: found ${quoted(found)} in a place; right would be ${want}`)
  }
}

/** The error of a read during which records were added or removed between the count and the page. */
export class MovedError extends Error {
  override readonly name = 'MovedError'
  constructor() {
    super('statement: the records changed between the count and the page; right would be one transaction that sees one snapshot')
  }
}

/** A text in quotes, at most a hundred characters of it. */
export const quoted = (text: string): string => JSON.stringify([...text].slice(0, 100).join(''))

export const fieldAt = (name: string): string => 'field ' + quoted(name)
