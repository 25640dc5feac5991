// Writes filters.

import type { Condition } from '@pageladder/core'
import { bind, castTo, moment } from './bind.js'
import { lower } from './fold.js'
import type { Column } from './table.js'
import { isDay, nextDay, parseTime, yearOf } from './time.js'
import { none, type Argument, type Writer } from './writer.js'

/** Writes one filter. A record without a value is not equal to anything, so that "not" finds it. */
export function writeCondition(w: Writer, c: Column, by: Condition): void {
  switch (by.op) {
    case 'none':
      return w.text(c.expr, by.values[0] === 'true' ? ' is null' : ' is not null')
    case 'min':
    case 'max':
      return bound(w, c, by.values[0]!, by.op === 'max')
    case 'not':
      w.text(c.field.nullable ? '(not (' : 'not (')
      equals(w, c, by.values)
      return w.text(')', c.field.nullable ? ` or ${c.expr} is null)` : '')
    case 'equals':
      w.text('(')
      equals(w, c, by.values)
      return w.text(')')
  }
  w.text('(')
  by.values.forEach((v, i) => {
    if (i > 0) w.text(' or ')
    like(w, c, by.op === 'has', v)
  })
  w.text(')')
}

/** A column has one of some values. */
function equals(w: Writer, c: Column, values: string[]): void {
  if (values.length > 1 && w.dialect === 'postgresql' && c.type !== 'time' && !c.field.native) {
    // which may have no arrays
    w.text(c.expr, ' = any(')
    w.place(arrayText(values))
    return w.text(castTo(c.type, values), '[])')
  }
  values.forEach((v, i) => {
    if (i > 0) w.text(' or ')
    equal(w, c, v)
  })
}

export function equal(w: Writer, c: Column, v: string): void {
  if (c.type === 'time' && isDay(v)) {
    bound(w, c, v, false)
    w.text(' and ')
    return bound(w, c, v, true)
  }
  const a = bind(w.dialect, c, v)
  if (a.above) return w.text(none)
  w.text(c.expr, ' = ')
  w.argument(a)
  if (c.type !== 'text') return
  if (w.dialect === 'sqlite')
    w.text(' collate binary') // a column may have a collation in which case is nothing
  else if (w.dialect === 'mysql') {
    // Its collations take texts as equal that differ in case, accents or spaces at the end. The comparison before this one can use an index.
    w.text(' and ', exactText(c), ' = cast(')
    w.again(w.args.length, a)
    w.text(' as binary)')
  }
}

/** A text of MySQL's, byte by byte. */
export const exactText = (c: Column): string => `cast(convert(${c.expr} using utf8mb4) as binary)`

/** A column is at least a value or, with upper, at most. Of a date that stands for a whole day, that is from its first moment or until its last. */
function bound(w: Writer, c: Column, v: string, upper: boolean): void {
  let a: Argument
  let compare = ' >= '
  const day = c.type === 'time' && isDay(v) ? parseTime(v) : undefined
  if (day) {
    const at = upper ? nextDay(day) : day
    if (upper) compare = ' < '
    if (yearOf(at) > 9999 && w.dialect !== 'postgresql') return w.text(c.expr, ' is not null') // which they have no times in
    a = moment(w.dialect, c, at, false)
  } else {
    a = bind(w.dialect, c, v)
    if (upper) compare = ' <= '
    else if (a.above) compare = ' > '
  }
  w.text(c.expr, compare)
  w.argument(a)
}

/** A text has a part, or starts with one, without regard to case. */
function like(w: Writer, c: Column, anywhere: boolean, v: string): void {
  if (c.lower !== '' || w.dialect !== 'postgresql') v = lower(v)
  const text = c.lower || `lower(${c.expr})`
  switch (w.dialect) {
    case 'sqlite': // its LIKE takes patterns up to a length alone
      w.text('instr(', text, ', ')
      w.place(v)
      return w.text(anywhere ? ') > 0' : ') = 1')
    case 'mysql':
      w.text('convert(', text, ' using utf8mb4) collate utf8mb4_bin like ')
      w.place(pattern(anywhere, v))
      return w.text(" escape '!'")
  }
  w.text(c.lower ? c.lower + ' like ' : c.expr + (c.field.native ? '::text' : '') + ' ilike ')
  w.place(pattern(anywhere, v))
  w.text("::text escape '!'")
}

/** A text in a pattern of LIKE. The escape is no backslash, which MySQL takes away, or not, as it is set up. */
export const escapeLike = (text: string): string => text.replace(/[!%_]/g, '!$&')

/** A pattern of LIKE for texts that start with a text, or have it anywhere. */
export const pattern = (anywhere: boolean, text: string): string => (anywhere ? '%' : '') + escapeLike(text) + '%'

/** Writes an array of texts as PostgreSQL reads one, for any driver. */
const arrayText = (values: string[]): string => `{${values.map((v) => `"${v.replace(/[\\"]/g, '\\$&')}"`).join(',')}}`
