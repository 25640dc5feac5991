package catalog

import (
	"errors"
	"time"
)

// Stamp is what a statement on the records of a set in our own database says of the set, as its own
// snapshot has it.
type Stamp struct {
	Version, Records int64

	defined   int64
	catalogue uint32
	changedAt int64 // microseconds since 1970
}

// StampSQL is the SQL of a stamp, from row v of the catalogue.
const StampSQL = "v.stamp || ' ' || (date_part('epoch', v.changed_at) * 1e6)::bigint"

// errNoStamp is the error for what is no stamp: the set is gone.
var errNoStamp = errors.New("catalog: no stamp")

// ReadStamp reads a stamp: five numbers that are not negative, with spaces between them.
func ReadStamp(text []byte) (Stamp, error) {
	var numbers [5]int64
	at := 0
	for _, c := range text {
		switch {
		case c == ' ' && at < 4:
			at++
		case c >= '0' && c <= '9':
			numbers[at] = 10*numbers[at] + int64(c-'0')
		default:
			return Stamp{}, errNoStamp
		}
	}
	if at < 4 { // there is no set of the name
		return Stamp{}, errNoStamp
	}
	return Stamp{numbers[0], numbers[1], numbers[2], uint32(numbers[3]), numbers[4]}, nil
}

// Stamped reports whether a stamp is of this definition of the set.
func (s *Set) Stamped(by Stamp) bool { return s.defined == by.defined && s.catalogue == by.catalogue }

// SeenAt is the set at the state of a stamp.
func (s *Set) SeenAt(by Stamp) *Set {
	return &Set{s.Definition, by.Version, by.Records, time.UnixMicro(by.changedAt)}
}
