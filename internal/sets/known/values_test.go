package known

import (
	"testing"

	"github.com/stretchr/testify/assert"
	"pgregory.net/rapid"
)

// Whatever happens to a list between a value's finding and its keeping: on the shelf is what the list has, and nothing of a
// list that nobody finds.
func TestShelvesHaveWhatListsHave(t *testing.T) {
	rapid.Check(t, func(t *rapid.T) {
		k := New(t.Context(), func(do func()) { do() })
		l := newList(k, "boats")
		var found []*past // that are not on the shelf yet
		t.Repeat(map[string]func(*rapid.T){
			"found": func(t *rapid.T) {
				p := &past{}
				p.mark.Number = rapid.Int64Range(1, 3).Draw(t, "mark")
				l.mu.Lock()
				set(k.pasts, &l.pasts, p.mark.Number, p)
				l.mu.Unlock()
				found = append(found, p)
			},
			"keep": func(*rapid.T) {
				for _, p := range found {
					put(l, k.pasts, &l.pasts, p.mark.Number, p, 0)
				}
				found = nil
			},
			"used again": func(*rapid.T) {
				for _, p := range k.pasts.values() {
					put(l, k.pasts, &l.pasts, p.mark.Number, p, 1)
				}
			},
			"drop": func(*rapid.T) {
				for _, p := range l.pasts {
					take(l, k.pasts, &l.pasts, p.mark.Number, p)
				}
			},
			"forsake": func(*rapid.T) { l.Forsake() },
			"leave":   func(*rapid.T) { l.leave() },
			"": func(t *rapid.T) {
				has := map[*past]bool{}
				for _, p := range l.pasts {
					has[p] = !l.gone
				}
				for _, p := range k.pasts.values() {
					assert.True(t, has[p])
					delete(has, p)
				}
				for _, p := range found {
					delete(has, p)
				}
				for p, wants := range has {
					assert.False(t, wants, "%v is not on the shelf", p.mark.Number)
				}
			},
		})
	})
}
