package sets

import (
	"bytes"
	"cmp"
	"context"
	"fmt"
	"strings"
	"sync"

	"github.com/jackc/pgx/v5"

	"pageladder.example/internal/order"
)

// This file asks the database how records compare where only the database knows: text under its
// collation.

const (
	pairsAtOnce = 20_000 // in one statement
	probes      = 16     // blocks that a key is compared with in one round, if the first guess was wrong
)

// pair is two keys to compare.
type pair struct{ a, b []byte }

// texts remembers how texts compare in the fields of one order, as the database said.
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
func (p pair) of(keys order.Order, field int) textPair {
	return textPair{field, *keys.Values(p.a)[field], *keys.Values(p.b)[field]}
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

// compareKeys compares the keys of each pair: the result is below, at or above 0. The database is
// asked about pairs that only it can compare and that are not remembered.
func (q *question) compareKeys(ctx context.Context, db querier, keys order.Order, told *texts, pairs []pair) ([]int, error) {
	signs := make([]int, len(pairs))
	var unknown []pair
	var of []int
	var differ []textPair
	for i, p := range pairs {
		sign, field, known := keys.Known(p.a, p.b)
		var texts textPair
		if !known {
			texts = p.of(keys, field)
			sign, known = told.get(texts)
		}
		if signs[i] = sign; !known {
			unknown, of, differ = append(unknown, p), append(of, i), append(differ, texts)
		}
	}
	sql := compareSQL(q)
	for len(unknown) > 0 {
		some := unknown[:min(len(unknown), pairsAtOnce)]
		unknown = unknown[len(some):]
		columns := make([][]*string, 2*len(keys))
		for _, p := range some {
			for i, v := range keys.Values(p.a) {
				columns[2*i] = append(columns[2*i], v)
			}
			for i, v := range keys.Values(p.b) {
				columns[2*i+1] = append(columns[2*i+1], v)
			}
		}
		args := make([]any, len(columns))
		for i := range columns {
			args[i] = columns[i]
		}
		rows, err := db.Query(ctx, sql, args...)
		if err != nil {
			return nil, err
		}
		more, err := pgx.CollectRows(rows, pgx.RowTo[int])
		if err != nil {
			return nil, err
		}
		for n, decided := range more {
			sign := cmp.Compare(decided, 0)
			if signs[of[n]] = sign; sign*decided == differ[n].field+1 { // else the database takes the two texts for equal
				told.put(differ[n], sign)
			}
		}
		of, differ = of[len(more):], differ[len(more):]
	}
	return signs, nil
}

// compareSQL is the statement that compares pairs. Each field is given as two arrays of texts, one
// for each side. It returns the number of the field that decides, from 1, with the sign of the
// comparison, and 0 if all are equal.
func compareSQL(q *question) string {
	var arrays, names, signs []string
	for i, o := range q.order {
		base, collation := q.set.compared(q.set.field(o.Field))
		a, b := fmt.Sprintf("a%d::%s", i, base), fmt.Sprintf("b%d::%s %s", i, base, collation)
		arrays = append(arrays, fmt.Sprintf("$%d::text[], $%d::text[]", 2*i+1, 2*i+2))
		names = append(names, fmt.Sprintf("a%d, b%d", i, i))
		less, missing := -1, 1
		if o.Desc {
			less = 1
		}
		if o.NullsFirst {
			missing = -1
		}
		signs = append(signs, fmt.Sprintf("nullif(case when a%[1]d is null and b%[1]d is null then 0 when a%[1]d is null then %[2]d when b%[1]d is null then %[3]d when %[4]s = %[5]s then 0 when %[4]s < %[5]s then %[6]d else %[7]d end, 0) * %[8]d",
			i, missing, -missing, a, b, less, -less, i+1))
	}
	return "select coalesce(" + strings.Join(signs, ", ") + ", 0) from unnest(" + strings.Join(arrays, ", ") + ") with ordinality as pairs (" + strings.Join(names, ", ") + ", n) order by n"
}

// place finds the block that each image falls into; blocks holds a guess for each. One statement
// checks all guesses, and a few more find the blocks of those that were wrong.
func (q *question) place(ctx context.Context, db querier, keys order.Order, told *texts, blocks *order.Blocks, images []image, found []int) error {
	low, high := make([]int, len(images)), make([]int, len(images)) // the image's block is at low or later, and before high
	for i := range images {
		high[i] = blocks.Len()
	}
	begins := map[int][]byte{}
	for guessed := true; ; guessed = false {
		var pairs []pair
		var of, at []int
		for i := range images {
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
				pairs, of, at = append(pairs, pair{images[i].key, begins[b]}), append(of, i), append(at, b)
			}
		}
		if len(pairs) == 0 && !guessed {
			return nil
		}
		signs, err := q.compareKeys(ctx, db, keys, told, pairs)
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

// comparison compares images with two keys, as the database does.
func (q *question) comparison(ctx context.Context, db querier, keys order.Order, told *texts, images []image, first, last []byte) (func(a, b []byte) int, error) {
	type both struct{ a, b string }
	known := map[both]int{}
	var pairs []pair
	for i := range images {
		for _, b := range [][]byte{first, last} {
			if b != nil && !bytes.Equal(images[i].key, b) {
				pairs = append(pairs, pair{images[i].key, b})
			}
		}
	}
	signs, err := q.compareKeys(ctx, db, keys, told, pairs)
	if err != nil {
		return nil, err
	}
	for i, p := range pairs {
		known[both{string(p.a), string(p.b)}] = signs[i]
	}
	return func(a, b []byte) int { return known[both{string(a), string(b)}] }, nil
}
