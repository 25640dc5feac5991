// Whole numbers of 64 bits: what would be beyond stays at the end.

export const largest = 2n ** 63n - 1n
const smallest = -(2n ** 63n)

const clamp = (n: bigint): bigint => (n > largest ? largest : n < smallest ? smallest : n)

export const add = (a: bigint, b: bigint): bigint => clamp(a + b)
export const times = (a: bigint, b: bigint): bigint => clamp(a * b)
export const least = (a: bigint, b: bigint): bigint => (a < b ? a : b)
export const most = (a: bigint, b: bigint): bigint => (a > b ? a : b)

/** A number that a program gives: whole, not negative, within 64 bits. What is no number is 0. */
export function counted(n: number | bigint): bigint {
  if (typeof n === 'bigint') return most(clamp(n), 0n)
  return n > 0 ? BigInt(Math.trunc(Math.min(n, Number.MAX_SAFE_INTEGER))) : 0n
}

/** Reads ASCII digits with an optional sign, spaces around them ignored; undefined: not a number. */
export function readNumber(text: string): bigint | undefined {
  const found = /^[ \t]*([+-]?)(\d+)[ \t]*$/.exec(text)
  if (!found) return undefined
  const digits = found[2]!.replace(/^0+(?=.)/, '')
  if (digits.length > 19) return found[1] === '-' ? smallest : largest
  return clamp(found[1] === '-' ? -BigInt(digits) : BigInt(digits))
}

/** The largest whole number that every reader of JSON keeps (RFC 8259, section 6). */
export const maxInteger = BigInt(Number.MAX_SAFE_INTEGER)

/**
 * A whole number. It is a bigint, whatever its type says, beyond ±(2^53−1): only if the total is as large.
 */
export type Whole = number

export const whole = (n: bigint): Whole => (n <= maxInteger && n >= -maxInteger ? Number(n) : (n as unknown as Whole))

/** With commas: 1,234,567. */
export const grouped = (n: bigint | number): string => n.toString().replace(/\B(?=(\d{3})+$)/g, ',')
