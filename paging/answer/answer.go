// Package answer writes a settled page and its records as an HTTP answer, over net/http:
//
//	page, boats, err := sqlpage.Read[Boat](r.Context(), db, list, rules, r.URL.RawQuery, statement.Where{})
//	if err = answer.Reply(w, r, page, boats, err, answer.Options{}); err != nil { // none of the caller's
//		log.Print(err)
//	}
//
// The answer is in the shape that Accept asks for: JSON with everything about the page,
// the records alone as JSON, CSV or a JSON object a line. It has the headers Link,
// Content-Location, Vary and ETag, and says 304 where the caller has it already. What is
// wrong is answered as problem+json, RFC 9457.
package answer

import (
	"net/http"
	"slices"
	"strconv"
	"strings"
	"sync"

	"github.com/cespare/xxhash/v2"

	"pageladder.example/paging"
	"pageladder.example/paging/cursor"
	"pageladder.example/paging/markup"
	"pageladder.example/paging/statement"
	"pageladder.example/paging/value"
)

// About is what an answer contains besides its records.
type About struct {
	Paging   paging.Metadata     `json:"paging"`
	Adjusted []paging.Adjustment `json:"adjusted"`
	Links    paging.Steps        `json:"links"`
	Sizes    []paging.SizeLink   `json:"sizes"`
	Sorts    []paging.SortLink   `json:"sorts"`
	Ladder   []paging.Rung       `json:"ladder"`
	Cursors  *cursor.Pair        `json:"cursors,omitempty"`
	Markup   string              `json:"markup,omitempty"` // the ladder as HTML, if asked for
	Facets   map[string][]Facet  `json:"facets,omitempty"` // by field, if asked for
	Form     *markup.FilterForm  `json:"form,omitempty"`   // the filter form, if asked for
	Words    *markup.ViewWords   `json:"words,omitempty"`  // in the caller's language, if asked for
}

// Facet is one value of a field and how many records have it.
type Facet = statement.Facet

// Of is everything about a page, with its links.
func Of(page paging.Page, links paging.Links) About {
	m := page.Metadata()
	for i := range m.Filters {
		m.Filters[i].Without = links.With(m.Filters[i].Param)
	}
	return About{Paging: m, Adjusted: page.Ask().Adjusted(), Links: links.Steps(), Sizes: links.Sizes(), Sorts: links.Sorts(), Ladder: links.Ladder(), Cursors: page.Cursors()}
}

// ends are the cursors, empty where there are none.
func (a *About) ends() cursor.Pair {
	if a.Cursors == nil {
		return cursor.Pair{}
	}
	return *a.Cursors
}

// Content is a page ready to be written in any shape.
type Content struct {
	About   About
	Records Records
	// More writes further members of a native answer, each preceded by a comma. It may be nil.
	More func(dst []byte) []byte
}

// Options say how a page is sent. With the zero Options links lead to the request's own path, and
// records have all their fields.
type Options struct {
	// Base is what links are built on. Left out: the path of the request.
	Base paging.Base
	// Fields are the fields that records are written with, in order. Left out: the fields that the
	// caller asked for, from those that the rules show; without such rules, all.
	Fields []string
	// Facets are the counts of fields' values, for a filter form.
	Facets map[string][]Facet
	// Form is the list's filter form, which the native answer then contains.
	Form *markup.FilterForm
	// Words are the page's words, which the native answer then contains.
	Words *markup.ViewWords
	// Shapes are the shapes that are offered, the default first. Left out: all of this package.
	Shapes []Shape
}

// Reply writes a page that was read or, if reading it failed, the error. The error that it returns is as Write's
// and Fail's: what the program should log, since the caller is not to blame.
func Reply[T any](w http.ResponseWriter, r *http.Request, page paging.Page, records []T, err error, o Options) error {
	if err != nil {
		return Fail(w, r, err)
	}
	return Write(w, r, page, records, o)
}

// Write sends a page and its records. Their type is a struct, whose fields are found by tags
// `db:"name"` or `json:"name"` or by their own names (ArrivedAt is arrived_at), or map[string]any.
// A time.Time of a field that the rules filter by as a date is written as a date. The error is one of
// sending, or one that Fail returns.
func Write[T any](w http.ResponseWriter, r *http.Request, page paging.Page, records []T, o Options) error {
	if len(o.Shapes) == 0 {
		o.Shapes = Shapes()
	}
	shape, err := Negotiate(o.Shapes, r.Header.Values("Accept"))
	if err != nil {
		return Fail(w, r, err)
	}
	base := o.Base
	if base.String() == "" {
		if base, err = paging.ParseBase(r.URL.EscapedPath()); err != nil {
			return Fail(w, r, err)
		}
	}
	fields := o.Fields
	if len(fields) == 0 {
		fields = page.Ask().Fields()
	}
	m := memories.Get().(*memory)
	defer m.release()
	filters := sync.OnceValue(func() []paging.FilterRule { return page.Ask().Rules().Filters })
	dates := func(field string) bool {
		return slices.ContainsFunc(filters(), func(f paging.FilterRule) bool { return f.Field == field && f.Type == value.Date })
	}
	if err := fill(&m.rows, records, fields, dates); err != nil {
		return Fail(w, r, err)
	}
	p := Content{About: Of(page, page.On(base)), Records: &m.rows}
	p.About.Facets, p.About.Form, p.About.Words = o.Facets, o.Form, o.Words
	if m.body, err = shape.Append(m.body[:0], &p); err != nil {
		return Fail(w, r, err)
	}
	w.Header().Add("Vary", "Accept")
	ready := Ready{Body: m.body}
	ready.Describe(shape, &p, p.About.Links.Self)
	ready.Tag = ready.DigestTag()
	return ready.Send(w, r)
}

// memory is reused from one answer to the next.
type memory struct {
	rows rows
	body []byte
}

var memories = sync.Pool{New: func() any { return &memory{body: make([]byte, 0, bodyBytes)} }}

const (
	bodyBytes = 16 << 10 // initial size of a body
	bodyKept  = 1 << 20  // largest memory that is reused
)

func (m *memory) release() {
	m.rows.clear()
	if cap(m.body)+cap(m.rows.values.text) <= bodyKept {
		memories.Put(m)
	}
}

// Ready is an answer whose bytes are known.
type Ready struct {
	Body      []byte
	MediaType string
	Self      string // its settled address, for Content-Location
	Link      string // Link, RFC 8288
	Paging    string // metadata of the page; "" if the body has them
	Adjusted  string // adjustments; "" if the body has them
	Tag       string // ETag, RFC 9110 section 8.8.3
}

// Describe fills in everything except the body and the tag, for a page in a shape, with its own
// address.
func (a *Ready) Describe(shape Shape, p *Content, self string) {
	a.MediaType, a.Self, a.Link = shape.MediaType(), self, markup.LinkHeader(p.About.Links)
	if !shape.HasMetadata() {
		a.Paging, a.Adjusted = MetadataHeader(&p.About.Paging), AdjustedHeader(p.About.Adjusted)
	}
}

// Head writes the headers that do not depend on how the body is sent, and reports whether the
// caller has the answer already: then only status 304 is sent.
func (a *Ready) Head(h http.Header, r *http.Request) (unchanged bool) {
	h["Content-Location"] = []string{a.Self}
	for _, header := range [...][2]string{{"Link", a.Link}, {"Paging", a.Paging}, {"Adjusted", a.Adjusted}, {"Etag", a.Tag}} {
		if header[1] != "" {
			h[header[0]] = []string{header[1]}
		}
	}
	reads := r.Method == http.MethodGet || r.Method == http.MethodHead
	condition := r.Header.Get("If-None-Match")
	if reads && a.Tag != "" && condition != "" && matches(condition, a.Tag) {
		return true
	}
	h["Content-Type"] = []string{a.MediaType}
	return false
}

// Send sends the answer, or status 304 if the caller has it.
func (a *Ready) Send(w http.ResponseWriter, r *http.Request) error {
	if a.Head(w.Header(), r) {
		w.WriteHeader(http.StatusNotModified)
		return nil
	}
	w.Header()["Content-Length"] = []string{strconv.Itoa(len(a.Body))}
	w.WriteHeader(http.StatusOK)
	if r.Method == http.MethodHead {
		return nil
	}
	_, err := w.Write(a.Body)
	return err
}

// DigestTag is the ETag of a body: weak, since the same page may be written with other bytes.
func DigestTag(body []byte) string { return (&Ready{Body: body}).DigestTag() }

// DigestTag is the ETag of the body and of the headers that belong to it. A page whose total alone
// has changed is another one, also in a shape that has the total in a header.
func (a *Ready) DigestTag() string {
	h := xxhash.New()
	h.Write(a.Body)
	for _, header := range []string{a.Link, a.Paging, a.Adjusted} {
		if header != "" {
			h.WriteString("\x00" + header)
		}
	}
	return `W/"` + strconv.FormatUint(h.Sum64(), 16) + "-" + strconv.Itoa(len(a.Body)) + `"`
}

// matches compares weakly, RFC 9110 section 13.1.2.
func matches(condition, tag string) bool {
	tag = strings.TrimPrefix(tag, "W/")
	for candidate := range strings.SplitSeq(condition, ",") {
		candidate = strings.TrimSpace(candidate)
		if candidate == "*" || strings.TrimPrefix(candidate, "W/") == tag {
			return true
		}
	}
	return false
}
