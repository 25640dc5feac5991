package choose

import (
	"cmp"
	"strings"
	"sync"
	"unicode"

	"golang.org/x/text/collate"
	"golang.org/x/text/language"
	"golang.org/x/text/unicode/norm"
)

// CompareText compares two texts as lists are sorted: by the Unicode root collation and, if that
// takes them for equal, by their bytes. It can be given to a database as a collation.
func CompareText(a, b string) int {
	c := collators.Get().(*collate.Collator) // not safe for concurrent use
	defer collators.Put(c)
	return cmp.Or(c.CompareString(a, b), cmp.Compare(a, b))
}

var collators = sync.Pool{New: func() any { return collate.New(language.Und) }}

// Words are the words of a text, folded: runs of letters and digits, with the marks
// that they carry (Unicode's categories L, Nd and M).
func Words(text string) []string {
	return strings.FieldsFunc(Fold(text), func(r rune) bool { return !unicode.In(r, unicode.L, unicode.Nd, unicode.M) })
}

// SearchText is the words of some texts, folded, with a space before and after each. A column
// filled with it can be searched: see Words of statement.Table. Without words it is empty.
func SearchText(texts ...string) string {
	words := Words(strings.Join(texts, " "))
	if len(words) == 0 {
		return ""
	}
	return " " + strings.Join(words, " ") + " "
}

// Fold removes case and accents: "Øst Żuraw" becomes "ost zuraw". A column filled with it can be
// searched.
func Fold(text string) string {
	ascii := true
	for i := range len(text) {
		ascii = ascii && text[i] < 0x80
	}
	if ascii {
		return strings.ToLower(text)
	}
	var b strings.Builder
	for _, r := range norm.NFKD.String(text) {
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
