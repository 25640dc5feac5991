package catalog

import (
	"context"
	"errors"
	"fmt"
	"strings"
	"time"

	"github.com/jackc/pgx/v5/pgxpool"

	"pageladder.example/internal/intake"
	"pageladder.example/paging"
	"pageladder.example/paging/query"
	"pageladder.example/paging/rulesfile"
	"pageladder.example/paging/value"
)

// Visibility is how much of a set a caller may see.
type Visibility bool

// The visibilities.
const (
	Filtered Visibility = false // what the set's fixed filter leaves
	All      Visibility = true  // all records
)

// FixedError says what is wrong with a fixed filter.
type FixedError struct{ Says string }

func (e *FixedError) Error() string { return "the fixed filter: " + e.Says }

// FixedConditions are the conditions of the fixed filter.
func (d *Definition) FixedConditions() []paging.Condition { return d.fixed }

// BindsFor are those that apply to a caller.
func (d *Definition) BindsFor(sees Visibility) []paging.Condition {
	if sees == All {
		return nil
	}
	return d.fixed
}

// FixedFor is the text of the fixed filter that applies to a caller.
func (d *Definition) FixedFor(sees Visibility) string {
	if sees == All {
		return ""
	}
	return d.Fixed
}

// FixedFilter reads a fixed filter. It is written like the filters of a query, and may use every
// field of the set, whatever its rules offer. Anything else in it is an error.
func FixedFilter(fields []intake.Field, filter string) ([]paging.Condition, error) {
	if filter == "" {
		return nil, nil
	}
	ask, err := fixedRules(fields, filter).Read(filter)
	var refusal *paging.Refusal
	if errors.As(err, &refusal) {
		says := make([]string, len(refusal.Faults))
		for i, f := range refusal.Faults {
			says[i] = f.Param + ": " + f.Says
		}
		return nil, &FixedError{strings.Join(says, " ")}
	}
	if err != nil {
		return nil, &FixedError{err.Error()}
	}
	if len(ask.Conditions()) == 0 {
		err = &FixedError{fmt.Sprintf("found %q; right would be filters of the set's fields, such as cleared=true&tonnage.min=500", filter)}
	}
	return ask.Conditions(), err
}

// fixedRules are the rules that a fixed filter is read by: each field goes by its own name. Of two fields of which one
// is called as a parameter of the other, such as "a" and "a.min", the filter means the one with the longer name.
func fixedRules(fields []intake.Field, filter string) *paging.Rules {
	names := map[string]bool{}
	for _, f := range fields {
		names[f.Name] = f.Type != UnknownType
	}
	wanted := map[string]bool{} // false: a parameter of it is another field
	for p := range query.Parts(filter) {
		name := p.Name()
		for !names[name] && strings.Contains(name, ".") {
			name = name[:strings.LastIndexByte(name, '.')]
		}
		for wanted[name] = true; strings.Contains(name, "."); {
			if name = name[:strings.LastIndexByte(name, '.')]; !wanted[name] {
				wanted[name] = false
			}
		}
	}
	free := func(name string) string {
		for names[name] {
			name += "_"
		}
		return name
	}
	rules := &paging.Rules{Aside: rulesfile.Aside, Unknown: paging.UnknownRefuse, OnFault: paging.Refuse,
		Params: paging.Params{Page: free("page"), Size: free("size"), Sort: free("sort"), Row: free("row")}}
	for _, f := range fields {
		if is, known := wanted[f.Name]; names[f.Name] && (is || !known && (!strings.Contains(f.Name, ".") || strings.HasPrefix(f.Name, rulesfile.Aside))) {
			rules.Filters = append(rules.Filters, paging.FilterRule{Field: f.Name, Type: f.Type})
		}
	}
	return rules
}

// wholeDays marks fixed filters in which a date that is compared with a time means the whole day.
// In filters without the mark, which are older, it means midnight.
const wholeDays = "whole days"

// instants rewrites an older fixed filter so that it keeps its meaning: a date that is compared
// with a time becomes its midnight.
func instants(fields []intake.Field, filter string) string {
	rules := fixedRules(fields, filter)
	var parts []string
	for p := range query.Parts(filter) {
		part := p.Raw()
		ask, _ := rules.Read(part) // a wrong one gives an ask without conditions
		for _, c := range ask.Conditions() {
			if c.Type == value.Time && len(c.Values[0]) == len(time.DateOnly) {
				part = p.RawName() + "=" + c.Values[0] + "T00:00:00Z"
			}
		}
		parts = append(parts, part)
	}
	return strings.Join(parts, "&")
}

// KeepInstants rewrites the older fixed filters of all sets. Their meaning, and the sets'
// versions, stay.
func KeepInstants(ctx context.Context, pool *pgxpool.Pool, all []*Set) error {
	for _, set := range all {
		_, err := pool.Exec(ctx, "update pageladder.record_set set fixed = $2, fixed_dates = $3 where name = $1 and version = $4 and fixed_dates <> $3",
			set.Name, set.Fixed, wholeDays, set.Version)
		if err != nil {
			return err
		}
	}
	return nil
}
