-- Indexes that could not be made, and why, so that it can be told.
create table pageladder.index_failure (
  index_name text primary key,
  says       text not null,
  at         timestamptz not null default now()
);

---- create above / drop below ----

drop table pageladder.index_failure;
