// Package api has what the service and its callers send each other: the JSON of each call's body
// and answer, and how a record's key is written in a path. The service writes these types and the
// client reads them; the description of the API is generated from them, and from that the console's
// types.
package api

import (
	"net/url"
	"slices"
	"strings"

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
	Status  string `json:"status"`
	Version string `json:"version"` // of the program
}

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
