// Package api holds what the service and its callers say to each other: the JSON of each
// call's body and answer, and how a record's key stands in a path. The service writes
// these types, the client reads them, its description is made of them, and of that the
// console's own types.
package api

import (
	"net/url"
	"slices"
	"strings"

	"pageladder.example/paging/answer"
)

// Problem is an error answer, RFC 9457.
type Problem struct {
	answer.Problem
	Rows  []BadRow `json:"rows,omitempty"`  // of a file: the first rows that could not be read
	Count int64    `json:"count,omitempty"` // of a file: all such rows
	Now   string   `json:"now,omitempty"`   // of a list that cannot be held any more: the list as it is
}

// VersionParam is the parameter that holds a list at a version.
const VersionParam = "pl.version"

// Health tells how the service is.
type Health struct {
	Status  string `json:"status"`
	Version string `json:"version"` // of the program
}

// KeyPath writes a record's key as it stands in a path: its parts, percent-encoded,
// a comma between. A comma at the end sets apart what a path could not hold
// otherwise: nothing, dots, and names that are routes.
func KeyPath(key []string) string {
	parts := make([]string, len(key))
	for i, k := range key {
		parts[i] = url.PathEscape(k)
	}
	text := strings.Join(parts, ",")
	if len(key) == 1 && slices.Contains([]string{"", ".", "..", "all"}, text) {
		text += ","
	}
	return text
}

// ReadKeyPath reads a key of so many parts from a path; ok is false where it is none.
func ReadKeyPath(path string, parts int) (key []string, ok bool) {
	key = strings.Split(path, ",")
	if len(key) == parts+1 && key[parts] == "" {
		key = key[:parts]
	}
	if len(key) != parts {
		return nil, false
	}
	for i, part := range key {
		text, err := url.PathUnescape(part)
		if err != nil {
			return nil, false
		}
		key[i] = text
	}
	return key, true
}
