package service

import (
	"bytes"
	"fmt"
	"mime"
	"net/http"
	"slices"
	"strconv"
	"strings"
	"time"

	"github.com/dunglas/httpsfv"
	"github.com/gin-gonic/gin"
	gojson "github.com/goccy/go-json"

	"pageladder.example/api"
	"pageladder.example/internal/intake"
	"pageladder.example/internal/lists"
	"pageladder.example/internal/sets"
	"pageladder.example/paging"
	"pageladder.example/paging/markup"
	"pageladder.example/paging/query"
	"pageladder.example/paging/rulesfile"
)

// Shape is a form that a page can be answered in.
type Shape interface {
	// Name is what pl.shape calls it.
	Name() string
	// MediaType is what Accept and Content-Type call it.
	MediaType() string
	// Append writes a page.
	Append(dst []byte, a *Answered) ([]byte, error)
}

// Answered is a page that is ready to be written.
type Answered struct {
	Fields  []intake.Field
	Records []sets.Record
	About   api.About
	View    markup.View
	Style   markup.Style

	linked time.Duration // how long it took to make the links
}

// shapes are the forms that there are; the first is the one that is given unless
// another is asked for.
var shapes = []Shape{native{}, array{}, csvLines{}, jsonLines{}, fragment{}}

// shapeFor chooses a shape: by name or, where none is given, by Accept, RFC 9110
// section 12.5.1. It is nil where nothing fits.
func shapeFor(name, accept string) Shape {
	if name != "" {
		for _, s := range shapes {
			if s.Name() == name {
				return s
			}
		}
		return nil
	}
	if accept == "" || accept == "*/*" || accept == "application/json" {
		return shapes[0]
	}
	var best Shape
	bestQuality := 0.0
	for part := range strings.SplitSeq(accept, ",") {
		wanted, params, err := mime.ParseMediaType(part)
		if err != nil {
			continue
		}
		quality := 1.0
		if q, ok := params["q"]; ok {
			if quality, err = strconv.ParseFloat(q, 64); err != nil {
				continue
			}
			delete(params, "q")
		}
		for _, s := range shapes {
			if quality > bestQuality && offers(s, wanted, params["shape"]) {
				best, bestQuality = s, quality
			}
		}
	}
	return best
}

func offers(s Shape, wanted, shape string) bool {
	mediaType, params, _ := mime.ParseMediaType(s.MediaType())
	if params["shape"] != shape && !strings.HasSuffix(wanted, "/*") {
		return false
	}
	kind, _, _ := strings.Cut(mediaType, "/")
	return wanted == mediaType || wanted == "*/*" || wanted == kind+"/*"
}

func shapeNames() []string {
	names := make([]string, len(shapes))
	for i, s := range shapes {
		names[i] = s.Name()
	}
	return names
}

// native is the answer with everything about the page.
type native struct{}

func (native) Name() string      { return "native" }
func (native) MediaType() string { return "application/json" }

// Append writes an Answer. The records are written straight from what the
// database sent, without a copy as Go values in between.
func (native) Append(dst []byte, a *Answered) (_ []byte, err error) {
	dst = append(dst, `{"records":`...)
	if dst, err = (array{}).Append(dst, a); err != nil {
		return nil, err
	}
	rest := bytes.NewBuffer(append(dst, ','))
	at := rest.Len()
	enc := gojson.NewEncoder(rest) // writes what encoding/json does, in less than half the time
	enc.SetEscapeHTML(false)
	if err := enc.Encode(&a.About); err != nil {
		return nil, err
	}
	dst = rest.Bytes()
	return append(dst[:at], dst[at+1:]...), nil // without the brace that opened it
}

// array is the records alone.
type array struct{}

func (array) Name() string      { return "array" }
func (array) MediaType() string { return "application/json;shape=array" }

func (array) Append(dst []byte, a *Answered) ([]byte, error) {
	objects := sets.ObjectsOf(a.Fields)
	dst = append(dst, '[')
	for i, record := range a.Records {
		if i > 0 {
			dst = append(dst, ',')
		}
		dst = objects.Append(dst, record)
	}
	return append(dst, ']'), nil
}

// csvLines is CSV, RFC 4180, with the fields' names in its first line.
type csvLines struct{}

func (csvLines) Name() string      { return "csv" }
func (csvLines) MediaType() string { return "text/csv; charset=utf-8; header=present" }

func (csvLines) Append(dst []byte, a *Answered) ([]byte, error) {
	dst = appendHead(dst, a.Fields)
	for _, record := range a.Records {
		dst = sets.AppendCSV(dst, a.Fields, record)
	}
	return dst, nil
}

func appendHead(dst []byte, fields []intake.Field) []byte {
	for i, f := range fields {
		if i > 0 {
			dst = append(dst, ',')
		}
		dst = intake.AppendCell(dst, f.Name, false)
	}
	return append(dst, '\n')
}

// jsonLines is one JSON object a line.
type jsonLines struct{}

func (jsonLines) Name() string      { return "ndjson" }
func (jsonLines) MediaType() string { return "application/x-ndjson" }

func (jsonLines) Append(dst []byte, a *Answered) ([]byte, error) {
	objects := sets.ObjectsOf(a.Fields)
	for _, record := range a.Records {
		dst = append(objects.Append(dst, record), '\n')
	}
	return dst, nil
}

// fragment is a piece of HTML to be put into a page.
type fragment struct{}

func (fragment) Name() string      { return "html" }
func (fragment) MediaType() string { return "text/html; charset=utf-8" }

func (fragment) Append(dst []byte, a *Answered) ([]byte, error) {
	return tableOf(a).AppendFragment(dst)
}

func tableOf(a *Answered) *lists.Table {
	return lists.TableOf(a.Fields, a.Records, a.About.Sorts, &a.View, a.Style)
}

// metadataHeader tells in a header what shapes without a place for it leave out:
// a dictionary, RFC 9651.
func metadataHeader(m *paging.Metadata) string {
	var parts []string
	add := func(name string, n *int64) {
		if n != nil {
			parts = append(parts, name+"="+strconv.FormatInt(*n, 10))
		}
	}
	size := int64(m.Size)
	add("page", &m.Page)
	add("size", &size)
	add("total-pages", m.TotalPages)
	add("total-items", m.TotalItems)
	parts = append(parts, "total-is="+string(m.TotalIs))
	add("first-row", m.FirstRow)
	add("last-row", m.LastRow)
	if m.Version > 0 {
		add("version", &m.Version)
	}
	return strings.Join(parts, ", ")
}

// adjustedHeader tells in a header what was changed of a question, for shapes that have
// no place for it: a list, RFC 9651 section 3.1, of parameters' names with what was
// given, what was used (absent where nothing was) and the code of the reason. A long
// list ends with how many more there are.
func adjustedHeader(adjusted []paging.Adjustment) string {
	var list httpsfv.List
	for i, a := range adjusted {
		if i == adjustedTold {
			more := httpsfv.NewItem(httpsfv.Token("more"))
			more.Params.Add("count", int64(len(adjusted)-i))
			list = append(list, more)
			break
		}
		item := httpsfv.NewItem(headerText(a.Param))
		item.Params.Add("given", headerText(a.Given))
		if a.Used != "" {
			item.Params.Add("used", headerText(string(a.Used)))
		}
		item.Params.Add("why", headerText(string(a.Why)))
		list = append(list, item)
	}
	text, err := httpsfv.Marshal(list)
	if err != nil {
		return "" // cannot be: every item is of a kind that can be written
	}
	return text
}

// adjustedTold is how many adjustments a header tells: each has up to 600 bytes.
const adjustedTold = 10

// headerText is a string in a structured header: RFC 9651's own where ASCII will do,
// else its display string.
func headerText(s string) any {
	for i := range len(s) {
		if s[i] < ' ' || s[i] > '~' {
			return httpsfv.DisplayString(strings.ToValidUTF8(s, "\uFFFD"))
		}
	}
	return s
}

// speaks are the parameters that speak to the service.
type speaks struct {
	base, shape, total string
	markup             rulesfile.MarkupStyle // "": none
	facets             []string
	explain            bool
	version            int64 // 0: any
}

var spoken = []string{"pl.base", "pl.explain", "pl.facets", "pl.markup", "pl.shape", "pl.total", "pl.version"}

// readSpeaks reads the parameters that begin with "pl.".
func readSpeaks(c *gin.Context) (sp speaks, faults []paging.Fault) {
	raw := c.Request.URL.RawQuery
	if !strings.Contains(raw, "pl") && !strings.Contains(raw, "%") {
		return sp, nil
	}
	given := map[string]string{} // of a repeated one the last counts
	for _, pair := range query.Pairs(raw) {
		if strings.HasPrefix(pair.Name, "pl.") {
			given[pair.Name] = pair.Value
		}
	}
	for name, value := range given {
		wrong := func(want string) {
			faults = append(faults, paging.Fault{Param: name, Given: value, Why: "service.wrong", Says: fmt.Sprintf("found %.200q; right would be %s.", value, want)})
		}
		switch name {
		case "pl.base":
			sp.base = value
		case "pl.shape":
			sp.shape = value
			if !slices.Contains(shapeNames(), value) {
				wrong("one of " + strings.Join(shapeNames(), ", "))
			}
		case "pl.markup":
			sp.markup = rulesfile.MarkupStyle(value)
			if !slices.Contains([]rulesfile.MarkupStyle{rulesfile.StylePlain, rulesfile.StyleBootstrap, rulesfile.StyleClassed}, sp.markup) {
				wrong("plain, bootstrap or classed")
			}
		case "pl.facets":
			sp.facets = strings.Split(value, ",")
			if value == "" || len(sp.facets) > 20 {
				wrong("1 to 20 fields that are filtered by, comma between")
			}
		case "pl.total":
			sp.total = value
			if !slices.Contains([]string{"exact", "at_least", "none"}, value) {
				wrong("exact, at_least or none")
			}
		case "pl.explain":
			sp.explain = value == "true"
			if value != "true" && value != "false" {
				wrong("true or false")
			}
		case "pl.version":
			n, err := strconv.ParseInt(value, 10, 64)
			if sp.version = n; err != nil || n < 1 {
				wrong("the version of a set, a whole number from 1")
			}
		default:
			wrong("no such parameter: those that begin with \"pl.\" are " + strings.Join(spoken, ", "))
		}
	}
	slices.SortFunc(faults, func(a, b paging.Fault) int { return strings.Compare(a.Param, b.Param) })
	return sp, faults
}

// notOffered answers that no shape fits.
func (s *Service) notOffered(c *gin.Context) {
	types := make([]string, len(shapes))
	for i, shape := range shapes {
		types[i] = shape.MediaType()
	}
	s.problem(c, notAcceptable, fmt.Sprintf("found Accept %.200q; offered are %s", c.GetHeader("Accept"), strings.Join(types, ", ")))
}

// languageOf chooses the language that a page is described in: the set's, or the
// caller's.
func languageOf(rules *rulesfile.Rules, r *http.Request) *markup.Language {
	if rules.Language != "" {
		return markup.LanguageFor(rules.Language)
	}
	return markup.LanguageFor(r.Header.Get("Accept-Language"))
}
