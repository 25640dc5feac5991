package sets

import (
	"context"
	"errors"
	"fmt"
	"time"

	"github.com/jackc/pgx/v5"
	"github.com/jackc/pgx/v5/pgconn"

	"pageladder.example/internal/changes"
	"pageladder.example/paging"
)

// This file reads pages of lists that are held still.

// Held is the version that a page is held at, and how much has changed since.
type Held struct {
	Version int64
	Changes int64 // of records of the list since then, counted each time; 0: the list is as it was
	// MayShrink means that a fixed filter applies: records that it does not let through any more, or
	// that are deleted, leave the list, and those after them move up.
	MayShrink bool
}

// heldPage reads a page of a list that is held at a version.
func (s *Store) heldPage(ctx context.Context, req Request) (*Page, error) {
	for attempt := range attempts {
		set, current, turn := s.catalogue.get(req.Set)
		if attempt > 0 || set == nil || !current || req.At > set.Version {
			var err error
			if set, err = s.Latest(ctx, req.Set); err != nil {
				return nil, err
			}
		}
		defined := set.Version
		if set.Attached() && !set.Followed {
			return nil, &GoneError{req.At, notHeld}
		}
		if set.Attached() {
			here, err := s.followedNow(ctx, set)
			if err != nil {
				return nil, err
			}
			if here == nil {
				return nil, &GoneError{req.At, s.notFollowed(set)}
			}
			set = here
		}
		page, err := s.readHeld(ctx, set, req)
		switch {
		case err == errPlain:
			return s.heldWithin(ctx, req)
		case !retried(err) && !(set.Attached() && s.askAgain(ctx, set, err)):
			if page != nil {
				page.as(defined)
			}
			if set.Attached() {
				err = s.sourceError(set, err)
			}
			return page, err
		}
		s.reread.Add(1)
		var to *movedTo
		switch {
		case set.Attached():
		case errors.As(err, &to):
			s.catalogue.confirm(to.set, turn)
		default:
			s.catalogue.stale(req.Set)
		}
	}
	return s.heldWithin(ctx, req)
}

// heldWithin reads a page of a list that is held at a version in one snapshot, the plain way.
func (s *Store) heldWithin(ctx context.Context, req Request) (page *Page, err error) {
	err = s.withinAt(ctx, req, func(tx pgx.Tx, set *Set) error {
		if page, err = s.readPage(ctx, tx, set, req); err != nil {
			return err
		}
		now := *set
		now.pin = nil
		q, err := newQuestion(&now, page.Settled.Ask(), req.Visibility)
		if err != nil {
			return err
		}
		d, err := s.sinceMark(ctx, q, *set.pin)
		if err == nil {
			_, changed, _, _ := d.at(now.Version) // or what is known by now
			page.Held = &Held{req.At, changed, q.bound()}
		}
		return err
	})
	return page, err
}

// readHeld reads a page of a list that is held at a version, by what is remembered.
func (s *Store) readHeld(ctx context.Context, set *Set, req Request) (*Page, error) {
	mark, err := s.markAt(ctx, set, req.At)
	if err != nil {
		return nil, err
	}
	req.Explain.begin()
	ask, err := req.read(set)
	if err != nil {
		return nil, err
	}
	q, err := newQuestion(set, ask, req.Visibility)
	if err != nil {
		return nil, err
	}
	if q.countLimit, err = req.countLimit(set, ask); err != nil {
		return nil, err
	}
	q.explain = req.Explain
	q.explain.step(func(t *Times) *time.Duration { return &t.Read })
	d, err := s.sinceMark(ctx, q, mark)
	if err != nil {
		return nil, err
	}
	_, changed, logged, exact := d.at(set.Version)
	if !exact {
		return nil, errMoved
	}
	if changed == 0 { // the list is as it was
		return s.heldUnchanged(ctx, q, req, d)
	}
	total := paging.NotCounted()
	if q.countLimit != 0 {
		total, err = s.totalAt(ctx, q, d)
	}
	if err != nil {
		return nil, err
	}
	q.explain.step(func(t *Times) *time.Duration { return &t.Count })
	settled, err := ask.Settle(total)
	if err != nil {
		return nil, err
	}
	q.explain.step(func(t *Times) *time.Duration { return &t.Settle })
	page := &Page{Set: set, Settled: settled, Fields: q.fields, Held: &Held{req.At, changed, q.bound()}}
	rows := settled.Fetch()
	if rows == 0 || len(req.Facets) > 0 && q.bound() {
		return nil, errPlain
	}
	path, images, err := s.heldRoute(ctx, q, mark, settled.Offset(), rows, total, logged)
	if err != nil {
		return nil, err
	}
	here := *set
	here.pin = &mark
	p, err := here.pinned(ask, req.Visibility, images)
	if err != nil {
		return nil, err
	}
	then := here.questionOf(p, p.now, ask, req.Visibility) // the statements of a list at a mark are apart
	then.explain = q.explain
	page.copied = copiers.Get().(*copier)
	r := reader{db: s.connection(s.poolOf(set), q), q: then, copied: page.copied}
	r.mark()
	if page.Records, err = path.read(ctx, &r, rows); err != nil {
		return nil, err
	}
	if err = s.heldStill(ctx, q, page, d, path, &r, images); err != nil {
		return nil, err
	}
	q.explain.step(func(t *Times) *time.Duration { return &t.Cut })
	if total.Known() && path.at == nil && len(page.Records) != rows {
		return nil, errMoved
	}
	if err := page.close(&settled, &r, path); err != nil {
		return nil, err
	}
	page.Facets, err = s.heldFacets(ctx, q, req)
	return page, err
}

// heldFacets counts the values of fields in a question's list at the version that a request asks
// for. They never change, so they are counted once.
func (s *Store) heldFacets(ctx context.Context, q *question, req Request) (map[string][]Facet, error) {
	if len(req.Facets) == 0 {
		return nil, nil
	}
	key := fmt.Sprintf("%q %s %d @%d", req.Facets, q.listKey(), q.set.defined, req.At)
	if known, ok := s.heldValues.Get(key); ok {
		return known, nil
	}
	var found map[string][]Facet
	err := s.withinAt(ctx, req, func(tx pgx.Tx, set *Set) (err error) {
		found, err = s.facetsOf(ctx, tx, set, req, req.Facets)
		return err
	})
	if err == nil {
		s.heldValues.Add(key, found)
	}
	return found, err
}

// errPlain is the error within this package for a page that is best read in one snapshot, the
// plain way.
var errPlain = errors.New("to be read by the plain way")

// retried reports whether an error means that the set has changed while it was read.
func retried(err error) bool {
	var pg *pgconn.PgError
	return errors.Is(err, errMoved) || errors.As(err, &pg) && pg.Code == undefinedTable
}

// heldUnchanged reads a page of a list in which nothing has changed since the mark: it is read as
// the current list.
func (s *Store) heldUnchanged(ctx context.Context, q *question, req Request, d *since) (*Page, error) {
	req.Keep = false // only pages of the current list are given again
	page, err := s.readPage(ctx, s.poolOf(q.set), q.set, req)
	if err != nil {
		return nil, err
	}
	later := *q
	later.set = page.Set
	if why, err := d.update(ctx, s.folds(page.Set), &later); err != nil || why != "" {
		return nil, errors.Join(err, errMoved)
	}
	if _, changed, _, exact := d.at(page.Set.Version); changed > 0 || !exact {
		return nil, errMoved
	}
	page.Held = &Held{Version: req.At, MayShrink: q.bound()}
	return page, nil
}

// heldRoute is the route to the records of a page of a list at a mark and, if that begins at a
// foothold, the images of the change log on it.
func (s *Store) heldRoute(ctx context.Context, q *question, mark changes.Mark, offset int64, rows int, total paging.Total, logged int64) (*route, []string, error) {
	if at, backward := q.ask.Cursor(); at != nil {
		return &route{at: at, backward: backward}, nil, nil
	}
	exact := total.Is() == paging.TotalExact
	near := offset
	if exact {
		near = min(offset, total.Records()-offset-int64(rows))
	}
	if exact && q.set.remembers() && !q.bound() {
		h, err := s.heldBlocks(ctx, q, mark, total.Records(), near >= s.deep || logged > heldPlainly)
		if err != nil {
			return nil, nil, err
		}
		if h != nil {
			blocks := h.blocks[0].Blocks
			w := h.route(blocks, offset, rows)
			w.track, w.first, w.last = h, blocks.At(offset).I, blocks.At(offset+int64(rows)-1).I
			return w, h.on(w), nil
		}
	}
	if exact && total.Records()-offset-int64(rows) < offset {
		return &route{skip: total.Records() - offset - int64(rows), backward: true, end: true}, nil, nil
	}
	return &route{skip: offset, end: true}, nil, nil
}

// heldStill settles a page at the state of the set that its records were read at. The error is
// errMoved if something has changed before that state which was not taken into account.
func (s *Store) heldStill(ctx context.Context, q *question, page *Page, d *since, w *route, r *reader, images []string) error {
	seen, err := r.stamp(ctx)
	if err != nil {
		return err
	}
	later := *q
	switch {
	case q.set.saw != nil && seen.table == nil: // the snapshot is the one of the state
	case q.set.saw != nil:
		if later.set, err = s.stateSeen(q.set, seen.table); err != nil {
			return err
		}
		if r.asked > 1 && later.set != q.set {
			return errMoved
		}
	case r.asked > 1 && !q.set.isAt(seen), !q.set.stamped(seen), seen.version < q.set.Version:
		return errMoved
	default:
		later.set = q.set.seenAt(seen)
	}
	if why, err := d.update(ctx, s.folds(q.set), &later); err != nil || why != "" {
		return errors.Join(err, errMoved)
	}
	_, changed, logged, exact := d.at(later.set.Version)
	if images != nil { // else the statement has looked at the whole log since the mark
		logged = int64(len(images))
	}
	switch {
	case !exact:
		return &movedTo{later.set}
	case r.found != logged: // the log was pruned, or rows were deleted
		return errMoved
	}
	if images != nil {
		if why, err := w.track.updateHeld(ctx, s.folds(q.set), &later); err != nil || why != "" {
			return errors.Join(err, errMoved)
		}
		if len(w.track.on(w)) != len(images) {
			return &movedTo{later.set}
		}
	}
	page.Set, page.Held.Changes = later.set, changed
	return nil
}
