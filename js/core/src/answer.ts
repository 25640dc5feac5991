// A page, or what went wrong, as it is sent over HTTP.

import { BaseError, here, parseBase, type Base } from './base.js'
import { Refusal, type Fault } from './fault.js'
import type { Links, Steps } from './links.js'
import type { Page } from './page.js'

/** An answer: new Response(answer.body, answer), or response.writeHead(answer.status, answer.headers).end(answer.body). */
export interface Answer {
  status: number
  headers: Record<string, string>
  body: string
  /** What the program should log: the caller is not to blame, and was answered with 500. */
  error?: unknown
}

/** Everything about a page besides its records, as it stands on the wire: docs/api.md describes each entry. */
export function about(page: Page, links: Links) {
  const paging = page.metadata()
  const cursors = page.cursors()
  return {
    paging: { ...paging, filters: paging.filters.map((f) => ({ ...f, without: links.with(f.param) })) },
    adjusted: page.ask.adjusted(),
    links: links.steps(),
    sizes: links.sizes(),
    sorts: links.sorts(),
    ladder: links.ladder(),
    ...(cursors && { cursors }),
  }
}

/**
 * Answers a request for a list: reads its page, and sends that or what went wrong. The address is that of the request, unchanged: req.url of Node, request.url of a Request. Links lead to its
 * path, or to a base of yours.
 */
export async function reply<T>(
  address: string,
  read: (query: string) => { page: Page; records: T[] } | Promise<{ page: Page; records: T[] }>,
  base?: Base,
): Promise<Answer> {
  const [, path = '', query = ''] = /^(?:[A-Za-z][A-Za-z0-9+.-]*:\/\/[^/?#]*)?([^?#]*)(?:\?([^#]*))?/.exec(address) ?? []
  try {
    const { page, records } = await read(query)
    return sent(page, records, base ?? baseOf(path))
  } catch (err) {
    return problem(err)
  }
}

/** The base of a request's path; of one that is none, such as "//elsewhere", links are a query alone. */
function baseOf(path: string): Base {
  try {
    return parseBase(path)
  } catch (err) {
    if (err instanceof BaseError) return here
    throw err
  }
}

/** The answer for a page with its records: JSON with everything about it, with the headers Link and Content-Location. */
export function sent(page: Page, records: unknown[], base: Base): Answer {
  const content = { records, ...about(page, page.on(base)) }
  const link = linkHeader(content.links)
  return {
    status: 200,
    headers: { 'Content-Type': 'application/json', 'Content-Location': content.links.self, ...(link && { Link: link }) },
    body: json(content),
  }
}

/** The steps of a page as a Link header (RFC 8288). */
export const linkHeader = (steps: Steps): string =>
  (['first', 'prev', 'next', 'last'] as const).flatMap((rel) => (steps[rel] ? [`<${steps[rel]}>; rel="${rel}"`] : [])).join(', ')

const titles: Record<number, string> = { 400: 'Bad Request', 404: 'Not Found', 500: 'Internal Server Error', 503: 'Service Unavailable' }

/**
 * The answer for an error, as a problem of RFC 9457: 400 for a Refusal, 404 where a page is past the last one; 503 for records that moved while they were read, and for a database that was too
 * slow; 400 for a value that PostgreSQL could not read as its column's type (SQLSTATE class 22); 500 for any other, without a word of it.
 */
export function problem(err: unknown): Answer {
  if (err instanceof Refusal) {
    const { param, says } = err.faults[0]!
    return problemOf(err.pastLast ? 404 : 400, `${param}: ${says}`, err.faults)
  }
  const { name, code } = (err ?? {}) as { name?: unknown; code?: unknown }
  if (name === 'MovedError' || code === '57014') {
    const a = problemOf(503, 'the page could not be read in time; try again')
    return { ...a, headers: { ...a.headers, 'Retry-After': '1' } }
  }
  if (typeof code === 'string' && /^22...$/.test(code)) return problemOf(400, "a value of the query is none of its field's type")
  return { ...problemOf(500, 'something went wrong in the service'), error: err }
}

const problemOf = (status: number, detail: string, faults?: Fault[]): Answer => ({
  status,
  headers: { 'Content-Type': 'application/problem+json', 'Cache-Control': 'no-store' },
  body: json({ type: 'about:blank', title: titles[status], status, detail, faults }),
})

/** JSON in which a whole number beyond ±(2^53−1) is a number too. */
function json(value: unknown): string {
  try {
    return JSON.stringify(value)
  } catch {
    return JSON.stringify(value, (_, v: unknown) => (typeof v === 'bigint' ? Number(v) : v))
  }
}
