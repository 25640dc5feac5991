package markup

import (
	"html/template"
	"io"
	"strconv"

	"pageladder.example/paging"
)

// Style is the classes of a ladder's parts, each a list of class names with one
// space between. The zero Style has none.
type Style struct {
	Nav     string // the landmark around all of it
	List    string // the list
	Item    string // each entry of the list
	Link    string // the content of an entry: a link, or text
	Current string // besides Item, on the current page
	Gap     string // besides Item, on a gap that does not link
	Dead    string // besides Item, on a step that leads nowhere
}

// Bootstrap has the classes of the Bootstrap 5 stylesheet.
var Bootstrap = Style{List: "pagination", Item: "page-item", Link: "page-link", Current: "active", Gap: "disabled", Dead: "disabled"}

// StyleOf is a style by its name: "bootstrap"; "classed", with classes by part ("nav", "list",
// "item", "link", "current", "gap", "dead"); plain for anything else.
func StyleOf(name string, c map[string]string) Style {
	switch name {
	case "bootstrap":
		return Bootstrap
	case "classed":
		return Style{c["nav"], c["list"], c["item"], c["link"], c["current"], c["gap"], c["dead"]}
	}
	return Style{}
}

// AppendLadder appends a page's ladder as HTML to a buffer and returns it; nothing else is
// allocated. Without a ladder it appends the steps, and without those nothing.
func (s *Style) AppendLadder(dst []byte, v *View) []byte {
	if !v.steps() {
		return dst
	}
	l := v.language()
	prev, next := l.steps(v)
	dst = append(dst, "<nav"...)
	dst = appendClass(dst, s.Nav, "")
	dst = l.appendLang(dst)
	dst = append(dst, ` aria-label="`...)
	if v.Label != "" {
		dst = append(appendEscaped(dst, v.Label), ": "...)
	}
	dst = appendEscaped(dst, l.words.Pages)
	dst = append(dst, "\"><ul"...)
	dst = appendClass(dst, s.List, "")
	dst = append(dst, ">\n"...)
	if v.Steps.EndsDrawn {
		dst = s.appendStep(dst, l.words.First, v.Steps.First, "first")
	}
	dst = s.appendStep(dst, prev, v.Steps.Prev, "prev")
	largest := v.largest()
	for i := range v.Ladder {
		dst = s.appendRung(dst, &v.Ladder[i], l, largest)
	}
	dst = s.appendStep(dst, next, v.Steps.Next, "next")
	if v.Steps.EndsDrawn && len(v.Ladder) > 0 {
		dst = s.appendStep(dst, l.words.Last, v.Steps.Last, "last")
	}
	return append(dst, "</ul></nav>\n"...)
}

// appendStep writes a step. A step that leads nowhere is a link without an address, which cannot
// be focused (HTML section 4.6.1: a placeholder).
func (s *Style) appendStep(dst []byte, word, href, rel string) []byte {
	dst = append(dst, "<li"...)
	if href == "" {
		dst = appendClass(dst, s.Item, s.Dead)
		dst = append(dst, "><a"...)
		dst = appendClass(dst, s.Link, "")
		dst = append(dst, ` role="link" aria-disabled="true">`...)
	} else {
		dst = appendClass(dst, s.Item, "")
		dst = append(dst, "><a"...)
		dst = appendClass(dst, s.Link, "")
		dst = appendHref(dst, href)
		dst = append(dst, ` rel="`...)
		dst = append(dst, rel...)
		dst = append(dst, `">`...)
	}
	dst = appendEscaped(dst, word)
	return append(dst, "</a></li>\n"...)
}

func (s *Style) appendRung(dst []byte, r *paging.Rung, l *Language, largest int64) []byte {
	dst = append(dst, "<li"...)
	switch {
	case r.Kind == paging.RungCurrent:
		dst = appendClass(dst, s.Item, s.Current)
		dst = append(dst, "><span"...)
		dst = appendClass(dst, s.Link, "")
		dst = append(dst, ` aria-current="page">`...)
		dst = l.appendPadded(dst, r.Page, largest)
		dst = append(dst, "</span>"...)
	case r.Kind == paging.RungGap && r.Href == "":
		dst = appendClass(dst, s.Item, s.Gap)
		dst = append(dst, "><span"...)
		dst = appendClass(dst, s.Link, "")
		dst = append(dst, ` role="img" aria-label="`...)
		dst = appendEscapedFrom(l.appendGap(dst, r), len(dst))
		dst = append(dst, `">…</span>`...)
	default:
		dst = appendClass(dst, s.Item, "")
		dst = append(dst, "><a"...)
		dst = appendClass(dst, s.Link, "")
		dst = appendHref(dst, r.Href)
		dst = append(dst, ` aria-label="`...)
		dst = appendEscapedFrom(l.appendRungName(dst, r), len(dst))
		if r.Kind == paging.RungGap {
			dst = append(dst, `">…</a>`...)
			break
		}
		dst = append(dst, `">`...)
		dst = l.appendPadded(dst, r.Page, largest)
		dst = append(dst, "</a>"...)
	}
	return append(dst, "</li>\n"...)
}

// appendPadded writes a page number, padded to the width of the largest one.
func (l *Language) appendPadded(dst []byte, n, largest int64) []byte {
	digits, separators := l.width(n)
	digitsLimit, separatorsLimit := l.width(largest)
	for range separatorsLimit - separators {
		dst = append(dst, "\u2008"...) // punctuation space
	}
	for range digitsLimit - digits {
		dst = append(dst, "\u2007"...) // figure space
	}
	return l.appendNumber(dst, n)
}

// AppendSummary appends the summary line as HTML.
func AppendSummary(dst []byte, v *View) []byte {
	dst = append(dst, "<p"...)
	dst = v.language().appendLang(dst)
	dst = append(dst, '>')
	dst = appendEscapedFrom(v.language().appendSummary(dst, &v.Paging), len(dst))
	return append(dst, "</p>\n"...)
}

// AppendSizes appends the page sizes as links.
func AppendSizes(dst []byte, v *View) []byte {
	l := v.language()
	dst = append(dst, "<ul"...)
	dst = l.appendLang(dst)
	dst = append(dst, ` aria-label="`...)
	dst = appendEscaped(dst, l.words.Size)
	dst = append(dst, "\">\n"...)
	for i := range v.Sizes {
		size := &v.Sizes[i]
		dst = append(dst, "<li><a"...)
		dst = appendHref(dst, size.Href)
		if size.Current {
			dst = append(dst, ` aria-current="true"`...)
		}
		dst = append(dst, '>')
		dst = l.appendSize(dst, size)
		dst = append(dst, "</a></li>\n"...)
	}
	return append(dst, "</ul>\n"...)
}

func (l *Language) appendSize(dst []byte, size *paging.SizeLink) []byte {
	if size.All {
		return appendEscaped(dst, l.words.All)
	}
	return l.appendNumber(dst, int64(size.Size))
}

// AppendSizeForm appends the page-size choice as a GET form. Hidden inputs have every other
// parameter, and the first visible row, which stays in view.
func AppendSizeForm(dst []byte, v *View) []byte {
	l := v.language()
	dst = l.appendForm(dst, &v.SizeForm, l.words.Size)
	dst = append(dst, `<select name="`...)
	dst = appendEscaped(dst, v.SizeForm.Param)
	dst = append(dst, "\">\n"...)
	for i := range v.Sizes {
		dst = l.appendOption(dst, &v.Sizes[i])
	}
	dst = append(dst, "</select></label>\n"...)
	return appendSubmit(dst, l.words.SizeGo)
}

func (l *Language) appendOption(dst []byte, size *paging.SizeLink) []byte {
	dst = append(dst, `<option value="`...)
	if size.All {
		dst = append(dst, "all"...)
	} else {
		dst = strconv.AppendInt(dst, int64(size.Size), 10)
	}
	dst = append(dst, '"')
	if size.Current {
		dst = append(dst, " selected"...)
	}
	dst = append(dst, '>')
	dst = l.appendSize(dst, size)
	return append(dst, "</option>\n"...)
}

// AppendJumpForm appends a GET form that goes to a page by its number or, if lists are addressed
// by offset, to the page of a row.
func AppendJumpForm(dst []byte, v *View) []byte {
	l := v.language()
	label := l.words.Jump
	if v.JumpForm.ByRow {
		label = l.words.JumpRow
	}
	dst = l.appendForm(dst, &v.JumpForm, label)
	dst = append(dst, `<input type="number" required min="1"`...)
	if v.JumpForm.Max > 0 {
		dst = append(dst, ` max="`...)
		dst = strconv.AppendInt(dst, v.JumpForm.Max, 10)
		dst = append(dst, '"')
	}
	dst = append(dst, ` name="`...)
	dst = appendEscaped(dst, v.JumpForm.Param)
	dst = append(dst, `" value="`...)
	dst = strconv.AppendInt(dst, v.JumpForm.Value, 10)
	dst = append(dst, "\"></label>\n"...)
	return appendSubmit(dst, l.words.JumpGo)
}

// appendForm begins a form with one field in its label.
func (l *Language) appendForm(dst []byte, f *paging.Form, label string) []byte {
	dst = append(dst, `<form method="get"`...)
	if f.Action != "" {
		dst = append(dst, ` action="`...)
		dst = appendEscaped(dst, f.Action)
		dst = append(dst, '"')
	}
	dst = l.appendLang(dst)
	dst = append(dst, ">\n"...)
	for _, h := range f.Hidden {
		dst = append(dst, `<input type="hidden" name="`...)
		dst = appendEscaped(dst, h.Name)
		dst = append(dst, `" value="`...)
		dst = appendEscaped(dst, h.Value)
		dst = append(dst, "\">\n"...)
	}
	dst = append(dst, "<label>"...)
	dst = appendEscaped(dst, label)
	return append(dst, ' ')
}

func appendSubmit(dst []byte, word string) []byte {
	dst = append(dst, `<button type="submit">`...)
	dst = appendEscaped(dst, word)
	return append(dst, "</button></form>\n"...)
}

func appendClass(dst []byte, class, more string) []byte {
	if class == "" {
		class, more = more, ""
	}
	if class == "" {
		return dst
	}
	dst = append(dst, ` class="`...)
	dst = appendEscaped(dst, class)
	if more != "" {
		dst = append(dst, ' ')
		dst = appendEscaped(dst, more)
	}
	return append(dst, '"')
}

func appendHref(dst []byte, href string) []byte {
	dst = append(dst, ` href="`...)
	dst = appendEscaped(dst, href)
	return append(dst, '"')
}

func (l *Language) appendLang(dst []byte) []byte {
	dst = append(dst, ` lang="`...)
	dst = append(dst, l.tag...)
	dst = append(dst, '"')
	if l.rightToLeft {
		dst = append(dst, ` dir="rtl"`...)
	}
	return dst
}

// appendEscaped writes text that is safe in HTML, also within double quotes.
func appendEscaped(dst []byte, s string) []byte {
	from := 0
	for i := range len(s) {
		if e := escapeOf(s[i]); e != "" {
			dst = append(append(dst, s[from:i]...), e...)
			from = i + 1
		}
	}
	return append(dst, s[from:]...)
}

// appendEscapedFrom escapes what was appended from an index on. Words and numbers rarely need it.
func appendEscapedFrom(dst []byte, from int) []byte {
	for _, c := range dst[from:] {
		if escapeOf(c) != "" {
			return appendEscaped(dst[:from], string(dst[from:]))
		}
	}
	return dst
}

func escapeOf(c byte) string {
	switch c {
	case '&':
		return "&amp;"
	case '<':
		return "&lt;"
	case '>':
		return "&gt;"
	case '"':
		return "&#34;"
	case '\'':
		return "&#39;"
	case 0:
		return "\uFFFD" // HTML cannot hold a NUL
	}
	return ""
}

// Template draws a page by a developer's own html/template, which is given the
// View. Besides its fields, the template may call .Summary, .Number N, .PageName
// RUNG and .GapName RUNG for words in the view's language.
func Template(w io.Writer, t *template.Template, v View) error { return t.Execute(w, &v) }

// Number writes a number in the view's language.
func (v *View) Number(n int64) string { return string(v.language().appendNumber(nil, n)) }

// PageName is the accessible name of a page's link: "Page 3".
func (v *View) PageName(r paging.Rung) string {
	return string(v.language().appendPhrase(nil, v.language().words.Page, &blanks{page: r.Page}))
}

// GapName is the accessible name of a gap: "Pages 8 to 17 are left out".
func (v *View) GapName(r paging.Rung) string { return string(v.language().appendGap(nil, &r)) }
