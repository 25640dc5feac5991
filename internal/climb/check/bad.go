package check

import (
	"context"
	"errors"
	"fmt"
	"slices"
	"strings"

	"pageladder.example/climb/report"
	"pageladder.example/internal/climb/fetch"
	"pageladder.example/internal/climb/values"
	"pageladder.example/paging/query"
)

// bad is one bad request, sent to see how the endpoint handles it.
type bad struct {
	what  string // parameter and value, as it is reported
	query string
	kind  string // page, size, offset, after, sort or other
	huge  bool   // a size above any cap
}

const hugeSize = 1_000_000

// badInput lists the cases for the parameters that the endpoint has.
func (r *run) badInput() (all []bad) {
	p := r.List.Params
	add := func(kind, name string, values ...string) {
		for _, v := range values {
			if name != "" {
				all = append(all, bad{fmt.Sprintf("%s=%s", name, v), query.Encode(query.Pair{Name: name, Value: v}), kind, kind == "size" && (len(v) > 6)})
			}
		}
	}
	noNumbers := []string{"abc", "", "1.5", "1e3", "99999999999999999999"}
	add("page", p.Page, append([]string{"-1"}, noNumbers...)...)
	if !r.List.PagesFrom0 {
		add("page", p.Page, "0")
	}
	if r.List.RowsFrom1 {
		add("offset", p.Offset, "0")
	}
	add("offset", p.Offset, append([]string{"-1"}, noNumbers...)...)
	add("size", r.List.SizeOf(r.List.Numbered()), append([]string{"0", "-1", fmt.Sprint(hugeSize)}, noNumbers...)...)
	add("after", p.After, "no cursor", "", strings.Repeat("A", 2000))
	add("sort", p.Sort, "no_such_field", "")
	add("other", "no_such_parameter", "1")
	for kind, name := range map[string]string{"page": p.Page, "offset": p.Offset} {
		if name != "" && !strings.Contains(r.List.Address, "{") {
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
		return r.List.Base(b.query)
	}
	address := r.List.Base()
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
		if again != nil && (again.Status != first.Status || !again.same(first)) {
			r.broken("bad.steady", fmt.Sprintf("Asked twice for %s, the endpoint answers once so (%s) and once so (%s).", b.what, first.what(), again.what()), first.Address)
		}
		r.judge(b, first)
	}
	r.kept("bad.error", "bad.timeout", "bad.steady", "bad.said", "bad.everything")
	if r.List.SizeOf(r.List.Numbered()) == "" {
		r.open(report.NotOffered, "No parameter for the size is known.", "bad.cap")
	}
	return r.checkPast(ctx)
}

// findUsual finds how many records a page has where no size is asked for.
func (r *run) findUsual(ctx context.Context) error {
	r.usual = r.size
	name := r.List.SizeOf(r.List.Numbered())
	path, asks, _ := strings.Cut(r.List.Base(), "?")
	if name == "" || len(query.Values(asks, name)) == 0 {
		return nil
	}
	v, err := r.see(ctx, path+"?"+query.With(asks, name), 0, "")
	if err == nil {
		r.usual = max(r.usual, int64(len(v.ids)))
	}
	return err
}

// what describes an answer in short.
func (v *visit) what() string {
	if v.Status == 200 {
		return fmt.Sprintf("status 200, %s", values.Several(len(v.ids), "record"))
	}
	return fmt.Sprintf("status %d", v.Status)
}

// hostile asks for a case; nil: there was no answer, which is reported.
func (r *run) hostile(ctx context.Context, b bad) (*visit, error) {
	return r.askBad(ctx, b.what, r.badAddress(b))
}

func (r *run) askBad(ctx context.Context, what, address string) (*visit, error) {
	reply, err := r.Get(ctx, address)
	switch {
	case errors.Is(err, fetch.ErrTimeout):
		r.broken("bad.timeout", fmt.Sprintf("%s is not answered within %s.", what, r.Timeout), address)
		return nil, nil
	case errors.Is(err, fetch.ErrTooLong):
		r.broken("bad.everything", fmt.Sprintf("%s brings an answer of more than %d bytes.", what, fetch.MaxAnswer), address)
		return nil, nil
	case errors.Is(err, fetch.ErrSpent) || ctx.Err() != nil:
		return nil, err
	case err != nil:
		r.broken("bad.error", fmt.Sprintf("%s ends without an answer: %s.", what, err), address)
		return nil, nil
	}
	v := &visit{Answer: fetch.Read[any](reply, &r.List)}
	v.says = v.saysUsed()
	for _, record := range v.Records {
		v.ids = append(v.ids, values.Identify(record, r.List.Key))
	}
	return v, nil
}

func (r *run) judge(b bad, v *visit) {
	rows := int64(len(v.ids))
	switch {
	case v.Status >= 500:
		r.broken("bad.error", fmt.Sprintf("%s is answered with status %d.", b.what, v.Status), v.Address)
		return
	case v.Status >= 400:
		if len(strings.TrimSpace(string(v.Body))) == 0 {
			r.broken("bad.said", fmt.Sprintf("%s is refused with status %d, and nothing says why.", b.what, v.Status), v.Address)
		}
		if b.huge {
			r.kept("bad.cap")
		}
		return
	case v.Status != 200:
		return
	}
	if b.huge {
		r.judgeHuge(b, v, rows)
	} else if b.kind == "size" && rows > max(r.usual, int64(r.List.Cap)) && (rows >= r.n || rows > 1000) {
		r.broken("bad.everything", fmt.Sprintf("%s brings %s.", b.what, values.Several(int(rows), "record")), v.Address)
	}
	if b.shows() && !v.says && rows > 0 {
		r.broken("bad.said", fmt.Sprintf("%s is mended, and nothing says to what: neither page, size or offset, nor a self link or Content-Location.", b.what), v.Address)
	}
}

// shows reports whether an answer must say what became of an input. Of a size over the cap
// the records show it, and of a parameter given twice either was asked for.
func (b *bad) shows() bool {
	return slices.Contains([]string{"page", "size", "offset"}, b.kind) && !b.huge && !strings.HasSuffix(b.what, "twice")
}

// judgeHuge looks whether there is a largest size.
func (r *run) judgeHuge(b bad, v *visit, rows int64) {
	stated, ok := v.statedSize()
	limit := int64(r.List.Cap)
	switch {
	case limit > 0 && rows > limit || ok && stated >= hugeSize:
		r.broken("bad.cap", fmt.Sprintf("%s is accepted: %s received.", b.what, values.Several(int(rows), "record")), v.Address)
	case limit == 0 && !ok && r.whole && rows == r.n:
		r.open(report.NotChecked, fmt.Sprintf("All %d records fit on the page received. A longer list, or a cap that is given, would show it.", rows), "bad.cap")
	default:
		r.kept("bad.cap")
	}
}

// saysUsed reports whether an answer says which page and size it has.
func (v *visit) saysUsed() bool {
	for _, name := range []string{"page", "size", "offset", "limit", "first_row", "adjusted"} {
		if v.Stated[name] != nil {
			return true
		}
	}
	return v.Steps["self"] != "" || v.Header.Get("Content-Location") != "" || strings.Contains(string(v.Body), `aria-current="page"`)
}

// checkPast looks at pages past the last one: refused, empty, or the last page that says so.
func (r *run) checkPast(ctx context.Context) error {
	if r.List.Numbered() == fetch.ByLinks {
		r.open(report.NotOffered, "Pages are not asked for by number.", "bad.past_last")
		return nil
	}
	size, end := r.size, int64(0)
	var pages []*visit
	if total, ok := r.First.Num("total_items"); r.past != nil {
		w := r.beforePast
		pages, size, end = append(pages, r.past), max(w.size, 1), w.pages[len(w.pages)-1].row
	} else if ok && total < 1<<40 {
		end = total / size * size
	} else {
		r.open(report.NotChecked, "The end of the list was not seen.", "bad.past_last")
		return nil
	}
	for _, far := range []int64{1, 1000, 1_000_000_000} {
		row := end + far*size
		v, err := r.askBad(ctx, "A page far past the last", r.List.Ask(fetch.Question{Way: r.List.Numbered(), Row: row, Size: size, Sized: r.List.Numbered() == fetch.ByOffset || r.List.Size > 0}))
		if err != nil {
			return err
		}
		if v != nil {
			v.row = row
			pages = append(pages, v)
		}
	}
	for _, v := range pages {
		switch stated, ok := v.Num("page"); {
		case v.Status >= 500:
			r.broken("bad.error", fmt.Sprintf("A page past the last is answered with status %d.", v.Status), v.Address)
		case v.Status != 200 || len(v.ids) == 0:
		case ok && stated == r.firstPage()+v.row/size:
			r.broken("bad.past_last", fmt.Sprintf("A page past the last says that it is page %d, and has %s of another.", stated, values.Several(len(v.ids), "record")), v.Address)
		case !v.says:
			r.broken("bad.past_last", fmt.Sprintf("A page past the last has %s of another, and does not say so.", values.Several(len(v.ids), "record")), v.Address)
		}
	}
	r.kept("bad.past_last")
	return nil
}
