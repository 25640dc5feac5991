package statement

import (
	"database/sql/driver"
	"fmt"
	"strconv"
	"strings"
	"time"

	"pageladder.example/paging/value"
)

// Text writes a value of a field, as a driver returned it, in the canonical form that a query has
// it in and that From takes; nil is a missing one. The error is for a value that no query can
// contain: a NaN, or one of another type than the field.
func (l *List) Text(field string, v any) (*string, error) {
	c, err := l.field(field)
	if err != nil || v == nil {
		return nil, err
	}
	text, err := c.text(v)
	if err != nil {
		return nil, err
	}
	if text == nil || c.field.Native && c.kind == value.Text {
		return text, nil
	}
	canonical, want := c.kind.Canonical(*text)
	if want != "" {
		return nil, mistake(fieldAt(field), "found %.100q; right would be %s", *text, want)
	}
	return &canonical, nil
}

// text writes a value, which may not be in canonical form yet.
func (c *column) text(v any) (*string, error) {
	var text string
	switch v := v.(type) {
	case nil:
		return nil, nil
	case string:
		text = v
	case []byte:
		text = string(v)
	case int64:
		return c.textOfInteger(v), nil
	case int32:
		return c.textOfInteger(int64(v)), nil
	case int16:
		return c.textOfInteger(int64(v)), nil
	case int:
		return c.textOfInteger(int64(v)), nil
	case uint64:
		text = strconv.FormatUint(v, 10)
	case float64:
		text = strconv.FormatFloat(v, 'f', -1, 64)
	case float32:
		text = strconv.FormatFloat(float64(v), 'f', -1, 32)
	case bool:
		text = strconv.FormatBool(v)
	case time.Time:
		if c.kind == value.Date {
			text = v.Format(time.DateOnly)
		} else {
			text = v.UTC().Format(time.RFC3339Nano)
		}
	case driver.Valuer:
		inner, err := v.Value()
		if err != nil {
			return nil, err
		}
		if _, again := inner.(driver.Valuer); again {
			return nil, mistake(fieldAt(c.name), "found a value of the type %T", v)
		}
		return c.text(inner)
	case [16]byte:
		text = fmt.Sprintf("%x-%x-%x-%x-%x", v[:4], v[4:6], v[6:8], v[8:10], v[10:])
	case fmt.Stringer:
		text = v.String()
	default:
		return nil, mistake(fieldAt(c.name), "found a value of the type %T", v)
	}
	switch c.kind {
	case value.Boolean:
		switch text {
		case "t", "1":
			text = "true"
		case "f", "0":
			text = "false"
		}
	case value.Date:
		if len(text) > len(time.DateOnly) { // followed by midnight
			text = text[:len(time.DateOnly)]
		}
	case value.Decimal, value.BigDecimal:
		if strings.ContainsAny(text, "eE") {
			if f, err := strconv.ParseFloat(text, 64); err == nil {
				text = strconv.FormatFloat(f, 'f', -1, 64)
			}
		}
	case value.Time:
		text = c.textOfTime(text)
	}
	return &text, nil
}

func (c *column) textOfInteger(n int64) *string {
	text := strconv.FormatInt(n, 10)
	switch {
	case c.kind == value.Boolean:
		text = strconv.FormatBool(n != 0)
	case c.kind == value.Time && c.layout == "unix":
		text = time.Unix(n, 0).UTC().Format(time.RFC3339Nano)
	case c.kind == value.Time && c.layout == "unixmilli":
		text = time.UnixMilli(n).UTC().Format(time.RFC3339Nano)
	}
	return &text
}

// textOfTime writes a time as in RFC 3339; one that it cannot read stays as it is.
func (c *column) textOfTime(text string) string {
	const plain = len("2026-03-01 10:00:00")
	if len(text) > plain && text[len(time.DateOnly)] == ' ' && text[plain-3] == ':' && strings.HasSuffix(text, "+00") { // PostgreSQL's usual form
		return text[:len(time.DateOnly)] + "T" + strings.TrimSuffix(text[len(time.DateOnly)+1:], "+00") + "Z"
	}
	if c.layout != "" {
		if at, err := time.Parse(c.layout, text); err == nil {
			return at.UTC().Format(time.RFC3339Nano)
		}
	}
	for _, layout := range []string{time.RFC3339Nano, "2006-01-02 15:04:05.999999999Z07", "2006-01-02 15:04:05.999999999Z07:00", "2006-01-02 15:04:05.999999999"} {
		if at, err := time.Parse(layout, text); err == nil {
			return at.UTC().Format(time.RFC3339Nano)
		}
	}
	return text
}
