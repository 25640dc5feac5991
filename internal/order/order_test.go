package order

import (
	"fmt"
	"slices"
	"strconv"
	"testing"
	"time"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"
	"pgregory.net/rapid"
)

// A track gives back what was added, at any step, and the way from a foothold to a page
// is right from both sides.
func TestATrackLeadsToEveryPage(t *testing.T) {
	rapid.Check(t, func(t *rapid.T) {
		records := rapid.SliceOfN(rapid.StringMatching(`[a-c]{0,4}`), 1, 300).Draw(t, "records")
		slices.Sort(records)
		step := int64(rapid.IntRange(1, 20).Draw(t, "step"))
		track := NewTrack(2, step)
		for i := int64(0); i < int64(len(records)); i += step {
			var first []byte // missing where the record is empty
			if records[i] != "" {
				first = []byte(records[i])
			}
			track.Add([][]byte{first, []byte(strconv.FormatInt(i, 10))})
		}
		if rapid.Bool().Draw(t, "widened") {
			track.Widen(1 << 40)
		}
		track.Finish()
		offset := rapid.Int64Range(0, int64(len(records))-1).Draw(t, "offset")
		rows := rapid.IntRange(1, 30).Draw(t, "rows")
		values, skip, backward := track.nearest(offset, rows)
		at, err := strconv.ParseInt(*values[1], 10, 64)
		require.NoError(t, err)
		if records[at] == "" {
			require.Nil(t, values[0])
		} else {
			require.Equal(t, records[at], *values[0])
		}
		if backward {
			require.Equal(t, offset+int64(rows)-1, at-skip, "the page's last record")
		} else {
			require.Equal(t, offset, at+skip, "the page's first record")
		}
	})
}

func TestTracksStayWithinTheirMemoryAndVersion(t *testing.T) {
	tracks := New()
	full := func() *Track {
		track := NewTrack(1, 1)
		for i := range 400_000 {
			track.Add([][]byte{fmt.Appendf(nil, "%x", uint64(i)*0x9e3779b97f4a7c15)})
		}
		track.Finish()
		return track
	}
	one := full()
	for i := range 20 {
		tracks.Keep(Key{Set: "tides", Version: 1, Order: strconv.Itoa(i)}, one)
	}
	assert.Less(t, tracks.Bytes(), memory+1)
	assert.Less(t, tracks.Len(), 20)
	assert.Equal(t, tracks.Len()*one.Bytes(), tracks.Bytes())

	k := Key{Set: "tides", Version: 2, Order: "id"}
	assert.True(t, tracks.Begin(k, 0))
	assert.False(t, tracks.Begin(k, 0), "it is being built")
	tracks.End(k)
	tracks.Keep(k, one)
	assert.Equal(t, 1, tracks.Len(), "those of other versions are gone")
	_, _, _, ok := tracks.Nearest(k, time.Nanosecond, 5, 1)
	assert.False(t, ok, "too old")
	_, _, _, ok = tracks.Nearest(k, 0, 5, 1)
	assert.True(t, ok)
	tracks.Drop("tides")
	assert.Zero(t, tracks.Bytes())
}
