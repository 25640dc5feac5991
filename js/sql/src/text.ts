// Values as queries have them.

import { canonical } from '@pageladder/core'
import { fieldAt, quoted, StatementError } from './mistake.js'
import type { Column } from './table.js'
import { fromUnix, parseTime, readTime, writeCanonical } from './time.js'

/** Checks a value of a column's type: the canonical form, or what would be right. */
export function canonicalOf(c: Column, text: string): { value: string } | { want: string } {
  if (c.type !== 'text') return canonical(c.type, text)
  return /\0|[\ud800-\udbff](?![\udc00-\udfff])|(?<![\ud800-\udbff])[\udc00-\udfff]/.test(text)
    ? { want: 'text in UTF-8 without a NUL' }
    : { value: text }
}

/** A value of a column in canonical form, as a driver returned it; null if it is missing. */
export function textOf(c: Column, v: unknown): string | null {
  const text = plainText(c, v)
  if (text === null || (c.field.native && c.type === 'text')) return text
  const checked = canonicalOf(c, text)
  if ('value' in checked) return checked.value
  throw new StatementError(fieldAt(c.name), `found ${quoted(text)}; right would be ${checked.want}`)
}

/** A value as text, which may not be in canonical form yet. */
export function plainText(c: Column, v: unknown): string | null {
  let text: string
  switch (typeof v) {
    case 'string':
      text = v
      break
    case 'boolean':
      text = String(v)
      break
    case 'bigint':
    case 'number':
      text = textOfNumber(c, v)
      break
    default:
      if (v === null || v === undefined) return null
      if (v instanceof Uint8Array) text = new TextDecoder().decode(v)
      else if (v instanceof Date && c.type === 'time') text = v.toISOString()
      else throw new StatementError(fieldAt(c.name), `found a value that is a ${Object.prototype.toString.call(v).slice(8, -1)}`)
  }
  switch (c.type) {
    case 'boolean':
      if (text === 't' || text === '1') return 'true'
      return text === 'f' || text === '0' ? 'false' : text
    case 'date':
      return text.slice(0, '2026-03-01'.length) // midnight may follow
    case 'decimal':
    case 'big_decimal':
      return /[eE]/.test(text) && Number.isFinite(Number(text)) ? withoutExponent(text) : text
    case 'time':
      return textOfTime(c, text)
  }
  return text
}

function textOfNumber(c: Column, n: bigint | number): string {
  if (c.type === 'boolean') return String(Number(n) !== 0)
  if (c.type === 'time' && (c.layout === 'unix' || c.layout === 'unixmilli'))
    return writeCanonical(fromUnix(Number(n), c.layout === 'unix' ? 1 : 1000))
  return typeof n === 'number' ? withoutExponent(String(n)) : String(n)
}

/** A number without an exponent: 1.5e-7 becomes 0.00000015. */
function withoutExponent(text: string): string {
  const found = /^(-?)(\d+)(?:\.(\d*))?[eE]([+-]?\d+)$/.exec(String(Number(text)))
  if (!found) return String(Number(text))
  const [, sign, whole = '', fraction = '', exponent] = found
  const at = whole.length + Number(exponent)
  const digits = whole + fraction
  if (at <= 0) return `${sign}0.${'0'.repeat(-at)}${digits}`
  return sign + digits.slice(0, at).padEnd(at, '0') + (at < digits.length ? '.' + digits.slice(at) : '')
}

/** A time as in RFC 3339; one that cannot be read stays as it is. */
export function textOfTime(c: Column, text: string): string {
  const stored = c.layout === '' ? undefined : readTime(text, c.layout)
  if (stored) return writeCanonical(stored)
  // As PostgreSQL writes it, with an offset, and as MySQL does, in UTC.
  const found = /^(\d{4}-\d\d-\d\d)[ T](\d\d:\d\d:\d\d)(\.\d{1,9})?(?:(Z)|([+-]\d\d)(?::?(\d\d))?)?$/.exec(text)
  if (!found) return text
  const [, day, time, fraction = '', , hours = '+00', minutes = '00'] = found
  const at = parseTime(`${day}T${time}${fraction}Z`)
  if (!at) return text
  const offset = Number(hours) * 3600 + Number(minutes) * 60 * (hours.startsWith('-') ? -1 : 1)
  return writeCanonical({ ...at, seconds: at.seconds - offset })
}
