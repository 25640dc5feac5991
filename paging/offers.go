package paging

import (
	"slices"
	"strconv"
	"strings"

	"pageladder.example/paging/query"
)

// This file has the links that a list offers besides its pages: other sizes, other sorts.

// SizeLink is one page size.
type SizeLink struct {
	Size    int    `json:"size"`
	All     bool   `json:"all,omitempty"` // every record on one page
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

// Sizes are the offered page sizes, and the one in force if it is not among them, each with the link that keeps
// the first visible record in view.
func (l Links) Sizes() []SizeLink {
	p := l.of()
	r := p.ask.ruled()
	sizes := r.offeredSizes()
	if !p.ask.all && !slices.Contains(sizes, p.size()) {
		at := slices.IndexFunc(sizes, func(size int) bool { return size > p.size() })
		if at < 0 {
			at = len(sizes)
		}
		sizes = slices.Insert(slices.Clone(sizes), at, p.size())
	}
	links := make([]SizeLink, 0, len(sizes)+1)
	for _, size := range sizes {
		links = append(links, SizeLink{
			Size:    size,
			Href:    l.sized(strconv.Itoa(size), p.reanchored(size)),
			Current: size == p.size() && !p.ask.all,
		})
	}
	if r.Size.All > 0 && p.total.Known() && p.total.n <= int64(r.Size.All) {
		links = append(links, SizeLink{
			Size:    r.Size.All,
			All:     true,
			Href:    l.first([]change{{r.sizeParam(), []string{allSize}}}),
			Current: p.ask.all,
		})
	}
	return links
}

// sized is the link to a page of another size, at a position.
func (l *Links) sized(size string, position int64) string {
	p := l.of()
	changes := []change{{p.ask.ruled().sizeParam(), []string{size}}}
	switch {
	case p.seeks():
		return p.link(l.base, append(changes, p.inView()), "")
	case p.ask.ruled().byCursor():
		return p.link(l.base, append(changes, p.fromRow(add(p.firstInView(), 1))...), "")
	}
	return p.link(l.base, changes, p.positionText(position))
}

// fromRow are the changes of a link to a row, for lists addressed by cursor. The first one stands
// for the row.
func (p *page) fromRow(row int64) []change {
	if row <= 1 {
		return nil
	}
	return []change{{p.ask.ruled().rowParam(), []string{strconv.FormatInt(row, 10)}}}
}

// firstInView is the offset of the first visible record; past the last page, that of the last
// record.
func (p *page) firstInView() int64 {
	if p.total.Known() {
		return min(p.offset, max(p.total.n-1, 0))
	}
	return p.offset
}

// reanchored is the position of the page of another size that holds the first
// visible record.
func (p *page) reanchored(size int) int64 {
	number := p.firstInView() / int64(size)
	if p.ask.ruled().byOffset() {
		return times(number, int64(size))
	}
	return add(number, 1)
}

// Sorts are the offered sort keys, each with a link that sorts by it alone, from page 1: in its
// first direction or, if it is the first key in force already, in the other one.
func (l Links) Sorts() []SortLink {
	a := &l.of().ask
	links := make([]SortLink, 0, len(a.ruled().Sorts))
	alike := l.base.tmpl == nil && a.ruled().Params.Direction == "" // but for the value of one parameter
	var all strings.Builder
	var before, after string
	if alike && len(a.ruled().Sorts) > 0 {
		before, after = l.around(a.ruled().sortParam())
		all.Grow(len(a.ruled().Sorts) * (len(before) + len(after) + 24))
	}
	for i := range a.ruled().Sorts {
		k := &a.ruled().Sorts[i]
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
		if alike {
			var stack [64]byte
			value := stack[:0]
			if desc {
				value = append(value, '-')
			}
			from := all.Len()
			all.WriteString(before)
			all.Write(query.AppendValue(value, k.Key))
			all.WriteString(after)
			link.Href = all.String()[from:]
		} else {
			link.Href = l.sort([]sortBy{{Key: k.Key, Desc: desc}})
		}
		links = append(links, link)
	}
	return links
}

// around is the link to page 1 with another value of a parameter: what stands before the value, and after it.
func (l Links) around(param string) (before, after string) {
	p := l.of()
	position := p.positionText(p.position(1))
	var stack [512]byte
	buf, cut, value := p.appendLink(stack[:0], &l.base, []change{{param, []string{""}}}, position != "")
	if position != "" {
		buf = slices.Insert(buf, cut, []byte(position)...)
		if cut <= value {
			value += len(position)
		}
	}
	text := string(buf)
	return text[:value], text[value:]
}

// sort is the link to page 1 in another sort.
func (l Links) sort(by []sortBy) string {
	r := l.of().ask.ruled()
	changes := []change{{r.sortParam(), some(sortText(by))}}
	if param := r.directionParam(); param != "" {
		changes = append(changes, change{param, nil})
		if len(by) == 1 { // its own direction goes into the parameter for it
			changes = []change{{r.sortParam(), []string{by[0].Key}}, {param, []string{string(direction(by[0].Desc))}}}
		}
	}
	return l.first(changes)
}
