package sets

import (
	"cmp"
	"fmt"
	"slices"
	"strconv"

	"pageladder.example/internal/changes"
	"pageladder.example/internal/intake"
	"pageladder.example/internal/order"
	"pageladder.example/paging"
	"pageladder.example/paging/statement"
	"pageladder.example/paging/value"
)

// question is what is asked of a set's records besides which page.
type question struct {
	*statement.Question
	set        *Set
	at         *pinned // where it is asked of the list at a mark; else nil
	ask        *paging.Ask
	sees       Visibility
	own        statement.Where   // the fixed filter that is in force
	mark       *changes.Snapshot // that statements are told against, of a followed table
	order      []paging.Order
	filterKey  string         // the filters in canonical form, equal for equal ones; "" where there are none
	fields     []intake.Field // that are shown
	countLimit int64          // how far to count; -1: to the end, 0: not at all
	explain    *Explain       // may be nil
}

// newQuestion makes a question of an ask, with the set's fixed filter where the caller is
// bound by it.
func newQuestion(set *Set, ask *paging.Ask, sees Visibility) (*question, error) {
	if set.pin != nil {
		return set.pinnedQuestion(ask, sees)
	}
	own := statement.Where{}
	if sees != All {
		own = set.own
	}
	records := set.records
	if set.saw != nil {
		if sees != All {
			records = set.bound
		}
		own = set.against(own)
	}
	asked, err := records.Ask(ask, own)
	if err != nil {
		return nil, err
	}
	return &question{Question: asked, set: set, ask: ask, sees: sees, own: own, mark: set.saw, order: asked.Order(), filterKey: filterKey(ask, set.fixedFor(sees)), countLimit: -1, fields: set.named(ask.Fields())}, nil
}

// onLog is the same question of the set's log: of what changed after a mark and until the
// one that the set is at, on some sides. It is asked where it is proved.
func (q *question) onLog(after changes.Mark, sides string) (*statement.Question, error) {
	n := len(q.own.Args)
	stretch := changes.Stretch{After: after, Until: q.set.mark()}
	within, args := stretch.Condition(alias, n+1)
	own := statement.Where{SQL: changes.Whole + " and " + sides + " and " + within, Args: append(q.own.Args[:n:n], args...)}
	if q.own.SQL != "" {
		own.SQL = "(" + q.own.SQL + ") and " + own.SQL
	}
	return q.set.logged.Ask(q.ask, own)
}

// proved is a statement on the log, as onLog has it, with the proof of it before each row. It looks at
// the question's fields, and at more.
func (q *question) proved(after changes.Mark, sql, columns string, more ...string) string {
	return q.set.log.Proved(&changes.Stretch{After: after, Until: q.set.mark()}, len(q.own.Args)+1, append(q.texts(), more...), sql, columns)
}

// sides are sides of changes, as a condition.
var (
	before     = fmt.Sprintf("%s = %d", logColumn(changes.Side), changes.Before)
	after      = fmt.Sprintf("%s = %d", logColumn(changes.Side), changes.After)
	eitherSide = fmt.Sprintf("%s in (%d, %d)", logColumn(changes.Side), changes.Before, changes.After)
)

func logColumn(name string) string { return alias + "." + name }

// keys are the keys of the question's order. An attached set's are its database's own, but for types that both have.
func (q *question) keys() order.Order {
	keys := make(order.Order, len(q.order))
	for i, o := range q.order {
		keys[i] = order.Field{Desc: o.Desc, NullsFirst: o.NullsFirst}
		if f := q.set.field(o.Field); !q.set.Attached() || q.set.saw != nil && !f.Own && f.Type != value.Text {
			keys[i].Type = f.Type
		}
	}
	return keys
}

// listKey names the table that the question is asked of, in which catalogue, and its filters.
func (q *question) listKey() string {
	if q.set.saw != nil { // its states are numbered, from when it was defined
		return strconv.Quote(q.set.Source+"."+q.set.schema+"."+q.set.table) + " " + q.set.Name + " " + strconv.FormatInt(q.set.defined, 10) + " " + q.filterKey
	}
	return q.set.table + " " + strconv.FormatUint(uint64(q.set.catalogue), 10) + " " + q.filterKey
}

// bound tells whether a fixed filter is in force.
func (q *question) bound() bool { return q.sees != All && len(q.set.fixed) > 0 }

// texts are the fields that the question looks at whose values a log may lack when they are long.
func (q *question) texts() []string { return q.set.longOf(lookedAt(q.set, q.ask)) }

// lookedAt are the fields that an ask of a set looks at, besides those that are shown.
func lookedAt(s *Set, ask *paging.Ask) []string {
	names := sortedBy(ask.Order())
	for _, c := range append(ask.Conditions(), s.fixed...) {
		names = append(names, c.Field)
	}
	if ask.Search() != "" {
		names = append(names, ask.Rules().Search...)
	}
	return names
}

// longOf are those of some fields whose values may be long, sorted.
func (s *Set) longOf(names []string) []string {
	var found []string
	for _, name := range names {
		if f := s.field(name); f.Own || long(f.Type) {
			found = append(found, name)
		}
	}
	slices.Sort(found)
	return slices.Compact(found)
}

// filterKey names what an ask filters and searches, under a fixed filter.
func filterKey(ask *paging.Ask, fixed []paging.Condition) string {
	conditions, search := ask.Conditions(), ask.Search()
	if len(conditions)+len(fixed) == 0 && search == "" {
		return ""
	}
	slices.SortFunc(conditions, func(a, b paging.Condition) int { return cmp.Or(cmp.Compare(a.Field, b.Field), cmp.Compare(a.Op, b.Op)) })
	key := strconv.AppendQuote(make([]byte, 0, 128), search)
	if search != "" {
		for _, field := range ask.Rules().Search {
			key = strconv.AppendQuote(append(key, ' '), field)
		}
	}
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
	if q.at != nil {
		at := *q.at
		at.now, at.old, at.listed = at.now.Reversed(), at.old.Reversed(), at.listed.Reversed()
		r.at = &at
	}
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
func (q *question) sorted() []string { return sortedBy(q.order) }

func sortedBy(order []paging.Order) []string {
	names := make([]string, len(order))
	for i, o := range order {
		names[i] = o.Field
	}
	return names
}

func fieldsOf(fields []intake.Field) []string {
	names := make([]string, len(fields))
	for i := range fields {
		names[i] = fields[i].Name
	}
	return names
}
