package service_test

import (
	"encoding/json"
	"net/http"
	"slices"
	"strings"
	"testing"

	"github.com/jackc/pgx/v5"
	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"pageladder.example/api"
	"pageladder.example/internal/access"
	"pageladder.example/internal/peers"
	"pageladder.example/internal/service"
	"pageladder.example/internal/testkit"
	"pageladder.example/paging/rulesfile"
)

// Services that share a database know of each other while they run.
func TestServicesKnowOfEachOther(t *testing.T) {
	store := testkit.Harbour(t)
	at, s := testkit.ServeWith(t, store, service.Options{Version: "2.0"})
	list := func() (all api.Services) {
		_, text := send(t, http.MethodGet, at+"/api/services", sent{})
		require.NoError(t, json.Unmarshal([]byte(text), &all), text)
		return all
	}
	running := func(n int) func() bool {
		return func() bool {
			return len(slices.DeleteFunc(list().Services, func(s api.Service) bool { return !s.Lives })) == n
		}
	}
	t.Run("another one", func(t *testing.T) {
		other, _ := testkit.ServeWith(t, store, service.Options{Version: "2.1"})
		testkit.Eventually(t, running(2), "both are known")
		for _, one := range list().Services {
			assert.Equal(t, one.Address == at, one.Answers)
			assert.Equal(t, map[string]string{at: "2.0", other: "2.1"}[one.Address], one.Version)
			assert.Empty(t, one.Lacks)
		}
	})
	assert.True(t, running(1)(), "one that has ended in good order is not there")
	_, err := store.Pool().Exec(t.Context(), `insert into pageladder.service (id, version, address, reads, seen_at) values ('killed', '1.0', 'http://saltmere.example', '{}', now() - interval '21 s'),
		('long ago', '0.1', 'http://saltmere.example', '{}', now() - interval '25 h')`)
	require.NoError(t, err)
	all := list()
	require.Len(t, all.Services, 2)
	killed := all.Services[slices.IndexFunc(all.Services, func(s api.Service) bool { return s.ID == "killed" })]
	assert.False(t, killed.Lives)
	assert.Equal(t, peers.Reads(), killed.Lacks)
	assert.Regexp(t, `^1\d\.\d+`, all.PostgreSQL)
	assert.EqualValues(t, 1, all.Timeline)
	assert.NotEmpty(t, all.Epoch)
	assert.False(t, all.EpochSince.IsZero())

	assert.False(t, all.Earlier)
	config, err := pgx.ParseConfig(store.Pool().Config().ConnString())
	require.NoError(t, err)
	config.RuntimeParams["application_name"] = "pageladder"
	earlier, err := pgx.ConnectConfig(t.Context(), config)
	require.NoError(t, err)
	defer earlier.Close(t.Context())
	assert.True(t, list().Earlier)

	editor, _, err := s.Tokens().Create(t.Context(), "an editor", access.Editor, nil)
	require.NoError(t, err)
	res, text := send(t, http.MethodGet, at+"/api/services", sent{token: editor})
	assert.Equal(t, http.StatusForbidden, res.StatusCode, text)
}

// Nothing is written that a service which runs cannot read: rules, fields, tokens.
func TestNothingIsWrittenThatAServiceCannotRead(t *testing.T) {
	store := testkit.Harbour(t)
	at, _ := testkit.ServeWith(t, store, service.Options{})
	res, text := send(t, http.MethodPost, at+"/api/sets?name=dinghies&key=no", sent{body: "no,name\n1,Gull\n", headers: map[string]string{"Content-Type": "text/csv"}})
	require.Equal(t, http.StatusCreated, res.StatusCode, text)
	for _, c := range []struct{ lacks, method, path, media, body string }{
		{"Params.search", "PUT", "/api/sets/arrivals/rules", "application/json", `{"key": ["id"], "params": {"search": "q"}}`},
		{"PastLast refuse", "PUT", "/api/sets/arrivals/rules", "application/json", `{"key": ["id"], "past_last": "refuse"}`},
		{"Code page.below_first", "PUT", "/api/sets/arrivals/rules", "application/json", `{"key": ["id"], "faults": {"page.below_first": "refuse"}}`},
		{"Rules.repeat", "PUT", "/api/sets/arrivals/rules", "application/json", `{"key": ["id"], "repeat": "list"}`},
		{"Envelope records", "PUT", "/api/sets/arrivals/rules", "application/json", `{"key": ["id"], "envelope": {"records": "/items"}}`},
		{"Type json", "POST", "/api/sets?name=boats&key=no", "application/x-ndjson", `{"no": 1, "gear": {"sails": 2}}`},
		{"Type json", "PUT", "/api/sets/dinghies/records", "application/x-ndjson", `{"no": 1, "name": "Gull", "gear": {"sails": 2}}`},
		{"role editor", "POST", "/api/tokens", "application/json", `{"label": "the harbour master", "role": "editor"}`},
	} {
		reads := slices.DeleteFunc(slices.Clone(peers.Reads()), func(name string) bool { return name == c.lacks })
		_, err := store.Pool().Exec(t.Context(), "insert into pageladder.service (id, version, address, reads) values ('late', '1.0', 'http://saltmere.example:8470', $1)", reads)
		require.NoError(t, err)
		write := func() (int, string) {
			headers := map[string]string{"Content-Type": c.media}
			if strings.HasSuffix(c.path, "/rules") {
				res, _ := send(t, http.MethodGet, at+c.path, sent{})
				headers["If-Match"] = res.Header.Get("ETag")
			}
			res, text := send(t, c.method, at+c.path, sent{body: c.body, headers: headers})
			return res.StatusCode, text
		}
		status, text := write()
		assert.Equal(t, http.StatusConflict, status, c.lacks)
		assert.Contains(t, text, "/problems/not-yet")
		assert.Contains(t, text, "(1.0 at http://saltmere.example:8470) cannot read this yet: "+c.lacks+";")
		_, err = store.Pool().Exec(t.Context(), "update pageladder.service set seen_at = now() - interval '21 s' where id = 'late'")
		require.NoError(t, err)
		status, text = write()
		assert.Less(t, status, 300, "%s: %s", c.lacks, text)
		if strings.HasSuffix(c.path, "/rules") { // what could be read before is kept, whoever comes later
			_, err = store.Pool().Exec(t.Context(), "update pageladder.service set seen_at = now() where id = 'late'")
			require.NoError(t, err)
			status, text = write()
			assert.Less(t, status, 300, "%s: %s", c.lacks, text)
		}
		_, err = store.Pool().Exec(t.Context(), "delete from pageladder.service where id = 'late'")
		require.NoError(t, err)
	}
	// What a new set is given by itself is left out, if it cannot be read.
	_, err := store.Pool().Exec(t.Context(), "insert into pageladder.service (id, version, address, reads) values ('late', '1.0', 'http://saltmere.example:8470', $1)",
		slices.DeleteFunc(slices.Clone(peers.Reads()), func(name string) bool { return name == "Rules.repeat" }))
	require.NoError(t, err)
	for _, c := range []struct {
		name, repeat string
		seen         string // when the earlier one has been seen
	}{{"punts", "", "now()"}, {"rafts", "list", "now() - interval '21 s'"}} {
		_, err := store.Pool().Exec(t.Context(), "update pageladder.service set seen_at = "+c.seen+" where id = 'late'")
		require.NoError(t, err)
		res, text := send(t, http.MethodPost, at+"/api/sets?key=no&name="+c.name, inCSV("no,name\n1,Gull\n"))
		require.Equal(t, http.StatusCreated, res.StatusCode, text)
		var rules rulesfile.Rules
		_, text = send(t, http.MethodGet, at+"/api/sets/"+c.name+"/rules", sent{})
		require.NoError(t, json.Unmarshal([]byte(text), &rules))
		assert.Equal(t, c.repeat, rules.Repeat)
	}
}
