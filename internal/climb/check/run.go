// Package check runs the checks of a paged endpoint: walks through its list, and compares what it says with what it
// gives. One file holds the checks of each kind of promise.
package check

import (
	"context"
	"errors"
	"fmt"
	"math/rand/v2"
	"net/http"
	"slices"
	"strings"
	"time"

	"pageladder.example/climb/endpoint"
	"pageladder.example/climb/report"
	"pageladder.example/internal/climb/fetch"
	"pageladder.example/internal/climb/find"
	"pageladder.example/internal/climb/values"
)

// DefaultRequests limits the requests of a run.
const DefaultRequests = 300

// Settings say how an endpoint is checked: those of a climb.Checker, where they are described.
type Settings struct {
	Client   *http.Client
	Expect   report.Expect
	Requests int
	Timeout  time.Duration
	Time     time.Duration
	Pause    time.Duration
	Seed     uint64
	While    func(context.Context) error
	Progress func(requests, limit int, address string)
}

func (c *Settings) Find(ctx context.Context, e *endpoint.Endpoint) (*find.Finder, error) {
	if err := e.Check(); err != nil {
		return nil, err
	}
	call := fetch.NewCaller(c.Client, e)
	call.Left, call.Pause = c.limit(), c.Pause
	if c.Time > 0 {
		call.Until = time.Now().Add(c.Time)
	}
	if c.Timeout > 0 {
		call.Timeout = c.Timeout
	}
	if c.Progress != nil {
		call.Progress = func(requests int, address string) { c.Progress(requests, c.limit(), address) }
	}
	return find.Find(ctx, call, e)
}

// run is one run of a checker.
type run struct {
	*find.Finder
	*results
	checker *Settings
	report  *report.Report
	rand    *rand.Rand

	givenKey bool  // the key is the user's: it identifies records, whatever is seen
	keyed    bool  // the key identifies records, as far as is seen
	size     int64 // of a page of the endpoint's address
	usual    int64 // of a page that is asked for without a size
	share    int   // pages that one walk may have

	walks      []*walk        // of the list as it is
	ids        map[uint64]int // of the list's records, and how often each is there
	n          int64          // records
	whole      bool           // the list was seen from its first record to its last
	past       *visit         // the answer past the last page, where one was asked for
	beforePast *walk          // the walk that it ended
	during     bool           // records are changed on purpose: what is seen is counted, not blamed
}

func (c *Settings) Run(ctx context.Context, e endpoint.Endpoint) (*report.Report, error) {
	if err := c.Expect.Check(); err != nil {
		return nil, err
	}
	began := time.Now()
	f, err := c.Find(ctx, &e)
	if err != nil {
		return nil, err
	}
	r := &run{Finder: f, results: newResults(c.Expect), checker: c, givenKey: len(e.Key) > 0, report: &report.Report{Seed: c.Seed},
		rand: rand.New(rand.NewPCG(c.Seed, 0)), size: max(f.PageSize(), 1), share: max(c.limit()/8, 4)}
	r.report.Found = f.Sentences(&e)
	for _, check := range []struct {
		does  func(context.Context) error
		about string // prefixes of its codes; "": others build on it
	}{
		{r.checkWalks, ""}, {r.checkNumbers, "numbers."}, {r.checkOrder, "order."}, {r.checkFilters, "filter. keep. link."}, {r.checkBadInput, "bad."},
		{r.checkHTTP, "http."}, {r.checkCost, "cost."}, {r.checkStill, ""}, {r.checkMoving, "moving."},
	} {
		if check.about != "" && !r.on(strings.Fields(check.about)) {
			continue
		}
		err := check.does(ctx)
		if errors.Is(err, fetch.ErrSpent) {
			r.note(fmt.Sprintf("The run's %d requests, or its time, are spent: not everything was checked. More can be allowed.", c.limit()))
			r.open(report.NotChecked, "The run's requests, or its time, were spent before.", report.Codes()...)
			break
		}
		if err != nil && ctx.Err() != nil {
			return nil, ctx.Err()
		}
		if err != nil {
			r.note(fmt.Sprintf("A check ended early: %v.", err))
			if f.Timeouts >= fetch.MaxTimeouts {
				break
			}
		}
	}
	if f.Waits > 0 {
		r.note(fmt.Sprintf("The endpoint asked to slow down %s, and was obeyed.", values.Times(f.Waits)))
	}
	r.report.Promises = r.done()
	r.report.Endpoint, r.report.Records, r.report.Whole = r.List.Endpoint, r.n, r.whole
	r.report.Requests, r.report.Bytes, r.report.Took = f.Requests, f.Bytes, time.Since(began)
	return r.report, nil
}

func (c *Settings) limit() int {
	if c.Requests > 0 {
		return c.Requests
	}
	return DefaultRequests
}

func (r *run) note(text string) {
	if !slices.Contains(r.report.Notes, text) {
		r.report.Notes = append(r.report.Notes, text)
	}
}
