package uritemplate

import (
	"strings"
	"testing"

	"github.com/stretchr/testify/require"
	"github.com/yosida95/uritemplate/v3"
	"pgregory.net/rapid"
)

// The expansion is that of a library of the standard, for text that the library can
// carry.
func TestTemplatesExpandAsTheStandardSays(t *testing.T) {
	rapid.Check(t, func(t *rapid.T) {
		expression := rapid.StringMatching(`\{[./;?&]?(a|b|c\.d|e%2F)\*?(,(a|b|f)\*?){0,2}\}`)
		text := "/" + strings.Join(rapid.SliceOfN(rapid.OneOf(expression, rapid.StringMatching(`[a-z0-9/._~-]{1,5}`)), 1, 5).Draw(t, "template"), "")
		ours, err := Parse(text)
		require.NoError(t, err)
		theirs, err := uritemplate.New(text)
		require.NoError(t, err)
		values, vars := map[string][]string{}, uritemplate.Values{}
		for _, v := range ours.Variables() {
			if _, done := values[v.Name]; done {
				continue
			}
			value := rapid.StringMatching(`[ -~]{1,6}`)
			if rapid.Bool().Draw(t, "list") {
				list := rapid.SliceOfN(value, 1, 3).Draw(t, "values")
				values[v.Name] = list
				vars.Set(v.Text, uritemplate.List(list...))
			} else {
				one := value.Draw(t, "value")
				values[v.Name] = []string{one}
				vars.Set(v.Text, uritemplate.String(one))
			}
		}
		want, err := theirs.Expand(vars)
		require.NoError(t, err)
		require.Equal(t, want, ours.Expand(values))
	})
}
