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

/** A set's name derived from that of a file or table. */
export const safeName = (text: string) =>
  text
    .toLowerCase()
    .replace(/\.[a-z]+$/, '')
    .normalize('NFD')
    .replace(/[^a-z0-9]+/g, '_')
    .replace(/^[^a-z]+|_+$/g, '')
    .slice(0, 63)
