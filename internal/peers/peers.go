// Package peers has the services that share a database know of each other: which there are, and what each of them can read of
// what the others write.
package peers

import (
	"context"
	"fmt"
	"log/slog"
	"slices"
	"strings"
	"time"

	"github.com/jackc/pgx/v5"
	"github.com/jackc/pgx/v5/pgxpool"

	"pageladder.example/internal/postgres"
)

const (
	beat   = 5 * time.Second
	lives  = "20 seconds" // without a beat
	kept   = "1 day"      // for those who want to know what there was
	answer = 2 * time.Second
)

// Self is what a service says of itself.
type Self struct {
	ID      string // another one for each start
	Version string // of the program
	Address string // for callers
}

// Service is a service as the others see it.
type Service struct {
	Self
	StartedAt time.Time
	SeenAt    time.Time
	Lives     bool
	Lacks     []string // what we write, and it cannot read
}

// Run makes a service known until the context ends. It returns when the database says no more that it runs, or cannot be reached.
func Run(ctx context.Context, pool *pgxpool.Pool, self Self, log *slog.Logger) {
	for {
		if err := say(ctx, pool, self); err != nil && ctx.Err() == nil {
			log.Info("this service cannot make itself known to others", "err", err)
		}
		select {
		case <-ctx.Done():
			gone, cancel := context.WithTimeout(context.WithoutCancel(ctx), answer)
			defer cancel()
			pool.Exec(gone, "delete from pageladder.service where id = $1", self.ID) // else it is taken for one that was killed
			return
		case <-time.After(beat):
		}
	}
}

// say says that a service runs.
func say(ctx context.Context, pool *pgxpool.Pool, self Self) error {
	ctx, cancel := context.WithTimeout(ctx, answer)
	defer cancel()
	known, err := pool.Exec(ctx, "update pageladder.service set seen_at = now() where id = $1", self.ID)
	if err != nil || known.RowsAffected() > 0 {
		return err
	}
	_, err = pool.Exec(ctx, "with old as (delete from pageladder.service where seen_at < now() - $5::interval) insert into pageladder.service (id, version, address, reads) values ($1, $2, $3, $4) on conflict do nothing",
		self.ID, self.Version, self.Address, Reads(), kept)
	return err
}

// All lists the services that have run within a day and were not ended in good order, the latest first.
func All(ctx context.Context, db postgres.Querier) ([]Service, error) {
	rows, err := db.Query(ctx, `select id, version, address, started_at, seen_at, seen_at > now() - $1::interval, array(select n from unnest($2::text[]) n where n <> all (reads) order by n)
		from pageladder.service where seen_at > now() - $3::interval order by started_at desc, id`, lives, Reads(), kept)
	if err != nil {
		return nil, err
	}
	return pgx.CollectRows(rows, func(row pgx.CollectableRow) (s Service, err error) {
		return s, row.Scan(&s.ID, &s.Version, &s.Address, &s.StartedAt, &s.SeenAt, &s.Lives, &s.Lacks)
	})
}

// earlierSQL is whether a program has a session that does not make itself known: one of before it could.
const earlierSQL = "exists (select from pg_stat_activity where datname = current_database() and application_name = 'pageladder')"

// Earlier reports whether a program uses the database that does not make itself known.
func Earlier(ctx context.Context, db postgres.Querier) (bool, error) {
	rows, err := db.Query(ctx, "select "+earlierSQL)
	if err != nil {
		return false, err
	}
	return pgx.CollectExactlyOneRow(rows, pgx.RowTo[bool])
}

// Lacking is the error for what a service that runs could not read.
type Lacking struct {
	Service string // its version and address
	Lacks   []string
}

func (l *Lacking) Error() string {
	return fmt.Sprintf("a service that runs (%s) cannot read this yet: %s; update it first", l.Service, strings.Join(l.Lacks, ", "))
}

// CanRead is nil if every service that runs can read some entries, words or roles. The error is a *Lacking or the database's.
func CanRead(ctx context.Context, db postgres.Querier, names ...string) error {
	if len(names) == 0 {
		return nil
	}
	late := slices.DeleteFunc(slices.Clone(names), func(name string) bool { return slices.Contains(earlier, name) }) // what earlier programs do not read
	rows, err := db.Query(ctx, `select s.version || ' at ' || s.address, s.lacks from (
			select version, address, array(select n from unnest($1::text[]) n where n <> all (reads) order by n) as lacks from pageladder.service where seen_at > now() - $2::interval
			union all select 'an earlier version', 'an address that is not known', $3::text[] where `+earlierSQL+`) s
		where s.lacks <> '{}' order by 1 limit 1`, names, lives, late)
	if err != nil {
		return err
	}
	found := &Lacking{}
	var none error
	_, err = pgx.ForEachRow(rows, []any{&found.Service, &found.Lacks}, func() error { none = found; return nil })
	if err != nil {
		return err
	}
	return none
}
