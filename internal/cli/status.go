package cli

import (
	"fmt"
	"strings"
	"time"

	"github.com/spf13/cobra"

	"pageladder.example/client"
)

func newStatus() *cobra.Command {
	var output string
	cmd := &cobra.Command{
		Use:   "status",
		Short: "Show the services that share the database, and how far that has come",
		Long: `Show the services that share the database of the one that answers, each with its version
and when it was heard last, and the timeline and epoch of the database. What an earlier
version cannot read is named: as long as it runs, no other one writes that.`,
		Example: `  pageladder status
  pageladder status -o json`,
		Args: exactly(),
	}
	outputFlag(cmd, &output)
	return withClient(cmd, func(cmd *cobra.Command, c *client.Client, _ []string) error {
		all, err := c.Services(cmd.Context())
		if err != nil {
			return err
		}
		out := cmd.OutOrStdout()
		if output == "table" {
			fmt.Fprintf(out, "Database: PostgreSQL %s, timeline %d, epoch %s since %s\n", all.PostgreSQL, all.Timeline, all.Epoch, all.EpochSince.UTC().Format("2006-01-02 15:04"))
		}
		t := newListing("service", "version", "started", "heard", "state", "cannot read")
		for _, s := range all.Services {
			state := "runs"
			switch {
			case s.Answers:
				state = "answers"
			case !s.Lives:
				state = "silent"
			}
			t.add(s.Address, s.Version, s.StartedAt.UTC().Format("2006-01-02 15:04"), ago(s.SeenAt), state, strings.Join(s.Lacks, ", "))
		}
		if err := t.write(out, output, all); err != nil || output != "table" || !all.Earlier {
			return err
		}
		_, err = fmt.Fprintln(out, "A program of an earlier version, which does not make itself known, uses the database too.")
		return err
	})
}

// ago says how long ago a moment was.
func ago(at time.Time) string {
	return max(0, time.Since(at)).Round(time.Second).String() + " ago"
}
