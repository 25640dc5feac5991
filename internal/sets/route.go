package sets

import (
	"context"
	"slices"

	"pageladder.example/internal/order"
	"pageladder.example/paging"
	"pageladder.example/paging/cursor"
)

// This file chooses how the records of a page are reached, and reads them.

// route is how the records of a page are reached.
type route struct {
	track    *track        // with footholds, if any
	blocks   *order.Blocks // the footholds, and the block to begin at
	block    int
	first    int // of a list at a mark: the first and the last block that the page lies in
	last     int
	key      []byte // where the block begins
	place    []*string
	skip     int64
	backward bool
	end      bool // from the start of the list or, backward, from its end

	at     *cursor.Place // from a cursor
	behind bool          // after reading: there are records on the other side of the cursor
}

// routeTo finds the shortest route to the records of a page: from the nearest foothold, from the
// far end, or from the start.
func (s *Store) routeTo(ctx context.Context, q *question, offset int64, rows int, total paging.Total) (*route, error) {
	if at, backward := q.ask.Cursor(); at != nil {
		return &route{at: at, backward: backward}, nil
	}
	// The number of records behind the page tells which end is nearer. Only an exact total may be
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
	if near >= min(s.deep, nearby) && q.set.remembers() {
		t, blocks, err := s.blocks(ctx, q, total.Records(), near >= s.deep)
		if err != nil {
			return nil, err
		}
		if blocks != nil {
			return t.route(blocks, offset, rows), nil
		}
	}
	if exact && behind < offset {
		return &route{skip: behind, backward: true, end: true}, nil
	}
	return &route{skip: offset, end: true}, nil
}

// route is the route from the nearest foothold: onward from the one before the page, or backward
// from the one after it.
func (t *track) route(blocks *order.Blocks, offset int64, rows int) *route {
	before := blocks.At(offset)
	skip := offset - before.Before
	last := before // where the page ends, unless that is the begin of the block
	if skip > 0 && skip+int64(rows) > before.Records {
		last = blocks.At(offset + int64(rows) - 1)
	}
	if back := last.Before + last.Records - offset - int64(rows); skip > 0 && back < skip && last.I+1 < blocks.Len() {
		key := blocks.Block(last.I + 1).Key
		return &route{track: t, blocks: blocks, block: last.I + 1, key: key, place: t.keys.Values(key), skip: back, backward: true}
	}
	if before.I == 0 {
		return &route{skip: skip, end: true}
	}
	return &route{track: t, blocks: blocks, block: before.I, key: before.Key, place: t.keys.Values(before.Key), skip: skip}
}

// read reads records along the route.
func (w *route) read(ctx context.Context, r *reader, rows int) (records []Record, err error) {
	q := r.q
	regions := q.Regions()
	switch {
	case w.at != nil && w.backward:
		q.explain.access("backward from the cursor")
	case w.at != nil:
		q.explain.access("forward from the cursor")
	case w.end && w.backward:
		q.explain.access("backward from the end, skipping %d", w.skip)
	case w.end:
		q.explain.access("forward from the start, skipping %d", w.skip)
	case w.backward:
		q.explain.access("backward from the foothold after the page, skipping %d", w.skip)
	default:
		q.explain.access("forward from the foothold before the page, skipping %d", w.skip)
	}
	if w.at != nil {
		records, w.behind, err = r.seek(ctx, w.at, w.backward, rows)
		return records, err
	}
	if w.backward {
		r.q = q.reversed()
		regions = r.q.Regions()
	}
	switch {
	case w.end:
	case w.backward:
		regions, err = r.q.After(w.place)
	default:
		regions, err = r.q.From(w.place)
	}
	if err != nil {
		return nil, err
	}
	records, err = r.records(ctx, regions, w.skip, rows)
	if w.backward {
		slices.Reverse(records)
		slices.Reverse(r.orders)
		slices.Reverse(r.fates)
	}
	return records, err
}

// same reports whether the route leads to the same page if the total is another one.
func (w *route) same(settled *paging.Page, was, total paging.Total) bool {
	return !w.end || !w.backward || was.Records() == total.Records()
}
