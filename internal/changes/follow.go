package changes

import (
	"crypto/md5"
	"encoding/hex"
	"fmt"
	"strconv"
	"strings"
)

// Followed is a table of somebody else whose changes are logged, in its own database. Its owner
// runs Script there.
type Followed struct {
	Schema, Table string
	Fields        []Field // those that are logged
	Role          string  // who reads the table and the log
	Parts         bool    // the table has partitions
	Edition       Edition
}

// Edition is a version of the script. Logs that earlier ones created are read as they are.
type Edition int

// The editions, the latest one first.
const (
	Latest Edition = iota
	// Typed has columns of the owner's own types, and functions that fail where a field has the name
	// of one of their variables.
	Typed
	// Unnamed does not name the texts that are missing from the log either (the column Lacks). What
	// is remembered is kept current by such a log, but no list can be held still.
	Unnamed
)

// LogSchema is where the logs of followed tables are, in their databases.
const LogSchema = "pageladder_log"

// Xid is the column of a followed table's log with the transaction of the change.
const Xid = `"pl.xid"`

// Bounds of a followed table's log, where nobody reads it.
const (
	unread      = "1 hour"    // after this time without a reader, writers stop filling it
	unreadLimit = 256_000_000 // bytes; the table's owner can change it
)

// longestName is the longest name of a log, in bytes: PostgreSQL's 63, minus the longest suffix of
// the names derived from it.
const longestName = 57

// LogName is the name of a table's log, and the beginning of the names of everything that belongs
// to it. It is unique for each table: if the table's own name does not make it so, it is a digest.
func LogName(schema, table string) string {
	name := schema + "." + table
	if len(name) <= longestName && strings.Count(name, ".") == 1 {
		return name
	}
	sum := md5.Sum(fmt.Appendf(nil, "%q.%q", schema, table))
	return "." + hex.EncodeToString(sum[:])
}

// Log is the log that Script makes.
func (f *Followed) Log() *Log {
	return &Log{Schema: LogSchema, Name: LogName(f.Schema, f.Table), Fields: names(f.Fields), of: f.relation(), other: f, lacks: f.Edition < Unnamed}
}

func (f *Followed) relation() string { return quote(f.Schema) + "." + quote(f.Table) }

// said is the table's name in a comment, where a line break would end the comment and what follows
// would be run.
func (f *Followed) said() string { return strconv.QuoteToGraphic(f.Schema + "." + f.Table) }

// body is the source of the function that the triggers call. It logs what has changed or, if that
// is not possible, that something was lost. It never fails.
func (f *Followed) body() string {
	return f.bodyWith(func(of ...from) string {
		return "\n          " + images(f.Fields, true, of...)
	}, "\n          and ", "\n#variable_conflict use_variable", looked)
}

// looked is the look at what was not logged.
const looked = `    -- Looked at one by one: as one condition they would be planned anew at each change.
    if tg_op = 'TRUNCATE' or images > %[5]d or images = 0 then
      if (images > 0 or tg_op = 'TRUNCATE' or not exists (select from %[6]s.followed f %[4]s))
        and not exists (select from %[7]s where %[8]s = %[9]d) then
        %[10]s
      end if;
    end if;`

// bodyWith is the source by the SQL of what is logged, what stands between the conditions of logging it, and the
// look at what was not.
func (f *Followed) bodyWith(images func(of ...from) string, and, options, look string) string {
	l := f.Log()
	columns := []string{Side, Cut}
	if f.Edition < Unnamed {
		columns = append(columns, Lacks)
	}
	for _, field := range f.Fields {
		columns = append(columns, field.column())
	}
	into := "insert into " + l.Table() + " (" + strings.Join(columns, ", ") + ")\n        select i.* from " + LogSchema + ".followed f cross join lateral"
	written := strings.Join([]string{"where f.log = " + literal(l.Name), "f.read_at > clock_timestamp() - interval '" + unread + "'", "pg_relation_size(" + literal(l.Table()) + "::regclass) < f.most_bytes"}, and)
	return options + fmt.Sprintf(`
declare
  images bigint;
begin
  begin
    -- Where nobody has read the log for long, it is not written: it would only grow.
    case tg_op
    when 'INSERT' then %[1]s (%[3]s) i %[4]s;
    when 'DELETE' then %[1]s (%[2]s) i %[4]s;
    when 'UPDATE' then %[1]s (%[11]s) i %[4]s;
    else null;
    end case;
    get diagnostics images = row_count;
`+look+`
  exception when others then
    -- A column is gone, a disk is full: the change goes on, and the log tells that it is broken.
    begin
      %[10]s
    exception when others then
      begin
        perform nextval('%[6]s.failed');
      exception when others then
        null;
      end;
    end;
  end;
  return null;
end `, into, images(beforeRows), images(afterRows), written, 2*Limit, LogSchema, l.Table(), Side, lost,
		"insert into "+l.Table()+" ("+Side+") values ("+strconv.Itoa(lost)+");", images(beforeRows, afterRows))
}

// Script is the SQL that the owner of the table runs to have it followed. It can be run again.
func (f *Followed) Script() string {
	l := f.Log()
	var columns []string
	settings := "" // which decide how values are written as texts
	for _, field := range f.Fields {
		columns = append(columns, "  "+field.column()+" "+field.logged()+",\n")
		if field.Settings {
			settings = " set datestyle = 'ISO' set intervalstyle = 'postgres' set timezone = 'UTC' set extra_float_digits = 1 set bytea_output = 'hex'"
		}
	}
	var triggers strings.Builder
	for _, event := range events {
		created := "create trigger " + trigger(event.name) + " after " + event.name + " on %s " + event.rows + "for each statement execute function " + strings.ReplaceAll(l.Table(), "%", "%%") + "()"
		fmt.Fprintf(&triggers, "    execute format(%s, part);\n", literal(created))
		fmt.Fprintf(&triggers, "    execute format('alter table %%s enable always trigger %s', part);\n", trigger(event.name))
	}
	return fmt.Sprintf(`-- Page Ladder: a change log of the table %[1]s, so that pages of it are exact and quick.
-- Run it as the table's owner, who must be allowed to make a schema. It can be run again.
-- It takes nothing from the table but a lock for a moment; where it cannot have that within
-- three seconds, or fails otherwise, nothing is done.
begin;
set local lock_timeout = '3s';
set local client_min_messages = warning; -- what it replaces need not be there
set local client_encoding = 'UTF8'; -- of names in this file

create schema if not exists %[2]s;
grant usage on schema %[2]s to %[3]s;

-- Which tables are followed, and how far their logs reach. A log that nobody has read for
-- %[4]s, or that is larger than this, is written no further until somebody reads it.
create table if not exists %[2]s.followed (
  log        text primary key,
  epoch      bigint not null default 1,            -- another whenever the log begins anew
  read_at    timestamptz not null default clock_timestamp(),
  most_bytes bigint not null default %[15]d,
  floor      xid8 not null default '0'             -- transactions before this one may be gone from it
);
create table if not exists %[2]s.seen (
  log   text not null,
  at    timestamptz not null default clock_timestamp(),
  ended xid8 not null                              -- all transactions before it had ended
);
alter table %[2]s.seen replica identity full; -- so that rows can be deleted though all tables are published
create sequence if not exists %[2]s.failed;         -- moves where nothing else could be written
grant select on %[2]s.followed, %[2]s.failed to %[3]s;

%[5]s
-- The log: of each change the row before it (-1) and after it (1), in the columns that the
-- list has. Values of types that are not PostgreSQL's own are logged as texts, so that the log
-- keeps nobody from dropping a type. A text of over %[19]d bytes is left out, and named.
create table %[6]s (
%[10]s  %[7]s xid8 not null default pg_current_xact_id(),
  %[8]s smallint not null,
  %[9]s boolean not null default false,
  %[20]s text[]
);
create index on %[6]s (%[7]s);
alter table %[6]s replica identity full; -- as above
create index on %[6]s (%[8]s) where %[8]s = %[11]d;
insert into %[2]s.followed (log) values (%[12]s);
grant select on %[6]s to %[3]s;

-- It runs with its owner's rights, so that those who change the table need none on the log. By
-- offset 0 the size of each text is looked at once.
create function %[6]s() returns trigger language plpgsql security definer set search_path = pg_catalog, pg_temp%[21]s as %[13]s;
revoke all on function %[6]s() from public;

-- What a statement that reads the table tells of it: whether it is as it was, and what is new.
create function %[17]s(since xid8, others xid8[]) returns text language plpgsql stable as %[18]s;
revoke all on function %[17]s(xid8, xid8[]) from public;
grant execute on function %[17]s(xid8, xid8[]) to %[3]s;

-- On the table and, where it has partitions, on each of them.
do %[14]s;

-- By this the reader lets old rows go, and no others. It tells that the log is read.
create or replace function %[2]s.keep(name text) returns void language plpgsql security definer set search_path = pg_catalog, pg_temp as $keep$
declare
  f %[2]s.followed;
  broken boolean;
  horizon xid8;
begin
  select * into f from %[2]s.followed where log = name for update skip locked;
  if not found or current_setting('transaction_isolation') <> 'read committed' then
    return;
  end if;
  execute format('select exists (select from %[2]s.%%I where %[8]s = %[11]d)', name) into broken;
  -- Changes that logical replication makes call no triggers of statements.
  broken := broken or exists (select from pg_subscription_rel s join pg_trigger t on t.tgrelid = s.srrelid where t.tgfoid = to_regprocedure(format('%[2]s.%%I()', name)));
  if broken or f.read_at <= clock_timestamp() - interval '%[4]s' or pg_relation_size(format('%[2]s.%%I', name)::regclass) >= f.most_bytes then
    -- It begins anew: what was not written is known to be missing. Writers are not waited for.
    begin
      set local lock_timeout = '100ms';
      execute format('truncate %[2]s.%%I', name);
    exception when lock_not_available then
      execute format('delete from %[2]s.%%I', name);
    end;
    delete from %[2]s.seen where log = name;
    update %[2]s.followed set epoch = epoch + 1, read_at = clock_timestamp(), floor = pg_snapshot_xmin(pg_current_snapshot()) where log = name;
    return;
  end if;
  select s.ended into horizon from %[2]s.seen s where s.log = name and s.at < clock_timestamp() - interval '%[4]s' order by s.ended desc limit 1;
  f.floor := greatest(f.floor, horizon);
  execute format('select %[7]s from %[2]s.%%I where %[7]s < $1 order by %[7]s desc offset %[16]d limit 1', name) into horizon using pg_snapshot_xmin(pg_current_snapshot());
  f.floor := greatest(f.floor, horizon);
  execute format('delete from %[2]s.%%I where %[7]s < $1', name) using f.floor;
  delete from %[2]s.seen where log = name and ended < f.floor;
  insert into %[2]s.seen (log, ended) values (name, pg_snapshot_xmin(pg_current_snapshot()));
  update %[2]s.followed set read_at = clock_timestamp(), floor = f.floor where log = name;
end $keep$;
revoke all on function %[2]s.keep(text) from public;
grant execute on function %[2]s.keep(text) to %[3]s;
commit;
`, f.said(), LogSchema, quote(f.Role), unread, f.undo(), l.Table(), Xid, Side, Cut,
		strings.Join(columns, ""), lost, literal(l.Name), dollars(f.body()), dollars(`
declare
  part regclass;
begin
  for part in select relid from pg_partition_tree(`+literal(f.relation())+`) union select `+literal(f.relation())+`::regclass loop
`+triggers.String()+`  end loop;
end `), unreadLimit, 2*Limit, l.stampFunction(), dollars(l.stampSource()), longest, Lacks, settings)
}

// undo is the SQL that removes what Script created for this table alone.
func (f *Followed) undo() string {
	l := f.Log()
	var triggers strings.Builder
	for _, event := range events {
		fmt.Fprintf(&triggers, "    execute format('drop trigger if exists %s on %%s', part);\n", trigger(event.name))
	}
	return fmt.Sprintf(`do %[1]s;
drop function if exists %[2]s();
drop function if exists %[4]s(xid8, xid8[]);
drop table if exists %[2]s;
do %[3]s;
`, dollars(`
declare
  part regclass;
begin
  -- Also from what was a partition once, and what another table's script made on the same ones.
  for part in select distinct t.tgrelid from pg_trigger t join pg_proc p on p.oid = t.tgfoid where p.pronamespace = to_regnamespace('`+LogSchema+`')
      and (p.oid = to_regprocedure(`+literal(l.Table()+"()")+`) or t.tgrelid in (select to_regclass(`+literal(f.relation())+`) union select relid from pg_partition_tree(to_regclass(`+literal(f.relation())+`)))) loop
`+triggers.String()+`  end loop;
end `), l.Table(), dollars(`
begin
  if to_regclass('`+LogSchema+`.followed') is not null then
    alter table `+LogSchema+`.seen replica identity full; -- earlier scripts did not say so
    delete from `+LogSchema+`.followed where log = `+literal(l.Name)+`;
    delete from `+LogSchema+`.seen where log = `+literal(l.Name)+`;
  end if;
end `), l.stampFunction())
}

// Unscript is the SQL that removes what Script has created. It can be run again.
func (f *Followed) Unscript() string {
	return fmt.Sprintf(`-- Page Ladder: take the change log off the table %[1]s. It can be run again, and leaves no trace.
begin;
set local lock_timeout = '3s';
set local client_min_messages = warning; -- what it removes need not be there
set local client_encoding = 'UTF8'; -- of names in this file
%[2]sdo $undo$
begin
  -- With the last log goes what all of them share.
  if to_regclass('%[3]s.followed') is not null then
    if not exists (select from %[3]s.followed) then
      drop schema %[3]s cascade;
    end if;
  end if;
end $undo$;
commit;
`, f.said(), f.undo(), LogSchema)
}
