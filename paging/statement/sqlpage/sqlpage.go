// Package sqlpage reads a page of one's own records in one call, over database/sql:
//
//	ask, err := rules.Read(r.URL.RawQuery)
//	page, boats, err := sqlpage.Page[Boat](ctx, db, list, ask, statement.Where{})
//
// Count and records are of one snapshot, as far as the database has them: PostgreSQL,
// SQLite, and MySQL's InnoDB do. Each call takes one connection of the pool.
package sqlpage

import (
	"context"
	"database/sql"

	"pageladder.example/internal/fetch"
	"pageladder.example/paging"
	"pageladder.example/paging/statement"
)

// DB is where records are read: a *sql.DB or *sql.Conn, on which the call begins and ends a
// transaction, or your own *sql.Tx, which should see one snapshot: REPEATABLE READ in PostgreSQL
// and MySQL.
type DB interface {
	QueryContext(ctx context.Context, query string, args ...any) (*sql.Rows, error)
}

// ErrMoved is the error if records were added or removed between the count and the page, in a
// transaction of yours that does not see one snapshot.
var ErrMoved = statement.ErrMoved

// Page settles an ask and reads its records. The total is counted as far as the rules
// say, and not at all where they say "none". T is a struct, whose fields have the list's
// names in their tags `db:"name"` or are called alike (arrived_at is ArrivedAt), or
// map[string]any, whose values encoding/json writes as the service does. Fields that the
// caller has not asked for stay at their zero values. Times may be kept as the list says:
// as text or numbers too.
//
// Errors are a *paging.Refusal, ErrMoved, what is wrong with the list or T, or the
// database's.
func Page[T any](ctx context.Context, db DB, list *statement.List, ask paging.Ask, own statement.Where) (paging.Page, []T, error) {
	return fetch.Page[T](source(ctx, db, list), list, ask, own)
}

// Read is Page for a query as it is in an address, without its "?".
func Read[T any](ctx context.Context, db DB, list *statement.List, rules *paging.Rules, query string, own statement.Where) (paging.Page, []T, error) {
	ask, err := rules.Read(query)
	if err != nil {
		return paging.Page{}, nil, err
	}
	return Page[T](ctx, db, list, ask, own)
}

// Records reads the records of a page that was settled on a total of your own, such as a
// remembered one, and closes the page. The error is ErrMoved if other records were read than the total
// says; others are those of Page.
func Records[T any](ctx context.Context, db DB, list *statement.List, settled paging.Page, own statement.Where) (paging.Page, []T, error) {
	return fetch.Records[T](source(ctx, db, list), list, settled, own)
}

// Facet is one value of a field, as a query has it, and how many records have it; a nil Value
// stands for records without one.
type Facet = statement.Facet

// Facets counts the records with each value of some fields: the most frequent first, at most so
// many of each field. Each field is counted under the search and all conditions except its own.
// Errors are those of Page.
func Facets(ctx context.Context, db DB, list *statement.List, ask paging.Ask, own statement.Where, fields []string, limit int) (map[string][]Facet, error) {
	return fetch.Facets(source(ctx, db, list), list, ask, own, fields, limit)
}

// source is how records are read of a database.
func source(ctx context.Context, db DB, list *statement.List) fetch.Source {
	return fetch.Source{Query: queries(ctx, db), Snapshot: func(do func(fetch.Query) error) error { return within(ctx, db, list, do) }}
}

// within gives one snapshot of a database.
func within(ctx context.Context, db DB, list *statement.List, do func(fetch.Query) error) error {
	pool, ok := db.(interface {
		BeginTx(ctx context.Context, o *sql.TxOptions) (*sql.Tx, error)
	})
	if !ok {
		return do(queries(ctx, db))
	}
	options := &sql.TxOptions{ReadOnly: true, Isolation: sql.LevelRepeatableRead}
	if list.Dialect() == statement.SQLite { // whose transactions all see one snapshot
		options.Isolation = sql.LevelDefault
	}
	tx, err := pool.BeginTx(ctx, options)
	if err != nil {
		return err
	}
	defer tx.Rollback() // nothing was written
	return do(queries(ctx, tx))
}

func queries(ctx context.Context, db DB) fetch.Query {
	return func(s statement.Statement, each func(fetch.Rows) error) error {
		rows, err := db.QueryContext(ctx, s.SQL, s.Args...)
		if err != nil {
			return err
		}
		defer rows.Close()
		return each(rows)
	}
}
