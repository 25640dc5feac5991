package paging

import (
	"errors"
	"fmt"
	"maps"
	"reflect"
	"regexp"
	"slices"
	"strconv"
	"strings"
	"sync/atomic"

	"pageladder.example/paging/code"
	"pageladder.example/paging/query"
	"pageladder.example/paging/value"
)

// RuleError is one entry of rules that is wrong.
type RuleError struct {
	Entry string // where, as rules files name it: "size.default", "sorts[2].key"
	Found string // the value there
	Want  string // what would be right
}

func (e RuleError) Error() string {
	return fmt.Sprintf("%s: found %s; right would be %s", e.Entry, e.Found, e.Want)
}

// ruleErrors are all mistakes of rules.
type ruleErrors []error

// Error is the first mistake, and the number of further ones.
func (e ruleErrors) Error() string {
	text := "paging: rules: " + e[0].Error()
	if more := len(e) - 1; more > 0 {
		text += fmt.Sprintf(" (and %d more)", more)
	}
	return text
}

func (e ruleErrors) Unwrap() []error { return e }

// Limits of rules.
const (
	sizeLimit     = 100_000 // records on a page, also of size=all
	sortKeysLimit = 10      // in one query
	nameBytes     = 200     // of a parameter's or a field's name
	mistakes      = 100     // that are listed
)

// Check finds mistakes in the rules, such as a default sort by an unknown key or two parameters of one
// name. The error has every mistake up to a hundred as a RuleError, which errors.As and Unwrap() []error find;
// nil means that the rules are right. Check rules when the program starts: the first Read checks them too, and
// rules that are wrong read no query.
func (r *Rules) Check() error {
	var c checker
	c.choices(r)
	filled := r.Resolved()
	c.sizes(r, &filled)
	c.sorts(r, &filled)
	c.filters(r)
	c.names(&filled, len(r.Prefix))
	c.shapes(r)
	if len(c.errs) > 0 {
		return c.errs
	}
	return nil
}

// rightRules are rules that were found right, by their address. They are remembered beside the rules, which are
// only read, and copied, by many at once. Those that share a place are checked again.
var rightRules [256]atomic.Pointer[Rules]

// right checks rules that are read by for the first time.
func (r *Rules) right() error {
	const golden = 0x9e3779b97f4a7c15 // spreads addresses, which end in zeros
	place := &rightRules[uint64(reflect.ValueOf(r).Pointer())*golden>>56]
	if place.Load() == r {
		return nil
	}
	err := r.Check()
	if err == nil {
		place.Store(r)
	}
	return err
}

type checker struct{ errs ruleErrors }

func (c *checker) wrong(entry, found, want string) {
	if len(c.errs) < mistakes {
		c.errs = append(c.errs, RuleError{entry, found, want})
	}
}

func (c *checker) between(entry string, n, low, high int64) {
	if n < low || n > high {
		c.wrong(entry, strconv.FormatInt(n, 10), fmt.Sprintf("%d to %d", low, high))
	}
}

// prefixName is what a prefix of parameters looks like.
var prefixName = regexp.MustCompile(`^[A-Za-z][A-Za-z0-9]{0,15}[._-]$`)

// oneOf checks an entry that is one of some words; an empty one has its default.
func oneOf[T ~string](c *checker, entry string, found T, words ...T) {
	if found != "" && !slices.Contains(words, found) {
		c.wrong(entry, strconv.Quote(quoted(string(found))), wordList(words))
	}
}

func wordList[T ~string](words []T) string {
	all := make([]string, len(words))
	for i, w := range words {
		all[i] = strconv.Quote(string(w))
	}
	return strings.Join(all, ", ")
}

func (c *checker) choices(r *Rules) {
	oneOf(c, "addressing", r.Addressing, ByPage, ByOffset, ByCursor)
	oneOf(c, "past_last", r.PastLast, PastLastGivesLast, PastLastGivesFirst, PastLastGivesEmpty, PastLastRefused)
	oneOf(c, "on_fault", r.OnFault, Mend, Refuse)
	oneOf(c, "count", r.Count, CountExact, CountAtLeast, CountNone)
	if r.CountTo < 0 || r.CountTo > 0 && r.Count != CountAtLeast {
		c.wrong("count_to", strconv.FormatInt(r.CountTo, 10), `1 or more, and only with count "at_least"`)
	}
	oneOf(c, "unknown", r.Unknown, UnknownRides, UnknownNoted, UnknownDrops, UnknownRefuse)
	if r.Prefix != "" && (!prefixName.MatchString(r.Prefix) || r.aside(r.Prefix)) {
		c.wrong("prefix", strconv.Quote(quoted(r.Prefix)), `a letter, up to 15 letters and digits, then ".", "_" or "-", such as "a."`)
	}
	oneOf(c, "repeat", r.Repeat, "last", repeatList)
	oneOf(c, "keep.what", r.Keep.What, KeepAll, KeepDeclared, KeepListed)
	if len(r.Keep.Names) > 0 && r.Keep.What != KeepListed {
		c.wrong("keep.names", fmt.Sprintf("%q", r.Keep.Names[:min(len(r.Keep.Names), 10)]), `none, or keep.what "listed"`)
	}
	c.faults(r)
	if len(r.Key) == 0 && (r.byCursor() || r.Params.After != "" || r.Params.Before != "") {
		c.wrong("key", "no key", "the field or fields that identify a record, which cursors need")
	}
	if r.OffsetAsIs && !r.byOffset() {
		c.wrong("offset_as_is", "true", `addressing "offset" as well`)
	}
	if r.MaxOffset < 0 {
		c.wrong("max_offset", strconv.FormatInt(r.MaxOffset, 10), "0 (the default) or more")
	}
}

func (c *checker) faults(r *Rules) {
	known := []code.Code{}
	for _, info := range code.All() {
		known = append(known, info.Code)
	}
	for _, kind := range slices.Sorted(maps.Keys(r.Faults)) {
		entry := "faults." + quoted(string(kind))
		switch {
		case !slices.Contains(known, kind):
			c.wrong(entry, "an unknown code", "one of "+wordList(known))
		case kind == code.OffsetOverMax && r.Faults[kind] == Mend:
			c.wrong(entry, `"mend"`, `"refuse": nothing mends it`)
		case kind == code.ParamUnknown:
			c.wrong(entry, strconv.Quote(quoted(string(r.Faults[kind]))), `the entry "unknown"`)
		case r.Faults[kind] == "":
			c.wrong(entry, `""`, `"mend", "refuse"`)
		default:
			oneOf(c, entry, r.Faults[kind], Mend, Refuse)
		}
	}
	if r.Faults[code.PagePastLast] == Refuse && r.PastLast != "" && r.PastLast != PastLastRefused {
		c.wrong("faults.page.past_last", `"refuse"`, fmt.Sprintf(`past_last %q or "refuse", not both`, quoted(string(r.PastLast))))
	}
	if r.Faults[code.PagePastLast] == Mend && r.PastLast == PastLastRefused {
		c.wrong("faults.page.past_last", `"mend"`, `past_last other than "refuse"`)
	}
}

func (c *checker) sizes(r, filled *Rules) {
	s := &r.Size
	c.between("size.cap", int64(s.Cap), 0, sizeLimit)
	c.between("size.default", int64(s.Default), 0, sizeLimit)
	c.between("size.all", int64(s.All), 0, sizeLimit)
	if s.Default > filled.Size.Cap {
		c.wrong("size.default", strconv.Itoa(s.Default), fmt.Sprintf("at most size.cap, %d", filled.Size.Cap))
	}
	seen := map[int]bool{}
	for i, size := range s.Offered {
		entry := fmt.Sprintf("size.offered[%d]", i)
		switch {
		case size < 1 || size > filled.Size.Cap:
			c.wrong(entry, strconv.Itoa(size), fmt.Sprintf("1 to size.cap, %d", filled.Size.Cap))
		case seen[size]:
			c.wrong(entry, strconv.Itoa(size), "each size once")
		}
		seen[size] = true
	}
	if s.Closed && !slices.Contains(filled.Size.Offered, filled.Size.Default) {
		c.wrong("size.default", strconv.Itoa(filled.Size.Default), fmt.Sprintf("one of the offered sizes %v, since only those are served", filled.Size.Offered))
	}
}

func (c *checker) sorts(r, filled *Rules) {
	c.between("max_sort_keys", int64(r.MaxSortKeys), 0, sortKeysLimit)
	c.distinct("key", r.Key)
	c.distinct("search", r.Search)
	c.distinct("show", r.Show)
	seen := map[string]bool{}
	for i := range r.Sorts {
		k := &r.Sorts[i]
		entry := fmt.Sprintf("sorts[%d]", i)
		switch {
		case k.Key == "" || strings.HasPrefix(k.Key, "-") || strings.ContainsAny(k.Key, ", \t") || len(k.Key) > nameBytes:
			c.wrong(entry+".key", strconv.Quote(quoted(k.Key)), `a name without comma or space that does not begin with "-"`)
		case seen[k.Key]:
			c.wrong(entry+".key", strconv.Quote(k.Key), "each sort key once")
		}
		seen[k.Key] = true
		oneOf(c, entry+".first", k.First, Ascending, Descending)
		c.distinct(entry+".fields", k.Fields)
	}
	strict := Rules{Sorts: r.Sorts, MaxSortKeys: r.MaxSortKeys, OnFault: Refuse}
	var refused *Refusal
	if _, err := strict.read(query.Encode(query.Pair{Name: "sort", Value: r.DefaultSort})); errors.As(err, &refused) {
		c.wrong("default_sort", strconv.Quote(quoted(r.DefaultSort)), "only sort keys of sorts, each once, at most max_sort_keys: "+refused.Faults[0].Says)
	}
}

// distinct checks a list of field names.
func (c *checker) distinct(entry string, names []string) {
	seen := make(map[string]bool, len(names))
	for i, name := range names {
		switch {
		case name == "" || len(name) > nameBytes:
			c.wrong(fmt.Sprintf("%s[%d]", entry, i), strconv.Quote(quoted(name)), "a field's name")
		case seen[name]:
			c.wrong(fmt.Sprintf("%s[%d]", entry, i), strconv.Quote(name), "each field once")
		}
		seen[name] = true
	}
}

func (c *checker) filters(r *Rules) {
	for i := range r.Filters {
		f := &r.Filters[i]
		entry := fmt.Sprintf("filters[%d]", i)
		if f.Field == "" || len(f.Field) > nameBytes {
			c.wrong(entry+".field", strconv.Quote(quoted(f.Field)), "a field's name")
		}
		offered := operatorsOf[f.valueType()]
		if offered == nil {
			c.wrong(entry+".type", strconv.Quote(quoted(string(f.Type))), wordList(value.Types()))
			continue
		}
		if len(f.Operators) > len(offered) {
			c.wrong(entry+".operators", fmt.Sprint(len(f.Operators), " operators"), "each once, of "+wordList(offered))
			continue
		}
		for j, op := range f.Operators {
			if !slices.Contains(offered, op) || slices.Contains(f.Operators[:j], op) {
				c.wrong(fmt.Sprintf("%s.operators[%d]", entry, j), strconv.Quote(quoted(string(op))), "each once, of "+wordList(offered))
			}
		}
	}
}

// names checks that no two parameters of resolved rules have one name; the prefix is no part of its length.
func (c *checker) names(r *Rules, prefix int) {
	owner := map[string]string{}
	claim := func(name, entry string) {
		switch {
		case name == "" || len(name) > nameBytes+prefix || strings.ContainsRune(name, 0):
			c.wrong(entry, strconv.Quote(quoted(name)), "a name of 1 to 200 bytes")
		case r.aside(name):
			c.wrong(entry, strconv.Quote(name), fmt.Sprintf("a name that does not begin with %q, which speaks to the service", r.Aside))
		case owner[name] != "":
			c.wrong(entry, strconv.Quote(name), "a name that "+owner[name]+" does not have")
		default:
			owner[name] = entry
		}
	}
	p := r.inForce()
	for _, param := range []struct{ entry, name string }{
		{"offset", p.Offset}, {"limit", p.Limit}, {"page", p.Page}, {"size", p.Size}, {"after", p.After}, {"before", p.Before},
		{"sort", p.Sort}, {"row", p.Row}, {"search", p.Search}, {"fields", p.Fields}, {"direction", p.Direction},
	} {
		if param.name != "" {
			claim(param.name, "params."+param.entry)
		}
	}
	for i := range r.Filters {
		f := &r.Filters[i]
		if f.Field == "" {
			continue
		}
		for _, op := range operatorsOf[f.valueType()] { // Equals is among them
			claim(f.ParamFor(op), fmt.Sprintf("filters[%d]", i))
		}
	}
}

func (c *checker) shapes(r *Rules) {
	if r.Ladder.Reach != nil {
		c.between("ladder.reach", int64(*r.Ladder.Reach), 0, maxReach)
	}
	if r.Ladder.Tips != nil {
		c.between("ladder.tips", int64(*r.Ladder.Tips), 0, maxTips)
	}
	for i, origin := range r.Origins {
		if _, err := ParseBase(origin, origin); err != nil || strings.HasPrefix(origin, "/") || strings.Count(origin, "/") != 2 || strings.ContainsAny(origin, "{}") {
			c.wrong(fmt.Sprintf("origins[%d]", i), strconv.Quote(quoted(origin)), "a scheme and a host, such as https://saltmere.example")
		}
	}
	if r.Base != "" {
		if _, err := ParseBase(r.Base, r.Origins...); err != nil {
			c.wrong("base", strconv.Quote(quoted(r.Base)), strings.TrimPrefix(err.Error(), "paging: base "+strconv.Quote(quoted(r.Base))+": "))
		}
	}
}
