package paging

import (
	"strconv"
	"time"
)

// Metadata is what an answer says about its page, as it stands on the wire.
type Metadata struct {
	Page         *int64      `json:"page" jsonschema:"nullable"`        // from 1; null of a page that was asked for by a cursor, and where lists are addressed by cursor
	Size         int         `json:"size"`                              // records on a full page
	TotalPages   *int64      `json:"total_pages" jsonschema:"nullable"` // null where not known
	TotalItems   *int64      `json:"total_items" jsonschema:"nullable"` // null where not known
	TotalIs      TotalKind   `json:"total_is"`                          // "exact", "at_least", "none", "remembered"
	TotalAtLeast int64       `json:"total_at_least,omitempty"`          // the lower bound, where only that is known
	TotalAge     int64       `json:"total_age,omitempty"`               // seconds since a remembered total was counted
	FirstRow     *int64      `json:"first_row" jsonschema:"nullable"`   // from 1; null on an empty page
	LastRow      *int64      `json:"last_row" jsonschema:"nullable"`    // inclusive; null on an empty page
	RowsHere     int         `json:"rows_here"`                         // records on this page
	Offset       *int64      `json:"offset" jsonschema:"nullable"`      // records before it; null of a page that was asked for by a cursor
	Limit        int         `json:"limit"`                             // records taken, at most
	Version      int64       `json:"version,omitempty"`                 // of a kept set; filled in by who keeps it
	ChangesSince *int64      `json:"changes_since,omitempty"`           // of a list that is held at its version: changes of its records since, 0 where it is the list as it is; filled in by who keeps it
	MayShrink    bool        `json:"may_shrink,omitempty"`              // of a list that is held for a caller who sees only some of its records: those that leave its sight leave the list, and later ones move up; filled in by who keeps it
	AsOf         *time.Time  `json:"as_of,omitempty"`                   // of a page from a replica: its records are at least as they were then, by the clock of who answers; filled in by who keeps it
	Stale        bool        `json:"stale,omitempty"`                   // the records' primary does not answer, and they are older than pages are otherwise; filled in by who keeps it
	Sort         string      `json:"sort"`                              // the total order: "-tonnage,-id"
	Search       string      `json:"search,omitempty"`
	Filters      []Condition `json:"filters"` // never null
	IsFirst      bool        `json:"is_first"`
	IsLast       bool        `json:"is_last"`
	Summary      string      `json:"summary"` // "41–60 of 168"
}

// Metadata describes the page.
func (settled Page) Metadata() Metadata {
	p := settled.in()
	m := Metadata{
		Size:     p.size(),
		TotalIs:  p.total.Is(),
		RowsHere: p.rows,
		Limit:    p.size(),
		Sort:     p.ask.sorted,
		Search:   p.ask.search,
		Filters:  append([]Condition{}, settled.Ask().Conditions()...),
		IsFirst:  !p.hasPrev(),
		IsLast:   !p.hasNext(),
		Summary:  p.summary(),
	}
	if !p.seeks() {
		number, offset := p.current(), p.offset
		if m.Offset = &offset; !p.ask.ruled().byCursor() {
			m.Page = &number
		}
	}
	switch p.total.Is() {
	case TotalExact, TotalRemembered:
		pages, items := p.pageCount(), p.total.n
		if m.TotalItems = &items; m.Page != nil {
			m.TotalPages = &pages
		}
		m.TotalAge = int64(p.total.age.Seconds())
	case TotalAtLeast:
		m.TotalAtLeast = p.atLeast()
	}
	if p.rows > 0 && !p.seeks() {
		first, last := p.firstRow(), p.lastRow()
		m.FirstRow, m.LastRow = &first, &last
	}
	return m
}

// firstRow and lastRow are the rows of a page that is not empty, from 1.
func (p *page) firstRow() int64 { return add(p.offset, 1) }
func (p *page) lastRow() int64  { return add(p.offset, int64(p.rows)) }

// atLeast is how many records are known to be there.
func (p *page) atLeast() int64 {
	if p.rows == 0 || p.seeks() {
		return p.total.n
	}
	return max(p.total.n, p.lastRow())
}

// summary says in English which rows are on the page: "41–60 of 168",
// "41–60 of at least 10,000", "41–60", "none of 168"
// past the last page, "no records".
func (p *page) summary() string {
	if p.seeks() {
		return p.summaryBy()
	}
	rows := "none"
	switch {
	case p.rows == 1:
		rows = grouped(p.firstRow())
	case p.rows > 1:
		rows = grouped(p.firstRow()) + "–" + grouped(p.lastRow())
	}
	switch {
	case p.total.Known() && p.total.n == 0:
		return "no records"
	case p.total.Known():
		return rows + " of " + grouped(p.total.n)
	case p.total.is == TotalAtLeast:
		return rows + " of at least " + grouped(p.atLeast())
	}
	return rows
}

// grouped writes a number that is not negative with commas: 1,234,567.
func grouped(n int64) string {
	digits := strconv.FormatInt(n, 10)
	b := make([]byte, 0, len(digits)+len(digits)/3)
	for i := range len(digits) {
		if i > 0 && (len(digits)-i)%3 == 0 {
			b = append(b, ',')
		}
		b = append(b, digits[i])
	}
	return string(b)
}
