package check

import (
	"context"
	"fmt"
	"maps"
	"slices"
	"strings"

	"pageladder.example/climb/endpoint"
	"pageladder.example/climb/report"
	"pageladder.example/internal/climb/fetch"
	"pageladder.example/internal/climb/find"
	"pageladder.example/internal/climb/uri"
	"pageladder.example/internal/climb/values"
	"pageladder.example/paging/query"
)

var orderCodes = []string{"order.works", "order.within", "order.across", "order.inverse", "order.ties", "order.missing"}

// checkOrder reads the list by each sort that it offers, twice, and by its inverse.
func (r *run) checkOrder(ctx context.Context) error {
	if field, direction := r.claimed(); field != "" {
		w, err := r.sorted(ctx, "as the address sorts", "", field)
		if err != nil {
			return err
		}
		r.checkRises(w, field, direction)
	}
	if len(r.List.Sorts) == 0 {
		if r.whole && len(r.walks) > 1 {
			r.kept("order.ties")
		}
		r.open(report.NotOffered, "No sort is known. It can be given.", orderCodes...)
		return nil
	}
	for _, s := range r.List.Sorts[:min(len(r.List.Sorts), 3)] {
		if err := r.checkSort(ctx, s); err != nil {
			return err
		}
	}
	return nil
}

// claimed is the order that the endpoint's address itself asks for: a field of the records, and 1 or,
// descending, -1; no field if it asks for none that is understood.
func (r *run) claimed() (field string, direction int) {
	if len(r.First.Records) == 0 {
		return "", 0
	}
	object, ok := r.First.Records[0].(map[string]any)
	if !ok {
		return "", 0
	}
	rawQuery, direction := "", 1
	for _, pair := range query.Pairs(uri.QueryOf(r.List.Address)) {
		switch name := pair.Name; {
		case name == r.List.Params.Sort && name != "", slices.Contains(find.UsualParams.Sort, name):
			rawQuery = pair.Value
		case slices.Contains([]string{"order", "dir", "direction", "sortorder", "sortdir", "sortdirection"}, find.Same(name)) && strings.HasPrefix(strings.ToLower(pair.Value), "desc"):
			direction = -1
		}
	}
	rawQuery, _, _ = strings.Cut(rawQuery, ",") // the first field decides
	name, way := rawQuery, ""
	if at := strings.IndexAny(rawQuery, ": "); at > 0 { // tonnage:desc
		name, way = rawQuery[:at], strings.ToLower(strings.TrimSpace(rawQuery[at+1:]))
	}
	if falling, ok := strings.CutPrefix(name, "-"); ok || strings.HasPrefix(way, "desc") {
		name, direction = falling, -1
	}
	name = strings.TrimPrefix(name, "+")
	for _, field := range slices.Sorted(maps.Keys(object)) {
		if _, plainly := values.Plain(object[field]); name != "" && find.Same(field) == find.Same(name) && (plainly || object[field] == nil) {
			return field, direction
		}
	}
	return "", 0
}

// sorted walks by a query with short pages, so that there are some.
func (r *run) sorted(ctx context.Context, name, query, field string) (*walk, error) {
	size, sized := r.size, false
	if r.List.SizeOf(r.List.Numbered()) != "" {
		n := max(r.rowsSeen(), r.n)
		size, sized = max(1, min((n+4)/5, 4*r.size)), true
		if r.List.Cap > 0 {
			size = min(size, int64(r.List.Cap))
		}
	}
	limit := max(r.share/2, 3)
	if r.List.Numbered() != fetch.ByLinks {
		return r.byNumbers(ctx, name, size, sized, query, field, limit)
	}
	return r.byAddresses(ctx, name, r.List.Ask(fetch.Question{Query: query, Size: size, Sized: sized}), "next", field, limit)
}

func (r *run) checkSort(ctx context.Context, s endpoint.Sort) error {
	var up, down *walk
	for _, side := range []struct {
		query     string
		direction int
		into      **walk
	}{{s.Ascending, 1, &up}, {s.Descending, -1, &down}} {
		if side.query == "" {
			continue
		}
		w, err := r.sorted(ctx, "sorted", side.query, s.Field)
		if err != nil {
			return err
		}
		*side.into = w
		r.checkRises(w, s.Field, side.direction)
		if side.direction > 0 || s.Ascending == "" { // one of the two is read again
			again, err := r.sorted(ctx, "sorted again", side.query, s.Field)
			if err != nil {
				return err
			}
			r.checkTwice(w, again, side.query)
		}
		if w.whole && r.whole && r.keyed && !r.sameRecords(w) {
			r.broken("walk.lost", fmt.Sprintf("Under %s the walk has %d records of %d, or some twice.", side.query, len(w.count()), r.n), w.pageOf(0))
		}
	}
	if up == nil || down == nil {
		r.open(report.NotOffered, "No inverse is known.", "order.inverse", "order.works")
		return nil
	}
	if !up.whole || !down.whole {
		r.open(report.NotChecked, "No walk by the sort reached the end of the list.", "order.inverse", "order.works")
		return nil
	}
	a, b := up.present(), down.present()
	slices.Reverse(b)
	for i := range min(len(a), len(b)) {
		if values.Compare(a[i], b[i]) != 0 {
			if !moves(b) && moves(a) || slices.EqualFunc(up.ids(), down.ids(), func(x, y values.Identity) bool { return x.Key == y.Key }) {
				r.broken("order.works", fmt.Sprintf("%s has no effect.", s.Descending), down.pageOf(0), up.pageOf(0))
			} else {
				r.broken("order.inverse", fmt.Sprintf("Ascending, the %s value of %q is another than from the end descending.", nth(i+1), s.Field), up.pageOf(i), down.pageOf(len(b)-1-i))
			}
			return nil
		}
	}
	r.kept("order.inverse", "order.works")
	return nil
}

// sameRecords reports whether a walk has each record of the list once.
func (r *run) sameRecords(w *walk) bool {
	counts := w.count()
	if len(counts) != len(r.ids) {
		return false
	}
	for id, n := range counts {
		if r.ids[id] != n {
			return false
		}
	}
	return true
}

// moves reports whether values are not all equal.
func moves(all []any) bool {
	return slices.ContainsFunc(all, func(v any) bool { return values.Compare(v, all[0]) != 0 })
}

// isMissing reports whether a value is missing. In CSV and HTML it looks like an empty text.
func (r *run) isMissing(v any) bool {
	return v == nil || v == "" && (r.List.Format == endpoint.CSV || r.List.Format == endpoint.HTML)
}

// present are the values of a walk that are not missing.
func (w *walk) present() (all []any) {
	for _, v := range w.pages {
		for _, value := range v.values {
			if value != nil && value != "" {
				all = append(all, value)
			}
		}
	}
	return all
}

// checkRises compares each value with the one before it.
func (r *run) checkRises(w *walk, field string, direction int) {
	if r.List.Format == endpoint.HTML {
		r.open(report.NotChecked, "Values in HTML are written for people: their order is not known.", "order.within", "order.across")
	}
	var before any
	var on string
	edges := 0 // changes between there and missing
	wasMissing := false
	for i, v := range w.pages {
		for j, value := range v.values {
			missing := r.isMissing(value)
			if missing != wasMissing && (i > 0 || j > 0) {
				edges++ // M P M may be empty texts first, and missing ones last
				if edges > 1 && !(edges == 2 && missing && (r.List.Format == endpoint.CSV || r.List.Format == endpoint.HTML)) {
					r.broken("order.missing", fmt.Sprintf("Records without %q stand between others.", field), on, v.Address)
				}
			}
			wasMissing = missing
			if missing {
				continue
			}
			if before != nil && r.List.Format != endpoint.HTML && falls(before, value, direction) {
				code, where := "order.within", "on a page"
				if j == 0 || on != v.Address {
					code, where = "order.across", "from page to page"
				}
				one, _ := values.Plain(before)
				two, _ := values.Plain(value)
				r.broken(code, fmt.Sprintf("By %q, %.60q comes before %.60q %s.", field, one, two, where), on, v.Address)
			}
			before, on = value, v.Address
		}
	}
	if r.List.Format != endpoint.HTML {
		r.kept("order.within", "order.across")
	}
	r.kept("order.missing")
}

// falls reports whether two values are in the wrong order, whatever the order of texts is.
func falls(a, b any, direction int) bool {
	_, isText := a.(string)
	_, isText2 := b.(string)
	for _, order := range values.Orders {
		if direction*values.CompareBy(order, a, b) <= 0 {
			return false
		}
	}
	x, _ := values.Plain(a)
	y, _ := values.Plain(b)
	if isText && isText2 && x != y { // texts of digits may be in the order of texts
		for _, order := range values.Orders {
			if direction*order(x, y) <= 0 {
				return false
			}
		}
	}
	return true
}

// checkTwice compares two readings of one sort with each other.
func (r *run) checkTwice(a, b *walk, query string) {
	x, y := a.ids(), b.ids()
	for i := range min(len(x), len(y)) {
		if x[i].Key != y[i].Key {
			r.broken("order.ties", fmt.Sprintf("Two readings of %s differ from the %s record.", query, nth(i+1)), a.pageOf(i), b.pageOf(i))
			return
		}
	}
	r.kept("order.ties")
}
