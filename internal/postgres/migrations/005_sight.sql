-- Who sees what of a set: whether callers without a token may read it, and the
-- filter, written as in a query, that binds readers.
alter table pageladder.record_set
  add column fixed text not null default '',
  add column open  boolean not null default false;

-- The last version of sets that have been removed: one that comes later under the
-- same name goes on from there, so that no version is ever told twice.
create table pageladder.removed_set (
  name    text primary key,
  version bigint not null
);

---- create above / drop below ----

drop table pageladder.removed_set;
alter table pageladder.record_set drop column fixed, drop column open;
