-- Change logs: what has changed in the records of kept sets, so that what is known of them
-- is kept current. See docs/decisions/022-change-logs.md.

-- The version at which a set was last defined: which table, fields, rules, filter. Services
-- of any version move it, since the database does.
alter table pageladder.record_set add column defined bigint not null default 0;
update pageladder.record_set set defined = version;
-- What each page tells of its snapshot, in one text. After a restore the catalogue is another table.
alter table pageladder.record_set add column stamp text not null
  generated always as (version::text || ' ' || records::text || ' ' || defined::text || ' ' || tableoid::text) stored;
-- A set's row changes with every change of a record, and each page reads it: with room on
-- its page, old versions of it are pruned there and then.
alter table pageladder.record_set set (fillfactor = 20);

-- The log of a table of records. Each table has one at most; it has a table of its own,
-- which holds the fields that rules name.
create table pageladder.change_log (
  record_table text primary key,
  log_table    text not null unique,
  fields       text[] not null,
  source       text not null, -- MD5 of its function's source
  floor        bigint not null default 0 -- what changed up to this version may be gone from it
);
create sequence pageladder.change_log_number;

-- The version that a set had at some moments: what is older than an hour goes by it.
create table pageladder.change_seen (
  record_table text not null,
  version      bigint not null,
  at           timestamptz not null default now(),
  primary key (record_table, version)
);

-- Whether a row was written by this transaction, which its xmin tells. It is visible, so
-- that whoever wrote it and is still at work is this transaction.
create function pageladder.is_own(xid) returns boolean
  language plpgsql stable as $$
declare
  now_at bigint := pg_current_xact_id_if_assigned()::text::bigint;
  wrote bigint := (now_at & ~4294967295) | $1::text::bigint;
begin
  if wrote > now_at then
    wrote := wrote - 4294967296;
  end if;
  return coalesce(wrote > 2 and pg_xact_status(wrote::text::xid8) = 'in progress', false);
end $$;

-- The version that a change of a set's records is logged under: whoever changes records
-- moves it first, in the same transaction. Null where that has not been done, or was done
-- by change_counted, or the set has another table by now.
create function pageladder.change_version(set_name text, of_table text) returns bigint
  language plpgsql as $$
begin
  return (select r.version from pageladder.record_set r
    where r.name = set_name and r.record_table = of_table and (r.xmin = pg_current_xact_id_if_assigned()::xid or pageladder.is_own(r.xmin)) and position(' ' || set_name || ' ' in coalesce(current_setting('pageladder.counted', true), '')) = 0);
end $$;

-- The same where the version has not been moved: it is, and what the set has more or fewer
-- of records is counted. Services hear of it.
create function pageladder.change_counted(set_name text, of_table text, more bigint) returns bigint
  language plpgsql as $$
declare
  counted text := coalesce(nullif(current_setting('pageladder.counted', true), ''), ' ');
  again boolean := position(' ' || set_name || ' ' in counted) > 0;
  moved bigint;
begin
  update pageladder.record_set r set version = r.version + case when again then 0 else 1 end, records = r.records + more, changed_at = now()
    where r.name = set_name and r.record_table = of_table returning r.version into moved;
  if moved is not null and not again then
    perform set_config('pageladder.counted', counted || set_name || ' ', true), pg_notify('pageladder_set_changed', set_name);
  end if;
  return moved;
end $$;

-- Who defines a set anew changes none of its records: its log tells so.
create function pageladder.defined() returns trigger
  language plpgsql security definer set search_path = pg_catalog as $$
declare
  name_of_log text;
begin
  new.defined := new.version;
  if tg_op = 'UPDATE' then
    if new.record_table = old.record_table then
      select l.log_table into name_of_log from pageladder.change_log l where l.record_table = new.record_table;
    end if;
    if name_of_log is not null then
      begin
        execute format('insert into pageladder.%I ("pl.version", "pl.side") values ($1, 0)', name_of_log) using new.version;
      exception when others then
        null; -- the log then lacks this version, which is seen by whoever reads it
      end;
    end if;
  end if;
  return new;
end $$;

create trigger defined before insert or update of label, record_table, fields, rules, source, source_schema, remember_s, fixed, open, fixed_dates
  on pageladder.record_set for each row execute function pageladder.defined();

---- create above / drop below ----

drop trigger defined on pageladder.record_set;
drop function pageladder.defined();
drop function pageladder.change_counted(text, text, bigint);
drop function pageladder.change_version(text, text);
drop function pageladder.is_own(xid);
drop table pageladder.change_seen;
drop table pageladder.change_log;
drop sequence pageladder.change_log_number;
alter table pageladder.record_set drop column stamp, drop column defined;
