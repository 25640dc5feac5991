package statement

import (
	"fmt"
	"math"
	"slices"

	"pageladder.example/paging/cursor"
	"pageladder.example/paging/value"
)

// PlaceError is the error for a place that does not exist in the order of a question: one of its
// values is not of its field's type. For PostgreSQL values are not checked, since the
// database has types that are not ours; its errors then are of class 22 (data exception).
type PlaceError struct{ Field, Found, Want string }

func (e *PlaceError) Error() string {
	return fmt.Sprintf("statement: field %.100q: found %.100q in a place; right would be %s", e.Field, e.Found, e.Want)
}

// held checks a value of a place by its field's type.
func (d Dialect) held(c *column, v string) error {
	if d == PostgreSQL || c.field.Native {
		return nil
	}
	if c.kind != value.Text && (v == infinite || v == "-"+infinite) && d == SQLite {
		return nil
	}
	if _, want := c.kind.Canonical(v); want != "" {
		return &PlaceError{c.name, v, want}
	}
	return nil
}

// infinite is how an infinite number is written in a place, as in PostgreSQL.
const infinite = "Infinity"

// Placed is like Rows, with the record's place after its fields: the values of the fields of the
// order, which Place reads.
func (q *Question) Placed(fields []string, r Region, offset int64, limit int) (Statement, error) {
	placed := *q
	placed.placed = true
	return placed.Rows(fields, r, offset, limit)
}

// place writes the columns of the order so that their values can be written as text exactly.
func (q *Question) place(w *writer, first bool) {
	for i, c := range q.by {
		if i > 0 || !first {
			w.text(", ")
		}
		w.text(c.expr)
		if q.list.dialect == PostgreSQL {
			w.text("::text")
		}
		w.text(" as place")
		w.int(int64(i))
	}
}

// Place reads the values of a record in the fields of the order, as a driver returned them from
// Placed, in the form of From and cursor.Place. The error is for an order without places: see
// Field.Approximate.
func (q *Question) Place(values []any) ([]*string, error) {
	place := make([]*string, len(q.by))
	for i, c := range q.by {
		if c.field.Approximate {
			return nil, approximate(c)
		}
		text, err := c.placed(q.list.dialect, values[i])
		if err != nil {
			return nil, err
		}
		place[i] = text
	}
	return place, nil
}

func (c *column) placed(d Dialect, v any) (*string, error) {
	if d == PostgreSQL {
		text, ok := v.(string)
		switch {
		case v == nil:
			return nil, nil
		case !ok:
			return nil, mistake(fieldAt(c.name), "found a place of the type %T; right would be a string", v)
		case c.kind == value.Time && !c.field.Native:
			text = c.textOfTime(text)
		}
		return &text, nil
	}
	if f, ok := v.(float64); ok && math.IsInf(f, 0) {
		text := infinite
		if f < 0 {
			text = "-" + infinite
		}
		return &text, nil
	}
	text, err := c.text(v)
	if err != nil || text == nil {
		return nil, err
	}
	canonical, want := c.kind.Canonical(*text)
	if want != "" {
		return nil, &PlaceError{c.name, *text, want}
	}
	return &canonical, nil
}

// Found is the result of Seek.
type Found = cursor.Found

// Seek reads what follows a place or, backward, what precedes it, as cursor.Seek does; both functions
// get a question and its regions.
func (q *Question) Seek(at *cursor.Place, backward bool, limit int, read func(q *Question, regions []Region, limit int) (received int, first []*string, err error), there func(q *Question, regions []Region) (bool, error)) (found Found, skip bool, err error) {
	onward, back := q, q.Reversed()
	if backward {
		onward, back = back, onward
	}
	var key []int
	for i, o := range q.order {
		if slices.Contains(q.list.table.ByKey, o.Field) {
			key = append(key, i)
		}
	}
	return cursor.Seek(at, backward, limit, func(a, b []*string) bool { return cursor.SameIn(key, a, b) },
		func(after bool, limit int) (int, []*string, error) {
			regions, err := onward.from(at.Values, after)
			if err != nil {
				return 0, nil, err
			}
			return read(onward, regions, limit)
		},
		func(after bool) (bool, error) {
			regions, err := back.from(at.Values, after)
			if err != nil {
				return false, err
			}
			return there(back, regions)
		})
}
