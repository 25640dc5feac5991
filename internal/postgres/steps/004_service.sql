-- The services that share the database, as each says of itself while it runs: see docs/decisions/030-steps.md.
create table pageladder.service (
  id         text primary key,
  version    text not null,
  address    text not null,
  reads      text[] not null,              -- what it can read of what others write: entries of rules, words, roles
  started_at timestamptz not null default now(),
  seen_at    timestamptz not null default now()
);

---- create above / drop below ----

drop table pageladder.service;
