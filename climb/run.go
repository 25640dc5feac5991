package climb

import (
	"context"
	"net/http"
	"strings"
	"time"

	"pageladder.example/climb/endpoint"
	"pageladder.example/climb/report"
	"pageladder.example/internal/climb/check"
	"pageladder.example/internal/climb/fetch"
)

// Endpoint describes a paged endpoint. Only the address is needed: what is left empty is found out.
type Endpoint = endpoint.Endpoint

// NoPageError is the error for an endpoint whose first answer is no page.
type NoPageError = endpoint.NoPageError

// Report is what a run has seen.
type Report = report.Report

const (
	// DefaultTimeout is the time limit of one answer.
	DefaultTimeout = fetch.DefaultTimeout
	// DefaultRequests limits the requests of a run.
	DefaultRequests = check.DefaultRequests
)

// Checker says how endpoints are checked. The zero Checker is ready to use: what is usual,
// politely. It is safe for concurrent use while nobody changes it.
type Checker struct {
	Client   *http.Client  // nil: one with the default transport
	Expect   report.Expect // nil: Usual
	Requests int           // at most, in one run; 0: DefaultRequests
	Timeout  time.Duration // of one answer; 0: DefaultTimeout
	Time     time.Duration // of a run, after which no more requests are sent; 0: as long as they take
	Pause    time.Duration // least time between requests; 0: as long as the last answer took, at most a second; negative: none
	Seed     uint64        // of the order in which bad input is sent; the same seed gives the same run

	// While changes records while the list is walked; nil: the list is meant to stand still.
	// It is stopped by its context when the walk is over for half a minute.
	While func(context.Context) error

	// Progress is called before each request; it may be nil.
	Progress func(requests, limit int, address string)
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
	for _, p := range r.WorstFirst() {
		for _, f := range p.Findings {
			say := t.Logf
			if p.Severity == report.Fault {
				say = t.Errorf
			}
			say("%s %s: %s %s", p.Severity, p.Code, f.Says, strings.Join(f.Addresses, " "))
		}
	}
	return r
}

// HandlerClient is a client whose requests a handler answers, without a socket.
func HandlerClient(handler http.Handler) *http.Client {
	return &http.Client{Transport: fetch.Handled(handler)}
}

// HandlerAddress makes an address of a handler's path; an address stays as it is.
func HandlerAddress(path string) string {
	if strings.HasPrefix(path, "/") {
		return "http://localhost" + path
	}
	return path
}

// Find completes an endpoint by its first answer and by trials, as Run does at first, and
// says in sentences what it has found.
func (c *Checker) Find(ctx context.Context, e Endpoint) (Endpoint, []string, error) {
	f, err := (*check.Settings)(c).Find(ctx, &e)
	if err != nil {
		return e, nil, err
	}
	return f.List.Endpoint, f.Sentences(&e), nil
}

// Run checks an endpoint. The error is for an endpoint that cannot be checked at all: one
// that is not described rightly, whose first answer is no page (a *NoPageError), or a
// context that has ended.
// A run makes at most Requests requests, each within Timeout, and holds answers of at most
// 8 MiB.
func (c *Checker) Run(ctx context.Context, e Endpoint) (*Report, error) {
	return (*check.Settings)(c).Run(ctx, e)
}
