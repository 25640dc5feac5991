// Package plainjson writes values by encoding/json, with <, > and & as they are.
package plainjson

import (
	"bytes"
	"encoding/json"
)

// Append writes a value of a type that encoding/json can write; of any other it writes null.
func Append(dst []byte, value any) []byte {
	b := bytes.NewBuffer(dst)
	enc := json.NewEncoder(b)
	enc.SetEscapeHTML(false)
	if enc.Encode(value) != nil {
		return append(dst, "null"...)
	}
	return bytes.TrimSuffix(b.Bytes(), []byte("\n"))
}
