// Package envelope says where an answer puts each of its parts: our names, mapped to JSON
// Pointers, RFC 6901.
//
//	{"records": "/data", "total_items": "/meta/total", "page": "/meta/page", "next": "/links/next"}
//
// What is not mapped is left out. Read the other way round, the same map finds those parts in
// somebody else's answer.
package envelope

import (
	"fmt"
	"iter"
	"maps"
	"slices"
	"strings"
)

// Envelope maps names to JSON Pointers. The empty one leaves answers in our own shape.
type Envelope map[string]string

// names are the names that can be mapped, in the order in which they are written.
var names = []string{
	"records",
	"page", "size", "total_pages", "total_items", "total_is", "total_at_least", "total_age", "first_row", "last_row", "rows_here",
	"offset", "limit", "version", "changes_since", "may_shrink", "as_of", "stale", "sort", "search", "filters", "is_first", "is_last", "summary", "paging",
	"adjusted", "self", "first", "prev", "next", "last", "now", "links", "sizes", "sorts", "ladder", "cursors", "after", "before", "markup", "facets",
}

// Names lists the names that can be mapped: records; each member of paging, links and cursors by
// its own name; paging, links and cursors as wholes; and the other members of the native answer.
func Names() []string { return slices.Clone(names) }

// Limits of a pointer.
const (
	maxPointer = 200 // bytes
	maxDepth   = 8   // objects in one another
)

// Wrong is one entry that is wrong.
type Wrong struct {
	Name  string // which
	Found string // what stands there
	Want  string // what would be right
}

// Check lists everything that is wrong: unknown names, texts that do not point to a member of an
// object, two names at one place, and a name below another, whose value would have to be an object
// too.
func (e Envelope) Check() (all []Wrong) {
	taken := map[string]string{} // names by pointer
	for _, name := range slices.Sorted(maps.Keys(e)) {
		pointer := e[name]
		wrong := func(want string) { all = append(all, Wrong{name, fmt.Sprintf("%.220q", pointer), want}) }
		tokens, ok := split(pointer)
		switch {
		case !slices.Contains(names, name):
			all = append(all, Wrong{name, "an unknown name", "one of " + strings.Join(names, ", ")})
		case !ok || len(pointer) > maxPointer || len(tokens) > maxDepth:
			wrong(fmt.Sprintf(`a JSON Pointer to a member, such as "/meta/total", of at most %d bytes and %d steps`, maxPointer, maxDepth))
		case taken[pointer] != "":
			wrong("a place of its own; " + taken[pointer] + " is there")
		default:
			for other, at := range taken {
				if strings.HasPrefix(other, pointer+"/") || strings.HasPrefix(pointer, other+"/") {
					wrong("a place that is neither below nor above another's; " + at + " is at " + other)
					break
				}
			}
			taken[pointer] = name
		}
	}
	return all
}

// split splits a pointer into names of members; ok is false if it is not a pointer, or points to
// the whole answer.
func split(pointer string) (tokens []string, ok bool) {
	rest, ok := strings.CutPrefix(pointer, "/")
	if !ok {
		return nil, false
	}
	for token := range strings.SplitSeq(rest, "/") {
		plain := strings.NewReplacer("~1", "/", "~0", "~").Replace(token)
		if strings.Count(token, "~") != strings.Count(token, "~0")+strings.Count(token, "~1") || token == "" {
			return nil, false
		}
		tokens = append(tokens, plain)
	}
	return tokens, true
}

// Places are the mapped names, each with the members that lead to its value, in our order of
// names.
func (e Envelope) Places() iter.Seq2[string, []string] {
	return func(yield func(string, []string) bool) {
		for _, name := range names {
			if tokens, ok := split(e[name]); ok && !yield(name, tokens) {
				return
			}
		}
	}
}

// Step is one step of writing an answer: braces and names of members as JSON, then the value of a
// name; the last step has none.
type Step struct {
	Literal []byte
	Name    string
}

// Plan is how answers are written: in our order of names, members of one object together. The
// envelope must have passed Check.
func (e Envelope) Plan(quote func(dst []byte, member string) []byte) []Step {
	root := &node{}
	for name, tokens := range e.Places() {
		at := root
		for _, token := range tokens {
			at = at.child(token)
		}
		at.name = name
	}
	p := planner{quote: quote}
	p.write(root)
	return append(p.steps, Step{Literal: p.literal})
}

// node is an object, or the place of a value.
type node struct {
	member   string
	name     string // of the value
	children []*node
}

func (n *node) child(member string) *node {
	for _, c := range n.children {
		if c.member == member {
			return c
		}
	}
	n.children = append(n.children, &node{member: member})
	return n.children[len(n.children)-1]
}

type planner struct {
	quote   func(dst []byte, member string) []byte
	steps   []Step
	literal []byte
}

func (p *planner) write(n *node) {
	if n.name != "" {
		p.steps = append(p.steps, Step{p.literal, n.name})
		p.literal = nil
		return
	}
	p.literal = append(p.literal, '{')
	for i, c := range n.children {
		if i > 0 {
			p.literal = append(p.literal, ',')
		}
		p.literal = append(p.quote(p.literal, c.member), ':')
		p.write(c)
	}
	p.literal = append(p.literal, '}')
}
