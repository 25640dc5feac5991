// Package markup draws what a settled page has to show: its ladder, its summary,
// the choice of its size and a jump to another page, as HTML, as text for a
// terminal, as a Link header, and through a developer's own template, in several
// languages. None of it needs JavaScript.
//
//	view := markup.Of(page, base, markup.LanguageFor("de"))
//	html = style.AppendLadder(html, &view)
//
// A Style is the classes of the HTML's parts: the zero Style has none, Bootstrap
// has those of the Bootstrap 5 stylesheet, and any other fits any other.
package markup
