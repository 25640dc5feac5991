-- Writes that name themselves (Idempotency-Key) and have been done, so that one that is sent again is answered and not
-- done again. Nothing of a record is kept. See docs/decisions/031-written-once.md.
create table pageladder.done (
  number   bigint generated always as identity,
  caller   text not null,
  key      text not null,
  digest   bytea not null,   -- SHA-256 of what was sent
  status   int not null,
  version  bigint not null,
  revision text not null,    -- '': the record is not in the set any more
  at       timestamptz not null default now(),
  primary key (caller, key)
);
create index on pageladder.done (caller, number);
create index on pageladder.done (at);

---- create above / drop below ----

drop table pageladder.done;
