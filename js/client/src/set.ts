import { keyPath, type Key } from './key.js'
import { Problem } from './problem.js'
import { encode, type Query, type Value } from './query.js'
import type { Reply, Service } from './service.js'
import type * as wire from './wire.js'

/** The types of one set, as "pageladder sets types" writes them. */
export interface SetTypes {
  record: object
  draft: object
  params: object
}

/** The types of a set that nobody has written. */
export interface AnySet {
  record: { [field: string]: unknown }
  draft: { [field: string]: unknown }
  params: { [name: string]: Value | readonly Value[] | null | undefined }
}

/** A page: docs/api.md describes each member. With pl.parts only those are there that it names. */
export type Page<R> = Omit<wire.Answer, 'records'> & { records: R[] }

/** A record with what a change of it needs. */
export interface One<R> {
  /** Null if it could not be read back after a change. */
  record: R | null
  /** Its key as it stands in a path. */
  key: string
  /** Its revision; left out where it has none: that of a version of before. */
  revision?: string
  /** The version of the set that it is of. */
  version?: number
}

export interface PagesOptions {
  /** All pages are of the version of the first one, so that no record is lost or comes twice while others change the list. */
  hold?: boolean
  signal?: AbortSignal
}

/** A record set of a service. */
export class RecordSet<T extends SetTypes = AnySet> {
  private readonly path: string

  constructor(
    readonly service: Service,
    readonly name: string,
  ) {
    this.path = `/api/sets/${encodeURIComponent(name)}`
  }

  /** The set's fields, rules and the names of its parameters. */
  async about(signal?: AbortSignal): Promise<wire.SetInfo> {
    return (await this.service.call<wire.SetInfo>(this.path, { signal })).body
  }

  /** One page. */
  async page(query?: Query<T['params']>, signal?: AbortSignal): Promise<Page<T['record']>> {
    const text = encode(query)
    return (await this.service.call<Page<T['record']>>(`${this.path}/records${text && '?'}${text}`, { signal })).body
  }

  /** The pages of a list, beginning with the one that a query asks for. */
  async *pages(query?: Query<T['params']>, { hold, signal }: PagesOptions = {}): AsyncGenerator<Page<T['record']>, void, undefined> {
    const { params: names, rules } = await this.described(signal)
    let text = encode(query)
    for (let first = true; ; first = false) {
      const page = await this.page(text, signal)
      const { paging, cursors } = page
      if (hold && !paging.version) throw new Error(`${this.name} cannot be held still: its pages have no version`)
      yield page
      if (!page.links.next) return
      // Not by the link itself: the rules may let it lead to pages of the developer's own.
      text = withParam(withParam(text, names.row), names.before)
      if (paging.page === null) {
        if (!cursors?.after) throw noCursor(this.name)
        text = withParam(text, names.after, cursors.after)
      } else text = withParam(text, names.page, rules?.addressing === 'offset' ? paging.offset! + paging.limit : paging.page + 1)
      if (first && hold) text = withParam(text, 'pl.version', paging.version)
    }
  }

  /**
   * Every record that a query asks for, page by page, by cursor: of those that nobody changes meanwhile none is lost and none comes twice, and each page
   * is equally quick.
   */
  async *walk(query?: Query<T['params']>, signal?: AbortSignal): AsyncGenerator<T['record'], void, undefined> {
    const { params: names } = await this.described(signal)
    for (let text = encode(query); ;) {
      const page = await this.page(text, signal)
      const mended = page.adjusted.find((a) => a.why.startsWith('cursor.')) // if it was ignored, the walk would begin again
      if (mended) throw new Error(`${mended.param}: ${mended.says}`)
      yield* page.records
      if (page.paging.is_last) return
      if (!page.cursors?.after) throw noCursor(this.name)
      for (const name of [names.page, names.row, names.before]) text = withParam(text, name)
      text = withParam(text, names.after, page.cursors.after)
    }
  }

  /** Every record that a query asks for, in one answer and of one snapshot, however many. An answer that breaks off is an error. */
  async *all(query?: Query<T['params']>, signal?: AbortSignal): AsyncGenerator<T['record'], void, undefined> {
    const text = encode(query)
    const response = await this.service.send(`${this.path}/records/all${text && '?'}${text}`, {
      signal,
      long: true,
      headers: { Accept: 'application/x-ndjson' },
    })
    let rest = ''
    try {
      for await (const piece of response.body!.pipeThrough(new TextDecoderStream())) {
        const lines = (rest + piece).split('\n')
        rest = lines.pop()!
        for (const line of lines) yield JSON.parse(line)
      }
    } catch (cause) {
      signal?.throwIfAborted()
      throw new Problem(0, 'The answer broke off.', {}, { cause })
    }
    if (rest) throw new Problem(0, 'The answer broke off.')
  }

  /** One record by its key. */
  async read(key: Key, signal?: AbortSignal): Promise<One<T['record']>> {
    return this.one(await this.service.call(this.recordPath(keyPath(key)), { signal }), keyPath(key))
  }

  /** Adds a record. */
  async add(values: T['draft'], signal?: AbortSignal): Promise<One<T['record']>> {
    return this.one(await this.service.write(`${this.path}/records`, { method: 'POST', body: values, signal }))
  }

  /** Changes a record that nobody has changed since it was read: else it is a Problem of the kind "stale", and nothing is overwritten. */
  async change(one: One<T['record']>, values: T['draft'], signal?: AbortSignal): Promise<One<T['record']>> {
    const headers = { ...matching(one), 'Content-Type': 'application/merge-patch+json' }
    return this.one(await this.service.write(this.recordPath(one.key), { method: 'PATCH', body: values, headers, signal }), one.key)
  }

  /** Takes a record out of the set, so that it can be restored. */
  async withdraw(one: One<T['record']>, signal?: AbortSignal): Promise<void> {
    await this.service.write(`${this.recordPath(one.key)}/withdraw`, { method: 'POST', headers: matching(one), signal })
  }

  /** Brings a withdrawn record back as it was. */
  async restore(key: Key, signal?: AbortSignal): Promise<One<T['record']>> {
    return this.one(await this.service.write(`${this.recordPath(keyPath(key))}/restore`, { method: 'POST', signal }), keyPath(key))
  }

  /** Deletes a record for good. */
  async delete(one: One<T['record']>, signal?: AbortSignal): Promise<void> {
    await this.service.write(this.recordPath(one.key), { method: 'DELETE', headers: matching(one), signal })
  }

  /** The row and the page where a record stands in the list that a query asks for. */
  async place(key: Key, query?: Query<T['params']>, signal?: AbortSignal): Promise<wire.Place> {
    const text = encode(query)
    return (await this.service.call<wire.Place>(`${this.recordPath(keyPath(key))}/place${text && '?'}${text}`, { signal })).body
  }

  /** The set with the names of its parameters, which an answer about one set always has. */
  private async described(signal?: AbortSignal) {
    const { params, rules } = await this.about(signal)
    if (!params) throw new Error(`the service does not say what the parameters of ${this.name} are called`)
    return { params, rules }
  }

  private recordPath(key: string): string {
    return `${this.path}/records/${key}`
  }

  private one({ body }: Reply<wire.RecordAnswer>, key?: string): One<T['record']> {
    const { record, href, revision, version } = body
    return { record: record as T['record'] | null, key: key ?? href.slice(href.lastIndexOf('/') + 1), revision, version }
  }
}

const matching = ({ revision }: One<unknown>) => ({ 'If-Match': revision === undefined ? undefined : `"${revision}"` })

const noCursor = (set: string) =>
  new Error(`no cursor leads on in ${set}: its rules name no parameter for one, or a record's values are too long`)

/** A query with another value of one parameter, or without it; all else as it stands. */
function withParam(query: string, name?: string, value?: string | number): string {
  const rest = query.split('&').filter((part) => part !== '' && [...new URLSearchParams(part).keys()][0] !== name)
  if (name !== undefined && value !== undefined) rest.push(`${encodeURIComponent(name)}=${encodeURIComponent(value)}`)
  return rest.join('&')
}
