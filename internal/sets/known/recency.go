package known

import (
	"context"
	"sync"
	"sync/atomic"
	"time"

	"pageladder.example/internal/sets/view"
)

// recency remembers, for each set, the footholds by which a page was last read. They are moved as soon as a
// change of the set is noticed, so that the next pages need not wait for it.
type recency struct {
	mu   sync.Mutex
	used map[string]use
	busy atomic.Bool
}

type use struct {
	*Footholds
	at time.Time
}

const useNoted = 50 * time.Millisecond // least time between two notes of one set

func (l *recency) forget() {
	l.mu.Lock()
	defer l.mu.Unlock()
	clear(l.used)
}

func (l *recency) note(o *Footholds, q view.Question) {
	name := q.View().Set().Name
	l.mu.Lock()
	defer l.mu.Unlock()
	if u := l.used[name]; u.Footholds == o && time.Since(u.at) < useNoted {
		return
	}
	if len(l.used) >= ordersKept || l.used == nil {
		l.used = map[string]use{}
	}
	l.used[name] = use{o, time.Now()}
}

// Ahead moves the footholds by which a set was read lately, in the background, once it has moved on to the
// state of a view.
func (k *Known) Ahead(v view.View) {
	set := v.Set().Name
	k.lately.mu.Lock()
	u := k.lately.used[set]
	k.lately.mu.Unlock()
	if u.Footholds == nil || time.Since(u.at) > useLasts || !k.lately.busy.CompareAndSwap(false, true) {
		return
	}
	k.later(func() {
		defer k.lately.busy.Store(false)
		ctx, cancel := context.WithTimeout(k.running, useLasts)
		defer cancel()
		if q, err := u.question(v); err == nil {
			if u.list.brought(ctx, q, false) == nil { // a failure is reported to whoever needs them
				u.catchUp(ctx, v)
			}
		}
	})
}

// BroughtTo is the number of the state that a set's footholds of lately are at.
func (k *Known) BroughtTo(set string) int64 {
	k.lately.mu.Lock()
	u := k.lately.used[set]
	k.lately.mu.Unlock()
	if u.Footholds == nil {
		return 0
	}
	u.list.mu.Lock()
	defer u.list.mu.Unlock()
	if n := len(u.states); n > 0 && u.done == u.list.first+int64(len(u.list.changes)) {
		return u.list.mark.Number
	}
	return 0
}
