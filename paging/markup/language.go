package markup

import (
	"slices"
	"strconv"
	"strings"

	"golang.org/x/text/feature/plural"
	"golang.org/x/text/language"
	"golang.org/x/text/message"
	"golang.org/x/text/number"

	"pageladder.example/paging"
)

// Words are the words of one language, with placeholders in braces: {page}, {from}, {to}, {count},
// {rows}, {first}, {last}, {total}. An empty word is replaced by the English one.
type Words struct {
	Pages    string // the name of a ladder: "Pages"
	Page     string // the name of a link: "Page {page}"
	Previous string
	Next     string
	First    string
	Last     string
	Gap      Plural // by {count}, with {from} and {to}
	GapLink  string // follows if the gap links to {page}
	OpenGap  string // pages from {from} on

	Rows    string // more than one row: {first} and {last}
	Of      Plural // by {total}, with {rows}
	AtLeast Plural // by {total}, with {rows}
	None    string // the set is empty
	NoneOf  Plural // by {total}: the page is past the last one
	Some    Plural // by {count}: on a page that was asked for by a cursor
	Newer   string // instead of Previous and Next, if the list is sorted by age
	Older   string

	Size    string // label of the size choice
	All     string // every record on one page
	SizeGo  string // button of the size choice
	Jump    string // label of the jump to a page
	JumpRow string // label of the jump to a row
	JumpGo  string // button of the jump

	Search  string // label of the search
	ShowAll string // link that removes every condition
	Remove  string // link that removes one
	Not     string // operators, behind a field's name: "Berth not"
	Min     string
	Max     string
	Has     string
	Starts  string
	NoValue string
	Yes     string // what a filter of a field that is true or false offers
	No      string
}

// Plural is one phrase in the plural forms of CLDR. A form that is left out is
// the same as Other.
type Plural struct{ Zero, One, Two, Few, Many, Other string }

func (p *Plural) form(f plural.Form) string {
	text := ""
	switch f {
	case plural.Zero:
		text = p.Zero
	case plural.One:
		text = p.One
	case plural.Two:
		text = p.Two
	case plural.Few:
		text = p.Few
	case plural.Many:
		text = p.Many
	}
	if text == "" {
		return p.Other
	}
	return text
}

// Language is a language to draw in: words, plural rules and number format. It does not
// change and is safe for concurrent use. The zero Language is English.
type Language struct {
	of          language.Tag
	rightToLeft bool
	words       Words

	tag       string // "": the zero Language
	digits    [10]string
	separator string // between groups of three digits
	point     string // before the decimals
	grouped   int    // least number of digits that are grouped
	millions  bool   // whole millions take the form "many"
}

// NewLanguage makes a language with your own words. The plural rules and the number format are
// those of CLDR for the tag.
func NewLanguage(tag language.Tag, words Words) *Language {
	l := &Language{of: tag, words: words, tag: tag.String()}
	l.words.fill(&english)
	script, _ := tag.Script()
	l.rightToLeft = slices.Contains([]string{"Adlm", "Arab", "Hebr", "Nkoo", "Rohg", "Syrc", "Thaa"}, script.String())
	p := message.NewPrinter(tag)
	for d := range l.digits {
		l.digits[d] = p.Sprint(number.Decimal(d))
	}
	l.grouped, l.separator = 4, l.betweenDigits(p.Sprint(number.Decimal(1234)))
	l.point = l.betweenDigits(p.Sprint(number.Decimal(1.5)))
	base, _ := tag.Base()
	news := sinceCLDR32[base.String()]
	l.millions = news.millions
	l.grouped = max(l.grouped, news.grouped)
	if news.separator != "" {
		l.separator = news.separator
	}
	return l
}

// orEnglish is the language itself, or English for nil and the zero Language.
func (l *Language) orEnglish() *Language {
	if l == nil || l.tag == "" {
		return LanguageFor("en")
	}
	return l
}

// Tag is the language's BCP 47 tag.
func (l *Language) Tag() language.Tag { return l.orEnglish().of }

// RightToLeft reports whether the language's script runs from right to left.
func (l *Language) RightToLeft() bool { return l.orEnglish().rightToLeft }

// Words are the language's words.
func (l *Language) Words() Words { return l.orEnglish().words }

// sinceCLDR32 is what has changed in CLDR since version 32, which golang.org/x/text
// carries, as of version 48: the group separator, the least number of digits that
// are grouped, and the plural form "many" for whole millions.
var sinceCLDR32 = map[string]struct {
	separator string
	grouped   int
	millions  bool
}{
	"ca": {millions: true},
	"es": {grouped: 5, millions: true},
	"fr": {separator: "\u202f", millions: true},
	"it": {millions: true},
	"pt": {millions: true},
}

// betweenDigits is what a formatted number has between its digits.
func (l *Language) betweenDigits(formatted string) string {
	for _, digit := range l.digits {
		formatted = strings.ReplaceAll(formatted, digit, "")
	}
	return formatted
}

// fill takes each empty word from other.
func (w *Words) fill(other *Words) {
	for _, word := range [][2]*string{
		{&w.Pages, &other.Pages}, {&w.Page, &other.Page}, {&w.Previous, &other.Previous}, {&w.Next, &other.Next},
		{&w.First, &other.First}, {&w.Last, &other.Last}, {&w.GapLink, &other.GapLink}, {&w.OpenGap, &other.OpenGap},
		{&w.Rows, &other.Rows}, {&w.None, &other.None}, {&w.Size, &other.Size}, {&w.All, &other.All}, {&w.SizeGo, &other.SizeGo},
		{&w.Jump, &other.Jump}, {&w.JumpRow, &other.JumpRow}, {&w.JumpGo, &other.JumpGo}, {&w.Search, &other.Search},
		{&w.ShowAll, &other.ShowAll}, {&w.Remove, &other.Remove}, {&w.Not, &other.Not}, {&w.Min, &other.Min}, {&w.Max, &other.Max},
		{&w.Has, &other.Has}, {&w.Starts, &other.Starts}, {&w.NoValue, &other.NoValue},
		{&w.Newer, &other.Newer}, {&w.Older, &other.Older},
	} {
		if *word[0] == "" {
			*word[0] = *word[1]
		}
	}
	for _, phrase := range [][2]*Plural{{&w.Gap, &other.Gap}, {&w.Of, &other.Of}, {&w.AtLeast, &other.AtLeast}, {&w.NoneOf, &other.NoneOf}, {&w.Some, &other.Some}} {
		if phrase[0].Other == "" {
			*phrase[0] = *phrase[1]
		}
	}
}

// appendNumber writes a number that is not negative, with the language's digits
// and grouping.
func (l *Language) appendNumber(dst []byte, n int64) []byte {
	var buf [20]byte
	plain := strconv.AppendInt(buf[:0], n, 10)
	for i, d := range plain {
		if left := len(plain) - i; i > 0 && left%3 == 0 && len(plain) >= l.grouped {
			dst = append(dst, l.separator...)
		}
		dst = append(dst, l.digits[d-'0']...)
	}
	return dst
}

// Number writes a decimal number, such as "-1234.50", with the language's digits, groups and
// decimal mark: "-1,234.50" in English. All digits are kept. Any other text is returned as it is.
func (l *Language) Number(text string) string {
	l = l.orEnglish()
	plain, negative := strings.CutPrefix(text, "-")
	whole, decimals, hasPoint := strings.Cut(plain, ".")
	if whole == "" || strings.Trim(whole+decimals, "0123456789") != "" || hasPoint && decimals == "" {
		return text
	}
	var b strings.Builder
	if negative {
		b.WriteByte('-')
	}
	for i := range len(whole) {
		if left := len(whole) - i; i > 0 && left%3 == 0 && len(whole) >= l.grouped {
			b.WriteString(l.separator)
		}
		b.WriteString(l.digits[whole[i]-'0'])
	}
	if hasPoint {
		b.WriteString(l.point)
	}
	for i := range len(decimals) {
		b.WriteString(l.digits[decimals[i]-'0'])
	}
	return b.String()
}

// width is the number of digits of a number, and of separators.
func (l *Language) width(n int64) (digits, separators int) {
	for digits = 1; n > 9; n /= 10 {
		digits++
	}
	if l.separator != "" && digits >= l.grouped {
		separators = (digits - 1) / 3
	}
	return digits, separators
}

// form is the plural form of a count. Only the last digits of a large one matter
// to any language's rules.
func (l *Language) form(n int64) plural.Form {
	if l.millions && n != 0 && n%1_000_000 == 0 {
		return plural.Many
	}
	if n >= 10_000_000 {
		n = n%1_000_000 + 1_000_000
	}
	return plural.Cardinal.MatchPlural(l.of, int(n), 0, 0, 0, 0)
}

// blanks are the values for a phrase's braces.
type blanks struct {
	page, from, to, count, first, last, total int64
	rows                                      []byte
}

// appendPhrase writes a phrase with its braces filled in.
func (l *Language) appendPhrase(dst []byte, phrase string, b *blanks) []byte {
	for {
		open := strings.IndexByte(phrase, '{')
		if open < 0 {
			return append(dst, phrase...)
		}
		end := strings.IndexByte(phrase[open:], '}')
		if end < 0 {
			return append(dst, phrase...)
		}
		dst = append(dst, phrase[:open]...)
		switch name := phrase[open+1 : open+end]; name {
		case "page":
			dst = l.appendNumber(dst, b.page)
		case "from":
			dst = l.appendNumber(dst, b.from)
		case "to":
			dst = l.appendNumber(dst, b.to)
		case "count":
			dst = l.appendNumber(dst, b.count)
		case "first":
			dst = l.appendNumber(dst, b.first)
		case "last":
			dst = l.appendNumber(dst, b.last)
		case "total":
			dst = l.appendNumber(dst, b.total)
		case "rows":
			dst = append(dst, b.rows...)
		default:
			dst = append(dst, phrase[open:open+end+1]...)
		}
		phrase = phrase[open+end+1:]
	}
}

// appendRungName names a page, or says what a gap stands for.
func (l *Language) appendRungName(dst []byte, r *paging.Rung) []byte {
	if r.Kind == paging.RungGap {
		return l.appendGap(dst, r)
	}
	return l.appendPhrase(dst, l.words.Page, &blanks{page: r.Page})
}

// appendGap says what a gap stands for.
func (l *Language) appendGap(dst []byte, r *paging.Rung) []byte {
	b := blanks{from: r.From, to: r.To, count: r.To - r.From + 1, page: r.Page}
	if r.To == 0 {
		return l.appendPhrase(dst, l.words.OpenGap, &b)
	}
	dst = l.appendPhrase(dst, l.words.Gap.form(l.form(b.count)), &b)
	if r.Href != "" {
		dst = l.appendPhrase(dst, l.words.GapLink, &b)
	}
	return dst
}

// steps are the words of the steps to the page before and the one after.
func (l *Language) steps(v *View) (prev, next string) {
	first, _, _ := strings.Cut(v.Paging.Sort, ",")
	field, desc := strings.CutPrefix(first, "-")
	switch {
	case v.Age == "" || field != v.Age:
		return l.words.Previous, l.words.Next
	case desc:
		return l.words.Newer, l.words.Older
	}
	return l.words.Older, l.words.Newer
}

// appendSummary says which rows are on a page.
func (l *Language) appendSummary(dst []byte, m *paging.Metadata) []byte {
	var b blanks
	if m.TotalItems != nil {
		b.total = *m.TotalItems
		if b.total == 0 {
			return append(dst, l.words.None...)
		}
	}
	if m.FirstRow == nil && m.RowsHere > 0 { // the position of the rows is not known
		b.count = int64(m.RowsHere)
		if b.rows = l.appendNumber(nil, b.count); m.TotalItems != nil {
			return l.appendPhrase(dst, l.words.Of.form(l.form(b.total)), &b)
		}
		return l.appendPhrase(dst, l.words.Some.form(l.form(b.count)), &b)
	}
	if m.FirstRow == nil {
		if m.TotalItems == nil {
			return append(dst, l.words.None...)
		}
		return l.appendPhrase(dst, l.words.NoneOf.form(l.form(b.total)), &b)
	}
	b.first, b.last = *m.FirstRow, *m.LastRow
	if b.first == b.last {
		b.rows = l.appendNumber(nil, b.first)
	} else {
		b.rows = l.appendPhrase(nil, l.words.Rows, &b)
	}
	switch {
	case m.TotalItems != nil:
		return l.appendPhrase(dst, l.words.Of.form(l.form(b.total)), &b)
	case m.TotalIs == paging.TotalAtLeast:
		b.total = m.TotalAtLeast
		return l.appendPhrase(dst, l.words.AtLeast.form(l.form(b.total)), &b)
	}
	return append(dst, b.rows...)
}
