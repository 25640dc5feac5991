package known

import (
	"context"
	"errors"
	"strconv"
	"time"

	"pageladder.example/internal/order"
	"pageladder.example/internal/sets/view"
	"pageladder.example/paging"
)

// HeldFootholds are the footholds of a list as it was at an earlier mark: the current ones, without what
// has changed since. They never change. What does is which changes fall into which block.
type HeldFootholds struct {
	of      *Footholds // their order; of no list's state
	list    *List
	mark    view.Mark
	blocks  *order.Blocks
	foundAt time.Time
	turn    view.Turns

	// Guarded by the list's lock.
	at      view.Mark        // up to which changes are known
	changes map[int][]string // in each block, as Change.Place names them
	n       int
}

const holdTime = 20 * time.Second // time limit for making such footholds

func (h *HeldFootholds) size() int {
	h.list.mu.Lock()
	defer h.list.mu.Unlock()
	return 500 + changeBytes*h.n + h.blocks.Bytes() + h.of.texts.size()
}

// Blocks are the blocks.
func (h *HeldFootholds) Blocks() *order.Blocks { return h.blocks }

// Place is the place that a key was built from.
func (h *HeldFootholds) Place(key []byte) []*string { return h.of.order.Values(key) }

// Through are the changes in some blocks, as far as they are known up to the state of a question's view.
func (h *HeldFootholds) Through(ctx context.Context, q view.Question, first, last int) ([]string, error) {
	if err := h.follow(ctx, q); err != nil {
		return nil, err
	}
	h.list.mu.Lock()
	defer h.list.mu.Unlock()
	found := []string{}
	for i := first; i <= last; i++ {
		found = append(found, h.changes[i]...)
	}
	return found, nil
}

// follow brings the changes to the state of a question's view.
func (h *HeldFootholds) follow(ctx context.Context, q view.Question) error {
	m := q.Mark()
	there := func() bool {
		h.list.mu.Lock()
		defer h.list.mu.Unlock()
		return h.at.Number >= m.Number
	}
	if there() {
		return nil
	}
	if err := h.turn.Take(ctx); err != nil {
		return err
	}
	defer h.turn.Give()
	if there() {
		return nil
	}
	h.list.mu.Lock()
	from := h.at
	h.list.mu.Unlock()
	changes, err := q.Since(ctx, from, view.Want{Fields: h.of.fields, Places: true, Limit: changesLimit, Far: from.Number == 0})
	var lost *view.LostError
	if errors.As(err, &lost) {
		return &view.Moved{Why: lost.Why}
	}
	if err != nil {
		return err
	}
	found, err := h.place(ctx, q, h.blocks, changes.All)
	if err != nil {
		return err
	}
	h.add(changes, found, m)
	return nil
}

// place finds the blocks that changes fall into.
func (h *HeldFootholds) place(ctx context.Context, q view.Question, blocks *order.Blocks, changes []view.Change) ([]int, error) {
	all, at := make([]placed, len(changes)), make([]int, len(changes))
	for i := range changes {
		key, err := h.of.order.Key(changes[i].Values)
		if err != nil {
			return nil, &view.Moved{Why: err.Error()}
		}
		all[i].key, at[i] = key, i
	}
	return h.of.find(ctx, q, blocks, all, at)
}

func (h *HeldFootholds) add(changes *view.Changes, found []int, until view.Mark) {
	h.list.mu.Lock()
	defer h.list.mu.Unlock()
	for i, c := range changes.All {
		h.changes[found[i]] = append(h.changes[found[i]], c.Place)
	}
	h.n += len(changes.All)
	h.at = until
}

// Held are the footholds of a question's list as it was at an earlier mark, when it had so many records.
// They are nil if there are no current footholds; those are then built, if wanted.
func (l *List) Held(ctx context.Context, q view.Question, mark view.Mark, total int64, wanted bool) (*HeldFootholds, error) {
	key := orderKey(q) + " @" + strconv.FormatInt(mark.Number, 10)
	l.mu.Lock()
	h := l.held[key]
	l.mu.Unlock()
	if h == nil || !q.Mark().Covers(h.mark) {
		// One of the callers makes them, with its own time limit, since others wait.
		making := l.all.holding.DoChan(l.name+key, func() (any, error) {
			ctx, cancel := context.WithTimeout(l.all.running, holdTime)
			defer cancel()
			return l.makeHeld(ctx, q, mark, total, wanted)
		})
		select {
		case <-ctx.Done():
			return nil, ctx.Err()
		case result := <-making:
			if h, _ = result.Val.(*HeldFootholds); errors.Is(result.Err, context.DeadlineExceeded) {
				return nil, nil // the plain way
			}
			if h == nil || result.Err != nil {
				return nil, result.Err
			}
		}
		l.mu.Lock()
		set(l.all.held, &l.held, key, h)
		l.mu.Unlock()
	}
	if err := h.follow(ctx, q); err != nil {
		take(l, l.all.held, &l.held, key, h)
		return nil, err
	}
	put(l, l.all.held, &l.held, key, h, h.size()) // it may have grown
	q.Selection().Explain.Know("footholds", mark.Number, h.foundAt)
	return h, nil
}

// makeHeld makes the footholds of a list at a mark; nil if there are no current ones, or the changes do not
// reach back.
func (l *List) makeHeld(ctx context.Context, q view.Question, mark view.Mark, total int64, wanted bool) (*HeldFootholds, error) {
	all, err := l.Total(ctx, q, -1)
	if err != nil || all.Is() != paging.TotalExact {
		return nil, err
	}
	now, blocks, err := l.Footholds(ctx, q, all.Records(), wanted)
	if err != nil || blocks == nil {
		return nil, err
	}
	of := &Footholds{list: l, selection: now.selection, fields: now.fields, order: now.order}
	h := &HeldFootholds{of: of, list: l, mark: mark, at: mark, foundAt: time.Now(), turn: view.NewTurns(1), changes: map[int][]string{}}
	// The number of a state that another service gave out says nothing of earlier states.
	from := mark
	from.Number = 0
	changes, err := q.Since(ctx, from, view.Want{Fields: of.fields, Places: true, Limit: changesLimit, Far: true})
	var lost *view.LostError
	if errors.As(err, &lost) {
		return nil, nil
	}
	if err != nil {
		return nil, err
	}
	found, err := h.place(ctx, q, blocks, changes.All)
	if err != nil {
		return nil, err
	}
	undone := map[int]int64{}
	for i, c := range changes.All {
		undone[found[i]] -= c.By
	}
	if h.blocks, err = blocks.Edited(edits(undone)); err != nil || h.blocks.Records() != total {
		l.all.unlike.Add(1)
		return nil, nil
	}
	if found, err = h.place(ctx, q, h.blocks, changes.All); err != nil { // the blocks are others now
		return nil, err
	}
	h.add(changes, found, q.Mark())
	return h, nil
}
