package reading

import (
	"context"
	"errors"
	"slices"
	"time"

	"pageladder.example/internal/intake"
	"pageladder.example/internal/sets/catalog"
	"pageladder.example/internal/sets/known"
	"pageladder.example/internal/sets/view"
	"pageladder.example/paging"
	"pageladder.example/paging/rulesfile"
)

// Page is one page of a set: what was settled, and its records.
type Page struct {
	Set     *catalog.Set
	Settled paging.Page
	Fields  []intake.Field // those that the records have
	Records []Record
	Facets  map[string][]Facet // the ones that were asked for
	Held    *Held              // of a list that is held at a version; else nil
	Fates   []view.Fate        // of each record; nil if all are the same now

	mark    view.Mark
	version int64
	ends    ends
	copied  *copier // that holds the records
	kept    *kept   // nil unless the request asked for it
}

// State is the number of the state that the page is of: of a kept set, its version. It is 0 if
// it is not known when the set has changed.
func (p *Page) State() int64 { return max(p.mark.Number, p.version) }

// Mark is the state that the page is of.
func (p *Page) Mark() view.Mark { return p.mark }

// Version is the version at which the list can be held as it is on the page; 0 if it cannot be
// held.
func (p *Page) Version() int64 { return p.version }

// of makes the page one of a view.
func (p *Page) of(v view.View) {
	p.Set, p.mark, p.version = v.Set(), v.Mark(), v.Version()
}

// Release lets the memory of the page's records be used again. Calling it is optional; the records
// must not be read afterwards.
func (p *Page) Release() {
	p.copied.release()
	p.Records, p.copied = nil, nil
}

// Page reads one page. Its version, its total and its records agree, as if read
// in one snapshot. Errors are catalog.ErrNoSet, *paging.Refusal, *CountError,
// *catalog.ValueError for a facet of a field that is not filtered by, *view.GoneError, or the source's.
func (r *Reader) Page(ctx context.Context, req Request) (page *Page, err error) {
	page, err = r.page(ctx, req)
	if mended, ok := req.mended(err); ok {
		return r.page(ctx, mended)
	}
	return page, err
}

func (r *Reader) page(ctx context.Context, req Request) (page *Page, err error) {
	err = r.with(ctx, &req, lightly, func(ctx context.Context, v view.View) (err error) {
		if req.At > 0 {
			page, err = r.held(ctx, v, &req)
		} else {
			page, err = r.read(ctx, v, &req)
		}
		if err == nil {
			err = req.saw(ctx, v, page.Set)
		}
		return err
	})
	return page, behind(req.At, err)
}

// Settle settles a page without reading its records. Errors are those of Page.
func (r *Reader) Settle(ctx context.Context, req Request) (page *Page, err error) {
	err = r.with(ctx, &req, inOne, func(ctx context.Context, v view.View) error {
		at, err := heldAt(ctx, v, req.At)
		if err != nil {
			return err
		}
		s, err := r.settle(ctx, at, &req)
		if err != nil {
			return err
		}
		page = s.page
		page.of(at)
		if req.At > 0 {
			page.Held = &Held{Version: req.At, MayShrink: s.bound()}
		}
		return confirmed(ctx, v)
	})
	return page, behind(req.At, err)
}

// heldAt is a view of the list held at a number, or the view itself.
func heldAt(ctx context.Context, v view.View, number int64) (view.View, error) {
	if number == 0 {
		return v, nil
	}
	return v.At(ctx, number)
}

// confirmed is no error if a view is still of the state that it was opened at, or that cannot be known.
func confirmed(ctx context.Context, v view.View) error {
	now, err := v.Confirm(ctx)
	if err == nil && !same(now, v) {
		err = &view.Moved{Why: "a later state has come"}
	}
	return err
}

// settled is a request that was settled on a view.
type settled struct {
	view  view.View
	q     view.Question
	list  *known.List
	ask   paging.Ask
	limit int64 // see Request.counting
	total paging.Total
	page  *Page
}

// bound reports whether a fixed filter applies.
func (s *settled) bound() bool { return len(s.view.Set().BindsFor(s.q.Selection().Sees)) > 0 }

// ask reads a request's query, and makes its question.
func (r *Reader) ask(v view.View, req *Request) (*settled, error) {
	req.Explain.Begin()
	ask, err := req.read(v.Set())
	if err != nil {
		return nil, err
	}
	s := &settled{view: v, ask: ask}
	if s.q, err = v.Ask(req.selection(ask)); err != nil {
		return nil, err
	}
	if s.limit, err = req.counting(v.Set(), ask); err != nil {
		return nil, err
	}
	s.list = r.known.List(s.q)
	req.Explain.Step(func(t *view.Times) *time.Duration { return &t.Read })
	return s, nil
}

// settle reads a query and settles it on its total.
func (r *Reader) settle(ctx context.Context, v view.View, req *Request) (*settled, error) {
	s, err := r.ask(v, req)
	if err == nil {
		s.total, err = s.list.Total(ctx, s.q, s.limit)
	}
	if err != nil {
		return nil, err
	}
	return s, s.settle(req)
}

func (s *settled) settle(req *Request) error {
	req.Explain.Step(func(t *view.Times) *time.Duration { return &t.Count })
	page, err := s.ask.Settle(s.total)
	req.Explain.Step(func(t *view.Times) *time.Duration { return &t.Settle })
	s.page = &Page{Settled: page, Fields: s.view.Set().Named(s.ask.Fields())}
	return err
}

// read reads a page of a view.
func (r *Reader) read(ctx context.Context, v view.View, req *Request) (*Page, error) {
	page, _, err := r.readAt(ctx, v, req)
	return page, err
}

// readAt also returns the view that the page is of by then.
func (r *Reader) readAt(ctx context.Context, v view.View, req *Request) (*Page, view.View, error) {
	s, err := r.settle(ctx, v, req)
	if err == nil && s.page.Settled.Fetch() == 0 || err != nil && errors.As(err, new(*paging.Refusal)) { // what was read confirms the rest, but nothing was
		if moved := confirmed(ctx, v); moved != nil {
			return nil, nil, moved
		}
	}
	if err != nil {
		return nil, nil, err
	}
	page := s.page
	page.of(v)
	if page.Settled.Fetch() > 0 {
		if v, err = r.records(ctx, s, req); err != nil {
			return nil, nil, err
		}
	}
	page.Facets, err = r.facets(ctx, v, req)
	return page, v, err
}

// records reads a page's records, and settles the page at the view that they are of.
func (r *Reader) records(ctx context.Context, s *settled, req *Request) (view.View, error) {
	page, rows, exact := s.page, s.page.Settled.Fetch(), s.total.Is() == paging.TotalExact
	way, err := r.routeTo(ctx, s, rows)
	if err != nil {
		return nil, err
	}
	keep := req.Keep && way.at == nil && exact && page.State() > 0
	read := newRows(s.q, page.Fields, keep || hasCursors(s.view.Set().Rules))
	page.copied = read.copied
	if err = way.read(ctx, read, rows); err != nil {
		return nil, err
	}
	if read.seen.View == nil {
		read.seen.View = s.view
	}
	if !same(read.seen.View, s.view) { // the set has moved on since the total was known: it may be another page now
		if err := r.still(ctx, s, way, read.seen.View); err != nil {
			return nil, err
		}
	} else if s.view.Steady() {
		if err := confirmed(ctx, s.view); err != nil {
			return nil, err
		}
	}
	req.Explain.Step(func(t *view.Times) *time.Duration { return &t.Cut })
	if s.total.Known() && way.at == nil && len(read.records) != rows {
		if s.view.Steady() { // what is remembered of the list is too old
			s.list.Forsake()
		}
		return nil, &view.Moved{Why: "fewer records were read than there should be"}
	}
	if err := page.close(read, way); err != nil {
		return nil, err
	}
	if keep {
		r.keep(s, read)
	}
	return s.view, nil
}

// still settles a page again at the state that its records were read at. The error is a *view.Moved
// if they are not the page's records at that state.
func (r *Reader) still(ctx context.Context, s *settled, way *route, seen view.View) error {
	later, err := seen.Ask(*s.q.Selection())
	if err != nil {
		return err
	}
	list := r.known.List(later)
	total, err := list.Total(ctx, later, s.limit)
	if err != nil {
		return err
	}
	moved := &view.Moved{Why: "the page is another one at the state that it was read at"}
	page, err := s.ask.Settle(total)
	if err != nil || page.Offset() != s.page.Settled.Offset() || page.Fetch() != s.page.Settled.Fetch() || !way.same(s.total, total) {
		return moved
	}
	if way.footholds != nil {
		if err := way.footholds.Follow(ctx, later); err != nil {
			return moved
		}
		if way.footholds.Shifted(s.view.Mark(), seen.Mark(), way.blocks, way.block, way.key) {
			return moved
		}
	}
	s.page.Settled, s.view, s.q, s.list, s.total = page, seen, later, list, total
	s.page.of(seen)
	return nil
}

// close closes a page when its records have been read, perhaps with one more than it holds.
func (p *Page) close(read *rows, way *route) (err error) {
	if p.Settled, err = p.Settled.Received(len(read.records)); err != nil {
		return err
	}
	from, n := 0, p.Settled.Rows()
	if way.at != nil && way.backward {
		from = len(read.records) - n
	}
	if hasCursors(p.Set.Rules) {
		if p.ends, err = read.endsOf(from, n, way.behind); err != nil {
			return err
		}
		p.Settled = p.Ended(p.Settled)
	}
	p.Records = read.records[from : from+n]
	if read.fates != nil {
		p.Fates = read.fates[from : from+n]
	}
	return nil
}

// ends are the places of a page's first and last record, and whether there are records on the
// other side of its cursor.
type ends struct {
	first, last []*string
	behind      bool
}

// Places are the places of the page's first and last record, if its list has cursors.
func (p *Page) Places() (first, last []*string) { return p.ends.first, p.ends.last }

// Ended is the page, settled as given, with this page's cursors.
func (p *Page) Ended(settled paging.Page) paging.Page {
	if !hasCursors(p.Set.Rules) {
		return settled
	}
	return settled.Ends(p.ends.first, p.ends.last, p.ends.behind)
}

// hasCursors reports whether callers of a list may send cursors.
func hasCursors(r *rulesfile.Rules) bool {
	return r.Addressing == paging.ByCursor || r.Params.After != "" || r.Params.Before != ""
}

// rows are records as they are read.
type rows struct {
	q       view.Question
	fields  []string
	ordered bool  // the values in the fields of the order are needed too
	placed  []int // where these stand among the fields; nil: they are read apart
	copied  *copier

	records []Record
	orders  [][][]byte
	fates   []view.Fate
	seen    view.Seen
}

func newRows(q view.Question, fields []intake.Field, ordered bool) *rows {
	r := &rows{q: q, fields: catalog.Names(fields), ordered: ordered, copied: copiers.Get().(*copier)}
	if ordered {
		by := q.Selection().Ask.Order()
		r.placed = make([]int, 0, len(by))
		for _, o := range by {
			at := slices.Index(r.fields, o.Field)
			if at < 0 {
				r.placed = nil
				break
			}
			r.placed = append(r.placed, at)
		}
	}
	return r
}

// read reads a window, in place of what was read before or, more, besides it.
func (r *rows) read(ctx context.Context, w view.Window) error {
	w.Fields, w.Order = r.fields, r.ordered && r.placed == nil
	r.records, r.orders, r.fates = nil, nil, nil
	first, ordered := len(r.copied.records), [][][]byte(nil)
	seen, err := r.q.Read(ctx, w, func(row *view.Row) error {
		r.copied.copy(row.Values)
		if w.Order {
			ordered = append(ordered, cloned(row.Order))
		}
		if row.Fate != view.Same || r.fates != nil {
			r.fate(len(r.copied.records)-1-first, row.Fate)
		}
		return nil
	})
	if err != nil {
		return err
	}
	r.records, r.orders = slices.Clip(r.copied.records[first:]), ordered
	for r.fates != nil && len(r.fates) < len(r.records) {
		r.fates = append(r.fates, view.Same)
	}
	return r.note(seen)
}

// fate notes the fate of a record; those before it are the same now, as far as nothing else is noted.
func (r *rows) fate(i int, fate view.Fate) {
	for len(r.fates) <= i {
		r.fates = append(r.fates, view.Same)
	}
	r.fates[i] = fate
}

// note notes what a window was of. All windows of one page are of one state.
func (r *rows) note(seen view.Seen) error {
	if r.seen.View != nil && !same(r.seen.View, seen.View) {
		return &view.Moved{Why: "between two questions"}
	}
	looked := max(r.seen.Looked, seen.Looked)
	r.seen = seen
	r.seen.Looked = looked
	return nil
}

// reverse brings records that were read in the opposite order into the list's.
func (r *rows) reverse() {
	slices.Reverse(r.records)
	slices.Reverse(r.orders)
	slices.Reverse(r.fates)
}

// cut leaves some records.
func (r *rows) cut(from, n int) {
	r.records = r.records[from : from+n]
	if r.orders != nil {
		r.orders = r.orders[from : from+n]
	}
	if r.fates != nil {
		r.fates = r.fates[from : from+n]
	}
}

// order is the values of a record in the fields of the order.
func (r *rows) order(i int) [][]byte {
	if r.orders != nil {
		return r.orders[i]
	}
	values := make([][]byte, len(r.placed))
	for n, at := range r.placed {
		values[n] = r.records[i][at]
	}
	return values
}

// endsOf are the ends of a page that consists of n of the records that were read.
func (r *rows) endsOf(from, n int, behind bool) (e ends, err error) {
	e.behind = behind
	if n == 0 {
		return e, nil
	}
	if e.first, err = r.q.Place(r.order(from)); err == nil {
		e.last, err = r.q.Place(r.order(from + n - 1))
	}
	return e, err
}

func cloned(values [][]byte) [][]byte {
	all := make([][]byte, len(values))
	for i, v := range values {
		if v != nil {
			all[i] = append([]byte{}, v...)
		}
	}
	return all
}
