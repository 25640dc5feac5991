package paging

import (
	"slices"
	"strconv"
	"strings"

	"pageladder.example/paging/query"
)

// Links builds the links of one page on one base. They carry the values that were used; every
// other parameter keeps its place and its bytes.
type Links struct {
	page   *page
	base   Base
	before string // a link up to its page number
	after  string // and the rest
	bare   string // the link to page 1 where the rules leave its number out
}

// of is the page that the links belong to; for the zero Links, the zero Page.
func (l Links) of() *page {
	if l.page == nil {
		return new(page)
	}
	return l.page
}

// Steps are the links to the neighbouring and the outermost pages. A step that
// leads nowhere is empty.
type Steps struct {
	Self  string `json:"self"`
	First string `json:"first,omitempty"`
	Prev  string `json:"prev,omitempty"`
	Next  string `json:"next,omitempty"`
	Last  string `json:"last,omitempty"`
	Now   string `json:"now,omitempty"` // for a list that is held still: the list as it is; filled in by the code that holds it

	// EndsDrawn means that a row of links shows First and Last: as LadderRules.Ends says or, if that is left
	// out, if the ladder has no tips.
	EndsDrawn bool `json:"-"`
}

// change is one parameter that a link changes, besides the page.
type change struct {
	param  string
	values []string // none: the parameter is removed
}

// On prepares the links of a page on a base.
func (settled Page) On(base Base) Links {
	p := settled.in()
	l := Links{page: p, base: base}
	if base.tmpl != nil || p.ask.ruled().byCursor() {
		return l
	}
	var stack [512]byte
	buf, cut, _ := p.appendLink(stack[:0], &base, nil, true)
	end := len(buf)
	if p.ask.ruled().FirstPageBare {
		buf, _, _ = p.appendLink(buf, &base, nil, false)
	}
	s := string(buf)
	l.before, l.after, l.bare = s[:cut], s[cut:end], s[end:]
	return l
}

// kept calls each with the parameters of a link in their order, with their values: unchanged ones
// as they were written.
func (p *page) kept(base *Base, changes []change, each func(part *part, name, raw string, values []string)) {
	a := &p.ask
	var done uint64 // one bit for each change; there are few
	for i := range a.parts {
		part := &a.parts[i]
		if part.role == roleDropped || part.role == roleAside && base.outside {
			continue
		}
		if len(changes) > 0 {
			if at := slices.IndexFunc(changes, func(c change) bool { return c.param == part.Name() }); at >= 0 {
				if done&(1<<at) == 0 {
					each(part, changes[at].param, "", changes[at].values)
					done |= 1 << at
				}
				continue
			}
		}
		switch {
		case part.role == roleSize && a.changed(a.ruled().sizeParam()):
			each(part, "", "", []string{a.sizeText()})
		case part.role == roleSort && (a.joined(a.sortGiven) || a.changed(a.ruled().sortParam())):
			each(part, "", "", some(sortText(a.sort)))
		case part.role == roleCursor:
		case part.role == roleDirection && a.changed(a.ruled().directionParam()):
		case part.role == roleFields && (a.joined(a.fieldsGiven) || a.changed(a.ruled().fieldsParam())):
			each(part, "", "", some(strings.Join(a.fields, ",")))
		default:
			each(part, "", part.Raw(), nil)
		}
	}
	for at, c := range changes {
		if done&(1<<at) == 0 {
			each(nil, c.param, "", c.values)
		}
	}
}

// some is a list with one value, or an empty list for "".
func some(value string) []string {
	if value == "" {
		return nil
	}
	return []string{value}
}

// appendLink writes a link without its page number, and returns where that belongs, and where the value of the
// first change begins. Without withPage it has no page parameter.
func (p *page) appendLink(dst []byte, base *Base, changes []change, withPage bool) (_ []byte, cut, value int) {
	dst = append(dst, base.text...)
	sep := byte('?')
	if strings.IndexByte(base.text, '?') >= 0 {
		sep = '&'
	}
	start := len(dst)
	wrotePage := false
	p.kept(base, changes, func(part *part, name, raw string, values []string) {
		if part != nil && part.role == rolePage {
			wrotePage = true
			if withPage {
				dst = append(query.AppendKept(append(dst, sep), part.RawName()), '=')
				cut = len(dst)
				sep = '&'
			}
			return
		}
		if raw != "" {
			dst = query.AppendKept(append(dst, sep), raw)
			sep = '&'
			return
		}
		for _, v := range values {
			dst = append(dst, sep)
			sep = '&'
			if part != nil {
				dst = query.AppendKept(dst, part.RawName())
			} else {
				dst = query.AppendValue(dst, name)
			}
			dst = append(dst, '=')
			if name != "" && value == 0 {
				value = len(dst)
			}
			dst = query.AppendValue(dst, v)
		}
	})
	if !wrotePage && withPage {
		dst = append(query.AppendValue(append(dst, sep), p.ask.ruled().pageParam()), '=')
		cut = len(dst)
	}
	if len(dst) == start && base.text == "" {
		dst = append(dst, '?') // "" would mean the address with its old query
	}
	return dst, cut, value
}

// expand writes a link over a template: the parameters that it names go into it, the others
// follow.
func (p *page) expand(base *Base, changes []change, position string) string {
	values := map[string][]string{}
	var rest []byte
	sep := byte('&')
	add := func(part *part, name string, list []string) {
		for _, v := range list {
			rest = append(rest, sep)
			if part != nil {
				rest = query.AppendKept(rest, part.RawName())
			} else {
				rest = query.AppendValue(rest, name)
			}
			rest = query.AppendValue(append(rest, '='), v)
		}
	}
	all := map[string][]string{} // all values of a repeated parameter go into the template, or none
	p.kept(base, changes, func(part *part, name, raw string, list []string) {
		if raw != "" && base.knows(part.Name()) {
			all[part.Name()] = append(all[part.Name()], part.Value())
		}
	})
	p.kept(base, changes, func(part *part, name, raw string, list []string) {
		if part != nil {
			name = part.Name()
		}
		switch {
		case part != nil && part.role == rolePage:
		case raw != "" && base.fits(name, all[name]):
			values[name] = all[name]
		case raw != "":
			rest = query.AppendKept(append(rest, sep), raw)
		case len(list) > 0 && base.fits(name, list):
			values[name] = list
		default:
			add(part, name, list)
		}
	})
	if param := p.ask.ruled().pageParam(); position != "" {
		if base.knows(param) {
			values[param] = []string{position}
		} else {
			add(nil, param, []string{position})
		}
	}
	text, ok := base.expand(values)
	if !ok { // ParseBase and fits make sure that this does not happen; a query alone is right anywhere
		return p.link(Base{outside: base.outside}, changes, position)
	}
	if len(rest) > 0 && !strings.Contains(text, "?") {
		rest[0] = '?'
	}
	return text + string(rest)
}

func (b Base) knows(name string) bool {
	_, ok := b.vars[name]
	return ok
}

// link is one link, with any changes and base; position "" leaves the page out.
func (p *page) link(base Base, changes []change, position string) string {
	if base.tmpl != nil {
		return p.expand(&base, changes, position)
	}
	var stack [512]byte
	buf, cut, _ := p.appendLink(stack[:0], &base, changes, position != "")
	var link strings.Builder // in one allocation
	link.Grow(len(buf) + len(position))
	link.Write(buf[:cut])
	link.WriteString(position)
	link.Write(buf[cut:])
	return link.String()
}

// positionText is the value of the page parameter; "" for page 1 if the rules leave that out.
func (p *page) positionText(position int64) string {
	if p.ask.ruled().byCursor() || p.ask.ruled().FirstPageBare && position == p.position(1) {
		return ""
	}
	return strconv.FormatInt(position, 10)
}

// changed reports whether the parameter's value was adjusted.
func (a *ask) changed(param string) bool {
	for i := range a.adjusted {
		if a.adjusted[i].Param == param {
			return true
		}
	}
	return false
}

// linkWriter writes many links into one allocation.
type linkWriter struct {
	strings.Builder
	digits [20]byte
}

// pageAt writes the link with a certain value of the page parameter.
func (w *linkWriter) pageAt(l *Links, position int64) string {
	switch {
	case l.of().ask.ruled().byCursor():
		return l.of().link(l.base, l.of().fromRow(position), "")
	case l.base.tmpl != nil:
		return l.of().expand(&l.base, nil, l.of().positionText(position))
	case l.bare != "" && position == l.of().position(1):
		return l.bare
	}
	from := w.Len()
	w.WriteString(l.before)
	w.Write(strconv.AppendInt(w.digits[:0], position, 10))
	w.WriteString(l.after)
	return w.String()[from:]
}

// grow makes room for n links.
func (w *linkWriter) grow(l *Links, n int) {
	digits := 1
	for x := max(l.of().position(l.of().pages), l.of().offset, l.of().number); x > 9; x /= 10 {
		digits++
	}
	w.Grow(n * (len(l.before) + len(l.after) + digits))
}

// Page is the link to one page, by its number from 1.
func (l Links) Page(number int64) string {
	var w linkWriter
	return w.pageAt(&l, l.of().position(number))
}

// Steps are the links to this page, the first, the previous, the next and the
// last.
func (l Links) Steps() Steps {
	p := l.of()
	var w linkWriter
	w.grow(&l, 5)
	r := p.ask.ruled()
	ends, drawn := orElse(r.Ladder.Ends, true), orElse(r.Ladder.Ends, r.Ladder.tips() == 0)
	if p.seeks() || r.byCursor() {
		s := Steps{Self: w.pageAt(&l, add(p.offset, 1)), EndsDrawn: drawn}
		if p.seeks() {
			s.Self = l.stepBy(p.ask.cursorParam(), p.ask.token)
		}
		if p.hasPrev() {
			s.Prev = l.stepBy(r.beforeParam(), p.ends.Before)
			if ends {
				s.First = w.pageAt(&l, p.position(1))
			}
		}
		if p.hasNext() {
			s.Next = l.stepBy(r.afterParam(), p.ends.After)
		}
		return s
	}
	position := p.position(p.current())
	if r.byOffset() {
		position = p.offset
	}
	s := Steps{Self: w.pageAt(&l, position), EndsDrawn: drawn}
	if p.hasPrev() {
		s.Prev = w.pageAt(&l, p.previous())
		if ends {
			s.First = w.pageAt(&l, p.position(1))
		}
	}
	if p.hasNext() {
		s.Next = w.pageAt(&l, add(position, p.step()))
	}
	if ends && p.total.Known() && (p.hasNext() || p.past) {
		s.Last = w.pageAt(&l, p.position(p.pageCount()))
	}
	return s
}

// step is the distance from this page's position to the next one's.
func (p *page) step() int64 {
	if p.ask.ruled().byOffset() {
		return int64(p.size())
	}
	return 1
}

// previous is the position of the page before this one.
func (p *page) previous() int64 {
	switch {
	case p.past:
		return p.position(p.pageCount())
	case p.ask.ruled().byOffset():
		return max(0, p.offset-int64(p.size()))
	}
	return p.current() - 1
}

// Ladder is the row of page links. It is never nil. It is empty if there is only one page, unless
// the rules want that drawn.
func (l Links) Ladder() []Rung {
	rungs := l.of().rungs()
	if rungs == nil {
		return []Rung{}
	}
	var w linkWriter
	w.grow(&l, len(rungs))
	for i := range rungs {
		if r := &rungs[i]; r.Kind != RungCurrent && r.Page > 0 {
			r.Href = w.pageAt(&l, l.of().position(r.Page))
		}
	}
	return rungs
}

// With is the link to page 1 with other values of one parameter, such as a filter. Without values
// the parameter is removed.
func (l Links) With(param string, values ...string) string {
	return l.first([]change{{param, values}})
}

func (l Links) first(changes []change) string {
	return l.of().link(l.base, changes, l.of().positionText(l.of().position(1)))
}

func direction(desc bool) Direction {
	if desc {
		return Descending
	}
	return Ascending
}
