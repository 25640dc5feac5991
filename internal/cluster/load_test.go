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

	"pageladder.example/internal/cluster"
	"pageladder.example/internal/testkit"
)

// load is what callers do to a list while the cluster fails around them: writers add records, one after the other,
// and send each again until it is acknowledged; readers read pages.
type load struct {
	t     *testing.T
	at    string // of the service or of what leads to one
	token string
	http  *http.Client

	ids   atomic.Int64
	acked atomic.Int64 // records that the service has acknowledged
	reads atomic.Int64

	mu       sync.Mutex
	kept     map[int64]bool // acknowledged
	statuses map[string]int
	wrong    []string
	slowest  time.Duration
	slow     string
	wrote    gaps
	read     gaps
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
)

func name(id int64) string { return fmt.Sprintf("entry %d", id*7919%1000) }

// ask sends one request, and notes how long it took and what the answer was.
func (l *load) ask(ctx context.Context, method, path string, header http.Header, body []byte) (int, http.Header, []byte) {
	began := time.Now()
	req, err := http.NewRequestWithContext(ctx, method, l.at+path, bytes.NewReader(body))
	require.NoError(l.t, err)
	req.Header = header.Clone()
	if req.Header == nil {
		req.Header = http.Header{}
	}
	if req.Header.Get("Authorization") == "" {
		req.Header.Set("Authorization", "Bearer "+l.token)
	}
	res, err := l.http.Do(req)
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
	took := time.Since(began)
	l.mu.Lock()
	defer l.mu.Unlock()
	said := fmt.Sprintf("%s %d", method, status)
	if err != nil {
		status, said = 0, fmt.Sprintf("%s: %v", method, err)
	}
	l.statuses[said]++
	if err != nil || status >= 300 && !slices.Contains(fine, status) {
		l.note("%s %s: %s %.300s", method, path, said, text)
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

func (l *load) write(ctx context.Context, token string) {
	for ctx.Err() == nil {
		id := l.ids.Add(1)
		body, _ := json.Marshal(map[string]any{"id": id, "name": name(id)})
		for done := false; !done && ctx.Err() == nil; {
			status, _, _ := l.ask(ctx, http.MethodPost, "/api/sets/"+list+"/records", http.Header{"Authorization": {"Bearer " + token}, "Content-Type": {"application/json"}, "Idempotency-Key": {fmt.Sprintf("%q", fmt.Sprint("entry ", id))}}, body)
			switch status {
			case 201:
				done = true
				l.acked.Add(1)
				l.mu.Lock()
				l.kept[id] = true
				l.wrote.now()
				l.mu.Unlock()
			default:
				pause(ctx)
			}
		}
		pause(ctx)
	}
}

// pause keeps a caller from asking as fast as the machine can.
func pause(ctx context.Context) {
	select {
	case <-ctx.Done():
	case <-time.After(time.Duration(5+rand.IntN(20)) * time.Millisecond):
	}
}

func (l *load) readPages(ctx context.Context, token string) {
	var last int64
	var tag string
	for ; ctx.Err() == nil; pause(ctx) {
		size := 50
		page := 1 + rand.Int64N(max(1, last/int64(size)+2))
		path := fmt.Sprintf("/api/sets/%s/records?sort=id&size=%d&page=%d", list, size, page)
		status, header, text := l.ask(ctx, http.MethodGet, path, http.Header{"Authorization": {"Bearer " + token}, "If-None-Match": {tag}}, nil)
		if status != 200 {
			continue
		}
		var got struct {
			Records []struct {
				ID   int64
				Name string
			}
			Paging struct {
				Page  int64
				Total int64 `json:"total_items"`
			}
		}
		err := json.Unmarshal(text, &got)
		l.mu.Lock()
		total := got.Paging.Total
		switch {
		case err != nil:
			l.note("%s: %v: %.300s", path, err, text)
		case total < last:
			l.note("%s: the total was %d, and is %d", path, last, total)
		}
		if want := min(int64(size), total-(got.Paging.Page-1)*int64(size)); int64(len(got.Records)) != want {
			l.note("%s: %d records, and not %d: %.300s", path, len(got.Records), want, text)
		}
		for i, r := range got.Records {
			if r.Name != name(r.ID) || i > 0 && r.ID <= got.Records[i-1].ID {
				l.note("%s: record %d of the page is %v", path, i, r)
			}
		}
		l.read.now()
		l.mu.Unlock()
		last, tag = total, header.Get("ETag")
		l.reads.Add(1)
	}
}

// during runs callers while something happens to the cluster, until things go on as before. Nothing is lost.
func during(t *testing.T, c *cluster.Cluster, happens func()) {
	l, more, stop := callers(t, c)
	more()
	happens()
	require.NoError(t, c.Settled(t.Context()))
	more()
	stop()
	assert.Empty(t, l.lost(t, c), "acknowledged, and lost")
}

// callers write to a new list and read it until stop, which checks that all that they got was right. More waits until more was
// written and read.
func callers(t *testing.T, c *cluster.Cluster) (l *load, more, stop func()) {
	token, err := os.ReadFile(filepath.Join(c.Dir, c.Services[0], "owner-token"))
	require.NoError(t, err)
	l = &load{t: t, at: c.URL("front"), token: strings.TrimSpace(string(token)), http: &http.Client{Transport: &http.Transport{MaxIdleConnsPerHost: 20}}, kept: map[int64]bool{}, statuses: map[string]int{}}
	l.begin()
	ctx, cancel := context.WithCancel(t.Context())
	var wait sync.WaitGroup
	for range writers {
		token := l.caller("editor")
		wait.Go(func() { l.write(ctx, token) })
	}
	for range readers {
		token := l.caller("reader")
		wait.Go(func() { l.readPages(ctx, token) })
	}
	more = func() {
		wrote, read := l.acked.Load(), l.reads.Load()
		testkit.Eventually(t, func() bool { return l.acked.Load() > wrote+100 && l.reads.Load() > read+100 }, "callers write and read")
	}
	return l, more, func() {
		cancel()
		wait.Wait()
		t.Logf("%d written, %d read; without writes %v, without reads %v; longest request %v (%s); %v", l.acked.Load(), l.reads.Load(), l.wrote.longest.Round(time.Millisecond), l.read.longest.Round(time.Millisecond), l.slowest.Round(time.Millisecond), l.slow, l.statuses)
		assert.Empty(t, l.wrong)
		assert.LessOrEqual(t, l.slowest, longest, l.slow)
	}
}

// caller is a token of a caller's own.
func (l *load) caller(role string) string {
	status, _, text := l.ask(l.t.Context(), http.MethodPost, "/api/tokens", http.Header{"Content-Type": {"application/json"}}, []byte(`{"label": "a caller", "role": "`+role+`"}`))
	require.Equal(l.t, 201, status, string(text))
	var got struct{ Secret string }
	require.NoError(l.t, json.Unmarshal(text, &got))
	return got.Secret
}

// begin makes the list anew.
func (l *load) begin() {
	status, _, text := l.ask(l.t.Context(), http.MethodDelete, "/api/sets/"+list, nil, nil)
	require.Contains(l.t, []int{204, 200, 404}, status, string(text))
	l.wrong = nil
	status, _, text = l.ask(l.t.Context(), http.MethodPost, "/api/sets?name="+list, http.Header{"Content-Type": {"text/csv"}}, []byte("id,name\n0,entry 0\n"))
	require.Equal(l.t, 201, status, string(text))
	clear(l.statuses)
}

// lost are the acknowledged records that the primary does not have.
func (l *load) lost(t *testing.T, c *cluster.Cluster) (lost []int64) {
	there := map[int64]bool{}
	status, _, text := l.ask(t.Context(), http.MethodGet, "/api/sets/"+list+"/records/all?sort=id", http.Header{"Accept": {"application/x-ndjson"}}, nil)
	require.Equal(t, 200, status, string(text))
	for _, line := range strings.Split(strings.TrimSpace(string(text)), "\n") {
		var one struct{ ID int64 }
		require.NoError(t, json.Unmarshal([]byte(line), &one), line)
		there[one.ID] = true
	}
	for id := range l.kept {
		if !there[id] {
			lost = append(lost, id)
		}
	}
	return lost
}
