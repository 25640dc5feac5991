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

func paramsOf(r *paging.Rules) *Params {
	p := &Params{Page: r.PageParam(), Size: r.SizeParam(), Sort: r.SortParam(), Row: r.RowParam(), Direction: r.Params.Direction, Filters: []FilterParams{}}
	if len(r.Search) > 0 {
		p.Search = r.SearchParam()
	}
	if len(r.Show) > 0 {
		p.Fields = r.FieldsParam()
	}
	for i := range r.Filters {
		f := &r.Filters[i]
		filter := FilterParams{Field: f.Field}
		for _, op := range r.Offered(f) {
			filter.Operators = append(filter.Operators, OperatorParams{op, r.OperatorParam(f, op)})
		}
		p.Filters = append(p.Filters, filter)
	}
	return p
}
