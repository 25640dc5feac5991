package paging

import (
	"strconv"
	"strings"
)

// Links builds the links of one page on one base. They carry used values, and
// every other parameter rides along in its place, byte for byte.
type Links struct {
	page   *Page
	base   Base
	before string // a link up to its page number
	after  string // and the rest
	bare   string // the link to page 1 where the rules leave its number out
}

// Steps are the links to the neighbouring and the outermost pages. A step that
// leads nowhere is empty.
type Steps struct {
	Self  string `json:"self"`
	First string `json:"first,omitempty"`
	Prev  string `json:"prev,omitempty"`
	Next  string `json:"next,omitempty"`
	Last  string `json:"last,omitempty"`
}

// SizeLink is one offered page size.
type SizeLink struct {
	Size    int    `json:"size"`
	Href    string `json:"href"`
	Current bool   `json:"current,omitempty"`
}

// SortLink is one offered sort key: where a click on its column head leads.
type SortLink struct {
	Key       string    `json:"key"`
	Href      string    `json:"href"`
	Direction Direction `json:"direction,omitempty"` // in force; empty where the key is not sorted by
	Rank      int       `json:"rank,omitempty"`      // from 1; 0 where the key is not sorted by
}

// change is what a link asks for beside another page.
type change struct {
	size int    // 0: the one in force
	sort string // "": the one in force
}

// On readies the links of a page on a base. The page must not change while they
// are in use.
func (p *Page) On(base Base) Links {
	buf := make([]byte, 0, p.linkLen(base))
	buf, cut := p.appendLink(buf, base, change{}, true)
	end := len(buf)
	if p.ask.rules.FirstPageBare {
		buf, _ = p.appendLink(buf, base, change{}, false)
	}
	s := string(buf)
	return Links{page: p, base: base, before: s[:cut], after: s[cut:end], bare: s[end:]}
}

// linkLen is about how long a link without its page number is.
func (p *Page) linkLen(base Base) int {
	n := len(base.text) + len("?page=&size=000")
	for i := range p.ask.parts {
		n += len(p.ask.parts[i].raw) + 1
	}
	return n
}

// appendLink writes a link without its page number, and tells where that goes.
// Without withPage the page parameter is left out.
func (p *Page) appendLink(dst []byte, base Base, c change, withPage bool) (_ []byte, cut int) {
	a := &p.ask
	dst = append(dst, base.text...)
	sep := byte('?')
	next := func() {
		dst = append(dst, sep)
		sep = '&'
	}
	wrote := struct{ page, size, sort bool }{}
	for i := range a.parts {
		part := &a.parts[i]
		switch part.role {
		case roleDropped:
		case rolePage:
			wrote.page = true
			if withPage {
				next()
				dst = append(appendKept(dst, part.raw[:part.eq]), '=')
				cut = len(dst)
			}
		case roleSize:
			wrote.size = true
			next()
			if c.size == 0 && !a.changed(a.rules.SizeParam()) {
				dst = appendKept(dst, part.raw)
			} else {
				dst = append(appendKept(dst, part.raw[:part.eq]), '=')
				dst = strconv.AppendInt(dst, int64(a.sizeOr(c.size)), 10)
			}
		case roleSort:
			wrote.sort = true
			switch {
			case c.sort != "":
				next()
				dst = append(appendKept(dst, part.raw[:part.eq]), '=')
				dst = appendValue(dst, c.sort)
			case !a.changed(a.rules.SortParam()):
				next()
				dst = appendKept(dst, part.raw)
			case len(a.sort) > 0:
				next()
				dst = append(appendKept(dst, part.raw[:part.eq]), '=')
				dst = appendValue(dst, sortText(a.sort))
			}
		default:
			next()
			dst = appendKept(dst, part.raw)
		}
	}
	if !wrote.size && c.size != 0 {
		next()
		dst = append(appendValue(dst, a.rules.SizeParam()), '=')
		dst = strconv.AppendInt(dst, int64(c.size), 10)
	}
	if !wrote.sort && c.sort != "" {
		next()
		dst = append(appendValue(dst, a.rules.SortParam()), '=')
		dst = appendValue(dst, c.sort)
	}
	if !wrote.page && withPage {
		next()
		dst = append(appendValue(dst, a.rules.PageParam()), '=')
		cut = len(dst)
	}
	if sep == '?' && base.text == "" {
		dst = append(dst, '?') // "" would mean the address with its old query
	}
	return dst, cut
}

func (a *Ask) sizeOr(size int) int {
	if size == 0 {
		return a.size
	}
	return size
}

// changed tells whether the parameter's value was adjusted.
func (a *Ask) changed(param string) bool {
	for i := range a.adjusted {
		if a.adjusted[i].Param == param {
			return true
		}
	}
	return false
}

// linkWriter makes many links in one allocation.
type linkWriter struct {
	strings.Builder
	digits [20]byte
}

// pageAt writes the link whose page parameter says position.
func (w *linkWriter) pageAt(l *Links, position int64) string {
	from := w.Len()
	if l.bare != "" && position == l.page.position(1) {
		return l.bare
	}
	w.WriteString(l.before)
	w.Write(strconv.AppendInt(w.digits[:0], position, 10))
	w.WriteString(l.after)
	return w.String()[from:]
}

// grow makes room for n links.
func (w *linkWriter) grow(l *Links, n int) {
	digits := 1
	for x := max(l.page.position(l.page.pages), l.page.offset, l.page.number); x > 9; x /= 10 {
		digits++
	}
	w.Grow(n * (len(l.before) + len(l.after) + digits))
}

// Page is the link to one page, by its number from 1.
func (l *Links) Page(number int64) string {
	var w linkWriter
	return w.pageAt(l, l.page.position(number))
}

// Steps are the links to this page, the first, the previous, the next and the
// last.
func (l *Links) Steps() Steps {
	p := l.page
	var w linkWriter
	w.grow(l, 5)
	here := p.position(p.number)
	if p.ask.rules.OffsetAsIs && p.ask.rules.byOffset() {
		here = p.offset
	}
	s := Steps{Self: w.pageAt(l, here)}
	if !p.IsFirst() {
		s.First = w.pageAt(l, p.position(1))
		s.Prev = w.pageAt(l, p.previous())
	}
	if p.hasNext() {
		s.Next = w.pageAt(l, here+p.step())
	}
	if p.total.Known() && (p.hasNext() || p.past) {
		s.Last = w.pageAt(l, p.position(p.pages))
	}
	return s
}

// step is how far the next page's position is from this one's.
func (p *Page) step() int64 {
	if p.ask.rules.byOffset() {
		return int64(p.ask.size)
	}
	return 1
}

// previous is the position of the page before this one.
func (p *Page) previous() int64 {
	switch {
	case p.past:
		return p.position(max(p.pages, 1))
	case p.ask.rules.byOffset():
		return max(0, p.offset-int64(p.ask.size))
	}
	return p.number - 1
}

// Ladder is the row of page links. It is never nil, and empty where there is but
// one page, unless the rules want that drawn.
func (l *Links) Ladder() []Rung {
	rungs := l.page.rungs()
	if rungs == nil {
		return []Rung{}
	}
	var w linkWriter
	w.grow(l, len(rungs))
	for i := range rungs {
		if r := &rungs[i]; r.Kind != RungCurrent && r.Page > 0 {
			r.Href = w.pageAt(l, l.page.position(r.Page))
		}
	}
	return rungs
}

// Sizes are the offered page sizes, each with the link that keeps the first
// visible record in view.
func (l *Links) Sizes() []SizeLink {
	offered := l.page.ask.rules.OfferedSizes()
	links := make([]SizeLink, 0, len(offered))
	first := l.page.offset
	if l.page.total.Known() {
		first = min(first, max(l.page.total.n-1, 0))
	}
	for _, size := range offered {
		position := first / int64(size)
		if l.page.ask.rules.byOffset() {
			position *= int64(size)
		} else {
			position++
		}
		links = append(links, SizeLink{
			Size:    size,
			Href:    l.page.link(l.base, change{size: size}, position),
			Current: size == l.page.ask.size,
		})
	}
	return links
}

// Sorts are the offered sort keys, each with the link that sorts by it alone,
// from page 1: in its first direction or, where it is the first key in force
// already, in the other.
func (l *Links) Sorts() []SortLink {
	a := &l.page.ask
	links := make([]SortLink, 0, len(a.rules.Sorts))
	for i := range a.rules.Sorts {
		k := &a.rules.Sorts[i]
		link := SortLink{Key: k.Key}
		desc := k.First == Descending
		for rank, by := range a.sort {
			if by.Key == k.Key {
				link.Rank, link.Direction = rank+1, direction(by.Desc)
				if rank == 0 {
					desc = !by.Desc
				}
			}
		}
		text := k.Key
		if desc {
			text = "-" + text
		}
		link.Href = l.page.link(l.base, change{sort: text}, l.page.position(1))
		links = append(links, link)
	}
	return links
}

func direction(desc bool) Direction {
	if desc {
		return Descending
	}
	return Ascending
}

// link is one link with other changes than the page.
func (p *Page) link(base Base, c change, position int64) string {
	bare := p.ask.rules.FirstPageBare && position == p.position(1)
	buf, cut := p.appendLink(make([]byte, 0, p.linkLen(base)+24), base, c, !bare)
	if bare {
		return string(buf)
	}
	var digits [20]byte
	number := strconv.AppendInt(digits[:0], position, 10)
	return string(buf[:cut]) + string(number) + string(buf[cut:])
}
