package service_test

import (
	"context"
	"encoding/json"
	"fmt"
	"net/http"
	"strconv"
	"strings"
	"testing"
	"time"

	"github.com/jackc/pgx/v5"
	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"pageladder.example/api"
	"pageladder.example/demo"
	"pageladder.example/internal/access"
	"pageladder.example/internal/servers"
	"pageladder.example/internal/service"
	"pageladder.example/internal/sets"
	"pageladder.example/internal/testkit"
)

// A service reads from a replica: what a caller has written it sees, when the primary falls silent reads go on and say so, and rights that end
// meanwhile are gone.
func TestAServiceWithAReplica(t *testing.T) {
	database := testkit.DatabaseURL(t)
	direct, err := sets.Open(t.Context(), database)
	require.NoError(t, err)
	defer direct.Close()
	require.NoError(t, demo.Load(t.Context(), direct, 0))
	elsewhere := access.New(direct.Pool(), direct.Writes())
	secret, token, err := elsewhere.Create(t.Context(), "the pilot", access.Reader, nil)
	require.NoError(t, err)
	line := testkit.NewLine(t, database)
	store, err := sets.Open(t.Context(), line.URL)
	require.NoError(t, err)
	t.Cleanup(store.Close)
	replica := testkit.In(t, testkit.Standby(t), database)
	require.NoError(t, store.Replicate(t.Context(), []string{replica}, nil, servers.Limits{MaxLag: 2 * time.Second, Stale: time.Hour}))
	at, _ := testkit.ServeWith(t, store, service.Options{Answers: 100})
	records := at + "/api/sets/arrivals/records"
	ready := func() (health api.Health, status int) {
		res, body := send(t, "GET", at+"/readyz", sent{})
		if res.StatusCode == http.StatusOK {
			require.NoError(t, json.Unmarshal([]byte(body), &health))
		}
		return health, res.StatusCode
	}
	var page api.Answer
	read := func(query string, s sent) *http.Response {
		res, body := send(t, "GET", records+query, s)
		page = api.Answer{}
		if res.StatusCode == http.StatusOK {
			require.NoError(t, json.Unmarshal([]byte(body), &page))
		}
		return res
	}
	testkit.Eventually(t, func() bool {
		health, _ := ready()
		return len(health.Servers) == 2 && health.Servers[1].Age != nil && health.Servers[1].Answers && read("?pl.explain=true", sent{}) != nil && page.Paging.AsOf != nil
	}, "pages come from the replica")
	assert.False(t, page.Paging.Stale)
	assert.Contains(t, fmt.Sprint(page.Made.Steps), "on replica 1, whose records are")
	for query, headers := range map[string]map[string]string{"?pl.min_version=x": nil, "": {api.MinVersion: "t1"}} {
		assert.Equal(t, http.StatusBadRequest, read(query, sent{headers: headers}).StatusCode)
	}

	for n := range 5 { // own writes are seen, also by who comes with the header or the link alone
		read("", sent{})
		was := *page.Paging.TotalItems
		res, body := send(t, "POST", records, inJSON("", fmt.Sprintf(`{"id": %d, "vessel": "Gull"}`, 9000+n)))
		require.Equal(t, http.StatusCreated, res.StatusCode, body)
		floor := res.Header.Get(api.MinVersion)
		require.NotEmpty(t, floor)
		assert.Contains(t, res.Header.Get("Location"), "?pl.min_version="+floor)
		for query, s := range map[string]sent{"": {}, "?size=10": {token: nobody, headers: map[string]string{api.MinVersion: floor}}, "?size=50&pl.min_version=" + floor: {token: nobody}} {
			res := read(query, s)
			assert.Equal(t, was+1, *page.Paging.TotalItems, query)
			assert.Equal(t, s.token == nobody, res.Header.Get("Set-Cookie") != "", "a browser has a cookie")
			assert.NotContains(t, res.Header.Get("Cache-Control"), "public", "others may have seen more")
		}
	}
	floor := "t1.a~5" // one of a table that others change a lot
	for n := range int64(50) {
		floor += "." + strconv.FormatInt(1<<40+n, 36)
	}
	var many []string
	for n := range 20 {
		many = append(many, fmt.Sprintf("other%d=%s", n, floor))
	}
	res := read("?size=10", sent{token: nobody, headers: map[string]string{"Cookie": "pageladder_seen=" + strings.Join(many, "&")}})
	kept := res.Header.Get("Set-Cookie")
	assert.Contains(t, kept, "pageladder_seen=arrivals=")
	assert.Contains(t, kept, floor)
	assert.Less(t, len(kept), 4096, "browsers keep no longer one")
	read("", sent{})
	total := *page.Paging.TotalItems

	res = read("?size=20", sent{token: secret})
	require.Equal(t, http.StatusOK, res.StatusCode)
	tag := res.Header.Get("ETag")
	require.Equal(t, http.StatusNotModified, read("?size=20", sent{headers: map[string]string{"If-None-Match": tag}}).StatusCode)
	require.Equal(t, http.StatusOK, read("?size=20", sent{token: nobody}).StatusCode)
	line.Silence(func([]byte) bool { return true })
	testkit.Eventually(t, func() bool { health, status := ready(); return status == http.StatusOK && health.Status == "reads" }, "replicas answer alone")
	testkit.Eventually(t, func() bool {
		res := read("?size=20", sent{token: secret})
		require.Equal(t, http.StatusOK, res.StatusCode)
		return page.Paging.Stale && res.Header.Get(api.Stale) == "?1"
	}, "and say so")
	assert.Equal(t, total, *page.Paging.TotalItems)
	assert.Equal(t, http.StatusOK, read("?size=20", sent{headers: map[string]string{"If-None-Match": tag}}).StatusCode, "a page that is old is another one")
	for _, path := range []string{"/api/sets", "/api/sets/arrivals", "/api/sets/arrivals/rules", "/api/sets/arrivals/records/7", "/api/sets/arrivals/records/all",
		"/api/sets/arrivals/ladder?total=90", "/api/sets/arrivals/openapi.json", "/api/tokens", "/api/session", "/openapi.json", "/lists/arrivals", "/healthz", "/metrics"} {
		res, body := send(t, "GET", at+path, sent{})
		assert.Equal(t, http.StatusOK, res.StatusCode, "%s: %.200s", path, body)
	}
	res, _ = send(t, "POST", records, inJSON("", `{"id": 9100}`))
	assert.Equal(t, http.StatusServiceUnavailable, res.StatusCode)
	require.NoError(t, elsewhere.End(t.Context(), token.ID))
	_, err = direct.Configure(t.Context(), "arrivals", func(s *sets.Settings) error { s.Open = false; return nil })
	require.NoError(t, err)
	for _, token := range []string{secret, nobody} {
		testkit.Eventually(t, func() bool { return read("?size=20", sent{token: token}).StatusCode == http.StatusUnauthorized }, "rights that have ended are gone")
	}

	line.Silence(nil)
	testkit.Eventually(t, func() bool { health, _ := ready(); return health.Status == "ok" }, "the primary is back")
	testkit.Eventually(t, func() bool { return read("", sent{}).StatusCode == http.StatusOK && !page.Paging.Stale }, "pages are new again")
	assert.Equal(t, total, *page.Paging.TotalItems)

	// What is newer than all that the replica has may not be there yet: it is not gone.
	standby, err := pgx.Connect(t.Context(), replica)
	require.NoError(t, err)
	defer standby.Close(context.Background())
	_, err = standby.Exec(t.Context(), "select pg_wal_replay_pause()")
	require.NoError(t, err)
	testkit.Eventually(t, func() bool {
		var paused bool
		return standby.QueryRow(t.Context(), "select pg_get_wal_replay_pause_state() = 'paused'").Scan(&paused) == nil && paused
	}, "the replica stays where it is")
	res, body := send(t, "POST", at+"/api/sets?name=tides", sent{body: "id\n1\n", headers: map[string]string{"Content-Type": "text/csv"}})
	require.Equal(t, http.StatusCreated, res.StatusCode, body)
	secret, _, err = elsewhere.Create(t.Context(), "the second pilot", access.Reader, nil)
	require.NoError(t, err)
	tides := func(token string) int {
		res, _ := send(t, "GET", at+"/api/sets/tides/records", sent{token: token})
		return res.StatusCode
	}
	require.Equal(t, http.StatusOK, tides(""))
	require.Equal(t, http.StatusOK, tides(secret))
	line.Silence(func([]byte) bool { return true })
	testkit.Eventually(t, func() bool { health, _ := ready(); return health.Status == "reads" }, "replicas answer alone")
	for until := time.Now().Add(1500 * time.Millisecond); time.Now().Before(until); { // longer than a token is remembered
		assert.Contains(t, []int{200, 503}, tides(""))
		assert.Contains(t, []int{200, 503}, tides(secret))
	}
	assert.Equal(t, http.StatusServiceUnavailable, tides(""))
	_, err = standby.Exec(t.Context(), "select pg_wal_replay_resume()")
	require.NoError(t, err)
	testkit.Eventually(t, func() bool { return tides("") == http.StatusOK && tides(secret) == http.StatusOK }, "the replica has them")
}
