// Package lists draws lists for people: HTML without a script.
package lists

import (
	"bytes"
	_ "embed"
	"html/template"
	"regexp"
	"strings"
	"unicode"
	"unicode/utf8"
)

// CSP lets a page load its stylesheet and nothing else: it has no script.
const CSP = "default-src 'none'; style-src 'self'; img-src 'self' data:; form-action 'self'; base-uri 'none'; frame-ancestors 'none'"

//go:embed pages/list.html
var source string

var pages = template.Must(template.New("").Parse(source))

// Style is the stylesheet of all pages.
//
//go:embed pages/lists.css
var Style string

// Frame is what every page has.
type Frame struct {
	Lang      string // RFC 5646
	RightLeft bool
	Title     string
	Style     string // address of the stylesheet
	Home      string // address of the sets
}

// Problem is the page of an error.
type Problem struct {
	Frame
	Says string
	Now  string // address of the list as it is, of one that cannot be held still; ""
}

// Sentence is what the problem says, for people: as a sentence. What begins with the name of a
// parameter keeps it as it is written.
func (p *Problem) Sentence() string {
	says := p.Says
	if !beginsWithName.MatchString(says) {
		first, n := utf8.DecodeRuneInString(says)
		says = string(unicode.ToUpper(first)) + says[n:]
	}
	if !strings.HasSuffix(says, ".") {
		says += "."
	}
	return says
}

var beginsWithName = regexp.MustCompile(`^[\w.\[\]]+: |^$`)

// HTML writes the page.
func (p *Problem) HTML() ([]byte, error) { return render("problem", p) }

// Problems is the page that explains types of problems.
type Problems struct {
	Frame
	Kinds []Kind
	One   bool   // it is about one
	All   string // address of the page about all
}

// Kind is one type of problem.
type Kind struct {
	Name, Title, When string
	Status            int
}

// HTML writes the page.
func (p *Problems) HTML() ([]byte, error) { return render("problems", p) }

func render(name string, view any) ([]byte, error) {
	var b bytes.Buffer
	err := pages.ExecuteTemplate(&b, name, view)
	return b.Bytes(), err
}
