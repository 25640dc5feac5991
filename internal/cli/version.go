package cli

import (
	"fmt"
	"runtime"

	"github.com/spf13/cobra"
)

func newVersion() *cobra.Command {
	return telling(&cobra.Command{
		Use:     "version",
		Short:   "Print the version",
		Example: "  pageladder version",
		Args:    exactly(),
		RunE: func(cmd *cobra.Command, _ []string) error {
			return outcome(cmd, fmt.Sprintf("pageladder %s, %s %s/%s", Version, runtime.Version(), runtime.GOOS, runtime.GOARCH),
				"version", Version, "go", runtime.Version(), "system", runtime.GOOS+"/"+runtime.GOARCH)
		},
	})
}
