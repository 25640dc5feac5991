package sets

import (
	"context"
	"errors"
	"fmt"
	"time"

	"pageladder.example/internal/changes"
	"pageladder.example/paging"
)

// This file has the footholds of lists at a mark.

// logged is an image's place in a log.
type logged struct {
	version int64
	at      string
}

// on are the images in the blocks that a route passes through.
func (t *track) on(w *route) []string {
	t.mu.Lock()
	defer t.mu.Unlock()
	found := []string{}
	for i := w.first; i <= w.last; i++ {
		for _, im := range t.held[i] {
			found = append(found, im.at)
		}
	}
	return found
}

// updateHeld updates what is known of a list at a mark to the version of a question's set: it
// notes which blocks the images of the changes since then fall into. The blocks stay as they are.
func (t *track) updateHeld(ctx context.Context, db querier, q *question) (why string, err error) {
	began := time.Now()
	from, end, why, err := t.next(ctx, q.set, t.upTo)
	if end == nil {
		return why, err
	}
	defer end()
	images, why, err := t.read(ctx, db, q, from, heldMost)
	if err != nil || why != "" {
		return why, err
	}
	if err := t.hold(ctx, db, q, images); err != nil {
		return "", err
	}
	q.explain.folded(int64(len(images)), began)
	return "", nil
}

// heldPlainly is the most images of the log that are compared with each page if there are no
// footholds. More would take longer than the page itself.
const heldPlainly = 1_000

// holdTime is the time limit for making the footholds of a list at a mark from the current ones.
const holdTime = 20 * time.Second

// heldAtOnce is how many callers may read a whole log at the same time.
const heldAtOnce = 2

// makingOf are the turns of those callers, for sets of the same database: a slow source is waited
// for by its own readers only.
func (s *Store) makingOf(set *Set) turns {
	if src, ok := s.sources[set.Source]; ok {
		return src.making
	}
	return s.making
}

// heldMost is the most images that a list at a mark is read by: as many as a log may have.
const heldMost = 2 * changes.Most

// hold notes which blocks images fall into.
func (t *track) hold(ctx context.Context, db querier, q *question, images []image) error {
	found, err := t.found(ctx, db, q, t.blocks[0].Blocks, images)
	if err != nil {
		return err
	}
	t.mu.Lock()
	defer t.mu.Unlock()
	for i, im := range images {
		t.held[found[i]] = append(t.held[found[i]], logged{im.version, im.at})
	}
	t.heldImages += len(images)
	t.until = q.set.mark()
	return nil
}

// heldBlocks are the footholds of a question's list at a mark. They are the current footholds
// minus the changes since, and never change. They are nil if there are no current footholds; those
// are then built, if wanted.
func (s *Store) heldBlocks(ctx context.Context, q *question, mark changes.Mark, total int64, wanted bool) (*track, error) {
	key := fmt.Sprintf("%s @%d", trackKey(q), mark.Version)
	h := s.held.get(key)
	if h == nil || h.Log != q.set.logName {
		// One of the callers makes them, with its own time limit, since others wait.
		making := s.holding.DoChan(key, func() (any, error) {
			ctx, cancel := context.WithTimeout(s.running, holdTime)
			defer cancel()
			return s.makeHeld(ctx, q, mark, total, wanted)
		})
		select {
		case <-ctx.Done():
			return nil, ctx.Err()
		case made := <-making:
			if h, _ = made.Val.(*track); errors.Is(made.Err, context.DeadlineExceeded) {
				return nil, nil // the plain way
			}
			if h == nil || made.Err != nil {
				return nil, made.Err
			}
		}
		s.held.keep(key, h)
	}
	why, err := h.updateHeld(ctx, s.folds(q.set), q)
	if err != nil {
		return nil, err
	}
	if why != "" {
		s.held.drop(key, h)
		return nil, errMoved
	}
	s.held.keep(key, h) // its size may have grown
	q.explain.base("footholds", h.base)
	return h, nil
}

// makeHeld makes the footholds of a list at a mark; nil if there are no current ones, or the log
// does not reach back.
func (s *Store) makeHeld(ctx context.Context, q *question, mark changes.Mark, total int64, wanted bool) (*track, error) {
	all, err := s.total(ctx, s.poolOf(q.set), q)
	if err != nil || all.Is() != paging.TotalExact {
		return nil, err
	}
	now, blocks, err := s.blocks(ctx, q, all.Records(), wanted)
	if err != nil || blocks == nil {
		return nil, err
	}
	making := s.makingOf(q.set)
	if err := making.take(ctx); err != nil {
		return nil, err
	}
	defer making.give()
	db := s.poolOf(q.set) // not over the connections that all pages may be waiting for
	h := &track{base: baseAt(mark), keys: now.keys, from: mark.Version, until: begun(mark), held: map[int][]logged{}}
	images, why, err := h.read(ctx, db, q, mark, heldMost)
	if err != nil || why != "" {
		return nil, err
	}
	found, err := h.found(ctx, db, q, blocks, images)
	if err != nil {
		return nil, err
	}
	for i := range images {
		images[i].block = found[i]
	}
	undone := edits(images, func(im *image) int { return im.block })
	for i := range undone {
		undone[i].By = -undone[i].By
	}
	then, err := blocks.Edited(undone)
	if err != nil || then.Records() != total {
		s.unlike.Add(1)
		return nil, nil
	}
	h.blocks = []blocksAt{{mark, then}}
	return h, h.hold(ctx, db, q, images)
}
