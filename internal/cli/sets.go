package cli

import (
	"errors"
	"fmt"
	"slices"
	"strconv"
	"strings"
	"time"

	"github.com/spf13/cobra"

	"pageladder.example/api"
	"pageladder.example/client"
	"pageladder.example/paging"
	"pageladder.example/paging/query"
	"pageladder.example/paging/value"
)

func newSets() *cobra.Command {
	cmd := &cobra.Command{Use: "sets", Short: "List, make, change and remove record sets"}
	cmd.AddCommand(newSetsList(), newSetsShow(), newSetsTypes(), newSetsImport(), newSetsAttach(), newSetsFollow(), newSetsUnfollow(), newSetsChange(), newSetsRemove(), newRules())
	return cmd
}

// onSets completes the first argument with the service's sets.
func onSets(cmd *cobra.Command, connect func() (*client.Client, error)) {
	cmd.ValidArgsFunction = func(cmd *cobra.Command, args []string, typed string) ([]string, cobra.ShellCompDirective) {
		switch {
		case len(args) == 0:
			return setNames(cmd, connect), cobra.ShellCompDirectiveNoFileComp
		case strings.Contains(cmd.Use, "KEY"):
			return keyParts(cmd, connect, args, typed), cobra.ShellCompDirectiveNoFileComp
		}
		return nil, cobra.ShellCompDirectiveNoFileComp
	}
}

// keyParts are values of the part of a key that is being typed, of the records of the
// list's first page that have the parts before it; for completion.
func keyParts(cmd *cobra.Command, connect func() (*client.Client, error), args []string, typed string) (parts []string) {
	c, err := connect()
	if err != nil {
		return nil
	}
	set, err := c.Set(cmd.Context(), args[0])
	if err != nil || len(args) > len(set.Rules.Key) {
		return nil
	}
	rules := set.Rules.Resolved()
	rawQuery := []query.Pair{{Name: set.Params.Size, Value: strconv.Itoa(rules.Size.Cap)}}
	if key := set.Rules.Key[0]; slices.ContainsFunc(set.Rules.Sorts, func(k paging.SortKey) bool { return k.Key == key && len(k.Fields) == 0 }) {
		rawQuery = append(rawQuery, query.Pair{Name: set.Params.Sort, Value: key})
	}
	page, err := c.Page(cmd.Context(), args[0], query.Encode(rawQuery...))
	if err != nil {
		return nil
	}
	for _, record := range page.Records {
		values := map[string]string{}
		for _, v := range record {
			values[v.Field], _ = v.Text()
		}
		fits := true
		for i, part := range args[1:] {
			fits = fits && values[set.Rules.Key[i]] == part
		}
		part := values[set.Rules.Key[len(args)-1]]
		if fits && strings.HasPrefix(part, typed) && !slices.Contains(parts, part) {
			parts = append(parts, part)
		}
	}
	return parts
}

// withClient makes a command that calls the service.
func withClient(cmd *cobra.Command, run func(cmd *cobra.Command, c *client.Client, args []string) error) *cobra.Command {
	connect := serverFlag(cmd)
	cmd.RunE = func(cmd *cobra.Command, args []string) error {
		c, err := connect()
		if err != nil {
			return err
		}
		return run(cmd, c, args)
	}
	onSets(cmd, connect)
	return cmd
}

func newSetsList() *cobra.Command {
	var output string
	cmd := &cobra.Command{
		Use: "list", Short: "List the record sets", Args: exactly(),
		Example: `  pageladder sets list
  pageladder sets list -o json`,
	}
	outputFlag(cmd, &output)
	return withClient(cmd, func(cmd *cobra.Command, c *client.Client, _ []string) error {
		all, err := c.Sets(cmd.Context())
		if err != nil {
			return err
		}
		t := newListing("name", "label", "kind", "records", "version", "changed_at", "open")
		for _, s := range all {
			t.add(s.Name, s.Label, s.Kind, s.Records, s.Version, s.ChangedAt.Format(time.RFC3339), s.Open)
		}
		return t.write(cmd.OutOrStdout(), output, all)
	})
}

func newSetsShow() *cobra.Command {
	var output string
	cmd := &cobra.Command{
		Use: "show SET", Short: "Show a set's fields, filters, sorts and sizes", Args: exactly("SET"),
		Example: `  pageladder sets show arrivals`,
	}
	outputFlag(cmd, &output)
	return withClient(cmd, func(cmd *cobra.Command, c *client.Client, args []string) error {
		set, err := c.Set(cmd.Context(), args[0])
		if err != nil {
			return err
		}
		t := newListing("field", "label", "type", "sort", "filter", "search")
		contains := func(names []string, name string) string {
			for _, n := range names {
				if n == name {
					return "yes"
				}
			}
			return ""
		}
		for _, f := range set.Fields {
			sort, filter := "", ""
			for _, k := range set.Rules.Sorts {
				if k.Key == f.Name || contains(k.Fields, f.Name) != "" {
					sort = k.Key
				}
			}
			for _, offered := range set.Params.Filters {
				if offered.Field == f.Name {
					var names []string
					for _, op := range offered.Operators {
						names = append(names, op.Param)
					}
					filter = strings.Join(names, " ")
				}
			}
			t.add(f.Name, f.Label, f.Type, sort, filter, contains(set.Rules.Search, f.Name))
		}
		if output == "table" {
			fmt.Fprintf(cmd.OutOrStdout(), "%s (%s), key %s\n", set.Label, set.Kind, strings.Join(set.Rules.Key, ","))
		}
		return t.write(cmd.OutOrStdout(), output, set)
	})
}

func newSetsAttach() *cobra.Command {
	a := api.AttachBody{}
	var remember time.Duration
	var types map[string]string
	var script bool
	cmd := &cobra.Command{
		Use:   "attach SET SOURCE TABLE",
		Short: "Make a set of a table or view of a source",
		Long: `Make a set of a table or view of a database that the operator named as a source
(serve --source). TABLE may be SCHEMA.TABLE. Its records stay where they are and are
only read.`,
		Example: `  pageladder sets attach boats yard public.boats --key no --fields name,crew
  pageladder sets attach calls yard calls --type id=integer
  pageladder sets attach calls yard calls --follow`,
		Args: exactly("SET", "SOURCE", "TABLE"),
	}
	cmd.Flags().StringVar(&a.Label, "label", "", "title of the set, for people")
	cmd.Flags().StringSliceVar(&a.Key, "key", nil, "fields that identify a record; needed for a view")
	cmd.Flags().StringSliceVar(&a.Fields, "fields", nil, "fields to show; left out: all")
	cmd.Flags().DurationVar(&remember, "remember", 0, "how long totals and positions may be remembered, such as 30s")
	cmd.Flags().BoolVar(&a.Follow, "follow", false, "follow the table's changes, as soon as its owner has run the script")
	cmd.Flags().BoolVar(&script, "follow-script", false, "also print the SQL that the owner of the table runs, and no other text")
	cmd.Flags().StringToStringVar(&types, "type", nil, "another type for a field, as FIELD=TYPE: integer for a bigint whose values are all within ±(2^53−1)")
	return withClient(telling(cmd), func(cmd *cobra.Command, c *client.Client, args []string) error {
		a.Name, a.Source, a.Table, a.Remember = args[0], args[1], args[2], int64(remember.Seconds())
		if schema, table, ok := strings.Cut(args[2], "."); ok {
			a.Schema, a.Table = schema, table
		}
		for field, name := range types {
			t, want := value.Parse(name)
			if want != "" {
				return usageError{fmt.Errorf("--type %s=%s; right would be %s", field, name, want)}
			}
			if a.Types == nil {
				a.Types = map[string]value.Type{}
			}
			a.Types[field] = t
		}
		a.Follow = a.Follow || script
		set, err := c.Attach(cmd.Context(), a)
		if err != nil {
			return err
		}
		if script {
			return followScript(cmd, c, set.Name, false)
		}
		for _, f := range set.Fields {
			if f.Unordered != "" {
				fmt.Fprintf(cmd.ErrOrStderr(), "%s can be neither sorted nor filtered by: %s.\n", f.Name, f.Unordered)
			}
		}
		if err := outcome(cmd, fmt.Sprintf("%s is attached, with %s.", set.Name, several(len(set.Fields), "field")), "set", set.Name, "fields", len(set.Fields)); err != nil || !a.Follow {
			return err
		}
		f, err := c.Following(cmd.Context(), set.Name)
		if err != nil {
			return err
		}
		if !f.Exact {
			fmt.Fprint(cmd.ErrOrStderr(), notYetFollowed(set.Name, f))
		}
		return nil
	})
}

// followScript prints the SQL that the owner of a set's table runs, or what takes it off.
func followScript(cmd *cobra.Command, c *client.Client, name string, undo bool) error {
	f, err := c.Following(cmd.Context(), name)
	if err != nil {
		return err
	}
	sql := f.Script
	if undo {
		sql = f.Undo
	}
	if sql == "" {
		return errors.New(strings.Join(f.Missing, "; "))
	}
	_, err = fmt.Fprint(cmd.OutOrStdout(), sql)
	return err
}

// notYetFollowed says what is missing for a set's table to be followed, and what to do.
func notYetFollowed(name string, f *api.Following) string {
	var b strings.Builder
	fmt.Fprintf(&b, "%s is not read by a change log: each page is counted and skipped to, which is slow in a long list. What is missing:\n", name)
	for _, m := range f.Missing {
		fmt.Fprintf(&b, "  %s\n", m)
	}
	if f.Script != "" {
		fmt.Fprintf(&b, "The owner of the table reads and runs what this prints:\n  pageladder sets follow %s --follow-script\n", name)
	}
	return b.String()
}

func newSetsFollow() *cobra.Command {
	var script bool
	cmd := &cobra.Command{
		Use: "follow SET", Short: "Follow the table of an attached set", Args: exactly("SET"),
		Long: `Follow the table of an attached set: totals and deep pages are then exact and quick while
its owner changes it. The owner of the table runs a script for that, which this prints with
--follow-script; without it this tells whether it is in place, and what is missing.`,
		Example: `  pageladder sets follow boats
  pageladder sets follow boats --follow-script > follow.sql`,
	}
	cmd.Flags().BoolVar(&script, "follow-script", false, "also print the SQL that the owner of the table runs, and no other text")
	return withClient(telling(cmd), func(cmd *cobra.Command, c *client.Client, args []string) error {
		yes := true
		if _, err := c.ChangeSet(cmd.Context(), args[0], api.SettingsChange{Follow: &yes}); err != nil {
			return err
		}
		if script {
			return followScript(cmd, c, args[0], false)
		}
		f, err := c.Following(cmd.Context(), args[0])
		if err != nil {
			return err
		}
		says := fmt.Sprintf("%s comes by its change log, which has %s (%.1f MB).", args[0], several(int(f.Images), "row"), float64(f.Bytes)/1e6)
		if !f.Exact {
			says = strings.TrimSuffix(notYetFollowed(args[0], f), "\n")
		}
		return outcome(cmd, says, "set", args[0], "exact", f.Exact, "missing", strings.Join(f.Missing, "; "), "images", f.Images, "bytes", f.Bytes)
	})
}

func newSetsUnfollow() *cobra.Command {
	var script bool
	cmd := &cobra.Command{
		Use: "unfollow SET", Short: "Stop following the table of an attached set", Args: exactly("SET"),
		Long: `Stop following the table of an attached set. From now on each page is counted and skipped to,
which is slow in a long list. The owner of the table removes the log by a script, which this
prints with --unfollow-script.`,
		Example: `  pageladder sets unfollow boats
  pageladder sets unfollow boats --unfollow-script > unfollow.sql`,
	}
	cmd.Flags().BoolVar(&script, "unfollow-script", false, "also print the SQL that removes the log from the table, and no other text")
	return withClient(telling(cmd), func(cmd *cobra.Command, c *client.Client, args []string) error {
		no := false
		if _, err := c.ChangeSet(cmd.Context(), args[0], api.SettingsChange{Follow: &no}); err != nil {
			return err
		}
		if script {
			return followScript(cmd, c, args[0], true)
		}
		return outcome(cmd, fmt.Sprintf("%s is no longer followed: each page is counted and skipped to from now on. The owner of its table removes the log by the script that this prints:\n  pageladder sets unfollow %[1]s --unfollow-script", args[0]), "set", args[0])
	})
}

func newSetsChange() *cobra.Command {
	var label, fixed string
	var open bool
	var remember time.Duration
	cmd := &cobra.Command{
		Use: "change SET", Short: "Change a set's label, fixed filter and who may read it", Args: exactly("SET"),
		Example: `  pageladder sets change berths --label "All berths"
  pageladder sets change arrivals --fixed cleared=true --open`,
	}
	f := cmd.Flags()
	f.StringVar(&label, "label", "", "title of the set, for people")
	f.StringVar(&fixed, "fixed", "", `fixed filter: readers see only the records that meet it; "" removes it`)
	f.BoolVar(&open, "open", false, "callers without a token may read it; --open=false ends that")
	f.DurationVar(&remember, "remember", 0, "of an attached set: how long totals and positions may be remembered")
	return withClient(telling(cmd), func(cmd *cobra.Command, c *client.Client, args []string) error {
		var change api.SettingsChange
		seconds := int64(remember.Seconds())
		if f.Changed("label") {
			change.Label = &label
		}
		if f.Changed("fixed") {
			change.Fixed = &fixed
		}
		if f.Changed("open") {
			change.Open = &open
		}
		if f.Changed("remember") {
			change.Remember = &seconds
		}
		if change == (api.SettingsChange{}) {
			return usageError{errors.New("nothing to change; name one of --label, --fixed, --open, --remember")}
		}
		set, err := c.ChangeSet(cmd.Context(), args[0], change)
		if err != nil {
			return err
		}
		return outcome(cmd, set.Name+" is changed.", "set", set.Name, "label", set.Label)
	})
}

func newSetsRemove() *cobra.Command {
	var yes bool
	cmd := &cobra.Command{
		Use: "remove SET", Short: "Remove a set with its records", Args: exactly("SET"),
		Long:    `Remove a set with its records; of an attached one nothing but what is known of it.`,
		Example: `  pageladder sets remove boats --yes`,
	}
	cmd.Flags().BoolVar(&yes, "yes", false, "do not ask")
	return withClient(telling(cmd), func(cmd *cobra.Command, c *client.Client, args []string) error {
		if !yes {
			fmt.Fprintf(cmd.ErrOrStderr(), "Remove %s with all its records? Type its name: ", args[0])
			var typed string
			fmt.Fscanln(cmd.InOrStdin(), &typed)
			if typed != args[0] {
				return usageError{errors.New("nothing was removed")}
			}
		}
		if err := c.RemoveSet(cmd.Context(), args[0]); err != nil {
			return err
		}
		return outcome(cmd, args[0]+" is removed.", "set", args[0], "done", "removed")
	})
}
