package wayback

import (
	"strings"
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"pageladder.example/paging/code"
)

func TestAWayBackHoldsItsQuery(t *testing.T) {
	token := Write("arrivals", "berth=N4&x=a+b&page=3&size=100")
	query, why := Read("arrivals", token)
	assert.Equal(t, "berth=N4&x=a+b&page=3&size=100", query)
	assert.Empty(t, why)

	for bad, want := range map[string]code.Code{
		"": code.BackDamaged, "x": code.BackDamaged, token[:len(token)-1]: code.BackDamaged, token[:8] + "A" + token[9:]: code.BackDamaged, token + "=": code.BackDamaged,
		"https://evil.example/": code.BackDamaged, Write("berths", "page=3"): code.BackForeign, strings.Repeat("A", Max+1): code.BackTooLong,
	} {
		query, why := Read("arrivals", bad)
		assert.Equal(t, want, why, bad)
		assert.Empty(t, query)
	}
	assert.Empty(t, Write("arrivals", "x="+strings.Repeat("y", Max)), "too long for one")
	assert.Empty(t, Write("two\nlines", "page=3"), "no set has such a name")
}

func FuzzRead(f *testing.F) {
	f.Add("arrivals", Write("arrivals", "page=3&x=%20y"), "")
	f.Add("berths", Write("arrivals", "page=3"), "page=9&x=\n")
	f.Fuzz(func(t *testing.T, set, token, query string) {
		if held, why := Read(set, token); why == "" {
			require.Equal(t, token, Write(set, held), "there is one way back to a query")
		}
		if token := Write(set, query); token != "" {
			held, why := Read(set, token)
			require.Empty(t, why)
			require.Equal(t, query, held)
		}
	})
}
