// Plain GET forms for the size of a page and for a jump to another one.

import type { Links } from './links.js'
import { add, least, whole, type Whole } from './number.js'
import { partsOf, valueOf } from './query.js'
import { fromBytes } from './text.js'

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

/** A form for the size. It also sends the first row or a cursor, so that the first record stays in view. */
export function sizeForm(links: Links): Form {
  const p = links.page
  const { names, cap } = p.ask.rules
  const f = form(links, names.size)
  const cursor = p.seeks ? links.inView() : { param: names.row, values: [String(add(p.firstInView, 1n))] }
  const hidden: Form['hidden'] = [...(f.hidden ?? []), [fromBytes(cursor.param), cursor.values[0]!]]
  return { action: f.action, param: fromBytes(names.size), value: p.size, max: cap, hidden }
}

/** A form for the page's number or, if lists are addressed by offset or cursor, for a row. */
export function jumpForm(links: Links): Form {
  const p = links.page
  const r = p.ask.rules
  const byRow = r.byOffset || r.byCursor
  const value = byRow ? add(p.start, 1n) : p.current
  const max = !p.known ? 0n : byRow ? p.total.records : p.pageCount
  return {
    param: fromBytes(byRow ? r.names.row : r.names.page),
    ...(byRow && { by_row: true }),
    value: whole(max > 0n ? least(value, max) : value),
    ...(max > 0n && { max: whole(max) }),
    ...form(links, ''),
  }
}

function form(links: Links, except: string): { action: string; hidden?: [string, string][] } {
  const { text } = links.base
  const at = text.indexOf('?') // a GET form replaces the query
  const hidden: [string, string][] = partsOf(at < 0 ? '' : text.slice(at + 1)).map((part) => [
    fromBytes(part.name),
    fromBytes(valueOf(part)),
  ])
  for (const { page, name, values } of links.kept(links.base, []))
    if (!page && name !== except) for (const value of values) hidden.push([fromBytes(name), fromBytes(value)])
  return { action: at < 0 ? text : text.slice(0, at), ...(hidden.length > 0 && { hidden }) }
}
