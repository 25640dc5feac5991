package choose

import (
	"cmp"
	"slices"
	"strings"
	"time"

	"golang.org/x/text/collate"
	"golang.org/x/text/language"
	"pageladder.example/paging"
	"pageladder.example/paging/text"
	"pageladder.example/paging/value"
)

// Matcher checks records against an ask's filters and search, one at a time.
type Matcher struct {
	conditions []condition
	search     []string       // fields
	words      map[string]int // that a record must have, each with its place in met
	last       string         // the word that one of a record's may begin with
	finds      bool           // a search can find something
	met        []int          // the turn in which each word was met last
	turn       int            // counts records
	order      []paging.Order
	types      []value.Type // that the rules give to the fields of the order, "" where none
	collator   *collate.Collator
	buffer     collate.Buffer
}

// condition is a filter, and its values prepared.
type condition struct {
	paging.Condition
	near []float64 // of numbers: see sortKey
}

// NewMatcher prepares an ask. A Matcher is not safe for concurrent use.
func NewMatcher(ask paging.Ask) *Matcher {
	rules := ask.Rules()
	m := &Matcher{search: rules.Search, order: ask.Order(), collator: collate.New(language.Und)}
	m.types = make([]value.Type, len(m.order))
	for i, o := range m.order {
		for _, f := range rules.Filters {
			if f.Field == o.Field {
				m.types[i] = cmp.Or(f.Type, value.Text)
			}
		}
	}
	for _, c := range ask.Conditions() {
		ready := condition{Condition: c}
		if isNumber(c.Type) {
			for _, v := range c.Values {
				ready.near = append(ready.near, near(v))
			}
		}
		m.conditions = append(m.conditions, ready)
	}
	if search := ask.Search(); search != "" {
		list := text.Words(search)
		m.words, m.finds = map[string]int{}, len(list) > 0 // a search without words finds nothing
		if m.finds {
			m.last = list[len(list)-1]
			for _, word := range list[:len(list)-1] {
				if _, ok := m.words[word]; !ok {
					m.words[word] = len(m.words)
				}
			}
			m.met = make([]int, len(m.words))
		}
	}
	return m
}

// Sorts reports whether the ask sorts the records, so that all of them must be seen before the
// first is known.
func (m *Matcher) Sorts() bool { return len(m.order) > 0 }

// Match reports whether the n-th record, from 1, meets the filters and the search. The error is a
// *ValueError.
func (m *Matcher) Match(n int, value func(field string) Value) (bool, error) {
	for i := range m.conditions {
		if ok, err := m.meets(n, &m.conditions[i], value(m.conditions[i].Field)); err != nil || !ok {
			return false, err
		}
	}
	if m.words == nil {
		return true, nil
	}
	var searched strings.Builder
	for _, field := range m.search {
		v := value(field)
		if v.wrong != "" {
			return false, &ValueError{n, field, v.Text, v.wrong}
		}
		searched.WriteString(v.text())
		searched.WriteByte(' ')
	}
	return m.finds && m.hasWords(text.Words(searched.String())), nil
}

// hasWords reports whether a record has the words of a search. Each of its words is looked at
// once, however many the search has.
func (m *Matcher) hasWords(words []string) bool {
	m.turn++
	missing, begun := len(m.words), false
	for _, word := range words {
		begun = begun || strings.HasPrefix(word, m.last)
		if at, ok := m.words[word]; ok && m.met[at] != m.turn {
			m.met[at] = m.turn
			missing--
		}
	}
	return begun && missing == 0
}

// canonical writes a value as its field's type is written.
func (m *Matcher) canonical(n int, field string, t value.Type, v Value) (string, error) {
	given := v.text()
	text, want := t.Canonical(plainNumber(t, given))
	if want != "" {
		return "", &ValueError{n, field, given, want}
	}
	return text, nil
}

func (m *Matcher) meets(n int, c *condition, v Value) (bool, error) {
	missing := v.Type == ""
	switch {
	case v.wrong != "":
		return false, &ValueError{n, c.Field, v.Text, v.wrong}
	case c.Op == paging.None:
		return missing == (c.Values[0] == "true"), nil
	case missing:
		return c.Op == paging.Not, nil
	case v.whole && isNumber(c.Type):
		return c.meetsNumber(&sortKey{class: numbers, near: float64(v.number)}), nil
	}
	text, err := m.canonical(n, c.Field, c.Type, v)
	if err != nil {
		return false, err
	}
	any := func(test func(want string) bool) bool { return slices.ContainsFunc(c.Values, test) }
	equal := func(want string) bool { return sameDay(c.Type, text, want) || compareTexts(c.Type, text, want) == 0 }
	switch c.Op {
	case paging.Equals:
		return any(equal), nil
	case paging.Not:
		return !any(equal), nil
	case paging.Min:
		return compareTexts(c.Type, text, c.Values[0]) >= 0, nil
	case paging.Max:
		return compareTexts(c.Type, text, c.Values[0]) <= 0 || sameDay(c.Type, text, c.Values[0]), nil
	case paging.Has:
		return any(func(want string) bool { return strings.Contains(strings.ToLower(text), strings.ToLower(want)) }), nil
	}
	return any(func(want string) bool { return strings.HasPrefix(strings.ToLower(text), strings.ToLower(want)) }), nil
}

// meetsNumber is meets for a number that is ready.
func (c *condition) meetsNumber(number *sortKey) bool {
	with := func(i int) int {
		return compareReady(number, &sortKey{class: numbers, near: c.near[i], text: c.Values[i]})
	}
	switch c.Op {
	case paging.Min:
		return with(0) >= 0
	case paging.Max:
		return with(0) <= 0
	}
	for i := range c.Values {
		if with(i) == 0 {
			return c.Op == paging.Equals
		}
	}
	return c.Op == paging.Not
}

// sameDay reports whether a time is within a day that a filter names.
func sameDay(t value.Type, text, want string) bool {
	return t == value.Time && len(want) == len(time.DateOnly) && strings.HasPrefix(text, want+"T")
}

// compareTexts compares two canonical values of a type; text is compared by bytes.
func compareTexts(t value.Type, a, b string) int {
	switch {
	case isNumber(t):
		return compareNumbers(a, b)
	case t == value.Time:
		return timeOf(a).Compare(timeOf(b))
	}
	return cmp.Compare(a, b) // false before true; dates in one form
}

// timeOf reads a canonical time, or a date as its midnight.
func timeOf(text string) time.Time {
	if len(text) == len(time.DateOnly) {
		text += "T00:00:00Z"
	}
	at, _ := time.Parse(time.RFC3339Nano, text) // canonical
	return at
}
