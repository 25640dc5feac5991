// Answers what a test in Go asks it: pages of tables in its databases. Each line of the input is one question; the first one describes the tables.

import { createInterface } from 'node:readline'
import { Rules, type RulesOptions } from '@pageladder/core'
import {
  foldedWords,
  forSearch,
  List,
  lower,
  mysqlDatabase,
  postgresDatabase,
  readFacets,
  readPage,
  sqliteDatabase,
  type Database,
  type Table,
} from '@pageladder/sql'
import { createPool } from 'mysql2/promise'
import sqlite from 'node-sqlite3-wasm'
import pg from 'pg'

interface Setup {
  rules: RulesOptions
  tables: { at: Record<string, string>; table: Table }[]
}

interface Asked {
  table: number
  query: string
  facet: string
}

const closing: (() => unknown)[] = []

function open(dialect: string, at: Record<string, string>): Database {
  if (dialect === 'postgresql') {
    const pool = new pg.Pool({ connectionString: at['url'] })
    closing.push(() => pool.end())
    return postgresDatabase(pool)
  }
  if (dialect === 'mysql') {
    const pool = createPool({ ...at, charset: 'utf8mb4' })
    pool.on('connection', (conn) => conn.query('set max_sort_length = 65536'))
    closing.push(() => pool.end())
    return mysqlDatabase(pool)
  }
  const db = new sqlite.Database(at['file'])
  db.function('lower_case', lower, { deterministic: true })
  db.function('search_text', (text) => (typeof text === 'string' ? forSearch(text) : null), { deterministic: true })
  closing.push(() => db.close())
  return sqliteDatabase(db)
}

const lines = createInterface({ input: process.stdin })[Symbol.asyncIterator]()
const setup = JSON.parse((await lines.next()).value as string) as Setup
const rules = new Rules(setup.rules)
const tables = setup.tables.map(({ at, table }) => ({
  db: open(table.dialect, at),
  list: new List({ ...table, ...(table.words && { splitWords: foldedWords }) }, rules),
}))
for await (const line of { [Symbol.asyncIterator]: () => lines }) {
  const { table, query, facet } = JSON.parse(line) as Asked
  const { db, list } = tables[table]!
  let answer: unknown
  try {
    const ask = rules.read(query)
    const { page, records } = await readPage(db, list, ask)
    answer = { paging: page.metadata(), records, cursors: page.cursors() ?? null, facets: await readFacets(db, list, ask, [facet], 50) }
  } catch (err) {
    answer = { error: String(err) }
  }
  console.log(JSON.stringify(answer))
}
for (const close of closing) await close()
