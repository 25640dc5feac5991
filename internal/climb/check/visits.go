package check

import (
	"context"
	"errors"
	"fmt"
	"slices"

	"pageladder.example/climb/endpoint"
	"pageladder.example/internal/climb/fetch"
	"pageladder.example/internal/climb/uri"
	"pageladder.example/internal/climb/values"
)

// walk is a way through a list, page by page.
type walk struct {
	name  string
	size  int64 // of a page; 0: not known
	pages []*visit
	whole bool // it reached an end, and everything on it could be read
}

// visit is one page of a walk. Its records are dropped once they are counted.
type visit struct {
	*fetch.Answer[any]
	row     int64 // of its first record, from 0, counted on the walk
	ids     []values.Identity
	values  []any    // of the field that the walk is sorted by
	fits    [][]bool // by filter, by record
	problem string   // why it is no page
	says    bool     // it says which page or size it has
}

// ids are those of all records of a walk, in their order.
func (w *walk) ids() (all []values.Identity) {
	for _, v := range w.pages {
		all = append(all, v.ids...)
	}
	return all
}

func (w *walk) rows() (n int64) {
	for _, v := range w.pages {
		n += int64(len(v.ids))
	}
	return n
}

// see asks for a page. Errors are those that end a check; a page that cannot be read is a
// visit with a problem.
func (r *run) see(ctx context.Context, address string, row int64, field string) (*visit, error) {
	reply, err := r.Get(ctx, address)
	switch {
	case errors.Is(err, fetch.ErrSpent) || ctx.Err() != nil:
		return nil, err
	case err != nil:
		return &visit{Answer: &fetch.Answer[any]{Reply: nothing(address)}, row: row, problem: err.Error()}, nil
	}
	v := &visit{Answer: fetch.Read[any](reply, &r.List), row: row}
	if v.Err != nil {
		v.problem = v.Err.Error()
	} else if v.Status != 200 {
		v.problem = fmt.Sprintf("the status is %d", v.Status)
	}
	for _, record := range v.Records {
		v.ids = append(v.ids, values.Identify(record, r.List.Key))
		if field != "" {
			v.values = append(v.values, values.FieldOf(record, field))
		}
	}
	for _, f := range r.List.Filters {
		fits := make([]bool, len(v.Records))
		for i, record := range v.Records {
			fits[i] = values.Lets(f.Field, f.Value, record)
		}
		v.fits = append(v.fits, fits)
	}
	v.says = v.saysUsed()
	v.Records, v.Body = nil, nil
	return v, nil
}

func nothing(address string) *fetch.Reply {
	return &fetch.Reply{Address: address, Header: map[string][]string{}}
}

// same reports whether two pages have the same records in the same order.
func (v *visit) same(other *visit) bool {
	return slices.EqualFunc(v.ids, other.ids, func(a, b values.Identity) bool { return a.Key == b.Key })
}

// byAddresses walks by the links that pages give, "next" or "prev", from a first page.
func (r *run) byAddresses(ctx context.Context, name, start, relation, field string, limit int) (*walk, error) {
	w := &walk{name: name}
	addresses := map[string]bool{}
	known := map[uint64]bool{}
	stale, empty := 0, 0 // pages in a row without anything new, without records
	for address := start; address != ""; {
		if len(w.pages) == limit {
			return w, nil
		}
		addresses[address] = true
		v, err := r.see(ctx, address, w.rows(), field)
		if err != nil {
			return w, err
		}
		if v.problem != "" {
			from := ""
			if len(w.pages) > 0 {
				from = w.pages[len(w.pages)-1].Address
			}
			r.blame("walk.readable", fmt.Sprintf("A page that a link leads to cannot be read: %s.", v.problem), address, from)
			return w, nil
		}
		w.pages = append(w.pages, v)
		stale++
		for _, id := range v.ids {
			if !known[id.Key] {
				known[id.Key], stale = true, 0
			}
		}
		if len(v.ids) > 0 {
			empty = 0
		} else {
			empty++
		}
		to := v.Steps[relation]
		if relation == "next" {
			to = v.Next(&r.List)
		}
		switch {
		case to != "" && addresses[to]:
			r.blame("walk.ends", fmt.Sprintf("The %s link leads back to a page that was there before.", relation), address, to)
			return w, nil
		case to != "" && (stale > 2 && r.keyed || empty > 2):
			r.blame("walk.ends", fmt.Sprintf("There is always a %s page, and three in a row had no new record.", relation), address, to)
			return w, nil
		case to != "" && !uri.SameHost(to, r.Host):
			r.blame("link.host", fmt.Sprintf("The %s link leads to another host.", relation), address, to)
			return w, nil
		}
		if relation == "next" && to == "" && v.Cursor(&r.List) != "" {
			return w, nil // there is more, on a way that is not known
		}
		address = to
	}
	w.whole = relation != "next" || r.ends(w)
	return w, nil
}

// ends reports whether a walk by addresses has come to the end of the list, and not only to a page
// whose way on is not known: some answer links to others or says whether there are more, or as
// many records have come as there should be.
func (r *run) ends(w *walk) bool {
	_, placed := r.List.Envelope["next"]
	_, listed := r.List.Envelope["links"]
	if placed || listed || r.List.Params.After != "" || r.List.Format == endpoint.HTML {
		return true
	}
	for _, v := range append([]*visit{{Answer: r.First}}, w.pages...) {
		total, known := v.Num("total_items")
		switch {
		case len(v.Steps) > 0, v.Stated["has_next"] == false, v.Stated["is_last"] == true, known && w.rows() >= total:
			return true
		}
	}
	return len(w.pages) == 0 || len(w.pages) == 1 && len(w.pages[0].ids) == 0
}

// byNumbers walks by page numbers or offsets, and a page further than the last.
func (r *run) byNumbers(ctx context.Context, name string, size int64, sized bool, query, field string, limit int) (*walk, error) {
	w := &walk{name: name, size: size}
	if sized {
		w.size = 0 // what the page states, or what was asked for
	}
	step := size
	known := map[uint64]bool{}
	for k := int64(0); ; k++ {
		if len(w.pages) == limit {
			return w, nil
		}
		q := fetch.Question{Way: r.List.Numbered(), Row: k * step, Size: step, Sized: sized, Query: query}
		v, err := r.see(ctx, r.List.Ask(q), k*step, field)
		if err != nil {
			return w, err
		}
		if k == 0 {
			rows := int64(len(v.ids))
			stated, ok := v.statedSize()
			if ok && stated != step && rows == stated || !ok && sized && rows != step && rows >= r.size {
				step = rows // from a closed list of sizes, or the cap
			}
			w.size = step
		}
		if v.problem != "" {
			if k == 0 || v.Status < 400 || v.Status >= 500 || r.claims(w, k) {
				r.blame("walk.readable", fmt.Sprintf("A page cannot be read: %s.", v.problem), v.Address)
				return w, nil
			}
			w.whole = true
			r.keepPast(v, w, query)
			return w, nil
		}
		if k > 0 && v.addsNothing(known) {
			q.Row += step // one page further: the end of the list, or a hole in it?
			over, err := r.isOver(ctx, q, known, field)
			if err != nil {
				return w, err
			}
			if over {
				w.whole = true
				r.keepPast(v, w, query)
				return w, nil
			}
		}
		w.pages = append(w.pages, v)
		for _, id := range v.ids {
			known[id.Key] = true
		}
		if k == 0 && len(v.ids) == 0 {
			w.whole = true
			return w, nil
		}
	}
}

// statedSize is the size that a page says it has.
func (v *visit) statedSize() (int64, bool) {
	for _, name := range []string{"size", "limit"} {
		if n, ok := v.Num(name); ok {
			return n, true
		}
	}
	return 0, false
}

// claims reports whether what the last page stated promises a k-th one, from 0.
func (r *run) claims(w *walk, k int64) bool {
	if len(w.pages) == 0 {
		return true
	}
	n, ok := w.pages[0].Num("total_pages")
	return ok && k < n
}

func (r *run) firstPage() int64 {
	if r.List.PagesFrom0 {
		return 0
	}
	return 1
}

// isOver reports whether a request was past the end of a list, not into a hole in it.
func (r *run) isOver(ctx context.Context, q fetch.Question, known map[uint64]bool, field string) (bool, error) {
	further, err := r.see(ctx, r.List.Ask(q), q.Row, field)
	return err != nil || further.problem != "" || further.addsNothing(known), err
}

// addsNothing reports whether a page has no new record.
func (v *visit) addsNothing(known map[uint64]bool) bool {
	return !slices.ContainsFunc(v.ids, func(id values.Identity) bool { return !known[id.Key] })
}

// keepPast keeps the answer past the last page of the plain list.
func (r *run) keepPast(v *visit, w *walk, query string) {
	if query == "" && r.past == nil && len(w.pages) > 0 {
		r.past, r.beforePast = v, w
	}
}

// blame is broken, but for a list that changes.
func (r *run) blame(code, says string, addresses ...string) {
	if !r.during {
		r.broken(code, says, addresses...)
	}
}
