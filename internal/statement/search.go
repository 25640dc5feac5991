package statement

import (
	"fmt"
	"strings"
	"unicode"
)

// search looks for words in the fields that the rules name: every word, without
// regard to case and accents, and the last one as the beginning of a word. A word is
// a run of letters and digits, with the marks that they carry.
func (q *Question) search(text string) string {
	if !q.table.Foreign {
		return SearchVector(q.table.Search, Column) + " @@ pageladder.search_query(" + q.arg(text, "text") + ")"
	}
	words := strings.FieldsFunc(text, func(r rune) bool { return !unicode.In(r, unicode.L, unicode.Nd, unicode.M) })
	if len(words) == 0 {
		return "false" // no record has a word that there is not
	}
	folded := make([]string, len(words))
	for i, w := range words {
		folded[i] = foldElsewhere(q.arg(w, "text"))
	}
	last := len(words) - 1
	text = "' ' || regexp_replace(" + foldElsewhere(joined(q.table.Search, Column)) + ", '" + betweenWords + "', ' ', 'g') || ' '"
	found := text + " like '% ' || " + folded[last] + " || '%'"
	if last > 0 {
		found += " and string_to_array(" + text + ", ' ') @> array[" + strings.Join(folded[:last], ", ") + "]"
	}
	return found
}

// betweenWords matches what stands between words, as pageladder.words has it.
var betweenWords = func() string {
	var b strings.Builder
	b.WriteString("[^[:alnum:]")
	for _, r := range unicode.M.R16 {
		for c := int(r.Lo); c <= int(r.Hi); c += int(r.Stride) {
			to := c
			if r.Stride == 1 {
				to = int(r.Hi)
			}
			fmt.Fprintf(&b, `\u%04x-\u%04x`, c, to)
			c = max(c, to)
		}
	}
	b.WriteString("]+")
	return b.String()
}()

// foldElsewhere writes a text without its case and accents in a source, where our
// functions are not: what it does not take off are strokes and ligatures, such as
// those of ø and æ.
func foldElsewhere(text string) string {
	return `regexp_replace(normalize(lower(` + text + `), nfd), '[\u0300-\u036f]', '', 'g')`
}

// SearchVector is the expression that the search index is made on.
func SearchVector(fields []string, column func(string) string) string {
	return "array_to_tsvector(pageladder.words(" + joined(fields, column) + "))"
}

// joined is the text of some fields.
func joined(fields []string, column func(string) string) string {
	parts := make([]string, len(fields))
	for i, f := range fields {
		parts[i] = "coalesce(" + column(f) + "::text, '')"
	}
	return strings.Join(parts, " || ' ' || ")
}
