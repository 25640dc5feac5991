package choose_test

import (
	"fmt"
	"math/big"
	"slices"
	"strconv"
	"strings"
	"testing"
	"time"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"
	"pgregory.net/rapid"

	"pageladder.example/paging"
	"pageladder.example/paging/choose"
	"pageladder.example/paging/value"
)

type call struct {
	id                   int
	vessel, tons, at, ok string // "-" is missing
}

var calls = []call{
	{1, "Øst Gull", "700", "2026-03-01T23:59:59.5Z", "true"},
	{2, "Äolus", "-", "2026-03-02T00:00:00Z", "false"},
	{3, "zebra", "70", "2026-03-01T23:59:59Z", "-"},
	{4, "Zebra", "1e3", "-", "true"},
	{5, "-", "70.50", "2026-03-01T01:30:00+02:00", "false"},
	{6, "abc N4/E1", "-12", "2026-03-01T00:00:00Z", "true"},
}

func valueOf(c *call, field string) choose.Value {
	of := func(t value.Type, text string) choose.Value {
		if text == "-" {
			return choose.Value{}
		}
		return choose.Value{Type: t, Text: text}
	}
	switch field {
	case "id":
		return of(value.Integer, fmt.Sprint(c.id))
	case "vessel":
		return of(value.Text, c.vessel)
	case "tons":
		return of(value.Decimal, c.tons)
	case "at":
		return of(value.Time, c.at)
	}
	return of(value.Boolean, c.ok)
}

var rules = &paging.Rules{
	Key:     []string{"id"},
	Sorts:   []paging.SortKey{{Key: "vessel"}, {Key: "tons", NullsFirst: true}, {Key: "at"}, {Key: "ok"}, {Key: "id"}},
	Filters: []paging.FilterRule{{Field: "vessel"}, {Field: "tons", Type: value.Decimal}, {Field: "at", Type: value.Time}, {Field: "ok", Type: value.Boolean}},
	Search:  []string{"vessel"},
}

func TestWhatIsAskedForIsChosen(t *testing.T) {
	for query, want := range map[string]string{
		"":                      "1 2 3 4 5 6",
		"sort=vessel":           "6 2 1 3 4 5",
		"sort=-vessel":          "4 3 1 2 6 5",
		"sort=tons":             "2 6 3 5 1 4",
		"sort=-tons":            "2 4 1 5 3 6",
		"sort=at":               "5 6 3 1 2 4",
		"sort=ok,-id":           "5 2 6 4 1 3",
		"ok=true&sort=-id":      "6 4 1",
		"ok.not=true":           "2 3 5",
		"ok.none=true":          "3",
		"tons.min=70":           "1 3 4 5",
		"tons.max=70.5":         "3 5 6",
		"tons=1000":             "4",
		"at=2026-03-01":         "1 3 6",
		"at.max=2026-03-01":     "1 3 5 6",
		"at.min=2026-03-02":     "2",
		"at.not=2026-03-01":     "2 4 5",
		"vessel.has=ZEB":        "3 4",
		"vessel.starts=äo":      "2",
		"vessel=zebra":          "3",
		"q=ost":                 "1",
		"q=e1":                  "6",
		"q=n4+e":                "6",
		"q=aolus":               "2",
		"q=-":                   "",
		"q=zebra&tons.min=1000": "4",
		"tons.min=70&ok=true":   "1 4",
		"ok=true&tons.min=1000": "4",
	} {
		ask, err := rules.Read(query)
		require.NoError(t, err)
		page, records, err := choose.Page(calls, ask, valueOf)
		require.NoError(t, err, query)
		ids := make([]string, len(records))
		for i := range records {
			ids[i] = fmt.Sprint(records[i].id)
		}
		assert.Equal(t, want, strings.Join(ids, " "), query)
		assert.EqualValues(t, len(records), page.Total().Records())
	}
}

// Records that the order does not distinguish stay as they stood, however many are asked for.
func TestTiesComeAsTheyStood(t *testing.T) {
	ties := paging.Rules{Sorts: []paging.SortKey{{Key: "berth"}}}
	list := make([]int, 100)
	for i := range list {
		list[i] = i
	}
	for _, size := range []int{3, 100} {
		ask, err := ties.Read(fmt.Sprintf("sort=berth&size=%d&page=2", size))
		require.NoError(t, err)
		page, onPage, err := choose.Page(list, ask, func(n *int, _ string) choose.Value { return choose.Integer(int64(*n % 2)) })
		require.NoError(t, err)
		for i, n := range onPage {
			at := int(page.Offset()) + i // even ones first
			assert.Equal(t, 2*at%100+2*at/100, n, "size %d", size)
		}
	}
}

func TestValuesThatDoNotFitAreNamed(t *testing.T) {
	for query, want := range map[string]string{
		"tons.min=1": `choose: record 2, field tons: found "heavy"; right would be a number such as -12.5`,
		"sort=tags":  `choose: record 1, field tags: found "[1]"; right would be a value that has an order; a list or an object has none`,
	} {
		r := *rules
		r.Sorts = append(r.Sorts[:len(r.Sorts):len(r.Sorts)], paging.SortKey{Key: "tags"})
		ask, err := r.Read(query)
		require.NoError(t, err)
		_, _, err = choose.Page([]int{0, 1}, ask, func(n *int, field string) choose.Value {
			switch field {
			case "tags":
				return choose.Value{Type: value.JSON, Text: "[1]"}
			case "tons":
				return choose.Value{Type: value.Text, Text: []string{"3", "heavy"}[*n]}
			}
			return choose.Value{Type: value.Integer, Text: fmt.Sprint(*n)}
		})
		assert.EqualError(t, err, want)
	}
	ask, err := rules.Read("page=2&size=4")
	require.NoError(t, err)
	page, records, err := choose.Page(calls, ask, valueOf)
	require.NoError(t, err)
	assert.Equal(t, "5–6 of 6", page.Metadata().Summary)
	assert.Len(t, records, 2)
}

// Numbers that a float64 cannot distinguish or hold, and times within one second, come in their
// order; equal ones keep theirs.
func TestNumbersAndTimesComeInOrder(t *testing.T) {
	rapid.Check(t, func(t *rapid.T) {
		of := rapid.SampledFrom([]struct {
			value.Type
			pattern string
			compare func(a, b string) int
		}{
			{value.BigDecimal, `-?(9007199254740(99|100)[0-9]|1[0-9]{3}|1(0{40}){8}[0-9]|[0-9])(\.[0-9]{1,25})?`, func(a, b string) int {
				x, _ := new(big.Rat).SetString(a)
				y, _ := new(big.Rat).SetString(b)
				return x.Cmp(y)
			}},
			{value.Time, `(0001|2026|9999)-0[12]-1[0-9]T12:00:0[0-9](\.[0-9]{1,9})?(Z|[+-]0[0-9]:30)`, func(a, b string) int {
				x, _ := time.Parse(time.RFC3339Nano, a)
				y, _ := time.Parse(time.RFC3339Nano, b)
				return x.Compare(y)
			}},
		}).Draw(t, "type")
		list := rapid.SliceOfN(rapid.StringMatching(of.pattern), 0, 12).Draw(t, "list")
		rules := paging.Rules{Sorts: []paging.SortKey{{Key: "v"}}, DefaultSort: "v"}
		ask, err := rules.Read("")
		require.NoError(t, err)
		got, err := choose.All(list, ask, func(v *string, _ string) choose.Value { return choose.Value{Type: of.Type, Text: *v} })
		require.NoError(t, err)
		want := slices.Clone(list)
		slices.SortStableFunc(want, of.compare)
		assert.Equal(t, want, got)
	})
}

// An integer from memory is chosen as the same integer written down, whatever its field's
// type is said to be, and is refused alike.
func TestIntegersAreAsTheirTexts(t *testing.T) {
	rapid.Check(t, func(t *rapid.T) {
		number := rapid.OneOf(rapid.Int64Range(-12, 12), rapid.Int64Range(1<<53-3, 1<<53+1), rapid.Int64Range(-1e15-2, -1e15+2), rapid.Int64())
		list := rapid.SliceOfN(number, 0, 8).Draw(t, "list")
		inMemory := rapid.SliceOfN(rapid.Bool(), 8, 8).Draw(t, "in memory")
		kind := rapid.SampledFrom([]value.Type{value.Integer, value.Decimal, value.BigInteger, value.BigDecimal, value.Text, ""}).Draw(t, "type")
		rules := paging.Rules{Sorts: []paging.SortKey{{Key: "v"}}, Filters: []paging.FilterRule{{Field: "v", Type: kind}}, Search: []string{"v"}}
		of := rapid.SampledFrom([]string{"v=%d", "v.not=%d", "v.min=%d", "v.max=%d", "v=%d.5", "v.min=%d.00000000000000000001", "v.max=%d.5", "q=%d", "v.none=false"}).Draw(t, "query")
		if strings.Contains(of, "%") {
			of = fmt.Sprintf(of, number.Draw(t, "held against"))
		}
		ask, err := rules.Read("sort=-v&" + of)
		if err != nil {
			return // no value of that type
		}
		written := func(v *int64) choose.Value { return choose.Value{Type: value.Integer, Text: strconv.FormatInt(*v, 10)} }
		want, wantErr := choose.All(list, ask, func(v *int64, _ string) choose.Value { return written(v) })
		got, gotErr := choose.All(list, ask, func(v *int64, _ string) choose.Value {
			if inMemory[slices.Index(list, *v)] {
				return choose.Integer(*v)
			}
			return written(v)
		})
		assert.Equal(t, want, got)
		assert.Equal(t, wantErr, gotErr)
	})
}

// A page is the same part of the sorted list wherever it lies, and however many records have equal
// values.
func TestAPageIsACutOfAll(t *testing.T) {
	rapid.Check(t, func(t *rapid.T) {
		list := rapid.SliceOfN(rapid.Int64Range(0, 30), 0, 200).Draw(t, "list")
		rules := paging.Rules{Sorts: []paging.SortKey{{Key: "v"}, {Key: "w"}}}
		ask, err := rules.Read(fmt.Sprintf("sort=%s&size=%d&page=%d", rapid.SampledFrom([]string{"", "v", "-v", "w,-v", "-w"}).Draw(t, "sort"),
			rapid.IntRange(1, 20).Draw(t, "size"), rapid.IntRange(1, 40).Draw(t, "page")))
		require.NoError(t, err)
		before := slices.Clone(list)
		of := func(v *int64, field string) choose.Value {
			if field == "v" {
				return choose.Integer(*v)
			}
			return choose.Integer(*v % 4)
		}
		all, err := choose.All(list, ask, of)
		require.NoError(t, err)
		page, got, err := choose.Page(list, ask, of)
		require.NoError(t, err)
		assert.Equal(t, append([]int64{}, paging.Cut(all, page)...), append([]int64{}, got...))
		assert.Equal(t, before, list, "stays as it is")
	})
}

// ByName reads structs, pointers to them and maps alike, and says what is wrong with other records.
func TestByNameReadsStructsPointersAndMaps(t *testing.T) {
	type hull struct{ Tons *int64 }
	type boat struct {
		No int
		*hull
		Extra any
	}
	tons := int64(7)
	rules := &paging.Rules{Key: []string{"no"}, Sorts: []paging.SortKey{{Key: "tons"}}, Search: []string{"name"},
		Filters: []paging.FilterRule{{Field: "tons", Type: value.Integer}, {Field: "extra", Type: value.Text}}}
	for query, want := range map[string][]int{"sort=tons": {0, 1, 2}, "tons=7": {0}, "tons.none=true": {1, 2}, "extra=7": {0}} {
		ask, err := rules.Read(query)
		require.NoError(t, err)
		numbers := func(all []int, err error) {
			t.Helper()
			require.NoError(t, err)
			assert.Equal(t, want, all, query)
		}
		structs := []boat{{0, &hull{&tons}, 7}, {1, &hull{}, nil}, {2, nil, []int{1}}}
		found, err := choose.All(structs, ask, choose.ByName[boat])
		numbers(each(found, func(b boat) int { return b.No }), err)
		pointers, err := choose.All([]*boat{&structs[0], &structs[1], &structs[2]}, ask, choose.ByName[*boat])
		numbers(each(pointers, func(b *boat) int { return b.No }), err)
		maps, err := choose.All([]map[string]any{{"no": 0, "tons": &tons, "extra": 7}, {"no": 1, "tons": nil}, {"no": 2}}, ask, choose.ByName[map[string]any])
		numbers(each(maps, func(m map[string]any) int { return m["no"].(int) }), err)

		_, err = choose.All([]int{1, 2}, ask, choose.ByName[int])
		assert.ErrorContains(t, err, `found "a record of the type int"; right would be a struct, a pointer to one, or a map with names as keys`, query)
	}
	ask, err := rules.Read("q=gull")
	require.NoError(t, err)
	_, err = choose.All([]int{1, 2}, ask, choose.ByName[int])
	assert.ErrorContains(t, err, "right would be a struct")
}

func each[T, V any](list []T, of func(T) V) (all []V) {
	for _, one := range list {
		all = append(all, of(one))
	}
	return all
}
