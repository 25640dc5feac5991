package sets

import (
	"fmt"
	"slices"

	"pageladder.example/internal/intake"
	"pageladder.example/paging"
	"pageladder.example/paging/rulesfile"
	"pageladder.example/paging/value"
)

// This file checks rules against the fields of a set.

// offering is rules that offer fields to sort and filter by, under names that are easy to write in
// a query.
func offering(fields []intake.Field, key []string) *rulesfile.Rules {
	r := rulesfile.Of(paging.Rules{Key: key, Unknown: paging.UnknownNoted})
	names := make([]string, len(fields))
	for i, f := range fields {
		names[i] = f.Name
	}
	for i, name := range intake.SafeNames(names) {
		f := fields[i]
		if f.Type != value.JSON && f.Type != unknownType {
			sort := paging.SortKey{Key: name}
			if name != f.Name {
				sort.Fields = []string{f.Name}
			}
			r.Sorts = append(r.Sorts, sort)
			r.Filters = append(r.Filters, paging.FilterRule{Field: f.Name, Type: f.Type})
		}
	}
	if !slices.Contains(names, "after") && !slices.Contains(names, "before") {
		r.Params.After, r.Params.Before = "after", "before"
	}
	return r
}

// rulesFor is rules that offer every field of a file to sort and filter by, and its text fields to
// search. Text has no filter for a part of it: the search finds words, with a single index.
func rulesFor(plan *intake.Plan) *rulesfile.Rules {
	r := offering(plan.Fields, plan.Key)
	for i := range r.Filters {
		if f := &r.Filters[i]; f.Type == value.Text {
			r.Search = append(r.Search, f.Field)
			f.Operators = []paging.Operator{paging.Equals, paging.Not, paging.None}
		}
	}
	return r
}

// fits checks that every field which rules name is there and has the right type.
func fits(r *rulesfile.Rules, fields []intake.Field) error {
	set := Set{Fields: fields}
	for i := range r.Filters {
		rule := &r.Filters[i]
		want := rule.Type
		if want == "" {
			want = value.Text
		}
		if f := set.field(rule.Field); f != nil && f.Type != want {
			return fmt.Errorf("%w: they filter by %q as %s, and it is %s", ErrFields, f.Name, want, f.Type)
		}
	}
	for _, name := range namedBy(r) {
		if set.field(name) == nil {
			return fmt.Errorf("%w: there is no field %q", ErrFields, name)
		}
	}
	if len(r.Key) == 0 {
		return fmt.Errorf("%w: they name no key", ErrFields)
	}
	return nil
}

// namedBy are the fields that rules name.
func namedBy(r *rulesfile.Rules) []string {
	return append(askedBy(r), slices.Concat(r.Show, slices.Concat(r.Indexes...))...)
}

// askedBy are the fields that callers may sort, filter and search by, and the key.
func askedBy(r *rulesfile.Rules) []string {
	names := slices.Concat(r.Key, r.Search)
	for i := range r.Sorts {
		if len(r.Sorts[i].Fields) == 0 {
			names = append(names, r.Sorts[i].Key)
		}
		names = append(names, r.Sorts[i].Fields...)
	}
	for i := range r.Filters {
		names = append(names, r.Filters[i].Field)
	}
	return names
}
