package statement

import (
	"slices"
	"strconv"
	"strings"

	"pageladder.example/paging"
)

// Region is a part of a question's order whose records stand together: those of one more
// condition. The zero Region is all of it.
type Region struct {
	where         []string
	args          []any // values of placeholders that follow the question's own
	nonNullPrefix int   // how many leading fields of the order hold, within the region, no NULL or nothing else
}

// Reversed is the same question in the opposite order.
func (q *Question) Reversed() *Question {
	r := *q
	r.Order = make([]paging.Order, len(q.Order))
	for i, o := range q.Order {
		r.Order[i] = paging.Order{Field: o.Field, Desc: !o.Desc, NullsFirst: !o.NullsFirst}
	}
	return &r
}

// Regions are all records, in order: those that have a value in the first field
// and those that have none. An index that is read either way has its nulls at
// one end or the other; as a region of their own they can stand at any.
func (q *Question) Regions() []Region {
	first := q.Order[0]
	if !q.table.nullable(first.Field) {
		return []Region{{nonNullPrefix: 1}}
	}
	some := Region{where: []string{Column(first.Field) + " is not null"}, nonNullPrefix: 1}
	none := Region{where: []string{Column(first.Field) + " is null"}, nonNullPrefix: 1}
	if first.NullsFirst {
		return []Region{none, some}
	}
	return []Region{some, none}
}

// RegionsFrom are the records from one on, itself included, given its values in
// the fields of the order (nil: none). For fields a, b, c they are, in order: its
// ties in a and b from its c on; its ties in a after its b; all after its a. What
// comes "after" may be values and then nulls, so that there are up to twice as
// many.
func (q *Question) RegionsFrom(values []*string) []Region {
	if q.oneWay() && values[0] != nil {
		return q.oneWayFrom(values)
	}
	var all []Region
	for depth := len(q.Order) - 1; depth >= 0; depth-- {
		var ties Region
		ties.nonNullPrefix = depth + 1
		n := len(q.args)
		place := func(i int) string {
			ties.args = append(ties.args, *values[i])
			n++
			return "$" + strconv.Itoa(n) + q.cast(q.Order[i].Field, *values[i])
		}
		for i := range depth {
			if values[i] == nil {
				ties.where = append(ties.where, Column(q.Order[i].Field)+" is null")
			} else {
				ties.where = append(ties.where, Column(q.Order[i].Field)+" = "+place(i))
			}
		}
		with := func(condition string) Region {
			r := ties
			r.where = append(slices.Clip(ties.where), condition)
			return r
		}
		o := q.Order[depth]
		column := Column(o.Field)
		last := depth == len(q.Order)-1
		compare := map[bool]string{false: " >", true: " <"}[o.Desc]
		if last {
			compare += "="
		}
		switch {
		case values[depth] == nil && o.NullsFirst:
			if last {
				all = append(all, with(column+" is null"))
			}
			all = append(all, with(column+" is not null"))
		case values[depth] == nil:
			if last {
				all = append(all, with(column+" is null"))
			}
		default:
			all = append(all, with(column+compare+" "+place(depth)))
			if !o.NullsFirst && q.table.nullable(o.Field) {
				all = append(all, withoutArg(ties, depth, column, values))
			}
		}
	}
	return all
}

// oneWay tells whether the whole order has one direction and only its first field
// can lack a value, as a sort by one field and the key has.
func (q *Question) oneWay() bool {
	for i, o := range q.Order {
		if o.Desc != q.Order[0].Desc || i > 0 && q.table.nullable(o.Field) {
			return false
		}
	}
	return true
}

// oneWayFrom are the records from one on in an order of one direction: a single
// part of the index, and the missing values where they come after.
func (q *Question) oneWayFrom(values []*string) []Region {
	fields, places := make([]string, len(q.Order)), make([]string, len(q.Order))
	r := Region{nonNullPrefix: len(q.Order)}
	for i, o := range q.Order {
		fields[i] = Column(o.Field)
		r.args = append(r.args, *values[i])
		places[i] = "$" + strconv.Itoa(len(q.args)+i+1) + q.cast(o.Field, *values[i])
	}
	compare := ") >= ("
	if q.Order[0].Desc {
		compare = ") <= ("
	}
	r.where = []string{"(" + strings.Join(fields, ", ") + compare + strings.Join(places, ", ") + ")"}
	first := q.Order[0]
	if first.NullsFirst || !q.table.nullable(first.Field) {
		return []Region{r}
	}
	return []Region{r, {where: []string{Column(first.Field) + " is null"}, nonNullPrefix: 1}}
}

// withoutArg is the region of NULLs after values: the same ties, without the
// value that the values were held against.
func withoutArg(ties Region, depth int, column string, values []*string) Region {
	r := Region{where: append(slices.Clip(ties.where), column+" is null"), nonNullPrefix: depth + 1}
	for i := range depth {
		if values[i] != nil {
			r.args = append(r.args, *values[i])
		}
	}
	return r
}

// cast is how a value is cast to be held against a field: by the type of ours, or not
// at all where the field has a type of the source's own, which the value then takes.
func (q *Question) cast(field, value string) string {
	f := q.table.field(field)
	if f.Own || sqlTypes[f.Type] == "" {
		return ""
	}
	return "::" + castTo(f.Type, value)
}

// WithKey is the region of the one record that has a key, its parts in the order of the
// table's.
func (q *Question) WithKey(key []string) Region {
	var g Region
	for i, field := range q.table.Key {
		g.args = append(g.args, key[i])
		g.where = append(g.where, Column(field)+" = $"+strconv.Itoa(len(q.args)+i+1)+q.cast(field, key[i]))
	}
	return g
}
