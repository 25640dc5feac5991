package sets

import (
	"context"
	"errors"
	"fmt"
	"strings"
	"time"

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

// FixedError tells what is wrong with a fixed filter.
type FixedError struct{ Says string }

func (e *FixedError) Error() string { return "the fixed filter: " + e.Says }

// fixedFor is the fixed filter that is in force for a caller.
func (s *Set) fixedFor(sees Visibility) []paging.Condition {
	if sees == All {
		return nil
	}
	return s.fixed
}

// FixedFor is the text of the fixed filter that is in force for a caller.
func (s *Set) FixedFor(sees Visibility) string {
	if sees == All {
		return ""
	}
	return s.Fixed
}

// fixedFilter reads a fixed filter. It is written as the filters of a query are,
// and may use every field of the set, whatever its rules offer. Nothing else can
// stand there.
func fixedFilter(fields []intake.Field, filter string) ([]paging.Condition, error) {
	if filter == "" {
		return nil, nil
	}
	rules := fixedRules(fields)
	ask, err := rules.Read(filter)
	var refusal *paging.Refusal
	if errors.As(err, &refusal) {
		says := make([]string, len(refusal.Faults))
		for i, f := range refusal.Faults {
			says[i] = f.Param + ": " + f.Says
		}
		return nil, &FixedError{strings.Join(says, " ")}
	}
	if err == nil && len(ask.Conditions()) == 0 {
		err = &FixedError{fmt.Sprintf("found %q; right would be filters of the set's fields, such as cleared=true&tonnage.min=500", filter)}
	}
	return ask.Conditions(), err
}

// fixedRules are the rules that a fixed filter is read by.
func fixedRules(fields []intake.Field) *paging.Rules {
	rules := &paging.Rules{Aside: rulesfile.Aside, Unknown: paging.UnknownRefuse, OnFault: paging.Refuse,
		// Names that no field has, so that every field goes by its own.
		Params: paging.Params{Page: "\x00page", Size: "\x00size", Sort: "\x00sort", Row: "\x00row"}}
	for _, f := range fields {
		if f.Type != unknownType {
			rules.Filters = append(rules.Filters, paging.FilterRule{Field: f.Name, Type: f.Type})
		}
	}
	return rules
}

// wholeDays is how the dates in a fixed filter are meant where its field is a time. A
// filter that was written before means their midnight.
const wholeDays = "whole days"

// instants writes a fixed filter from before so that it goes on meaning what it meant:
// each date that is held against a time becomes its midnight.
func instants(fields []intake.Field, filter string) string {
	rules := fixedRules(fields)
	var parts []string
	for p := range query.Parts(filter) {
		part := p.Raw()
		ask, _ := rules.Read(part) // one that is wrong asks for nothing
		for _, c := range ask.Conditions() {
			if c.Type == value.Time && len(c.Values[0]) == len(time.DateOnly) {
				part = p.RawName() + "=" + c.Values[0] + "T00:00:00Z"
			}
		}
		parts = append(parts, part)
	}
	return strings.Join(parts, "&")
}

// keepInstants writes the fixed filters of sets anew that are from before. What they
// mean stays, and so does the sets' version.
func (s *Store) keepInstants(ctx context.Context, all []*Set) error {
	for _, set := range all {
		_, err := s.pool.Exec(ctx, "update pageladder.record_set set fixed = $2, fixed_dates = $3 where name = $1 and version = $4 and fixed_dates <> $3",
			set.Name, set.Fixed, wholeDays, set.Version)
		if err != nil {
			return err
		}
	}
	return nil
}
