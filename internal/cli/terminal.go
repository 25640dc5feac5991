package cli

import (
	"fmt"
	"io"
	"os"

	"github.com/jedib0t/go-pretty/v6/text"
	"golang.org/x/term"

	"pageladder.example/paging"
	"pageladder.example/paging/markup"
)

// terminal is what is known of where output goes.
type terminal struct {
	colours bool
	columns int // 0: as many as it takes
}

// terminalOf looks at an output. Anything but a terminal gets plain text, and so does
// one whose user has set NO_COLOR or whose TERM is dumb.
func terminalOf(w io.Writer) (t terminal) {
	f, ok := w.(*os.File)
	if !ok || !term.IsTerminal(int(f.Fd())) {
		return t
	}
	t.columns, _, _ = term.GetSize(int(f.Fd())) // 0 if unknown
	t.colours = os.Getenv("NO_COLOR") == "" && os.Getenv("TERM") != "dumb"
	return t
}

func (t terminal) in(colour text.Color, s string) string {
	if !t.colours {
		return s
	}
	return colour.EscapeSeq() + s + text.Reset.EscapeSeq()
}

// ladder draws a page's ladder as wide as the terminal has room for.
func (t terminal) ladder(view *markup.View) string {
	return markup.Text(view, markup.TextOptions{Colour: t.colours, Width: t.columns})
}

// printAdjusted prints what was changed of a query.
func printAdjusted(w io.Writer, adjusted []paging.Adjustment) {
	t := terminalOf(w)
	for _, a := range adjusted {
		fmt.Fprintf(w, "%s: %s\n", t.in(text.FgMagenta, a.Param), a.Says)
	}
}
