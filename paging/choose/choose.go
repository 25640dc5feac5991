// Package choose does to a list in memory what SQL does to a table: it filters,
// searches, sorts and cuts by an ask.
//
//	page, records, err := choose.Page(boats, ask, func(b *Boat, field string) choose.Value {
//		switch field {
//		case "name":
//			return choose.Value{Type: value.Text, Text: b.Name}
//		case "tonnage":
//			return choose.Integer(b.Tonnage)
//		…
//
// Text is in the order of the Unicode root collation, numbers, dates and times in
// their own; missing values come where the rules say, and ties by the rules' key.
package choose

import (
	"cmp"
	"fmt"
	"slices"
	"strconv"
	"strings"

	"pageladder.example/paging"
	"pageladder.example/paging/value"
)

// Value is one field of one record, as a query writes a value of its type. The zero Value is a
// missing one.
type Value struct {
	Type value.Type
	Text string

	whole  bool // the value is number, and Text is empty
	number int64
	wrong  string // what would be right, of a value that cannot be had; "": it is one
}

// Integer is an integer as it is in memory. It need not be written as text to be compared.
func Integer(n int64) Value {
	const limit = 1e15 - 1 // of 15 digits: every type of numbers takes it, and a float64 holds it exactly
	if n < -limit || n > limit {
		return Value{Type: value.Integer, Text: strconv.FormatInt(n, 10)}
	}
	return Value{Type: value.Integer, whole: true, number: n}
}

// text is a value as a query writes it.
func (v Value) text() string {
	if v.whole {
		return strconv.FormatInt(v.number, 10)
	}
	return v.Text
}

// ValueError is the error for a value that cannot be compared as its field's type.
type ValueError struct {
	Record int    // from 1
	Field  string // of the record
	Found  string // what stands there, at most 100 bytes of it
	Want   string // what would be right
}

func (e *ValueError) Error() string {
	return fmt.Sprintf("choose: record %d, field %s: found %.100q; right would be %s", e.Record, e.Field, e.Found, e.Want)
}

// Page filters, searches and sorts a list by an ask, settles the ask on the number of records
// left, and returns the page: by its number, or what is behind or before the ask's cursor. The
// list is not changed. Errors are *paging.Refusal or *ValueError.
func Page[T any](list []T, ask paging.Ask, value func(record *T, field string) Value) (paging.Page, []T, error) {
	if at, _ := ask.Cursor(); at != nil {
		return pageAt(list, ask, value)
	}
	c, err := chosenOf(list, ask, value)
	if err != nil {
		return paging.Page{}, nil, err
	}
	page, err := ask.Settle(paging.Exact(int64(len(c.places))))
	if err != nil {
		return paging.Page{}, nil, err
	}
	onPage := paging.Cut(c.places, page)
	if len(onPage) > 0 {
		c.sort(int(page.Offset()) + len(onPage))
	}
	page, err = ends(page, list, onPage, false, value)
	return page, records(list, onPage), err
}

// Read reads a raw query string by rules, and returns its page as Page does.
func Read[T any](list []T, rules *paging.Rules, query string, value func(record *T, field string) Value) (paging.Page, []T, error) {
	ask, err := rules.Read(query)
	if err != nil {
		return paging.Page{}, nil, err
	}
	return Page(list, ask, value)
}

// All filters, searches and sorts a list by an ask, whatever its page. The list is not changed.
// The error is a *ValueError.
func All[T any](list []T, ask paging.Ask, value func(record *T, field string) Value) ([]T, error) {
	c, err := chosenOf(list, ask, value)
	if err != nil {
		return nil, err
	}
	c.sort(len(c.places))
	return records(list, c.places), nil
}

// records are those that stand in some places of a list.
func records[T any](list []T, places []place) []T {
	all := make([]T, len(places))
	for i, p := range places {
		all[i] = list[p.in]
	}
	return all
}

// chosen are the records that an ask finds, to be sorted: places are moved, not records.
type chosen struct {
	order  []paging.Order
	keys   []sortKey // of each record, for each field of the order; one piece of memory for all
	places []place
}

// place is a record's, with what most often decides where it goes.
type place struct {
	in    int // the list
	at    int // in which it was found
	class int // of its first key
	near  float64
}

func chosenOf[T any](list []T, ask paging.Ask, value func(record *T, field string) Value) (*chosen, error) {
	m := NewMatcher(ask)
	n := len(m.order)
	c := &chosen{order: m.order, keys: make([]sortKey, 0, n*len(list))}
	for i := range list {
		of := func(field string) Value { return value(&list[i], field) }
		ok, err := m.Match(i+1, of)
		if err != nil {
			return nil, err
		}
		if !ok {
			continue
		}
		p := place{in: i, at: len(c.places)}
		for by := range n {
			key, err := m.key(i+1, by, of(m.order[by].Field))
			if err != nil {
				return nil, err
			}
			c.keys = append(c.keys, key)
			if by == 0 {
				p.class, p.near = key.class, key.near
			}
		}
		c.places = append(c.places, p)
	}
	return c, nil
}

// compare compares two records in the order; none are equal.
func (c *chosen) compare(a, b place) int {
	if a.class == b.class && a.near != b.near {
		if (a.near < b.near) == c.order[0].Desc {
			return 1
		}
		return -1
	}
	for n := range c.order {
		if c := compare(&c.keys[a.at*len(c.order)+n], &c.keys[b.at*len(c.order)+n], &c.order[n]); c != 0 {
			return c
		}
	}
	return cmp.Compare(a.in, b.in) // as they stood
}

// sort brings the first records of the order to the front, as many as first. Few of
// many are picked out: the others need no order.
func (c *chosen) sort(first int) {
	if len(c.order) == 0 || first == 0 {
		return
	}
	if first > len(c.places)/4 {
		first = len(c.places)
	} else {
		c.pick(first)
	}
	slices.SortFunc(c.places[:first], c.compare)
}

// pick brings the first records of the order to the front, in any order among themselves.
// Those at the front are kept as a heap, the last of them on top, which a record that
// comes before it replaces.
func (c *chosen) pick(first int) {
	heap, rest := c.places[:first], c.places[first:]
	for i := first/2 - 1; i >= 0; i-- {
		c.sink(heap, i)
	}
	for i := range rest {
		if c.compare(rest[i], heap[0]) < 0 {
			rest[i], heap[0] = heap[0], rest[i]
			c.sink(heap, 0)
		}
	}
}

// sink moves the i-th place of a heap below those that come after it.
func (c *chosen) sink(heap []place, i int) {
	for {
		last := i
		for below := 2*i + 1; below <= 2*i+2 && below < len(heap); below++ {
			if c.compare(heap[below], heap[last]) > 0 {
				last = below
			}
		}
		if last == i {
			return
		}
		heap[i], heap[last] = heap[last], heap[i]
		i = last
	}
}

// sortKey is a value prepared for comparing.
type sortKey struct {
	class    int     // of the type: 0 missing
	near     float64 // of a number, or of a time in seconds; where two differ by this rule, that is their order
	text     string  // "": a number that near holds exactly
	collated string  // of text: its key in the collation
}

// Classes of values that are compared with one another, in their order.
const (
	missing = iota
	booleans
	numbers
	dates
	times
	texts
)

// key prepares a value for sorting by a field of the order: as the type that the rules give the
// field or, without one, as its own type.
func (m *Matcher) key(n, by int, v Value) (sortKey, error) {
	switch {
	case v.wrong != "":
		return sortKey{}, &ValueError{n, m.order[by].Field, v.Text, v.wrong}
	case v.Type == "":
		return sortKey{}, nil
	}
	t := v.Type
	if known := m.types[by]; known != "" {
		t = known
	}
	if v.whole && isNumber(t) {
		return sortKey{class: numbers, near: float64(v.number)}, nil
	}
	text, err := m.canonical(n, m.order[by].Field, t, v)
	if err != nil {
		return sortKey{}, err
	}
	switch t {
	case value.Boolean:
		return sortKey{class: booleans, text: text}, nil
	case value.Integer, value.Decimal, value.BigInteger, value.BigDecimal:
		return sortKey{class: numbers, near: near(text), text: text}, nil
	case value.Date:
		return sortKey{class: dates, text: text}, nil
	case value.Time:
		return sortKey{class: times, near: float64(timeOf(text).Unix()), text: text}, nil
	case value.Text:
		key := string(m.collator.KeyFromString(&m.buffer, text))
		m.buffer.Reset()
		return sortKey{class: texts, text: text, collated: key}, nil
	}
	return sortKey{}, &ValueError{n, m.order[by].Field, v.text(), "a value that has an order; a list or an object has none"}
}

// compare compares two values in the order of one field.
func compare(a, b *sortKey, by *paging.Order) int {
	if a.class == missing || b.class == missing {
		switch {
		case a.class == b.class:
			return 0
		case (a.class == missing) == by.NullsFirst:
			return -1
		}
		return 1
	}
	c := compareReady(a, b)
	if by.Desc {
		return -c
	}
	return c
}

// compareReady compares two values that are not missing.
func compareReady(a, b *sortKey) int {
	switch {
	case a.class != b.class:
		return cmp.Compare(a.class, b.class)
	case a.near < b.near:
		return -1
	case a.near > b.near:
		return 1
	}
	switch a.class {
	case numbers:
		if a.text == b.text {
			return 0
		}
		return compareNumbers(a.digits(), b.digits())
	case times:
		return timeOf(a.text).Compare(timeOf(b.text))
	}
	return cmp.Or(strings.Compare(a.collated, b.collated), strings.Compare(a.text, b.text))
}

// digits is a number in canonical form.
func (k *sortKey) digits() string {
	if k.text == "" {
		return strconv.FormatInt(int64(k.near), 10)
	}
	return k.text
}
