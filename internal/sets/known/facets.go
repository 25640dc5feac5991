package known

import (
	"cmp"
	"context"
	"errors"
	"slices"
	"time"

	"pageladder.example/internal/sets/view"
)

// facetValues limits the values of a field whose numbers are kept current.
const facetValues = 1_000

// facet is how many records have each value of a field.
type facet struct {
	field   string
	fields  []string // the field alone
	values  []*string
	place   map[string]int // of each value in values
	none    int            // of the missing value; -1: it has not occurred
	counts  []int64        // at the list's mark
	from    int64          // the number of the state that they were counted at
	foundAt time.Time
}

// add moves the counts by changes of a list. The reason says why that is not possible.
func (f *facet) add(l *List, changes []view.Change) (why string) {
	for i := range changes {
		at, why := f.of(l, &changes[i])
		if why != "" {
			return why
		}
		f.counts[at] += changes[i].By
	}
	if slices.Min(append(f.counts, 0)) < 0 { // not in between: the order of changes of one state is not known
		return "the change log does not fit the counts"
	}
	return ""
}

// of is the place of the value that a change has.
func (f *facet) of(l *List, c *view.Change) (at int, why string) {
	value := l.valuesOf(c, f.fields)
	if value == nil {
		return 0, "the change was read without the field"
	}
	if value[0] == nil {
		at = f.none
	} else if known, ok := f.place[string(value[0])]; ok {
		at = known
	} else {
		at = -1
	}
	if at < 0 {
		return 0, "a value has come that was not there"
	}
	return at, ""
}

// Values are the values of a field in a question's list at the state of its view, the most frequent first,
// and how many records have each: at most so many. The question is one without the ask's conditions on
// the field, since it is counted under the others. The error is a *view.Moved if they are known at
// another state by now.
func (l *List) Values(ctx context.Context, q view.Question, field string, limit int) ([]view.Value, error) {
	if q.Mark().State != nil {
		found, err := l.valuesAt(ctx, q, field, limit)
		var lost *lostError
		if err != nil && !errors.As(err, &lost) {
			return nil, err
		}
		if found != nil {
			return found, nil
		}
	}
	if q.View().Steady() {
		return l.countValues(ctx, q, field, limit)
	}
	err := q.Snapshot(ctx, func(q view.Question) error {
		_, err := l.countValues(ctx, q, field, limit)
		return err
	})
	if err != nil {
		return nil, err
	}
	return nil, &view.Moved{Why: "the values are known now, perhaps at another state"}
}

// valuesAt are the values as they are known; nil if they are to be counted.
func (l *List) valuesAt(ctx context.Context, q view.Question, field string, limit int) ([]view.Value, error) {
	if err := l.bring(ctx, q); err != nil {
		return nil, err
	}
	m := q.Mark()
	l.mu.Lock()
	defer l.mu.Unlock()
	f := l.facets[field]
	if f == nil || l.mark.Number < m.Number { // see totalAt
		return nil, nil
	}
	counts := f.counts
	if l.mark.Number > m.Number {
		since, known := l.between(m, l.mark)
		if !known || m.Number < f.from {
			if q.View().Steady() {
				return nil, nil
			}
			return nil, &view.Moved{Why: "the values are known at later states only"}
		}
		counts = slices.Clone(counts)
		for _, i := range since {
			at, why := f.of(l, &l.changes[i])
			if why != "" {
				return nil, nil
			}
			counts[at] -= l.changes[i].By
		}
	}
	q.Selection().Explain.Know("values of "+field, f.from, f.foundAt)
	return f.describe(counts, limit), nil
}

// describe are the most frequent values; equally frequent ones come in their own order.
func (f *facet) describe(counts []int64, limit int) []view.Value {
	found := []view.Value{}
	for i, count := range counts {
		if count > 0 {
			found = append(found, view.Value{Text: f.values[i], Count: count, Rank: i})
		}
	}
	slices.SortStableFunc(found, func(a, b view.Value) int { return cmp.Compare(b.Count, a.Count) })
	return found[:min(len(found), limit)]
}

// countValues counts a field's values in a steady view, and keeps the counts.
func (l *List) countValues(ctx context.Context, q view.Question, field string, limit int) ([]view.Value, error) {
	m := q.Mark()
	if m.State != nil {
		l.mu.Lock()
		l.wants([]string{field}) // of changes after this state
		l.mu.Unlock()
	}
	found, err := q.Values(ctx, field, facetValues+1, m.State != nil)
	if err != nil {
		return nil, err
	}
	if m.State != nil && len(found) <= facetValues && l.start(ctx, q) == nil {
		l.keepFacet(m, field, found)
	}
	return found[:min(len(found), limit)], nil
}

func (l *List) keepFacet(at view.Mark, field string, found []view.Value) {
	f := &facet{field: field, fields: []string{field}, none: -1, place: make(map[string]int, len(found)), values: make([]*string, len(found)), counts: make([]int64, len(found)), from: at.Number, foundAt: time.Now()}
	for _, one := range found {
		f.values[one.Rank], f.counts[one.Rank] = one.Text, one.Count
		if one.Text == nil {
			f.none = one.Rank
		} else {
			f.place[*one.Text] = one.Rank
		}
	}
	l.mu.Lock()
	since, known := l.between(at, l.mark)
	old := l.facets[field]
	if known = known && (old == nil || old.from < at.Number); known {
		var after []view.Change
		for _, i := range since {
			after = append(after, l.changes[i])
		}
		known = f.add(l, after) == ""
	}
	if known {
		set(l.all.facets, &l.facets, field, f)
	}
	l.mu.Unlock()
	if known {
		put(l, l.all.facets, &l.facets, field, f, 0)
	}
}
