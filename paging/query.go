package paging

import (
	"strings"
	"unicode/utf8"
)

// This file splits, decodes and encodes query strings. net/url is not used: it
// drops pairs that it cannot decode or that hold a semicolon, sorts what it
// writes, and re-encodes what it keeps; here nothing is dropped in silence and
// what rides along keeps its bytes.

// part is one parameter as it stands in the query.
type part struct {
	raw  string // name, and "=value" where there is one
	eq   int    // where the first '=' stands; len(raw) where there is none
	name string // decoded
	role role
}

// role is what the rules take a part for.
type role uint8

const (
	roleRides   role = iota // not ours: kept as it is
	roleDropped             // not on any link
	rolePage                // page or offset
	roleSize                // size or limit
	roleSort
	roleDirection
	roleFields
	roleService // speaks to the service: "pl.…"
)

func (p *part) value() string {
	if p.eq == len(p.raw) {
		return ""
	}
	return decode(p.raw[p.eq+1:])
}

// split cuts the query on '&' alone. Empty pieces hold no parameter and are left
// out.
func split(query string) []part {
	if query == "" {
		return nil
	}
	parts := make([]part, 0, strings.Count(query, "&")+1)
	for piece := range strings.SplitSeq(query, "&") {
		if piece == "" {
			continue
		}
		eq := strings.IndexByte(piece, '=')
		if eq < 0 {
			eq = len(piece)
		}
		parts = append(parts, part{raw: piece, eq: eq, name: decode(piece[:eq])})
	}
	return parts
}

// Pairs are the parameters of a query, decoded, in their order: split on "&" alone,
// with nothing dropped. The query comes without its leading "?".
func Pairs(query string) []Pair {
	parts := split(query)
	pairs := make([]Pair, len(parts))
	for i := range parts {
		pairs[i] = Pair{parts[i].name, parts[i].value()}
	}
	return pairs
}

// decode undoes form encoding: '+' is a space, "%41" is "A". A '%' that starts
// no whole escape stands for itself. The text is returned as it is, without a
// copy, where there is nothing to decode.
func decode(s string) string {
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
		case s[i] == '%' && isEscape(s[i:]):
			b = append(b, unhex(s[i+1])<<4|unhex(s[i+2]))
			i += 2
		default:
			b = append(b, s[i])
		}
	}
	return string(b)
}

// isEscape tells whether s begins with '%' and two hexadecimal digits.
func isEscape(s string) bool {
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
	inQuery byte = 1 << iota // may stand in a query as it is
	inValue                  // may stand in a parameter's name or value that we write
)

var class = func() (t [256]byte) {
	set := func(chars string, c byte) {
		for i := range len(chars) {
			t[chars[i]] |= c
		}
	}
	unreserved := "ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz0123456789-._~"
	set(unreserved, inQuery|inValue)
	set("!$'()*,;:@/?", inQuery|inValue)
	set("&+=", inQuery) // they mean something between and inside pairs
	return t
}()

const upperHex = "0123456789ABCDEF"

// appendKept writes a parameter that rides along: RFC 3986 query characters and
// whole escapes byte for byte, any other byte percent-encoded.
func appendKept(dst []byte, s string) []byte {
	for i := range len(s) {
		if class[s[i]]&inQuery == 0 {
			return appendKeptSlow(dst, s)
		}
	}
	return append(dst, s...)
}

func appendKeptSlow(dst []byte, s string) []byte {
	for i := range len(s) {
		if c := s[i]; class[c]&inQuery != 0 || c == '%' && isEscape(s[i:]) {
			dst = append(dst, c)
		} else {
			dst = append(dst, '%', upperHex[c>>4], upperHex[c&15])
		}
	}
	return dst
}

// appendValue writes a name or value of our own making.
func appendValue(dst []byte, s string) []byte {
	for i := range len(s) {
		if c := s[i]; class[c]&inValue != 0 {
			dst = append(dst, c)
		} else {
			dst = append(dst, '%', upperHex[c>>4], upperHex[c&15])
		}
	}
	return dst
}

// quotedBytes is how much of a given value is repeated in an adjustment or a
// refusal.
const quotedBytes = 200

// quoted makes a given value fit to be shown: valid UTF-8, of bounded length.
func quoted(s string) string {
	if len(s) > quotedBytes {
		cut := quotedBytes
		for cut > 0 && !utf8.RuneStart(s[cut]) {
			cut--
		}
		s = s[:cut] + "…"
	}
	return strings.ToValidUTF8(s, "\uFFFD")
}
