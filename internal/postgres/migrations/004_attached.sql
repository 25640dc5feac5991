-- Attached sets: a table or view of a database that the operator named as a
-- source. Their records are the owner's; here is only where they are.
alter table pageladder.record_set
  add column source        text not null default '', -- '': a kept set
  add column source_schema text not null default '',
  add column remember_s    bigint not null default 0; -- seconds that a total may be remembered

---- create above / drop below ----

alter table pageladder.record_set drop column source, drop column source_schema, drop column remember_s;
