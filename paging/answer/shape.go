package answer

import (
	"fmt"
	"mime"
	"strconv"
	"strings"

	"pageladder.example/internal/csvcell"
)

// Shape is a form in which a page can be sent.
type Shape interface {
	// Name is the shape's name.
	Name() string
	// MediaType is its media type in Accept and Content-Type.
	MediaType() string
	// HasMetadata reports whether the body contains metadata and adjustments. Otherwise they are sent in
	// headers.
	HasMetadata() bool
	// Append writes a page.
	Append(dst []byte, p *Content) ([]byte, error)
}

// The shapes. Each is a Shape.
const (
	Native native  = "native" // JSON with everything about the page
	Array  array   = "array"  // JSON, the records alone
	CSV    lines   = "csv"    // RFC 4180, with the fields' names in its first line
	NDJSON objects = "ndjson" // one JSON object a line
)

// Shapes are the shapes of this package, the default first.
func Shapes() []Shape { return []Shape{Native, Array, CSV, NDJSON} }

// NotAcceptable is the error if Accept names none of the offered shapes: status 406.
type NotAcceptable struct {
	Accept  string
	Offered []string // media types
}

func (e *NotAcceptable) Error() string {
	return fmt.Sprintf("found Accept %.200q; offered are %s", e.Accept, strings.Join(e.Offered, ", "))
}

// Negotiate chooses a shape by the request's Accept headers, RFC 9110 section 12.5.1: of the most
// preferred ones, the first. The error is a *NotAcceptable.
func Negotiate(shapes []Shape, accept []string) (Shape, error) {
	all := strings.Join(accept, ",")
	if all == "" || all == "*/*" {
		return shapes[0], nil
	}
	var best Shape
	bestQuality := 0.0
	for part := range strings.SplitSeq(all, ",") {
		wanted, params, err := mime.ParseMediaType(part)
		if err != nil {
			continue
		}
		quality := 1.0
		if q, ok := params["q"]; ok {
			if quality, err = strconv.ParseFloat(q, 64); err != nil {
				continue
			}
		}
		for _, s := range shapes {
			if quality > bestQuality && offers(s, wanted, params["shape"]) {
				best, bestQuality = s, quality
			}
		}
	}
	if best == nil {
		e := &NotAcceptable{Accept: all}
		for _, s := range shapes {
			e.Offered = append(e.Offered, s.MediaType())
		}
		return nil, e
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

type native string

func (n native) Name() string    { return string(n) }
func (native) MediaType() string { return "application/json" }
func (native) HasMetadata() bool { return true }

func (native) Append(dst []byte, p *Content) ([]byte, error) {
	dst = appendArray(append(dst, `{"records":`...), p.Records)
	dst = appendAbout(append(dst, ','), &p.About)
	if p.More != nil {
		dst = p.More(dst)
	}
	return append(dst, "}\n"...), nil
}

type array string

func (a array) Name() string                                { return string(a) }
func (array) MediaType() string                             { return "application/json;shape=array" }
func (array) HasMetadata() bool                             { return false }
func (array) Append(dst []byte, p *Content) ([]byte, error) { return appendArray(dst, p.Records), nil }

func appendArray(dst []byte, records Records) []byte {
	dst = append(dst, '[')
	for i := range records.Len() {
		dst = records.AppendObject(comma(dst, i), i)
	}
	return append(dst, ']')
}

type lines string

func (l lines) Name() string    { return string(l) }
func (lines) MediaType() string { return "text/csv; charset=utf-8; header=present" }
func (lines) HasMetadata() bool { return false }

func (lines) Append(dst []byte, p *Content) ([]byte, error) {
	dst = appendHead(dst, p.Records.Fields())
	for i := range p.Records.Len() {
		dst = p.Records.AppendLine(dst, i)
	}
	return dst, nil
}

func appendHead(dst []byte, fields []string) []byte {
	for i, name := range fields {
		dst = csvcell.Append(comma(dst, i), name, false)
	}
	return append(dst, '\n')
}

type objects string

func (o objects) Name() string    { return string(o) }
func (objects) MediaType() string { return "application/x-ndjson" }
func (objects) HasMetadata() bool { return false }

func (objects) Append(dst []byte, p *Content) ([]byte, error) {
	for i := range p.Records.Len() {
		dst = append(p.Records.AppendObject(dst, i), '\n')
	}
	return dst, nil
}
