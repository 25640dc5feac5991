package reading_test

import (
	"bytes"
	"cmp"
	"context"
	"fmt"
	"net/url"
	"slices"
	"strconv"
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

// boat is a record: the values of its fields, in order, as texts; nil is a missing one.
type boat [3][]byte

var boatFields = []intake.Field{{Name: "id", Type: value.Integer}, {Name: "name", Type: value.Text}, {Name: "crew", Type: value.Integer}}

func field(name string) int {
	return slices.IndexFunc(boatFields, func(f intake.Field) bool { return f.Name == name })
}

func of(b *boat, name string) choose.Value {
	i := field(name)
	if b[i] == nil {
		return choose.Value{}
	}
	return choose.Value{Type: boatFields[i].Type, Text: string(b[i])}
}

// memory is a set of boats, with each state that it had.
type memory struct {
	definition *catalog.Definition
	miscounts  bool // a walk through a list tells one record too few
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
}

func (v *moment) Set() *catalog.Set {
	return &catalog.Set{Definition: v.definition, Version: 1}
}
func (v *moment) Version() int64                                    { return v.number }
func (v *moment) Steady() bool                                      { return v.how != view.Latest }
func (v *moment) Close()                                            {}
func (v *moment) Failed(_ context.Context, err error) (error, bool) { return err, false }

func (v *moment) Mark() view.Mark {
	if v.how == view.Plain && v.of == nil {
		return view.Mark{}
	}
	return view.Mark{Number: v.number, State: state(v.number)}
}

func (v *moment) Confirm(context.Context) (view.View, error) { return v.seen(), nil }

// seen is the view of the state that a question is answered at.
func (v *moment) seen() view.View {
	if now := v.now(); !v.Steady() && v.of == nil && now != v.number {
		return &moment{memory: v.memory, number: now, how: v.how}
	}
	return v
}

func (v *moment) At(_ context.Context, number int64) (view.View, error) {
	if number > v.number || number < 1 {
		return nil, &view.GoneError{Mark: number, Why: "there was no such state"}
	}
	return &moment{memory: v.memory, number: number, how: v.how, of: v}, nil
}

func (v *moment) Ask(asked view.Asked) (view.Question, error) {
	if asked.Except != "" {
		ask, err := v.definition.Rules.Read(without(asked.Conditions()))
		if err != nil {
			return nil, err
		}
		asked.Ask = &ask
	}
	return &asking{v, asked}, nil
}

// without is a query for some conditions alone.
func without(conditions []paging.Condition) string {
	query := url.Values{}
	for _, c := range conditions {
		query[strings.TrimSuffix(c.Field+"."+string(c.Op), "."+string(paging.Equals))] = c.Values
	}
	return query.Encode()
}

// asking is a question.
type asking struct {
	in    *moment
	asked view.Asked
}

func (q *asking) View() view.View        { return q.in }
func (q *asking) Asked() *view.Asked     { return &q.asked }
func (q *asking) Mark() view.Mark        { return q.in.Mark() }
func (q *asking) Filtered() bool         { return len(q.asked.Ask.Conditions()) > 0 }
func (q *asking) Records() (int64, bool) { return 0, false }

func (q *asking) Name() string {
	held := ""
	if q.in.of != nil {
		held = fmt.Sprint(" @", q.in.number)
	}
	return fmt.Sprint("boats ", q.asked.Ask.Conditions(), held)
}

// list is the list at a state.
func (q *asking) list(n int64) []boat {
	all, err := choose.All(q.in.at(n), q.asked.Ask, of)
	if err != nil {
		panic(err)
	}
	return all
}

func (q *asking) Order() order.Order {
	var by order.Order
	for _, o := range q.asked.Ask.Order() {
		f := order.Field{Desc: o.Desc, NullsFirst: o.NullsFirst}
		if t := boatFields[field(o.Field)].Type; t != value.Text {
			f.Type = t
		}
		by = append(by, f)
	}
	return by
}

func (q *asking) ordered(b *boat) [][]byte {
	var values [][]byte
	for _, o := range q.asked.Ask.Order() {
		values = append(values, b[field(o.Field)])
	}
	return values
}

func (q *asking) Place(values [][]byte) ([]*string, error) {
	place := make([]*string, len(values))
	for i, v := range values {
		if v != nil {
			text := string(v)
			place[i] = &text
		}
	}
	return place, nil
}

// compare compares two places; field is the number of the one that decides, from 1.
func (q *asking) compare(a, b []*string) (sign, field int) {
	for i, o := range q.asked.Ask.Order() {
		missing := 1
		if o.NullsFirst {
			missing = -1
		}
		switch {
		case a[i] == nil && b[i] == nil:
			continue
		case a[i] == nil:
			return missing, i + 1
		case b[i] == nil:
			return -missing, i + 1
		}
		sign = choose.CompareText(*a[i], *b[i])
		if q.Order()[i].Type != "" {
			x, _ := strconv.Atoi(*a[i])
			y, _ := strconv.Atoi(*b[i])
			sign = cmp.Compare(x, y)
		}
		if o.Desc {
			sign = -sign
		}
		if sign != 0 {
			return sign, i + 1
		}
	}
	return 0, 0
}

func (q *asking) Read(_ context.Context, w view.Window, each func(*view.Row) error) (view.Seen, error) {
	seen := view.Seen{View: q.in.seen()}
	number := q.in.number
	if q.in.of == nil {
		number = seen.View.(*moment).number
	} else if through := q.asked.Through; through != nil {
		seen.Looked = int64(len(through))
	} else {
		told, _ := (&asking{q.in.of, q.asked}).Since(context.Background(), q.in.Mark(), view.Want{Most: 1 << 40})
		seen.Looked = told.Looked
	}
	all := q.list(number)
	if w.Backward && !w.Upto {
		slices.Reverse(all)
	}
	all = slices.DeleteFunc(all, func(b boat) bool {
		if w.From == nil {
			return false
		}
		place, _ := q.Place(q.ordered(&b))
		sign, _ := q.compare(place, w.From)
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
		row := view.Row{Order: q.ordered(&all[i]), Fate: q.fate(&all[i])}
		for _, name := range w.Fields {
			row.Values = append(row.Values, all[i][field(name)])
		}
		if err := each(&row); err != nil {
			return seen, err
		}
	}
	return seen, nil
}

// fate is what has become of a record of a list that is held still.
func (q *asking) fate(b *boat) view.Fate {
	if q.in.of == nil {
		return view.Same
	}
	now := q.in.at(q.in.of.number)
	i := slices.IndexFunc(now, func(n boat) bool { return bytes.Equal(n[0], b[0]) })
	switch {
	case i < 0:
		return view.Gone
	case !equal(&now[i], b):
		return view.Altered
	}
	return view.Same
}

func equal(a, b *boat) bool {
	return slices.EqualFunc(a[:], b[:], func(x, y []byte) bool { return bytes.Equal(x, y) && (x == nil) == (y == nil) })
}

func (q *asking) One(_ context.Context, key, fields []string) (*view.Single, error) {
	for _, b := range q.list(q.in.number) {
		if string(b[0]) != key[0] {
			continue
		}
		one := &view.Single{View: q.in}
		for _, name := range fields {
			one.Values = append(one.Values, b[field(name)])
		}
		return one, nil
	}
	return nil, view.ErrNoRecord
}

func (q *asking) Count(_ context.Context, most int64) (int64, bool, error) {
	n := int64(len(q.list(q.in.number)))
	if most > 0 && n >= most {
		return most, false, nil
	}
	return n, true, nil
}

func (q *asking) UpTo(ctx context.Context, place []*string) (n int64, err error) {
	_, err = q.Read(ctx, view.Window{From: place, Upto: true}, func(*view.Row) error { n++; return nil })
	return n, err
}

func (q *asking) Values(_ context.Context, name string, most int, _ bool) ([]view.Value, error) {
	counts := map[string]int64{}
	none := int64(0)
	for _, b := range q.list(q.in.number) {
		if v := b[field(name)]; v == nil {
			none++
		} else {
			counts[string(v)]++
		}
	}
	var all []view.Value
	for text, n := range counts {
		all = append(all, view.Value{Text: &text, Count: n})
	}
	slices.SortFunc(all, func(a, b view.Value) int {
		if boatFields[field(name)].Type == value.Integer {
			return cmp.Or(cmp.Compare(len(*a.Text), len(*b.Text)), cmp.Compare(*a.Text, *b.Text))
		}
		return choose.CompareText(*a.Text, *b.Text)
	})
	if none > 0 {
		all = append(all, view.Value{Count: none})
	}
	for i := range all {
		all[i].Rank = i
	}
	slices.SortStableFunc(all, func(a, b view.Value) int { return cmp.Compare(b.Count, a.Count) })
	return all[:min(len(all), most)], nil
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

func (q *asking) Compare(_ context.Context, pairs [][2][]*string) ([]int, error) {
	var all []int
	for _, p := range pairs {
		sign, field := q.compare(p[0], p[1])
		all = append(all, sign*field)
	}
	return all, nil
}

// Since compares each state with the one before it.
func (q *asking) Since(_ context.Context, after view.Mark, want view.Want) (*view.Changes, error) {
	told := &view.Changes{Until: q.in.Mark()}
	if from, ok := after.State.(state); ok {
		for n := int64(from) + 1; n <= q.in.number; n++ {
			was, is := q.in.at(n-1), q.in.at(n)
			told.Looked += int64(len(besides(was, is)) + len(besides(is, was)))
			for by, all := range map[int64][]boat{-1: besides(q.list(n-1), q.list(n)), 1: besides(q.list(n), q.list(n-1))} {
				for _, b := range all {
					c := view.Change{Origin: view.Origin{Number: n}, By: by, Place: fmt.Sprint(n, by, string(b[0]))}
					for _, name := range want.Fields {
						c.Values = append(c.Values, b[field(name)])
					}
					told.All = append(told.All, c)
				}
			}
		}
	}
	if int64(len(told.All)) > want.Most {
		return nil, &view.LostError{Why: "more has changed than is brought on"}
	}
	return told, nil
}

// besides are those of some boats that are not among others just so.
func besides(some, others []boat) []boat {
	there := map[string]*boat{}
	for i := range others {
		there[string(others[i][0])] = &others[i]
	}
	var left []boat
	for i := range some {
		if o := there[string(some[i][0])]; o == nil || !equal(o, &some[i]) {
			left = append(left, some[i])
		}
	}
	return left
}

func (q *asking) Snapshot(_ context.Context, do func(view.Question) error) error {
	return do(&asking{&moment{memory: q.in.memory, number: q.in.now(), how: view.Still}, q.asked})
}
