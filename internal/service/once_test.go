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
