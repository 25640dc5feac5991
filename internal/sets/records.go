package sets

import (
	"context"
	"encoding/json"
	"errors"
	"fmt"
	"slices"
	"strconv"
	"strings"

	"github.com/jackc/pgx/v5"
	"github.com/jackc/pgx/v5/pgconn"

	"pageladder.example/internal/intake"
	"pageladder.example/internal/statement"
	"pageladder.example/paging"
	"pageladder.example/paging/value"
)

// Errors about single records.
var (
	ErrNoRecord = errors.New("there is no such record")
	ErrStale    = errors.New("the record has been changed since it was read")
	ErrKeyTaken = errors.New("another record has this key")
)

// ValueError is the error for a value that does not fit its field.
type ValueError struct{ Field, Found, Want string }

func (e *ValueError) Error() string {
	return fmt.Sprintf("%s: found %s; right would be %s", e.Field, e.Found, e.Want)
}

// revisionColumn counts the changes of a record. No field can have this name.
const revisionColumn = `"pl.revision"`

// uniqueViolation is PostgreSQL's code for a key that is taken.
const uniqueViolation = "23505"

// Revision names one state of one record. It is never used again: a record that
// has been deleted and added again, or imported anew, has others.
type Revision string

// revision is the text of a record's revision: the table that holds it and the
// count of its changes.
func (s *Set) revision(n int64) Revision {
	return Revision(strings.TrimPrefix(s.table, tablePrefix) + "-" + strconv.FormatInt(n, 10))
}

// count reads a revision; of one that no record of the set can have it is 0.
func (r Revision) count(set *Set) int64 {
	_, n, _ := strings.Cut(string(r), "-")
	count, err := strconv.ParseInt(n, 10, 64)
	if err != nil || set.revision(count) != r {
		return 0
	}
	return count
}

// Values are some of a record's values by field, written as in a query; nil is a
// missing value.
type Values map[string]*string

// Record reads one record by its key, its parts in the order of the rules, and
// its revision.
func (s *Store) Record(ctx context.Context, req Request, key []string) (*Set, Record, Revision, error) {
	var set *Set
	var record Record
	var revision Revision
	err := s.within(ctx, req.Set, func(tx pgx.Tx, found *Set) error {
		set = found
		r, n, err := readRecord(ctx, tx, set, req.Sight, key)
		record, revision = r, set.revision(n)
		return err
	})
	return set, record, revision, err
}

func readRecord(ctx context.Context, db querier, set *Set, sight Sight, key []string) (Record, int64, error) {
	fields := make([]string, len(set.Fields))
	for i, f := range set.Fields {
		fields[i] = f.Name
	}
	nothing, err := set.Rules.Read("")
	if err != nil {
		return nil, 0, err
	}
	revision := revisionColumn
	if set.Attached() {
		revision = "0"
	}
	record, err := oneRow(ctx, db, newQuestion(set, &nothing, sight), key, revision+", "+statement.Columns(fields))
	if err != nil {
		return nil, 0, err
	}
	n, err := strconv.ParseInt(string(record[0]), 10, 64)
	return record[1:], n, err
}

// oneRow reads the columns of the record that has a key, if the question finds it.
func oneRow(ctx context.Context, db querier, q *question, key []string, columns string) (Record, error) {
	w, err := newWriter(q.set, key)
	if err != nil {
		return nil, err
	}
	g := q.WithKey(w.key)
	rows, err := db.Query(ctx, q.Unordered(columns, g), append([]any{pgx.QueryResultFormats{pgx.TextFormatCode}}, q.Args(g)...)...)
	if err != nil {
		return nil, err
	}
	defer rows.Close()
	if !rows.Next() {
		if err := rows.Err(); err != nil && dataFault(nil, err) == err {
			return nil, err
		}
		return nil, ErrNoRecord // also where the key is none that the source can read
	}
	var c copier
	c.copy(rows.RawValues())
	return c.records[0], nil
}

// writer writes one statement about one record.
type writer struct {
	set  *Set
	key  []string
	args []any
}

// newWriter checks a key against the set's.
func newWriter(set *Set, key []string) (*writer, error) {
	if len(key) != len(set.Rules.Key) {
		return nil, ErrNoRecord
	}
	w := &writer{set: set}
	for i, field := range set.Rules.Key {
		f := set.field(field)
		t := f.Type
		if f.Own || t == unknownType { // the source reads it
			t = value.Text
		}
		value, want := t.Canonical(key[i])
		if want != "" { // no record can have it
			return nil, ErrNoRecord
		}
		w.key = append(w.key, value)
	}
	return w, nil
}

func (w *writer) arg(field, value string) string {
	w.args = append(w.args, value)
	return "$" + strconv.Itoa(len(w.args)) + "::" + statement.SQLType(w.set.field(field).Type)
}

func (w *writer) whereKey() string {
	parts := make([]string, len(w.key))
	for i, field := range w.set.Rules.Key {
		parts[i] = statement.Quote(field) + " = " + w.arg(field, w.key[i])
	}
	return " where " + strings.Join(parts, " and ")
}

// checkValues brings values into the form of their fields' types.
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

// change runs one change of a set's records. The version moves in the same
// transaction, and first, so that changes of one set come one after the other.
func (s *Store) change(ctx context.Context, name string, records int64, change func(tx pgx.Tx, set *Set) error) (version int64, err error) {
	err = pgx.BeginFunc(ctx, s.pool, func(tx pgx.Tx) error {
		rows, err := tx.Query(ctx, "update pageladder.record_set set version = version + 1, changed_at = now(), records = records + $2 where name = $1 returning "+
			catalogueColumns, name, records)
		if err != nil {
			return err
		}
		set, err := pgx.CollectExactlyOneRow(rows, scanSet)
		if errors.Is(err, pgx.ErrNoRows) {
			return ErrNoSet
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
		if err = dataFault(set, err); err != nil {
			return err
		}
		return notify(ctx, tx, name)
	})
	s.catalogue.forget(name)
	return version, err
}

// affected is the error of a statement that should have met one record of a
// revision and met none.
func affected(ctx context.Context, tx pgx.Tx, w *writer, n int64) error {
	if n == 1 {
		return nil
	}
	_, _, err := readRecord(ctx, tx, w.set, Whole, w.key)
	if err == nil {
		return ErrStale
	}
	return err
}

// Add adds a record. Fields without a value are missing. It tells the set's new
// version. Errors are ErrNoSet, ErrKeyTaken, *ValueError, or the database's.
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
		return insert(ctx, tx, set, checked, set.Version) // more than any record of this key has had
	})
}

func insert(ctx context.Context, tx pgx.Tx, set *Set, values Values, revision int64) error {
	w := &writer{set: set}
	names, places := []string{revisionColumn}, []string{strconv.FormatInt(revision, 10)}
	for name, value := range values {
		if value != nil {
			names = append(names, statement.Quote(name))
			places = append(places, w.arg(name, *value))
		}
	}
	_, err := tx.Exec(ctx, "insert into "+tableName(set)+" ("+strings.Join(names, ", ")+") values ("+strings.Join(places, ", ")+")", w.args...)
	return err
}

// Change gives fields of a record other values, if it still has the revision; the
// key cannot be changed. It tells the set's new version. Errors are ErrNoSet,
// ErrNoRecord, ErrStale, *ValueError, or the database's.
func (s *Store) Change(ctx context.Context, name string, key []string, revision Revision, values Values) (version int64, err error) {
	return s.change(ctx, name, 0, func(tx pgx.Tx, set *Set) error {
		checked, err := checkValues(set, values)
		if err != nil {
			return err
		}
		w, err := newWriter(set, key)
		if err != nil {
			return err
		}
		sets := []string{revisionColumn + " = " + revisionColumn + " + 1"}
		for field, value := range checked {
			switch {
			case slices.Contains(set.Rules.Key, field):
				if i := slices.Index(set.Rules.Key, field); *value != w.key[i] {
					return &ValueError{field, strconv.Quote(*value), strconv.Quote(w.key[i]) + ", since a key stays; add another record instead"}
				}
			case value == nil:
				sets = append(sets, statement.Quote(field)+" = null")
			default:
				sets = append(sets, statement.Quote(field)+" = "+w.arg(field, *value))
			}
		}
		sql := "update " + tableName(set) + " set " + strings.Join(sets, ", ") + w.whereKey() + " and " + revisionColumn + " = " + strconv.FormatInt(revision.count(set), 10)
		tag, err := tx.Exec(ctx, sql, w.args...)
		if err != nil {
			return err
		}
		return affected(ctx, tx, &writer{set: set, key: w.key}, tag.RowsAffected())
	})
}

// Delete deletes a record for good, if it still has the revision.
func (s *Store) Delete(ctx context.Context, name string, key []string, revision Revision) (version int64, err error) {
	return s.remove(ctx, name, key, revision, func(pgx.Tx, *Set, Record, int64) error { return nil })
}

// Withdraw takes a record out of its set, if it still has the revision. Restore
// brings it back as it was.
func (s *Store) Withdraw(ctx context.Context, name string, key []string, revision Revision) (version int64, err error) {
	return s.remove(ctx, name, key, revision, func(tx pgx.Tx, set *Set, record Record, count int64) error {
		values := Values{}
		for i, f := range set.Fields {
			if record[i] != nil {
				text := string(record[i])
				values[f.Name] = &text
			}
		}
		_, err := tx.Exec(ctx, `insert into pageladder.withdrawn (set_name, key, revision, record) values ($1, $2, $3, $4)
			on conflict (set_name, key) do update set revision = excluded.revision, record = excluded.record, at = now()`,
			name, withdrawnKey(set, record), count, values)
		return err
	})
}

func (s *Store) remove(ctx context.Context, name string, key []string, revision Revision, before func(pgx.Tx, *Set, Record, int64) error) (int64, error) {
	return s.change(ctx, name, -1, func(tx pgx.Tx, set *Set) error {
		record, found, err := readRecord(ctx, tx, set, Whole, key)
		if err != nil {
			return err
		}
		if set.revision(found) != revision {
			return ErrStale
		}
		if err := before(tx, set, record, found); err != nil {
			return err
		}
		w, err := newWriter(set, key)
		if err != nil {
			return err
		}
		_, err = tx.Exec(ctx, "delete from "+tableName(set)+w.whereKey(), w.args...)
		return err
	})
}

// withdrawnKey is a record's key as one text.
func withdrawnKey(set *Set, record Record) string {
	parts := make([]string, len(set.Rules.Key))
	for i, k := range set.Rules.Key {
		at := slices.IndexFunc(set.Fields, func(f intake.Field) bool { return f.Name == k })
		parts[i] = string(record[at])
	}
	text, err := json.Marshal(parts)
	if err != nil {
		panic(err) // strings are JSON
	}
	return string(text)
}

// Restore brings a withdrawn record back, with its next revision. Errors are
// ErrNoSet, ErrNoRecord, ErrKeyTaken where another has come in its place, or the
// database's.
func (s *Store) Restore(ctx context.Context, name string, key []string) (version int64, err error) {
	return s.change(ctx, name, +1, func(tx pgx.Tx, set *Set) error {
		w, err := newWriter(set, key)
		if err != nil {
			return err
		}
		text, err := json.Marshal(w.key)
		if err != nil {
			return err
		}
		var values Values
		var revision int64
		err = tx.QueryRow(ctx, "delete from pageladder.withdrawn where set_name = $1 and key = $2 returning record, revision", name, string(text)).Scan(&values, &revision)
		if errors.Is(err, pgx.ErrNoRows) {
			return ErrNoRecord
		}
		if err != nil {
			return err
		}
		for field := range values { // a field that the set has no more
			if set.field(field) == nil {
				delete(values, field)
			}
		}
		return insert(ctx, tx, set, values, max(revision+1, set.Version))
	})
}

// Place tells where a record stands: its row number, from 1, under the filters
// and the sort of a query, and the page that holds it. Errors are ErrNoSet,
// *paging.Refusal, ErrNoRecord where the filters leave the record out, or the
// database's.
func (s *Store) Place(ctx context.Context, req Request, key []string) (row int64, page paging.Page, err error) {
	err = s.within(ctx, req.Set, func(tx pgx.Tx, set *Set) error {
		ask, err := set.Rules.Read(req.Query)
		if err != nil {
			return err
		}
		q := newQuestion(set, &ask, req.Sight)
		r := reader{db: tx, q: q.reversed()}
		values, err := orderValues(ctx, tx, q, key)
		if err != nil {
			return err
		}
		// In the opposite order, the records from this one on are those up to it.
		for _, g := range r.q.RegionsFrom(values) {
			n, err := r.size(ctx, g, 1<<62)
			if err != nil {
				return err
			}
			row += n
		}
		total, err := s.total(ctx, tx, q)
		if err != nil {
			return err
		}
		page, err = ask.AtRow(row).Settle(total)
		return err
	})
	return row, page, err
}

// orderValues are a record's values in the fields of a question's order, if the
// question finds it.
func orderValues(ctx context.Context, db querier, q *question, key []string) ([]*string, error) {
	record, err := oneRow(ctx, db, q, key, q.orderColumns())
	values := make([]*string, len(record))
	for i, v := range record {
		if v != nil {
			text := string(v)
			values[i] = &text
		}
	}
	return values, err
}
