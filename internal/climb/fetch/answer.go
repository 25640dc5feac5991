package fetch

import (
	"bytes"
	"encoding/csv"
	"encoding/json"
	"errors"
	"fmt"
	"io"
	"mime"
	"reflect"
	"strconv"
	"strings"

	"pageladder.example/climb/endpoint"
	"pageladder.example/internal/climb/uri"
	"pageladder.example/internal/climb/values"
)

// Answer is a reply that has been read, with its records as T.
type Answer[T any] struct {
	*Reply
	Records []T
	Stated  map[string]any // values that an envelope has a place for, by name, as encoding/json reads them
	Steps   steps          // absolute addresses; the body's before the header's
	InBody  steps          // those of the body
	Headers steps          // those of Link headers
	LinkErr error          // a Link header that cannot be read
	Err     error          // a body that cannot be read
}

// Num is a whole number that the answer has.
func (a *Answer[T]) Num(name string) (int64, bool) { return values.Whole(a.Stated[name]) }

// OK reports whether the answer is a page, not a refusal.
func (a *Answer[T]) OK() bool { return a.Status == 200 && a.Err == nil }

// Next is the address of the page that follows, "" for none: its link, or the one that
// its cursor makes.
func (a *Answer[T]) Next(e *List) string {
	if cursor := a.Cursor(e); cursor != "" && e.Params.After != "" {
		return uri.With(a.Address, uri.Of(e.Params.After, cursor))
	}
	return a.Steps["next"]
}

// Cursor leads to the page that follows; "" where links do, or where there is none. A page
// may give a cursor from its last record and say that nothing follows yet.
func (a *Answer[T]) Cursor(e *List) string {
	if _, links := e.Envelope["next"]; links || a.Steps["next"] != "" || a.Stated["is_last"] == true || a.Stated["has_next"] == false {
		return ""
	}
	cursor, _ := values.Plain(a.Stated["after"])
	return cursor
}

// Read reads a reply by what is known of its endpoint.
func Read[T any](r *Reply, e *List) *Answer[T] {
	a := &Answer[T]{Reply: r, Stated: map[string]any{}, Steps: steps{}, InBody: steps{}}
	a.Headers, a.LinkErr = readLinkHeader(r.Header.Values("Link"))
	if r.Status == 200 {
		switch e.Format {
		case endpoint.NDJSON:
			a.Err = a.readLines()
		case endpoint.CSV:
			a.Err = a.readCSV()
		case endpoint.HTML:
			a.Err = a.readHTML()
		default:
			a.Err = a.readJSON(e)
		}
	}
	if e.TotalHeader != "" && r.Header.Get(e.TotalHeader) != "" {
		a.Stated["total_items"] = r.Header.Get(e.TotalHeader)
	}
	if e.AfterHeader != "" && r.Header.Get(e.AfterHeader) != "" {
		a.Stated["after"] = r.Header.Get(e.AfterHeader)
	}
	for _, from := range []steps{a.InBody, a.Headers} {
		for relation, address := range from {
			if full, ok := uri.Resolve(r.Address, address); ok {
				a.Steps.add(relation, full)
			}
		}
	}
	return a
}

// place is a member of an answer that is wanted, or that leads to one.
type place struct {
	names   []string // what it is
	members map[string]*place
}

// Places are an endpoint's, as a tree. It is small: at most one branch a name.
func Places(e *List) *place {
	root := &place{}
	for name, pointer := range e.Envelope {
		path, _ := values.ParsePointer(pointer) // it was checked
		at := root
		for _, step := range path {
			if at.members[step] == nil {
				if at.members == nil {
					at.members = map[string]*place{}
				}
				at.members[step] = &place{}
			}
			at = at.members[step]
		}
		at.names = append(at.names, name)
	}
	return root
}

func (p *place) is(name string) bool {
	for _, n := range p.names {
		if n == name {
			return true
		}
	}
	return false
}

// errNoRecords is the error of an answer without a list where its records are meant to be.
var errNoRecords = errors.New("there is no list where the records are meant to be")

// readJSON goes through the text once, and makes values only of what is wanted.
func (a *Answer[T]) readJSON(e *List) error {
	d := json.NewDecoder(bytes.NewReader(a.Body))
	d.UseNumber()
	found := false
	tree := e.Tree
	if tree == nil {
		tree = Places(e)
	}
	if err := a.readPlace(d, tree, &found); err != nil {
		return unreadable(err)
	}
	if _, err := d.Token(); err != io.EOF {
		return errors.New("it is no JSON: something follows its value")
	}
	for name := range relations {
		if address, ok := AddressIn(a.Stated[name]); ok {
			a.InBody.add(name, address)
		}
	}
	links, _ := a.Stated["links"].([]any)
	for _, one := range links { // [{"rel": "next", "href": "…"}, …]
		if link, ok := one.(map[string]any); ok {
			relation, _ := link["rel"].(string)
			if address, ok := AddressIn(link); ok {
				a.InBody.add(relation, address)
			}
		}
	}
	if !found {
		return errNoRecords
	}
	return nil
}

// unreadable says whether text is no JSON, or has records of another type.
func unreadable(err error) error {
	var other *json.UnmarshalTypeError
	if errors.As(err, &other) {
		return fmt.Errorf("a record is another than it is read into: %w", err)
	}
	return fmt.Errorf("it is no JSON: %w", err)
}

// AddressIn is the address in a value: the value itself, or its href.
func AddressIn(value any) (string, bool) {
	if object, ok := value.(map[string]any); ok {
		value = object["href"]
	}
	text, ok := value.(string)
	return text, ok && text != ""
}

func (a *Answer[T]) readPlace(d *json.Decoder, p *place, found *bool) error {
	switch {
	case p == nil:
		return d.Decode(new(json.RawMessage))
	case p.is("records"):
		return a.readRecords(d, found)
	case len(p.names) > 0:
		var v any
		if err := d.Decode(&v); err != nil {
			return err
		}
		for _, name := range p.names {
			a.Stated[name] = v
		}
		p.each(nil, func(path []string, name string) {
			if below, ok := values.At(v, path); ok {
				a.Stated[name] = below
			}
		})
		return nil
	}
	open, err := d.Token()
	if err != nil {
		return err
	}
	delim, ok := open.(json.Delim)
	if !ok {
		return nil
	}
	for i := 0; d.More(); i++ {
		step := strconv.Itoa(i)
		if delim == '{' {
			name, err := d.Token()
			if err != nil {
				return err
			}
			step = name.(string)
		}
		if err := a.readPlace(d, p.members[step], found); err != nil {
			return err
		}
	}
	_, err = d.Token()
	return err
}

// each visits what is wanted below a place.
func (p *place) each(path []string, visit func(path []string, name string)) {
	for step, member := range p.members {
		to := append(path[:len(path):len(path)], step)
		for _, name := range member.names {
			visit(to, name)
		}
		member.each(to, visit)
	}
}

// readRecords reads a list, or null, which is an empty one.
func (a *Answer[T]) readRecords(d *json.Decoder, found *bool) error {
	err := d.Decode(&a.Records)
	var other *json.UnmarshalTypeError
	if errors.As(err, &other) && other.Type == reflect.TypeFor[[]T]() && other.Field == "" {
		return nil // no list: the decoder has gone past it
	}
	*found = true
	return err
}

// readLines reads one record a line.
func (a *Answer[T]) readLines() error {
	n := 0
	for line := range bytes.SplitSeq(a.Body, []byte("\n")) {
		n++
		if len(bytes.TrimSpace(line)) == 0 {
			continue
		}
		d := json.NewDecoder(bytes.NewReader(line))
		d.UseNumber()
		var record T
		if err := d.Decode(&record); err != nil {
			return fmt.Errorf("its line %d is no JSON: %w", n, err)
		}
		if d.More() {
			return fmt.Errorf("its line %d holds more than one value", n)
		}
		a.Records = append(a.Records, record)
	}
	return nil
}

// readCSV reads records below a line with their fields' names, RFC 4180.
func (a *Answer[T]) readCSV() error {
	r := csv.NewReader(bytes.NewReader(bytes.TrimPrefix(a.Body, []byte("\ufeff"))))
	head, err := r.Read()
	if err == io.EOF {
		return nil // not even a head: no records
	}
	for err == nil {
		var cells []string
		if cells, err = r.Read(); err == nil {
			err = a.addCells(head, cells)
		}
	}
	if err != io.EOF {
		return fmt.Errorf("it is no CSV: %w", err)
	}
	return nil
}

// addCells makes a record of texts.
func (a *Answer[T]) addCells(head, cells []string) error {
	record := make(map[string]any, len(cells))
	for i, cell := range cells {
		name := strconv.Itoa(i + 1)
		if i < len(head) && head[i] != "" {
			name = head[i]
		}
		record[name] = cell
	}
	if own, ok := any(record).(T); ok {
		a.Records = append(a.Records, own)
		return nil
	}
	text, err := json.Marshal(record)
	if err != nil {
		return err
	}
	var own T
	if err := json.Unmarshal(text, &own); err != nil {
		return err
	}
	a.Records = append(a.Records, own)
	return nil
}

// FormatOf is the form of a reply: by its media type, else by its first bytes.
func FormatOf(r *Reply) (endpoint.Format, error) {
	kind, _, _ := mime.ParseMediaType(r.Header.Get("Content-Type"))
	switch {
	case kind == "application/json" || strings.HasSuffix(kind, "+json"):
		return endpoint.JSON, nil
	case kind == "application/x-ndjson" || kind == "application/ndjson" || kind == "application/jsonl":
		return endpoint.NDJSON, nil
	case kind == "text/csv":
		return endpoint.CSV, nil
	case kind == "text/html" || kind == "application/xhtml+xml":
		return endpoint.HTML, nil
	}
	text := bytes.TrimSpace(r.Body)
	switch {
	case json.Valid(text):
		return endpoint.JSON, nil
	case bytes.HasPrefix(text, []byte("{")):
		return endpoint.NDJSON, nil
	case bytes.HasPrefix(text, []byte("<")):
		return endpoint.HTML, nil
	}
	return "", fmt.Errorf("its media type is %.60q, and it is neither JSON nor HTML; give its shape", r.Header.Get("Content-Type"))
}

// Wrong is the error for an answer that is no page.
func (a *Answer[T]) Wrong() error {
	if a.Err != nil {
		return fmt.Errorf("climb: %s: %w", a.Address, a.Err)
	}
	return fmt.Errorf("climb: %s: status %d; right would be 200", a.Address, a.Status)
}
