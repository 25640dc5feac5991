// Package changes keeps the change logs of record sets: for each change of a record, the record
// before and after it. Triggers write them in the transaction of the change, so that a log has
// everything that is committed, and nothing else.
package changes

import (
	"context"
	"crypto/md5"
	"encoding/hex"
	"fmt"
	"slices"
	"strconv"
	"strings"

	"github.com/jackc/pgx/v5"

	"pageladder.example/paging/statement"
)

// Field is a field that is logged.
type Field struct {
	Name string
	Type string // as a column is declared, with its collation
	Long bool   // values may be long: texts, arrays, JSON
	// Foreign means that the type or its collation is the owner's or an extension's. The log then has
	// the values as texts of its own: a column of that type would keep the owner from dropping it.
	Foreign bool
	// Settings means that such a text depends on settings of the session that writes it.
	Settings bool
}

// column is the name of the field's column in a log. A log's own columns begin with "pl.".
func (f Field) column() string { return quote(Column(f.Name)) }

// logged is the type of the field's column in a log, as SQL declares it.
func (f Field) logged() string {
	if f.Foreign {
		return "text"
	}
	return f.Type
}

// image is the SQL of the field's value as it is logged, in a row with the given alias.
func (f Field) image(alias string) string {
	value := alias + "." + quote(f.Name)
	if f.Foreign {
		value += "::text"
	}
	return value
}

// Column is the name of a field's column in a log: its own name, unless that may be one of the
// log's own columns.
func Column(field string) string {
	if !strings.HasPrefix(field, ownPrefix) {
		return field
	}
	if name := ownPrefix + field; len(name) < longestIdentifier {
		return name
	}
	sum := md5.Sum([]byte(field))
	return ownPrefix + ownPrefix + hex.EncodeToString(sum[:])
}

const (
	ownPrefix         = "pl."
	longestIdentifier = 63 // bytes, in PostgreSQL
)

// Table is a table of records that has a log.
type Table struct {
	Set    string // the set's name
	Name   string // in Schema
	Fields []Field
}

// Schema is where tables and logs are.
const Schema = "pageladder"

// Log is the log of a table.
type Log struct {
	Schema string
	Name   string // of its table
	Fields []string

	of    string    // the table of records, as SQL
	other *Followed // nil for a kept set's log
	lacks bool      // see Lacks
}

// The columns of a log besides the fields. No field has these names.
const (
	// Version is the version of the set after the change.
	Version = `"pl.version"`
	// Side is the kind of row: see Before, After.
	Side = `"pl.side"`
	// Logged is the condition of a row whose change could be logged.
	Logged = Side + " <> 2"
	// Cut is true if a text of the row was too long to be logged, and is missing.
	Cut = `"pl.cut"`
	// Lacks names the fields of such texts; it is NULL if there are none.
	Lacks = `"pl.lacks"`

	number = `"pl.n"`
)

// Sides.
const (
	Before = -1 // the record before the change
	After  = 1  // the record after it
	none   = 0  // a version that changed no record
	lost   = 2  // a version whose changes could not be logged
)

// longest is the longest value that is logged, in bytes as stored. Longer ones would slow their
// writer down too much: changing an integer next to a text of 256 kB took 400 times as long.
const longest = 8_000

func quote(name string) string { return statement.PostgreSQL.Quote(name) }

// literal writes a text so that it means the same whatever standard_conforming_strings is: in the
// session of a writer, whose triggers run with the owner's rights, it may be off.
func literal(text string) string {
	quoted := "'" + strings.ReplaceAll(text, "'", "''") + "'"
	if strings.Contains(text, `\`) {
		quoted = " E" + strings.ReplaceAll(quoted, `\`, `\\`)
	}
	return quoted
}

// Table is the log's table, as SQL.
func (l *Log) Table() string { return quote(l.Schema) + "." + quote(l.Name) }

func (t *Table) table() string { return quote(Schema) + "." + quote(t.Name) }

// Make gives a table a log, in a transaction, unless it has one with these fields. From the commit
// on, every change of the table's records is logged. It waits for changes in progress.
func Make(ctx context.Context, tx pgx.Tx, t Table) (*Log, error) {
	// One at a time; others find the log created.
	if _, err := tx.Exec(ctx, "select pg_advisory_xact_lock(hashtext('pageladder.change_log'), hashtext($1))", t.Name); err != nil {
		return nil, err
	}
	old, err := Of(ctx, tx, t.Name)
	if err != nil {
		return nil, err
	}
	if old != nil && old.lacks && old.Has(t.Fields) {
		return old, nil
	}
	if err := unmake(ctx, tx, t.Name, old); err != nil {
		return nil, err
	}
	log := &Log{Schema: Schema, Fields: names(t.Fields), of: t.table(), lacks: true}
	var n int64
	if err := tx.QueryRow(ctx, "select nextval('pageladder.change_log_number')").Scan(&n); err != nil {
		return nil, err
	}
	log.Name = "changes_" + strconv.FormatInt(n, 10)
	for _, sql := range log.script(&t) {
		if _, err := tx.Exec(ctx, sql); err != nil {
			return nil, err
		}
	}
	_, err = tx.Exec(ctx, `insert into pageladder.change_log (record_table, log_table, fields, source, floor)
		values ($1, $2, $3, (select md5(prosrc) from pg_proc where oid = to_regproc($5)), coalesce((select version from pageladder.record_set where name = $4), 0))`, t.Name, log.Name, log.Fields, t.Set, log.Table())
	return log, err
}

func names(fields []Field) []string {
	all := make([]string, len(fields))
	for i, f := range fields {
		all[i] = f.Name
	}
	return all
}

// Has reports whether the log has some fields.
func (l *Log) Has(fields []Field) bool {
	return !slices.ContainsFunc(fields, func(f Field) bool { return !slices.Contains(l.Fields, f.Name) })
}

// Value is the SQL of a field's value, of its own type, in a row of the log with the given alias.
func (l *Log) Value(alias, field string) string {
	if l.other == nil {
		return alias + "." + quote(Column(field))
	}
	if l.other.Edition == Latest {
		f := l.field(field)
		value := alias + "." + f.column()
		if !f.Foreign {
			return value
		}
		base, collation, collated := strings.Cut(f.Type, " collate ")
		if value = "(" + value + "::" + base; collated {
			value += " collate " + collation
		}
		return value + ")"
	}
	return alias + "." + quote(field)
}

// Of is a table's log; nil if it has none, or one that is not whole.
func Of(ctx context.Context, tx pgx.Tx, table string) (*Log, error) {
	l := Log{Schema: Schema, of: quote(Schema) + "." + quote(table)}
	var whole bool
	err := tx.QueryRow(ctx, "select log_table, fields, "+isWhole+", "+hasLacks("to_regclass('pageladder.' || quote_ident(c.log_table))")+" from pageladder.change_log c where record_table = $1", table).
		Scan(&l.Name, &l.Fields, &whole, &l.lacks)
	if err == pgx.ErrNoRows || err == nil && !whole {
		return nil, nil
	}
	return &l, err
}

// isWhole is the condition that a log has its table with all columns, and all of its triggers,
// enabled, with the function that was created for them. Functions of earlier versions fail where a field
// has the name of one of their variables.
const isWhole = `(select count(*) from pg_attribute a where a.attrelid = to_regclass('pageladder.' || quote_ident(c.log_table)) and a.attnum > 0 and not a.attisdropped and a.attname not in ('pl.version', 'pl.n', 'pl.side', 'pl.cut', 'pl.lacks')) = cardinality(c.fields)
	and (select count(*) from pg_trigger t join pg_proc p on p.oid = t.tgfoid where t.tgrelid = to_regclass('pageladder.' || quote_ident(c.record_table))
	and t.tgname like 'pageladder\_log\_%' and t.tgenabled = 'A' and md5(p.prosrc) = c.source
	and (p.prosrc like '%#variable_conflict%' or not c.fields && array['moved', 'more', 'found', 'new', 'old', 'tg_name', 'tg_when', 'tg_level', 'tg_op', 'tg_relid', 'tg_relname', 'tg_table_name', 'tg_table_schema', 'tg_nargs', 'tg_argv'])) = 4`

// Lacks reports whether the log names the texts that are missing from it. Logs of earlier versions
// do not.
func (l *Log) Lacks() bool { return l.lacks }

// hasLacks is the condition that a log has the column Lacks.
func hasLacks(log string) string {
	return "exists (select from pg_attribute where attrelid = " + log + " and attname = 'pl.lacks' and not attisdropped)"
}

// CutIn is the condition that the text of one of some fields is missing from a row of the log,
// since it is too long.
func (l *Log) CutIn(alias string, fields []string) string {
	switch {
	case len(fields) == 0:
		return "false"
	case !l.lacks:
		return alias + "." + Cut
	}
	names := make([]string, len(fields))
	for i, field := range fields {
		names[i] = literal(field)
	}
	return fmt.Sprintf("coalesce(%s.%s && array[%s]::text[], false)", alias, Lacks, strings.Join(names, ", "))
}

// unmake removes a table's log.
func unmake(ctx context.Context, tx pgx.Tx, table string, old *Log) error {
	var found *string
	if err := tx.QueryRow(ctx, "select (select log_table from pageladder.change_log where record_table = $1)", table).Scan(&found); err != nil {
		return err
	}
	t := Table{Name: table}
	for _, event := range events {
		if _, err := tx.Exec(ctx, "drop trigger if exists "+trigger(event.name)+" on "+t.table()); err != nil {
			return err
		}
	}
	if found == nil {
		return nil
	}
	l := Log{Schema: Schema, Name: *found}
	if _, err := tx.Exec(ctx, "drop function if exists "+l.Table()+"()"); err != nil {
		return err
	}
	if _, err := tx.Exec(ctx, "drop table if exists "+l.Table()); err != nil {
		return err
	}
	_, err := tx.Exec(ctx, "delete from pageladder.change_log where record_table = $1", table)
	return err
}

// Drop removes the logs of tables that are gone.
func Drop(ctx context.Context, tx pgx.Tx) error {
	rows, err := tx.Query(ctx, "select log_table from pageladder.change_log where to_regclass('pageladder.' || quote_ident(record_table)) is null for update skip locked")
	if err != nil {
		return err
	}
	gone, err := pgx.CollectRows(rows, pgx.RowTo[string])
	if err != nil {
		return err
	}
	for _, name := range gone {
		l := Log{Schema: Schema, Name: name}
		for _, sql := range []string{"drop function if exists " + l.Table() + "()", "drop table if exists " + l.Table()} {
			if _, err := tx.Exec(ctx, sql); err != nil {
				return err
			}
		}
	}
	if _, err := tx.Exec(ctx, "delete from pageladder.change_log where log_table = any($1)", gone); err != nil {
		return err
	}
	_, err = tx.Exec(ctx, "delete from pageladder.change_seen where to_regclass('pageladder.' || quote_ident(record_table)) is null")
	return err
}

// events are the events that a table's triggers are for, and the transition tables of each.
var events = []struct{ name, rows string }{
	{"insert", "referencing new table as after_rows "},
	{"update", "referencing old table as before_rows new table as after_rows "},
	{"delete", "referencing old table as before_rows "},
	{"truncate", ""},
}

func trigger(event string) string { return quote("pageladder_log_" + event) }

// script is the SQL that makes a log. Its triggers fire once per statement, also for one that
// changes 200,000 records. They never refuse a change: what cannot be logged is noted as lost.
func (l *Log) script(t *Table) []string {
	var columns, logged []string
	for _, f := range t.Fields {
		columns = append(columns, f.column()+" "+f.logged())
		logged = append(logged, f.column())
	}
	written := func(of ...from) string {
		return "insert into " + l.Table() + " (" + strings.Join(append([]string{Version, Side, Cut, Lacks}, logged...), ", ") + ") select moved, i.* from (" + images(t.Fields, true, of...) + ") i"
	}
	name := literal(t.Set)
	// A field's name may contain what would end a body between dollar signs.
	body := fmt.Sprintf(`
#variable_conflict use_variable
declare
  moved bigint := pageladder.change_version(%[2]s, tg_table_name);
  more bigint;
begin
  if moved is null then
    case tg_op
      when 'INSERT' then select nullif(count(*), 0) into more from after_rows;
      when 'DELETE' then select -nullif(count(*), 0) into more from before_rows;
      when 'UPDATE' then select nullif(count(*), 0) * 0 into more from after_rows;
      else select -r.records into more from pageladder.record_set r where r.name = %[2]s;
    end case;
    if more is null then
      return null;
    end if;
    moved := pageladder.change_counted(%[2]s, tg_table_name, more);
    if moved is null then
      return null;
    end if;
  end if;
  begin
    case tg_op
      when 'INSERT' then %[3]s;
      when 'DELETE' then %[4]s;
      when 'UPDATE' then %[5]s;
      else raise exception 'not logged';
    end case;
    if not found then
      insert into %[1]s (%[6]s, %[7]s) values (moved, %[8]d);
    end if;
  exception when others then
    begin
      insert into %[1]s (%[6]s, %[7]s) values (moved, %[9]d);
    exception when others then
      update pageladder.change_log set floor = greatest(floor, moved) where record_table = tg_table_name;
    end;
  end;
  return null;
end `, l.Table(), name, written(afterRows), written(beforeRows), written(beforeRows, afterRows),
		Version, Side, none, lost)
	function := "create function " + l.Table() + "() returns trigger language plpgsql security definer set search_path = pg_catalog as " + dollars(body)
	all := []string{
		"create table " + l.Table() + " (" + Version + " bigint not null, " + number + " bigint generated always as identity, " + Side + " smallint not null, " + Cut + " boolean not null default false, " + Lacks + " text[], " +
			strings.Join(append(columns, "primary key ("+Version+", "+number+")"), ", ") + ")",
		function,
	}
	for _, event := range events {
		all = append(all, "create trigger "+trigger(event.name)+" after "+event.name+" on "+t.table()+" "+event.rows+"for each statement execute function "+l.Table()+"()",
			"alter table "+t.table()+" enable always trigger "+trigger(event.name))
	}
	return all
}

// from is a transition table, and the side of its rows.
type from struct {
	side int
	rows string
}

var (
	beforeRows = from{Before, "before_rows"}
	afterRows  = from{After, "after_rows"}
)

// images is the SQL of what is logged of a statement's rows: the side, whether a value is cut,
// named if so, and the fields. Columns are written with an alias, since a field may have the name of
// one of the function's variables. Sizes are looked at once for each row (offset 0 keeps PostgreSQL from
// putting the condition into each place where it is used).
func images(fields []Field, named bool, of ...from) string {
	return imagesBy("r.", " t", fields, named, of...)
}

// imagesBy is the same by the alias of the rows, as it stands before a column, and that of the
// transition tables.
func imagesBy(r, t string, fields []Field, named bool, of ...from) string {
	var columns, sizes, cut []string
	var logged strings.Builder
	for _, f := range fields {
		name := r + f.column()
		if t == "" {
			columns = append(columns, name)
		} else {
			columns = append(columns, f.image("t")+" as "+f.column())
		}
		if !f.Long {
			logged.WriteString(", " + name)
			continue
		}
		size := "pg_column_size(" + name + ")"
		tooLong := size + " > " + strconv.Itoa(longest)
		sizes = append(sizes, size)
		cut = append(cut, "case when "+tooLong+" then "+literal(f.Name)+" end")
		logged.WriteString(",\n            case when " + r + Cut + " and " + tooLong + " then null else " + name + " end")
	}
	var rows []string
	for _, f := range of {
		rows = append(rows, "select "+strconv.Itoa(f.side)+" as "+Side+", "+strings.Join(columns, ", ")+" from "+f.rows+t)
	}
	isCut, names := "false", "null::text[]"
	if len(sizes) > 0 {
		isCut = "coalesce(greatest(" + strings.Join(sizes, ", ") + ") > " + strconv.Itoa(longest) + ", false)"
		names = "case when " + r + Cut + " then array_remove(array[" + strings.Join(cut, ", ") + "]::text[], null) end"
	}
	text := r + Side + ", " + r + Cut
	if named {
		text += ",\n            " + names
	}
	return "select " + text + logged.String() + "\n          from (select r.*, " + isCut + " as " + Cut +
		"\n            from (" + strings.Join(rows, "\n              union all ") + ") r offset 0) r"
}

// dollars quotes a text between dollar signs, with a tag that the text does not contain.
func dollars(text string) string {
	mark := "$log$"
	for n := 1; strings.Index(text+mark, mark) < len(text); n++ {
		mark = "$log" + strconv.Itoa(n) + "$"
	}
	return mark + text + mark
}
