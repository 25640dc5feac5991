package sets

import (
	"encoding/json"

	"pageladder.example/internal/intake"
	"pageladder.example/paging"
)

// Record is one record's values in the order of its set's fields, in
// PostgreSQL's text format; a missing one is nil.
type Record [][]byte

// AppendJSON writes a record as a JSON object, its fields in their order.
func AppendJSON(dst []byte, fields []intake.Field, r Record) ([]byte, error) {
	dst = append(dst, '{')
	for i, f := range fields {
		if i > 0 {
			dst = append(dst, ',')
		}
		var err error
		if dst, err = appendString(dst, f.Name); err != nil {
			return nil, err
		}
		dst = append(dst, ':')
		if dst, err = appendValue(dst, f.Type, r[i]); err != nil {
			return nil, err
		}
	}
	return append(dst, '}'), nil
}

func appendValue(dst []byte, t intake.Type, v []byte) ([]byte, error) {
	switch {
	case v == nil:
		return append(dst, "null"...), nil
	case t == paging.Integer, t == paging.Decimal, t == paging.JSON:
		return append(dst, v...), nil
	case t == paging.Boolean && v[0] == 't':
		return append(dst, "true"...), nil
	case t == paging.Boolean:
		return append(dst, "false"...), nil
	case t == paging.Time:
		return append(appendTime(append(dst, '"'), v), '"'), nil
	}
	return appendString(dst, string(v))
}

// appendTime turns "2026-03-01 06:30:00+00", as a session in UTC writes it, into
// "2026-03-01T06:30:00Z".
func appendTime(dst, v []byte) []byte {
	if last := len(v) - 3; last > 10 && v[10] == ' ' && string(v[last:]) == "+00" {
		dst = append(append(dst, v[:10]...), 'T')
		return append(append(dst, v[11:last]...), 'Z')
	}
	return append(dst, v...)
}

// appendString writes a JSON string, RFC 8259 section 7. Text that needs no
// escape, as nearly all does, is copied.
func appendString(dst []byte, s string) ([]byte, error) {
	for i := range len(s) {
		if c := s[i]; c < ' ' || c == '"' || c == '\\' {
			quoted, err := json.Marshal(s)
			return append(dst, quoted...), err
		}
	}
	return append(append(append(dst, '"'), s...), '"'), nil
}

// Text is a value as plain text; a missing one is empty.
func Text(t intake.Type, v []byte) string {
	switch {
	case v == nil:
		return ""
	case t == paging.Boolean && v[0] == 't':
		return "true"
	case t == paging.Boolean:
		return "false"
	case t == paging.Time:
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
		dst = intake.AppendCell(dst, Text(f.Type, r[i]), r[i] == nil)
	}
	return append(dst, '\n')
}
