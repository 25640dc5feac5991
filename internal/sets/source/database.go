package source

import (
	"context"
	"errors"
	"sync"
	"time"

	"github.com/jackc/pgx/v5"
	"github.com/jackc/pgx/v5/pgconn"
	"github.com/jackc/pgx/v5/pgxpool"

	"pageladder.example/internal/changes"
	"pageladder.example/internal/postgres"
	"pageladder.example/internal/sets/catalog"
	"pageladder.example/internal/sets/view"
)

const (
	sourceConnections = 4
	sourceTimeout     = "10s" // for one statement
	keepWait          = time.Second
)

// ErrSuperuser is the error for a source's role that may write.
var ErrSuperuser = errors.New("the source's role is a superuser, whom nothing keeps from writing; name a role that may read the tables and nothing else: create role pageladder_reader login password '…'; grant usage on schema … to pageladder_reader; grant select on … to pageladder_reader;")

// Database is a database whose tables and views can be attached. It has connections of its own, so
// that one that is down affects its own sets only.
type Database struct {
	url    string
	making view.Turns                             // of those who read much of a log
	admit  func(context.Context, *pgx.Conn) error // nil: any connection will do

	mu sync.Mutex
	to postgres.Pools // opened when first needed

	reached bool       // at least once, so that it is known whether a transaction pooler is in between
	turn    view.Turns // of the caller who finds that out
	away    time.Time  // when it could not be reached; guarded by turn
}

// NewDatabase is a database by a URL with a role that may read and nothing else. It is connected to
// when it is first needed.
func NewDatabase(url string) (*Database, error) {
	_, err := pgxpool.ParseConfig(url)
	return &Database{url: url, turn: view.NewTurns(1), making: view.NewTurns(FarAtOnce)}, err
}

// FarAtOnce is how many callers may read much of a log of one database at the same time.
const FarAtOnce = 2

// errPooled is the error within this package for a connection through a pooler that gives each
// transaction another session.
var errPooled = errors.New("the source is reached through a pooler of transactions")

// Connect returns the main pool. Every connection is checked: a superuser is refused, since
// READ ONLY does not restrict one. Before the source has been reached once, the first caller finds
// out whether a pooler is in between, and others wait for that; for a source that is down they do
// not wait one after the other.
func (d *Database) Connect(ctx context.Context) (*pgxpool.Pool, error) {
	pool, reached, err := d.now(ctx)
	if err != nil || reached {
		return pool, err
	}
	began := time.Now()
	if err := d.turn.Take(ctx); err != nil {
		return nil, err
	}
	defer d.turn.Give()
	if pool, reached, err = d.now(ctx); err != nil || reached || d.away.After(began) {
		return pool, err
	}
	err = pool.Ping(ctx)
	d.mu.Lock()
	defer d.mu.Unlock()
	switch {
	case err == nil:
		d.reached = true
	case pooled(err):
		// Closing waits for connections that others use: not under the lock that all readers need.
		go d.to.Close()
		d.reached = true
		err := d.open(ctx, true)
		return d.to.Main, err
	default: // the reader gets the error
		d.away = time.Now()
	}
	return d.to.Main, nil
}

// now returns the connections as they are, and whether the source was ever reached over them.
func (d *Database) now(ctx context.Context) (*pgxpool.Pool, bool, error) {
	d.mu.Lock()
	defer d.mu.Unlock()
	if d.to.Main == nil {
		if err := d.open(ctx, false); err != nil {
			return nil, false, err
		}
	}
	return d.to.Main, d.reached, nil
}

// pooled reports whether an error means that a pooler does not accept session settings.
func pooled(err error) bool {
	return errors.Is(err, errPooled) || postgres.Unsupported(err)
}

// open opens the pools. Through a transaction pooler nothing survives a transaction: no setting
// and no prepared statement.
func (d *Database) open(ctx context.Context, pooled bool) error {
	config, err := pgxpool.ParseConfig(d.url)
	if err != nil {
		return err
	}
	postgres.Readable(config)
	config.MaxConns = sourceConnections
	if pooled {
		config.ConnConfig.DefaultQueryExecMode = pgx.QueryExecModeExec
	} else {
		config.ConnConfig.RuntimeParams["default_transaction_read_only"] = "on"
		config.ConnConfig.RuntimeParams["statement_timeout"] = sourceTimeout
	}
	config.AfterConnect = func(ctx context.Context, conn *pgx.Conn) error {
		var super, set bool
		err := conn.QueryRow(ctx, "select rolsuper, current_setting('default_transaction_read_only') = 'on' from pg_roles where rolname = session_user", pgx.QueryExecModeExec).Scan(&super, &set)
		switch {
		case err != nil:
			return err
		case super:
			return ErrSuperuser
		case !set && !pooled:
			return errPooled
		case d.admit != nil:
			return d.admit(ctx, conn)
		}
		return nil
	}
	d.to, err = postgres.Connect(context.WithoutCancel(ctx), config, pooled)
	return err
}

// keep notes that the log of a followed table is read, and prunes it, on the primary.
func (d *Database) keep(ctx context.Context, set *catalog.Definition) error {
	config, err := pgx.ParseConfig(d.url)
	if err != nil {
		return err
	}
	config.ConnectTimeout = keepWait
	config.DefaultQueryExecMode = pgx.QueryExecModeExec
	config.ValidateConnect = pgconn.ValidateConnectTargetSessionAttrsPrimary
	conn, err := pgx.ConnectConfig(ctx, config)
	if err != nil {
		return err
	}
	defer conn.Close(context.WithoutCancel(ctx))
	var there bool
	if err := conn.QueryRow(ctx, "select to_regprocedure($1) is not null", changes.LogSchema+".keep(text)").Scan(&there); err != nil || !there {
		return err
	}
	_, err = conn.Exec(ctx, "select "+changes.LogSchema+".keep($1)", changes.LogName(set.Schema, set.Table))
	return err
}

// Pools are the connections.
func (d *Database) Pools() postgres.Pools {
	d.mu.Lock()
	defer d.mu.Unlock()
	return d.to
}

// Close closes the connections.
func (d *Database) Close() { d.Pools().Close() }

// renew has connections opened anew.
func (d *Database) renew() { d.Pools().Renew() }

// role is the role that the database is read by.
func (d *Database) role() string {
	config, err := pgx.ParseConfig(d.url)
	if err != nil {
		return ""
	}
	return config.User
}

// elsewhere are the options of a snapshot of a source. Session settings may not get through a pooler,
// so they are opened in the transaction.
var elsewhere = pgx.TxOptions{BeginQuery: "begin isolation level repeatable read read only; set local statement_timeout = '" + sourceTimeout + "'"}

// InSnapshot runs a transaction that sees one state of the database.
func (d *Database) InSnapshot(ctx context.Context, do func(tx pgx.Tx) error) error {
	pool, err := d.Connect(ctx)
	if err != nil {
		return err
	}
	return pgx.BeginTxFunc(ctx, postgres.Fresh{Pool: pool}, elsewhere, do)
}
