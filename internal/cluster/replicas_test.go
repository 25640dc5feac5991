package cluster_test

import (
	"context"
	"encoding/json"
	"fmt"
	"math/rand/v2"
	"net/http"
	"net/http/cookiejar"
	"net/url"
	"slices"
	"strings"
	"sync"
	"testing"
	"time"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"pageladder.example/internal/cluster"
	"pageladder.example/internal/soak"
	"pageladder.example/internal/testkit"
)

// replicated is a cluster whose services read from all its servers, each over a line that can fall silent.
type replicated struct {
	*cluster.Cluster
	lines map[string]*testkit.Line
}

// standby is the name of a server that is not the primary.
func (r *replicated) standby(t *testing.T) string {
	leader := r.Leader(t.Context())
	return r.Nodes[slices.IndexFunc(r.Nodes, func(n string) bool { return n != leader })]
}

// silent cuts a server off from the services, while something goes on.
func (r *replicated) silent(node string, meanwhile func()) {
	r.lines[node].Silence(func([]byte) bool { return true })
	meanwhile()
	r.lines[node].Silence(nil)
}

// parts are what fails while callers read from replicas.
var parts = []struct {
	name  string
	fails func(t *testing.T, r *replicated, l *load)
}{
	{"nothing", func(_ *testing.T, _ *replicated, l *load) { l.more(true) }},
	{"a replica is killed", func(t *testing.T, r *replicated, _ *load) { require.NoError(t, r.Kill(r.standby(t))) }},
	{"a replica freezes", func(t *testing.T, r *replicated, l *load) {
		node := r.standby(t)
		require.NoError(t, r.Freeze(node))
		l.more(true)
		require.NoError(t, r.Thaw(node))
	}},
	{"a replica falls silent", func(t *testing.T, r *replicated, l *load) { r.silent(r.standby(t), func() { l.more(true) }) }},
	{"all replicas fall silent", func(t *testing.T, r *replicated, l *load) {
		leader := r.Leader(t.Context())
		for _, node := range r.Nodes {
			if node != leader {
				r.lines[node].Silence(func([]byte) bool { return true })
				defer r.lines[node].Silence(nil)
			}
		}
		l.more(true)
	}},
	{"a replica is copied anew", func(t *testing.T, r *replicated, _ *load) { require.NoError(t, r.Renew(t.Context(), r.standby(t))) }},
	{"the primary falls silent", func(t *testing.T, r *replicated, l *load) {
		r.silent(r.Leader(t.Context()), func() {
			testkit.Eventually(t, func() bool { return l.stale.Load() > 300 }, "replicas answer alone")
		})
	}},
	{"the primary is killed", func(t *testing.T, r *replicated, _ *load) { require.NoError(t, r.Kill(r.Leader(t.Context()))) }},
	{"the primary crashes", func(t *testing.T, r *replicated, _ *load) {
		node := r.Leader(t.Context())
		require.NoError(t, r.Crash(node))
		replaced(t, r.Cluster, node)
		require.NoError(t, r.StartNode(node))
	}},
	{"the primary freezes", func(t *testing.T, r *replicated, _ *load) {
		node := r.Leader(t.Context())
		require.NoError(t, r.Freeze(node))
		replaced(t, r.Cluster, node)
		require.NoError(t, r.Thaw(node))
	}},
	{"switchover", func(t *testing.T, r *replicated, _ *load) { require.NoError(t, r.Switchover(t.Context(), "")) }},
}

// serveReplicated starts a cluster with three services that read from replicas.
func serveReplicated(t *testing.T) *replicated {
	r := &replicated{testkit.Servers(t, 3), map[string]*testkit.Line{}}
	over := r.DatabaseURL()
	more := []string{"--stale-reads", "10m", "--max-lag", maxLag.String(), "--imports", "100"} // the owner begins again before the last import has ended
	for _, node := range r.Nodes {
		at, err := url.Parse(r.NodeURL(node))
		require.NoError(t, err)
		line := testkit.NewLine(t, at.String())
		to, err := url.Parse(line.URL)
		require.NoError(t, err)
		r.lines[node] = line
		over = strings.Replace(over, at.Host, to.Host, 1)
		more = append(more, "--replica", line.URL)
	}
	for _, name := range r.Services {
		require.NoError(t, r.StartService(t.Context(), name, r.Program, append([]string{"serve", "--database-url", over, "--rate", "0", "--drain", testkit.Drain}, more...)...))
	}
	testkit.Eventually(t, func() bool { return r.Answers(t.Context(), "front", "/readyz") }, "HAProxy has found a service")
	return r
}

// fail runs callers while a part of the cluster fails: nobody is shown less than before, nobody what is not for them, and pages never
// end.
func fail(t *testing.T, r *replicated, fails func(*testing.T, *replicated, *load)) {
	l, stop := begin(t, r.Cluster)
	status, _, text := l.ask(t.Context(), l.owner, http.MethodPatch, "/api/sets/"+list, asJSON, []byte(`{"open": true}`))
	require.Equal(t, 200, status, string(text))
	l.replicas = true
	any := func() string { return r.URL(r.Services[rand.IntN(len(r.Services))]) }
	one := func(i int) func() string { return func() string { return r.URL(r.Services[i%len(r.Services)]) } }
	for range writers {
		l.again(l.caller("editor", any), l.add)
	}
	for i := range 8 {
		var as *caller
		switch i % 4 {
		case 0: // a program at any service
			as = l.caller("editor", any)
			as.sends = true
		case 1: // one that stays at a service, and sends nothing
			as = l.caller("editor", one(i))
		default: // a browser
			jar, err := cookiejar.New(nil)
			require.NoError(t, err)
			keeping := client()
			keeping.Jar = jar
			as = &caller{at: any, http: keeping}
		}
		l.again(as, func(ctx context.Context, as *caller) {
			if as.token != "" && rand.IntN(4) == 0 {
				l.add(ctx, as)
				as.read = gaps{longest: as.read.longest} // it did not want to read meanwhile
			}
			l.see(ctx, as)
		})
	}
	l.rights(any)
	l.more(true)
	fails(t, r, l)
	require.NoError(t, r.Settled(t.Context()))
	l.more(true)
	stop()
	assert.Empty(t, l.lost(), "acknowledged, and lost")
	assert.Less(t, l.read.longest, time.Second, "without a page")
}

// soon is when what was ended is gone.
const soon = time.Second

// refused are the statuses of a request that nobody may send any more.
var refused = []int{http.StatusUnauthorized, http.StatusForbidden, http.StatusNotFound}

// gone is what a caller may no longer read.
type gone struct {
	as    *caller
	path  string
	since time.Time
	what  string
}

// rights has tokens end and sets close, and asks for what is gone for a second.
func (l *load) rights(at func() string) {
	var all []gone
	var mu sync.Mutex
	// away does what ends a right until that is acknowledged, by who may already read a page.
	away := func(ctx context.Context, as *caller, set, method, path, body, what string) {
		page := "/api/sets/" + set + "/records?size=1"
		for range 5 { // a service may not have heard of it yet
			l.ask(ctx, as, http.MethodGet, page, nil, nil, refused...)
		}
		if l.done(ctx, method, path, body, http.StatusNotFound) {
			mu.Lock()
			defer mu.Unlock()
			all = append(all, gone{as, page, time.Now(), what})
		}
	}
	l.again(l.owner, func(ctx context.Context, _ *caller) {
		var got struct {
			Secret string
			ID     int64
		}
		if status, _, text := l.ask(ctx, l.owner, http.MethodPost, "/api/tokens", asJSON, []byte(`{"label": "soon ended", "role": "reader"}`)); status == http.StatusCreated && json.Unmarshal(text, &got) == nil {
			away(ctx, &caller{token: got.Secret, at: at, http: l.owner.http}, list, http.MethodDelete, fmt.Sprint("/api/tokens/", got.ID), "", "a token that has ended")
		}
	})
	nobody := &caller{at: at, http: client()}
	l.again(l.owner, func(ctx context.Context, _ *caller) {
		name := fmt.Sprint("gate", time.Now().UnixNano())
		set := "/api/sets/" + name
		status, _, _ := l.ask(ctx, l.owner, http.MethodPost, "/api/sets?name="+name, http.Header{"Content-Type": {"text/csv"}}, []byte("id\n1\n"))
		if status == http.StatusCreated && l.done(ctx, http.MethodPatch, set, `{"open": true}`) {
			away(ctx, nobody, name, http.MethodPatch, set, `{"open": false}`, "a set that was closed")
			pause(ctx)
			away(ctx, l.owner, name, http.MethodDelete, set, "", "a set that was removed")
		}
	})
	l.again(nil, func(ctx context.Context, _ *caller) {
		mu.Lock()
		old := slices.DeleteFunc(slices.Clone(all), func(g gone) bool { return time.Since(g.since) < soon })
		mu.Unlock()
		if len(old) == 0 {
			return
		}
		g := old[len(old)-1-rand.IntN(min(len(old), 20))]
		if status, _, text := l.ask(ctx, g.as, http.MethodGet, g.path, nil, nil, refused...); status == http.StatusOK {
			l.mu.Lock()
			defer l.mu.Unlock()
			l.note("%s for %v: %.300s", g.what, time.Since(g.since), text)
		}
	})
}

var asJSON = http.Header{"Content-Type": {"application/json"}}

// done has the owner do something until that is acknowledged.
func (l *load) done(ctx context.Context, method, path, body string, also ...int) bool {
	for ; ctx.Err() == nil; pause(ctx) {
		if status, _, _ := l.ask(ctx, l.owner, method, path, asJSON, []byte(body), also...); status > 0 && status < 300 || slices.Contains(also, status) {
			return true
		}
	}
	return false
}

// Whatever part fails, callers read on: nothing older than what they have seen or written, nothing that has been closed to them.
func TestReadersOfReplicasWhileAPartFails(t *testing.T) {
	r := serveReplicated(t)
	for _, p := range parts {
		t.Run(p.name, func(t *testing.T) { fail(t, r, p.fails) })
	}
}

// For an hour one part after the other fails, in any order.
func TestAnHourOfReadersOfReplicas(t *testing.T) {
	if !soak.Long {
		t.Skip("is run by make soak")
	}
	r := serveReplicated(t)
	seed := uint64(time.Now().UnixNano())
	t.Logf("seed %d", seed)
	draw := rand.New(rand.NewPCG(seed, 0))
	for until := time.Now().Add(time.Hour); time.Now().Before(until) && !t.Failed(); {
		p := parts[draw.IntN(len(parts))]
		t.Run(p.name, func(t *testing.T) { fail(t, r, p.fails) })
	}
}
