package known

import (
	"bytes"
	"context"
	"errors"

	"pageladder.example/internal/order"
	"pageladder.example/internal/sets/view"
)

// This file finds out whether changes touch what was read.

// Shifted reports whether the changes after one state and until another shift the records from a block on.
// If only the source knows the order, it goes by the blocks that the changes fell into. All of them were
// placed before.
func (o *Footholds) Shifted(after, until view.Mark, blocks *order.Blocks, block int, key []byte) bool {
	o.list.mu.Lock()
	defer o.list.mu.Unlock()
	since, known := o.list.between(after, until)
	if !known {
		return true
	}
	shift, in, begins := int64(0), blocks, block
	for _, change := range since {
		p, by := o.placedAt(change), o.list.changes[change].By
		switch {
		case p == nil:
			return true
		case o.order.Exact():
			if bytes.Compare(p.key, key) < 0 {
				shift += by
			}
			continue
		case p.blocks == nil:
			return true
		case p.blocks != in:
			in = p.blocks
			begins = in.Find(key, o.order.Compare)
			if !bytes.Equal(in.Block(begins).Key, key) {
				return true // the guess was wrong
			}
		}
		if p.block < begins {
			shift += by
		}
	}
	return shift != 0
}

// Follow brings a list and the footholds of a question's order to the state of its view.
func (o *Footholds) Follow(ctx context.Context, q view.Question) error {
	if err := o.list.bring(ctx, q); err != nil {
		return err
	}
	return o.catchUp(ctx, q.View())
}

// Watch has changes read with what Touched needs in the order of a question.
func (l *List) Watch(q view.Question) *Footholds {
	o := l.orderOf(q)
	l.mu.Lock()
	defer l.mu.Unlock()
	l.begin(q)
	if n := l.first + int64(len(l.changes)); len(o.states) == 0 && len(o.placed) == 0 {
		o.done = n
	}
	return o
}

// Touched reports whether the changes after a state and until that of a question's view touch a window of
// records: one of them, or their positions. A nil last stands for the end of the list.
func (o *Footholds) Touched(ctx context.Context, q view.Question, after view.Mark, first, last []byte) (bool, error) {
	if err := o.Follow(ctx, q); err != nil {
		var lost *lostError
		if errors.As(err, &lost) {
			return true, nil
		}
		return true, err
	}
	l := o.list
	l.mu.Lock()
	since, known := l.between(after, q.Mark())
	keys, by := make([][]byte, len(since)), make([]int64, len(since))
	for i, change := range since {
		p := o.placedAt(change)
		if p == nil {
			known = false
			break
		}
		keys[i], by[i] = p.key, l.changes[change].By
	}
	l.mu.Unlock()
	if !known || first == nil && len(keys) > 0 {
		return true, nil
	}
	if len(keys) == 0 {
		return false, nil
	}
	compare := bytes.Compare
	if !o.order.Exact() {
		var err error
		if compare, err = o.comparison(ctx, q, keys, first, last); err != nil {
			return true, err
		}
	}
	shift := int64(0)
	for i, key := range keys {
		switch {
		case compare(key, first) < 0:
			shift += by[i]
		case last == nil || compare(key, last) <= 0:
			return true, nil
		}
	}
	return shift != 0, nil
}

// Key is the key of a record with some values in the order's fields.
func (o *Footholds) Key(values [][]byte) ([]byte, error) { return o.order.Key(values) }
