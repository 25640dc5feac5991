package sets_test

import (
	"context"
	"errors"
	"fmt"
	"strings"
	"sync"
	"sync/atomic"
	"testing"
	"time"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"
	"golang.org/x/sync/errgroup"

	"pageladder.example/internal/intake"
	"pageladder.example/internal/sets"
	"pageladder.example/internal/testkit"
	"pageladder.example/paging/value"
)

// Ten services that start at the same time on an empty database all come up.
func TestServicesStartTogether(t *testing.T) {
	address := testkit.DatabaseURL(t)
	var starting errgroup.Group
	var mu sync.Mutex
	var all []*sets.Store
	for range 10 {
		starting.Go(func() error {
			store, err := sets.Open(t.Context(), address)
			if err == nil {
				mu.Lock()
				all = append(all, store)
				mu.Unlock()
			}
			return err
		})
	}
	err := starting.Wait()
	for _, store := range all {
		store.Close()
	}
	require.NoError(t, err)
}

// A reading of one set stays current whatever callers ask for that is not there, and whatever happens
// to others.
func TestAReadingIsOfItsOwnSet(t *testing.T) {
	for name, c := range map[string]struct {
		happened func(forget, stale func(string))
		current  bool
	}{
		"nothing":             {func(_, _ func(string)) {}, true},
		"404s":                {func(forget, _ func(string)) { forget("nowhere"); forget("nothing") }, true},
		"another is removed":  {func(forget, _ func(string)) { forget("other") }, true},
		"another has changed": {func(_, stale func(string)) { stale("other") }, true},
		"it has changed":      {func(_, stale func(string)) { stale("read") }, false},
		"very many others": {func(_, stale func(string)) {
			for n := range 20_001 {
				stale(fmt.Sprint("other", n))
			}
		}, false}, // its turn is not told apart any more: it is asked for again
	} {
		assert.Equal(t, c.current, sets.CurrentAfter(c.happened), name)
	}
}

// States are written once, however often that is tried, and the last ones when the service stops.
func TestStatesAreWrittenDown(t *testing.T) {
	address := testkit.DatabaseURL(t)
	store, err := sets.Open(t.Context(), address)
	require.NoError(t, err)
	numbers, err := store.WriteMarks(t.Context(), "boats", 50)
	require.NoError(t, err)
	last := store.NoteMark("boats")
	store.Close()
	store, err = sets.Open(t.Context(), address)
	require.NoError(t, err)
	defer store.Close()
	var written []int64
	require.NoError(t, store.Pool().QueryRow(t.Context(), "select array_agg(number order by number) from pageladder.mark where record_set = 'boats' and saw = '{\"Started\":\"\",\"Standby\":false,\"Xmin\":5,\"Xmax\":7,\"Listed\":[6]}' or number = $1", last).Scan(&written))
	assert.Equal(t, append(numbers, last), written)
}

// A slow source holds its own readers up, and no others.
func TestEachDatabaseHasTurnsOfItsOwn(t *testing.T) {
	store := testkit.Store(t)
	require.NoError(t, store.AddSource("slow", "postgres://reader@127.0.0.1:1/none"))
	require.NoError(t, store.AddSource("quick", "postgres://reader@127.0.0.1:1/none"))
	defer store.TakeTurns("slow")()
	done := make(chan struct{})
	go func() {
		defer close(done)
		store.TakeTurns("quick")()
		store.TakeTurns("")()
	}()
	select {
	case <-done:
	case <-time.After(time.Minute):
		t.Fatal("others wait")
	}
}

// What was tried is forgotten: each import makes another table.
func TestTriedLogsAreForgotten(t *testing.T) {
	store := testkit.Harbour(t)
	_, err := store.Pool().Exec(t.Context(), "delete from pageladder.change_log")
	require.NoError(t, err)
	testkit.Eventually(t, func() bool {
		_, err := store.Page(t.Context(), sets.Request{Set: "arrivals"})
		return err == nil && store.LogsTried() > 0
	}, "a log is made")
	store.SetLogAgain(0)
	require.NoError(t, store.Prune(t.Context()))
	assert.Zero(t, store.LogsTried())
}

// blocked takes a row aside once it is let go.
type blocked struct{ came, goOn chan struct{} }

func (b blocked) Write(p []byte) (int, error) {
	select {
	case b.came <- struct{}{}:
	default:
	}
	<-b.goOn
	return len(p), nil
}

// An import that has ended uses nothing of its caller's any more, also if it has failed.
func TestNothingOfAnImportGoesOnBehindIt(t *testing.T) {
	store := testkit.Store(t)
	var file strings.Builder
	file.WriteString("id,n\n")
	for n := range 3_000 {
		fmt.Fprintf(&file, "%d,%s\n", n, []string{"1", "x"}[min(n%3, 1)]) // some rows cannot be read
	}
	ctx, cancel := context.WithCancel(t.Context())
	aside := blocked{make(chan struct{}, 1), make(chan struct{})}
	var letGo atomic.Bool
	done := make(chan error)
	go func() {
		_, _, err := store.Import(ctx, sets.Import{Name: "boats", Source: strings.NewReader(file.String()), Aside: aside, Options: intake.Options{Format: "csv", Key: []string{"id"}, Types: map[string]value.Type{"n": value.Integer}}})
		if err == nil {
			err = errors.New("it went on though its caller had gone")
		} else if !letGo.Load() {
			err = errors.New("it ended before what it writes to was let go")
		} else {
			err = nil
		}
		done <- err
	}()
	<-aside.came
	cancel()
	go func() {
		time.Sleep(300 * time.Millisecond) // an import that does not wait ends meanwhile
		letGo.Store(true)
		close(aside.goOn)
	}()
	require.NoError(t, <-done)
}
