package climb

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
)

// answer is a reply that has been read, with its records as T.
type answer[T any] struct {
	*reply
	records []T
	stated  map[string]any // values that an envelope has a place for, by name, as encoding/json reads them
	steps   steps          // absolute addresses; the body's before the header's
	inBody  steps          // those of the body
	headers steps          // those of Link headers
	linkErr error          // a Link header that cannot be read
	err     error          // a body that cannot be read
}

// num is a whole number that the answer tells.
func (a *answer[T]) num(name string) (int64, bool) { return whole(a.stated[name]) }

// ok tells a page from a refusal.
func (a *answer[T]) ok() bool { return a.status == 200 && a.err == nil }

// next is the address of the page that follows, "" for none: its link, or the one that
// its cursor makes.
func (a *answer[T]) next(e *Endpoint) string {
	if cursor := a.cursor(e); cursor != "" && e.Params.After != "" {
		return set(a.address, e.Params.After, cursor)
	}
	return a.steps["next"]
}

// cursor leads to the page that follows; "" where links do, or where there is none. A page
// may give a cursor from its last record and say that nothing follows yet.
func (a *answer[T]) cursor(e *Endpoint) string {
	if _, links := e.Envelope["next"]; links || a.steps["next"] != "" || a.stated["is_last"] == true || a.stated["has_next"] == false {
		return ""
	}
	cursor, _ := plain(a.stated["after"])
	return cursor
}

// read reads a reply by what is known of its endpoint.
func read[T any](r *reply, e *Endpoint) *answer[T] {
	a := &answer[T]{reply: r, stated: map[string]any{}, steps: steps{}, inBody: steps{}}
	a.headers, a.linkErr = readLinkHeader(r.header.Values("Link"))
	if r.status == 200 {
		switch e.Shape {
		case NDJSON:
			a.err = a.readLines()
		case CSV:
			a.err = a.readCSV()
		case HTML:
			a.err = a.readHTML()
		default:
			a.err = a.readJSON(e)
		}
	}
	if e.TotalHeader != "" && r.header.Get(e.TotalHeader) != "" {
		a.stated["total_items"] = r.header.Get(e.TotalHeader)
	}
	if e.AfterHeader != "" && r.header.Get(e.AfterHeader) != "" {
		a.stated["after"] = r.header.Get(e.AfterHeader)
	}
	for _, from := range []steps{a.inBody, a.headers} {
		for relation, address := range from {
			if full, ok := resolve(r.address, address); ok {
				a.steps.add(relation, full)
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

// places are an endpoint's, as a tree. It is small: at most one branch a name.
func places(e *Endpoint) *place {
	root := &place{}
	for name, pointer := range e.Envelope {
		path, _ := parsePointer(pointer) // it was checked
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
func (a *answer[T]) readJSON(e *Endpoint) error {
	d := json.NewDecoder(bytes.NewReader(a.body))
	d.UseNumber()
	found := false
	tree := e.tree
	if tree == nil {
		tree = places(e)
	}
	if err := a.readPlace(d, tree, &found); err != nil {
		return unreadable(err)
	}
	if _, err := d.Token(); err != io.EOF {
		return errors.New("it is no JSON: something follows its value")
	}
	for name := range relations {
		if address, ok := addressIn(a.stated[name]); ok {
			a.inBody.add(name, address)
		}
	}
	links, _ := a.stated["links"].([]any)
	for _, one := range links { // [{"rel": "next", "href": "…"}, …]
		if link, ok := one.(map[string]any); ok {
			relation, _ := link["rel"].(string)
			if address, ok := addressIn(link); ok {
				a.inBody.add(relation, address)
			}
		}
	}
	if !found {
		return errNoRecords
	}
	return nil
}

// unreadable tells text that is no JSON from records of another type.
func unreadable(err error) error {
	var other *json.UnmarshalTypeError
	if errors.As(err, &other) {
		return fmt.Errorf("a record is another than it is read into: %w", err)
	}
	return fmt.Errorf("it is no JSON: %w", err)
}

// addressIn is the address in a value: the value itself, or its href.
func addressIn(value any) (string, bool) {
	if object, ok := value.(map[string]any); ok {
		value = object["href"]
	}
	text, ok := value.(string)
	return text, ok && text != ""
}

func (a *answer[T]) readPlace(d *json.Decoder, p *place, found *bool) error {
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
			a.stated[name] = v
		}
		p.each(nil, func(path []string, name string) {
			if below, ok := at(v, path); ok {
				a.stated[name] = below
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
func (a *answer[T]) readRecords(d *json.Decoder, found *bool) error {
	err := d.Decode(&a.records)
	var other *json.UnmarshalTypeError
	if errors.As(err, &other) && other.Type == reflect.TypeFor[[]T]() && other.Field == "" {
		return nil // no list: the decoder has gone past it
	}
	*found = true
	return err
}

// readLines reads one record a line.
func (a *answer[T]) readLines() error {
	n := 0
	for line := range bytes.SplitSeq(a.body, []byte("\n")) {
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
		a.records = append(a.records, record)
	}
	return nil
}

// readCSV reads records below a line with their fields' names, RFC 4180.
func (a *answer[T]) readCSV() error {
	r := csv.NewReader(bytes.NewReader(bytes.TrimPrefix(a.body, []byte("\ufeff"))))
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
func (a *answer[T]) addCells(head, cells []string) error {
	record := make(map[string]any, len(cells))
	for i, cell := range cells {
		name := strconv.Itoa(i + 1)
		if i < len(head) && head[i] != "" {
			name = head[i]
		}
		record[name] = cell
	}
	if own, ok := any(record).(T); ok {
		a.records = append(a.records, own)
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
	a.records = append(a.records, own)
	return nil
}

// shapeOf is the form of a reply: by its media type, else by its first bytes.
func shapeOf(r *reply) (Shape, error) {
	kind, _, _ := mime.ParseMediaType(r.header.Get("Content-Type"))
	switch {
	case kind == "application/json" || strings.HasSuffix(kind, "+json"):
		return JSON, nil
	case kind == "application/x-ndjson" || kind == "application/ndjson" || kind == "application/jsonl":
		return NDJSON, nil
	case kind == "text/csv":
		return CSV, nil
	case kind == "text/html" || kind == "application/xhtml+xml":
		return HTML, nil
	}
	text := bytes.TrimSpace(r.body)
	switch {
	case json.Valid(text):
		return JSON, nil
	case bytes.HasPrefix(text, []byte("{")):
		return NDJSON, nil
	case bytes.HasPrefix(text, []byte("<")):
		return HTML, nil
	}
	return "", fmt.Errorf("its media type is %.60q, and it is neither JSON nor HTML; tell its shape", r.header.Get("Content-Type"))
}
