package cli

import (
	"bufio"
	"bytes"
	"encoding/csv"
	"encoding/json"
	"errors"
	"fmt"
	"io"
	"path/filepath"
	"strconv"
	"strings"

	"github.com/spf13/cobra"

	"pageladder.example/internal/intake"
	"pageladder.example/paging"
	"pageladder.example/paging/markup"
)

// listFlags say what a list is, where no service is asked.
type listFlags struct {
	rules, base, style, language, form string
}

func (l *listFlags) add(cmd *cobra.Command) {
	f := cmd.Flags()
	f.StringVar(&l.rules, "rules", "", "file with the rules, JSON or YAML; left out: the defaults")
	f.StringVar(&l.base, "base", "", "path, URL or RFC 6570 template that links are built on; left out: the rules'")
	f.StringVar(&l.language, "language", "en", "language that the page is described in")
	f.StringVar(&l.form, "as", "text", "text, json, html or link (the Link header)")
	f.StringVar(&l.style, "markup", "plain", "of html: plain, bootstrap or classed")
}

func (l *listFlags) read(in io.Reader) (*paging.Rules, paging.Base, error) {
	rules := &paging.Rules{}
	if l.rules != "" {
		text, err := readRulesFile(l.rules, in)
		if err != nil {
			return nil, paging.Base{}, err
		}
		if rules, err = paging.ParseRules(text); err != nil {
			return nil, paging.Base{}, usageError{rulesMistakes(err)}
		}
	}
	text := l.base
	if text == "" {
		text = rules.Base
	}
	if text == "" {
		return rules, paging.Base{}, nil
	}
	base, err := paging.ParseBase(text, rules.Origins...)
	if err != nil {
		return nil, paging.Base{}, usageError{err}
	}
	return rules, base.Outside(), nil
}

// settle settles a query; a refusal is an error that names every fault.
func settle(rules *paging.Rules, query string, total paging.Total) (paging.Page, error) {
	ask, err := rules.Read(strings.TrimPrefix(query, "?"))
	if err == nil {
		var page paging.Page
		if page, err = ask.Settle(total); err == nil {
			return page, nil
		}
	}
	return paging.Page{}, err
}

// reckoned is a page as JSON.
type reckoned struct {
	Records  []json.RawMessage   `json:"records,omitempty"`
	Paging   paging.Metadata     `json:"paging"`
	Adjusted []paging.Adjustment `json:"adjusted"`
	Links    paging.Steps        `json:"links"`
	Sizes    []paging.SizeLink   `json:"sizes"`
	Sorts    []paging.SortLink   `json:"sorts"`
	Ladder   []paging.Rung       `json:"ladder"`
}

func describe(page *paging.Page, base paging.Base) reckoned {
	links := page.On(base)
	return reckoned{Paging: page.Metadata(), Adjusted: page.Adjusted(), Links: links.Steps(), Sizes: links.Sizes(), Sorts: links.Sorts(), Ladder: links.Ladder()}
}

func (l *listFlags) write(out io.Writer, page *paging.Page, base paging.Base) error {
	view := markup.Of(page, base, markup.LanguageFor(l.language))
	switch l.form {
	case "json":
		enc := json.NewEncoder(out)
		enc.SetIndent("", "  ")
		enc.SetEscapeHTML(false)
		return enc.Encode(describe(page, base))
	case "html":
		style := markup.StyleOf(paging.MarkupRules{Style: paging.MarkupStyle(l.style), Classes: page.Ask().Rules().Markup.Classes})
		_, err := out.Write(style.AppendLadder(nil, &view))
		return err
	case "link":
		_, err := fmt.Fprintln(out, markup.LinkHeader(view.Steps))
		return err
	case "text":
	default:
		return usageError{fmt.Errorf("--as %q is none of text, json, html, link", l.form)}
	}
	m := page.Metadata()
	tellAdjusted(out, page.Adjusted())
	fmt.Fprintf(out, "page %d, size %d, offset %d, limit %d", m.Page, m.Size, m.Offset, m.Limit)
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
  pageladder reckon "page=99" --total 168 --as json --base /arrivals
  pageladder reckon "page=2" --as link`,
		Args: exactly("QUERY"),
	}
	l.add(cmd)
	cmd.Flags().Int64Var(&total, "total", -1, "how many records there are; left out: not known")
	cmd.Flags().BoolVar(&atLeast, "at-least", false, "there may be more than --total")
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
		return l.write(cmd.OutOrStdout(), &page, base)
	}
	return cmd
}

func newCut() *cobra.Command {
	var l listFlags
	var format string
	cmd := &cobra.Command{
		Use:   "cut FILE QUERY",
		Short: "Cut one page out of a file, without a service",
		Long: `Cut the page that a query asks for out of a CSV, NDJSON or JSON file; FILE - is the
standard input, with --format. The records come in the file's own order and form, and
what became of the query goes to the error output.`,
		Example: `  pageladder cut boats.csv "page=2&size=50"
  cat boats.ndjson | pageladder cut - "page=3" --format ndjson`,
		Args: exactly("FILE", "QUERY"),
	}
	cmd.Flags().StringVar(&l.rules, "rules", "", "file with the rules, JSON or YAML; left out: the defaults")
	cmd.Flags().StringVar(&format, "format", "", "csv, ndjson or json, where the file's name does not tell")
	cmd.RunE = func(cmd *cobra.Command, args []string) error {
		rules, _, err := l.read(cmd.InOrStdin())
		if err != nil {
			return err
		}
		if format == "" {
			format = strings.TrimPrefix(strings.ToLower(filepath.Ext(args[0])), ".")
		}
		text, err := readFile(args[0], cmd.InOrStdin())
		if err != nil {
			return err
		}
		head, lines, foot, between, err := split(text, format)
		if err != nil {
			return err
		}
		page, err := settle(rules, args[1], paging.Exact(int64(len(lines))))
		if err != nil {
			return err
		}
		tellAdjusted(cmd.ErrOrStderr(), page.Adjusted())
		fmt.Fprintln(cmd.ErrOrStderr(), page.Summary())
		out := bufio.NewWriter(cmd.OutOrStdout())
		out.WriteString(head)
		for i, line := range paging.Cut(lines, page) {
			if i > 0 {
				out.WriteString(between)
			}
			out.Write(line)
		}
		out.WriteString(foot)
		return out.Flush()
	}
	return cmd
}

// split splits a file into its records, each as it stands there, and what goes
// before, between and after them.
func split(text []byte, format string) (head string, records [][]byte, foot, between string, err error) {
	switch format {
	case "json":
		var list []json.RawMessage
		if err := json.Unmarshal(text, &list); err != nil {
			return "", nil, "", "", fmt.Errorf("the file should be one JSON array: %w", err)
		}
		for _, r := range list {
			records = append(records, r)
		}
		return "[", records, "]\n", ",\n", nil
	case "ndjson", "jsonl":
		dec := json.NewDecoder(bytes.NewReader(text))
		for {
			var r json.RawMessage
			err := dec.Decode(&r)
			if err == io.EOF {
				return "", records, "\n", "\n", nil
			}
			if err != nil {
				return "", nil, "", "", fmt.Errorf("record %d: %w", len(records)+1, err)
			}
			records = append(records, r)
		}
	case "csv":
		r := csv.NewReader(bytes.NewReader(text))
		r.FieldsPerRecord, r.LazyQuotes = -1, false
		from := int64(0)
		for {
			_, err := r.Read()
			if err == io.EOF {
				break
			}
			if err != nil {
				return "", nil, "", "", err
			}
			records = append(records, bytes.TrimLeft(text[from:r.InputOffset()], "\r\n"))
			from = r.InputOffset()
		}
		if len(records) == 0 {
			return "", nil, "", "", errors.New("the file is empty; its first line should name the fields")
		}
		last := &records[len(records)-1]
		if !bytes.HasSuffix(*last, []byte("\n")) {
			*last = append(bytes.Clone(*last), '\n')
		}
		return string(records[0]), records[1:], "", "", nil
	}
	return "", nil, "", "", usageError{fmt.Errorf("found format %q; right would be %s, %s or %s", format, intake.CSV, intake.NDJSON, intake.JSON)}
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
  pageladder ladder --pages 40 --as html --markup bootstrap`,
		Args: exactly(),
	}
	f := cmd.Flags()
	f.Int64Var(&pages, "pages", 40, "how many pages there are")
	f.Int64Var(&current, "page", 1, "the current page")
	f.IntVar(&reach, "reach", paging.DefaultReach, "pages on each side of the current one, 0 to 50")
	f.IntVar(&tips, "tips", paging.DefaultTips, "pages at each end, 0 to 10")
	f.BoolVar(&steady, "steady", true, "the same number of rungs wherever the current page is")
	f.BoolVar(&gapLinks, "gap-links", false, "a gap links to the lower middle one of its pages")
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
		page, err := settle(rules, rules.PageParam()+"="+strconv.FormatInt(current, 10), paging.Exact(pages))
		if err != nil {
			return err
		}
		if l.form == "text" {
			view := markup.Of(&page, base, markup.LanguageFor(l.language))
			_, err := fmt.Fprintln(cmd.OutOrStdout(), terminalOf(cmd.OutOrStdout()).ladder(&view))
			return err
		}
		return l.write(cmd.OutOrStdout(), &page, base)
	}
	return cmd
}
