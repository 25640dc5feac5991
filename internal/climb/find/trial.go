package find

import (
	"context"
	"errors"
	"maps"
	"slices"
	"strconv"
	"strings"

	"pageladder.example/climb/endpoint"
	"pageladder.example/internal/climb/fetch"
	"pageladder.example/internal/climb/values"
	"pageladder.example/paging/query"
)

// This file asks an endpoint on trial for what its first answer does not say.

// trial asks with one more parameter; nil: it was refused, or cannot be read.
func (f *Finder) trial(ctx context.Context, query string) (*fetch.Answer[any], error) {
	r, err := f.Get(ctx, f.List.Base(query))
	if errors.Is(err, fetch.ErrTimeout) || errors.Is(err, fetch.ErrMoved) || errors.Is(err, fetch.ErrTooLong) {
		return nil, nil
	}
	if err != nil {
		return nil, err
	}
	if a := fetch.Read[any](r, &f.List); a.OK() {
		return a, nil
	}
	return nil, nil
}

// findByTrial tries usual names for what is still open. A list of fewer than two records
// shows nothing.
func (f *Finder) findByTrial(ctx context.Context) error {
	if len(f.First.Records) < 2 {
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
func (f *Finder) each(ctx context.Context, names []string, value string, does func(a *fetch.Answer[any]) bool) (string, error) {
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

func (f *Finder) trySizes(ctx context.Context) (err error) {
	p := &f.List.Params
	if p.Size != "" || p.Limit != "" || f.List.Format == endpoint.HTML && f.List.Numbered() == fetch.ByLinks && f.First.Steps["next"] == "" {
		return nil
	}
	rows := len(f.First.Records)
	for _, n := range []int{rows / 2, rows * 2} { // a closed list of sizes may have only one of them
		name, err := f.each(ctx, UsualParams.size, strconv.Itoa(n), func(a *fetch.Answer[any]) bool {
			if len(a.Records) == n && n < rows {
				f.short = a
			}
			return len(a.Records) == n
		})
		if err != nil || name != "" {
			if p.Offset != "" {
				p.Limit = name
			} else {
				p.Size = name
			}
			if f.short != nil {
				f.learn(f.short)
				f.short = fetch.Read[any](f.short.Reply, &f.List)
				f.findByLinks(f.short)
			}
			return err
		}
	}
	return nil
}

// small is a query for pages so short that there is a second one.
func (f *Finder) small() (string, int) {
	rows := len(f.First.Records)
	if name := f.List.SizeOf(fetch.ByPage); name != "" {
		return query.Encode(query.Pair{Name: name, Value: strconv.Itoa(rows / 2)}) + "&", rows / 2
	}
	return "", rows
}

func (f *Finder) tryPages(ctx context.Context) (err error) {
	p := &f.List.Params
	if p.Page != "" || p.Offset != "" || p.After != "" && f.First.Steps["next"] != "" {
		return nil
	}
	small, _ := f.small()
	plain, err := f.trial(ctx, strings.TrimSuffix(small, "&"))
	if err != nil || plain == nil {
		return err
	}
	for _, name := range UsualParams.page {
		number := func(n string) string { return small + query.Encode(query.Pair{Name: name, Value: n}) }
		second, err := f.trial(ctx, number("2"))
		if err != nil {
			return err
		}
		if second == nil || len(second.Records) == 0 || f.sameStart(second, plain) {
			continue // it has no effect, or there is no such page
		}
		first, err := f.trial(ctx, number("1"))
		if err != nil {
			return err
		}
		if first == nil || len(first.Records) == 0 {
			continue
		}
		if f.sameStart(first, second) { // of two pages, counted from 0, both may lead to the last one
			if first, err = f.trial(ctx, number("0")); err != nil {
				return err
			}
			if first == nil || !f.sameStart(first, plain) {
				continue
			}
			p.Page, f.List.PagesFrom0 = name, true
			return nil
		}
		p.Page, f.List.PagesFrom0 = name, !f.sameStart(first, plain)
		return nil
	}
	return nil
}

// sameStart reports whether two answers begin with the same record.
func (f *Finder) sameStart(a, b *fetch.Answer[any]) bool {
	return len(a.Records) > 0 && len(b.Records) > 0 && values.Identify(a.Records[0], f.List.Key) == values.Identify(b.Records[0], f.List.Key)
}

func (f *Finder) tryOffsets(ctx context.Context) (err error) {
	p := &f.List.Params
	if p.Offset != "" || p.Page != "" {
		return nil
	}
	// The second record is at offset 1, or where rows are counted from 1 at 2.
	begins := func(a *fetch.Answer[any], at int) bool { return len(a.Records) > 0 && f.indexOf(a.Records[0]) == at }
	if p.Offset, err = f.each(ctx, UsualParams.offset, "1", func(a *fetch.Answer[any]) bool { return begins(a, 1) }); err == nil && p.Offset == "" {
		p.Offset, err = f.each(ctx, UsualParams.offset, "2", func(a *fetch.Answer[any]) bool { return begins(a, 1) })
		f.List.RowsFrom1 = p.Offset != ""
	}
	if err != nil {
		return err
	}
	if p.Offset != "" && p.Limit == "" {
		p.Limit, p.Size = p.Size, ""
	}
	return nil
}

func (f *Finder) tryCursors(ctx context.Context) (err error) {
	p := &f.List.Params
	from := f.First
	if f.short != nil {
		from = f.short
	}
	cursor, ok := values.Plain(from.Stated["after"])
	if !ok || cursor == "" || p.After != "" || from.Steps["next"] != "" {
		return nil
	}
	p.After, err = f.each(ctx, UsualParams.after, cursor, func(a *fetch.Answer[any]) bool {
		return len(a.Records) > 0 && f.indexOf(a.Records[0]) != 0 // it has an effect: where it leads to, the walk will show
	})
	return err
}

// indexOf is where a record stands in the first answer, -1 where it does not.
func (f *Finder) indexOf(record any) int {
	other := values.Identify(record, f.List.Key)
	return slices.IndexFunc(f.First.Records, func(r any) bool { return values.Identify(r, f.List.Key) == other })
}

// trySorts looks for an order by a field in which the records of the first answer differ.
func (f *Finder) trySorts(ctx context.Context) error {
	if len(f.List.Sorts) > 0 {
		return nil
	}
	field := f.differing(func(text string) bool { _, ok := values.Whole(text); return ok })
	if field == "" {
		field = f.differing(func(string) bool { return true })
	}
	if field == "" {
		return nil
	}
	params := UsualParams.Sort
	if f.List.Params.Sort != "" {
		params = []string{f.List.Params.Sort}
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
		if a != nil && b != nil && rises(a.Records, field, 1) && rises(b.Records, field, -1) {
			f.List.Params.Sort = name
			f.List.Sorts = []endpoint.Sort{{Field: field, Ascending: up, Descending: down}}
			return nil
		}
	}
	return nil
}

// rises reports whether records rise by a field (or fall, -1), and not all are equal.
func rises(records []any, field string, direction int) bool {
	moves := false
	for i := 1; i < len(records); i++ {
		c := direction * values.Compare(values.FieldOf(records[i-1], field), values.FieldOf(records[i], field))
		if c > 0 {
			return false
		}
		moves = moves || c < 0
	}
	return moves
}

// differing is a plain field whose values differ, and all satisfy a condition.
func (f *Finder) differing(is func(string) bool) string {
	object, ok := f.First.Records[0].(map[string]any)
	if !ok {
		return ""
	}
	for _, field := range slices.Sorted(maps.Keys(object)) {
		seen := map[string]bool{}
		right := true
		for _, r := range f.First.Records {
			text, ok := values.Plain(values.FieldOf(r, field))
			right = right && ok && is(text)
			seen[text] = true
		}
		if right && len(seen) > 1 {
			return field
		}
	}
	return ""
}

// tryFilters looks for a parameter of a field's name that leaves only some of the records.
func (f *Finder) tryFilters(ctx context.Context) error {
	object, ok := f.First.Records[0].(map[string]any)
	if !ok || len(f.List.Filters) > 0 {
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
		if a != nil && len(a.Records) > 0 && !slices.ContainsFunc(a.Records, func(r any) bool { return !values.Lets(c.Field, c.Value, r) }) {
			f.List.Filters = []endpoint.Filter{c.Filter}
			return nil
		}
	}
	return nil
}

// candidate is a filter that may be offered, and how many records of the first answer fit.
type candidate struct {
	endpoint.Filter
	rows int
}

// commonest is a filter by a field's most frequent value, where that is not all of them.
func (f *Finder) commonest(field string) (candidate, bool) {
	counts := map[string]int{}
	for _, r := range f.First.Records {
		if text, ok := values.Plain(values.FieldOf(r, field)); ok && text != "" && len(text) < 100 {
			counts[text]++
		}
	}
	if len(counts) < 2 || len(counts) == len(f.First.Records) {
		return candidate{}, false
	}
	value := slices.MaxFunc(slices.Sorted(maps.Keys(counts)), func(a, b string) int { return counts[a] - counts[b] })
	return candidate{endpoint.Filter{Query: query.Encode(query.Pair{Name: field, Value: value}), Field: field, Value: value}, counts[value]}, true
}
