package cli_test

import (
	"fmt"
	"os"
	"strings"
	"testing"

	"github.com/spf13/cobra"
	"github.com/spf13/pflag"
	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"pageladder.example/internal/cli"
	"pageladder.example/internal/doctest"
)

const cliHead = `# The command line

This page is made from the commands' own help: ` + "`go test ./internal/cli -update`" + `. Commands that call a
service take ` + "`--server`" + ` (or PAGELADDER_SERVER; else http://127.0.0.1:8470) and a token: that in
the file of ` + "`--token-file`" + `, in PAGELADDER_TOKEN or, for a service on this machine, the owner's in its data
folder (` + "`--data-dir`" + `, or PAGELADDER_DATA_DIR). In CSV a missing value is an empty cell, empty text
is ` + "`\"\"`" + `. On a terminal a ladder fits its width, and there is colour; elsewhere, with NO_COLOR set
and with TERM=dumb there is none.

| exit code | meaning |
|---|---|
| 0 | done |
| 1 | failed |
| 2 | the command line, or a configuration, is wrong |
| 3 | no such set or record, or no such page where the rules refuse it |
| 4 | the service refused the question |
| 5 | no service answers, or its database is away |
`

func TestDocsTellEveryCommand(t *testing.T) {
	t.Setenv("PAGELADDER_SERVER", "")
	var b strings.Builder
	b.WriteString(cliHead)
	var walk func(cmd *cobra.Command)
	walk = func(cmd *cobra.Command) {
		if cmd.Runnable() && cmd.HasParent() && cmd.Name() != "help" {
			fmt.Fprintf(&b, "\n## %s\n\n%s.\n", cmd.CommandPath(), cmd.Short)
			if cmd.Long != "" {
				fmt.Fprintf(&b, "\n%s\n", cmd.Long)
			}
			fmt.Fprintf(&b, "\n    %s\n", cmd.UseLine())
			rows := ""
			cmd.Flags().VisitAll(func(f *pflag.Flag) {
				name, value := "--"+f.Name, f.DefValue
				if f.Shorthand != "" {
					name += ", -" + f.Shorthand
				}
				if f.Name == "data-dir" {
					value = "see [operations](operations.md)"
				}
				if f.Name != "help" && f.Name != "server" && !strings.HasPrefix(f.Usage, "data folder of the service") {
					rows += fmt.Sprintf("| `%s` | %s | %s |\n", name, strings.Trim(value, "[]"), strings.ReplaceAll(f.Usage, "|", "\\|"))
				}
			})
			if rows != "" {
				b.WriteString("\n| flag | default | |\n|---|---|---|\n" + rows)
			}
			if cmd.Example != "" {
				b.WriteString("\nFor example:\n\n")
				for line := range strings.SplitSeq(cmd.Example, "\n") {
					b.WriteString("  " + line + "\n")
				}
			}
		}
		for _, sub := range cmd.Commands() {
			if sub.Name() != "completion" && sub.Name() != "help" {
				walk(sub)
			}
		}
	}
	walk(cli.Root())
	doctest.Check(t, "../../docs/cli.md", b.String())
}

func TestExampleConfigurationNamesEveryFlag(t *testing.T) {
	text, err := os.ReadFile("../../deploy/pageladder.yaml")
	require.NoError(t, err)
	for _, cmd := range cli.Root().Commands() {
		if cmd.Name() == "serve" {
			cmd.Flags().VisitAll(func(f *pflag.Flag) {
				if f.Name != "config" && f.Name != "help" {
					assert.Regexp(t, `(?m)^(# )?`+f.Name+`:`, string(text))
				}
			})
		}
	}
}
