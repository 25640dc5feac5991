// Reads the sort of a query, and makes the total order of it.

import type { Ask } from './ask.js'
import type { Code } from './code.js'
import type { Direction, Rules } from './rules.js'
import { quote, toBytes, trim } from './text.js'

/** A sort key in force. */
export interface SortBy {
  key: string
  desc: boolean
}

/** One field of the total order that records are read in. */
export interface Order {
  field: string
  desc?: true
  nulls_first?: true
}

export function readSort(a: Ask): SortBy[] {
  const r = a.rules
  const direction = readDirection(a)
  const usual = () => parse(r, toBytes(r.options.default_sort ?? '')).keys
  if (!a.given.sort) {
    const keys = usual()
    return direction ? keys.map(({ key }) => ({ key, desc: direction === 'desc' })) : keys
  }
  const given = a.list('sort')
  const { keys, bad } = parse(r, given, r.names.direction === '' ? undefined : direction || 'first')
  const used = keys.length > 0 ? keys : usual()
  for (const { why, reason } of bad) a.fault(r.names.sort, given, toBytes(sortText(used)), why, reason)
  return used
}

function readDirection(a: Ask): Direction | '' {
  if (!a.given.direction) return ''
  const param = a.rules.names.direction
  const given = a.value('direction')
  const direction = trim(given)
  if (direction === 'asc' || direction === 'desc' || direction === '') return direction
  a.fault(param, given, '', 'sort.bad_direction', quote(given) + ' is neither asc nor desc')
  return ''
}

/** Reads "-tonnage,vessel". A key without "-" is ascending, or as bare says. Empty entries are no fault: plain forms send them. */
function parse(r: Rules, text: string, bare: Direction | 'first' = 'asc') {
  const keys: SortBy[] = []
  const bad: { why: Code; reason: string }[] = []
  for (const entry of text.split(',')) {
    const trimmed = trim(entry)
    const desc = trimmed.startsWith('-')
    const name = desc ? trimmed.slice(1) : trimmed
    const found = r.sorts.find((k) => k.bytes === name)
    if (name === '') continue
    if (!found) bad.push({ why: 'sort.unknown_key', reason: `${quote(name)} is no sort key here${offered(r)}` })
    else if (keys.some((k) => k.key === found.key))
      bad.push({ why: 'sort.repeated_key', reason: `${quote(name)} is named twice and the first counts` })
    else if (keys.length === r.maxSortKeys)
      bad.push({ why: 'sort.too_many_keys', reason: `a list is sorted by at most ${r.maxSortKeys} keys here` })
    else keys.push({ key: found.key, desc: desc || (bare === 'first' ? found.first : bare) === 'desc' })
  }
  return { keys, bad }
}

const offered = (r: Rules) => (r.sorts.length === 0 ? ' (none is offered)' : ` (offered: ${r.sorts.map((k) => k.key).join(', ')})`)

export const sortText = (keys: SortBy[]): string => keys.map((k) => (k.desc ? '-' : '') + k.key).join(',')

/** The fields of each sort key, then those of the record's own key that are missing, in the direction of the last one before them. */
export function totalOrder(r: Rules, sort: SortBy[]): Order[] {
  const order: Order[] = []
  const put = (field: string, desc: boolean, nullsFirst = false) => {
    if (!order.some((o) => o.field === field)) order.push({ field, ...(desc && { desc }), ...(nullsFirst && { nulls_first: nullsFirst }) })
  }
  let desc = false
  for (const by of sort) {
    const k = r.sorts.find((k) => k.key === by.key)!
    desc = by.desc
    for (const field of k.fields) put(field, desc, k.nulls_first)
  }
  for (const field of r.options.key ?? []) put(field, desc)
  return order
}

export const orderText = (order: Order[]): string => order.map((o) => (o.desc ? '-' : '') + o.field).join(',')
