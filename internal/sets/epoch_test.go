package sets_test

import (
	"fmt"
	"strconv"
	"strings"
	"testing"

	"github.com/jackc/pgx/v5"
	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"pageladder.example/internal/intake"
	"pageladder.example/internal/sets"
	"pageladder.example/internal/testkit"
	"pageladder.example/paging"
	"pageladder.example/paging/rulesfile"
	"pageladder.example/paging/value"
)

// Two servers that go on from one state, such as two standbys of which each was promoted, give out no version twice,
// whatever is changed on each.
func TestTwoThatGoOnFromOneStateGiveOutNoVersionTwice(t *testing.T) {
	at := testkit.DatabaseURL(t)
	store, err := sets.Open(t.Context(), at)
	require.NoError(t, err)
	load := func(store *sets.Store, name string) int64 {
		require.NoError(t, store.LoadCSV(t.Context(), sets.Draft{
			Name: name, Fields: []intake.Field{{Name: "id", Type: value.Integer}}, Rules: rulesfile.Of(paging.Rules{Key: []string{"id"}}),
		}, strings.NewReader("id\n1\n")))
		set, err := store.Get(t.Context(), name)
		require.NoError(t, err)
		return set.Version
	}
	load(store, "boats")
	load(store, "gone")
	require.NoError(t, store.Remove(t.Context(), "gone"))
	before, err := store.Get(t.Context(), "boats")
	require.NoError(t, err)
	store.Close()

	given := map[string]bool{}
	ids := map[string]bool{}
	for server := range 2 {
		to := testkit.CopyOf(t, at)
		store, err := sets.Open(t.Context(), to)
		require.NoError(t, err)
		defer store.Close()
		for n := range 20 {
			version, err := store.Add(t.Context(), "boats", sets.Values{"id": text(strconv.Itoa(n + 2))})
			require.NoError(t, err)
			assert.Greater(t, version, before.Version)
			assert.Less(t, version, int64(1)<<53, "a program that knows no larger numbers reads it")
			given[fmt.Sprint("boats ", version)] = true
		}
		given[fmt.Sprint("gone ", load(store, "gone"))] = true
		given[fmt.Sprint("new ", load(store, "new"))] = true
		first, err := store.Pool().Query(t.Context(), "select nextval('pageladder.mark_number')")
		require.NoError(t, err)
		number, err := pgx.CollectExactlyOneRow(first, pgx.RowTo[int64])
		require.NoError(t, err)
		given[fmt.Sprint("state ", number)] = true
		rows, err := store.Pool().Query(t.Context(), "select id from pageladder.epochs order by number")
		require.NoError(t, err)
		lives, err := pgx.CollectRows(rows, pgx.RowTo[string])
		require.NoError(t, err)
		require.Len(t, lives, 2)
		ids[lives[1]] = true
		assert.Equal(t, server+1, len(ids))
	}
	assert.Len(t, given, 46)
}
