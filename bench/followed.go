package main

import (
	"context"
	"errors"
	"fmt"
	"math/rand/v2"
	"net/url"
	"sync/atomic"
	"time"

	"github.com/jackc/pgx/v5"
	"github.com/jackc/pgx/v5/pgxpool"

	"pageladder.example/internal/sets"
	"pageladder.example/paging/value"
)

// owner has a table of its own with the tides, which is followed, and changes it in SQL.
type owner struct {
	pool    *pgxpool.Pool
	reader  string // URL of the database, with a role that may read
	records int
	next    atomic.Int64
}

// following makes the owner's table of another one, and the attached sets "own", which is
// followed, and "plain", which is not.
func following(ctx context.Context, store *sets.Store, pool *pgxpool.Pool, address, table string, records int) (*owner, error) {
	for _, sql := range []string{
		"create schema harbour", "create table harbour.tides as select id, gauge, read_at, height_cm, pressure_hpa, checked, remark from " + table,
		"alter table harbour.tides add primary key (id)", "create index on harbour.tides (read_at, id)", "create index on harbour.tides (height_cm, id)", "create index on harbour.tides (gauge, id)",
		"vacuum analyze harbour.tides", "select pg_prewarm('harbour.tides'), (select sum(pg_prewarm(indexrelid)) from pg_index where indrelid = 'harbour.tides'::regclass)",
		"create role harbour_reader login password 'x'", "grant usage on schema harbour to harbour_reader", "grant select on harbour.tides to harbour_reader",
	} {
		if _, err := pool.Exec(ctx, sql); err != nil {
			return nil, fmt.Errorf("%s: %w", sql, err)
		}
	}
	u, err := url.Parse(address)
	if err != nil {
		return nil, err
	}
	u.User = url.UserPassword("harbour_reader", "x")
	if err := store.AddSource("harbour", u.String()); err != nil {
		return nil, err
	}
	for _, name := range []string{"own", "plain"} {
		set, err := store.Attach(ctx, sets.Attach{Name: name, Source: "harbour", Schema: "harbour", Table: "tides", Types: map[string]value.Type{"id": value.Integer}, Follow: name == "own"})
		if err != nil {
			return nil, err
		}
		if _, err := store.Configure(ctx, name, func(s *sets.Settings) error { s.Open = true; return nil }); err != nil {
			return nil, err
		}
		if name == "plain" {
			continue
		}
		follower, err := store.Follower(ctx, set)
		if err != nil {
			return nil, err
		}
		if _, err := pool.Exec(ctx, follower.Script(), pgx.QueryExecModeSimpleProtocol); err != nil {
			return nil, err
		}
		state, err := store.FollowState(ctx, name)
		if err == nil && !state.Exact {
			err = fmt.Errorf("the owner's table is not followed: %q", state.Missing)
		}
		if err != nil {
			return nil, err
		}
	}
	return &owner{pool: pool, reader: u.String(), records: records}, nil
}

// change changes one record of the owner's, over the whole order.
func (o *owner) change(ctx context.Context) error {
	id := 1 + rand.IntN(o.records)
	at := time.Date(1990, 1, 1, 0, 0, 0, 0, time.UTC).Add(time.Duration(rand.IntN(60*o.records)) * time.Second)
	gauge, height := fmt.Sprintf("gauge %d", 1+rand.IntN(40)), rand.IntN(900)-120
	var err error
	switch rand.IntN(3) {
	case 0:
		_, err = o.pool.Exec(ctx, "insert into harbour.tides (id, gauge, read_at, height_cm, checked, pressure_hpa) values ($1, $2, $3, $4, true, 1013.2)", int64(o.records)+o.next.Add(1), gauge, at, height)
	case 1:
		_, err = o.pool.Exec(ctx, "delete from harbour.tides where id = $1", id)
	default:
		_, err = o.pool.Exec(ctx, "update harbour.tides set gauge = $2, read_at = $3, height_cm = $4 where id = $1", id, gauge, at, height)
	}
	if errors.Is(err, pgx.ErrNoRows) {
		return nil
	}
	return err
}
