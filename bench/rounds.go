package main

import (
	"errors"
	"fmt"
	"net/url"
	"slices"
	"time"

	"golang.org/x/sync/errgroup"

	"pageladder.example/internal/sets"
)

// measured is what was seen of a question.
type measured struct {
	rates, p50, all []float64
	reread          int64
}

func (m *measured) add(one measured) {
	m.rates, m.p50, m.all = append(m.rates, one.rates...), append(m.p50, one.p50...), append(m.all, one.all...)
	m.reread += one.reread
}

// part is the value below which a part of all are.
func part(of []float64, share float64) float64 {
	slices.Sort(of)
	return of[int(share*float64(len(of)-1))]
}

func middle(of []float64) float64 {
	slices.Sort(of)
	return of[len(of)/2]
}

// askInRounds asks each question in each round, prints the ratios of the pairs and what was seen of each question.
func askInRounds(questions []question, pairs [][2]string, rounds int, each time.Duration, w *writer, store *sets.Store) error {
	seen := make([]measured, len(questions))
	turn := make([]int, len(questions)) // forth in one round and back in the next: none always follows the same one
	for i := range turn {
		turn[i] = i
	}
	for range rounds {
		slices.Reverse(turn)
		for _, i := range turn {
			q := questions[i]
			stop := func() error { return nil }
			if q.writing != nil {
				stop = w.steadily(q.writing)
			}
			before := store.Reread()
			one, err := ask(q.base, q.query, q.header, each)
			if err = errors.Join(err, stop()); err != nil {
				return fmt.Errorf("%s: %w", q.name, err)
			}
			one.reread = store.Reread() - before
			seen[i].add(one)
		}
	}
	fmt.Printf("\n| rate of | against | ratio: median (least to most) of %d rounds |\n|---|---|---|\n", rounds)
	for _, pair := range pairs {
		one := slices.IndexFunc(questions, func(q question) bool { return q.name == pair[0] })
		other := slices.IndexFunc(questions, func(q question) bool { return q.name == pair[1] })
		if one < 0 || other < 0 {
			continue
		}
		ratios := make([]float64, rounds) // within a round, since the machine's speed drifts
		for i := range ratios {
			ratios[i] = seen[one].rates[i] / seen[other].rates[i]
		}
		fmt.Printf("| %s | %s | %.3f (%.2f to %.2f) |\n", pair[0], pair[1], middle(ratios), slices.Min(ratios), slices.Max(ratios))
	}
	fmt.Printf("\n| question, %d connections, median of %d rounds | answers a second | p50, ms | p99 of all rounds, ms | read again |\n|---|---|---|---|---|\n", connections, rounds)
	for i, q := range questions {
		fmt.Printf("| %s | %.0f | %.2f | %.2f | %.1f %% |\n", q.name, middle(seen[i].rates), middle(seen[i].p50), part(seen[i].all, 0.99), 100*float64(seen[i].reread)/float64(len(seen[i].all)))
	}
	return nil
}

// leadIn is the part of a round that a request is sent once more before it is
// measured: a writer then is in its rhythm, and what it changed during other questions is known.
const leadIn = 0.25

// ask asks a question over and over on several connections.
func ask(base string, query func() string, header string, each time.Duration) (measured, error) {
	target, err := url.Parse(base)
	if err != nil {
		return measured{}, err
	}
	var group errgroup.Group
	took := make([][]float64, connections)
	began := time.Now().Add(time.Duration(leadIn * float64(each)))
	for c := range connections {
		group.Go(func() error {
			line, err := dial(target.Host)
			if err != nil {
				return err
			}
			defer line.Close()
			for len(took[c]) == 0 || time.Since(began) < each {
				at := time.Now()
				if err := line.get(target.Path+query(), header); err != nil {
					return err
				}
				if at.Before(began) {
					continue
				}
				took[c] = append(took[c], float64(time.Since(at).Microseconds())/1000)
			}
			return nil
		})
	}
	err = group.Wait()
	elapsed := time.Since(began).Seconds()
	if err != nil {
		return measured{}, err
	}
	all := slices.Concat(took...)
	return measured{rates: []float64{float64(len(all)) / elapsed}, p50: []float64{middle(all)}, all: all}, nil
}
