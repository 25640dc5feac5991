// Package endpoint describes a paged endpoint: its address, the form of its answers, its parameters, and what
// identifies a record.
package endpoint

import (
	"fmt"
	"maps"
	"net/http"
	"net/url"
	"slices"
	"strings"

	"pageladder.example/internal/climb/uri"
	"pageladder.example/internal/climb/values"
	"pageladder.example/internal/uritemplate"
	"pageladder.example/paging/envelope"
)

// Endpoint describes a paged endpoint. Only the address is needed: what is left empty is found
// out.
type Endpoint struct {
	// Address of the list, with the parameters that are always sent. For a handler a path is
	// enough. If the page is in the path it is a template as in RFC 6570, whose variables are
	// parameters: "/arrivals/page/{page}{?size,sort}".
	Address string `json:"address"`

	Format Format `json:"shape,omitempty"` // of answers

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

// Format is the form of an endpoint's answers.
type Format string

// The formats that are read.
const (
	JSON   Format = "json"
	NDJSON Format = "ndjson"
	CSV    Format = "csv"
	HTML   Format = "html" // records are the rows of its largest table, else the items of its largest list
)

// Check says what is wrong with the description of an endpoint.
func (e *Endpoint) Check() error {
	if e.Address == "" {
		return fmt.Errorf("climb: the endpoint has no address; right would be an address such as https://host/arrivals")
	}
	if _, err := uritemplate.Parse(e.Address); err != nil {
		return fmt.Errorf("climb: the address is %.100q: %w; right would be a template such as /arrivals/page/{page}{?size}, with other braces as %%7B and %%7D", e.Address, err)
	}
	plain, err := url.Parse(uri.CutExpressions(e.Address))
	if err != nil || plain.User != nil || plain.Host != "" && plain.Scheme != "http" && plain.Scheme != "https" || plain.Host == "" && !strings.HasPrefix(e.Address, "/") {
		return fmt.Errorf("climb: the address is %.100q; right would be one such as https://host/arrivals, without a user's name in it", e.Address)
	}
	if !slices.Contains([]Format{"", JSON, NDJSON, CSV, HTML}, e.Format) {
		return fmt.Errorf("climb: the shape is %.40q; right would be json, ndjson, csv or html", e.Format)
	}
	for _, name := range slices.Sorted(maps.Keys(e.Envelope)) {
		if !slices.Contains(values.Names(), name) {
			return fmt.Errorf("climb: the envelope places %.40q; right would be one of %s", name, strings.Join(values.Names(), ", "))
		}
		if _, err := values.ParsePointer(e.Envelope[name]); err != nil {
			return fmt.Errorf("climb: the envelope's place for %s: %w", name, err)
		}
	}
	for _, field := range e.fields() {
		if _, err := values.FieldPath(field); err != nil {
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

// NoPageError is the error for an endpoint whose first answer is no page.
type NoPageError struct {
	Address string
	Status  int // 0: there was no answer
	Err     error
}

func (e *NoPageError) Error() string {
	return fmt.Sprintf("climb: %s gives no first page: %v", e.Address, e.Err)
}

func (e *NoPageError) Unwrap() error { return e.Err }
