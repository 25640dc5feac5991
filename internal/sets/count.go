package sets

import (
	"context"
	"errors"
	"fmt"
	"reflect"
	"strconv"
	"strings"
	"time"

	"github.com/jackc/pgx/v5"
	"github.com/jackc/pgx/v5/pgconn"

	"pageladder.example/internal/changes"
	"pageladder.example/paging"
	"pageladder.example/paging/statement"
)

const (
	countsKept = 10_000          // filtered counts that are remembered; the least recently used go first
	countTime  = 4 * time.Second // time limit of a count, after which it comes back as "at least"
	countAgain = 5 * time.Second // until one that took too long is tried again
	countFirst = 1_000           // records counted in the first step
	countWait  = 5 * time.Second // further time, if the database does not answer
)

// canceled is PostgreSQL's code for a statement that was cancelled, for example by its time limit.
const canceled = "57014"

// total is the number of records of a question at its set's version, as exactly as the set's rules
// ask for. The number of all records is in the catalogue. A filtered number is counted once,
// however many callers ask, and kept current by the change log. The error is errMoved if the set
// has moved on meanwhile.
func (s *Store) total(ctx context.Context, db querier, q *question) (paging.Total, error) {
	if !q.set.hasStamps() {
		return s.attachedTotal(ctx, db, q)
	}
	most := q.countLimit
	switch {
	case most == 0:
		q.explain.counted("not counted")
		return paging.NotCounted(), nil
	case q.filterKey == "" && !q.set.Attached():
		q.explain.counted("all records of the set, from the catalogue")
		return paging.Exact(q.set.Records), nil
	}
	key := q.listKey()
	if c, ok := s.counted.Get(key); ok {
		why, err := c.update(ctx, s.folds(q.set), q, func() *track { return s.tracks.get(trackKey(q)) })
		if err != nil {
			return paging.Total{}, err
		}
		if n, ok := c.of(q.set.mark()); ok && why == "" {
			q.explain.counted("kept current since it was counted")
			q.explain.base("total", c.base)
			return limited(n, most), nil
		}
		switch _, snapshot := db.(pgx.Tx); {
		case why != "":
			s.counted.Remove(key)
			s.distrust(q.set, why)
		case !snapshot:
			return paging.Total{}, errMoved // it is known at later versions only
		}
		q.explain.anew(why)
	}
	within := fmt.Sprintf("%s %d %d", key, q.set.Version, most)
	if known, ok := s.counts.Get(within); ok && (known.until.IsZero() || time.Now().Before(known.until)) {
		q.explain.counted("remembered, within this version")
		return known.Total, nil
	}
	if tx, ok := db.(pgx.Tx); ok {
		_, total, err := s.count(ctx, tx, q, most)
		return total, err
	}
	// Other callers may wait for this count, so it does not end with this one's request. It has its
	// own time limit.
	counting := s.counting.DoChan(within, func() (any, error) {
		var at int64
		var total paging.Total
		ctx, cancel := context.WithTimeout(s.running, 2*s.countTime+countWait)
		defer cancel()
		err := s.snapshotOf(ctx, q.set, func(tx pgx.Tx) (err error) {
			at, total, err = s.count(ctx, tx, q, most)
			return err
		})
		if err == nil && at != q.set.Version {
			err = errMoved
		}
		return total, err
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

// limited is the total of a list that is counted as far as limit.
func limited(n, most int64) paging.Total {
	if most > 0 && n > most {
		return paging.AtLeast(most)
	}
	return paging.Exact(n)
}

// count counts a question's records in a snapshot, and returns the version that the count is of.
// An exact count is kept and updated from then on.
func (s *Store) count(ctx context.Context, tx pgx.Tx, q *question, most int64) (version int64, total paging.Total, err error) {
	mark, _, err := s.markIn(ctx, tx, q.set)
	if err != nil {
		return 0, paging.Total{}, err
	}
	if total, err = s.countRecords(ctx, tx, q, most); err != nil {
		return 0, paging.Total{}, err
	}
	key := q.listKey()
	if total.Is() == paging.TotalExact {
		if c, ok := s.counted.Get(key); !ok || c.Version < mark.Version {
			s.counted.Add(key, newCounted(mark, total.Records()))
		}
	} else {
		known := atLeast{Total: total}
		if most <= 0 || total.Records() < most { // its time was up
			known.until = time.Now().Add(s.countAgain)
		}
		s.counts.Add(fmt.Sprintf("%s %d %d", key, mark.Version, most), known)
	}
	return mark.Version, total, nil
}

// atLeast is a total that was not counted to its end at a version. One that took too long is counted
// again after a while: an index may be there by then, or the database may have less to do.
type atLeast struct {
	paging.Total
	until time.Time // zero: as far as was asked for, which stays true
}

// markIn is the mark of a set's records in a snapshot and, of a kept set, their number. The error
// is errMoved if the set is another one by then.
func (s *Store) markIn(ctx context.Context, tx pgx.Tx, set *Set) (mark changes.Mark, records int64, err error) {
	if set.saw != nil {
		if mark, err = set.log.MarkIn(ctx, tx); err != nil {
			return mark, 0, err
		}
		if mark.Log != set.logName {
			s.forsake(set, tableChanged)
			return mark, 0, errMoved
		}
		if reflect.DeepEqual(mark.Saw, set.saw) { // it is the transaction that the set was seen in
			return set.mark(), 0, nil
		}
		here, err := s.reaches(set, mark.Saw)
		if err != nil {
			return mark, 0, err
		}
		return here.mark(), 0, nil
	}
	state, err := changes.StateOf(ctx, tx, set.Name, set.log)
	if errors.Is(err, pgx.ErrNoRows) || err == nil && (state.Defined != set.defined || state.Catalogue != set.catalogue) {
		err = errMoved
	}
	return changes.Mark{Log: state.Log, Version: state.Version}, state.Records, err
}

// countRecords counts a question's records: all of them, or as far as limit if that is above 0. A
// count that takes too long comes back as "at least" what was counted.
func (s *Store) countRecords(ctx context.Context, tx pgx.Tx, q *question, most int64) (paging.Total, error) {
	limit := int64(0)
	if most > 0 {
		limit = most + 1
	}
	counting := q.Count(statement.Region{}, limit)
	q.explain.counted("counted now")
	q.explain.sql(counting.SQL)
	n, err := bounded(ctx, tx, s.countTime/2, func(within pgx.Tx) (int64, error) { return queryInt(ctx, within, counting.SQL, counting.Args...) })
	switch {
	case isCanceled(err) && ctx.Err() == nil:
		n, err = s.countSome(ctx, tx, q)
		return paging.AtLeast(n), err
	case err != nil:
		return paging.Total{}, err
	case most > 0 && n > most:
		return paging.AtLeast(most), nil
	}
	return paging.Exact(n), nil
}

// bounded runs a statement with a time limit in a savepoint, so that the transaction survives if
// it is exceeded, and restores the transaction's own limit. isCanceled recognises the error.
func bounded(ctx context.Context, tx pgx.Tx, most time.Duration, ask func(pgx.Tx) (int64, error)) (n int64, err error) {
	err = pgx.BeginFunc(ctx, tx, func(within pgx.Tx) error {
		var before string
		if err := within.QueryRow(ctx, "show statement_timeout").Scan(&before); err != nil {
			return err
		}
		if _, err := within.Exec(ctx, fmt.Sprintf("set local statement_timeout = %d", max(most.Milliseconds(), 1))); err != nil {
			return err
		}
		if n, err = ask(within); err != nil {
			return err // the savepoint takes the setting back
		}
		_, err := within.Exec(ctx, "select set_config('statement_timeout', $1, true)", before)
		return err
	})
	return n, err
}

// isCanceled reports whether a statement ran out of time.
func isCanceled(err error) bool {
	var pg *pgconn.PgError
	return errors.As(err, &pg) && pg.Code == canceled
}

// countSome counts for the rest of the time by walking through the records. It begins with short
// steps, since nobody knows how many records fit into a moment, and never exceeds the time.
func (s *Store) countSome(ctx context.Context, tx pgx.Tx, q *question) (n int64, err error) {
	each, err := q.Unordered(nil, statement.Region{})
	if err == nil {
		_, err = tx.Exec(ctx, "declare counting no scroll cursor for "+each.SQL, append([]any{pgx.QueryExecModeExec}, each.Args...)...)
	}
	if err != nil {
		return 0, err
	}
	until := time.Now().Add(s.countTime / 2)
	for step := int64(countFirst); ; {
		began := time.Now()
		moved, err := bounded(ctx, tx, time.Until(until), func(within pgx.Tx) (int64, error) {
			tag, err := within.Exec(ctx, "move forward "+strconv.FormatInt(step, 10)+" in counting")
			return tag.RowsAffected(), err
		})
		if isCanceled(err) && ctx.Err() == nil {
			break
		}
		if err != nil {
			return 0, err
		}
		n += moved
		if moved < step || !time.Now().Before(until) {
			break
		}
		if time.Since(began) < s.countTime/20 {
			step *= 2
		}
	}
	_, err = tx.Exec(ctx, "close counting")
	return n, err
}

// CountsKept is how many filtered counts are remembered.
func (s *Store) CountsKept() int { return s.counts.Len() + s.counted.Len() }

// rememberedTotal is a total and when it was counted.
type rememberedTotal struct {
	n  int64
	at time.Time
}

// attachedTotal counts an attached set's records, or uses a remembered count if the owner allows
// that.
func (s *Store) attachedTotal(ctx context.Context, db querier, q *question) (paging.Total, error) {
	most := q.countLimit
	if most == 0 {
		q.explain.counted("not counted")
		return paging.NotCounted(), nil
	}
	key := strings.Join([]string{q.set.Name, q.set.ChangedAt.String(), q.filterKey}, "\x00")
	if kept, ok := s.remembered.Get(key); ok && time.Since(kept.at) < q.set.Remember && q.set.pin == nil {
		q.explain.counted("remembered, as long as the owner allows")
		return paging.Remembered(kept.n, time.Since(kept.at)), nil
	}
	tx, ok := db.(pgx.Tx)
	if !ok {
		return paging.Total{}, errors.New("an attached set is counted in the snapshot that its page is read in")
	}
	total, err := s.countRecords(ctx, tx, q, most)
	if err == nil && total.Is() == paging.TotalExact && q.set.Remember > 0 && most < 0 && q.set.pin == nil {
		s.remembered.Add(key, rememberedTotal{total.Records(), time.Now()})
	}
	return total, err
}
