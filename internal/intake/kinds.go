package intake

import (
	"encoding/json"
	"time"

	"pageladder.example/paging/value"
)

// kinds is a set of types that a value could have, besides text.
type kinds uint8

const (
	couldBoolean kinds = 1 << iota
	couldInteger
	couldBigInteger
	couldDecimal
	couldBigDecimal
	couldDate
	couldTime
	couldJSON

	allKinds kinds = 1<<8 - 1
)

// narrowest is the type to take: the first that all values fit, or text.
func (k kinds) narrowest() value.Type {
	for _, t := range []struct {
		kind kinds
		value.Type
	}{
		{couldBoolean, value.Boolean}, {couldInteger, value.Integer}, {couldBigInteger, value.BigInteger}, {couldDecimal, value.Decimal},
		{couldBigDecimal, value.BigDecimal}, {couldDate, value.Date}, {couldTime, value.Time}, {couldJSON, value.JSON},
	} {
		if k&t.kind != 0 {
			return t.Type
		}
	}
	return value.Text
}

// kindsOf are the types that a value could have. Numbers with a "+" or with
// leading zeros are identifiers, not numbers: telling them apart would lose them.
func kindsOf(s string) kinds {
	if s == "" {
		return 0
	}
	switch c := s[0]; {
	case s == "true" || s == "false":
		return couldBoolean
	case c == '{' || c == '[':
		if json.Valid([]byte(s)) {
			return couldJSON
		}
	case c == '-' || '0' <= c && c <= '9':
		if k := numberKinds(s); k != 0 {
			return k
		}
		if len(s) >= 10 && s[4] == '-' {
			return timeKinds(s)
		}
	}
	return 0
}

func numberKinds(s string) kinds {
	digits := s
	if digits[0] == '-' {
		digits = digits[1:]
	}
	if len(digits) > 1000 { // as many as a big number may have
		return 0
	}
	point := -1
	for i := range len(digits) {
		switch c := digits[i]; {
		case c == '.' && point < 0 && i > 0 && i < len(digits)-1:
			point = i
		case c < '0' || c > '9':
			return 0
		}
	}
	whole := len(digits)
	if point >= 0 {
		whole = point
	}
	if whole == 0 || whole > 1 && digits[0] == '0' {
		return 0
	}
	k := couldBigDecimal
	if len(digits) <= 15 || fits(value.Decimal, s) {
		k |= couldDecimal
	}
	if point < 0 {
		k |= couldBigInteger
		if len(digits) <= 15 || fits(value.Integer, s) {
			k |= couldInteger
		}
	}
	return k
}

func timeKinds(s string) kinds {
	if len(s) == len(time.DateOnly) {
		if _, err := time.Parse(time.DateOnly, s); err == nil {
			return couldDate | couldTime
		}
		return 0
	}
	if s[10] != 'T' && s[10] != 't' {
		return 0
	}
	if _, err := time.Parse(time.RFC3339, s); err == nil || fits(value.Time, s) {
		return couldTime
	}
	return 0
}

func fits(t value.Type, s string) bool {
	_, want := t.Canonical(s)
	return want == ""
}
