package sets

import (
	"context"
	"encoding/json"
	"errors"
	"slices"

	"github.com/jackc/pgx/v5"

	"pageladder.example/paging/value"
)

// This file takes records out of their set, and brings them back.

// Withdraw takes a record out of its set, if it still has the revision. Restore
// brings it back as it was.
func (s *Store) Withdraw(ctx context.Context, name string, key []string, revision Revision) (version int64, err error) {
	return s.change(ctx, name, -1, func(tx pgx.Tx, set *Set) error {
		record, count, err := readRecord(ctx, tx, set, All, key)
		if err != nil {
			return err
		}
		stored, err := withdrawnKey(set, key)
		if err != nil {
			return err
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
			return err
		}
		return remove(ctx, tx, set, key, revision)
	})
}

// withdrawnKey is the key of a withdrawn record as it is stored: a JSON list of its canonical values.
func withdrawnKey(set *Set, key []string) (string, error) {
	canonical, err := canonicalKey(set, key)
	if err != nil {
		return "", err
	}
	text, err := json.Marshal(canonical)
	return string(text), err
}

// Restore brings a withdrawn record back, with its next revision. Errors are
// ErrNoSet, ErrNoRecord, ErrKeyTaken where another has come in its place, or the
// database's.
func (s *Store) Restore(ctx context.Context, name string, key []string) (version int64, err error) {
	return s.change(ctx, name, +1, func(tx pgx.Tx, set *Set) error {
		stored, err := withdrawnKey(set, key)
		if err != nil {
			return err
		}
		var values Values
		var revision int64
		err = tx.QueryRow(ctx, "delete from pageladder.withdrawn where set_name = $1 and key = $2 returning record, revision", name, stored).Scan(&values, &revision)
		if errors.Is(err, pgx.ErrNoRows) {
			return ErrNoRecord
		}
		if err != nil {
			return err
		}
		for field := range values { // a field that the set no longer has
			if set.field(field) == nil {
				delete(values, field)
			}
		}
		return insert(ctx, tx, set, values, max(revision+1, set.Version))
	})
}

// keepWithdrawn rewrites the keys of withdrawn records that earlier versions stored as PostgreSQL
// writes values, so that nobody found them again: times and booleans. Of two that are the same
// key, the one that was withdrawn later stays.
func (s *Store) keepWithdrawn(ctx context.Context, all []*Set) error {
	for _, set := range all {
		if set.Attached() || !slices.ContainsFunc(set.Rules.Key, func(name string) bool {
			return set.field(name).Type == value.Time || set.field(name).Type == value.Boolean
		}) {
			continue
		}
		rows, err := s.pool.Query(ctx, "select key from pageladder.withdrawn where set_name = $1", set.Name)
		if err != nil {
			return err
		}
		keys, err := pgx.CollectRows(rows, pgx.RowTo[string])
		if err != nil {
			return err
		}
		for _, old := range keys {
			key := set.canonicalOf(old)
			if key == "" || key == old {
				continue
			}
			err := pgx.BeginFunc(ctx, fresh{s.pool}, func(tx pgx.Tx) error {
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
func (s *Set) canonicalOf(stored string) string {
	var key []string
	if json.Unmarshal([]byte(stored), &key) != nil || len(key) != len(s.Rules.Key) {
		return ""
	}
	for i, name := range s.Rules.Key {
		if _, want := s.field(name).Type.Canonical(key[i]); want == "" {
			continue
		}
		if short, ok := map[string]string{"t": "true", "f": "false"}[key[i]]; ok {
			key[i] = short
		}
		text, err := s.records.Text(name, key[i])
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
