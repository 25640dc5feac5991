package sets

import (
	"encoding/binary"
	"slices"
	"time"
)

// track is the footholds of one sort and filter of one version of a set: the
// values, in the fields of the order, of the records at 0, step, 2 step, … Reading
// goes on from the nearest one, without counting from the start.
//
// Neighbours in an order have much in common. A foothold is written as what
// differs from the one before it, but for the first of each block, from which
// reading begins.
type track struct {
	made   time.Time
	step   int64
	fields int
	n      int64
	text   []byte   // of each value: bytes shared with the value before, bytes that follow + 1 (0: missing), those bytes
	blocks []uint32 // where each block begins in text
	last   [][]byte // the values of the last foothold, while footholds are added
}

const blockLength = 16 // footholds

func (t *track) add(values [][]byte) {
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

func (t *track) bytes() int { return cap(t.text) + 4*cap(t.blocks) + 100 }

// at gives the values of the i-th foothold.
func (t *track) at(i int64) []*string {
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

// widen doubles the step, and lets every second foothold go, while the whole
// track would be too large.
func (t *track) widen(total int64) {
	for t.n > 1 {
		each := float64(t.bytes()) / float64(t.n)
		if each*float64(total)/float64(t.step) <= max(bytesAMillion*float64(total)/1e6, bytesAMillion/4) {
			return
		}
		half := track{made: t.made, step: 2 * t.step, fields: t.fields}
		for i := int64(0); i < t.n; i += 2 {
			values := make([][]byte, t.fields)
			for f, v := range t.at(i) {
				if v != nil {
					values[f] = []byte(*v)
				}
			}
			half.add(values)
		}
		*t = half
	}
}

// finish lets go of what only adding takes.
func (t *track) finish() {
	t.last, t.text, t.blocks = nil, slices.Clip(t.text), slices.Clip(t.blocks)
}
