package changes

import (
	"context"
	"crypto/rand"
	mathrand "math/rand/v2"

	"github.com/jackc/pgx/v5"
)

// Versions jump after a restore or a promotion: to the next multiple of 2³², and on by a random number below 2³¹. The
// database may have given out versions since the backup that it does not know of: at a thousand changes a second, 2³² are
// those of seven weeks. Two servers that were promoted from one state begin at different places: that n changes on each
// give one version twice has a probability of n in 2³⁰.
const (
	beyond = 32 // bits
	spread = 1 << 31
)

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
// of the catalogue's table; 0: nothing could be done.
func BeginEpoch(ctx context.Context, conn *pgx.Conn) (catalogue uint32, err error) {
	if _, err := conn.Exec(ctx, "select set_config('synchronous_commit', 'local', false) where current_setting('synchronous_commit') = 'off'"); err != nil {
		return 0, err
	}
	var idle bool
	if err := conn.QueryRow(ctx, "select pg_is_in_recovery() or to_regclass('pageladder.epochs') is null").Scan(&idle); err != nil || idle {
		return 0, err
	}
	var known bool
	if err := conn.QueryRow(ctx, "select 'pageladder.record_set'::regclass::oid, "+inEpochSQL).Scan(&catalogue, &known); err != nil || known {
		return catalogue, err
	}
	return catalogue, pgx.BeginFunc(ctx, conn, func(tx pgx.Tx) error {
		if _, err := tx.Exec(ctx, "lock table pageladder.epoch in share row exclusive mode"); err != nil { // one at a time
			return err
		}
		var named, first bool
		if err := tx.QueryRow(ctx, "select "+inEpochSQL+", exists (select from pageladder.epoch where epoch = "+epochSQL+"), not exists (select from pageladder.epoch)").Scan(&known, &named, &first); err != nil || known {
			return err
		}
		if _, err := tx.Exec(ctx, `insert into pageladder.epochs (id, server, versions)
			values ($1, `+epochSQL+`, coalesce((select jsonb_object_agg(name, version) from pageladder.record_set where source = ''), '{}'))`, rand.Text()); err != nil || named {
			return err
		}
		if !first {
			if err := jump(ctx, tx); err != nil {
				return err
			}
		}
		_, err := tx.Exec(ctx, "insert into pageladder.epoch (epoch) values ("+epochSQL+") on conflict (one) do update set epoch = excluded.epoch")
		return err
	})
}

// inEpochSQL is whether the epoch has begun, by programs that give it an id too.
const inEpochSQL = `(exists (select from pageladder.epoch where epoch = ` + epochSQL + `) and
	exists (select from (select server from pageladder.epochs order by number desc limit 1) e where e.server = ` + epochSQL + `))`

// jump has versions, and the numbers of states of followed tables, go on from where none has been given out.
func jump(ctx context.Context, tx pgx.Tx) error {
	by := mathrand.Int64N(spread)
	for _, sql := range []string{
		"update pageladder.record_set set version = (((version >> $1) + 1) << $1) + $2 where source = ''",
		"select setval('pageladder.mark_number', (((last_value >> $1) + 1) << $1) + $2) from pageladder.mark_number",
	} {
		if _, err := tx.Exec(ctx, sql, beyond, by); err != nil {
			return err
		}
	}
	_, err := tx.Exec(ctx, "update pageladder.change_log l set floor = r.version from pageladder.record_set r where r.record_table = l.record_table and r.source = ''")
	return err
}
