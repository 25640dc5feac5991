package climb

import (
	"context"
	"fmt"
	"slices"
	"strings"

	"pageladder.example/paging/query"
)

// checkFilters walks under each filter, and looks at what links carry.
func (r *run) checkFilters(ctx context.Context) error {
	r.checkHosts()
	for i, f := range r.e.Filters[:min(len(r.e.Filters), 2)] {
		if err := r.checkFilter(ctx, i, f); err != nil {
			return err
		}
	}
	if len(r.e.Filters) == 0 {
		r.open(NotOffered, "No filter is known. It can be told.", "filter.fits", "filter.lost", "filter.total")
		for _, w := range r.walks {
			r.checkKeeps(w, true) // a size, and what the address brings
		}
	}
	if len(r.by["keep.lost"].Findings) == 0 && !r.links() {
		r.open(NotOffered, "Pages have no links to others.", "keep.lost", "keep.changed")
	}
	return nil
}

// checkHosts looks at the hosts and at the two sources of the links that were seen.
func (r *run) checkHosts() {
	both := false
	for _, w := range r.walks {
		for _, v := range w.pages {
			for relation, address := range v.steps {
				if !sameHost(address, r.host) {
					r.broken("link.host", fmt.Sprintf("The %s link leads to another host.", relation), v.address, address)
				}
			}
			if len(v.headers) == 0 || len(v.inBody) == 0 {
				continue
			}
			both = true
			for relation, given := range v.inBody {
				a, _ := resolve(v.address, given)
				if b, ok := resolve(v.address, v.headers[relation]); ok && a != b && relation != "self" {
					r.broken("link.agree", fmt.Sprintf("The %s link of the body is not the one of the header.", relation), v.address, a, b)
				}
			}
		}
	}
	if r.links() {
		r.kept("link.host")
	}
	r.open(NotOffered, "Pages have no links to others.", "link.host")
	if both {
		r.kept("link.agree")
	}
	r.open(NotOffered, "There are no links in both body and header.", "link.agree")
}

// unusual writes a query so that re-encoding it would change its bytes: the first letter of
// each value as an escape, RFC 3986 section 2.1.
func unusual(asks string) string {
	var all []string
	for part := range query.Parts(asks) {
		value := part.Value()
		raw := part.Raw()
		if value != "" && value[0] < 0x80 {
			raw = part.RawName() + "=" + fmt.Sprintf("%%%02X", value[0]) + string(query.AppendUnreserved(nil, value[1:]))
		}
		all = append(all, raw)
	}
	return strings.Join(all, "&")
}

func (r *run) checkFilter(ctx context.Context, i int, f Filter) error {
	w, err := r.sorted(ctx, "under "+f.Query, f.Query, "")
	if err != nil {
		return err
	}
	fits := true
	n := int64(0)
	for _, v := range w.pages {
		n += int64(len(v.ids))
		if at := slices.Index(v.fits[i], false); at >= 0 {
			fits = false
			r.broken("filter.fits", fmt.Sprintf("Under %s there is a record that does not fit.", f.Query), v.address)
		}
	}
	r.kept("filter.fits")
	r.checkFiltered(w, i, f, n)
	if len(w.pages) == 0 || !r.links() {
		return nil
	}
	// Links are looked at where the filter is written in an unusual way, walked by addresses.
	start := r.e.ask(question{query: unusual(f.Query), size: max(min((r.fitting(i, n)+2)/3, r.size), 1), sized: r.e.Params.sizeOf(r.e.numbered()) != ""})
	w, err = r.byAddresses(ctx, "under "+f.Query, start, "next", "", max(r.share/4, 3))
	if err != nil {
		return err
	}
	for _, v := range w.pages {
		if slices.Contains(v.fits[i], false) {
			fits = false
			r.broken("filter.fits", fmt.Sprintf("Under %s a link leads to a record that does not fit.", f.Query), v.address)
		}
	}
	r.checkKeeps(w, fits)
	return nil
}

// fitting is how many records fit a filter, as far as the plain walks have seen.
func (r *run) fitting(i int, came int64) int64 {
	n := int64(0)
	for _, v := range r.longest().pages {
		for _, fits := range v.fits[i] {
			if fits {
				n++
			}
		}
	}
	return min(n, came)
}

// checkFiltered compares a walk under a filter with what the list has.
func (r *run) checkFiltered(w *walk, i int, f Filter, n int64) {
	if !w.whole {
		r.open(NotChecked, "The walk under the filter did not come to its end.", "filter.total", "filter.lost")
		return
	}
	for _, v := range w.pages {
		if total, ok := v.num("total_items"); ok {
			if total != n {
				r.broken("filter.total", fmt.Sprintf("Under %s a page tells the total %d; %d records came.", f.Query, total, n), v.address)
			}
			r.kept("filter.total")
		}
	}
	r.open(NotOffered, "No page tells it.", "filter.total")
	if !r.whole {
		return
	}
	counts := w.count()
	told := map[uint64]bool{}
	for _, plain := range r.walks {
		for _, v := range plain.pages {
			for j, id := range v.ids {
				if v.fits[i][j] && counts[id.key] == 0 && !told[id.key] {
					told[id.key] = true
					r.broken("filter.lost", fmt.Sprintf("Under %s a record is missing that fits.", f.Query), w.pageOf(0), v.address)
				}
			}
		}
	}
	for id, n := range counts {
		if least, ok := r.ids[id]; ok && n > least {
			r.broken("walk.repeated", fmt.Sprintf("A record comes %s under %s.", times(n), f.Query), w.pageOf(0))
			break
		}
	}
	r.kept("filter.lost")
}

// checkKeeps looks whether a walk's links keep the parameters of its first page.
func (r *run) checkKeeps(w *walk, fits bool) {
	if len(w.pages) == 0 {
		return
	}
	p := r.e.Params
	moves := []string{p.Page, p.Offset, p.After}
	seen := false
	for _, v := range w.pages {
		for relation, link := range v.steps {
			if relation == "self" {
				continue
			}
			seen = true
			parts := rawParts(link)
			for part := range query.Parts(queryOf(w.pages[0].address)) {
				if slices.Contains(moves, part.Name()) && part.Name() != "" || part.Name() == "row" || slices.Contains(parts, part.Raw()) {
					continue
				}
				kept := slices.Contains(query.Pairs(queryOf(link)), query.Pair{Name: part.Name(), Value: part.Value()}) || r.inPath(link, part.Value())
				if used, ok := v.statedSize(); ok && part.Name() == p.sizeOf(r.e.numbered()) && slices.Contains(query.Values(queryOf(link), part.Name()), fmt.Sprint(used)) {
					continue // links carry the size that was used
				}
				byCursor := p.After != "" && len(query.Values(queryOf(link), p.After)) > 0
				switch {
				case kept:
					r.broken("keep.changed", fmt.Sprintf("The %s link has %q written otherwise.", relation, part.Raw()), v.address, link)
				case byCursor && fits && len(query.Values(queryOf(link), part.Name())) == 0:
					// the cursor may know it
				default:
					r.broken("keep.lost", fmt.Sprintf("The %s link has lost %q.", relation, part.Raw()), v.address, link)
				}
			}
		}
	}
	if seen {
		r.kept("keep.lost", "keep.changed")
	}
	r.open(NotChecked, "No page under the filter has a link.", "keep.lost", "keep.changed")
}

// inPath reports whether a template may have put a value into the path.
func (r *run) inPath(link, value string) bool {
	path, _, _ := strings.Cut(link, "?")
	return strings.Contains(r.e.Address, "{") && strings.Contains(path, "/"+value)
}
