// The harbour's arrivals as a paged list at /arrivals, by a function from a Request to a Response, as servers at the edge call them:
// node js/examples/serve.js 127.0.0.1:8480 edge.js

import { reply } from '@pageladder/core'
import { foldedWords, forSearch, inTurn, List, lower, readPage, sortKey } from '@pageladder/sql'
import sqlite from 'node-sqlite3-wasm'
import { arrivals, fields, rules } from './harbour.js'

const file = new sqlite.Database(':memory:') // stands for a database that is reached by a call of yours
file.exec(
  'create table arrivals (id integer, vessel text, vessel_lower, vessel_key, berth, cargo, tonnage integer, arrived_at, cleared integer, note, words)',
)
for (const [id, vessel, ...rest] of arrivals)
  file.run("insert into arrivals values (?, ?, ?, ?, ?, ?, ?, ?, ? = 'true', ?, ?)", [
    id,
    vessel,
    lower(vessel),
    sortKey(vessel),
    ...rest,
    forSearch(vessel, rest[5] ?? ''),
  ])

const vessel = { sql: 'vessel', lower: 'vessel_lower', sortedBy: { sql: 'vessel_key', key: sortKey } }
const list = new List(
  { dialect: 'sqlite', from: 'arrivals', words: 'words', splitWords: foldedWords, fields: { ...fields, vessel } },
  rules,
)

/** Gives the rows of a statement, each a list of its columns' values. */
const call = async ({ sql, args, columns }) => file.all(sql, args).map((row) => columns.map((name) => row[name]))

/** A database of one's own. It has no transactions, so records may change between the statements of a page: readPage finds that out. */
const db = { run: (work) => inTurn(work, call) }

export async function handle(request) {
  const answer = await reply(request.url, (query) => readPage(db, list, rules.read(query)))
  if (answer.error) console.error(answer.error)
  return new Response(answer.body, answer)
}
