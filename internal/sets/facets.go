package sets

import (
	"cmp"
	"context"
	"math"
	"slices"
	"strconv"
	"strings"
	"sync"
	"time"

	"github.com/jackc/pgx/v5"

	"pageladder.example/internal/changes"
	"pageladder.example/internal/intake"
	"pageladder.example/paging/rulesfile"
	"pageladder.example/paging/statement"
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

// facetsKept is the number of facets that are kept current, facetValues the most values that each
// may have for that.
const (
	facetsKept  = 200
	facetValues = 1_000
)

// facet is the counts of a field's values, kept current like a count.
type facet struct {
	base

	values []*string      // in the database's order, the missing value last
	place  map[string]int // of each value in values
	none   int            // index of the missing value; -1: it has not occurred

	mu sync.Mutex
	at []facetsAt // by rising version
}

// facetsAt is the counts of a facet's values from one version on.
type facetsAt struct {
	from   int64
	until  changes.Mark
	counts []int64
}

const facetsAtKept = 8

// facetsOf counts, for each named field, the records that have each of its values, under the
// search and all filters of a query except the field's own, at the version of a set. A field with
// more than FacetsMost values gives the most frequent; equally frequent ones come in the values'
// order. Errors are *ValueError for a field that is not filtered by, errMoved if that version
// cannot be read over these connections, or the database's.
func (s *Store) facetsOf(ctx context.Context, db querier, set *Set, req Request, fields []string) (map[string][]Facet, error) {
	if len(fields) == 0 {
		return nil, nil
	}
	ask, err := set.Rules.Read(req.Query)
	if err != nil {
		return nil, err
	}
	all := map[string][]Facet{}
	for _, field := range fields {
		if !filtered(set.Rules, field) {
			return nil, &ValueError{field, "a field that is not filtered by", "a field of the rules' filters"}
		}
		q, err := newQuestion(set, &ask, req.Visibility)
		if err != nil {
			return nil, err
		}
		q.explain = req.Explain
		if all[field], err = s.facetOf(ctx, db, q, field); err != nil {
			return nil, err
		}
	}
	return all, nil
}

// facetOf counts a field's values at the version of the question's set.
func (s *Store) facetOf(ctx context.Context, db querier, q *question, field string) ([]Facet, error) {
	key := strconv.Quote(field) + " " + q.listKey()
	if q.set.hasStamps() {
		if f, ok := s.facets.Get(key); ok {
			why, err := f.update(ctx, s.folds(q.set), q, field)
			if err != nil {
				return nil, err
			}
			if found, ok := f.of(q.set, field); ok && why == "" {
				q.explain.base("values of "+field, f.base)
				return found, nil
			}
			switch _, snapshot := db.(pgx.Tx); {
			case why != "":
				s.facets.Remove(key)
				s.distrust(q.set, why)
			case !snapshot:
				return nil, errMoved // known at later versions only
			}
			q.explain.anew(why)
		}
	}
	if tx, ok := db.(pgx.Tx); ok {
		return s.countFacet(ctx, tx, q, field, key)
	}
	err := s.snapshotOf(ctx, q.set, func(tx pgx.Tx) error {
		_, err := s.countFacet(ctx, tx, q, field, key)
		return err
	})
	if err != nil {
		return nil, err
	}
	return nil, errMoved // it is known now, perhaps at another version
}

// countFacet counts a field's values in a snapshot, and keeps the counts.
func (s *Store) countFacet(ctx context.Context, tx pgx.Tx, q *question, field, key string) ([]Facet, error) {
	counted, err := q.Facet(field, facetValues+1)
	if err != nil {
		return nil, err
	}
	q.explain.sql(counted.SQL)
	found, err := collectFacets(ctx, tx, counted)
	if err != nil {
		return nil, err
	}
	if kept, ok := s.facets.Peek(key); q.set.hasStamps() && len(found) <= facetValues && !(ok && kept.Version > q.set.Version) {
		mark, _, err := s.markIn(ctx, tx, q.set)
		if err != nil {
			return nil, err
		}
		f := &facet{base: baseAt(mark), none: -1, place: make(map[string]int, len(found))}
		sorted, err := inOrder(ctx, tx, q.set, q.set.field(field), found)
		if err != nil {
			return nil, err
		}
		first := facetsAt{mark.Version, mark, make([]int64, len(sorted))}
		for i, one := range sorted {
			f.values = append(f.values, one.Value)
			if first.counts[i] = one.Count; one.Value == nil {
				f.none = i
			} else {
				f.place[*one.Value] = i
			}
		}
		f.at = []facetsAt{first}
		s.facets.Add(key, f)
	}
	return shownFacets(q.set.field(field), found), nil
}

func collectFacets(ctx context.Context, db querier, counted statement.Statement) ([]Facet, error) {
	rows, err := db.Query(ctx, counted.SQL, counted.Args...)
	if err != nil {
		return nil, err
	}
	return pgx.CollectRows(rows, pgx.RowToStructByPos[Facet])
}

// inOrder sorts counts by their values as the database sorts them.
func inOrder(ctx context.Context, tx pgx.Tx, set *Set, f *intake.Field, found []Facet) ([]Facet, error) {
	values := make([]*string, len(found))
	for i := range found {
		values[i] = found[i].Value
	}
	base, collation := set.compared(f)
	rows, err := tx.Query(ctx, "select n from unnest($1::text[]) with ordinality as given (value, n) order by value::"+base+" "+collation+" nulls last", values)
	if err != nil {
		return nil, err
	}
	order, err := pgx.CollectRows(rows, pgx.RowTo[int])
	sorted := make([]Facet, len(order))
	for i, n := range order {
		sorted[i] = found[n-1]
	}
	return sorted, err
}

// shownFacets are the most frequent values, written as a query writes them. Values that no query
// can hold (NaN, a float of more than 15 digits) are left out.
func shownFacets(f *intake.Field, found []Facet) []Facet {
	shown := []Facet{}
	for _, facet := range found[:min(len(found), FacetsMost)] {
		if facet.Value != nil {
			text := plain(f, *facet.Value)
			if _, want := f.Type.Canonical(text); want != "" {
				continue
			}
			facet.Value = &text
		}
		shown = append(shown, facet)
	}
	return shown
}

// of gives the counts at the version of a set.
func (f *facet) of(set *Set, field string) ([]Facet, bool) {
	f.mu.Lock()
	defer f.mu.Unlock()
	i := slices.IndexFunc(f.at, func(at facetsAt) bool { return at.from <= set.Version && set.Version <= at.until.Version })
	if i < 0 {
		return nil, false
	}
	var found []Facet
	for n, count := range f.at[i].counts {
		if count > 0 {
			found = append(found, Facet{f.values[n], count})
		}
	}
	slices.SortStableFunc(found, func(a, b Facet) int { return cmp.Compare(b.Count, a.Count) })
	return shownFacets(set.field(field), found), true
}

func (f *facet) last() facetsAt {
	f.mu.Lock()
	defer f.mu.Unlock()
	return f.at[len(f.at)-1]
}

// update updates the counts to the version of a question's set. The reason says why that is not
// possible.
func (f *facet) update(ctx context.Context, db querier, q *question, field string) (why string, err error) {
	began := time.Now()
	from, end, why, err := f.next(ctx, q.set, func() changes.Mark { return f.last().until })
	if end == nil {
		return why, err
	}
	defer end()
	was := f.last()
	counts, folded := slices.Clone(was.counts), int64(0)
	for _, side := range []struct {
		where string
		sign  int64
	}{{before, changes.Before}, {after, changes.After}} {
		asked, err := q.onLog(from, side.where)
		if err != nil {
			return "the change log lacks a field of the question", nil
		}
		counted, err := asked.Facet(field, changes.Most)
		if err != nil {
			return "the change log lacks a field of the question", nil
		}
		q.explain.sql(counted.SQL)
		rows, err := db.Query(ctx, q.proved(from, counted.SQL, "value, records", q.set.longOf([]string{field})...), counted.Args...)
		if err != nil {
			return logGone(err)
		}
		proof := ""
		var one Facet
		var n *int64 // nil if nothing has changed
		var found []Facet
		if _, err := pgx.ForEachRow(rows, []any{&proof, &one.Value, &n}, func() error {
			if n != nil {
				found = append(found, Facet{one.Value, *n})
			}
			return nil
		}); err != nil {
			return logGone(err)
		}
		if why := f.refuted(proof); why != "" {
			return why, nil
		}
		for _, one := range found {
			folded += one.Count
			i := f.none
			if one.Value != nil {
				var known bool
				if i, known = f.place[*one.Value]; !known {
					i = -1
				}
			}
			if i < 0 {
				return "a value has come that was not there", nil
			}
			counts[i] += side.sign * one.Count
		}
	}
	if slices.Min(append(counts, 0)) < 0 {
		return "the change log does not fit the counts", nil
	}
	f.mu.Lock()
	defer f.mu.Unlock()
	q.explain.folded(folded, began)
	if folded == 0 {
		f.at[len(f.at)-1].until = q.set.mark()
		return "", nil
	}
	f.at = append(f.at, facetsAt{q.set.Version, q.set.mark(), counts})
	f.at = f.at[max(len(f.at)-facetsAtKept, 0):]
	return "", nil
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
