package cli

import (
	"context"

	"github.com/spf13/cobra"

	"pageladder.example/demo"
	"pageladder.example/internal/sets"
)

func newDemo() *cobra.Command {
	var tides int
	cmd := &cobra.Command{
		Use:   "demo",
		Short: "Run the service with the demo data, Saltmere harbour",
		Long: `Run the service like "serve", with the made-up record sets of Saltmere harbour:
arrivals, berths, lost_property and, with --tides, as many generated tides as asked
for. Sets that are there already are kept as they are.`,
		Example: `  pageladder demo
  pageladder demo --tides 1000000 --listen 127.0.0.1:0 --data-dir /tmp/harbour`,
		Args: exactly(),
		RunE: func(cmd *cobra.Command, _ []string) error {
			return serve(cmd, func(ctx context.Context, store *sets.Store) error { return demo.Load(ctx, store, tides) })
		},
	}
	configFlags(cmd.Flags())
	cmd.Flags().IntVar(&tides, "tides", 0, "number of tides to generate, if there are none yet")
	return cmd
}
