package paging

import (
	"cmp"
	"maps"
	"slices"
	"strconv"
	"strings"

	"pageladder.example/paging/code"
	"pageladder.example/paging/cursor"
	"pageladder.example/paging/value"
)

// Defaults of the rules, in force where an entry is left out.
const (
	defaultSize        = 20        // records per page
	defaultCap         = 100       // most records per page
	defaultReach       = 2         // pages on each side of the current one
	defaultTips        = 1         // pages at each end of the ladder
	defaultMaxSortKeys = 3         // sort keys in one query
	defaultMaxOffset   = 1_000_000 // records skipped where the total is not known
	defaultCountTo     = 10_000    // records counted for a total of "at least"

	maxReach = 50
	maxTips  = 10
)

// defaultOffered are the page sizes that callers are offered to choose from.
var defaultOffered = []int{10, 20, 50, 100}

// Rules say how the query of one list is read and what its pages look like.
// The zero value is useful: it pages by number, 20 records to a page, and mends
// every fault. Rules must not be changed once they are in use.
type Rules struct {
	// Params renames the parameters of the query.
	Params Params `json:"params,omitzero"`
	// Prefix stands before the name of every parameter, filters too: "a." for a.page and a.berth. So several lists
	// stand on one page, and each keeps the parameters of the others: what does not begin with the prefix rides
	// along without a note. A letter, up to 15 letters and digits, then ".", "_" or "-". Left out: none.
	Prefix string `json:"prefix,omitempty"`
	// Addressing is what callers send to get a page: its number, an offset, or a cursor.
	// Pages by cursor have neither a number nor a ladder. Left out: "page".
	Addressing Addressing `json:"addressing,omitempty"`
	// Size says how many records a page may hold.
	Size SizeRules `json:"size,omitzero"`
	// Key names the field or fields that identify a record. They are added to the end of
	// every sort, so that records with equal values always come in the same order.
	Key []string `json:"key,omitempty"`
	// Sorts are the sort keys that callers may use. Left out: none, and a sort in the query is dropped.
	Sorts []SortKey `json:"sorts,omitempty"`
	// DefaultSort is the sort in force when the query has none, written as in a
	// query: "-tonnage,vessel". Left out: by the key alone.
	DefaultSort string `json:"default_sort,omitempty"`
	// MaxSortKeys limits the sort keys in one query, 1 to 10; further ones are dropped. Left out: 3.
	MaxSortKeys int `json:"max_sort_keys,omitempty" jsonschema:"minimum=0,maximum=10"`
	// Filters are the fields that callers may filter by. Left out: none.
	Filters []FilterRule `json:"filters,omitempty"`
	// Search names the text fields that the search parameter looks in. Left out: there is
	// no search.
	Search []string `json:"search,omitempty"`
	// Show names the fields that answers contain, and lets callers ask for fewer of them.
	// Left out: all fields, and callers cannot choose.
	Show []string `json:"show,omitempty"`
	// PastLast is the answer to a page past the last one: the last page, the first, an empty
	// one, or an error with status 404. Left out: "last" where pages are addressed by number,
	// "empty" where they are addressed by offset.
	PastLast PastLast `json:"past_last,omitempty"`
	// OnFault is the answer to faults in a query that "faults" does not name: "mend" uses the
	// nearest right value and says so, "refuse" answers with an error, status 400. Left out:
	// "mend"; a filter that cannot be read is refused all the same.
	OnFault Answer `json:"on_fault,omitempty"`
	// Faults gives single kinds of fault an answer of their own, by their code.
	Faults map[code.Code]Answer `json:"faults,omitempty"`
	// Unknown is what happens to parameters that these rules do not declare: "ride" keeps them
	// on links, "note" does so and says so in the answer, "drop" leaves them off links, "refuse"
	// answers with an error. Left out: "ride"; the rules that a new set is given have "note".
	Unknown Unknown `json:"unknown,omitempty"`
	// Repeat is what a sort and fields are that are given more than once, as several programs write a list:
	// "list" joins what is given, as commas do, and "last" takes the last one and says so. Of every other
	// parameter that has one value the last one counts. Left out: "last"; the rules that a new set is given
	// have "list".
	Repeat string `json:"repeat,omitempty" jsonschema:"enum=last,enum=list"`
	// RideAlong lists parameters that stay on links without a note, whatever "unknown" says.
	RideAlong []string `json:"ride_along,omitempty"`
	// Keep says which parameters stay on links.
	Keep KeepRules `json:"keep,omitzero"`
	// Base is the address that links lead to: a path, a URL that begins with one of "origins",
	// or an RFC 6570 template of either. Left out: the address that the list was asked for at.
	Base string `json:"base,omitempty"`
	// Origins are the schemes and hosts that a base may begin with.
	Origins []string `json:"origins,omitempty"`
	// FirstPageBare leaves the page parameter out of links to page 1.
	FirstPageBare bool `json:"first_page_bare,omitempty"`
	// OffsetAsIs uses an offset as it was asked for. Left out: it is rounded down to the start
	// of a page.
	OffsetAsIs bool `json:"offset_as_is,omitempty"`
	// MaxOffset is the largest offset that is served while the total is not known, at most
	// 9,007,199,254,740,991; beyond it a page is refused. Left out: 1,000,000.
	MaxOffset int64 `json:"max_offset,omitempty" jsonschema:"minimum=0"`
	// Count is how the total is found: "exact" counts all records, "at_least" stops at
	// "count_to", "none" does not count. Left out: "exact", and "none" where lists are addressed
	// by cursor. Pages that are asked for by a cursor are not counted.
	Count CountHow `json:"count,omitempty"`
	// CountTo is the number of records at which "at_least" stops counting. Left out: 10,000.
	CountTo int64 `json:"count_to,omitempty" jsonschema:"minimum=0"`
	// Ladder says which page numbers the row of page links shows.
	Ladder LadderRules `json:"ladder,omitzero"`
	// Aside begins the names of parameters that are not the list's, but speak to whoever
	// serves it: "pl.". They ride along unremarked, but are left off links on a base
	// that is Outside; no filter is asked for by such a name. Rules files do not hold it.
	// Left out: there are none.
	Aside string `json:"-"`
	// List is the list's name, which its cursors hold: a cursor of another list is a
	// fault. Rules files do not hold it. Left out: cursors say nothing of it.
	List string `json:"-"`
	// Sealer seals the cursors of lists that are sorted by a field which Show does not
	// name. Rules files do not hold it. Left out: such lists have no cursors.
	Sealer cursor.Sealer `json:"-"`
}

// Params are the parameters' names; an empty one has its default, named with it.
type Params struct {
	// Page holds the page number. Left out: "page".
	Page string `json:"page,omitempty"`
	// Size holds the number of records on a page. Left out: "size".
	Size string `json:"size,omitempty"`
	// Offset holds the offset, under offset addressing. Left out: "offset".
	Offset string `json:"offset,omitempty"`
	// Limit holds the number of records, under offset addressing. Left out: "limit".
	Limit string `json:"limit,omitempty"`
	// Row asks for the page that contains a row, by its number from 1. Left out: "row".
	Row string `json:"row,omitempty"`
	// Sort holds the sort. Left out: "sort".
	Sort string `json:"sort,omitempty"`
	// Search holds the words to look for, where search names fields. Left out: "q".
	Search string `json:"search,omitempty"`
	// Fields asks for fewer fields, where show names some. Left out: "fields".
	Fields string `json:"fields,omitempty"`
	// Direction holds the direction of the sort, "asc" or "desc". Left out: there
	// is no such parameter.
	Direction string `json:"direction,omitempty"`
	// After holds a cursor from an earlier answer and asks for the records behind it. Left out:
	// "after" where lists are addressed by cursor; else there is no such parameter.
	After string `json:"after,omitempty"`
	// Before holds a cursor from an earlier answer and asks for the records in front of it. Left
	// out: "before" where lists are addressed by cursor; else there is no such parameter.
	Before string `json:"before,omitempty"`
}

// SizeRules bound the number of records on a page.
type SizeRules struct {
	// Default is the size of a page when the query asks for none. Left out: 20, or the cap
	// where that is less.
	Default int `json:"default,omitempty" jsonschema:"minimum=0,maximum=100000"`
	// Cap is the largest size; a larger one becomes the cap. Left out: 100.
	Cap int `json:"cap,omitempty" jsonschema:"minimum=0,maximum=100000"`
	// Offered are the sizes that an answer has links to, besides the one in force. Left out: 10, 20, 50 and 100, as far
	// as the cap allows.
	Offered []int `json:"offered,omitempty"`
	// Closed serves only the offered sizes: another one becomes the nearest of them.
	Closed bool `json:"closed,omitempty"`
	// All allows "all" as a size, for lists of up to this many records. Left out: it is not
	// offered.
	All int `json:"all,omitempty" jsonschema:"minimum=0,maximum=100000"`
}

// SortKey is one key that callers may sort by.
type SortKey struct {
	// Key is its name in the query, as in "sort=-vessel".
	Key string `json:"key"`
	// Fields are the fields that it sorts by. Left out: the field of the same name.
	Fields []string `json:"fields,omitempty"`
	// First is the direction of its link while the list is sorted otherwise. Where the rules
	// name a direction parameter, it is also the direction when that is not given. Left out:
	// "asc".
	First Direction `json:"first,omitempty"`
	// NullsFirst puts records without a value first. Left out: last.
	NullsFirst bool `json:"nulls_first,omitempty"`
}

// Direction is a sort direction.
type Direction string

// The directions; an empty one is ascending.
const (
	Ascending  Direction = "asc"
	Descending Direction = "desc"
)

// Addressing is how callers ask for a page.
type Addressing string

// Ways of addressing; the empty one is by page.
const (
	ByPage   Addressing = "page"
	ByOffset Addressing = "offset"
	ByCursor Addressing = "cursor" // pages have no number, and follow or precede a record
)

// PastLast says what is answered to a page past the last one.
type PastLast string

// What is answered to a page past the last one.
const (
	PastLastGivesLast  PastLast = "last"
	PastLastGivesFirst PastLast = "first"
	PastLastGivesEmpty PastLast = "empty"
	PastLastRefused    PastLast = "refuse"
)

// Answer says what is done about a fault in a query.
type Answer string

// The answers; the empty one mends.
const (
	Mend   Answer = "mend"   // the nearest right value is used, and an adjustment says so
	Refuse Answer = "refuse" // the query is refused
)

// Unknown is what becomes of a parameter that the rules do not know.
type Unknown string

// What can become of a parameter that the rules do not know; an empty one rides.
const (
	UnknownRides  Unknown = "ride"   // it is kept on links, unremarked
	UnknownNoted  Unknown = "note"   // it is kept on links, and an adjustment says so
	UnknownDrops  Unknown = "drop"   // it is left off links, and an adjustment says so
	UnknownRefuse Unknown = "refuse" // it is a fault
)

// CountHow is how the total of a list is found. It is for whoever counts; pages are
// settled on whatever total they are given.
type CountHow string

// Ways to find a total; the empty one is exact.
const (
	CountExact   CountHow = "exact"
	CountAtLeast CountHow = "at_least" // as far as CountTo
	CountNone    CountHow = "none"
)

// LadderRules shape the row of page links.
type LadderRules struct {
	// Reach is the number of pages shown on each side of the current one, 0 to 50. Left out: 2.
	Reach *int `json:"reach,omitempty" jsonschema:"minimum=0,maximum=50"`
	// Tips is the number of pages always shown at each end, 0 to 10. Left out: 1.
	Tips *int `json:"tips,omitempty" jsonschema:"minimum=0,maximum=10"`
	// Steady keeps the ladder equally long on every page, so that "next" does not move under
	// the pointer. Left out: true.
	Steady *bool `json:"steady,omitempty"`
	// GapLinks makes a gap a link to the page in its middle; of two, to the lower one.
	GapLinks bool `json:"gap_links,omitempty"`
	// Ends draws steps to the first and the last page, or leaves them out of the answer. Left
	// out: they are among the links, and drawn where the ladder has no tips.
	Ends *bool `json:"ends,omitempty"`
	// Lone draws the ladder of a list with a single page too.
	Lone bool `json:"lone,omitempty"`
}

// KeepRules say which of the caller's parameters stay on links. Declared ones
// always do.
type KeepRules struct {
	// What says which undeclared parameters stay on links: all, none (only declared ones do),
	// or those in "names". Left out: all.
	What KeepWhat `json:"what,omitempty"`
	// Names are the parameters that "listed" keeps.
	Names []string `json:"names,omitempty"`
}

// KeepWhat is a choice of parameters.
type KeepWhat string

// Choices of parameters to keep; the empty one is all.
const (
	KeepAll      KeepWhat = "all"
	KeepDeclared KeepWhat = "declared" // page, size, sort, search, fields and the filters
	KeepListed   KeepWhat = "listed"   // those, and KeepRules.Names
)

// Resolved is a copy of the rules in which nothing is left out: every default, name and
// list of operators that is in force is written out. Names have the prefix, which the copy has not.
func (r *Rules) Resolved() Rules {
	all := *r
	all.Addressing = cmp.Or(r.Addressing, ByPage)
	all.Params, all.Prefix = r.inForce(), ""
	all.Size.Default, all.Size.Cap, all.Size.Offered = r.defaultSize(), r.sizeCap(), slices.Clone(r.offeredSizes())
	all.Key, all.Search, all.Show = slices.Clone(r.Key), slices.Clone(r.Search), slices.Clone(r.Show)
	all.Sorts = slices.Clone(r.Sorts)
	for i := range all.Sorts {
		k := &all.Sorts[i]
		k.Fields, k.First = slices.Clone(k.fields()), cmp.Or(k.First, Ascending)
	}
	all.MaxSortKeys = r.maxSortKeys()
	all.Filters = slices.Clone(r.Filters)
	for i := range all.Filters {
		f := &all.Filters[i]
		f.Type, f.Operators, f.Param = f.valueType(), slices.Clone(f.operators()), r.filterParam(f)
	}
	all.PastLast, all.OnFault, all.Faults = r.pastLast(), cmp.Or(r.OnFault, Mend), maps.Clone(r.Faults)
	all.Unknown, all.RideAlong = cmp.Or(r.Unknown, UnknownRides), slices.Clone(r.RideAlong)
	all.Keep = KeepRules{cmp.Or(r.Keep.What, KeepAll), slices.Clone(r.Keep.Names)}
	all.Origins = slices.Clone(r.Origins)
	all.MaxOffset = r.maxOffset()
	all.Count = r.countHow()
	if r.CountTo < 1 {
		all.CountTo = defaultCountTo
	}
	l := &r.Ladder
	all.Ladder.Reach, all.Ladder.Tips = new(int(l.reach())), new(int(l.tips()))
	all.Ladder.Steady = new(l.steady())
	return all
}

func orElse[T any](p *T, other T) T {
	if p == nil {
		return other
	}
	return *p
}

func (r *Rules) byOffset() bool { return r.Addressing == ByOffset }
func (r *Rules) byCursor() bool { return r.Addressing == ByCursor }

// sizeCap is the largest size that is served, besides "all".
func (r *Rules) sizeCap() int {
	if r.Size.Cap < 1 {
		return defaultCap
	}
	return r.Size.Cap
}

// defaultSize is the size of a page where none is asked for.
func (r *Rules) defaultSize() int {
	if r.Size.Default < 1 {
		return min(defaultSize, r.sizeCap())
	}
	return min(r.Size.Default, r.sizeCap())
}

func (r *Rules) offeredSizes() []int {
	if len(r.Size.Offered) > 0 {
		return r.Size.Offered
	}
	n := 0
	for n < len(defaultOffered) && defaultOffered[n] <= r.sizeCap() {
		n++
	}
	if n == 0 {
		return []int{r.defaultSize()}
	}
	return defaultOffered[:n:n]
}

// maxSortKeys is how many sort keys one query may have.
func (r *Rules) maxSortKeys() int {
	if r.MaxSortKeys < 1 {
		return defaultMaxSortKeys
	}
	return r.MaxSortKeys
}

func (r *Rules) maxOffset() int64 {
	if r.MaxOffset < 1 {
		return defaultMaxOffset
	}
	return min(r.MaxOffset, value.MaxInteger)
}

// countHow is how the total is found.
func (r *Rules) countHow() CountHow {
	if r.byCursor() {
		return cmp.Or(r.Count, CountNone)
	}
	return cmp.Or(r.Count, CountExact)
}

func (r *Rules) pastLast() PastLast {
	switch {
	case r.Faults[code.PagePastLast] == Refuse:
		return PastLastRefused
	case r.PastLast != "":
		return r.PastLast
	case r.Faults[code.PagePastLast] == "" && r.OnFault == Refuse:
		return PastLastRefused
	case r.byOffset():
		return PastLastGivesEmpty
	}
	return PastLastGivesLast
}

// refuses reports whether a fault is refused. Unless the rules mend it by name, a filter
// is: one that is dropped in silence shows the wrong records.
func (r *Rules) refuses(c code.Code) bool {
	if a := r.Faults[c]; a != "" {
		return a == Refuse
	}
	return r.OnFault == Refuse || c == code.FilterBadValue || c == code.FilterUnknownOperator
}

// String is short, for logs: "rules of arrivals: by page, size 20, 3 sort keys, 5 filters".
func (r Rules) String() string {
	text := "rules"
	if r.List != "" {
		text += " of " + quoted(r.List)
	}
	counted := func(n int, what string) string {
		if n != 1 {
			what += "s"
		}
		return ", " + strconv.Itoa(n) + " " + what
	}
	return text + ": by " + string(cmp.Or(r.Addressing, ByPage)) + ", size " + strconv.Itoa(r.defaultSize()) +
		counted(len(r.Sorts), "sort key") + counted(len(r.Filters), "filter")
}

// aside reports whether a parameter speaks to whoever serves the list.
func (r *Rules) aside(name string) bool { return r.Aside != "" && strings.HasPrefix(name, r.Aside) }

func (l *LadderRules) reach() int64 {
	return int64(min(max(orElse(l.Reach, defaultReach), 0), maxReach))
}
func (l *LadderRules) tips() int64  { return int64(min(max(orElse(l.Tips, defaultTips), 0), maxTips)) }
func (l *LadderRules) steady() bool { return orElse(l.Steady, true) }

// sortKey finds an offered sort key.
func (r *Rules) sortKey(name string) *SortKey {
	for i := range r.Sorts {
		if r.Sorts[i].Key == name {
			return &r.Sorts[i]
		}
	}
	return nil
}
