package known

import (
	"testing"

	"github.com/stretchr/testify/assert"

	"pageladder.example/internal/sets/view"
	"pageladder.example/paging"
)

type number int64

func (n number) Covers(o view.State) bool     { return n >= o.(number) }
func (n number) Sees(uint64) bool             { return false }
func (n number) Total(n64 int64) paging.Total { return paging.Exact(n64) }

// Changes that were read before a list was forsaken have their fields in another order than the list has by
// then, though it may be at the same state again.
func TestChangesOfAnEarlierLifeAreNotAdded(t *testing.T) {
	at := func(n int64) view.Mark { return view.Mark{Number: n, State: number(n)} }
	l := newList(New(t.Context(), func(do func()) { do() }, nil), "boats")
	l.mark, l.from = at(1), 1
	l.wants([]string{"name", "crew"})
	life := l.life
	told := &view.Changes{All: []view.Change{{Origin: view.Origin{Number: 2}, By: 1, Values: [][]byte{[]byte("gull"), []byte("3")}}}, Until: at(2)}
	l.Forsake()
	l.mark, l.from = at(1), 1
	l.wants([]string{"crew"})
	assert.NotEmpty(t, l.add(life, at(1), told))
	assert.Empty(t, l.changes)
	assert.Empty(t, l.add(l.life, at(1), &view.Changes{Until: at(2)}))
	assert.Equal(t, at(2), l.mark)
}
