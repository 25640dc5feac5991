package known

import (
	"context"
	"errors"

	"pageladder.example/internal/sets/view"
	"pageladder.example/paging"
)

// past is what has changed in a list since an earlier mark.
type past struct {
	mark   view.Mark // the earlier one
	fields []string  // the set's key
	turn   view.Turns

	// Guarded by the list's lock.
	at      view.Mark // up to which it is known
	by      int64     // growth of the list
	changed int64     // changes of records of the list
	looked  int64     // changes of all records of the set, each counted as it was before and after
	total   *int64    // of the list at the mark, once it is known
}

// Past finds what has changed in a list since an earlier mark.
type Past struct {
	By      int64 // growth of the list
	Changed int64 // changes of records of the list, each counted
	Looked  int64 // see view.Changes

	list *List
	past *past
}

// add adds changes. The caller holds the list's lock.
func (p *past) add(l *List, fresh []view.Change, looked int64, until view.Mark) {
	type one struct {
		view.Origin
		key string
	}
	seen := make(map[one]struct{}, len(fresh))
	for i := range fresh {
		p.by += fresh[i].By
		key := ""
		for _, v := range l.valuesOf(&fresh[i], p.fields) {
			key += string(v) + "\x00"
		}
		seen[one{fresh[i].Origin, key}] = struct{}{}
	}
	p.changed, p.looked, p.at = p.changed+int64(len(seen)), p.looked+looked, until
}

// Since is what has changed in a question's list since an earlier mark, at the state of the question's
// view. The error is a *view.GoneError if the changes do not reach back to the mark, and a *view.Moved if what
// is known is up to a later state.
func (l *List) Since(ctx context.Context, q view.Question, mark view.Mark) (Past, error) {
	m := q.Mark()
	if m.State == nil {
		return l.sinceOnce(ctx, q, mark)
	}
	l.mu.Lock()
	p := l.pasts[mark.Number]
	if p == nil || !m.Covers(p.at) && !p.at.Covers(m) {
		p = &past{mark: mark, at: mark, fields: q.View().Set().Rules.Key, turn: view.NewTurns(1)}
		// The number of a state that another service gave out says nothing of earlier states.
		p.at.Number = 0
		set(l.all.pasts, &l.pasts, mark.Number, p)
	}
	l.wants(p.fields)
	l.mu.Unlock()
	put(l, l.all.pasts, &l.pasts, mark.Number, p, 0)
	if err := l.follow(ctx, q, p); err != nil {
		var lost *view.LostError
		if errors.As(err, &lost) {
			take(l, l.all.pasts, &l.pasts, mark.Number, p)
			return Past{}, &view.GoneError{Mark: mark.Number, Why: lost.Why}
		}
		return Past{}, err
	}
	l.mu.Lock()
	defer l.mu.Unlock()
	result := Past{By: p.by, Changed: p.changed, Looked: p.looked, list: l, past: p}
	if p.at.Number != m.Number {
		return result, &view.Moved{Why: "what has changed is known up to a later state"}
	}
	return result, nil
}

// sinceOnce is what has changed at the state of a view by which nothing is remembered: it is read for this question alone.
func (l *List) sinceOnce(ctx context.Context, q view.Question, mark view.Mark) (Past, error) {
	p := &past{mark: mark, fields: q.View().Set().Rules.Key}
	changes, err := q.Since(ctx, mark, view.Want{Fields: p.fields, Limit: changesLimit, Far: true})
	var lost *view.LostError
	if errors.As(err, &lost) {
		err = &view.GoneError{Mark: mark.Number, Why: lost.Why}
	}
	if err != nil {
		return Past{}, err
	}
	p.add(&List{fields: p.fields}, changes.All, changes.Looked, changes.Until)
	return Past{By: p.by, Changed: p.changed, Looked: p.looked, list: l, past: p}, nil
}

// follow brings what has changed since a mark to the state of a question's view: with the list, if it is
// at the list's state, otherwise by a reading of its own.
func (l *List) follow(ctx context.Context, q view.Question, p *past) error {
	m := q.Mark()
	there := func() (yes, carried bool) {
		l.mu.Lock()
		defer l.mu.Unlock()
		return p.at.Number >= m.Number, l.mark.State != nil && p.at.Number == l.mark.Number
	}
	if yes, _ := there(); yes {
		return nil
	}
	if err := p.turn.Take(ctx); err != nil {
		return err
	}
	defer p.turn.Give()
	yes, carried := there()
	if yes {
		return nil
	}
	if carried {
		var lost *lostError
		if err := l.bring(ctx, q); err != nil && !errors.As(err, &lost) {
			return err
		}
		if yes, _ := there(); yes {
			return nil
		}
	}
	l.mu.Lock()
	from := p.at
	l.mu.Unlock()
	changes, err := q.Since(ctx, from, view.Want{Fields: p.fields, Limit: changesLimit, Far: from.Number == 0})
	if err != nil {
		return err
	}
	l.mu.Lock()
	defer l.mu.Unlock()
	if p.at.Number != from.Number { // it was carried along meanwhile
		return nil
	}
	keyed := &List{fields: p.fields}
	p.add(keyed, changes.All, changes.Looked, m)
	return nil
}

// Total is the number of records that the list had at the mark, counted as far as limit. The total of now is
// that of the state of the question's view.
func (p Past) Total(ctx context.Context, q view.Question, limit int64) (paging.Total, bool, error) {
	explain := q.Selection().Explain
	if limit == 0 {
		explain.Count("not counted")
		return paging.NotCounted(), true, nil
	}
	p.list.mu.Lock()
	known := p.past.total
	p.list.mu.Unlock()
	if known == nil {
		now, err := p.list.Total(ctx, q, limit)
		if err != nil {
			return now, false, err
		}
		if now.Is() != paging.TotalExact {
			return now, false, nil
		}
		explain.Count("those of now, less what has changed since")
		n := now.Records() - p.By
		p.list.mu.Lock()
		p.past.total = &n
		p.list.mu.Unlock()
		known = &n
	} else {
		explain.Count("known since the list was held")
	}
	if limit > 0 && *known > limit {
		return paging.AtLeast(limit), true, nil
	}
	return paging.Exact(*known), true, nil
}
