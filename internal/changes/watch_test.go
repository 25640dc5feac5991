package changes

import (
	"fmt"
	"slices"
	"strings"
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"
	"pgregory.net/rapid"
)

// A stamp is new exactly where the log has a transaction that the mark did not see.
func TestStampsAreNewWhereTheMarkSawLess(t *testing.T) {
	rapid.Check(t, func(t *rapid.T) {
		id := rapid.Uint64Range(100, 120)
		mark := &Snapshot{Started: "then", Xmin: 100, Xmax: rapid.Uint64Range(100, 120).Draw(t, "xmax"), Standby: rapid.Bool().Draw(t, "standby")}
		for _, x := range rapid.SliceOfDistinct(id, func(x uint64) uint64 { return x }).Draw(t, "listed") {
			if mark.Standby || x < mark.Xmax {
				mark.Listed = append(mark.Listed, x)
			}
		}
		slices.Sort(mark.Listed)
		ids := rapid.SliceOfN(id, 0, 5).Draw(t, "ids")
		name := rapid.SampledFrom([]string{"a name", ""}).Draw(t, "name")
		floor := rapid.SampledFrom([]string{"0", "100", decimal(mark.all()), decimal(mark.all() + 1), ""}).Draw(t, "floor")
		pruned := floor == decimal(mark.all()+1) // what the mark did not see may be gone
		text := fmt.Sprintf("%s|101:120:105,107|%s|%s", floor, name, strings.Join(decimals(ids), ","))
		s, err := ReadStamp(text, mark)
		require.NoError(t, err)
		assert.Equal(t, name, s.Log)
		more := slices.ContainsFunc(ids, func(x uint64) bool { return !mark.Sees(x) })
		assert.Equal(t, floor == "" || name == "" && (mark.Standby || !more), s.Gap != "", "only a primary that has something new leaves the name out: a standby was promoted")
		assert.Equal(t, more || pruned, s.New)
		assert.Equal(t, mark.Standby, s.Saw.Standby)
		if !mark.Standby {
			assert.Equal(t, "101:120:105,107", s.Saw.text(), "as PostgreSQL writes it")
		}
	})
}

// Whatever stands in place of a stamp is read, or is an error.
func FuzzReadStamp(f *testing.F) {
	for _, text := range []string{"=", "", "|", "0|1:2:|x|", "0|1:2:1|x|7,8", "6|9:1:|x|18446744073709551616", "|1:2|x|", "x|a:b:c|x|d", "0|1:2:3,,4|x|"} {
		f.Add(text)
	}
	f.Fuzz(func(t *testing.T, text string) {
		mark := &Snapshot{Xmin: 5, Xmax: 9, Listed: []uint64{6}}
		s, err := ReadStamp(text, mark)
		if err == nil && s != nil {
			assert.LessOrEqual(t, len(s.Saw.Listed), len(text))
		}
		ReadProof(text)
	})
}

// No name can end a function's body between dollars.
func TestBodiesBetweenDollars(t *testing.T) {
	rapid.Check(t, func(t *rapid.T) {
		text := rapid.StringOf(rapid.SampledFrom([]rune("$log1 2;"))).Draw(t, "text")
		quoted := dollars(text)
		mark := quoted[:strings.IndexByte(quoted[1:], '$')+2]
		assert.Equal(t, mark+text+mark, quoted)
		assert.Equal(t, len(text), strings.Index(text+mark, mark), "it ends where it should")
	})
}

// No two tables have logs of the same name, and no name is so long that PostgreSQL would cut it.
func TestNamesOfLogs(t *testing.T) {
	rapid.Check(t, func(t *rapid.T) {
		name := rapid.StringOfN(rapid.SampledFrom([]rune("ab.\"é")), 1, 30, 63)
		a, b := [2]string{name.Draw(t, "schema"), name.Draw(t, "table")}, [2]string{name.Draw(t, "another schema"), name.Draw(t, "another table")}
		assert.LessOrEqual(t, len(LogName(a[0], a[1])), longestName)
		assert.Equal(t, a == b, LogName(a[0], a[1]) == LogName(b[0], b[1]), "%q %q", a, b)
	})
	assert.NotEqual(t, LogName("a.b", "c"), LogName("a", "b.c"))
	assert.NotEqual(t, LogName(strings.Repeat("x", 63), "a"), LogName(strings.Repeat("x", 63), "b"))
}
