package postgres

import (
	"context"
	"errors"
	"fmt"
	"math"
	"sync/atomic"
	"time"

	"github.com/jackc/pgx/v5"
	"github.com/jackc/pgx/v5/pgconn"
	"github.com/jackc/pgx/v5/pgxpool"
)

// A commit waits until a synchronous standby has what was written, for as long as that takes. Whoever leaves must not cancel it: what is
// committed then shows to everybody, though the standby that becomes the primary may not have it. So a commit is left to itself, and
// those who write wait only so long: for their own commit; and, where there is such a standby, for a lock of those that wait likewise.
const (
	lockTime    = 1400 * time.Millisecond
	confirmTime = 2200 * time.Millisecond
	turnLook    = 200 * time.Millisecond
)

// Errors about writes that wait for others.
var (
	ErrNoTurn      = errors.New("the write could not begin in time, since others are waiting; nothing was done")
	ErrUnconfirmed = errors.New("the database has not confirmed the write in time; it may have been done all the same")
)

// Writer runs transactions that write, over connections of their own.
type Writer struct {
	pool *pgxpool.Pool
	late atomic.Int32 // commits that nobody waits for any more
}

// beginWrite limits the time for a lock only where commits may wait for a standby: else it is as long as the statements before take.
var beginWrite = pgx.TxOptions{BeginQuery: fmt.Sprintf("begin; select set_config('lock_timeout', '%d', true) where current_setting('synchronous_standby_names') <> ''", lockTime.Milliseconds())}

// Write runs a transaction that writes, and waits for no standby for long. Errors are those of the transaction, ErrNoTurn,
// ErrUnconfirmed, or the database's.
func (w *Writer) Write(ctx context.Context, do func(tx pgx.Tx) error) error {
	tx, err := w.begin(ctx)
	if err != nil {
		return err
	}
	err = write(ctx, tx, confirmTime, &w.late, do)
	if Code(err) == LockNotAvailable {
		return fmt.Errorf("%w: %w", ErrNoTurn, err)
	}
	return err
}

// begin begins a transaction, unless late commits have all connections.
func (w *Writer) begin(ctx context.Context) (pgx.Tx, error) {
	turn, cancel := context.WithCancelCause(ctx)
	defer cancel(nil)
	go func() {
		for look := time.NewTicker(turnLook); ; {
			select {
			case <-turn.Done():
				look.Stop()
				return
			case <-look.C:
				if w.late.Load() >= w.pool.Config().MaxConns {
					cancel(ErrNoTurn)
				}
			}
		}
	}()
	tx, err := Fresh{w.pool}.BeginTx(turn, beginWrite)
	if err != nil && context.Cause(turn) == ErrNoTurn {
		return nil, ErrNoTurn
	}
	return tx, err
}

// Exec runs one statement that writes, like Write.
func (w *Writer) Exec(ctx context.Context, sql string, args ...any) (tag pgconn.CommandTag, err error) {
	err = w.Write(ctx, func(tx pgx.Tx) (err error) {
		tag, err = tx.Exec(ctx, sql, args...)
		return err
	})
	return tag, err
}

// WriteLong runs a transaction that writes, and waits as long as the context lets it.
func WriteLong(ctx context.Context, pool *pgxpool.Pool, do func(tx pgx.Tx) error) error {
	tx, err := Fresh{pool}.Begin(ctx)
	if err != nil {
		return err
	}
	return write(ctx, tx, math.MaxInt64, new(atomic.Int32), do)
}

func write(ctx context.Context, tx pgx.Tx, wait time.Duration, late *atomic.Int32, do func(tx pgx.Tx) error) error {
	committing := false
	defer func() {
		if !committing {
			tx.Rollback(ctx)
		}
	}()
	if err := do(tx); err != nil {
		return err
	}
	committing = true
	committed := make(chan error)
	left := make(chan struct{})
	go func() {
		err := tx.Commit(context.WithoutCancel(ctx))
		select {
		case committed <- err:
		case <-left:
			late.Add(-1)
		}
	}()
	select {
	case err := <-committed:
		return err
	case <-time.After(wait):
		late.Add(1)
		close(left)
		return ErrUnconfirmed
	case <-ctx.Done():
		late.Add(1)
		close(left)
		return fmt.Errorf("%w: %w", ErrUnconfirmed, ctx.Err())
	}
}
