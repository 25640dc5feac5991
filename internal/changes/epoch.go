package changes

import (
	"context"
	"crypto/rand"
	"fmt"
	mathrand "math/rand/v2"
	"strconv"

	"github.com/jackc/pgx/v5"
)

// spread is what versions jump by at most, beyond the next multiple of 2³², after a restore or a promotion. The
// database may have given out versions since the backup that it does not know of: at a thousand changes a second, 2³² are
// those of seven weeks. Two servers that were promoted from one state begin at different places: that n changes on each
// give one version twice has a probability of n in 2³⁰.
const spread = 1 << 31

// Life names the life of a database: it is another one after a restart, a restore of the whole
// cluster or a promotion. What is known from one life is not updated in another.
func Life(ctx context.Context, conn *pgx.Conn) (life string, standby bool, err error) {
	// On a standby the timeline is that of its last restart point.
	err = conn.QueryRow(ctx, `select pg_is_in_recovery(), concat_ws(' ', (select system_identifier from pg_control_system()),
		case when pg_is_in_recovery() then 'standby ' || (select timeline_id from pg_control_checkpoint()) else left(pg_walfile_name(pg_current_wal_lsn()), 8) end,
		(select oid from pg_database where datname = current_database()), pg_postmaster_start_time())`).Scan(&standby, &life)
	return life, standby, err
}

// epochSQL names the life of a database in which versions are given out: the cluster, its
// timeline, the database and, since a backup can be restored into it, the catalogue's table.
const epochSQL = `(select concat_ws(' ', (select system_identifier from pg_control_system()), left(pg_walfile_name(pg_current_wal_lsn()), 8),
	(select oid from pg_database where datname = current_database()), 'pageladder.record_set'::regclass::oid))`

// BeginEpoch makes sure that versions of kept sets differ from those of another database that this
// one is a restored copy or a promoted standby of: a version that was given out there means
// nothing. It does nothing if that was done before, or on a standby. Everything committed
// before is on disk when this is seen, so that a crash takes no version back. It returns the OID
// of the catalogue's table and the id of the epoch; 0 and "": nothing could be done.
func BeginEpoch(ctx context.Context, conn *pgx.Conn) (catalogue uint32, id string, err error) {
	if _, err := conn.Exec(ctx, "select set_config('synchronous_commit', 'local', false) where current_setting('synchronous_commit') = 'off'"); err != nil {
		return 0, "", err
	}
	var idle bool
	if err := conn.QueryRow(ctx, "select pg_is_in_recovery() or to_regclass('pageladder.epochs') is null").Scan(&idle); err != nil || idle {
		return 0, "", err
	}
	if err := conn.QueryRow(ctx, "select 'pageladder.record_set'::regclass::oid, "+inEpochSQL).Scan(&catalogue, &id); err != nil || id != "" {
		return catalogue, id, err
	}
	err = pgx.BeginFunc(ctx, conn, func(tx pgx.Tx) error {
		if _, err := tx.Exec(ctx, lockEpoch); err != nil {
			return err
		}
		var named, first bool
		if err := tx.QueryRow(ctx, "select "+inEpochSQL+", exists (select from pageladder.epoch where epoch = "+epochSQL+"), not exists (select from pageladder.epoch)").Scan(&id, &named, &first); err != nil || id != "" {
			return err
		}
		id, err = begin(ctx, tx, !named && !first, false)
		return err
	})
	return catalogue, id, err
}

// lockEpoch has epochs begin one at a time.
const lockEpoch = "lock table pageladder.epoch in share row exclusive mode"

// inEpochSQL is the id of the epoch, if it has begun, by programs that give it an id too; else ”.
const inEpochSQL = `coalesce((select e.id from (select id, server from pageladder.epochs order by number desc limit 1) e
	where e.server = ` + epochSQL + ` and exists (select from pageladder.epoch where epoch = ` + epochSQL + `)), '')`

// begin begins an epoch, and gives its id. With jumps, versions go on from where none has been given out, and so do the numbers of
// states of followed tables.
func begin(ctx context.Context, tx pgx.Tx, jumps, accepted bool) (string, error) {
	id, by := rand.Text(), mathrand.Int64N(spread)
	beyond := "((%s >> 32) + 1 << 32) + " + strconv.FormatInt(by, 10)
	statements := []string{
		"insert into pageladder.epochs (id, server, accepted, versions, new_after) values ($1, " + epochSQL + ", $2, " + versionsSQL + `,
			case when $3 then ` + fmt.Sprintf(beyond, `coalesce(greatest((select max(version) from pageladder.record_set where source = ''),
				(select max(version) from pageladder.removed_set), (select max(new_after) from pageladder.epochs)), 0)`) + " else 0 end)",
		"insert into pageladder.epoch (epoch) values (" + epochSQL + ") on conflict (one) do update set epoch = excluded.epoch",
	}
	if jumps {
		statements = append(statements,
			"update pageladder.record_set set version = "+fmt.Sprintf(beyond, "version")+" where source = ''",
			"update pageladder.removed_set set version = "+fmt.Sprintf(beyond, "version"),
			"update pageladder.change_log l set floor = r.version from pageladder.record_set r where r.record_table = l.record_table and r.source = ''",
			"select setval('pageladder.mark_number', "+fmt.Sprintf(beyond, "last_value")+") from pageladder.mark_number")
	}
	for i, sql := range statements {
		var args []any
		if i == 0 {
			args = []any{id, accepted, jumps}
		}
		if _, err := tx.Exec(ctx, sql, args...); err != nil {
			return "", err
		}
	}
	return id, nil
}
