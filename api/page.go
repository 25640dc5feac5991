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

// About is what an answer contains besides its records.
type About struct {
	answer.About
	// Changed are the records of a list that is held still which are not the same now.
	Changed []ChangedRow `json:"changed,omitempty"`
	WayBack string       `json:"way_back,omitempty"` // leads back to this page
	Made    *Explain     `json:"made,omitempty"`     // for pl.explain
}

// ChangedRow says what has happened to a record since the version that its list is held at.
type ChangedRow struct {
	Row int64  `json:"row"` // from 1; on a page by cursor, counted from its first record
	Now string `json:"now"` // changed, gone
}

// AboutPage is everything about a page, with its links.
func AboutPage(page paging.Page, links paging.Links) About {
	return About{About: answer.Of(page, links)}
}

// Facet is one value of a field and how many records have it; a nil value stands for records
// without one.
type Facet = answer.Facet

// Explain says how a page came about.
type Explain struct {
	Steps []Step   `json:"steps"`
	SQL   []string `json:"sql,omitempty"` // for owners: the statements, without values
	// Cursors are the contents of the page's cursors, and of the one that it was asked for by.
	Cursors []CursorContents `json:"cursors,omitempty"`
}

// CursorContents is the content of a cursor: a place in the list's order, next to a record.
type CursorContents struct {
	Which  string       `json:"which"`  // "asked", "after" or "before"
	Behind bool         `json:"behind"` // the place is right behind the record; otherwise right before it
	Values []PlaceValue `json:"values"` // of the record, in the fields of the order
}

// PlaceValue is one value of the record at a place.
type PlaceValue struct {
	Field  string  `json:"field"`
	Value  *string `json:"value" jsonschema:"nullable"`
	Sealed bool    `json:"sealed,omitempty"` // the value is not shown
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
	WayBack string        `json:"way_back"` // "" if the list's address is too long for one
}

// ReckonBody asks for a page of a list that the caller keeps.
type ReckonBody struct {
	Query string `json:"query"` // raw; a "?" at its beginning is left out
	// Total is the number of records: a number, {"at_least": 100}, or null if it is not known. Left
	// out if a set is named: that of the set, if the query neither filters nor searches.
	Total json.RawMessage `json:"total,omitempty"`
	Rules json.RawMessage `json:"rules,omitempty"` // left out: the set's, or the defaults
	Set   string          `json:"set,omitempty"`   // whose rules apply
	Base  string          `json:"base,omitempty"`  // that links lead to; left out: that of the rules, or links that are only a query
	// Markup asks for the ladder as HTML: plain, bootstrap or classed.
	Markup rulesfile.MarkupStyle `json:"markup,omitempty"`
	// Came is the number of records read, if the total is not exact: one more than the
	// page is asked for.
	Came *int `json:"came,omitempty"`
	// First and Last are the values of the page's first and last record in the fields of the order,
	// as texts, null if missing: for the page's cursors. Left out: it has none.
	First []*string `json:"first,omitempty"`
	Last  []*string `json:"last,omitempty"`
	// Behind says, for a page by cursor, that there are records on the cursor's other side.
	Behind bool `json:"behind,omitempty"`
}

// Reckoned is everything about a page but its records.
type Reckoned struct {
	About
	Fetch int            `json:"fetch"` // records to read from the offset on: one more than the page if the total is not exact
	Order []paging.Order `json:"order"` // the total order to read in
	// From is where to read from, instead of an offset; left out if the query has no cursor.
	From *ReadFrom `json:"from,omitempty"`
	// Params are the names of the parameters.
	Params *ParamNames `json:"params"`
}

// ReadFrom is the place of a query's cursor in the order.
type ReadFrom struct {
	Values   []*string `json:"values" jsonschema:"nullable"` // of a record, in the fields of the order; null if one is missing
	Behind   bool      `json:"behind"`                       // the place is right behind that record; otherwise right before it
	Backward bool      `json:"backward"`                     // the records before the place are asked for, the nearest first
}

// CutBody is a ReckonBody with the records.
type CutBody struct {
	ReckonBody
	Records []json.RawMessage `json:"records"`
}

// CutAnswer is one page of the records that the caller sent.
type CutAnswer struct {
	Records []json.RawMessage `json:"records"`
	Reckoned
}

// ParamNames are the names of a list's parameters, as its rules resolve them: renamed,
// distinguished from one another, or the defaults.
type ParamNames struct {
	Page      string         `json:"page"` // or offset; "" if lists are addressed by cursor
	Size      string         `json:"size"` // or limit
	Sort      string         `json:"sort"`
	Row       string         `json:"row"`
	Search    string         `json:"search,omitempty"`    // left out if there is no search
	Fields    string         `json:"fields,omitempty"`    // left out if callers cannot choose
	Direction string         `json:"direction,omitempty"` // left out if there is none
	After     string         `json:"after,omitempty"`     // left out if there are no cursors
	Before    string         `json:"before,omitempty"`    // likewise
	Filters   []FilterParams `json:"filters"`
}

// FilterParams are the parameters of one filter, by operator.
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
