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
	// Len is the number of records.
	Len() int
	// Fields are the fields' names, in order.
	Fields() []string
	// AppendObject writes the i-th record as a JSON object.
	AppendObject(dst []byte, i int) []byte
	// AppendLine writes the i-th record as a line of CSV.
	AppendLine(dst []byte, i int) []byte
}

// RecordsOf prepares records of a type, with some fields or, if none are given, all: those of a
// struct in their order, those of maps sorted. Errors: the type is neither a struct nor a map, a
// struct lacks a field, or a value cannot be written as JSON.
func RecordsOf[T any](list []T, fields []string) (Records, error) {
	r := &rows{}
	return r, fill(r, list, fields, nil)
}

// rows are records whose values have been written as JSON.
type rows struct {
	n      int
	fields []string
	names  pieces // of the fields, as JSON, each with its colon
	values pieces // of each record, for each field
}

// pieces are texts in one buffer.
type pieces struct {
	text []byte
	ends []int // where each ends
}

func (p *pieces) at(i int) []byte {
	from := 0
	if i > 0 {
		from = p.ends[i-1]
	}
	return p.text[from:p.ends[i]]
}

// end ends the piece that has been written.
func (p *pieces) end() { p.ends = append(p.ends, len(p.text)) }

// fill writes records. Of fields that are dates, a time.Time is written as its date.
func fill[T any](r *rows, list []T, fields []string, dates func(field string) bool) error {
	var write func(i int) error // one record
	wrong := func(i, field int, err error) error {
		return fmt.Errorf("answer: record %d, field %.100q: %w", i+1, r.fields[field], err)
	}
	r.n, r.fields = len(list), fields
	switch t := reflect.TypeFor[T](); {
	case t.Kind() == reflect.Struct:
		places := record.PlacesOf(t)
		if len(fields) == 0 {
			r.fields = places.Names()
		}
		index, writers := make([][]int, len(r.fields)), make([]writer, len(r.fields))
		for i, name := range r.fields {
			if index[i] = places.Of(name); index[i] == nil {
				return fmt.Errorf("answer: found no field %.100q in %s", name, t)
			}
			own := t.FieldByIndex(index[i]).Type
			date := dates != nil && (own == reflect.TypeFor[time.Time]() || own == reflect.TypeFor[*time.Time]()) && dates(name)
			writers[i] = writerOf(own, date)
		}
		all := reflect.ValueOf(list)
		write = func(i int) (err error) {
			one := all.Index(i)
			for field, write := range writers {
				if r.values.text, err = write(r.values.text, one.FieldByIndex(index[field])); err != nil {
					return wrong(i, field, err)
				}
				r.values.end()
			}
			return nil
		}
	case t == reflect.TypeFor[map[string]any]():
		objects := any(list).([]map[string]any)
		if len(fields) == 0 {
			r.fields = record.Keys(objects)
		}
		write = func(i int) (err error) {
			for field, name := range r.fields {
				one := objects[i][name]
				if at, ok := one.(time.Time); ok && dates != nil && dates(name) {
					one = at.Format(time.DateOnly)
				}
				if r.values.text, err = appendAny(r.values.text, one); err != nil {
					return wrong(i, field, err)
				}
				r.values.end()
			}
			return nil
		}
	default:
		return fmt.Errorf("answer: found records of the type %s; right would be a struct or map[string]any", t)
	}
	for _, name := range r.fields {
		r.names.text = append(appendText(r.names.text, name), ':')
		r.names.end()
	}
	for i := range list {
		if err := write(i); err != nil {
			return err
		}
	}
	return nil
}

// clear prepares the memory for other records.
func (r *rows) clear() {
	*r = rows{names: pieces{r.names.text[:0], r.names.ends[:0]}, values: pieces{r.values.text[:0], r.values.ends[:0]}}
}

func (r *rows) Len() int         { return r.n }
func (r *rows) Fields() []string { return r.fields }

func (r *rows) AppendObject(dst []byte, i int) []byte {
	dst = append(dst, '{')
	for field := range r.fields {
		dst = append(append(comma(dst, field), r.names.at(field)...), r.values.at(i*len(r.fields)+field)...)
	}
	return append(dst, '}')
}

func (r *rows) AppendLine(dst []byte, i int) []byte {
	for field := range r.fields {
		dst = comma(dst, field)
		switch text := r.values.at(i*len(r.fields) + field); {
		case len(text) > 0 && text[0] == '"':
			var plain string
			json.Unmarshal(text, &plain) // a string of ours
			dst = csvcell.Append(dst, plain, false)
		default:
			dst = csvcell.Append(dst, string(text), string(text) == "null")
		}
	}
	return append(dst, '\n')
}

// writer appends a value as JSON.
type writer func(dst []byte, v reflect.Value) ([]byte, error)

// writerOf is how values of a type are written as JSON: like encoding/json, except that times are
// in UTC and floats that JSON cannot write (NaN, infinity) are strings.
func writerOf(t reflect.Type, date bool) writer {
	switch {
	case t == reflect.TypeFor[time.Time]() && date:
		return func(dst []byte, v reflect.Value) ([]byte, error) {
			at := v.Addr().Interface().(*time.Time)
			return append(at.AppendFormat(append(dst, '"'), time.DateOnly), '"'), nil
		}
	case t == reflect.TypeFor[time.Time]():
		return func(dst []byte, v reflect.Value) ([]byte, error) { // of a slice's or a pointer's, which has an address
			return appendTime(dst, v.Addr().Interface().(*time.Time)), nil
		}
	case t.Kind() == reflect.Pointer:
		pointed := writerOf(t.Elem(), date)
		return func(dst []byte, v reflect.Value) ([]byte, error) {
			if v.IsNil() {
				return append(dst, "null"...), nil
			}
			return pointed(dst, v.Elem())
		}
	case t.Implements(reflect.TypeFor[json.Marshaler]()), t == reflect.TypeFor[json.Number]():
		return func(dst []byte, v reflect.Value) ([]byte, error) { return appendAny(dst, v.Interface()) }
	}
	switch t.Kind() {
	case reflect.String:
		return func(dst []byte, v reflect.Value) ([]byte, error) { return appendText(dst, v.String()), nil }
	case reflect.Bool:
		return func(dst []byte, v reflect.Value) ([]byte, error) { return strconv.AppendBool(dst, v.Bool()), nil }
	case reflect.Int, reflect.Int8, reflect.Int16, reflect.Int32, reflect.Int64:
		return func(dst []byte, v reflect.Value) ([]byte, error) { return strconv.AppendInt(dst, v.Int(), 10), nil }
	case reflect.Uint, reflect.Uint8, reflect.Uint16, reflect.Uint32, reflect.Uint64:
		return func(dst []byte, v reflect.Value) ([]byte, error) { return strconv.AppendUint(dst, v.Uint(), 10), nil }
	case reflect.Float64, reflect.Float32:
		bits := t.Bits()
		return func(dst []byte, v reflect.Value) ([]byte, error) { return appendFloat(dst, v.Float(), bits), nil }
	}
	return func(dst []byte, v reflect.Value) ([]byte, error) { return appendAny(dst, v.Interface()) }
}

// appendAny writes a value of any type.
func appendAny(dst []byte, value any) ([]byte, error) {
	switch value := value.(type) {
	case nil:
		return append(dst, "null"...), nil
	case string:
		return appendText(dst, value), nil
	case bool:
		return strconv.AppendBool(dst, value), nil
	case json.Number:
		return append(dst, value...), nil
	case time.Time:
		return appendTime(dst, &value), nil
	case float64:
		return appendFloat(dst, value, 64), nil
	}
	text, err := json.Marshal(value)
	return append(dst, text...), err
}

func appendTime(dst []byte, at *time.Time) []byte {
	return append(at.UTC().AppendFormat(append(dst, '"'), time.RFC3339Nano), '"')
}

// appendFloat writes a number, with an exponent if it has very many digits, like encoding/json.
func appendFloat(dst []byte, f float64, bits int) []byte {
	switch size := math.Abs(f); {
	case math.IsNaN(f) || math.IsInf(f, 0):
		return appendText(dst, strconv.FormatFloat(f, 'f', -1, bits))
	case size != 0 && (size < 1e-6 || size >= 1e21):
		return strconv.AppendFloat(dst, f, 'e', -1, bits)
	}
	return strconv.AppendFloat(dst, f, 'f', -1, bits)
}
