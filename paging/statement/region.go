package statement

import (
	"errors"
	"slices"

	"pageladder.example/paging"
)

// Region is a part of a question's order that can be read by one index. The zero Region is all
// records. A Region belongs to the Question that returned it.
type Region struct {
	where         string
	args          []any // that follow the question's own
	nonNullPrefix int   // how many leading fields of the order hold, within the region, no NULL or nothing else
}

// Regions are all records, in order: those with a value in the first field of the order and those
// without one, or a single Region if that field is never missing.
func (q *Question) Regions() []Region {
	first := q.by[0]
	if !first.field.Nullable {
		return []Region{{nonNullPrefix: 1}}
	}
	some := Region{where: first.expr + " is not null", nonNullPrefix: 1}
	none := Region{where: first.expr + " is null", nonNullPrefix: 1}
	if q.order[0].NullsFirst {
		return []Region{none, some}
	}
	return []Region{some, none}
}

// From are the records from a place on. The place is given by the values of a record in the fields
// of the order, each in its type's canonical form and nil if missing; that record is included. The
// error is for a field that has no places.
func (q *Question) From(values []*string) ([]Region, error) { return q.from(values, false) }

// After are the records after a place. The records before it are those after it in the Reversed
// question, the nearest first.
func (q *Question) After(values []*string) ([]Region, error) { return q.from(values, true) }

func (q *Question) from(values []*string, after bool) ([]Region, error) {
	if len(values) != len(q.by) {
		return nil, mistake("place", "found %d values; the order has %d fields", len(values), len(q.by))
	}
	oneWay, nullable := true, false
	for i, c := range q.by {
		switch {
		case c.field.Approximate:
			return nil, approximate(c)
		case values[i] == nil && !c.field.Nullable:
			return nil, &PlaceError{c.name, "no value", "a value: the field is not Nullable"}
		}
		if values[i] != nil {
			if err := q.list.dialect.held(c, *values[i]); err != nil {
				return nil, err
			}
		}
		oneWay = oneWay && q.order[i].Desc == q.order[0].Desc
		nullable = nullable || i > 0 && c.field.Nullable
	}
	places := q.list.table.Places
	switch {
	case values[0] == nil || nullable || places == Tied || places == Compared && !oneWay:
		return q.tied(values, after), nil
	case places == Compared:
		return q.withNulls(q.compared(values, after)), nil
	}
	return q.withNulls(q.nested(values, after)), nil
}

// withNulls adds the records without a value in the first field, if they follow those with one.
func (q *Question) withNulls(r Region) []Region {
	if q.order[0].NullsFirst || !q.by[0].field.Nullable {
		return []Region{r}
	}
	return []Region{r, {where: q.by[0].expr + " is null", nonNullPrefix: 1}}
}

func (q *Question) writer() *writer { return &writer{dialect: q.list.dialect, before: len(q.args)} }

// side is how what comes later in a field compares.
func side(o paging.Order, equal bool) string {
	switch {
	case o.Desc && equal:
		return " <= "
	case o.Desc:
		return " < "
	case equal:
		return " >= "
	}
	return " > "
}

// nested writes a place as one condition: a >= 5 and (a > 5 or (b >= 6 and (b > 6 or id >= 7))).
func (q *Question) nested(values []*string, after bool) Region {
	w := q.writer()
	last := len(q.by) - 1
	for i, c := range q.by {
		a := q.list.dialect.bind(c, *values[i])
		w.text(c.ordered, side(q.order[i], i < last || !after))
		w.argument(&a)
		if i < last {
			n := len(w.args)
			w.text(" and (", c.ordered, side(q.order[i], false))
			w.again(n, &a)
			w.text(" or ")
			if i+1 < last {
				w.text("(")
			}
		}
	}
	for i := range last {
		w.text(")")
		if i > 0 {
			w.text(")")
		}
	}
	return Region{where: w.sql.String(), args: w.args, nonNullPrefix: len(q.by)}
}

// compared writes a place as a comparison of rows, in an order of one direction.
func (q *Question) compared(values []*string, after bool) Region {
	w := q.writer()
	w.text("(")
	for i, c := range q.by {
		if i > 0 {
			w.text(", ")
		}
		w.text(c.ordered)
	}
	w.text(")", side(q.order[0], !after), "(")
	for i, c := range q.by {
		if i > 0 {
			w.text(", ")
		}
		a := q.list.dialect.bind(c, *values[i])
		w.argument(&a)
	}
	w.text(")")
	return Region{where: w.sql.String(), args: w.args, nonNullPrefix: len(q.by)}
}

// tied writes a place as several regions. For fields a, b, c they are, in order: its ties
// in a and b from its c on; its ties in a after its b; all after its a. What comes after
// may be values and then missing ones, so that there are up to twice as many.
func (q *Question) tied(values []*string, after bool) []Region {
	var regions []Region
	last := len(q.by) - 1
	for depth := last; depth >= 0; depth-- {
		add := func(write func(w *writer)) {
			w := q.writer()
			for i, c := range q.by[:depth] {
				if values[i] == nil {
					w.text(c.ordered, " is null and ")
				} else {
					a := q.list.dialect.bind(c, *values[i])
					w.text(c.ordered, " = ")
					w.argument(&a)
					w.text(" and ")
				}
			}
			write(w)
			regions = append(regions, Region{w.sql.String(), slices.Clip(w.args), depth + 1})
		}
		c, o := q.by[depth], q.order[depth]
		is := func(null string) func(w *writer) { return func(w *writer) { w.text(c.ordered, null) } }
		itself := depth == last && !after
		switch {
		case values[depth] == nil:
			if itself {
				add(is(" is null"))
			}
			if o.NullsFirst {
				add(is(" is not null"))
			}
		default:
			add(func(w *writer) {
				a := q.list.dialect.bind(c, *values[depth])
				w.text(c.ordered, side(o, itself))
				w.argument(&a)
			})
			if !o.NullsFirst && c.field.Nullable {
				add(is(" is null"))
			}
		}
	}
	return regions
}

// WithKey is the one record with a key: its values in the fields of Table.ByKey, in order, each in
// its type's canonical form. The error is for a wrong number of values, or as From's for one that its
// field cannot have.
func (q *Question) WithKey(values []string) (Region, error) {
	fields := q.list.table.ByKey
	if len(fields) != len(values) || len(fields) == 0 {
		return Region{}, mistake("key", "found %d values for %d fields", len(values), len(fields))
	}
	w := q.writer()
	for i, name := range fields {
		c, err := q.list.field(name)
		if err != nil {
			return Region{}, err
		}
		if err := q.list.dialect.held(c, values[i]); err != nil {
			return Region{}, err
		}
		if i > 0 {
			w.text(" and ")
		}
		w.equal(c, values[i])
	}
	return Region{where: w.sql.String(), args: w.args}, nil
}

// ErrMoved is the error of a read during which records were added or removed between the count and
// the page.
var ErrMoved = errors.New("statement: the records changed between the count and the page; right would be one transaction that sees one snapshot")

// Walk reads limit records from an offset on of regions that follow one another. The
// function rows reads some of a region and returns how many it received; size counts a region, as
// far as it has to know.
func Walk(regions []Region, offset int64, limit int, rows func(r Region, offset int64, limit int) (int, error), size func(r Region, limit int64) (int64, error)) error {
	for i, r := range regions {
		received, err := rows(r, offset, limit)
		if err != nil {
			return err
		}
		limit -= received
		switch {
		case limit <= 0:
			return nil
		case received > 0:
			offset = 0
		case offset > 0 && i < len(regions)-1: // the region ends before the offset: how much of it is that?
			n, err := size(r, offset)
			if err != nil {
				return err
			}
			offset -= n
		}
	}
	return nil
}
