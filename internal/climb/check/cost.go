package check

import (
	"context"
	"fmt"
	"slices"
	"time"

	"pageladder.example/climb/report"
	"pageladder.example/internal/climb/fetch"
)

const (
	costRounds = 5
	costAgain  = 2                    // times that a slow page is measured once more
	costGrowth = 4                    // beyond it a deep page is reported
	costLeast  = 5 * time.Millisecond // a smaller difference is noise
)

// checkCost takes the time of pages further and further down, in turns.
func (r *run) checkCost(ctx context.Context) error {
	at := r.depths()
	if len(at) < 2 {
		r.open(report.NotChecked, "The list has one page.", "cost.time", "cost.bytes")
		return nil
	}
	costs, times, rows, err := r.measure(ctx, at)
	if err != nil {
		return err
	}
	for i := range costs {
		if len(times[i]) == 0 {
			r.open(report.NotChecked, "Pages could not be read, or no requests were left.", "cost.time", "cost.bytes")
			return nil
		}
	}
	r.report.Cost = costs
	first := costs[0]
	for i, c := range costs[1:] {
		slow := slower(times[0], times[i+1])
		for again := 0; slow && again < costAgain; again++ { // others may have kept the machine busy
			_, pair, _, err := r.measure(ctx, []depth{at[0], at[i+1]})
			if err != nil {
				return err
			}
			if len(pair[0]) == 0 || len(pair[1]) == 0 {
				break
			}
			slow = slower(pair[0], pair[1])
		}
		if slow {
			r.broken("cost.time", fmt.Sprintf("The page at record %d takes %.1f times as long as the first: %s against %s.", c.Row+1, float64(c.Time)/float64(max(first.Time, 1)), c.Time.Round(time.Microsecond), first.Time.Round(time.Microsecond)), c.Address)
		}
		if rows[i+1] > 0 && rows[0] > 0 && c.Bytes > costGrowth*first.Bytes && rows[i+1] <= rows[0] {
			r.broken("cost.bytes", fmt.Sprintf("The page at record %d has %d bytes, the first %d.", c.Row+1, c.Bytes, first.Bytes), c.Address)
		}
	}
	r.kept("cost.time", "cost.bytes")
	return nil
}

// measure asks for pages in turns. Times are sorted; there are none of a page that could not be read.
func (r *run) measure(ctx context.Context, at []depth) (costs []report.Cost, times [][]time.Duration, rows []int, err error) {
	costs, times, rows = make([]report.Cost, len(at)), make([][]time.Duration, len(at)), make([]int, len(at))
	rounds := costRounds
	if r.Left >= 0 {
		rounds = min(rounds, r.Left/len(at))
	}
	for range rounds {
		for i, place := range at {
			v, err := r.see(ctx, place.address, place.row, "")
			if err != nil {
				return nil, nil, nil, err
			}
			if v.problem == "" {
				times[i] = append(times[i], v.Took)
				costs[i] = report.Cost{Address: place.address, Row: place.row, Bytes: v.Length}
				rows[i] = len(v.ids)
			}
		}
	}
	for i := range costs {
		if slices.Sort(times[i]); len(times[i]) > 0 {
			costs[i].Time, costs[i].Rounds = middle(times[i]), len(times[i])
		}
	}
	return costs, times, rows, nil
}

func middle(sorted []time.Duration) time.Duration { return sorted[len(sorted)/2] }

// slower reports whether a deep page takes longer than the first one by what is reported.
func slower(first, deep []time.Duration) bool {
	one, other := middle(first), middle(deep)
	return other > costGrowth*one && other-one > costLeast && deep[0] > 2*one
}

type depth struct {
	address string
	row     int64
}

// depths are pages at the beginning, at quarters, and at the end of what can be asked for.
func (r *run) depths() (all []depth) {
	var w *walk
	for _, one := range r.walks {
		if w == nil || len(one.pages) > len(w.pages) {
			w = one
		}
	}
	if w == nil || len(w.pages) == 0 {
		return nil
	}
	add := func(d depth) {
		if !slices.ContainsFunc(all, func(o depth) bool { return o.row == d.row }) {
			all = append(all, d)
		}
	}
	total, ok := r.First.Num("total_items")
	if way := r.List.Numbered(); !w.whole && ok && way != fetch.ByLinks { // deeper than was walked
		for quarter := range int64(5) {
			row := max(total-1, 0) / 4 * quarter / r.size * r.size
			add(depth{r.List.Ask(fetch.Question{Way: way, Row: row, Size: r.size, Sized: r.List.Size > 0 || way == fetch.ByOffset}), row})
		}
		return all
	}
	pages := w.pages
	if n := len(pages); n > 1 && len(pages[n-1].ids) == 0 {
		pages = pages[:n-1]
	}
	for quarter := range 5 {
		v := pages[(len(pages)-1)*quarter/4]
		add(depth{v.Address, v.row})
	}
	return all
}
