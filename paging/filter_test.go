package paging

import (
	"fmt"
	"strings"
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"pageladder.example/paging/code"
)

// conditions shows the conditions in one line: "berth equals N4|N5, tonnage min 500".
func conditions(a Ask) string {
	var list []string
	for _, c := range a.Conditions() {
		list = append(list, fmt.Sprintf("%s %s %s", c.Field, c.Op, strings.Join(c.Values, "|")))
	}
	return strings.Join(list, ", ")
}

func TestFiltersAreReadByFieldAndOperator(t *testing.T) {
	for query, want := range map[string]string{
		"berth=N4":                                    "berth equals N4",
		"berth=N4&cargo=salt&berth=N5":                "berth equals N4|N5, cargo equals salt",
		"berth.not=N4&berth.not=N5":                   "berth not N4|N5",
		"berth.has=Gu%20ll&berth.starts=S+e":          "berth has Gu ll, berth starts S e",
		"berth=":                                      "",
		"tonnage.min=+0500&tonnage.max=900":           "tonnage min 500, tonnage max 900",
		"tonnage.min=500&tonnage.min=700":             "tonnage min 700",
		"tonnage=-0":                                  "tonnage equals 0",
		"cargo.none=true":                             "cargo none true",
		"draught.max=007.50":                          "draught max 7.5",
		"draught=-0.0":                                "draught equals 0",
		"draught=+12":                                 "draught equals 12",
		"cleared=false":                               "cleared equals false",
		"day.min=2026-03-01":                          "day min 2026-03-01",
		"arrived_at.min=+2026-03-01":                  "arrived_at min 2026-03-01",
		"arrived_at=2026-02-30":                       "!filter.bad_value",
		"arrived_at.max=2026-03-01T06:30:00+02:00":    "arrived_at max 2026-03-01T04:30:00Z",
		"arrived_at.max=2026-03-01t06:30:00.25%2B02":  "!filter.bad_value",
		"field.page=7":                                "page equals 7",
		"field.page.not=7":                            "page not 7",
		"page.not=7":                                  "",
		"pl.own.not=x":                                "",
		"field.pl.own=x":                              "pl.own equals x",
		"field.berth=N4":                              "",
		"pl.own=x":                                    "",
		"filter[crew].min=99999999999999999999999999": "crew min 99999999999999999999999999",
		"filter%5Bcrew%5D=7":                          "crew equals 7",
		"filter[crew][min]=9":                         "crew min 9",
		"filter%5Bcrew%5D%5Bnot%5D=7":                 "crew not 7",
		"filter[crew][mni]=5":                         "!filter.unknown_operator",
		"filter[crew][]=5":                            "!filter.unknown_operator",
		"filter[crew][equals]=5":                      "!filter.unknown_operator",
		"tonnage[min]=5":                              "",
		"[min]=5":                                     "",
		"]=5":                                         "",
		"berth.min=A":                                 "!filter.unknown_operator",
		"berth.equals=A":                              "!filter.unknown_operator",
		"cargo.has=x":                                 "!filter.unknown_operator",
		"tonnage.mni=5":                               "!filter.unknown_operator",
		"tonnage=5x":                                  "!filter.bad_value",
		"tonnage=9007199254740992":                    "!filter.bad_value",
		"tonnage=1.5":                                 "!filter.bad_value",
		"draught=1e3":                                 "!filter.bad_value",
		"draught=.5":                                  "!filter.bad_value",
		"draught=1234567890.1234567":                  "!filter.bad_value",
		"cleared=yes":                                 "!filter.bad_value",
		"day=2026-02-30":                              "!filter.bad_value",
		"arrived_at=today":                            "!filter.bad_value",
		"cargo.none=1":                                "!filter.bad_value",
		"berth=%00":                                   "!filter.bad_value",
		"berth=%FF":                                   "!filter.bad_value",
		"q=%FF":                                       "!filter.bad_value",
	} {
		ask, err := harbour().Read(query)
		var refusal *Refusal
		if why, bad := strings.CutPrefix(want, "!"); bad {
			if assert.ErrorAs(t, err, &refusal, query) {
				assert.Equal(t, code.Code(why), refusal.Faults[0].Why, query)
			}
			continue
		}
		require.NoError(t, err, query)
		assert.Equal(t, want, conditions(ask), query)
	}
}

// A filter in brackets stays on links as it was written, and is asked for so.
func TestFiltersInBracketsStayOnLinks(t *testing.T) {
	rules := harbour()
	page := settle(t, rules, "filter[crew][min]=9&filter%5Bcrew%5D.max=20&page=2", Exact(168))
	assert.Equal(t, "?filter%5Bcrew%5D%5Bmin%5D=9&filter%5Bcrew%5D.max=20&page=3", page.On(Base{}).Page(3))
	resolved := rules.Resolved()
	for i := range resolved.Filters {
		if f := &resolved.Filters[i]; f.Field == "crew" {
			assert.Equal(t, "filter[crew] filter[crew][max]", f.ParamFor(Equals)+" "+f.ParamFor(Max))
		}
	}
}

func TestFilterThatIsMendedIsLeftOutOfLinksToo(t *testing.T) {
	r := harbour()
	r.Faults = map[code.Code]Answer{code.FilterBadValue: Mend, code.FilterUnknownOperator: Mend}
	page := settle(t, r, "tonnage=x&berth=N4&cargo.has=y", Exact(168))
	links := page.On(Base{})
	assert.Equal(t, "?berth=N4&page=2", links.Steps().Next)
	assert.Equal(t, `"x" is not a whole number; it is left out.`, page.Ask().Adjusted()[0].Says)
	assert.Contains(t, page.Ask().Adjusted()[1].Says, "(offered: cargo, cargo.none)")
}

func TestSearchAndFields(t *testing.T) {
	r := harbour()
	r.Show = []string{"id", "vessel", "berth"}
	page := settle(t, r, "q=+grey++gull%20&fields=berth,wings,,vessel&page=2", Exact(168))
	assert.Equal(t, "grey gull", page.Ask().Search())
	assert.Equal(t, []string{"berth", "vessel"}, page.Ask().Fields())
	assert.Equal(t, code.FieldsUnknown, page.Ask().Adjusted()[0].Why)
	links := page.On(Base{})
	assert.Equal(t, "?q=+grey++gull%20&fields=berth,vessel&page=3", links.Steps().Next)
	page = settle(t, r, "q=&fields=", Exact(168))
	assert.Empty(t, page.Ask().Search())
	assert.Equal(t, r.Show, page.Ask().Fields())
	assert.Empty(t, page.Ask().Adjusted())
}

func TestDirectionParameter(t *testing.T) {
	r := harbour()
	r.Params.Direction = "order"
	for query, want := range map[string]string{
		"sort=vessel&order=desc":     "-vessel,-id",
		"sort=vessel&order=asc":      "vessel,id",
		"sort=tonnage":               "-tonnage,-id", // its first direction
		"sort=tonnage&order=asc":     "tonnage,id",
		"sort=-vessel,cargo":         "-vessel,cargo,id",
		"order=asc":                  "berth,arrived_at,id",
		"sort=vessel&order=sideways": "vessel,id",
		"":                           "-berth,-arrived_at,-id",
	} {
		page := settle(t, r, query, Exact(168))
		assert.Equal(t, want, page.Metadata().Sort, query)
		links := page.On(Base{})
		again := settle(t, r, strings.TrimPrefix(links.Steps().Self, "?"), Exact(168))
		assert.Equal(t, want, again.Metadata().Sort, "its own link sorts the same: %s", links.Steps().Self)
	}
	page := settle(t, r, "sort=vessel&order=desc&x=1", Exact(168))
	links := page.On(Base{})
	assert.Equal(t, "?sort=vessel&order=asc&x=1&page=1", links.Sorts()[0].Href)
	assert.Equal(t, "?sort=tonnage&order=desc&x=1&page=1", links.Sorts()[1].Href)
	assert.Equal(t, "?sort=vessel,-tonnage&x=1&page=1", links.sort([]sortBy{{"vessel", false}, {"tonnage", true}}))
}

func TestAllOnOnePage(t *testing.T) {
	r := &Rules{Size: SizeRules{All: 500}}
	page := settle(t, r, "size=all&page=2", Exact(168))
	assert.Equal(t, "1–168 of 168", page.Metadata().Summary)
	links := page.On(Base{})
	sizes := links.Sizes()
	assert.Equal(t, SizeLink{Size: 500, All: true, Href: "?size=all&page=1", Current: true}, sizes[len(sizes)-1])
	page = settle(t, r, "size=all", Exact(501))
	assert.Equal(t, "1–500 of 501", page.Metadata().Summary)
	assert.Equal(t, Adjustment{Param: "size", Given: "all", Used: "500", Why: code.SizeOverCap,
		Says: "All of this list is more than the 500 records that are given at once; 500 records to a page are used."},
		withoutReason(page.Ask().Adjusted()[0]))
	links = page.On(Base{})
	assert.Equal(t, "?size=500&page=2", links.Steps().Next)
	for _, size := range []string{"all", "500"} {
		again := settle(t, r, "page=2&size="+size, Exact(501))
		assert.Equal(t, "501 of 501", again.Metadata().Summary)
		self := settle(t, r, strings.TrimPrefix(again.On(Base{}).Steps().Self, "?"), Exact(501))
		assert.Empty(t, self.Ask().Adjusted(), "what was mended once is not mended again")
		assert.Equal(t, again.On(Base{}).Steps(), self.On(Base{}).Steps())
	}
}

func withoutReason(a Adjustment) Adjustment {
	a.reason = ""
	return a
}

func TestSettlingTwiceFromOneAskKeepsThemApart(t *testing.T) {
	ask, err := (&Rules{}).Read("page=99&size=5000&size=0")
	require.NoError(t, err)
	a, err := ask.Settle(Exact(168))
	require.NoError(t, err)
	b, err := ask.Settle(Exact(20))
	require.NoError(t, err)
	assert.Equal(t, "9", string(a.Ask().Adjusted()[1].Used))
	assert.Equal(t, "1", string(b.Ask().Adjusted()[1].Used))
	assert.Len(t, ask.Adjusted(), 1)
}
