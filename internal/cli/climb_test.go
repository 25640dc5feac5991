package cli_test

import (
	"encoding/json"
	"fmt"
	"net/http"
	"net/http/httptest"
	"os"
	"path/filepath"
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"pageladder.example/climb"
	"pageladder.example/internal/testkit"
)

// An endpoint is climbed from the shell: what was found is printed and can be given back, the
// reports are written, and the exit code is for pipelines.
func TestEndpointsAreClimbedFromTheShell(t *testing.T) {
	s := start(t, "demo", "--data-dir", testkit.DataDir(t))
	dir := t.TempDir()
	in := func(name string) string { return filepath.Join(dir, name) }
	list := s.server + "/api/sets/arrivals/records"

	right := s.run(t, "climb", list, "--expect", "strict", "--junit", in("climb.xml"), "--report", in("climb.html"))
	assert.Zero(t, right.code, right.errOut)
	assert.Contains(t, right.out, "kept        walk.lost        No record is lost between pages\n")
	assert.Contains(t, right.out, " 0 faults, 0 warnings,")
	assert.Empty(t, right.errOut)
	for name, has := range map[string]string{"climb.xml": `<testcase name="walk.lost`, "climb.html": "<svg"} {
		text, err := os.ReadFile(in(name))
		require.NoError(t, err)
		assert.Contains(t, string(text), has)
	}

	found := s.run(t, "climb", list, "--show-envelope")
	require.Zero(t, found.code, found.errOut)
	require.NoError(t, os.WriteFile(in("found.yaml"), []byte(found.out), 0o600))
	again := s.run(t, "climb", list, "--endpoint", in("found.yaml"), "-o", "json")
	require.Zero(t, again.code, again.errOut)
	var report climb.Report
	require.NoError(t, json.Unmarshal([]byte(again.out), &report))
	assert.Empty(t, report.Found, "all of it was told")
	assert.EqualValues(t, 347, report.Records)

	// A list that loses its last page, behind a token.
	wrong := httptest.NewServer(http.HandlerFunc(func(w http.ResponseWriter, r *http.Request) {
		if r.Header.Get("Authorization") != "Bearer open sesame" || r.Header.Get("Cookie") != "a=b" {
			http.Error(w, "who are you?", http.StatusUnauthorized)
			return
		}
		w.Header().Set("Content-Type", "application/json")
		if r.URL.Query().Get("page") == "2" {
			fmt.Fprint(w, `{"items": [{"id": 3}], "total": 4, "next": null}`)
			return
		}
		fmt.Fprint(w, `{"items": [{"id": 1}, {"id": 2}], "total": 4, "next": "/?page=2"}`)
	}))
	defer wrong.Close()
	t.Setenv("LIST_TOKEN", "open sesame")
	require.NoError(t, os.WriteFile(in("headers"), []byte("Cookie: a=b\n"), 0o600))
	columns := []string{"climb", wrong.URL, "--token-env", "LIST_TOKEN", "--header-file", in("headers"), "--pause", "1us"}
	broken := s.run(t, append(columns, "--junit", in("wrong.xml"))...)
	assert.Equal(t, 1, broken.code)
	assert.Regexp(t, `(?m)^fault +numbers\.total .*\n +A page states the total 4; there are 3 records\. \(\d+ times\)\n +try http://`, broken.out)
	assert.Contains(t, broken.errOut, "does not keep its promises")
	text, err := os.ReadFile(in("wrong.xml"))
	require.NoError(t, err)
	assert.Contains(t, string(text), "<failure")

	require.NoError(t, os.WriteFile(in("mine.yaml"), []byte("numbers.total: warning\nbad.said: off\n"), 0o600))
	milder := s.run(t, append(columns, "--expect", in("mine.yaml"), "--while", "touch "+in("was-here"))...)
	assert.Contains(t, milder.out, "warning     numbers.total")
	assert.FileExists(t, in("was-here"))

	require.NoError(t, os.WriteFile(in("odd.yaml"), []byte("numbers.all: off\n"), 0o600))
	for name, c := range map[string]struct {
		args []string
		code int
		says string
	}{
		"nobody there":     {[]string{"climb", "http://127.0.0.1:1/"}, 5, "connection refused"},
		"no page":          {[]string{"climb", wrong.URL}, 1, "its status is 401"},
		"no address":       {[]string{"climb", "arrivals"}, 2, "such as https://host/arrivals"},
		"an unknown code":  {[]string{"climb", list, "--expect", in("odd.yaml")}, 2, "walk.readable, walk.ends"},
		"an unknown field": {[]string{"climb", list, "--endpoint", in("mine.yaml")}, 2, "unknown field"},
		"no such file":     {[]string{"climb", list, "--expect", "stricter"}, 2, "neither usual nor strict"},
		"an empty token":   {[]string{"climb", list, "--token-env", "NO_SUCH"}, 2, "NO_SUCH"},
		"no requests":      {[]string{"climb", list, "--requests", "0"}, 2, "more than 0"},
	} {
		got := s.run(t, c.args...)
		assert.Equal(t, c.code, got.code, name)
		assert.Contains(t, got.errOut, c.says, name)
	}
}
