// Package editing changes records of kept sets: it adds, changes, withdraws, restores, deletes and purges
// them. It knows nothing of what is remembered of lists: a change moves the set's version, and whoever
// remembers something is notified.
package editing

import (
	"context"
	"errors"
	"slices"
	"strconv"
	"strings"
	"time"

	"github.com/jackc/pgx/v5"

	"pageladder.example/internal/once"
	"pageladder.example/internal/postgres"
	"pageladder.example/internal/sets/catalog"
	"pageladder.example/internal/sets/relation"
	"pageladder.example/internal/sets/source"
	"pageladder.example/internal/sets/tables"
	"pageladder.example/internal/sets/view"
)

// Errors about changes of records.
var (
	ErrStale    = errors.New("the record has been changed since it was read")
	ErrKeyTaken = errors.New("another record has this key")
	ErrReadOnly = errors.New("the set is attached: its records are changed by their owner")
)

// Editor changes records.
type Editor struct {
	writes  *postgres.Writer
	catalog *catalog.Catalog
	kept    *source.Kept
	sweep   func(ctx context.Context, ago time.Duration) error // drops tables that were replaced so long ago
}

// New changes records of the sets of a catalogue.
func New(writes *postgres.Writer, catalog *catalog.Catalog, kept *source.Kept, sweep func(ctx context.Context, ago time.Duration) error) *Editor {
	return &Editor{writes, catalog, kept, sweep}
}

// Revision names one state of one record. It is never used again, even if the record is deleted
// and added again, or imported anew.
type Revision string

// RevisionOf is the text of a revision: the table that holds the record, and the number of its
// changes; "" if that is not known.
func RevisionOf(d *catalog.Definition, n int64) Revision {
	if n == 0 {
		return ""
	}
	return Revision(strings.TrimPrefix(d.Table, tables.Prefix) + "-" + strconv.FormatInt(n, 10))
}

// count is the number of changes in a revision; 0 if no record of the set can have that revision.
func (r Revision) count(d *catalog.Definition) int64 {
	_, n, _ := strings.Cut(string(r), "-")
	count, err := strconv.ParseInt(n, 10, 64)
	if err != nil || RevisionOf(d, count) != r {
		return 0
	}
	return count
}

// Values are some of a record's values by field, written as in a query; nil is a
// missing value.
type Values map[string]*string

// writer writes a statement about one record.
type writer struct {
	set  *catalog.Set
	args []any
}

func (w *writer) arg(field, value string) string {
	w.args = append(w.args, value)
	return "$" + strconv.Itoa(len(w.args)) + "::" + tables.ColumnOf(w.set.Field(field).Type).SQL
}

func (w *writer) whereKey(key []string) string {
	parts := make([]string, len(key))
	for i, field := range w.set.Rules.Key {
		parts[i] = tables.Quote(field) + " = " + w.arg(field, key[i])
	}
	return " where " + strings.Join(parts, " and ")
}

// checkValues brings values into the canonical form of their types.
func checkValues(set *catalog.Set, values Values) (Values, error) {
	checked := Values{}
	for name, value := range values {
		field := set.Field(name)
		switch {
		case field == nil:
			return nil, catalog.Unfit(name, "an unknown field", "a field of "+set.Name)
		case value == nil && slices.Contains(set.Rules.Key, name):
			return nil, catalog.Unfit(name, "nothing", "a value, since it is the key's")
		case value == nil:
			checked[name] = nil
			continue
		}
		canonical, want := field.Type.Canonical(*value)
		if want != "" {
			return nil, catalog.Unfit(name, strconv.Quote(*value), want)
		}
		checked[name] = &canonical
	}
	return checked, nil
}

// change runs one change of a set's records. The version moves in the same transaction, as its
// first statement, so that changes of a set come one after the other. A write that names itself is done once.
// The change gives the number of the record's revision; 0 if the record is not in the set any more.
func (e *Editor) change(ctx context.Context, name string, records int64, change func(tx pgx.Tx, set *catalog.Set) (int64, error)) (version int64, err error) {
	named := once.Of(ctx)
	var set *catalog.Set
	err = e.writes.Write(ctx, func(tx pgx.Tx) error {
		if err := named.Begin(ctx, tx); err != nil {
			return err
		}
		known, _, _ := e.catalog.Known(name)
		var err error
		if set, err = catalog.Move(ctx, tx, name, known, records); err != nil {
			return err
		}
		if set.Attached() {
			return ErrReadOnly
		}
		version = set.Version
		revision, err := change(tx, set)
		if postgres.Code(err) == postgres.UniqueViolation {
			return ErrKeyTaken
		}
		if err != nil {
			return tables.Fault(set.Definition, err)
		}
		return named.End(ctx, tx, version, string(RevisionOf(set.Definition, revision)))
	})
	e.catalog.Stale(name)
	if err == nil {
		e.catalog.Saw(set)
	}
	return version, err
}

// read reads a record as a transaction has it.
func (e *Editor) read(ctx context.Context, tx pgx.Tx, set *catalog.Set, key []string) ([][]byte, int64, error) {
	v, err := e.kept.In(ctx, tx, set)
	if err != nil {
		return nil, 0, err
	}
	nothing, err := set.Rules.Read("")
	if err != nil {
		return nil, 0, err
	}
	q, err := v.Ask(view.Selection{Ask: nothing, Sees: catalog.All})
	if err != nil {
		return nil, 0, err
	}
	one, err := q.One(ctx, key, catalog.Names(set.Fields))
	if err != nil {
		return nil, 0, err
	}
	return one.Values, one.Revision, nil
}

// canonical is a key in its canonical form; the error is view.ErrNoRecord.
func canonical(set *catalog.Set, key []string) ([]string, error) {
	key, ok := relation.CanonicalKey(set.Definition, key)
	if !ok {
		return nil, view.ErrNoRecord
	}
	return key, nil
}

// affected is the error of a statement that should have changed a record of a certain revision and
// found none.
func (e *Editor) affected(ctx context.Context, tx pgx.Tx, set *catalog.Set, key []string, n int64) error {
	if n == 1 {
		return nil
	}
	_, _, err := e.read(ctx, tx, set, key)
	if err == nil {
		return ErrStale
	}
	return err
}

// Add adds a record. Fields without a value are missing. It returns the set's new version. Errors
// are catalog.ErrNoSet, ErrKeyTaken, *catalog.ValueError, or the database's.
func (e *Editor) Add(ctx context.Context, name string, values Values) (version int64, err error) {
	return e.change(ctx, name, +1, func(tx pgx.Tx, set *catalog.Set) (int64, error) {
		for _, field := range set.Rules.Key {
			if _, ok := values[field]; !ok {
				return 0, catalog.Unfit(field, "nothing", "a value, since it is the key's")
			}
		}
		checked, err := checkValues(set, values)
		if err != nil {
			return 0, err
		}
		return set.Version, insert(ctx, tx, set, checked, set.Version) // larger than the revision of any earlier record of this key
	})
}

func insert(ctx context.Context, tx pgx.Tx, set *catalog.Set, values Values, revision int64) error {
	w := &writer{set: set}
	names, places := []string{tables.Revision}, []string{strconv.FormatInt(revision, 10)}
	for name, value := range values {
		if value != nil {
			names = append(names, tables.Quote(name))
			places = append(places, w.arg(name, *value))
		}
	}
	_, err := tx.Exec(ctx, "insert into "+tables.Name(set.Definition)+" ("+strings.Join(names, ", ")+") values ("+strings.Join(places, ", ")+")", w.args...)
	return err
}

// Change changes fields of a record, if it still has the revision; the key cannot be changed. It
// returns the set's new version. Errors are catalog.ErrNoSet, view.ErrNoRecord, ErrStale, *catalog.ValueError, or the
// database's.
func (e *Editor) Change(ctx context.Context, name string, key []string, revision Revision, values Values) (version int64, err error) {
	return e.change(ctx, name, 0, func(tx pgx.Tx, set *catalog.Set) (int64, error) {
		checked, err := checkValues(set, values)
		if err != nil {
			return 0, err
		}
		key, err := canonical(set, key)
		if err != nil {
			return 0, err
		}
		w := &writer{set: set}
		sets := []string{tables.Revision + " = " + tables.Revision + " + 1"}
		for field, value := range checked {
			switch {
			case slices.Contains(set.Rules.Key, field):
				if i := slices.Index(set.Rules.Key, field); *value != key[i] {
					return 0, catalog.Unfit(field, strconv.Quote(*value), strconv.Quote(key[i])+", since a key stays; add another record instead")
				}
			case value == nil:
				sets = append(sets, tables.Quote(field)+" = null")
			default:
				sets = append(sets, tables.Quote(field)+" = "+w.arg(field, *value))
			}
		}
		count := revision.count(set.Definition)
		sql := "update " + tables.Name(set.Definition) + " set " + strings.Join(sets, ", ") + w.whereKey(key) + " and " + tables.Revision + " = " + strconv.FormatInt(count, 10)
		tag, err := tx.Exec(ctx, sql, w.args...)
		if err != nil {
			return 0, err
		}
		return count + 1, e.affected(ctx, tx, set, key, tag.RowsAffected())
	})
}

// Delete deletes a record for good, if it still has the revision.
func (e *Editor) Delete(ctx context.Context, name string, key []string, revision Revision) (version int64, err error) {
	return e.change(ctx, name, -1, func(tx pgx.Tx, set *catalog.Set) (int64, error) {
		return 0, e.remove(ctx, tx, set, key, revision)
	})
}

// remove deletes a record that has a revision.
func (e *Editor) remove(ctx context.Context, tx pgx.Tx, set *catalog.Set, key []string, revision Revision) error {
	key, err := canonical(set, key)
	if err != nil {
		return err
	}
	w := &writer{set: set}
	sql := "delete from " + tables.Name(set.Definition) + w.whereKey(key) + " and " + tables.Revision + " = " + strconv.FormatInt(revision.count(set.Definition), 10)
	tag, err := tx.Exec(ctx, sql, w.args...)
	if err != nil {
		return err
	}
	return e.affected(ctx, tx, set, key, tag.RowsAffected())
}
