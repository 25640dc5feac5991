// Package pgxpage reads a page of one's own records in PostgreSQL in one call, over pgx:
//
//	ask, err := rules.Read(r.URL.RawQuery)
//	page, boats, err := pgxpage.Page[Boat](ctx, pool, list, ask, statement.Where{})
//
// Count and records are of one snapshot. Each call takes one connection of the pool.
package pgxpage

import (
	"context"

	"github.com/jackc/pgx/v5"

	"pageladder.example/internal/fetch"
	"pageladder.example/paging"
	"pageladder.example/paging/statement"
)

// DB is where records are read: a *pgxpool.Pool or a *pgx.Conn, whose transaction then
// begins and ends with the call, or a pgx.Tx of the caller's, which should be REPEATABLE
// READ.
type DB interface {
	Query(ctx context.Context, sql string, args ...any) (pgx.Rows, error)
}

// ErrMoved is the error of records that were added or removed between the count and the page,
// where the caller's transaction does not see one snapshot.
var ErrMoved = statement.ErrMoved

// Page settles an ask and reads its records. The total is counted as far as the rules
// say, and not at all where they say "none". T is a struct, whose fields have the list's
// names in their tags `db:"name"` or are called alike (arrived_at is ArrivedAt), or
// map[string]any, whose values encoding/json writes as the service does. Fields that the
// caller has not asked for stay at their zero values.
//
// Errors are a *paging.Refusal, ErrMoved, what is wrong with the list or T, or the
// database's.
func Page[T any](ctx context.Context, db DB, list *statement.List, ask paging.Ask, own statement.Where) (paging.Page, []T, error) {
	return fetch.Page[T](source(ctx, db), list, ask, own)
}

// Read is Page for a query as it stands in an address, without its "?", read by rules.
func Read[T any](ctx context.Context, db DB, list *statement.List, rules *paging.Rules, query string, own statement.Where) (paging.Page, []T, error) {
	ask, err := rules.Read(query)
	if err != nil {
		return paging.Page{}, nil, err
	}
	return Page[T](ctx, db, list, ask, own)
}

// Records reads the records of a page that is settled on a total of the caller's own, such
// as one that it remembers, and closes the page. The error is ErrMoved where other records
// read than the total says, and else as Page's.
func Records[T any](ctx context.Context, db DB, list *statement.List, settled paging.Page, own statement.Where) (paging.Page, []T, error) {
	return fetch.Records[T](source(ctx, db), list, settled, own)
}

// Facet is one value of a field, as a query has it, and how many records have it; a nil
// Value stands for those that have none.
type Facet = statement.Facet

// Facets counts, for each of some fields, the records that have each of its values, under
// the search and all conditions but the ask's own on that field: the most frequent first,
// at most so many of each field. Errors are those of Page.
func Facets(ctx context.Context, db DB, list *statement.List, ask paging.Ask, own statement.Where, fields []string, limit int) (map[string][]Facet, error) {
	return fetch.Facets(source(ctx, db), list, ask, own, fields, limit)
}

// source is how records are read of a database.
func source(ctx context.Context, db DB) fetch.Source {
	return fetch.Source{Query: queries(ctx, db), Snapshot: func(do func(fetch.Query) error) error { return within(ctx, db, do) }}
}

// within gives one snapshot of a database.
func within(ctx context.Context, db DB, do func(fetch.Query) error) error {
	pool, ok := db.(interface {
		BeginTx(ctx context.Context, o pgx.TxOptions) (pgx.Tx, error)
	})
	if !ok {
		return do(queries(ctx, db))
	}
	return pgx.BeginTxFunc(ctx, pool, pgx.TxOptions{IsoLevel: pgx.RepeatableRead, AccessMode: pgx.ReadOnly}, func(tx pgx.Tx) error {
		return do(queries(ctx, tx))
	})
}

func queries(ctx context.Context, db DB) fetch.Query {
	return func(s statement.Statement, each func(fetch.Rows) error) error {
		rows, err := db.Query(ctx, s.SQL, s.Args...)
		if err != nil {
			return err
		}
		defer rows.Close()
		return each(rows)
	}
}
