// Package intake turns files into records: it knows the types that a field can
// have and how their values are written, and nothing of SQL connections.
package intake

import "pageladder.example/paging"

// Type is the type of a field, and says how its values are written.
type Type = paging.Type

// Field is one column of a record set.
type Field struct {
	Name  string `json:"name"`
	Label string `json:"label"`
	Type  Type   `json:"type"`
}
