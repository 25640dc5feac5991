package client

import (
	"cmp"
	"net/http"
	"strconv"
	"strings"
	"sync"

	"pageladder.example/api"
)

// This file sends back what a caller has seen of each set, where a service reads from replicas: no later page is older, from whichever
// service.

// setsSeen limits the sets of which that is remembered.
const setsSeen = 1000

// seen is what has been seen, by set, as the service writes it in Min-Version.
type seen struct {
	mu sync.Mutex
	by map[string]string
}

// of is what a request says for its set; "" if nothing has been seen.
func (s *seen) of(set string) string {
	s.mu.Lock()
	defer s.mu.Unlock()
	return s.by[set]
}

// note notes what an answer says.
func (s *seen) note(set, at string) {
	s.mu.Lock()
	defer s.mu.Unlock()
	if at == "" || !later(at, s.by[set]) {
		return
	}
	if _, known := s.by[set]; s.by == nil || !known && len(s.by) >= setsSeen {
		s.by = map[string]string{}
	}
	s.by[set] = at
}

// forget forgets what no server shows: it is of another history.
func (s *seen) forget(set string) {
	s.mu.Lock()
	defer s.mu.Unlock()
	delete(s.by, set)
}

// later reports whether a state is not before another one: both are versions, or places such as "t3.16b374d8".
func later(at, before string) bool {
	part := func(text string) (timeline, n uint64) {
		place, _, _ := strings.Cut(text, "~")
		if line, at, ok := strings.Cut(strings.TrimPrefix(place, "t"), "."); ok {
			timeline, _ = strconv.ParseUint(line, 10, 64)
			n, _ = strconv.ParseUint(at, 16, 64)
			return timeline, n
		}
		n, _ = strconv.ParseUint(place, 10, 64)
		return 0, n
	}
	timeline, n := part(at)
	timelineBefore, nBefore := part(before)
	return cmp.Or(cmp.Compare(timeline, timelineBefore), cmp.Compare(n, nBefore)) >= 0
}

// set is the set that a request is about; "" if it is about none.
func (r *request) set() string {
	if len(r.path) < 3 || r.path[0] != "sets" {
		return ""
	}
	return r.path[1]
}

// hasSeen is what a request says has been seen.
func (c *Client) hasSeen(r *request) string {
	if c.seen == nil || r.set() == "" {
		return ""
	}
	return c.seen.of(r.set())
}

// noteSeen notes what an answer says of the set that it is about.
func (c *Client) noteSeen(r *request, res *http.Response, p *Problem) {
	switch set := r.set(); {
	case set == "" || c.seen == nil:
	case p != nil && strings.HasSuffix(p.Type, notShown):
		c.seen.forget(set)
	default:
		c.seen.note(set, res.Header.Get(api.MinVersion))
	}
}

// notShown ends the type of problem of a request that no server can answer by what has been seen.
const notShown = "/problems/not-shown"
