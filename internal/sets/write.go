package sets

import (
	"context"
	"errors"
	"slices"
	"strconv"
	"strings"

	"github.com/jackc/pgx/v5"
	"github.com/jackc/pgx/v5/pgconn"
)

// Values are some of a record's values by field, written as in a query; nil is a
// missing value.
type Values map[string]*string

// writer writes a statement about one record.
type writer struct {
	set  *Set
	args []any
}

func (w *writer) arg(field, value string) string {
	w.args = append(w.args, value)
	return "$" + strconv.Itoa(len(w.args)) + "::" + castTo(w.set.field(field).Type)
}

func (w *writer) whereKey(key []string) string {
	parts := make([]string, len(key))
	for i, field := range w.set.Rules.Key {
		parts[i] = quote(field) + " = " + w.arg(field, key[i])
	}
	return " where " + strings.Join(parts, " and ")
}

// checkValues brings values into the canonical form of their types.
func checkValues(set *Set, values Values) (Values, error) {
	checked := Values{}
	for name, value := range values {
		field := set.field(name)
		switch {
		case field == nil:
			return nil, &ValueError{name, "an unknown field", "a field of " + set.Name}
		case value == nil && slices.Contains(set.Rules.Key, name):
			return nil, &ValueError{name, "nothing", "a value, since it is the key's"}
		case value == nil:
			checked[name] = nil
			continue
		}
		canonical, want := field.Type.Canonical(*value)
		if want != "" {
			return nil, &ValueError{name, strconv.Quote(*value), want}
		}
		checked[name] = &canonical
	}
	return checked, nil
}

// change runs one change of a set's records. The version moves in the same transaction, as its
// first statement, so that changes of a set come one after the other.
func (s *Store) change(ctx context.Context, name string, records int64, change func(tx pgx.Tx, set *Set) error) (version int64, err error) {
	err = pgx.BeginFunc(ctx, fresh{s.pool}, func(tx pgx.Tx) error {
		known, _, _ := s.catalogue.get(name)
		// Every service is notified when this commits.
		rows, err := tx.Query(ctx, "with moved as (update pageladder.record_set v set version = version + 1, changed_at = now(), records = records + $2 where name = $1 returning "+
			movingColumns+", "+stampSQL+" as told) select "+movingColumns+" from moved, pg_notify($3, $1 || ' ' || told) a, pg_notify($3, $1) b", name, records, channel)
		if err != nil {
			return err
		}
		if known == nil {
			known = &Set{Name: name} // which is not how any set is
		}
		set, err := known.movedBy(rows)
		if err == nil && set == nil {
			set, err = get(ctx, tx, name)
		}
		if err != nil {
			return err
		}
		if set.Attached() {
			return ErrReadOnly
		}
		version = set.Version
		err = change(tx, set)
		var pg *pgconn.PgError
		if errors.As(err, &pg) && pg.Code == uniqueViolation {
			return ErrKeyTaken
		}
		return dataFault(set, err)
	})
	s.catalogue.stale(name)
	return version, err
}

// affected is the error of a statement that should have changed a record of a certain revision and
// found none.
func affected(ctx context.Context, tx pgx.Tx, set *Set, key []string, n int64) error {
	if n == 1 {
		return nil
	}
	_, _, err := readRecord(ctx, tx, set, All, key)
	if err == nil {
		return ErrStale
	}
	return err
}

// Add adds a record. Fields without a value are missing. It returns the set's new version. Errors
// are ErrNoSet, ErrKeyTaken, *ValueError, or the database's.
func (s *Store) Add(ctx context.Context, name string, values Values) (version int64, err error) {
	return s.change(ctx, name, +1, func(tx pgx.Tx, set *Set) error {
		for _, field := range set.Rules.Key {
			if _, ok := values[field]; !ok {
				return &ValueError{field, "nothing", "a value, since it is the key's"}
			}
		}
		checked, err := checkValues(set, values)
		if err != nil {
			return err
		}
		return insert(ctx, tx, set, checked, set.Version) // larger than the revision of any earlier record of this key
	})
}

func insert(ctx context.Context, tx pgx.Tx, set *Set, values Values, revision int64) error {
	w := &writer{set: set}
	names, places := []string{revisionColumn}, []string{strconv.FormatInt(revision, 10)}
	for name, value := range values {
		if value != nil {
			names = append(names, quote(name))
			places = append(places, w.arg(name, *value))
		}
	}
	_, err := tx.Exec(ctx, "insert into "+tableName(set)+" ("+strings.Join(names, ", ")+") values ("+strings.Join(places, ", ")+")", w.args...)
	return err
}

// Change changes fields of a record, if it still has the revision; the key cannot be changed. It
// returns the set's new version. Errors are ErrNoSet, ErrNoRecord, ErrStale, *ValueError, or the
// database's.
func (s *Store) Change(ctx context.Context, name string, key []string, revision Revision, values Values) (version int64, err error) {
	return s.change(ctx, name, 0, func(tx pgx.Tx, set *Set) error {
		checked, err := checkValues(set, values)
		if err != nil {
			return err
		}
		key, err := canonicalKey(set, key)
		if err != nil {
			return err
		}
		w := &writer{set: set}
		sets := []string{revisionColumn + " = " + revisionColumn + " + 1"}
		for field, value := range checked {
			switch {
			case slices.Contains(set.Rules.Key, field):
				if i := slices.Index(set.Rules.Key, field); *value != key[i] {
					return &ValueError{field, strconv.Quote(*value), strconv.Quote(key[i]) + ", since a key stays; add another record instead"}
				}
			case value == nil:
				sets = append(sets, quote(field)+" = null")
			default:
				sets = append(sets, quote(field)+" = "+w.arg(field, *value))
			}
		}
		sql := "update " + tableName(set) + " set " + strings.Join(sets, ", ") + w.whereKey(key) + " and " + revisionColumn + " = " + strconv.FormatInt(revision.count(set), 10)
		tag, err := tx.Exec(ctx, sql, w.args...)
		if err != nil {
			return err
		}
		return affected(ctx, tx, set, key, tag.RowsAffected())
	})
}

// Delete deletes a record for good, if it still has the revision.
func (s *Store) Delete(ctx context.Context, name string, key []string, revision Revision) (version int64, err error) {
	return s.change(ctx, name, -1, func(tx pgx.Tx, set *Set) error {
		return remove(ctx, tx, set, key, revision)
	})
}

// remove deletes a record that has a revision.
func remove(ctx context.Context, tx pgx.Tx, set *Set, key []string, revision Revision) error {
	key, err := canonicalKey(set, key)
	if err != nil {
		return err
	}
	w := &writer{set: set}
	sql := "delete from " + tableName(set) + w.whereKey(key) + " and " + revisionColumn + " = " + strconv.FormatInt(revision.count(set), 10)
	tag, err := tx.Exec(ctx, sql, w.args...)
	if err != nil {
		return err
	}
	return affected(ctx, tx, set, key, tag.RowsAffected())
}
