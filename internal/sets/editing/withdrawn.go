package editing

import (
	"context"
	"encoding/json"
	"errors"
	"slices"

	"github.com/jackc/pgx/v5"
	"github.com/jackc/pgx/v5/pgxpool"

	"pageladder.example/internal/postgres"
	"pageladder.example/internal/sets/catalog"
	"pageladder.example/internal/sets/source"
	"pageladder.example/internal/sets/view"
	"pageladder.example/paging/value"
)

// This file takes records out of their set, and brings them back.

// Withdraw takes a record out of its set, if it still has the revision. Restore
// brings it back as it was.
func (e *Editor) Withdraw(ctx context.Context, name string, key []string, revision Revision) (version int64, err error) {
	return e.change(ctx, name, -1, func(tx pgx.Tx, set *catalog.Set) (int64, error) {
		record, count, err := e.read(ctx, tx, set, key)
		if err != nil {
			return 0, err
		}
		stored, err := withdrawnKey(set, key)
		if err != nil {
			return 0, err
		}
		values := Values{}
		for i, f := range set.Fields {
			if record[i] != nil {
				text := string(record[i])
				values[f.Name] = &text
			}
		}
		_, err = tx.Exec(ctx, `insert into pageladder.withdrawn (set_name, key, revision, record) values ($1, $2, $3, $4)
			on conflict (set_name, key) do update set revision = excluded.revision, record = excluded.record, at = now()`,
			name, stored, count, values)
		if err != nil {
			return 0, err
		}
		return 0, e.remove(ctx, tx, set, key, revision)
	})
}

// withdrawnKey is the key of a withdrawn record as it is stored: a JSON list of its canonical values.
func withdrawnKey(set *catalog.Set, key []string) (string, error) {
	checked, err := canonical(set, key)
	if err != nil {
		return "", err
	}
	text, err := json.Marshal(checked)
	return string(text), err
}

// Restore brings a withdrawn record back, with its next revision. Errors are
// catalog.ErrNoSet, view.ErrNoRecord, ErrKeyTaken where another has come in its place, or the
// database's.
func (e *Editor) Restore(ctx context.Context, name string, key []string) (version int64, err error) {
	return e.change(ctx, name, +1, func(tx pgx.Tx, set *catalog.Set) (int64, error) {
		stored, err := withdrawnKey(set, key)
		if err != nil {
			return 0, err
		}
		var values Values
		var revision int64
		err = tx.QueryRow(ctx, "delete from pageladder.withdrawn where set_name = $1 and key = $2 returning record, revision", name, stored).Scan(&values, &revision)
		if errors.Is(err, pgx.ErrNoRows) {
			return 0, view.ErrNoRecord
		}
		if err != nil {
			return 0, err
		}
		for field := range values { // a field that the set no longer has
			if set.Field(field) == nil {
				delete(values, field)
			}
		}
		next := max(revision+1, set.Version)
		return next, insert(ctx, tx, set, values, next)
	})
}

// KeepWithdrawn rewrites the keys of withdrawn records that earlier versions stored as PostgreSQL
// writes values, so that nobody found them again: times and booleans. Of two that are the same
// key, the one that was withdrawn later stays.
func KeepWithdrawn(ctx context.Context, pool *pgxpool.Pool, all []*catalog.Set) error {
	for _, set := range all {
		if set.Attached() || !slices.ContainsFunc(set.Rules.Key, func(name string) bool {
			return set.Field(name).Type == value.Time || set.Field(name).Type == value.Boolean
		}) {
			continue
		}
		rows, err := pool.Query(ctx, "select key from pageladder.withdrawn where set_name = $1", set.Name)
		if err != nil {
			return err
		}
		keys, err := pgx.CollectRows(rows, pgx.RowTo[string])
		if err != nil {
			return err
		}
		for _, old := range keys {
			key := canonicalOf(set, old)
			if key == "" || key == old {
				continue
			}
			err := postgres.WriteLong(ctx, pool, func(tx pgx.Tx) error {
				_, err := tx.Exec(ctx, "delete from pageladder.withdrawn w using pageladder.withdrawn o where w.set_name = $1 and o.set_name = $1 and w.key in ($2, $3) and o.key in ($2, $3) and (w.at, w.key) < (o.at, o.key)", set.Name, old, key)
				if err == nil {
					_, err = tx.Exec(ctx, "update pageladder.withdrawn set key = $3 where set_name = $1 and key = $2", set.Name, old, key)
				}
				return err
			})
			if err != nil {
				return err
			}
		}
	}
	return nil
}

// canonicalOf is a stored key with the canonical values of those that PostgreSQL wrote; "" if it is
// none of the set.
func canonicalOf(set *catalog.Set, stored string) string {
	var key []string
	if json.Unmarshal([]byte(stored), &key) != nil || len(key) != len(set.Rules.Key) {
		return ""
	}
	for i, name := range set.Rules.Key {
		if _, want := set.Field(name).Type.Canonical(key[i]); want == "" {
			continue
		}
		if short, ok := map[string]string{"t": "true", "f": "false"}[key[i]]; ok {
			key[i] = short
		}
		text, err := source.Text(set.Definition, name, key[i])
		if err != nil || text == nil {
			return ""
		}
		key[i] = *text
	}
	text, err := json.Marshal(key)
	if err != nil {
		return ""
	}
	return string(text)
}
