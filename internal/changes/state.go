package changes

import (
	"context"
	"fmt"
	"strconv"
	"strings"
	"time"

	"github.com/jackc/pgx/v5"
)

// Bounds of a log. What is older is pruned, and what is known at an older mark cannot be updated.
const (
	Longest = time.Hour
	Limit   = 100_000 // changes
)

// State is what one snapshot shows of a kept set.
type State struct {
	Version, Records int64
	Defined          int64  // the version at which it was last defined
	Catalogue        uint32 // OID of the catalogue's table: another one after a restore
	// Log names the log, its triggers and the table as they are; "" if the table has no log that
	// works. By a log of another name nothing is updated.
	Log string
}

// StateOf asks for the state of a set and of its log, if it has one. The error is pgx.ErrNoRows if
// there is no such set.
func StateOf(ctx context.Context, db interface {
	QueryRow(ctx context.Context, sql string, args ...any) pgx.Row
}, set string, log *Log) (s State, err error) {
	named := "''"
	if log != nil {
		named = log.named()
	}
	err = db.QueryRow(ctx, "select version, records, defined, tableoid, "+named+" from pageladder.record_set where name = $1", set).Scan(&s.Version, &s.Records, &s.Defined, &s.Catalogue, &s.Log)
	return s, err
}

// named is the SQL of the name of a log with its triggers and its table as they are; ” if the log
// does not work.
func (l *Log) named() string {
	if l.other != nil {
		return l.followed()
	}
	records := "to_regclass(" + literal(l.of) + ")"
	return `coalesce((select string_agg(concat_ws(':', t.oid, t.xmin, t.tgfoid, p.xmin), ' ' order by t.oid) from pg_trigger t join pg_proc p on p.oid = t.tgfoid
	where t.tgrelid = ` + records + ` and t.tgname like 'pageladder\_log\_%' having count(*) = 4 and bool_and(t.tgenabled = 'A')) ||
	(select string_agg(concat_ws(':', c.oid, c.relfilenode), ' ' order by c.oid) from pg_class c where c.oid in (` + records + ", to_regclass(" + literal(l.Table()) + `))), '')`
}

// Window is what changed after one mark and until another.
type Window struct{ After, Until Mark }

// Condition is the SQL condition of a window in a log with the given alias, and its arguments,
// numbered from first.
func (s *Window) Condition(alias string, first int) (sql string, args []any) {
	if s.Until.Saw != nil {
		return s.seen(alias+"."+Xid, first)
	}
	version := alias + "." + Version
	return fmt.Sprintf("%s > $%d::bigint and %s <= $%d::bigint", version, first, version, first+1), []any{s.After.Version, s.Until.Version}
}

// Since is the SQL condition of what changed after a mark, in a log with the given alias, and its
// arguments, numbered from first.
func Since(m Mark, alias string, first int) (sql string, args []any) {
	if m.Saw != nil {
		return m.Saw.New(alias+"."+Xid, first)
	}
	return fmt.Sprintf("%s.%s > $%d::bigint", alias, Version, first), []any{m.Version}
}

// Proved is a statement on the log with a Proof of a window in front of each of its rows; if it
// has no rows, in one row by itself. The arguments of the window are numbered from first; texts
// are the fields whose texts may be cut. Everything is read in one snapshot. Within the statement
// Intact says whether the log has the whole window; if not, the statement need not read on.
func (l *Log) Proved(s *Window, first int, texts []string, statement, columns string) string {
	within, _ := s.Condition("l", first)
	whole, version := fmt.Sprintf("count(distinct version) = $%d::bigint - $%d::bigint", first+1, first), Version
	if l.other != nil {
		whole, version = l.reaches(first), Xid
	}
	return fmt.Sprintf(`select p.proof, i.* from (select p.few and p.whole as whole, concat(p.few::int, p.whole::int, p.cut::int, p.images, ' ', %[1]s) as proof
	from (select count(*) <= %[2]d as few, count(*) filter (where image) as images, %[3]s and coalesce(bool_and(told), true) as whole, coalesce(bool_or(cut), false) as cut
	from (select %[4]s as version, %[5]s as told, %[6]s as cut, %[11]s as image from %[7]s l where %[8]s limit %[2]d + 1) l) p) p
	left join lateral (%[9]s) as i (%[10]s) on true`, l.named(), Limit, whole, version, Logged, l.CutIn("l", texts), l.Table(), within, statement, columns, fmt.Sprintf("%s in (%d, %d)", Side, Before, After))
}

// Intact is the SQL condition that a log has a whole window, within a statement that is Proved.
const Intact = "p.whole"

// Proof is what a statement reports about the log that it read.
type Proof struct {
	Log    string // see State.Log
	Images int64  // records before and after, of all changes in the window
	Cut    bool   // a text of these fields that is too long to be logged changed in the window
	Gap    string // why the log does not have all changes of the window; "" if it has
}

// Lost is the Gap of a log that lacks changes.
const Lost = "the change log reaches back to later versions, or was cut"

// ReadProof reads a proof.
func ReadProof(text string) (p Proof) {
	if len(text) < 3 {
		return Proof{Gap: "the change log has no proof"}
	}
	images, name, _ := strings.Cut(text[3:], " ")
	p.Log, p.Cut = name, text[2] == '1'
	p.Images, _ = strconv.ParseInt(images, 10, 64)
	switch {
	case p.Log == "":
		p.Gap = "the table has no change log that works"
	case text[0] == '0':
		p.Gap = fmt.Sprintf("more has changed than %d images", Limit)
	case text[1] == '0':
		p.Gap = Lost
	}
	return p
}

// Empty deletes a set's whole log: nothing that is known is updated past this moment, and no list
// can be held at an earlier version.
func Empty(ctx context.Context, tx pgx.Tx, set, table string, log *Log) error {
	if _, err := tx.Exec(ctx, "delete from "+log.Table()); err != nil {
		return err
	}
	_, err := tx.Exec(ctx, "update pageladder.change_log set floor = (select version from pageladder.record_set where name = $2) where record_table = $1", table, set)
	return err
}

// Prune deletes what a log need not have any more: what is older than Longest, and all but the
// latest Most changes. It also notes the set's current version, to know the age of later ones. One
// service prunes at a time; others skip it.
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
		(select `+Version+` from `+log.Table()+` order by `+Version+` desc offset $3 limit 1), 0)`, table, Longest, Limit).Scan(&floor)
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

// Origin is the SQL of what names the change that a row of the log is of, as a number: the version
// of it or, of a followed table, its transaction.
func (l *Log) Origin(alias string) string {
	if l.other != nil {
		return alias + "." + Xid + "::text::bigint"
	}
	return alias + "." + Version
}
