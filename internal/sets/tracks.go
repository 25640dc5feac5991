package sets

import (
	"strings"
	"sync"
	"time"

	lru "github.com/hashicorp/golang-lru/v2"
)

// tracks remembers tracks within a limit of memory; the least recently used go first. It is safe
// for concurrent use.
type tracks struct {
	mu       sync.Mutex
	all      *lru.Cache[string, *track]
	sizes    map[*track]int
	bytes    int
	building map[string]bool      // by set: one at a time
	built    map[string]time.Time // by key: the last build
	again    time.Duration        // least time between two builds of the same track
	most     int                  // limit of all tracks together, in bytes
}

const (
	tracksMemory = 64 << 20  // bytes of all tracks together
	heldMemory   = 128 << 20 // of lists at a mark, which callers choose: enough for two marks of ten million records in four orders
	tracksMost   = 10_000    // tracks
	buildAgain   = 10 * time.Second
)

func newTracks(most int) *tracks {
	t := &tracks{most: most, again: buildAgain, building: map[string]bool{}, built: map[string]time.Time{}, sizes: map[*track]int{}}
	t.all, _ = lru.NewWithEvict(tracksMost, func(_ string, old *track) { t.bytes -= t.sizes[old]; delete(t.sizes, old) }) // the size is valid
	return t
}

func (t *tracks) get(key string) *track {
	t.mu.Lock()
	defer t.mu.Unlock()
	track, _ := t.all.Get(key)
	return track
}

// keep stores a track, or notes that its size has changed, and makes room.
func (t *tracks) keep(key string, track *track) {
	size := track.size()
	t.mu.Lock()
	defer t.mu.Unlock()
	if old, ok := t.all.Peek(key); ok && old != track { // replacing does not count as an eviction
		t.bytes -= t.sizes[old]
		delete(t.sizes, old)
	}
	t.bytes += size - t.sizes[track]
	t.sizes[track] = size
	t.all.Add(key, track)
	for t.bytes > t.most && t.all.Len() > 0 {
		t.all.RemoveOldest()
	}
}

// drop drops a track, unless it has been replaced.
func (t *tracks) drop(key string, track *track) {
	t.mu.Lock()
	defer t.mu.Unlock()
	if now, ok := t.all.Peek(key); ok && now == track {
		t.all.Remove(key)
	}
}

// dropAll drops all tracks whose keys have a prefix.
func (t *tracks) dropAll(prefix string) {
	t.mu.Lock()
	defer t.mu.Unlock()
	for _, key := range t.all.Keys() {
		if strings.HasPrefix(key, prefix) {
			t.all.Remove(key)
		}
	}
}

// begin reports whether a track is to be built now, and if so notes it as being built until end.
func (t *tracks) begin(set, key string) bool {
	t.mu.Lock()
	defer t.mu.Unlock()
	if t.building[set] || time.Since(t.built[key]) < t.again {
		return false
	}
	if len(t.built) >= tracksMost { // nearly all of them long ago
		clear(t.built)
	}
	t.building[set], t.built[key] = true, time.Now()
	return true
}

func (t *tracks) end(set string) {
	t.mu.Lock()
	defer t.mu.Unlock()
	delete(t.building, set)
}

// count is how many tracks have footholds, and the bytes of all.
func (t *tracks) count() (n, bytes int) {
	t.mu.Lock()
	defer t.mu.Unlock()
	for _, track := range t.all.Values() {
		if track.hasBlocks() {
			n++
		}
	}
	return n, t.bytes
}
