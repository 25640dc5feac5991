package changes

import (
	"context"
	"fmt"
	"time"

	"github.com/jackc/pgx/v5"
)

// Bounds of a log: what is older is pruned, and nothing known at an older mark is brought
// on by it.
const (
	Longest = time.Hour
	Most    = 100_000 // changes
)

// State is what one snapshot tells of a kept set, and of its log since a version.
type State struct {
	Version, Records int64
	Defined          int64  // the version at which it was last defined
	Catalogue        uint32 // the catalogue's table: another one after a restore
	ChangedAt        time.Time
	// Log names the log, its triggers and the table as they are; "" where the table has no
	// log that works. Under another one nothing is brought on.
	Log string
	// Gap tells why the log does not tell all changes since the version; "" where it does.
	Gap string
	// Cut is the last version since then that changed a text too long to be logged; 0: none.
	Cut int64
}

// stateSQL asks for a State. A log tells all changes since a version where it has each
// version from there on.
func stateSQL(table string, log *Log) string {
	const set = `select v.version, v.records, v.defined, v.tableoid, v.changed_at, %s from pageladder.record_set v%s where v.name = $1`
	if log == nil {
		return fmt.Sprintf(set, "'', true, true, 0::bigint", "")
	}
	records := "to_regclass(" + literal(quote(Schema)+"."+quote(table)) + ")"
	return fmt.Sprintf(set, `coalesce((select string_agg(concat_ws(':', t.oid, t.xmin, t.tgfoid, p.xmin), ' ' order by t.oid) from pg_trigger t join pg_proc p on p.oid = t.tgfoid
	where t.tgrelid = `+records+` and t.tgname like 'pageladder\_log\_%' having count(*) = 4 and bool_and(t.tgenabled = 'A')) ||
	(select string_agg(concat_ws(':', c.oid, c.relfilenode), ' ' order by c.oid) from pg_class c where c.oid in (`+records+", to_regclass("+literal(log.Table())+`))), ''), c.few, c.whole, c.cut`,
		` left join lateral (select count(*) <= `+fmt.Sprint(Most)+` as few, count(distinct version) = v.version - $2 and coalesce(bool_and(told), true) as whole, coalesce(max(version) filter (where cut), 0) as cut
	from (select `+Version+` as version, `+Told+` as told, `+Cut+` as cut from `+log.Table()+` where `+Version+` > $2 and `+Version+` <= v.version limit `+fmt.Sprint(Most+1)+`) l) c on true`)
}

// StateOf asks for the state of a set whose records are in a table, and of the table's
// log, if it has one, since a version. The error is pgx.ErrNoRows where there is no set.
func StateOf(ctx context.Context, db interface {
	QueryRow(ctx context.Context, sql string, args ...any) pgx.Row
}, set, table string, log *Log, since int64) (State, error) {
	args := []any{set}
	if log != nil {
		args = append(args, since)
	}
	var s State
	var few, whole bool
	err := db.QueryRow(ctx, stateSQL(table, log), args...).Scan(&s.Version, &s.Records, &s.Defined, &s.Catalogue, &s.ChangedAt, &s.Log, &few, &whole, &s.Cut)
	switch {
	case err != nil:
	case s.Log == "":
		s.Gap = "the table has no change log that works"
	case s.Version < since:
		s.Gap = fmt.Sprintf("version %d is before %d, which was known", s.Version, since)
	case !few:
		s.Gap = fmt.Sprintf("more has changed than %d images", Most)
	case !whole:
		s.Gap = fmt.Sprintf("the change log does not tell all of versions %d to %d", since+1, s.Version)
	}
	return s, err
}

// Epoch names the life of a database: another after a restart, a restore of the whole
// cluster or a promotion. What is known from one life is not brought on in another.
func Epoch(ctx context.Context, conn *pgx.Conn) (epoch string, err error) {
	// On a standby the timeline is that of its last restart point.
	err = conn.QueryRow(ctx, `select concat_ws(' ', (select system_identifier from pg_control_system()),
		case when pg_is_in_recovery() then 'standby ' || (select timeline_id from pg_control_checkpoint()) else left(pg_walfile_name(pg_current_wal_lsn()), 8) end,
		(select oid from pg_database where datname = current_database()), pg_postmaster_start_time())`).Scan(&epoch)
	return epoch, err
}

// Prune lets go of what a log need not tell any more: what is older than Longest, and all
// but the last Most images. It notes the version that the set has now, by which it knows
// the age of others. One service does it at a time; others leave it alone.
func Prune(ctx context.Context, tx pgx.Tx, set, table string, log *Log) error {
	var mine bool
	if err := tx.QueryRow(ctx, "select pg_try_advisory_xact_lock(hashtext('pageladder.change_log'), hashtext($1))", table).Scan(&mine); err != nil || !mine {
		return err
	}
	if _, err := tx.Exec(ctx, "insert into pageladder.change_seen (record_table, version) select $1, version from pageladder.record_set where name = $2 on conflict do nothing", table, set); err != nil {
		return err
	}
	var floor int64
	err := tx.QueryRow(ctx, `select greatest((select floor from pageladder.change_log where record_table = $1),
		(select max(version) from pageladder.change_seen where record_table = $1 and at < now() - $2::interval),
		(select `+Version+` from `+log.Table()+` order by `+Version+` desc offset $3 limit 1), 0)`, table, Longest, Most).Scan(&floor)
	if err != nil {
		return err
	}
	if _, err := tx.Exec(ctx, "delete from "+log.Table()+" where "+Version+" <= $1", floor); err != nil {
		return err
	}
	if _, err := tx.Exec(ctx, "delete from pageladder.change_seen where record_table = $1 and version < $2", table, floor); err != nil {
		return err
	}
	_, err = tx.Exec(ctx, "update pageladder.change_log set floor = $2 where record_table = $1 and floor < $2", table, floor)
	return err
}
