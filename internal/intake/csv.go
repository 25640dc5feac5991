package intake

import "strings"

// AppendCell writes one cell of CSV, RFC 4180. A missing value is an empty
// unquoted cell, empty text is "".
func AppendCell(dst []byte, text string, missing bool) []byte {
	switch {
	case missing:
		return dst
	case text == "" || strings.ContainsAny(text, ",\"\r\n") || text[0] == ' ' || text[len(text)-1] == ' ':
		dst = append(dst, '"')
		dst = append(dst, strings.ReplaceAll(text, `"`, `""`)...)
		return append(dst, '"')
	}
	return append(dst, text...)
}
