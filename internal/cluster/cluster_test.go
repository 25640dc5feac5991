package cluster_test

import (
	"context"
	"os"
	"path/filepath"
	"testing"

	"github.com/stretchr/testify/require"

	"pageladder.example/internal/cluster"
	"pageladder.example/internal/testkit"
)

// wanted is set in the environment where these tests are to run.
const wanted = "PAGELADDER_CLUSTER"

// start starts a cluster, which ends with the test.
func start(t *testing.T) *cluster.Cluster {
	if os.Getenv(wanted) == "" {
		t.Skip("is run by make test-cluster: it needs minutes, and Debian packages of its own")
	}
	dir := t.TempDir()
	program, err := testkit.Binary(dir)
	require.NoError(t, err)
	c, err := cluster.New(testkit.DataDir(t), program)
	require.NoError(t, err)
	t.Cleanup(func() {
		if t.Failed() {
			showLogs(t, c)
		}
		require.NoError(t, c.Down())
	})
	require.NoError(t, c.Start(t.Context()))
	for i, url := range []string{c.DatabaseURL(), c.RoutedURL()} {
		require.NoError(t, c.StartService(t.Context(), c.Services[i], program, "serve", "--database-url", url, "--rate", "0"))
	}
	testkit.Eventually(t, func() bool { return c.Answers(t.Context(), "front", "/readyz") }, "HAProxy has found a service")
	return c
}

// showLogs shows the end of each part's log.
func showLogs(t *testing.T, c *cluster.Cluster) {
	logs, _ := filepath.Glob(filepath.Join(c.Dir, "*.log"))
	for _, path := range logs {
		if text, err := os.ReadFile(path); err == nil {
			t.Logf("%s:\n%s", filepath.Base(path), text[max(0, len(text)-4000):])
		}
	}
}

// Whatever fails, nothing that was acknowledged is lost, no page is wrong, and nobody waits for long.
func TestCallersWhileAPartFails(t *testing.T) {
	c := start(t)
	leader := func() string { return c.Leader(context.Background()) }
	t.Run("nothing", func(t *testing.T) { during(t, c, func() {}) })
	t.Run("switchover", func(t *testing.T) {
		during(t, c, func() { require.NoError(t, c.Switchover(t.Context(), "")) })
	})
	t.Run("kill", func(t *testing.T) {
		during(t, c, func() { require.NoError(t, c.Kill(leader())) })
	})
	t.Run("crash", func(t *testing.T) {
		during(t, c, func() {
			node := leader()
			require.NoError(t, c.Crash(node))
			testkit.Eventually(t, func() bool { now := leader(); return now != "" && now != node }, "another one is the primary")
			require.NoError(t, c.StartNode(node))
		})
	})
	t.Run("freeze", func(t *testing.T) {
		during(t, c, func() {
			node := leader()
			require.NoError(t, c.Freeze(node))
			testkit.Eventually(t, func() bool { now := leader(); return now != "" && now != node }, "another one is the primary")
			require.NoError(t, c.Thaw(node))
		})
	})
}
