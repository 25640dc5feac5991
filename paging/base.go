package paging

import (
	"errors"
	"strings"
)

// Base is the address that links are built on. The zero Base makes links that
// are a query alone ("?page=2"), which lead back to wherever they stand.
type Base struct {
	text string
}

var errBase = errors.New(`a base is a path that begins with one "/", without query, fragment, backslash, space or control character`)

// PathBase takes a path as base: "/", or "/" and something that is neither "/"
// nor "\", so that it cannot lead to another host.
func PathBase(path string) (Base, error) {
	if path == "" || path[0] != '/' || len(path) > 1 && path[1] == '/' {
		return Base{}, errBase
	}
	for i := range len(path) {
		if c := path[i]; c <= ' ' || c == 0x7f || strings.IndexByte(`\?#"<>`, c) >= 0 {
			return Base{}, errBase
		}
	}
	return Base{text: string(appendKept(nil, path))}, nil
}
