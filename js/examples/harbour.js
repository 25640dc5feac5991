// The harbour's arrivals, and what the lists of them have in common.

import { readFileSync } from 'node:fs'
import { Rules } from '@pageladder/core'

const [, ...lines] = readFileSync(new URL('../../demo/arrivals.csv', import.meta.url), 'utf8')
  .trimEnd()
  .split('\n')

/** The records: id, vessel, berth, cargo, tonnage, arrived_at, cleared, note; an empty one is null. */
export const arrivals = lines.map((line) =>
  [...line.matchAll(/(?:^|,)(?:"((?:[^"]|"")*)"|([^,]*))/g)].map(([, quoted, plain]) => (quoted ?? plain).replaceAll('""', '"') || null),
)

export const rules = new Rules({
  key: ['id'],
  default_sort: '-arrived_at',
  search: ['vessel', 'note'],
  unknown: 'note',
  repeat: 'list',
  sorts: [
    { key: 'id' },
    { key: 'vessel' },
    { key: 'berth' },
    { key: 'cargo' },
    { key: 'tonnage', first: 'desc' },
    { key: 'arrived_at', first: 'desc' },
    { key: 'cleared' },
  ],
  filters: [
    { field: 'berth' },
    { field: 'cargo' },
    { field: 'vessel' },
    { field: 'tonnage', type: 'integer' },
    { field: 'arrived_at', type: 'time' },
    { field: 'cleared', type: 'boolean' },
  ],
})

/** The fields, but for how text is compared. */
export const fields = {
  id: { sql: 'id', type: 'integer' },
  vessel: { sql: 'vessel' },
  berth: { sql: 'berth' },
  cargo: { sql: 'cargo' },
  tonnage: { sql: 'tonnage', type: 'integer', nullable: true },
  arrived_at: { sql: 'arrived_at', type: 'time' },
  cleared: { sql: 'cleared', type: 'boolean', nullable: true },
  note: { sql: 'note', nullable: true },
}
