package reading

import (
	"context"
	"slices"

	"pageladder.example/internal/order"
	"pageladder.example/internal/sets/known"
	"pageladder.example/internal/sets/view"
	"pageladder.example/paging"
	"pageladder.example/paging/cursor"
)

// This file chooses how the records of a page are reached, and reads them.

// route is how the records of a page are reached.
type route struct {
	skip     int64
	backward bool
	end      bool // from the start of the list or, backward, from its end

	blocks      *order.Blocks // with footholds: the blocks, and the one to begin at
	block       int
	key         []byte // where it begins
	place       []*string
	first, last int // the blocks that the page lies in
	footholds   *known.Footholds

	at     *cursor.Place // from a cursor
	behind bool          // after reading: there are records on the other side of the cursor
}

// routeTo finds the shortest route to the records of a page: from the nearest foothold, from the
// far end, or from the start.
func (r *Reader) routeTo(ctx context.Context, s *settled, rows int) (*route, error) {
	if at, backward := s.ask.Cursor(); at != nil {
		return &route{at: at, backward: backward}, nil
	}
	// The number of records behind the page decides which end is nearer. Only an exact total may be
	// counted back from: a list that has grown since ends elsewhere.
	offset, behind := s.page.Settled.Offset(), int64(0)
	near := int64(0)
	switch {
	case s.total.Is() == paging.TotalExact:
		behind = s.total.Records() - offset - int64(rows)
		near = min(offset, behind)
	case s.total.Known():
		near = offset
	}
	if near >= min(r.Deep, nearby) && s.q.Mark().State != nil {
		footholds, blocks, err := s.list.Footholds(ctx, s.q, s.total.Records(), near >= r.Deep)
		if err != nil {
			return nil, err
		}
		if blocks != nil {
			way := throughBlocks(blocks, footholds.Place, offset, rows)
			if !way.end {
				way.footholds = footholds
			}
			return way, nil
		}
	}
	return fromAnEnd(s.total, offset, rows), nil
}

// fromAnEnd is the route from the nearer end of a list.
func fromAnEnd(total paging.Total, offset int64, rows int) *route {
	if total.Is() == paging.TotalExact {
		if behind := total.Records() - offset - int64(rows); behind < offset {
			return &route{skip: behind, backward: true, end: true}
		}
	}
	return &route{skip: offset, end: true}
}

// throughBlocks is the route from the nearest foothold: onward from the one before the page, or backward
// from the one after it.
func throughBlocks(blocks *order.Blocks, place func(key []byte) []*string, offset int64, rows int) *route {
	before := blocks.At(offset)
	way := &route{blocks: blocks, skip: offset - before.Before, first: before.I, last: blocks.At(offset + int64(rows) - 1).I}
	last := before // where the page ends, unless that is the begin of the block
	if way.skip > 0 && way.skip+int64(rows) > before.Records {
		last = blocks.At(offset + int64(rows) - 1)
	}
	switch back := last.Before + last.Records - offset - int64(rows); {
	case way.skip > 0 && back < way.skip && last.I+1 < blocks.Len():
		way.block, way.key, way.skip, way.backward = last.I+1, blocks.Block(last.I+1).Key, back, true
	case before.I == 0:
		way.end = true
		return way
	default:
		way.block, way.key = before.I, before.Key
	}
	way.place = place(way.key)
	return way
}

// same reports whether the route leads to the same page if the total is another one.
func (w *route) same(was, now paging.Total) bool {
	return !w.end || !w.backward || was.Records() == now.Records()
}

// read reads records along the route.
func (w *route) read(ctx context.Context, r *rows, limit int) error {
	explain := r.q.Selection().Explain
	switch {
	case w.at != nil && w.backward:
		explain.Reach("backward from the cursor")
	case w.at != nil:
		explain.Reach("forward from the cursor")
	case w.end && w.backward:
		explain.Reach("backward from the end, skipping %d", w.skip)
	case w.end:
		explain.Reach("forward from the start, skipping %d", w.skip)
	case w.backward:
		explain.Reach("backward from the foothold after the page, skipping %d", w.skip)
	default:
		explain.Reach("forward from the foothold before the page, skipping %d", w.skip)
	}
	if w.at != nil {
		return w.seek(ctx, r, limit)
	}
	// Backward from a foothold are those before its block begins.
	err := r.read(ctx, view.Window{From: w.place, After: w.backward, Backward: w.backward, Skip: w.skip, Limit: limit})
	if w.backward {
		r.reverse()
	}
	return err
}

// seek reads records from a cursor on, in the order of the list, and notes whether there are some on its
// other side.
func (w *route) seek(ctx context.Context, r *rows, limit int) error {
	var key []int
	for i, o := range r.q.Selection().Ask.Order() {
		if slices.Contains(r.q.View().Set().Rules.Key, o.Field) {
			key = append(key, i)
		}
	}
	from := func(after, backward bool, limit int) view.Window {
		return view.Window{From: w.at.Values, After: after, Backward: backward, Limit: limit}
	}
	found, skip, err := cursor.Seek(w.at, w.backward, limit, func(a, b []*string) bool { return cursor.SameIn(key, a, b) },
		func(after bool, limit int) (int, []*string, error) {
			if err := r.read(ctx, from(after, w.backward, limit)); err != nil || len(r.records) == 0 {
				return 0, nil, err
			}
			first, err := r.q.Place(r.order(0))
			return len(r.records), first, err
		},
		func(after bool) (there bool, err error) {
			seen, err := r.q.Read(ctx, from(after, !w.backward, 1), func(*view.Row) error { there = true; return nil })
			if err == nil {
				err = r.note(seen)
			}
			return there, err
		})
	if err != nil {
		return err
	}
	w.behind = found.Behind
	if skip {
		r.cut(1, found.Rows)
	} else {
		r.cut(0, found.Rows)
	}
	if w.backward {
		r.reverse()
	}
	return nil
}
