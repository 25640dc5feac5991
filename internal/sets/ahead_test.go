package sets_test

import (
	"strconv"
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"pageladder.example/internal/sets"
	"pageladder.example/internal/testkit"
)

// When a change is heard of, the order that a set was last read in is updated at once, before
// anybody asks.
func TestOrdersAreBroughtOnAhead(t *testing.T) {
	m := newModel(t, 100)
	store, other := m.services[0], m.services[1]
	testkit.Eventually(t, func() bool {
		_, err := store.Page(t.Context(), sets.Request{Set: "changing", Query: "sort=-amount&size=5&page=9"})
		return err == nil && store.BroughtTo("changing") > 0
	}, "there are footholds")
	id := "5001"
	version, err := other.Add(t.Context(), "changing", sets.Values{"id": &id})
	require.NoError(t, err)
	testkit.Eventually(t, func() bool { return store.BroughtTo("changing") == version }, "they are at the new version")
}

// Footholds by which a caller read whom nothing bound are those of a list that all saw. When the set gets a fixed filter,
// changes that the caller does not see any more are missed by nothing that is known of that list.
func TestAFixedFilterPartsListsThatWereOne(t *testing.T) {
	m := newModel(t, 100)
	store, other := m.services[0], m.services[1]
	read := func(sees sets.Visibility, query string) *sets.Page {
		page, err := store.Page(t.Context(), sets.Request{Set: "changing", Query: query, Visibility: sees, Facets: []string{"ok"}})
		require.NoError(t, err)
		return page
	}
	testkit.Eventually(t, func() bool {
		read(sets.Filtered, "sort=-amount&size=5&page=9")
		return store.BroughtTo("changing") > 0
	}, "there are footholds")
	_, err := store.Configure(t.Context(), "changing", func(s *sets.Settings) error { s.Fixed = "id.max=900"; return nil })
	require.NoError(t, err)
	_, err = store.Latest(t.Context(), "changing")
	require.NoError(t, err)
	for id := 5001; id < 5020; id++ { // outside the filter
		key, last, ok := strconv.Itoa(id), "30", "true"
		version, err := other.Add(t.Context(), "changing", sets.Values{"id": &key, "amount": &last, "ok": &ok})
		require.NoError(t, err)
		testkit.Eventually(t, func() bool { return store.BroughtTo("changing") == version }, "what was used lately is moved ahead")
	}
	for _, query := range []string{"sort=-amount&size=5&page=1", "sort=-amount&size=5&page=10", "sort=-amount&size=5&page=24"} {
		page := read(sets.All, query)
		require.NoError(t, m.hold(t.Context(), page, "true", asking{order: "amount desc nulls first, id desc"}, 5), query)
	}
	assert.Zero(t, store.Unlike())
}
