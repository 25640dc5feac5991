// Package text compares, folds and searches texts as lists do: in the order of the Unicode root collation,
// without regard to case and accents, by words. Give its functions to a database that has none of its own.
package text

import (
	"cmp"
	"strings"
	"sync"
	"unicode"

	"golang.org/x/text/collate"
	"golang.org/x/text/language"
	"golang.org/x/text/unicode/norm"
)

// Compare compares two texts as lists are sorted: by the Unicode root collation and, if that
// takes them for equal, by their bytes. It can be given to a database as a collation.
func Compare(a, b string) int {
	c := collators.Get().(*collate.Collator) // not safe for concurrent use
	defer collators.Put(c)
	return cmp.Or(c.CompareString(a, b), cmp.Compare(a, b))
}

var collators = sync.Pool{New: func() any { return collate.New(language.Und) }}

// Words are the words of a text, folded: runs of letters and digits, with the marks
// that they carry (Unicode's categories L, Nd and M).
func Words(of string) []string {
	return strings.FieldsFunc(Fold(of), func(r rune) bool { return !unicode.In(r, unicode.L, unicode.Nd, unicode.M) })
}

// ForSearch is the words of some texts, folded, with a space before and after each. A column
// filled with it can be searched: see Words of statement.Table. Without words it is empty.
func ForSearch(texts ...string) string {
	words := Words(strings.Join(texts, " "))
	if len(words) == 0 {
		return ""
	}
	return " " + strings.Join(words, " ") + " "
}

// Fold removes case and accents: "Øst Żuraw" becomes "ost zuraw". A column filled with it can be
// searched.
func Fold(of string) string {
	ascii := true
	for i := range len(of) {
		ascii = ascii && of[i] < 0x80
	}
	if ascii {
		return strings.ToLower(of)
	}
	var b strings.Builder
	for _, r := range norm.NFKD.String(of) {
		switch plain, ok := plainLetters[r]; {
		case ok:
			b.WriteString(plain)
		case 0x300 <= r && r <= 0x36f: // the accents that have been taken off
		default:
			b.WriteRune(unicode.ToLower(r))
		}
	}
	return norm.NFC.String(b.String())
}

// plainLetters are letters with strokes and ligatures, which have no decomposition
// in Unicode.
var plainLetters = map[rune]string{
	'Æ': "ae", 'æ': "ae", 'Œ': "oe", 'œ': "oe", 'Ø': "o", 'ø': "o", 'ß': "ss", 'ẞ': "ss", 'Ł': "l", 'ł': "l", 'Đ': "d", 'đ': "d",
	'Ð': "d", 'ð': "d", 'Þ': "th", 'þ': "th", 'Ħ': "h", 'ħ': "h", 'ı': "i", 'Ŧ': "t", 'ŧ': "t", 'Ŋ': "n", 'ŋ': "n",
}
