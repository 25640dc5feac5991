package paging

import (
	"math"
	"strings"
)

// readNumber reads ASCII digits with an optional sign, surrounding spaces
// ignored. Everything else ("1.5", "1e3", "0x10", "٣", "") is not a number. A
// number too large for int64 is still a number: it becomes the largest or the
// smallest int64.
func readNumber(s string) (n int64, ok bool) {
	s = strings.Trim(s, " \t")
	negative := false
	if s != "" && (s[0] == '+' || s[0] == '-') {
		negative = s[0] == '-'
		s = s[1:]
	}
	if s == "" {
		return 0, false
	}
	for i := range len(s) {
		d := s[i] - '0'
		if d > 9 {
			return 0, false
		}
		if n > (math.MaxInt64-int64(d))/10 {
			n = math.MaxInt64 // stays there: any further digit overflows again
			continue
		}
		n = n*10 + int64(d)
	}
	if negative {
		if n == math.MaxInt64 {
			return math.MinInt64, true
		}
		return -n, true
	}
	return n, true
}

// Totals, pages and offsets come from outside and may be as large as int64 is, so
// every sum and product of them saturates: what would be past the largest or the
// smallest int64 stays there.

// add adds two numbers.
func add(a, b int64) int64 {
	switch sum := a + b; {
	case a > 0 && b > 0 && sum < 0:
		return math.MaxInt64
	case a < 0 && b < 0 && sum >= 0:
		return math.MinInt64
	default:
		return sum
	}
}

// times multiplies two numbers that are not negative.
func times(a, b int64) int64 {
	if a > 0 && b > math.MaxInt64/a {
		return math.MaxInt64
	}
	return a * b
}
