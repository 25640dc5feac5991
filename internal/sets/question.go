package sets

import (
	"fmt"
	"slices"
	"strconv"
	"strings"
	"time"
	"unicode"

	"pageladder.example/internal/intake"
	"pageladder.example/paging"
	"pageladder.example/paging/value"
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
var sqlTypes = map[value.Type]string{
	value.Text: "text", value.Integer: "bigint", value.Decimal: "numeric", value.BigInteger: "numeric",
	value.BigDecimal: "numeric", value.Boolean: "boolean", value.Date: "date", value.Time: "timestamptz", value.JSON: "jsonb",
}

// castTo is the type that values of a field are cast to. A big integer that fits
// becomes a bigint, so that an index on a bigint column of a source is of use; any
// number column can be held against one.
func castTo(t value.Type, values ...string) string {
	if t != value.BigInteger {
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
	if f := q.set.field(c.Field); f != nil && f.Own && c.Op != paging.None {
		return q.ownCondition(c)
	}
	column, sqlType := col(c.Field), castTo(c.Type, c.Values...)
	one := func() string { return q.arg(c.Values[0], sqlType) }
	if c.Type == value.Time && slices.ContainsFunc(c.Values, isDay) {
		return q.onDays(c)
	}
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
		either[i] = column + " ilike " + q.arg(likePattern(c.Op, v), "text")
	}
	return "(" + strings.Join(either, " or ") + ")"
}

// ownCondition writes a filter of a field whose values the source compares by its own
// type: a placeholder without a cast takes the type of the column.
func (q *question) ownCondition(c *paging.Condition) string {
	column := col(c.Field)
	place := func(value string) string {
		q.args = append(q.args, value)
		return "$" + strconv.Itoa(len(q.args))
	}
	either := make([]string, len(c.Values))
	for i, v := range c.Values {
		switch c.Op {
		case paging.Min:
			either[i] = column + " >= " + place(v)
		case paging.Max:
			either[i] = column + " <= " + place(v)
		case paging.Has, paging.Starts:
			either[i] = column + "::text ilike " + q.arg(likePattern(c.Op, v), "text")
		default:
			either[i] = column + " = " + place(v)
		}
	}
	any := "(" + strings.Join(either, " or ") + ")"
	if c.Op == paging.Not {
		return "(not " + any + " or " + column + " is null)"
	}
	return any
}

// isDay tells whether a value of a time is a date alone, which stands for the whole
// day in UTC.
func isDay(value string) bool { return len(value) == len(time.DateOnly) }

// onDays writes a filter of times of which some are whole days.
func (q *question) onDays(c *paging.Condition) string {
	column := col(c.Field)
	midnight := func(day string, plus int) string {
		return fmt.Sprintf("((%s + %d)::timestamp at time zone 'UTC')", q.arg(day, "date"), plus)
	}
	switch c.Op {
	case paging.Min:
		return column + " >= " + midnight(c.Values[0], 0)
	case paging.Max:
		return column + " < " + midnight(c.Values[0], 1)
	}
	either := make([]string, len(c.Values))
	for i, v := range c.Values {
		if isDay(v) {
			either[i] = column + " >= " + midnight(v, 0) + " and " + column + " < " + midnight(v, 1)
		} else {
			either[i] = column + " = " + q.arg(v, sqlTypes[value.Time])
		}
	}
	any := "(" + strings.Join(either, " or ") + ")"
	if c.Op == paging.Not {
		return "(not " + any + " or " + column + " is null)"
	}
	return any
}

// likePattern is the pattern of a "has" or "starts".
func likePattern(op paging.Operator, value string) string {
	pattern := likeEscape.Replace(value) + "%"
	if op == paging.Has {
		pattern = "%" + pattern
	}
	return pattern
}

var likeEscape = strings.NewReplacer(`\`, `\\`, `%`, `\%`, `_`, `\_`)

// search looks for words in the fields that the rules name: every word, without
// regard to case and accents, and the last one as the beginning of a word. A word is
// a run of letters and digits, with the marks that they carry.
func (q *question) search(text string) string {
	if !q.set.Attached() {
		return searchVector(q.set.Rules.Search, col) + " @@ pageladder.search_query(" + q.arg(text, "text") + ")"
	}
	words := strings.FieldsFunc(text, func(r rune) bool { return !unicode.In(r, unicode.L, unicode.Nd, unicode.M) })
	if len(words) == 0 {
		return "false" // no record has a word that there is not
	}
	folded := make([]string, len(words))
	for i, w := range words {
		folded[i] = foldElsewhere(q.arg(w, "text"))
	}
	last := len(words) - 1
	text = "' ' || regexp_replace(" + foldElsewhere(joined(q.set.Rules.Search, col)) + ", '" + betweenWords + "', ' ', 'g') || ' '"
	found := text + " like '% ' || " + folded[last] + " || '%'"
	if last > 0 {
		found += " and string_to_array(" + text + ", ' ') @> array[" + strings.Join(folded[:last], ", ") + "]"
	}
	return found
}

// betweenWords matches what stands between words, as pageladder.words has it.
var betweenWords = func() string {
	var b strings.Builder
	b.WriteString("[^[:alnum:]")
	for _, r := range unicode.M.R16 {
		for c := int(r.Lo); c <= int(r.Hi); c += int(r.Stride) {
			to := c
			if r.Stride == 1 {
				to = int(r.Hi)
			}
			fmt.Fprintf(&b, `\u%04x-\u%04x`, c, to)
			c = max(c, to)
		}
	}
	b.WriteString("]+")
	return b.String()
}()

// foldElsewhere writes a text without its case and accents in a source, where our
// functions are not: what it does not take off are strokes and ligatures, such as
// those of ø and æ.
func foldElsewhere(text string) string {
	return `regexp_replace(normalize(lower(` + text + `), nfd), '[\u0300-\u036f]', '', 'g')`
}

// searchVector is the expression that the search index is made on.
func searchVector(fields []string, column func(string) string) string {
	return "array_to_tsvector(pageladder.words(" + joined(fields, column) + "))"
}

// joined is the text of some fields.
func joined(fields []string, column func(string) string) string {
	parts := make([]string, len(fields))
	for i, f := range fields {
		parts[i] = "coalesce(" + column(f) + "::text, '')"
	}
	return strings.Join(parts, " || ' ' || ")
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
	some := region{where: []string{col(first.Field) + " is not null"}, sure: 1}
	none := region{where: []string{col(first.Field) + " is null"}, sure: 1}
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
			return "$" + strconv.Itoa(n) + q.cast(q.order[i].Field, *values[i])
		}
		for i := range depth {
			if values[i] == nil {
				ties.where = append(ties.where, col(q.order[i].Field)+" is null")
			} else {
				ties.where = append(ties.where, col(q.order[i].Field)+" = "+place(i))
			}
		}
		with := func(condition string) region {
			r := ties
			r.where = append(slices.Clip(ties.where), condition)
			return r
		}
		o := q.order[depth]
		column := col(o.Field)
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
		fields[i] = col(o.Field)
		r.args = append(r.args, *values[i])
		places[i] = "$" + strconv.Itoa(len(q.args)+i+1) + q.cast(o.Field, *values[i])
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
	return []region{r, {where: []string{col(first.Field) + " is null"}, sure: 1}}
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

// cast is how a value is cast to be held against a field: by the type of ours, or not
// at all where the field has a type of the source's own, which the value then takes.
func (q *question) cast(field, value string) string {
	f := q.set.field(field)
	if f.Own || f.Type == unknownType {
		return ""
	}
	return "::" + castTo(f.Type, value)
}

// from writes the FROM and WHERE of a question, within a region.
func (q *question) from(r region) string {
	var b strings.Builder
	b.WriteString(" from " + tableName(q.set) + " " + recordAlias)
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
		b.WriteString(sep + col(o.Field))
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

// recordAlias is what a set's table is called within a question. Names of fields are
// always written with it: a field may be called as anything else is.
const recordAlias = "r"

// col is a field of a record.
func col(field string) string { return recordAlias + "." + quote(field) }

// columns writes the fields that are shown.
func (q *question) columns() string {
	names := make([]string, len(q.fields))
	for i, f := range q.fields {
		names[i] = f.Name
	}
	return list(names, col)
}

// list writes a list of fields, as in a question (col) or of a table alone (quote).
func list(fields []string, column func(string) string) string {
	quoted := make([]string, len(fields))
	for i, f := range fields {
		quoted[i] = column(f)
	}
	return strings.Join(quoted, ", ")
}
