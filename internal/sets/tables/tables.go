// Package tables has the tables of kept sets: how their columns, constraints and indexes are written, and
// what PostgreSQL's errors about them mean.
package tables

import (
	"fmt"
	"strings"

	"pageladder.example/internal/postgres"
	"pageladder.example/internal/sets/catalog"
	"pageladder.example/paging/statement"
)

// Prefix begins the names of tables of records; a number follows.
const Prefix = "records_"

// Revision is the name of the column that counts the changes of a record of a kept set. No field can have
// it.
const Revision = `"pl.revision"`

// Quote writes a name as SQL.
func Quote(name string) string { return statement.PostgreSQL.Quote(name) }

// List writes names with commas between them.
func List(names []string, written func(name string) string) string {
	all := make([]string, len(names))
	for i, name := range names {
		all[i] = written(name)
	}
	return strings.Join(all, ", ")
}

// Name is the name of a set's table, as SQL writes it.
func Name(d *catalog.Definition) string {
	schema := d.Schema
	if !d.Attached() {
		schema = postgres.Schema
	}
	return Quote(schema) + "." + Quote(d.Table)
}

// Create is the statement that makes the table of a kept set.
func Create(d *catalog.Definition) string {
	var b strings.Builder
	fmt.Fprintf(&b, "create table %s (", Name(d))
	for _, f := range d.Fields {
		c := ColumnOf(f.Type)
		fmt.Fprintf(&b, "%s %s", Quote(f.Name), c.Declared())
		if c.Check != "" {
			fmt.Fprintf(&b, " check (%s)", strings.ReplaceAll(c.Check, "{}", Quote(f.Name)))
		}
		b.WriteString(", ")
	}
	fmt.Fprintf(&b, "%s bigint not null default 1)", Revision) // later records begin at the set's version: see editing.Add
	return b.String()
}

// SearchVector is the expression that a set is searched by, and that its index is on.
func SearchVector(fields []string, column func(string) string) string {
	parts := make([]string, len(fields))
	for i, f := range fields {
		parts[i] = "coalesce(" + column(f) + "::text, '')"
	}
	return "array_to_tsvector(pageladder.words(" + strings.Join(parts, " || ' ' || ") + "))"
}
