package changes

import (
	"context"
	"strconv"
	"time"

	"github.com/jackc/pgx/v5"
	"github.com/jackc/pgx/v5/pgxpool"
)

// Reached is how far a server has come with a database: what it has done and every later one has too.
type Reached struct {
	Database string           // the cluster and the database in it
	Timeline int64            // one more with each promotion
	Epochs   []Epoch          // the first one first
	Versions map[string]int64 // of kept sets, also of those that have been removed
}

// Epoch is a time in which versions are given out one after the other: see BeginEpoch.
type Epoch struct {
	ID       string
	Accepted bool             // an operator has begun it
	Versions map[string]int64 // that were reached before
}

// HasReached asks a server how far it has come. It changes nothing. Of a database in which there is nothing of ours yet,
// epochs and versions are empty.
func HasReached(ctx context.Context, conn *pgx.Conn) (r Reached, err error) {
	var timeline string
	var begun, stepped bool
	err = conn.QueryRow(ctx, `select concat_ws('/', (select system_identifier from pg_control_system()), (select oid from pg_database where datname = current_database())),
		left(pg_walfile_name(pg_current_wal_lsn()), 8), to_regclass('pageladder.removed_set') is not null, to_regclass('pageladder.epochs') is not null`).Scan(&r.Database, &timeline, &begun, &stepped)
	if err != nil {
		return r, err
	}
	if r.Timeline, err = strconv.ParseInt(timeline, 16, 64); err != nil {
		return r, err
	}
	if stepped {
		rows, err := conn.Query(ctx, "select id, coalesce((to_jsonb(e) ->> 'accepted')::boolean, false), versions from pageladder.epochs e order by number") // a step has added the column
		if err == nil {
			r.Epochs, err = pgx.CollectRows(rows, pgx.RowToStructByPos[Epoch])
		}
		if err != nil {
			return r, err
		}
	}
	if begun {
		err = conn.QueryRow(ctx, "select "+versionsSQL).Scan(&r.Versions)
	}
	return r, err
}

// Standing is how far a database has come, for people: the version of its server, its timeline, and the epoch with when it
// began.
func Standing(ctx context.Context, pool *pgxpool.Pool) (server string, timeline int64, epoch string, since time.Time, err error) {
	err = pool.QueryRow(ctx, `select current_setting('server_version'), ('x' || left(pg_walfile_name(pg_current_wal_lsn()), 8))::bit(32)::bigint, id, begun_at
		from pageladder.epochs order by number desc limit 1`).Scan(&server, &timeline, &epoch, &since)
	return server, timeline, epoch, since.UTC(), err
}

// versionsSQL are the versions that kept sets have reached, by name. A set that is created anew goes on from where the
// removed one ended.
const versionsSQL = `(select coalesce(jsonb_object_agg(name, version), '{}') from (
	select name, max(version) as version from (select name, version from pageladder.record_set where source = '' union all select name, version from pageladder.removed_set) r group by name) v)`

// Accept begins an epoch because an operator says so, whatever services have seen. Its id is returned.
func Accept(ctx context.Context, tx pgx.Tx) (id string, err error) {
	if _, err := tx.Exec(ctx, lockEpoch); err != nil {
		return "", err
	}
	return begin(ctx, tx, true, true)
}
