package intake

import (
	"strings"
	"time"

	"pageladder.example/paging/value"
)

// This file reads numbers with a decimal comma, and dates that begin with the day. One value alone
// does not show which form a file has ("1.234", "01.02.2026"). So the form is offered if all
// values of a field have it, and used only if that is asked for.

// Offer is an import option with which a field would be more than text.
type Offer string

// The offers, by the names of their options.
const (
	OfferComma    Offer = "decimal_comma"
	OfferDayFirst Offer = "day_first"
)

// maxCommaNumber is the longest number that is examined: 1,000 digits, the limit that a number may
// have, with separators.
const maxCommaNumber = 1_400

// commaNumber writes "1.234,50" as "1234.50"; ok is false for anything that is not such a number.
func commaNumber(s string) (plain string, ok bool) {
	if len(s) > maxCommaNumber {
		return "", false
	}
	digits := strings.TrimPrefix(s, "-")
	whole, decimals, hasComma := strings.Cut(digits, ",")
	if hasComma && (decimals == "" || strings.Trim(decimals, "0123456789") != "") {
		return "", false
	}
	groups := strings.Split(whole, ".")
	for i, g := range groups {
		if g == "" || strings.Trim(g, "0123456789") != "" || len(groups) > 1 && (i == 0 && len(g) > 3 || i > 0 && len(g) != 3) {
			return "", false
		}
	}
	plain = s[:len(s)-len(digits)] + strings.Join(groups, "")
	if hasComma {
		plain += "." + decimals
	}
	return plain, true
}

// dayFirstForms are day, month and year, with an optional time of day in UTC.
var dayFirstForms = []string{"2.1.2006", "2/1/2006", "2.1.2006 15:04", "2/1/2006 15:04", "2.1.2006 15:04:05", "2/1/2006 15:04:05"}

// dayFirstDate writes "31.12.2026" as "2026-12-31"; ok is false for anything that is not such a
// date.
func dayFirstDate(s string) (plain string, ok bool) {
	if len(s) < 8 || len(s) > 19 || s[0] < '0' || s[0] > '9' {
		return "", false
	}
	for i, form := range dayFirstForms {
		if at, err := time.Parse(form, s); err == nil && i < 2 {
			return at.Format(time.DateOnly), true
		} else if err == nil {
			return at.Format(time.RFC3339), true
		}
	}
	return "", false
}

// local is what is known of a field's values in one of the two forms.
type local struct {
	all   bool  // that were seen have it
	could kinds // types that they could have then
}

func (l *local) see(text string, form func(string) (string, bool), kindsOf func(string) kinds) {
	if !l.all {
		return
	}
	plain, ok := form(text)
	if l.all = ok; ok {
		l.could &= kindsOf(plain)
		l.all = l.could != 0
	}
}

// plain is a value of a type in its plain form, if the options say that it may have another one.
func (o *Options) plain(t value.Type, text string) string {
	switch t {
	case value.Integer, value.BigInteger, value.Decimal, value.BigDecimal:
		if o.DecimalComma {
			if plain, ok := commaNumber(text); ok {
				return plain
			}
		}
	case value.Date, value.Time:
		if o.DayFirst {
			if plain, ok := dayFirstDate(text); ok {
				return plain
			}
		}
	}
	return text
}
