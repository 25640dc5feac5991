package service_test

import (
	"net/http"
	"testing"

	"github.com/jackc/pgx/v5"
	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"pageladder.example/internal/sets"
	"pageladder.example/internal/testkit"
)

// Where a table is not what it was, readers learn that the list has changed, and owners what is
// missing and what helps. Nobody gets an error of the service.
func TestOwnersAreToldWhatTheirTableLacks(t *testing.T) {
	database := testkit.DatabaseURL(t)
	conn, err := pgx.Connect(t.Context(), database)
	require.NoError(t, err)
	defer conn.Close(t.Context())
	do := func(sql string) {
		t.Helper()
		_, err := conn.Exec(t.Context(), sql)
		require.NoError(t, err, sql)
	}
	do("create table public.calls (id int primary key, berth text, tons int); insert into public.calls select n, 'N4', n from generate_series(1, 50) n; grant select on public.calls to public")
	store, err := sets.Open(t.Context(), database)
	require.NoError(t, err)
	t.Cleanup(store.Close)
	require.NoError(t, store.AddSource("yard", yard(t, database)))
	_, err = store.Attach(t.Context(), sets.Attach{Name: "calls", Source: "yard", Schema: "public", Table: "calls"})
	require.NoError(t, err)
	_, err = store.Configure(t.Context(), "calls", func(s *sets.Settings) error { s.Open = true; return nil })
	require.NoError(t, err)
	do("create table public.locked (id int primary key)")
	_, err = store.Attach(t.Context(), sets.Attach{Name: "locked", Source: "yard", Schema: "public", Table: "locked"})
	require.ErrorIs(t, err, sets.ErrTable)
	assert.ErrorContains(t, err, "may not read public.locked; this would help, run by its owner: grant usage on schema", "a missing grant is named")
	_, err = store.Attach(t.Context(), sets.Attach{Name: "none", Source: "yard", Schema: "public", Table: "none"})
	assert.ErrorContains(t, err, "no table or view public.none")
	at := testkit.ServeStore(t, store)
	res, body := send(t, "GET", at+"/api/sets/calls/records/all?pl.shape=html", sent{headers: map[string]string{"Accept": "*/*"}})
	assert.Equal(t, http.StatusNotAcceptable, res.StatusCode)
	assert.Contains(t, body, `found \"html\"; right would be`, "what was asked for is told as it was asked")
	for _, c := range []struct{ does, others, owner, undo string }{
		{"alter table public.calls rename tons to weight", "the list's table has changed", "column tons does not exist", "alter table public.calls rename weight to tons"},
		{"revoke select on public.calls from public", "may not be read at the moment", "grant select on", "grant select on public.calls to public"},
		{"alter table public.calls rename to older", "the list's table has changed", `\"calls\" is not as it was`, "alter table public.older rename to calls"},
	} {
		do(c.does)
		for _, path := range []string{"/api/sets/calls/records?sort=-tons", "/api/sets/calls/records/5", "/api/sets/calls/records/all", "/lists/calls", "/api/sets/calls/records/5/place?sort=-tons"} {
			for token, says := range map[string]string{"": c.owner, nobody: c.others} {
				res, body := send(t, "GET", at+path, sent{token: token})
				assert.Equal(t, http.StatusServiceUnavailable, res.StatusCode, "%s: %s %.300s", c.does, path, body)
				if path[:5] == "/api/" {
					assert.Contains(t, body, "/problems/table-changed")
					assert.Contains(t, body, says, path)
					if token == nobody {
						assert.NotContains(t, body, "tons")
					}
				}
			}
		}
		do(c.undo)
		res, body := send(t, "GET", at+"/api/sets/calls/records?sort=-tons", sent{token: nobody})
		assert.Equal(t, http.StatusOK, res.StatusCode, body)
	}
}
