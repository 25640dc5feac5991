package cli

import (
	"fmt"
	"io"
	"net/url"
	"slices"
	"strings"

	"github.com/spf13/cobra"

	"pageladder.example/client"
	"pageladder.example/paging/markup"
)

func newPage() *cobra.Command {
	var page, size, sort, output string
	cmd := &cobra.Command{
		Use:   "page SET",
		Short: "Show one page of a record set",
		Long: `Show one page of a record set: its records as a table, the rows that it holds,
and the ladder with the current page in brackets. What the service changed of the
question is told on the error output.`,
		Example: `  pageladder page arrivals --page 3 --size 20 --sort -tonnage
  pageladder page berths --sort -depth_m,code -o csv`,
		Args: exactly("SET"),
	}
	cmd.Flags().StringVar(&page, "page", "", "page number, from 1")
	cmd.Flags().StringVar(&size, "size", "", "records to a page")
	cmd.Flags().StringVar(&sort, "sort", "", "sort keys, a leading - is descending: -tonnage,vessel")
	outputFlag(cmd, &output)
	connect := serverFlag(cmd)
	cmd.RunE = func(cmd *cobra.Command, args []string) error {
		if err := checkOutput(output); err != nil {
			return err
		}
		c, err := connect()
		if err != nil {
			return err
		}
		var query []string
		for _, p := range []struct{ name, value string }{{"page", page}, {"size", size}, {"sort", sort}} {
			if cmd.Flags().Changed(p.name) {
				query = append(query, p.name+"="+url.QueryEscape(p.value))
			}
		}
		answer, err := c.Page(cmd.Context(), args[0], strings.Join(query, "&"))
		if err != nil {
			return err
		}
		for _, a := range answer.Adjusted {
			fmt.Fprintf(cmd.ErrOrStderr(), "%s: %s\n", a.Param, a.Says)
		}
		return writePage(cmd.OutOrStdout(), output, answer, func() ([]client.Field, error) {
			set, err := c.Set(cmd.Context(), args[0])
			return set.Fields, err
		})
	}
	cmd.ValidArgsFunction = func(cmd *cobra.Command, args []string, _ string) ([]string, cobra.ShellCompDirective) {
		if len(args) > 0 {
			return nil, cobra.ShellCompDirectiveNoFileComp
		}
		return setNames(cmd, connect), cobra.ShellCompDirectiveNoFileComp
	}
	return cmd
}

// setNames are the service's sets, for completion; none where it does not answer.
func setNames(cmd *cobra.Command, connect func() (*client.Client, error)) []string {
	c, err := connect()
	if err != nil {
		return nil
	}
	all, err := c.Sets(cmd.Context())
	if err != nil {
		return nil
	}
	names := make([]string, len(all))
	for i, set := range all {
		names[i] = set.Name
	}
	return names
}

func writePage(w io.Writer, output string, p *client.Page, fields func() ([]client.Field, error)) error {
	switch output {
	case "json":
		_, err := fmt.Fprintf(w, "%s\n", p.Raw)
		return err
	case "ndjson":
		return writeNDJSON(w, p.Records)
	}
	columns, err := fields()
	if err != nil {
		return err
	}
	columns = shown(columns, p.Records)
	if output == "csv" {
		return writeCSV(w, columns, p.Records)
	}
	lines := []string{p.Paging.Summary}
	if len(p.Records) > 0 {
		lines = slices.Insert(lines, 0, drawTable(columns, p.Records))
	}
	view := markup.View{Paging: p.Paging, Ladder: p.Ladder, Steps: p.Links, Language: markup.LanguageFor("en")}
	if ladder := markup.Text(&view, markup.TextOptions{}); ladder != "" {
		lines = append(lines, ladder)
	}
	_, err = fmt.Fprintln(w, strings.Join(lines, "\n"))
	return err
}

// shown are the fields that records came with, in the records' order; where there
// are no records, all.
func shown(fields []client.Field, records []client.Record) []client.Field {
	if len(records) == 0 {
		return fields
	}
	byName := map[string]client.Field{}
	for _, f := range fields {
		byName[f.Name] = f
	}
	columns := make([]client.Field, len(records[0]))
	for i, v := range records[0] {
		columns[i] = byName[v.Field]
		columns[i].Name = v.Field
	}
	return columns
}
