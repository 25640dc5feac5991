-- The catalogue: one row a record set. Its records are in the table that
-- record_table names; nobody reads a table before the catalogue points at it.
create table pageladder.record_set (
  name         text primary key check (name ~ '^[a-z][a-z0-9_-]{0,62}$'),
  label        text not null,
  record_table text not null,
  fields       jsonb not null,
  rules        jsonb not null,
  records      bigint not null,
  version      bigint not null default 1,
  changed_at   timestamptz not null default now()
);

-- Tables that a newer one has replaced; they are dropped when the longest
-- request that may still read them has passed.
create table pageladder.replaced_table (
  record_table text primary key,
  since        timestamptz not null default now()
);

create sequence pageladder.record_table_number;

---- create above / drop below ----

drop sequence pageladder.record_table_number;
drop table pageladder.replaced_table;
drop table pageladder.record_set;
