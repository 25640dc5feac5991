package client

import (
	"context"
	"crypto/rand"
	"errors"
	"net/http"
	"strings"
	"time"
)

// This file sends writes of records again that got no answer. They name themselves, so that each is done once.

const (
	againTime    = 40 * time.Second // for all attempts: longer than a cluster is without a primary
	longestPause = 5 * time.Second  // longest pause
	unheard      = 3                // attempts where no service answers: none may be running
)

// once makes a call that writes a record. While the service or its database is away for a moment, it is sent again.
func (c *Client) once(ctx context.Context, r request, into any) (answer, error) {
	r.key = rand.Text()
	began, pause := time.Now(), 200*time.Millisecond
	for attempt := 1; ; attempt++ {
		got, err := c.call(ctx, r, into)
		if err == nil || !passing(err, attempt) || time.Since(began) > againTime {
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
