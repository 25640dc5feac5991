package answer_test

import (
	"context"
	"encoding/json"
	"errors"
	"fmt"
	"io"
	"iter"
	"math"
	"net/http"
	"net/http/httptest"
	"strings"
	"testing"
	"time"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"pageladder.example/paging"
	"pageladder.example/paging/answer"
	"pageladder.example/paging/choose"
	"pageladder.example/paging/statement"
	"pageladder.example/paging/value"
)

type call struct {
	ID      int64
	Vessel  string
	Tonnage *float64 `json:"tons"`
	At      time.Time
	Tags    []string
	hidden  int
}

func calls() []call {
	tons := 70.5
	return []call{
		{1, "Grey, \"Gull\"", &tons, time.Date(2026, 3, 1, 7, 30, 0, 0, time.FixedZone("", 3600)), []string{"a"}, 1},
		{2, "", nil, time.Date(2026, 3, 2, 0, 0, 0, 500, time.UTC), nil, 2},
		{3, "Øst <b>", &tons, time.Time{}, nil, 3},
	}
}

var rules = &paging.Rules{Key: []string{"id"}, Sorts: []paging.SortKey{{Key: "id"}}, Filters: []paging.FilterRule{{Field: "vessel"}}, Show: []string{"id", "vessel", "tons", "at", "tags"},
	PastLast: paging.PastLastRefused}

func list(w http.ResponseWriter, r *http.Request) {
	ask, err := rules.Read(r.URL.RawQuery)
	if err != nil {
		answer.Fail(w, r, err)
		return
	}
	page, onPage, err := choose.Page(calls(), ask, choose.ByName[call])
	if err != nil {
		answer.Fail(w, r, err)
		return
	}
	answer.Write(w, r, page, onPage, answer.Options{})
}

func get(t *testing.T, h http.HandlerFunc, method, target string, headers ...string) *http.Response {
	t.Helper()
	server := httptest.NewServer(h)
	t.Cleanup(server.Close)
	r, err := http.NewRequestWithContext(t.Context(), method, server.URL+target, nil)
	require.NoError(t, err)
	for i := 0; i < len(headers); i += 2 {
		r.Header.Add(headers[i], headers[i+1])
	}
	res, err := http.DefaultClient.Do(r)
	require.NoError(t, err)
	t.Cleanup(func() { res.Body.Close() })
	return res
}

func body(t *testing.T, res *http.Response) string {
	t.Helper()
	text, err := io.ReadAll(res.Body)
	require.NoError(t, err)
	return string(text)
}

// Each shape is chosen by Accept, and what it has no room for stands in headers.
func TestShapesAndHeaders(t *testing.T) {
	const target = "/calls%20list?size=2&page=x"
	const first = `{"id":1,"vessel":"Grey, \"Gull\"","tons":70.5,"at":"2026-03-01T06:30:00Z","tags":["a"]}`
	const second = `{"id":2,"vessel":"","tons":null,"at":"2026-03-02T00:00:00.0000005Z","tags":null}`
	for accept, want := range map[string]struct {
		mediaType, body, paging, adjusted string
	}{
		"application/json;shape=array":              {"application/json;shape=array", "[" + first + "," + second + "]", "page=1, size=2, total-pages=2, total-items=3, total-is=exact, first-row=1, last-row=2", `"page";given="x";used="1";why="page.not_a_number"`},
		"text/csv":                                  {"text/csv; charset=utf-8; header=present", "id,vessel,tons,at,tags\n1,\"Grey, \"\"Gull\"\"\",70.5,2026-03-01T06:30:00Z,\"[\"\"a\"\"]\"\n2,\"\",,2026-03-02T00:00:00.0000005Z,\n", "page=1, size=2, total-pages=2, total-items=3, total-is=exact, first-row=1, last-row=2", `"page";given="x";used="1";why="page.not_a_number"`},
		"text/html;q=0.9, application/x-ndjson":     {"application/x-ndjson", first + "\n" + second + "\n", "page=1, size=2, total-pages=2, total-items=3, total-is=exact, first-row=1, last-row=2", `"page";given="x";used="1";why="page.not_a_number"`},
		"application/json;q=0.1, text/csv;q=0, */*": {"application/json", "", "", ""},
		"": {"application/json", "", "", ""},
	} {
		res := get(t, list, "GET", target, "Accept", accept)
		require.Equal(t, 200, res.StatusCode, accept)
		h := res.Header
		assert.Equal(t, want.mediaType, h.Get("Content-Type"), accept)
		assert.Equal(t, want.paging, h.Get("Paging"), accept)
		assert.Equal(t, want.adjusted, h.Get("Adjusted"), accept)
		assert.Equal(t, "Accept", h.Get("Vary"))
		assert.Equal(t, "/calls%20list?size=2&page=1", h.Get("Content-Location"))
		assert.Equal(t, `</calls%20list?size=2&page=2>; rel="next", </calls%20list?size=2&page=2>; rel="last"`, h.Get("Link"))
		text := body(t, res)
		if want.body != "" {
			assert.Equal(t, want.body, text, accept)
			continue
		}
		var native struct {
			Records []json.RawMessage
			answer.About
		}
		require.NoError(t, json.Unmarshal([]byte(text), &native))
		assert.Equal(t, first, string(native.Records[0]))
		assert.Equal(t, "1–2 of 3", native.Paging.Summary)
		assert.Len(t, native.Adjusted, 1)
	}
	res := get(t, list, "GET", target, "Accept", "image/png", "Accept", "text/plain")
	assert.Equal(t, 406, res.StatusCode)
	assert.Contains(t, body(t, res), `found Accept \"image/png,text/plain\"; offered are application/json, application/json;shape=array, text/csv`)
	// fewer fields
	assert.Equal(t, `[{"at":"0001-01-01T00:00:00Z","id":3}]`, body(t, get(t, list, "GET", "/?fields=at,id&page=2&size=2", "Accept", "application/json;shape=array")))
}

// A caller who has an answer already gets 304, and HEAD is GET without a body.
func TestWhoHasAnAnswerIsToldSo(t *testing.T) {
	whole := get(t, list, "GET", "/?size=2")
	tag := whole.Header.Get("ETag")
	require.NotEmpty(t, tag)
	for condition, status := range map[string]int{tag: 304, strings.TrimPrefix(tag, "W/"): 304, `"x", ` + tag: 304, "*": 304, `"x"`: 200} {
		res := get(t, list, "GET", "/?size=2", "If-None-Match", condition)
		assert.Equal(t, status, res.StatusCode, condition)
		assert.Equal(t, tag, res.Header.Get("ETag"))
		assert.Equal(t, status == 304, body(t, res) == "")
	}
	assert.Equal(t, 200, get(t, list, "GET", "/?size=1", "If-None-Match", tag).StatusCode, "another page")
	head := get(t, list, "HEAD", "/?size=2")
	assert.Empty(t, body(t, head))
	assert.Equal(t, whole.Header.Get("Content-Length"), head.Header.Get("Content-Length"))
	assert.Equal(t, tag, head.Header.Get("ETag"))
}

type state string

func (s state) Error() string    { return "from the database" }
func (s state) SQLState() string { return string(s) }

// An error is answered as what it is, with all faults at once, and the text of the program's own
// errors never reaches the caller.
func TestErrorsAreProblems(t *testing.T) {
	for _, c := range []struct {
		err    error
		status int
		says   string
	}{
		{statement.ErrMoved, 503, "try again"}, {context.DeadlineExceeded, 503, "try again"}, {state("22P02"), 400, "none of its field's type"},
		{state("42P01"), 500, "something went wrong in the service"}, {errors.New("password is secret"), 500, "something went wrong in the service"},
	} {
		var toLog error
		res := get(t, func(w http.ResponseWriter, r *http.Request) { toLog = answer.Fail(w, r, c.err) }, "GET", "/")
		assert.Equal(t, c.status == 500, toLog == c.err, "what is none of the caller's is for the log: %v", toLog)
		assert.Equal(t, c.status, res.StatusCode)
		assert.Equal(t, "application/problem+json", res.Header.Get("Content-Type"))
		assert.Equal(t, "no-store", res.Header.Get("Cache-Control"))
		text := body(t, res)
		assert.Contains(t, text, c.says)
		assert.NotContains(t, text, "secret")
		assert.Equal(t, c.status == 503, res.Header.Get("Retry-After") != "")
	}
	res := get(t, list, "GET", "/?vessel.min=3&vessel.none=maybe")
	assert.Equal(t, 400, res.StatusCode)
	var problem answer.Problem
	require.NoError(t, json.Unmarshal([]byte(body(t, res)), &problem))
	assert.Equal(t, "Bad Request", problem.Title)
	assert.Equal(t, "about:blank", problem.Type)
	assert.Len(t, problem.Faults, 2)
	assert.Equal(t, 404, get(t, list, "GET", "/?page=99").StatusCode)
	// what cannot be written is an error before anything is sent
	for _, records := range []func(w http.ResponseWriter, r *http.Request, p paging.Page) error{
		func(w http.ResponseWriter, r *http.Request, p paging.Page) error {
			return answer.Write(w, r, p, []int{1}, answer.Options{})
		},
		func(w http.ResponseWriter, r *http.Request, p paging.Page) error {
			return answer.Write(w, r, p, []call{{}}, answer.Options{Fields: []string{"speed"}})
		},
		func(w http.ResponseWriter, r *http.Request, p paging.Page) error {
			return answer.Write(w, r, p, []map[string]any{{"id": make(chan int)}}, answer.Options{Fields: []string{"id"}})
		},
	} {
		var page paging.Page
		assert.Equal(t, 500, get(t, func(w http.ResponseWriter, r *http.Request) { records(w, r, page) }, "GET", "/").StatusCode)
	}
	text := body(t, get(t, func(w http.ResponseWriter, r *http.Request) {
		var page paging.Page
		answer.Write(w, r, page, []map[string]any{{"b": math.NaN(), "a": json.Number("1.50")}, {"c": nil}}, answer.Options{})
	}, "GET", "/", "Accept", "application/json;shape=array"))
	assert.Equal(t, `[{"a":1.50,"b":"NaN","c":null},{"a":null,"b":null,"c":null}]`, text)
}

// A stream that breaks off in the middle looks broken to its reader; one that cannot begin is an
// error.
func TestStreamsBreakOffVisibly(t *testing.T) {
	broken := errors.New("the database went away")
	stream := func(records int, fails bool) http.HandlerFunc {
		var all iter.Seq2[call, error] = func(yield func(call, error) bool) {
			for range records {
				if !yield(calls()[0], nil) {
					return
				}
			}
			if fails {
				yield(call{}, broken)
			}
		}
		return func(w http.ResponseWriter, r *http.Request) { answer.WriteAll(w, r, all, []string{"id", "vessel"}) }
	}
	for accept, want := range map[string]string{
		"":                     "[{\"id\":1,\"vessel\":\"Grey, \\\"Gull\\\"\"},\n{\"id\":1,\"vessel\":\"Grey, \\\"Gull\\\"\"}]\n",
		"application/x-ndjson": "{\"id\":1,\"vessel\":\"Grey, \\\"Gull\\\"\"}\n{\"id\":1,\"vessel\":\"Grey, \\\"Gull\\\"\"}\n",
		"text/csv":             "id,vessel\n1,\"Grey, \"\"Gull\"\"\"\n1,\"Grey, \"\"Gull\"\"\"\n",
	} {
		assert.Equal(t, want, body(t, get(t, stream(2, false), "GET", "/", "Accept", accept)))
	}
	assert.Equal(t, "[]\n", body(t, get(t, stream(0, false), "GET", "/")))
	assert.Equal(t, "id,vessel\n", body(t, get(t, stream(0, false), "GET", "/", "Accept", "text/csv")))
	assert.Equal(t, 500, get(t, stream(0, true), "GET", "/").StatusCode)
	res := get(t, stream(10_000, true), "GET", "/", "Accept", "application/x-ndjson")
	assert.Equal(t, 200, res.StatusCode)
	_, err := io.ReadAll(res.Body)
	assert.ErrorIs(t, err, io.ErrUnexpectedEOF)
}

// What an answer says of a field is what the same rules take as a filter of it, of each type.
func TestWhatIsAnsweredCanBeFilteredBy(t *testing.T) {
	type call struct {
		ID    int
		Day   time.Time
		Left  *time.Time
		At    time.Time
		Maybe *time.Time
	}
	rules := &paging.Rules{Key: []string{"id"}, Filters: []paging.FilterRule{{Field: "id", Type: value.Integer}, {Field: "day", Type: value.Date}, {Field: "left", Type: value.Date}, {Field: "at", Type: value.Time}, {Field: "maybe", Type: value.Time}}}
	at := time.Date(2026, 3, 15, 0, 0, 0, 0, time.FixedZone("", 3600))
	ask, err := rules.Read("")
	require.NoError(t, err)
	page, err := ask.Settle(paging.Exact(1))
	require.NoError(t, err)
	for name, write := range map[string]func(w http.ResponseWriter, r *http.Request) error{
		"a struct": func(w http.ResponseWriter, r *http.Request) error {
			return answer.Write(w, r, page, []call{{5, at, &at, at, &at}}, answer.Options{})
		},
		"a map": func(w http.ResponseWriter, r *http.Request) error {
			return answer.Write(w, r, page, []map[string]any{{"id": 5, "day": at, "left": at, "at": at, "maybe": at}}, answer.Options{})
		},
	} {
		w := httptest.NewRecorder()
		require.NoError(t, write(w, httptest.NewRequest("GET", "/calls", nil)))
		var found struct{ Records []map[string]any }
		require.NoError(t, json.Unmarshal(w.Body.Bytes(), &found), w.Body)
		assert.Equal(t, map[string]any{"id": 5.0, "day": "2026-03-15", "left": "2026-03-15", "at": "2026-03-14T23:00:00Z", "maybe": "2026-03-14T23:00:00Z"}, found.Records[0], name)
		for field, v := range found.Records[0] {
			ask, err := rules.Read(field + "=" + fmt.Sprint(v))
			require.NoError(t, err, "%s: %s=%v", name, field, v)
			assert.Len(t, ask.Conditions(), 1)
		}
	}
}

// Headers hold no number that a reader of structured fields cannot read, and no more adjustments than fit.
func TestHeadersAreBounded(t *testing.T) {
	limit, more := int64(999_999_999_999_999), int64(1_000_000_000_000_000)
	header := answer.MetadataHeader(&paging.Metadata{Page: &limit, TotalItems: &more, Size: 20, TotalIs: paging.TotalExact})
	assert.Contains(t, header, "page=999999999999999")
	assert.NotContains(t, header, "total-items")

	var adjusted []paging.Adjustment
	for i := range 13 {
		adjusted = append(adjusted, paging.Adjustment{Param: fmt.Sprint("p", i), Given: "x", Why: "filter.bad_value"})
	}
	header = answer.AdjustedHeader(adjusted)
	assert.Equal(t, 10, strings.Count(header, "given="))
	assert.Contains(t, header, "more;count=3")
}
