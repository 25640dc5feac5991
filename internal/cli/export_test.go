package cli

import "github.com/spf13/cobra"

// Root is the command that all others are below.
func Root() *cobra.Command { return newRoot() }
