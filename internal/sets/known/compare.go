package known

import (
	"bytes"
	"cmp"
	"context"
	"sync"

	"pageladder.example/internal/order"
	"pageladder.example/internal/sets/view"
)

// This file asks a source how records compare where only the source knows: text under its collation.

const probes = 16 // blocks that a key is compared with in one round, if the first guess was wrong

// pair is two keys to compare.
type pair struct{ a, b []byte }

// texts remembers how texts compare in the fields of one order, as the source said.
type texts struct {
	mu    sync.Mutex
	signs map[textPair]int
}

type textPair struct {
	field int
	a, b  string
}

const (
	textsKept = 500
	textBytes = 64 // of both texts together, at most: longer ones rarely come again
)

func (t *texts) size() int {
	t.mu.Lock()
	defer t.mu.Unlock()
	return (textBytes + 50) * len(t.signs)
}

// of is the pair of texts in the first field that two keys differ in.
func (p pair) of(by order.Order, field int) textPair {
	return textPair{field, *by.Values(p.a)[field], *by.Values(p.b)[field]}
}

func (t *texts) get(p textPair) (sign int, known bool) {
	t.mu.Lock()
	defer t.mu.Unlock()
	sign, known = t.signs[p]
	return sign, known
}

func (t *texts) put(p textPair, sign int) {
	if len(p.a)+len(p.b) > textBytes {
		return
	}
	t.mu.Lock()
	defer t.mu.Unlock()
	if len(t.signs) >= textsKept || t.signs == nil {
		t.signs = map[textPair]int{}
	}
	t.signs[p] = sign
}

// compare compares the keys of each pair: the result is below, at or above 0. The source compares
// pairs that only it can compare and that are not remembered.
func (o *Footholds) compare(ctx context.Context, q view.Question, pairs []pair) ([]int, error) {
	signs := make([]int, len(pairs))
	var unknown [][2][]*string
	var of []int
	var differ []textPair
	for i, p := range pairs {
		sign, field, known := o.order.Known(p.a, p.b)
		var texts textPair
		if !known {
			texts = p.of(o.order, field)
			sign, known = o.texts.get(texts)
		}
		if signs[i] = sign; !known {
			unknown, of, differ = append(unknown, [2][]*string{o.order.Values(p.a), o.order.Values(p.b)}), append(of, i), append(differ, texts)
		}
	}
	if len(unknown) == 0 {
		return signs, nil
	}
	decided, err := q.Compare(ctx, unknown)
	if err != nil {
		return nil, err
	}
	for n, field := range decided {
		sign := cmp.Compare(field, 0)
		if signs[of[n]] = sign; sign*field == differ[n].field+1 { // else the source takes the two texts for equal
			o.texts.put(differ[n], sign)
		}
	}
	return signs, nil
}

// place finds the block that each key falls into; found holds a guess for each. One question decides
// whether the guesses are right, and a few more find those that were wrong.
func (o *Footholds) place(ctx context.Context, q view.Question, blocks *order.Blocks, keys [][]byte, found []int) error {
	low, high := make([]int, len(keys)), make([]int, len(keys)) // a key's block is at low or later, and before high
	for i := range keys {
		high[i] = blocks.Len()
	}
	begins := map[int][]byte{}
	for guessed := true; ; guessed = false {
		var pairs []pair
		var of, at []int
		for i := range keys {
			if high[i] == low[i]+1 {
				found[i] = low[i]
				continue
			}
			each := []int{found[i], found[i] + 1}
			if !guessed {
				each = each[:0]
				wide := high[i] - low[i]
				for p := 1; p <= min(probes, wide-1); p++ {
					each = append(each, low[i]+p*wide/(min(probes, wide-1)+1))
				}
			}
			for _, b := range each {
				if b <= low[i] || b >= high[i] {
					continue
				}
				if begins[b] == nil {
					begins[b] = blocks.Block(b).Key
				}
				pairs, of, at = append(pairs, pair{keys[i], begins[b]}), append(of, i), append(at, b)
			}
		}
		if len(pairs) == 0 && !guessed {
			return nil
		}
		signs, err := o.compare(ctx, q, pairs)
		if err != nil {
			return err
		}
		for n, sign := range signs {
			if i := of[n]; sign >= 0 {
				low[i] = max(low[i], at[n])
			} else {
				high[i] = min(high[i], at[n])
			}
		}
	}
}

// comparison compares keys with two others, as the source does.
func (o *Footholds) comparison(ctx context.Context, q view.Question, keys [][]byte, first, last []byte) (func(a, b []byte) int, error) {
	type both struct{ a, b string }
	known := map[both]int{}
	var pairs []pair
	for _, key := range keys {
		for _, b := range [][]byte{first, last} {
			if b != nil && !bytes.Equal(key, b) {
				pairs = append(pairs, pair{key, b})
			}
		}
	}
	signs, err := o.compare(ctx, q, pairs)
	if err != nil {
		return nil, err
	}
	for i, p := range pairs {
		known[both{string(p.a), string(p.b)}] = signs[i]
	}
	return func(a, b []byte) int { return known[both{string(a), string(b)}] }, nil
}
