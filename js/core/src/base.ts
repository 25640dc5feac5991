// The address that links lead to.

import { keep, decode, writeAnywhere } from './query.js'
import { fromBytes, isUTF8, quote, quoteText, toBytes } from './text.js'

/** One variable of a template. */
interface Variable {
  text: string
  name: string
  exploded: boolean
}

/** Literal text, or an expression where there are variables. */
interface Piece {
  literal: string
  operator: string
  variables: Variable[]
}

/** The address that links lead to: see parseBase. */
export interface Base {
  /** @internal */
  readonly text: string
  /** @internal */
  readonly template?: Piece[]
  /** @internal The variables of the template; true: each of several values stands by itself. */
  readonly variables: ReadonlyMap<string, boolean>
  /** @internal */
  readonly origins: readonly string[]
  /** @internal */
  readonly leadsOutside: boolean
}

/** The base of links that are only a query ("?page=2"): they lead to the page that they are on. */
export const here: Base = { text: '', variables: new Map(), origins: [], leadsOutside: false }

/** The same base for links that lead to somebody else: parameters that speak to the service, see Rules.aside, are left off. */
export const outside = (base: Base): Base => ({ ...base, leadsOutside: true })

/** The error for a base that is none. */
export class BaseError extends Error {
  override readonly name = 'BaseError'
}

/**
 * Reads a base: a path, a URL with one of the origins, or a template (RFC 6570) of either. Throws a BaseError.
 *
 * A path begins with one "/". A URL has no user. Neither has a backslash, a space, a control character or a fragment. The expressions of a template stand after
 * the host and a "/", and have neither the operators "+" and "#" nor a prefix.
 */
export function parseBase(text: string, ...origins: string[]): Base {
  const bytes = toBytes(text)
  const wrong = (why: string) => new BaseError(`paging: base ${quote(bytes)}: ${why}`)
  if (!/[{}]/.test(bytes)) {
    const why = check(bytes, origins)
    if (why !== '') throw wrong(why)
    return { ...here, text: keep(bytes), origins }
  }
  const template = parseTemplate(bytes)
  if (typeof template === 'string') throw wrong('not a template that links can be built on: ' + template)
  const at = bytes.indexOf('{')
  const before = bytes.slice(0, at).replace(/^.*?:\/\//s, '')
  if (!before.includes('/') && !bytes.startsWith('/', at + 1)) throw wrong('an expression stands only after the host and a "/"')
  const variables = new Map(template.flatMap((piece) => piece.variables.map((v) => [v.name, v.exploded] as const)))
  const base = { ...here, text: bytes, template, variables, origins }
  // The result must be a right base whatever is missing: without any variable, and with each one alone.
  for (const only of ['', ...[...variables.keys()].sort()]) {
    const expanded = expandTemplate(template, new Map(only === '' ? [] : [[only, ['x']]]))
    const why = check(expanded, origins)
    if (why !== '') throw wrong(`with ${fromBytes(only) || 'no variable'} it is ${quote(expanded)}: ${why}`)
  }
  return base
}

const noPath = 'a path begins with "/" and then neither "/" nor "\\", and holds no backslash, space, control character or fragment'

/** What is wrong with a base, or with the result of a template; "": nothing. */
function check(bytes: string, origins: readonly string[]): string {
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

/** Whether a variable can carry values through expansion and back. */
export function fits(base: Base, name: string, values: string[]): boolean {
  const exploded = base.variables.get(name)
  if (exploded === undefined || (values.length > 1 && !exploded)) return false
  // "", "." and ".." would be path segments with a meaning of their own; a broken character would not come back as it was.
  return values.every((v) => v !== '' && v !== '.' && v !== '..' && isUTF8(v) && !v.includes('\xef\xbf\xbd'))
}

/** Fills a base's template; undefined if the result is not a right base. */
export function expand(base: Base, values: Map<string, string[]>): string | undefined {
  const text = expandTemplate(base.template!, values)
  return check(text, base.origins) === '' ? text : undefined
}

/** Reads a template, RFC 6570, section 2. A string says what is wrong. */
function parseTemplate(bytes: string): Piece[] | string {
  const pieces: Piece[] = []
  let text = bytes
  while (text !== '') {
    const at = text.indexOf('{')
    const literal = at < 0 ? text : text.slice(0, at)
    if (literal.includes('}')) return 'a "}" without its "{"'
    if (literal !== '') pieces.push({ literal: keep(literal), operator: '', variables: [] })
    if (at < 0) return pieces
    const end = text.indexOf('}', at)
    if (end < 0) return 'a "{" without its "}"'
    const piece = parseExpression(text.slice(at + 1, end))
    if (typeof piece === 'string') return piece
    pieces.push(piece)
    text = text.slice(end + 1)
  }
  return pieces
}

function parseExpression(text: string): Piece | string {
  if (text === '') return 'an expression without a variable'
  if (/^[+#]/.test(text)) return `the operator "${text[0]}" lets values leave their place`
  const operator = /^[./;?&]/.test(text) ? text[0]! : ''
  const variables: Variable[] = []
  for (const spec of text.slice(operator.length).split(',')) {
    if (spec.includes(':')) return `the prefix in ${quoteText(fromBytes(spec))} would cut values short`
    const name = spec.replace(/\*$/, '')
    if (!/^(?:[A-Za-z0-9_]|%[0-9A-Fa-f]{2})+(?:\.(?:[A-Za-z0-9_]|%[0-9A-Fa-f]{2})+)*$/.test(name))
      return `${quoteText(fromBytes(name.slice(0, 200)))} is no variable: letters, digits, "_" and escapes, "." between`
    variables.push({ text: name, name: decode(name), exploded: name !== spec })
  }
  return { literal: '', operator, variables }
}

/** Fills a template, RFC 6570, section 3.2. A variable without values is left out. */
function expandTemplate(template: Piece[], values: Map<string, string[]>): string {
  let text = ''
  for (const { literal, operator, variables } of template) {
    text += literal
    const between = operator === '' ? ',' : operator === '?' ? '&' : operator
    const named = operator === ';' || operator === '?' || operator === '&'
    let begun = false
    for (const v of variables) {
      const list = values.get(v.name) ?? []
      list.forEach((value, n) => {
        if (n === 0 || v.exploded) {
          text += begun ? between : operator
          begun = true
          const empty = value === '' && (v.exploded || list.length === 1)
          if (named) text += v.text + (operator !== ';' || !empty ? '=' : '')
        } else text += ','
        text += writeAnywhere(value)
      })
    }
  }
  return text
}
