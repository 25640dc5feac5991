package paging

import (
	"cmp"
	"slices"
)

// This file has the names of the parameters in force.

// pageParam is the name of the parameter that says which page: "page" or
// "offset" unless renamed; "" where pages have no number.
func (r *Rules) pageParam() string {
	if r.byCursor() {
		return ""
	}
	if r.byOffset() {
		return r.named(r.Params.Offset, "offset")
	}
	return r.named(r.Params.Page, "page")
}

// sizeParam is the name of the parameter that says how many records: "size" or
// "limit" unless renamed.
func (r *Rules) sizeParam() string {
	if r.byOffset() {
		return r.named(r.Params.Limit, "limit")
	}
	return r.named(r.Params.Size, "size")
}

// afterParam and beforeParam are the names of the parameters that hold a cursor; "" where
// callers cannot give one.
func (r *Rules) afterParam() string  { return r.cursorParam(r.Params.After, "after") }
func (r *Rules) beforeParam() string { return r.cursorParam(r.Params.Before, "before") }

func (r *Rules) cursorParam(name, otherwise string) string {
	switch {
	case !r.cursors():
		return ""
	case r.byCursor():
		return r.named(name, otherwise)
	}
	return r.named(name, "")
}

func (r *Rules) sortParam() string      { return r.named(r.Params.Sort, "sort") }
func (r *Rules) rowParam() string       { return r.named(r.Params.Row, "row") }
func (r *Rules) searchParam() string    { return r.named(r.Params.Search, "q") }
func (r *Rules) fieldsParam() string    { return r.named(r.Params.Fields, "fields") }
func (r *Rules) directionParam() string { return r.named(r.Params.Direction, "") }

// named is a parameter's name with the prefix; "" where there is none.
func (r *Rules) named(name, otherwise string) string {
	if name = cmp.Or(name, otherwise); name == "" || r.Prefix == "" {
		return name
	}
	return r.Prefix + name
}

// inForce are the names of the parameters that are read.
func (r *Rules) inForce() Params {
	p := Params{Row: r.rowParam(), Sort: r.sortParam(), Direction: r.directionParam(), After: r.afterParam(), Before: r.beforeParam()}
	if r.byOffset() {
		p.Offset, p.Limit = r.pageParam(), r.sizeParam()
	} else {
		p.Page, p.Size = r.pageParam(), r.sizeParam()
	}
	if len(r.Search) > 0 {
		p.Search = r.searchParam()
	}
	if len(r.Show) > 0 {
		p.Fields = r.fieldsParam()
	}
	return p
}

// paramNames are the names of the parameters in force, besides the filters'.
func (r *Rules) paramNames() []string {
	p := r.inForce()
	all := []string{p.Page, p.Offset, p.Size, p.Limit, p.Sort, p.Row, p.Search, p.Fields, p.Direction, p.After, p.Before}
	return slices.DeleteFunc(all, func(name string) bool { return name == "" })
}
