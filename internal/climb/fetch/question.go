package fetch

import (
	"maps"
	"slices"
	"strconv"
	"strings"

	"pageladder.example/climb/endpoint"
	"pageladder.example/internal/climb/uri"
	"pageladder.example/paging/query"
)

// List is how an endpoint is requested and read.
type List struct {
	endpoint.Endpoint
	Tree *place // the places of its envelope; nil: not worked out yet
}

// ListOf is a list with an endpoint's description, which can be added to.
func ListOf(e *endpoint.Endpoint) List {
	l := List{Endpoint: *e}
	l.Envelope = maps.Clone(e.Envelope)
	l.Key, l.Sorts, l.Filters = slices.Clone(e.Key), slices.Clone(e.Sorts), slices.Clone(e.Filters)
	l.Header = e.Header.Clone()
	return l
}

// SizeOf is the parameter for the number of records; pages and offsets may each have their own.
func (e *List) SizeOf(way addressing) string {
	p := &e.Params
	if way == ByOffset && p.Limit != "" || p.Size == "" {
		return p.Limit
	}
	return p.Size
}

// addressing is how a page is asked for.
type addressing int

const (
	ByLinks addressing = iota // no numbers: only by links
	ByPage
	ByOffset
)

// Numbered is how pages are asked for by number, if they can be.
func (e *List) Numbered() addressing {
	switch {
	case e.Params.Page != "":
		return ByPage
	case e.Params.Offset != "":
		return ByOffset
	}
	return ByLinks
}

// Question is one page to ask for.
type Question struct {
	Way   addressing
	Row   int64  // the first record's, from 0
	Size  int64  // records per page; it is asked for where sized
	Sized bool   // else the endpoint's own size is meant
	Query string // a sort, a filter or anything else, as a query
}

// Ask is the address of a question.
func (e *List) Ask(q Question) string {
	if q.Way == ByLinks && strings.Contains(e.Address, "{") && e.Params.Page != "" {
		q.Way = ByPage // a template has no address without its page
	}
	var params []uri.Param
	for part := range query.Parts(q.Query) {
		params = append(params, uri.Param{Name: part.Name(), Raw: part.Raw()})
	}
	number := func(name string, n int64) { params = append(params, uri.Of(name, strconv.FormatInt(n, 10))) }
	if name := e.SizeOf(q.Way); q.Sized && name != "" {
		number(name, q.Size)
	}
	switch q.Way {
	case ByPage:
		n := q.Row / max(q.Size, 1)
		if !e.PagesFrom0 {
			n++
		}
		number(e.Params.Page, n)
	case ByOffset:
		n := q.Row
		if e.RowsFrom1 {
			n++
		}
		number(e.Params.Offset, n)
	}
	return uri.With(e.Address, params...)
}

// Base is the address that a plain visitor starts with.
func (e *List) Base(queries ...string) string {
	return e.Ask(Question{Query: strings.Join(queries, "&"), Sized: e.Size > 0, Size: int64(e.Size)})
}
