package check

import (
	"context"
	"fmt"

	"pageladder.example/climb/report"
	"pageladder.example/internal/climb/values"
)

// checkNumbers compares what pages say of themselves with what was seen.
func (r *run) checkNumbers(ctx context.Context) error {
	for _, w := range r.walks {
		r.checkStatedSize(w)
		for i, v := range w.pages {
			r.checkTotals(w, v)
			r.checkPosition(w, v, i)
			r.checkEnds(w, v, i)
		}
	}
	for _, claim := range []struct {
		code  string
		names []string
	}{
		{"numbers.total", []string{"total_items"}}, {"numbers.pages", []string{"total_pages"}}, {"numbers.page", []string{"page"}},
		{"numbers.size", []string{"size", "limit"}}, {"numbers.rows", []string{"first_row", "last_row", "rows_here", "offset"}},
		{"numbers.ends", []string{"is_first", "is_last", "has_next", "has_prev"}},
	} {
		if r.states(claim.names...) || claim.code == "numbers.ends" && r.links() {
			r.kept(claim.code)
		} else {
			r.open(report.NotOffered, "No page states it.", claim.code)
		}
	}
	if err := r.checkStep(ctx, "numbers.first", "first"); err != nil {
		return err
	}
	return r.checkStep(ctx, "numbers.last", "last")
}

// states reports whether any page states any of some things.
func (r *run) states(names ...string) bool {
	for _, w := range r.walks {
		for _, v := range w.pages {
			for _, name := range names {
				if v.Stated[name] != nil {
					return true
				}
			}
		}
	}
	return false
}

func (r *run) links() bool {
	for _, w := range r.walks {
		for _, v := range w.pages {
			if v.Steps["next"] != "" || v.Steps["prev"] != "" {
				return true
			}
		}
	}
	return false
}

func (r *run) checkStatedSize(w *walk) {
	for _, v := range w.pages {
		for _, name := range []string{"size", "limit"} {
			if stated, ok := v.Num(name); ok && stated != w.size && w.size > 0 {
				r.broken("numbers.size", fmt.Sprintf("A page states %s %d; its pages have %d.", name, stated, w.size), v.Address)
			}
		}
	}
}

func (r *run) checkTotals(w *walk, v *visit) {
	total, ok := v.Num("total_items")
	if ok && r.whole && total != r.n {
		r.broken("numbers.total", fmt.Sprintf("A page states the total %d; there are %d records.", total, r.n), v.Address)
	}
	if ok && !r.whole && total < w.rows() {
		r.broken("numbers.total", fmt.Sprintf("A page states the total %d; the walk had %d records before it ended.", total, w.rows()), v.Address)
	}
	pages, stated := v.Num("total_pages")
	if !stated || w.size <= 0 {
		return
	}
	n := r.n
	if !r.whole {
		if !ok {
			return
		}
		n = total
	}
	right := max(n/w.size+min(n%w.size, 1), 1)
	if pages != right && (n > 0 || pages != 0) {
		r.broken("numbers.pages", fmt.Sprintf("A page states %s; %d records, %d a page, are %d.", values.Several(int(pages), "page"), n, w.size, right), v.Address)
	}
}

// checkPosition compares a page's numbers with its place on the walk.
func (r *run) checkPosition(w *walk, v *visit, i int) {
	if stated, ok := v.Num("page"); ok && stated != r.firstPage()+int64(i) {
		r.broken("numbers.page", fmt.Sprintf("A page states that it is page %d; it is page %d.", stated, r.firstPage()+int64(i)), v.Address)
	}
	rows := int64(len(v.ids))
	for _, number := range []struct {
		name  string
		right int64
		may   bool
	}{
		{"first_row", v.row + 1, rows > 0}, {"last_row", v.row + rows, rows > 0}, {"rows_here", rows, true}, {"offset", v.row, true},
	} {
		if stated, ok := v.Num(number.name); ok && number.may && stated != number.right {
			r.broken("numbers.rows", fmt.Sprintf("A page states %s %d; right would be %d.", number.name, stated, number.right), v.Address)
		}
	}
}

// checkEnds compares what pages say of the ends of the list with their places on the walk.
func (r *run) checkEnds(w *walk, v *visit, i int) {
	first, last := i == 0, i == len(w.pages)-1
	if last && !w.whole {
		return
	}
	for name, right := range map[string]bool{"is_first": first, "is_last": last, "has_next": !last, "has_prev": !first} {
		if stated, ok := v.Stated[name].(bool); ok && stated != right {
			r.broken("numbers.ends", fmt.Sprintf("A page states %s: %t; right would be %t.", name, stated, right), v.Address)
		}
	}
	if r.links() && !last && v.Next(&r.List) == "" && len(w.pages[i+1].ids) > 0 {
		r.broken("numbers.ends", "A page has no link to a next one, and there is one.", v.Address, w.pages[i+1].Address)
	}
}

// checkStep follows first or last, from each page that states it otherwise than those before.
func (r *run) checkStep(ctx context.Context, code, relation string) error {
	followed := map[string]bool{}
	for _, w := range r.walks {
		right := w.step(relation)
		for _, v := range w.pages {
			address := v.Steps[relation]
			if address == "" || followed[address] || right != nil && address == right.Address {
				continue
			}
			if followed[address] = true; len(followed) > 8 {
				break
			}
			there, err := r.see(ctx, address, 0, "")
			if err != nil {
				return err
			}
			switch {
			case there.problem != "":
				r.broken(code, fmt.Sprintf("The %s step cannot be read: %s.", relation, there.problem), address, v.Address)
			case right != nil && !there.same(right), right == nil && !r.isLast(there, v):
				r.broken(code, fmt.Sprintf("The %s step does not lead to the %s page.", relation, relation), v.Address, address)
			}
		}
	}
	if r.steps(relation) {
		r.kept(code)
	}
	r.open(report.NotOffered, fmt.Sprintf("No page has a %s step.", relation), code)
	return nil
}

// step is the page that a walk's first or last steps lead to; nil: it was not seen.
func (w *walk) step(relation string) *visit {
	switch {
	case len(w.pages) == 0:
		return nil
	case relation == "first":
		return w.pages[0]
	case w.whole:
		return w.pages[len(w.pages)-1]
	}
	return nil
}

// isLast reports whether a page can be the last one of a list whose end no walk has seen: it
// has no next page, and as many records as the total leaves for it.
func (r *run) isLast(there, from *visit) bool {
	total, ok := from.Num("total_items")
	size, ok2 := from.statedSize()
	if ok && ok2 && size > 0 && total > 0 && int64(len(there.ids)) != (total-1)%size+1 {
		return false
	}
	return there.Next(&r.List) == ""
}

// steps reports whether any page has a step.
func (r *run) steps(relation string) bool {
	for _, w := range r.walks {
		for _, v := range w.pages {
			if v.Steps[relation] != "" {
				return true
			}
		}
	}
	return false
}
