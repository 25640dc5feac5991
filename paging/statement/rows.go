package statement

import (
	"pageladder.example/paging/value"
)

// skipByKeyFrom is the number of records to skip from which it is cheaper, with
// Table.ByKey, to skip over an index alone: measured, see docs/performance.md.
const skipByKeyFrom = 200

// Rows reads fields of a region's records, in order: as many as limit from offset on, or
// all where limit is 0. Its columns have the fields' names, and their order. The error
// names a field that the table does not have.
func (q *Question) Rows(fields []string, r Region, offset int64, limit int) (Statement, error) {
	var w writer
	q.begin(&w, r)
	if err := q.selected(&w, fields); err != nil {
		return Statement{}, err
	}
	keys := q.list.table.ByKey
	if len(keys) == 0 || offset < skipByKeyFrom || limit < 1 {
		q.source(&w, r)
		q.orderBy(&w, r)
		limits(&w, offset, limit)
		return w.done(q, r), nil
	}
	each := func(sep, as string) { // key, with the number of its column
		for i, key := range keys {
			if i > 0 {
				w.text(sep)
			}
			w.text(q.list.columns[key].expr, as)
			w.int(int64(i))
		}
	}
	w.text(" from ", q.list.table.From, " join (select ")
	each(", ", " as k")
	q.source(&w, r)
	q.orderBy(&w, r)
	limits(&w, offset, limit)
	w.text(") found on ")
	each(" and ", " = found.k")
	q.orderBy(&w, r)
	return w.done(q, r), nil
}

// Unordered reads fields of a region's records, in any order.
func (q *Question) Unordered(fields []string, r Region) (Statement, error) {
	var w writer
	q.begin(&w, r)
	if err := q.selected(&w, fields); err != nil {
		return Statement{}, err
	}
	q.source(&w, r)
	return w.done(q, r), nil
}

// Count counts a region's records: all or, with limit above 0, as far as that.
func (q *Question) Count(r Region, limit int64) Statement {
	var w writer
	q.begin(&w, r)
	if limit <= 0 {
		w.text("select count(*)")
		q.source(&w, r)
		return w.done(q, r)
	}
	w.text("select count(*) from (select 1 as one")
	q.source(&w, r)
	w.text(" limit ")
	w.int(limit)
	w.text(") counted")
	return w.done(q, r)
}

// Facet counts the records of each value of a field, under the search and all conditions
// but the ask's own on that field: the most frequent values first, equally frequent ones
// in the values' order, a missing one last, at most so many. Its columns are the value,
// which Text writes as a query does, and the count. The error names a field that the
// table does not have.
func (q *Question) Facet(field string, limit int) (Statement, error) {
	c, err := q.list.field(field)
	if err != nil {
		return Statement{}, err
	}
	without, err := q.Without(field)
	if err != nil {
		return Statement{}, err
	}
	var w writer
	without.begin(&w, Region{})
	given, group, order := c.expr, c.expr, c.ordered
	switch q.list.dialect {
	case PostgreSQL:
		given += "::text"
		if c.kind == value.JSON { // json has no equality
			group, order = given, given
		}
	case MySQL:
		if c.isText() {
			group = exactText(c)
			given, order = "convert("+group+" using utf8mb4)", "min("+c.ordered+")"
		}
	case SQLite:
		if c.isText() {
			group += " collate binary"
		}
	}
	w.text("select ", given, " as value, count(*) as records")
	without.source(&w, Region{})
	w.text(" group by ", group, " order by count(*) desc, ")
	if q.list.dialect == PostgreSQL {
		w.text(order, " nulls last")
	} else {
		w.text(group, " is null, ", order)
	}
	limits(&w, 0, limit)
	return w.done(without, Region{}), nil
}

func (c *column) isText() bool { return c.kind == value.Text }

// begin begins a statement within a region, with room for all of it.
func (q *Question) begin(w *writer, r Region) {
	w.dialect, w.before = q.list.dialect, len(q.args)
	w.sql.Grow(256 + 2*len(q.where) + len(r.where))
}

// done gives the statement that has been written.
func (w *writer) done(q *Question, r Region) Statement {
	args := q.args
	if len(r.args) > 0 {
		args = append(args[:len(args):len(args)], r.args...)
	}
	return Statement{w.sql.String(), args}
}

// selected writes a select list.
func (q *Question) selected(w *writer, fields []string) error {
	w.text("select ")
	for i, name := range fields {
		c, err := q.list.field(name)
		if err != nil {
			return err
		}
		if i > 0 {
			w.text(", ")
		}
		w.text(c.selected)
	}
	if q.placed {
		q.place(w, len(fields) == 0)
	} else if len(fields) == 0 {
		w.text("1")
	}
	return nil
}

// source writes FROM and WHERE of a question, within a region.
func (q *Question) source(w *writer, r Region) {
	w.text(" from ", q.list.table.From)
	sep := " where "
	for _, where := range [...]string{q.where, r.where} {
		if where != "" {
			w.text(sep, where)
			sep = " and "
		}
	}
}

// orderBy writes ORDER BY within a region. Where a field is known to have no missing
// values, or nothing else, where they go is left to the index.
func (q *Question) orderBy(w *writer, r Region) {
	for i, o := range q.order {
		c := q.by[i]
		w.text(either(i == 0, " order by ", ", "))
		known := i < r.nonNullPrefix || !c.field.Nullable
		// Missing values are the smallest in MySQL and SQLite, and go where they go.
		plain := known || q.list.dialect != PostgreSQL && o.NullsFirst != o.Desc
		if !plain && q.list.dialect == MySQL {
			w.text(c.ordered, either(o.NullsFirst, " is not null, ", " is null, "))
		}
		w.text(c.ordered)
		if o.Desc {
			w.text(" desc")
		}
		if !plain && q.list.dialect != MySQL {
			w.text(either(o.NullsFirst, " nulls first", " nulls last"))
		}
	}
}

// limits writes LIMIT and OFFSET. They are numbers, so that PostgreSQL makes a plan of
// LIMIT's that it can use again.
func limits(w *writer, offset int64, limit int) {
	if limit > 0 {
		w.text(" limit ")
		w.int(int64(limit))
	}
	if offset > 0 {
		if limit < 1 && w.dialect != PostgreSQL { // where no OFFSET stands alone
			w.text(" limit 9223372036854775807")
		}
		w.text(" offset ")
		w.int(offset)
	}
}
