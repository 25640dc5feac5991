// Package vectors has the behaviour of the core as data, so that a core in any language can be checked: each vector is a
// case (rules, a query, a total and what was received) and what becomes of it (a whole answer, a refusal, or what is wrong with the
// rules). docs/vectors.md describes the file and how it is read.
//
// The statements of package statement are data in the same way.
//
// Packages paging and statement agree with each line; "go run ./internal/vectormaker paging/vectors" writes the files anew.
package vectors

import (
	"bufio"
	"bytes"
	"compress/gzip"
	_ "embed"
	"encoding/json"
	"iter"
	"unicode/utf8"

	"pageladder.example/paging"
)

// Version counts the changes of the file's form. A line more, or other cases, are no change of it.
const Version = 1

//go:embed core.ndjson.gz
var core []byte

// Vector is one case, and what becomes of it.
type Vector struct {
	// Name says what the case shows. Left out: it was drawn.
	Name string `json:"name,omitempty"`
	Case
	Result Result `json:"result"`
}

// Case is what a core is given.
type Case struct {
	// Rules are the list's rules, as a rules file has them.
	Rules json.RawMessage `json:"rules"`
	// List is the list's name, which its cursors hold.
	List string `json:"list,omitempty"`
	// Aside begins the names of parameters that speak to whoever serves the list.
	Aside string `json:"aside,omitempty"`
	// Query is the query, without a "?".
	Query Text `json:"query"`
	// Total is the total that the ask is settled on.
	Total Total `json:"total,omitzero"`
	// Received is how many records were received. Left out: they were not read.
	Received *int `json:"received,omitempty"`
	// Ends are the values of the first and the last record that were received.
	Ends *Ends `json:"ends,omitempty"`
	// Base is the address that links lead to; "": the page that they are on.
	Base string `json:"base,omitempty"`
	// Outside means that the links lead to somebody else.
	Outside bool `json:"outside,omitempty"`
	// With are other values of a parameter for a link of its own.
	With *Change `json:"with,omitempty"`
	// Language is the BCP 47 tag of the language that words are in. Left out: there are no words.
	Language string `json:"language,omitempty"`
}

// Total is how many records there are, and how well that is known.
type Total struct {
	Is      paging.TotalKind `json:"is,omitempty"` // "": exact
	Records Integer          `json:"records,omitempty"`
	Age     int64            `json:"age,omitempty"` // seconds, of a remembered one
}

// Ends are the values of the first and the last record in the fields of the order; null if there are no records.
type Ends struct {
	First  []*Text `json:"first"`
	Last   []*Text `json:"last"`
	Behind bool    `json:"behind,omitempty"` // there are records on the cursor's other side
}

// Change is a parameter with other values.
type Change struct {
	Param  string   `json:"param"`
	Values []string `json:"values"`
}

// Text is a string that may have bytes which are not UTF-8. In JSON it is then {"base64": "…"} (RFC 4648, section 4).
type Text string

type base64Text struct {
	Base64 []byte `json:"base64"`
}

// MarshalJSON writes the text.
func (t Text) MarshalJSON() ([]byte, error) {
	if utf8.ValidString(string(t)) {
		return json.Marshal(string(t))
	}
	return json.Marshal(base64Text{[]byte(t)})
}

// UnmarshalJSON reads a text.
func (t *Text) UnmarshalJSON(from []byte) error {
	if bytes.HasPrefix(from, []byte("{")) {
		var b base64Text
		err := json.Unmarshal(from, &b)
		*t = Text(b.Base64)
		return err
	}
	return json.Unmarshal(from, (*string)(t))
}

// Core gives the vectors of the core. The error is for a file that cannot be read, which ends them.
func Core() iter.Seq2[Vector, error] { return linesOf[Vector](core) }

// linesOf gives the lines of a file.
func linesOf[T any](file []byte) iter.Seq2[T, error] {
	return func(yield func(T, error) bool) {
		lines, err := gzip.NewReader(bytes.NewReader(file))
		if err != nil {
			yield(*new(T), err)
			return
		}
		scanner := bufio.NewScanner(lines)
		scanner.Buffer(nil, 1<<20)
		for scanner.Scan() {
			var v T
			err := json.Unmarshal(scanner.Bytes(), &v)
			if !yield(v, err) || err != nil {
				return
			}
		}
		if err := scanner.Err(); err != nil {
			yield(*new(T), err)
		}
	}
}
