-- Records that have been withdrawn from their set, as they were. They are not in
-- the set's table, so that no page, count or index has to leave them out.
create table pageladder.withdrawn (
  set_name text not null references pageladder.record_set (name) on delete cascade,
  key      text not null, -- the values of the key, a JSON list
  revision bigint not null,
  record   jsonb not null,
  at       timestamptz not null default now(),
  primary key (set_name, key)
);

---- create above / drop below ----

drop table pageladder.withdrawn;
