-- The key that cursors are sealed with where a list is sorted by a field that callers do not see.
-- Two random UUIDs have 244 random bits.
create table pageladder.cursor_key (
    one boolean primary key default true check (one),
    key bytea not null check (length(key) = 32)
);
insert into pageladder.cursor_key (key)
values (sha256(uuid_send(gen_random_uuid()) || uuid_send(gen_random_uuid())));
