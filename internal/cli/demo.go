package cli

import (
	"github.com/spf13/cobra"

	"pageladder.example/demo"
)

func newDemo() *cobra.Command {
	var flags serveFlags
	cmd := &cobra.Command{
		Use:   "demo",
		Short: "Run the service with the demo data, Saltmere harbour",
		Long: `Run the service like "serve", with the made-up record sets of Saltmere harbour:
arrivals, berths and lost_property. Sets that are there already are kept as they are.`,
		Example: `  pageladder demo
  pageladder demo --listen 127.0.0.1:0 --data-dir /tmp/harbour`,
		Args: exactly(),
		RunE: func(cmd *cobra.Command, _ []string) error {
			return serve(cmd.Context(), flags, cmd.OutOrStdout(), cmd.ErrOrStderr(), demo.Load)
		},
	}
	flags.add(cmd)
	return cmd
}
