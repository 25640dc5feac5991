package sets_test

import (
	"net/url"
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"pageladder.example/internal/postgres"
	"pageladder.example/internal/sets"
	"pageladder.example/internal/testkit"
)

// Before our own database, a pooler that gives each transaction another session is refused at the start. One that
// leaves sessions as they are is not: notices arrive.
func TestAPoolerOfTransactionsBeforeOurOwnDatabaseIsRefused(t *testing.T) {
	at := testkit.DatabaseURL(t)
	to, err := url.Parse(at)
	require.NoError(t, err)
	const takes = "ignore_startup_parameters = plan_cache_mode"
	for name, settings := range map[string][]string{
		"as it comes":          nil,
		"that takes settings":  {takes},
		"of one session":       {takes, "default_pool_size = 1"},
		"that begins with few": {takes, "min_pool_size = 5"},
	} {
		t.Run(name, func(t *testing.T) {
			_, err := sets.Open(t.Context(), testkit.Pooler(t, to, settings...))
			require.ErrorIs(t, err, postgres.ErrPooled)
			assert.Contains(t, err.Error(), "--database-url")
		})
	}
	store, err := sets.Open(t.Context(), testkit.Pooler(t, to, takes, "pool_mode = session", "default_pool_size = 50"))
	require.NoError(t, err)
	defer store.Close()
	testkit.Eventually(t, store.Heard, "notices arrive")
}
