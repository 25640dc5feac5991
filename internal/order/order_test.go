package order

import (
	"bytes"
	"cmp"
	"fmt"
	"math/big"
	"slices"
	"strconv"
	"strings"
	"testing"
	"time"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"
	"pgregory.net/rapid"

	"pageladder.example/paging/text"
	"pageladder.example/paging/value"
)

func ratOf(number []byte) *big.Rat {
	r, _ := new(big.Rat).SetString(string(number))
	return r
}

func raw(s string) []byte { return []byte(s) }

// drawn is a value as PostgreSQL writes it, and how two of its type compare.
func drawn(t *rapid.T, of value.Type) ([]byte, func(a, b []byte) int) {
	switch of {
	case value.Integer:
		n := rapid.OneOf(rapid.Int64(), rapid.Int64Range(-300, 300)).Draw(t, "integer")
		return raw(strconv.FormatInt(n, 10)), func(a, b []byte) int {
			x, _ := strconv.ParseInt(string(a), 10, 64)
			y, _ := strconv.ParseInt(string(b), 10, 64)
			return cmp.Compare(x, y)
		}
	case value.Boolean:
		return raw(rapid.SampledFrom([]string{"t", "f"}).Draw(t, "boolean")), bytes.Compare
	case value.Date, value.Time:
		if found := rapid.SampledFrom([]string{"", "", "infinity", "-infinity"}).Draw(t, "infinite"); found != "" {
			return raw(found), byMoment
		}
		month, day := rapid.IntRange(1, 12).Draw(t, "month"), rapid.IntRange(1, 28).Draw(t, "day")
		year, before := rapid.OneOf(rapid.IntRange(1, 9999), rapid.IntRange(1, 4700), rapid.IntRange(9_990, 290_000)).Draw(t, "year"), rapid.Bool().Draw(t, "before Christ")
		written := fmt.Sprintf("%04d-%02d-%02d", year, month, day)
		if of == value.Time {
			written += " " + time.UnixMicro(rapid.Int64Range(0, 86_400_000_000-1).Draw(t, "time of day")).UTC().Format("15:04:05.999999") + "+00"
		}
		if before && year < 4700 {
			written += " BC"
		}
		return raw(written), byMoment
	case value.BigDecimal:
		if found := rapid.SampledFrom([]string{"", "", "", "NaN", "Infinity", "-Infinity"}).Draw(t, "not finite"); found != "" {
			return raw(found), byNumber
		}
		number := rapid.StringMatching(`-?(0|[1-9][0-9]{0,20}|[1-9]0{1,9})(\.[0-9]{1,9})?`).Draw(t, "decimal")
		return raw(number), byNumber
	}
	return raw(rapid.SampledFrom([]string{"", "a", "á", "A", "ab", "B", "z", "Øre", "a b", "\x01"}).Draw(t, "text")), func(a, b []byte) int { return text.Compare(string(a), string(b)) }
}

// byMoment compares dates or times: by the year, which falls before Christ, then as they are written.
func byMoment(a, b []byte) int {
	sortable := func(v []byte) string {
		switch text := string(v); text {
		case "-infinity":
			return "0"
		case "infinity":
			return "3"
		default:
			text, before := strings.CutSuffix(text, " BC")
			at := strings.IndexByte(text, '-')
			year, _ := strconv.Atoi(text[:at])
			rest := strings.TrimSuffix(text[at:], "+00")
			if before {
				return fmt.Sprintf("1%08d%s", 10_000_000-year, rest)
			}
			return fmt.Sprintf("2%08d%s", year, rest)
		}
	}
	return cmp.Compare(sortable(a), sortable(b))
}

// byNumber compares numbers as PostgreSQL does: NaN is above all others.
func byNumber(a, b []byte) int {
	above := map[string]int{"-Infinity": -1, "Infinity": 1, "NaN": 2}
	x, y := above[string(a)], above[string(b)]
	if x != 0 || y != 0 {
		return cmp.Compare(x, y)
	}
	return ratOf(a).Cmp(ratOf(b))
}

// Keys compare as their records do, and give their values back.
func TestKeysAreInTheOrderOfTheirRecords(t *testing.T) {
	types := []value.Type{value.Integer, value.Boolean, value.Date, value.Time, value.BigDecimal, value.Text}
	rapid.Check(t, func(t *rapid.T) {
		var o Order
		for range rapid.IntRange(1, 4).Draw(t, "fields") {
			o = append(o, Field{rapid.SampledFrom(types).Draw(t, "type"), rapid.Bool().Draw(t, "desc"), rapid.Bool().Draw(t, "nulls first")})
		}
		want, known := 0, true
		var a, b [][]byte
		for _, f := range o {
			x, compare := drawn(t, f.Type)
			y, _ := drawn(t, f.Type)
			c := 0
			switch null := rapid.IntRange(0, 9).Draw(t, "missing"); {
			case null == 0:
				x, y = nil, nil
			case null == 1:
				x, c = nil, 1
			case null == 2:
				y, c = nil, -1
			case null < 5:
				y = x
			default:
				if c = compare(x, y); f.Desc {
					c = -c
				}
			}
			if f.NullsFirst && (x == nil) != (y == nil) {
				c = -c
			}
			if want == 0 && c != 0 { // texts that differ compare as the database says
				want, known = c, f.Type != value.Text || x == nil || y == nil
			}
			a, b = append(a, x), append(b, y)
		}
		ka, err := o.Key(a)
		require.NoError(t, err)
		kb, err := o.Key(b)
		require.NoError(t, err)
		sign, _, sure := o.Known(ka, kb)
		require.Equal(t, want, sign, "%q %q", a, b)
		require.Equal(t, known, sure, "%q %q", a, b)
		if o.Exact() {
			require.Equal(t, want, bytes.Compare(ka, kb), "%q %q", a, b)
		}
		for i, v := range o.Values(ka) {
			if a[i] == nil {
				require.Nil(t, v)
				continue
			}
			require.NotNil(t, v)
			switch o[i].Type {
			case value.Text, value.Integer:
				require.Equal(t, string(a[i]), *v)
			case value.BigDecimal:
				require.Zero(t, byNumber(a[i], raw(*v)), "%s %s", a[i], *v)
			case value.Boolean:
				require.Equal(t, string(a[i]), (*v)[:1])
			default:
				if canonical, wrong := o[i].Type.Canonical(*v); wrong == "" {
					require.Equal(t, canonical, *v)
					require.Equal(t, string(a[i]), strings.Replace(strings.Replace(*v, "T", " ", 1), "Z", "+00", 1))
				} else {
					require.Equal(t, string(a[i]), *v, "as PostgreSQL writes it")
				}
			}
		}
	})
}

func TestValuesThatHaveNoKey(t *testing.T) {
	for _, c := range []struct {
		of    value.Type
		found string
	}{{value.Integer, "1.5"}, {value.Time, "2026-03-01"}, {value.Time, "2026-03-01 25:00:00+00"}, {value.Date, "2026-02-30"}, {value.Date, "0000-01-01"}, {value.BigDecimal, "nan"}, {value.Decimal, "1e5"}, {value.Decimal, ""}} {
		_, err := Order{{Type: c.of}}.Key([][]byte{raw(c.found)})
		require.ErrorIs(t, err, errNoKey, c.found)
	}
}

// Blocks that are edited at random hold the same as a plain list with the same edits.
func TestBlocksAreThoseOfTheList(t *testing.T) {
	o := Order{{Type: value.Integer}}
	key := func(n int) []byte {
		k, err := o.Key([][]byte{raw(strconv.Itoa(n))})
		require.NoError(t, err)
		return k
	}
	rapid.Check(t, func(t *rapid.T) {
		step := rapid.IntRange(1, 7).Draw(t, "step")
		list := map[int]bool{}
		for _, n := range rapid.SliceOfN(rapid.IntRange(0, 20_000), 0, 3000).Draw(t, "records") {
			list[n] = true
		}
		sorted := func() []int {
			var all []int
			for n := range list {
				all = append(all, n)
			}
			slices.Sort(all)
			return all
		}
		all := sorted()
		build := Build(int64(step), func(int64) int { return 1 << 20 })
		for i := 0; i < len(all); i += step {
			build.Add(key(all[i]), int64(min(step, len(all)-i)))
		}
		blocks := build.Blocks()
		older, before := blocks, all
		for range rapid.IntRange(0, 5).Draw(t, "rounds") {
			by := map[int]int64{}
			for range rapid.IntRange(1, 300).Draw(t, "changes") {
				n := rapid.IntRange(-10, 20_010).Draw(t, "record")
				i := blocks.Find(key(n), o.Compare)
				if list[n] {
					by[i]--
				} else {
					by[i]++
				}
				if list[n] = !list[n]; !list[n] {
					delete(list, n)
				}
			}
			all = sorted()
			var edits []Edit
			for i := range blocks.Len() {
				change, changed := by[i]
				if !changed {
					continue
				}
				e := Edit{I: i, By: change}
				b := blocks.Block(i)
				from := 0
				if i > 0 {
					from, _ = slices.BinarySearchFunc(all, b.Key, func(n int, k []byte) int { return bytes.Compare(key(n), k) })
				}
				for at := int64(step); b.Records+change > 2*int64(step) && at < b.Records+change; at += int64(step) {
					e.Parts = append(e.Parts, Part{key(all[from+int(at)]), at})
				}
				edits = append(edits, e)
			}
			next, err := blocks.Edited(edits)
			require.NoError(t, err)
			blocks = next
		}
		check := func(blocks *Blocks, all []int) {
			require.EqualValues(t, len(all), blocks.Records())
			at := int64(0)
			for i := range blocks.Len() {
				b := blocks.Block(i)
				require.Equal(t, i, b.I)
				require.Equal(t, at, b.Before)
				if i > 0 {
					from, _ := slices.BinarySearchFunc(all, b.Key, func(n int, k []byte) int { return bytes.Compare(key(n), k) })
					require.EqualValues(t, b.Before, from)
				}
				require.LessOrEqual(t, b.Records, int64(2*step), "the test cuts them")
				at += b.Records
			}
			require.EqualValues(t, len(all), at)
			for range 5 {
				if len(all) > 0 {
					position := rapid.IntRange(0, len(all)-1).Draw(t, "position")
					b := blocks.At(int64(position))
					require.True(t, b.Before <= int64(position) && int64(position) < b.Before+b.Records, "%d in %+v", position, b)
					require.Equal(t, b, blocks.Block(b.I))
					require.Equal(t, b.I, blocks.Find(key(all[position]), o.Compare))
				}
			}
		}
		check(blocks, all)
		check(older, before) // stay as they were
	})
}

func TestBlocksRefuseWhatTheyCannotHaveHad(t *testing.T) {
	build := Build(2, func(int64) int { return 1 << 20 })
	build.Add(raw("a"), 2)
	build.Add(raw("b"), 2)
	blocks := build.Blocks()
	for _, edits := range [][]Edit{{{I: 2, By: 1}}, {{I: 0, By: -3}}, {{I: 0, Parts: []Part{{raw("aa"), 2}}}}, {{I: 0, Parts: []Part{{raw("aa"), 1}, {raw("ab"), 1}}}}} {
		_, err := blocks.Edited(edits)
		require.Error(t, err, "%+v", edits)
	}
	empty := Build(5, func(int64) int { return 0 }).Blocks()
	require.Zero(t, empty.At(7).Records)
	grown, err := empty.Edited([]Edit{{I: 0, By: 3}})
	require.NoError(t, err)
	require.EqualValues(t, 3, grown.Records())
}

// Blocks stay within their memory: when it is full, the step between them grows.
func TestBlocksFitTheirMemory(t *testing.T) {
	for _, limit := range []int{20_000, 200_000, 1 << 30} {
		build := Build(2, func(int64) int { return limit })
		for i := range 100_000 {
			build.Add(fmt.Appendf(nil, "%x", uint64(i)*0x9e3779b97f4a7c15), 2)
		}
		blocks := build.Blocks()
		assert.LessOrEqual(t, blocks.Bytes(), limit)
		assert.EqualValues(t, 200_000, blocks.Records())
		assert.Equal(t, limit < 1<<30, blocks.Step() > 2, "%d: %d of %d bytes", limit, blocks.Step(), blocks.Bytes())
		assert.LessOrEqual(t, blocks.At(123_456).Before, int64(123_456))
	}
}

// A new type has an order in this package, or is named as one that only the database orders.
func TestEachTypeHasAnOrder(t *testing.T) {
	for _, of := range value.Types() {
		inDatabase := of == value.Text || of == value.JSON
		assert.Equal(t, !inDatabase, Order{{Type: of}}.Exact(), of)
	}
	assert.False(t, Order{{Type: "a new type"}}.Exact(), "whose order nobody knows")
}
