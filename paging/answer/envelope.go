package answer

import (
	"fmt"
	"slices"
	"strconv"
	"strings"

	"pageladder.example/internal/plainjson"
	"pageladder.example/paging"
	"pageladder.example/paging/envelope"
)

// Enveloped is the shape of an envelope: JSON as application/json. Native is then offered as
// NativeByName. The error says what is wrong with the envelope.
func Enveloped(e envelope.Envelope) (Shape, error) {
	if wrong := e.Check(); len(wrong) > 0 {
		return nil, fmt.Errorf("answer: envelope: %s: found %s; right would be %s", wrong[0].Name, wrong[0].Found, wrong[0].Want)
	}
	_, stated := e["adjusted"]
	s := enveloped{stated: stated}
	for _, step := range e.Plan(appendText) {
		s.literals = append(s.literals, step.Literal)
		if step.Name != "" {
			s.values = append(s.values, valueNamed(step.Name))
		}
	}
	return &s, nil
}

// Parts is Native with only some of its members, from PartNames. A member that the page does not
// have is null.
func Parts(names []string) (Shape, error) {
	s := enveloped{stated: slices.Contains(names, "adjusted")}
	before := "{"
	for _, name := range parts {
		if slices.Contains(names, name) {
			s.literals = append(s.literals, []byte(before+`"`+name+`":`))
			s.values = append(s.values, valueNamed(name))
			before = ","
		}
	}
	for _, name := range names {
		if !slices.Contains(parts, name) {
			return nil, fmt.Errorf("answer: found the part %.100q; right would be some of %s", name, strings.Join(parts, ", "))
		}
	}
	s.literals = append(s.literals, []byte("}"))
	return &s, nil
}

// PartNames are the members of a native answer that can be asked for separately.
func PartNames() []string { return slices.Clone(parts) }

var parts = []string{"records", "paging", "adjusted", "links", "sizes", "sorts", "ladder", "cursors", "markup", "facets", "form", "words"}

// NativeByName is Native where an envelope takes its media type: "application/json;shape=native".
const NativeByName nativeByName = "native"

type nativeByName string

func (n nativeByName) Name() string                                { return string(n) }
func (nativeByName) MediaType() string                             { return Native.MediaType() + ";shape=native" }
func (nativeByName) HasMetadata() bool                             { return Native.HasMetadata() }
func (nativeByName) Append(dst []byte, p *Content) ([]byte, error) { return Native.Append(dst, p) }

// enveloped writes an answer in one pass: literals, each followed by a value, except the last.
type enveloped struct {
	literals [][]byte
	values   []func(dst []byte, p *Content) []byte
	stated   bool // the envelope has a place for adjustments; otherwise they are sent in a header
}

func (*enveloped) Name() string        { return "envelope" }
func (*enveloped) MediaType() string   { return "application/json" }
func (s *enveloped) HasMetadata() bool { return s.stated }

func (s *enveloped) Append(dst []byte, p *Content) ([]byte, error) {
	for i, value := range s.values {
		dst = value(append(dst, s.literals[i]...), p)
	}
	return append(append(dst, s.literals[len(s.values)]...), '\n'), nil
}

// valueNamed is how the value of a name is written. A value that the page does not have is null.
func valueNamed(name string) func(dst []byte, p *Content) []byte {
	of := func(text func(p *Content) string) func(dst []byte, p *Content) []byte {
		return func(dst []byte, p *Content) []byte {
			if t := text(p); t != "" {
				return appendText(dst, t)
			}
			return append(dst, "null"...)
		}
	}
	number := func(n func(m *paging.Metadata) int64) func(dst []byte, p *Content) []byte {
		return func(dst []byte, p *Content) []byte { return strconv.AppendInt(dst, n(&p.About.Paging), 10) }
	}
	known := func(n func(m *paging.Metadata) *int64) func(dst []byte, p *Content) []byte {
		return func(dst []byte, p *Content) []byte { return appendOrNull(dst, n(&p.About.Paging)) }
	}
	nonZero := func(n func(m *paging.Metadata) *int64) func(dst []byte, p *Content) []byte {
		return known(func(m *paging.Metadata) *int64 {
			if v := n(m); *v != 0 {
				return v
			}
			return nil
		})
	}
	whether := func(is func(m *paging.Metadata) bool) func(dst []byte, p *Content) []byte {
		return func(dst []byte, p *Content) []byte { return strconv.AppendBool(dst, is(&p.About.Paging)) }
	}
	switch name {
	case "records":
		return func(dst []byte, p *Content) []byte { return appendArray(dst, p.Records) }
	case "page":
		return known(func(m *paging.Metadata) *int64 { return m.Page })
	case "size":
		return number(func(m *paging.Metadata) int64 { return int64(m.Size) })
	case "total_pages":
		return known(func(m *paging.Metadata) *int64 { return m.TotalPages })
	case "total_items":
		return known(func(m *paging.Metadata) *int64 { return m.TotalItems })
	case "total_is":
		return of(func(p *Content) string { return string(p.About.Paging.TotalIs) })
	case "total_at_least":
		return nonZero(func(m *paging.Metadata) *int64 { return &m.TotalAtLeast })
	case "total_age":
		return nonZero(func(m *paging.Metadata) *int64 { return &m.TotalAge })
	case "first_row":
		return known(func(m *paging.Metadata) *int64 { return m.FirstRow })
	case "last_row":
		return known(func(m *paging.Metadata) *int64 { return m.LastRow })
	case "rows_here":
		return number(func(m *paging.Metadata) int64 { return int64(m.RowsHere) })
	case "offset":
		return known(func(m *paging.Metadata) *int64 { return m.Offset })
	case "limit":
		return number(func(m *paging.Metadata) int64 { return int64(m.Limit) })
	case "version":
		return nonZero(func(m *paging.Metadata) *int64 { return &m.Version })
	case "changes_since":
		return known(func(m *paging.Metadata) *int64 { return m.ChangesSince })
	case "may_shrink":
		return yes(func(m *paging.Metadata) bool { return m.MayShrink })
	case "as_of":
		return func(dst []byte, p *Content) []byte {
			at := p.About.Paging.AsOf
			if at == nil {
				return append(dst, "null"...)
			}
			return append(at.UTC().AppendFormat(append(dst, '"'), asOfFormat), '"')
		}
	case "stale":
		return yes(func(m *paging.Metadata) bool { return m.Stale })
	case "sort":
		return of(func(p *Content) string { return p.About.Paging.Sort })
	case "search":
		return of(func(p *Content) string { return p.About.Paging.Search })
	case "filters":
		return func(dst []byte, p *Content) []byte { return appendFilters(dst, p.About.Paging.Filters) }
	case "is_first":
		return whether(func(m *paging.Metadata) bool { return m.IsFirst })
	case "is_last":
		return whether(func(m *paging.Metadata) bool { return m.IsLast })
	case "summary":
		return of(func(p *Content) string { return p.About.Paging.Summary })
	case "paging":
		return func(dst []byte, p *Content) []byte { return appendMetadata(dst, &p.About.Paging) }
	case "adjusted":
		return func(dst []byte, p *Content) []byte { return appendAdjusted(dst, p.About.Adjusted) }
	case "self":
		return of(func(p *Content) string { return p.About.Links.Self })
	case "first":
		return of(func(p *Content) string { return p.About.Links.First })
	case "prev":
		return of(func(p *Content) string { return p.About.Links.Prev })
	case "next":
		return of(func(p *Content) string { return p.About.Links.Next })
	case "last":
		return of(func(p *Content) string { return p.About.Links.Last })
	case "now":
		return of(func(p *Content) string { return p.About.Links.Now })
	case "links":
		return func(dst []byte, p *Content) []byte { return appendSteps(dst, &p.About.Links) }
	case "sizes":
		return func(dst []byte, p *Content) []byte { return appendSizes(dst, p.About.Sizes) }
	case "sorts":
		return func(dst []byte, p *Content) []byte { return appendSorts(dst, p.About.Sorts) }
	case "ladder":
		return func(dst []byte, p *Content) []byte { return appendLadder(dst, p.About.Ladder) }
	case "cursors":
		return func(dst []byte, p *Content) []byte {
			if p.About.Cursors == nil {
				return append(dst, "null"...)
			}
			return appendCursors(dst, p.About.Cursors)
		}
	case "after":
		return of(func(p *Content) string { return p.About.ends().After })
	case "before":
		return of(func(p *Content) string { return p.About.ends().Before })
	case "markup":
		return of(func(p *Content) string { return p.About.Markup })
	case "facets":
		return func(dst []byte, p *Content) []byte {
			if len(p.About.Facets) == 0 {
				return append(dst, "null"...)
			}
			return plainjson.Append(dst, p.About.Facets)
		}
	case "form":
		return func(dst []byte, p *Content) []byte { return plainjson.Append(dst, p.About.Form) }
	case "words":
		return func(dst []byte, p *Content) []byte { return plainjson.Append(dst, p.About.Words) }
	}
	return func(dst []byte, _ *Content) []byte { return append(dst, "null"...) } // Enveloped knows the names, and a test writes each
}

// yes writes true or, as of a list to which it does not apply, null.
func yes(of func(*paging.Metadata) bool) func([]byte, *Content) []byte {
	return func(dst []byte, p *Content) []byte {
		if !of(&p.About.Paging) {
			return append(dst, "null"...)
		}
		return append(dst, "true"...)
	}
}
