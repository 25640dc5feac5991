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
	at         *pinned // if it is asked of the list at a mark; else nil
	ask        *paging.Ask
	sees       Visibility
	own        statement.Where   // the fixed filter that applies
	mark       *changes.Snapshot // of a followed table: the snapshot that stamps are compared with
	order      []paging.Order
	filterKey  string         // the filters in canonical form; "" if there are none
	fields     []intake.Field // that are shown
	countLimit int64          // how far to count; -1: to the end, 0: not at all
	explain    *Explain       // may be nil
}

// newQuestion makes a question of an ask, with the set's fixed filter if the caller is bound by
// it.
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

// onLog is the same question of the set's log: of the images on some sides, after a mark and until
// the mark that the set is at. It is a part of a statement that is proved.
func (q *question) onLog(after changes.Mark, sides string) (*statement.Question, error) {
	n := len(q.own.Args)
	window := changes.Window{After: after, Until: q.set.mark()}
	within, args := window.Condition(alias, n+1)
	own := statement.Where{SQL: changes.Intact + " and " + sides + " and " + within, Args: append(q.own.Args[:n:n], args...)}
	if q.own.SQL != "" {
		own.SQL = "(" + q.own.SQL + ") and " + own.SQL
	}
	return q.set.logged.Ask(q.ask, own)
}

// proved is a statement on the log, as onLog has it, with the proof before each row. It looks at
// the question's fields, and more.
func (q *question) proved(after changes.Mark, sql, columns string, more ...string) string {
	return q.set.log.Proved(&changes.Window{After: after, Until: q.set.mark()}, len(q.own.Args)+1, append(q.texts(), more...), sql, columns)
}

// sides are conditions on the side of an image.
var (
	before     = fmt.Sprintf("%s = %d", logColumn(changes.Side), changes.Before)
	after      = fmt.Sprintf("%s = %d", logColumn(changes.Side), changes.After)
	eitherSide = fmt.Sprintf("%s in (%d, %d)", logColumn(changes.Side), changes.Before, changes.After)
)

func logColumn(name string) string { return alias + "." + name }

// keys is the order of the question's keys. For an attached set, the order of values is its
// database's, except for types that both have.
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

// listKey names the table that the question is asked of, its catalogue, and the filters.
func (q *question) listKey() string {
	if q.set.saw != nil { // the number of a state is only unique since the set was defined
		return strconv.Quote(q.set.Source+"."+q.set.schema+"."+q.set.table) + " " + q.set.Name + " " + strconv.FormatInt(q.set.defined, 10) + " " + q.filterKey
	}
	return q.set.table + " " + strconv.FormatUint(uint64(q.set.catalogue), 10) + " " + q.filterKey
}

// bound reports whether a fixed filter applies.
func (q *question) bound() bool { return q.sees != All && len(q.set.fixed) > 0 }

// texts are the fields that the question looks at and whose long values may be missing from a log.
func (q *question) texts() []string { return q.set.longOf(lookedAt(q.set, q.ask)) }

// lookedAt are the fields that an ask looks at, besides those that are shown.
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

// longOf are those of the named fields whose values may be long, sorted.
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

// filterKey names what an ask filters and searches, under a fixed filter. It is equal for equal
// filters.
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
			if len(values) > 1 { // their order does not matter
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
