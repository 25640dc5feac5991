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

interface Asked {
  method?: string
  body?: unknown
  signal?: AbortSignal
}

async function ask<T>(path: string, { method, body: sent, signal }: Asked = {}): Promise<T> {
  const headers: { [name: string]: string } = { Accept: 'application/json' }
  if (sent !== undefined) headers['Content-Type'] = 'application/json'
  let response: Response
  try {
    response = await fetch(path, {
      method,
      headers,
      body: sent === undefined ? undefined : JSON.stringify(sent),
      signal,
    })
  } catch (cause) {
    if (signal?.aborted) throw cause
    throw new Problem(0, 'The service does not answer. Is it still running?')
  }
  if (response.status === 204) return undefined as T
  const body: unknown = await response.json().catch(() => null)
  if (response.ok && body !== null) return body as T
  const detail = (body as { detail?: string } | null)?.detail
  throw new Problem(
    response.status,
    detail ?? `The service answered ${response.status} ${response.statusText}.`,
  )
}

const setPath = (set: string) => `/api/sets/${encodeURIComponent(set)}`

export const listSets = (signal?: AbortSignal) => ask<{ sets: SetInfo[] }>('/api/sets', { signal })
export const readSet = (set: string, signal?: AbortSignal) => ask<SetInfo>(setPath(set), { signal })

/** One page of a set; the query is the caller's own, byte for byte. */
export const readPage = (set: string, query: string, signal?: AbortSignal) =>
  ask<Answer>(`${setPath(set)}/records${query && '?'}${query}`, { signal })

export type Role = 'nobody' | 'reader' | 'editor' | 'owner'

export interface Session {
  role: Role
  label: string
  sets: string[] | null
  tokens: boolean // there is, or has been, a token
}

export interface Token {
  id: number
  label: string
  role: Role
  sets: string[] | null
  created_at: string
  used_at: string | null
  ended_at: string | null
}

export const readSession = (signal?: AbortSignal) => ask<Session>('/api/session', { signal })
export const signIn = (token: string) => ask<Session>('/api/session', { method: 'POST', body: { token } })
export const signOut = () => ask<void>('/api/session', { method: 'DELETE' })

export const listTokens = (signal?: AbortSignal) => ask<{ tokens: Token[] }>('/api/tokens', { signal })
export const createToken = (token: { label: string; role: string; sets?: string[] }) =>
  ask<Token & { secret: string }>('/api/tokens', { method: 'POST', body: token })
export const endToken = (id: number) => ask<void>(`/api/tokens/${id}`, { method: 'DELETE' })
