// Package markup draws a ladder.
package markup

import (
	"strconv"
	"strings"
	"unicode/utf8"

	"pageladder.example/paging"
)

// Text draws a ladder in one line for a terminal: pages as numbers, the current
// one in brackets, a gap as "…". Steps that lead nowhere are blank, and numbers
// are as wide as the last page's, so that a steady ladder keeps its place.
func Text(rungs []paging.Rung, steps paging.Steps) string {
	if len(rungs) == 0 {
		return ""
	}
	width := 1
	for _, r := range rungs {
		width = max(width, len(strconv.FormatInt(r.Page, 10)))
	}
	var b strings.Builder
	step := func(word, href string) {
		if href == "" {
			word = strings.Repeat(" ", utf8.RuneCountInString(word))
		}
		b.WriteString(word)
	}
	step("‹ prev", steps.Prev)
	for _, r := range rungs {
		number := "…"
		if r.Kind != paging.RungGap {
			number = strconv.FormatInt(r.Page, 10)
		}
		before, after := " ", " "
		if r.Kind == paging.RungCurrent {
			before, after = "[", "]"
		}
		b.WriteString(strings.Repeat(" ", width-utf8.RuneCountInString(number)) + " " + before + number + after)
	}
	b.WriteString("  ")
	step("next ›", steps.Next)
	return strings.TrimRight(b.String(), " ")
}
