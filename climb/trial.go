package climb

// This file asks an endpoint on trial for what its first answer does not tell.

import (
	"context"
	"errors"
	"maps"
	"slices"
	"strconv"
	"strings"

	"pageladder.example/paging/query"
)

// trial asks with one more parameter; nil: it was refused, or cannot be read.
func (f *finder) trial(ctx context.Context, query string) (*answer[any], error) {
	r, err := f.get(ctx, f.e.base(query))
	if errors.Is(err, errTimeout) || errors.Is(err, errMoved) || errors.Is(err, errTooLong) {
		return nil, nil
	}
	if err != nil {
		return nil, err
	}
	if a := read[any](r, &f.e); a.ok() {
		return a, nil
	}
	return nil, nil
}

// findByTrial tries usual names for what is still open. A list of fewer than two records
// shows nothing.
func (f *finder) findByTrial(ctx context.Context) error {
	if len(f.first.records) < 2 {
		return nil
	}
	for _, try := range []func(context.Context) error{f.trySizes, f.tryPages, f.tryOffsets, f.tryCursors, f.trySorts, f.tryFilters} {
		if err := try(ctx); err != nil {
			return err
		}
	}
	return nil
}

// each tries names until one does what is looked for.
func (f *finder) each(ctx context.Context, names []string, value string, does func(a *answer[any]) bool) (string, error) {
	for _, name := range names {
		a, err := f.trial(ctx, query.Encode(query.Pair{Name: name, Value: value}))
		if err != nil {
			return "", err
		}
		if a != nil && does(a) {
			return name, nil
		}
	}
	return "", nil
}

func (f *finder) trySizes(ctx context.Context) (err error) {
	p := &f.e.Params
	if p.Size != "" || p.Limit != "" || f.e.Shape == HTML && f.e.numbered() == byLinks && f.first.steps["next"] == "" {
		return nil
	}
	rows := len(f.first.records)
	for _, n := range []int{rows / 2, rows * 2} { // a closed list of sizes may have only one of them
		name, err := f.each(ctx, usualParams.size, strconv.Itoa(n), func(a *answer[any]) bool {
			if len(a.records) == n && n < rows {
				f.short = a
			}
			return len(a.records) == n
		})
		if err != nil || name != "" {
			if p.Offset != "" {
				p.Limit = name
			} else {
				p.Size = name
			}
			if f.short != nil {
				f.learn(f.short)
				f.short = read[any](f.short.reply, &f.e)
				f.findByLinks(f.short)
			}
			return err
		}
	}
	return nil
}

// small is a query for pages so short that there is a second one.
func (f *finder) small() (string, int) {
	rows := len(f.first.records)
	if name := f.e.Params.sizeOf(byPage); name != "" {
		return query.Encode(query.Pair{Name: name, Value: strconv.Itoa(rows / 2)}) + "&", rows / 2
	}
	return "", rows
}

func (f *finder) tryPages(ctx context.Context) (err error) {
	p := &f.e.Params
	if p.Page != "" || p.Offset != "" || p.After != "" && f.first.steps["next"] != "" {
		return nil
	}
	small, _ := f.small()
	plain, err := f.trial(ctx, strings.TrimSuffix(small, "&"))
	if err != nil || plain == nil {
		return err
	}
	for _, name := range usualParams.page {
		number := func(n string) string { return small + query.Encode(query.Pair{Name: name, Value: n}) }
		second, err := f.trial(ctx, number("2"))
		if err != nil {
			return err
		}
		if second == nil || len(second.records) == 0 || f.sameStart(second, plain) {
			continue // it has no effect, or there is no such page
		}
		first, err := f.trial(ctx, number("1"))
		if err != nil {
			return err
		}
		if first == nil || len(first.records) == 0 {
			continue
		}
		if f.sameStart(first, second) { // of two pages, counted from 0, both may lead to the last one
			if first, err = f.trial(ctx, number("0")); err != nil {
				return err
			}
			if first == nil || !f.sameStart(first, plain) {
				continue
			}
			p.Page, f.e.PagesFrom0 = name, true
			return nil
		}
		p.Page, f.e.PagesFrom0 = name, !f.sameStart(first, plain)
		return nil
	}
	return nil
}

// sameStart reports whether two answers begin with the same record.
func (f *finder) sameStart(a, b *answer[any]) bool {
	return len(a.records) > 0 && len(b.records) > 0 && identify(a.records[0], f.e.Key) == identify(b.records[0], f.e.Key)
}

func (f *finder) tryOffsets(ctx context.Context) (err error) {
	p := &f.e.Params
	if p.Offset != "" || p.Page != "" {
		return nil
	}
	// The second record is at offset 1, or where rows are counted from 1 at 2.
	begins := func(a *answer[any], at int) bool { return len(a.records) > 0 && f.indexOf(a.records[0]) == at }
	if p.Offset, err = f.each(ctx, usualParams.offset, "1", func(a *answer[any]) bool { return begins(a, 1) }); err == nil && p.Offset == "" {
		p.Offset, err = f.each(ctx, usualParams.offset, "2", func(a *answer[any]) bool { return begins(a, 1) })
		f.e.RowsFrom1 = p.Offset != ""
	}
	if err != nil {
		return err
	}
	if p.Offset != "" && p.Limit == "" {
		p.Limit, p.Size = p.Size, ""
	}
	return nil
}

func (f *finder) tryCursors(ctx context.Context) (err error) {
	p := &f.e.Params
	from := f.first
	if f.short != nil {
		from = f.short
	}
	cursor, ok := plain(from.stated["after"])
	if !ok || cursor == "" || p.After != "" || from.steps["next"] != "" {
		return nil
	}
	p.After, err = f.each(ctx, usualParams.after, cursor, func(a *answer[any]) bool {
		return len(a.records) > 0 && f.indexOf(a.records[0]) != 0 // it has an effect: where it leads to, the walk will show
	})
	return err
}

// indexOf is where a record stands in the first answer, -1 where it does not.
func (f *finder) indexOf(record any) int {
	its := identify(record, f.e.Key)
	return slices.IndexFunc(f.first.records, func(r any) bool { return identify(r, f.e.Key) == its })
}

// trySorts looks for an order by a field in which the records of the first answer differ.
func (f *finder) trySorts(ctx context.Context) error {
	if len(f.e.Sorts) > 0 {
		return nil
	}
	field := f.differing(func(text string) bool { _, ok := whole(text); return ok })
	if field == "" {
		field = f.differing(func(string) bool { return true })
	}
	if field == "" {
		return nil
	}
	params := usualParams.sort
	if f.e.Params.Sort != "" {
		params = []string{f.e.Params.Sort}
	}
	for _, name := range params {
		up := query.Encode(query.Pair{Name: name, Value: field})
		down := query.Encode(query.Pair{Name: name, Value: "-" + field})
		a, err := f.trial(ctx, up)
		if err != nil {
			return err
		}
		b, err := f.trial(ctx, down)
		if err != nil {
			return err
		}
		if a != nil && b != nil && rises(a.records, field, 1) && rises(b.records, field, -1) {
			f.e.Params.Sort = name
			f.e.Sorts = []Sort{{field, up, down}}
			return nil
		}
	}
	return nil
}

// rises reports whether records rise by a field (or fall, -1), and not all are equal.
func rises(records []any, field string, direction int) bool {
	moves := false
	for i := 1; i < len(records); i++ {
		c := direction * compare(fieldOf(records[i-1], field), fieldOf(records[i], field))
		if c > 0 {
			return false
		}
		moves = moves || c < 0
	}
	return moves
}

// differing is a plain field whose values differ, and all satisfy a condition.
func (f *finder) differing(is func(string) bool) string {
	object, ok := f.first.records[0].(map[string]any)
	if !ok {
		return ""
	}
	for _, field := range slices.Sorted(maps.Keys(object)) {
		values := map[string]bool{}
		right := true
		for _, r := range f.first.records {
			text, ok := plain(fieldOf(r, field))
			right = right && ok && is(text)
			values[text] = true
		}
		if right && len(values) > 1 {
			return field
		}
	}
	return ""
}

// tryFilters looks for a parameter of a field's name that leaves only some of the records.
func (f *finder) tryFilters(ctx context.Context) error {
	object, ok := f.first.records[0].(map[string]any)
	if !ok || len(f.e.Filters) > 0 {
		return nil
	}
	var all []candidate
	for _, field := range slices.Sorted(maps.Keys(object)) {
		if c, ok := f.commonest(field); ok {
			all = append(all, c)
		}
	}
	slices.SortStableFunc(all, func(a, b candidate) int { return b.rows - a.rows })
	for _, c := range all[:min(len(all), 4)] {
		a, err := f.trial(ctx, c.Query)
		if err != nil {
			return err
		}
		if a != nil && len(a.records) > 0 && !slices.ContainsFunc(a.records, func(r any) bool { return !c.lets(r) }) {
			f.e.Filters = []Filter{c.Filter}
			return nil
		}
	}
	return nil
}

// candidate is a filter that may be offered, and how many records of the first answer fit.
type candidate struct {
	Filter
	rows int
}

// commonest is a filter by a field's most frequent value, where that is not all of them.
func (f *finder) commonest(field string) (candidate, bool) {
	counts := map[string]int{}
	for _, r := range f.first.records {
		if text, ok := plain(fieldOf(r, field)); ok && text != "" && len(text) < 100 {
			counts[text]++
		}
	}
	if len(counts) < 2 || len(counts) == len(f.first.records) {
		return candidate{}, false
	}
	value := slices.MaxFunc(slices.Sorted(maps.Keys(counts)), func(a, b string) int { return counts[a] - counts[b] })
	return candidate{Filter{query.Encode(query.Pair{Name: field, Value: value}), field, value}, counts[value]}, true
}
