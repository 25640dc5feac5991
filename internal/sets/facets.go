package sets

import (
	"context"
	"math"
	"slices"
	"strconv"
	"strings"

	"github.com/jackc/pgx/v5"

	"pageladder.example/internal/intake"
	"pageladder.example/paging/rulesfile"
	"pageladder.example/paging/value"
)

// FacetsMost is how many values of a field are counted, the most frequent first.
const FacetsMost = 50

// Facet is one value of a field and how many records have it; a nil value stands
// for those that have none.
type Facet struct {
	Value *string
	Count int64
}

// Facets counts, for each named field, the records that have each of its values,
// under the search and all filters of a query but the field's own. A field with
// more than FacetsMost values gives the most frequent; equally frequent ones come
// in the values' order. Errors are ErrNoSet, *paging.Refusal, *ValueError for a
// field that is not filtered by, or the database's.
func (s *Store) Facets(ctx context.Context, req Request, fields []string) (map[string][]Facet, error) {
	all := map[string][]Facet{}
	err := s.within(ctx, req.Set, func(tx pgx.Tx, set *Set) error {
		ask, err := set.Rules.Read(req.Query)
		if err != nil {
			return err
		}
		for _, field := range fields {
			if !filtered(set.Rules, field) {
				return &ValueError{field, "a field that is not filtered by", "a field of the rules' filters"}
			}
			q, err := newQuestion(set, &ask, req.Visibility)
			if err != nil {
				return err
			}
			counted, err := q.Facet(field, FacetsMost)
			if err != nil {
				return err
			}
			rows, err := tx.Query(ctx, counted.SQL, counted.Args...)
			if err != nil {
				return err
			}
			if all[field], err = pgx.CollectRows(rows, pgx.RowToStructByPos[Facet]); err != nil {
				return err
			}
			// As it is written in a query; what no query can hold (NaN, a float of more than
			// 15 digits) is left out.
			f := set.field(field)
			all[field] = slices.DeleteFunc(all[field], func(facet Facet) bool {
				if facet.Value == nil {
					return false
				}
				*facet.Value = plain(f, *facet.Value)
				_, want := f.Type.Canonical(*facet.Value)
				return want != ""
			})
		}
		return nil
	})
	return all, err
}

// plain is a value as it is written in a query; of a float, without an exponent.
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
