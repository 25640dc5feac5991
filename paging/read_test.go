package paging

import (
	"errors"
	"fmt"
	"math"
	"regexp"
	"runtime"
	"strings"
	"sync"
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"
	"pgregory.net/rapid"

	"pageladder.example/paging/code"
	"pageladder.example/paging/value"
)

// harbour are rules like those of a real list.
func harbour() *Rules {
	return &Rules{
		Aside: "pl.",
		Key:   []string{"id"},
		Sorts: []SortKey{
			{Key: "vessel"}, {Key: "tonnage", First: Descending},
			{Key: "call", Fields: []string{"berth", "arrived_at"}}, {Key: "cargo"}, {Key: "id"},
		},
		DefaultSort: "-call",
		Filters: []FilterRule{
			{Field: "berth"}, {Field: "cargo", Operators: []Operator{Equals, None}}, {Field: "tonnage", Type: value.Integer},
			{Field: "draught", Type: value.Decimal}, {Field: "cleared", Type: value.Boolean}, {Field: "day", Type: value.Date}, {Field: "arrived_at", Type: value.Time},
			{Field: "page", Type: value.Integer}, {Field: "pl.own"}, {Field: "crew", Type: value.BigInteger, Param: "filter[crew]"},
		},
		Search:    []string{"vessel"},
		Unknown:   UnknownNoted,
		RideAlong: []string{"theme"},
	}
}

func settle(t *testing.T, r *Rules, query string, total Total) Page {
	t.Helper()
	ask, err := r.Read(query)
	require.NoError(t, err, query)
	page, err := ask.Settle(total)
	require.NoError(t, err, query)
	return page
}

func TestEveryFaultIsMendedAndTold(t *testing.T) {
	type adj struct {
		param, given, used string
		why                code.Code
	}
	for query, want := range map[string]struct {
		number int64
		size   int
		adj    []adj
	}{
		"":                           {1, 20, nil},
		"page=3":                     {3, 20, nil},
		"page=+3+&size=%2B10":        {3, 10, nil},
		"page=03":                    {3, 20, nil},
		"page=99":                    {9, 20, []adj{{"page", "99", "9", code.PagePastLast}}},
		"page=0":                     {1, 20, []adj{{"page", "0", "1", code.PageBelowFirst}}},
		"page=-7":                    {1, 20, []adj{{"page", "-7", "1", code.PageBelowFirst}}},
		"page=abc":                   {1, 20, []adj{{"page", "abc", "1", code.PageNotANumber}}},
		"page=":                      {1, 20, []adj{{"page", "", "1", code.PageNotANumber}}},
		"page":                       {1, 20, []adj{{"page", "", "1", code.PageNotANumber}}},
		"page=1.5":                   {1, 20, []adj{{"page", "1.5", "1", code.PageNotANumber}}},
		"page=1e3":                   {1, 20, []adj{{"page", "1e3", "1", code.PageNotANumber}}},
		"page=0x10":                  {1, 20, []adj{{"page", "0x10", "1", code.PageNotANumber}}},
		"page=%D9%A3":                {1, 20, []adj{{"page", "٣", "1", code.PageNotANumber}}},
		"page=%zz":                   {1, 20, []adj{{"page", "%zz", "1", code.PageNotANumber}}},
		"page=99999999999999999999":  {9, 20, []adj{{"page", "99999999999999999999", "9", code.PagePastLast}}},
		"page=-99999999999999999999": {1, 20, []adj{{"page", "-99999999999999999999", "1", code.PageBelowFirst}}},
		"page=2&page=4":              {4, 20, []adj{{"page", "2", "4", code.ParamRepeated}}},
		"page=x&page=99":             {9, 20, []adj{{"page", "x", "9", code.ParamRepeated}}},
		"size=0":                     {1, 20, []adj{{"size", "0", "20", code.SizeBelowOne}}},
		"size=-1":                    {1, 20, []adj{{"size", "-1", "20", code.SizeBelowOne}}},
		"size=5000":                  {1, 100, []adj{{"size", "5000", "100", code.SizeOverCap}}},
		"size=99999999999999999999":  {1, 100, []adj{{"size", "99999999999999999999", "100", code.SizeOverCap}}},
		"size=all":                   {1, 20, []adj{{"size", "all", "20", code.SizeNotANumber}}},
		"sort=-tonnage,vessel":       {1, 20, nil},
		"sort=":                      {1, 20, nil},
		"sort=wings":                 {1, 20, []adj{{"sort", "wings", "-call", code.SortUnknownKey}}},
		"sort=-tonnage,wings,,id":    {1, 20, []adj{{"sort", "-tonnage,wings,,id", "-tonnage,id", code.SortUnknownKey}}},
		"sort=cargo,-cargo":          {1, 20, []adj{{"sort", "cargo,-cargo", "cargo", code.SortRepeatedKey}}},
		"sort=id,cargo,vessel,call":  {1, 20, []adj{{"sort", "id,cargo,vessel,call", "id,cargo,vessel", code.SortTooManyKeys}}},
		"row=61":                     {4, 20, nil},
		"row=60&size=10":             {6, 10, nil},
		"row=0":                      {1, 20, []adj{{"row", "0", "1", code.RowBelowFirst}}},
		"row=two":                    {1, 20, []adj{{"row", "two", "1", code.RowNotANumber}}},
		"row=9999":                   {9, 20, []adj{{"row", "9999", "9", code.PagePastLast}}},
		"row=61&page=2":              {2, 20, nil},
		"theme=dark&page=2":          {2, 20, nil},
		"pgae=2":                     {1, 20, []adj{{"pgae", "2", "", code.ParamUnknown}}},
	} {
		t.Run(query, func(t *testing.T) {
			page := settle(t, harbour(), query, Exact(168))
			assert.Equal(t, want.number, page.in().current())
			assert.Equal(t, want.size, page.Size())
			var got []adj
			for _, a := range page.Ask().Adjusted() {
				got = append(got, adj{a.Param, a.Given, string(a.Used), a.Why})
				assert.Regexp(t, `^.{20,}[^.]\.$`, a.Says)
			}
			assert.Equal(t, want.adj, got)
		})
	}
}

func TestClosedSizesTakeTheNearest(t *testing.T) {
	r := &Rules{Size: SizeRules{Closed: true}}
	for given, used := range map[string]int{"10": 10, "14": 10, "15": 10, "16": 20, "35": 20, "36": 50, "75": 50, "76": 100, "9999999": 100} {
		page := settle(t, r, "size="+given, Exact(10))
		assert.Equal(t, used, page.Size(), given)
	}
}

func TestRefusalListsEveryFaultAtOnce(t *testing.T) {
	r := harbour()
	r.OnFault, r.Unknown = Refuse, UnknownRefuse
	_, err := r.Read("page=x&size=5000&sort=wings&colour=red")
	var refusal *Refusal
	require.ErrorAs(t, err, &refusal)
	var codes []code.Code
	for _, f := range refusal.Faults {
		codes = append(codes, f.Why)
	}
	assert.Equal(t, []code.Code{code.ParamUnknown, code.PageNotANumber, code.SizeOverCap, code.SortUnknownKey}, codes)
	assert.False(t, refusal.PastLast())

	r.Faults = map[code.Code]Answer{code.SizeOverCap: Mend}
	ask, err := r.Read("size=5000&page=99")
	require.NoError(t, err, "one kind of fault can be mended while the others are refused")
	_, err = ask.Settle(Exact(168))
	require.ErrorAs(t, err, &refusal)
	assert.True(t, refusal.PastLast())
	_, err = ask.Settle(Exact(0))
	assert.NoError(t, err, "the one page of an empty set is never refused")
}

// With a prefix a list reads what begins with it as a list without one reads the rest of the name, and its links
// leave everything else on the page as it is.
func TestListsOnOnePageKeepEachOthersParameters(t *testing.T) {
	plain := harbour()
	plain.Keep.What, plain.Key, plain.Params.After, plain.Params.Direction = KeepDeclared, []string{"id"}, "after", "dir"
	rules := *plain
	rules.Prefix = "a."
	rapid.Check(t, func(t *rapid.T) {
		own := rapid.SliceOfN(rapid.SampledFrom([]string{"page=3", "page=99", "size=7", "size=x", "sort=-tonnage", "sort=wings", "dir=desc", "row=41", "berth=N4", "tonnage.min=5", "tonnage.near=5", "filter[crew]=1", "field.page=2", "wings=2", "theme=1"}), 0, 5).Draw(t, "own")
		others := rapid.SliceOfN(rapid.SampledFrom([]string{"b.page=2", "page=7", "size=1", "berth=E1", "b.berth=x%2Cy", "tab=1", "a=1", "pgae=2"}), 0, 4).Draw(t, "others")
		var parts []string
		for i := range max(len(own), len(others)) {
			if i < len(own) {
				parts = append(parts, "a."+own[i])
			}
			if i < len(others) {
				parts = append(parts, others[i])
			}
		}
		want, refusal := plain.Read(strings.Join(own, "&"))
		got, err := rules.Read(strings.Join(parts, "&"))
		if refusal != nil {
			require.Error(t, err)
			assert.Equal(t, len(refusal.(*Refusal).Faults), len(err.(*Refusal).Faults))
			return
		}
		require.NoError(t, err)
		assert.Equal(t, want.String(), got.String())
		assert.Equal(t, want.Order(), got.Order())
		for i, adjusted := range want.Adjusted() {
			assert.Equal(t, "a."+adjusted.Param+" "+string(adjusted.Why), got.Adjusted()[i].Param+" "+string(got.Adjusted()[i].Why))
		}
		page, err := got.Settle(Exact(347))
		require.NoError(t, err)
		for _, link := range []string{page.On(Base{}).Steps().Self, page.On(Base{}).Sorts()[0].Href, page.On(Base{}).With("a.berth")} {
			var left []string
			for part := range strings.SplitSeq(strings.TrimPrefix(link, "?"), "&") {
				if !strings.HasPrefix(part, "a.") {
					left = append(left, part)
				}
			}
			assert.Equal(t, others, append([]string{}, left...), link)
		}
	})
}

// A list that is written as several programs write it, by repetition, is the one with commas.
func TestARepeatedListIsTheListWithCommas(t *testing.T) {
	rules := harbour()
	rules.Repeat, rules.Show = "list", []string{"id", "vessel", "tonnage"}
	rapid.Check(t, func(t *rapid.T) {
		words := rapid.SliceOfN(rapid.SampledFrom([]string{"id", "-tonnage", "vessel,-call", "wings", "", "%20id", "-id"}), 2, 6).Draw(t, "values")
		for _, param := range []string{"sort", "fields"} {
			repeated, err := rules.Read(param + "=" + strings.Join(words, "&theme=dark&"+param+"="))
			require.NoError(t, err)
			joined, err := rules.Read(param + "=" + strings.Join(words, ","))
			require.NoError(t, err)
			assert.Equal(t, joined.Order(), repeated.Order())
			assert.Equal(t, joined.Fields(), repeated.Fields())
			assert.Equal(t, joined.Adjusted(), repeated.Adjusted())
			page, err := repeated.Settle(Exact(168))
			require.NoError(t, err)
			next, err := rules.Read(strings.TrimPrefix(page.On(Base{}).Steps().Next, "?"))
			require.NoError(t, err)
			assert.Equal(t, repeated.Order(), next.Order())
			assert.Equal(t, repeated.Fields(), next.Fields())
			assert.Empty(t, next.Adjusted(), "a link says what was used, once")
		}
	})
}

func TestSortIsAlwaysTotal(t *testing.T) {
	for query, want := range map[string]string{
		"":                        "-berth,-arrived_at,-id",
		"sort=vessel":             "vessel,id",
		"sort=-tonnage,vessel":    "-tonnage,vessel,id",
		"sort=vessel,-tonnage":    "vessel,-tonnage,-id",
		"sort=id,-call":           "id,-berth,-arrived_at",
		"sort=%2Dtonnage%2Ccargo": "-tonnage,cargo,id",
	} {
		page := settle(t, harbour(), query, Exact(168))
		assert.Equal(t, want, page.Metadata().Sort, query)
	}
}

func TestPastLastIsAnsweredAsTheRulesSay(t *testing.T) {
	for kind, want := range map[PastLast]int64{"": 9, PastLastGivesLast: 9, PastLastGivesFirst: 1, PastLastGivesEmpty: 99} {
		page := settle(t, &Rules{PastLast: kind}, "page=99", Exact(168))
		assert.Equal(t, want, page.in().current(), kind)
	}
	page := settle(t, &Rules{PastLast: PastLastGivesEmpty}, "page=99999999999999999999", Exact(168))
	assert.EqualValues(t, 1<<53-1, page.in().current(), "no larger than a JSON number can say")
	page = settle(t, &Rules{PastLast: PastLastGivesEmpty}, "page=99999999999999999999", Exact(math.MaxInt64))
	links := page.On(Base{})
	steps := links.Steps()
	assert.True(t, page.in().past)
	assert.Zero(t, page.Rows())
	assert.Zero(t, page.Fetch())
	assert.Empty(t, steps.Next)
	assert.Equal(t, "?page=461168601842738791", steps.Prev, "previous is the last page")
	for _, rung := range links.Ladder() {
		assert.NotEqual(t, RungCurrent, rung.Kind)
	}
	assert.Nil(t, page.Metadata().FirstRow)
}

func TestOffsets(t *testing.T) {
	rounding, asIs := &Rules{Addressing: ByOffset}, &Rules{Addressing: ByOffset, OffsetAsIs: true}
	for _, c := range []struct {
		rules      *Rules
		query      string
		number     int64
		first      int64
		prev, next string
		why        code.Code
	}{
		{rounding, "", 1, 1, "", "?offset=20", ""},
		{rounding, "offset=40", 3, 41, "?offset=20", "?offset=60", ""},
		{rounding, "offset=45&limit=10", 5, 41, "?offset=30&limit=10", "?offset=50&limit=10", code.OffsetRounded},
		{rounding, "offset=-1", 1, 1, "", "?offset=20", code.OffsetBelowZero},
		{rounding, "offset=x", 1, 1, "", "?offset=20", code.OffsetNotANumber},
		{asIs, "offset=45", 3, 46, "?offset=25", "?offset=65", ""},
		{asIs, "offset=5", 1, 6, "?offset=0", "?offset=25", ""},
		{rounding, "offset=500", 26, 0, "?offset=160", "", ""},
	} {
		page := settle(t, c.rules, c.query, Exact(168))
		links := page.On(Base{})
		steps := links.Steps()
		assert.Equal(t, c.number, page.in().current(), c.query)
		assert.Equal(t, c.first, orElse(page.Metadata().FirstRow, 0), c.query)
		assert.Equal(t, c.prev, steps.Prev, c.query)
		assert.Equal(t, c.next, steps.Next, c.query)
		if c.why == "" {
			assert.Empty(t, page.Ask().Adjusted(), c.query)
		} else {
			assert.Equal(t, c.why, page.Ask().Adjusted()[0].Why, c.query)
		}
	}
}

func TestTotalsThatAreNotKnown(t *testing.T) {
	page := settle(t, &Rules{}, "page=3", NotCounted())
	assert.Equal(t, 21, page.Fetch(), "one record more than the page")
	more, err := page.Received(21)
	require.NoError(t, err)
	assert.Equal(t, "41–60", more.Metadata().Summary)
	assert.Nil(t, more.Metadata().TotalPages)
	links := more.On(Base{})
	assert.Equal(t, "?page=4", links.Steps().Next)
	assert.Empty(t, links.Steps().Last)
	ladder := links.Ladder()
	assert.Equal(t, Rung{Kind: RungGap, From: 5}, ladder[len(ladder)-1], "ends in an open gap")

	last, err := page.Received(7)
	require.NoError(t, err)
	assert.Equal(t, "41–47 of 47", last.Metadata().Summary, "the end was seen, so the total is exact")
	links = last.On(Base{})
	assert.Empty(t, links.Steps().Next)

	past, err := page.Received(0)
	require.NoError(t, err)
	assert.True(t, past.in().past)
	links = past.On(Base{})
	assert.Equal(t, "?page=2", links.Steps().Prev)

	page = settle(t, &Rules{}, "page=3", AtLeast(10_001))
	page, err = page.Received(21)
	require.NoError(t, err)
	assert.Equal(t, "41–60 of at least 10,001", page.Metadata().Summary)

	page = settle(t, &Rules{}, "page=999", AtLeast(10_001))
	page, err = page.Received(0)
	require.NoError(t, err)
	assert.Equal(t, "none of at least 10,001", page.Metadata().Summary)
	assert.EqualValues(t, 10_001, page.Metadata().TotalAtLeast)

	ask, err := (&Rules{MaxOffset: 1000}).Read("page=99999999999999999999")
	require.NoError(t, err)
	_, err = ask.Settle(NotCounted())
	assert.ErrorContains(t, err, "at most 1000 records can be skipped")
}

func FuzzRead(f *testing.F) {
	for _, seed := range []string{
		"", "page=3&size=20&sort=-tonnage,vessel", "page=%", "page=%2", "page=%zz&a;b=c&&=x&q=%F0%9F%9A%A2",
		"after=AbdiVogAAAAAAQwtdG9ubmFnZSwtaWQENzAwAjQ&page[before]=x", "size=all&row=9&page=99999999999999999999", "a=\r\nSet-Cookie:x&\"><script>=1", "sort=%00,\xff,-",
	} {
		f.Add(seed, int64(168))
	}
	base, err := ParseBase("/arrivals")
	require.NoError(f, err)
	f.Fuzz(func(t *testing.T, query string, total int64) {
		rules := harbour()
		rules.Params.After, rules.Params.Before = "after", "page[before]"
		ask, err := rules.Read(query)
		if err != nil { // a filter that is refused
			return
		}
		page, err := ask.Settle(Exact(total))
		require.NoError(t, err)
		links := page.On(base)
		hrefs := []string{links.Steps().Self, links.Steps().Next, links.Steps().First}
		for _, r := range links.Ladder() {
			hrefs = append(hrefs, r.Href)
		}
		for _, s := range links.Sizes() {
			hrefs = append(hrefs, s.Href)
		}
		for _, s := range links.Sorts() {
			hrefs = append(hrefs, s.Href)
		}
		for _, href := range hrefs {
			checkHref(t, href)
		}
		again := settle(t, harbour(), links.Steps().Self[len("/arrivals?"):], Exact(total))
		assert.Equal(t, page.in().current(), again.in().current(), "self leads to the same page")
		assert.Equal(t, page.Size(), again.Size())
		assert.Equal(t, page.in().ask.sort, again.in().ask.sort)
		assert.Equal(t, page.Ask().Conditions(), again.Ask().Conditions())
		assert.Equal(t, page.Ask().Search(), again.Ask().Search())
		for _, a := range again.Ask().Adjusted() {
			assert.Equal(t, code.ParamUnknown, a.Why, "a link of ours needs no mending")
		}
	})
}

// checkHref fails on a link that holds anything but RFC 3986 query characters.
func checkHref(t *testing.T, href string) {
	t.Helper()
	if at := inQuery.FindStringIndex(href)[1]; at < len(href) {
		t.Fatalf("%q holds %q", href, href[at])
	}
}

var inQuery = regexp.MustCompile(`^([A-Za-z0-9._~!$&'()*+,;=:@/?-]|%[0-9A-Fa-f]{2})*`) // RFC 3986 section 3.4

// A query of a megabyte, the limit of net/http by default, needs memory in proportion to
// its length, whatever is in it.
func TestLongQueriesTakeWhatIsTheirs(t *testing.T) {
	var unlike strings.Builder
	for i := range 90_000 {
		fmt.Fprintf(&unlike, "a%d=1&", i)
	}
	r := harbour()
	r.Show = []string{"vessel", "tonnage"}
	for _, unknown := range []Unknown{UnknownRides, UnknownNoted, UnknownDrops, UnknownRefuse} {
		r.Unknown = unknown
		for what, query := range map[string]string{
			"unlike names": unlike.String(), "bounds": strings.Repeat("tonnage.min=1&", 70_000), "bad bounds": strings.Repeat("tonnage.min=x&", 70_000),
			"bounds and empty ones": strings.Repeat("tonnage.min=1&tonnage.min=&", 35_000), "values": strings.Repeat("berth=1&", 120_000),
			"pages": strings.Repeat("page=1&", 140_000), "sort keys": "sort=" + strings.Repeat("x,", 100_000), "fields": "fields=" + strings.Repeat("x,", 500_000),
			"words": "q=" + strings.Repeat("x+", 500_000),
		} {
			var before, after runtime.MemStats
			runtime.ReadMemStats(&before)
			ask, err := r.Read(query)
			if err == nil {
				page, err := ask.Settle(Exact(168))
				require.NoError(t, err)
				page.Metadata()
				page.On(Base{}).Steps()
			}
			runtime.ReadMemStats(&after)
			assert.Less(t, (after.TotalAlloc-before.TotalAlloc)>>20, uint64(300), "%s, %q: MiB", what, unknown)
		}
	}
}

func TestEmptyBoundsAreDroppedWithTheirNames(t *testing.T) {
	page := settle(t, harbour(), "tonnage.min=1&tonnage.min=&x=y&tonnage.min=2&tonnage.min=&tonnage.min=3", Exact(168))
	assert.Equal(t, "?x=y&tonnage.min=3&page=1", page.On(Base{}).Steps().Self)
}

// Where the total is not known, the largest offset is served and the next page is not.
func TestTheLargestOffsetIsServed(t *testing.T) {
	for _, c := range []struct {
		rules Rules
		page  int
		ok    bool
	}{
		{Rules{}, 1_000_000/defaultSize + 1, true}, {Rules{}, 1_000_000/defaultSize + 2, false},
		{Rules{MaxOffset: 1000}, 1000/defaultSize + 1, true}, {Rules{MaxOffset: 1000}, 1000/defaultSize + 2, false},
	} {
		ask, err := c.rules.Read(fmt.Sprint("page=", c.page))
		require.NoError(t, err)
		for _, total := range []Total{NotCounted(), AtLeast(5)} {
			_, err = ask.Settle(total)
			assert.Equal(t, c.ok, err == nil, "page %d: %v", c.page, err)
		}
		_, err = ask.Settle(Exact(100_000_000))
		assert.NoError(t, err)
	}
}

// Rules that are wrong read no query, whoever forgot to check them; nor does a wrong copy of rules that are right.
func TestRulesThatAreWrongReadNothing(t *testing.T) {
	right := harbour()
	_, err := right.Read("page=2")
	require.NoError(t, err)
	for entry, wrong := range map[string]func(*Rules){
		"past_last":       func(r *Rules) { r.PastLast = "lst" },
		"default_sort":    func(r *Rules) { r.DefaultSort = "mast" },
		"params.size":     func(r *Rules) { r.Params.Size = "page" },
		"sorts[0].first":  func(r *Rules) { r.Sorts = []SortKey{{Key: "id", First: "up"}} },
		"filters[0].type": func(r *Rules) { r.Filters = []FilterRule{{Field: "id", Type: "number"}} },
		"size.default":    func(r *Rules) { r.Size.Default = 1_000_000 },
	} {
		for _, again := range []bool{false, true} {
			rules := harbour()
			if again {
				*rules = *right
			}
			wrong(rules)
			for range 2 {
				_, err := rules.Read("page=2")
				var mistake RuleError
				require.ErrorAs(t, err, &mistake, entry)
				assert.Equal(t, entry, mistake.Entry)
			}
		}
	}
}

// Rules are only read: many may read by them, and copy them, at once.
func TestReadingChangesNoRules(t *testing.T) {
	rules, same := harbour(), harbour()
	var readers sync.WaitGroup
	for range 4 {
		readers.Go(func() {
			_, err := rules.Read("page=2&size=5")
			copied := *rules
			_, again := copied.Read("page=2")
			assert.NoError(t, errors.Join(err, again))
		})
	}
	readers.Wait()
	assert.Equal(t, same, rules)
}
