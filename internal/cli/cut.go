package cli

import (
	"bufio"
	"bytes"
	"context"
	"encoding/json"
	"fmt"
	"io"
	"os"
	"path/filepath"
	"strings"

	"github.com/spf13/cobra"

	"pageladder.example/client"
	"pageladder.example/internal/intake"
	"pageladder.example/paging"
	"pageladder.example/paging/choose"
	"pageladder.example/paging/value"
)

func newCut() *cobra.Command {
	var l listFlags
	var format, delimiter, output string
	cmd := &cobra.Command{
		Use:   "cut FILE QUERY",
		Short: "Cut one page out of a file, without a service",
		Long: `Filter, search and sort the records of a CSV, NDJSON or JSON file by a query, and cut
the page that it asks for; FILE - is the standard input, with --format. The records come
as they stand in the file, unless -o asks for another form, and what became of the query
goes to the error output. What can be filtered, searched and sorted by is in the rules;
without --rules the file is paged and no more. Only a file that has to be sorted is held
in memory.`,
		Example: `  pageladder cut boats.csv "page=2&size=50"
  pageladder cut boats.csv "size=5" --delimiter semicolon -o table
  cat boats.ndjson | pageladder cut - "page=3" --format ndjson`,
		Args: exactly("FILE", "QUERY"),
	}
	cmd.Flags().StringVar(&l.rules, "rules", "", "file with the rules, JSON or YAML; left out: the defaults")
	cmd.Flags().StringVar(&format, "format", "", "csv, ndjson or json, if the file's name does not say")
	cmd.Flags().StringVar(&delimiter, "delimiter", "", "delimiter of CSV: one character, or comma, semicolon, tab or bar; left out: detected")
	formFlag(cmd, &output, append([]string{"file"}, outputs...)...)
	cmd.RunE = func(cmd *cobra.Command, args []string) error {
		rules, _, err := l.read(cmd.InOrStdin())
		if err != nil {
			return err
		}
		if format == "" {
			format = strings.TrimPrefix(strings.ToLower(filepath.Ext(args[0])), ".")
		}
		f := cutFile{ctx: cmd.Context(), output: output}
		if f.options.Format, err = fileFormat(format); err != nil {
			return err
		}
		if f.options.Delimiter, err = intake.DelimiterNamed(delimiter); err != nil {
			return usageError{fmt.Errorf("--delimiter: %w", err)}
		}
		if f.file, err = seekable(args[0], cmd.InOrStdin()); err != nil {
			return err
		}
		defer f.file.Close()
		ask, err := rules.Read(strings.TrimPrefix(args[1], "?"))
		if err != nil {
			return err
		}
		page, err := f.cut(cmd.OutOrStdout(), ask)
		if err != nil {
			return err
		}
		printAdjusted(cmd.ErrOrStderr(), page.Ask().Adjusted())
		fmt.Fprintln(cmd.ErrOrStderr(), page.Metadata().Summary)
		return nil
	}
	return cmd
}

// fileFormat is the format that a name stands for.
func fileFormat(name string) (intake.Format, error) {
	switch name {
	case "csv", "tsv":
		return intake.CSV, nil
	case "ndjson", "jsonl":
		return intake.NDJSON, nil
	case "json":
		return intake.JSON, nil
	}
	return "", usageError{fmt.Errorf("found format %q; right would be %s, %s or %s", name, intake.CSV, intake.NDJSON, intake.JSON)}
}

// seekable opens a file, or puts the standard input into one that has no name.
func seekable(path string, in io.Reader) (*os.File, error) {
	if path != "-" {
		file, err := os.Open(path)
		if err != nil {
			return nil, usageError{err}
		}
		return file, nil
	}
	file, err := os.CreateTemp("", "pageladder-cut-")
	if err != nil {
		return nil, err
	}
	_, err = io.Copy(file, in)
	if err2 := os.Remove(file.Name()); err == nil {
		err = err2
	}
	if err != nil {
		file.Close()
		return nil, err
	}
	return file, nil
}

// cutFile is a file that a page is cut out of.
type cutFile struct {
	ctx     context.Context
	file    *os.File
	options intake.Options
	output  string

	types map[string]value.Type // of the fields, by each of their names
	head  string                // of CSV, the line that names the fields
}

// cutRecord is one record: its text, and its fields' values.
type cutRecord struct {
	raw    []byte
	values map[string]choose.Value
	fields []string
}

func (f *cutFile) cut(w io.Writer, ask paging.Ask) (paging.Page, error) {
	matcher := choose.NewMatcher(ask)
	if len(ask.Conditions()) > 0 || matcher.Sorts() || f.output != "file" {
		if err := f.findTypes(); err != nil {
			return paging.Page{}, err
		}
	}
	if matcher.Sorts() {
		return f.cutSorted(w, ask)
	}
	total := int64(0)
	err := f.each(matcher, func(*cutRecord) error { total++; return nil })
	if err != nil {
		return paging.Page{}, err
	}
	page, err := ask.Settle(paging.Exact(total))
	if err != nil {
		return page, err
	}
	out := f.writer(w)
	at, end := int64(0), page.Offset()+int64(page.Rows())
	err = f.each(matcher, func(r *cutRecord) error {
		at++
		switch {
		case at <= page.Offset():
			return nil
		case at > end:
			return io.EOF // no more are wanted
		}
		return out.add(r)
	})
	if err != nil && err != io.EOF {
		return page, err
	}
	return page, out.end()
}

// cutSorted holds all records in memory, since the last one may be the first.
func (f *cutFile) cutSorted(w io.Writer, ask paging.Ask) (paging.Page, error) {
	var all []cutRecord
	err := f.each(nil, func(r *cutRecord) error {
		all = append(all, cutRecord{bytes.Clone(r.raw), r.values, r.fields})
		return nil
	})
	if err != nil {
		return paging.Page{}, err
	}
	page, records, err := choose.Page(all, ask, func(r *cutRecord, field string) choose.Value { return r.values[field] })
	if err != nil {
		return page, err
	}
	out := f.writer(w)
	for i := range records {
		if err := out.add(&records[i]); err != nil {
			return page, err
		}
	}
	return page, out.end()
}

// findTypes reads the file once to find its fields' types.
func (f *cutFile) findTypes() error {
	plan, bad, err := intake.NewPlan(f.ctx, f.file, f.options)
	if err != nil {
		return err
	}
	if bad != nil {
		return bad
	}
	f.types = map[string]value.Type{}
	for _, field := range plan.Fields {
		f.types[field.Name], f.types[field.Label] = field.Type, field.Type
	}
	return nil
}

// each reads the records that a matcher lets through; nil: all.
func (f *cutFile) each(matcher *choose.Matcher, do func(*cutRecord) error) error {
	r, err := intake.Read(f.ctx, f.file, f.options)
	if err != nil {
		return err
	}
	defer r.Close()
	f.head = r.Head()
	var safe []string
	for n := 1; ; n++ {
		row, err := r.Next()
		if err == io.EOF {
			return nil
		}
		if err != nil {
			return err
		}
		if row.Bad != "" {
			return fmt.Errorf("line %d: %s", row.Line, row.Bad)
		}
		names := r.Names()
		if len(safe) != len(names) {
			safe = intake.SafeNames(names)
		}
		record := cutRecord{row.Raw, map[string]choose.Value{}, names}
		for i, cell := range row.Cells {
			if cell.Missing {
				continue
			}
			v := choose.Value{Type: f.types[names[i]], Text: cell.Text}
			if v.Type == "" {
				v.Type = value.Text
			}
			record.values[safe[i]] = v
			record.values[names[i]] = v
		}
		if matcher != nil {
			ok, err := matcher.Match(n, func(field string) choose.Value { return record.values[field] })
			if err != nil {
				return err
			}
			if !ok {
				continue
			}
		}
		if err := do(&record); err != nil {
			return err
		}
	}
}

// cutWriter writes the records of a page.
type cutWriter struct {
	f       *cutFile
	to      io.Writer
	out     *bufio.Writer
	n       int
	records []client.Record
}

func (f *cutFile) writer(w io.Writer) *cutWriter {
	return &cutWriter{f: f, to: w, out: bufio.NewWriter(w)}
}

func (c *cutWriter) add(r *cutRecord) error {
	c.n++
	if c.f.output != "file" {
		record, err := c.f.record(r)
		c.records = append(c.records, record)
		return err
	}
	switch c.f.options.Format {
	case intake.CSV:
		if c.n == 1 {
			c.out.WriteString(c.f.head)
		}
		c.out.Write(r.raw)
		if !bytes.HasSuffix(r.raw, []byte("\n")) && !bytes.HasSuffix(r.raw, []byte("\r")) {
			c.out.WriteByte('\n')
		}
	case intake.JSON:
		c.out.WriteString(map[bool]string{true: "[", false: ",\n"}[c.n == 1])
		c.out.Write(r.raw)
	default:
		c.out.Write(r.raw)
		c.out.WriteByte('\n')
	}
	return nil
}

func (c *cutWriter) end() error {
	if c.f.output != "file" {
		return writeRecords(c.to, c.f.output, c.records)
	}
	switch {
	case c.f.options.Format == intake.JSON && c.n == 0:
		c.out.WriteString("[]\n")
	case c.f.options.Format == intake.JSON:
		c.out.WriteString("]\n")
	case c.f.options.Format == intake.CSV && c.n == 0:
		c.out.WriteString(c.f.head)
	}
	return c.out.Flush()
}

// record is a record with its values as JSON, by their types.
func (f *cutFile) record(r *cutRecord) (client.Record, error) {
	if f.options.Format != intake.CSV {
		var record client.Record
		err := json.Unmarshal(r.raw, &record)
		return record, err
	}
	record := make(client.Record, len(r.fields))
	for i, name := range r.fields {
		v, ok := r.values[name]
		text := json.RawMessage("null")
		if ok {
			switch v.Type {
			case value.Integer, value.Decimal, value.Boolean, value.JSON:
				text = json.RawMessage(v.Text)
			default:
				var err error
				if text, err = json.Marshal(v.Text); err != nil {
					return nil, err
				}
			}
		}
		record[i] = client.Value{Field: name, JSON: text}
	}
	return record, nil
}
