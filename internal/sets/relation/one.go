package relation

import (
	"context"
	"strconv"

	"pageladder.example/internal/postgres"
	"pageladder.example/internal/sets/catalog"
	"pageladder.example/internal/sets/view"
	"pageladder.example/paging/value"
)

// This file finds single records.

// One reads fields of the record with a key.
func (q *question) One(ctx context.Context, key, fields []string) (*view.Single, error) {
	question, err := q.whole()
	if err != nil {
		return nil, err
	}
	canonical, ok := CanonicalKey(q.in.On.Definition, key)
	if !ok {
		return nil, view.ErrNoRecord
	}
	g, err := question.WithKey(canonical)
	if err != nil {
		return nil, err
	}
	columns := []string{stampField, revisionField, q.in.Table.fateField()}
	if q.held == nil {
		columns = columns[:2]
	}
	one, err := question.Unordered(append(columns, fields...), g)
	if err != nil {
		return nil, err
	}
	rows, err := q.db().Query(ctx, one.SQL, postgres.Texts(one.Args)...)
	if err != nil {
		return nil, err
	}
	defer rows.Close()
	if !rows.Next() {
		if err := rows.Err(); err != nil && !postgres.IsDataException(postgres.Code(err)) {
			return nil, err
		}
		if q.in.Tx == nil && q.in.stamped() { // is that so, by the definition of now?
			rows.Close()
			if _, err := q.in.Confirm(ctx); err != nil {
				return nil, err
			}
		}
		return nil, view.ErrNoRecord // also if the source cannot read the key
	}
	raw := rows.RawValues()
	s := &view.Single{View: q.in, Values: make([][]byte, len(fields))}
	for i, v := range raw[len(columns):] {
		if v != nil {
			s.Values[i] = append([]byte{}, v...)
		}
	}
	if s.Revision, err = strconv.ParseInt(string(raw[1]), 10, 64); err != nil {
		return nil, err
	}
	if q.held != nil {
		return s, q.held.known(view.Fate(raw[2]))
	}
	if q.in.Tx == nil && q.in.stamped() {
		seen, err := q.in.Kind.Seen(q.in, raw[0])
		if err != nil {
			return nil, err
		}
		s.View = seen
	}
	return s, nil
}

// CanonicalKey checks a key and brings it into its canonical form. No record has a key that does not
// fit.
func CanonicalKey(d *catalog.Definition, key []string) ([]string, bool) {
	if len(key) != len(d.Rules.Key) {
		return nil, false
	}
	canonical := make([]string, len(key))
	for i, field := range d.Rules.Key {
		f := d.Field(field)
		t := f.Type
		if f.Own || t == catalog.UnknownType { // the source reads it
			t = value.Text
		}
		text, want := t.Canonical(key[i])
		if want != "" {
			return nil, false
		}
		canonical[i] = text
	}
	return canonical, true
}
