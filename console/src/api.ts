// What the API answers, and the one place that asks it.
import { withoutParams } from './address'

export type FieldType =
  'text' | 'integer' | 'decimal' | 'big_integer' | 'big_decimal' | 'boolean' | 'date' | 'time' | 'json'

export const fieldTypes: FieldType[] = [
  'text',
  'integer',
  'decimal',
  'big_integer',
  'big_decimal',
  'boolean',
  'date',
  'time',
  'json',
]

export interface Field {
  name: string
  label: string
  type: FieldType | 'other'
  unordered?: string // why it can be neither sorted nor filtered by
}

export interface FilterRule {
  field: string
  type?: FieldType
  param?: string
  operators?: string[]
}

/** The rules of a set; what is left out has its default. docs/rules.md lists them. */
export interface Rules {
  params?: { [name: string]: string }
  addressing?: 'page' | 'offset'
  size?: { default?: number; cap?: number; offered?: number[]; closed?: boolean; all?: number }
  key?: string[]
  sorts?: { key: string; fields?: string[]; first?: 'asc' | 'desc'; nulls_first?: boolean }[]
  filters?: FilterRule[]
  search?: string[]
  ladder?: { reach?: number; tips?: number; steady?: boolean; [entry: string]: unknown }
  [entry: string]: unknown
}

/** What a list's parameters are called, as its rules resolve them. */
export interface Params {
  page: string
  size: string
  sort: string
  row: string
  search?: string
  fields?: string
  direction?: string
  filters: FilterParams[]
}

export type Operator = 'equals' | 'not' | 'min' | 'max' | 'none' | 'has' | 'starts'

export interface FilterParams {
  field: string
  operators: { operator: Operator; param: string }[]
}

export interface SetInfo {
  name: string
  label: string
  kind: 'kept' | 'attached'
  records: number | null
  version: number | null
  changed_at: string
  open: boolean
  fields: Field[]
  hidden?: Field[]
  rules?: Rules
  params?: Params
  settings?: {
    fixed: string
    remember_s: number
    source?: string
    indexes?: { definition: string; ready: boolean; failed?: string; phase?: string; part?: number }[]
  }
}

export type Value = string | number | boolean | null | object
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
  used: string | null // nothing was used
  why: string
  says: string
}

/** Everything about a page but its records. */
export interface About {
  paging: {
    page: number
    size: number
    total_pages: number | null
    total_items: number | null
    total_is: string
    version?: number
    offset: number
    limit: number
    first_row: number | null
    last_row: number | null
    sort: string
    summary: string
  }
  adjusted: Adjustment[]
  links: Steps
  sizes: SizeLink[]
  sorts: SortLink[]
  ladder: Rung[]
  markup?: string
  facets?: { [field: string]: Facet[] }
  made?: { steps: { step: string; took_us: number; says: string }[]; sql?: string[] }
}

export interface Answer extends About {
  records: SetRecord[]
}

export interface Facet {
  value: string | null
  count: number
}

export interface Fault {
  param: string
  given: string
  why: string
  says: string
}

/** A row of a file that is no record. */
export interface BadRow {
  line: number
  field?: string
  found?: string
  reason: string
}

/** An answer that is no success, told in the service's own words where it has any. */
export class Problem extends Error {
  constructor(
    readonly status: number,
    detail: string,
    readonly faults: Fault[] = [],
    readonly rows: BadRow[] = [],
    readonly count = 0,
  ) {
    super(detail)
  }
}

interface Asked {
  method?: string
  body?: unknown
  headers?: { [name: string]: string }
  signal?: AbortSignal
}

/** What the service answered: the body, and how. */
export interface Reply<T> {
  body: T
  status: number
  headers: Headers
}

/** The path under which the service is reached, without a "/" at the end: that of <base>. */
export const root = new URL('.', document.baseURI).pathname.replace(/\/$/, '')

const away = 'The service does not answer. Is it still running?'

function problemOf(status: number, statusText: string, body: unknown): Problem {
  const told = (body ?? {}) as { detail?: string; faults?: Fault[]; rows?: BadRow[]; count?: number }
  return new Problem(
    status,
    told.detail ?? `The service answered ${status} ${statusText}.`,
    told.faults,
    told.rows,
    told.count,
  )
}

async function reply<T>(
  path: string,
  { method, body: sent, headers, signal }: Asked = {},
): Promise<Reply<T>> {
  let response: Response
  try {
    response = await fetch(root + path, {
      method,
      headers: {
        Accept: 'application/json',
        ...(sent === undefined ? {} : { 'Content-Type': 'application/json' }),
        ...headers,
      },
      body: sent === undefined ? undefined : JSON.stringify(sent),
      signal,
    })
  } catch (cause) {
    if (signal?.aborted) throw cause
    throw new Problem(0, away)
  }
  const { status, statusText } = response
  if (status === 204) return { body: undefined as T, status, headers: response.headers }
  const body: unknown = await response.json().catch(() => null)
  if (response.ok && body !== null) return { body: body as T, status, headers: response.headers }
  throw problemOf(status, statusText, body)
}

const ask = async <T>(path: string, asked?: Asked) => (await reply<T>(path, asked)).body

const setPath = (set: string) => `/api/sets/${encodeURIComponent(set)}`

export const listSets = (signal?: AbortSignal) => ask<{ sets: SetInfo[] }>('/api/sets', { signal })
export const readSet = (set: string, signal?: AbortSignal) => ask<SetInfo>(setPath(set), { signal })

/** The address of a page of a set, on the service. */
export const pagePath = (set: string, query: string) => `${setPath(set)}/records${query && '?'}${query}`

/** One page of a set; the query is the caller's own, byte for byte, but for the shape: this reads the native one. */
export const readPage = (set: string, query: string, signal?: AbortSignal) =>
  reply<Answer>(pagePath(set, withoutParams(query, 'pl.shape')), { signal })

/** What a page tells about itself when more is asked of it, such as pl.explain=true. */
export const readAbout = (set: string, query: string, more: string, signal?: AbortSignal) => {
  const asked = withoutParams(query, 'pl.shape')
  return ask<Answer>(pagePath(set, asked + (asked && '&') + more), { signal })
}

export interface RecordAnswer {
  record: SetRecord | null
  revision?: string
  href: string
}

const recordPath = (set: string, key: string) => `${setPath(set)}/records/${key}`
const matching = (revision: string) => ({ 'If-Match': `"${revision}"` })

/** One record; the key is as in a path. */
export const readRecord = (set: string, key: string, signal?: AbortSignal) =>
  ask<RecordAnswer>(recordPath(set, key), { signal })
export const addRecord = (set: string, record: SetRecord) =>
  ask<RecordAnswer>(`${setPath(set)}/records`, { method: 'POST', body: record })
export const changeRecord = (set: string, key: string, revision: string, patch: SetRecord) =>
  ask<RecordAnswer>(recordPath(set, key), {
    method: 'PATCH',
    body: patch,
    headers: { ...matching(revision), 'Content-Type': 'application/merge-patch+json' },
  })
export const deleteRecord = (set: string, key: string, revision: string) =>
  ask<unknown>(recordPath(set, key), { method: 'DELETE', headers: matching(revision) })
export const withdrawRecord = (set: string, key: string, revision: string) =>
  ask<unknown>(recordPath(set, key) + '/withdraw', { method: 'POST', headers: matching(revision) })
export const restoreRecord = (set: string, key: string) =>
  ask<RecordAnswer>(recordPath(set, key) + '/restore', { method: 'POST' })

export interface Place {
  row: number
  page: number
  href: string
}

/** Where a record stands in the list that a query asks for. */
export const readPlace = (set: string, key: string, query: string) =>
  ask<Place>(`${recordPath(set, key)}/place${query && '?'}${query}`)

export const readRules = (set: string, signal?: AbortSignal) =>
  reply<Rules>(`${setPath(set)}/rules`, { signal })
export const replaceRules = (set: string, rules: unknown, tag: string) =>
  reply<Rules>(`${setPath(set)}/rules`, { method: 'PUT', body: rules, headers: { 'If-Match': tag } })
export const changeSet = (set: string, change: { label?: string; open?: boolean; fixed?: string }) =>
  ask<SetInfo>(setPath(set), { method: 'PATCH', body: change })
export const deleteSet = (set: string) => ask<void>(setPath(set), { method: 'DELETE' })

export interface ReckonAsk {
  query: string
  total?: number | null | { at_least: number }
  rules?: unknown
  set?: string
  base?: string
  markup?: string
}

export interface Reckoned extends About {
  params: Params
  fetch: number
  order: { field: string; desc: boolean }[]
}

export const reckon = (body: ReckonAsk, signal?: AbortSignal) =>
  ask<Reckoned>('/api/reckon', { method: 'POST', body, signal })

export interface Imported {
  set?: SetInfo
  rows: number
  fields: (Field & { samples: string[] })[]
  key: string[]
  made_key: boolean
  bad?: { count: number; rows: BadRow[] }
}

/** Sends a file; sent tells how many of its bytes have gone. */
export function sendFile(
  file: File,
  params: URLSearchParams,
  sent: (bytes: number) => void,
  signal: AbortSignal,
) {
  return new Promise<Imported>((done, failed) => {
    const request = new XMLHttpRequest() // fetch does not tell how much has been sent
    request.open('POST', `${root}/api/sets?${params}`)
    request.setRequestHeader('Accept', 'application/json')
    request.setRequestHeader('Content-Type', mediaTypes[extension(file.name)] ?? 'text/csv')
    request.responseType = 'json'
    request.upload.onprogress = (event) => sent(event.loaded)
    request.onerror = () => failed(new Problem(0, away))
    request.onabort = () => failed(new DOMException('stopped', 'AbortError'))
    request.onload = () =>
      request.status < 300
        ? done(request.response as Imported)
        : failed(problemOf(request.status, request.statusText, request.response))
    signal.addEventListener('abort', () => request.abort())
    request.send(file)
  })
}

const extension = (name: string) => name.slice(name.lastIndexOf('.') + 1).toLowerCase()
const mediaTypes: { [extension: string]: string } = {
  csv: 'text/csv',
  ndjson: 'application/x-ndjson',
  jsonl: 'application/x-ndjson',
  json: 'application/json',
  xlsx: 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet',
}

export interface Progress {
  bytes: number
  rows: number
  pass: 'look' | 'load'
}

export const readProgress = (name: string, signal?: AbortSignal) =>
  ask<Progress>(`/api/imports/${name}`, { signal })

export interface Attach {
  name: string
  label?: string
  source: string
  schema: string
  table: string
  key: string[]
  fields: string[]
  remember_s?: number
}

export const listSources = (signal?: AbortSignal) => ask<{ sources: string[] }>('/api/sources', { signal })
export const listTables = (source: string, signal?: AbortSignal) =>
  ask<{ tables: { schema: string; table: string }[] }>(`/api/sources/${encodeURIComponent(source)}/tables`, {
    signal,
  })
export const readTable = (source: string, schema: string, table: string, signal?: AbortSignal) =>
  ask<{ fields: Field[]; key: string[] }>(
    `/api/sources/${[source, 'tables', schema, table].map(encodeURIComponent).join('/')}`,
    { signal },
  )
export const attach = (body: Attach) => ask<SetInfo>('/api/attach', { method: 'POST', body })

export type Role = 'nobody' | 'reader' | 'editor' | 'owner'

export interface Session {
  role: Role
  label: string
  sets: string[] | null
}

const roles: Role[] = ['nobody', 'reader', 'editor', 'owner']

/** Whether a caller has a role for a set. */
export const may = (who: Session | undefined, role: Role, set: string) =>
  who !== undefined &&
  roles.indexOf(who.role) >= roles.indexOf(role) &&
  (who.sets === null || who.sets.includes(set))

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
export const signIn = (by: { token: string } | { code: string }) =>
  ask<Session>('/api/session', { method: 'POST', body: by })
export const signOut = () => ask<void>('/api/session', { method: 'DELETE' })

export const listTokens = (signal?: AbortSignal) => ask<{ tokens: Token[] }>('/api/tokens', { signal })
export const createToken = (token: { label: string; role: string; sets?: string[] }) =>
  ask<Token & { secret: string }>('/api/tokens', { method: 'POST', body: token })
export const endToken = (id: number) => ask<void>(`/api/tokens/${id}`, { method: 'DELETE' })

export interface Health {
  status: string
  version: string
}

export const readHealth = (signal?: AbortSignal) => ask<Health>('/healthz', { signal })
export const readReady = (signal?: AbortSignal) => ask<Health>('/readyz', { signal })
