package sets

import (
	"cmp"
	"slices"
	"strconv"

	"pageladder.example/internal/intake"
	"pageladder.example/paging"
	"pageladder.example/paging/statement"
)

// question is what is asked of a set's records besides which page.
type question struct {
	*statement.Question
	set        *Set
	order      []paging.Order
	filterKey  string         // the filters in canonical form, equal for equal ones; "" where there are none
	fields     []intake.Field // that are shown
	countLimit int64          // how far to count; -1: to the end, 0: not at all
	explain    *Explain       // may be nil
}

// newQuestion makes a question of an ask, with the set's fixed filter where the caller is
// bound by it.
func newQuestion(set *Set, ask *paging.Ask, sees Visibility) (*question, error) {
	own := statement.Where{}
	if sees != All {
		own = set.own
	}
	asked, err := set.records.Ask(ask, own)
	if err != nil {
		return nil, err
	}
	return &question{Question: asked, set: set, order: asked.Order(), filterKey: filterKey(ask, set.fixedFor(sees)), countLimit: -1, fields: set.named(ask.Fields())}, nil
}

// filterKey names what an ask filters and searches, under a fixed filter.
func filterKey(ask *paging.Ask, fixed []paging.Condition) string {
	conditions, search := ask.Conditions(), ask.Search()
	if len(conditions)+len(fixed) == 0 && search == "" {
		return ""
	}
	slices.SortFunc(conditions, func(a, b paging.Condition) int { return cmp.Or(cmp.Compare(a.Field, b.Field), cmp.Compare(a.Op, b.Op)) })
	key := strconv.AppendQuote(make([]byte, 0, 128), search)
	for _, all := range [][]paging.Condition{fixed, conditions} {
		for i := range all {
			c, values := &all[i], all[i].Values
			if len(values) > 1 { // in any order
				values = slices.Sorted(slices.Values(values))
			}
			key = append(strconv.AppendQuote(append(key, ' '), c.Field), c.Op...)
			for _, v := range values {
				key = strconv.AppendQuote(key, v)
			}
		}
		key = append(key, ';')
	}
	return string(key)
}

// reversed is the same question in the opposite order.
func (q *question) reversed() *question {
	r := *q
	r.Question = q.Reversed()
	r.order = r.Question.Order()
	return &r
}

// shown are the names of the fields that are shown, after others.
func (q *question) shown(names ...string) []string {
	names = slices.Grow(names, len(q.fields))
	for i := range q.fields {
		names = append(names, q.fields[i].Name)
	}
	return names
}

// sorted are the names of the fields of the order.
func (q *question) sorted() []string {
	names := make([]string, len(q.order))
	for i, o := range q.order {
		names[i] = o.Field
	}
	return names
}
