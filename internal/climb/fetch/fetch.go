// Package fetch asks a paged endpoint for a page, within limits of size, time and number, and reads the answer.
package fetch

import (
	"context"
	"errors"
	"fmt"
	"io"
	"net/http"
	"strconv"
	"time"

	"pageladder.example/climb/endpoint"
	"pageladder.example/internal/climb/uri"
)

// Limits of what an endpoint can make us do.
const (
	MaxAnswer    = 8 << 20          // bytes of one answer; json.Unmarshal needs about ten times as much memory
	maxRedirects = 5                // within the host
	MaxWait      = 30 * time.Second // that Retry-After can ask for
	maxWaits     = 3                // times in one run
	maxPause     = time.Second
	MaxTimeouts  = 3 // after so many, one after the other, a run ends
)

// DefaultTimeout is the time limit of one answer.
const DefaultTimeout = 10 * time.Second

var (
	ErrSpent   = errors.New("the run's requests, or its time, are spent")
	ErrTimeout = errors.New("no answer in time")
	ErrTooLong = fmt.Errorf("an answer of more than %d bytes", MaxAnswer)
	ErrMoved   = errors.New("redirected to another host, or too often")
)

// Caller makes requests to one endpoint, one after the other.
type Caller struct {
	client  *http.Client
	header  http.Header
	Host    string // an address on the endpoint's host: only that host is called, and gets the header
	Timeout time.Duration
	Pause   time.Duration // shortest pause between requests; 0: as long as the last answer took; negative: none
	Left    int           // requests that may still be sent; negative: any number
	Until   time.Time     // when the last one may begin; zero: at any time

	Requests int
	Bytes    int64
	Waits    int // Retry-After that was followed
	Timeouts int // in a row
	last     time.Duration
	Progress func(requests int, address string) // of each request; nil: nobody
}

// NewCaller prepares a client: it follows few redirects, only within the host.
func NewCaller(client *http.Client, e *endpoint.Endpoint) *Caller {
	own := http.Client{}
	if client != nil {
		own = *client
	}
	own.CheckRedirect = func(r *http.Request, via []*http.Request) error {
		if len(via) > maxRedirects || !uri.SameHost(r.URL.String(), e.Address) {
			return ErrMoved
		}
		return nil
	}
	return &Caller{client: &own, header: e.Header, Host: uri.CutExpressions(e.Address), Timeout: DefaultTimeout, Left: -1, Pause: -1}
}

// Reply is an answer as it was received.
type Reply struct {
	Address string // that was requested
	Status  int
	Header  http.Header
	Body    []byte
	Length  int64         // of the body
	Took    time.Duration // from the request to the last byte
}

// Get asks for an address. It waits if the answer says so; a status is never an error.
func (c *Caller) Get(ctx context.Context, address string) (*Reply, error) {
	return c.Do(ctx, http.MethodGet, address, nil)
}

func (c *Caller) Do(ctx context.Context, method, address string, header http.Header) (*Reply, error) {
	for {
		if c.Left == 0 || !c.Until.IsZero() && time.Now().After(c.Until) {
			return nil, ErrSpent
		}
		if c.Timeouts >= MaxTimeouts {
			return nil, fmt.Errorf("%w, %d times in a row", ErrTimeout, MaxTimeouts)
		}
		if err := sleep(ctx, c.between()); err != nil {
			return nil, err
		}
		c.Left--
		c.Requests++
		if c.Progress != nil {
			c.Progress(c.Requests, address)
		}
		r, err := c.once(ctx, method, address, header)
		if errors.Is(err, ErrTimeout) {
			c.Timeouts++
		} else {
			c.Timeouts = 0
		}
		if err != nil {
			return nil, err
		}
		c.last = r.Took
		c.Bytes += int64(len(r.Body))
		wait, given := retryAfter(r)
		if !given || wait > MaxWait || c.Waits >= maxWaits {
			return r, nil
		}
		c.Waits++
		if err := sleep(ctx, wait); err != nil {
			return nil, err
		}
	}
}

// between is the pause before the next request: unless one is set, as long as the last answer
// took, so that a run keeps a server busy at most half of the time.
func (c *Caller) between() time.Duration {
	if c.Pause != 0 {
		return max(c.Pause, 0)
	}
	return min(c.last, maxPause)
}

func (c *Caller) once(ctx context.Context, method, address string, header http.Header) (*Reply, error) {
	if len(address) > uri.MaxBytes {
		return nil, fmt.Errorf("an address of more than %d bytes", uri.MaxBytes)
	}
	whole := ctx
	ctx, cancel := context.WithTimeout(ctx, c.Timeout)
	defer cancel()
	request, err := http.NewRequestWithContext(ctx, method, address, nil)
	if err != nil {
		return nil, err
	}
	if !uri.SameHost(address, c.Host) {
		return nil, ErrMoved
	}
	for _, from := range []http.Header{c.header, header} {
		for name, values := range from {
			request.Header[name] = values
		}
	}
	began := time.Now()
	answer, err := c.client.Do(request)
	if err != nil {
		return nil, timedOut(whole, err)
	}
	defer answer.Body.Close()
	body, err := io.ReadAll(io.LimitReader(answer.Body, MaxAnswer+1))
	if err != nil {
		return nil, timedOut(whole, err)
	}
	if len(body) > MaxAnswer {
		return nil, ErrTooLong
	}
	return &Reply{address, answer.StatusCode, answer.Header, body, int64(len(body)), time.Since(began)}, nil
}

// timedOut distinguishes the time limit of one request from that of the whole run.
func timedOut(whole context.Context, err error) error {
	if whole.Err() != nil {
		return whole.Err()
	}
	if errors.Is(err, context.DeadlineExceeded) {
		return ErrTimeout
	}
	if errors.Is(err, ErrMoved) {
		return ErrMoved
	}
	return err
}

// retryAfter is how long an answer asks to wait, RFC 9110 section 10.2.3.
func retryAfter(r *Reply) (time.Duration, bool) {
	text := r.Header.Get("Retry-After")
	if text == "" || r.Status != http.StatusTooManyRequests && r.Status != http.StatusServiceUnavailable {
		return 0, false
	}
	if seconds, err := strconv.ParseUint(text, 10, 31); err == nil {
		return time.Duration(seconds) * time.Second, true
	}
	when, err := http.ParseTime(text)
	return max(time.Until(when), 0), err == nil
}

func sleep(ctx context.Context, d time.Duration) error {
	if d <= 0 {
		return ctx.Err()
	}
	timer := time.NewTimer(d)
	defer timer.Stop()
	select {
	case <-timer.C:
		return nil
	case <-ctx.Done():
		return ctx.Err()
	}
}
