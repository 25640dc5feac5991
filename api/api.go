// Package api has what the service and its callers send each other: the JSON of each call's body
// and answer, and how a record's key is written in a path. The service writes these types and the
// client reads them; the description of the API is generated from them, and from that the console's
// types.
package api

import (
	"net/url"
	"slices"
	"strings"
	"time"

	"pageladder.example/paging"
	"pageladder.example/paging/answer"
	"pageladder.example/paging/markup"
)

// Problem is an error answer, RFC 9457.
type Problem struct {
	answer.Problem
	Rows  []BadRow `json:"rows,omitempty"`  // of a file: the first rows that could not be read
	Count int64    `json:"count,omitempty"` // of a file: all such rows
	Now   string   `json:"now,omitempty"`   // of a list that can no longer be held: the current list
	RefusalForm
}

// RefusalForm is what a list's page needs that has no records, since its query was refused.
type RefusalForm struct {
	Form *markup.FilterForm `json:"form,omitempty"` // the filter form as it was filled in, with what is wrong
	// Sizes and Sorts lead to the list without what was refused.
	Sizes []paging.SizeLink `json:"sizes,omitempty"`
	Sorts []paging.SortLink `json:"sorts,omitempty"`
	// Words are those of the page, where pl.parts asks for them.
	Words *markup.ViewWords `json:"words,omitempty"`
}

// VersionParam is the parameter that holds a list at a version.
const VersionParam = "pl.version"

// Health is the state of the service.
type Health struct {
	Status  string     `json:"status"`          // ok, or reads: the primary does not answer, and replicas answer alone
	Version string     `json:"version"`         // of the program
	Since   *time.Time `json:"since,omitempty"` // when the primary has last answered, if it does not
	// Servers are those of each database that has several.
	Servers []Server `json:"servers,omitempty"`
}

// Server is one server of a database.
type Server struct {
	Source  string   `json:"source,omitempty"`            // whose database it is; absent of our own
	Name    string   `json:"name"`                        // primary, replica 1 and so on, as they were listed
	Answers bool     `json:"answers"`                     // it may be read from
	Why     string   `json:"why,omitempty"`               // why it is not read from
	Age     *float64 `json:"age_s" jsonschema:"nullable"` // seconds that a replica's records are old at most; null where that is not known, and of a primary
}

// Headers of where there are replicas.
const (
	// MinVersion is the state of a set below which a caller gets no page: as an answer has it, a request gives it back. It is a version of the set or,
	// of a set in a source, a place in the log of its database.
	MinVersion = "Min-Version"
	// MinVersionParam is the same in a query.
	MinVersionParam = "pl.min_version"
	// Stale is "?1" where the primary does not answer, and the records are older than pages are otherwise.
	Stale = "Stale"
)

// KeyPath writes a record's key as part of a path: its parts, percent-encoded, separated by
// commas. A comma at the end marks what a path could not contain otherwise: nothing, dots, and
// names of routes.
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

// ReadKeyPath reads a key with so many parts from a path; ok is false if it is not one.
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
