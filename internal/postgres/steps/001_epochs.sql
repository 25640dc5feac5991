-- Which program may use the database, and which lives it has had. See docs/decisions/030-steps.md and 024-pins.md.

-- Steps only add: a program that knows fewer of them goes on. One that takes something away names the first program
-- that can do without it, by the number of the steps that it knows.
create table pageladder.program (
  one    boolean primary key default true check (one),
  oldest int not null default 0
);
insert into pageladder.program default values;

-- The lives of the database in which versions were given out, each with an id that no other one has: pageladder.epoch
-- names the present one alone, as a server that was promoted twice from one state may do again.
create table pageladder.epochs (
  number   bigint generated always as identity primary key,
  id       text not null unique,
  server   text not null,                  -- as in pageladder.epoch
  begun_at timestamptz not null default now(),
  versions jsonb not null default '{}'     -- of each kept set, as the epoch before left them
);

---- create above / drop below ----

drop table pageladder.epochs;
drop table pageladder.program;
