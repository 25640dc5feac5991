package testkit

import (
	"os"
	"path/filepath"
	"testing"

	"github.com/stretchr/testify/require"

	"pageladder.example/internal/cluster"
)

// clusterWanted is set in the environment where tests of a cluster are to run.
const clusterWanted = "PAGELADDER_CLUSTER"

// Drain is longer than HAProxy takes to notice that a service is about to end.
const Drain = "5s"

// Cluster starts a cluster with two services, under ports that are free, which ends with the test.
func Cluster(t testing.TB) *cluster.Cluster {
	c := Servers(t, 2)
	for _, name := range c.Services {
		ServeIn(t, c, name, c.Program, "--drain", Drain)
	}
	Eventually(t, func() bool { return c.Answers(t.Context(), "front", "/readyz") }, "HAProxy has found a service")
	return c
}

// Servers starts a cluster in which no service runs yet.
func Servers(t testing.TB, services int) *cluster.Cluster {
	if os.Getenv(clusterWanted) == "" {
		t.Skip("is run by make test-cluster: it needs minutes, and Debian packages of its own")
	}
	program, err := Binary(t.TempDir())
	require.NoError(t, err)
	c, err := cluster.New(DataDir(t), program, services)
	require.NoError(t, err)
	t.Cleanup(func() {
		if t.Failed() {
			showLogs(t, c)
		}
		require.NoError(t, c.Down())
	})
	require.NoError(t, c.Start(t.Context()))
	return c
}

// ServeIn starts a service of a program in a cluster. One goes to the primary by its own address, the other one by HAProxy.
func ServeIn(t testing.TB, c *cluster.Cluster, name, program string, more ...string) {
	url := c.DatabaseURL()
	if name == c.Services[1] {
		url = c.RoutedURL()
	}
	require.NoError(t, c.StartService(t.Context(), name, program, append([]string{"serve", "--database-url", url, "--rate", "0"}, more...)...))
}

// showLogs shows the end of each part's log.
func showLogs(t testing.TB, c *cluster.Cluster) {
	logs, _ := filepath.Glob(filepath.Join(c.Dir, "*.log"))
	for _, path := range logs {
		if text, err := os.ReadFile(path); err == nil {
			t.Logf("%s:\n%s", filepath.Base(path), text[max(0, len(text)-4000):])
		}
	}
}
