package changes

import (
	"context"
	"fmt"
	"slices"
	"strconv"
	"strings"

	"github.com/jackc/pgx/v5"
)

// This file knows what statements tell of a followed table and its log.

// followed is the SQL of what names the log of a followed table, its triggers and the table as
// they are: what no trigger sees of a table (partitions that come and go, a rewritten table, a
// column, a trigger or row-level security that is switched off and on) gives another name, and none
// ever comes again.
func (l *Log) followed() string {
	table, log := "to_regclass("+literal(l.of)+")", "to_regclass("+literal(l.Table())+")"
	is := " = " + table
	if l.other.Parts {
		is = " = any(array(select relid from pg_partition_tree(" + table + ")))"
	}
	return fmt.Sprintf(`(select concat_ws(' ', extract(epoch from pg_postmaster_start_time()), pg_is_in_recovery()::int,
	(select string_agg(concat_ws(':', c.oid, c.xmin, c.relfilenode, c.relrowsecurity, c.relpersistence), ',' order by c.oid) from pg_class c where c.oid%[1]s),
	(select concat(count(*), ':', sum(a.xmin::text::bigint)) from pg_attribute a where a.attrelid%[1]s and a.attnum > 0),
	(select concat(count(*), ':', sum(t.xmin::text::bigint)) from pg_trigger t where t.tgrelid%[1]s),
	(select count(*) from pg_subscription_rel s where s.srrelid%[1]s),
	(select concat_ws(':', c.oid, c.relfilenode) from pg_class c where c.oid = %[2]s),
	(select concat_ws(':', p.oid, p.xmin) from pg_proc p where p.oid = to_regproc(%[3]s)),
	(select f.epoch from %[4]s.followed f where f.log = %[5]s), (select concat(f.last_value, f.is_called) from %[4]s.failed f)))`, is, log, literal(l.Table()), LogSchema, literal(l.Name))
}

// Type is the type of a field of a followed table, with its collation, as it is declared.
func (l *Log) Type(field string) string {
	i := slices.IndexFunc(l.other.Fields, func(f Field) bool { return f.Name == field })
	return l.other.Fields[i].Type
}

// MarkIn is the mark of a followed table in a snapshot that is kept for a transaction.
func (l *Log) MarkIn(ctx context.Context, tx Querier) (Mark, error) {
	var text, started, named string
	var standby bool
	if err := tx.QueryRow(ctx, "select pg_current_snapshot()::text, pg_postmaster_start_time()::text, pg_is_in_recovery(), "+l.named()).Scan(&text, &started, &standby, &named); err != nil {
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

// mostNew is how many transactions that are new a standby tells.
const mostNew = 500

// StampArgs is how many arguments a Stamp has.
const StampArgs = 4

// Stamp is the SQL of what a statement tells of its own snapshot: a Stamp, as a text, against
// a mark whose arguments are from a number on. It is short where the snapshot is the one of the
// mark, and else told by a function of the log's: as a part of each statement it would cost as
// much as the page.
func (l *Log) Stamp(first int) string {
	return fmt.Sprintf("case when pg_current_snapshot()::text = $%d::text and pg_postmaster_start_time() = $%d::text::timestamptz then '%s' else %s($%d::text::xid8, $%d::text[]::xid8[]) end",
		first+2, first+3, same, l.teller(), first, first+1)
}

// teller is the name of the function that tells a stamp.
func (l *Log) teller() string { return quote(l.Schema) + "." + quote(l.Name+" tells") }

// tells is the source of that function: from a transaction on, and of some others, it tells
// those that the log has; on a primary one of them, since more are not asked for. It then leaves out
// what the log is, which is told by whoever brings on what is known.
func (l *Log) tells() string {
	return fmt.Sprintf(`
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
end `, l.named(), Xid, l.Table(), mostNew)
}

// same is what a stamp is where the snapshot is the one that it was asked against.
const same = "="

// AgainstMark are the arguments of a Stamp against a mark, as a condition that is always true
// and names them.
func AgainstMark(m *Snapshot, first int) (sql string, args []any) {
	from, others := m.since()
	text := m.text()
	if m.Standby { // where PostgreSQL lists none in progress, two that look the same may differ
		others, text = nil, ""
	}
	return fmt.Sprintf("$%d::text is not null and $%d::text[] is not null and $%d::text is not null and $%d::text is not null", first, first+1, first+2, first+3),
		[]any{decimal(from), decimals(others), text, m.Started}
}

// text is the snapshot as PostgreSQL writes it, but on a standby.
func (s *Snapshot) text() string {
	return decimal(s.Xmin) + ":" + decimal(s.Xmax) + ":" + strings.Join(decimals(s.Listed), ",")
}

// Stamp is what a statement told of its snapshot.
type Stamp struct {
	Log string // see State.Log; "" where it was not looked at, since there is something new
	Saw *Snapshot
	New bool   // it sees changes that the mark it was asked against does not
	Gap string // why what is new cannot be told; "" where it can
}

// ReadStamp reads a stamp that was asked for against a mark; nil where the snapshot is that
// of the mark.
func ReadStamp(text string, against *Snapshot) (*Stamp, error) {
	if text == same {
		return nil, nil
	}
	parts := strings.SplitN(text, "|", 3)
	if len(parts) < 3 {
		return nil, fmt.Errorf("changes: no stamp: found %.100q", text)
	}
	saw, err := readSnapshot(parts[0])
	if err != nil {
		return nil, err
	}
	s := &Stamp{Log: parts[1], Saw: saw}
	saw.Standby, saw.Started = against.Standby, against.Started // else the log has another name
	var ids []uint64
	if parts[2] != "" {
		if ids, err = numbersOf(parts[2]); err != nil {
			return nil, err
		}
	}
	if len(ids) > mostNew {
		s.Gap = fmt.Sprintf("more than %d transactions have changed the table", mostNew)
	}
	s.New = slices.ContainsFunc(ids, func(id uint64) bool { return !against.Sees(id) })
	if s.Log == "" && (against.Standby || !s.New) { // a primary left it out, by what a standby's mark asked
		s.Gap = "the server is another one than before"
	}
	if saw.Standby {
		saw.Listed = slices.DeleteFunc(ids, func(id uint64) bool { return id < saw.Xmin })
		slices.Sort(saw.Listed)
	}
	return s, nil
}

// readSnapshot reads a pg_snapshot: xmin:xmax:ids in progress.
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

// seen is a stretch between two snapshots, in a column of transactions: new since the one, and not
// since the other. Its arguments are five, the last for reaches.
func (s *Stretch) seen(column string, first int) (sql string, args []any) {
	after, began := s.After.Saw.New(column, first)
	until, ended := s.Until.Saw.New(column, first+2)
	return fmt.Sprintf("(%s and not %s and $%d::text is not null)", after, until, first+4), append(append(began, ended...), decimal(s.After.Saw.all()))
}

// reaches is the SQL of whether a log still has all that a mark did not see, whose arguments
// are from a number on.
func (l *Log) reaches(first int) string {
	return fmt.Sprintf("coalesce((select f.floor <= $%d::text::xid8 from %s.followed f where f.log = %s), false)", first+4, LogSchema, literal(l.Name))
}
