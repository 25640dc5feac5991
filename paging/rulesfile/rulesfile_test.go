package rulesfile

import (
	"cmp"
	"encoding/json"
	"fmt"
	"runtime"
	"strings"
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"pageladder.example/internal/soak"
	"pageladder.example/paging"
	"pageladder.example/paging/code"
	"pageladder.example/paging/value"
)

// harbour are rules like those of a real list.
func harbour() *Rules {
	r := &Rules{Language: "en", Markup: MarkupRules{Style: StyleClassed, Classes: map[string]string{"nav": "rail"}}, Indexes: [][]string{{"berth", "arrived_at"}}}
	r.Aside = Aside
	r.Key, r.DefaultSort, r.Search = []string{"id"}, "-call", []string{"vessel"}
	r.Sorts = []paging.SortKey{
		{Key: "vessel"}, {Key: "tonnage", First: paging.Descending},
		{Key: "call", Fields: []string{"berth", "arrived_at"}}, {Key: "cargo"}, {Key: "id"},
	}
	r.Filters = []paging.FilterRule{
		{Field: "berth"}, {Field: "cargo", Operators: []paging.Operator{paging.Equals, paging.None}}, {Field: "tonnage", Type: value.Integer},
		{Field: "page", Type: value.Integer}, {Field: "pl.own"}, {Field: "crew", Type: value.BigInteger, Param: "filter[crew]"},
	}
	return r
}

func TestRulesThatAreWrongAreNamed(t *testing.T) {
	assert.NoError(t, (&Rules{}).Check())
	assert.NoError(t, harbour().Check())
	bracketed := &Rules{Rules: paging.Rules{Params: paging.Params{Page: "page[number]", Size: "page[size]"}, Filters: []paging.FilterRule{{Field: "berth", Param: "filter[berth]"}}}}
	assert.NoError(t, bracketed.Check())
	for text, want := range map[string]string{
		`{"size":{"default":500}}`:                                       "size.default: found 500; right would be at most size.cap, 100",
		`{"size":{"default":30,"closed":true}}`:                          "size.default: found 30; right would be one of the offered sizes [10 20 50 100]",
		`{"size":{"offered":[10,200]}}`:                                  "size.offered[1]: found 200; right would be 1 to size.cap, 100",
		`{"size":{"cap":-1}}`:                                            "size.cap: found -1; right would be 0 to 100000",
		`{"ladder":{"reach":-1}}`:                                        "ladder.reach: found -1; right would be 0 to 50",
		`{"ladder":{"tips":11}}`:                                         "ladder.tips: found 11; right would be 0 to 10",
		`{"default_sort":"-tonnage"}`:                                    `default_sort: found "-tonnage"`,
		`{"sorts":[{"key":"a"},{"key":"a"}]}`:                            "sorts[1].key: found \"a\"; right would be each sort key once",
		`{"sorts":[{"key":"-a"}]}`:                                       `sorts[0].key: found "-a"`,
		`{"sorts":[{"key":"a","first":"down"}]}`:                         `sorts[0].first: found "down"; right would be "asc", "desc"`,
		`{"params":{"size":"page"}}`:                                     `params.size: found "page"; right would be a name that params.page does not have`,
		`{"params":{"sort":"pl.sort"}}`:                                  `params.sort: found "pl.sort"`,
		`{"filters":[{"field":"a"},{"field":"b","param":"a"}]}`:          `filters[1]: found "a"; right would be a name that filters[0] does not have`,
		`{"filters":[{"field":"a","type":"integer"},{"field":"a.min"}]}`: `filters[1]: found "a.min"`,
		`{"filters":[{"field":"a","type":"money"}]}`:                     `filters[0].type: found "money"`,
		`{"filters":[{"field":"a","operators":["min"]}]}`:                `filters[0].operators[0]: found "min"`,
		`{"past_last":"wrap"}`:                                           `past_last: found "wrap"; right would be "last", "first", "empty", "refuse"`,
		`{"faults":{"page.past":"mend"}}`:                                "faults.page.past: found an unknown code",
		`{"faults":{"offset.over_max":"mend"}}`:                          "nothing mends it",
		`{"faults":{"page.past_last":"refuse"},"past_last":"first"}`:     "not both",
		`{"offset_as_is":true}`:                                          "offset_as_is: found true",
		`{"base":"//evil.example"}`:                                      `base: found "//evil.example"; right would be a path begins`,
		`{"base":"https://saltmere.example/"}`:                           "is not allowed (allowed: none)",
		`{"origins":["https://saltmere.example/x"]}`:                     "origins[0]",
		`{"language":"english please"}`:                                  "language",
		`{"markup":{"style":"classed","classes":{"nav":"a\"b"}}}`:        "markup.classes.nav",
		`{"markup":{"classes":{"nav":"x"}}}`:                             `or markup.style "classed"`,
		`{"keep":{"names":["x"]}}`:                                       `or keep.what "listed"`,
		`{"sizes":{}}`:                                                   `sizes: found an unknown entry; right would be "size"`,
		`{"colour":1}`:                                                   `colour: found an unknown entry; right would be one of "params"`,
		`{"size":{"cap":"5"}}`:                                           `size.cap: found "5"; right would be a whole number`,
		`{"size":{"cap":1.5}}`:                                           "size.cap: found 1.5; right would be a whole number",
		`{"size":{"cap":99999999999999999999}}`:                          "size.cap: found 99999999999999999999; right would be a whole number",
		`{"size":[]}`:                                                    "size: found a list; right would be an object",
		`{"sorts":{}}`:                                                   "sorts: found an object; right would be a list",
		`{"size":{"cap":5},"size":{}}`:                                   "size: found it twice; right would be it once",
		`{"first_page_bare":"yes"}`:                                      `first_page_bare: found "yes"; right would be true or false`,
		`{"ladder":{"reach":null}}`:                                      "ladder.reach: found null; right would be a whole number",
		`{"count":"guess"}`:                                              `count: found "guess"; right would be "exact", "at_least", "none"`,
		`{"count_to":5}`:                                                 `count_to: found 5; right would be 1 or more, and only with count "at_least"`,
		`{"keep":null}`:                                                  "keep: found null; right would be an object",
		`[]`:                                                             "the rules: found a list; right would be an object",
		`{"size":`:                                                       "not JSON at byte",
		`{} {}`:                                                          "more follows after the rules",
	} {
		_, err := Parse([]byte(text))
		assert.ErrorContains(t, err, want, text)
	}
	_, err := Parse([]byte(`{"sizes":{"x":[1]},"size":{"default":500,"cap":"x"},"ladder":{"reach":-1}}`))
	assert.Len(t, err, 4, "all at once: %v", err)
}

func TestRulesAreTheSameAfterJSON(t *testing.T) {
	r := harbour()
	r.Ladder = paging.LadderRules{Reach: new(0), Steady: new(false)}
	r.Faults = map[code.Code]paging.Answer{code.SizeOverCap: paging.Refuse}
	text, err := json.Marshal(r)
	require.NoError(t, err)
	again, err := Parse(text)
	require.NoError(t, err, string(text))
	assert.Equal(t, r, again)
	none, err := Parse([]byte("{}"))
	require.NoError(t, err)
	assert.Equal(t, Of(paging.Rules{}), none)
}

func FuzzParse(f *testing.F) {
	text, err := json.Marshal(harbour())
	require.NoError(f, err)
	for _, seed := range []string{string(text), "{}", "[]", `{"size":{"default":500,"closed":true}}`, `{"ladder":{"reach":null}}`, `{"faults":{"x":""}}`,
		`{"base":"/a/{page}{?size,berth*}","origins":["https://saltmere.example"]}`, `{"size":{"offered":[1],"closed":true,"all":9}}`} {
		f.Add([]byte(seed), "page=3&size=all&sort=-a&a.min=5&field.page=1")
	}
	f.Fuzz(func(t *testing.T, text []byte, query string) {
		r, err := Parse(text)
		if err != nil {
			return
		}
		written, err := json.Marshal(r)
		require.NoError(t, err)
		again, err := Parse(written)
		require.NoError(t, err, "what is written can be read: %s", written)
		rewritten, err := json.Marshal(again)
		require.NoError(t, err)
		require.Equal(t, string(written), string(rewritten))

		// Rules that are right never make reading, settling or linking fail.
		ask, err := r.Read(query)
		if err != nil {
			return
		}
		for _, total := range []paging.Total{paging.Exact(0), paging.Exact(168), paging.AtLeast(50), paging.NotCounted()} {
			page, err := ask.Settle(total)
			if err != nil {
				continue
			}
			if page, err = page.Received(page.Fetch()); err != nil {
				continue
			}
			base, err := paging.ParseBase(cmp.Or(r.Base, "/x"), r.Origins...)
			require.NoError(t, err)
			links := page.On(base)
			steps := links.Steps()
			size, _ := links.Forms()
			for _, href := range []string{steps.Self, steps.Next, steps.Prev, size.Action} {
				if href != "" {
					_, err := paging.ParseBase(href, r.Origins...)
					require.NoError(t, err, href)
				}
			}
			for _, rung := range links.Ladder() {
				require.GreaterOrEqual(t, rung.Page, int64(0))
			}
			links.Sizes()
			links.Sorts()
			page.Metadata()
		}
	})
}

// Nothing that stands in rules decides how much memory or time they take.
func TestHostileRulesAreRefused(t *testing.T) {
	list := func(of string, n int) string { return "[" + strings.Repeat(of+",", n) + of + "]" }
	many := make([]string, 80_000)
	for i := range many {
		many[i] = fmt.Sprintf(`"e%d":1`, i)
	}
	names := make([]string, 2_001)
	for i := range names {
		names[i] = fmt.Sprintf(`"f%d"`, i)
	}
	for what, c := range map[string]struct{ text, says string }{
		"too deep":             {`{"sorts":` + strings.Repeat("[", 500_000), "stand more than 16 deep"},
		"too deep, unknown":    {`{"none":` + strings.Repeat(`{"a":`, 100_000), "stand more than 16 deep"},
		"unknown entries":      {"{" + strings.Join(many, ",") + "}", "e0: found an unknown entry"},
		"one name, many times": {"{" + strings.Repeat(`"search":[],`, 80_000) + `"search":[]}`, "search: found it twice; right would be it once"},
		"one field many times": {`{"show":` + list(`"a"`, 1_500) + "}", "show[1]: found \"a\"; right would be each field once"},
		"too many fields":      {`{"show":[` + strings.Join(names, ",") + "]}", "show: found more entries; right would be at most 2000"},
		"too many numbers":     {`{"size":{"offered":` + list("20", 300_000) + "}}", "size.offered: found more entries"},
		"operators":            {`{"filters":[{"field":"a","operators":` + list(`"not"`, 1_500) + "}]}", "filters[0].operators: found 1501 operators"},
		"a long text":          {`{"base":"/` + strings.Repeat("a", 5_000) + `"}`, "base: found 5001 bytes; right would be at most 2000 bytes"},
		"a long class":         {`{"markup":{"style":"classed","classes":{"link":"` + strings.Repeat("a", 500_000) + `"}}}`, "markup.classes.link: found 500000 bytes"},
		"a long name":          {`{"` + strings.Repeat("a", 500_000) + `":1}`, "found an unknown entry"},
		"a long document":      {strings.Repeat(" ", 1<<20) + "{}", "the rules: found 1048578 bytes; right would be at most 1048576 bytes"},
	} {
		var before, after runtime.MemStats
		runtime.ReadMemStats(&before)
		_, err := Parse([]byte(c.text))
		runtime.ReadMemStats(&after)
		if assert.ErrorContains(t, err, c.says, what) {
			assert.Less(t, len(err.Error()), 100_000, what)
		}
		limit := uint64(64)
		if soak.Race {
			limit *= 4
		}
		assert.Less(t, (after.TotalAlloc-before.TotalAlloc)>>20, limit, "%s: MiB", what)
	}
}
