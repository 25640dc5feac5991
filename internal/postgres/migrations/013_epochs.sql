-- Lists that are held still: see docs/decisions/024-pins.md.

-- The life of the database that versions of sets were last given out in. In another one, of a backup
-- or a standby, versions may be missing that somebody knows: all sets then go on from far above them.
create table pageladder.epoch (
  one   boolean primary key default true check (one),
  epoch text not null
);

---- create above / drop below ----

drop table pageladder.epoch;
