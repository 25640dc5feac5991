-- Lists that are held still: see docs/decisions/024-pins.md.

-- The life of the database that versions of sets were last given out in. In another one, of a backup
-- or a standby, versions may be missing that somebody knows: all sets then go on from far above them.
create table pageladder.epoch (
  one   boolean primary key default true check (one),
  epoch text not null
);

-- States of followed tables that pages were of, by which their lists are held still. Each service takes
-- numbers for its states 10,000 at a time.
create table pageladder.mark (
  number     bigint primary key,
  record_set text not null,
  log        text not null,  -- which it is, as services name it
  saw        jsonb not null, -- what the snapshot saw
  at         timestamptz not null default now()
);
create index on pageladder.mark (at);
create sequence pageladder.mark_number start 1 increment 10000;

---- create above / drop below ----

drop sequence pageladder.mark_number;
drop table pageladder.mark;

drop table pageladder.epoch;
