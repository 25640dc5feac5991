// Package csvcell writes CSV, RFC 4180, cell by cell.
package csvcell

import "strings"

// Append writes one cell. A missing value is an empty
// unquoted cell, empty text is "".
func Append(dst []byte, text string, missing bool) []byte {
	switch {
	case missing:
		return dst
	case text == "" || strings.ContainsAny(text, ",\"\r\n") || text[0] == ' ' || text[len(text)-1] == ' ' || text == `\.`:
		dst = append(dst, '"')
		dst = append(dst, strings.ReplaceAll(text, `"`, `""`)...)
		return append(dst, '"')
	}
	return append(dst, text...)
}
