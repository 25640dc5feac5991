// The types of values, and the canonical form of each.

import { fromBytes, isUTF8, trim } from './text.js'

/** The type of a field's values, as a query writes them. */
export type ValueType = 'text' | 'integer' | 'decimal' | 'big_integer' | 'big_decimal' | 'boolean' | 'date' | 'time' | 'json'

export const valueTypes: ValueType[] = ['text', 'integer', 'decimal', 'big_integer', 'big_decimal', 'boolean', 'date', 'time', 'json']

const bigDigits = 1000

/** The canonical form of a value of a type, or what would be right. */
export function canonical(type: ValueType, bytes: string): { value: string } | { want: string } {
  const text = trim(bytes)
  let value: string | undefined
  let want = 'a value of type ' + type
  switch (type) {
    case 'text':
      want = 'text in UTF-8 without a NUL'
      if (!bytes.includes('\0') && isUTF8(bytes)) value = fromBytes(bytes)
      break
    case 'integer':
    case 'big_integer':
      want = 'a whole number'
      value = number(text, false)
      if (type === 'integer' && value && !(value.replace('-', '').length < 17 && Number.isSafeInteger(Number(value)))) {
        want += ' within ±9007199254740991'
        value = undefined
      }
      break
    case 'decimal':
    case 'big_decimal':
      want = 'a number such as -12.5'
      value = number(text, true)
      if (type === 'decimal' && value && value.replace('.', '').replace(/^[-0]+|[-0]+$/g, '').length > 15) {
        want = 'a number of at most 15 significant digits'
        value = undefined
      }
      break
    case 'boolean':
      want = 'true or false'
      if (text === 'true' || text === 'false') value = text
      break
    case 'date':
      want = 'a date such as 2026-03-01'
      if (isDate(text)) value = text
      break
    case 'time':
      want = 'a time such as 2026-03-01T06:30:00Z'
      value = isDate(text) ? text + 'T00:00:00Z' : time(text)
  }
  return value === undefined ? { want } : { value }
}

/** Without what has no meaning: a "+", leading zeros, zeros at the end of a fraction. */
function number(text: string, fraction: boolean): string | undefined {
  const found = /^([+-]?)((\d+)(?:\.(\d+))?)$/.exec(text)
  if (!found || found[2]!.length > bigDigits || (found[4] && !fraction)) return undefined
  const rest = (found[4] ?? '').replace(/0+$/, '')
  const plain = found[3]!.replace(/^0+(?=.)/, '') + (rest && '.' + rest)
  return found[1] === '-' && plain !== '0' ? '-' + plain : plain
}

/** Whether a text is an RFC 3339 full-date of the years 1 to 9999. */
export function isDate(text: string): boolean {
  const found = /^(\d{4})-(\d\d)-(\d\d)$/.exec(text)
  return found !== null && moment(found, 0) !== undefined && Number(found[1]) >= 1
}

/** The moment of a year, a month and a day, with seconds added; undefined if there is no such day. */
function moment(found: RegExpExecArray, seconds: number): Date | undefined {
  const [year, month, day] = [Number(found[1]), Number(found[2]), Number(found[3])]
  const at = new Date(0)
  at.setUTCFullYear(year, month - 1, day)
  if (at.getUTCMonth() !== month - 1 || at.getUTCDate() !== day) return undefined
  at.setTime(at.getTime() + seconds * 1000)
  return at
}

/** An RFC 3339 date-time in UTC. The "+" of an offset that was not escaped has been read as a space. */
function time(text: string): string | undefined {
  const found = /^(\d{4})-(\d\d)-(\d\d)[Tt](\d\d?):(\d\d):(\d\d)(?:[.,](\d+))?(?:[Zz]|([+-])(\d\d):(\d\d))$/.exec(text.replace(' ', '+'))
  if (!found) return undefined
  const [hour = 0, minute = 0, second = 0, offsetHour = 0, offsetMinute = 0] = [4, 5, 6, 9, 10].map((i) => Number(found[i] ?? 0))
  if (hour > 23 || minute > 59 || second > 59 || offsetHour > 24 || offsetMinute > 60) return undefined
  const offset = (offsetHour * 60 + offsetMinute) * 60 * (found[8] === '-' ? -1 : 1)
  const at = moment(found, (hour * 60 + minute) * 60 + second - offset)
  if (at === undefined || at.getUTCFullYear() < 1 || at.getUTCFullYear() > 9999) return undefined
  const fraction = (found[7] ?? '').slice(0, 9).replace(/0+$/, '')
  return at.toISOString().replace(/\.\d+Z$/, '') + (fraction && '.' + fraction) + 'Z'
}
