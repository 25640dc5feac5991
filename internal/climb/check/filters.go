package check

import (
	"context"
	"fmt"
	"slices"
	"strings"

	"pageladder.example/climb/endpoint"
	"pageladder.example/climb/report"
	"pageladder.example/internal/climb/fetch"
	"pageladder.example/internal/climb/uri"
	"pageladder.example/internal/climb/values"
	"pageladder.example/paging/query"
)

// checkFilters walks under each filter, and looks at what links carry.
func (r *run) checkFilters(ctx context.Context) error {
	r.checkHosts()
	for i, f := range r.List.Filters[:min(len(r.List.Filters), 2)] {
		if err := r.checkFilter(ctx, i, f); err != nil {
			return err
		}
	}
	if len(r.List.Filters) == 0 {
		r.open(report.NotOffered, "No filter is known. It can be given.", "filter.fits", "filter.lost", "filter.total")
		for _, w := range r.walks {
			r.checkKeeps(w, true) // a size, and what the address brings
		}
	}
	if len(r.by["keep.lost"].Findings) == 0 && !r.links() {
		r.open(report.NotOffered, "Pages have no links to others.", "keep.lost", "keep.changed")
	}
	return nil
}

// checkHosts looks at the hosts and at the two sources of the links that were seen.
func (r *run) checkHosts() {
	both := false
	for _, w := range r.walks {
		for _, v := range w.pages {
			for relation, address := range v.Steps {
				if !uri.SameHost(address, r.Host) {
					r.broken("link.host", fmt.Sprintf("The %s link leads to another host.", relation), v.Address, address)
				}
			}
			if len(v.Headers) == 0 || len(v.InBody) == 0 {
				continue
			}
			both = true
			for relation, given := range v.InBody {
				a, _ := uri.Resolve(v.Address, given)
				if b, ok := uri.Resolve(v.Address, v.Headers[relation]); ok && a != b && relation != "self" {
					r.broken("link.agree", fmt.Sprintf("The %s link of the body is not the one of the header.", relation), v.Address, a, b)
				}
			}
		}
	}
	if r.links() {
		r.kept("link.host")
	}
	r.open(report.NotOffered, "Pages have no links to others.", "link.host")
	if both {
		r.kept("link.agree")
	}
	r.open(report.NotOffered, "There are no links in both body and header.", "link.agree")
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

func (r *run) checkFilter(ctx context.Context, i int, f endpoint.Filter) error {
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
			r.broken("filter.fits", fmt.Sprintf("Under %s there is a record that does not fit.", f.Query), v.Address)
		}
	}
	r.kept("filter.fits")
	r.checkFiltered(w, i, f, n)
	if len(w.pages) == 0 || !r.links() {
		return nil
	}
	// Links are looked at where the filter is written in an unusual way, walked by addresses.
	start := r.List.Ask(fetch.Question{Query: unusual(f.Query), Size: max(min((r.fitting(i, n)+2)/3, r.size), 1), Sized: r.List.SizeOf(r.List.Numbered()) != ""})
	w, err = r.byAddresses(ctx, "under "+f.Query, start, "next", "", max(r.share/4, 3))
	if err != nil {
		return err
	}
	for _, v := range w.pages {
		if slices.Contains(v.fits[i], false) {
			fits = false
			r.broken("filter.fits", fmt.Sprintf("Under %s a link leads to a record that does not fit.", f.Query), v.Address)
		}
	}
	r.checkKeeps(w, fits)
	return nil
}

// fitting is how many records fit a filter, as far as the plain walks have seen.
func (r *run) fitting(i int, received int64) int64 {
	n := int64(0)
	for _, v := range r.longest().pages {
		for _, fits := range v.fits[i] {
			if fits {
				n++
			}
		}
	}
	return min(n, received)
}

// checkFiltered compares a walk under a filter with what the list has.
func (r *run) checkFiltered(w *walk, i int, f endpoint.Filter, n int64) {
	if !w.whole {
		r.open(report.NotChecked, "The walk under the filter did not come to its end.", "filter.total", "filter.lost")
		return
	}
	for _, v := range w.pages {
		if total, ok := v.Num("total_items"); ok {
			if total != n {
				r.broken("filter.total", fmt.Sprintf("Under %s a page states the total %d; %d records were received.", f.Query, total, n), v.Address)
			}
			r.kept("filter.total")
		}
	}
	r.open(report.NotOffered, "No page states it.", "filter.total")
	if !r.whole {
		return
	}
	counts := w.count()
	stated := map[uint64]bool{}
	for _, plain := range r.walks {
		for _, v := range plain.pages {
			for j, id := range v.ids {
				if v.fits[i][j] && counts[id.Key] == 0 && !stated[id.Key] {
					stated[id.Key] = true
					r.broken("filter.lost", fmt.Sprintf("Under %s a record is missing that fits.", f.Query), w.pageOf(0), v.Address)
				}
			}
		}
	}
	for id, n := range counts {
		if least, ok := r.ids[id]; ok && n > least {
			r.broken("walk.repeated", fmt.Sprintf("A record comes %s under %s.", values.Times(n), f.Query), w.pageOf(0))
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
	p := r.List.Params
	moves := []string{p.Page, p.Offset, p.After}
	seen := false
	for _, v := range w.pages {
		for relation, link := range v.Steps {
			if relation == "self" {
				continue
			}
			seen = true
			parts := uri.RawParts(link)
			for part := range query.Parts(uri.QueryOf(w.pages[0].Address)) {
				if slices.Contains(moves, part.Name()) && part.Name() != "" || part.Name() == "row" || slices.Contains(parts, part.Raw()) {
					continue
				}
				kept := slices.Contains(query.Pairs(uri.QueryOf(link)), query.Pair{Name: part.Name(), Value: part.Value()}) || r.inPath(link, part.Value())
				if used, ok := v.statedSize(); ok && part.Name() == r.List.SizeOf(r.List.Numbered()) && slices.Contains(query.Values(uri.QueryOf(link), part.Name()), fmt.Sprint(used)) {
					continue // links carry the size that was used
				}
				byCursor := p.After != "" && len(query.Values(uri.QueryOf(link), p.After)) > 0
				switch {
				case kept:
					r.broken("keep.changed", fmt.Sprintf("The %s link has %q written otherwise.", relation, part.Raw()), v.Address, link)
				case byCursor && fits && len(query.Values(uri.QueryOf(link), part.Name())) == 0:
					// the cursor may know it
				default:
					r.broken("keep.lost", fmt.Sprintf("The %s link has lost %q.", relation, part.Raw()), v.Address, link)
				}
			}
		}
	}
	if seen {
		r.kept("keep.lost", "keep.changed")
	}
	r.open(report.NotChecked, "No page under the filter has a link.", "keep.lost", "keep.changed")
}

// inPath reports whether a template may have put a value into the path.
func (r *run) inPath(link, value string) bool {
	path, _, _ := strings.Cut(link, "?")
	return strings.Contains(r.List.Address, "{") && strings.Contains(path, "/"+value)
}
