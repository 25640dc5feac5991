package order

import (
	"sync"
	"time"

	lru "github.com/hashicorp/golang-lru/v2"
)

const (
	memory     = 64 << 20         // bytes of all tracks together
	buildAgain = 10 * time.Second // least time between two builds for one set
)

// Key names a track.
type Key struct {
	Set     string
	Version int64
	Order   string // the order and what filters it, in any form that is equal for equal ones
}

// Tracks remembers tracks, the least used going first when there are too many bytes of
// them. It is safe for concurrent use.
type Tracks struct {
	mu       sync.Mutex
	tracks   *lru.Cache[Key, *Track]
	bytes    int
	building map[Key]bool
	built    map[string]time.Time // by set: the last build
}

// New remembers nothing yet.
func New() *Tracks {
	t := &Tracks{building: map[Key]bool{}, built: map[string]time.Time{}}
	t.tracks, _ = lru.NewWithEvict(1<<20, func(_ Key, old *Track) { t.bytes -= old.Bytes() }) // the size is right
	return t
}

// Nearest gives the values of the foothold nearest to a page, and how many records to skip
// from there: onward from the one before it, or backward from the one after it. A track
// older than longest (0: any age) is not used. ok is false where there is none.
func (t *Tracks) Nearest(k Key, longest time.Duration, offset int64, rows int) (values []*string, skip int64, backward, ok bool) {
	t.mu.Lock()
	track, ok := t.tracks.Get(k)
	t.mu.Unlock()
	if !ok || track.n == 0 || track.older(longest) {
		return nil, 0, false, false
	}
	values, skip, backward = track.nearest(offset, rows)
	return values, skip, backward, true
}

func (t *Track) older(longest time.Duration) bool {
	return longest > 0 && time.Since(t.made) > longest
}

// Keep puts a track in and makes room for it. Tracks of other versions of the set go
// first: nobody asks for them any more.
func (t *Tracks) Keep(k Key, track *Track) {
	t.mu.Lock()
	defer t.mu.Unlock()
	for _, other := range t.tracks.Keys() {
		if other.Set == k.Set && other.Version != k.Version {
			t.tracks.Remove(other)
		}
	}
	if old, ok := t.tracks.Peek(k); ok { // is replaced, which evicts nothing
		t.bytes -= old.Bytes()
	}
	t.tracks.Add(k, track)
	t.bytes += track.Bytes()
	for t.bytes > memory && t.tracks.Len() > 0 {
		t.tracks.RemoveOldest()
	}
}

// Drop drops the tracks of a set.
func (t *Tracks) Drop(set string) {
	t.mu.Lock()
	defer t.mu.Unlock()
	for _, k := range t.tracks.Keys() {
		if k.Set == set {
			t.tracks.Remove(k)
		}
	}
}

// Begin tells whether a track is to be built now, and if so marks it until End. One that
// is older than longest (0: any age) is built anew.
func (t *Tracks) Begin(k Key, longest time.Duration) bool {
	t.mu.Lock()
	defer t.mu.Unlock()
	track, kept := t.tracks.Peek(k)
	if t.building[k] || kept && !track.older(longest) || time.Since(t.built[k.Set]) < buildAgain {
		return false
	}
	t.building[k] = true
	t.built[k.Set] = time.Now()
	return true
}

// End ends a build.
func (t *Tracks) End(k Key) {
	t.mu.Lock()
	defer t.mu.Unlock()
	delete(t.building, k)
}

// Len is how many tracks there are.
func (t *Tracks) Len() int {
	t.mu.Lock()
	defer t.mu.Unlock()
	return t.tracks.Len()
}

// Bytes is the memory of all tracks.
func (t *Tracks) Bytes() int {
	t.mu.Lock()
	defer t.mu.Unlock()
	return t.bytes
}
