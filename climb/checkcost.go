package climb

import (
	"context"
	"fmt"
	"slices"
	"time"
)

const (
	costRounds = 5
	costGrowth = 4                    // beyond it a deep page is told
	costLeast  = 5 * time.Millisecond // a smaller difference is noise
)

// checkCost takes the time of pages further and further down, in turns.
func (r *run) checkCost(ctx context.Context) error {
	at := r.depths()
	if len(at) < 2 {
		r.open(NotChecked, "The list has one page.", "cost.time", "cost.bytes")
		return nil
	}
	times := make([][]time.Duration, len(at))
	rounds := min(costRounds, r.left/len(at))
	if r.left < 0 {
		rounds = costRounds
	}
	costs := make([]Cost, len(at))
	rows := make([]int, len(at))
	for range rounds {
		for i, place := range at {
			v, err := r.see(ctx, place.address, place.row, "")
			if err != nil {
				return err
			}
			if v.problem == "" {
				times[i] = append(times[i], v.took)
				costs[i] = Cost{Address: place.address, Row: place.row, Bytes: v.length}
				rows[i] = len(v.ids)
			}
		}
	}
	for i := range costs {
		if len(times[i]) == 0 {
			r.open(NotChecked, "Pages could not be read, or no requests were left.", "cost.time", "cost.bytes")
			return nil
		}
		slices.Sort(times[i])
		costs[i].Time, costs[i].Rounds = times[i][len(times[i])/2], len(times[i])
	}
	r.report.Cost = costs
	first := costs[0]
	for i, c := range costs[1:] {
		if c.Time > costGrowth*first.Time && c.Time-first.Time > costLeast && times[i+1][0] > 2*first.Time {
			r.broken("cost.time", fmt.Sprintf("The page at record %d takes %.1f times as long as the first: %s against %s.", c.Row+1, float64(c.Time)/float64(max(first.Time, 1)), c.Time.Round(time.Microsecond), first.Time.Round(time.Microsecond)), c.Address)
		}
		if rows[i+1] > 0 && rows[0] > 0 && c.Bytes > costGrowth*first.Bytes && rows[i+1] <= rows[0] {
			r.broken("cost.bytes", fmt.Sprintf("The page at record %d has %d bytes, the first %d.", c.Row+1, c.Bytes, first.Bytes), c.Address)
		}
	}
	r.kept("cost.time", "cost.bytes")
	return nil
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
	total, ok := r.first.num("total_items")
	if way := r.e.numbered(); !w.whole && ok && way != byLinks { // deeper than was walked
		for quarter := range int64(5) {
			row := max(total-1, 0) / 4 * quarter / r.size * r.size
			add(depth{r.e.ask(question{way: way, row: row, size: r.size, sized: r.e.Size > 0 || way == byOffset}), row})
		}
		return all
	}
	pages := w.pages
	if n := len(pages); n > 1 && len(pages[n-1].ids) == 0 {
		pages = pages[:n-1]
	}
	for quarter := range 5 {
		v := pages[(len(pages)-1)*quarter/4]
		add(depth{v.address, v.row})
	}
	return all
}
