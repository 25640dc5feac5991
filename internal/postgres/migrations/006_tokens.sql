-- Who may call. A token is 256 random bits; only its SHA-256 is kept.
create table pageladder.token (
  id         bigint generated always as identity primary key,
  hash       bytea not null unique,
  label      text not null,
  role       text not null check (role in ('reader', 'editor', 'owner')),
  sets       text[], -- null: all sets
  created_at timestamptz not null default now(),
  used_at    timestamptz,
  ended_at   timestamptz -- it stays, so that the service is not open again when the last one ends
);

-- Sessions of the console: the cookie holds the session's id, never the token.
create table pageladder.session (
  hash       bytea primary key, -- SHA-256 of the id
  token_id   bigint not null references pageladder.token (id) on delete cascade,
  expires_at timestamptz not null
);

---- create above / drop below ----

drop table pageladder.session;
drop table pageladder.token;
