package cli

import (
	"bytes"
	"encoding/json"
	"fmt"
	"io"
	"slices"
	"strings"
	"unicode"

	"github.com/jedib0t/go-pretty/v6/table"
	"github.com/jedib0t/go-pretty/v6/text"
	"github.com/spf13/cobra"

	"pageladder.example/api"
	"pageladder.example/client"
	"pageladder.example/internal/csvcell"
	"pageladder.example/paging/value"
)

var outputs = []string{"table", "json", "csv", "ndjson"}

// outputForm is a form of output; another is refused before anything is done.
type outputForm struct {
	into  *string
	forms []string
}

func (o outputForm) String() string {
	if o.into == nil {
		return ""
	}
	return *o.into
}
func (o outputForm) Type() string { return "string" }
func (o outputForm) Set(text string) error {
	if !slices.Contains(o.forms, text) {
		return fmt.Errorf("right would be one of %s", strings.Join(o.forms, ", "))
	}
	*o.into = text
	return nil
}

func outputFlag(cmd *cobra.Command, output *string) { formFlag(cmd, output, outputs...) }

// formFlag adds -o to a command, with the forms that it knows; the first is the default.
func formFlag(cmd *cobra.Command, output *string, forms ...string) {
	*output = forms[0]
	cmd.Flags().VarP(outputForm{output, forms}, "output", "o", "form of the output: "+strings.Join(forms, ", "))
	cmd.RegisterFlagCompletionFunc("output", cobra.FixedCompletions(forms, cobra.ShellCompDirectiveNoFileComp))
}

// telling gives a command that only does something the flag for its output.
func telling(cmd *cobra.Command) *cobra.Command {
	outputFlag(cmd, new(string))
	return cmd
}

// several counts things.
func several[N int | int64](n N, what string) string {
	if n != 1 {
		what += "s"
	}
	return fmt.Sprintf("%d %s", n, what)
}

// outcome prints what was done: for people a sentence, for machines its facts, each a name and
// a value.
func outcome(cmd *cobra.Command, sentence string, facts ...any) error {
	output := cmd.Flag("output").Value.String()
	if output == "table" {
		_, err := fmt.Fprintln(cmd.OutOrStdout(), sentence)
		return err
	}
	var names []string
	var values []any
	object := map[string]any{}
	for i := 0; i < len(facts); i += 2 {
		name := facts[i].(string)
		names, values = append(names, name), append(values, facts[i+1])
		object[name] = facts[i+1]
	}
	t := newListing(names...)
	t.add(values...)
	return t.write(cmd.OutOrStdout(), output, object)
}

// drawTable draws records as an aligned table, numbers to the right, its head bold. On
// a terminal its widest columns are cut until it fits; elsewhere nothing is.
func drawTable(to terminal, fields []api.Field, records []client.Record) string {
	t := table.NewWriter()
	t.SetStyle(table.StyleLight)
	t.Style().Options = table.Options{SeparateHeader: true}
	t.Style().Box.PaddingLeft, t.Style().Box.PaddingRight = "", strings.Repeat(" ", columnGap)
	t.Style().Format.Header = text.FormatDefault
	widths := make([]int, len(fields))
	for i, f := range fields {
		widths[i] = text.StringWidth(f.Name)
	}
	cells := make([][]string, len(records))
	for n, record := range records {
		for i, v := range record {
			cell, _ := v.Text()
			cells[n] = append(cells[n], printable(cell))
			if i < len(widths) {
				widths[i] = max(widths[i], text.StringWidth(cells[n][i]))
			}
		}
	}
	fitWidths(widths, to.columns)
	head := table.Row{}
	var columns []table.ColumnConfig
	for i, f := range fields {
		head = append(head, text.Snip(f.Name, widths[i], "…"))
		if f.Type == value.Integer || f.Type == value.Decimal {
			columns = append(columns, table.ColumnConfig{Number: i + 1, Align: text.AlignRight, AlignHeader: text.AlignRight})
		}
	}
	t.AppendHeader(head)
	t.SetColumnConfigs(columns)
	for _, record := range cells {
		row := table.Row{}
		for i, cell := range record {
			if i < len(widths) {
				cell = text.Snip(cell, widths[i], "…")
			}
			row = append(row, cell)
		}
		t.AppendRow(row)
	}
	lines := strings.Split(t.Render(), "\n")
	for i, line := range lines {
		if trimmed := strings.TrimRight(line, " "); strings.Trim(line, "─") != "" || trimmed == "" {
			lines[i] = trimmed
		} else { // the rule below the head, up to the last column's end
			lines[i] = strings.TrimSuffix(line, strings.Repeat("─", columnGap))
		}
	}
	lines[0] = to.in(text.Bold, lines[0])
	return strings.Join(lines, "\n")
}

const (
	columnGap   = 2 // spaces after each column of a table
	narrowest   = 4 // of a column that is cut
	screenWidth = 20
)

// fitWidths narrows the widest columns until all of them fit; 0: any width fits.
func fitWidths(widths []int, screen int) {
	if screen < screenWidth {
		return
	}
	sum := columnGap * (len(widths) - 1)
	for _, w := range widths {
		sum += w
	}
	for sum > screen {
		widest, next := 0, narrowest
		for i, w := range widths {
			if w > widths[widest] {
				widest = i
			}
		}
		for _, w := range widths {
			if w < widths[widest] {
				next = max(next, w)
			}
		}
		cut := min(sum-screen, max(widths[widest]-next, 1))
		if widths[widest]-cut < narrowest {
			return // it cannot
		}
		widths[widest] -= cut
		sum -= cut
	}
}

// printable keeps a value from breaking the table or steering the terminal.
func printable(s string) string {
	return strings.Map(func(r rune) rune {
		switch {
		case r == '\n' || r == '\t' || r == '\r':
			return ' '
		case unicode.IsControl(r):
			return '\uFFFD'
		}
		return r
	}, s)
}

func writeCSV(w io.Writer, fields []api.Field, records []client.Record) error {
	var b []byte
	for i, f := range fields {
		if i > 0 {
			b = append(b, ',')
		}
		b = csvcell.Append(b, f.Name, false)
	}
	if len(fields) > 0 {
		b = append(b, '\n')
	}
	for _, record := range records {
		for i, v := range record {
			if i > 0 {
				b = append(b, ',')
			}
			cell, ok := v.Text()
			b = csvcell.Append(b, cell, !ok)
		}
		b = append(b, '\n')
	}
	_, err := w.Write(b)
	return err
}

func writeNDJSON(w io.Writer, records []client.Record) error {
	var b bytes.Buffer
	for _, record := range records {
		b.WriteByte('{')
		for i, v := range record {
			if i > 0 {
				b.WriteByte(',')
			}
			name, err := json.Marshal(v.Field)
			if err != nil {
				return err
			}
			b.Write(name)
			b.WriteByte(':')
			b.Write(v.JSON)
		}
		b.WriteString("}\n")
	}
	_, err := w.Write(b.Bytes())
	return err
}

// listing is a table of what is no record set: sets, tokens, fields.
type listing struct {
	fields  []api.Field
	records []client.Record
}

func newListing(columns ...string) *listing {
	t := &listing{}
	for _, c := range columns {
		kind := value.Type("")
		if slices.Contains([]string{"records", "version", "row", "page", "id"}, c) {
			kind = value.Integer
		}
		t.fields = append(t.fields, api.Field{Name: c, Type: kind})
	}
	return t
}

// add adds a row of plain values.
func (t *listing) add(cells ...any) {
	var record client.Record
	for i, cell := range cells {
		text, err := json.Marshal(cell)
		if err != nil {
			panic(err) // plain values are JSON
		}
		record = append(record, client.Value{Field: t.fields[i].Name, JSON: text})
	}
	t.records = append(t.records, record)
}

// write writes a listing; as JSON, its source value.
func (t *listing) write(w io.Writer, output string, raw any) error {
	switch output {
	case "json":
		return writeJSON(w, raw)
	case "ndjson":
		return writeNDJSON(w, t.records)
	case "csv":
		return writeCSV(w, t.fields, t.records)
	}
	_, err := fmt.Fprintln(w, drawTable(terminalOf(w), t.fields, t.records))
	return err
}

// writeJSON writes JSON as every command does: indented, and with nothing escaped that
// need not be.
func writeJSON(w io.Writer, value any) error {
	enc := json.NewEncoder(w)
	enc.SetIndent("", "  ")
	enc.SetEscapeHTML(false)
	return enc.Encode(value)
}

// writeRecords writes records without a page round them.
func writeRecords(w io.Writer, output string, records []client.Record) error {
	var t listing
	for _, r := range records {
		for i, v := range r {
			if i >= len(t.fields) {
				t.fields = append(t.fields, api.Field{Name: v.Field})
			}
			if len(v.JSON) > 0 && (v.JSON[0] == '-' || '0' <= v.JSON[0] && v.JSON[0] <= '9') {
				t.fields[i].Type = value.Decimal
			}
		}
	}
	t.records = records
	return t.write(w, output, append([]client.Record{}, records...))
}
