package client_test

import (
	"errors"
	"fmt"
	"io"
	"net/http"
	"net/http/httptest"
	"strings"
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"pageladder.example/client"
)

// A write is sent again, under one name, while the service or its database is away for a moment, and not for anything
// else; reading is not.
func TestWritesAreSentAgainUnderOneName(t *testing.T) {
	answer := func(status int, media, body string) func() (*http.Response, error) {
		return func() (*http.Response, error) {
			return &http.Response{StatusCode: status, Header: http.Header{"Content-Type": {media}}, Body: io.NopCloser(strings.NewReader(body))}, nil
		}
	}
	problem := func(status int, kind string) func() (*http.Response, error) {
		return answer(status, "application/problem+json", fmt.Sprintf(`{"type":"https://saltmere.example/problems/%s","status":%d}`, kind, status))
	}
	cut := func() (*http.Response, error) { return nil, errors.New("the line is cut") }
	written := answer(200, "application/json", `{"record":{"id":1},"revision":"1-2"}`)
	for name, c := range map[string]struct {
		answers []func() (*http.Response, error)
		sent    int
		fails   bool
	}{
		"away, then being done": {[]func() (*http.Response, error){problem(503, "database-away"), problem(409, "still-writing"), written}, 3, false},
		"cut":                   {[]func() (*http.Response, error){cut, written}, 2, false},
		"no service":            {[]func() (*http.Response, error){cut, cut, cut, written}, 3, true},
		"refused":               {[]func() (*http.Response, error){problem(409, "taken"), written}, 1, true},
	} {
		t.Run(name, func(t *testing.T) {
			keys, times := map[string]bool{}, 0
			own, err := client.New("http://saltmere.example")
			require.NoError(t, err)
			own = own.WithHTTP(&http.Client{Transport: sent(func(r *http.Request) (*http.Response, error) {
				keys[r.Header.Get("Idempotency-Key")] = true
				times++
				return c.answers[times-1]()
			})})
			_, err = own.Restore(t.Context(), "arrivals", []string{"1"})
			assert.Equal(t, c.fails, err != nil, "%v", err)
			assert.Equal(t, c.sent, times)
			assert.Len(t, keys, 1)
			assert.NotContains(t, keys, "")
			times = 0
			_, err = own.Record(t.Context(), "arrivals", []string{"1"})
			assert.Error(t, err, "reading is the caller's to repeat")
			assert.Equal(t, 1, times)
		})
	}
}

// A file is sent again as a whole, from where it was read at first, also if the service answered in the middle of it; one that cannot be read
// twice is sent once.
func TestAFileIsSentAgainAsAWhole(t *testing.T) {
	const before = "not of the file"
	text := before + "no,name\n" + strings.Repeat("1,Gull\n", 1<<20)
	for name, c := range map[string]struct {
		file func() io.Reader
		sent int
	}{
		"a file": {func() io.Reader { return strings.NewReader(text) }, 3},
		"a pipe": {func() io.Reader { return io.MultiReader(strings.NewReader(text)) }, 1},
	} {
		t.Run(name, func(t *testing.T) {
			times, keys := 0, map[string]bool{}
			service := httptest.NewServer(http.HandlerFunc(func(w http.ResponseWriter, r *http.Request) {
				times++
				keys[r.Header.Get("Idempotency-Key")] = true
				if times < 3 {
					io.CopyN(io.Discard, r.Body, int64(times)*1000)
					w.Header().Set("Content-Type", "application/problem+json")
					w.WriteHeader(http.StatusServiceUnavailable)
					io.WriteString(w, `{"type": "/problems/database-away", "status": 503}`)
					return
				}
				got, err := io.ReadAll(r.Body)
				assert.NoError(t, err)
				assert.Equal(t, len(text)-len(before), len(got))
				assert.True(t, string(got) == text[len(before):])
				w.Header().Set("Content-Type", "application/json")
				io.WriteString(w, `{"rows": 1}`)
			}))
			defer service.Close()
			own, err := client.New(service.URL)
			require.NoError(t, err)
			file := c.file()
			_, err = io.CopyN(io.Discard, file, int64(len(before)))
			require.NoError(t, err)
			_, err = own.Import(t.Context(), client.Import{Set: "boats", File: file, MediaType: "text/csv"})
			assert.Equal(t, c.sent == 1, err != nil, "%v", err)
			assert.Equal(t, c.sent, times)
			assert.Len(t, keys, 1)
		})
	}
}

// What has been seen of a set is sent back, the latest of it, until the service knows no server that shows it.
func TestWhatHasBeenSeenIsSentBack(t *testing.T) {
	var requests []string
	answers := []string{"", "7", "5", "t1.a", "t1.b~3.4", "t1.9", "t2.1", "-"}
	own, err := client.New("http://saltmere.example")
	require.NoError(t, err)
	own = own.WithToken("x").WithHTTP(&http.Client{Transport: sent(func(r *http.Request) (*http.Response, error) {
		requests = append(requests, r.URL.Path+" "+r.Header.Get("Min-Version"))
		header := http.Header{"Content-Type": {"application/json"}}
		status, body := 200, `{"records":[]}`
		switch answer := answers[0]; answer {
		case "-":
			status, body = 412, `{"type":"https://saltmere.example/problems/not-shown","status":412}`
			header.Set("Content-Type", "application/problem+json")
		default:
			header.Set("Min-Version", answer)
		}
		if strings.Contains(r.URL.Path, "arrivals") {
			answers = append(answers[1:], answers[0])
		}
		return &http.Response{StatusCode: status, Header: header, Body: io.NopCloser(strings.NewReader(body))}, nil
	})})
	for range 9 {
		own.Page(t.Context(), "arrivals", "")
	}
	own.Page(t.Context(), "tides", "")
	const at = "/api/sets/arrivals/records "
	assert.Equal(t, []string{at, at, at + "7", at + "7", at + "t1.a", at + "t1.b~3.4", at + "t1.b~3.4", at + "t2.1", at, "/api/sets/tides/records "}, requests)
}
