package sets

import (
	"context"
	"errors"
	"fmt"
	"strconv"
	"time"

	"github.com/jackc/pgx/v5"
	"github.com/jackc/pgx/v5/pgconn"

	"pageladder.example/paging"
)

const (
	countsKept = 10_000          // filtered counts that are remembered, the least used going first
	countTime  = 4 * time.Second // what a count may take before it comes back as "at least"
	countStep  = 20_000          // records between two looks at the clock
)

// canceled is PostgreSQL's code for a statement that was cancelled, by its time-out
// for one.
const canceled = "57014"

// total is how many records a question has, as well as the set's rules want to know
// it. All of a set's are in the catalogue; filtered ones are counted once a version,
// by one computation however many ask.
func (s *Store) total(ctx context.Context, db querier, q *question) (paging.Total, error) {
	if q.set.Attached() {
		return s.attachedTotal(ctx, db, q)
	}
	most := q.most
	switch {
	case most == 0:
		q.trace.counted("not counted")
		return paging.NotCounted(), nil
	case len(q.where) == 0:
		q.trace.counted("all records of the set, from the catalogue")
		return paging.Exact(q.set.Records), nil
	}
	key := fmt.Sprintf("%s %d %d %s", q.set.Name, q.set.Version, most, q.asked)
	if total, ok := s.counts.Get(key); ok {
		q.trace.counted("remembered, within this version")
		return total, nil
	}
	if tx, ok := db.(pgx.Tx); ok {
		return s.count(ctx, tx, q, most)
	}
	// Others may wait for this count, so it does not end with one caller's request;
	// it has a time of its own.
	counted := s.counting.DoChan(key, func() (any, error) {
		var total paging.Total
		err := snapshot(s.running, s.pool, func(tx pgx.Tx) (err error) {
			total, err = s.count(s.running, tx, q, most)
			return err
		})
		if err == nil {
			s.counts.Add(key, total)
		}
		return total, err
	})
	select {
	case <-ctx.Done():
		return paging.Total{}, ctx.Err()
	case result := <-counted:
		if result.Err != nil {
			return paging.Total{}, result.Err
		}
		return result.Val.(paging.Total), nil
	}
}

// count counts a question's records at the version of its set: all of them or, with
// most, as far as that. What takes too long comes back as "at least" what was seen.
// No estimate passes for a count.
func (s *Store) count(ctx context.Context, tx pgx.Tx, q *question, most int64) (paging.Total, error) {
	version, err := queryInt(ctx, tx, "select coalesce((select version from pageladder.record_set where name = $1), 0)", q.set.Name)
	if err != nil {
		return paging.Total{}, err
	}
	if version != q.set.Version {
		return paging.Total{}, errMoved
	}
	sql := "select count(*)" + q.from(region{})
	if most > 0 {
		sql = "select count(*) from (select 1" + q.from(region{}) + " limit " + strconv.FormatInt(most+1, 10) + ") counted"
	}
	q.trace.counted("counted now")
	q.trace.sql(sql)
	var n int64
	err = pgx.BeginFunc(ctx, tx, func(within pgx.Tx) error { // a savepoint, so that tx survives the time-out
		_, err := within.Exec(ctx, fmt.Sprintf("set local statement_timeout = %d", (s.countTime/2).Milliseconds()))
		if err == nil {
			n, err = queryInt(ctx, within, sql, q.args...)
		}
		return err
	})
	var pg *pgconn.PgError
	switch {
	case errors.As(err, &pg) && pg.Code == canceled:
		n, err = s.countSome(ctx, tx, q)
		return paging.AtLeast(n), err
	case err != nil:
		return paging.Total{}, err
	case most > 0 && n > most:
		return paging.AtLeast(most), nil
	}
	_, err = tx.Exec(ctx, "set local statement_timeout = 0")
	return paging.Exact(n), err
}

// countSome counts for the rest of the time, by walking through the records.
func (s *Store) countSome(ctx context.Context, tx pgx.Tx, q *question) (n int64, err error) {
	_, err = tx.Exec(ctx, "declare counting no scroll cursor for select 1"+q.from(region{}), append([]any{pgx.QueryExecModeExec}, q.args...)...)
	if err != nil {
		return 0, err
	}
	until := time.Now().Add(s.countTime / 2)
	for time.Now().Before(until) {
		tag, err := tx.Exec(ctx, "move forward "+strconv.Itoa(countStep)+" in counting")
		if err != nil {
			return 0, err
		}
		n += tag.RowsAffected()
		if tag.RowsAffected() < countStep {
			break
		}
	}
	_, err = tx.Exec(ctx, "close counting")
	return n, err
}

// CountsKept is how many filtered counts are remembered.
func (s *Store) CountsKept() int { return s.counts.Len() }
