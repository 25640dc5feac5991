package sets

import (
	"context"
	"errors"
	"net"
	"slices"

	"github.com/jackc/pgx/v5"
	"github.com/jackc/pgx/v5/pgconn"

	"pageladder.example/internal/intake"
	"pageladder.example/paging"
)

// Page is one page of a set: what was settled, and its records.
type Page struct {
	Set     *Set
	Settled paging.Page
	Fields  []intake.Field // those that the records are shown with
	Records []Record
}

// errMoved is the error within this package for a set that changed while it was
// read.
var errMoved = errors.New("the set has changed while it was read")

// undefinedTable is PostgreSQL's code for a table that is gone.
const undefinedTable = "42P01"

// attempts is how often a page is tried again when the set changes while it is
// read, before it is read in a transaction of its own, which sees no changes.
const attempts = 3

// Page reads one page. Its version, its total and its records agree, as if read
// in one snapshot. Errors are ErrNoSet, *paging.Refusal, or the database's.
func (s *Store) Page(ctx context.Context, name, query string) (*Page, error) {
	for range attempts {
		set, err := s.cached(ctx, name)
		if err != nil {
			return nil, err
		}
		if set.Attached() {
			return s.attachedPage(ctx, set, query)
		}
		page, err := s.readPage(ctx, s.pool, set, query)
		var pg *pgconn.PgError
		if !errors.Is(err, errMoved) && !(errors.As(err, &pg) && pg.Code == undefinedTable) {
			return page, err
		}
		s.catalogue.forget(name)
	}
	var page *Page
	err := s.snapshot(ctx, func(tx pgx.Tx) error {
		set, err := get(ctx, tx, name)
		if err != nil {
			return err
		}
		page, err = s.readPage(ctx, tx, set, query)
		return err
	})
	return page, err
}

// snapshot runs a read-only transaction that sees one state of the database.
func (s *Store) snapshot(ctx context.Context, do func(tx pgx.Tx) error) error {
	return pgx.BeginTxFunc(ctx, s.pool, pgx.TxOptions{IsoLevel: pgx.RepeatableRead, AccessMode: pgx.ReadOnly}, do)
}

// asked reads a set and a query within a snapshot.
func asked(ctx context.Context, tx pgx.Tx, name, query string) (*Set, *paging.Ask, error) {
	set, err := get(ctx, tx, name)
	if err != nil {
		return nil, nil, err
	}
	ask, err := set.Rules.Read(query)
	return set, &ask, err
}

func (s *Store) readPage(ctx context.Context, db querier, set *Set, query string) (*Page, error) {
	ask, err := set.Rules.Read(query)
	if err != nil {
		return nil, err
	}
	q := newQuestion(set, &ask)
	total, err := s.total(ctx, db, q)
	if err != nil {
		return nil, err
	}
	settled, err := ask.Settle(total)
	if err != nil {
		return nil, err
	}
	page := &Page{Set: set, Settled: settled, Fields: q.fields}
	rows := settled.Fetch()
	if rows == 0 {
		return page, nil
	}
	if page.Records, err = s.stretch(ctx, db, q, settled.Offset(), rows, total); err != nil {
		return nil, err
	}
	if total.Known() && len(page.Records) != rows {
		return nil, errMoved
	}
	if page.Settled, err = settled.Seen(len(page.Records)); err != nil {
		return nil, err
	}
	page.Records = page.Records[:page.Settled.Rows()]
	return page, nil
}

// stretch reads the records of a page by the shortest way: from the nearest
// foothold, from the far end, or from the start.
func (s *Store) stretch(ctx context.Context, db querier, q *question, offset int64, rows int, total paging.Total) ([]Record, error) {
	r := reader{db: db, q: q}
	if q.set.Attached() {
		return s.attachedStretch(ctx, &r, offset, rows, total)
	}
	behind, near := int64(0), int64(0) // records after the page, and to the nearer end
	if total.Known() {
		behind = total.Records() - offset - int64(rows)
		near = min(offset, behind)
	}
	values, skip, backward, found := []*string(nil), int64(0), false, false
	if near >= s.footholds.deep {
		if values, skip, backward, found = s.footholds.nearest(q, offset, rows); !found {
			s.build(q, total.Records())
		}
	}
	var records []Record
	var err error
	switch {
	case found && backward:
		r.q = q.reversed()
		records, err = r.records(ctx, r.q.regionsFrom(values), skip, rows)
		slices.Reverse(records)
	case found:
		records, err = r.records(ctx, q.regionsFrom(values), skip, rows)
	case total.Known() && behind < offset:
		r.q = q.reversed()
		records, err = r.records(ctx, r.q.regions(), behind, rows)
		slices.Reverse(records)
	default:
		records, err = r.records(ctx, q.regions(), offset, rows)
	}
	if err != nil {
		return nil, err
	}
	if ok, err := r.current(ctx); err != nil || !ok {
		return nil, errors.Join(err, errMoved)
	}
	return records, nil
}

func isNetwork(err error) bool {
	var network net.Error
	return errors.As(err, &network)
}
