package tables

import (
	"strings"

	"pageladder.example/paging/value"
)

// Column is how values of a type are kept in PostgreSQL.
type Column struct {
	SQL       string // the column's type
	Collation string // of texts, as SQL writes it
	Long      bool   // values may be long: texts, JSON
	Check     string // of what such a column could hold and the type does not; {} stands for the column
}

// columns has an entry for each type. A new type is added to it, in package paging/value, and where a
// test of package order then says.
var columns = map[value.Type]Column{
	value.Text:       {SQL: "text", Collation: `collate "und-x-icu"`, Long: true},
	value.Integer:    {SQL: "bigint", Check: "{} between -9007199254740991 and 9007199254740991"}, // as JSON numbers can hold them
	value.Decimal:    {SQL: "numeric", Check: "{} > '-Infinity' and {} < 'Infinity'"},             // NaN and the infinities are no JSON numbers
	value.BigInteger: {SQL: "numeric"},
	value.BigDecimal: {SQL: "numeric"},
	value.Boolean:    {SQL: "boolean"},
	value.Date:       {SQL: "date"},
	value.Time:       {SQL: "timestamptz"},
	value.JSON:       {SQL: "jsonb", Long: true},
}

// ColumnOf is how values of a type are kept.
func ColumnOf(t value.Type) Column { return columns[t] }

// Declared is the column's type with its collation.
func (c Column) Declared() string { return strings.TrimSpace(c.SQL + " " + c.Collation) }
