package answer

import (
	"encoding/json"
	"fmt"
	"math"
	"reflect"
	"strconv"
	"time"

	"pageladder.example/internal/csvcell"
	"pageladder.example/internal/record"
)

// Records writes records, each with the same fields.
type Records interface {
	// Len is how many there are.
	Len() int
	// Fields are the fields' names, in their order.
	Fields() []string
	// AppendObject writes the i-th record as a JSON object.
	AppendObject(dst []byte, i int) []byte
	// AppendLine writes the i-th record as a line of CSV.
	AppendLine(dst []byte, i int) []byte
}

// RecordsOf readies records of a type, with some fields or, of none, all: a struct's in
// their order, a map's sorted. The error tells of a type that is no record, of a field that
// a struct does not have, or of a value that JSON does not hold.
func RecordsOf[T any](list []T, fields []string) (Records, error) {
	t := reflect.TypeFor[T]()
	r := &rows{n: len(list), fields: fields}
	var values func(i int) func(field int) reflect.Value
	switch {
	case t.Kind() == reflect.Struct:
		places := record.PlacesOf(t)
		if len(fields) == 0 {
			r.fields = places.Names()
		}
		index := make([][]int, len(r.fields))
		for i, name := range r.fields {
			if index[i] = places.Of(name); index[i] == nil {
				return nil, fmt.Errorf("answer: found no field %.100q in %s", name, t)
			}
		}
		all := reflect.ValueOf(list)
		values = func(i int) func(field int) reflect.Value {
			one := all.Index(i)
			return func(field int) reflect.Value { return one.FieldByIndex(index[field]) }
		}
	case t == reflect.TypeFor[map[string]any]():
		if len(fields) == 0 {
			r.fields = record.Keys(any(list).([]map[string]any))
		}
		values = func(i int) func(field int) reflect.Value {
			one := any(list[i]).(map[string]any)
			return func(field int) reflect.Value { return reflect.ValueOf(one[r.fields[field]]) }
		}
	default:
		return nil, fmt.Errorf("answer: found records of the type %s; right would be a struct or map[string]any", t)
	}
	r.names = make([][]byte, len(r.fields))
	for i, name := range r.fields {
		r.names[i] = append(appendText(nil, name), ':')
	}
	r.cells = make([][]byte, 0, len(list)*len(r.fields))
	var text []byte
	for i := range list {
		of := values(i)
		for field := range r.fields {
			from := len(text)
			var err error
			if text, err = appendValue(text, of(field)); err != nil {
				return nil, fmt.Errorf("answer: record %d, field %.100q: %w", i+1, r.fields[field], err)
			}
			r.cells = append(r.cells, text[from:len(text):len(text)])
		}
	}
	return r, nil
}

// rows are records whose values have been written as JSON.
type rows struct {
	n      int
	fields []string
	names  [][]byte // as JSON, each with its colon
	cells  [][]byte
}

func (r *rows) Len() int         { return r.n }
func (r *rows) Fields() []string { return r.fields }

func (r *rows) AppendObject(dst []byte, i int) []byte {
	dst = append(dst, '{')
	for field, name := range r.names {
		dst = append(append(comma(dst, field), name...), r.cells[i*len(r.fields)+field]...)
	}
	return append(dst, '}')
}

func (r *rows) AppendLine(dst []byte, i int) []byte {
	for field := range r.fields {
		text := r.cells[i*len(r.fields)+field]
		missing := string(text) == "null"
		dst = comma(dst, field)
		if len(text) > 0 && text[0] == '"' {
			var plain string
			json.Unmarshal(text, &plain) // a string of ours
			dst = csvcell.Append(dst, plain, false)
		} else if missing {
			dst = csvcell.Append(dst, "", true)
		} else {
			dst = csvcell.Append(dst, string(text), false)
		}
	}
	return append(dst, '\n')
}

// appendValue writes a value as JSON: as encoding/json does, but for times, which are
// written in UTC, and floats that are no JSON numbers, which become texts.
func appendValue(dst []byte, v reflect.Value) ([]byte, error) {
	for v.IsValid() && (v.Kind() == reflect.Pointer || v.Kind() == reflect.Interface) {
		if v.IsNil() {
			return append(dst, "null"...), nil
		}
		v = v.Elem()
	}
	if !v.IsValid() {
		return append(dst, "null"...), nil
	}
	value := v.Interface()
	switch value := value.(type) {
	case string:
		return appendText(dst, value), nil
	case json.Number:
		return append(dst, value...), nil
	case time.Time:
		return append(value.UTC().AppendFormat(append(dst, '"'), time.RFC3339Nano), '"'), nil
	case json.Marshaler:
		text, err := json.Marshal(value)
		return append(dst, text...), err
	}
	switch v.Kind() {
	case reflect.Bool:
		return strconv.AppendBool(dst, v.Bool()), nil
	case reflect.Int, reflect.Int8, reflect.Int16, reflect.Int32, reflect.Int64:
		return strconv.AppendInt(dst, v.Int(), 10), nil
	case reflect.Uint, reflect.Uint8, reflect.Uint16, reflect.Uint32, reflect.Uint64:
		return strconv.AppendUint(dst, v.Uint(), 10), nil
	case reflect.Float64, reflect.Float32:
		if f := v.Float(); math.IsNaN(f) || math.IsInf(f, 0) {
			return appendText(dst, strconv.FormatFloat(f, 'f', -1, 64)), nil
		}
	}
	text, err := json.Marshal(value)
	return append(dst, text...), err
}
