package climb_test

import (
	"bytes"
	"compress/gzip"
	"encoding/xml"
	"fmt"
	"io"
	"net/http"
	"net/http/httptest"
	"runtime"
	"runtime/debug"
	"strings"
	"sync/atomic"
	"testing"
	"time"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"
	"golang.org/x/net/html"

	"pageladder.example/climb"
	"pageladder.example/climb/endpoint"
	"pageladder.example/climb/report"
)

// Whatever a target does, a run ends, in bounded time and memory.
func TestHostileTargetsAreSurvived(t *testing.T) {
	limit := debug.SetMemoryLimit(1 << 30)
	t.Cleanup(func() { debug.SetMemoryLimit(limit) })
	page := func(w http.ResponseWriter, records string) {
		w.Header().Set("Content-Type", "application/json")
		fmt.Fprintf(w, `{"records": [%s], "next": "/next?%d"}`, records, time.Now().UnixNano())
	}
	var requests atomic.Int64
	for name, target := range map[string]http.HandlerFunc{
		"slow": func(w http.ResponseWriter, r *http.Request) {
			for r.Context().Err() == nil {
				io.WriteString(w, " ")
				w.(http.Flusher).Flush()
				time.Sleep(time.Millisecond)
			}
		},
		"silent": func(_ http.ResponseWriter, r *http.Request) { <-r.Context().Done() },
		"1 GB": func(w http.ResponseWriter, _ *http.Request) {
			chunk := bytes.Repeat([]byte(`{"records":[1]} `), 1<<16)
			for range 1024 {
				if _, err := w.Write(chunk); err != nil {
					return
				}
			}
		},
		"1 GB, compressed": func(w http.ResponseWriter, _ *http.Request) {
			w.Header().Set("Content-Encoding", "gzip")
			z := gzip.NewWriter(w)
			chunk := bytes.Repeat([]byte(" "), 1<<20)
			for range 1024 {
				if _, err := z.Write(chunk); err != nil {
					return
				}
			}
			z.Close()
		},
		"redirects": func(w http.ResponseWriter, r *http.Request) {
			http.Redirect(w, r, fmt.Sprintf("/%d", requests.Add(1)), http.StatusFound)
		},
		"redirects elsewhere": func(w http.ResponseWriter, r *http.Request) {
			http.Redirect(w, r, "http://127.0.0.1:1/", http.StatusFound)
		},
		"deep JSON": func(w http.ResponseWriter, _ *http.Request) { page(w, strings.Repeat("[", 1<<20)) },
		"deep records": func(w http.ResponseWriter, _ *http.Request) {
			page(w, strings.Repeat("[", 9000)+strings.Repeat("]", 9000))
		},
		"endless":        func(w http.ResponseWriter, _ *http.Request) { page(w, fmt.Sprintf(`{"id": %d}`, requests.Add(1))) },
		"endless, empty": func(w http.ResponseWriter, _ *http.Request) { page(w, "") },
		"come back later": func(w http.ResponseWriter, _ *http.Request) {
			w.Header().Set("Retry-After", "86400")
			w.WriteHeader(429)
		},
		"long addresses": func(w http.ResponseWriter, _ *http.Request) {
			fmt.Fprintf(w, `{"records": [{"id":1}], "next": "/?%s"}`, strings.Repeat("a", 1<<20))
		},
		"deep HTML": func(w http.ResponseWriter, _ *http.Request) {
			w.Header().Set("Content-Type", "text/html")
			io.WriteString(w, strings.Repeat("<table><tr><td>", 100_000))
		},
		"many lists": func(w http.ResponseWriter, _ *http.Request) {
			w.Header().Set("Content-Type", "text/html")
			io.WriteString(w, strings.Repeat("<ul><li>a", 300)+strings.Repeat("<ul><li>b</ul>", 100_000))
		},
		"a huge number": func(w http.ResponseWriter, _ *http.Request) {
			page(w, `{"id": 1`+strings.Repeat("0", 1<<20)+`}, {"id": 1e999999999}, {"id": 1e-999999999}`)
		},
		"no end of Link": func(w http.ResponseWriter, _ *http.Request) {
			w.Header().Set("Link", strings.Repeat(`<a>;rel="`, 50_000))
			page(w, `{"id":1}`)
		},
	} {
		t.Run(name, func(t *testing.T) {
			t.Parallel()
			server := httptest.NewServer(target)
			defer server.Close()
			server.Client().Timeout = 500 * time.Millisecond
			c := climb.Checker{Requests: 60, Timeout: 500 * time.Millisecond, Pause: -1, Client: server.Client()}
			report, err := c.Run(t.Context(), climb.Endpoint{Address: server.URL})
			if err == nil {
				assert.LessOrEqual(t, report.Requests, 60)
				assert.NoError(t, report.WriteHTML(io.Discard))
			}
			n := 0
			for range climb.Walk[any](t.Context(), server.Client(), climb.Endpoint{Address: server.URL, Params: endpoint.Params{Page: "page"}}) {
				if n++; n > 100 {
					break
				}
			}
			var m runtime.MemStats
			runtime.ReadMemStats(&m)
			assert.Less(t, m.HeapSys, uint64(1<<30), "bytes of memory")
		})
	}
}

// What a target sends is text in a report, and nothing else.
func TestReportsRunNothing(t *testing.T) {
	evil := `"><script>alert(1)</script><img src=x onerror=alert(2)>` + "\x1b[2J\u202e"
	e := ways[0].endpoint(true)
	e.Filters = []endpoint.Filter{{Query: "berth=N2", Field: "vessel", Value: evil}}
	e.Address += "&evil=" + `%22%3E%3Cscript%3E` + `"><script>`
	r := run(t, plant(ways[0], boats(37, 1, false), planted[0]), e, 1, climb.DefaultTimeout, report.Strict())
	r.Notes, r.Found = append(r.Notes, evil), append(r.Found, evil)
	r.Promises[0].Findings = append(r.Promises[0].Findings, report.Finding{Says: evil, Addresses: []string{"javascript:alert(3)", evil}})
	r.Promises[0].Verdict = report.Broken

	var page, junit bytes.Buffer
	require.NoError(t, r.WriteHTML(&page))
	document, err := html.Parse(&page)
	require.NoError(t, err)
	elements := map[string]int{}
	for n := range document.Descendants() {
		if n.Type == html.ElementNode {
			elements[n.Data]++
			for _, a := range n.Attr {
				assert.False(t, strings.HasPrefix(a.Key, "on"), "%s of %s", a.Key, n.Data)
				assert.NotContains(t, a.Val, "javascript:")
			}
		}
	}
	assert.Zero(t, elements["script"]+elements["img"]+elements["a"]+elements["iframe"])
	assert.Equal(t, 2, elements["svg"], "two plots")

	require.NoError(t, r.WriteJUnit(&junit))
	d := xml.NewDecoder(&junit)
	cases := 0
	for {
		token, err := d.Token()
		if err == io.EOF {
			break
		}
		require.NoError(t, err)
		if start, ok := token.(xml.StartElement); ok && start.Name.Local == "testcase" {
			cases++
		}
	}
	assert.Equal(t, len(report.Codes()), cases)
}

// A token is sent to the endpoint's own host, and to no other.
func TestTokensStayAtHome(t *testing.T) {
	var strangers atomic.Int64
	other := httptest.NewServer(http.HandlerFunc(func(http.ResponseWriter, *http.Request) { strangers.Add(1) }))
	defer other.Close()
	home := httptest.NewServer(http.HandlerFunc(func(w http.ResponseWriter, r *http.Request) {
		assert.Equal(t, "Bearer made-up", r.Header.Get("Authorization"))
		if r.URL.Query().Has("away") {
			http.Redirect(w, r, other.URL, http.StatusFound)
			return
		}
		w.Header().Set("Content-Type", "application/json")
		fmt.Fprintf(w, `{"records": [{"id": 1}, {"id": 2}], "next": %q, "prev": "/?away"}`, other.URL)
	}))
	defer home.Close()
	e := climb.Endpoint{Address: home.URL, Header: http.Header{"Authorization": {"Bearer made-up"}}}
	report, err := (&climb.Checker{Pause: -1}).Run(t.Context(), e)
	require.NoError(t, err)
	codes, _ := broken(report)
	assert.Contains(t, codes, "link.host")
	for range climb.Walk[any](t.Context(), nil, e) {
	}
	assert.Zero(t, strangers.Load())
}

func TestRetryAfterIsObeyed(t *testing.T) {
	var requests atomic.Int64
	list := right(ways[0], boats(12, 1, false))
	busy := http.HandlerFunc(func(w http.ResponseWriter, r *http.Request) {
		if requests.Add(1)%3 == 0 {
			w.Header().Set("Retry-After", "0")
			w.WriteHeader(http.StatusTooManyRequests)
			return
		}
		list.ServeHTTP(w, r)
	})
	n := 0
	for _, err := range climb.Walk[record](t.Context(), climb.HandlerClient(busy), climb.Endpoint{Address: climb.HandlerAddress("/boats?size=6"), Envelope: ways[0].envelope, Params: ways[0].params}) {
		require.NoError(t, err)
		n++
	}
	assert.Equal(t, 12, n)
}

// Any answer is either read or refused.
func FuzzAnswers(f *testing.F) {
	f.Add(`{"data": [{"id": 1}], "links": [{"rel": "next", "href": "?page=2"}]}`, `<?page=2>; rel="next"`, "application/json")
	f.Add("id,name\n1,\"a\"\n", `</x>; rel=prev; title="a, \"b\""`, "text/csv")
	f.Add("{}\n[]\n1\n", `<`, "application/x-ndjson")
	f.Add("<table><tr><td>1<td><ul><li>2</table><a rel='next prev' href='//x'>", ``, "text/html")
	f.Add("[[[1]]]", `<a>;rel="next", <b>;rel=next`, "")
	f.Fuzz(func(t *testing.T, body, link, kind string) {
		handler := http.HandlerFunc(func(w http.ResponseWriter, _ *http.Request) {
			w.Header()["Content-Type"], w.Header()["Link"] = []string{kind}, []string{link}
			io.WriteString(w, body)
		})
		c := climb.Checker{Client: climb.HandlerClient(handler), Requests: 25, Pause: -1}
		if r, err := c.Run(t.Context(), climb.Endpoint{Address: climb.HandlerAddress("/")}); err == nil {
			require.NoError(t, r.WriteJUnit(io.Discard))
			require.NoError(t, r.WriteHTML(io.Discard))
		}
		n := 0
		for range climb.Walk[any](t.Context(), climb.HandlerClient(handler), climb.Endpoint{Address: climb.HandlerAddress("/")}) {
			if n++; n > 50 {
				break
			}
		}
	})
}
