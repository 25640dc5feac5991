package climb

import (
	"fmt"
	"maps"
	"net/http"
	"net/url"
	"slices"
	"strings"

	"pageladder.example/paging/envelope"
	"pageladder.example/paging/query"
)

// Endpoint describes a paged endpoint. Only the address is needed: what is left empty is found
// out.
type Endpoint struct {
	// Address of the list, with the parameters that are always sent. For a handler a path is
	// enough. If the page is in the path it is a template as in RFC 6570, whose variables are
	// parameters: "/arrivals/page/{page}{?size,sort}".
	Address string `json:"address"`

	Shape Shape `json:"shape,omitempty"` // of answers

	// Envelope says where an answer has what, by JSON Pointers, RFC 6901. The names are those of
	// envelope.Names, and has_next and has_prev. The pointer "" is the whole answer.
	Envelope envelope.Envelope `json:"envelope,omitempty"`

	TotalHeader string `json:"total_header,omitempty"` // the header with the total, if there is one

	Params Params `json:"params,omitzero"`

	// PagesFrom0 means that the first page has the number 0, not 1.
	PagesFrom0 bool `json:"pages_from_0,omitempty"`

	// RowsFrom1 means that the offset of the first record is 1, not 0: it is the row's number.
	RowsFrom1 bool `json:"rows_from_1,omitempty"`

	// AfterHeader is the header with the cursor of the next page, if it is not in the body.
	AfterHeader string `json:"after_header,omitempty"`

	// Key are the fields that identify a record: names, or JSON Pointers into it.
	Key []string `json:"key,omitempty"`

	Size int `json:"size,omitempty"` // records per page to ask for; 0: the endpoint's default
	Cap  int `json:"cap,omitempty"`  // the largest page size that the endpoint should have; 0: not known

	Sorts   []Sort   `json:"sorts,omitempty"`
	Filters []Filter `json:"filters,omitempty"`

	// Header is sent with every request to the endpoint's own host. It is not written to files,
	// since it may contain a token.
	Header http.Header `json:"-"`

	tree *place // the envelope's places, once they are known
}

// Params are the names of an endpoint's parameters; those that it does not have are empty.
type Params struct {
	Page   string `json:"page,omitempty"`
	Size   string `json:"size,omitempty"`
	Offset string `json:"offset,omitempty"`
	Limit  string `json:"limit,omitempty"`
	After  string `json:"after,omitempty"` // takes a cursor
	Sort   string `json:"sort,omitempty"`
}

// Sort is one order that an endpoint offers.
type Sort struct {
	Field      string `json:"field"`                // of a record, or a JSON Pointer into it
	Ascending  string `json:"ascending,omitempty"`  // the query that asks for it, such as "sort=tonnage"
	Descending string `json:"descending,omitempty"` // and for its inverse, such as "sort=-tonnage"
}

// Filter is one condition that an endpoint offers: records whose field is a value.
type Filter struct {
	Query string `json:"query"` // such as "berth=N4"
	Field string `json:"field"` // of a record, or a JSON Pointer into it
	Value string `json:"value"` // as text
}

// Shape is a form of answers.
type Shape string

// The shapes that are read.
const (
	JSON   Shape = "json"
	NDJSON Shape = "ndjson"
	CSV    Shape = "csv"
	HTML   Shape = "html" // records are the rows of its largest table, else the items of its largest list
)

// names are the names that an envelope can map.
func names() []string { return append(envelope.Names(), "has_next", "has_prev") }

// check says what is wrong with the description of an endpoint.
func (e *Endpoint) check() error {
	if e.Address == "" {
		return fmt.Errorf("climb: the endpoint has no address; right would be an address such as https://host/arrivals")
	}
	plain, err := url.Parse(cutExpressions(e.Address))
	if err != nil || plain.User != nil || plain.Host != "" && plain.Scheme != "http" && plain.Scheme != "https" || plain.Host == "" && !strings.HasPrefix(e.Address, "/") {
		return fmt.Errorf("climb: the address is %.100q; right would be one such as https://host/arrivals, without a user's name in it", e.Address)
	}
	if !slices.Contains([]Shape{"", JSON, NDJSON, CSV, HTML}, e.Shape) {
		return fmt.Errorf("climb: the shape is %.40q; right would be json, ndjson, csv or html", e.Shape)
	}
	for _, name := range slices.Sorted(maps.Keys(e.Envelope)) {
		if !slices.Contains(names(), name) {
			return fmt.Errorf("climb: the envelope places %.40q; right would be one of %s", name, strings.Join(names(), ", "))
		}
		if _, err := parsePointer(e.Envelope[name]); err != nil {
			return fmt.Errorf("climb: the envelope's place for %s: %w", name, err)
		}
	}
	for _, field := range e.fields() {
		if _, err := fieldPath(field); err != nil {
			return fmt.Errorf("climb: the field %.60q: %w", field, err)
		}
	}
	if e.Size < 0 || e.Cap < 0 {
		return fmt.Errorf("climb: size %d and cap %d cannot be negative", e.Size, e.Cap)
	}
	return nil
}

// fields are the fields that the description names.
func (e *Endpoint) fields() []string {
	all := slices.Clone(e.Key)
	for _, s := range e.Sorts {
		all = append(all, s.Field)
	}
	for _, f := range e.Filters {
		all = append(all, f.Field)
	}
	return all
}

// clone is a copy that can be added to.
func (e *Endpoint) clone() Endpoint {
	c := *e
	c.Envelope = maps.Clone(e.Envelope)
	c.Key, c.Sorts, c.Filters = slices.Clone(e.Key), slices.Clone(e.Sorts), slices.Clone(e.Filters)
	c.Header = e.Header.Clone()
	return c
}

// sizeOf is the parameter for the number of records; pages and offsets may each have their own.
func (p *Params) sizeOf(way addressing) string {
	if way == byOffset && p.Limit != "" || p.Size == "" {
		return p.Limit
	}
	return p.Size
}

// addressing is how a page is asked for.
type addressing int

const (
	byLinks addressing = iota // no numbers: only by links
	byPage
	byOffset
)

// numbered is how pages are asked for by number, if they can be.
func (e *Endpoint) numbered() addressing {
	switch {
	case e.Params.Page != "":
		return byPage
	case e.Params.Offset != "":
		return byOffset
	}
	return byLinks
}

// question is one page to ask for.
type question struct {
	way   addressing
	row   int64  // the first record's, from 0
	size  int64  // records per page; it is asked for where sized
	sized bool   // else the endpoint's own size is meant
	query string // a sort, a filter or anything else, as a query
}

// ask is the address of a question.
func (e *Endpoint) ask(q question) string {
	address := e.Address
	if q.way == byLinks && strings.Contains(address, "{") && e.Params.Page != "" {
		q.way = byPage // a template has no address without its page
	}
	for part := range query.Parts(q.query) {
		address = setParam(address, part.RawName(), part.Raw())
	}
	if name := e.Params.sizeOf(q.way); q.sized && name != "" {
		address = set(address, name, fmt.Sprint(q.size))
	}
	switch q.way {
	case byPage:
		n := q.row / max(q.size, 1)
		if !e.PagesFrom0 {
			n++
		}
		address = set(address, e.Params.Page, fmt.Sprint(n))
	case byOffset:
		n := q.row
		if e.RowsFrom1 {
			n++
		}
		address = set(address, e.Params.Offset, fmt.Sprint(n))
	}
	return expand(address)
}

// base is the address that a plain visitor starts with.
func (e *Endpoint) base(queries ...string) string {
	return e.ask(question{query: strings.Join(queries, "&"), sized: e.Size > 0, size: int64(e.Size)})
}
