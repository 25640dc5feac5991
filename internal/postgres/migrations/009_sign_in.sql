-- Links that sign a browser in: each once, and for ten minutes.
create table pageladder.sign_in (
  hash       bytea primary key, -- SHA-256 of the code in the link
  token_id   bigint not null references pageladder.token (id) on delete cascade,
  expires_at timestamptz not null
);

---- create above / drop below ----

drop table pageladder.sign_in;
