package sets

import (
	"context"
	"errors"
	"fmt"
	"net"
	"time"

	"github.com/jackc/pgx/v5"
	"github.com/jackc/pgx/v5/pgconn"

	"pageladder.example/internal/changes"
	"pageladder.example/internal/intake"
	"pageladder.example/paging"
)

// Page is one page of a set: what was settled, and its records.
type Page struct {
	Set     *Set
	Settled paging.Page
	Fields  []intake.Field // those that the records have
	Records []Record
	Facets  map[string][]Facet // the ones that were asked for
	Held    *Held              // of a list that is held at a version; else nil
	Fates   []Fate             // of each record; nil if all are the same now

	ends   ends
	copied *copier // that holds the records
	kept   *kept   // nil unless the request asked for it
	state  int64
}

// State is the number of the state that the page is of: for a kept set, its version. It is 0 if
// nobody can tell when the set has changed.
func (p *Page) State() int64 {
	if p.Set.Attached() {
		return p.state
	}
	return p.Set.Version
}

// Version is the version at which the list can be held as it is on the page; 0 if it cannot be
// held.
func (p *Page) Version() int64 {
	switch {
	case p.Held != nil:
		return p.Held.Version
	case !p.Set.Attached():
		return p.Set.Version
	case p.state > 0 && p.Set.numbered:
		return p.state
	}
	return 0
}

// as gives a page of a followed set the set's own version, instead of the number of its state.
func (p *Page) as(version int64) {
	if p.Set.saw != nil {
		set := *p.Set
		p.state, set.Version = set.Version, version
		p.Set = &set
	}
}

// Release lets the memory of the page's records be used again. Calling it is optional; the records
// must not be read afterwards.
func (p *Page) Release() {
	p.copied.release()
	p.Records, p.copied = nil, nil
}

// errMoved is the error within this package for a set that changed while it was
// read.
var errMoved = errors.New("the set has changed while it was read")

// movedTo is an errMoved that carries the set as it was seen.
type movedTo struct{ set *Set }

func (m *movedTo) Error() string { return errMoved.Error() }
func (m *movedTo) Unwrap() error { return errMoved }

// PostgreSQL's codes for a missing table and a missing column.
const (
	undefinedTable  = "42P01"
	undefinedColumn = "42703"
)

// attempts is how often a page is read again because its set has changed meanwhile. After that it
// is read in a transaction, which sees no changes.
const attempts = 3

// Request is one question for a page of a set.
type Request struct {
	Set        string
	Query      string // raw, without its "?"
	Visibility Visibility
	Count      paging.CountHow // how the total is found; "": as the rules say
	Facets     []string        // fields whose values are counted too
	Explain    *Explain        // filled in where it is not nil
	Keep       bool            // Again may be called for the page
	At         int64           // the version that the list is held at; 0: none

	misplaced string // why the query's cursor is ignored; "": it is not
}

// countLimit is how far to count for a total: as the request asks, if the set's rules allow it.
// Pages that are asked for by a cursor are counted only if the request says so.
func (r *Request) countLimit(set *Set, ask *paging.Ask) (int64, error) {
	limit := countLimit(&set.Rules.Rules, set.Rules.Count)
	at, _ := ask.Cursor()
	switch byCursor := at != nil || set.Rules.Addressing == paging.ByCursor; {
	case r.Count == "" && byCursor && (at != nil || set.Rules.Count == ""):
		return 0, nil
	case r.Count == "":
		return limit, nil
	}
	asked := countLimit(&set.Rules.Rules, r.Count)
	if limit >= 0 && (asked < 0 || asked > limit) {
		return 0, &CountError{r.Count}
	}
	return asked, nil
}

// CountError is the error for a request that wants more counted than the set's rules allow: it may
// lower the counting mode, not raise it.
type CountError struct{ Asked paging.CountHow }

func (e *CountError) Error() string {
	return fmt.Sprintf("sets: the set's rules count less far than %q", e.Asked)
}

// Page reads one page. Its version, its total and its records agree, as if read
// in one snapshot. Errors are ErrNoSet, *paging.Refusal, *CountError,
// *ValueError for a facet of a field that is not filtered by, *GoneError, or the database's.
func (s *Store) Page(ctx context.Context, req Request) (*Page, error) {
	page, err := s.page(ctx, req)
	if mended, ok := req.mended(err); ok {
		return s.page(ctx, mended)
	}
	return page, err
}

func (s *Store) page(ctx context.Context, req Request) (*Page, error) {
	if req.At > 0 {
		return s.heldPage(ctx, req)
	}
	for attempt := range attempts {
		set, current, turn := s.catalogue.get(req.Set)
		if set == nil || attempt > 0 {
			var err error
			if set, err = s.Latest(ctx, req.Set); err != nil {
				return nil, err
			}
			current = true
		}
		if set.Attached() {
			if set.Followed {
				if page, err := s.followedPage(ctx, set, req); page != nil || err != nil {
					return page, err
				}
			}
			return s.pageWithin(ctx, req)
		}
		page, err := s.readPage(ctx, s.pool, set, req)
		var pg *pgconn.PgError
		moved := errors.Is(err, errMoved) || errors.As(err, &pg) && pg.Code == undefinedTable
		if told := err == nil && page.Settled.Fetch() > 0; !moved && (current || told) {
			if told && (!current || page.Set.Version > set.Version) {
				s.catalogue.confirm(page.Set, turn)
			}
			return page, err
		}
		s.reread.Add(1)
		var to *movedTo
		if errors.As(err, &to) {
			s.catalogue.confirm(to.set, turn)
		} else if known, _, _ := s.catalogue.get(req.Set); moved && known == set {
			s.catalogue.stale(req.Set)
		}
	}
	return s.pageWithin(ctx, req)
}

// Settle settles a page without reading its records. Errors are those of Page.
func (s *Store) Settle(ctx context.Context, req Request) (page *Page, err error) {
	err = s.withinAt(ctx, req, func(tx pgx.Tx, set *Set) error {
		var q *question
		if page, q, _, err = s.settle(ctx, tx, set, req); err == nil && req.At > 0 {
			page.Held = &Held{Version: req.At, MayShrink: q.bound()}
		}
		return err
	})
	return page, err
}

// pageWithin reads a page in a transaction of its own.
func (s *Store) pageWithin(ctx context.Context, req Request) (page *Page, err error) {
	err = s.withinAt(ctx, req, func(tx pgx.Tx, set *Set) error {
		page, err = s.readPage(ctx, tx, set, req)
		if errors.Is(err, errMoved) && set.Attached() {
			// The remembered total was wrong: fewer records came.
			s.unremember(set.Name)
			page, err = s.readPage(ctx, tx, set, req)
		}
		return err
	})
	return page, err
}

// settle reads a query and settles it on its total.
func (s *Store) settle(ctx context.Context, db querier, set *Set, req Request) (*Page, *question, paging.Total, error) {
	explain := req.Explain
	explain.begin()
	none := paging.Total{}
	ask, err := req.read(set)
	if err != nil {
		return nil, nil, none, err
	}
	q, err := newQuestion(set, ask, req.Visibility)
	if err != nil {
		return nil, nil, none, err
	}
	q.explain = explain
	if q.countLimit, err = req.countLimit(set, ask); err != nil {
		return nil, nil, none, err
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
	page, err := s.readRecords(ctx, db, set, req)
	if err == nil && len(req.Facets) > 0 {
		page.Facets, err = s.facetsOf(ctx, db, page.Set, req, req.Facets)
	}
	return page, err
}

func (s *Store) readRecords(ctx context.Context, db querier, set *Set, req Request) (*Page, error) {
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
	path, err := s.routeTo(ctx, q, settled.Offset(), rows, total)
	if err != nil {
		return nil, err
	}
	r := reader{db: s.connection(db, q), q: q, copied: page.copied, keep: path.at == nil && req.Keep && set.hasStamps() && total.Is() == paging.TotalExact}
	r.mark()
	if page.Records, err = path.read(ctx, &r, rows); err != nil {
		return nil, err
	}
	if set.hasStamps() {
		seen, err := r.stamp(ctx)
		switch {
		case err != nil:
			return nil, err
		case set.saw != nil && seen.table != nil:
			if total, err = s.stillFollowed(ctx, page, q, path, total, seen.table, r.asked); err != nil {
				return nil, err
			}
			settled = page.Settled
		case set.isAt(seen):
		case r.asked > 1 || !set.stamped(seen) || seen.version < set.Version:
			return nil, errMoved
		default: // the set has moved on since the total was known: it may be another page now
			if total, err = s.still(ctx, page, q, path, total, set.seenAt(seen)); err != nil {
				return nil, err
			}
			settled = page.Settled
		}
	}
	explain.step(func(t *Times) *time.Duration { return &t.Cut })
	if total.Known() && path.at == nil && len(page.Records) != rows {
		return nil, errMoved
	}
	if err := page.close(&settled, &r, path); err != nil {
		return nil, err
	}
	if r.keep {
		s.keep(page, q, &r)
	}
	return page, nil
}

// close closes a page when its records have been read, perhaps with one more than it holds.
func (p *Page) close(settled *paging.Page, r *reader, w *route) (err error) {
	if p.Settled, err = settled.Seen(len(p.Records)); err != nil {
		return err
	}
	from, n := 0, p.Settled.Rows()
	if w.at != nil && w.backward {
		from = len(p.Records) - n
	}
	if hasCursors(p.Set.Rules) {
		if p.ends, err = r.endsOf(p.Records, from, n, w.behind); err != nil {
			return err
		}
		p.Settled = p.Ended(p.Settled)
	}
	p.Records = p.Records[from : from+n]
	if p.Fates = r.fates; len(p.Fates) > 0 {
		p.Fates = p.Fates[from : from+n]
	}
	return nil
}

// mark has the values read that make up the places of records, if those are needed.
func (r *reader) mark() {
	if r.places = r.keep; hasCursors(r.q.set.Rules) && !r.keep {
		r.placed = r.q.placed()
		r.places = r.placed == nil
	}
}

// connection chooses the connections for a question.
func (s *Store) connection(db querier, q *question) querier {
	switch {
	case q.filterKey != "":
	case db == querier(s.pool):
		return s.plain
	case q.set.pool != nil && db == querier(q.set.pool):
		return q.set.plain
	}
	return db
}

// still settles a page again at the version that its records were read at. The error is errMoved
// if they are not the page's records at that version.
func (s *Store) still(ctx context.Context, page *Page, q *question, way *route, was paging.Total, seen *Set) (paging.Total, error) {
	later := *q
	later.set = seen
	total, err := s.total(ctx, s.poolOf(seen), &later)
	if err != nil {
		return was, err
	}
	settled, err := q.ask.Settle(total)
	if err != nil {
		return was, &movedTo{seen} // it is read again, at the version that was just seen
	}
	if settled.Offset() != page.Settled.Offset() || settled.Fetch() != page.Settled.Fetch() || !way.same(&settled, was, total) {
		return was, &movedTo{seen}
	}
	if way.track != nil {
		if why, err := way.track.update(ctx, s.folds(seen), &later); err != nil || why != "" {
			return was, errors.Join(err, errMoved)
		}
		if way.track.shifted(q.set.mark(), seen.mark(), way) {
			return was, &movedTo{seen}
		}
	}
	page.Set, page.Settled = later.set, settled
	return total, nil
}

// stillFollowed does the same for a followed table, whose records were read by one or more
// statements.
func (s *Store) stillFollowed(ctx context.Context, page *Page, q *question, way *route, was paging.Total, seen *changes.Stamp, asked int) (paging.Total, error) {
	later, err := s.stateSeen(q.set, seen)
	switch {
	case err != nil:
		return was, err
	case later == q.set:
		return was, nil
	case asked > 1:
		return was, errMoved
	}
	return s.still(ctx, page, q, way, was, later)
}

func isNetwork(err error) bool {
	var network net.Error
	return errors.As(err, &network)
}
