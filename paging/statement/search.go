package statement

import (
	"fmt"
	"strings"
	"unicode"
)

// search writes the condition that a record has every word of a search, regardless of case and
// accents; the last one may be the beginning of a word. A word is a run of letters and digits,
// with their marks.
func (w *writer) search(l *List, fields []string, text string) error {
	if l.table.Search != "" {
		w.text("(", l.searchBefore)
		w.place(text)
		w.text(l.searchAfter, ")")
		return nil
	}
	var words []string
	if l.table.Words != "" {
		words = l.table.SplitWords(text)
	} else {
		words = strings.FieldsFunc(text, func(r rune) bool { return !isWord(r) })
	}
	switch {
	case len(words) == 0: // no record has a word if there is none
		w.text(none)
		return nil
	case len(words) > maxValues:
		return &tooMany{len(words), "words"}
	case l.table.Words != "":
		w.filledWords(l, words)
		return nil
	case l.dialect == SQLite:
		return noWords
	}
	texts := make([]string, len(fields))
	for i, name := range fields {
		c, err := l.field(name)
		if err != nil {
			return err
		}
		texts[i] = c.expr
	}
	if l.dialect == MySQL {
		w.mySQLWords(texts, words)
	} else {
		w.postgresWords(texts, words)
	}
	return nil
}

// isWord reports whether a character is part of a word.
func isWord(r rune) bool { return unicode.In(r, unicode.L, unicode.Nd, unicode.M) }

// filledWords looks in a text of words with spaces before and after each.
func (w *writer) filledWords(l *List, words []string) {
	sep := ""
	for i, word := range words {
		word = " " + word
		if i < len(words)-1 {
			word += " "
		}
		w.text(sep)
		sep = " and "
		switch l.dialect {
		case SQLite:
			w.text("instr(", l.table.Words, ", ")
			w.place(word)
			w.text(") > 0")
		case MySQL:
			w.text("convert(", l.table.Words, " using utf8mb4) collate utf8mb4_bin like ")
			w.place(pattern(true, word))
			w.text(" escape '!'")
		default:
			w.text("(", l.table.Words, ") like ")
			w.place(pattern(true, word))
			w.text("::text escape '!'")
		}
	}
}

// mySQLWords searches with a collation for which letters are equal that differ only in case and
// accents.
func (w *writer) mySQLWords(texts, words []string) {
	sep := ""
	for i, word := range words {
		word = "% " + likeEscape.Replace(word)
		if i < len(words)-1 {
			word += " "
		}
		w.text(sep, "concat(' ', regexp_replace(convert(concat_ws(' ', ", strings.Join(texts, ", "), ") using utf8mb4), ")
		w.place(`[^\p{L}\p{Nd}\p{M}]+`)
		w.text(", ' '), ' ') collate utf8mb4_unicode_520_ci like ")
		w.place(word + "%")
		w.text(" escape '!'")
		sep = " and "
	}
}

// postgresWords removes accents by Unicode's decomposition; strokes and ligatures remain, such as
// those of ø and æ.
func (w *writer) postgresWords(texts, words []string) {
	parts := make([]string, len(texts))
	for i, t := range texts {
		parts[i] = "coalesce(" + t + "::text, '')"
	}
	text := "' ' || regexp_replace(" + unaccented(strings.Join(parts, " || ' ' || ")) + ", '" + betweenWords + "', ' ', 'g') || ' '"
	folded := func(word string) {
		before, after, _ := strings.Cut(unaccented("{}::text"), "{}")
		w.text(before)
		w.place(word)
		w.text(after)
	}
	last := len(words) - 1
	w.text(text, " like '% ' || ")
	folded(words[last])
	w.text(" || '%'")
	for i, word := range words[:last] {
		if i == 0 {
			w.text(" and string_to_array(", text, ", ' ') @> array[")
		} else {
			w.text(", ")
		}
		folded(word)
	}
	if last > 0 {
		w.text("]")
	}
}

func unaccented(text string) string {
	return `regexp_replace(normalize(lower(` + text + `), nfd), '[\u0300-\u036f]', '', 'g')`
}

// betweenWords matches what is between words in PostgreSQL, whose character classes have no marks.
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
