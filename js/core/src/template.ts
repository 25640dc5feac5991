// Bases that are templates of addresses (RFC 6570).

import { addressFault, BaseError, here, parseBase, type Base, type Linked } from './base.js'
import { decode, keep, writeAnywhere } from './query.js'
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

/**
 * Reads a base that may be a template (RFC 6570) of a path or a URL; without braces it is what parseBase reads. Throws a BaseError.
 *
 * The expressions of a template stand after the host and a "/", and have neither the operators "+" and "#" nor a prefix. Parameters that it names go into it, the others follow.
 */
export function parseTemplate(text: string, ...origins: string[]): Base {
  const bytes = toBytes(text)
  if (!/[{}]/.test(bytes)) return parseBase(text, ...origins)
  const wrong = (why: string) => new BaseError(bytes, why)
  const template = piecesOf(bytes)
  if (typeof template === 'string') throw wrong('not a template that links can be built on: ' + template)
  const at = bytes.indexOf('{')
  const before = bytes.slice(0, at).replace(/^.*?:\/\//s, '')
  if (!before.includes('/') && !bytes.startsWith('/', at + 1)) throw wrong('an expression stands only after the host and a "/"')
  const variables = new Map(template.flatMap((piece) => piece.variables.map((v) => [v.name, v.exploded] as const)))
  // The result must be a right base whatever is missing: without any variable, and with each one alone.
  for (const only of ['', ...[...variables.keys()].sort()]) {
    const expanded = expand(template, new Map(only === '' ? [] : [[only, ['x']]]))
    const why = addressFault(expanded, origins)
    if (why !== '') throw wrong(`with ${fromBytes(only) || 'no variable'} it is ${quote(expanded)}: ${why}`)
  }
  return {
    ...here,
    text: expand(template, new Map()),
    link: (parameters) => linkTo(template, variables, origins, parameters),
  }
}

/** A link over a template. */
function linkTo(template: Piece[], variables: Map<string, boolean>, origins: string[], parameters: Linked[]): string | undefined {
  const all = new Map<string, string[]>() // all values of a repeated parameter go into the template, or none
  for (const { page, name, values } of parameters) if (!page) all.set(name, [...(all.get(name) ?? []), ...values])
  const put = new Map<string, string[]>()
  let others = ''
  for (const p of parameters)
    if (p.page && variables.has(p.name)) put.set(p.name, p.values)
    else if (!p.page && p.values.length > 0 && fits(variables.get(p.name), all.get(p.name)!)) put.set(p.name, all.get(p.name)!)
    else for (const text of p.texts) others += '&' + text
  const text = expand(template, put)
  if (addressFault(text, origins) !== '') return undefined
  return text + (text.includes('?') ? others : others.replace('&', '?'))
}

/** Whether a variable, if there is one, can carry values through expansion and back. */
function fits(exploded: boolean | undefined, values: string[]): boolean {
  if (exploded === undefined || (values.length > 1 && !exploded)) return false
  // "", "." and ".." would be path segments with a meaning of their own; a broken character would not come back as it was.
  return values.every((v) => v !== '' && v !== '.' && v !== '..' && isUTF8(v) && !v.includes('\xef\xbf\xbd'))
}

/** Reads a template, RFC 6570, section 2. A string says what is wrong. */
function piecesOf(bytes: string): Piece[] | string {
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
function expand(template: Piece[], values: Map<string, string[]>): string {
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
