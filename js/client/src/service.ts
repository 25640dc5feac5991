import { Problem } from './problem.js'
import { RecordSet, type AnySet, type SetTypes } from './set.js'
import type { SetInfo, SetList } from './wire.js'

export interface Options {
  /** Left out: what is open is read, in a browser as whoever is signed in. */
  token?: string
  /** Sends requests. Left out: fetch. */
  fetch?: typeof fetch
  /** How long a write is sent again while the service or its database is away, in milliseconds. Left out: 40,000; 0: it is sent once. */
  patience?: number
}

/** One call of the API. */
export interface Call {
  method?: string
  body?: unknown
  headers?: { [name: string]: string | undefined }
  signal?: AbortSignal
  cache?: RequestCache
  /** A stream: its answer may take long. */
  long?: boolean
}

/** What the service has answered. */
export interface Reply<T> {
  body: T
  status: number
  headers: Headers
}

/** The longest wait for an answer, and for pauses between attempts, in milliseconds. */
const answerTime = 60_000
const firstPause = 200
const longestPause = 5_000
/** Attempts where no service answers: none may be running. */
const unheard = 3

/** A service at an address. */
export class Service {
  readonly address: string
  private readonly options: Options
  /** What has been seen of each set, where the service reads from replicas: it is sent back, so that no later page is older. */
  private readonly seen = new Map<string, string>()

  /** The address may have a path; "" in a browser is the service that the page is of. */
  constructor(address: string, options: Options = {}) {
    this.address = address.replace(/\/+$/, '')
    this.options = options
  }

  /** A record set by its name. Its types are what "pageladder sets types SET" writes. */
  set<T extends SetTypes = AnySet>(name: string): RecordSet<T> {
    return new RecordSet<T>(this, name)
  }

  /** The sets that the caller may read. */
  async sets(signal?: AbortSignal): Promise<SetInfo[]> {
    return (await this.call<SetList>('/api/sets', { signal })).body.sets
  }

  /** Calls a path, and reads the answer as JSON. What is no success is a Problem. */
  async call<T>(path: string, call: Call = {}): Promise<Reply<T>> {
    const response = await this.send(path, call)
    const { status, headers } = response
    if (status === 204) return { body: undefined as T, status, headers }
    const body = (await response.json().catch((cause: unknown) => {
      call.signal?.throwIfAborted()
      if (cause instanceof SyntaxError) throw new Problem(status, `The service answered ${status}, but no JSON.`, {}, { cause }) // a proxy did
      throw new Problem(0, 'The answer broke off.', {}, { cause })
    })) as T
    return { body, status, headers }
  }

  /** Calls a path as a write that names itself: while the service is away it is sent again, and is done once. */
  async write<T>(path: string, call: Call): Promise<Reply<T>> {
    const key = [...crypto.getRandomValues(new Uint8Array(16))].map((byte) => byte.toString(16).padStart(2, '0')).join('')
    const end = Date.now() + (this.options.patience ?? 40_000)
    let pause = firstPause
    for (let attempt = 1; ; attempt++) {
      try {
        return await this.call<T>(path, { ...call, headers: { ...call.headers, 'Idempotency-Key': `"${key}"` } })
      } catch (err) {
        const again = err instanceof Problem && err.passing && (err.status > 0 || attempt < unheard)
        if (!again || Date.now() + pause > end) throw err
      }
      await new Promise((done) => setTimeout(done, pause))
      call.signal?.throwIfAborted()
      pause = Math.min(2 * pause, longestPause)
    }
  }

  /** Calls a path. What is no success is a Problem. */
  async send(path: string, { method, body, headers, signal, cache, long }: Call = {}): Promise<Response> {
    const { token, fetch: sender = fetch } = this.options
    const set = /^\/api\/sets\/([^/?]+)\//.exec(path)?.[1] ?? ''
    const ends = [signal, long ? undefined : AbortSignal.timeout(answerTime)].filter((end) => end !== undefined)
    let response: Response
    try {
      response = await sender(this.address + path, {
        method,
        body: body === undefined ? undefined : JSON.stringify(body),
        headers: Object.entries({
          // not in an envelope that a set's rules may have
          Accept: 'application/json;shape=native, application/json',
          ...(token && { Authorization: `Bearer ${token}` }),
          ...(body !== undefined && { 'Content-Type': 'application/json' }),
          'Min-Version': this.seen.get(set),
          ...headers,
        }).filter((header): header is [string, string] => header[1] !== undefined),
        signal: AbortSignal.any(ends),
        cache,
      })
    } catch (cause) {
      signal?.throwIfAborted()
      throw new Problem(0, `No service answers at ${this.address || 'the address of this page'}.`, {}, { cause })
    }
    const floor = response.headers.get('Min-Version')
    if (set && floor && later(floor, this.seen.get(set))) this.note(set, floor)
    if (response.ok) return response
    const said: unknown = await response.json().catch(() => null) // of a proxy it may be anything
    if (said && typeof said === 'object' && 'type' in said && /\/not-shown$/.test(String(said.type))) this.seen.delete(set) // of another history
    throw new Problem(
      response.status,
      `The service answered ${response.status} ${response.statusText}`.trim() + '.',
      said && typeof said === 'object' ? said : {},
    )
  }

  private note(set: string, floor: string): void {
    if (this.seen.size >= setsSeen && !this.seen.has(set)) this.seen.clear()
    this.seen.set(set, floor)
  }
}

/** Sets of which it is remembered what has been seen. */
const setsSeen = 1000

/** Whether a state is not before another one: both are versions, or places in a log such as "t3.16b374d8". */
function later(at: string, before = '0'): boolean {
  const parts = (text: string): bigint[] => {
    const place = /^t(\d+)\.([0-9a-f]+)/.exec(text)
    return place ? [BigInt(place[1]!), BigInt('0x' + place[2]!)] : [0n, /^\d+$/.test(text) ? BigInt(text) : 0n]
  }
  const [timeline, n] = parts(at) as [bigint, bigint]
  const [timelineBefore, nBefore] = parts(before) as [bigint, bigint]
  return timeline > timelineBefore || (timeline === timelineBefore && n >= nBefore)
}
