// Package shapes writes pages in the forms that the service answers them in: as JSON with
// everything about the page, as records alone, as lines, as a piece of HTML. It chooses one
// by name or by Accept, and tells in headers what a form has no room for.
package shapes

import (
	"mime"
	"slices"
	"strconv"
	"strings"

	"pageladder.example/api"
	"pageladder.example/internal/intake"
	"pageladder.example/internal/lists"
	"pageladder.example/internal/problem"
	"pageladder.example/internal/sets"
	"pageladder.example/paging"
	"pageladder.example/paging/markup"
)

// Shape is a form that a page can be answered in.
type Shape interface {
	// Name is what pl.shape calls it.
	Name() string
	// MediaType is what Accept and Content-Type call it.
	MediaType() string
	// Append writes a page.
	Append(dst []byte, a *Page) ([]byte, error)
}

// Page is a page that is ready to be written.
type Page struct {
	Fields  []intake.Field
	Records []sets.Record
	About   api.About
	View    markup.View
	Style   markup.Style
}

// shapes are the forms that there are; the first is the one that is given unless
// another is asked for.
var shapes = []Shape{Native, array{}, csvLines{}, jsonLines{}, fragment{}}

// Native is the answer with everything about the page.
var Native Shape = native{}

// For chooses a shape: by name or, where none is given, by Accept, RFC 9110
// section 12.5.1.
func For(name, accept string) (Shape, error) {
	if name != "" {
		return shapes[slices.Index(Names(), name)], nil // Names has it
	}
	if accept == "" || accept == "*/*" || accept == "application/json" {
		return shapes[0], nil
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
	if best == nil {
		types := make([]string, len(shapes))
		for i, shape := range shapes {
			types[i] = shape.MediaType()
		}
		return nil, problem.Of(problem.NotAcceptable, "found Accept %.200q; offered are %s", accept, strings.Join(types, ", "))
	}
	return best, nil
}

func offers(s Shape, wanted, shape string) bool {
	mediaType, params, _ := mime.ParseMediaType(s.MediaType())
	if params["shape"] != shape && !strings.HasSuffix(wanted, "/*") {
		return false
	}
	kind, _, _ := strings.Cut(mediaType, "/")
	return wanted == mediaType || wanted == "*/*" || wanted == kind+"/*"
}

// Names are the shapes' names.
func Names() []string {
	names := make([]string, len(shapes))
	for i, s := range shapes {
		names[i] = s.Name()
	}
	return names
}

type native struct{}

func (native) Name() string      { return "native" }
func (native) MediaType() string { return "application/json" }

// Append writes an Answer. The records are written straight from what the
// database sent, without a copy as Go values in between.
func (native) Append(dst []byte, a *Page) (_ []byte, err error) {
	dst = append(dst, `{"records":`...)
	if dst, err = (array{}).Append(dst, a); err != nil {
		return nil, err
	}
	return append(appendAbout(append(dst, ','), &a.About), "}\n"...), nil
}

// array is the records alone.
type array struct{}

func (array) Name() string      { return "array" }
func (array) MediaType() string { return "application/json;shape=array" }

func (array) Append(dst []byte, a *Page) ([]byte, error) {
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

func (csvLines) Append(dst []byte, a *Page) ([]byte, error) {
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

func (jsonLines) Append(dst []byte, a *Page) ([]byte, error) {
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

func (fragment) Append(dst []byte, a *Page) ([]byte, error) {
	return lists.TableOf(a.Fields, a.Records, a.About.Sorts, &a.View, a.Style).AppendFragment(dst)
}

// All lists the shapes.
func All() []Shape { return slices.Clone(shapes) }

// ViewOf is a page as it is drawn: made of what an answer tells of it.
func ViewOf(about *api.About, links paging.Links, language *markup.Language) markup.View {
	return markup.View{Paging: about.Paging, Ladder: about.Ladder, Steps: about.Links, Sizes: about.Sizes, Ends: links.DrawsEnds(), Language: language}
}
