package sets_test

import (
	"context"
	"errors"
	"fmt"
	"strconv"
	"strings"
	"sync"
	"syscall"
	"testing"
	"time"

	"github.com/jackc/pgx/v5"
	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"
	"golang.org/x/sync/errgroup"

	"pageladder.example/internal/intake"
	"pageladder.example/internal/postgres"
	"pageladder.example/internal/sets"
	"pageladder.example/internal/testkit"
	"pageladder.example/paging"
)

// walked is a walk over a list that is held: the keys received.
type walked struct {
	ids  []string
	gone bool // the list could not be held any more
}

// walk walks over a list held at a version, by the links of its pages or by their numbers.
func (m *model) walk(ctx context.Context, store *sets.Store, query string, version int64, byLinks bool) (w walked, err error) {
	for number := 1; ; number++ {
		var page *sets.Page
		for tries := 0; ; tries++ {
			page, err = store.Page(ctx, sets.Request{Set: "changing", Query: query, Visibility: sets.All, At: version})
			if !sets.Unavailable(err) || tries > 2000 {
				break
			}
			time.Sleep(5 * time.Millisecond) // PostgreSQL comes back
		}
		var gone *sets.GoneError
		if errors.As(err, &gone) {
			return walked{gone: true}, nil
		}
		if err != nil {
			return w, fmt.Errorf("%s at %d: %w", query, version, err)
		}
		for _, r := range page.Records {
			w.ids = append(w.ids, string(r[0]))
		}
		next := page.Settled.On(paging.Base{}).Steps().Next
		if next == "" {
			return w, nil
		}
		if query = strings.TrimPrefix(next, "?"); !byLinks {
			at := strings.LastIndex(query, "page=")
			query = query[:at] + "page=" + strconv.Itoa(number+1)
		}
	}
}

// Walks over a held list lose no record and repeat none, in every order, while others write and
// PostgreSQL is killed. A crash may end a walk, but never makes its pages wrong.
func TestWalksOfAHeldListLoseAndRepeatNothing(t *testing.T) {
	server, err := postgres.Start(t.Context(), postgres.Options{Dir: testkit.DataDir(t)})
	require.NoError(t, err)
	defer server.Stop()
	m := modelIn(t, server.URL(), 150)
	ctx, end := context.WithCancel(t.Context())
	var writers sync.WaitGroup
	for range 4 {
		writers.Go(func() {
			for ctx.Err() == nil { // whatever fails meanwhile
				m.byService(ctx)
				time.Sleep(2 * time.Millisecond)
			}
		})
	}
	defer writers.Wait()
	defer end()
	whole, ended := 0, 0
	for round, by := range []struct{ query, sql string }{
		{"id", "archive.id"}, {"-name,amount", "name desc nulls last, amount nulls first, archive.id"}, {"amount,-at", "amount nulls first, at desc nulls last, archive.id desc"},
		{"price", "price nulls first, archive.id"}, {"-at", "at desc nulls last, archive.id desc"}, {"ok,name", "ok nulls last, name nulls last, archive.id"}, {"name", "name nulls last, archive.id"},
	} {
		store := m.services[round%2]
		var version int64
		testkit.Eventually(t, func() bool {
			page, err := store.Page(ctx, sets.Request{Set: "changing", Visibility: sets.All})
			if err == nil {
				version = page.Set.Version
			}
			return err == nil
		}, "a page")
		query := fmt.Sprintf("sort=%s&size=%d&page=1", by.query, 2+round%4)
		changed := int64(0) // others write on while the list is walked
		testkit.Eventually(t, func() bool {
			page, err := store.Page(ctx, sets.Request{Set: "changing", Query: query, Visibility: sets.All, At: version})
			if err == nil {
				changed = page.Held.Changes
			}
			return changed > 0
		}, "others have changed the list")
		killed := make(chan bool)
		go func() {
			defer close(killed)
			if round%2 == 1 {
				before := server.Pid()
				syscall.Kill(before, syscall.SIGKILL)
				for server.Pid() == before && ctx.Err() == nil {
					time.Sleep(time.Millisecond)
				}
			}
		}()
		w, err := m.walk(ctx, store, query, version, round%3 > 0)
		require.NoError(t, err)
		<-killed
		if w.gone {
			require.Equal(t, 1, round%2, "nothing but a crash ends it")
			ended++
			continue
		}
		whole++
		testkit.Eventually(t, func() bool {
			page, err := store.Page(ctx, sets.Request{Set: "changing", Query: query, Visibility: sets.All, At: version})
			var gone *sets.GoneError
			return errors.As(err, &gone) || err == nil && page.Held.Changes > changed
		}, "others go on changing it")
		var want []string
		testkit.Eventually(t, func() bool {
			rows, err := m.pool.Query(ctx, "select id::text from archive where version = $1 order by "+by.sql, version)
			if err == nil {
				want, err = pgx.CollectRows(rows, pgx.RowTo[string])
			}
			return err == nil
		}, "what it was")
		assert.Equal(t, want, w.ids, "%s at %d", query, version)
	}
	assert.GreaterOrEqual(t, whole, 4)
	t.Logf("%d walks were whole, %d were ended by a crash", whole, ended)
}

// A list of a followed table is held on every service as long as its log reaches back. Asking for
// an older state does other callers no harm.
func TestAListOfAFollowedTableIsHeldAsLongAsItsLogReaches(t *testing.T) {
	f := newFleet(t, boats)
	f.follow(t)
	other, err := sets.Open(t.Context(), f.store.Pool().Config().ConnString())
	require.NoError(t, err)
	t.Cleanup(other.Close)
	config, err := pgx.ParseConfig(f.admin)
	require.NoError(t, err)
	require.NoError(t, other.AddSource("yard", fmt.Sprintf("postgres://%s:x@%s:%d/%s", f.role, config.Host, config.Port, config.Database)))
	read := func(store *sets.Store, at int64) (*sets.Page, error) {
		return store.Page(t.Context(), sets.Request{Set: "boats", Query: "sort=-tons,name&size=5&page=100", At: at, Visibility: sets.All})
	}
	before, err := read(f.store, 0)
	require.NoError(t, err)
	version := before.Version()
	require.Positive(t, version)
	f.does(t, "delete from yard.boats where id % 10 = 0; update yard.boats set tons = tons + 1 where id % 7 = 0; insert into yard.boats (id, tons) select n, 11 from generate_series(2001, 2020) n")
	testkit.Eventually(t, func() bool { state, err := other.FollowState(t.Context(), "boats"); return err == nil && state.Exact }, "the other follows it")
	req := sets.Request{Set: "boats", Query: "sort=-id", At: version, Visibility: sets.All, Facets: []string{"crew"}}
	for id, there := range map[string]bool{"10": true, "7": true, "2001": false} {
		_, record, _, err := f.store.Record(t.Context(), req, []string{id})
		if !there {
			require.ErrorIs(t, err, sets.ErrNoRecord, id)
			continue
		}
		require.NoError(t, err, id)
		n, err := strconv.Atoi(id)
		require.NoError(t, err)
		assert.Equal(t, fmt.Sprintf("%.2f", float64(n)/4), string(record[2]), "tons of %s as they were", id)
		row, _, err := f.store.Place(t.Context(), req, []string{id})
		require.NoError(t, err)
		assert.EqualValues(t, 1001-n, row)
	}
	page, err := f.store.Page(t.Context(), req)
	require.NoError(t, err)
	crew := "3"
	assert.Equal(t, []sets.Facet{{Value: &crew, Count: 1000}}, page.Facets["crew"])
	for at, want := range map[int64]int{version: 1000, 0: 920} {
		req.At = at
		next := 0
		err := f.store.Stream(t.Context(), req, func(set *sets.Set, version int64, _ []intake.Field, _ paging.Ask) error {
			assert.Positive(t, version)
			return nil
		}, func(sets.Record) error { next++; return nil })
		require.NoError(t, err)
		assert.Equal(t, want, next, at)
	}
	apart, err := sets.OpenReadOnly(t.Context(), f.store.Pool().Config().ConnString())
	require.NoError(t, err)
	t.Cleanup(apart.Close)
	require.NoError(t, apart.AddSource("yard", fmt.Sprintf("postgres://%s:x@%s:%d/%s", f.role, config.Host, config.Port, config.Database)))
	testkit.Eventually(t, func() bool { state, err := apart.FollowState(t.Context(), "boats"); return err == nil && state.Exact }, "a reader follows it")
	seen, err := read(apart, 0)
	require.NoError(t, err)
	assert.Zero(t, seen.Version(), "its numbers would mean other states elsewhere")
	for name, store := range map[string]*sets.Store{"this": f.store, "the other": other} {
		held, err := read(store, version)
		require.NoError(t, err, name)
		assert.Equal(t, before.Records, held.Records, name)
		assert.EqualValues(t, 1000, held.Settled.Total().Records(), name)
		assert.EqualValues(t, 100+142+20-14, held.Held.Changes, "%s: each record once", name)
	}
	var gone *sets.GoneError
	_, err = read(other, version+1_000_000_000)
	assert.ErrorAs(t, err, &gone)

	f.does(t, "update pageladder_log.seen set at = at - interval '2 hours'")
	require.NoError(t, f.store.Prune(t.Context()))
	f.does(t, "update pageladder_log.seen set at = at - interval '2 hours'; update yard.boats set crew = 4 where id = 1")
	require.NoError(t, f.store.Prune(t.Context()))
	for range 3 {
		_, err = read(f.store, version)
		require.ErrorAs(t, err, &gone)
		assert.Contains(t, gone.Why, "reaches back")
	}
	_, exact, forsaken := f.store.Followed()
	assert.Equal(t, 1, exact)
	assert.Zero(t, forsaken, "it is followed as before")
	// The log was cut behind what this store knew, so that it may have to begin again with it.
	testkit.Eventually(t, func() bool {
		now, err := read(f.store, 0)
		require.NoError(t, err)
		return now.Version() > 0
	}, "the list now can be held")
}

// More callers who are bound by a fixed filter than there are connections hold lists at as many versions,
// each in a transaction, and none waits for a connection of another.
func TestHoldersInTransactionsDoNotWaitForEachOther(t *testing.T) {
	store := testkit.Harbour(t)
	ctx := t.Context()
	_, err := store.Configure(ctx, "arrivals", func(s *sets.Settings) error { s.Fixed = "cleared=true"; return nil })
	require.NoError(t, err)
	var versions []int64
	for n := range 40 {
		text := fmt.Sprint(700 + n)
		version, err := store.Change(ctx, "arrivals", []string{"1"}, revision(t, store, "arrivals", "1"), sets.Values{"tonnage": &text})
		require.NoError(t, err)
		versions = append(versions, version)
	}
	ctx, cancel := context.WithTimeout(ctx, time.Minute)
	defer cancel()
	group, ctx := errgroup.WithContext(ctx)
	for _, version := range versions {
		group.Go(func() error {
			_, err := store.Page(ctx, sets.Request{Set: "arrivals", Query: "sort=tonnage&page=3", At: version})
			return err
		})
	}
	require.NoError(t, group.Wait())
}
