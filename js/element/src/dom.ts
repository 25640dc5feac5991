// Making nodes, asking for addresses, taking queries apart.

/** Makes an element. What is empty is left out. */
export function h(
  name: string,
  attributes: { [name: string]: unknown },
  ...children: (Node | string | null | undefined | false | 0)[]
): HTMLElement {
  const made = document.createElement(name)
  for (const key in attributes) if (attributes[key] || key === 'value') made.setAttribute(key, String(attributes[key]))
  for (const child of children) if (child) made.append(child)
  return made
}

/** The longest wait for an answer, in milliseconds. */
const wait = 20_000

/** What a server has answered: a Document or what JSON holds. */
export interface Got {
  status: number
  /** Where it is from in the end. */
  address: string
  body: any
}

/**
 * Asks for an address. A document comes this way also under Trusted Types: no script makes markup of a text. It fails where there is no answer, or one
 * of another kind.
 */
export const get = (address: string, headers: Headers, type: 'document' | 'json', signal?: AbortSignal) =>
  new Promise<Got>((done, failed) => {
    const request = new XMLHttpRequest()
    request.open('GET', address)
    request.responseType = type
    request.timeout = wait
    headers.forEach((value, name) => request.setRequestHeader(name, value))
    request.onloadend = () =>
      request.response ? done({ status: request.status, address: request.responseURL, body: request.response }) : failed(Error(address))
    if (signal) signal.onabort = () => request.abort()
    request.send()
  })

/** The parts of a query that are to be kept, each as it stands there. */
export const parts = (query: string, keep: (part: string) => unknown): string[] =>
  query
    .slice(query.startsWith('?') ? 1 : 0)
    .split('&')
    .filter((part) => part && keep(part))

/** The name of a part of a query, as it stands there. */
export const nameOf = (part: string) => part.split('=')[0]!
