package catalog

import (
	"context"
	"errors"
	"fmt"
	"slices"
	"time"

	"github.com/jackc/pgx/v5"

	"pageladder.example/internal/intake"
	"pageladder.example/internal/label"
	"pageladder.example/internal/peers"
	"pageladder.example/paging/rulesfile"
)

// ErrSetTaken is the error for a new set whose name is taken.
var ErrSetTaken = errors.New("there is a record set of this name already")

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

// CheckSaid checks a set's label and fixed filter. What stays as it was is not checked again; was
// is nil for a new set.
func CheckSaid(was *Definition, text, fixed string) error {
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
// the same transaction. Errors are ErrNoSet, ErrNotAttached, ErrKey, ErrFields,
// rulesfile.Errors, *ValueError, *FixedError, those of the function, or the database's.
func (c *Catalog) Configure(ctx context.Context, name string, change func(*Settings) error) (*Set, error) {
	var set *Set
	err := c.writes.Write(ctx, func(tx pgx.Tx) error {
		if _, err := tx.Exec(ctx, "select 1 from pageladder.record_set where name = $1 for update", name); err != nil {
			return err
		}
		var err error
		if set, err = Get(ctx, tx, name); err != nil {
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
		if err := Fits(now.Rules, set.Fields); err != nil {
			return err
		}
		if err := CheckSaid(set.Definition, now.Label, now.Fixed); err != nil {
			return err
		}
		if _, err := FixedFilter(set.Fields, now.Fixed); err != nil {
			return err
		}
		if err := CanBeRead(ctx, tx, now.Rules, nil, set.Definition); err != nil {
			return err
		}
		rows, err := tx.Query(ctx, `update pageladder.record_set set label = $2, rules = $3, fixed = $4, fixed_dates = $7, open = $5, remember_s = $6, followed = $8,
			version = version + 1, changed_at = now() where name = $1 returning `+columns,
			name, now.Label, now.Rules, now.Fixed, now.Open, int64(now.Remember.Seconds()), wholeDays, now.Followed)
		if err != nil {
			return err
		}
		if set, err = pgx.CollectExactlyOneRow(rows, scan); err != nil {
			return err
		}
		return Notify(ctx, tx, name)
	})
	c.Stale(name)
	if err == nil {
		c.Saw(set)
	}
	return set, err
}

// CanBeRead is nil if every service that runs can read rules and fields, of which those of before can be read. The error is a
// *peers.Lacking or the database's.
func CanBeRead(ctx context.Context, tx pgx.Tx, rules *rulesfile.Rules, fields []intake.Field, before *Definition) error {
	uses := func(rules *rulesfile.Rules, fields []intake.Field) []string {
		names := peers.Uses(rules)
		for _, f := range fields {
			if f.Type != UnknownType {
				names = append(names, peers.Type(f.Type))
			}
		}
		return names
	}
	names := uses(rules, fields)
	if before != nil {
		could := uses(before.Rules, before.Fields)
		names = slices.DeleteFunc(names, func(name string) bool { return slices.Contains(could, name) })
	}
	return peers.CanRead(ctx, tx, names...)
}

// Remove removes a set with its records; of an attached set only what is stored in the catalogue.
func (c *Catalog) Remove(ctx context.Context, name string) error {
	defer c.Stale(name)
	return c.writes.Write(ctx, func(tx pgx.Tx) error {
		set, err := Get(ctx, tx, name)
		if err != nil {
			return err
		}
		_, err = tx.Exec(ctx, `with gone as (delete from pageladder.record_set where name = $1 returning name, version)
			insert into pageladder.removed_set select name, version from gone
			on conflict (name) do update set version = excluded.version`, name)
		if err != nil {
			return err
		}
		if err := Replaced(ctx, tx, set.Definition); err != nil {
			return err
		}
		return Notify(ctx, tx, name)
	})
}

// Replaced notes that the table of a set in our own database is no longer used. Readers may have
// looked it up just before, so it is dropped later.
func Replaced(ctx context.Context, tx pgx.Tx, d *Definition) error {
	if d.Attached() {
		return nil
	}
	_, err := tx.Exec(ctx, "insert into pageladder.replaced_table (record_table) values ($1)", d.Table)
	return err
}

// Publish creates a set, or replaces the one of its name, and returns it; the name must not be
// taken if it isNew. Every service is notified when the transaction commits.
func Publish(ctx context.Context, tx pgx.Tx, d *Definition, records int64, followed, isNew bool) (*Set, error) {
	if _, err := FixedFilter(d.Fields, d.Fixed); err != nil {
		return nil, err
	}
	conflict := `do update set label = excluded.label, record_table = excluded.record_table,
		  fields = excluded.fields, rules = excluded.rules, records = excluded.records,
		  source = excluded.source, source_schema = excluded.source_schema, remember_s = excluded.remember_s, followed = excluded.followed,
		  fixed = excluded.fixed, open = excluded.open, fixed_dates = excluded.fixed_dates, version = record_set.version + 1, changed_at = now()`
	if isNew { // somebody may be making one of the name at this moment
		conflict = "do nothing"
	}
	rows, err := tx.Query(ctx, `
		insert into pageladder.record_set (name, label, record_table, fields, rules, records, source, source_schema, remember_s, fixed, open, fixed_dates, followed, version)
		values ($1, $2, $3, $4, $5, $6, $7, $8, $9, $10, $11, $12, $13, coalesce((select version from pageladder.removed_set where name = $1), (select new_after from pageladder.epochs order by number desc limit 1), 0) + 1)
		on conflict (name) `+conflict+`
		returning `+columns,
		d.Name, d.Label, d.Table, d.Fields, d.Rules, records, d.Source, d.Schema, int64(d.Remember.Seconds()),
		d.Fixed, d.Open, wholeDays, followed)
	if err != nil {
		return nil, err
	}
	created, err := pgx.CollectExactlyOneRow(rows, scan)
	if isNew && errors.Is(err, pgx.ErrNoRows) {
		return nil, ErrSetTaken
	}
	if err == nil {
		err = Notify(ctx, tx, d.Name)
	}
	return created, err
}
