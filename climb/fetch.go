package climb

import (
	"bytes"
	"context"
	"errors"
	"fmt"
	"io"
	"net/http"
	"strconv"
	"time"
)

// Limits of what an endpoint can make us do.
const (
	maxAddress   = 8 << 10          // bytes
	maxAnswer    = 8 << 20          // bytes of one answer; json.Unmarshal needs about ten times as much memory
	maxRedirects = 5                // within the host
	maxWait      = 30 * time.Second // that Retry-After can ask for
	maxWaits     = 3                // times in one run
	maxPause     = time.Second
	maxTimeouts  = 3 // after so many, one after the other, a run ends
)

// DefaultTimeout is the time limit of one answer.
const DefaultTimeout = 10 * time.Second

// DefaultRequests is the most requests of a run.
const DefaultRequests = 300

var (
	errSpent   = errors.New("the run's requests, or its time, are spent")
	errTimeout = errors.New("no answer in time")
	errTooLong = fmt.Errorf("an answer of more than %d bytes", maxAnswer)
	errMoved   = errors.New("redirected to another host, or too often")
)

// caller makes requests to one endpoint, one after the other.
type caller struct {
	client  *http.Client
	header  http.Header
	host    string // an address on the endpoint's host: only that host is asked, and gets the header
	timeout time.Duration
	pause   time.Duration // shortest pause between requests; 0: as long as the last answer took; negative: none
	left    int           // requests that may still be made; negative: any number
	until   time.Time     // when the last one may begin; zero: at any time

	made     int
	bytes    int64
	waits    int // Retry-After that was followed
	timeouts int // in a row
	last     time.Duration
	tell     func(made int, address string) // of each request; nil: nobody
}

// newCaller prepares a client: it follows few redirects, only within the host.
func newCaller(client *http.Client, e *Endpoint) *caller {
	own := http.Client{}
	if client != nil {
		own = *client
	}
	own.CheckRedirect = func(r *http.Request, via []*http.Request) error {
		if len(via) > maxRedirects || !sameHost(r.URL.String(), e.Address) {
			return errMoved
		}
		return nil
	}
	return &caller{client: &own, header: e.Header, host: cutExpressions(e.Address), timeout: DefaultTimeout, left: -1, pause: -1}
}

// reply is an answer as it came.
type reply struct {
	address string // that was asked
	status  int
	header  http.Header
	body    []byte
	length  int64         // of the body
	took    time.Duration // from the request to the last byte
}

// get asks for an address. It waits if the answer says so; a status is never an error.
func (c *caller) get(ctx context.Context, address string) (*reply, error) {
	return c.do(ctx, http.MethodGet, address, nil)
}

func (c *caller) do(ctx context.Context, method, address string, header http.Header) (*reply, error) {
	for {
		if c.left == 0 || !c.until.IsZero() && time.Now().After(c.until) {
			return nil, errSpent
		}
		if c.timeouts >= maxTimeouts {
			return nil, fmt.Errorf("%w, %d times in a row", errTimeout, maxTimeouts)
		}
		if err := sleep(ctx, c.between()); err != nil {
			return nil, err
		}
		c.left--
		c.made++
		if c.tell != nil {
			c.tell(c.made, address)
		}
		r, err := c.once(ctx, method, address, header)
		if errors.Is(err, errTimeout) {
			c.timeouts++
		} else {
			c.timeouts = 0
		}
		if err != nil {
			return nil, err
		}
		c.last = r.took
		c.bytes += int64(len(r.body))
		wait, told := retryAfter(r)
		if !told || wait > maxWait || c.waits >= maxWaits {
			return r, nil
		}
		c.waits++
		if err := sleep(ctx, wait); err != nil {
			return nil, err
		}
	}
}

// between is the pause before the next request: unless one is set, as long as the last answer
// took, so that a run keeps a server busy at most half of the time.
func (c *caller) between() time.Duration {
	if c.pause != 0 {
		return max(c.pause, 0)
	}
	return min(c.last, maxPause)
}

func (c *caller) once(ctx context.Context, method, address string, header http.Header) (*reply, error) {
	if len(address) > maxAddress {
		return nil, fmt.Errorf("an address of more than %d bytes", maxAddress)
	}
	whole := ctx
	ctx, cancel := context.WithTimeout(ctx, c.timeout)
	defer cancel()
	request, err := http.NewRequestWithContext(ctx, method, address, nil)
	if err != nil {
		return nil, err
	}
	if !sameHost(address, c.host) {
		return nil, errMoved
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
	body, err := io.ReadAll(io.LimitReader(answer.Body, maxAnswer+1))
	if err != nil {
		return nil, timedOut(whole, err)
	}
	if len(body) > maxAnswer {
		return nil, errTooLong
	}
	return &reply{address, answer.StatusCode, answer.Header, body, int64(len(body)), time.Since(began)}, nil
}

// timedOut distinguishes the time limit of one request from that of the whole run.
func timedOut(whole context.Context, err error) error {
	if whole.Err() != nil {
		return whole.Err()
	}
	if errors.Is(err, context.DeadlineExceeded) {
		return errTimeout
	}
	if errors.Is(err, errMoved) {
		return errMoved
	}
	return err
}

// retryAfter is how long an answer asks to wait, RFC 9110 section 10.2.3.
func retryAfter(r *reply) (time.Duration, bool) {
	text := r.header.Get("Retry-After")
	if text == "" || r.status != http.StatusTooManyRequests && r.status != http.StatusServiceUnavailable {
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

// handlerTransport answers requests by a handler, without a socket.
type handlerTransport struct{ handler http.Handler }

func (t handlerTransport) RoundTrip(r *http.Request) (*http.Response, error) {
	in := r.Clone(r.Context())
	in.RequestURI = r.URL.RequestURI()
	in.RemoteAddr = "127.0.0.1:0"
	in.Host = r.URL.Host
	if in.Body == nil {
		in.Body = http.NoBody
	}
	out := &recorded{header: http.Header{}}
	done := make(chan any, 1)
	go func() {
		defer func() { done <- recover() }()
		t.handler.ServeHTTP(out, in)
	}()
	select {
	case <-r.Context().Done():
		return nil, r.Context().Err() // the handler's own context has ended too
	case failed := <-done:
		if failed != nil {
			return nil, fmt.Errorf("the handler panicked: %v", failed)
		}
	}
	if out.full {
		return nil, errTooLong
	}
	out.WriteHeader(http.StatusOK)
	if out.sent.Get("Content-Type") == "" && out.body.Len() > 0 {
		out.sent.Set("Content-Type", http.DetectContentType(out.body.Bytes()))
	}
	body := out.body.Bytes()
	if r.Method == http.MethodHead {
		body = nil
	}
	return &http.Response{
		Status: http.StatusText(out.status), StatusCode: out.status, Proto: "HTTP/1.1", ProtoMajor: 1, ProtoMinor: 1,
		Header: out.sent, Body: io.NopCloser(bytes.NewReader(body)), ContentLength: int64(len(body)), Request: r,
	}, nil
}

// recorded is a response that is kept.
type recorded struct {
	header, sent http.Header
	status       int
	body         bytes.Buffer
	full         bool
}

func (r *recorded) Header() http.Header { return r.header }

func (r *recorded) WriteHeader(status int) {
	if r.status == 0 {
		r.status, r.sent = status, r.header.Clone()
	}
}

func (r *recorded) Write(p []byte) (int, error) {
	r.WriteHeader(http.StatusOK)
	if r.body.Len()+len(p) > maxAnswer+1 {
		r.full = true
		return 0, errTooLong
	}
	return r.body.Write(p)
}

// Flush is for handlers that stream.
func (r *recorded) Flush() { r.WriteHeader(http.StatusOK) }
