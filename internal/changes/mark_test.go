package changes

import (
	"slices"
	"testing"

	"github.com/stretchr/testify/require"
	"pgregory.net/rapid"
)

// history is a number of transactions, some of which write to the log, and snapshots of it: on a primary,
// and on a standby that follows the primary.
type history struct {
	next      uint64
	running   []uint64
	committed []uint64 // in the order of their commits
	logs      map[uint64]bool
	applied   int // of the committed, on the standby
}

func (h *history) primary() *Snapshot {
	s := &Snapshot{Xmin: h.next, Xmax: h.next, Listed: slices.Sorted(slices.Values(h.running))}
	if len(s.Listed) > 0 {
		s.Xmin = s.Listed[0]
	}
	return s
}

// standby sees what has been applied. Its xmin is below all that is not.
func (h *history) standby() *Snapshot {
	s := &Snapshot{Standby: true, Xmin: h.next}
	for _, xid := range append(slices.Clone(h.running), h.committed[h.applied:]...) {
		s.Xmin = min(s.Xmin, xid)
	}
	for _, xid := range h.committed[:h.applied] {
		if xid >= s.Xmin && h.logs[xid] {
			s.Listed = append(s.Listed, xid)
		}
	}
	slices.Sort(s.Listed)
	s.Xmax = h.next
	return s
}

// taken is a snapshot, and the part of the log that it really sees.
type taken struct {
	*Snapshot
	seen map[uint64]bool
	at   int // in time, on its server
}

// A mark covers only what it has seen. A later mark on the same server covers an earlier one. What
// is new since a mark is exactly what the mark has not seen.
func TestCoversIsNeverWrong(t *testing.T) {
	rapid.Check(t, func(t *rapid.T) {
		h := &history{next: 3, logs: map[uint64]bool{}}
		var all []taken
		for step := range rapid.IntRange(1, 60).Draw(t, "steps") {
			switch rapid.IntRange(0, 5).Draw(t, "what") {
			case 0, 1:
				h.logs[h.next] = rapid.Bool().Draw(t, "logs")
				h.running = append(h.running, h.next)
				h.next++
			case 2:
				if len(h.running) > 0 {
					i := rapid.IntRange(0, len(h.running)-1).Draw(t, "which")
					if rapid.IntRange(0, 4).Draw(t, "rolls back") == 0 {
						h.logs[h.running[i]] = false
					}
					h.committed = append(h.committed, h.running[i])
					h.running = slices.Delete(h.running, i, i+1)
				}
			case 3:
				h.applied = rapid.IntRange(h.applied, len(h.committed)).Draw(t, "applied")
			default:
				s := taken{Snapshot: h.primary(), at: step, seen: map[uint64]bool{}}
				visible := h.committed
				if rapid.Bool().Draw(t, "on the standby") {
					s.Snapshot, visible = h.standby(), h.committed[:h.applied]
				}
				for _, xid := range visible {
					s.seen[xid] = h.logs[xid]
				}
				all = append(all, s)
			}
		}
		for _, older := range all {
			for _, newer := range all {
				covers := Mark{Log: "log", Saw: newer.Snapshot}.Covers(Mark{Log: "log", Saw: older.Snapshot})
				if newer.Standby == older.Standby && newer.at >= older.at {
					require.True(t, covers, "%+v has all of %+v", newer.Snapshot, older.Snapshot)
				}
				for xid, logged := range older.seen {
					if logged && covers {
						require.True(t, newer.seen[xid], "%d is seen by %+v and not by %+v", xid, older.Snapshot, newer.Snapshot)
					}
				}
				if !covers {
					continue
				}
				// The condition finds as new, for the later one, exactly what the older one has not
				// seen.
				from, listed := older.since()
				for xid, logged := range newer.seen {
					if !logged {
						continue
					}
					in := slices.Contains(listed, xid)
					isNew := xid >= from || in
					if older.Standby {
						isNew = xid >= from && !in
					}
					require.Equal(t, !older.seen[xid], isNew, "%d", xid)
					require.Equal(t, older.seen[xid], older.Sees(xid))
				}
			}
		}
	})
}

func TestMarksOfKeptSetsAndOfOtherLogs(t *testing.T) {
	at := func(log string, version int64) Mark { return Mark{Log: log, Version: version} }
	require.True(t, at("a", 5).Covers(at("a", 5)))
	require.True(t, at("a", 6).Covers(at("a", 5)))
	require.False(t, at("a", 4).Covers(at("a", 5)))
	require.False(t, at("b", 6).Covers(at("a", 5)))
	require.False(t, at("", 6).Covers(at("", 5)))
	require.False(t, Mark{Log: "a", Saw: &Snapshot{}}.Covers(at("a", 0)))
}

// A primary shows what a standby has shown once all of that is visible there.
func TestAPrimaryShowsWhatAStandbyHasShown(t *testing.T) {
	primary := &Snapshot{Xmin: 12, Xmax: 20, Listed: []uint64{12, 15}}
	for text, shows := range map[string]bool{
		Seen(12, nil): true, Seen(12, &Snapshot{Listed: []uint64{15}}): true, Seen(12, &Snapshot{Standby: true, Listed: []uint64{13, 19}}): true,
		Seen(13, nil): false, Seen(12, &Snapshot{Standby: true, Listed: []uint64{13, 15}}): false, Seen(12, &Snapshot{Standby: true, Listed: []uint64{20}}): false, Seen(21, nil): false,
	} {
		seen, ok := ReadSeen(text)
		require.True(t, ok, text)
		require.Equal(t, shows, primary.Shows(seen), text)
	}
	none := &Snapshot{Xmin: 20, Xmax: 20}
	seen, _ := ReadSeen(Seen(20, nil))
	require.True(t, none.Shows(seen))
	long := &Snapshot{Standby: true}
	for xid := range uint64(1000) {
		long.Listed = append(long.Listed, 5+xid)
	}
	seen, ok := ReadSeen(Seen(5, long))
	require.True(t, ok)
	require.Equal(t, long.Listed[1000-seenListed:], seen.Listed, "the latest")
	for _, text := range []string{"", ".", "c.", "c.d.d", "c.b", "C", "0c", "-1", "zzzzzzzzzzzzzz", Seen(5, long) + ".zz"} {
		_, ok := ReadSeen(text)
		require.False(t, ok, text)
	}
}
