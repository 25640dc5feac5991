// Package intake turns files into records: it knows the types that a field can
// have and how their values are written, and nothing of SQL connections.
package intake

// Type is the type of a field.
type Type string

// The types.
const (
	Text    Type = "text"
	Integer Type = "integer" // within ±(2^53−1), a JSON number
	Decimal Type = "decimal" // up to 15 significant digits, a JSON number
	Boolean Type = "boolean"
	Date    Type = "date" // RFC 3339 full-date
	Time    Type = "time" // RFC 3339 date-time
)

// Field is one column of a record set.
type Field struct {
	Name  string `json:"name"`
	Label string `json:"label"`
	Type  Type   `json:"type"`
}
