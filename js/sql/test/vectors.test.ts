import assert from 'node:assert/strict'
import { readFileSync } from 'node:fs'
import { test } from 'node:test'
import { gunzipSync } from 'node:zlib'
import { Refusal, Rules, RulesError, type RulesOptions } from '@pageladder/core'
import {
  everywhere,
  foldedWords,
  List,
  PlaceError,
  StatementError,
  type Field,
  type Statement,
  type Table,
  type Value,
} from '@pageladder/sql'

interface Case {
  name?: string
  table: Pick<Table, 'dialect' | 'from' | 'arguments' | 'places' | 'search' | 'words'> & {
    fields: Record<string, Field>
    by_key?: string[]
  }
  rules: RulesOptions
  query: string
  where?: { sql: string; args: string[] | null }
  fields: string[]
  offset: number
  limit: number
  place?: (string | null)[]
  key?: string[]
  facet: string
  result: unknown
}

/** An argument as a vector writes it. */
function argument(v: Value): unknown {
  if (typeof v === 'bigint') return { integer: String(v) }
  if (typeof v !== 'number') return v
  return { float: Number.isFinite(v) ? v.toExponential().replace(/e([+-])(\d)$/, 'e$10$2') : (v > 0 ? '+' : '') + v }
}

const written = (s: Statement) => ({ sql: s.sql, args: s.args.map(argument) })

function statementsOf(c: Case): unknown {
  const { by_key: byKey, ...table } = c.table
  const rules = new Rules(c.rules)
  const list = new List({ ...table, byKey, splitWords: table.words ? foldedWords : undefined }, rules)
  const q = list.ask(rules.read(c.query), c.where && { sql: c.where.sql, args: c.where.args ?? [] })
  const all: Record<string, unknown> = {
    count: written(q.count()),
    count_to: written(q.count(everywhere, c.limit)),
    rows: q.regions().map((r) => written(q.rows(c.fields, r, c.offset, c.limit))),
    facet: written(q.facet(c.facet, c.limit)),
  }
  if (c.place)
    try {
      all['from'] = q.from(c.place).map((r) => written(q.placed(c.fields, r, 0, c.limit)))
      const back = q.reversed()
      all['before'] = back.after(c.place).map((r) => written(back.rows([], r, 0, 1)))
    } catch (err) {
      if (err instanceof PlaceError) all['misplaced'] = err.field
      else if (err instanceof StatementError) all['misplaced'] = '*'
      else throw err
    }
  if (c.key)
    try {
      all['key'] = written(q.rows(c.fields, q.withKey(c.key)))
    } catch (err) {
      if (err instanceof PlaceError) return { statements: { misplaced: err.field } }
      throw err
    }
  return { statements: all }
}

function resultOf(c: Case): unknown {
  try {
    return statementsOf(c)
  } catch (err) {
    if (err instanceof Refusal) return { faults: err.faults }
    if (err instanceof StatementError || err instanceof RulesError) return { mistake: true }
    throw err
  }
}

test('the statements agree with each vector', () => {
  const lines = gunzipSync(readFileSync(new URL('../../../paging/vectors/statements.ndjson.gz', import.meta.url)))
    .toString()
    .trimEnd()
    .split('\n')
  assert.ok(lines.length >= 2000)
  lines.forEach((line, i) => {
    const vector = JSON.parse(line) as Case
    assert.deepEqual(
      resultOf(vector),
      vector.result,
      `line ${i + 1}, ${vector.name ?? 'drawn'}: ${vector.query} of ${JSON.stringify(vector.table)}`,
    )
  })
})
