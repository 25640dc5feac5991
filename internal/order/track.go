// Package order keeps footholds: places in the order of a list from which reading goes on
// without counting from the start. It knows no database.
package order

import (
	"encoding/binary"
	"slices"
	"time"
)

// Track is the footholds of one order of a list, under one filter, at one version: the
// values, in the fields of the order, of the records at 0, Step, 2 Step, … Make one with
// NewTrack, add the footholds, and Finish it; from then on it does not change and is safe
// for concurrent use.
//
// Neighbours in an order have much in common. A foothold is written as what
// differs from the one before it, but for the first of each block, from which
// reading begins.
type Track struct {
	made   time.Time
	step   int64
	fields int
	n      int64
	text   []byte   // of each value: bytes shared with the value before, bytes that follow + 1 (0: missing), those bytes
	blocks []uint32 // where each block begins in text
	last   [][]byte // the values of the last foothold, while footholds are added
}

// bytesAMillion is the memory of a track for each million records.
const bytesAMillion = 2 << 20

// NewTrack begins a track of so many fields, with a foothold every so many records.
func NewTrack(fields int, step int64) *Track {
	return &Track{made: time.Now(), step: max(step, 1), fields: fields}
}

// Step is how many records lie between two footholds. Adding may double it.
func (t *Track) Step() int64 { return t.step }

// Len is how many footholds there are.
func (t *Track) Len() int64 { return t.n }

const blockLength = 16 // footholds

// Add adds the next foothold: a value for each field, nil for a missing one. The values
// are copied.
func (t *Track) Add(values [][]byte) {
	first := t.n%blockLength == 0
	if first {
		t.blocks = append(t.blocks, uint32(len(t.text)))
	}
	if t.last == nil {
		t.last = make([][]byte, t.fields)
	}
	for f, v := range values {
		if v == nil {
			t.text = append(t.text, 0, 0)
			t.last[f] = t.last[f][:0]
			continue
		}
		shared := 0
		for !first && shared < min(len(v), len(t.last[f])) && v[shared] == t.last[f][shared] {
			shared++
		}
		t.text = binary.AppendUvarint(t.text, uint64(shared))
		t.text = binary.AppendUvarint(t.text, uint64(len(v)-shared+1))
		t.text = append(t.text, v[shared:]...)
		t.last[f] = append(t.last[f][:0], v...)
	}
	t.n++
}

// Bytes is the memory that the track takes.
func (t *Track) Bytes() int { return cap(t.text) + 4*cap(t.blocks) + 100 }

// nearest gives the foothold nearest to a page, and how many records to skip from there:
// onward from the one before it, or backward from the one after it.
func (t *Track) nearest(offset int64, rows int) (values []*string, skip int64, backward bool) {
	before := min(offset/t.step, t.n-1)
	skip = offset - before*t.step
	if after := before + 1; after < t.n {
		if back := after*t.step - (offset + int64(rows) - 1); back >= 0 && back < skip {
			return t.at(after), back, true
		}
	}
	return t.at(before), skip, false
}

// at gives the values of the i-th foothold.
func (t *Track) at(i int64) []*string {
	values, missing := make([][]byte, t.fields), make([]bool, t.fields)
	rest := t.text[t.blocks[i/blockLength]:]
	number := func() int {
		n, length := binary.Uvarint(rest)
		rest = rest[length:]
		return int(n)
	}
	for range i%blockLength + 1 {
		for f := range values {
			shared, follow := number(), number()
			missing[f] = follow == 0
			follow = max(follow-1, 0)
			values[f] = append(values[f][:shared], rest[:follow]...)
			rest = rest[follow:]
		}
	}
	found := make([]*string, t.fields)
	for f, v := range values {
		if !missing[f] {
			text := string(v)
			found[f] = &text
		}
	}
	return found
}

// Widen doubles the step, and lets every second foothold go, while the whole track of so
// many records would be too large.
func (t *Track) Widen(total int64) {
	for t.n > 1 {
		each := float64(t.Bytes()) / float64(t.n)
		if each*float64(total)/float64(t.step) <= max(bytesAMillion*float64(total)/1e6, bytesAMillion/4) {
			return
		}
		half := Track{made: t.made, step: 2 * t.step, fields: t.fields}
		for i := int64(0); i < t.n; i += 2 {
			values := make([][]byte, t.fields)
			for f, v := range t.at(i) {
				if v != nil {
					values[f] = []byte(*v)
				}
			}
			half.Add(values)
		}
		*t = half
	}
}

// Finish lets go of what only adding takes.
func (t *Track) Finish() {
	t.last, t.text, t.blocks = nil, slices.Clip(t.text), slices.Clip(t.blocks)
}
