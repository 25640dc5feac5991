package sets

import (
	"slices"
	"strings"

	"pageladder.example/paging"
)

// indexes are the statements that make a set's indexes: one for each offered sort
// and each filter field, with the key at its end; a trigram index for each text
// field that "has" or "starts" is offered on; one for the search. An index is read
// either way, so that one serves both directions of a sort.
func indexes(set *Set) []string {
	var made [][]string
	add := func(fields []string) {
		for _, k := range set.Rules.Key {
			if !slices.Contains(fields, k) {
				fields = append(slices.Clip(fields), k)
			}
		}
		for _, m := range append(made, set.Rules.Key) {
			if slices.Equal(m, fields) {
				return
			}
		}
		made = append(made, fields)
	}
	for i := range set.Rules.Sorts {
		k := &set.Rules.Sorts[i]
		if len(k.Fields) > 0 {
			add(k.Fields)
		} else {
			add([]string{k.Key})
		}
	}
	var statements []string
	for i := range set.Rules.Filters {
		f := &set.Rules.Filters[i]
		add([]string{f.Field})
		if f.Type == paging.Text || f.Type == "" {
			if len(f.Operators) == 0 || slices.Contains(f.Operators, paging.Has) || slices.Contains(f.Operators, paging.Starts) {
				statements = append(statements, "create index on "+tableName(set)+" using gin ("+quote(f.Field)+" pageladder.gin_trgm_ops)")
			}
		}
	}
	if len(set.Rules.Search) > 0 {
		statements = append(statements, "create index on "+tableName(set)+" using gin (("+searchVector(set.Rules.Search)+"))")
	}
	for _, fields := range made {
		statements = append(statements, "create index on "+tableName(set)+" ("+columns(fields)+")")
	}
	slices.SortFunc(statements, strings.Compare)
	return statements
}
