// Places in a list as tokens: base64url (RFC 4648, section 5, without padding) of the order and the values of one record in it. They can be read by
// anybody, and are compared with the list's rules like any query.

import type { Code } from './code.js'
import { fromBytes, toBytes } from './text.js'

/** A place in the order of a list, right before a record or right behind it, by the record's values in the fields of the order. */
export interface Place {
  values: (string | null)[]
  behind: boolean
}

interface List {
  name: string
  order: string
}

const maxBytes = 1024
const maxValues = 100
const readable = 1
const lastSealed = 3 // 2 and 3 are read by a service with a key alone

const table = Array.from({ length: 256 }, (_, n) => {
  for (let bit = 0; bit < 8; bit++) n = n & 1 ? (n >>> 1) ^ 0xedb88320 : n >>> 1
  return n
})

function crc32(bytes: string): string {
  let sum = -1
  for (let i = 0; i < bytes.length; i++) sum = (sum >>> 8) ^ table[(sum ^ bytes.charCodeAt(i)) & 255]!
  sum = ~sum
  return String.fromCharCode((sum >>> 24) & 255, (sum >>> 16) & 255, (sum >>> 8) & 255, sum & 255)
}

function length(n: number): string {
  let bytes = ''
  for (; n > 127; n >>>= 7) bytes += String.fromCharCode((n & 127) | 128)
  return bytes + String.fromCharCode(n)
}

/** The token of a place; "" if it would be too long. */
export function writeCursor(list: List, place: Place): string {
  const order = toBytes(list.order)
  const values = place.values.map((v) => (v === null ? null : toBytes(v)))
  const n = values.reduce((sum, v) => sum + 2 + (v?.length ?? 0), 12 + order.length)
  if (n > maxBytes || values.length > maxValues) return ''
  const body =
    crc32(toBytes(list.name)) +
    String.fromCharCode(place.behind ? 1 : 0) +
    length(order.length) +
    order +
    values.map((v) => (v === null ? '\0' : length(v.length + 1) + v)).join('')
  const token = encode(String.fromCharCode(readable) + crc32(body) + body)
  return token.length > maxBytes ? '' : token
}

/** The place in a token of a list, or what is wrong with it. The values are not checked. */
export function readCursor(token: string, list: List, fields: number): Place | Code {
  if (token.length > maxBytes) return 'cursor.too_long'
  const bytes = decode(token.replace(/[\r\n]/g, ''))
  if (bytes === undefined || bytes === '') return 'cursor.damaged'
  const form = bytes.charCodeAt(0)
  if (form > readable && form <= lastSealed) return 'cursor.other_order'
  const body = bytes.slice(5)
  if (form !== readable || body.length === 0 || bytes.slice(1, 5) !== crc32(body) || body.length < 5 || body.charCodeAt(4) > 1)
    return 'cursor.damaged'
  if (body.slice(0, 4) !== crc32(toBytes(list.name))) return 'cursor.foreign'
  let rest = body.slice(5)
  /** Cuts off a text whose length stands before it, with so much added. */
  const cut = (added: number): string | undefined => {
    let n = 0n
    let at = 0
    for (; at < rest.length && rest.charCodeAt(at) > 127; at++) n |= BigInt(rest.charCodeAt(at) & 127) << BigInt(7 * at)
    if (at >= rest.length || at > 9) return undefined
    n |= BigInt(rest.charCodeAt(at)) << BigInt(7 * at)
    const end = at + 1 + Number(n) - added
    if (n < BigInt(added) || end > rest.length) return undefined
    const text = rest.slice(at + 1, end)
    rest = rest.slice(end)
    return text
  }
  const order = cut(0)
  if (order === undefined) return 'cursor.damaged'
  if (order !== toBytes(list.order)) return 'cursor.other_order'
  const values: (string | null)[] = []
  while (rest !== '' && values.length < fields) {
    if (rest[0] === '\0') {
      values.push(null)
      rest = rest.slice(1)
      continue
    }
    const value = cut(1)
    if (value === undefined) return 'cursor.damaged'
    values.push(fromBytes(value))
  }
  return rest !== '' || values.length !== fields ? 'cursor.damaged' : { values, behind: body.charCodeAt(4) === 1 }
}

const encode = (bytes: string): string => btoa(bytes).replace(/\+/g, '-').replace(/\//g, '_').replace(/=+$/, '')

/** Strict base64url: undefined if it is not. */
function decode(text: string): string | undefined {
  if (!/^[A-Za-z0-9\-_]*$/.test(text) || text.length % 4 === 1) return undefined
  const bytes = atob(text.replace(/-/g, '+').replace(/_/g, '/'))
  return encode(bytes) === text ? bytes : undefined // else there are bits left over
}
