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

/** A query in which one parameter has another value; all else keeps its place and bytes. */
export function withParam(query: string, name: string, value: string): string {
  const pair = `${encodeURIComponent(name)}=${encodeURIComponent(value)}`
  const pieces = query ? query.split('&') : []
  const at = pieces.findIndex((piece) => piece.split('=')[0] === encodeURIComponent(name))
  if (at < 0) pieces.push(pair)
  else pieces[at] = pair
  return pieces.join('&')
}
