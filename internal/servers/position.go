package servers

import (
	"cmp"
	"fmt"
	"math"
	"strconv"
	"strings"
)

// Position is a place in the write-ahead log of a database: every change is before it or after it. Positions of a later
// timeline are after all of an earlier one: what was seen is on the server that was promoted, or lost with the old one.
type Position struct {
	Timeline uint32
	At       uint64 // bytes since the log began
}

// Before reports whether a position is before another one.
func (p Position) Before(other Position) bool {
	return cmp.Or(cmp.Compare(p.Timeline, other.Timeline), cmp.Compare(p.At, other.At)) < 0
}

// String is a position as ParsePosition reads it: "t3.16b374d8".
func (p Position) String() string { return fmt.Sprintf("t%d.%x", p.Timeline, p.At) }

// ParsePosition reads a position.
func ParsePosition(text string) (p Position, ok bool) {
	timeline, at, ok := strings.Cut(strings.TrimPrefix(text, "t"), ".")
	n, err := strconv.ParseUint(timeline, 10, 32)
	m, wrong := strconv.ParseUint(at, 16, 64)
	p = Position{uint32(n), m}
	return p, ok && err == nil && wrong == nil && m <= math.MaxInt64 && p.String() == text
}

const pageBytes = 8192 // of the log, as PostgreSQL is built

// ended is a position that a primary writes at next, as the end of what it has written: between the two there may be the header of a
// page or of a segment, which no replica counts as replayed.
func ended(at, segment uint64) uint64 {
	switch {
	case segment > 0 && at%segment == 40:
		return at - 40
	case at%pageBytes == 24:
		return at - 24
	}
	return at
}
