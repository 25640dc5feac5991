// The address that links lead to.

import { keep } from './query.js'
import { fromBytes, quote, quoteText, toBytes } from './text.js'

/** A parameter of a link; page: the page's own. */
export interface Linked {
  page?: boolean
  /** As bytes. */
  name: string
  values: string[]
  /** How it stands in a query, each value by itself. */
  texts: string[]
}

/** The address that links lead to: see parseBase and parseTemplate. */
export interface Base {
  /** @internal Of a template, without its variables. */
  readonly text: string
  /** @internal Of a template, a link with some parameters; undefined: it would be no right address. */
  readonly link?: (parameters: Linked[]) => string | undefined
  /** @internal */
  readonly leadsOutside: boolean
}

/** The base of links that are only a query ("?page=2"): they lead to the page that they are on. */
export const here: Base = { text: '', leadsOutside: false }

/** The same base for links that lead to somebody else: parameters that speak to the service, see Rules.aside, are left off. */
export const outside = (base: Base): Base => ({ ...base, leadsOutside: true })

/** The error for a base that is none. */
export class BaseError extends Error {
  override readonly name = 'BaseError'
  /** @internal */
  constructor(bytes: string, why: string) {
    super(`paging: base ${quote(bytes)}: ${why}`)
  }
}

/**
 * Reads a base: a path, or a URL with one of the origins; parseTemplate reads a template of either. Throws a BaseError.
 *
 * A path begins with one "/". A URL has no user. Neither has a backslash, a space, a control character or a fragment.
 */
export function parseBase(text: string, ...origins: string[]): Base {
  const bytes = toBytes(text)
  const why = /[{}]/.test(bytes) ? 'parseTemplate reads templates' : addressFault(bytes, origins)
  if (why !== '') throw new BaseError(bytes, why)
  return { ...here, text: keep(bytes) }
}

const noPath = 'a path begins with "/" and then neither "/" nor "\\", and holds no backslash, space, control character or fragment'

/** What is wrong with a base, or with the result of a template; "": nothing. */
export function addressFault(bytes: string, origins: readonly string[]): string {
  if (/[\x00-\x20\x7f\\#]/.test(bytes)) return noPath
  if (bytes.startsWith('/')) return bytes.startsWith('//') ? noPath : ''
  const found = /^([A-Za-z][A-Za-z0-9+.-]*):\/\/([^/?]*)([^?]*)/.exec(bytes)
  if (!found || /%(?![0-9A-Fa-f]{2})/.test(found[3]!)) return noPath
  const authority = found[2]!
  if (authority.includes('@')) return 'a URL with a user name is no base'
  if (!/^(\[[0-9A-Fa-f:.]+\]|[A-Za-z0-9\-._~!$&'()*+,;=<>"\x80-\xff]+)(:[0-9]*)?$/.test(authority)) return noPath
  const origin = fromBytes(`${found[1]!.toLowerCase()}://${authority}`)
  return origins.includes(origin) ? '' : `the origin ${quoteText(origin)} is not allowed (allowed: ${origins.join(', ') || 'none'})`
}
