// The harbour's arrivals in SQLite, as a paged list at /arrivals, over Node's own server: node js/examples/sqlite.js 127.0.0.1:8480

import { createServer } from 'node:http'
import { reply } from '@pageladder/core'
import { foldedWords, forSearch, List, lower, readPage, sortKey, sqliteDatabase } from '@pageladder/sql'
import sqlite from 'node-sqlite3-wasm'
import { arrivals, fields, rules } from './harbour.js'

const file = new sqlite.Database(':memory:')
file.exec(`create table arrivals (id integer primary key, vessel text, berth text, cargo text, tonnage integer, arrived_at text,
  cleared integer, note text, words text)`)
for (const a of arrivals) file.run("insert into arrivals values (?, ?, ?, ?, ?, ?, ? = 'true', ?, ?)", [...a, forSearch(a[1], a[7] ?? '')])

file.function('sort_key', sortKey, { deterministic: true }) // in a table of many records, fill a column with it
file.function('lower_case', lower, { deterministic: true })
const text = (sql) => ({ sql, lower: `lower_case(${sql})`, sortedBy: { sql: `sort_key(${sql})`, key: sortKey } })
const texts = { vessel: text('vessel'), berth: text('berth'), cargo: text('cargo') }
const list = new List(
  { dialect: 'sqlite', from: 'arrivals', words: 'words', splitWords: foldedWords, fields: { ...fields, ...texts } },
  rules,
)
const db = sqliteDatabase(file)

const server = createServer(async (req, res) => {
  const { status, headers, body, error } = await reply(req.url, (query) => readPage(db, list, rules.read(query)))
  if (error) console.error(error)
  res.writeHead(status, headers).end(body)
})
const [host, port] = process.argv[2].split(':')
server.listen(Number(port), host)
