package paging

import (
	"slices"

	"pageladder.example/paging/code"
	"pageladder.example/paging/value"
)

// Defaults of the rules, in force where an entry is left out.
const (
	DefaultSize        = 20        // records per page
	DefaultCap         = 100       // most records per page
	DefaultReach       = 2         // pages on each side of the current one
	DefaultTips        = 1         // pages at each end of the ladder
	DefaultMaxSortKeys = 3         // sort keys in one query
	DefaultMaxOffset   = 1_000_000 // records skipped where the total is not known
	DefaultCountTo     = 10_000    // records counted for a total of "at least"

	MaxReach = 50 // bound of Ladder.Reach
	MaxTips  = 10 // bound of Ladder.Tips
)

// defaultOffered are the page sizes that callers are offered to choose from.
var defaultOffered = []int{10, 20, 50, 100}

// Rules say how the query of one list is read and what its pages look like.
// The zero value is useful: it pages by number, 20 records to a page, and mends
// every fault. Rules must not be changed once they are in use.
type Rules struct {
	// Params are the names of the parameters.
	Params Params `json:"params,omitzero"`
	// Addressing tells whether callers send page numbers or offsets.
	Addressing Addressing `json:"addressing,omitempty"`
	// Size bounds the records on a page.
	Size SizeRules `json:"size,omitzero"`
	// Key names the field or fields that identify a record. They end every
	// sort, so that the order is total.
	Key []string `json:"key,omitempty"`
	// Sorts are the sort keys that callers may use.
	Sorts []SortKey `json:"sorts,omitempty"`
	// DefaultSort is the sort in force when none is asked for, written as in a
	// query: "-tonnage,vessel". Left out: by the key alone.
	DefaultSort string `json:"default_sort,omitempty"`
	// MaxSortKeys bounds the sort keys in one query, 1 to 10. Left out: 3.
	MaxSortKeys int `json:"max_sort_keys,omitempty" jsonschema:"minimum=0,maximum=10"`
	// Filters are the fields that callers may filter by.
	Filters []FilterRule `json:"filters,omitempty"`
	// Search names the text fields that the search parameter looks in. Left
	// out: there is no search.
	Search []string `json:"search,omitempty"`
	// Show names the fields that records are shown with, and of which callers may
	// ask for fewer. Left out: all, and callers cannot choose.
	Show []string `json:"show,omitempty"`
	// PastLast is what a page past the last one gets. Left out: "last" where pages
	// are addressed by number, "empty" where they are addressed by offset.
	PastLast PastLast `json:"past_last,omitempty"`
	// OnFault is the answer to every fault that "faults" does not name.
	OnFault Answer `json:"on_fault,omitempty"`
	// Faults gives single kinds of fault an answer of their own.
	Faults map[code.Code]Answer `json:"faults,omitempty"`
	// Unknown is what becomes of parameters that the rules do not know.
	Unknown Unknown `json:"unknown,omitempty"`
	// RideAlong lists parameters that ride along unremarked, whatever "unknown"
	// says.
	RideAlong []string `json:"ride_along,omitempty"`
	// Keep says which parameters ride along on links.
	Keep KeepRules `json:"keep,omitzero"`
	// Base is the address that links are built on: a path, a URL of one of
	// "origins", or an RFC 6570 template of either. Left out: where the list was asked
	// for.
	Base string `json:"base,omitempty"`
	// Origins are those that a base may have, such as "https://saltmere.example".
	Origins []string `json:"origins,omitempty"`
	// FirstPageBare links page 1 without its page parameter.
	FirstPageBare bool `json:"first_page_bare,omitempty"`
	// OffsetAsIs takes an offset as it is; by default it is rounded down to the
	// start of a page.
	OffsetAsIs bool `json:"offset_as_is,omitempty"`
	// MaxOffset is the most records skipped where the total is not known, at most
	// 9,007,199,254,740,991. Left out: 1,000,000.
	MaxOffset int64 `json:"max_offset,omitempty" jsonschema:"minimum=0"`
	// Count says how the total is found. Left out: exact.
	Count CountHow `json:"count,omitempty"`
	// CountTo is how far "at_least" counts. Left out: 10,000.
	CountTo int64 `json:"count_to,omitempty" jsonschema:"minimum=0"`
	// Indexes lists fields that whoever keeps the records is to index beside those
	// of sorts and filters: [["berth", "arrived_at"]].
	Indexes [][]string `json:"indexes,omitempty"`
	// Ladder shapes the row of page links.
	Ladder LadderRules `json:"ladder,omitzero"`
	// Markup says how ladders are drawn.
	Markup MarkupRules `json:"markup,omitzero"`
	// Language is the BCP 47 tag of the language that pages are described in.
	// Left out: "en".
	Language string `json:"language,omitempty"`
}

// Params are the parameters' names; an empty one has its default, named beside it.
type Params struct {
	// Page holds the page number. Left out: "page".
	Page string `json:"page,omitempty"`
	// Size holds the number of records on a page. Left out: "size".
	Size string `json:"size,omitempty"`
	// Offset holds the offset, under offset addressing. Left out: "offset".
	Offset string `json:"offset,omitempty"`
	// Limit holds the number of records, under offset addressing. Left out: "limit".
	Limit string `json:"limit,omitempty"`
	// Row asks for the page that holds a row. Left out: "row".
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
}

// SizeRules bound the number of records on a page.
type SizeRules struct {
	// Default is the size where none is asked for. Left out: 20, or the cap where
	// that is less.
	Default int `json:"default,omitempty" jsonschema:"minimum=0,maximum=100000"`
	// Cap is the largest size. Left out: 100.
	Cap int `json:"cap,omitempty" jsonschema:"minimum=0,maximum=100000"`
	// Offered are the sizes to choose from. Left out: 10, 20, 50 and 100, as far
	// as the cap allows.
	Offered []int `json:"offered,omitempty"`
	// Closed serves the offered sizes alone.
	Closed bool `json:"closed,omitempty"`
	// All lets "all" ask for up to this many records on one page. Left out: it is
	// not offered.
	All int `json:"all,omitempty" jsonschema:"minimum=0,maximum=100000"`
}

// SortKey is one key that callers may sort by.
type SortKey struct {
	// Key is its name in the query.
	Key string `json:"key"`
	// Fields are what it sorts by. Left out: the field of the same name.
	Fields []string `json:"fields,omitempty"`
	// First is the direction that its sort link offers first, and that holds
	// where the rules name a direction parameter and it is not given. Left out:
	// "asc".
	First Direction `json:"first,omitempty"`
	// NullsFirst puts missing values first, not last.
	NullsFirst bool `json:"nulls_first,omitempty"`
}

// Direction is a sort direction.
type Direction string

// The directions; an empty one is ascending.
const (
	Ascending  Direction = "asc"
	Descending Direction = "desc"
)

// Addressing is what callers count in.
type Addressing string

// Ways of addressing; the empty one is by page.
const (
	ByPage   Addressing = "page"
	ByOffset Addressing = "offset"
)

// PastLast is what a page past the last one gets.
type PastLast string

// What a page past the last one can get.
const (
	PastLastGivesLast  PastLast = "last"
	PastLastGivesFirst PastLast = "first"
	PastLastGivesEmpty PastLast = "empty"
	PastLastRefused    PastLast = "refuse"
)

// Answer is what a fault gets.
type Answer string

// Answers to a fault; an empty one mends.
const (
	Mend   Answer = "mend"
	Refuse Answer = "refuse"
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

// Counted is how far to count for a total: -1 to the end, 0 not at all.
func (r *Rules) Counted() int64 {
	switch {
	case r.Count == CountNone:
		return 0
	case r.Count != CountAtLeast:
		return -1
	case r.CountTo < 1:
		return DefaultCountTo
	}
	return r.CountTo
}

// LadderRules shape the row of page links.
type LadderRules struct {
	// Reach is how many pages are shown on each side of the current one, 0 to 50.
	// Left out: 2.
	Reach *int `json:"reach,omitempty" jsonschema:"minimum=0,maximum=50"`
	// Tips is how many pages are kept at each end, 0 to 10. Left out: 1.
	Tips *int `json:"tips,omitempty" jsonschema:"minimum=0,maximum=10"`
	// Steady keeps the number of rungs the same wherever the current page is.
	// Left out: true.
	Steady *bool `json:"steady,omitempty"`
	// GapLinks lets a gap link to the lower middle one of its pages.
	GapLinks bool `json:"gap_links,omitempty"`
	// Ends has the steps to the first and the last page. Left out: they are among
	// the links, and drawn where the ladder has no tips.
	Ends *bool `json:"ends,omitempty"`
	// Lone draws the ladder of a single page too.
	Lone bool `json:"lone,omitempty"`
}

// KeepRules say which of the caller's parameters ride along on links. Those that
// the rules declare always do.
type KeepRules struct {
	// What says which of the parameters that the rules do not declare are kept.
	// Left out: all.
	What KeepWhat `json:"what,omitempty"`
	// Names are those that "listed" keeps.
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

// MarkupRules say how a ladder is drawn as HTML.
type MarkupRules struct {
	// Style is the way. Left out: plain.
	Style MarkupStyle `json:"style,omitempty"`
	// Classes are the classes of a "classed" ladder, by part: nav, list, item,
	// link, current, gap, dead.
	Classes map[string]string `json:"classes,omitempty"`
}

// MarkupStyle is a way to draw a ladder as HTML.
type MarkupStyle string

// Styles of markup; the empty one is plain.
const (
	StylePlain     MarkupStyle = "plain"     // no classes
	StyleBootstrap MarkupStyle = "bootstrap" // the classes of the Bootstrap 5 stylesheet
	StyleClassed   MarkupStyle = "classed"   // the classes that the rules give
)

func orElse[T any](p *T, other T) T {
	if p == nil {
		return other
	}
	return *p
}

func nonEmpty(s, other string) string {
	if s == "" {
		return other
	}
	return s
}

func (r *Rules) byOffset() bool { return r.Addressing == ByOffset }

// PageParam is the name of the parameter that says which page: "page" or
// "offset" unless renamed.
func (r *Rules) PageParam() string {
	if r.byOffset() {
		return nonEmpty(r.Params.Offset, "offset")
	}
	return nonEmpty(r.Params.Page, "page")
}

// SizeParam is the name of the parameter that says how many records: "size" or
// "limit" unless renamed.
func (r *Rules) SizeParam() string {
	if r.byOffset() {
		return nonEmpty(r.Params.Limit, "limit")
	}
	return nonEmpty(r.Params.Size, "size")
}

// SortParam is the name of the sort parameter.
func (r *Rules) SortParam() string { return nonEmpty(r.Params.Sort, "sort") }

// RowParam is the name of the parameter that asks for the page of a row.
func (r *Rules) RowParam() string { return nonEmpty(r.Params.Row, "row") }

// SearchParam is the name of the search parameter.
func (r *Rules) SearchParam() string { return nonEmpty(r.Params.Search, "q") }

// FieldsParam is the name of the parameter that asks for fewer fields.
func (r *Rules) FieldsParam() string { return nonEmpty(r.Params.Fields, "fields") }

// params are the names of the parameters in force, beside the filters'.
func (r *Rules) params() []string {
	names := append(make([]string, 0, 7), r.PageParam(), r.SizeParam(), r.SortParam(), r.RowParam())
	if len(r.Search) > 0 {
		names = append(names, r.SearchParam())
	}
	if len(r.Show) > 0 {
		names = append(names, r.FieldsParam())
	}
	if r.Params.Direction != "" {
		names = append(names, r.Params.Direction)
	}
	return names
}

// SizeCap is the largest size that is served, beside "all".
func (r *Rules) SizeCap() int {
	if r.Size.Cap < 1 {
		return DefaultCap
	}
	return r.Size.Cap
}

// DefaultSize is the size of a page where none is asked for.
func (r *Rules) DefaultSize() int {
	if r.Size.Default < 1 {
		return min(DefaultSize, r.SizeCap())
	}
	return min(r.Size.Default, r.SizeCap())
}

// OfferedSizes are the page sizes to choose from, as the rules list them.
func (r *Rules) OfferedSizes() []int { return slices.Clone(r.offeredSizes()) }

func (r *Rules) offeredSizes() []int {
	if len(r.Size.Offered) > 0 {
		return r.Size.Offered
	}
	n := 0
	for n < len(defaultOffered) && defaultOffered[n] <= r.SizeCap() {
		n++
	}
	if n == 0 {
		return []int{r.DefaultSize()}
	}
	return defaultOffered[:n:n]
}

// SortKeysMost is how many sort keys one query may have.
func (r *Rules) SortKeysMost() int {
	if r.MaxSortKeys < 1 {
		return DefaultMaxSortKeys
	}
	return r.MaxSortKeys
}

func (r *Rules) maxOffset() int64 {
	if r.MaxOffset < 1 {
		return DefaultMaxOffset
	}
	return min(r.MaxOffset, value.MaxInteger)
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

func (r *Rules) refuses(c code.Code) bool {
	if a := r.Faults[c]; a != "" {
		return a == Refuse
	}
	return r.OnFault == Refuse || refusedByDefault(c)
}

func (l *LadderRules) reach() int64 {
	return int64(min(max(orElse(l.Reach, DefaultReach), 0), MaxReach))
}
func (l *LadderRules) tips() int64  { return int64(min(max(orElse(l.Tips, DefaultTips), 0), MaxTips)) }
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
