// The links of one page. They carry the values that were used; every other parameter keeps its place and its bytes.

import { allSize } from './ask.js'
import { here, type Base, type Linked } from './base.js'
import { rungs, type Rung } from './ladder.js'
import { add, counted, most, times } from './number.js'
import type { Page } from './page.js'
import { keep, valueOf, write } from './query.js'
import type { Direction } from './rules.js'
import { sortText, type SortBy } from './sort.js'
import { toBytes } from './text.js'

/** The links to the neighbouring and the outermost pages. A step that leads nowhere is missing. */
export interface Steps {
  self: string
  first?: string
  prev?: string
  next?: string
  last?: string
}

/** One page size. */
export interface SizeLink {
  size: number
  /** Every record on one page. */
  all?: true
  href: string
  current?: true
}

/** One offered sort key: where a click on its column's head leads. */
export interface SortLink {
  key: string
  href: string
  /** In force; missing if the list is not sorted by it. */
  direction?: Direction
  rank?: number
}

/** One parameter that a link changes, as bytes. Without values it is removed. */
interface Change {
  param: string
  values: string[]
}

export class Links {
  private frame: { before: string; after: string } | undefined

  /** @internal */
  constructor(
    /** @internal */ readonly page: Page,
    /** @internal */ readonly base: Base,
  ) {}

  /** The link to a page, by its number from 1. */
  to(number: number | bigint): string {
    return this.at(this.page.position(most(counted(number), 1n)))
  }

  /** The links to this page, the first, the previous, the next and the last one. */
  steps(): Steps {
    const p = this.page
    const r = p.ask.rules
    const ends = r.options.ladder?.ends ?? true
    const byNumber = !p.seeks && !r.byCursor
    const position = r.byOffset ? p.start : p.position(p.current)
    const size = BigInt(p.size)
    const prev = p.past ? p.position(p.pageCount) : r.byOffset ? most(0n, p.start - size) : p.current - 1n
    const next = add(position, r.byOffset ? size : 1n)
    const self = byNumber ? this.at(position) : this.at(add(p.start, 1n))
    const steps: Steps = { self: p.seeks ? this.by(p.ask.cursorParam, p.ask.token) : self }
    const put = (step: keyof Steps, href: string) => href && (steps[step] = href)
    if (p.hasPrev && ends) put('first', this.at(p.position(1n)))
    if (p.hasPrev) put('prev', byNumber ? this.at(prev) : this.by(r.names.before, p.ends.before))
    if (p.hasNext) put('next', byNumber ? this.at(next) : this.by(r.names.after, p.ends.after))
    if (byNumber && ends && p.known && (p.hasNext || p.past)) put('last', this.at(p.position(p.pageCount)))
    return steps
  }

  /** Whether a row of links shows the first and the last page as steps: as the rules say or, if they do not, if the ladder has no tips. */
  get endsDrawn(): boolean {
    const r = this.page.ask.rules
    return r.options.ladder?.ends ?? r.tips === 0
  }

  /** The row of page links; empty if there is one page only, unless the rules want that drawn. */
  ladder(): Rung[] {
    return rungs(this.page, (number) => this.at(this.page.position(number)))
  }

  /** The offered page sizes, and the one in force if it is not among them, each with the link that keeps the first record in view. */
  sizes(): SizeLink[] {
    const p = this.page
    const r = p.ask.rules
    const sizes = [...r.offered]
    if (!p.ask.all && !sizes.includes(p.size)) {
      const at = sizes.findIndex((size) => size > p.size)
      sizes.splice(at < 0 ? sizes.length : at, 0, p.size)
    }
    const links: SizeLink[] = sizes.map((size) => ({
      size,
      href: this.sized(size),
      ...(size === p.size && !p.ask.all && { current: true }),
    }))
    if (r.allSize > 0 && p.known && p.total.records <= BigInt(r.allSize))
      links.push({
        size: r.allSize,
        all: true,
        href: this.first([{ param: r.names.size, values: [allSize] }]),
        ...(p.ask.all && { current: true }),
      })
    return links
  }

  private sized(size: number): string {
    const p = this.page
    const r = p.ask.rules
    const changes = [{ param: r.names.size, values: [String(size)] }]
    if (p.seeks) return this.link(this.base, [...changes, this.inView()], '')
    if (r.byCursor) return this.link(this.base, [...changes, ...this.fromRow(add(p.firstInView, 1n))], '')
    const number = p.firstInView / BigInt(size)
    return this.link(this.base, changes, this.positionText(r.byOffset ? times(number, BigInt(size)) : add(number, 1n)))
  }

  /** The offered sort keys, each with the link that sorts by it alone: in its first direction or, if the list is sorted by it first already, in the other one. */
  sorts(): SortLink[] {
    const a = this.page.ask
    return a.rules.sorts.map((k) => {
      const rank = a.sort.findIndex((by) => by.key === k.key)
      const desc = rank === 0 ? !a.sort[0]!.desc : k.first === 'desc'
      return {
        key: k.key,
        href: this.sortedBy({ key: k.key, desc }),
        ...(rank >= 0 && { direction: direction(a.sort[rank]!.desc), rank: rank + 1 }),
      }
    })
  }

  private sortedBy(by: SortBy): string {
    const { sort, direction: param } = this.page.ask.rules.names
    if (param === '') return this.first([{ param: sort, values: [toBytes(sortText([by]))] }])
    return this.first([
      { param: sort, values: [toBytes(by.key)] },
      { param, values: [direction(by.desc)] },
    ])
  }

  /** The link to page 1 with other values of one parameter, such as a filter. Without values the parameter is removed. */
  with(param: string, ...values: string[]): string {
    return this.first([{ param: toBytes(param), values: values.map(toBytes) }])
  }

  /** @internal The parameters of a link in their order. */
  kept(base: Base, changes: Change[]): Linked[] {
    const a = this.page.ask
    const n = a.rules.names
    const kept: Linked[] = []
    const put = (name: string, written: string, values: string[]) =>
      kept.push({ name, values, texts: values.map((v) => `${written}=${write(v)}`) })
    const done = new Set<Change>()
    for (const part of a.parts) {
      const { role, name } = part
      const other = (values: string[]) => put(name, keep(part.rawName), values)
      if (role === 'dropped' || (role === 'aside' && base.leadsOutside)) continue
      const change = changes.find((c) => c.param === name)
      const again = change && done.has(change)
      if (change) done.add(change)
      if (role === 'page') kept.push({ name, values: [], texts: [keep(part.rawName)], page: true })
      else if (change) {
        if (!again) other(change.values)
      } else if (role === 'size' && a.notes.has(n.size)) other([this.sizeText])
      else if (role === 'sort' && (a.joined('sort') || a.notes.has(n.sort))) other(some(toBytes(sortText(a.sort))))
      else if (role === 'cursor' || (role === 'direction' && a.notes.has(n.direction))) continue
      else if (role === 'fields' && (a.joined('fields') || a.notes.has(n.fields))) other(some(toBytes((a.fields ?? []).join(','))))
      else kept.push({ name, values: [valueOf(part)], texts: [keep(part.raw)] })
    }
    for (const c of changes) if (!done.has(c)) put(c.param, write(c.param), c.values)
    return kept
  }

  private get sizeText(): string {
    return this.page.ask.all ? allSize : String(this.page.ask.size)
  }

  /** A link in two pieces, with the page's number between them. Without withPage it has no page parameter. */
  private pieces(base: Base, changes: Change[], withPage: boolean): { before: string; after: string } {
    let before = base.text
    let after: string | undefined
    let sep = base.text.includes('?') ? '&' : '?'
    const put = (text: string) => {
      if (after === undefined) before += sep + text
      else after += sep + text
      sep = '&'
    }
    const kept = this.kept(base, changes)
    const name = this.page.ask.rules.names.page
    if (!kept.some((k) => k.page)) kept.push({ name, values: [], texts: [write(name)], page: true })
    for (const { texts, page } of kept)
      if (!page) texts.forEach(put)
      else if (withPage) {
        put(texts[0] + '=')
        after = ''
      }
    if (before === '' && !withPage) before = '?' // "" would mean the address with its old query
    return { before, after: after ?? '' }
  }

  private link(base: Base, changes: Change[], position: string): string {
    if (base.link) {
      const param = this.page.ask.rules.names.page
      const kept = this.kept(base, changes).filter((k) => !k.page)
      if (position !== '') kept.push({ name: param, values: [position], texts: [`${write(param)}=${position}`], page: true })
      const { leadsOutside } = base
      return base.link(kept) ?? this.link({ ...here, leadsOutside }, changes, position) // a query alone is right anywhere
    }
    const { before, after } = this.pieces(base, changes, position !== '')
    return before + position + after
  }

  /** The link with a certain value of the page parameter. */
  private at(position: bigint): string {
    if (this.page.ask.rules.byCursor) return this.link(this.base, this.fromRow(position), '')
    const text = this.positionText(position)
    if (this.base.link || text === '') return this.link(this.base, [], text)
    this.frame ??= this.pieces(this.base, [], true)
    return this.frame.before + text + this.frame.after
  }

  /** The value of the page parameter; "" for page 1 if the rules leave that out. */
  private positionText(position: bigint): string {
    const r = this.page.ask.rules
    return r.byCursor || (r.options.first_page_bare && position === this.page.position(1n)) ? '' : String(position)
  }

  private first(changes: Change[]): string {
    return this.link(this.base, changes, this.positionText(this.page.position(1n)))
  }

  /** The link to the next or the previous page by its cursor; "": there is none. */
  private by(param: string, token: string): string {
    return token === '' || param === '' ? '' : this.link(this.base, [{ param, values: [token] }], '')
  }

  /** The changes of a link to a row, for lists addressed by cursor. */
  private fromRow(row: bigint): Change[] {
    return row <= 1n ? [] : [{ param: this.page.ask.rules.names.row, values: [String(row)] }]
  }

  /** @internal The change of a link that keeps the first record in view, on a page that was asked for by a cursor. */
  inView(): Change {
    const { ends, ask } = this.page
    return ends.before !== '' && ask.rules.names.after !== ''
      ? { param: ask.rules.names.after, values: [ends.before] }
      : { param: ask.cursorParam, values: [ask.token] }
  }
}

const direction = (desc: boolean): Direction => (desc ? 'desc' : 'asc')
const some = (value: string): string[] => (value === '' ? [] : [value])
