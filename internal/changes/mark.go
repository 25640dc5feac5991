package changes

import (
	"slices"
)

// Mark is one state of records, that what is known of them holds at.
type Mark struct {
	// Log names the log that tells what has changed since, as State.Log does; in it are the
	// cluster's life and the log's. Between two logs nothing is brought on.
	Log string
	// Version is that of a kept set. Its changes come one after the other.
	Version int64
	// Saw is what a snapshot of a followed table's database saw; nil for a kept set.
	Saw *Snapshot
}

// Covers tells whether a mark sees all that another one saw. Only then what is known at
// the other can be brought on to it: what is new is added, and nothing is taken back.
func (m Mark) Covers(other Mark) bool {
	switch {
	case m.Log != other.Log || m.Log == "":
		return false
	case m.Saw == nil && other.Saw == nil:
		return m.Version >= other.Version
	case m.Saw == nil || other.Saw == nil:
		return false
	}
	return m.Saw.covers(other.Saw)
}

// Snapshot is which transactions a snapshot sees, of those whose changes a log tells.
//
// On a primary it sees all below Xmax but those that were in progress. On a standby
// PostgreSQL lists none in progress; there it sees all below Xmin, and of those from there
// on the ones that the log showed in it.
type Snapshot struct {
	Started    string // when the server was, as it writes it
	Standby    bool
	Xmin, Xmax uint64
	// Listed are ids at or above Xmin, rising: in progress on a primary, visible in the log
	// on a standby.
	Listed []uint64
}

// Sees tells whether the changes of a transaction are in the snapshot.
func (s *Snapshot) Sees(xid uint64) bool {
	_, listed := slices.BinarySearch(s.Listed, xid)
	if s.Standby {
		return xid < s.Xmin || listed
	}
	return xid < s.Xmax && !listed
}

// New is the condition, in SQL, that finds what is in a log and was not seen, and its
// arguments: a transaction id and a list of them, from $1 on. It is exact, takes no lock,
// and is not slowed down by transactions that are long in progress.
func (s *Snapshot) New() (sql string, xid uint64, listed []uint64) {
	if s.Standby {
		return "(xid >= $1 and xid <> all($2))", s.Xmin, s.Listed
	}
	return "(xid >= $1 or xid = any($2))", s.Xmax, s.Listed
}

// all tells how far a snapshot sees all, without looking at single ids.
func (s *Snapshot) all() uint64 {
	switch {
	case s.Standby:
		return s.Xmin
	case len(s.Listed) > 0:
		return s.Listed[0]
	}
	return s.Xmax
}

// covers tells whether all that another snapshot sees is seen. It may say no where nobody
// can know: whether an id that is seen in one and not in the other is of the log.
func (s *Snapshot) covers(other *Snapshot) bool {
	if s.all() < other.all() {
		return false
	}
	// Above what it sees all of, the other sees single ids.
	if other.Standby {
		return !slices.ContainsFunc(other.Listed, func(xid uint64) bool { return !s.Sees(xid) })
	}
	// All up to its end but those in progress: of each id below that end that is not
	// seen here, it has to be one of those.
	if s.Standby {
		return s.Xmin >= other.Xmax
	}
	for _, xid := range s.Listed {
		if other.Sees(xid) {
			return false
		}
	}
	if other.Xmax <= s.Xmax {
		return true
	}
	from, _ := slices.BinarySearch(other.Listed, s.Xmax)
	return uint64(len(other.Listed)-from) == other.Xmax-s.Xmax
}
