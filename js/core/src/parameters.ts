// The parameters of a query, for programs that change one and leave the others alone: what is not changed keeps its place and its bytes.

import { bytesOf, partsOf, valueOf, write } from './query.js'
import { fromBytes, toBytes } from './text.js'

/** One parameter of a query. */
export interface Parameter {
  name: string
  value: string
  /** As it stands in the query. */
  raw: string
}

/** The parameters of a query, without its "?", in their order. */
export const parameters = (query: string): Parameter[] =>
  partsOf(bytesOf(query)).map((part) => ({ name: fromBytes(part.name), value: fromBytes(valueOf(part)), raw: part.raw }))

/** The values that a query gives to a parameter, in their order. */
export const valuesOf = (query: string, name: string): string[] => parameters(query).flatMap((p) => (p.name === name ? [p.value] : []))

/** A query in which a parameter has these values and no others: where it stood first, or at the end. */
export function withParam(query: string, name: string, ...values: string[]): string {
  const all = parameters(query)
  const at = all.findIndex((p) => p.name === name)
  const others = (from: Parameter[]) => from.flatMap((p) => (p.name === name ? [] : [p.raw]))
  const written = values.map((value) => `${write(toBytes(name))}=${write(toBytes(value))}`)
  return (at < 0 ? [...others(all), ...written] : [...others(all.slice(0, at)), ...written, ...others(all.slice(at))]).join('&')
}

/** A query without some parameters. */
export const withoutParams = (query: string, ...names: string[]): string =>
  parameters(query)
    .filter((p) => !names.includes(p.name))
    .map((p) => p.raw)
    .join('&')
