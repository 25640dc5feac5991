package cli

import (
	"errors"
	"fmt"
	"io"
	"slices"
	"strconv"
	"strings"

	"github.com/spf13/cobra"

	"pageladder.example/api"
	"pageladder.example/paging"
	"pageladder.example/paging/markup"
	"pageladder.example/paging/query"
	"pageladder.example/paging/rulesfile"
)

// listFlags say what a list is, where no service is called.
type listFlags struct {
	rules, base, style, language, form string

	classes map[string]string // that the rules give for a "classed" ladder
}

func (l *listFlags) add(cmd *cobra.Command) {
	f := cmd.Flags()
	f.StringVar(&l.rules, "rules", "", "file with the rules, JSON or YAML; left out: the defaults")
	f.StringVar(&l.base, "base", "", "path, URL or RFC 6570 template that links are built on; left out: the rules'")
	f.StringVar(&l.language, "language", "en", "language that the page is described in")
	formFlag(cmd, &l.form, append(outputs[:len(outputs):len(outputs)], "html", "link")...)
	f.StringVar(&l.style, "markup", "plain", "classes of -o html: plain, bootstrap or classed")
	// What --output was called before it was called as everywhere else.
	old := (*outputAlias)(&l.form)
	f.Var(old, "as", "an older name of --output")
	f.MarkHidden("as")
}

func (l *listFlags) read(in io.Reader) (*rulesfile.Rules, paging.Base, error) {
	rules := rulesfile.Of(paging.Rules{})
	if l.rules != "" {
		text, err := readRulesFile(l.rules, in)
		if err != nil {
			return nil, paging.Base{}, err
		}
		if rules, err = rulesfile.Parse(text); err != nil {
			return nil, paging.Base{}, usageError{rulesMistakes(err)}
		}
	}
	l.classes = rules.Markup.Classes
	text := l.base
	if text == "" {
		text = rules.Base
	}
	if text == "" {
		return rules, paging.Base{}, nil
	}
	base, err := paging.ParseBase(text, rules.Origins...)
	if err != nil {
		return nil, paging.Base{}, usageError{errors.New(strings.TrimPrefix(err.Error(), "paging: "))}
	}
	return rules, base.Outside(), nil
}

// settle settles a query; a refusal is an error that names every fault.
func settle(rules *rulesfile.Rules, query string, total paging.Total) (paging.Page, error) {
	ask, err := rules.Read(strings.TrimPrefix(query, "?"))
	if err == nil {
		var page paging.Page
		if page, err = ask.Settle(total); err == nil {
			return page, nil
		}
	}
	return paging.Page{}, err
}

// outputAlias takes the words of the flag --as.
type outputAlias string

func (o *outputAlias) String() string { return "" }
func (o *outputAlias) Type() string   { return "string" }
func (o *outputAlias) Set(text string) error {
	if text == "text" {
		text = "table"
	}
	if !slices.Contains([]string{"table", "json", "html", "link"}, text) {
		return errors.New("right would be one of text, json, html, link")
	}
	*o = outputAlias(text)
	return nil
}

func (l *listFlags) write(out io.Writer, page paging.Page, base paging.Base) error {
	view := markup.Of(page, base, markup.LanguageFor(l.language))
	m := page.Metadata()
	switch l.form {
	case "json":
		return writeJSON(out, api.AboutPage(page, page.On(base)))
	case "csv", "ndjson":
		t := newListing("page", "size", "offset", "limit", "total_pages", "total_items", "first_row", "last_row", "sort", "summary")
		t.add(m.Page, m.Size, m.Offset, m.Limit, m.TotalPages, m.TotalItems, m.FirstRow, m.LastRow, m.Sort, m.Summary)
		return t.write(out, l.form, nil)
	case "html":
		style := markup.StyleOf(l.style, l.classes)
		_, err := out.Write(style.AppendLadder(nil, &view))
		return err
	case "link":
		_, err := fmt.Fprintln(out, markup.LinkHeader(view.Steps))
		return err
	}
	printAdjusted(out, page.Ask().Adjusted())
	if m.Page != nil {
		fmt.Fprintf(out, "page %d, ", *m.Page)
	}
	fmt.Fprintf(out, "size %d", m.Size)
	if m.Offset != nil {
		fmt.Fprintf(out, ", offset %d", *m.Offset)
	}
	fmt.Fprintf(out, ", limit %d", m.Limit)
	if m.Sort != "" {
		fmt.Fprintf(out, ", sort %s", m.Sort)
	}
	fmt.Fprintf(out, "\n%s\n", view.Summary())
	if ladder := terminalOf(out).ladder(&view); ladder != "" {
		fmt.Fprintln(out, ladder)
	}
	return nil
}

func newReckon() *cobra.Command {
	var l listFlags
	var total int64
	var atLeast bool
	cmd := &cobra.Command{
		Use:   "reckon QUERY",
		Short: "Settle a query on a total, without a service",
		Long: `Read a query string by rules and settle it on a total: the page, the offset and
limit for SQL, the rows, the links and the ladder. No service is asked.`,
		Example: `  pageladder reckon "page=3&size=20&colour=red" --total 168
  pageladder reckon "page=99" --total 168 -o json --base /arrivals
  pageladder reckon "page=2" -o link`,
		Args: exactly("QUERY"),
	}
	l.add(cmd)
	cmd.Flags().Int64Var(&total, "total", -1, "number of records; left out: not known")
	cmd.Flags().BoolVar(&atLeast, "at-least", false, "there may be more records than --total")
	cmd.RunE = func(cmd *cobra.Command, args []string) error {
		rules, base, err := l.read(cmd.InOrStdin())
		if err != nil {
			return err
		}
		known := paging.Exact(total)
		switch {
		case !cmd.Flags().Changed("total"):
			known = paging.NotCounted()
		case total < 0:
			return usageError{fmt.Errorf("--total %d; right would be 0 or more", total)}
		case atLeast:
			known = paging.AtLeast(total)
		}
		page, err := settle(rules, args[0], known)
		if err != nil {
			return err
		}
		return l.write(cmd.OutOrStdout(), page, base)
	}
	return cmd
}

func newLadder() *cobra.Command {
	var pages, current int64
	var reach, tips int
	var steady, gapLinks bool
	var l listFlags
	cmd := &cobra.Command{
		Use:   "ladder",
		Short: "Draw a ladder, for trying reach and tips",
		Example: `  pageladder ladder --pages 40 --page 7
  pageladder ladder --pages 400 --page 200 --reach 3 --tips 2 --steady=false
  pageladder ladder --pages 40 -o html --markup bootstrap`,
		Args: exactly(),
	}
	defaults := (&paging.Rules{}).Resolved().Ladder
	f := cmd.Flags()
	f.Int64Var(&pages, "pages", 40, "how many pages there are")
	f.Int64Var(&current, "page", 1, "the current page")
	f.IntVar(&reach, "reach", *defaults.Reach, "pages on each side of the current one, 0 to 50")
	f.IntVar(&tips, "tips", *defaults.Tips, "pages at each end, 0 to 10")
	f.BoolVar(&steady, "steady", true, "keep the ladder equally long on every page")
	f.BoolVar(&gapLinks, "gap-links", false, "a gap links to the page in its middle")
	l.add(cmd)
	cmd.RunE = func(cmd *cobra.Command, _ []string) error {
		rules, base, err := l.read(cmd.InOrStdin())
		if err != nil {
			return err
		}
		if f.Changed("reach") || rules.Ladder.Reach == nil {
			rules.Ladder.Reach = &reach
		}
		if f.Changed("tips") || rules.Ladder.Tips == nil {
			rules.Ladder.Tips = &tips
		}
		if f.Changed("steady") || rules.Ladder.Steady == nil {
			rules.Ladder.Steady = &steady
		}
		rules.Ladder.GapLinks = rules.Ladder.GapLinks || gapLinks
		if err := rules.Check(); err != nil {
			return usageError{rulesMistakes(err)}
		}
		if pages < 1 || pages > 1<<40 {
			return usageError{fmt.Errorf("--pages %d; right would be 1 or more", pages)}
		}
		rules.Size.Default = 1
		names := rules.Resolved().Params
		page, err := settle(rules, query.Encode(query.Pair{Name: names.Page + names.Offset, Value: strconv.FormatInt(current, 10)}), paging.Exact(pages))
		if err != nil {
			return err
		}
		view := markup.Of(page, base, markup.LanguageFor(l.language))
		switch l.form {
		case "csv", "ndjson":
			t := newListing("rung", "page", "from", "to", "href")
			for _, r := range view.Ladder {
				t.add(r.Kind, r.Page, r.From, r.To, r.Href)
			}
			return t.write(cmd.OutOrStdout(), l.form, nil)
		case "table":
			printAdjusted(cmd.OutOrStdout(), page.Ask().Adjusted())
			_, err := fmt.Fprintln(cmd.OutOrStdout(), terminalOf(cmd.OutOrStdout()).ladder(&view))
			return err
		}
		return l.write(cmd.OutOrStdout(), page, base)
	}
	return cmd
}
