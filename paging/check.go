package paging

import (
	"fmt"
	"maps"
	"regexp"
	"slices"
	"strconv"
	"strings"

	"pageladder.example/paging/code"
	"pageladder.example/paging/value"
)

// RuleError is one entry of rules that is wrong.
type RuleError struct {
	Entry string // where: "size.default", "sorts[2].key"
	Found string // what stands there
	Want  string // what would be right
}

func (e RuleError) Error() string {
	return fmt.Sprintf("%s: found %s; right would be %s", e.Entry, e.Found, e.Want)
}

// RuleErrors are all that is wrong with rules.
type RuleErrors []RuleError

func (e RuleErrors) Error() string {
	says := make([]string, len(e))
	for i := range e {
		says[i] = e[i].Error()
	}
	return "paging rules: " + strings.Join(says, "; ")
}

// Bounds of rules, beside those of the ladder.
const (
	MaxCap       = 100_000 // records on a page, also of size=all
	MaxSortsUsed = 10      // sort keys in one query
	maxName      = 200     // bytes of a parameter's or a field's name
)

// Check tells everything that is wrong with the rules, up to a hundred faults: nil, or
// RuleErrors.
// Rules that are not right do not make Read or Settle fail, but which of two
// contradictory entries wins is not said.
func (r *Rules) Check() error {
	var c checker
	c.choices(r)
	c.sizes(r)
	c.sorts(r)
	c.filters(r)
	c.names(r)
	c.shapes(r)
	if len(c.errs) > 0 {
		return c.errs
	}
	return nil
}

type checker struct{ errs RuleErrors }

func (c *checker) wrong(entry, found, want string) {
	if len(c.errs) < rulesFaults {
		c.errs = append(c.errs, RuleError{entry, found, want})
	}
}

func (c *checker) between(entry string, n, low, high int64) {
	if n < low || n > high {
		c.wrong(entry, strconv.FormatInt(n, 10), fmt.Sprintf("%d to %d", low, high))
	}
}

// oneOf checks an entry that is one of some words; an empty one has its default.
func oneOf[T ~string](c *checker, entry string, found T, words ...T) {
	if found != "" && !slices.Contains(words, found) {
		c.wrong(entry, strconv.Quote(string(found)), wordList(words))
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
	oneOf(c, "addressing", r.Addressing, ByPage, ByOffset)
	oneOf(c, "past_last", r.PastLast, PastLastGivesLast, PastLastGivesFirst, PastLastGivesEmpty, PastLastRefused)
	oneOf(c, "on_fault", r.OnFault, Mend, Refuse)
	oneOf(c, "count", r.Count, CountExact, CountAtLeast, CountNone)
	if r.CountTo < 0 || r.CountTo > 0 && r.Count != CountAtLeast {
		c.wrong("count_to", strconv.FormatInt(r.CountTo, 10), `1 or more, beside count "at_least"`)
	}
	oneOf(c, "unknown", r.Unknown, UnknownRides, UnknownNoted, UnknownDrops, UnknownRefuse)
	oneOf(c, "keep.what", r.Keep.What, KeepAll, KeepDeclared, KeepListed)
	oneOf(c, "markup.style", r.Markup.Style, StylePlain, StyleBootstrap, StyleClassed)
	if len(r.Keep.Names) > 0 && r.Keep.What != KeepListed {
		c.wrong("keep.names", fmt.Sprintf("%q", r.Keep.Names), `none, or keep.what "listed"`)
	}
	if len(r.Markup.Classes) > 0 && r.Markup.Style != StyleClassed {
		c.wrong("markup.classes", "classes", `none, or markup.style "classed"`)
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
		case kind == code.OffsetOverMax && r.Faults[kind] == Mend:
			c.wrong(entry, `"mend"`, `"refuse": nothing mends it`)
		case kind == code.ParamUnknown:
			c.wrong(entry, strconv.Quote(string(r.Faults[kind])), `the entry "unknown"`)
		case r.Faults[kind] == "":
			c.wrong(entry, `""`, `"mend", "refuse"`)
		default:
			oneOf(c, entry, r.Faults[kind], Mend, Refuse)
		}
	}
	if r.Faults[code.PagePastLast] == Refuse && r.PastLast != "" && r.PastLast != PastLastRefused {
		c.wrong("faults.page.past_last", `"refuse"`, fmt.Sprintf(`past_last %q or "refuse", not both`, r.PastLast))
	}
	if r.Faults[code.PagePastLast] == Mend && r.PastLast == PastLastRefused {
		c.wrong("faults.page.past_last", `"mend"`, `past_last other than "refuse"`)
	}
	if r.OffsetAsIs && !r.byOffset() {
		c.wrong("offset_as_is", "true", `addressing "offset" beside it`)
	}
	if r.MaxOffset < 0 {
		c.wrong("max_offset", strconv.FormatInt(r.MaxOffset, 10), "0 (the default) or more")
	}
}

func (c *checker) sizes(r *Rules) {
	s := &r.Size
	c.between("size.cap", int64(s.Cap), 0, MaxCap)
	c.between("size.default", int64(s.Default), 0, MaxCap)
	c.between("size.all", int64(s.All), 0, MaxCap)
	if s.Default > r.SizeCap() {
		c.wrong("size.default", strconv.Itoa(s.Default), fmt.Sprintf("at most size.cap, %d", r.SizeCap()))
	}
	seen := map[int]bool{}
	for i, size := range s.Offered {
		entry := fmt.Sprintf("size.offered[%d]", i)
		switch {
		case size < 1 || size > r.SizeCap():
			c.wrong(entry, strconv.Itoa(size), fmt.Sprintf("1 to size.cap, %d", r.SizeCap()))
		case seen[size]:
			c.wrong(entry, strconv.Itoa(size), "each size once")
		}
		seen[size] = true
	}
	if s.Closed && !slices.Contains(r.offeredSizes(), r.DefaultSize()) {
		c.wrong("size.default", strconv.Itoa(r.DefaultSize()), fmt.Sprintf("one of the offered sizes %v, since only those are served", r.offeredSizes()))
	}
}

func (c *checker) sorts(r *Rules) {
	c.between("max_sort_keys", int64(r.MaxSortKeys), 0, MaxSortsUsed)
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
		oneOf(c, entry+".first", k.First, Ascending, Descending)
		c.distinct(entry+".fields", k.Fields)
	}
	if _, bad := r.parseSort(r.DefaultSort, nil); len(bad) > 0 {
		c.wrong("default_sort", strconv.Quote(r.DefaultSort), "only sort keys of sorts, each once, at most max_sort_keys: "+bad[0].reason)
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
		offered, ok := operatorsOf[f.valueType()]
		if !ok {
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

// names checks that no two parameters have one name.
func (c *checker) names(r *Rules) {
	owner := map[string]string{}
	claim := func(name, entry string) {
		switch {
		case name == "" || len(name) > maxName || strings.ContainsRune(name, 0):
			c.wrong(entry, strconv.Quote(quoted(name)), "a name of 1 to 200 bytes")
		case strings.HasPrefix(name, servicePrefix):
			c.wrong(entry, strconv.Quote(name), `a name that does not begin with "pl.", which speaks to the service`)
		case owner[name] != "":
			c.wrong(entry, strconv.Quote(name), "a name that "+owner[name]+" does not have")
		default:
			owner[name] = entry
		}
	}
	pageEntry, sizeEntry := "params.page", "params.size"
	if r.byOffset() {
		pageEntry, sizeEntry = "params.offset", "params.limit"
	}
	claim(r.PageParam(), pageEntry)
	claim(r.SizeParam(), sizeEntry)
	claim(r.SortParam(), "params.sort")
	claim(r.RowParam(), "params.row")
	if len(r.Search) > 0 {
		claim(r.SearchParam(), "params.search")
	}
	if len(r.Show) > 0 {
		claim(r.FieldsParam(), "params.fields")
	}
	if r.Params.Direction != "" {
		claim(r.Params.Direction, "params.direction")
	}
	for i := range r.Filters {
		f := &r.Filters[i]
		if f.Field == "" {
			continue
		}
		for _, op := range operatorsOf[f.valueType()] { // Equals is among them
			claim(r.OperatorParam(f, op), fmt.Sprintf("filters[%d]", i))
		}
	}
}

var (
	languageTag = regexp.MustCompile(`^[A-Za-z]{2,8}(-[A-Za-z0-9]{1,8})*$`)
	classList   = regexp.MustCompile(`^[A-Za-z0-9_:/.\[\]-]+( [A-Za-z0-9_:/.\[\]-]+)*$`)
	classParts  = []string{"nav", "list", "item", "link", "current", "gap", "dead"}
)

// ClassParts are the parts of a ladder that MarkupRules.Classes may name.
func ClassParts() []string { return slices.Clone(classParts) }

func (c *checker) shapes(r *Rules) {
	if r.Ladder.Reach != nil {
		c.between("ladder.reach", int64(*r.Ladder.Reach), 0, MaxReach)
	}
	if r.Ladder.Tips != nil {
		c.between("ladder.tips", int64(*r.Ladder.Tips), 0, MaxTips)
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
		if err := checkAddress(origin, []string{origin}); err != nil || strings.HasPrefix(origin, "/") || strings.Count(origin, "/") != 2 {
			c.wrong(fmt.Sprintf("origins[%d]", i), strconv.Quote(origin), "a scheme and a host, such as https://saltmere.example")
		}
	}
	if r.Base != "" {
		if _, err := ParseBase(r.Base, r.Origins...); err != nil {
			c.wrong("base", strconv.Quote(r.Base), strings.TrimPrefix(err.Error(), "base "+quote(r.Base)+": "))
		}
	}
}
