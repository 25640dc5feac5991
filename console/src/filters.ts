// What can be asked of a set, by the names that the service tells.
import { withoutParams } from './address'
import type { FilterParams, Operator, ParamNames, Rules } from './api'

/** The parameter that asks for one operator of a filter; undefined where it is not offered. */
export const paramOf = (filter: FilterParams, op: Operator = 'equals') =>
  filter.operators.find((offered) => offered.operator === op)?.param

const says: { [op in Operator]: string } = {
  equals: 'is',
  not: 'is not',
  min: 'at least',
  max: 'at most',
  none: 'missing',
  has: 'contains',
  starts: 'begins with',
}

export const operatorSays = (op: Operator) => says[op]

/** A query without what says where in the list its page is. */
export function withoutPlace(query: string, params: ParamNames | undefined): string {
  const names = [params?.page, params?.row, params?.after, params?.before]
  return withoutParams(query, ...names.filter((name) => name !== undefined))
}

/** What a parameter is, in a word or two: a label for its chip. */
export function paramSays(
  rules: Rules | undefined,
  params: ParamNames | undefined,
  labels: Map<string, string>,
  name: string,
): string {
  if (name.startsWith('pl.')) return 'to the service'
  const byOffset = rules?.addressing === 'offset'
  switch (name) {
    case params?.page:
      return byOffset ? 'offset' : 'page'
    case params?.size:
      return byOffset ? 'limit' : 'size'
    case params?.sort:
      return 'sort'
    case params?.row:
      return 'row'
    case params?.after:
      return 'after a cursor'
    case params?.before:
      return 'before a cursor'
    case params?.search:
      return 'search'
    case params?.fields:
      return 'fields'
    case params?.direction:
      return 'direction'
  }
  for (const filter of params?.filters ?? [])
    for (const { operator, param } of filter.operators)
      if (param === name) return `filter: ${labels.get(filter.field) ?? filter.field} ${says[operator]}`
  return 'rides along'
}
