package known

import (
	"context"
	"errors"
	"slices"
	"sort"
	"sync"
	"time"

	"pageladder.example/internal/sets/view"
)

// List is what is known of one list.
type List struct {
	all  *Known
	name string
	turn view.Turns // of the caller who moves it

	mu      sync.Mutex
	gone    bool      // nobody finds the list any more: nothing of it is kept for others
	life    int64     // another one whenever values were forsaken: what was read for an earlier one is of no use
	mark    view.Mark // that its values are at; State nil: nothing is known
	from    int64     // all changes after the state of this number are kept,
	changes []view.Change
	first   int64    // and how many were let go before them: change i is number first+i of all
	fields  []string // whose values are read with changes; values of later fields may be missing in early ones
	total   *total
	limited map[int64]limitedTotal // by how far was counted, at the mark
	facets  map[string]*facet      // by field
	orders  map[string]*Footholds
	pasts   map[int64]*past // by the number of the earlier mark
	held    map[string]*HeldFootholds
}

func newList(k *Known, name string) *List { return &List{all: k, name: name, turn: view.NewTurns(1)} }

// leave notes that the list is not found any more.
func (l *List) leave() {
	l.mu.Lock()
	l.gone = true
	l.mu.Unlock()
	l.Forsake()
}

// Forsake forsakes everything that is known.
func (l *List) Forsake() {
	l.mu.Lock()
	facets, orders, pasts, held := l.facets, l.orders, l.pasts, l.held
	l.life++
	l.mark, l.changes, l.first, l.fields = view.Mark{}, nil, l.first+int64(len(l.changes)), nil
	l.total, l.limited, l.facets, l.orders, l.pasts, l.held = nil, nil, nil, nil, nil, nil
	l.mu.Unlock()
	for _, f := range facets {
		l.all.facets.off(f)
	}
	for _, o := range orders {
		l.all.orders.off(o)
	}
	for _, p := range pasts {
		l.all.pasts.off(p)
	}
	for _, h := range held {
		l.all.held.off(h)
	}
}

// lostError is the error for a list that cannot be moved: nothing is known of it any more.
type lostError struct{ why string }

func (e *lostError) Error() string { return "known: nothing is known any more: " + e.why }

// behind reports whether the list has to be moved for a state. The caller holds the lock.
func (l *List) behind(m view.Mark) bool {
	return l.mark.State != nil && !(l.mark.Number == m.Number && m.Covers(l.mark)) && !(l.mark.Number > m.Number && l.mark.Covers(m))
}

// bring moves the list to the state of a question's view, unless it is at a later one. What is known is
// then at that state or later. The error is a *lostError if that is not possible: nothing is known any more.
func (l *List) bring(ctx context.Context, q view.Question) error {
	err := l.brought(ctx, q, true)
	var lost *lostError
	if errors.As(err, &lost) {
		l.Forsake()
		q.Selection().Explain.Forsake(lost.why)
	}
	return err
}

// brought does so, and forsakes nothing or, if it may, single values that are in the way.
func (l *List) brought(ctx context.Context, q view.Question, may bool) error {
	if q.Name() != l.name {
		return &view.Moved{Why: "who sees the list has changed"}
	}
	l.mu.Lock()
	behind := l.behind(q.Mark())
	l.mu.Unlock()
	if !behind {
		return nil
	}
	if err := l.turn.Take(ctx); err != nil {
		return err
	}
	defer l.turn.Give()
	for {
		l.mu.Lock()
		behind := l.behind(q.Mark())
		life, from, want := l.life, l.mark, view.Want{Fields: slices.Clone(l.fields), Limit: l.changesLimit()}
		l.mu.Unlock()
		if !behind {
			return nil
		}
		began := time.Now()
		changes, err := q.Since(ctx, from, want)
		var lost *view.LostError
		switch {
		case errors.As(err, &lost) && may && l.without(lost, want):
			q.Selection().Explain.Forsake(lost.Why)
			continue
		case lost != nil:
			return &lostError{lost.Why}
		case err != nil:
			return err
		}
		if why := l.add(life, from, changes); why != "" {
			return &lostError{why}
		}
		q.Selection().Explain.Fold(int64(len(changes.All)), began)
		return l.trim(ctx, q)
	}
}

// changesLimit limits the changes that the list is moved by: with footholds a twentieth of its records,
// since building them again then takes less. The caller holds the lock.
func (l *List) changesLimit() int64 {
	limit := int64(changesLimit)
	for _, o := range l.orders {
		limit = min(limit, o.changesLimit())
	}
	return limit
}

// without drops the values that need fields which changes lack, or more changes than can be read, and
// reports whether something is left that may do without.
func (l *List) without(lost *view.LostError, want view.Want) bool {
	if len(want.Fields) == 0 {
		return false
	}
	l.mu.Lock()
	dropped := l.values(func(fields []string) bool {
		return len(lost.Fields) == 0 || slices.ContainsFunc(fields, func(f string) bool { return slices.Contains(lost.Fields, f) })
	})
	l.fields = nil
	for _, left := range l.values(nil) {
		l.wants(left.fields)
	}
	l.from, l.first, l.changes = l.mark.Number, l.first+int64(len(l.changes)), nil
	l.mu.Unlock()
	for _, v := range dropped {
		v.drop()
	}
	return true
}

// fieldValue is a value that needs fields of changes, and how it is dropped.
type fieldValue struct {
	fields []string
	drop   func()
}

// values takes away the values of which a condition on their fields holds, or lists all with nil. The
// caller holds the lock.
func (l *List) values(gone func(fields []string) bool) (all []fieldValue) {
	take := func(fields []string, remove, drop func()) {
		if gone == nil || gone(fields) {
			if gone != nil {
				remove()
			}
			all = append(all, fieldValue{fields, drop})
		}
	}
	for key, f := range l.facets {
		take([]string{f.field}, func() { delete(l.facets, key) }, func() { l.all.facets.off(f) })
	}
	for key, o := range l.orders {
		take(o.fields, func() { delete(l.orders, key) }, func() { l.all.orders.off(o) })
	}
	for key, p := range l.pasts {
		take(p.fields, func() { delete(l.pasts, key) }, func() { l.all.pasts.off(p) })
	}
	return all
}

// wants has fields read with changes from now on. The caller holds the lock.
func (l *List) wants(fields []string) {
	for _, name := range fields {
		if !slices.Contains(l.fields, name) {
			l.fields = append(l.fields, name)
		}
	}
}

// valuesOf are the values of some fields in a change; nil if it was read without one of them. The
// caller holds the lock.
func (l *List) valuesOf(c *view.Change, fields []string) [][]byte {
	values := make([][]byte, len(fields))
	for i, name := range fields {
		at := slices.Index(l.fields, name)
		if at < 0 || at >= len(c.Values) {
			return nil
		}
		values[i] = c.Values[at]
	}
	return values
}

// add adds changes that were read after a state, in a life of the list, and moves the values that are at it.
// The reason says why they do not fit.
func (l *List) add(life int64, from view.Mark, changes *view.Changes) (why string) {
	l.mu.Lock()
	defer l.mu.Unlock()
	if l.life != life {
		return "it was forsaken meanwhile"
	}
	if changes.Until.Number == from.Number { // such a list does not report its changes
		l.mark = changes.Until
		return ""
	}
	before := len(l.changes)
	l.changes = append(l.changes, changes.All...)
	fresh := l.changes[before:]
	if l.total != nil && !l.total.add(fresh) {
		return "the change log does not fit the count"
	}
	for field, f := range l.facets {
		if why := f.add(l, fresh); why != "" {
			delete(l.facets, field)
			l.all.facets.off(f)
		}
	}
	for _, p := range l.pasts {
		if p.at.Number == from.Number {
			p.add(l, fresh, changes.Looked, changes.Until)
		}
	}
	l.mark, l.limited = changes.Until, nil
	return ""
}

// trim lets changes go that are more than are kept, once the footholds of all orders have them.
func (l *List) trim(ctx context.Context, q view.Question) error {
	l.mu.Lock()
	var behind []*Footholds
	extra := len(l.changes) - changesKept
	if extra > 0 {
		for _, o := range l.orders {
			if len(o.states) > 0 && o.done < l.first+int64(len(l.changes)) {
				behind = append(behind, o)
			}
		}
	}
	l.mu.Unlock()
	if extra <= 0 {
		return nil
	}
	for _, o := range behind {
		if err := o.catchUp(ctx, q.View()); err != nil {
			l.dropOrder(o)
			var lost *lostError
			if !errors.As(err, &lost) {
				return err
			}
		}
	}
	l.mu.Lock()
	defer l.mu.Unlock()
	if extra = len(l.changes) - changesKept; extra <= 0 {
		return nil
	}
	l.from = l.changes[extra-1].Number
	for extra < len(l.changes) && l.changes[extra].Number == l.from {
		extra++
	}
	// A change that is let go may have a number after the mark's. The mark has that change all the same.
	l.from = min(l.from, l.mark.Number)
	l.first += int64(extra)
	l.changes = append(l.changes[:0:0], l.changes[extra:]...)
	for _, o := range l.orders {
		o.trimmed(l.first)
	}
	return nil
}

// between are the changes after one state and until another, as their places in the list's changes. The
// caller holds the lock.
func (l *List) between(after, until view.Mark) (at []int, known bool) {
	if after.Number < l.from || until.Number > l.mark.Number || l.mark.State == nil {
		return nil, false
	}
	first := sort.Search(len(l.changes), func(i int) bool { return l.changes[i].Number > after.Number })
	for i := first; i < len(l.changes); i++ {
		if o := l.changes[i].Origin; until.Has(o) && !after.Has(o) {
			at = append(at, i)
		}
	}
	return at, true
}

// start begins to know a list at a state, or brings it there; a value that was found at that state may
// then be kept. The error is a *lostError if the list cannot be brought there.
func (l *List) start(ctx context.Context, q view.Question) error {
	l.mu.Lock()
	l.begin(q)
	l.mu.Unlock()
	return l.bring(ctx, q)
}

// begin begins to know a list at the state of one of its questions, if nothing is known of it. The caller holds the lock.
func (l *List) begin(q view.Question) {
	if l.mark.State == nil && q.Name() == l.name {
		l.mark = q.Mark()
		l.from = l.mark.Number
	}
}
