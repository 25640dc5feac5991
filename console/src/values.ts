// Values of records as people read and type them.
import type { Field, SetRecord } from './api'

export const isNumeric = (field: Field) =>
  ['integer', 'decimal', 'big_integer', 'big_decimal'].includes(field.type)

/** A moment in UTC to the minute, or to whatever it has more. */
export const momentOf = (value: unknown) =>
  String(value)
    .replace('T', ' ')
    .replace(/(:00)?Z$/, ' UTC')

/** When something was done, to the minute: written as the times of records are. */
export const doneAt = (time: string) => new Date(time).toISOString().slice(0, 16).replace('T', ' ') + ' UTC'

const figures = new Intl.NumberFormat(undefined, { maximumFractionDigits: 20 })

export const figure = (n: number) => figures.format(n)

/** A value as text on the screen. */
export function shownAs(value: unknown): string {
  if (typeof value === 'boolean') return value ? 'yes' : 'no'
  if (typeof value === 'number') return figures.format(value)
  if (typeof value === 'object' && value !== null) return JSON.stringify(value)
  return String(value ?? '')
}

/** A value as it is typed; null: it is missing. */
export function typedAs(value: unknown): string | null {
  if (value === null || value === undefined) return null
  return typeof value === 'object' ? JSON.stringify(value) : String(value)
}

/** What was typed as a value of a field; throws with what would be right. */
export function valueOf(field: Field, typed: string | null): unknown {
  if (typed === null) return null
  const text = field.type === 'text' ? typed : typed.trim()
  const need = (right: string): never => {
    throw new Error(`Found “${text.slice(0, 60)}”; right would be ${right}.`)
  }
  switch (field.type) {
    case 'integer':
      return /^[+-]?\d+$/.test(text) && Number.isSafeInteger(Number(text))
        ? Number(text)
        : need('a whole number')
    case 'decimal':
      return /^[+-]?(\d+\.?\d*|\.\d+)(e[+-]?\d+)?$/i.test(text)
        ? Number(text)
        : need('a number, such as 12.5')
    case 'big_integer':
      return /^[+-]?\d+$/.test(text) ? text : need('a whole number')
    case 'big_decimal':
      return /^[+-]?(\d+\.?\d*|\.\d+)$/.test(text) ? text : need('a number, such as 12.5')
    case 'boolean':
      return text === 'true' ? true : text === 'false' ? false : need('yes or no')
    case 'date':
      return /^\d{4,}-\d\d-\d\d$/.test(text) ? text : need('a date, such as 2026-03-01')
    case 'time':
      return /^\d{4,}-\d\d-\d\dT\d\d:\d\d(:\d\d(\.\d+)?)?(Z|[+-]\d\d:\d\d)$/i.test(text)
        ? text
        : need('a time, such as 2026-03-01T06:30:00Z')
    case 'json':
      try {
        return JSON.parse(text)
      } catch {
        return need('JSON, such as ["salt", "tar"]')
      }
  }
  return text
}

/** The fields in which two records differ. */
export const differing = (fields: Field[], one: SetRecord, other: SetRecord) =>
  fields.filter((field) => typedAs(one[field.name]) !== typedAs(other[field.name]))
