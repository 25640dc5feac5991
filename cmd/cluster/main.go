// The program cluster runs Page Ladder's cluster on this machine, for trying out what happens when a part of it fails.
package main

import (
	"context"
	"fmt"
	"os"
	"os/signal"
	"path/filepath"
	"syscall"
	"text/tabwriter"

	"github.com/spf13/cobra"

	"pageladder.example/internal/cluster"
)

func main() {
	ctx, stop := signal.NotifyContext(context.Background(), os.Interrupt, syscall.SIGTERM)
	defer stop()
	root := command()
	if err := root.ExecuteContext(ctx); err != nil {
		fmt.Fprintln(os.Stderr, "cluster:", err)
		os.Exit(1)
	}
}

func command() *cobra.Command {
	root := &cobra.Command{
		Use:   "cluster",
		Short: "Run a cluster on this machine, and let parts of it fail",
		Long: `Run etcd, three PostgreSQL servers under Patroni (one of them synchronous), HAProxy and two services on loopback,
with the demo data. deploy/cluster has the settings, docs/cluster.md says what each of them buys.`,
		SilenceUsage: true, SilenceErrors: true,
	}
	var dir, program string
	root.PersistentFlags().StringVar(&dir, "dir", filepath.Join(os.TempDir(), "pageladder-cluster"), "folder of all its files")
	with := func(do func(ctx context.Context, c *cluster.Cluster, args []string) error) func(*cobra.Command, []string) error {
		return func(cmd *cobra.Command, args []string) error {
			c, err := cluster.Open(dir)
			if err != nil {
				return err
			}
			return do(cmd.Context(), c, args)
		}
	}
	up := &cobra.Command{Use: "up", Short: "Start everything, with the demo data", Args: cobra.NoArgs, RunE: func(cmd *cobra.Command, _ []string) error {
		return start(cmd, dir, program)
	}}
	up.Flags().StringVar(&program, "program", "bin/pageladder", "program of the services")
	root.AddCommand(up)
	one := func(use, short string, do func(c *cluster.Cluster, node string) error) {
		root.AddCommand(&cobra.Command{Use: use + " NODE", Short: short, Args: cobra.ExactArgs(1), RunE: with(func(_ context.Context, c *cluster.Cluster, args []string) error {
			return do(c, args[0])
		})})
	}
	root.AddCommand(&cobra.Command{Use: "renew NODE", Short: "Copy a standby anew from the primary", Args: cobra.ExactArgs(1), RunE: with(func(ctx context.Context, c *cluster.Cluster, args []string) error {
		return c.Renew(ctx, args[0])
	})})
	one("kill", "Kill a node's PostgreSQL", (*cluster.Cluster).Kill)
	one("crash", "Kill a node's PostgreSQL and its Patroni", (*cluster.Cluster).Crash)
	one("start", "Start a node that has crashed", (*cluster.Cluster).StartNode)
	one("freeze", "Stop all processes of a node where they are", (*cluster.Cluster).Freeze)
	one("thaw", "Let a frozen node go on", (*cluster.Cluster).Thaw)
	root.AddCommand(&cobra.Command{Use: "switchover [NODE]", Short: "Make another node the primary", Args: cobra.MaximumNArgs(1), RunE: with(func(ctx context.Context, c *cluster.Cluster, args []string) error {
		return c.Switchover(ctx, append(args, "")[0])
	})})
	root.AddCommand(&cobra.Command{Use: "status", Short: "Say how each part is", Args: cobra.NoArgs, RunE: func(cmd *cobra.Command, _ []string) error {
		c, err := cluster.Open(dir)
		if err != nil {
			return err
		}
		return status(cmd, c)
	}})
	root.AddCommand(&cobra.Command{Use: "down", Short: "End everything, and remove its files", Args: cobra.NoArgs, RunE: with(func(_ context.Context, c *cluster.Cluster, _ []string) error {
		return c.Down()
	})})
	return root
}

// start starts a cluster. What has been started ends again if not all of it does.
func start(cmd *cobra.Command, dir, program string) (err error) {
	if program, err = filepath.Abs(program); err != nil {
		return err
	}
	if _, err := os.Stat(program); err != nil {
		return fmt.Errorf("%w; make it with: make build", err)
	}
	c, err := cluster.New(dir, program, 2)
	if err != nil {
		return err
	}
	defer func() {
		if err != nil {
			c.Down()
		}
	}()
	if err := c.Start(cmd.Context()); err != nil {
		return err
	}
	// One service names all hosts, the other one goes by HAProxy: both are right.
	if err := c.StartService(cmd.Context(), c.Services[0], program, "demo", "--database-url", c.DatabaseURL(), "--drain", drain); err != nil {
		return err
	}
	if err := c.StartService(cmd.Context(), c.Services[1], program, "serve", "--database-url", c.RoutedURL(), "--drain", drain); err != nil {
		return err
	}
	return status(cmd, c)
}

// drain is longer than HAProxy takes to notice that a service is about to end.
const drain = "5s"

func status(cmd *cobra.Command, c *cluster.Cluster) error {
	t := tabwriter.NewWriter(cmd.OutOrStdout(), 0, 0, 2, ' ', 0)
	fmt.Fprintln(t, "PART\tSTATE\tTIMELINE\tADDRESS")
	for _, n := range c.Look(cmd.Context()) {
		what := n.State
		switch {
		case n.Primary():
			what = "primary"
		case n.Sync:
			what = "synchronous standby"
		case n.Role != "":
			what = "standby, " + n.State
		}
		fmt.Fprintf(t, "%s\t%s\t%d\t127.0.0.1:%d\n", n.Name, what, n.Timeline, c.Ports[n.Name])
	}
	for _, name := range append(c.Services, "front") {
		state := "not ready"
		if c.Answers(cmd.Context(), name, "/readyz") {
			state = "ready"
		}
		fmt.Fprintf(t, "%s\t%s\t\t%s\n", name, state, c.URL(name))
	}
	return t.Flush()
}
