package known

import (
	"cmp"
	"context"
	"slices"
	"sync"
	"time"

	"pageladder.example/internal/order"
	"pageladder.example/internal/sets/view"
	"pageladder.example/paging"
)

// This file builds footholds.

// building are the footholds that are being built, one at a time for a list, and when each was built
// last.
type building struct {
	mu    sync.Mutex
	lists map[string]bool
	built map[string]time.Time
}

func (b *building) begin(list, order string, again time.Duration) bool {
	b.mu.Lock()
	defer b.mu.Unlock()
	if b.lists[list] || time.Since(b.built[list+order]) < again {
		return false
	}
	if b.lists == nil || len(b.built) >= ordersKept { // nearly all of them long ago
		b.built = map[string]time.Time{}
	}
	if b.lists == nil {
		b.lists = map[string]bool{}
	}
	b.lists[list], b.built[list+order] = true, time.Now()
	return true
}

func (b *building) end(list string) {
	b.mu.Lock()
	defer b.mu.Unlock()
	delete(b.lists, list)
}

// build builds the footholds of a question in the background.
func (l *List) build(q view.Question) {
	set, selection := q.View().Set().Name, *q.Selection()
	selection.Explain = nil
	if !l.all.building.begin(set, l.name+orderKey(q), l.all.BuildAgain) {
		return
	}
	l.all.later(func() {
		defer l.all.building.end(set)
		ctx, cancel := context.WithTimeout(l.all.running, buildTime)
		defer cancel()
		// An error does no harm: pages are read the plain way, and the next deep page tries again.
		v, err := q.View().Again(ctx)
		if err != nil {
			return
		}
		defer v.Close()
		if q, err := v.Ask(selection); err == nil {
			l.all.List(q).Build(ctx, q)
		}
	})
}

// Build builds the footholds of a question in one snapshot.
func (l *List) Build(ctx context.Context, q view.Question) (*Footholds, error) {
	o := l.orderOf(q)
	err := q.Snapshot(ctx, func(q view.Question) error {
		if q.Mark().State == nil {
			return &lostError{"nothing can be remembered of it at present"}
		}
		// A page of the default size then begins at a foothold or, once records have been added and
		// removed, near one.
		step := (int64(q.View().Set().Rules.Resolved().Size.Default) + 1) / 2
		if q.Filtered() || q.Mark().Total(0).Is() != paging.TotalExact {
			step *= 4 // or ends right before one: walking costs more
		}
		b := order.Build(step, bytesLimit(o.order))
		var key []byte
		at := int64(0)
		records, err := q.Every(ctx, b.Step, func(values [][]byte, position int64) (err error) {
			if key != nil {
				b.Add(key, position-at)
			}
			at = position
			key, err = o.order.Key(values)
			return err
		})
		if err != nil {
			return err
		}
		if key != nil {
			if records <= at {
				return &view.Moved{Why: "fewer records than were counted"}
			}
			b.Add(key, records-at)
		}
		if err := l.start(ctx, q); err != nil {
			return err
		}
		return o.begin(q.Mark(), b.Blocks())
	})
	if err != nil {
		return nil, err
	}
	l.mu.Lock()
	set(l.all.orders, &l.orders, o.key, o)
	l.mu.Unlock()
	l.putOrder(o)
	return o, nil
}

// begin begins with blocks at a state.
func (o *Footholds) begin(m view.Mark, blocks *order.Blocks) error {
	l := o.list
	l.mu.Lock()
	defer l.mu.Unlock()
	if m.Number < l.from {
		return &lostError{"the list has moved on too far"}
	}
	first, _ := slices.BinarySearchFunc(l.changes, m.Number+1, func(c view.Change, n int64) int { return cmp.Compare(c.Number, n) })
	o.states, o.placed, o.done = []state{{m, blocks}}, nil, l.first+int64(first)
	o.first, o.foundAt = m.Number, time.Now()
	o.begun++
	return nil
}

// bytesLimit is the memory limit of footholds by number of records: 1 MB a million, 3 MB if the
// order has text, and at least leastBytes.
func bytesLimit(by order.Order) func(records int64) int {
	each := int64(1) // byte per record
	if !by.Exact() {
		each = 3
	}
	return func(records int64) int { return int(max(each*records, leastBytes)) }
}

const leastBytes = 100_000
