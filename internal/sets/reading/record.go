package reading

import (
	"encoding/json"

	"pageladder.example/internal/csvcell"
	"pageladder.example/internal/intake"
	"pageladder.example/paging/value"
)

// Record is one record's values in the order of its set's fields, in
// PostgreSQL's text format; a missing one is nil.
type Record [][]byte

// Objects writes records of some fields as JSON objects, the fields in their order.
type Objects struct {
	fields []intake.Field
	names  []byte // {"id":,"berth":,"cargo":
	ends   []int  // where each name ends
}

// ObjectsOf readies the fields' names, so that they are quoted once.
func ObjectsOf(fields []intake.Field) Objects {
	o := Objects{fields, make([]byte, 0, 16*len(fields)), make([]int, len(fields))}
	before := byte('{')
	for i, f := range fields {
		o.names = append(appendString(append(o.names, before), f.Name), ':')
		o.ends[i] = len(o.names)
		before = ','
	}
	return o
}

// Append writes a record.
func (o *Objects) Append(dst []byte, r Record) []byte {
	if len(o.fields) == 0 {
		dst = append(dst, '{')
	}
	begin := 0
	for i, f := range o.fields {
		dst = appendValue(append(dst, o.names[begin:o.ends[i]]...), f.Type, r[i])
		begin = o.ends[i]
	}
	return append(dst, '}')
}

func appendValue(dst []byte, t value.Type, v []byte) []byte {
	switch {
	case v == nil:
		return append(dst, "null"...)
	case t == value.Decimal && v[len(v)-1] > '9': // NaN and the infinities, of a float: no JSON numbers
		return appendString(dst, v)
	case t == value.Integer, t == value.Decimal, t == value.JSON:
		return append(dst, v...)
	case t == value.Boolean && v[0] == 't':
		return append(dst, "true"...)
	case t == value.Boolean:
		return append(dst, "false"...)
	case t == value.Time:
		return append(appendTime(append(dst, '"'), v), '"')
	}
	return appendString(dst, v)
}

// appendTime turns "2026-03-01 06:30:00+00", as a session in UTC writes it, into
// "2026-03-01T06:30:00Z". A time without a zone is taken for one in UTC. Others, such as infinity, stay
// as they are.
func appendTime(dst, v []byte) []byte {
	const date, clock = len("2026-03-01"), len("2026-03-01 06:30:00")
	if len(v) < clock || v[date] != ' ' || v[clock-3] != ':' {
		return append(dst, v...)
	}
	end := len(v)
	if string(v[end-3:]) == "+00" {
		end -= 3
	} else if last := v[end-1]; last < '0' || last > '9' || v[clock-1] < '0' || end > clock && v[clock] != '.' { // another zone, BC
		return append(dst, v...)
	}
	dst = append(append(dst, v[:date]...), 'T')
	return append(append(dst, v[date+1:end]...), 'Z')
}

// appendString writes a JSON string, RFC 8259 section 7. Text that needs no
// escape, as nearly all does, is copied.
func appendString[T string | []byte](dst []byte, s T) []byte {
	for i := range len(s) {
		if c := s[i]; c < ' ' || c == '"' || c == '\\' {
			quoted, _ := json.Marshal(string(s)) // a string can always be written
			return append(dst, quoted...)
		}
	}
	return append(append(append(dst, '"'), s...), '"')
}

// Text is a value as plain text; a missing one is empty.
func Text(t value.Type, v []byte) string {
	switch {
	case v == nil:
		return ""
	case t == value.Boolean && v[0] == 't':
		return "true"
	case t == value.Boolean:
		return "false"
	case t == value.Time:
		return string(appendTime(nil, v))
	}
	return string(v)
}

// AppendCSV writes a record as a line of CSV.
func AppendCSV(dst []byte, fields []intake.Field, r Record) []byte {
	for i, f := range fields {
		if i > 0 {
			dst = append(dst, ',')
		}
		dst = csvcell.Append(dst, Text(f.Type, r[i]), r[i] == nil)
	}
	return append(dst, '\n')
}
