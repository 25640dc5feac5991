package statement

import (
	"fmt"
	"math"
	"slices"

	"pageladder.example/paging/cursor"
	"pageladder.example/paging/value"
)

// PlaceError is the error for a place that does not exist in the order of a question: one of its
// values is not of its field's type. For PostgreSQL values are not checked here, since the
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
			return nil, fmt.Errorf("statement: field %.100q is approximate: a list that is sorted by it has no places", c.name)
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
			return nil, fmt.Errorf("statement: field %.100q: found a place of the type %T; right would be a string", c.name, v)
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
type Found struct {
	Rows   int  // records on the asked side of the place, at most as many as asked for
	Behind bool // there are records on its other side
}

// Seek reads what follows a place or, backward, what precedes it, the nearest first. The
// function read reads so many records of some regions of a question, and tells how many
// came and the place of the first; it is asked again where what it read is of no use, and
// the records of the last time count. Where the place's own record comes first, it is left
// out: then skip is true. The function there reports whether there is a record in some regions.
//
// As a rule the record of the place is still there, and one read tells everything.
func (q *Question) Seek(at *cursor.Place, backward bool, limit int, read func(q *Question, regions []Region, limit int) (came int, first []*string, err error), there func(q *Question, regions []Region) (bool, error)) (found Found, skip bool, err error) {
	onward := q
	if backward {
		onward = q.Reversed()
	}
	regions, err := onward.From(at.Values)
	if err != nil {
		return found, false, err
	}
	without := at.Behind != backward // the record itself is on the other side
	if !without {
		if found.Rows, _, err = read(onward, regions, limit); err != nil {
			return found, false, err
		}
	} else {
		came, first, err := read(onward, regions, limit+1)
		switch {
		case err != nil:
			return found, false, err
		case came > 0 && slices.EqualFunc(first, at.Values, sameText):
			return Found{came - 1, true}, true, nil
		case came > 0 && q.sameKey(first, at.Values): // it has moved on, or is written otherwise now
			if regions, err = onward.After(at.Values); err != nil {
				return found, false, err
			}
			if came, _, err = read(onward, regions, limit); err != nil {
				return found, false, err
			}
		}
		found.Rows = min(came, limit)
	}
	back := q // as a rule it is not needed
	if !backward {
		back = q.Reversed()
	}
	if without {
		regions, err = back.From(at.Values)
	} else {
		regions, err = back.After(at.Values)
	}
	if err != nil {
		return found, false, err
	}
	found.Behind, err = there(back, regions)
	return found, false, err
}

func sameText(a, b *string) bool { return a == b || a != nil && b != nil && *a == *b }

// sameKey reports whether two places may belong to the same record, by the fields of its key.
func (q *Question) sameKey(a, b []*string) bool {
	for i, o := range q.order {
		if slices.Contains(q.list.table.ByKey, o.Field) && !sameText(a[i], b[i]) {
			return false
		}
	}
	return true
}
