// What the API answers, and the one place that asks it.
import { Problem, Service, type Call, type Reply } from '@pageladder/client'
import type * as wire from '@pageladder/client'
import { sessionRoleValues as roles } from '@pageladder/client/wire'
import { valuesOf, withParam, withoutParams } from '@pageladder/core'

// Its types are generated from its description.
export type * from '@pageladder/client'
export { Problem } from '@pageladder/client'
export { filterRuleTypeValues as fieldTypes } from '@pageladder/client/wire'
export type Operator = wire.OperatorParams['operator']
type Role = wire.Session['role']

/** The path under which the service is reached, without a "/" at the end: that of <base>. */
export const root = new URL('.', document.baseURI).pathname.replace(/\/$/, '')

const sessionPath = '/api/session'
const away = 'The service does not answer. Is it still running?'

/** What the service says, as a sentence; what begins with a parameter's or an entry's name keeps it. */
export const sentence = (says: string) => {
  const named = /^[\w.[\]]+: /.test(says) || /^[a-z]+[._]/.test(says)
  return (named ? says : says.charAt(0).toUpperCase() + says.slice(1)) + (/[.!?]$/.test(says) ? '' : '.')
}

const service = new Service(root, {
  // What was asked for is done, even if its page is left at once: browsers send so much on.
  fetch: (address, options) =>
    fetch(address, {
      ...options,
      keepalive: options?.method !== undefined && String(options.body ?? '').length < 16_000,
    }),
})

async function reply<T>(path: string, call: Call = {}): Promise<Reply<T>> {
  try {
    return await service.call<T>(path, call)
  } catch (err) {
    throw err instanceof Problem ? inWords(err, path) : err
  }
}

/** A problem that says what a person can do with it. */
function inWords(problem: Problem, path: string): Problem {
  problem.message = sentence(problem.message)
  if (problem.status === 0) problem.message = away
  if (problem.status === 401 && path !== sessionPath) problem.message = 'This needs a token: sign in first.'
  return problem
}

const ask = async <T>(path: string, call?: Call) => (await reply<T>(path, call)).body

const setPath = (set: string) => `/api/sets/${encodeURIComponent(set)}`

export const listSets = (signal?: AbortSignal) => ask<wire.SetList>('/api/sets', { signal })
export const readSet = (set: string, signal?: AbortSignal) => ask<wire.SetInfo>(setPath(set), { signal })

/** Parameters that leave out what the console reads. */
const shaping = ['pl.shape', 'pl.parts']

/** The address of a page of a set, on the service. */
export const pagePath = (set: string, query: string) => `${setPath(set)}/records${query && '?'}${query}`

/** One page of a set; the query is the caller's own, byte for byte, but for the shape: this reads the native one, whole. */
export const readPage = (set: string, query: string, signal?: AbortSignal) =>
  reply<wire.Answer>(pagePath(set, withoutParams(query, ...shaping)), {
    signal,
    // The records of a list that is held still stay as they are, but not what has become of them.
    cache: valuesOf(query, 'pl.version').length ? 'no-store' : undefined,
  })

/** What a page says about itself for parameters such as pl.explain, true. */
export const readAbout = (set: string, query: string, name: string, value: string, signal?: AbortSignal) =>
  ask<wire.Answer>(pagePath(set, withParam(withoutParams(query, ...shaping), name, value)), { signal })

/** How much has changed since the version that a page is held at, now: never what a cache remembers. */
export const readSince = (set: string, query: string, signal?: AbortSignal) =>
  ask<Pick<wire.Answer, 'paging'>>(
    pagePath(set, withParam(withoutParams(query, ...shaping), 'pl.parts', 'paging')),
    {
      signal,
      cache: 'no-store',
    },
  )

const recordPath = (set: string, key: string) => `${setPath(set)}/records/${key}`
const matching = (revision: string) => ({ 'If-Match': `"${revision}"` })

/** One record; the key is as in a path. */
export const readRecord = (set: string, key: string, signal?: AbortSignal) =>
  ask<wire.RecordAnswer>(recordPath(set, key), { signal })
export const addRecord = (set: string, record: wire.Draft) =>
  ask<wire.RecordAnswer>(`${setPath(set)}/records`, { method: 'POST', body: record })
export const changeRecord = (set: string, key: string, revision: string, patch: wire.Draft) =>
  ask<wire.RecordAnswer>(recordPath(set, key), {
    method: 'PATCH',
    body: patch,
    headers: { ...matching(revision), 'Content-Type': 'application/merge-patch+json' },
  })
export const deleteRecord = (set: string, key: string, revision: string) =>
  ask<unknown>(recordPath(set, key), { method: 'DELETE', headers: matching(revision) })
export const withdrawRecord = (set: string, key: string, revision: string) =>
  ask<unknown>(recordPath(set, key) + '/withdraw', { method: 'POST', headers: matching(revision) })
export const restoreRecord = (set: string, key: string) =>
  ask<wire.RecordAnswer>(recordPath(set, key) + '/restore', { method: 'POST' })

/** Where a record stands in the list that a query asks for. */
export const readPlace = (set: string, key: string, query: string) =>
  ask<wire.Place>(`${recordPath(set, key)}/place${query && '?'}${query}`)

export const readRules = (set: string, signal?: AbortSignal) =>
  reply<wire.Rules>(`${setPath(set)}/rules`, { signal })
export const replaceRules = (set: string, rules: unknown, tag: string) =>
  reply<wire.Rules>(`${setPath(set)}/rules`, { method: 'PUT', body: rules, headers: { 'If-Match': tag } })
export const changeSet = (set: string, change: wire.SettingsChange) =>
  ask<wire.SetInfo>(setPath(set), { method: 'PATCH', body: change })
export const readFollowing = (set: string, signal?: AbortSignal) =>
  ask<wire.Following>(`${setPath(set)}/following`, { signal })
/** Has a set's list checked; it takes a second or two, at most the time of one request. */
export const climbSet = (set: string, body: wire.ClimbBody) =>
  ask<wire.Climbed>(`${setPath(set)}/climb`, { method: 'POST', body })
export const deleteSet = (set: string) => ask<void>(setPath(set), { method: 'DELETE' })

export const reckon = (body: wire.ReckonBody, signal?: AbortSignal) =>
  ask<wire.Reckoned>('/api/reckon', { method: 'POST', body, signal })

/** Sends a file; sent reports how many of its bytes have gone. */
export function sendFile(
  file: File,
  params: URLSearchParams,
  sent: (bytes: number) => void,
  signal: AbortSignal,
) {
  return new Promise<wire.Imported>((done, failed) => {
    const request = new XMLHttpRequest() // fetch does not report how much has been sent
    request.open('POST', `${root}/api/sets?${params}`)
    request.setRequestHeader('Accept', 'application/json')
    request.setRequestHeader('Content-Type', mediaTypes[extension(file.name)] ?? 'text/csv')
    request.responseType = 'json'
    request.upload.onprogress = (event) => sent(event.loaded)
    request.onerror = () => failed(new Problem(0, away))
    request.onabort = () => failed(new DOMException('stopped', 'AbortError'))
    request.onload = () =>
      request.status < 300
        ? done(request.response as wire.Imported)
        : failed(
            inWords(
              new Problem(request.status, `The service answered ${request.status}`, request.response ?? {}),
              '/api/sets',
            ),
          )
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

export const readProgress = (name: string, signal?: AbortSignal) =>
  ask<wire.Progress>(`/api/imports/${name}`, { signal })

export const listSources = (signal?: AbortSignal) => ask<wire.SourceList>('/api/sources', { signal })
export const listTables = (source: string, signal?: AbortSignal) =>
  ask<wire.TableList>(`/api/sources/${encodeURIComponent(source)}/tables`, {
    signal,
  })
export const readTable = (source: string, schema: string, table: string, signal?: AbortSignal) =>
  ask<wire.TableFields>(
    `/api/sources/${[source, 'tables', schema, table].map(encodeURIComponent).join('/')}`,
    {
      signal,
    },
  )
export const attach = (body: wire.AttachBody) => ask<wire.SetInfo>('/api/attach', { method: 'POST', body })

/** Whether a caller has a role for a set. */
export const may = (who: wire.Session | undefined, role: Role, set: string) =>
  who !== undefined &&
  roles.indexOf(who.role) >= roles.indexOf(role) &&
  (who.sets === null || who.sets.includes(set))

/** Whether a caller owns all sets, and so may make one. */
export const ownsAll = (who: wire.Session | undefined) => who?.role === 'owner' && !who.sets

export const readSession = (signal?: AbortSignal) => ask<wire.Session>(sessionPath, { signal })
export const signIn = (by: { token: string } | { code: string }) =>
  ask<wire.Session>(sessionPath, { method: 'POST', body: by })
export const signOut = () => ask<void>(sessionPath, { method: 'DELETE' })

export const listTokens = (signal?: AbortSignal) => ask<wire.TokenList>('/api/tokens', { signal })
export const createToken = (token: wire.TokenBody) =>
  ask<wire.NewToken>('/api/tokens', { method: 'POST', body: token })
export const endToken = (id: number) => ask<void>(`/api/tokens/${id}`, { method: 'DELETE' })

export const readHealth = (signal?: AbortSignal) => ask<wire.Health>('/healthz', { signal })
export const readReady = (signal?: AbortSignal) => ask<wire.Health>('/readyz', { signal })
