package sets_test

import (
	"context"
	"fmt"
	"math/rand/v2"
	"net/url"
	"strconv"
	"sync/atomic"
	"testing"
	"time"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"pageladder.example/internal/postgres"
	"pageladder.example/internal/servers"
	"pageladder.example/internal/sets"
	"pageladder.example/internal/testkit"
)

// sighted is what one reader of a model has seen.
type sighted struct {
	floor sets.Floor
	saw   string // the condition on the transactions of a followed table that it has seen; "": none
}

// anywhere has a request read from any server of a model that has several, as a reader who has seen something.
func (m *model) anywhere(req *sets.Request, pick *rand.Rand, seen *sighted) {
	if m.servers == nil {
		return
	}
	req.Seen = &sets.Sighting{}
	if pick.IntN(3) > 0 { // else from the primary
		req.Caller = sets.Caller{Name: strconv.Itoa(pick.IntN(1000)), Floor: seen.floor}
	}
}

// neverBack is nil if a page is not older than what its reader has seen.
func (m *model) neverBack(ctx context.Context, req *sets.Request, page *sets.Page, seen *sighted) error {
	if m.servers == nil {
		return nil
	}
	m.servers[req.Seen.Server].Add(1)
	if back := page.Set.Version; m.other == "" && page.Held == nil && back < seen.floor.Version {
		return fmt.Errorf("%s shows version %d after %s", req.Seen.Server, back, seen.floor)
	}
	if m.other == "" && req.Seen.Floor.Version < page.Set.Version {
		return fmt.Errorf("%s gives the floor %s with version %d", req.Seen.Server, req.Seen.Floor, page.Set.Version)
	}
	if now := sets.Saw(page, "xid"); m.other != "" && page.Held == nil && now != "" {
		if seen.saw != "" {
			var back bool
			if err := m.pool.QueryRow(ctx, "select exists (select from yard.history where "+seen.saw+" and not ("+now+"))").Scan(&back); err != nil {
				return err
			}
			if back {
				return fmt.Errorf("%s at %s does not show what has been seen: %s, and now %s", req.Seen.Server, seen.floor, seen.saw, now)
			}
		}
		seen.saw = now
	}
	seen.floor = seen.floor.Max(req.Seen.Floor)
	return nil
}

// replicated has the services of a model read from two replicas of what an address leads to: of their own database or, by its name, of a source.
func (m *model) replicated(t *testing.T, address, source string) {
	t.Helper()
	m.servers = map[string]*atomic.Int64{"primary": {}, "replica 1": {}, "replica 2": {}}
	var urls []string
	for range 2 {
		urls = append(urls, in(t, testkit.Standby(t), address))
	}
	for _, store := range m.services {
		own, of := urls, map[string][]string(nil)
		if source != "" {
			own, of = nil, map[string][]string{source: urls}
		}
		replicate(t, store, own, of, servers.Limits{MaxLag: time.Minute})
	}
}

// in is an address on another server, with the same role.
func in(t *testing.T, server *postgres.Server, address string) string {
	t.Helper()
	as, err := url.Parse(address)
	require.NoError(t, err)
	at, err := url.Parse(testkit.In(t, server, address))
	require.NoError(t, err)
	at.User = as.User
	return at.String()
}

// replicate has a store read from replicas, and waits until each answers.
func replicate(t *testing.T, store *sets.Store, own []string, of map[string][]string, limits servers.Limits) {
	t.Helper()
	require.NoError(t, store.Replicate(t.Context(), own, of, limits))
	testkit.Eventually(t, func() bool {
		for _, s := range store.Servers() {
			if !s.Answers || s.Wrong != "" || s.Name != "primary" && s.AsOf.IsZero() {
				return false
			}
		}
		return true
	}, "all servers answer")
}

// everywhere checks that each server was read from.
func (m *model) everywhere(t *testing.T) {
	t.Helper()
	assert.True(t, m.seen())
	for name, n := range m.servers {
		t.Logf("%s: %d", name, n.Load())
		assert.NotZero(t, n.Load(), name)
	}
	for _, store := range m.services {
		assert.Zero(t, store.Unlike(), "a track that was kept current did not fit")
	}
}

// Answers are of one snapshot, and none is older than what its reader has seen, from whichever server they come.
func TestAnswersFromReplicas(t *testing.T) {
	t.Run("a kept set", func(t *testing.T) {
		address := testkit.DatabaseURL(t)
		m := modelIn(t, address, 200)
		m.replicated(t, address, "")
		m.run(m.services, *modelTime/2)
		m.everywhere(t)
	})
	t.Run("a followed set", func(t *testing.T) {
		var at string
		m := newFollowedModel(t, `collate "und-x-icu"`, "", func(u *url.URL) string { at = u.String(); return at })
		m.replicated(t, at, "yard")
		ctx, end := context.WithCancel(t.Context())
		defer end()
		go m.settleHistory(ctx)
		m.run(m.services, *modelTime/2)
		m.everywhere(t)
	})
}
