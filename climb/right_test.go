package climb_test

import (
	"bytes"
	"cmp"
	"encoding/base64"
	"encoding/json"
	"fmt"
	"hash/fnv"
	"html"
	"maps"
	"math/rand/v2"
	"net/http"
	"net/http/httptest"
	"reflect"
	"slices"
	"strconv"
	"strings"
	"sync/atomic"

	"pageladder.example/climb"
	"pageladder.example/climb/endpoint"
	"pageladder.example/paging/query"
)

// This file is an endpoint without faults, for each way of paging. It works in plain steps: what
// was requested, what is answered (page), and how that is written. Faults are planted between
// the steps (faults_test.go); the steps themselves stay right.

type record struct {
	ID      int    `json:"id"`
	Vessel  string `json:"vessel"`
	Tonnage *int   `json:"tonnage"`
	Berth   string `json:"berth"`
}

// boats makes a list: some tonnages are missing, many are equal.
func boats(n int, seed uint64, tied bool) []record {
	r := rand.New(rand.NewPCG(seed, 1))
	list := make([]record, n)
	for i := range list {
		list[i] = record{ID: i + 1, Vessel: fmt.Sprintf("Gull <%c> & %d", 'A'+r.IntN(20), r.IntN(50)), Berth: fmt.Sprintf("N%d", 1+r.IntN(3))}
		if tonnage := 10 * r.IntN(n/3+2); tied {
			list[i].Tonnage = new(int)
		} else if r.IntN(6) > 0 {
			list[i].Tonnage = &tonnage
		}
	}
	return list
}

// way is a way of paging.
type way struct {
	name     string
	shape    endpoint.Format
	numbers  string            // page, offset, cursor or path; "next": cursors inside addresses alone
	envelope map[string]string // of JSON; nil: a bare array
	header   bool              // links in the Link header
	total    string            // the header with the total
	from0    bool              // the first page is page 0
	params   endpoint.Params
}

var ways = []way{
	{name: "page", shape: endpoint.JSON, numbers: "page", params: endpoint.Params{Page: "page", Size: "size", Sort: "sort"},
		envelope: map[string]string{"records": "/data", "total_items": "/meta/total", "total_pages": "/meta/pages", "page": "/meta/page", "size": "/meta/size",
			"first_row": "/meta/from", "last_row": "/meta/to", "is_first": "/meta/is_first", "is_last": "/meta/is_last",
			"first": "/links/first", "prev": "/links/prev", "next": "/links/next", "last": "/links/last"}},
	{name: "page from 0", shape: endpoint.JSON, numbers: "page", from0: true, params: endpoint.Params{Page: "page", Size: "size", Sort: "sort"},
		envelope: map[string]string{"records": "/boats/list", "total_items": "/boats/boats_total", "total_pages": "/boats/page_total", "page": "/boats/page", "size": "/boats/size", "is_first": "/boats/is_first", "is_last": "/boats/is_last"}},
	{name: "offset", shape: endpoint.JSON, numbers: "offset", params: endpoint.Params{Offset: "offset", Limit: "limit", Sort: "sort"},
		envelope: map[string]string{"records": "/items", "total_items": "/total", "offset": "/offset", "limit": "/limit", "has_next": "/has_more", "rows_here": "/returned"}},
	{name: "cursor", shape: endpoint.JSON, numbers: "cursor", params: endpoint.Params{After: "cursor", Size: "size", Sort: "sort"},
		envelope: map[string]string{"records": "/items", "after": "/next_cursor"}},
	{name: "next", shape: endpoint.JSON, numbers: "next", params: endpoint.Params{After: "cursor", Size: "size", Sort: "sort"},
		envelope: map[string]string{"records": "/results", "total_items": "/total", "next": "/next", "prev": "/previous"}},
	{name: "link", shape: endpoint.JSON, numbers: "page", header: true, total: "X-Total-Count", params: endpoint.Params{Page: "page", Size: "per_page", Sort: "sort"}},
	{name: "path", shape: endpoint.JSON, numbers: "path", header: true, params: endpoint.Params{Page: "page", Size: "size", Sort: "sort"},
		envelope: map[string]string{"records": "/records", "total_items": "/total", "page": "/page", "size": "/size", "total_pages": "/pages",
			"next": "/next", "prev": "/prev", "first": "/first", "last": "/last"}},
	{name: "bare", shape: endpoint.JSON, numbers: "page", params: endpoint.Params{Page: "p", Size: "count", Sort: "sort"}},
	{name: "lines", shape: endpoint.NDJSON, numbers: "page", header: true, total: "X-Total-Count", params: endpoint.Params{Page: "page", Size: "size", Sort: "sort"}},
	{name: "csv", shape: endpoint.CSV, numbers: "offset", header: true, total: "X-Total-Count", params: endpoint.Params{Offset: "skip", Limit: "limit", Sort: "sort"}},
	{name: "html", shape: endpoint.HTML, numbers: "page", params: endpoint.Params{Page: "page", Size: "size", Sort: "sort"}},
}

// states reports whether pages of this kind say something of ours.
func (w *way) states(name string) bool {
	return w.envelope[name] != "" || name == "total_items" && w.total != ""
}

// links reports whether pages link to others.
func (w *way) links() bool { return w.header || w.shape == endpoint.HTML || w.envelope["next"] != "" }

func (w *way) numbered() bool { return w.params.Page != "" || w.params.Offset != "" }

// endpoint is the description of this kind for climb.
func (w *way) endpoint(given bool) climb.Endpoint {
	e := climb.Endpoint{Address: "/boats?lang=en"}
	if w.numbers == "path" {
		e.Address = "/boats/page/{page}{?size,sort}"
	}
	if !given {
		return e
	}
	e.PagesFrom0 = w.from0
	e.Format, e.Envelope, e.TotalHeader, e.Params, e.Key, e.Cap = w.shape, w.envelope, w.total, w.params, []string{"id"}, limit
	if w.envelope == nil && w.shape == endpoint.JSON {
		e.Envelope = map[string]string{"records": ""}
	}
	e.Sorts = []endpoint.Sort{{Field: "tonnage", Ascending: "sort=tonnage", Descending: "sort=-tonnage"}}
	e.Filters = []endpoint.Filter{{Query: "berth=N2", Field: "berth", Value: "N2"}}
	return e
}

const (
	usual = 10 // records a page
	limit = 25
)

// request is what a request means.
type request struct {
	*way
	path, query  string
	offset, size int
	sort, berth  string
	number       int    // the page that was asked for
	clamped      bool   // the page is another than that
	wrong        string // why it is refused
	bad          string // the parameter that was no proper number, refused or mended
	raw          string // what stood there
	head         bool
}

// page is what is answered.
type page struct {
	status  int
	header  http.Header
	records []record
	total   int
	answer  map[string]any // by our names
	links   map[string]string
	body    []byte // after it was written
}

// understand reads a request.
func (w *way) understand(r *http.Request, n int) *request {
	a := &request{way: w, path: r.URL.Path, query: r.URL.RawQuery, size: usual, number: 1, head: r.Method == http.MethodHead}
	last := func(name string) (string, bool) {
		values := query.Values(a.query, name)
		if name == "" || len(values) == 0 {
			return "", false
		}
		return values[len(values)-1], true
	}
	number := func(name string, least int) (int, bool) {
		text, given := last(name)
		if name == "page" && w.numbers == "path" {
			text, given = strings.TrimPrefix(r.URL.Path, "/boats/page/"), true
		}
		if !given {
			return 0, false
		}
		v, err := strconv.ParseInt(text, 10, 64)
		if ranged, ok := err.(*strconv.NumError); ok && ranged.Err == strconv.ErrRange {
			err = nil
		}
		if err != nil || v < int64(least) {
			a.bad, a.raw = name, text
			if !w.states("page") && !w.states("offset") && w.shape != endpoint.HTML {
				a.wrong = name + " is no whole number from " + strconv.Itoa(least)
			}
			return 0, false
		}
		return int(min(v, 1<<40)), true
	}
	if v, ok := number(cmp.Or(w.params.Size, w.params.Limit), 1); ok {
		a.size = min(v, limit)
		if v > limit {
			a.bad = cmp.Or(w.params.Size, w.params.Limit)
			a.raw, _ = last(a.bad)
		}
	}
	a.sort, _ = last("sort")
	if !slices.Contains([]string{"", "tonnage", "-tonnage", "id", "-id"}, a.sort) {
		a.wrong = "sort is none that there is"
	}
	a.berth, _ = last("berth")
	switch w.numbers {
	case "page", "path":
		if v, ok := number(w.params.Page, w.firstPage()); ok {
			a.number = v + 1 - w.firstPage()
		}
		a.offset = (a.number - 1) * a.size
	case "offset":
		a.offset, _ = number(w.params.Offset, 0)
	default:
		if text, given := last(w.params.After); given {
			plain, err := base64.RawURLEncoding.DecodeString(text)
			at, err2 := strconv.Atoi(string(plain))
			if err != nil || err2 != nil || at < 0 || at > n {
				a.wrong, a.bad, a.raw = "cursor is none of ours", w.params.After, text
			}
			a.offset = at
		}
	}
	return a
}

func (w *way) firstPage() int {
	if w.from0 {
		return 0
	}
	return 1
}

// list is what an ask's records are cut out of.
func (a *request) list(all []record) []record {
	list := slices.Clone(all)
	if a.berth != "" {
		list = slices.DeleteFunc(list, func(r record) bool { return r.Berth != a.berth })
	}
	field, descending := strings.CutPrefix(a.sort, "-")
	slices.SortStableFunc(list, func(x, y record) int {
		c := 0
		switch {
		case field == "id":
			c = cmp.Compare(x.ID, y.ID)
		case field != "tonnage" || x.Tonnage == nil && y.Tonnage == nil:
		case x.Tonnage == nil: // missing ones come last, whatever the direction
			return 1
		case y.Tonnage == nil:
			return -1
		default:
			c = cmp.Compare(*x.Tonnage, *y.Tonnage)
		}
		if descending {
			c = -c
		}
		return c
	})
	return list
}

// answer makes a page.
func (a *request) answer(list []record) *page {
	p := &page{status: 200, header: http.Header{}, total: len(list), answer: map[string]any{}, links: map[string]string{}}
	pages := max(1, (len(list)+a.size-1)/a.size)
	if a.numbers == "path" || a.numbers == "page" {
		if a.number > pages && (a.states("page") || a.shape == endpoint.HTML) {
			a.offset, a.clamped = (pages-1)*a.size, true
		}
	}
	at := min(a.offset, len(list))
	p.records = list[at:min(at+a.size, len(list))]
	p.say(a, pages)
	p.link(a, pages)
	return p
}

func (p *page) say(a *request, pages int) {
	rows := len(p.records)
	maps.Copy(p.answer, map[string]any{"total_items": p.total, "total_pages": pages, "page": a.offset/a.size + a.firstPage(), "size": a.size, "limit": a.size, "offset": a.offset,
		"rows_here": rows, "is_first": a.offset == 0, "is_last": a.offset+rows >= p.total, "has_next": a.offset+rows < p.total, "first_row": nil, "last_row": nil, "after": nil})
	if rows > 0 {
		p.answer["first_row"], p.answer["last_row"] = a.offset+1, a.offset+rows
	}
	if a.offset+rows < p.total {
		p.answer["after"] = cursorAt(a.offset + rows)
	}
}

func cursorAt(offset int) string {
	return base64.RawURLEncoding.EncodeToString([]byte(strconv.Itoa(offset)))
}

// link makes the links; they keep all parameters byte for byte.
func (p *page) link(a *request, pages int) {
	end := (pages - 1) * a.size
	for relation, offset := range map[string]int{"first": 0, "prev": max(a.offset-a.size, 0), "next": a.offset + a.size, "last": end} {
		if relation == "prev" && a.offset == 0 || relation == "next" && a.offset+len(p.records) >= p.total {
			continue
		}
		if relation == "prev" && a.offset > p.total {
			offset = end
		}
		p.links[relation] = a.address(offset)
	}
}

// address is that of the page at an offset.
func (a *request) address(offset int) string {
	switch a.numbers {
	case "path":
		return "/boats/page/" + strconv.Itoa(offset/a.size+1) + suffix(a.query)
	case "page":
		return a.path + "?" + query.With(a.query, a.params.Page, strconv.Itoa(offset/a.size+a.firstPage()))
	case "offset":
		return a.path + "?" + query.With(a.query, a.params.Offset, strconv.Itoa(offset))
	}
	return a.path + "?" + query.With(a.query, a.params.After, cursorAt(offset))
}

func suffix(query string) string {
	if query == "" {
		return ""
	}
	return "?" + query
}

// write makes the body and its headers.
func (p *page) write(w *way) {
	if w.header {
		var all []string
		for _, relation := range slices.Sorted(maps.Keys(p.links)) {
			all = append(all, fmt.Sprintf("<%s>; title=\"a, b; c\"; rel=\"%s\"", p.links[relation], relation))
		}
		p.header.Set("Link", strings.Join(all, ", "))
	}
	if w.total != "" {
		p.header.Set(w.total, fmt.Sprint(p.answer["total_items"]))
	}
	switch w.shape {
	case endpoint.NDJSON:
		p.header.Set("Content-Type", "application/x-ndjson")
		for _, r := range p.records {
			p.body = append(append(p.body, encoded(r)...), '\n')
		}
	case endpoint.CSV:
		p.header.Set("Content-Type", "text/csv; charset=utf-8")
		p.body = []byte("id,vessel,tonnage,berth\r\n")
		for _, r := range p.records {
			p.body = fmt.Appendf(p.body, "%d,\"%s\",%s,%s\r\n", r.ID, r.Vessel, tonnage(r), r.Berth)
		}
	case endpoint.HTML:
		p.header.Set("Content-Type", "text/html; charset=utf-8")
		p.body = p.html()
	default:
		p.header.Set("Content-Type", "application/json")
		p.body = p.json(w)
	}
	sum := fnv.New64a()
	sum.Write(p.body)
	p.header.Set("ETag", fmt.Sprintf(`"%x"`, sum.Sum64()))
	p.header.Set("Cache-Control", "private, no-cache")
}

func tonnage(r record) string {
	if r.Tonnage == nil {
		return ""
	}
	return strconv.Itoa(*r.Tonnage)
}

func encoded(v any) []byte {
	text, err := json.Marshal(v)
	if err != nil {
		panic(err)
	}
	return text
}

func (p *page) json(w *way) []byte {
	records := append([]record{}, p.records...)
	if w.envelope == nil {
		return encoded(records)
	}
	root := map[string]any{}
	for name, pointer := range w.envelope {
		steps := strings.Split(pointer[1:], "/")
		at := root
		for _, step := range steps[:len(steps)-1] {
			if at[step] == nil {
				at[step] = map[string]any{}
			}
			at = at[step].(map[string]any)
		}
		value := p.answer[name]
		if link, ok := p.links[name]; ok {
			value = link
		} else if name == "records" {
			value = records
		}
		at[steps[len(steps)-1]] = value
	}
	return encoded(root)
}

func (p *page) html() []byte {
	b := []byte("<!doctype html><title>Boats</title><nav><ul><li>Home<li>Boats<li>Help</ul></nav><table><tr><th>id<th>vessel<th>tonnage<th>berth</tr>\n")
	if len(p.records) == 0 {
		b = append(b, `<tr><td colspan="4">There is none.</td></tr>`...)
	}
	for _, r := range p.records {
		b = fmt.Appendf(b, "<tr><th>%d</th><td>%s</td><td>%s</td><td>%s</td></tr>\n", r.ID, html.EscapeString(r.Vessel), tonnage(r), r.Berth)
	}
	b = fmt.Appendf(b, "</table><a aria-current=\"page\">%d</a>", p.answer["page"])
	for _, relation := range slices.Sorted(maps.Keys(p.links)) {
		b = fmt.Appendf(b, "<a rel=\"%s\" href=\"%s\">%s</a>\n", relation, html.EscapeString(p.links[relation]), relation)
	}
	return b
}

// refuse answers with a problem, RFC 9457.
func refuse(a *request) *page {
	return &page{status: 400, header: http.Header{"Content-Type": {"application/problem+json"}}, answer: map[string]any{},
		body: encoded(map[string]any{"type": "about:blank", "title": "Bad request", "status": 400, "detail": a.wrong})}
}

// right serves a list in one way, as it should be.
func right(w way, all []record) http.Handler {
	return http.HandlerFunc(func(out http.ResponseWriter, r *http.Request) {
		p := w.serve(all, fault{}, r)
		send(out, r, p.status, p.header, p.body)
	})
}

// serve goes through the steps, and lets a fault in between them.
func (w *way) serve(all []record, f fault, r *http.Request) *page {
	if w.numbers == "path" && !strings.HasPrefix(r.URL.Path, "/boats/page/") || w.numbers != "path" && r.URL.Path != "/boats" {
		return &page{status: http.StatusNotFound, header: http.Header{"Content-Type": {"text/plain"}}, body: []byte("not found\n")}
	}
	a := w.understand(r, len(all))
	if f.before != nil {
		f.before(a, r)
	}
	var p *page
	if a.wrong != "" {
		p = refuse(a)
	} else {
		list := a.list(all)
		if f.list != nil {
			list = f.list(a, list, all)
		}
		p = a.answer(list)
		if f.after != nil {
			f.after(a, p, list)
		}
		p.write(w)
	}
	if f.sent != nil {
		f.sent(a, p, r)
	}
	if tag := p.header.Get("ETag"); tag != "" && r.Header.Get("If-None-Match") == tag {
		p.status, p.body = http.StatusNotModified, nil
	}
	return p
}

func send(out http.ResponseWriter, r *http.Request, status int, header http.Header, body []byte) {
	maps.Copy(out.Header(), header)
	out.WriteHeader(status)
	if r.Method != http.MethodHead {
		out.Write(body)
	}
}

// proxy stands in front of a right endpoint, whose list it knows, and plants a fault: it sends its
// own answer where the fault changes the answer, and passes on every other one unchanged.
type proxy struct {
	target  http.Handler
	way     way
	all     []record
	fault   fault
	planted atomic.Int64 // answers that were changed or left out
}

func (p *proxy) ServeHTTP(out http.ResponseWriter, r *http.Request) {
	response := httptest.NewRecorder()
	p.target.ServeHTTP(response, r.Clone(r.Context()))
	p.planted.Add(1) // a panic, or no answer, counts too
	wrong := p.way.serve(p.all, p.fault, r.Clone(r.Context()))
	body := wrong.body
	if r.Method == http.MethodHead {
		body = nil
	}
	if response.Code == wrong.status && bytes.Equal(response.Body.Bytes(), body) && reflect.DeepEqual(response.Result().Header, wrong.header) {
		p.planted.Add(-1)
		send(out, r, response.Code, response.Result().Header, response.Body.Bytes())
		return
	}
	send(out, r, wrong.status, wrong.header, wrong.body)
}

// plant puts a proxy with a fault before a right endpoint.
func plant(w way, all []record, f fault) *proxy {
	return &proxy{target: right(w, all), way: w, all: all, fault: f}
}
