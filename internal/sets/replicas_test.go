package sets_test

import (
	"context"
	"fmt"
	"math/rand/v2"
	"net/url"
	"strconv"
	"sync"
	"sync/atomic"
	"testing"
	"time"

	"github.com/jackc/pgx/v5"
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
	req.Caller.Floor = seen.floor
	if pick.IntN(3) > 0 { // else from the primary
		req.Caller.Name = strconv.Itoa(pick.IntN(1000))
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

// A commit that waits for a synchronous standby shows on other replicas before it does on the primary: who has seen it there gets
// no page without it from the primary.
func TestThePrimaryShowsLaterThanAReplica(t *testing.T) {
	address := testkit.DatabaseURL(t)
	store, err := sets.Open(t.Context(), address)
	require.NoError(t, err)
	t.Cleanup(store.Close)
	conn, err := pgx.Connect(t.Context(), address)
	require.NoError(t, err)
	defer conn.Close(context.Background())
	as, err := url.Parse(address)
	require.NoError(t, err)
	as.User = url.UserPassword(as.Path[1:]+"_reader", "x")
	_, err = conn.Exec(t.Context(), fmt.Sprintf("create table public.calls (id int primary key); create role %[1]s login password '%[2]s'; grant select on public.calls to %[1]s", as.User.Username(), testkit.Quick("x")))
	require.NoError(t, err)
	require.NoError(t, store.AddSource("yard", as.String()))
	_, err = store.Attach(t.Context(), sets.Attach{Name: "calls", Source: "yard", Schema: "public", Table: "calls"})
	require.NoError(t, err)
	_, _, err = store.Import(t.Context(), csvImport("id\n0\n"))
	require.NoError(t, err)
	standby := testkit.Standby(t)
	replicate(t, store, []string{in(t, standby, address)}, map[string][]string{"yard": {in(t, standby, as.String())}}, servers.Limits{MaxLag: time.Minute})
	defer waitFor(t, conn, "")
	for set, add := range map[string]func(ctx context.Context, id int64) error{
		"boats": func(ctx context.Context, id int64) error {
			text := strconv.FormatInt(id, 10)
			_, err := store.Add(ctx, "boats", sets.Values{"id": &text})
			return err
		},
		"calls": func(ctx context.Context, id int64) error {
			_, err := store.Pool().Exec(ctx, "insert into public.calls values ($1)", id)
			return err
		},
	} {
		waitFor(t, conn, "nobody")
		ctx, end := context.WithCancel(t.Context())
		var writing sync.WaitGroup
		writing.Go(func() {
			for id := int64(1); ctx.Err() == nil; id++ { // until one waits
				add(ctx, id)
			}
		})
		var seen sets.Floor
		read := func(caller sets.Caller) (total int64, err error) {
			req := sets.Request{Set: set, Caller: caller, Seen: &sets.Sighting{}}
			page, err := store.Page(t.Context(), req)
			if err != nil {
				return 0, err
			}
			seen = req.Seen.Floor
			return *page.Settled.Metadata().TotalItems, nil
		}
		var shown int64
		testkit.Eventually(t, func() bool {
			onPrimary, err := read(sets.Caller{})
			require.NoError(t, err)
			shown, err = read(sets.Caller{Name: "the pilot"})
			require.NoError(t, err)
			again, err := read(sets.Caller{})
			require.NoError(t, err)
			return onPrimary == again && shown > again
		}, "the replica shows more than the primary")
		_, err := read(sets.Caller{Name: "the pilot"})
		require.NoError(t, err)
		floor := seen
		parsed, ok := sets.ParseFloor(floor.String())
		assert.True(t, ok)
		assert.Equal(t, floor, parsed)
		_, err = read(sets.Caller{Floor: floor})
		assert.ErrorAs(t, err, new(*sets.BehindError), set)
		end()
		waitFor(t, conn, "")
		writing.Wait()
		now, err := read(sets.Caller{Floor: floor})
		require.NoError(t, err)
		assert.GreaterOrEqual(t, now, shown)
	}
}

// waitFor has commits wait for a synchronous standby of a name; "": for none.
func waitFor(t *testing.T, conn *pgx.Conn, name string) {
	for _, sql := range []string{"alter system set synchronous_standby_names = '" + name + "'", "select pg_reload_conf()"} {
		_, err := conn.Exec(context.Background(), sql)
		require.NoError(t, err)
	}
	testkit.Eventually(t, func() bool {
		var now string
		return conn.QueryRow(context.Background(), "show synchronous_standby_names").Scan(&now) == nil && now == name
	}, "it waits for a standby")
}
