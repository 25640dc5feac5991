package cursor_test

import (
	"strings"
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"
	"pgregory.net/rapid"

	"pageladder.example/paging/code"
	"pageladder.example/paging/cursor"
)

func sealer(t require.TestingT, key byte) cursor.Sealer {
	s, err := cursor.NewSealer([]byte(strings.Repeat(string(key), cursor.KeyBytes)))
	require.NoError(t, err)
	return s
}

// Whatever bytes the values have, they come back as they were, and the token is bounded.
func TestAPlaceComesBack(t *testing.T) {
	rapid.Check(t, func(t *rapid.T) {
		l := cursor.List{Name: rapid.String().Draw(t, "name"), Order: rapid.String().Draw(t, "order")}
		if rapid.Bool().Draw(t, "sealed") {
			l.Sealer = sealer(t, 'a')
		}
		var p cursor.Place
		p.Behind = rapid.Bool().Draw(t, "behind")
		for range rapid.IntRange(1, 6).Draw(t, "fields") {
			var v *string
			if rapid.Bool().Draw(t, "there") {
				text := string(rapid.SliceOfN(rapid.Byte(), 0, 300).Draw(t, "value"))
				v = &text
			}
			p.Values = append(p.Values, v)
		}
		token := cursor.Write(l, p)
		if token == "" {
			return
		}
		require.LessOrEqual(t, len(token), cursor.MaxBytes)
		require.Equal(t, token, cursor.Write(l, p), "the same place has the same token")
		again, why := cursor.Read(token, l, len(p.Values))
		require.Empty(t, why)
		require.Equal(t, p, again)

		other := l
		other.Name += "x"
		_, why = cursor.Read(token, other, len(p.Values))
		require.Equal(t, code.CursorForeign, why)
		other = l
		other.Order += "x"
		_, why = cursor.Read(token, other, len(p.Values))
		require.Equal(t, code.CursorOtherOrder, why)
		_, why = cursor.Read(token, l, len(p.Values)+1)
		require.Equal(t, code.CursorDamaged, why)
		damaged := []byte(token)
		damaged[rapid.IntRange(0, len(damaged)-1).Draw(t, "at")] ^= 1
		_, why = cursor.Read(string(damaged), l, len(p.Values))
		require.NotEmpty(t, why)
		if l.Sealer != nil {
			l.Sealer = sealer(t, 'b')
			_, why = cursor.Read(token, l, len(p.Values))
			require.Equal(t, code.CursorDamaged, why, "another key")
		}
	})
}

// The length of a sealed token does not reveal the length of the hidden value.
func TestSealedTokensDoNotTellLengths(t *testing.T) {
	l := cursor.List{Name: "arrivals", Order: "note,id", Sealer: sealer(t, 'a')}
	lengths := map[int]int{}
	for n := range 700 {
		text, id := strings.Repeat("x", n), "1"
		token := cursor.Write(l, cursor.Place{Values: []*string{&text, &id}})
		lengths[len(token)]++
		place, why := cursor.Read(token, l, 2)
		require.Empty(t, why)
		require.Equal(t, text, *place.Values[0])
	}
	assert.Len(t, lengths, 4)
	short, missing := "x", cursor.Write(l, cursor.Place{Values: []*string{nil, nil}})
	assert.Len(t, cursor.Write(l, cursor.Place{Values: []*string{&short, &short}}), len(missing))
}

func TestLongValuesHaveNoToken(t *testing.T) {
	l := cursor.List{Name: "arrivals", Order: "vessel,id"}
	for _, n := range []int{0, 700, 760, 1 << 20} {
		for _, l.Sealer = range []cursor.Sealer{nil, sealer(t, 'a')} {
			text, id := strings.Repeat("x", n), "1"
			assert.Equal(t, n <= 700, cursor.Write(l, cursor.Place{Values: []*string{&text, &id}}) != "", n)
		}
	}
	assert.Empty(t, cursor.Write(l, cursor.Place{Values: make([]*string, 101)}))
	_, err := cursor.NewSealer([]byte("short"))
	assert.ErrorContains(t, err, "32")
}

func FuzzRead(f *testing.F) {
	text, id := "Grey Gull", "7"
	l := cursor.List{Name: "arrivals", Order: "vessel,id"}
	f.Add(cursor.Write(l, cursor.Place{Values: []*string{&text, &id}, Behind: true}), 2)
	f.Add("AQAAAAAAAAAAAA", 3)
	l.Sealer = sealer(f, 'a')
	f.Add(cursor.Write(l, cursor.Place{Values: []*string{nil, &id}}), 2)
	f.Fuzz(func(t *testing.T, token string, fields int) {
		for _, s := range []cursor.Sealer{nil, l.Sealer} {
			l := cursor.List{Name: "arrivals", Order: "vessel,id", Sealer: s}
			p, why := cursor.Read(token, l, fields)
			if why != "" {
				require.Empty(t, p.Values)
				continue
			}
			require.Len(t, p.Values, fields)
			// Lengths may be written in more bytes than they need: the place is the same all the same.
			again, why := cursor.Read(cursor.Write(l, p), l, fields)
			require.Empty(t, why)
			require.Equal(t, p, again)
		}
	})
}
