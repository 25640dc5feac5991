package paging

import (
	"fmt"
	"math"
	"slices"
	"strconv"
	"strings"
	"testing"
	"time"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"
	"pgregory.net/rapid"

	"pageladder.example/paging/value"
)

// draw shows a ladder in one line: "1 (2) 3 …4–8 9".
func draw(rungs []Rung) string {
	var words []string
	for _, r := range rungs {
		switch {
		case r.Kind == RungCurrent:
			words = append(words, fmt.Sprintf("(%d)", r.Page))
		case r.Kind == RungPage:
			words = append(words, fmt.Sprint(r.Page))
		case r.To == 0:
			words = append(words, fmt.Sprintf("…%d–", r.From))
		default:
			words = append(words, fmt.Sprintf("…%d–%d", r.From, r.To))
		}
	}
	return strings.Join(words, " ")
}

func TestLadderByExample(t *testing.T) {
	shifting := func(reach, tips int) LadderRules {
		return LadderRules{Reach: &reach, Tips: &tips, Steady: new(false)}
	}
	for _, c := range []struct {
		shape LadderRules
		page  int
		pages int64
		want  string
	}{
		{LadderRules{}, 1, 1, ""},
		{LadderRules{Lone: true}, 1, 1, "(1)"},
		{LadderRules{}, 2, 3, "1 (2) 3"},
		{LadderRules{}, 3, 9, "1 2 (3) 4 5 6 7 8 9"},
		{LadderRules{}, 1, 20, "(1) 2 3 4 5 6 7 …8–19 20"},
		{LadderRules{}, 5, 20, "1 2 3 4 (5) 6 7 …8–19 20"},
		{LadderRules{}, 6, 20, "1 …2–3 4 5 (6) 7 8 …9–19 20"},
		{LadderRules{}, 16, 20, "1 …2–13 14 15 (16) 17 18 19 20"},
		{LadderRules{Tips: new(0)}, 10, 20, "…1–7 8 9 (10) 11 12 …13–20"},
		{LadderRules{Tips: new(0)}, 1, 20, "(1) 2 3 4 5 6 …7–20"},
		{LadderRules{Reach: new(0), Tips: new(0)}, 10, 20, "…1–9 (10) …11–20"},
		{shifting(2, 1), 1, 20, "(1) 2 3 …4–19 20"},
		{shifting(2, 1), 5, 20, "1 2 3 4 (5) 6 7 …8–19 20"},
		{shifting(1, 2), 10, 20, "1 2 …3–8 9 (10) 11 …12–18 19 20"},
	} {
		page := settle(t, &Rules{Ladder: c.shape}, fmt.Sprint("size=1&page=", c.page), Exact(c.pages))
		links := page.On(Base{})
		assert.Equal(t, c.want, draw(links.Ladder()))
	}
	page := settle(t, &Rules{Ladder: LadderRules{GapLinks: true}}, "size=1&page=1", Exact(20))
	links := page.On(Base{})
	assert.Equal(t, Rung{Kind: RungGap, From: 8, To: 19, Page: 13, Href: "?size=1&page=13"}, links.Ladder()[7],
		"a gap links to the lower middle one of its pages")
}

// anyInt64 draws whole numbers, the ends of int64 and of what JSON can say often.
func anyInt64(low int64) *rapid.Generator[int64] {
	edges := []int64{0, 1, 2, 19, 20, 21, value.MaxInteger - 1, value.MaxInteger, value.MaxInteger + 1, math.MaxInt64 / 20, math.MaxInt64/20 + 1,
		math.MaxInt64 - 21, math.MaxInt64 - 2, math.MaxInt64 - 1, math.MaxInt64, -1, math.MinInt64, math.MinInt64 + 1}
	edges = slices.DeleteFunc(edges, func(n int64) bool { return n < low })
	return rapid.OneOf(rapid.SampledFrom(edges), rapid.Int64Range(max(low, -300), 300), rapid.Int64Range(low, math.MaxInt64))
}

// anyTotal draws totals of every kind.
func anyTotal() *rapid.Generator[Total] {
	n := anyInt64(math.MinInt64)
	return rapid.OneOf(rapid.Map(n, Exact), rapid.Map(n, AtLeast), rapid.Just(NotCounted()),
		rapid.Map(n, func(n int64) Total { return Remembered(n, time.Minute) }))
}

// anyRules draws rules of one list: what shapes its pages and its ladder.
func anyRules(t *rapid.T) *Rules {
	maybe := func(limit int, name string) *int {
		if rapid.Bool().Draw(t, name+" left out") {
			return nil
		}
		return new(rapid.IntRange(0, limit).Draw(t, name))
	}
	r := &Rules{
		Addressing: rapid.SampledFrom([]Addressing{ByPage, ByOffset}).Draw(t, "addressing"),
		PastLast:   rapid.SampledFrom([]PastLast{"", PastLastGivesLast, PastLastGivesFirst, PastLastGivesEmpty, PastLastRefused}).Draw(t, "past_last"),
		OnFault:    rapid.SampledFrom([]Answer{Mend, Mend, Mend, Refuse}).Draw(t, "on_fault"),
		OffsetAsIs: rapid.Bool().Draw(t, "offset_as_is"), MaxOffset: anyInt64(0).Draw(t, "max_offset"), FirstPageBare: rapid.Bool().Draw(t, "first_page_bare"),
		Size: SizeRules{Default: rapid.IntRange(0, 30).Draw(t, "default"), Cap: rapid.SampledFrom([]int{0, 1, 30, 100_000}).Draw(t, "cap"),
			Closed: rapid.Bool().Draw(t, "closed"), All: rapid.SampledFrom([]int{0, 1, 150, 100_000}).Draw(t, "all")},
		Ladder: LadderRules{Reach: maybe(maxReach, "reach"), Tips: maybe(maxTips, "tips"), Steady: rapid.SampledFrom([]*bool{nil, new(true), new(false)}).Draw(t, "steady"),
			GapLinks: rapid.Bool().Draw(t, "gap_links"), Lone: rapid.Bool().Draw(t, "lone")},
	}
	// No entry contradicts another.
	r.OffsetAsIs = r.OffsetAsIs && r.byOffset()
	r.Size.Default = min(r.Size.Default, r.sizeCap())
	r.Size.Closed = r.Size.Closed && slices.Contains(r.offeredSizes(), r.defaultSize())
	return r
}

// anyQuery draws what a caller may send of a page, a size and a row.
func anyQuery(t *rapid.T, r *Rules) string {
	number := rapid.Map(anyInt64(math.MinInt64), func(n int64) string { return strconv.FormatInt(n, 10) })
	value := rapid.OneOf(number, number, number, rapid.SampledFrom([]string{"", "all", "x", "99999999999999999999", "-99999999999999999999", "10", "20", "100"}))
	param := rapid.SampledFrom([]string{r.pageParam(), r.pageParam(), r.sizeParam(), r.sizeParam(), r.rowParam(), "other"})
	var pairs []string
	for range rapid.IntRange(0, 4).Draw(t, "parameters") {
		pairs = append(pairs, param.Draw(t, "parameter")+"="+value.Draw(t, "value"))
	}
	return strings.Join(pairs, "&")
}

// Whatever a caller sends, under whatever rules and total: nothing overflows, nothing
// grows with a number from outside, and the page's own link leads to the same page.
func TestEveryPageHolds(t *testing.T) {
	rapid.Check(t, func(t *rapid.T) {
		r := anyRules(t)
		query := anyQuery(t, r)
		ask, err := r.Read(query)
		if err != nil {
			return
		}
		total := anyTotal().Draw(t, "total")
		page, err := ask.Settle(total)
		if err != nil {
			return
		}
		fetch := page.Fetch()
		received := rapid.OneOf(rapid.Just(fetch), rapid.IntRange(0, fetch)).Draw(t, "came")
		if page, err = page.Received(received); err != nil {
			return
		}
		checkPage(t, r, page)
		links := page.On(Base{})
		again, err := r.Read(strings.TrimPrefix(links.Steps().Self, "?"))
		require.NoError(t, err)
		for _, a := range again.Adjusted() {
			require.Failf(t, "a link of ours needs no mending", "%s: %s", links.Steps().Self, a.Says)
		}
		same, err := again.Settle(total)
		require.NoError(t, err)
		require.Equal(t, page.in().current(), same.in().current(), "self leads to the same page: %s", links.Steps().Self)
		require.Equal(t, []any{page.Size(), page.Offset()}, []any{same.Size(), same.Offset()}, links.Steps().Self)
		if next := links.Steps().Next; next != "" {
			after, err := r.Read(strings.TrimPrefix(next, "?"))
			require.NoError(t, err)
			follows, err := after.Settle(total)
			if err == nil { // further than may be skipped without a total
				require.Equal(t, page.Offset()+int64(page.Size()), follows.Offset(), "next begins where the page ends: %s", next)
			}
		}
	})
}

// checkPage holds what is true of any page.
func checkPage(t *rapid.T, r *Rules, page Page) {
	require.GreaterOrEqual(t, page.in().current(), int64(1))
	require.GreaterOrEqual(t, page.Offset(), int64(0))
	require.LessOrEqual(t, page.Rows(), page.Size())
	require.LessOrEqual(t, page.Size(), max(r.sizeCap(), r.Size.All))
	if total := page.Total(); total.Known() && !page.in().past {
		require.LessOrEqual(t, page.Offset()+int64(page.Rows()), total.Records())
	}
	m := page.Metadata()
	if m.FirstRow != nil {
		require.Equal(t, int64(page.Rows()-1), *m.LastRow-*m.FirstRow)
	}
	require.NotContains(t, m.Summary, "-", "no negative number")
	links := page.On(Base{})
	rungs := links.Ladder()
	reach, tips := int(r.Ladder.reach()), int(r.Ladder.tips())
	require.LessOrEqual(t, len(rungs), 2*reach+2*tips+3)
	last := int64(0)
	for i, g := range rungs {
		if g.Kind == RungGap {
			require.Equal(t, last+1, g.From)
			require.True(t, g.To > g.From || g.To == 0 && i == len(rungs)-1, "a gap hides two pages or more")
			last = g.To
			continue
		}
		require.Equal(t, last+1, g.Page, "no page is missing between rungs")
		require.Equal(t, g.Kind == RungCurrent, g.Page == page.in().current() && !page.in().past)
		last = g.Page
	}
	require.NotRegexp(t, `(page|size|offset|limit|row)=-`, fmt.Sprint(links.Steps(), rungs, links.Sizes(), links.sizeForm()), "no link has a negative number")
}

// What a getter gives can be changed without changing the original, and zero values can be
// used.
func TestValuesStayAndZerosWork(t *testing.T) {
	r := harbour()
	r.Show = []string{"id", "vessel"}
	page := settle(t, r, "berth=N4&berth=N5&page=99&size=x&sort=vessel&page=100", Exact(168))
	ask := page.Ask()
	describe := func() string {
		return fmt.Sprintf("%v", []any{page.Metadata().Summary, *page.Metadata().TotalItems, page.Ask().Adjusted(), ask.in().sort, ask.Conditions(), ask.Fields(), ask.Order(), r.Resolved().Size.Offered, r.Resolved().Filters[0].Operators, r.Sorts, r.Search, r.Filters[1].Operators})
	}
	before := describe()
	m := page.Metadata()
	*m.TotalItems, *m.TotalPages, *m.FirstRow, m.Filters[0].Values[0] = 7, 7, 7, "changed"
	page.Ask().Adjusted()[0].Used, ask.Adjusted()[0].Used, ask.Conditions()[0].Values[0], ask.Fields()[0] = "changed", "changed", "changed", "changed"
	all := r.Resolved()
	ask.Order()[0].Field, all.Size.Offered[0], all.Filters[0].Operators[0] = "changed", 7, "changed"
	all.Sorts[2].Fields[0], all.Search[0], *all.Ladder.Reach = "changed", "changed", 7
	require.Equal(t, before, describe())

	zero, err := new(Ask).Settle(Exact(168))
	require.NoError(t, err)
	require.Equal(t, "1–20 of 168", zero.Metadata().Summary)
	refused, err := harbour().Read("tonnage=abc")
	require.Error(t, err)
	after, err := refused.Settle(Exact(168))
	require.NoError(t, err, "whoever passes over a refusal gets a first page")
	require.EqualValues(t, 1, after.in().current())
	var nothing Page
	none := nothing.Metadata()
	require.Equal(t, "no records", none.Summary)
	require.EqualValues(t, 1, *none.TotalPages)
	require.Equal(t, []any{0, 0, int64(1), true, true, 20}, []any{nothing.Fetch(), nothing.Rows(), nothing.in().current(), nothing.Metadata().IsFirst, nothing.Metadata().IsLast, nothing.Size()})
	require.Empty(t, Cut([]int{1, 2, 3}, nothing))
	_, err = nothing.Received(3)
	require.NoError(t, err)
	for _, links := range []Links{{}, nothing.On(Base{})} {
		require.Equal(t, Steps{Self: links.Steps().Self}, links.Steps())
		require.Empty(t, links.Ladder())
		require.Len(t, links.Sizes(), 4)
		_ = fmt.Sprint(links.Page(3), links.Sorts(), links.sort(nil), links.With("x", "1"), links.sizeForm(), links.jumpForm())
	}
	_ = fmt.Sprint(Ask{}, Page{}, Links{}, Base{}, Rules{}, Total{}, Refusal{}, Metadata{}, TotalKind(""))
	var empty Ask
	require.Equal(t, "[] [] [][] []", fmt.Sprint(empty.Order(), empty.in().sort, empty.Conditions(), empty.Search(), empty.Fields(), empty.Adjusted()))
}

func TestLadderInvariants(t *testing.T) {
	rapid.Check(t, func(t *rapid.T) {
		reach := rapid.IntRange(0, maxReach).Draw(t, "reach")
		tips := rapid.IntRange(0, maxTips).Draw(t, "tips")
		steady := rapid.Bool().Draw(t, "steady")
		size := rapid.IntRange(1, defaultCap).Draw(t, "size")
		total := rapid.OneOf(rapid.Int64Range(0, 20_000), anyInt64(0)).Draw(t, "total")
		pages := Exact(total).pages(size)
		near := max(1, pages-200)
		number := rapid.OneOf(
			rapid.Int64Range(1, min(pages, 200)), rapid.Int64Range(1, pages), rapid.Int64Range(near, pages),
		).Draw(t, "page")
		r := &Rules{Ladder: LadderRules{Reach: &reach, Tips: &tips, Steady: &steady, Lone: true, GapLinks: rapid.Bool().Draw(t, "gap_links")}}

		ask, err := r.Read(fmt.Sprintf("page=%d&size=%d", number, size))
		require.NoError(t, err)
		page, err := ask.Settle(Exact(total))
		require.NoError(t, err)
		links := page.On(Base{})
		rungs := links.Ladder()

		at, currents := int64(1), 0
		shown := map[int64]bool{}
		for _, g := range rungs {
			if g.Kind == RungGap {
				require.Equal(t, at, g.From, "rungs and gaps cover every page in order")
				require.GreaterOrEqual(t, g.To-g.From, int64(1), "a gap hides two pages or more")
				if g.Page != 0 {
					require.Equal(t, g.From+(g.To-g.From)/2, g.Page)
				}
				at = add(g.To, 1)
				continue
			}
			require.Equal(t, at, g.Page, "page numbers strictly rise")
			if g.Kind == RungCurrent {
				currents++
				require.Equal(t, number, g.Page)
				require.Empty(t, g.Href, "the current page is no link")
			} else {
				require.Equal(t, fmt.Sprintf("?page=%d&size=%d", g.Page, size), g.Href)
			}
			shown[g.Page] = true
			at = add(at, 1)
		}
		require.Equal(t, add(pages, 1), at, "covers 1 to the last page")
		require.Equal(t, 1, currents, "the current page stands on it exactly once")
		for d := int64(0); d <= int64(reach); d++ {
			require.True(t, number-d < 1 || shown[number-d], "every page within reach is there")
			require.True(t, number > pages-d || shown[number+d], "every page within reach is there")
		}
		for d := int64(0); d < min(int64(tips), pages); d++ {
			require.True(t, shown[1+d] && shown[pages-d], "every tip is there")
		}
		limit := min(pages, int64(2*reach+2*tips+3))
		require.LessOrEqual(t, int64(len(rungs)), limit)
		if steady {
			require.Equal(t, limit, int64(len(rungs)), "a steady ladder always has the same number of rungs")
		}
	})
}

func TestLadderWithoutAKnownEnd(t *testing.T) {
	rapid.Check(t, func(t *rapid.T) {
		reach, tips := rapid.IntRange(0, 10).Draw(t, "reach"), rapid.IntRange(0, 5).Draw(t, "tips")
		steady := rapid.Bool().Draw(t, "steady")
		number := rapid.Int64Range(1, 1000).Draw(t, "page")
		total := rapid.OneOf(rapid.Just(NotCounted()), rapid.Map(rapid.Int64Range(0, 500), AtLeast)).Draw(t, "total")
		r := &Rules{Size: SizeRules{Default: 1}, Ladder: LadderRules{Reach: &reach, Tips: &tips, Steady: &steady}}
		ask, err := r.Read(fmt.Sprint("page=", number))
		require.NoError(t, err)
		page, err := ask.Settle(total)
		require.NoError(t, err)
		page, err = page.Received(page.Fetch()) // more follow
		require.NoError(t, err)
		rungs := page.On(Base{}).Ladder()
		known := max(number+1, page.in().pages)

		at, shown := int64(1), map[int64]RungKind{}
		for i, g := range rungs {
			if g.Kind == RungGap {
				require.Equal(t, at, g.From, "rungs and gaps cover every page in order")
				require.Equal(t, i == len(rungs)-1, g.To == 0, "it ends in the one open gap")
				require.True(t, g.To == 0 || g.To > g.From)
				at = g.To + 1
				continue
			}
			require.Equal(t, at, g.Page)
			require.LessOrEqual(t, g.Page, known, "no further than is known")
			shown[g.Page] = g.Kind
			at++
		}
		require.Equal(t, RungGap, rungs[len(rungs)-1].Kind)
		require.Equal(t, RungCurrent, shown[number])
		for n := max(1, number-int64(reach)); n <= min(known, number+int64(reach)); n++ {
			require.NotEmpty(t, shown[n], "every page within reach is there")
		}
		for n := int64(1); n <= min(int64(tips), known); n++ {
			require.NotEmpty(t, shown[n], "every tip at the known end is there")
		}
		require.LessOrEqual(t, len(rungs), 2*reach+2*tips+3)
	})
}

func TestPagesPartitionTheSet(t *testing.T) {
	rapid.Check(t, func(t *rapid.T) {
		list := make([]int, rapid.IntRange(0, 500).Draw(t, "total"))
		for i := range list {
			list[i] = i
		}
		size := rapid.IntRange(1, 100).Draw(t, "size")
		byOffset := rapid.Bool().Draw(t, "by_offset")
		r, query := &Rules{}, fmt.Sprintf("size=%d", size)
		if byOffset {
			r, query = &Rules{Addressing: ByOffset}, fmt.Sprintf("limit=%d", size)
		}
		walked := []int{}
		for {
			ask, err := r.Read(query)
			require.NoError(t, err)
			page, err := ask.Settle(Exact(int64(len(list))))
			require.NoError(t, err)
			cut := Cut(list, page)
			require.Len(t, cut, page.Rows())
			m := page.Metadata()
			if len(cut) > 0 {
				require.EqualValues(t, cut[0]+1, *m.FirstRow)
				require.EqualValues(t, cut[len(cut)-1]+1, *m.LastRow)
			}
			walked = append(walked, cut...)
			links := page.On(Base{})
			next := links.Steps().Next
			require.Equal(t, next == "", page.Metadata().IsLast)
			if next == "" {
				require.Equal(t, *m.TotalPages, page.in().current())
				break
			}
			query = strings.TrimPrefix(next, "?")
		}
		require.Equal(t, list, walked, "following next gives each record once, in order")
	})
}

func TestSettlingNeverOverflows(t *testing.T) {
	rapid.Check(t, func(t *rapid.T) {
		total := anyInt64(math.MinInt64).Draw(t, "total")
		query := fmt.Sprintf("page=%d&size=%d", anyInt64(math.MinInt64).Draw(t, "page"), anyInt64(math.MinInt64).Draw(t, "size"))
		ask, err := (&Rules{}).Read(query)
		require.NoError(t, err)
		page, err := ask.Settle(Exact(total))
		require.NoError(t, err)
		require.GreaterOrEqual(t, page.Offset(), int64(0))
		if total > 0 {
			require.Less(t, page.Offset(), total, "page 99 of 9 still shows records")
			require.Positive(t, page.Rows())
			require.LessOrEqual(t, page.Offset()+int64(page.Rows()), total)
		}
	})
}
