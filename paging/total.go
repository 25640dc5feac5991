package paging

import (
	"cmp"
	"time"
)

// Total is how many records there are, and how well that is known. The zero
// value is an exact total of none.
type Total struct {
	n   int64
	is  TotalKind // "": exact
	age time.Duration
}

// TotalKind says how well a total is known.
type TotalKind string

// The kinds of total.
const (
	TotalExact      TotalKind = "exact"      // counted
	TotalAtLeast    TotalKind = "at_least"   // there are this many, perhaps more
	TotalNone       TotalKind = "none"       // not known
	TotalRemembered TotalKind = "remembered" // was exact a stated time ago
)

// Exact is a counted total. A negative count is taken as none.
func Exact(n int64) Total { return Total{n: max(n, 0)} }

// AtLeast is a total of which only a lower bound is known.
func AtLeast(n int64) Total { return Total{n: max(n, 0), is: TotalAtLeast} }

// NotCounted is a total of which nothing is known.
func NotCounted() Total { return Total{is: TotalNone} }

// Remembered is a total that was exact some time ago. Pages are settled on it as
// on an exact one.
func Remembered(n int64, age time.Duration) Total {
	return Total{n: max(n, 0), is: TotalRemembered, age: age}
}

// Is says how well the total is known.
func (t Total) Is() TotalKind { return cmp.Or(t.is, TotalExact) }

// Known reports whether pages can be settled on the total: exact or remembered.
func (t Total) Known() bool { return t.Is() == TotalExact || t.is == TotalRemembered }

// Records is how many records there are, or at least are; 0 where nothing is known.
func (t Total) Records() int64 { return t.n }

// pages is how many pages of the given size the records fill; an empty set has
// one, empty page.
func (t Total) pages(size int) int64 {
	s := int64(max(size, 1))
	n := t.n / s
	if t.n%s > 0 {
		n++
	}
	return max(n, 1)
}
