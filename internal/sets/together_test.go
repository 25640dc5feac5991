package sets_test

import (
	"sync"
	"testing"

	"github.com/stretchr/testify/require"
	"golang.org/x/sync/errgroup"

	"pageladder.example/internal/sets"
	"pageladder.example/internal/testkit"
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
