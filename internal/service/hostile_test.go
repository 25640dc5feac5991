package service_test

import (
	"context"
	"encoding/json"
	"fmt"
	"io"
	"math/rand/v2"
	"net"
	"net/http"
	"net/url"
	"os"
	"strings"
	"sync"
	"sync/atomic"
	"testing"
	"time"

	"github.com/jackc/pgx/v5"
	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"pageladder.example/api"
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
	assert.EqualValues(t, 1<<53, *answer.Paging.Page)
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

// A stream that cannot be finished is seen to break off: the connection ends without
// the end of the answer.
func TestStreamThatFailsIsSeenToBreakOff(t *testing.T) {
	database := testkit.DatabaseURL(t)
	store, err := sets.Open(t.Context(), database)
	require.NoError(t, err)
	t.Cleanup(store.Close)
	require.NoError(t, demo.Load(t.Context(), store, 150_000))
	store.Indexed() // nothing but the stream is running
	at := testkit.ServeStore(t, store)
	conn, err := pgx.Connect(t.Context(), database)
	require.NoError(t, err)
	defer conn.Close(t.Context())
	for _, path := range []string{"?pl.shape=ndjson", "?pl.shape=csv", ""} {
		for _, encoding := range []string{"identity", "gzip"} {
			req, err := http.NewRequestWithContext(t.Context(), "GET", at+"/api/sets/tides/records/all"+path, nil)
			require.NoError(t, err)
			req.Header.Set("Accept-Encoding", encoding)
			res, err := http.DefaultClient.Do(req)
			require.NoError(t, err)
			require.Equal(t, 200, res.StatusCode)
			_, err = io.ReadFull(res.Body, make([]byte, 1000))
			require.NoError(t, err)
			_, err = conn.Exec(t.Context(), "select pg_terminate_backend(pid) from pg_stat_activity where datname = current_database() and query like '%records_%' and state = 'active' and pid <> pg_backend_pid()")
			require.NoError(t, err)
			_, err = io.Copy(io.Discard, res.Body)
			assert.ErrorIs(t, err, io.ErrUnexpectedEOF, "%s %s", path, encoding)
			res.Body.Close()
		}
	}
	// What goes wrong before the first record is an answer like any other.
	_, err = conn.Exec(t.Context(), "alter table pageladder.record_set rename to gone")
	require.NoError(t, err)
	res, body := send(t, "GET", at+"/api/sets/tides/records/all", sent{})
	assert.Equal(t, 500, res.StatusCode, "the schema is broken: that is the operator's fault")
	assert.Contains(t, body, "problems/internal")
}

// What a caller sends and the database cannot take is the caller's fault, and is named.
func TestWhatTheDatabaseCannotTakeIsNo5xx(t *testing.T) {
	store := testkit.Store(t)
	at := testkit.ServeStore(t, store)
	load := func(name, csv string, more ...string) {
		res, body := send(t, "POST", at+"/api/sets?name="+name+strings.Join(more, ""), inCSV(csv))
		require.Equal(t, 201, res.StatusCode, body)
		store.Indexed()
	}
	load("kinds", "id,word,day,at,doc,big,version,count,name\n1,a,2026-03-01,2026-03-01T06:30:00Z,\"{\"\"a\"\":1}\",12345678901234567890,1,2,x\n2,b,2026-03-02,2026-03-02T06:30:00Z,[],5,3,4,y\n")
	random, source := make([]byte, 30_000), rand.New(rand.NewPCG(1, 2))
	for i := range random {
		random[i] = byte('a' + source.IntN(26)) // what could be compressed would fit
	}
	long := string(random)
	words := make([]string, 300_000)
	for i := range words {
		words[i] = fmt.Sprint("w", i)
	}
	for name, body := range map[string]string{
		"a date of the year 0": `{"id":3,"day":"0000-01-01"}`, "a time of the year 0": `{"id":3,"at":"0000-01-01T00:00:00Z"}`,
		"a NUL in JSON": `{"id":3,"doc":{"a":"\u0000"}}`, "a NUL in text": `{"id":3,"word":"\u0000"}`, "a large exponent": `{"id":3,"doc":[1e200000]}`,
		"many digits in JSON": `{"id":3,"doc":[` + strings.Repeat("9", 200_000) + `]}`, "many digits": `{"id":3,"big":"` + strings.Repeat("9", 200_000) + `"}`,
		"a long text in an index": `{"id":3,"word":"` + long + `"}`, "a large id": `{"id":1e300}`,
	} {
		res, answer := send(t, "POST", at+"/api/sets/kinds/records", inJSON("", body))
		assert.Equal(t, 422, res.StatusCode, "%s: %.300s", name, answer)
		assert.Contains(t, answer, `"faults":[{"param":"`, name)
	}
	load("notes", "id,note\n1,x\n", "&rules="+url.QueryEscape(`{"key":["id"],"search":["note"]}`))
	res, body := send(t, "POST", at+"/api/sets/notes/records", inJSON("", `{"id":2,"note":"`+strings.Join(words, " ")+` and `+long+` `+strings.Repeat("y", 5000)+`"}`))
	assert.Equal(t, 201, res.StatusCode, "%.300s", body)
	for q, want := range map[string]int64{"w17": 1, "x": 1} {
		assert.Equal(t, want, total(t, at+"/api/sets/notes/records", "q="+q), "a search goes on beside long texts")
	}
	for name, file := range map[string]string{
		"long-key": "key,a\n" + long + ",1\nb,2\n", "wide": strings.TrimSuffix(strings.Repeat("\"long name\",", 1600), ",") + "\n" + strings.TrimSuffix(strings.Repeat("some text,", 1600), ",") + "\n",
	} {
		res, body := send(t, "POST", at+"/api/sets?name="+name+"&key="+map[string]string{"long-key": "key", "wide": ""}[name], inCSV(file))
		if name == "wide" {
			res, body = send(t, "POST", at+"/api/sets?name="+name, inCSV(file))
		}
		assert.Equal(t, 422, res.StatusCode, "%s: %.300s", name, body)
		assert.NotContains(t, body, "database-away")
	}
	res, body = send(t, "POST", at+"/api/sets?name=cut", sent{body: `[{"id":1},{"id":`, headers: map[string]string{"Content-Type": "application/json"}})
	assert.Equal(t, 422, res.StatusCode, "a file that ends early is no database that is away: %s", body)
	for _, query := range []string{"day=0000-01-01", "at=0000-01-01", "at.min=0000-01-01T00:00:00Z", "big.min=" + strings.Repeat("9", 1000), "id.min=" + strings.Repeat("9", 19),
		"sort=version,count&version.min=1", "sort=-count&pl.facets=count,version,name", "sort=name,-version&name=x", "page=99999999999999999999&size=99999999999999999999", "row=99999999999999999999"} {
		for _, path := range []string{"/records?", "/records/all?", "/ladder?", "/records/1/place?"} {
			if strings.Contains(query, "facets") && path != "/records?" {
				continue
			}
			res, body := send(t, "GET", at+"/api/sets/kinds"+path+query, sent{})
			assert.Less(t, res.StatusCode, 500, "%s%s: %.300s", path, query, body)
		}
	}
	load("system", "id,xmin,ctid,cmin,tableoid\n1,2,3,4,5\n")
	res, body = send(t, "GET", at+"/api/sets/system/records?sort=-ctid_2", sent{})
	assert.Equal(t, 200, res.StatusCode)
	assert.Contains(t, body, `"xmin_2":2,"ctid_2":3,"cmin_2":4,"tableoid_2":5`)

	// An index that cannot be built is reported, and the others are there.
	load("partly", "id,short,tale\n1,a,"+long+"\n")
	_, body = send(t, "GET", at+"/api/sets/partly", sent{})
	var answer api.SetInfo
	require.NoError(t, json.Unmarshal([]byte(body), &answer))
	for _, index := range answer.Settings.Indexes {
		failed := strings.Contains(index.Definition, "tale") && !strings.Contains(index.Definition, "gin")
		assert.Equal(t, !failed, index.Ready, index.Definition)
		assert.Equal(t, failed, strings.Contains(index.Failed, "too long to be indexed"), "%s: %s", index.Definition, index.Failed)
	}
	assert.Equal(t, int64(1), total(t, at+"/api/sets/partly/records", "q=a"))
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

// A remembered answer is written again for a later version, with that version and its total, while
// its records stay untouched.
func TestAnswersAreWrittenAnewWhileOthersChange(t *testing.T) {
	store := testkit.Harbour(t)
	at := testkit.ServeStore(t, store)
	change := func(id, note string) {
		_, _, revision, err := store.Record(t.Context(), sets.Request{Set: "arrivals", Visibility: sets.All}, []string{id})
		require.NoError(t, err)
		_, err = store.Change(t.Context(), "arrivals", []string{id}, revision, sets.Values{"note": &note})
		require.NoError(t, err)
	}
	var tags []string
	ask := func() (body struct {
		Records []struct{ Note *string }
		Paging  struct{ Version, TotalItems int64 }
	}) {
		res, text := send(t, "GET", at+"/api/sets/arrivals/records?sort=id&size=5", sent{})
		require.Equal(t, http.StatusOK, res.StatusCode, text)
		require.NoError(t, json.Unmarshal([]byte(strings.ReplaceAll(text, "total_items", "TotalItems")), &body))
		require.NotContains(t, tags, res.Header.Get("ETag"))
		tags = append(tags, res.Header.Get("ETag"))
		return body
	}
	first := ask()
	for _, id := range []string{"300", "301"} {
		change(id, "elsewhere")
		ask()
	}
	_, err := store.Add(t.Context(), "arrivals", sets.Values{"id": func() *string { id := "9000"; return &id }()})
	require.NoError(t, err)
	later := ask()
	assert.Equal(t, first.Records, later.Records)
	assert.Equal(t, []int64{first.Paging.Version + 3, first.Paging.TotalItems + 1}, []int64{later.Paging.Version, later.Paging.TotalItems})
	_, text := send(t, "GET", at+"/metrics", sent{})
	assert.Contains(t, text, "pageladder_answers_again_total 2", "from the third on")
	change("3", "here")
	assert.Equal(t, "here", *ask().Records[2].Note)
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
		back := testkit.KillServer(t)
		testkit.Eventually(t, func() bool { return away.Load() > refused }, "the service says that its database is away")
		testkit.Eventually(t, back, "the database is there again")
	}
	answers := func(path string) func() bool {
		return func() bool { res, _ := send(t, "GET", at+path, sent{}); return res.StatusCode == http.StatusOK }
	}
	testkit.Eventually(t, answers("/readyz"), "the service has noticed")
	before := len(acknowledged)
	testkit.Eventually(t, func() bool { return len(acknowledged) > before+20 }, "and goes on without a restart")
	stop()
	workers.Wait()
	close(acknowledged)
	there, list := map[float64]bool{}, "/api/sets/lost_property/records/all"
	testkit.Eventually(t, answers(list), "connections that broke are replaced")
	for _, r := range readRecords(t, at+list, "") {
		there[r["id"].(float64)] = true
	}
	for n := range acknowledged {
		assert.True(t, there[float64(n)], "%d was acknowledged", n)
	}
}

// A body decides neither how much memory nor how much time is spent on it.
func TestBodiesAreBounded(t *testing.T) {
	store := testkit.Store(t)
	require.NoError(t, demo.Load(t.Context(), store, 0))
	at := testkit.ServeStore(t, store)
	repeated := func(of string, n int) string { return strings.TrimSuffix(strings.Repeat(of+",", n), ",") }
	sorts := make([]string, 3_000)
	for i := range sorts {
		sorts[i] = fmt.Sprintf(`{"key":"k%d"}`, i)
	}
	keys := make([]string, 40)
	for i := range keys {
		keys[i] = fmt.Sprintf(`"k%d"`, i)
	}
	fields := make([]string, 50_000)
	for i := range fields {
		fields[i] = fmt.Sprintf(`"f%d":1`, i)
	}
	rules, _ := send(t, "GET", at+"/api/sets/arrivals/rules", sent{})
	tag := rules.Header.Get("ETag")
	for what, c := range map[string]struct {
		method, path, body string
		status             int
		says               string
	}{
		"a long query":       {"POST", "/api/reckon", `{"total":9,"query":"a=` + strings.Repeat("b", 1<<20) + `"}`, 422, "query: found 1048578 bytes"},
		"many parameters":    {"POST", "/api/reckon", `{"total":9,"query":"` + strings.Repeat("a&", 3_000) + `"}`, 422, "200 parameters"},
		"a long base":        {"POST", "/api/reckon", `{"total":9,"query":"","base":"/` + strings.Repeat("b", 1<<20) + `"}`, 422, "base: found 1048577 bytes"},
		"many sorts":         {"POST", "/api/reckon", `{"total":9,"query":"","rules":{"sorts":[` + strings.Join(sorts, ",") + `]}}`, 422, "sorts: found more entries"},
		"many long links":    {"POST", "/api/reckon", `{"total":9,"query":"a=` + strings.Repeat("b", 8_000) + `","rules":{"sorts":[` + strings.Join(sorts[:1_900], ",") + `]}}`, 422, "on up to 2020 links"},
		"deep rules":         {"POST", "/api/reckon", `{"total":9,"query":"","rules":{"sorts":` + strings.Repeat("[", 9_000) + strings.Repeat("]", 9_000) + `}}`, 422, "16 deep"},
		"deeper rules":       {"PUT", "/api/sets/arrivals/rules", strings.Repeat("[", 500_000), 422, "max depth"},
		"a long word":        {"POST", "/api/reckon", `{"` + strings.Repeat("a", 1<<20) + `":1}`, 422, "unknown field"},
		"many records":       {"POST", "/api/cut", `{"query":"","records":[` + repeated("1", 1_000_000) + `]}`, 422, "more than 100000 records"},
		"no list of records": {"POST", "/api/cut", `{"query":"","records":{}}`, 422, "records should be a list"},
		"many keys": {"POST", "/api/cut", `{"query":"","rules":{"key":[` + strings.Join(keys, ",") + `]},"records":[` + repeated("{}", 90_000) + `]}`, 422,
			"found 90000 records to sort by 40 fields"},
		"many words": {"POST", "/api/cut", `{"query":"q=` + strings.Repeat("a+", 3_000) + `a","rules":{"search":["w"]},"records":[` + repeated(`{"w":"`+strings.Repeat("b ", 500)+`"}`, 5_000) + `]}`, 422,
			`found 3001 words to search for`},
		"a long fixed filter": {"PATCH", "/api/sets/arrivals", `{"fixed":"berth=` + strings.Repeat("N", 9_000) + `"}`, 422, "the fixed filter: found 9006 bytes; right would be at most 8192"},
		"a long label":        {"PATCH", "/api/sets/arrivals", `{"label":"` + strings.Repeat("N", 201) + `"}`, 422, "label: found 201 bytes; right would be 1 to 200 bytes"},
		"remembered for ever": {"POST", "/api/attach", `{"name":"hulls","source":"yard","table":"hulls","remember_s":9223372036854775807}`, 422,
			"remember_s: found 9223372036854775807; right would be 0 to 604800 seconds"},
		"remembered for less than nothing": {"POST", "/api/attach", `{"name":"hulls","source":"yard","table":"hulls","remember_s":-1}`, 422, "remember_s: found -1"},
		"a kept set followed":              {"PATCH", "/api/sets/arrivals", `{"follow":true}`, 422, "this is a kept set"},
		"a kept set unfollowed":            {"PATCH", "/api/sets/arrivals", `{"follow":false}`, 422, "this is a kept set"},
		"a kept set remembered":            {"PATCH", "/api/sets/arrivals", `{"remember_s":30}`, 422, "this is a kept set"},
		"many fields":                      {"POST", "/api/sets/arrivals/records", "{" + strings.Join(fields, ",") + "}", 422, "is no field of arrivals"},
	} {
		res, body := send(t, c.method, at+c.path, sent{body: c.body, headers: map[string]string{"Content-Type": "application/json", "If-Match": tag}})
		assert.Equal(t, c.status, res.StatusCode, "%s: %.300s", what, body)
		assert.Contains(t, body, c.says, what)
		assert.Less(t, len(body), 100_000, what)
	}
	res, body := send(t, "POST", at+"/api/sets?name=named&label="+strings.Repeat("N", 201), inCSV("id\n1\n"))
	assert.Equal(t, 422, res.StatusCode, body)
	assert.Contains(t, body, "label: found 201 bytes")
	var form strings.Builder
	for i := range 600 {
		fmt.Fprintf(&form, "--x\r\nContent-Disposition: form-data; name=f%d\r\n\r\na\r\n", i)
	}
	res, body = send(t, "POST", at+"/api/sets?name=many", sent{body: form.String() + "--x--\r\n", headers: map[string]string{"Content-Type": "multipart/form-data; boundary=x"}})
	assert.Equal(t, 413, res.StatusCode, body)
}

// One query may not ask for so much that it keeps the database busy. The answer says what it asked for,
// and how much would be right.
func TestWhatOneQueryAsksForIsBounded(t *testing.T) {
	store := testkit.Store(t)
	at := testkit.ServeStore(t, store)
	res, body := send(t, "POST", at+"/api/sets?name=boats", inCSV("no,name,berth\n1,a b,x\n2,b,y\n3,b,z\n"))
	require.Equal(t, 201, res.StatusCode, body)
	many := func(n int, part, between string) string {
		return strings.TrimSuffix(strings.Repeat(part+between, n), between)
	}
	for _, c := range []struct {
		query  string
		status int
		says   string
	}{
		{"q=" + many(124, "b", "+"), 200, ""},
		{"q=" + many(125, "b", "+"), 400, "found 125 words to search for, 0 values to filter by, 0 facets and 1 sort fields; right would be at most 250 in all"},
		{"q=" + many(1900, "b", "."), 400, "found 1900 words"},
		{many(190, "berth=x", "&"), 200, ""},
		{many(190, "berth=x", "&") + "&q=" + many(40, "b", "+"), 400, "found 40 words to search for, 190 values"},
		{many(150, "berth=x", "&") + "&pl.facets=berth,name,no,berth,name,no,berth,name,no,berth", 400, "10 facets"},
	} {
		for _, path := range []string{"/records?", "/records/all?", "/ladder?", "/records/1/place?"} {
			if strings.Contains(c.query, "pl.facets") && path != "/records?" {
				continue
			}
			res, body := send(t, "GET", at+"/api/sets/boats"+path+c.query, sent{})
			require.Equal(t, c.status, res.StatusCode, "%s: %.300s", path, body)
			assert.Contains(t, body, c.says)
		}
	}
	res, body = send(t, "POST", at+"/api/cut", inJSON("", `{"rules":{"search":["name"]},"query":"q=`+many(500, "b", "+")+`","records":[{"name":"b"}]}`))
	assert.Equal(t, 422, res.StatusCode)
	assert.Contains(t, body, "found 500 words to search for")
}
