package paging

import (
	"fmt"
	"math"
	"strings"
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"
	"pgregory.net/rapid"
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

func TestLadderInvariants(t *testing.T) {
	rapid.Check(t, func(t *rapid.T) {
		reach := rapid.IntRange(0, MaxReach).Draw(t, "reach")
		tips := rapid.IntRange(0, MaxTips).Draw(t, "tips")
		steady := rapid.Bool().Draw(t, "steady")
		size := rapid.IntRange(1, DefaultCap).Draw(t, "size")
		total := rapid.OneOf(rapid.Int64Range(0, 20_000), rapid.Int64Range(0, math.MaxInt64)).Draw(t, "total")
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
				at = g.To + 1
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
			at++
		}
		require.Equal(t, pages+1, at, "covers 1 to the last page")
		require.Equal(t, 1, currents, "the current page stands on it exactly once")
		for d := int64(0); d <= int64(reach); d++ {
			require.True(t, number-d < 1 || shown[number-d], "every page within reach is there")
			require.True(t, number+d > pages || shown[number+d], "every page within reach is there")
		}
		for d := int64(0); d < min(int64(tips), pages); d++ {
			require.True(t, shown[1+d] && shown[pages-d], "every tip is there")
		}
		most := min(pages, int64(2*reach+2*tips+3))
		require.LessOrEqual(t, int64(len(rungs)), most)
		if steady {
			require.Equal(t, most, int64(len(rungs)), "a steady ladder always has the same number of rungs")
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
		page, err = page.Seen(page.Fetch()) // more follow
		require.NoError(t, err)
		rungs := page.On(Base{}).Ladder()
		known := max(number+1, page.pages)

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
			require.Equal(t, next == "", page.IsLast())
			if next == "" {
				require.Equal(t, *m.TotalPages, page.Number())
				break
			}
			query = strings.TrimPrefix(next, "?")
		}
		require.Equal(t, list, walked, "following next gives each record once, in order")
	})
}

func TestSettlingNeverOverflows(t *testing.T) {
	rapid.Check(t, func(t *rapid.T) {
		total := rapid.Int64().Draw(t, "total")
		query := fmt.Sprintf("page=%d&size=%d", rapid.Int64().Draw(t, "page"), rapid.Int64().Draw(t, "size"))
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
