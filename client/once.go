package client

import (
	"context"
	"crypto/rand"
	"errors"
	"io"
	"net/http"
	"strings"
	"time"
)

// This file sends writes of records, and imports, again that got no answer. They name themselves, so that each is done once.

const (
	againTime    = 40 * time.Second // for all attempts: longer than a cluster is without a primary
	longestPause = 5 * time.Second  // longest pause
	unheard      = 3                // attempts where no service answers: none may be running
)

// once makes a call that writes. While the service or its database is away for a moment, it is sent again, a file from where
// it was read at first.
func (c *Client) once(ctx context.Context, r request, into any) (answer, error) {
	r.key = rand.Text()
	body := &file{Reader: r.body}
	if r.body != nil {
		r.body = body
		body.begin()
	}
	began, pause := time.Now(), 200*time.Millisecond
	for attempt := 1; ; attempt++ {
		got, err := c.call(ctx, r, into)
		if err == nil || !passing(err, attempt) || time.Since(began) > againTime || r.body != nil && !body.again(ctx) {
			return got, err
		}
		select {
		case <-ctx.Done():
			return got, err
		case <-time.After(pause):
		}
		pause = min(2*pause, longestPause)
	}
}

// passing reports whether a call may have another answer a moment later.
func passing(err error, attempt int) bool {
	var p *Problem
	if errors.As(err, &p) {
		return p.Status == http.StatusServiceUnavailable || strings.HasSuffix(p.Type, stillWriting)
	}
	return errors.Is(err, ErrUnreachable) && attempt < unheard
}

// stillWriting ends the type of problem of a write whose first attempt is being done.
const stillWriting = "/problems/still-writing"

// file is a file that is sent, and perhaps again.
type file struct {
	io.Reader
	start  int64
	seeks  bool          // it can be
	closed chan struct{} // the last attempt reads nothing more of it
}

// begin notes where it is read from.
func (f *file) begin() {
	f.closed = make(chan struct{}, 1)
	if at, ok := f.Reader.(io.Seeker); ok {
		var err error
		f.start, err = at.Seek(0, io.SeekCurrent)
		f.seeks = err == nil // not a pipe
	}
}

// Close ends an attempt; the file stays open.
func (f *file) Close() error {
	select {
	case f.closed <- struct{}{}:
	default:
	}
	return nil
}

// again goes back to where it is read from, and reports whether it could.
func (f *file) again(ctx context.Context) bool {
	select {
	case <-ctx.Done():
		return false
	case <-time.After(longestPause):
		return false
	case <-f.closed: // net/http closes it also where an attempt fails, but perhaps a moment later
	}
	at, ok := f.Reader.(io.Seeker)
	if !ok || !f.seeks {
		return false
	}
	_, err := at.Seek(f.start, io.SeekStart)
	return err == nil
}
