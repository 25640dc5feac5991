package known

import (
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"pageladder.example/internal/order"
	"pageladder.example/internal/sets/view"
	"pageladder.example/paging"
	"pageladder.example/paging/value"
)

type number int64

func (n number) Covers(o view.State) bool     { return n >= o.(number) }
func (n number) Sees(uint64) bool             { return false }
func (n number) Total(n64 int64) paging.Total { return paging.Exact(n64) }

// Changes that were read before a list was forsaken have their fields in another order than the list has by
// then, though it may be at the same state again.
func TestChangesOfAnEarlierLifeAreNotAdded(t *testing.T) {
	at := func(n int64) view.Mark { return view.Mark{Number: n, State: number(n)} }
	l := newList(New(t.Context(), func(do func()) { do() }), "boats")
	l.mark, l.from = at(1), 1
	l.wants([]string{"name", "crew"})
	life := l.life
	changes := &view.Changes{All: []view.Change{{Origin: view.Origin{Number: 2}, By: 1, Values: [][]byte{[]byte("gull"), []byte("3")}}}, Until: at(2)}
	l.Forsake()
	l.mark, l.from = at(1), 1
	l.wants([]string{"crew"})
	assert.NotEmpty(t, l.add(life, at(1), changes))
	assert.Empty(t, l.changes)
	assert.Empty(t, l.add(l.life, at(1), &view.Changes{Until: at(2)}))
	assert.Equal(t, at(2), l.mark)
}

// Footholds may be built while a reader places the changes since. The blocks that were built lack changes of
// later states, which have to be placed in them, whatever the reader has placed by then.
func TestBlocksThatAreBegunMeanwhileMissNoChange(t *testing.T) {
	at := func(n int64) view.Mark { return view.Mark{Number: n, State: number(n)} }
	change := func(n int64) view.Change {
		return view.Change{Origin: view.Origin{Number: n}, By: 1, Values: [][]byte{[]byte("5")}}
	}
	blocks := func(records int64) *order.Blocks {
		b := order.Build(10, func(int64) int { return 1000 })
		b.Add([]byte("5"), records)
		return b.Blocks()
	}
	for name, earlier := range map[string]*order.Blocks{"none before": nil, "others before": blocks(6)} {
		l := newList(New(t.Context(), func(do func()) { do() }), "boats")
		l.mark, l.from = at(1), 1
		l.wants([]string{"crew"})
		o := &Footholds{list: l, fields: []string{"crew"}, order: order.Order{{Type: value.Integer}}, turn: view.NewTurns(1)}
		if earlier != nil {
			require.NoError(t, o.begin(at(1), earlier), name)
		}
		require.Empty(t, l.add(l.life, at(1), &view.Changes{All: []view.Change{change(2)}, Until: at(2)}))
		require.Empty(t, l.add(l.life, at(2), &view.Changes{All: []view.Change{change(3)}, Until: at(3)}))

		p, why := o.toPlace()
		require.Empty(t, why, name)
		placed := p.in
		if earlier != nil {
			var err error
			placed, err = o.placeAll(t.Context(), nil, p)
			require.NoError(t, err, name)
		}
		require.NoError(t, o.begin(at(2), blocks(7)), name)
		o.took(p, placed)
		require.Empty(t, l.add(l.life, at(3), &view.Changes{All: []view.Change{change(4)}, Until: at(4)}))

		for o.pending() { // as catchUp does
			p, why := o.toPlace()
			require.Empty(t, why, name)
			blocks, err := o.placeAll(t.Context(), nil, p)
			require.NoError(t, err, name)
			o.took(p, blocks)
		}
		for n, want := range map[int64]int64{2: 7, 4: 9} {
			found := o.at(at(n))
			require.NotNil(t, found, "%s, state %d", name, n)
			assert.Equal(t, want, found.Records(), "%s, state %d", name, n)
		}
	}
}
