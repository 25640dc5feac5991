// What the API answers, and the one place that asks it.

export interface Field {
  name: string
  label: string
  type: 'text' | 'integer' | 'decimal' | 'boolean' | 'date' | 'time'
}

export interface SetInfo {
  name: string
  label: string
  kind: string
  records: number | null
  version: number | null
  changed_at: string
  fields: Field[]
}

export type Value = string | number | boolean | null
export type SetRecord = { [field: string]: Value }

export interface Rung {
  rung: 'page' | 'current' | 'gap'
  page?: number
  from?: number
  to?: number
  href?: string
}

export interface Steps {
  self: string
  first?: string
  prev?: string
  next?: string
  last?: string
}

export interface SortLink {
  key: string
  href: string
  direction?: 'asc' | 'desc'
  rank?: number
}

export interface SizeLink {
  size: number
  href: string
  current?: boolean
}

export interface Adjustment {
  param: string
  given: string
  used: string
  why: string
  says: string
}

export interface Answer {
  records: SetRecord[]
  paging: {
    page: number
    size: number
    total_pages: number | null
    version: number
    offset: number
    summary: string
  }
  adjusted: Adjustment[]
  links: Steps
  sizes: SizeLink[]
  sorts: SortLink[]
  ladder: Rung[]
}

/** An answer that is no success, told in the service's own words where it has any. */
export class Problem extends Error {
  constructor(
    readonly status: number,
    detail: string,
  ) {
    super(detail)
  }
}

async function get<T>(path: string, signal?: AbortSignal): Promise<T> {
  let response: Response
  try {
    response = await fetch(path, { headers: { Accept: 'application/json' }, signal })
  } catch (cause) {
    if (signal?.aborted) throw cause
    throw new Problem(0, 'The service does not answer. Is it still running?')
  }
  const body: unknown = await response.json().catch(() => null)
  if (response.ok && body !== null) return body as T
  const detail = (body as { detail?: string } | null)?.detail
  throw new Problem(
    response.status,
    detail ?? `The service answered ${response.status} ${response.statusText}.`,
  )
}

const setPath = (set: string) => `/api/sets/${encodeURIComponent(set)}`

export const listSets = (signal?: AbortSignal) => get<{ sets: SetInfo[] }>('/api/sets', signal)
export const readSet = (set: string, signal?: AbortSignal) => get<SetInfo>(setPath(set), signal)

/** One page of a set; the query is the caller's own, byte for byte. */
export const readPage = (set: string, query: string, signal?: AbortSignal) =>
  get<Answer>(`${setPath(set)}/records${query && '?'}${query}`, signal)
