package rulesfile

import (
	"errors"
	"fmt"
	"maps"
	"reflect"
	"regexp"
	"slices"
	"strconv"
	"strings"

	"pageladder.example/paging"
	"pageladder.example/paging/code"
	"pageladder.example/paging/query"
	"pageladder.example/paging/value"
)

// Error is one entry of rules that is wrong.
type Error struct {
	Entry string // where: "size.default", "sorts[2].key"
	Found string // the value there
	Want  string // what would be right
}

func (e Error) Error() string {
	return fmt.Sprintf("%s: found %s; right would be %s", e.Entry, e.Found, e.Want)
}

// Errors are all that is wrong with rules.
type Errors []Error

// Error is the first mistake, and the number of further ones.
func (e Errors) Error() string {
	if len(e) == 0 {
		return "rulesfile: the rules have mistakes"
	}
	text := "rulesfile: " + e[0].Error()
	if more := len(e) - 1; more > 0 {
		text += fmt.Sprintf(" (and %d more)", more)
	}
	return text
}

// Limits of rules.
const (
	maxSize  = 100_000 // records on a page, also of size=all
	maxSorts = 10      // sort keys in one query
	maxReach = 50
	maxTips  = 10
	maxName  = 200 // bytes of a parameter's or a field's name
)

// Check tells everything that is wrong with the rules, up to a hundred faults: nil, or
// Errors.
// Rules that are not right do not make Read or Settle fail, but which of two
// contradictory entries wins is not said.
func (r *Rules) Check() error {
	var c checker
	c.choices(r)
	filled := r.Rules
	filled.Aside = Aside
	filled = filled.Resolved()
	c.sizes(r, &filled)
	c.sorts(r, &filled)
	c.filters(r)
	c.names(&filled)
	c.shapes(r)
	if len(c.errs) > 0 {
		return c.errs
	}
	return nil
}

type checker struct{ errs Errors }

func (c *checker) wrong(entry, found, want string) {
	if len(c.errs) < rulesFaults {
		c.errs = append(c.errs, Error{entry, found, want})
	}
}

func (c *checker) between(entry string, n, low, high int64) {
	if n < low || n > high {
		c.wrong(entry, strconv.FormatInt(n, 10), fmt.Sprintf("%d to %d", low, high))
	}
}

// oneOf checks an entry that is one of some words; an empty one has its default.
func oneOf[T ~string](c *checker, entry string, found T) {
	if known := words[reflect.TypeFor[T]()]; found != "" && !slices.Contains(known, string(found)) {
		c.wrong(entry, strconv.Quote(string(found)), wordList(known))
	}
}

func wordList[T ~string](words []T) string {
	quoted := make([]string, len(words))
	for i, w := range words {
		quoted[i] = strconv.Quote(string(w))
	}
	return strings.Join(quoted, ", ")
}

func (c *checker) choices(r *Rules) {
	oneOf(c, "addressing", r.Addressing)
	oneOf(c, "past_last", r.PastLast)
	oneOf(c, "on_fault", r.OnFault)
	oneOf(c, "count", r.Count)
	if r.CountTo < 0 || r.CountTo > 0 && r.Count != paging.CountAtLeast {
		c.wrong("count_to", strconv.FormatInt(r.CountTo, 10), `1 or more, and only with count "at_least"`)
	}
	oneOf(c, "unknown", r.Unknown)
	oneOf(c, "keep.what", r.Keep.What)
	oneOf(c, "markup.style", r.Markup.Style)
	if len(r.Keep.Names) > 0 && r.Keep.What != paging.KeepListed {
		c.wrong("keep.names", fmt.Sprintf("%q", r.Keep.Names), `none, or keep.what "listed"`)
	}
	if len(r.Markup.Age) > maxName {
		c.wrong("markup.age", strconv.Quote(bounded(r.Markup.Age)), "a field's name")
	}
	if len(r.Markup.Classes) > 0 && r.Markup.Style != StyleClassed {
		c.wrong("markup.classes", "classes", `none, or markup.style "classed"`)
	}
	for _, wrong := range r.Envelope.Check() {
		c.wrong("envelope."+wrong.Name, wrong.Found, wrong.Want)
	}
	known := []code.Code{}
	for _, info := range code.All() {
		known = append(known, info.Code)
	}
	for _, kind := range slices.Sorted(maps.Keys(r.Faults)) {
		entry := "faults." + string(kind)
		switch {
		case !slices.Contains(known, kind):
			c.wrong(entry, "an unknown code", "one of "+wordList(known))
		case kind == code.OffsetOverMax && r.Faults[kind] == paging.Mend:
			c.wrong(entry, `"mend"`, `"refuse": nothing mends it`)
		case kind == code.ParamUnknown:
			c.wrong(entry, strconv.Quote(string(r.Faults[kind])), `the entry "unknown"`)
		case r.Faults[kind] == "":
			c.wrong(entry, `""`, `"mend", "refuse"`)
		default:
			oneOf(c, entry, r.Faults[kind])
		}
	}
	if r.Faults[code.PagePastLast] == paging.Refuse && r.PastLast != "" && r.PastLast != paging.PastLastRefused {
		c.wrong("faults.page.past_last", `"refuse"`, fmt.Sprintf(`past_last %q or "refuse", not both`, r.PastLast))
	}
	if r.Faults[code.PagePastLast] == paging.Mend && r.PastLast == paging.PastLastRefused {
		c.wrong("faults.page.past_last", `"mend"`, `past_last other than "refuse"`)
	}
	if cursors := r.Addressing == paging.ByCursor || r.Params.After != "" || r.Params.Before != ""; cursors && len(r.Key) == 0 {
		c.wrong("key", "no key", "the field or fields that identify a record, which cursors need")
	}
	if r.OffsetAsIs && r.Addressing != paging.ByOffset {
		c.wrong("offset_as_is", "true", `addressing "offset" as well`)
	}
	if r.MaxOffset < 0 {
		c.wrong("max_offset", strconv.FormatInt(r.MaxOffset, 10), "0 (the default) or more")
	}
}

func (c *checker) sizes(r *Rules, filled *paging.Rules) {
	s := &r.Size
	c.between("size.cap", int64(s.Cap), 0, maxSize)
	c.between("size.default", int64(s.Default), 0, maxSize)
	c.between("size.all", int64(s.All), 0, maxSize)
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

func (c *checker) sorts(r *Rules, filled *paging.Rules) {
	c.between("max_sort_keys", int64(r.MaxSortKeys), 0, maxSorts)
	c.distinct("key", r.Key)
	c.distinct("search", r.Search)
	c.distinct("show", r.Show)
	for i, fields := range r.Indexes {
		entry := fmt.Sprintf("indexes[%d]", i)
		if len(fields) == 0 {
			c.wrong(entry, "no fields", "a list of fields")
		}
		c.distinct(entry, fields)
	}
	seen := map[string]bool{}
	for i := range r.Sorts {
		k := &r.Sorts[i]
		entry := fmt.Sprintf("sorts[%d]", i)
		switch {
		case k.Key == "" || strings.HasPrefix(k.Key, "-") || strings.ContainsAny(k.Key, ", \t") || len(k.Key) > maxName:
			c.wrong(entry+".key", strconv.Quote(k.Key), `a name without comma or space that does not begin with "-"`)
		case seen[k.Key]:
			c.wrong(entry+".key", strconv.Quote(k.Key), "each sort key once")
		}
		seen[k.Key] = true
		oneOf(c, entry+".first", k.First)
		c.distinct(entry+".fields", k.Fields)
	}
	strict := paging.Rules{Sorts: r.Sorts, MaxSortKeys: r.MaxSortKeys, OnFault: paging.Refuse}
	var refused *paging.Refusal
	if _, err := strict.Read(query.Encode(query.Pair{Name: "sort", Value: r.DefaultSort})); errors.As(err, &refused) {
		c.wrong("default_sort", strconv.Quote(r.DefaultSort), "only sort keys of sorts, each once, at most max_sort_keys: "+refused.Faults[0].Says)
	}
}

// distinct checks a list of field names.
func (c *checker) distinct(entry string, names []string) {
	seen := make(map[string]bool, len(names))
	for i, name := range names {
		switch {
		case name == "" || len(name) > maxName:
			c.wrong(fmt.Sprintf("%s[%d]", entry, i), strconv.Quote(name), "a field's name")
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
		if f.Field == "" || len(f.Field) > maxName {
			c.wrong(entry+".field", strconv.Quote(f.Field), "a field's name")
		}
		offered := operatorsOf(f.Type)
		if offered == nil {
			c.wrong(entry+".type", strconv.Quote(string(f.Type)), wordList(value.Types()))
			continue
		}
		if len(f.Operators) > len(offered) {
			c.wrong(entry+".operators", fmt.Sprint(len(f.Operators), " operators"), "each once, of "+wordList(offered))
			continue
		}
		for j, op := range f.Operators {
			if !slices.Contains(offered, op) || slices.Contains(f.Operators[:j], op) {
				c.wrong(fmt.Sprintf("%s.operators[%d]", entry, j), strconv.Quote(string(op)), "each once, of "+wordList(offered))
			}
		}
	}
}

// names checks that no two parameters of resolved rules have one name.
func (c *checker) names(r *paging.Rules) {
	owner := map[string]string{}
	claim := func(name, entry string) {
		switch {
		case name == "" || len(name) > maxName || strings.ContainsRune(name, 0):
			c.wrong(entry, strconv.Quote(bounded(name)), "a name of 1 to 200 bytes")
		case strings.HasPrefix(name, Aside):
			c.wrong(entry, strconv.Quote(name), `a name that does not begin with "pl.", which speaks to the service`)
		case owner[name] != "":
			c.wrong(entry, strconv.Quote(name), "a name that "+owner[name]+" does not have")
		default:
			owner[name] = entry
		}
	}
	switch r.Addressing {
	case paging.ByOffset:
		claim(r.Params.Offset, "params.offset")
		claim(r.Params.Limit, "params.limit")
	case paging.ByCursor:
		claim(r.Params.Size, "params.size")
	default:
		claim(r.Params.Page, "params.page")
		claim(r.Params.Size, "params.size")
	}
	if r.Params.After != "" {
		claim(r.Params.After, "params.after")
	}
	if r.Params.Before != "" {
		claim(r.Params.Before, "params.before")
	}
	claim(r.Params.Sort, "params.sort")
	claim(r.Params.Row, "params.row")
	if len(r.Search) > 0 {
		claim(r.Params.Search, "params.search")
	}
	if len(r.Show) > 0 {
		claim(r.Params.Fields, "params.fields")
	}
	if r.Params.Direction != "" {
		claim(r.Params.Direction, "params.direction")
	}
	for i := range r.Filters {
		f := &r.Filters[i]
		if f.Field == "" {
			continue
		}
		for _, op := range operatorsOf(f.Type) { // Equals is among them
			claim(f.ParamFor(op), fmt.Sprintf("filters[%d]", i))
		}
	}
}

var (
	languageTag = regexp.MustCompile(`^[A-Za-z]{2,8}(-[A-Za-z0-9]{1,8})*$`)
	classList   = regexp.MustCompile(`^[A-Za-z0-9_:/.\[\]-]+( [A-Za-z0-9_:/.\[\]-]+)*$`)
	classParts  = []string{"nav", "list", "item", "link", "current", "gap", "dead"}
)

func (c *checker) shapes(r *Rules) {
	if r.Ladder.Reach != nil {
		c.between("ladder.reach", int64(*r.Ladder.Reach), 0, maxReach)
	}
	if r.Ladder.Tips != nil {
		c.between("ladder.tips", int64(*r.Ladder.Tips), 0, maxTips)
	}
	for _, part := range slices.Sorted(maps.Keys(r.Markup.Classes)) {
		switch {
		case !slices.Contains(classParts, part):
			c.wrong("markup.classes."+part, "an unknown part", "one of "+wordList(classParts))
		case !classList.MatchString(r.Markup.Classes[part]):
			c.wrong("markup.classes."+part, strconv.Quote(r.Markup.Classes[part]), "class names with one space between")
		}
	}
	if r.Language != "" && !languageTag.MatchString(r.Language) {
		c.wrong("language", strconv.Quote(r.Language), `a BCP 47 tag such as "en" or "pt-BR"`)
	}
	for i, origin := range r.Origins {
		if _, err := paging.ParseBase(origin, origin); err != nil || strings.HasPrefix(origin, "/") || strings.Count(origin, "/") != 2 || strings.ContainsAny(origin, "{}") {
			c.wrong(fmt.Sprintf("origins[%d]", i), strconv.Quote(origin), "a scheme and a host, such as https://saltmere.example")
		}
	}
	if r.Base != "" {
		if _, err := paging.ParseBase(r.Base, r.Origins...); err != nil {
			c.wrong("base", strconv.Quote(r.Base), strings.TrimPrefix(err.Error(), "paging: base "+strconv.Quote(bounded(r.Base))+": "))
		}
	}
}

// bounded makes a text fit for a message: valid UTF-8, of about 200 bytes at most.
func bounded(s string) string {
	if len(s) > 200 {
		s = strings.ToValidUTF8(s[:200], "") + "…"
	}
	return strings.ToValidUTF8(s, "\uFFFD")
}

// operatorsOf are the operators of a type; none if there is no such type.
func operatorsOf(t value.Type) []paging.Operator {
	typed := paging.Rules{Filters: []paging.FilterRule{{Type: t}}}
	return typed.Resolved().Filters[0].Operators
}
