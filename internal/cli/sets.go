package cli

import (
	"bytes"
	"context"
	"crypto/rand"
	"encoding/json"
	"errors"
	"fmt"
	"io"
	"net/url"
	"os"
	"os/exec"
	"path/filepath"
	"strings"
	"sync/atomic"
	"time"

	"github.com/goccy/go-yaml"
	"github.com/schollz/progressbar/v3"
	"github.com/spf13/cobra"
	"golang.org/x/term"

	"pageladder.example/client"
	"pageladder.example/paging"
)

func newSets() *cobra.Command {
	cmd := &cobra.Command{Use: "sets", Short: "List, make, change and remove record sets"}
	cmd.AddCommand(newSetsList(), newSetsShow(), newSetsImport(), newSetsAttach(), newSetsChange(), newSetsRemove(), newRules())
	return cmd
}

// onSets completes the first argument with the service's sets.
func onSets(cmd *cobra.Command, connect func() (*client.Client, error)) {
	cmd.ValidArgsFunction = func(cmd *cobra.Command, args []string, _ string) ([]string, cobra.ShellCompDirective) {
		if len(args) > 0 {
			return nil, cobra.ShellCompDirectiveNoFileComp
		}
		return setNames(cmd, connect), cobra.ShellCompDirectiveNoFileComp
	}
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
		Use: "show SET", Short: "Show a set's fields and what it can be asked", Args: exactly("SET"),
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
			for i := range set.Rules.Filters {
				r := &set.Rules.Filters[i]
				if r.Field == f.Name {
					var names []string
					for _, op := range set.Rules.Offered(r) {
						names = append(names, set.Rules.OperatorParam(r, op))
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

var mediaTypes = map[string]string{".csv": "text/csv", ".tsv": "text/tab-separated-values", ".ndjson": "application/x-ndjson", ".jsonl": "application/x-ndjson",
	".json": "application/json", ".xlsx": "application/vnd.openxmlformats-officedocument.spreadsheetml.sheet"}

func newSetsImport() *cobra.Command {
	var label, key, format, delimiter, encoding, sheet, rules, aside, fixed string
	var types []string
	var check, again bool
	cmd := &cobra.Command{
		Use:   "import SET FILE",
		Short: "Make a set of a file, or replace its records",
		Long: `Make a set of a CSV, NDJSON, JSON or XLSX file, all or nothing; FILE - is the
standard input, with --format. Types and the key are found unless they are named. Rows
that are no records refuse the file and are listed, or are set aside into a file.`,
		Example: `  pageladder sets import boats boats.csv --key no
  pageladder sets import boats boats.csv --again --aside bad-boats.csv
  cat boats.ndjson | pageladder sets import boats - --format ndjson --check`,
		Args: exactly("SET", "FILE"),
	}
	f := cmd.Flags()
	f.StringVar(&label, "label", "", "what people call the set")
	f.StringVar(&key, "key", "", "the fields that identify a record, comma between")
	f.StringVar(&format, "format", "", "csv, ndjson, json or xlsx, where the file's name does not tell")
	f.StringVar(&delimiter, "delimiter", "", "of CSV: one character, or comma, semicolon, tab or bar")
	f.StringVar(&encoding, "encoding", "", "of CSV: utf-8 or windows-1252")
	f.StringVar(&sheet, "sheet", "", "of a workbook")
	f.StringArrayVar(&types, "type", nil, "a field's type, such as no=text; may be repeated")
	f.StringVar(&rules, "rules", "", "file with the rules, JSON or YAML")
	f.StringVar(&fixed, "fixed", "", "the fixed filter, such as cleared=true")
	f.StringVar(&aside, "aside", "", "file to set rows aside in that are no records")
	f.BoolVar(&check, "check", false, "only look at the file and tell what would be made of it")
	f.BoolVar(&again, "again", false, "the set is there; replace its records")
	return withClient(cmd, func(cmd *cobra.Command, c *client.Client, args []string) error {
		options := url.Values{}
		for name, value := range map[string]string{"label": label, "key": key, "format": format, "delimiter": delimiter, "encoding": encoding, "sheet": sheet, "fixed": fixed} {
			if value != "" {
				options.Set(name, value)
			}
		}
		for _, t := range types {
			field, kind, ok := strings.Cut(t, "=")
			if !ok {
				return usageError{fmt.Errorf("--type %q is not of the form FIELD=TYPE", t)}
			}
			options.Set("type."+field, kind)
		}
		if rules != "" {
			text, err := readRulesFile(rules, cmd.InOrStdin())
			if err != nil {
				return err
			}
			options.Set("rules", string(text))
		}
		if check {
			options.Set("check", "true")
		}
		if aside != "" {
			options.Set("aside", "true")
		}
		in := client.Import{Set: args[0], Again: again, Options: options, MediaType: mediaTypes[strings.ToLower(filepath.Ext(args[1]))]}
		size := int64(-1)
		if args[1] == "-" {
			in.File = cmd.InOrStdin()
		} else {
			file, err := os.Open(args[1])
			if err != nil {
				return usageError{err}
			}
			defer file.Close()
			if info, err := file.Stat(); err == nil {
				size = info.Size()
			}
			in.File = file
		}
		if in.MediaType == "" {
			if mediaTypes["."+format] == "" {
				return usageError{fmt.Errorf("the format of %s is not known by its name; say it with --format csv, ndjson, json or xlsx", args[1])}
			}
			in.MediaType = mediaTypes["."+format]
		}
		done, err := imported(cmd, c, in, size)
		if err != nil {
			var problem *client.Problem
			if errors.As(err, &problem) {
				writeBadRows(cmd.ErrOrStderr(), problem.Rows)
			}
			return err
		}
		out := cmd.OutOrStdout()
		if done.Aside != nil {
			if err := os.WriteFile(aside, []byte(done.Aside.CSV), 0o644); err != nil {
				return err
			}
			fmt.Fprintf(cmd.ErrOrStderr(), "rows that are no records: %s\n", aside)
		}
		if done.Bad != nil {
			writeBadRows(cmd.ErrOrStderr(), done.Bad.Rows)
			fmt.Fprintf(out, "%d rows are no records.\n", done.Bad.Count)
		}
		t := newListing("field", "label", "type")
		for _, f := range done.Fields {
			t.add(f.Name, f.Label, f.Type)
		}
		if err := t.write(out, "table", nil); err != nil {
			return err
		}
		if done.Set == nil {
			fmt.Fprintf(out, "%d records, key %s; nothing was kept.\n", done.Rows, strings.Join(done.Key, ","))
		} else {
			fmt.Fprintf(out, "%s has %d records, key %s.\n", done.Set.Name, *done.Set.Records, strings.Join(done.Key, ","))
		}
		return nil
	})
}

// imported sends a file and shows how far the import has come: what has been sent,
// and then the rows that have been taken in.
func imported(cmd *cobra.Command, c *client.Client, in client.Import, size int64) (*client.Imported, error) {
	errOut, ok := cmd.ErrOrStderr().(*os.File)
	if !ok || !term.IsTerminal(int(errOut.Fd())) {
		return c.Import(cmd.Context(), in)
	}
	name := rand.Text()
	in.Options.Set("progress", name)
	whole := int64(-1) // a spinner
	if size > 0 {
		whole = 3 * size // is sent, looked at and loaded
	}
	bar := progressbar.NewOptions64(whole, progressbar.OptionSetWriter(errOut), progressbar.OptionSetWidth(30), progressbar.OptionSetElapsedTime(false),
		progressbar.OptionSetPredictTime(false), progressbar.OptionSetDescription("sending"), progressbar.OptionClearOnFinish())
	sent := &counted{r: in.File}
	in.File = sent
	ctx, stop := context.WithCancel(cmd.Context())
	ended := make(chan struct{})
	go func() {
		defer close(ended)
		began, rows := time.Now(), int64(0)
		for {
			select {
			case <-ctx.Done():
				return
			case <-time.After(200 * time.Millisecond):
			}
			at := sent.bytes.Load()
			if p, err := c.Progress(ctx, name); err == nil && p.Rows > 0 {
				at += p.Bytes
				what := "looking at"
				if p.Pass == "load" {
					at, what = at+size, "loading"
				}
				if p.Rows < rows { // the next pass
					began = time.Now()
				}
				rows = p.Rows
				bar.Describe(fmt.Sprintf("%s %d rows, %.0f a second", what, p.Rows, float64(p.Rows)/time.Since(began).Seconds()))
			}
			bar.Set64(min(at, max(whole-1, 0)))
		}
	}()
	done, err := c.Import(cmd.Context(), in)
	stop()
	<-ended
	bar.Finish()
	return done, err
}

// counted counts what is read through it.
type counted struct {
	r     io.Reader
	bytes atomic.Int64
}

func (c *counted) Read(p []byte) (int, error) {
	n, err := c.r.Read(p)
	c.bytes.Add(int64(n))
	return n, err
}

func writeBadRows(w io.Writer, rows []client.BadRow) {
	for _, r := range rows {
		where := fmt.Sprintf("line %d", r.Line)
		if r.Field != "" {
			where += ", " + r.Field
		}
		if r.Found != "" {
			where += fmt.Sprintf(", found %q", r.Found)
		}
		fmt.Fprintf(w, "%s: %s\n", where, r.Reason)
	}
}

func newSetsAttach() *cobra.Command {
	a := client.Attach{}
	var remember time.Duration
	cmd := &cobra.Command{
		Use:   "attach SET SOURCE TABLE",
		Short: "Make a set of a table or view of a source",
		Long: `Make a set of a table or view of a database that the operator named as a source
(serve --source). TABLE may be SCHEMA.TABLE. Its records stay where they are and are
only read.`,
		Example: `  pageladder sets attach boats yard public.boats --key no --fields name,crew`,
		Args:    exactly("SET", "SOURCE", "TABLE"),
	}
	cmd.Flags().StringVar(&a.Label, "label", "", "what people call the set")
	cmd.Flags().StringSliceVar(&a.Key, "key", nil, "the fields that identify a record; of a view")
	cmd.Flags().StringSliceVar(&a.Fields, "fields", nil, "the fields that are shown; none: all")
	cmd.Flags().DurationVar(&remember, "remember", 0, "how long totals and footholds may be remembered, such as 30s")
	return withClient(cmd, func(cmd *cobra.Command, c *client.Client, args []string) error {
		a.Name, a.Source, a.Table, a.Remember = args[0], args[1], args[2], int64(remember.Seconds())
		if schema, table, ok := strings.Cut(args[2], "."); ok {
			a.Schema, a.Table = schema, table
		}
		set, err := c.Attach(cmd.Context(), a)
		if err != nil {
			return err
		}
		fmt.Fprintf(cmd.OutOrStdout(), "%s is attached, with %d fields.\n", set.Name, len(set.Fields))
		return nil
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
	f.StringVar(&label, "label", "", "what people call the set")
	f.StringVar(&fixed, "fixed", "", `the fixed filter, which binds readers; "" for none`)
	f.BoolVar(&open, "open", false, "callers without a token may read it; --open=false ends that")
	f.DurationVar(&remember, "remember", 0, "of an attached set: how long totals and footholds may be remembered")
	return withClient(cmd, func(cmd *cobra.Command, c *client.Client, args []string) error {
		var change client.SettingsChange
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
		if change == (client.SettingsChange{}) {
			return usageError{errors.New("nothing to change; name one of --label, --fixed, --open, --remember")}
		}
		set, err := c.ChangeSet(cmd.Context(), args[0], change)
		if err != nil {
			return err
		}
		fmt.Fprintf(cmd.OutOrStdout(), "%s is changed.\n", set.Name)
		return nil
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
	return withClient(cmd, func(cmd *cobra.Command, c *client.Client, args []string) error {
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
		fmt.Fprintf(cmd.OutOrStdout(), "%s is removed.\n", args[0])
		return nil
	})
}

func newRules() *cobra.Command {
	cmd := &cobra.Command{Use: "rules", Short: "Show, edit, check and apply a set's rules"}
	cmd.AddCommand(newRulesShow(), newRulesEdit(), newRulesCheck(), newRulesApply())
	return cmd
}

// readRulesFile reads rules from JSON or YAML, as JSON.
func readRulesFile(path string, in io.Reader) ([]byte, error) {
	text, err := readFile(path, in)
	if err != nil {
		return nil, err
	}
	if trimmed := bytes.TrimSpace(text); len(trimmed) > 0 && trimmed[0] == '{' {
		return text, nil
	}
	asJSON, err := yaml.YAMLToJSON(text)
	if err != nil {
		return nil, usageError{fmt.Errorf("%s is neither JSON nor YAML: %w", path, err)}
	}
	return asJSON, nil
}

func readFile(path string, in io.Reader) ([]byte, error) {
	if path == "-" {
		return io.ReadAll(in)
	}
	text, err := os.ReadFile(path)
	if err != nil {
		return nil, usageError{err}
	}
	return text, nil
}

func newRulesShow() *cobra.Command {
	var asJSON bool
	cmd := &cobra.Command{
		Use: "show SET", Short: "Show a set's rules as YAML", Args: exactly("SET"),
		Example: `  pageladder sets rules show arrivals > arrivals.yaml`,
	}
	cmd.Flags().BoolVar(&asJSON, "json", false, "as JSON")
	return withClient(cmd, func(cmd *cobra.Command, c *client.Client, args []string) error {
		text, _, err := c.Rules(cmd.Context(), args[0])
		if err == nil && !asJSON {
			text, err = yaml.JSONToYAML(text)
		}
		if err != nil {
			return err
		}
		_, err = cmd.OutOrStdout().Write(text)
		return err
	})
}

func newRulesCheck() *cobra.Command {
	return &cobra.Command{
		Use: "check FILE", Short: "Name every mistake in rules, without a service", Args: exactly("FILE"),
		Example: `  pageladder sets rules check arrivals.yaml`,
		RunE: func(cmd *cobra.Command, args []string) error {
			text, err := readRulesFile(args[0], cmd.InOrStdin())
			if err != nil {
				return err
			}
			if _, err := paging.ParseRules(text); err != nil {
				return rulesMistakes(err)
			}
			fmt.Fprintln(cmd.OutOrStdout(), "The rules have no mistakes.")
			return nil
		},
	}
}

// rulesMistakes tells what is wrong with rules, a line each.
func rulesMistakes(err error) error {
	var all paging.RuleErrors
	if !errors.As(err, &all) {
		return err
	}
	lines := make([]string, len(all))
	for i, e := range all {
		lines[i] = e.Error()
	}
	return errors.New("the rules have mistakes:\n  " + strings.Join(lines, "\n  "))
}

func newRulesApply() *cobra.Command {
	cmd := &cobra.Command{
		Use: "apply SET FILE", Short: "Replace a set's rules", Args: exactly("SET", "FILE"),
		Example: `  pageladder sets rules apply arrivals arrivals.yaml`,
	}
	return withClient(cmd, func(cmd *cobra.Command, c *client.Client, args []string) error {
		text, err := readRulesFile(args[1], cmd.InOrStdin())
		if err != nil {
			return err
		}
		_, tag, err := c.Rules(cmd.Context(), args[0])
		if err == nil {
			err = c.ReplaceRules(cmd.Context(), args[0], text, tag)
		}
		if err == nil {
			fmt.Fprintf(cmd.OutOrStdout(), "The rules of %s are replaced.\n", args[0])
		}
		return err
	})
}

func newRulesEdit() *cobra.Command {
	cmd := &cobra.Command{
		Use: "edit SET", Short: "Edit a set's rules in $EDITOR", Args: exactly("SET"),
		Long: `Edit a set's rules as YAML in the editor of $VISUAL or $EDITOR. What has mistakes
is not taken, and stays in its file. Rules that have changed meanwhile are not
overwritten.`,
		Example: `  EDITOR=nano pageladder sets rules edit arrivals`,
	}
	return withClient(cmd, func(cmd *cobra.Command, c *client.Client, args []string) error {
		editor := os.Getenv("VISUAL")
		if editor == "" {
			editor = os.Getenv("EDITOR")
		}
		if editor == "" {
			return usageError{errors.New("neither $VISUAL nor $EDITOR names an editor")}
		}
		text, tag, err := c.Rules(cmd.Context(), args[0])
		if err == nil {
			text, err = yaml.JSONToYAML(text)
		}
		if err != nil {
			return err
		}
		file, err := os.CreateTemp("", "rules-"+args[0]+"-*.yaml")
		if err != nil {
			return err
		}
		if _, err := file.Write(text); err != nil || file.Close() != nil {
			return fmt.Errorf("writing %s: %w", file.Name(), err)
		}
		run := exec.CommandContext(cmd.Context(), "sh", "-c", editor+` "$1"`, "editor", file.Name())
		run.Stdin, run.Stdout, run.Stderr = cmd.InOrStdin(), cmd.OutOrStdout(), cmd.ErrOrStderr()
		if err := run.Run(); err != nil {
			return fmt.Errorf("the editor: %w", err)
		}
		edited, err := os.ReadFile(file.Name())
		if err != nil {
			return err
		}
		if bytes.Equal(edited, text) {
			fmt.Fprintln(cmd.OutOrStdout(), "Nothing was changed.")
			return os.Remove(file.Name())
		}
		asJSON, err := readRulesFile(file.Name(), nil)
		if err == nil {
			_, err = paging.ParseRules(asJSON)
		}
		if err == nil {
			err = c.ReplaceRules(cmd.Context(), args[0], json.RawMessage(asJSON), tag)
		}
		if err != nil {
			return fmt.Errorf("%w\nwhat you wrote is in %s", rulesMistakes(err), file.Name())
		}
		fmt.Fprintf(cmd.OutOrStdout(), "The rules of %s are replaced.\n", args[0])
		return os.Remove(file.Name())
	})
}
