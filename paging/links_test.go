package paging

import (
	"fmt"
	"strconv"
	"strings"
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"
	"pgregory.net/rapid"

	"pageladder.example/paging/query"
)

func TestLinksLoseNothing(t *testing.T) {
	base, err := ParseBase("/arrivals")
	require.NoError(t, err)
	for query, next := range map[string]string{
		"":                              "?page=2",
		"page=3":                        "?page=4",
		"berth=N4&page=3&berth=N5":      "?berth=N4&page=4&berth=N5",
		"q=gull&size=10&sort=-tonnage":  "?q=gull&size=10&sort=-tonnage&page=2",
		"a=b+c%20d%2Fe;f&x&y=&page=1":   "?a=b+c%20d%2Fe;f&x&y=&page=2",
		"a=50%&b=%zz&c=\"><script>&d=é": "?a=50%25&b=%25zz&c=%22%3E%3Cscript%3E&d=%C3%A9&page=2",
		"a=1\r\nX: y":                   "?a=1%0D%0AX:%20y&page=2",
		"size=5000&z=1":                 "?size=100&z=1&page=2",
		"size=x&page=2":                 "?size=20&page=3",
		"sort=wings&z=1":                "?sort=-call&z=1&page=2",
		"sort=-tonnage,wings&z=1":       "?sort=-tonnage&z=1&page=2",
		"sort=%2Dtonnage&z=1":           "?sort=%2Dtonnage&z=1&page=2",
		"page=2&z=1&page=3":             "?z=1&page=4",
		"row=21&z=1":                    "?z=1&page=3",
		"&&z=1&":                        "?z=1&page=2",
		"=v&z=1":                        "?=v&z=1&page=2",
	} {
		page := settle(t, harbour(), query, Exact(168))
		links := page.On(base)
		assert.Equal(t, "/arrivals"+next, links.Steps().Next, query)
	}
}

func TestStepsThatLeadNowhereAreAbsent(t *testing.T) {
	for query, want := range map[string]Steps{
		"page=1": {Self: "?page=1", Next: "?page=2", Last: "?page=9"},
		"page=3": {Self: "?page=3", First: "?page=1", Prev: "?page=2", Next: "?page=4", Last: "?page=9"},
		"page=9": {Self: "?page=9", First: "?page=1", Prev: "?page=8"},
	} {
		page := settle(t, &Rules{}, query, Exact(168))
		links := page.On(Base{})
		assert.Equal(t, want, links.Steps())
	}
	page := settle(t, &Rules{Ladder: LadderRules{Ends: new(false)}}, "page=3", Exact(168))
	assert.Equal(t, Steps{Self: "?page=3", Prev: "?page=2", Next: "?page=4"}, page.On(Base{}).Steps(), "without the outermost steps")
	page = settle(t, &Rules{FirstPageBare: true}, "page=2", Exact(168))
	links := page.On(Base{})
	assert.Equal(t, "?", links.Steps().Prev, "a reference that drops the old query")
	page = settle(t, &Rules{FirstPageBare: true}, "page=2&q=x", Exact(168))
	links = page.On(Base{})
	assert.Equal(t, "?q=x", links.Steps().Prev)
}

func TestAnotherSizeKeepsTheFirstRecordInView(t *testing.T) {
	page := settle(t, &Rules{}, "page=3&q=x", Exact(168))
	links := page.On(Base{})
	assert.Equal(t, []SizeLink{
		{Size: 10, Href: "?page=5&q=x&size=10"}, {Size: 20, Href: "?page=3&q=x&size=20", Current: true},
		{Size: 50, Href: "?page=1&q=x&size=50"}, {Size: 100, Href: "?page=1&q=x&size=100"},
	}, links.Sizes())
}

func TestAnotherSortGoesToPageOne(t *testing.T) {
	page := settle(t, harbour(), "page=3&sort=-tonnage,vessel&q=x", Exact(168))
	links := page.On(Base{})
	assert.Equal(t, []SortLink{
		{Key: "vessel", Href: "?page=1&sort=vessel&q=x", Direction: Ascending, Rank: 2},
		{Key: "tonnage", Href: "?page=1&sort=tonnage&q=x", Direction: Descending, Rank: 1},
		{Key: "call", Href: "?page=1&sort=call&q=x"},
		{Key: "cargo", Href: "?page=1&sort=cargo&q=x"},
		{Key: "id", Href: "?page=1&sort=id&q=x"},
	}, links.Sorts())
}

func TestBaseLeadsToItsOwnHostAlone(t *testing.T) {
	const origin = "https://saltmere.example"
	for _, good := range []string{"/", "/a", "/a/b:c", "/é", "/a//b", "/a?tab=1", origin + "/a", origin, "/a/{page}{?size,berth*}", "/a{/page}", origin + "/{page}"} {
		_, err := ParseBase(good, origin)
		assert.NoError(t, err, good)
	}
	for _, bad := range []string{
		"", "a", "//evil.example", `/\evil.example`, "/a#b", "/a b", "/a\n", "javascript:alert(1)", "data:text/html,x", `/a\b`, "/\t/evil.example",
		"https://evil.example/", "https://saltmere.example.evil.example/", "https://u:p@saltmere.example/", "http://saltmere.example/", "https:saltmere.example",
		"{page}", "/{+page}", "/a{#page}", "/a/{page:3}", "/a/{page", "{/page}{/size}x//", "/{berth}/x", "/{/page}", "/{berth}{/page}", "https://{berth}.example/", "https://saltmere.example{page}/",
	} {
		_, err := ParseBase(bad, origin)
		assert.Error(t, err, bad)
	}
}

func TestLinksOverATemplate(t *testing.T) {
	r := harbour()
	for _, c := range []struct{ tmpl, query, next string }{
		{"/arrivals/page/{page}{?size,sort,berth*}", "", "/arrivals/page/2"},
		{"/arrivals/page/{page}{?size,sort,berth*}", "size=10&page=2&x=1&berth=N4&berth=N%205", "/arrivals/page/3?size=10&berth=N4&berth=N%205&x=1"},
		{"/arrivals{/berth}{?page}", "berth=N4", "/arrivals/N4?page=2"},
		{"/arrivals{/berth}{?page}", "berth=..&x=a+b", "/arrivals?page=2&berth=..&x=a+b"},
		{"/arrivals{/berth}{?page}", "berth=N4&berth=N5", "/arrivals?page=2&berth=N4&berth=N5"},
		{"{/theme}/arrivals{?page}", "theme=&x=1", "/arrivals?page=2&theme=&x=1"},
		{"{/theme}/arrivals{?page}", "theme", "/arrivals?page=2&theme"},
		{"/arrivals{/berth}", "berth=a/b?c%23d", "/arrivals/a%2Fb%3Fc%23d?page=2"},
		{"/arrivals{?theme,page}", "theme=%FF", "/arrivals?page=2&theme=%FF"},
		{"/arrivals{?page}", "sort=wings&tonnage.min=5", "/arrivals?page=2&sort=-call&tonnage.min=5"},
	} {
		base, err := ParseBase(c.tmpl)
		require.NoError(t, err)
		page := settle(t, r, c.query, Exact(168))
		links := page.On(base)
		assert.Equal(t, c.next, links.Steps().Next, c.query)
	}
	base, err := ParseBase("/arrivals{/page}{?size}")
	require.NoError(t, err)
	page := settle(t, &Rules{FirstPageBare: true}, "size=10&page=2&x=1", Exact(168))
	links := page.On(base)
	assert.Equal(t, "/arrivals?size=10&x=1", links.Steps().Prev)
	assert.Equal(t, Form{Action: "/arrivals", Param: "size", Value: 10, Max: 100, Hidden: []query.Pair{{Name: "x", Value: "1"}, {Name: "row", Value: "11"}}}, links.sizeForm())
	assert.Equal(t, Form{Action: "/arrivals", Param: "page", Value: 2, Max: 17, Hidden: []query.Pair{{Name: "size", Value: "10"}, {Name: "x", Value: "1"}}}, links.jumpForm())
}

func TestServiceParametersStayOffOutsideLinks(t *testing.T) {
	base, err := ParseBase("/arrivals?tab=1")
	require.NoError(t, err)
	page := settle(t, harbour(), "pl.base=/arrivals&q=x&pl.explain=1", Exact(168))
	links := page.On(base.Outside())
	assert.Equal(t, "/arrivals?tab=1&q=x&page=2", links.Steps().Next)
	links = page.On(Base{})
	assert.Equal(t, "?pl.base=/arrivals&q=x&pl.explain=1&page=2", links.Steps().Next)
}

func TestOnlyWhatTheRulesKeepRidesAlong(t *testing.T) {
	r := harbour()
	r.Unknown = ""
	for what, next := range map[KeepWhat]string{"": "?a=1&tonnage.min=5&b=2&page=2", KeepDeclared: "?tonnage.min=5&page=2", KeepListed: "?tonnage.min=5&b=2&page=2"} {
		r.Keep = KeepRules{What: what}
		if what == KeepListed {
			r.Keep.Names = []string{"b"}
		}
		page := settle(t, r, "a=1&tonnage.min=5&b=2", Exact(168))
		links := page.On(Base{})
		assert.Equal(t, next, links.Steps().Next, what)
	}
}

func TestAnotherFilterGoesToPageOne(t *testing.T) {
	page := settle(t, harbour(), "page=3&berth=N4&x=1&berth=N5&page=3", Exact(168))
	links := page.On(Base{})
	assert.Equal(t, "?berth=W1&berth=W2&x=1&page=1", links.With("berth", "W1", "W2"))
	assert.Equal(t, "?x=1&page=1", links.With("berth"))
	assert.Equal(t, "?berth=N4&x=1&berth=N5&page=1&cargo=a%26b%3D%2B", links.With("cargo", "a&b=+"))
}

func TestWhatRidesAlongKeepsItsBytes(t *testing.T) {
	piece := rapid.StringMatching(`[a-z]{3,5}[xyz](=([A-Za-z0-9._~!$'()*+,;:@/?=-]|%[0-9A-Fa-f]{2}){0,12})?`)
	rapid.Check(t, func(t *rapid.T) {
		kept := rapid.SliceOfN(piece, 0, 8).Draw(t, "kept")
		at := rapid.IntRange(0, len(kept)).Draw(t, "at")
		pieces := append(append(append([]string{}, kept[:at]...), "page=2"), kept[at:]...)
		ask, err := (&Rules{}).Read(strings.Join(pieces, "&"))
		require.NoError(t, err)
		page, err := ask.Settle(Exact(1000))
		require.NoError(t, err)
		pieces[at] = "page=3"
		links := page.On(Base{})
		require.Equal(t, "?"+strings.Join(pieces, "&"), links.Steps().Next)
	})
}

func TestBracketedNames(t *testing.T) {
	r := &Rules{Params: Params{Page: "page[number]", Size: "page[size]"}, Filters: []FilterRule{{Field: "berth", Param: "filter[berth]"}}}
	for query, next := range map[string]string{
		"":                                     "?page%5Bnumber%5D=2",
		"page[number]=3&page%5Bsize%5D=10":     "?page%5Bnumber%5D=4&page%5Bsize%5D=10",
		"filter[berth]=N4&filter[berth].not=x": "?filter%5Bberth%5D=N4&filter%5Bberth%5D.not=x&page%5Bnumber%5D=2",
	} {
		page := settle(t, r, query, Exact(168))
		assert.Equal(t, next, page.On(Base{}).Steps().Next)
	}
}

const benchQuery = "berth=N4&cargo=grain&tonnage.min=500&sort=-tonnage&page=500"

// toLinks is the whole way of a list's handler: query to settled page, ladder and
// steps.
func toLinks(b *testing.B, r *Rules, base Base, query string, total Total) {
	ask, err := r.Read(query)
	if err != nil {
		b.Fatal(err)
	}
	page, err := ask.Settle(total)
	if err != nil {
		b.Fatal(err)
	}
	links := page.On(base)
	steps, ladder := links.Steps(), links.Ladder()
	if steps.Next == "" || len(ladder) != 9 {
		b.Fatal(steps, ladder)
	}
}

// BenchmarkQueryToLinks reads a query with three filters and a sort and makes the
// links of a page of 1,000.
func BenchmarkQueryToLinks(b *testing.B) {
	base, _ := ParseBase("/arrivals")
	r := harbour()
	b.ReportAllocs()
	for b.Loop() {
		toLinks(b, r, base, benchQuery, Exact(20_000))
	}
}

// BenchmarkBareLoop makes the same strings and does nothing else: no reading, no
// settling, no ladder to lay out.
func BenchmarkBareLoop(b *testing.B) {
	kept := benchQuery[:strings.LastIndexByte(benchQuery, '&')]
	b.ReportAllocs()
	for b.Loop() {
		hrefs := make([]string, 0, 11)
		// five steps, and the ladder's six links
		for _, n := range [...]int{500, 1, 499, 501, 1000, 1, 498, 499, 501, 502, 1000} {
			hrefs = append(hrefs, "/arrivals?"+kept+"&page="+strconv.Itoa(n))
		}
		if len(hrefs) != 11 {
			b.Fatal(hrefs)
		}
	}
}

// BenchmarkManyPages makes the links of the middle page of sets of very different
// sizes.
func BenchmarkManyPages(b *testing.B) {
	base, _ := ParseBase("/arrivals")
	r := harbour()
	for _, pages := range []int64{1e6, 1e15} {
		b.Run(fmt.Sprintf("%.0e", float64(pages)), func(b *testing.B) {
			query := fmt.Sprintf("berth=N4&cargo=grain&tonnage.min=500&sort=-tonnage&page=%d", pages/2)
			b.ReportAllocs()
			for b.Loop() {
				toLinks(b, r, base, query, Exact(20*pages))
			}
		})
	}
}

func BenchmarkCut(b *testing.B) {
	list := make([]int, 20_000)
	ask, err := (&Rules{}).Read("page=500")
	if err != nil {
		b.Fatal(err)
	}
	page, err := ask.Settle(Exact(20_000))
	if err != nil {
		b.Fatal(err)
	}
	b.ReportAllocs()
	for b.Loop() {
		if len(Cut(list, page)) != 20 {
			b.Fatal()
		}
	}
}

// What a template cannot carry as the library would write it is written right.
func TestTemplatesCarryAnyText(t *testing.T) {
	base, err := ParseBase("/arrivals/page/{page}{?size,sort,berth*,vessel}")
	require.NoError(t, err)
	for query, want := range map[string]string{
		"berth=%C3%96":            "/arrivals/page/1?berth=%C3%96",
		"berth=\xc3\x96&berth=日本": "/arrivals/page/1?berth=%C3%96&berth=%E6%97%A5%E6%9C%AC",
		"vessel=a+b%2Fc%26d=e":    "/arrivals/page/1?vessel=a%20b%2Fc%26d%3De",
		"vessel=%F0%9F%9A%A2":     "/arrivals/page/1?vessel=%F0%9F%9A%A2",
	} {
		page := settle(t, &Rules{}, query, Exact(168))
		assert.Equal(t, want, page.On(base).Steps().Self)
	}
}
