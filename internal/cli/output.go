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

	"pageladder.example/client"
	"pageladder.example/internal/intake"
	"pageladder.example/paging"
)

var outputs = []string{"table", "json", "csv", "ndjson"}

// outputForm is a form of output; another is refused before anything is done.
type outputForm string

func (o *outputForm) String() string { return string(*o) }
func (o *outputForm) Type() string   { return "string" }
func (o *outputForm) Set(text string) error {
	if !slices.Contains(outputs, text) {
		return fmt.Errorf("right would be one of %s", strings.Join(outputs, ", "))
	}
	*o = outputForm(text)
	return nil
}

func outputFlag(cmd *cobra.Command, output *string) {
	*output = outputs[0]
	cmd.Flags().VarP((*outputForm)(output), "output", "o", "form of the output: "+strings.Join(outputs, ", "))
	cmd.RegisterFlagCompletionFunc("output", cobra.FixedCompletions(outputs, cobra.ShellCompDirectiveNoFileComp))
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

// outcome tells what was done: people a sentence, machines its facts, each a name and
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

const cellWidth = 40 // of a table; longer text is cut

// drawTable draws records as an aligned table, numbers to the right, its head bold.
func drawTable(to terminal, fields []client.Field, records []client.Record) string {
	t := table.NewWriter()
	t.SetStyle(table.StyleLight)
	t.Style().Options = table.Options{SeparateHeader: true}
	t.Style().Box.PaddingLeft, t.Style().Box.PaddingRight = "", "  "
	t.Style().Format.Header = text.FormatDefault
	head := table.Row{}
	var columns []table.ColumnConfig
	for i, f := range fields {
		head = append(head, f.Name)
		if f.Type == string(paging.Integer) || f.Type == string(paging.Decimal) {
			columns = append(columns, table.ColumnConfig{Number: i + 1, Align: text.AlignRight, AlignHeader: text.AlignRight})
		}
	}
	t.AppendHeader(head)
	t.SetColumnConfigs(columns)
	for _, record := range records {
		row := table.Row{}
		for _, v := range record {
			cell, _ := v.Text()
			row = append(row, text.Snip(printable(cell), cellWidth, "…"))
		}
		t.AppendRow(row)
	}
	lines := strings.Split(t.Render(), "\n")
	for i := range lines {
		lines[i] = strings.TrimRight(lines[i], " ")
	}
	lines[0] = to.in(text.Bold, lines[0])
	return strings.Join(lines, "\n")
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

func writeCSV(w io.Writer, fields []client.Field, records []client.Record) error {
	var b []byte
	for i, f := range fields {
		if i > 0 {
			b = append(b, ',')
		}
		b = intake.AppendCell(b, f.Name, false)
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
			b = intake.AppendCell(b, cell, !ok)
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
	fields  []client.Field
	records []client.Record
}

func newListing(columns ...string) *listing {
	t := &listing{}
	for _, c := range columns {
		kind := ""
		if slices.Contains([]string{"records", "version", "row", "page", "id"}, c) {
			kind = string(paging.Integer)
		}
		t.fields = append(t.fields, client.Field{Name: c, Type: kind})
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

// write writes a listing; as JSON, what it was made of.
func (t *listing) write(w io.Writer, output string, raw any) error {
	switch output {
	case "json":
		enc := json.NewEncoder(w)
		enc.SetIndent("", "  ")
		enc.SetEscapeHTML(false)
		return enc.Encode(raw)
	case "ndjson":
		return writeNDJSON(w, t.records)
	case "csv":
		return writeCSV(w, t.fields, t.records)
	}
	_, err := fmt.Fprintln(w, drawTable(terminalOf(w), t.fields, t.records))
	return err
}
