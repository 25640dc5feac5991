package sets

import (
	"context"
	"errors"
	"strconv"
	"strings"

	"github.com/jackc/pgx/v5"

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

func (e *ValueError) Error() string { return e.Field + ": " + e.Says() }

// Says is the error without the field.
func (e *ValueError) Says() string { return "found " + e.Found + "; right would be " + e.Want }

// revisionColumn counts the changes of a record. No field can have this name.
const (
	revisionName   = "pl.revision"
	revisionColumn = `"` + revisionName + `"`
)

// uniqueViolation is PostgreSQL's code for a key that is taken.
const uniqueViolation = "23505"

// Revision names one state of one record. It is never used again, even if the record is deleted
// and added again, or imported anew.
type Revision string

// revision is the text of a revision: the table that holds the record, and the number of its
// changes.
func (s *Set) revision(n int64) Revision {
	return Revision(strings.TrimPrefix(s.table, tablePrefix) + "-" + strconv.FormatInt(n, 10))
}

// count is the number of changes in a revision; 0 if no record of the set can have that revision.
func (r Revision) count(set *Set) int64 {
	_, n, _ := strings.Cut(string(r), "-")
	count, err := strconv.ParseInt(n, 10, 64)
	if err != nil || set.revision(count) != r {
		return 0
	}
	return count
}

// Record reads one record by its key, its parts in the order of the rules, and
// its revision.
func (s *Store) Record(ctx context.Context, req Request, key []string) (*Set, Record, Revision, error) {
	if set, _, _ := s.catalogue.get(req.Set); set != nil && !set.Attached() && req.At == 0 {
		// One statement is enough, if the set is defined as it was.
		found, n, seen, err := readStamped(ctx, s.pool, set, req.Visibility, key)
		if err == nil && set.stamped(seen) {
			return set.seenAt(seen), found, set.revision(n), nil
		}
	}
	var set *Set
	var record Record
	var revision Revision
	err := s.withinAt(ctx, req, func(tx pgx.Tx, found *Set) error {
		set = found
		r, n, err := readRecord(ctx, tx, set, req.Visibility, key)
		if record = r; n > 0 || set.pin == nil { // else it has been changed since, or is gone
			revision = set.revision(n)
		}
		return err
	})
	return set, record, revision, err
}

func readRecord(ctx context.Context, db querier, set *Set, sees Visibility, key []string) (Record, int64, error) {
	record, n, _, err := readStamped(ctx, db, set, sees, key)
	return record, n, err
}

// readStamped reads a record, its revision and the stamp of the statement.
func readStamped(ctx context.Context, db querier, set *Set, sees Visibility, key []string) (record Record, n int64, seen stamp, err error) {
	fields := []string{stampField, revisionField}
	for _, f := range set.Fields {
		fields = append(fields, f.Name)
	}
	nothing, err := set.Rules.Read("")
	if err != nil {
		return nil, 0, seen, err
	}
	q, err := newQuestion(set, &nothing, sees)
	if err != nil {
		return nil, 0, seen, err
	}
	if set.pin != nil {
		fields[0] = set.fateField()
	}
	if record, err = oneRow(ctx, db, q, key, fields); err != nil {
		return nil, 0, seen, err
	}
	switch {
	case set.pin != nil && Fate(record[0]) == lost:
		return nil, 0, seen, &GoneError{set.pin.Version, textLost}
	case set.pin == nil && !set.Attached():
		if seen, err = readStamp(record[0]); err != nil {
			return nil, 0, seen, err
		}
	}
	n, err = strconv.ParseInt(string(record[1]), 10, 64)
	return record[2:], n, seen, err
}

// oneRow reads fields of the record with a key, if the question finds it.
func oneRow(ctx context.Context, db querier, q *question, key, fields []string) (Record, error) {
	key, err := canonicalKey(q.set, key)
	if err != nil {
		return nil, err
	}
	g, err := q.WithKey(key)
	if err != nil {
		return nil, err
	}
	one, err := q.Unordered(fields, g)
	if err != nil {
		return nil, err
	}
	rows, err := db.Query(ctx, one.SQL, append([]any{pgx.QueryResultFormats{pgx.TextFormatCode}}, one.Args...)...)
	if err != nil {
		return nil, err
	}
	defer rows.Close()
	if !rows.Next() {
		if err := rows.Err(); err != nil && dataFault(nil, err) == err {
			return nil, err
		}
		return nil, ErrNoRecord // also if the source cannot read the key
	}
	var c copier
	c.copy(rows.RawValues())
	return c.records[0], nil
}

// canonicalKey checks a key and brings it into its canonical form. No record has a key that does
// not fit.
func canonicalKey(set *Set, key []string) ([]string, error) {
	if len(key) != len(set.Rules.Key) {
		return nil, ErrNoRecord
	}
	canonical := make([]string, len(key))
	for i, field := range set.Rules.Key {
		f := set.field(field)
		t := f.Type
		if f.Own || t == unknownType { // the source reads it
			t = value.Text
		}
		text, want := t.Canonical(key[i])
		if want != "" {
			return nil, ErrNoRecord
		}
		canonical[i] = text
	}
	return canonical, nil
}

// Place tells where a record stands: its row number, from 1, under the filters
// and the sort of a query, and the page that holds it. Errors are ErrNoSet,
// *paging.Refusal, ErrNoRecord where the filters leave the record out, or the
// database's.
func (s *Store) Place(ctx context.Context, req Request, key []string) (row int64, page paging.Page, err error) {
	err = s.withinAt(ctx, req, func(tx pgx.Tx, set *Set) error {
		ask, err := req.read(set)
		if err != nil {
			return err
		}
		q, err := newQuestion(set, ask, req.Visibility)
		if err != nil {
			return err
		}
		r := reader{db: tx, q: q.reversed()}
		values, err := orderValues(ctx, tx, q, key)
		if err != nil {
			return err
		}
		// In the opposite order, the records from this one on are those up to it.
		regions, err := r.q.From(values)
		if err != nil {
			return err
		}
		for _, g := range regions {
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

// orderValues are a record's values in the fields of a question's order, if the question finds it.
func orderValues(ctx context.Context, db querier, q *question, key []string) ([]*string, error) {
	record, err := oneRow(ctx, db, q, key, q.sorted())
	values := make([]*string, len(record))
	for i, v := range record {
		if v != nil {
			text := string(v)
			values[i] = &text
		}
	}
	return values, err
}
