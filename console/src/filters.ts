// A set's filters, by the names that the service gives.
import { withParam, withoutParams } from '@pageladder/core'
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

const given = (names: (string | undefined)[]) => names.filter((name) => name !== undefined)

/** A query without what says where in the list its page is. */
export const withoutPlace = (query: string, params: ParamNames | undefined) =>
  withoutParams(query, ...given([params?.page, params?.row, params?.after, params?.before]))

/** A query for another page. */
export const withPage = (query: string, params: ParamNames | undefined, value: string) =>
  withParam(
    withoutParams(query, ...given([params?.row, params?.after, params?.before])),
    params?.page ?? 'page',
    value,
  )

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
  return 'no effect'
}

/** What a parameter does and what it may hold, in a sentence: for the one that the caret is in. */
export function paramHelp(
  rules: Rules | undefined,
  params: ParamNames | undefined,
  labels: Map<string, string>,
  name: string,
): string {
  const sizes = rules?.size
  const more = 'given again, another value: either'
  switch (name) {
    case params?.page:
      return rules?.addressing === 'offset' ? 'Records that are skipped.' : 'The page’s number, from 1.'
    case params?.size:
      return `Records on a page; ${sizes?.default ?? 20} where it is left out, ${sizes?.cap ?? 100} at most.`
    case params?.sort:
      return `The order: ${(rules?.sorts ?? []).map((sort) => sort.key).join(', ')}; with - before it descending, several with a comma between.`
    case params?.row:
      return 'The page that holds this row of the list.'
    case params?.search:
      return `Words to look for in ${(rules?.search ?? []).map((field) => labels.get(field) ?? field).join(', ')}.`
    case params?.fields:
      return 'Fewer fields, with a comma between.'
    case params?.after:
    case params?.before:
      return 'A cursor of an earlier answer: the page that follows or precedes that record.'
    case 'pl.version':
      return 'The list as it was at this version.'
    case 'pl.explain':
      return 'true: explain the page.'
    case 'pl.total':
      return 'exact, at_least or none: how the total is found.'
    case 'pl.shape':
      return 'The form of the answer: native, array, csv, ndjson or html.'
    case 'pl.facets':
      return 'Fields whose values are counted, with a comma between.'
  }
  for (const filter of params?.filters ?? [])
    for (const { operator, param } of filter.operators)
      if (param === name)
        return `Records whose ${labels.get(filter.field) ?? filter.field} ${says[operator]} this value${operator === 'equals' ? `; ${more}` : ''}.`
  return name.startsWith('pl.')
    ? 'Controls the service itself.'
    : 'Not known to this set: it has no effect, and stays on links.'
}
