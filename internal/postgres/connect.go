package postgres

import (
	"context"
	"errors"
	"io"
	"net"
	"runtime"
	"slices"
	"strings"
	"time"

	"github.com/jackc/pgx/v5"
	"github.com/jackc/pgx/v5/pgconn"
	"github.com/jackc/pgx/v5/pgxpool"
	"github.com/jackc/puddle/v2"
)

// Pools are the connections to one database, each for a purpose of its own.
type Pools struct {
	Main *pgxpool.Pool
	// Plain is for questions without filters. The best plan of such a question does not depend on its
	// values, so that it is planned once: pages from footholds are about a tenth faster. A pooler of
	// transactions accepts no such setting.
	Plain *pgxpool.Pool
	// Folds is for updating what is remembered. Nobody holds one of them while waiting for another, and
	// no page queues for them: all pages may be waiting for the update.
	Folds *pgxpool.Pool
	// Writes is for writes, which may all be waiting for a standby: no page waits behind them.
	Writes *Writer
}

// foldsAtOnce is how many lists are updated at the same time.
const foldsAtOnce = 2

// writesAtOnce is how many transactions write at the same time, imports apart.
const writesAtOnce = 8

// Connect opens pools; pooled means that a pooler of transactions is in between. No connection is
// opened before one is needed.
func Connect(ctx context.Context, config *pgxpool.Config, pooled bool) (p Pools, err error) {
	defer func() {
		if err != nil {
			p.Close()
		}
	}()
	if p.Main, err = pgxpool.NewWithConfig(ctx, config); err != nil {
		return p, err
	}
	config = config.Copy()
	config.MaxConns = 2*int32(runtime.NumCPU()) + 1 // on 2 cores 5 gave a few more answers a second than 3, and 8 no more than 5
	if !pooled {
		config.ConnConfig.RuntimeParams["plan_cache_mode"] = "force_generic_plan"
	}
	if p.Plain, err = pgxpool.NewWithConfig(ctx, config); err != nil {
		return p, err
	}
	config = config.Copy()
	config.MaxConns = foldsAtOnce
	if p.Folds, err = pgxpool.NewWithConfig(ctx, config); err != nil {
		return p, err
	}
	config = p.Main.Config()
	config.MaxConns = writesAtOnce
	pool, err := pgxpool.NewWithConfig(ctx, config)
	if err == nil {
		p.Writes = &Writer{pool: pool}
	}
	return p, err
}

func (p Pools) each(do func(*pgxpool.Pool)) {
	for _, pool := range []*pgxpool.Pool{p.Main, p.Plain, p.Folds} {
		if pool != nil {
			do(pool)
		}
	}
	if p.Writes != nil {
		do(p.Writes.pool)
	}
}

// Close closes the pools. It waits for connections in use.
func (p Pools) Close() { p.each((*pgxpool.Pool).Close) }

// Busy is how many connections are in use.
func (p Pools) Busy() (n int) {
	p.each(func(pool *pgxpool.Pool) { n += int(pool.Stat().AcquiredConns()) })
	return n
}

// Renew has connections opened anew. Those in use go on.
func (p Pools) Renew() { p.each((*pgxpool.Pool).Reset) }

// Readable configures connections so that values come as the text that is sent on.
func Readable(config *pgxpool.Config) {
	config.ConnConfig.ConnectTimeout = 5 * time.Second
	config.ConnConfig.RuntimeParams["timezone"] = "UTC"
	config.ConnConfig.RuntimeParams["datestyle"] = "ISO"
	config.ConnConfig.RuntimeParams["application_name"] = "Page Ladder" // earlier programs, which do not make themselves known, are "pageladder"
}

// Querier is what asks for rows: a pool, a connection or a transaction.
type Querier interface {
	Query(ctx context.Context, sql string, args ...any) (pgx.Rows, error)
}

// Int asks for one number.
func Int(ctx context.Context, db Querier, sql string, args ...any) (int64, error) {
	rows, err := db.Query(ctx, sql, args...)
	if err != nil {
		return 0, err
	}
	return pgx.CollectExactlyOneRow(rows, pgx.RowTo[int64])
}

// Texts are the arguments of a statement whose rows come in PostgreSQL's text format.
func Texts(args []any) []any {
	return append([]any{pgx.QueryResultFormats{pgx.TextFormatCode}}, args...)
}

// Fresh begins transactions on connections that work. A connection that broke while idle, for
// example because PostgreSQL was restarted, fails at its first statement; a BEGIN can be sent
// again on another one.
type Fresh struct{ *pgxpool.Pool }

// Begin begins a transaction.
func (f Fresh) Begin(ctx context.Context) (pgx.Tx, error) { return f.BeginTx(ctx, pgx.TxOptions{}) }

// BeginTx begins a transaction with options.
func (f Fresh) BeginTx(ctx context.Context, options pgx.TxOptions) (pgx.Tx, error) {
	for attempt := int32(0); ; attempt++ {
		tx, err := f.Pool.BeginTx(ctx, options)
		var refused *pgconn.ConnectError
		if err == nil || ctx.Err() != nil || errors.As(err, &refused) || !Unavailable(err) || attempt == f.Stat().MaxConns() {
			return tx, err
		}
	}
}

// Codes of PostgreSQL's errors (appendix A of its manual).
const (
	NoTable          = "42P01"
	NoColumn         = "42703"
	NoPrivilege      = "42501"
	Canceled         = "57014" // for example by the statement's time limit
	LockNotAvailable = "55P03"
	InternalError    = "XX000" // for what has no other code
	UniqueViolation  = "23505"
	Deadlock         = "40P01"
	NotSerializable  = "40001"
	PlanChanged      = "0A000" // "cached plan must not change result type", among others
	readOnlyServer   = "25006" // a write where nothing may be written
)

// Code is the code of an error that PostgreSQL has reported; "" for other errors.
func Code(err error) string {
	var failure *pgconn.PgError
	if errors.As(err, &failure) {
		return failure.Code
	}
	return ""
}

// IsDataException reports whether an error code is for a value that does not fit. A division by zero
// and the like come of a view's own expressions, and of no value of a question.
func IsDataException(code string) bool {
	return strings.HasPrefix(code, "22") && !slices.Contains([]string{"22012", "2201E", "2201F", "22004"}, code)
}

// Unavailable reports whether an error means that the database cannot be reached at the moment, so
// that trying again later may help.
func Unavailable(err error) bool {
	var refused *pgconn.ConnectError
	var network net.Error
	switch code := Code(err); {
	case errors.As(err, &refused), errors.Is(err, ErrAway), errors.Is(err, puddle.ErrClosedPool): // the last one while a service ends
		return true
	case code != "": // connection trouble, no resources (disk, memory, connections), shutting down, starting up, read errors, a primary that has become a standby
		return slices.ContainsFunc([]string{"08", "53", "57P", "58", readOnlyServer}, func(class string) bool { return strings.HasPrefix(code, class) })
	case errors.Is(err, context.DeadlineExceeded), errors.Is(err, context.Canceled):
		return false
	}
	return errors.Is(err, io.EOF) || errors.Is(err, io.ErrUnexpectedEOF) || pgconn.SafeToRetry(err) || errors.As(err, &network)
}

// TooSlow reports whether an error means that a question ran out of time.
func TooSlow(err error) bool {
	return errors.Is(err, context.DeadlineExceeded) || Code(err) == Canceled
}
