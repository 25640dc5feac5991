// The links of one page. They carry the values that were used; every other parameter keeps its place and its bytes.

import { allSize, type Part } from './ask.js'
import { expand, fits, here, type Base } from './base.js'
import { rungs, type Rung } from './ladder.js'
import { add, counted, least, most, times, whole, type Whole } from './number.js'
import type { Page } from './page.js'
import { decode, keep, partsOf, valueOf, write } from './query.js'
import type { Direction } from './rules.js'
import { sortText, type SortBy } from './sort.js'
import { fromBytes, toBytes } from './text.js'

/** The links to the neighbouring and the outermost pages. A step that leads nowhere is missing. */
export interface Steps {
  self: string
  first?: string
  prev?: string
  next?: string
  last?: string
}

/** One offered page size. */
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

/** A plain GET form with one field. */
export interface Form {
  action: string
  param: string
  /** The field takes a row, from 1, instead of a page's number. */
  by_row?: true
  value: Whole
  max?: Whole
  /** The parameters that ride along. */
  hidden?: [name: string, value: string][]
}

/** One parameter that a link changes, as bytes. Without values it is removed. */
interface Change {
  param: string
  values: string[]
}

/** A parameter of a link: as it stood, or with other values. */
interface Kept {
  part?: Part
  name: string
  /** "": it has other values. */
  raw: string
  values: string[]
}

export class Links {
  private frame: { before: string; after: string } | undefined

  /** @internal */
  constructor(
    private readonly page: Page,
    private readonly base: Base,
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
    if (p.seeks || r.byCursor) {
      const prev = p.hasPrev ? this.by(r.names.before, p.ends.before) : ''
      const next = p.hasNext ? this.by(r.names.after, p.ends.after) : ''
      return {
        self: p.seeks ? this.by(p.ask.cursorParam, p.ask.token) : this.at(add(p.start, 1n)),
        ...(p.hasPrev && ends && { first: this.at(p.position(1n)) }),
        ...(prev && { prev }),
        ...(next && { next }),
      }
    }
    const position = r.byOffset ? p.start : p.position(p.current)
    const size = BigInt(p.size)
    const prev = p.past ? p.position(p.pageCount) : r.byOffset ? most(0n, p.start - size) : p.current - 1n
    return {
      self: this.at(position),
      ...(p.hasPrev && ends && { first: this.at(p.position(1n)) }),
      ...(p.hasPrev && { prev: this.at(prev) }),
      ...(p.hasNext && { next: this.at(add(position, r.byOffset ? size : 1n)) }),
      ...(ends && p.known && (p.hasNext || p.past) && { last: this.at(p.position(p.pageCount)) }),
    }
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

  /** The offered page sizes, each with the link that keeps the first record in view. */
  sizes(): SizeLink[] {
    const p = this.page
    const r = p.ask.rules
    const links: SizeLink[] = r.offered.map((size) => ({
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

  /** A form for the size. It also sends the first row or a cursor, so that the first record stays in view. */
  sizeForm(): Form {
    const p = this.page
    const { names, cap } = p.ask.rules
    const f = this.form(names.size)
    const cursor = p.seeks ? this.inView() : { param: names.row, values: [String(add(p.firstInView, 1n))] }
    const hidden: Form['hidden'] = [...(f.hidden ?? []), [fromBytes(cursor.param), cursor.values[0]!]]
    return { action: f.action, param: fromBytes(names.size), value: p.size, max: cap, hidden }
  }

  /** A form for the page's number or, if lists are addressed by offset or cursor, for a row. */
  jumpForm(): Form {
    const p = this.page
    const r = p.ask.rules
    const byRow = r.byOffset || r.byCursor
    const value = byRow ? add(p.start, 1n) : p.current
    const max = !p.known ? 0n : byRow ? p.total.records : p.pageCount
    return {
      param: fromBytes(byRow ? r.names.row : r.names.page),
      ...(byRow && { by_row: true }),
      value: whole(max > 0n ? least(value, max) : value),
      ...(max > 0n && { max: whole(max) }),
      ...this.form(''),
    }
  }

  private form(except: string): { action: string; hidden?: [string, string][] } {
    const text = this.base.template ? (expand(this.base, new Map()) ?? '') : this.base.text
    const at = text.indexOf('?') // a GET form replaces the query
    const hidden: [string, string][] = partsOf(at < 0 ? '' : text.slice(at + 1)).map((part) => [
      fromBytes(part.name),
      fromBytes(valueOf(part)),
    ])
    for (const { part, raw, values } of this.kept(this.base, [])) {
      if (part!.role === 'page' || part!.name === except) continue
      for (const value of raw === '' ? values : [valueOf(part!)]) hidden.push([fromBytes(part!.name), fromBytes(value)])
    }
    return { action: at < 0 ? text : text.slice(0, at), ...(hidden.length > 0 && { hidden }) }
  }

  /** The parameters of a link in their order. */
  private kept(base: Base, changes: Change[]): Kept[] {
    const a = this.page.ask
    const n = a.rules.names
    const kept: Kept[] = []
    const done = new Set<Change>()
    for (const part of a.parts) {
      const role = part.role
      if (role === 'dropped' || (role === 'aside' && base.leadsOutside)) continue
      const change = changes.find((c) => c.param === part.name)
      if (change) {
        if (!done.has(change)) kept.push({ part, name: change.param, raw: '', values: change.values })
        done.add(change)
      } else if (role === 'size' && a.notes.has(n.size)) kept.push({ part, name: '', raw: '', values: [this.sizeText] })
      else if (role === 'sort' && a.notes.has(n.sort)) kept.push({ part, name: '', raw: '', values: some(toBytes(sortText(a.sort))) })
      else if (role === 'cursor' || (role === 'direction' && a.notes.has(n.direction))) continue
      else if (role === 'fields' && a.notes.has(n.fields))
        kept.push({ part, name: '', raw: '', values: some(toBytes((a.fields ?? []).join(','))) })
      else kept.push({ part, name: '', raw: part.raw, values: [] })
    }
    for (const c of changes) if (!done.has(c)) kept.push({ name: c.param, raw: '', values: c.values })
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
    let wrotePage = false
    for (const { part, name, raw, values } of this.kept(base, changes)) {
      if (part?.role === 'page') {
        wrotePage = true
        if (withPage) {
          put(keep(part.rawName) + '=')
          after = ''
        }
      } else if (raw !== '') put(keep(raw))
      else for (const v of values) put(`${part ? keep(part.rawName) : write(name)}=${write(v)}`)
    }
    if (!wrotePage && withPage) {
      put(write(this.page.ask.rules.names.page) + '=')
      after = ''
    }
    if (before === '' && !withPage) before = '?' // "" would mean the address with its old query
    return { before, after: after ?? '' }
  }

  private link(base: Base, changes: Change[], position: string): string {
    if (base.template) return this.expanded(base, changes, position)
    const { before, after } = this.pieces(base, changes, position !== '')
    return before + position + after
  }

  /** A link over a template: the parameters that it names go into it, the others follow. */
  private expanded(base: Base, changes: Change[], position: string): string {
    const values = new Map<string, string[]>()
    let rest = ''
    const kept = this.kept(base, changes)
    const all = new Map<string, string[]>() // all values of a repeated parameter go into the template, or none
    for (const { part, raw } of kept)
      if (raw !== '' && base.variables.has(part!.name)) all.set(part!.name, [...(all.get(part!.name) ?? []), valueOf(part!)])
    for (const { part, name: changed, raw, values: list } of kept) {
      const name = part ? part.name : changed
      if (part?.role === 'page') continue
      else if (raw !== '' && fits(base, name, all.get(name) ?? [])) values.set(name, all.get(name)!)
      else if (raw !== '') rest += '&' + keep(raw)
      else if (list.length > 0 && fits(base, name, list)) values.set(name, list)
      else for (const v of list) rest += `&${part ? keep(part.rawName) : write(name)}=${write(v)}`
    }
    const param = this.page.ask.rules.names.page
    if (position !== '' && base.variables.has(param)) values.set(param, [position])
    else if (position !== '') rest += `&${write(param)}=${position}`
    const text = expand(base, values)
    if (text === undefined) return this.link({ ...here, leadsOutside: base.leadsOutside }, changes, position) // a query alone is right anywhere
    return text + (text.includes('?') ? rest : rest.replace('&', '?'))
  }

  /** The link with a certain value of the page parameter. */
  private at(position: bigint): string {
    if (this.page.ask.rules.byCursor) return this.link(this.base, this.fromRow(position), '')
    const text = this.positionText(position)
    if (this.base.template || text === '') return this.link(this.base, [], text)
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

  /** The change of a link that keeps the first record in view, on a page that was asked for by a cursor. */
  private inView(): Change {
    const { ends, ask } = this.page
    return ends.before !== '' && ask.rules.names.after !== ''
      ? { param: ask.rules.names.after, values: [ends.before] }
      : { param: ask.cursorParam, values: [ask.token] }
  }
}

const direction = (desc: boolean): Direction => (desc ? 'desc' : 'asc')
const some = (value: string): string[] => (value === '' ? [] : [value])

/** The parameters of a query, decoded, in their order. */
export const pairsOf = (query: string): [string, string][] =>
  partsOf(query).map((part) => [fromBytes(part.name), fromBytes(decode(part.raw.slice(part.rawName.length + 1)))])
