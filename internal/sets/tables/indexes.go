package tables

import (
	"fmt"
	"hash/fnv"
	"slices"

	"pageladder.example/internal/sets/catalog"
	"pageladder.example/paging"
	"pageladder.example/paging/value"
)

// Indexes are a set's indexes besides the one of its key, by name: one for each offered sort, the
// default sort, each filter field and each list of fields under the rules' "indexes", with the key
// at its end; a trigram index for each text field with the operators "has" or "starts"; one for
// the search. An index is read in both directions, so that one serves both directions of a sort.
func Indexes(set *catalog.Definition) map[string]string {
	var created [][]string
	add := func(fields []string) {
		for _, k := range set.Rules.Key {
			if !slices.Contains(fields, k) {
				fields = append(slices.Clip(fields), k)
			}
		}
		for _, m := range append(created, set.Rules.Key) {
			if slices.Equal(m, fields) {
				return
			}
		}
		created = append(created, fields)
	}
	for i := range set.Rules.Sorts {
		k := &set.Rules.Sorts[i]
		if len(k.Fields) > 0 {
			add(k.Fields)
		} else {
			add([]string{k.Key})
		}
	}
	if ask, err := set.Rules.Read(""); err == nil {
		var fields []string
		for _, o := range ask.Order() { // an index can only serve one direction, with missing values at one end
			fields = append(fields, o.Field)
		}
		add(fields)
	}
	for _, fields := range set.Rules.Indexes {
		add(fields)
	}
	for _, c := range set.FixedConditions() {
		add([]string{c.Field})
	}
	definitions := []string{}
	for i := range set.Rules.Filters {
		f := &set.Rules.Filters[i]
		add([]string{f.Field})
		if f.Type == value.Text || f.Type == "" {
			if len(f.Operators) == 0 || slices.Contains(f.Operators, paging.Has) || slices.Contains(f.Operators, paging.Starts) {
				definitions = append(definitions, "using gin ("+Quote(f.Field)+" pageladder.gin_trgm_ops)")
			}
		}
	}
	if len(set.Rules.Search) > 0 {
		definitions = append(definitions, "using gin (("+SearchVector(set.Rules.Search, Quote)+"))")
	}
	for _, fields := range created {
		definitions = append(definitions, "("+List(fields, Quote)+")")
	}
	named := map[string]string{}
	for _, d := range definitions {
		h := fnv.New64a()
		h.Write([]byte(d))
		named[fmt.Sprintf("%s_%x", set.Table, h.Sum64())] = d
	}
	return named
}
