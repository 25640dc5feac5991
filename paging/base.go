package paging

import (
	"cmp"
	"errors"
	"fmt"
	"maps"
	"net/url"
	"slices"
	"strings"

	"pageladder.example/internal/uritemplate"
	"pageladder.example/paging/query"
)

// Base is the address that links lead to. The zero Base makes links that are only a query
// ("?page=2"), which lead to the page that they are on.
type Base struct {
	text    string // as it goes before the query
	tmpl    uritemplate.Template
	vars    map[string]bool // the template's variables; true where one is exploded
	origins []string
	outside bool
}

// ParseBase reads a base: a path, a URL, or an RFC 6570 template of either.
//
// A path begins with one "/". A URL has one of the allowed origins ("https://
// saltmere.example") and no user. Neither has a backslash, a space, a control
// character or a fragment, so that no base can lead to a host that was not
// allowed. A template's expressions come after the authority and a "/", have no
// "+" or "#" operator and no prefix modifier, and leave a right base whichever
// variables are missing. Its variables are the names of parameters.
func ParseBase(text string, origins ...string) (Base, error) {
	b := Base{text: text, origins: origins}
	if !strings.ContainsAny(text, "{}") {
		if err := checkAddress(text, origins); err != nil {
			return Base{}, fmt.Errorf("paging: base %s: %w", quote(text), err)
		}
		b.text = string(query.AppendKept(nil, text))
		return b, nil
	}
	b, err := b.withTemplate()
	if err != nil {
		return Base{}, fmt.Errorf("paging: base %s: %w", quote(text), err)
	}
	return b, nil
}

// String is the base as it was given.
func (b Base) String() string { return b.text }

// Outside is the same base for links that lead to somebody else: parameters that speak to the
// service, see Rules.Aside, are left off.
func (b Base) Outside() Base {
	b.outside = true
	return b
}

var errPath = errors.New(`a path begins with "/" and then neither "/" nor "\", and holds no backslash, space, control character or fragment`)

// checkAddress checks a base, or the result of a template.
func checkAddress(text string, origins []string) error {
	for i := range len(text) {
		if c := text[i]; c <= ' ' || c == 0x7f || c == '\\' || c == '#' {
			return errPath
		}
	}
	if strings.HasPrefix(text, "/") {
		if strings.HasPrefix(text, "//") {
			return errPath
		}
		return nil
	}
	u, err := url.Parse(text)
	switch {
	case err != nil || u.Scheme == "" || u.Host == "":
		return errPath
	case u.User != nil:
		return errors.New("a URL with a user name is no base")
	case !slices.Contains(origins, u.Scheme+"://"+u.Host):
		return fmt.Errorf("the origin %s is not allowed (allowed: %s)", quote(u.Scheme+"://"+u.Host), cmp.Or(strings.Join(origins, ", "), "none"))
	}
	return nil
}

// withTemplate is the base with its template, which it checks, and its variables.
func (b Base) withTemplate() (_ Base, err error) {
	if b.tmpl, err = uritemplate.Parse(b.text); err != nil {
		return Base{}, fmt.Errorf("not a template that links can be built on: %w", err)
	}
	before, rest, _ := strings.Cut(b.text, "{")
	_, path, hasScheme := strings.Cut(before, "://")
	if hasScheme {
		before = path
	}
	if !strings.Contains(before, "/") && !strings.HasPrefix(rest, "/") {
		return Base{}, errors.New(`an expression stands only after the host and a "/"`)
	}
	b.vars = map[string]bool{}
	for _, v := range b.tmpl.Variables() {
		b.vars[v.Name] = v.Exploded
	}
	// The result must be a valid base whatever is missing: without any variable, and with each one
	// alone, since "{/page}" brings its own "/".
	for _, only := range append([]string{""}, slices.Sorted(maps.Keys(b.vars))...) {
		values := map[string][]string{only: {"x"}}
		if only == "" {
			values = nil
		}
		if text, ok := b.expand(values); !ok {
			return Base{}, fmt.Errorf("with %s it is %s: %w", cmp.Or(only, "no variable"), quote(text), checkAddress(text, b.origins))
		}
	}
	return b, nil
}

// fits reports whether a variable can carry values through expansion and back.
func (b Base) fits(name string, values []string) bool {
	exploded, ok := b.vars[name]
	if !ok || len(values) > 1 && !exploded {
		return false
	}
	for _, v := range values {
		// "", "." and ".." would be path segments with a meaning of their own ("{/berth}/" of an
		// empty berth is "//"); a broken character would not come back as it was.
		if v == "" || v == "." || v == ".." || strings.ContainsRune(strings.ToValidUTF8(v, "\uFFFD"), '\uFFFD') {
			return false
		}
	}
	return true
}

// expand fills the template. ok is false if the result is not a valid base.
func (b Base) expand(values map[string][]string) (_ string, ok bool) {
	text := b.tmpl.Expand(values)
	return text, checkAddress(text, b.origins) == nil
}
