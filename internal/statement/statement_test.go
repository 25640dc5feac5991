package statement

import (
	"regexp"
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"
	"pgregory.net/rapid"

	"pageladder.example/paging"
	"pageladder.example/paging/value"
)

// quoted matches names and texts in SQL, whole.
var quoted = regexp.MustCompile(`"(?:[^"]|"")*"|'(?:[^']|'')*'`)

// Whatever fields are called and whatever is asked: names stay within their quotes, and
// no value reaches the text.
func TestNamesAreQuotedAndValuesAreArguments(t *testing.T) {
	const marker = "Xq7"
	rapid.Check(t, func(t *rapid.T) {
		name := rapid.StringMatching(`[a";'\\ .%()-]{1,8}`).Draw(t, "name")
		text := marker + rapid.StringMatching(`["';\\%_a ]{0,6}`).Draw(t, "value")
		foreign := rapid.Bool().Draw(t, "foreign")
		table := Table{Name: Name("a\"b", "c;d"), Key: []string{"id"}, Search: []string{name}, Foreign: foreign,
			Fields: []Field{{Name: name, Type: value.Text, Own: foreign && rapid.Bool().Draw(t, "own")}, {Name: "id", Type: value.Integer}}}
		op := rapid.SampledFrom([]paging.Operator{paging.Equals, paging.Not, paging.Has, paging.Starts}).Draw(t, "operator")
		rules := paging.Rules{Key: []string{"id"}, Sorts: []paging.SortKey{{Key: "s", Fields: []string{name}}}, DefaultSort: "s"}
		ask, err := rules.Read("")
		require.NoError(t, err)
		q := table.Ask(&ask, []paging.Condition{{Field: name, Type: value.Text, Op: op, Values: []string{text, text}}})
		one := text
		for _, g := range append(q.RegionsFrom([]*string{&one, &one}), q.Reversed().Regions()...) {
			for _, sql := range []string{q.Page(Columns([]string{name}), g, 5_000, 20), q.Count(g, 10), q.Facet(name, 5), q.Unordered("1", g)} {
				rest := quoted.ReplaceAllString(sql, "")
				assert.NotContains(t, sql, marker)
				assert.NotRegexp(t, `["';\\]`, rest, "nothing of a name is outside quotes: %s", sql)
			}
			assert.NotEmpty(t, q.Args(g))
		}
	})
	assert.Equal(t, `"a""b"`, Quote("a\x00\"b"))
}
