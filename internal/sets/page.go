package sets

import (
	"context"
	"errors"
	"fmt"
	"net"
	"slices"
	"time"

	"github.com/jackc/pgx/v5"
	"github.com/jackc/pgx/v5/pgconn"
	"github.com/jackc/pgx/v5/pgxpool"

	"pageladder.example/internal/intake"
	"pageladder.example/paging"
)

// Page is one page of a set: what was settled, and its records.
type Page struct {
	Set     *Set
	Settled paging.Page
	Fields  []intake.Field // those that the records are shown with
	Records []Record

	copied *copier // that the records are kept in
}

// Release lets the memory of the page's records be used again. Nobody has to call
// it; whoever does must not read the records afterwards.
func (p *Page) Release() {
	p.copied.release()
	p.Records, p.copied = nil, nil
}

// errMoved is the error within this package for a set that changed while it was
// read.
var errMoved = errors.New("the set has changed while it was read")

// undefinedTable is PostgreSQL's code for a table that is gone.
const undefinedTable = "42P01"

// attempts is how often a page is tried again when the set changes while it is
// read, before it is read in a transaction of its own, which sees no changes.
const attempts = 3

// Request is what is asked of a set.
type Request struct {
	Set        string
	Query      string // raw, without its "?"
	Visibility Visibility
	Count      paging.CountHow // how the total is found; "": as the rules say
	Explain    *Explain        // filled in where it is not nil
}

// CountError is the error for a total that was asked for and is counted further than the
// set's rules allow: a request may count less than they do, not more.
type CountError struct{ Asked paging.CountHow }

func (e *CountError) Error() string {
	return fmt.Sprintf("sets: the set's rules count less far than %q", e.Asked)
}

// Page reads one page. Its version, its total and its records agree, as if read
// in one snapshot. Errors are ErrNoSet, *paging.Refusal, *CountError, or the
// database's.
func (s *Store) Page(ctx context.Context, req Request) (*Page, error) {
	for range attempts {
		set, err := s.cached(ctx, req.Set)
		if err != nil {
			return nil, err
		}
		if set.Attached() {
			return s.pageWithin(ctx, req)
		}
		page, err := s.readPage(ctx, s.pool, set, req)
		var pg *pgconn.PgError
		if !errors.Is(err, errMoved) && !(errors.As(err, &pg) && pg.Code == undefinedTable) {
			return page, err
		}
		s.catalogue.forget(req.Set)
	}
	return s.pageWithin(ctx, req)
}

// Settle settles a page without reading its records. Errors are those of Page.
func (s *Store) Settle(ctx context.Context, req Request) (page *Page, err error) {
	err = s.within(ctx, req.Set, func(tx pgx.Tx, set *Set) error {
		page, _, _, err = s.settle(ctx, tx, set, req)
		return err
	})
	return page, err
}

// pageWithin reads a page in a transaction of its own.
func (s *Store) pageWithin(ctx context.Context, req Request) (page *Page, err error) {
	err = s.within(ctx, req.Set, func(tx pgx.Tx, set *Set) error {
		page, err = s.readPage(ctx, tx, set, req)
		if errors.Is(err, errMoved) && set.Attached() {
			// What was remembered has turned out to be wrong: fewer records came.
			s.unremember(set.Name)
			page, err = s.readPage(ctx, tx, set, req)
		}
		return err
	})
	return page, err
}

// snapshot runs a read-only transaction that sees one state of a database.
func snapshot(ctx context.Context, pool *pgxpool.Pool, do func(tx pgx.Tx) error) error {
	return pgx.BeginTxFunc(ctx, fresh{pool}, pgx.TxOptions{IsoLevel: pgx.RepeatableRead, AccessMode: pgx.ReadOnly}, do)
}

// within gives a set and one state of the database that its records are in.
func (s *Store) within(ctx context.Context, name string, do func(tx pgx.Tx, set *Set) error) error {
	set, err := s.cached(ctx, name)
	if err != nil {
		return err
	}
	if set.Attached() {
		pool, err := s.sourcePool(ctx, set.Source)
		if err != nil {
			return err
		}
		return sourceError(snapshot(ctx, pool, func(tx pgx.Tx) error { return do(tx, set) }))
	}
	return snapshot(ctx, s.pool, func(tx pgx.Tx) error {
		set, err := get(ctx, tx, name)
		if err == nil {
			err = do(tx, set)
		}
		return err
	})
}

// settle reads a query and settles it on its total.
func (s *Store) settle(ctx context.Context, db querier, set *Set, req Request) (*Page, *question, paging.Total, error) {
	explain := req.Explain
	explain.begin()
	none := paging.Total{}
	ask, err := set.Rules.Read(req.Query)
	if err != nil {
		return nil, nil, none, err
	}
	q, err := newQuestion(set, &ask, req.Visibility)
	if err != nil {
		return nil, nil, none, err
	}
	q.explain = explain
	q.countLimit = countLimit(&set.Rules.Rules, set.Rules.Count)
	if req.Count != "" {
		limit := countLimit(&set.Rules.Rules, req.Count)
		if q.countLimit >= 0 && (limit < 0 || limit > q.countLimit) {
			return nil, nil, none, &CountError{req.Count}
		}
		q.countLimit = limit
	}
	explain.step(func(t *Times) *time.Duration { return &t.Read })
	total, err := s.total(ctx, db, q)
	if err != nil {
		return nil, nil, none, err
	}
	explain.step(func(t *Times) *time.Duration { return &t.Count })
	settled, err := ask.Settle(total)
	if err != nil {
		return nil, nil, none, err
	}
	explain.step(func(t *Times) *time.Duration { return &t.Settle })
	return &Page{Set: set, Settled: settled, Fields: q.fields}, q, total, nil
}

// countLimit is how far to count for a total: -1 to the end, 0 not at all.
func countLimit(rules *paging.Rules, how paging.CountHow) int64 {
	switch how {
	case paging.CountNone:
		return 0
	case paging.CountAtLeast:
		return rules.Resolved().CountTo
	}
	return -1
}

func (s *Store) readPage(ctx context.Context, db querier, set *Set, req Request) (*Page, error) {
	page, q, total, err := s.settle(ctx, db, set, req)
	if err != nil {
		return nil, err
	}
	settled, explain := page.Settled, req.Explain
	rows := settled.Fetch()
	if rows == 0 {
		return page, nil
	}
	page.copied = copiers.Get().(*copier)
	if page.Records, err = s.readWindow(ctx, db, q, settled.Offset(), rows, total, page.copied); err != nil {
		return nil, err
	}
	explain.step(func(t *Times) *time.Duration { return &t.Cut })
	if total.Known() && len(page.Records) != rows {
		return nil, errMoved
	}
	if page.Settled, err = settled.Seen(len(page.Records)); err != nil {
		return nil, err
	}
	page.Records = page.Records[:page.Settled.Rows()]
	return page, nil
}

// readWindow reads the records of a page by the shortest way: from the nearest
// foothold, from the far end, or from the start.
func (s *Store) readWindow(ctx context.Context, db querier, q *question, offset int64, rows int, total paging.Total, copied *copier) ([]Record, error) {
	if db == querier(s.pool) && q.filterKey == "" {
		db = s.plain
	}
	r := reader{db: db, q: q, copied: copied}
	// Records after the page, and to the nearer end. Only an exact total may be
	// counted back from: a list that has grown since ends elsewhere.
	exact := total.Is() == paging.TotalExact
	behind, near := int64(0), int64(0)
	switch {
	case exact:
		behind = total.Records() - offset - int64(rows)
		near = min(offset, behind)
	case total.Known():
		near = offset
	}
	values, skip, backward, found := []*string(nil), int64(0), false, false
	if near >= s.deep && q.set.remembers() {
		if values, skip, backward, found = s.footholds.Nearest(trackKey(q), q.longest(), offset, rows); !found {
			s.build(q, total.Records())
		}
	}
	var records []Record
	var err error
	switch {
	case found && backward:
		q.explain.access("backward from the foothold after the page, over %d records", skip)
		r.q = q.reversed()
		records, err = r.recordsFrom(ctx, values, skip, rows)
		slices.Reverse(records)
	case found:
		q.explain.access("onward from the foothold before the page, over %d records", skip)
		records, err = r.recordsFrom(ctx, values, skip, rows)
	case exact && behind < offset:
		q.explain.access("backward from the end, over %d records", behind)
		r.q = q.reversed()
		records, err = r.records(ctx, r.q.Regions(), behind, rows)
		slices.Reverse(records)
	default:
		q.explain.access("onward from the start, over %d records", offset)
		records, err = r.records(ctx, q.Regions(), offset, rows)
	}
	if err != nil || q.set.Attached() {
		return records, err
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
