package service_test

import (
	"bytes"
	"encoding/json"
	"io"
	"net/http"
	"net/url"
	"os"
	"regexp"
	"strings"
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"pageladder.example/api"
	"pageladder.example/internal/intake"
	"pageladder.example/internal/sets"
	"pageladder.example/internal/testkit"
	"pageladder.example/paging"
	"pageladder.example/paging/rulesfile"
)

func TestMain(m *testing.M) {
	testkit.Bounded(8 << 30)
	testkit.WithPostgres(m)
}

func do(t *testing.T, method, url string) (*http.Response, []byte) {
	t.Helper()
	req, err := http.NewRequestWithContext(t.Context(), method, url, nil)
	require.NoError(t, err)
	res, err := http.DefaultClient.Do(req)
	require.NoError(t, err)
	defer res.Body.Close()
	body, err := io.ReadAll(res.Body)
	require.NoError(t, err)
	return res, body
}

func readPage(t *testing.T, url string) api.Answer {
	t.Helper()
	res, body := do(t, http.MethodGet, url)
	require.Equal(t, http.StatusOK, res.StatusCode, string(body))
	var answer api.Answer
	require.NoError(t, json.Unmarshal(body, &answer))
	return answer
}

func TestPageOfASet(t *testing.T) {
	at := testkit.Serve(t) + "/api/sets/arrivals/records"
	answer := readPage(t, at+"?page=3&size=20&sort=-tonnage")
	var records []struct {
		ID      int64
		Tonnage int64
	}
	require.NoError(t, json.Unmarshal(answer.Records, &records))
	require.Len(t, records, 20)
	for i := 1; i < len(records); i++ {
		a, b := records[i-1], records[i]
		assert.True(t, a.Tonnage > b.Tonnage || a.Tonnage == b.Tonnage && a.ID > b.ID, "in order, ties by the key")
	}
	assert.EqualValues(t, 41, *answer.Paging.FirstRow)
	assert.EqualValues(t, 60, *answer.Paging.LastRow)
	assert.EqualValues(t, 347, *answer.Paging.TotalItems)
	assert.EqualValues(t, 18, *answer.Paging.TotalPages)
	assert.Equal(t, "41–60 of 347", answer.Paging.Summary)
	assert.Equal(t, "-tonnage,-id", answer.Paging.Sort)
	assert.Equal(t, "/api/sets/arrivals/records?page=4&size=20&sort=-tonnage", answer.Links.Next)
	assert.Len(t, answer.Ladder, 9)
	assert.Empty(t, answer.Adjusted)

	res, body := do(t, http.MethodGet, at)
	assert.Contains(t, string(body), `"adjusted":[]`, "no parameters at all: nothing adjusted")
	assert.Equal(t, "/api/sets/arrivals/records?page=1", res.Header.Get("Content-Location"))
}

// Answers are written by another library than callers and tests read them with.
func TestAnswersAreTheJSONOfTheStandardLibrary(t *testing.T) {
	at := testkit.Serve(t) + "/api/sets/arrivals/records?"
	for _, query := range []string{
		"", "page=3&size=20&sort=-tonnage", "page=99&size=x&sort=nothing", "berth=none-such",
		"note.has=" + url.QueryEscape("<b>&\"\\/ é😀\u2028\u2029\x00\x1f\x7f") + "%ff%c3", "<x>=%22&a%00b=\u2029",
		"pl.markup=plain&pl.facets=berth,cargo", "pl.explain=true&tonnage.min=500&note.none=false",
	} {
		res, body := do(t, http.MethodGet, at+query)
		require.Equal(t, http.StatusOK, res.StatusCode, string(body))
		var answer api.Answer
		require.NoError(t, json.Unmarshal(body, &answer))
		var again bytes.Buffer
		enc := json.NewEncoder(&again)
		enc.SetEscapeHTML(false)
		require.NoError(t, enc.Encode(answer))
		assert.Equal(t, again.String(), string(body), query)
	}
}

func TestWrongParametersGiveASensiblePageAndSayWhy(t *testing.T) {
	at := testkit.Serve(t) + "/api/sets/arrivals/records?"
	for query, want := range map[string]string{
		"page=99":                      "page.past_last 18 341–347 of 347",
		"page=0":                       "page.below_first 1 1–20 of 347",
		"page=abc":                     "page.not_a_number 1 1–20 of 347",
		"page=":                        "page.not_a_number 1 1–20 of 347",
		"size=0":                       "size.below_one 20 1–20 of 347",
		"size=5000":                    "size.over_cap 100 1–100 of 347",
		"page=99999999999999999999":    "page.past_last 18 341–347 of 347",
		"sort=wings":                   "sort.unknown_key -arrived_at 1–20 of 347",
		"colour=%00red":                "param.unknown  1–20 of 347",
		"pl.total=exact&pl.total=none": "param.repeated none 1–20",
	} {
		answer := readPage(t, at+query)
		require.Len(t, answer.Adjusted, 1, query)
		got := answer.Adjusted[0]
		assert.Equal(t, want, strings.Join([]string{string(got.Why), string(got.Used), answer.Paging.Summary}, " "))
	}
	answer := readPage(t, strings.Replace(at, "arrivals", "lost_property", 1)+"page=5")
	assert.Equal(t, "no records", answer.Paging.Summary)
	assert.JSONEq(t, "[]", string(answer.Records))
}

func TestPageThatHasNotChangedIsNotSentAgain(t *testing.T) {
	store := testkit.Harbour(t)
	at := testkit.ServeStore(t, store) + "/api/sets/berths/records?size=5"
	first, body := do(t, http.MethodGet, at)
	tag := first.Header.Get("ETag")
	assert.Regexp(t, `^W/"1-[0-9a-f]+"$`, tag)
	again, same := do(t, http.MethodGet, at)
	assert.Equal(t, tag, again.Header.Get("ETag"))
	assert.Equal(t, string(body), string(same))
	assert.Equal(t, first.Header.Get("Content-Location"), again.Header.Get("Content-Location"))

	ask := func(tag string) int {
		req, err := http.NewRequestWithContext(t.Context(), http.MethodGet, at, nil)
		require.NoError(t, err)
		req.Header.Set("If-None-Match", tag)
		res, err := http.DefaultClient.Do(req)
		require.NoError(t, err)
		res.Body.Close()
		return res.StatusCode
	}
	assert.Equal(t, http.StatusNotModified, ask(`"other", `+tag))
	assert.Equal(t, http.StatusOK, ask(`"other"`))
	value := "0"
	_, _, revision, err := store.Record(t.Context(), sets.Request{Set: "berths"}, []string{"E1"})
	require.NoError(t, err)
	_, err = store.Change(t.Context(), "berths", []string{"E1"}, revision, sets.Values{"length_m": &value})
	require.NoError(t, err)
	assert.Equal(t, http.StatusOK, ask(tag), "a change is seen at once")
	_, body = do(t, http.MethodGet, at)
	assert.Contains(t, string(body), `"length_m":0`)
}

func TestFieldsThatAreNotShownAreNotNamedEither(t *testing.T) {
	store := testkit.Store(t)
	_, _, err := store.Import(t.Context(), sets.Import{Name: "boats", Source: strings.NewReader("no,name,secret\n1,Gull,s3cret\n"),
		Options: intake.Options{Format: intake.CSV}, Rules: rulesfile.Of(paging.Rules{Key: []string{"no"}, Show: []string{"name", "no"}})})
	require.NoError(t, err)
	_, err = store.Configure(t.Context(), "boats", func(s *sets.Settings) error { s.Open = true; return nil })
	require.NoError(t, err)
	at := testkit.ServeStore(t, store)
	for _, path := range []string{"/api/sets", "/api/sets/boats", "/api/sets/boats/records", "/api/sets/boats/records?fields=secret,name", "/api/sets/boats/records/1", "/api/sets/boats/records/all", "/api/sets/boats/openapi.json", "/lists/boats"} {
		_, body := send(t, http.MethodGet, at+path, sent{token: nobody})
		assert.NotContains(t, strings.ReplaceAll(body, "fields=secret", ""), "s3cret", path)
		assert.NotContains(t, body, `"name":"secret"`, path)
	}
	_, body := do(t, http.MethodGet, at+"/api/sets/boats/records")
	assert.Contains(t, string(body), `"records":[{"name":"Gull","no":1}]`)
}

func TestErrorsAreProblems(t *testing.T) {
	at := testkit.Serve(t)
	for _, c := range []struct {
		method, path string
		status       int
		says         string
	}{
		{"GET", "/api/sets/nowhere/records", 404, `no record set named \"nowhere\"`},
		{"GET", "/api/sets/nowhere", 404, `no record set named \"nowhere\"`},
		{"GET", "/api/nothing", 404, "nothing at /api/nothing"},
		{"GET", "/api/sets/", 404, "nothing at /api/sets/"},
		{"DELETE", "/api/sets/arrivals/records", 405, "DELETE is not offered"},
		{"POST", "/", 405, "POST is not offered"},
		{"GET", "/assets/missing.js", 404, "nothing at /assets/missing.js"},
	} {
		res, body := do(t, c.method, at+c.path)
		assert.Equal(t, c.status, res.StatusCode, c.path)
		assert.Equal(t, "application/problem+json", res.Header.Get("Content-Type"), c.path)
		assert.Contains(t, string(body), c.says)
		assert.Equal(t, "no-store", res.Header.Get("Cache-Control"))
	}
	res, _ := do(t, "DELETE", at+"/api/sets/arrivals/records")
	assert.Equal(t, "GET, HEAD, POST, PUT, OPTIONS", res.Header.Get("Allow"))
	res, body := do(t, http.MethodHead, at+"/api/sets/arrivals/records?page=2")
	assert.Equal(t, http.StatusOK, res.StatusCode)
	assert.Empty(t, body)
	assert.Equal(t, "/api/sets/arrivals/records?page=2", res.Header.Get("Content-Location"))
}

func TestConsoleIsServedWithItsAssetsKeptAndItsPageNot(t *testing.T) {
	at := testkit.Serve(t)
	router, err := os.ReadFile("../../console/src/main.ts")
	require.NoError(t, err)
	for _, path := range regexp.MustCompile(`path: '(/[^:(']*)`).FindAllStringSubmatch(string(router), -1) {
		if path[1] != "/sets/" && !strings.HasSuffix(path[1], "/:path") {
			res, _ := do(t, http.MethodGet, at+path[1])
			assert.Equal(t, http.StatusOK, res.StatusCode, "the console's router has %s", path[1])
		}
	}
	for _, path := range []string{"/no-such-file.js", "/anywhere/else", "/favicon.png", "/sets", "/new/more", "/assets/none.js", "/index.html/x", "/api/none"} {
		res, _ := do(t, http.MethodGet, at+path)
		assert.Equal(t, http.StatusNotFound, res.StatusCode, path)
		assert.Equal(t, "application/problem+json", res.Header.Get("Content-Type"), path)
		res, _ = send(t, http.MethodGet, at+path, sent{headers: map[string]string{"Accept": "text/html,application/xhtml+xml"}})
		assert.Equal(t, http.StatusNotFound, res.StatusCode, path)
	}
	for _, path := range []string{"/", "/sets/arrivals?page=3", "/sets/arrivals/records/a/b.js"} {
		res, body := do(t, http.MethodGet, at+path)
		assert.Equal(t, http.StatusOK, res.StatusCode)
		assert.Equal(t, "no-cache", res.Header.Get("Cache-Control"))
		assert.Contains(t, res.Header.Get("Content-Security-Policy"), "default-src 'self'")
		_, asset, found := strings.Cut(string(body), `src="./assets/`)
		require.True(t, found, "built console")
		asset, _, _ = strings.Cut(asset, `"`)
		res, _ = do(t, http.MethodGet, at+"/assets/"+asset)
		assert.Equal(t, "public, max-age=31536000, immutable", res.Header.Get("Cache-Control"))
		assert.Contains(t, res.Header.Get("Content-Type"), "javascript")
	}
}

func TestDatabaseGoneIsSaidAndMended(t *testing.T) {
	at := testkit.Serve(t)
	page := at + "/api/sets/arrivals/records"
	readPage(t, page)
	reckon := sent{body: `{"query": "page=3", "total": 168}`, headers: map[string]string{"Content-Type": "application/json"}}
	send(t, "POST", at+"/api/reckon", reckon)
	back := testkit.KillServer(t)
	var gone *http.Response
	var says []byte
	testkit.Eventually(t, func() bool {
		gone, says = do(t, http.MethodGet, page)
		return gone.StatusCode == http.StatusServiceUnavailable
	}, "the connection that died is noticed")
	assert.Equal(t, "2", gone.Header.Get("Retry-After"))
	res, body := send(t, "POST", at+"/api/reckon", reckon)
	assert.Equal(t, http.StatusOK, res.StatusCode, "the calculator needs no database: %s", body)
	assert.Contains(t, string(says), "database cannot be reached")
	testkit.Eventually(t, func() bool {
		res, _ := do(t, http.MethodGet, page)
		return back() && res.StatusCode == http.StatusOK
	}, "it recovers without a restart")
	res, _ = do(t, http.MethodGet, at+"/healthz")
	assert.Equal(t, http.StatusOK, res.StatusCode)
}
