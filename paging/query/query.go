// Package query reads and writes the query strings of lists.
//
// net/url is not used: it drops pairs that it cannot decode or that contain a semicolon, sorts
// what it writes, and re-encodes what it keeps. This package drops nothing in silence, and what is
// not changed keeps its place and its bytes.
package query

import (
	"iter"
	"strings"
)

// Pair is a parameter's name and value, decoded.
type Pair struct {
	Name  string `json:"name"`
	Value string `json:"value"`
}

// Part is one parameter as it is written in a query. The zero Part is an empty one.
type Part struct {
	raw  string // name, and "=value" where there is one
	eq   int    // where the first '=' stands; len(raw) where there is none
	name string // decoded
}

// Raw is the parameter as it stands in the query.
func (p Part) Raw() string { return p.raw }

// RawName is the name as it stands in the query.
func (p Part) RawName() string { return p.raw[:p.eq] }

// Name is the name, decoded.
func (p Part) Name() string { return p.name }

// Value is the value, decoded; "" where there is none.
func (p Part) Value() string {
	if p.eq == len(p.raw) {
		return ""
	}
	return Decode(p.raw[p.eq+1:])
}

// Parts splits a query, without its leading "?", on '&' only. Empty pieces are left out.
func Parts(query string) iter.Seq[Part] {
	return func(yield func(Part) bool) {
		for piece := range strings.SplitSeq(query, "&") {
			if piece == "" {
				continue
			}
			eq := strings.IndexByte(piece, '=')
			if eq < 0 {
				eq = len(piece)
			}
			if !yield(Part{raw: piece, eq: eq, name: Decode(piece[:eq])}) {
				return
			}
		}
	}
}

// Pairs are the parameters of a query, decoded, in their order.
func Pairs(query string) []Pair {
	var pairs []Pair
	for p := range Parts(query) {
		pairs = append(pairs, Pair{p.Name(), p.Value()})
	}
	return pairs
}

// Values are the values that a query gives to a parameter, in their order.
func Values(query, name string) []string {
	var values []string
	for p := range Parts(query) {
		if p.Name() == name {
			values = append(values, p.Value())
		}
	}
	return values
}

// Encode writes pairs as a query, in their order.
func Encode(pairs ...Pair) string {
	var dst []byte
	for i, p := range pairs {
		if i > 0 {
			dst = append(dst, '&')
		}
		dst = AppendValue(append(AppendValue(dst, p.Name), '='), p.Value)
	}
	return string(dst)
}

// With is a query in which a parameter has these values and no others, at its end; every other
// parameter keeps its bytes.
func With(query, name string, values ...string) string {
	var dst []byte
	for p := range Parts(query) {
		if p.Name() != name {
			dst = append(append(dst, p.Raw()...), '&')
		}
	}
	for _, v := range values {
		dst = append(AppendValue(append(AppendValue(dst, name), '='), v), '&')
	}
	return strings.TrimSuffix(string(dst), "&")
}

// Decode undoes form encoding: '+' is a space, "%41" is "A". A '%' that is not part of a complete
// escape stands for itself. If there is nothing to decode, the text is returned without a copy.
func Decode(s string) string {
	at := strings.IndexAny(s, "%+")
	if at < 0 {
		return s
	}
	b := make([]byte, at, len(s))
	copy(b, s)
	for i := at; i < len(s); i++ {
		switch {
		case s[i] == '+':
			b = append(b, ' ')
		case s[i] == '%' && IsEscape(s[i:]):
			b = append(b, unhex(s[i+1])<<4|unhex(s[i+2]))
			i += 2
		default:
			b = append(b, s[i])
		}
	}
	return string(b)
}

// IsEscape reports whether s begins with '%' and two hexadecimal digits.
func IsEscape(s string) bool {
	return len(s) >= 3 && s[0] == '%' && isHex(s[1]) && isHex(s[2])
}

func isHex(c byte) bool {
	return '0' <= c && c <= '9' || 'a' <= c && c <= 'f' || 'A' <= c && c <= 'F'
}

func unhex(c byte) byte {
	switch {
	case c >= 'a':
		return c - 'a' + 10
	case c >= 'A':
		return c - 'A' + 10
	}
	return c - '0'
}

// Classes of bytes in a query, RFC 3986 section 3.4.
const (
	inQuery    byte = 1 << iota // may stand in a query as it is
	inValue                     // may stand in a parameter's name or value that we write
	unreserved                  // section 2.3
)

var class = func() (t [256]byte) {
	set := func(chars string, c byte) {
		for i := range len(chars) {
			t[chars[i]] |= c
		}
	}
	set("ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz0123456789-._~", inQuery|inValue|unreserved)
	set("!$'()*,;:@/?", inQuery|inValue)
	set("&+=", inQuery) // they mean something between and inside pairs
	return t
}()

const upperHex = "0123456789ABCDEF"

// AppendKept writes a parameter that is kept: RFC 3986 query characters and complete escapes byte
// for byte, any other byte percent-encoded.
func AppendKept(dst []byte, s string) []byte {
	for i := range len(s) {
		if class[s[i]]&inQuery == 0 {
			return appendKeptSlow(dst, s)
		}
	}
	return append(dst, s...)
}

func appendKeptSlow(dst []byte, s string) []byte {
	for i := range len(s) {
		if c := s[i]; class[c]&inQuery != 0 || c == '%' && IsEscape(s[i:]) {
			dst = append(dst, c)
		} else {
			dst = append(dst, '%', upperHex[c>>4], upperHex[c&15])
		}
	}
	return dst
}

// AppendValue writes a name or value of ours.
func AppendValue(dst []byte, s string) []byte { return appendIn(dst, s, inValue) }

// AppendUnreserved writes a value for any part of an address: the unreserved characters of RFC
// 3986 section 2.3 as they are, every other byte percent-encoded.
func AppendUnreserved(dst []byte, s string) []byte { return appendIn(dst, s, unreserved) }

// appendIn writes the bytes of a class as they are, every other one percent-encoded.
func appendIn(dst []byte, s string, c byte) []byte {
	for i := range len(s) {
		if class[s[i]]&c != 0 {
			dst = append(dst, s[i])
		} else {
			dst = append(dst, '%', upperHex[s[i]>>4], upperHex[s[i]&15])
		}
	}
	return dst
}
