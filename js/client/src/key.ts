/** What identifies a record: the value of its key field or, if there are several, of each. */
export type Key = string | number | readonly (string | number)[]

/** A key as it stands in a path: its parts, a comma between; what a path cannot hold gets a comma. */
export function keyPath(key: Key): string {
  const parts = Array.isArray(key) ? key : [key]
  const text = parts.map(encodeURIComponent).join(',')
  return parts.length === 1 && ['', '.', '..', 'all'].includes(text) ? text + ',' : text
}
