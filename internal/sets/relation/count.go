package relation

import (
	"context"
	"fmt"
	"strconv"
	"time"

	"github.com/jackc/pgx/v5"

	"pageladder.example/internal/postgres"
	"pageladder.example/paging/statement"
)

// CountTime is the time limit of a count, after which it comes back as "at least".
const CountTime = 4 * time.Second

const countFirst = 1_000 // records counted in the first step

// Count counts the list. It gives up when its time is over: n is then the count so far.
func (q *question) Count(ctx context.Context, maximum int64) (n int64, whole bool, err error) {
	question, err := q.whole()
	if err != nil {
		return 0, false, err
	}
	counting := question.Count(statement.Region{}, max(maximum, 0))
	q.note(counting)
	tx, limit := q.in.Tx, q.in.Kind.CountTime()
	if tx == nil {
		return 0, false, fmt.Errorf("view: a list is counted in a steady view")
	}
	n, err = bounded(ctx, tx, limit/2, func(within pgx.Tx) (int64, error) { return postgres.Int(ctx, within, counting.SQL, counting.Args...) })
	if postgres.Code(err) == postgres.Canceled && ctx.Err() == nil {
		n, err = countSome(ctx, tx, question, limit/2)
		return n, false, err
	}
	return n, err == nil && (maximum <= 0 || n < maximum), err
}

// bounded runs a statement with a time limit in a savepoint, so that the transaction survives if
// it is exceeded, and restores the transaction's own limit.
func bounded(ctx context.Context, tx pgx.Tx, maximum time.Duration, ask func(pgx.Tx) (int64, error)) (n int64, err error) {
	err = pgx.BeginFunc(ctx, tx, func(within pgx.Tx) error {
		var before string
		if err := within.QueryRow(ctx, "show statement_timeout").Scan(&before); err != nil {
			return err
		}
		if _, err := within.Exec(ctx, fmt.Sprintf("set local statement_timeout = %d", max(maximum.Milliseconds(), 1))); err != nil {
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

// countSome counts for a time by walking through the records. It begins with short steps, since
// nobody knows how many records fit into a moment, and never exceeds the time.
func countSome(ctx context.Context, tx pgx.Tx, q *statement.Question, limit time.Duration) (n int64, err error) {
	each, err := q.Unordered(nil, statement.Region{})
	if err == nil {
		_, err = tx.Exec(ctx, "declare counting no scroll cursor for "+each.SQL, append([]any{pgx.QueryExecModeExec}, each.Args...)...)
	}
	if err != nil {
		return 0, err
	}
	until := time.Now().Add(limit)
	for step := int64(countFirst); ; {
		began := time.Now()
		moved, err := bounded(ctx, tx, time.Until(until), func(within pgx.Tx) (int64, error) {
			tag, err := within.Exec(ctx, "move forward "+strconv.FormatInt(step, 10)+" in counting")
			return tag.RowsAffected(), err
		})
		if postgres.Code(err) == postgres.Canceled && ctx.Err() == nil {
			break
		}
		if err != nil {
			return 0, err
		}
		n += moved
		if moved < step || !time.Now().Before(until) {
			break
		}
		if time.Since(began) < limit/10 {
			step *= 2
		}
	}
	_, err = tx.Exec(ctx, "close counting")
	return n, err
}
