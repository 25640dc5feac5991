package paging

// RungKind is what one entry of a ladder is.
type RungKind string

// The kinds of rung.
const (
	RungPage    RungKind = "page"
	RungCurrent RungKind = "current"
	RungGap     RungKind = "gap"
)

// Rung is one entry of a ladder: a page, the current page, or a gap that stands
// for pages left out.
type Rung struct {
	Kind RungKind `json:"rung"`
	// Page is the page's number; on a gap, the page that it links to, the lower
	// middle one, or 0.
	Page int64 `json:"page,omitempty"`
	// From and To are the pages that a gap stands for, inclusive. To is 0 in an
	// open gap: pages follow, nobody knows how many.
	From int64 `json:"from,omitempty"`
	To   int64 `json:"to,omitempty"`
	// Href is where it leads; the current page and a gap without a link have none.
	Href string `json:"href,omitempty"`
}

// rungs lays out the ladder without its links.
//
// With r pages of reach, t tips and w = 2r+2t+3: a ladder of at most w pages shows them all. A
// longer one has a gap on each side of the current page on which the gap would hide two pages or
// more; on the other sides all pages up to the window are shown. If the ladder is steady, such a
// side is filled up to w rungs.
func (p *page) rungs() []Rung {
	l := &p.ask.ruled().Ladder
	if p.seeks() || p.ask.ruled().byCursor() {
		return nil
	}
	if p.pages <= 1 && p.number <= 1 && !p.open() && !l.Lone {
		return nil
	}
	if p.open() {
		return p.openRungs()
	}
	r, t := l.reach(), l.tips()
	w := 2*r + 2*t + 3
	pages := p.pageCount()
	b := p.ladderBuilder(min(w, pages))
	at := min(p.current(), pages) // under "empty" the window stands at the end
	if pages <= w {
		b.pages(1, pages)
		return b.rungs
	}
	lo, hi := at-r, add(at, r) // the window round the current page
	if lo-t-1 < 2 {
		lo, hi = 1, max(hi, t)
		if l.steady() {
			hi = w - t - 1
		}
	}
	if pages-t-hi < 2 {
		lo, hi = min(lo, add(pages-t, 1)), pages
		if l.steady() {
			lo = pages - (w - t - 2)
		}
	}
	if lo > 1 {
		b.pages(1, t)
		b.gap(t+1, lo-1)
	}
	b.pages(lo, min(hi, pages))
	if hi < pages {
		b.gap(hi+1, pages-t)
		b.pages(pages-(t-1), pages)
	}
	return b.rungs
}

// open reports whether the number of pages that follow is unknown.
func (p *page) open() bool { return !p.total.Known() && (p.more || !p.closed) }

// openRungs lays out a ladder without a known end: the known pages, then an open gap.
func (p *page) openRungs() []Rung {
	l := &p.ask.ruled().Ladder
	r, t := l.reach(), l.tips()
	b := p.ladderBuilder(2*r + 2*t + 3)
	at := p.current()
	known := max(p.pageCount(), at)
	lo, hi := at-r, min(add(at, r), known)
	if lo-t-1 < 2 {
		lo = 1
		if l.steady() {
			hi = min(max(hi, 2*r+t+2), known)
		} else {
			hi = min(max(hi, t), known)
		}
	}
	if lo > 1 {
		b.pages(1, t)
		b.gap(t+1, lo-1)
	}
	b.pages(lo, hi)
	b.add(Rung{Kind: RungGap, From: add(hi, 1)})
	return b.rungs
}

// ladderBuilder adds rungs one after the other, and never more than it has room for.
type ladderBuilder struct {
	rungs   []Rung
	current int64 // the page that is no link; 0: none
	links   bool  // gaps link to one of their pages
}

// ladderBuilder makes room for a bounded number of rungs.
func (p *page) ladderBuilder(limit int64) ladderBuilder {
	b := ladderBuilder{rungs: make([]Rung, 0, max(limit, 0)), current: p.current(), links: p.ask.ruled().Ladder.GapLinks}
	if p.past {
		b.current = 0
	}
	return b
}

// add adds one rung, and reports whether there was room for it.
func (b *ladderBuilder) add(r Rung) bool {
	if len(b.rungs) == cap(b.rungs) {
		return false
	}
	b.rungs = append(b.rungs, r)
	return true
}

func (b *ladderBuilder) pages(from, to int64) {
	if from < 1 { // without tips, or past the largest possible page number
		return
	}
	for n := from; n <= to; n++ {
		kind := RungPage
		if n == b.current {
			kind = RungCurrent
		}
		if !b.add(Rung{Kind: kind, Page: n}) || n == to { // to may be the largest int64
			return
		}
	}
}

func (b *ladderBuilder) gap(from, to int64) {
	g := Rung{Kind: RungGap, From: from, To: to}
	if b.links {
		g.Page = from + (to-from)/2
	}
	b.add(g)
}
