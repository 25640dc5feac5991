package answer

import (
	"bytes"
	"encoding/json"
	"testing"

	"github.com/stretchr/testify/require"
	"pgregory.net/rapid"

	"pageladder.example/paging"
	"pageladder.example/paging/value"
)

// standard writes a value as answers are written, by encoding/json.
func standard(t require.TestingT, value any) string {
	var b bytes.Buffer
	enc := json.NewEncoder(&b)
	enc.SetEscapeHTML(false)
	require.NoError(t, enc.Encode(value))
	return string(bytes.TrimSuffix(b.Bytes(), []byte("\n")))
}

func aboutOf(t require.TestingT, query string, total paging.Total, received int) *About {
	rules := &paging.Rules{Key: []string{"id"}, Search: []string{"note"}, Sorts: []paging.SortKey{{Key: "id"}, {Key: "gauge"}, {Key: "height_cm"}, {Key: "read_at"}, {Key: "é\"<"}},
		Filters: []paging.FilterRule{{Field: "gauge"}, {Field: "height_cm", Type: value.Integer}}, Size: paging.SizeRules{All: 200}, Ladder: paging.LadderRules{GapLinks: true}}
	ask, err := rules.Read(query)
	require.NoError(t, err)
	page, err := ask.Settle(total)
	require.NoError(t, err)
	page, err = page.Received(received)
	require.NoError(t, err)
	base, err := paging.ParseBase("/api/sets/tides/records")
	require.NoError(t, err)
	about := Of(page, page.On(base))
	return &about
}

// Everything of every field is written as encoding/json writes it.
func TestNativeAnswersAreWhatJSONWrites(t *testing.T) {
	text := rapid.OneOf(rapid.String(), rapid.StringMatching(`[a-z&<>"\\\x00-\x1f\x{2028}é]{0,6}`), rapid.Just("\xff\xfe"))
	rapid.Check(t, func(t *rapid.T) {
		query := rapid.SampledFrom([]string{"", "page=3&size=10&colour=red", "page=99", "sort=-height_cm,gauge&gauge=N4", "q=sea+gull", "size=all", "row=41&size=x"}).Draw(t, "query")
		total := rapid.SampledFrom([]paging.Total{paging.Exact(0), paging.Exact(168), paging.AtLeast(40), paging.NotCounted(), paging.Remembered(99, 5e9)}).Draw(t, "total")
		a := aboutOf(t, query, total, rapid.IntRange(0, 21).Draw(t, "came"))
		a.Markup, a.Paging.Summary, a.Paging.Search = text.Draw(t, "markup"), text.Draw(t, "summary"), text.Draw(t, "search")
		a.Paging.Version = rapid.Int64Range(0, 3).Draw(t, "version")
		a.Adjusted = append(a.Adjusted, paging.Adjustment{Param: text.Draw(t, "param"), Given: text.Draw(t, "given"), Used: text.Draw(t, "used")})
		if rapid.Bool().Draw(t, "more") {
			v := text.Draw(t, "value")
			a.Facets = map[string][]Facet{"gauge": {{Value: &v, Count: 3}, {Count: 1}}, "a": {}}
		}
		require.Equal(t, standard(t, a), "{"+string(appendAbout(nil, a))+"}")
	})
}

func BenchmarkAppendAbout(b *testing.B) {
	a := aboutOf(b, "page=500&sort=id", paging.Exact(1_000_000), 20)
	b.Run("ours", func(b *testing.B) {
		dst := make([]byte, 0, 8<<10)
		for b.Loop() {
			dst = appendAbout(dst[:0], a)
		}
	})
	b.Run("encoding/json", func(b *testing.B) {
		for b.Loop() {
			standard(b, a)
		}
	})
}
