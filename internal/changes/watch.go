package changes

import (
	"context"
	"fmt"
	"slices"
	"strconv"
	"strings"

	"github.com/jackc/pgx/v5"
)

// This file writes the stamps of followed tables: what statements report about a table and its
// log.

// followed is the SQL of the name of a followed table's log, with its triggers and the table as
// they are. Whatever no trigger notices (partitions attached or detached, a rewritten table, a
// column, a trigger or row-level security switched off and on) changes the name, and no name comes
// twice.
func (l *Log) followed() string {
	table, log := "to_regclass("+literal(l.of)+")", "to_regclass("+literal(l.Table())+")"
	is, function := " = "+table, "to_regprocedure("+literal(l.Table()+"()")+")"
	if l.other.Edition != Latest {
		function = "to_regproc(" + literal(l.Table()) + ")"
	}
	if l.other.Parts {
		is = " = any(array(select relid from pg_partition_tree(" + table + ")))"
	}
	return fmt.Sprintf(`(select concat_ws(' ', extract(epoch from pg_postmaster_start_time()), pg_is_in_recovery()::int,
	(select string_agg(concat_ws(':', c.oid, c.xmin, c.relfilenode, c.relrowsecurity, c.relpersistence), ',' order by c.oid) from pg_class c where c.oid%[1]s),
	(select concat(count(*), ':', sum(a.xmin::text::bigint)) from pg_attribute a where a.attrelid%[1]s and a.attnum > 0),
	(select concat(count(*), ':', sum(t.xmin::text::bigint)) from pg_trigger t where t.tgrelid%[1]s),
	(select count(*) from pg_subscription_rel s where s.srrelid%[1]s),
	(select concat_ws(':', c.oid, c.relfilenode) from pg_class c where c.oid = %[2]s),
	(select concat_ws(':', p.oid, p.xmin) from pg_proc p where p.oid = %[3]s),
	(select f.epoch from %[4]s.followed f where f.log = %[5]s), (select concat(f.last_value, f.is_called) from %[4]s.failed f)))`, is, log, function, LogSchema, literal(l.Name))
}

// Type is the type of a field of a followed table, with its collation, as SQL declares it.
func (l *Log) Type(field string) string { return l.field(field).Type }

func (l *Log) field(name string) Field {
	return l.other.Fields[slices.IndexFunc(l.other.Fields, func(f Field) bool { return f.Name == name })]
}

// broken is the SQL condition that a change could not be logged. From the first one on others may be
// missing without a trace, until the log begins anew.
func (l *Log) broken() string {
	return fmt.Sprintf("exists (select from %s l where l.%s = %d)", l.Table(), Side, lost)
}

// MarkIn is the mark of a followed table in the snapshot of a transaction. It has no log if that could
// not be written.
func (l *Log) MarkIn(ctx context.Context, tx Querier) (Mark, error) {
	var text, started, named string
	var standby bool
	if err := tx.QueryRow(ctx, "select pg_current_snapshot()::text, pg_postmaster_start_time()::text, pg_is_in_recovery(), case when not "+l.broken()+" then "+l.named()+" else '' end").Scan(&text, &started, &standby, &named); err != nil {
		return Mark{}, err
	}
	saw, err := readSnapshot(text)
	if err != nil {
		return Mark{}, err
	}
	saw.Started = started
	if saw.Standby = standby; standby {
		rows, err := tx.Query(ctx, "select distinct "+Xid+"::text from "+l.Table()+" where "+Xid+" >= $1::text::xid8", decimal(saw.Xmin))
		if err != nil {
			return Mark{}, err
		}
		ids, err := pgx.CollectRows(rows, pgx.RowTo[string])
		if err != nil {
			return Mark{}, err
		}
		if len(ids) > 0 {
			if saw.Listed, err = numbersOf(strings.Join(ids, ",")); err != nil {
				return Mark{}, err
			}
			slices.Sort(saw.Listed)
		}
	}
	return Mark{Log: named, Saw: saw}, nil
}

// newLimit limits the new transactions that a standby reports.
const newLimit = 500

// StampArgs is the number of arguments of a Stamp.
const StampArgs = 4

// Stamp is the SQL of a statement's stamp, as a text. It is compared with a mark, whose arguments
// are numbered from first. It is short if the snapshot is the mark's own; otherwise a function of
// the log makes it: as a part of each statement it would cost as much as the page. In front stands
// the transaction that the log reaches back to, since what was pruned is missing from what is new;
// nothing, if the log could not be written.
func (l *Log) Stamp(first int) string {
	return fmt.Sprintf("case when pg_current_snapshot()::text = $%d::text and pg_postmaster_start_time() = $%d::text::timestamptz then '%s' else concat((select f.floor from %s.followed f where f.log = %s and not %s), '|', %s($%d::text::xid8, $%d::text[]::xid8[])) end",
		first+2, first+3, same, LogSchema, literal(l.Name), l.broken(), l.stampFunction(), first, first+1)
}

// stampFunction is the name of the function that makes a stamp.
func (l *Log) stampFunction() string { return quote(l.Schema) + "." + quote(l.Name+" tells") }

// stampSource is the source of that function. It lists which transactions the log has, from since
// on and among others. On a primary one is enough, since nobody asks for more; the stamp then
// leaves out the name of the log, which is checked by whoever updates what is known.
func (l *Log) stampSource() string {
	options := "\n#variable_conflict use_variable" // a field may have the name of an argument
	if l.other.Edition != Latest {
		options = ""
	}
	return options + fmt.Sprintf(`
declare
  new text;
begin
  if not pg_is_in_recovery() then
    new := concat_ws(',', (select l.%[2]s from %[3]s l where l.%[2]s >= since order by l.%[2]s limit 1),
      (select o.xid from unnest(others) o (xid) where exists (select from %[3]s l where l.%[2]s = o.xid) limit 1));
    if new <> '' then
      return concat_ws('|', pg_current_snapshot(), '', new);
    end if;
  end if;
  return concat_ws('|', pg_current_snapshot(), %[1]s,
    case when pg_is_in_recovery() then
      (with recursive new (xid, n) as (
        (select l.%[2]s, 1 from %[3]s l where l.%[2]s >= since order by l.%[2]s limit 1)
        union all select (select l.%[2]s from %[3]s l where l.%[2]s > new.xid order by l.%[2]s limit 1), new.n + 1 from new where new.xid is not null and new.n <= %[4]d
      ) select coalesce(string_agg(new.xid::text, ','), '') from new)
    else ''
    end);
end `, l.named(), Xid, l.Table(), newLimit)
}

// same is the stamp of a snapshot that is the one it was compared with.
const same = "="

// AgainstMark are the arguments of a Stamp for a mark, with a condition that is always true and
// uses them.
func AgainstMark(m *Snapshot, first int) (sql string, args []any) {
	from, others := m.since()
	text := m.text()
	if m.Standby { // where transactions in progress are not listed, two snapshots that look the same may differ
		others, text = nil, ""
	}
	return fmt.Sprintf("$%d::text is not null and $%d::text[] is not null and $%d::text is not null and $%d::text is not null", first, first+1, first+2, first+3),
		[]any{decimal(from), decimals(others), text, m.Started}
}

// text is the snapshot as PostgreSQL writes it. It is not for standbys, where PostgreSQL lists no
// transactions in progress.
func (s *Snapshot) text() string {
	return decimal(s.Xmin) + ":" + decimal(s.Xmax) + ":" + strings.Join(decimals(s.Listed), ",")
}

// Stamp is what a statement reported about its snapshot.
type Stamp struct {
	Log string // see State.Log; "" if it was left out, since there are new changes
	Saw *Snapshot
	New bool   // it sees changes that the mark does not, or they may have been pruned
	Gap string // why new changes cannot be read; "" if they can
}

// ReadStamp reads a stamp that was compared with a mark; nil if the snapshot is the mark's own.
func ReadStamp(text string, against *Snapshot) (*Stamp, error) {
	if text == same {
		return nil, nil
	}
	parts := strings.SplitN(text, "|", 4)
	if len(parts) < 4 {
		return nil, fmt.Errorf("changes: no stamp: found %.100q", text)
	}
	saw, err := readSnapshot(parts[1])
	if err != nil {
		return nil, err
	}
	s := &Stamp{Log: parts[2], Saw: saw}
	saw.Standby, saw.Started = against.Standby, against.Started // otherwise the log would have another name
	var ids []uint64
	if parts[3] != "" {
		if ids, err = numbersOf(parts[3]); err != nil {
			return nil, err
		}
	}
	if len(ids) > newLimit {
		s.Gap = fmt.Sprintf("more than %d transactions have changed the table", newLimit)
	}
	s.New = slices.ContainsFunc(ids, func(id uint64) bool { return !against.Sees(id) })
	if s.Log == "" && (against.Standby || !s.New) { // a primary leaves it out only if there are new changes
		s.Gap = "the server is another one than before"
	}
	switch floor, err := strconv.ParseUint(parts[0], 10, 64); {
	case err != nil:
		s.Gap = Lost
	case floor > against.all():
		s.New = true // or it may be: whoever reads the log finds what it lacks
	}
	if saw.Standby {
		saw.Listed = slices.DeleteFunc(ids, func(id uint64) bool { return id < saw.Xmin })
		slices.Sort(saw.Listed)
	}
	return s, nil
}

// readSnapshot reads a pg_snapshot: xmin:xmax:transactions in progress.
func readSnapshot(text string) (*Snapshot, error) {
	parts := strings.Split(text, ":")
	if len(parts) != 3 {
		return nil, fmt.Errorf("changes: no snapshot: found %.100q", text)
	}
	ends, err := numbersOf(parts[0] + "," + parts[1])
	if err != nil {
		return nil, err
	}
	s := &Snapshot{Xmin: ends[0], Xmax: ends[1]}
	if parts[2] != "" {
		s.Listed, err = numbersOf(parts[2])
	}
	return s, err
}

func numbersOf(text string) ([]uint64, error) {
	parts := strings.Split(text, ",")
	all := make([]uint64, len(parts))
	for i, part := range parts {
		var err error
		if all[i], err = strconv.ParseUint(part, 10, 64); err != nil {
			return nil, fmt.Errorf("changes: no transaction: found %.100q", part)
		}
	}
	return all, nil
}

func decimal(n uint64) string { return strconv.FormatUint(n, 10) }

func decimals(all []uint64) []string {
	texts := make([]string, len(all))
	for i, n := range all {
		texts[i] = decimal(n)
	}
	return texts
}

// seen is the SQL condition of a window between two snapshots, given the column with the
// transaction: new since the one, and not new since the other. It has five arguments, the last one
// for reaches.
func (s *Window) seen(column string, first int) (sql string, args []any) {
	after, began := s.After.Saw.New(column, first)
	until, ended := s.Until.Saw.New(column, first+2)
	return fmt.Sprintf("(%s and not %s and $%d::text is not null)", after, until, first+4), append(append(began, ended...), decimal(s.After.Saw.all()))
}

// reaches is the SQL condition that a log still has everything that a mark did not see; its
// arguments are numbered from first.
func (l *Log) reaches(first int) string {
	return fmt.Sprintf("coalesce((select f.floor <= $%d::text::xid8 from %s.followed f where f.log = %s), false)", first+4, LogSchema, literal(l.Name))
}
