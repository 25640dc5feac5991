package lists

import (
	"testing"

	"github.com/stretchr/testify/assert"
	"golang.org/x/text/language"

	"pageladder.example/internal/intake"
	"pageladder.example/paging"
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

func TestConditionsAreWrittenAsPeopleWriteThem(t *testing.T) {
	rules := &paging.Rules{Filters: []paging.FilterRule{{Field: "cleared", Type: value.Boolean}, {Field: "tonnage", Type: value.Integer}, {Field: "arrived_at", Type: value.Time}, {Field: "cargo"}}}
	fields := []intake.Field{{Name: "cleared", Label: "Cleared", Type: value.Boolean}, {Name: "tonnage", Label: "Tonnage", Type: value.Integer}, {Name: "arrived_at", Label: "Arrived at", Type: value.Time}, {Name: "cargo", Label: "Cargo"}}
	var page Page
	page.Ask(&FormQuery{Rules: rules, RawQuery: "cleared=false&tonnage.min=01200&tonnage.max=many&arrived_at=2026-03-01&cargo.none=true", Action: "/lists/arrivals", Fields: fields, Language: markup.LanguageFor("de")})
	for _, want := range []string{"Cleared: nein", "Tonnage ab: 1.200", "Tonnage bis: many", "Arrived at: 1. März 2026", "Cargo fehlt: ja",
		`<option value="true">ja</option><option value="false" selected>nein</option>`} {
		assert.Contains(t, string(page.Form), want)
	}
}

func TestProblemsAreSentences(t *testing.T) {
	for says, want := range map[string]string{"the database is away": "The database is away.", "page: 99 is past the last page.": "page: 99 is past the last page.", "": "."} {
		assert.Equal(t, want, (&Problem{Says: says}).Sentence())
	}
}
