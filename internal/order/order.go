// Package order keeps what is known of the order of a list: keys, which stand for the values of a
// record in the fields of the order, and counted blocks, by which any position is found without
// counting from the start. It uses no database.
package order

import (
	"bytes"
	"encoding/binary"
	"errors"
	"fmt"
	"slices"
	"strconv"
	"strings"

	"pageladder.example/paging/text"
	"pageladder.example/paging/value"
)

// Field is one field of an order.
type Field struct {
	// Type is the type of its values; "" if only the database knows their order, and they are kept
	// as they are written.
	Type       value.Type
	Desc       bool
	NullsFirst bool
}

// Order is the fields that a list is sorted by, the key of its records at the end.
type Order []Field

// Exact reports whether keys compare as bytes. Text does not: it is sorted by the database's
// collation.
func (o Order) Exact() bool {
	for _, f := range o {
		if !f.exact() {
			return false
		}
	}
	return true
}

func (f Field) exact() bool { return slices.Contains(known, f.Type) }

// known are the types whose order this package knows: append, part and text have a case for each. Values of
// others are kept as they are written, and only the database knows their order.
var known = []value.Type{value.Integer, value.Decimal, value.BigInteger, value.BigDecimal, value.Boolean, value.Date, value.Time}

// The first byte of a field's value within a key. Missing values are before or after all others.
const (
	missingFirst = 0x00
	given        = 0x80 // of a number, combined with its sign and length: 0x80 is 0 bytes
	missingLast  = 0xff
)

// errNoKey is the error for a value that cannot be part of a key.
var errNoKey = errors.New("order: no value of its type")

// Key is the key of a record, built from its values in the fields of the order, as PostgreSQL writes
// them as text with UTC and ISO dates; nil is a missing value. Keys of an Exact order compare as
// their records do. The error is for a value that is not of its field's type.
func (o Order) Key(values [][]byte) ([]byte, error) {
	key := make([]byte, 0, 24)
	for i, f := range o {
		v := values[i]
		if v == nil {
			if f.NullsFirst {
				key = append(key, missingFirst)
			} else {
				key = append(key, missingLast)
			}
			continue
		}
		from := len(key)
		var err error
		if key, err = f.append(key, v); err != nil {
			return nil, fmt.Errorf("%w: field %d, %s: found %.100q", err, i+1, f.Type, v)
		}
		if f.Desc && f.exact() {
			invert(key[from:])
		}
	}
	return key, nil
}

func invert(of []byte) {
	for i := range of {
		of[i] = ^of[i]
	}
}

// append appends a value. Its first byte is between the marks of missing values.
func (f Field) append(key, v []byte) ([]byte, error) {
	text := string(v)
	switch f.Type {
	case value.Integer:
		n, err := strconv.ParseInt(text, 10, 64)
		if err != nil {
			return nil, errNoKey
		}
		return appendInt(key, n), nil
	case value.Boolean:
		if v[0] == 't' {
			return append(key, given+1), nil
		}
		return append(key, given), nil
	case value.Date, value.Time:
		read := momentOf
		if f.Type == value.Date {
			read = dayOf
		}
		n, ok := read(text)
		if !ok {
			return nil, errNoKey
		}
		return appendInt(key, n), nil
	case value.Decimal, value.BigInteger, value.BigDecimal:
		return appendDecimal(key, text)
	}
	return append(append(append(key, given), v...), 0), nil // PostgreSQL's text has no zero byte
}

// appendInt appends an integer so that longer ones are further from zero: its sign and length as
// one byte, then its bytes.
func appendInt(key []byte, n int64) []byte {
	var all [8]byte
	u := uint64(n)
	if n < 0 {
		u = ^u
	}
	binary.BigEndian.PutUint64(all[:], u)
	length := 8
	for length > 0 && all[8-length] == 0 {
		length--
	}
	if n >= 0 {
		return append(append(key, given+byte(length)), all[8-length:]...)
	}
	key = append(key, given-1-byte(length))
	from := len(key)
	key = append(key, all[8-length:]...)
	invert(key[from:])
	return key
}

// readInt reads an integer, and returns what follows it.
func readInt(key []byte) (n int64, rest []byte) {
	length, negative := int(key[0])-given, key[0] < given
	if negative {
		length = given - 1 - int(key[0])
	}
	var u uint64
	for _, b := range key[1 : 1+length] {
		if negative {
			b = ^b
		}
		u = u<<8 | uint64(b)
	}
	if negative {
		u = ^u
	}
	return int64(u), key[1+length:]
}

// notFinite are the numbers that are written as one byte, in their order among others.
var notFinite = map[byte]string{given - 2: "-Infinity", given + 2: "Infinity", given + 3: "NaN"}

// appendDecimal appends a decimal: its sign, the position of its point, its digits.
func appendDecimal(key []byte, text string) ([]byte, error) {
	for first, name := range notFinite {
		if text == name {
			return append(key, first), nil
		}
	}
	digits, negative := strings.CutPrefix(text, "-")
	whole, fraction, _ := strings.Cut(digits, ".")
	digits = whole + fraction
	point := len(whole)
	if digits == "" || strings.Trim(digits, "0123456789") != "" {
		return nil, errNoKey
	}
	for len(digits) > 0 && digits[0] == '0' {
		digits, point = digits[1:], point-1
	}
	digits = strings.TrimRight(digits, "0")
	if digits == "" {
		return append(key, given), nil
	}
	if negative {
		key = append(key, given-1)
	} else {
		key = append(key, given+1)
	}
	from := len(key)
	key = appendInt(key, int64(point))
	for i := 0; i < len(digits); i += 2 { // two digits to a byte, from 1 to 100; 0 ends them
		pair := 10 * (digits[i] - '0')
		if i+1 < len(digits) {
			pair += digits[i+1] - '0'
		}
		key = append(key, pair+1)
	}
	key = append(key, 0)
	if negative {
		invert(key[from:])
	}
	return key, nil
}

// part is the number of bytes of the key's first field.
func (f Field) part(key []byte) int {
	first := key[0]
	if first == missingFirst || first == missingLast {
		return 1
	}
	flip := byte(0)
	if f.Desc && f.exact() {
		flip = 0xff
	}
	switch first ^= flip; f.Type {
	case value.Boolean:
		return 1
	case value.Integer, value.Date, value.Time:
		return 1 + intLength(first)
	case value.Decimal, value.BigInteger, value.BigDecimal:
		if first != given-1 && first != given+1 {
			return 1
		}
		if first < given {
			flip = ^flip
		}
		from := 2 + intLength(key[1]^flip)
		return from + bytes.IndexByte(key[from:], flip) + 1
	}
	return bytes.IndexByte(key, 0) + 1
}

func intLength(first byte) int {
	if first >= given {
		return int(first - given)
	}
	return int(given - 1 - first)
}

// Values are the values that a key was built from, in the canonical form of their types, or as
// PostgreSQL writes those that have none (infinity, NaN, years before 1 and after 9999); nil if missing.
func (o Order) Values(key []byte) []*string {
	values := make([]*string, len(o))
	for i, f := range o {
		n := f.part(key)
		part := key[:n]
		key = key[n:]
		if n == 1 && (part[0] == missingFirst || part[0] == missingLast) {
			continue
		}
		if f.Desc && f.exact() {
			part = bytes.Clone(part)
			invert(part)
		}
		text := f.text(part)
		values[i] = &text
	}
	return values
}

func (f Field) text(part []byte) string {
	switch f.Type {
	case value.Boolean:
		return strconv.FormatBool(part[0] > given)
	case value.Integer:
		n, _ := readInt(part)
		return strconv.FormatInt(n, 10)
	case value.Date:
		n, _ := readInt(part)
		return dayText(n)
	case value.Time:
		n, _ := readInt(part)
		return momentText(n)
	case value.Decimal, value.BigInteger, value.BigDecimal:
		return decimalText(part)
	}
	return string(part[1 : len(part)-1])
}

func decimalText(part []byte) string {
	if part[0] == given {
		return "0"
	}
	if text, ok := notFinite[part[0]]; ok {
		return text
	}
	var b strings.Builder
	rest := part[1:]
	if part[0] < given {
		b.WriteByte('-')
		rest = bytes.Clone(rest)
		invert(rest)
	}
	point, rest := readInt(rest)
	digits := make([]byte, 0, 2*len(rest))
	for _, pair := range rest[:len(rest)-1] {
		digits = append(digits, '0'+(pair-1)/10, '0'+(pair-1)%10)
	}
	digits = bytes.TrimRight(digits, "0")
	switch n := int64(len(digits)); {
	case point <= 0:
		b.WriteString("0." + strings.Repeat("0", int(-point)))
		b.Write(digits)
	case point >= n:
		b.Write(digits)
		b.WriteString(strings.Repeat("0", int(point-n)))
	default:
		b.Write(digits[:point])
		b.WriteByte('.')
		b.Write(digits[point:])
	}
	return b.String()
}

// Compare compares two keys. If the order is not Exact it may be a guess, by the Unicode root
// collation: the database decides.
func (o Order) Compare(a, b []byte) int {
	sign, _, _ := o.Known(a, b)
	return sign
}

// Known compares two keys, and returns the first field that they differ in. known is false if that
// field has texts in both, so that the database might decide otherwise.
func (o Order) Known(a, b []byte) (sign, field int, known bool) {
	for i, f := range o {
		m, n := f.part(a), f.part(b)
		c := bytes.Compare(a[:m], b[:n])
		if c != 0 && !f.exact() && a[0] == given && b[0] == given {
			if c = text.Compare(string(a[1:m-1]), string(b[1:n-1])); f.Desc {
				c = -c
			}
			return c, i, false
		}
		if c != 0 {
			return c, i, true
		}
		a, b = a[m:], b[n:]
	}
	return 0, len(o), true
}
