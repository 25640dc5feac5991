// How a set's rules name what can be asked of it.
import type { FieldType, FilterRule, Rules } from './api'

export type Operator = 'equals' | 'not' | 'min' | 'max' | 'none' | 'has' | 'starts'

const ranged: FieldType[] = ['integer', 'decimal', 'big_integer', 'big_decimal', 'date', 'time']

/** The operators that a filter offers. */
export function operatorsOf(filter: FilterRule): Operator[] {
  if (filter.operators?.length) return filter.operators as Operator[]
  const type = filter.type ?? 'text'
  const more: Operator[] = ranged.includes(type) ? ['min', 'max'] : type === 'text' ? ['has', 'starts'] : []
  return ['equals', 'not', ...more, 'none']
}

/** The name of a rule's own parameter: as renamed, or the default. */
export const paramName = (rules: Rules | undefined, name: string) => rules?.params?.[name] || name

export const pageParam = (rules: Rules | undefined) =>
  paramName(rules, rules?.addressing === 'offset' ? 'offset' : 'page')
export const sizeParam = (rules: Rules | undefined) =>
  paramName(rules, rules?.addressing === 'offset' ? 'limit' : 'size')
export const searchParam = (rules: Rules | undefined) => rules?.params?.search || 'q'

/** The parameter of a filter; a field whose name is taken is asked for as field.NAME. */
export function filterParam(rules: Rules, filter: FilterRule, op: Operator = 'equals'): string {
  const taken = [
    pageParam(rules),
    sizeParam(rules),
    paramName(rules, 'sort'),
    paramName(rules, 'row'),
    searchParam(rules),
    paramName(rules, 'fields'),
    rules.params?.direction,
  ]
  const own =
    filter.param ??
    (taken.includes(filter.field) || filter.field.startsWith('pl.') ? `field.${filter.field}` : filter.field)
  return op === 'equals' ? own : `${own}.${op}`
}

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

/** What a parameter is, in a word or two: a label for its chip. */
export function paramSays(rules: Rules | undefined, labels: Map<string, string>, name: string): string {
  const own: { [name: string]: string } = {
    [pageParam(rules)]: rules?.addressing === 'offset' ? 'offset' : 'page',
    [sizeParam(rules)]: rules?.addressing === 'offset' ? 'limit' : 'size',
    [paramName(rules, 'sort')]: 'sort',
    [paramName(rules, 'row')]: 'row',
    [searchParam(rules)]: 'search',
    [paramName(rules, 'fields')]: 'fields',
  }
  if (own[name]) return own[name]
  if (name.startsWith('pl.')) return 'to the service'
  for (const filter of rules?.filters ?? [])
    for (const op of operatorsOf(filter))
      if (filterParam(rules!, filter, op) === name)
        return `filter: ${labels.get(filter.field) ?? filter.field} ${says[op]}`
  return 'rides along'
}
