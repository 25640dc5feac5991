// Package intake turns files into records: it reads CSV, NDJSON, JSON and XLSX,
// finds out the types of their fields, and writes their records in the one form
// that a set is loaded from. It knows nothing of databases.
package intake

import (
	"pageladder.example/paging/value"
)

// Field is one column of a record set.
type Field struct {
	Name  string     `json:"name"`
	Label string     `json:"label"`
	Type  value.Type `json:"type"`
	// Own means that a source writes, sorts and compares the values by its own type, whatever the
	// type is in this table.
	Own bool `json:"own,omitempty"`
	// Unordered says why the field can be neither sorted nor filtered by; "" if it can.
	Unordered string `json:"unordered,omitempty"`
}
