package choose

import (
	"cmp"
	"math"
	"strconv"
	"strings"

	"pageladder.example/paging/value"
)

// isNumber reports whether a type's values are numbers.
func isNumber(t value.Type) bool {
	switch t {
	case value.Integer, value.Decimal, value.BigInteger, value.BigDecimal:
		return true
	}
	return false
}

// near is the float64 nearest to a number in canonical form, or infinite beyond its range. It
// never falls when the number rises.
func near(text string) float64 {
	f, _ := strconv.ParseFloat(text, 64)
	return f
}

// compareNumbers compares two numbers in canonical form, with any number of digits.
func compareNumbers(a, b string) int {
	x, negative := strings.CutPrefix(a, "-")
	y, other := strings.CutPrefix(b, "-")
	switch {
	case a == b:
		return 0
	case negative && !other:
		return -1
	case other && !negative:
		return 1
	}
	xWhole, xRest, _ := strings.Cut(x, ".")
	yWhole, yRest, _ := strings.Cut(y, ".")
	c := cmp.Or(cmp.Compare(len(xWhole), len(yWhole)), cmp.Compare(xWhole, yWhole), cmp.Compare(xRest, yRest))
	if negative {
		return -c
	}
	return c
}

// plainNumber writes a number with an exponent, as JSON allows, without one. A number beyond a
// float64 stays as it is, and is refused later.
func plainNumber(t value.Type, text string) string {
	if !isNumber(t) || !strings.ContainsAny(text, "eE") {
		return text
	}
	f, err := strconv.ParseFloat(text, 64)
	if err != nil || math.IsInf(f, 0) || math.IsNaN(f) {
		return text
	}
	return strconv.FormatFloat(f, 'f', -1, 64)
}
