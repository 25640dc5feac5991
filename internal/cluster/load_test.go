package cluster_test

import (
	"bytes"
	"context"
	"encoding/json"
	"fmt"
	"io"
	"math/rand/v2"
	"net/http"
	"os"
	"path/filepath"
	"slices"
	"strings"
	"sync"
	"sync/atomic"
	"testing"
	"time"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"pageladder.example/api"
	"pageladder.example/internal/cluster"
	"pageladder.example/internal/testkit"
)

// load is what callers do to a list while the cluster fails around them: writers add records, one after the other,
// and send each again until it is acknowledged; readers read pages.
type load struct {
	t        *testing.T
	owner    *caller
	replicas bool            // each read is answered by one or the other
	ctx      context.Context // of the callers
	wait     sync.WaitGroup
	ids      atomic.Int64
	acked    atomic.Int64 // records that a service has acknowledged
	reads    atomic.Int64
	stale    atomic.Int64 // of them, pages that were marked so

	mu       sync.Mutex
	kept     map[int64]bool // acknowledged
	acks     []time.Time    // when
	statuses map[string]int
	wrong    []string
	slowest  time.Duration
	slow     string
	wrote    gaps
	read     gaps          // of any caller
	waited   time.Duration // longest time of one caller between two pages
}

// caller is one who reads or writes.
type caller struct {
	token string // "": a browser that has none, and keeps cookies
	at    func() string
	http  *http.Client
	sends bool   // a program that sends back what it was given in Min-Version
	floor string // that
	last  int64  // the largest total that it has seen
	least int64  // the smallest one that may follow
	tag   string
	read  gaps
}

// gaps finds the longest time between two successes.
type gaps struct {
	last    time.Time
	longest time.Duration
}

func (g *gaps) now() {
	if at := time.Now(); !g.last.IsZero() {
		g.longest = max(g.longest, at.Sub(g.last))
	}
	g.last = time.Now()
}

// longest is how long a request may take, whatever fails.
const longest = 5 * time.Second

// fine are the statuses that callers may get while a part of the cluster fails.
var fine = []int{304, 409, 410, 412, 503} // 409: the first attempt is still being done

const (
	writers = 4
	readers = 4
	list    = "log"
	maxLag  = 2 * time.Second // as the services have it
)

func name(id int64) string { return fmt.Sprintf("entry %d", id*7919%1000) }

// ask sends one request, and notes how long it took and what the answer was.
func (l *load) ask(ctx context.Context, as *caller, method, path string, header http.Header, body []byte, also ...int) (int, http.Header, []byte) {
	began := time.Now()
	req, err := http.NewRequestWithContext(ctx, method, as.at()+path, bytes.NewReader(body))
	require.NoError(l.t, err)
	if req.Header = header.Clone(); req.Header == nil {
		req.Header = http.Header{}
	}
	if as.token != "" {
		req.Header.Set("Authorization", "Bearer "+as.token)
	}
	if as.floor != "" {
		req.Header.Set(api.MinVersion, as.floor)
	}
	res, err := as.http.Do(req)
	status, text := 0, []byte(nil)
	var got http.Header
	if err == nil {
		status, got = res.StatusCode, res.Header
		text, err = io.ReadAll(res.Body)
		res.Body.Close()
	}
	if ctx.Err() != nil {
		return 0, nil, nil
	}
	if as.sends && got.Get(api.MinVersion) != "" {
		as.floor = got.Get(api.MinVersion)
	}
	took := time.Since(began)
	l.mu.Lock()
	defer l.mu.Unlock()
	said := fmt.Sprintf("%s %d", method, status)
	if err != nil {
		status, said = 0, fmt.Sprintf("%s: %v", method, err)
	}
	l.statuses[said]++
	if err != nil || status >= 300 && !slices.Contains(fine, status) && !slices.Contains(also, status) {
		l.note("%s %s: %s %.300s", method, path, said, text)
	}
	if status == 503 && method == http.MethodGet && l.replicas {
		l.note("%s: a failed answer: %.300s", path, text)
	}
	if status == 503 && got.Get("Retry-After") == "" {
		l.note("%s %s: 503 without Retry-After: %.300s", method, path, text)
	}
	if took > l.slowest {
		l.slowest, l.slow = took, fmt.Sprintf("%s %s: %d %.100s", method, path, status, text)
	}
	return status, got, text
}

// note notes something wrong. The caller holds the lock.
func (l *load) note(format string, args ...any) {
	if len(l.wrong) < 20 {
		l.wrong = append(l.wrong, fmt.Sprintf(format, args...))
	}
}

// add adds a record, and sends it until it is acknowledged.
func (l *load) add(ctx context.Context, as *caller) {
	id := l.ids.Add(1)
	body, _ := json.Marshal(map[string]any{"id": id, "name": name(id)})
	for ; ctx.Err() == nil; pause(ctx) {
		status, _, _ := l.ask(ctx, as, http.MethodPost, "/api/sets/"+list+"/records", http.Header{"Content-Type": {"application/json"}, "Idempotency-Key": {fmt.Sprintf("%q", fmt.Sprint("entry ", id))}}, body)
		if status == http.StatusCreated {
			l.acked.Add(1)
			l.mu.Lock()
			l.kept[id] = true
			l.acks = append(l.acks, time.Now())
			l.wrote.now()
			l.mu.Unlock()
			as.least = max(as.least, as.last) + 1 // nobody takes any out
			return
		}
	}
}

// pause keeps a caller from asking as fast as the machine can.
func pause(ctx context.Context) {
	select {
	case <-ctx.Done():
	case <-time.After(time.Duration(5+rand.IntN(20)) * time.Millisecond):
	}
}

// see reads a page.
func (l *load) see(ctx context.Context, as *caller) {
	const size = 50
	page := 1 + rand.Int64N(max(1, as.last/size+2))
	path := fmt.Sprintf("/api/sets/%s/records?sort=id&size=%d&page=%d", list, size, page)
	began := time.Now()
	status, header, text := l.ask(ctx, as, http.MethodGet, path, http.Header{"If-None-Match": {as.tag}}, nil)
	if status != http.StatusOK {
		return
	}
	var got struct {
		Records []struct {
			ID   int64
			Name string
		}
		Paging struct {
			Page  int64
			Total int64     `json:"total_items"`
			AsOf  time.Time `json:"as_of"`
			Stale bool
		}
	}
	err := json.Unmarshal(text, &got)
	l.mu.Lock()
	defer l.mu.Unlock()
	total, asOf := got.Paging.Total, got.Paging.AsOf
	acked, _ := slices.BinarySearchFunc(l.acks, asOf, time.Time.Compare)
	switch {
	case err != nil:
		l.note("%s: %v: %.300s", path, err, text)
	case total < as.last:
		l.note("%s: the total was %d, and is %d", path, as.last, total)
	case total < as.least:
		l.note("%s: the caller has written, and sees %d in place of %d", path, total, as.least)
	case total < int64(acked)+1:
		l.note("%s: a page as of %v has %d of %d", path, asOf, total, acked+1)
	case !asOf.IsZero() && !got.Paging.Stale && asOf.Before(began.Add(-maxLag)):
		l.note("%s: at %v, a page as of %v is not stale", path, began, asOf)
	}
	if want := max(0, min(size, total-(got.Paging.Page-1)*size)); int64(len(got.Records)) != want {
		l.note("%s: %d records, and not %d: %.300s", path, len(got.Records), want, text)
	}
	for i, r := range got.Records {
		if r.Name != name(r.ID) || i > 0 && r.ID <= got.Records[i-1].ID {
			l.note("%s: record %d of the page is %v", path, i, r)
		}
	}
	l.read.now()
	as.read.now()
	l.waited = max(l.waited, as.read.longest)
	as.last, as.tag = total, header.Get("ETag")
	l.reads.Add(1)
	if got.Paging.Stale {
		l.stale.Add(1)
	}
}

// during runs callers while something happens to the cluster, until things go on as before. Nothing is lost.
func during(t *testing.T, c *cluster.Cluster, happens func()) {
	l, stop := callers(t, c)
	l.more(true)
	happens()
	require.NoError(t, c.Settled(t.Context()))
	l.more(true)
	stop()
	assert.Empty(t, l.lost(), "acknowledged, and lost")
}

// callers write to a new list and read it until stop, which checks that all that they got was right.
func callers(t *testing.T, c *cluster.Cluster) (l *load, stop func()) {
	l, stop = begin(t, c)
	for range writers {
		l.again(l.caller("editor", l.owner.at), l.add)
	}
	for range readers {
		l.again(l.caller("reader", l.owner.at), l.see)
	}
	return l, stop
}

// again has a caller do something again and again, until the load stops.
func (l *load) again(as *caller, do func(context.Context, *caller)) {
	l.wait.Go(func() {
		for ; l.ctx.Err() == nil; pause(l.ctx) {
			do(l.ctx, as)
		}
	})
}

// more waits until more was read, and also written.
func (l *load) more(written bool) {
	wrote, read := l.acked.Load(), l.reads.Load()
	testkit.Eventually(l.t, func() bool { return (!written || l.acked.Load() > wrote+100) && l.reads.Load() > read+100 }, "callers write and read")
}

// client keeps connections for many callers.
func client() *http.Client {
	return &http.Client{Transport: &http.Transport{MaxIdleConnsPerHost: 20}}
}

// begin begins a load on a new list, without any callers.
func begin(t *testing.T, c *cluster.Cluster) (l *load, stop func()) {
	token, err := os.ReadFile(filepath.Join(c.Dir, c.Services[0], "owner-token"))
	require.NoError(t, err)
	l = &load{t: t, kept: map[int64]bool{}, statuses: map[string]int{}}
	l.owner = &caller{token: strings.TrimSpace(string(token)), at: func() string { return c.URL("front") }, http: client()}
	status, _, text := l.ask(t.Context(), l.owner, http.MethodDelete, "/api/sets/"+list, nil, nil, http.StatusNotFound)
	require.Contains(t, []int{204, 200, 404}, status, string(text))
	status, _, text = l.ask(t.Context(), l.owner, http.MethodPost, "/api/sets?name="+list, http.Header{"Content-Type": {"text/csv"}}, []byte("id,name\n0,entry 0\n"))
	require.Equal(t, 201, status, string(text))
	ctx, cancel := context.WithCancel(t.Context())
	l.ctx = ctx
	return l, func() {
		cancel()
		l.wait.Wait()
		t.Logf("%d written, %d read, %d of them stale; without writes %v, without reads %v, for one caller %v; longest request %v (%s); %v", l.acked.Load(), l.reads.Load(), l.stale.Load(),
			l.wrote.longest.Round(time.Millisecond), l.read.longest.Round(time.Millisecond), l.waited.Round(time.Millisecond), l.slowest.Round(time.Millisecond), l.slow, l.statuses)
		assert.Empty(t, l.wrong)
		assert.LessOrEqual(t, l.slowest, longest, l.slow)
	}
}

// caller is a caller with a token of its own.
func (l *load) caller(role string, at func() string) *caller {
	status, _, text := l.ask(l.t.Context(), l.owner, http.MethodPost, "/api/tokens", asJSON, []byte(`{"label": "a caller", "role": "`+role+`"}`))
	require.Equal(l.t, 201, status, string(text))
	var got struct{ Secret string }
	require.NoError(l.t, json.Unmarshal(text, &got))
	return &caller{token: got.Secret, at: at, http: l.owner.http}
}

// lost are the acknowledged records that are not there once no page may be older.
func (l *load) lost() (lost []int64) {
	for until := time.Now().Add(2 * maxLag); ; {
		if lost = l.missing(); len(lost) == 0 || time.Now().After(until) {
			return lost
		}
	}
}

// missing are the acknowledged records that a read of all of them does not find.
func (l *load) missing() (lost []int64) {
	there := map[int64]bool{}
	status, _, text := l.ask(l.t.Context(), l.owner, http.MethodGet, "/api/sets/"+list+"/records/all?sort=id", http.Header{"Accept": {"application/x-ndjson"}}, nil)
	require.Equal(l.t, 200, status, string(text))
	for _, line := range strings.Split(strings.TrimSpace(string(text)), "\n") {
		var one struct{ ID int64 }
		require.NoError(l.t, json.Unmarshal([]byte(line), &one), line)
		there[one.ID] = true
	}
	for id := range l.kept {
		if !there[id] {
			lost = append(lost, id)
		}
	}
	return lost
}
