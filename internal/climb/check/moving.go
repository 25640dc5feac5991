package check

import (
	"context"
	"fmt"
	"time"

	"pageladder.example/climb/report"
	"pageladder.example/internal/climb/fetch"
)

// checkStill asks for the first page once more: of a list that changes by itself, what was
// lost and what was repeated is no fault of its paging.
func (r *run) checkStill(ctx context.Context) error {
	v, err := r.see(ctx, r.List.Base(), 0, "")
	if err != nil {
		return err
	}
	before, _ := r.First.Num("total_items")
	now, _ := v.Num("total_items")
	if before != now {
		r.note(fmt.Sprintf("The total was %d at first and is %d now: the list changed while it was walked. What is reported as lost or repeated may be due to that.", before, now))
	}
	return nil
}

// checkMoving walks while records are changed, and counts what that walk has lost and
// repeated of the records that were there before and after.
func (r *run) checkMoving(ctx context.Context) error {
	codes := []string{"moving.lost", "moving.repeated"}
	if r.checker.While == nil {
		r.open(report.NotOffered, "No command was given that changes records.", codes...)
		return nil
	}
	r.during = true
	before, err := r.through(ctx)
	if err != nil {
		return err
	}
	changes, stop := context.WithCancel(ctx)
	defer stop()
	done := make(chan error, 1)
	go func() { done <- r.checker.While(changes) }()
	while, err := r.through(ctx)
	if err != nil {
		return err
	}
	failed := ""
	select {
	case err := <-done:
		if err != nil {
			failed = err.Error()
		}
	case <-time.After(fetch.MaxWait):
		stop()
		<-done // it ends with its context
	}
	after, err := r.through(ctx)
	if err != nil {
		return err
	}
	if !before.whole || !while.whole || !after.whole {
		r.open(report.NotChecked, "A walk did not come to the end of the list.", codes...)
		return nil
	}
	r.countMoved(before.count(), while, after.count(), failed)
	r.kept(codes...)
	return nil
}

// through walks through the list as its users do: by addresses where there are any.
func (r *run) through(ctx context.Context) (*walk, error) {
	if r.links() || r.List.Numbered() == fetch.ByLinks || r.List.Params.After != "" {
		return r.byAddresses(ctx, "through", r.List.Base(), "next", "", r.share)
	}
	return r.byNumbers(ctx, "through", r.size, r.List.Size > 0 || r.List.Numbered() == fetch.ByOffset, "", "", r.share)
}

func (r *run) countMoved(before map[uint64]int, while *walk, after map[uint64]int, failed string) {
	m := &report.Moving{Failed: failed}
	other := while.count()
	for id := range before {
		if after[id] == 0 {
			continue
		}
		m.Records++
		switch {
		case other[id] == 0:
			m.Lost++
		case other[id] > 1:
			m.Repeated++
		}
	}
	r.report.Moving = m
	if m.Lost > 0 {
		r.broken("moving.lost", fmt.Sprintf("%d of %d records that were there all the time are not on the walk.", m.Lost, m.Records), while.pageOf(0))
	}
	if m.Repeated > 0 {
		r.broken("moving.repeated", fmt.Sprintf("%d of %d records that were there all the time come more than once.", m.Repeated, m.Records), while.pageOf(0))
	}
}
