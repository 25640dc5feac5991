// An ask of Page Ladder's core as SQL, for PostgreSQL, MySQL with MariaDB, and SQLite: text and arguments, or a page in one call over a driver of Node.
// docs/typescript.md is the guide, docs/statement.md describes what is written.

export { quoteName, type Dialect } from './dialect.js'
export {
  inTurn,
  mysqlDatabase,
  postgresDatabase,
  sqliteDatabase,
  type Mysql2Connection,
  type Mysql2Pool,
  type PgClient,
  type PgPool,
  type SqliteDriver,
} from './drivers.js'
export { fold, foldedWords, forSearch, lower, sortKey } from './fold.js'
export { MovedError, PlaceError, StatementError } from './mistake.js'
export { readFacets, readPage, readRecords, type Database, type Facet, type Fields, type Read, type Row, type Work } from './page.js'
export { everywhere, type Question, type Region } from './question.js'
export { List, type Field, type Places, type Table, type Where } from './table.js'
export type { Statement, Value } from './writer.js'
