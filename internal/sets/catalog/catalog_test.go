package catalog

import (
	"context"
	"fmt"
	"testing"
	"time"

	"github.com/jackc/pgx/v5/pgconn"
	"github.com/stretchr/testify/assert"
)

// known is a catalogue that knows a set, and has heard of everything so far.
func known(name string, version int64) *Catalog {
	c := New(context.Background())
	c.heard, c.sets = time.Now(), map[string]seen{name: {set: &Set{Definition: &Definition{Name: name}, Version: version}}}
	return c
}

// A reading of one set stays current whatever callers ask for that is not there, and whatever happens
// to others.
func TestAReadingIsOfItsOwnSet(t *testing.T) {
	for name, c := range map[string]struct {
		happened func(forget, stale func(string))
		current  bool
	}{
		"nothing":             {func(_, _ func(string)) {}, true},
		"404s":                {func(forget, _ func(string)) { forget("nowhere"); forget("nothing") }, true},
		"another is removed":  {func(forget, _ func(string)) { forget("other") }, true},
		"another has changed": {func(_, stale func(string)) { stale("other") }, true},
		"it has changed":      {func(_, stale func(string)) { stale("read") }, false},
		"very many others": {func(_, stale func(string)) {
			for n := range 20_001 {
				stale(fmt.Sprint("other", n))
			}
		}, false}, // its turn is not distinguished any more: it is asked for again
	} {
		known := known("other", 1)
		_, _, turn := known.Known("read")
		c.happened(known.forget, known.Stale)
		known.put(&Set{Definition: &Definition{Name: "read"}}, turn)
		_, current, _ := known.Known("read")
		assert.Equal(t, c.current, current, name)
	}
}

// A notice of changed records has all that is needed of a set afterwards. A notice with only the
// name, from an earlier version of the service or from a trigger, has the set read again.
func TestNoticesOfWhatIsKnown(t *testing.T) {
	type notice struct {
		by   uint32
		says string
	}
	for name, c := range map[string]struct {
		answer  []notice
		version int64
		current bool
	}{
		"a version that is known":           {[]notice{{1, "tides 5 70 0 0 9"}, {1, "tides"}}, 5, true},
		"an older one":                      {[]notice{{1, "tides 4 70 0 0 9"}, {1, "tides"}}, 5, true},
		"a later one":                       {[]notice{{1, "tides 6 70 0 0 9"}, {1, "tides"}}, 6, true},
		"two":                               {[]notice{{1, "tides 6 70 0 0 9"}, {1, "tides"}, {2, "tides 7 71 0 0 9"}, {2, "tides"}}, 7, true},
		"one of a set that is defined anew": {[]notice{{1, "tides 6 70 6 0 9"}, {1, "tides"}}, 5, false},
		"one of another life":               {[]notice{{1, "tides 6 70 0 1 9"}, {1, "tides"}}, 5, false},
		"the name alone":                    {[]notice{{1, "tides"}}, 5, false},
		"the name alone, before one":        {[]notice{{1, "tides"}, {1, "tides 6 70 0 0 9"}, {1, "tides"}}, 6, true},
		"the name alone, after a pair":      {[]notice{{1, "tides 5 70 0 0 9"}, {1, "tides"}, {1, "tides"}}, 5, false},
		"the name alone, of somebody else":  {[]notice{{1, "tides 5 70 0 0 9"}, {2, "tides"}}, 5, false},
		"another set's":                     {[]notice{{1, "berths 9 70 0 0 9"}, {1, "berths"}}, 5, true},
		"another set's version":             {[]notice{{1, "berths 5 70 0 0 9"}, {1, "tides"}}, 5, false},
		"no stamp":                          {[]notice{{1, "tides x"}, {1, "tides"}}, 5, false},
	} {
		heard := notices{Catalog: known("tides", 5)}
		for _, n := range c.answer {
			heard.hear(&pgconn.Notification{PID: n.by, Payload: n.says})
		}
		set, current, _ := heard.Known("tides")
		assert.Equal(t, c.version, set.Version, name)
		assert.Equal(t, c.current, current, name)
		if set.Version > 5 {
			assert.EqualValues(t, 64+set.Version, set.Records, name)
		}
	}
}

// What was read before notices are received may have changed since, without a notice: it is asked for again, and nothing of records that
// were purged meanwhile is used.
func TestWhatWasReadBeforeListeningIsAskedForAgain(t *testing.T) {
	c, purged := known("tides", 5), 0
	c.Purged = func() { purged++ }
	c.deaf()
	_, current, turn := c.Known("tides")
	assert.False(t, current)
	c.put(&Set{Definition: &Definition{Name: "tides"}, Version: 5}, turn)
	c.listening(time.Now())
	_, current, turn = c.Known("tides")
	assert.False(t, current, "version 6 may have come between the two")
	assert.Equal(t, 1, purged)
	c.put(&Set{Definition: &Definition{Name: "tides"}, Version: 6}, turn)
	c.hears(time.Now())
	_, current, _ = c.Known("tides")
	assert.True(t, current)
	assert.Equal(t, 1, purged)
}
