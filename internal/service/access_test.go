package service_test

import (
	"encoding/json"
	"fmt"
	"io"
	"net"
	"net/http"
	"regexp"
	"strings"
	"testing"
	"time"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"pageladder.example/api"
	"pageladder.example/demo"
	"pageladder.example/internal/access"
	"pageladder.example/internal/service"
	"pageladder.example/internal/sets"
	"pageladder.example/internal/testkit"
)

// nobody stands for a caller without a token; where none is named, the owner calls.
const nobody = "nobody"

// sent is what is sent besides a method and an address.
type sent struct {
	token, body string
	headers     map[string]string
}

func send(t *testing.T, method, url string, s sent) (*http.Response, string) {
	t.Helper()
	req, err := http.NewRequestWithContext(t.Context(), method, url, strings.NewReader(s.body))
	require.NoError(t, err)
	switch s.token {
	case "": // the owner
	case nobody:
		req.Header.Set(testkit.Nobody, "yes")
	default:
		req.Header.Set("Authorization", "Bearer "+s.token)
	}
	for name, value := range s.headers {
		req.Header.Set(name, value)
		if name == "Host" {
			req.Host = value
		}
	}
	client := http.Client{Transport: http.DefaultClient.Transport, CheckRedirect: func(*http.Request, []*http.Request) error { return http.ErrUseLastResponse }}
	res, err := client.Do(req)
	require.NoError(t, err)
	defer res.Body.Close()
	body, err := io.ReadAll(res.Body)
	require.NoError(t, err)
	return res, string(body)
}

// inJSON is a body of JSON.
func inJSON(token, body string) sent {
	return sent{token, body, map[string]string{"Content-Type": "application/json"}}
}

func TestEveryCallAsksForItsRole(t *testing.T) {
	store := testkit.Harbour(t)
	_, err := store.Configure(t.Context(), "arrivals", func(s *sets.Settings) error { s.Open = false; return nil })
	require.NoError(t, err)
	at, s := testkit.ServeWith(t, store, service.Options{})
	make := func(role access.Role, names ...string) string {
		secret, _, err := s.Tokens().Create(t.Context(), "x", role, names)
		require.NoError(t, err)
		return secret
	}
	type caller struct {
		name, token string
		role        access.Role
		all         bool
	}
	callers := []caller{{"nobody", nobody, access.Nobody, false}}
	for _, role := range []access.Role{access.Reader, access.Editor, access.Owner} {
		callers = append(callers, caller{role.String(), make(role), role, true}, caller{role.String() + " of arrivals", make(role, "arrivals"), role, false})
	}
	// Writes are sent without what they need: a caller who may write learns what is missing, and
	// nothing changes.
	refused := func(status int) bool { return status == http.StatusUnauthorized || status == http.StatusForbidden }
	cells := 0
	for _, call := range s.Calls() {
		for _, set := range []string{"arrivals", "berths"} { // berths are open; the tokens of arrivals are not for it
			path := strings.NewReplacer("{set}", set, "{key}", "~", "{source}", "yard", "{name}", "none", "{token}", "x", "{id}", "999", "{number}", "2", "{kind}", "no-set").Replace(call.Path)
			for _, c := range callers {
				if call.Method == "DELETE" && path == "/api/sets/"+set && c.role == access.Owner {
					continue // would do it; TestSetsAreLookedAfter does
				}
				res, body := send(t, call.Method, at+path, sent{token: c.token})
				cell := fmt.Sprintf("%s %s as %s: %d %s", call.Method, path, c.name, res.StatusCode, body)
				cells++
				may := call.Scope == "everywhere" || c.role >= call.Role && (c.all || call.Scope == "any set" || call.Scope == "this set" && set == "arrivals")
				switch {
				case may, call.Scope == "this set" && set == "berths" && call.Role == access.Reader:
					if path != "/api/session" && path != "/api/sets" {
						assert.False(t, refused(res.StatusCode), cell)
					}
				case call.Scope == "this set" && set == "berths" && !c.all && c.role > access.Nobody:
					assert.Equal(t, http.StatusNotFound, res.StatusCode, cell)
				case c.role == access.Nobody:
					assert.Equal(t, http.StatusUnauthorized, res.StatusCode, cell)
					assert.Contains(t, res.Header.Get("WWW-Authenticate"), "Bearer")
				default:
					assert.Equal(t, http.StatusForbidden, res.StatusCode, cell)
				}
			}
		}
	}
	assert.Greater(t, cells, 400)
	res, body := send(t, "GET", at+"/api/sets", sent{token: nobody})
	assert.Equal(t, http.StatusOK, res.StatusCode)
	assert.NotContains(t, body, "arrivals", "open sets alone are listed")
}

func TestFixedFilterBindsReadersInEveryAnswer(t *testing.T) {
	store := testkit.Harbour(t)
	_, err := store.Configure(t.Context(), "arrivals", func(s *sets.Settings) error { s.Open, s.Fixed = true, "berth=N4"; return nil })
	require.NoError(t, err)
	at, s := testkit.ServeWith(t, store, service.Options{Answers: 100})
	owner, _, err := s.Tokens().Create(t.Context(), "x", access.Owner, nil)
	require.NoError(t, err)
	hidden := 0
	all := readRecords(t, at+"/api/sets/arrivals/records/all", owner)
	for _, r := range all {
		if r["berth"] != "N4" {
			hidden++
			if hidden%20 == 1 {
				for _, path := range []string{"", "/place"} {
					res, _ := send(t, "GET", fmt.Sprintf("%s/api/sets/arrivals/records/%v%s", at, r["id"], path), sent{token: nobody})
					assert.Equal(t, http.StatusNotFound, res.StatusCode)
				}
			}
		}
	}
	require.NotZero(t, hidden)
	seen := readRecords(t, at+"/api/sets/arrivals/records/all", nobody)
	assert.Len(t, seen, len(all)-hidden)
	for range 2 { // the second time from what is kept
		ofOwner, body := send(t, "GET", at+"/api/sets/arrivals/records", sent{token: owner})
		assert.Contains(t, body, fmt.Sprintf(`"total_items":%d,`, len(all)))
		ofNobody, body := send(t, "GET", at+"/api/sets/arrivals/records", sent{token: nobody})
		assert.Contains(t, body, fmt.Sprintf(`"total_items":%d,`, len(seen)))
		assert.NotEqual(t, ofOwner.Header.Get("ETag"), ofNobody.Header.Get("ETag"))
		assert.Equal(t, "private, no-cache", ofOwner.Header.Get("Cache-Control"))
		assert.Equal(t, "public, max-age=10, stale-while-revalidate=60", ofNobody.Header.Get("Cache-Control"))
	}
	_, body := send(t, "GET", at+"/api/sets/arrivals/records?pl.facets=berth", sent{token: nobody})
	assert.Contains(t, body, fmt.Sprintf(`"facets":{"berth":[{"value":"N4","count":%d}]}`, len(seen)))
	for _, path := range []string{"/api/sets/arrivals", "/api/sets", "/lists/arrivals?size=100", "/api/sets/arrivals/ladder"} {
		_, body := send(t, "GET", at+path, sent{token: nobody})
		assert.NotContains(t, moments.ReplaceAllString(body, ""), fmt.Sprint(len(all)), path)
		assert.NotContains(t, body, `"fixed"`, path)
	}
}

func readRecords(t *testing.T, url, token string) (records []map[string]any) {
	res, body := send(t, "GET", url, sent{token: token})
	require.Equal(t, http.StatusOK, res.StatusCode, body)
	require.NoError(t, json.Unmarshal([]byte(body), &records))
	return records
}

func TestBeingOnThisMachineGivesNoRight(t *testing.T) {
	at, s := testkit.ServeWith(t, testkit.Store(t), service.Options{})
	status := func(x sent) int { res, _ := send(t, "GET", at+"/api/tokens", x); return res.StatusCode }
	assert.Equal(t, http.StatusUnauthorized, status(sent{token: nobody}), "a proxy on this machine may add no header at all")
	res, body := send(t, "POST", at+"/api/tokens", inJSON(nobody, `{"label":"me","role":"owner"}`))
	assert.Equal(t, http.StatusUnauthorized, res.StatusCode, body)
	res, body = send(t, "POST", at+"/api/tokens", inJSON("", `{"label":"me","role":"owner"}`))
	require.Equal(t, http.StatusCreated, res.StatusCode, body)
	var created api.NewToken
	require.NoError(t, json.Unmarshal([]byte(body), &created))
	assert.Equal(t, http.StatusOK, status(sent{token: created.Secret}))
	testkit.Eventually(t, func() bool {
		_, body = send(t, "GET", at+"/api/tokens", sent{token: created.Secret})
		return strings.Contains(body, `"used_at":"2`)
	}, "its use is written down")
	assert.NotContains(t, body, created.Secret)

	res, _ = send(t, "POST", at+"/api/session", inJSON("", `{"token":"plt_nonsense"}`))
	assert.Equal(t, http.StatusUnauthorized, res.StatusCode)
	res, body = send(t, "POST", at+"/api/session", inJSON("", `{"token":"`+created.Secret+`"}`))
	require.Equal(t, http.StatusOK, res.StatusCode, body)
	cookie := res.Cookies()[0]
	assert.True(t, cookie.HttpOnly && cookie.SameSite == http.SameSiteStrictMode)
	assert.NotContains(t, cookie.Value, created.Secret)
	in := sent{headers: map[string]string{"Cookie": cookie.Name + "=" + cookie.Value}}
	assert.Equal(t, http.StatusOK, status(in))
	res, _ = send(t, "DELETE", at+"/api/session", in)
	assert.Equal(t, http.StatusNoContent, res.StatusCode)
	assert.Equal(t, http.StatusUnauthorized, status(in))
	require.NoError(t, s.Tokens().End(t.Context(), created.ID))
	assert.Equal(t, http.StatusUnauthorized, status(sent{token: created.Secret}))

	// A link signs a browser in as who created it.
	res, body = send(t, "POST", at+"/api/session/link", sent{token: nobody})
	assert.Equal(t, http.StatusUnauthorized, res.StatusCode, body)
	res, body = send(t, "POST", at+"/api/session/link", sent{})
	require.Equal(t, http.StatusCreated, res.StatusCode, body)
	var link api.SignInLink
	require.NoError(t, json.Unmarshal([]byte(body), &link))
	code, ok := strings.CutPrefix(link.Path, service.SignInPath)
	require.True(t, ok)
	for _, want := range []int{http.StatusOK, http.StatusUnauthorized} { // once
		res, body = send(t, "POST", at+"/api/session", inJSON(nobody, `{"code":"`+code+`"}`))
		require.Equal(t, want, res.StatusCode, body)
		if want == http.StatusOK {
			assert.Contains(t, body, `"role":"owner"`)
			in = sent{headers: map[string]string{"Cookie": res.Cookies()[0].Name + "=" + res.Cookies()[0].Value}}
		}
	}
	assert.Equal(t, http.StatusOK, status(in))
	res, _ = send(t, "POST", at+"/api/session", inJSON(nobody, `{"code":"x","token":"y"}`))
	assert.Equal(t, http.StatusUnprocessableEntity, res.StatusCode)
}

func TestOriginsHostsAndLimits(t *testing.T) {
	limits := service.DefaultLimits
	limits.QueryBytes, limits.Params, limits.BodyBytes, limits.ImportBytes = 1000, 50, 2000, 3000
	limits.Rate, limits.Imports = 0, 1
	store := testkit.Harbour(t)
	at, _ := testkit.ServeWith(t, store, service.Options{Limits: limits, Hosts: []string{"harbour.example"}, Origins: []string{"https://saltmere.example"}})
	for _, c := range []struct {
		method, path string
		sent         sent
		status       int
		says         string
	}{
		{"GET", "/api/sets", sent{headers: map[string]string{"Host": "evil.example"}}, 421, "evil.example"},
		{"GET", "/api/sets", sent{headers: map[string]string{"Host": "HARBOUR.example:99"}}, 200, ""},
		{"POST", "/api/reckon", sent{body: "{}", headers: map[string]string{"Origin": "https://evil.example", "Sec-Fetch-Site": "cross-site"}}, 403, "another origin"},
		{"POST", "/api/reckon", sent{body: `{"total":1}`, headers: map[string]string{"Origin": "https://saltmere.example", "Sec-Fetch-Site": "cross-site", "Content-Type": "application/json"}}, 200, ""},
		{"GET", "/api/sets?x=" + strings.Repeat("y", 1000), sent{}, 414, "1000 bytes"},
		{"GET", "/api/sets?" + strings.Repeat("a&", 50), sent{}, 414, "50 parameters"},
		{"POST", "/api/reckon", inJSON("", `{"total":1,"query":"`+strings.Repeat("y", 3000)+`"}`), 413, "2000 bytes"},
		{"POST", "/api/sets?name=big", sent{body: "a\n" + strings.Repeat("12345\n", 1000), headers: map[string]string{"Content-Type": "text/csv"}}, 413, "3000 bytes"},
		{"POST", "/api/sets?name=zip", sent{body: "x", headers: map[string]string{"Content-Type": "text/csv", "Content-Encoding": "gzip"}}, 415, "Content-Encoding"},
		{"POST", "/api/reckon", sent{body: "{}"}, 415, "application/json"},
		{"POST", "/api/reckon", inJSON("", `{"total":`), 422, "unexpected EOF"},
		{"POST", "/api/reckon", inJSON("", `{"total":1,"colour":2}`), 422, "colour"},
		{"GET", "/api/sets/arrivals/records", sent{headers: map[string]string{"Accept": "image/png"}}, 406, "image/png"},
		{"GET", "/api/sets/arrivals/records?pl.shape=round&pl.wings=2", sent{}, 400, "pl.wings"},
		{"GET", "/api/sets/arrivals/records?pl.version=99", sent{}, 410, "version 99: no page has been of that version"},
		{"GET", "/api/sets/arrivals/records?pl.base=//evil.example", sent{}, 400, "pl.base"},
		{"GET", "/api/sets/arrivals/records?pl.base=https://evil.example/", sent{}, 400, "is not allowed"},
		{"GET", "/api/sets/arrivals/records?pl.facets=note", sent{}, 400, "pl.facets"},
	} {
		res, body := send(t, c.method, at+c.path, c.sent)
		assert.Equal(t, c.status, res.StatusCode, "%s %.60s: %s", c.method, c.path, body)
		assert.Contains(t, body, c.says)
		assert.Equal(t, "nosniff", res.Header.Get("X-Content-Type-Options"))
	}
	res, _ := send(t, "GET", at+"/api/sets/berths/records", sent{headers: map[string]string{"Origin": "https://saltmere.example"}})
	assert.Equal(t, "https://saltmere.example", res.Header.Get("Access-Control-Allow-Origin"))
	assert.Contains(t, res.Header.Get("Access-Control-Expose-Headers"), "Link, Content-Location")
	res, _ = send(t, "OPTIONS", at+"/api/sets/berths/records/E1", sent{headers: map[string]string{"Origin": "https://saltmere.example", "Access-Control-Request-Method": "PATCH"}})
	assert.Equal(t, "204 GET, HEAD, POST, PUT, PATCH, DELETE", fmt.Sprint(res.StatusCode, " ", res.Header.Get("Access-Control-Allow-Methods")))
	for _, name := range []string{"Authorization", "Content-Type", "If-Match", "If-None-Match", "Idempotency-Key"} {
		assert.Contains(t, res.Header.Get("Access-Control-Allow-Headers"), name)
	}
	res, _ = send(t, "GET", at+"/api/sets/berths/records", sent{headers: map[string]string{"Origin": "https://evil.example"}})
	assert.Empty(t, res.Header.Get("Access-Control-Allow-Origin"))

	// While one import runs, another has to wait.
	body, feed := io.Pipe()
	first, err := http.NewRequestWithContext(t.Context(), "POST", at+"/api/sets?name=slow&progress=slow-import", body)
	require.NoError(t, err)
	first.Header.Set("Content-Type", "text/csv")
	done := make(chan int)
	go func() {
		res, err := http.DefaultClient.Do(first)
		if assert.NoError(t, err) {
			res.Body.Close()
			done <- res.StatusCode
		}
	}()
	io.WriteString(feed, "no\n1\n")
	other := func() *http.Response {
		res, _ := send(t, "POST", at+"/api/sets?check=true", sent{body: "a\n1\n", headers: map[string]string{"Content-Type": "text/csv"}})
		return res
	}
	testkit.Eventually(t, func() bool {
		res, _ := send(t, "GET", at+"/api/imports/slow-import", sent{})
		return res.StatusCode == http.StatusOK
	}, "the import runs")
	assert.Equal(t, http.StatusServiceUnavailable, other().StatusCode)
	assert.Equal(t, "10", other().Header.Get("Retry-After"))
	feed.Close()
	assert.Equal(t, http.StatusCreated, <-done)
	testkit.Eventually(t, func() bool { return other().StatusCode == http.StatusOK }, "and has ended")

	limits.RequestTime = time.Nanosecond
	slow, _ := testkit.ServeWith(t, store, service.Options{Limits: limits})
	res, text := send(t, "GET", slow+"/api/sets/berths/records", sent{})
	assert.Equal(t, "503 10", fmt.Sprint(res.StatusCode, " ", res.Header.Get("Retry-After")), text)
	assert.Contains(t, text, "problems/too-slow")

	limits.RequestTime, limits.Rate, limits.Burst = service.DefaultLimits.RequestTime, 0.5, 20
	rated, s := testkit.ServeWith(t, store, service.Options{Limits: limits})
	at = rated
	reader, _, err := s.Tokens().Create(t.Context(), "x", access.Reader, nil)
	require.NoError(t, err)
	testkit.Eventually(t, func() bool {
		res, _ := send(t, "GET", at+"/api/sets/berths", sent{token: reader})
		return res.StatusCode == http.StatusTooManyRequests && res.Header.Get("Retry-After") == "1"
	}, "the caller is told to wait")
	testkit.Eventually(t, func() bool {
		res, _ := send(t, "GET", at+"/api/sets/berths", sent{token: reader})
		return res.StatusCode == http.StatusOK
	}, "and may go on")
}

// Wrong tokens are looked up only as often as their address may ask, and no caller can hold all
// streams.
func TestOneCallerIsBounded(t *testing.T) {
	store := testkit.Store(t)
	require.NoError(t, demo.Load(t.Context(), store, 150_000))
	limits := service.DefaultLimits
	limits.Rate, limits.Burst = 0.01, 100
	at, _ := testkit.ServeWith(t, store, service.Options{Limits: limits})
	statuses := map[int]int{}
	for n := range 500 {
		s := sent{token: fmt.Sprint("plt_wrong", n)}
		if n%2 == 1 {
			s = sent{headers: map[string]string{"Cookie": fmt.Sprint("pageladder_session=wrong", n)}, token: nobody}
		}
		res, _ := send(t, "GET", at+"/api/tokens", s)
		statuses[res.StatusCode]++
	}
	assert.Less(t, statuses[401], 200)
	assert.Equal(t, 500, statuses[401]+statuses[429])

	limits.Rate = 0
	at, s := testkit.ServeWith(t, store, service.Options{Limits: limits})
	stream := func(token string) net.Conn {
		conn, err := net.Dial("tcp", strings.TrimPrefix(at, "http://"))
		require.NoError(t, err)
		t.Cleanup(func() { conn.Close() })
		_, err = fmt.Fprintf(conn, "GET /api/sets/tides/records/all HTTP/1.1\r\nHost: localhost\r\nAuthorization: Bearer %s\r\n\r\n", token)
		require.NoError(t, err)
		begun := make([]byte, len("HTTP/1.1 200"))
		_, err = io.ReadFull(conn, begun) // and no more
		require.NoError(t, err)
		require.Contains(t, string(begun), "HTTP/1.1 ")
		return conn
	}
	one, _, err := s.Tokens().Create(t.Context(), "one", access.Reader, nil)
	require.NoError(t, err)
	for range 2 {
		stream(one)
	}
	res, body := send(t, "GET", at+"/api/sets/tides/records/all", sent{token: one})
	assert.Equal(t, http.StatusServiceUnavailable, res.StatusCode)
	assert.Contains(t, body, "2 of this caller are running")
	res, _ = send(t, "GET", at+"/api/sets/berths/records/all", sent{})
	assert.Equal(t, http.StatusOK, res.StatusCode, "others have theirs")
}

// A strong ETag stands for one body: callers who see more get another one, and so do callers under
// other rules.
func TestTagsStandForOneBody(t *testing.T) {
	store := testkit.Harbour(t)
	at, s := testkit.ServeWith(t, store, service.Options{Answers: 100})
	reader, _, err := s.Tokens().Create(t.Context(), "x", access.Reader, nil)
	require.NoError(t, err)
	show := func(fields ...string) {
		_, err := store.Configure(t.Context(), "berths", func(s *sets.Settings) error {
			rules := *s.Rules
			rules.Show = fields
			s.Rules = &rules
			return nil
		})
		require.NoError(t, err)
	}
	bodies := map[string]string{}
	read := func(at, path, token string) string {
		res, body := send(t, "GET", at+path, sent{token: token})
		require.Equal(t, 200, res.StatusCode, body)
		tag := res.Header.Get("ETag")
		if known, ok := bodies[tag]; ok {
			assert.Equal(t, known, body, tag)
		}
		bodies[tag] = body
		res, _ = send(t, "GET", at+path, sent{token: token, headers: map[string]string{"If-None-Match": tag}})
		assert.Equal(t, 304, res.StatusCode)
		return tag
	}
	elsewhere, _ := testkit.ServeWith(t, store, service.Options{Answers: 100, PublicURL: "https://saltmere.example"})
	other, _ := testkit.ServeWith(t, store, service.Options{Answers: 100, Version: "later"})
	for _, path := range []string{"/api/sets/berths/records/E1", "/api/sets/berths/records", "/api/sets/berths/rules"} {
		for _, fields := range [][]string{nil, {"code"}, {"code", "name"}} {
			show(fields...)
			read(at, path, "")
			read(at, path, reader)
			read(elsewhere, path, "")
		}
	}
	assert.NotEqual(t, read(at, "/api/sets/berths/records", ""), read(other, "/api/sets/berths/records", ""), "another version may write another answer")
	tag := read(at, "/api/sets/berths/records/E1", "")
	res, body := send(t, "PATCH", at+"/api/sets/berths/records/E1", sent{body: `{"lit":true}`, headers: map[string]string{"Content-Type": "application/json", "If-Match": tag}})
	assert.Equal(t, 200, res.StatusCode, body)
}

// moments are points in time, whose digits may be any.
var moments = regexp.MustCompile(`\d{4}-\d\d-\d\dT[\d:.]+Z`)
