// Package statement writes SQL for PostgreSQL: what an ask asks of a table of records.
// Values are always arguments, names always quoted. It knows no connection.
package statement

import (
	"fmt"
	"slices"
	"strconv"
	"strings"

	"pageladder.example/paging"
	"pageladder.example/paging/value"
)

// Table is a table, or view, of records.
type Table struct {
	Name    string // as it stands in SQL: see Name
	Fields  []Field
	Key     []string // the fields that identify a record; they are never NULL
	Search  []string // the fields that a search looks in
	Foreign bool     // it is in a database that is not ours, where our functions are not
}

// Field is one column.
type Field struct {
	Name string
	Type value.Type // one that is none of ours has no casts
	Own  bool       // values are written, ordered and compared by a type of the database's own
}

// Name is the name of a table in SQL.
func Name(schema, table string) string { return Quote(schema) + "." + Quote(table) }

// Quote quotes a name. No name has a NUL.
func Quote(name string) string {
	return `"` + strings.ReplaceAll(strings.ReplaceAll(name, "\x00", ""), `"`, `""`) + `"`
}

// alias is what the table is called within a statement. Fields are always written with
// it: a field may be called as anything else is.
const alias = "r"

// Column is a field within a statement.
func Column(field string) string { return alias + "." + Quote(field) }

// Columns is a list of fields within a statement.
func Columns(fields []string) string { return List(fields, Column) }

// List is a list of fields, each written as named says.
func List(fields []string, named func(string) string) string {
	all := make([]string, len(fields))
	for i, f := range fields {
		all[i] = named(f)
	}
	return strings.Join(all, ", ")
}

func (t *Table) field(name string) *Field {
	for i := range t.Fields {
		if t.Fields[i].Name == name {
			return &t.Fields[i]
		}
	}
	return nil
}

func (t *Table) nullable(field string) bool { return !slices.Contains(t.Key, field) }

// Question is what is asked of a table besides which page: the filters, and the order.
type Question struct {
	Order     []paging.Order
	FilterKey string // the filters in canonical form, equal for equal ones; "" where there are none

	table *Table
	where []string // conditions, all of which hold
	args  []any    // their values, $1 and on
}

// Ask makes a question of an ask. Further conditions, which the caller is bound by, come
// first. The ask's filters of the fields named in except are left out.
func (t *Table) Ask(ask *paging.Ask, bound []paging.Condition, except ...string) *Question {
	q := &Question{table: t, Order: ask.Order()}
	conditions := slices.DeleteFunc(ask.Conditions(), func(c paging.Condition) bool { return slices.Contains(except, c.Field) })
	for i := range conditions {
		slices.Sort(conditions[i].Values)
	}
	slices.SortFunc(conditions, func(a, b paging.Condition) int {
		return strings.Compare(a.Field+"\x00"+string(a.Op), b.Field+"\x00"+string(b.Op))
	})
	for i := range bound {
		q.where = append(q.where, q.condition(&bound[i]))
	}
	for i := range conditions {
		q.where = append(q.where, q.condition(&conditions[i]))
	}
	if words := ask.Search(); words != "" {
		q.where = append(q.where, q.search(words))
	}
	if len(q.where) > 0 {
		q.FilterKey = fmt.Sprintf("%q %q %q", bound, conditions, ask.Search())
	}
	return q
}

// arg adds a value and gives its placeholder, cast to the column's type.
func (q *Question) arg(value any, sqlType string) string {
	q.args = append(q.args, value)
	return "$" + strconv.Itoa(len(q.args)) + "::" + sqlType
}

// Args are the arguments of a statement within a region.
func (q *Question) Args(g Region) []any { return append(slices.Clip(q.args), g.args...) }

// Select reads columns within a region, in order.
func (q *Question) Select(columns string, g Region) string {
	return "select " + columns + q.from(g) + q.orderBy(g)
}

// KeysFirst is the number of records to skip from which it is cheaper to skip over the
// index alone, and to fetch the page's records by their keys.
const KeysFirst = 200

// Page reads columns within a region, in order: so many records from an offset on.
func (q *Question) Page(columns string, g Region, offset int64, limit int) string {
	page := " limit " + strconv.Itoa(limit)
	if offset > 0 {
		page += " offset " + strconv.FormatInt(offset, 10)
	}
	if offset < KeysFirst {
		return q.Select(columns, g) + page
	}
	key := q.table.Key
	return "select " + columns + " from " + q.table.Name + " " + alias + " join (" + q.Select(Columns(key), g) + page +
		") keys using (" + List(key, Quote) + ")" + q.orderBy(g)
}

// Unordered reads columns within a region, in any order.
func (q *Question) Unordered(columns string, g Region) string { return "select " + columns + q.from(g) }

// Count counts the records within a region: all or, with most above 0, as far as that.
func (q *Question) Count(g Region, most int64) string {
	if most <= 0 {
		return q.Unordered("count(*)", g)
	}
	return "select count(*) from (" + q.Unordered("1", g) + " limit " + strconv.FormatInt(most, 10) + ") counted"
}

// Facet counts the records of each value of a field, the most frequent values first.
func (q *Question) Facet(field string, most int) string {
	column := Column(field)
	return q.Unordered(column+"::text, count(*)", Region{}) + " group by " + column + " order by count(*) desc, " + column + " nulls last limit " + strconv.Itoa(most)
}

// from writes the FROM and WHERE of a question, within a Region.
func (q *Question) from(r Region) string {
	var b strings.Builder
	b.WriteString(" from " + q.table.Name + " " + alias)
	sep := " where "
	for _, c := range append(slices.Clip(q.where), r.where...) {
		b.WriteString(sep + c)
		sep = " and "
	}
	return b.String()
}

// orderBy writes the ORDER BY within a Region. Where a field is known to have no
// nulls, or nothing else, where they go is left to the index.
func (q *Question) orderBy(r Region) string {
	var b strings.Builder
	sep := " order by "
	for i, o := range q.Order {
		b.WriteString(sep + Column(o.Field))
		sep = ", "
		if o.Desc {
			b.WriteString(" desc")
		}
		if i < r.nonNullPrefix || !q.table.nullable(o.Field) {
			continue
		}
		if o.NullsFirst {
			b.WriteString(" nulls first")
		} else {
			b.WriteString(" nulls last")
		}
	}
	return b.String()
}
