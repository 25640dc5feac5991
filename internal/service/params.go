package service

import "pageladder.example/paging"

// Params are the names of a list's parameters, as its rules resolve them: renamed, set
// apart from one another, or as they are by default.
type Params struct {
	Page      string         `json:"page"` // or offset
	Size      string         `json:"size"` // or limit
	Sort      string         `json:"sort"`
	Row       string         `json:"row"`
	Search    string         `json:"search,omitempty"`    // left out where nothing is searched
	Fields    string         `json:"fields,omitempty"`    // left out where callers cannot choose
	Direction string         `json:"direction,omitempty"` // left out where there is none
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

func paramsOf(rules *paging.Rules) *Params {
	r := rules.Resolved()
	named := &r.Params
	p := &Params{Page: named.Page + named.Offset, Size: named.Size + named.Limit, Sort: named.Sort, Row: named.Row,
		Search: named.Search, Fields: named.Fields, Direction: named.Direction, Filters: []FilterParams{}}
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
