--
-- PostgreSQL database dump
--

\restrict Qqye7Cwg5OjbQ56GRHrYrSH0htVh1BotH92bjUc3ub9K1J5Ul5HAAQ1IX52dg6y

-- Dumped from database version 15.18 (Debian 15.18-0+deb12u1)
-- Dumped by pg_dump version 15.18 (Debian 15.18-0+deb12u1)

SET statement_timeout = 0;
SET lock_timeout = 0;
SET idle_in_transaction_session_timeout = 0;
SET client_encoding = 'UTF8';
SET standard_conforming_strings = on;
SELECT pg_catalog.set_config('search_path', '', false);
SET check_function_bodies = false;
SET xmloption = content;
SET client_min_messages = warning;
SET row_security = off;

--
-- Name: pageladder; Type: SCHEMA; Schema: -; Owner: -
--

CREATE SCHEMA pageladder;


--
-- Name: pageladder_log; Type: SCHEMA; Schema: -; Owner: -
--

CREATE SCHEMA pageladder_log;


--
-- Name: yard; Type: SCHEMA; Schema: -; Owner: -
--

CREATE SCHEMA yard;


--
-- Name: pg_trgm; Type: EXTENSION; Schema: -; Owner: -
--

CREATE EXTENSION IF NOT EXISTS pg_trgm WITH SCHEMA pageladder;


--
-- Name: EXTENSION pg_trgm; Type: COMMENT; Schema: -; Owner: -
--

COMMENT ON EXTENSION pg_trgm IS 'text similarity measurement and index searching based on trigrams';


--
-- Name: unaccent; Type: EXTENSION; Schema: -; Owner: -
--

CREATE EXTENSION IF NOT EXISTS unaccent WITH SCHEMA pageladder;


--
-- Name: EXTENSION unaccent; Type: COMMENT; Schema: -; Owner: -
--

COMMENT ON EXTENSION unaccent IS 'text search dictionary that removes accents';


--
-- Name: change_counted(text, text, bigint); Type: FUNCTION; Schema: pageladder; Owner: -
--

CREATE FUNCTION pageladder.change_counted(set_name text, of_table text, more bigint) RETURNS bigint
    LANGUAGE plpgsql
    AS $$
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


--
-- Name: change_version(text, text); Type: FUNCTION; Schema: pageladder; Owner: -
--

CREATE FUNCTION pageladder.change_version(set_name text, of_table text) RETURNS bigint
    LANGUAGE plpgsql
    AS $$
begin
  return (select r.version from pageladder.record_set r
    where r.name = set_name and r.record_table = of_table and (r.xmin = pg_current_xact_id_if_assigned()::xid or pageladder.is_own(r.xmin)) and position(' ' || set_name || ' ' in coalesce(current_setting('pageladder.counted', true), '')) = 0);
end $$;


--
-- Name: changes_1(); Type: FUNCTION; Schema: pageladder; Owner: -
--

CREATE FUNCTION pageladder.changes_1() RETURNS trigger
    LANGUAGE plpgsql SECURITY DEFINER
    SET search_path TO 'pg_catalog'
    AS $$
declare
  moved bigint := pageladder.change_version('tides', tg_table_name);
  more bigint;
begin
  if moved is null then
    case tg_op
      when 'INSERT' then select nullif(count(*), 0) into more from after_rows;
      when 'DELETE' then select -nullif(count(*), 0) into more from before_rows;
      when 'UPDATE' then select nullif(count(*), 0) * 0 into more from after_rows;
      else select -r.records into more from pageladder.record_set r where r.name = 'tides';
    end case;
    if more is null then
      return null;
    end if;
    moved := pageladder.change_counted('tides', tg_table_name, more);
    if moved is null then
      return null;
    end if;
  end if;
  begin
    case tg_op
      when 'INSERT' then insert into "pageladder"."changes_1" ("pl.version", "pl.side", "pl.cut", "pl.lacks", "id", "gauge", "read_at", "height_cm", "pressure_hpa", "checked", "remark") select moved, 1, coalesce(pg_column_size("gauge") > 8000, false) or coalesce(pg_column_size("remark") > 8000, false), case when coalesce(pg_column_size("gauge") > 8000, false) or coalesce(pg_column_size("remark") > 8000, false) then array_remove(array[case when pg_column_size("gauge") > 8000 then 'gauge' end, case when pg_column_size("remark") > 8000 then 'remark' end]::text[], null) end, "id", case when pg_column_size("gauge") > 8000 then null else "gauge" end, "read_at", "height_cm", "pressure_hpa", "checked", case when pg_column_size("remark") > 8000 then null else "remark" end from after_rows;
      when 'DELETE' then insert into "pageladder"."changes_1" ("pl.version", "pl.side", "pl.cut", "pl.lacks", "id", "gauge", "read_at", "height_cm", "pressure_hpa", "checked", "remark") select moved, -1, coalesce(pg_column_size("gauge") > 8000, false) or coalesce(pg_column_size("remark") > 8000, false), case when coalesce(pg_column_size("gauge") > 8000, false) or coalesce(pg_column_size("remark") > 8000, false) then array_remove(array[case when pg_column_size("gauge") > 8000 then 'gauge' end, case when pg_column_size("remark") > 8000 then 'remark' end]::text[], null) end, "id", case when pg_column_size("gauge") > 8000 then null else "gauge" end, "read_at", "height_cm", "pressure_hpa", "checked", case when pg_column_size("remark") > 8000 then null else "remark" end from before_rows;
      when 'UPDATE' then insert into "pageladder"."changes_1" ("pl.version", "pl.side", "pl.cut", "pl.lacks", "id", "gauge", "read_at", "height_cm", "pressure_hpa", "checked", "remark") select moved, -1, coalesce(pg_column_size("gauge") > 8000, false) or coalesce(pg_column_size("remark") > 8000, false), case when coalesce(pg_column_size("gauge") > 8000, false) or coalesce(pg_column_size("remark") > 8000, false) then array_remove(array[case when pg_column_size("gauge") > 8000 then 'gauge' end, case when pg_column_size("remark") > 8000 then 'remark' end]::text[], null) end, "id", case when pg_column_size("gauge") > 8000 then null else "gauge" end, "read_at", "height_cm", "pressure_hpa", "checked", case when pg_column_size("remark") > 8000 then null else "remark" end from before_rows union all select moved, 1, coalesce(pg_column_size("gauge") > 8000, false) or coalesce(pg_column_size("remark") > 8000, false), case when coalesce(pg_column_size("gauge") > 8000, false) or coalesce(pg_column_size("remark") > 8000, false) then array_remove(array[case when pg_column_size("gauge") > 8000 then 'gauge' end, case when pg_column_size("remark") > 8000 then 'remark' end]::text[], null) end, "id", case when pg_column_size("gauge") > 8000 then null else "gauge" end, "read_at", "height_cm", "pressure_hpa", "checked", case when pg_column_size("remark") > 8000 then null else "remark" end from after_rows;
      else raise exception 'not logged';
    end case;
    if not found then
      insert into "pageladder"."changes_1" ("pl.version", "pl.side") values (moved, 0);
    end if;
  exception when others then
    begin
      insert into "pageladder"."changes_1" ("pl.version", "pl.side") values (moved, 2);
    exception when others then
      update pageladder.change_log set floor = greatest(floor, moved) where record_table = tg_table_name;
    end;
  end;
  return null;
end $$;


--
-- Name: changes_10(); Type: FUNCTION; Schema: pageladder; Owner: -
--

CREATE FUNCTION pageladder.changes_10() RETURNS trigger
    LANGUAGE plpgsql SECURITY DEFINER
    SET search_path TO 'pg_catalog'
    AS $$
declare
  moved bigint := pageladder.change_version('byoffset', tg_table_name);
  more bigint;
begin
  if moved is null then
    case tg_op
      when 'INSERT' then select nullif(count(*), 0) into more from after_rows;
      when 'DELETE' then select -nullif(count(*), 0) into more from before_rows;
      when 'UPDATE' then select nullif(count(*), 0) * 0 into more from after_rows;
      else select -r.records into more from pageladder.record_set r where r.name = 'byoffset';
    end case;
    if more is null then
      return null;
    end if;
    moved := pageladder.change_counted('byoffset', tg_table_name, more);
    if moved is null then
      return null;
    end if;
  end if;
  begin
    case tg_op
      when 'INSERT' then insert into "pageladder"."changes_10" ("pl.version", "pl.side", "pl.cut", "pl.lacks", "id", "vessel", "berth", "cargo", "tonnage", "arrived_at", "cleared", "note") select moved, 1, coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false), case when coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false) then array_remove(array[case when pg_column_size("vessel") > 8000 then 'vessel' end, case when pg_column_size("berth") > 8000 then 'berth' end, case when pg_column_size("cargo") > 8000 then 'cargo' end, case when pg_column_size("note") > 8000 then 'note' end]::text[], null) end, "id", case when pg_column_size("vessel") > 8000 then null else "vessel" end, case when pg_column_size("berth") > 8000 then null else "berth" end, case when pg_column_size("cargo") > 8000 then null else "cargo" end, "tonnage", "arrived_at", "cleared", case when pg_column_size("note") > 8000 then null else "note" end from after_rows;
      when 'DELETE' then insert into "pageladder"."changes_10" ("pl.version", "pl.side", "pl.cut", "pl.lacks", "id", "vessel", "berth", "cargo", "tonnage", "arrived_at", "cleared", "note") select moved, -1, coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false), case when coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false) then array_remove(array[case when pg_column_size("vessel") > 8000 then 'vessel' end, case when pg_column_size("berth") > 8000 then 'berth' end, case when pg_column_size("cargo") > 8000 then 'cargo' end, case when pg_column_size("note") > 8000 then 'note' end]::text[], null) end, "id", case when pg_column_size("vessel") > 8000 then null else "vessel" end, case when pg_column_size("berth") > 8000 then null else "berth" end, case when pg_column_size("cargo") > 8000 then null else "cargo" end, "tonnage", "arrived_at", "cleared", case when pg_column_size("note") > 8000 then null else "note" end from before_rows;
      when 'UPDATE' then insert into "pageladder"."changes_10" ("pl.version", "pl.side", "pl.cut", "pl.lacks", "id", "vessel", "berth", "cargo", "tonnage", "arrived_at", "cleared", "note") select moved, -1, coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false), case when coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false) then array_remove(array[case when pg_column_size("vessel") > 8000 then 'vessel' end, case when pg_column_size("berth") > 8000 then 'berth' end, case when pg_column_size("cargo") > 8000 then 'cargo' end, case when pg_column_size("note") > 8000 then 'note' end]::text[], null) end, "id", case when pg_column_size("vessel") > 8000 then null else "vessel" end, case when pg_column_size("berth") > 8000 then null else "berth" end, case when pg_column_size("cargo") > 8000 then null else "cargo" end, "tonnage", "arrived_at", "cleared", case when pg_column_size("note") > 8000 then null else "note" end from before_rows union all select moved, 1, coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false), case when coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false) then array_remove(array[case when pg_column_size("vessel") > 8000 then 'vessel' end, case when pg_column_size("berth") > 8000 then 'berth' end, case when pg_column_size("cargo") > 8000 then 'cargo' end, case when pg_column_size("note") > 8000 then 'note' end]::text[], null) end, "id", case when pg_column_size("vessel") > 8000 then null else "vessel" end, case when pg_column_size("berth") > 8000 then null else "berth" end, case when pg_column_size("cargo") > 8000 then null else "cargo" end, "tonnage", "arrived_at", "cleared", case when pg_column_size("note") > 8000 then null else "note" end from after_rows;
      else raise exception 'not logged';
    end case;
    if not found then
      insert into "pageladder"."changes_10" ("pl.version", "pl.side") values (moved, 0);
    end if;
  exception when others then
    begin
      insert into "pageladder"."changes_10" ("pl.version", "pl.side") values (moved, 2);
    exception when others then
      update pageladder.change_log set floor = greatest(floor, moved) where record_table = tg_table_name;
    end;
  end;
  return null;
end $$;


--
-- Name: changes_11(); Type: FUNCTION; Schema: pageladder; Owner: -
--

CREATE FUNCTION pageladder.changes_11() RETURNS trigger
    LANGUAGE plpgsql SECURITY DEFINER
    SET search_path TO 'pg_catalog'
    AS $$
declare
  moved bigint := pageladder.change_version('based', tg_table_name);
  more bigint;
begin
  if moved is null then
    case tg_op
      when 'INSERT' then select nullif(count(*), 0) into more from after_rows;
      when 'DELETE' then select -nullif(count(*), 0) into more from before_rows;
      when 'UPDATE' then select nullif(count(*), 0) * 0 into more from after_rows;
      else select -r.records into more from pageladder.record_set r where r.name = 'based';
    end case;
    if more is null then
      return null;
    end if;
    moved := pageladder.change_counted('based', tg_table_name, more);
    if moved is null then
      return null;
    end if;
  end if;
  begin
    case tg_op
      when 'INSERT' then insert into "pageladder"."changes_11" ("pl.version", "pl.side", "pl.cut", "pl.lacks", "id", "vessel", "berth", "cargo", "tonnage", "arrived_at", "cleared", "note") select moved, 1, coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false), case when coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false) then array_remove(array[case when pg_column_size("vessel") > 8000 then 'vessel' end, case when pg_column_size("berth") > 8000 then 'berth' end, case when pg_column_size("cargo") > 8000 then 'cargo' end, case when pg_column_size("note") > 8000 then 'note' end]::text[], null) end, "id", case when pg_column_size("vessel") > 8000 then null else "vessel" end, case when pg_column_size("berth") > 8000 then null else "berth" end, case when pg_column_size("cargo") > 8000 then null else "cargo" end, "tonnage", "arrived_at", "cleared", case when pg_column_size("note") > 8000 then null else "note" end from after_rows;
      when 'DELETE' then insert into "pageladder"."changes_11" ("pl.version", "pl.side", "pl.cut", "pl.lacks", "id", "vessel", "berth", "cargo", "tonnage", "arrived_at", "cleared", "note") select moved, -1, coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false), case when coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false) then array_remove(array[case when pg_column_size("vessel") > 8000 then 'vessel' end, case when pg_column_size("berth") > 8000 then 'berth' end, case when pg_column_size("cargo") > 8000 then 'cargo' end, case when pg_column_size("note") > 8000 then 'note' end]::text[], null) end, "id", case when pg_column_size("vessel") > 8000 then null else "vessel" end, case when pg_column_size("berth") > 8000 then null else "berth" end, case when pg_column_size("cargo") > 8000 then null else "cargo" end, "tonnage", "arrived_at", "cleared", case when pg_column_size("note") > 8000 then null else "note" end from before_rows;
      when 'UPDATE' then insert into "pageladder"."changes_11" ("pl.version", "pl.side", "pl.cut", "pl.lacks", "id", "vessel", "berth", "cargo", "tonnage", "arrived_at", "cleared", "note") select moved, -1, coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false), case when coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false) then array_remove(array[case when pg_column_size("vessel") > 8000 then 'vessel' end, case when pg_column_size("berth") > 8000 then 'berth' end, case when pg_column_size("cargo") > 8000 then 'cargo' end, case when pg_column_size("note") > 8000 then 'note' end]::text[], null) end, "id", case when pg_column_size("vessel") > 8000 then null else "vessel" end, case when pg_column_size("berth") > 8000 then null else "berth" end, case when pg_column_size("cargo") > 8000 then null else "cargo" end, "tonnage", "arrived_at", "cleared", case when pg_column_size("note") > 8000 then null else "note" end from before_rows union all select moved, 1, coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false), case when coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false) then array_remove(array[case when pg_column_size("vessel") > 8000 then 'vessel' end, case when pg_column_size("berth") > 8000 then 'berth' end, case when pg_column_size("cargo") > 8000 then 'cargo' end, case when pg_column_size("note") > 8000 then 'note' end]::text[], null) end, "id", case when pg_column_size("vessel") > 8000 then null else "vessel" end, case when pg_column_size("berth") > 8000 then null else "berth" end, case when pg_column_size("cargo") > 8000 then null else "cargo" end, "tonnage", "arrived_at", "cleared", case when pg_column_size("note") > 8000 then null else "note" end from after_rows;
      else raise exception 'not logged';
    end case;
    if not found then
      insert into "pageladder"."changes_11" ("pl.version", "pl.side") values (moved, 0);
    end if;
  exception when others then
    begin
      insert into "pageladder"."changes_11" ("pl.version", "pl.side") values (moved, 2);
    exception when others then
      update pageladder.change_log set floor = greatest(floor, moved) where record_table = tg_table_name;
    end;
  end;
  return null;
end $$;


--
-- Name: changes_12(); Type: FUNCTION; Schema: pageladder; Owner: -
--

CREATE FUNCTION pageladder.changes_12() RETURNS trigger
    LANGUAGE plpgsql SECURITY DEFINER
    SET search_path TO 'pg_catalog'
    AS $$
declare
  moved bigint := pageladder.change_version('bycursor', tg_table_name);
  more bigint;
begin
  if moved is null then
    case tg_op
      when 'INSERT' then select nullif(count(*), 0) into more from after_rows;
      when 'DELETE' then select -nullif(count(*), 0) into more from before_rows;
      when 'UPDATE' then select nullif(count(*), 0) * 0 into more from after_rows;
      else select -r.records into more from pageladder.record_set r where r.name = 'bycursor';
    end case;
    if more is null then
      return null;
    end if;
    moved := pageladder.change_counted('bycursor', tg_table_name, more);
    if moved is null then
      return null;
    end if;
  end if;
  begin
    case tg_op
      when 'INSERT' then insert into "pageladder"."changes_12" ("pl.version", "pl.side", "pl.cut", "pl.lacks", "id", "vessel", "berth", "cargo", "tonnage", "arrived_at", "cleared", "note") select moved, 1, coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false), case when coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false) then array_remove(array[case when pg_column_size("vessel") > 8000 then 'vessel' end, case when pg_column_size("berth") > 8000 then 'berth' end, case when pg_column_size("cargo") > 8000 then 'cargo' end, case when pg_column_size("note") > 8000 then 'note' end]::text[], null) end, "id", case when pg_column_size("vessel") > 8000 then null else "vessel" end, case when pg_column_size("berth") > 8000 then null else "berth" end, case when pg_column_size("cargo") > 8000 then null else "cargo" end, "tonnage", "arrived_at", "cleared", case when pg_column_size("note") > 8000 then null else "note" end from after_rows;
      when 'DELETE' then insert into "pageladder"."changes_12" ("pl.version", "pl.side", "pl.cut", "pl.lacks", "id", "vessel", "berth", "cargo", "tonnage", "arrived_at", "cleared", "note") select moved, -1, coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false), case when coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false) then array_remove(array[case when pg_column_size("vessel") > 8000 then 'vessel' end, case when pg_column_size("berth") > 8000 then 'berth' end, case when pg_column_size("cargo") > 8000 then 'cargo' end, case when pg_column_size("note") > 8000 then 'note' end]::text[], null) end, "id", case when pg_column_size("vessel") > 8000 then null else "vessel" end, case when pg_column_size("berth") > 8000 then null else "berth" end, case when pg_column_size("cargo") > 8000 then null else "cargo" end, "tonnage", "arrived_at", "cleared", case when pg_column_size("note") > 8000 then null else "note" end from before_rows;
      when 'UPDATE' then insert into "pageladder"."changes_12" ("pl.version", "pl.side", "pl.cut", "pl.lacks", "id", "vessel", "berth", "cargo", "tonnage", "arrived_at", "cleared", "note") select moved, -1, coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false), case when coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false) then array_remove(array[case when pg_column_size("vessel") > 8000 then 'vessel' end, case when pg_column_size("berth") > 8000 then 'berth' end, case when pg_column_size("cargo") > 8000 then 'cargo' end, case when pg_column_size("note") > 8000 then 'note' end]::text[], null) end, "id", case when pg_column_size("vessel") > 8000 then null else "vessel" end, case when pg_column_size("berth") > 8000 then null else "berth" end, case when pg_column_size("cargo") > 8000 then null else "cargo" end, "tonnage", "arrived_at", "cleared", case when pg_column_size("note") > 8000 then null else "note" end from before_rows union all select moved, 1, coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false), case when coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false) then array_remove(array[case when pg_column_size("vessel") > 8000 then 'vessel' end, case when pg_column_size("berth") > 8000 then 'berth' end, case when pg_column_size("cargo") > 8000 then 'cargo' end, case when pg_column_size("note") > 8000 then 'note' end]::text[], null) end, "id", case when pg_column_size("vessel") > 8000 then null else "vessel" end, case when pg_column_size("berth") > 8000 then null else "berth" end, case when pg_column_size("cargo") > 8000 then null else "cargo" end, "tonnage", "arrived_at", "cleared", case when pg_column_size("note") > 8000 then null else "note" end from after_rows;
      else raise exception 'not logged';
    end case;
    if not found then
      insert into "pageladder"."changes_12" ("pl.version", "pl.side") values (moved, 0);
    end if;
  exception when others then
    begin
      insert into "pageladder"."changes_12" ("pl.version", "pl.side") values (moved, 2);
    exception when others then
      update pageladder.change_log set floor = greatest(floor, moved) where record_table = tg_table_name;
    end;
  end;
  return null;
end $$;


--
-- Name: changes_13(); Type: FUNCTION; Schema: pageladder; Owner: -
--

CREATE FUNCTION pageladder.changes_13() RETURNS trigger
    LANGUAGE plpgsql SECURITY DEFINER
    SET search_path TO 'pg_catalog'
    AS $$
declare
  moved bigint := pageladder.change_version('renamed', tg_table_name);
  more bigint;
begin
  if moved is null then
    case tg_op
      when 'INSERT' then select nullif(count(*), 0) into more from after_rows;
      when 'DELETE' then select -nullif(count(*), 0) into more from before_rows;
      when 'UPDATE' then select nullif(count(*), 0) * 0 into more from after_rows;
      else select -r.records into more from pageladder.record_set r where r.name = 'renamed';
    end case;
    if more is null then
      return null;
    end if;
    moved := pageladder.change_counted('renamed', tg_table_name, more);
    if moved is null then
      return null;
    end if;
  end if;
  begin
    case tg_op
      when 'INSERT' then insert into "pageladder"."changes_13" ("pl.version", "pl.side", "pl.cut", "pl.lacks", "id", "vessel", "berth", "cargo", "tonnage", "arrived_at", "cleared", "note") select moved, 1, coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false), case when coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false) then array_remove(array[case when pg_column_size("vessel") > 8000 then 'vessel' end, case when pg_column_size("berth") > 8000 then 'berth' end, case when pg_column_size("cargo") > 8000 then 'cargo' end, case when pg_column_size("note") > 8000 then 'note' end]::text[], null) end, "id", case when pg_column_size("vessel") > 8000 then null else "vessel" end, case when pg_column_size("berth") > 8000 then null else "berth" end, case when pg_column_size("cargo") > 8000 then null else "cargo" end, "tonnage", "arrived_at", "cleared", case when pg_column_size("note") > 8000 then null else "note" end from after_rows;
      when 'DELETE' then insert into "pageladder"."changes_13" ("pl.version", "pl.side", "pl.cut", "pl.lacks", "id", "vessel", "berth", "cargo", "tonnage", "arrived_at", "cleared", "note") select moved, -1, coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false), case when coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false) then array_remove(array[case when pg_column_size("vessel") > 8000 then 'vessel' end, case when pg_column_size("berth") > 8000 then 'berth' end, case when pg_column_size("cargo") > 8000 then 'cargo' end, case when pg_column_size("note") > 8000 then 'note' end]::text[], null) end, "id", case when pg_column_size("vessel") > 8000 then null else "vessel" end, case when pg_column_size("berth") > 8000 then null else "berth" end, case when pg_column_size("cargo") > 8000 then null else "cargo" end, "tonnage", "arrived_at", "cleared", case when pg_column_size("note") > 8000 then null else "note" end from before_rows;
      when 'UPDATE' then insert into "pageladder"."changes_13" ("pl.version", "pl.side", "pl.cut", "pl.lacks", "id", "vessel", "berth", "cargo", "tonnage", "arrived_at", "cleared", "note") select moved, -1, coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false), case when coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false) then array_remove(array[case when pg_column_size("vessel") > 8000 then 'vessel' end, case when pg_column_size("berth") > 8000 then 'berth' end, case when pg_column_size("cargo") > 8000 then 'cargo' end, case when pg_column_size("note") > 8000 then 'note' end]::text[], null) end, "id", case when pg_column_size("vessel") > 8000 then null else "vessel" end, case when pg_column_size("berth") > 8000 then null else "berth" end, case when pg_column_size("cargo") > 8000 then null else "cargo" end, "tonnage", "arrived_at", "cleared", case when pg_column_size("note") > 8000 then null else "note" end from before_rows union all select moved, 1, coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false), case when coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false) then array_remove(array[case when pg_column_size("vessel") > 8000 then 'vessel' end, case when pg_column_size("berth") > 8000 then 'berth' end, case when pg_column_size("cargo") > 8000 then 'cargo' end, case when pg_column_size("note") > 8000 then 'note' end]::text[], null) end, "id", case when pg_column_size("vessel") > 8000 then null else "vessel" end, case when pg_column_size("berth") > 8000 then null else "berth" end, case when pg_column_size("cargo") > 8000 then null else "cargo" end, "tonnage", "arrived_at", "cleared", case when pg_column_size("note") > 8000 then null else "note" end from after_rows;
      else raise exception 'not logged';
    end case;
    if not found then
      insert into "pageladder"."changes_13" ("pl.version", "pl.side") values (moved, 0);
    end if;
  exception when others then
    begin
      insert into "pageladder"."changes_13" ("pl.version", "pl.side") values (moved, 2);
    exception when others then
      update pageladder.change_log set floor = greatest(floor, moved) where record_table = tg_table_name;
    end;
  end;
  return null;
end $$;


--
-- Name: changes_14(); Type: FUNCTION; Schema: pageladder; Owner: -
--

CREATE FUNCTION pageladder.changes_14() RETURNS trigger
    LANGUAGE plpgsql SECURITY DEFINER
    SET search_path TO 'pg_catalog'
    AS $$
declare
  moved bigint := pageladder.change_version('asis', tg_table_name);
  more bigint;
begin
  if moved is null then
    case tg_op
      when 'INSERT' then select nullif(count(*), 0) into more from after_rows;
      when 'DELETE' then select -nullif(count(*), 0) into more from before_rows;
      when 'UPDATE' then select nullif(count(*), 0) * 0 into more from after_rows;
      else select -r.records into more from pageladder.record_set r where r.name = 'asis';
    end case;
    if more is null then
      return null;
    end if;
    moved := pageladder.change_counted('asis', tg_table_name, more);
    if moved is null then
      return null;
    end if;
  end if;
  begin
    case tg_op
      when 'INSERT' then insert into "pageladder"."changes_14" ("pl.version", "pl.side", "pl.cut", "pl.lacks", "id", "vessel", "berth", "cargo", "tonnage", "arrived_at", "cleared", "note") select moved, 1, coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false), case when coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false) then array_remove(array[case when pg_column_size("vessel") > 8000 then 'vessel' end, case when pg_column_size("berth") > 8000 then 'berth' end, case when pg_column_size("cargo") > 8000 then 'cargo' end, case when pg_column_size("note") > 8000 then 'note' end]::text[], null) end, "id", case when pg_column_size("vessel") > 8000 then null else "vessel" end, case when pg_column_size("berth") > 8000 then null else "berth" end, case when pg_column_size("cargo") > 8000 then null else "cargo" end, "tonnage", "arrived_at", "cleared", case when pg_column_size("note") > 8000 then null else "note" end from after_rows;
      when 'DELETE' then insert into "pageladder"."changes_14" ("pl.version", "pl.side", "pl.cut", "pl.lacks", "id", "vessel", "berth", "cargo", "tonnage", "arrived_at", "cleared", "note") select moved, -1, coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false), case when coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false) then array_remove(array[case when pg_column_size("vessel") > 8000 then 'vessel' end, case when pg_column_size("berth") > 8000 then 'berth' end, case when pg_column_size("cargo") > 8000 then 'cargo' end, case when pg_column_size("note") > 8000 then 'note' end]::text[], null) end, "id", case when pg_column_size("vessel") > 8000 then null else "vessel" end, case when pg_column_size("berth") > 8000 then null else "berth" end, case when pg_column_size("cargo") > 8000 then null else "cargo" end, "tonnage", "arrived_at", "cleared", case when pg_column_size("note") > 8000 then null else "note" end from before_rows;
      when 'UPDATE' then insert into "pageladder"."changes_14" ("pl.version", "pl.side", "pl.cut", "pl.lacks", "id", "vessel", "berth", "cargo", "tonnage", "arrived_at", "cleared", "note") select moved, -1, coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false), case when coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false) then array_remove(array[case when pg_column_size("vessel") > 8000 then 'vessel' end, case when pg_column_size("berth") > 8000 then 'berth' end, case when pg_column_size("cargo") > 8000 then 'cargo' end, case when pg_column_size("note") > 8000 then 'note' end]::text[], null) end, "id", case when pg_column_size("vessel") > 8000 then null else "vessel" end, case when pg_column_size("berth") > 8000 then null else "berth" end, case when pg_column_size("cargo") > 8000 then null else "cargo" end, "tonnage", "arrived_at", "cleared", case when pg_column_size("note") > 8000 then null else "note" end from before_rows union all select moved, 1, coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false), case when coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false) then array_remove(array[case when pg_column_size("vessel") > 8000 then 'vessel' end, case when pg_column_size("berth") > 8000 then 'berth' end, case when pg_column_size("cargo") > 8000 then 'cargo' end, case when pg_column_size("note") > 8000 then 'note' end]::text[], null) end, "id", case when pg_column_size("vessel") > 8000 then null else "vessel" end, case when pg_column_size("berth") > 8000 then null else "berth" end, case when pg_column_size("cargo") > 8000 then null else "cargo" end, "tonnage", "arrived_at", "cleared", case when pg_column_size("note") > 8000 then null else "note" end from after_rows;
      else raise exception 'not logged';
    end case;
    if not found then
      insert into "pageladder"."changes_14" ("pl.version", "pl.side") values (moved, 0);
    end if;
  exception when others then
    begin
      insert into "pageladder"."changes_14" ("pl.version", "pl.side") values (moved, 2);
    exception when others then
      update pageladder.change_log set floor = greatest(floor, moved) where record_table = tg_table_name;
    end;
  end;
  return null;
end $$;


--
-- Name: changes_15(); Type: FUNCTION; Schema: pageladder; Owner: -
--

CREATE FUNCTION pageladder.changes_15() RETURNS trigger
    LANGUAGE plpgsql SECURITY DEFINER
    SET search_path TO 'pg_catalog'
    AS $$
declare
  moved bigint := pageladder.change_version('closed', tg_table_name);
  more bigint;
begin
  if moved is null then
    case tg_op
      when 'INSERT' then select nullif(count(*), 0) into more from after_rows;
      when 'DELETE' then select -nullif(count(*), 0) into more from before_rows;
      when 'UPDATE' then select nullif(count(*), 0) * 0 into more from after_rows;
      else select -r.records into more from pageladder.record_set r where r.name = 'closed';
    end case;
    if more is null then
      return null;
    end if;
    moved := pageladder.change_counted('closed', tg_table_name, more);
    if moved is null then
      return null;
    end if;
  end if;
  begin
    case tg_op
      when 'INSERT' then insert into "pageladder"."changes_15" ("pl.version", "pl.side", "pl.cut", "pl.lacks", "id", "vessel", "berth", "cargo", "tonnage", "arrived_at", "cleared", "note") select moved, 1, coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false), case when coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false) then array_remove(array[case when pg_column_size("vessel") > 8000 then 'vessel' end, case when pg_column_size("berth") > 8000 then 'berth' end, case when pg_column_size("cargo") > 8000 then 'cargo' end, case when pg_column_size("note") > 8000 then 'note' end]::text[], null) end, "id", case when pg_column_size("vessel") > 8000 then null else "vessel" end, case when pg_column_size("berth") > 8000 then null else "berth" end, case when pg_column_size("cargo") > 8000 then null else "cargo" end, "tonnage", "arrived_at", "cleared", case when pg_column_size("note") > 8000 then null else "note" end from after_rows;
      when 'DELETE' then insert into "pageladder"."changes_15" ("pl.version", "pl.side", "pl.cut", "pl.lacks", "id", "vessel", "berth", "cargo", "tonnage", "arrived_at", "cleared", "note") select moved, -1, coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false), case when coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false) then array_remove(array[case when pg_column_size("vessel") > 8000 then 'vessel' end, case when pg_column_size("berth") > 8000 then 'berth' end, case when pg_column_size("cargo") > 8000 then 'cargo' end, case when pg_column_size("note") > 8000 then 'note' end]::text[], null) end, "id", case when pg_column_size("vessel") > 8000 then null else "vessel" end, case when pg_column_size("berth") > 8000 then null else "berth" end, case when pg_column_size("cargo") > 8000 then null else "cargo" end, "tonnage", "arrived_at", "cleared", case when pg_column_size("note") > 8000 then null else "note" end from before_rows;
      when 'UPDATE' then insert into "pageladder"."changes_15" ("pl.version", "pl.side", "pl.cut", "pl.lacks", "id", "vessel", "berth", "cargo", "tonnage", "arrived_at", "cleared", "note") select moved, -1, coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false), case when coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false) then array_remove(array[case when pg_column_size("vessel") > 8000 then 'vessel' end, case when pg_column_size("berth") > 8000 then 'berth' end, case when pg_column_size("cargo") > 8000 then 'cargo' end, case when pg_column_size("note") > 8000 then 'note' end]::text[], null) end, "id", case when pg_column_size("vessel") > 8000 then null else "vessel" end, case when pg_column_size("berth") > 8000 then null else "berth" end, case when pg_column_size("cargo") > 8000 then null else "cargo" end, "tonnage", "arrived_at", "cleared", case when pg_column_size("note") > 8000 then null else "note" end from before_rows union all select moved, 1, coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false), case when coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false) then array_remove(array[case when pg_column_size("vessel") > 8000 then 'vessel' end, case when pg_column_size("berth") > 8000 then 'berth' end, case when pg_column_size("cargo") > 8000 then 'cargo' end, case when pg_column_size("note") > 8000 then 'note' end]::text[], null) end, "id", case when pg_column_size("vessel") > 8000 then null else "vessel" end, case when pg_column_size("berth") > 8000 then null else "berth" end, case when pg_column_size("cargo") > 8000 then null else "cargo" end, "tonnage", "arrived_at", "cleared", case when pg_column_size("note") > 8000 then null else "note" end from after_rows;
      else raise exception 'not logged';
    end case;
    if not found then
      insert into "pageladder"."changes_15" ("pl.version", "pl.side") values (moved, 0);
    end if;
  exception when others then
    begin
      insert into "pageladder"."changes_15" ("pl.version", "pl.side") values (moved, 2);
    exception when others then
      update pageladder.change_log set floor = greatest(floor, moved) where record_table = tg_table_name;
    end;
  end;
  return null;
end $$;


--
-- Name: changes_16(); Type: FUNCTION; Schema: pageladder; Owner: -
--

CREATE FUNCTION pageladder.changes_16() RETURNS trigger
    LANGUAGE plpgsql SECURITY DEFINER
    SET search_path TO 'pg_catalog'
    AS $$
declare
  moved bigint := pageladder.change_version('fixed-not', tg_table_name);
  more bigint;
begin
  if moved is null then
    case tg_op
      when 'INSERT' then select nullif(count(*), 0) into more from after_rows;
      when 'DELETE' then select -nullif(count(*), 0) into more from before_rows;
      when 'UPDATE' then select nullif(count(*), 0) * 0 into more from after_rows;
      else select -r.records into more from pageladder.record_set r where r.name = 'fixed-not';
    end case;
    if more is null then
      return null;
    end if;
    moved := pageladder.change_counted('fixed-not', tg_table_name, more);
    if moved is null then
      return null;
    end if;
  end if;
  begin
    case tg_op
      when 'INSERT' then insert into "pageladder"."changes_16" ("pl.version", "pl.side", "pl.cut", "pl.lacks", "id", "vessel", "berth", "cargo", "tonnage", "arrived_at", "cleared", "note") select moved, 1, coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false), case when coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false) then array_remove(array[case when pg_column_size("vessel") > 8000 then 'vessel' end, case when pg_column_size("berth") > 8000 then 'berth' end, case when pg_column_size("cargo") > 8000 then 'cargo' end, case when pg_column_size("note") > 8000 then 'note' end]::text[], null) end, "id", case when pg_column_size("vessel") > 8000 then null else "vessel" end, case when pg_column_size("berth") > 8000 then null else "berth" end, case when pg_column_size("cargo") > 8000 then null else "cargo" end, "tonnage", "arrived_at", "cleared", case when pg_column_size("note") > 8000 then null else "note" end from after_rows;
      when 'DELETE' then insert into "pageladder"."changes_16" ("pl.version", "pl.side", "pl.cut", "pl.lacks", "id", "vessel", "berth", "cargo", "tonnage", "arrived_at", "cleared", "note") select moved, -1, coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false), case when coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false) then array_remove(array[case when pg_column_size("vessel") > 8000 then 'vessel' end, case when pg_column_size("berth") > 8000 then 'berth' end, case when pg_column_size("cargo") > 8000 then 'cargo' end, case when pg_column_size("note") > 8000 then 'note' end]::text[], null) end, "id", case when pg_column_size("vessel") > 8000 then null else "vessel" end, case when pg_column_size("berth") > 8000 then null else "berth" end, case when pg_column_size("cargo") > 8000 then null else "cargo" end, "tonnage", "arrived_at", "cleared", case when pg_column_size("note") > 8000 then null else "note" end from before_rows;
      when 'UPDATE' then insert into "pageladder"."changes_16" ("pl.version", "pl.side", "pl.cut", "pl.lacks", "id", "vessel", "berth", "cargo", "tonnage", "arrived_at", "cleared", "note") select moved, -1, coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false), case when coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false) then array_remove(array[case when pg_column_size("vessel") > 8000 then 'vessel' end, case when pg_column_size("berth") > 8000 then 'berth' end, case when pg_column_size("cargo") > 8000 then 'cargo' end, case when pg_column_size("note") > 8000 then 'note' end]::text[], null) end, "id", case when pg_column_size("vessel") > 8000 then null else "vessel" end, case when pg_column_size("berth") > 8000 then null else "berth" end, case when pg_column_size("cargo") > 8000 then null else "cargo" end, "tonnage", "arrived_at", "cleared", case when pg_column_size("note") > 8000 then null else "note" end from before_rows union all select moved, 1, coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false), case when coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false) then array_remove(array[case when pg_column_size("vessel") > 8000 then 'vessel' end, case when pg_column_size("berth") > 8000 then 'berth' end, case when pg_column_size("cargo") > 8000 then 'cargo' end, case when pg_column_size("note") > 8000 then 'note' end]::text[], null) end, "id", case when pg_column_size("vessel") > 8000 then null else "vessel" end, case when pg_column_size("berth") > 8000 then null else "berth" end, case when pg_column_size("cargo") > 8000 then null else "cargo" end, "tonnage", "arrived_at", "cleared", case when pg_column_size("note") > 8000 then null else "note" end from after_rows;
      else raise exception 'not logged';
    end case;
    if not found then
      insert into "pageladder"."changes_16" ("pl.version", "pl.side") values (moved, 0);
    end if;
  exception when others then
    begin
      insert into "pageladder"."changes_16" ("pl.version", "pl.side") values (moved, 2);
    exception when others then
      update pageladder.change_log set floor = greatest(floor, moved) where record_table = tg_table_name;
    end;
  end;
  return null;
end $$;


--
-- Name: changes_17(); Type: FUNCTION; Schema: pageladder; Owner: -
--

CREATE FUNCTION pageladder.changes_17() RETURNS trigger
    LANGUAGE plpgsql SECURITY DEFINER
    SET search_path TO 'pg_catalog'
    AS $$
declare
  moved bigint := pageladder.change_version('fixed-words', tg_table_name);
  more bigint;
begin
  if moved is null then
    case tg_op
      when 'INSERT' then select nullif(count(*), 0) into more from after_rows;
      when 'DELETE' then select -nullif(count(*), 0) into more from before_rows;
      when 'UPDATE' then select nullif(count(*), 0) * 0 into more from after_rows;
      else select -r.records into more from pageladder.record_set r where r.name = 'fixed-words';
    end case;
    if more is null then
      return null;
    end if;
    moved := pageladder.change_counted('fixed-words', tg_table_name, more);
    if moved is null then
      return null;
    end if;
  end if;
  begin
    case tg_op
      when 'INSERT' then insert into "pageladder"."changes_17" ("pl.version", "pl.side", "pl.cut", "pl.lacks", "id", "vessel", "berth", "cargo", "tonnage", "arrived_at", "cleared", "note") select moved, 1, coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false), case when coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false) then array_remove(array[case when pg_column_size("vessel") > 8000 then 'vessel' end, case when pg_column_size("berth") > 8000 then 'berth' end, case when pg_column_size("cargo") > 8000 then 'cargo' end, case when pg_column_size("note") > 8000 then 'note' end]::text[], null) end, "id", case when pg_column_size("vessel") > 8000 then null else "vessel" end, case when pg_column_size("berth") > 8000 then null else "berth" end, case when pg_column_size("cargo") > 8000 then null else "cargo" end, "tonnage", "arrived_at", "cleared", case when pg_column_size("note") > 8000 then null else "note" end from after_rows;
      when 'DELETE' then insert into "pageladder"."changes_17" ("pl.version", "pl.side", "pl.cut", "pl.lacks", "id", "vessel", "berth", "cargo", "tonnage", "arrived_at", "cleared", "note") select moved, -1, coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false), case when coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false) then array_remove(array[case when pg_column_size("vessel") > 8000 then 'vessel' end, case when pg_column_size("berth") > 8000 then 'berth' end, case when pg_column_size("cargo") > 8000 then 'cargo' end, case when pg_column_size("note") > 8000 then 'note' end]::text[], null) end, "id", case when pg_column_size("vessel") > 8000 then null else "vessel" end, case when pg_column_size("berth") > 8000 then null else "berth" end, case when pg_column_size("cargo") > 8000 then null else "cargo" end, "tonnage", "arrived_at", "cleared", case when pg_column_size("note") > 8000 then null else "note" end from before_rows;
      when 'UPDATE' then insert into "pageladder"."changes_17" ("pl.version", "pl.side", "pl.cut", "pl.lacks", "id", "vessel", "berth", "cargo", "tonnage", "arrived_at", "cleared", "note") select moved, -1, coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false), case when coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false) then array_remove(array[case when pg_column_size("vessel") > 8000 then 'vessel' end, case when pg_column_size("berth") > 8000 then 'berth' end, case when pg_column_size("cargo") > 8000 then 'cargo' end, case when pg_column_size("note") > 8000 then 'note' end]::text[], null) end, "id", case when pg_column_size("vessel") > 8000 then null else "vessel" end, case when pg_column_size("berth") > 8000 then null else "berth" end, case when pg_column_size("cargo") > 8000 then null else "cargo" end, "tonnage", "arrived_at", "cleared", case when pg_column_size("note") > 8000 then null else "note" end from before_rows union all select moved, 1, coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false), case when coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false) then array_remove(array[case when pg_column_size("vessel") > 8000 then 'vessel' end, case when pg_column_size("berth") > 8000 then 'berth' end, case when pg_column_size("cargo") > 8000 then 'cargo' end, case when pg_column_size("note") > 8000 then 'note' end]::text[], null) end, "id", case when pg_column_size("vessel") > 8000 then null else "vessel" end, case when pg_column_size("berth") > 8000 then null else "berth" end, case when pg_column_size("cargo") > 8000 then null else "cargo" end, "tonnage", "arrived_at", "cleared", case when pg_column_size("note") > 8000 then null else "note" end from after_rows;
      else raise exception 'not logged';
    end case;
    if not found then
      insert into "pageladder"."changes_17" ("pl.version", "pl.side") values (moved, 0);
    end if;
  exception when others then
    begin
      insert into "pageladder"."changes_17" ("pl.version", "pl.side") values (moved, 2);
    exception when others then
      update pageladder.change_log set floor = greatest(floor, moved) where record_table = tg_table_name;
    end;
  end;
  return null;
end $$;


--
-- Name: changes_18(); Type: FUNCTION; Schema: pageladder; Owner: -
--

CREATE FUNCTION pageladder.changes_18() RETURNS trigger
    LANGUAGE plpgsql SECURITY DEFINER
    SET search_path TO 'pg_catalog'
    AS $$
declare
  moved bigint := pageladder.change_version('fixed-max', tg_table_name);
  more bigint;
begin
  if moved is null then
    case tg_op
      when 'INSERT' then select nullif(count(*), 0) into more from after_rows;
      when 'DELETE' then select -nullif(count(*), 0) into more from before_rows;
      when 'UPDATE' then select nullif(count(*), 0) * 0 into more from after_rows;
      else select -r.records into more from pageladder.record_set r where r.name = 'fixed-max';
    end case;
    if more is null then
      return null;
    end if;
    moved := pageladder.change_counted('fixed-max', tg_table_name, more);
    if moved is null then
      return null;
    end if;
  end if;
  begin
    case tg_op
      when 'INSERT' then insert into "pageladder"."changes_18" ("pl.version", "pl.side", "pl.cut", "pl.lacks", "id", "vessel", "berth", "cargo", "tonnage", "arrived_at", "cleared", "note") select moved, 1, coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false), case when coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false) then array_remove(array[case when pg_column_size("vessel") > 8000 then 'vessel' end, case when pg_column_size("berth") > 8000 then 'berth' end, case when pg_column_size("cargo") > 8000 then 'cargo' end, case when pg_column_size("note") > 8000 then 'note' end]::text[], null) end, "id", case when pg_column_size("vessel") > 8000 then null else "vessel" end, case when pg_column_size("berth") > 8000 then null else "berth" end, case when pg_column_size("cargo") > 8000 then null else "cargo" end, "tonnage", "arrived_at", "cleared", case when pg_column_size("note") > 8000 then null else "note" end from after_rows;
      when 'DELETE' then insert into "pageladder"."changes_18" ("pl.version", "pl.side", "pl.cut", "pl.lacks", "id", "vessel", "berth", "cargo", "tonnage", "arrived_at", "cleared", "note") select moved, -1, coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false), case when coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false) then array_remove(array[case when pg_column_size("vessel") > 8000 then 'vessel' end, case when pg_column_size("berth") > 8000 then 'berth' end, case when pg_column_size("cargo") > 8000 then 'cargo' end, case when pg_column_size("note") > 8000 then 'note' end]::text[], null) end, "id", case when pg_column_size("vessel") > 8000 then null else "vessel" end, case when pg_column_size("berth") > 8000 then null else "berth" end, case when pg_column_size("cargo") > 8000 then null else "cargo" end, "tonnage", "arrived_at", "cleared", case when pg_column_size("note") > 8000 then null else "note" end from before_rows;
      when 'UPDATE' then insert into "pageladder"."changes_18" ("pl.version", "pl.side", "pl.cut", "pl.lacks", "id", "vessel", "berth", "cargo", "tonnage", "arrived_at", "cleared", "note") select moved, -1, coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false), case when coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false) then array_remove(array[case when pg_column_size("vessel") > 8000 then 'vessel' end, case when pg_column_size("berth") > 8000 then 'berth' end, case when pg_column_size("cargo") > 8000 then 'cargo' end, case when pg_column_size("note") > 8000 then 'note' end]::text[], null) end, "id", case when pg_column_size("vessel") > 8000 then null else "vessel" end, case when pg_column_size("berth") > 8000 then null else "berth" end, case when pg_column_size("cargo") > 8000 then null else "cargo" end, "tonnage", "arrived_at", "cleared", case when pg_column_size("note") > 8000 then null else "note" end from before_rows union all select moved, 1, coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false), case when coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false) then array_remove(array[case when pg_column_size("vessel") > 8000 then 'vessel' end, case when pg_column_size("berth") > 8000 then 'berth' end, case when pg_column_size("cargo") > 8000 then 'cargo' end, case when pg_column_size("note") > 8000 then 'note' end]::text[], null) end, "id", case when pg_column_size("vessel") > 8000 then null else "vessel" end, case when pg_column_size("berth") > 8000 then null else "berth" end, case when pg_column_size("cargo") > 8000 then null else "cargo" end, "tonnage", "arrived_at", "cleared", case when pg_column_size("note") > 8000 then null else "note" end from after_rows;
      else raise exception 'not logged';
    end case;
    if not found then
      insert into "pageladder"."changes_18" ("pl.version", "pl.side") values (moved, 0);
    end if;
  exception when others then
    begin
      insert into "pageladder"."changes_18" ("pl.version", "pl.side") values (moved, 2);
    exception when others then
      update pageladder.change_log set floor = greatest(floor, moved) where record_table = tg_table_name;
    end;
  end;
  return null;
end $$;


--
-- Name: changes_19(); Type: FUNCTION; Schema: pageladder; Owner: -
--

CREATE FUNCTION pageladder.changes_19() RETURNS trigger
    LANGUAGE plpgsql SECURITY DEFINER
    SET search_path TO 'pg_catalog'
    AS $$
declare
  moved bigint := pageladder.change_version('fixed-min', tg_table_name);
  more bigint;
begin
  if moved is null then
    case tg_op
      when 'INSERT' then select nullif(count(*), 0) into more from after_rows;
      when 'DELETE' then select -nullif(count(*), 0) into more from before_rows;
      when 'UPDATE' then select nullif(count(*), 0) * 0 into more from after_rows;
      else select -r.records into more from pageladder.record_set r where r.name = 'fixed-min';
    end case;
    if more is null then
      return null;
    end if;
    moved := pageladder.change_counted('fixed-min', tg_table_name, more);
    if moved is null then
      return null;
    end if;
  end if;
  begin
    case tg_op
      when 'INSERT' then insert into "pageladder"."changes_19" ("pl.version", "pl.side", "pl.cut", "pl.lacks", "id", "vessel", "berth", "cargo", "tonnage", "arrived_at", "cleared", "note") select moved, 1, coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false), case when coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false) then array_remove(array[case when pg_column_size("vessel") > 8000 then 'vessel' end, case when pg_column_size("berth") > 8000 then 'berth' end, case when pg_column_size("cargo") > 8000 then 'cargo' end, case when pg_column_size("note") > 8000 then 'note' end]::text[], null) end, "id", case when pg_column_size("vessel") > 8000 then null else "vessel" end, case when pg_column_size("berth") > 8000 then null else "berth" end, case when pg_column_size("cargo") > 8000 then null else "cargo" end, "tonnage", "arrived_at", "cleared", case when pg_column_size("note") > 8000 then null else "note" end from after_rows;
      when 'DELETE' then insert into "pageladder"."changes_19" ("pl.version", "pl.side", "pl.cut", "pl.lacks", "id", "vessel", "berth", "cargo", "tonnage", "arrived_at", "cleared", "note") select moved, -1, coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false), case when coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false) then array_remove(array[case when pg_column_size("vessel") > 8000 then 'vessel' end, case when pg_column_size("berth") > 8000 then 'berth' end, case when pg_column_size("cargo") > 8000 then 'cargo' end, case when pg_column_size("note") > 8000 then 'note' end]::text[], null) end, "id", case when pg_column_size("vessel") > 8000 then null else "vessel" end, case when pg_column_size("berth") > 8000 then null else "berth" end, case when pg_column_size("cargo") > 8000 then null else "cargo" end, "tonnage", "arrived_at", "cleared", case when pg_column_size("note") > 8000 then null else "note" end from before_rows;
      when 'UPDATE' then insert into "pageladder"."changes_19" ("pl.version", "pl.side", "pl.cut", "pl.lacks", "id", "vessel", "berth", "cargo", "tonnage", "arrived_at", "cleared", "note") select moved, -1, coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false), case when coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false) then array_remove(array[case when pg_column_size("vessel") > 8000 then 'vessel' end, case when pg_column_size("berth") > 8000 then 'berth' end, case when pg_column_size("cargo") > 8000 then 'cargo' end, case when pg_column_size("note") > 8000 then 'note' end]::text[], null) end, "id", case when pg_column_size("vessel") > 8000 then null else "vessel" end, case when pg_column_size("berth") > 8000 then null else "berth" end, case when pg_column_size("cargo") > 8000 then null else "cargo" end, "tonnage", "arrived_at", "cleared", case when pg_column_size("note") > 8000 then null else "note" end from before_rows union all select moved, 1, coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false), case when coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false) then array_remove(array[case when pg_column_size("vessel") > 8000 then 'vessel' end, case when pg_column_size("berth") > 8000 then 'berth' end, case when pg_column_size("cargo") > 8000 then 'cargo' end, case when pg_column_size("note") > 8000 then 'note' end]::text[], null) end, "id", case when pg_column_size("vessel") > 8000 then null else "vessel" end, case when pg_column_size("berth") > 8000 then null else "berth" end, case when pg_column_size("cargo") > 8000 then null else "cargo" end, "tonnage", "arrived_at", "cleared", case when pg_column_size("note") > 8000 then null else "note" end from after_rows;
      else raise exception 'not logged';
    end case;
    if not found then
      insert into "pageladder"."changes_19" ("pl.version", "pl.side") values (moved, 0);
    end if;
  exception when others then
    begin
      insert into "pageladder"."changes_19" ("pl.version", "pl.side") values (moved, 2);
    exception when others then
      update pageladder.change_log set floor = greatest(floor, moved) where record_table = tg_table_name;
    end;
  end;
  return null;
end $$;


--
-- Name: changes_2(); Type: FUNCTION; Schema: pageladder; Owner: -
--

CREATE FUNCTION pageladder.changes_2() RETURNS trigger
    LANGUAGE plpgsql SECURITY DEFINER
    SET search_path TO 'pg_catalog'
    AS $$
declare
  moved bigint := pageladder.change_version('arrivals', tg_table_name);
  more bigint;
begin
  if moved is null then
    case tg_op
      when 'INSERT' then select nullif(count(*), 0) into more from after_rows;
      when 'DELETE' then select -nullif(count(*), 0) into more from before_rows;
      when 'UPDATE' then select nullif(count(*), 0) * 0 into more from after_rows;
      else select -r.records into more from pageladder.record_set r where r.name = 'arrivals';
    end case;
    if more is null then
      return null;
    end if;
    moved := pageladder.change_counted('arrivals', tg_table_name, more);
    if moved is null then
      return null;
    end if;
  end if;
  begin
    case tg_op
      when 'INSERT' then insert into "pageladder"."changes_2" ("pl.version", "pl.side", "pl.cut", "pl.lacks", "id", "vessel", "berth", "cargo", "tonnage", "arrived_at", "cleared", "note") select moved, 1, coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false), case when coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false) then array_remove(array[case when pg_column_size("vessel") > 8000 then 'vessel' end, case when pg_column_size("berth") > 8000 then 'berth' end, case when pg_column_size("cargo") > 8000 then 'cargo' end, case when pg_column_size("note") > 8000 then 'note' end]::text[], null) end, "id", case when pg_column_size("vessel") > 8000 then null else "vessel" end, case when pg_column_size("berth") > 8000 then null else "berth" end, case when pg_column_size("cargo") > 8000 then null else "cargo" end, "tonnage", "arrived_at", "cleared", case when pg_column_size("note") > 8000 then null else "note" end from after_rows;
      when 'DELETE' then insert into "pageladder"."changes_2" ("pl.version", "pl.side", "pl.cut", "pl.lacks", "id", "vessel", "berth", "cargo", "tonnage", "arrived_at", "cleared", "note") select moved, -1, coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false), case when coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false) then array_remove(array[case when pg_column_size("vessel") > 8000 then 'vessel' end, case when pg_column_size("berth") > 8000 then 'berth' end, case when pg_column_size("cargo") > 8000 then 'cargo' end, case when pg_column_size("note") > 8000 then 'note' end]::text[], null) end, "id", case when pg_column_size("vessel") > 8000 then null else "vessel" end, case when pg_column_size("berth") > 8000 then null else "berth" end, case when pg_column_size("cargo") > 8000 then null else "cargo" end, "tonnage", "arrived_at", "cleared", case when pg_column_size("note") > 8000 then null else "note" end from before_rows;
      when 'UPDATE' then insert into "pageladder"."changes_2" ("pl.version", "pl.side", "pl.cut", "pl.lacks", "id", "vessel", "berth", "cargo", "tonnage", "arrived_at", "cleared", "note") select moved, -1, coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false), case when coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false) then array_remove(array[case when pg_column_size("vessel") > 8000 then 'vessel' end, case when pg_column_size("berth") > 8000 then 'berth' end, case when pg_column_size("cargo") > 8000 then 'cargo' end, case when pg_column_size("note") > 8000 then 'note' end]::text[], null) end, "id", case when pg_column_size("vessel") > 8000 then null else "vessel" end, case when pg_column_size("berth") > 8000 then null else "berth" end, case when pg_column_size("cargo") > 8000 then null else "cargo" end, "tonnage", "arrived_at", "cleared", case when pg_column_size("note") > 8000 then null else "note" end from before_rows union all select moved, 1, coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false), case when coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false) then array_remove(array[case when pg_column_size("vessel") > 8000 then 'vessel' end, case when pg_column_size("berth") > 8000 then 'berth' end, case when pg_column_size("cargo") > 8000 then 'cargo' end, case when pg_column_size("note") > 8000 then 'note' end]::text[], null) end, "id", case when pg_column_size("vessel") > 8000 then null else "vessel" end, case when pg_column_size("berth") > 8000 then null else "berth" end, case when pg_column_size("cargo") > 8000 then null else "cargo" end, "tonnage", "arrived_at", "cleared", case when pg_column_size("note") > 8000 then null else "note" end from after_rows;
      else raise exception 'not logged';
    end case;
    if not found then
      insert into "pageladder"."changes_2" ("pl.version", "pl.side") values (moved, 0);
    end if;
  exception when others then
    begin
      insert into "pageladder"."changes_2" ("pl.version", "pl.side") values (moved, 2);
    exception when others then
      update pageladder.change_log set floor = greatest(floor, moved) where record_table = tg_table_name;
    end;
  end;
  return null;
end $$;


--
-- Name: changes_20(); Type: FUNCTION; Schema: pageladder; Owner: -
--

CREATE FUNCTION pageladder.changes_20() RETURNS trigger
    LANGUAGE plpgsql SECURITY DEFINER
    SET search_path TO 'pg_catalog'
    AS $$
declare
  moved bigint := pageladder.change_version('fixed-is', tg_table_name);
  more bigint;
begin
  if moved is null then
    case tg_op
      when 'INSERT' then select nullif(count(*), 0) into more from after_rows;
      when 'DELETE' then select -nullif(count(*), 0) into more from before_rows;
      when 'UPDATE' then select nullif(count(*), 0) * 0 into more from after_rows;
      else select -r.records into more from pageladder.record_set r where r.name = 'fixed-is';
    end case;
    if more is null then
      return null;
    end if;
    moved := pageladder.change_counted('fixed-is', tg_table_name, more);
    if moved is null then
      return null;
    end if;
  end if;
  begin
    case tg_op
      when 'INSERT' then insert into "pageladder"."changes_20" ("pl.version", "pl.side", "pl.cut", "pl.lacks", "id", "vessel", "berth", "cargo", "tonnage", "arrived_at", "cleared", "note") select moved, 1, coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false), case when coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false) then array_remove(array[case when pg_column_size("vessel") > 8000 then 'vessel' end, case when pg_column_size("berth") > 8000 then 'berth' end, case when pg_column_size("cargo") > 8000 then 'cargo' end, case when pg_column_size("note") > 8000 then 'note' end]::text[], null) end, "id", case when pg_column_size("vessel") > 8000 then null else "vessel" end, case when pg_column_size("berth") > 8000 then null else "berth" end, case when pg_column_size("cargo") > 8000 then null else "cargo" end, "tonnage", "arrived_at", "cleared", case when pg_column_size("note") > 8000 then null else "note" end from after_rows;
      when 'DELETE' then insert into "pageladder"."changes_20" ("pl.version", "pl.side", "pl.cut", "pl.lacks", "id", "vessel", "berth", "cargo", "tonnage", "arrived_at", "cleared", "note") select moved, -1, coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false), case when coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false) then array_remove(array[case when pg_column_size("vessel") > 8000 then 'vessel' end, case when pg_column_size("berth") > 8000 then 'berth' end, case when pg_column_size("cargo") > 8000 then 'cargo' end, case when pg_column_size("note") > 8000 then 'note' end]::text[], null) end, "id", case when pg_column_size("vessel") > 8000 then null else "vessel" end, case when pg_column_size("berth") > 8000 then null else "berth" end, case when pg_column_size("cargo") > 8000 then null else "cargo" end, "tonnage", "arrived_at", "cleared", case when pg_column_size("note") > 8000 then null else "note" end from before_rows;
      when 'UPDATE' then insert into "pageladder"."changes_20" ("pl.version", "pl.side", "pl.cut", "pl.lacks", "id", "vessel", "berth", "cargo", "tonnage", "arrived_at", "cleared", "note") select moved, -1, coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false), case when coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false) then array_remove(array[case when pg_column_size("vessel") > 8000 then 'vessel' end, case when pg_column_size("berth") > 8000 then 'berth' end, case when pg_column_size("cargo") > 8000 then 'cargo' end, case when pg_column_size("note") > 8000 then 'note' end]::text[], null) end, "id", case when pg_column_size("vessel") > 8000 then null else "vessel" end, case when pg_column_size("berth") > 8000 then null else "berth" end, case when pg_column_size("cargo") > 8000 then null else "cargo" end, "tonnage", "arrived_at", "cleared", case when pg_column_size("note") > 8000 then null else "note" end from before_rows union all select moved, 1, coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false), case when coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false) then array_remove(array[case when pg_column_size("vessel") > 8000 then 'vessel' end, case when pg_column_size("berth") > 8000 then 'berth' end, case when pg_column_size("cargo") > 8000 then 'cargo' end, case when pg_column_size("note") > 8000 then 'note' end]::text[], null) end, "id", case when pg_column_size("vessel") > 8000 then null else "vessel" end, case when pg_column_size("berth") > 8000 then null else "berth" end, case when pg_column_size("cargo") > 8000 then null else "cargo" end, "tonnage", "arrived_at", "cleared", case when pg_column_size("note") > 8000 then null else "note" end from after_rows;
      else raise exception 'not logged';
    end case;
    if not found then
      insert into "pageladder"."changes_20" ("pl.version", "pl.side") values (moved, 0);
    end if;
  exception when others then
    begin
      insert into "pageladder"."changes_20" ("pl.version", "pl.side") values (moved, 2);
    exception when others then
      update pageladder.change_log set floor = greatest(floor, moved) where record_table = tg_table_name;
    end;
  end;
  return null;
end $$;


--
-- Name: changes_3(); Type: FUNCTION; Schema: pageladder; Owner: -
--

CREATE FUNCTION pageladder.changes_3() RETURNS trigger
    LANGUAGE plpgsql SECURITY DEFINER
    SET search_path TO 'pg_catalog'
    AS $$
declare
  moved bigint := pageladder.change_version('berths', tg_table_name);
  more bigint;
begin
  if moved is null then
    case tg_op
      when 'INSERT' then select nullif(count(*), 0) into more from after_rows;
      when 'DELETE' then select -nullif(count(*), 0) into more from before_rows;
      when 'UPDATE' then select nullif(count(*), 0) * 0 into more from after_rows;
      else select -r.records into more from pageladder.record_set r where r.name = 'berths';
    end case;
    if more is null then
      return null;
    end if;
    moved := pageladder.change_counted('berths', tg_table_name, more);
    if moved is null then
      return null;
    end if;
  end if;
  begin
    case tg_op
      when 'INSERT' then insert into "pageladder"."changes_3" ("pl.version", "pl.side", "pl.cut", "pl.lacks", "code", "name", "kind", "depth_m", "length_m", "lit") select moved, 1, coalesce(pg_column_size("code") > 8000, false) or coalesce(pg_column_size("name") > 8000, false) or coalesce(pg_column_size("kind") > 8000, false), case when coalesce(pg_column_size("code") > 8000, false) or coalesce(pg_column_size("name") > 8000, false) or coalesce(pg_column_size("kind") > 8000, false) then array_remove(array[case when pg_column_size("code") > 8000 then 'code' end, case when pg_column_size("name") > 8000 then 'name' end, case when pg_column_size("kind") > 8000 then 'kind' end]::text[], null) end, case when pg_column_size("code") > 8000 then null else "code" end, case when pg_column_size("name") > 8000 then null else "name" end, case when pg_column_size("kind") > 8000 then null else "kind" end, "depth_m", "length_m", "lit" from after_rows;
      when 'DELETE' then insert into "pageladder"."changes_3" ("pl.version", "pl.side", "pl.cut", "pl.lacks", "code", "name", "kind", "depth_m", "length_m", "lit") select moved, -1, coalesce(pg_column_size("code") > 8000, false) or coalesce(pg_column_size("name") > 8000, false) or coalesce(pg_column_size("kind") > 8000, false), case when coalesce(pg_column_size("code") > 8000, false) or coalesce(pg_column_size("name") > 8000, false) or coalesce(pg_column_size("kind") > 8000, false) then array_remove(array[case when pg_column_size("code") > 8000 then 'code' end, case when pg_column_size("name") > 8000 then 'name' end, case when pg_column_size("kind") > 8000 then 'kind' end]::text[], null) end, case when pg_column_size("code") > 8000 then null else "code" end, case when pg_column_size("name") > 8000 then null else "name" end, case when pg_column_size("kind") > 8000 then null else "kind" end, "depth_m", "length_m", "lit" from before_rows;
      when 'UPDATE' then insert into "pageladder"."changes_3" ("pl.version", "pl.side", "pl.cut", "pl.lacks", "code", "name", "kind", "depth_m", "length_m", "lit") select moved, -1, coalesce(pg_column_size("code") > 8000, false) or coalesce(pg_column_size("name") > 8000, false) or coalesce(pg_column_size("kind") > 8000, false), case when coalesce(pg_column_size("code") > 8000, false) or coalesce(pg_column_size("name") > 8000, false) or coalesce(pg_column_size("kind") > 8000, false) then array_remove(array[case when pg_column_size("code") > 8000 then 'code' end, case when pg_column_size("name") > 8000 then 'name' end, case when pg_column_size("kind") > 8000 then 'kind' end]::text[], null) end, case when pg_column_size("code") > 8000 then null else "code" end, case when pg_column_size("name") > 8000 then null else "name" end, case when pg_column_size("kind") > 8000 then null else "kind" end, "depth_m", "length_m", "lit" from before_rows union all select moved, 1, coalesce(pg_column_size("code") > 8000, false) or coalesce(pg_column_size("name") > 8000, false) or coalesce(pg_column_size("kind") > 8000, false), case when coalesce(pg_column_size("code") > 8000, false) or coalesce(pg_column_size("name") > 8000, false) or coalesce(pg_column_size("kind") > 8000, false) then array_remove(array[case when pg_column_size("code") > 8000 then 'code' end, case when pg_column_size("name") > 8000 then 'name' end, case when pg_column_size("kind") > 8000 then 'kind' end]::text[], null) end, case when pg_column_size("code") > 8000 then null else "code" end, case when pg_column_size("name") > 8000 then null else "name" end, case when pg_column_size("kind") > 8000 then null else "kind" end, "depth_m", "length_m", "lit" from after_rows;
      else raise exception 'not logged';
    end case;
    if not found then
      insert into "pageladder"."changes_3" ("pl.version", "pl.side") values (moved, 0);
    end if;
  exception when others then
    begin
      insert into "pageladder"."changes_3" ("pl.version", "pl.side") values (moved, 2);
    exception when others then
      update pageladder.change_log set floor = greatest(floor, moved) where record_table = tg_table_name;
    end;
  end;
  return null;
end $$;


--
-- Name: changes_4(); Type: FUNCTION; Schema: pageladder; Owner: -
--

CREATE FUNCTION pageladder.changes_4() RETURNS trigger
    LANGUAGE plpgsql SECURITY DEFINER
    SET search_path TO 'pg_catalog'
    AS $$
declare
  moved bigint := pageladder.change_version('lost_property', tg_table_name);
  more bigint;
begin
  if moved is null then
    case tg_op
      when 'INSERT' then select nullif(count(*), 0) into more from after_rows;
      when 'DELETE' then select -nullif(count(*), 0) into more from before_rows;
      when 'UPDATE' then select nullif(count(*), 0) * 0 into more from after_rows;
      else select -r.records into more from pageladder.record_set r where r.name = 'lost_property';
    end case;
    if more is null then
      return null;
    end if;
    moved := pageladder.change_counted('lost_property', tg_table_name, more);
    if moved is null then
      return null;
    end if;
  end if;
  begin
    case tg_op
      when 'INSERT' then insert into "pageladder"."changes_4" ("pl.version", "pl.side", "pl.cut", "pl.lacks", "id", "found_on", "place", "what", "claimed") select moved, 1, coalesce(pg_column_size("place") > 8000, false) or coalesce(pg_column_size("what") > 8000, false), case when coalesce(pg_column_size("place") > 8000, false) or coalesce(pg_column_size("what") > 8000, false) then array_remove(array[case when pg_column_size("place") > 8000 then 'place' end, case when pg_column_size("what") > 8000 then 'what' end]::text[], null) end, "id", "found_on", case when pg_column_size("place") > 8000 then null else "place" end, case when pg_column_size("what") > 8000 then null else "what" end, "claimed" from after_rows;
      when 'DELETE' then insert into "pageladder"."changes_4" ("pl.version", "pl.side", "pl.cut", "pl.lacks", "id", "found_on", "place", "what", "claimed") select moved, -1, coalesce(pg_column_size("place") > 8000, false) or coalesce(pg_column_size("what") > 8000, false), case when coalesce(pg_column_size("place") > 8000, false) or coalesce(pg_column_size("what") > 8000, false) then array_remove(array[case when pg_column_size("place") > 8000 then 'place' end, case when pg_column_size("what") > 8000 then 'what' end]::text[], null) end, "id", "found_on", case when pg_column_size("place") > 8000 then null else "place" end, case when pg_column_size("what") > 8000 then null else "what" end, "claimed" from before_rows;
      when 'UPDATE' then insert into "pageladder"."changes_4" ("pl.version", "pl.side", "pl.cut", "pl.lacks", "id", "found_on", "place", "what", "claimed") select moved, -1, coalesce(pg_column_size("place") > 8000, false) or coalesce(pg_column_size("what") > 8000, false), case when coalesce(pg_column_size("place") > 8000, false) or coalesce(pg_column_size("what") > 8000, false) then array_remove(array[case when pg_column_size("place") > 8000 then 'place' end, case when pg_column_size("what") > 8000 then 'what' end]::text[], null) end, "id", "found_on", case when pg_column_size("place") > 8000 then null else "place" end, case when pg_column_size("what") > 8000 then null else "what" end, "claimed" from before_rows union all select moved, 1, coalesce(pg_column_size("place") > 8000, false) or coalesce(pg_column_size("what") > 8000, false), case when coalesce(pg_column_size("place") > 8000, false) or coalesce(pg_column_size("what") > 8000, false) then array_remove(array[case when pg_column_size("place") > 8000 then 'place' end, case when pg_column_size("what") > 8000 then 'what' end]::text[], null) end, "id", "found_on", case when pg_column_size("place") > 8000 then null else "place" end, case when pg_column_size("what") > 8000 then null else "what" end, "claimed" from after_rows;
      else raise exception 'not logged';
    end case;
    if not found then
      insert into "pageladder"."changes_4" ("pl.version", "pl.side") values (moved, 0);
    end if;
  exception when others then
    begin
      insert into "pageladder"."changes_4" ("pl.version", "pl.side") values (moved, 2);
    exception when others then
      update pageladder.change_log set floor = greatest(floor, moved) where record_table = tg_table_name;
    end;
  end;
  return null;
end $$;


--
-- Name: changes_5(); Type: FUNCTION; Schema: pageladder; Owner: -
--

CREATE FUNCTION pageladder.changes_5() RETURNS trigger
    LANGUAGE plpgsql SECURITY DEFINER
    SET search_path TO 'pg_catalog'
    AS $$
declare
  moved bigint := pageladder.change_version('strict', tg_table_name);
  more bigint;
begin
  if moved is null then
    case tg_op
      when 'INSERT' then select nullif(count(*), 0) into more from after_rows;
      when 'DELETE' then select -nullif(count(*), 0) into more from before_rows;
      when 'UPDATE' then select nullif(count(*), 0) * 0 into more from after_rows;
      else select -r.records into more from pageladder.record_set r where r.name = 'strict';
    end case;
    if more is null then
      return null;
    end if;
    moved := pageladder.change_counted('strict', tg_table_name, more);
    if moved is null then
      return null;
    end if;
  end if;
  begin
    case tg_op
      when 'INSERT' then insert into "pageladder"."changes_5" ("pl.version", "pl.side", "pl.cut", "pl.lacks", "id", "vessel", "berth", "cargo", "tonnage", "arrived_at", "cleared", "note") select moved, 1, coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false), case when coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false) then array_remove(array[case when pg_column_size("vessel") > 8000 then 'vessel' end, case when pg_column_size("berth") > 8000 then 'berth' end, case when pg_column_size("cargo") > 8000 then 'cargo' end, case when pg_column_size("note") > 8000 then 'note' end]::text[], null) end, "id", case when pg_column_size("vessel") > 8000 then null else "vessel" end, case when pg_column_size("berth") > 8000 then null else "berth" end, case when pg_column_size("cargo") > 8000 then null else "cargo" end, "tonnage", "arrived_at", "cleared", case when pg_column_size("note") > 8000 then null else "note" end from after_rows;
      when 'DELETE' then insert into "pageladder"."changes_5" ("pl.version", "pl.side", "pl.cut", "pl.lacks", "id", "vessel", "berth", "cargo", "tonnage", "arrived_at", "cleared", "note") select moved, -1, coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false), case when coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false) then array_remove(array[case when pg_column_size("vessel") > 8000 then 'vessel' end, case when pg_column_size("berth") > 8000 then 'berth' end, case when pg_column_size("cargo") > 8000 then 'cargo' end, case when pg_column_size("note") > 8000 then 'note' end]::text[], null) end, "id", case when pg_column_size("vessel") > 8000 then null else "vessel" end, case when pg_column_size("berth") > 8000 then null else "berth" end, case when pg_column_size("cargo") > 8000 then null else "cargo" end, "tonnage", "arrived_at", "cleared", case when pg_column_size("note") > 8000 then null else "note" end from before_rows;
      when 'UPDATE' then insert into "pageladder"."changes_5" ("pl.version", "pl.side", "pl.cut", "pl.lacks", "id", "vessel", "berth", "cargo", "tonnage", "arrived_at", "cleared", "note") select moved, -1, coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false), case when coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false) then array_remove(array[case when pg_column_size("vessel") > 8000 then 'vessel' end, case when pg_column_size("berth") > 8000 then 'berth' end, case when pg_column_size("cargo") > 8000 then 'cargo' end, case when pg_column_size("note") > 8000 then 'note' end]::text[], null) end, "id", case when pg_column_size("vessel") > 8000 then null else "vessel" end, case when pg_column_size("berth") > 8000 then null else "berth" end, case when pg_column_size("cargo") > 8000 then null else "cargo" end, "tonnage", "arrived_at", "cleared", case when pg_column_size("note") > 8000 then null else "note" end from before_rows union all select moved, 1, coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false), case when coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false) then array_remove(array[case when pg_column_size("vessel") > 8000 then 'vessel' end, case when pg_column_size("berth") > 8000 then 'berth' end, case when pg_column_size("cargo") > 8000 then 'cargo' end, case when pg_column_size("note") > 8000 then 'note' end]::text[], null) end, "id", case when pg_column_size("vessel") > 8000 then null else "vessel" end, case when pg_column_size("berth") > 8000 then null else "berth" end, case when pg_column_size("cargo") > 8000 then null else "cargo" end, "tonnage", "arrived_at", "cleared", case when pg_column_size("note") > 8000 then null else "note" end from after_rows;
      else raise exception 'not logged';
    end case;
    if not found then
      insert into "pageladder"."changes_5" ("pl.version", "pl.side") values (moved, 0);
    end if;
  exception when others then
    begin
      insert into "pageladder"."changes_5" ("pl.version", "pl.side") values (moved, 2);
    exception when others then
      update pageladder.change_log set floor = greatest(floor, moved) where record_table = tg_table_name;
    end;
  end;
  return null;
end $$;


--
-- Name: changes_6(); Type: FUNCTION; Schema: pageladder; Owner: -
--

CREATE FUNCTION pageladder.changes_6() RETURNS trigger
    LANGUAGE plpgsql SECURITY DEFINER
    SET search_path TO 'pg_catalog'
    AS $$
declare
  moved bigint := pageladder.change_version('atleast', tg_table_name);
  more bigint;
begin
  if moved is null then
    case tg_op
      when 'INSERT' then select nullif(count(*), 0) into more from after_rows;
      when 'DELETE' then select -nullif(count(*), 0) into more from before_rows;
      when 'UPDATE' then select nullif(count(*), 0) * 0 into more from after_rows;
      else select -r.records into more from pageladder.record_set r where r.name = 'atleast';
    end case;
    if more is null then
      return null;
    end if;
    moved := pageladder.change_counted('atleast', tg_table_name, more);
    if moved is null then
      return null;
    end if;
  end if;
  begin
    case tg_op
      when 'INSERT' then insert into "pageladder"."changes_6" ("pl.version", "pl.side", "pl.cut", "pl.lacks", "id", "vessel", "berth", "cargo", "tonnage", "arrived_at", "cleared", "note") select moved, 1, coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false), case when coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false) then array_remove(array[case when pg_column_size("vessel") > 8000 then 'vessel' end, case when pg_column_size("berth") > 8000 then 'berth' end, case when pg_column_size("cargo") > 8000 then 'cargo' end, case when pg_column_size("note") > 8000 then 'note' end]::text[], null) end, "id", case when pg_column_size("vessel") > 8000 then null else "vessel" end, case when pg_column_size("berth") > 8000 then null else "berth" end, case when pg_column_size("cargo") > 8000 then null else "cargo" end, "tonnage", "arrived_at", "cleared", case when pg_column_size("note") > 8000 then null else "note" end from after_rows;
      when 'DELETE' then insert into "pageladder"."changes_6" ("pl.version", "pl.side", "pl.cut", "pl.lacks", "id", "vessel", "berth", "cargo", "tonnage", "arrived_at", "cleared", "note") select moved, -1, coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false), case when coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false) then array_remove(array[case when pg_column_size("vessel") > 8000 then 'vessel' end, case when pg_column_size("berth") > 8000 then 'berth' end, case when pg_column_size("cargo") > 8000 then 'cargo' end, case when pg_column_size("note") > 8000 then 'note' end]::text[], null) end, "id", case when pg_column_size("vessel") > 8000 then null else "vessel" end, case when pg_column_size("berth") > 8000 then null else "berth" end, case when pg_column_size("cargo") > 8000 then null else "cargo" end, "tonnage", "arrived_at", "cleared", case when pg_column_size("note") > 8000 then null else "note" end from before_rows;
      when 'UPDATE' then insert into "pageladder"."changes_6" ("pl.version", "pl.side", "pl.cut", "pl.lacks", "id", "vessel", "berth", "cargo", "tonnage", "arrived_at", "cleared", "note") select moved, -1, coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false), case when coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false) then array_remove(array[case when pg_column_size("vessel") > 8000 then 'vessel' end, case when pg_column_size("berth") > 8000 then 'berth' end, case when pg_column_size("cargo") > 8000 then 'cargo' end, case when pg_column_size("note") > 8000 then 'note' end]::text[], null) end, "id", case when pg_column_size("vessel") > 8000 then null else "vessel" end, case when pg_column_size("berth") > 8000 then null else "berth" end, case when pg_column_size("cargo") > 8000 then null else "cargo" end, "tonnage", "arrived_at", "cleared", case when pg_column_size("note") > 8000 then null else "note" end from before_rows union all select moved, 1, coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false), case when coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false) then array_remove(array[case when pg_column_size("vessel") > 8000 then 'vessel' end, case when pg_column_size("berth") > 8000 then 'berth' end, case when pg_column_size("cargo") > 8000 then 'cargo' end, case when pg_column_size("note") > 8000 then 'note' end]::text[], null) end, "id", case when pg_column_size("vessel") > 8000 then null else "vessel" end, case when pg_column_size("berth") > 8000 then null else "berth" end, case when pg_column_size("cargo") > 8000 then null else "cargo" end, "tonnage", "arrived_at", "cleared", case when pg_column_size("note") > 8000 then null else "note" end from after_rows;
      else raise exception 'not logged';
    end case;
    if not found then
      insert into "pageladder"."changes_6" ("pl.version", "pl.side") values (moved, 0);
    end if;
  exception when others then
    begin
      insert into "pageladder"."changes_6" ("pl.version", "pl.side") values (moved, 2);
    exception when others then
      update pageladder.change_log set floor = greatest(floor, moved) where record_table = tg_table_name;
    end;
  end;
  return null;
end $$;


--
-- Name: changes_7(); Type: FUNCTION; Schema: pageladder; Owner: -
--

CREATE FUNCTION pageladder.changes_7() RETURNS trigger
    LANGUAGE plpgsql SECURITY DEFINER
    SET search_path TO 'pg_catalog'
    AS $$
declare
  moved bigint := pageladder.change_version('uncounted', tg_table_name);
  more bigint;
begin
  if moved is null then
    case tg_op
      when 'INSERT' then select nullif(count(*), 0) into more from after_rows;
      when 'DELETE' then select -nullif(count(*), 0) into more from before_rows;
      when 'UPDATE' then select nullif(count(*), 0) * 0 into more from after_rows;
      else select -r.records into more from pageladder.record_set r where r.name = 'uncounted';
    end case;
    if more is null then
      return null;
    end if;
    moved := pageladder.change_counted('uncounted', tg_table_name, more);
    if moved is null then
      return null;
    end if;
  end if;
  begin
    case tg_op
      when 'INSERT' then insert into "pageladder"."changes_7" ("pl.version", "pl.side", "pl.cut", "pl.lacks", "id", "vessel", "berth", "cargo", "tonnage", "arrived_at", "cleared", "note") select moved, 1, coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false), case when coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false) then array_remove(array[case when pg_column_size("vessel") > 8000 then 'vessel' end, case when pg_column_size("berth") > 8000 then 'berth' end, case when pg_column_size("cargo") > 8000 then 'cargo' end, case when pg_column_size("note") > 8000 then 'note' end]::text[], null) end, "id", case when pg_column_size("vessel") > 8000 then null else "vessel" end, case when pg_column_size("berth") > 8000 then null else "berth" end, case when pg_column_size("cargo") > 8000 then null else "cargo" end, "tonnage", "arrived_at", "cleared", case when pg_column_size("note") > 8000 then null else "note" end from after_rows;
      when 'DELETE' then insert into "pageladder"."changes_7" ("pl.version", "pl.side", "pl.cut", "pl.lacks", "id", "vessel", "berth", "cargo", "tonnage", "arrived_at", "cleared", "note") select moved, -1, coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false), case when coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false) then array_remove(array[case when pg_column_size("vessel") > 8000 then 'vessel' end, case when pg_column_size("berth") > 8000 then 'berth' end, case when pg_column_size("cargo") > 8000 then 'cargo' end, case when pg_column_size("note") > 8000 then 'note' end]::text[], null) end, "id", case when pg_column_size("vessel") > 8000 then null else "vessel" end, case when pg_column_size("berth") > 8000 then null else "berth" end, case when pg_column_size("cargo") > 8000 then null else "cargo" end, "tonnage", "arrived_at", "cleared", case when pg_column_size("note") > 8000 then null else "note" end from before_rows;
      when 'UPDATE' then insert into "pageladder"."changes_7" ("pl.version", "pl.side", "pl.cut", "pl.lacks", "id", "vessel", "berth", "cargo", "tonnage", "arrived_at", "cleared", "note") select moved, -1, coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false), case when coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false) then array_remove(array[case when pg_column_size("vessel") > 8000 then 'vessel' end, case when pg_column_size("berth") > 8000 then 'berth' end, case when pg_column_size("cargo") > 8000 then 'cargo' end, case when pg_column_size("note") > 8000 then 'note' end]::text[], null) end, "id", case when pg_column_size("vessel") > 8000 then null else "vessel" end, case when pg_column_size("berth") > 8000 then null else "berth" end, case when pg_column_size("cargo") > 8000 then null else "cargo" end, "tonnage", "arrived_at", "cleared", case when pg_column_size("note") > 8000 then null else "note" end from before_rows union all select moved, 1, coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false), case when coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false) then array_remove(array[case when pg_column_size("vessel") > 8000 then 'vessel' end, case when pg_column_size("berth") > 8000 then 'berth' end, case when pg_column_size("cargo") > 8000 then 'cargo' end, case when pg_column_size("note") > 8000 then 'note' end]::text[], null) end, "id", case when pg_column_size("vessel") > 8000 then null else "vessel" end, case when pg_column_size("berth") > 8000 then null else "berth" end, case when pg_column_size("cargo") > 8000 then null else "cargo" end, "tonnage", "arrived_at", "cleared", case when pg_column_size("note") > 8000 then null else "note" end from after_rows;
      else raise exception 'not logged';
    end case;
    if not found then
      insert into "pageladder"."changes_7" ("pl.version", "pl.side") values (moved, 0);
    end if;
  exception when others then
    begin
      insert into "pageladder"."changes_7" ("pl.version", "pl.side") values (moved, 2);
    exception when others then
      update pageladder.change_log set floor = greatest(floor, moved) where record_table = tg_table_name;
    end;
  end;
  return null;
end $$;


--
-- Name: changes_8(); Type: FUNCTION; Schema: pageladder; Owner: -
--

CREATE FUNCTION pageladder.changes_8() RETURNS trigger
    LANGUAGE plpgsql SECURITY DEFINER
    SET search_path TO 'pg_catalog'
    AS $$
declare
  moved bigint := pageladder.change_version('worded', tg_table_name);
  more bigint;
begin
  if moved is null then
    case tg_op
      when 'INSERT' then select nullif(count(*), 0) into more from after_rows;
      when 'DELETE' then select -nullif(count(*), 0) into more from before_rows;
      when 'UPDATE' then select nullif(count(*), 0) * 0 into more from after_rows;
      else select -r.records into more from pageladder.record_set r where r.name = 'worded';
    end case;
    if more is null then
      return null;
    end if;
    moved := pageladder.change_counted('worded', tg_table_name, more);
    if moved is null then
      return null;
    end if;
  end if;
  begin
    case tg_op
      when 'INSERT' then insert into "pageladder"."changes_8" ("pl.version", "pl.side", "pl.cut", "pl.lacks", "id", "vessel", "berth", "cargo", "tonnage", "arrived_at", "cleared", "note") select moved, 1, coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false), case when coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false) then array_remove(array[case when pg_column_size("vessel") > 8000 then 'vessel' end, case when pg_column_size("berth") > 8000 then 'berth' end, case when pg_column_size("cargo") > 8000 then 'cargo' end, case when pg_column_size("note") > 8000 then 'note' end]::text[], null) end, "id", case when pg_column_size("vessel") > 8000 then null else "vessel" end, case when pg_column_size("berth") > 8000 then null else "berth" end, case when pg_column_size("cargo") > 8000 then null else "cargo" end, "tonnage", "arrived_at", "cleared", case when pg_column_size("note") > 8000 then null else "note" end from after_rows;
      when 'DELETE' then insert into "pageladder"."changes_8" ("pl.version", "pl.side", "pl.cut", "pl.lacks", "id", "vessel", "berth", "cargo", "tonnage", "arrived_at", "cleared", "note") select moved, -1, coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false), case when coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false) then array_remove(array[case when pg_column_size("vessel") > 8000 then 'vessel' end, case when pg_column_size("berth") > 8000 then 'berth' end, case when pg_column_size("cargo") > 8000 then 'cargo' end, case when pg_column_size("note") > 8000 then 'note' end]::text[], null) end, "id", case when pg_column_size("vessel") > 8000 then null else "vessel" end, case when pg_column_size("berth") > 8000 then null else "berth" end, case when pg_column_size("cargo") > 8000 then null else "cargo" end, "tonnage", "arrived_at", "cleared", case when pg_column_size("note") > 8000 then null else "note" end from before_rows;
      when 'UPDATE' then insert into "pageladder"."changes_8" ("pl.version", "pl.side", "pl.cut", "pl.lacks", "id", "vessel", "berth", "cargo", "tonnage", "arrived_at", "cleared", "note") select moved, -1, coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false), case when coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false) then array_remove(array[case when pg_column_size("vessel") > 8000 then 'vessel' end, case when pg_column_size("berth") > 8000 then 'berth' end, case when pg_column_size("cargo") > 8000 then 'cargo' end, case when pg_column_size("note") > 8000 then 'note' end]::text[], null) end, "id", case when pg_column_size("vessel") > 8000 then null else "vessel" end, case when pg_column_size("berth") > 8000 then null else "berth" end, case when pg_column_size("cargo") > 8000 then null else "cargo" end, "tonnage", "arrived_at", "cleared", case when pg_column_size("note") > 8000 then null else "note" end from before_rows union all select moved, 1, coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false), case when coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false) then array_remove(array[case when pg_column_size("vessel") > 8000 then 'vessel' end, case when pg_column_size("berth") > 8000 then 'berth' end, case when pg_column_size("cargo") > 8000 then 'cargo' end, case when pg_column_size("note") > 8000 then 'note' end]::text[], null) end, "id", case when pg_column_size("vessel") > 8000 then null else "vessel" end, case when pg_column_size("berth") > 8000 then null else "berth" end, case when pg_column_size("cargo") > 8000 then null else "cargo" end, "tonnage", "arrived_at", "cleared", case when pg_column_size("note") > 8000 then null else "note" end from after_rows;
      else raise exception 'not logged';
    end case;
    if not found then
      insert into "pageladder"."changes_8" ("pl.version", "pl.side") values (moved, 0);
    end if;
  exception when others then
    begin
      insert into "pageladder"."changes_8" ("pl.version", "pl.side") values (moved, 2);
    exception when others then
      update pageladder.change_log set floor = greatest(floor, moved) where record_table = tg_table_name;
    end;
  end;
  return null;
end $$;


--
-- Name: changes_9(); Type: FUNCTION; Schema: pageladder; Owner: -
--

CREATE FUNCTION pageladder.changes_9() RETURNS trigger
    LANGUAGE plpgsql SECURITY DEFINER
    SET search_path TO 'pg_catalog'
    AS $$
declare
  moved bigint := pageladder.change_version('plain', tg_table_name);
  more bigint;
begin
  if moved is null then
    case tg_op
      when 'INSERT' then select nullif(count(*), 0) into more from after_rows;
      when 'DELETE' then select -nullif(count(*), 0) into more from before_rows;
      when 'UPDATE' then select nullif(count(*), 0) * 0 into more from after_rows;
      else select -r.records into more from pageladder.record_set r where r.name = 'plain';
    end case;
    if more is null then
      return null;
    end if;
    moved := pageladder.change_counted('plain', tg_table_name, more);
    if moved is null then
      return null;
    end if;
  end if;
  begin
    case tg_op
      when 'INSERT' then insert into "pageladder"."changes_9" ("pl.version", "pl.side", "pl.cut", "pl.lacks", "id", "vessel", "berth", "cargo", "tonnage", "arrived_at", "cleared", "note") select moved, 1, coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false), case when coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false) then array_remove(array[case when pg_column_size("vessel") > 8000 then 'vessel' end, case when pg_column_size("berth") > 8000 then 'berth' end, case when pg_column_size("cargo") > 8000 then 'cargo' end, case when pg_column_size("note") > 8000 then 'note' end]::text[], null) end, "id", case when pg_column_size("vessel") > 8000 then null else "vessel" end, case when pg_column_size("berth") > 8000 then null else "berth" end, case when pg_column_size("cargo") > 8000 then null else "cargo" end, "tonnage", "arrived_at", "cleared", case when pg_column_size("note") > 8000 then null else "note" end from after_rows;
      when 'DELETE' then insert into "pageladder"."changes_9" ("pl.version", "pl.side", "pl.cut", "pl.lacks", "id", "vessel", "berth", "cargo", "tonnage", "arrived_at", "cleared", "note") select moved, -1, coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false), case when coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false) then array_remove(array[case when pg_column_size("vessel") > 8000 then 'vessel' end, case when pg_column_size("berth") > 8000 then 'berth' end, case when pg_column_size("cargo") > 8000 then 'cargo' end, case when pg_column_size("note") > 8000 then 'note' end]::text[], null) end, "id", case when pg_column_size("vessel") > 8000 then null else "vessel" end, case when pg_column_size("berth") > 8000 then null else "berth" end, case when pg_column_size("cargo") > 8000 then null else "cargo" end, "tonnage", "arrived_at", "cleared", case when pg_column_size("note") > 8000 then null else "note" end from before_rows;
      when 'UPDATE' then insert into "pageladder"."changes_9" ("pl.version", "pl.side", "pl.cut", "pl.lacks", "id", "vessel", "berth", "cargo", "tonnage", "arrived_at", "cleared", "note") select moved, -1, coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false), case when coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false) then array_remove(array[case when pg_column_size("vessel") > 8000 then 'vessel' end, case when pg_column_size("berth") > 8000 then 'berth' end, case when pg_column_size("cargo") > 8000 then 'cargo' end, case when pg_column_size("note") > 8000 then 'note' end]::text[], null) end, "id", case when pg_column_size("vessel") > 8000 then null else "vessel" end, case when pg_column_size("berth") > 8000 then null else "berth" end, case when pg_column_size("cargo") > 8000 then null else "cargo" end, "tonnage", "arrived_at", "cleared", case when pg_column_size("note") > 8000 then null else "note" end from before_rows union all select moved, 1, coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false), case when coalesce(pg_column_size("vessel") > 8000, false) or coalesce(pg_column_size("berth") > 8000, false) or coalesce(pg_column_size("cargo") > 8000, false) or coalesce(pg_column_size("note") > 8000, false) then array_remove(array[case when pg_column_size("vessel") > 8000 then 'vessel' end, case when pg_column_size("berth") > 8000 then 'berth' end, case when pg_column_size("cargo") > 8000 then 'cargo' end, case when pg_column_size("note") > 8000 then 'note' end]::text[], null) end, "id", case when pg_column_size("vessel") > 8000 then null else "vessel" end, case when pg_column_size("berth") > 8000 then null else "berth" end, case when pg_column_size("cargo") > 8000 then null else "cargo" end, "tonnage", "arrived_at", "cleared", case when pg_column_size("note") > 8000 then null else "note" end from after_rows;
      else raise exception 'not logged';
    end case;
    if not found then
      insert into "pageladder"."changes_9" ("pl.version", "pl.side") values (moved, 0);
    end if;
  exception when others then
    begin
      insert into "pageladder"."changes_9" ("pl.version", "pl.side") values (moved, 2);
    exception when others then
      update pageladder.change_log set floor = greatest(floor, moved) where record_table = tg_table_name;
    end;
  end;
  return null;
end $$;


--
-- Name: defined(); Type: FUNCTION; Schema: pageladder; Owner: -
--

CREATE FUNCTION pageladder.defined() RETURNS trigger
    LANGUAGE plpgsql SECURITY DEFINER
    SET search_path TO 'pg_catalog'
    AS $_$
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
end $_$;


--
-- Name: every(text, integer, integer); Type: FUNCTION; Schema: pageladder; Owner: -
--

CREATE FUNCTION pageladder.every(query text, first integer, step integer) RETURNS SETOF record
    LANGUAGE plpgsql STABLE
    AS $$
declare
  walk refcursor;
  here record;
  move integer := first;
begin
  open walk no scroll for execute query;
  loop
    fetch relative move from walk into here;
    exit when not found;
    return next here;
    move := step;
  end loop;
  close walk;
end $$;


--
-- Name: fold(text); Type: FUNCTION; Schema: pageladder; Owner: -
--

CREATE FUNCTION pageladder.fold(text) RETURNS text
    LANGUAGE sql IMMUTABLE STRICT PARALLEL SAFE
    RETURN lower((pageladder.unaccent('pageladder.unaccent'::regdictionary, $1) COLLATE "und-x-icu"));


--
-- Name: is_own(xid); Type: FUNCTION; Schema: pageladder; Owner: -
--

CREATE FUNCTION pageladder.is_own(xid) RETURNS boolean
    LANGUAGE plpgsql STABLE
    AS $_$
declare
  now_at bigint := pg_current_xact_id_if_assigned()::text::bigint;
  wrote bigint := (now_at & ~4294967295) | $1::text::bigint;
begin
  if wrote > now_at then
    wrote := wrote - 4294967296;
  end if;
  return coalesce(wrote > 2 and pg_xact_status(wrote::text::xid8) = 'in progress', false);
end $_$;


--
-- Name: prefix_query(text); Type: FUNCTION; Schema: pageladder; Owner: -
--

CREATE FUNCTION pageladder.prefix_query(text) RETURNS tsquery
    LANGUAGE sql IMMUTABLE STRICT PARALLEL SAFE
    RETURN CASE WHEN (pageladder.fold($1) = ''::text) THEN ''::tsquery ELSE to_tsquery('simple'::regconfig, ((''''::text || replace(replace(pageladder.fold($1), '\'::text, '\\'::text), ''''::text, ''''''::text)) || ''':*'::text)) END;


--
-- Name: words(text); Type: FUNCTION; Schema: pageladder; Owner: -
--

CREATE FUNCTION pageladder.words(text) RETURNS text[]
    LANGUAGE plpgsql IMMUTABLE STRICT PARALLEL SAFE
    AS $_$
declare
  long boolean := octet_length($1) > 500;
  found text[] := string_to_array(regexp_replace(
    lower(pageladder.unaccent('pageladder.unaccent'::regdictionary, normalize(case when long then left($1, 200000) else $1 end, nfc)) collate "und-x-icu"),
    '[^[:alnum:]\u0300-\u036f\u0483-\u0489\u0591-\u05bd\u05bf-\u05bf\u05c1-\u05c1\u05c2-\u05c2\u05c4-\u05c4\u05c5-\u05c5\u05c7-\u05c7\u0610-\u061a\u064b-\u065f\u0670-\u0670\u06d6-\u06d6\u06d7-\u06dc\u06df-\u06e4\u06e7-\u06e8\u06ea-\u06ed\u0711-\u0711\u0730-\u0730\u0731-\u074a\u07a6-\u07b0\u07eb-\u07f3\u07fd-\u07fd\u0816-\u0816\u0817-\u0819\u081b-\u0823\u0825-\u0827\u0829-\u082d\u0859-\u085b\u0898-\u089f\u08ca-\u08e1\u08e3-\u0903\u093a-\u093c\u093e-\u094f\u0951-\u0957\u0962-\u0963\u0981-\u0983\u09bc-\u09bc\u09be-\u09be\u09bf-\u09c4\u09c7-\u09c8\u09cb-\u09cd\u09d7-\u09d7\u09e2-\u09e2\u09e3-\u09e3\u09fe-\u09fe\u0a01-\u0a03\u0a3c-\u0a3c\u0a3e-\u0a3e\u0a3f-\u0a42\u0a47-\u0a48\u0a4b-\u0a4d\u0a51-\u0a51\u0a70-\u0a70\u0a71-\u0a71\u0a75-\u0a75\u0a81-\u0a83\u0abc-\u0abc\u0abe-\u0abe\u0abf-\u0ac5\u0ac7-\u0ac9\u0acb-\u0acd\u0ae2-\u0ae3\u0afa-\u0aff\u0b01-\u0b03\u0b3c-\u0b3c\u0b3e-\u0b3e\u0b3f-\u0b44\u0b47-\u0b48\u0b4b-\u0b4d\u0b55-\u0b57\u0b62-\u0b63\u0b82-\u0b82\u0bbe-\u0bbe\u0bbf-\u0bc2\u0bc6-\u0bc8\u0bca-\u0bcd\u0bd7-\u0bd7\u0c00-\u0c00\u0c01-\u0c04\u0c3c-\u0c3c\u0c3e-\u0c3e\u0c3f-\u0c44\u0c46-\u0c48\u0c4a-\u0c4d\u0c55-\u0c56\u0c62-\u0c63\u0c81-\u0c83\u0cbc-\u0cbc\u0cbe-\u0cbe\u0cbf-\u0cc4\u0cc6-\u0cc8\u0cca-\u0ccd\u0cd5-\u0cd6\u0ce2-\u0ce3\u0cf3-\u0cf3\u0d00-\u0d00\u0d01-\u0d03\u0d3b-\u0d3c\u0d3e-\u0d44\u0d46-\u0d48\u0d4a-\u0d4d\u0d57-\u0d57\u0d62-\u0d62\u0d63-\u0d63\u0d81-\u0d81\u0d82-\u0d83\u0dca-\u0dca\u0dcf-\u0dcf\u0dd0-\u0dd4\u0dd6-\u0dd6\u0dd8-\u0dd8\u0dd9-\u0ddf\u0df2-\u0df3\u0e31-\u0e31\u0e34-\u0e34\u0e35-\u0e3a\u0e47-\u0e4e\u0eb1-\u0eb1\u0eb4-\u0eb4\u0eb5-\u0ebc\u0ec8-\u0ece\u0f18-\u0f19\u0f35-\u0f35\u0f37-\u0f37\u0f39-\u0f39\u0f3e-\u0f3f\u0f71-\u0f84\u0f86-\u0f87\u0f8d-\u0f97\u0f99-\u0fbc\u0fc6-\u0fc6\u102b-\u102b\u102c-\u103e\u1056-\u1059\u105e-\u1060\u1062-\u1064\u1067-\u106d\u1071-\u1074\u1082-\u108d\u108f-\u108f\u109a-\u109a\u109b-\u109d\u135d-\u135f\u1712-\u1715\u1732-\u1734\u1752-\u1753\u1772-\u1773\u17b4-\u17d3\u17dd-\u17dd\u180b-\u180b\u180c-\u180d\u180f-\u180f\u1885-\u1885\u1886-\u1886\u18a9-\u18a9\u1920-\u192b\u1930-\u193b\u1a17-\u1a1b\u1a55-\u1a5e\u1a60-\u1a7c\u1a7f-\u1a7f\u1ab0-\u1ab0\u1ab1-\u1ace\u1b00-\u1b04\u1b34-\u1b44\u1b6b-\u1b73\u1b80-\u1b82\u1ba1-\u1bad\u1be6-\u1bf3\u1c24-\u1c37\u1cd0-\u1cd2\u1cd4-\u1ce8\u1ced-\u1ced\u1cf4-\u1cf4\u1cf7-\u1cf9\u1dc0-\u1dff\u20d0-\u20f0\u2cef-\u2cf1\u2d7f-\u2d7f\u2de0-\u2de0\u2de1-\u2dff\u302a-\u302f\u3099-\u309a\ua66f-\ua672\ua674-\ua67d\ua69e-\ua69f\ua6f0-\ua6f1\ua802-\ua802\ua806-\ua806\ua80b-\ua80b\ua823-\ua823\ua824-\ua827\ua82c-\ua82c\ua880-\ua880\ua881-\ua881\ua8b4-\ua8b4\ua8b5-\ua8c5\ua8e0-\ua8f1\ua8ff-\ua8ff\ua926-\ua926\ua927-\ua92d\ua947-\ua953\ua980-\ua983\ua9b3-\ua9c0\ua9e5-\ua9e5\uaa29-\uaa29\uaa2a-\uaa36\uaa43-\uaa43\uaa4c-\uaa4c\uaa4d-\uaa4d\uaa7b-\uaa7b\uaa7c-\uaa7d\uaab0-\uaab0\uaab2-\uaab2\uaab3-\uaab4\uaab7-\uaab8\uaabe-\uaabf\uaac1-\uaac1\uaaeb-\uaaeb\uaaec-\uaaef\uaaf5-\uaaf6\uabe3-\uabea\uabec-\uabed\ufb1e-\ufb1e\ufe00-\ufe00\u00e2-\u00e2\u03c4-\u03c4\u06a6-\u06a6\u0988-\u0988\u0c6a-\u0c6a\u0f4c-\u0f4c\u122e-\u122e\u1510-\u1510\u17f2-\u17f2\u1ad4-\u1ad4\u1db6-\u1db6\u2098-\u2098\u237a-\u237a\u265c-\u265c\u293e-\u293e\u2c20-\u2c20\u2f02-\u2f02\u31e4-\u31e4\u34c6-\u34c6\u37a8-\u37a8\u3a8a-\u3a8a\u3d6c-\u3d6c\u404e-\u404e\u4330-\u4330\u4612-\u4612\u48f4-\u48f4\u4bd6-\u4bd6\u4eb8-\u4eb8\u519a-\u519a\u547c-\u547c\u575e-\u575e\u5a40-\u5a40\u5d22-\u5d22\u6004-\u6004\u62e6-\u62e6\u65c8-\u65c8\u68aa-\u68aa\u6b8c-\u6b8c\u6e6e-\u6e6e\u7150-\u7150\u7432-\u7432\u7714-\u7714\u79f6-\u79f6\u7cd8-\u7cd8\u7fba-\u7fba\u829c-\u829c\u857e-\u857e\u8860-\u8860\u8b42-\u8b42\u8e24-\u8e24\u9106-\u9106\u93e8-\u93e8\u96ca-\u96ca\u99ac-\u99ac\u9c8e-\u9c8e\u9f70-\u9f70\ua252-\ua252\ua534-\ua534\ua816-\ua816\uaaf8-\uaaf8\uadda-\uadda\ub0bc-\ub0bc\ub39e-\ub39e\ub680-\ub680\ub962-\ub962\ubc44-\ubc44\ubf26-\ubf26\uc208-\uc208\uc4ea-\uc4ea\uc7cc-\uc7cc\ucaae-\ucaae\ucd90-\ucd90\ud072-\ud072\ud354-\ud354\ud636-\ud636\ud918-\ud918\udbfa-\udbfa\udedc-\udedc\ue1be-\ue1be\ue4a0-\ue4a0\ue782-\ue782\uea64-\uea64\ued46-\ued46\uf028-\uf028\uf30a-\uf30a\uf5ec-\uf5ec\uf8ce-\uf8ce\ufbb0-\ufbb0\ufe01-\ufe0f\ufe20-\ufe2f]+', ' ', 'g'), ' ');
begin
  if long then
    return (select coalesce(array_agg(left(word, 500) order by n), '{}') from unnest(found) with ordinality as split (word, n) where word <> '');
  end if;
  return array_remove(found, '');
end $_$;


--
-- Name: search_query(text); Type: FUNCTION; Schema: pageladder; Owner: -
--

CREATE FUNCTION pageladder.search_query(text) RETURNS tsquery
    LANGUAGE sql IMMUTABLE STRICT PARALLEL SAFE
    RETURN (SELECT (COALESCE(string_agg((quote_literal(split.word) || CASE WHEN (split.n = cardinality(pageladder.words($1))) THEN ':*'::text ELSE ''::text END), ' & '::text ORDER BY split.n), ''::text))::tsquery AS "coalesce" FROM unnest(pageladder.words($1)) WITH ORDINALITY split(word, n));


--
-- Name: keep(text); Type: FUNCTION; Schema: pageladder_log; Owner: -
--

CREATE FUNCTION pageladder_log.keep(name text) RETURNS void
    LANGUAGE plpgsql SECURITY DEFINER
    SET search_path TO 'pg_catalog', 'pg_temp'
    AS $_$
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
end $_$;


--
-- Name: yard.crew(); Type: FUNCTION; Schema: pageladder_log; Owner: -
--

CREATE FUNCTION pageladder_log."yard.crew"() RETURNS trigger
    LANGUAGE plpgsql SECURITY DEFINER
    SET search_path TO 'pg_catalog', 'pg_temp'
    AS $$
declare
  images bigint;
begin
  begin
    -- Where nobody has read the log for long, it is not written: it would only grow.
    case tg_op
    when 'INSERT' then insert into "pageladder_log"."yard.crew" ("pl.side", "pl.cut", "pl.lacks", "no", "name", "pay")
        select i.* from pageladder_log.followed f cross join lateral (
          select 1, coalesce(pg_column_size("name") > 8000, false), case when coalesce(pg_column_size("name") > 8000, false) then array_remove(array[case when pg_column_size("name") > 8000 then 'name' end]::text[], null) end, "no", case when pg_column_size("name") > 8000 then null else "name" end, "pay" from after_rows) i where f.log = 'yard.crew' and f.read_at > clock_timestamp() - interval '1 hour' and pg_relation_size('"pageladder_log"."yard.crew"'::regclass) < f.most_bytes;
    when 'DELETE' then insert into "pageladder_log"."yard.crew" ("pl.side", "pl.cut", "pl.lacks", "no", "name", "pay")
        select i.* from pageladder_log.followed f cross join lateral (
          select -1, coalesce(pg_column_size("name") > 8000, false), case when coalesce(pg_column_size("name") > 8000, false) then array_remove(array[case when pg_column_size("name") > 8000 then 'name' end]::text[], null) end, "no", case when pg_column_size("name") > 8000 then null else "name" end, "pay" from before_rows) i where f.log = 'yard.crew' and f.read_at > clock_timestamp() - interval '1 hour' and pg_relation_size('"pageladder_log"."yard.crew"'::regclass) < f.most_bytes;
    when 'UPDATE' then insert into "pageladder_log"."yard.crew" ("pl.side", "pl.cut", "pl.lacks", "no", "name", "pay")
        select i.* from pageladder_log.followed f cross join lateral (
          select -1, coalesce(pg_column_size("name") > 8000, false), case when coalesce(pg_column_size("name") > 8000, false) then array_remove(array[case when pg_column_size("name") > 8000 then 'name' end]::text[], null) end, "no", case when pg_column_size("name") > 8000 then null else "name" end, "pay" from before_rows union all
          select 1, coalesce(pg_column_size("name") > 8000, false), case when coalesce(pg_column_size("name") > 8000, false) then array_remove(array[case when pg_column_size("name") > 8000 then 'name' end]::text[], null) end, "no", case when pg_column_size("name") > 8000 then null else "name" end, "pay" from after_rows) i where f.log = 'yard.crew' and f.read_at > clock_timestamp() - interval '1 hour' and pg_relation_size('"pageladder_log"."yard.crew"'::regclass) < f.most_bytes;
    else null;
    end case;
    get diagnostics images = row_count;
    if (tg_op = 'TRUNCATE' or images > 200000 or images = 0 and not exists (select from pageladder_log.followed f where f.log = 'yard.crew' and f.read_at > clock_timestamp() - interval '1 hour' and pg_relation_size('"pageladder_log"."yard.crew"'::regclass) < f.most_bytes))
      and not exists (select from "pageladder_log"."yard.crew" where "pl.side" = 2) then
      insert into "pageladder_log"."yard.crew" ("pl.side") values (2);
    end if;
  exception when others then
    -- A column is gone, a disk is full: the change goes on, and the log tells that it is broken.
    begin
      insert into "pageladder_log"."yard.crew" ("pl.side") values (2);
    exception when others then
      begin
        perform nextval('pageladder_log.failed');
      exception when others then
        null;
      end;
    end;
  end;
  return null;
end $$;


--
-- Name: yard.crew tells(xid8, xid8[]); Type: FUNCTION; Schema: pageladder_log; Owner: -
--

CREATE FUNCTION pageladder_log."yard.crew tells"(since xid8, others xid8[]) RETURNS text
    LANGUAGE plpgsql STABLE
    AS $$
declare
  new text;
begin
  if not pg_is_in_recovery() then
    new := concat_ws(',', (select l."pl.xid" from "pageladder_log"."yard.crew" l where l."pl.xid" >= since order by l."pl.xid" limit 1),
      (select o.xid from unnest(others) o (xid) where exists (select from "pageladder_log"."yard.crew" l where l."pl.xid" = o.xid) limit 1));
    if new <> '' then
      return concat_ws('|', pg_current_snapshot(), '', new);
    end if;
  end if;
  return concat_ws('|', pg_current_snapshot(), (select concat_ws(' ', extract(epoch from pg_postmaster_start_time()), pg_is_in_recovery()::int,
	(select string_agg(concat_ws(':', c.oid, c.xmin, c.relfilenode, c.relrowsecurity, c.relpersistence), ',' order by c.oid) from pg_class c where c.oid = to_regclass('"yard"."crew"')),
	(select concat(count(*), ':', sum(a.xmin::text::bigint)) from pg_attribute a where a.attrelid = to_regclass('"yard"."crew"') and a.attnum > 0),
	(select concat(count(*), ':', sum(t.xmin::text::bigint)) from pg_trigger t where t.tgrelid = to_regclass('"yard"."crew"')),
	(select count(*) from pg_subscription_rel s where s.srrelid = to_regclass('"yard"."crew"')),
	(select concat_ws(':', c.oid, c.relfilenode) from pg_class c where c.oid = to_regclass('"pageladder_log"."yard.crew"')),
	(select concat_ws(':', p.oid, p.xmin) from pg_proc p where p.oid = to_regproc('"pageladder_log"."yard.crew"')),
	(select f.epoch from pageladder_log.followed f where f.log = 'yard.crew'), (select concat(f.last_value, f.is_called) from pageladder_log.failed f))),
    case when pg_is_in_recovery() then
      (with recursive new (xid, n) as (
        (select l."pl.xid", 1 from "pageladder_log"."yard.crew" l where l."pl.xid" >= since order by l."pl.xid" limit 1)
        union all select (select l."pl.xid" from "pageladder_log"."yard.crew" l where l."pl.xid" > new.xid order by l."pl.xid" limit 1), new.n + 1 from new where new.xid is not null and new.n <= 500
      ) select coalesce(string_agg(new.xid::text, ','), '') from new)
    else ''
    end);
end $$;


SET default_tablespace = '';

SET default_table_access_method = heap;

--
-- Name: change_log; Type: TABLE; Schema: pageladder; Owner: -
--

CREATE TABLE pageladder.change_log (
    record_table text NOT NULL,
    log_table text NOT NULL,
    fields text[] NOT NULL,
    source text NOT NULL,
    floor bigint DEFAULT 0 NOT NULL
);


--
-- Name: change_log_number; Type: SEQUENCE; Schema: pageladder; Owner: -
--

CREATE SEQUENCE pageladder.change_log_number
    START WITH 1
    INCREMENT BY 1
    NO MINVALUE
    NO MAXVALUE
    CACHE 1;


--
-- Name: change_seen; Type: TABLE; Schema: pageladder; Owner: -
--

CREATE TABLE pageladder.change_seen (
    record_table text NOT NULL,
    version bigint NOT NULL,
    at timestamp with time zone DEFAULT now() NOT NULL
);


--
-- Name: changes_1; Type: TABLE; Schema: pageladder; Owner: -
--

CREATE TABLE pageladder.changes_1 (
    "pl.version" bigint NOT NULL,
    "pl.n" bigint NOT NULL,
    "pl.side" smallint NOT NULL,
    "pl.cut" boolean DEFAULT false NOT NULL,
    "pl.lacks" text[],
    id bigint,
    gauge text COLLATE pg_catalog."und-x-icu",
    read_at timestamp with time zone,
    height_cm bigint,
    pressure_hpa numeric,
    checked boolean,
    remark text COLLATE pg_catalog."und-x-icu"
);


--
-- Name: changes_10; Type: TABLE; Schema: pageladder; Owner: -
--

CREATE TABLE pageladder.changes_10 (
    "pl.version" bigint NOT NULL,
    "pl.n" bigint NOT NULL,
    "pl.side" smallint NOT NULL,
    "pl.cut" boolean DEFAULT false NOT NULL,
    "pl.lacks" text[],
    id bigint,
    vessel text COLLATE pg_catalog."und-x-icu",
    berth text COLLATE pg_catalog."und-x-icu",
    cargo text COLLATE pg_catalog."und-x-icu",
    tonnage bigint,
    arrived_at timestamp with time zone,
    cleared boolean,
    note text COLLATE pg_catalog."und-x-icu"
);


--
-- Name: changes_10_pl.n_seq; Type: SEQUENCE; Schema: pageladder; Owner: -
--

ALTER TABLE pageladder.changes_10 ALTER COLUMN "pl.n" ADD GENERATED ALWAYS AS IDENTITY (
    SEQUENCE NAME pageladder."changes_10_pl.n_seq"
    START WITH 1
    INCREMENT BY 1
    NO MINVALUE
    NO MAXVALUE
    CACHE 1
);


--
-- Name: changes_11; Type: TABLE; Schema: pageladder; Owner: -
--

CREATE TABLE pageladder.changes_11 (
    "pl.version" bigint NOT NULL,
    "pl.n" bigint NOT NULL,
    "pl.side" smallint NOT NULL,
    "pl.cut" boolean DEFAULT false NOT NULL,
    "pl.lacks" text[],
    id bigint,
    vessel text COLLATE pg_catalog."und-x-icu",
    berth text COLLATE pg_catalog."und-x-icu",
    cargo text COLLATE pg_catalog."und-x-icu",
    tonnage bigint,
    arrived_at timestamp with time zone,
    cleared boolean,
    note text COLLATE pg_catalog."und-x-icu"
);


--
-- Name: changes_11_pl.n_seq; Type: SEQUENCE; Schema: pageladder; Owner: -
--

ALTER TABLE pageladder.changes_11 ALTER COLUMN "pl.n" ADD GENERATED ALWAYS AS IDENTITY (
    SEQUENCE NAME pageladder."changes_11_pl.n_seq"
    START WITH 1
    INCREMENT BY 1
    NO MINVALUE
    NO MAXVALUE
    CACHE 1
);


--
-- Name: changes_12; Type: TABLE; Schema: pageladder; Owner: -
--

CREATE TABLE pageladder.changes_12 (
    "pl.version" bigint NOT NULL,
    "pl.n" bigint NOT NULL,
    "pl.side" smallint NOT NULL,
    "pl.cut" boolean DEFAULT false NOT NULL,
    "pl.lacks" text[],
    id bigint,
    vessel text COLLATE pg_catalog."und-x-icu",
    berth text COLLATE pg_catalog."und-x-icu",
    cargo text COLLATE pg_catalog."und-x-icu",
    tonnage bigint,
    arrived_at timestamp with time zone,
    cleared boolean,
    note text COLLATE pg_catalog."und-x-icu"
);


--
-- Name: changes_12_pl.n_seq; Type: SEQUENCE; Schema: pageladder; Owner: -
--

ALTER TABLE pageladder.changes_12 ALTER COLUMN "pl.n" ADD GENERATED ALWAYS AS IDENTITY (
    SEQUENCE NAME pageladder."changes_12_pl.n_seq"
    START WITH 1
    INCREMENT BY 1
    NO MINVALUE
    NO MAXVALUE
    CACHE 1
);


--
-- Name: changes_13; Type: TABLE; Schema: pageladder; Owner: -
--

CREATE TABLE pageladder.changes_13 (
    "pl.version" bigint NOT NULL,
    "pl.n" bigint NOT NULL,
    "pl.side" smallint NOT NULL,
    "pl.cut" boolean DEFAULT false NOT NULL,
    "pl.lacks" text[],
    id bigint,
    vessel text COLLATE pg_catalog."und-x-icu",
    berth text COLLATE pg_catalog."und-x-icu",
    cargo text COLLATE pg_catalog."und-x-icu",
    tonnage bigint,
    arrived_at timestamp with time zone,
    cleared boolean,
    note text COLLATE pg_catalog."und-x-icu"
);


--
-- Name: changes_13_pl.n_seq; Type: SEQUENCE; Schema: pageladder; Owner: -
--

ALTER TABLE pageladder.changes_13 ALTER COLUMN "pl.n" ADD GENERATED ALWAYS AS IDENTITY (
    SEQUENCE NAME pageladder."changes_13_pl.n_seq"
    START WITH 1
    INCREMENT BY 1
    NO MINVALUE
    NO MAXVALUE
    CACHE 1
);


--
-- Name: changes_14; Type: TABLE; Schema: pageladder; Owner: -
--

CREATE TABLE pageladder.changes_14 (
    "pl.version" bigint NOT NULL,
    "pl.n" bigint NOT NULL,
    "pl.side" smallint NOT NULL,
    "pl.cut" boolean DEFAULT false NOT NULL,
    "pl.lacks" text[],
    id bigint,
    vessel text COLLATE pg_catalog."und-x-icu",
    berth text COLLATE pg_catalog."und-x-icu",
    cargo text COLLATE pg_catalog."und-x-icu",
    tonnage bigint,
    arrived_at timestamp with time zone,
    cleared boolean,
    note text COLLATE pg_catalog."und-x-icu"
);


--
-- Name: changes_14_pl.n_seq; Type: SEQUENCE; Schema: pageladder; Owner: -
--

ALTER TABLE pageladder.changes_14 ALTER COLUMN "pl.n" ADD GENERATED ALWAYS AS IDENTITY (
    SEQUENCE NAME pageladder."changes_14_pl.n_seq"
    START WITH 1
    INCREMENT BY 1
    NO MINVALUE
    NO MAXVALUE
    CACHE 1
);


--
-- Name: changes_15; Type: TABLE; Schema: pageladder; Owner: -
--

CREATE TABLE pageladder.changes_15 (
    "pl.version" bigint NOT NULL,
    "pl.n" bigint NOT NULL,
    "pl.side" smallint NOT NULL,
    "pl.cut" boolean DEFAULT false NOT NULL,
    "pl.lacks" text[],
    id bigint,
    vessel text COLLATE pg_catalog."und-x-icu",
    berth text COLLATE pg_catalog."und-x-icu",
    cargo text COLLATE pg_catalog."und-x-icu",
    tonnage bigint,
    arrived_at timestamp with time zone,
    cleared boolean,
    note text COLLATE pg_catalog."und-x-icu"
);


--
-- Name: changes_15_pl.n_seq; Type: SEQUENCE; Schema: pageladder; Owner: -
--

ALTER TABLE pageladder.changes_15 ALTER COLUMN "pl.n" ADD GENERATED ALWAYS AS IDENTITY (
    SEQUENCE NAME pageladder."changes_15_pl.n_seq"
    START WITH 1
    INCREMENT BY 1
    NO MINVALUE
    NO MAXVALUE
    CACHE 1
);


--
-- Name: changes_16; Type: TABLE; Schema: pageladder; Owner: -
--

CREATE TABLE pageladder.changes_16 (
    "pl.version" bigint NOT NULL,
    "pl.n" bigint NOT NULL,
    "pl.side" smallint NOT NULL,
    "pl.cut" boolean DEFAULT false NOT NULL,
    "pl.lacks" text[],
    id bigint,
    vessel text COLLATE pg_catalog."und-x-icu",
    berth text COLLATE pg_catalog."und-x-icu",
    cargo text COLLATE pg_catalog."und-x-icu",
    tonnage bigint,
    arrived_at timestamp with time zone,
    cleared boolean,
    note text COLLATE pg_catalog."und-x-icu"
);


--
-- Name: changes_16_pl.n_seq; Type: SEQUENCE; Schema: pageladder; Owner: -
--

ALTER TABLE pageladder.changes_16 ALTER COLUMN "pl.n" ADD GENERATED ALWAYS AS IDENTITY (
    SEQUENCE NAME pageladder."changes_16_pl.n_seq"
    START WITH 1
    INCREMENT BY 1
    NO MINVALUE
    NO MAXVALUE
    CACHE 1
);


--
-- Name: changes_17; Type: TABLE; Schema: pageladder; Owner: -
--

CREATE TABLE pageladder.changes_17 (
    "pl.version" bigint NOT NULL,
    "pl.n" bigint NOT NULL,
    "pl.side" smallint NOT NULL,
    "pl.cut" boolean DEFAULT false NOT NULL,
    "pl.lacks" text[],
    id bigint,
    vessel text COLLATE pg_catalog."und-x-icu",
    berth text COLLATE pg_catalog."und-x-icu",
    cargo text COLLATE pg_catalog."und-x-icu",
    tonnage bigint,
    arrived_at timestamp with time zone,
    cleared boolean,
    note text COLLATE pg_catalog."und-x-icu"
);


--
-- Name: changes_17_pl.n_seq; Type: SEQUENCE; Schema: pageladder; Owner: -
--

ALTER TABLE pageladder.changes_17 ALTER COLUMN "pl.n" ADD GENERATED ALWAYS AS IDENTITY (
    SEQUENCE NAME pageladder."changes_17_pl.n_seq"
    START WITH 1
    INCREMENT BY 1
    NO MINVALUE
    NO MAXVALUE
    CACHE 1
);


--
-- Name: changes_18; Type: TABLE; Schema: pageladder; Owner: -
--

CREATE TABLE pageladder.changes_18 (
    "pl.version" bigint NOT NULL,
    "pl.n" bigint NOT NULL,
    "pl.side" smallint NOT NULL,
    "pl.cut" boolean DEFAULT false NOT NULL,
    "pl.lacks" text[],
    id bigint,
    vessel text COLLATE pg_catalog."und-x-icu",
    berth text COLLATE pg_catalog."und-x-icu",
    cargo text COLLATE pg_catalog."und-x-icu",
    tonnage bigint,
    arrived_at timestamp with time zone,
    cleared boolean,
    note text COLLATE pg_catalog."und-x-icu"
);


--
-- Name: changes_18_pl.n_seq; Type: SEQUENCE; Schema: pageladder; Owner: -
--

ALTER TABLE pageladder.changes_18 ALTER COLUMN "pl.n" ADD GENERATED ALWAYS AS IDENTITY (
    SEQUENCE NAME pageladder."changes_18_pl.n_seq"
    START WITH 1
    INCREMENT BY 1
    NO MINVALUE
    NO MAXVALUE
    CACHE 1
);


--
-- Name: changes_19; Type: TABLE; Schema: pageladder; Owner: -
--

CREATE TABLE pageladder.changes_19 (
    "pl.version" bigint NOT NULL,
    "pl.n" bigint NOT NULL,
    "pl.side" smallint NOT NULL,
    "pl.cut" boolean DEFAULT false NOT NULL,
    "pl.lacks" text[],
    id bigint,
    vessel text COLLATE pg_catalog."und-x-icu",
    berth text COLLATE pg_catalog."und-x-icu",
    cargo text COLLATE pg_catalog."und-x-icu",
    tonnage bigint,
    arrived_at timestamp with time zone,
    cleared boolean,
    note text COLLATE pg_catalog."und-x-icu"
);


--
-- Name: changes_19_pl.n_seq; Type: SEQUENCE; Schema: pageladder; Owner: -
--

ALTER TABLE pageladder.changes_19 ALTER COLUMN "pl.n" ADD GENERATED ALWAYS AS IDENTITY (
    SEQUENCE NAME pageladder."changes_19_pl.n_seq"
    START WITH 1
    INCREMENT BY 1
    NO MINVALUE
    NO MAXVALUE
    CACHE 1
);


--
-- Name: changes_1_pl.n_seq; Type: SEQUENCE; Schema: pageladder; Owner: -
--

ALTER TABLE pageladder.changes_1 ALTER COLUMN "pl.n" ADD GENERATED ALWAYS AS IDENTITY (
    SEQUENCE NAME pageladder."changes_1_pl.n_seq"
    START WITH 1
    INCREMENT BY 1
    NO MINVALUE
    NO MAXVALUE
    CACHE 1
);


--
-- Name: changes_2; Type: TABLE; Schema: pageladder; Owner: -
--

CREATE TABLE pageladder.changes_2 (
    "pl.version" bigint NOT NULL,
    "pl.n" bigint NOT NULL,
    "pl.side" smallint NOT NULL,
    "pl.cut" boolean DEFAULT false NOT NULL,
    "pl.lacks" text[],
    id bigint,
    vessel text COLLATE pg_catalog."und-x-icu",
    berth text COLLATE pg_catalog."und-x-icu",
    cargo text COLLATE pg_catalog."und-x-icu",
    tonnage bigint,
    arrived_at timestamp with time zone,
    cleared boolean,
    note text COLLATE pg_catalog."und-x-icu"
);


--
-- Name: changes_20; Type: TABLE; Schema: pageladder; Owner: -
--

CREATE TABLE pageladder.changes_20 (
    "pl.version" bigint NOT NULL,
    "pl.n" bigint NOT NULL,
    "pl.side" smallint NOT NULL,
    "pl.cut" boolean DEFAULT false NOT NULL,
    "pl.lacks" text[],
    id bigint,
    vessel text COLLATE pg_catalog."und-x-icu",
    berth text COLLATE pg_catalog."und-x-icu",
    cargo text COLLATE pg_catalog."und-x-icu",
    tonnage bigint,
    arrived_at timestamp with time zone,
    cleared boolean,
    note text COLLATE pg_catalog."und-x-icu"
);


--
-- Name: changes_20_pl.n_seq; Type: SEQUENCE; Schema: pageladder; Owner: -
--

ALTER TABLE pageladder.changes_20 ALTER COLUMN "pl.n" ADD GENERATED ALWAYS AS IDENTITY (
    SEQUENCE NAME pageladder."changes_20_pl.n_seq"
    START WITH 1
    INCREMENT BY 1
    NO MINVALUE
    NO MAXVALUE
    CACHE 1
);


--
-- Name: changes_2_pl.n_seq; Type: SEQUENCE; Schema: pageladder; Owner: -
--

ALTER TABLE pageladder.changes_2 ALTER COLUMN "pl.n" ADD GENERATED ALWAYS AS IDENTITY (
    SEQUENCE NAME pageladder."changes_2_pl.n_seq"
    START WITH 1
    INCREMENT BY 1
    NO MINVALUE
    NO MAXVALUE
    CACHE 1
);


--
-- Name: changes_3; Type: TABLE; Schema: pageladder; Owner: -
--

CREATE TABLE pageladder.changes_3 (
    "pl.version" bigint NOT NULL,
    "pl.n" bigint NOT NULL,
    "pl.side" smallint NOT NULL,
    "pl.cut" boolean DEFAULT false NOT NULL,
    "pl.lacks" text[],
    code text COLLATE pg_catalog."und-x-icu",
    name text COLLATE pg_catalog."und-x-icu",
    kind text COLLATE pg_catalog."und-x-icu",
    depth_m numeric,
    length_m bigint,
    lit boolean
);


--
-- Name: changes_3_pl.n_seq; Type: SEQUENCE; Schema: pageladder; Owner: -
--

ALTER TABLE pageladder.changes_3 ALTER COLUMN "pl.n" ADD GENERATED ALWAYS AS IDENTITY (
    SEQUENCE NAME pageladder."changes_3_pl.n_seq"
    START WITH 1
    INCREMENT BY 1
    NO MINVALUE
    NO MAXVALUE
    CACHE 1
);


--
-- Name: changes_4; Type: TABLE; Schema: pageladder; Owner: -
--

CREATE TABLE pageladder.changes_4 (
    "pl.version" bigint NOT NULL,
    "pl.n" bigint NOT NULL,
    "pl.side" smallint NOT NULL,
    "pl.cut" boolean DEFAULT false NOT NULL,
    "pl.lacks" text[],
    id bigint,
    found_on date,
    place text COLLATE pg_catalog."und-x-icu",
    what text COLLATE pg_catalog."und-x-icu",
    claimed boolean
);


--
-- Name: changes_4_pl.n_seq; Type: SEQUENCE; Schema: pageladder; Owner: -
--

ALTER TABLE pageladder.changes_4 ALTER COLUMN "pl.n" ADD GENERATED ALWAYS AS IDENTITY (
    SEQUENCE NAME pageladder."changes_4_pl.n_seq"
    START WITH 1
    INCREMENT BY 1
    NO MINVALUE
    NO MAXVALUE
    CACHE 1
);


--
-- Name: changes_5; Type: TABLE; Schema: pageladder; Owner: -
--

CREATE TABLE pageladder.changes_5 (
    "pl.version" bigint NOT NULL,
    "pl.n" bigint NOT NULL,
    "pl.side" smallint NOT NULL,
    "pl.cut" boolean DEFAULT false NOT NULL,
    "pl.lacks" text[],
    id bigint,
    vessel text COLLATE pg_catalog."und-x-icu",
    berth text COLLATE pg_catalog."und-x-icu",
    cargo text COLLATE pg_catalog."und-x-icu",
    tonnage bigint,
    arrived_at timestamp with time zone,
    cleared boolean,
    note text COLLATE pg_catalog."und-x-icu"
);


--
-- Name: changes_5_pl.n_seq; Type: SEQUENCE; Schema: pageladder; Owner: -
--

ALTER TABLE pageladder.changes_5 ALTER COLUMN "pl.n" ADD GENERATED ALWAYS AS IDENTITY (
    SEQUENCE NAME pageladder."changes_5_pl.n_seq"
    START WITH 1
    INCREMENT BY 1
    NO MINVALUE
    NO MAXVALUE
    CACHE 1
);


--
-- Name: changes_6; Type: TABLE; Schema: pageladder; Owner: -
--

CREATE TABLE pageladder.changes_6 (
    "pl.version" bigint NOT NULL,
    "pl.n" bigint NOT NULL,
    "pl.side" smallint NOT NULL,
    "pl.cut" boolean DEFAULT false NOT NULL,
    "pl.lacks" text[],
    id bigint,
    vessel text COLLATE pg_catalog."und-x-icu",
    berth text COLLATE pg_catalog."und-x-icu",
    cargo text COLLATE pg_catalog."und-x-icu",
    tonnage bigint,
    arrived_at timestamp with time zone,
    cleared boolean,
    note text COLLATE pg_catalog."und-x-icu"
);


--
-- Name: changes_6_pl.n_seq; Type: SEQUENCE; Schema: pageladder; Owner: -
--

ALTER TABLE pageladder.changes_6 ALTER COLUMN "pl.n" ADD GENERATED ALWAYS AS IDENTITY (
    SEQUENCE NAME pageladder."changes_6_pl.n_seq"
    START WITH 1
    INCREMENT BY 1
    NO MINVALUE
    NO MAXVALUE
    CACHE 1
);


--
-- Name: changes_7; Type: TABLE; Schema: pageladder; Owner: -
--

CREATE TABLE pageladder.changes_7 (
    "pl.version" bigint NOT NULL,
    "pl.n" bigint NOT NULL,
    "pl.side" smallint NOT NULL,
    "pl.cut" boolean DEFAULT false NOT NULL,
    "pl.lacks" text[],
    id bigint,
    vessel text COLLATE pg_catalog."und-x-icu",
    berth text COLLATE pg_catalog."und-x-icu",
    cargo text COLLATE pg_catalog."und-x-icu",
    tonnage bigint,
    arrived_at timestamp with time zone,
    cleared boolean,
    note text COLLATE pg_catalog."und-x-icu"
);


--
-- Name: changes_7_pl.n_seq; Type: SEQUENCE; Schema: pageladder; Owner: -
--

ALTER TABLE pageladder.changes_7 ALTER COLUMN "pl.n" ADD GENERATED ALWAYS AS IDENTITY (
    SEQUENCE NAME pageladder."changes_7_pl.n_seq"
    START WITH 1
    INCREMENT BY 1
    NO MINVALUE
    NO MAXVALUE
    CACHE 1
);


--
-- Name: changes_8; Type: TABLE; Schema: pageladder; Owner: -
--

CREATE TABLE pageladder.changes_8 (
    "pl.version" bigint NOT NULL,
    "pl.n" bigint NOT NULL,
    "pl.side" smallint NOT NULL,
    "pl.cut" boolean DEFAULT false NOT NULL,
    "pl.lacks" text[],
    id bigint,
    vessel text COLLATE pg_catalog."und-x-icu",
    berth text COLLATE pg_catalog."und-x-icu",
    cargo text COLLATE pg_catalog."und-x-icu",
    tonnage bigint,
    arrived_at timestamp with time zone,
    cleared boolean,
    note text COLLATE pg_catalog."und-x-icu"
);


--
-- Name: changes_8_pl.n_seq; Type: SEQUENCE; Schema: pageladder; Owner: -
--

ALTER TABLE pageladder.changes_8 ALTER COLUMN "pl.n" ADD GENERATED ALWAYS AS IDENTITY (
    SEQUENCE NAME pageladder."changes_8_pl.n_seq"
    START WITH 1
    INCREMENT BY 1
    NO MINVALUE
    NO MAXVALUE
    CACHE 1
);


--
-- Name: changes_9; Type: TABLE; Schema: pageladder; Owner: -
--

CREATE TABLE pageladder.changes_9 (
    "pl.version" bigint NOT NULL,
    "pl.n" bigint NOT NULL,
    "pl.side" smallint NOT NULL,
    "pl.cut" boolean DEFAULT false NOT NULL,
    "pl.lacks" text[],
    id bigint,
    vessel text COLLATE pg_catalog."und-x-icu",
    berth text COLLATE pg_catalog."und-x-icu",
    cargo text COLLATE pg_catalog."und-x-icu",
    tonnage bigint,
    arrived_at timestamp with time zone,
    cleared boolean,
    note text COLLATE pg_catalog."und-x-icu"
);


--
-- Name: changes_9_pl.n_seq; Type: SEQUENCE; Schema: pageladder; Owner: -
--

ALTER TABLE pageladder.changes_9 ALTER COLUMN "pl.n" ADD GENERATED ALWAYS AS IDENTITY (
    SEQUENCE NAME pageladder."changes_9_pl.n_seq"
    START WITH 1
    INCREMENT BY 1
    NO MINVALUE
    NO MAXVALUE
    CACHE 1
);


--
-- Name: cursor_key; Type: TABLE; Schema: pageladder; Owner: -
--

CREATE TABLE pageladder.cursor_key (
    one boolean DEFAULT true NOT NULL,
    key bytea NOT NULL,
    CONSTRAINT cursor_key_key_check CHECK ((length(key) = 32)),
    CONSTRAINT cursor_key_one_check CHECK (one)
);


--
-- Name: epoch; Type: TABLE; Schema: pageladder; Owner: -
--

CREATE TABLE pageladder.epoch (
    one boolean DEFAULT true NOT NULL,
    epoch text NOT NULL,
    CONSTRAINT epoch_one_check CHECK (one)
);


--
-- Name: index_failure; Type: TABLE; Schema: pageladder; Owner: -
--

CREATE TABLE pageladder.index_failure (
    index_name text NOT NULL,
    says text NOT NULL,
    at timestamp with time zone DEFAULT now() NOT NULL
);


--
-- Name: mark; Type: TABLE; Schema: pageladder; Owner: -
--

CREATE TABLE pageladder.mark (
    number bigint NOT NULL,
    record_set text NOT NULL,
    log text NOT NULL,
    saw jsonb NOT NULL,
    at timestamp with time zone DEFAULT now() NOT NULL
);


--
-- Name: mark_number; Type: SEQUENCE; Schema: pageladder; Owner: -
--

CREATE SEQUENCE pageladder.mark_number
    START WITH 1
    INCREMENT BY 10000
    NO MINVALUE
    NO MAXVALUE
    CACHE 1;


--
-- Name: record_set; Type: TABLE; Schema: pageladder; Owner: -
--

CREATE TABLE pageladder.record_set (
    name text NOT NULL,
    label text NOT NULL,
    record_table text NOT NULL,
    fields jsonb NOT NULL,
    rules jsonb NOT NULL,
    records bigint NOT NULL,
    version bigint DEFAULT 1 NOT NULL,
    changed_at timestamp with time zone DEFAULT now() NOT NULL,
    source text DEFAULT ''::text NOT NULL,
    source_schema text DEFAULT ''::text NOT NULL,
    remember_s bigint DEFAULT 0 NOT NULL,
    fixed text DEFAULT ''::text NOT NULL,
    open boolean DEFAULT false NOT NULL,
    fixed_dates text DEFAULT 'midnight'::text NOT NULL,
    defined bigint DEFAULT 0 NOT NULL,
    stamp text GENERATED ALWAYS AS ((((((((version)::text || ' '::text) || (records)::text) || ' '::text) || (defined)::text) || ' '::text) || (tableoid)::text)) STORED NOT NULL,
    followed boolean DEFAULT false NOT NULL,
    CONSTRAINT record_set_name_check CHECK ((name ~ '^[a-z][a-z0-9_-]{0,62}$'::text))
)
WITH (fillfactor='20');


--
-- Name: record_table_number; Type: SEQUENCE; Schema: pageladder; Owner: -
--

CREATE SEQUENCE pageladder.record_table_number
    START WITH 1
    INCREMENT BY 1
    NO MINVALUE
    NO MAXVALUE
    CACHE 1;


--
-- Name: records_1; Type: TABLE; Schema: pageladder; Owner: -
--

CREATE TABLE pageladder.records_1 (
    id bigint NOT NULL,
    gauge text COLLATE pg_catalog."und-x-icu",
    read_at timestamp with time zone,
    height_cm bigint,
    pressure_hpa numeric,
    checked boolean,
    remark text COLLATE pg_catalog."und-x-icu",
    "pl.revision" bigint DEFAULT 1 NOT NULL,
    CONSTRAINT records_1_height_cm_check CHECK (((height_cm >= '-9007199254740991'::bigint) AND (height_cm <= '9007199254740991'::bigint))),
    CONSTRAINT records_1_id_check CHECK (((id >= '-9007199254740991'::bigint) AND (id <= '9007199254740991'::bigint))),
    CONSTRAINT records_1_pressure_hpa_check CHECK (((pressure_hpa > '-Infinity'::numeric) AND (pressure_hpa < 'Infinity'::numeric)))
);


--
-- Name: records_10; Type: TABLE; Schema: pageladder; Owner: -
--

CREATE TABLE pageladder.records_10 (
    id bigint NOT NULL,
    vessel text COLLATE pg_catalog."und-x-icu",
    berth text COLLATE pg_catalog."und-x-icu",
    cargo text COLLATE pg_catalog."und-x-icu",
    tonnage bigint,
    arrived_at timestamp with time zone,
    cleared boolean,
    note text COLLATE pg_catalog."und-x-icu",
    "pl.revision" bigint DEFAULT 1 NOT NULL,
    CONSTRAINT records_10_id_check CHECK (((id >= '-9007199254740991'::bigint) AND (id <= '9007199254740991'::bigint))),
    CONSTRAINT records_10_tonnage_check CHECK (((tonnage >= '-9007199254740991'::bigint) AND (tonnage <= '9007199254740991'::bigint)))
);


--
-- Name: records_11; Type: TABLE; Schema: pageladder; Owner: -
--

CREATE TABLE pageladder.records_11 (
    id bigint NOT NULL,
    vessel text COLLATE pg_catalog."und-x-icu",
    berth text COLLATE pg_catalog."und-x-icu",
    cargo text COLLATE pg_catalog."und-x-icu",
    tonnage bigint,
    arrived_at timestamp with time zone,
    cleared boolean,
    note text COLLATE pg_catalog."und-x-icu",
    "pl.revision" bigint DEFAULT 1 NOT NULL,
    CONSTRAINT records_11_id_check CHECK (((id >= '-9007199254740991'::bigint) AND (id <= '9007199254740991'::bigint))),
    CONSTRAINT records_11_tonnage_check CHECK (((tonnage >= '-9007199254740991'::bigint) AND (tonnage <= '9007199254740991'::bigint)))
);


--
-- Name: records_12; Type: TABLE; Schema: pageladder; Owner: -
--

CREATE TABLE pageladder.records_12 (
    id bigint NOT NULL,
    vessel text COLLATE pg_catalog."und-x-icu",
    berth text COLLATE pg_catalog."und-x-icu",
    cargo text COLLATE pg_catalog."und-x-icu",
    tonnage bigint,
    arrived_at timestamp with time zone,
    cleared boolean,
    note text COLLATE pg_catalog."und-x-icu",
    "pl.revision" bigint DEFAULT 1 NOT NULL,
    CONSTRAINT records_12_id_check CHECK (((id >= '-9007199254740991'::bigint) AND (id <= '9007199254740991'::bigint))),
    CONSTRAINT records_12_tonnage_check CHECK (((tonnage >= '-9007199254740991'::bigint) AND (tonnage <= '9007199254740991'::bigint)))
);


--
-- Name: records_13; Type: TABLE; Schema: pageladder; Owner: -
--

CREATE TABLE pageladder.records_13 (
    id bigint NOT NULL,
    vessel text COLLATE pg_catalog."und-x-icu",
    berth text COLLATE pg_catalog."und-x-icu",
    cargo text COLLATE pg_catalog."und-x-icu",
    tonnage bigint,
    arrived_at timestamp with time zone,
    cleared boolean,
    note text COLLATE pg_catalog."und-x-icu",
    "pl.revision" bigint DEFAULT 1 NOT NULL,
    CONSTRAINT records_13_id_check CHECK (((id >= '-9007199254740991'::bigint) AND (id <= '9007199254740991'::bigint))),
    CONSTRAINT records_13_tonnage_check CHECK (((tonnage >= '-9007199254740991'::bigint) AND (tonnage <= '9007199254740991'::bigint)))
);


--
-- Name: records_14; Type: TABLE; Schema: pageladder; Owner: -
--

CREATE TABLE pageladder.records_14 (
    id bigint NOT NULL,
    vessel text COLLATE pg_catalog."und-x-icu",
    berth text COLLATE pg_catalog."und-x-icu",
    cargo text COLLATE pg_catalog."und-x-icu",
    tonnage bigint,
    arrived_at timestamp with time zone,
    cleared boolean,
    note text COLLATE pg_catalog."und-x-icu",
    "pl.revision" bigint DEFAULT 1 NOT NULL,
    CONSTRAINT records_14_id_check CHECK (((id >= '-9007199254740991'::bigint) AND (id <= '9007199254740991'::bigint))),
    CONSTRAINT records_14_tonnage_check CHECK (((tonnage >= '-9007199254740991'::bigint) AND (tonnage <= '9007199254740991'::bigint)))
);


--
-- Name: records_15; Type: TABLE; Schema: pageladder; Owner: -
--

CREATE TABLE pageladder.records_15 (
    id bigint NOT NULL,
    vessel text COLLATE pg_catalog."und-x-icu",
    berth text COLLATE pg_catalog."und-x-icu",
    cargo text COLLATE pg_catalog."und-x-icu",
    tonnage bigint,
    arrived_at timestamp with time zone,
    cleared boolean,
    note text COLLATE pg_catalog."und-x-icu",
    "pl.revision" bigint DEFAULT 1 NOT NULL,
    CONSTRAINT records_15_id_check CHECK (((id >= '-9007199254740991'::bigint) AND (id <= '9007199254740991'::bigint))),
    CONSTRAINT records_15_tonnage_check CHECK (((tonnage >= '-9007199254740991'::bigint) AND (tonnage <= '9007199254740991'::bigint)))
);


--
-- Name: records_16; Type: TABLE; Schema: pageladder; Owner: -
--

CREATE TABLE pageladder.records_16 (
    id bigint NOT NULL,
    vessel text COLLATE pg_catalog."und-x-icu",
    berth text COLLATE pg_catalog."und-x-icu",
    cargo text COLLATE pg_catalog."und-x-icu",
    tonnage bigint,
    arrived_at timestamp with time zone,
    cleared boolean,
    note text COLLATE pg_catalog."und-x-icu",
    "pl.revision" bigint DEFAULT 1 NOT NULL,
    CONSTRAINT records_16_id_check CHECK (((id >= '-9007199254740991'::bigint) AND (id <= '9007199254740991'::bigint))),
    CONSTRAINT records_16_tonnage_check CHECK (((tonnage >= '-9007199254740991'::bigint) AND (tonnage <= '9007199254740991'::bigint)))
);


--
-- Name: records_17; Type: TABLE; Schema: pageladder; Owner: -
--

CREATE TABLE pageladder.records_17 (
    id bigint NOT NULL,
    vessel text COLLATE pg_catalog."und-x-icu",
    berth text COLLATE pg_catalog."und-x-icu",
    cargo text COLLATE pg_catalog."und-x-icu",
    tonnage bigint,
    arrived_at timestamp with time zone,
    cleared boolean,
    note text COLLATE pg_catalog."und-x-icu",
    "pl.revision" bigint DEFAULT 1 NOT NULL,
    CONSTRAINT records_17_id_check CHECK (((id >= '-9007199254740991'::bigint) AND (id <= '9007199254740991'::bigint))),
    CONSTRAINT records_17_tonnage_check CHECK (((tonnage >= '-9007199254740991'::bigint) AND (tonnage <= '9007199254740991'::bigint)))
);


--
-- Name: records_18; Type: TABLE; Schema: pageladder; Owner: -
--

CREATE TABLE pageladder.records_18 (
    id bigint NOT NULL,
    vessel text COLLATE pg_catalog."und-x-icu",
    berth text COLLATE pg_catalog."und-x-icu",
    cargo text COLLATE pg_catalog."und-x-icu",
    tonnage bigint,
    arrived_at timestamp with time zone,
    cleared boolean,
    note text COLLATE pg_catalog."und-x-icu",
    "pl.revision" bigint DEFAULT 1 NOT NULL,
    CONSTRAINT records_18_id_check CHECK (((id >= '-9007199254740991'::bigint) AND (id <= '9007199254740991'::bigint))),
    CONSTRAINT records_18_tonnage_check CHECK (((tonnage >= '-9007199254740991'::bigint) AND (tonnage <= '9007199254740991'::bigint)))
);


--
-- Name: records_19; Type: TABLE; Schema: pageladder; Owner: -
--

CREATE TABLE pageladder.records_19 (
    id bigint NOT NULL,
    vessel text COLLATE pg_catalog."und-x-icu",
    berth text COLLATE pg_catalog."und-x-icu",
    cargo text COLLATE pg_catalog."und-x-icu",
    tonnage bigint,
    arrived_at timestamp with time zone,
    cleared boolean,
    note text COLLATE pg_catalog."und-x-icu",
    "pl.revision" bigint DEFAULT 1 NOT NULL,
    CONSTRAINT records_19_id_check CHECK (((id >= '-9007199254740991'::bigint) AND (id <= '9007199254740991'::bigint))),
    CONSTRAINT records_19_tonnage_check CHECK (((tonnage >= '-9007199254740991'::bigint) AND (tonnage <= '9007199254740991'::bigint)))
);


--
-- Name: records_2; Type: TABLE; Schema: pageladder; Owner: -
--

CREATE TABLE pageladder.records_2 (
    id bigint NOT NULL,
    vessel text COLLATE pg_catalog."und-x-icu",
    berth text COLLATE pg_catalog."und-x-icu",
    cargo text COLLATE pg_catalog."und-x-icu",
    tonnage bigint,
    arrived_at timestamp with time zone,
    cleared boolean,
    note text COLLATE pg_catalog."und-x-icu",
    "pl.revision" bigint DEFAULT 1 NOT NULL,
    CONSTRAINT records_2_id_check CHECK (((id >= '-9007199254740991'::bigint) AND (id <= '9007199254740991'::bigint))),
    CONSTRAINT records_2_tonnage_check CHECK (((tonnage >= '-9007199254740991'::bigint) AND (tonnage <= '9007199254740991'::bigint)))
);


--
-- Name: records_20; Type: TABLE; Schema: pageladder; Owner: -
--

CREATE TABLE pageladder.records_20 (
    id bigint NOT NULL,
    vessel text COLLATE pg_catalog."und-x-icu",
    berth text COLLATE pg_catalog."und-x-icu",
    cargo text COLLATE pg_catalog."und-x-icu",
    tonnage bigint,
    arrived_at timestamp with time zone,
    cleared boolean,
    note text COLLATE pg_catalog."und-x-icu",
    "pl.revision" bigint DEFAULT 1 NOT NULL,
    CONSTRAINT records_20_id_check CHECK (((id >= '-9007199254740991'::bigint) AND (id <= '9007199254740991'::bigint))),
    CONSTRAINT records_20_tonnage_check CHECK (((tonnage >= '-9007199254740991'::bigint) AND (tonnage <= '9007199254740991'::bigint)))
);


--
-- Name: records_3; Type: TABLE; Schema: pageladder; Owner: -
--

CREATE TABLE pageladder.records_3 (
    code text NOT NULL COLLATE pg_catalog."und-x-icu",
    name text COLLATE pg_catalog."und-x-icu",
    kind text COLLATE pg_catalog."und-x-icu",
    depth_m numeric,
    length_m bigint,
    lit boolean,
    "pl.revision" bigint DEFAULT 1 NOT NULL,
    CONSTRAINT records_3_depth_m_check CHECK (((depth_m > '-Infinity'::numeric) AND (depth_m < 'Infinity'::numeric))),
    CONSTRAINT records_3_length_m_check CHECK (((length_m >= '-9007199254740991'::bigint) AND (length_m <= '9007199254740991'::bigint)))
);


--
-- Name: records_4; Type: TABLE; Schema: pageladder; Owner: -
--

CREATE TABLE pageladder.records_4 (
    id bigint NOT NULL,
    found_on date,
    place text COLLATE pg_catalog."und-x-icu",
    what text COLLATE pg_catalog."und-x-icu",
    claimed boolean,
    "pl.revision" bigint DEFAULT 1 NOT NULL,
    CONSTRAINT records_4_id_check CHECK (((id >= '-9007199254740991'::bigint) AND (id <= '9007199254740991'::bigint)))
);


--
-- Name: records_5; Type: TABLE; Schema: pageladder; Owner: -
--

CREATE TABLE pageladder.records_5 (
    id bigint NOT NULL,
    vessel text COLLATE pg_catalog."und-x-icu",
    berth text COLLATE pg_catalog."und-x-icu",
    cargo text COLLATE pg_catalog."und-x-icu",
    tonnage bigint,
    arrived_at timestamp with time zone,
    cleared boolean,
    note text COLLATE pg_catalog."und-x-icu",
    "pl.revision" bigint DEFAULT 1 NOT NULL,
    CONSTRAINT records_5_id_check CHECK (((id >= '-9007199254740991'::bigint) AND (id <= '9007199254740991'::bigint))),
    CONSTRAINT records_5_tonnage_check CHECK (((tonnage >= '-9007199254740991'::bigint) AND (tonnage <= '9007199254740991'::bigint)))
);


--
-- Name: records_6; Type: TABLE; Schema: pageladder; Owner: -
--

CREATE TABLE pageladder.records_6 (
    id bigint NOT NULL,
    vessel text COLLATE pg_catalog."und-x-icu",
    berth text COLLATE pg_catalog."und-x-icu",
    cargo text COLLATE pg_catalog."und-x-icu",
    tonnage bigint,
    arrived_at timestamp with time zone,
    cleared boolean,
    note text COLLATE pg_catalog."und-x-icu",
    "pl.revision" bigint DEFAULT 1 NOT NULL,
    CONSTRAINT records_6_id_check CHECK (((id >= '-9007199254740991'::bigint) AND (id <= '9007199254740991'::bigint))),
    CONSTRAINT records_6_tonnage_check CHECK (((tonnage >= '-9007199254740991'::bigint) AND (tonnage <= '9007199254740991'::bigint)))
);


--
-- Name: records_7; Type: TABLE; Schema: pageladder; Owner: -
--

CREATE TABLE pageladder.records_7 (
    id bigint NOT NULL,
    vessel text COLLATE pg_catalog."und-x-icu",
    berth text COLLATE pg_catalog."und-x-icu",
    cargo text COLLATE pg_catalog."und-x-icu",
    tonnage bigint,
    arrived_at timestamp with time zone,
    cleared boolean,
    note text COLLATE pg_catalog."und-x-icu",
    "pl.revision" bigint DEFAULT 1 NOT NULL,
    CONSTRAINT records_7_id_check CHECK (((id >= '-9007199254740991'::bigint) AND (id <= '9007199254740991'::bigint))),
    CONSTRAINT records_7_tonnage_check CHECK (((tonnage >= '-9007199254740991'::bigint) AND (tonnage <= '9007199254740991'::bigint)))
);


--
-- Name: records_8; Type: TABLE; Schema: pageladder; Owner: -
--

CREATE TABLE pageladder.records_8 (
    id bigint NOT NULL,
    vessel text COLLATE pg_catalog."und-x-icu",
    berth text COLLATE pg_catalog."und-x-icu",
    cargo text COLLATE pg_catalog."und-x-icu",
    tonnage bigint,
    arrived_at timestamp with time zone,
    cleared boolean,
    note text COLLATE pg_catalog."und-x-icu",
    "pl.revision" bigint DEFAULT 1 NOT NULL,
    CONSTRAINT records_8_id_check CHECK (((id >= '-9007199254740991'::bigint) AND (id <= '9007199254740991'::bigint))),
    CONSTRAINT records_8_tonnage_check CHECK (((tonnage >= '-9007199254740991'::bigint) AND (tonnage <= '9007199254740991'::bigint)))
);


--
-- Name: records_9; Type: TABLE; Schema: pageladder; Owner: -
--

CREATE TABLE pageladder.records_9 (
    id bigint NOT NULL,
    vessel text COLLATE pg_catalog."und-x-icu",
    berth text COLLATE pg_catalog."und-x-icu",
    cargo text COLLATE pg_catalog."und-x-icu",
    tonnage bigint,
    arrived_at timestamp with time zone,
    cleared boolean,
    note text COLLATE pg_catalog."und-x-icu",
    "pl.revision" bigint DEFAULT 1 NOT NULL,
    CONSTRAINT records_9_id_check CHECK (((id >= '-9007199254740991'::bigint) AND (id <= '9007199254740991'::bigint))),
    CONSTRAINT records_9_tonnage_check CHECK (((tonnage >= '-9007199254740991'::bigint) AND (tonnage <= '9007199254740991'::bigint)))
);


--
-- Name: removed_set; Type: TABLE; Schema: pageladder; Owner: -
--

CREATE TABLE pageladder.removed_set (
    name text NOT NULL,
    version bigint NOT NULL
);


--
-- Name: replaced_table; Type: TABLE; Schema: pageladder; Owner: -
--

CREATE TABLE pageladder.replaced_table (
    record_table text NOT NULL,
    since timestamp with time zone DEFAULT now() NOT NULL
);


--
-- Name: schema_version; Type: TABLE; Schema: pageladder; Owner: -
--

CREATE TABLE pageladder.schema_version (
    version integer NOT NULL
);


--
-- Name: session; Type: TABLE; Schema: pageladder; Owner: -
--

CREATE TABLE pageladder.session (
    hash bytea NOT NULL,
    token_id bigint NOT NULL,
    expires_at timestamp with time zone NOT NULL
);


--
-- Name: sign_in; Type: TABLE; Schema: pageladder; Owner: -
--

CREATE TABLE pageladder.sign_in (
    hash bytea NOT NULL,
    token_id bigint NOT NULL,
    expires_at timestamp with time zone NOT NULL
);


--
-- Name: token; Type: TABLE; Schema: pageladder; Owner: -
--

CREATE TABLE pageladder.token (
    id bigint NOT NULL,
    hash bytea NOT NULL,
    label text NOT NULL,
    role text NOT NULL,
    sets text[],
    created_at timestamp with time zone DEFAULT now() NOT NULL,
    used_at timestamp with time zone,
    ended_at timestamp with time zone,
    CONSTRAINT token_role_check CHECK ((role = ANY (ARRAY['reader'::text, 'editor'::text, 'owner'::text])))
);


--
-- Name: token_id_seq; Type: SEQUENCE; Schema: pageladder; Owner: -
--

ALTER TABLE pageladder.token ALTER COLUMN id ADD GENERATED ALWAYS AS IDENTITY (
    SEQUENCE NAME pageladder.token_id_seq
    START WITH 1
    INCREMENT BY 1
    NO MINVALUE
    NO MAXVALUE
    CACHE 1
);


--
-- Name: withdrawn; Type: TABLE; Schema: pageladder; Owner: -
--

CREATE TABLE pageladder.withdrawn (
    set_name text NOT NULL,
    key text NOT NULL,
    revision bigint NOT NULL,
    record jsonb NOT NULL,
    at timestamp with time zone DEFAULT now() NOT NULL
);


--
-- Name: failed; Type: SEQUENCE; Schema: pageladder_log; Owner: -
--

CREATE SEQUENCE pageladder_log.failed
    START WITH 1
    INCREMENT BY 1
    NO MINVALUE
    NO MAXVALUE
    CACHE 1;


--
-- Name: followed; Type: TABLE; Schema: pageladder_log; Owner: -
--

CREATE TABLE pageladder_log.followed (
    log text NOT NULL,
    epoch bigint DEFAULT 1 NOT NULL,
    read_at timestamp with time zone DEFAULT clock_timestamp() NOT NULL,
    most_bytes bigint DEFAULT 256000000 NOT NULL,
    floor xid8 DEFAULT '0'::xid8 NOT NULL
);


--
-- Name: seen; Type: TABLE; Schema: pageladder_log; Owner: -
--

CREATE TABLE pageladder_log.seen (
    log text NOT NULL,
    at timestamp with time zone DEFAULT clock_timestamp() NOT NULL,
    ended xid8 NOT NULL
);


--
-- Name: yard.crew; Type: TABLE; Schema: pageladder_log; Owner: -
--

CREATE TABLE pageladder_log."yard.crew" (
    no integer,
    name text,
    pay integer,
    "pl.xid" xid8 DEFAULT pg_current_xact_id() NOT NULL,
    "pl.side" smallint NOT NULL,
    "pl.cut" boolean DEFAULT false NOT NULL,
    "pl.lacks" text[]
);

ALTER TABLE ONLY pageladder_log."yard.crew" REPLICA IDENTITY FULL;


--
-- Name: boats; Type: TABLE; Schema: yard; Owner: -
--

CREATE TABLE yard.boats (
    no integer NOT NULL,
    name character varying(20),
    fee numeric(8,2),
    at timestamp with time zone,
    day date,
    big bigint,
    ready boolean,
    tags text[],
    code uuid,
    raw jsonb
);


--
-- Name: crew; Type: TABLE; Schema: yard; Owner: -
--

CREATE TABLE yard.crew (
    no integer NOT NULL,
    name text,
    pay integer
);


--
-- Data for Name: change_log; Type: TABLE DATA; Schema: pageladder; Owner: -
--

COPY pageladder.change_log (record_table, log_table, fields, source, floor) FROM stdin;
records_1	changes_1	{id,gauge,read_at,height_cm,pressure_hpa,checked,remark}	d6709b7949cfdb4a3a31b44fe9a4e2f2	1
records_2	changes_2	{id,vessel,berth,cargo,tonnage,arrived_at,cleared,note}	3644c4d0642d084b3b2dccee8ca244ee	1
records_3	changes_3	{code,name,kind,depth_m,length_m,lit}	ec472286cdecadc97b2a7f5145545197	1
records_4	changes_4	{id,found_on,place,what,claimed}	974e6167a585117dbe04a1088c5ec13d	1
records_5	changes_5	{id,vessel,berth,cargo,tonnage,arrived_at,cleared,note}	0bf5fe98718b2d6fafc304cc3f749957	1
records_6	changes_6	{id,vessel,berth,cargo,tonnage,arrived_at,cleared,note}	208b4e04cf1f8ce8109bb56960687c2a	1
records_7	changes_7	{id,vessel,berth,cargo,tonnage,arrived_at,cleared,note}	5f2cd75759ac471f56dc58a857517f5c	1
records_8	changes_8	{id,vessel,berth,cargo,tonnage,arrived_at,cleared,note}	956c0f72c3de715cf862d420adebb8ca	1
records_9	changes_9	{id,vessel,berth,cargo,tonnage,arrived_at,cleared,note}	f9f3c0ebaf8766a92f6cfa115fca8129	1
records_10	changes_10	{id,vessel,berth,cargo,tonnage,arrived_at,cleared,note}	a949e32b5687e17bf3983496be646df4	1
records_11	changes_11	{id,vessel,berth,cargo,tonnage,arrived_at,cleared,note}	8fce48aa128a7fe8dc60b800cae75882	1
records_12	changes_12	{id,vessel,berth,cargo,tonnage,arrived_at,cleared,note}	39294be0aa930d4e072b80630d5a3c04	1
records_13	changes_13	{id,vessel,berth,cargo,tonnage,arrived_at,cleared,note}	a5e548a9fdef8ed82301021b47a20e6c	1
records_14	changes_14	{id,vessel,berth,cargo,tonnage,arrived_at,cleared,note}	915c1497618bd698f85507b7bdbd596e	1
records_15	changes_15	{id,vessel,berth,cargo,tonnage,arrived_at,cleared,note}	7da9e9252f1b0673d98db686b821830a	1
records_16	changes_16	{id,vessel,berth,cargo,tonnage,arrived_at,cleared,note}	bc37d4ffd699963706ebad6323c6a863	1
records_17	changes_17	{id,vessel,berth,cargo,tonnage,arrived_at,cleared,note}	0582c3b6f792be9447f24da1656de021	1
records_18	changes_18	{id,vessel,berth,cargo,tonnage,arrived_at,cleared,note}	10020678c605f8155fc3cf8a08f15282	1
records_19	changes_19	{id,vessel,berth,cargo,tonnage,arrived_at,cleared,note}	fb7e84e044ea290ebe4c9e5167562e90	1
records_20	changes_20	{id,vessel,berth,cargo,tonnage,arrived_at,cleared,note}	b7b46073d6fb2e4c07d3c6a737ac5e80	1
\.


--
-- Data for Name: change_seen; Type: TABLE DATA; Schema: pageladder; Owner: -
--

COPY pageladder.change_seen (record_table, version, at) FROM stdin;
\.


--
-- Data for Name: changes_1; Type: TABLE DATA; Schema: pageladder; Owner: -
--

COPY pageladder.changes_1 ("pl.version", "pl.n", "pl.side", "pl.cut", "pl.lacks", id, gauge, read_at, height_cm, pressure_hpa, checked, remark) FROM stdin;
\.


--
-- Data for Name: changes_10; Type: TABLE DATA; Schema: pageladder; Owner: -
--

COPY pageladder.changes_10 ("pl.version", "pl.n", "pl.side", "pl.cut", "pl.lacks", id, vessel, berth, cargo, tonnage, arrived_at, cleared, note) FROM stdin;
\.


--
-- Data for Name: changes_11; Type: TABLE DATA; Schema: pageladder; Owner: -
--

COPY pageladder.changes_11 ("pl.version", "pl.n", "pl.side", "pl.cut", "pl.lacks", id, vessel, berth, cargo, tonnage, arrived_at, cleared, note) FROM stdin;
\.


--
-- Data for Name: changes_12; Type: TABLE DATA; Schema: pageladder; Owner: -
--

COPY pageladder.changes_12 ("pl.version", "pl.n", "pl.side", "pl.cut", "pl.lacks", id, vessel, berth, cargo, tonnage, arrived_at, cleared, note) FROM stdin;
\.


--
-- Data for Name: changes_13; Type: TABLE DATA; Schema: pageladder; Owner: -
--

COPY pageladder.changes_13 ("pl.version", "pl.n", "pl.side", "pl.cut", "pl.lacks", id, vessel, berth, cargo, tonnage, arrived_at, cleared, note) FROM stdin;
\.


--
-- Data for Name: changes_14; Type: TABLE DATA; Schema: pageladder; Owner: -
--

COPY pageladder.changes_14 ("pl.version", "pl.n", "pl.side", "pl.cut", "pl.lacks", id, vessel, berth, cargo, tonnage, arrived_at, cleared, note) FROM stdin;
\.


--
-- Data for Name: changes_15; Type: TABLE DATA; Schema: pageladder; Owner: -
--

COPY pageladder.changes_15 ("pl.version", "pl.n", "pl.side", "pl.cut", "pl.lacks", id, vessel, berth, cargo, tonnage, arrived_at, cleared, note) FROM stdin;
\.


--
-- Data for Name: changes_16; Type: TABLE DATA; Schema: pageladder; Owner: -
--

COPY pageladder.changes_16 ("pl.version", "pl.n", "pl.side", "pl.cut", "pl.lacks", id, vessel, berth, cargo, tonnage, arrived_at, cleared, note) FROM stdin;
\.


--
-- Data for Name: changes_17; Type: TABLE DATA; Schema: pageladder; Owner: -
--

COPY pageladder.changes_17 ("pl.version", "pl.n", "pl.side", "pl.cut", "pl.lacks", id, vessel, berth, cargo, tonnage, arrived_at, cleared, note) FROM stdin;
\.


--
-- Data for Name: changes_18; Type: TABLE DATA; Schema: pageladder; Owner: -
--

COPY pageladder.changes_18 ("pl.version", "pl.n", "pl.side", "pl.cut", "pl.lacks", id, vessel, berth, cargo, tonnage, arrived_at, cleared, note) FROM stdin;
2	1	0	f	\N	\N	\N	\N	\N	\N	\N	\N	\N
\.


--
-- Data for Name: changes_19; Type: TABLE DATA; Schema: pageladder; Owner: -
--

COPY pageladder.changes_19 ("pl.version", "pl.n", "pl.side", "pl.cut", "pl.lacks", id, vessel, berth, cargo, tonnage, arrived_at, cleared, note) FROM stdin;
\.


--
-- Data for Name: changes_2; Type: TABLE DATA; Schema: pageladder; Owner: -
--

COPY pageladder.changes_2 ("pl.version", "pl.n", "pl.side", "pl.cut", "pl.lacks", id, vessel, berth, cargo, tonnage, arrived_at, cleared, note) FROM stdin;
2	1	0	f	\N	\N	\N	\N	\N	\N	\N	\N	\N
3	2	-1	f	\N	7	Früher Gull	S4	wool	7900	2026-03-03 05:12:00+00	f	'; drop table arrivals; --
4	3	-1	f	\N	8	Blå Brise	S3	timber	900	2026-03-03 14:30:00+00	t	two calls, one manifest
\.


--
-- Data for Name: changes_20; Type: TABLE DATA; Schema: pageladder; Owner: -
--

COPY pageladder.changes_20 ("pl.version", "pl.n", "pl.side", "pl.cut", "pl.lacks", id, vessel, berth, cargo, tonnage, arrived_at, cleared, note) FROM stdin;
\.


--
-- Data for Name: changes_3; Type: TABLE DATA; Schema: pageladder; Owner: -
--

COPY pageladder.changes_3 ("pl.version", "pl.n", "pl.side", "pl.cut", "pl.lacks", code, name, kind, depth_m, length_m, lit) FROM stdin;
\.


--
-- Data for Name: changes_4; Type: TABLE DATA; Schema: pageladder; Owner: -
--

COPY pageladder.changes_4 ("pl.version", "pl.n", "pl.side", "pl.cut", "pl.lacks", id, found_on, place, what, claimed) FROM stdin;
\.


--
-- Data for Name: changes_5; Type: TABLE DATA; Schema: pageladder; Owner: -
--

COPY pageladder.changes_5 ("pl.version", "pl.n", "pl.side", "pl.cut", "pl.lacks", id, vessel, berth, cargo, tonnage, arrived_at, cleared, note) FROM stdin;
\.


--
-- Data for Name: changes_6; Type: TABLE DATA; Schema: pageladder; Owner: -
--

COPY pageladder.changes_6 ("pl.version", "pl.n", "pl.side", "pl.cut", "pl.lacks", id, vessel, berth, cargo, tonnage, arrived_at, cleared, note) FROM stdin;
\.


--
-- Data for Name: changes_7; Type: TABLE DATA; Schema: pageladder; Owner: -
--

COPY pageladder.changes_7 ("pl.version", "pl.n", "pl.side", "pl.cut", "pl.lacks", id, vessel, berth, cargo, tonnage, arrived_at, cleared, note) FROM stdin;
\.


--
-- Data for Name: changes_8; Type: TABLE DATA; Schema: pageladder; Owner: -
--

COPY pageladder.changes_8 ("pl.version", "pl.n", "pl.side", "pl.cut", "pl.lacks", id, vessel, berth, cargo, tonnage, arrived_at, cleared, note) FROM stdin;
\.


--
-- Data for Name: changes_9; Type: TABLE DATA; Schema: pageladder; Owner: -
--

COPY pageladder.changes_9 ("pl.version", "pl.n", "pl.side", "pl.cut", "pl.lacks", id, vessel, berth, cargo, tonnage, arrived_at, cleared, note) FROM stdin;
\.


--
-- Data for Name: cursor_key; Type: TABLE DATA; Schema: pageladder; Owner: -
--

COPY pageladder.cursor_key (one, key) FROM stdin;
t	\\x87289158c7ba69c6b6f347e025e525b27fde7bb79b7a0d03409bf998b9204211
\.


--
-- Data for Name: epoch; Type: TABLE DATA; Schema: pageladder; Owner: -
--

COPY pageladder.epoch (one, epoch) FROM stdin;
t	7712754951801400324 00000001 16384 16398
\.


--
-- Data for Name: index_failure; Type: TABLE DATA; Schema: pageladder; Owner: -
--

COPY pageladder.index_failure (index_name, says, at) FROM stdin;
\.


--
-- Data for Name: mark; Type: TABLE DATA; Schema: pageladder; Owner: -
--

COPY pageladder.mark (number, record_set, log, saw, at) FROM stdin;
1	crew	1795765701.131696 0 17161:900:17161:f:p 3:2664 4:3600 0 17190:17190 17199:900 1 1f	{"Xmax": 910, "Xmin": 910, "Listed": null, "Standby": false, "Started": "2026-11-27 07:48:21.131696+00"}	2026-11-27 07:48:22.357907+00
2	crew	1795765701.131696 0 17161:900:17161:f:p 3:2664 4:3600 0 17190:17190 17199:900 1 1f	{"Xmax": 1090, "Xmin": 1090, "Listed": null, "Standby": false, "Started": "2026-11-27 07:48:21.131696+00"}	2026-11-27 07:48:22.964382+00
3	crew	1795765701.131696 0 17161:900:17161:f:p 3:2664 4:3600 0 17190:17190 17199:900 1 1f	{"Xmax": 1091, "Xmin": 1091, "Listed": null, "Standby": false, "Started": "2026-11-27 07:48:21.131696+00"}	2026-11-27 07:48:23.065344+00
\.


--
-- Data for Name: record_set; Type: TABLE DATA; Schema: pageladder; Owner: -
--

COPY pageladder.record_set (name, label, record_table, fields, rules, records, version, changed_at, source, source_schema, remember_s, fixed, open, fixed_dates, defined, followed) FROM stdin;
tides	Tides	records_1	[{"name": "id", "type": "integer", "label": "No."}, {"name": "gauge", "type": "text", "label": "Gauge"}, {"name": "read_at", "type": "time", "label": "Read"}, {"name": "height_cm", "type": "integer", "label": "Height (cm)"}, {"name": "pressure_hpa", "type": "decimal", "label": "Pressure (hPa)"}, {"name": "checked", "type": "boolean", "label": "Checked"}, {"name": "remark", "type": "text", "label": "Remark"}]	{"key": ["id"], "sorts": [{"key": "id"}, {"key": "read_at", "first": "desc"}, {"key": "height_cm", "first": "desc"}], "params": {"after": "after", "before": "before"}, "filters": [{"field": "gauge", "operators": ["equals"]}, {"type": "integer", "field": "height_cm"}, {"type": "boolean", "field": "checked"}], "unknown": "note", "default_sort": "id"}	60	1	2026-11-27 07:48:21.563268+00			0		t	whole days	1	f
arrivals	Arrivals	records_2	[{"name": "id", "type": "integer", "label": "No."}, {"name": "vessel", "type": "text", "label": "Vessel"}, {"name": "berth", "type": "text", "label": "Berth"}, {"name": "cargo", "type": "text", "label": "Cargo"}, {"name": "tonnage", "type": "integer", "label": "Tonnage"}, {"name": "arrived_at", "type": "time", "label": "Arrived"}, {"name": "cleared", "type": "boolean", "label": "Cleared"}, {"name": "note", "type": "text", "label": "Note"}]	{"key": ["id"], "sorts": [{"key": "id"}, {"key": "vessel"}, {"key": "berth"}, {"key": "cargo"}, {"key": "tonnage", "first": "desc"}, {"key": "arrived_at", "first": "desc"}, {"key": "cleared"}], "params": {"after": "after", "before": "before"}, "search": ["vessel", "note"], "filters": [{"field": "berth"}, {"field": "cargo"}, {"field": "vessel"}, {"type": "integer", "field": "tonnage"}, {"type": "time", "field": "arrived_at"}, {"type": "boolean", "field": "cleared"}], "unknown": "note", "default_sort": "-arrived_at"}	345	4	2026-11-27 07:48:22.349505+00			0		t	whole days	2	f
berths	Berths	records_3	[{"name": "code", "type": "text", "label": "Code"}, {"name": "name", "type": "text", "label": "Name"}, {"name": "kind", "type": "text", "label": "Kind"}, {"name": "depth_m", "type": "decimal", "label": "Depth (m)"}, {"name": "length_m", "type": "integer", "label": "Length (m)"}, {"name": "lit", "type": "boolean", "label": "Lit"}]	{"key": ["code"], "sorts": [{"key": "code"}, {"key": "kind"}, {"key": "depth_m", "first": "desc"}, {"key": "length_m", "first": "desc"}], "params": {"after": "after", "before": "before"}, "filters": [{"field": "kind"}, {"type": "decimal", "field": "depth_m"}, {"type": "integer", "field": "length_m"}, {"type": "boolean", "field": "lit"}], "unknown": "note", "default_sort": "code"}	16	1	2026-11-27 07:48:21.636532+00			0		t	whole days	1	f
lost_property	Lost property	records_4	[{"name": "id", "type": "integer", "label": "No."}, {"name": "found_on", "type": "date", "label": "Found on"}, {"name": "place", "type": "text", "label": "Place"}, {"name": "what", "type": "text", "label": "What"}, {"name": "claimed", "type": "boolean", "label": "Claimed"}]	{"key": ["id"], "sorts": [{"key": "id"}, {"key": "found_on", "first": "desc"}], "params": {"after": "after", "before": "before"}, "filters": [{"field": "place"}, {"type": "date", "field": "found_on"}], "unknown": "note", "default_sort": "-found_on"}	0	1	2026-11-27 07:48:21.658111+00			0		t	whole days	1	f
atleast	atleast	records_6	[{"name": "id", "type": "integer", "label": "No."}, {"name": "vessel", "type": "text", "label": "Vessel"}, {"name": "berth", "type": "text", "label": "Berth"}, {"name": "cargo", "type": "text", "label": "Cargo"}, {"name": "tonnage", "type": "integer", "label": "Tonnage"}, {"name": "arrived_at", "type": "time", "label": "Arrived"}, {"name": "cleared", "type": "boolean", "label": "Cleared"}, {"name": "note", "type": "text", "label": "Note"}]	{"key": ["id"], "count": "at_least", "filters": [{"field": "berth"}], "count_to": 100, "max_offset": 200}	347	1	2026-11-27 07:48:21.705201+00			0		f	whole days	1	f
strict	strict	records_5	[{"name": "id", "type": "integer", "label": "No."}, {"name": "vessel", "type": "text", "label": "Vessel"}, {"name": "berth", "type": "text", "label": "Berth"}, {"name": "cargo", "type": "text", "label": "Cargo"}, {"name": "tonnage", "type": "integer", "label": "Tonnage"}, {"name": "arrived_at", "type": "time", "label": "Arrived"}, {"name": "cleared", "type": "boolean", "label": "Cleared"}, {"name": "note", "type": "text", "label": "Note"}]	{"key": ["id"], "faults": {"size.over_cap": "mend"}, "filters": [{"type": "boolean", "field": "cleared"}, {"type": "integer", "field": "tonnage"}], "unknown": "refuse", "on_fault": "refuse"}	347	1	2026-11-27 07:48:21.681349+00			0		f	whole days	1	f
plain	plain	records_9	[{"name": "id", "type": "integer", "label": "No."}, {"name": "vessel", "type": "text", "label": "Vessel"}, {"name": "berth", "type": "text", "label": "Berth"}, {"name": "cargo", "type": "text", "label": "Cargo"}, {"name": "tonnage", "type": "integer", "label": "Tonnage"}, {"name": "arrived_at", "type": "time", "label": "Arrived"}, {"name": "cleared", "type": "boolean", "label": "Cleared"}, {"name": "note", "type": "text", "label": "Note"}]	{"key": ["id"]}	347	1	2026-11-27 07:48:21.796771+00			0		f	whole days	1	f
uncounted	uncounted	records_7	[{"name": "id", "type": "integer", "label": "No."}, {"name": "vessel", "type": "text", "label": "Vessel"}, {"name": "berth", "type": "text", "label": "Berth"}, {"name": "cargo", "type": "text", "label": "Cargo"}, {"name": "tonnage", "type": "integer", "label": "Tonnage"}, {"name": "arrived_at", "type": "time", "label": "Arrived"}, {"name": "cleared", "type": "boolean", "label": "Cleared"}, {"name": "note", "type": "text", "label": "Note"}]	{"key": ["id"], "count": "none", "past_last": "empty"}	347	1	2026-11-27 07:48:21.732939+00			0		f	whole days	1	f
bycursor	bycursor	records_12	[{"name": "id", "type": "integer", "label": "No."}, {"name": "vessel", "type": "text", "label": "Vessel"}, {"name": "berth", "type": "text", "label": "Berth"}, {"name": "cargo", "type": "text", "label": "Cargo"}, {"name": "tonnage", "type": "integer", "label": "Tonnage"}, {"name": "arrived_at", "type": "time", "label": "Arrived"}, {"name": "cleared", "type": "boolean", "label": "Cleared"}, {"name": "note", "type": "text", "label": "Note"}]	{"key": ["id"], "show": ["id", "vessel"], "sorts": [{"key": "vessel"}, {"key": "tonnage"}], "addressing": "cursor"}	347	1	2026-11-27 07:48:21.878423+00			0		f	whole days	1	f
worded	worded	records_8	[{"name": "id", "type": "integer", "label": "No."}, {"name": "vessel", "type": "text", "label": "Vessel"}, {"name": "berth", "type": "text", "label": "Berth"}, {"name": "cargo", "type": "text", "label": "Cargo"}, {"name": "tonnage", "type": "integer", "label": "Tonnage"}, {"name": "arrived_at", "type": "time", "label": "Arrived"}, {"name": "cleared", "type": "boolean", "label": "Cleared"}, {"name": "note", "type": "text", "label": "Note"}]	{"key": ["id"], "sorts": [{"key": "cargo"}, {"key": "berth"}, {"key": "id"}], "faults": {"filter.bad_value": "mend", "sort.unknown_key": "refuse"}, "markup": {"style": "classed", "classes": {"nav": "n", "link": "l"}}, "filters": [{"field": "cargo", "operators": ["equals", "none"]}, {"type": "time", "field": "arrived_at"}], "indexes": [["berth", "arrived_at"]], "unknown": "note", "language": "de", "past_last": "first", "max_sort_keys": 2}	347	1	2026-11-27 07:48:21.769943+00			0		f	whole days	1	f
byoffset	byoffset	records_10	[{"name": "id", "type": "integer", "label": "No."}, {"name": "vessel", "type": "text", "label": "Vessel"}, {"name": "berth", "type": "text", "label": "Berth"}, {"name": "cargo", "type": "text", "label": "Cargo"}, {"name": "tonnage", "type": "integer", "label": "Tonnage"}, {"name": "arrived_at", "type": "time", "label": "Arrived"}, {"name": "cleared", "type": "boolean", "label": "Cleared"}, {"name": "note", "type": "text", "label": "Note"}]	{"key": ["id"], "size": {"cap": 50, "default": 5, "offered": [5, 10, 50]}, "sorts": [{"key": "tonnage", "nulls_first": true}], "addressing": "offset", "default_sort": "-tonnage"}	347	1	2026-11-27 07:48:21.822932+00			0		f	whole days	1	f
crew	crew	crew	[{"name": "no", "type": "integer", "label": "no"}, {"name": "name", "type": "text", "label": "name"}, {"name": "pay", "type": "integer", "label": "pay"}]	{"key": ["no"], "sorts": [{"key": "no"}, {"key": "name"}, {"key": "pay"}], "params": {"after": "after", "before": "before"}, "filters": [{"type": "integer", "field": "no"}, {"type": "text", "field": "name"}, {"type": "integer", "field": "pay"}], "unknown": "note"}	0	1	2026-11-27 07:48:22.224058+00	yard	yard	0		f	whole days	1	t
based	based	records_11	[{"name": "id", "type": "integer", "label": "No."}, {"name": "vessel", "type": "text", "label": "Vessel"}, {"name": "berth", "type": "text", "label": "Berth"}, {"name": "cargo", "type": "text", "label": "Cargo"}, {"name": "tonnage", "type": "integer", "label": "Tonnage"}, {"name": "arrived_at", "type": "time", "label": "Arrived"}, {"name": "cleared", "type": "boolean", "label": "Cleared"}, {"name": "note", "type": "text", "label": "Note"}]	{"key": ["id"], "base": "https://saltmere.example/arrivals/page/{page}{?size,sort,berth*}", "keep": {"what": "listed", "names": ["ref"]}, "sorts": [{"key": "vessel"}], "filters": [{"field": "berth"}, {"field": "vessel", "operators": ["has", "starts", "equals"]}], "origins": ["https://saltmere.example"], "unknown": "drop", "ride_along": ["theme"]}	347	1	2026-11-27 07:48:21.851228+00			0		f	whole days	1	f
renamed	renamed	records_13	[{"name": "id", "type": "integer", "label": "No."}, {"name": "vessel", "type": "text", "label": "Vessel"}, {"name": "berth", "type": "text", "label": "Berth"}, {"name": "cargo", "type": "text", "label": "Cargo"}, {"name": "tonnage", "type": "integer", "label": "Tonnage"}, {"name": "arrived_at", "type": "time", "label": "Arrived"}, {"name": "cleared", "type": "boolean", "label": "Cleared"}, {"name": "note", "type": "text", "label": "Note"}]	{"key": ["id"], "show": ["id", "vessel", "berth"], "sorts": [{"key": "tonnage", "first": "desc"}, {"key": "call", "fields": ["berth", "arrived_at"], "nulls_first": true}], "params": {"row": "from", "page": "p", "size": "per", "sort": "by", "fields": "cols", "search": "find", "direction": "dir"}, "search": ["vessel", "note"], "filters": [{"field": "berth", "param": "filter[berth]"}, {"type": "integer", "field": "id", "operators": ["min", "max"]}]}	347	1	2026-11-27 07:48:21.90629+00			0		f	whole days	1	f
asis	asis	records_14	[{"name": "id", "type": "integer", "label": "No."}, {"name": "vessel", "type": "text", "label": "Vessel"}, {"name": "berth", "type": "text", "label": "Berth"}, {"name": "cargo", "type": "text", "label": "Cargo"}, {"name": "tonnage", "type": "integer", "label": "Tonnage"}, {"name": "arrived_at", "type": "time", "label": "Arrived"}, {"name": "cleared", "type": "boolean", "label": "Cleared"}, {"name": "note", "type": "text", "label": "Note"}]	{"key": ["id"], "ladder": {"tips": 0, "reach": 0, "steady": false}, "past_last": "last", "addressing": "offset", "offset_as_is": true}	347	1	2026-11-27 07:48:21.937802+00			0		f	whole days	1	f
closed	closed	records_15	[{"name": "id", "type": "integer", "label": "No."}, {"name": "vessel", "type": "text", "label": "Vessel"}, {"name": "berth", "type": "text", "label": "Berth"}, {"name": "cargo", "type": "text", "label": "Cargo"}, {"name": "tonnage", "type": "integer", "label": "Tonnage"}, {"name": "arrived_at", "type": "time", "label": "Arrived"}, {"name": "cleared", "type": "boolean", "label": "Cleared"}, {"name": "note", "type": "text", "label": "Note"}]	{"key": ["id"], "size": {"all": 500, "closed": true, "default": 10, "offered": [10, 25]}, "ladder": {"ends": false, "lone": true, "tips": 2, "reach": 1, "gap_links": true}, "first_page_bare": true}	347	1	2026-11-27 07:48:21.964857+00			0		f	whole days	1	f
fixed-not	fixed-not	records_16	[{"name": "id", "type": "integer", "label": "No."}, {"name": "vessel", "type": "text", "label": "Vessel"}, {"name": "berth", "type": "text", "label": "Berth"}, {"name": "cargo", "type": "text", "label": "Cargo"}, {"name": "tonnage", "type": "integer", "label": "Tonnage"}, {"name": "arrived_at", "type": "time", "label": "Arrived"}, {"name": "cleared", "type": "boolean", "label": "Cleared"}, {"name": "note", "type": "text", "label": "Note"}]	{"key": ["id"], "sorts": [{"key": "id"}, {"key": "vessel"}, {"key": "berth"}, {"key": "cargo"}, {"key": "tonnage", "first": "desc"}, {"key": "arrived_at", "first": "desc"}, {"key": "cleared"}], "params": {"after": "after", "before": "before"}, "search": ["vessel", "note"], "filters": [{"field": "berth"}, {"field": "cargo"}, {"field": "vessel"}, {"type": "integer", "field": "tonnage"}, {"type": "time", "field": "arrived_at"}, {"type": "boolean", "field": "cleared"}], "unknown": "note", "default_sort": "-arrived_at"}	347	1	2026-11-27 07:48:21.997351+00			0	arrived_at.not=2026-03-01&berth.not=N4	f	whole days	1	f
fixed-day	fixed-day	boats	[{"name": "no", "type": "integer", "label": "no"}, {"name": "name", "type": "text", "label": "name"}, {"name": "fee", "type": "big_decimal", "label": "fee"}, {"name": "at", "type": "time", "label": "at"}, {"name": "day", "type": "date", "label": "day"}, {"name": "big", "type": "big_integer", "label": "big"}, {"name": "ready", "type": "boolean", "label": "ready"}, {"own": true, "name": "tags", "type": "text", "label": "tags"}, {"own": true, "name": "code", "type": "text", "label": "code"}, {"name": "raw", "type": "json", "label": "raw", "unordered": "values of the type jsonb are lists and objects, which have no order here"}]	{"key": ["no"], "sorts": [{"key": "no"}, {"key": "name"}, {"key": "fee"}, {"key": "at"}, {"key": "day"}, {"key": "big"}, {"key": "ready"}, {"key": "tags"}, {"key": "code"}], "params": {"after": "after", "before": "before"}, "filters": [{"type": "integer", "field": "no"}, {"type": "text", "field": "name"}, {"type": "big_decimal", "field": "fee"}, {"type": "time", "field": "at"}, {"type": "date", "field": "day"}, {"type": "big_integer", "field": "big"}, {"type": "boolean", "field": "ready"}, {"type": "text", "field": "tags"}, {"type": "text", "field": "code"}], "unknown": "note"}	0	2	2026-11-27 07:48:22.066188+00	yard	yard	0	day.max=2026-03-05&at.max=2026-03-03	f	whole days	2	f
fixed-words	fixed-words	records_17	[{"name": "id", "type": "integer", "label": "No."}, {"name": "vessel", "type": "text", "label": "Vessel"}, {"name": "berth", "type": "text", "label": "Berth"}, {"name": "cargo", "type": "text", "label": "Cargo"}, {"name": "tonnage", "type": "integer", "label": "Tonnage"}, {"name": "arrived_at", "type": "time", "label": "Arrived"}, {"name": "cleared", "type": "boolean", "label": "Cleared"}, {"name": "note", "type": "text", "label": "Note"}]	{"key": ["id"], "sorts": [{"key": "id"}, {"key": "vessel"}, {"key": "berth"}, {"key": "cargo"}, {"key": "tonnage", "first": "desc"}, {"key": "arrived_at", "first": "desc"}, {"key": "cleared"}], "params": {"after": "after", "before": "before"}, "search": ["vessel", "note"], "filters": [{"field": "berth"}, {"field": "cargo"}, {"field": "vessel"}, {"type": "integer", "field": "tonnage"}, {"type": "time", "field": "arrived_at"}, {"type": "boolean", "field": "cleared"}], "unknown": "note", "default_sort": "-arrived_at"}	347	1	2026-11-27 07:48:22.071923+00			0	vessel.has=sea&cleared=true&cargo.none=false&tonnage.min=500	f	whole days	1	f
fixed-max	fixed-max	records_18	[{"name": "id", "type": "integer", "label": "No."}, {"name": "vessel", "type": "text", "label": "Vessel"}, {"name": "berth", "type": "text", "label": "Berth"}, {"name": "cargo", "type": "text", "label": "Cargo"}, {"name": "tonnage", "type": "integer", "label": "Tonnage"}, {"name": "arrived_at", "type": "time", "label": "Arrived"}, {"name": "cleared", "type": "boolean", "label": "Cleared"}, {"name": "note", "type": "text", "label": "Note"}]	{"key": ["id"], "sorts": [{"key": "id"}, {"key": "vessel"}, {"key": "berth"}, {"key": "cargo"}, {"key": "tonnage", "first": "desc"}, {"key": "arrived_at", "first": "desc"}, {"key": "cleared"}], "params": {"after": "after", "before": "before"}, "search": ["vessel", "note"], "filters": [{"field": "berth"}, {"field": "cargo"}, {"field": "vessel"}, {"type": "integer", "field": "tonnage"}, {"type": "time", "field": "arrived_at"}, {"type": "boolean", "field": "cleared"}], "unknown": "note", "default_sort": "-arrived_at"}	347	2	2026-11-27 07:48:22.295228+00			0	arrived_at.max=2026-03-05	t	whole days	2	f
fixed-min	fixed-min	records_19	[{"name": "id", "type": "integer", "label": "No."}, {"name": "vessel", "type": "text", "label": "Vessel"}, {"name": "berth", "type": "text", "label": "Berth"}, {"name": "cargo", "type": "text", "label": "Cargo"}, {"name": "tonnage", "type": "integer", "label": "Tonnage"}, {"name": "arrived_at", "type": "time", "label": "Arrived"}, {"name": "cleared", "type": "boolean", "label": "Cleared"}, {"name": "note", "type": "text", "label": "Note"}]	{"key": ["id"], "sorts": [{"key": "id"}, {"key": "vessel"}, {"key": "berth"}, {"key": "cargo"}, {"key": "tonnage", "first": "desc"}, {"key": "arrived_at", "first": "desc"}, {"key": "cleared"}], "params": {"after": "after", "before": "before"}, "search": ["vessel", "note"], "filters": [{"field": "berth"}, {"field": "cargo"}, {"field": "vessel"}, {"type": "integer", "field": "tonnage"}, {"type": "time", "field": "arrived_at"}, {"type": "boolean", "field": "cleared"}], "unknown": "note", "default_sort": "-arrived_at"}	347	1	2026-11-27 07:48:22.132314+00			0	arrived_at.min=2026-03-05	f	whole days	1	f
fixed-is	fixed-is	records_20	[{"name": "id", "type": "integer", "label": "No."}, {"name": "vessel", "type": "text", "label": "Vessel"}, {"name": "berth", "type": "text", "label": "Berth"}, {"name": "cargo", "type": "text", "label": "Cargo"}, {"name": "tonnage", "type": "integer", "label": "Tonnage"}, {"name": "arrived_at", "type": "time", "label": "Arrived"}, {"name": "cleared", "type": "boolean", "label": "Cleared"}, {"name": "note", "type": "text", "label": "Note"}]	{"key": ["id"], "sorts": [{"key": "id"}, {"key": "vessel"}, {"key": "berth"}, {"key": "cargo"}, {"key": "tonnage", "first": "desc"}, {"key": "arrived_at", "first": "desc"}, {"key": "cleared"}], "params": {"after": "after", "before": "before"}, "search": ["vessel", "note"], "filters": [{"field": "berth"}, {"field": "cargo"}, {"field": "vessel"}, {"type": "integer", "field": "tonnage"}, {"type": "time", "field": "arrived_at"}, {"type": "boolean", "field": "cleared"}], "unknown": "note", "default_sort": "-arrived_at"}	347	1	2026-11-27 07:48:22.164237+00			0	arrived_at=2026-03-01&arrived_at=2026-03-01T05:50:00Z	f	whole days	1	f
boats	boats	boats	[{"name": "no", "type": "integer", "label": "no"}, {"name": "name", "type": "text", "label": "name"}, {"name": "fee", "type": "big_decimal", "label": "fee"}, {"name": "at", "type": "time", "label": "at"}, {"name": "day", "type": "date", "label": "day"}, {"name": "big", "type": "big_integer", "label": "big"}, {"name": "ready", "type": "boolean", "label": "ready"}, {"own": true, "name": "tags", "type": "text", "label": "tags"}, {"own": true, "name": "code", "type": "text", "label": "code"}, {"name": "raw", "type": "json", "label": "raw", "unordered": "values of the type jsonb are lists and objects, which have no order here"}]	{"key": ["no"], "sorts": [{"key": "no"}, {"key": "name"}, {"key": "fee"}, {"key": "at"}, {"key": "day"}, {"key": "big"}, {"key": "ready"}, {"key": "tags"}, {"key": "code"}], "params": {"after": "after", "before": "before"}, "filters": [{"type": "integer", "field": "no"}, {"type": "text", "field": "name"}, {"type": "big_decimal", "field": "fee"}, {"type": "time", "field": "at"}, {"type": "date", "field": "day"}, {"type": "big_integer", "field": "big"}, {"type": "boolean", "field": "ready"}, {"type": "text", "field": "tags"}, {"type": "text", "field": "code"}], "unknown": "note"}	0	1	2026-11-27 07:48:22.208755+00	yard	yard	60		f	whole days	1	f
\.


--
-- Data for Name: records_1; Type: TABLE DATA; Schema: pageladder; Owner: -
--

COPY pageladder.records_1 (id, gauge, read_at, height_cm, pressure_hpa, checked, remark, "pl.revision") FROM stdin;
1	gauge 32	1990-01-01 00:01:32+00	585	978.0	t	déphasage	1
2	gauge 18	1990-01-01 00:01:47+00	475	1035.1	t	\N	1
3	gauge 14	1990-01-01 00:03:14+00	-55	963.6	f	déphasage	1
4	gauge 33	1990-01-01 00:03:54+00	544	1036.4	t	déphasage	1
5	gauge 25	1990-01-01 00:04:54+00	\N	1035.6	f	\N	1
6	gauge 28	1990-01-01 00:06:42+00	227	964.6	t	ice at the gauge	1
7	gauge 34	1990-01-01 00:07:49+00	621	1031.6	f	ice at the gauge	1
8	gauge 39	1990-01-01 00:08:59+00	630	997.5	t	\N	1
9	gauge 33	1990-01-01 00:10:32+00	90	1004.7	t	read by hand	1
10	gauge 4	1990-01-01 00:12:14+00	528	1007.3	f	\N	1
11	gauge 26	1990-01-01 00:12:41+00	249	1028.1	t	read by hand	1
12	gauge 22	1990-01-01 00:13:05+00	171	1008.9	t	\N	1
13	gauge 30	1990-01-01 00:13:52+00	559	1032.4	f	\N	1
14	gauge 5	1990-01-01 00:14:22+00	164	999.7	t	read by hand	1
15	gauge 23	1990-01-01 00:15:19+00	585	1003.0	f	read by hand	1
16	gauge 29	1990-01-01 00:17:18+00	323	964.8	t	\N	1
17	gauge 26	1990-01-01 00:17:39+00	480	996.9	f	swell	1
18	gauge 26	1990-01-01 00:18:12+00	645	1005.1	t	déphasage	1
19	gauge 38	1990-01-01 00:19:02+00	557	1029.7	f	read by hand	1
20	gauge 36	1990-01-01 00:19:20+00	688	1025.1	f	ice at the gauge	1
21	gauge 6	1990-01-01 00:19:53+00	339	995.0	t	\N	1
22	gauge 16	1990-01-01 00:19:56+00	677	1010.4	t	\N	1
23	gauge 2	1990-01-01 00:21:26+00	581	1038.0	t	ice at the gauge	1
24	gauge 19	1990-01-01 00:23:02+00	330	1019.2	f	read by hand	1
25	gauge 11	1990-01-01 00:23:50+00	238	994.8	t	\N	1
26	gauge 5	1990-01-01 00:24:17+00	-57	980.5	f	swell	1
27	gauge 40	1990-01-01 00:25:40+00	463	963.1	t	swell	1
28	gauge 18	1990-01-01 00:27:36+00	65	1002.8	f	read by hand	1
29	gauge 33	1990-01-01 00:28:13+00	712	963.1	f	ice at the gauge	1
30	gauge 40	1990-01-01 00:28:44+00	-34	1018.3	t	\N	1
31	gauge 3	1990-01-01 00:30:34+00	232	984.3	f	\N	1
32	gauge 30	1990-01-01 00:32:08+00	-69	972.7	f	read by hand	1
33	gauge 19	1990-01-01 00:33:26+00	404	1027.2	t	\N	1
34	gauge 3	1990-01-01 00:35:08+00	61	997.1	t	déphasage	1
35	gauge 11	1990-01-01 00:35:15+00	634	989.8	t	read by hand	1
36	gauge 20	1990-01-01 00:36:53+00	97	1033.2	f	ice at the gauge	1
37	gauge 30	1990-01-01 00:37:17+00	378	981.6	f	swell	1
38	gauge 12	1990-01-01 00:39:14+00	\N	1019.3	f	ice at the gauge	1
39	gauge 31	1990-01-01 00:39:23+00	757	1036.8	t	ice at the gauge	1
40	gauge 27	1990-01-01 00:40:35+00	32	1006.8	t	\N	1
41	gauge 27	1990-01-01 00:41:05+00	395	1009.4	f	read by hand	1
42	gauge 17	1990-01-01 00:41:20+00	44	1018.9	t	\N	1
43	gauge 22	1990-01-01 00:42:31+00	38	986.8	t	\N	1
44	gauge 16	1990-01-01 00:43:56+00	280	1029.3	f	\N	1
45	gauge 34	1990-01-01 00:45:06+00	-69	963.7	f	\N	1
46	gauge 5	1990-01-01 00:46:47+00	762	1033.1	t	read by hand	1
47	gauge 30	1990-01-01 00:47:04+00	151	999.3	t	ice at the gauge	1
48	gauge 26	1990-01-01 00:48:06+00	-80	1033.9	t	\N	1
49	gauge 8	1990-01-01 00:49:15+00	29	999.2	t	\N	1
50	gauge 20	1990-01-01 00:50:28+00	697	1039.4	t	\N	1
51	gauge 15	1990-01-01 00:52:11+00	-91	1003.5	f	ice at the gauge	1
52	gauge 29	1990-01-01 00:52:13+00	36	1036.2	f	read by hand	1
53	gauge 33	1990-01-01 00:52:34+00	698	986.4	t	\N	1
54	gauge 34	1990-01-01 00:53:09+00	685	1019.4	t	\N	1
55	gauge 29	1990-01-01 00:53:42+00	655	1037.0	f	\N	1
56	gauge 31	1990-01-01 00:55:27+00	186	974.1	t	swell	1
57	gauge 14	1990-01-01 00:56:51+00	81	1030.1	f	read by hand	1
58	gauge 2	1990-01-01 00:56:51+00	275	960.6	t	read by hand	1
59	gauge 37	1990-01-01 00:57:46+00	502	989.9	f	\N	1
60	gauge 11	1990-01-01 00:57:49+00	756	1005.5	t	ice at the gauge	1
\.


--
-- Data for Name: records_10; Type: TABLE DATA; Schema: pageladder; Owner: -
--

COPY pageladder.records_10 (id, vessel, berth, cargo, tonnage, arrived_at, cleared, note, "pl.revision") FROM stdin;
1	Quiet Heron	S2	empty	\N	2026-03-01 05:50:00+00	t	crew change	1
2	Øst Lantern	W1	salt	5300	2026-03-01 14:01:00+00	t	crew change	1
3	Blå Kittiwake	N2	machine parts	7700	2026-03-02 00:15:00+00	t	\N	1
4	Brave Sundew	E3	salt	4800	2026-03-02 05:14:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
5	Morning Cormorant	E1	machine parts	8400	2026-03-02 11:05:00+00	f	\N	1
6	Brave Kittiwake	N4	timber	1900	2026-03-02 22:20:00+00	t	\N	1
7	Früher Gull	S4	wool	7900	2026-03-03 05:12:00+00	f	'; drop table arrivals; --	1
8	Blå Brise	S3	timber	900	2026-03-03 14:30:00+00	t	two calls, one manifest	1
9	Quiet Cormorant	N4	slate	6600	2026-03-03 19:59:00+00	t	\N	1
10	Señora Petrel	W1	empty	\N	2026-03-04 03:32:00+00	f	waits for customs; papers "in order"	1
11	Grey Otter	W3	empty	\N	2026-03-04 06:43:00+00	t	déchargement de nuit	1
12	Little Lantern	N3	grain	8100	2026-03-04 16:55:00+00	f	\N	1
13	Blå Anchor	N2	machine parts	2600	2026-03-05 04:11:00+00	t	مرساة خارج الميناء	1
14	Quiet Sundew	E4	grain	\N	2026-03-05 08:58:00+00	t	'; drop table arrivals; --	1
15	Früher Heron	E2	slate	5900	2026-03-05 20:21:00+00	t	\N	1
16	Früher Tern	E1	slate	7800	2026-03-06 06:14:00+00	t	damaged fender, berth side	1
17	Quiet Lantern	N3	salt	2900	2026-03-06 14:17:00+00	t	crew change	1
18	Øst Heron	W4	slate	2200	2026-03-06 14:48:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
19	Øst Otter	N2	machine parts	\N	2026-03-06 22:33:00+00	f	'; drop table arrivals; --	1
20	Quiet Anchor	W1	timber	8500	2026-03-07 01:49:00+00	t	two calls, one manifest	1
21	Crimson Estrella	E3	wool	4600	2026-03-07 06:39:00+00	t	\N	1
22	Früher Marlin	N4	machine parts	6200	2026-03-07 15:57:00+00	t	pilot on board	1
23	Blå Estrella	E1	wool	500	2026-03-07 22:22:00+00	t	'; drop table arrivals; --	1
24	Señora Brise	W2	timber	6800	2026-03-08 10:05:00+00	f	two calls, one manifest	1
25	Silver Heron	W3	grain	2000	2026-03-08 12:49:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
26	Früher Otter	E4	timber	4700	2026-03-08 13:44:00+00	t	déchargement de nuit	1
27	Salt Anchor	N3	empty	\N	2026-03-08 23:04:00+00	f	late tide	1
28	Øst Żuraw	E3	herring	1500	2026-03-09 03:37:00+00	f	\N	1
29	Morning Estrella	E3	herring	4300	2026-03-09 10:59:00+00	t	\N	1
30	Blå Cormorant	S1	salt	1900	2026-03-09 18:10:00+00	f	déchargement de nuit	1
31	Quiet Estrella	N3	empty	\N	2026-03-10 05:32:00+00	t	late tide	1
32	Amber Cormorant	N2	salt	5800	2026-03-10 16:00:00+00	f	late tide	1
33	Øst Brise	W2	timber	8000	2026-03-11 03:13:00+00	t	مرساة خارج الميناء	1
34	Grey Möwe	S1	wool	3000	2026-03-11 07:23:00+00	t	damaged fender, berth side	1
35	Øst Sundew	S1	empty	\N	2026-03-11 08:19:00+00	t	déchargement de nuit	1
36	Señora Sjøfugl	N1	empty	\N	2026-03-11 15:14:00+00	t	two calls, one manifest	1
37	Brave Cormorant	W1	salt	6100	2026-03-11 15:36:00+00	f	'; drop table arrivals; --	1
38	Winter Anchor	E3	wool	6200	2026-03-11 19:40:00+00	t	\N	1
39	Salt Heron	W4	machine parts	3400	2026-03-12 01:04:00+00	\N	\N	1
40	Salt Anchor	N2	wool	7300	2026-03-12 08:52:00+00	t	<b>fragile</b> & heavy	1
41	Øst Petrel	E1	timber	5800	2026-03-12 11:30:00+00	t	\N	1
42	Ľúčna Brise	N4	empty	\N	2026-03-12 18:45:00+00	t	pilot on board	1
43	Ľúčna Cormorant	N3	machine parts	8200	2026-03-12 22:03:00+00	t	<b>fragile</b> & heavy	1
44	Silver Petrel	N2	empty	\N	2026-03-13 02:57:00+00	t	مرساة خارج الميناء	1
45	Ľúčna Marlin	S1	machine parts	2100	2026-03-13 10:40:00+00	t	waits for customs; papers "in order"	1
46	Salt Żuraw	S3	herring	2700	2026-03-13 21:04:00+00	t	'; drop table arrivals; --	1
47	Salt Otter	N3	empty	\N	2026-03-13 23:11:00+00	t	waits for customs; papers "in order"	1
48	Blå Tern	W1	herring	1500	2026-03-14 09:33:00+00	t	<b>fragile</b> & heavy	1
49	Quiet Cormorant	W1	herring	300	2026-03-14 10:59:00+00	t	waits for customs; papers "in order"	1
50	Little Anchor	E3	grain	4300	2026-03-14 19:27:00+00	f	\N	1
51	Blå Estrella	S4	grain	4300	2026-03-14 21:43:00+00	f	damaged fender, berth side	1
52	Øst Sjøfugl	N4	wool	\N	2026-03-15 07:09:00+00	f	waits for customs; papers "in order"	1
53	Little Estrella	E4	herring	6200	2026-03-15 09:57:00+00	f	مرساة خارج الميناء	1
54	Little Heron	W1	wool	1900	2026-03-15 11:05:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
55	Northern Sundew	S4	timber	6600	2026-03-15 13:32:00+00	t	pilot on board	1
56	Winter Żuraw	E4	timber	8500	2026-03-15 21:07:00+00	t	مرساة خارج الميناء	1
57	Silver Sjøfugl	N2	herring	1500	2026-03-15 21:48:00+00	t	\N	1
58	Morning Cormorant	S2	herring	3000	2026-03-16 02:57:00+00	t	damaged fender, berth side	1
59	Ľúčna Anchor	N1	wool	7100	2026-03-16 11:55:00+00	t	<b>fragile</b> & heavy	1
60	Crimson Estrella	N2	salt	3200	2026-03-16 14:50:00+00	t	waits for customs; papers "in order"	1
61	Winter Heron	W2	slate	\N	2026-03-17 00:22:00+00	f	<b>fragile</b> & heavy	1
62	Brave Kittiwake	N2	slate	5700	2026-03-17 01:07:00+00	f	damaged fender, berth side	1
63	Winter Gull	E1	herring	1800	2026-03-17 06:47:00+00	t	'; drop table arrivals; --	1
64	Señora Kittiwake	W3	grain	5600	2026-03-17 13:40:00+00	t	\N	1
65	Blå Möwe	W3	wool	500	2026-03-17 15:10:00+00	t	waits for customs; papers "in order"	1
66	Grey Petrel	N3	grain	7200	2026-03-18 00:08:00+00	t	déchargement de nuit	1
67	Grey Kittiwake	W3	timber	2700	2026-03-18 09:52:00+00	t	damaged fender, berth side	1
68	Morning Tern	S2	wool	7100	2026-03-18 19:31:00+00	t	مرساة خارج الميناء	1
69	Øst Żuraw	S4	grain	6200	2026-03-19 05:45:00+00	t	déchargement de nuit	1
70	Früher Anchor	E1	slate	6700	2026-03-19 06:16:00+00	\N	déchargement de nuit	1
71	Øst Otter	N4	wool	5600	2026-03-19 06:50:00+00	t	déchargement de nuit	1
72	Señora Estrella	W2	grain	4600	2026-03-19 10:02:00+00	t	waits for customs; papers "in order"	1
73	Blå Sjøfugl	E4	timber	3700	2026-03-19 16:54:00+00	t	waits for customs; papers "in order"	1
74	Silver Petrel	E2	grain	3700	2026-03-19 20:00:00+00	f	pilot on board	1
75	Señora Marlin	W4	salt	\N	2026-03-19 22:14:00+00	f	damaged fender, berth side	1
76	Northern Möwe	N4	salt	600	2026-03-20 05:09:00+00	f	\N	1
77	Winter Heron	W2	timber	2700	2026-03-20 10:01:00+00	t	two calls, one manifest	1
78	Little Möwe	E4	timber	5400	2026-03-20 10:48:00+00	t	pilot on board	1
79	Winter Petrel	W4	grain	3900	2026-03-20 14:14:00+00	f	pilot on board	1
80	Øst Möwe	E1	slate	7600	2026-03-20 23:28:00+00	f	late tide	1
81	Ľúčna Tern	E2	salt	6900	2026-03-21 06:58:00+00	t	مرساة خارج الميناء	1
82	Øst Żuraw	W4	machine parts	6400	2026-03-21 11:01:00+00	t	مرساة خارج الميناء	1
83	Morning Kittiwake	W3	wool	500	2026-03-21 18:40:00+00	t	\N	1
84	Señora Tern	E2	timber	4700	2026-03-22 02:32:00+00	\N	\N	1
85	Silver Heron	E3	grain	8400	2026-03-22 07:33:00+00	t	مرساة خارج الميناء	1
86	Brave Gull	N2	wool	7600	2026-03-22 15:22:00+00	t	pilot on board	1
87	Quiet Cormorant	S3	herring	6800	2026-03-22 18:23:00+00	t	two calls, one manifest	1
88	Crimson Lantern	E3	grain	5600	2026-03-23 04:08:00+00	f	\N	1
89	Blå Sundew	E2	empty	\N	2026-03-23 06:51:00+00	t	\N	1
90	Little Sjøfugl	E4	grain	8700	2026-03-23 09:25:00+00	f	crew change	1
91	Ľúčna Sundew	S2	slate	2300	2026-03-23 19:42:00+00	t	\N	1
92	Old Petrel	N2	grain	3800	2026-03-24 07:05:00+00	\N	\N	1
93	Grey Kittiwake	N3	grain	2200	2026-03-24 11:28:00+00	t	déchargement de nuit	1
94	Île Lantern	S1	machine parts	1300	2026-03-24 17:27:00+00	f	'; drop table arrivals; --	1
95	Früher Estrella	W1	empty	\N	2026-03-24 22:10:00+00	t	déchargement de nuit	1
96	Crimson Sjøfugl	N1	grain	6500	2026-03-25 03:37:00+00	t	'; drop table arrivals; --	1
97	Old Tern	N2	herring	2300	2026-03-25 09:28:00+00	t	\N	1
98	Silver Anchor	N3	empty	\N	2026-03-25 09:56:00+00	t	late tide	1
99	Northern Otter	E1	slate	7100	2026-03-25 12:40:00+00	t	\N	1
100	Northern Lantern	E2	timber	6100	2026-03-25 19:23:00+00	t	\N	1
101	Crimson Gull	E4	slate	8100	2026-03-26 06:47:00+00	t	\N	1
102	Silver Sjøfugl	W1	herring	6800	2026-03-26 08:54:00+00	t	\N	1
103	Morning Cormorant	N3	empty	\N	2026-03-26 19:07:00+00	t	déchargement de nuit	1
104	Old Brise	S4	machine parts	1000	2026-03-26 20:36:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
105	Grey Brise	S2	wool	8800	2026-03-27 06:11:00+00	f	'; drop table arrivals; --	1
106	Brave Estrella	W2	herring	5700	2026-03-27 15:00:00+00	t	damaged fender, berth side	1
107	Amber Cormorant	N1	machine parts	4700	2026-03-28 01:21:00+00	t	pilot on board	1
108	Øst Marlin	N1	grain	5400	2026-03-28 05:21:00+00	t	déchargement de nuit	1
109	Brave Otter	E3	herring	7600	2026-03-28 13:27:00+00	f	\N	1
110	Silver Otter	E4	slate	3700	2026-03-28 14:17:00+00	t	damaged fender, berth side	1
111	Salt Kittiwake	W3	timber	7100	2026-03-28 22:44:00+00	f	crew change	1
112	Silver Heron	E1	wool	\N	2026-03-29 04:02:00+00	t	waits for customs; papers "in order"	1
113	Little Gull	E1	salt	900	2026-03-29 11:14:00+00	t	مرساة خارج الميناء	1
114	Winter Brise	S1	empty	\N	2026-03-29 17:04:00+00	t	waits for customs; papers "in order"	1
115	Winter Estrella	S4	grain	4100	2026-03-30 02:41:00+00	t	\N	1
116	Winter Gull	S3	machine parts	4800	2026-03-30 08:03:00+00	f	\N	1
117	Salt Lantern	W1	wool	\N	2026-03-30 15:50:00+00	t	late tide	1
118	Grey Möwe	E2	herring	\N	2026-03-31 02:42:00+00	t	late tide	1
119	Winter Kittiwake	N3	grain	8800	2026-03-31 14:17:00+00	t	crew change	1
120	Blå Möwe	S4	grain	8600	2026-03-31 23:52:00+00	t	\N	1
121	Grey Estrella	E1	herring	\N	2026-04-01 04:32:00+00	f	waits for customs; papers "in order"	1
122	Salt Marlin	N4	wool	3000	2026-04-01 11:45:00+00	t	'; drop table arrivals; --	1
123	Brave Tern	S2	herring	4400	2026-04-01 16:46:00+00	t	waits for customs; papers "in order"	1
124	Grey Lantern	S1	salt	3000	2026-04-01 23:06:00+00	t	'; drop table arrivals; --	1
125	Little Sjøfugl	N4	wool	7900	2026-04-02 02:17:00+00	t	<b>fragile</b> & heavy	1
126	Winter Estrella	N3	slate	\N	2026-04-02 08:02:00+00	f	\N	1
127	Brave Tern	N1	machine parts	2800	2026-04-02 13:39:00+00	t	waits for customs; papers "in order"	1
128	Île Sjøfugl	E3	salt	7500	2026-04-02 19:00:00+00	t	\N	1
129	Grey Sjøfugl	N4	wool	6700	2026-04-02 20:28:00+00	t	\N	1
130	Blå Cormorant	S1	machine parts	5900	2026-04-03 05:06:00+00	f	waits for customs; papers "in order"	1
131	Ľúčna Kittiwake	E2	slate	2400	2026-04-03 11:49:00+00	t	pilot on board	1
132	Salt Heron	W2	timber	2600	2026-04-03 12:26:00+00	t	late tide	1
133	Morning Möwe	W3	wool	\N	2026-04-03 15:07:00+00	t	\N	1
134	Old Brise	N4	wool	7800	2026-04-03 22:02:00+00	t	مرساة خارج الميناء	1
135	Crimson Sjøfugl	W3	grain	800	2026-04-04 06:28:00+00	t	déchargement de nuit	1
136	Amber Anchor	E2	herring	5100	2026-04-04 09:19:00+00	\N	\N	1
137	Ľúčna Sjøfugl	E4	salt	\N	2026-04-04 15:33:00+00	t	<b>fragile</b> & heavy	1
138	Øst Marlin	W4	timber	9200	2026-04-05 02:41:00+00	t	two calls, one manifest	1
139	Früher Żuraw	S4	slate	4900	2026-04-05 10:13:00+00	\N	\N	1
140	Quiet Żuraw	S4	wool	2500	2026-04-05 12:29:00+00	t	déchargement de nuit	1
141	Morning Marlin	W3	grain	6900	2026-04-05 21:22:00+00	t	déchargement de nuit	1
142	Île Anchor	N3	wool	700	2026-04-05 22:07:00+00	f	\N	1
143	Salt Tern	N2	salt	\N	2026-04-06 00:24:00+00	t	<b>fragile</b> & heavy	1
144	Morning Sjøfugl	S1	slate	3900	2026-04-06 12:02:00+00	t	\N	1
145	Amber Kittiwake	S1	herring	2100	2026-04-06 21:59:00+00	t	\N	1
146	Ľúčna Żuraw	W1	timber	1800	2026-04-07 03:41:00+00	t	'; drop table arrivals; --	1
147	Northern Żuraw	E1	wool	8700	2026-04-07 12:05:00+00	t	pilot on board	1
148	Île Cormorant	N4	empty	\N	2026-04-07 13:35:00+00	t	مرساة خارج الميناء	1
149	Old Möwe	S3	machine parts	8400	2026-04-07 22:12:00+00	f	waits for customs; papers "in order"	1
150	Winter Gull	S3	herring	8500	2026-04-08 04:12:00+00	t	\N	1
151	Old Lantern	E2	herring	2200	2026-04-08 12:32:00+00	t	\N	1
152	Señora Cormorant	E3	slate	1000	2026-04-08 14:44:00+00	t	waits for customs; papers "in order"	1
153	Blå Marlin	S2	salt	1700	2026-04-09 01:59:00+00	t	<b>fragile</b> & heavy	1
154	Brave Petrel	E2	wool	1700	2026-04-09 07:52:00+00	t	déchargement de nuit	1
155	Northern Tern	N4	herring	5800	2026-04-09 14:27:00+00	t	\N	1
156	Salt Cormorant	W2	empty	\N	2026-04-10 01:04:00+00	t	\N	1
157	Blå Sjøfugl	S2	slate	3000	2026-04-10 10:26:00+00	t	damaged fender, berth side	1
158	Øst Heron	S2	salt	7900	2026-04-10 13:34:00+00	\N	déchargement de nuit	1
159	Grey Lantern	N4	wool	7700	2026-04-10 23:54:00+00	t	crew change	1
160	Quiet Sundew	W2	wool	500	2026-04-11 02:21:00+00	t	damaged fender, berth side	1
161	Northern Estrella	N1	wool	4300	2026-04-11 10:57:00+00	t	مرساة خارج الميناء	1
162	Früher Tern	S3	salt	5700	2026-04-11 20:39:00+00	t	'; drop table arrivals; --	1
163	Quiet Marlin	W2	salt	9200	2026-04-12 03:30:00+00	t	late tide	1
164	Little Marlin	S2	slate	8800	2026-04-12 07:00:00+00	f	\N	1
165	Ľúčna Lantern	N2	grain	5400	2026-04-12 07:52:00+00	t	\N	1
166	Blå Marlin	N4	salt	5800	2026-04-12 11:07:00+00	f	two calls, one manifest	1
167	Northern Cormorant	E4	empty	\N	2026-04-12 12:56:00+00	f	مرساة خارج الميناء	1
168	Little Estrella	N2	machine parts	2000	2026-04-12 21:11:00+00	t	crew change	1
169	Northern Gull	W1	machine parts	1500	2026-04-13 01:27:00+00	f	pilot on board	1
170	Früher Cormorant	N3	herring	7900	2026-04-13 12:43:00+00	t	two calls, one manifest	1
171	Old Marlin	W4	salt	5000	2026-04-13 19:33:00+00	t	'; drop table arrivals; --	1
172	Señora Sjøfugl	E4	empty	\N	2026-04-14 03:41:00+00	t	waits for customs; papers "in order"	1
173	Salt Otter	W3	empty	\N	2026-04-14 13:58:00+00	t	crew change	1
174	Ľúčna Żuraw	N4	machine parts	5000	2026-04-14 21:27:00+00	t	pilot on board	1
175	Crimson Otter	S1	salt	3500	2026-04-15 08:13:00+00	t	مرساة خارج الميناء	1
176	Île Petrel	W2	slate	4600	2026-04-15 10:21:00+00	t	damaged fender, berth side	1
177	Grey Sundew	E4	salt	6800	2026-04-15 15:41:00+00	t	مرساة خارج الميناء	1
178	Grey Brise	S3	grain	1300	2026-04-15 18:25:00+00	t	'; drop table arrivals; --	1
179	Ľúčna Tern	N2	wool	2800	2026-04-15 22:29:00+00	t	\N	1
180	Ľúčna Tern	W4	empty	\N	2026-04-16 03:16:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
181	Grey Anchor	W2	machine parts	600	2026-04-16 12:30:00+00	t	\N	1
182	Winter Brise	N3	machine parts	6700	2026-04-16 19:29:00+00	t	\N	1
183	Old Kittiwake	S1	wool	3300	2026-04-17 04:07:00+00	t	late tide	1
184	Früher Lantern	E2	wool	3500	2026-04-17 12:13:00+00	t	waits for customs; papers "in order"	1
185	Winter Otter	W3	machine parts	2600	2026-04-17 15:14:00+00	t	waits for customs; papers "in order"	1
186	Blå Brise	E4	empty	\N	2026-04-17 22:34:00+00	t	late tide	1
187	Amber Petrel	E4	slate	6600	2026-04-18 09:41:00+00	f	pilot on board	1
188	Señora Anchor	N4	timber	4900	2026-04-18 21:29:00+00	t	\N	1
189	Île Heron	S3	grain	9200	2026-04-19 08:48:00+00	f	pilot on board	1
190	Northern Petrel	W3	salt	8600	2026-04-19 14:14:00+00	t	two calls, one manifest	1
191	Quiet Cormorant	W4	timber	1300	2026-04-19 15:46:00+00	f	two calls, one manifest	1
192	Northern Sjøfugl	E4	timber	7300	2026-04-19 19:48:00+00	t	<b>fragile</b> & heavy	1
193	Señora Żuraw	W4	slate	8100	2026-04-20 01:04:00+00	t	\N	1
194	Old Marlin	S1	timber	8800	2026-04-20 08:44:00+00	t	'; drop table arrivals; --	1
195	Île Lantern	S1	wool	1600	2026-04-20 09:37:00+00	t	<b>fragile</b> & heavy	1
196	Silver Cormorant	N1	machine parts	8100	2026-04-20 11:24:00+00	t	damaged fender, berth side	1
197	Früher Sundew	S3	wool	7700	2026-04-20 17:31:00+00	f	\N	1
198	Little Marlin	W2	slate	1700	2026-04-20 19:00:00+00	f	\N	1
199	Señora Möwe	E4	herring	8400	2026-04-21 06:04:00+00	f	<b>fragile</b> & heavy	1
200	Île Gull	N4	machine parts	1000	2026-04-21 10:38:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
201	Morning Anchor	N3	machine parts	6900	2026-04-21 11:59:00+00	f	\N	1
202	Crimson Estrella	W2	slate	\N	2026-04-21 13:32:00+00	t	\N	1
203	Øst Tern	W3	grain	6500	2026-04-21 16:54:00+00	f	'; drop table arrivals; --	1
204	Little Gull	W2	timber	5800	2026-04-21 18:52:00+00	f	\N	1
205	Northern Żuraw	E2	timber	7900	2026-04-21 19:08:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
206	Amber Tern	W1	machine parts	1800	2026-04-22 04:37:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
207	Brave Möwe	S4	herring	4400	2026-04-22 14:52:00+00	t	\N	1
208	Île Möwe	W2	salt	4000	2026-04-22 19:45:00+00	t	\N	1
209	Früher Möwe	S2	slate	8900	2026-04-23 00:28:00+00	t	'; drop table arrivals; --	1
210	Old Anchor	S4	empty	\N	2026-04-23 08:55:00+00	t	<b>fragile</b> & heavy	1
211	Île Tern	S1	empty	\N	2026-04-23 19:57:00+00	f	pilot on board	1
212	Früher Marlin	W2	wool	8500	2026-04-23 21:42:00+00	t	\N	1
213	Señora Żuraw	W2	empty	\N	2026-04-23 21:58:00+00	t	\N	1
214	Northern Cormorant	W4	wool	600	2026-04-23 23:01:00+00	t	crew change	1
215	Señora Lantern	E3	wool	9100	2026-04-24 06:26:00+00	t	late tide	1
216	Salt Otter	N1	salt	5200	2026-04-24 12:30:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
217	Silver Anchor	E1	wool	6300	2026-04-24 16:40:00+00	t	'; drop table arrivals; --	1
218	Morning Anchor	N2	grain	2900	2026-04-25 01:42:00+00	t	late tide	1
219	Old Heron	S2	wool	3400	2026-04-25 08:04:00+00	f	\N	1
220	Little Otter	S3	wool	5700	2026-04-25 16:33:00+00	t	déchargement de nuit	1
221	Grey Petrel	W2	wool	5400	2026-04-25 17:12:00+00	t	damaged fender, berth side	1
222	Morning Sjøfugl	S3	herring	5700	2026-04-25 23:11:00+00	t	\N	1
223	Blå Möwe	S4	empty	\N	2026-04-26 07:20:00+00	t	damaged fender, berth side	1
224	Brave Żuraw	S3	herring	7800	2026-04-26 19:07:00+00	f	مرساة خارج الميناء	1
225	Blå Otter	S4	salt	8600	2026-04-26 23:05:00+00	f	late tide	1
226	Grey Heron	N1	wool	4800	2026-04-27 04:38:00+00	t	late tide	1
227	Grey Otter	N1	timber	8300	2026-04-27 05:28:00+00	f	\N	1
228	Blå Heron	E4	machine parts	3900	2026-04-27 07:18:00+00	t	crew change	1
229	Amber Lantern	W2	grain	8800	2026-04-27 07:58:00+00	t	\N	1
230	Blå Estrella	W4	empty	\N	2026-04-27 09:18:00+00	t	\N	1
231	Brave Brise	E3	timber	2700	2026-04-27 20:30:00+00	t	\N	1
232	Ľúčna Żuraw	W1	wool	1100	2026-04-28 04:30:00+00	f	damaged fender, berth side	1
233	Northern Möwe	S3	grain	8100	2026-04-28 07:02:00+00	f	pilot on board	1
234	Früher Tern	W2	salt	6200	2026-04-28 11:36:00+00	t	pilot on board	1
235	Øst Gull	N3	slate	2400	2026-04-28 21:27:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
236	Northern Gull	W3	herring	5800	2026-04-29 05:29:00+00	f	\N	1
237	Ľúčna Möwe	E2	wool	9200	2026-04-29 08:37:00+00	t	مرساة خارج الميناء	1
238	Früher Estrella	E1	salt	8700	2026-04-29 16:09:00+00	f	pilot on board	1
239	Ľúčna Kittiwake	S1	timber	\N	2026-04-30 00:26:00+00	t	\N	1
240	Crimson Sundew	W4	slate	1400	2026-04-30 03:06:00+00	t	two calls, one manifest	1
241	Quiet Heron	N4	empty	\N	2026-04-30 03:56:00+00	t	waits for customs; papers "in order"	1
242	Salt Heron	E3	slate	\N	2026-04-30 12:54:00+00	t	\N	1
243	Señora Brise	S3	salt	3200	2026-04-30 23:15:00+00	t	late tide	1
244	Amber Żuraw	S3	machine parts	9000	2026-05-01 07:59:00+00	t	مرساة خارج الميناء	1
245	Quiet Heron	N2	wool	800	2026-05-01 13:34:00+00	t	crew change	1
246	Grey Żuraw	S3	wool	4400	2026-05-01 22:34:00+00	t	damaged fender, berth side	1
247	Quiet Cormorant	S3	salt	300	2026-05-02 00:20:00+00	t	crew change	1
248	Salt Sundew	W3	slate	8300	2026-05-02 10:30:00+00	\N	\N	1
249	Silver Estrella	S1	empty	\N	2026-05-02 20:55:00+00	t	\N	1
250	Little Żuraw	S2	empty	\N	2026-05-02 22:57:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
251	Old Sundew	E1	slate	4400	2026-05-03 06:01:00+00	t	crew change	1
252	Amber Tern	S2	herring	6500	2026-05-03 08:07:00+00	f	'; drop table arrivals; --	1
253	Old Sundew	S4	empty	\N	2026-05-03 14:28:00+00	t	\N	1
254	Crimson Kittiwake	N2	salt	2600	2026-05-03 18:29:00+00	f	مرساة خارج الميناء	1
255	Old Sundew	N2	salt	\N	2026-05-04 00:48:00+00	f	déchargement de nuit	1
256	Little Żuraw	E3	herring	4200	2026-05-04 09:01:00+00	t	pilot on board	1
257	Morning Sjøfugl	S2	grain	5300	2026-05-04 18:49:00+00	t	crew change	1
258	Little Möwe	S2	wool	3100	2026-05-04 19:06:00+00	t	مرساة خارج الميناء	1
259	Señora Otter	N3	empty	\N	2026-05-04 22:56:00+00	t	pilot on board	1
260	Amber Lantern	S3	wool	4300	2026-05-05 09:17:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
261	Ľúčna Petrel	N1	herring	4700	2026-05-05 14:06:00+00	t	two calls, one manifest	1
262	Winter Estrella	E2	timber	2800	2026-05-05 18:15:00+00	t	'; drop table arrivals; --	1
263	Señora Marlin	N3	wool	2400	2026-05-06 02:56:00+00	f	\N	1
264	Øst Cormorant	W2	timber	5100	2026-05-06 05:30:00+00	t	two calls, one manifest	1
265	Quiet Tern	S4	timber	5000	2026-05-06 12:25:00+00	t	\N	1
266	Île Marlin	W1	grain	\N	2026-05-06 22:48:00+00	t	damaged fender, berth side	1
267	Øst Gull	E2	wool	3400	2026-05-07 00:07:00+00	t	late tide	1
268	Silver Marlin	N2	timber	4500	2026-05-07 03:05:00+00	t	crew change	1
269	Little Marlin	N3	grain	4000	2026-05-07 05:32:00+00	f	déchargement de nuit	1
270	Morning Kittiwake	W4	slate	6700	2026-05-07 13:25:00+00	f	<b>fragile</b> & heavy	1
271	Old Marlin	W1	wool	2500	2026-05-07 16:53:00+00	t	\N	1
272	Winter Sundew	E4	empty	\N	2026-05-08 02:19:00+00	t	crew change	1
273	Brave Brise	S3	timber	4400	2026-05-08 12:46:00+00	t	\N	1
274	Blå Gull	W4	empty	\N	2026-05-08 20:35:00+00	t	late tide	1
275	Blå Brise	N3	empty	\N	2026-05-09 02:54:00+00	t	déchargement de nuit	1
276	Old Marlin	N4	wool	4400	2026-05-09 10:10:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
277	Grey Gull	E4	empty	\N	2026-05-09 20:54:00+00	t	<b>fragile</b> & heavy	1
278	Grey Möwe	S4	timber	600	2026-05-10 03:04:00+00	t	damaged fender, berth side	1
279	Northern Gull	W3	wool	7700	2026-05-10 11:38:00+00	t	'; drop table arrivals; --	1
280	Blå Heron	W1	wool	1800	2026-05-10 12:14:00+00	t	'; drop table arrivals; --	1
281	Ľúčna Marlin	S2	grain	8900	2026-05-10 21:02:00+00	t	crew change	1
282	Øst Otter	E2	empty	\N	2026-05-11 02:37:00+00	t	مرساة خارج الميناء	1
283	Northern Gull	S2	salt	6300	2026-05-11 03:17:00+00	f	two calls, one manifest	1
284	Blå Möwe	N3	salt	3700	2026-05-11 10:03:00+00	t	\N	1
285	Winter Lantern	W4	timber	6900	2026-05-11 20:40:00+00	t	pilot on board	1
286	Northern Cormorant	N2	herring	6200	2026-05-12 04:10:00+00	t	\N	1
287	Silver Lantern	W1	wool	1000	2026-05-12 10:31:00+00	f	مرساة خارج الميناء	1
288	Señora Gull	E3	herring	7800	2026-05-12 19:45:00+00	t	\N	1
289	Crimson Otter	S3	grain	2900	2026-05-13 07:00:00+00	t	two calls, one manifest	1
290	Quiet Cormorant	S4	grain	1900	2026-05-13 08:38:00+00	f	\N	1
291	Früher Petrel	W1	herring	5500	2026-05-13 14:20:00+00	f	damaged fender, berth side	1
292	Northern Anchor	E2	grain	6500	2026-05-13 15:58:00+00	t	two calls, one manifest	1
293	Little Żuraw	N3	wool	5800	2026-05-13 17:11:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
294	Morning Żuraw	E2	timber	4800	2026-05-14 01:50:00+00	t	crew change	1
295	Señora Estrella	S3	grain	7000	2026-05-14 05:54:00+00	\N	\N	1
296	Früher Marlin	W2	slate	6000	2026-05-14 08:43:00+00	t	waits for customs; papers "in order"	1
297	Ľúčna Brise	E1	wool	8900	2026-05-14 12:36:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
298	Little Sjøfugl	S2	grain	7400	2026-05-14 19:46:00+00	f	\N	1
299	Silver Sjøfugl	W3	wool	8000	2026-05-15 07:08:00+00	\N	déchargement de nuit	1
300	Old Marlin	N2	timber	\N	2026-05-15 12:24:00+00	t	\N	1
301	Winter Tern	W4	empty	\N	2026-05-15 16:46:00+00	t	waits for customs; papers "in order"	1
302	Quiet Brise	W3	timber	2300	2026-05-16 04:18:00+00	t	<b>fragile</b> & heavy	1
303	Crimson Estrella	E4	salt	2000	2026-05-16 05:42:00+00	\N	waits for customs; papers "in order"	1
304	Grey Estrella	W1	grain	4000	2026-05-16 10:01:00+00	f	'; drop table arrivals; --	1
305	Ľúčna Marlin	N4	timber	600	2026-05-16 21:24:00+00	t	\N	1
306	Crimson Marlin	W2	salt	6100	2026-05-17 07:46:00+00	t	late tide	1
307	Señora Marlin	S1	wool	1900	2026-05-17 12:52:00+00	t	crew change	1
308	Old Marlin	E2	wool	8700	2026-05-17 17:39:00+00	t	two calls, one manifest	1
309	Señora Gull	N1	salt	7600	2026-05-17 22:52:00+00	t	two calls, one manifest	1
310	Little Otter	S4	grain	\N	2026-05-17 23:24:00+00	t	waits for customs; papers "in order"	1
311	Blå Petrel	S3	empty	\N	2026-05-18 10:28:00+00	f	late tide	1
312	Ľúčna Marlin	N4	slate	3200	2026-05-18 14:58:00+00	t	waits for customs; papers "in order"	1
313	Quiet Möwe	S2	salt	1300	2026-05-18 22:14:00+00	t	مرساة خارج الميناء	1
314	Früher Sundew	S2	herring	2200	2026-05-19 06:44:00+00	t	déchargement de nuit	1
315	Salt Kittiwake	S3	timber	600	2026-05-19 14:24:00+00	t	pilot on board	1
316	Silver Żuraw	E2	machine parts	8300	2026-05-19 23:27:00+00	t	\N	1
317	Little Brise	N4	grain	5100	2026-05-20 03:21:00+00	t	two calls, one manifest	1
318	Morning Tern	W1	empty	\N	2026-05-20 03:39:00+00	t	two calls, one manifest	1
319	Silver Sjøfugl	W1	grain	4200	2026-05-20 07:29:00+00	t	déchargement de nuit	1
320	Morning Otter	W4	timber	2100	2026-05-20 18:37:00+00	f	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
321	Crimson Marlin	W2	salt	8700	2026-05-21 03:28:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
322	Northern Brise	E1	timber	300	2026-05-21 12:11:00+00	t	late tide	1
323	Øst Żuraw	S1	wool	1000	2026-05-21 20:27:00+00	t	\N	1
324	Silver Heron	W2	wool	3200	2026-05-22 00:13:00+00	t	déchargement de nuit	1
325	Morning Estrella	S4	empty	\N	2026-05-22 09:25:00+00	t	<b>fragile</b> & heavy	1
326	Quiet Otter	N2	grain	8700	2026-05-22 14:45:00+00	t	crew change	1
327	Northern Gull	E2	slate	800	2026-05-22 18:50:00+00	t	مرساة خارج الميناء	1
328	Crimson Möwe	E3	herring	3500	2026-05-23 03:37:00+00	f	crew change	1
329	Grey Heron	S2	salt	7200	2026-05-23 04:07:00+00	t	<b>fragile</b> & heavy	1
330	Grey Gull	W2	slate	5400	2026-05-23 15:01:00+00	t	déchargement de nuit	1
331	Salt Lantern	N4	wool	3300	2026-05-23 15:21:00+00	t	crew change	1
332	Blå Tern	S4	grain	3200	2026-05-23 21:41:00+00	t	<b>fragile</b> & heavy	1
333	Quiet Sjøfugl	E1	timber	3600	2026-05-24 01:15:00+00	f	\N	1
334	Quiet Marlin	N3	herring	7800	2026-05-24 07:49:00+00	f	\N	1
335	Morning Sjøfugl	W3	herring	3700	2026-05-24 12:34:00+00	t	late tide	1
336	Señora Kittiwake	S2	timber	4500	2026-05-24 18:12:00+00	t	'; drop table arrivals; --	1
337	Silver Otter	N3	timber	5800	2026-05-25 03:39:00+00	t	crew change	1
338	Little Heron	N3	herring	3500	2026-05-25 15:10:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
339	Grey Sjøfugl	S1	timber	8300	2026-05-25 15:30:00+00	t	two calls, one manifest	1
340	Brave Estrella	W1	herring	1400	2026-05-25 16:23:00+00	f	\N	1
341	Øst Żuraw	E2	grain	9200	2026-05-25 20:35:00+00	t	\N	1
342	Blå Anchor	E4	slate	6700	2026-05-25 20:56:00+00	f	\N	1
343	Brave Sjøfugl	N4	wool	900	2026-05-26 06:19:00+00	t	damaged fender, berth side	1
344	Früher Marlin	N1	machine parts	5400	2026-05-26 10:00:00+00	t	déchargement de nuit	1
345	Brave Otter	S3	empty	\N	2026-05-26 12:44:00+00	t	\N	1
346	Señora Lantern	S1	grain	1400	2026-05-26 19:19:00+00	f	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
347	Grey Möwe	N3	grain	3800	2026-05-26 22:34:00+00	t	déchargement de nuit	1
\.


--
-- Data for Name: records_11; Type: TABLE DATA; Schema: pageladder; Owner: -
--

COPY pageladder.records_11 (id, vessel, berth, cargo, tonnage, arrived_at, cleared, note, "pl.revision") FROM stdin;
1	Quiet Heron	S2	empty	\N	2026-03-01 05:50:00+00	t	crew change	1
2	Øst Lantern	W1	salt	5300	2026-03-01 14:01:00+00	t	crew change	1
3	Blå Kittiwake	N2	machine parts	7700	2026-03-02 00:15:00+00	t	\N	1
4	Brave Sundew	E3	salt	4800	2026-03-02 05:14:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
5	Morning Cormorant	E1	machine parts	8400	2026-03-02 11:05:00+00	f	\N	1
6	Brave Kittiwake	N4	timber	1900	2026-03-02 22:20:00+00	t	\N	1
7	Früher Gull	S4	wool	7900	2026-03-03 05:12:00+00	f	'; drop table arrivals; --	1
8	Blå Brise	S3	timber	900	2026-03-03 14:30:00+00	t	two calls, one manifest	1
9	Quiet Cormorant	N4	slate	6600	2026-03-03 19:59:00+00	t	\N	1
10	Señora Petrel	W1	empty	\N	2026-03-04 03:32:00+00	f	waits for customs; papers "in order"	1
11	Grey Otter	W3	empty	\N	2026-03-04 06:43:00+00	t	déchargement de nuit	1
12	Little Lantern	N3	grain	8100	2026-03-04 16:55:00+00	f	\N	1
13	Blå Anchor	N2	machine parts	2600	2026-03-05 04:11:00+00	t	مرساة خارج الميناء	1
14	Quiet Sundew	E4	grain	\N	2026-03-05 08:58:00+00	t	'; drop table arrivals; --	1
15	Früher Heron	E2	slate	5900	2026-03-05 20:21:00+00	t	\N	1
16	Früher Tern	E1	slate	7800	2026-03-06 06:14:00+00	t	damaged fender, berth side	1
17	Quiet Lantern	N3	salt	2900	2026-03-06 14:17:00+00	t	crew change	1
18	Øst Heron	W4	slate	2200	2026-03-06 14:48:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
19	Øst Otter	N2	machine parts	\N	2026-03-06 22:33:00+00	f	'; drop table arrivals; --	1
20	Quiet Anchor	W1	timber	8500	2026-03-07 01:49:00+00	t	two calls, one manifest	1
21	Crimson Estrella	E3	wool	4600	2026-03-07 06:39:00+00	t	\N	1
22	Früher Marlin	N4	machine parts	6200	2026-03-07 15:57:00+00	t	pilot on board	1
23	Blå Estrella	E1	wool	500	2026-03-07 22:22:00+00	t	'; drop table arrivals; --	1
24	Señora Brise	W2	timber	6800	2026-03-08 10:05:00+00	f	two calls, one manifest	1
25	Silver Heron	W3	grain	2000	2026-03-08 12:49:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
26	Früher Otter	E4	timber	4700	2026-03-08 13:44:00+00	t	déchargement de nuit	1
27	Salt Anchor	N3	empty	\N	2026-03-08 23:04:00+00	f	late tide	1
28	Øst Żuraw	E3	herring	1500	2026-03-09 03:37:00+00	f	\N	1
29	Morning Estrella	E3	herring	4300	2026-03-09 10:59:00+00	t	\N	1
30	Blå Cormorant	S1	salt	1900	2026-03-09 18:10:00+00	f	déchargement de nuit	1
31	Quiet Estrella	N3	empty	\N	2026-03-10 05:32:00+00	t	late tide	1
32	Amber Cormorant	N2	salt	5800	2026-03-10 16:00:00+00	f	late tide	1
33	Øst Brise	W2	timber	8000	2026-03-11 03:13:00+00	t	مرساة خارج الميناء	1
34	Grey Möwe	S1	wool	3000	2026-03-11 07:23:00+00	t	damaged fender, berth side	1
35	Øst Sundew	S1	empty	\N	2026-03-11 08:19:00+00	t	déchargement de nuit	1
36	Señora Sjøfugl	N1	empty	\N	2026-03-11 15:14:00+00	t	two calls, one manifest	1
37	Brave Cormorant	W1	salt	6100	2026-03-11 15:36:00+00	f	'; drop table arrivals; --	1
38	Winter Anchor	E3	wool	6200	2026-03-11 19:40:00+00	t	\N	1
39	Salt Heron	W4	machine parts	3400	2026-03-12 01:04:00+00	\N	\N	1
40	Salt Anchor	N2	wool	7300	2026-03-12 08:52:00+00	t	<b>fragile</b> & heavy	1
41	Øst Petrel	E1	timber	5800	2026-03-12 11:30:00+00	t	\N	1
42	Ľúčna Brise	N4	empty	\N	2026-03-12 18:45:00+00	t	pilot on board	1
43	Ľúčna Cormorant	N3	machine parts	8200	2026-03-12 22:03:00+00	t	<b>fragile</b> & heavy	1
44	Silver Petrel	N2	empty	\N	2026-03-13 02:57:00+00	t	مرساة خارج الميناء	1
45	Ľúčna Marlin	S1	machine parts	2100	2026-03-13 10:40:00+00	t	waits for customs; papers "in order"	1
46	Salt Żuraw	S3	herring	2700	2026-03-13 21:04:00+00	t	'; drop table arrivals; --	1
47	Salt Otter	N3	empty	\N	2026-03-13 23:11:00+00	t	waits for customs; papers "in order"	1
48	Blå Tern	W1	herring	1500	2026-03-14 09:33:00+00	t	<b>fragile</b> & heavy	1
49	Quiet Cormorant	W1	herring	300	2026-03-14 10:59:00+00	t	waits for customs; papers "in order"	1
50	Little Anchor	E3	grain	4300	2026-03-14 19:27:00+00	f	\N	1
51	Blå Estrella	S4	grain	4300	2026-03-14 21:43:00+00	f	damaged fender, berth side	1
52	Øst Sjøfugl	N4	wool	\N	2026-03-15 07:09:00+00	f	waits for customs; papers "in order"	1
53	Little Estrella	E4	herring	6200	2026-03-15 09:57:00+00	f	مرساة خارج الميناء	1
54	Little Heron	W1	wool	1900	2026-03-15 11:05:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
55	Northern Sundew	S4	timber	6600	2026-03-15 13:32:00+00	t	pilot on board	1
56	Winter Żuraw	E4	timber	8500	2026-03-15 21:07:00+00	t	مرساة خارج الميناء	1
57	Silver Sjøfugl	N2	herring	1500	2026-03-15 21:48:00+00	t	\N	1
58	Morning Cormorant	S2	herring	3000	2026-03-16 02:57:00+00	t	damaged fender, berth side	1
59	Ľúčna Anchor	N1	wool	7100	2026-03-16 11:55:00+00	t	<b>fragile</b> & heavy	1
60	Crimson Estrella	N2	salt	3200	2026-03-16 14:50:00+00	t	waits for customs; papers "in order"	1
61	Winter Heron	W2	slate	\N	2026-03-17 00:22:00+00	f	<b>fragile</b> & heavy	1
62	Brave Kittiwake	N2	slate	5700	2026-03-17 01:07:00+00	f	damaged fender, berth side	1
63	Winter Gull	E1	herring	1800	2026-03-17 06:47:00+00	t	'; drop table arrivals; --	1
64	Señora Kittiwake	W3	grain	5600	2026-03-17 13:40:00+00	t	\N	1
65	Blå Möwe	W3	wool	500	2026-03-17 15:10:00+00	t	waits for customs; papers "in order"	1
66	Grey Petrel	N3	grain	7200	2026-03-18 00:08:00+00	t	déchargement de nuit	1
67	Grey Kittiwake	W3	timber	2700	2026-03-18 09:52:00+00	t	damaged fender, berth side	1
68	Morning Tern	S2	wool	7100	2026-03-18 19:31:00+00	t	مرساة خارج الميناء	1
69	Øst Żuraw	S4	grain	6200	2026-03-19 05:45:00+00	t	déchargement de nuit	1
70	Früher Anchor	E1	slate	6700	2026-03-19 06:16:00+00	\N	déchargement de nuit	1
71	Øst Otter	N4	wool	5600	2026-03-19 06:50:00+00	t	déchargement de nuit	1
72	Señora Estrella	W2	grain	4600	2026-03-19 10:02:00+00	t	waits for customs; papers "in order"	1
73	Blå Sjøfugl	E4	timber	3700	2026-03-19 16:54:00+00	t	waits for customs; papers "in order"	1
74	Silver Petrel	E2	grain	3700	2026-03-19 20:00:00+00	f	pilot on board	1
75	Señora Marlin	W4	salt	\N	2026-03-19 22:14:00+00	f	damaged fender, berth side	1
76	Northern Möwe	N4	salt	600	2026-03-20 05:09:00+00	f	\N	1
77	Winter Heron	W2	timber	2700	2026-03-20 10:01:00+00	t	two calls, one manifest	1
78	Little Möwe	E4	timber	5400	2026-03-20 10:48:00+00	t	pilot on board	1
79	Winter Petrel	W4	grain	3900	2026-03-20 14:14:00+00	f	pilot on board	1
80	Øst Möwe	E1	slate	7600	2026-03-20 23:28:00+00	f	late tide	1
81	Ľúčna Tern	E2	salt	6900	2026-03-21 06:58:00+00	t	مرساة خارج الميناء	1
82	Øst Żuraw	W4	machine parts	6400	2026-03-21 11:01:00+00	t	مرساة خارج الميناء	1
83	Morning Kittiwake	W3	wool	500	2026-03-21 18:40:00+00	t	\N	1
84	Señora Tern	E2	timber	4700	2026-03-22 02:32:00+00	\N	\N	1
85	Silver Heron	E3	grain	8400	2026-03-22 07:33:00+00	t	مرساة خارج الميناء	1
86	Brave Gull	N2	wool	7600	2026-03-22 15:22:00+00	t	pilot on board	1
87	Quiet Cormorant	S3	herring	6800	2026-03-22 18:23:00+00	t	two calls, one manifest	1
88	Crimson Lantern	E3	grain	5600	2026-03-23 04:08:00+00	f	\N	1
89	Blå Sundew	E2	empty	\N	2026-03-23 06:51:00+00	t	\N	1
90	Little Sjøfugl	E4	grain	8700	2026-03-23 09:25:00+00	f	crew change	1
91	Ľúčna Sundew	S2	slate	2300	2026-03-23 19:42:00+00	t	\N	1
92	Old Petrel	N2	grain	3800	2026-03-24 07:05:00+00	\N	\N	1
93	Grey Kittiwake	N3	grain	2200	2026-03-24 11:28:00+00	t	déchargement de nuit	1
94	Île Lantern	S1	machine parts	1300	2026-03-24 17:27:00+00	f	'; drop table arrivals; --	1
95	Früher Estrella	W1	empty	\N	2026-03-24 22:10:00+00	t	déchargement de nuit	1
96	Crimson Sjøfugl	N1	grain	6500	2026-03-25 03:37:00+00	t	'; drop table arrivals; --	1
97	Old Tern	N2	herring	2300	2026-03-25 09:28:00+00	t	\N	1
98	Silver Anchor	N3	empty	\N	2026-03-25 09:56:00+00	t	late tide	1
99	Northern Otter	E1	slate	7100	2026-03-25 12:40:00+00	t	\N	1
100	Northern Lantern	E2	timber	6100	2026-03-25 19:23:00+00	t	\N	1
101	Crimson Gull	E4	slate	8100	2026-03-26 06:47:00+00	t	\N	1
102	Silver Sjøfugl	W1	herring	6800	2026-03-26 08:54:00+00	t	\N	1
103	Morning Cormorant	N3	empty	\N	2026-03-26 19:07:00+00	t	déchargement de nuit	1
104	Old Brise	S4	machine parts	1000	2026-03-26 20:36:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
105	Grey Brise	S2	wool	8800	2026-03-27 06:11:00+00	f	'; drop table arrivals; --	1
106	Brave Estrella	W2	herring	5700	2026-03-27 15:00:00+00	t	damaged fender, berth side	1
107	Amber Cormorant	N1	machine parts	4700	2026-03-28 01:21:00+00	t	pilot on board	1
108	Øst Marlin	N1	grain	5400	2026-03-28 05:21:00+00	t	déchargement de nuit	1
109	Brave Otter	E3	herring	7600	2026-03-28 13:27:00+00	f	\N	1
110	Silver Otter	E4	slate	3700	2026-03-28 14:17:00+00	t	damaged fender, berth side	1
111	Salt Kittiwake	W3	timber	7100	2026-03-28 22:44:00+00	f	crew change	1
112	Silver Heron	E1	wool	\N	2026-03-29 04:02:00+00	t	waits for customs; papers "in order"	1
113	Little Gull	E1	salt	900	2026-03-29 11:14:00+00	t	مرساة خارج الميناء	1
114	Winter Brise	S1	empty	\N	2026-03-29 17:04:00+00	t	waits for customs; papers "in order"	1
115	Winter Estrella	S4	grain	4100	2026-03-30 02:41:00+00	t	\N	1
116	Winter Gull	S3	machine parts	4800	2026-03-30 08:03:00+00	f	\N	1
117	Salt Lantern	W1	wool	\N	2026-03-30 15:50:00+00	t	late tide	1
118	Grey Möwe	E2	herring	\N	2026-03-31 02:42:00+00	t	late tide	1
119	Winter Kittiwake	N3	grain	8800	2026-03-31 14:17:00+00	t	crew change	1
120	Blå Möwe	S4	grain	8600	2026-03-31 23:52:00+00	t	\N	1
121	Grey Estrella	E1	herring	\N	2026-04-01 04:32:00+00	f	waits for customs; papers "in order"	1
122	Salt Marlin	N4	wool	3000	2026-04-01 11:45:00+00	t	'; drop table arrivals; --	1
123	Brave Tern	S2	herring	4400	2026-04-01 16:46:00+00	t	waits for customs; papers "in order"	1
124	Grey Lantern	S1	salt	3000	2026-04-01 23:06:00+00	t	'; drop table arrivals; --	1
125	Little Sjøfugl	N4	wool	7900	2026-04-02 02:17:00+00	t	<b>fragile</b> & heavy	1
126	Winter Estrella	N3	slate	\N	2026-04-02 08:02:00+00	f	\N	1
127	Brave Tern	N1	machine parts	2800	2026-04-02 13:39:00+00	t	waits for customs; papers "in order"	1
128	Île Sjøfugl	E3	salt	7500	2026-04-02 19:00:00+00	t	\N	1
129	Grey Sjøfugl	N4	wool	6700	2026-04-02 20:28:00+00	t	\N	1
130	Blå Cormorant	S1	machine parts	5900	2026-04-03 05:06:00+00	f	waits for customs; papers "in order"	1
131	Ľúčna Kittiwake	E2	slate	2400	2026-04-03 11:49:00+00	t	pilot on board	1
132	Salt Heron	W2	timber	2600	2026-04-03 12:26:00+00	t	late tide	1
133	Morning Möwe	W3	wool	\N	2026-04-03 15:07:00+00	t	\N	1
134	Old Brise	N4	wool	7800	2026-04-03 22:02:00+00	t	مرساة خارج الميناء	1
135	Crimson Sjøfugl	W3	grain	800	2026-04-04 06:28:00+00	t	déchargement de nuit	1
136	Amber Anchor	E2	herring	5100	2026-04-04 09:19:00+00	\N	\N	1
137	Ľúčna Sjøfugl	E4	salt	\N	2026-04-04 15:33:00+00	t	<b>fragile</b> & heavy	1
138	Øst Marlin	W4	timber	9200	2026-04-05 02:41:00+00	t	two calls, one manifest	1
139	Früher Żuraw	S4	slate	4900	2026-04-05 10:13:00+00	\N	\N	1
140	Quiet Żuraw	S4	wool	2500	2026-04-05 12:29:00+00	t	déchargement de nuit	1
141	Morning Marlin	W3	grain	6900	2026-04-05 21:22:00+00	t	déchargement de nuit	1
142	Île Anchor	N3	wool	700	2026-04-05 22:07:00+00	f	\N	1
143	Salt Tern	N2	salt	\N	2026-04-06 00:24:00+00	t	<b>fragile</b> & heavy	1
144	Morning Sjøfugl	S1	slate	3900	2026-04-06 12:02:00+00	t	\N	1
145	Amber Kittiwake	S1	herring	2100	2026-04-06 21:59:00+00	t	\N	1
146	Ľúčna Żuraw	W1	timber	1800	2026-04-07 03:41:00+00	t	'; drop table arrivals; --	1
147	Northern Żuraw	E1	wool	8700	2026-04-07 12:05:00+00	t	pilot on board	1
148	Île Cormorant	N4	empty	\N	2026-04-07 13:35:00+00	t	مرساة خارج الميناء	1
149	Old Möwe	S3	machine parts	8400	2026-04-07 22:12:00+00	f	waits for customs; papers "in order"	1
150	Winter Gull	S3	herring	8500	2026-04-08 04:12:00+00	t	\N	1
151	Old Lantern	E2	herring	2200	2026-04-08 12:32:00+00	t	\N	1
152	Señora Cormorant	E3	slate	1000	2026-04-08 14:44:00+00	t	waits for customs; papers "in order"	1
153	Blå Marlin	S2	salt	1700	2026-04-09 01:59:00+00	t	<b>fragile</b> & heavy	1
154	Brave Petrel	E2	wool	1700	2026-04-09 07:52:00+00	t	déchargement de nuit	1
155	Northern Tern	N4	herring	5800	2026-04-09 14:27:00+00	t	\N	1
156	Salt Cormorant	W2	empty	\N	2026-04-10 01:04:00+00	t	\N	1
157	Blå Sjøfugl	S2	slate	3000	2026-04-10 10:26:00+00	t	damaged fender, berth side	1
158	Øst Heron	S2	salt	7900	2026-04-10 13:34:00+00	\N	déchargement de nuit	1
159	Grey Lantern	N4	wool	7700	2026-04-10 23:54:00+00	t	crew change	1
160	Quiet Sundew	W2	wool	500	2026-04-11 02:21:00+00	t	damaged fender, berth side	1
161	Northern Estrella	N1	wool	4300	2026-04-11 10:57:00+00	t	مرساة خارج الميناء	1
162	Früher Tern	S3	salt	5700	2026-04-11 20:39:00+00	t	'; drop table arrivals; --	1
163	Quiet Marlin	W2	salt	9200	2026-04-12 03:30:00+00	t	late tide	1
164	Little Marlin	S2	slate	8800	2026-04-12 07:00:00+00	f	\N	1
165	Ľúčna Lantern	N2	grain	5400	2026-04-12 07:52:00+00	t	\N	1
166	Blå Marlin	N4	salt	5800	2026-04-12 11:07:00+00	f	two calls, one manifest	1
167	Northern Cormorant	E4	empty	\N	2026-04-12 12:56:00+00	f	مرساة خارج الميناء	1
168	Little Estrella	N2	machine parts	2000	2026-04-12 21:11:00+00	t	crew change	1
169	Northern Gull	W1	machine parts	1500	2026-04-13 01:27:00+00	f	pilot on board	1
170	Früher Cormorant	N3	herring	7900	2026-04-13 12:43:00+00	t	two calls, one manifest	1
171	Old Marlin	W4	salt	5000	2026-04-13 19:33:00+00	t	'; drop table arrivals; --	1
172	Señora Sjøfugl	E4	empty	\N	2026-04-14 03:41:00+00	t	waits for customs; papers "in order"	1
173	Salt Otter	W3	empty	\N	2026-04-14 13:58:00+00	t	crew change	1
174	Ľúčna Żuraw	N4	machine parts	5000	2026-04-14 21:27:00+00	t	pilot on board	1
175	Crimson Otter	S1	salt	3500	2026-04-15 08:13:00+00	t	مرساة خارج الميناء	1
176	Île Petrel	W2	slate	4600	2026-04-15 10:21:00+00	t	damaged fender, berth side	1
177	Grey Sundew	E4	salt	6800	2026-04-15 15:41:00+00	t	مرساة خارج الميناء	1
178	Grey Brise	S3	grain	1300	2026-04-15 18:25:00+00	t	'; drop table arrivals; --	1
179	Ľúčna Tern	N2	wool	2800	2026-04-15 22:29:00+00	t	\N	1
180	Ľúčna Tern	W4	empty	\N	2026-04-16 03:16:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
181	Grey Anchor	W2	machine parts	600	2026-04-16 12:30:00+00	t	\N	1
182	Winter Brise	N3	machine parts	6700	2026-04-16 19:29:00+00	t	\N	1
183	Old Kittiwake	S1	wool	3300	2026-04-17 04:07:00+00	t	late tide	1
184	Früher Lantern	E2	wool	3500	2026-04-17 12:13:00+00	t	waits for customs; papers "in order"	1
185	Winter Otter	W3	machine parts	2600	2026-04-17 15:14:00+00	t	waits for customs; papers "in order"	1
186	Blå Brise	E4	empty	\N	2026-04-17 22:34:00+00	t	late tide	1
187	Amber Petrel	E4	slate	6600	2026-04-18 09:41:00+00	f	pilot on board	1
188	Señora Anchor	N4	timber	4900	2026-04-18 21:29:00+00	t	\N	1
189	Île Heron	S3	grain	9200	2026-04-19 08:48:00+00	f	pilot on board	1
190	Northern Petrel	W3	salt	8600	2026-04-19 14:14:00+00	t	two calls, one manifest	1
191	Quiet Cormorant	W4	timber	1300	2026-04-19 15:46:00+00	f	two calls, one manifest	1
192	Northern Sjøfugl	E4	timber	7300	2026-04-19 19:48:00+00	t	<b>fragile</b> & heavy	1
193	Señora Żuraw	W4	slate	8100	2026-04-20 01:04:00+00	t	\N	1
194	Old Marlin	S1	timber	8800	2026-04-20 08:44:00+00	t	'; drop table arrivals; --	1
195	Île Lantern	S1	wool	1600	2026-04-20 09:37:00+00	t	<b>fragile</b> & heavy	1
196	Silver Cormorant	N1	machine parts	8100	2026-04-20 11:24:00+00	t	damaged fender, berth side	1
197	Früher Sundew	S3	wool	7700	2026-04-20 17:31:00+00	f	\N	1
198	Little Marlin	W2	slate	1700	2026-04-20 19:00:00+00	f	\N	1
199	Señora Möwe	E4	herring	8400	2026-04-21 06:04:00+00	f	<b>fragile</b> & heavy	1
200	Île Gull	N4	machine parts	1000	2026-04-21 10:38:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
201	Morning Anchor	N3	machine parts	6900	2026-04-21 11:59:00+00	f	\N	1
202	Crimson Estrella	W2	slate	\N	2026-04-21 13:32:00+00	t	\N	1
203	Øst Tern	W3	grain	6500	2026-04-21 16:54:00+00	f	'; drop table arrivals; --	1
204	Little Gull	W2	timber	5800	2026-04-21 18:52:00+00	f	\N	1
205	Northern Żuraw	E2	timber	7900	2026-04-21 19:08:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
206	Amber Tern	W1	machine parts	1800	2026-04-22 04:37:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
207	Brave Möwe	S4	herring	4400	2026-04-22 14:52:00+00	t	\N	1
208	Île Möwe	W2	salt	4000	2026-04-22 19:45:00+00	t	\N	1
209	Früher Möwe	S2	slate	8900	2026-04-23 00:28:00+00	t	'; drop table arrivals; --	1
210	Old Anchor	S4	empty	\N	2026-04-23 08:55:00+00	t	<b>fragile</b> & heavy	1
211	Île Tern	S1	empty	\N	2026-04-23 19:57:00+00	f	pilot on board	1
212	Früher Marlin	W2	wool	8500	2026-04-23 21:42:00+00	t	\N	1
213	Señora Żuraw	W2	empty	\N	2026-04-23 21:58:00+00	t	\N	1
214	Northern Cormorant	W4	wool	600	2026-04-23 23:01:00+00	t	crew change	1
215	Señora Lantern	E3	wool	9100	2026-04-24 06:26:00+00	t	late tide	1
216	Salt Otter	N1	salt	5200	2026-04-24 12:30:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
217	Silver Anchor	E1	wool	6300	2026-04-24 16:40:00+00	t	'; drop table arrivals; --	1
218	Morning Anchor	N2	grain	2900	2026-04-25 01:42:00+00	t	late tide	1
219	Old Heron	S2	wool	3400	2026-04-25 08:04:00+00	f	\N	1
220	Little Otter	S3	wool	5700	2026-04-25 16:33:00+00	t	déchargement de nuit	1
221	Grey Petrel	W2	wool	5400	2026-04-25 17:12:00+00	t	damaged fender, berth side	1
222	Morning Sjøfugl	S3	herring	5700	2026-04-25 23:11:00+00	t	\N	1
223	Blå Möwe	S4	empty	\N	2026-04-26 07:20:00+00	t	damaged fender, berth side	1
224	Brave Żuraw	S3	herring	7800	2026-04-26 19:07:00+00	f	مرساة خارج الميناء	1
225	Blå Otter	S4	salt	8600	2026-04-26 23:05:00+00	f	late tide	1
226	Grey Heron	N1	wool	4800	2026-04-27 04:38:00+00	t	late tide	1
227	Grey Otter	N1	timber	8300	2026-04-27 05:28:00+00	f	\N	1
228	Blå Heron	E4	machine parts	3900	2026-04-27 07:18:00+00	t	crew change	1
229	Amber Lantern	W2	grain	8800	2026-04-27 07:58:00+00	t	\N	1
230	Blå Estrella	W4	empty	\N	2026-04-27 09:18:00+00	t	\N	1
231	Brave Brise	E3	timber	2700	2026-04-27 20:30:00+00	t	\N	1
232	Ľúčna Żuraw	W1	wool	1100	2026-04-28 04:30:00+00	f	damaged fender, berth side	1
233	Northern Möwe	S3	grain	8100	2026-04-28 07:02:00+00	f	pilot on board	1
234	Früher Tern	W2	salt	6200	2026-04-28 11:36:00+00	t	pilot on board	1
235	Øst Gull	N3	slate	2400	2026-04-28 21:27:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
236	Northern Gull	W3	herring	5800	2026-04-29 05:29:00+00	f	\N	1
237	Ľúčna Möwe	E2	wool	9200	2026-04-29 08:37:00+00	t	مرساة خارج الميناء	1
238	Früher Estrella	E1	salt	8700	2026-04-29 16:09:00+00	f	pilot on board	1
239	Ľúčna Kittiwake	S1	timber	\N	2026-04-30 00:26:00+00	t	\N	1
240	Crimson Sundew	W4	slate	1400	2026-04-30 03:06:00+00	t	two calls, one manifest	1
241	Quiet Heron	N4	empty	\N	2026-04-30 03:56:00+00	t	waits for customs; papers "in order"	1
242	Salt Heron	E3	slate	\N	2026-04-30 12:54:00+00	t	\N	1
243	Señora Brise	S3	salt	3200	2026-04-30 23:15:00+00	t	late tide	1
244	Amber Żuraw	S3	machine parts	9000	2026-05-01 07:59:00+00	t	مرساة خارج الميناء	1
245	Quiet Heron	N2	wool	800	2026-05-01 13:34:00+00	t	crew change	1
246	Grey Żuraw	S3	wool	4400	2026-05-01 22:34:00+00	t	damaged fender, berth side	1
247	Quiet Cormorant	S3	salt	300	2026-05-02 00:20:00+00	t	crew change	1
248	Salt Sundew	W3	slate	8300	2026-05-02 10:30:00+00	\N	\N	1
249	Silver Estrella	S1	empty	\N	2026-05-02 20:55:00+00	t	\N	1
250	Little Żuraw	S2	empty	\N	2026-05-02 22:57:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
251	Old Sundew	E1	slate	4400	2026-05-03 06:01:00+00	t	crew change	1
252	Amber Tern	S2	herring	6500	2026-05-03 08:07:00+00	f	'; drop table arrivals; --	1
253	Old Sundew	S4	empty	\N	2026-05-03 14:28:00+00	t	\N	1
254	Crimson Kittiwake	N2	salt	2600	2026-05-03 18:29:00+00	f	مرساة خارج الميناء	1
255	Old Sundew	N2	salt	\N	2026-05-04 00:48:00+00	f	déchargement de nuit	1
256	Little Żuraw	E3	herring	4200	2026-05-04 09:01:00+00	t	pilot on board	1
257	Morning Sjøfugl	S2	grain	5300	2026-05-04 18:49:00+00	t	crew change	1
258	Little Möwe	S2	wool	3100	2026-05-04 19:06:00+00	t	مرساة خارج الميناء	1
259	Señora Otter	N3	empty	\N	2026-05-04 22:56:00+00	t	pilot on board	1
260	Amber Lantern	S3	wool	4300	2026-05-05 09:17:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
261	Ľúčna Petrel	N1	herring	4700	2026-05-05 14:06:00+00	t	two calls, one manifest	1
262	Winter Estrella	E2	timber	2800	2026-05-05 18:15:00+00	t	'; drop table arrivals; --	1
263	Señora Marlin	N3	wool	2400	2026-05-06 02:56:00+00	f	\N	1
264	Øst Cormorant	W2	timber	5100	2026-05-06 05:30:00+00	t	two calls, one manifest	1
265	Quiet Tern	S4	timber	5000	2026-05-06 12:25:00+00	t	\N	1
266	Île Marlin	W1	grain	\N	2026-05-06 22:48:00+00	t	damaged fender, berth side	1
267	Øst Gull	E2	wool	3400	2026-05-07 00:07:00+00	t	late tide	1
268	Silver Marlin	N2	timber	4500	2026-05-07 03:05:00+00	t	crew change	1
269	Little Marlin	N3	grain	4000	2026-05-07 05:32:00+00	f	déchargement de nuit	1
270	Morning Kittiwake	W4	slate	6700	2026-05-07 13:25:00+00	f	<b>fragile</b> & heavy	1
271	Old Marlin	W1	wool	2500	2026-05-07 16:53:00+00	t	\N	1
272	Winter Sundew	E4	empty	\N	2026-05-08 02:19:00+00	t	crew change	1
273	Brave Brise	S3	timber	4400	2026-05-08 12:46:00+00	t	\N	1
274	Blå Gull	W4	empty	\N	2026-05-08 20:35:00+00	t	late tide	1
275	Blå Brise	N3	empty	\N	2026-05-09 02:54:00+00	t	déchargement de nuit	1
276	Old Marlin	N4	wool	4400	2026-05-09 10:10:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
277	Grey Gull	E4	empty	\N	2026-05-09 20:54:00+00	t	<b>fragile</b> & heavy	1
278	Grey Möwe	S4	timber	600	2026-05-10 03:04:00+00	t	damaged fender, berth side	1
279	Northern Gull	W3	wool	7700	2026-05-10 11:38:00+00	t	'; drop table arrivals; --	1
280	Blå Heron	W1	wool	1800	2026-05-10 12:14:00+00	t	'; drop table arrivals; --	1
281	Ľúčna Marlin	S2	grain	8900	2026-05-10 21:02:00+00	t	crew change	1
282	Øst Otter	E2	empty	\N	2026-05-11 02:37:00+00	t	مرساة خارج الميناء	1
283	Northern Gull	S2	salt	6300	2026-05-11 03:17:00+00	f	two calls, one manifest	1
284	Blå Möwe	N3	salt	3700	2026-05-11 10:03:00+00	t	\N	1
285	Winter Lantern	W4	timber	6900	2026-05-11 20:40:00+00	t	pilot on board	1
286	Northern Cormorant	N2	herring	6200	2026-05-12 04:10:00+00	t	\N	1
287	Silver Lantern	W1	wool	1000	2026-05-12 10:31:00+00	f	مرساة خارج الميناء	1
288	Señora Gull	E3	herring	7800	2026-05-12 19:45:00+00	t	\N	1
289	Crimson Otter	S3	grain	2900	2026-05-13 07:00:00+00	t	two calls, one manifest	1
290	Quiet Cormorant	S4	grain	1900	2026-05-13 08:38:00+00	f	\N	1
291	Früher Petrel	W1	herring	5500	2026-05-13 14:20:00+00	f	damaged fender, berth side	1
292	Northern Anchor	E2	grain	6500	2026-05-13 15:58:00+00	t	two calls, one manifest	1
293	Little Żuraw	N3	wool	5800	2026-05-13 17:11:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
294	Morning Żuraw	E2	timber	4800	2026-05-14 01:50:00+00	t	crew change	1
295	Señora Estrella	S3	grain	7000	2026-05-14 05:54:00+00	\N	\N	1
296	Früher Marlin	W2	slate	6000	2026-05-14 08:43:00+00	t	waits for customs; papers "in order"	1
297	Ľúčna Brise	E1	wool	8900	2026-05-14 12:36:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
298	Little Sjøfugl	S2	grain	7400	2026-05-14 19:46:00+00	f	\N	1
299	Silver Sjøfugl	W3	wool	8000	2026-05-15 07:08:00+00	\N	déchargement de nuit	1
300	Old Marlin	N2	timber	\N	2026-05-15 12:24:00+00	t	\N	1
301	Winter Tern	W4	empty	\N	2026-05-15 16:46:00+00	t	waits for customs; papers "in order"	1
302	Quiet Brise	W3	timber	2300	2026-05-16 04:18:00+00	t	<b>fragile</b> & heavy	1
303	Crimson Estrella	E4	salt	2000	2026-05-16 05:42:00+00	\N	waits for customs; papers "in order"	1
304	Grey Estrella	W1	grain	4000	2026-05-16 10:01:00+00	f	'; drop table arrivals; --	1
305	Ľúčna Marlin	N4	timber	600	2026-05-16 21:24:00+00	t	\N	1
306	Crimson Marlin	W2	salt	6100	2026-05-17 07:46:00+00	t	late tide	1
307	Señora Marlin	S1	wool	1900	2026-05-17 12:52:00+00	t	crew change	1
308	Old Marlin	E2	wool	8700	2026-05-17 17:39:00+00	t	two calls, one manifest	1
309	Señora Gull	N1	salt	7600	2026-05-17 22:52:00+00	t	two calls, one manifest	1
310	Little Otter	S4	grain	\N	2026-05-17 23:24:00+00	t	waits for customs; papers "in order"	1
311	Blå Petrel	S3	empty	\N	2026-05-18 10:28:00+00	f	late tide	1
312	Ľúčna Marlin	N4	slate	3200	2026-05-18 14:58:00+00	t	waits for customs; papers "in order"	1
313	Quiet Möwe	S2	salt	1300	2026-05-18 22:14:00+00	t	مرساة خارج الميناء	1
314	Früher Sundew	S2	herring	2200	2026-05-19 06:44:00+00	t	déchargement de nuit	1
315	Salt Kittiwake	S3	timber	600	2026-05-19 14:24:00+00	t	pilot on board	1
316	Silver Żuraw	E2	machine parts	8300	2026-05-19 23:27:00+00	t	\N	1
317	Little Brise	N4	grain	5100	2026-05-20 03:21:00+00	t	two calls, one manifest	1
318	Morning Tern	W1	empty	\N	2026-05-20 03:39:00+00	t	two calls, one manifest	1
319	Silver Sjøfugl	W1	grain	4200	2026-05-20 07:29:00+00	t	déchargement de nuit	1
320	Morning Otter	W4	timber	2100	2026-05-20 18:37:00+00	f	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
321	Crimson Marlin	W2	salt	8700	2026-05-21 03:28:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
322	Northern Brise	E1	timber	300	2026-05-21 12:11:00+00	t	late tide	1
323	Øst Żuraw	S1	wool	1000	2026-05-21 20:27:00+00	t	\N	1
324	Silver Heron	W2	wool	3200	2026-05-22 00:13:00+00	t	déchargement de nuit	1
325	Morning Estrella	S4	empty	\N	2026-05-22 09:25:00+00	t	<b>fragile</b> & heavy	1
326	Quiet Otter	N2	grain	8700	2026-05-22 14:45:00+00	t	crew change	1
327	Northern Gull	E2	slate	800	2026-05-22 18:50:00+00	t	مرساة خارج الميناء	1
328	Crimson Möwe	E3	herring	3500	2026-05-23 03:37:00+00	f	crew change	1
329	Grey Heron	S2	salt	7200	2026-05-23 04:07:00+00	t	<b>fragile</b> & heavy	1
330	Grey Gull	W2	slate	5400	2026-05-23 15:01:00+00	t	déchargement de nuit	1
331	Salt Lantern	N4	wool	3300	2026-05-23 15:21:00+00	t	crew change	1
332	Blå Tern	S4	grain	3200	2026-05-23 21:41:00+00	t	<b>fragile</b> & heavy	1
333	Quiet Sjøfugl	E1	timber	3600	2026-05-24 01:15:00+00	f	\N	1
334	Quiet Marlin	N3	herring	7800	2026-05-24 07:49:00+00	f	\N	1
335	Morning Sjøfugl	W3	herring	3700	2026-05-24 12:34:00+00	t	late tide	1
336	Señora Kittiwake	S2	timber	4500	2026-05-24 18:12:00+00	t	'; drop table arrivals; --	1
337	Silver Otter	N3	timber	5800	2026-05-25 03:39:00+00	t	crew change	1
338	Little Heron	N3	herring	3500	2026-05-25 15:10:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
339	Grey Sjøfugl	S1	timber	8300	2026-05-25 15:30:00+00	t	two calls, one manifest	1
340	Brave Estrella	W1	herring	1400	2026-05-25 16:23:00+00	f	\N	1
341	Øst Żuraw	E2	grain	9200	2026-05-25 20:35:00+00	t	\N	1
342	Blå Anchor	E4	slate	6700	2026-05-25 20:56:00+00	f	\N	1
343	Brave Sjøfugl	N4	wool	900	2026-05-26 06:19:00+00	t	damaged fender, berth side	1
344	Früher Marlin	N1	machine parts	5400	2026-05-26 10:00:00+00	t	déchargement de nuit	1
345	Brave Otter	S3	empty	\N	2026-05-26 12:44:00+00	t	\N	1
346	Señora Lantern	S1	grain	1400	2026-05-26 19:19:00+00	f	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
347	Grey Möwe	N3	grain	3800	2026-05-26 22:34:00+00	t	déchargement de nuit	1
\.


--
-- Data for Name: records_12; Type: TABLE DATA; Schema: pageladder; Owner: -
--

COPY pageladder.records_12 (id, vessel, berth, cargo, tonnage, arrived_at, cleared, note, "pl.revision") FROM stdin;
1	Quiet Heron	S2	empty	\N	2026-03-01 05:50:00+00	t	crew change	1
2	Øst Lantern	W1	salt	5300	2026-03-01 14:01:00+00	t	crew change	1
3	Blå Kittiwake	N2	machine parts	7700	2026-03-02 00:15:00+00	t	\N	1
4	Brave Sundew	E3	salt	4800	2026-03-02 05:14:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
5	Morning Cormorant	E1	machine parts	8400	2026-03-02 11:05:00+00	f	\N	1
6	Brave Kittiwake	N4	timber	1900	2026-03-02 22:20:00+00	t	\N	1
7	Früher Gull	S4	wool	7900	2026-03-03 05:12:00+00	f	'; drop table arrivals; --	1
8	Blå Brise	S3	timber	900	2026-03-03 14:30:00+00	t	two calls, one manifest	1
9	Quiet Cormorant	N4	slate	6600	2026-03-03 19:59:00+00	t	\N	1
10	Señora Petrel	W1	empty	\N	2026-03-04 03:32:00+00	f	waits for customs; papers "in order"	1
11	Grey Otter	W3	empty	\N	2026-03-04 06:43:00+00	t	déchargement de nuit	1
12	Little Lantern	N3	grain	8100	2026-03-04 16:55:00+00	f	\N	1
13	Blå Anchor	N2	machine parts	2600	2026-03-05 04:11:00+00	t	مرساة خارج الميناء	1
14	Quiet Sundew	E4	grain	\N	2026-03-05 08:58:00+00	t	'; drop table arrivals; --	1
15	Früher Heron	E2	slate	5900	2026-03-05 20:21:00+00	t	\N	1
16	Früher Tern	E1	slate	7800	2026-03-06 06:14:00+00	t	damaged fender, berth side	1
17	Quiet Lantern	N3	salt	2900	2026-03-06 14:17:00+00	t	crew change	1
18	Øst Heron	W4	slate	2200	2026-03-06 14:48:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
19	Øst Otter	N2	machine parts	\N	2026-03-06 22:33:00+00	f	'; drop table arrivals; --	1
20	Quiet Anchor	W1	timber	8500	2026-03-07 01:49:00+00	t	two calls, one manifest	1
21	Crimson Estrella	E3	wool	4600	2026-03-07 06:39:00+00	t	\N	1
22	Früher Marlin	N4	machine parts	6200	2026-03-07 15:57:00+00	t	pilot on board	1
23	Blå Estrella	E1	wool	500	2026-03-07 22:22:00+00	t	'; drop table arrivals; --	1
24	Señora Brise	W2	timber	6800	2026-03-08 10:05:00+00	f	two calls, one manifest	1
25	Silver Heron	W3	grain	2000	2026-03-08 12:49:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
26	Früher Otter	E4	timber	4700	2026-03-08 13:44:00+00	t	déchargement de nuit	1
27	Salt Anchor	N3	empty	\N	2026-03-08 23:04:00+00	f	late tide	1
28	Øst Żuraw	E3	herring	1500	2026-03-09 03:37:00+00	f	\N	1
29	Morning Estrella	E3	herring	4300	2026-03-09 10:59:00+00	t	\N	1
30	Blå Cormorant	S1	salt	1900	2026-03-09 18:10:00+00	f	déchargement de nuit	1
31	Quiet Estrella	N3	empty	\N	2026-03-10 05:32:00+00	t	late tide	1
32	Amber Cormorant	N2	salt	5800	2026-03-10 16:00:00+00	f	late tide	1
33	Øst Brise	W2	timber	8000	2026-03-11 03:13:00+00	t	مرساة خارج الميناء	1
34	Grey Möwe	S1	wool	3000	2026-03-11 07:23:00+00	t	damaged fender, berth side	1
35	Øst Sundew	S1	empty	\N	2026-03-11 08:19:00+00	t	déchargement de nuit	1
36	Señora Sjøfugl	N1	empty	\N	2026-03-11 15:14:00+00	t	two calls, one manifest	1
37	Brave Cormorant	W1	salt	6100	2026-03-11 15:36:00+00	f	'; drop table arrivals; --	1
38	Winter Anchor	E3	wool	6200	2026-03-11 19:40:00+00	t	\N	1
39	Salt Heron	W4	machine parts	3400	2026-03-12 01:04:00+00	\N	\N	1
40	Salt Anchor	N2	wool	7300	2026-03-12 08:52:00+00	t	<b>fragile</b> & heavy	1
41	Øst Petrel	E1	timber	5800	2026-03-12 11:30:00+00	t	\N	1
42	Ľúčna Brise	N4	empty	\N	2026-03-12 18:45:00+00	t	pilot on board	1
43	Ľúčna Cormorant	N3	machine parts	8200	2026-03-12 22:03:00+00	t	<b>fragile</b> & heavy	1
44	Silver Petrel	N2	empty	\N	2026-03-13 02:57:00+00	t	مرساة خارج الميناء	1
45	Ľúčna Marlin	S1	machine parts	2100	2026-03-13 10:40:00+00	t	waits for customs; papers "in order"	1
46	Salt Żuraw	S3	herring	2700	2026-03-13 21:04:00+00	t	'; drop table arrivals; --	1
47	Salt Otter	N3	empty	\N	2026-03-13 23:11:00+00	t	waits for customs; papers "in order"	1
48	Blå Tern	W1	herring	1500	2026-03-14 09:33:00+00	t	<b>fragile</b> & heavy	1
49	Quiet Cormorant	W1	herring	300	2026-03-14 10:59:00+00	t	waits for customs; papers "in order"	1
50	Little Anchor	E3	grain	4300	2026-03-14 19:27:00+00	f	\N	1
51	Blå Estrella	S4	grain	4300	2026-03-14 21:43:00+00	f	damaged fender, berth side	1
52	Øst Sjøfugl	N4	wool	\N	2026-03-15 07:09:00+00	f	waits for customs; papers "in order"	1
53	Little Estrella	E4	herring	6200	2026-03-15 09:57:00+00	f	مرساة خارج الميناء	1
54	Little Heron	W1	wool	1900	2026-03-15 11:05:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
55	Northern Sundew	S4	timber	6600	2026-03-15 13:32:00+00	t	pilot on board	1
56	Winter Żuraw	E4	timber	8500	2026-03-15 21:07:00+00	t	مرساة خارج الميناء	1
57	Silver Sjøfugl	N2	herring	1500	2026-03-15 21:48:00+00	t	\N	1
58	Morning Cormorant	S2	herring	3000	2026-03-16 02:57:00+00	t	damaged fender, berth side	1
59	Ľúčna Anchor	N1	wool	7100	2026-03-16 11:55:00+00	t	<b>fragile</b> & heavy	1
60	Crimson Estrella	N2	salt	3200	2026-03-16 14:50:00+00	t	waits for customs; papers "in order"	1
61	Winter Heron	W2	slate	\N	2026-03-17 00:22:00+00	f	<b>fragile</b> & heavy	1
62	Brave Kittiwake	N2	slate	5700	2026-03-17 01:07:00+00	f	damaged fender, berth side	1
63	Winter Gull	E1	herring	1800	2026-03-17 06:47:00+00	t	'; drop table arrivals; --	1
64	Señora Kittiwake	W3	grain	5600	2026-03-17 13:40:00+00	t	\N	1
65	Blå Möwe	W3	wool	500	2026-03-17 15:10:00+00	t	waits for customs; papers "in order"	1
66	Grey Petrel	N3	grain	7200	2026-03-18 00:08:00+00	t	déchargement de nuit	1
67	Grey Kittiwake	W3	timber	2700	2026-03-18 09:52:00+00	t	damaged fender, berth side	1
68	Morning Tern	S2	wool	7100	2026-03-18 19:31:00+00	t	مرساة خارج الميناء	1
69	Øst Żuraw	S4	grain	6200	2026-03-19 05:45:00+00	t	déchargement de nuit	1
70	Früher Anchor	E1	slate	6700	2026-03-19 06:16:00+00	\N	déchargement de nuit	1
71	Øst Otter	N4	wool	5600	2026-03-19 06:50:00+00	t	déchargement de nuit	1
72	Señora Estrella	W2	grain	4600	2026-03-19 10:02:00+00	t	waits for customs; papers "in order"	1
73	Blå Sjøfugl	E4	timber	3700	2026-03-19 16:54:00+00	t	waits for customs; papers "in order"	1
74	Silver Petrel	E2	grain	3700	2026-03-19 20:00:00+00	f	pilot on board	1
75	Señora Marlin	W4	salt	\N	2026-03-19 22:14:00+00	f	damaged fender, berth side	1
76	Northern Möwe	N4	salt	600	2026-03-20 05:09:00+00	f	\N	1
77	Winter Heron	W2	timber	2700	2026-03-20 10:01:00+00	t	two calls, one manifest	1
78	Little Möwe	E4	timber	5400	2026-03-20 10:48:00+00	t	pilot on board	1
79	Winter Petrel	W4	grain	3900	2026-03-20 14:14:00+00	f	pilot on board	1
80	Øst Möwe	E1	slate	7600	2026-03-20 23:28:00+00	f	late tide	1
81	Ľúčna Tern	E2	salt	6900	2026-03-21 06:58:00+00	t	مرساة خارج الميناء	1
82	Øst Żuraw	W4	machine parts	6400	2026-03-21 11:01:00+00	t	مرساة خارج الميناء	1
83	Morning Kittiwake	W3	wool	500	2026-03-21 18:40:00+00	t	\N	1
84	Señora Tern	E2	timber	4700	2026-03-22 02:32:00+00	\N	\N	1
85	Silver Heron	E3	grain	8400	2026-03-22 07:33:00+00	t	مرساة خارج الميناء	1
86	Brave Gull	N2	wool	7600	2026-03-22 15:22:00+00	t	pilot on board	1
87	Quiet Cormorant	S3	herring	6800	2026-03-22 18:23:00+00	t	two calls, one manifest	1
88	Crimson Lantern	E3	grain	5600	2026-03-23 04:08:00+00	f	\N	1
89	Blå Sundew	E2	empty	\N	2026-03-23 06:51:00+00	t	\N	1
90	Little Sjøfugl	E4	grain	8700	2026-03-23 09:25:00+00	f	crew change	1
91	Ľúčna Sundew	S2	slate	2300	2026-03-23 19:42:00+00	t	\N	1
92	Old Petrel	N2	grain	3800	2026-03-24 07:05:00+00	\N	\N	1
93	Grey Kittiwake	N3	grain	2200	2026-03-24 11:28:00+00	t	déchargement de nuit	1
94	Île Lantern	S1	machine parts	1300	2026-03-24 17:27:00+00	f	'; drop table arrivals; --	1
95	Früher Estrella	W1	empty	\N	2026-03-24 22:10:00+00	t	déchargement de nuit	1
96	Crimson Sjøfugl	N1	grain	6500	2026-03-25 03:37:00+00	t	'; drop table arrivals; --	1
97	Old Tern	N2	herring	2300	2026-03-25 09:28:00+00	t	\N	1
98	Silver Anchor	N3	empty	\N	2026-03-25 09:56:00+00	t	late tide	1
99	Northern Otter	E1	slate	7100	2026-03-25 12:40:00+00	t	\N	1
100	Northern Lantern	E2	timber	6100	2026-03-25 19:23:00+00	t	\N	1
101	Crimson Gull	E4	slate	8100	2026-03-26 06:47:00+00	t	\N	1
102	Silver Sjøfugl	W1	herring	6800	2026-03-26 08:54:00+00	t	\N	1
103	Morning Cormorant	N3	empty	\N	2026-03-26 19:07:00+00	t	déchargement de nuit	1
104	Old Brise	S4	machine parts	1000	2026-03-26 20:36:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
105	Grey Brise	S2	wool	8800	2026-03-27 06:11:00+00	f	'; drop table arrivals; --	1
106	Brave Estrella	W2	herring	5700	2026-03-27 15:00:00+00	t	damaged fender, berth side	1
107	Amber Cormorant	N1	machine parts	4700	2026-03-28 01:21:00+00	t	pilot on board	1
108	Øst Marlin	N1	grain	5400	2026-03-28 05:21:00+00	t	déchargement de nuit	1
109	Brave Otter	E3	herring	7600	2026-03-28 13:27:00+00	f	\N	1
110	Silver Otter	E4	slate	3700	2026-03-28 14:17:00+00	t	damaged fender, berth side	1
111	Salt Kittiwake	W3	timber	7100	2026-03-28 22:44:00+00	f	crew change	1
112	Silver Heron	E1	wool	\N	2026-03-29 04:02:00+00	t	waits for customs; papers "in order"	1
113	Little Gull	E1	salt	900	2026-03-29 11:14:00+00	t	مرساة خارج الميناء	1
114	Winter Brise	S1	empty	\N	2026-03-29 17:04:00+00	t	waits for customs; papers "in order"	1
115	Winter Estrella	S4	grain	4100	2026-03-30 02:41:00+00	t	\N	1
116	Winter Gull	S3	machine parts	4800	2026-03-30 08:03:00+00	f	\N	1
117	Salt Lantern	W1	wool	\N	2026-03-30 15:50:00+00	t	late tide	1
118	Grey Möwe	E2	herring	\N	2026-03-31 02:42:00+00	t	late tide	1
119	Winter Kittiwake	N3	grain	8800	2026-03-31 14:17:00+00	t	crew change	1
120	Blå Möwe	S4	grain	8600	2026-03-31 23:52:00+00	t	\N	1
121	Grey Estrella	E1	herring	\N	2026-04-01 04:32:00+00	f	waits for customs; papers "in order"	1
122	Salt Marlin	N4	wool	3000	2026-04-01 11:45:00+00	t	'; drop table arrivals; --	1
123	Brave Tern	S2	herring	4400	2026-04-01 16:46:00+00	t	waits for customs; papers "in order"	1
124	Grey Lantern	S1	salt	3000	2026-04-01 23:06:00+00	t	'; drop table arrivals; --	1
125	Little Sjøfugl	N4	wool	7900	2026-04-02 02:17:00+00	t	<b>fragile</b> & heavy	1
126	Winter Estrella	N3	slate	\N	2026-04-02 08:02:00+00	f	\N	1
127	Brave Tern	N1	machine parts	2800	2026-04-02 13:39:00+00	t	waits for customs; papers "in order"	1
128	Île Sjøfugl	E3	salt	7500	2026-04-02 19:00:00+00	t	\N	1
129	Grey Sjøfugl	N4	wool	6700	2026-04-02 20:28:00+00	t	\N	1
130	Blå Cormorant	S1	machine parts	5900	2026-04-03 05:06:00+00	f	waits for customs; papers "in order"	1
131	Ľúčna Kittiwake	E2	slate	2400	2026-04-03 11:49:00+00	t	pilot on board	1
132	Salt Heron	W2	timber	2600	2026-04-03 12:26:00+00	t	late tide	1
133	Morning Möwe	W3	wool	\N	2026-04-03 15:07:00+00	t	\N	1
134	Old Brise	N4	wool	7800	2026-04-03 22:02:00+00	t	مرساة خارج الميناء	1
135	Crimson Sjøfugl	W3	grain	800	2026-04-04 06:28:00+00	t	déchargement de nuit	1
136	Amber Anchor	E2	herring	5100	2026-04-04 09:19:00+00	\N	\N	1
137	Ľúčna Sjøfugl	E4	salt	\N	2026-04-04 15:33:00+00	t	<b>fragile</b> & heavy	1
138	Øst Marlin	W4	timber	9200	2026-04-05 02:41:00+00	t	two calls, one manifest	1
139	Früher Żuraw	S4	slate	4900	2026-04-05 10:13:00+00	\N	\N	1
140	Quiet Żuraw	S4	wool	2500	2026-04-05 12:29:00+00	t	déchargement de nuit	1
141	Morning Marlin	W3	grain	6900	2026-04-05 21:22:00+00	t	déchargement de nuit	1
142	Île Anchor	N3	wool	700	2026-04-05 22:07:00+00	f	\N	1
143	Salt Tern	N2	salt	\N	2026-04-06 00:24:00+00	t	<b>fragile</b> & heavy	1
144	Morning Sjøfugl	S1	slate	3900	2026-04-06 12:02:00+00	t	\N	1
145	Amber Kittiwake	S1	herring	2100	2026-04-06 21:59:00+00	t	\N	1
146	Ľúčna Żuraw	W1	timber	1800	2026-04-07 03:41:00+00	t	'; drop table arrivals; --	1
147	Northern Żuraw	E1	wool	8700	2026-04-07 12:05:00+00	t	pilot on board	1
148	Île Cormorant	N4	empty	\N	2026-04-07 13:35:00+00	t	مرساة خارج الميناء	1
149	Old Möwe	S3	machine parts	8400	2026-04-07 22:12:00+00	f	waits for customs; papers "in order"	1
150	Winter Gull	S3	herring	8500	2026-04-08 04:12:00+00	t	\N	1
151	Old Lantern	E2	herring	2200	2026-04-08 12:32:00+00	t	\N	1
152	Señora Cormorant	E3	slate	1000	2026-04-08 14:44:00+00	t	waits for customs; papers "in order"	1
153	Blå Marlin	S2	salt	1700	2026-04-09 01:59:00+00	t	<b>fragile</b> & heavy	1
154	Brave Petrel	E2	wool	1700	2026-04-09 07:52:00+00	t	déchargement de nuit	1
155	Northern Tern	N4	herring	5800	2026-04-09 14:27:00+00	t	\N	1
156	Salt Cormorant	W2	empty	\N	2026-04-10 01:04:00+00	t	\N	1
157	Blå Sjøfugl	S2	slate	3000	2026-04-10 10:26:00+00	t	damaged fender, berth side	1
158	Øst Heron	S2	salt	7900	2026-04-10 13:34:00+00	\N	déchargement de nuit	1
159	Grey Lantern	N4	wool	7700	2026-04-10 23:54:00+00	t	crew change	1
160	Quiet Sundew	W2	wool	500	2026-04-11 02:21:00+00	t	damaged fender, berth side	1
161	Northern Estrella	N1	wool	4300	2026-04-11 10:57:00+00	t	مرساة خارج الميناء	1
162	Früher Tern	S3	salt	5700	2026-04-11 20:39:00+00	t	'; drop table arrivals; --	1
163	Quiet Marlin	W2	salt	9200	2026-04-12 03:30:00+00	t	late tide	1
164	Little Marlin	S2	slate	8800	2026-04-12 07:00:00+00	f	\N	1
165	Ľúčna Lantern	N2	grain	5400	2026-04-12 07:52:00+00	t	\N	1
166	Blå Marlin	N4	salt	5800	2026-04-12 11:07:00+00	f	two calls, one manifest	1
167	Northern Cormorant	E4	empty	\N	2026-04-12 12:56:00+00	f	مرساة خارج الميناء	1
168	Little Estrella	N2	machine parts	2000	2026-04-12 21:11:00+00	t	crew change	1
169	Northern Gull	W1	machine parts	1500	2026-04-13 01:27:00+00	f	pilot on board	1
170	Früher Cormorant	N3	herring	7900	2026-04-13 12:43:00+00	t	two calls, one manifest	1
171	Old Marlin	W4	salt	5000	2026-04-13 19:33:00+00	t	'; drop table arrivals; --	1
172	Señora Sjøfugl	E4	empty	\N	2026-04-14 03:41:00+00	t	waits for customs; papers "in order"	1
173	Salt Otter	W3	empty	\N	2026-04-14 13:58:00+00	t	crew change	1
174	Ľúčna Żuraw	N4	machine parts	5000	2026-04-14 21:27:00+00	t	pilot on board	1
175	Crimson Otter	S1	salt	3500	2026-04-15 08:13:00+00	t	مرساة خارج الميناء	1
176	Île Petrel	W2	slate	4600	2026-04-15 10:21:00+00	t	damaged fender, berth side	1
177	Grey Sundew	E4	salt	6800	2026-04-15 15:41:00+00	t	مرساة خارج الميناء	1
178	Grey Brise	S3	grain	1300	2026-04-15 18:25:00+00	t	'; drop table arrivals; --	1
179	Ľúčna Tern	N2	wool	2800	2026-04-15 22:29:00+00	t	\N	1
180	Ľúčna Tern	W4	empty	\N	2026-04-16 03:16:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
181	Grey Anchor	W2	machine parts	600	2026-04-16 12:30:00+00	t	\N	1
182	Winter Brise	N3	machine parts	6700	2026-04-16 19:29:00+00	t	\N	1
183	Old Kittiwake	S1	wool	3300	2026-04-17 04:07:00+00	t	late tide	1
184	Früher Lantern	E2	wool	3500	2026-04-17 12:13:00+00	t	waits for customs; papers "in order"	1
185	Winter Otter	W3	machine parts	2600	2026-04-17 15:14:00+00	t	waits for customs; papers "in order"	1
186	Blå Brise	E4	empty	\N	2026-04-17 22:34:00+00	t	late tide	1
187	Amber Petrel	E4	slate	6600	2026-04-18 09:41:00+00	f	pilot on board	1
188	Señora Anchor	N4	timber	4900	2026-04-18 21:29:00+00	t	\N	1
189	Île Heron	S3	grain	9200	2026-04-19 08:48:00+00	f	pilot on board	1
190	Northern Petrel	W3	salt	8600	2026-04-19 14:14:00+00	t	two calls, one manifest	1
191	Quiet Cormorant	W4	timber	1300	2026-04-19 15:46:00+00	f	two calls, one manifest	1
192	Northern Sjøfugl	E4	timber	7300	2026-04-19 19:48:00+00	t	<b>fragile</b> & heavy	1
193	Señora Żuraw	W4	slate	8100	2026-04-20 01:04:00+00	t	\N	1
194	Old Marlin	S1	timber	8800	2026-04-20 08:44:00+00	t	'; drop table arrivals; --	1
195	Île Lantern	S1	wool	1600	2026-04-20 09:37:00+00	t	<b>fragile</b> & heavy	1
196	Silver Cormorant	N1	machine parts	8100	2026-04-20 11:24:00+00	t	damaged fender, berth side	1
197	Früher Sundew	S3	wool	7700	2026-04-20 17:31:00+00	f	\N	1
198	Little Marlin	W2	slate	1700	2026-04-20 19:00:00+00	f	\N	1
199	Señora Möwe	E4	herring	8400	2026-04-21 06:04:00+00	f	<b>fragile</b> & heavy	1
200	Île Gull	N4	machine parts	1000	2026-04-21 10:38:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
201	Morning Anchor	N3	machine parts	6900	2026-04-21 11:59:00+00	f	\N	1
202	Crimson Estrella	W2	slate	\N	2026-04-21 13:32:00+00	t	\N	1
203	Øst Tern	W3	grain	6500	2026-04-21 16:54:00+00	f	'; drop table arrivals; --	1
204	Little Gull	W2	timber	5800	2026-04-21 18:52:00+00	f	\N	1
205	Northern Żuraw	E2	timber	7900	2026-04-21 19:08:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
206	Amber Tern	W1	machine parts	1800	2026-04-22 04:37:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
207	Brave Möwe	S4	herring	4400	2026-04-22 14:52:00+00	t	\N	1
208	Île Möwe	W2	salt	4000	2026-04-22 19:45:00+00	t	\N	1
209	Früher Möwe	S2	slate	8900	2026-04-23 00:28:00+00	t	'; drop table arrivals; --	1
210	Old Anchor	S4	empty	\N	2026-04-23 08:55:00+00	t	<b>fragile</b> & heavy	1
211	Île Tern	S1	empty	\N	2026-04-23 19:57:00+00	f	pilot on board	1
212	Früher Marlin	W2	wool	8500	2026-04-23 21:42:00+00	t	\N	1
213	Señora Żuraw	W2	empty	\N	2026-04-23 21:58:00+00	t	\N	1
214	Northern Cormorant	W4	wool	600	2026-04-23 23:01:00+00	t	crew change	1
215	Señora Lantern	E3	wool	9100	2026-04-24 06:26:00+00	t	late tide	1
216	Salt Otter	N1	salt	5200	2026-04-24 12:30:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
217	Silver Anchor	E1	wool	6300	2026-04-24 16:40:00+00	t	'; drop table arrivals; --	1
218	Morning Anchor	N2	grain	2900	2026-04-25 01:42:00+00	t	late tide	1
219	Old Heron	S2	wool	3400	2026-04-25 08:04:00+00	f	\N	1
220	Little Otter	S3	wool	5700	2026-04-25 16:33:00+00	t	déchargement de nuit	1
221	Grey Petrel	W2	wool	5400	2026-04-25 17:12:00+00	t	damaged fender, berth side	1
222	Morning Sjøfugl	S3	herring	5700	2026-04-25 23:11:00+00	t	\N	1
223	Blå Möwe	S4	empty	\N	2026-04-26 07:20:00+00	t	damaged fender, berth side	1
224	Brave Żuraw	S3	herring	7800	2026-04-26 19:07:00+00	f	مرساة خارج الميناء	1
225	Blå Otter	S4	salt	8600	2026-04-26 23:05:00+00	f	late tide	1
226	Grey Heron	N1	wool	4800	2026-04-27 04:38:00+00	t	late tide	1
227	Grey Otter	N1	timber	8300	2026-04-27 05:28:00+00	f	\N	1
228	Blå Heron	E4	machine parts	3900	2026-04-27 07:18:00+00	t	crew change	1
229	Amber Lantern	W2	grain	8800	2026-04-27 07:58:00+00	t	\N	1
230	Blå Estrella	W4	empty	\N	2026-04-27 09:18:00+00	t	\N	1
231	Brave Brise	E3	timber	2700	2026-04-27 20:30:00+00	t	\N	1
232	Ľúčna Żuraw	W1	wool	1100	2026-04-28 04:30:00+00	f	damaged fender, berth side	1
233	Northern Möwe	S3	grain	8100	2026-04-28 07:02:00+00	f	pilot on board	1
234	Früher Tern	W2	salt	6200	2026-04-28 11:36:00+00	t	pilot on board	1
235	Øst Gull	N3	slate	2400	2026-04-28 21:27:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
236	Northern Gull	W3	herring	5800	2026-04-29 05:29:00+00	f	\N	1
237	Ľúčna Möwe	E2	wool	9200	2026-04-29 08:37:00+00	t	مرساة خارج الميناء	1
238	Früher Estrella	E1	salt	8700	2026-04-29 16:09:00+00	f	pilot on board	1
239	Ľúčna Kittiwake	S1	timber	\N	2026-04-30 00:26:00+00	t	\N	1
240	Crimson Sundew	W4	slate	1400	2026-04-30 03:06:00+00	t	two calls, one manifest	1
241	Quiet Heron	N4	empty	\N	2026-04-30 03:56:00+00	t	waits for customs; papers "in order"	1
242	Salt Heron	E3	slate	\N	2026-04-30 12:54:00+00	t	\N	1
243	Señora Brise	S3	salt	3200	2026-04-30 23:15:00+00	t	late tide	1
244	Amber Żuraw	S3	machine parts	9000	2026-05-01 07:59:00+00	t	مرساة خارج الميناء	1
245	Quiet Heron	N2	wool	800	2026-05-01 13:34:00+00	t	crew change	1
246	Grey Żuraw	S3	wool	4400	2026-05-01 22:34:00+00	t	damaged fender, berth side	1
247	Quiet Cormorant	S3	salt	300	2026-05-02 00:20:00+00	t	crew change	1
248	Salt Sundew	W3	slate	8300	2026-05-02 10:30:00+00	\N	\N	1
249	Silver Estrella	S1	empty	\N	2026-05-02 20:55:00+00	t	\N	1
250	Little Żuraw	S2	empty	\N	2026-05-02 22:57:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
251	Old Sundew	E1	slate	4400	2026-05-03 06:01:00+00	t	crew change	1
252	Amber Tern	S2	herring	6500	2026-05-03 08:07:00+00	f	'; drop table arrivals; --	1
253	Old Sundew	S4	empty	\N	2026-05-03 14:28:00+00	t	\N	1
254	Crimson Kittiwake	N2	salt	2600	2026-05-03 18:29:00+00	f	مرساة خارج الميناء	1
255	Old Sundew	N2	salt	\N	2026-05-04 00:48:00+00	f	déchargement de nuit	1
256	Little Żuraw	E3	herring	4200	2026-05-04 09:01:00+00	t	pilot on board	1
257	Morning Sjøfugl	S2	grain	5300	2026-05-04 18:49:00+00	t	crew change	1
258	Little Möwe	S2	wool	3100	2026-05-04 19:06:00+00	t	مرساة خارج الميناء	1
259	Señora Otter	N3	empty	\N	2026-05-04 22:56:00+00	t	pilot on board	1
260	Amber Lantern	S3	wool	4300	2026-05-05 09:17:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
261	Ľúčna Petrel	N1	herring	4700	2026-05-05 14:06:00+00	t	two calls, one manifest	1
262	Winter Estrella	E2	timber	2800	2026-05-05 18:15:00+00	t	'; drop table arrivals; --	1
263	Señora Marlin	N3	wool	2400	2026-05-06 02:56:00+00	f	\N	1
264	Øst Cormorant	W2	timber	5100	2026-05-06 05:30:00+00	t	two calls, one manifest	1
265	Quiet Tern	S4	timber	5000	2026-05-06 12:25:00+00	t	\N	1
266	Île Marlin	W1	grain	\N	2026-05-06 22:48:00+00	t	damaged fender, berth side	1
267	Øst Gull	E2	wool	3400	2026-05-07 00:07:00+00	t	late tide	1
268	Silver Marlin	N2	timber	4500	2026-05-07 03:05:00+00	t	crew change	1
269	Little Marlin	N3	grain	4000	2026-05-07 05:32:00+00	f	déchargement de nuit	1
270	Morning Kittiwake	W4	slate	6700	2026-05-07 13:25:00+00	f	<b>fragile</b> & heavy	1
271	Old Marlin	W1	wool	2500	2026-05-07 16:53:00+00	t	\N	1
272	Winter Sundew	E4	empty	\N	2026-05-08 02:19:00+00	t	crew change	1
273	Brave Brise	S3	timber	4400	2026-05-08 12:46:00+00	t	\N	1
274	Blå Gull	W4	empty	\N	2026-05-08 20:35:00+00	t	late tide	1
275	Blå Brise	N3	empty	\N	2026-05-09 02:54:00+00	t	déchargement de nuit	1
276	Old Marlin	N4	wool	4400	2026-05-09 10:10:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
277	Grey Gull	E4	empty	\N	2026-05-09 20:54:00+00	t	<b>fragile</b> & heavy	1
278	Grey Möwe	S4	timber	600	2026-05-10 03:04:00+00	t	damaged fender, berth side	1
279	Northern Gull	W3	wool	7700	2026-05-10 11:38:00+00	t	'; drop table arrivals; --	1
280	Blå Heron	W1	wool	1800	2026-05-10 12:14:00+00	t	'; drop table arrivals; --	1
281	Ľúčna Marlin	S2	grain	8900	2026-05-10 21:02:00+00	t	crew change	1
282	Øst Otter	E2	empty	\N	2026-05-11 02:37:00+00	t	مرساة خارج الميناء	1
283	Northern Gull	S2	salt	6300	2026-05-11 03:17:00+00	f	two calls, one manifest	1
284	Blå Möwe	N3	salt	3700	2026-05-11 10:03:00+00	t	\N	1
285	Winter Lantern	W4	timber	6900	2026-05-11 20:40:00+00	t	pilot on board	1
286	Northern Cormorant	N2	herring	6200	2026-05-12 04:10:00+00	t	\N	1
287	Silver Lantern	W1	wool	1000	2026-05-12 10:31:00+00	f	مرساة خارج الميناء	1
288	Señora Gull	E3	herring	7800	2026-05-12 19:45:00+00	t	\N	1
289	Crimson Otter	S3	grain	2900	2026-05-13 07:00:00+00	t	two calls, one manifest	1
290	Quiet Cormorant	S4	grain	1900	2026-05-13 08:38:00+00	f	\N	1
291	Früher Petrel	W1	herring	5500	2026-05-13 14:20:00+00	f	damaged fender, berth side	1
292	Northern Anchor	E2	grain	6500	2026-05-13 15:58:00+00	t	two calls, one manifest	1
293	Little Żuraw	N3	wool	5800	2026-05-13 17:11:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
294	Morning Żuraw	E2	timber	4800	2026-05-14 01:50:00+00	t	crew change	1
295	Señora Estrella	S3	grain	7000	2026-05-14 05:54:00+00	\N	\N	1
296	Früher Marlin	W2	slate	6000	2026-05-14 08:43:00+00	t	waits for customs; papers "in order"	1
297	Ľúčna Brise	E1	wool	8900	2026-05-14 12:36:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
298	Little Sjøfugl	S2	grain	7400	2026-05-14 19:46:00+00	f	\N	1
299	Silver Sjøfugl	W3	wool	8000	2026-05-15 07:08:00+00	\N	déchargement de nuit	1
300	Old Marlin	N2	timber	\N	2026-05-15 12:24:00+00	t	\N	1
301	Winter Tern	W4	empty	\N	2026-05-15 16:46:00+00	t	waits for customs; papers "in order"	1
302	Quiet Brise	W3	timber	2300	2026-05-16 04:18:00+00	t	<b>fragile</b> & heavy	1
303	Crimson Estrella	E4	salt	2000	2026-05-16 05:42:00+00	\N	waits for customs; papers "in order"	1
304	Grey Estrella	W1	grain	4000	2026-05-16 10:01:00+00	f	'; drop table arrivals; --	1
305	Ľúčna Marlin	N4	timber	600	2026-05-16 21:24:00+00	t	\N	1
306	Crimson Marlin	W2	salt	6100	2026-05-17 07:46:00+00	t	late tide	1
307	Señora Marlin	S1	wool	1900	2026-05-17 12:52:00+00	t	crew change	1
308	Old Marlin	E2	wool	8700	2026-05-17 17:39:00+00	t	two calls, one manifest	1
309	Señora Gull	N1	salt	7600	2026-05-17 22:52:00+00	t	two calls, one manifest	1
310	Little Otter	S4	grain	\N	2026-05-17 23:24:00+00	t	waits for customs; papers "in order"	1
311	Blå Petrel	S3	empty	\N	2026-05-18 10:28:00+00	f	late tide	1
312	Ľúčna Marlin	N4	slate	3200	2026-05-18 14:58:00+00	t	waits for customs; papers "in order"	1
313	Quiet Möwe	S2	salt	1300	2026-05-18 22:14:00+00	t	مرساة خارج الميناء	1
314	Früher Sundew	S2	herring	2200	2026-05-19 06:44:00+00	t	déchargement de nuit	1
315	Salt Kittiwake	S3	timber	600	2026-05-19 14:24:00+00	t	pilot on board	1
316	Silver Żuraw	E2	machine parts	8300	2026-05-19 23:27:00+00	t	\N	1
317	Little Brise	N4	grain	5100	2026-05-20 03:21:00+00	t	two calls, one manifest	1
318	Morning Tern	W1	empty	\N	2026-05-20 03:39:00+00	t	two calls, one manifest	1
319	Silver Sjøfugl	W1	grain	4200	2026-05-20 07:29:00+00	t	déchargement de nuit	1
320	Morning Otter	W4	timber	2100	2026-05-20 18:37:00+00	f	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
321	Crimson Marlin	W2	salt	8700	2026-05-21 03:28:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
322	Northern Brise	E1	timber	300	2026-05-21 12:11:00+00	t	late tide	1
323	Øst Żuraw	S1	wool	1000	2026-05-21 20:27:00+00	t	\N	1
324	Silver Heron	W2	wool	3200	2026-05-22 00:13:00+00	t	déchargement de nuit	1
325	Morning Estrella	S4	empty	\N	2026-05-22 09:25:00+00	t	<b>fragile</b> & heavy	1
326	Quiet Otter	N2	grain	8700	2026-05-22 14:45:00+00	t	crew change	1
327	Northern Gull	E2	slate	800	2026-05-22 18:50:00+00	t	مرساة خارج الميناء	1
328	Crimson Möwe	E3	herring	3500	2026-05-23 03:37:00+00	f	crew change	1
329	Grey Heron	S2	salt	7200	2026-05-23 04:07:00+00	t	<b>fragile</b> & heavy	1
330	Grey Gull	W2	slate	5400	2026-05-23 15:01:00+00	t	déchargement de nuit	1
331	Salt Lantern	N4	wool	3300	2026-05-23 15:21:00+00	t	crew change	1
332	Blå Tern	S4	grain	3200	2026-05-23 21:41:00+00	t	<b>fragile</b> & heavy	1
333	Quiet Sjøfugl	E1	timber	3600	2026-05-24 01:15:00+00	f	\N	1
334	Quiet Marlin	N3	herring	7800	2026-05-24 07:49:00+00	f	\N	1
335	Morning Sjøfugl	W3	herring	3700	2026-05-24 12:34:00+00	t	late tide	1
336	Señora Kittiwake	S2	timber	4500	2026-05-24 18:12:00+00	t	'; drop table arrivals; --	1
337	Silver Otter	N3	timber	5800	2026-05-25 03:39:00+00	t	crew change	1
338	Little Heron	N3	herring	3500	2026-05-25 15:10:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
339	Grey Sjøfugl	S1	timber	8300	2026-05-25 15:30:00+00	t	two calls, one manifest	1
340	Brave Estrella	W1	herring	1400	2026-05-25 16:23:00+00	f	\N	1
341	Øst Żuraw	E2	grain	9200	2026-05-25 20:35:00+00	t	\N	1
342	Blå Anchor	E4	slate	6700	2026-05-25 20:56:00+00	f	\N	1
343	Brave Sjøfugl	N4	wool	900	2026-05-26 06:19:00+00	t	damaged fender, berth side	1
344	Früher Marlin	N1	machine parts	5400	2026-05-26 10:00:00+00	t	déchargement de nuit	1
345	Brave Otter	S3	empty	\N	2026-05-26 12:44:00+00	t	\N	1
346	Señora Lantern	S1	grain	1400	2026-05-26 19:19:00+00	f	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
347	Grey Möwe	N3	grain	3800	2026-05-26 22:34:00+00	t	déchargement de nuit	1
\.


--
-- Data for Name: records_13; Type: TABLE DATA; Schema: pageladder; Owner: -
--

COPY pageladder.records_13 (id, vessel, berth, cargo, tonnage, arrived_at, cleared, note, "pl.revision") FROM stdin;
1	Quiet Heron	S2	empty	\N	2026-03-01 05:50:00+00	t	crew change	1
2	Øst Lantern	W1	salt	5300	2026-03-01 14:01:00+00	t	crew change	1
3	Blå Kittiwake	N2	machine parts	7700	2026-03-02 00:15:00+00	t	\N	1
4	Brave Sundew	E3	salt	4800	2026-03-02 05:14:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
5	Morning Cormorant	E1	machine parts	8400	2026-03-02 11:05:00+00	f	\N	1
6	Brave Kittiwake	N4	timber	1900	2026-03-02 22:20:00+00	t	\N	1
7	Früher Gull	S4	wool	7900	2026-03-03 05:12:00+00	f	'; drop table arrivals; --	1
8	Blå Brise	S3	timber	900	2026-03-03 14:30:00+00	t	two calls, one manifest	1
9	Quiet Cormorant	N4	slate	6600	2026-03-03 19:59:00+00	t	\N	1
10	Señora Petrel	W1	empty	\N	2026-03-04 03:32:00+00	f	waits for customs; papers "in order"	1
11	Grey Otter	W3	empty	\N	2026-03-04 06:43:00+00	t	déchargement de nuit	1
12	Little Lantern	N3	grain	8100	2026-03-04 16:55:00+00	f	\N	1
13	Blå Anchor	N2	machine parts	2600	2026-03-05 04:11:00+00	t	مرساة خارج الميناء	1
14	Quiet Sundew	E4	grain	\N	2026-03-05 08:58:00+00	t	'; drop table arrivals; --	1
15	Früher Heron	E2	slate	5900	2026-03-05 20:21:00+00	t	\N	1
16	Früher Tern	E1	slate	7800	2026-03-06 06:14:00+00	t	damaged fender, berth side	1
17	Quiet Lantern	N3	salt	2900	2026-03-06 14:17:00+00	t	crew change	1
18	Øst Heron	W4	slate	2200	2026-03-06 14:48:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
19	Øst Otter	N2	machine parts	\N	2026-03-06 22:33:00+00	f	'; drop table arrivals; --	1
20	Quiet Anchor	W1	timber	8500	2026-03-07 01:49:00+00	t	two calls, one manifest	1
21	Crimson Estrella	E3	wool	4600	2026-03-07 06:39:00+00	t	\N	1
22	Früher Marlin	N4	machine parts	6200	2026-03-07 15:57:00+00	t	pilot on board	1
23	Blå Estrella	E1	wool	500	2026-03-07 22:22:00+00	t	'; drop table arrivals; --	1
24	Señora Brise	W2	timber	6800	2026-03-08 10:05:00+00	f	two calls, one manifest	1
25	Silver Heron	W3	grain	2000	2026-03-08 12:49:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
26	Früher Otter	E4	timber	4700	2026-03-08 13:44:00+00	t	déchargement de nuit	1
27	Salt Anchor	N3	empty	\N	2026-03-08 23:04:00+00	f	late tide	1
28	Øst Żuraw	E3	herring	1500	2026-03-09 03:37:00+00	f	\N	1
29	Morning Estrella	E3	herring	4300	2026-03-09 10:59:00+00	t	\N	1
30	Blå Cormorant	S1	salt	1900	2026-03-09 18:10:00+00	f	déchargement de nuit	1
31	Quiet Estrella	N3	empty	\N	2026-03-10 05:32:00+00	t	late tide	1
32	Amber Cormorant	N2	salt	5800	2026-03-10 16:00:00+00	f	late tide	1
33	Øst Brise	W2	timber	8000	2026-03-11 03:13:00+00	t	مرساة خارج الميناء	1
34	Grey Möwe	S1	wool	3000	2026-03-11 07:23:00+00	t	damaged fender, berth side	1
35	Øst Sundew	S1	empty	\N	2026-03-11 08:19:00+00	t	déchargement de nuit	1
36	Señora Sjøfugl	N1	empty	\N	2026-03-11 15:14:00+00	t	two calls, one manifest	1
37	Brave Cormorant	W1	salt	6100	2026-03-11 15:36:00+00	f	'; drop table arrivals; --	1
38	Winter Anchor	E3	wool	6200	2026-03-11 19:40:00+00	t	\N	1
39	Salt Heron	W4	machine parts	3400	2026-03-12 01:04:00+00	\N	\N	1
40	Salt Anchor	N2	wool	7300	2026-03-12 08:52:00+00	t	<b>fragile</b> & heavy	1
41	Øst Petrel	E1	timber	5800	2026-03-12 11:30:00+00	t	\N	1
42	Ľúčna Brise	N4	empty	\N	2026-03-12 18:45:00+00	t	pilot on board	1
43	Ľúčna Cormorant	N3	machine parts	8200	2026-03-12 22:03:00+00	t	<b>fragile</b> & heavy	1
44	Silver Petrel	N2	empty	\N	2026-03-13 02:57:00+00	t	مرساة خارج الميناء	1
45	Ľúčna Marlin	S1	machine parts	2100	2026-03-13 10:40:00+00	t	waits for customs; papers "in order"	1
46	Salt Żuraw	S3	herring	2700	2026-03-13 21:04:00+00	t	'; drop table arrivals; --	1
47	Salt Otter	N3	empty	\N	2026-03-13 23:11:00+00	t	waits for customs; papers "in order"	1
48	Blå Tern	W1	herring	1500	2026-03-14 09:33:00+00	t	<b>fragile</b> & heavy	1
49	Quiet Cormorant	W1	herring	300	2026-03-14 10:59:00+00	t	waits for customs; papers "in order"	1
50	Little Anchor	E3	grain	4300	2026-03-14 19:27:00+00	f	\N	1
51	Blå Estrella	S4	grain	4300	2026-03-14 21:43:00+00	f	damaged fender, berth side	1
52	Øst Sjøfugl	N4	wool	\N	2026-03-15 07:09:00+00	f	waits for customs; papers "in order"	1
53	Little Estrella	E4	herring	6200	2026-03-15 09:57:00+00	f	مرساة خارج الميناء	1
54	Little Heron	W1	wool	1900	2026-03-15 11:05:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
55	Northern Sundew	S4	timber	6600	2026-03-15 13:32:00+00	t	pilot on board	1
56	Winter Żuraw	E4	timber	8500	2026-03-15 21:07:00+00	t	مرساة خارج الميناء	1
57	Silver Sjøfugl	N2	herring	1500	2026-03-15 21:48:00+00	t	\N	1
58	Morning Cormorant	S2	herring	3000	2026-03-16 02:57:00+00	t	damaged fender, berth side	1
59	Ľúčna Anchor	N1	wool	7100	2026-03-16 11:55:00+00	t	<b>fragile</b> & heavy	1
60	Crimson Estrella	N2	salt	3200	2026-03-16 14:50:00+00	t	waits for customs; papers "in order"	1
61	Winter Heron	W2	slate	\N	2026-03-17 00:22:00+00	f	<b>fragile</b> & heavy	1
62	Brave Kittiwake	N2	slate	5700	2026-03-17 01:07:00+00	f	damaged fender, berth side	1
63	Winter Gull	E1	herring	1800	2026-03-17 06:47:00+00	t	'; drop table arrivals; --	1
64	Señora Kittiwake	W3	grain	5600	2026-03-17 13:40:00+00	t	\N	1
65	Blå Möwe	W3	wool	500	2026-03-17 15:10:00+00	t	waits for customs; papers "in order"	1
66	Grey Petrel	N3	grain	7200	2026-03-18 00:08:00+00	t	déchargement de nuit	1
67	Grey Kittiwake	W3	timber	2700	2026-03-18 09:52:00+00	t	damaged fender, berth side	1
68	Morning Tern	S2	wool	7100	2026-03-18 19:31:00+00	t	مرساة خارج الميناء	1
69	Øst Żuraw	S4	grain	6200	2026-03-19 05:45:00+00	t	déchargement de nuit	1
70	Früher Anchor	E1	slate	6700	2026-03-19 06:16:00+00	\N	déchargement de nuit	1
71	Øst Otter	N4	wool	5600	2026-03-19 06:50:00+00	t	déchargement de nuit	1
72	Señora Estrella	W2	grain	4600	2026-03-19 10:02:00+00	t	waits for customs; papers "in order"	1
73	Blå Sjøfugl	E4	timber	3700	2026-03-19 16:54:00+00	t	waits for customs; papers "in order"	1
74	Silver Petrel	E2	grain	3700	2026-03-19 20:00:00+00	f	pilot on board	1
75	Señora Marlin	W4	salt	\N	2026-03-19 22:14:00+00	f	damaged fender, berth side	1
76	Northern Möwe	N4	salt	600	2026-03-20 05:09:00+00	f	\N	1
77	Winter Heron	W2	timber	2700	2026-03-20 10:01:00+00	t	two calls, one manifest	1
78	Little Möwe	E4	timber	5400	2026-03-20 10:48:00+00	t	pilot on board	1
79	Winter Petrel	W4	grain	3900	2026-03-20 14:14:00+00	f	pilot on board	1
80	Øst Möwe	E1	slate	7600	2026-03-20 23:28:00+00	f	late tide	1
81	Ľúčna Tern	E2	salt	6900	2026-03-21 06:58:00+00	t	مرساة خارج الميناء	1
82	Øst Żuraw	W4	machine parts	6400	2026-03-21 11:01:00+00	t	مرساة خارج الميناء	1
83	Morning Kittiwake	W3	wool	500	2026-03-21 18:40:00+00	t	\N	1
84	Señora Tern	E2	timber	4700	2026-03-22 02:32:00+00	\N	\N	1
85	Silver Heron	E3	grain	8400	2026-03-22 07:33:00+00	t	مرساة خارج الميناء	1
86	Brave Gull	N2	wool	7600	2026-03-22 15:22:00+00	t	pilot on board	1
87	Quiet Cormorant	S3	herring	6800	2026-03-22 18:23:00+00	t	two calls, one manifest	1
88	Crimson Lantern	E3	grain	5600	2026-03-23 04:08:00+00	f	\N	1
89	Blå Sundew	E2	empty	\N	2026-03-23 06:51:00+00	t	\N	1
90	Little Sjøfugl	E4	grain	8700	2026-03-23 09:25:00+00	f	crew change	1
91	Ľúčna Sundew	S2	slate	2300	2026-03-23 19:42:00+00	t	\N	1
92	Old Petrel	N2	grain	3800	2026-03-24 07:05:00+00	\N	\N	1
93	Grey Kittiwake	N3	grain	2200	2026-03-24 11:28:00+00	t	déchargement de nuit	1
94	Île Lantern	S1	machine parts	1300	2026-03-24 17:27:00+00	f	'; drop table arrivals; --	1
95	Früher Estrella	W1	empty	\N	2026-03-24 22:10:00+00	t	déchargement de nuit	1
96	Crimson Sjøfugl	N1	grain	6500	2026-03-25 03:37:00+00	t	'; drop table arrivals; --	1
97	Old Tern	N2	herring	2300	2026-03-25 09:28:00+00	t	\N	1
98	Silver Anchor	N3	empty	\N	2026-03-25 09:56:00+00	t	late tide	1
99	Northern Otter	E1	slate	7100	2026-03-25 12:40:00+00	t	\N	1
100	Northern Lantern	E2	timber	6100	2026-03-25 19:23:00+00	t	\N	1
101	Crimson Gull	E4	slate	8100	2026-03-26 06:47:00+00	t	\N	1
102	Silver Sjøfugl	W1	herring	6800	2026-03-26 08:54:00+00	t	\N	1
103	Morning Cormorant	N3	empty	\N	2026-03-26 19:07:00+00	t	déchargement de nuit	1
104	Old Brise	S4	machine parts	1000	2026-03-26 20:36:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
105	Grey Brise	S2	wool	8800	2026-03-27 06:11:00+00	f	'; drop table arrivals; --	1
106	Brave Estrella	W2	herring	5700	2026-03-27 15:00:00+00	t	damaged fender, berth side	1
107	Amber Cormorant	N1	machine parts	4700	2026-03-28 01:21:00+00	t	pilot on board	1
108	Øst Marlin	N1	grain	5400	2026-03-28 05:21:00+00	t	déchargement de nuit	1
109	Brave Otter	E3	herring	7600	2026-03-28 13:27:00+00	f	\N	1
110	Silver Otter	E4	slate	3700	2026-03-28 14:17:00+00	t	damaged fender, berth side	1
111	Salt Kittiwake	W3	timber	7100	2026-03-28 22:44:00+00	f	crew change	1
112	Silver Heron	E1	wool	\N	2026-03-29 04:02:00+00	t	waits for customs; papers "in order"	1
113	Little Gull	E1	salt	900	2026-03-29 11:14:00+00	t	مرساة خارج الميناء	1
114	Winter Brise	S1	empty	\N	2026-03-29 17:04:00+00	t	waits for customs; papers "in order"	1
115	Winter Estrella	S4	grain	4100	2026-03-30 02:41:00+00	t	\N	1
116	Winter Gull	S3	machine parts	4800	2026-03-30 08:03:00+00	f	\N	1
117	Salt Lantern	W1	wool	\N	2026-03-30 15:50:00+00	t	late tide	1
118	Grey Möwe	E2	herring	\N	2026-03-31 02:42:00+00	t	late tide	1
119	Winter Kittiwake	N3	grain	8800	2026-03-31 14:17:00+00	t	crew change	1
120	Blå Möwe	S4	grain	8600	2026-03-31 23:52:00+00	t	\N	1
121	Grey Estrella	E1	herring	\N	2026-04-01 04:32:00+00	f	waits for customs; papers "in order"	1
122	Salt Marlin	N4	wool	3000	2026-04-01 11:45:00+00	t	'; drop table arrivals; --	1
123	Brave Tern	S2	herring	4400	2026-04-01 16:46:00+00	t	waits for customs; papers "in order"	1
124	Grey Lantern	S1	salt	3000	2026-04-01 23:06:00+00	t	'; drop table arrivals; --	1
125	Little Sjøfugl	N4	wool	7900	2026-04-02 02:17:00+00	t	<b>fragile</b> & heavy	1
126	Winter Estrella	N3	slate	\N	2026-04-02 08:02:00+00	f	\N	1
127	Brave Tern	N1	machine parts	2800	2026-04-02 13:39:00+00	t	waits for customs; papers "in order"	1
128	Île Sjøfugl	E3	salt	7500	2026-04-02 19:00:00+00	t	\N	1
129	Grey Sjøfugl	N4	wool	6700	2026-04-02 20:28:00+00	t	\N	1
130	Blå Cormorant	S1	machine parts	5900	2026-04-03 05:06:00+00	f	waits for customs; papers "in order"	1
131	Ľúčna Kittiwake	E2	slate	2400	2026-04-03 11:49:00+00	t	pilot on board	1
132	Salt Heron	W2	timber	2600	2026-04-03 12:26:00+00	t	late tide	1
133	Morning Möwe	W3	wool	\N	2026-04-03 15:07:00+00	t	\N	1
134	Old Brise	N4	wool	7800	2026-04-03 22:02:00+00	t	مرساة خارج الميناء	1
135	Crimson Sjøfugl	W3	grain	800	2026-04-04 06:28:00+00	t	déchargement de nuit	1
136	Amber Anchor	E2	herring	5100	2026-04-04 09:19:00+00	\N	\N	1
137	Ľúčna Sjøfugl	E4	salt	\N	2026-04-04 15:33:00+00	t	<b>fragile</b> & heavy	1
138	Øst Marlin	W4	timber	9200	2026-04-05 02:41:00+00	t	two calls, one manifest	1
139	Früher Żuraw	S4	slate	4900	2026-04-05 10:13:00+00	\N	\N	1
140	Quiet Żuraw	S4	wool	2500	2026-04-05 12:29:00+00	t	déchargement de nuit	1
141	Morning Marlin	W3	grain	6900	2026-04-05 21:22:00+00	t	déchargement de nuit	1
142	Île Anchor	N3	wool	700	2026-04-05 22:07:00+00	f	\N	1
143	Salt Tern	N2	salt	\N	2026-04-06 00:24:00+00	t	<b>fragile</b> & heavy	1
144	Morning Sjøfugl	S1	slate	3900	2026-04-06 12:02:00+00	t	\N	1
145	Amber Kittiwake	S1	herring	2100	2026-04-06 21:59:00+00	t	\N	1
146	Ľúčna Żuraw	W1	timber	1800	2026-04-07 03:41:00+00	t	'; drop table arrivals; --	1
147	Northern Żuraw	E1	wool	8700	2026-04-07 12:05:00+00	t	pilot on board	1
148	Île Cormorant	N4	empty	\N	2026-04-07 13:35:00+00	t	مرساة خارج الميناء	1
149	Old Möwe	S3	machine parts	8400	2026-04-07 22:12:00+00	f	waits for customs; papers "in order"	1
150	Winter Gull	S3	herring	8500	2026-04-08 04:12:00+00	t	\N	1
151	Old Lantern	E2	herring	2200	2026-04-08 12:32:00+00	t	\N	1
152	Señora Cormorant	E3	slate	1000	2026-04-08 14:44:00+00	t	waits for customs; papers "in order"	1
153	Blå Marlin	S2	salt	1700	2026-04-09 01:59:00+00	t	<b>fragile</b> & heavy	1
154	Brave Petrel	E2	wool	1700	2026-04-09 07:52:00+00	t	déchargement de nuit	1
155	Northern Tern	N4	herring	5800	2026-04-09 14:27:00+00	t	\N	1
156	Salt Cormorant	W2	empty	\N	2026-04-10 01:04:00+00	t	\N	1
157	Blå Sjøfugl	S2	slate	3000	2026-04-10 10:26:00+00	t	damaged fender, berth side	1
158	Øst Heron	S2	salt	7900	2026-04-10 13:34:00+00	\N	déchargement de nuit	1
159	Grey Lantern	N4	wool	7700	2026-04-10 23:54:00+00	t	crew change	1
160	Quiet Sundew	W2	wool	500	2026-04-11 02:21:00+00	t	damaged fender, berth side	1
161	Northern Estrella	N1	wool	4300	2026-04-11 10:57:00+00	t	مرساة خارج الميناء	1
162	Früher Tern	S3	salt	5700	2026-04-11 20:39:00+00	t	'; drop table arrivals; --	1
163	Quiet Marlin	W2	salt	9200	2026-04-12 03:30:00+00	t	late tide	1
164	Little Marlin	S2	slate	8800	2026-04-12 07:00:00+00	f	\N	1
165	Ľúčna Lantern	N2	grain	5400	2026-04-12 07:52:00+00	t	\N	1
166	Blå Marlin	N4	salt	5800	2026-04-12 11:07:00+00	f	two calls, one manifest	1
167	Northern Cormorant	E4	empty	\N	2026-04-12 12:56:00+00	f	مرساة خارج الميناء	1
168	Little Estrella	N2	machine parts	2000	2026-04-12 21:11:00+00	t	crew change	1
169	Northern Gull	W1	machine parts	1500	2026-04-13 01:27:00+00	f	pilot on board	1
170	Früher Cormorant	N3	herring	7900	2026-04-13 12:43:00+00	t	two calls, one manifest	1
171	Old Marlin	W4	salt	5000	2026-04-13 19:33:00+00	t	'; drop table arrivals; --	1
172	Señora Sjøfugl	E4	empty	\N	2026-04-14 03:41:00+00	t	waits for customs; papers "in order"	1
173	Salt Otter	W3	empty	\N	2026-04-14 13:58:00+00	t	crew change	1
174	Ľúčna Żuraw	N4	machine parts	5000	2026-04-14 21:27:00+00	t	pilot on board	1
175	Crimson Otter	S1	salt	3500	2026-04-15 08:13:00+00	t	مرساة خارج الميناء	1
176	Île Petrel	W2	slate	4600	2026-04-15 10:21:00+00	t	damaged fender, berth side	1
177	Grey Sundew	E4	salt	6800	2026-04-15 15:41:00+00	t	مرساة خارج الميناء	1
178	Grey Brise	S3	grain	1300	2026-04-15 18:25:00+00	t	'; drop table arrivals; --	1
179	Ľúčna Tern	N2	wool	2800	2026-04-15 22:29:00+00	t	\N	1
180	Ľúčna Tern	W4	empty	\N	2026-04-16 03:16:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
181	Grey Anchor	W2	machine parts	600	2026-04-16 12:30:00+00	t	\N	1
182	Winter Brise	N3	machine parts	6700	2026-04-16 19:29:00+00	t	\N	1
183	Old Kittiwake	S1	wool	3300	2026-04-17 04:07:00+00	t	late tide	1
184	Früher Lantern	E2	wool	3500	2026-04-17 12:13:00+00	t	waits for customs; papers "in order"	1
185	Winter Otter	W3	machine parts	2600	2026-04-17 15:14:00+00	t	waits for customs; papers "in order"	1
186	Blå Brise	E4	empty	\N	2026-04-17 22:34:00+00	t	late tide	1
187	Amber Petrel	E4	slate	6600	2026-04-18 09:41:00+00	f	pilot on board	1
188	Señora Anchor	N4	timber	4900	2026-04-18 21:29:00+00	t	\N	1
189	Île Heron	S3	grain	9200	2026-04-19 08:48:00+00	f	pilot on board	1
190	Northern Petrel	W3	salt	8600	2026-04-19 14:14:00+00	t	two calls, one manifest	1
191	Quiet Cormorant	W4	timber	1300	2026-04-19 15:46:00+00	f	two calls, one manifest	1
192	Northern Sjøfugl	E4	timber	7300	2026-04-19 19:48:00+00	t	<b>fragile</b> & heavy	1
193	Señora Żuraw	W4	slate	8100	2026-04-20 01:04:00+00	t	\N	1
194	Old Marlin	S1	timber	8800	2026-04-20 08:44:00+00	t	'; drop table arrivals; --	1
195	Île Lantern	S1	wool	1600	2026-04-20 09:37:00+00	t	<b>fragile</b> & heavy	1
196	Silver Cormorant	N1	machine parts	8100	2026-04-20 11:24:00+00	t	damaged fender, berth side	1
197	Früher Sundew	S3	wool	7700	2026-04-20 17:31:00+00	f	\N	1
198	Little Marlin	W2	slate	1700	2026-04-20 19:00:00+00	f	\N	1
199	Señora Möwe	E4	herring	8400	2026-04-21 06:04:00+00	f	<b>fragile</b> & heavy	1
200	Île Gull	N4	machine parts	1000	2026-04-21 10:38:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
201	Morning Anchor	N3	machine parts	6900	2026-04-21 11:59:00+00	f	\N	1
202	Crimson Estrella	W2	slate	\N	2026-04-21 13:32:00+00	t	\N	1
203	Øst Tern	W3	grain	6500	2026-04-21 16:54:00+00	f	'; drop table arrivals; --	1
204	Little Gull	W2	timber	5800	2026-04-21 18:52:00+00	f	\N	1
205	Northern Żuraw	E2	timber	7900	2026-04-21 19:08:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
206	Amber Tern	W1	machine parts	1800	2026-04-22 04:37:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
207	Brave Möwe	S4	herring	4400	2026-04-22 14:52:00+00	t	\N	1
208	Île Möwe	W2	salt	4000	2026-04-22 19:45:00+00	t	\N	1
209	Früher Möwe	S2	slate	8900	2026-04-23 00:28:00+00	t	'; drop table arrivals; --	1
210	Old Anchor	S4	empty	\N	2026-04-23 08:55:00+00	t	<b>fragile</b> & heavy	1
211	Île Tern	S1	empty	\N	2026-04-23 19:57:00+00	f	pilot on board	1
212	Früher Marlin	W2	wool	8500	2026-04-23 21:42:00+00	t	\N	1
213	Señora Żuraw	W2	empty	\N	2026-04-23 21:58:00+00	t	\N	1
214	Northern Cormorant	W4	wool	600	2026-04-23 23:01:00+00	t	crew change	1
215	Señora Lantern	E3	wool	9100	2026-04-24 06:26:00+00	t	late tide	1
216	Salt Otter	N1	salt	5200	2026-04-24 12:30:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
217	Silver Anchor	E1	wool	6300	2026-04-24 16:40:00+00	t	'; drop table arrivals; --	1
218	Morning Anchor	N2	grain	2900	2026-04-25 01:42:00+00	t	late tide	1
219	Old Heron	S2	wool	3400	2026-04-25 08:04:00+00	f	\N	1
220	Little Otter	S3	wool	5700	2026-04-25 16:33:00+00	t	déchargement de nuit	1
221	Grey Petrel	W2	wool	5400	2026-04-25 17:12:00+00	t	damaged fender, berth side	1
222	Morning Sjøfugl	S3	herring	5700	2026-04-25 23:11:00+00	t	\N	1
223	Blå Möwe	S4	empty	\N	2026-04-26 07:20:00+00	t	damaged fender, berth side	1
224	Brave Żuraw	S3	herring	7800	2026-04-26 19:07:00+00	f	مرساة خارج الميناء	1
225	Blå Otter	S4	salt	8600	2026-04-26 23:05:00+00	f	late tide	1
226	Grey Heron	N1	wool	4800	2026-04-27 04:38:00+00	t	late tide	1
227	Grey Otter	N1	timber	8300	2026-04-27 05:28:00+00	f	\N	1
228	Blå Heron	E4	machine parts	3900	2026-04-27 07:18:00+00	t	crew change	1
229	Amber Lantern	W2	grain	8800	2026-04-27 07:58:00+00	t	\N	1
230	Blå Estrella	W4	empty	\N	2026-04-27 09:18:00+00	t	\N	1
231	Brave Brise	E3	timber	2700	2026-04-27 20:30:00+00	t	\N	1
232	Ľúčna Żuraw	W1	wool	1100	2026-04-28 04:30:00+00	f	damaged fender, berth side	1
233	Northern Möwe	S3	grain	8100	2026-04-28 07:02:00+00	f	pilot on board	1
234	Früher Tern	W2	salt	6200	2026-04-28 11:36:00+00	t	pilot on board	1
235	Øst Gull	N3	slate	2400	2026-04-28 21:27:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
236	Northern Gull	W3	herring	5800	2026-04-29 05:29:00+00	f	\N	1
237	Ľúčna Möwe	E2	wool	9200	2026-04-29 08:37:00+00	t	مرساة خارج الميناء	1
238	Früher Estrella	E1	salt	8700	2026-04-29 16:09:00+00	f	pilot on board	1
239	Ľúčna Kittiwake	S1	timber	\N	2026-04-30 00:26:00+00	t	\N	1
240	Crimson Sundew	W4	slate	1400	2026-04-30 03:06:00+00	t	two calls, one manifest	1
241	Quiet Heron	N4	empty	\N	2026-04-30 03:56:00+00	t	waits for customs; papers "in order"	1
242	Salt Heron	E3	slate	\N	2026-04-30 12:54:00+00	t	\N	1
243	Señora Brise	S3	salt	3200	2026-04-30 23:15:00+00	t	late tide	1
244	Amber Żuraw	S3	machine parts	9000	2026-05-01 07:59:00+00	t	مرساة خارج الميناء	1
245	Quiet Heron	N2	wool	800	2026-05-01 13:34:00+00	t	crew change	1
246	Grey Żuraw	S3	wool	4400	2026-05-01 22:34:00+00	t	damaged fender, berth side	1
247	Quiet Cormorant	S3	salt	300	2026-05-02 00:20:00+00	t	crew change	1
248	Salt Sundew	W3	slate	8300	2026-05-02 10:30:00+00	\N	\N	1
249	Silver Estrella	S1	empty	\N	2026-05-02 20:55:00+00	t	\N	1
250	Little Żuraw	S2	empty	\N	2026-05-02 22:57:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
251	Old Sundew	E1	slate	4400	2026-05-03 06:01:00+00	t	crew change	1
252	Amber Tern	S2	herring	6500	2026-05-03 08:07:00+00	f	'; drop table arrivals; --	1
253	Old Sundew	S4	empty	\N	2026-05-03 14:28:00+00	t	\N	1
254	Crimson Kittiwake	N2	salt	2600	2026-05-03 18:29:00+00	f	مرساة خارج الميناء	1
255	Old Sundew	N2	salt	\N	2026-05-04 00:48:00+00	f	déchargement de nuit	1
256	Little Żuraw	E3	herring	4200	2026-05-04 09:01:00+00	t	pilot on board	1
257	Morning Sjøfugl	S2	grain	5300	2026-05-04 18:49:00+00	t	crew change	1
258	Little Möwe	S2	wool	3100	2026-05-04 19:06:00+00	t	مرساة خارج الميناء	1
259	Señora Otter	N3	empty	\N	2026-05-04 22:56:00+00	t	pilot on board	1
260	Amber Lantern	S3	wool	4300	2026-05-05 09:17:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
261	Ľúčna Petrel	N1	herring	4700	2026-05-05 14:06:00+00	t	two calls, one manifest	1
262	Winter Estrella	E2	timber	2800	2026-05-05 18:15:00+00	t	'; drop table arrivals; --	1
263	Señora Marlin	N3	wool	2400	2026-05-06 02:56:00+00	f	\N	1
264	Øst Cormorant	W2	timber	5100	2026-05-06 05:30:00+00	t	two calls, one manifest	1
265	Quiet Tern	S4	timber	5000	2026-05-06 12:25:00+00	t	\N	1
266	Île Marlin	W1	grain	\N	2026-05-06 22:48:00+00	t	damaged fender, berth side	1
267	Øst Gull	E2	wool	3400	2026-05-07 00:07:00+00	t	late tide	1
268	Silver Marlin	N2	timber	4500	2026-05-07 03:05:00+00	t	crew change	1
269	Little Marlin	N3	grain	4000	2026-05-07 05:32:00+00	f	déchargement de nuit	1
270	Morning Kittiwake	W4	slate	6700	2026-05-07 13:25:00+00	f	<b>fragile</b> & heavy	1
271	Old Marlin	W1	wool	2500	2026-05-07 16:53:00+00	t	\N	1
272	Winter Sundew	E4	empty	\N	2026-05-08 02:19:00+00	t	crew change	1
273	Brave Brise	S3	timber	4400	2026-05-08 12:46:00+00	t	\N	1
274	Blå Gull	W4	empty	\N	2026-05-08 20:35:00+00	t	late tide	1
275	Blå Brise	N3	empty	\N	2026-05-09 02:54:00+00	t	déchargement de nuit	1
276	Old Marlin	N4	wool	4400	2026-05-09 10:10:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
277	Grey Gull	E4	empty	\N	2026-05-09 20:54:00+00	t	<b>fragile</b> & heavy	1
278	Grey Möwe	S4	timber	600	2026-05-10 03:04:00+00	t	damaged fender, berth side	1
279	Northern Gull	W3	wool	7700	2026-05-10 11:38:00+00	t	'; drop table arrivals; --	1
280	Blå Heron	W1	wool	1800	2026-05-10 12:14:00+00	t	'; drop table arrivals; --	1
281	Ľúčna Marlin	S2	grain	8900	2026-05-10 21:02:00+00	t	crew change	1
282	Øst Otter	E2	empty	\N	2026-05-11 02:37:00+00	t	مرساة خارج الميناء	1
283	Northern Gull	S2	salt	6300	2026-05-11 03:17:00+00	f	two calls, one manifest	1
284	Blå Möwe	N3	salt	3700	2026-05-11 10:03:00+00	t	\N	1
285	Winter Lantern	W4	timber	6900	2026-05-11 20:40:00+00	t	pilot on board	1
286	Northern Cormorant	N2	herring	6200	2026-05-12 04:10:00+00	t	\N	1
287	Silver Lantern	W1	wool	1000	2026-05-12 10:31:00+00	f	مرساة خارج الميناء	1
288	Señora Gull	E3	herring	7800	2026-05-12 19:45:00+00	t	\N	1
289	Crimson Otter	S3	grain	2900	2026-05-13 07:00:00+00	t	two calls, one manifest	1
290	Quiet Cormorant	S4	grain	1900	2026-05-13 08:38:00+00	f	\N	1
291	Früher Petrel	W1	herring	5500	2026-05-13 14:20:00+00	f	damaged fender, berth side	1
292	Northern Anchor	E2	grain	6500	2026-05-13 15:58:00+00	t	two calls, one manifest	1
293	Little Żuraw	N3	wool	5800	2026-05-13 17:11:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
294	Morning Żuraw	E2	timber	4800	2026-05-14 01:50:00+00	t	crew change	1
295	Señora Estrella	S3	grain	7000	2026-05-14 05:54:00+00	\N	\N	1
296	Früher Marlin	W2	slate	6000	2026-05-14 08:43:00+00	t	waits for customs; papers "in order"	1
297	Ľúčna Brise	E1	wool	8900	2026-05-14 12:36:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
298	Little Sjøfugl	S2	grain	7400	2026-05-14 19:46:00+00	f	\N	1
299	Silver Sjøfugl	W3	wool	8000	2026-05-15 07:08:00+00	\N	déchargement de nuit	1
300	Old Marlin	N2	timber	\N	2026-05-15 12:24:00+00	t	\N	1
301	Winter Tern	W4	empty	\N	2026-05-15 16:46:00+00	t	waits for customs; papers "in order"	1
302	Quiet Brise	W3	timber	2300	2026-05-16 04:18:00+00	t	<b>fragile</b> & heavy	1
303	Crimson Estrella	E4	salt	2000	2026-05-16 05:42:00+00	\N	waits for customs; papers "in order"	1
304	Grey Estrella	W1	grain	4000	2026-05-16 10:01:00+00	f	'; drop table arrivals; --	1
305	Ľúčna Marlin	N4	timber	600	2026-05-16 21:24:00+00	t	\N	1
306	Crimson Marlin	W2	salt	6100	2026-05-17 07:46:00+00	t	late tide	1
307	Señora Marlin	S1	wool	1900	2026-05-17 12:52:00+00	t	crew change	1
308	Old Marlin	E2	wool	8700	2026-05-17 17:39:00+00	t	two calls, one manifest	1
309	Señora Gull	N1	salt	7600	2026-05-17 22:52:00+00	t	two calls, one manifest	1
310	Little Otter	S4	grain	\N	2026-05-17 23:24:00+00	t	waits for customs; papers "in order"	1
311	Blå Petrel	S3	empty	\N	2026-05-18 10:28:00+00	f	late tide	1
312	Ľúčna Marlin	N4	slate	3200	2026-05-18 14:58:00+00	t	waits for customs; papers "in order"	1
313	Quiet Möwe	S2	salt	1300	2026-05-18 22:14:00+00	t	مرساة خارج الميناء	1
314	Früher Sundew	S2	herring	2200	2026-05-19 06:44:00+00	t	déchargement de nuit	1
315	Salt Kittiwake	S3	timber	600	2026-05-19 14:24:00+00	t	pilot on board	1
316	Silver Żuraw	E2	machine parts	8300	2026-05-19 23:27:00+00	t	\N	1
317	Little Brise	N4	grain	5100	2026-05-20 03:21:00+00	t	two calls, one manifest	1
318	Morning Tern	W1	empty	\N	2026-05-20 03:39:00+00	t	two calls, one manifest	1
319	Silver Sjøfugl	W1	grain	4200	2026-05-20 07:29:00+00	t	déchargement de nuit	1
320	Morning Otter	W4	timber	2100	2026-05-20 18:37:00+00	f	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
321	Crimson Marlin	W2	salt	8700	2026-05-21 03:28:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
322	Northern Brise	E1	timber	300	2026-05-21 12:11:00+00	t	late tide	1
323	Øst Żuraw	S1	wool	1000	2026-05-21 20:27:00+00	t	\N	1
324	Silver Heron	W2	wool	3200	2026-05-22 00:13:00+00	t	déchargement de nuit	1
325	Morning Estrella	S4	empty	\N	2026-05-22 09:25:00+00	t	<b>fragile</b> & heavy	1
326	Quiet Otter	N2	grain	8700	2026-05-22 14:45:00+00	t	crew change	1
327	Northern Gull	E2	slate	800	2026-05-22 18:50:00+00	t	مرساة خارج الميناء	1
328	Crimson Möwe	E3	herring	3500	2026-05-23 03:37:00+00	f	crew change	1
329	Grey Heron	S2	salt	7200	2026-05-23 04:07:00+00	t	<b>fragile</b> & heavy	1
330	Grey Gull	W2	slate	5400	2026-05-23 15:01:00+00	t	déchargement de nuit	1
331	Salt Lantern	N4	wool	3300	2026-05-23 15:21:00+00	t	crew change	1
332	Blå Tern	S4	grain	3200	2026-05-23 21:41:00+00	t	<b>fragile</b> & heavy	1
333	Quiet Sjøfugl	E1	timber	3600	2026-05-24 01:15:00+00	f	\N	1
334	Quiet Marlin	N3	herring	7800	2026-05-24 07:49:00+00	f	\N	1
335	Morning Sjøfugl	W3	herring	3700	2026-05-24 12:34:00+00	t	late tide	1
336	Señora Kittiwake	S2	timber	4500	2026-05-24 18:12:00+00	t	'; drop table arrivals; --	1
337	Silver Otter	N3	timber	5800	2026-05-25 03:39:00+00	t	crew change	1
338	Little Heron	N3	herring	3500	2026-05-25 15:10:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
339	Grey Sjøfugl	S1	timber	8300	2026-05-25 15:30:00+00	t	two calls, one manifest	1
340	Brave Estrella	W1	herring	1400	2026-05-25 16:23:00+00	f	\N	1
341	Øst Żuraw	E2	grain	9200	2026-05-25 20:35:00+00	t	\N	1
342	Blå Anchor	E4	slate	6700	2026-05-25 20:56:00+00	f	\N	1
343	Brave Sjøfugl	N4	wool	900	2026-05-26 06:19:00+00	t	damaged fender, berth side	1
344	Früher Marlin	N1	machine parts	5400	2026-05-26 10:00:00+00	t	déchargement de nuit	1
345	Brave Otter	S3	empty	\N	2026-05-26 12:44:00+00	t	\N	1
346	Señora Lantern	S1	grain	1400	2026-05-26 19:19:00+00	f	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
347	Grey Möwe	N3	grain	3800	2026-05-26 22:34:00+00	t	déchargement de nuit	1
\.


--
-- Data for Name: records_14; Type: TABLE DATA; Schema: pageladder; Owner: -
--

COPY pageladder.records_14 (id, vessel, berth, cargo, tonnage, arrived_at, cleared, note, "pl.revision") FROM stdin;
1	Quiet Heron	S2	empty	\N	2026-03-01 05:50:00+00	t	crew change	1
2	Øst Lantern	W1	salt	5300	2026-03-01 14:01:00+00	t	crew change	1
3	Blå Kittiwake	N2	machine parts	7700	2026-03-02 00:15:00+00	t	\N	1
4	Brave Sundew	E3	salt	4800	2026-03-02 05:14:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
5	Morning Cormorant	E1	machine parts	8400	2026-03-02 11:05:00+00	f	\N	1
6	Brave Kittiwake	N4	timber	1900	2026-03-02 22:20:00+00	t	\N	1
7	Früher Gull	S4	wool	7900	2026-03-03 05:12:00+00	f	'; drop table arrivals; --	1
8	Blå Brise	S3	timber	900	2026-03-03 14:30:00+00	t	two calls, one manifest	1
9	Quiet Cormorant	N4	slate	6600	2026-03-03 19:59:00+00	t	\N	1
10	Señora Petrel	W1	empty	\N	2026-03-04 03:32:00+00	f	waits for customs; papers "in order"	1
11	Grey Otter	W3	empty	\N	2026-03-04 06:43:00+00	t	déchargement de nuit	1
12	Little Lantern	N3	grain	8100	2026-03-04 16:55:00+00	f	\N	1
13	Blå Anchor	N2	machine parts	2600	2026-03-05 04:11:00+00	t	مرساة خارج الميناء	1
14	Quiet Sundew	E4	grain	\N	2026-03-05 08:58:00+00	t	'; drop table arrivals; --	1
15	Früher Heron	E2	slate	5900	2026-03-05 20:21:00+00	t	\N	1
16	Früher Tern	E1	slate	7800	2026-03-06 06:14:00+00	t	damaged fender, berth side	1
17	Quiet Lantern	N3	salt	2900	2026-03-06 14:17:00+00	t	crew change	1
18	Øst Heron	W4	slate	2200	2026-03-06 14:48:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
19	Øst Otter	N2	machine parts	\N	2026-03-06 22:33:00+00	f	'; drop table arrivals; --	1
20	Quiet Anchor	W1	timber	8500	2026-03-07 01:49:00+00	t	two calls, one manifest	1
21	Crimson Estrella	E3	wool	4600	2026-03-07 06:39:00+00	t	\N	1
22	Früher Marlin	N4	machine parts	6200	2026-03-07 15:57:00+00	t	pilot on board	1
23	Blå Estrella	E1	wool	500	2026-03-07 22:22:00+00	t	'; drop table arrivals; --	1
24	Señora Brise	W2	timber	6800	2026-03-08 10:05:00+00	f	two calls, one manifest	1
25	Silver Heron	W3	grain	2000	2026-03-08 12:49:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
26	Früher Otter	E4	timber	4700	2026-03-08 13:44:00+00	t	déchargement de nuit	1
27	Salt Anchor	N3	empty	\N	2026-03-08 23:04:00+00	f	late tide	1
28	Øst Żuraw	E3	herring	1500	2026-03-09 03:37:00+00	f	\N	1
29	Morning Estrella	E3	herring	4300	2026-03-09 10:59:00+00	t	\N	1
30	Blå Cormorant	S1	salt	1900	2026-03-09 18:10:00+00	f	déchargement de nuit	1
31	Quiet Estrella	N3	empty	\N	2026-03-10 05:32:00+00	t	late tide	1
32	Amber Cormorant	N2	salt	5800	2026-03-10 16:00:00+00	f	late tide	1
33	Øst Brise	W2	timber	8000	2026-03-11 03:13:00+00	t	مرساة خارج الميناء	1
34	Grey Möwe	S1	wool	3000	2026-03-11 07:23:00+00	t	damaged fender, berth side	1
35	Øst Sundew	S1	empty	\N	2026-03-11 08:19:00+00	t	déchargement de nuit	1
36	Señora Sjøfugl	N1	empty	\N	2026-03-11 15:14:00+00	t	two calls, one manifest	1
37	Brave Cormorant	W1	salt	6100	2026-03-11 15:36:00+00	f	'; drop table arrivals; --	1
38	Winter Anchor	E3	wool	6200	2026-03-11 19:40:00+00	t	\N	1
39	Salt Heron	W4	machine parts	3400	2026-03-12 01:04:00+00	\N	\N	1
40	Salt Anchor	N2	wool	7300	2026-03-12 08:52:00+00	t	<b>fragile</b> & heavy	1
41	Øst Petrel	E1	timber	5800	2026-03-12 11:30:00+00	t	\N	1
42	Ľúčna Brise	N4	empty	\N	2026-03-12 18:45:00+00	t	pilot on board	1
43	Ľúčna Cormorant	N3	machine parts	8200	2026-03-12 22:03:00+00	t	<b>fragile</b> & heavy	1
44	Silver Petrel	N2	empty	\N	2026-03-13 02:57:00+00	t	مرساة خارج الميناء	1
45	Ľúčna Marlin	S1	machine parts	2100	2026-03-13 10:40:00+00	t	waits for customs; papers "in order"	1
46	Salt Żuraw	S3	herring	2700	2026-03-13 21:04:00+00	t	'; drop table arrivals; --	1
47	Salt Otter	N3	empty	\N	2026-03-13 23:11:00+00	t	waits for customs; papers "in order"	1
48	Blå Tern	W1	herring	1500	2026-03-14 09:33:00+00	t	<b>fragile</b> & heavy	1
49	Quiet Cormorant	W1	herring	300	2026-03-14 10:59:00+00	t	waits for customs; papers "in order"	1
50	Little Anchor	E3	grain	4300	2026-03-14 19:27:00+00	f	\N	1
51	Blå Estrella	S4	grain	4300	2026-03-14 21:43:00+00	f	damaged fender, berth side	1
52	Øst Sjøfugl	N4	wool	\N	2026-03-15 07:09:00+00	f	waits for customs; papers "in order"	1
53	Little Estrella	E4	herring	6200	2026-03-15 09:57:00+00	f	مرساة خارج الميناء	1
54	Little Heron	W1	wool	1900	2026-03-15 11:05:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
55	Northern Sundew	S4	timber	6600	2026-03-15 13:32:00+00	t	pilot on board	1
56	Winter Żuraw	E4	timber	8500	2026-03-15 21:07:00+00	t	مرساة خارج الميناء	1
57	Silver Sjøfugl	N2	herring	1500	2026-03-15 21:48:00+00	t	\N	1
58	Morning Cormorant	S2	herring	3000	2026-03-16 02:57:00+00	t	damaged fender, berth side	1
59	Ľúčna Anchor	N1	wool	7100	2026-03-16 11:55:00+00	t	<b>fragile</b> & heavy	1
60	Crimson Estrella	N2	salt	3200	2026-03-16 14:50:00+00	t	waits for customs; papers "in order"	1
61	Winter Heron	W2	slate	\N	2026-03-17 00:22:00+00	f	<b>fragile</b> & heavy	1
62	Brave Kittiwake	N2	slate	5700	2026-03-17 01:07:00+00	f	damaged fender, berth side	1
63	Winter Gull	E1	herring	1800	2026-03-17 06:47:00+00	t	'; drop table arrivals; --	1
64	Señora Kittiwake	W3	grain	5600	2026-03-17 13:40:00+00	t	\N	1
65	Blå Möwe	W3	wool	500	2026-03-17 15:10:00+00	t	waits for customs; papers "in order"	1
66	Grey Petrel	N3	grain	7200	2026-03-18 00:08:00+00	t	déchargement de nuit	1
67	Grey Kittiwake	W3	timber	2700	2026-03-18 09:52:00+00	t	damaged fender, berth side	1
68	Morning Tern	S2	wool	7100	2026-03-18 19:31:00+00	t	مرساة خارج الميناء	1
69	Øst Żuraw	S4	grain	6200	2026-03-19 05:45:00+00	t	déchargement de nuit	1
70	Früher Anchor	E1	slate	6700	2026-03-19 06:16:00+00	\N	déchargement de nuit	1
71	Øst Otter	N4	wool	5600	2026-03-19 06:50:00+00	t	déchargement de nuit	1
72	Señora Estrella	W2	grain	4600	2026-03-19 10:02:00+00	t	waits for customs; papers "in order"	1
73	Blå Sjøfugl	E4	timber	3700	2026-03-19 16:54:00+00	t	waits for customs; papers "in order"	1
74	Silver Petrel	E2	grain	3700	2026-03-19 20:00:00+00	f	pilot on board	1
75	Señora Marlin	W4	salt	\N	2026-03-19 22:14:00+00	f	damaged fender, berth side	1
76	Northern Möwe	N4	salt	600	2026-03-20 05:09:00+00	f	\N	1
77	Winter Heron	W2	timber	2700	2026-03-20 10:01:00+00	t	two calls, one manifest	1
78	Little Möwe	E4	timber	5400	2026-03-20 10:48:00+00	t	pilot on board	1
79	Winter Petrel	W4	grain	3900	2026-03-20 14:14:00+00	f	pilot on board	1
80	Øst Möwe	E1	slate	7600	2026-03-20 23:28:00+00	f	late tide	1
81	Ľúčna Tern	E2	salt	6900	2026-03-21 06:58:00+00	t	مرساة خارج الميناء	1
82	Øst Żuraw	W4	machine parts	6400	2026-03-21 11:01:00+00	t	مرساة خارج الميناء	1
83	Morning Kittiwake	W3	wool	500	2026-03-21 18:40:00+00	t	\N	1
84	Señora Tern	E2	timber	4700	2026-03-22 02:32:00+00	\N	\N	1
85	Silver Heron	E3	grain	8400	2026-03-22 07:33:00+00	t	مرساة خارج الميناء	1
86	Brave Gull	N2	wool	7600	2026-03-22 15:22:00+00	t	pilot on board	1
87	Quiet Cormorant	S3	herring	6800	2026-03-22 18:23:00+00	t	two calls, one manifest	1
88	Crimson Lantern	E3	grain	5600	2026-03-23 04:08:00+00	f	\N	1
89	Blå Sundew	E2	empty	\N	2026-03-23 06:51:00+00	t	\N	1
90	Little Sjøfugl	E4	grain	8700	2026-03-23 09:25:00+00	f	crew change	1
91	Ľúčna Sundew	S2	slate	2300	2026-03-23 19:42:00+00	t	\N	1
92	Old Petrel	N2	grain	3800	2026-03-24 07:05:00+00	\N	\N	1
93	Grey Kittiwake	N3	grain	2200	2026-03-24 11:28:00+00	t	déchargement de nuit	1
94	Île Lantern	S1	machine parts	1300	2026-03-24 17:27:00+00	f	'; drop table arrivals; --	1
95	Früher Estrella	W1	empty	\N	2026-03-24 22:10:00+00	t	déchargement de nuit	1
96	Crimson Sjøfugl	N1	grain	6500	2026-03-25 03:37:00+00	t	'; drop table arrivals; --	1
97	Old Tern	N2	herring	2300	2026-03-25 09:28:00+00	t	\N	1
98	Silver Anchor	N3	empty	\N	2026-03-25 09:56:00+00	t	late tide	1
99	Northern Otter	E1	slate	7100	2026-03-25 12:40:00+00	t	\N	1
100	Northern Lantern	E2	timber	6100	2026-03-25 19:23:00+00	t	\N	1
101	Crimson Gull	E4	slate	8100	2026-03-26 06:47:00+00	t	\N	1
102	Silver Sjøfugl	W1	herring	6800	2026-03-26 08:54:00+00	t	\N	1
103	Morning Cormorant	N3	empty	\N	2026-03-26 19:07:00+00	t	déchargement de nuit	1
104	Old Brise	S4	machine parts	1000	2026-03-26 20:36:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
105	Grey Brise	S2	wool	8800	2026-03-27 06:11:00+00	f	'; drop table arrivals; --	1
106	Brave Estrella	W2	herring	5700	2026-03-27 15:00:00+00	t	damaged fender, berth side	1
107	Amber Cormorant	N1	machine parts	4700	2026-03-28 01:21:00+00	t	pilot on board	1
108	Øst Marlin	N1	grain	5400	2026-03-28 05:21:00+00	t	déchargement de nuit	1
109	Brave Otter	E3	herring	7600	2026-03-28 13:27:00+00	f	\N	1
110	Silver Otter	E4	slate	3700	2026-03-28 14:17:00+00	t	damaged fender, berth side	1
111	Salt Kittiwake	W3	timber	7100	2026-03-28 22:44:00+00	f	crew change	1
112	Silver Heron	E1	wool	\N	2026-03-29 04:02:00+00	t	waits for customs; papers "in order"	1
113	Little Gull	E1	salt	900	2026-03-29 11:14:00+00	t	مرساة خارج الميناء	1
114	Winter Brise	S1	empty	\N	2026-03-29 17:04:00+00	t	waits for customs; papers "in order"	1
115	Winter Estrella	S4	grain	4100	2026-03-30 02:41:00+00	t	\N	1
116	Winter Gull	S3	machine parts	4800	2026-03-30 08:03:00+00	f	\N	1
117	Salt Lantern	W1	wool	\N	2026-03-30 15:50:00+00	t	late tide	1
118	Grey Möwe	E2	herring	\N	2026-03-31 02:42:00+00	t	late tide	1
119	Winter Kittiwake	N3	grain	8800	2026-03-31 14:17:00+00	t	crew change	1
120	Blå Möwe	S4	grain	8600	2026-03-31 23:52:00+00	t	\N	1
121	Grey Estrella	E1	herring	\N	2026-04-01 04:32:00+00	f	waits for customs; papers "in order"	1
122	Salt Marlin	N4	wool	3000	2026-04-01 11:45:00+00	t	'; drop table arrivals; --	1
123	Brave Tern	S2	herring	4400	2026-04-01 16:46:00+00	t	waits for customs; papers "in order"	1
124	Grey Lantern	S1	salt	3000	2026-04-01 23:06:00+00	t	'; drop table arrivals; --	1
125	Little Sjøfugl	N4	wool	7900	2026-04-02 02:17:00+00	t	<b>fragile</b> & heavy	1
126	Winter Estrella	N3	slate	\N	2026-04-02 08:02:00+00	f	\N	1
127	Brave Tern	N1	machine parts	2800	2026-04-02 13:39:00+00	t	waits for customs; papers "in order"	1
128	Île Sjøfugl	E3	salt	7500	2026-04-02 19:00:00+00	t	\N	1
129	Grey Sjøfugl	N4	wool	6700	2026-04-02 20:28:00+00	t	\N	1
130	Blå Cormorant	S1	machine parts	5900	2026-04-03 05:06:00+00	f	waits for customs; papers "in order"	1
131	Ľúčna Kittiwake	E2	slate	2400	2026-04-03 11:49:00+00	t	pilot on board	1
132	Salt Heron	W2	timber	2600	2026-04-03 12:26:00+00	t	late tide	1
133	Morning Möwe	W3	wool	\N	2026-04-03 15:07:00+00	t	\N	1
134	Old Brise	N4	wool	7800	2026-04-03 22:02:00+00	t	مرساة خارج الميناء	1
135	Crimson Sjøfugl	W3	grain	800	2026-04-04 06:28:00+00	t	déchargement de nuit	1
136	Amber Anchor	E2	herring	5100	2026-04-04 09:19:00+00	\N	\N	1
137	Ľúčna Sjøfugl	E4	salt	\N	2026-04-04 15:33:00+00	t	<b>fragile</b> & heavy	1
138	Øst Marlin	W4	timber	9200	2026-04-05 02:41:00+00	t	two calls, one manifest	1
139	Früher Żuraw	S4	slate	4900	2026-04-05 10:13:00+00	\N	\N	1
140	Quiet Żuraw	S4	wool	2500	2026-04-05 12:29:00+00	t	déchargement de nuit	1
141	Morning Marlin	W3	grain	6900	2026-04-05 21:22:00+00	t	déchargement de nuit	1
142	Île Anchor	N3	wool	700	2026-04-05 22:07:00+00	f	\N	1
143	Salt Tern	N2	salt	\N	2026-04-06 00:24:00+00	t	<b>fragile</b> & heavy	1
144	Morning Sjøfugl	S1	slate	3900	2026-04-06 12:02:00+00	t	\N	1
145	Amber Kittiwake	S1	herring	2100	2026-04-06 21:59:00+00	t	\N	1
146	Ľúčna Żuraw	W1	timber	1800	2026-04-07 03:41:00+00	t	'; drop table arrivals; --	1
147	Northern Żuraw	E1	wool	8700	2026-04-07 12:05:00+00	t	pilot on board	1
148	Île Cormorant	N4	empty	\N	2026-04-07 13:35:00+00	t	مرساة خارج الميناء	1
149	Old Möwe	S3	machine parts	8400	2026-04-07 22:12:00+00	f	waits for customs; papers "in order"	1
150	Winter Gull	S3	herring	8500	2026-04-08 04:12:00+00	t	\N	1
151	Old Lantern	E2	herring	2200	2026-04-08 12:32:00+00	t	\N	1
152	Señora Cormorant	E3	slate	1000	2026-04-08 14:44:00+00	t	waits for customs; papers "in order"	1
153	Blå Marlin	S2	salt	1700	2026-04-09 01:59:00+00	t	<b>fragile</b> & heavy	1
154	Brave Petrel	E2	wool	1700	2026-04-09 07:52:00+00	t	déchargement de nuit	1
155	Northern Tern	N4	herring	5800	2026-04-09 14:27:00+00	t	\N	1
156	Salt Cormorant	W2	empty	\N	2026-04-10 01:04:00+00	t	\N	1
157	Blå Sjøfugl	S2	slate	3000	2026-04-10 10:26:00+00	t	damaged fender, berth side	1
158	Øst Heron	S2	salt	7900	2026-04-10 13:34:00+00	\N	déchargement de nuit	1
159	Grey Lantern	N4	wool	7700	2026-04-10 23:54:00+00	t	crew change	1
160	Quiet Sundew	W2	wool	500	2026-04-11 02:21:00+00	t	damaged fender, berth side	1
161	Northern Estrella	N1	wool	4300	2026-04-11 10:57:00+00	t	مرساة خارج الميناء	1
162	Früher Tern	S3	salt	5700	2026-04-11 20:39:00+00	t	'; drop table arrivals; --	1
163	Quiet Marlin	W2	salt	9200	2026-04-12 03:30:00+00	t	late tide	1
164	Little Marlin	S2	slate	8800	2026-04-12 07:00:00+00	f	\N	1
165	Ľúčna Lantern	N2	grain	5400	2026-04-12 07:52:00+00	t	\N	1
166	Blå Marlin	N4	salt	5800	2026-04-12 11:07:00+00	f	two calls, one manifest	1
167	Northern Cormorant	E4	empty	\N	2026-04-12 12:56:00+00	f	مرساة خارج الميناء	1
168	Little Estrella	N2	machine parts	2000	2026-04-12 21:11:00+00	t	crew change	1
169	Northern Gull	W1	machine parts	1500	2026-04-13 01:27:00+00	f	pilot on board	1
170	Früher Cormorant	N3	herring	7900	2026-04-13 12:43:00+00	t	two calls, one manifest	1
171	Old Marlin	W4	salt	5000	2026-04-13 19:33:00+00	t	'; drop table arrivals; --	1
172	Señora Sjøfugl	E4	empty	\N	2026-04-14 03:41:00+00	t	waits for customs; papers "in order"	1
173	Salt Otter	W3	empty	\N	2026-04-14 13:58:00+00	t	crew change	1
174	Ľúčna Żuraw	N4	machine parts	5000	2026-04-14 21:27:00+00	t	pilot on board	1
175	Crimson Otter	S1	salt	3500	2026-04-15 08:13:00+00	t	مرساة خارج الميناء	1
176	Île Petrel	W2	slate	4600	2026-04-15 10:21:00+00	t	damaged fender, berth side	1
177	Grey Sundew	E4	salt	6800	2026-04-15 15:41:00+00	t	مرساة خارج الميناء	1
178	Grey Brise	S3	grain	1300	2026-04-15 18:25:00+00	t	'; drop table arrivals; --	1
179	Ľúčna Tern	N2	wool	2800	2026-04-15 22:29:00+00	t	\N	1
180	Ľúčna Tern	W4	empty	\N	2026-04-16 03:16:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
181	Grey Anchor	W2	machine parts	600	2026-04-16 12:30:00+00	t	\N	1
182	Winter Brise	N3	machine parts	6700	2026-04-16 19:29:00+00	t	\N	1
183	Old Kittiwake	S1	wool	3300	2026-04-17 04:07:00+00	t	late tide	1
184	Früher Lantern	E2	wool	3500	2026-04-17 12:13:00+00	t	waits for customs; papers "in order"	1
185	Winter Otter	W3	machine parts	2600	2026-04-17 15:14:00+00	t	waits for customs; papers "in order"	1
186	Blå Brise	E4	empty	\N	2026-04-17 22:34:00+00	t	late tide	1
187	Amber Petrel	E4	slate	6600	2026-04-18 09:41:00+00	f	pilot on board	1
188	Señora Anchor	N4	timber	4900	2026-04-18 21:29:00+00	t	\N	1
189	Île Heron	S3	grain	9200	2026-04-19 08:48:00+00	f	pilot on board	1
190	Northern Petrel	W3	salt	8600	2026-04-19 14:14:00+00	t	two calls, one manifest	1
191	Quiet Cormorant	W4	timber	1300	2026-04-19 15:46:00+00	f	two calls, one manifest	1
192	Northern Sjøfugl	E4	timber	7300	2026-04-19 19:48:00+00	t	<b>fragile</b> & heavy	1
193	Señora Żuraw	W4	slate	8100	2026-04-20 01:04:00+00	t	\N	1
194	Old Marlin	S1	timber	8800	2026-04-20 08:44:00+00	t	'; drop table arrivals; --	1
195	Île Lantern	S1	wool	1600	2026-04-20 09:37:00+00	t	<b>fragile</b> & heavy	1
196	Silver Cormorant	N1	machine parts	8100	2026-04-20 11:24:00+00	t	damaged fender, berth side	1
197	Früher Sundew	S3	wool	7700	2026-04-20 17:31:00+00	f	\N	1
198	Little Marlin	W2	slate	1700	2026-04-20 19:00:00+00	f	\N	1
199	Señora Möwe	E4	herring	8400	2026-04-21 06:04:00+00	f	<b>fragile</b> & heavy	1
200	Île Gull	N4	machine parts	1000	2026-04-21 10:38:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
201	Morning Anchor	N3	machine parts	6900	2026-04-21 11:59:00+00	f	\N	1
202	Crimson Estrella	W2	slate	\N	2026-04-21 13:32:00+00	t	\N	1
203	Øst Tern	W3	grain	6500	2026-04-21 16:54:00+00	f	'; drop table arrivals; --	1
204	Little Gull	W2	timber	5800	2026-04-21 18:52:00+00	f	\N	1
205	Northern Żuraw	E2	timber	7900	2026-04-21 19:08:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
206	Amber Tern	W1	machine parts	1800	2026-04-22 04:37:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
207	Brave Möwe	S4	herring	4400	2026-04-22 14:52:00+00	t	\N	1
208	Île Möwe	W2	salt	4000	2026-04-22 19:45:00+00	t	\N	1
209	Früher Möwe	S2	slate	8900	2026-04-23 00:28:00+00	t	'; drop table arrivals; --	1
210	Old Anchor	S4	empty	\N	2026-04-23 08:55:00+00	t	<b>fragile</b> & heavy	1
211	Île Tern	S1	empty	\N	2026-04-23 19:57:00+00	f	pilot on board	1
212	Früher Marlin	W2	wool	8500	2026-04-23 21:42:00+00	t	\N	1
213	Señora Żuraw	W2	empty	\N	2026-04-23 21:58:00+00	t	\N	1
214	Northern Cormorant	W4	wool	600	2026-04-23 23:01:00+00	t	crew change	1
215	Señora Lantern	E3	wool	9100	2026-04-24 06:26:00+00	t	late tide	1
216	Salt Otter	N1	salt	5200	2026-04-24 12:30:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
217	Silver Anchor	E1	wool	6300	2026-04-24 16:40:00+00	t	'; drop table arrivals; --	1
218	Morning Anchor	N2	grain	2900	2026-04-25 01:42:00+00	t	late tide	1
219	Old Heron	S2	wool	3400	2026-04-25 08:04:00+00	f	\N	1
220	Little Otter	S3	wool	5700	2026-04-25 16:33:00+00	t	déchargement de nuit	1
221	Grey Petrel	W2	wool	5400	2026-04-25 17:12:00+00	t	damaged fender, berth side	1
222	Morning Sjøfugl	S3	herring	5700	2026-04-25 23:11:00+00	t	\N	1
223	Blå Möwe	S4	empty	\N	2026-04-26 07:20:00+00	t	damaged fender, berth side	1
224	Brave Żuraw	S3	herring	7800	2026-04-26 19:07:00+00	f	مرساة خارج الميناء	1
225	Blå Otter	S4	salt	8600	2026-04-26 23:05:00+00	f	late tide	1
226	Grey Heron	N1	wool	4800	2026-04-27 04:38:00+00	t	late tide	1
227	Grey Otter	N1	timber	8300	2026-04-27 05:28:00+00	f	\N	1
228	Blå Heron	E4	machine parts	3900	2026-04-27 07:18:00+00	t	crew change	1
229	Amber Lantern	W2	grain	8800	2026-04-27 07:58:00+00	t	\N	1
230	Blå Estrella	W4	empty	\N	2026-04-27 09:18:00+00	t	\N	1
231	Brave Brise	E3	timber	2700	2026-04-27 20:30:00+00	t	\N	1
232	Ľúčna Żuraw	W1	wool	1100	2026-04-28 04:30:00+00	f	damaged fender, berth side	1
233	Northern Möwe	S3	grain	8100	2026-04-28 07:02:00+00	f	pilot on board	1
234	Früher Tern	W2	salt	6200	2026-04-28 11:36:00+00	t	pilot on board	1
235	Øst Gull	N3	slate	2400	2026-04-28 21:27:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
236	Northern Gull	W3	herring	5800	2026-04-29 05:29:00+00	f	\N	1
237	Ľúčna Möwe	E2	wool	9200	2026-04-29 08:37:00+00	t	مرساة خارج الميناء	1
238	Früher Estrella	E1	salt	8700	2026-04-29 16:09:00+00	f	pilot on board	1
239	Ľúčna Kittiwake	S1	timber	\N	2026-04-30 00:26:00+00	t	\N	1
240	Crimson Sundew	W4	slate	1400	2026-04-30 03:06:00+00	t	two calls, one manifest	1
241	Quiet Heron	N4	empty	\N	2026-04-30 03:56:00+00	t	waits for customs; papers "in order"	1
242	Salt Heron	E3	slate	\N	2026-04-30 12:54:00+00	t	\N	1
243	Señora Brise	S3	salt	3200	2026-04-30 23:15:00+00	t	late tide	1
244	Amber Żuraw	S3	machine parts	9000	2026-05-01 07:59:00+00	t	مرساة خارج الميناء	1
245	Quiet Heron	N2	wool	800	2026-05-01 13:34:00+00	t	crew change	1
246	Grey Żuraw	S3	wool	4400	2026-05-01 22:34:00+00	t	damaged fender, berth side	1
247	Quiet Cormorant	S3	salt	300	2026-05-02 00:20:00+00	t	crew change	1
248	Salt Sundew	W3	slate	8300	2026-05-02 10:30:00+00	\N	\N	1
249	Silver Estrella	S1	empty	\N	2026-05-02 20:55:00+00	t	\N	1
250	Little Żuraw	S2	empty	\N	2026-05-02 22:57:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
251	Old Sundew	E1	slate	4400	2026-05-03 06:01:00+00	t	crew change	1
252	Amber Tern	S2	herring	6500	2026-05-03 08:07:00+00	f	'; drop table arrivals; --	1
253	Old Sundew	S4	empty	\N	2026-05-03 14:28:00+00	t	\N	1
254	Crimson Kittiwake	N2	salt	2600	2026-05-03 18:29:00+00	f	مرساة خارج الميناء	1
255	Old Sundew	N2	salt	\N	2026-05-04 00:48:00+00	f	déchargement de nuit	1
256	Little Żuraw	E3	herring	4200	2026-05-04 09:01:00+00	t	pilot on board	1
257	Morning Sjøfugl	S2	grain	5300	2026-05-04 18:49:00+00	t	crew change	1
258	Little Möwe	S2	wool	3100	2026-05-04 19:06:00+00	t	مرساة خارج الميناء	1
259	Señora Otter	N3	empty	\N	2026-05-04 22:56:00+00	t	pilot on board	1
260	Amber Lantern	S3	wool	4300	2026-05-05 09:17:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
261	Ľúčna Petrel	N1	herring	4700	2026-05-05 14:06:00+00	t	two calls, one manifest	1
262	Winter Estrella	E2	timber	2800	2026-05-05 18:15:00+00	t	'; drop table arrivals; --	1
263	Señora Marlin	N3	wool	2400	2026-05-06 02:56:00+00	f	\N	1
264	Øst Cormorant	W2	timber	5100	2026-05-06 05:30:00+00	t	two calls, one manifest	1
265	Quiet Tern	S4	timber	5000	2026-05-06 12:25:00+00	t	\N	1
266	Île Marlin	W1	grain	\N	2026-05-06 22:48:00+00	t	damaged fender, berth side	1
267	Øst Gull	E2	wool	3400	2026-05-07 00:07:00+00	t	late tide	1
268	Silver Marlin	N2	timber	4500	2026-05-07 03:05:00+00	t	crew change	1
269	Little Marlin	N3	grain	4000	2026-05-07 05:32:00+00	f	déchargement de nuit	1
270	Morning Kittiwake	W4	slate	6700	2026-05-07 13:25:00+00	f	<b>fragile</b> & heavy	1
271	Old Marlin	W1	wool	2500	2026-05-07 16:53:00+00	t	\N	1
272	Winter Sundew	E4	empty	\N	2026-05-08 02:19:00+00	t	crew change	1
273	Brave Brise	S3	timber	4400	2026-05-08 12:46:00+00	t	\N	1
274	Blå Gull	W4	empty	\N	2026-05-08 20:35:00+00	t	late tide	1
275	Blå Brise	N3	empty	\N	2026-05-09 02:54:00+00	t	déchargement de nuit	1
276	Old Marlin	N4	wool	4400	2026-05-09 10:10:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
277	Grey Gull	E4	empty	\N	2026-05-09 20:54:00+00	t	<b>fragile</b> & heavy	1
278	Grey Möwe	S4	timber	600	2026-05-10 03:04:00+00	t	damaged fender, berth side	1
279	Northern Gull	W3	wool	7700	2026-05-10 11:38:00+00	t	'; drop table arrivals; --	1
280	Blå Heron	W1	wool	1800	2026-05-10 12:14:00+00	t	'; drop table arrivals; --	1
281	Ľúčna Marlin	S2	grain	8900	2026-05-10 21:02:00+00	t	crew change	1
282	Øst Otter	E2	empty	\N	2026-05-11 02:37:00+00	t	مرساة خارج الميناء	1
283	Northern Gull	S2	salt	6300	2026-05-11 03:17:00+00	f	two calls, one manifest	1
284	Blå Möwe	N3	salt	3700	2026-05-11 10:03:00+00	t	\N	1
285	Winter Lantern	W4	timber	6900	2026-05-11 20:40:00+00	t	pilot on board	1
286	Northern Cormorant	N2	herring	6200	2026-05-12 04:10:00+00	t	\N	1
287	Silver Lantern	W1	wool	1000	2026-05-12 10:31:00+00	f	مرساة خارج الميناء	1
288	Señora Gull	E3	herring	7800	2026-05-12 19:45:00+00	t	\N	1
289	Crimson Otter	S3	grain	2900	2026-05-13 07:00:00+00	t	two calls, one manifest	1
290	Quiet Cormorant	S4	grain	1900	2026-05-13 08:38:00+00	f	\N	1
291	Früher Petrel	W1	herring	5500	2026-05-13 14:20:00+00	f	damaged fender, berth side	1
292	Northern Anchor	E2	grain	6500	2026-05-13 15:58:00+00	t	two calls, one manifest	1
293	Little Żuraw	N3	wool	5800	2026-05-13 17:11:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
294	Morning Żuraw	E2	timber	4800	2026-05-14 01:50:00+00	t	crew change	1
295	Señora Estrella	S3	grain	7000	2026-05-14 05:54:00+00	\N	\N	1
296	Früher Marlin	W2	slate	6000	2026-05-14 08:43:00+00	t	waits for customs; papers "in order"	1
297	Ľúčna Brise	E1	wool	8900	2026-05-14 12:36:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
298	Little Sjøfugl	S2	grain	7400	2026-05-14 19:46:00+00	f	\N	1
299	Silver Sjøfugl	W3	wool	8000	2026-05-15 07:08:00+00	\N	déchargement de nuit	1
300	Old Marlin	N2	timber	\N	2026-05-15 12:24:00+00	t	\N	1
301	Winter Tern	W4	empty	\N	2026-05-15 16:46:00+00	t	waits for customs; papers "in order"	1
302	Quiet Brise	W3	timber	2300	2026-05-16 04:18:00+00	t	<b>fragile</b> & heavy	1
303	Crimson Estrella	E4	salt	2000	2026-05-16 05:42:00+00	\N	waits for customs; papers "in order"	1
304	Grey Estrella	W1	grain	4000	2026-05-16 10:01:00+00	f	'; drop table arrivals; --	1
305	Ľúčna Marlin	N4	timber	600	2026-05-16 21:24:00+00	t	\N	1
306	Crimson Marlin	W2	salt	6100	2026-05-17 07:46:00+00	t	late tide	1
307	Señora Marlin	S1	wool	1900	2026-05-17 12:52:00+00	t	crew change	1
308	Old Marlin	E2	wool	8700	2026-05-17 17:39:00+00	t	two calls, one manifest	1
309	Señora Gull	N1	salt	7600	2026-05-17 22:52:00+00	t	two calls, one manifest	1
310	Little Otter	S4	grain	\N	2026-05-17 23:24:00+00	t	waits for customs; papers "in order"	1
311	Blå Petrel	S3	empty	\N	2026-05-18 10:28:00+00	f	late tide	1
312	Ľúčna Marlin	N4	slate	3200	2026-05-18 14:58:00+00	t	waits for customs; papers "in order"	1
313	Quiet Möwe	S2	salt	1300	2026-05-18 22:14:00+00	t	مرساة خارج الميناء	1
314	Früher Sundew	S2	herring	2200	2026-05-19 06:44:00+00	t	déchargement de nuit	1
315	Salt Kittiwake	S3	timber	600	2026-05-19 14:24:00+00	t	pilot on board	1
316	Silver Żuraw	E2	machine parts	8300	2026-05-19 23:27:00+00	t	\N	1
317	Little Brise	N4	grain	5100	2026-05-20 03:21:00+00	t	two calls, one manifest	1
318	Morning Tern	W1	empty	\N	2026-05-20 03:39:00+00	t	two calls, one manifest	1
319	Silver Sjøfugl	W1	grain	4200	2026-05-20 07:29:00+00	t	déchargement de nuit	1
320	Morning Otter	W4	timber	2100	2026-05-20 18:37:00+00	f	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
321	Crimson Marlin	W2	salt	8700	2026-05-21 03:28:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
322	Northern Brise	E1	timber	300	2026-05-21 12:11:00+00	t	late tide	1
323	Øst Żuraw	S1	wool	1000	2026-05-21 20:27:00+00	t	\N	1
324	Silver Heron	W2	wool	3200	2026-05-22 00:13:00+00	t	déchargement de nuit	1
325	Morning Estrella	S4	empty	\N	2026-05-22 09:25:00+00	t	<b>fragile</b> & heavy	1
326	Quiet Otter	N2	grain	8700	2026-05-22 14:45:00+00	t	crew change	1
327	Northern Gull	E2	slate	800	2026-05-22 18:50:00+00	t	مرساة خارج الميناء	1
328	Crimson Möwe	E3	herring	3500	2026-05-23 03:37:00+00	f	crew change	1
329	Grey Heron	S2	salt	7200	2026-05-23 04:07:00+00	t	<b>fragile</b> & heavy	1
330	Grey Gull	W2	slate	5400	2026-05-23 15:01:00+00	t	déchargement de nuit	1
331	Salt Lantern	N4	wool	3300	2026-05-23 15:21:00+00	t	crew change	1
332	Blå Tern	S4	grain	3200	2026-05-23 21:41:00+00	t	<b>fragile</b> & heavy	1
333	Quiet Sjøfugl	E1	timber	3600	2026-05-24 01:15:00+00	f	\N	1
334	Quiet Marlin	N3	herring	7800	2026-05-24 07:49:00+00	f	\N	1
335	Morning Sjøfugl	W3	herring	3700	2026-05-24 12:34:00+00	t	late tide	1
336	Señora Kittiwake	S2	timber	4500	2026-05-24 18:12:00+00	t	'; drop table arrivals; --	1
337	Silver Otter	N3	timber	5800	2026-05-25 03:39:00+00	t	crew change	1
338	Little Heron	N3	herring	3500	2026-05-25 15:10:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
339	Grey Sjøfugl	S1	timber	8300	2026-05-25 15:30:00+00	t	two calls, one manifest	1
340	Brave Estrella	W1	herring	1400	2026-05-25 16:23:00+00	f	\N	1
341	Øst Żuraw	E2	grain	9200	2026-05-25 20:35:00+00	t	\N	1
342	Blå Anchor	E4	slate	6700	2026-05-25 20:56:00+00	f	\N	1
343	Brave Sjøfugl	N4	wool	900	2026-05-26 06:19:00+00	t	damaged fender, berth side	1
344	Früher Marlin	N1	machine parts	5400	2026-05-26 10:00:00+00	t	déchargement de nuit	1
345	Brave Otter	S3	empty	\N	2026-05-26 12:44:00+00	t	\N	1
346	Señora Lantern	S1	grain	1400	2026-05-26 19:19:00+00	f	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
347	Grey Möwe	N3	grain	3800	2026-05-26 22:34:00+00	t	déchargement de nuit	1
\.


--
-- Data for Name: records_15; Type: TABLE DATA; Schema: pageladder; Owner: -
--

COPY pageladder.records_15 (id, vessel, berth, cargo, tonnage, arrived_at, cleared, note, "pl.revision") FROM stdin;
1	Quiet Heron	S2	empty	\N	2026-03-01 05:50:00+00	t	crew change	1
2	Øst Lantern	W1	salt	5300	2026-03-01 14:01:00+00	t	crew change	1
3	Blå Kittiwake	N2	machine parts	7700	2026-03-02 00:15:00+00	t	\N	1
4	Brave Sundew	E3	salt	4800	2026-03-02 05:14:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
5	Morning Cormorant	E1	machine parts	8400	2026-03-02 11:05:00+00	f	\N	1
6	Brave Kittiwake	N4	timber	1900	2026-03-02 22:20:00+00	t	\N	1
7	Früher Gull	S4	wool	7900	2026-03-03 05:12:00+00	f	'; drop table arrivals; --	1
8	Blå Brise	S3	timber	900	2026-03-03 14:30:00+00	t	two calls, one manifest	1
9	Quiet Cormorant	N4	slate	6600	2026-03-03 19:59:00+00	t	\N	1
10	Señora Petrel	W1	empty	\N	2026-03-04 03:32:00+00	f	waits for customs; papers "in order"	1
11	Grey Otter	W3	empty	\N	2026-03-04 06:43:00+00	t	déchargement de nuit	1
12	Little Lantern	N3	grain	8100	2026-03-04 16:55:00+00	f	\N	1
13	Blå Anchor	N2	machine parts	2600	2026-03-05 04:11:00+00	t	مرساة خارج الميناء	1
14	Quiet Sundew	E4	grain	\N	2026-03-05 08:58:00+00	t	'; drop table arrivals; --	1
15	Früher Heron	E2	slate	5900	2026-03-05 20:21:00+00	t	\N	1
16	Früher Tern	E1	slate	7800	2026-03-06 06:14:00+00	t	damaged fender, berth side	1
17	Quiet Lantern	N3	salt	2900	2026-03-06 14:17:00+00	t	crew change	1
18	Øst Heron	W4	slate	2200	2026-03-06 14:48:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
19	Øst Otter	N2	machine parts	\N	2026-03-06 22:33:00+00	f	'; drop table arrivals; --	1
20	Quiet Anchor	W1	timber	8500	2026-03-07 01:49:00+00	t	two calls, one manifest	1
21	Crimson Estrella	E3	wool	4600	2026-03-07 06:39:00+00	t	\N	1
22	Früher Marlin	N4	machine parts	6200	2026-03-07 15:57:00+00	t	pilot on board	1
23	Blå Estrella	E1	wool	500	2026-03-07 22:22:00+00	t	'; drop table arrivals; --	1
24	Señora Brise	W2	timber	6800	2026-03-08 10:05:00+00	f	two calls, one manifest	1
25	Silver Heron	W3	grain	2000	2026-03-08 12:49:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
26	Früher Otter	E4	timber	4700	2026-03-08 13:44:00+00	t	déchargement de nuit	1
27	Salt Anchor	N3	empty	\N	2026-03-08 23:04:00+00	f	late tide	1
28	Øst Żuraw	E3	herring	1500	2026-03-09 03:37:00+00	f	\N	1
29	Morning Estrella	E3	herring	4300	2026-03-09 10:59:00+00	t	\N	1
30	Blå Cormorant	S1	salt	1900	2026-03-09 18:10:00+00	f	déchargement de nuit	1
31	Quiet Estrella	N3	empty	\N	2026-03-10 05:32:00+00	t	late tide	1
32	Amber Cormorant	N2	salt	5800	2026-03-10 16:00:00+00	f	late tide	1
33	Øst Brise	W2	timber	8000	2026-03-11 03:13:00+00	t	مرساة خارج الميناء	1
34	Grey Möwe	S1	wool	3000	2026-03-11 07:23:00+00	t	damaged fender, berth side	1
35	Øst Sundew	S1	empty	\N	2026-03-11 08:19:00+00	t	déchargement de nuit	1
36	Señora Sjøfugl	N1	empty	\N	2026-03-11 15:14:00+00	t	two calls, one manifest	1
37	Brave Cormorant	W1	salt	6100	2026-03-11 15:36:00+00	f	'; drop table arrivals; --	1
38	Winter Anchor	E3	wool	6200	2026-03-11 19:40:00+00	t	\N	1
39	Salt Heron	W4	machine parts	3400	2026-03-12 01:04:00+00	\N	\N	1
40	Salt Anchor	N2	wool	7300	2026-03-12 08:52:00+00	t	<b>fragile</b> & heavy	1
41	Øst Petrel	E1	timber	5800	2026-03-12 11:30:00+00	t	\N	1
42	Ľúčna Brise	N4	empty	\N	2026-03-12 18:45:00+00	t	pilot on board	1
43	Ľúčna Cormorant	N3	machine parts	8200	2026-03-12 22:03:00+00	t	<b>fragile</b> & heavy	1
44	Silver Petrel	N2	empty	\N	2026-03-13 02:57:00+00	t	مرساة خارج الميناء	1
45	Ľúčna Marlin	S1	machine parts	2100	2026-03-13 10:40:00+00	t	waits for customs; papers "in order"	1
46	Salt Żuraw	S3	herring	2700	2026-03-13 21:04:00+00	t	'; drop table arrivals; --	1
47	Salt Otter	N3	empty	\N	2026-03-13 23:11:00+00	t	waits for customs; papers "in order"	1
48	Blå Tern	W1	herring	1500	2026-03-14 09:33:00+00	t	<b>fragile</b> & heavy	1
49	Quiet Cormorant	W1	herring	300	2026-03-14 10:59:00+00	t	waits for customs; papers "in order"	1
50	Little Anchor	E3	grain	4300	2026-03-14 19:27:00+00	f	\N	1
51	Blå Estrella	S4	grain	4300	2026-03-14 21:43:00+00	f	damaged fender, berth side	1
52	Øst Sjøfugl	N4	wool	\N	2026-03-15 07:09:00+00	f	waits for customs; papers "in order"	1
53	Little Estrella	E4	herring	6200	2026-03-15 09:57:00+00	f	مرساة خارج الميناء	1
54	Little Heron	W1	wool	1900	2026-03-15 11:05:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
55	Northern Sundew	S4	timber	6600	2026-03-15 13:32:00+00	t	pilot on board	1
56	Winter Żuraw	E4	timber	8500	2026-03-15 21:07:00+00	t	مرساة خارج الميناء	1
57	Silver Sjøfugl	N2	herring	1500	2026-03-15 21:48:00+00	t	\N	1
58	Morning Cormorant	S2	herring	3000	2026-03-16 02:57:00+00	t	damaged fender, berth side	1
59	Ľúčna Anchor	N1	wool	7100	2026-03-16 11:55:00+00	t	<b>fragile</b> & heavy	1
60	Crimson Estrella	N2	salt	3200	2026-03-16 14:50:00+00	t	waits for customs; papers "in order"	1
61	Winter Heron	W2	slate	\N	2026-03-17 00:22:00+00	f	<b>fragile</b> & heavy	1
62	Brave Kittiwake	N2	slate	5700	2026-03-17 01:07:00+00	f	damaged fender, berth side	1
63	Winter Gull	E1	herring	1800	2026-03-17 06:47:00+00	t	'; drop table arrivals; --	1
64	Señora Kittiwake	W3	grain	5600	2026-03-17 13:40:00+00	t	\N	1
65	Blå Möwe	W3	wool	500	2026-03-17 15:10:00+00	t	waits for customs; papers "in order"	1
66	Grey Petrel	N3	grain	7200	2026-03-18 00:08:00+00	t	déchargement de nuit	1
67	Grey Kittiwake	W3	timber	2700	2026-03-18 09:52:00+00	t	damaged fender, berth side	1
68	Morning Tern	S2	wool	7100	2026-03-18 19:31:00+00	t	مرساة خارج الميناء	1
69	Øst Żuraw	S4	grain	6200	2026-03-19 05:45:00+00	t	déchargement de nuit	1
70	Früher Anchor	E1	slate	6700	2026-03-19 06:16:00+00	\N	déchargement de nuit	1
71	Øst Otter	N4	wool	5600	2026-03-19 06:50:00+00	t	déchargement de nuit	1
72	Señora Estrella	W2	grain	4600	2026-03-19 10:02:00+00	t	waits for customs; papers "in order"	1
73	Blå Sjøfugl	E4	timber	3700	2026-03-19 16:54:00+00	t	waits for customs; papers "in order"	1
74	Silver Petrel	E2	grain	3700	2026-03-19 20:00:00+00	f	pilot on board	1
75	Señora Marlin	W4	salt	\N	2026-03-19 22:14:00+00	f	damaged fender, berth side	1
76	Northern Möwe	N4	salt	600	2026-03-20 05:09:00+00	f	\N	1
77	Winter Heron	W2	timber	2700	2026-03-20 10:01:00+00	t	two calls, one manifest	1
78	Little Möwe	E4	timber	5400	2026-03-20 10:48:00+00	t	pilot on board	1
79	Winter Petrel	W4	grain	3900	2026-03-20 14:14:00+00	f	pilot on board	1
80	Øst Möwe	E1	slate	7600	2026-03-20 23:28:00+00	f	late tide	1
81	Ľúčna Tern	E2	salt	6900	2026-03-21 06:58:00+00	t	مرساة خارج الميناء	1
82	Øst Żuraw	W4	machine parts	6400	2026-03-21 11:01:00+00	t	مرساة خارج الميناء	1
83	Morning Kittiwake	W3	wool	500	2026-03-21 18:40:00+00	t	\N	1
84	Señora Tern	E2	timber	4700	2026-03-22 02:32:00+00	\N	\N	1
85	Silver Heron	E3	grain	8400	2026-03-22 07:33:00+00	t	مرساة خارج الميناء	1
86	Brave Gull	N2	wool	7600	2026-03-22 15:22:00+00	t	pilot on board	1
87	Quiet Cormorant	S3	herring	6800	2026-03-22 18:23:00+00	t	two calls, one manifest	1
88	Crimson Lantern	E3	grain	5600	2026-03-23 04:08:00+00	f	\N	1
89	Blå Sundew	E2	empty	\N	2026-03-23 06:51:00+00	t	\N	1
90	Little Sjøfugl	E4	grain	8700	2026-03-23 09:25:00+00	f	crew change	1
91	Ľúčna Sundew	S2	slate	2300	2026-03-23 19:42:00+00	t	\N	1
92	Old Petrel	N2	grain	3800	2026-03-24 07:05:00+00	\N	\N	1
93	Grey Kittiwake	N3	grain	2200	2026-03-24 11:28:00+00	t	déchargement de nuit	1
94	Île Lantern	S1	machine parts	1300	2026-03-24 17:27:00+00	f	'; drop table arrivals; --	1
95	Früher Estrella	W1	empty	\N	2026-03-24 22:10:00+00	t	déchargement de nuit	1
96	Crimson Sjøfugl	N1	grain	6500	2026-03-25 03:37:00+00	t	'; drop table arrivals; --	1
97	Old Tern	N2	herring	2300	2026-03-25 09:28:00+00	t	\N	1
98	Silver Anchor	N3	empty	\N	2026-03-25 09:56:00+00	t	late tide	1
99	Northern Otter	E1	slate	7100	2026-03-25 12:40:00+00	t	\N	1
100	Northern Lantern	E2	timber	6100	2026-03-25 19:23:00+00	t	\N	1
101	Crimson Gull	E4	slate	8100	2026-03-26 06:47:00+00	t	\N	1
102	Silver Sjøfugl	W1	herring	6800	2026-03-26 08:54:00+00	t	\N	1
103	Morning Cormorant	N3	empty	\N	2026-03-26 19:07:00+00	t	déchargement de nuit	1
104	Old Brise	S4	machine parts	1000	2026-03-26 20:36:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
105	Grey Brise	S2	wool	8800	2026-03-27 06:11:00+00	f	'; drop table arrivals; --	1
106	Brave Estrella	W2	herring	5700	2026-03-27 15:00:00+00	t	damaged fender, berth side	1
107	Amber Cormorant	N1	machine parts	4700	2026-03-28 01:21:00+00	t	pilot on board	1
108	Øst Marlin	N1	grain	5400	2026-03-28 05:21:00+00	t	déchargement de nuit	1
109	Brave Otter	E3	herring	7600	2026-03-28 13:27:00+00	f	\N	1
110	Silver Otter	E4	slate	3700	2026-03-28 14:17:00+00	t	damaged fender, berth side	1
111	Salt Kittiwake	W3	timber	7100	2026-03-28 22:44:00+00	f	crew change	1
112	Silver Heron	E1	wool	\N	2026-03-29 04:02:00+00	t	waits for customs; papers "in order"	1
113	Little Gull	E1	salt	900	2026-03-29 11:14:00+00	t	مرساة خارج الميناء	1
114	Winter Brise	S1	empty	\N	2026-03-29 17:04:00+00	t	waits for customs; papers "in order"	1
115	Winter Estrella	S4	grain	4100	2026-03-30 02:41:00+00	t	\N	1
116	Winter Gull	S3	machine parts	4800	2026-03-30 08:03:00+00	f	\N	1
117	Salt Lantern	W1	wool	\N	2026-03-30 15:50:00+00	t	late tide	1
118	Grey Möwe	E2	herring	\N	2026-03-31 02:42:00+00	t	late tide	1
119	Winter Kittiwake	N3	grain	8800	2026-03-31 14:17:00+00	t	crew change	1
120	Blå Möwe	S4	grain	8600	2026-03-31 23:52:00+00	t	\N	1
121	Grey Estrella	E1	herring	\N	2026-04-01 04:32:00+00	f	waits for customs; papers "in order"	1
122	Salt Marlin	N4	wool	3000	2026-04-01 11:45:00+00	t	'; drop table arrivals; --	1
123	Brave Tern	S2	herring	4400	2026-04-01 16:46:00+00	t	waits for customs; papers "in order"	1
124	Grey Lantern	S1	salt	3000	2026-04-01 23:06:00+00	t	'; drop table arrivals; --	1
125	Little Sjøfugl	N4	wool	7900	2026-04-02 02:17:00+00	t	<b>fragile</b> & heavy	1
126	Winter Estrella	N3	slate	\N	2026-04-02 08:02:00+00	f	\N	1
127	Brave Tern	N1	machine parts	2800	2026-04-02 13:39:00+00	t	waits for customs; papers "in order"	1
128	Île Sjøfugl	E3	salt	7500	2026-04-02 19:00:00+00	t	\N	1
129	Grey Sjøfugl	N4	wool	6700	2026-04-02 20:28:00+00	t	\N	1
130	Blå Cormorant	S1	machine parts	5900	2026-04-03 05:06:00+00	f	waits for customs; papers "in order"	1
131	Ľúčna Kittiwake	E2	slate	2400	2026-04-03 11:49:00+00	t	pilot on board	1
132	Salt Heron	W2	timber	2600	2026-04-03 12:26:00+00	t	late tide	1
133	Morning Möwe	W3	wool	\N	2026-04-03 15:07:00+00	t	\N	1
134	Old Brise	N4	wool	7800	2026-04-03 22:02:00+00	t	مرساة خارج الميناء	1
135	Crimson Sjøfugl	W3	grain	800	2026-04-04 06:28:00+00	t	déchargement de nuit	1
136	Amber Anchor	E2	herring	5100	2026-04-04 09:19:00+00	\N	\N	1
137	Ľúčna Sjøfugl	E4	salt	\N	2026-04-04 15:33:00+00	t	<b>fragile</b> & heavy	1
138	Øst Marlin	W4	timber	9200	2026-04-05 02:41:00+00	t	two calls, one manifest	1
139	Früher Żuraw	S4	slate	4900	2026-04-05 10:13:00+00	\N	\N	1
140	Quiet Żuraw	S4	wool	2500	2026-04-05 12:29:00+00	t	déchargement de nuit	1
141	Morning Marlin	W3	grain	6900	2026-04-05 21:22:00+00	t	déchargement de nuit	1
142	Île Anchor	N3	wool	700	2026-04-05 22:07:00+00	f	\N	1
143	Salt Tern	N2	salt	\N	2026-04-06 00:24:00+00	t	<b>fragile</b> & heavy	1
144	Morning Sjøfugl	S1	slate	3900	2026-04-06 12:02:00+00	t	\N	1
145	Amber Kittiwake	S1	herring	2100	2026-04-06 21:59:00+00	t	\N	1
146	Ľúčna Żuraw	W1	timber	1800	2026-04-07 03:41:00+00	t	'; drop table arrivals; --	1
147	Northern Żuraw	E1	wool	8700	2026-04-07 12:05:00+00	t	pilot on board	1
148	Île Cormorant	N4	empty	\N	2026-04-07 13:35:00+00	t	مرساة خارج الميناء	1
149	Old Möwe	S3	machine parts	8400	2026-04-07 22:12:00+00	f	waits for customs; papers "in order"	1
150	Winter Gull	S3	herring	8500	2026-04-08 04:12:00+00	t	\N	1
151	Old Lantern	E2	herring	2200	2026-04-08 12:32:00+00	t	\N	1
152	Señora Cormorant	E3	slate	1000	2026-04-08 14:44:00+00	t	waits for customs; papers "in order"	1
153	Blå Marlin	S2	salt	1700	2026-04-09 01:59:00+00	t	<b>fragile</b> & heavy	1
154	Brave Petrel	E2	wool	1700	2026-04-09 07:52:00+00	t	déchargement de nuit	1
155	Northern Tern	N4	herring	5800	2026-04-09 14:27:00+00	t	\N	1
156	Salt Cormorant	W2	empty	\N	2026-04-10 01:04:00+00	t	\N	1
157	Blå Sjøfugl	S2	slate	3000	2026-04-10 10:26:00+00	t	damaged fender, berth side	1
158	Øst Heron	S2	salt	7900	2026-04-10 13:34:00+00	\N	déchargement de nuit	1
159	Grey Lantern	N4	wool	7700	2026-04-10 23:54:00+00	t	crew change	1
160	Quiet Sundew	W2	wool	500	2026-04-11 02:21:00+00	t	damaged fender, berth side	1
161	Northern Estrella	N1	wool	4300	2026-04-11 10:57:00+00	t	مرساة خارج الميناء	1
162	Früher Tern	S3	salt	5700	2026-04-11 20:39:00+00	t	'; drop table arrivals; --	1
163	Quiet Marlin	W2	salt	9200	2026-04-12 03:30:00+00	t	late tide	1
164	Little Marlin	S2	slate	8800	2026-04-12 07:00:00+00	f	\N	1
165	Ľúčna Lantern	N2	grain	5400	2026-04-12 07:52:00+00	t	\N	1
166	Blå Marlin	N4	salt	5800	2026-04-12 11:07:00+00	f	two calls, one manifest	1
167	Northern Cormorant	E4	empty	\N	2026-04-12 12:56:00+00	f	مرساة خارج الميناء	1
168	Little Estrella	N2	machine parts	2000	2026-04-12 21:11:00+00	t	crew change	1
169	Northern Gull	W1	machine parts	1500	2026-04-13 01:27:00+00	f	pilot on board	1
170	Früher Cormorant	N3	herring	7900	2026-04-13 12:43:00+00	t	two calls, one manifest	1
171	Old Marlin	W4	salt	5000	2026-04-13 19:33:00+00	t	'; drop table arrivals; --	1
172	Señora Sjøfugl	E4	empty	\N	2026-04-14 03:41:00+00	t	waits for customs; papers "in order"	1
173	Salt Otter	W3	empty	\N	2026-04-14 13:58:00+00	t	crew change	1
174	Ľúčna Żuraw	N4	machine parts	5000	2026-04-14 21:27:00+00	t	pilot on board	1
175	Crimson Otter	S1	salt	3500	2026-04-15 08:13:00+00	t	مرساة خارج الميناء	1
176	Île Petrel	W2	slate	4600	2026-04-15 10:21:00+00	t	damaged fender, berth side	1
177	Grey Sundew	E4	salt	6800	2026-04-15 15:41:00+00	t	مرساة خارج الميناء	1
178	Grey Brise	S3	grain	1300	2026-04-15 18:25:00+00	t	'; drop table arrivals; --	1
179	Ľúčna Tern	N2	wool	2800	2026-04-15 22:29:00+00	t	\N	1
180	Ľúčna Tern	W4	empty	\N	2026-04-16 03:16:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
181	Grey Anchor	W2	machine parts	600	2026-04-16 12:30:00+00	t	\N	1
182	Winter Brise	N3	machine parts	6700	2026-04-16 19:29:00+00	t	\N	1
183	Old Kittiwake	S1	wool	3300	2026-04-17 04:07:00+00	t	late tide	1
184	Früher Lantern	E2	wool	3500	2026-04-17 12:13:00+00	t	waits for customs; papers "in order"	1
185	Winter Otter	W3	machine parts	2600	2026-04-17 15:14:00+00	t	waits for customs; papers "in order"	1
186	Blå Brise	E4	empty	\N	2026-04-17 22:34:00+00	t	late tide	1
187	Amber Petrel	E4	slate	6600	2026-04-18 09:41:00+00	f	pilot on board	1
188	Señora Anchor	N4	timber	4900	2026-04-18 21:29:00+00	t	\N	1
189	Île Heron	S3	grain	9200	2026-04-19 08:48:00+00	f	pilot on board	1
190	Northern Petrel	W3	salt	8600	2026-04-19 14:14:00+00	t	two calls, one manifest	1
191	Quiet Cormorant	W4	timber	1300	2026-04-19 15:46:00+00	f	two calls, one manifest	1
192	Northern Sjøfugl	E4	timber	7300	2026-04-19 19:48:00+00	t	<b>fragile</b> & heavy	1
193	Señora Żuraw	W4	slate	8100	2026-04-20 01:04:00+00	t	\N	1
194	Old Marlin	S1	timber	8800	2026-04-20 08:44:00+00	t	'; drop table arrivals; --	1
195	Île Lantern	S1	wool	1600	2026-04-20 09:37:00+00	t	<b>fragile</b> & heavy	1
196	Silver Cormorant	N1	machine parts	8100	2026-04-20 11:24:00+00	t	damaged fender, berth side	1
197	Früher Sundew	S3	wool	7700	2026-04-20 17:31:00+00	f	\N	1
198	Little Marlin	W2	slate	1700	2026-04-20 19:00:00+00	f	\N	1
199	Señora Möwe	E4	herring	8400	2026-04-21 06:04:00+00	f	<b>fragile</b> & heavy	1
200	Île Gull	N4	machine parts	1000	2026-04-21 10:38:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
201	Morning Anchor	N3	machine parts	6900	2026-04-21 11:59:00+00	f	\N	1
202	Crimson Estrella	W2	slate	\N	2026-04-21 13:32:00+00	t	\N	1
203	Øst Tern	W3	grain	6500	2026-04-21 16:54:00+00	f	'; drop table arrivals; --	1
204	Little Gull	W2	timber	5800	2026-04-21 18:52:00+00	f	\N	1
205	Northern Żuraw	E2	timber	7900	2026-04-21 19:08:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
206	Amber Tern	W1	machine parts	1800	2026-04-22 04:37:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
207	Brave Möwe	S4	herring	4400	2026-04-22 14:52:00+00	t	\N	1
208	Île Möwe	W2	salt	4000	2026-04-22 19:45:00+00	t	\N	1
209	Früher Möwe	S2	slate	8900	2026-04-23 00:28:00+00	t	'; drop table arrivals; --	1
210	Old Anchor	S4	empty	\N	2026-04-23 08:55:00+00	t	<b>fragile</b> & heavy	1
211	Île Tern	S1	empty	\N	2026-04-23 19:57:00+00	f	pilot on board	1
212	Früher Marlin	W2	wool	8500	2026-04-23 21:42:00+00	t	\N	1
213	Señora Żuraw	W2	empty	\N	2026-04-23 21:58:00+00	t	\N	1
214	Northern Cormorant	W4	wool	600	2026-04-23 23:01:00+00	t	crew change	1
215	Señora Lantern	E3	wool	9100	2026-04-24 06:26:00+00	t	late tide	1
216	Salt Otter	N1	salt	5200	2026-04-24 12:30:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
217	Silver Anchor	E1	wool	6300	2026-04-24 16:40:00+00	t	'; drop table arrivals; --	1
218	Morning Anchor	N2	grain	2900	2026-04-25 01:42:00+00	t	late tide	1
219	Old Heron	S2	wool	3400	2026-04-25 08:04:00+00	f	\N	1
220	Little Otter	S3	wool	5700	2026-04-25 16:33:00+00	t	déchargement de nuit	1
221	Grey Petrel	W2	wool	5400	2026-04-25 17:12:00+00	t	damaged fender, berth side	1
222	Morning Sjøfugl	S3	herring	5700	2026-04-25 23:11:00+00	t	\N	1
223	Blå Möwe	S4	empty	\N	2026-04-26 07:20:00+00	t	damaged fender, berth side	1
224	Brave Żuraw	S3	herring	7800	2026-04-26 19:07:00+00	f	مرساة خارج الميناء	1
225	Blå Otter	S4	salt	8600	2026-04-26 23:05:00+00	f	late tide	1
226	Grey Heron	N1	wool	4800	2026-04-27 04:38:00+00	t	late tide	1
227	Grey Otter	N1	timber	8300	2026-04-27 05:28:00+00	f	\N	1
228	Blå Heron	E4	machine parts	3900	2026-04-27 07:18:00+00	t	crew change	1
229	Amber Lantern	W2	grain	8800	2026-04-27 07:58:00+00	t	\N	1
230	Blå Estrella	W4	empty	\N	2026-04-27 09:18:00+00	t	\N	1
231	Brave Brise	E3	timber	2700	2026-04-27 20:30:00+00	t	\N	1
232	Ľúčna Żuraw	W1	wool	1100	2026-04-28 04:30:00+00	f	damaged fender, berth side	1
233	Northern Möwe	S3	grain	8100	2026-04-28 07:02:00+00	f	pilot on board	1
234	Früher Tern	W2	salt	6200	2026-04-28 11:36:00+00	t	pilot on board	1
235	Øst Gull	N3	slate	2400	2026-04-28 21:27:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
236	Northern Gull	W3	herring	5800	2026-04-29 05:29:00+00	f	\N	1
237	Ľúčna Möwe	E2	wool	9200	2026-04-29 08:37:00+00	t	مرساة خارج الميناء	1
238	Früher Estrella	E1	salt	8700	2026-04-29 16:09:00+00	f	pilot on board	1
239	Ľúčna Kittiwake	S1	timber	\N	2026-04-30 00:26:00+00	t	\N	1
240	Crimson Sundew	W4	slate	1400	2026-04-30 03:06:00+00	t	two calls, one manifest	1
241	Quiet Heron	N4	empty	\N	2026-04-30 03:56:00+00	t	waits for customs; papers "in order"	1
242	Salt Heron	E3	slate	\N	2026-04-30 12:54:00+00	t	\N	1
243	Señora Brise	S3	salt	3200	2026-04-30 23:15:00+00	t	late tide	1
244	Amber Żuraw	S3	machine parts	9000	2026-05-01 07:59:00+00	t	مرساة خارج الميناء	1
245	Quiet Heron	N2	wool	800	2026-05-01 13:34:00+00	t	crew change	1
246	Grey Żuraw	S3	wool	4400	2026-05-01 22:34:00+00	t	damaged fender, berth side	1
247	Quiet Cormorant	S3	salt	300	2026-05-02 00:20:00+00	t	crew change	1
248	Salt Sundew	W3	slate	8300	2026-05-02 10:30:00+00	\N	\N	1
249	Silver Estrella	S1	empty	\N	2026-05-02 20:55:00+00	t	\N	1
250	Little Żuraw	S2	empty	\N	2026-05-02 22:57:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
251	Old Sundew	E1	slate	4400	2026-05-03 06:01:00+00	t	crew change	1
252	Amber Tern	S2	herring	6500	2026-05-03 08:07:00+00	f	'; drop table arrivals; --	1
253	Old Sundew	S4	empty	\N	2026-05-03 14:28:00+00	t	\N	1
254	Crimson Kittiwake	N2	salt	2600	2026-05-03 18:29:00+00	f	مرساة خارج الميناء	1
255	Old Sundew	N2	salt	\N	2026-05-04 00:48:00+00	f	déchargement de nuit	1
256	Little Żuraw	E3	herring	4200	2026-05-04 09:01:00+00	t	pilot on board	1
257	Morning Sjøfugl	S2	grain	5300	2026-05-04 18:49:00+00	t	crew change	1
258	Little Möwe	S2	wool	3100	2026-05-04 19:06:00+00	t	مرساة خارج الميناء	1
259	Señora Otter	N3	empty	\N	2026-05-04 22:56:00+00	t	pilot on board	1
260	Amber Lantern	S3	wool	4300	2026-05-05 09:17:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
261	Ľúčna Petrel	N1	herring	4700	2026-05-05 14:06:00+00	t	two calls, one manifest	1
262	Winter Estrella	E2	timber	2800	2026-05-05 18:15:00+00	t	'; drop table arrivals; --	1
263	Señora Marlin	N3	wool	2400	2026-05-06 02:56:00+00	f	\N	1
264	Øst Cormorant	W2	timber	5100	2026-05-06 05:30:00+00	t	two calls, one manifest	1
265	Quiet Tern	S4	timber	5000	2026-05-06 12:25:00+00	t	\N	1
266	Île Marlin	W1	grain	\N	2026-05-06 22:48:00+00	t	damaged fender, berth side	1
267	Øst Gull	E2	wool	3400	2026-05-07 00:07:00+00	t	late tide	1
268	Silver Marlin	N2	timber	4500	2026-05-07 03:05:00+00	t	crew change	1
269	Little Marlin	N3	grain	4000	2026-05-07 05:32:00+00	f	déchargement de nuit	1
270	Morning Kittiwake	W4	slate	6700	2026-05-07 13:25:00+00	f	<b>fragile</b> & heavy	1
271	Old Marlin	W1	wool	2500	2026-05-07 16:53:00+00	t	\N	1
272	Winter Sundew	E4	empty	\N	2026-05-08 02:19:00+00	t	crew change	1
273	Brave Brise	S3	timber	4400	2026-05-08 12:46:00+00	t	\N	1
274	Blå Gull	W4	empty	\N	2026-05-08 20:35:00+00	t	late tide	1
275	Blå Brise	N3	empty	\N	2026-05-09 02:54:00+00	t	déchargement de nuit	1
276	Old Marlin	N4	wool	4400	2026-05-09 10:10:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
277	Grey Gull	E4	empty	\N	2026-05-09 20:54:00+00	t	<b>fragile</b> & heavy	1
278	Grey Möwe	S4	timber	600	2026-05-10 03:04:00+00	t	damaged fender, berth side	1
279	Northern Gull	W3	wool	7700	2026-05-10 11:38:00+00	t	'; drop table arrivals; --	1
280	Blå Heron	W1	wool	1800	2026-05-10 12:14:00+00	t	'; drop table arrivals; --	1
281	Ľúčna Marlin	S2	grain	8900	2026-05-10 21:02:00+00	t	crew change	1
282	Øst Otter	E2	empty	\N	2026-05-11 02:37:00+00	t	مرساة خارج الميناء	1
283	Northern Gull	S2	salt	6300	2026-05-11 03:17:00+00	f	two calls, one manifest	1
284	Blå Möwe	N3	salt	3700	2026-05-11 10:03:00+00	t	\N	1
285	Winter Lantern	W4	timber	6900	2026-05-11 20:40:00+00	t	pilot on board	1
286	Northern Cormorant	N2	herring	6200	2026-05-12 04:10:00+00	t	\N	1
287	Silver Lantern	W1	wool	1000	2026-05-12 10:31:00+00	f	مرساة خارج الميناء	1
288	Señora Gull	E3	herring	7800	2026-05-12 19:45:00+00	t	\N	1
289	Crimson Otter	S3	grain	2900	2026-05-13 07:00:00+00	t	two calls, one manifest	1
290	Quiet Cormorant	S4	grain	1900	2026-05-13 08:38:00+00	f	\N	1
291	Früher Petrel	W1	herring	5500	2026-05-13 14:20:00+00	f	damaged fender, berth side	1
292	Northern Anchor	E2	grain	6500	2026-05-13 15:58:00+00	t	two calls, one manifest	1
293	Little Żuraw	N3	wool	5800	2026-05-13 17:11:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
294	Morning Żuraw	E2	timber	4800	2026-05-14 01:50:00+00	t	crew change	1
295	Señora Estrella	S3	grain	7000	2026-05-14 05:54:00+00	\N	\N	1
296	Früher Marlin	W2	slate	6000	2026-05-14 08:43:00+00	t	waits for customs; papers "in order"	1
297	Ľúčna Brise	E1	wool	8900	2026-05-14 12:36:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
298	Little Sjøfugl	S2	grain	7400	2026-05-14 19:46:00+00	f	\N	1
299	Silver Sjøfugl	W3	wool	8000	2026-05-15 07:08:00+00	\N	déchargement de nuit	1
300	Old Marlin	N2	timber	\N	2026-05-15 12:24:00+00	t	\N	1
301	Winter Tern	W4	empty	\N	2026-05-15 16:46:00+00	t	waits for customs; papers "in order"	1
302	Quiet Brise	W3	timber	2300	2026-05-16 04:18:00+00	t	<b>fragile</b> & heavy	1
303	Crimson Estrella	E4	salt	2000	2026-05-16 05:42:00+00	\N	waits for customs; papers "in order"	1
304	Grey Estrella	W1	grain	4000	2026-05-16 10:01:00+00	f	'; drop table arrivals; --	1
305	Ľúčna Marlin	N4	timber	600	2026-05-16 21:24:00+00	t	\N	1
306	Crimson Marlin	W2	salt	6100	2026-05-17 07:46:00+00	t	late tide	1
307	Señora Marlin	S1	wool	1900	2026-05-17 12:52:00+00	t	crew change	1
308	Old Marlin	E2	wool	8700	2026-05-17 17:39:00+00	t	two calls, one manifest	1
309	Señora Gull	N1	salt	7600	2026-05-17 22:52:00+00	t	two calls, one manifest	1
310	Little Otter	S4	grain	\N	2026-05-17 23:24:00+00	t	waits for customs; papers "in order"	1
311	Blå Petrel	S3	empty	\N	2026-05-18 10:28:00+00	f	late tide	1
312	Ľúčna Marlin	N4	slate	3200	2026-05-18 14:58:00+00	t	waits for customs; papers "in order"	1
313	Quiet Möwe	S2	salt	1300	2026-05-18 22:14:00+00	t	مرساة خارج الميناء	1
314	Früher Sundew	S2	herring	2200	2026-05-19 06:44:00+00	t	déchargement de nuit	1
315	Salt Kittiwake	S3	timber	600	2026-05-19 14:24:00+00	t	pilot on board	1
316	Silver Żuraw	E2	machine parts	8300	2026-05-19 23:27:00+00	t	\N	1
317	Little Brise	N4	grain	5100	2026-05-20 03:21:00+00	t	two calls, one manifest	1
318	Morning Tern	W1	empty	\N	2026-05-20 03:39:00+00	t	two calls, one manifest	1
319	Silver Sjøfugl	W1	grain	4200	2026-05-20 07:29:00+00	t	déchargement de nuit	1
320	Morning Otter	W4	timber	2100	2026-05-20 18:37:00+00	f	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
321	Crimson Marlin	W2	salt	8700	2026-05-21 03:28:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
322	Northern Brise	E1	timber	300	2026-05-21 12:11:00+00	t	late tide	1
323	Øst Żuraw	S1	wool	1000	2026-05-21 20:27:00+00	t	\N	1
324	Silver Heron	W2	wool	3200	2026-05-22 00:13:00+00	t	déchargement de nuit	1
325	Morning Estrella	S4	empty	\N	2026-05-22 09:25:00+00	t	<b>fragile</b> & heavy	1
326	Quiet Otter	N2	grain	8700	2026-05-22 14:45:00+00	t	crew change	1
327	Northern Gull	E2	slate	800	2026-05-22 18:50:00+00	t	مرساة خارج الميناء	1
328	Crimson Möwe	E3	herring	3500	2026-05-23 03:37:00+00	f	crew change	1
329	Grey Heron	S2	salt	7200	2026-05-23 04:07:00+00	t	<b>fragile</b> & heavy	1
330	Grey Gull	W2	slate	5400	2026-05-23 15:01:00+00	t	déchargement de nuit	1
331	Salt Lantern	N4	wool	3300	2026-05-23 15:21:00+00	t	crew change	1
332	Blå Tern	S4	grain	3200	2026-05-23 21:41:00+00	t	<b>fragile</b> & heavy	1
333	Quiet Sjøfugl	E1	timber	3600	2026-05-24 01:15:00+00	f	\N	1
334	Quiet Marlin	N3	herring	7800	2026-05-24 07:49:00+00	f	\N	1
335	Morning Sjøfugl	W3	herring	3700	2026-05-24 12:34:00+00	t	late tide	1
336	Señora Kittiwake	S2	timber	4500	2026-05-24 18:12:00+00	t	'; drop table arrivals; --	1
337	Silver Otter	N3	timber	5800	2026-05-25 03:39:00+00	t	crew change	1
338	Little Heron	N3	herring	3500	2026-05-25 15:10:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
339	Grey Sjøfugl	S1	timber	8300	2026-05-25 15:30:00+00	t	two calls, one manifest	1
340	Brave Estrella	W1	herring	1400	2026-05-25 16:23:00+00	f	\N	1
341	Øst Żuraw	E2	grain	9200	2026-05-25 20:35:00+00	t	\N	1
342	Blå Anchor	E4	slate	6700	2026-05-25 20:56:00+00	f	\N	1
343	Brave Sjøfugl	N4	wool	900	2026-05-26 06:19:00+00	t	damaged fender, berth side	1
344	Früher Marlin	N1	machine parts	5400	2026-05-26 10:00:00+00	t	déchargement de nuit	1
345	Brave Otter	S3	empty	\N	2026-05-26 12:44:00+00	t	\N	1
346	Señora Lantern	S1	grain	1400	2026-05-26 19:19:00+00	f	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
347	Grey Möwe	N3	grain	3800	2026-05-26 22:34:00+00	t	déchargement de nuit	1
\.


--
-- Data for Name: records_16; Type: TABLE DATA; Schema: pageladder; Owner: -
--

COPY pageladder.records_16 (id, vessel, berth, cargo, tonnage, arrived_at, cleared, note, "pl.revision") FROM stdin;
1	Quiet Heron	S2	empty	\N	2026-03-01 05:50:00+00	t	crew change	1
2	Øst Lantern	W1	salt	5300	2026-03-01 14:01:00+00	t	crew change	1
3	Blå Kittiwake	N2	machine parts	7700	2026-03-02 00:15:00+00	t	\N	1
4	Brave Sundew	E3	salt	4800	2026-03-02 05:14:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
5	Morning Cormorant	E1	machine parts	8400	2026-03-02 11:05:00+00	f	\N	1
6	Brave Kittiwake	N4	timber	1900	2026-03-02 22:20:00+00	t	\N	1
7	Früher Gull	S4	wool	7900	2026-03-03 05:12:00+00	f	'; drop table arrivals; --	1
8	Blå Brise	S3	timber	900	2026-03-03 14:30:00+00	t	two calls, one manifest	1
9	Quiet Cormorant	N4	slate	6600	2026-03-03 19:59:00+00	t	\N	1
10	Señora Petrel	W1	empty	\N	2026-03-04 03:32:00+00	f	waits for customs; papers "in order"	1
11	Grey Otter	W3	empty	\N	2026-03-04 06:43:00+00	t	déchargement de nuit	1
12	Little Lantern	N3	grain	8100	2026-03-04 16:55:00+00	f	\N	1
13	Blå Anchor	N2	machine parts	2600	2026-03-05 04:11:00+00	t	مرساة خارج الميناء	1
14	Quiet Sundew	E4	grain	\N	2026-03-05 08:58:00+00	t	'; drop table arrivals; --	1
15	Früher Heron	E2	slate	5900	2026-03-05 20:21:00+00	t	\N	1
16	Früher Tern	E1	slate	7800	2026-03-06 06:14:00+00	t	damaged fender, berth side	1
17	Quiet Lantern	N3	salt	2900	2026-03-06 14:17:00+00	t	crew change	1
18	Øst Heron	W4	slate	2200	2026-03-06 14:48:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
19	Øst Otter	N2	machine parts	\N	2026-03-06 22:33:00+00	f	'; drop table arrivals; --	1
20	Quiet Anchor	W1	timber	8500	2026-03-07 01:49:00+00	t	two calls, one manifest	1
21	Crimson Estrella	E3	wool	4600	2026-03-07 06:39:00+00	t	\N	1
22	Früher Marlin	N4	machine parts	6200	2026-03-07 15:57:00+00	t	pilot on board	1
23	Blå Estrella	E1	wool	500	2026-03-07 22:22:00+00	t	'; drop table arrivals; --	1
24	Señora Brise	W2	timber	6800	2026-03-08 10:05:00+00	f	two calls, one manifest	1
25	Silver Heron	W3	grain	2000	2026-03-08 12:49:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
26	Früher Otter	E4	timber	4700	2026-03-08 13:44:00+00	t	déchargement de nuit	1
27	Salt Anchor	N3	empty	\N	2026-03-08 23:04:00+00	f	late tide	1
28	Øst Żuraw	E3	herring	1500	2026-03-09 03:37:00+00	f	\N	1
29	Morning Estrella	E3	herring	4300	2026-03-09 10:59:00+00	t	\N	1
30	Blå Cormorant	S1	salt	1900	2026-03-09 18:10:00+00	f	déchargement de nuit	1
31	Quiet Estrella	N3	empty	\N	2026-03-10 05:32:00+00	t	late tide	1
32	Amber Cormorant	N2	salt	5800	2026-03-10 16:00:00+00	f	late tide	1
33	Øst Brise	W2	timber	8000	2026-03-11 03:13:00+00	t	مرساة خارج الميناء	1
34	Grey Möwe	S1	wool	3000	2026-03-11 07:23:00+00	t	damaged fender, berth side	1
35	Øst Sundew	S1	empty	\N	2026-03-11 08:19:00+00	t	déchargement de nuit	1
36	Señora Sjøfugl	N1	empty	\N	2026-03-11 15:14:00+00	t	two calls, one manifest	1
37	Brave Cormorant	W1	salt	6100	2026-03-11 15:36:00+00	f	'; drop table arrivals; --	1
38	Winter Anchor	E3	wool	6200	2026-03-11 19:40:00+00	t	\N	1
39	Salt Heron	W4	machine parts	3400	2026-03-12 01:04:00+00	\N	\N	1
40	Salt Anchor	N2	wool	7300	2026-03-12 08:52:00+00	t	<b>fragile</b> & heavy	1
41	Øst Petrel	E1	timber	5800	2026-03-12 11:30:00+00	t	\N	1
42	Ľúčna Brise	N4	empty	\N	2026-03-12 18:45:00+00	t	pilot on board	1
43	Ľúčna Cormorant	N3	machine parts	8200	2026-03-12 22:03:00+00	t	<b>fragile</b> & heavy	1
44	Silver Petrel	N2	empty	\N	2026-03-13 02:57:00+00	t	مرساة خارج الميناء	1
45	Ľúčna Marlin	S1	machine parts	2100	2026-03-13 10:40:00+00	t	waits for customs; papers "in order"	1
46	Salt Żuraw	S3	herring	2700	2026-03-13 21:04:00+00	t	'; drop table arrivals; --	1
47	Salt Otter	N3	empty	\N	2026-03-13 23:11:00+00	t	waits for customs; papers "in order"	1
48	Blå Tern	W1	herring	1500	2026-03-14 09:33:00+00	t	<b>fragile</b> & heavy	1
49	Quiet Cormorant	W1	herring	300	2026-03-14 10:59:00+00	t	waits for customs; papers "in order"	1
50	Little Anchor	E3	grain	4300	2026-03-14 19:27:00+00	f	\N	1
51	Blå Estrella	S4	grain	4300	2026-03-14 21:43:00+00	f	damaged fender, berth side	1
52	Øst Sjøfugl	N4	wool	\N	2026-03-15 07:09:00+00	f	waits for customs; papers "in order"	1
53	Little Estrella	E4	herring	6200	2026-03-15 09:57:00+00	f	مرساة خارج الميناء	1
54	Little Heron	W1	wool	1900	2026-03-15 11:05:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
55	Northern Sundew	S4	timber	6600	2026-03-15 13:32:00+00	t	pilot on board	1
56	Winter Żuraw	E4	timber	8500	2026-03-15 21:07:00+00	t	مرساة خارج الميناء	1
57	Silver Sjøfugl	N2	herring	1500	2026-03-15 21:48:00+00	t	\N	1
58	Morning Cormorant	S2	herring	3000	2026-03-16 02:57:00+00	t	damaged fender, berth side	1
59	Ľúčna Anchor	N1	wool	7100	2026-03-16 11:55:00+00	t	<b>fragile</b> & heavy	1
60	Crimson Estrella	N2	salt	3200	2026-03-16 14:50:00+00	t	waits for customs; papers "in order"	1
61	Winter Heron	W2	slate	\N	2026-03-17 00:22:00+00	f	<b>fragile</b> & heavy	1
62	Brave Kittiwake	N2	slate	5700	2026-03-17 01:07:00+00	f	damaged fender, berth side	1
63	Winter Gull	E1	herring	1800	2026-03-17 06:47:00+00	t	'; drop table arrivals; --	1
64	Señora Kittiwake	W3	grain	5600	2026-03-17 13:40:00+00	t	\N	1
65	Blå Möwe	W3	wool	500	2026-03-17 15:10:00+00	t	waits for customs; papers "in order"	1
66	Grey Petrel	N3	grain	7200	2026-03-18 00:08:00+00	t	déchargement de nuit	1
67	Grey Kittiwake	W3	timber	2700	2026-03-18 09:52:00+00	t	damaged fender, berth side	1
68	Morning Tern	S2	wool	7100	2026-03-18 19:31:00+00	t	مرساة خارج الميناء	1
69	Øst Żuraw	S4	grain	6200	2026-03-19 05:45:00+00	t	déchargement de nuit	1
70	Früher Anchor	E1	slate	6700	2026-03-19 06:16:00+00	\N	déchargement de nuit	1
71	Øst Otter	N4	wool	5600	2026-03-19 06:50:00+00	t	déchargement de nuit	1
72	Señora Estrella	W2	grain	4600	2026-03-19 10:02:00+00	t	waits for customs; papers "in order"	1
73	Blå Sjøfugl	E4	timber	3700	2026-03-19 16:54:00+00	t	waits for customs; papers "in order"	1
74	Silver Petrel	E2	grain	3700	2026-03-19 20:00:00+00	f	pilot on board	1
75	Señora Marlin	W4	salt	\N	2026-03-19 22:14:00+00	f	damaged fender, berth side	1
76	Northern Möwe	N4	salt	600	2026-03-20 05:09:00+00	f	\N	1
77	Winter Heron	W2	timber	2700	2026-03-20 10:01:00+00	t	two calls, one manifest	1
78	Little Möwe	E4	timber	5400	2026-03-20 10:48:00+00	t	pilot on board	1
79	Winter Petrel	W4	grain	3900	2026-03-20 14:14:00+00	f	pilot on board	1
80	Øst Möwe	E1	slate	7600	2026-03-20 23:28:00+00	f	late tide	1
81	Ľúčna Tern	E2	salt	6900	2026-03-21 06:58:00+00	t	مرساة خارج الميناء	1
82	Øst Żuraw	W4	machine parts	6400	2026-03-21 11:01:00+00	t	مرساة خارج الميناء	1
83	Morning Kittiwake	W3	wool	500	2026-03-21 18:40:00+00	t	\N	1
84	Señora Tern	E2	timber	4700	2026-03-22 02:32:00+00	\N	\N	1
85	Silver Heron	E3	grain	8400	2026-03-22 07:33:00+00	t	مرساة خارج الميناء	1
86	Brave Gull	N2	wool	7600	2026-03-22 15:22:00+00	t	pilot on board	1
87	Quiet Cormorant	S3	herring	6800	2026-03-22 18:23:00+00	t	two calls, one manifest	1
88	Crimson Lantern	E3	grain	5600	2026-03-23 04:08:00+00	f	\N	1
89	Blå Sundew	E2	empty	\N	2026-03-23 06:51:00+00	t	\N	1
90	Little Sjøfugl	E4	grain	8700	2026-03-23 09:25:00+00	f	crew change	1
91	Ľúčna Sundew	S2	slate	2300	2026-03-23 19:42:00+00	t	\N	1
92	Old Petrel	N2	grain	3800	2026-03-24 07:05:00+00	\N	\N	1
93	Grey Kittiwake	N3	grain	2200	2026-03-24 11:28:00+00	t	déchargement de nuit	1
94	Île Lantern	S1	machine parts	1300	2026-03-24 17:27:00+00	f	'; drop table arrivals; --	1
95	Früher Estrella	W1	empty	\N	2026-03-24 22:10:00+00	t	déchargement de nuit	1
96	Crimson Sjøfugl	N1	grain	6500	2026-03-25 03:37:00+00	t	'; drop table arrivals; --	1
97	Old Tern	N2	herring	2300	2026-03-25 09:28:00+00	t	\N	1
98	Silver Anchor	N3	empty	\N	2026-03-25 09:56:00+00	t	late tide	1
99	Northern Otter	E1	slate	7100	2026-03-25 12:40:00+00	t	\N	1
100	Northern Lantern	E2	timber	6100	2026-03-25 19:23:00+00	t	\N	1
101	Crimson Gull	E4	slate	8100	2026-03-26 06:47:00+00	t	\N	1
102	Silver Sjøfugl	W1	herring	6800	2026-03-26 08:54:00+00	t	\N	1
103	Morning Cormorant	N3	empty	\N	2026-03-26 19:07:00+00	t	déchargement de nuit	1
104	Old Brise	S4	machine parts	1000	2026-03-26 20:36:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
105	Grey Brise	S2	wool	8800	2026-03-27 06:11:00+00	f	'; drop table arrivals; --	1
106	Brave Estrella	W2	herring	5700	2026-03-27 15:00:00+00	t	damaged fender, berth side	1
107	Amber Cormorant	N1	machine parts	4700	2026-03-28 01:21:00+00	t	pilot on board	1
108	Øst Marlin	N1	grain	5400	2026-03-28 05:21:00+00	t	déchargement de nuit	1
109	Brave Otter	E3	herring	7600	2026-03-28 13:27:00+00	f	\N	1
110	Silver Otter	E4	slate	3700	2026-03-28 14:17:00+00	t	damaged fender, berth side	1
111	Salt Kittiwake	W3	timber	7100	2026-03-28 22:44:00+00	f	crew change	1
112	Silver Heron	E1	wool	\N	2026-03-29 04:02:00+00	t	waits for customs; papers "in order"	1
113	Little Gull	E1	salt	900	2026-03-29 11:14:00+00	t	مرساة خارج الميناء	1
114	Winter Brise	S1	empty	\N	2026-03-29 17:04:00+00	t	waits for customs; papers "in order"	1
115	Winter Estrella	S4	grain	4100	2026-03-30 02:41:00+00	t	\N	1
116	Winter Gull	S3	machine parts	4800	2026-03-30 08:03:00+00	f	\N	1
117	Salt Lantern	W1	wool	\N	2026-03-30 15:50:00+00	t	late tide	1
118	Grey Möwe	E2	herring	\N	2026-03-31 02:42:00+00	t	late tide	1
119	Winter Kittiwake	N3	grain	8800	2026-03-31 14:17:00+00	t	crew change	1
120	Blå Möwe	S4	grain	8600	2026-03-31 23:52:00+00	t	\N	1
121	Grey Estrella	E1	herring	\N	2026-04-01 04:32:00+00	f	waits for customs; papers "in order"	1
122	Salt Marlin	N4	wool	3000	2026-04-01 11:45:00+00	t	'; drop table arrivals; --	1
123	Brave Tern	S2	herring	4400	2026-04-01 16:46:00+00	t	waits for customs; papers "in order"	1
124	Grey Lantern	S1	salt	3000	2026-04-01 23:06:00+00	t	'; drop table arrivals; --	1
125	Little Sjøfugl	N4	wool	7900	2026-04-02 02:17:00+00	t	<b>fragile</b> & heavy	1
126	Winter Estrella	N3	slate	\N	2026-04-02 08:02:00+00	f	\N	1
127	Brave Tern	N1	machine parts	2800	2026-04-02 13:39:00+00	t	waits for customs; papers "in order"	1
128	Île Sjøfugl	E3	salt	7500	2026-04-02 19:00:00+00	t	\N	1
129	Grey Sjøfugl	N4	wool	6700	2026-04-02 20:28:00+00	t	\N	1
130	Blå Cormorant	S1	machine parts	5900	2026-04-03 05:06:00+00	f	waits for customs; papers "in order"	1
131	Ľúčna Kittiwake	E2	slate	2400	2026-04-03 11:49:00+00	t	pilot on board	1
132	Salt Heron	W2	timber	2600	2026-04-03 12:26:00+00	t	late tide	1
133	Morning Möwe	W3	wool	\N	2026-04-03 15:07:00+00	t	\N	1
134	Old Brise	N4	wool	7800	2026-04-03 22:02:00+00	t	مرساة خارج الميناء	1
135	Crimson Sjøfugl	W3	grain	800	2026-04-04 06:28:00+00	t	déchargement de nuit	1
136	Amber Anchor	E2	herring	5100	2026-04-04 09:19:00+00	\N	\N	1
137	Ľúčna Sjøfugl	E4	salt	\N	2026-04-04 15:33:00+00	t	<b>fragile</b> & heavy	1
138	Øst Marlin	W4	timber	9200	2026-04-05 02:41:00+00	t	two calls, one manifest	1
139	Früher Żuraw	S4	slate	4900	2026-04-05 10:13:00+00	\N	\N	1
140	Quiet Żuraw	S4	wool	2500	2026-04-05 12:29:00+00	t	déchargement de nuit	1
141	Morning Marlin	W3	grain	6900	2026-04-05 21:22:00+00	t	déchargement de nuit	1
142	Île Anchor	N3	wool	700	2026-04-05 22:07:00+00	f	\N	1
143	Salt Tern	N2	salt	\N	2026-04-06 00:24:00+00	t	<b>fragile</b> & heavy	1
144	Morning Sjøfugl	S1	slate	3900	2026-04-06 12:02:00+00	t	\N	1
145	Amber Kittiwake	S1	herring	2100	2026-04-06 21:59:00+00	t	\N	1
146	Ľúčna Żuraw	W1	timber	1800	2026-04-07 03:41:00+00	t	'; drop table arrivals; --	1
147	Northern Żuraw	E1	wool	8700	2026-04-07 12:05:00+00	t	pilot on board	1
148	Île Cormorant	N4	empty	\N	2026-04-07 13:35:00+00	t	مرساة خارج الميناء	1
149	Old Möwe	S3	machine parts	8400	2026-04-07 22:12:00+00	f	waits for customs; papers "in order"	1
150	Winter Gull	S3	herring	8500	2026-04-08 04:12:00+00	t	\N	1
151	Old Lantern	E2	herring	2200	2026-04-08 12:32:00+00	t	\N	1
152	Señora Cormorant	E3	slate	1000	2026-04-08 14:44:00+00	t	waits for customs; papers "in order"	1
153	Blå Marlin	S2	salt	1700	2026-04-09 01:59:00+00	t	<b>fragile</b> & heavy	1
154	Brave Petrel	E2	wool	1700	2026-04-09 07:52:00+00	t	déchargement de nuit	1
155	Northern Tern	N4	herring	5800	2026-04-09 14:27:00+00	t	\N	1
156	Salt Cormorant	W2	empty	\N	2026-04-10 01:04:00+00	t	\N	1
157	Blå Sjøfugl	S2	slate	3000	2026-04-10 10:26:00+00	t	damaged fender, berth side	1
158	Øst Heron	S2	salt	7900	2026-04-10 13:34:00+00	\N	déchargement de nuit	1
159	Grey Lantern	N4	wool	7700	2026-04-10 23:54:00+00	t	crew change	1
160	Quiet Sundew	W2	wool	500	2026-04-11 02:21:00+00	t	damaged fender, berth side	1
161	Northern Estrella	N1	wool	4300	2026-04-11 10:57:00+00	t	مرساة خارج الميناء	1
162	Früher Tern	S3	salt	5700	2026-04-11 20:39:00+00	t	'; drop table arrivals; --	1
163	Quiet Marlin	W2	salt	9200	2026-04-12 03:30:00+00	t	late tide	1
164	Little Marlin	S2	slate	8800	2026-04-12 07:00:00+00	f	\N	1
165	Ľúčna Lantern	N2	grain	5400	2026-04-12 07:52:00+00	t	\N	1
166	Blå Marlin	N4	salt	5800	2026-04-12 11:07:00+00	f	two calls, one manifest	1
167	Northern Cormorant	E4	empty	\N	2026-04-12 12:56:00+00	f	مرساة خارج الميناء	1
168	Little Estrella	N2	machine parts	2000	2026-04-12 21:11:00+00	t	crew change	1
169	Northern Gull	W1	machine parts	1500	2026-04-13 01:27:00+00	f	pilot on board	1
170	Früher Cormorant	N3	herring	7900	2026-04-13 12:43:00+00	t	two calls, one manifest	1
171	Old Marlin	W4	salt	5000	2026-04-13 19:33:00+00	t	'; drop table arrivals; --	1
172	Señora Sjøfugl	E4	empty	\N	2026-04-14 03:41:00+00	t	waits for customs; papers "in order"	1
173	Salt Otter	W3	empty	\N	2026-04-14 13:58:00+00	t	crew change	1
174	Ľúčna Żuraw	N4	machine parts	5000	2026-04-14 21:27:00+00	t	pilot on board	1
175	Crimson Otter	S1	salt	3500	2026-04-15 08:13:00+00	t	مرساة خارج الميناء	1
176	Île Petrel	W2	slate	4600	2026-04-15 10:21:00+00	t	damaged fender, berth side	1
177	Grey Sundew	E4	salt	6800	2026-04-15 15:41:00+00	t	مرساة خارج الميناء	1
178	Grey Brise	S3	grain	1300	2026-04-15 18:25:00+00	t	'; drop table arrivals; --	1
179	Ľúčna Tern	N2	wool	2800	2026-04-15 22:29:00+00	t	\N	1
180	Ľúčna Tern	W4	empty	\N	2026-04-16 03:16:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
181	Grey Anchor	W2	machine parts	600	2026-04-16 12:30:00+00	t	\N	1
182	Winter Brise	N3	machine parts	6700	2026-04-16 19:29:00+00	t	\N	1
183	Old Kittiwake	S1	wool	3300	2026-04-17 04:07:00+00	t	late tide	1
184	Früher Lantern	E2	wool	3500	2026-04-17 12:13:00+00	t	waits for customs; papers "in order"	1
185	Winter Otter	W3	machine parts	2600	2026-04-17 15:14:00+00	t	waits for customs; papers "in order"	1
186	Blå Brise	E4	empty	\N	2026-04-17 22:34:00+00	t	late tide	1
187	Amber Petrel	E4	slate	6600	2026-04-18 09:41:00+00	f	pilot on board	1
188	Señora Anchor	N4	timber	4900	2026-04-18 21:29:00+00	t	\N	1
189	Île Heron	S3	grain	9200	2026-04-19 08:48:00+00	f	pilot on board	1
190	Northern Petrel	W3	salt	8600	2026-04-19 14:14:00+00	t	two calls, one manifest	1
191	Quiet Cormorant	W4	timber	1300	2026-04-19 15:46:00+00	f	two calls, one manifest	1
192	Northern Sjøfugl	E4	timber	7300	2026-04-19 19:48:00+00	t	<b>fragile</b> & heavy	1
193	Señora Żuraw	W4	slate	8100	2026-04-20 01:04:00+00	t	\N	1
194	Old Marlin	S1	timber	8800	2026-04-20 08:44:00+00	t	'; drop table arrivals; --	1
195	Île Lantern	S1	wool	1600	2026-04-20 09:37:00+00	t	<b>fragile</b> & heavy	1
196	Silver Cormorant	N1	machine parts	8100	2026-04-20 11:24:00+00	t	damaged fender, berth side	1
197	Früher Sundew	S3	wool	7700	2026-04-20 17:31:00+00	f	\N	1
198	Little Marlin	W2	slate	1700	2026-04-20 19:00:00+00	f	\N	1
199	Señora Möwe	E4	herring	8400	2026-04-21 06:04:00+00	f	<b>fragile</b> & heavy	1
200	Île Gull	N4	machine parts	1000	2026-04-21 10:38:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
201	Morning Anchor	N3	machine parts	6900	2026-04-21 11:59:00+00	f	\N	1
202	Crimson Estrella	W2	slate	\N	2026-04-21 13:32:00+00	t	\N	1
203	Øst Tern	W3	grain	6500	2026-04-21 16:54:00+00	f	'; drop table arrivals; --	1
204	Little Gull	W2	timber	5800	2026-04-21 18:52:00+00	f	\N	1
205	Northern Żuraw	E2	timber	7900	2026-04-21 19:08:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
206	Amber Tern	W1	machine parts	1800	2026-04-22 04:37:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
207	Brave Möwe	S4	herring	4400	2026-04-22 14:52:00+00	t	\N	1
208	Île Möwe	W2	salt	4000	2026-04-22 19:45:00+00	t	\N	1
209	Früher Möwe	S2	slate	8900	2026-04-23 00:28:00+00	t	'; drop table arrivals; --	1
210	Old Anchor	S4	empty	\N	2026-04-23 08:55:00+00	t	<b>fragile</b> & heavy	1
211	Île Tern	S1	empty	\N	2026-04-23 19:57:00+00	f	pilot on board	1
212	Früher Marlin	W2	wool	8500	2026-04-23 21:42:00+00	t	\N	1
213	Señora Żuraw	W2	empty	\N	2026-04-23 21:58:00+00	t	\N	1
214	Northern Cormorant	W4	wool	600	2026-04-23 23:01:00+00	t	crew change	1
215	Señora Lantern	E3	wool	9100	2026-04-24 06:26:00+00	t	late tide	1
216	Salt Otter	N1	salt	5200	2026-04-24 12:30:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
217	Silver Anchor	E1	wool	6300	2026-04-24 16:40:00+00	t	'; drop table arrivals; --	1
218	Morning Anchor	N2	grain	2900	2026-04-25 01:42:00+00	t	late tide	1
219	Old Heron	S2	wool	3400	2026-04-25 08:04:00+00	f	\N	1
220	Little Otter	S3	wool	5700	2026-04-25 16:33:00+00	t	déchargement de nuit	1
221	Grey Petrel	W2	wool	5400	2026-04-25 17:12:00+00	t	damaged fender, berth side	1
222	Morning Sjøfugl	S3	herring	5700	2026-04-25 23:11:00+00	t	\N	1
223	Blå Möwe	S4	empty	\N	2026-04-26 07:20:00+00	t	damaged fender, berth side	1
224	Brave Żuraw	S3	herring	7800	2026-04-26 19:07:00+00	f	مرساة خارج الميناء	1
225	Blå Otter	S4	salt	8600	2026-04-26 23:05:00+00	f	late tide	1
226	Grey Heron	N1	wool	4800	2026-04-27 04:38:00+00	t	late tide	1
227	Grey Otter	N1	timber	8300	2026-04-27 05:28:00+00	f	\N	1
228	Blå Heron	E4	machine parts	3900	2026-04-27 07:18:00+00	t	crew change	1
229	Amber Lantern	W2	grain	8800	2026-04-27 07:58:00+00	t	\N	1
230	Blå Estrella	W4	empty	\N	2026-04-27 09:18:00+00	t	\N	1
231	Brave Brise	E3	timber	2700	2026-04-27 20:30:00+00	t	\N	1
232	Ľúčna Żuraw	W1	wool	1100	2026-04-28 04:30:00+00	f	damaged fender, berth side	1
233	Northern Möwe	S3	grain	8100	2026-04-28 07:02:00+00	f	pilot on board	1
234	Früher Tern	W2	salt	6200	2026-04-28 11:36:00+00	t	pilot on board	1
235	Øst Gull	N3	slate	2400	2026-04-28 21:27:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
236	Northern Gull	W3	herring	5800	2026-04-29 05:29:00+00	f	\N	1
237	Ľúčna Möwe	E2	wool	9200	2026-04-29 08:37:00+00	t	مرساة خارج الميناء	1
238	Früher Estrella	E1	salt	8700	2026-04-29 16:09:00+00	f	pilot on board	1
239	Ľúčna Kittiwake	S1	timber	\N	2026-04-30 00:26:00+00	t	\N	1
240	Crimson Sundew	W4	slate	1400	2026-04-30 03:06:00+00	t	two calls, one manifest	1
241	Quiet Heron	N4	empty	\N	2026-04-30 03:56:00+00	t	waits for customs; papers "in order"	1
242	Salt Heron	E3	slate	\N	2026-04-30 12:54:00+00	t	\N	1
243	Señora Brise	S3	salt	3200	2026-04-30 23:15:00+00	t	late tide	1
244	Amber Żuraw	S3	machine parts	9000	2026-05-01 07:59:00+00	t	مرساة خارج الميناء	1
245	Quiet Heron	N2	wool	800	2026-05-01 13:34:00+00	t	crew change	1
246	Grey Żuraw	S3	wool	4400	2026-05-01 22:34:00+00	t	damaged fender, berth side	1
247	Quiet Cormorant	S3	salt	300	2026-05-02 00:20:00+00	t	crew change	1
248	Salt Sundew	W3	slate	8300	2026-05-02 10:30:00+00	\N	\N	1
249	Silver Estrella	S1	empty	\N	2026-05-02 20:55:00+00	t	\N	1
250	Little Żuraw	S2	empty	\N	2026-05-02 22:57:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
251	Old Sundew	E1	slate	4400	2026-05-03 06:01:00+00	t	crew change	1
252	Amber Tern	S2	herring	6500	2026-05-03 08:07:00+00	f	'; drop table arrivals; --	1
253	Old Sundew	S4	empty	\N	2026-05-03 14:28:00+00	t	\N	1
254	Crimson Kittiwake	N2	salt	2600	2026-05-03 18:29:00+00	f	مرساة خارج الميناء	1
255	Old Sundew	N2	salt	\N	2026-05-04 00:48:00+00	f	déchargement de nuit	1
256	Little Żuraw	E3	herring	4200	2026-05-04 09:01:00+00	t	pilot on board	1
257	Morning Sjøfugl	S2	grain	5300	2026-05-04 18:49:00+00	t	crew change	1
258	Little Möwe	S2	wool	3100	2026-05-04 19:06:00+00	t	مرساة خارج الميناء	1
259	Señora Otter	N3	empty	\N	2026-05-04 22:56:00+00	t	pilot on board	1
260	Amber Lantern	S3	wool	4300	2026-05-05 09:17:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
261	Ľúčna Petrel	N1	herring	4700	2026-05-05 14:06:00+00	t	two calls, one manifest	1
262	Winter Estrella	E2	timber	2800	2026-05-05 18:15:00+00	t	'; drop table arrivals; --	1
263	Señora Marlin	N3	wool	2400	2026-05-06 02:56:00+00	f	\N	1
264	Øst Cormorant	W2	timber	5100	2026-05-06 05:30:00+00	t	two calls, one manifest	1
265	Quiet Tern	S4	timber	5000	2026-05-06 12:25:00+00	t	\N	1
266	Île Marlin	W1	grain	\N	2026-05-06 22:48:00+00	t	damaged fender, berth side	1
267	Øst Gull	E2	wool	3400	2026-05-07 00:07:00+00	t	late tide	1
268	Silver Marlin	N2	timber	4500	2026-05-07 03:05:00+00	t	crew change	1
269	Little Marlin	N3	grain	4000	2026-05-07 05:32:00+00	f	déchargement de nuit	1
270	Morning Kittiwake	W4	slate	6700	2026-05-07 13:25:00+00	f	<b>fragile</b> & heavy	1
271	Old Marlin	W1	wool	2500	2026-05-07 16:53:00+00	t	\N	1
272	Winter Sundew	E4	empty	\N	2026-05-08 02:19:00+00	t	crew change	1
273	Brave Brise	S3	timber	4400	2026-05-08 12:46:00+00	t	\N	1
274	Blå Gull	W4	empty	\N	2026-05-08 20:35:00+00	t	late tide	1
275	Blå Brise	N3	empty	\N	2026-05-09 02:54:00+00	t	déchargement de nuit	1
276	Old Marlin	N4	wool	4400	2026-05-09 10:10:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
277	Grey Gull	E4	empty	\N	2026-05-09 20:54:00+00	t	<b>fragile</b> & heavy	1
278	Grey Möwe	S4	timber	600	2026-05-10 03:04:00+00	t	damaged fender, berth side	1
279	Northern Gull	W3	wool	7700	2026-05-10 11:38:00+00	t	'; drop table arrivals; --	1
280	Blå Heron	W1	wool	1800	2026-05-10 12:14:00+00	t	'; drop table arrivals; --	1
281	Ľúčna Marlin	S2	grain	8900	2026-05-10 21:02:00+00	t	crew change	1
282	Øst Otter	E2	empty	\N	2026-05-11 02:37:00+00	t	مرساة خارج الميناء	1
283	Northern Gull	S2	salt	6300	2026-05-11 03:17:00+00	f	two calls, one manifest	1
284	Blå Möwe	N3	salt	3700	2026-05-11 10:03:00+00	t	\N	1
285	Winter Lantern	W4	timber	6900	2026-05-11 20:40:00+00	t	pilot on board	1
286	Northern Cormorant	N2	herring	6200	2026-05-12 04:10:00+00	t	\N	1
287	Silver Lantern	W1	wool	1000	2026-05-12 10:31:00+00	f	مرساة خارج الميناء	1
288	Señora Gull	E3	herring	7800	2026-05-12 19:45:00+00	t	\N	1
289	Crimson Otter	S3	grain	2900	2026-05-13 07:00:00+00	t	two calls, one manifest	1
290	Quiet Cormorant	S4	grain	1900	2026-05-13 08:38:00+00	f	\N	1
291	Früher Petrel	W1	herring	5500	2026-05-13 14:20:00+00	f	damaged fender, berth side	1
292	Northern Anchor	E2	grain	6500	2026-05-13 15:58:00+00	t	two calls, one manifest	1
293	Little Żuraw	N3	wool	5800	2026-05-13 17:11:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
294	Morning Żuraw	E2	timber	4800	2026-05-14 01:50:00+00	t	crew change	1
295	Señora Estrella	S3	grain	7000	2026-05-14 05:54:00+00	\N	\N	1
296	Früher Marlin	W2	slate	6000	2026-05-14 08:43:00+00	t	waits for customs; papers "in order"	1
297	Ľúčna Brise	E1	wool	8900	2026-05-14 12:36:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
298	Little Sjøfugl	S2	grain	7400	2026-05-14 19:46:00+00	f	\N	1
299	Silver Sjøfugl	W3	wool	8000	2026-05-15 07:08:00+00	\N	déchargement de nuit	1
300	Old Marlin	N2	timber	\N	2026-05-15 12:24:00+00	t	\N	1
301	Winter Tern	W4	empty	\N	2026-05-15 16:46:00+00	t	waits for customs; papers "in order"	1
302	Quiet Brise	W3	timber	2300	2026-05-16 04:18:00+00	t	<b>fragile</b> & heavy	1
303	Crimson Estrella	E4	salt	2000	2026-05-16 05:42:00+00	\N	waits for customs; papers "in order"	1
304	Grey Estrella	W1	grain	4000	2026-05-16 10:01:00+00	f	'; drop table arrivals; --	1
305	Ľúčna Marlin	N4	timber	600	2026-05-16 21:24:00+00	t	\N	1
306	Crimson Marlin	W2	salt	6100	2026-05-17 07:46:00+00	t	late tide	1
307	Señora Marlin	S1	wool	1900	2026-05-17 12:52:00+00	t	crew change	1
308	Old Marlin	E2	wool	8700	2026-05-17 17:39:00+00	t	two calls, one manifest	1
309	Señora Gull	N1	salt	7600	2026-05-17 22:52:00+00	t	two calls, one manifest	1
310	Little Otter	S4	grain	\N	2026-05-17 23:24:00+00	t	waits for customs; papers "in order"	1
311	Blå Petrel	S3	empty	\N	2026-05-18 10:28:00+00	f	late tide	1
312	Ľúčna Marlin	N4	slate	3200	2026-05-18 14:58:00+00	t	waits for customs; papers "in order"	1
313	Quiet Möwe	S2	salt	1300	2026-05-18 22:14:00+00	t	مرساة خارج الميناء	1
314	Früher Sundew	S2	herring	2200	2026-05-19 06:44:00+00	t	déchargement de nuit	1
315	Salt Kittiwake	S3	timber	600	2026-05-19 14:24:00+00	t	pilot on board	1
316	Silver Żuraw	E2	machine parts	8300	2026-05-19 23:27:00+00	t	\N	1
317	Little Brise	N4	grain	5100	2026-05-20 03:21:00+00	t	two calls, one manifest	1
318	Morning Tern	W1	empty	\N	2026-05-20 03:39:00+00	t	two calls, one manifest	1
319	Silver Sjøfugl	W1	grain	4200	2026-05-20 07:29:00+00	t	déchargement de nuit	1
320	Morning Otter	W4	timber	2100	2026-05-20 18:37:00+00	f	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
321	Crimson Marlin	W2	salt	8700	2026-05-21 03:28:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
322	Northern Brise	E1	timber	300	2026-05-21 12:11:00+00	t	late tide	1
323	Øst Żuraw	S1	wool	1000	2026-05-21 20:27:00+00	t	\N	1
324	Silver Heron	W2	wool	3200	2026-05-22 00:13:00+00	t	déchargement de nuit	1
325	Morning Estrella	S4	empty	\N	2026-05-22 09:25:00+00	t	<b>fragile</b> & heavy	1
326	Quiet Otter	N2	grain	8700	2026-05-22 14:45:00+00	t	crew change	1
327	Northern Gull	E2	slate	800	2026-05-22 18:50:00+00	t	مرساة خارج الميناء	1
328	Crimson Möwe	E3	herring	3500	2026-05-23 03:37:00+00	f	crew change	1
329	Grey Heron	S2	salt	7200	2026-05-23 04:07:00+00	t	<b>fragile</b> & heavy	1
330	Grey Gull	W2	slate	5400	2026-05-23 15:01:00+00	t	déchargement de nuit	1
331	Salt Lantern	N4	wool	3300	2026-05-23 15:21:00+00	t	crew change	1
332	Blå Tern	S4	grain	3200	2026-05-23 21:41:00+00	t	<b>fragile</b> & heavy	1
333	Quiet Sjøfugl	E1	timber	3600	2026-05-24 01:15:00+00	f	\N	1
334	Quiet Marlin	N3	herring	7800	2026-05-24 07:49:00+00	f	\N	1
335	Morning Sjøfugl	W3	herring	3700	2026-05-24 12:34:00+00	t	late tide	1
336	Señora Kittiwake	S2	timber	4500	2026-05-24 18:12:00+00	t	'; drop table arrivals; --	1
337	Silver Otter	N3	timber	5800	2026-05-25 03:39:00+00	t	crew change	1
338	Little Heron	N3	herring	3500	2026-05-25 15:10:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
339	Grey Sjøfugl	S1	timber	8300	2026-05-25 15:30:00+00	t	two calls, one manifest	1
340	Brave Estrella	W1	herring	1400	2026-05-25 16:23:00+00	f	\N	1
341	Øst Żuraw	E2	grain	9200	2026-05-25 20:35:00+00	t	\N	1
342	Blå Anchor	E4	slate	6700	2026-05-25 20:56:00+00	f	\N	1
343	Brave Sjøfugl	N4	wool	900	2026-05-26 06:19:00+00	t	damaged fender, berth side	1
344	Früher Marlin	N1	machine parts	5400	2026-05-26 10:00:00+00	t	déchargement de nuit	1
345	Brave Otter	S3	empty	\N	2026-05-26 12:44:00+00	t	\N	1
346	Señora Lantern	S1	grain	1400	2026-05-26 19:19:00+00	f	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
347	Grey Möwe	N3	grain	3800	2026-05-26 22:34:00+00	t	déchargement de nuit	1
\.


--
-- Data for Name: records_17; Type: TABLE DATA; Schema: pageladder; Owner: -
--

COPY pageladder.records_17 (id, vessel, berth, cargo, tonnage, arrived_at, cleared, note, "pl.revision") FROM stdin;
1	Quiet Heron	S2	empty	\N	2026-03-01 05:50:00+00	t	crew change	1
2	Øst Lantern	W1	salt	5300	2026-03-01 14:01:00+00	t	crew change	1
3	Blå Kittiwake	N2	machine parts	7700	2026-03-02 00:15:00+00	t	\N	1
4	Brave Sundew	E3	salt	4800	2026-03-02 05:14:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
5	Morning Cormorant	E1	machine parts	8400	2026-03-02 11:05:00+00	f	\N	1
6	Brave Kittiwake	N4	timber	1900	2026-03-02 22:20:00+00	t	\N	1
7	Früher Gull	S4	wool	7900	2026-03-03 05:12:00+00	f	'; drop table arrivals; --	1
8	Blå Brise	S3	timber	900	2026-03-03 14:30:00+00	t	two calls, one manifest	1
9	Quiet Cormorant	N4	slate	6600	2026-03-03 19:59:00+00	t	\N	1
10	Señora Petrel	W1	empty	\N	2026-03-04 03:32:00+00	f	waits for customs; papers "in order"	1
11	Grey Otter	W3	empty	\N	2026-03-04 06:43:00+00	t	déchargement de nuit	1
12	Little Lantern	N3	grain	8100	2026-03-04 16:55:00+00	f	\N	1
13	Blå Anchor	N2	machine parts	2600	2026-03-05 04:11:00+00	t	مرساة خارج الميناء	1
14	Quiet Sundew	E4	grain	\N	2026-03-05 08:58:00+00	t	'; drop table arrivals; --	1
15	Früher Heron	E2	slate	5900	2026-03-05 20:21:00+00	t	\N	1
16	Früher Tern	E1	slate	7800	2026-03-06 06:14:00+00	t	damaged fender, berth side	1
17	Quiet Lantern	N3	salt	2900	2026-03-06 14:17:00+00	t	crew change	1
18	Øst Heron	W4	slate	2200	2026-03-06 14:48:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
19	Øst Otter	N2	machine parts	\N	2026-03-06 22:33:00+00	f	'; drop table arrivals; --	1
20	Quiet Anchor	W1	timber	8500	2026-03-07 01:49:00+00	t	two calls, one manifest	1
21	Crimson Estrella	E3	wool	4600	2026-03-07 06:39:00+00	t	\N	1
22	Früher Marlin	N4	machine parts	6200	2026-03-07 15:57:00+00	t	pilot on board	1
23	Blå Estrella	E1	wool	500	2026-03-07 22:22:00+00	t	'; drop table arrivals; --	1
24	Señora Brise	W2	timber	6800	2026-03-08 10:05:00+00	f	two calls, one manifest	1
25	Silver Heron	W3	grain	2000	2026-03-08 12:49:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
26	Früher Otter	E4	timber	4700	2026-03-08 13:44:00+00	t	déchargement de nuit	1
27	Salt Anchor	N3	empty	\N	2026-03-08 23:04:00+00	f	late tide	1
28	Øst Żuraw	E3	herring	1500	2026-03-09 03:37:00+00	f	\N	1
29	Morning Estrella	E3	herring	4300	2026-03-09 10:59:00+00	t	\N	1
30	Blå Cormorant	S1	salt	1900	2026-03-09 18:10:00+00	f	déchargement de nuit	1
31	Quiet Estrella	N3	empty	\N	2026-03-10 05:32:00+00	t	late tide	1
32	Amber Cormorant	N2	salt	5800	2026-03-10 16:00:00+00	f	late tide	1
33	Øst Brise	W2	timber	8000	2026-03-11 03:13:00+00	t	مرساة خارج الميناء	1
34	Grey Möwe	S1	wool	3000	2026-03-11 07:23:00+00	t	damaged fender, berth side	1
35	Øst Sundew	S1	empty	\N	2026-03-11 08:19:00+00	t	déchargement de nuit	1
36	Señora Sjøfugl	N1	empty	\N	2026-03-11 15:14:00+00	t	two calls, one manifest	1
37	Brave Cormorant	W1	salt	6100	2026-03-11 15:36:00+00	f	'; drop table arrivals; --	1
38	Winter Anchor	E3	wool	6200	2026-03-11 19:40:00+00	t	\N	1
39	Salt Heron	W4	machine parts	3400	2026-03-12 01:04:00+00	\N	\N	1
40	Salt Anchor	N2	wool	7300	2026-03-12 08:52:00+00	t	<b>fragile</b> & heavy	1
41	Øst Petrel	E1	timber	5800	2026-03-12 11:30:00+00	t	\N	1
42	Ľúčna Brise	N4	empty	\N	2026-03-12 18:45:00+00	t	pilot on board	1
43	Ľúčna Cormorant	N3	machine parts	8200	2026-03-12 22:03:00+00	t	<b>fragile</b> & heavy	1
44	Silver Petrel	N2	empty	\N	2026-03-13 02:57:00+00	t	مرساة خارج الميناء	1
45	Ľúčna Marlin	S1	machine parts	2100	2026-03-13 10:40:00+00	t	waits for customs; papers "in order"	1
46	Salt Żuraw	S3	herring	2700	2026-03-13 21:04:00+00	t	'; drop table arrivals; --	1
47	Salt Otter	N3	empty	\N	2026-03-13 23:11:00+00	t	waits for customs; papers "in order"	1
48	Blå Tern	W1	herring	1500	2026-03-14 09:33:00+00	t	<b>fragile</b> & heavy	1
49	Quiet Cormorant	W1	herring	300	2026-03-14 10:59:00+00	t	waits for customs; papers "in order"	1
50	Little Anchor	E3	grain	4300	2026-03-14 19:27:00+00	f	\N	1
51	Blå Estrella	S4	grain	4300	2026-03-14 21:43:00+00	f	damaged fender, berth side	1
52	Øst Sjøfugl	N4	wool	\N	2026-03-15 07:09:00+00	f	waits for customs; papers "in order"	1
53	Little Estrella	E4	herring	6200	2026-03-15 09:57:00+00	f	مرساة خارج الميناء	1
54	Little Heron	W1	wool	1900	2026-03-15 11:05:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
55	Northern Sundew	S4	timber	6600	2026-03-15 13:32:00+00	t	pilot on board	1
56	Winter Żuraw	E4	timber	8500	2026-03-15 21:07:00+00	t	مرساة خارج الميناء	1
57	Silver Sjøfugl	N2	herring	1500	2026-03-15 21:48:00+00	t	\N	1
58	Morning Cormorant	S2	herring	3000	2026-03-16 02:57:00+00	t	damaged fender, berth side	1
59	Ľúčna Anchor	N1	wool	7100	2026-03-16 11:55:00+00	t	<b>fragile</b> & heavy	1
60	Crimson Estrella	N2	salt	3200	2026-03-16 14:50:00+00	t	waits for customs; papers "in order"	1
61	Winter Heron	W2	slate	\N	2026-03-17 00:22:00+00	f	<b>fragile</b> & heavy	1
62	Brave Kittiwake	N2	slate	5700	2026-03-17 01:07:00+00	f	damaged fender, berth side	1
63	Winter Gull	E1	herring	1800	2026-03-17 06:47:00+00	t	'; drop table arrivals; --	1
64	Señora Kittiwake	W3	grain	5600	2026-03-17 13:40:00+00	t	\N	1
65	Blå Möwe	W3	wool	500	2026-03-17 15:10:00+00	t	waits for customs; papers "in order"	1
66	Grey Petrel	N3	grain	7200	2026-03-18 00:08:00+00	t	déchargement de nuit	1
67	Grey Kittiwake	W3	timber	2700	2026-03-18 09:52:00+00	t	damaged fender, berth side	1
68	Morning Tern	S2	wool	7100	2026-03-18 19:31:00+00	t	مرساة خارج الميناء	1
69	Øst Żuraw	S4	grain	6200	2026-03-19 05:45:00+00	t	déchargement de nuit	1
70	Früher Anchor	E1	slate	6700	2026-03-19 06:16:00+00	\N	déchargement de nuit	1
71	Øst Otter	N4	wool	5600	2026-03-19 06:50:00+00	t	déchargement de nuit	1
72	Señora Estrella	W2	grain	4600	2026-03-19 10:02:00+00	t	waits for customs; papers "in order"	1
73	Blå Sjøfugl	E4	timber	3700	2026-03-19 16:54:00+00	t	waits for customs; papers "in order"	1
74	Silver Petrel	E2	grain	3700	2026-03-19 20:00:00+00	f	pilot on board	1
75	Señora Marlin	W4	salt	\N	2026-03-19 22:14:00+00	f	damaged fender, berth side	1
76	Northern Möwe	N4	salt	600	2026-03-20 05:09:00+00	f	\N	1
77	Winter Heron	W2	timber	2700	2026-03-20 10:01:00+00	t	two calls, one manifest	1
78	Little Möwe	E4	timber	5400	2026-03-20 10:48:00+00	t	pilot on board	1
79	Winter Petrel	W4	grain	3900	2026-03-20 14:14:00+00	f	pilot on board	1
80	Øst Möwe	E1	slate	7600	2026-03-20 23:28:00+00	f	late tide	1
81	Ľúčna Tern	E2	salt	6900	2026-03-21 06:58:00+00	t	مرساة خارج الميناء	1
82	Øst Żuraw	W4	machine parts	6400	2026-03-21 11:01:00+00	t	مرساة خارج الميناء	1
83	Morning Kittiwake	W3	wool	500	2026-03-21 18:40:00+00	t	\N	1
84	Señora Tern	E2	timber	4700	2026-03-22 02:32:00+00	\N	\N	1
85	Silver Heron	E3	grain	8400	2026-03-22 07:33:00+00	t	مرساة خارج الميناء	1
86	Brave Gull	N2	wool	7600	2026-03-22 15:22:00+00	t	pilot on board	1
87	Quiet Cormorant	S3	herring	6800	2026-03-22 18:23:00+00	t	two calls, one manifest	1
88	Crimson Lantern	E3	grain	5600	2026-03-23 04:08:00+00	f	\N	1
89	Blå Sundew	E2	empty	\N	2026-03-23 06:51:00+00	t	\N	1
90	Little Sjøfugl	E4	grain	8700	2026-03-23 09:25:00+00	f	crew change	1
91	Ľúčna Sundew	S2	slate	2300	2026-03-23 19:42:00+00	t	\N	1
92	Old Petrel	N2	grain	3800	2026-03-24 07:05:00+00	\N	\N	1
93	Grey Kittiwake	N3	grain	2200	2026-03-24 11:28:00+00	t	déchargement de nuit	1
94	Île Lantern	S1	machine parts	1300	2026-03-24 17:27:00+00	f	'; drop table arrivals; --	1
95	Früher Estrella	W1	empty	\N	2026-03-24 22:10:00+00	t	déchargement de nuit	1
96	Crimson Sjøfugl	N1	grain	6500	2026-03-25 03:37:00+00	t	'; drop table arrivals; --	1
97	Old Tern	N2	herring	2300	2026-03-25 09:28:00+00	t	\N	1
98	Silver Anchor	N3	empty	\N	2026-03-25 09:56:00+00	t	late tide	1
99	Northern Otter	E1	slate	7100	2026-03-25 12:40:00+00	t	\N	1
100	Northern Lantern	E2	timber	6100	2026-03-25 19:23:00+00	t	\N	1
101	Crimson Gull	E4	slate	8100	2026-03-26 06:47:00+00	t	\N	1
102	Silver Sjøfugl	W1	herring	6800	2026-03-26 08:54:00+00	t	\N	1
103	Morning Cormorant	N3	empty	\N	2026-03-26 19:07:00+00	t	déchargement de nuit	1
104	Old Brise	S4	machine parts	1000	2026-03-26 20:36:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
105	Grey Brise	S2	wool	8800	2026-03-27 06:11:00+00	f	'; drop table arrivals; --	1
106	Brave Estrella	W2	herring	5700	2026-03-27 15:00:00+00	t	damaged fender, berth side	1
107	Amber Cormorant	N1	machine parts	4700	2026-03-28 01:21:00+00	t	pilot on board	1
108	Øst Marlin	N1	grain	5400	2026-03-28 05:21:00+00	t	déchargement de nuit	1
109	Brave Otter	E3	herring	7600	2026-03-28 13:27:00+00	f	\N	1
110	Silver Otter	E4	slate	3700	2026-03-28 14:17:00+00	t	damaged fender, berth side	1
111	Salt Kittiwake	W3	timber	7100	2026-03-28 22:44:00+00	f	crew change	1
112	Silver Heron	E1	wool	\N	2026-03-29 04:02:00+00	t	waits for customs; papers "in order"	1
113	Little Gull	E1	salt	900	2026-03-29 11:14:00+00	t	مرساة خارج الميناء	1
114	Winter Brise	S1	empty	\N	2026-03-29 17:04:00+00	t	waits for customs; papers "in order"	1
115	Winter Estrella	S4	grain	4100	2026-03-30 02:41:00+00	t	\N	1
116	Winter Gull	S3	machine parts	4800	2026-03-30 08:03:00+00	f	\N	1
117	Salt Lantern	W1	wool	\N	2026-03-30 15:50:00+00	t	late tide	1
118	Grey Möwe	E2	herring	\N	2026-03-31 02:42:00+00	t	late tide	1
119	Winter Kittiwake	N3	grain	8800	2026-03-31 14:17:00+00	t	crew change	1
120	Blå Möwe	S4	grain	8600	2026-03-31 23:52:00+00	t	\N	1
121	Grey Estrella	E1	herring	\N	2026-04-01 04:32:00+00	f	waits for customs; papers "in order"	1
122	Salt Marlin	N4	wool	3000	2026-04-01 11:45:00+00	t	'; drop table arrivals; --	1
123	Brave Tern	S2	herring	4400	2026-04-01 16:46:00+00	t	waits for customs; papers "in order"	1
124	Grey Lantern	S1	salt	3000	2026-04-01 23:06:00+00	t	'; drop table arrivals; --	1
125	Little Sjøfugl	N4	wool	7900	2026-04-02 02:17:00+00	t	<b>fragile</b> & heavy	1
126	Winter Estrella	N3	slate	\N	2026-04-02 08:02:00+00	f	\N	1
127	Brave Tern	N1	machine parts	2800	2026-04-02 13:39:00+00	t	waits for customs; papers "in order"	1
128	Île Sjøfugl	E3	salt	7500	2026-04-02 19:00:00+00	t	\N	1
129	Grey Sjøfugl	N4	wool	6700	2026-04-02 20:28:00+00	t	\N	1
130	Blå Cormorant	S1	machine parts	5900	2026-04-03 05:06:00+00	f	waits for customs; papers "in order"	1
131	Ľúčna Kittiwake	E2	slate	2400	2026-04-03 11:49:00+00	t	pilot on board	1
132	Salt Heron	W2	timber	2600	2026-04-03 12:26:00+00	t	late tide	1
133	Morning Möwe	W3	wool	\N	2026-04-03 15:07:00+00	t	\N	1
134	Old Brise	N4	wool	7800	2026-04-03 22:02:00+00	t	مرساة خارج الميناء	1
135	Crimson Sjøfugl	W3	grain	800	2026-04-04 06:28:00+00	t	déchargement de nuit	1
136	Amber Anchor	E2	herring	5100	2026-04-04 09:19:00+00	\N	\N	1
137	Ľúčna Sjøfugl	E4	salt	\N	2026-04-04 15:33:00+00	t	<b>fragile</b> & heavy	1
138	Øst Marlin	W4	timber	9200	2026-04-05 02:41:00+00	t	two calls, one manifest	1
139	Früher Żuraw	S4	slate	4900	2026-04-05 10:13:00+00	\N	\N	1
140	Quiet Żuraw	S4	wool	2500	2026-04-05 12:29:00+00	t	déchargement de nuit	1
141	Morning Marlin	W3	grain	6900	2026-04-05 21:22:00+00	t	déchargement de nuit	1
142	Île Anchor	N3	wool	700	2026-04-05 22:07:00+00	f	\N	1
143	Salt Tern	N2	salt	\N	2026-04-06 00:24:00+00	t	<b>fragile</b> & heavy	1
144	Morning Sjøfugl	S1	slate	3900	2026-04-06 12:02:00+00	t	\N	1
145	Amber Kittiwake	S1	herring	2100	2026-04-06 21:59:00+00	t	\N	1
146	Ľúčna Żuraw	W1	timber	1800	2026-04-07 03:41:00+00	t	'; drop table arrivals; --	1
147	Northern Żuraw	E1	wool	8700	2026-04-07 12:05:00+00	t	pilot on board	1
148	Île Cormorant	N4	empty	\N	2026-04-07 13:35:00+00	t	مرساة خارج الميناء	1
149	Old Möwe	S3	machine parts	8400	2026-04-07 22:12:00+00	f	waits for customs; papers "in order"	1
150	Winter Gull	S3	herring	8500	2026-04-08 04:12:00+00	t	\N	1
151	Old Lantern	E2	herring	2200	2026-04-08 12:32:00+00	t	\N	1
152	Señora Cormorant	E3	slate	1000	2026-04-08 14:44:00+00	t	waits for customs; papers "in order"	1
153	Blå Marlin	S2	salt	1700	2026-04-09 01:59:00+00	t	<b>fragile</b> & heavy	1
154	Brave Petrel	E2	wool	1700	2026-04-09 07:52:00+00	t	déchargement de nuit	1
155	Northern Tern	N4	herring	5800	2026-04-09 14:27:00+00	t	\N	1
156	Salt Cormorant	W2	empty	\N	2026-04-10 01:04:00+00	t	\N	1
157	Blå Sjøfugl	S2	slate	3000	2026-04-10 10:26:00+00	t	damaged fender, berth side	1
158	Øst Heron	S2	salt	7900	2026-04-10 13:34:00+00	\N	déchargement de nuit	1
159	Grey Lantern	N4	wool	7700	2026-04-10 23:54:00+00	t	crew change	1
160	Quiet Sundew	W2	wool	500	2026-04-11 02:21:00+00	t	damaged fender, berth side	1
161	Northern Estrella	N1	wool	4300	2026-04-11 10:57:00+00	t	مرساة خارج الميناء	1
162	Früher Tern	S3	salt	5700	2026-04-11 20:39:00+00	t	'; drop table arrivals; --	1
163	Quiet Marlin	W2	salt	9200	2026-04-12 03:30:00+00	t	late tide	1
164	Little Marlin	S2	slate	8800	2026-04-12 07:00:00+00	f	\N	1
165	Ľúčna Lantern	N2	grain	5400	2026-04-12 07:52:00+00	t	\N	1
166	Blå Marlin	N4	salt	5800	2026-04-12 11:07:00+00	f	two calls, one manifest	1
167	Northern Cormorant	E4	empty	\N	2026-04-12 12:56:00+00	f	مرساة خارج الميناء	1
168	Little Estrella	N2	machine parts	2000	2026-04-12 21:11:00+00	t	crew change	1
169	Northern Gull	W1	machine parts	1500	2026-04-13 01:27:00+00	f	pilot on board	1
170	Früher Cormorant	N3	herring	7900	2026-04-13 12:43:00+00	t	two calls, one manifest	1
171	Old Marlin	W4	salt	5000	2026-04-13 19:33:00+00	t	'; drop table arrivals; --	1
172	Señora Sjøfugl	E4	empty	\N	2026-04-14 03:41:00+00	t	waits for customs; papers "in order"	1
173	Salt Otter	W3	empty	\N	2026-04-14 13:58:00+00	t	crew change	1
174	Ľúčna Żuraw	N4	machine parts	5000	2026-04-14 21:27:00+00	t	pilot on board	1
175	Crimson Otter	S1	salt	3500	2026-04-15 08:13:00+00	t	مرساة خارج الميناء	1
176	Île Petrel	W2	slate	4600	2026-04-15 10:21:00+00	t	damaged fender, berth side	1
177	Grey Sundew	E4	salt	6800	2026-04-15 15:41:00+00	t	مرساة خارج الميناء	1
178	Grey Brise	S3	grain	1300	2026-04-15 18:25:00+00	t	'; drop table arrivals; --	1
179	Ľúčna Tern	N2	wool	2800	2026-04-15 22:29:00+00	t	\N	1
180	Ľúčna Tern	W4	empty	\N	2026-04-16 03:16:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
181	Grey Anchor	W2	machine parts	600	2026-04-16 12:30:00+00	t	\N	1
182	Winter Brise	N3	machine parts	6700	2026-04-16 19:29:00+00	t	\N	1
183	Old Kittiwake	S1	wool	3300	2026-04-17 04:07:00+00	t	late tide	1
184	Früher Lantern	E2	wool	3500	2026-04-17 12:13:00+00	t	waits for customs; papers "in order"	1
185	Winter Otter	W3	machine parts	2600	2026-04-17 15:14:00+00	t	waits for customs; papers "in order"	1
186	Blå Brise	E4	empty	\N	2026-04-17 22:34:00+00	t	late tide	1
187	Amber Petrel	E4	slate	6600	2026-04-18 09:41:00+00	f	pilot on board	1
188	Señora Anchor	N4	timber	4900	2026-04-18 21:29:00+00	t	\N	1
189	Île Heron	S3	grain	9200	2026-04-19 08:48:00+00	f	pilot on board	1
190	Northern Petrel	W3	salt	8600	2026-04-19 14:14:00+00	t	two calls, one manifest	1
191	Quiet Cormorant	W4	timber	1300	2026-04-19 15:46:00+00	f	two calls, one manifest	1
192	Northern Sjøfugl	E4	timber	7300	2026-04-19 19:48:00+00	t	<b>fragile</b> & heavy	1
193	Señora Żuraw	W4	slate	8100	2026-04-20 01:04:00+00	t	\N	1
194	Old Marlin	S1	timber	8800	2026-04-20 08:44:00+00	t	'; drop table arrivals; --	1
195	Île Lantern	S1	wool	1600	2026-04-20 09:37:00+00	t	<b>fragile</b> & heavy	1
196	Silver Cormorant	N1	machine parts	8100	2026-04-20 11:24:00+00	t	damaged fender, berth side	1
197	Früher Sundew	S3	wool	7700	2026-04-20 17:31:00+00	f	\N	1
198	Little Marlin	W2	slate	1700	2026-04-20 19:00:00+00	f	\N	1
199	Señora Möwe	E4	herring	8400	2026-04-21 06:04:00+00	f	<b>fragile</b> & heavy	1
200	Île Gull	N4	machine parts	1000	2026-04-21 10:38:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
201	Morning Anchor	N3	machine parts	6900	2026-04-21 11:59:00+00	f	\N	1
202	Crimson Estrella	W2	slate	\N	2026-04-21 13:32:00+00	t	\N	1
203	Øst Tern	W3	grain	6500	2026-04-21 16:54:00+00	f	'; drop table arrivals; --	1
204	Little Gull	W2	timber	5800	2026-04-21 18:52:00+00	f	\N	1
205	Northern Żuraw	E2	timber	7900	2026-04-21 19:08:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
206	Amber Tern	W1	machine parts	1800	2026-04-22 04:37:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
207	Brave Möwe	S4	herring	4400	2026-04-22 14:52:00+00	t	\N	1
208	Île Möwe	W2	salt	4000	2026-04-22 19:45:00+00	t	\N	1
209	Früher Möwe	S2	slate	8900	2026-04-23 00:28:00+00	t	'; drop table arrivals; --	1
210	Old Anchor	S4	empty	\N	2026-04-23 08:55:00+00	t	<b>fragile</b> & heavy	1
211	Île Tern	S1	empty	\N	2026-04-23 19:57:00+00	f	pilot on board	1
212	Früher Marlin	W2	wool	8500	2026-04-23 21:42:00+00	t	\N	1
213	Señora Żuraw	W2	empty	\N	2026-04-23 21:58:00+00	t	\N	1
214	Northern Cormorant	W4	wool	600	2026-04-23 23:01:00+00	t	crew change	1
215	Señora Lantern	E3	wool	9100	2026-04-24 06:26:00+00	t	late tide	1
216	Salt Otter	N1	salt	5200	2026-04-24 12:30:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
217	Silver Anchor	E1	wool	6300	2026-04-24 16:40:00+00	t	'; drop table arrivals; --	1
218	Morning Anchor	N2	grain	2900	2026-04-25 01:42:00+00	t	late tide	1
219	Old Heron	S2	wool	3400	2026-04-25 08:04:00+00	f	\N	1
220	Little Otter	S3	wool	5700	2026-04-25 16:33:00+00	t	déchargement de nuit	1
221	Grey Petrel	W2	wool	5400	2026-04-25 17:12:00+00	t	damaged fender, berth side	1
222	Morning Sjøfugl	S3	herring	5700	2026-04-25 23:11:00+00	t	\N	1
223	Blå Möwe	S4	empty	\N	2026-04-26 07:20:00+00	t	damaged fender, berth side	1
224	Brave Żuraw	S3	herring	7800	2026-04-26 19:07:00+00	f	مرساة خارج الميناء	1
225	Blå Otter	S4	salt	8600	2026-04-26 23:05:00+00	f	late tide	1
226	Grey Heron	N1	wool	4800	2026-04-27 04:38:00+00	t	late tide	1
227	Grey Otter	N1	timber	8300	2026-04-27 05:28:00+00	f	\N	1
228	Blå Heron	E4	machine parts	3900	2026-04-27 07:18:00+00	t	crew change	1
229	Amber Lantern	W2	grain	8800	2026-04-27 07:58:00+00	t	\N	1
230	Blå Estrella	W4	empty	\N	2026-04-27 09:18:00+00	t	\N	1
231	Brave Brise	E3	timber	2700	2026-04-27 20:30:00+00	t	\N	1
232	Ľúčna Żuraw	W1	wool	1100	2026-04-28 04:30:00+00	f	damaged fender, berth side	1
233	Northern Möwe	S3	grain	8100	2026-04-28 07:02:00+00	f	pilot on board	1
234	Früher Tern	W2	salt	6200	2026-04-28 11:36:00+00	t	pilot on board	1
235	Øst Gull	N3	slate	2400	2026-04-28 21:27:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
236	Northern Gull	W3	herring	5800	2026-04-29 05:29:00+00	f	\N	1
237	Ľúčna Möwe	E2	wool	9200	2026-04-29 08:37:00+00	t	مرساة خارج الميناء	1
238	Früher Estrella	E1	salt	8700	2026-04-29 16:09:00+00	f	pilot on board	1
239	Ľúčna Kittiwake	S1	timber	\N	2026-04-30 00:26:00+00	t	\N	1
240	Crimson Sundew	W4	slate	1400	2026-04-30 03:06:00+00	t	two calls, one manifest	1
241	Quiet Heron	N4	empty	\N	2026-04-30 03:56:00+00	t	waits for customs; papers "in order"	1
242	Salt Heron	E3	slate	\N	2026-04-30 12:54:00+00	t	\N	1
243	Señora Brise	S3	salt	3200	2026-04-30 23:15:00+00	t	late tide	1
244	Amber Żuraw	S3	machine parts	9000	2026-05-01 07:59:00+00	t	مرساة خارج الميناء	1
245	Quiet Heron	N2	wool	800	2026-05-01 13:34:00+00	t	crew change	1
246	Grey Żuraw	S3	wool	4400	2026-05-01 22:34:00+00	t	damaged fender, berth side	1
247	Quiet Cormorant	S3	salt	300	2026-05-02 00:20:00+00	t	crew change	1
248	Salt Sundew	W3	slate	8300	2026-05-02 10:30:00+00	\N	\N	1
249	Silver Estrella	S1	empty	\N	2026-05-02 20:55:00+00	t	\N	1
250	Little Żuraw	S2	empty	\N	2026-05-02 22:57:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
251	Old Sundew	E1	slate	4400	2026-05-03 06:01:00+00	t	crew change	1
252	Amber Tern	S2	herring	6500	2026-05-03 08:07:00+00	f	'; drop table arrivals; --	1
253	Old Sundew	S4	empty	\N	2026-05-03 14:28:00+00	t	\N	1
254	Crimson Kittiwake	N2	salt	2600	2026-05-03 18:29:00+00	f	مرساة خارج الميناء	1
255	Old Sundew	N2	salt	\N	2026-05-04 00:48:00+00	f	déchargement de nuit	1
256	Little Żuraw	E3	herring	4200	2026-05-04 09:01:00+00	t	pilot on board	1
257	Morning Sjøfugl	S2	grain	5300	2026-05-04 18:49:00+00	t	crew change	1
258	Little Möwe	S2	wool	3100	2026-05-04 19:06:00+00	t	مرساة خارج الميناء	1
259	Señora Otter	N3	empty	\N	2026-05-04 22:56:00+00	t	pilot on board	1
260	Amber Lantern	S3	wool	4300	2026-05-05 09:17:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
261	Ľúčna Petrel	N1	herring	4700	2026-05-05 14:06:00+00	t	two calls, one manifest	1
262	Winter Estrella	E2	timber	2800	2026-05-05 18:15:00+00	t	'; drop table arrivals; --	1
263	Señora Marlin	N3	wool	2400	2026-05-06 02:56:00+00	f	\N	1
264	Øst Cormorant	W2	timber	5100	2026-05-06 05:30:00+00	t	two calls, one manifest	1
265	Quiet Tern	S4	timber	5000	2026-05-06 12:25:00+00	t	\N	1
266	Île Marlin	W1	grain	\N	2026-05-06 22:48:00+00	t	damaged fender, berth side	1
267	Øst Gull	E2	wool	3400	2026-05-07 00:07:00+00	t	late tide	1
268	Silver Marlin	N2	timber	4500	2026-05-07 03:05:00+00	t	crew change	1
269	Little Marlin	N3	grain	4000	2026-05-07 05:32:00+00	f	déchargement de nuit	1
270	Morning Kittiwake	W4	slate	6700	2026-05-07 13:25:00+00	f	<b>fragile</b> & heavy	1
271	Old Marlin	W1	wool	2500	2026-05-07 16:53:00+00	t	\N	1
272	Winter Sundew	E4	empty	\N	2026-05-08 02:19:00+00	t	crew change	1
273	Brave Brise	S3	timber	4400	2026-05-08 12:46:00+00	t	\N	1
274	Blå Gull	W4	empty	\N	2026-05-08 20:35:00+00	t	late tide	1
275	Blå Brise	N3	empty	\N	2026-05-09 02:54:00+00	t	déchargement de nuit	1
276	Old Marlin	N4	wool	4400	2026-05-09 10:10:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
277	Grey Gull	E4	empty	\N	2026-05-09 20:54:00+00	t	<b>fragile</b> & heavy	1
278	Grey Möwe	S4	timber	600	2026-05-10 03:04:00+00	t	damaged fender, berth side	1
279	Northern Gull	W3	wool	7700	2026-05-10 11:38:00+00	t	'; drop table arrivals; --	1
280	Blå Heron	W1	wool	1800	2026-05-10 12:14:00+00	t	'; drop table arrivals; --	1
281	Ľúčna Marlin	S2	grain	8900	2026-05-10 21:02:00+00	t	crew change	1
282	Øst Otter	E2	empty	\N	2026-05-11 02:37:00+00	t	مرساة خارج الميناء	1
283	Northern Gull	S2	salt	6300	2026-05-11 03:17:00+00	f	two calls, one manifest	1
284	Blå Möwe	N3	salt	3700	2026-05-11 10:03:00+00	t	\N	1
285	Winter Lantern	W4	timber	6900	2026-05-11 20:40:00+00	t	pilot on board	1
286	Northern Cormorant	N2	herring	6200	2026-05-12 04:10:00+00	t	\N	1
287	Silver Lantern	W1	wool	1000	2026-05-12 10:31:00+00	f	مرساة خارج الميناء	1
288	Señora Gull	E3	herring	7800	2026-05-12 19:45:00+00	t	\N	1
289	Crimson Otter	S3	grain	2900	2026-05-13 07:00:00+00	t	two calls, one manifest	1
290	Quiet Cormorant	S4	grain	1900	2026-05-13 08:38:00+00	f	\N	1
291	Früher Petrel	W1	herring	5500	2026-05-13 14:20:00+00	f	damaged fender, berth side	1
292	Northern Anchor	E2	grain	6500	2026-05-13 15:58:00+00	t	two calls, one manifest	1
293	Little Żuraw	N3	wool	5800	2026-05-13 17:11:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
294	Morning Żuraw	E2	timber	4800	2026-05-14 01:50:00+00	t	crew change	1
295	Señora Estrella	S3	grain	7000	2026-05-14 05:54:00+00	\N	\N	1
296	Früher Marlin	W2	slate	6000	2026-05-14 08:43:00+00	t	waits for customs; papers "in order"	1
297	Ľúčna Brise	E1	wool	8900	2026-05-14 12:36:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
298	Little Sjøfugl	S2	grain	7400	2026-05-14 19:46:00+00	f	\N	1
299	Silver Sjøfugl	W3	wool	8000	2026-05-15 07:08:00+00	\N	déchargement de nuit	1
300	Old Marlin	N2	timber	\N	2026-05-15 12:24:00+00	t	\N	1
301	Winter Tern	W4	empty	\N	2026-05-15 16:46:00+00	t	waits for customs; papers "in order"	1
302	Quiet Brise	W3	timber	2300	2026-05-16 04:18:00+00	t	<b>fragile</b> & heavy	1
303	Crimson Estrella	E4	salt	2000	2026-05-16 05:42:00+00	\N	waits for customs; papers "in order"	1
304	Grey Estrella	W1	grain	4000	2026-05-16 10:01:00+00	f	'; drop table arrivals; --	1
305	Ľúčna Marlin	N4	timber	600	2026-05-16 21:24:00+00	t	\N	1
306	Crimson Marlin	W2	salt	6100	2026-05-17 07:46:00+00	t	late tide	1
307	Señora Marlin	S1	wool	1900	2026-05-17 12:52:00+00	t	crew change	1
308	Old Marlin	E2	wool	8700	2026-05-17 17:39:00+00	t	two calls, one manifest	1
309	Señora Gull	N1	salt	7600	2026-05-17 22:52:00+00	t	two calls, one manifest	1
310	Little Otter	S4	grain	\N	2026-05-17 23:24:00+00	t	waits for customs; papers "in order"	1
311	Blå Petrel	S3	empty	\N	2026-05-18 10:28:00+00	f	late tide	1
312	Ľúčna Marlin	N4	slate	3200	2026-05-18 14:58:00+00	t	waits for customs; papers "in order"	1
313	Quiet Möwe	S2	salt	1300	2026-05-18 22:14:00+00	t	مرساة خارج الميناء	1
314	Früher Sundew	S2	herring	2200	2026-05-19 06:44:00+00	t	déchargement de nuit	1
315	Salt Kittiwake	S3	timber	600	2026-05-19 14:24:00+00	t	pilot on board	1
316	Silver Żuraw	E2	machine parts	8300	2026-05-19 23:27:00+00	t	\N	1
317	Little Brise	N4	grain	5100	2026-05-20 03:21:00+00	t	two calls, one manifest	1
318	Morning Tern	W1	empty	\N	2026-05-20 03:39:00+00	t	two calls, one manifest	1
319	Silver Sjøfugl	W1	grain	4200	2026-05-20 07:29:00+00	t	déchargement de nuit	1
320	Morning Otter	W4	timber	2100	2026-05-20 18:37:00+00	f	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
321	Crimson Marlin	W2	salt	8700	2026-05-21 03:28:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
322	Northern Brise	E1	timber	300	2026-05-21 12:11:00+00	t	late tide	1
323	Øst Żuraw	S1	wool	1000	2026-05-21 20:27:00+00	t	\N	1
324	Silver Heron	W2	wool	3200	2026-05-22 00:13:00+00	t	déchargement de nuit	1
325	Morning Estrella	S4	empty	\N	2026-05-22 09:25:00+00	t	<b>fragile</b> & heavy	1
326	Quiet Otter	N2	grain	8700	2026-05-22 14:45:00+00	t	crew change	1
327	Northern Gull	E2	slate	800	2026-05-22 18:50:00+00	t	مرساة خارج الميناء	1
328	Crimson Möwe	E3	herring	3500	2026-05-23 03:37:00+00	f	crew change	1
329	Grey Heron	S2	salt	7200	2026-05-23 04:07:00+00	t	<b>fragile</b> & heavy	1
330	Grey Gull	W2	slate	5400	2026-05-23 15:01:00+00	t	déchargement de nuit	1
331	Salt Lantern	N4	wool	3300	2026-05-23 15:21:00+00	t	crew change	1
332	Blå Tern	S4	grain	3200	2026-05-23 21:41:00+00	t	<b>fragile</b> & heavy	1
333	Quiet Sjøfugl	E1	timber	3600	2026-05-24 01:15:00+00	f	\N	1
334	Quiet Marlin	N3	herring	7800	2026-05-24 07:49:00+00	f	\N	1
335	Morning Sjøfugl	W3	herring	3700	2026-05-24 12:34:00+00	t	late tide	1
336	Señora Kittiwake	S2	timber	4500	2026-05-24 18:12:00+00	t	'; drop table arrivals; --	1
337	Silver Otter	N3	timber	5800	2026-05-25 03:39:00+00	t	crew change	1
338	Little Heron	N3	herring	3500	2026-05-25 15:10:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
339	Grey Sjøfugl	S1	timber	8300	2026-05-25 15:30:00+00	t	two calls, one manifest	1
340	Brave Estrella	W1	herring	1400	2026-05-25 16:23:00+00	f	\N	1
341	Øst Żuraw	E2	grain	9200	2026-05-25 20:35:00+00	t	\N	1
342	Blå Anchor	E4	slate	6700	2026-05-25 20:56:00+00	f	\N	1
343	Brave Sjøfugl	N4	wool	900	2026-05-26 06:19:00+00	t	damaged fender, berth side	1
344	Früher Marlin	N1	machine parts	5400	2026-05-26 10:00:00+00	t	déchargement de nuit	1
345	Brave Otter	S3	empty	\N	2026-05-26 12:44:00+00	t	\N	1
346	Señora Lantern	S1	grain	1400	2026-05-26 19:19:00+00	f	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
347	Grey Möwe	N3	grain	3800	2026-05-26 22:34:00+00	t	déchargement de nuit	1
\.


--
-- Data for Name: records_18; Type: TABLE DATA; Schema: pageladder; Owner: -
--

COPY pageladder.records_18 (id, vessel, berth, cargo, tonnage, arrived_at, cleared, note, "pl.revision") FROM stdin;
1	Quiet Heron	S2	empty	\N	2026-03-01 05:50:00+00	t	crew change	1
2	Øst Lantern	W1	salt	5300	2026-03-01 14:01:00+00	t	crew change	1
3	Blå Kittiwake	N2	machine parts	7700	2026-03-02 00:15:00+00	t	\N	1
4	Brave Sundew	E3	salt	4800	2026-03-02 05:14:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
5	Morning Cormorant	E1	machine parts	8400	2026-03-02 11:05:00+00	f	\N	1
6	Brave Kittiwake	N4	timber	1900	2026-03-02 22:20:00+00	t	\N	1
7	Früher Gull	S4	wool	7900	2026-03-03 05:12:00+00	f	'; drop table arrivals; --	1
8	Blå Brise	S3	timber	900	2026-03-03 14:30:00+00	t	two calls, one manifest	1
9	Quiet Cormorant	N4	slate	6600	2026-03-03 19:59:00+00	t	\N	1
10	Señora Petrel	W1	empty	\N	2026-03-04 03:32:00+00	f	waits for customs; papers "in order"	1
11	Grey Otter	W3	empty	\N	2026-03-04 06:43:00+00	t	déchargement de nuit	1
12	Little Lantern	N3	grain	8100	2026-03-04 16:55:00+00	f	\N	1
13	Blå Anchor	N2	machine parts	2600	2026-03-05 04:11:00+00	t	مرساة خارج الميناء	1
14	Quiet Sundew	E4	grain	\N	2026-03-05 08:58:00+00	t	'; drop table arrivals; --	1
15	Früher Heron	E2	slate	5900	2026-03-05 20:21:00+00	t	\N	1
16	Früher Tern	E1	slate	7800	2026-03-06 06:14:00+00	t	damaged fender, berth side	1
17	Quiet Lantern	N3	salt	2900	2026-03-06 14:17:00+00	t	crew change	1
18	Øst Heron	W4	slate	2200	2026-03-06 14:48:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
19	Øst Otter	N2	machine parts	\N	2026-03-06 22:33:00+00	f	'; drop table arrivals; --	1
20	Quiet Anchor	W1	timber	8500	2026-03-07 01:49:00+00	t	two calls, one manifest	1
21	Crimson Estrella	E3	wool	4600	2026-03-07 06:39:00+00	t	\N	1
22	Früher Marlin	N4	machine parts	6200	2026-03-07 15:57:00+00	t	pilot on board	1
23	Blå Estrella	E1	wool	500	2026-03-07 22:22:00+00	t	'; drop table arrivals; --	1
24	Señora Brise	W2	timber	6800	2026-03-08 10:05:00+00	f	two calls, one manifest	1
25	Silver Heron	W3	grain	2000	2026-03-08 12:49:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
26	Früher Otter	E4	timber	4700	2026-03-08 13:44:00+00	t	déchargement de nuit	1
27	Salt Anchor	N3	empty	\N	2026-03-08 23:04:00+00	f	late tide	1
28	Øst Żuraw	E3	herring	1500	2026-03-09 03:37:00+00	f	\N	1
29	Morning Estrella	E3	herring	4300	2026-03-09 10:59:00+00	t	\N	1
30	Blå Cormorant	S1	salt	1900	2026-03-09 18:10:00+00	f	déchargement de nuit	1
31	Quiet Estrella	N3	empty	\N	2026-03-10 05:32:00+00	t	late tide	1
32	Amber Cormorant	N2	salt	5800	2026-03-10 16:00:00+00	f	late tide	1
33	Øst Brise	W2	timber	8000	2026-03-11 03:13:00+00	t	مرساة خارج الميناء	1
34	Grey Möwe	S1	wool	3000	2026-03-11 07:23:00+00	t	damaged fender, berth side	1
35	Øst Sundew	S1	empty	\N	2026-03-11 08:19:00+00	t	déchargement de nuit	1
36	Señora Sjøfugl	N1	empty	\N	2026-03-11 15:14:00+00	t	two calls, one manifest	1
37	Brave Cormorant	W1	salt	6100	2026-03-11 15:36:00+00	f	'; drop table arrivals; --	1
38	Winter Anchor	E3	wool	6200	2026-03-11 19:40:00+00	t	\N	1
39	Salt Heron	W4	machine parts	3400	2026-03-12 01:04:00+00	\N	\N	1
40	Salt Anchor	N2	wool	7300	2026-03-12 08:52:00+00	t	<b>fragile</b> & heavy	1
41	Øst Petrel	E1	timber	5800	2026-03-12 11:30:00+00	t	\N	1
42	Ľúčna Brise	N4	empty	\N	2026-03-12 18:45:00+00	t	pilot on board	1
43	Ľúčna Cormorant	N3	machine parts	8200	2026-03-12 22:03:00+00	t	<b>fragile</b> & heavy	1
44	Silver Petrel	N2	empty	\N	2026-03-13 02:57:00+00	t	مرساة خارج الميناء	1
45	Ľúčna Marlin	S1	machine parts	2100	2026-03-13 10:40:00+00	t	waits for customs; papers "in order"	1
46	Salt Żuraw	S3	herring	2700	2026-03-13 21:04:00+00	t	'; drop table arrivals; --	1
47	Salt Otter	N3	empty	\N	2026-03-13 23:11:00+00	t	waits for customs; papers "in order"	1
48	Blå Tern	W1	herring	1500	2026-03-14 09:33:00+00	t	<b>fragile</b> & heavy	1
49	Quiet Cormorant	W1	herring	300	2026-03-14 10:59:00+00	t	waits for customs; papers "in order"	1
50	Little Anchor	E3	grain	4300	2026-03-14 19:27:00+00	f	\N	1
51	Blå Estrella	S4	grain	4300	2026-03-14 21:43:00+00	f	damaged fender, berth side	1
52	Øst Sjøfugl	N4	wool	\N	2026-03-15 07:09:00+00	f	waits for customs; papers "in order"	1
53	Little Estrella	E4	herring	6200	2026-03-15 09:57:00+00	f	مرساة خارج الميناء	1
54	Little Heron	W1	wool	1900	2026-03-15 11:05:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
55	Northern Sundew	S4	timber	6600	2026-03-15 13:32:00+00	t	pilot on board	1
56	Winter Żuraw	E4	timber	8500	2026-03-15 21:07:00+00	t	مرساة خارج الميناء	1
57	Silver Sjøfugl	N2	herring	1500	2026-03-15 21:48:00+00	t	\N	1
58	Morning Cormorant	S2	herring	3000	2026-03-16 02:57:00+00	t	damaged fender, berth side	1
59	Ľúčna Anchor	N1	wool	7100	2026-03-16 11:55:00+00	t	<b>fragile</b> & heavy	1
60	Crimson Estrella	N2	salt	3200	2026-03-16 14:50:00+00	t	waits for customs; papers "in order"	1
61	Winter Heron	W2	slate	\N	2026-03-17 00:22:00+00	f	<b>fragile</b> & heavy	1
62	Brave Kittiwake	N2	slate	5700	2026-03-17 01:07:00+00	f	damaged fender, berth side	1
63	Winter Gull	E1	herring	1800	2026-03-17 06:47:00+00	t	'; drop table arrivals; --	1
64	Señora Kittiwake	W3	grain	5600	2026-03-17 13:40:00+00	t	\N	1
65	Blå Möwe	W3	wool	500	2026-03-17 15:10:00+00	t	waits for customs; papers "in order"	1
66	Grey Petrel	N3	grain	7200	2026-03-18 00:08:00+00	t	déchargement de nuit	1
67	Grey Kittiwake	W3	timber	2700	2026-03-18 09:52:00+00	t	damaged fender, berth side	1
68	Morning Tern	S2	wool	7100	2026-03-18 19:31:00+00	t	مرساة خارج الميناء	1
69	Øst Żuraw	S4	grain	6200	2026-03-19 05:45:00+00	t	déchargement de nuit	1
70	Früher Anchor	E1	slate	6700	2026-03-19 06:16:00+00	\N	déchargement de nuit	1
71	Øst Otter	N4	wool	5600	2026-03-19 06:50:00+00	t	déchargement de nuit	1
72	Señora Estrella	W2	grain	4600	2026-03-19 10:02:00+00	t	waits for customs; papers "in order"	1
73	Blå Sjøfugl	E4	timber	3700	2026-03-19 16:54:00+00	t	waits for customs; papers "in order"	1
74	Silver Petrel	E2	grain	3700	2026-03-19 20:00:00+00	f	pilot on board	1
75	Señora Marlin	W4	salt	\N	2026-03-19 22:14:00+00	f	damaged fender, berth side	1
76	Northern Möwe	N4	salt	600	2026-03-20 05:09:00+00	f	\N	1
77	Winter Heron	W2	timber	2700	2026-03-20 10:01:00+00	t	two calls, one manifest	1
78	Little Möwe	E4	timber	5400	2026-03-20 10:48:00+00	t	pilot on board	1
79	Winter Petrel	W4	grain	3900	2026-03-20 14:14:00+00	f	pilot on board	1
80	Øst Möwe	E1	slate	7600	2026-03-20 23:28:00+00	f	late tide	1
81	Ľúčna Tern	E2	salt	6900	2026-03-21 06:58:00+00	t	مرساة خارج الميناء	1
82	Øst Żuraw	W4	machine parts	6400	2026-03-21 11:01:00+00	t	مرساة خارج الميناء	1
83	Morning Kittiwake	W3	wool	500	2026-03-21 18:40:00+00	t	\N	1
84	Señora Tern	E2	timber	4700	2026-03-22 02:32:00+00	\N	\N	1
85	Silver Heron	E3	grain	8400	2026-03-22 07:33:00+00	t	مرساة خارج الميناء	1
86	Brave Gull	N2	wool	7600	2026-03-22 15:22:00+00	t	pilot on board	1
87	Quiet Cormorant	S3	herring	6800	2026-03-22 18:23:00+00	t	two calls, one manifest	1
88	Crimson Lantern	E3	grain	5600	2026-03-23 04:08:00+00	f	\N	1
89	Blå Sundew	E2	empty	\N	2026-03-23 06:51:00+00	t	\N	1
90	Little Sjøfugl	E4	grain	8700	2026-03-23 09:25:00+00	f	crew change	1
91	Ľúčna Sundew	S2	slate	2300	2026-03-23 19:42:00+00	t	\N	1
92	Old Petrel	N2	grain	3800	2026-03-24 07:05:00+00	\N	\N	1
93	Grey Kittiwake	N3	grain	2200	2026-03-24 11:28:00+00	t	déchargement de nuit	1
94	Île Lantern	S1	machine parts	1300	2026-03-24 17:27:00+00	f	'; drop table arrivals; --	1
95	Früher Estrella	W1	empty	\N	2026-03-24 22:10:00+00	t	déchargement de nuit	1
96	Crimson Sjøfugl	N1	grain	6500	2026-03-25 03:37:00+00	t	'; drop table arrivals; --	1
97	Old Tern	N2	herring	2300	2026-03-25 09:28:00+00	t	\N	1
98	Silver Anchor	N3	empty	\N	2026-03-25 09:56:00+00	t	late tide	1
99	Northern Otter	E1	slate	7100	2026-03-25 12:40:00+00	t	\N	1
100	Northern Lantern	E2	timber	6100	2026-03-25 19:23:00+00	t	\N	1
101	Crimson Gull	E4	slate	8100	2026-03-26 06:47:00+00	t	\N	1
102	Silver Sjøfugl	W1	herring	6800	2026-03-26 08:54:00+00	t	\N	1
103	Morning Cormorant	N3	empty	\N	2026-03-26 19:07:00+00	t	déchargement de nuit	1
104	Old Brise	S4	machine parts	1000	2026-03-26 20:36:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
105	Grey Brise	S2	wool	8800	2026-03-27 06:11:00+00	f	'; drop table arrivals; --	1
106	Brave Estrella	W2	herring	5700	2026-03-27 15:00:00+00	t	damaged fender, berth side	1
107	Amber Cormorant	N1	machine parts	4700	2026-03-28 01:21:00+00	t	pilot on board	1
108	Øst Marlin	N1	grain	5400	2026-03-28 05:21:00+00	t	déchargement de nuit	1
109	Brave Otter	E3	herring	7600	2026-03-28 13:27:00+00	f	\N	1
110	Silver Otter	E4	slate	3700	2026-03-28 14:17:00+00	t	damaged fender, berth side	1
111	Salt Kittiwake	W3	timber	7100	2026-03-28 22:44:00+00	f	crew change	1
112	Silver Heron	E1	wool	\N	2026-03-29 04:02:00+00	t	waits for customs; papers "in order"	1
113	Little Gull	E1	salt	900	2026-03-29 11:14:00+00	t	مرساة خارج الميناء	1
114	Winter Brise	S1	empty	\N	2026-03-29 17:04:00+00	t	waits for customs; papers "in order"	1
115	Winter Estrella	S4	grain	4100	2026-03-30 02:41:00+00	t	\N	1
116	Winter Gull	S3	machine parts	4800	2026-03-30 08:03:00+00	f	\N	1
117	Salt Lantern	W1	wool	\N	2026-03-30 15:50:00+00	t	late tide	1
118	Grey Möwe	E2	herring	\N	2026-03-31 02:42:00+00	t	late tide	1
119	Winter Kittiwake	N3	grain	8800	2026-03-31 14:17:00+00	t	crew change	1
120	Blå Möwe	S4	grain	8600	2026-03-31 23:52:00+00	t	\N	1
121	Grey Estrella	E1	herring	\N	2026-04-01 04:32:00+00	f	waits for customs; papers "in order"	1
122	Salt Marlin	N4	wool	3000	2026-04-01 11:45:00+00	t	'; drop table arrivals; --	1
123	Brave Tern	S2	herring	4400	2026-04-01 16:46:00+00	t	waits for customs; papers "in order"	1
124	Grey Lantern	S1	salt	3000	2026-04-01 23:06:00+00	t	'; drop table arrivals; --	1
125	Little Sjøfugl	N4	wool	7900	2026-04-02 02:17:00+00	t	<b>fragile</b> & heavy	1
126	Winter Estrella	N3	slate	\N	2026-04-02 08:02:00+00	f	\N	1
127	Brave Tern	N1	machine parts	2800	2026-04-02 13:39:00+00	t	waits for customs; papers "in order"	1
128	Île Sjøfugl	E3	salt	7500	2026-04-02 19:00:00+00	t	\N	1
129	Grey Sjøfugl	N4	wool	6700	2026-04-02 20:28:00+00	t	\N	1
130	Blå Cormorant	S1	machine parts	5900	2026-04-03 05:06:00+00	f	waits for customs; papers "in order"	1
131	Ľúčna Kittiwake	E2	slate	2400	2026-04-03 11:49:00+00	t	pilot on board	1
132	Salt Heron	W2	timber	2600	2026-04-03 12:26:00+00	t	late tide	1
133	Morning Möwe	W3	wool	\N	2026-04-03 15:07:00+00	t	\N	1
134	Old Brise	N4	wool	7800	2026-04-03 22:02:00+00	t	مرساة خارج الميناء	1
135	Crimson Sjøfugl	W3	grain	800	2026-04-04 06:28:00+00	t	déchargement de nuit	1
136	Amber Anchor	E2	herring	5100	2026-04-04 09:19:00+00	\N	\N	1
137	Ľúčna Sjøfugl	E4	salt	\N	2026-04-04 15:33:00+00	t	<b>fragile</b> & heavy	1
138	Øst Marlin	W4	timber	9200	2026-04-05 02:41:00+00	t	two calls, one manifest	1
139	Früher Żuraw	S4	slate	4900	2026-04-05 10:13:00+00	\N	\N	1
140	Quiet Żuraw	S4	wool	2500	2026-04-05 12:29:00+00	t	déchargement de nuit	1
141	Morning Marlin	W3	grain	6900	2026-04-05 21:22:00+00	t	déchargement de nuit	1
142	Île Anchor	N3	wool	700	2026-04-05 22:07:00+00	f	\N	1
143	Salt Tern	N2	salt	\N	2026-04-06 00:24:00+00	t	<b>fragile</b> & heavy	1
144	Morning Sjøfugl	S1	slate	3900	2026-04-06 12:02:00+00	t	\N	1
145	Amber Kittiwake	S1	herring	2100	2026-04-06 21:59:00+00	t	\N	1
146	Ľúčna Żuraw	W1	timber	1800	2026-04-07 03:41:00+00	t	'; drop table arrivals; --	1
147	Northern Żuraw	E1	wool	8700	2026-04-07 12:05:00+00	t	pilot on board	1
148	Île Cormorant	N4	empty	\N	2026-04-07 13:35:00+00	t	مرساة خارج الميناء	1
149	Old Möwe	S3	machine parts	8400	2026-04-07 22:12:00+00	f	waits for customs; papers "in order"	1
150	Winter Gull	S3	herring	8500	2026-04-08 04:12:00+00	t	\N	1
151	Old Lantern	E2	herring	2200	2026-04-08 12:32:00+00	t	\N	1
152	Señora Cormorant	E3	slate	1000	2026-04-08 14:44:00+00	t	waits for customs; papers "in order"	1
153	Blå Marlin	S2	salt	1700	2026-04-09 01:59:00+00	t	<b>fragile</b> & heavy	1
154	Brave Petrel	E2	wool	1700	2026-04-09 07:52:00+00	t	déchargement de nuit	1
155	Northern Tern	N4	herring	5800	2026-04-09 14:27:00+00	t	\N	1
156	Salt Cormorant	W2	empty	\N	2026-04-10 01:04:00+00	t	\N	1
157	Blå Sjøfugl	S2	slate	3000	2026-04-10 10:26:00+00	t	damaged fender, berth side	1
158	Øst Heron	S2	salt	7900	2026-04-10 13:34:00+00	\N	déchargement de nuit	1
159	Grey Lantern	N4	wool	7700	2026-04-10 23:54:00+00	t	crew change	1
160	Quiet Sundew	W2	wool	500	2026-04-11 02:21:00+00	t	damaged fender, berth side	1
161	Northern Estrella	N1	wool	4300	2026-04-11 10:57:00+00	t	مرساة خارج الميناء	1
162	Früher Tern	S3	salt	5700	2026-04-11 20:39:00+00	t	'; drop table arrivals; --	1
163	Quiet Marlin	W2	salt	9200	2026-04-12 03:30:00+00	t	late tide	1
164	Little Marlin	S2	slate	8800	2026-04-12 07:00:00+00	f	\N	1
165	Ľúčna Lantern	N2	grain	5400	2026-04-12 07:52:00+00	t	\N	1
166	Blå Marlin	N4	salt	5800	2026-04-12 11:07:00+00	f	two calls, one manifest	1
167	Northern Cormorant	E4	empty	\N	2026-04-12 12:56:00+00	f	مرساة خارج الميناء	1
168	Little Estrella	N2	machine parts	2000	2026-04-12 21:11:00+00	t	crew change	1
169	Northern Gull	W1	machine parts	1500	2026-04-13 01:27:00+00	f	pilot on board	1
170	Früher Cormorant	N3	herring	7900	2026-04-13 12:43:00+00	t	two calls, one manifest	1
171	Old Marlin	W4	salt	5000	2026-04-13 19:33:00+00	t	'; drop table arrivals; --	1
172	Señora Sjøfugl	E4	empty	\N	2026-04-14 03:41:00+00	t	waits for customs; papers "in order"	1
173	Salt Otter	W3	empty	\N	2026-04-14 13:58:00+00	t	crew change	1
174	Ľúčna Żuraw	N4	machine parts	5000	2026-04-14 21:27:00+00	t	pilot on board	1
175	Crimson Otter	S1	salt	3500	2026-04-15 08:13:00+00	t	مرساة خارج الميناء	1
176	Île Petrel	W2	slate	4600	2026-04-15 10:21:00+00	t	damaged fender, berth side	1
177	Grey Sundew	E4	salt	6800	2026-04-15 15:41:00+00	t	مرساة خارج الميناء	1
178	Grey Brise	S3	grain	1300	2026-04-15 18:25:00+00	t	'; drop table arrivals; --	1
179	Ľúčna Tern	N2	wool	2800	2026-04-15 22:29:00+00	t	\N	1
180	Ľúčna Tern	W4	empty	\N	2026-04-16 03:16:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
181	Grey Anchor	W2	machine parts	600	2026-04-16 12:30:00+00	t	\N	1
182	Winter Brise	N3	machine parts	6700	2026-04-16 19:29:00+00	t	\N	1
183	Old Kittiwake	S1	wool	3300	2026-04-17 04:07:00+00	t	late tide	1
184	Früher Lantern	E2	wool	3500	2026-04-17 12:13:00+00	t	waits for customs; papers "in order"	1
185	Winter Otter	W3	machine parts	2600	2026-04-17 15:14:00+00	t	waits for customs; papers "in order"	1
186	Blå Brise	E4	empty	\N	2026-04-17 22:34:00+00	t	late tide	1
187	Amber Petrel	E4	slate	6600	2026-04-18 09:41:00+00	f	pilot on board	1
188	Señora Anchor	N4	timber	4900	2026-04-18 21:29:00+00	t	\N	1
189	Île Heron	S3	grain	9200	2026-04-19 08:48:00+00	f	pilot on board	1
190	Northern Petrel	W3	salt	8600	2026-04-19 14:14:00+00	t	two calls, one manifest	1
191	Quiet Cormorant	W4	timber	1300	2026-04-19 15:46:00+00	f	two calls, one manifest	1
192	Northern Sjøfugl	E4	timber	7300	2026-04-19 19:48:00+00	t	<b>fragile</b> & heavy	1
193	Señora Żuraw	W4	slate	8100	2026-04-20 01:04:00+00	t	\N	1
194	Old Marlin	S1	timber	8800	2026-04-20 08:44:00+00	t	'; drop table arrivals; --	1
195	Île Lantern	S1	wool	1600	2026-04-20 09:37:00+00	t	<b>fragile</b> & heavy	1
196	Silver Cormorant	N1	machine parts	8100	2026-04-20 11:24:00+00	t	damaged fender, berth side	1
197	Früher Sundew	S3	wool	7700	2026-04-20 17:31:00+00	f	\N	1
198	Little Marlin	W2	slate	1700	2026-04-20 19:00:00+00	f	\N	1
199	Señora Möwe	E4	herring	8400	2026-04-21 06:04:00+00	f	<b>fragile</b> & heavy	1
200	Île Gull	N4	machine parts	1000	2026-04-21 10:38:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
201	Morning Anchor	N3	machine parts	6900	2026-04-21 11:59:00+00	f	\N	1
202	Crimson Estrella	W2	slate	\N	2026-04-21 13:32:00+00	t	\N	1
203	Øst Tern	W3	grain	6500	2026-04-21 16:54:00+00	f	'; drop table arrivals; --	1
204	Little Gull	W2	timber	5800	2026-04-21 18:52:00+00	f	\N	1
205	Northern Żuraw	E2	timber	7900	2026-04-21 19:08:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
206	Amber Tern	W1	machine parts	1800	2026-04-22 04:37:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
207	Brave Möwe	S4	herring	4400	2026-04-22 14:52:00+00	t	\N	1
208	Île Möwe	W2	salt	4000	2026-04-22 19:45:00+00	t	\N	1
209	Früher Möwe	S2	slate	8900	2026-04-23 00:28:00+00	t	'; drop table arrivals; --	1
210	Old Anchor	S4	empty	\N	2026-04-23 08:55:00+00	t	<b>fragile</b> & heavy	1
211	Île Tern	S1	empty	\N	2026-04-23 19:57:00+00	f	pilot on board	1
212	Früher Marlin	W2	wool	8500	2026-04-23 21:42:00+00	t	\N	1
213	Señora Żuraw	W2	empty	\N	2026-04-23 21:58:00+00	t	\N	1
214	Northern Cormorant	W4	wool	600	2026-04-23 23:01:00+00	t	crew change	1
215	Señora Lantern	E3	wool	9100	2026-04-24 06:26:00+00	t	late tide	1
216	Salt Otter	N1	salt	5200	2026-04-24 12:30:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
217	Silver Anchor	E1	wool	6300	2026-04-24 16:40:00+00	t	'; drop table arrivals; --	1
218	Morning Anchor	N2	grain	2900	2026-04-25 01:42:00+00	t	late tide	1
219	Old Heron	S2	wool	3400	2026-04-25 08:04:00+00	f	\N	1
220	Little Otter	S3	wool	5700	2026-04-25 16:33:00+00	t	déchargement de nuit	1
221	Grey Petrel	W2	wool	5400	2026-04-25 17:12:00+00	t	damaged fender, berth side	1
222	Morning Sjøfugl	S3	herring	5700	2026-04-25 23:11:00+00	t	\N	1
223	Blå Möwe	S4	empty	\N	2026-04-26 07:20:00+00	t	damaged fender, berth side	1
224	Brave Żuraw	S3	herring	7800	2026-04-26 19:07:00+00	f	مرساة خارج الميناء	1
225	Blå Otter	S4	salt	8600	2026-04-26 23:05:00+00	f	late tide	1
226	Grey Heron	N1	wool	4800	2026-04-27 04:38:00+00	t	late tide	1
227	Grey Otter	N1	timber	8300	2026-04-27 05:28:00+00	f	\N	1
228	Blå Heron	E4	machine parts	3900	2026-04-27 07:18:00+00	t	crew change	1
229	Amber Lantern	W2	grain	8800	2026-04-27 07:58:00+00	t	\N	1
230	Blå Estrella	W4	empty	\N	2026-04-27 09:18:00+00	t	\N	1
231	Brave Brise	E3	timber	2700	2026-04-27 20:30:00+00	t	\N	1
232	Ľúčna Żuraw	W1	wool	1100	2026-04-28 04:30:00+00	f	damaged fender, berth side	1
233	Northern Möwe	S3	grain	8100	2026-04-28 07:02:00+00	f	pilot on board	1
234	Früher Tern	W2	salt	6200	2026-04-28 11:36:00+00	t	pilot on board	1
235	Øst Gull	N3	slate	2400	2026-04-28 21:27:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
236	Northern Gull	W3	herring	5800	2026-04-29 05:29:00+00	f	\N	1
237	Ľúčna Möwe	E2	wool	9200	2026-04-29 08:37:00+00	t	مرساة خارج الميناء	1
238	Früher Estrella	E1	salt	8700	2026-04-29 16:09:00+00	f	pilot on board	1
239	Ľúčna Kittiwake	S1	timber	\N	2026-04-30 00:26:00+00	t	\N	1
240	Crimson Sundew	W4	slate	1400	2026-04-30 03:06:00+00	t	two calls, one manifest	1
241	Quiet Heron	N4	empty	\N	2026-04-30 03:56:00+00	t	waits for customs; papers "in order"	1
242	Salt Heron	E3	slate	\N	2026-04-30 12:54:00+00	t	\N	1
243	Señora Brise	S3	salt	3200	2026-04-30 23:15:00+00	t	late tide	1
244	Amber Żuraw	S3	machine parts	9000	2026-05-01 07:59:00+00	t	مرساة خارج الميناء	1
245	Quiet Heron	N2	wool	800	2026-05-01 13:34:00+00	t	crew change	1
246	Grey Żuraw	S3	wool	4400	2026-05-01 22:34:00+00	t	damaged fender, berth side	1
247	Quiet Cormorant	S3	salt	300	2026-05-02 00:20:00+00	t	crew change	1
248	Salt Sundew	W3	slate	8300	2026-05-02 10:30:00+00	\N	\N	1
249	Silver Estrella	S1	empty	\N	2026-05-02 20:55:00+00	t	\N	1
250	Little Żuraw	S2	empty	\N	2026-05-02 22:57:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
251	Old Sundew	E1	slate	4400	2026-05-03 06:01:00+00	t	crew change	1
252	Amber Tern	S2	herring	6500	2026-05-03 08:07:00+00	f	'; drop table arrivals; --	1
253	Old Sundew	S4	empty	\N	2026-05-03 14:28:00+00	t	\N	1
254	Crimson Kittiwake	N2	salt	2600	2026-05-03 18:29:00+00	f	مرساة خارج الميناء	1
255	Old Sundew	N2	salt	\N	2026-05-04 00:48:00+00	f	déchargement de nuit	1
256	Little Żuraw	E3	herring	4200	2026-05-04 09:01:00+00	t	pilot on board	1
257	Morning Sjøfugl	S2	grain	5300	2026-05-04 18:49:00+00	t	crew change	1
258	Little Möwe	S2	wool	3100	2026-05-04 19:06:00+00	t	مرساة خارج الميناء	1
259	Señora Otter	N3	empty	\N	2026-05-04 22:56:00+00	t	pilot on board	1
260	Amber Lantern	S3	wool	4300	2026-05-05 09:17:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
261	Ľúčna Petrel	N1	herring	4700	2026-05-05 14:06:00+00	t	two calls, one manifest	1
262	Winter Estrella	E2	timber	2800	2026-05-05 18:15:00+00	t	'; drop table arrivals; --	1
263	Señora Marlin	N3	wool	2400	2026-05-06 02:56:00+00	f	\N	1
264	Øst Cormorant	W2	timber	5100	2026-05-06 05:30:00+00	t	two calls, one manifest	1
265	Quiet Tern	S4	timber	5000	2026-05-06 12:25:00+00	t	\N	1
266	Île Marlin	W1	grain	\N	2026-05-06 22:48:00+00	t	damaged fender, berth side	1
267	Øst Gull	E2	wool	3400	2026-05-07 00:07:00+00	t	late tide	1
268	Silver Marlin	N2	timber	4500	2026-05-07 03:05:00+00	t	crew change	1
269	Little Marlin	N3	grain	4000	2026-05-07 05:32:00+00	f	déchargement de nuit	1
270	Morning Kittiwake	W4	slate	6700	2026-05-07 13:25:00+00	f	<b>fragile</b> & heavy	1
271	Old Marlin	W1	wool	2500	2026-05-07 16:53:00+00	t	\N	1
272	Winter Sundew	E4	empty	\N	2026-05-08 02:19:00+00	t	crew change	1
273	Brave Brise	S3	timber	4400	2026-05-08 12:46:00+00	t	\N	1
274	Blå Gull	W4	empty	\N	2026-05-08 20:35:00+00	t	late tide	1
275	Blå Brise	N3	empty	\N	2026-05-09 02:54:00+00	t	déchargement de nuit	1
276	Old Marlin	N4	wool	4400	2026-05-09 10:10:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
277	Grey Gull	E4	empty	\N	2026-05-09 20:54:00+00	t	<b>fragile</b> & heavy	1
278	Grey Möwe	S4	timber	600	2026-05-10 03:04:00+00	t	damaged fender, berth side	1
279	Northern Gull	W3	wool	7700	2026-05-10 11:38:00+00	t	'; drop table arrivals; --	1
280	Blå Heron	W1	wool	1800	2026-05-10 12:14:00+00	t	'; drop table arrivals; --	1
281	Ľúčna Marlin	S2	grain	8900	2026-05-10 21:02:00+00	t	crew change	1
282	Øst Otter	E2	empty	\N	2026-05-11 02:37:00+00	t	مرساة خارج الميناء	1
283	Northern Gull	S2	salt	6300	2026-05-11 03:17:00+00	f	two calls, one manifest	1
284	Blå Möwe	N3	salt	3700	2026-05-11 10:03:00+00	t	\N	1
285	Winter Lantern	W4	timber	6900	2026-05-11 20:40:00+00	t	pilot on board	1
286	Northern Cormorant	N2	herring	6200	2026-05-12 04:10:00+00	t	\N	1
287	Silver Lantern	W1	wool	1000	2026-05-12 10:31:00+00	f	مرساة خارج الميناء	1
288	Señora Gull	E3	herring	7800	2026-05-12 19:45:00+00	t	\N	1
289	Crimson Otter	S3	grain	2900	2026-05-13 07:00:00+00	t	two calls, one manifest	1
290	Quiet Cormorant	S4	grain	1900	2026-05-13 08:38:00+00	f	\N	1
291	Früher Petrel	W1	herring	5500	2026-05-13 14:20:00+00	f	damaged fender, berth side	1
292	Northern Anchor	E2	grain	6500	2026-05-13 15:58:00+00	t	two calls, one manifest	1
293	Little Żuraw	N3	wool	5800	2026-05-13 17:11:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
294	Morning Żuraw	E2	timber	4800	2026-05-14 01:50:00+00	t	crew change	1
295	Señora Estrella	S3	grain	7000	2026-05-14 05:54:00+00	\N	\N	1
296	Früher Marlin	W2	slate	6000	2026-05-14 08:43:00+00	t	waits for customs; papers "in order"	1
297	Ľúčna Brise	E1	wool	8900	2026-05-14 12:36:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
298	Little Sjøfugl	S2	grain	7400	2026-05-14 19:46:00+00	f	\N	1
299	Silver Sjøfugl	W3	wool	8000	2026-05-15 07:08:00+00	\N	déchargement de nuit	1
300	Old Marlin	N2	timber	\N	2026-05-15 12:24:00+00	t	\N	1
301	Winter Tern	W4	empty	\N	2026-05-15 16:46:00+00	t	waits for customs; papers "in order"	1
302	Quiet Brise	W3	timber	2300	2026-05-16 04:18:00+00	t	<b>fragile</b> & heavy	1
303	Crimson Estrella	E4	salt	2000	2026-05-16 05:42:00+00	\N	waits for customs; papers "in order"	1
304	Grey Estrella	W1	grain	4000	2026-05-16 10:01:00+00	f	'; drop table arrivals; --	1
305	Ľúčna Marlin	N4	timber	600	2026-05-16 21:24:00+00	t	\N	1
306	Crimson Marlin	W2	salt	6100	2026-05-17 07:46:00+00	t	late tide	1
307	Señora Marlin	S1	wool	1900	2026-05-17 12:52:00+00	t	crew change	1
308	Old Marlin	E2	wool	8700	2026-05-17 17:39:00+00	t	two calls, one manifest	1
309	Señora Gull	N1	salt	7600	2026-05-17 22:52:00+00	t	two calls, one manifest	1
310	Little Otter	S4	grain	\N	2026-05-17 23:24:00+00	t	waits for customs; papers "in order"	1
311	Blå Petrel	S3	empty	\N	2026-05-18 10:28:00+00	f	late tide	1
312	Ľúčna Marlin	N4	slate	3200	2026-05-18 14:58:00+00	t	waits for customs; papers "in order"	1
313	Quiet Möwe	S2	salt	1300	2026-05-18 22:14:00+00	t	مرساة خارج الميناء	1
314	Früher Sundew	S2	herring	2200	2026-05-19 06:44:00+00	t	déchargement de nuit	1
315	Salt Kittiwake	S3	timber	600	2026-05-19 14:24:00+00	t	pilot on board	1
316	Silver Żuraw	E2	machine parts	8300	2026-05-19 23:27:00+00	t	\N	1
317	Little Brise	N4	grain	5100	2026-05-20 03:21:00+00	t	two calls, one manifest	1
318	Morning Tern	W1	empty	\N	2026-05-20 03:39:00+00	t	two calls, one manifest	1
319	Silver Sjøfugl	W1	grain	4200	2026-05-20 07:29:00+00	t	déchargement de nuit	1
320	Morning Otter	W4	timber	2100	2026-05-20 18:37:00+00	f	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
321	Crimson Marlin	W2	salt	8700	2026-05-21 03:28:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
322	Northern Brise	E1	timber	300	2026-05-21 12:11:00+00	t	late tide	1
323	Øst Żuraw	S1	wool	1000	2026-05-21 20:27:00+00	t	\N	1
324	Silver Heron	W2	wool	3200	2026-05-22 00:13:00+00	t	déchargement de nuit	1
325	Morning Estrella	S4	empty	\N	2026-05-22 09:25:00+00	t	<b>fragile</b> & heavy	1
326	Quiet Otter	N2	grain	8700	2026-05-22 14:45:00+00	t	crew change	1
327	Northern Gull	E2	slate	800	2026-05-22 18:50:00+00	t	مرساة خارج الميناء	1
328	Crimson Möwe	E3	herring	3500	2026-05-23 03:37:00+00	f	crew change	1
329	Grey Heron	S2	salt	7200	2026-05-23 04:07:00+00	t	<b>fragile</b> & heavy	1
330	Grey Gull	W2	slate	5400	2026-05-23 15:01:00+00	t	déchargement de nuit	1
331	Salt Lantern	N4	wool	3300	2026-05-23 15:21:00+00	t	crew change	1
332	Blå Tern	S4	grain	3200	2026-05-23 21:41:00+00	t	<b>fragile</b> & heavy	1
333	Quiet Sjøfugl	E1	timber	3600	2026-05-24 01:15:00+00	f	\N	1
334	Quiet Marlin	N3	herring	7800	2026-05-24 07:49:00+00	f	\N	1
335	Morning Sjøfugl	W3	herring	3700	2026-05-24 12:34:00+00	t	late tide	1
336	Señora Kittiwake	S2	timber	4500	2026-05-24 18:12:00+00	t	'; drop table arrivals; --	1
337	Silver Otter	N3	timber	5800	2026-05-25 03:39:00+00	t	crew change	1
338	Little Heron	N3	herring	3500	2026-05-25 15:10:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
339	Grey Sjøfugl	S1	timber	8300	2026-05-25 15:30:00+00	t	two calls, one manifest	1
340	Brave Estrella	W1	herring	1400	2026-05-25 16:23:00+00	f	\N	1
341	Øst Żuraw	E2	grain	9200	2026-05-25 20:35:00+00	t	\N	1
342	Blå Anchor	E4	slate	6700	2026-05-25 20:56:00+00	f	\N	1
343	Brave Sjøfugl	N4	wool	900	2026-05-26 06:19:00+00	t	damaged fender, berth side	1
344	Früher Marlin	N1	machine parts	5400	2026-05-26 10:00:00+00	t	déchargement de nuit	1
345	Brave Otter	S3	empty	\N	2026-05-26 12:44:00+00	t	\N	1
346	Señora Lantern	S1	grain	1400	2026-05-26 19:19:00+00	f	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
347	Grey Möwe	N3	grain	3800	2026-05-26 22:34:00+00	t	déchargement de nuit	1
\.


--
-- Data for Name: records_19; Type: TABLE DATA; Schema: pageladder; Owner: -
--

COPY pageladder.records_19 (id, vessel, berth, cargo, tonnage, arrived_at, cleared, note, "pl.revision") FROM stdin;
1	Quiet Heron	S2	empty	\N	2026-03-01 05:50:00+00	t	crew change	1
2	Øst Lantern	W1	salt	5300	2026-03-01 14:01:00+00	t	crew change	1
3	Blå Kittiwake	N2	machine parts	7700	2026-03-02 00:15:00+00	t	\N	1
4	Brave Sundew	E3	salt	4800	2026-03-02 05:14:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
5	Morning Cormorant	E1	machine parts	8400	2026-03-02 11:05:00+00	f	\N	1
6	Brave Kittiwake	N4	timber	1900	2026-03-02 22:20:00+00	t	\N	1
7	Früher Gull	S4	wool	7900	2026-03-03 05:12:00+00	f	'; drop table arrivals; --	1
8	Blå Brise	S3	timber	900	2026-03-03 14:30:00+00	t	two calls, one manifest	1
9	Quiet Cormorant	N4	slate	6600	2026-03-03 19:59:00+00	t	\N	1
10	Señora Petrel	W1	empty	\N	2026-03-04 03:32:00+00	f	waits for customs; papers "in order"	1
11	Grey Otter	W3	empty	\N	2026-03-04 06:43:00+00	t	déchargement de nuit	1
12	Little Lantern	N3	grain	8100	2026-03-04 16:55:00+00	f	\N	1
13	Blå Anchor	N2	machine parts	2600	2026-03-05 04:11:00+00	t	مرساة خارج الميناء	1
14	Quiet Sundew	E4	grain	\N	2026-03-05 08:58:00+00	t	'; drop table arrivals; --	1
15	Früher Heron	E2	slate	5900	2026-03-05 20:21:00+00	t	\N	1
16	Früher Tern	E1	slate	7800	2026-03-06 06:14:00+00	t	damaged fender, berth side	1
17	Quiet Lantern	N3	salt	2900	2026-03-06 14:17:00+00	t	crew change	1
18	Øst Heron	W4	slate	2200	2026-03-06 14:48:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
19	Øst Otter	N2	machine parts	\N	2026-03-06 22:33:00+00	f	'; drop table arrivals; --	1
20	Quiet Anchor	W1	timber	8500	2026-03-07 01:49:00+00	t	two calls, one manifest	1
21	Crimson Estrella	E3	wool	4600	2026-03-07 06:39:00+00	t	\N	1
22	Früher Marlin	N4	machine parts	6200	2026-03-07 15:57:00+00	t	pilot on board	1
23	Blå Estrella	E1	wool	500	2026-03-07 22:22:00+00	t	'; drop table arrivals; --	1
24	Señora Brise	W2	timber	6800	2026-03-08 10:05:00+00	f	two calls, one manifest	1
25	Silver Heron	W3	grain	2000	2026-03-08 12:49:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
26	Früher Otter	E4	timber	4700	2026-03-08 13:44:00+00	t	déchargement de nuit	1
27	Salt Anchor	N3	empty	\N	2026-03-08 23:04:00+00	f	late tide	1
28	Øst Żuraw	E3	herring	1500	2026-03-09 03:37:00+00	f	\N	1
29	Morning Estrella	E3	herring	4300	2026-03-09 10:59:00+00	t	\N	1
30	Blå Cormorant	S1	salt	1900	2026-03-09 18:10:00+00	f	déchargement de nuit	1
31	Quiet Estrella	N3	empty	\N	2026-03-10 05:32:00+00	t	late tide	1
32	Amber Cormorant	N2	salt	5800	2026-03-10 16:00:00+00	f	late tide	1
33	Øst Brise	W2	timber	8000	2026-03-11 03:13:00+00	t	مرساة خارج الميناء	1
34	Grey Möwe	S1	wool	3000	2026-03-11 07:23:00+00	t	damaged fender, berth side	1
35	Øst Sundew	S1	empty	\N	2026-03-11 08:19:00+00	t	déchargement de nuit	1
36	Señora Sjøfugl	N1	empty	\N	2026-03-11 15:14:00+00	t	two calls, one manifest	1
37	Brave Cormorant	W1	salt	6100	2026-03-11 15:36:00+00	f	'; drop table arrivals; --	1
38	Winter Anchor	E3	wool	6200	2026-03-11 19:40:00+00	t	\N	1
39	Salt Heron	W4	machine parts	3400	2026-03-12 01:04:00+00	\N	\N	1
40	Salt Anchor	N2	wool	7300	2026-03-12 08:52:00+00	t	<b>fragile</b> & heavy	1
41	Øst Petrel	E1	timber	5800	2026-03-12 11:30:00+00	t	\N	1
42	Ľúčna Brise	N4	empty	\N	2026-03-12 18:45:00+00	t	pilot on board	1
43	Ľúčna Cormorant	N3	machine parts	8200	2026-03-12 22:03:00+00	t	<b>fragile</b> & heavy	1
44	Silver Petrel	N2	empty	\N	2026-03-13 02:57:00+00	t	مرساة خارج الميناء	1
45	Ľúčna Marlin	S1	machine parts	2100	2026-03-13 10:40:00+00	t	waits for customs; papers "in order"	1
46	Salt Żuraw	S3	herring	2700	2026-03-13 21:04:00+00	t	'; drop table arrivals; --	1
47	Salt Otter	N3	empty	\N	2026-03-13 23:11:00+00	t	waits for customs; papers "in order"	1
48	Blå Tern	W1	herring	1500	2026-03-14 09:33:00+00	t	<b>fragile</b> & heavy	1
49	Quiet Cormorant	W1	herring	300	2026-03-14 10:59:00+00	t	waits for customs; papers "in order"	1
50	Little Anchor	E3	grain	4300	2026-03-14 19:27:00+00	f	\N	1
51	Blå Estrella	S4	grain	4300	2026-03-14 21:43:00+00	f	damaged fender, berth side	1
52	Øst Sjøfugl	N4	wool	\N	2026-03-15 07:09:00+00	f	waits for customs; papers "in order"	1
53	Little Estrella	E4	herring	6200	2026-03-15 09:57:00+00	f	مرساة خارج الميناء	1
54	Little Heron	W1	wool	1900	2026-03-15 11:05:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
55	Northern Sundew	S4	timber	6600	2026-03-15 13:32:00+00	t	pilot on board	1
56	Winter Żuraw	E4	timber	8500	2026-03-15 21:07:00+00	t	مرساة خارج الميناء	1
57	Silver Sjøfugl	N2	herring	1500	2026-03-15 21:48:00+00	t	\N	1
58	Morning Cormorant	S2	herring	3000	2026-03-16 02:57:00+00	t	damaged fender, berth side	1
59	Ľúčna Anchor	N1	wool	7100	2026-03-16 11:55:00+00	t	<b>fragile</b> & heavy	1
60	Crimson Estrella	N2	salt	3200	2026-03-16 14:50:00+00	t	waits for customs; papers "in order"	1
61	Winter Heron	W2	slate	\N	2026-03-17 00:22:00+00	f	<b>fragile</b> & heavy	1
62	Brave Kittiwake	N2	slate	5700	2026-03-17 01:07:00+00	f	damaged fender, berth side	1
63	Winter Gull	E1	herring	1800	2026-03-17 06:47:00+00	t	'; drop table arrivals; --	1
64	Señora Kittiwake	W3	grain	5600	2026-03-17 13:40:00+00	t	\N	1
65	Blå Möwe	W3	wool	500	2026-03-17 15:10:00+00	t	waits for customs; papers "in order"	1
66	Grey Petrel	N3	grain	7200	2026-03-18 00:08:00+00	t	déchargement de nuit	1
67	Grey Kittiwake	W3	timber	2700	2026-03-18 09:52:00+00	t	damaged fender, berth side	1
68	Morning Tern	S2	wool	7100	2026-03-18 19:31:00+00	t	مرساة خارج الميناء	1
69	Øst Żuraw	S4	grain	6200	2026-03-19 05:45:00+00	t	déchargement de nuit	1
70	Früher Anchor	E1	slate	6700	2026-03-19 06:16:00+00	\N	déchargement de nuit	1
71	Øst Otter	N4	wool	5600	2026-03-19 06:50:00+00	t	déchargement de nuit	1
72	Señora Estrella	W2	grain	4600	2026-03-19 10:02:00+00	t	waits for customs; papers "in order"	1
73	Blå Sjøfugl	E4	timber	3700	2026-03-19 16:54:00+00	t	waits for customs; papers "in order"	1
74	Silver Petrel	E2	grain	3700	2026-03-19 20:00:00+00	f	pilot on board	1
75	Señora Marlin	W4	salt	\N	2026-03-19 22:14:00+00	f	damaged fender, berth side	1
76	Northern Möwe	N4	salt	600	2026-03-20 05:09:00+00	f	\N	1
77	Winter Heron	W2	timber	2700	2026-03-20 10:01:00+00	t	two calls, one manifest	1
78	Little Möwe	E4	timber	5400	2026-03-20 10:48:00+00	t	pilot on board	1
79	Winter Petrel	W4	grain	3900	2026-03-20 14:14:00+00	f	pilot on board	1
80	Øst Möwe	E1	slate	7600	2026-03-20 23:28:00+00	f	late tide	1
81	Ľúčna Tern	E2	salt	6900	2026-03-21 06:58:00+00	t	مرساة خارج الميناء	1
82	Øst Żuraw	W4	machine parts	6400	2026-03-21 11:01:00+00	t	مرساة خارج الميناء	1
83	Morning Kittiwake	W3	wool	500	2026-03-21 18:40:00+00	t	\N	1
84	Señora Tern	E2	timber	4700	2026-03-22 02:32:00+00	\N	\N	1
85	Silver Heron	E3	grain	8400	2026-03-22 07:33:00+00	t	مرساة خارج الميناء	1
86	Brave Gull	N2	wool	7600	2026-03-22 15:22:00+00	t	pilot on board	1
87	Quiet Cormorant	S3	herring	6800	2026-03-22 18:23:00+00	t	two calls, one manifest	1
88	Crimson Lantern	E3	grain	5600	2026-03-23 04:08:00+00	f	\N	1
89	Blå Sundew	E2	empty	\N	2026-03-23 06:51:00+00	t	\N	1
90	Little Sjøfugl	E4	grain	8700	2026-03-23 09:25:00+00	f	crew change	1
91	Ľúčna Sundew	S2	slate	2300	2026-03-23 19:42:00+00	t	\N	1
92	Old Petrel	N2	grain	3800	2026-03-24 07:05:00+00	\N	\N	1
93	Grey Kittiwake	N3	grain	2200	2026-03-24 11:28:00+00	t	déchargement de nuit	1
94	Île Lantern	S1	machine parts	1300	2026-03-24 17:27:00+00	f	'; drop table arrivals; --	1
95	Früher Estrella	W1	empty	\N	2026-03-24 22:10:00+00	t	déchargement de nuit	1
96	Crimson Sjøfugl	N1	grain	6500	2026-03-25 03:37:00+00	t	'; drop table arrivals; --	1
97	Old Tern	N2	herring	2300	2026-03-25 09:28:00+00	t	\N	1
98	Silver Anchor	N3	empty	\N	2026-03-25 09:56:00+00	t	late tide	1
99	Northern Otter	E1	slate	7100	2026-03-25 12:40:00+00	t	\N	1
100	Northern Lantern	E2	timber	6100	2026-03-25 19:23:00+00	t	\N	1
101	Crimson Gull	E4	slate	8100	2026-03-26 06:47:00+00	t	\N	1
102	Silver Sjøfugl	W1	herring	6800	2026-03-26 08:54:00+00	t	\N	1
103	Morning Cormorant	N3	empty	\N	2026-03-26 19:07:00+00	t	déchargement de nuit	1
104	Old Brise	S4	machine parts	1000	2026-03-26 20:36:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
105	Grey Brise	S2	wool	8800	2026-03-27 06:11:00+00	f	'; drop table arrivals; --	1
106	Brave Estrella	W2	herring	5700	2026-03-27 15:00:00+00	t	damaged fender, berth side	1
107	Amber Cormorant	N1	machine parts	4700	2026-03-28 01:21:00+00	t	pilot on board	1
108	Øst Marlin	N1	grain	5400	2026-03-28 05:21:00+00	t	déchargement de nuit	1
109	Brave Otter	E3	herring	7600	2026-03-28 13:27:00+00	f	\N	1
110	Silver Otter	E4	slate	3700	2026-03-28 14:17:00+00	t	damaged fender, berth side	1
111	Salt Kittiwake	W3	timber	7100	2026-03-28 22:44:00+00	f	crew change	1
112	Silver Heron	E1	wool	\N	2026-03-29 04:02:00+00	t	waits for customs; papers "in order"	1
113	Little Gull	E1	salt	900	2026-03-29 11:14:00+00	t	مرساة خارج الميناء	1
114	Winter Brise	S1	empty	\N	2026-03-29 17:04:00+00	t	waits for customs; papers "in order"	1
115	Winter Estrella	S4	grain	4100	2026-03-30 02:41:00+00	t	\N	1
116	Winter Gull	S3	machine parts	4800	2026-03-30 08:03:00+00	f	\N	1
117	Salt Lantern	W1	wool	\N	2026-03-30 15:50:00+00	t	late tide	1
118	Grey Möwe	E2	herring	\N	2026-03-31 02:42:00+00	t	late tide	1
119	Winter Kittiwake	N3	grain	8800	2026-03-31 14:17:00+00	t	crew change	1
120	Blå Möwe	S4	grain	8600	2026-03-31 23:52:00+00	t	\N	1
121	Grey Estrella	E1	herring	\N	2026-04-01 04:32:00+00	f	waits for customs; papers "in order"	1
122	Salt Marlin	N4	wool	3000	2026-04-01 11:45:00+00	t	'; drop table arrivals; --	1
123	Brave Tern	S2	herring	4400	2026-04-01 16:46:00+00	t	waits for customs; papers "in order"	1
124	Grey Lantern	S1	salt	3000	2026-04-01 23:06:00+00	t	'; drop table arrivals; --	1
125	Little Sjøfugl	N4	wool	7900	2026-04-02 02:17:00+00	t	<b>fragile</b> & heavy	1
126	Winter Estrella	N3	slate	\N	2026-04-02 08:02:00+00	f	\N	1
127	Brave Tern	N1	machine parts	2800	2026-04-02 13:39:00+00	t	waits for customs; papers "in order"	1
128	Île Sjøfugl	E3	salt	7500	2026-04-02 19:00:00+00	t	\N	1
129	Grey Sjøfugl	N4	wool	6700	2026-04-02 20:28:00+00	t	\N	1
130	Blå Cormorant	S1	machine parts	5900	2026-04-03 05:06:00+00	f	waits for customs; papers "in order"	1
131	Ľúčna Kittiwake	E2	slate	2400	2026-04-03 11:49:00+00	t	pilot on board	1
132	Salt Heron	W2	timber	2600	2026-04-03 12:26:00+00	t	late tide	1
133	Morning Möwe	W3	wool	\N	2026-04-03 15:07:00+00	t	\N	1
134	Old Brise	N4	wool	7800	2026-04-03 22:02:00+00	t	مرساة خارج الميناء	1
135	Crimson Sjøfugl	W3	grain	800	2026-04-04 06:28:00+00	t	déchargement de nuit	1
136	Amber Anchor	E2	herring	5100	2026-04-04 09:19:00+00	\N	\N	1
137	Ľúčna Sjøfugl	E4	salt	\N	2026-04-04 15:33:00+00	t	<b>fragile</b> & heavy	1
138	Øst Marlin	W4	timber	9200	2026-04-05 02:41:00+00	t	two calls, one manifest	1
139	Früher Żuraw	S4	slate	4900	2026-04-05 10:13:00+00	\N	\N	1
140	Quiet Żuraw	S4	wool	2500	2026-04-05 12:29:00+00	t	déchargement de nuit	1
141	Morning Marlin	W3	grain	6900	2026-04-05 21:22:00+00	t	déchargement de nuit	1
142	Île Anchor	N3	wool	700	2026-04-05 22:07:00+00	f	\N	1
143	Salt Tern	N2	salt	\N	2026-04-06 00:24:00+00	t	<b>fragile</b> & heavy	1
144	Morning Sjøfugl	S1	slate	3900	2026-04-06 12:02:00+00	t	\N	1
145	Amber Kittiwake	S1	herring	2100	2026-04-06 21:59:00+00	t	\N	1
146	Ľúčna Żuraw	W1	timber	1800	2026-04-07 03:41:00+00	t	'; drop table arrivals; --	1
147	Northern Żuraw	E1	wool	8700	2026-04-07 12:05:00+00	t	pilot on board	1
148	Île Cormorant	N4	empty	\N	2026-04-07 13:35:00+00	t	مرساة خارج الميناء	1
149	Old Möwe	S3	machine parts	8400	2026-04-07 22:12:00+00	f	waits for customs; papers "in order"	1
150	Winter Gull	S3	herring	8500	2026-04-08 04:12:00+00	t	\N	1
151	Old Lantern	E2	herring	2200	2026-04-08 12:32:00+00	t	\N	1
152	Señora Cormorant	E3	slate	1000	2026-04-08 14:44:00+00	t	waits for customs; papers "in order"	1
153	Blå Marlin	S2	salt	1700	2026-04-09 01:59:00+00	t	<b>fragile</b> & heavy	1
154	Brave Petrel	E2	wool	1700	2026-04-09 07:52:00+00	t	déchargement de nuit	1
155	Northern Tern	N4	herring	5800	2026-04-09 14:27:00+00	t	\N	1
156	Salt Cormorant	W2	empty	\N	2026-04-10 01:04:00+00	t	\N	1
157	Blå Sjøfugl	S2	slate	3000	2026-04-10 10:26:00+00	t	damaged fender, berth side	1
158	Øst Heron	S2	salt	7900	2026-04-10 13:34:00+00	\N	déchargement de nuit	1
159	Grey Lantern	N4	wool	7700	2026-04-10 23:54:00+00	t	crew change	1
160	Quiet Sundew	W2	wool	500	2026-04-11 02:21:00+00	t	damaged fender, berth side	1
161	Northern Estrella	N1	wool	4300	2026-04-11 10:57:00+00	t	مرساة خارج الميناء	1
162	Früher Tern	S3	salt	5700	2026-04-11 20:39:00+00	t	'; drop table arrivals; --	1
163	Quiet Marlin	W2	salt	9200	2026-04-12 03:30:00+00	t	late tide	1
164	Little Marlin	S2	slate	8800	2026-04-12 07:00:00+00	f	\N	1
165	Ľúčna Lantern	N2	grain	5400	2026-04-12 07:52:00+00	t	\N	1
166	Blå Marlin	N4	salt	5800	2026-04-12 11:07:00+00	f	two calls, one manifest	1
167	Northern Cormorant	E4	empty	\N	2026-04-12 12:56:00+00	f	مرساة خارج الميناء	1
168	Little Estrella	N2	machine parts	2000	2026-04-12 21:11:00+00	t	crew change	1
169	Northern Gull	W1	machine parts	1500	2026-04-13 01:27:00+00	f	pilot on board	1
170	Früher Cormorant	N3	herring	7900	2026-04-13 12:43:00+00	t	two calls, one manifest	1
171	Old Marlin	W4	salt	5000	2026-04-13 19:33:00+00	t	'; drop table arrivals; --	1
172	Señora Sjøfugl	E4	empty	\N	2026-04-14 03:41:00+00	t	waits for customs; papers "in order"	1
173	Salt Otter	W3	empty	\N	2026-04-14 13:58:00+00	t	crew change	1
174	Ľúčna Żuraw	N4	machine parts	5000	2026-04-14 21:27:00+00	t	pilot on board	1
175	Crimson Otter	S1	salt	3500	2026-04-15 08:13:00+00	t	مرساة خارج الميناء	1
176	Île Petrel	W2	slate	4600	2026-04-15 10:21:00+00	t	damaged fender, berth side	1
177	Grey Sundew	E4	salt	6800	2026-04-15 15:41:00+00	t	مرساة خارج الميناء	1
178	Grey Brise	S3	grain	1300	2026-04-15 18:25:00+00	t	'; drop table arrivals; --	1
179	Ľúčna Tern	N2	wool	2800	2026-04-15 22:29:00+00	t	\N	1
180	Ľúčna Tern	W4	empty	\N	2026-04-16 03:16:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
181	Grey Anchor	W2	machine parts	600	2026-04-16 12:30:00+00	t	\N	1
182	Winter Brise	N3	machine parts	6700	2026-04-16 19:29:00+00	t	\N	1
183	Old Kittiwake	S1	wool	3300	2026-04-17 04:07:00+00	t	late tide	1
184	Früher Lantern	E2	wool	3500	2026-04-17 12:13:00+00	t	waits for customs; papers "in order"	1
185	Winter Otter	W3	machine parts	2600	2026-04-17 15:14:00+00	t	waits for customs; papers "in order"	1
186	Blå Brise	E4	empty	\N	2026-04-17 22:34:00+00	t	late tide	1
187	Amber Petrel	E4	slate	6600	2026-04-18 09:41:00+00	f	pilot on board	1
188	Señora Anchor	N4	timber	4900	2026-04-18 21:29:00+00	t	\N	1
189	Île Heron	S3	grain	9200	2026-04-19 08:48:00+00	f	pilot on board	1
190	Northern Petrel	W3	salt	8600	2026-04-19 14:14:00+00	t	two calls, one manifest	1
191	Quiet Cormorant	W4	timber	1300	2026-04-19 15:46:00+00	f	two calls, one manifest	1
192	Northern Sjøfugl	E4	timber	7300	2026-04-19 19:48:00+00	t	<b>fragile</b> & heavy	1
193	Señora Żuraw	W4	slate	8100	2026-04-20 01:04:00+00	t	\N	1
194	Old Marlin	S1	timber	8800	2026-04-20 08:44:00+00	t	'; drop table arrivals; --	1
195	Île Lantern	S1	wool	1600	2026-04-20 09:37:00+00	t	<b>fragile</b> & heavy	1
196	Silver Cormorant	N1	machine parts	8100	2026-04-20 11:24:00+00	t	damaged fender, berth side	1
197	Früher Sundew	S3	wool	7700	2026-04-20 17:31:00+00	f	\N	1
198	Little Marlin	W2	slate	1700	2026-04-20 19:00:00+00	f	\N	1
199	Señora Möwe	E4	herring	8400	2026-04-21 06:04:00+00	f	<b>fragile</b> & heavy	1
200	Île Gull	N4	machine parts	1000	2026-04-21 10:38:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
201	Morning Anchor	N3	machine parts	6900	2026-04-21 11:59:00+00	f	\N	1
202	Crimson Estrella	W2	slate	\N	2026-04-21 13:32:00+00	t	\N	1
203	Øst Tern	W3	grain	6500	2026-04-21 16:54:00+00	f	'; drop table arrivals; --	1
204	Little Gull	W2	timber	5800	2026-04-21 18:52:00+00	f	\N	1
205	Northern Żuraw	E2	timber	7900	2026-04-21 19:08:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
206	Amber Tern	W1	machine parts	1800	2026-04-22 04:37:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
207	Brave Möwe	S4	herring	4400	2026-04-22 14:52:00+00	t	\N	1
208	Île Möwe	W2	salt	4000	2026-04-22 19:45:00+00	t	\N	1
209	Früher Möwe	S2	slate	8900	2026-04-23 00:28:00+00	t	'; drop table arrivals; --	1
210	Old Anchor	S4	empty	\N	2026-04-23 08:55:00+00	t	<b>fragile</b> & heavy	1
211	Île Tern	S1	empty	\N	2026-04-23 19:57:00+00	f	pilot on board	1
212	Früher Marlin	W2	wool	8500	2026-04-23 21:42:00+00	t	\N	1
213	Señora Żuraw	W2	empty	\N	2026-04-23 21:58:00+00	t	\N	1
214	Northern Cormorant	W4	wool	600	2026-04-23 23:01:00+00	t	crew change	1
215	Señora Lantern	E3	wool	9100	2026-04-24 06:26:00+00	t	late tide	1
216	Salt Otter	N1	salt	5200	2026-04-24 12:30:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
217	Silver Anchor	E1	wool	6300	2026-04-24 16:40:00+00	t	'; drop table arrivals; --	1
218	Morning Anchor	N2	grain	2900	2026-04-25 01:42:00+00	t	late tide	1
219	Old Heron	S2	wool	3400	2026-04-25 08:04:00+00	f	\N	1
220	Little Otter	S3	wool	5700	2026-04-25 16:33:00+00	t	déchargement de nuit	1
221	Grey Petrel	W2	wool	5400	2026-04-25 17:12:00+00	t	damaged fender, berth side	1
222	Morning Sjøfugl	S3	herring	5700	2026-04-25 23:11:00+00	t	\N	1
223	Blå Möwe	S4	empty	\N	2026-04-26 07:20:00+00	t	damaged fender, berth side	1
224	Brave Żuraw	S3	herring	7800	2026-04-26 19:07:00+00	f	مرساة خارج الميناء	1
225	Blå Otter	S4	salt	8600	2026-04-26 23:05:00+00	f	late tide	1
226	Grey Heron	N1	wool	4800	2026-04-27 04:38:00+00	t	late tide	1
227	Grey Otter	N1	timber	8300	2026-04-27 05:28:00+00	f	\N	1
228	Blå Heron	E4	machine parts	3900	2026-04-27 07:18:00+00	t	crew change	1
229	Amber Lantern	W2	grain	8800	2026-04-27 07:58:00+00	t	\N	1
230	Blå Estrella	W4	empty	\N	2026-04-27 09:18:00+00	t	\N	1
231	Brave Brise	E3	timber	2700	2026-04-27 20:30:00+00	t	\N	1
232	Ľúčna Żuraw	W1	wool	1100	2026-04-28 04:30:00+00	f	damaged fender, berth side	1
233	Northern Möwe	S3	grain	8100	2026-04-28 07:02:00+00	f	pilot on board	1
234	Früher Tern	W2	salt	6200	2026-04-28 11:36:00+00	t	pilot on board	1
235	Øst Gull	N3	slate	2400	2026-04-28 21:27:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
236	Northern Gull	W3	herring	5800	2026-04-29 05:29:00+00	f	\N	1
237	Ľúčna Möwe	E2	wool	9200	2026-04-29 08:37:00+00	t	مرساة خارج الميناء	1
238	Früher Estrella	E1	salt	8700	2026-04-29 16:09:00+00	f	pilot on board	1
239	Ľúčna Kittiwake	S1	timber	\N	2026-04-30 00:26:00+00	t	\N	1
240	Crimson Sundew	W4	slate	1400	2026-04-30 03:06:00+00	t	two calls, one manifest	1
241	Quiet Heron	N4	empty	\N	2026-04-30 03:56:00+00	t	waits for customs; papers "in order"	1
242	Salt Heron	E3	slate	\N	2026-04-30 12:54:00+00	t	\N	1
243	Señora Brise	S3	salt	3200	2026-04-30 23:15:00+00	t	late tide	1
244	Amber Żuraw	S3	machine parts	9000	2026-05-01 07:59:00+00	t	مرساة خارج الميناء	1
245	Quiet Heron	N2	wool	800	2026-05-01 13:34:00+00	t	crew change	1
246	Grey Żuraw	S3	wool	4400	2026-05-01 22:34:00+00	t	damaged fender, berth side	1
247	Quiet Cormorant	S3	salt	300	2026-05-02 00:20:00+00	t	crew change	1
248	Salt Sundew	W3	slate	8300	2026-05-02 10:30:00+00	\N	\N	1
249	Silver Estrella	S1	empty	\N	2026-05-02 20:55:00+00	t	\N	1
250	Little Żuraw	S2	empty	\N	2026-05-02 22:57:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
251	Old Sundew	E1	slate	4400	2026-05-03 06:01:00+00	t	crew change	1
252	Amber Tern	S2	herring	6500	2026-05-03 08:07:00+00	f	'; drop table arrivals; --	1
253	Old Sundew	S4	empty	\N	2026-05-03 14:28:00+00	t	\N	1
254	Crimson Kittiwake	N2	salt	2600	2026-05-03 18:29:00+00	f	مرساة خارج الميناء	1
255	Old Sundew	N2	salt	\N	2026-05-04 00:48:00+00	f	déchargement de nuit	1
256	Little Żuraw	E3	herring	4200	2026-05-04 09:01:00+00	t	pilot on board	1
257	Morning Sjøfugl	S2	grain	5300	2026-05-04 18:49:00+00	t	crew change	1
258	Little Möwe	S2	wool	3100	2026-05-04 19:06:00+00	t	مرساة خارج الميناء	1
259	Señora Otter	N3	empty	\N	2026-05-04 22:56:00+00	t	pilot on board	1
260	Amber Lantern	S3	wool	4300	2026-05-05 09:17:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
261	Ľúčna Petrel	N1	herring	4700	2026-05-05 14:06:00+00	t	two calls, one manifest	1
262	Winter Estrella	E2	timber	2800	2026-05-05 18:15:00+00	t	'; drop table arrivals; --	1
263	Señora Marlin	N3	wool	2400	2026-05-06 02:56:00+00	f	\N	1
264	Øst Cormorant	W2	timber	5100	2026-05-06 05:30:00+00	t	two calls, one manifest	1
265	Quiet Tern	S4	timber	5000	2026-05-06 12:25:00+00	t	\N	1
266	Île Marlin	W1	grain	\N	2026-05-06 22:48:00+00	t	damaged fender, berth side	1
267	Øst Gull	E2	wool	3400	2026-05-07 00:07:00+00	t	late tide	1
268	Silver Marlin	N2	timber	4500	2026-05-07 03:05:00+00	t	crew change	1
269	Little Marlin	N3	grain	4000	2026-05-07 05:32:00+00	f	déchargement de nuit	1
270	Morning Kittiwake	W4	slate	6700	2026-05-07 13:25:00+00	f	<b>fragile</b> & heavy	1
271	Old Marlin	W1	wool	2500	2026-05-07 16:53:00+00	t	\N	1
272	Winter Sundew	E4	empty	\N	2026-05-08 02:19:00+00	t	crew change	1
273	Brave Brise	S3	timber	4400	2026-05-08 12:46:00+00	t	\N	1
274	Blå Gull	W4	empty	\N	2026-05-08 20:35:00+00	t	late tide	1
275	Blå Brise	N3	empty	\N	2026-05-09 02:54:00+00	t	déchargement de nuit	1
276	Old Marlin	N4	wool	4400	2026-05-09 10:10:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
277	Grey Gull	E4	empty	\N	2026-05-09 20:54:00+00	t	<b>fragile</b> & heavy	1
278	Grey Möwe	S4	timber	600	2026-05-10 03:04:00+00	t	damaged fender, berth side	1
279	Northern Gull	W3	wool	7700	2026-05-10 11:38:00+00	t	'; drop table arrivals; --	1
280	Blå Heron	W1	wool	1800	2026-05-10 12:14:00+00	t	'; drop table arrivals; --	1
281	Ľúčna Marlin	S2	grain	8900	2026-05-10 21:02:00+00	t	crew change	1
282	Øst Otter	E2	empty	\N	2026-05-11 02:37:00+00	t	مرساة خارج الميناء	1
283	Northern Gull	S2	salt	6300	2026-05-11 03:17:00+00	f	two calls, one manifest	1
284	Blå Möwe	N3	salt	3700	2026-05-11 10:03:00+00	t	\N	1
285	Winter Lantern	W4	timber	6900	2026-05-11 20:40:00+00	t	pilot on board	1
286	Northern Cormorant	N2	herring	6200	2026-05-12 04:10:00+00	t	\N	1
287	Silver Lantern	W1	wool	1000	2026-05-12 10:31:00+00	f	مرساة خارج الميناء	1
288	Señora Gull	E3	herring	7800	2026-05-12 19:45:00+00	t	\N	1
289	Crimson Otter	S3	grain	2900	2026-05-13 07:00:00+00	t	two calls, one manifest	1
290	Quiet Cormorant	S4	grain	1900	2026-05-13 08:38:00+00	f	\N	1
291	Früher Petrel	W1	herring	5500	2026-05-13 14:20:00+00	f	damaged fender, berth side	1
292	Northern Anchor	E2	grain	6500	2026-05-13 15:58:00+00	t	two calls, one manifest	1
293	Little Żuraw	N3	wool	5800	2026-05-13 17:11:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
294	Morning Żuraw	E2	timber	4800	2026-05-14 01:50:00+00	t	crew change	1
295	Señora Estrella	S3	grain	7000	2026-05-14 05:54:00+00	\N	\N	1
296	Früher Marlin	W2	slate	6000	2026-05-14 08:43:00+00	t	waits for customs; papers "in order"	1
297	Ľúčna Brise	E1	wool	8900	2026-05-14 12:36:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
298	Little Sjøfugl	S2	grain	7400	2026-05-14 19:46:00+00	f	\N	1
299	Silver Sjøfugl	W3	wool	8000	2026-05-15 07:08:00+00	\N	déchargement de nuit	1
300	Old Marlin	N2	timber	\N	2026-05-15 12:24:00+00	t	\N	1
301	Winter Tern	W4	empty	\N	2026-05-15 16:46:00+00	t	waits for customs; papers "in order"	1
302	Quiet Brise	W3	timber	2300	2026-05-16 04:18:00+00	t	<b>fragile</b> & heavy	1
303	Crimson Estrella	E4	salt	2000	2026-05-16 05:42:00+00	\N	waits for customs; papers "in order"	1
304	Grey Estrella	W1	grain	4000	2026-05-16 10:01:00+00	f	'; drop table arrivals; --	1
305	Ľúčna Marlin	N4	timber	600	2026-05-16 21:24:00+00	t	\N	1
306	Crimson Marlin	W2	salt	6100	2026-05-17 07:46:00+00	t	late tide	1
307	Señora Marlin	S1	wool	1900	2026-05-17 12:52:00+00	t	crew change	1
308	Old Marlin	E2	wool	8700	2026-05-17 17:39:00+00	t	two calls, one manifest	1
309	Señora Gull	N1	salt	7600	2026-05-17 22:52:00+00	t	two calls, one manifest	1
310	Little Otter	S4	grain	\N	2026-05-17 23:24:00+00	t	waits for customs; papers "in order"	1
311	Blå Petrel	S3	empty	\N	2026-05-18 10:28:00+00	f	late tide	1
312	Ľúčna Marlin	N4	slate	3200	2026-05-18 14:58:00+00	t	waits for customs; papers "in order"	1
313	Quiet Möwe	S2	salt	1300	2026-05-18 22:14:00+00	t	مرساة خارج الميناء	1
314	Früher Sundew	S2	herring	2200	2026-05-19 06:44:00+00	t	déchargement de nuit	1
315	Salt Kittiwake	S3	timber	600	2026-05-19 14:24:00+00	t	pilot on board	1
316	Silver Żuraw	E2	machine parts	8300	2026-05-19 23:27:00+00	t	\N	1
317	Little Brise	N4	grain	5100	2026-05-20 03:21:00+00	t	two calls, one manifest	1
318	Morning Tern	W1	empty	\N	2026-05-20 03:39:00+00	t	two calls, one manifest	1
319	Silver Sjøfugl	W1	grain	4200	2026-05-20 07:29:00+00	t	déchargement de nuit	1
320	Morning Otter	W4	timber	2100	2026-05-20 18:37:00+00	f	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
321	Crimson Marlin	W2	salt	8700	2026-05-21 03:28:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
322	Northern Brise	E1	timber	300	2026-05-21 12:11:00+00	t	late tide	1
323	Øst Żuraw	S1	wool	1000	2026-05-21 20:27:00+00	t	\N	1
324	Silver Heron	W2	wool	3200	2026-05-22 00:13:00+00	t	déchargement de nuit	1
325	Morning Estrella	S4	empty	\N	2026-05-22 09:25:00+00	t	<b>fragile</b> & heavy	1
326	Quiet Otter	N2	grain	8700	2026-05-22 14:45:00+00	t	crew change	1
327	Northern Gull	E2	slate	800	2026-05-22 18:50:00+00	t	مرساة خارج الميناء	1
328	Crimson Möwe	E3	herring	3500	2026-05-23 03:37:00+00	f	crew change	1
329	Grey Heron	S2	salt	7200	2026-05-23 04:07:00+00	t	<b>fragile</b> & heavy	1
330	Grey Gull	W2	slate	5400	2026-05-23 15:01:00+00	t	déchargement de nuit	1
331	Salt Lantern	N4	wool	3300	2026-05-23 15:21:00+00	t	crew change	1
332	Blå Tern	S4	grain	3200	2026-05-23 21:41:00+00	t	<b>fragile</b> & heavy	1
333	Quiet Sjøfugl	E1	timber	3600	2026-05-24 01:15:00+00	f	\N	1
334	Quiet Marlin	N3	herring	7800	2026-05-24 07:49:00+00	f	\N	1
335	Morning Sjøfugl	W3	herring	3700	2026-05-24 12:34:00+00	t	late tide	1
336	Señora Kittiwake	S2	timber	4500	2026-05-24 18:12:00+00	t	'; drop table arrivals; --	1
337	Silver Otter	N3	timber	5800	2026-05-25 03:39:00+00	t	crew change	1
338	Little Heron	N3	herring	3500	2026-05-25 15:10:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
339	Grey Sjøfugl	S1	timber	8300	2026-05-25 15:30:00+00	t	two calls, one manifest	1
340	Brave Estrella	W1	herring	1400	2026-05-25 16:23:00+00	f	\N	1
341	Øst Żuraw	E2	grain	9200	2026-05-25 20:35:00+00	t	\N	1
342	Blå Anchor	E4	slate	6700	2026-05-25 20:56:00+00	f	\N	1
343	Brave Sjøfugl	N4	wool	900	2026-05-26 06:19:00+00	t	damaged fender, berth side	1
344	Früher Marlin	N1	machine parts	5400	2026-05-26 10:00:00+00	t	déchargement de nuit	1
345	Brave Otter	S3	empty	\N	2026-05-26 12:44:00+00	t	\N	1
346	Señora Lantern	S1	grain	1400	2026-05-26 19:19:00+00	f	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
347	Grey Möwe	N3	grain	3800	2026-05-26 22:34:00+00	t	déchargement de nuit	1
\.


--
-- Data for Name: records_2; Type: TABLE DATA; Schema: pageladder; Owner: -
--

COPY pageladder.records_2 (id, vessel, berth, cargo, tonnage, arrived_at, cleared, note, "pl.revision") FROM stdin;
1	Quiet Heron	S2	empty	\N	2026-03-01 05:50:00+00	t	crew change	1
2	Øst Lantern	W1	salt	5300	2026-03-01 14:01:00+00	t	crew change	1
3	Blå Kittiwake	N2	machine parts	7700	2026-03-02 00:15:00+00	t	\N	1
4	Brave Sundew	E3	salt	4800	2026-03-02 05:14:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
5	Morning Cormorant	E1	machine parts	8400	2026-03-02 11:05:00+00	f	\N	1
6	Brave Kittiwake	N4	timber	1900	2026-03-02 22:20:00+00	t	\N	1
9	Quiet Cormorant	N4	slate	6600	2026-03-03 19:59:00+00	t	\N	1
10	Señora Petrel	W1	empty	\N	2026-03-04 03:32:00+00	f	waits for customs; papers "in order"	1
11	Grey Otter	W3	empty	\N	2026-03-04 06:43:00+00	t	déchargement de nuit	1
12	Little Lantern	N3	grain	8100	2026-03-04 16:55:00+00	f	\N	1
13	Blå Anchor	N2	machine parts	2600	2026-03-05 04:11:00+00	t	مرساة خارج الميناء	1
14	Quiet Sundew	E4	grain	\N	2026-03-05 08:58:00+00	t	'; drop table arrivals; --	1
15	Früher Heron	E2	slate	5900	2026-03-05 20:21:00+00	t	\N	1
16	Früher Tern	E1	slate	7800	2026-03-06 06:14:00+00	t	damaged fender, berth side	1
17	Quiet Lantern	N3	salt	2900	2026-03-06 14:17:00+00	t	crew change	1
18	Øst Heron	W4	slate	2200	2026-03-06 14:48:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
19	Øst Otter	N2	machine parts	\N	2026-03-06 22:33:00+00	f	'; drop table arrivals; --	1
20	Quiet Anchor	W1	timber	8500	2026-03-07 01:49:00+00	t	two calls, one manifest	1
21	Crimson Estrella	E3	wool	4600	2026-03-07 06:39:00+00	t	\N	1
22	Früher Marlin	N4	machine parts	6200	2026-03-07 15:57:00+00	t	pilot on board	1
23	Blå Estrella	E1	wool	500	2026-03-07 22:22:00+00	t	'; drop table arrivals; --	1
24	Señora Brise	W2	timber	6800	2026-03-08 10:05:00+00	f	two calls, one manifest	1
25	Silver Heron	W3	grain	2000	2026-03-08 12:49:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
26	Früher Otter	E4	timber	4700	2026-03-08 13:44:00+00	t	déchargement de nuit	1
27	Salt Anchor	N3	empty	\N	2026-03-08 23:04:00+00	f	late tide	1
28	Øst Żuraw	E3	herring	1500	2026-03-09 03:37:00+00	f	\N	1
29	Morning Estrella	E3	herring	4300	2026-03-09 10:59:00+00	t	\N	1
30	Blå Cormorant	S1	salt	1900	2026-03-09 18:10:00+00	f	déchargement de nuit	1
31	Quiet Estrella	N3	empty	\N	2026-03-10 05:32:00+00	t	late tide	1
32	Amber Cormorant	N2	salt	5800	2026-03-10 16:00:00+00	f	late tide	1
33	Øst Brise	W2	timber	8000	2026-03-11 03:13:00+00	t	مرساة خارج الميناء	1
34	Grey Möwe	S1	wool	3000	2026-03-11 07:23:00+00	t	damaged fender, berth side	1
35	Øst Sundew	S1	empty	\N	2026-03-11 08:19:00+00	t	déchargement de nuit	1
36	Señora Sjøfugl	N1	empty	\N	2026-03-11 15:14:00+00	t	two calls, one manifest	1
37	Brave Cormorant	W1	salt	6100	2026-03-11 15:36:00+00	f	'; drop table arrivals; --	1
38	Winter Anchor	E3	wool	6200	2026-03-11 19:40:00+00	t	\N	1
39	Salt Heron	W4	machine parts	3400	2026-03-12 01:04:00+00	\N	\N	1
40	Salt Anchor	N2	wool	7300	2026-03-12 08:52:00+00	t	<b>fragile</b> & heavy	1
41	Øst Petrel	E1	timber	5800	2026-03-12 11:30:00+00	t	\N	1
42	Ľúčna Brise	N4	empty	\N	2026-03-12 18:45:00+00	t	pilot on board	1
43	Ľúčna Cormorant	N3	machine parts	8200	2026-03-12 22:03:00+00	t	<b>fragile</b> & heavy	1
44	Silver Petrel	N2	empty	\N	2026-03-13 02:57:00+00	t	مرساة خارج الميناء	1
45	Ľúčna Marlin	S1	machine parts	2100	2026-03-13 10:40:00+00	t	waits for customs; papers "in order"	1
46	Salt Żuraw	S3	herring	2700	2026-03-13 21:04:00+00	t	'; drop table arrivals; --	1
47	Salt Otter	N3	empty	\N	2026-03-13 23:11:00+00	t	waits for customs; papers "in order"	1
48	Blå Tern	W1	herring	1500	2026-03-14 09:33:00+00	t	<b>fragile</b> & heavy	1
49	Quiet Cormorant	W1	herring	300	2026-03-14 10:59:00+00	t	waits for customs; papers "in order"	1
50	Little Anchor	E3	grain	4300	2026-03-14 19:27:00+00	f	\N	1
51	Blå Estrella	S4	grain	4300	2026-03-14 21:43:00+00	f	damaged fender, berth side	1
52	Øst Sjøfugl	N4	wool	\N	2026-03-15 07:09:00+00	f	waits for customs; papers "in order"	1
53	Little Estrella	E4	herring	6200	2026-03-15 09:57:00+00	f	مرساة خارج الميناء	1
54	Little Heron	W1	wool	1900	2026-03-15 11:05:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
55	Northern Sundew	S4	timber	6600	2026-03-15 13:32:00+00	t	pilot on board	1
56	Winter Żuraw	E4	timber	8500	2026-03-15 21:07:00+00	t	مرساة خارج الميناء	1
57	Silver Sjøfugl	N2	herring	1500	2026-03-15 21:48:00+00	t	\N	1
58	Morning Cormorant	S2	herring	3000	2026-03-16 02:57:00+00	t	damaged fender, berth side	1
59	Ľúčna Anchor	N1	wool	7100	2026-03-16 11:55:00+00	t	<b>fragile</b> & heavy	1
60	Crimson Estrella	N2	salt	3200	2026-03-16 14:50:00+00	t	waits for customs; papers "in order"	1
61	Winter Heron	W2	slate	\N	2026-03-17 00:22:00+00	f	<b>fragile</b> & heavy	1
62	Brave Kittiwake	N2	slate	5700	2026-03-17 01:07:00+00	f	damaged fender, berth side	1
63	Winter Gull	E1	herring	1800	2026-03-17 06:47:00+00	t	'; drop table arrivals; --	1
64	Señora Kittiwake	W3	grain	5600	2026-03-17 13:40:00+00	t	\N	1
65	Blå Möwe	W3	wool	500	2026-03-17 15:10:00+00	t	waits for customs; papers "in order"	1
66	Grey Petrel	N3	grain	7200	2026-03-18 00:08:00+00	t	déchargement de nuit	1
67	Grey Kittiwake	W3	timber	2700	2026-03-18 09:52:00+00	t	damaged fender, berth side	1
68	Morning Tern	S2	wool	7100	2026-03-18 19:31:00+00	t	مرساة خارج الميناء	1
69	Øst Żuraw	S4	grain	6200	2026-03-19 05:45:00+00	t	déchargement de nuit	1
70	Früher Anchor	E1	slate	6700	2026-03-19 06:16:00+00	\N	déchargement de nuit	1
71	Øst Otter	N4	wool	5600	2026-03-19 06:50:00+00	t	déchargement de nuit	1
72	Señora Estrella	W2	grain	4600	2026-03-19 10:02:00+00	t	waits for customs; papers "in order"	1
73	Blå Sjøfugl	E4	timber	3700	2026-03-19 16:54:00+00	t	waits for customs; papers "in order"	1
74	Silver Petrel	E2	grain	3700	2026-03-19 20:00:00+00	f	pilot on board	1
75	Señora Marlin	W4	salt	\N	2026-03-19 22:14:00+00	f	damaged fender, berth side	1
76	Northern Möwe	N4	salt	600	2026-03-20 05:09:00+00	f	\N	1
77	Winter Heron	W2	timber	2700	2026-03-20 10:01:00+00	t	two calls, one manifest	1
78	Little Möwe	E4	timber	5400	2026-03-20 10:48:00+00	t	pilot on board	1
79	Winter Petrel	W4	grain	3900	2026-03-20 14:14:00+00	f	pilot on board	1
80	Øst Möwe	E1	slate	7600	2026-03-20 23:28:00+00	f	late tide	1
81	Ľúčna Tern	E2	salt	6900	2026-03-21 06:58:00+00	t	مرساة خارج الميناء	1
82	Øst Żuraw	W4	machine parts	6400	2026-03-21 11:01:00+00	t	مرساة خارج الميناء	1
83	Morning Kittiwake	W3	wool	500	2026-03-21 18:40:00+00	t	\N	1
84	Señora Tern	E2	timber	4700	2026-03-22 02:32:00+00	\N	\N	1
85	Silver Heron	E3	grain	8400	2026-03-22 07:33:00+00	t	مرساة خارج الميناء	1
86	Brave Gull	N2	wool	7600	2026-03-22 15:22:00+00	t	pilot on board	1
87	Quiet Cormorant	S3	herring	6800	2026-03-22 18:23:00+00	t	two calls, one manifest	1
88	Crimson Lantern	E3	grain	5600	2026-03-23 04:08:00+00	f	\N	1
89	Blå Sundew	E2	empty	\N	2026-03-23 06:51:00+00	t	\N	1
90	Little Sjøfugl	E4	grain	8700	2026-03-23 09:25:00+00	f	crew change	1
91	Ľúčna Sundew	S2	slate	2300	2026-03-23 19:42:00+00	t	\N	1
92	Old Petrel	N2	grain	3800	2026-03-24 07:05:00+00	\N	\N	1
93	Grey Kittiwake	N3	grain	2200	2026-03-24 11:28:00+00	t	déchargement de nuit	1
94	Île Lantern	S1	machine parts	1300	2026-03-24 17:27:00+00	f	'; drop table arrivals; --	1
95	Früher Estrella	W1	empty	\N	2026-03-24 22:10:00+00	t	déchargement de nuit	1
96	Crimson Sjøfugl	N1	grain	6500	2026-03-25 03:37:00+00	t	'; drop table arrivals; --	1
97	Old Tern	N2	herring	2300	2026-03-25 09:28:00+00	t	\N	1
98	Silver Anchor	N3	empty	\N	2026-03-25 09:56:00+00	t	late tide	1
99	Northern Otter	E1	slate	7100	2026-03-25 12:40:00+00	t	\N	1
100	Northern Lantern	E2	timber	6100	2026-03-25 19:23:00+00	t	\N	1
101	Crimson Gull	E4	slate	8100	2026-03-26 06:47:00+00	t	\N	1
102	Silver Sjøfugl	W1	herring	6800	2026-03-26 08:54:00+00	t	\N	1
103	Morning Cormorant	N3	empty	\N	2026-03-26 19:07:00+00	t	déchargement de nuit	1
104	Old Brise	S4	machine parts	1000	2026-03-26 20:36:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
105	Grey Brise	S2	wool	8800	2026-03-27 06:11:00+00	f	'; drop table arrivals; --	1
106	Brave Estrella	W2	herring	5700	2026-03-27 15:00:00+00	t	damaged fender, berth side	1
107	Amber Cormorant	N1	machine parts	4700	2026-03-28 01:21:00+00	t	pilot on board	1
108	Øst Marlin	N1	grain	5400	2026-03-28 05:21:00+00	t	déchargement de nuit	1
109	Brave Otter	E3	herring	7600	2026-03-28 13:27:00+00	f	\N	1
110	Silver Otter	E4	slate	3700	2026-03-28 14:17:00+00	t	damaged fender, berth side	1
111	Salt Kittiwake	W3	timber	7100	2026-03-28 22:44:00+00	f	crew change	1
112	Silver Heron	E1	wool	\N	2026-03-29 04:02:00+00	t	waits for customs; papers "in order"	1
113	Little Gull	E1	salt	900	2026-03-29 11:14:00+00	t	مرساة خارج الميناء	1
114	Winter Brise	S1	empty	\N	2026-03-29 17:04:00+00	t	waits for customs; papers "in order"	1
115	Winter Estrella	S4	grain	4100	2026-03-30 02:41:00+00	t	\N	1
116	Winter Gull	S3	machine parts	4800	2026-03-30 08:03:00+00	f	\N	1
117	Salt Lantern	W1	wool	\N	2026-03-30 15:50:00+00	t	late tide	1
118	Grey Möwe	E2	herring	\N	2026-03-31 02:42:00+00	t	late tide	1
119	Winter Kittiwake	N3	grain	8800	2026-03-31 14:17:00+00	t	crew change	1
120	Blå Möwe	S4	grain	8600	2026-03-31 23:52:00+00	t	\N	1
121	Grey Estrella	E1	herring	\N	2026-04-01 04:32:00+00	f	waits for customs; papers "in order"	1
122	Salt Marlin	N4	wool	3000	2026-04-01 11:45:00+00	t	'; drop table arrivals; --	1
123	Brave Tern	S2	herring	4400	2026-04-01 16:46:00+00	t	waits for customs; papers "in order"	1
124	Grey Lantern	S1	salt	3000	2026-04-01 23:06:00+00	t	'; drop table arrivals; --	1
125	Little Sjøfugl	N4	wool	7900	2026-04-02 02:17:00+00	t	<b>fragile</b> & heavy	1
126	Winter Estrella	N3	slate	\N	2026-04-02 08:02:00+00	f	\N	1
127	Brave Tern	N1	machine parts	2800	2026-04-02 13:39:00+00	t	waits for customs; papers "in order"	1
128	Île Sjøfugl	E3	salt	7500	2026-04-02 19:00:00+00	t	\N	1
129	Grey Sjøfugl	N4	wool	6700	2026-04-02 20:28:00+00	t	\N	1
130	Blå Cormorant	S1	machine parts	5900	2026-04-03 05:06:00+00	f	waits for customs; papers "in order"	1
131	Ľúčna Kittiwake	E2	slate	2400	2026-04-03 11:49:00+00	t	pilot on board	1
132	Salt Heron	W2	timber	2600	2026-04-03 12:26:00+00	t	late tide	1
133	Morning Möwe	W3	wool	\N	2026-04-03 15:07:00+00	t	\N	1
134	Old Brise	N4	wool	7800	2026-04-03 22:02:00+00	t	مرساة خارج الميناء	1
135	Crimson Sjøfugl	W3	grain	800	2026-04-04 06:28:00+00	t	déchargement de nuit	1
136	Amber Anchor	E2	herring	5100	2026-04-04 09:19:00+00	\N	\N	1
137	Ľúčna Sjøfugl	E4	salt	\N	2026-04-04 15:33:00+00	t	<b>fragile</b> & heavy	1
138	Øst Marlin	W4	timber	9200	2026-04-05 02:41:00+00	t	two calls, one manifest	1
139	Früher Żuraw	S4	slate	4900	2026-04-05 10:13:00+00	\N	\N	1
140	Quiet Żuraw	S4	wool	2500	2026-04-05 12:29:00+00	t	déchargement de nuit	1
141	Morning Marlin	W3	grain	6900	2026-04-05 21:22:00+00	t	déchargement de nuit	1
142	Île Anchor	N3	wool	700	2026-04-05 22:07:00+00	f	\N	1
143	Salt Tern	N2	salt	\N	2026-04-06 00:24:00+00	t	<b>fragile</b> & heavy	1
144	Morning Sjøfugl	S1	slate	3900	2026-04-06 12:02:00+00	t	\N	1
145	Amber Kittiwake	S1	herring	2100	2026-04-06 21:59:00+00	t	\N	1
146	Ľúčna Żuraw	W1	timber	1800	2026-04-07 03:41:00+00	t	'; drop table arrivals; --	1
147	Northern Żuraw	E1	wool	8700	2026-04-07 12:05:00+00	t	pilot on board	1
148	Île Cormorant	N4	empty	\N	2026-04-07 13:35:00+00	t	مرساة خارج الميناء	1
149	Old Möwe	S3	machine parts	8400	2026-04-07 22:12:00+00	f	waits for customs; papers "in order"	1
150	Winter Gull	S3	herring	8500	2026-04-08 04:12:00+00	t	\N	1
151	Old Lantern	E2	herring	2200	2026-04-08 12:32:00+00	t	\N	1
152	Señora Cormorant	E3	slate	1000	2026-04-08 14:44:00+00	t	waits for customs; papers "in order"	1
153	Blå Marlin	S2	salt	1700	2026-04-09 01:59:00+00	t	<b>fragile</b> & heavy	1
154	Brave Petrel	E2	wool	1700	2026-04-09 07:52:00+00	t	déchargement de nuit	1
155	Northern Tern	N4	herring	5800	2026-04-09 14:27:00+00	t	\N	1
156	Salt Cormorant	W2	empty	\N	2026-04-10 01:04:00+00	t	\N	1
157	Blå Sjøfugl	S2	slate	3000	2026-04-10 10:26:00+00	t	damaged fender, berth side	1
158	Øst Heron	S2	salt	7900	2026-04-10 13:34:00+00	\N	déchargement de nuit	1
159	Grey Lantern	N4	wool	7700	2026-04-10 23:54:00+00	t	crew change	1
160	Quiet Sundew	W2	wool	500	2026-04-11 02:21:00+00	t	damaged fender, berth side	1
161	Northern Estrella	N1	wool	4300	2026-04-11 10:57:00+00	t	مرساة خارج الميناء	1
162	Früher Tern	S3	salt	5700	2026-04-11 20:39:00+00	t	'; drop table arrivals; --	1
163	Quiet Marlin	W2	salt	9200	2026-04-12 03:30:00+00	t	late tide	1
164	Little Marlin	S2	slate	8800	2026-04-12 07:00:00+00	f	\N	1
165	Ľúčna Lantern	N2	grain	5400	2026-04-12 07:52:00+00	t	\N	1
166	Blå Marlin	N4	salt	5800	2026-04-12 11:07:00+00	f	two calls, one manifest	1
167	Northern Cormorant	E4	empty	\N	2026-04-12 12:56:00+00	f	مرساة خارج الميناء	1
168	Little Estrella	N2	machine parts	2000	2026-04-12 21:11:00+00	t	crew change	1
169	Northern Gull	W1	machine parts	1500	2026-04-13 01:27:00+00	f	pilot on board	1
170	Früher Cormorant	N3	herring	7900	2026-04-13 12:43:00+00	t	two calls, one manifest	1
171	Old Marlin	W4	salt	5000	2026-04-13 19:33:00+00	t	'; drop table arrivals; --	1
172	Señora Sjøfugl	E4	empty	\N	2026-04-14 03:41:00+00	t	waits for customs; papers "in order"	1
173	Salt Otter	W3	empty	\N	2026-04-14 13:58:00+00	t	crew change	1
174	Ľúčna Żuraw	N4	machine parts	5000	2026-04-14 21:27:00+00	t	pilot on board	1
175	Crimson Otter	S1	salt	3500	2026-04-15 08:13:00+00	t	مرساة خارج الميناء	1
176	Île Petrel	W2	slate	4600	2026-04-15 10:21:00+00	t	damaged fender, berth side	1
177	Grey Sundew	E4	salt	6800	2026-04-15 15:41:00+00	t	مرساة خارج الميناء	1
178	Grey Brise	S3	grain	1300	2026-04-15 18:25:00+00	t	'; drop table arrivals; --	1
179	Ľúčna Tern	N2	wool	2800	2026-04-15 22:29:00+00	t	\N	1
180	Ľúčna Tern	W4	empty	\N	2026-04-16 03:16:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
181	Grey Anchor	W2	machine parts	600	2026-04-16 12:30:00+00	t	\N	1
182	Winter Brise	N3	machine parts	6700	2026-04-16 19:29:00+00	t	\N	1
183	Old Kittiwake	S1	wool	3300	2026-04-17 04:07:00+00	t	late tide	1
184	Früher Lantern	E2	wool	3500	2026-04-17 12:13:00+00	t	waits for customs; papers "in order"	1
185	Winter Otter	W3	machine parts	2600	2026-04-17 15:14:00+00	t	waits for customs; papers "in order"	1
186	Blå Brise	E4	empty	\N	2026-04-17 22:34:00+00	t	late tide	1
187	Amber Petrel	E4	slate	6600	2026-04-18 09:41:00+00	f	pilot on board	1
188	Señora Anchor	N4	timber	4900	2026-04-18 21:29:00+00	t	\N	1
189	Île Heron	S3	grain	9200	2026-04-19 08:48:00+00	f	pilot on board	1
190	Northern Petrel	W3	salt	8600	2026-04-19 14:14:00+00	t	two calls, one manifest	1
191	Quiet Cormorant	W4	timber	1300	2026-04-19 15:46:00+00	f	two calls, one manifest	1
192	Northern Sjøfugl	E4	timber	7300	2026-04-19 19:48:00+00	t	<b>fragile</b> & heavy	1
193	Señora Żuraw	W4	slate	8100	2026-04-20 01:04:00+00	t	\N	1
194	Old Marlin	S1	timber	8800	2026-04-20 08:44:00+00	t	'; drop table arrivals; --	1
195	Île Lantern	S1	wool	1600	2026-04-20 09:37:00+00	t	<b>fragile</b> & heavy	1
196	Silver Cormorant	N1	machine parts	8100	2026-04-20 11:24:00+00	t	damaged fender, berth side	1
197	Früher Sundew	S3	wool	7700	2026-04-20 17:31:00+00	f	\N	1
198	Little Marlin	W2	slate	1700	2026-04-20 19:00:00+00	f	\N	1
199	Señora Möwe	E4	herring	8400	2026-04-21 06:04:00+00	f	<b>fragile</b> & heavy	1
200	Île Gull	N4	machine parts	1000	2026-04-21 10:38:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
201	Morning Anchor	N3	machine parts	6900	2026-04-21 11:59:00+00	f	\N	1
202	Crimson Estrella	W2	slate	\N	2026-04-21 13:32:00+00	t	\N	1
203	Øst Tern	W3	grain	6500	2026-04-21 16:54:00+00	f	'; drop table arrivals; --	1
204	Little Gull	W2	timber	5800	2026-04-21 18:52:00+00	f	\N	1
205	Northern Żuraw	E2	timber	7900	2026-04-21 19:08:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
206	Amber Tern	W1	machine parts	1800	2026-04-22 04:37:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
207	Brave Möwe	S4	herring	4400	2026-04-22 14:52:00+00	t	\N	1
208	Île Möwe	W2	salt	4000	2026-04-22 19:45:00+00	t	\N	1
209	Früher Möwe	S2	slate	8900	2026-04-23 00:28:00+00	t	'; drop table arrivals; --	1
210	Old Anchor	S4	empty	\N	2026-04-23 08:55:00+00	t	<b>fragile</b> & heavy	1
211	Île Tern	S1	empty	\N	2026-04-23 19:57:00+00	f	pilot on board	1
212	Früher Marlin	W2	wool	8500	2026-04-23 21:42:00+00	t	\N	1
213	Señora Żuraw	W2	empty	\N	2026-04-23 21:58:00+00	t	\N	1
214	Northern Cormorant	W4	wool	600	2026-04-23 23:01:00+00	t	crew change	1
215	Señora Lantern	E3	wool	9100	2026-04-24 06:26:00+00	t	late tide	1
216	Salt Otter	N1	salt	5200	2026-04-24 12:30:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
217	Silver Anchor	E1	wool	6300	2026-04-24 16:40:00+00	t	'; drop table arrivals; --	1
218	Morning Anchor	N2	grain	2900	2026-04-25 01:42:00+00	t	late tide	1
219	Old Heron	S2	wool	3400	2026-04-25 08:04:00+00	f	\N	1
220	Little Otter	S3	wool	5700	2026-04-25 16:33:00+00	t	déchargement de nuit	1
221	Grey Petrel	W2	wool	5400	2026-04-25 17:12:00+00	t	damaged fender, berth side	1
222	Morning Sjøfugl	S3	herring	5700	2026-04-25 23:11:00+00	t	\N	1
223	Blå Möwe	S4	empty	\N	2026-04-26 07:20:00+00	t	damaged fender, berth side	1
224	Brave Żuraw	S3	herring	7800	2026-04-26 19:07:00+00	f	مرساة خارج الميناء	1
225	Blå Otter	S4	salt	8600	2026-04-26 23:05:00+00	f	late tide	1
226	Grey Heron	N1	wool	4800	2026-04-27 04:38:00+00	t	late tide	1
227	Grey Otter	N1	timber	8300	2026-04-27 05:28:00+00	f	\N	1
228	Blå Heron	E4	machine parts	3900	2026-04-27 07:18:00+00	t	crew change	1
229	Amber Lantern	W2	grain	8800	2026-04-27 07:58:00+00	t	\N	1
230	Blå Estrella	W4	empty	\N	2026-04-27 09:18:00+00	t	\N	1
231	Brave Brise	E3	timber	2700	2026-04-27 20:30:00+00	t	\N	1
232	Ľúčna Żuraw	W1	wool	1100	2026-04-28 04:30:00+00	f	damaged fender, berth side	1
233	Northern Möwe	S3	grain	8100	2026-04-28 07:02:00+00	f	pilot on board	1
234	Früher Tern	W2	salt	6200	2026-04-28 11:36:00+00	t	pilot on board	1
235	Øst Gull	N3	slate	2400	2026-04-28 21:27:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
236	Northern Gull	W3	herring	5800	2026-04-29 05:29:00+00	f	\N	1
237	Ľúčna Möwe	E2	wool	9200	2026-04-29 08:37:00+00	t	مرساة خارج الميناء	1
238	Früher Estrella	E1	salt	8700	2026-04-29 16:09:00+00	f	pilot on board	1
239	Ľúčna Kittiwake	S1	timber	\N	2026-04-30 00:26:00+00	t	\N	1
240	Crimson Sundew	W4	slate	1400	2026-04-30 03:06:00+00	t	two calls, one manifest	1
241	Quiet Heron	N4	empty	\N	2026-04-30 03:56:00+00	t	waits for customs; papers "in order"	1
242	Salt Heron	E3	slate	\N	2026-04-30 12:54:00+00	t	\N	1
243	Señora Brise	S3	salt	3200	2026-04-30 23:15:00+00	t	late tide	1
244	Amber Żuraw	S3	machine parts	9000	2026-05-01 07:59:00+00	t	مرساة خارج الميناء	1
245	Quiet Heron	N2	wool	800	2026-05-01 13:34:00+00	t	crew change	1
246	Grey Żuraw	S3	wool	4400	2026-05-01 22:34:00+00	t	damaged fender, berth side	1
247	Quiet Cormorant	S3	salt	300	2026-05-02 00:20:00+00	t	crew change	1
248	Salt Sundew	W3	slate	8300	2026-05-02 10:30:00+00	\N	\N	1
249	Silver Estrella	S1	empty	\N	2026-05-02 20:55:00+00	t	\N	1
250	Little Żuraw	S2	empty	\N	2026-05-02 22:57:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
251	Old Sundew	E1	slate	4400	2026-05-03 06:01:00+00	t	crew change	1
252	Amber Tern	S2	herring	6500	2026-05-03 08:07:00+00	f	'; drop table arrivals; --	1
253	Old Sundew	S4	empty	\N	2026-05-03 14:28:00+00	t	\N	1
254	Crimson Kittiwake	N2	salt	2600	2026-05-03 18:29:00+00	f	مرساة خارج الميناء	1
255	Old Sundew	N2	salt	\N	2026-05-04 00:48:00+00	f	déchargement de nuit	1
256	Little Żuraw	E3	herring	4200	2026-05-04 09:01:00+00	t	pilot on board	1
257	Morning Sjøfugl	S2	grain	5300	2026-05-04 18:49:00+00	t	crew change	1
258	Little Möwe	S2	wool	3100	2026-05-04 19:06:00+00	t	مرساة خارج الميناء	1
259	Señora Otter	N3	empty	\N	2026-05-04 22:56:00+00	t	pilot on board	1
260	Amber Lantern	S3	wool	4300	2026-05-05 09:17:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
261	Ľúčna Petrel	N1	herring	4700	2026-05-05 14:06:00+00	t	two calls, one manifest	1
262	Winter Estrella	E2	timber	2800	2026-05-05 18:15:00+00	t	'; drop table arrivals; --	1
263	Señora Marlin	N3	wool	2400	2026-05-06 02:56:00+00	f	\N	1
264	Øst Cormorant	W2	timber	5100	2026-05-06 05:30:00+00	t	two calls, one manifest	1
265	Quiet Tern	S4	timber	5000	2026-05-06 12:25:00+00	t	\N	1
266	Île Marlin	W1	grain	\N	2026-05-06 22:48:00+00	t	damaged fender, berth side	1
267	Øst Gull	E2	wool	3400	2026-05-07 00:07:00+00	t	late tide	1
268	Silver Marlin	N2	timber	4500	2026-05-07 03:05:00+00	t	crew change	1
269	Little Marlin	N3	grain	4000	2026-05-07 05:32:00+00	f	déchargement de nuit	1
270	Morning Kittiwake	W4	slate	6700	2026-05-07 13:25:00+00	f	<b>fragile</b> & heavy	1
271	Old Marlin	W1	wool	2500	2026-05-07 16:53:00+00	t	\N	1
272	Winter Sundew	E4	empty	\N	2026-05-08 02:19:00+00	t	crew change	1
273	Brave Brise	S3	timber	4400	2026-05-08 12:46:00+00	t	\N	1
274	Blå Gull	W4	empty	\N	2026-05-08 20:35:00+00	t	late tide	1
275	Blå Brise	N3	empty	\N	2026-05-09 02:54:00+00	t	déchargement de nuit	1
276	Old Marlin	N4	wool	4400	2026-05-09 10:10:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
277	Grey Gull	E4	empty	\N	2026-05-09 20:54:00+00	t	<b>fragile</b> & heavy	1
278	Grey Möwe	S4	timber	600	2026-05-10 03:04:00+00	t	damaged fender, berth side	1
279	Northern Gull	W3	wool	7700	2026-05-10 11:38:00+00	t	'; drop table arrivals; --	1
280	Blå Heron	W1	wool	1800	2026-05-10 12:14:00+00	t	'; drop table arrivals; --	1
281	Ľúčna Marlin	S2	grain	8900	2026-05-10 21:02:00+00	t	crew change	1
282	Øst Otter	E2	empty	\N	2026-05-11 02:37:00+00	t	مرساة خارج الميناء	1
283	Northern Gull	S2	salt	6300	2026-05-11 03:17:00+00	f	two calls, one manifest	1
284	Blå Möwe	N3	salt	3700	2026-05-11 10:03:00+00	t	\N	1
285	Winter Lantern	W4	timber	6900	2026-05-11 20:40:00+00	t	pilot on board	1
286	Northern Cormorant	N2	herring	6200	2026-05-12 04:10:00+00	t	\N	1
287	Silver Lantern	W1	wool	1000	2026-05-12 10:31:00+00	f	مرساة خارج الميناء	1
288	Señora Gull	E3	herring	7800	2026-05-12 19:45:00+00	t	\N	1
289	Crimson Otter	S3	grain	2900	2026-05-13 07:00:00+00	t	two calls, one manifest	1
290	Quiet Cormorant	S4	grain	1900	2026-05-13 08:38:00+00	f	\N	1
291	Früher Petrel	W1	herring	5500	2026-05-13 14:20:00+00	f	damaged fender, berth side	1
292	Northern Anchor	E2	grain	6500	2026-05-13 15:58:00+00	t	two calls, one manifest	1
293	Little Żuraw	N3	wool	5800	2026-05-13 17:11:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
294	Morning Żuraw	E2	timber	4800	2026-05-14 01:50:00+00	t	crew change	1
295	Señora Estrella	S3	grain	7000	2026-05-14 05:54:00+00	\N	\N	1
296	Früher Marlin	W2	slate	6000	2026-05-14 08:43:00+00	t	waits for customs; papers "in order"	1
297	Ľúčna Brise	E1	wool	8900	2026-05-14 12:36:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
298	Little Sjøfugl	S2	grain	7400	2026-05-14 19:46:00+00	f	\N	1
299	Silver Sjøfugl	W3	wool	8000	2026-05-15 07:08:00+00	\N	déchargement de nuit	1
300	Old Marlin	N2	timber	\N	2026-05-15 12:24:00+00	t	\N	1
301	Winter Tern	W4	empty	\N	2026-05-15 16:46:00+00	t	waits for customs; papers "in order"	1
302	Quiet Brise	W3	timber	2300	2026-05-16 04:18:00+00	t	<b>fragile</b> & heavy	1
303	Crimson Estrella	E4	salt	2000	2026-05-16 05:42:00+00	\N	waits for customs; papers "in order"	1
304	Grey Estrella	W1	grain	4000	2026-05-16 10:01:00+00	f	'; drop table arrivals; --	1
305	Ľúčna Marlin	N4	timber	600	2026-05-16 21:24:00+00	t	\N	1
306	Crimson Marlin	W2	salt	6100	2026-05-17 07:46:00+00	t	late tide	1
307	Señora Marlin	S1	wool	1900	2026-05-17 12:52:00+00	t	crew change	1
308	Old Marlin	E2	wool	8700	2026-05-17 17:39:00+00	t	two calls, one manifest	1
309	Señora Gull	N1	salt	7600	2026-05-17 22:52:00+00	t	two calls, one manifest	1
310	Little Otter	S4	grain	\N	2026-05-17 23:24:00+00	t	waits for customs; papers "in order"	1
311	Blå Petrel	S3	empty	\N	2026-05-18 10:28:00+00	f	late tide	1
312	Ľúčna Marlin	N4	slate	3200	2026-05-18 14:58:00+00	t	waits for customs; papers "in order"	1
313	Quiet Möwe	S2	salt	1300	2026-05-18 22:14:00+00	t	مرساة خارج الميناء	1
314	Früher Sundew	S2	herring	2200	2026-05-19 06:44:00+00	t	déchargement de nuit	1
315	Salt Kittiwake	S3	timber	600	2026-05-19 14:24:00+00	t	pilot on board	1
316	Silver Żuraw	E2	machine parts	8300	2026-05-19 23:27:00+00	t	\N	1
317	Little Brise	N4	grain	5100	2026-05-20 03:21:00+00	t	two calls, one manifest	1
318	Morning Tern	W1	empty	\N	2026-05-20 03:39:00+00	t	two calls, one manifest	1
319	Silver Sjøfugl	W1	grain	4200	2026-05-20 07:29:00+00	t	déchargement de nuit	1
320	Morning Otter	W4	timber	2100	2026-05-20 18:37:00+00	f	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
321	Crimson Marlin	W2	salt	8700	2026-05-21 03:28:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
322	Northern Brise	E1	timber	300	2026-05-21 12:11:00+00	t	late tide	1
323	Øst Żuraw	S1	wool	1000	2026-05-21 20:27:00+00	t	\N	1
324	Silver Heron	W2	wool	3200	2026-05-22 00:13:00+00	t	déchargement de nuit	1
325	Morning Estrella	S4	empty	\N	2026-05-22 09:25:00+00	t	<b>fragile</b> & heavy	1
326	Quiet Otter	N2	grain	8700	2026-05-22 14:45:00+00	t	crew change	1
327	Northern Gull	E2	slate	800	2026-05-22 18:50:00+00	t	مرساة خارج الميناء	1
328	Crimson Möwe	E3	herring	3500	2026-05-23 03:37:00+00	f	crew change	1
329	Grey Heron	S2	salt	7200	2026-05-23 04:07:00+00	t	<b>fragile</b> & heavy	1
330	Grey Gull	W2	slate	5400	2026-05-23 15:01:00+00	t	déchargement de nuit	1
331	Salt Lantern	N4	wool	3300	2026-05-23 15:21:00+00	t	crew change	1
332	Blå Tern	S4	grain	3200	2026-05-23 21:41:00+00	t	<b>fragile</b> & heavy	1
333	Quiet Sjøfugl	E1	timber	3600	2026-05-24 01:15:00+00	f	\N	1
334	Quiet Marlin	N3	herring	7800	2026-05-24 07:49:00+00	f	\N	1
335	Morning Sjøfugl	W3	herring	3700	2026-05-24 12:34:00+00	t	late tide	1
336	Señora Kittiwake	S2	timber	4500	2026-05-24 18:12:00+00	t	'; drop table arrivals; --	1
337	Silver Otter	N3	timber	5800	2026-05-25 03:39:00+00	t	crew change	1
338	Little Heron	N3	herring	3500	2026-05-25 15:10:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
339	Grey Sjøfugl	S1	timber	8300	2026-05-25 15:30:00+00	t	two calls, one manifest	1
340	Brave Estrella	W1	herring	1400	2026-05-25 16:23:00+00	f	\N	1
341	Øst Żuraw	E2	grain	9200	2026-05-25 20:35:00+00	t	\N	1
342	Blå Anchor	E4	slate	6700	2026-05-25 20:56:00+00	f	\N	1
343	Brave Sjøfugl	N4	wool	900	2026-05-26 06:19:00+00	t	damaged fender, berth side	1
344	Früher Marlin	N1	machine parts	5400	2026-05-26 10:00:00+00	t	déchargement de nuit	1
345	Brave Otter	S3	empty	\N	2026-05-26 12:44:00+00	t	\N	1
346	Señora Lantern	S1	grain	1400	2026-05-26 19:19:00+00	f	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
347	Grey Möwe	N3	grain	3800	2026-05-26 22:34:00+00	t	déchargement de nuit	1
\.


--
-- Data for Name: records_20; Type: TABLE DATA; Schema: pageladder; Owner: -
--

COPY pageladder.records_20 (id, vessel, berth, cargo, tonnage, arrived_at, cleared, note, "pl.revision") FROM stdin;
1	Quiet Heron	S2	empty	\N	2026-03-01 05:50:00+00	t	crew change	1
2	Øst Lantern	W1	salt	5300	2026-03-01 14:01:00+00	t	crew change	1
3	Blå Kittiwake	N2	machine parts	7700	2026-03-02 00:15:00+00	t	\N	1
4	Brave Sundew	E3	salt	4800	2026-03-02 05:14:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
5	Morning Cormorant	E1	machine parts	8400	2026-03-02 11:05:00+00	f	\N	1
6	Brave Kittiwake	N4	timber	1900	2026-03-02 22:20:00+00	t	\N	1
7	Früher Gull	S4	wool	7900	2026-03-03 05:12:00+00	f	'; drop table arrivals; --	1
8	Blå Brise	S3	timber	900	2026-03-03 14:30:00+00	t	two calls, one manifest	1
9	Quiet Cormorant	N4	slate	6600	2026-03-03 19:59:00+00	t	\N	1
10	Señora Petrel	W1	empty	\N	2026-03-04 03:32:00+00	f	waits for customs; papers "in order"	1
11	Grey Otter	W3	empty	\N	2026-03-04 06:43:00+00	t	déchargement de nuit	1
12	Little Lantern	N3	grain	8100	2026-03-04 16:55:00+00	f	\N	1
13	Blå Anchor	N2	machine parts	2600	2026-03-05 04:11:00+00	t	مرساة خارج الميناء	1
14	Quiet Sundew	E4	grain	\N	2026-03-05 08:58:00+00	t	'; drop table arrivals; --	1
15	Früher Heron	E2	slate	5900	2026-03-05 20:21:00+00	t	\N	1
16	Früher Tern	E1	slate	7800	2026-03-06 06:14:00+00	t	damaged fender, berth side	1
17	Quiet Lantern	N3	salt	2900	2026-03-06 14:17:00+00	t	crew change	1
18	Øst Heron	W4	slate	2200	2026-03-06 14:48:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
19	Øst Otter	N2	machine parts	\N	2026-03-06 22:33:00+00	f	'; drop table arrivals; --	1
20	Quiet Anchor	W1	timber	8500	2026-03-07 01:49:00+00	t	two calls, one manifest	1
21	Crimson Estrella	E3	wool	4600	2026-03-07 06:39:00+00	t	\N	1
22	Früher Marlin	N4	machine parts	6200	2026-03-07 15:57:00+00	t	pilot on board	1
23	Blå Estrella	E1	wool	500	2026-03-07 22:22:00+00	t	'; drop table arrivals; --	1
24	Señora Brise	W2	timber	6800	2026-03-08 10:05:00+00	f	two calls, one manifest	1
25	Silver Heron	W3	grain	2000	2026-03-08 12:49:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
26	Früher Otter	E4	timber	4700	2026-03-08 13:44:00+00	t	déchargement de nuit	1
27	Salt Anchor	N3	empty	\N	2026-03-08 23:04:00+00	f	late tide	1
28	Øst Żuraw	E3	herring	1500	2026-03-09 03:37:00+00	f	\N	1
29	Morning Estrella	E3	herring	4300	2026-03-09 10:59:00+00	t	\N	1
30	Blå Cormorant	S1	salt	1900	2026-03-09 18:10:00+00	f	déchargement de nuit	1
31	Quiet Estrella	N3	empty	\N	2026-03-10 05:32:00+00	t	late tide	1
32	Amber Cormorant	N2	salt	5800	2026-03-10 16:00:00+00	f	late tide	1
33	Øst Brise	W2	timber	8000	2026-03-11 03:13:00+00	t	مرساة خارج الميناء	1
34	Grey Möwe	S1	wool	3000	2026-03-11 07:23:00+00	t	damaged fender, berth side	1
35	Øst Sundew	S1	empty	\N	2026-03-11 08:19:00+00	t	déchargement de nuit	1
36	Señora Sjøfugl	N1	empty	\N	2026-03-11 15:14:00+00	t	two calls, one manifest	1
37	Brave Cormorant	W1	salt	6100	2026-03-11 15:36:00+00	f	'; drop table arrivals; --	1
38	Winter Anchor	E3	wool	6200	2026-03-11 19:40:00+00	t	\N	1
39	Salt Heron	W4	machine parts	3400	2026-03-12 01:04:00+00	\N	\N	1
40	Salt Anchor	N2	wool	7300	2026-03-12 08:52:00+00	t	<b>fragile</b> & heavy	1
41	Øst Petrel	E1	timber	5800	2026-03-12 11:30:00+00	t	\N	1
42	Ľúčna Brise	N4	empty	\N	2026-03-12 18:45:00+00	t	pilot on board	1
43	Ľúčna Cormorant	N3	machine parts	8200	2026-03-12 22:03:00+00	t	<b>fragile</b> & heavy	1
44	Silver Petrel	N2	empty	\N	2026-03-13 02:57:00+00	t	مرساة خارج الميناء	1
45	Ľúčna Marlin	S1	machine parts	2100	2026-03-13 10:40:00+00	t	waits for customs; papers "in order"	1
46	Salt Żuraw	S3	herring	2700	2026-03-13 21:04:00+00	t	'; drop table arrivals; --	1
47	Salt Otter	N3	empty	\N	2026-03-13 23:11:00+00	t	waits for customs; papers "in order"	1
48	Blå Tern	W1	herring	1500	2026-03-14 09:33:00+00	t	<b>fragile</b> & heavy	1
49	Quiet Cormorant	W1	herring	300	2026-03-14 10:59:00+00	t	waits for customs; papers "in order"	1
50	Little Anchor	E3	grain	4300	2026-03-14 19:27:00+00	f	\N	1
51	Blå Estrella	S4	grain	4300	2026-03-14 21:43:00+00	f	damaged fender, berth side	1
52	Øst Sjøfugl	N4	wool	\N	2026-03-15 07:09:00+00	f	waits for customs; papers "in order"	1
53	Little Estrella	E4	herring	6200	2026-03-15 09:57:00+00	f	مرساة خارج الميناء	1
54	Little Heron	W1	wool	1900	2026-03-15 11:05:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
55	Northern Sundew	S4	timber	6600	2026-03-15 13:32:00+00	t	pilot on board	1
56	Winter Żuraw	E4	timber	8500	2026-03-15 21:07:00+00	t	مرساة خارج الميناء	1
57	Silver Sjøfugl	N2	herring	1500	2026-03-15 21:48:00+00	t	\N	1
58	Morning Cormorant	S2	herring	3000	2026-03-16 02:57:00+00	t	damaged fender, berth side	1
59	Ľúčna Anchor	N1	wool	7100	2026-03-16 11:55:00+00	t	<b>fragile</b> & heavy	1
60	Crimson Estrella	N2	salt	3200	2026-03-16 14:50:00+00	t	waits for customs; papers "in order"	1
61	Winter Heron	W2	slate	\N	2026-03-17 00:22:00+00	f	<b>fragile</b> & heavy	1
62	Brave Kittiwake	N2	slate	5700	2026-03-17 01:07:00+00	f	damaged fender, berth side	1
63	Winter Gull	E1	herring	1800	2026-03-17 06:47:00+00	t	'; drop table arrivals; --	1
64	Señora Kittiwake	W3	grain	5600	2026-03-17 13:40:00+00	t	\N	1
65	Blå Möwe	W3	wool	500	2026-03-17 15:10:00+00	t	waits for customs; papers "in order"	1
66	Grey Petrel	N3	grain	7200	2026-03-18 00:08:00+00	t	déchargement de nuit	1
67	Grey Kittiwake	W3	timber	2700	2026-03-18 09:52:00+00	t	damaged fender, berth side	1
68	Morning Tern	S2	wool	7100	2026-03-18 19:31:00+00	t	مرساة خارج الميناء	1
69	Øst Żuraw	S4	grain	6200	2026-03-19 05:45:00+00	t	déchargement de nuit	1
70	Früher Anchor	E1	slate	6700	2026-03-19 06:16:00+00	\N	déchargement de nuit	1
71	Øst Otter	N4	wool	5600	2026-03-19 06:50:00+00	t	déchargement de nuit	1
72	Señora Estrella	W2	grain	4600	2026-03-19 10:02:00+00	t	waits for customs; papers "in order"	1
73	Blå Sjøfugl	E4	timber	3700	2026-03-19 16:54:00+00	t	waits for customs; papers "in order"	1
74	Silver Petrel	E2	grain	3700	2026-03-19 20:00:00+00	f	pilot on board	1
75	Señora Marlin	W4	salt	\N	2026-03-19 22:14:00+00	f	damaged fender, berth side	1
76	Northern Möwe	N4	salt	600	2026-03-20 05:09:00+00	f	\N	1
77	Winter Heron	W2	timber	2700	2026-03-20 10:01:00+00	t	two calls, one manifest	1
78	Little Möwe	E4	timber	5400	2026-03-20 10:48:00+00	t	pilot on board	1
79	Winter Petrel	W4	grain	3900	2026-03-20 14:14:00+00	f	pilot on board	1
80	Øst Möwe	E1	slate	7600	2026-03-20 23:28:00+00	f	late tide	1
81	Ľúčna Tern	E2	salt	6900	2026-03-21 06:58:00+00	t	مرساة خارج الميناء	1
82	Øst Żuraw	W4	machine parts	6400	2026-03-21 11:01:00+00	t	مرساة خارج الميناء	1
83	Morning Kittiwake	W3	wool	500	2026-03-21 18:40:00+00	t	\N	1
84	Señora Tern	E2	timber	4700	2026-03-22 02:32:00+00	\N	\N	1
85	Silver Heron	E3	grain	8400	2026-03-22 07:33:00+00	t	مرساة خارج الميناء	1
86	Brave Gull	N2	wool	7600	2026-03-22 15:22:00+00	t	pilot on board	1
87	Quiet Cormorant	S3	herring	6800	2026-03-22 18:23:00+00	t	two calls, one manifest	1
88	Crimson Lantern	E3	grain	5600	2026-03-23 04:08:00+00	f	\N	1
89	Blå Sundew	E2	empty	\N	2026-03-23 06:51:00+00	t	\N	1
90	Little Sjøfugl	E4	grain	8700	2026-03-23 09:25:00+00	f	crew change	1
91	Ľúčna Sundew	S2	slate	2300	2026-03-23 19:42:00+00	t	\N	1
92	Old Petrel	N2	grain	3800	2026-03-24 07:05:00+00	\N	\N	1
93	Grey Kittiwake	N3	grain	2200	2026-03-24 11:28:00+00	t	déchargement de nuit	1
94	Île Lantern	S1	machine parts	1300	2026-03-24 17:27:00+00	f	'; drop table arrivals; --	1
95	Früher Estrella	W1	empty	\N	2026-03-24 22:10:00+00	t	déchargement de nuit	1
96	Crimson Sjøfugl	N1	grain	6500	2026-03-25 03:37:00+00	t	'; drop table arrivals; --	1
97	Old Tern	N2	herring	2300	2026-03-25 09:28:00+00	t	\N	1
98	Silver Anchor	N3	empty	\N	2026-03-25 09:56:00+00	t	late tide	1
99	Northern Otter	E1	slate	7100	2026-03-25 12:40:00+00	t	\N	1
100	Northern Lantern	E2	timber	6100	2026-03-25 19:23:00+00	t	\N	1
101	Crimson Gull	E4	slate	8100	2026-03-26 06:47:00+00	t	\N	1
102	Silver Sjøfugl	W1	herring	6800	2026-03-26 08:54:00+00	t	\N	1
103	Morning Cormorant	N3	empty	\N	2026-03-26 19:07:00+00	t	déchargement de nuit	1
104	Old Brise	S4	machine parts	1000	2026-03-26 20:36:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
105	Grey Brise	S2	wool	8800	2026-03-27 06:11:00+00	f	'; drop table arrivals; --	1
106	Brave Estrella	W2	herring	5700	2026-03-27 15:00:00+00	t	damaged fender, berth side	1
107	Amber Cormorant	N1	machine parts	4700	2026-03-28 01:21:00+00	t	pilot on board	1
108	Øst Marlin	N1	grain	5400	2026-03-28 05:21:00+00	t	déchargement de nuit	1
109	Brave Otter	E3	herring	7600	2026-03-28 13:27:00+00	f	\N	1
110	Silver Otter	E4	slate	3700	2026-03-28 14:17:00+00	t	damaged fender, berth side	1
111	Salt Kittiwake	W3	timber	7100	2026-03-28 22:44:00+00	f	crew change	1
112	Silver Heron	E1	wool	\N	2026-03-29 04:02:00+00	t	waits for customs; papers "in order"	1
113	Little Gull	E1	salt	900	2026-03-29 11:14:00+00	t	مرساة خارج الميناء	1
114	Winter Brise	S1	empty	\N	2026-03-29 17:04:00+00	t	waits for customs; papers "in order"	1
115	Winter Estrella	S4	grain	4100	2026-03-30 02:41:00+00	t	\N	1
116	Winter Gull	S3	machine parts	4800	2026-03-30 08:03:00+00	f	\N	1
117	Salt Lantern	W1	wool	\N	2026-03-30 15:50:00+00	t	late tide	1
118	Grey Möwe	E2	herring	\N	2026-03-31 02:42:00+00	t	late tide	1
119	Winter Kittiwake	N3	grain	8800	2026-03-31 14:17:00+00	t	crew change	1
120	Blå Möwe	S4	grain	8600	2026-03-31 23:52:00+00	t	\N	1
121	Grey Estrella	E1	herring	\N	2026-04-01 04:32:00+00	f	waits for customs; papers "in order"	1
122	Salt Marlin	N4	wool	3000	2026-04-01 11:45:00+00	t	'; drop table arrivals; --	1
123	Brave Tern	S2	herring	4400	2026-04-01 16:46:00+00	t	waits for customs; papers "in order"	1
124	Grey Lantern	S1	salt	3000	2026-04-01 23:06:00+00	t	'; drop table arrivals; --	1
125	Little Sjøfugl	N4	wool	7900	2026-04-02 02:17:00+00	t	<b>fragile</b> & heavy	1
126	Winter Estrella	N3	slate	\N	2026-04-02 08:02:00+00	f	\N	1
127	Brave Tern	N1	machine parts	2800	2026-04-02 13:39:00+00	t	waits for customs; papers "in order"	1
128	Île Sjøfugl	E3	salt	7500	2026-04-02 19:00:00+00	t	\N	1
129	Grey Sjøfugl	N4	wool	6700	2026-04-02 20:28:00+00	t	\N	1
130	Blå Cormorant	S1	machine parts	5900	2026-04-03 05:06:00+00	f	waits for customs; papers "in order"	1
131	Ľúčna Kittiwake	E2	slate	2400	2026-04-03 11:49:00+00	t	pilot on board	1
132	Salt Heron	W2	timber	2600	2026-04-03 12:26:00+00	t	late tide	1
133	Morning Möwe	W3	wool	\N	2026-04-03 15:07:00+00	t	\N	1
134	Old Brise	N4	wool	7800	2026-04-03 22:02:00+00	t	مرساة خارج الميناء	1
135	Crimson Sjøfugl	W3	grain	800	2026-04-04 06:28:00+00	t	déchargement de nuit	1
136	Amber Anchor	E2	herring	5100	2026-04-04 09:19:00+00	\N	\N	1
137	Ľúčna Sjøfugl	E4	salt	\N	2026-04-04 15:33:00+00	t	<b>fragile</b> & heavy	1
138	Øst Marlin	W4	timber	9200	2026-04-05 02:41:00+00	t	two calls, one manifest	1
139	Früher Żuraw	S4	slate	4900	2026-04-05 10:13:00+00	\N	\N	1
140	Quiet Żuraw	S4	wool	2500	2026-04-05 12:29:00+00	t	déchargement de nuit	1
141	Morning Marlin	W3	grain	6900	2026-04-05 21:22:00+00	t	déchargement de nuit	1
142	Île Anchor	N3	wool	700	2026-04-05 22:07:00+00	f	\N	1
143	Salt Tern	N2	salt	\N	2026-04-06 00:24:00+00	t	<b>fragile</b> & heavy	1
144	Morning Sjøfugl	S1	slate	3900	2026-04-06 12:02:00+00	t	\N	1
145	Amber Kittiwake	S1	herring	2100	2026-04-06 21:59:00+00	t	\N	1
146	Ľúčna Żuraw	W1	timber	1800	2026-04-07 03:41:00+00	t	'; drop table arrivals; --	1
147	Northern Żuraw	E1	wool	8700	2026-04-07 12:05:00+00	t	pilot on board	1
148	Île Cormorant	N4	empty	\N	2026-04-07 13:35:00+00	t	مرساة خارج الميناء	1
149	Old Möwe	S3	machine parts	8400	2026-04-07 22:12:00+00	f	waits for customs; papers "in order"	1
150	Winter Gull	S3	herring	8500	2026-04-08 04:12:00+00	t	\N	1
151	Old Lantern	E2	herring	2200	2026-04-08 12:32:00+00	t	\N	1
152	Señora Cormorant	E3	slate	1000	2026-04-08 14:44:00+00	t	waits for customs; papers "in order"	1
153	Blå Marlin	S2	salt	1700	2026-04-09 01:59:00+00	t	<b>fragile</b> & heavy	1
154	Brave Petrel	E2	wool	1700	2026-04-09 07:52:00+00	t	déchargement de nuit	1
155	Northern Tern	N4	herring	5800	2026-04-09 14:27:00+00	t	\N	1
156	Salt Cormorant	W2	empty	\N	2026-04-10 01:04:00+00	t	\N	1
157	Blå Sjøfugl	S2	slate	3000	2026-04-10 10:26:00+00	t	damaged fender, berth side	1
158	Øst Heron	S2	salt	7900	2026-04-10 13:34:00+00	\N	déchargement de nuit	1
159	Grey Lantern	N4	wool	7700	2026-04-10 23:54:00+00	t	crew change	1
160	Quiet Sundew	W2	wool	500	2026-04-11 02:21:00+00	t	damaged fender, berth side	1
161	Northern Estrella	N1	wool	4300	2026-04-11 10:57:00+00	t	مرساة خارج الميناء	1
162	Früher Tern	S3	salt	5700	2026-04-11 20:39:00+00	t	'; drop table arrivals; --	1
163	Quiet Marlin	W2	salt	9200	2026-04-12 03:30:00+00	t	late tide	1
164	Little Marlin	S2	slate	8800	2026-04-12 07:00:00+00	f	\N	1
165	Ľúčna Lantern	N2	grain	5400	2026-04-12 07:52:00+00	t	\N	1
166	Blå Marlin	N4	salt	5800	2026-04-12 11:07:00+00	f	two calls, one manifest	1
167	Northern Cormorant	E4	empty	\N	2026-04-12 12:56:00+00	f	مرساة خارج الميناء	1
168	Little Estrella	N2	machine parts	2000	2026-04-12 21:11:00+00	t	crew change	1
169	Northern Gull	W1	machine parts	1500	2026-04-13 01:27:00+00	f	pilot on board	1
170	Früher Cormorant	N3	herring	7900	2026-04-13 12:43:00+00	t	two calls, one manifest	1
171	Old Marlin	W4	salt	5000	2026-04-13 19:33:00+00	t	'; drop table arrivals; --	1
172	Señora Sjøfugl	E4	empty	\N	2026-04-14 03:41:00+00	t	waits for customs; papers "in order"	1
173	Salt Otter	W3	empty	\N	2026-04-14 13:58:00+00	t	crew change	1
174	Ľúčna Żuraw	N4	machine parts	5000	2026-04-14 21:27:00+00	t	pilot on board	1
175	Crimson Otter	S1	salt	3500	2026-04-15 08:13:00+00	t	مرساة خارج الميناء	1
176	Île Petrel	W2	slate	4600	2026-04-15 10:21:00+00	t	damaged fender, berth side	1
177	Grey Sundew	E4	salt	6800	2026-04-15 15:41:00+00	t	مرساة خارج الميناء	1
178	Grey Brise	S3	grain	1300	2026-04-15 18:25:00+00	t	'; drop table arrivals; --	1
179	Ľúčna Tern	N2	wool	2800	2026-04-15 22:29:00+00	t	\N	1
180	Ľúčna Tern	W4	empty	\N	2026-04-16 03:16:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
181	Grey Anchor	W2	machine parts	600	2026-04-16 12:30:00+00	t	\N	1
182	Winter Brise	N3	machine parts	6700	2026-04-16 19:29:00+00	t	\N	1
183	Old Kittiwake	S1	wool	3300	2026-04-17 04:07:00+00	t	late tide	1
184	Früher Lantern	E2	wool	3500	2026-04-17 12:13:00+00	t	waits for customs; papers "in order"	1
185	Winter Otter	W3	machine parts	2600	2026-04-17 15:14:00+00	t	waits for customs; papers "in order"	1
186	Blå Brise	E4	empty	\N	2026-04-17 22:34:00+00	t	late tide	1
187	Amber Petrel	E4	slate	6600	2026-04-18 09:41:00+00	f	pilot on board	1
188	Señora Anchor	N4	timber	4900	2026-04-18 21:29:00+00	t	\N	1
189	Île Heron	S3	grain	9200	2026-04-19 08:48:00+00	f	pilot on board	1
190	Northern Petrel	W3	salt	8600	2026-04-19 14:14:00+00	t	two calls, one manifest	1
191	Quiet Cormorant	W4	timber	1300	2026-04-19 15:46:00+00	f	two calls, one manifest	1
192	Northern Sjøfugl	E4	timber	7300	2026-04-19 19:48:00+00	t	<b>fragile</b> & heavy	1
193	Señora Żuraw	W4	slate	8100	2026-04-20 01:04:00+00	t	\N	1
194	Old Marlin	S1	timber	8800	2026-04-20 08:44:00+00	t	'; drop table arrivals; --	1
195	Île Lantern	S1	wool	1600	2026-04-20 09:37:00+00	t	<b>fragile</b> & heavy	1
196	Silver Cormorant	N1	machine parts	8100	2026-04-20 11:24:00+00	t	damaged fender, berth side	1
197	Früher Sundew	S3	wool	7700	2026-04-20 17:31:00+00	f	\N	1
198	Little Marlin	W2	slate	1700	2026-04-20 19:00:00+00	f	\N	1
199	Señora Möwe	E4	herring	8400	2026-04-21 06:04:00+00	f	<b>fragile</b> & heavy	1
200	Île Gull	N4	machine parts	1000	2026-04-21 10:38:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
201	Morning Anchor	N3	machine parts	6900	2026-04-21 11:59:00+00	f	\N	1
202	Crimson Estrella	W2	slate	\N	2026-04-21 13:32:00+00	t	\N	1
203	Øst Tern	W3	grain	6500	2026-04-21 16:54:00+00	f	'; drop table arrivals; --	1
204	Little Gull	W2	timber	5800	2026-04-21 18:52:00+00	f	\N	1
205	Northern Żuraw	E2	timber	7900	2026-04-21 19:08:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
206	Amber Tern	W1	machine parts	1800	2026-04-22 04:37:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
207	Brave Möwe	S4	herring	4400	2026-04-22 14:52:00+00	t	\N	1
208	Île Möwe	W2	salt	4000	2026-04-22 19:45:00+00	t	\N	1
209	Früher Möwe	S2	slate	8900	2026-04-23 00:28:00+00	t	'; drop table arrivals; --	1
210	Old Anchor	S4	empty	\N	2026-04-23 08:55:00+00	t	<b>fragile</b> & heavy	1
211	Île Tern	S1	empty	\N	2026-04-23 19:57:00+00	f	pilot on board	1
212	Früher Marlin	W2	wool	8500	2026-04-23 21:42:00+00	t	\N	1
213	Señora Żuraw	W2	empty	\N	2026-04-23 21:58:00+00	t	\N	1
214	Northern Cormorant	W4	wool	600	2026-04-23 23:01:00+00	t	crew change	1
215	Señora Lantern	E3	wool	9100	2026-04-24 06:26:00+00	t	late tide	1
216	Salt Otter	N1	salt	5200	2026-04-24 12:30:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
217	Silver Anchor	E1	wool	6300	2026-04-24 16:40:00+00	t	'; drop table arrivals; --	1
218	Morning Anchor	N2	grain	2900	2026-04-25 01:42:00+00	t	late tide	1
219	Old Heron	S2	wool	3400	2026-04-25 08:04:00+00	f	\N	1
220	Little Otter	S3	wool	5700	2026-04-25 16:33:00+00	t	déchargement de nuit	1
221	Grey Petrel	W2	wool	5400	2026-04-25 17:12:00+00	t	damaged fender, berth side	1
222	Morning Sjøfugl	S3	herring	5700	2026-04-25 23:11:00+00	t	\N	1
223	Blå Möwe	S4	empty	\N	2026-04-26 07:20:00+00	t	damaged fender, berth side	1
224	Brave Żuraw	S3	herring	7800	2026-04-26 19:07:00+00	f	مرساة خارج الميناء	1
225	Blå Otter	S4	salt	8600	2026-04-26 23:05:00+00	f	late tide	1
226	Grey Heron	N1	wool	4800	2026-04-27 04:38:00+00	t	late tide	1
227	Grey Otter	N1	timber	8300	2026-04-27 05:28:00+00	f	\N	1
228	Blå Heron	E4	machine parts	3900	2026-04-27 07:18:00+00	t	crew change	1
229	Amber Lantern	W2	grain	8800	2026-04-27 07:58:00+00	t	\N	1
230	Blå Estrella	W4	empty	\N	2026-04-27 09:18:00+00	t	\N	1
231	Brave Brise	E3	timber	2700	2026-04-27 20:30:00+00	t	\N	1
232	Ľúčna Żuraw	W1	wool	1100	2026-04-28 04:30:00+00	f	damaged fender, berth side	1
233	Northern Möwe	S3	grain	8100	2026-04-28 07:02:00+00	f	pilot on board	1
234	Früher Tern	W2	salt	6200	2026-04-28 11:36:00+00	t	pilot on board	1
235	Øst Gull	N3	slate	2400	2026-04-28 21:27:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
236	Northern Gull	W3	herring	5800	2026-04-29 05:29:00+00	f	\N	1
237	Ľúčna Möwe	E2	wool	9200	2026-04-29 08:37:00+00	t	مرساة خارج الميناء	1
238	Früher Estrella	E1	salt	8700	2026-04-29 16:09:00+00	f	pilot on board	1
239	Ľúčna Kittiwake	S1	timber	\N	2026-04-30 00:26:00+00	t	\N	1
240	Crimson Sundew	W4	slate	1400	2026-04-30 03:06:00+00	t	two calls, one manifest	1
241	Quiet Heron	N4	empty	\N	2026-04-30 03:56:00+00	t	waits for customs; papers "in order"	1
242	Salt Heron	E3	slate	\N	2026-04-30 12:54:00+00	t	\N	1
243	Señora Brise	S3	salt	3200	2026-04-30 23:15:00+00	t	late tide	1
244	Amber Żuraw	S3	machine parts	9000	2026-05-01 07:59:00+00	t	مرساة خارج الميناء	1
245	Quiet Heron	N2	wool	800	2026-05-01 13:34:00+00	t	crew change	1
246	Grey Żuraw	S3	wool	4400	2026-05-01 22:34:00+00	t	damaged fender, berth side	1
247	Quiet Cormorant	S3	salt	300	2026-05-02 00:20:00+00	t	crew change	1
248	Salt Sundew	W3	slate	8300	2026-05-02 10:30:00+00	\N	\N	1
249	Silver Estrella	S1	empty	\N	2026-05-02 20:55:00+00	t	\N	1
250	Little Żuraw	S2	empty	\N	2026-05-02 22:57:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
251	Old Sundew	E1	slate	4400	2026-05-03 06:01:00+00	t	crew change	1
252	Amber Tern	S2	herring	6500	2026-05-03 08:07:00+00	f	'; drop table arrivals; --	1
253	Old Sundew	S4	empty	\N	2026-05-03 14:28:00+00	t	\N	1
254	Crimson Kittiwake	N2	salt	2600	2026-05-03 18:29:00+00	f	مرساة خارج الميناء	1
255	Old Sundew	N2	salt	\N	2026-05-04 00:48:00+00	f	déchargement de nuit	1
256	Little Żuraw	E3	herring	4200	2026-05-04 09:01:00+00	t	pilot on board	1
257	Morning Sjøfugl	S2	grain	5300	2026-05-04 18:49:00+00	t	crew change	1
258	Little Möwe	S2	wool	3100	2026-05-04 19:06:00+00	t	مرساة خارج الميناء	1
259	Señora Otter	N3	empty	\N	2026-05-04 22:56:00+00	t	pilot on board	1
260	Amber Lantern	S3	wool	4300	2026-05-05 09:17:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
261	Ľúčna Petrel	N1	herring	4700	2026-05-05 14:06:00+00	t	two calls, one manifest	1
262	Winter Estrella	E2	timber	2800	2026-05-05 18:15:00+00	t	'; drop table arrivals; --	1
263	Señora Marlin	N3	wool	2400	2026-05-06 02:56:00+00	f	\N	1
264	Øst Cormorant	W2	timber	5100	2026-05-06 05:30:00+00	t	two calls, one manifest	1
265	Quiet Tern	S4	timber	5000	2026-05-06 12:25:00+00	t	\N	1
266	Île Marlin	W1	grain	\N	2026-05-06 22:48:00+00	t	damaged fender, berth side	1
267	Øst Gull	E2	wool	3400	2026-05-07 00:07:00+00	t	late tide	1
268	Silver Marlin	N2	timber	4500	2026-05-07 03:05:00+00	t	crew change	1
269	Little Marlin	N3	grain	4000	2026-05-07 05:32:00+00	f	déchargement de nuit	1
270	Morning Kittiwake	W4	slate	6700	2026-05-07 13:25:00+00	f	<b>fragile</b> & heavy	1
271	Old Marlin	W1	wool	2500	2026-05-07 16:53:00+00	t	\N	1
272	Winter Sundew	E4	empty	\N	2026-05-08 02:19:00+00	t	crew change	1
273	Brave Brise	S3	timber	4400	2026-05-08 12:46:00+00	t	\N	1
274	Blå Gull	W4	empty	\N	2026-05-08 20:35:00+00	t	late tide	1
275	Blå Brise	N3	empty	\N	2026-05-09 02:54:00+00	t	déchargement de nuit	1
276	Old Marlin	N4	wool	4400	2026-05-09 10:10:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
277	Grey Gull	E4	empty	\N	2026-05-09 20:54:00+00	t	<b>fragile</b> & heavy	1
278	Grey Möwe	S4	timber	600	2026-05-10 03:04:00+00	t	damaged fender, berth side	1
279	Northern Gull	W3	wool	7700	2026-05-10 11:38:00+00	t	'; drop table arrivals; --	1
280	Blå Heron	W1	wool	1800	2026-05-10 12:14:00+00	t	'; drop table arrivals; --	1
281	Ľúčna Marlin	S2	grain	8900	2026-05-10 21:02:00+00	t	crew change	1
282	Øst Otter	E2	empty	\N	2026-05-11 02:37:00+00	t	مرساة خارج الميناء	1
283	Northern Gull	S2	salt	6300	2026-05-11 03:17:00+00	f	two calls, one manifest	1
284	Blå Möwe	N3	salt	3700	2026-05-11 10:03:00+00	t	\N	1
285	Winter Lantern	W4	timber	6900	2026-05-11 20:40:00+00	t	pilot on board	1
286	Northern Cormorant	N2	herring	6200	2026-05-12 04:10:00+00	t	\N	1
287	Silver Lantern	W1	wool	1000	2026-05-12 10:31:00+00	f	مرساة خارج الميناء	1
288	Señora Gull	E3	herring	7800	2026-05-12 19:45:00+00	t	\N	1
289	Crimson Otter	S3	grain	2900	2026-05-13 07:00:00+00	t	two calls, one manifest	1
290	Quiet Cormorant	S4	grain	1900	2026-05-13 08:38:00+00	f	\N	1
291	Früher Petrel	W1	herring	5500	2026-05-13 14:20:00+00	f	damaged fender, berth side	1
292	Northern Anchor	E2	grain	6500	2026-05-13 15:58:00+00	t	two calls, one manifest	1
293	Little Żuraw	N3	wool	5800	2026-05-13 17:11:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
294	Morning Żuraw	E2	timber	4800	2026-05-14 01:50:00+00	t	crew change	1
295	Señora Estrella	S3	grain	7000	2026-05-14 05:54:00+00	\N	\N	1
296	Früher Marlin	W2	slate	6000	2026-05-14 08:43:00+00	t	waits for customs; papers "in order"	1
297	Ľúčna Brise	E1	wool	8900	2026-05-14 12:36:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
298	Little Sjøfugl	S2	grain	7400	2026-05-14 19:46:00+00	f	\N	1
299	Silver Sjøfugl	W3	wool	8000	2026-05-15 07:08:00+00	\N	déchargement de nuit	1
300	Old Marlin	N2	timber	\N	2026-05-15 12:24:00+00	t	\N	1
301	Winter Tern	W4	empty	\N	2026-05-15 16:46:00+00	t	waits for customs; papers "in order"	1
302	Quiet Brise	W3	timber	2300	2026-05-16 04:18:00+00	t	<b>fragile</b> & heavy	1
303	Crimson Estrella	E4	salt	2000	2026-05-16 05:42:00+00	\N	waits for customs; papers "in order"	1
304	Grey Estrella	W1	grain	4000	2026-05-16 10:01:00+00	f	'; drop table arrivals; --	1
305	Ľúčna Marlin	N4	timber	600	2026-05-16 21:24:00+00	t	\N	1
306	Crimson Marlin	W2	salt	6100	2026-05-17 07:46:00+00	t	late tide	1
307	Señora Marlin	S1	wool	1900	2026-05-17 12:52:00+00	t	crew change	1
308	Old Marlin	E2	wool	8700	2026-05-17 17:39:00+00	t	two calls, one manifest	1
309	Señora Gull	N1	salt	7600	2026-05-17 22:52:00+00	t	two calls, one manifest	1
310	Little Otter	S4	grain	\N	2026-05-17 23:24:00+00	t	waits for customs; papers "in order"	1
311	Blå Petrel	S3	empty	\N	2026-05-18 10:28:00+00	f	late tide	1
312	Ľúčna Marlin	N4	slate	3200	2026-05-18 14:58:00+00	t	waits for customs; papers "in order"	1
313	Quiet Möwe	S2	salt	1300	2026-05-18 22:14:00+00	t	مرساة خارج الميناء	1
314	Früher Sundew	S2	herring	2200	2026-05-19 06:44:00+00	t	déchargement de nuit	1
315	Salt Kittiwake	S3	timber	600	2026-05-19 14:24:00+00	t	pilot on board	1
316	Silver Żuraw	E2	machine parts	8300	2026-05-19 23:27:00+00	t	\N	1
317	Little Brise	N4	grain	5100	2026-05-20 03:21:00+00	t	two calls, one manifest	1
318	Morning Tern	W1	empty	\N	2026-05-20 03:39:00+00	t	two calls, one manifest	1
319	Silver Sjøfugl	W1	grain	4200	2026-05-20 07:29:00+00	t	déchargement de nuit	1
320	Morning Otter	W4	timber	2100	2026-05-20 18:37:00+00	f	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
321	Crimson Marlin	W2	salt	8700	2026-05-21 03:28:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
322	Northern Brise	E1	timber	300	2026-05-21 12:11:00+00	t	late tide	1
323	Øst Żuraw	S1	wool	1000	2026-05-21 20:27:00+00	t	\N	1
324	Silver Heron	W2	wool	3200	2026-05-22 00:13:00+00	t	déchargement de nuit	1
325	Morning Estrella	S4	empty	\N	2026-05-22 09:25:00+00	t	<b>fragile</b> & heavy	1
326	Quiet Otter	N2	grain	8700	2026-05-22 14:45:00+00	t	crew change	1
327	Northern Gull	E2	slate	800	2026-05-22 18:50:00+00	t	مرساة خارج الميناء	1
328	Crimson Möwe	E3	herring	3500	2026-05-23 03:37:00+00	f	crew change	1
329	Grey Heron	S2	salt	7200	2026-05-23 04:07:00+00	t	<b>fragile</b> & heavy	1
330	Grey Gull	W2	slate	5400	2026-05-23 15:01:00+00	t	déchargement de nuit	1
331	Salt Lantern	N4	wool	3300	2026-05-23 15:21:00+00	t	crew change	1
332	Blå Tern	S4	grain	3200	2026-05-23 21:41:00+00	t	<b>fragile</b> & heavy	1
333	Quiet Sjøfugl	E1	timber	3600	2026-05-24 01:15:00+00	f	\N	1
334	Quiet Marlin	N3	herring	7800	2026-05-24 07:49:00+00	f	\N	1
335	Morning Sjøfugl	W3	herring	3700	2026-05-24 12:34:00+00	t	late tide	1
336	Señora Kittiwake	S2	timber	4500	2026-05-24 18:12:00+00	t	'; drop table arrivals; --	1
337	Silver Otter	N3	timber	5800	2026-05-25 03:39:00+00	t	crew change	1
338	Little Heron	N3	herring	3500	2026-05-25 15:10:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
339	Grey Sjøfugl	S1	timber	8300	2026-05-25 15:30:00+00	t	two calls, one manifest	1
340	Brave Estrella	W1	herring	1400	2026-05-25 16:23:00+00	f	\N	1
341	Øst Żuraw	E2	grain	9200	2026-05-25 20:35:00+00	t	\N	1
342	Blå Anchor	E4	slate	6700	2026-05-25 20:56:00+00	f	\N	1
343	Brave Sjøfugl	N4	wool	900	2026-05-26 06:19:00+00	t	damaged fender, berth side	1
344	Früher Marlin	N1	machine parts	5400	2026-05-26 10:00:00+00	t	déchargement de nuit	1
345	Brave Otter	S3	empty	\N	2026-05-26 12:44:00+00	t	\N	1
346	Señora Lantern	S1	grain	1400	2026-05-26 19:19:00+00	f	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
347	Grey Möwe	N3	grain	3800	2026-05-26 22:34:00+00	t	déchargement de nuit	1
\.


--
-- Data for Name: records_3; Type: TABLE DATA; Schema: pageladder; Owner: -
--

COPY pageladder.records_3 (code, name, kind, depth_m, length_m, lit, "pl.revision") FROM stdin;
N1	North 1	jetty	7.2	140	f	1
N2	North 2	quay	8.3	160	t	1
N3	North 3	jetty	5.1	130	t	1
N4	North 4	quay	9.8	240	f	1
E1	East 1	quay	5.8	140	f	1
E2	East 2	quay	12.5	80	t	1
E3	East 3	quay	6.6	150	f	1
E4	East 4	quay	8.4	110	t	1
S1	South 1	jetty	4.3	140	t	1
S2	South 2	quay	8.7	140	f	1
S3	South 3	quay	5.4	210	f	1
S4	South 4	quay	\N	120	t	1
W1	West 1	quay	8.6	90	f	1
W2	West 2	quay	10.6	60	f	1
W3	West 3	quay	9.3	100	t	1
W4	West 4	jetty	4.5	170	t	1
\.


--
-- Data for Name: records_4; Type: TABLE DATA; Schema: pageladder; Owner: -
--

COPY pageladder.records_4 (id, found_on, place, what, claimed, "pl.revision") FROM stdin;
\.


--
-- Data for Name: records_5; Type: TABLE DATA; Schema: pageladder; Owner: -
--

COPY pageladder.records_5 (id, vessel, berth, cargo, tonnage, arrived_at, cleared, note, "pl.revision") FROM stdin;
1	Quiet Heron	S2	empty	\N	2026-03-01 05:50:00+00	t	crew change	1
2	Øst Lantern	W1	salt	5300	2026-03-01 14:01:00+00	t	crew change	1
3	Blå Kittiwake	N2	machine parts	7700	2026-03-02 00:15:00+00	t	\N	1
4	Brave Sundew	E3	salt	4800	2026-03-02 05:14:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
5	Morning Cormorant	E1	machine parts	8400	2026-03-02 11:05:00+00	f	\N	1
6	Brave Kittiwake	N4	timber	1900	2026-03-02 22:20:00+00	t	\N	1
7	Früher Gull	S4	wool	7900	2026-03-03 05:12:00+00	f	'; drop table arrivals; --	1
8	Blå Brise	S3	timber	900	2026-03-03 14:30:00+00	t	two calls, one manifest	1
9	Quiet Cormorant	N4	slate	6600	2026-03-03 19:59:00+00	t	\N	1
10	Señora Petrel	W1	empty	\N	2026-03-04 03:32:00+00	f	waits for customs; papers "in order"	1
11	Grey Otter	W3	empty	\N	2026-03-04 06:43:00+00	t	déchargement de nuit	1
12	Little Lantern	N3	grain	8100	2026-03-04 16:55:00+00	f	\N	1
13	Blå Anchor	N2	machine parts	2600	2026-03-05 04:11:00+00	t	مرساة خارج الميناء	1
14	Quiet Sundew	E4	grain	\N	2026-03-05 08:58:00+00	t	'; drop table arrivals; --	1
15	Früher Heron	E2	slate	5900	2026-03-05 20:21:00+00	t	\N	1
16	Früher Tern	E1	slate	7800	2026-03-06 06:14:00+00	t	damaged fender, berth side	1
17	Quiet Lantern	N3	salt	2900	2026-03-06 14:17:00+00	t	crew change	1
18	Øst Heron	W4	slate	2200	2026-03-06 14:48:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
19	Øst Otter	N2	machine parts	\N	2026-03-06 22:33:00+00	f	'; drop table arrivals; --	1
20	Quiet Anchor	W1	timber	8500	2026-03-07 01:49:00+00	t	two calls, one manifest	1
21	Crimson Estrella	E3	wool	4600	2026-03-07 06:39:00+00	t	\N	1
22	Früher Marlin	N4	machine parts	6200	2026-03-07 15:57:00+00	t	pilot on board	1
23	Blå Estrella	E1	wool	500	2026-03-07 22:22:00+00	t	'; drop table arrivals; --	1
24	Señora Brise	W2	timber	6800	2026-03-08 10:05:00+00	f	two calls, one manifest	1
25	Silver Heron	W3	grain	2000	2026-03-08 12:49:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
26	Früher Otter	E4	timber	4700	2026-03-08 13:44:00+00	t	déchargement de nuit	1
27	Salt Anchor	N3	empty	\N	2026-03-08 23:04:00+00	f	late tide	1
28	Øst Żuraw	E3	herring	1500	2026-03-09 03:37:00+00	f	\N	1
29	Morning Estrella	E3	herring	4300	2026-03-09 10:59:00+00	t	\N	1
30	Blå Cormorant	S1	salt	1900	2026-03-09 18:10:00+00	f	déchargement de nuit	1
31	Quiet Estrella	N3	empty	\N	2026-03-10 05:32:00+00	t	late tide	1
32	Amber Cormorant	N2	salt	5800	2026-03-10 16:00:00+00	f	late tide	1
33	Øst Brise	W2	timber	8000	2026-03-11 03:13:00+00	t	مرساة خارج الميناء	1
34	Grey Möwe	S1	wool	3000	2026-03-11 07:23:00+00	t	damaged fender, berth side	1
35	Øst Sundew	S1	empty	\N	2026-03-11 08:19:00+00	t	déchargement de nuit	1
36	Señora Sjøfugl	N1	empty	\N	2026-03-11 15:14:00+00	t	two calls, one manifest	1
37	Brave Cormorant	W1	salt	6100	2026-03-11 15:36:00+00	f	'; drop table arrivals; --	1
38	Winter Anchor	E3	wool	6200	2026-03-11 19:40:00+00	t	\N	1
39	Salt Heron	W4	machine parts	3400	2026-03-12 01:04:00+00	\N	\N	1
40	Salt Anchor	N2	wool	7300	2026-03-12 08:52:00+00	t	<b>fragile</b> & heavy	1
41	Øst Petrel	E1	timber	5800	2026-03-12 11:30:00+00	t	\N	1
42	Ľúčna Brise	N4	empty	\N	2026-03-12 18:45:00+00	t	pilot on board	1
43	Ľúčna Cormorant	N3	machine parts	8200	2026-03-12 22:03:00+00	t	<b>fragile</b> & heavy	1
44	Silver Petrel	N2	empty	\N	2026-03-13 02:57:00+00	t	مرساة خارج الميناء	1
45	Ľúčna Marlin	S1	machine parts	2100	2026-03-13 10:40:00+00	t	waits for customs; papers "in order"	1
46	Salt Żuraw	S3	herring	2700	2026-03-13 21:04:00+00	t	'; drop table arrivals; --	1
47	Salt Otter	N3	empty	\N	2026-03-13 23:11:00+00	t	waits for customs; papers "in order"	1
48	Blå Tern	W1	herring	1500	2026-03-14 09:33:00+00	t	<b>fragile</b> & heavy	1
49	Quiet Cormorant	W1	herring	300	2026-03-14 10:59:00+00	t	waits for customs; papers "in order"	1
50	Little Anchor	E3	grain	4300	2026-03-14 19:27:00+00	f	\N	1
51	Blå Estrella	S4	grain	4300	2026-03-14 21:43:00+00	f	damaged fender, berth side	1
52	Øst Sjøfugl	N4	wool	\N	2026-03-15 07:09:00+00	f	waits for customs; papers "in order"	1
53	Little Estrella	E4	herring	6200	2026-03-15 09:57:00+00	f	مرساة خارج الميناء	1
54	Little Heron	W1	wool	1900	2026-03-15 11:05:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
55	Northern Sundew	S4	timber	6600	2026-03-15 13:32:00+00	t	pilot on board	1
56	Winter Żuraw	E4	timber	8500	2026-03-15 21:07:00+00	t	مرساة خارج الميناء	1
57	Silver Sjøfugl	N2	herring	1500	2026-03-15 21:48:00+00	t	\N	1
58	Morning Cormorant	S2	herring	3000	2026-03-16 02:57:00+00	t	damaged fender, berth side	1
59	Ľúčna Anchor	N1	wool	7100	2026-03-16 11:55:00+00	t	<b>fragile</b> & heavy	1
60	Crimson Estrella	N2	salt	3200	2026-03-16 14:50:00+00	t	waits for customs; papers "in order"	1
61	Winter Heron	W2	slate	\N	2026-03-17 00:22:00+00	f	<b>fragile</b> & heavy	1
62	Brave Kittiwake	N2	slate	5700	2026-03-17 01:07:00+00	f	damaged fender, berth side	1
63	Winter Gull	E1	herring	1800	2026-03-17 06:47:00+00	t	'; drop table arrivals; --	1
64	Señora Kittiwake	W3	grain	5600	2026-03-17 13:40:00+00	t	\N	1
65	Blå Möwe	W3	wool	500	2026-03-17 15:10:00+00	t	waits for customs; papers "in order"	1
66	Grey Petrel	N3	grain	7200	2026-03-18 00:08:00+00	t	déchargement de nuit	1
67	Grey Kittiwake	W3	timber	2700	2026-03-18 09:52:00+00	t	damaged fender, berth side	1
68	Morning Tern	S2	wool	7100	2026-03-18 19:31:00+00	t	مرساة خارج الميناء	1
69	Øst Żuraw	S4	grain	6200	2026-03-19 05:45:00+00	t	déchargement de nuit	1
70	Früher Anchor	E1	slate	6700	2026-03-19 06:16:00+00	\N	déchargement de nuit	1
71	Øst Otter	N4	wool	5600	2026-03-19 06:50:00+00	t	déchargement de nuit	1
72	Señora Estrella	W2	grain	4600	2026-03-19 10:02:00+00	t	waits for customs; papers "in order"	1
73	Blå Sjøfugl	E4	timber	3700	2026-03-19 16:54:00+00	t	waits for customs; papers "in order"	1
74	Silver Petrel	E2	grain	3700	2026-03-19 20:00:00+00	f	pilot on board	1
75	Señora Marlin	W4	salt	\N	2026-03-19 22:14:00+00	f	damaged fender, berth side	1
76	Northern Möwe	N4	salt	600	2026-03-20 05:09:00+00	f	\N	1
77	Winter Heron	W2	timber	2700	2026-03-20 10:01:00+00	t	two calls, one manifest	1
78	Little Möwe	E4	timber	5400	2026-03-20 10:48:00+00	t	pilot on board	1
79	Winter Petrel	W4	grain	3900	2026-03-20 14:14:00+00	f	pilot on board	1
80	Øst Möwe	E1	slate	7600	2026-03-20 23:28:00+00	f	late tide	1
81	Ľúčna Tern	E2	salt	6900	2026-03-21 06:58:00+00	t	مرساة خارج الميناء	1
82	Øst Żuraw	W4	machine parts	6400	2026-03-21 11:01:00+00	t	مرساة خارج الميناء	1
83	Morning Kittiwake	W3	wool	500	2026-03-21 18:40:00+00	t	\N	1
84	Señora Tern	E2	timber	4700	2026-03-22 02:32:00+00	\N	\N	1
85	Silver Heron	E3	grain	8400	2026-03-22 07:33:00+00	t	مرساة خارج الميناء	1
86	Brave Gull	N2	wool	7600	2026-03-22 15:22:00+00	t	pilot on board	1
87	Quiet Cormorant	S3	herring	6800	2026-03-22 18:23:00+00	t	two calls, one manifest	1
88	Crimson Lantern	E3	grain	5600	2026-03-23 04:08:00+00	f	\N	1
89	Blå Sundew	E2	empty	\N	2026-03-23 06:51:00+00	t	\N	1
90	Little Sjøfugl	E4	grain	8700	2026-03-23 09:25:00+00	f	crew change	1
91	Ľúčna Sundew	S2	slate	2300	2026-03-23 19:42:00+00	t	\N	1
92	Old Petrel	N2	grain	3800	2026-03-24 07:05:00+00	\N	\N	1
93	Grey Kittiwake	N3	grain	2200	2026-03-24 11:28:00+00	t	déchargement de nuit	1
94	Île Lantern	S1	machine parts	1300	2026-03-24 17:27:00+00	f	'; drop table arrivals; --	1
95	Früher Estrella	W1	empty	\N	2026-03-24 22:10:00+00	t	déchargement de nuit	1
96	Crimson Sjøfugl	N1	grain	6500	2026-03-25 03:37:00+00	t	'; drop table arrivals; --	1
97	Old Tern	N2	herring	2300	2026-03-25 09:28:00+00	t	\N	1
98	Silver Anchor	N3	empty	\N	2026-03-25 09:56:00+00	t	late tide	1
99	Northern Otter	E1	slate	7100	2026-03-25 12:40:00+00	t	\N	1
100	Northern Lantern	E2	timber	6100	2026-03-25 19:23:00+00	t	\N	1
101	Crimson Gull	E4	slate	8100	2026-03-26 06:47:00+00	t	\N	1
102	Silver Sjøfugl	W1	herring	6800	2026-03-26 08:54:00+00	t	\N	1
103	Morning Cormorant	N3	empty	\N	2026-03-26 19:07:00+00	t	déchargement de nuit	1
104	Old Brise	S4	machine parts	1000	2026-03-26 20:36:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
105	Grey Brise	S2	wool	8800	2026-03-27 06:11:00+00	f	'; drop table arrivals; --	1
106	Brave Estrella	W2	herring	5700	2026-03-27 15:00:00+00	t	damaged fender, berth side	1
107	Amber Cormorant	N1	machine parts	4700	2026-03-28 01:21:00+00	t	pilot on board	1
108	Øst Marlin	N1	grain	5400	2026-03-28 05:21:00+00	t	déchargement de nuit	1
109	Brave Otter	E3	herring	7600	2026-03-28 13:27:00+00	f	\N	1
110	Silver Otter	E4	slate	3700	2026-03-28 14:17:00+00	t	damaged fender, berth side	1
111	Salt Kittiwake	W3	timber	7100	2026-03-28 22:44:00+00	f	crew change	1
112	Silver Heron	E1	wool	\N	2026-03-29 04:02:00+00	t	waits for customs; papers "in order"	1
113	Little Gull	E1	salt	900	2026-03-29 11:14:00+00	t	مرساة خارج الميناء	1
114	Winter Brise	S1	empty	\N	2026-03-29 17:04:00+00	t	waits for customs; papers "in order"	1
115	Winter Estrella	S4	grain	4100	2026-03-30 02:41:00+00	t	\N	1
116	Winter Gull	S3	machine parts	4800	2026-03-30 08:03:00+00	f	\N	1
117	Salt Lantern	W1	wool	\N	2026-03-30 15:50:00+00	t	late tide	1
118	Grey Möwe	E2	herring	\N	2026-03-31 02:42:00+00	t	late tide	1
119	Winter Kittiwake	N3	grain	8800	2026-03-31 14:17:00+00	t	crew change	1
120	Blå Möwe	S4	grain	8600	2026-03-31 23:52:00+00	t	\N	1
121	Grey Estrella	E1	herring	\N	2026-04-01 04:32:00+00	f	waits for customs; papers "in order"	1
122	Salt Marlin	N4	wool	3000	2026-04-01 11:45:00+00	t	'; drop table arrivals; --	1
123	Brave Tern	S2	herring	4400	2026-04-01 16:46:00+00	t	waits for customs; papers "in order"	1
124	Grey Lantern	S1	salt	3000	2026-04-01 23:06:00+00	t	'; drop table arrivals; --	1
125	Little Sjøfugl	N4	wool	7900	2026-04-02 02:17:00+00	t	<b>fragile</b> & heavy	1
126	Winter Estrella	N3	slate	\N	2026-04-02 08:02:00+00	f	\N	1
127	Brave Tern	N1	machine parts	2800	2026-04-02 13:39:00+00	t	waits for customs; papers "in order"	1
128	Île Sjøfugl	E3	salt	7500	2026-04-02 19:00:00+00	t	\N	1
129	Grey Sjøfugl	N4	wool	6700	2026-04-02 20:28:00+00	t	\N	1
130	Blå Cormorant	S1	machine parts	5900	2026-04-03 05:06:00+00	f	waits for customs; papers "in order"	1
131	Ľúčna Kittiwake	E2	slate	2400	2026-04-03 11:49:00+00	t	pilot on board	1
132	Salt Heron	W2	timber	2600	2026-04-03 12:26:00+00	t	late tide	1
133	Morning Möwe	W3	wool	\N	2026-04-03 15:07:00+00	t	\N	1
134	Old Brise	N4	wool	7800	2026-04-03 22:02:00+00	t	مرساة خارج الميناء	1
135	Crimson Sjøfugl	W3	grain	800	2026-04-04 06:28:00+00	t	déchargement de nuit	1
136	Amber Anchor	E2	herring	5100	2026-04-04 09:19:00+00	\N	\N	1
137	Ľúčna Sjøfugl	E4	salt	\N	2026-04-04 15:33:00+00	t	<b>fragile</b> & heavy	1
138	Øst Marlin	W4	timber	9200	2026-04-05 02:41:00+00	t	two calls, one manifest	1
139	Früher Żuraw	S4	slate	4900	2026-04-05 10:13:00+00	\N	\N	1
140	Quiet Żuraw	S4	wool	2500	2026-04-05 12:29:00+00	t	déchargement de nuit	1
141	Morning Marlin	W3	grain	6900	2026-04-05 21:22:00+00	t	déchargement de nuit	1
142	Île Anchor	N3	wool	700	2026-04-05 22:07:00+00	f	\N	1
143	Salt Tern	N2	salt	\N	2026-04-06 00:24:00+00	t	<b>fragile</b> & heavy	1
144	Morning Sjøfugl	S1	slate	3900	2026-04-06 12:02:00+00	t	\N	1
145	Amber Kittiwake	S1	herring	2100	2026-04-06 21:59:00+00	t	\N	1
146	Ľúčna Żuraw	W1	timber	1800	2026-04-07 03:41:00+00	t	'; drop table arrivals; --	1
147	Northern Żuraw	E1	wool	8700	2026-04-07 12:05:00+00	t	pilot on board	1
148	Île Cormorant	N4	empty	\N	2026-04-07 13:35:00+00	t	مرساة خارج الميناء	1
149	Old Möwe	S3	machine parts	8400	2026-04-07 22:12:00+00	f	waits for customs; papers "in order"	1
150	Winter Gull	S3	herring	8500	2026-04-08 04:12:00+00	t	\N	1
151	Old Lantern	E2	herring	2200	2026-04-08 12:32:00+00	t	\N	1
152	Señora Cormorant	E3	slate	1000	2026-04-08 14:44:00+00	t	waits for customs; papers "in order"	1
153	Blå Marlin	S2	salt	1700	2026-04-09 01:59:00+00	t	<b>fragile</b> & heavy	1
154	Brave Petrel	E2	wool	1700	2026-04-09 07:52:00+00	t	déchargement de nuit	1
155	Northern Tern	N4	herring	5800	2026-04-09 14:27:00+00	t	\N	1
156	Salt Cormorant	W2	empty	\N	2026-04-10 01:04:00+00	t	\N	1
157	Blå Sjøfugl	S2	slate	3000	2026-04-10 10:26:00+00	t	damaged fender, berth side	1
158	Øst Heron	S2	salt	7900	2026-04-10 13:34:00+00	\N	déchargement de nuit	1
159	Grey Lantern	N4	wool	7700	2026-04-10 23:54:00+00	t	crew change	1
160	Quiet Sundew	W2	wool	500	2026-04-11 02:21:00+00	t	damaged fender, berth side	1
161	Northern Estrella	N1	wool	4300	2026-04-11 10:57:00+00	t	مرساة خارج الميناء	1
162	Früher Tern	S3	salt	5700	2026-04-11 20:39:00+00	t	'; drop table arrivals; --	1
163	Quiet Marlin	W2	salt	9200	2026-04-12 03:30:00+00	t	late tide	1
164	Little Marlin	S2	slate	8800	2026-04-12 07:00:00+00	f	\N	1
165	Ľúčna Lantern	N2	grain	5400	2026-04-12 07:52:00+00	t	\N	1
166	Blå Marlin	N4	salt	5800	2026-04-12 11:07:00+00	f	two calls, one manifest	1
167	Northern Cormorant	E4	empty	\N	2026-04-12 12:56:00+00	f	مرساة خارج الميناء	1
168	Little Estrella	N2	machine parts	2000	2026-04-12 21:11:00+00	t	crew change	1
169	Northern Gull	W1	machine parts	1500	2026-04-13 01:27:00+00	f	pilot on board	1
170	Früher Cormorant	N3	herring	7900	2026-04-13 12:43:00+00	t	two calls, one manifest	1
171	Old Marlin	W4	salt	5000	2026-04-13 19:33:00+00	t	'; drop table arrivals; --	1
172	Señora Sjøfugl	E4	empty	\N	2026-04-14 03:41:00+00	t	waits for customs; papers "in order"	1
173	Salt Otter	W3	empty	\N	2026-04-14 13:58:00+00	t	crew change	1
174	Ľúčna Żuraw	N4	machine parts	5000	2026-04-14 21:27:00+00	t	pilot on board	1
175	Crimson Otter	S1	salt	3500	2026-04-15 08:13:00+00	t	مرساة خارج الميناء	1
176	Île Petrel	W2	slate	4600	2026-04-15 10:21:00+00	t	damaged fender, berth side	1
177	Grey Sundew	E4	salt	6800	2026-04-15 15:41:00+00	t	مرساة خارج الميناء	1
178	Grey Brise	S3	grain	1300	2026-04-15 18:25:00+00	t	'; drop table arrivals; --	1
179	Ľúčna Tern	N2	wool	2800	2026-04-15 22:29:00+00	t	\N	1
180	Ľúčna Tern	W4	empty	\N	2026-04-16 03:16:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
181	Grey Anchor	W2	machine parts	600	2026-04-16 12:30:00+00	t	\N	1
182	Winter Brise	N3	machine parts	6700	2026-04-16 19:29:00+00	t	\N	1
183	Old Kittiwake	S1	wool	3300	2026-04-17 04:07:00+00	t	late tide	1
184	Früher Lantern	E2	wool	3500	2026-04-17 12:13:00+00	t	waits for customs; papers "in order"	1
185	Winter Otter	W3	machine parts	2600	2026-04-17 15:14:00+00	t	waits for customs; papers "in order"	1
186	Blå Brise	E4	empty	\N	2026-04-17 22:34:00+00	t	late tide	1
187	Amber Petrel	E4	slate	6600	2026-04-18 09:41:00+00	f	pilot on board	1
188	Señora Anchor	N4	timber	4900	2026-04-18 21:29:00+00	t	\N	1
189	Île Heron	S3	grain	9200	2026-04-19 08:48:00+00	f	pilot on board	1
190	Northern Petrel	W3	salt	8600	2026-04-19 14:14:00+00	t	two calls, one manifest	1
191	Quiet Cormorant	W4	timber	1300	2026-04-19 15:46:00+00	f	two calls, one manifest	1
192	Northern Sjøfugl	E4	timber	7300	2026-04-19 19:48:00+00	t	<b>fragile</b> & heavy	1
193	Señora Żuraw	W4	slate	8100	2026-04-20 01:04:00+00	t	\N	1
194	Old Marlin	S1	timber	8800	2026-04-20 08:44:00+00	t	'; drop table arrivals; --	1
195	Île Lantern	S1	wool	1600	2026-04-20 09:37:00+00	t	<b>fragile</b> & heavy	1
196	Silver Cormorant	N1	machine parts	8100	2026-04-20 11:24:00+00	t	damaged fender, berth side	1
197	Früher Sundew	S3	wool	7700	2026-04-20 17:31:00+00	f	\N	1
198	Little Marlin	W2	slate	1700	2026-04-20 19:00:00+00	f	\N	1
199	Señora Möwe	E4	herring	8400	2026-04-21 06:04:00+00	f	<b>fragile</b> & heavy	1
200	Île Gull	N4	machine parts	1000	2026-04-21 10:38:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
201	Morning Anchor	N3	machine parts	6900	2026-04-21 11:59:00+00	f	\N	1
202	Crimson Estrella	W2	slate	\N	2026-04-21 13:32:00+00	t	\N	1
203	Øst Tern	W3	grain	6500	2026-04-21 16:54:00+00	f	'; drop table arrivals; --	1
204	Little Gull	W2	timber	5800	2026-04-21 18:52:00+00	f	\N	1
205	Northern Żuraw	E2	timber	7900	2026-04-21 19:08:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
206	Amber Tern	W1	machine parts	1800	2026-04-22 04:37:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
207	Brave Möwe	S4	herring	4400	2026-04-22 14:52:00+00	t	\N	1
208	Île Möwe	W2	salt	4000	2026-04-22 19:45:00+00	t	\N	1
209	Früher Möwe	S2	slate	8900	2026-04-23 00:28:00+00	t	'; drop table arrivals; --	1
210	Old Anchor	S4	empty	\N	2026-04-23 08:55:00+00	t	<b>fragile</b> & heavy	1
211	Île Tern	S1	empty	\N	2026-04-23 19:57:00+00	f	pilot on board	1
212	Früher Marlin	W2	wool	8500	2026-04-23 21:42:00+00	t	\N	1
213	Señora Żuraw	W2	empty	\N	2026-04-23 21:58:00+00	t	\N	1
214	Northern Cormorant	W4	wool	600	2026-04-23 23:01:00+00	t	crew change	1
215	Señora Lantern	E3	wool	9100	2026-04-24 06:26:00+00	t	late tide	1
216	Salt Otter	N1	salt	5200	2026-04-24 12:30:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
217	Silver Anchor	E1	wool	6300	2026-04-24 16:40:00+00	t	'; drop table arrivals; --	1
218	Morning Anchor	N2	grain	2900	2026-04-25 01:42:00+00	t	late tide	1
219	Old Heron	S2	wool	3400	2026-04-25 08:04:00+00	f	\N	1
220	Little Otter	S3	wool	5700	2026-04-25 16:33:00+00	t	déchargement de nuit	1
221	Grey Petrel	W2	wool	5400	2026-04-25 17:12:00+00	t	damaged fender, berth side	1
222	Morning Sjøfugl	S3	herring	5700	2026-04-25 23:11:00+00	t	\N	1
223	Blå Möwe	S4	empty	\N	2026-04-26 07:20:00+00	t	damaged fender, berth side	1
224	Brave Żuraw	S3	herring	7800	2026-04-26 19:07:00+00	f	مرساة خارج الميناء	1
225	Blå Otter	S4	salt	8600	2026-04-26 23:05:00+00	f	late tide	1
226	Grey Heron	N1	wool	4800	2026-04-27 04:38:00+00	t	late tide	1
227	Grey Otter	N1	timber	8300	2026-04-27 05:28:00+00	f	\N	1
228	Blå Heron	E4	machine parts	3900	2026-04-27 07:18:00+00	t	crew change	1
229	Amber Lantern	W2	grain	8800	2026-04-27 07:58:00+00	t	\N	1
230	Blå Estrella	W4	empty	\N	2026-04-27 09:18:00+00	t	\N	1
231	Brave Brise	E3	timber	2700	2026-04-27 20:30:00+00	t	\N	1
232	Ľúčna Żuraw	W1	wool	1100	2026-04-28 04:30:00+00	f	damaged fender, berth side	1
233	Northern Möwe	S3	grain	8100	2026-04-28 07:02:00+00	f	pilot on board	1
234	Früher Tern	W2	salt	6200	2026-04-28 11:36:00+00	t	pilot on board	1
235	Øst Gull	N3	slate	2400	2026-04-28 21:27:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
236	Northern Gull	W3	herring	5800	2026-04-29 05:29:00+00	f	\N	1
237	Ľúčna Möwe	E2	wool	9200	2026-04-29 08:37:00+00	t	مرساة خارج الميناء	1
238	Früher Estrella	E1	salt	8700	2026-04-29 16:09:00+00	f	pilot on board	1
239	Ľúčna Kittiwake	S1	timber	\N	2026-04-30 00:26:00+00	t	\N	1
240	Crimson Sundew	W4	slate	1400	2026-04-30 03:06:00+00	t	two calls, one manifest	1
241	Quiet Heron	N4	empty	\N	2026-04-30 03:56:00+00	t	waits for customs; papers "in order"	1
242	Salt Heron	E3	slate	\N	2026-04-30 12:54:00+00	t	\N	1
243	Señora Brise	S3	salt	3200	2026-04-30 23:15:00+00	t	late tide	1
244	Amber Żuraw	S3	machine parts	9000	2026-05-01 07:59:00+00	t	مرساة خارج الميناء	1
245	Quiet Heron	N2	wool	800	2026-05-01 13:34:00+00	t	crew change	1
246	Grey Żuraw	S3	wool	4400	2026-05-01 22:34:00+00	t	damaged fender, berth side	1
247	Quiet Cormorant	S3	salt	300	2026-05-02 00:20:00+00	t	crew change	1
248	Salt Sundew	W3	slate	8300	2026-05-02 10:30:00+00	\N	\N	1
249	Silver Estrella	S1	empty	\N	2026-05-02 20:55:00+00	t	\N	1
250	Little Żuraw	S2	empty	\N	2026-05-02 22:57:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
251	Old Sundew	E1	slate	4400	2026-05-03 06:01:00+00	t	crew change	1
252	Amber Tern	S2	herring	6500	2026-05-03 08:07:00+00	f	'; drop table arrivals; --	1
253	Old Sundew	S4	empty	\N	2026-05-03 14:28:00+00	t	\N	1
254	Crimson Kittiwake	N2	salt	2600	2026-05-03 18:29:00+00	f	مرساة خارج الميناء	1
255	Old Sundew	N2	salt	\N	2026-05-04 00:48:00+00	f	déchargement de nuit	1
256	Little Żuraw	E3	herring	4200	2026-05-04 09:01:00+00	t	pilot on board	1
257	Morning Sjøfugl	S2	grain	5300	2026-05-04 18:49:00+00	t	crew change	1
258	Little Möwe	S2	wool	3100	2026-05-04 19:06:00+00	t	مرساة خارج الميناء	1
259	Señora Otter	N3	empty	\N	2026-05-04 22:56:00+00	t	pilot on board	1
260	Amber Lantern	S3	wool	4300	2026-05-05 09:17:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
261	Ľúčna Petrel	N1	herring	4700	2026-05-05 14:06:00+00	t	two calls, one manifest	1
262	Winter Estrella	E2	timber	2800	2026-05-05 18:15:00+00	t	'; drop table arrivals; --	1
263	Señora Marlin	N3	wool	2400	2026-05-06 02:56:00+00	f	\N	1
264	Øst Cormorant	W2	timber	5100	2026-05-06 05:30:00+00	t	two calls, one manifest	1
265	Quiet Tern	S4	timber	5000	2026-05-06 12:25:00+00	t	\N	1
266	Île Marlin	W1	grain	\N	2026-05-06 22:48:00+00	t	damaged fender, berth side	1
267	Øst Gull	E2	wool	3400	2026-05-07 00:07:00+00	t	late tide	1
268	Silver Marlin	N2	timber	4500	2026-05-07 03:05:00+00	t	crew change	1
269	Little Marlin	N3	grain	4000	2026-05-07 05:32:00+00	f	déchargement de nuit	1
270	Morning Kittiwake	W4	slate	6700	2026-05-07 13:25:00+00	f	<b>fragile</b> & heavy	1
271	Old Marlin	W1	wool	2500	2026-05-07 16:53:00+00	t	\N	1
272	Winter Sundew	E4	empty	\N	2026-05-08 02:19:00+00	t	crew change	1
273	Brave Brise	S3	timber	4400	2026-05-08 12:46:00+00	t	\N	1
274	Blå Gull	W4	empty	\N	2026-05-08 20:35:00+00	t	late tide	1
275	Blå Brise	N3	empty	\N	2026-05-09 02:54:00+00	t	déchargement de nuit	1
276	Old Marlin	N4	wool	4400	2026-05-09 10:10:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
277	Grey Gull	E4	empty	\N	2026-05-09 20:54:00+00	t	<b>fragile</b> & heavy	1
278	Grey Möwe	S4	timber	600	2026-05-10 03:04:00+00	t	damaged fender, berth side	1
279	Northern Gull	W3	wool	7700	2026-05-10 11:38:00+00	t	'; drop table arrivals; --	1
280	Blå Heron	W1	wool	1800	2026-05-10 12:14:00+00	t	'; drop table arrivals; --	1
281	Ľúčna Marlin	S2	grain	8900	2026-05-10 21:02:00+00	t	crew change	1
282	Øst Otter	E2	empty	\N	2026-05-11 02:37:00+00	t	مرساة خارج الميناء	1
283	Northern Gull	S2	salt	6300	2026-05-11 03:17:00+00	f	two calls, one manifest	1
284	Blå Möwe	N3	salt	3700	2026-05-11 10:03:00+00	t	\N	1
285	Winter Lantern	W4	timber	6900	2026-05-11 20:40:00+00	t	pilot on board	1
286	Northern Cormorant	N2	herring	6200	2026-05-12 04:10:00+00	t	\N	1
287	Silver Lantern	W1	wool	1000	2026-05-12 10:31:00+00	f	مرساة خارج الميناء	1
288	Señora Gull	E3	herring	7800	2026-05-12 19:45:00+00	t	\N	1
289	Crimson Otter	S3	grain	2900	2026-05-13 07:00:00+00	t	two calls, one manifest	1
290	Quiet Cormorant	S4	grain	1900	2026-05-13 08:38:00+00	f	\N	1
291	Früher Petrel	W1	herring	5500	2026-05-13 14:20:00+00	f	damaged fender, berth side	1
292	Northern Anchor	E2	grain	6500	2026-05-13 15:58:00+00	t	two calls, one manifest	1
293	Little Żuraw	N3	wool	5800	2026-05-13 17:11:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
294	Morning Żuraw	E2	timber	4800	2026-05-14 01:50:00+00	t	crew change	1
295	Señora Estrella	S3	grain	7000	2026-05-14 05:54:00+00	\N	\N	1
296	Früher Marlin	W2	slate	6000	2026-05-14 08:43:00+00	t	waits for customs; papers "in order"	1
297	Ľúčna Brise	E1	wool	8900	2026-05-14 12:36:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
298	Little Sjøfugl	S2	grain	7400	2026-05-14 19:46:00+00	f	\N	1
299	Silver Sjøfugl	W3	wool	8000	2026-05-15 07:08:00+00	\N	déchargement de nuit	1
300	Old Marlin	N2	timber	\N	2026-05-15 12:24:00+00	t	\N	1
301	Winter Tern	W4	empty	\N	2026-05-15 16:46:00+00	t	waits for customs; papers "in order"	1
302	Quiet Brise	W3	timber	2300	2026-05-16 04:18:00+00	t	<b>fragile</b> & heavy	1
303	Crimson Estrella	E4	salt	2000	2026-05-16 05:42:00+00	\N	waits for customs; papers "in order"	1
304	Grey Estrella	W1	grain	4000	2026-05-16 10:01:00+00	f	'; drop table arrivals; --	1
305	Ľúčna Marlin	N4	timber	600	2026-05-16 21:24:00+00	t	\N	1
306	Crimson Marlin	W2	salt	6100	2026-05-17 07:46:00+00	t	late tide	1
307	Señora Marlin	S1	wool	1900	2026-05-17 12:52:00+00	t	crew change	1
308	Old Marlin	E2	wool	8700	2026-05-17 17:39:00+00	t	two calls, one manifest	1
309	Señora Gull	N1	salt	7600	2026-05-17 22:52:00+00	t	two calls, one manifest	1
310	Little Otter	S4	grain	\N	2026-05-17 23:24:00+00	t	waits for customs; papers "in order"	1
311	Blå Petrel	S3	empty	\N	2026-05-18 10:28:00+00	f	late tide	1
312	Ľúčna Marlin	N4	slate	3200	2026-05-18 14:58:00+00	t	waits for customs; papers "in order"	1
313	Quiet Möwe	S2	salt	1300	2026-05-18 22:14:00+00	t	مرساة خارج الميناء	1
314	Früher Sundew	S2	herring	2200	2026-05-19 06:44:00+00	t	déchargement de nuit	1
315	Salt Kittiwake	S3	timber	600	2026-05-19 14:24:00+00	t	pilot on board	1
316	Silver Żuraw	E2	machine parts	8300	2026-05-19 23:27:00+00	t	\N	1
317	Little Brise	N4	grain	5100	2026-05-20 03:21:00+00	t	two calls, one manifest	1
318	Morning Tern	W1	empty	\N	2026-05-20 03:39:00+00	t	two calls, one manifest	1
319	Silver Sjøfugl	W1	grain	4200	2026-05-20 07:29:00+00	t	déchargement de nuit	1
320	Morning Otter	W4	timber	2100	2026-05-20 18:37:00+00	f	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
321	Crimson Marlin	W2	salt	8700	2026-05-21 03:28:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
322	Northern Brise	E1	timber	300	2026-05-21 12:11:00+00	t	late tide	1
323	Øst Żuraw	S1	wool	1000	2026-05-21 20:27:00+00	t	\N	1
324	Silver Heron	W2	wool	3200	2026-05-22 00:13:00+00	t	déchargement de nuit	1
325	Morning Estrella	S4	empty	\N	2026-05-22 09:25:00+00	t	<b>fragile</b> & heavy	1
326	Quiet Otter	N2	grain	8700	2026-05-22 14:45:00+00	t	crew change	1
327	Northern Gull	E2	slate	800	2026-05-22 18:50:00+00	t	مرساة خارج الميناء	1
328	Crimson Möwe	E3	herring	3500	2026-05-23 03:37:00+00	f	crew change	1
329	Grey Heron	S2	salt	7200	2026-05-23 04:07:00+00	t	<b>fragile</b> & heavy	1
330	Grey Gull	W2	slate	5400	2026-05-23 15:01:00+00	t	déchargement de nuit	1
331	Salt Lantern	N4	wool	3300	2026-05-23 15:21:00+00	t	crew change	1
332	Blå Tern	S4	grain	3200	2026-05-23 21:41:00+00	t	<b>fragile</b> & heavy	1
333	Quiet Sjøfugl	E1	timber	3600	2026-05-24 01:15:00+00	f	\N	1
334	Quiet Marlin	N3	herring	7800	2026-05-24 07:49:00+00	f	\N	1
335	Morning Sjøfugl	W3	herring	3700	2026-05-24 12:34:00+00	t	late tide	1
336	Señora Kittiwake	S2	timber	4500	2026-05-24 18:12:00+00	t	'; drop table arrivals; --	1
337	Silver Otter	N3	timber	5800	2026-05-25 03:39:00+00	t	crew change	1
338	Little Heron	N3	herring	3500	2026-05-25 15:10:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
339	Grey Sjøfugl	S1	timber	8300	2026-05-25 15:30:00+00	t	two calls, one manifest	1
340	Brave Estrella	W1	herring	1400	2026-05-25 16:23:00+00	f	\N	1
341	Øst Żuraw	E2	grain	9200	2026-05-25 20:35:00+00	t	\N	1
342	Blå Anchor	E4	slate	6700	2026-05-25 20:56:00+00	f	\N	1
343	Brave Sjøfugl	N4	wool	900	2026-05-26 06:19:00+00	t	damaged fender, berth side	1
344	Früher Marlin	N1	machine parts	5400	2026-05-26 10:00:00+00	t	déchargement de nuit	1
345	Brave Otter	S3	empty	\N	2026-05-26 12:44:00+00	t	\N	1
346	Señora Lantern	S1	grain	1400	2026-05-26 19:19:00+00	f	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
347	Grey Möwe	N3	grain	3800	2026-05-26 22:34:00+00	t	déchargement de nuit	1
\.


--
-- Data for Name: records_6; Type: TABLE DATA; Schema: pageladder; Owner: -
--

COPY pageladder.records_6 (id, vessel, berth, cargo, tonnage, arrived_at, cleared, note, "pl.revision") FROM stdin;
1	Quiet Heron	S2	empty	\N	2026-03-01 05:50:00+00	t	crew change	1
2	Øst Lantern	W1	salt	5300	2026-03-01 14:01:00+00	t	crew change	1
3	Blå Kittiwake	N2	machine parts	7700	2026-03-02 00:15:00+00	t	\N	1
4	Brave Sundew	E3	salt	4800	2026-03-02 05:14:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
5	Morning Cormorant	E1	machine parts	8400	2026-03-02 11:05:00+00	f	\N	1
6	Brave Kittiwake	N4	timber	1900	2026-03-02 22:20:00+00	t	\N	1
7	Früher Gull	S4	wool	7900	2026-03-03 05:12:00+00	f	'; drop table arrivals; --	1
8	Blå Brise	S3	timber	900	2026-03-03 14:30:00+00	t	two calls, one manifest	1
9	Quiet Cormorant	N4	slate	6600	2026-03-03 19:59:00+00	t	\N	1
10	Señora Petrel	W1	empty	\N	2026-03-04 03:32:00+00	f	waits for customs; papers "in order"	1
11	Grey Otter	W3	empty	\N	2026-03-04 06:43:00+00	t	déchargement de nuit	1
12	Little Lantern	N3	grain	8100	2026-03-04 16:55:00+00	f	\N	1
13	Blå Anchor	N2	machine parts	2600	2026-03-05 04:11:00+00	t	مرساة خارج الميناء	1
14	Quiet Sundew	E4	grain	\N	2026-03-05 08:58:00+00	t	'; drop table arrivals; --	1
15	Früher Heron	E2	slate	5900	2026-03-05 20:21:00+00	t	\N	1
16	Früher Tern	E1	slate	7800	2026-03-06 06:14:00+00	t	damaged fender, berth side	1
17	Quiet Lantern	N3	salt	2900	2026-03-06 14:17:00+00	t	crew change	1
18	Øst Heron	W4	slate	2200	2026-03-06 14:48:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
19	Øst Otter	N2	machine parts	\N	2026-03-06 22:33:00+00	f	'; drop table arrivals; --	1
20	Quiet Anchor	W1	timber	8500	2026-03-07 01:49:00+00	t	two calls, one manifest	1
21	Crimson Estrella	E3	wool	4600	2026-03-07 06:39:00+00	t	\N	1
22	Früher Marlin	N4	machine parts	6200	2026-03-07 15:57:00+00	t	pilot on board	1
23	Blå Estrella	E1	wool	500	2026-03-07 22:22:00+00	t	'; drop table arrivals; --	1
24	Señora Brise	W2	timber	6800	2026-03-08 10:05:00+00	f	two calls, one manifest	1
25	Silver Heron	W3	grain	2000	2026-03-08 12:49:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
26	Früher Otter	E4	timber	4700	2026-03-08 13:44:00+00	t	déchargement de nuit	1
27	Salt Anchor	N3	empty	\N	2026-03-08 23:04:00+00	f	late tide	1
28	Øst Żuraw	E3	herring	1500	2026-03-09 03:37:00+00	f	\N	1
29	Morning Estrella	E3	herring	4300	2026-03-09 10:59:00+00	t	\N	1
30	Blå Cormorant	S1	salt	1900	2026-03-09 18:10:00+00	f	déchargement de nuit	1
31	Quiet Estrella	N3	empty	\N	2026-03-10 05:32:00+00	t	late tide	1
32	Amber Cormorant	N2	salt	5800	2026-03-10 16:00:00+00	f	late tide	1
33	Øst Brise	W2	timber	8000	2026-03-11 03:13:00+00	t	مرساة خارج الميناء	1
34	Grey Möwe	S1	wool	3000	2026-03-11 07:23:00+00	t	damaged fender, berth side	1
35	Øst Sundew	S1	empty	\N	2026-03-11 08:19:00+00	t	déchargement de nuit	1
36	Señora Sjøfugl	N1	empty	\N	2026-03-11 15:14:00+00	t	two calls, one manifest	1
37	Brave Cormorant	W1	salt	6100	2026-03-11 15:36:00+00	f	'; drop table arrivals; --	1
38	Winter Anchor	E3	wool	6200	2026-03-11 19:40:00+00	t	\N	1
39	Salt Heron	W4	machine parts	3400	2026-03-12 01:04:00+00	\N	\N	1
40	Salt Anchor	N2	wool	7300	2026-03-12 08:52:00+00	t	<b>fragile</b> & heavy	1
41	Øst Petrel	E1	timber	5800	2026-03-12 11:30:00+00	t	\N	1
42	Ľúčna Brise	N4	empty	\N	2026-03-12 18:45:00+00	t	pilot on board	1
43	Ľúčna Cormorant	N3	machine parts	8200	2026-03-12 22:03:00+00	t	<b>fragile</b> & heavy	1
44	Silver Petrel	N2	empty	\N	2026-03-13 02:57:00+00	t	مرساة خارج الميناء	1
45	Ľúčna Marlin	S1	machine parts	2100	2026-03-13 10:40:00+00	t	waits for customs; papers "in order"	1
46	Salt Żuraw	S3	herring	2700	2026-03-13 21:04:00+00	t	'; drop table arrivals; --	1
47	Salt Otter	N3	empty	\N	2026-03-13 23:11:00+00	t	waits for customs; papers "in order"	1
48	Blå Tern	W1	herring	1500	2026-03-14 09:33:00+00	t	<b>fragile</b> & heavy	1
49	Quiet Cormorant	W1	herring	300	2026-03-14 10:59:00+00	t	waits for customs; papers "in order"	1
50	Little Anchor	E3	grain	4300	2026-03-14 19:27:00+00	f	\N	1
51	Blå Estrella	S4	grain	4300	2026-03-14 21:43:00+00	f	damaged fender, berth side	1
52	Øst Sjøfugl	N4	wool	\N	2026-03-15 07:09:00+00	f	waits for customs; papers "in order"	1
53	Little Estrella	E4	herring	6200	2026-03-15 09:57:00+00	f	مرساة خارج الميناء	1
54	Little Heron	W1	wool	1900	2026-03-15 11:05:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
55	Northern Sundew	S4	timber	6600	2026-03-15 13:32:00+00	t	pilot on board	1
56	Winter Żuraw	E4	timber	8500	2026-03-15 21:07:00+00	t	مرساة خارج الميناء	1
57	Silver Sjøfugl	N2	herring	1500	2026-03-15 21:48:00+00	t	\N	1
58	Morning Cormorant	S2	herring	3000	2026-03-16 02:57:00+00	t	damaged fender, berth side	1
59	Ľúčna Anchor	N1	wool	7100	2026-03-16 11:55:00+00	t	<b>fragile</b> & heavy	1
60	Crimson Estrella	N2	salt	3200	2026-03-16 14:50:00+00	t	waits for customs; papers "in order"	1
61	Winter Heron	W2	slate	\N	2026-03-17 00:22:00+00	f	<b>fragile</b> & heavy	1
62	Brave Kittiwake	N2	slate	5700	2026-03-17 01:07:00+00	f	damaged fender, berth side	1
63	Winter Gull	E1	herring	1800	2026-03-17 06:47:00+00	t	'; drop table arrivals; --	1
64	Señora Kittiwake	W3	grain	5600	2026-03-17 13:40:00+00	t	\N	1
65	Blå Möwe	W3	wool	500	2026-03-17 15:10:00+00	t	waits for customs; papers "in order"	1
66	Grey Petrel	N3	grain	7200	2026-03-18 00:08:00+00	t	déchargement de nuit	1
67	Grey Kittiwake	W3	timber	2700	2026-03-18 09:52:00+00	t	damaged fender, berth side	1
68	Morning Tern	S2	wool	7100	2026-03-18 19:31:00+00	t	مرساة خارج الميناء	1
69	Øst Żuraw	S4	grain	6200	2026-03-19 05:45:00+00	t	déchargement de nuit	1
70	Früher Anchor	E1	slate	6700	2026-03-19 06:16:00+00	\N	déchargement de nuit	1
71	Øst Otter	N4	wool	5600	2026-03-19 06:50:00+00	t	déchargement de nuit	1
72	Señora Estrella	W2	grain	4600	2026-03-19 10:02:00+00	t	waits for customs; papers "in order"	1
73	Blå Sjøfugl	E4	timber	3700	2026-03-19 16:54:00+00	t	waits for customs; papers "in order"	1
74	Silver Petrel	E2	grain	3700	2026-03-19 20:00:00+00	f	pilot on board	1
75	Señora Marlin	W4	salt	\N	2026-03-19 22:14:00+00	f	damaged fender, berth side	1
76	Northern Möwe	N4	salt	600	2026-03-20 05:09:00+00	f	\N	1
77	Winter Heron	W2	timber	2700	2026-03-20 10:01:00+00	t	two calls, one manifest	1
78	Little Möwe	E4	timber	5400	2026-03-20 10:48:00+00	t	pilot on board	1
79	Winter Petrel	W4	grain	3900	2026-03-20 14:14:00+00	f	pilot on board	1
80	Øst Möwe	E1	slate	7600	2026-03-20 23:28:00+00	f	late tide	1
81	Ľúčna Tern	E2	salt	6900	2026-03-21 06:58:00+00	t	مرساة خارج الميناء	1
82	Øst Żuraw	W4	machine parts	6400	2026-03-21 11:01:00+00	t	مرساة خارج الميناء	1
83	Morning Kittiwake	W3	wool	500	2026-03-21 18:40:00+00	t	\N	1
84	Señora Tern	E2	timber	4700	2026-03-22 02:32:00+00	\N	\N	1
85	Silver Heron	E3	grain	8400	2026-03-22 07:33:00+00	t	مرساة خارج الميناء	1
86	Brave Gull	N2	wool	7600	2026-03-22 15:22:00+00	t	pilot on board	1
87	Quiet Cormorant	S3	herring	6800	2026-03-22 18:23:00+00	t	two calls, one manifest	1
88	Crimson Lantern	E3	grain	5600	2026-03-23 04:08:00+00	f	\N	1
89	Blå Sundew	E2	empty	\N	2026-03-23 06:51:00+00	t	\N	1
90	Little Sjøfugl	E4	grain	8700	2026-03-23 09:25:00+00	f	crew change	1
91	Ľúčna Sundew	S2	slate	2300	2026-03-23 19:42:00+00	t	\N	1
92	Old Petrel	N2	grain	3800	2026-03-24 07:05:00+00	\N	\N	1
93	Grey Kittiwake	N3	grain	2200	2026-03-24 11:28:00+00	t	déchargement de nuit	1
94	Île Lantern	S1	machine parts	1300	2026-03-24 17:27:00+00	f	'; drop table arrivals; --	1
95	Früher Estrella	W1	empty	\N	2026-03-24 22:10:00+00	t	déchargement de nuit	1
96	Crimson Sjøfugl	N1	grain	6500	2026-03-25 03:37:00+00	t	'; drop table arrivals; --	1
97	Old Tern	N2	herring	2300	2026-03-25 09:28:00+00	t	\N	1
98	Silver Anchor	N3	empty	\N	2026-03-25 09:56:00+00	t	late tide	1
99	Northern Otter	E1	slate	7100	2026-03-25 12:40:00+00	t	\N	1
100	Northern Lantern	E2	timber	6100	2026-03-25 19:23:00+00	t	\N	1
101	Crimson Gull	E4	slate	8100	2026-03-26 06:47:00+00	t	\N	1
102	Silver Sjøfugl	W1	herring	6800	2026-03-26 08:54:00+00	t	\N	1
103	Morning Cormorant	N3	empty	\N	2026-03-26 19:07:00+00	t	déchargement de nuit	1
104	Old Brise	S4	machine parts	1000	2026-03-26 20:36:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
105	Grey Brise	S2	wool	8800	2026-03-27 06:11:00+00	f	'; drop table arrivals; --	1
106	Brave Estrella	W2	herring	5700	2026-03-27 15:00:00+00	t	damaged fender, berth side	1
107	Amber Cormorant	N1	machine parts	4700	2026-03-28 01:21:00+00	t	pilot on board	1
108	Øst Marlin	N1	grain	5400	2026-03-28 05:21:00+00	t	déchargement de nuit	1
109	Brave Otter	E3	herring	7600	2026-03-28 13:27:00+00	f	\N	1
110	Silver Otter	E4	slate	3700	2026-03-28 14:17:00+00	t	damaged fender, berth side	1
111	Salt Kittiwake	W3	timber	7100	2026-03-28 22:44:00+00	f	crew change	1
112	Silver Heron	E1	wool	\N	2026-03-29 04:02:00+00	t	waits for customs; papers "in order"	1
113	Little Gull	E1	salt	900	2026-03-29 11:14:00+00	t	مرساة خارج الميناء	1
114	Winter Brise	S1	empty	\N	2026-03-29 17:04:00+00	t	waits for customs; papers "in order"	1
115	Winter Estrella	S4	grain	4100	2026-03-30 02:41:00+00	t	\N	1
116	Winter Gull	S3	machine parts	4800	2026-03-30 08:03:00+00	f	\N	1
117	Salt Lantern	W1	wool	\N	2026-03-30 15:50:00+00	t	late tide	1
118	Grey Möwe	E2	herring	\N	2026-03-31 02:42:00+00	t	late tide	1
119	Winter Kittiwake	N3	grain	8800	2026-03-31 14:17:00+00	t	crew change	1
120	Blå Möwe	S4	grain	8600	2026-03-31 23:52:00+00	t	\N	1
121	Grey Estrella	E1	herring	\N	2026-04-01 04:32:00+00	f	waits for customs; papers "in order"	1
122	Salt Marlin	N4	wool	3000	2026-04-01 11:45:00+00	t	'; drop table arrivals; --	1
123	Brave Tern	S2	herring	4400	2026-04-01 16:46:00+00	t	waits for customs; papers "in order"	1
124	Grey Lantern	S1	salt	3000	2026-04-01 23:06:00+00	t	'; drop table arrivals; --	1
125	Little Sjøfugl	N4	wool	7900	2026-04-02 02:17:00+00	t	<b>fragile</b> & heavy	1
126	Winter Estrella	N3	slate	\N	2026-04-02 08:02:00+00	f	\N	1
127	Brave Tern	N1	machine parts	2800	2026-04-02 13:39:00+00	t	waits for customs; papers "in order"	1
128	Île Sjøfugl	E3	salt	7500	2026-04-02 19:00:00+00	t	\N	1
129	Grey Sjøfugl	N4	wool	6700	2026-04-02 20:28:00+00	t	\N	1
130	Blå Cormorant	S1	machine parts	5900	2026-04-03 05:06:00+00	f	waits for customs; papers "in order"	1
131	Ľúčna Kittiwake	E2	slate	2400	2026-04-03 11:49:00+00	t	pilot on board	1
132	Salt Heron	W2	timber	2600	2026-04-03 12:26:00+00	t	late tide	1
133	Morning Möwe	W3	wool	\N	2026-04-03 15:07:00+00	t	\N	1
134	Old Brise	N4	wool	7800	2026-04-03 22:02:00+00	t	مرساة خارج الميناء	1
135	Crimson Sjøfugl	W3	grain	800	2026-04-04 06:28:00+00	t	déchargement de nuit	1
136	Amber Anchor	E2	herring	5100	2026-04-04 09:19:00+00	\N	\N	1
137	Ľúčna Sjøfugl	E4	salt	\N	2026-04-04 15:33:00+00	t	<b>fragile</b> & heavy	1
138	Øst Marlin	W4	timber	9200	2026-04-05 02:41:00+00	t	two calls, one manifest	1
139	Früher Żuraw	S4	slate	4900	2026-04-05 10:13:00+00	\N	\N	1
140	Quiet Żuraw	S4	wool	2500	2026-04-05 12:29:00+00	t	déchargement de nuit	1
141	Morning Marlin	W3	grain	6900	2026-04-05 21:22:00+00	t	déchargement de nuit	1
142	Île Anchor	N3	wool	700	2026-04-05 22:07:00+00	f	\N	1
143	Salt Tern	N2	salt	\N	2026-04-06 00:24:00+00	t	<b>fragile</b> & heavy	1
144	Morning Sjøfugl	S1	slate	3900	2026-04-06 12:02:00+00	t	\N	1
145	Amber Kittiwake	S1	herring	2100	2026-04-06 21:59:00+00	t	\N	1
146	Ľúčna Żuraw	W1	timber	1800	2026-04-07 03:41:00+00	t	'; drop table arrivals; --	1
147	Northern Żuraw	E1	wool	8700	2026-04-07 12:05:00+00	t	pilot on board	1
148	Île Cormorant	N4	empty	\N	2026-04-07 13:35:00+00	t	مرساة خارج الميناء	1
149	Old Möwe	S3	machine parts	8400	2026-04-07 22:12:00+00	f	waits for customs; papers "in order"	1
150	Winter Gull	S3	herring	8500	2026-04-08 04:12:00+00	t	\N	1
151	Old Lantern	E2	herring	2200	2026-04-08 12:32:00+00	t	\N	1
152	Señora Cormorant	E3	slate	1000	2026-04-08 14:44:00+00	t	waits for customs; papers "in order"	1
153	Blå Marlin	S2	salt	1700	2026-04-09 01:59:00+00	t	<b>fragile</b> & heavy	1
154	Brave Petrel	E2	wool	1700	2026-04-09 07:52:00+00	t	déchargement de nuit	1
155	Northern Tern	N4	herring	5800	2026-04-09 14:27:00+00	t	\N	1
156	Salt Cormorant	W2	empty	\N	2026-04-10 01:04:00+00	t	\N	1
157	Blå Sjøfugl	S2	slate	3000	2026-04-10 10:26:00+00	t	damaged fender, berth side	1
158	Øst Heron	S2	salt	7900	2026-04-10 13:34:00+00	\N	déchargement de nuit	1
159	Grey Lantern	N4	wool	7700	2026-04-10 23:54:00+00	t	crew change	1
160	Quiet Sundew	W2	wool	500	2026-04-11 02:21:00+00	t	damaged fender, berth side	1
161	Northern Estrella	N1	wool	4300	2026-04-11 10:57:00+00	t	مرساة خارج الميناء	1
162	Früher Tern	S3	salt	5700	2026-04-11 20:39:00+00	t	'; drop table arrivals; --	1
163	Quiet Marlin	W2	salt	9200	2026-04-12 03:30:00+00	t	late tide	1
164	Little Marlin	S2	slate	8800	2026-04-12 07:00:00+00	f	\N	1
165	Ľúčna Lantern	N2	grain	5400	2026-04-12 07:52:00+00	t	\N	1
166	Blå Marlin	N4	salt	5800	2026-04-12 11:07:00+00	f	two calls, one manifest	1
167	Northern Cormorant	E4	empty	\N	2026-04-12 12:56:00+00	f	مرساة خارج الميناء	1
168	Little Estrella	N2	machine parts	2000	2026-04-12 21:11:00+00	t	crew change	1
169	Northern Gull	W1	machine parts	1500	2026-04-13 01:27:00+00	f	pilot on board	1
170	Früher Cormorant	N3	herring	7900	2026-04-13 12:43:00+00	t	two calls, one manifest	1
171	Old Marlin	W4	salt	5000	2026-04-13 19:33:00+00	t	'; drop table arrivals; --	1
172	Señora Sjøfugl	E4	empty	\N	2026-04-14 03:41:00+00	t	waits for customs; papers "in order"	1
173	Salt Otter	W3	empty	\N	2026-04-14 13:58:00+00	t	crew change	1
174	Ľúčna Żuraw	N4	machine parts	5000	2026-04-14 21:27:00+00	t	pilot on board	1
175	Crimson Otter	S1	salt	3500	2026-04-15 08:13:00+00	t	مرساة خارج الميناء	1
176	Île Petrel	W2	slate	4600	2026-04-15 10:21:00+00	t	damaged fender, berth side	1
177	Grey Sundew	E4	salt	6800	2026-04-15 15:41:00+00	t	مرساة خارج الميناء	1
178	Grey Brise	S3	grain	1300	2026-04-15 18:25:00+00	t	'; drop table arrivals; --	1
179	Ľúčna Tern	N2	wool	2800	2026-04-15 22:29:00+00	t	\N	1
180	Ľúčna Tern	W4	empty	\N	2026-04-16 03:16:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
181	Grey Anchor	W2	machine parts	600	2026-04-16 12:30:00+00	t	\N	1
182	Winter Brise	N3	machine parts	6700	2026-04-16 19:29:00+00	t	\N	1
183	Old Kittiwake	S1	wool	3300	2026-04-17 04:07:00+00	t	late tide	1
184	Früher Lantern	E2	wool	3500	2026-04-17 12:13:00+00	t	waits for customs; papers "in order"	1
185	Winter Otter	W3	machine parts	2600	2026-04-17 15:14:00+00	t	waits for customs; papers "in order"	1
186	Blå Brise	E4	empty	\N	2026-04-17 22:34:00+00	t	late tide	1
187	Amber Petrel	E4	slate	6600	2026-04-18 09:41:00+00	f	pilot on board	1
188	Señora Anchor	N4	timber	4900	2026-04-18 21:29:00+00	t	\N	1
189	Île Heron	S3	grain	9200	2026-04-19 08:48:00+00	f	pilot on board	1
190	Northern Petrel	W3	salt	8600	2026-04-19 14:14:00+00	t	two calls, one manifest	1
191	Quiet Cormorant	W4	timber	1300	2026-04-19 15:46:00+00	f	two calls, one manifest	1
192	Northern Sjøfugl	E4	timber	7300	2026-04-19 19:48:00+00	t	<b>fragile</b> & heavy	1
193	Señora Żuraw	W4	slate	8100	2026-04-20 01:04:00+00	t	\N	1
194	Old Marlin	S1	timber	8800	2026-04-20 08:44:00+00	t	'; drop table arrivals; --	1
195	Île Lantern	S1	wool	1600	2026-04-20 09:37:00+00	t	<b>fragile</b> & heavy	1
196	Silver Cormorant	N1	machine parts	8100	2026-04-20 11:24:00+00	t	damaged fender, berth side	1
197	Früher Sundew	S3	wool	7700	2026-04-20 17:31:00+00	f	\N	1
198	Little Marlin	W2	slate	1700	2026-04-20 19:00:00+00	f	\N	1
199	Señora Möwe	E4	herring	8400	2026-04-21 06:04:00+00	f	<b>fragile</b> & heavy	1
200	Île Gull	N4	machine parts	1000	2026-04-21 10:38:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
201	Morning Anchor	N3	machine parts	6900	2026-04-21 11:59:00+00	f	\N	1
202	Crimson Estrella	W2	slate	\N	2026-04-21 13:32:00+00	t	\N	1
203	Øst Tern	W3	grain	6500	2026-04-21 16:54:00+00	f	'; drop table arrivals; --	1
204	Little Gull	W2	timber	5800	2026-04-21 18:52:00+00	f	\N	1
205	Northern Żuraw	E2	timber	7900	2026-04-21 19:08:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
206	Amber Tern	W1	machine parts	1800	2026-04-22 04:37:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
207	Brave Möwe	S4	herring	4400	2026-04-22 14:52:00+00	t	\N	1
208	Île Möwe	W2	salt	4000	2026-04-22 19:45:00+00	t	\N	1
209	Früher Möwe	S2	slate	8900	2026-04-23 00:28:00+00	t	'; drop table arrivals; --	1
210	Old Anchor	S4	empty	\N	2026-04-23 08:55:00+00	t	<b>fragile</b> & heavy	1
211	Île Tern	S1	empty	\N	2026-04-23 19:57:00+00	f	pilot on board	1
212	Früher Marlin	W2	wool	8500	2026-04-23 21:42:00+00	t	\N	1
213	Señora Żuraw	W2	empty	\N	2026-04-23 21:58:00+00	t	\N	1
214	Northern Cormorant	W4	wool	600	2026-04-23 23:01:00+00	t	crew change	1
215	Señora Lantern	E3	wool	9100	2026-04-24 06:26:00+00	t	late tide	1
216	Salt Otter	N1	salt	5200	2026-04-24 12:30:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
217	Silver Anchor	E1	wool	6300	2026-04-24 16:40:00+00	t	'; drop table arrivals; --	1
218	Morning Anchor	N2	grain	2900	2026-04-25 01:42:00+00	t	late tide	1
219	Old Heron	S2	wool	3400	2026-04-25 08:04:00+00	f	\N	1
220	Little Otter	S3	wool	5700	2026-04-25 16:33:00+00	t	déchargement de nuit	1
221	Grey Petrel	W2	wool	5400	2026-04-25 17:12:00+00	t	damaged fender, berth side	1
222	Morning Sjøfugl	S3	herring	5700	2026-04-25 23:11:00+00	t	\N	1
223	Blå Möwe	S4	empty	\N	2026-04-26 07:20:00+00	t	damaged fender, berth side	1
224	Brave Żuraw	S3	herring	7800	2026-04-26 19:07:00+00	f	مرساة خارج الميناء	1
225	Blå Otter	S4	salt	8600	2026-04-26 23:05:00+00	f	late tide	1
226	Grey Heron	N1	wool	4800	2026-04-27 04:38:00+00	t	late tide	1
227	Grey Otter	N1	timber	8300	2026-04-27 05:28:00+00	f	\N	1
228	Blå Heron	E4	machine parts	3900	2026-04-27 07:18:00+00	t	crew change	1
229	Amber Lantern	W2	grain	8800	2026-04-27 07:58:00+00	t	\N	1
230	Blå Estrella	W4	empty	\N	2026-04-27 09:18:00+00	t	\N	1
231	Brave Brise	E3	timber	2700	2026-04-27 20:30:00+00	t	\N	1
232	Ľúčna Żuraw	W1	wool	1100	2026-04-28 04:30:00+00	f	damaged fender, berth side	1
233	Northern Möwe	S3	grain	8100	2026-04-28 07:02:00+00	f	pilot on board	1
234	Früher Tern	W2	salt	6200	2026-04-28 11:36:00+00	t	pilot on board	1
235	Øst Gull	N3	slate	2400	2026-04-28 21:27:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
236	Northern Gull	W3	herring	5800	2026-04-29 05:29:00+00	f	\N	1
237	Ľúčna Möwe	E2	wool	9200	2026-04-29 08:37:00+00	t	مرساة خارج الميناء	1
238	Früher Estrella	E1	salt	8700	2026-04-29 16:09:00+00	f	pilot on board	1
239	Ľúčna Kittiwake	S1	timber	\N	2026-04-30 00:26:00+00	t	\N	1
240	Crimson Sundew	W4	slate	1400	2026-04-30 03:06:00+00	t	two calls, one manifest	1
241	Quiet Heron	N4	empty	\N	2026-04-30 03:56:00+00	t	waits for customs; papers "in order"	1
242	Salt Heron	E3	slate	\N	2026-04-30 12:54:00+00	t	\N	1
243	Señora Brise	S3	salt	3200	2026-04-30 23:15:00+00	t	late tide	1
244	Amber Żuraw	S3	machine parts	9000	2026-05-01 07:59:00+00	t	مرساة خارج الميناء	1
245	Quiet Heron	N2	wool	800	2026-05-01 13:34:00+00	t	crew change	1
246	Grey Żuraw	S3	wool	4400	2026-05-01 22:34:00+00	t	damaged fender, berth side	1
247	Quiet Cormorant	S3	salt	300	2026-05-02 00:20:00+00	t	crew change	1
248	Salt Sundew	W3	slate	8300	2026-05-02 10:30:00+00	\N	\N	1
249	Silver Estrella	S1	empty	\N	2026-05-02 20:55:00+00	t	\N	1
250	Little Żuraw	S2	empty	\N	2026-05-02 22:57:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
251	Old Sundew	E1	slate	4400	2026-05-03 06:01:00+00	t	crew change	1
252	Amber Tern	S2	herring	6500	2026-05-03 08:07:00+00	f	'; drop table arrivals; --	1
253	Old Sundew	S4	empty	\N	2026-05-03 14:28:00+00	t	\N	1
254	Crimson Kittiwake	N2	salt	2600	2026-05-03 18:29:00+00	f	مرساة خارج الميناء	1
255	Old Sundew	N2	salt	\N	2026-05-04 00:48:00+00	f	déchargement de nuit	1
256	Little Żuraw	E3	herring	4200	2026-05-04 09:01:00+00	t	pilot on board	1
257	Morning Sjøfugl	S2	grain	5300	2026-05-04 18:49:00+00	t	crew change	1
258	Little Möwe	S2	wool	3100	2026-05-04 19:06:00+00	t	مرساة خارج الميناء	1
259	Señora Otter	N3	empty	\N	2026-05-04 22:56:00+00	t	pilot on board	1
260	Amber Lantern	S3	wool	4300	2026-05-05 09:17:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
261	Ľúčna Petrel	N1	herring	4700	2026-05-05 14:06:00+00	t	two calls, one manifest	1
262	Winter Estrella	E2	timber	2800	2026-05-05 18:15:00+00	t	'; drop table arrivals; --	1
263	Señora Marlin	N3	wool	2400	2026-05-06 02:56:00+00	f	\N	1
264	Øst Cormorant	W2	timber	5100	2026-05-06 05:30:00+00	t	two calls, one manifest	1
265	Quiet Tern	S4	timber	5000	2026-05-06 12:25:00+00	t	\N	1
266	Île Marlin	W1	grain	\N	2026-05-06 22:48:00+00	t	damaged fender, berth side	1
267	Øst Gull	E2	wool	3400	2026-05-07 00:07:00+00	t	late tide	1
268	Silver Marlin	N2	timber	4500	2026-05-07 03:05:00+00	t	crew change	1
269	Little Marlin	N3	grain	4000	2026-05-07 05:32:00+00	f	déchargement de nuit	1
270	Morning Kittiwake	W4	slate	6700	2026-05-07 13:25:00+00	f	<b>fragile</b> & heavy	1
271	Old Marlin	W1	wool	2500	2026-05-07 16:53:00+00	t	\N	1
272	Winter Sundew	E4	empty	\N	2026-05-08 02:19:00+00	t	crew change	1
273	Brave Brise	S3	timber	4400	2026-05-08 12:46:00+00	t	\N	1
274	Blå Gull	W4	empty	\N	2026-05-08 20:35:00+00	t	late tide	1
275	Blå Brise	N3	empty	\N	2026-05-09 02:54:00+00	t	déchargement de nuit	1
276	Old Marlin	N4	wool	4400	2026-05-09 10:10:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
277	Grey Gull	E4	empty	\N	2026-05-09 20:54:00+00	t	<b>fragile</b> & heavy	1
278	Grey Möwe	S4	timber	600	2026-05-10 03:04:00+00	t	damaged fender, berth side	1
279	Northern Gull	W3	wool	7700	2026-05-10 11:38:00+00	t	'; drop table arrivals; --	1
280	Blå Heron	W1	wool	1800	2026-05-10 12:14:00+00	t	'; drop table arrivals; --	1
281	Ľúčna Marlin	S2	grain	8900	2026-05-10 21:02:00+00	t	crew change	1
282	Øst Otter	E2	empty	\N	2026-05-11 02:37:00+00	t	مرساة خارج الميناء	1
283	Northern Gull	S2	salt	6300	2026-05-11 03:17:00+00	f	two calls, one manifest	1
284	Blå Möwe	N3	salt	3700	2026-05-11 10:03:00+00	t	\N	1
285	Winter Lantern	W4	timber	6900	2026-05-11 20:40:00+00	t	pilot on board	1
286	Northern Cormorant	N2	herring	6200	2026-05-12 04:10:00+00	t	\N	1
287	Silver Lantern	W1	wool	1000	2026-05-12 10:31:00+00	f	مرساة خارج الميناء	1
288	Señora Gull	E3	herring	7800	2026-05-12 19:45:00+00	t	\N	1
289	Crimson Otter	S3	grain	2900	2026-05-13 07:00:00+00	t	two calls, one manifest	1
290	Quiet Cormorant	S4	grain	1900	2026-05-13 08:38:00+00	f	\N	1
291	Früher Petrel	W1	herring	5500	2026-05-13 14:20:00+00	f	damaged fender, berth side	1
292	Northern Anchor	E2	grain	6500	2026-05-13 15:58:00+00	t	two calls, one manifest	1
293	Little Żuraw	N3	wool	5800	2026-05-13 17:11:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
294	Morning Żuraw	E2	timber	4800	2026-05-14 01:50:00+00	t	crew change	1
295	Señora Estrella	S3	grain	7000	2026-05-14 05:54:00+00	\N	\N	1
296	Früher Marlin	W2	slate	6000	2026-05-14 08:43:00+00	t	waits for customs; papers "in order"	1
297	Ľúčna Brise	E1	wool	8900	2026-05-14 12:36:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
298	Little Sjøfugl	S2	grain	7400	2026-05-14 19:46:00+00	f	\N	1
299	Silver Sjøfugl	W3	wool	8000	2026-05-15 07:08:00+00	\N	déchargement de nuit	1
300	Old Marlin	N2	timber	\N	2026-05-15 12:24:00+00	t	\N	1
301	Winter Tern	W4	empty	\N	2026-05-15 16:46:00+00	t	waits for customs; papers "in order"	1
302	Quiet Brise	W3	timber	2300	2026-05-16 04:18:00+00	t	<b>fragile</b> & heavy	1
303	Crimson Estrella	E4	salt	2000	2026-05-16 05:42:00+00	\N	waits for customs; papers "in order"	1
304	Grey Estrella	W1	grain	4000	2026-05-16 10:01:00+00	f	'; drop table arrivals; --	1
305	Ľúčna Marlin	N4	timber	600	2026-05-16 21:24:00+00	t	\N	1
306	Crimson Marlin	W2	salt	6100	2026-05-17 07:46:00+00	t	late tide	1
307	Señora Marlin	S1	wool	1900	2026-05-17 12:52:00+00	t	crew change	1
308	Old Marlin	E2	wool	8700	2026-05-17 17:39:00+00	t	two calls, one manifest	1
309	Señora Gull	N1	salt	7600	2026-05-17 22:52:00+00	t	two calls, one manifest	1
310	Little Otter	S4	grain	\N	2026-05-17 23:24:00+00	t	waits for customs; papers "in order"	1
311	Blå Petrel	S3	empty	\N	2026-05-18 10:28:00+00	f	late tide	1
312	Ľúčna Marlin	N4	slate	3200	2026-05-18 14:58:00+00	t	waits for customs; papers "in order"	1
313	Quiet Möwe	S2	salt	1300	2026-05-18 22:14:00+00	t	مرساة خارج الميناء	1
314	Früher Sundew	S2	herring	2200	2026-05-19 06:44:00+00	t	déchargement de nuit	1
315	Salt Kittiwake	S3	timber	600	2026-05-19 14:24:00+00	t	pilot on board	1
316	Silver Żuraw	E2	machine parts	8300	2026-05-19 23:27:00+00	t	\N	1
317	Little Brise	N4	grain	5100	2026-05-20 03:21:00+00	t	two calls, one manifest	1
318	Morning Tern	W1	empty	\N	2026-05-20 03:39:00+00	t	two calls, one manifest	1
319	Silver Sjøfugl	W1	grain	4200	2026-05-20 07:29:00+00	t	déchargement de nuit	1
320	Morning Otter	W4	timber	2100	2026-05-20 18:37:00+00	f	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
321	Crimson Marlin	W2	salt	8700	2026-05-21 03:28:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
322	Northern Brise	E1	timber	300	2026-05-21 12:11:00+00	t	late tide	1
323	Øst Żuraw	S1	wool	1000	2026-05-21 20:27:00+00	t	\N	1
324	Silver Heron	W2	wool	3200	2026-05-22 00:13:00+00	t	déchargement de nuit	1
325	Morning Estrella	S4	empty	\N	2026-05-22 09:25:00+00	t	<b>fragile</b> & heavy	1
326	Quiet Otter	N2	grain	8700	2026-05-22 14:45:00+00	t	crew change	1
327	Northern Gull	E2	slate	800	2026-05-22 18:50:00+00	t	مرساة خارج الميناء	1
328	Crimson Möwe	E3	herring	3500	2026-05-23 03:37:00+00	f	crew change	1
329	Grey Heron	S2	salt	7200	2026-05-23 04:07:00+00	t	<b>fragile</b> & heavy	1
330	Grey Gull	W2	slate	5400	2026-05-23 15:01:00+00	t	déchargement de nuit	1
331	Salt Lantern	N4	wool	3300	2026-05-23 15:21:00+00	t	crew change	1
332	Blå Tern	S4	grain	3200	2026-05-23 21:41:00+00	t	<b>fragile</b> & heavy	1
333	Quiet Sjøfugl	E1	timber	3600	2026-05-24 01:15:00+00	f	\N	1
334	Quiet Marlin	N3	herring	7800	2026-05-24 07:49:00+00	f	\N	1
335	Morning Sjøfugl	W3	herring	3700	2026-05-24 12:34:00+00	t	late tide	1
336	Señora Kittiwake	S2	timber	4500	2026-05-24 18:12:00+00	t	'; drop table arrivals; --	1
337	Silver Otter	N3	timber	5800	2026-05-25 03:39:00+00	t	crew change	1
338	Little Heron	N3	herring	3500	2026-05-25 15:10:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
339	Grey Sjøfugl	S1	timber	8300	2026-05-25 15:30:00+00	t	two calls, one manifest	1
340	Brave Estrella	W1	herring	1400	2026-05-25 16:23:00+00	f	\N	1
341	Øst Żuraw	E2	grain	9200	2026-05-25 20:35:00+00	t	\N	1
342	Blå Anchor	E4	slate	6700	2026-05-25 20:56:00+00	f	\N	1
343	Brave Sjøfugl	N4	wool	900	2026-05-26 06:19:00+00	t	damaged fender, berth side	1
344	Früher Marlin	N1	machine parts	5400	2026-05-26 10:00:00+00	t	déchargement de nuit	1
345	Brave Otter	S3	empty	\N	2026-05-26 12:44:00+00	t	\N	1
346	Señora Lantern	S1	grain	1400	2026-05-26 19:19:00+00	f	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
347	Grey Möwe	N3	grain	3800	2026-05-26 22:34:00+00	t	déchargement de nuit	1
\.


--
-- Data for Name: records_7; Type: TABLE DATA; Schema: pageladder; Owner: -
--

COPY pageladder.records_7 (id, vessel, berth, cargo, tonnage, arrived_at, cleared, note, "pl.revision") FROM stdin;
1	Quiet Heron	S2	empty	\N	2026-03-01 05:50:00+00	t	crew change	1
2	Øst Lantern	W1	salt	5300	2026-03-01 14:01:00+00	t	crew change	1
3	Blå Kittiwake	N2	machine parts	7700	2026-03-02 00:15:00+00	t	\N	1
4	Brave Sundew	E3	salt	4800	2026-03-02 05:14:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
5	Morning Cormorant	E1	machine parts	8400	2026-03-02 11:05:00+00	f	\N	1
6	Brave Kittiwake	N4	timber	1900	2026-03-02 22:20:00+00	t	\N	1
7	Früher Gull	S4	wool	7900	2026-03-03 05:12:00+00	f	'; drop table arrivals; --	1
8	Blå Brise	S3	timber	900	2026-03-03 14:30:00+00	t	two calls, one manifest	1
9	Quiet Cormorant	N4	slate	6600	2026-03-03 19:59:00+00	t	\N	1
10	Señora Petrel	W1	empty	\N	2026-03-04 03:32:00+00	f	waits for customs; papers "in order"	1
11	Grey Otter	W3	empty	\N	2026-03-04 06:43:00+00	t	déchargement de nuit	1
12	Little Lantern	N3	grain	8100	2026-03-04 16:55:00+00	f	\N	1
13	Blå Anchor	N2	machine parts	2600	2026-03-05 04:11:00+00	t	مرساة خارج الميناء	1
14	Quiet Sundew	E4	grain	\N	2026-03-05 08:58:00+00	t	'; drop table arrivals; --	1
15	Früher Heron	E2	slate	5900	2026-03-05 20:21:00+00	t	\N	1
16	Früher Tern	E1	slate	7800	2026-03-06 06:14:00+00	t	damaged fender, berth side	1
17	Quiet Lantern	N3	salt	2900	2026-03-06 14:17:00+00	t	crew change	1
18	Øst Heron	W4	slate	2200	2026-03-06 14:48:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
19	Øst Otter	N2	machine parts	\N	2026-03-06 22:33:00+00	f	'; drop table arrivals; --	1
20	Quiet Anchor	W1	timber	8500	2026-03-07 01:49:00+00	t	two calls, one manifest	1
21	Crimson Estrella	E3	wool	4600	2026-03-07 06:39:00+00	t	\N	1
22	Früher Marlin	N4	machine parts	6200	2026-03-07 15:57:00+00	t	pilot on board	1
23	Blå Estrella	E1	wool	500	2026-03-07 22:22:00+00	t	'; drop table arrivals; --	1
24	Señora Brise	W2	timber	6800	2026-03-08 10:05:00+00	f	two calls, one manifest	1
25	Silver Heron	W3	grain	2000	2026-03-08 12:49:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
26	Früher Otter	E4	timber	4700	2026-03-08 13:44:00+00	t	déchargement de nuit	1
27	Salt Anchor	N3	empty	\N	2026-03-08 23:04:00+00	f	late tide	1
28	Øst Żuraw	E3	herring	1500	2026-03-09 03:37:00+00	f	\N	1
29	Morning Estrella	E3	herring	4300	2026-03-09 10:59:00+00	t	\N	1
30	Blå Cormorant	S1	salt	1900	2026-03-09 18:10:00+00	f	déchargement de nuit	1
31	Quiet Estrella	N3	empty	\N	2026-03-10 05:32:00+00	t	late tide	1
32	Amber Cormorant	N2	salt	5800	2026-03-10 16:00:00+00	f	late tide	1
33	Øst Brise	W2	timber	8000	2026-03-11 03:13:00+00	t	مرساة خارج الميناء	1
34	Grey Möwe	S1	wool	3000	2026-03-11 07:23:00+00	t	damaged fender, berth side	1
35	Øst Sundew	S1	empty	\N	2026-03-11 08:19:00+00	t	déchargement de nuit	1
36	Señora Sjøfugl	N1	empty	\N	2026-03-11 15:14:00+00	t	two calls, one manifest	1
37	Brave Cormorant	W1	salt	6100	2026-03-11 15:36:00+00	f	'; drop table arrivals; --	1
38	Winter Anchor	E3	wool	6200	2026-03-11 19:40:00+00	t	\N	1
39	Salt Heron	W4	machine parts	3400	2026-03-12 01:04:00+00	\N	\N	1
40	Salt Anchor	N2	wool	7300	2026-03-12 08:52:00+00	t	<b>fragile</b> & heavy	1
41	Øst Petrel	E1	timber	5800	2026-03-12 11:30:00+00	t	\N	1
42	Ľúčna Brise	N4	empty	\N	2026-03-12 18:45:00+00	t	pilot on board	1
43	Ľúčna Cormorant	N3	machine parts	8200	2026-03-12 22:03:00+00	t	<b>fragile</b> & heavy	1
44	Silver Petrel	N2	empty	\N	2026-03-13 02:57:00+00	t	مرساة خارج الميناء	1
45	Ľúčna Marlin	S1	machine parts	2100	2026-03-13 10:40:00+00	t	waits for customs; papers "in order"	1
46	Salt Żuraw	S3	herring	2700	2026-03-13 21:04:00+00	t	'; drop table arrivals; --	1
47	Salt Otter	N3	empty	\N	2026-03-13 23:11:00+00	t	waits for customs; papers "in order"	1
48	Blå Tern	W1	herring	1500	2026-03-14 09:33:00+00	t	<b>fragile</b> & heavy	1
49	Quiet Cormorant	W1	herring	300	2026-03-14 10:59:00+00	t	waits for customs; papers "in order"	1
50	Little Anchor	E3	grain	4300	2026-03-14 19:27:00+00	f	\N	1
51	Blå Estrella	S4	grain	4300	2026-03-14 21:43:00+00	f	damaged fender, berth side	1
52	Øst Sjøfugl	N4	wool	\N	2026-03-15 07:09:00+00	f	waits for customs; papers "in order"	1
53	Little Estrella	E4	herring	6200	2026-03-15 09:57:00+00	f	مرساة خارج الميناء	1
54	Little Heron	W1	wool	1900	2026-03-15 11:05:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
55	Northern Sundew	S4	timber	6600	2026-03-15 13:32:00+00	t	pilot on board	1
56	Winter Żuraw	E4	timber	8500	2026-03-15 21:07:00+00	t	مرساة خارج الميناء	1
57	Silver Sjøfugl	N2	herring	1500	2026-03-15 21:48:00+00	t	\N	1
58	Morning Cormorant	S2	herring	3000	2026-03-16 02:57:00+00	t	damaged fender, berth side	1
59	Ľúčna Anchor	N1	wool	7100	2026-03-16 11:55:00+00	t	<b>fragile</b> & heavy	1
60	Crimson Estrella	N2	salt	3200	2026-03-16 14:50:00+00	t	waits for customs; papers "in order"	1
61	Winter Heron	W2	slate	\N	2026-03-17 00:22:00+00	f	<b>fragile</b> & heavy	1
62	Brave Kittiwake	N2	slate	5700	2026-03-17 01:07:00+00	f	damaged fender, berth side	1
63	Winter Gull	E1	herring	1800	2026-03-17 06:47:00+00	t	'; drop table arrivals; --	1
64	Señora Kittiwake	W3	grain	5600	2026-03-17 13:40:00+00	t	\N	1
65	Blå Möwe	W3	wool	500	2026-03-17 15:10:00+00	t	waits for customs; papers "in order"	1
66	Grey Petrel	N3	grain	7200	2026-03-18 00:08:00+00	t	déchargement de nuit	1
67	Grey Kittiwake	W3	timber	2700	2026-03-18 09:52:00+00	t	damaged fender, berth side	1
68	Morning Tern	S2	wool	7100	2026-03-18 19:31:00+00	t	مرساة خارج الميناء	1
69	Øst Żuraw	S4	grain	6200	2026-03-19 05:45:00+00	t	déchargement de nuit	1
70	Früher Anchor	E1	slate	6700	2026-03-19 06:16:00+00	\N	déchargement de nuit	1
71	Øst Otter	N4	wool	5600	2026-03-19 06:50:00+00	t	déchargement de nuit	1
72	Señora Estrella	W2	grain	4600	2026-03-19 10:02:00+00	t	waits for customs; papers "in order"	1
73	Blå Sjøfugl	E4	timber	3700	2026-03-19 16:54:00+00	t	waits for customs; papers "in order"	1
74	Silver Petrel	E2	grain	3700	2026-03-19 20:00:00+00	f	pilot on board	1
75	Señora Marlin	W4	salt	\N	2026-03-19 22:14:00+00	f	damaged fender, berth side	1
76	Northern Möwe	N4	salt	600	2026-03-20 05:09:00+00	f	\N	1
77	Winter Heron	W2	timber	2700	2026-03-20 10:01:00+00	t	two calls, one manifest	1
78	Little Möwe	E4	timber	5400	2026-03-20 10:48:00+00	t	pilot on board	1
79	Winter Petrel	W4	grain	3900	2026-03-20 14:14:00+00	f	pilot on board	1
80	Øst Möwe	E1	slate	7600	2026-03-20 23:28:00+00	f	late tide	1
81	Ľúčna Tern	E2	salt	6900	2026-03-21 06:58:00+00	t	مرساة خارج الميناء	1
82	Øst Żuraw	W4	machine parts	6400	2026-03-21 11:01:00+00	t	مرساة خارج الميناء	1
83	Morning Kittiwake	W3	wool	500	2026-03-21 18:40:00+00	t	\N	1
84	Señora Tern	E2	timber	4700	2026-03-22 02:32:00+00	\N	\N	1
85	Silver Heron	E3	grain	8400	2026-03-22 07:33:00+00	t	مرساة خارج الميناء	1
86	Brave Gull	N2	wool	7600	2026-03-22 15:22:00+00	t	pilot on board	1
87	Quiet Cormorant	S3	herring	6800	2026-03-22 18:23:00+00	t	two calls, one manifest	1
88	Crimson Lantern	E3	grain	5600	2026-03-23 04:08:00+00	f	\N	1
89	Blå Sundew	E2	empty	\N	2026-03-23 06:51:00+00	t	\N	1
90	Little Sjøfugl	E4	grain	8700	2026-03-23 09:25:00+00	f	crew change	1
91	Ľúčna Sundew	S2	slate	2300	2026-03-23 19:42:00+00	t	\N	1
92	Old Petrel	N2	grain	3800	2026-03-24 07:05:00+00	\N	\N	1
93	Grey Kittiwake	N3	grain	2200	2026-03-24 11:28:00+00	t	déchargement de nuit	1
94	Île Lantern	S1	machine parts	1300	2026-03-24 17:27:00+00	f	'; drop table arrivals; --	1
95	Früher Estrella	W1	empty	\N	2026-03-24 22:10:00+00	t	déchargement de nuit	1
96	Crimson Sjøfugl	N1	grain	6500	2026-03-25 03:37:00+00	t	'; drop table arrivals; --	1
97	Old Tern	N2	herring	2300	2026-03-25 09:28:00+00	t	\N	1
98	Silver Anchor	N3	empty	\N	2026-03-25 09:56:00+00	t	late tide	1
99	Northern Otter	E1	slate	7100	2026-03-25 12:40:00+00	t	\N	1
100	Northern Lantern	E2	timber	6100	2026-03-25 19:23:00+00	t	\N	1
101	Crimson Gull	E4	slate	8100	2026-03-26 06:47:00+00	t	\N	1
102	Silver Sjøfugl	W1	herring	6800	2026-03-26 08:54:00+00	t	\N	1
103	Morning Cormorant	N3	empty	\N	2026-03-26 19:07:00+00	t	déchargement de nuit	1
104	Old Brise	S4	machine parts	1000	2026-03-26 20:36:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
105	Grey Brise	S2	wool	8800	2026-03-27 06:11:00+00	f	'; drop table arrivals; --	1
106	Brave Estrella	W2	herring	5700	2026-03-27 15:00:00+00	t	damaged fender, berth side	1
107	Amber Cormorant	N1	machine parts	4700	2026-03-28 01:21:00+00	t	pilot on board	1
108	Øst Marlin	N1	grain	5400	2026-03-28 05:21:00+00	t	déchargement de nuit	1
109	Brave Otter	E3	herring	7600	2026-03-28 13:27:00+00	f	\N	1
110	Silver Otter	E4	slate	3700	2026-03-28 14:17:00+00	t	damaged fender, berth side	1
111	Salt Kittiwake	W3	timber	7100	2026-03-28 22:44:00+00	f	crew change	1
112	Silver Heron	E1	wool	\N	2026-03-29 04:02:00+00	t	waits for customs; papers "in order"	1
113	Little Gull	E1	salt	900	2026-03-29 11:14:00+00	t	مرساة خارج الميناء	1
114	Winter Brise	S1	empty	\N	2026-03-29 17:04:00+00	t	waits for customs; papers "in order"	1
115	Winter Estrella	S4	grain	4100	2026-03-30 02:41:00+00	t	\N	1
116	Winter Gull	S3	machine parts	4800	2026-03-30 08:03:00+00	f	\N	1
117	Salt Lantern	W1	wool	\N	2026-03-30 15:50:00+00	t	late tide	1
118	Grey Möwe	E2	herring	\N	2026-03-31 02:42:00+00	t	late tide	1
119	Winter Kittiwake	N3	grain	8800	2026-03-31 14:17:00+00	t	crew change	1
120	Blå Möwe	S4	grain	8600	2026-03-31 23:52:00+00	t	\N	1
121	Grey Estrella	E1	herring	\N	2026-04-01 04:32:00+00	f	waits for customs; papers "in order"	1
122	Salt Marlin	N4	wool	3000	2026-04-01 11:45:00+00	t	'; drop table arrivals; --	1
123	Brave Tern	S2	herring	4400	2026-04-01 16:46:00+00	t	waits for customs; papers "in order"	1
124	Grey Lantern	S1	salt	3000	2026-04-01 23:06:00+00	t	'; drop table arrivals; --	1
125	Little Sjøfugl	N4	wool	7900	2026-04-02 02:17:00+00	t	<b>fragile</b> & heavy	1
126	Winter Estrella	N3	slate	\N	2026-04-02 08:02:00+00	f	\N	1
127	Brave Tern	N1	machine parts	2800	2026-04-02 13:39:00+00	t	waits for customs; papers "in order"	1
128	Île Sjøfugl	E3	salt	7500	2026-04-02 19:00:00+00	t	\N	1
129	Grey Sjøfugl	N4	wool	6700	2026-04-02 20:28:00+00	t	\N	1
130	Blå Cormorant	S1	machine parts	5900	2026-04-03 05:06:00+00	f	waits for customs; papers "in order"	1
131	Ľúčna Kittiwake	E2	slate	2400	2026-04-03 11:49:00+00	t	pilot on board	1
132	Salt Heron	W2	timber	2600	2026-04-03 12:26:00+00	t	late tide	1
133	Morning Möwe	W3	wool	\N	2026-04-03 15:07:00+00	t	\N	1
134	Old Brise	N4	wool	7800	2026-04-03 22:02:00+00	t	مرساة خارج الميناء	1
135	Crimson Sjøfugl	W3	grain	800	2026-04-04 06:28:00+00	t	déchargement de nuit	1
136	Amber Anchor	E2	herring	5100	2026-04-04 09:19:00+00	\N	\N	1
137	Ľúčna Sjøfugl	E4	salt	\N	2026-04-04 15:33:00+00	t	<b>fragile</b> & heavy	1
138	Øst Marlin	W4	timber	9200	2026-04-05 02:41:00+00	t	two calls, one manifest	1
139	Früher Żuraw	S4	slate	4900	2026-04-05 10:13:00+00	\N	\N	1
140	Quiet Żuraw	S4	wool	2500	2026-04-05 12:29:00+00	t	déchargement de nuit	1
141	Morning Marlin	W3	grain	6900	2026-04-05 21:22:00+00	t	déchargement de nuit	1
142	Île Anchor	N3	wool	700	2026-04-05 22:07:00+00	f	\N	1
143	Salt Tern	N2	salt	\N	2026-04-06 00:24:00+00	t	<b>fragile</b> & heavy	1
144	Morning Sjøfugl	S1	slate	3900	2026-04-06 12:02:00+00	t	\N	1
145	Amber Kittiwake	S1	herring	2100	2026-04-06 21:59:00+00	t	\N	1
146	Ľúčna Żuraw	W1	timber	1800	2026-04-07 03:41:00+00	t	'; drop table arrivals; --	1
147	Northern Żuraw	E1	wool	8700	2026-04-07 12:05:00+00	t	pilot on board	1
148	Île Cormorant	N4	empty	\N	2026-04-07 13:35:00+00	t	مرساة خارج الميناء	1
149	Old Möwe	S3	machine parts	8400	2026-04-07 22:12:00+00	f	waits for customs; papers "in order"	1
150	Winter Gull	S3	herring	8500	2026-04-08 04:12:00+00	t	\N	1
151	Old Lantern	E2	herring	2200	2026-04-08 12:32:00+00	t	\N	1
152	Señora Cormorant	E3	slate	1000	2026-04-08 14:44:00+00	t	waits for customs; papers "in order"	1
153	Blå Marlin	S2	salt	1700	2026-04-09 01:59:00+00	t	<b>fragile</b> & heavy	1
154	Brave Petrel	E2	wool	1700	2026-04-09 07:52:00+00	t	déchargement de nuit	1
155	Northern Tern	N4	herring	5800	2026-04-09 14:27:00+00	t	\N	1
156	Salt Cormorant	W2	empty	\N	2026-04-10 01:04:00+00	t	\N	1
157	Blå Sjøfugl	S2	slate	3000	2026-04-10 10:26:00+00	t	damaged fender, berth side	1
158	Øst Heron	S2	salt	7900	2026-04-10 13:34:00+00	\N	déchargement de nuit	1
159	Grey Lantern	N4	wool	7700	2026-04-10 23:54:00+00	t	crew change	1
160	Quiet Sundew	W2	wool	500	2026-04-11 02:21:00+00	t	damaged fender, berth side	1
161	Northern Estrella	N1	wool	4300	2026-04-11 10:57:00+00	t	مرساة خارج الميناء	1
162	Früher Tern	S3	salt	5700	2026-04-11 20:39:00+00	t	'; drop table arrivals; --	1
163	Quiet Marlin	W2	salt	9200	2026-04-12 03:30:00+00	t	late tide	1
164	Little Marlin	S2	slate	8800	2026-04-12 07:00:00+00	f	\N	1
165	Ľúčna Lantern	N2	grain	5400	2026-04-12 07:52:00+00	t	\N	1
166	Blå Marlin	N4	salt	5800	2026-04-12 11:07:00+00	f	two calls, one manifest	1
167	Northern Cormorant	E4	empty	\N	2026-04-12 12:56:00+00	f	مرساة خارج الميناء	1
168	Little Estrella	N2	machine parts	2000	2026-04-12 21:11:00+00	t	crew change	1
169	Northern Gull	W1	machine parts	1500	2026-04-13 01:27:00+00	f	pilot on board	1
170	Früher Cormorant	N3	herring	7900	2026-04-13 12:43:00+00	t	two calls, one manifest	1
171	Old Marlin	W4	salt	5000	2026-04-13 19:33:00+00	t	'; drop table arrivals; --	1
172	Señora Sjøfugl	E4	empty	\N	2026-04-14 03:41:00+00	t	waits for customs; papers "in order"	1
173	Salt Otter	W3	empty	\N	2026-04-14 13:58:00+00	t	crew change	1
174	Ľúčna Żuraw	N4	machine parts	5000	2026-04-14 21:27:00+00	t	pilot on board	1
175	Crimson Otter	S1	salt	3500	2026-04-15 08:13:00+00	t	مرساة خارج الميناء	1
176	Île Petrel	W2	slate	4600	2026-04-15 10:21:00+00	t	damaged fender, berth side	1
177	Grey Sundew	E4	salt	6800	2026-04-15 15:41:00+00	t	مرساة خارج الميناء	1
178	Grey Brise	S3	grain	1300	2026-04-15 18:25:00+00	t	'; drop table arrivals; --	1
179	Ľúčna Tern	N2	wool	2800	2026-04-15 22:29:00+00	t	\N	1
180	Ľúčna Tern	W4	empty	\N	2026-04-16 03:16:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
181	Grey Anchor	W2	machine parts	600	2026-04-16 12:30:00+00	t	\N	1
182	Winter Brise	N3	machine parts	6700	2026-04-16 19:29:00+00	t	\N	1
183	Old Kittiwake	S1	wool	3300	2026-04-17 04:07:00+00	t	late tide	1
184	Früher Lantern	E2	wool	3500	2026-04-17 12:13:00+00	t	waits for customs; papers "in order"	1
185	Winter Otter	W3	machine parts	2600	2026-04-17 15:14:00+00	t	waits for customs; papers "in order"	1
186	Blå Brise	E4	empty	\N	2026-04-17 22:34:00+00	t	late tide	1
187	Amber Petrel	E4	slate	6600	2026-04-18 09:41:00+00	f	pilot on board	1
188	Señora Anchor	N4	timber	4900	2026-04-18 21:29:00+00	t	\N	1
189	Île Heron	S3	grain	9200	2026-04-19 08:48:00+00	f	pilot on board	1
190	Northern Petrel	W3	salt	8600	2026-04-19 14:14:00+00	t	two calls, one manifest	1
191	Quiet Cormorant	W4	timber	1300	2026-04-19 15:46:00+00	f	two calls, one manifest	1
192	Northern Sjøfugl	E4	timber	7300	2026-04-19 19:48:00+00	t	<b>fragile</b> & heavy	1
193	Señora Żuraw	W4	slate	8100	2026-04-20 01:04:00+00	t	\N	1
194	Old Marlin	S1	timber	8800	2026-04-20 08:44:00+00	t	'; drop table arrivals; --	1
195	Île Lantern	S1	wool	1600	2026-04-20 09:37:00+00	t	<b>fragile</b> & heavy	1
196	Silver Cormorant	N1	machine parts	8100	2026-04-20 11:24:00+00	t	damaged fender, berth side	1
197	Früher Sundew	S3	wool	7700	2026-04-20 17:31:00+00	f	\N	1
198	Little Marlin	W2	slate	1700	2026-04-20 19:00:00+00	f	\N	1
199	Señora Möwe	E4	herring	8400	2026-04-21 06:04:00+00	f	<b>fragile</b> & heavy	1
200	Île Gull	N4	machine parts	1000	2026-04-21 10:38:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
201	Morning Anchor	N3	machine parts	6900	2026-04-21 11:59:00+00	f	\N	1
202	Crimson Estrella	W2	slate	\N	2026-04-21 13:32:00+00	t	\N	1
203	Øst Tern	W3	grain	6500	2026-04-21 16:54:00+00	f	'; drop table arrivals; --	1
204	Little Gull	W2	timber	5800	2026-04-21 18:52:00+00	f	\N	1
205	Northern Żuraw	E2	timber	7900	2026-04-21 19:08:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
206	Amber Tern	W1	machine parts	1800	2026-04-22 04:37:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
207	Brave Möwe	S4	herring	4400	2026-04-22 14:52:00+00	t	\N	1
208	Île Möwe	W2	salt	4000	2026-04-22 19:45:00+00	t	\N	1
209	Früher Möwe	S2	slate	8900	2026-04-23 00:28:00+00	t	'; drop table arrivals; --	1
210	Old Anchor	S4	empty	\N	2026-04-23 08:55:00+00	t	<b>fragile</b> & heavy	1
211	Île Tern	S1	empty	\N	2026-04-23 19:57:00+00	f	pilot on board	1
212	Früher Marlin	W2	wool	8500	2026-04-23 21:42:00+00	t	\N	1
213	Señora Żuraw	W2	empty	\N	2026-04-23 21:58:00+00	t	\N	1
214	Northern Cormorant	W4	wool	600	2026-04-23 23:01:00+00	t	crew change	1
215	Señora Lantern	E3	wool	9100	2026-04-24 06:26:00+00	t	late tide	1
216	Salt Otter	N1	salt	5200	2026-04-24 12:30:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
217	Silver Anchor	E1	wool	6300	2026-04-24 16:40:00+00	t	'; drop table arrivals; --	1
218	Morning Anchor	N2	grain	2900	2026-04-25 01:42:00+00	t	late tide	1
219	Old Heron	S2	wool	3400	2026-04-25 08:04:00+00	f	\N	1
220	Little Otter	S3	wool	5700	2026-04-25 16:33:00+00	t	déchargement de nuit	1
221	Grey Petrel	W2	wool	5400	2026-04-25 17:12:00+00	t	damaged fender, berth side	1
222	Morning Sjøfugl	S3	herring	5700	2026-04-25 23:11:00+00	t	\N	1
223	Blå Möwe	S4	empty	\N	2026-04-26 07:20:00+00	t	damaged fender, berth side	1
224	Brave Żuraw	S3	herring	7800	2026-04-26 19:07:00+00	f	مرساة خارج الميناء	1
225	Blå Otter	S4	salt	8600	2026-04-26 23:05:00+00	f	late tide	1
226	Grey Heron	N1	wool	4800	2026-04-27 04:38:00+00	t	late tide	1
227	Grey Otter	N1	timber	8300	2026-04-27 05:28:00+00	f	\N	1
228	Blå Heron	E4	machine parts	3900	2026-04-27 07:18:00+00	t	crew change	1
229	Amber Lantern	W2	grain	8800	2026-04-27 07:58:00+00	t	\N	1
230	Blå Estrella	W4	empty	\N	2026-04-27 09:18:00+00	t	\N	1
231	Brave Brise	E3	timber	2700	2026-04-27 20:30:00+00	t	\N	1
232	Ľúčna Żuraw	W1	wool	1100	2026-04-28 04:30:00+00	f	damaged fender, berth side	1
233	Northern Möwe	S3	grain	8100	2026-04-28 07:02:00+00	f	pilot on board	1
234	Früher Tern	W2	salt	6200	2026-04-28 11:36:00+00	t	pilot on board	1
235	Øst Gull	N3	slate	2400	2026-04-28 21:27:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
236	Northern Gull	W3	herring	5800	2026-04-29 05:29:00+00	f	\N	1
237	Ľúčna Möwe	E2	wool	9200	2026-04-29 08:37:00+00	t	مرساة خارج الميناء	1
238	Früher Estrella	E1	salt	8700	2026-04-29 16:09:00+00	f	pilot on board	1
239	Ľúčna Kittiwake	S1	timber	\N	2026-04-30 00:26:00+00	t	\N	1
240	Crimson Sundew	W4	slate	1400	2026-04-30 03:06:00+00	t	two calls, one manifest	1
241	Quiet Heron	N4	empty	\N	2026-04-30 03:56:00+00	t	waits for customs; papers "in order"	1
242	Salt Heron	E3	slate	\N	2026-04-30 12:54:00+00	t	\N	1
243	Señora Brise	S3	salt	3200	2026-04-30 23:15:00+00	t	late tide	1
244	Amber Żuraw	S3	machine parts	9000	2026-05-01 07:59:00+00	t	مرساة خارج الميناء	1
245	Quiet Heron	N2	wool	800	2026-05-01 13:34:00+00	t	crew change	1
246	Grey Żuraw	S3	wool	4400	2026-05-01 22:34:00+00	t	damaged fender, berth side	1
247	Quiet Cormorant	S3	salt	300	2026-05-02 00:20:00+00	t	crew change	1
248	Salt Sundew	W3	slate	8300	2026-05-02 10:30:00+00	\N	\N	1
249	Silver Estrella	S1	empty	\N	2026-05-02 20:55:00+00	t	\N	1
250	Little Żuraw	S2	empty	\N	2026-05-02 22:57:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
251	Old Sundew	E1	slate	4400	2026-05-03 06:01:00+00	t	crew change	1
252	Amber Tern	S2	herring	6500	2026-05-03 08:07:00+00	f	'; drop table arrivals; --	1
253	Old Sundew	S4	empty	\N	2026-05-03 14:28:00+00	t	\N	1
254	Crimson Kittiwake	N2	salt	2600	2026-05-03 18:29:00+00	f	مرساة خارج الميناء	1
255	Old Sundew	N2	salt	\N	2026-05-04 00:48:00+00	f	déchargement de nuit	1
256	Little Żuraw	E3	herring	4200	2026-05-04 09:01:00+00	t	pilot on board	1
257	Morning Sjøfugl	S2	grain	5300	2026-05-04 18:49:00+00	t	crew change	1
258	Little Möwe	S2	wool	3100	2026-05-04 19:06:00+00	t	مرساة خارج الميناء	1
259	Señora Otter	N3	empty	\N	2026-05-04 22:56:00+00	t	pilot on board	1
260	Amber Lantern	S3	wool	4300	2026-05-05 09:17:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
261	Ľúčna Petrel	N1	herring	4700	2026-05-05 14:06:00+00	t	two calls, one manifest	1
262	Winter Estrella	E2	timber	2800	2026-05-05 18:15:00+00	t	'; drop table arrivals; --	1
263	Señora Marlin	N3	wool	2400	2026-05-06 02:56:00+00	f	\N	1
264	Øst Cormorant	W2	timber	5100	2026-05-06 05:30:00+00	t	two calls, one manifest	1
265	Quiet Tern	S4	timber	5000	2026-05-06 12:25:00+00	t	\N	1
266	Île Marlin	W1	grain	\N	2026-05-06 22:48:00+00	t	damaged fender, berth side	1
267	Øst Gull	E2	wool	3400	2026-05-07 00:07:00+00	t	late tide	1
268	Silver Marlin	N2	timber	4500	2026-05-07 03:05:00+00	t	crew change	1
269	Little Marlin	N3	grain	4000	2026-05-07 05:32:00+00	f	déchargement de nuit	1
270	Morning Kittiwake	W4	slate	6700	2026-05-07 13:25:00+00	f	<b>fragile</b> & heavy	1
271	Old Marlin	W1	wool	2500	2026-05-07 16:53:00+00	t	\N	1
272	Winter Sundew	E4	empty	\N	2026-05-08 02:19:00+00	t	crew change	1
273	Brave Brise	S3	timber	4400	2026-05-08 12:46:00+00	t	\N	1
274	Blå Gull	W4	empty	\N	2026-05-08 20:35:00+00	t	late tide	1
275	Blå Brise	N3	empty	\N	2026-05-09 02:54:00+00	t	déchargement de nuit	1
276	Old Marlin	N4	wool	4400	2026-05-09 10:10:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
277	Grey Gull	E4	empty	\N	2026-05-09 20:54:00+00	t	<b>fragile</b> & heavy	1
278	Grey Möwe	S4	timber	600	2026-05-10 03:04:00+00	t	damaged fender, berth side	1
279	Northern Gull	W3	wool	7700	2026-05-10 11:38:00+00	t	'; drop table arrivals; --	1
280	Blå Heron	W1	wool	1800	2026-05-10 12:14:00+00	t	'; drop table arrivals; --	1
281	Ľúčna Marlin	S2	grain	8900	2026-05-10 21:02:00+00	t	crew change	1
282	Øst Otter	E2	empty	\N	2026-05-11 02:37:00+00	t	مرساة خارج الميناء	1
283	Northern Gull	S2	salt	6300	2026-05-11 03:17:00+00	f	two calls, one manifest	1
284	Blå Möwe	N3	salt	3700	2026-05-11 10:03:00+00	t	\N	1
285	Winter Lantern	W4	timber	6900	2026-05-11 20:40:00+00	t	pilot on board	1
286	Northern Cormorant	N2	herring	6200	2026-05-12 04:10:00+00	t	\N	1
287	Silver Lantern	W1	wool	1000	2026-05-12 10:31:00+00	f	مرساة خارج الميناء	1
288	Señora Gull	E3	herring	7800	2026-05-12 19:45:00+00	t	\N	1
289	Crimson Otter	S3	grain	2900	2026-05-13 07:00:00+00	t	two calls, one manifest	1
290	Quiet Cormorant	S4	grain	1900	2026-05-13 08:38:00+00	f	\N	1
291	Früher Petrel	W1	herring	5500	2026-05-13 14:20:00+00	f	damaged fender, berth side	1
292	Northern Anchor	E2	grain	6500	2026-05-13 15:58:00+00	t	two calls, one manifest	1
293	Little Żuraw	N3	wool	5800	2026-05-13 17:11:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
294	Morning Żuraw	E2	timber	4800	2026-05-14 01:50:00+00	t	crew change	1
295	Señora Estrella	S3	grain	7000	2026-05-14 05:54:00+00	\N	\N	1
296	Früher Marlin	W2	slate	6000	2026-05-14 08:43:00+00	t	waits for customs; papers "in order"	1
297	Ľúčna Brise	E1	wool	8900	2026-05-14 12:36:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
298	Little Sjøfugl	S2	grain	7400	2026-05-14 19:46:00+00	f	\N	1
299	Silver Sjøfugl	W3	wool	8000	2026-05-15 07:08:00+00	\N	déchargement de nuit	1
300	Old Marlin	N2	timber	\N	2026-05-15 12:24:00+00	t	\N	1
301	Winter Tern	W4	empty	\N	2026-05-15 16:46:00+00	t	waits for customs; papers "in order"	1
302	Quiet Brise	W3	timber	2300	2026-05-16 04:18:00+00	t	<b>fragile</b> & heavy	1
303	Crimson Estrella	E4	salt	2000	2026-05-16 05:42:00+00	\N	waits for customs; papers "in order"	1
304	Grey Estrella	W1	grain	4000	2026-05-16 10:01:00+00	f	'; drop table arrivals; --	1
305	Ľúčna Marlin	N4	timber	600	2026-05-16 21:24:00+00	t	\N	1
306	Crimson Marlin	W2	salt	6100	2026-05-17 07:46:00+00	t	late tide	1
307	Señora Marlin	S1	wool	1900	2026-05-17 12:52:00+00	t	crew change	1
308	Old Marlin	E2	wool	8700	2026-05-17 17:39:00+00	t	two calls, one manifest	1
309	Señora Gull	N1	salt	7600	2026-05-17 22:52:00+00	t	two calls, one manifest	1
310	Little Otter	S4	grain	\N	2026-05-17 23:24:00+00	t	waits for customs; papers "in order"	1
311	Blå Petrel	S3	empty	\N	2026-05-18 10:28:00+00	f	late tide	1
312	Ľúčna Marlin	N4	slate	3200	2026-05-18 14:58:00+00	t	waits for customs; papers "in order"	1
313	Quiet Möwe	S2	salt	1300	2026-05-18 22:14:00+00	t	مرساة خارج الميناء	1
314	Früher Sundew	S2	herring	2200	2026-05-19 06:44:00+00	t	déchargement de nuit	1
315	Salt Kittiwake	S3	timber	600	2026-05-19 14:24:00+00	t	pilot on board	1
316	Silver Żuraw	E2	machine parts	8300	2026-05-19 23:27:00+00	t	\N	1
317	Little Brise	N4	grain	5100	2026-05-20 03:21:00+00	t	two calls, one manifest	1
318	Morning Tern	W1	empty	\N	2026-05-20 03:39:00+00	t	two calls, one manifest	1
319	Silver Sjøfugl	W1	grain	4200	2026-05-20 07:29:00+00	t	déchargement de nuit	1
320	Morning Otter	W4	timber	2100	2026-05-20 18:37:00+00	f	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
321	Crimson Marlin	W2	salt	8700	2026-05-21 03:28:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
322	Northern Brise	E1	timber	300	2026-05-21 12:11:00+00	t	late tide	1
323	Øst Żuraw	S1	wool	1000	2026-05-21 20:27:00+00	t	\N	1
324	Silver Heron	W2	wool	3200	2026-05-22 00:13:00+00	t	déchargement de nuit	1
325	Morning Estrella	S4	empty	\N	2026-05-22 09:25:00+00	t	<b>fragile</b> & heavy	1
326	Quiet Otter	N2	grain	8700	2026-05-22 14:45:00+00	t	crew change	1
327	Northern Gull	E2	slate	800	2026-05-22 18:50:00+00	t	مرساة خارج الميناء	1
328	Crimson Möwe	E3	herring	3500	2026-05-23 03:37:00+00	f	crew change	1
329	Grey Heron	S2	salt	7200	2026-05-23 04:07:00+00	t	<b>fragile</b> & heavy	1
330	Grey Gull	W2	slate	5400	2026-05-23 15:01:00+00	t	déchargement de nuit	1
331	Salt Lantern	N4	wool	3300	2026-05-23 15:21:00+00	t	crew change	1
332	Blå Tern	S4	grain	3200	2026-05-23 21:41:00+00	t	<b>fragile</b> & heavy	1
333	Quiet Sjøfugl	E1	timber	3600	2026-05-24 01:15:00+00	f	\N	1
334	Quiet Marlin	N3	herring	7800	2026-05-24 07:49:00+00	f	\N	1
335	Morning Sjøfugl	W3	herring	3700	2026-05-24 12:34:00+00	t	late tide	1
336	Señora Kittiwake	S2	timber	4500	2026-05-24 18:12:00+00	t	'; drop table arrivals; --	1
337	Silver Otter	N3	timber	5800	2026-05-25 03:39:00+00	t	crew change	1
338	Little Heron	N3	herring	3500	2026-05-25 15:10:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
339	Grey Sjøfugl	S1	timber	8300	2026-05-25 15:30:00+00	t	two calls, one manifest	1
340	Brave Estrella	W1	herring	1400	2026-05-25 16:23:00+00	f	\N	1
341	Øst Żuraw	E2	grain	9200	2026-05-25 20:35:00+00	t	\N	1
342	Blå Anchor	E4	slate	6700	2026-05-25 20:56:00+00	f	\N	1
343	Brave Sjøfugl	N4	wool	900	2026-05-26 06:19:00+00	t	damaged fender, berth side	1
344	Früher Marlin	N1	machine parts	5400	2026-05-26 10:00:00+00	t	déchargement de nuit	1
345	Brave Otter	S3	empty	\N	2026-05-26 12:44:00+00	t	\N	1
346	Señora Lantern	S1	grain	1400	2026-05-26 19:19:00+00	f	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
347	Grey Möwe	N3	grain	3800	2026-05-26 22:34:00+00	t	déchargement de nuit	1
\.


--
-- Data for Name: records_8; Type: TABLE DATA; Schema: pageladder; Owner: -
--

COPY pageladder.records_8 (id, vessel, berth, cargo, tonnage, arrived_at, cleared, note, "pl.revision") FROM stdin;
1	Quiet Heron	S2	empty	\N	2026-03-01 05:50:00+00	t	crew change	1
2	Øst Lantern	W1	salt	5300	2026-03-01 14:01:00+00	t	crew change	1
3	Blå Kittiwake	N2	machine parts	7700	2026-03-02 00:15:00+00	t	\N	1
4	Brave Sundew	E3	salt	4800	2026-03-02 05:14:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
5	Morning Cormorant	E1	machine parts	8400	2026-03-02 11:05:00+00	f	\N	1
6	Brave Kittiwake	N4	timber	1900	2026-03-02 22:20:00+00	t	\N	1
7	Früher Gull	S4	wool	7900	2026-03-03 05:12:00+00	f	'; drop table arrivals; --	1
8	Blå Brise	S3	timber	900	2026-03-03 14:30:00+00	t	two calls, one manifest	1
9	Quiet Cormorant	N4	slate	6600	2026-03-03 19:59:00+00	t	\N	1
10	Señora Petrel	W1	empty	\N	2026-03-04 03:32:00+00	f	waits for customs; papers "in order"	1
11	Grey Otter	W3	empty	\N	2026-03-04 06:43:00+00	t	déchargement de nuit	1
12	Little Lantern	N3	grain	8100	2026-03-04 16:55:00+00	f	\N	1
13	Blå Anchor	N2	machine parts	2600	2026-03-05 04:11:00+00	t	مرساة خارج الميناء	1
14	Quiet Sundew	E4	grain	\N	2026-03-05 08:58:00+00	t	'; drop table arrivals; --	1
15	Früher Heron	E2	slate	5900	2026-03-05 20:21:00+00	t	\N	1
16	Früher Tern	E1	slate	7800	2026-03-06 06:14:00+00	t	damaged fender, berth side	1
17	Quiet Lantern	N3	salt	2900	2026-03-06 14:17:00+00	t	crew change	1
18	Øst Heron	W4	slate	2200	2026-03-06 14:48:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
19	Øst Otter	N2	machine parts	\N	2026-03-06 22:33:00+00	f	'; drop table arrivals; --	1
20	Quiet Anchor	W1	timber	8500	2026-03-07 01:49:00+00	t	two calls, one manifest	1
21	Crimson Estrella	E3	wool	4600	2026-03-07 06:39:00+00	t	\N	1
22	Früher Marlin	N4	machine parts	6200	2026-03-07 15:57:00+00	t	pilot on board	1
23	Blå Estrella	E1	wool	500	2026-03-07 22:22:00+00	t	'; drop table arrivals; --	1
24	Señora Brise	W2	timber	6800	2026-03-08 10:05:00+00	f	two calls, one manifest	1
25	Silver Heron	W3	grain	2000	2026-03-08 12:49:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
26	Früher Otter	E4	timber	4700	2026-03-08 13:44:00+00	t	déchargement de nuit	1
27	Salt Anchor	N3	empty	\N	2026-03-08 23:04:00+00	f	late tide	1
28	Øst Żuraw	E3	herring	1500	2026-03-09 03:37:00+00	f	\N	1
29	Morning Estrella	E3	herring	4300	2026-03-09 10:59:00+00	t	\N	1
30	Blå Cormorant	S1	salt	1900	2026-03-09 18:10:00+00	f	déchargement de nuit	1
31	Quiet Estrella	N3	empty	\N	2026-03-10 05:32:00+00	t	late tide	1
32	Amber Cormorant	N2	salt	5800	2026-03-10 16:00:00+00	f	late tide	1
33	Øst Brise	W2	timber	8000	2026-03-11 03:13:00+00	t	مرساة خارج الميناء	1
34	Grey Möwe	S1	wool	3000	2026-03-11 07:23:00+00	t	damaged fender, berth side	1
35	Øst Sundew	S1	empty	\N	2026-03-11 08:19:00+00	t	déchargement de nuit	1
36	Señora Sjøfugl	N1	empty	\N	2026-03-11 15:14:00+00	t	two calls, one manifest	1
37	Brave Cormorant	W1	salt	6100	2026-03-11 15:36:00+00	f	'; drop table arrivals; --	1
38	Winter Anchor	E3	wool	6200	2026-03-11 19:40:00+00	t	\N	1
39	Salt Heron	W4	machine parts	3400	2026-03-12 01:04:00+00	\N	\N	1
40	Salt Anchor	N2	wool	7300	2026-03-12 08:52:00+00	t	<b>fragile</b> & heavy	1
41	Øst Petrel	E1	timber	5800	2026-03-12 11:30:00+00	t	\N	1
42	Ľúčna Brise	N4	empty	\N	2026-03-12 18:45:00+00	t	pilot on board	1
43	Ľúčna Cormorant	N3	machine parts	8200	2026-03-12 22:03:00+00	t	<b>fragile</b> & heavy	1
44	Silver Petrel	N2	empty	\N	2026-03-13 02:57:00+00	t	مرساة خارج الميناء	1
45	Ľúčna Marlin	S1	machine parts	2100	2026-03-13 10:40:00+00	t	waits for customs; papers "in order"	1
46	Salt Żuraw	S3	herring	2700	2026-03-13 21:04:00+00	t	'; drop table arrivals; --	1
47	Salt Otter	N3	empty	\N	2026-03-13 23:11:00+00	t	waits for customs; papers "in order"	1
48	Blå Tern	W1	herring	1500	2026-03-14 09:33:00+00	t	<b>fragile</b> & heavy	1
49	Quiet Cormorant	W1	herring	300	2026-03-14 10:59:00+00	t	waits for customs; papers "in order"	1
50	Little Anchor	E3	grain	4300	2026-03-14 19:27:00+00	f	\N	1
51	Blå Estrella	S4	grain	4300	2026-03-14 21:43:00+00	f	damaged fender, berth side	1
52	Øst Sjøfugl	N4	wool	\N	2026-03-15 07:09:00+00	f	waits for customs; papers "in order"	1
53	Little Estrella	E4	herring	6200	2026-03-15 09:57:00+00	f	مرساة خارج الميناء	1
54	Little Heron	W1	wool	1900	2026-03-15 11:05:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
55	Northern Sundew	S4	timber	6600	2026-03-15 13:32:00+00	t	pilot on board	1
56	Winter Żuraw	E4	timber	8500	2026-03-15 21:07:00+00	t	مرساة خارج الميناء	1
57	Silver Sjøfugl	N2	herring	1500	2026-03-15 21:48:00+00	t	\N	1
58	Morning Cormorant	S2	herring	3000	2026-03-16 02:57:00+00	t	damaged fender, berth side	1
59	Ľúčna Anchor	N1	wool	7100	2026-03-16 11:55:00+00	t	<b>fragile</b> & heavy	1
60	Crimson Estrella	N2	salt	3200	2026-03-16 14:50:00+00	t	waits for customs; papers "in order"	1
61	Winter Heron	W2	slate	\N	2026-03-17 00:22:00+00	f	<b>fragile</b> & heavy	1
62	Brave Kittiwake	N2	slate	5700	2026-03-17 01:07:00+00	f	damaged fender, berth side	1
63	Winter Gull	E1	herring	1800	2026-03-17 06:47:00+00	t	'; drop table arrivals; --	1
64	Señora Kittiwake	W3	grain	5600	2026-03-17 13:40:00+00	t	\N	1
65	Blå Möwe	W3	wool	500	2026-03-17 15:10:00+00	t	waits for customs; papers "in order"	1
66	Grey Petrel	N3	grain	7200	2026-03-18 00:08:00+00	t	déchargement de nuit	1
67	Grey Kittiwake	W3	timber	2700	2026-03-18 09:52:00+00	t	damaged fender, berth side	1
68	Morning Tern	S2	wool	7100	2026-03-18 19:31:00+00	t	مرساة خارج الميناء	1
69	Øst Żuraw	S4	grain	6200	2026-03-19 05:45:00+00	t	déchargement de nuit	1
70	Früher Anchor	E1	slate	6700	2026-03-19 06:16:00+00	\N	déchargement de nuit	1
71	Øst Otter	N4	wool	5600	2026-03-19 06:50:00+00	t	déchargement de nuit	1
72	Señora Estrella	W2	grain	4600	2026-03-19 10:02:00+00	t	waits for customs; papers "in order"	1
73	Blå Sjøfugl	E4	timber	3700	2026-03-19 16:54:00+00	t	waits for customs; papers "in order"	1
74	Silver Petrel	E2	grain	3700	2026-03-19 20:00:00+00	f	pilot on board	1
75	Señora Marlin	W4	salt	\N	2026-03-19 22:14:00+00	f	damaged fender, berth side	1
76	Northern Möwe	N4	salt	600	2026-03-20 05:09:00+00	f	\N	1
77	Winter Heron	W2	timber	2700	2026-03-20 10:01:00+00	t	two calls, one manifest	1
78	Little Möwe	E4	timber	5400	2026-03-20 10:48:00+00	t	pilot on board	1
79	Winter Petrel	W4	grain	3900	2026-03-20 14:14:00+00	f	pilot on board	1
80	Øst Möwe	E1	slate	7600	2026-03-20 23:28:00+00	f	late tide	1
81	Ľúčna Tern	E2	salt	6900	2026-03-21 06:58:00+00	t	مرساة خارج الميناء	1
82	Øst Żuraw	W4	machine parts	6400	2026-03-21 11:01:00+00	t	مرساة خارج الميناء	1
83	Morning Kittiwake	W3	wool	500	2026-03-21 18:40:00+00	t	\N	1
84	Señora Tern	E2	timber	4700	2026-03-22 02:32:00+00	\N	\N	1
85	Silver Heron	E3	grain	8400	2026-03-22 07:33:00+00	t	مرساة خارج الميناء	1
86	Brave Gull	N2	wool	7600	2026-03-22 15:22:00+00	t	pilot on board	1
87	Quiet Cormorant	S3	herring	6800	2026-03-22 18:23:00+00	t	two calls, one manifest	1
88	Crimson Lantern	E3	grain	5600	2026-03-23 04:08:00+00	f	\N	1
89	Blå Sundew	E2	empty	\N	2026-03-23 06:51:00+00	t	\N	1
90	Little Sjøfugl	E4	grain	8700	2026-03-23 09:25:00+00	f	crew change	1
91	Ľúčna Sundew	S2	slate	2300	2026-03-23 19:42:00+00	t	\N	1
92	Old Petrel	N2	grain	3800	2026-03-24 07:05:00+00	\N	\N	1
93	Grey Kittiwake	N3	grain	2200	2026-03-24 11:28:00+00	t	déchargement de nuit	1
94	Île Lantern	S1	machine parts	1300	2026-03-24 17:27:00+00	f	'; drop table arrivals; --	1
95	Früher Estrella	W1	empty	\N	2026-03-24 22:10:00+00	t	déchargement de nuit	1
96	Crimson Sjøfugl	N1	grain	6500	2026-03-25 03:37:00+00	t	'; drop table arrivals; --	1
97	Old Tern	N2	herring	2300	2026-03-25 09:28:00+00	t	\N	1
98	Silver Anchor	N3	empty	\N	2026-03-25 09:56:00+00	t	late tide	1
99	Northern Otter	E1	slate	7100	2026-03-25 12:40:00+00	t	\N	1
100	Northern Lantern	E2	timber	6100	2026-03-25 19:23:00+00	t	\N	1
101	Crimson Gull	E4	slate	8100	2026-03-26 06:47:00+00	t	\N	1
102	Silver Sjøfugl	W1	herring	6800	2026-03-26 08:54:00+00	t	\N	1
103	Morning Cormorant	N3	empty	\N	2026-03-26 19:07:00+00	t	déchargement de nuit	1
104	Old Brise	S4	machine parts	1000	2026-03-26 20:36:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
105	Grey Brise	S2	wool	8800	2026-03-27 06:11:00+00	f	'; drop table arrivals; --	1
106	Brave Estrella	W2	herring	5700	2026-03-27 15:00:00+00	t	damaged fender, berth side	1
107	Amber Cormorant	N1	machine parts	4700	2026-03-28 01:21:00+00	t	pilot on board	1
108	Øst Marlin	N1	grain	5400	2026-03-28 05:21:00+00	t	déchargement de nuit	1
109	Brave Otter	E3	herring	7600	2026-03-28 13:27:00+00	f	\N	1
110	Silver Otter	E4	slate	3700	2026-03-28 14:17:00+00	t	damaged fender, berth side	1
111	Salt Kittiwake	W3	timber	7100	2026-03-28 22:44:00+00	f	crew change	1
112	Silver Heron	E1	wool	\N	2026-03-29 04:02:00+00	t	waits for customs; papers "in order"	1
113	Little Gull	E1	salt	900	2026-03-29 11:14:00+00	t	مرساة خارج الميناء	1
114	Winter Brise	S1	empty	\N	2026-03-29 17:04:00+00	t	waits for customs; papers "in order"	1
115	Winter Estrella	S4	grain	4100	2026-03-30 02:41:00+00	t	\N	1
116	Winter Gull	S3	machine parts	4800	2026-03-30 08:03:00+00	f	\N	1
117	Salt Lantern	W1	wool	\N	2026-03-30 15:50:00+00	t	late tide	1
118	Grey Möwe	E2	herring	\N	2026-03-31 02:42:00+00	t	late tide	1
119	Winter Kittiwake	N3	grain	8800	2026-03-31 14:17:00+00	t	crew change	1
120	Blå Möwe	S4	grain	8600	2026-03-31 23:52:00+00	t	\N	1
121	Grey Estrella	E1	herring	\N	2026-04-01 04:32:00+00	f	waits for customs; papers "in order"	1
122	Salt Marlin	N4	wool	3000	2026-04-01 11:45:00+00	t	'; drop table arrivals; --	1
123	Brave Tern	S2	herring	4400	2026-04-01 16:46:00+00	t	waits for customs; papers "in order"	1
124	Grey Lantern	S1	salt	3000	2026-04-01 23:06:00+00	t	'; drop table arrivals; --	1
125	Little Sjøfugl	N4	wool	7900	2026-04-02 02:17:00+00	t	<b>fragile</b> & heavy	1
126	Winter Estrella	N3	slate	\N	2026-04-02 08:02:00+00	f	\N	1
127	Brave Tern	N1	machine parts	2800	2026-04-02 13:39:00+00	t	waits for customs; papers "in order"	1
128	Île Sjøfugl	E3	salt	7500	2026-04-02 19:00:00+00	t	\N	1
129	Grey Sjøfugl	N4	wool	6700	2026-04-02 20:28:00+00	t	\N	1
130	Blå Cormorant	S1	machine parts	5900	2026-04-03 05:06:00+00	f	waits for customs; papers "in order"	1
131	Ľúčna Kittiwake	E2	slate	2400	2026-04-03 11:49:00+00	t	pilot on board	1
132	Salt Heron	W2	timber	2600	2026-04-03 12:26:00+00	t	late tide	1
133	Morning Möwe	W3	wool	\N	2026-04-03 15:07:00+00	t	\N	1
134	Old Brise	N4	wool	7800	2026-04-03 22:02:00+00	t	مرساة خارج الميناء	1
135	Crimson Sjøfugl	W3	grain	800	2026-04-04 06:28:00+00	t	déchargement de nuit	1
136	Amber Anchor	E2	herring	5100	2026-04-04 09:19:00+00	\N	\N	1
137	Ľúčna Sjøfugl	E4	salt	\N	2026-04-04 15:33:00+00	t	<b>fragile</b> & heavy	1
138	Øst Marlin	W4	timber	9200	2026-04-05 02:41:00+00	t	two calls, one manifest	1
139	Früher Żuraw	S4	slate	4900	2026-04-05 10:13:00+00	\N	\N	1
140	Quiet Żuraw	S4	wool	2500	2026-04-05 12:29:00+00	t	déchargement de nuit	1
141	Morning Marlin	W3	grain	6900	2026-04-05 21:22:00+00	t	déchargement de nuit	1
142	Île Anchor	N3	wool	700	2026-04-05 22:07:00+00	f	\N	1
143	Salt Tern	N2	salt	\N	2026-04-06 00:24:00+00	t	<b>fragile</b> & heavy	1
144	Morning Sjøfugl	S1	slate	3900	2026-04-06 12:02:00+00	t	\N	1
145	Amber Kittiwake	S1	herring	2100	2026-04-06 21:59:00+00	t	\N	1
146	Ľúčna Żuraw	W1	timber	1800	2026-04-07 03:41:00+00	t	'; drop table arrivals; --	1
147	Northern Żuraw	E1	wool	8700	2026-04-07 12:05:00+00	t	pilot on board	1
148	Île Cormorant	N4	empty	\N	2026-04-07 13:35:00+00	t	مرساة خارج الميناء	1
149	Old Möwe	S3	machine parts	8400	2026-04-07 22:12:00+00	f	waits for customs; papers "in order"	1
150	Winter Gull	S3	herring	8500	2026-04-08 04:12:00+00	t	\N	1
151	Old Lantern	E2	herring	2200	2026-04-08 12:32:00+00	t	\N	1
152	Señora Cormorant	E3	slate	1000	2026-04-08 14:44:00+00	t	waits for customs; papers "in order"	1
153	Blå Marlin	S2	salt	1700	2026-04-09 01:59:00+00	t	<b>fragile</b> & heavy	1
154	Brave Petrel	E2	wool	1700	2026-04-09 07:52:00+00	t	déchargement de nuit	1
155	Northern Tern	N4	herring	5800	2026-04-09 14:27:00+00	t	\N	1
156	Salt Cormorant	W2	empty	\N	2026-04-10 01:04:00+00	t	\N	1
157	Blå Sjøfugl	S2	slate	3000	2026-04-10 10:26:00+00	t	damaged fender, berth side	1
158	Øst Heron	S2	salt	7900	2026-04-10 13:34:00+00	\N	déchargement de nuit	1
159	Grey Lantern	N4	wool	7700	2026-04-10 23:54:00+00	t	crew change	1
160	Quiet Sundew	W2	wool	500	2026-04-11 02:21:00+00	t	damaged fender, berth side	1
161	Northern Estrella	N1	wool	4300	2026-04-11 10:57:00+00	t	مرساة خارج الميناء	1
162	Früher Tern	S3	salt	5700	2026-04-11 20:39:00+00	t	'; drop table arrivals; --	1
163	Quiet Marlin	W2	salt	9200	2026-04-12 03:30:00+00	t	late tide	1
164	Little Marlin	S2	slate	8800	2026-04-12 07:00:00+00	f	\N	1
165	Ľúčna Lantern	N2	grain	5400	2026-04-12 07:52:00+00	t	\N	1
166	Blå Marlin	N4	salt	5800	2026-04-12 11:07:00+00	f	two calls, one manifest	1
167	Northern Cormorant	E4	empty	\N	2026-04-12 12:56:00+00	f	مرساة خارج الميناء	1
168	Little Estrella	N2	machine parts	2000	2026-04-12 21:11:00+00	t	crew change	1
169	Northern Gull	W1	machine parts	1500	2026-04-13 01:27:00+00	f	pilot on board	1
170	Früher Cormorant	N3	herring	7900	2026-04-13 12:43:00+00	t	two calls, one manifest	1
171	Old Marlin	W4	salt	5000	2026-04-13 19:33:00+00	t	'; drop table arrivals; --	1
172	Señora Sjøfugl	E4	empty	\N	2026-04-14 03:41:00+00	t	waits for customs; papers "in order"	1
173	Salt Otter	W3	empty	\N	2026-04-14 13:58:00+00	t	crew change	1
174	Ľúčna Żuraw	N4	machine parts	5000	2026-04-14 21:27:00+00	t	pilot on board	1
175	Crimson Otter	S1	salt	3500	2026-04-15 08:13:00+00	t	مرساة خارج الميناء	1
176	Île Petrel	W2	slate	4600	2026-04-15 10:21:00+00	t	damaged fender, berth side	1
177	Grey Sundew	E4	salt	6800	2026-04-15 15:41:00+00	t	مرساة خارج الميناء	1
178	Grey Brise	S3	grain	1300	2026-04-15 18:25:00+00	t	'; drop table arrivals; --	1
179	Ľúčna Tern	N2	wool	2800	2026-04-15 22:29:00+00	t	\N	1
180	Ľúčna Tern	W4	empty	\N	2026-04-16 03:16:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
181	Grey Anchor	W2	machine parts	600	2026-04-16 12:30:00+00	t	\N	1
182	Winter Brise	N3	machine parts	6700	2026-04-16 19:29:00+00	t	\N	1
183	Old Kittiwake	S1	wool	3300	2026-04-17 04:07:00+00	t	late tide	1
184	Früher Lantern	E2	wool	3500	2026-04-17 12:13:00+00	t	waits for customs; papers "in order"	1
185	Winter Otter	W3	machine parts	2600	2026-04-17 15:14:00+00	t	waits for customs; papers "in order"	1
186	Blå Brise	E4	empty	\N	2026-04-17 22:34:00+00	t	late tide	1
187	Amber Petrel	E4	slate	6600	2026-04-18 09:41:00+00	f	pilot on board	1
188	Señora Anchor	N4	timber	4900	2026-04-18 21:29:00+00	t	\N	1
189	Île Heron	S3	grain	9200	2026-04-19 08:48:00+00	f	pilot on board	1
190	Northern Petrel	W3	salt	8600	2026-04-19 14:14:00+00	t	two calls, one manifest	1
191	Quiet Cormorant	W4	timber	1300	2026-04-19 15:46:00+00	f	two calls, one manifest	1
192	Northern Sjøfugl	E4	timber	7300	2026-04-19 19:48:00+00	t	<b>fragile</b> & heavy	1
193	Señora Żuraw	W4	slate	8100	2026-04-20 01:04:00+00	t	\N	1
194	Old Marlin	S1	timber	8800	2026-04-20 08:44:00+00	t	'; drop table arrivals; --	1
195	Île Lantern	S1	wool	1600	2026-04-20 09:37:00+00	t	<b>fragile</b> & heavy	1
196	Silver Cormorant	N1	machine parts	8100	2026-04-20 11:24:00+00	t	damaged fender, berth side	1
197	Früher Sundew	S3	wool	7700	2026-04-20 17:31:00+00	f	\N	1
198	Little Marlin	W2	slate	1700	2026-04-20 19:00:00+00	f	\N	1
199	Señora Möwe	E4	herring	8400	2026-04-21 06:04:00+00	f	<b>fragile</b> & heavy	1
200	Île Gull	N4	machine parts	1000	2026-04-21 10:38:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
201	Morning Anchor	N3	machine parts	6900	2026-04-21 11:59:00+00	f	\N	1
202	Crimson Estrella	W2	slate	\N	2026-04-21 13:32:00+00	t	\N	1
203	Øst Tern	W3	grain	6500	2026-04-21 16:54:00+00	f	'; drop table arrivals; --	1
204	Little Gull	W2	timber	5800	2026-04-21 18:52:00+00	f	\N	1
205	Northern Żuraw	E2	timber	7900	2026-04-21 19:08:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
206	Amber Tern	W1	machine parts	1800	2026-04-22 04:37:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
207	Brave Möwe	S4	herring	4400	2026-04-22 14:52:00+00	t	\N	1
208	Île Möwe	W2	salt	4000	2026-04-22 19:45:00+00	t	\N	1
209	Früher Möwe	S2	slate	8900	2026-04-23 00:28:00+00	t	'; drop table arrivals; --	1
210	Old Anchor	S4	empty	\N	2026-04-23 08:55:00+00	t	<b>fragile</b> & heavy	1
211	Île Tern	S1	empty	\N	2026-04-23 19:57:00+00	f	pilot on board	1
212	Früher Marlin	W2	wool	8500	2026-04-23 21:42:00+00	t	\N	1
213	Señora Żuraw	W2	empty	\N	2026-04-23 21:58:00+00	t	\N	1
214	Northern Cormorant	W4	wool	600	2026-04-23 23:01:00+00	t	crew change	1
215	Señora Lantern	E3	wool	9100	2026-04-24 06:26:00+00	t	late tide	1
216	Salt Otter	N1	salt	5200	2026-04-24 12:30:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
217	Silver Anchor	E1	wool	6300	2026-04-24 16:40:00+00	t	'; drop table arrivals; --	1
218	Morning Anchor	N2	grain	2900	2026-04-25 01:42:00+00	t	late tide	1
219	Old Heron	S2	wool	3400	2026-04-25 08:04:00+00	f	\N	1
220	Little Otter	S3	wool	5700	2026-04-25 16:33:00+00	t	déchargement de nuit	1
221	Grey Petrel	W2	wool	5400	2026-04-25 17:12:00+00	t	damaged fender, berth side	1
222	Morning Sjøfugl	S3	herring	5700	2026-04-25 23:11:00+00	t	\N	1
223	Blå Möwe	S4	empty	\N	2026-04-26 07:20:00+00	t	damaged fender, berth side	1
224	Brave Żuraw	S3	herring	7800	2026-04-26 19:07:00+00	f	مرساة خارج الميناء	1
225	Blå Otter	S4	salt	8600	2026-04-26 23:05:00+00	f	late tide	1
226	Grey Heron	N1	wool	4800	2026-04-27 04:38:00+00	t	late tide	1
227	Grey Otter	N1	timber	8300	2026-04-27 05:28:00+00	f	\N	1
228	Blå Heron	E4	machine parts	3900	2026-04-27 07:18:00+00	t	crew change	1
229	Amber Lantern	W2	grain	8800	2026-04-27 07:58:00+00	t	\N	1
230	Blå Estrella	W4	empty	\N	2026-04-27 09:18:00+00	t	\N	1
231	Brave Brise	E3	timber	2700	2026-04-27 20:30:00+00	t	\N	1
232	Ľúčna Żuraw	W1	wool	1100	2026-04-28 04:30:00+00	f	damaged fender, berth side	1
233	Northern Möwe	S3	grain	8100	2026-04-28 07:02:00+00	f	pilot on board	1
234	Früher Tern	W2	salt	6200	2026-04-28 11:36:00+00	t	pilot on board	1
235	Øst Gull	N3	slate	2400	2026-04-28 21:27:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
236	Northern Gull	W3	herring	5800	2026-04-29 05:29:00+00	f	\N	1
237	Ľúčna Möwe	E2	wool	9200	2026-04-29 08:37:00+00	t	مرساة خارج الميناء	1
238	Früher Estrella	E1	salt	8700	2026-04-29 16:09:00+00	f	pilot on board	1
239	Ľúčna Kittiwake	S1	timber	\N	2026-04-30 00:26:00+00	t	\N	1
240	Crimson Sundew	W4	slate	1400	2026-04-30 03:06:00+00	t	two calls, one manifest	1
241	Quiet Heron	N4	empty	\N	2026-04-30 03:56:00+00	t	waits for customs; papers "in order"	1
242	Salt Heron	E3	slate	\N	2026-04-30 12:54:00+00	t	\N	1
243	Señora Brise	S3	salt	3200	2026-04-30 23:15:00+00	t	late tide	1
244	Amber Żuraw	S3	machine parts	9000	2026-05-01 07:59:00+00	t	مرساة خارج الميناء	1
245	Quiet Heron	N2	wool	800	2026-05-01 13:34:00+00	t	crew change	1
246	Grey Żuraw	S3	wool	4400	2026-05-01 22:34:00+00	t	damaged fender, berth side	1
247	Quiet Cormorant	S3	salt	300	2026-05-02 00:20:00+00	t	crew change	1
248	Salt Sundew	W3	slate	8300	2026-05-02 10:30:00+00	\N	\N	1
249	Silver Estrella	S1	empty	\N	2026-05-02 20:55:00+00	t	\N	1
250	Little Żuraw	S2	empty	\N	2026-05-02 22:57:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
251	Old Sundew	E1	slate	4400	2026-05-03 06:01:00+00	t	crew change	1
252	Amber Tern	S2	herring	6500	2026-05-03 08:07:00+00	f	'; drop table arrivals; --	1
253	Old Sundew	S4	empty	\N	2026-05-03 14:28:00+00	t	\N	1
254	Crimson Kittiwake	N2	salt	2600	2026-05-03 18:29:00+00	f	مرساة خارج الميناء	1
255	Old Sundew	N2	salt	\N	2026-05-04 00:48:00+00	f	déchargement de nuit	1
256	Little Żuraw	E3	herring	4200	2026-05-04 09:01:00+00	t	pilot on board	1
257	Morning Sjøfugl	S2	grain	5300	2026-05-04 18:49:00+00	t	crew change	1
258	Little Möwe	S2	wool	3100	2026-05-04 19:06:00+00	t	مرساة خارج الميناء	1
259	Señora Otter	N3	empty	\N	2026-05-04 22:56:00+00	t	pilot on board	1
260	Amber Lantern	S3	wool	4300	2026-05-05 09:17:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
261	Ľúčna Petrel	N1	herring	4700	2026-05-05 14:06:00+00	t	two calls, one manifest	1
262	Winter Estrella	E2	timber	2800	2026-05-05 18:15:00+00	t	'; drop table arrivals; --	1
263	Señora Marlin	N3	wool	2400	2026-05-06 02:56:00+00	f	\N	1
264	Øst Cormorant	W2	timber	5100	2026-05-06 05:30:00+00	t	two calls, one manifest	1
265	Quiet Tern	S4	timber	5000	2026-05-06 12:25:00+00	t	\N	1
266	Île Marlin	W1	grain	\N	2026-05-06 22:48:00+00	t	damaged fender, berth side	1
267	Øst Gull	E2	wool	3400	2026-05-07 00:07:00+00	t	late tide	1
268	Silver Marlin	N2	timber	4500	2026-05-07 03:05:00+00	t	crew change	1
269	Little Marlin	N3	grain	4000	2026-05-07 05:32:00+00	f	déchargement de nuit	1
270	Morning Kittiwake	W4	slate	6700	2026-05-07 13:25:00+00	f	<b>fragile</b> & heavy	1
271	Old Marlin	W1	wool	2500	2026-05-07 16:53:00+00	t	\N	1
272	Winter Sundew	E4	empty	\N	2026-05-08 02:19:00+00	t	crew change	1
273	Brave Brise	S3	timber	4400	2026-05-08 12:46:00+00	t	\N	1
274	Blå Gull	W4	empty	\N	2026-05-08 20:35:00+00	t	late tide	1
275	Blå Brise	N3	empty	\N	2026-05-09 02:54:00+00	t	déchargement de nuit	1
276	Old Marlin	N4	wool	4400	2026-05-09 10:10:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
277	Grey Gull	E4	empty	\N	2026-05-09 20:54:00+00	t	<b>fragile</b> & heavy	1
278	Grey Möwe	S4	timber	600	2026-05-10 03:04:00+00	t	damaged fender, berth side	1
279	Northern Gull	W3	wool	7700	2026-05-10 11:38:00+00	t	'; drop table arrivals; --	1
280	Blå Heron	W1	wool	1800	2026-05-10 12:14:00+00	t	'; drop table arrivals; --	1
281	Ľúčna Marlin	S2	grain	8900	2026-05-10 21:02:00+00	t	crew change	1
282	Øst Otter	E2	empty	\N	2026-05-11 02:37:00+00	t	مرساة خارج الميناء	1
283	Northern Gull	S2	salt	6300	2026-05-11 03:17:00+00	f	two calls, one manifest	1
284	Blå Möwe	N3	salt	3700	2026-05-11 10:03:00+00	t	\N	1
285	Winter Lantern	W4	timber	6900	2026-05-11 20:40:00+00	t	pilot on board	1
286	Northern Cormorant	N2	herring	6200	2026-05-12 04:10:00+00	t	\N	1
287	Silver Lantern	W1	wool	1000	2026-05-12 10:31:00+00	f	مرساة خارج الميناء	1
288	Señora Gull	E3	herring	7800	2026-05-12 19:45:00+00	t	\N	1
289	Crimson Otter	S3	grain	2900	2026-05-13 07:00:00+00	t	two calls, one manifest	1
290	Quiet Cormorant	S4	grain	1900	2026-05-13 08:38:00+00	f	\N	1
291	Früher Petrel	W1	herring	5500	2026-05-13 14:20:00+00	f	damaged fender, berth side	1
292	Northern Anchor	E2	grain	6500	2026-05-13 15:58:00+00	t	two calls, one manifest	1
293	Little Żuraw	N3	wool	5800	2026-05-13 17:11:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
294	Morning Żuraw	E2	timber	4800	2026-05-14 01:50:00+00	t	crew change	1
295	Señora Estrella	S3	grain	7000	2026-05-14 05:54:00+00	\N	\N	1
296	Früher Marlin	W2	slate	6000	2026-05-14 08:43:00+00	t	waits for customs; papers "in order"	1
297	Ľúčna Brise	E1	wool	8900	2026-05-14 12:36:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
298	Little Sjøfugl	S2	grain	7400	2026-05-14 19:46:00+00	f	\N	1
299	Silver Sjøfugl	W3	wool	8000	2026-05-15 07:08:00+00	\N	déchargement de nuit	1
300	Old Marlin	N2	timber	\N	2026-05-15 12:24:00+00	t	\N	1
301	Winter Tern	W4	empty	\N	2026-05-15 16:46:00+00	t	waits for customs; papers "in order"	1
302	Quiet Brise	W3	timber	2300	2026-05-16 04:18:00+00	t	<b>fragile</b> & heavy	1
303	Crimson Estrella	E4	salt	2000	2026-05-16 05:42:00+00	\N	waits for customs; papers "in order"	1
304	Grey Estrella	W1	grain	4000	2026-05-16 10:01:00+00	f	'; drop table arrivals; --	1
305	Ľúčna Marlin	N4	timber	600	2026-05-16 21:24:00+00	t	\N	1
306	Crimson Marlin	W2	salt	6100	2026-05-17 07:46:00+00	t	late tide	1
307	Señora Marlin	S1	wool	1900	2026-05-17 12:52:00+00	t	crew change	1
308	Old Marlin	E2	wool	8700	2026-05-17 17:39:00+00	t	two calls, one manifest	1
309	Señora Gull	N1	salt	7600	2026-05-17 22:52:00+00	t	two calls, one manifest	1
310	Little Otter	S4	grain	\N	2026-05-17 23:24:00+00	t	waits for customs; papers "in order"	1
311	Blå Petrel	S3	empty	\N	2026-05-18 10:28:00+00	f	late tide	1
312	Ľúčna Marlin	N4	slate	3200	2026-05-18 14:58:00+00	t	waits for customs; papers "in order"	1
313	Quiet Möwe	S2	salt	1300	2026-05-18 22:14:00+00	t	مرساة خارج الميناء	1
314	Früher Sundew	S2	herring	2200	2026-05-19 06:44:00+00	t	déchargement de nuit	1
315	Salt Kittiwake	S3	timber	600	2026-05-19 14:24:00+00	t	pilot on board	1
316	Silver Żuraw	E2	machine parts	8300	2026-05-19 23:27:00+00	t	\N	1
317	Little Brise	N4	grain	5100	2026-05-20 03:21:00+00	t	two calls, one manifest	1
318	Morning Tern	W1	empty	\N	2026-05-20 03:39:00+00	t	two calls, one manifest	1
319	Silver Sjøfugl	W1	grain	4200	2026-05-20 07:29:00+00	t	déchargement de nuit	1
320	Morning Otter	W4	timber	2100	2026-05-20 18:37:00+00	f	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
321	Crimson Marlin	W2	salt	8700	2026-05-21 03:28:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
322	Northern Brise	E1	timber	300	2026-05-21 12:11:00+00	t	late tide	1
323	Øst Żuraw	S1	wool	1000	2026-05-21 20:27:00+00	t	\N	1
324	Silver Heron	W2	wool	3200	2026-05-22 00:13:00+00	t	déchargement de nuit	1
325	Morning Estrella	S4	empty	\N	2026-05-22 09:25:00+00	t	<b>fragile</b> & heavy	1
326	Quiet Otter	N2	grain	8700	2026-05-22 14:45:00+00	t	crew change	1
327	Northern Gull	E2	slate	800	2026-05-22 18:50:00+00	t	مرساة خارج الميناء	1
328	Crimson Möwe	E3	herring	3500	2026-05-23 03:37:00+00	f	crew change	1
329	Grey Heron	S2	salt	7200	2026-05-23 04:07:00+00	t	<b>fragile</b> & heavy	1
330	Grey Gull	W2	slate	5400	2026-05-23 15:01:00+00	t	déchargement de nuit	1
331	Salt Lantern	N4	wool	3300	2026-05-23 15:21:00+00	t	crew change	1
332	Blå Tern	S4	grain	3200	2026-05-23 21:41:00+00	t	<b>fragile</b> & heavy	1
333	Quiet Sjøfugl	E1	timber	3600	2026-05-24 01:15:00+00	f	\N	1
334	Quiet Marlin	N3	herring	7800	2026-05-24 07:49:00+00	f	\N	1
335	Morning Sjøfugl	W3	herring	3700	2026-05-24 12:34:00+00	t	late tide	1
336	Señora Kittiwake	S2	timber	4500	2026-05-24 18:12:00+00	t	'; drop table arrivals; --	1
337	Silver Otter	N3	timber	5800	2026-05-25 03:39:00+00	t	crew change	1
338	Little Heron	N3	herring	3500	2026-05-25 15:10:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
339	Grey Sjøfugl	S1	timber	8300	2026-05-25 15:30:00+00	t	two calls, one manifest	1
340	Brave Estrella	W1	herring	1400	2026-05-25 16:23:00+00	f	\N	1
341	Øst Żuraw	E2	grain	9200	2026-05-25 20:35:00+00	t	\N	1
342	Blå Anchor	E4	slate	6700	2026-05-25 20:56:00+00	f	\N	1
343	Brave Sjøfugl	N4	wool	900	2026-05-26 06:19:00+00	t	damaged fender, berth side	1
344	Früher Marlin	N1	machine parts	5400	2026-05-26 10:00:00+00	t	déchargement de nuit	1
345	Brave Otter	S3	empty	\N	2026-05-26 12:44:00+00	t	\N	1
346	Señora Lantern	S1	grain	1400	2026-05-26 19:19:00+00	f	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
347	Grey Möwe	N3	grain	3800	2026-05-26 22:34:00+00	t	déchargement de nuit	1
\.


--
-- Data for Name: records_9; Type: TABLE DATA; Schema: pageladder; Owner: -
--

COPY pageladder.records_9 (id, vessel, berth, cargo, tonnage, arrived_at, cleared, note, "pl.revision") FROM stdin;
1	Quiet Heron	S2	empty	\N	2026-03-01 05:50:00+00	t	crew change	1
2	Øst Lantern	W1	salt	5300	2026-03-01 14:01:00+00	t	crew change	1
3	Blå Kittiwake	N2	machine parts	7700	2026-03-02 00:15:00+00	t	\N	1
4	Brave Sundew	E3	salt	4800	2026-03-02 05:14:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
5	Morning Cormorant	E1	machine parts	8400	2026-03-02 11:05:00+00	f	\N	1
6	Brave Kittiwake	N4	timber	1900	2026-03-02 22:20:00+00	t	\N	1
7	Früher Gull	S4	wool	7900	2026-03-03 05:12:00+00	f	'; drop table arrivals; --	1
8	Blå Brise	S3	timber	900	2026-03-03 14:30:00+00	t	two calls, one manifest	1
9	Quiet Cormorant	N4	slate	6600	2026-03-03 19:59:00+00	t	\N	1
10	Señora Petrel	W1	empty	\N	2026-03-04 03:32:00+00	f	waits for customs; papers "in order"	1
11	Grey Otter	W3	empty	\N	2026-03-04 06:43:00+00	t	déchargement de nuit	1
12	Little Lantern	N3	grain	8100	2026-03-04 16:55:00+00	f	\N	1
13	Blå Anchor	N2	machine parts	2600	2026-03-05 04:11:00+00	t	مرساة خارج الميناء	1
14	Quiet Sundew	E4	grain	\N	2026-03-05 08:58:00+00	t	'; drop table arrivals; --	1
15	Früher Heron	E2	slate	5900	2026-03-05 20:21:00+00	t	\N	1
16	Früher Tern	E1	slate	7800	2026-03-06 06:14:00+00	t	damaged fender, berth side	1
17	Quiet Lantern	N3	salt	2900	2026-03-06 14:17:00+00	t	crew change	1
18	Øst Heron	W4	slate	2200	2026-03-06 14:48:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
19	Øst Otter	N2	machine parts	\N	2026-03-06 22:33:00+00	f	'; drop table arrivals; --	1
20	Quiet Anchor	W1	timber	8500	2026-03-07 01:49:00+00	t	two calls, one manifest	1
21	Crimson Estrella	E3	wool	4600	2026-03-07 06:39:00+00	t	\N	1
22	Früher Marlin	N4	machine parts	6200	2026-03-07 15:57:00+00	t	pilot on board	1
23	Blå Estrella	E1	wool	500	2026-03-07 22:22:00+00	t	'; drop table arrivals; --	1
24	Señora Brise	W2	timber	6800	2026-03-08 10:05:00+00	f	two calls, one manifest	1
25	Silver Heron	W3	grain	2000	2026-03-08 12:49:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
26	Früher Otter	E4	timber	4700	2026-03-08 13:44:00+00	t	déchargement de nuit	1
27	Salt Anchor	N3	empty	\N	2026-03-08 23:04:00+00	f	late tide	1
28	Øst Żuraw	E3	herring	1500	2026-03-09 03:37:00+00	f	\N	1
29	Morning Estrella	E3	herring	4300	2026-03-09 10:59:00+00	t	\N	1
30	Blå Cormorant	S1	salt	1900	2026-03-09 18:10:00+00	f	déchargement de nuit	1
31	Quiet Estrella	N3	empty	\N	2026-03-10 05:32:00+00	t	late tide	1
32	Amber Cormorant	N2	salt	5800	2026-03-10 16:00:00+00	f	late tide	1
33	Øst Brise	W2	timber	8000	2026-03-11 03:13:00+00	t	مرساة خارج الميناء	1
34	Grey Möwe	S1	wool	3000	2026-03-11 07:23:00+00	t	damaged fender, berth side	1
35	Øst Sundew	S1	empty	\N	2026-03-11 08:19:00+00	t	déchargement de nuit	1
36	Señora Sjøfugl	N1	empty	\N	2026-03-11 15:14:00+00	t	two calls, one manifest	1
37	Brave Cormorant	W1	salt	6100	2026-03-11 15:36:00+00	f	'; drop table arrivals; --	1
38	Winter Anchor	E3	wool	6200	2026-03-11 19:40:00+00	t	\N	1
39	Salt Heron	W4	machine parts	3400	2026-03-12 01:04:00+00	\N	\N	1
40	Salt Anchor	N2	wool	7300	2026-03-12 08:52:00+00	t	<b>fragile</b> & heavy	1
41	Øst Petrel	E1	timber	5800	2026-03-12 11:30:00+00	t	\N	1
42	Ľúčna Brise	N4	empty	\N	2026-03-12 18:45:00+00	t	pilot on board	1
43	Ľúčna Cormorant	N3	machine parts	8200	2026-03-12 22:03:00+00	t	<b>fragile</b> & heavy	1
44	Silver Petrel	N2	empty	\N	2026-03-13 02:57:00+00	t	مرساة خارج الميناء	1
45	Ľúčna Marlin	S1	machine parts	2100	2026-03-13 10:40:00+00	t	waits for customs; papers "in order"	1
46	Salt Żuraw	S3	herring	2700	2026-03-13 21:04:00+00	t	'; drop table arrivals; --	1
47	Salt Otter	N3	empty	\N	2026-03-13 23:11:00+00	t	waits for customs; papers "in order"	1
48	Blå Tern	W1	herring	1500	2026-03-14 09:33:00+00	t	<b>fragile</b> & heavy	1
49	Quiet Cormorant	W1	herring	300	2026-03-14 10:59:00+00	t	waits for customs; papers "in order"	1
50	Little Anchor	E3	grain	4300	2026-03-14 19:27:00+00	f	\N	1
51	Blå Estrella	S4	grain	4300	2026-03-14 21:43:00+00	f	damaged fender, berth side	1
52	Øst Sjøfugl	N4	wool	\N	2026-03-15 07:09:00+00	f	waits for customs; papers "in order"	1
53	Little Estrella	E4	herring	6200	2026-03-15 09:57:00+00	f	مرساة خارج الميناء	1
54	Little Heron	W1	wool	1900	2026-03-15 11:05:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
55	Northern Sundew	S4	timber	6600	2026-03-15 13:32:00+00	t	pilot on board	1
56	Winter Żuraw	E4	timber	8500	2026-03-15 21:07:00+00	t	مرساة خارج الميناء	1
57	Silver Sjøfugl	N2	herring	1500	2026-03-15 21:48:00+00	t	\N	1
58	Morning Cormorant	S2	herring	3000	2026-03-16 02:57:00+00	t	damaged fender, berth side	1
59	Ľúčna Anchor	N1	wool	7100	2026-03-16 11:55:00+00	t	<b>fragile</b> & heavy	1
60	Crimson Estrella	N2	salt	3200	2026-03-16 14:50:00+00	t	waits for customs; papers "in order"	1
61	Winter Heron	W2	slate	\N	2026-03-17 00:22:00+00	f	<b>fragile</b> & heavy	1
62	Brave Kittiwake	N2	slate	5700	2026-03-17 01:07:00+00	f	damaged fender, berth side	1
63	Winter Gull	E1	herring	1800	2026-03-17 06:47:00+00	t	'; drop table arrivals; --	1
64	Señora Kittiwake	W3	grain	5600	2026-03-17 13:40:00+00	t	\N	1
65	Blå Möwe	W3	wool	500	2026-03-17 15:10:00+00	t	waits for customs; papers "in order"	1
66	Grey Petrel	N3	grain	7200	2026-03-18 00:08:00+00	t	déchargement de nuit	1
67	Grey Kittiwake	W3	timber	2700	2026-03-18 09:52:00+00	t	damaged fender, berth side	1
68	Morning Tern	S2	wool	7100	2026-03-18 19:31:00+00	t	مرساة خارج الميناء	1
69	Øst Żuraw	S4	grain	6200	2026-03-19 05:45:00+00	t	déchargement de nuit	1
70	Früher Anchor	E1	slate	6700	2026-03-19 06:16:00+00	\N	déchargement de nuit	1
71	Øst Otter	N4	wool	5600	2026-03-19 06:50:00+00	t	déchargement de nuit	1
72	Señora Estrella	W2	grain	4600	2026-03-19 10:02:00+00	t	waits for customs; papers "in order"	1
73	Blå Sjøfugl	E4	timber	3700	2026-03-19 16:54:00+00	t	waits for customs; papers "in order"	1
74	Silver Petrel	E2	grain	3700	2026-03-19 20:00:00+00	f	pilot on board	1
75	Señora Marlin	W4	salt	\N	2026-03-19 22:14:00+00	f	damaged fender, berth side	1
76	Northern Möwe	N4	salt	600	2026-03-20 05:09:00+00	f	\N	1
77	Winter Heron	W2	timber	2700	2026-03-20 10:01:00+00	t	two calls, one manifest	1
78	Little Möwe	E4	timber	5400	2026-03-20 10:48:00+00	t	pilot on board	1
79	Winter Petrel	W4	grain	3900	2026-03-20 14:14:00+00	f	pilot on board	1
80	Øst Möwe	E1	slate	7600	2026-03-20 23:28:00+00	f	late tide	1
81	Ľúčna Tern	E2	salt	6900	2026-03-21 06:58:00+00	t	مرساة خارج الميناء	1
82	Øst Żuraw	W4	machine parts	6400	2026-03-21 11:01:00+00	t	مرساة خارج الميناء	1
83	Morning Kittiwake	W3	wool	500	2026-03-21 18:40:00+00	t	\N	1
84	Señora Tern	E2	timber	4700	2026-03-22 02:32:00+00	\N	\N	1
85	Silver Heron	E3	grain	8400	2026-03-22 07:33:00+00	t	مرساة خارج الميناء	1
86	Brave Gull	N2	wool	7600	2026-03-22 15:22:00+00	t	pilot on board	1
87	Quiet Cormorant	S3	herring	6800	2026-03-22 18:23:00+00	t	two calls, one manifest	1
88	Crimson Lantern	E3	grain	5600	2026-03-23 04:08:00+00	f	\N	1
89	Blå Sundew	E2	empty	\N	2026-03-23 06:51:00+00	t	\N	1
90	Little Sjøfugl	E4	grain	8700	2026-03-23 09:25:00+00	f	crew change	1
91	Ľúčna Sundew	S2	slate	2300	2026-03-23 19:42:00+00	t	\N	1
92	Old Petrel	N2	grain	3800	2026-03-24 07:05:00+00	\N	\N	1
93	Grey Kittiwake	N3	grain	2200	2026-03-24 11:28:00+00	t	déchargement de nuit	1
94	Île Lantern	S1	machine parts	1300	2026-03-24 17:27:00+00	f	'; drop table arrivals; --	1
95	Früher Estrella	W1	empty	\N	2026-03-24 22:10:00+00	t	déchargement de nuit	1
96	Crimson Sjøfugl	N1	grain	6500	2026-03-25 03:37:00+00	t	'; drop table arrivals; --	1
97	Old Tern	N2	herring	2300	2026-03-25 09:28:00+00	t	\N	1
98	Silver Anchor	N3	empty	\N	2026-03-25 09:56:00+00	t	late tide	1
99	Northern Otter	E1	slate	7100	2026-03-25 12:40:00+00	t	\N	1
100	Northern Lantern	E2	timber	6100	2026-03-25 19:23:00+00	t	\N	1
101	Crimson Gull	E4	slate	8100	2026-03-26 06:47:00+00	t	\N	1
102	Silver Sjøfugl	W1	herring	6800	2026-03-26 08:54:00+00	t	\N	1
103	Morning Cormorant	N3	empty	\N	2026-03-26 19:07:00+00	t	déchargement de nuit	1
104	Old Brise	S4	machine parts	1000	2026-03-26 20:36:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
105	Grey Brise	S2	wool	8800	2026-03-27 06:11:00+00	f	'; drop table arrivals; --	1
106	Brave Estrella	W2	herring	5700	2026-03-27 15:00:00+00	t	damaged fender, berth side	1
107	Amber Cormorant	N1	machine parts	4700	2026-03-28 01:21:00+00	t	pilot on board	1
108	Øst Marlin	N1	grain	5400	2026-03-28 05:21:00+00	t	déchargement de nuit	1
109	Brave Otter	E3	herring	7600	2026-03-28 13:27:00+00	f	\N	1
110	Silver Otter	E4	slate	3700	2026-03-28 14:17:00+00	t	damaged fender, berth side	1
111	Salt Kittiwake	W3	timber	7100	2026-03-28 22:44:00+00	f	crew change	1
112	Silver Heron	E1	wool	\N	2026-03-29 04:02:00+00	t	waits for customs; papers "in order"	1
113	Little Gull	E1	salt	900	2026-03-29 11:14:00+00	t	مرساة خارج الميناء	1
114	Winter Brise	S1	empty	\N	2026-03-29 17:04:00+00	t	waits for customs; papers "in order"	1
115	Winter Estrella	S4	grain	4100	2026-03-30 02:41:00+00	t	\N	1
116	Winter Gull	S3	machine parts	4800	2026-03-30 08:03:00+00	f	\N	1
117	Salt Lantern	W1	wool	\N	2026-03-30 15:50:00+00	t	late tide	1
118	Grey Möwe	E2	herring	\N	2026-03-31 02:42:00+00	t	late tide	1
119	Winter Kittiwake	N3	grain	8800	2026-03-31 14:17:00+00	t	crew change	1
120	Blå Möwe	S4	grain	8600	2026-03-31 23:52:00+00	t	\N	1
121	Grey Estrella	E1	herring	\N	2026-04-01 04:32:00+00	f	waits for customs; papers "in order"	1
122	Salt Marlin	N4	wool	3000	2026-04-01 11:45:00+00	t	'; drop table arrivals; --	1
123	Brave Tern	S2	herring	4400	2026-04-01 16:46:00+00	t	waits for customs; papers "in order"	1
124	Grey Lantern	S1	salt	3000	2026-04-01 23:06:00+00	t	'; drop table arrivals; --	1
125	Little Sjøfugl	N4	wool	7900	2026-04-02 02:17:00+00	t	<b>fragile</b> & heavy	1
126	Winter Estrella	N3	slate	\N	2026-04-02 08:02:00+00	f	\N	1
127	Brave Tern	N1	machine parts	2800	2026-04-02 13:39:00+00	t	waits for customs; papers "in order"	1
128	Île Sjøfugl	E3	salt	7500	2026-04-02 19:00:00+00	t	\N	1
129	Grey Sjøfugl	N4	wool	6700	2026-04-02 20:28:00+00	t	\N	1
130	Blå Cormorant	S1	machine parts	5900	2026-04-03 05:06:00+00	f	waits for customs; papers "in order"	1
131	Ľúčna Kittiwake	E2	slate	2400	2026-04-03 11:49:00+00	t	pilot on board	1
132	Salt Heron	W2	timber	2600	2026-04-03 12:26:00+00	t	late tide	1
133	Morning Möwe	W3	wool	\N	2026-04-03 15:07:00+00	t	\N	1
134	Old Brise	N4	wool	7800	2026-04-03 22:02:00+00	t	مرساة خارج الميناء	1
135	Crimson Sjøfugl	W3	grain	800	2026-04-04 06:28:00+00	t	déchargement de nuit	1
136	Amber Anchor	E2	herring	5100	2026-04-04 09:19:00+00	\N	\N	1
137	Ľúčna Sjøfugl	E4	salt	\N	2026-04-04 15:33:00+00	t	<b>fragile</b> & heavy	1
138	Øst Marlin	W4	timber	9200	2026-04-05 02:41:00+00	t	two calls, one manifest	1
139	Früher Żuraw	S4	slate	4900	2026-04-05 10:13:00+00	\N	\N	1
140	Quiet Żuraw	S4	wool	2500	2026-04-05 12:29:00+00	t	déchargement de nuit	1
141	Morning Marlin	W3	grain	6900	2026-04-05 21:22:00+00	t	déchargement de nuit	1
142	Île Anchor	N3	wool	700	2026-04-05 22:07:00+00	f	\N	1
143	Salt Tern	N2	salt	\N	2026-04-06 00:24:00+00	t	<b>fragile</b> & heavy	1
144	Morning Sjøfugl	S1	slate	3900	2026-04-06 12:02:00+00	t	\N	1
145	Amber Kittiwake	S1	herring	2100	2026-04-06 21:59:00+00	t	\N	1
146	Ľúčna Żuraw	W1	timber	1800	2026-04-07 03:41:00+00	t	'; drop table arrivals; --	1
147	Northern Żuraw	E1	wool	8700	2026-04-07 12:05:00+00	t	pilot on board	1
148	Île Cormorant	N4	empty	\N	2026-04-07 13:35:00+00	t	مرساة خارج الميناء	1
149	Old Möwe	S3	machine parts	8400	2026-04-07 22:12:00+00	f	waits for customs; papers "in order"	1
150	Winter Gull	S3	herring	8500	2026-04-08 04:12:00+00	t	\N	1
151	Old Lantern	E2	herring	2200	2026-04-08 12:32:00+00	t	\N	1
152	Señora Cormorant	E3	slate	1000	2026-04-08 14:44:00+00	t	waits for customs; papers "in order"	1
153	Blå Marlin	S2	salt	1700	2026-04-09 01:59:00+00	t	<b>fragile</b> & heavy	1
154	Brave Petrel	E2	wool	1700	2026-04-09 07:52:00+00	t	déchargement de nuit	1
155	Northern Tern	N4	herring	5800	2026-04-09 14:27:00+00	t	\N	1
156	Salt Cormorant	W2	empty	\N	2026-04-10 01:04:00+00	t	\N	1
157	Blå Sjøfugl	S2	slate	3000	2026-04-10 10:26:00+00	t	damaged fender, berth side	1
158	Øst Heron	S2	salt	7900	2026-04-10 13:34:00+00	\N	déchargement de nuit	1
159	Grey Lantern	N4	wool	7700	2026-04-10 23:54:00+00	t	crew change	1
160	Quiet Sundew	W2	wool	500	2026-04-11 02:21:00+00	t	damaged fender, berth side	1
161	Northern Estrella	N1	wool	4300	2026-04-11 10:57:00+00	t	مرساة خارج الميناء	1
162	Früher Tern	S3	salt	5700	2026-04-11 20:39:00+00	t	'; drop table arrivals; --	1
163	Quiet Marlin	W2	salt	9200	2026-04-12 03:30:00+00	t	late tide	1
164	Little Marlin	S2	slate	8800	2026-04-12 07:00:00+00	f	\N	1
165	Ľúčna Lantern	N2	grain	5400	2026-04-12 07:52:00+00	t	\N	1
166	Blå Marlin	N4	salt	5800	2026-04-12 11:07:00+00	f	two calls, one manifest	1
167	Northern Cormorant	E4	empty	\N	2026-04-12 12:56:00+00	f	مرساة خارج الميناء	1
168	Little Estrella	N2	machine parts	2000	2026-04-12 21:11:00+00	t	crew change	1
169	Northern Gull	W1	machine parts	1500	2026-04-13 01:27:00+00	f	pilot on board	1
170	Früher Cormorant	N3	herring	7900	2026-04-13 12:43:00+00	t	two calls, one manifest	1
171	Old Marlin	W4	salt	5000	2026-04-13 19:33:00+00	t	'; drop table arrivals; --	1
172	Señora Sjøfugl	E4	empty	\N	2026-04-14 03:41:00+00	t	waits for customs; papers "in order"	1
173	Salt Otter	W3	empty	\N	2026-04-14 13:58:00+00	t	crew change	1
174	Ľúčna Żuraw	N4	machine parts	5000	2026-04-14 21:27:00+00	t	pilot on board	1
175	Crimson Otter	S1	salt	3500	2026-04-15 08:13:00+00	t	مرساة خارج الميناء	1
176	Île Petrel	W2	slate	4600	2026-04-15 10:21:00+00	t	damaged fender, berth side	1
177	Grey Sundew	E4	salt	6800	2026-04-15 15:41:00+00	t	مرساة خارج الميناء	1
178	Grey Brise	S3	grain	1300	2026-04-15 18:25:00+00	t	'; drop table arrivals; --	1
179	Ľúčna Tern	N2	wool	2800	2026-04-15 22:29:00+00	t	\N	1
180	Ľúčna Tern	W4	empty	\N	2026-04-16 03:16:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
181	Grey Anchor	W2	machine parts	600	2026-04-16 12:30:00+00	t	\N	1
182	Winter Brise	N3	machine parts	6700	2026-04-16 19:29:00+00	t	\N	1
183	Old Kittiwake	S1	wool	3300	2026-04-17 04:07:00+00	t	late tide	1
184	Früher Lantern	E2	wool	3500	2026-04-17 12:13:00+00	t	waits for customs; papers "in order"	1
185	Winter Otter	W3	machine parts	2600	2026-04-17 15:14:00+00	t	waits for customs; papers "in order"	1
186	Blå Brise	E4	empty	\N	2026-04-17 22:34:00+00	t	late tide	1
187	Amber Petrel	E4	slate	6600	2026-04-18 09:41:00+00	f	pilot on board	1
188	Señora Anchor	N4	timber	4900	2026-04-18 21:29:00+00	t	\N	1
189	Île Heron	S3	grain	9200	2026-04-19 08:48:00+00	f	pilot on board	1
190	Northern Petrel	W3	salt	8600	2026-04-19 14:14:00+00	t	two calls, one manifest	1
191	Quiet Cormorant	W4	timber	1300	2026-04-19 15:46:00+00	f	two calls, one manifest	1
192	Northern Sjøfugl	E4	timber	7300	2026-04-19 19:48:00+00	t	<b>fragile</b> & heavy	1
193	Señora Żuraw	W4	slate	8100	2026-04-20 01:04:00+00	t	\N	1
194	Old Marlin	S1	timber	8800	2026-04-20 08:44:00+00	t	'; drop table arrivals; --	1
195	Île Lantern	S1	wool	1600	2026-04-20 09:37:00+00	t	<b>fragile</b> & heavy	1
196	Silver Cormorant	N1	machine parts	8100	2026-04-20 11:24:00+00	t	damaged fender, berth side	1
197	Früher Sundew	S3	wool	7700	2026-04-20 17:31:00+00	f	\N	1
198	Little Marlin	W2	slate	1700	2026-04-20 19:00:00+00	f	\N	1
199	Señora Möwe	E4	herring	8400	2026-04-21 06:04:00+00	f	<b>fragile</b> & heavy	1
200	Île Gull	N4	machine parts	1000	2026-04-21 10:38:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
201	Morning Anchor	N3	machine parts	6900	2026-04-21 11:59:00+00	f	\N	1
202	Crimson Estrella	W2	slate	\N	2026-04-21 13:32:00+00	t	\N	1
203	Øst Tern	W3	grain	6500	2026-04-21 16:54:00+00	f	'; drop table arrivals; --	1
204	Little Gull	W2	timber	5800	2026-04-21 18:52:00+00	f	\N	1
205	Northern Żuraw	E2	timber	7900	2026-04-21 19:08:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
206	Amber Tern	W1	machine parts	1800	2026-04-22 04:37:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
207	Brave Möwe	S4	herring	4400	2026-04-22 14:52:00+00	t	\N	1
208	Île Möwe	W2	salt	4000	2026-04-22 19:45:00+00	t	\N	1
209	Früher Möwe	S2	slate	8900	2026-04-23 00:28:00+00	t	'; drop table arrivals; --	1
210	Old Anchor	S4	empty	\N	2026-04-23 08:55:00+00	t	<b>fragile</b> & heavy	1
211	Île Tern	S1	empty	\N	2026-04-23 19:57:00+00	f	pilot on board	1
212	Früher Marlin	W2	wool	8500	2026-04-23 21:42:00+00	t	\N	1
213	Señora Żuraw	W2	empty	\N	2026-04-23 21:58:00+00	t	\N	1
214	Northern Cormorant	W4	wool	600	2026-04-23 23:01:00+00	t	crew change	1
215	Señora Lantern	E3	wool	9100	2026-04-24 06:26:00+00	t	late tide	1
216	Salt Otter	N1	salt	5200	2026-04-24 12:30:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
217	Silver Anchor	E1	wool	6300	2026-04-24 16:40:00+00	t	'; drop table arrivals; --	1
218	Morning Anchor	N2	grain	2900	2026-04-25 01:42:00+00	t	late tide	1
219	Old Heron	S2	wool	3400	2026-04-25 08:04:00+00	f	\N	1
220	Little Otter	S3	wool	5700	2026-04-25 16:33:00+00	t	déchargement de nuit	1
221	Grey Petrel	W2	wool	5400	2026-04-25 17:12:00+00	t	damaged fender, berth side	1
222	Morning Sjøfugl	S3	herring	5700	2026-04-25 23:11:00+00	t	\N	1
223	Blå Möwe	S4	empty	\N	2026-04-26 07:20:00+00	t	damaged fender, berth side	1
224	Brave Żuraw	S3	herring	7800	2026-04-26 19:07:00+00	f	مرساة خارج الميناء	1
225	Blå Otter	S4	salt	8600	2026-04-26 23:05:00+00	f	late tide	1
226	Grey Heron	N1	wool	4800	2026-04-27 04:38:00+00	t	late tide	1
227	Grey Otter	N1	timber	8300	2026-04-27 05:28:00+00	f	\N	1
228	Blå Heron	E4	machine parts	3900	2026-04-27 07:18:00+00	t	crew change	1
229	Amber Lantern	W2	grain	8800	2026-04-27 07:58:00+00	t	\N	1
230	Blå Estrella	W4	empty	\N	2026-04-27 09:18:00+00	t	\N	1
231	Brave Brise	E3	timber	2700	2026-04-27 20:30:00+00	t	\N	1
232	Ľúčna Żuraw	W1	wool	1100	2026-04-28 04:30:00+00	f	damaged fender, berth side	1
233	Northern Möwe	S3	grain	8100	2026-04-28 07:02:00+00	f	pilot on board	1
234	Früher Tern	W2	salt	6200	2026-04-28 11:36:00+00	t	pilot on board	1
235	Øst Gull	N3	slate	2400	2026-04-28 21:27:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
236	Northern Gull	W3	herring	5800	2026-04-29 05:29:00+00	f	\N	1
237	Ľúčna Möwe	E2	wool	9200	2026-04-29 08:37:00+00	t	مرساة خارج الميناء	1
238	Früher Estrella	E1	salt	8700	2026-04-29 16:09:00+00	f	pilot on board	1
239	Ľúčna Kittiwake	S1	timber	\N	2026-04-30 00:26:00+00	t	\N	1
240	Crimson Sundew	W4	slate	1400	2026-04-30 03:06:00+00	t	two calls, one manifest	1
241	Quiet Heron	N4	empty	\N	2026-04-30 03:56:00+00	t	waits for customs; papers "in order"	1
242	Salt Heron	E3	slate	\N	2026-04-30 12:54:00+00	t	\N	1
243	Señora Brise	S3	salt	3200	2026-04-30 23:15:00+00	t	late tide	1
244	Amber Żuraw	S3	machine parts	9000	2026-05-01 07:59:00+00	t	مرساة خارج الميناء	1
245	Quiet Heron	N2	wool	800	2026-05-01 13:34:00+00	t	crew change	1
246	Grey Żuraw	S3	wool	4400	2026-05-01 22:34:00+00	t	damaged fender, berth side	1
247	Quiet Cormorant	S3	salt	300	2026-05-02 00:20:00+00	t	crew change	1
248	Salt Sundew	W3	slate	8300	2026-05-02 10:30:00+00	\N	\N	1
249	Silver Estrella	S1	empty	\N	2026-05-02 20:55:00+00	t	\N	1
250	Little Żuraw	S2	empty	\N	2026-05-02 22:57:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
251	Old Sundew	E1	slate	4400	2026-05-03 06:01:00+00	t	crew change	1
252	Amber Tern	S2	herring	6500	2026-05-03 08:07:00+00	f	'; drop table arrivals; --	1
253	Old Sundew	S4	empty	\N	2026-05-03 14:28:00+00	t	\N	1
254	Crimson Kittiwake	N2	salt	2600	2026-05-03 18:29:00+00	f	مرساة خارج الميناء	1
255	Old Sundew	N2	salt	\N	2026-05-04 00:48:00+00	f	déchargement de nuit	1
256	Little Żuraw	E3	herring	4200	2026-05-04 09:01:00+00	t	pilot on board	1
257	Morning Sjøfugl	S2	grain	5300	2026-05-04 18:49:00+00	t	crew change	1
258	Little Möwe	S2	wool	3100	2026-05-04 19:06:00+00	t	مرساة خارج الميناء	1
259	Señora Otter	N3	empty	\N	2026-05-04 22:56:00+00	t	pilot on board	1
260	Amber Lantern	S3	wool	4300	2026-05-05 09:17:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
261	Ľúčna Petrel	N1	herring	4700	2026-05-05 14:06:00+00	t	two calls, one manifest	1
262	Winter Estrella	E2	timber	2800	2026-05-05 18:15:00+00	t	'; drop table arrivals; --	1
263	Señora Marlin	N3	wool	2400	2026-05-06 02:56:00+00	f	\N	1
264	Øst Cormorant	W2	timber	5100	2026-05-06 05:30:00+00	t	two calls, one manifest	1
265	Quiet Tern	S4	timber	5000	2026-05-06 12:25:00+00	t	\N	1
266	Île Marlin	W1	grain	\N	2026-05-06 22:48:00+00	t	damaged fender, berth side	1
267	Øst Gull	E2	wool	3400	2026-05-07 00:07:00+00	t	late tide	1
268	Silver Marlin	N2	timber	4500	2026-05-07 03:05:00+00	t	crew change	1
269	Little Marlin	N3	grain	4000	2026-05-07 05:32:00+00	f	déchargement de nuit	1
270	Morning Kittiwake	W4	slate	6700	2026-05-07 13:25:00+00	f	<b>fragile</b> & heavy	1
271	Old Marlin	W1	wool	2500	2026-05-07 16:53:00+00	t	\N	1
272	Winter Sundew	E4	empty	\N	2026-05-08 02:19:00+00	t	crew change	1
273	Brave Brise	S3	timber	4400	2026-05-08 12:46:00+00	t	\N	1
274	Blå Gull	W4	empty	\N	2026-05-08 20:35:00+00	t	late tide	1
275	Blå Brise	N3	empty	\N	2026-05-09 02:54:00+00	t	déchargement de nuit	1
276	Old Marlin	N4	wool	4400	2026-05-09 10:10:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
277	Grey Gull	E4	empty	\N	2026-05-09 20:54:00+00	t	<b>fragile</b> & heavy	1
278	Grey Möwe	S4	timber	600	2026-05-10 03:04:00+00	t	damaged fender, berth side	1
279	Northern Gull	W3	wool	7700	2026-05-10 11:38:00+00	t	'; drop table arrivals; --	1
280	Blå Heron	W1	wool	1800	2026-05-10 12:14:00+00	t	'; drop table arrivals; --	1
281	Ľúčna Marlin	S2	grain	8900	2026-05-10 21:02:00+00	t	crew change	1
282	Øst Otter	E2	empty	\N	2026-05-11 02:37:00+00	t	مرساة خارج الميناء	1
283	Northern Gull	S2	salt	6300	2026-05-11 03:17:00+00	f	two calls, one manifest	1
284	Blå Möwe	N3	salt	3700	2026-05-11 10:03:00+00	t	\N	1
285	Winter Lantern	W4	timber	6900	2026-05-11 20:40:00+00	t	pilot on board	1
286	Northern Cormorant	N2	herring	6200	2026-05-12 04:10:00+00	t	\N	1
287	Silver Lantern	W1	wool	1000	2026-05-12 10:31:00+00	f	مرساة خارج الميناء	1
288	Señora Gull	E3	herring	7800	2026-05-12 19:45:00+00	t	\N	1
289	Crimson Otter	S3	grain	2900	2026-05-13 07:00:00+00	t	two calls, one manifest	1
290	Quiet Cormorant	S4	grain	1900	2026-05-13 08:38:00+00	f	\N	1
291	Früher Petrel	W1	herring	5500	2026-05-13 14:20:00+00	f	damaged fender, berth side	1
292	Northern Anchor	E2	grain	6500	2026-05-13 15:58:00+00	t	two calls, one manifest	1
293	Little Żuraw	N3	wool	5800	2026-05-13 17:11:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
294	Morning Żuraw	E2	timber	4800	2026-05-14 01:50:00+00	t	crew change	1
295	Señora Estrella	S3	grain	7000	2026-05-14 05:54:00+00	\N	\N	1
296	Früher Marlin	W2	slate	6000	2026-05-14 08:43:00+00	t	waits for customs; papers "in order"	1
297	Ľúčna Brise	E1	wool	8900	2026-05-14 12:36:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
298	Little Sjøfugl	S2	grain	7400	2026-05-14 19:46:00+00	f	\N	1
299	Silver Sjøfugl	W3	wool	8000	2026-05-15 07:08:00+00	\N	déchargement de nuit	1
300	Old Marlin	N2	timber	\N	2026-05-15 12:24:00+00	t	\N	1
301	Winter Tern	W4	empty	\N	2026-05-15 16:46:00+00	t	waits for customs; papers "in order"	1
302	Quiet Brise	W3	timber	2300	2026-05-16 04:18:00+00	t	<b>fragile</b> & heavy	1
303	Crimson Estrella	E4	salt	2000	2026-05-16 05:42:00+00	\N	waits for customs; papers "in order"	1
304	Grey Estrella	W1	grain	4000	2026-05-16 10:01:00+00	f	'; drop table arrivals; --	1
305	Ľúčna Marlin	N4	timber	600	2026-05-16 21:24:00+00	t	\N	1
306	Crimson Marlin	W2	salt	6100	2026-05-17 07:46:00+00	t	late tide	1
307	Señora Marlin	S1	wool	1900	2026-05-17 12:52:00+00	t	crew change	1
308	Old Marlin	E2	wool	8700	2026-05-17 17:39:00+00	t	two calls, one manifest	1
309	Señora Gull	N1	salt	7600	2026-05-17 22:52:00+00	t	two calls, one manifest	1
310	Little Otter	S4	grain	\N	2026-05-17 23:24:00+00	t	waits for customs; papers "in order"	1
311	Blå Petrel	S3	empty	\N	2026-05-18 10:28:00+00	f	late tide	1
312	Ľúčna Marlin	N4	slate	3200	2026-05-18 14:58:00+00	t	waits for customs; papers "in order"	1
313	Quiet Möwe	S2	salt	1300	2026-05-18 22:14:00+00	t	مرساة خارج الميناء	1
314	Früher Sundew	S2	herring	2200	2026-05-19 06:44:00+00	t	déchargement de nuit	1
315	Salt Kittiwake	S3	timber	600	2026-05-19 14:24:00+00	t	pilot on board	1
316	Silver Żuraw	E2	machine parts	8300	2026-05-19 23:27:00+00	t	\N	1
317	Little Brise	N4	grain	5100	2026-05-20 03:21:00+00	t	two calls, one manifest	1
318	Morning Tern	W1	empty	\N	2026-05-20 03:39:00+00	t	two calls, one manifest	1
319	Silver Sjøfugl	W1	grain	4200	2026-05-20 07:29:00+00	t	déchargement de nuit	1
320	Morning Otter	W4	timber	2100	2026-05-20 18:37:00+00	f	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
321	Crimson Marlin	W2	salt	8700	2026-05-21 03:28:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
322	Northern Brise	E1	timber	300	2026-05-21 12:11:00+00	t	late tide	1
323	Øst Żuraw	S1	wool	1000	2026-05-21 20:27:00+00	t	\N	1
324	Silver Heron	W2	wool	3200	2026-05-22 00:13:00+00	t	déchargement de nuit	1
325	Morning Estrella	S4	empty	\N	2026-05-22 09:25:00+00	t	<b>fragile</b> & heavy	1
326	Quiet Otter	N2	grain	8700	2026-05-22 14:45:00+00	t	crew change	1
327	Northern Gull	E2	slate	800	2026-05-22 18:50:00+00	t	مرساة خارج الميناء	1
328	Crimson Möwe	E3	herring	3500	2026-05-23 03:37:00+00	f	crew change	1
329	Grey Heron	S2	salt	7200	2026-05-23 04:07:00+00	t	<b>fragile</b> & heavy	1
330	Grey Gull	W2	slate	5400	2026-05-23 15:01:00+00	t	déchargement de nuit	1
331	Salt Lantern	N4	wool	3300	2026-05-23 15:21:00+00	t	crew change	1
332	Blå Tern	S4	grain	3200	2026-05-23 21:41:00+00	t	<b>fragile</b> & heavy	1
333	Quiet Sjøfugl	E1	timber	3600	2026-05-24 01:15:00+00	f	\N	1
334	Quiet Marlin	N3	herring	7800	2026-05-24 07:49:00+00	f	\N	1
335	Morning Sjøfugl	W3	herring	3700	2026-05-24 12:34:00+00	t	late tide	1
336	Señora Kittiwake	S2	timber	4500	2026-05-24 18:12:00+00	t	'; drop table arrivals; --	1
337	Silver Otter	N3	timber	5800	2026-05-25 03:39:00+00	t	crew change	1
338	Little Heron	N3	herring	3500	2026-05-25 15:10:00+00	t	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
339	Grey Sjøfugl	S1	timber	8300	2026-05-25 15:30:00+00	t	two calls, one manifest	1
340	Brave Estrella	W1	herring	1400	2026-05-25 16:23:00+00	f	\N	1
341	Øst Żuraw	E2	grain	9200	2026-05-25 20:35:00+00	t	\N	1
342	Blå Anchor	E4	slate	6700	2026-05-25 20:56:00+00	f	\N	1
343	Brave Sjøfugl	N4	wool	900	2026-05-26 06:19:00+00	t	damaged fender, berth side	1
344	Früher Marlin	N1	machine parts	5400	2026-05-26 10:00:00+00	t	déchargement de nuit	1
345	Brave Otter	S3	empty	\N	2026-05-26 12:44:00+00	t	\N	1
346	Señora Lantern	S1	grain	1400	2026-05-26 19:19:00+00	f	the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again; the master reports fog off the bar and asks for the pilot again;	1
347	Grey Möwe	N3	grain	3800	2026-05-26 22:34:00+00	t	déchargement de nuit	1
\.


--
-- Data for Name: removed_set; Type: TABLE DATA; Schema: pageladder; Owner: -
--

COPY pageladder.removed_set (name, version) FROM stdin;
\.


--
-- Data for Name: replaced_table; Type: TABLE DATA; Schema: pageladder; Owner: -
--

COPY pageladder.replaced_table (record_table, since) FROM stdin;
\.


--
-- Data for Name: schema_version; Type: TABLE DATA; Schema: pageladder; Owner: -
--

COPY pageladder.schema_version (version) FROM stdin;
14
\.


--
-- Data for Name: session; Type: TABLE DATA; Schema: pageladder; Owner: -
--

COPY pageladder.session (hash, token_id, expires_at) FROM stdin;
\.


--
-- Data for Name: sign_in; Type: TABLE DATA; Schema: pageladder; Owner: -
--

COPY pageladder.sign_in (hash, token_id, expires_at) FROM stdin;
\.


--
-- Data for Name: token; Type: TABLE DATA; Schema: pageladder; Owner: -
--

COPY pageladder.token (id, hash, label, role, sets, created_at, used_at, ended_at) FROM stdin;
1	\\xcc03ad1bbd16c3d452ec8b8a43be47d08bcfe52002bb56fe53eb0955642a8498	the test	owner	\N	2026-11-27 07:48:22.337085+00	\N	\N
2	\\x958103a25fea320ebbf815152ba2f7f72d040eb57c40e464b4b754a38652200a	ended	owner	\N	2026-11-27 07:48:22.337905+00	\N	2026-11-27 07:48:22.338286+00
4	\\xb215ddb3f510e8bf715720de950f70556219867aa251b7a7f11e7ab46e3422a3	reader	reader	\N	2026-11-27 07:48:22.338865+00	2026-11-27 07:48:00+00	\N
3	\\xcab88cc8eb3a13184c97293e327df6d21ee6d834ff54f2308cef75b88a71c38b	bound	reader	{arrivals,fixed-is}	2026-11-27 07:48:22.338584+00	2026-11-27 07:48:00+00	\N
5	\\x1d7cf043d97914158af98b4bf472acbabb16b1802a2b4e3add108e0c1fd0a1bd	editor	editor	\N	2026-11-27 07:48:22.339007+00	2026-11-27 07:48:00+00	\N
6	\\x1473c08e0a0ee9139b0a525a3a9e0bc22021bd96ad5831cc51b50a920ae65211	owner	owner	\N	2026-11-27 07:48:22.339126+00	2026-11-27 07:48:00+00	\N
\.


--
-- Data for Name: withdrawn; Type: TABLE DATA; Schema: pageladder; Owner: -
--

COPY pageladder.withdrawn (set_name, key, revision, record, at) FROM stdin;
arrivals	["7"]	1	{"id": "7", "note": "'; drop table arrivals; --", "berth": "S4", "cargo": "wool", "vessel": "Früher Gull", "cleared": "f", "tonnage": "7900", "arrived_at": "2026-03-03 05:12:00+00"}	2026-11-27 07:48:22.344826+00
arrivals	["8"]	1	{"id": "8", "note": "two calls, one manifest", "berth": "S3", "cargo": "timber", "vessel": "Blå Brise", "cleared": "t", "tonnage": "900", "arrived_at": "2026-03-03 14:30:00+00"}	2026-11-27 07:48:22.349505+00
\.


--
-- Data for Name: followed; Type: TABLE DATA; Schema: pageladder_log; Owner: -
--

COPY pageladder_log.followed (log, epoch, read_at, most_bytes, floor) FROM stdin;
yard.crew	1	2026-11-27 07:48:22.274982+00	256000000	0
\.


--
-- Data for Name: seen; Type: TABLE DATA; Schema: pageladder_log; Owner: -
--

COPY pageladder_log.seen (log, at, ended) FROM stdin;
yard.crew	2026-11-27 07:48:22.274741+00	909
\.


--
-- Data for Name: yard.crew; Type: TABLE DATA; Schema: pageladder_log; Owner: -
--

COPY pageladder_log."yard.crew" (no, name, pay, "pl.xid", "pl.side", "pl.cut", "pl.lacks") FROM stdin;
\.


--
-- Data for Name: boats; Type: TABLE DATA; Schema: yard; Owner: -
--

COPY yard.boats (no, name, fee, at, day, big, ready, tags, code, raw) FROM stdin;
1	boat 1	0.25	2026-03-01 01:00:00+00	2026-03-02	1000000000000	f	{a,b}	c4ca4238-a0b9-2382-0dcc-509a6f75849b	{"n": 1}
2	boat 2	0.50	2026-03-01 02:00:00+00	2026-03-03	2000000000000	t	{a,b}	c81e728d-9d4c-2f63-6f06-7f89cc14862c	{"n": 1}
3	boat 3	0.75	2026-03-01 03:00:00+00	2026-03-04	3000000000000	f	{a,b}	eccbc87e-4b5c-e2fe-2830-8fd9f2a7baf3	{"n": 1}
4	boat 4	1.00	2026-03-01 04:00:00+00	2026-03-05	4000000000000	t	{a,b}	a87ff679-a2f3-e71d-9181-a67b7542122c	{"n": 1}
5	boat 5	1.25	2026-03-01 05:00:00+00	2026-03-06	5000000000000	f	{a,b}	e4da3b7f-bbce-2345-d777-2b0674a318d5	{"n": 1}
6	boat 6	1.50	2026-03-01 06:00:00+00	2026-03-07	6000000000000	t	{a,b}	1679091c-5a88-0faf-6fb5-e6087eb1b2dc	{"n": 1}
7	\N	1.75	2026-03-01 07:00:00+00	2026-03-08	7000000000000	f	{a,b}	8f14e45f-ceea-167a-5a36-dedd4bea2543	{"n": 1}
8	boat 8	2.00	2026-03-01 08:00:00+00	2026-03-09	8000000000000	t	{a,b}	c9f0f895-fb98-ab91-59f5-1fd0297e236d	{"n": 1}
9	boat 9	2.25	2026-03-01 09:00:00+00	2026-03-10	9000000000000	f	{a,b}	45c48cce-2e2d-7fbd-ea1a-fc51c7c6ad26	{"n": 1}
10	boat 10	2.50	2026-03-01 10:00:00+00	2026-03-11	10000000000000	t	{a,b}	d3d94468-02a4-4259-755d-38e6d163e820	{"n": 1}
11	boat 11	2.75	2026-03-01 11:00:00+00	2026-03-12	11000000000000	f	{a,b}	6512bd43-d9ca-a6e0-2c99-0b0a82652dca	{"n": 1}
12	boat 12	3.00	2026-03-01 12:00:00+00	2026-03-13	12000000000000	t	{a,b}	c20ad4d7-6fe9-7759-aa27-a0c99bff6710	{"n": 1}
13	boat 13	3.25	2026-03-01 13:00:00+00	2026-03-14	13000000000000	f	{a,b}	c51ce410-c124-a10e-0db5-e4b97fc2af39	{"n": 1}
14	\N	3.50	2026-03-01 14:00:00+00	2026-03-15	14000000000000	t	{a,b}	aab32389-22bc-c25a-6f60-6eb525ffdc56	{"n": 1}
15	boat 15	3.75	2026-03-01 15:00:00+00	2026-03-16	15000000000000	f	{a,b}	9bf31c7f-f062-936a-96d3-c8bd1f8f2ff3	{"n": 1}
16	boat 16	4.00	2026-03-01 16:00:00+00	2026-03-17	16000000000000	t	{a,b}	c74d97b0-1eae-257e-44aa-9d5bade97baf	{"n": 1}
17	boat 17	4.25	2026-03-01 17:00:00+00	2026-03-18	17000000000000	f	{a,b}	70efdf2e-c9b0-8607-9795-c442636b55fb	{"n": 1}
18	boat 18	4.50	2026-03-01 18:00:00+00	2026-03-19	18000000000000	t	{a,b}	6f4922f4-5568-161a-8cdf-4ad2299f6d23	{"n": 1}
19	boat 19	4.75	2026-03-01 19:00:00+00	2026-03-20	19000000000000	f	{a,b}	1f0e3dad-9990-8345-f743-9f8ffabdffc4	{"n": 1}
20	boat 20	5.00	2026-03-01 20:00:00+00	2026-03-21	20000000000000	t	{a,b}	98f13708-2101-94c4-7568-7be6106a3b84	{"n": 1}
21	\N	5.25	2026-03-01 21:00:00+00	2026-03-22	21000000000000	f	{a,b}	3c59dc04-8e88-5024-3be8-079a5c74d079	{"n": 1}
22	boat 22	5.50	2026-03-01 22:00:00+00	2026-03-23	22000000000000	t	{a,b}	b6d767d2-f8ed-5d21-a44b-0e5886680cb9	{"n": 1}
23	boat 23	5.75	2026-03-01 23:00:00+00	2026-03-24	23000000000000	f	{a,b}	37693cfc-7480-49e4-5d87-b8c7d8b9aacd	{"n": 1}
24	boat 24	6.00	2026-03-02 00:00:00+00	2026-03-25	24000000000000	t	{a,b}	1ff1de77-4005-f8da-13f4-2943881c655f	{"n": 1}
25	boat 25	6.25	2026-03-02 01:00:00+00	2026-03-26	25000000000000	f	{a,b}	8e296a06-7a37-5633-70de-d05f5a3bf3ec	{"n": 1}
26	boat 26	6.50	2026-03-02 02:00:00+00	2026-03-27	26000000000000	t	{a,b}	4e732ced-3463-d06d-e0ca-9a15b6153677	{"n": 1}
27	boat 27	6.75	2026-03-02 03:00:00+00	2026-03-28	27000000000000	f	{a,b}	02e74f10-e032-7ad8-68d1-38f2b4fdd6f0	{"n": 1}
28	\N	7.00	2026-03-02 04:00:00+00	2026-03-29	28000000000000	t	{a,b}	33e75ff0-9dd6-01bb-e69f-351039152189	{"n": 1}
29	boat 29	7.25	2026-03-02 05:00:00+00	2026-03-30	29000000000000	f	{a,b}	6ea9ab1b-aa0e-fb9e-1909-4440c317e21b	{"n": 1}
30	boat 30	7.50	2026-03-02 06:00:00+00	2026-03-31	30000000000000	t	{a,b}	34173cb3-8f07-f89d-dbeb-c2ac9128303f	{"n": 1}
31	boat 31	7.75	2026-03-02 07:00:00+00	2026-04-01	31000000000000	f	{a,b}	c16a5320-fa47-5530-d958-3c34fd356ef5	{"n": 1}
32	boat 32	8.00	2026-03-02 08:00:00+00	2026-04-02	32000000000000	t	{a,b}	6364d3f0-f495-b6ab-9dcf-8d3b5c6e0b01	{"n": 1}
33	boat 33	8.25	2026-03-02 09:00:00+00	2026-04-03	33000000000000	f	{a,b}	182be0c5-cdcd-5072-bb18-64cdee4d3d6e	{"n": 1}
34	boat 34	8.50	2026-03-02 10:00:00+00	2026-04-04	34000000000000	t	{a,b}	e369853d-f766-fa44-e1ed-0ff613f563bd	{"n": 1}
35	\N	8.75	2026-03-02 11:00:00+00	2026-04-05	35000000000000	f	{a,b}	1c383cd3-0b7c-298a-b502-93adfecb7b18	{"n": 1}
36	boat 36	9.00	2026-03-02 12:00:00+00	2026-04-06	36000000000000	t	{a,b}	19ca14e7-ea63-28a4-2e0e-b13d585e4c22	{"n": 1}
37	boat 37	9.25	2026-03-02 13:00:00+00	2026-04-07	37000000000000	f	{a,b}	a5bfc9e0-7964-f8dd-deb9-5fc584cd965d	{"n": 1}
38	boat 38	9.50	2026-03-02 14:00:00+00	2026-04-08	38000000000000	t	{a,b}	a5771bce-93e2-00c3-6f7c-d9dfd0e5deaa	{"n": 1}
39	boat 39	9.75	2026-03-02 15:00:00+00	2026-04-09	39000000000000	f	{a,b}	d67d8ab4-f4c1-0bf2-2aa3-53e27879133c	{"n": 1}
40	boat 40	10.00	2026-03-02 16:00:00+00	2026-04-10	40000000000000	t	{a,b}	d645920e-395f-edad-7bbb-ed0eca3fe2e0	{"n": 1}
41	boat 41	10.25	2026-03-02 17:00:00+00	2026-04-11	41000000000000	f	{a,b}	3416a75f-4cea-9109-507c-acd8e2f2aefc	{"n": 1}
42	\N	10.50	2026-03-02 18:00:00+00	2026-04-12	42000000000000	t	{a,b}	a1d0c6e8-3f02-7327-d846-1063f4ac58a6	{"n": 1}
43	boat 43	10.75	2026-03-02 19:00:00+00	2026-04-13	43000000000000	f	{a,b}	17e62166-fc85-86df-a4d1-bc0e1742c08b	{"n": 1}
44	boat 44	11.00	2026-03-02 20:00:00+00	2026-04-14	44000000000000	t	{a,b}	f7177163-c833-dff4-b38f-c8d2872f1ec6	{"n": 1}
45	boat 45	11.25	2026-03-02 21:00:00+00	2026-04-15	45000000000000	f	{a,b}	6c8349cc-7260-ae62-e3b1-396831a8398f	{"n": 1}
46	boat 46	11.50	2026-03-02 22:00:00+00	2026-04-16	46000000000000	t	{a,b}	d9d4f495-e875-a2e0-75a1-a4a6e1b9770f	{"n": 1}
47	boat 47	11.75	2026-03-02 23:00:00+00	2026-04-17	47000000000000	f	{a,b}	67c6a1e7-ce56-d3d6-fa74-8ab6d9af3fd7	{"n": 1}
48	boat 48	12.00	2026-03-03 00:00:00+00	2026-04-18	48000000000000	t	{a,b}	642e92ef-b794-2173-4881-b53e1e1b18b6	{"n": 1}
49	\N	12.25	2026-03-03 01:00:00+00	2026-04-19	49000000000000	f	{a,b}	f457c545-a9de-d88f-18ec-ee47145a72c0	{"n": 1}
50	boat 50	12.50	2026-03-03 02:00:00+00	2026-04-20	50000000000000	t	{a,b}	c0c7c76d-30bd-3dca-efc9-6f40275bdc0a	{"n": 1}
51	boat 51	12.75	2026-03-03 03:00:00+00	2026-04-21	51000000000000	f	{a,b}	2838023a-778d-faec-dc21-2708f721b788	{"n": 1}
52	boat 52	13.00	2026-03-03 04:00:00+00	2026-04-22	52000000000000	t	{a,b}	9a115815-4dfa-42ca-ddbd-0694a4e9bdc8	{"n": 1}
53	boat 53	13.25	2026-03-03 05:00:00+00	2026-04-23	53000000000000	f	{a,b}	d82c8d16-19ad-8176-d665-453cfb2e55f0	{"n": 1}
54	boat 54	13.50	2026-03-03 06:00:00+00	2026-04-24	54000000000000	t	{a,b}	a684ecee-e76f-c522-7732-86a895bc8436	{"n": 1}
55	boat 55	13.75	2026-03-03 07:00:00+00	2026-04-25	55000000000000	f	{a,b}	b53b3a3d-6ab9-0ce0-2682-29151c9bde11	{"n": 1}
56	\N	14.00	2026-03-03 08:00:00+00	2026-04-26	56000000000000	t	{a,b}	9f61408e-3afb-633e-50cd-f1b20de6f466	{"n": 1}
57	boat 57	14.25	2026-03-03 09:00:00+00	2026-04-27	57000000000000	f	{a,b}	72b32a1f-754b-a1c0-9b36-95e0cb6cde7f	{"n": 1}
58	boat 58	14.50	2026-03-03 10:00:00+00	2026-04-28	58000000000000	t	{a,b}	66f041e1-6a60-928b-05a7-e228a89c3799	{"n": 1}
59	boat 59	14.75	2026-03-03 11:00:00+00	2026-04-29	59000000000000	f	{a,b}	093f65e0-80a2-95f8-076b-1c5722a46aa2	{"n": 1}
60	boat 60	15.00	2026-03-03 12:00:00+00	2026-04-30	60000000000000	t	{a,b}	072b030b-a126-b2f4-b237-4f342be9ed44	{"n": 1}
61	boat 61	15.25	2026-03-03 13:00:00+00	2026-05-01	61000000000000	f	{a,b}	7f39f831-7fbd-b198-8ef4-c628eba02591	{"n": 1}
62	boat 62	15.50	2026-03-03 14:00:00+00	2026-05-02	62000000000000	t	{a,b}	44f683a8-4163-b352-3afe-57c2e008bc8c	{"n": 1}
63	\N	15.75	2026-03-03 15:00:00+00	2026-05-03	63000000000000	f	{a,b}	03afdbd6-6e79-29b1-25f8-597834fa83a4	{"n": 1}
64	boat 64	16.00	2026-03-03 16:00:00+00	2026-05-04	64000000000000	t	{a,b}	ea5d2f1c-4608-232e-07d3-aa3d998e5135	{"n": 1}
65	boat 65	16.25	2026-03-03 17:00:00+00	2026-05-05	65000000000000	f	{a,b}	fc490ca4-5c00-b124-9bbe-3554a4fdf6fb	{"n": 1}
66	boat 66	16.50	2026-03-03 18:00:00+00	2026-05-06	66000000000000	t	{a,b}	3295c76a-cbf4-caae-d33c-36b1b5fc2cb1	{"n": 1}
67	boat 67	16.75	2026-03-03 19:00:00+00	2026-05-07	67000000000000	f	{a,b}	735b90b4-5681-25ed-6c3f-678819b6e058	{"n": 1}
68	boat 68	17.00	2026-03-03 20:00:00+00	2026-05-08	68000000000000	t	{a,b}	a3f390d8-8e4c-41f2-747b-fa2f1b5f87db	{"n": 1}
69	boat 69	17.25	2026-03-03 21:00:00+00	2026-05-09	69000000000000	f	{a,b}	14bfa6bb-1487-5e45-bba0-28a21ed38046	{"n": 1}
70	\N	17.50	2026-03-03 22:00:00+00	2026-05-10	70000000000000	t	{a,b}	7cbbc409-ec99-0f19-c78c-75bd1e06f215	{"n": 1}
71	boat 71	17.75	2026-03-03 23:00:00+00	2026-05-11	71000000000000	f	{a,b}	e2c420d9-28d4-bf8c-e0ff-2ec19b371514	{"n": 1}
72	boat 72	18.00	2026-03-04 00:00:00+00	2026-05-12	72000000000000	t	{a,b}	32bb90e8-976a-ab52-98d5-da10fe66f21d	{"n": 1}
73	boat 73	18.25	2026-03-04 01:00:00+00	2026-05-13	73000000000000	f	{a,b}	d2ddea18-f006-65ce-8623-e36bd4e3c7c5	{"n": 1}
74	boat 74	18.50	2026-03-04 02:00:00+00	2026-05-14	74000000000000	t	{a,b}	ad61ab14-3223-efbc-24c7-d2583be69251	{"n": 1}
75	boat 75	18.75	2026-03-04 03:00:00+00	2026-05-15	75000000000000	f	{a,b}	d09bf415-44a3-365a-46c9-077ebb5e35c3	{"n": 1}
76	boat 76	19.00	2026-03-04 04:00:00+00	2026-05-16	76000000000000	t	{a,b}	fbd7939d-6749-97cd-b469-2d34de8633c4	{"n": 1}
77	\N	19.25	2026-03-04 05:00:00+00	2026-05-17	77000000000000	f	{a,b}	28dd2c79-55ce-9264-5624-0b2ff0100bde	{"n": 1}
78	boat 78	19.50	2026-03-04 06:00:00+00	2026-05-18	78000000000000	t	{a,b}	35f4a8d4-65e6-e1ed-c05f-3d8ab658c551	{"n": 1}
79	boat 79	19.75	2026-03-04 07:00:00+00	2026-05-19	79000000000000	f	{a,b}	d1fe173d-08e9-5939-7adf-34b1d77e88d7	{"n": 1}
80	boat 80	20.00	2026-03-04 08:00:00+00	2026-05-20	80000000000000	t	{a,b}	f033ab37-c302-01f7-3f14-2449d037028d	{"n": 1}
81	boat 81	20.25	2026-03-04 09:00:00+00	2026-05-21	81000000000000	f	{a,b}	43ec517d-68b6-edd3-015b-3edc9a11367b	{"n": 1}
82	boat 82	20.50	2026-03-04 10:00:00+00	2026-05-22	82000000000000	t	{a,b}	9778d5d2-19c5-080b-9a6a-17bef029331c	{"n": 1}
83	boat 83	20.75	2026-03-04 11:00:00+00	2026-05-23	83000000000000	f	{a,b}	fe9fc289-c3ff-0af1-42b6-d3bead98a923	{"n": 1}
84	\N	21.00	2026-03-04 12:00:00+00	2026-05-24	84000000000000	t	{a,b}	68d30a95-9472-8bc3-9aa2-4be94b319d21	{"n": 1}
85	boat 85	21.25	2026-03-04 13:00:00+00	2026-05-25	85000000000000	f	{a,b}	3ef81541-6f77-5098-fe97-7004015c6193	{"n": 1}
86	boat 86	21.50	2026-03-04 14:00:00+00	2026-05-26	86000000000000	t	{a,b}	93db85ed-909c-1383-8ff9-5ccfa94cebd9	{"n": 1}
87	boat 87	21.75	2026-03-04 15:00:00+00	2026-05-27	87000000000000	f	{a,b}	c7e1249f-fc03-eb9d-ed90-8c236bd1996d	{"n": 1}
88	boat 88	22.00	2026-03-04 16:00:00+00	2026-05-28	88000000000000	t	{a,b}	2a38a4a9-316c-49e5-a833-517c45d31070	{"n": 1}
89	boat 89	22.25	2026-03-04 17:00:00+00	2026-05-29	89000000000000	f	{a,b}	7647966b-7343-c290-4867-3252e490f736	{"n": 1}
90	boat 90	22.50	2026-03-04 18:00:00+00	2026-05-30	90000000000000	t	{a,b}	8613985e-c49e-b8f7-57ae-6439e879bb2a	{"n": 1}
91	\N	22.75	2026-03-04 19:00:00+00	2026-05-31	91000000000000	f	{a,b}	54229abf-cfa5-649e-7003-b83dd4755294	{"n": 1}
92	boat 92	23.00	2026-03-04 20:00:00+00	2026-06-01	92000000000000	t	{a,b}	92cc2275-32d1-7e56-e079-02b254dfad10	{"n": 1}
93	boat 93	23.25	2026-03-04 21:00:00+00	2026-06-02	93000000000000	f	{a,b}	98dce83d-a57b-0395-e163-467c9dae521b	{"n": 1}
94	boat 94	23.50	2026-03-04 22:00:00+00	2026-06-03	94000000000000	t	{a,b}	f4b9ec30-ad9f-68f8-9b29-639786cb62ef	{"n": 1}
95	boat 95	23.75	2026-03-04 23:00:00+00	2026-06-04	95000000000000	f	{a,b}	812b4ba2-87f5-ee0b-c9d4-3bbf5bbe87fb	{"n": 1}
\.


--
-- Data for Name: crew; Type: TABLE DATA; Schema: yard; Owner: -
--

COPY yard.crew (no, name, pay) FROM stdin;
1	name 1	10
2	name 2	20
3	name 3	30
4	name 4	40
5	name 5	50
6	name 6	60
7	name 7	70
8	name 8	80
9	name 9	90
10	name 10	100
11	name 11	110
12	name 12	120
13	name 13	130
14	name 14	140
15	name 15	150
16	name 16	160
17	name 17	170
18	name 18	180
19	name 19	190
20	name 20	200
21	name 21	210
22	name 22	220
23	name 23	230
24	name 24	240
25	name 25	250
26	name 26	260
27	name 27	270
28	name 28	280
29	name 29	290
30	name 30	300
31	name 31	310
32	name 32	320
33	name 33	330
34	name 34	340
35	name 35	350
36	name 36	360
37	name 37	370
38	name 38	380
39	name 39	390
40	name 0	400
41	name 1	410
42	name 2	420
43	name 3	430
44	name 4	440
45	name 5	450
46	name 6	460
47	name 7	470
48	name 8	480
49	name 9	490
50	name 10	500
51	name 11	510
52	name 12	520
53	name 13	530
54	name 14	540
55	name 15	550
56	name 16	560
57	name 17	570
58	name 18	580
59	name 19	590
60	name 20	600
61	name 21	610
62	name 22	620
63	name 23	630
64	name 24	640
65	name 25	650
66	name 26	660
67	name 27	670
68	name 28	680
69	name 29	690
70	name 30	700
71	name 31	710
72	name 32	720
73	name 33	730
74	name 34	740
75	name 35	750
76	name 36	760
77	name 37	770
78	name 38	780
79	name 39	790
80	name 0	800
81	name 1	810
82	name 2	820
83	name 3	830
84	name 4	840
85	name 5	850
86	name 6	860
87	name 7	870
88	name 8	880
89	name 9	890
90	name 10	900
91	name 11	910
92	name 12	920
93	name 13	930
94	name 14	940
95	name 15	950
\.


--
-- Name: change_log_number; Type: SEQUENCE SET; Schema: pageladder; Owner: -
--

SELECT pg_catalog.setval('pageladder.change_log_number', 20, true);


--
-- Name: changes_10_pl.n_seq; Type: SEQUENCE SET; Schema: pageladder; Owner: -
--

SELECT pg_catalog.setval('pageladder."changes_10_pl.n_seq"', 1, false);


--
-- Name: changes_11_pl.n_seq; Type: SEQUENCE SET; Schema: pageladder; Owner: -
--

SELECT pg_catalog.setval('pageladder."changes_11_pl.n_seq"', 1, false);


--
-- Name: changes_12_pl.n_seq; Type: SEQUENCE SET; Schema: pageladder; Owner: -
--

SELECT pg_catalog.setval('pageladder."changes_12_pl.n_seq"', 1, false);


--
-- Name: changes_13_pl.n_seq; Type: SEQUENCE SET; Schema: pageladder; Owner: -
--

SELECT pg_catalog.setval('pageladder."changes_13_pl.n_seq"', 1, false);


--
-- Name: changes_14_pl.n_seq; Type: SEQUENCE SET; Schema: pageladder; Owner: -
--

SELECT pg_catalog.setval('pageladder."changes_14_pl.n_seq"', 1, false);


--
-- Name: changes_15_pl.n_seq; Type: SEQUENCE SET; Schema: pageladder; Owner: -
--

SELECT pg_catalog.setval('pageladder."changes_15_pl.n_seq"', 1, false);


--
-- Name: changes_16_pl.n_seq; Type: SEQUENCE SET; Schema: pageladder; Owner: -
--

SELECT pg_catalog.setval('pageladder."changes_16_pl.n_seq"', 1, false);


--
-- Name: changes_17_pl.n_seq; Type: SEQUENCE SET; Schema: pageladder; Owner: -
--

SELECT pg_catalog.setval('pageladder."changes_17_pl.n_seq"', 1, false);


--
-- Name: changes_18_pl.n_seq; Type: SEQUENCE SET; Schema: pageladder; Owner: -
--

SELECT pg_catalog.setval('pageladder."changes_18_pl.n_seq"', 1, true);


--
-- Name: changes_19_pl.n_seq; Type: SEQUENCE SET; Schema: pageladder; Owner: -
--

SELECT pg_catalog.setval('pageladder."changes_19_pl.n_seq"', 1, false);


--
-- Name: changes_1_pl.n_seq; Type: SEQUENCE SET; Schema: pageladder; Owner: -
--

SELECT pg_catalog.setval('pageladder."changes_1_pl.n_seq"', 1, false);


--
-- Name: changes_20_pl.n_seq; Type: SEQUENCE SET; Schema: pageladder; Owner: -
--

SELECT pg_catalog.setval('pageladder."changes_20_pl.n_seq"', 1, false);


--
-- Name: changes_2_pl.n_seq; Type: SEQUENCE SET; Schema: pageladder; Owner: -
--

SELECT pg_catalog.setval('pageladder."changes_2_pl.n_seq"', 3, true);


--
-- Name: changes_3_pl.n_seq; Type: SEQUENCE SET; Schema: pageladder; Owner: -
--

SELECT pg_catalog.setval('pageladder."changes_3_pl.n_seq"', 1, false);


--
-- Name: changes_4_pl.n_seq; Type: SEQUENCE SET; Schema: pageladder; Owner: -
--

SELECT pg_catalog.setval('pageladder."changes_4_pl.n_seq"', 1, false);


--
-- Name: changes_5_pl.n_seq; Type: SEQUENCE SET; Schema: pageladder; Owner: -
--

SELECT pg_catalog.setval('pageladder."changes_5_pl.n_seq"', 1, false);


--
-- Name: changes_6_pl.n_seq; Type: SEQUENCE SET; Schema: pageladder; Owner: -
--

SELECT pg_catalog.setval('pageladder."changes_6_pl.n_seq"', 1, false);


--
-- Name: changes_7_pl.n_seq; Type: SEQUENCE SET; Schema: pageladder; Owner: -
--

SELECT pg_catalog.setval('pageladder."changes_7_pl.n_seq"', 1, false);


--
-- Name: changes_8_pl.n_seq; Type: SEQUENCE SET; Schema: pageladder; Owner: -
--

SELECT pg_catalog.setval('pageladder."changes_8_pl.n_seq"', 1, false);


--
-- Name: changes_9_pl.n_seq; Type: SEQUENCE SET; Schema: pageladder; Owner: -
--

SELECT pg_catalog.setval('pageladder."changes_9_pl.n_seq"', 1, false);


--
-- Name: mark_number; Type: SEQUENCE SET; Schema: pageladder; Owner: -
--

SELECT pg_catalog.setval('pageladder.mark_number', 1, true);


--
-- Name: record_table_number; Type: SEQUENCE SET; Schema: pageladder; Owner: -
--

SELECT pg_catalog.setval('pageladder.record_table_number', 20, true);


--
-- Name: token_id_seq; Type: SEQUENCE SET; Schema: pageladder; Owner: -
--

SELECT pg_catalog.setval('pageladder.token_id_seq', 6, true);


--
-- Name: failed; Type: SEQUENCE SET; Schema: pageladder_log; Owner: -
--

SELECT pg_catalog.setval('pageladder_log.failed', 1, false);


--
-- Name: change_log change_log_log_table_key; Type: CONSTRAINT; Schema: pageladder; Owner: -
--

ALTER TABLE ONLY pageladder.change_log
    ADD CONSTRAINT change_log_log_table_key UNIQUE (log_table);


--
-- Name: change_log change_log_pkey; Type: CONSTRAINT; Schema: pageladder; Owner: -
--

ALTER TABLE ONLY pageladder.change_log
    ADD CONSTRAINT change_log_pkey PRIMARY KEY (record_table);


--
-- Name: change_seen change_seen_pkey; Type: CONSTRAINT; Schema: pageladder; Owner: -
--

ALTER TABLE ONLY pageladder.change_seen
    ADD CONSTRAINT change_seen_pkey PRIMARY KEY (record_table, version);


--
-- Name: changes_10 changes_10_pkey; Type: CONSTRAINT; Schema: pageladder; Owner: -
--

ALTER TABLE ONLY pageladder.changes_10
    ADD CONSTRAINT changes_10_pkey PRIMARY KEY ("pl.version", "pl.n");


--
-- Name: changes_11 changes_11_pkey; Type: CONSTRAINT; Schema: pageladder; Owner: -
--

ALTER TABLE ONLY pageladder.changes_11
    ADD CONSTRAINT changes_11_pkey PRIMARY KEY ("pl.version", "pl.n");


--
-- Name: changes_12 changes_12_pkey; Type: CONSTRAINT; Schema: pageladder; Owner: -
--

ALTER TABLE ONLY pageladder.changes_12
    ADD CONSTRAINT changes_12_pkey PRIMARY KEY ("pl.version", "pl.n");


--
-- Name: changes_13 changes_13_pkey; Type: CONSTRAINT; Schema: pageladder; Owner: -
--

ALTER TABLE ONLY pageladder.changes_13
    ADD CONSTRAINT changes_13_pkey PRIMARY KEY ("pl.version", "pl.n");


--
-- Name: changes_14 changes_14_pkey; Type: CONSTRAINT; Schema: pageladder; Owner: -
--

ALTER TABLE ONLY pageladder.changes_14
    ADD CONSTRAINT changes_14_pkey PRIMARY KEY ("pl.version", "pl.n");


--
-- Name: changes_15 changes_15_pkey; Type: CONSTRAINT; Schema: pageladder; Owner: -
--

ALTER TABLE ONLY pageladder.changes_15
    ADD CONSTRAINT changes_15_pkey PRIMARY KEY ("pl.version", "pl.n");


--
-- Name: changes_16 changes_16_pkey; Type: CONSTRAINT; Schema: pageladder; Owner: -
--

ALTER TABLE ONLY pageladder.changes_16
    ADD CONSTRAINT changes_16_pkey PRIMARY KEY ("pl.version", "pl.n");


--
-- Name: changes_17 changes_17_pkey; Type: CONSTRAINT; Schema: pageladder; Owner: -
--

ALTER TABLE ONLY pageladder.changes_17
    ADD CONSTRAINT changes_17_pkey PRIMARY KEY ("pl.version", "pl.n");


--
-- Name: changes_18 changes_18_pkey; Type: CONSTRAINT; Schema: pageladder; Owner: -
--

ALTER TABLE ONLY pageladder.changes_18
    ADD CONSTRAINT changes_18_pkey PRIMARY KEY ("pl.version", "pl.n");


--
-- Name: changes_19 changes_19_pkey; Type: CONSTRAINT; Schema: pageladder; Owner: -
--

ALTER TABLE ONLY pageladder.changes_19
    ADD CONSTRAINT changes_19_pkey PRIMARY KEY ("pl.version", "pl.n");


--
-- Name: changes_1 changes_1_pkey; Type: CONSTRAINT; Schema: pageladder; Owner: -
--

ALTER TABLE ONLY pageladder.changes_1
    ADD CONSTRAINT changes_1_pkey PRIMARY KEY ("pl.version", "pl.n");


--
-- Name: changes_20 changes_20_pkey; Type: CONSTRAINT; Schema: pageladder; Owner: -
--

ALTER TABLE ONLY pageladder.changes_20
    ADD CONSTRAINT changes_20_pkey PRIMARY KEY ("pl.version", "pl.n");


--
-- Name: changes_2 changes_2_pkey; Type: CONSTRAINT; Schema: pageladder; Owner: -
--

ALTER TABLE ONLY pageladder.changes_2
    ADD CONSTRAINT changes_2_pkey PRIMARY KEY ("pl.version", "pl.n");


--
-- Name: changes_3 changes_3_pkey; Type: CONSTRAINT; Schema: pageladder; Owner: -
--

ALTER TABLE ONLY pageladder.changes_3
    ADD CONSTRAINT changes_3_pkey PRIMARY KEY ("pl.version", "pl.n");


--
-- Name: changes_4 changes_4_pkey; Type: CONSTRAINT; Schema: pageladder; Owner: -
--

ALTER TABLE ONLY pageladder.changes_4
    ADD CONSTRAINT changes_4_pkey PRIMARY KEY ("pl.version", "pl.n");


--
-- Name: changes_5 changes_5_pkey; Type: CONSTRAINT; Schema: pageladder; Owner: -
--

ALTER TABLE ONLY pageladder.changes_5
    ADD CONSTRAINT changes_5_pkey PRIMARY KEY ("pl.version", "pl.n");


--
-- Name: changes_6 changes_6_pkey; Type: CONSTRAINT; Schema: pageladder; Owner: -
--

ALTER TABLE ONLY pageladder.changes_6
    ADD CONSTRAINT changes_6_pkey PRIMARY KEY ("pl.version", "pl.n");


--
-- Name: changes_7 changes_7_pkey; Type: CONSTRAINT; Schema: pageladder; Owner: -
--

ALTER TABLE ONLY pageladder.changes_7
    ADD CONSTRAINT changes_7_pkey PRIMARY KEY ("pl.version", "pl.n");


--
-- Name: changes_8 changes_8_pkey; Type: CONSTRAINT; Schema: pageladder; Owner: -
--

ALTER TABLE ONLY pageladder.changes_8
    ADD CONSTRAINT changes_8_pkey PRIMARY KEY ("pl.version", "pl.n");


--
-- Name: changes_9 changes_9_pkey; Type: CONSTRAINT; Schema: pageladder; Owner: -
--

ALTER TABLE ONLY pageladder.changes_9
    ADD CONSTRAINT changes_9_pkey PRIMARY KEY ("pl.version", "pl.n");


--
-- Name: cursor_key cursor_key_pkey; Type: CONSTRAINT; Schema: pageladder; Owner: -
--

ALTER TABLE ONLY pageladder.cursor_key
    ADD CONSTRAINT cursor_key_pkey PRIMARY KEY (one);


--
-- Name: epoch epoch_pkey; Type: CONSTRAINT; Schema: pageladder; Owner: -
--

ALTER TABLE ONLY pageladder.epoch
    ADD CONSTRAINT epoch_pkey PRIMARY KEY (one);


--
-- Name: index_failure index_failure_pkey; Type: CONSTRAINT; Schema: pageladder; Owner: -
--

ALTER TABLE ONLY pageladder.index_failure
    ADD CONSTRAINT index_failure_pkey PRIMARY KEY (index_name);


--
-- Name: mark mark_pkey; Type: CONSTRAINT; Schema: pageladder; Owner: -
--

ALTER TABLE ONLY pageladder.mark
    ADD CONSTRAINT mark_pkey PRIMARY KEY (number);


--
-- Name: record_set record_set_pkey; Type: CONSTRAINT; Schema: pageladder; Owner: -
--

ALTER TABLE ONLY pageladder.record_set
    ADD CONSTRAINT record_set_pkey PRIMARY KEY (name);


--
-- Name: records_10 records_10_pkey; Type: CONSTRAINT; Schema: pageladder; Owner: -
--

ALTER TABLE ONLY pageladder.records_10
    ADD CONSTRAINT records_10_pkey PRIMARY KEY (id);


--
-- Name: records_11 records_11_pkey; Type: CONSTRAINT; Schema: pageladder; Owner: -
--

ALTER TABLE ONLY pageladder.records_11
    ADD CONSTRAINT records_11_pkey PRIMARY KEY (id);


--
-- Name: records_12 records_12_pkey; Type: CONSTRAINT; Schema: pageladder; Owner: -
--

ALTER TABLE ONLY pageladder.records_12
    ADD CONSTRAINT records_12_pkey PRIMARY KEY (id);


--
-- Name: records_13 records_13_pkey; Type: CONSTRAINT; Schema: pageladder; Owner: -
--

ALTER TABLE ONLY pageladder.records_13
    ADD CONSTRAINT records_13_pkey PRIMARY KEY (id);


--
-- Name: records_14 records_14_pkey; Type: CONSTRAINT; Schema: pageladder; Owner: -
--

ALTER TABLE ONLY pageladder.records_14
    ADD CONSTRAINT records_14_pkey PRIMARY KEY (id);


--
-- Name: records_15 records_15_pkey; Type: CONSTRAINT; Schema: pageladder; Owner: -
--

ALTER TABLE ONLY pageladder.records_15
    ADD CONSTRAINT records_15_pkey PRIMARY KEY (id);


--
-- Name: records_16 records_16_pkey; Type: CONSTRAINT; Schema: pageladder; Owner: -
--

ALTER TABLE ONLY pageladder.records_16
    ADD CONSTRAINT records_16_pkey PRIMARY KEY (id);


--
-- Name: records_17 records_17_pkey; Type: CONSTRAINT; Schema: pageladder; Owner: -
--

ALTER TABLE ONLY pageladder.records_17
    ADD CONSTRAINT records_17_pkey PRIMARY KEY (id);


--
-- Name: records_18 records_18_pkey; Type: CONSTRAINT; Schema: pageladder; Owner: -
--

ALTER TABLE ONLY pageladder.records_18
    ADD CONSTRAINT records_18_pkey PRIMARY KEY (id);


--
-- Name: records_19 records_19_pkey; Type: CONSTRAINT; Schema: pageladder; Owner: -
--

ALTER TABLE ONLY pageladder.records_19
    ADD CONSTRAINT records_19_pkey PRIMARY KEY (id);


--
-- Name: records_1 records_1_pkey; Type: CONSTRAINT; Schema: pageladder; Owner: -
--

ALTER TABLE ONLY pageladder.records_1
    ADD CONSTRAINT records_1_pkey PRIMARY KEY (id);


--
-- Name: records_20 records_20_pkey; Type: CONSTRAINT; Schema: pageladder; Owner: -
--

ALTER TABLE ONLY pageladder.records_20
    ADD CONSTRAINT records_20_pkey PRIMARY KEY (id);


--
-- Name: records_2 records_2_pkey; Type: CONSTRAINT; Schema: pageladder; Owner: -
--

ALTER TABLE ONLY pageladder.records_2
    ADD CONSTRAINT records_2_pkey PRIMARY KEY (id);


--
-- Name: records_3 records_3_pkey; Type: CONSTRAINT; Schema: pageladder; Owner: -
--

ALTER TABLE ONLY pageladder.records_3
    ADD CONSTRAINT records_3_pkey PRIMARY KEY (code);


--
-- Name: records_4 records_4_pkey; Type: CONSTRAINT; Schema: pageladder; Owner: -
--

ALTER TABLE ONLY pageladder.records_4
    ADD CONSTRAINT records_4_pkey PRIMARY KEY (id);


--
-- Name: records_5 records_5_pkey; Type: CONSTRAINT; Schema: pageladder; Owner: -
--

ALTER TABLE ONLY pageladder.records_5
    ADD CONSTRAINT records_5_pkey PRIMARY KEY (id);


--
-- Name: records_6 records_6_pkey; Type: CONSTRAINT; Schema: pageladder; Owner: -
--

ALTER TABLE ONLY pageladder.records_6
    ADD CONSTRAINT records_6_pkey PRIMARY KEY (id);


--
-- Name: records_7 records_7_pkey; Type: CONSTRAINT; Schema: pageladder; Owner: -
--

ALTER TABLE ONLY pageladder.records_7
    ADD CONSTRAINT records_7_pkey PRIMARY KEY (id);


--
-- Name: records_8 records_8_pkey; Type: CONSTRAINT; Schema: pageladder; Owner: -
--

ALTER TABLE ONLY pageladder.records_8
    ADD CONSTRAINT records_8_pkey PRIMARY KEY (id);


--
-- Name: records_9 records_9_pkey; Type: CONSTRAINT; Schema: pageladder; Owner: -
--

ALTER TABLE ONLY pageladder.records_9
    ADD CONSTRAINT records_9_pkey PRIMARY KEY (id);


--
-- Name: removed_set removed_set_pkey; Type: CONSTRAINT; Schema: pageladder; Owner: -
--

ALTER TABLE ONLY pageladder.removed_set
    ADD CONSTRAINT removed_set_pkey PRIMARY KEY (name);


--
-- Name: replaced_table replaced_table_pkey; Type: CONSTRAINT; Schema: pageladder; Owner: -
--

ALTER TABLE ONLY pageladder.replaced_table
    ADD CONSTRAINT replaced_table_pkey PRIMARY KEY (record_table);


--
-- Name: session session_pkey; Type: CONSTRAINT; Schema: pageladder; Owner: -
--

ALTER TABLE ONLY pageladder.session
    ADD CONSTRAINT session_pkey PRIMARY KEY (hash);


--
-- Name: sign_in sign_in_pkey; Type: CONSTRAINT; Schema: pageladder; Owner: -
--

ALTER TABLE ONLY pageladder.sign_in
    ADD CONSTRAINT sign_in_pkey PRIMARY KEY (hash);


--
-- Name: token token_hash_key; Type: CONSTRAINT; Schema: pageladder; Owner: -
--

ALTER TABLE ONLY pageladder.token
    ADD CONSTRAINT token_hash_key UNIQUE (hash);


--
-- Name: token token_pkey; Type: CONSTRAINT; Schema: pageladder; Owner: -
--

ALTER TABLE ONLY pageladder.token
    ADD CONSTRAINT token_pkey PRIMARY KEY (id);


--
-- Name: withdrawn withdrawn_pkey; Type: CONSTRAINT; Schema: pageladder; Owner: -
--

ALTER TABLE ONLY pageladder.withdrawn
    ADD CONSTRAINT withdrawn_pkey PRIMARY KEY (set_name, key);


--
-- Name: followed followed_pkey; Type: CONSTRAINT; Schema: pageladder_log; Owner: -
--

ALTER TABLE ONLY pageladder_log.followed
    ADD CONSTRAINT followed_pkey PRIMARY KEY (log);


--
-- Name: boats boats_pkey; Type: CONSTRAINT; Schema: yard; Owner: -
--

ALTER TABLE ONLY yard.boats
    ADD CONSTRAINT boats_pkey PRIMARY KEY (no);


--
-- Name: crew crew_pkey; Type: CONSTRAINT; Schema: yard; Owner: -
--

ALTER TABLE ONLY yard.crew
    ADD CONSTRAINT crew_pkey PRIMARY KEY (no);


--
-- Name: mark_at_idx; Type: INDEX; Schema: pageladder; Owner: -
--

CREATE INDEX mark_at_idx ON pageladder.mark USING btree (at);


--
-- Name: records_10_1a31770ea7e9600d; Type: INDEX; Schema: pageladder; Owner: -
--

CREATE INDEX records_10_1a31770ea7e9600d ON pageladder.records_10 USING btree (tonnage, id);


--
-- Name: records_11_7cbf43d7500d9ab4; Type: INDEX; Schema: pageladder; Owner: -
--

CREATE INDEX records_11_7cbf43d7500d9ab4 ON pageladder.records_11 USING btree (berth, id);


--
-- Name: records_11_d5597ff15d328a41; Type: INDEX; Schema: pageladder; Owner: -
--

CREATE INDEX records_11_d5597ff15d328a41 ON pageladder.records_11 USING gin (vessel pageladder.gin_trgm_ops);


--
-- Name: records_11_deb2dd8ee74cc0c5; Type: INDEX; Schema: pageladder; Owner: -
--

CREATE INDEX records_11_deb2dd8ee74cc0c5 ON pageladder.records_11 USING btree (vessel, id);


--
-- Name: records_11_ef03569e3387f970; Type: INDEX; Schema: pageladder; Owner: -
--

CREATE INDEX records_11_ef03569e3387f970 ON pageladder.records_11 USING gin (berth pageladder.gin_trgm_ops);


--
-- Name: records_12_1a31770ea7e9600d; Type: INDEX; Schema: pageladder; Owner: -
--

CREATE INDEX records_12_1a31770ea7e9600d ON pageladder.records_12 USING btree (tonnage, id);


--
-- Name: records_12_deb2dd8ee74cc0c5; Type: INDEX; Schema: pageladder; Owner: -
--

CREATE INDEX records_12_deb2dd8ee74cc0c5 ON pageladder.records_12 USING btree (vessel, id);


--
-- Name: records_13_1a31770ea7e9600d; Type: INDEX; Schema: pageladder; Owner: -
--

CREATE INDEX records_13_1a31770ea7e9600d ON pageladder.records_13 USING btree (tonnage, id);


--
-- Name: records_13_7cbf43d7500d9ab4; Type: INDEX; Schema: pageladder; Owner: -
--

CREATE INDEX records_13_7cbf43d7500d9ab4 ON pageladder.records_13 USING btree (berth, id);


--
-- Name: records_13_c1dd59cf962949bd; Type: INDEX; Schema: pageladder; Owner: -
--

CREATE INDEX records_13_c1dd59cf962949bd ON pageladder.records_13 USING gin (array_to_tsvector(pageladder.words(((COALESCE(vessel, ''::text) || ' '::text) || COALESCE(note, ''::text)))));


--
-- Name: records_13_d2e98b9ebcf7f267; Type: INDEX; Schema: pageladder; Owner: -
--

CREATE INDEX records_13_d2e98b9ebcf7f267 ON pageladder.records_13 USING btree (berth, arrived_at, id);


--
-- Name: records_13_ef03569e3387f970; Type: INDEX; Schema: pageladder; Owner: -
--

CREATE INDEX records_13_ef03569e3387f970 ON pageladder.records_13 USING gin (berth pageladder.gin_trgm_ops);


--
-- Name: records_16_1a31770ea7e9600d; Type: INDEX; Schema: pageladder; Owner: -
--

CREATE INDEX records_16_1a31770ea7e9600d ON pageladder.records_16 USING btree (tonnage, id);


--
-- Name: records_16_33c69594ccfca1c5; Type: INDEX; Schema: pageladder; Owner: -
--

CREATE INDEX records_16_33c69594ccfca1c5 ON pageladder.records_16 USING btree (cleared, id);


--
-- Name: records_16_47667b90fca0b88d; Type: INDEX; Schema: pageladder; Owner: -
--

CREATE INDEX records_16_47667b90fca0b88d ON pageladder.records_16 USING gin (cargo pageladder.gin_trgm_ops);


--
-- Name: records_16_7cbf43d7500d9ab4; Type: INDEX; Schema: pageladder; Owner: -
--

CREATE INDEX records_16_7cbf43d7500d9ab4 ON pageladder.records_16 USING btree (berth, id);


--
-- Name: records_16_b951883aa3d38084; Type: INDEX; Schema: pageladder; Owner: -
--

CREATE INDEX records_16_b951883aa3d38084 ON pageladder.records_16 USING btree (arrived_at, id);


--
-- Name: records_16_c1dd59cf962949bd; Type: INDEX; Schema: pageladder; Owner: -
--

CREATE INDEX records_16_c1dd59cf962949bd ON pageladder.records_16 USING gin (array_to_tsvector(pageladder.words(((COALESCE(vessel, ''::text) || ' '::text) || COALESCE(note, ''::text)))));


--
-- Name: records_16_d5597ff15d328a41; Type: INDEX; Schema: pageladder; Owner: -
--

CREATE INDEX records_16_d5597ff15d328a41 ON pageladder.records_16 USING gin (vessel pageladder.gin_trgm_ops);


--
-- Name: records_16_d6a7da29228f0cd1; Type: INDEX; Schema: pageladder; Owner: -
--

CREATE INDEX records_16_d6a7da29228f0cd1 ON pageladder.records_16 USING btree (cargo, id);


--
-- Name: records_16_deb2dd8ee74cc0c5; Type: INDEX; Schema: pageladder; Owner: -
--

CREATE INDEX records_16_deb2dd8ee74cc0c5 ON pageladder.records_16 USING btree (vessel, id);


--
-- Name: records_16_ef03569e3387f970; Type: INDEX; Schema: pageladder; Owner: -
--

CREATE INDEX records_16_ef03569e3387f970 ON pageladder.records_16 USING gin (berth pageladder.gin_trgm_ops);


--
-- Name: records_17_1a31770ea7e9600d; Type: INDEX; Schema: pageladder; Owner: -
--

CREATE INDEX records_17_1a31770ea7e9600d ON pageladder.records_17 USING btree (tonnage, id);


--
-- Name: records_17_33c69594ccfca1c5; Type: INDEX; Schema: pageladder; Owner: -
--

CREATE INDEX records_17_33c69594ccfca1c5 ON pageladder.records_17 USING btree (cleared, id);


--
-- Name: records_17_47667b90fca0b88d; Type: INDEX; Schema: pageladder; Owner: -
--

CREATE INDEX records_17_47667b90fca0b88d ON pageladder.records_17 USING gin (cargo pageladder.gin_trgm_ops);


--
-- Name: records_17_7cbf43d7500d9ab4; Type: INDEX; Schema: pageladder; Owner: -
--

CREATE INDEX records_17_7cbf43d7500d9ab4 ON pageladder.records_17 USING btree (berth, id);


--
-- Name: records_17_b951883aa3d38084; Type: INDEX; Schema: pageladder; Owner: -
--

CREATE INDEX records_17_b951883aa3d38084 ON pageladder.records_17 USING btree (arrived_at, id);


--
-- Name: records_17_c1dd59cf962949bd; Type: INDEX; Schema: pageladder; Owner: -
--

CREATE INDEX records_17_c1dd59cf962949bd ON pageladder.records_17 USING gin (array_to_tsvector(pageladder.words(((COALESCE(vessel, ''::text) || ' '::text) || COALESCE(note, ''::text)))));


--
-- Name: records_17_d5597ff15d328a41; Type: INDEX; Schema: pageladder; Owner: -
--

CREATE INDEX records_17_d5597ff15d328a41 ON pageladder.records_17 USING gin (vessel pageladder.gin_trgm_ops);


--
-- Name: records_17_d6a7da29228f0cd1; Type: INDEX; Schema: pageladder; Owner: -
--

CREATE INDEX records_17_d6a7da29228f0cd1 ON pageladder.records_17 USING btree (cargo, id);


--
-- Name: records_17_deb2dd8ee74cc0c5; Type: INDEX; Schema: pageladder; Owner: -
--

CREATE INDEX records_17_deb2dd8ee74cc0c5 ON pageladder.records_17 USING btree (vessel, id);


--
-- Name: records_17_ef03569e3387f970; Type: INDEX; Schema: pageladder; Owner: -
--

CREATE INDEX records_17_ef03569e3387f970 ON pageladder.records_17 USING gin (berth pageladder.gin_trgm_ops);


--
-- Name: records_18_1a31770ea7e9600d; Type: INDEX; Schema: pageladder; Owner: -
--

CREATE INDEX records_18_1a31770ea7e9600d ON pageladder.records_18 USING btree (tonnage, id);


--
-- Name: records_18_33c69594ccfca1c5; Type: INDEX; Schema: pageladder; Owner: -
--

CREATE INDEX records_18_33c69594ccfca1c5 ON pageladder.records_18 USING btree (cleared, id);


--
-- Name: records_18_47667b90fca0b88d; Type: INDEX; Schema: pageladder; Owner: -
--

CREATE INDEX records_18_47667b90fca0b88d ON pageladder.records_18 USING gin (cargo pageladder.gin_trgm_ops);


--
-- Name: records_18_7cbf43d7500d9ab4; Type: INDEX; Schema: pageladder; Owner: -
--

CREATE INDEX records_18_7cbf43d7500d9ab4 ON pageladder.records_18 USING btree (berth, id);


--
-- Name: records_18_b951883aa3d38084; Type: INDEX; Schema: pageladder; Owner: -
--

CREATE INDEX records_18_b951883aa3d38084 ON pageladder.records_18 USING btree (arrived_at, id);


--
-- Name: records_18_c1dd59cf962949bd; Type: INDEX; Schema: pageladder; Owner: -
--

CREATE INDEX records_18_c1dd59cf962949bd ON pageladder.records_18 USING gin (array_to_tsvector(pageladder.words(((COALESCE(vessel, ''::text) || ' '::text) || COALESCE(note, ''::text)))));


--
-- Name: records_18_d5597ff15d328a41; Type: INDEX; Schema: pageladder; Owner: -
--

CREATE INDEX records_18_d5597ff15d328a41 ON pageladder.records_18 USING gin (vessel pageladder.gin_trgm_ops);


--
-- Name: records_18_d6a7da29228f0cd1; Type: INDEX; Schema: pageladder; Owner: -
--

CREATE INDEX records_18_d6a7da29228f0cd1 ON pageladder.records_18 USING btree (cargo, id);


--
-- Name: records_18_deb2dd8ee74cc0c5; Type: INDEX; Schema: pageladder; Owner: -
--

CREATE INDEX records_18_deb2dd8ee74cc0c5 ON pageladder.records_18 USING btree (vessel, id);


--
-- Name: records_18_ef03569e3387f970; Type: INDEX; Schema: pageladder; Owner: -
--

CREATE INDEX records_18_ef03569e3387f970 ON pageladder.records_18 USING gin (berth pageladder.gin_trgm_ops);


--
-- Name: records_19_1a31770ea7e9600d; Type: INDEX; Schema: pageladder; Owner: -
--

CREATE INDEX records_19_1a31770ea7e9600d ON pageladder.records_19 USING btree (tonnage, id);


--
-- Name: records_19_33c69594ccfca1c5; Type: INDEX; Schema: pageladder; Owner: -
--

CREATE INDEX records_19_33c69594ccfca1c5 ON pageladder.records_19 USING btree (cleared, id);


--
-- Name: records_19_47667b90fca0b88d; Type: INDEX; Schema: pageladder; Owner: -
--

CREATE INDEX records_19_47667b90fca0b88d ON pageladder.records_19 USING gin (cargo pageladder.gin_trgm_ops);


--
-- Name: records_19_7cbf43d7500d9ab4; Type: INDEX; Schema: pageladder; Owner: -
--

CREATE INDEX records_19_7cbf43d7500d9ab4 ON pageladder.records_19 USING btree (berth, id);


--
-- Name: records_19_b951883aa3d38084; Type: INDEX; Schema: pageladder; Owner: -
--

CREATE INDEX records_19_b951883aa3d38084 ON pageladder.records_19 USING btree (arrived_at, id);


--
-- Name: records_19_c1dd59cf962949bd; Type: INDEX; Schema: pageladder; Owner: -
--

CREATE INDEX records_19_c1dd59cf962949bd ON pageladder.records_19 USING gin (array_to_tsvector(pageladder.words(((COALESCE(vessel, ''::text) || ' '::text) || COALESCE(note, ''::text)))));


--
-- Name: records_19_d5597ff15d328a41; Type: INDEX; Schema: pageladder; Owner: -
--

CREATE INDEX records_19_d5597ff15d328a41 ON pageladder.records_19 USING gin (vessel pageladder.gin_trgm_ops);


--
-- Name: records_19_d6a7da29228f0cd1; Type: INDEX; Schema: pageladder; Owner: -
--

CREATE INDEX records_19_d6a7da29228f0cd1 ON pageladder.records_19 USING btree (cargo, id);


--
-- Name: records_19_deb2dd8ee74cc0c5; Type: INDEX; Schema: pageladder; Owner: -
--

CREATE INDEX records_19_deb2dd8ee74cc0c5 ON pageladder.records_19 USING btree (vessel, id);


--
-- Name: records_19_ef03569e3387f970; Type: INDEX; Schema: pageladder; Owner: -
--

CREATE INDEX records_19_ef03569e3387f970 ON pageladder.records_19 USING gin (berth pageladder.gin_trgm_ops);


--
-- Name: records_1_339c48e289de6c75; Type: INDEX; Schema: pageladder; Owner: -
--

CREATE INDEX records_1_339c48e289de6c75 ON pageladder.records_1 USING btree (read_at, id);


--
-- Name: records_1_698c2be42c4f4fe6; Type: INDEX; Schema: pageladder; Owner: -
--

CREATE INDEX records_1_698c2be42c4f4fe6 ON pageladder.records_1 USING btree (gauge, id);


--
-- Name: records_1_69a625a124c1511c; Type: INDEX; Schema: pageladder; Owner: -
--

CREATE INDEX records_1_69a625a124c1511c ON pageladder.records_1 USING btree (checked, id);


--
-- Name: records_1_e598adebe2052469; Type: INDEX; Schema: pageladder; Owner: -
--

CREATE INDEX records_1_e598adebe2052469 ON pageladder.records_1 USING btree (height_cm, id);


--
-- Name: records_20_1a31770ea7e9600d; Type: INDEX; Schema: pageladder; Owner: -
--

CREATE INDEX records_20_1a31770ea7e9600d ON pageladder.records_20 USING btree (tonnage, id);


--
-- Name: records_20_33c69594ccfca1c5; Type: INDEX; Schema: pageladder; Owner: -
--

CREATE INDEX records_20_33c69594ccfca1c5 ON pageladder.records_20 USING btree (cleared, id);


--
-- Name: records_20_47667b90fca0b88d; Type: INDEX; Schema: pageladder; Owner: -
--

CREATE INDEX records_20_47667b90fca0b88d ON pageladder.records_20 USING gin (cargo pageladder.gin_trgm_ops);


--
-- Name: records_20_7cbf43d7500d9ab4; Type: INDEX; Schema: pageladder; Owner: -
--

CREATE INDEX records_20_7cbf43d7500d9ab4 ON pageladder.records_20 USING btree (berth, id);


--
-- Name: records_20_b951883aa3d38084; Type: INDEX; Schema: pageladder; Owner: -
--

CREATE INDEX records_20_b951883aa3d38084 ON pageladder.records_20 USING btree (arrived_at, id);


--
-- Name: records_20_c1dd59cf962949bd; Type: INDEX; Schema: pageladder; Owner: -
--

CREATE INDEX records_20_c1dd59cf962949bd ON pageladder.records_20 USING gin (array_to_tsvector(pageladder.words(((COALESCE(vessel, ''::text) || ' '::text) || COALESCE(note, ''::text)))));


--
-- Name: records_20_d5597ff15d328a41; Type: INDEX; Schema: pageladder; Owner: -
--

CREATE INDEX records_20_d5597ff15d328a41 ON pageladder.records_20 USING gin (vessel pageladder.gin_trgm_ops);


--
-- Name: records_20_d6a7da29228f0cd1; Type: INDEX; Schema: pageladder; Owner: -
--

CREATE INDEX records_20_d6a7da29228f0cd1 ON pageladder.records_20 USING btree (cargo, id);


--
-- Name: records_20_deb2dd8ee74cc0c5; Type: INDEX; Schema: pageladder; Owner: -
--

CREATE INDEX records_20_deb2dd8ee74cc0c5 ON pageladder.records_20 USING btree (vessel, id);


--
-- Name: records_20_ef03569e3387f970; Type: INDEX; Schema: pageladder; Owner: -
--

CREATE INDEX records_20_ef03569e3387f970 ON pageladder.records_20 USING gin (berth pageladder.gin_trgm_ops);


--
-- Name: records_2_1a31770ea7e9600d; Type: INDEX; Schema: pageladder; Owner: -
--

CREATE INDEX records_2_1a31770ea7e9600d ON pageladder.records_2 USING btree (tonnage, id);


--
-- Name: records_2_33c69594ccfca1c5; Type: INDEX; Schema: pageladder; Owner: -
--

CREATE INDEX records_2_33c69594ccfca1c5 ON pageladder.records_2 USING btree (cleared, id);


--
-- Name: records_2_47667b90fca0b88d; Type: INDEX; Schema: pageladder; Owner: -
--

CREATE INDEX records_2_47667b90fca0b88d ON pageladder.records_2 USING gin (cargo pageladder.gin_trgm_ops);


--
-- Name: records_2_7cbf43d7500d9ab4; Type: INDEX; Schema: pageladder; Owner: -
--

CREATE INDEX records_2_7cbf43d7500d9ab4 ON pageladder.records_2 USING btree (berth, id);


--
-- Name: records_2_b951883aa3d38084; Type: INDEX; Schema: pageladder; Owner: -
--

CREATE INDEX records_2_b951883aa3d38084 ON pageladder.records_2 USING btree (arrived_at, id);


--
-- Name: records_2_c1dd59cf962949bd; Type: INDEX; Schema: pageladder; Owner: -
--

CREATE INDEX records_2_c1dd59cf962949bd ON pageladder.records_2 USING gin (array_to_tsvector(pageladder.words(((COALESCE(vessel, ''::text) || ' '::text) || COALESCE(note, ''::text)))));


--
-- Name: records_2_d5597ff15d328a41; Type: INDEX; Schema: pageladder; Owner: -
--

CREATE INDEX records_2_d5597ff15d328a41 ON pageladder.records_2 USING gin (vessel pageladder.gin_trgm_ops);


--
-- Name: records_2_d6a7da29228f0cd1; Type: INDEX; Schema: pageladder; Owner: -
--

CREATE INDEX records_2_d6a7da29228f0cd1 ON pageladder.records_2 USING btree (cargo, id);


--
-- Name: records_2_deb2dd8ee74cc0c5; Type: INDEX; Schema: pageladder; Owner: -
--

CREATE INDEX records_2_deb2dd8ee74cc0c5 ON pageladder.records_2 USING btree (vessel, id);


--
-- Name: records_2_ef03569e3387f970; Type: INDEX; Schema: pageladder; Owner: -
--

CREATE INDEX records_2_ef03569e3387f970 ON pageladder.records_2 USING gin (berth pageladder.gin_trgm_ops);


--
-- Name: records_3_2bcff2a3dd615698; Type: INDEX; Schema: pageladder; Owner: -
--

CREATE INDEX records_3_2bcff2a3dd615698 ON pageladder.records_3 USING btree (lit, code);


--
-- Name: records_3_342e04c83993c7d9; Type: INDEX; Schema: pageladder; Owner: -
--

CREATE INDEX records_3_342e04c83993c7d9 ON pageladder.records_3 USING gin (kind pageladder.gin_trgm_ops);


--
-- Name: records_3_41c8dad28b9463cb; Type: INDEX; Schema: pageladder; Owner: -
--

CREATE INDEX records_3_41c8dad28b9463cb ON pageladder.records_3 USING btree (length_m, code);


--
-- Name: records_3_aaaa07da77529a1d; Type: INDEX; Schema: pageladder; Owner: -
--

CREATE INDEX records_3_aaaa07da77529a1d ON pageladder.records_3 USING btree (kind, code);


--
-- Name: records_3_b3df82e1204a06d4; Type: INDEX; Schema: pageladder; Owner: -
--

CREATE INDEX records_3_b3df82e1204a06d4 ON pageladder.records_3 USING btree (depth_m, code);


--
-- Name: records_4_3c16956121d169b2; Type: INDEX; Schema: pageladder; Owner: -
--

CREATE INDEX records_4_3c16956121d169b2 ON pageladder.records_4 USING gin (place pageladder.gin_trgm_ops);


--
-- Name: records_4_e62750f580bdf16b; Type: INDEX; Schema: pageladder; Owner: -
--

CREATE INDEX records_4_e62750f580bdf16b ON pageladder.records_4 USING btree (found_on, id);


--
-- Name: records_4_e6d12cc38aaa61e; Type: INDEX; Schema: pageladder; Owner: -
--

CREATE INDEX records_4_e6d12cc38aaa61e ON pageladder.records_4 USING btree (place, id);


--
-- Name: records_5_1a31770ea7e9600d; Type: INDEX; Schema: pageladder; Owner: -
--

CREATE INDEX records_5_1a31770ea7e9600d ON pageladder.records_5 USING btree (tonnage, id);


--
-- Name: records_5_33c69594ccfca1c5; Type: INDEX; Schema: pageladder; Owner: -
--

CREATE INDEX records_5_33c69594ccfca1c5 ON pageladder.records_5 USING btree (cleared, id);


--
-- Name: records_6_7cbf43d7500d9ab4; Type: INDEX; Schema: pageladder; Owner: -
--

CREATE INDEX records_6_7cbf43d7500d9ab4 ON pageladder.records_6 USING btree (berth, id);


--
-- Name: records_6_ef03569e3387f970; Type: INDEX; Schema: pageladder; Owner: -
--

CREATE INDEX records_6_ef03569e3387f970 ON pageladder.records_6 USING gin (berth pageladder.gin_trgm_ops);


--
-- Name: records_8_7cbf43d7500d9ab4; Type: INDEX; Schema: pageladder; Owner: -
--

CREATE INDEX records_8_7cbf43d7500d9ab4 ON pageladder.records_8 USING btree (berth, id);


--
-- Name: records_8_b951883aa3d38084; Type: INDEX; Schema: pageladder; Owner: -
--

CREATE INDEX records_8_b951883aa3d38084 ON pageladder.records_8 USING btree (arrived_at, id);


--
-- Name: records_8_d2e98b9ebcf7f267; Type: INDEX; Schema: pageladder; Owner: -
--

CREATE INDEX records_8_d2e98b9ebcf7f267 ON pageladder.records_8 USING btree (berth, arrived_at, id);


--
-- Name: records_8_d6a7da29228f0cd1; Type: INDEX; Schema: pageladder; Owner: -
--

CREATE INDEX records_8_d6a7da29228f0cd1 ON pageladder.records_8 USING btree (cargo, id);


--
-- Name: yard.crew_pl.side_idx; Type: INDEX; Schema: pageladder_log; Owner: -
--

CREATE INDEX "yard.crew_pl.side_idx" ON pageladder_log."yard.crew" USING btree ("pl.side") WHERE ("pl.side" = 2);


--
-- Name: yard.crew_pl.xid_idx; Type: INDEX; Schema: pageladder_log; Owner: -
--

CREATE INDEX "yard.crew_pl.xid_idx" ON pageladder_log."yard.crew" USING btree ("pl.xid");


--
-- Name: record_set defined; Type: TRIGGER; Schema: pageladder; Owner: -
--

CREATE TRIGGER defined BEFORE INSERT OR UPDATE OF label, record_table, fields, rules, source, source_schema, remember_s, fixed, open, fixed_dates, followed ON pageladder.record_set FOR EACH ROW EXECUTE FUNCTION pageladder.defined();


--
-- Name: records_1 pageladder_log_delete; Type: TRIGGER; Schema: pageladder; Owner: -
--

CREATE TRIGGER pageladder_log_delete AFTER DELETE ON pageladder.records_1 REFERENCING OLD TABLE AS before_rows FOR EACH STATEMENT EXECUTE FUNCTION pageladder.changes_1();

ALTER TABLE pageladder.records_1 ENABLE ALWAYS TRIGGER pageladder_log_delete;


--
-- Name: records_10 pageladder_log_delete; Type: TRIGGER; Schema: pageladder; Owner: -
--

CREATE TRIGGER pageladder_log_delete AFTER DELETE ON pageladder.records_10 REFERENCING OLD TABLE AS before_rows FOR EACH STATEMENT EXECUTE FUNCTION pageladder.changes_10();

ALTER TABLE pageladder.records_10 ENABLE ALWAYS TRIGGER pageladder_log_delete;


--
-- Name: records_11 pageladder_log_delete; Type: TRIGGER; Schema: pageladder; Owner: -
--

CREATE TRIGGER pageladder_log_delete AFTER DELETE ON pageladder.records_11 REFERENCING OLD TABLE AS before_rows FOR EACH STATEMENT EXECUTE FUNCTION pageladder.changes_11();

ALTER TABLE pageladder.records_11 ENABLE ALWAYS TRIGGER pageladder_log_delete;


--
-- Name: records_12 pageladder_log_delete; Type: TRIGGER; Schema: pageladder; Owner: -
--

CREATE TRIGGER pageladder_log_delete AFTER DELETE ON pageladder.records_12 REFERENCING OLD TABLE AS before_rows FOR EACH STATEMENT EXECUTE FUNCTION pageladder.changes_12();

ALTER TABLE pageladder.records_12 ENABLE ALWAYS TRIGGER pageladder_log_delete;


--
-- Name: records_13 pageladder_log_delete; Type: TRIGGER; Schema: pageladder; Owner: -
--

CREATE TRIGGER pageladder_log_delete AFTER DELETE ON pageladder.records_13 REFERENCING OLD TABLE AS before_rows FOR EACH STATEMENT EXECUTE FUNCTION pageladder.changes_13();

ALTER TABLE pageladder.records_13 ENABLE ALWAYS TRIGGER pageladder_log_delete;


--
-- Name: records_14 pageladder_log_delete; Type: TRIGGER; Schema: pageladder; Owner: -
--

CREATE TRIGGER pageladder_log_delete AFTER DELETE ON pageladder.records_14 REFERENCING OLD TABLE AS before_rows FOR EACH STATEMENT EXECUTE FUNCTION pageladder.changes_14();

ALTER TABLE pageladder.records_14 ENABLE ALWAYS TRIGGER pageladder_log_delete;


--
-- Name: records_15 pageladder_log_delete; Type: TRIGGER; Schema: pageladder; Owner: -
--

CREATE TRIGGER pageladder_log_delete AFTER DELETE ON pageladder.records_15 REFERENCING OLD TABLE AS before_rows FOR EACH STATEMENT EXECUTE FUNCTION pageladder.changes_15();

ALTER TABLE pageladder.records_15 ENABLE ALWAYS TRIGGER pageladder_log_delete;


--
-- Name: records_16 pageladder_log_delete; Type: TRIGGER; Schema: pageladder; Owner: -
--

CREATE TRIGGER pageladder_log_delete AFTER DELETE ON pageladder.records_16 REFERENCING OLD TABLE AS before_rows FOR EACH STATEMENT EXECUTE FUNCTION pageladder.changes_16();

ALTER TABLE pageladder.records_16 ENABLE ALWAYS TRIGGER pageladder_log_delete;


--
-- Name: records_17 pageladder_log_delete; Type: TRIGGER; Schema: pageladder; Owner: -
--

CREATE TRIGGER pageladder_log_delete AFTER DELETE ON pageladder.records_17 REFERENCING OLD TABLE AS before_rows FOR EACH STATEMENT EXECUTE FUNCTION pageladder.changes_17();

ALTER TABLE pageladder.records_17 ENABLE ALWAYS TRIGGER pageladder_log_delete;


--
-- Name: records_18 pageladder_log_delete; Type: TRIGGER; Schema: pageladder; Owner: -
--

CREATE TRIGGER pageladder_log_delete AFTER DELETE ON pageladder.records_18 REFERENCING OLD TABLE AS before_rows FOR EACH STATEMENT EXECUTE FUNCTION pageladder.changes_18();

ALTER TABLE pageladder.records_18 ENABLE ALWAYS TRIGGER pageladder_log_delete;


--
-- Name: records_19 pageladder_log_delete; Type: TRIGGER; Schema: pageladder; Owner: -
--

CREATE TRIGGER pageladder_log_delete AFTER DELETE ON pageladder.records_19 REFERENCING OLD TABLE AS before_rows FOR EACH STATEMENT EXECUTE FUNCTION pageladder.changes_19();

ALTER TABLE pageladder.records_19 ENABLE ALWAYS TRIGGER pageladder_log_delete;


--
-- Name: records_2 pageladder_log_delete; Type: TRIGGER; Schema: pageladder; Owner: -
--

CREATE TRIGGER pageladder_log_delete AFTER DELETE ON pageladder.records_2 REFERENCING OLD TABLE AS before_rows FOR EACH STATEMENT EXECUTE FUNCTION pageladder.changes_2();

ALTER TABLE pageladder.records_2 ENABLE ALWAYS TRIGGER pageladder_log_delete;


--
-- Name: records_20 pageladder_log_delete; Type: TRIGGER; Schema: pageladder; Owner: -
--

CREATE TRIGGER pageladder_log_delete AFTER DELETE ON pageladder.records_20 REFERENCING OLD TABLE AS before_rows FOR EACH STATEMENT EXECUTE FUNCTION pageladder.changes_20();

ALTER TABLE pageladder.records_20 ENABLE ALWAYS TRIGGER pageladder_log_delete;


--
-- Name: records_3 pageladder_log_delete; Type: TRIGGER; Schema: pageladder; Owner: -
--

CREATE TRIGGER pageladder_log_delete AFTER DELETE ON pageladder.records_3 REFERENCING OLD TABLE AS before_rows FOR EACH STATEMENT EXECUTE FUNCTION pageladder.changes_3();

ALTER TABLE pageladder.records_3 ENABLE ALWAYS TRIGGER pageladder_log_delete;


--
-- Name: records_4 pageladder_log_delete; Type: TRIGGER; Schema: pageladder; Owner: -
--

CREATE TRIGGER pageladder_log_delete AFTER DELETE ON pageladder.records_4 REFERENCING OLD TABLE AS before_rows FOR EACH STATEMENT EXECUTE FUNCTION pageladder.changes_4();

ALTER TABLE pageladder.records_4 ENABLE ALWAYS TRIGGER pageladder_log_delete;


--
-- Name: records_5 pageladder_log_delete; Type: TRIGGER; Schema: pageladder; Owner: -
--

CREATE TRIGGER pageladder_log_delete AFTER DELETE ON pageladder.records_5 REFERENCING OLD TABLE AS before_rows FOR EACH STATEMENT EXECUTE FUNCTION pageladder.changes_5();

ALTER TABLE pageladder.records_5 ENABLE ALWAYS TRIGGER pageladder_log_delete;


--
-- Name: records_6 pageladder_log_delete; Type: TRIGGER; Schema: pageladder; Owner: -
--

CREATE TRIGGER pageladder_log_delete AFTER DELETE ON pageladder.records_6 REFERENCING OLD TABLE AS before_rows FOR EACH STATEMENT EXECUTE FUNCTION pageladder.changes_6();

ALTER TABLE pageladder.records_6 ENABLE ALWAYS TRIGGER pageladder_log_delete;


--
-- Name: records_7 pageladder_log_delete; Type: TRIGGER; Schema: pageladder; Owner: -
--

CREATE TRIGGER pageladder_log_delete AFTER DELETE ON pageladder.records_7 REFERENCING OLD TABLE AS before_rows FOR EACH STATEMENT EXECUTE FUNCTION pageladder.changes_7();

ALTER TABLE pageladder.records_7 ENABLE ALWAYS TRIGGER pageladder_log_delete;


--
-- Name: records_8 pageladder_log_delete; Type: TRIGGER; Schema: pageladder; Owner: -
--

CREATE TRIGGER pageladder_log_delete AFTER DELETE ON pageladder.records_8 REFERENCING OLD TABLE AS before_rows FOR EACH STATEMENT EXECUTE FUNCTION pageladder.changes_8();

ALTER TABLE pageladder.records_8 ENABLE ALWAYS TRIGGER pageladder_log_delete;


--
-- Name: records_9 pageladder_log_delete; Type: TRIGGER; Schema: pageladder; Owner: -
--

CREATE TRIGGER pageladder_log_delete AFTER DELETE ON pageladder.records_9 REFERENCING OLD TABLE AS before_rows FOR EACH STATEMENT EXECUTE FUNCTION pageladder.changes_9();

ALTER TABLE pageladder.records_9 ENABLE ALWAYS TRIGGER pageladder_log_delete;


--
-- Name: records_1 pageladder_log_insert; Type: TRIGGER; Schema: pageladder; Owner: -
--

CREATE TRIGGER pageladder_log_insert AFTER INSERT ON pageladder.records_1 REFERENCING NEW TABLE AS after_rows FOR EACH STATEMENT EXECUTE FUNCTION pageladder.changes_1();

ALTER TABLE pageladder.records_1 ENABLE ALWAYS TRIGGER pageladder_log_insert;


--
-- Name: records_10 pageladder_log_insert; Type: TRIGGER; Schema: pageladder; Owner: -
--

CREATE TRIGGER pageladder_log_insert AFTER INSERT ON pageladder.records_10 REFERENCING NEW TABLE AS after_rows FOR EACH STATEMENT EXECUTE FUNCTION pageladder.changes_10();

ALTER TABLE pageladder.records_10 ENABLE ALWAYS TRIGGER pageladder_log_insert;


--
-- Name: records_11 pageladder_log_insert; Type: TRIGGER; Schema: pageladder; Owner: -
--

CREATE TRIGGER pageladder_log_insert AFTER INSERT ON pageladder.records_11 REFERENCING NEW TABLE AS after_rows FOR EACH STATEMENT EXECUTE FUNCTION pageladder.changes_11();

ALTER TABLE pageladder.records_11 ENABLE ALWAYS TRIGGER pageladder_log_insert;


--
-- Name: records_12 pageladder_log_insert; Type: TRIGGER; Schema: pageladder; Owner: -
--

CREATE TRIGGER pageladder_log_insert AFTER INSERT ON pageladder.records_12 REFERENCING NEW TABLE AS after_rows FOR EACH STATEMENT EXECUTE FUNCTION pageladder.changes_12();

ALTER TABLE pageladder.records_12 ENABLE ALWAYS TRIGGER pageladder_log_insert;


--
-- Name: records_13 pageladder_log_insert; Type: TRIGGER; Schema: pageladder; Owner: -
--

CREATE TRIGGER pageladder_log_insert AFTER INSERT ON pageladder.records_13 REFERENCING NEW TABLE AS after_rows FOR EACH STATEMENT EXECUTE FUNCTION pageladder.changes_13();

ALTER TABLE pageladder.records_13 ENABLE ALWAYS TRIGGER pageladder_log_insert;


--
-- Name: records_14 pageladder_log_insert; Type: TRIGGER; Schema: pageladder; Owner: -
--

CREATE TRIGGER pageladder_log_insert AFTER INSERT ON pageladder.records_14 REFERENCING NEW TABLE AS after_rows FOR EACH STATEMENT EXECUTE FUNCTION pageladder.changes_14();

ALTER TABLE pageladder.records_14 ENABLE ALWAYS TRIGGER pageladder_log_insert;


--
-- Name: records_15 pageladder_log_insert; Type: TRIGGER; Schema: pageladder; Owner: -
--

CREATE TRIGGER pageladder_log_insert AFTER INSERT ON pageladder.records_15 REFERENCING NEW TABLE AS after_rows FOR EACH STATEMENT EXECUTE FUNCTION pageladder.changes_15();

ALTER TABLE pageladder.records_15 ENABLE ALWAYS TRIGGER pageladder_log_insert;


--
-- Name: records_16 pageladder_log_insert; Type: TRIGGER; Schema: pageladder; Owner: -
--

CREATE TRIGGER pageladder_log_insert AFTER INSERT ON pageladder.records_16 REFERENCING NEW TABLE AS after_rows FOR EACH STATEMENT EXECUTE FUNCTION pageladder.changes_16();

ALTER TABLE pageladder.records_16 ENABLE ALWAYS TRIGGER pageladder_log_insert;


--
-- Name: records_17 pageladder_log_insert; Type: TRIGGER; Schema: pageladder; Owner: -
--

CREATE TRIGGER pageladder_log_insert AFTER INSERT ON pageladder.records_17 REFERENCING NEW TABLE AS after_rows FOR EACH STATEMENT EXECUTE FUNCTION pageladder.changes_17();

ALTER TABLE pageladder.records_17 ENABLE ALWAYS TRIGGER pageladder_log_insert;


--
-- Name: records_18 pageladder_log_insert; Type: TRIGGER; Schema: pageladder; Owner: -
--

CREATE TRIGGER pageladder_log_insert AFTER INSERT ON pageladder.records_18 REFERENCING NEW TABLE AS after_rows FOR EACH STATEMENT EXECUTE FUNCTION pageladder.changes_18();

ALTER TABLE pageladder.records_18 ENABLE ALWAYS TRIGGER pageladder_log_insert;


--
-- Name: records_19 pageladder_log_insert; Type: TRIGGER; Schema: pageladder; Owner: -
--

CREATE TRIGGER pageladder_log_insert AFTER INSERT ON pageladder.records_19 REFERENCING NEW TABLE AS after_rows FOR EACH STATEMENT EXECUTE FUNCTION pageladder.changes_19();

ALTER TABLE pageladder.records_19 ENABLE ALWAYS TRIGGER pageladder_log_insert;


--
-- Name: records_2 pageladder_log_insert; Type: TRIGGER; Schema: pageladder; Owner: -
--

CREATE TRIGGER pageladder_log_insert AFTER INSERT ON pageladder.records_2 REFERENCING NEW TABLE AS after_rows FOR EACH STATEMENT EXECUTE FUNCTION pageladder.changes_2();

ALTER TABLE pageladder.records_2 ENABLE ALWAYS TRIGGER pageladder_log_insert;


--
-- Name: records_20 pageladder_log_insert; Type: TRIGGER; Schema: pageladder; Owner: -
--

CREATE TRIGGER pageladder_log_insert AFTER INSERT ON pageladder.records_20 REFERENCING NEW TABLE AS after_rows FOR EACH STATEMENT EXECUTE FUNCTION pageladder.changes_20();

ALTER TABLE pageladder.records_20 ENABLE ALWAYS TRIGGER pageladder_log_insert;


--
-- Name: records_3 pageladder_log_insert; Type: TRIGGER; Schema: pageladder; Owner: -
--

CREATE TRIGGER pageladder_log_insert AFTER INSERT ON pageladder.records_3 REFERENCING NEW TABLE AS after_rows FOR EACH STATEMENT EXECUTE FUNCTION pageladder.changes_3();

ALTER TABLE pageladder.records_3 ENABLE ALWAYS TRIGGER pageladder_log_insert;


--
-- Name: records_4 pageladder_log_insert; Type: TRIGGER; Schema: pageladder; Owner: -
--

CREATE TRIGGER pageladder_log_insert AFTER INSERT ON pageladder.records_4 REFERENCING NEW TABLE AS after_rows FOR EACH STATEMENT EXECUTE FUNCTION pageladder.changes_4();

ALTER TABLE pageladder.records_4 ENABLE ALWAYS TRIGGER pageladder_log_insert;


--
-- Name: records_5 pageladder_log_insert; Type: TRIGGER; Schema: pageladder; Owner: -
--

CREATE TRIGGER pageladder_log_insert AFTER INSERT ON pageladder.records_5 REFERENCING NEW TABLE AS after_rows FOR EACH STATEMENT EXECUTE FUNCTION pageladder.changes_5();

ALTER TABLE pageladder.records_5 ENABLE ALWAYS TRIGGER pageladder_log_insert;


--
-- Name: records_6 pageladder_log_insert; Type: TRIGGER; Schema: pageladder; Owner: -
--

CREATE TRIGGER pageladder_log_insert AFTER INSERT ON pageladder.records_6 REFERENCING NEW TABLE AS after_rows FOR EACH STATEMENT EXECUTE FUNCTION pageladder.changes_6();

ALTER TABLE pageladder.records_6 ENABLE ALWAYS TRIGGER pageladder_log_insert;


--
-- Name: records_7 pageladder_log_insert; Type: TRIGGER; Schema: pageladder; Owner: -
--

CREATE TRIGGER pageladder_log_insert AFTER INSERT ON pageladder.records_7 REFERENCING NEW TABLE AS after_rows FOR EACH STATEMENT EXECUTE FUNCTION pageladder.changes_7();

ALTER TABLE pageladder.records_7 ENABLE ALWAYS TRIGGER pageladder_log_insert;


--
-- Name: records_8 pageladder_log_insert; Type: TRIGGER; Schema: pageladder; Owner: -
--

CREATE TRIGGER pageladder_log_insert AFTER INSERT ON pageladder.records_8 REFERENCING NEW TABLE AS after_rows FOR EACH STATEMENT EXECUTE FUNCTION pageladder.changes_8();

ALTER TABLE pageladder.records_8 ENABLE ALWAYS TRIGGER pageladder_log_insert;


--
-- Name: records_9 pageladder_log_insert; Type: TRIGGER; Schema: pageladder; Owner: -
--

CREATE TRIGGER pageladder_log_insert AFTER INSERT ON pageladder.records_9 REFERENCING NEW TABLE AS after_rows FOR EACH STATEMENT EXECUTE FUNCTION pageladder.changes_9();

ALTER TABLE pageladder.records_9 ENABLE ALWAYS TRIGGER pageladder_log_insert;


--
-- Name: records_1 pageladder_log_truncate; Type: TRIGGER; Schema: pageladder; Owner: -
--

CREATE TRIGGER pageladder_log_truncate AFTER TRUNCATE ON pageladder.records_1 FOR EACH STATEMENT EXECUTE FUNCTION pageladder.changes_1();

ALTER TABLE pageladder.records_1 ENABLE ALWAYS TRIGGER pageladder_log_truncate;


--
-- Name: records_10 pageladder_log_truncate; Type: TRIGGER; Schema: pageladder; Owner: -
--

CREATE TRIGGER pageladder_log_truncate AFTER TRUNCATE ON pageladder.records_10 FOR EACH STATEMENT EXECUTE FUNCTION pageladder.changes_10();

ALTER TABLE pageladder.records_10 ENABLE ALWAYS TRIGGER pageladder_log_truncate;


--
-- Name: records_11 pageladder_log_truncate; Type: TRIGGER; Schema: pageladder; Owner: -
--

CREATE TRIGGER pageladder_log_truncate AFTER TRUNCATE ON pageladder.records_11 FOR EACH STATEMENT EXECUTE FUNCTION pageladder.changes_11();

ALTER TABLE pageladder.records_11 ENABLE ALWAYS TRIGGER pageladder_log_truncate;


--
-- Name: records_12 pageladder_log_truncate; Type: TRIGGER; Schema: pageladder; Owner: -
--

CREATE TRIGGER pageladder_log_truncate AFTER TRUNCATE ON pageladder.records_12 FOR EACH STATEMENT EXECUTE FUNCTION pageladder.changes_12();

ALTER TABLE pageladder.records_12 ENABLE ALWAYS TRIGGER pageladder_log_truncate;


--
-- Name: records_13 pageladder_log_truncate; Type: TRIGGER; Schema: pageladder; Owner: -
--

CREATE TRIGGER pageladder_log_truncate AFTER TRUNCATE ON pageladder.records_13 FOR EACH STATEMENT EXECUTE FUNCTION pageladder.changes_13();

ALTER TABLE pageladder.records_13 ENABLE ALWAYS TRIGGER pageladder_log_truncate;


--
-- Name: records_14 pageladder_log_truncate; Type: TRIGGER; Schema: pageladder; Owner: -
--

CREATE TRIGGER pageladder_log_truncate AFTER TRUNCATE ON pageladder.records_14 FOR EACH STATEMENT EXECUTE FUNCTION pageladder.changes_14();

ALTER TABLE pageladder.records_14 ENABLE ALWAYS TRIGGER pageladder_log_truncate;


--
-- Name: records_15 pageladder_log_truncate; Type: TRIGGER; Schema: pageladder; Owner: -
--

CREATE TRIGGER pageladder_log_truncate AFTER TRUNCATE ON pageladder.records_15 FOR EACH STATEMENT EXECUTE FUNCTION pageladder.changes_15();

ALTER TABLE pageladder.records_15 ENABLE ALWAYS TRIGGER pageladder_log_truncate;


--
-- Name: records_16 pageladder_log_truncate; Type: TRIGGER; Schema: pageladder; Owner: -
--

CREATE TRIGGER pageladder_log_truncate AFTER TRUNCATE ON pageladder.records_16 FOR EACH STATEMENT EXECUTE FUNCTION pageladder.changes_16();

ALTER TABLE pageladder.records_16 ENABLE ALWAYS TRIGGER pageladder_log_truncate;


--
-- Name: records_17 pageladder_log_truncate; Type: TRIGGER; Schema: pageladder; Owner: -
--

CREATE TRIGGER pageladder_log_truncate AFTER TRUNCATE ON pageladder.records_17 FOR EACH STATEMENT EXECUTE FUNCTION pageladder.changes_17();

ALTER TABLE pageladder.records_17 ENABLE ALWAYS TRIGGER pageladder_log_truncate;


--
-- Name: records_18 pageladder_log_truncate; Type: TRIGGER; Schema: pageladder; Owner: -
--

CREATE TRIGGER pageladder_log_truncate AFTER TRUNCATE ON pageladder.records_18 FOR EACH STATEMENT EXECUTE FUNCTION pageladder.changes_18();

ALTER TABLE pageladder.records_18 ENABLE ALWAYS TRIGGER pageladder_log_truncate;


--
-- Name: records_19 pageladder_log_truncate; Type: TRIGGER; Schema: pageladder; Owner: -
--

CREATE TRIGGER pageladder_log_truncate AFTER TRUNCATE ON pageladder.records_19 FOR EACH STATEMENT EXECUTE FUNCTION pageladder.changes_19();

ALTER TABLE pageladder.records_19 ENABLE ALWAYS TRIGGER pageladder_log_truncate;


--
-- Name: records_2 pageladder_log_truncate; Type: TRIGGER; Schema: pageladder; Owner: -
--

CREATE TRIGGER pageladder_log_truncate AFTER TRUNCATE ON pageladder.records_2 FOR EACH STATEMENT EXECUTE FUNCTION pageladder.changes_2();

ALTER TABLE pageladder.records_2 ENABLE ALWAYS TRIGGER pageladder_log_truncate;


--
-- Name: records_20 pageladder_log_truncate; Type: TRIGGER; Schema: pageladder; Owner: -
--

CREATE TRIGGER pageladder_log_truncate AFTER TRUNCATE ON pageladder.records_20 FOR EACH STATEMENT EXECUTE FUNCTION pageladder.changes_20();

ALTER TABLE pageladder.records_20 ENABLE ALWAYS TRIGGER pageladder_log_truncate;


--
-- Name: records_3 pageladder_log_truncate; Type: TRIGGER; Schema: pageladder; Owner: -
--

CREATE TRIGGER pageladder_log_truncate AFTER TRUNCATE ON pageladder.records_3 FOR EACH STATEMENT EXECUTE FUNCTION pageladder.changes_3();

ALTER TABLE pageladder.records_3 ENABLE ALWAYS TRIGGER pageladder_log_truncate;


--
-- Name: records_4 pageladder_log_truncate; Type: TRIGGER; Schema: pageladder; Owner: -
--

CREATE TRIGGER pageladder_log_truncate AFTER TRUNCATE ON pageladder.records_4 FOR EACH STATEMENT EXECUTE FUNCTION pageladder.changes_4();

ALTER TABLE pageladder.records_4 ENABLE ALWAYS TRIGGER pageladder_log_truncate;


--
-- Name: records_5 pageladder_log_truncate; Type: TRIGGER; Schema: pageladder; Owner: -
--

CREATE TRIGGER pageladder_log_truncate AFTER TRUNCATE ON pageladder.records_5 FOR EACH STATEMENT EXECUTE FUNCTION pageladder.changes_5();

ALTER TABLE pageladder.records_5 ENABLE ALWAYS TRIGGER pageladder_log_truncate;


--
-- Name: records_6 pageladder_log_truncate; Type: TRIGGER; Schema: pageladder; Owner: -
--

CREATE TRIGGER pageladder_log_truncate AFTER TRUNCATE ON pageladder.records_6 FOR EACH STATEMENT EXECUTE FUNCTION pageladder.changes_6();

ALTER TABLE pageladder.records_6 ENABLE ALWAYS TRIGGER pageladder_log_truncate;


--
-- Name: records_7 pageladder_log_truncate; Type: TRIGGER; Schema: pageladder; Owner: -
--

CREATE TRIGGER pageladder_log_truncate AFTER TRUNCATE ON pageladder.records_7 FOR EACH STATEMENT EXECUTE FUNCTION pageladder.changes_7();

ALTER TABLE pageladder.records_7 ENABLE ALWAYS TRIGGER pageladder_log_truncate;


--
-- Name: records_8 pageladder_log_truncate; Type: TRIGGER; Schema: pageladder; Owner: -
--

CREATE TRIGGER pageladder_log_truncate AFTER TRUNCATE ON pageladder.records_8 FOR EACH STATEMENT EXECUTE FUNCTION pageladder.changes_8();

ALTER TABLE pageladder.records_8 ENABLE ALWAYS TRIGGER pageladder_log_truncate;


--
-- Name: records_9 pageladder_log_truncate; Type: TRIGGER; Schema: pageladder; Owner: -
--

CREATE TRIGGER pageladder_log_truncate AFTER TRUNCATE ON pageladder.records_9 FOR EACH STATEMENT EXECUTE FUNCTION pageladder.changes_9();

ALTER TABLE pageladder.records_9 ENABLE ALWAYS TRIGGER pageladder_log_truncate;


--
-- Name: records_1 pageladder_log_update; Type: TRIGGER; Schema: pageladder; Owner: -
--

CREATE TRIGGER pageladder_log_update AFTER UPDATE ON pageladder.records_1 REFERENCING OLD TABLE AS before_rows NEW TABLE AS after_rows FOR EACH STATEMENT EXECUTE FUNCTION pageladder.changes_1();

ALTER TABLE pageladder.records_1 ENABLE ALWAYS TRIGGER pageladder_log_update;


--
-- Name: records_10 pageladder_log_update; Type: TRIGGER; Schema: pageladder; Owner: -
--

CREATE TRIGGER pageladder_log_update AFTER UPDATE ON pageladder.records_10 REFERENCING OLD TABLE AS before_rows NEW TABLE AS after_rows FOR EACH STATEMENT EXECUTE FUNCTION pageladder.changes_10();

ALTER TABLE pageladder.records_10 ENABLE ALWAYS TRIGGER pageladder_log_update;


--
-- Name: records_11 pageladder_log_update; Type: TRIGGER; Schema: pageladder; Owner: -
--

CREATE TRIGGER pageladder_log_update AFTER UPDATE ON pageladder.records_11 REFERENCING OLD TABLE AS before_rows NEW TABLE AS after_rows FOR EACH STATEMENT EXECUTE FUNCTION pageladder.changes_11();

ALTER TABLE pageladder.records_11 ENABLE ALWAYS TRIGGER pageladder_log_update;


--
-- Name: records_12 pageladder_log_update; Type: TRIGGER; Schema: pageladder; Owner: -
--

CREATE TRIGGER pageladder_log_update AFTER UPDATE ON pageladder.records_12 REFERENCING OLD TABLE AS before_rows NEW TABLE AS after_rows FOR EACH STATEMENT EXECUTE FUNCTION pageladder.changes_12();

ALTER TABLE pageladder.records_12 ENABLE ALWAYS TRIGGER pageladder_log_update;


--
-- Name: records_13 pageladder_log_update; Type: TRIGGER; Schema: pageladder; Owner: -
--

CREATE TRIGGER pageladder_log_update AFTER UPDATE ON pageladder.records_13 REFERENCING OLD TABLE AS before_rows NEW TABLE AS after_rows FOR EACH STATEMENT EXECUTE FUNCTION pageladder.changes_13();

ALTER TABLE pageladder.records_13 ENABLE ALWAYS TRIGGER pageladder_log_update;


--
-- Name: records_14 pageladder_log_update; Type: TRIGGER; Schema: pageladder; Owner: -
--

CREATE TRIGGER pageladder_log_update AFTER UPDATE ON pageladder.records_14 REFERENCING OLD TABLE AS before_rows NEW TABLE AS after_rows FOR EACH STATEMENT EXECUTE FUNCTION pageladder.changes_14();

ALTER TABLE pageladder.records_14 ENABLE ALWAYS TRIGGER pageladder_log_update;


--
-- Name: records_15 pageladder_log_update; Type: TRIGGER; Schema: pageladder; Owner: -
--

CREATE TRIGGER pageladder_log_update AFTER UPDATE ON pageladder.records_15 REFERENCING OLD TABLE AS before_rows NEW TABLE AS after_rows FOR EACH STATEMENT EXECUTE FUNCTION pageladder.changes_15();

ALTER TABLE pageladder.records_15 ENABLE ALWAYS TRIGGER pageladder_log_update;


--
-- Name: records_16 pageladder_log_update; Type: TRIGGER; Schema: pageladder; Owner: -
--

CREATE TRIGGER pageladder_log_update AFTER UPDATE ON pageladder.records_16 REFERENCING OLD TABLE AS before_rows NEW TABLE AS after_rows FOR EACH STATEMENT EXECUTE FUNCTION pageladder.changes_16();

ALTER TABLE pageladder.records_16 ENABLE ALWAYS TRIGGER pageladder_log_update;


--
-- Name: records_17 pageladder_log_update; Type: TRIGGER; Schema: pageladder; Owner: -
--

CREATE TRIGGER pageladder_log_update AFTER UPDATE ON pageladder.records_17 REFERENCING OLD TABLE AS before_rows NEW TABLE AS after_rows FOR EACH STATEMENT EXECUTE FUNCTION pageladder.changes_17();

ALTER TABLE pageladder.records_17 ENABLE ALWAYS TRIGGER pageladder_log_update;


--
-- Name: records_18 pageladder_log_update; Type: TRIGGER; Schema: pageladder; Owner: -
--

CREATE TRIGGER pageladder_log_update AFTER UPDATE ON pageladder.records_18 REFERENCING OLD TABLE AS before_rows NEW TABLE AS after_rows FOR EACH STATEMENT EXECUTE FUNCTION pageladder.changes_18();

ALTER TABLE pageladder.records_18 ENABLE ALWAYS TRIGGER pageladder_log_update;


--
-- Name: records_19 pageladder_log_update; Type: TRIGGER; Schema: pageladder; Owner: -
--

CREATE TRIGGER pageladder_log_update AFTER UPDATE ON pageladder.records_19 REFERENCING OLD TABLE AS before_rows NEW TABLE AS after_rows FOR EACH STATEMENT EXECUTE FUNCTION pageladder.changes_19();

ALTER TABLE pageladder.records_19 ENABLE ALWAYS TRIGGER pageladder_log_update;


--
-- Name: records_2 pageladder_log_update; Type: TRIGGER; Schema: pageladder; Owner: -
--

CREATE TRIGGER pageladder_log_update AFTER UPDATE ON pageladder.records_2 REFERENCING OLD TABLE AS before_rows NEW TABLE AS after_rows FOR EACH STATEMENT EXECUTE FUNCTION pageladder.changes_2();

ALTER TABLE pageladder.records_2 ENABLE ALWAYS TRIGGER pageladder_log_update;


--
-- Name: records_20 pageladder_log_update; Type: TRIGGER; Schema: pageladder; Owner: -
--

CREATE TRIGGER pageladder_log_update AFTER UPDATE ON pageladder.records_20 REFERENCING OLD TABLE AS before_rows NEW TABLE AS after_rows FOR EACH STATEMENT EXECUTE FUNCTION pageladder.changes_20();

ALTER TABLE pageladder.records_20 ENABLE ALWAYS TRIGGER pageladder_log_update;


--
-- Name: records_3 pageladder_log_update; Type: TRIGGER; Schema: pageladder; Owner: -
--

CREATE TRIGGER pageladder_log_update AFTER UPDATE ON pageladder.records_3 REFERENCING OLD TABLE AS before_rows NEW TABLE AS after_rows FOR EACH STATEMENT EXECUTE FUNCTION pageladder.changes_3();

ALTER TABLE pageladder.records_3 ENABLE ALWAYS TRIGGER pageladder_log_update;


--
-- Name: records_4 pageladder_log_update; Type: TRIGGER; Schema: pageladder; Owner: -
--

CREATE TRIGGER pageladder_log_update AFTER UPDATE ON pageladder.records_4 REFERENCING OLD TABLE AS before_rows NEW TABLE AS after_rows FOR EACH STATEMENT EXECUTE FUNCTION pageladder.changes_4();

ALTER TABLE pageladder.records_4 ENABLE ALWAYS TRIGGER pageladder_log_update;


--
-- Name: records_5 pageladder_log_update; Type: TRIGGER; Schema: pageladder; Owner: -
--

CREATE TRIGGER pageladder_log_update AFTER UPDATE ON pageladder.records_5 REFERENCING OLD TABLE AS before_rows NEW TABLE AS after_rows FOR EACH STATEMENT EXECUTE FUNCTION pageladder.changes_5();

ALTER TABLE pageladder.records_5 ENABLE ALWAYS TRIGGER pageladder_log_update;


--
-- Name: records_6 pageladder_log_update; Type: TRIGGER; Schema: pageladder; Owner: -
--

CREATE TRIGGER pageladder_log_update AFTER UPDATE ON pageladder.records_6 REFERENCING OLD TABLE AS before_rows NEW TABLE AS after_rows FOR EACH STATEMENT EXECUTE FUNCTION pageladder.changes_6();

ALTER TABLE pageladder.records_6 ENABLE ALWAYS TRIGGER pageladder_log_update;


--
-- Name: records_7 pageladder_log_update; Type: TRIGGER; Schema: pageladder; Owner: -
--

CREATE TRIGGER pageladder_log_update AFTER UPDATE ON pageladder.records_7 REFERENCING OLD TABLE AS before_rows NEW TABLE AS after_rows FOR EACH STATEMENT EXECUTE FUNCTION pageladder.changes_7();

ALTER TABLE pageladder.records_7 ENABLE ALWAYS TRIGGER pageladder_log_update;


--
-- Name: records_8 pageladder_log_update; Type: TRIGGER; Schema: pageladder; Owner: -
--

CREATE TRIGGER pageladder_log_update AFTER UPDATE ON pageladder.records_8 REFERENCING OLD TABLE AS before_rows NEW TABLE AS after_rows FOR EACH STATEMENT EXECUTE FUNCTION pageladder.changes_8();

ALTER TABLE pageladder.records_8 ENABLE ALWAYS TRIGGER pageladder_log_update;


--
-- Name: records_9 pageladder_log_update; Type: TRIGGER; Schema: pageladder; Owner: -
--

CREATE TRIGGER pageladder_log_update AFTER UPDATE ON pageladder.records_9 REFERENCING OLD TABLE AS before_rows NEW TABLE AS after_rows FOR EACH STATEMENT EXECUTE FUNCTION pageladder.changes_9();

ALTER TABLE pageladder.records_9 ENABLE ALWAYS TRIGGER pageladder_log_update;


--
-- Name: crew pageladder_log_delete; Type: TRIGGER; Schema: yard; Owner: -
--

CREATE TRIGGER pageladder_log_delete AFTER DELETE ON yard.crew REFERENCING OLD TABLE AS before_rows FOR EACH STATEMENT EXECUTE FUNCTION pageladder_log."yard.crew"();

ALTER TABLE yard.crew ENABLE ALWAYS TRIGGER pageladder_log_delete;


--
-- Name: crew pageladder_log_insert; Type: TRIGGER; Schema: yard; Owner: -
--

CREATE TRIGGER pageladder_log_insert AFTER INSERT ON yard.crew REFERENCING NEW TABLE AS after_rows FOR EACH STATEMENT EXECUTE FUNCTION pageladder_log."yard.crew"();

ALTER TABLE yard.crew ENABLE ALWAYS TRIGGER pageladder_log_insert;


--
-- Name: crew pageladder_log_truncate; Type: TRIGGER; Schema: yard; Owner: -
--

CREATE TRIGGER pageladder_log_truncate AFTER TRUNCATE ON yard.crew FOR EACH STATEMENT EXECUTE FUNCTION pageladder_log."yard.crew"();

ALTER TABLE yard.crew ENABLE ALWAYS TRIGGER pageladder_log_truncate;


--
-- Name: crew pageladder_log_update; Type: TRIGGER; Schema: yard; Owner: -
--

CREATE TRIGGER pageladder_log_update AFTER UPDATE ON yard.crew REFERENCING OLD TABLE AS before_rows NEW TABLE AS after_rows FOR EACH STATEMENT EXECUTE FUNCTION pageladder_log."yard.crew"();

ALTER TABLE yard.crew ENABLE ALWAYS TRIGGER pageladder_log_update;


--
-- Name: session session_token_id_fkey; Type: FK CONSTRAINT; Schema: pageladder; Owner: -
--

ALTER TABLE ONLY pageladder.session
    ADD CONSTRAINT session_token_id_fkey FOREIGN KEY (token_id) REFERENCES pageladder.token(id) ON DELETE CASCADE;


--
-- Name: sign_in sign_in_token_id_fkey; Type: FK CONSTRAINT; Schema: pageladder; Owner: -
--

ALTER TABLE ONLY pageladder.sign_in
    ADD CONSTRAINT sign_in_token_id_fkey FOREIGN KEY (token_id) REFERENCES pageladder.token(id) ON DELETE CASCADE;


--
-- Name: withdrawn withdrawn_set_name_fkey; Type: FK CONSTRAINT; Schema: pageladder; Owner: -
--

ALTER TABLE ONLY pageladder.withdrawn
    ADD CONSTRAINT withdrawn_set_name_fkey FOREIGN KEY (set_name) REFERENCES pageladder.record_set(name) ON DELETE CASCADE;


--
-- Name: SCHEMA pageladder_log; Type: ACL; Schema: -; Owner: -
--

GRANT USAGE ON SCHEMA pageladder_log TO earlier_yard;


--
-- Name: SCHEMA yard; Type: ACL; Schema: -; Owner: -
--

GRANT USAGE ON SCHEMA yard TO earlier_yard;


--
-- Name: FUNCTION keep(name text); Type: ACL; Schema: pageladder_log; Owner: -
--

REVOKE ALL ON FUNCTION pageladder_log.keep(name text) FROM PUBLIC;
GRANT ALL ON FUNCTION pageladder_log.keep(name text) TO earlier_yard;


--
-- Name: FUNCTION "yard.crew"(); Type: ACL; Schema: pageladder_log; Owner: -
--

REVOKE ALL ON FUNCTION pageladder_log."yard.crew"() FROM PUBLIC;


--
-- Name: FUNCTION "yard.crew tells"(since xid8, others xid8[]); Type: ACL; Schema: pageladder_log; Owner: -
--

REVOKE ALL ON FUNCTION pageladder_log."yard.crew tells"(since xid8, others xid8[]) FROM PUBLIC;
GRANT ALL ON FUNCTION pageladder_log."yard.crew tells"(since xid8, others xid8[]) TO earlier_yard;


--
-- Name: SEQUENCE failed; Type: ACL; Schema: pageladder_log; Owner: -
--

GRANT SELECT ON SEQUENCE pageladder_log.failed TO earlier_yard;


--
-- Name: TABLE followed; Type: ACL; Schema: pageladder_log; Owner: -
--

GRANT SELECT ON TABLE pageladder_log.followed TO earlier_yard;


--
-- Name: TABLE "yard.crew"; Type: ACL; Schema: pageladder_log; Owner: -
--

GRANT SELECT ON TABLE pageladder_log."yard.crew" TO earlier_yard;


--
-- Name: TABLE boats; Type: ACL; Schema: yard; Owner: -
--

GRANT SELECT ON TABLE yard.boats TO earlier_yard;


--
-- Name: TABLE crew; Type: ACL; Schema: yard; Owner: -
--

GRANT SELECT ON TABLE yard.crew TO earlier_yard;


--
-- PostgreSQL database dump complete
--

\unrestrict Qqye7Cwg5OjbQ56GRHrYrSH0htVh1BotH92bjUc3ub9K1J5Ul5HAAQ1IX52dg6y

