package postgres

import (
	"cmp"
	"context"
	"errors"
	"fmt"
	"strings"
	"time"

	"github.com/jackc/pgx/v5"
	"github.com/jackc/pgx/v5/pgconn"
)

// ErrPooled is the error for our own database behind a pooler of transactions.
var ErrPooled = errors.New("our own database is reached through a pooler that gives each transaction another session: no notice of a change would ever arrive, and a set that was closed would stay open; name PostgreSQL's own address with --database-url (a pooler is fine before sources)")

// pooledWait is how long a session behind a pooler waits for another one's transaction, at most.
const pooledWait = 2 * time.Second

// ErrStandby is the error for a standby where our own database is to be.
var ErrStandby = fmt.Errorf("the server is a standby, which takes no writes; name the primary, or all servers with target_session_attrs=read-write: %w", ErrAway)

// Direct checks that a database is on a primary, and that each of our connections to it has a session of its own. The
// error is ErrStandby or ErrPooled if not.
func Direct(ctx context.Context, url string) error {
	config, err := pgx.ParseConfig(url)
	if err != nil {
		return err
	}
	config.DefaultQueryExecMode = pgx.QueryExecModeExec // a pooler may know no prepared statements
	config.RuntimeParams["plan_cache_mode"] = "auto"
	one, err := pgx.ConnectConfig(ctx, config)
	if Unsupported(err) {
		return fmt.Errorf("%w (%w)", ErrPooled, err)
	}
	if err != nil {
		return err
	}
	defer one.Close(context.WithoutCancel(ctx))
	var standby bool
	if err := one.QueryRow(ctx, "select pg_is_in_recovery()").Scan(&standby); err != nil || standby {
		return cmp.Or(err, ErrStandby)
	}
	session, err := sessionOf(ctx, one)
	if err != nil || session == one.PgConn().PID() {
		return err
	}
	// Somebody is in between. The next one to ask gets the session that has just become free, and keeps it while its
	// transaction lasts.
	other, err := pgx.ConnectConfig(ctx, config)
	if err != nil {
		return err
	}
	defer other.Close(context.WithoutCancel(ctx))
	tx, err := other.Begin(ctx)
	if err != nil {
		return err
	}
	defer tx.Rollback(context.WithoutCancel(ctx))
	if _, err := sessionOf(ctx, tx); err != nil {
		return err
	}
	wait, cancel := context.WithTimeout(ctx, pooledWait)
	defer cancel()
	again, err := sessionOf(wait, one)
	if err != nil && wait.Err() == nil {
		return err
	}
	if err != nil || again != session {
		return ErrPooled
	}
	return nil
}

func sessionOf(ctx context.Context, db Querier) (uint32, error) {
	pid, err := Int(ctx, db, "select pg_backend_pid()::bigint")
	return uint32(pid), err
}

// Unsupported reports whether a pooler has refused a setting that a session begins with.
func Unsupported(err error) bool {
	var pg *pgconn.PgError
	return errors.As(err, &pg) && strings.Contains(pg.Message, "unsupported startup parameter")
}
