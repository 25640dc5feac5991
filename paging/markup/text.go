package markup

import (
	"slices"
	"strings"

	"github.com/mattn/go-runewidth"

	"pageladder.example/paging"
)

// TextOptions say how a ladder is drawn for a terminal.
type TextOptions struct {
	Colour bool // with ANSI escapes (ECMA-48): the current page bold, what leads nowhere dim
	Width  int  // maximum of columns; 0: no limit
}

// Text draws a page's ladder as one line for a terminal: pages as numbers, the current one in
// brackets, a gap as "…". Steps that lead nowhere are blank and numbers are padded, so that a
// steady ladder does not move. If it is too wide, it is shortened in this order: the words of the
// steps, then the outermost pages, on the longer side first. At least the current page and its
// steps are drawn. Without a ladder only the steps are drawn.
func Text(v *View, o TextOptions) string {
	if !v.steps() {
		return ""
	}
	t := textLadder{v: v, o: o, words: true, rungs: slices.Clone(v.Ladder)}
	line, n := t.draw()
	for o.Width > 0 && n > o.Width && t.shrink() {
		line, n = t.draw()
	}
	return line
}

type textLadder struct {
	v     *View
	o     TextOptions
	words bool
	rungs []paging.Rung
}

// shrink shortens the ladder once; false if nothing more can go.
func (t *textLadder) shrink() bool {
	if t.words {
		t.words = false
		return true
	}
	if len(t.rungs) == 0 {
		return false
	}
	at := slices.IndexFunc(t.rungs, func(r paging.Rung) bool { return r.Kind == paging.RungCurrent })
	if at < 0 { // past the last page
		at = len(t.rungs) - 1
	}
	last := len(t.rungs) - 1
	switch {
	case last == 0:
		return false
	case at > last-at || at == last-at && start(t.rungs[at])-start(t.rungs[0]) >= start(t.rungs[last])-start(t.rungs[at]):
		t.rungs = shorten(t.rungs, at)
	default:
		slices.Reverse(t.rungs)
		t.rungs = shorten(t.rungs, last-at)
		slices.Reverse(t.rungs)
	}
	return true
}

// start is the first page that a rung stands for.
func start(r paging.Rung) int64 {
	if r.Kind == paging.RungGap {
		return r.From
	}
	return r.Page
}

// shorten removes a rung at the beginning, before the rung at an index, which stays; a gap stands
// for what was removed.
func shorten(rungs []paging.Rung, at int) []paging.Rung {
	gap := paging.Rung{Kind: paging.RungGap, From: start(rungs[0])}
	switch {
	case at == 1 && rungs[0].Kind == paging.RungGap:
		return rungs[1:]
	case at == 1 || rungs[0].Kind != paging.RungGap && rungs[1].Kind != paging.RungGap:
		rungs[0] = gap
		return rungs
	}
	rungs[1] = gap
	return rungs[1:]
}

// draw returns the line and its width in columns.
func (t *textLadder) draw() (string, int) {
	var b strings.Builder
	n := 0
	put := func(s, escape string) {
		if t.o.Colour && escape != "" && strings.TrimSpace(s) != "" {
			b.WriteString("\x1b[" + escape + "m" + s + "\x1b[0m")
		} else {
			b.WriteString(s)
		}
		n += columns(s)
	}
	step := func(s, href string) {
		if href == "" {
			s = strings.Repeat(" ", columns(s))
		}
		put(s, "")
	}
	l := t.v.language()
	prev, next := "‹", "›"
	if t.words {
		prev, next = l.steps(t.v)
		prev, next = "‹ "+prev, next+" ›"
	}
	figures := 1
	for i := range t.rungs {
		figures = max(figures, columns(t.v.Number(t.rungs[i].Page)))
	}
	step(prev, t.v.Steps.Prev)
	for _, r := range t.rungs {
		text := "…"
		if r.Kind != paging.RungGap {
			text = t.v.Number(r.Page)
		}
		put(strings.Repeat(" ", figures-columns(text)+1), "")
		switch r.Kind {
		case paging.RungCurrent:
			put("["+text+"]", "1")
		case paging.RungGap:
			put(" "+text+" ", "2")
		default:
			put(" "+text+" ", "")
		}
	}
	put(" ", "")
	if len(t.rungs) == 0 {
		put("  ", "")
	}
	step(next, t.v.Steps.Next)
	line := strings.TrimRight(b.String(), " ")
	return line, n - (b.Len() - len(line))
}

// terminal measures text as terminals draw it: East Asian wide characters take two columns,
// combining marks none. The locale of the environment has no influence.
var terminal = runewidth.Condition{StrictEmojiNeutral: true}

func columns(s string) int { return terminal.StringWidth(s) }
