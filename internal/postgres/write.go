package postgres

import (
	"context"
	"errors"
	"fmt"
	"math"
	"time"

	"github.com/jackc/pgx/v5"
	"github.com/jackc/pgx/v5/pgconn"
	"github.com/jackc/pgx/v5/pgxpool"
)

// A commit waits until a synchronous standby has what was written, for as long as that takes. Whoever leaves must not cancel it: what is
// committed then shows to everybody, though the standby that becomes the primary may not have it. So a commit is left to itself, and
// those who write wait only so long: for a connection and for each lock, behind others that wait, and for their own commit. Together it is
// less than 5 s.
const (
	turnTime    = 1200 * time.Millisecond
	lockTime    = 1400 * time.Millisecond
	confirmTime = 2200 * time.Millisecond
)

// Errors about writes that wait for others.
var (
	ErrNoTurn      = errors.New("the write could not begin in time, since others are waiting; nothing was done")
	ErrUnconfirmed = errors.New("the database has not confirmed the write in time; it may have been done all the same")
)

var beginWrite = pgx.TxOptions{BeginQuery: fmt.Sprintf("begin; set local lock_timeout = %d", lockTime.Milliseconds())}

// Write runs a transaction that writes, and does not wait for long. Errors are those of the transaction, ErrNoTurn, ErrUnconfirmed,
// or the database's.
func Write(ctx context.Context, pool *pgxpool.Pool, do func(tx pgx.Tx) error) error {
	turn, cancel := context.WithTimeout(ctx, turnTime)
	defer cancel()
	tx, err := Fresh{pool}.BeginTx(turn, beginWrite)
	if err == nil {
		err = write(ctx, tx, confirmTime, do)
	} else if turn.Err() != nil && ctx.Err() == nil {
		return ErrNoTurn
	}
	if Code(err) == LockNotAvailable {
		return fmt.Errorf("%w: %w", ErrNoTurn, err)
	}
	return err
}

// WriteLong runs a transaction that writes, and waits as long as the context lets it.
func WriteLong(ctx context.Context, pool *pgxpool.Pool, do func(tx pgx.Tx) error) error {
	tx, err := Fresh{pool}.Begin(ctx)
	if err != nil {
		return err
	}
	return write(ctx, tx, math.MaxInt64, do)
}

func write(ctx context.Context, tx pgx.Tx, wait time.Duration, do func(tx pgx.Tx) error) error {
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
	committed := make(chan error, 1)
	go func() { committed <- tx.Commit(context.WithoutCancel(ctx)) }()
	select {
	case err := <-committed:
		return err
	case <-time.After(wait):
		return ErrUnconfirmed
	case <-ctx.Done():
		return fmt.Errorf("%w: %w", ErrUnconfirmed, ctx.Err())
	}
}

// Exec runs one statement that writes, like Write.
func Exec(ctx context.Context, pool *pgxpool.Pool, sql string, args ...any) (tag pgconn.CommandTag, err error) {
	err = Write(ctx, pool, func(tx pgx.Tx) (err error) {
		tag, err = tx.Exec(ctx, sql, args...)
		return err
	})
	return tag, err
}
