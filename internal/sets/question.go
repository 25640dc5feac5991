package sets

import (
	"fmt"
	"slices"
	"strings"

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

func filterKey(ask *paging.Ask, fixed []paging.Condition) string {
	conditions, search := ask.Conditions(), ask.Search()
	if len(conditions)+len(fixed) == 0 && search == "" {
		return ""
	}
	for i := range conditions {
		slices.Sort(conditions[i].Values)
	}
	slices.SortFunc(conditions, func(a, b paging.Condition) int {
		return strings.Compare(a.Field+"\x00"+string(a.Op), b.Field+"\x00"+string(b.Op))
	})
	return fmt.Sprintf("%q %q %q", fixed, conditions, search)
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
