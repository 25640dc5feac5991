package sets

import (
	"context"
	"errors"
	"sync"
	"time"

	"github.com/jackc/pgx/v5"
	"github.com/jackc/pgx/v5/pgconn"

	"pageladder.example/internal/changes"
	"pageladder.example/paging/statement"
)

// turns lets a limited number of callers do something at the same time. Others wait for it as long
// as their context allows.
type turns chan struct{}

// turn lets one caller at a time.
type turn = turns

func newTurn() turn { return make(turn, 1) }

func (t turns) take(ctx context.Context) error {
	select {
	case t <- struct{}{}:
		return nil
	case <-ctx.Done():
		return ctx.Err()
	}
}

func (t turns) give() { <-t }

// base is the state that something which is kept current was first known at.
type base struct {
	changes.Mark
	made time.Time
	turn turn // of the caller who updates it
}

func baseAt(mark changes.Mark) base { return base{mark, time.Now(), newTurn()} }

// next waits for the turn to update what is known to the version of a set. It returns the mark to
// begin at, and a function that ends the turn. If that is nil there is nothing to do: it is up to
// date or, as the reason says, of no use.
func (b *base) next(ctx context.Context, set *Set, upTo func() changes.Mark) (from changes.Mark, end func(), why string, err error) {
	if upTo().Version >= set.Version {
		return from, nil, b.alike(set), nil
	}
	if err := b.turn.take(ctx); err != nil {
		return from, nil, "", err
	}
	from = upTo()
	if why = b.usable(set); from.Version >= set.Version {
		why = b.alike(set)
	} else if why == "" {
		return from, b.turn.give, "", nil
	}
	b.turn.give()
	return from, nil, why, nil
}

// alike says why what is known is of no use with the log that a set has; "" if it is of use.
func (b *base) alike(set *Set) (why string) {
	if b.Log != set.logName {
		return "it was known by another change log"
	}
	return ""
}

// counted is an exact count that is kept current: counted once, then updated by the change log
// when it is asked for.
type counted struct {
	base

	mu    sync.Mutex
	n     int64        // at the last state that it is known at
	until changes.Mark // that state
	from  int64        // the first version that it is known at
	steps []countStep  // since then, by rising version
}

type countStep struct {
	origin
	by int64
}

// stepsKept is the number of earlier states that a count is known at.
const stepsKept = 64

func newCounted(mark changes.Mark, n int64) *counted {
	return &counted{base: baseAt(mark), n: n, until: mark, from: mark.Version}
}

// of is the count at a state.
func (c *counted) of(at changes.Mark) (n int64, ok bool) {
	c.mu.Lock()
	defer c.mu.Unlock()
	if at.Version < c.from || at.Version > c.until.Version {
		return 0, false
	}
	n = c.n
	for i := len(c.steps) - 1; i >= 0 && c.steps[i].version > at.Version; i-- {
		if !c.steps[i].in(at) {
			n -= c.steps[i].by
		}
	}
	return n, true
}

// upTo is the last state that the count is known at.
func (c *counted) upTo() changes.Mark {
	c.mu.Lock()
	defer c.mu.Unlock()
	return c.until
}

// update updates a count to the version of a question's set by the set's log. If the track of the
// question's order is as far as the count, it is updated instead, and its images are counted: the
// log is then read once for both. The reason says why an update is not possible, so that the
// records have to be counted again.
func (c *counted) update(ctx context.Context, db querier, q *question, track func() *track) (why string, err error) {
	from, end, why, err := c.next(ctx, q.set, c.upTo)
	if end == nil {
		return why, err
	}
	defer end()
	steps, known := track().steps(ctx, db, q, from)
	if !known {
		if steps, why, err = c.read(ctx, db, q, from); why != "" || err != nil {
			return why, err
		}
	}
	c.mu.Lock()
	defer c.mu.Unlock()
	now := c.n
	for _, step := range steps {
		now += step.by
	}
	if now < 0 {
		return "the change log does not fit the count", nil
	}
	c.n, c.until, c.steps = now, q.set.mark(), append(c.steps, steps...)
	if extra := len(c.steps) - stepsKept; extra > 0 {
		// A change of a later update, which this state has already, makes nothing unknown.
		c.from = min(c.steps[extra-1].version, c.until.Version)
		c.steps = append(c.steps[:0:0], c.steps[extra:]...)
	}
	return "", nil
}

// read reads the growth of a count's list after a state from the log.
func (c *counted) read(ctx context.Context, db querier, q *question, from changes.Mark) (steps []countStep, why string, err error) {
	began := time.Now()
	asked, err := q.onLog(from, eitherSide)
	if err != nil {
		return nil, "the change log lacks a field of the question", nil
	}
	images, err := asked.Unordered([]string{versionField, sideField}, statement.Region{})
	if err != nil {
		return nil, "the change log lacks a field of the question", nil
	}
	q.explain.sql(images.SQL)
	summed := "select version, sum(side)::bigint, count(*) from (" + images.SQL + ") as changed (version, side) group by version"
	rows, err := db.Query(ctx, q.proved(from, summed, "version, n, images")+" order by i.version", images.Args...)
	if err != nil {
		why, err := logGone(err)
		return nil, why, err
	}
	var at, n, changed *int64 // nil if nothing has changed
	var folded int64
	proof := ""
	if _, err := pgx.ForEachRow(rows, []any{&proof, &at, &n, &changed}, func() error {
		if at != nil {
			steps, folded = append(steps, countStep{q.set.origin(*at), *n}), folded+*changed
		}
		return nil
	}); err != nil {
		why, err := logGone(err)
		return nil, why, err
	}
	if why := c.refuted(proof); why != "" {
		return nil, why, nil
	}
	q.explain.folded(folded, began)
	return steps, "", nil
}

// usable says why what is known cannot be updated by the log that a set has; "" if it can.
func (b *base) usable(set *Set) (why string) {
	if set.logged == nil {
		return noLog
	}
	return b.alike(set)
}

// refuted says why what is known cannot be updated, by what a statement read of a log; "" if it
// can.
func (b *base) refuted(proof string) (why string) {
	switch p := changes.ReadProof(proof); {
	case p.Log != "" && p.Log != b.Log:
		return anotherLog
	case p.Gap != "":
		return p.Gap
	case p.Cut:
		return "a text that is too long to be logged has changed"
	}
	return ""
}

// Reasons why a log is of no use.
const (
	noLog      = "the table has no change log that works"
	anotherLog = "the change log is another one by now"
	noMoreLog  = "the change log is gone"
)

// logGone is the reason if the log, or one of its columns, is gone; any other error stays an
// error.
func logGone(err error) (why string, other error) {
	var pg *pgconn.PgError
	if errors.As(err, &pg) && (pg.Code == undefinedTable || pg.Code == undefinedColumn) {
		return noMoreLog, nil
	}
	return "", err
}
