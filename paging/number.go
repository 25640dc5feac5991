package paging

import (
	"errors"
	"math"
	"strconv"
	"strings"
)

// readNumber reads ASCII digits with an optional sign, surrounding spaces
// ignored. Everything else ("1.5", "1e3", "0x10", "٣", "") is not a number. A
// number too large for int64 is still a number: it becomes the largest or the
// smallest int64.
func readNumber(s string) (n int64, ok bool) {
	n, err := strconv.ParseInt(strings.Trim(s, " \t"), 10, 64)
	return n, err == nil || errors.Is(err, strconv.ErrRange)
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
