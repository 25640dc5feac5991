package cli

import (
	"fmt"
	"runtime"

	"github.com/spf13/cobra"
)

func newVersion() *cobra.Command {
	return &cobra.Command{
		Use:     "version",
		Short:   "Print the version",
		Example: "  pageladder version",
		Args:    exactly(),
		RunE: func(cmd *cobra.Command, _ []string) error {
			_, err := fmt.Fprintf(cmd.OutOrStdout(), "pageladder %s, %s %s/%s\n", Version, runtime.Version(), runtime.GOOS, runtime.GOARCH)
			return err
		},
	}
}
