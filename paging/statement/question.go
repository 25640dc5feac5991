package statement

import (
	"cmp"
	"fmt"
	"slices"
	"strconv"

	"pageladder.example/internal/combined"
	"pageladder.example/paging"
	"pageladder.example/paging/code"
	"pageladder.example/paging/value"
)

// maxValues limits the values, and the words of a search, in one statement. MySQL takes
// 65,535 arguments, SQLite 32,766; callers decide how many they send.
const maxValues = 1_000

// Where is a condition of your own, such as a tenant, or records that are not deleted. It is part
// of every statement.
type Where struct {
	// SQL is the condition, with placeholders as the dialect has them: $1 and so on in PostgreSQL,
	// ? in the others. Left out: there is none.
	SQL string
	// Args are its arguments.
	Args []any
}

// Question is a query on a list without its page: the conditions, and the order.
// It is a value that does not change, safe for concurrent use.
type Question struct {
	list       *List
	own        Where
	conditions []paging.Condition
	search     string
	searched   []string
	order      []paging.Order
	by         []*column // the columns of the order
	placed     bool      // rows include their places

	where string // all conditions
	args  []any
}

// Ask writes the conditions and the order of an ask. Errors are a *paging.Refusal, for a query
// with more than 1,000 values at once, or say what the rules or own need that the table lacks or
// the database cannot do.
func (l *List) Ask(ask paging.Ask, own Where) (*Question, error) {
	q := &Question{list: l, own: own, conditions: ask.Conditions(), order: ask.Order(), search: ask.Search()}
	if own.SQL != "" {
		switch n, wrong := l.dialect.scan(own.SQL); {
		case wrong != "":
			return nil, mistake("Where", "found %s in %.200q", wrong, own.SQL)
		case n != len(own.Args):
			return nil, mistake("Where", "found %d placeholders and %d arguments; right would be one argument for each, and placeholders as %s has them: %s", n, len(own.Args), l.dialect, l.dialect.placeholder(1))
		}
	}
	if len(own.Args) < l.arguments {
		return nil, mistake("Where", "found %d arguments, and a field names %d", len(own.Args), l.arguments)
	}
	// Equal questions then have equal texts, which drivers and databases remember.
	slices.SortFunc(q.conditions, func(a, b paging.Condition) int { return cmp.Or(cmp.Compare(a.Field, b.Field), cmp.Compare(a.Op, b.Op)) })
	if len(q.order) == 0 {
		return nil, noKey
	}
	q.by = make([]*column, len(q.order))
	for i, o := range q.order {
		c, err := l.sortable(o.Field)
		if err != nil {
			return nil, err
		}
		q.by[i] = c
	}
	if q.search != "" {
		q.searched = ask.Rules().Search
	}
	if n := q.values(); n > maxValues {
		return nil, refusal(ask, &tooMany{n, "values"})
	}
	w := writer{dialect: l.dialect}
	w.sql.Grow(64 * (len(q.conditions) + 1))
	if err := q.write(&w); err != nil {
		return nil, refusal(ask, err)
	}
	q.where, q.args = w.sql.String(), w.args
	return q, nil
}

// field finds a column.
func (l *List) field(name string) (*column, error) {
	c := l.columns[name]
	if c == nil {
		return nil, mistake(fieldAt(name), "it is none of the table's Fields")
	}
	return c, nil
}

// sortable finds a column that records can be sorted by.
func (l *List) sortable(name string) (*column, error) {
	c, err := l.field(name)
	if err == nil && c.kind == value.JSON {
		err = mistake(fieldAt(name), "lists and objects have no order")
	}
	return c, err
}

// filtered finds a column that values of a type can be compared with.
func (l *List) filtered(name string, t value.Type) (*column, error) {
	c, err := l.field(name)
	if err == nil && class(t) != class(c.kind) && !c.field.Native {
		err = mistake(fieldAt(name), "it is %s in the rules and %s in the table", cmp.Or(t, value.Text), c.kind)
	}
	return c, err
}

// Where writes conditions as a condition of your own, for a filter that applies whatever the query
// says.
func (l *List) Where(conditions []paging.Condition) (Where, error) {
	q := Question{list: l, conditions: conditions}
	w := writer{dialect: l.dialect}
	err := q.write(&w)
	return Where{w.sql.String(), w.args}, err
}

// write writes all conditions.
func (q *Question) write(w *writer) error {
	w.args = make([]any, 0, len(q.own.Args)+2*q.values()+1)
	and := func() {
		if w.sql.Len() > 0 {
			w.text(" and ")
		}
	}
	if q.own.SQL != "" {
		w.text("(", q.own.SQL, ")")
		w.args = append(w.args, q.own.Args...)
	}
	for i := range q.conditions {
		by := &q.conditions[i]
		find := q.list.field
		if by.Op != paging.None {
			find = func(name string) (*column, error) { return q.list.filtered(name, by.Type) }
		}
		c, err := find(by.Field)
		if err != nil {
			return err
		}
		and()
		w.condition(c, by)
	}
	if q.search != "" {
		and()
		return w.search(q.list, q.searched, q.search)
	}
	return nil
}

// values is how many values the conditions have.
func (q *Question) values() (n int) {
	for i := range q.conditions {
		n += len(q.conditions[i].Values)
	}
	return n
}

// class is the same for types whose values can be compared.
func class(t value.Type) value.Type {
	switch t {
	case value.Integer, value.Decimal, value.BigInteger:
		return value.BigDecimal
	}
	return cmp.Or(t, value.Text)
}

// tooMany is the error of a query with too many values or words.
type tooMany struct {
	n    int
	what string
}

func (e *tooMany) Error() string {
	return fmt.Sprintf("statement: found %d %s; right would be at most %d", e.n, e.what, maxValues)
}

// refusal is that error for the caller.
func refusal(ask paging.Ask, err error) error {
	many, ok := err.(*tooMany)
	if !ok {
		return err
	}
	rules := ask.Rules()
	param := rules.Params.Search
	if many.what == "values" { // the filter with the most
		limit := slices.MaxFunc(ask.Conditions(), func(a, b paging.Condition) int { return cmp.Compare(len(a.Values), len(b.Values)) })
		for i := range rules.Filters {
			if f := &rules.Filters[i]; f.Field == limit.Field {
				param = f.ParamFor(limit.Op)
			}
		}
	}
	return &paging.Refusal{Faults: []paging.Fault{{Param: param, Given: strconv.Itoa(many.n) + " " + many.what, Why: code.FilterBadValue,
		Says: fmt.Sprintf("The query looks for %d %s; at most %d can be looked for at once.", many.n, many.what, maxValues)}}}
}

// Facet is one value of a field, as a query has it, and how many records have it; a nil Value stands for records
// without one.
type Facet struct {
	Value *string `json:"value" jsonschema:"nullable"`
	Count int64   `json:"count"`
}

// Order is the order of the question's records.
func (q *Question) Order() []paging.Order { return slices.Clone(q.order) }

// Reversed is the same question in the opposite order.
func (q *Question) Reversed() *Question {
	r := *q
	r.order = slices.Clone(q.order)
	for i, o := range q.order {
		r.order[i] = paging.Order{Field: o.Field, Desc: !o.Desc, NullsFirst: !o.NullsFirst}
	}
	return &r
}

func init() {
	combined.Unconditional = func(question any) any {
		u := *question.(*Question)
		u.where = ""
		return &u
	}
}

// Without is the same question without its conditions on a field: the values of a field are counted so.
// Regions of the one question do not belong to the other.
func (q *Question) Without(field string) (*Question, error) {
	without := *q
	without.conditions = slices.DeleteFunc(slices.Clone(q.conditions), func(c paging.Condition) bool { return c.Field == field })
	w := writer{dialect: q.list.dialect}
	if err := without.write(&w); err != nil {
		return nil, err
	}
	without.where, without.args = w.sql.String(), w.args
	return &without, nil
}
