package sets

import (
	"fmt"
	"slices"
	"strconv"
	"strings"

	"pageladder.example/internal/intake"
	"pageladder.example/paging"
)

// question is what is asked of a set's records beside which page: the filters as
// SQL, and the order.
type question struct {
	set    *Set
	where  []string // conditions, all of which hold
	args   []any    // their values, $1 and on
	order  []paging.Order
	fields []intake.Field // that are shown
	asked  string         // the filters in canonical form, equal for equal questions
	most   int64          // how far to count; -1: to the end, 0: not at all
	trace  *Trace         // may be nil
}

// newQuestion writes the filters of an ask as SQL, the set's fixed filter first
// where the caller is bound by it. Values are always parameters, names always
// quoted. The ask's filters of the fields named in except are left out.
func newQuestion(set *Set, ask *paging.Ask, sight Sight, except ...string) *question {
	q := &question{set: set, most: -1, order: ask.Order(), fields: set.named(ask.Fields())}
	conditions := slices.DeleteFunc(slices.Clone(ask.Conditions()), func(c paging.Condition) bool { return slices.Contains(except, c.Field) })
	for i := range conditions {
		conditions[i].Values = slices.Sorted(slices.Values(conditions[i].Values))
	}
	slices.SortFunc(conditions, func(a, b paging.Condition) int {
		return strings.Compare(a.Field+"\x00"+string(a.Op), b.Field+"\x00"+string(b.Op))
	})
	fixed := set.fixedFor(sight)
	for i := range fixed {
		q.where = append(q.where, q.condition(&fixed[i]))
	}
	for i := range conditions {
		q.where = append(q.where, q.condition(&conditions[i]))
	}
	if words := ask.Search(); words != "" {
		q.where = append(q.where, q.search(words))
	}
	if len(q.where) > 0 {
		q.asked = fmt.Sprintf("%q %q %q", fixed, conditions, ask.Search())
	}
	return q
}

// arg adds a value and gives its placeholder, cast to the column's type.
func (q *question) arg(value any, sqlType string) string {
	q.args = append(q.args, value)
	return "$" + strconv.Itoa(len(q.args)) + "::" + sqlType
}

// sqlTypes are the types that values are cast to. Text takes the collation of the
// column that it is held against.
var sqlTypes = map[paging.Type]string{
	paging.Text: "text", paging.Integer: "bigint", paging.Decimal: "numeric", paging.BigInteger: "numeric",
	paging.BigDecimal: "numeric", paging.Boolean: "boolean", paging.Date: "date", paging.Time: "timestamptz", paging.JSON: "jsonb",
}

// castTo is the type that values of a field are cast to. A big integer that fits
// becomes a bigint, so that an index on a bigint column of a source is of use; any
// number column can be held against one.
func castTo(t paging.Type, values ...string) string {
	if t != paging.BigInteger {
		return sqlTypes[t]
	}
	for _, v := range values {
		if _, err := strconv.ParseInt(v, 10, 64); err != nil {
			return sqlTypes[t]
		}
	}
	return "bigint"
}

// condition writes one filter. A record without a value is not equal to
// anything, so that "not" finds it.
func (q *question) condition(c *paging.Condition) string {
	column, sqlType := quote(c.Field), castTo(c.Type, c.Values...)
	one := func() string { return q.arg(c.Values[0], sqlType) }
	switch c.Op {
	case paging.Equals:
		if len(c.Values) == 1 {
			return column + " = " + one()
		}
		return column + " = any(" + q.arg(c.Values, sqlType+"[]") + ")"
	case paging.Not:
		return "(" + column + " <> all(" + q.arg(c.Values, sqlType+"[]") + ") or " + column + " is null)"
	case paging.Min:
		return column + " >= " + one()
	case paging.Max:
		return column + " <= " + one()
	case paging.None:
		if c.Values[0] == "true" {
			return column + " is null"
		}
		return column + " is not null"
	}
	either := make([]string, len(c.Values))
	for i, v := range c.Values {
		pattern := likeEscape.Replace(v) + "%"
		if c.Op == paging.Has {
			pattern = "%" + pattern
		}
		either[i] = column + " ilike " + q.arg(pattern, "text")
	}
	return "(" + strings.Join(either, " or ") + ")"
}

var likeEscape = strings.NewReplacer(`\`, `\\`, `%`, `\%`, `_`, `\_`)

// search looks for words in the fields that the rules name: every word, without
// regard to case and accents, and the last one as the beginning of a word.
func (q *question) search(words string) string {
	before, last := "", words
	if at := strings.LastIndexByte(words, ' '); at >= 0 {
		before, last = words[:at], words[at+1:]
	}
	if q.set.Attached() {
		return fmt.Sprintf("%s @@ (plainto_tsquery('simple', %s) && to_tsquery('simple', quote_literal(translate(%s, '\\', ' ')) || ':*'))",
			searchVector(q.set.Rules.Search, foldElsewhere), foldElsewhere(q.arg(before, "text")), foldElsewhere(q.arg(last, "text")))
	}
	return fmt.Sprintf("%s @@ (plainto_tsquery('simple', %s) && pageladder.prefix_query(%s))",
		searchVector(q.set.Rules.Search, fold), fold(q.arg(before, "text")), q.arg(last, "text"))
}

// fold writes a text without its case and accents.
func fold(text string) string { return "pageladder.fold(" + text + ")" }

// foldElsewhere does so in a source, where our functions are not: what it does not
// take off are strokes and ligatures, such as those of ø and æ.
func foldElsewhere(text string) string {
	return `regexp_replace(normalize(lower(` + text + `), nfd), '[\u0300-\u036f]', '', 'g')`
}

// searchVector is the expression that the search index is made on.
func searchVector(fields []string, fold func(string) string) string {
	parts := make([]string, len(fields))
	for i, f := range fields {
		parts[i] = "coalesce(" + quote(f) + "::text, '')"
	}
	return "to_tsvector('simple', " + fold(strings.Join(parts, " || ' ' || ")) + ")"
}

// region is one stretch of a set's order: the records of one more condition,
// which all stand together.
type region struct {
	where []string
	args  []any // values of placeholders that follow the question's own
	sure  int   // how many leading fields of the order are known to be no null, or to be nothing else
}

// nullable tells whether a field can lack a value: the key cannot.
func (q *question) nullable(field string) bool { return !slices.Contains(q.set.Rules.Key, field) }

// reversed is the same question in the opposite order.
func (q *question) reversed() *question {
	r := *q
	r.order = make([]paging.Order, len(q.order))
	for i, o := range q.order {
		r.order[i] = paging.Order{Field: o.Field, Desc: !o.Desc, NullsFirst: !o.NullsFirst}
	}
	return &r
}

// regions are all records, in order: those that have a value in the first field
// and those that have none. An index that is read either way has its nulls at
// one end or the other; as a stretch of their own they can stand at any.
func (q *question) regions() []region {
	first := q.order[0]
	if !q.nullable(first.Field) {
		return []region{{sure: 1}}
	}
	some := region{where: []string{quote(first.Field) + " is not null"}, sure: 1}
	none := region{where: []string{quote(first.Field) + " is null"}, sure: 1}
	if first.NullsFirst {
		return []region{none, some}
	}
	return []region{some, none}
}

// regionsFrom are the records from one on, itself included, given its values in
// the fields of the order (nil: none). For fields a, b, c they are, in order: its
// ties in a and b from its c on; its ties in a after its b; all after its a. What
// comes "after" may be values and then nulls, so that there are up to twice as
// many.
func (q *question) regionsFrom(values []*string) []region {
	if q.oneWay() && values[0] != nil {
		return q.oneWayFrom(values)
	}
	var all []region
	for depth := len(q.order) - 1; depth >= 0; depth-- {
		var ties region
		ties.sure = depth + 1
		n := len(q.args)
		place := func(i int) string {
			ties.args = append(ties.args, *values[i])
			n++
			return "$" + strconv.Itoa(n) + "::" + q.sqlType(q.order[i].Field, *values[i])
		}
		for i := range depth {
			if values[i] == nil {
				ties.where = append(ties.where, quote(q.order[i].Field)+" is null")
			} else {
				ties.where = append(ties.where, quote(q.order[i].Field)+" = "+place(i))
			}
		}
		with := func(condition string) region {
			r := ties
			r.where = append(slices.Clip(ties.where), condition)
			return r
		}
		o := q.order[depth]
		column := quote(o.Field)
		last := depth == len(q.order)-1
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
			if !o.NullsFirst && q.nullable(o.Field) {
				all = append(all, withoutArg(ties, depth, column, values))
			}
		}
	}
	return all
}

// oneWay tells whether the whole order has one direction and only its first field
// can lack a value, as a sort by one field and the key has.
func (q *question) oneWay() bool {
	for i, o := range q.order {
		if o.Desc != q.order[0].Desc || i > 0 && q.nullable(o.Field) {
			return false
		}
	}
	return true
}

// oneWayFrom are the records from one on in an order of one direction: a single
// stretch of the index, and the missing values where they come after.
func (q *question) oneWayFrom(values []*string) []region {
	fields, places := make([]string, len(q.order)), make([]string, len(q.order))
	r := region{sure: len(q.order)}
	for i, o := range q.order {
		fields[i] = quote(o.Field)
		r.args = append(r.args, *values[i])
		places[i] = "$" + strconv.Itoa(len(q.args)+i+1) + "::" + q.sqlType(o.Field, *values[i])
	}
	compare := ") >= ("
	if q.order[0].Desc {
		compare = ") <= ("
	}
	r.where = []string{"(" + strings.Join(fields, ", ") + compare + strings.Join(places, ", ") + ")"}
	first := q.order[0]
	if first.NullsFirst || !q.nullable(first.Field) {
		return []region{r}
	}
	return []region{r, {where: []string{quote(first.Field) + " is null"}, sure: 1}}
}

// withoutArg is the region of nulls after values: the same ties, without the
// value that the values were held against.
func withoutArg(ties region, depth int, column string, values []*string) region {
	r := region{where: append(slices.Clip(ties.where), column+" is null"), sure: depth + 1}
	for i := range depth {
		if values[i] != nil {
			r.args = append(r.args, *values[i])
		}
	}
	return r
}

// sqlType is the type that a value is cast to to be held against a field.
func (q *question) sqlType(field, value string) string {
	return castTo(q.set.field(field).Type, value)
}

// from writes the FROM and WHERE of a question, within a region.
func (q *question) from(r region) string {
	var b strings.Builder
	b.WriteString(" from " + tableName(q.set))
	sep := " where "
	for _, c := range append(slices.Clip(q.where), r.where...) {
		b.WriteString(sep + c)
		sep = " and "
	}
	return b.String()
}

// orderBy writes the ORDER BY within a region. Where a field is known to have no
// nulls, or nothing else, where they go is left to the index.
func (q *question) orderBy(r region) string {
	var b strings.Builder
	sep := " order by "
	for i, o := range q.order {
		b.WriteString(sep + quote(o.Field))
		sep = ", "
		if o.Desc {
			b.WriteString(" desc")
		}
		if i < r.sure || !q.nullable(o.Field) {
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

// columns writes the fields that are shown.
func (q *question) columns() string {
	names := make([]string, len(q.fields))
	for i, f := range q.fields {
		names[i] = f.Name
	}
	return columns(names)
}

// columns writes a list of fields.
func columns(fields []string) string {
	quoted := make([]string, len(fields))
	for i, f := range fields {
		quoted[i] = quote(f)
	}
	return strings.Join(quoted, ", ")
}
