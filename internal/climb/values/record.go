// Package values compares records and their fields, as encoding/json reads them.
package values

import (
	"encoding/json"
	"hash/maphash"
	"math/big"
	"strings"
	"time"

	"pageladder.example/paging/text"
)

// Identity stands for one record: its key where that is known, and all of it.
type Identity struct{ Key, All uint64 }

var Seed = maphash.MakeSeed()

// Identify hashes a record. Two different ones share a hash with a chance of 2^-64: of
// 100,000 records, any two with 3 in 10^10.
func Identify(record any, key []string) (id Identity) {
	id.All = hash(record)
	if len(key) == 0 {
		id.Key = id.All
		return id
	}
	values := make([]any, len(key))
	for i, field := range key {
		values[i] = FieldOf(record, field)
	}
	id.Key = hash(values)
	return id
}

func hash(value any) uint64 {
	text, err := json.Marshal(value) // members in the order of their names
	if err != nil {
		return 0 // what encoding/json has read it can write
	}
	return maphash.Bytes(Seed, text)
}

// Lets reports whether a record fits a filter.
func Lets(field, value string, record any) bool {
	text, ok := Plain(FieldOf(record, field))
	return ok && (strings.EqualFold(text, value) || compareNumbers(text, value) == 0)
}

// Orders are those in which texts may stand: by their bytes, without case, and as the
// Unicode collation has them. An endpoint's is one of them, or close to one; which it does not say.
var Orders = []func(a, b string) int{
	strings.Compare,
	func(a, b string) int { return strings.Compare(strings.ToLower(a), strings.ToLower(b)) },
	text.Compare,
	func(a, b string) int { return strings.Compare(letters(a), letters(b)) },
}

// letters is a text's folded letters and digits, as the collations of operating systems
// compare first.
func letters(s string) string { return strings.Join(text.Words(s), "") }

// Compare compares two values of a field with each other: numbers as numbers, times as
// times, anything else as text by its bytes. Missing values are equal to all.
func Compare(a, b any) int { return CompareBy(strings.Compare, a, b) }

func CompareBy(order func(a, b string) int, a, b any) int {
	x, ok := Plain(a)
	y, ok2 := Plain(b)
	if !ok || !ok2 {
		return 0
	}
	if x == y {
		return 0
	}
	if c := compareNumbers(x, y); c != notNumbers {
		return c
	}
	if s, err := time.Parse(time.RFC3339Nano, x); err == nil {
		if t, err := time.Parse(time.RFC3339Nano, y); err == nil {
			return s.Compare(t)
		}
	}
	return order(x, y)
}

const notNumbers = 2

// compareNumbers compares exactly; a text of more than 100 bytes is taken for none.
func compareNumbers(a, b string) int {
	x, ok := number(a)
	y, ok2 := number(b)
	if !ok || !ok2 {
		return notNumbers
	}
	return x.Cmp(y)
}

func number(text string) (*big.Rat, bool) {
	if text == "" || len(text) > 100 || strings.Trim(text, "0123456789.+-eE") != "" {
		return nil, false
	}
	if at := strings.IndexAny(text, "eE"); at >= 0 && len(text)-at > 5 {
		return nil, false // an exponent that would make a number of many digits
	}
	return new(big.Rat).SetString(text)
}
