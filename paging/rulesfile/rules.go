// Package rulesfile holds the rules of a list as a file has them: JSON, read strictly,
// checked entry by entry, with every mistake named at once.
package rulesfile

import (
	"encoding/json"
	"hash/maphash"
	"strings"
	"sync/atomic"

	"pageladder.example/paging"
	"pageladder.example/paging/envelope"
	"pageladder.example/paging/query"
)

// Aside begins the names of parameters that control the service: rules that are read
// from a file leave them to it.
const Aside = "pl."

// Rules are the contents of a rules file: the rules of paging, and settings for whoever stores
// or draws the list. The zero Rules are valid.
type Rules struct {
	paging.Rules

	// Indexes lists fields to index in the database of the records, besides those of sorts and
	// filters.
	Indexes [][]string `json:"indexes,omitempty"`
	// Markup says how ladders are drawn.
	Markup MarkupRules `json:"markup,omitzero"`
	// Envelope gives the answer your own shape: our names, mapped to JSON Pointers (RFC 6901).
	// What is not mapped is not in the answer. Left out: the answer has our own shape.
	Envelope envelope.Envelope `json:"envelope,omitempty"`
	// Pinned holds the list still for callers who follow its links: from the first page on
	// they lead to the list as it was then, as long as its changes are known. links.now leads
	// to the list as it is.
	Pinned bool `json:"pinned,omitempty"`
	// Language is the language of labels and summaries, as a BCP 47 tag. Left out: "en".
	Language string `json:"language,omitempty"`
}

// Of makes the rules of a file from those of a list.
func Of(list paging.Rules) *Rules {
	list.Aside = Aside
	return &Rules{Rules: list}
}

// PrefixParam is the parameter with the prefix of a query's parameters, in place of that of the rules.
const PrefixParam = Aside + "prefix"

// For are the rules for one query: with the prefix that it names, if that is one. They must not be changed.
func (r *Rules) For(rawQuery string) *Rules {
	if !strings.Contains(rawQuery, "prefix") && !strings.Contains(rawQuery, "%") {
		return r
	}
	given := query.Values(rawQuery, PrefixParam)
	if len(given) == 0 {
		return r
	}
	prefix := given[len(given)-1]
	place := &prefixes[maphash.Comparable(prefixSeed, prefixRules{of: r, prefix: prefix})%uint64(len(prefixes))]
	if known := place.Load(); known != nil && known.of == r && known.prefix == prefix {
		return known.rules
	}
	if !IsPrefix(prefix) {
		return r
	}
	prefixed := *r
	prefixed.Prefix = prefix
	place.Store(&prefixRules{r, prefix, &prefixed})
	return &prefixed
}

// prefixes are rules with a prefix that were used lately, so that they are not checked for each query.
var (
	prefixes   [64]atomic.Pointer[prefixRules]
	prefixSeed = maphash.MakeSeed()
)

type prefixRules struct {
	of     *Rules
	prefix string
	rules  *Rules
}

// IsPrefix reports whether a text can be a prefix of parameters.
func IsPrefix(text string) bool {
	rules := paging.Rules{Prefix: text, Aside: Aside}
	return text != "" && rules.Check() == nil
}

// UnmarshalJSON reads rules without checking them. Use Parse for rules that nobody has checked.
func (r *Rules) UnmarshalJSON(text []byte) error {
	type unchecked Rules
	if err := json.Unmarshal(text, (*unchecked)(r)); err != nil {
		return err
	}
	r.Aside = Aside
	return nil
}

// MarkupRules say how a ladder is drawn as HTML.
type MarkupRules struct {
	// Style is "plain" without classes, "bootstrap" with those of the Bootstrap 5 stylesheet, or
	// "classed" with your own. Left out: plain.
	Style MarkupStyle `json:"style,omitempty"`
	// Classes are the classes of a "classed" ladder, by part: nav, list, item,
	// link, current, gap, dead.
	Classes map[string]string `json:"classes,omitempty"`
	// Index is what search engines may index of the pages under /lists: "pages", those of the whole list in its own
	// order and size; "first", the first of them; "all", whatever is asked for; or "none". Every other page says
	// noindex. Left out: "pages".
	Index string `json:"index,omitempty" jsonschema:"enum=pages,enum=first,enum=all,enum=none"`
	// Age is a field with the time that a record is of. While the list is sorted by it, the
	// steps are called "Newer" and "Older". Left out: "Previous" and "Next".
	Age string `json:"age,omitempty"`
}

// MarkupStyle is a way to draw a ladder as HTML.
type MarkupStyle string

// Styles of markup; the empty one is plain.
const (
	StylePlain     MarkupStyle = "plain"     // no classes
	StyleBootstrap MarkupStyle = "bootstrap" // the classes of the Bootstrap 5 stylesheet
	StyleClassed   MarkupStyle = "classed"   // the classes that the rules give
)
