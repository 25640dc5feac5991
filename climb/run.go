package climb

import (
	"context"
	"errors"
	"fmt"
	"math/rand/v2"
	"net/http"
	"slices"
	"strings"
	"time"
)

// Checker says how endpoints are checked. The zero Checker is ready to use: what is usual,
// politely. It is safe for concurrent use while nobody changes it.
type Checker struct {
	Client   *http.Client  // nil: one with the default transport
	Expect   Expect        // nil: Usual
	Requests int           // at most, in one run; 0: DefaultRequests
	Timeout  time.Duration // of one answer; 0: DefaultTimeout
	Time     time.Duration // of a run, after which no more requests are made; 0: as long as they take
	Pause    time.Duration // least time between requests; 0: as long as the last answer took, at most a second; negative: none
	Seed     uint64        // of the order in which bad input is sent; the same seed gives the same run

	// While changes records while the list is walked; nil: the list is meant to stand still.
	// It is stopped by its context when the walk is over for half a minute.
	While func(context.Context) error

	// Progress is told of each request before it is made; nil: nobody is.
	Progress func(made, most int, address string)
}

// TB is what Check needs of a *testing.T.
type TB interface {
	Helper()
	Context() context.Context
	Errorf(format string, args ...any)
	Logf(format string, args ...any)
}

// Check checks a handler in a test, without a socket, and fails the test for each fault.
func Check(t TB, handler http.Handler, e Endpoint) *Report {
	t.Helper()
	return (&Checker{}).Check(t, handler, e)
}

// Check is as the function Check, by this checker. Its client is not used.
func (c *Checker) Check(t TB, handler http.Handler, e Endpoint) *Report {
	t.Helper()
	own := *c
	own.Client = HandlerClient(handler)
	if own.Pause == 0 {
		own.Pause = -1 // nobody else waits for it
	}
	e.Address = HandlerAddress(e.Address)
	r, err := own.Run(t.Context(), e)
	if err != nil {
		t.Errorf("%v", err)
		return nil
	}
	for _, p := range r.FirstFaults() {
		for _, f := range p.Findings {
			tell := t.Logf
			if p.Severity == Fault {
				tell = t.Errorf
			}
			tell("%s %s: %s %s", p.Severity, p.Code, f.Says, strings.Join(f.Addresses, " "))
		}
	}
	return r
}

// HandlerClient is a client whose requests a handler answers, without a socket.
func HandlerClient(handler http.Handler) *http.Client {
	return &http.Client{Transport: handlerTransport{handler}}
}

// HandlerAddress makes an address of a handler's path; an address stays as it is.
func HandlerAddress(path string) string {
	if strings.HasPrefix(path, "/") {
		return "http://localhost" + path
	}
	return path
}

// Find completes an endpoint by its first answer and by trials, as Run does at first, and
// tells in sentences what it has found.
func (c *Checker) Find(ctx context.Context, e Endpoint) (Endpoint, []string, error) {
	f, err := c.find(ctx, &e)
	if err != nil {
		return e, nil, err
	}
	return f.e, f.sentences(&e), nil
}

func (c *Checker) find(ctx context.Context, e *Endpoint) (*finder, error) {
	if err := e.check(); err != nil {
		return nil, err
	}
	call := newCaller(c.Client, e)
	call.left, call.pause = c.most(), c.Pause
	if c.Time > 0 {
		call.until = time.Now().Add(c.Time)
	}
	if c.Timeout > 0 {
		call.timeout = c.Timeout
	}
	if c.Progress != nil {
		call.tell = func(made int, address string) { c.Progress(made, c.most(), address) }
	}
	return find(ctx, call, e)
}

// run is one run of a checker.
type run struct {
	*finder
	*results
	checker *Checker
	report  *Report
	rand    *rand.Rand

	givenKey bool  // the key is the user's: it tells records apart, whatever is seen
	keyed    bool  // the key tells records apart, as far as is seen
	size     int64 // of a page of the endpoint's address
	usual    int64 // of a page that is asked for without a size
	share    int   // pages that one walk may have

	walks      []*walk        // of the list as it is
	ids        map[uint64]int // of the list's records, and how often each is there
	n          int64          // records
	whole      bool           // the list was seen from its first record to its last
	past       *visit         // what came past the last page, where one was asked for
	beforePast *walk          // the walk that it ended
	during     bool           // records are changed on purpose: what is seen is counted, not blamed
}

// Run checks an endpoint. The error is for an endpoint that cannot be checked at all: one
// that is not described rightly, whose first answer is no page (a *NoPageError), or a
// context that has ended.
// A run makes at most Requests requests, each within Timeout, and holds answers of at most
// 8 MiB.
func (c *Checker) Run(ctx context.Context, e Endpoint) (*Report, error) {
	if err := c.Expect.Check(); err != nil {
		return nil, err
	}
	began := time.Now()
	f, err := c.find(ctx, &e)
	if err != nil {
		return nil, err
	}
	r := &run{finder: f, results: newResults(c.Expect), checker: c, givenKey: len(e.Key) > 0, report: &Report{Seed: c.Seed},
		rand: rand.New(rand.NewPCG(c.Seed, 0)), size: max(f.pageSize(), 1), share: max(c.most()/8, 4)}
	r.report.Found = f.sentences(&e)
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
		if errors.Is(err, errSpent) {
			r.note(fmt.Sprintf("The run's %d requests, or its time, are spent: not everything was checked. More can be allowed.", c.most()))
			r.open(NotChecked, "The run's requests, or its time, were spent before.", Codes()...)
			break
		}
		if err != nil && ctx.Err() != nil {
			return nil, ctx.Err()
		}
		if err != nil {
			r.note(fmt.Sprintf("A check ended early: %v.", err))
			if f.timeouts >= maxTimeouts {
				break
			}
		}
	}
	if f.waits > 0 {
		r.note(fmt.Sprintf("The endpoint asked to slow down %s, and was obeyed.", times(f.waits)))
	}
	r.report.Promises = r.done()
	r.report.Endpoint, r.report.Records, r.report.Whole = r.e, r.n, r.whole
	r.report.Requests, r.report.Bytes, r.report.Took = f.made, f.bytes, time.Since(began)
	return r.report, nil
}

func (c *Checker) most() int {
	if c.Requests > 0 {
		return c.Requests
	}
	return DefaultRequests
}

func times(n int) string {
	return map[bool]string{true: "once", false: fmt.Sprintf("%d times", n)}[n == 1]
}

func (r *run) note(text string) {
	if !slices.Contains(r.report.Notes, text) {
		r.report.Notes = append(r.report.Notes, text)
	}
}

// sentences say what was found out, so that it can be corrected.
func (f *finder) sentences(told *Endpoint) (all []string) {
	say := func(format string, args ...any) { all = append(all, fmt.Sprintf(format, args...)) }
	if told.Shape == "" {
		say("Answers are %s.", strings.ToUpper(string(f.e.Shape)))
	}
	if _, ok := told.Envelope["records"]; !ok && f.e.Shape == JSON {
		where := f.e.Envelope["records"]
		if where == "" {
			where = "the top"
		}
		say("The records are at %s; the first answer has %d.", where, len(f.first.records))
	}
	if len(told.Envelope) <= 1 && f.e.Shape == JSON {
		var places []string
		for _, name := range names() {
			if pointer, ok := f.e.Envelope[name]; ok && name != "records" {
				places = append(places, name+" at "+pointer)
			}
		}
		if len(places) > 0 {
			say("Answers have %s.", strings.Join(places, ", "))
		}
	}
	if told.TotalHeader == "" && f.e.TotalHeader != "" {
		say("The total is in the header %s.", f.e.TotalHeader)
	}
	for _, p := range []struct{ what, told, found string }{
		{"page", told.Params.Page, f.e.Params.Page}, {"size", told.Params.Size, f.e.Params.Size},
		{"offset", told.Params.Offset, f.e.Params.Offset}, {"limit", told.Params.Limit, f.e.Params.Limit},
		{"after", told.Params.After, f.e.Params.After}, {"sort", told.Params.Sort, f.e.Params.Sort},
	} {
		if p.told == "" && p.found != "" {
			say("The parameter for the %s is %q.", p.what, p.found)
		}
	}
	if f.e.PagesFrom0 && !told.PagesFrom0 {
		say("Pages are counted from 0.")
	}
	if f.e.RowsFrom1 && !told.RowsFrom1 {
		say("Rows are counted from 1.")
	}
	if f.e.AfterHeader != "" && told.AfterHeader == "" {
		say("The cursor of the next page is in the header %s.", f.e.AfterHeader)
	}
	if len(told.Key) == 0 && len(f.e.Key) > 0 {
		say("Records are identified by %q.", strings.Join(f.e.Key, ", "))
	}
	if len(told.Sorts) == 0 && len(f.e.Sorts) > 0 {
		say("An offered sort: %s.", f.e.Sorts[0].Ascending)
	}
	if len(told.Filters) == 0 && len(f.e.Filters) > 0 {
		say("An offered filter: %s.", f.e.Filters[0].Query)
	}
	return all
}
