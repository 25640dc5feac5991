package service_test

import (
	"encoding/json"
	"fmt"
	"net/http"
	"strings"
	"sync"
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"pageladder.example/internal/access"
	"pageladder.example/internal/service"
	"pageladder.example/internal/testkit"
)

// once sends a write that names itself.
func once(t *testing.T, at, method, path, key, ifMatch, body string, token ...string) (int, string, http.Header) {
	headers := map[string]string{"Content-Type": "application/json", "Idempotency-Key": key}
	if ifMatch != "" {
		headers["If-Match"] = ifMatch
	}
	res, text := send(t, method, at+path, sent{body: body, headers: headers, token: strings.Join(token, "")})
	return res.StatusCode, text, res.Header
}

// A write that is sent again, since its answer was lost, is answered as it was and done once: each kind of write.
func TestAWriteThatIsSentAgainIsDoneOnce(t *testing.T) {
	at := testkit.Serve(t)
	const records = "/api/sets/arrivals/records"
	status, first, head := once(t, at, "POST", records, `"add"`, "", `{"id": 9001, "vessel": "Gull"}`)
	require.Equal(t, http.StatusCreated, status, first)
	status, second, again := once(t, at, "POST", records, `"add"`, "", `{"id": 9001, "vessel": "Gull"}`)
	assert.Equal(t, http.StatusCreated, status)
	assert.Equal(t, first, second)
	for _, name := range []string{"ETag", "Location", "Content-Type", "Cache-Control"} {
		assert.Equal(t, head.Get(name), again.Get(name), name)
	}
	tag := head.Get("ETag")

	path := records + "/9001"
	for _, write := range []struct{ method, path, ifMatch, body string }{
		{"PATCH", path, tag, `{"vessel": "Tern"}`},
		{"POST", path + "/withdraw", "", ""},
		{"POST", path + "/restore", "", ""},
		{"DELETE", path, "", ""},
	} {
		if write.ifMatch == "" && write.path != path+"/restore" {
			res, _ := send(t, http.MethodGet, at+path, sent{})
			write.ifMatch = res.Header.Get("ETag")
		}
		key := fmt.Sprintf("%q", write.method+" "+write.path)
		status, first, _ := once(t, at, write.method, write.path, key, write.ifMatch, write.body)
		require.Equal(t, http.StatusOK, status, first)
		if write.method == "PATCH" { // the record is another by now, and is not shown under the revision that it had
			_, added, head := once(t, at, "POST", records, `"add"`, "", `{"id": 9001, "vessel": "Gull"}`)
			assert.Contains(t, added, `"record":null`)
			assert.Empty(t, head.Get("ETag"))
		}
		status, second, _ := once(t, at, write.method, write.path, key, write.ifMatch, write.body)
		assert.Equal(t, http.StatusOK, status, second)
		assert.Equal(t, first, second, key)
	}
	// The record has gone by now: what was answered stands, without the record.
	status, second, _ = once(t, at, "POST", records, `"add"`, "", `{"id": 9001, "vessel": "Gull"}`)
	assert.Equal(t, http.StatusCreated, status)
	assert.Contains(t, second, `"record":null`)
	var was, is struct {
		Version  int64
		Revision string
	}
	require.NoError(t, json.Unmarshal([]byte(first), &was))
	require.NoError(t, json.Unmarshal([]byte(second), &is))
	assert.Equal(t, was, is)

	for purge := range 2 {
		status, text, _ := once(t, at, "DELETE", path+"?purge=true", "purge-it", "", "")
		assert.Equal(t, http.StatusOK, status, "%d: %s", purge, text)
	}
}

// A name is one write's, and one caller's; what cannot be a name is refused.
func TestANameIsOneWrites(t *testing.T) {
	at, s := testkit.ServeWith(t, testkit.Harbour(t), service.Options{})
	other, _, err := s.Tokens().Create(t.Context(), "another", access.Editor, nil)
	require.NoError(t, err)
	const records = "/api/sets/arrivals/records"
	status, text, _ := once(t, at, "POST", records, `"k"`, "", `{"id": 9001}`)
	require.Equal(t, http.StatusCreated, status, text)
	status, text, _ = once(t, at, "POST", records, `k`, "", `{"id": 9001}`)
	assert.Equal(t, http.StatusCreated, status, "with or without quotes: "+text)
	for name, got := range map[string]func() (int, string, http.Header){
		"another body":     func() (int, string, http.Header) { return once(t, at, "POST", records, `"k"`, "", `{"id": 9002}`) },
		"another address":  func() (int, string, http.Header) { return once(t, at, "POST", records+"/9001/restore", `"k"`, "", "") },
		"another If-Match": func() (int, string, http.Header) { return once(t, at, "POST", records, `"k"`, `"1-1"`, `{"id": 9001}`) },
	} {
		status, text, _ := got()
		assert.Equal(t, http.StatusUnprocessableEntity, status, name)
		assert.Contains(t, text, "key-used", name)
	}
	status, text, _ = once(t, at, "POST", records, `"k"`, "", `{"id": 9003}`, other)
	assert.Equal(t, http.StatusCreated, status, "another caller's: "+text)
	for _, key := range []string{"", `""`, `"`, "a b", "ü", `"a\"b"`, strings.Repeat("k", 256)} {
		status, text, _ := once(t, at, "POST", records, key, "", `{"id": 9004}`)
		assert.Equal(t, http.StatusBadRequest, status, key)
		assert.Contains(t, text, "Idempotency-Key", key)
	}
	// A write that was refused may be sent again under its name, with what was missing.
	status, _, _ = once(t, at, "POST", records, `"later"`, "", `{"id": 9001}`)
	assert.Equal(t, http.StatusConflict, status)
	status, _, _ = once(t, at, "POST", records, `"later"`, "", `{"id": 9005}`)
	assert.Equal(t, http.StatusCreated, status)
}

// However many send one write at the same time, it is done once; the others learn that, or that it is being done.
func TestAWriteThatManySendIsDoneOnce(t *testing.T) {
	at := testkit.Serve(t)
	done := map[string]int{}
	var mu sync.Mutex
	var all sync.WaitGroup
	for range 20 {
		all.Go(func() {
			status, text, _ := once(t, at, "POST", "/api/sets/arrivals/records", `"one"`, "", `{"id": 9001, "vessel": "Gull"}`)
			mu.Lock()
			defer mu.Unlock()
			if status == http.StatusConflict && strings.Contains(text, "still-writing") {
				return
			}
			assert.Equal(t, http.StatusCreated, status, text)
			done[text]++
		})
	}
	all.Wait()
	assert.Len(t, done, 1, "all were answered alike")
}

// An import that is sent again is answered as it was and done once: with another boundary, another name of its progress, and also if its set has
// changed since.
func TestAnImportThatIsSentAgainIsDoneOnce(t *testing.T) {
	limits := service.DefaultLimits
	limits.Imports = 10
	at, _ := testkit.ServeWith(t, testkit.Harbour(t), service.Options{Limits: limits})
	type answer struct {
		Set   *struct{ Version, Records int64 }
		Aside *struct{ CSV string }
	}
	bare := func(t *testing.T, method, url string) (*http.Response, string) { return send(t, method, url, sent{}) }
	send := func(method, path, key, media, body string) (int, string, answer) {
		t.Helper()
		res, text := send(t, method, at+path, sent{body: body, headers: map[string]string{"Content-Type": media, "Idempotency-Key": key}})
		var a answer
		require.NoError(t, json.Unmarshal([]byte(text), &a), text)
		return res.StatusCode, text, a
	}
	form := func(boundary, file string) (string, string) {
		return "multipart/form-data; boundary=" + boundary, strings.ReplaceAll("--B\r\nContent-Disposition: form-data; name=\"name\"\r\n\r\nforms\r\n--B\r\nContent-Disposition: form-data; name=\"file\"; filename=\"a.csv\"\r\n\r\n"+file+"\r\n--B--\r\n", "B", boundary)
	}
	const boats, csv = "/api/sets?name=boats&key=no&aside=true&type.no=integer", "no,name\n1,Gull\n2,Tern\nx,Skua\n"
	status, first, _ := send("POST", boats+"&progress=progress-1", `"new"`, "text/csv", csv)
	require.Equal(t, http.StatusCreated, status, first)
	status, second, a := send("POST", boats+"&progress=progress-2", `"new"`, "text/csv", csv)
	assert.Equal(t, http.StatusCreated, status)
	assert.Equal(t, first, second)
	assert.Contains(t, a.Aside.CSV, "Skua")
	for _, c := range []struct{ path, media, body string }{
		{boats, "text/csv", csv + "3,Auk\n"}, {boats + "&label=Boats", "text/csv", csv}, {boats, "text/tab-separated-values", csv + "\n"},
		{strings.Replace(boats, "name=boats", "name=ships", 1), "text/csv", csv},
	} {
		status, text, _ := send("POST", c.path, `"new"`, c.media, c.body)
		assert.Equal(t, http.StatusUnprocessableEntity, status, c.path+" "+text)
	}
	status, text, _ := send("POST", boats, `"another"`, "text/csv", csv)
	assert.Equal(t, http.StatusConflict, status)
	assert.Contains(t, text, "PUT /api/sets/boats/records replaces its records")

	media, body := form("one", csv[:15])
	status, first, _ = send("POST", "/api/sets", `"form"`, media, body)
	require.Equal(t, http.StatusCreated, status, first)
	media, body = form("two", csv[:15])
	status, second, _ = send("POST", "/api/sets", `"form"`, media, body)
	assert.Equal(t, http.StatusCreated, status)
	assert.Equal(t, first, second)

	const again = "/api/sets/boats/records"
	status, text, a = send("PUT", again, `"again"`, "text/csv", "no,name\n7,Gull\n")
	require.Equal(t, http.StatusOK, status, text)
	version := a.Set.Version
	for range 2 {
		status, _, a = send("PUT", again, `"again"`, "text/csv", "no,name\n7,Gull\n")
		assert.Equal(t, http.StatusOK, status)
		assert.Equal(t, version, a.Set.Version)
	}
	status, text, _ = once(t, at, "POST", again, `"add"`, "", `{"no": 8}`)
	require.Equal(t, http.StatusCreated, status, text)
	status, _, a = send("PUT", again, `"again"`, "text/csv", "no,name\n7,Gull\n")
	assert.Equal(t, http.StatusOK, status)
	assert.EqualValues(t, 2, a.Set.Records, "the record that was added since is there")

	// One that is refused, or only looks, is not remembered.
	for _, path := range []string{again, again + "?check=true"} {
		status, text, _ = send("PUT", path, `"later"`, "text/csv", "no,name\nx,Gull\n")
		assert.Contains(t, []int{200, 422, 400}, status, text)
	}
	status, text, _ = send("PUT", again, `"later"`, "text/csv", "no,name\n9,Gull\n")
	assert.Equal(t, http.StatusOK, status, text)

	res, _ := bare(t, "DELETE", at+"/api/sets/forms")
	require.Equal(t, http.StatusNoContent, res.StatusCode)
	media, body = form("three", csv[:15])
	status, _, a = send("POST", "/api/sets", `"form"`, media, body)
	assert.Equal(t, http.StatusCreated, status)
	assert.Nil(t, a.Set, "it has been removed since, and is not made again")

	statuses := map[int]int{}
	var mu sync.Mutex
	var all sync.WaitGroup
	for range 4 {
		all.Go(func() {
			status, text, _ := once(t, at, "PUT", again, `"many"`, "", `[{"no": 1, "name": "Gull"}]`)
			mu.Lock()
			defer mu.Unlock()
			if statuses[status]++; status != http.StatusOK {
				assert.Contains(t, text, "still-writing")
			}
		})
	}
	all.Wait()
	_, text = bare(t, "GET", at+"/api/sets/boats")
	assert.NotZero(t, statuses[http.StatusOK])
	var now struct{ Version int64 }
	require.NoError(t, json.Unmarshal([]byte(text), &now))
	assert.Equal(t, version+3, now.Version, "added, later, many: each once")
}
