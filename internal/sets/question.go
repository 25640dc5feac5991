package sets

import (
	"pageladder.example/internal/intake"
	"pageladder.example/internal/statement"
	"pageladder.example/paging"
)

// question is what is asked of a set's records besides which page.
type question struct {
	*statement.Question
	set        *Set
	fields     []intake.Field // that are shown
	countLimit int64          // how far to count; -1: to the end, 0: not at all
	explain    *Explain       // may be nil
}

// newQuestion makes a question of an ask, with the set's fixed filter where the caller is
// bound by it. The ask's filters of the fields named in except are left out.
func newQuestion(set *Set, ask *paging.Ask, sees Visibility, except ...string) *question {
	return &question{Question: set.records.Ask(ask, set.fixedFor(sees), except...), set: set, countLimit: -1, fields: set.named(ask.Fields())}
}

// reversed is the same question in the opposite order.
func (q *question) reversed() *question {
	r := *q
	r.Question = q.Reversed()
	return &r
}

// columns are the fields that are shown.
func (q *question) columns() string {
	names := make([]string, len(q.fields))
	for i, f := range q.fields {
		names[i] = f.Name
	}
	return statement.Columns(names)
}

// orderColumns are the fields of the order.
func (q *question) orderColumns() string {
	names := make([]string, len(q.Order))
	for i, o := range q.Order {
		names[i] = o.Field
	}
	return statement.Columns(names)
}
