package changes

import (
	"fmt"
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

// since is from which transaction on all are new but those that were seen, and which others of
// a log are new, on a primary; on a standby, which of those were seen.
func (s *Snapshot) since() (xid uint64, listed []uint64) {
	if s.Standby {
		return s.Xmin, s.Listed
	}
	return s.Xmax, s.Listed
}

// New is the condition, in SQL, that finds what is in a log and was not seen, in a column of
// transactions, and its two arguments, from a number on. It is exact, takes no lock, and is not slowed
// down by transactions that are long in progress.
func (s *Snapshot) New(column string, first int) (sql string, args []any) {
	sql = "(%[1]s >= $%[2]d::text::xid8 or %[1]s = any($%[3]d::text[]::xid8[]))"
	if s.Standby {
		sql = "(%[1]s >= $%[2]d::text::xid8 and %[1]s <> all($%[3]d::text[]::xid8[]))"
	}
	xid, listed := s.since()
	return fmt.Sprintf(sql, column, first, first+1), []any{decimal(xid), decimals(listed)}
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
