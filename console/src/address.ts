// The console's address holds the query of the page that it shows. Links come from
// the API and are only moved from its path to the console's.

/** The query of a link or address, without its "?". */
export function queryOf(href: string): string {
  const at = href.indexOf('?')
  return at < 0 ? '' : href.slice(at + 1).replace(/#.*$/s, '')
}

/** The console's address of a set with the query of one of the API's links. */
export function setAddress(set: string, href = ''): string {
  const query = queryOf(href)
  return `/sets/${encodeURIComponent(set)}${query && '?'}${query}`
}

/** One parameter of a query, as it stands there and as it reads. */
export interface Piece {
  raw: string
  name: string
  value: string
}

function decoded(text: string): string {
  const spaced = text.replace(/\+/g, ' ')
  try {
    return decodeURIComponent(spaced)
  } catch {
    return spaced
  }
}

/** The parameters of a query, in their order. */
export function piecesOf(query: string): Piece[] {
  return query
    .split('&')
    .filter((raw) => raw !== '')
    .map((raw) => {
      const at = raw.indexOf('=')
      return {
        raw,
        name: decoded(at < 0 ? raw : raw.slice(0, at)),
        value: at < 0 ? '' : decoded(raw.slice(at + 1)),
      }
    })
}

/** The values of one parameter. */
export const valuesOf = (query: string, name: string) =>
  piecesOf(query)
    .filter((piece) => piece.name === name)
    .map((piece) => piece.value)

/** A query without some parameters; all else keeps its place and bytes. */
export function withoutParams(query: string, ...names: string[]): string {
  const pieces = piecesOf(query)
  const kept = pieces.filter((piece) => !names.includes(piece.name))
  return kept.length === pieces.length ? query : kept.map((piece) => piece.raw).join('&')
}

/** A name or value for a query, with the commas and colons that may stand there. */
const encoded = (text: string) => encodeURIComponent(text).replace(/%2C/g, ',').replace(/%3A/g, ':')

/** A query in which one parameter has other values (none: it goes); all else keeps its place and bytes. */
export function withParam(query: string, name: string, ...values: string[]): string {
  const pairs = values.map((value) => `${encoded(name)}=${encoded(value)}`)
  const pieces = piecesOf(query)
  const at = pieces.findIndex((piece) => piece.name === name)
  const kept = (from: Piece[]) => from.filter((piece) => piece.name !== name).map((piece) => piece.raw)
  if (at < 0) return [...kept(pieces), ...pairs].join('&')
  return [...kept(pieces.slice(0, at)), ...pairs, ...kept(pieces.slice(at))].join('&')
}

/** A record's key as it stands in a path: its parts, a comma between; what a path cannot hold gets a comma. */
export function keyPath(key: string[]): string {
  const text = key.map(encodeURIComponent).join(',')
  return key.length === 1 && ['', '.', '..', 'all'].includes(text) ? text + ',' : text
}

/** A set's name derived from that of a file or table. */
export const safeName = (text: string) =>
  text
    .toLowerCase()
    .replace(/\.[a-z]+$/, '')
    .normalize('NFD')
    .replace(/[^a-z0-9]+/g, '_')
    .replace(/^[^a-z]+|_+$/g, '')
    .slice(0, 63)
