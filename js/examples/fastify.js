// The harbour's arrivals in PostgreSQL, as a paged list at /arrivals, over Fastify: node js/examples/fastify.js 127.0.0.1:8480 postgres://…

import { reply } from '@pageladder/core'
import { foldedWords, forSearch, List, postgresDatabase, readPage } from '@pageladder/sql'
import fastify from 'fastify'
import pg from 'pg'
import { arrivals, fields, rules } from './harbour.js'

const pool = new pg.Pool({ connectionString: process.argv[3] })
await pool.query(`drop table if exists arrivals; create table arrivals (id bigint primary key, vessel text collate "und-x-icu",
  berth text collate "und-x-icu", cargo text collate "und-x-icu", tonnage bigint, arrived_at timestamptz, cleared boolean, note text, words text)`)
for (const a of arrivals)
  await pool.query('insert into arrivals values ($1, $2, $3, $4, $5, $6, $7, $8, $9)', [...a, forSearch(a[1], a[7] ?? '')])

const list = new List({ dialect: 'postgresql', from: 'arrivals', byKey: ['id'], words: 'words', splitWords: foldedWords, fields }, rules)
const db = postgresDatabase(pool)

const app = fastify()
app.get('/arrivals', async (req, res) => {
  const { status, headers, body, error } = await reply(req.url, (query) => readPage(db, list, rules.read(query)))
  if (error) console.error(error)
  return res.code(status).headers(headers).send(body)
})
const [host, port] = process.argv[2].split(':')
await app.listen({ host, port: Number(port) })
