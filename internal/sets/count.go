package sets

import (
	"context"
	"fmt"

	"github.com/jackc/pgx/v5"
)

// countsKept is how many filtered counts are remembered, the least used going
// first.
const countsKept = 10_000

// total is how many records a question has. All of a set's are in the catalogue;
// filtered ones are counted once a version, by one computation however many ask.
func (s *Store) total(ctx context.Context, db querier, q *question) (int64, error) {
	if len(q.where) == 0 {
		return q.set.Records, nil
	}
	key := fmt.Sprintf("%s %d %s", q.set.Name, q.set.Version, q.asked)
	if n, ok := s.counts.Get(key); ok {
		return n, nil
	}
	if _, inTransaction := db.(pgx.Tx); inTransaction {
		return s.count(ctx, db, q)
	}
	n, err, _ := s.counting.Do(key, func() (any, error) {
		// Others may wait for this count, so it does not end with one caller's
		// request; the statement's own time is bounded by the server.
		n, err := s.count(context.WithoutCancel(ctx), db, q)
		if err == nil {
			s.counts.Add(key, n)
		}
		return n, err
	})
	if err != nil {
		return 0, err
	}
	return n.(int64), ctx.Err()
}

// count counts a question's records at the version of its set.
func (s *Store) count(ctx context.Context, db querier, q *question) (int64, error) {
	sql := fmt.Sprintf("select (select version from pageladder.record_set where name = $%d), count(*)", len(q.args)+1) + q.from(region{})
	rows, err := db.Query(ctx, sql, append(append([]any{}, q.args...), q.set.Name)...)
	if err != nil {
		return 0, err
	}
	type counted struct{ version, n int64 }
	c, err := pgx.CollectExactlyOneRow(rows, func(row pgx.CollectableRow) (c counted, err error) {
		return c, row.Scan(&c.version, &c.n)
	})
	if err == nil && c.version != q.set.Version {
		err = errMoved
	}
	return c.n, err
}
