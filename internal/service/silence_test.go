package service_test

import (
	"bytes"
	"net/http"
	"strings"
	"sync"
	"syscall"
	"testing"
	"time"

	"github.com/jackc/pgx/v5"
	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"pageladder.example/internal/access"
	"pageladder.example/internal/intake"
	"pageladder.example/internal/service"
	"pageladder.example/internal/sets"
	"pageladder.example/internal/testkit"
	"pageladder.example/paging"
	"pageladder.example/paging/rulesfile"
	"pageladder.example/paging/value"
)

// The connection that notifies of changes may fall silent without an end or a reset. Two seconds
// later no remembered answer is given any more: a set that was closed elsewhere is closed, and a
// filter that was fixed elsewhere binds.
func TestNothingRememberedOutlivesSilence(t *testing.T) {
	database := testkit.DatabaseURL(t)
	direct, err := sets.Open(t.Context(), database)
	require.NoError(t, err)
	defer direct.Close()
	conn, err := pgx.Connect(t.Context(), database)
	require.NoError(t, err)
	defer conn.Close(t.Context())
	_, err = conn.Exec(t.Context(), `create table public.calls (id bigint primary key, berth text);
		insert into public.calls select n, case when n % 2 = 0 then 'N4' else 'secret' end from generate_series(1, 100) n; grant select on public.calls to public`)
	require.NoError(t, err)
	reader := yard(t, database)
	line := testkit.NewLine(t, database)
	store, err := sets.Open(t.Context(), line.URL)
	require.NoError(t, err)
	t.Cleanup(store.Close)
	for _, s := range []*sets.Store{direct, store} {
		require.NoError(t, s.AddSource("yard", reader))
	}
	_, err = direct.Attach(t.Context(), sets.Attach{Name: "attached", Source: "yard", Schema: "public", Table: "calls"})
	require.NoError(t, err)
	require.NoError(t, direct.LoadCSV(t.Context(), sets.Draft{Name: "kept", Label: "Kept", Fields: []intake.Field{{Name: "id", Type: value.Integer}, {Name: "berth", Type: value.Text}},
		Rules: rulesfile.Of(paging.Rules{Key: []string{"id"}, Filters: []paging.FilterRule{{Field: "berth"}}})}, strings.NewReader("id,berth\n1,N4\n2,secret\n")))
	at, _ := testkit.ServeWith(t, store, service.Options{Answers: 100})
	settings := func(name string, change func(*sets.Settings)) {
		_, err := direct.Configure(t.Context(), name, func(s *sets.Settings) error { change(s); return nil })
		require.NoError(t, err)
	}
	read := func(name string) (int, string) {
		res, body := send(t, "GET", at+"/api/sets/"+name+"/records?size=100", sent{token: nobody})
		return res.StatusCode, body
	}
	for _, name := range []string{"kept", "attached"} {
		settings(name, func(s *sets.Settings) { s.Open = true })
		testkit.Eventually(t, func() bool { status, body := read(name); return status == 200 && strings.Contains(body, "secret") }, "it is open")
		read(name) // and remembered
	}
	line.Silence(func(sent []byte) bool { return bytes.Contains(sent, []byte("listen pageladder")) })
	for _, name := range []string{"kept", "attached"} {
		settings(name, func(s *sets.Settings) { s.Fixed = "berth=N4" })
	}
	// Nobody who asks later than that after a change is answered by what was before it, however long
	// the answer takes.
	const silence = 1800 * time.Millisecond
	holds := func(since time.Time, what string, now func() bool) {
		t.Helper()
		testkit.Eventually(t, func() bool {
			startedAt := time.Now()
			if now() {
				return true
			}
			assert.Less(t, startedAt.Sub(since), silence, what)
			return false
		}, what)
	}
	fixed := time.Now()
	for _, name := range []string{"kept", "attached"} {
		holds(fixed, "the filter binds", func() bool { _, body := read(name); return !strings.Contains(body, "secret") })
	}
	for _, name := range []string{"kept", "attached"} {
		settings(name, func(s *sets.Settings) { s.Open = false })
	}
	closed := time.Now()
	for _, name := range []string{"kept", "attached"} {
		holds(closed, "it is closed", func() bool { status, _ := read(name); return status == http.StatusUnauthorized })
	}
	line.Silence(nil)
	testkit.Eventually(t, store.Heard, "changes are heard of again")
}

// When the database is stopped or frozen, requests that do not need it still work, and no request
// waits for it longer than its own time.
func TestEveryWaitEnds(t *testing.T) {
	const waitsEnd = 30 * time.Second // a second or two, on a machine that has nothing else to do
	database := testkit.DatabaseURL(t)
	line := testkit.NewLine(t, database)
	store, err := sets.Open(t.Context(), line.URL)
	require.NoError(t, err)
	t.Cleanup(store.Close)
	limits := service.DefaultLimits
	limits.RequestTime = 5 * time.Second
	at, _ := testkit.ServeWith(t, store, service.Options{Answers: 100, Limits: limits})
	ask := func(method, path string, s sent) (status int, took time.Duration) {
		began := time.Now()
		res, _ := send(t, method, at+path, s)
		return res.StatusCode, time.Since(began)
	}
	reckon := inJSON("", `{"query":"page=3","total":168}`)
	status, _ := ask("POST", "/api/reckon", reckon)
	require.Equal(t, 200, status)
	for _, frozen := range []bool{true, false} {
		if frozen {
			line.Silence(func([]byte) bool { return true })
		} else {
			line.Silence(nil)
			testkit.Eventually(t, store.Heard, "changes are heard of again")
			require.NoError(t, syscall.Kill(testkit.Server().Pid(), syscall.SIGSTOP))
			t.Cleanup(func() { syscall.Kill(testkit.Server().Pid(), syscall.SIGCONT) })
		}
		for path, want := range map[string]int{"/healthz": 200, "/problems": 200, "/problems/no-set": 200, "/lists.css": 200, "/openapi.json": 200, "/": 200} {
			status, took := ask("GET", path, sent{token: nobody})
			assert.Equal(t, want, status, path)
			assert.Less(t, took, waitsEnd, path)
		}
		status, took := ask("POST", "/api/reckon", reckon)
		assert.Equal(t, 200, status)
		assert.Less(t, took, waitsEnd)
		var asking sync.WaitGroup
		for _, path := range []string{"/api/sets/arrivals/records", "/lists/arrivals", "/readyz", "/api/sets/arrivals/records/all"} {
			for _, as := range []string{"", nobody} {
				asking.Go(func() {
					status, took := ask("GET", path, sent{token: as})
					assert.Contains(t, []int{401, 503}, status, path)
					assert.Less(t, took, waitsEnd, "%s as %q", path, as)
				})
			}
		}
		asking.Wait()
	}
	require.NoError(t, syscall.Kill(testkit.Server().Pid(), syscall.SIGCONT))
	testkit.Eventually(t, func() bool { status, _ := ask("GET", "/readyz", sent{}); return status == 200 }, "and goes on")
}

// Whatever a service was waiting for when that was let go, its callers get an answer that says so, and never an empty one of status 200.
func TestCallersGetAnAnswerWhateverIsLetGo(t *testing.T) {
	store := testkit.Harbour(t)
	limits := service.DefaultLimits
	limits.Rate = 0
	at, s := testkit.ServeWith(t, store, service.Options{Limits: limits})
	secret, _, err := s.Tokens().Create(t.Context(), "kept", access.Owner, nil)
	require.NoError(t, err)
	store.Close()
	for _, path := range []string{"/api/sets", "/api/sets/arrivals", "/api/sets/arrivals/records?page=2", "/api/sets/arrivals/records/1", "/api/sets/arrivals/records/all", "/api/sets/arrivals/ladder",
		"/api/tokens", "/api/services", "/lists/arrivals", "/readyz"} {
		res, text := send(t, http.MethodGet, at+path, sent{token: secret})
		assert.Equal(t, http.StatusServiceUnavailable, res.StatusCode, "%s: %s", path, text)
		assert.NotEmpty(t, text, path)
		assert.NotEmpty(t, res.Header.Get("Retry-After"), path)
	}
}
