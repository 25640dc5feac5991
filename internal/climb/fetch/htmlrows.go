package fetch

import (
	"bytes"
	"fmt"
	"slices"
	"strings"

	"golang.org/x/net/html"
	"golang.org/x/net/html/atom"
)

// readHTML reads the rows of the largest table, otherwise the items of the largest list, and links
// with a rel. Lists inside nav, header and footer are not records.
func (a *Answer[T]) readHTML() error {
	document, err := html.Parse(bytes.NewReader(a.Body))
	if err != nil {
		return fmt.Errorf("it is no HTML: %w", err)
	}
	rows := map[*html.Node][]*html.Node{} // by the table or list that is nearest above
	var lists []*html.Node                // in their order, tables first where there are any
	add := func(row *html.Node, kinds ...atom.Atom) {
		if list := above(row, kinds...); list != nil && (list.DataAtom == atom.Table || above(list, atom.Nav, atom.Header, atom.Footer, atom.Table) == nil) {
			if rows[list] == nil {
				lists = append(lists, list)
			}
			rows[list] = append(rows[list], row)
		}
	}
	tables, any := false, false
	for n := range document.Descendants() {
		switch n.DataAtom {
		case atom.A, atom.Link:
			for relation := range strings.FieldsSeq(attribute(n, "rel")) {
				a.InBody.add(relation, attribute(n, "href"))
			}
		case atom.Table:
			tables = true
		case atom.Ul, atom.Ol:
			any = any || above(n, atom.Nav, atom.Header, atom.Footer) == nil
		case atom.Tr:
			add(n, atom.Table)
		case atom.Li:
			add(n, atom.Ul, atom.Ol)
		}
	}
	var largest *html.Node
	for _, list := range lists {
		if tables == (list.DataAtom == atom.Table) && len(rows[list]) > len(rows[largest]) {
			largest = list
		}
	}
	if largest == nil && !tables && !any {
		return errNoRecords
	}
	var head []string
	for _, row := range rows[largest] {
		texts := cells(row, atom.Td, atom.Th)
		data := len(cells(row, atom.Td))
		switch {
		case row.DataAtom == atom.Li:
			texts = []string{textOf(row)}
		case data < len(texts)-data: // more headings than data
			head = texts
			continue
		case isNote(row):
			continue
		}
		if err := a.addCells(head, texts); err != nil {
			return err
		}
	}
	return nil
}

// isNote reports whether a row is not a record but a note, such as "no records": one cell across
// columns.
func isNote(row *html.Node) bool {
	var all []*html.Node
	for n := range row.ChildNodes() {
		if n.DataAtom == atom.Td || n.DataAtom == atom.Th {
			all = append(all, n)
		}
	}
	return len(all) == 1 && attribute(all[0], "colspan") != ""
}

func cells(row *html.Node, kinds ...atom.Atom) (texts []string) {
	for n := range row.ChildNodes() {
		if slices.Contains(kinds, n.DataAtom) {
			texts = append(texts, textOf(n))
		}
	}
	return texts
}

// textOf is what a reader sees of an element, its spaces joined.
func textOf(n *html.Node) string {
	var b strings.Builder
	for d := range n.Descendants() {
		if d.Type == html.TextNode && d.Parent.DataAtom != atom.Script && d.Parent.DataAtom != atom.Style {
			b.WriteString(d.Data)
		}
	}
	return strings.Join(strings.Fields(b.String()), " ")
}

func attribute(n *html.Node, name string) string {
	for _, a := range n.Attr {
		if a.Key == name && a.Namespace == "" {
			return a.Val
		}
	}
	return ""
}

// above is the nearest element of some kinds that a node is in.
func above(n *html.Node, kinds ...atom.Atom) *html.Node {
	for up := range n.Ancestors() {
		if slices.Contains(kinds, up.DataAtom) {
			return up
		}
	}
	return nil
}
