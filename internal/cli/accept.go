package cli

import (
	"context"

	"github.com/spf13/cobra"

	"pageladder.example/internal/sets"
)

func newAcceptPrimary() *cobra.Command {
	cmd := &cobra.Command{
		Use:   "accept-primary",
		Short: "Go on with a database that is behind what services have seen of it",
		Long: `Services refuse a database server that is behind what they have seen: one on an
earlier timeline, without the latest epoch, or with an earlier version of a set. Their
log says which. It may be a server that was thought dead, or an old copy: look for the
one that has the records that you want first. This command says that it is this server.
Versions jump, so that none is given out twice; lists that are held are gone. Services
go on within seconds. What other servers have, and this one has not, stays lost.`,
		Example: `  pageladder accept-primary --data-dir /srv/pageladder`,
		Args:    exactly(),
		RunE: func(cmd *cobra.Command, _ []string) error {
			return withDatabase(cmd, func(ctx context.Context, url string) error {
				if err := sets.AcceptPrimary(ctx, url); err != nil {
					return err
				}
				return outcome(cmd, "Accepted: services go on with this database as it is.", "done", "accepted")
			})
		},
	}
	databaseFlags(cmd.Flags())
	return telling(cmd)
}
