package cli

import (
	"bufio"
	"bytes"
	"cmp"
	"encoding/json"
	"errors"
	"fmt"
	"io"
	"iter"
	"slices"
	"strconv"
	"strings"

	"github.com/spf13/cobra"
	"github.com/spf13/pflag"

	"pageladder.example/api"
	"pageladder.example/client"
	"pageladder.example/internal/nearest"
	"pageladder.example/paging"
	"pageladder.example/paging/markup"
	"pageladder.example/paging/query"
)

// questionFlags are the flags that become a set's query.
type questionFlags struct {
	page, size, row, sort, search, fields, at string
	after, before                             string
	filters                                   []string
}

func (q *questionFlags) add(cmd *cobra.Command) {
	f := cmd.Flags()
	f.StringVar(&q.size, "size", "", "records per page")
	f.StringVar(&q.sort, "sort", "", "sort keys; a leading - means descending: -tonnage,vessel")
	f.StringVar(&q.search, "search", "", "show records with these words")
	f.StringVar(&q.at, "at", "", "show the list as it was at this version")
	f.StringVar(&q.fields, "fields", "", "show only these fields, separated by commas")
	f.StringArrayVarP(&q.filters, "filter", "f", nil, "a filter, such as berth=N4 or tonnage.min=500; may be repeated")
	cmd.RegisterFlagCompletionFunc("sort", q.complete(func(set *api.SetInfo) (words []string) {
		for _, k := range set.Rules.Sorts {
			words = append(words, k.Key, "-"+k.Key)
		}
		return words
	}))
	cmd.RegisterFlagCompletionFunc("filter", q.complete(func(set *api.SetInfo) (words []string) {
		for _, param := range filterParams(set.Params) {
			words = append(words, param+"=")
		}
		return words
	}))
	cmd.RegisterFlagCompletionFunc("fields", q.complete(func(set *api.SetInfo) (words []string) {
		for _, f := range set.Fields {
			words = append(words, f.Name)
		}
		return words
	}))
}

// complete completes a flag from the set that the first argument names.
func (q *questionFlags) complete(words func(*api.SetInfo) []string) cobra.CompletionFunc {
	return func(cmd *cobra.Command, args []string, typed string) ([]string, cobra.ShellCompDirective) {
		none := cobra.ShellCompDirectiveNoFileComp | cobra.ShellCompDirectiveNoSpace
		if len(args) == 0 {
			return nil, none
		}
		c, err := connect(cmd)
		if err != nil {
			return nil, none
		}
		set, err := c.Set(cmd.Context(), args[0])
		if err != nil {
			return nil, none
		}
		before := ""
		if at := strings.LastIndexByte(typed, ','); at >= 0 { // the last of a list
			before = typed[:at+1]
		}
		var all []string
		for _, w := range words(set) {
			if strings.HasPrefix(before+w, typed) {
				all = append(all, before+w)
			}
		}
		return all, none
	}
}

// query writes the flags as a query, with the parameters' names of the set.
func (q *questionFlags) query(cmd *cobra.Command, c *client.Client, name string) (string, error) {
	set, err := c.Set(cmd.Context(), name)
	if err != nil {
		return "", err
	}
	names := set.Params
	var pairs []query.Pair
	for _, p := range []struct{ flag, name, value string }{{"page", names.Page, q.page}, {"size", names.Size, q.size}, {"row", names.Row, q.row}, {"after", names.After, q.after}, {"before", names.Before, q.before},
		{"sort", names.Sort, q.sort}, {"search", names.Search, q.search}, {"fields", names.Fields, q.fields}} {
		if cmd.Flags().Changed(p.flag) {
			if p.name == "" {
				return "", usageError{fmt.Errorf("--%s: %s has no parameter for that", p.flag, set.Name)}
			}
			pairs = append(pairs, query.Pair{Name: p.name, Value: p.value})
		}
	}
	for _, f := range q.filters {
		name, value, ok := strings.Cut(f, "=")
		if !ok {
			return "", usageError{fmt.Errorf("--filter %q is not of the form FIELD=VALUE or FIELD.OPERATOR=VALUE", f)}
		}
		if known := filterParams(names); !slices.Contains(known, name) {
			// Left to the service it would have no effect, and all records would come.
			hint := "it has no filters"
			if near := nearest.Name(name, known); near != "" {
				hint = fmt.Sprintf("did you mean %q?", near)
			} else if len(known) > 0 {
				hint = "it has " + strings.Join(known, ", ")
			}
			return "", usageError{fmt.Errorf("--filter %q: %s is not filtered by %q (%s)", f, set.Name, name, hint)}
		}
		pairs = append(pairs, query.Pair{Name: name, Value: value})
	}
	if q.at != "" {
		pairs = append(pairs, query.Pair{Name: api.VersionParam, Value: q.at})
	}
	return query.Encode(pairs...), nil
}

// filterParams are the parameters that filter a set.
func filterParams(names *api.ParamNames) (params []string) {
	for _, filter := range names.Filters {
		for _, op := range filter.Operators {
			params = append(params, op.Param)
		}
	}
	return params
}

func newPage() *cobra.Command {
	var q questionFlags
	var output string
	var all, interactive bool
	cmd := &cobra.Command{
		Use:   "page SET",
		Short: "Show one page of a record set",
		Long: `Show one page of a record set: its records as a table, the rows that it holds,
and the ladder with the current page in brackets. The error output says what the service
changed in the query, if anything.

--all prints every record, of one snapshot, however many there are. --interactive goes
from page to page by short words, through the list as it was when you began. --at shows
the list as it was at an earlier version, as long as the changes since are known; JSON
output has the version as paging.version. --after and --before read on from a cursor,
whatever has been added or removed elsewhere; the output ends with the command for the
next page.`,
		Example: `  pageladder page arrivals --page 3 --size 20 --sort -tonnage
  pageladder page arrivals --filter berth=N4 --filter tonnage.min=500 --search gull
  pageladder page berths --sort -depth_m,code -o csv
  pageladder page arrivals --page 2 --at 1
  pageladder page arrivals --sort id --after AbFKAm7XWV3CAQJpZAMyMA
  pageladder page arrivals --all -o ndjson`,
		Args: exactly("SET"),
	}
	q.add(cmd)
	cmd.Flags().StringVar(&q.page, "page", "", "page number, from 1; an offset if the set is addressed by offset")
	cmd.Flags().StringVar(&q.row, "row", "", "show the page that contains this row, from 1")
	cmd.Flags().StringVar(&q.after, "after", "", "show the page behind this cursor, from \"cursors\" in JSON output")
	cmd.Flags().StringVar(&q.before, "before", "", "show the page before this cursor")
	cmd.Flags().BoolVar(&all, "all", false, "every record, of one snapshot")
	cmd.Flags().BoolVarP(&interactive, "interactive", "i", false, "go from page to page")
	outputFlag(cmd, &output)
	return withClient(cmd, func(cmd *cobra.Command, c *client.Client, args []string) error {
		rawQuery, err := q.query(cmd, c, args[0])
		if err != nil {
			return err
		}
		fields := func() ([]api.Field, error) {
			set, err := c.Set(cmd.Context(), args[0])
			return set.Fields, err
		}
		switch {
		case all:
			if output == "table" {
				return usageError{errors.New("--all comes as -o csv, ndjson or json")}
			}
			stream, err := c.Stream(cmd.Context(), args[0], rawQuery)
			if err != nil {
				return err
			}
			defer stream.Close()
			for _, a := range stream.Adjusted {
				fmt.Fprintf(cmd.ErrOrStderr(), "%s: found %q (%s); %s used\n", a.Param, a.Given, a.Why, cmp.Or(a.Used, "nothing"))
			}
			if stream.Version > 0 {
				fmt.Fprintf(cmd.ErrOrStderr(), "%s at version %d\n", args[0], stream.Version)
			}
			return writeAll(cmd.OutOrStdout(), output, stream.Records())
		case interactive:
			return interact(cmd, c, args[0], rawQuery, fields)
		}
		page, err := showPage(cmd, c, args[0], rawQuery, output, fields)
		if err == nil && output == "table" && page.Paging.Page == nil {
			q.printNext(cmd, args[0], page)
		}
		return err
	})
}

// printNext prints the command for the page after one that has no number.
func (q *questionFlags) printNext(cmd *cobra.Command, set string, page *client.Page) {
	switch {
	case page.Paging.IsLast:
		return
	case page.Cursors == nil || page.Cursors.After == "":
		fmt.Fprintln(cmd.ErrOrStderr(), "No cursor leads on from here: the last record's values are too long for one.")
		return
	}
	words := []string{cmd.CommandPath(), set}
	cmd.Flags().Visit(func(f *pflag.Flag) {
		switch f.Name {
		case "after", "before", "row", "page":
		case "filter":
			for _, filter := range q.filters {
				words = append(words, "--filter", shellWord(filter))
			}
		default:
			words = append(words, "--"+f.Name, shellWord(f.Value.String()))
		}
	})
	fmt.Fprintln(cmd.OutOrStdout(), "Next:", strings.Join(append(words, "--after", page.Cursors.After), " "))
}

// shellWord is a word as a POSIX shell reads it.
func shellWord(word string) string {
	plain := func(r rune) bool {
		return r == '-' || r == '_' || r == '.' || r == ',' || r == '=' || r == ':' || r == '/' || '0' <= r && r <= '9' || 'a' <= r && r <= 'z' || 'A' <= r && r <= 'Z'
	}
	if word != "" && strings.IndexFunc(word, func(r rune) bool { return !plain(r) }) < 0 {
		return word
	}
	return "'" + strings.ReplaceAll(word, "'", `'\''`) + "'"
}

func showPage(cmd *cobra.Command, c *client.Client, set, rawQuery, output string, fields func() ([]api.Field, error)) (*client.Page, error) {
	answer, err := c.Page(cmd.Context(), set, rawQuery)
	if err != nil {
		return nil, err
	}
	printAdjusted(cmd.ErrOrStderr(), answer.Adjusted)
	if since := answer.Paging.ChangesSince; since != nil {
		fmt.Fprintf(cmd.ErrOrStderr(), "%s as it was at version %d; %s since\n", set, answer.Paging.Version, several(*since, "change"))
	}
	return answer, writePage(cmd.OutOrStdout(), output, answer, fields)
}

// writeAll writes records as they come.
func writeAll(w io.Writer, output string, records iter.Seq2[client.Record, error]) error {
	out := bufio.NewWriter(w)
	n := 0
	for record, err := range records {
		if err != nil {
			out.Flush()
			return err
		}
		fields := make([]api.Field, len(record))
		for i, v := range record {
			fields[i].Name = v.Field
		}
		switch {
		case output == "csv" && n == 0:
			err = writeCSV(out, fields, []client.Record{record})
		case output == "csv":
			err = writeCSV(out, nil, []client.Record{record})
		case output == "json":
			out.WriteString(map[bool]string{true: "[\n  ", false: ",\n  "}[n == 0])
			err = indented(out, record, "  ")
		default:
			err = writeNDJSON(out, []client.Record{record})
		}
		if err != nil {
			return err
		}
		n++
	}
	if output == "json" {
		out.WriteString(map[bool]string{true: "[]\n", false: "\n]\n"}[n == 0])
	}
	return out.Flush()
}

// indented writes one value as writeJSON does within a list.
func indented(w io.Writer, value any, prefix string) error {
	text, err := json.Marshal(value)
	if err != nil {
		return err
	}
	var b bytes.Buffer
	if err := json.Indent(&b, text, prefix, "  "); err != nil {
		return err
	}
	_, err = w.Write(b.Bytes())
	return err
}

// interact goes from page to page, by words that are typed.
func interact(cmd *cobra.Command, c *client.Client, set, rawQuery string, fields func() ([]api.Field, error)) error {
	const help = "n next, p previous, f first, l last, NUMBER go to, size N, sort KEYS, now, q quit"
	in := bufio.NewScanner(cmd.InOrStdin())
	// Links that hold the whole question, wherever the set's rules have them lead.
	own := func(rawQuery string) string { return query.With(rawQuery, "pl.base", "/") }
	page, err := showPage(cmd, c, set, own(rawQuery), "table", fields)
	if err != nil {
		return err
	}
	about, err := c.Set(cmd.Context(), set)
	if err != nil {
		return err
	}
	names := about.Params
	// The list holds still while it is read, where the service can do that.
	held := func(rawQuery string) string {
		if page.Paging.Version == 0 {
			return rawQuery
		}
		return query.With(rawQuery, api.VersionParam, strconv.FormatInt(page.Paging.Version, 10))
	}
	if page.Paging.Version > 0 {
		fmt.Fprintf(cmd.ErrOrStderr(), "The list holds still at version %d; now shows it as it is.\n", page.Paging.Version)
	}
	for {
		fmt.Fprintf(cmd.ErrOrStderr(), "%s > ", help)
		if !in.Scan() {
			fmt.Fprintln(cmd.ErrOrStderr())
			return in.Err()
		}
		word, value, _ := strings.Cut(strings.TrimSpace(in.Text()), " ")
		href := ""
		switch word {
		case "":
			continue
		case "q", "quit":
			return nil
		case "now":
			href = "?" + query.With(queryOf(page), api.VersionParam)
		case "n":
			href = page.Links.Next
		case "p":
			href = page.Links.Prev
		case "f":
			href = page.Links.First
		case "l":
			href = page.Links.Last
		case "size":
			rawQuery = with(queryOf(page), names.Size, value)
			if page.Paging.FirstRow != nil {
				rawQuery = with(rawQuery, names.Row, strconv.FormatInt(*page.Paging.FirstRow, 10))
			}
			href = "?" + query.With(rawQuery, names.Page)
		case "sort":
			href = "?" + query.With(with(queryOf(page), names.Sort, value), names.Page)
		default:
			n, err := strconv.ParseInt(word, 10, 64)
			if err != nil {
				fmt.Fprintf(cmd.ErrOrStderr(), "%q is none of: %s\n", word, help)
				continue
			}
			switch about.Rules.Addressing {
			case paging.ByOffset:
				n = (n - 1) * int64(page.Paging.Limit)
			case paging.ByCursor:
				n = (n-1)*int64(page.Paging.Limit) + 1
			}
			rawQuery := query.With(query.With(query.With(queryOf(page), names.Row), names.After), names.Before)
			href = "?" + with(rawQuery, cmp.Or(names.Page, names.Row), strconv.FormatInt(n, 10))
		}
		if href == "" {
			fmt.Fprintln(cmd.ErrOrStderr(), "There is no such page from here.")
			continue
		}
		if _, rawQuery, _ = strings.Cut(href, "?"); word != "now" {
			rawQuery = held(rawQuery)
		}
		next, err := showPage(cmd, c, set, own(rawQuery), "table", fields)
		if err != nil {
			var problem *client.Problem
			if !errors.As(err, &problem) {
				return err
			}
			fmt.Fprintln(cmd.ErrOrStderr(), problem)
			continue
		}
		page = next
	}
}

// queryOf is the query that a page settled to.
func queryOf(p *client.Page) string {
	_, rawQuery, _ := strings.Cut(p.Links.Self, "?")
	return rawQuery
}

// with is a query with another value of a parameter; an empty one takes it out.
func with(rawQuery, name, value string) string {
	if value = strings.TrimSpace(value); value == "" {
		return query.With(rawQuery, name)
	}
	return query.With(rawQuery, name, value)
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

func writePage(w io.Writer, output string, p *client.Page, fields func() ([]api.Field, error)) error {
	switch output {
	case "json":
		return writeJSON(w, p.Raw)
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
		lines = slices.Insert(lines, 0, drawTable(terminalOf(w), columns, p.Records))
	}
	view := markup.View{Paging: p.Paging, Ladder: p.Ladder, Steps: p.Links, Language: markup.LanguageFor("en")}
	if ladder := terminalOf(w).ladder(&view); ladder != "" {
		lines = append(lines, ladder)
	}
	_, err = fmt.Fprintln(w, strings.Join(lines, "\n"))
	return err
}

// shown are the fields that records have, in the records' order; where there
// are no records, all.
func shown(fields []api.Field, records []client.Record) []api.Field {
	if len(records) == 0 {
		return fields
	}
	byName := map[string]api.Field{}
	for _, f := range fields {
		byName[f.Name] = f
	}
	columns := make([]api.Field, len(records[0]))
	for i, v := range records[0] {
		columns[i] = byName[v.Field]
		columns[i].Name = v.Field
	}
	return columns
}
