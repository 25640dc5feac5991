// Package envelope says where an answer puts each thing that it tells: our names, mapped to
// JSON Pointers, RFC 6901.
//
//	{"records": "/data", "total_items": "/meta/total", "page": "/meta/page", "next": "/links/next"}
//
// What is not mapped is left out. Read backwards, the same map finds those things in
// somebody else's answer.
package envelope

import (
	"fmt"
	"iter"
	"maps"
	"slices"
	"strings"
)

// Envelope maps names to JSON Pointers. The empty one is none: answers are the native
// ones.
type Envelope map[string]string

// names are those that can be mapped, in the order in which they are written.
var names = []string{
	"records",
	"page", "size", "total_pages", "total_items", "total_is", "total_at_least", "total_age", "first_row", "last_row", "rows_here",
	"offset", "limit", "version", "changes_since", "sort", "search", "filters", "is_first", "is_last", "summary", "paging",
	"adjusted", "self", "first", "prev", "next", "last", "now", "links", "sizes", "sorts", "ladder", "cursors", "after", "before", "markup", "facets",
}

// Names lists the names that can be mapped: records; each member of the native answer's
// paging, links and cursors by its own name, and these as wholes; and its other members.
func Names() []string { return slices.Clone(names) }

// Bounds of a pointer.
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

// Check tells everything that is wrong: a name that nothing has, a text that is no
// pointer to a member of an object, two names at one place, and one below another, where
// there would have to be a value and an object at once.
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

// split takes a pointer apart into the names of members; ok is false where it is none, or
// the pointer to all of the answer.
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

// Places are the names that are mapped, each with the members that lead to its value, in
// our names' order.
func (e Envelope) Places() iter.Seq2[string, []string] {
	return func(yield func(string, []string) bool) {
		for _, name := range names {
			if tokens, ok := split(e[name]); ok && !yield(name, tokens) {
				return
			}
		}
	}
}

// Step is one step of writing an answer: braces and members' names as JSON, and then the
// value of a name; the last has none.
type Step struct {
	Literal []byte
	Name    string
}

// Plan tells how answers are written: in our names' order, members of one object side by
// side. The envelope is right: Check has found nothing.
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
