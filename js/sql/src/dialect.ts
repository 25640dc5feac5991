// The SQL of the three kinds of database.

import { maxValues } from './mistake.js'

/**
 * The SQL of one kind of database: PostgreSQL 13 and newer, encoded in UTF8; MySQL 8 and MariaDB 10.6, and newer, over a connection in utf8mb4; SQLite 3.35 and newer.
 */
export type Dialect = 'postgresql' | 'mysql' | 'sqlite'

export const dialects: Dialect[] = ['postgresql', 'mysql', 'sqlite']

/** The n-th placeholder of a statement. */
export const placeholder = (d: Dialect, n: number): string => (d === 'postgresql' ? '$' + n : '?')

/** Writes a name as SQL, whatever its characters. A NUL, which no name can have, is left out. */
export function quoteName(d: Dialect, name: string): string {
  const quote = d === 'mysql' ? '`' : '"'
  return quote + name.replaceAll('\0', '').replaceAll(quote, quote + quote) + quote
}

/**
 * Reads SQL that a developer wrote and counts its placeholders. It says what is wrong if the text cannot be part of a statement: it ends the statement or contains
 * a comment, or a quote or a bracket is left open.
 */
export function scan(d: Dialect, sql: string): { placeholders: number; wrong?: string } {
  let placeholders = 0
  const open: string[] = [] // closing brackets that are awaited
  const wrong = (what: string) => ({ placeholders: 0, wrong: what })
  for (let i = 0; i < sql.length; i++) {
    const c = sql[i]!
    if (c === "'" || c === '"' || (c === '`' && d !== 'postgresql')) {
      i = quoteEnd(d, sql, i)
      if (i < 0) return wrong('a quote that is not closed')
    } else if (c === '(' || c === '[') open.push(c === '(' ? ')' : ']')
    else if (c === ')' || c === ']') {
      if (open.pop() !== c) return wrong('a bracket that was not opened')
    } else if (c === ';' || c === '\0' || (c === '#' && d === 'mysql') || sql.startsWith('--', i) || sql.startsWith('/*', i))
      return wrong('an end of the statement, or a comment')
    else if (c === '?' && d !== 'postgresql') {
      placeholders++
      if (/[0-9]/.test(sql[i + 1] ?? '')) return wrong('a numbered placeholder; right would be ? alone')
    } else if (c === '$' && d === 'postgresql') {
      let n = 0
      for (; /[0-9]/.test(sql[i + 1] ?? '') && n <= maxValues; i++) n = 10 * n + Number(sql[i + 1])
      if (n === 0) return wrong('a $ that begins no placeholder')
      placeholders = Math.max(placeholders, n)
    }
  }
  return open.length > 0 ? wrong('a bracket that is not closed') : { placeholders }
}

/** The end of the quoted text that begins at i; below 0 if it has none. A doubled quote begins another one, right after. */
function quoteEnd(d: Dialect, sql: string, i: number): number {
  for (let j = i + 1; j < sql.length; j++) {
    if (sql[j] === '\\' && d === 'mysql' && sql[i] !== '`') j++
    else if (sql[j] === sql[i]) return j
  }
  return -1
}

/** Whether SQL, which scan found right, is a name alone, such as a.cargo or "a b"."c", which needs no brackets around it. */
export function isName(d: Dialect, sql: string): boolean {
  for (let i = 0; i < sql.length; i++) {
    const c = sql[i]!
    if ((c === '"' && d !== 'mysql') || (c === '`' && d !== 'postgresql')) i = quoteEnd(d, sql, i)
    else if (!/[_.0-9a-zA-Z\x80-\uffff]/.test(c)) return false
  }
  return sql !== ''
}
