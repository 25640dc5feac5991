export type Value = string | number | boolean

/** A query: as it stands in an address, without its "?", or by the names of its parameters. What is null or undefined is left out; of filters several values are an either. */
export type Query<P = { [name: string]: Value | readonly Value[] | null | undefined }> = string | P

/** Parameters whose values are one list, with commas, whatever the rules say of repeated ones. */
const lists = /^(sort|fields|pl\.(parts|facets))$/

/** A query as it is sent. */
export function encode(query: Query<object> = ''): string {
  if (typeof query === 'string') return query.replace(/^\?/, '')
  const part = (name: string, value: unknown) => encodeURIComponent(name) + '=' + encodeURIComponent(String(value)).replaceAll('%2C', ',')
  return Object.entries(query)
    .flatMap(([name, value]) => {
      if (value === null || value === undefined) return []
      if (!Array.isArray(value)) return [part(name, value)]
      return lists.test(name) ? [part(name, value.join(','))] : value.map((v) => part(name, v))
    })
    .join('&')
}
