package reading

import (
	"context"
	"math"
	"strconv"
	"strings"

	"pageladder.example/internal/intake"
	"pageladder.example/internal/sets/catalog"
	"pageladder.example/internal/sets/view"
	"pageladder.example/paging/rulesfile"
	"pageladder.example/paging/value"
)

// FacetsLimit is how many values of a field are counted, the most frequent first.
const FacetsLimit = 50

// Facet is one value of a field and how many records have it; a nil value stands
// for those that have none.
type Facet struct {
	Value *string
	Count int64
}

// facets counts, for each field that a request names, the records that have each of its values, under the
// search and all filters of its query except the field's own. A field with more than FacetsLimit values
// gives the most frequent; equally frequent ones come in the values' order. Errors are *catalog.ValueError
// for a field that is not filtered by, *view.Moved if they cannot be counted at the view's state, or the
// source's.
func (r *Reader) facets(ctx context.Context, v view.View, req *Request) (map[string][]Facet, error) {
	if len(req.Facets) == 0 {
		return nil, nil
	}
	set := v.Set()
	ask, err := set.Rules.For(req.Query).Read(req.Query)
	if err != nil {
		return nil, err
	}
	all := map[string][]Facet{}
	for _, field := range req.Facets {
		if !filtered(set.Rules, field) {
			return nil, catalog.Unfit(field, "a field that is not filtered by", "a field of the rules' filters")
		}
		selection := req.selection(ask)
		selection.Except = field
		q, err := v.Ask(selection)
		if err != nil {
			return nil, err
		}
		found, err := r.known.List(q).Values(ctx, q, field, FacetsLimit)
		if err != nil {
			return nil, err
		}
		all[field] = shown(set.Field(field), found)
	}
	return all, nil
}

// shown are values as a query writes them. Those that no query can hold (NaN, a float of more than 15
// digits) are left out.
func shown(f *intake.Field, found []view.Value) []Facet {
	all := []Facet{}
	for _, one := range found {
		facet := Facet{one.Text, one.Count}
		if one.Text != nil {
			text := plain(f, *one.Text)
			if _, want := f.Type.Canonical(text); want != "" {
				continue
			}
			facet.Value = &text
		}
		all = append(all, facet)
	}
	return all
}

// plain is a value as a query writes it; a float has no exponent.
func plain(f *intake.Field, text string) string {
	if f.Type == value.Decimal && strings.Contains(text, "e") {
		if n, err := strconv.ParseFloat(text, 64); err == nil && !math.IsInf(n, 0) {
			return strconv.FormatFloat(n, 'f', -1, 64)
		}
	}
	return Text(f.Type, []byte(text))
}

func filtered(rules *rulesfile.Rules, field string) bool {
	for i := range rules.Filters {
		if rules.Filters[i].Field == field {
			return true
		}
	}
	return false
}
