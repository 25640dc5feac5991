package cluster_test

import (
	"context"
	"math/rand/v2"
	"net/http"
	"os"
	"os/exec"
	"path/filepath"
	"slices"
	"strings"
	"testing"
	"time"

	"github.com/jackc/pgx/v5"
	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"pageladder.example/internal/cluster"
	"pageladder.example/internal/soak"
	"pageladder.example/internal/testkit"
)

// released builds the program that was released last.
func released(t *testing.T) string {
	commit, err := os.ReadFile("testdata/released")
	require.NoError(t, err)
	if exec.CommandContext(t.Context(), "git", "cat-file", "-e", strings.TrimSpace(string(commit))).Run() != nil {
		t.Skip("this clone of the repository does not reach back to it")
	}
	dir := t.TempDir()
	run := func(command string) {
		cmd := exec.CommandContext(t.Context(), "sh", "-c", command)
		out, err := cmd.CombinedOutput()
		require.NoError(t, err, string(out))
	}
	run("cd ../.. && git archive " + strings.TrimSpace(string(commit)) + " | tar -x -C " + dir)
	run("cd " + dir + " && go build -o pageladder ./cmd/pageladder")
	return filepath.Join(dir, "pageladder")
}

// failures are what happens to a cluster while callers write and read.
var failures = []struct {
	name    string
	happens func(t *testing.T, c *cluster.Cluster)
}{
	{"nothing", func(t *testing.T, c *cluster.Cluster) { during(t, c, func() {}) }},
	{"switchover", func(t *testing.T, c *cluster.Cluster) {
		during(t, c, func() { require.NoError(t, c.Switchover(t.Context(), "")) })
	}},
	{"kill", func(t *testing.T, c *cluster.Cluster) {
		during(t, c, func() { require.NoError(t, c.Kill(c.Leader(t.Context()))) })
	}},
	{"crash", func(t *testing.T, c *cluster.Cluster) {
		during(t, c, func() {
			node := c.Leader(t.Context())
			require.NoError(t, c.Crash(node))
			replaced(t, c, node)
			require.NoError(t, c.StartNode(node))
		})
	}},
	{"freeze", func(t *testing.T, c *cluster.Cluster) {
		during(t, c, func() {
			node := c.Leader(t.Context())
			require.NoError(t, c.Freeze(node))
			replaced(t, c, node)
			require.NoError(t, c.Thaw(node))
		})
	}},
	{"a standby freezes", func(t *testing.T, c *cluster.Cluster) {
		during(t, c, func() {
			node := c.Synchronous(t.Context())
			require.NoError(t, c.Freeze(node))
			testkit.Eventually(t, func() bool { now := c.Synchronous(t.Context()); return now != "" && now != node }, "another one is synchronous")
			require.NoError(t, c.Thaw(node))
		})
	}},
	{"all standbys freeze", func(t *testing.T, c *cluster.Cluster) {
		during(t, c, func() {
			leader := c.Leader(t.Context())
			standbys := slices.DeleteFunc(slices.Clone(c.Nodes), func(n string) bool { return n == leader })
			for _, node := range standbys {
				require.NoError(t, c.Freeze(node))
			}
			conn, err := c.Primary(t.Context())
			require.NoError(t, err)
			defer conn.Close(context.WithoutCancel(t.Context()))
			testkit.Eventually(t, func() bool {
				var waitsFor string
				return conn.QueryRow(t.Context(), "show synchronous_standby_names").Scan(&waitsFor) == nil && waitsFor == ""
			}, "the primary goes on alone")
			for _, node := range standbys {
				require.NoError(t, c.Thaw(node))
			}
		})
	}},
	{"stolen lock", stolenLock},
	{"update", func(t *testing.T, c *cluster.Cluster) {
		before := released(t)
		replace := func(program string, more ...string) {
			for _, name := range c.Services {
				require.NoError(t, c.StopService(name))
				testkit.ServeIn(t, c, name, program, more...)
				both := func() bool {
					return c.Answers(t.Context(), c.Services[0], "/readyz") && c.Answers(t.Context(), c.Services[1], "/readyz")
				}
				testkit.Eventually(t, both, "both services are ready")
			}
		}
		during(t, c, func() {
			replace(c.Program, "--drain", testkit.Drain)
			replace(before) // it knows nothing of a drain
		})
		during(t, c, func() { replace(c.Program, "--drain", testkit.Drain) })
	}},
}

// replaced waits until another node than one is the primary.
func replaced(t *testing.T, c *cluster.Cluster, node string) {
	testkit.Eventually(t, func() bool { now := c.Leader(t.Context()); return now != "" && now != node }, "another one is the primary")
}

// Whatever fails, nothing that was acknowledged is lost, no page is wrong, and nobody waits for long.
func TestCallersWhileAPartFails(t *testing.T) {
	c := testkit.Cluster(t)
	for _, f := range failures {
		t.Run(f.name, func(t *testing.T) { f.happens(t, c) })
	}
}

// For an hour one thing after the other fails, in any order.
func TestAnHourOfFailures(t *testing.T) {
	if !soak.Long {
		t.Skip("is run by make soak")
	}
	c := testkit.Cluster(t)
	seed := uint64(time.Now().UnixNano())
	t.Logf("seed %d", seed)
	draw := rand.New(rand.NewPCG(seed, 0))
	for until := time.Now().Add(time.Hour); time.Now().Before(until) && !t.Failed(); {
		f := failures[draw.IntN(len(failures))]
		t.Run(f.name, func(t *testing.T) { f.happens(t, c) })
	}
}

// stolenLock freezes the primary, and gives it the lock again when another one has taken its place: when it thaws, nothing is read from
// it or written to it before an operator says so. What was written to the other one is lost, and the services' logs say so.
func stolenLock(t *testing.T, c *cluster.Cluster) {
	said := func(name string) string {
		text, err := os.ReadFile(filepath.Join(c.Dir, name+".log"))
		require.NoError(t, err)
		return string(text)
	}
	began := map[string]int{}
	for _, name := range c.Services {
		began[name] = len(said(name))
	}
	frozen := c.Leader(t.Context())
	l, stop := callers(t, c)
	l.more(true)
	require.NoError(t, c.Freeze(frozen))
	sent := l.ids.Load() + writers // what is on its way to it may still be done when it thaws, and is not acknowledged
	replaced(t, c, frozen)
	l.more(true)
	steal := func(method, key, form string) {
		req, err := http.NewRequestWithContext(t.Context(), method, c.URL("etcd")+"/v2/keys/service/saltmere/"+key, strings.NewReader(form))
		require.NoError(t, err)
		req.Header.Set("Content-Type", "application/x-www-form-urlencoded")
		res, err := http.DefaultClient.Do(req)
		require.NoError(t, err)
		res.Body.Close()
		require.Equal(t, 200, res.StatusCode)
	}
	steal(http.MethodPut, "leader", "value="+frozen)
	steal(http.MethodDelete, "sync", "") // it names the other one
	require.NoError(t, c.Thaw(frozen))
	testkit.Eventually(t, func() bool { return c.Leader(t.Context()) == frozen }, "the frozen one is the primary again")
	for _, name := range c.Services {
		testkit.Eventually(t, func() bool { return strings.Contains(said(name)[began[name]:], "NOTHING IS READ FROM THIS SERVER") }, "the log says it")
		assert.Regexp(t, `it is on timeline \d+, and \d+ has been seen; .*it has log at version \d+, and \d+ has been seen`, said(name)[began[name]:])
		assert.False(t, c.Answers(t.Context(), name, "/readyz"))
	}
	conn, err := pgx.Connect(t.Context(), c.NodeURL(frozen))
	require.NoError(t, err)
	defer conn.Close(context.WithoutCancel(t.Context()))
	var table string
	require.NoError(t, conn.QueryRow(t.Context(), "select record_table from pageladder.record_set where name = 'log'").Scan(&table))
	for _, node := range c.Nodes { // Patroni does not let them follow a primary of an earlier timeline
		if node != frozen {
			require.NoError(t, c.Renew(t.Context(), node))
		}
	}
	testkit.Eventually(t, func() bool {
		ctx, cancel := context.WithTimeout(t.Context(), time.Second)
		defer cancel()
		return c.Settled(ctx) == nil
	}, "the cluster is whole")
	stop()
	var has, later int64
	require.NoError(t, conn.QueryRow(t.Context(), "select count(*), count(*) filter (where id > $1) from pageladder."+table, sent).Scan(&has, &later))
	assert.Zero(t, later, "something was written to it after it thawed")
	t.Logf("lost, as the logs say: %d of the acknowledged writes", l.acked.Load()-has+1)
	require.NoError(t, exec.CommandContext(t.Context(), c.Program, "accept-primary", "--database-url", c.DatabaseURL()).Run())
	testkit.Eventually(t, func() bool { return c.Answers(t.Context(), "front", "/readyz") }, "a service is ready")
	during(t, c, func() {})
}
