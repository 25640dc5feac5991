// Values as arguments, in the form that each database compares rightly.

import type { ValueType } from '@pageladder/core'
import type { Dialect } from './dialect.js'
import type { Column } from './table.js'
import { floorTo, parseTime, writeCanonical, writeTime, type Moment } from './time.js'
import type { Argument } from './writer.js'

/** A whole number of 64 bits; undefined: it is none. */
export function integer(v: string): bigint | undefined {
  if (!/^-?[0-9]{1,19}$/.test(v)) return undefined
  const n = BigInt(v)
  return BigInt.asIntN(64, n) === n ? n : undefined
}

/** Prepares a value, in its type's canonical form, to be compared with a column. */
export function bind(d: Dialect, c: Column, v: string): Argument {
  if (c.field.native) return { value: v }
  if (c.type === 'time') return bindTime(d, c, v)
  if (d === 'postgresql') return { value: v, after: castTo(c.type, [v]) }
  switch (c.type) {
    case 'boolean':
      return bindInteger(d, v === 'true' ? 1n : 0n)
    case 'integer':
    case 'big_integer':
    case 'decimal':
    case 'big_decimal': {
      const n = integer(v)
      if (n !== undefined) return bindInteger(d, n)
      return d === 'mysql' ? bindDecimal(v) : { value: Number(v) } // infinite if it is beyond a float
    }
    case 'date':
      if (d === 'mysql') return { value: v, before: 'cast(', after: ' as date)' }
  }
  return { value: v }
}

/** A driver may send it as a text or a float, as which MySQL would compare it. */
const bindInteger = (d: Dialect, value: bigint): Argument => (d === 'mysql' ? { value, before: 'cast(', after: ' as signed)' } : { value })

/** The casts by which PostgreSQL knows the types of values. Text takes the collation of the column that it is compared with. */
const castTypes: Record<ValueType, string> = {
  text: '::text',
  integer: '::bigint',
  decimal: '::numeric',
  big_integer: '::numeric',
  big_decimal: '::numeric',
  boolean: '::boolean',
  date: '::date',
  time: '::timestamptz',
  json: '::jsonb',
}

/**
 * The cast by which PostgreSQL knows the type of values. A big integer that fits becomes a bigint, so that an index on a bigint column is of use; any column of numbers
 * can be compared with one.
 */
export const castTo = (type: ValueType, values: string[]): string =>
  type === 'big_integer' && values.every((v) => integer(v) !== undefined) ? '::bigint' : castTypes[type]

// The digits of MySQL's DECIMAL: in all, and after the point.
const decimalDigits = 65
const decimalFraction = 30

/** Prepares a number for MySQL, which would compare a number in a text as a float. No DECIMAL has more digits than these; a larger number is compared with floats only. */
function bindDecimal(v: string): Argument {
  const negative = v.startsWith('-')
  const [whole = '', fraction = ''] = v.replace('-', '').split('.')
  if (whole.length > decimalDigits) {
    const f = Number(v)
    return { value: Math.abs(f) > 1e308 ? Math.sign(f) * Math.min(Math.abs(f), 1.7e308) : f } // MySQL has no infinities
  }
  const scale = Math.min(fraction.length, decimalFraction, decimalDigits - whole.length)
  const a: Argument = { value: v, before: 'cast(', after: ` as decimal(65,${scale}))`, above: scale < fraction.length }
  if (!a.above) return a
  let units = BigInt(whole + fraction.slice(0, scale)) // of its last digit
  if (negative) units = -units - 1n
  const digits = String(units)
    .replace('-', '')
    .padStart(scale + 1, '0')
  const at = digits.length - scale
  return { ...a, value: (units < 0n ? '-' : '') + digits.slice(0, at) + (scale > 0 ? '.' + digits.slice(at) : '') }
}

/** Prepares a time or, as its midnight, a date. */
function bindTime(d: Dialect, c: Column, v: string): Argument {
  const at = parseTime(v)
  if (!at) return { value: v, after: '::timestamptz' } // as PostgreSQL writes it: see Question.from
  const floor = floorTo(at, c.precision)
  return moment(d, c, floor, floor.nanos < at.nanos)
}

/** A time that a column can hold. */
export function moment(d: Dialect, c: Column, at: Moment, above: boolean): Argument {
  if (d === 'postgresql') return { value: writeCanonical(at), after: c.field.native ? '' : '::timestamptz', above }
  if (d === 'mysql') return { value: writeTime(at, 'YYYY-MM-DD HH:mm:ss.ssssss'), before: 'cast(', after: ' as datetime(6))', above }
  if (c.layout === 'unix') return { value: BigInt(at.seconds), above }
  if (c.layout === 'unixmilli') return { value: BigInt(at.seconds * 1000 + Math.floor(at.nanos / 1e6)), above }
  return { value: writeTime(at, c.layout), above }
}
