package value

import (
	"strings"
	"testing"

	"github.com/stretchr/testify/assert"
	"pgregory.net/rapid"
)

func TestEachTypeHasOneForm(t *testing.T) {
	for _, c := range []struct {
		of              Type
		text, canonical string // canonical "": a bad value
	}{
		{Text, " Øst ", " Øst "}, {Text, "a\x00", ""}, {Text, "\xff", ""},
		{Integer, " +007 ", "7"}, {Integer, "-0", "0"}, {Integer, "9007199254740991", "9007199254740991"}, {Integer, "9007199254740992", ""},
		{Integer, "1.5", ""}, {Integer, "1e3", ""}, {Integer, "٣", ""}, {Integer, "", ""},
		{BigInteger, "9007199254740992", "9007199254740992"}, {BigInteger, strings.Repeat("9", 1001), ""},
		{Decimal, "-012.50", "-12.5"}, {Decimal, ".5", ""}, {Decimal, "5.", ""}, {Decimal, "0.1234567890123456", ""}, {BigDecimal, "0.1234567890123456", "0.1234567890123456"},
		{Boolean, "true", "true"}, {Boolean, "True", ""},
		{Date, "2026-03-01", "2026-03-01"}, {Date, "2026-02-30", ""},
		{Time, "2026-03-01", "2026-03-01T00:00:00Z"}, {Time, "2026-03-01t01:30:00 02:00", "2026-02-28T23:30:00Z"}, {Time, "2026-03-01T24:00:00Z", ""},
		{JSON, `[1, 2]`, `[1, 2]`}, {"", "x", ""}, {"float", "1", ""},
	} {
		canonical, want := c.of.Canonical(c.text)
		assert.Equal(t, c.canonical, canonical, "%s %.40q", c.of, c.text)
		assert.Equal(t, c.canonical == "", want != "", "%s %.40q: %s", c.of, c.text, want)
	}
}

// An accepted value is turned into its one canonical form, which stays the same when it is read
// again.
func TestCanonicalFormsStay(t *testing.T) {
	rapid.Check(t, func(t *rapid.T) {
		of := rapid.SampledFrom(Types()).Draw(t, "type")
		text := rapid.OneOf(rapid.String(), rapid.StringMatching(`[ +-]?[0-9]{0,20}(\.[0-9]{0,20})?`),
			rapid.StringMatching(`[0-9]{4}-[01][0-9]-[0-3][0-9]([Tt ][0-2][0-9]:[0-5][0-9]:[0-5][0-9](\.[0-9]{1,9})?([Zz]|[+ -][0-2][0-9]:[0-5][0-9]))?`)).Draw(t, "text")
		canonical, want := of.Canonical(text)
		if want != "" {
			assert.Empty(t, canonical)
			return
		}
		again, want := of.Canonical(canonical)
		assert.Equal(t, canonical, again)
		assert.Empty(t, want)
	})
}

func TestJSONThatNoDatabaseKeepsIsRefused(t *testing.T) {
	for text, ok := range map[string]bool{
		`{"a":"\\u0000"}`: true, `{"a":"\u0000"}`: false, `{"\u0000":1}`: false, `{"a":"\\\u0000"}`: false, `["\"u0000",1]`: true,
		`1e1000`: true, `[1E-1000]`: true, `[1e1001]`: false, `1e200000`: false, `{"n":` + strings.Repeat("9", 1000) + `}`: true, strings.Repeat("9", 1001): false,
		`["` + strings.Repeat("9", 2000) + `"]`: true, `{`: false,
	} {
		_, want := JSON.Canonical(text)
		assert.Equal(t, ok, want == "", "%.40s: %s", text, want)
	}
	for text, ok := range map[string]bool{"0000-01-01": false, "0001-01-01": true, "9999-12-31": true, "10000-01-01": false} {
		for _, kind := range []Type{Date, Time} {
			_, want := kind.Canonical(text)
			assert.Equal(t, ok, want == "", "%s %s", kind, text)
		}
	}
}
