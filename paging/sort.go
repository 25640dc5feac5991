package paging

import (
	"cmp"
	"slices"
	"strconv"
	"strings"

	"pageladder.example/paging/code"
)

// This file reads the sort of a query, and makes the total order of it.

// sortBy is one sort key in force and its direction.
type sortBy struct {
	Key  string
	Desc bool
}

// Order is one field of the total order that records are read in.
type Order struct {
	Field      string `json:"field"`
	Desc       bool   `json:"desc,omitempty"`
	NullsFirst bool   `json:"nulls_first,omitempty"`
}

func (a *ask) readSort() {
	r := a.ruled()
	direction := a.readDirection()
	if a.sortGiven.last == 0 {
		a.sort, _ = r.parseSort(r.DefaultSort, nil)
		if direction != "" {
			for i := range a.sort {
				a.sort[i].Desc = direction == Descending
			}
		}
		return
	}
	param := r.sortParam()
	given := a.list(a.sortGiven, param)
	bare := func(k *SortKey) bool { return false } // a key without "-" is ascending
	if r.Params.Direction != "" {
		bare = func(k *SortKey) bool { return Direction(cmp.Or(string(direction), string(k.First))) == Descending }
	}
	keys, bad := r.parseSort(given, bare)
	if len(keys) == 0 {
		keys, _ = r.parseSort(r.DefaultSort, nil)
	}
	a.sort = keys
	for _, b := range bad {
		a.fault(param, given, sortText(keys), b.why, b.reason)
	}
}

// readDirection reads the direction parameter, where the rules name one.
func (a *ask) readDirection() Direction {
	if a.directionGiven.last == 0 {
		return ""
	}
	param := a.ruled().directionParam()
	given := a.value(a.directionGiven, param)
	switch d := Direction(strings.Trim(given, " \t")); d {
	case Ascending, Descending, "":
		return d
	}
	a.fault(param, given, "", code.SortBadDirection, quote(given)+" is neither asc nor desc")
	return ""
}

// badKey is one entry of a sort that is not used.
type badKey struct {
	why    code.Code
	reason string
}

// parseSort reads "-tonnage,vessel". Entries that are empty say nothing and are
// no fault: plain forms send them. A key without "-" is ascending, unless bare
// says otherwise.
func (r *Rules) parseSort(text string, bare func(*SortKey) bool) (keys []sortBy, bad []badKey) {
	for entry := range strings.SplitSeq(text, ",") {
		entry = strings.Trim(entry, " \t")
		name, desc := strings.CutPrefix(entry, "-")
		switch {
		case name == "":
		case r.sortKey(name) == nil:
			bad = append(bad, badKey{code.SortUnknownKey, quote(name) + " is no sort key here" + r.offeredKeys()})
		case slices.ContainsFunc(keys, func(k sortBy) bool { return k.Key == name }):
			bad = append(bad, badKey{code.SortRepeatedKey, quote(name) + " is named twice and the first counts"})
		case len(keys) == r.maxSortKeys():
			bad = append(bad, badKey{code.SortTooManyKeys, "a list is sorted by at most " + strconv.Itoa(r.maxSortKeys()) + " keys here"})
		default:
			if keys == nil {
				keys = make([]sortBy, 0, min(strings.Count(text, ",")+1, r.maxSortKeys()))
			}
			if !desc && bare != nil {
				desc = bare(r.sortKey(name))
			}
			keys = append(keys, sortBy{Key: name, Desc: desc})
		}
	}
	return keys, bad
}

func (r *Rules) offeredKeys() string {
	if len(r.Sorts) == 0 {
		return " (none is offered)"
	}
	names := make([]string, 0, len(r.Sorts))
	for i := range r.Sorts {
		names = append(names, r.Sorts[i].Key)
	}
	return " (offered: " + strings.Join(names, ", ") + ")"
}

func sortText(keys []sortBy) string {
	var b strings.Builder
	for i, k := range keys {
		if i > 0 {
			b.WriteByte(',')
		}
		if k.Desc {
			b.WriteByte('-')
		}
		b.WriteString(k.Key)
	}
	return b.String()
}

// total makes the order.
func (a *ask) total() []Order {
	r := a.ruled()
	if len(a.sort)+len(r.Key) == 0 {
		return nil
	}
	order := make([]Order, 0, len(a.sort)+len(r.Key)+2)
	has := func(field string) bool {
		return slices.ContainsFunc(order, func(o Order) bool { return o.Field == field })
	}
	desc := false
	for _, by := range a.sort {
		k := r.sortKey(by.Key)
		desc = by.Desc
		for _, field := range k.fields() {
			if !has(field) {
				order = append(order, Order{Field: field, Desc: desc, NullsFirst: k.NullsFirst})
			}
		}
	}
	for _, field := range r.Key {
		if !has(field) {
			order = append(order, Order{Field: field, Desc: desc})
		}
	}
	return order
}

func (k *SortKey) fields() []string {
	if len(k.Fields) == 0 {
		return []string{k.Key}
	}
	return k.Fields
}

// orderText writes an order as it stands in the metadata: "-tonnage,-id".
func orderText(order []Order) string {
	var stack [128]byte
	text := stack[:0]
	for i, o := range order {
		if i > 0 {
			text = append(text, ',')
		}
		if o.Desc {
			text = append(text, '-')
		}
		text = append(text, o.Field...)
	}
	return string(text)
}
