package reading

import (
	"context"
	"errors"
	"time"

	"pageladder.example/internal/sets/view"
	"pageladder.example/paging"
)

// Held is the version that a page is held at, and how much has changed since.
type Held struct {
	Version int64
	Changes int64 // of records of the list since then, counted each time; 0: the list is as it was
	// MayShrink means that a fixed filter applies: records that it does not let through any more, or
	// that are deleted, leave the list, and those after them move up.
	MayShrink bool
}

// comparedLimit limits the changes that are compared with each page if there are no footholds. More would
// take longer than the page itself.
const comparedLimit = 1_000

// held reads a page of a list that is held at an earlier state, by a view of now.
func (r *Reader) held(ctx context.Context, v view.View, req *Request) (*Page, error) {
	then, err := v.At(ctx, req.At)
	if err != nil {
		return nil, err
	}
	if v.Steady() {
		return r.heldPlainly(ctx, v, then, req)
	}
	s, err := r.ask(v, req)
	if err != nil {
		return nil, err
	}
	mark := then.Mark()
	past, err := s.list.Since(ctx, s.q, mark)
	if err != nil {
		return nil, err
	}
	unchanged := past.Changed == 0
	if s.bound() && (!unchanged && s.limit != 0 || len(req.Facets) > 0) { // a record is in the list if the filter lets it through both at the mark and now
		return nil, errPlain
	}
	if unchanged {
		return r.heldUnchanged(ctx, s, mark, req)
	}
	total, known, err := past.Total(ctx, s.q, s.limit)
	if err == nil && !known {
		err = errPlain
	}
	if err != nil {
		return nil, err
	}
	s.total = total
	if err := s.settle(req); err != nil {
		return nil, err
	}
	rows := s.page.Settled.Fetch()
	if rows == 0 {
		return nil, errPlain
	}
	way, err := r.heldRoute(ctx, s, mark, rows, past.Looked)
	if err != nil {
		return nil, err
	}
	selection := *s.q.Selection()
	if way.held != nil {
		if selection.Through, err = way.held.Through(ctx, s.q, way.first, way.last); err != nil {
			return nil, err
		}
	}
	q, err := then.Ask(selection)
	if err != nil {
		return nil, err
	}
	read := newRows(q, s.page.Fields, hasCursors(v.Set().Rules))
	s.page.copied = read.copied
	if err := way.read(ctx, read, rows); err != nil {
		return nil, err
	}
	s.page.Held = &Held{Version: req.At, MayShrink: s.bound()}
	if err := r.heldStill(ctx, s, mark, way, read, len(selection.Through)); err != nil {
		return nil, err
	}
	req.Explain.Step(func(t *view.Times) *time.Duration { return &t.Cut })
	if total.Known() && way.at == nil && len(read.records) != rows {
		return nil, &view.Moved{Why: "fewer records were read than there should be"}
	}
	if err := s.page.close(read, &way.route); err != nil {
		return nil, err
	}
	s.page.Facets, err = r.heldFacets(ctx, req)
	return s.page, err
}

// heldFacets counts the values of fields in a list at an earlier state.
func (r *Reader) heldFacets(ctx context.Context, req *Request) (found map[string][]Facet, err error) {
	if len(req.Facets) == 0 {
		return nil, nil
	}
	// They never change, so that they may be known.
	err = r.with(ctx, req, inOne, func(ctx context.Context, v view.View) error {
		then, err := v.At(ctx, req.At)
		if err == nil {
			found, err = r.facets(ctx, then, req)
		}
		return err
	})
	return found, err
}

// heldPlainly reads a page of a list that is held at an earlier state in one snapshot.
func (r *Reader) heldPlainly(ctx context.Context, v, then view.View, req *Request) (*Page, error) {
	page, err := r.read(ctx, then, req)
	if err != nil {
		return nil, err
	}
	q, err := v.Ask(req.selection(page.Settled.Ask()))
	if err != nil {
		return nil, err
	}
	past, err := r.known.List(q).Since(ctx, q, then.Mark())
	var moved *view.Moved
	if err != nil && !errors.As(err, &moved) {
		return nil, err
	}
	page.Held = &Held{req.At, past.Changed, len(v.Set().BindsFor(req.Visibility)) > 0}
	return page, confirmed(ctx, v)
}

// heldUnchanged reads a page of a list in which nothing has changed since the mark: it is read as
// the current list. The values of its fields are counted under other filters, and may have changed.
func (r *Reader) heldUnchanged(ctx context.Context, s *settled, mark view.Mark, req *Request) (*Page, error) {
	now := *req
	now.Keep, now.Facets = false, nil // only pages of the current list are given again
	page, v, err := r.readAt(ctx, s.view, &now)
	if err != nil {
		return nil, err
	}
	q, err := v.Ask(*s.q.Selection())
	if err != nil {
		return nil, err
	}
	past, err := r.known.List(q).Since(ctx, q, mark)
	if err != nil {
		return nil, err
	}
	if past.Changed > 0 {
		return nil, &view.Moved{Why: "the list has changed while it was read"}
	}
	page.Held = &Held{Version: req.At, MayShrink: s.bound()}
	page.version = req.At
	page.Facets, err = r.heldFacets(ctx, req)
	return page, err
}

// heldRoute is a route through a list as it was.
type heldRoute struct {
	route
	held interface {
		Through(ctx context.Context, q view.Question, first, last int) ([]string, error)
	}
}

// heldRoute is the route to the records of a page of a list at an earlier state. If that begins at a
// foothold, few changes have to be looked at.
func (r *Reader) heldRoute(ctx context.Context, s *settled, mark view.Mark, rows int, looked int64) (*heldRoute, error) {
	if at, backward := s.ask.Cursor(); at != nil {
		return &heldRoute{route: route{at: at, backward: backward}}, nil
	}
	offset := s.page.Settled.Offset()
	if s.total.Is() == paging.TotalExact && !s.bound() {
		near := min(offset, s.total.Records()-offset-int64(rows))
		h, err := s.list.Held(ctx, s.q, mark, s.total.Records(), near >= r.Deep || looked > comparedLimit)
		if err != nil {
			return nil, err
		}
		if h != nil {
			return &heldRoute{*throughBlocks(h.Blocks(), h.Place, offset, rows), h}, nil
		}
	}
	return &heldRoute{route: *fromAnEnd(s.total, offset, rows)}, nil
}

// heldStill settles a page at the state of now that its records were read at. The error is a *view.Moved
// if something has changed before that state which was not taken into account.
func (r *Reader) heldStill(ctx context.Context, s *settled, mark view.Mark, way *heldRoute, read *rows, through int) error {
	q, later := s.q, s.view
	if seen := read.seen.View; seen.Mark().Number != mark.Number { // a later state than the view's
		var err error
		if q, err = seen.Ask(*s.q.Selection()); err != nil {
			return err
		}
		later = seen
	}
	past, err := r.known.List(q).Since(ctx, q, mark)
	if err != nil {
		return err
	}
	looked := past.Looked // else the statement has looked at the whole log since the mark
	if way.held != nil {
		looked = int64(through)
	}
	if read.seen.Looked != looked { // the log was pruned, or rows were deleted
		return &view.Moved{Why: "the changes that the list was read by are not those that are known"}
	}
	if way.held != nil {
		now, err := way.held.Through(ctx, q, way.first, way.last)
		if err != nil {
			return err
		}
		if len(now) != through {
			return &view.Moved{Why: "more has changed on the way to the page"}
		}
	}
	s.page.of(later)
	s.page.version, s.page.Held.Changes = mark.Number, past.Changed
	return nil
}
