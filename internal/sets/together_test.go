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
type blocked struct{ arrived, goOn chan struct{} }

func (b blocked) Write(p []byte) (int, error) {
	select {
	case b.arrived <- struct{}{}:
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
	<-aside.arrived
	cancel()
	go func() {
		time.Sleep(300 * time.Millisecond) // an import that does not wait ends meanwhile
		letGo.Store(true)
		close(aside.goOn)
	}()
	require.NoError(t, <-done)
}
