// Databases over the drivers of Node: pg, mysql2, and those of SQLite that read without waiting. The drivers are not imported; these are the parts of them that are used.

import type { Database, Row, Work } from './page.js'
import type { Statement } from './writer.js'

/** Runs a work, each statement as it comes: for a Database of your own. */
export async function inTurn<T>(work: () => Work<T>, query: (s: Statement) => Promise<Row[]>): Promise<T> {
  const steps = work()
  let step = steps.next()
  while (!step.done) step = steps.next(await query(step.value))
  return step.value
}

/** A client of pg. */
export interface PgClient {
  query(query: string): Promise<unknown>
  query(query: {
    text: string
    values: unknown[]
    rowMode: 'array'
    types: { getTypeParser(): (text: string) => string }
  }): Promise<{ rows: Row[] }>
  release(err?: boolean): void
}

/** A pool of pg: new Pool(…). */
export interface PgPool {
  connect(): Promise<PgClient>
}

const asText = { getTypeParser: () => (text: string) => text } // else its dates are of the machine's time zone, and its times lose digits

/** PostgreSQL over a pool of pg. A snapshot is a transaction, read only, in REPEATABLE READ. */
export function postgresDatabase(pool: PgPool): Database {
  return {
    async run(work, snapshot) {
      const client = await pool.connect()
      let broken = true
      try {
        if (snapshot) await client.query('begin isolation level repeatable read, read only')
        const result = await inTurn(
          work,
          async ({ sql, args }) => (await client.query({ text: sql, values: args.map(String), rowMode: 'array', types: asText })).rows,
        )
        if (snapshot) await client.query('commit')
        broken = false
        return result
      } catch (err) {
        broken =
          snapshot &&
          !(await client.query('rollback').then(
            () => true,
            () => false,
          ))
        throw err
      } finally {
        client.release(broken)
      }
    },
  }
}

/** A connection of mysql2/promise. */
export interface Mysql2Connection {
  query(sql: string): Promise<unknown>
  execute(options: object): Promise<[unknown, unknown]>
  release(): void
  destroy(): void
  connection: { unprepare(options: { sql: string; rowsAsArray: boolean }): unknown }
}

/** A pool of mysql2/promise: createPool(…). */
export interface Mysql2Pool {
  getConnection(): Promise<Mysql2Connection>
}

/** MySQL or MariaDB over a pool of mysql2/promise. A snapshot is a transaction, read only, in REPEATABLE READ. */
export function mysqlDatabase(pool: Mysql2Pool): Database {
  return {
    async run(work, snapshot) {
      const conn = await pool.getConnection()
      let broken = true
      try {
        if (snapshot) {
          await conn.query('set transaction isolation level repeatable read')
          await conn.query('start transaction with consistent snapshot, read only')
        }
        const result = await inTurn(work, async ({ sql, args }) => {
          const options = { sql, rowsAsArray: true }
          try {
            const [rows] = await conn.execute({
              ...options,
              values: args.map((a) => (typeof a === 'bigint' ? String(a) : a)), // which the statement casts
              dateStrings: true,
              supportBigNumbers: true,
              bigNumberStrings: true,
            })
            return rows as Row[]
          } finally {
            conn.connection.unprepare(options) // servers hold some thousand in all, and each page is a text of its own
          }
        })
        if (snapshot) await conn.query('commit')
        broken = false
        return result
      } catch (err) {
        broken =
          snapshot &&
          !(await conn.query('rollback').then(
            () => true,
            () => false,
          ))
        throw err
      } finally {
        if (broken) conn.destroy()
        else conn.release()
      }
    },
  }
}

/** A database of a driver that reads without waiting, such as node-sqlite3-wasm. */
export interface SqliteDriver {
  /** Runs a statement without arguments. */
  exec(sql: string): unknown
  /** Gives the rows of a statement, each an object of its columns. Whole numbers beyond ±(2^53−1) are of the type bigint. */
  all(sql: string, args: (string | bigint | number)[]): object[]
  readonly inTransaction?: boolean
}

/** SQLite. A page is read at once, so that nothing else of the program comes between its statements. In a transaction of yours it reads what that sees. */
export function sqliteDatabase(db: SqliteDriver): Database {
  return {
    async run<T>(work: () => Work<T>, snapshot: boolean): Promise<T> {
      const begins = snapshot && !db.inTransaction
      if (begins) db.exec('begin')
      try {
        const steps = work()
        let step = steps.next()
        while (!step.done) {
          const { sql, args, columns } = step.value
          const rows = db.all(sql, args) as Record<string, unknown>[]
          step = steps.next(rows.map((row) => columns.map((name) => row[name])))
        }
        return step.value
      } finally {
        if (begins) db.exec('commit') // nothing was written
      }
    },
  }
}
