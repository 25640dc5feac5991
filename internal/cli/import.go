package cli

import (
	"context"
	"crypto/rand"
	"errors"
	"fmt"
	"io"
	"net/url"
	"os"
	"path/filepath"
	"strings"
	"sync/atomic"
	"time"

	"github.com/schollz/progressbar/v3"
	"github.com/spf13/cobra"
	"golang.org/x/term"

	"pageladder.example/api"
	"pageladder.example/client"
)

var mediaTypes = map[string]string{".csv": "text/csv", ".tsv": "text/tab-separated-values", ".ndjson": "application/x-ndjson", ".jsonl": "application/x-ndjson",
	".json": "application/json", ".xlsx": "application/vnd.openxmlformats-officedocument.spreadsheetml.sheet"}

func newSetsImport() *cobra.Command {
	var label, key, format, delimiter, encoding, sheet, rules, aside, fixed, output string
	var types []string
	var check, again, comma, dayFirst bool
	cmd := &cobra.Command{
		Use:   "import SET FILE",
		Short: "Make a set of a file, or replace its records",
		Long: `Make a set of a CSV, NDJSON, JSON or XLSX file, all or nothing; FILE - is the
standard input, with --format. Types and the key are detected unless they are named. If
rows could not be read, they are listed and nothing is imported; with --aside they are
written to a file and the others are imported.`,
		Example: `  pageladder sets import boats boats.csv --key no
  pageladder sets import boats boats.csv --again --aside bad-boats.csv
  cat boats.ndjson | pageladder sets import boats - --format ndjson --check`,
		Args: exactly("SET", "FILE"),
	}
	f := cmd.Flags()
	f.StringVar(&label, "label", "", "title of the set, for people")
	f.StringVar(&key, "key", "", "fields that identify a record, separated by commas")
	f.StringVar(&format, "format", "", "csv, ndjson, json or xlsx, if the file's name does not say")
	f.StringVar(&delimiter, "delimiter", "", "of CSV: one character, or comma, semicolon, tab or bar")
	f.StringVar(&encoding, "encoding", "", "encoding of CSV: utf-8 or windows-1252")
	f.StringVar(&sheet, "sheet", "", "sheet of a workbook; left out: the first")
	f.BoolVar(&comma, "decimal-comma", false, "read numbers such as 1.234,50")
	f.BoolVar(&dayFirst, "day-first", false, "read dates such as 31.12.2026; times of day are UTC")
	f.StringArrayVar(&types, "type", nil, "a field's type, such as no=text; may be repeated")
	f.StringVar(&rules, "rules", "", "file with the rules, JSON or YAML")
	f.StringVar(&fixed, "fixed", "", "fixed filter: readers see only the records that meet it, such as cleared=true")
	f.StringVar(&aside, "aside", "", "file for rows that could not be read; the others are imported")
	f.BoolVar(&check, "check", false, "only examine the file, and show what would be imported")
	f.BoolVar(&again, "again", false, "replace the records of a set that exists")
	outputFlag(cmd, &output)
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
		for name, yes := range map[string]bool{"check": check, "decimal_comma": comma, "day_first": dayFirst} {
			if yes {
				options.Set(name, "true")
			}
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
			fmt.Fprintf(cmd.ErrOrStderr(), "rows that could not be read: %s\n", aside)
		}
		if done.Bad != nil {
			writeBadRows(cmd.ErrOrStderr(), done.Bad.Rows)
			if done.Bad.Count == 1 {
				fmt.Fprintln(cmd.ErrOrStderr(), "1 row could not be read as a record.")
			} else {
				fmt.Fprintf(cmd.ErrOrStderr(), "%d rows could not be read as records.\n", done.Bad.Count)
			}
		}
		t := newListing("field", "label", "type")
		for _, f := range done.Fields {
			t.add(f.Name, f.Label, f.Type)
		}
		if err := t.write(out, output, done); err != nil || output != "table" {
			return err
		}
		for _, f := range done.Fields {
			if f.Offer != "" {
				what := map[string]string{"decimal_comma": "numbers", "day_first": "dates"}[f.Offer]
				fmt.Fprintf(cmd.ErrOrStderr(), "%s is text, such as %q; --%s reads it as %s.\n", f.Name, f.Samples[0], strings.ReplaceAll(f.Offer, "_", "-"), what)
			}
		}
		switch {
		case check:
			fmt.Fprintf(out, "%s, key %s; nothing was kept.\n", several(done.Rows, "record"), strings.Join(done.Key, ","))
		case done.Set == nil:
			fmt.Fprintf(out, "%s was imported, and has been removed since.\n", args[0])
		default:
			fmt.Fprintf(out, "%s has %s, key %s.\n", done.Set.Name, several(*done.Set.Records, "record"), strings.Join(done.Key, ","))
		}
		return nil
	})
}

// imported sends a file and shows how far the import has come: what has been sent,
// and then the rows that have been taken in.
func imported(cmd *cobra.Command, c *client.Client, in client.Import, size int64) (*api.Imported, error) {
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

// Seek goes to where the next attempt reads from.
func (c *counted) Seek(offset int64, whence int) (int64, error) {
	file, ok := c.r.(io.Seeker)
	if !ok {
		return 0, errors.ErrUnsupported
	}
	at, err := file.Seek(offset, whence)
	c.bytes.Store(at)
	return at, err
}

func writeBadRows(w io.Writer, rows []api.BadRow) {
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
