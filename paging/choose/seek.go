package choose

import (
	"errors"
	"fmt"
	"slices"
	"strings"

	"pageladder.example/paging"
	"pageladder.example/paging/cursor"
	"pageladder.example/paging/value"
)

// pageAt is Page for an ask with a cursor.
func pageAt[T any](list []T, ask paging.Ask, value func(record *T, field string) Value) (paging.Page, []T, error) {
	at, backward := ask.Cursor()
	m := NewMatcher(ask)
	keys, err := m.readPlace(at)
	if err != nil {
		mended, err := ask.Misplaced(err.Error())
		if err != nil {
			return paging.Page{}, nil, err
		}
		return Page(list, mended, value)
	}
	c, err := chosenOf(list, ask, value)
	if err != nil {
		return paging.Page{}, nil, err
	}
	page, err := ask.Settle(paging.Exact(int64(len(c.places))))
	if err != nil {
		return paging.Page{}, nil, err
	}
	all := len(c.places)
	c.places = slices.DeleteFunc(c.places, func(p place) bool { return c.precedes(p, keys, at.Behind) != backward })
	behind := len(c.places) < all
	if backward { // the nearest first
		c.reverse()
	}
	onPage := c.places[:min(len(c.places), page.Fetch())]
	c.sort(len(onPage))
	if page, err = page.Received(len(onPage)); err != nil {
		return paging.Page{}, nil, err
	}
	onPage = onPage[:page.Rows()]
	if backward {
		slices.Reverse(onPage)
	}
	page, err = ends(page, list, onPage, behind, value)
	return page, records(list, onPage), err
}

// precedes reports whether a record precedes a place: one right before, or right behind,
// what has some keys.
func (c *chosen) precedes(p place, at []sortKey, behind bool) bool {
	for n := range c.order {
		if d := compare(&c.keys[p.at*len(c.order)+n], &at[n], &c.order[n]); d != 0 {
			return d < 0
		}
	}
	return behind
}

// reverse reverses the order.
func (c *chosen) reverse() {
	c.order = slices.Clone(c.order)
	for i, o := range c.order {
		c.order[i] = paging.Order{Field: o.Field, Desc: !o.Desc, NullsFirst: !o.NullsFirst}
	}
}

// ends gives a page the places of its first and its last record, where its rules have
// cursors. Where they give a field no type, its value's stands before the value.
func ends[T any](page paging.Page, list []T, onPage []place, behind bool, value func(record *T, field string) Value) (paging.Page, error) {
	rules := page.Ask().Rules()
	switch {
	case rules.Params.After == "" && rules.Params.Before == "":
		return page, nil
	case len(onPage) == 0:
		return page.Ends(nil, nil, behind), nil
	}
	m := NewMatcher(page.Ask())
	var found [2][]*string
	for i, p := range []place{onPage[0], onPage[len(onPage)-1]} {
		for by, o := range m.order {
			text, err := m.writePlace(p.in+1, by, value(&list[p.in], o.Field))
			if err != nil {
				return paging.Page{}, err
			}
			found[i] = append(found[i], text)
		}
	}
	return page.Ends(found[0], found[1], behind), nil
}

func (m *Matcher) writePlace(n, by int, v Value) (*string, error) {
	if v.Type == "" {
		return nil, nil
	}
	t, tag := m.types[by], ""
	if t == "" {
		t, tag = v.Type, string(v.Type)+" "
	}
	text, err := m.canonical(n, m.order[by].Field, t, v)
	text = tag + text
	return &text, err
}

// readPlace readies a place to be compared.
func (m *Matcher) readPlace(at *cursor.Place) (keys []sortKey, err error) {
	for by, text := range at.Values {
		if text == nil {
			keys = append(keys, sortKey{})
			continue
		}
		v := Value{Type: m.types[by], Text: *text}
		if v.Type == "" {
			tag, rest, ok := strings.Cut(*text, " ")
			kind, wrong := value.Parse(tag)
			if !ok || wrong != "" {
				return nil, errors.New("the cursor holds a value without its type")
			}
			v = Value{Type: kind, Text: rest}
		}
		key, err := m.key(0, by, v)
		if err != nil {
			return nil, fmt.Errorf("the cursor holds %.100q for %s", v.Text, m.order[by].Field)
		}
		keys = append(keys, key)
	}
	return keys, nil
}
