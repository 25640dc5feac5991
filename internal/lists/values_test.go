package lists

import (
	"testing"

	"github.com/stretchr/testify/assert"
	"golang.org/x/text/language"

	"pageladder.example/paging/markup"
	"pageladder.example/paging/value"
)

func TestValuesAreWrittenAsPeopleWriteThem(t *testing.T) {
	for _, c := range []struct {
		language string
		kind     value.Type
		given    string
		want     string
	}{
		{"en", value.Boolean, "true", "yes"},
		{"de", value.Boolean, "false", "nein"},
		{"en", value.Integer, "-1234567", "-1,234,567"},
		{"es", value.Integer, "9200", "9200"},
		{"de", value.BigDecimal, "12345678901234567890.1234", "12.345.678.901.234.567.890,1234"},
		{"en", value.Decimal, "1e+21", "1e+21"},
		{"en", value.BigDecimal, "NaN", "NaN"},
		{"en", value.Date, "2026-03-01", "1 March 2026"},
		{"ja", value.Date, "2026-03-01", "2026年3月1日"},
		{"ar", value.Date, "2026-03-01", "١ مارس ٢٠٢٦"},
		{"en", value.Date, "infinity", "infinity"},
		{"fr", value.Time, "2026-03-01T06:30:00Z", "1 mars 2026 06:30 UTC"},
		{"en", value.Time, "2026-03-01T06:30:05.25+02:00", "1 March 2026 04:30:05.25 UTC"},
		{"en", value.Text, "007", "007"},
		{"en", value.Text, "", ""},
	} {
		w := newWriter(markup.LanguageFor(c.language), []string{"id"})
		assert.Equal(t, c.want, w.cell("field", c.kind, c.given).Text, "%s %s", c.language, c.given)
		assert.Equal(t, c.given, w.cell("id", c.kind, c.given).Text, "a key stays as it is")
	}
	own := newWriter(markup.NewLanguage(language.Italian, markup.Words{}), nil)
	assert.Equal(t, "2026-03-01", own.cell("day", value.Date, "2026-03-01").Text, "a language whose months nobody has told")
}
