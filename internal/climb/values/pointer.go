package values

import (
	"encoding/json"
	"fmt"
	"math"
	"strconv"
	"strings"
)

// maxSteps is how deep a JSON Pointer may lead.
const maxSteps = 8

// ParsePointer takes a JSON Pointer apart, RFC 6901; "" is the whole answer.
func ParsePointer(text string) ([]string, error) {
	if text == "" {
		return nil, nil
	}
	rest, ok := strings.CutPrefix(text, "/")
	steps := strings.Split(rest, "/")
	if !ok || len(steps) > maxSteps || len(text) > 200 {
		return nil, fmt.Errorf(`%.60q is no JSON Pointer such as "/meta/total", of at most 200 bytes and %d steps`, text, maxSteps)
	}
	for i, s := range steps {
		if strings.Count(s, "~") != strings.Count(s, "~0")+strings.Count(s, "~1") {
			return nil, fmt.Errorf(`%.60q has a "~" that is neither "~0" nor "~1"`, text)
		}
		steps[i] = strings.NewReplacer("~1", "/", "~0", "~").Replace(s)
	}
	return steps, nil
}

// FieldPath is the way to a field of a record: a name, or a JSON Pointer.
func FieldPath(field string) ([]string, error) {
	if strings.HasPrefix(field, "/") {
		return ParsePointer(field)
	}
	if field == "" {
		return nil, fmt.Errorf("it is empty")
	}
	return []string{field}, nil
}

// At follows a path into a value that encoding/json has decoded.
func At(value any, path []string) (any, bool) {
	for _, step := range path {
		switch v := value.(type) {
		case map[string]any:
			next, ok := v[step]
			if !ok {
				return nil, false
			}
			value = next
		case []any:
			i, err := strconv.Atoi(step)
			if err != nil || i < 0 || i >= len(v) {
				return nil, false
			}
			value = v[i]
		default:
			return nil, false
		}
	}
	return value, true
}

// FieldOf is a record's field; of a record that has it not, or has null there, nil.
func FieldOf(record any, field string) any {
	path, err := FieldPath(field)
	if err != nil {
		return nil
	}
	if object, ok := record.(map[string]any); ok {
		if v, ok := object[field]; ok {
			return v
		}
	}
	v, _ := At(record, path)
	return v
}

// PointerTo writes a path as a JSON Pointer.
func PointerTo(path []string) string {
	var b strings.Builder
	for _, step := range path {
		b.WriteByte('/')
		b.WriteString(strings.NewReplacer("~", "~0", "/", "~1").Replace(step))
	}
	return b.String()
}

// Whole reads a whole number: of JSON, or text of digits. One too large saturates.
func Whole(value any) (int64, bool) {
	var text string
	switch v := value.(type) {
	case json.Number:
		text = v.String()
	case string:
		text = v
	default:
		return 0, false
	}
	n, err := strconv.ParseInt(text, 10, 64)
	if err == nil {
		return n, true
	}
	if isRange(err) {
		return n, true // strconv gives the nearest
	}
	if f, err := strconv.ParseFloat(text, 64); err == nil && f == math.Trunc(f) && math.Abs(f) < 1<<53 {
		return int64(f), true
	}
	return 0, false
}

func isRange(err error) bool {
	wrong, ok := err.(*strconv.NumError)
	return ok && wrong.Err == strconv.ErrRange
}

// Plain writes a scalar value as text; ok is false for null, objects and arrays.
func Plain(value any) (string, bool) {
	switch v := value.(type) {
	case string:
		return v, true
	case json.Number:
		return v.String(), true
	case bool:
		return strconv.FormatBool(v), true
	}
	return "", false
}
