package paging

import (
	"math"
	"strconv"
	"strings"

	"pageladder.example/paging/code"
	"pageladder.example/paging/cursor"
	"pageladder.example/paging/value"
)

// Page is one settled page: its number, its offset and limit and its row range
// are final. It is a value that never changes. The zero Page is the one, empty page
// of a list without records.
type Page struct{ settled *page }

// in is what is in a Page.
func (p Page) in() *page {
	if p.settled == nil {
		return new(page)
	}
	return p.settled
}

// String is short, for logs: "page 3: 41–60 of 168".
func (p Page) String() string {
	in := p.in()
	switch {
	case in.seeks():
		return "by cursor: " + in.summary()
	case in.ask.ruled().byOffset():
		return "offset " + strconv.FormatInt(in.offset, 10) + ": " + in.summary()
	}
	return "page " + strconv.FormatInt(in.current(), 10) + ": " + in.summary()
}

// page is what is known of a page. It does not change once a Page holds it.
type page struct {
	ask    ask
	total  Total
	number int64 // from 1
	pages  int64 // pages known to be there; all of them where the total is known
	offset int64
	rows   int  // records on it, as far as is known
	past   bool // lies past the last page and was left there
	closed bool // the total is known, or Received has said how many records there are
	more   bool // Seen found that records follow or, read backward, precede

	behind bool        // there are records on the other side of the ask's cursor
	ends   cursor.Pair // given to Ends
}

// Settle settles the ask on a total. The error is nil or a *Refusal: a page past the last one if
// the rules refuse that, or an offset beyond the rules' MaxOffset if the total is not known.
func (a Ask) Settle(total Total) (Page, error) {
	if a.in().rules == nil {
		a, _ = new(Rules).Read("") // which refuse nothing
	}
	p := &page{ask: *a.in(), total: total}
	if err := p.settle(); err != nil {
		return Page{}, err
	}
	return Page{p}, nil
}

// settle finds out which page it is.
func (p *page) settle() error {
	a := &p.ask
	if a.all && p.total.Known() && p.total.n > int64(a.size) {
		a.fault(a.ruled().sizeParam(), allSize, strconv.Itoa(a.size), code.SizeOverCap,
			"all of this list is more than the "+strconv.Itoa(a.size)+" records that are given at once")
		if len(a.faults) > 0 {
			return &Refusal{Faults: a.faults}
		}
		a.all = false // links carry the size that is used
	}
	p.pages = p.total.pages(a.size)
	if p.seeks() {
		return nil
	}
	size := int64(a.size)
	switch {
	case a.row > 0:
		p.offset = (a.row - 1) / size * size
	case a.ruled().byOffset():
		p.offset = a.pos
		if !a.ruled().OffsetAsIs && p.offset%size != 0 {
			p.offset -= p.offset % size
			if err := p.mend(p.offset, code.OffsetRounded, "the offset is rounded down to the start of a page"); err != nil {
				return err
			}
		}
	default:
		p.offset = times(a.pos-1, size)
	}
	p.number = add(p.offset/size, 1)
	if !a.ruled().byOffset() && a.row == 0 {
		p.number = a.pos // also if the offset is beyond int64
	}

	if !p.total.Known() {
		if p.offset > a.ruled().maxOffset() {
			a.refuse(p.posParam(), p.given(), code.OffsetOverMax, "where the total is not known, at most "+
				strconv.FormatInt(a.ruled().maxOffset(), 10)+" records can be skipped")
			return &Refusal{Faults: a.faults}
		}
		return nil
	}
	if p.offset >= p.total.n && p.offset > 0 {
		if err := p.settlePastLast(); err != nil {
			return err
		}
	}
	p.closed = true
	if !p.past {
		p.rows = int(min(size, p.total.n-p.offset))
	}
	return nil
}

// settlePastLast does what the rules say about a page past the last one.
func (p *page) settlePastLast() error {
	kind := p.ask.ruled().pastLast()
	given := quoted(strings.TrimSpace(p.given()))
	reason := "page " + given + " is past the last page, " + strconv.FormatInt(p.pages, 10)
	switch {
	case p.ask.row > 0:
		reason = "row " + given + " is past the last record"
	case p.ask.ruled().byOffset():
		reason = "offset " + given + " is past the last record"
	}
	number := p.pages
	switch kind {
	case PastLastRefused:
		if p.total.n == 0 { // an empty set has one empty page that is never refused
			break
		}
		p.ask.refuse(p.posParam(), p.given(), code.PagePastLast, reason)
		return &Refusal{Faults: p.ask.faults}
	case PastLastGivesEmpty:
		p.past = true
		// As asked for, but no larger than a JSON number can express exactly.
		size, limit := int64(p.ask.size), max(p.total.n, value.MaxInteger)
		if !p.ask.ruled().byOffset() {
			p.number = min(p.number, max(p.pages, value.MaxInteger))
			p.offset = min(times(p.number-1, size), limit)
			return nil
		}
		p.offset = min(p.offset, limit)
		if !p.ask.ruled().OffsetAsIs {
			p.offset -= p.offset % size
		}
		p.number = add(p.offset/size, 1)
		return nil
	case PastLastGivesFirst:
		number = 1
	}
	p.number = number
	p.offset = times(number-1, int64(p.ask.size))
	p.ask.adjust(p.posParam(), p.given(), strconv.FormatInt(p.position(number), 10), code.PagePastLast, reason)
	return nil
}

// mend notes that the page's position was changed, or refuses it.
func (p *page) mend(used int64, why code.Code, reason string) error {
	p.ask.fault(p.posParam(), p.given(), strconv.FormatInt(used, 10), why, reason)
	if len(p.ask.faults) > 0 {
		return &Refusal{Faults: p.ask.faults}
	}
	return nil
}

// posParam is the parameter that this page was asked for by.
func (p *page) posParam() string {
	if p.ask.row > 0 || p.ask.ruled().byCursor() {
		return p.ask.ruled().rowParam()
	}
	return p.ask.ruled().pageParam()
}

// given is its value in the query.
func (p *page) given() string {
	if p.ask.row > 0 {
		return strconv.FormatInt(p.ask.row, 10)
	}
	if at := p.ask.pageGiven.last; at > 0 {
		return p.ask.parts[at-1].Value()
	}
	return ""
}

// position is a page's value on links: its number, its offset or, by cursor, its first row.
func (p *page) position(number int64) int64 {
	if p.ask.ruled().byCursor() {
		return add(times(number-1, int64(p.size())), 1)
	}
	if p.ask.ruled().byOffset() {
		return times(number-1, int64(p.size()))
	}
	return number
}

// Received is the same page after reading, when Fetch records were asked for and this many were received. If the
// total is not known, they show whether more records follow. The error is nil or a *Refusal: no records were
// received for a page after the first, and the rules refuse pages past the last one.
func (p Page) Received(received int) (Page, error) {
	if in := p.in(); in.closed || in.ask.rules == nil {
		return p, nil
	}
	page := *p.in()
	if err := page.close(received); err != nil {
		return Page{}, err
	}
	return Page{&page}, nil
}

// close takes in how many records were received.
func (p *page) close(received int) error {
	p.closed = true
	p.rows = min(max(received, 0), p.ask.size)
	p.more = received > p.ask.size
	switch {
	case p.seeks():
	case p.more:
		p.pages = max(p.pages, add(p.number, 1))
	case p.ask.ruled().byCursor() && (p.rows > 0 || p.offset == 0): // nobody has counted
	case p.rows > 0 || p.offset == 0:
		p.total = Exact(add(p.offset, int64(p.rows)))
		p.pages = p.total.pages(p.ask.size)
	case p.ask.ruled().pastLast() == PastLastRefused:
		p.ask.refuse(p.posParam(), p.given(), code.PagePastLast, "page "+strconv.FormatInt(p.number, 10)+" is past the last page")
		return &Refusal{Faults: p.ask.faults}
	default:
		p.past = true
		p.pages = min(p.pages, p.number-1)
		if p.total.is == TotalNone {
			p.pages = p.number - 1 // one page back is the best that is known
		}
	}
	return nil
}

// current is the page's number, from 1.
func (p *page) current() int64 { return max(p.number, 1) }

// pageCount is the number of pages that are known to be there, at least one.
func (p *page) pageCount() int64 { return max(p.pages, 1) }

// Size is the number of records on a full page: the LIMIT of SQL.
func (p Page) Size() int { return p.in().size() }

func (p *page) size() int { return p.ask.limit() }

// Offset is the number of records before the page: the OFFSET of SQL.
func (p Page) Offset() int64 { return p.in().offset }

// Fetch is the number of records to read: none for a page that is known to be empty, and one more
// than the page holds if the total is not known, so that Received can find out whether more follow.
func (p Page) Fetch() int {
	in := p.in()
	switch {
	case in.closed || in.ask.rules == nil:
		return in.rows
	case in.ask.size == math.MaxInt:
		return in.ask.size
	}
	return in.ask.size + 1
}

// Rows is the number of records on the page, as far as is known.
func (p Page) Rows() int { return p.in().rows }

// Total is the total that the page was settled on; after Seen it may be exact.
func (p Page) Total() Total { return p.in().total }

func (p *page) hasNext() bool {
	switch {
	case p.seeks() && p.ask.backward:
		return p.behind
	case p.seeks():
		return p.more
	case p.past:
		return false
	case p.total.Known():
		return p.total.n-p.offset > int64(p.size())
	case p.closed:
		return p.more
	}
	return p.number < p.pages // until Seen
}

// Ask is the ask that the page was settled from, with the adjustments of settling.
func (p Page) Ask() Ask { return Ask{&p.in().ask} }
