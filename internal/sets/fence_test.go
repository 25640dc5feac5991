package sets_test

import (
	"bytes"
	"context"
	"fmt"
	"log/slog"
	neturl "net/url"
	"os"
	"path/filepath"
	"strings"
	"sync"
	"testing"

	"github.com/jackc/pgx/v5"
	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"pageladder.example/internal/fence"
	"pageladder.example/internal/intake"
	"pageladder.example/internal/postgres"
	"pageladder.example/internal/sets"
	"pageladder.example/internal/testkit"
	"pageladder.example/paging"
	"pageladder.example/paging/rulesfile"
	"pageladder.example/paging/value"
)

// fenced opens a database as a service with a data folder does, and gives what ends that.
func fenced(t *testing.T, dir, url string) (*sets.Store, func(), error) {
	f, err := fence.Open(dir, slog.New(slog.DiscardHandler))
	require.NoError(t, err)
	store, err := sets.OpenBehind(t.Context(), url, f)
	if err != nil {
		require.NoError(t, f.Close())
		return nil, nil, err
	}
	end := sync.OnceFunc(func() { store.Close(); f.Close() })
	t.Cleanup(end)
	return store, end, nil
}

func loadBoats(t *testing.T, store *sets.Store) {
	require.NoError(t, store.LoadCSV(t.Context(), sets.Draft{
		Name: "boats", Fields: []intake.Field{{Name: "id", Type: value.Integer}, {Name: "name", Type: value.Text}}, Rules: rulesfile.Of(paging.Rules{Key: []string{"id"}}),
	}, strings.NewReader("id,name\n1,Gull\n")))
}

// No version is given out that is not in the file, whoever changed the list and however it is learned.
func TestEachVersionThatIsGivenOutIsInTheFile(t *testing.T) {
	url, dir := testkit.DatabaseURL(t), t.TempDir()
	store, _, err := fenced(t, dir, url)
	require.NoError(t, err)
	other, err := sets.Open(t.Context(), url)
	require.NoError(t, err)
	t.Cleanup(other.Close)
	kept := func() (version int64) {
		t.Helper()
		text, err := os.ReadFile(filepath.Join(dir, "seen"))
		require.NoError(t, err)
		_, err = fmt.Sscanf(string(text[bytes.LastIndex(text, []byte("set boats")):]), "set boats %d", &version)
		require.NoError(t, err)
		return version
	}
	given := func(version int64, err error) {
		t.Helper()
		require.NoError(t, err)
		assert.GreaterOrEqual(t, kept(), version) // a notice may have come meanwhile
	}
	ofSet := func(set *sets.Set, err error) (int64, error) {
		if err != nil {
			return 0, err
		}
		return set.Version, nil
	}
	ofPage := func(page *sets.Page, err error) (int64, error) {
		if err != nil {
			return 0, err
		}
		return page.Version(), nil
	}
	id := 1
	elsewhere := func() { // nothing of it is known before the next question
		id++
		_, err := other.Add(t.Context(), "boats", sets.Values{"id": text(fmt.Sprint(id))})
		require.NoError(t, err)
	}
	request := sets.Request{Set: "boats", Visibility: sets.All}
	loadBoats(t, store)
	given(ofSet(store.Get(t.Context(), "boats")))
	given(store.Add(t.Context(), "boats", sets.Values{"id": text("1000")}))
	_, _, revision, err := store.Record(t.Context(), request, []string{"1000"})
	require.NoError(t, err)
	given(store.Change(t.Context(), "boats", []string{"1000"}, revision, sets.Values{"name": text("Tern")}))
	given(ofSet(store.Configure(t.Context(), "boats", func(s *sets.Settings) error { s.Label = "Boats"; return nil })))
	set, _, err := store.Import(t.Context(), sets.Import{Name: "boats", Options: intake.Options{Format: "csv"}, Source: strings.NewReader("id,name\n1,Gull\n")})
	given(ofSet(set, err))
	for range 3 {
		elsewhere()
		given(ofSet(store.Latest(t.Context(), "boats")))
		elsewhere()
		given(ofPage(store.Page(t.Context(), request)))
		elsewhere()
		all, err := store.List(t.Context())
		require.NoError(t, err)
		given(all[0].Version, nil)
		elsewhere()
		var streamed int64
		err = store.Stream(t.Context(), request, func(set *sets.Set, _ int64, _ []intake.Field, _ paging.Ask) error { streamed = set.Version; return nil }, func(sets.Record) error { return nil })
		given(streamed, err)
	}
	_, err = store.Add(t.Context(), "boats", sets.Values{"id": text("1")})
	require.ErrorIs(t, err, sets.ErrKeyTaken)
	set, err = other.Get(t.Context(), "boats")
	require.NoError(t, err)
	assert.Equal(t, set.Version, kept(), "what was not committed was not seen")
}

// A database that lacks what a service has seen of it is refused, also when another service has begun an epoch on it,
// until an operator accepts it.
func TestADatabaseThatIsBehindIsRefused(t *testing.T) {
	for name, c := range map[string]struct {
		happens string
		refused bool
	}{
		"nothing":         {"select", false},
		"progress":        {"update pageladder.record_set set version = version + 7", false},
		"a set is gone":   {"delete from pageladder.record_set", true},
		"a version is":    {"update pageladder.record_set set version = version - 1", true},
		"the epoch is":    {"delete from pageladder.epochs", true},
		"the schema is":   {"drop schema pageladder cascade", true},
		"a new epoch":     {"update pageladder.epoch set epoch = 'before'", false},
		"both, unnoticed": {"update pageladder.record_set set version = version - 1; update pageladder.epoch set epoch = 'before'", true},
	} {
		t.Run(name, func(t *testing.T) {
			url, dir := testkit.DatabaseURL(t), t.TempDir()
			store, end, err := fenced(t, dir, url)
			require.NoError(t, err)
			loadBoats(t, store)
			seen, err := store.Add(t.Context(), "boats", sets.Values{"id": text("2")})
			require.NoError(t, err)
			end()
			conn, err := pgx.Connect(t.Context(), url)
			require.NoError(t, err)
			defer conn.Close(context.WithoutCancel(t.Context()))
			_, err = conn.Exec(t.Context(), c.happens)
			require.NoError(t, err)
			if strings.Contains(c.happens, "'before'") { // another service comes first
				other, err := sets.Open(t.Context(), url)
				require.NoError(t, err)
				other.Close()
			}
			_, _, err = fenced(t, dir, url)
			if !c.refused {
				require.NoError(t, err)
				return
			}
			var behind *sets.Behind
			require.ErrorAs(t, err, &behind)
			assert.True(t, postgres.Unavailable(err), "503 for callers")
			require.NoError(t, sets.AcceptPrimary(t.Context(), url))
			store, _, err = fenced(t, dir, url)
			require.NoError(t, err)
			if _, err := store.Get(t.Context(), "boats"); err != nil {
				require.ErrorIs(t, err, sets.ErrNoSet)
				loadBoats(t, store)
			}
			version, err := store.Add(t.Context(), "boats", sets.Values{"id": text("3")})
			require.NoError(t, err)
			assert.Greater(t, version, seen, "it was given out for something else")
		})
	}
}

// A primary that was replaced is refused, also when nothing was written since.
func TestAPrimaryThatWasReplacedIsRefused(t *testing.T) {
	url, dir := testkit.DatabaseURL(t), t.TempDir()
	store, end, err := fenced(t, dir, url)
	require.NoError(t, err)
	loadBoats(t, store)
	end()
	standby := testkit.Standby(t)
	parsed, err := neturl.Parse(url)
	require.NoError(t, err)
	promoted := testkit.In(t, standby, parsed.Path[1:])
	conn, err := pgx.Connect(t.Context(), promoted)
	require.NoError(t, err)
	defer conn.Close(context.WithoutCancel(t.Context()))
	_, err = conn.Exec(t.Context(), "select pg_promote()")
	require.NoError(t, err)
	_, end, err = fenced(t, dir, promoted)
	require.NoError(t, err)
	end()
	_, _, err = fenced(t, dir, url)
	var behind *sets.Behind
	require.ErrorAs(t, err, &behind)
	assert.Contains(t, behind.Error(), "it is on timeline 1, and 2 has been seen")
}
