// Times to the nanosecond, and how SQLite stores them.

/** A time: whole seconds since 1970 in UTC, and nanoseconds. */
export interface Moment {
  seconds: number
  nanos: number
}

/** Whether a value of a time in a condition is a date, which means the whole day in UTC. */
export const isDay = (value: string): boolean => value.length === '2026-03-01'.length

/** Reads a time in canonical form, or a date as its midnight in UTC; undefined: it is neither. */
export function parseTime(text: string): Moment | undefined {
  const found = /^(\d{4})-(\d\d)-(\d\d)(?:T(\d\d):(\d\d):(\d\d)(?:\.(\d{1,9}))?Z)?$/.exec(text)
  if (!found) return undefined
  const [year = 0, month = 0, day = 0, hour = 0, minute = 0, second = 0] = found.slice(1, 7).map((digits) => Number(digits ?? 0))
  const at = new Date(0)
  at.setUTCFullYear(year, month - 1, day)
  at.setUTCHours(hour, minute, second)
  return { seconds: at.getTime() / 1000, nanos: Number((found[7] ?? '').padEnd(9, '0')) }
}

/** The same time on the next day. */
export const nextDay = (at: Moment): Moment => ({ ...at, seconds: at.seconds + 86_400 })

/** The last time up to this one that a column of a precision, in nanoseconds, can hold. */
export const floorTo = (at: Moment, precision: number): Moment => ({ ...at, nanos: at.nanos - (at.nanos % precision) })

export const yearOf = (at: Moment): number => new Date(at.seconds * 1000).getUTCFullYear()

/** The time of whole units since 1970, of which a second has so many. */
export function fromUnix(units: number, inSecond: number): Moment {
  const seconds = Math.floor(units / inSecond)
  return { seconds, nanos: (units - seconds * inSecond) * (1e9 / inSecond) }
}

/** The parts of a layout: what stands for a part of a time, or any other character. */
const parts = /(YYYY|MM|DD|HH|mm|ss)(?:(?<=ss)([.,])(s+))?|[^]/g

/** Writes a time in a layout. */
export function writeTime(at: Moment, layout: string): string {
  const [year, ...rest] = new Date(at.seconds * 1000)
    .toISOString()
    .replace(/^\+0/, '')
    .split(/[-T:.]/)
  const texts: Record<string, string | undefined> = { YYYY: year, MM: rest[0], DD: rest[1], HH: rest[2], mm: rest[3], ss: rest[4] }
  const fraction = String(at.nanos).padStart(9, '0')
  return layout.replace(parts, (other, part?: string, point = '', digits = '') =>
    part ? texts[part] + point + fraction.slice(0, digits.length) : other,
  )
}

/** As RFC 3339 writes it, with as much of its fraction as is not zero. */
export const writeCanonical = (at: Moment): string => writeTime(at, 'YYYY-MM-DDTHH:mm:ss.sssssssss').replace(/\.?0+$/, '') + 'Z'

/** Reads a time in a layout. */
export function readTime(text: string, layout: string): Moment | undefined {
  const pattern = layout.replace(parts, (other, part?: string, point = '', digits = '') => {
    if (!part) return other.replace(/[^A-Za-z0-9]/, '\\$&')
    return `(\\d{${part.length}})` + (digits && `\\${point}(\\d{${digits.length}})`)
  })
  const found = new RegExp(`^${pattern}$`).exec(text)
  if (!found) return undefined
  const [, year, month, day, hour, minute, second, fraction] = found
  return parseTime(`${year}-${month}-${day}T${hour}:${minute}:${second}${fraction ? '.' + fraction : ''}Z`)
}

/** How SQLite stores times, and how many nanoseconds that distinguishes; undefined: texts of the layout do not sort as times do. */
export function layoutOf(layout: string): { layout: string; precision: number } | undefined {
  if (layout === '') return { layout: 'YYYY-MM-DDTHH:mm:ssZ', precision: 1e9 }
  if (layout === 'unix') return { layout, precision: 1e9 }
  if (layout === 'unixmilli') return { layout, precision: 1e6 }
  const found = [...layout.matchAll(parts)].filter(([, part]) => part)
  const digits = found[5]?.[3]?.length ?? 0
  const right = found.map(([, part]) => part).join(' ') === 'YYYY MM DD HH mm ss'
  return right && [0, 3, 6, 9].includes(digits) ? { layout, precision: 10 ** (9 - digits) } : undefined
}
