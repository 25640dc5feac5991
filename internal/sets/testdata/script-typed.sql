-- Page Ladder: a change log of "yard"."boats", so that pages of it are exact and quick.
-- Run it as the table's owner, who must be allowed to make a schema. It can be run again.
-- It takes nothing from the table but a lock for a moment; where it cannot have that within
-- three seconds, nothing is done.
begin;
set local lock_timeout = '3s';
set local client_min_messages = warning; -- what it replaces need not be there

create schema if not exists pageladder_log;
grant usage on schema pageladder_log to "READER";

-- Which tables are followed, and how far their logs reach. A log that nobody has read for
-- 1 hour, or that is larger than this, is written no further until somebody reads it.
create table if not exists pageladder_log.followed (
  log        text primary key,
  epoch      bigint not null default 1,            -- another whenever the log begins anew
  read_at    timestamptz not null default clock_timestamp(),
  most_bytes bigint not null default 256000000,
  floor      xid8 not null default '0'             -- transactions before this one may be gone from it
);
create table if not exists pageladder_log.seen (
  log   text not null,
  at    timestamptz not null default clock_timestamp(),
  ended xid8 not null                              -- all transactions before it had ended
);
create sequence if not exists pageladder_log.failed;         -- moves where nothing else could be written
grant select on pageladder_log.followed, pageladder_log.failed to "READER";

do $log$
declare
  part regclass;
begin
  -- Also from what was a partition once.
  for part in select distinct t.tgrelid from pg_trigger t where t.tgfoid = to_regproc('"pageladder_log"."yard.boats"') loop
    execute format('drop trigger if exists "pageladder_log_insert" on %s', part);
    execute format('drop trigger if exists "pageladder_log_update" on %s', part);
    execute format('drop trigger if exists "pageladder_log_delete" on %s', part);
    execute format('drop trigger if exists "pageladder_log_truncate" on %s', part);
  end loop;
end $log$;
drop function if exists "pageladder_log"."yard.boats"();
drop function if exists "pageladder_log"."yard.boats tells"(xid8, xid8[]);
drop table if exists "pageladder_log"."yard.boats";
do $log$
begin
  if to_regclass('pageladder_log.followed') is not null then
    delete from pageladder_log.followed where log = 'yard.boats';
    delete from pageladder_log.seen where log = 'yard.boats';
  end if;
end $log$;

-- The log: of each change the row before it (-1) and after it (1), in the columns that the
-- list has. A text of over 8000 bytes is left out, and named.
create table "pageladder_log"."yard.boats" (
  "id" integer,
  "name" text,
  "tons" numeric(8,2),
  "at" timestamp with time zone,
  "crew" integer,
  "note" text,
  "pl.xid" xid8 not null default pg_current_xact_id(),
  "pl.side" smallint not null,
  "pl.cut" boolean not null default false,
  "pl.lacks" text[]
);
create index on "pageladder_log"."yard.boats" ("pl.xid");
alter table "pageladder_log"."yard.boats" replica identity full; -- so that rows can be deleted though all tables are published
create index on "pageladder_log"."yard.boats" ("pl.side") where "pl.side" = 2;
insert into pageladder_log.followed (log) values ('yard.boats');
grant select on "pageladder_log"."yard.boats" to "READER";

-- It runs with its owner's rights, so that those who change the table need none on the log. By
-- offset 0 the size of each text is looked at once.
create function "pageladder_log"."yard.boats"() returns trigger language plpgsql security definer set search_path = pg_catalog, pg_temp as $log$
declare
  images bigint;
begin
  begin
    -- Where nobody has read the log for long, it is not written: it would only grow.
    case tg_op
    when 'INSERT' then insert into "pageladder_log"."yard.boats" ("pl.side", "pl.cut", "pl.lacks", "id", "name", "tons", "at", "crew", "note")
        select i.* from pageladder_log.followed f cross join lateral (
          select "pl.side", "pl.cut",
            case when "pl.cut" then array_remove(array[case when pg_column_size("name") > 8000 then 'name' end, case when pg_column_size("note") > 8000 then 'note' end]::text[], null) end, "id",
            case when "pl.cut" and pg_column_size("name") > 8000 then null else "name" end, "tons", "at", "crew",
            case when "pl.cut" and pg_column_size("note") > 8000 then null else "note" end
          from (select r.*, coalesce(greatest(pg_column_size("name"), pg_column_size("note")) > 8000, false) as "pl.cut"
            from (select 1 as "pl.side", "id", "name", "tons", "at", "crew", "note" from after_rows) r offset 0) r) i where f.log = 'yard.boats'
          and f.read_at > clock_timestamp() - interval '1 hour'
          and pg_relation_size('"pageladder_log"."yard.boats"'::regclass) < f.most_bytes;
    when 'DELETE' then insert into "pageladder_log"."yard.boats" ("pl.side", "pl.cut", "pl.lacks", "id", "name", "tons", "at", "crew", "note")
        select i.* from pageladder_log.followed f cross join lateral (
          select "pl.side", "pl.cut",
            case when "pl.cut" then array_remove(array[case when pg_column_size("name") > 8000 then 'name' end, case when pg_column_size("note") > 8000 then 'note' end]::text[], null) end, "id",
            case when "pl.cut" and pg_column_size("name") > 8000 then null else "name" end, "tons", "at", "crew",
            case when "pl.cut" and pg_column_size("note") > 8000 then null else "note" end
          from (select r.*, coalesce(greatest(pg_column_size("name"), pg_column_size("note")) > 8000, false) as "pl.cut"
            from (select -1 as "pl.side", "id", "name", "tons", "at", "crew", "note" from before_rows) r offset 0) r) i where f.log = 'yard.boats'
          and f.read_at > clock_timestamp() - interval '1 hour'
          and pg_relation_size('"pageladder_log"."yard.boats"'::regclass) < f.most_bytes;
    when 'UPDATE' then insert into "pageladder_log"."yard.boats" ("pl.side", "pl.cut", "pl.lacks", "id", "name", "tons", "at", "crew", "note")
        select i.* from pageladder_log.followed f cross join lateral (
          select "pl.side", "pl.cut",
            case when "pl.cut" then array_remove(array[case when pg_column_size("name") > 8000 then 'name' end, case when pg_column_size("note") > 8000 then 'note' end]::text[], null) end, "id",
            case when "pl.cut" and pg_column_size("name") > 8000 then null else "name" end, "tons", "at", "crew",
            case when "pl.cut" and pg_column_size("note") > 8000 then null else "note" end
          from (select r.*, coalesce(greatest(pg_column_size("name"), pg_column_size("note")) > 8000, false) as "pl.cut"
            from (select -1 as "pl.side", "id", "name", "tons", "at", "crew", "note" from before_rows
              union all select 1 as "pl.side", "id", "name", "tons", "at", "crew", "note" from after_rows) r offset 0) r) i where f.log = 'yard.boats'
          and f.read_at > clock_timestamp() - interval '1 hour'
          and pg_relation_size('"pageladder_log"."yard.boats"'::regclass) < f.most_bytes;
    else null;
    end case;
    get diagnostics images = row_count;
    -- Looked at one by one: as one condition they would be planned anew at each change.
    if tg_op = 'TRUNCATE' or images > 200000 or images = 0 then
      if (images > 0 or tg_op = 'TRUNCATE' or not exists (select from pageladder_log.followed f where f.log = 'yard.boats'
          and f.read_at > clock_timestamp() - interval '1 hour'
          and pg_relation_size('"pageladder_log"."yard.boats"'::regclass) < f.most_bytes))
        and not exists (select from "pageladder_log"."yard.boats" where "pl.side" = 2) then
        insert into "pageladder_log"."yard.boats" ("pl.side") values (2);
      end if;
    end if;
  exception when others then
    -- A column is gone, a disk is full: the change goes on, and the log tells that it is broken.
    begin
      insert into "pageladder_log"."yard.boats" ("pl.side") values (2);
    exception when others then
      begin
        perform nextval('pageladder_log.failed');
      exception when others then
        null;
      end;
    end;
  end;
  return null;
end $log$;
revoke all on function "pageladder_log"."yard.boats"() from public;

-- What a statement that reads the table tells of it: whether it is as it was, and what is new.
create function "pageladder_log"."yard.boats tells"(since xid8, others xid8[]) returns text language plpgsql stable as $log$
declare
  new text;
begin
  if not pg_is_in_recovery() then
    new := concat_ws(',', (select l."pl.xid" from "pageladder_log"."yard.boats" l where l."pl.xid" >= since order by l."pl.xid" limit 1),
      (select o.xid from unnest(others) o (xid) where exists (select from "pageladder_log"."yard.boats" l where l."pl.xid" = o.xid) limit 1));
    if new <> '' then
      return concat_ws('|', pg_current_snapshot(), '', new);
    end if;
  end if;
  return concat_ws('|', pg_current_snapshot(), (select concat_ws(' ', extract(epoch from pg_postmaster_start_time()), pg_is_in_recovery()::int,
	(select string_agg(concat_ws(':', c.oid, c.xmin, c.relfilenode, c.relrowsecurity, c.relpersistence), ',' order by c.oid) from pg_class c where c.oid = to_regclass('"yard"."boats"')),
	(select concat(count(*), ':', sum(a.xmin::text::bigint)) from pg_attribute a where a.attrelid = to_regclass('"yard"."boats"') and a.attnum > 0),
	(select concat(count(*), ':', sum(t.xmin::text::bigint)) from pg_trigger t where t.tgrelid = to_regclass('"yard"."boats"')),
	(select count(*) from pg_subscription_rel s where s.srrelid = to_regclass('"yard"."boats"')),
	(select concat_ws(':', c.oid, c.relfilenode) from pg_class c where c.oid = to_regclass('"pageladder_log"."yard.boats"')),
	(select concat_ws(':', p.oid, p.xmin) from pg_proc p where p.oid = to_regproc('"pageladder_log"."yard.boats"')),
	(select f.epoch from pageladder_log.followed f where f.log = 'yard.boats'), (select concat(f.last_value, f.is_called) from pageladder_log.failed f))),
    case when pg_is_in_recovery() then
      (with recursive new (xid, n) as (
        (select l."pl.xid", 1 from "pageladder_log"."yard.boats" l where l."pl.xid" >= since order by l."pl.xid" limit 1)
        union all select (select l."pl.xid" from "pageladder_log"."yard.boats" l where l."pl.xid" > new.xid order by l."pl.xid" limit 1), new.n + 1 from new where new.xid is not null and new.n <= 500
      ) select coalesce(string_agg(new.xid::text, ','), '') from new)
    else ''
    end);
end $log$;
revoke all on function "pageladder_log"."yard.boats tells"(xid8, xid8[]) from public;
grant execute on function "pageladder_log"."yard.boats tells"(xid8, xid8[]) to "READER";

-- On the table and, where it has partitions, on each of them.
do $log$
declare
  part regclass;
begin
  for part in select relid from pg_partition_tree('"yard"."boats"') union select '"yard"."boats"'::regclass loop
    execute format('create trigger "pageladder_log_insert" after insert on %s referencing new table as after_rows for each statement execute function "pageladder_log"."yard.boats"()', part);
    execute format('alter table %s enable always trigger "pageladder_log_insert"', part);
    execute format('create trigger "pageladder_log_update" after update on %s referencing old table as before_rows new table as after_rows for each statement execute function "pageladder_log"."yard.boats"()', part);
    execute format('alter table %s enable always trigger "pageladder_log_update"', part);
    execute format('create trigger "pageladder_log_delete" after delete on %s referencing old table as before_rows for each statement execute function "pageladder_log"."yard.boats"()', part);
    execute format('alter table %s enable always trigger "pageladder_log_delete"', part);
    execute format('create trigger "pageladder_log_truncate" after truncate on %s for each statement execute function "pageladder_log"."yard.boats"()', part);
    execute format('alter table %s enable always trigger "pageladder_log_truncate"', part);
  end loop;
end $log$;

-- By this the reader lets old rows go, and no others. It tells that the log is read.
create or replace function pageladder_log.keep(name text) returns void language plpgsql security definer set search_path = pg_catalog, pg_temp as $keep$
declare
  f pageladder_log.followed;
  broken boolean;
  horizon xid8;
begin
  select * into f from pageladder_log.followed where log = name for update skip locked;
  if not found or current_setting('transaction_isolation') <> 'read committed' then
    return;
  end if;
  execute format('select exists (select from pageladder_log.%I where "pl.side" = 2)', name) into broken;
  -- Changes that logical replication makes call no triggers of statements.
  broken := broken or exists (select from pg_subscription_rel s join pg_trigger t on t.tgrelid = s.srrelid where t.tgfoid = to_regproc(format('pageladder_log.%I', name)));
  if broken or f.read_at <= clock_timestamp() - interval '1 hour' or pg_relation_size(format('pageladder_log.%I', name)::regclass) >= f.most_bytes then
    -- It begins anew: what was not written is known to be missing. Writers are not waited for.
    begin
      set local lock_timeout = '100ms';
      execute format('truncate pageladder_log.%I', name);
    exception when lock_not_available then
      execute format('delete from pageladder_log.%I', name);
    end;
    delete from pageladder_log.seen where log = name;
    update pageladder_log.followed set epoch = epoch + 1, read_at = clock_timestamp(), floor = pg_snapshot_xmin(pg_current_snapshot()) where log = name;
    return;
  end if;
  select s.ended into horizon from pageladder_log.seen s where s.log = name and s.at < clock_timestamp() - interval '1 hour' order by s.ended desc limit 1;
  f.floor := greatest(f.floor, horizon);
  execute format('select "pl.xid" from pageladder_log.%I where "pl.xid" < $1 order by "pl.xid" desc offset 200000 limit 1', name) into horizon using pg_snapshot_xmin(pg_current_snapshot());
  f.floor := greatest(f.floor, horizon);
  execute format('delete from pageladder_log.%I where "pl.xid" < $1', name) using f.floor;
  delete from pageladder_log.seen where log = name and ended < f.floor;
  insert into pageladder_log.seen (log, ended) values (name, pg_snapshot_xmin(pg_current_snapshot()));
  update pageladder_log.followed set read_at = clock_timestamp(), floor = f.floor where log = name;
end $keep$;
revoke all on function pageladder_log.keep(text) from public;
grant execute on function pageladder_log.keep(text) to "READER";
commit;
