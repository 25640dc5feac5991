package service_test

import (
	"context"
	"fmt"
	"io"
	"net"
	"net/http"
	"net/url"
	"os"
	"strings"
	"sync"
	"sync/atomic"
	"syscall"
	"testing"
	"time"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"pageladder.example/demo"
	"pageladder.example/internal/service"
	"pageladder.example/internal/sets"
	"pageladder.example/internal/testkit"
	"pageladder.example/paging"
)

func TestHostileInputIsRefusedAndHarmsNothing(t *testing.T) {
	at := testkit.Serve(t)
	nasty := []string{"' or 1=1; drop table x --", "\r\nSet-Cookie: x=1", "<script>alert(1)</script>", "\x00", "\xff\xfe", "../../etc/passwd", "${7*7}", strings.Repeat("é", 300)}
	for _, value := range nasty {
		v := url.QueryEscape(value)
		for _, param := range []string{"page", "size", "sort", "q", "berth", "tonnage.min", "vessel.has", "fields", "row", "pl.base", "pl.shape", "pl.facets", "pl.markup", "pl.total", "pl.version", "pl.explain", v} {
			for _, path := range []string{"/api/sets/arrivals/records", "/api/sets/arrivals/records/all", "/api/sets/arrivals/ladder", "/lists/arrivals", "/api/sets/arrivals/records/138/place"} {
				res, body := send(t, "GET", at+path+"?"+param+"="+v, sent{})
				assert.Contains(t, []int{200, 400, 404}, res.StatusCode, "%s %s=%q: %.200s", path, param, value, body)
				if strings.HasPrefix(res.Header.Get("Content-Type"), "text/html") {
					assert.NotContains(t, body, "<script>alert", path)
				}
				assert.Empty(t, res.Header.Get("Set-Cookie"))
			}
		}
		for _, path := range []string{"/api/sets/" + url.PathEscape(value) + "/records", "/api/sets/arrivals/records/" + url.PathEscape(value), "/lists/" + url.PathEscape(value), "/api/sets/arrivals/back/" + url.PathEscape(value)} {
			res, body := send(t, "GET", at+path, sent{})
			assert.Contains(t, []int{404, 303}, res.StatusCode, "%s: %.200s", path, body)
		}
	}
	for name, body := range map[string]string{"json": strings.Repeat("[", 100_000), "ndjson": strings.Repeat(`{"a":`, 100_000), "csv": "a,b\n\"never closed", "xlsx": "PK\x03\x04 not a workbook"} {
		res, answer := send(t, "POST", at+"/api/sets?name=hostile&format="+name, sent{body: body})
		assert.Equal(t, 422, res.StatusCode, "%s: %.200s", name, answer)
	}
	// An upload that says it is longer than it is, and one that never ends.
	for _, head := range []string{"Content-Length: 1000\r\n\r\na,b\n1,2\n", "Transfer-Encoding: chunked\r\n\r\nffff\r\na,b\n"} {
		conn, err := net.Dial("tcp", strings.TrimPrefix(at, "http://"))
		require.NoError(t, err)
		fmt.Fprintf(conn, "POST /api/sets?name=cut HTTP/1.1\r\nHost: localhost\r\nAuthorization: Bearer %s\r\nContent-Type: text/csv\r\n%s", testkit.OwnerOf(at), head)
		conn.(*net.TCPConn).CloseWrite()
		answer, err := io.ReadAll(conn)
		require.NoError(t, err)
		assert.Contains(t, string(answer), "400 Bad Request")
		conn.Close()
	}
	res, _ := send(t, "GET", at+"/api/sets/cut", sent{})
	assert.Equal(t, 404, res.StatusCode, "nothing of them is kept")
	res, _ = send(t, "GET", at+"/readyz", sent{})
	assert.Equal(t, 200, res.StatusCode)
	_, body := send(t, "GET", at+"/api/sets/arrivals/records", sent{})
	assert.Contains(t, body, `"total_items":347`)
}

// Numbers at the ends of int64 make small answers: page arithmetic saturates, and no
// ladder has more rungs than its shape allows.
func TestNumbersWithoutEndMakeSmallAnswers(t *testing.T) {
	store := testkit.Harbour(t)
	_, err := store.Configure(t.Context(), "arrivals", func(s *sets.Settings) error {
		rules := *s.Rules
		rules.Addressing, rules.Ladder = paging.ByOffset, paging.LadderRules{Reach: new(0), Steady: new(false)}
		s.Rules = &rules
		return nil
	})
	require.NoError(t, err)
	at := testkit.ServeStore(t, store)
	for _, body := range []string{
		`{"query":"offset=9223372036854775807&limit=1","total":100,"rules":{"addressing":"offset","ladder":{"reach":0,"steady":false}}}`,
		`{"query":"offset=9223372036854775807&limit=1","total":100,"rules":{"addressing":"offset"}}`,
		`{"query":"page=4&size=1","total":9223372036854775807,"rules":{"ladder":{"tips":0}}}`,
		`{"query":"page=4&size=1","total":9223372036854775807,"rules":{"ladder":{"tips":0,"steady":false}}}`,
		`{"query":"page=9223372036854775807&size=1","total":9223372036854775807,"markup":"plain"}`,
		`{"query":"page=9223372036854775807&size=1","total":null,"rules":{"max_offset":9223372036854775807},"came":2}`,
		`{"query":"offset=9223372036854775807&limit=1","total":{"at_least":9223372036854775807},"rules":{"addressing":"offset","max_offset":9223372036854775807},"came":1}`,
	} {
		res, answer := send(t, "POST", at+"/api/reckon", inJSON("", body))
		assert.Contains(t, []int{200, 400}, res.StatusCode, "%s: %.300s", body, answer)
		assert.Less(t, len(answer), 20_000, body)
		assert.NotContains(t, answer, `"page":-`)
	}
	answer := readPage(t, at+"/api/sets/arrivals/records?limit=1&offset=9223372036854775807")
	assert.EqualValues(t, 1<<53, answer.Paging.Page)
	assert.LessOrEqual(t, len(answer.Ladder), 5)
}

func TestCallerThatIsTooSlowIsCutOff(t *testing.T) {
	t.Parallel()
	at := testkit.Serve(t)
	conn, err := net.Dial("tcp", strings.TrimPrefix(at, "http://"))
	require.NoError(t, err)
	defer conn.Close()
	_, err = io.WriteString(conn, "GET /api/sets HTTP/1.1\r\nHost: localhost\r\nX-Slow: ") // and never the rest
	require.NoError(t, err)
	require.NoError(t, conn.SetReadDeadline(time.Now().Add(20*time.Second)))
	_, err = io.ReadAll(conn)
	assert.NotErrorIs(t, err, os.ErrDeadlineExceeded, "the service ends the connection")
	res, _ := send(t, "GET", at+"/readyz", sent{})
	assert.Equal(t, 200, res.StatusCode)
}

func TestStreamsAreBounded(t *testing.T) {
	store := testkit.Store(t)
	require.NoError(t, demo.Load(t.Context(), store, 150_000))
	limits := service.DefaultLimits
	limits.Streams = 1
	at, _ := testkit.ServeWith(t, store, service.Options{Limits: limits})
	conn, err := net.Dial("tcp", strings.TrimPrefix(at, "http://"))
	require.NoError(t, err)
	_, err = io.WriteString(conn, "GET /api/sets/tides/records/all HTTP/1.1\r\nHost: localhost\r\n\r\n")
	require.NoError(t, err)
	begun := make([]byte, len("HTTP/1.1 200"))
	_, err = io.ReadFull(conn, begun) // and no more
	require.NoError(t, err)
	require.Equal(t, "HTTP/1.1 200", string(begun))
	status := func() int {
		res, _ := send(t, "GET", at+"/api/sets/berths/records/all", sent{})
		return res.StatusCode
	}
	assert.Equal(t, http.StatusServiceUnavailable, status(), "a second stream is told to wait")
	conn.Close()
	testkit.Eventually(t, func() bool { return status() == http.StatusOK }, "until the first has ended")
}

func TestMetricsCountWhatIsAnswered(t *testing.T) {
	at := testkit.Serve(t)
	for range 3 {
		send(t, "GET", at+"/api/sets/arrivals/records?page=99", sent{})
	}
	send(t, "BREW", at+"/api/sets", sent{})
	_, text := send(t, "GET", at+"/metrics", sent{})
	assert.NotContains(t, text, "BREW", "callers make no metrics of their own")
	for _, has := range []string{`pageladder_requests_total{method="GET",route="/api/sets/:set/records",status="200"} 3`, `pageladder_adjustments_total{code="page.past_last"} 1`,
		"pageladder_answers_kept_total 2", `pageladder_totals_total{kind="exact"} 1`, "pageladder_page_depth_rows_sum 340", "pageladder_pool_connections"} {
		assert.Contains(t, text, has)
	}
}

func TestNoAcknowledgedWriteIsLostWhenTheDatabaseIsKilled(t *testing.T) {
	store := testkit.Harbour(t)
	at := testkit.ServeStore(t, store)
	var next, away atomic.Int64
	acknowledged := make(chan int64, 100_000)
	ctx, stop := context.WithCancel(t.Context())
	var workers sync.WaitGroup
	for range 4 {
		workers.Go(func() {
			for ctx.Err() == nil {
				n := next.Add(1)
				req, err := http.NewRequestWithContext(context.WithoutCancel(ctx), "POST", at+"/api/sets/lost_property/records", strings.NewReader(fmt.Sprintf(`{"id":%d}`, n)))
				if !assert.NoError(t, err) {
					return
				}
				req.Header.Set("Content-Type", "application/json")
				res, err := http.DefaultClient.Do(req)
				if !assert.NoError(t, err) {
					return
				}
				body, err := io.ReadAll(res.Body)
				res.Body.Close()
				if !assert.NoError(t, err) {
					return
				}
				switch res.StatusCode {
				case 201:
					acknowledged <- n
				case 503:
					away.Add(1)
					time.Sleep(time.Millisecond) // as Retry-After asks, and no busier
				default:
					assert.Fail(t, res.Status, string(body))
				}
			}
		})
	}
	for range 3 {
		before, refused := len(acknowledged), away.Load()
		testkit.Eventually(t, func() bool { return len(acknowledged) > before+20 }, "writes go on")
		require.NoError(t, syscall.Kill(testkit.Server().Pid(), syscall.SIGKILL))
		testkit.Eventually(t, func() bool { return away.Load() > refused }, "the service says that its database is away")
	}
	before := len(acknowledged)
	testkit.Eventually(t, func() bool { return len(acknowledged) > before+20 }, "and goes on without a restart")
	stop()
	workers.Wait()
	close(acknowledged)
	there := map[float64]bool{}
	for _, r := range readRecords(t, at+"/api/sets/lost_property/records/all", "") {
		there[r["id"].(float64)] = true
	}
	for n := range acknowledged {
		assert.True(t, there[float64(n)], "%d was acknowledged", n)
	}
}
