package climb

import (
	"context"
	"errors"
	"fmt"
	"slices"
	"strings"

	"pageladder.example/paging/query"
)

// bad is one thing that an endpoint should not be asked, and is.
type bad struct {
	what  string // parameter and value, as it is told
	query string
	kind  string // page, size, offset, after, sort or other
	huge  bool   // a size above any cap
}

const hugeSize = 1_000_000

// badInput lists the cases for the parameters that the endpoint has.
func (r *run) badInput() (all []bad) {
	p := r.e.Params
	add := func(kind, name string, values ...string) {
		for _, v := range values {
			if name != "" {
				all = append(all, bad{fmt.Sprintf("%s=%s", name, v), query.Encode(query.Pair{Name: name, Value: v}), kind, kind == "size" && (len(v) > 6)})
			}
		}
	}
	noNumbers := []string{"abc", "", "1.5", "1e3", "99999999999999999999"}
	add("page", p.Page, append([]string{"-1"}, noNumbers...)...)
	if !r.e.PagesFrom0 {
		add("page", p.Page, "0")
	}
	if r.e.RowsFrom1 {
		add("offset", p.Offset, "0")
	}
	add("offset", p.Offset, append([]string{"-1"}, noNumbers...)...)
	add("size", r.e.Params.sizeOf(r.e.numbered()), append([]string{"0", "-1", fmt.Sprint(hugeSize)}, noNumbers...)...)
	add("after", p.After, "no cursor", "", strings.Repeat("A", 2000))
	add("sort", p.Sort, "no_such_field", "")
	add("other", "no_such_parameter", "1")
	for kind, name := range map[string]string{"page": p.Page, "offset": p.Offset} {
		if name != "" && !strings.Contains(r.e.Address, "{") {
			all = append(all, bad{name + ", twice", query.Encode(query.Pair{Name: name, Value: "1"}, query.Pair{Name: name, Value: "2"}), kind, false})
		}
	}
	slices.SortFunc(all, func(a, b bad) int { return strings.Compare(a.kind+a.what, b.kind+b.what) })
	r.rand.Shuffle(len(all), func(i, j int) { all[i], all[j] = all[j], all[i] })
	return all
}

// badAddress is the address of a case. Parameters that are given twice are appended.
func (r *run) badAddress(b bad) string {
	if !strings.HasSuffix(b.what, "twice") {
		return r.e.base(b.query)
	}
	address := r.e.base()
	return address + map[bool]string{true: "&", false: "?"}[strings.Contains(address, "?")] + b.query
}

// checkBadInput asks each case twice.
func (r *run) checkBadInput(ctx context.Context) error {
	if err := r.findUsual(ctx); err != nil {
		return err
	}
	for _, b := range r.badInput() {
		first, err := r.hostile(ctx, b)
		if err != nil {
			return err
		}
		if first == nil {
			continue
		}
		again, err := r.hostile(ctx, b)
		if err != nil {
			return err
		}
		if again != nil && (again.status != first.status || !again.same(first)) {
			r.broken("bad.steady", fmt.Sprintf("Asked twice for %s, the endpoint answers once so (%s) and once so (%s).", b.what, first.what(), again.what()), first.address)
		}
		r.judge(b, first)
	}
	r.kept("bad.error", "bad.timeout", "bad.steady", "bad.said", "bad.everything")
	if r.e.Params.sizeOf(r.e.numbered()) == "" {
		r.open(NotOffered, "No parameter for the size is known.", "bad.cap")
	}
	return r.checkPast(ctx)
}

// findUsual finds how many records a page has where no size is asked for.
func (r *run) findUsual(ctx context.Context) error {
	r.usual = r.size
	name := r.e.Params.sizeOf(r.e.numbered())
	path, asks, _ := strings.Cut(r.e.base(), "?")
	if name == "" || len(query.Values(asks, name)) == 0 {
		return nil
	}
	v, err := r.see(ctx, path+"?"+query.With(asks, name), 0, "")
	if err == nil {
		r.usual = max(r.usual, int64(len(v.ids)))
	}
	return err
}

// what tells an answer in short.
func (v *visit) what() string {
	if v.status == 200 {
		return fmt.Sprintf("status 200, %s", several(len(v.ids), "record"))
	}
	return fmt.Sprintf("status %d", v.status)
}

// hostile asks for a case; nil: there was no answer, which is told.
func (r *run) hostile(ctx context.Context, b bad) (*visit, error) {
	return r.askBad(ctx, b.what, r.badAddress(b))
}

func (r *run) askBad(ctx context.Context, what, address string) (*visit, error) {
	reply, err := r.get(ctx, address)
	switch {
	case errors.Is(err, errTimeout):
		r.broken("bad.timeout", fmt.Sprintf("%s is not answered within %s.", what, r.timeout), address)
		return nil, nil
	case errors.Is(err, errTooLong):
		r.broken("bad.everything", fmt.Sprintf("%s brings an answer of more than %d bytes.", what, maxAnswer), address)
		return nil, nil
	case errors.Is(err, errSpent) || ctx.Err() != nil:
		return nil, err
	case err != nil:
		r.broken("bad.error", fmt.Sprintf("%s ends without an answer: %s.", what, err), address)
		return nil, nil
	}
	v := &visit{answer: read[any](reply, &r.e)}
	v.says = v.saysUsed()
	for _, record := range v.records {
		v.ids = append(v.ids, identify(record, r.e.Key))
	}
	return v, nil
}

func (r *run) judge(b bad, v *visit) {
	rows := int64(len(v.ids))
	switch {
	case v.status >= 500:
		r.broken("bad.error", fmt.Sprintf("%s is answered with status %d.", b.what, v.status), v.address)
		return
	case v.status >= 400:
		if len(strings.TrimSpace(string(v.body))) == 0 {
			r.broken("bad.said", fmt.Sprintf("%s is refused with status %d, and nothing says why.", b.what, v.status), v.address)
		}
		if b.huge {
			r.kept("bad.cap")
		}
		return
	case v.status != 200:
		return
	}
	if b.huge {
		r.judgeHuge(b, v, rows)
	} else if b.kind == "size" && rows > max(r.usual, int64(r.e.Cap)) && (rows >= r.n || rows > 1000) {
		r.broken("bad.everything", fmt.Sprintf("%s brings %s.", b.what, several(int(rows), "record")), v.address)
	}
	if b.shows() && !v.says && rows > 0 {
		r.broken("bad.said", fmt.Sprintf("%s is mended, and nothing says to what: neither page, size or offset, nor a self link or Content-Location.", b.what), v.address)
	}
}

// shows tells input of which an answer must say what became of it. Of a size over the cap
// the records show it, and of a parameter given twice either was asked for.
func (b *bad) shows() bool {
	return slices.Contains([]string{"page", "size", "offset"}, b.kind) && !b.huge && !strings.HasSuffix(b.what, "twice")
}

// judgeHuge looks whether there is a largest size.
func (r *run) judgeHuge(b bad, v *visit, rows int64) {
	told, tells := v.statedSize()
	most := int64(r.e.Cap)
	switch {
	case most > 0 && rows > most || tells && told >= hugeSize:
		r.broken("bad.cap", fmt.Sprintf("%s is accepted: %s came.", b.what, several(int(rows), "record")), v.address)
	case most == 0 && !tells && r.whole && rows == r.n:
		r.open(NotChecked, fmt.Sprintf("All %d records fit on the page that came. A longer list, or a cap that is told, would show it.", rows), "bad.cap")
	default:
		r.kept("bad.cap")
	}
}

// saysUsed reports whether an answer says which page and size it has.
func (v *visit) saysUsed() bool {
	for _, name := range []string{"page", "size", "offset", "limit", "first_row", "adjusted"} {
		if v.stated[name] != nil {
			return true
		}
	}
	return v.steps["self"] != "" || v.header.Get("Content-Location") != "" || strings.Contains(string(v.body), `aria-current="page"`)
}

// checkPast looks at pages past the last one: refused, empty, or the last page that says so.
func (r *run) checkPast(ctx context.Context) error {
	if r.e.numbered() == byLinks {
		r.open(NotOffered, "Pages are not asked for by number.", "bad.past_last")
		return nil
	}
	size, end := r.size, int64(0)
	var pages []*visit
	if total, ok := r.first.num("total_items"); r.past != nil {
		w := r.beforePast
		pages, size, end = append(pages, r.past), max(w.size, 1), w.pages[len(w.pages)-1].row
	} else if ok && total < 1<<40 {
		end = total / size * size
	} else {
		r.open(NotChecked, "The end of the list was not seen.", "bad.past_last")
		return nil
	}
	for _, far := range []int64{1, 1000, 1_000_000_000} {
		row := end + far*size
		v, err := r.askBad(ctx, "A page far past the last", r.e.ask(question{way: r.e.numbered(), row: row, size: size, sized: r.e.numbered() == byOffset || r.e.Size > 0}))
		if err != nil {
			return err
		}
		if v != nil {
			v.row = row
			pages = append(pages, v)
		}
	}
	for _, v := range pages {
		switch told, tells := v.num("page"); {
		case v.status >= 500:
			r.broken("bad.error", fmt.Sprintf("A page past the last is answered with status %d.", v.status), v.address)
		case v.status != 200 || len(v.ids) == 0:
		case tells && told == r.firstPage()+v.row/size:
			r.broken("bad.past_last", fmt.Sprintf("A page past the last says that it is page %d, and has %s of another.", told, several(len(v.ids), "record")), v.address)
		case !v.says:
			r.broken("bad.past_last", fmt.Sprintf("A page past the last has %s of another, and does not say so.", several(len(v.ids), "record")), v.address)
		}
	}
	r.kept("bad.past_last")
	return nil
}
