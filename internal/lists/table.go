package lists

import (
	"bytes"
	"html/template"
	"slices"

	"pageladder.example/internal/intake"
	"pageladder.example/internal/sets"
	"pageladder.example/paging"
	"pageladder.example/paging/markup"
	"pageladder.example/paging/value"
)

// head is one column of a list.
type head struct {
	Name, Label string
	Class       string // of its cells: "number", "word" or ""
	Href        string // of its sort, if it is offered
	Sorted      string // "ascending", "descending" or ""
}

// Table is the records of one page, its summary and its ladder.
type Table struct {
	Lang    string
	Heads   []head
	Rows    [][]cell
	Summary string
	Ladder  template.HTML // drawn by markup, which escapes

	Label    string        // the list's name, if there may be others on the page
	Form     template.HTML // the filter form, drawn by markup
	SizeForm template.HTML // likewise
	Notes    []string      // what was changed of the question
	Parts    []string      // of a fragment; none: records, paging and ladder

	Labelled bool // each cell has its column's label, for screens too narrow for a table
}

// cell is one value; a long text can be opened.
type cell struct {
	Text, Short string
	Moment      string // a date or time in its machine form, RFC 3339
}

const shortText = 120 // characters, beyond which a text is shortened

func cellOf(text string) cell {
	if n := 0; len(text) > shortText {
		for at := range text {
			if n++; n > shortText {
				return cell{Text: text, Short: text[:at] + "…"}
			}
		}
	}
	return cell{Text: text}
}

// cellClass says how a type's values stand in their column.
func cellClass(t value.Type) string {
	switch t {
	case value.Integer, value.Decimal, value.BigInteger, value.BigDecimal:
		return "number"
	case value.Boolean, value.Date, value.Time:
		return "word"
	}
	return ""
}

// TableOf makes the table of a page. Records have their values as text or as JSON, in
// the fields' order. Values are written as people of the view's language do, except for those
// of the keys; where keys are nil, all stay as they are.
func TableOf(keys []string, fields []intake.Field, records []sets.Record, sorts []paging.SortLink, view *markup.View, style markup.Style) *Table {
	t := &Table{Lang: view.Language.Tag().String(), Summary: view.Summary(), Ladder: template.HTML(style.AppendLadder(nil, view))}
	for _, f := range fields {
		h := head{Name: f.Name, Label: f.Label, Class: cellClass(f.Type)}
		for _, sort := range sorts {
			if sort.Key == f.Name {
				h.Href = sort.Href
				if sort.Rank == 1 {
					h.Sorted = map[paging.Direction]string{paging.Ascending: "ascending", paging.Descending: "descending"}[sort.Direction]
				}
			}
		}
		t.Heads = append(t.Heads, h)
	}
	var people *writer
	if keys != nil {
		people = newWriter(view.Language, keys)
	}
	for _, r := range records {
		row := make([]cell, len(fields))
		for i, f := range fields {
			text := sets.Text(f.Type, r[i])
			if row[i] = cellOf(text); people != nil {
				row[i] = people.cell(f.Name, f.Type, text)
			}
		}
		t.Rows = append(t.Rows, row)
	}
	return t
}

// Has reports whether a fragment has a part.
func (t *Table) Has(part string) bool {
	if t.Parts == nil {
		return part == "records" || part == "paging" || part == "ladder"
	}
	return slices.Contains(t.Parts, part)
}

// AppendFragment writes a piece of HTML to be put into a page: the records as a table,
// the summary and the ladder.
func (t *Table) AppendFragment(dst []byte) ([]byte, error) {
	b := bytes.NewBuffer(dst)
	err := pages.ExecuteTemplate(b, "fragment", t)
	return b.Bytes(), err
}
