package reading_test

import (
	"bytes"
	"cmp"
	"context"
	"fmt"
	"net/url"
	"slices"
	"strings"
	"sync"

	"pageladder.example/internal/intake"
	"pageladder.example/internal/order"
	"pageladder.example/internal/sets/catalog"
	"pageladder.example/internal/sets/view"
	"pageladder.example/paging"
	"pageladder.example/paging/choose"
	"pageladder.example/paging/rulesfile"
	"pageladder.example/paging/value"
)

// A source of another kind: records in memory. It shows what a kind of source costs, and that nothing
// else knows of it. Each state is a list of its own.

// boat is a record: the values of its fields, in order.
type boat [3]string

const missing = "\x00" // a value that is not there

var boatFields = []intake.Field{{Name: "id", Type: value.Integer}, {Name: "name", Type: value.Text}, {Name: "crew", Type: value.Integer}}

func of(b *boat, name string) choose.Value {
	i := slices.IndexFunc(boatFields, func(f intake.Field) bool { return f.Name == name })
	if b[i] == missing {
		return choose.Value{}
	}
	return choose.Value{Type: boatFields[i].Type, Text: b[i]}
}

// row has values of some fields.
func (b *boat) row(names []string) [][]byte {
	all := make([][]byte, len(names))
	for i, name := range names {
		if v := of(b, name); v.Type != "" {
			all[i] = []byte(v.Text)
		}
	}
	return all
}

// memory is a set of boats, with each state that it had.
type memory struct {
	definition *catalog.Definition
	miscounts  bool // a walk through a list finds one record too few
	mu         sync.Mutex
	states     [][]boat // state n is states[n-1]
}

func newMemory(boats []boat) *memory {
	r := rulesfile.Of(paging.Rules{Key: []string{"id"}, Size: paging.SizeRules{Default: 3, Offered: []int{2, 3, 5, 7}}, Params: paging.Params{After: "after", Before: "before"}})
	for _, f := range boatFields {
		r.Sorts = append(r.Sorts, paging.SortKey{Key: f.Name})
		r.Filters = append(r.Filters, paging.FilterRule{Field: f.Name, Type: f.Type})
	}
	return &memory{definition: &catalog.Definition{Name: "boats", Fields: boatFields, Rules: r, Source: "memory"}, states: [][]boat{boats}}
}

func (m *memory) now() int64 { m.mu.Lock(); defer m.mu.Unlock(); return int64(len(m.states)) }

func (m *memory) at(n int64) []boat { m.mu.Lock(); defer m.mu.Unlock(); return m.states[n-1] }

// change makes another state.
func (m *memory) change(with func(boats []boat) []boat) {
	m.mu.Lock()
	defer m.mu.Unlock()
	m.states = append(m.states, with(slices.Clone(m.states[len(m.states)-1])))
}

// state is the number of one.
type state int64

func (s state) Covers(o view.State) bool   { other, ok := o.(state); return ok && s >= other }
func (s state) Sees(uint64) bool           { return false }
func (s state) Total(n int64) paging.Total { return paging.Exact(n) }

func (m *memory) Open(_ context.Context, _ view.Found, how view.How) (view.View, error) {
	return &moment{memory: m, number: m.now(), how: how}, nil
}

// moment is a view.
type moment struct {
	*memory
	number int64
	how    view.How
	of     *moment // of a list that is held still: the view that it is held in
	held   int64   // its number
}

func (v *moment) Set() *catalog.Set                                 { return &catalog.Set{Definition: v.definition, Version: 1} }
func (v *moment) Version() int64                                    { return v.number }
func (v *moment) Steady() bool                                      { return v.how != view.Latest }
func (v *moment) Close()                                            {}
func (v *moment) Failed(_ context.Context, err error) (error, bool) { return err, false }
func (v *moment) Confirm(context.Context) (view.View, error)        { return v.seen(), nil }
func (v *moment) From() view.From                                   { return view.From{} }
func (v *moment) Floor(context.Context) (view.Floor, error)         { return view.Floor{}, nil }
func (v *moment) Again(ctx context.Context) (view.View, error) {
	return v.Open(ctx, view.Found{}, view.Still)
}
func (v *moment) Within(ctx context.Context) (context.Context, context.CancelFunc) {
	return ctx, func() {}
}
func (v *moment) Ask(selection view.Selection) (view.Question, error) {
	return &asking{v, selection}, nil
}

func (v *moment) Mark() view.Mark {
	if v.how == view.Plain && v.of == nil {
		return view.Mark{}
	}
	return view.Mark{Number: v.number, State: state(v.number)}
}

// seen is the view of the state that a question is answered at.
func (v *moment) seen() *moment {
	if now := v.now(); !v.Steady() && v.of == nil && now != v.number {
		return &moment{memory: v.memory, number: now, how: v.how}
	}
	return v
}

func (v *moment) At(_ context.Context, number int64) (view.View, error) {
	if number > v.number || number < 1 {
		return nil, &view.GoneError{Mark: number, Why: "there was no such state"}
	}
	return &moment{memory: v.memory, number: number, how: v.how, of: v, held: number}, nil
}

// asking is a question.
type asking struct {
	in        *moment
	selection view.Selection
}

func (q *asking) View() view.View            { return q.in }
func (q *asking) Selection() *view.Selection { return &q.selection }
func (q *asking) Mark() view.Mark            { return q.in.Mark() }
func (q *asking) Filtered() bool             { return len(q.selection.Conditions()) > 0 }
func (q *asking) Records() (int64, bool)     { return 0, false }
func (q *asking) Name() string               { return fmt.Sprint(q.selection.Conditions(), " @", q.in.held) }

// sorted are the boats of a state under the conditions of a question, in an order.
func (m *memory) sorted(n int64, selection *view.Selection, sort string) []boat {
	query := url.Values{"sort": {sort}}
	for _, c := range selection.Conditions() {
		query[strings.TrimSuffix(c.Field+"."+string(c.Op), "."+string(paging.Equals))] = c.Values
	}
	ask, err := m.definition.Rules.Read(query.Encode())
	if err == nil {
		var all []boat
		if all, err = choose.All(m.at(n), ask, of); err == nil {
			return all
		}
	}
	panic(err)
}

func (q *asking) list(n int64) []boat {
	var sort []string
	for _, o := range q.selection.Ask.Order() {
		sort = append(sort, map[bool]string{true: "-"}[o.Desc]+o.Field)
	}
	return q.in.sorted(n, &q.selection, strings.Join(sort, ","))
}

func (q *asking) Order() order.Order {
	var by order.Order
	for _, o := range q.selection.Ask.Order() {
		kind := map[string]value.Type{"id": value.Integer, "crew": value.Integer}[o.Field] // the order of texts is not known elsewhere
		by = append(by, order.Field{Desc: o.Desc, NullsFirst: o.NullsFirst, Type: kind})
	}
	return by
}

// ordered are a record's values in the fields of the order.
func (q *asking) ordered(b *boat) [][]byte {
	var names []string
	for _, o := range q.selection.Ask.Order() {
		names = append(names, o.Field)
	}
	return b.row(names)
}

func (q *asking) Place(values [][]byte) ([]*string, error) {
	key, err := q.Order().Key(values)
	return q.Order().Values(key), err
}

func (q *asking) key(place []*string) []byte {
	values := make([][]byte, len(place))
	for i, v := range place {
		if v != nil {
			values[i] = []byte(*v)
		}
	}
	key, _ := q.Order().Key(values)
	return key
}

func (q *asking) Compare(_ context.Context, pairs [][2][]*string) ([]int, error) {
	var all []int
	for _, p := range pairs {
		sign, field, _ := q.Order().Known(q.key(p[0]), q.key(p[1]))
		all = append(all, sign*(field+1))
	}
	return all, nil
}

func (q *asking) Read(ctx context.Context, w view.Window, each func(*view.Row) error) (view.Seen, error) {
	at := q.in.seen()
	seen := view.Seen{View: at, Looked: int64(len(q.selection.Through))}
	if at.of != nil && q.selection.Through == nil {
		changes, _ := (&asking{at.of, q.selection}).Since(ctx, at.Mark(), view.Want{Limit: 1 << 40})
		seen.Looked = changes.Looked
	}
	all := q.list(at.number)
	if w.Backward && !w.Upto {
		slices.Reverse(all)
	}
	all = slices.DeleteFunc(all, func(b boat) bool {
		if w.From == nil {
			return false
		}
		key, _ := q.Order().Key(q.ordered(&b))
		sign := q.Order().Compare(key, q.key(w.From))
		if w.Backward || w.Upto {
			sign = -sign
		}
		return sign < 0 || sign == 0 && w.After
	})
	all = all[min(w.Skip, int64(len(all))):]
	if w.Limit > 0 {
		all = all[:min(w.Limit, len(all))]
	}
	for i := range all {
		if err := each(&view.Row{Values: all[i].row(w.Fields), Order: q.ordered(&all[i]), Fate: at.fate(&all[i])}); err != nil {
			return seen, err
		}
	}
	return seen, nil
}

// fate is what has become of a record of a list that is held still.
func (v *moment) fate(b *boat) view.Fate {
	if v.of == nil {
		return view.Same
	}
	now := v.at(v.of.number)
	at := slices.IndexFunc(now, func(o boat) bool { return o[0] == b[0] })
	if at < 0 {
		return view.Gone
	}
	return map[bool]view.Fate{true: view.Same, false: view.Altered}[now[at] == *b]
}

func (q *asking) One(_ context.Context, key, fields []string) (*view.Single, error) {
	for _, b := range q.list(q.in.number) {
		if b[0] == key[0] {
			return &view.Single{View: q.in, Values: b.row(fields)}, nil
		}
	}
	return nil, view.ErrNoRecord
}

func (q *asking) Count(_ context.Context, limit int64) (int64, bool, error) {
	if n := int64(len(q.list(q.in.number))); limit == 0 || n < limit {
		return n, true, nil
	}
	return limit, false, nil
}

func (q *asking) UpTo(ctx context.Context, place []*string) (n int64, err error) {
	_, err = q.Read(ctx, view.Window{From: place, Upto: true}, func(*view.Row) error { n++; return nil })
	return n, err
}

func (q *asking) Values(_ context.Context, name string, limit int, _ bool) ([]view.Value, error) {
	var all []view.Value
	last := []byte(missing)
	for _, b := range q.in.sorted(q.in.number, &q.selection, name) {
		v := b.row([]string{name})[0]
		if !bytes.Equal(v, last) || (v == nil) != (last == nil) {
			one := view.Value{Rank: len(all)}
			if v != nil {
				one.Text = new(string(v))
			}
			all, last = append(all, one), v
		}
		all[len(all)-1].Count++
	}
	slices.SortStableFunc(all, func(a, b view.Value) int { return cmp.Compare(b.Count, a.Count) })
	return all[:min(len(all), limit)], nil
}

func (q *asking) Every(_ context.Context, step func() int64, each func([][]byte, int64) error) (int64, error) {
	all := q.list(q.in.number)
	for at := int64(0); at < int64(len(all)); at += step() {
		if err := each(q.ordered(&all[at]), at); err != nil {
			return 0, err
		}
	}
	if q.in.miscounts {
		return int64(len(all)) - 1, nil
	}
	return int64(len(all)), nil
}

// Since compares each state with the one before it.
func (q *asking) Since(_ context.Context, after view.Mark, want view.Want) (*view.Changes, error) {
	changes := &view.Changes{Until: q.in.Mark()}
	from, known := after.State.(state)
	for n := int64(from) + 1; known && n <= q.in.number; n++ {
		changes.Looked += int64(len(besides(q.in.at(n-1), q.in.at(n))) + len(besides(q.in.at(n), q.in.at(n-1))))
		for by, all := range map[int64][]boat{-1: besides(q.list(n-1), q.list(n)), 1: besides(q.list(n), q.list(n-1))} {
			for _, b := range all {
				changes.All = append(changes.All, view.Change{Origin: view.Origin{Number: n}, By: by, Place: fmt.Sprint(n, by, b[0]), Values: b.row(want.Fields)})
			}
		}
	}
	if int64(len(changes.All)) > want.Limit {
		return nil, &view.LostError{Why: "more has changed than is brought on"}
	}
	return changes, nil
}

// besides are those of some boats that are not among others just so.
func besides(some, others []boat) []boat {
	there := map[boat]bool{}
	for _, b := range others {
		there[b] = true
	}
	return slices.DeleteFunc(slices.Clone(some), func(b boat) bool { return there[b] })
}

func (q *asking) Snapshot(_ context.Context, do func(view.Question) error) error {
	return do(&asking{&moment{memory: q.in.memory, number: q.in.now(), how: view.Still}, q.selection})
}
