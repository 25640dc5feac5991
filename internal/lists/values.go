package lists

import (
	"slices"
	"strconv"
	"strings"
	"time"

	"pageladder.example/paging/markup"
	"pageladder.example/paging/value"
)

// writer writes values as people of one language do. A value that it cannot read, and one
// of a key, stays as it is: nobody reads "No. 1,234".
type writer struct {
	language *markup.Language
	of       writing
	keys     []string
}

// writing is how a language writes what is neither text nor number.
type writing struct {
	months string // twelve, a comma between; "": the ISO form of dates
	date   string // with {d}, {m} and {y}
}

// writings are those of markup's languages. Months and forms are those of CLDR, "long".
var writings = map[string]writing{
	"en": {"January,February,March,April,May,June,July,August,September,October,November,December", "{d} {m} {y}"},
	"de": {"Januar,Februar,März,April,Mai,Juni,Juli,August,September,Oktober,November,Dezember", "{d}. {m} {y}"},
	"fr": {"janvier,février,mars,avril,mai,juin,juillet,août,septembre,octobre,novembre,décembre", "{d} {m} {y}"},
	"es": {"enero,febrero,marzo,abril,mayo,junio,julio,agosto,septiembre,octubre,noviembre,diciembre", "{d} de {m} de {y}"},
	"ar": {"يناير,فبراير,مارس,أبريل,مايو,يونيو,يوليو,أغسطس,سبتمبر,أكتوبر,نوفمبر,ديسمبر", "{d} {m} {y}"},
	"ja": {"1月,2月,3月,4月,5月,6月,7月,8月,9月,10月,11月,12月", "{y}年{m}{d}日"},
}

func newWriter(language *markup.Language, keys []string) *writer {
	base, _ := language.Tag().Base()
	return &writer{language, writings[base.String()], keys}
}

// cell is a value as it is shown, with its machine form where that is another and is a time.
func (w *writer) cell(name string, t value.Type, text string) cell {
	switch {
	case text == "" || slices.Contains(w.keys, name):
	case t == value.Boolean:
		words := w.language.Words()
		return cell{Text: map[bool]string{true: words.Yes, false: words.No}[text == "true"]}
	case t == value.Integer || t == value.Decimal || t == value.BigInteger || t == value.BigDecimal:
		return cell{Text: w.language.Number(text)}
	case t == value.Date || t == value.Time && len(text) == len(time.DateOnly): // a filter's day
		if at, err := time.Parse(time.DateOnly, text); err == nil {
			return cell{Text: w.date(at, text), Moment: text}
		}
	case t == value.Time:
		if at, err := time.Parse(time.RFC3339Nano, text); err == nil {
			return cell{Text: w.date(at.UTC(), at.UTC().Format(time.DateOnly)) + " " + w.digits(clock(at.UTC())) + " UTC", Moment: text}
		}
	}
	return cellOf(text)
}

// clock is the time of day, as exact as it is.
func clock(at time.Time) string {
	text := strings.TrimSuffix(at.Format("15:04:05.999999999"), ":00")
	return text
}

func (w *writer) date(at time.Time, iso string) string {
	if w.of.months == "" {
		return iso
	}
	month := strings.Split(w.of.months, ",")[at.Month()-1]
	return strings.NewReplacer("{d}", w.digits(strconv.Itoa(at.Day())), "{m}", month, "{y}", w.digits(strconv.Itoa(at.Year()))).Replace(w.of.date)
}

// digits writes a text's digits as the language does, without groups.
func (w *writer) digits(text string) string {
	var b strings.Builder
	for _, r := range text {
		if '0' <= r && r <= '9' {
			b.WriteString(w.language.Number(string(r)))
		} else {
			b.WriteRune(r)
		}
	}
	return b.String()
}
