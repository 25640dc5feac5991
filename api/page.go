package api

import (
	"encoding/json"

	"pageladder.example/paging"
	"pageladder.example/paging/answer"
	"pageladder.example/paging/rulesfile"
)

// Answer is one page of a record set.
type Answer struct {
	Records json.RawMessage `json:"records"`
	About
}

// About is what an answer of the service tells besides its records.
type About struct {
	answer.About
	// Changed are the records of a list that is held still which are not the same now.
	Changed []ChangedRow `json:"changed,omitempty"`
	WayBack string       `json:"way_back,omitempty"` // what brings back to this page
	Made    *Explain     `json:"made,omitempty"`     // for pl.explain
}

// ChangedRow tells what has become of a record since the version that its list is held at.
type ChangedRow struct {
	Row int64  `json:"row"` // from 1; on a page that was asked for by a cursor, counted from its first record
	Now string `json:"now"` // changed, gone
}

// AboutPage tells everything about a page, with its links.
func AboutPage(page *paging.Page, links paging.Links) About {
	return About{About: answer.Of(page, links)}
}

// Facet is one value of a field and how many records have it; a nil value stands
// for those that have none.
type Facet = answer.Facet

// Explain tells how a page was made.
type Explain struct {
	Steps []Step   `json:"steps"`
	SQL   []string `json:"sql,omitempty"` // for owners: the statements, values left out
	// Cursors are what is in the cursor that the page was asked for by, and in its own.
	Cursors []CursorTold `json:"cursors,omitempty"`
}

// CursorTold tells what is in a cursor: a place in the list's order, by a record that stands there.
type CursorTold struct {
	Which  string       `json:"which"`  // asked, after, before
	Behind bool         `json:"behind"` // the place is right behind the record; else right before it
	Values []PlaceValue `json:"values"` // of the record, in the fields of the order
}

// PlaceValue is one value of a record that stands at a place.
type PlaceValue struct {
	Field  string  `json:"field"`
	Value  *string `json:"value" jsonschema:"nullable"`
	Sealed bool    `json:"sealed,omitempty"` // it is not shown
}

// Step is one step of making a page.
type Step struct {
	Step string `json:"step"`    // read, count, settle, cut, keep, link
	Took int64  `json:"took_us"` // microseconds
	Says string `json:"says"`
}

// LadderAnswer is the links of a page alone.
type LadderAnswer struct {
	Summary string        `json:"summary"`
	Links   paging.Steps  `json:"links"`
	Ladder  []paging.Rung `json:"ladder"`
	Markup  string        `json:"markup,omitempty"`
	WayBack string        `json:"way_back"` // "" where the list's address is too long for one
}

// ReckonBody asks for a page of a list that the caller keeps.
type ReckonBody struct {
	Query string `json:"query"` // raw, without its "?"
	// Total is how many records there are: a number, {"at_least": 100}, or null
	// where it is not known. Left out where a set is named: the set's.
	Total json.RawMessage `json:"total,omitempty"`
	Rules json.RawMessage `json:"rules,omitempty"` // left out: the set's, or the defaults
	Set   string          `json:"set,omitempty"`   // whose rules hold
	Base  string          `json:"base,omitempty"`  // that links are built on; left out: the rules', or links that are a query alone
	// Markup asks for the ladder as HTML: plain, bootstrap or classed.
	Markup rulesfile.MarkupStyle `json:"markup,omitempty"`
	// Came is how many records were fetched, where the total is not exact: one more
	// than the page is asked for.
	Came *int `json:"came,omitempty"`
	// First and Last are the values of the page's first and last record in the fields of
	// the order, as texts, null where they are missing: for the page's cursors. Left out:
	// it has none.
	First []*string `json:"first,omitempty"`
	Last  []*string `json:"last,omitempty"`
	// Behind tells, of a page that is asked for by a cursor, that there are records on the
	// cursor's other side.
	Behind bool `json:"behind,omitempty"`
}

// Reckoned is everything about a page but its records.
type Reckoned struct {
	About
	Fetch int            `json:"fetch"` // records to fetch from the offset on: one more than the page where the total is not exact
	Order []paging.Order `json:"order"` // the total order to read in
	// From is where to read from, in place of an offset; left out where the query has no
	// cursor.
	From *ReadFrom `json:"from,omitempty"`
	// Params are what the rules call the parameters.
	Params *ParamNames `json:"params"`
}

// ReadFrom is a place in the order, of a query's cursor.
type ReadFrom struct {
	Values   []*string `json:"values" jsonschema:"nullable"` // of a record, in the fields of the order; null where one is missing
	Behind   bool      `json:"behind"`                       // the place is right behind that record; else right before it
	Backward bool      `json:"backward"`                     // what precedes the place is asked for, the nearest first
}

// CutBody is a ReckonBody with the records.
type CutBody struct {
	ReckonBody
	Records []json.RawMessage `json:"records"`
}

// CutAnswer is one page of the records that were handed in.
type CutAnswer struct {
	Records []json.RawMessage `json:"records"`
	Reckoned
}

// ParamNames are the names of a list's parameters, as its rules resolve them: renamed, set
// apart from one another, or as they are by default.
type ParamNames struct {
	Page      string         `json:"page"` // or offset; "" where lists are addressed by cursor
	Size      string         `json:"size"` // or limit
	Sort      string         `json:"sort"`
	Row       string         `json:"row"`
	Search    string         `json:"search,omitempty"`    // left out where nothing is searched
	Fields    string         `json:"fields,omitempty"`    // left out where callers cannot choose
	Direction string         `json:"direction,omitempty"` // left out where there is none
	After     string         `json:"after,omitempty"`     // left out where there are no cursors
	Before    string         `json:"before,omitempty"`    // likewise
	Filters   []FilterParams `json:"filters"`
}

// FilterParams are the parameters of one filter, by the operator that each asks for.
type FilterParams struct {
	Field     string           `json:"field"`
	Operators []OperatorParams `json:"operators"`
}

// OperatorParams is one way to filter by a field.
type OperatorParams struct {
	Operator paging.Operator `json:"operator"`
	Param    string          `json:"param"`
}

// NamesOf are the names that rules resolve to.
func NamesOf(rules *paging.Rules) *ParamNames {
	r := rules.Resolved()
	named := &r.Params
	p := &ParamNames{Page: named.Page + named.Offset, Size: named.Size + named.Limit, Sort: named.Sort, Row: named.Row,
		Search: named.Search, Fields: named.Fields, Direction: named.Direction, After: named.After, Before: named.Before, Filters: []FilterParams{}}
	for i := range r.Filters {
		f := &r.Filters[i]
		filter := FilterParams{Field: f.Field}
		for _, op := range f.Operators {
			filter.Operators = append(filter.Operators, OperatorParams{op, f.ParamFor(op)})
		}
		p.Filters = append(p.Filters, filter)
	}
	return p
}
