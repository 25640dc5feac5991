// Reads and writes queries. What is not changed keeps its place and its bytes; nothing is dropped in silence.

import { toBytes } from './text.js'

/** What the rules take a part for. */
export type Role = 'rides' | 'dropped' | 'page' | 'size' | 'sort' | 'direction' | 'fields' | 'cursor' | 'aside'

/** One parameter as it stands in a query. */
export interface Part {
  /** As it stands in the query: the name, and "=value" if there is one. */
  raw: string
  rawName: string
  /** Decoded. */
  name: string
  role: Role
}

/** The decoded value of a part; "" if there is none. */
export const valueOf = (part: Part): string => decode(part.raw.slice(part.rawName.length + 1))

/** A query as bytes. A text with characters that are no bytes is taken as UTF-8. */
export const bytesOf = (query: string): string => (/^[\x00-\xff]*$/.test(query) ? query : toBytes(query))

/** The parts of a query without its "?", between each "&". */
export function partsOf(query: string): Part[] {
  const parts: Part[] = []
  for (const raw of query.split('&')) {
    if (raw === '') continue
    const at = raw.indexOf('=')
    const rawName = at < 0 ? raw : raw.slice(0, at)
    parts.push({ raw, rawName, name: decode(rawName), role: 'rides' })
  }
  return parts
}

/** Undoes form encoding. A "%" that is no complete escape stands for itself. */
export const decode = (text: string): string =>
  !/[%+]/.test(text)
    ? text
    : text.replace(/\+|%[0-9A-Fa-f]{2}/g, (found) => (found === '+' ? ' ' : String.fromCharCode(parseInt(found.slice(1), 16))))

const escape = (byte: string) => '%' + byte.charCodeAt(0).toString(16).toUpperCase().padStart(2, '0')

/** Writes what is kept: the characters of a query (RFC 3986, section 3.4) and whole escapes as they are. */
export const keep = (bytes: string): string =>
  bytes.replace(/%[0-9A-Fa-f]{2}|[^A-Za-z0-9\-._~!$'()*,;:@/?&+=]/g, (found) => (found.length === 3 ? found : escape(found)))

/** Writes a name or a value. */
export const write = (bytes: string): string => bytes.replace(/[^A-Za-z0-9\-._~!$'()*,;:@/?]/g, escape)

/** Writes a value for any part of an address (RFC 3986, section 2.3). */
export const writeAnywhere = (bytes: string): string => bytes.replace(/[^A-Za-z0-9\-._~]/g, escape)
