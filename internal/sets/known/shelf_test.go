package known

import (
	"testing"

	"github.com/stretchr/testify/assert"
)

// What has no room is dropped, the least recently used first, and is notified once.
func TestShelvesDropTheLeastRecentlyUsed(t *testing.T) {
	s := newShelf[string](3, 100)
	var dropped []string
	put := func(name string, bytes int) { s.put(name, bytes, func() { dropped = append(dropped, name) }) }
	put("a", 10)
	put("b", 10)
	put("c", 10)
	put("a", 20) // used again, and larger
	assert.Equal(t, 40, s.bytes())
	put("d", 10)
	assert.Equal(t, []string{"b"}, dropped, "more than three")
	put("a", 90)
	assert.Equal(t, []string{"b", "c"}, dropped, "more bytes than there is room for")
	s.off("d")
	assert.Equal(t, []string{"a"}, s.values())
	put("e", 101)
	assert.Equal(t, []string{"b", "c", "a", "e"}, dropped, "also what would never have room")
	assert.Zero(t, s.bytes())
}
