package changes

import (
	"context"
	"fmt"
	"slices"
	"strconv"
	"strings"
)

// Mark names one state of records, at which something is known about them.
type Mark struct {
	// Log names the log that has the changes since, as State.Log does; the name includes the life
	// of the cluster and of the log. What is known by one log is not updated by another.
	Log string
	// Version is the version of a kept set, whose changes come one after the other.
	Version int64
	// Saw is what a snapshot of a followed table's database saw; nil for a kept set.
	Saw *Snapshot
}

// Covers reports whether a mark sees everything that another one saw. Only then can what is known
// at the other be updated to it: changes are added, and never taken back.
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

// Snapshot says which transactions a snapshot sees, of those whose changes are logged.
//
// On a primary it sees all transactions below Xmax except those in progress. On a standby
// PostgreSQL does not list transactions in progress: there it sees all below Xmin and, from Xmin
// on, those that the log showed in it.
type Snapshot struct {
	Started    string // when the server was started, as it writes that
	Standby    bool
	Xmin, Xmax uint64
	// Listed are transactions at or above Xmin, rising: those in progress on a primary, those
	// visible in the log on a standby.
	Listed []uint64
}

// Equal reports whether two snapshots are the same.
func (s *Snapshot) Equal(other *Snapshot) bool {
	return s.Started == other.Started && s.Standby == other.Standby && s.Xmin == other.Xmin && s.Xmax == other.Xmax && slices.Equal(s.Listed, other.Listed)
}

// Sees reports whether a transaction's changes are in the snapshot.
func (s *Snapshot) Sees(xid uint64) bool {
	_, listed := slices.BinarySearch(s.Listed, xid)
	if s.Standby {
		return xid < s.Xmin || listed
	}
	return xid < s.Xmax && !listed
}

// since describes what a log has that the snapshot did not see. On a primary: all transactions
// from xid on, and the listed ones. On a standby: all from xid on, except the listed ones.
func (s *Snapshot) since() (xid uint64, listed []uint64) {
	if s.Standby {
		return s.Xmin, s.Listed
	}
	return s.Xmax, s.Listed
}

// New is the SQL condition that finds the rows of a log that the snapshot did not see, given the
// column with their transaction, and its two arguments, numbered from first. It is exact, takes no
// lock, and is not slowed down by long transactions.
func (s *Snapshot) New(column string, first int) (sql string, args []any) {
	sql = "(%[1]s >= $%[2]d::text::xid8 or %[1]s = any($%[3]d::text[]::xid8[]))"
	if s.Standby {
		sql = "(%[1]s >= $%[2]d::text::xid8 and %[1]s <> all($%[3]d::text[]::xid8[]))"
	}
	xid, listed := s.since()
	return fmt.Sprintf(sql, column, first, first+1), []any{decimal(xid), decimals(listed)}
}

// all is the transaction below which the snapshot sees everything.
func (s *Snapshot) all() uint64 {
	switch {
	case s.Standby:
		return s.Xmin
	case len(s.Listed) > 0:
		return s.Listed[0]
	}
	return s.Xmax
}

// covers reports whether everything that another snapshot sees is seen. It may be false if nobody
// can know: if a transaction is seen in one and not in the other, the log may or may not have it.
func (s *Snapshot) covers(other *Snapshot) bool {
	if s.all() < other.all() {
		return false
	}
	// From there on, the other snapshot sees single transactions.
	if other.Standby {
		return !slices.ContainsFunc(other.Listed, func(xid uint64) bool { return !s.Sees(xid) })
	}
	// The other sees everything below its end except the transactions in progress. So each
	// transaction below that end which is not visible has to be one of those.
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

// seenListed limits the transactions that a text of Seen lists: the latest. Earlier ones show on the primary by then.
const seenListed = 50

// Seen is what a snapshot of a standby saw, as a text that ReadSeen reads, for Shows. A standby may show what is committed a moment
// before the primary does, which waits for a synchronous standby, or for its turn.
func Seen(xmin uint64, s *Snapshot) string {
	text := strconv.FormatUint(xmin, 36)
	if s != nil && s.Standby { // a primary lists those that it does not see
		for _, xid := range s.Listed[max(0, len(s.Listed)-seenListed):] {
			if xid >= xmin {
				text += "." + strconv.FormatUint(xid, 36)
			}
		}
	}
	return text
}

// ReadSeen reads such a text.
func ReadSeen(text string) (s *Snapshot, ok bool) {
	s = &Snapshot{Standby: true}
	for i, part := range strings.Split(text, ".") {
		n, err := strconv.ParseUint(part, 36, 63)
		switch {
		case err != nil || i > seenListed || strconv.FormatUint(n, 36) != part || i > 0 && n < max(s.Xmin, s.Xmax):
			return nil, false
		case i == 0:
			s.Xmin = n
		default:
			s.Listed, s.Xmax = append(s.Listed, n), n+1
		}
	}
	return s, true
}

// Shows reports whether a primary's snapshot sees all that one of a standby saw.
func (s *Snapshot) Shows(seen *Snapshot) bool {
	return s.Xmax >= seen.Xmin && (len(s.Listed) == 0 || s.Listed[0] >= seen.Xmin) &&
		!slices.ContainsFunc(seen.Listed, func(xid uint64) bool { return !s.Sees(xid) })
}

// Present is the snapshot that a primary would take now.
func Present(ctx context.Context, db Querier) (*Snapshot, error) {
	var text string
	if err := db.QueryRow(ctx, "select pg_current_snapshot()::text").Scan(&text); err != nil {
		return nil, err
	}
	return readSnapshot(text)
}
