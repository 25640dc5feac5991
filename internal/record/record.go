// Package record finds the fields of a developer's records by their names.
package record

import (
	"maps"
	"reflect"
	"slices"
	"strings"
	"sync"
)

// Places says where the fields of a struct are, by name.
type Places struct {
	names []string         // names of the fields, as they are shown
	index map[string][]int // by tag, and by plain name
}

// PlacesOf finds the exported fields of a struct. The name of a field is the one in its tag
// `db:"name"` or `json:"name"` or, without a tag, its own, regardless of case and underscores:
// ArrivedAt is arrived_at. The tag "-" leaves it out.
func PlacesOf(t reflect.Type) *Places {
	if known, ok := byType.Load(t); ok {
		return known.(*Places)
	}
	p := &Places{index: map[string][]int{}}
	for _, f := range reflect.VisibleFields(t) {
		name, _, _ := strings.Cut(f.Tag.Get("db"), ",")
		if name == "" {
			name, _, _ = strings.Cut(f.Tag.Get("json"), ",")
		}
		switch {
		case f.Anonymous && name == "", !f.IsExported(), name == "-":
		case name != "":
			p.names = append(p.names, name)
			p.index[name] = f.Index
		default:
			p.names = append(p.names, snake(f.Name))
			p.index[plain(f.Name)] = f.Index
		}
	}
	byType.Store(t, p)
	return p
}

// byType has the places of all types that have been asked for: a program has a limited number.
var byType sync.Map

// Names are the fields' names in order: a field without a tag in lower case, with underscores.
func (p *Places) Names() []string { return p.names }

// Of is the index of a field; nil if the struct has no field of the name.
func (p *Places) Of(name string) []int {
	if index, ok := p.index[name]; ok {
		return index
	}
	return p.index[plain(name)]
}

// plain is a name without case and underscores, marked so that it cannot be the name in a tag.
func plain(name string) string {
	return "\x00" + strings.ToLower(strings.ReplaceAll(name, "_", ""))
}

// snake writes ArrivedAt as arrived_at, and ID as id.
func snake(name string) string {
	var b strings.Builder
	for i := range len(name) {
		c := name[i]
		upper := 'A' <= c && c <= 'Z'
		if upper && i > 0 && (!isUpper(name[i-1]) || i+1 < len(name) && !isUpper(name[i+1])) {
			b.WriteByte('_')
		}
		if upper {
			c += 'a' - 'A'
		}
		b.WriteByte(c)
	}
	return b.String()
}

func isUpper(c byte) bool { return 'A' <= c && c <= 'Z' }

// Keys are the keys of several maps, sorted.
func Keys(records []map[string]any) []string {
	all := map[string]bool{}
	for _, r := range records {
		for key := range r {
			all[key] = true
		}
	}
	return slices.Sorted(maps.Keys(all))
}
