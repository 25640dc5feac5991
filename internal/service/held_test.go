package service_test

import (
	"encoding/json"
	"fmt"
	"net/http"
	"net/url"
	"os/exec"
	"path/filepath"
	"strings"
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"pageladder.example/api"
	"pageladder.example/internal/sets"
	"pageladder.example/internal/testkit"
)

// holding is a set of ten boats that has been changed: 3 is another one, 4 is gone, 11 has come, and 5 is hidden
// from whoever is bound by the set's fixed filter.
func holding(t *testing.T) (at string, ok func(status int, method, path string, s sent) (*http.Response, string), began int64, store *sets.Store) {
	store = testkit.Store(t)
	at = testkit.ServeStore(t, store)
	ok = func(status int, method, path string, s sent) (*http.Response, string) {
		t.Helper()
		res, body := send(t, method, at+path, s)
		require.Equal(t, status, res.StatusCode, "%s %s: %s", method, path, body)
		return res, body
	}
	var csv strings.Builder
	csv.WriteString("no,name,kept,note\n")
	for no := range 10 {
		fmt.Fprintf(&csv, "%d,boat %c,true,%s\n", no+1, 'a'+no, strings.Repeat("x", 20))
	}
	rules := `{"key":["no"],"sorts":[{"key":"no"},{"key":"name"}],"filters":[{"field":"name"}]}`
	ok(201, "POST", "/api/sets?name=boats&rules="+url.QueryEscape(rules), inCSV(csv.String()))
	ok(200, "PATCH", "/api/sets/boats", inJSON("", `{"open":true,"fixed":"kept=true"}`))
	var page api.Answer
	_, body := ok(200, "GET", "/api/sets/boats/records", sent{})
	require.NoError(t, json.Unmarshal([]byte(body), &page))
	change := func(method, no, body string) {
		res, _ := ok(200, "GET", "/api/sets/boats/records/"+no, sent{})
		s := inJSON("", body)
		s.headers["If-Match"] = res.Header.Get("ETag")
		ok(200, method, "/api/sets/boats/records/"+no, s)
	}
	change("PATCH", "3", `{"name":"other"}`)
	change("DELETE", "4", "")
	change("PATCH", "5", `{"kept":false}`)
	ok(201, "POST", "/api/sets/boats/records", inJSON("", `{"no":11,"name":"boat k","kept":true}`))
	return at, ok, page.Paging.Version, store
}

// A list that is held stays as it was at its version, in every call and shape, and says how it
// differs from now.
func TestAListIsHeldStill(t *testing.T) {
	at, ok, began, _ := holding(t)
	held := func(path string) string {
		return path + map[bool]string{true: "&", false: "?"}[strings.Contains(path, "?")] + fmt.Sprintf("pl.version=%d", began)
	}
	page := readPage(t, at+held("/api/sets/boats/records?size=2&page=2"))
	assert.JSONEq(t, `[{"no":3,"name":"boat c","kept":true,"note":"xxxxxxxxxxxxxxxxxxxx"},{"no":4,"name":"boat d","kept":true,"note":"xxxxxxxxxxxxxxxxxxxx"}]`, string(page.Records))
	assert.Equal(t, []api.ChangedRow{{Row: 3, Now: "changed"}, {Row: 4, Now: "gone"}}, page.Changed)
	assert.EqualValues(t, 10, *page.Paging.TotalItems)
	assert.EqualValues(t, 4, *page.Paging.ChangesSince)
	assert.Equal(t, began, page.Paging.Version)
	assert.Equal(t, "/api/sets/boats/records?size=2&page=2", page.Links.Now)
	for _, href := range []string{page.Links.Self, page.Links.Next, page.Links.Prev, page.Links.Last, page.Sizes[0].Href, page.Sorts[0].Href} {
		assert.Contains(t, href, fmt.Sprintf("pl.version=%d", began))
	}
	last := readPage(t, at+page.Links.Last)
	assert.EqualValues(t, 10, *last.Paging.LastRow)
	assert.Empty(t, last.Changed)

	now := readPage(t, at+page.Links.Now)
	assert.Nil(t, now.Paging.ChangesSince)
	assert.Empty(t, now.Links.Now)
	same := readPage(t, at+fmt.Sprintf("/api/sets/boats/records?pl.version=%d", now.Paging.Version))
	assert.Zero(t, *same.Paging.ChangesSince)

	for path, want := range map[string]string{
		"/api/sets/boats/records?name=other":                  `"records":[]`,
		"/api/sets/boats/records?name.not=other":              `"boat c"`,
		"/api/sets/boats/records?pl.facets=name":              `{"value":"boat d","count":1}`,
		"/api/sets/boats/records?pl.shape=csv&size=4":         "4,boat d,true",
		"/api/sets/boats/records?pl.parts=paging":             `"changes_since":4`,
		"/api/sets/boats/records?pl.explain=true&sort=-name":  fmt.Sprintf("held at version %d: 4 changes since", began),
		"/api/sets/boats/records/4":                           `{"record":{"no":4,"name":"boat d"`,
		"/api/sets/boats/records/3":                           `"boat c"`,
		"/api/sets/boats/records/4/place?sort=-no&size=2":     `"row":7,"page":4`,
		"/api/sets/boats/records/all":                         `"boat d"`,
		"/api/sets/boats/ladder?size=2":                       fmt.Sprintf("pl.version=%d", began),
		"/lists/boats?size=5":                                 fmt.Sprintf("As it was at version %d; 4 changes since.", began),
		"/api/sets/boats/records?sort=-name,no&size=3&page=3": `"boat d"`,
	} {
		res, body := ok(200, "GET", held(path), sent{})
		assert.Contains(t, body, want, path)
		assert.NotContains(t, body, "boat k", path)
		if strings.Contains(path, "shape=csv") {
			assert.Contains(t, res.Header.Get("Paging"), "changes-since=4")
			assert.Contains(t, res.Header.Get("Link"), `rel="latest-version"`)
		}
	}
	_, one := ok(200, "GET", held("/api/sets/boats/records/3"), sent{})
	assert.NotContains(t, one, `"revision"`, "nobody overwrites what it is now by what it was")
	_, one = ok(200, "GET", held("/api/sets/boats/records/2"), sent{})
	assert.Contains(t, one, `"revision"`)
	ok(404, "GET", held("/api/sets/boats/records/11"), sent{})

	// A caller who is bound by the filter sees only what it let through then and lets through now.
	_, first := ok(200, "GET", held("/api/sets/boats/records?size=20"), sent{})
	_, body := ok(200, "GET", held("/api/sets/boats/records?size=20"), sent{token: nobody})
	assert.Contains(t, body, `"boat c"`)
	assert.NotContains(t, body, `"boat d"`, "it is not there now")
	assert.NotContains(t, body, `"boat e"`, "it is hidden now")
	assert.Contains(t, body, `"total_items":8`)
	ok(404, "GET", held("/api/sets/boats/records/5"), sent{token: nobody})
	assert.Contains(t, body, `"may_shrink":true`, "those after a hidden one have moved up")
	assert.NotContains(t, first, "may_shrink", "nothing moves for who sees all")

	// It is the same however often it is asked for, also when the answer is a remembered one.
	again := fmt.Sprintf("/api/sets/boats/records?size=2&pl.version=%d", now.Paging.Version)
	for range 3 {
		assert.Zero(t, *readPage(t, at+again).Paging.ChangesSince)
	}
	ok(201, "POST", "/api/sets/boats/records", inJSON("", `{"no":99,"name":"boat z","kept":true}`))
	for range 3 {
		same = readPage(t, at+again)
		assert.EqualValues(t, 1, *same.Paging.ChangesSince)
		assert.EqualValues(t, 10, *same.Paging.TotalItems)
		assert.Equal(t, now.Paging.Version, same.Paging.Version)
	}
}

// What is answered for a version depends on more than the version: on rules, rights and what is hidden
// now. So caches ask each time, and get another tag for another answer.
func TestCachesOfAHeldListDoNotShowWhatIsHidden(t *testing.T) {
	_, ok, began, store := holding(t)
	type question struct{ path, token string }
	tags := map[question]string{}
	for _, path := range []string{"?size=3", "?size=3&pl.shape=array", "?size=3&pl.shape=csv"} {
		for token, cache := range map[string]string{"": "private, no-cache", nobody: "public, max-age=10"} {
			q := question{fmt.Sprintf("/api/sets/boats/records%s&pl.version=%d", path, began), token}
			res, _ := ok(200, "GET", q.path, sent{token: token})
			assert.Equal(t, cache, res.Header.Get("Cache-Control"), q)
			tags[q] = res.Header.Get("ETag")
			ok(304, "GET", q.path, sent{token: token, headers: map[string]string{"If-None-Match": tags[q]}})
		}
	}
	for name, change := range map[string]func(){
		"a change": func() {
			ok(201, "POST", "/api/sets/boats/records", inJSON("", `{"no":12,"name":"boat l","kept":true}`))
		},
		"a record hidden": func() {
			res, _ := ok(200, "GET", "/api/sets/boats/records/1", sent{})
			s := inJSON("", `{"kept":false}`)
			s.headers["If-Match"] = res.Header.Get("ETag")
			ok(200, "PATCH", "/api/sets/boats/records/1", s)
		},
		"a field not shown": func() {
			_, err := store.Configure(t.Context(), "boats", func(s *sets.Settings) error { s.Rules.Show = []string{"no"}; return nil })
			require.NoError(t, err)
		},
	} {
		change()
		for q, tag := range tags {
			res, body := ok(200, "GET", q.path, sent{token: q.token, headers: map[string]string{"If-None-Match": tag}})
			tags[q] = res.Header.Get("ETag")
			assert.NotEqual(t, tag, tags[q], "%s: %v", name, q)
			if name == "a record hidden" && q.token == nobody {
				assert.NotContains(t, body, "boat a")
			}
		}
	}
}

// Where a list cannot be held, the answer says why and leads to the list as it is now. The query
// is never changed on the way.
func TestAListThatCannotBeHeldIsGone(t *testing.T) {
	_, ok, began, store := holding(t)
	gone := func(path, why string) {
		t.Helper()
		res, body := ok(410, "GET", path, sent{})
		assert.Contains(t, body, why)
		if strings.HasPrefix(path, "/api") {
			assert.Contains(t, body, `"now":"/api/sets/boats/records`)
			assert.Contains(t, res.Header.Get("Link"), `rel="latest-version"`)
		} else {
			assert.Contains(t, body, "Show the list as it is now")
		}
	}
	gone("/api/sets/boats/records?size=3&pl.version=9999&page=2", "no page has been of that version")
	gone("/lists/boats?pl.version=9999", "no page has been of that version")
	ok(400, "GET", "/api/sets/boats/records?pl.version=0", sent{})

	// Texts that are too long are not logged. The earlier state stays known as long as no such text
	// was in it.
	for _, text := range []string{incompressible(9_000), incompressible(9_001)} {
		res, _ := ok(200, "GET", "/api/sets/boats/records/8", sent{})
		s := inJSON("", `{"note":"`+text+`"}`)
		s.headers["If-Match"] = res.Header.Get("ETag")
		ok(200, "PATCH", "/api/sets/boats/records/8", s)
	}
	_, body := ok(200, "GET", fmt.Sprintf("/api/sets/boats/records?size=3&page=3&pl.version=%d", began+4), sent{})
	assert.Contains(t, body, `{"no":8,"name":"boat h","kept":true,"note":"xxxxxxxxxxxxxxxxxxxx"}`)
	for _, path := range []string{"?size=3&page=3", "?size=3&page=2&sort=-name", "/all", "/8"} {
		path += map[bool]string{true: "&", false: "?"}[strings.Contains(path, "?")]
		gone(fmt.Sprintf("/api/sets/boats/records%spl.version=%d", path, began+5), "too long for the change log")
	}
	ok(200, "GET", fmt.Sprintf("/api/sets/boats/records?size=3&page=1&pl.version=%d", began+5), sent{})

	// Purging leaves no trace, also of records that were deleted before.
	_, created := ok(201, "POST", "/api/tokens", inJSON("", `{"label":"an editor","role":"editor"}`))
	var editor struct{ Secret string }
	require.NoError(t, json.Unmarshal([]byte(created), &editor))
	ok(403, "DELETE", "/api/sets/boats/records/4?purge=true", sent{token: editor.Secret})
	ok(400, "DELETE", "/api/sets/boats/records/4?purge=perhaps", sent{})
	ok(200, "DELETE", "/api/sets/boats/records/4?purge=true", sent{})
	ok(404, "DELETE", "/api/sets/boats/records/4?purge=true", sent{})
	ok(428, "DELETE", "/api/sets/boats/records/7?purge=true", sent{})
	gone(fmt.Sprintf("/api/sets/boats/records?pl.version=%d", began), "the change log")
	now, _ := ok(200, "GET", "/api/sets/boats/records/7", sent{})
	ok(200, "DELETE", "/api/sets/boats/records/7?purge=true", sent{headers: map[string]string{"If-Match": now.Header.Get("ETag")}})
	_, body = ok(200, "GET", "/api/sets/boats/records", sent{})
	assert.Contains(t, body, `"total_items":9`)

	// An import ends every earlier version, and so does a new epoch, as after a restore.
	ok(200, "PUT", "/api/sets/boats/records", inCSV("no,name,kept,note\n1,one,true,\n2,two,true,\n"))
	gone(fmt.Sprintf("/api/sets/boats/records?pl.version=%d", began+8), "the change log")
	set, err := store.Latest(t.Context(), "boats")
	require.NoError(t, err)
	_, err = store.Pool().Exec(t.Context(), "update pageladder.epoch set epoch = 'another'")
	require.NoError(t, err)
	other, err := sets.Open(t.Context(), store.Pool().Config().ConnString())
	require.NoError(t, err)
	defer other.Close()
	later, err := other.Latest(t.Context(), "boats")
	require.NoError(t, err)
	assert.Greater(t, later.Version, set.Version+1_000_000, "versions of the two are told apart")
	_, err = other.Page(t.Context(), sets.Request{Set: "boats", At: set.Version, Visibility: sets.All})
	var refused *sets.GoneError
	assert.ErrorAs(t, err, &refused)
}

// incompressible is a text that takes as many bytes as it has letters.
func incompressible(n int) string {
	b := make([]byte, n)
	x := uint32(1)
	for i := range b {
		x = x*1664525 + 1013904223
		b[i] = 'a' + byte(x>>24)%26
	}
	return string(b)
}

// By its rules a list holds still from the first page on.
func TestRulesHoldAListStill(t *testing.T) {
	at, ok, _, store := holding(t)
	_, err := store.Configure(t.Context(), "boats", func(s *sets.Settings) error { s.Rules.Pinned = true; return nil })
	require.NoError(t, err)
	first := readPage(t, at+"/api/sets/boats/records?size=4")
	pin := fmt.Sprintf("pl.version=%d", first.Paging.Version)
	assert.Contains(t, first.Links.Next, pin)
	assert.Contains(t, first.Ladder[1].Href, pin)
	assert.Equal(t, "/api/sets/boats/records?size=4&page=1", first.Links.Now)
	assert.Nil(t, first.Paging.ChangesSince)
	ok(201, "POST", "/api/sets/boats/records", inJSON("", `{"no":0,"name":"first","kept":true}`))
	second := readPage(t, at+first.Links.Next)
	assert.Contains(t, string(second.Records), `"no":6`, "as if nothing had come before it")
	assert.EqualValues(t, 1, *second.Paging.ChangesSince)
	assert.NotContains(t, second.Links.Now, pin)
	_, ladder := ok(200, "GET", "/api/sets/boats/ladder?size=4&"+pin, sent{})
	assert.Contains(t, ladder, pin)
	assert.NotContains(t, ladder, fmt.Sprintf("pl.version=%d", first.Paging.Version+1))
}

// Versions from before a backup was restored mean nothing afterwards, also to a service that runs
// meanwhile.
func TestVersionsOfBeforeARestoreMeanNothing(t *testing.T) {
	_, ok, _, store := holding(t)
	database := store.Pool().Config().ConnString()
	dump := filepath.Join(t.TempDir(), "backup.sql")
	out, err := exec.CommandContext(t.Context(), testkit.Program(t, "pg_dump"), "--no-owner", "--clean", "--if-exists", "-f", dump, database).CombinedOutput()
	require.NoError(t, err, string(out))
	add := func(no int) {
		t.Helper()
		ok(201, "POST", "/api/sets/boats/records", inJSON("", fmt.Sprintf(`{"no":%d,"name":"boat","kept":true}`, no)))
	}
	version := func() int64 {
		page, err := store.Page(t.Context(), sets.Request{Set: "boats", Visibility: sets.All})
		require.NoError(t, err)
		return page.Version()
	}
	add(100)
	add(101)
	given := version()
	out, err = exec.CommandContext(t.Context(), testkit.Program(t, "psql"), "-X", "-q", "-v", "ON_ERROR_STOP=1", "-f", dump, database).CombinedOutput()
	require.NoError(t, err, string(out))
	add(200)
	add(201)
	_, err = store.Page(t.Context(), sets.Request{Set: "boats", Visibility: sets.All, At: given})
	var gone *sets.GoneError
	require.ErrorAs(t, err, &gone)
	now := version()
	assert.Greater(t, now, given+1_000_000)
	add(202)
	held, err := store.Page(t.Context(), sets.Request{Set: "boats", Visibility: sets.All, At: now})
	require.NoError(t, err)
	assert.EqualValues(t, 12, held.Settled.Total().Records())
}
