package console_test

import (
	"testing"
	"time"

	"github.com/stretchr/testify/require"

	"pageladder.example/demo"
	"pageladder.example/internal/servers"
	"pageladder.example/internal/service"
	"pageladder.example/internal/sets"
	"pageladder.example/internal/testkit"
)

// The desk says from where pages are read and, when the primary does not answer, how old they are.
func TestTheDeskSaysThatAPageIsOld(t *testing.T) {
	database := testkit.DatabaseURL(t)
	line := testkit.NewLine(t, database)
	store, err := sets.Open(t.Context(), line.URL)
	require.NoError(t, err)
	t.Cleanup(store.Close)
	require.NoError(t, demo.Load(t.Context(), store, 0))
	replica := testkit.In(t, testkit.Standby(t), database)
	require.NoError(t, store.Replicate(t.Context(), []string{replica}, nil, servers.Limits{MaxLag: 2 * time.Second, Stale: time.Hour}))
	at, _ := testkit.ServeWith(t, store, service.Options{})
	b := openOn(t, at)
	b.visit("/about")
	b.reads("replica 1, less than 1 s behind at most")
	b.reads("primary, answers")
	b.visit("/sets/arrivals?page=2")
	b.sees("document.querySelectorAll('tbody tr').length > 0 && !document.body.innerText.includes('does not answer')")

	line.Silence(func([]byte) bool { return true })
	b.sees("(fetch('/api/sets/arrivals/records').then((r) => { window.old = r.headers.get('Stale') === '?1' }), window.old)")
	b.visit("/sets/arrivals?page=3")
	b.reads("The database's primary does not answer. This page is of a replica, as it was at")
	b.axe("a page that is old")
	b.shot("old-page")
	b.visit("/about")
	b.reads("to read only: the primary has not answered since")
	b.reads("primary, passed over: it does not answer")
	b.shot("about-replicas")
}
