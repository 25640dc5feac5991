package climb_test

import (
	"cmp"
	"fmt"
	"math/rand/v2"
	"net/http"
	"slices"
	"strings"
	"sync/atomic"
	"time"

	"pageladder.example/climb/endpoint"
	"pageladder.example/paging/query"
)

// fault is one thing that goes wrong in an endpoint, planted between the steps of a right
// one, and the codes of which at least one must report it.
type fault struct {
	name  string
	codes string
	where func(c where) bool // it can occur there, and be seen from outside; nil: everywhere

	before func(a *request, r *http.Request)
	list   func(a *request, list, all []record) []record
	after  func(a *request, p *page, list []record)
	sent   func(a *request, p *page, r *http.Request)
	slow   bool // it takes time: it is tried in fewer places
}

// where is one place for a fault: a way of paging and the length of the list.
type where struct {
	way
	n int
}

// twoPages: by the endpoint's own size.
func twoPages(c where) bool   { return c.n > usual }
func threePages(c where) bool { return c.n > 2*usual }
func several(c where) bool    { return c.n > 2 } // with short pages
func linked(c where) bool     { return c.links() && several(c) }
func numbered(c where) bool   { return c.way.numbered() && several(c) }
func describe(name string, also ...func(where) bool) func(where) bool {
	return func(c where) bool {
		return c.states(name) && !slices.ContainsFunc(also, func(f func(where) bool) bool { return !f(c) })
	}
}
func both(a, b func(where) bool) func(where) bool { return func(c where) bool { return a(c) && b(c) } }

// deepDelay is the extra time of a deep page, in the fault that makes deep pages slow. It is
// raised when a run has not found that fault: on a busy machine the first page is slow too.
var deepDelay atomic.Int64

func init() { deepDelay.Store(int64(12 * time.Millisecond)) }

// planted are the faults. (Atomic counters make a fault change with time.)
var planted = []fault{
	{name: "a deep page begins one record late", codes: "walk.lost walk.repeated", where: several,
		before: func(a *request, _ *http.Request) {
			if a.offset > 0 {
				a.offset++
			}
		}},
	{name: "a deep page begins one record early", codes: "walk.repeated", where: several,
		before: func(a *request, _ *http.Request) {
			if a.offset > 1 {
				a.offset--
			}
		}},
	{name: "pages counted without the last, partial one", codes: "walk.lost numbers.total", where: func(c where) bool { return c.numbers == "page" && several(c) && c.n%2 == 1 },
		list: func(a *request, list, all []record) []record {
			if a.berth != "" || len(list) < a.size {
				return list
			}
			return list[:len(list)/a.size*a.size]
		}},
	{name: "the second page is the first once more", codes: "walk.repeated walk.lost", where: several,
		before: func(a *request, _ *http.Request) {
			if a.offset/a.size == 1 {
				a.offset = 0
			}
		}},
	{name: "a record twice on a page", codes: "walk.repeated walk.lost", where: several,
		after: func(a *request, p *page, _ []record) {
			if len(p.records) > 1 && a.offset > 0 {
				p.records = slices.Clone(p.records)
				p.records[1] = p.records[0]
			}
		}},
	{name: "a page that lacks its last record", codes: "walk.short", where: threePages,
		after: func(a *request, p *page, list []record) {
			if a.offset/a.size == 1 && a.offset+a.size < len(list) {
				p.records = p.records[:len(p.records)-1]
			}
		}},
	{name: "an empty page in the middle", codes: "walk.short", where: threePages,
		after: func(a *request, p *page, list []record) {
			if a.offset/a.size == 1 && a.offset+a.size < len(list) {
				p.records = nil
			}
		}},
	{name: "one record more than the size", codes: "walk.long", where: several,
		after: func(a *request, p *page, list []record) {
			if end := a.offset + a.size; a.offset == 0 && end < len(list) {
				p.records = list[a.offset : end+1]
			}
		}},
	{name: "next leads to the page itself", codes: "walk.ends", where: linked,
		after: func(a *request, p *page, list []record) {
			if a.offset > 0 && a.offset < len(list) {
				p.links["next"] = a.address(a.offset)
			}
		}},
	{name: "a walk without an end", codes: "walk.ends", where: linked,
		after: func(a *request, p *page, list []record) {
			p.links["next"] = a.address(0) + fmt.Sprintf("&again=%d", endless.Add(1))
		}},
	{name: "prev leads two pages back", codes: "walk.back", where: both(linked, threePages),
		after: func(a *request, p *page, list []record) {
			if a.offset >= 2*a.size {
				p.links["prev"] = a.address(a.offset - 2*a.size)
			}
		}},
	{name: "the last page has no prev", codes: "walk.back", where: both(linked, threePages),
		after: func(a *request, p *page, list []record) {
			if a.offset+a.size >= len(list) {
				delete(p.links, "prev")
			}
		}},
	{name: "next leaves a page out", codes: "walk.lost", where: both(linked, threePages),
		after: func(a *request, p *page, list []record) {
			if a.offset == 0 && 2*a.size < len(list) {
				p.links["next"] = a.address(2 * a.size)
			}
		}},
	{name: "by addresses other pages than by numbers", codes: "walk.agree walk.lost walk.repeated", where: func(c where) bool { return linked(c) && c.way.numbered() && twoPages(c) },
		before: func(a *request, _ *http.Request) {
			if strings.Contains(a.query, "via=link") {
				a.offset++
			}
		},
		after: func(a *request, p *page, list []record) {
			if next := p.links["next"]; next != "" {
				p.links["next"] = next + "&via=link"
				if !strings.Contains(next, "?") {
					p.links["next"] = next + "?via=link"
				}
			}
		}},
	{name: "the last page has a next one, which is empty", codes: "walk.empty_end", where: func(c where) bool {
		return linked(c) && (c.numbers == "offset" || c.numbers == "next")
	},
		after: func(a *request, p *page, list []record) {
			if a.offset < len(list) && a.offset+a.size >= len(list) {
				p.links["next"] = a.address(len(list))
			}
		}},
	{name: "a page that cannot be read", codes: "walk.readable", where: func(c where) bool { return several(c) && c.shape != endpoint.HTML },
		sent: func(a *request, p *page, _ *http.Request) {
			if a.offset > 0 && p.status == 200 {
				p.body = []byte(`{"a" "b"`)
			}
		}},
	{name: "a page that fails", codes: "walk.readable", where: several,
		sent: func(a *request, p *page, _ *http.Request) {
			if a.offset > 0 {
				p.status = 503
			}
		}},

	states("the total one too many", "numbers.total", "total_items", func(a *request, p *page) any { return p.total + 1 }),
	{name: "the total is the page's", codes: "numbers.total", where: describe("total_items", several), after: func(a *request, p *page, _ []record) { p.answer["total_items"] = len(p.records) }},
	{name: "the total differs from page to page", codes: "numbers.total", where: describe("total_items", several), after: func(a *request, p *page, _ []record) { p.answer["total_items"] = p.total + a.offset }},
	{name: "pages rounded down", codes: "numbers.pages", where: describe("total_pages", func(c where) bool { return c.n%usual != 0 && c.n > usual || c.n == 4 }),
		after: func(a *request, p *page, _ []record) { p.answer["total_pages"] = p.total / a.size }},
	states("one page too many", "numbers.pages", "total_pages", func(a *request, p *page) any { return p.answer["total_pages"].(int) + 1 }),
	states("the page one too low", "numbers.page", "page", func(a *request, p *page) any { return p.answer["page"].(int) - 1 }),
	{name: "each page says it is the first", codes: "numbers.page", where: describe("page", several), after: func(a *request, p *page, _ []record) { p.answer["page"] = 1 }},
	states("the first row counted from 0", "numbers.rows", "first_row", func(a *request, p *page) any { return a.offset }),
	states("the last row as if the page were full", "numbers.rows", "last_row", func(a *request, p *page) any { return a.offset + a.size }),
	states("the offset of the next page", "numbers.rows", "offset", func(a *request, p *page) any { return a.offset + a.size }),
	states("more rows here than there are", "numbers.rows", "rows_here", func(a *request, p *page) any { return len(p.records) + 1 }),
	{name: "a size that was not used", codes: "numbers.size", where: describe("size", twoPages), after: func(a *request, p *page, _ []record) { p.answer["size"] = a.size + 1 }},
	{name: "a limit that was not used", codes: "numbers.size", where: describe("limit", twoPages), after: func(a *request, p *page, _ []record) { p.answer["limit"] = a.size + 1 }},
	states("never the last page", "numbers.ends", "is_last", func(*request, *page) any { return false }),
	{name: "always the first page", codes: "numbers.ends", where: describe("is_first", several), after: func(_ *request, p *page, _ []record) { p.answer["is_first"] = true }},
	states("always more", "numbers.ends", "has_next", func(*request, *page) any { return true }),
	{name: "no next link where there is more", codes: "numbers.ends walk.lost walk.short", where: both(linked, threePages),
		after: func(a *request, p *page, list []record) {
			if a.offset/a.size == 1 {
				delete(p.links, "next")
			}
		}},
	{name: "first leads to the second page", codes: "numbers.first", where: func(c where) bool { return linked(c) && stepped(c.way) },
		after: func(a *request, p *page, _ []record) { p.links["first"] = a.address(a.size) }},
	{name: "last leads to the last but one", codes: "numbers.last", where: func(c where) bool { return linked(c) && stepped(c.way) },
		after: func(a *request, p *page, list []record) {
			p.links["last"] = a.address(max((len(list)-1)/a.size-1, 0) * a.size)
		}},

	{name: "a sort is ignored", codes: "order.works order.within order.across", where: sortable, before: func(a *request, _ *http.Request) { a.sort = "" }},
	{name: "descending is ignored", codes: "order.works order.within order.across", where: sortable, before: func(a *request, _ *http.Request) { a.sort = strings.TrimPrefix(a.sort, "-") }},
	{name: "two records on a page in the wrong order", codes: "order.within", where: func(c where) bool { return sortable(c) && c.shape != endpoint.HTML && c.n > usual },
		after: func(a *request, p *page, _ []record) {
			if a.sort != "" && len(p.records) > 2 {
				p.records = slices.Clone(p.records)
				slices.Reverse(p.records)
			}
		}},
	{name: "sorted on the page alone", codes: "order.across", where: func(c where) bool { return sortable(c) && c.shape != endpoint.HTML && c.n > usual },
		list: func(a *request, list, all []record) []record {
			if a.sort == "" || a.berth != "" {
				return list
			}
			var out []record
			for chunk := range slices.Chunk(all, a.size) {
				out = append(out, a.list(chunk)...)
			}
			return out
		}},
	{name: "ties in any order", codes: "order.ties", where: func(c where) bool { return c.n > usual },
		list: func(a *request, list, all []record) []record {
			shuffled := slices.Clone(all)
			rand.Shuffle(len(shuffled), func(i, j int) { shuffled[i], shuffled[j] = shuffled[j], shuffled[i] })
			if a.sort == "" {
				return list
			}
			return a.list(shuffled)
		}},
	{name: "no order at all without a sort", codes: "order.ties walk.lost walk.repeated", where: func(c where) bool { return c.n > usual },
		list: func(a *request, list, all []record) []record {
			if a.sort == "" {
				list = slices.Clone(list)
				rand.Shuffle(len(list), func(i, j int) { list[i], list[j] = list[j], list[i] })
			}
			return list
		}},
	{name: "missing values among the others", codes: "order.missing", where: func(c where) bool { return c.n > 2*usual },
		list: func(a *request, list, all []record) []record {
			if !strings.HasSuffix(a.sort, "tonnage") {
				return list
			}
			list = slices.Clone(list)
			for i := len(list) / 2; i < len(list)-1; i++ { // the last, missing one, goes to the middle
				list[i], list[len(list)-1] = list[len(list)-1], list[i]
			}
			return list
		}},
	{name: "a filter is ignored on the second page", codes: "filter.fits", where: func(c where) bool { return c.n > 2*usual },
		before: func(a *request, _ *http.Request) {
			if a.offset > 0 {
				a.berth = ""
			}
		}},
	{name: "a filter lets others through", codes: "filter.fits", where: func(c where) bool { return c.n > usual },
		list: func(a *request, list, all []record) []record {
			if a.berth == "" {
				return list
			}
			return slices.DeleteFunc(slices.Clone(all), func(r record) bool { return r.Berth == "N1" })
		}},
	{name: "a filter loses a record", codes: "filter.lost", where: func(c where) bool { return c.n > usual },
		list: func(a *request, list, all []record) []record {
			if a.berth == "" || len(list) == 0 {
				return list
			}
			return list[1:]
		}},
	{name: "under a filter the total of all", codes: "filter.total", where: describe("total_items", func(c where) bool { return c.n > usual }),
		list: func(a *request, list, all []record) []record { unfiltered.Store(int64(len(all))); return list },
		after: func(a *request, p *page, _ []record) {
			p.answer["total_items"] = unfiltered.Load()
		}},
	{name: "links lose the filter", codes: "keep.lost", where: both(linked, twoPages), after: relink(func(q string) string { return query.With(q, "berth") })},
	{name: "links lose the size", codes: "keep.lost walk.short walk.long", where: both(linked, twoPages), after: func(a *request, p *page, list []record) {
		relink(func(q string) string { return query.With(q, cmp.Or(a.params.Size, a.params.Limit)) })(a, p, list)
	}},
	{name: "links write parameters anew", codes: "keep.changed", where: both(linked, twoPages), after: relink(func(q string) string { return query.Encode(query.Pairs(q)...) })},
	{name: "links to another host", codes: "link.host", where: both(linked, twoPages),
		after: func(_ *request, p *page, _ []record) {
			for relation, link := range p.links {
				p.links[relation] = "http://internal.example" + link
			}
		}},
	{name: "body and header disagree", codes: "link.agree", where: func(c where) bool { return c.header && c.envelope["next"] != "" && twoPages(c) },
		sent: func(a *request, p *page, _ *http.Request) {
			p.header.Set("Link", strings.ReplaceAll(p.header.Get("Link"), "page/2", "page/3"))
		}},

	fails("an error for page 0", "0", func(c where) bool { return numbered(c) && !c.from0 }), fails("an error for no number", "abc", sized), fails("an error for a negative number", "-1", sized),
	fails("an error for a fraction", "1.5", sized), fails("an error for nothing", "", sized), fails("an error for a number too large", "99999999999999999999", sized),
	{name: "an error for an unknown sort", codes: "bad.error", sent: func(a *request, p *page, _ *http.Request) {
		if strings.HasPrefix(a.wrong, "sort") {
			p.status = 500
		}
	}},
	{name: "an error for an unknown parameter", codes: "bad.error", where: func(c where) bool { return true }, sent: func(a *request, p *page, _ *http.Request) {
		if strings.Contains(a.query, "no_such_parameter") {
			p.status = 500
		}
	}},
	{name: "an error for a bad cursor", codes: "bad.error", where: func(c where) bool { return c.params.After != "" }, sent: func(a *request, p *page, _ *http.Request) {
		if strings.HasPrefix(a.wrong, "cursor") {
			p.status = 500
		}
	}},
	{name: "an error past the end", codes: "bad.error walk.readable", where: numbered, sent: func(a *request, p *page, _ *http.Request) {
		if a.clamped || len(p.records) == 0 && a.offset > 0 && p.status == 200 {
			p.status = 500
		}
	}},
	{name: "a panic", codes: "bad.error", where: sized, before: func(a *request, _ *http.Request) {
		if a.raw == "abc" {
			panic("no number")
		}
	}},
	{name: "everything for a size of 0", codes: "bad.everything", where: func(c where) bool { return c.n > limit },
		before: func(a *request, _ *http.Request) {
			if a.raw == "0" && a.bad != a.params.Page {
				a.wrong, a.size = "", 1_000_000
			}
		}},
	{name: "any size is served", codes: "bad.cap", where: func(c where) bool { return c.n > limit || c.states("size") },
		before: func(a *request, _ *http.Request) {
			if a.raw == "1000000" {
				a.size = 1_000_000
			}
		}},
	{name: "now so and then so", codes: "bad.steady", where: sized, sent: func(a *request, p *page, _ *http.Request) {
		if a.bad != "" && endless.Add(1)%2 == 0 {
			p.status = 400 + 22*(p.status/400)
		}
	}},
	{name: "a refusal that says nothing", codes: "bad.said", where: func(c where) bool { return refuses(c) && sized(c) }, sent: func(a *request, p *page, _ *http.Request) {
		if p.status == 400 {
			p.body = nil
		}
	}},
	{name: "mended in silence", codes: "bad.said", where: func(c where) bool { return refuses(c) && sized(c) }, before: func(a *request, _ *http.Request) {
		if a.bad != "" {
			a.wrong = ""
		}
	}},
	{name: "past the end the last page, as if it were that", codes: "bad.past_last", where: describe("page", numbered),
		after: func(a *request, p *page, _ []record) { p.answer["page"] = a.number - 1 + a.firstPage() }},
	{name: "past the end the first page in silence", codes: "bad.past_last", where: func(c where) bool {
		return numbered(c) && !c.states("page") && !c.states("offset") && c.shape != endpoint.HTML
	},
		before: func(a *request, _ *http.Request) {
			if a.number > 900 || a.offset > 5000 {
				a.offset = 0
			}
		}},
	{name: "no answer to bad input", codes: "bad.timeout", where: sized, slow: true, before: func(a *request, r *http.Request) {
		if a.raw == "abc" {
			<-r.Context().Done()
		}
	}},

	{name: "another media type", codes: "http.media_type", sent: func(_ *request, p *page, _ *http.Request) { p.header.Set("Content-Type", "text/plain") }},
	{name: "a Link header that cannot be read", codes: "http.link", where: func(c where) bool { return c.header }, sent: func(_ *request, p *page, _ *http.Request) {
		p.header.Set("Link", strings.ReplaceAll(p.header.Get("Link"), ">", ""))
	}},
	{name: "an ETag without quotes", codes: "http.etag", sent: func(_ *request, p *page, _ *http.Request) {
		p.header.Set("ETag", strings.Trim(p.header.Get("ETag"), `"`))
	}},
	{name: "If-None-Match is ignored", codes: "http.etag", sent: func(_ *request, p *page, r *http.Request) { r.Header.Del("If-None-Match") }},
	{name: "always not modified", codes: "http.etag", sent: func(_ *request, p *page, r *http.Request) {
		if r.Header.Get("If-None-Match") != "" {
			p.status = 304
		}
	}},
	{name: "an answer to credentials for everybody's cache", codes: "http.cache", sent: func(_ *request, p *page, _ *http.Request) { p.header.Set("Cache-Control", "public, max-age=60") }},
	{name: "a problem with another status", codes: "http.problem", where: func(c where) bool { return refuses(c) || c.params.Sort != "" }, sent: func(_ *request, p *page, _ *http.Request) {
		if p.status == 400 {
			p.body = encoded(map[string]any{"title": "Wrong", "status": 404})
		}
	}},
	{name: "a problem that is none", codes: "http.problem", sent: func(_ *request, p *page, _ *http.Request) {
		if p.status == 400 {
			p.body = []byte("wrong")
		}
	}},
	{name: "HEAD is not found", codes: "http.head", sent: func(a *request, p *page, _ *http.Request) {
		if a.head {
			p.status = 404
		}
	}},
	{name: "HEAD has another length", codes: "http.head", sent: func(a *request, p *page, _ *http.Request) {
		if a.head {
			p.header.Set("Content-Length", "3")
		}
	}},
	{name: "405 without Allow", codes: "http.allow", sent: func(a *request, p *page, _ *http.Request) {
		if a.head {
			p.status = 405
		}
	}},
	{name: "deep pages are slow", codes: "cost.time", where: threePages, slow: true, before: func(a *request, _ *http.Request) {
		if a.offset >= 2*usual {
			time.Sleep(time.Duration(deepDelay.Load()))
		}
	}},
	{name: "deep pages are long", codes: "cost.bytes", where: func(c where) bool { return threePages(c) && c.shape == endpoint.JSON && c.envelope != nil },
		sent: func(a *request, p *page, _ *http.Request) {
			if a.offset > 0 && p.status == 200 {
				p.body = append(p.body, strings.Repeat(" ", 20_000)...)
			}
		}},
}

var endless, unfiltered atomic.Int64

func sized(where) bool      { return true }
func sortable(c where) bool { return c.n > usual }
func refuses(c where) bool {
	return !c.states("page") && !c.states("offset") && c.shape != endpoint.HTML
}
func stepped(w way) bool { return w.header || w.shape == endpoint.HTML || w.envelope["first"] != "" }

// states plants a wrong number on each page.
func states(name, code, what string, wrong func(a *request, p *page) any) fault {
	return fault{name: name, codes: code, where: describe(what), after: func(a *request, p *page, _ []record) {
		if len(p.records) > 0 {
			p.answer[what] = wrong(a, p)
		}
	}}
}

// fails plants an error of the server's for one value of page, offset or size.
func fails(name, value string, where func(where) bool) fault {
	return fault{name: name, codes: "bad.error", where: where, sent: func(a *request, p *page, _ *http.Request) {
		if a.bad != "" && a.raw == value {
			p.status = 500
		}
	}}
}

// relink changes the query of all links.
func relink(change func(query string) string) func(a *request, p *page, _ []record) {
	return func(_ *request, p *page, _ []record) {
		for relation, link := range p.links {
			path, q, _ := strings.Cut(link, "?")
			p.links[relation] = path + suffix(change(q))
		}
	}
}
