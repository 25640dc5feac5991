package rulesfile

import (
	"bytes"
	"cmp"
	"encoding/json"
	"errors"
	"fmt"
	"io"
	"reflect"
	"strconv"
	"strings"

	"pageladder.example/internal/nearest"
	"pageladder.example/paging"
)

// Parse reads rules from JSON, strictly: an unknown entry, one that stands
// twice, one of the wrong type and one that contradicts another are errors. The
// error is Errors, with every one of them up to a hundred, or says where the text
// is no JSON. Rules have at most 1 MiB, and at most 2,000 entries to a list and 2,000
// bytes to a text.
func Parse(text []byte) (*Rules, error) {
	if len(text) > rulesBytes {
		return nil, Errors{{Entry: "the rules", Found: fmt.Sprintf("%d bytes", len(text)), Want: fmt.Sprintf("at most %d bytes", rulesBytes)}}
	}
	r := reader{dec: json.NewDecoder(bytes.NewReader(text)), known: map[reflect.Type][]entry{}}
	r.dec.UseNumber()
	rules := Of(paging.Rules{})
	err := r.value(reflect.ValueOf(rules).Elem(), "")
	if err == nil {
		if _, err = r.dec.Token(); err == io.EOF {
			err = nil
		} else if err == nil {
			err = errors.New("more follows after the rules")
		}
	}
	if err != nil {
		return nil, fmt.Errorf("rulesfile: the rules are not JSON at byte %d: %w", r.dec.InputOffset(), err)
	}
	if check, ok := rules.Check().(Errors); ok {
		r.errs = append(r.errs, check...)
	}
	if len(r.errs) > 0 {
		return nil, r.errs[:min(len(r.errs), rulesFaults)]
	}
	return rules, nil
}

// Limits of rules that are read, besides those of Check.
const (
	rulesBytes   = 1 << 20
	rulesEntries = 2_000 // of one list or object
	rulesText    = 2_000 // bytes of one text
	rulesDepth   = 16    // nested lists and objects; rules have 4
	rulesFaults  = 100   // that are reported
)

var errTooDeep = fmt.Errorf("lists and objects stand more than %d deep in one another", rulesDepth)

// reader reads JSON into the rules' own types and notes what does not fit. encoding/json alone
// would stop at the first unknown entry and ignore a repeated one.
type reader struct {
	dec   *json.Decoder
	errs  Errors
	depth int
	known map[reflect.Type][]entry
}

// value reads one JSON value into v. The error is for text that is not JSON.
func (r *reader) value(v reflect.Value, entry string) error {
	token, err := r.dec.Token()
	if err != nil {
		return noEOF(err)
	}
	if v.IsValid() && v.Kind() == reflect.Pointer {
		if token == nil {
			r.mismatch(v, entry, "null")
			return nil
		}
		v.Set(reflect.New(v.Type().Elem()))
		v = v.Elem()
	}
	switch t := token.(type) {
	case json.Delim:
		if r.depth++; r.depth > rulesDepth {
			return errTooDeep
		}
		defer func() { r.depth-- }()
		if t == '{' {
			return r.object(v, entry)
		}
		return r.array(v, entry)
	case string:
		if v.IsValid() && v.Kind() == reflect.String {
			if len(t) > rulesText {
				r.wrong(v, entry, fmt.Sprintf("%d bytes", len(t)), fmt.Sprintf("at most %d bytes", rulesText))
				return nil
			}
			v.SetString(t)
			return nil
		}
	case bool:
		if v.IsValid() && v.Kind() == reflect.Bool {
			v.SetBool(t)
			return nil
		}
	case json.Number:
		if v.IsValid() && v.CanInt() {
			if n, err := strconv.ParseInt(t.String(), 10, 64); err == nil && !v.OverflowInt(n) {
				v.SetInt(n)
				return nil
			}
			r.wrong(v, entry, t.String(), "a whole number")
			return nil
		}
	}
	r.mismatch(v, entry, fmt.Sprintf("%.100v", jsonText(token)))
	return nil
}

func (r *reader) object(v reflect.Value, entry string) error {
	known := v.IsValid() && (v.Kind() == reflect.Struct || v.Kind() == reflect.Map)
	if v.IsValid() && !known {
		r.mismatch(v, entry, "an object")
	}
	if known && v.Kind() == reflect.Map {
		v.Set(reflect.MakeMap(v.Type()))
	}
	seen := map[string]bool{}
	for r.dec.More() {
		token, err := r.dec.Token()
		if err != nil {
			return noEOF(err)
		}
		name := token.(string)
		at := strings.TrimPrefix(entry+"."+bounded(name), ".")
		if len(seen) == rulesEntries {
			r.wrong(v, entry, "more entries", fmt.Sprintf("at most %d", rulesEntries))
			known = false
		}
		if seen[name] {
			r.wrong(v, at, "it twice", "it once")
		}
		if len(seen) <= rulesEntries {
			seen[name] = true
		}
		var into reflect.Value
		switch {
		case known && v.Kind() == reflect.Map:
			into = reflect.New(v.Type().Elem()).Elem()
		case known:
			if into = r.fieldOf(v, name); !into.IsValid() && len(r.errs) < rulesFaults {
				r.wrong(v, at, "an unknown entry", r.nearestEntry(v, name))
			}
		}
		if err := r.value(into, at); err != nil {
			return err
		}
		if known && v.Kind() == reflect.Map {
			v.SetMapIndex(reflect.ValueOf(name).Convert(v.Type().Key()), into)
		}
	}
	_, err := r.dec.Token()
	return noEOF(err)
}

func (r *reader) array(v reflect.Value, entry string) error {
	known := v.IsValid() && v.Kind() == reflect.Slice
	if v.IsValid() && !known {
		r.mismatch(v, entry, "a list")
	}
	for i := 0; r.dec.More(); i++ {
		if i == rulesEntries {
			r.wrong(v, entry, "more entries", fmt.Sprintf("at most %d", rulesEntries))
			known = false
		}
		var into reflect.Value
		if known {
			into = reflect.New(v.Type().Elem()).Elem()
		}
		if err := r.value(into, fmt.Sprintf("%s[%d]", entry, i)); err != nil {
			return err
		}
		if known {
			v.Set(reflect.Append(v, into))
		}
	}
	_, err := r.dec.Token()
	return noEOF(err)
}

func (r *reader) mismatch(v reflect.Value, entry, found string) {
	if !v.IsValid() {
		return // below an unknown entry, which has been reported
	}
	kind := v.Kind()
	if kind == reflect.Pointer {
		kind = v.Type().Elem().Kind()
	}
	want := map[reflect.Kind]string{
		reflect.String: "a string", reflect.Bool: "true or false", reflect.Int: "a whole number", reflect.Int64: "a whole number",
		reflect.Slice: "a list", reflect.Struct: "an object", reflect.Map: "an object",
	}[kind]
	r.wrong(v, entry, found, want)
}

func (r *reader) wrong(v reflect.Value, entry, found, want string) {
	if v.IsValid() && len(r.errs) < rulesFaults {
		r.errs = append(r.errs, Error{Entry: cmp.Or(entry, "the rules"), Found: found, Want: want})
	}
}

// entry is one entry that an object of rules may have.
type entry struct {
	name string
	at   []int // the index of its field, through embedded structs
}

// entriesOf are the entries of a struct, in the order of its fields.
func (r *reader) entriesOf(t reflect.Type) []entry {
	if r.known[t] == nil {
		var all []entry
		for _, f := range reflect.VisibleFields(t) {
			if name := entryName(f); name != "" {
				all = append(all, entry{name, f.Index})
			}
		}
		r.known[t] = all
	}
	return r.known[t]
}

// fieldOf finds a struct's field by its name in JSON.
func (r *reader) fieldOf(v reflect.Value, name string) reflect.Value {
	for _, e := range r.entriesOf(v.Type()) {
		if e.name == name {
			return v.FieldByIndex(e.at)
		}
	}
	return reflect.Value{}
}

// entryName is a field's name in JSON; "" if it is not there.
func entryName(f reflect.StructField) string {
	name, _, _ := strings.Cut(f.Tag.Get("json"), ",")
	return strings.TrimPrefix(name, "-")
}

// nearestEntry says which entry was probably meant, or which there are.
func (r *reader) nearestEntry(v reflect.Value, name string) string {
	var names []string
	for _, e := range r.entriesOf(v.Type()) {
		names = append(names, e.name)
	}
	if near := nearest.Name(name, names); near != "" {
		return strconv.Quote(near)
	}
	return "one of " + wordList(names)
}

func jsonText(token any) string {
	text, err := json.Marshal(token)
	if err != nil {
		return fmt.Sprint(token)
	}
	return string(text)
}

// noEOF turns the end of the text, where more was due, into an error of its own.
func noEOF(err error) error {
	if err == io.EOF {
		return io.ErrUnexpectedEOF
	}
	return err
}
