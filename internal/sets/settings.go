package sets

import (
	"context"
	"errors"
	"fmt"
	"slices"
	"time"

	"github.com/jackc/pgx/v5"

	"pageladder.example/internal/label"
	"pageladder.example/paging/rulesfile"
)

// Errors about a set's settings.
var (
	ErrFields = errors.New("the rules do not fit the set's fields")
	ErrKey    = errors.New("the rules' key is not the one that the set was made with; import or attach it again to change that")
)

// Settings are what the owner of a set decides.
type Settings struct {
	Label    string
	Rules    *rulesfile.Rules
	Fixed    string        // the fixed filter
	Open     bool          // callers without a token may read it
	Remember time.Duration // of an attached set: how long totals and footholds may be remembered
	Followed bool          // of an attached set: its table is followed
}

const fixedBytes = 8 << 10 // of a fixed filter

// checkSaid checks a set's label and fixed filter. What stays as it was is not checked again; was
// is nil for a new set.
func checkSaid(was *Set, text, fixed string) error {
	if was == nil || text != was.Label {
		if err := label.Check(text); err != nil {
			return err
		}
	}
	if (was == nil || fixed != was.Fixed) && len(fixed) > fixedBytes {
		return &FixedError{fmt.Sprintf("found %d bytes; right would be at most %d", len(fixed), fixedBytes)}
	}
	return nil
}

// Configure changes a set's settings. The function gets the current ones under a lock, so that it
// can compare them and refuse: an error of it leaves everything as it was. The version moves in
// the same transaction; indexes follow in the background. Errors are ErrNoSet, ErrNotAttached, ErrKey, ErrFields,
// rulesfile.Errors, *ValueError, *FixedError, those of the function, or the database's.
func (s *Store) Configure(ctx context.Context, name string, change func(*Settings) error) (*Set, error) {
	var set *Set
	err := pgx.BeginFunc(ctx, fresh{s.pool}, func(tx pgx.Tx) error {
		if _, err := tx.Exec(ctx, "select 1 from pageladder.record_set where name = $1 for update", name); err != nil {
			return err
		}
		var err error
		if set, err = get(ctx, tx, name); err != nil {
			return err
		}
		now := Settings{set.Label, set.Rules, set.Fixed, set.Open, set.Remember, set.Followed}
		if err := change(&now); err != nil {
			return err
		}
		if !set.Attached() && (now.Followed || now.Remember > 0 && now.Remember != set.Remember) {
			return ErrNotAttached
		}
		if err := now.Rules.Check(); err != nil {
			return err
		}
		if !slices.Equal(now.Rules.Key, set.Rules.Key) {
			return ErrKey
		}
		if err := fits(now.Rules, set.Fields); err != nil {
			return err
		}
		if err := checkSaid(set, now.Label, now.Fixed); err != nil {
			return err
		}
		if _, err := fixedFilter(set.Fields, now.Fixed); err != nil {
			return err
		}
		rows, err := tx.Query(ctx, `update pageladder.record_set set label = $2, rules = $3, fixed = $4, fixed_dates = $7, open = $5, remember_s = $6, followed = $8,
			version = version + 1, changed_at = now() where name = $1 returning `+catalogueColumns,
			name, now.Label, now.Rules, now.Fixed, now.Open, int64(now.Remember.Seconds()), wholeDays, now.Followed)
		if err != nil {
			return err
		}
		if set, err = pgx.CollectExactlyOneRow(rows, scanSet); err != nil {
			return err
		}
		return notify(ctx, tx, name)
	})
	s.catalogue.stale(name)
	if err == nil {
		s.index(set)
	}
	return set, err
}

// Remove removes a set with its records; of an attached set only what is stored here.
func (s *Store) Remove(ctx context.Context, name string) error {
	defer s.catalogue.stale(name)
	return pgx.BeginFunc(ctx, fresh{s.pool}, func(tx pgx.Tx) error {
		set, err := get(ctx, tx, name)
		if err != nil {
			return err
		}
		_, err = tx.Exec(ctx, `with gone as (delete from pageladder.record_set where name = $1 returning name, version)
			insert into pageladder.removed_set select name, version from gone
			on conflict (name) do update set version = excluded.version`, name)
		if err != nil {
			return err
		}
		if err := replaced(ctx, tx, set); err != nil {
			return err
		}
		return notify(ctx, tx, name)
	})
}
