package known

import (
	"context"
	"errors"
	"fmt"
	"time"

	"pageladder.example/internal/sets/view"
	"pageladder.example/paging"
)

// total is an exact count.
type total struct {
	n       int64     // at the list's mark
	from    int64     // the number of the state that it was counted at
	foundAt time.Time // when
}

// add moves the count by changes, and reports whether that is possible.
func (t *total) add(fresh []view.Change) bool {
	for i := range fresh {
		t.n += fresh[i].By
	}
	return t.n >= 0
}

// limitedTotal is a total that was not counted to its end. One that took too long is counted again
// after a while: an index may be there by then, or the database may have less to do.
type limitedTotal struct {
	paging.Total
	until time.Time // zero: as far as was asked for, which stays true
}

const (
	countAgain = 5 * time.Second  // until a count that took too long is tried again
	countWait  = 15 * time.Second // for a count that others may wait for
)

// Total is the number of records of a question's list at the state of its view. It is counted as far as
// the limit; to the end with -1, and with 0 not at all. It is counted once, however many callers ask, and kept
// current from then on. The error is a *view.Moved if it is known at later states only.
func (l *List) Total(ctx context.Context, q view.Question, maximum int64) (paging.Total, error) {
	explain := q.Selection().Explain
	if maximum == 0 {
		explain.Count("not counted")
		return paging.NotCounted(), nil
	}
	if n, ok := q.Records(); ok {
		explain.Count("all records of the set, from the catalogue")
		return paging.Exact(n), nil
	}
	m := q.Mark()
	if m.State != nil {
		found, ok, err := l.totalAt(ctx, q, maximum)
		var lost *lostError
		switch {
		case ok:
			return found, nil
		case err != nil && !errors.As(err, &lost):
			return found, err
		}
	}
	if q.View().Steady() {
		_, found, err := l.count(ctx, q, maximum)
		return found, err
	}
	// Other callers may wait for this count, so it does not end with this one's request. It has its own
	// time limit.
	counting := l.all.counting.DoChan(fmt.Sprintf("%s %d %d", l.name, m.Number, maximum), func() (any, error) {
		ctx, cancel := context.WithTimeout(l.all.running, countWait)
		defer cancel()
		var found paging.Total
		err := q.Snapshot(ctx, func(q view.Question) error {
			at, counted, err := l.count(ctx, q, maximum)
			if found = counted; err == nil && at.Number != m.Number {
				err = &view.Moved{Why: "it was counted at a later state"}
			}
			return err
		})
		return found, err
	})
	select {
	case <-ctx.Done():
		return paging.Total{}, ctx.Err()
	case result := <-counting:
		if result.Err != nil {
			return paging.Total{}, result.Err
		}
		return result.Val.(paging.Total), nil
	}
}

// totalAt is the total as it is known, if it is.
func (l *List) totalAt(ctx context.Context, q view.Question, maximum int64) (found paging.Total, ok bool, err error) {
	if err := l.bring(ctx, q); err != nil {
		return found, false, err
	}
	m, explain := q.Mark(), q.Selection().Explain
	l.mu.Lock()
	defer l.mu.Unlock()
	if limited, ok := l.limited[maximum]; ok && m.Number == l.mark.Number && (limited.until.IsZero() || time.Now().Before(limited.until)) {
		explain.Count("remembered, within this version")
		return limited.Total, true, nil
	}
	t := l.total
	if t == nil || l.mark.Number < m.Number { // forsaken meanwhile, and begun at an earlier state
		return found, false, nil
	}
	n := t.n
	if l.mark.Number > m.Number {
		since, known := l.between(m, l.mark)
		if !known || m.Number < t.from {
			if q.View().Steady() {
				return found, false, nil
			}
			return found, false, &view.Moved{Why: "its total is known at later states only"}
		}
		for _, i := range since {
			n -= l.changes[i].By
		}
	}
	current := l.mark.Total(n)
	if current.Is() == paging.TotalExact {
		explain.Count("kept current since it was counted")
		explain.Know("total", t.from, t.foundAt)
	} else {
		explain.Count("remembered, as long as the owner allows")
	}
	if maximum > 0 && n > maximum {
		return paging.AtLeast(maximum), true, nil
	}
	return current, true, nil
}

// count counts a list in a steady view. An exact count is kept, and is kept current from then on.
func (l *List) count(ctx context.Context, q view.Question, maximum int64) (at view.Mark, found paging.Total, err error) {
	explain := q.Selection().Explain
	at = q.Mark()
	limit := int64(0)
	if maximum > 0 {
		limit = maximum + 1
	}
	explain.Count("counted now")
	n, whole, err := q.Count(ctx, limit)
	if err != nil {
		return at, found, err
	}
	switch {
	case whole:
		found = paging.Exact(n)
	case maximum > 0 && n > maximum:
		found = paging.AtLeast(maximum)
	default: // its time was up
		found = paging.AtLeast(n)
	}
	if at.State == nil || l.start(ctx, q) != nil {
		return at, found, nil
	}
	l.mu.Lock()
	defer l.mu.Unlock()
	if !whole {
		if l.mark.Number == at.Number {
			if l.limited == nil {
				l.limited = map[int64]limitedTotal{}
			}
			known := limitedTotal{Total: found}
			if maximum < 0 || n <= maximum {
				known.until = time.Now().Add(l.all.CountAgain)
			}
			l.limited[maximum] = known
		}
		return at, found, nil
	}
	if since, known := l.between(at, l.mark); known && (l.total == nil || l.total.from < at.Number) {
		t := &total{n: n, from: at.Number, foundAt: time.Now()}
		for _, i := range since {
			t.n += l.changes[i].By
		}
		l.total = t
	}
	return at, found, nil
}
