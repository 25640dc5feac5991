// Package value has the types of a field's values, and the canonical form of each.
package value

import (
	"cmp"
	"encoding/json"
	"slices"
	"strconv"
	"strings"
	"time"
	"unicode/utf8"
)

// Type is the type of a field's values. The zero Type is none.
type Type string

// The types, and how a query writes their values.
const (
	Text       Type = "text"        // anything but NUL, valid UTF-8
	Integer    Type = "integer"     // digits with an optional sign, within ±(2^53−1)
	Decimal    Type = "decimal"     // digits, sign and point optional, up to 15 significant digits
	BigInteger Type = "big_integer" // digits with an optional sign, up to 1,000 of them
	BigDecimal Type = "big_decimal" // digits, sign and point optional, up to 1,000 of them
	Boolean    Type = "boolean"     // true or false
	Date       Type = "date"        // RFC 3339 full-date: 2026-03-01
	Time       Type = "time"        // RFC 3339 date-time; a date alone is its midnight in UTC, and in a filter the whole day
	JSON       Type = "json"        // a list or an object; its only filter is "none"
)

var types = []Type{Text, Integer, Decimal, BigInteger, BigDecimal, Boolean, Date, Time, JSON}

// Types lists the types.
func Types() []Type { return slices.Clone(types) }

// Parse reads a type's name. If it is wrong, want says what would be right.
func Parse(name string) (t Type, want string) {
	if t = Type(name); slices.Contains(types, t) {
		return t, ""
	}
	for i, known := range types {
		switch {
		case i == len(types)-1:
			want += " or "
		case i > 0:
			want += ", "
		}
		want += string(known)
	}
	return "", want
}

// MaxInteger is the largest integer that every reader of JSON keeps exactly, RFC 8259
// section 6.
const MaxInteger = 1<<53 - 1

const bigDigits = 1000 // longest big number that is read

// Canonical checks a value and returns it in its type's canonical form. If it is wrong, want says
// what would be right.
func (t Type) Canonical(s string) (value, want string) {
	trimmed := strings.Trim(s, " \t")
	switch t {
	case Text:
		if strings.IndexByte(s, 0) >= 0 || !utf8.ValidString(s) {
			return "", "text in UTF-8 without a NUL"
		}
		return s, ""
	case Integer, BigInteger:
		digits, ok := number(trimmed, false)
		if !ok {
			return "", "a whole number"
		}
		if n, err := strconv.ParseInt(digits, 10, 64); t == Integer && (err != nil || n > MaxInteger || n < -MaxInteger) {
			return "", "a whole number within ±9007199254740991"
		}
		return digits, ""
	case Decimal, BigDecimal:
		digits, ok := number(trimmed, true)
		if !ok {
			return "", "a number such as -12.5"
		}
		if t == Decimal && len(strings.Trim(strings.Replace(digits, ".", "", 1), "-0")) > 15 {
			return "", "a number of at most 15 significant digits"
		}
		return digits, ""
	case Boolean:
		if trimmed != "true" && trimmed != "false" {
			return "", "true or false"
		}
		return trimmed, ""
	case Date:
		if !isDate(trimmed) {
			return "", "a date such as 2026-03-01"
		}
		return trimmed, ""
	case Time:
		if isDate(trimmed) {
			return trimmed + "T00:00:00Z", ""
		}
		// The "+" of an offset that was not escaped has been read as a space.
		at, err := time.Parse(time.RFC3339Nano, strings.ToUpper(strings.Replace(trimmed, " ", "+", 1)))
		if err == nil {
			at = at.UTC()
		}
		if err != nil || at.Year() < 1 || at.Year() > 9999 {
			return "", "a time such as 2026-03-01T06:30:00Z"
		}
		return at.Format(time.RFC3339Nano), ""
	}
	if t == JSON && json.Valid([]byte(s)) {
		if !storable(s) {
			return "", "JSON without \\u0000 and with numbers of at most 1,000 digits"
		}
		return s, ""
	}
	return "", "a value of type " + string(t)
}

// isDate checks an RFC 3339 full-date of the years 1 to 9999.
func isDate(s string) bool {
	at, err := time.Parse(time.DateOnly, s)
	return err == nil && at.Year() >= 1
}

// storable reports whether a database can store JSON: without an escaped NUL in a string, and
// without a number of more than 1,000 digits or with an exponent beyond ±1,000.
func storable(text string) bool {
	inString := false
	for i := 0; i < len(text); i++ {
		c := text[i]
		switch {
		case c == '"':
			inString = !inString
		case inString && c == '\\':
			if strings.HasPrefix(text[i+1:], "u0000") {
				return false
			}
			i++ // whatever is escaped
		case !inString && (c == '-' || '0' <= c && c <= '9'):
			end := i + 1
			for end < len(text) && strings.IndexByte("0123456789+-.eE", text[end]) >= 0 {
				end++
			}
			digits, exponent, _ := strings.Cut(strings.ToLower(text[i:end]), "e")
			if n, err := strconv.Atoi(cmp.Or(exponent, "0")); err != nil || n < -bigDigits || n > bigDigits || len(digits) > bigDigits {
				return false
			}
			i = end - 1
		}
	}
	return true
}

// number checks ASCII digits with an optional sign and, if a fraction is allowed, an optional
// point between digits. It removes what has no meaning: a "+", leading zeros, zeros at the end of
// a fraction.
func number(s string, fraction bool) (canonical string, ok bool) {
	sign := ""
	if s != "" && (s[0] == '+' || s[0] == '-') {
		if s[0] == '-' {
			sign = "-"
		}
		s = s[1:]
	}
	whole, rest, pointed := strings.Cut(s, ".")
	if len(s) > bigDigits || !digits(whole) || pointed && (!fraction || !digits(rest)) {
		return "", false
	}
	whole, rest = strings.TrimLeft(whole, "0"), strings.TrimRight(rest, "0")
	if whole == "" {
		whole = "0"
	}
	if rest != "" {
		whole += "." + rest
	}
	if whole == "0" {
		sign = ""
	}
	return sign + whole, true
}

func digits(s string) bool {
	for i := range len(s) {
		if s[i] < '0' || s[i] > '9' {
			return false
		}
	}
	return s != ""
}
