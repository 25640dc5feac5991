package climb_test

import (
	"cmp"
	"encoding/json"
	"fmt"
	"net/http"
	"slices"
	"strconv"
	"strings"
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"pageladder.example/climb"
	"pageladder.example/climb/report"
)

// Endpoints as people write them, right and wrong, of which climb gets the address alone. Right ones
// are not accused of anything; if no way through the list is found, that is what is said. Wrong ones
// are found out.

// served is one endpoint: how it is requested, and what it answers.
type served struct {
	skip, page, size, after, sort string        // names of parameters; "": none
	from                          int           // of the first page or row: 0 or 1
	usual, limit                  int           // records a page
	rows                          int           // in the list; 0: 57
	names                         [5]string     // of the records, the total, the number of the page or row, the size, the next cursor in an answer; "": not there
	cursorIn                      string        // the header that the next cursor is in
	next                          bool          // "next" has the next page's address
	link                          bool          // a Link header has it
	refuses                       bool          // what is wrong is refused with 400; otherwise mended
	wrong                         func(p *part) // what is done wrong
}

// part is one answer on the way out.
type part struct {
	r                *http.Request
	all, list        []record // in the order asked for; those of the page
	begin, end, size int      // of the page within all
	total            int
	next             bool // there is a next page
	nextAt           int  // where it begins
}

func (s served) ServeHTTP(w http.ResponseWriter, r *http.Request) {
	q := r.URL.Query()
	bad := false
	number := func(name string, otherwise, least, limit int) int {
		if name == "" || !q.Has(name) {
			return otherwise
		}
		n, err := strconv.Atoi(q.Get(name))
		if err != nil || n < least {
			bad = true
			return otherwise
		}
		return min(n, limit)
	}
	p := &part{r: r, all: boats(cmp.Or(s.rows, 57), 3, false), size: number(s.size, cmp.Or(s.usual, 10), 1, cmp.Or(s.limit, 25))}
	if by := q.Get(s.sort); s.sort != "" && by != "" {
		direction := 1
		if by[0] == '-' {
			by, direction = by[1:], -1
		}
		switch by {
		case "vessel":
			slices.SortStableFunc(p.all, func(a, b record) int { return direction * cmp.Compare(a.Vessel, b.Vessel) })
		case "id":
			slices.SortStableFunc(p.all, func(a, b record) int { return direction * cmp.Compare(a.ID, b.ID) })
		default:
			bad = true
		}
	}
	switch {
	case s.page != "":
		p.begin = (number(s.page, s.from, s.from, 1<<30) - s.from) * p.size
	case s.skip != "":
		p.begin = number(s.skip, s.from, s.from, 1<<30) - s.from
	case s.after != "":
		p.begin = number(s.after, 0, 0, 1<<30)
	}
	if bad && s.refuses {
		w.Header().Set("Content-Type", "application/problem+json")
		w.WriteHeader(400)
		fmt.Fprint(w, `{"type":"about:blank","title":"Bad Request","status":400,"detail":"a parameter is wrong"}`)
		return
	}
	p.begin = min(p.begin, len(p.all))
	p.end = min(p.begin+p.size, len(p.all))
	p.total, p.next, p.nextAt = len(p.all), p.end < len(p.all), p.end
	p.list = p.all[p.begin:p.end]
	if s.wrong != nil {
		s.wrong(p)
	}
	body := map[string]any{}
	put := func(i int, v any) {
		if s.names[i] != "" {
			body[s.names[i]] = v
		}
	}
	put(0, append([]record{}, p.list...))
	put(1, p.total)
	put(2, s.from+p.begin)
	if s.page != "" {
		put(2, s.from+p.begin/p.size)
	}
	put(3, p.size)
	h := w.Header()
	if p.next {
		put(4, strconv.Itoa(p.nextAt))
		if s.cursorIn != "" {
			h.Set(s.cursorIn, strconv.Itoa(p.nextAt))
		}
		to := *r.URL
		query := to.Query()
		switch {
		case s.page != "":
			query.Set(s.page, strconv.Itoa(s.from+p.nextAt/p.size))
		case s.skip != "":
			query.Set(s.skip, strconv.Itoa(s.from+p.nextAt))
		case s.after != "":
			query.Set(s.after, strconv.Itoa(p.nextAt))
		}
		to.RawQuery = query.Encode()
		if s.next {
			body["next"] = to.RequestURI()
		}
		if s.link {
			h.Set("Link", "<"+to.RequestURI()+`>; rel="next"`)
		}
	} else if s.names[4] != "" {
		put(4, nil)
	}
	h.Set("Content-Type", "application/json")
	if s.names[0] == "" {
		json.NewEncoder(w).Encode(append([]record{}, p.list...))
		return
	}
	json.NewEncoder(w).Encode(body)
}

func TestRightEndpointsAreNotAccused(t *testing.T) {
	for name, c := range map[string]struct {
		served
		address string
		whole   bool // the list is seen to its end
	}{
		"rows from 1, start":            {served: served{skip: "start", size: "count", from: 1, names: [5]string{"items", "total", "start", "count"}}, whole: true},
		"rows from 1, startIndex":       {served: served{skip: "startIndex", size: "count", from: 1, names: [5]string{"Resources", "totalResults", "startIndex", "itemsPerPage"}}, whole: true},
		"rows from 1, bare":             {served: served{skip: "start", size: "count", from: 1}, whole: true},
		"rows from 1, refusing":         {served: served{skip: "startIndex", size: "count", from: 1, refuses: true, names: [5]string{"items", "totalResults"}}, whole: true},
		"rows from 1, offset":           {served: served{skip: "offset", size: "limit", from: 1, names: [5]string{"items", "total"}}, whole: true},
		"rows from 0, startIndex":       {served: served{skip: "startIndex", size: "maxResults", names: [5]string{"items", "totalItems"}}, whole: true},
		"rows from 0, start and rows":   {served: served{skip: "start", size: "rows", names: [5]string{"docs", "numFound", "start"}}, whole: true},
		"rows from 0, dollars":          {served: served{skip: "$skip", size: "$top", names: [5]string{"value"}}, whole: true},
		"rows from 0, dollars, linked":  {served: served{skip: "$skip", size: "$top", names: [5]string{"value"}, next: true}, whole: true},
		"rows from 0, first":            {served: served{skip: "offset", size: "first", names: [5]string{"data", "total"}}, whole: true},
		"rows from 0, no size":          {served: served{skip: "skip", names: [5]string{"data", "total"}}, whole: true},
		"pages from 0, index":           {served: served{page: "pageIndex", size: "pageSize", names: [5]string{"items", "totalCount", "pageIndex", "pageSize"}}, whole: true},
		"pages from 0, index, bare":     {served: served{page: "pageIndex", size: "pageSize"}, whole: true},
		"pages from 1, index":           {served: served{page: "pageIndex", size: "pageSize", from: 1, names: [5]string{"items", "totalCount", "pageIndex", "pageSize"}}, whole: true},
		"pages from 1, pageNo":          {served: served{page: "pageNo", size: "pageSize", from: 1, names: [5]string{"rows", "total"}}, whole: true},
		"pages from 1, page_no, bare":   {served: served{page: "page_no", size: "page_size", from: 1}, whole: true},
		"pages from 0, refusing":        {served: served{page: "page", size: "size", refuses: true, names: [5]string{"content", "totalElements", "number", "size"}}, whole: true},
		"pages from 1, no size":         {served: served{page: "page", from: 1, names: [5]string{"data"}}, whole: true},
		"a cursor in a header":          {served: served{after: "cursor", size: "limit", cursorIn: "X-Next-Cursor"}, whole: true},
		"a cursor in another header":    {served: served{after: "page_token", size: "page_size", cursorIn: "Next-Page-Token"}, whole: true},
		"a cursor in a header, of ours": {served: served{after: "from_here", size: "limit", cursorIn: "X-Continue"}},
		"a cursor in the body":          {served: served{after: "cursor", size: "limit", names: [5]string{4: "next_cursor", 0: "items"}}, whole: true},
		"a cursor with a total":         {served: served{after: "after", size: "first", names: [5]string{"items", "total", "", "", "end_cursor"}}, whole: true},
		"a cursor nobody could name":    {served: served{after: "weiter", size: "n", names: [5]string{"items", "total", "", "", "weiter_mit"}}},
		"next links":                    {served: served{after: "weiter", size: "n", names: [5]string{"items", "total"}, next: true}, whole: true},
		"Link headers":                  {served: served{after: "weiter", size: "n", link: true}, whole: true},
		"no way on, a total":            {served: served{after: "weiter", names: [5]string{"items", "total"}}},
		"no way on, bare":               {served: served{after: "weiter"}},
		"a short list":                  {served: served{page: "page", size: "size", from: 1, rows: 7, names: [5]string{"items", "total"}}, whole: true},
		"sorted in the address":         {served: served{page: "page", size: "size", sort: "sort", from: 1, names: [5]string{"items", "total"}}, address: "/boats?sort=-id", whole: true},
		"sorted otherwise":              {served: served{page: "page", size: "size", sort: "order_by", from: 1, names: [5]string{"items", "total"}}, address: "/boats?order_by=vessel", whole: true},
		"another sort in the address":   {served: served{page: "page", size: "size", sort: "sort", from: 1, names: [5]string{"items", "total"}}, address: "/boats?sort=nearest", whole: true},
	} {
		t.Run(name, func(t *testing.T) {
			answers := &teller{T: t}
			r := climb.Check(answers, c.served, climb.Endpoint{Address: cmp.Or(c.address, "/boats")})
			require.NotNil(t, r)
			assert.Empty(t, answers.errors, "%q", r.Found)
			assert.Equal(t, c.whole, r.Whole, "%q, %d records", r.Found, r.Records)
			for _, p := range r.Promises {
				if !c.whole && p.Code == "walk.lost" {
					assert.Equal(t, report.NotChecked, p.Verdict, "what was not seen is not said to be kept")
				}
			}
			if !c.whole {
				assert.Contains(t, strings.Join(r.Notes, " "), "No way from the first page")
			}
			if c.whole {
				assert.EqualValues(t, cmp.Or(c.rows, 57), r.Records)
			}
		})
	}
}

func TestWrongEndpointsAreFoundOut(t *testing.T) {
	page := served{page: "page", size: "size", from: 1, names: [5]string{"items", "total", "page", "size"}}
	cursor := served{after: "cursor", size: "limit", names: [5]string{"items", "total", "", "", "next_cursor"}}
	row := served{skip: "startIndex", size: "count", from: 1, names: [5]string{"items", "totalResults", "startIndex", "itemsPerPage"}}
	with := func(s served, wrong func(p *part)) served { s.wrong = wrong; return s }
	sorts := page
	sorts.sort = "sort"
	linked := page
	linked.next = true
	for name, c := range map[string]struct {
		served
		address string
		codes   []string // one of these is broken
	}{
		"a sort in the address, ignored":         {page, "/boats?sort=vessel", []string{"order.within", "order.works", "order.across"}},
		"a falling sort in the address, ignored": {page, "/boats?sort=-id", []string{"order.within", "order.works", "order.across"}},
		"a sort in the address, on each page by itself": {with(sorts, func(p *part) {
			list := boats(57, 3, false)[p.begin:p.end]
			slices.SortStableFunc(list, func(a, b record) int { return cmp.Compare(a.Vessel, b.Vessel) })
			p.list = list
		}), "/boats?sort=vessel", []string{"order.across"}},
		"next on the last page":                    {with(linked, func(p *part) { p.next = true }), "", []string{"walk.empty_end", "walk.ends", "numbers.total"}},
		"a cursor that loses one a page":           {with(cursor, func(p *part) { p.nextAt = p.end + 1; p.next = p.nextAt < p.total }), "", []string{"walk.lost", "numbers.total"}},
		"a cursor that loses one a page, no total": {with(served{after: "cursor", size: "limit", names: [5]string{0: "items", 4: "next_cursor"}}, func(p *part) { p.nextAt = p.end + 1; p.next = p.nextAt < p.total }), "", []string{"walk.lost"}},
		"a cursor that repeats one a page":         {with(cursor, func(p *part) { p.nextAt = p.end - 1 }), "", []string{"walk.repeated"}},
		"a cursor that ends early":                 {with(cursor, func(p *part) { p.next = p.end < 40 && p.next }), "", []string{"walk.lost", "numbers.total"}},
		"the total one less":                       {with(page, func(p *part) { p.total-- }), "", []string{"numbers.total"}},
		"rows from 1 that lose the first":          {with(row, func(p *part) { p.list = p.all[min(p.begin+1, len(p.all)):min(p.end+1, len(p.all))] }), "", []string{"walk.lost", "numbers.total", "numbers.rows"}},
		"rows from 1, told wrongly":                {with(row, func(p *part) { p.begin += 3 }), "", []string{"numbers.rows", "numbers.page"}},
		"pages that overlap by one": {with(page, func(p *part) {
			p.list = p.all[max(p.begin-p.begin/max(p.size, 1), 0):min(max(p.begin-p.begin/max(p.size, 1), 0)+p.size, len(p.all))]
		}), "", []string{"walk.repeated"}},
		"one record too many": {with(page, func(p *part) { p.list = p.all[p.begin:min(p.end+1, len(p.all))] }), "", []string{"walk.long", "walk.repeated"}},
		"a short page in the middle": {with(page, func(p *part) {
			if p.begin > 0 && p.end < p.total {
				p.list = p.list[:len(p.list)-1]
			}
		}), "", []string{"walk.short", "walk.lost"}},
	} {
		t.Run(name, func(t *testing.T) {
			answers := &teller{T: t}
			r := climb.Check(answers, c.served, climb.Endpoint{Address: cmp.Or(c.address, "/boats")})
			require.NotNil(t, r)
			var broken []string
			for _, p := range r.Promises {
				if p.Verdict == report.Broken {
					broken = append(broken, p.Code)
				}
			}
			assert.True(t, slices.ContainsFunc(c.codes, func(code string) bool { return slices.Contains(broken, code) }), "found %q; right would be one of %q; %q", broken, c.codes, r.Found)
		})
	}
}
