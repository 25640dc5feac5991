// Package record finds the fields of a developer's records by their names.
package record

import (
	"maps"
	"reflect"
	"slices"
	"strings"
	"sync"
)

// Places are where a struct's fields are, by name.
type Places struct {
	names []string         // of the fields, as they are told
	index map[string][]int // by what they are called in a tag, and by their plain names
}

// PlacesOf finds a struct's exported fields. Each is called as its tag `db:"name"` says
// or, without one, `json:"name"`, or as it is called itself, without regard to case and
// underscores: ArrivedAt is arrived_at. A tag "-" leaves it out.
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

// byType are the places of the types that have been asked for: as many as the program has.
var byType sync.Map

// Names are the fields' names, in their order: a field without a tag in lower case, with
// underscores.
func (p *Places) Names() []string { return p.names }

// Of is where a field is; nil where the struct has none of the name.
func (p *Places) Of(name string) []int {
	if index, ok := p.index[name]; ok {
		return index
	}
	return p.index[plain(name)]
}

// plain is a name without its case and underscores, marked so that it is no tag's.
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

// Keys are the keys of some maps, sorted.
func Keys(records []map[string]any) []string {
	all := map[string]bool{}
	for _, r := range records {
		for key := range r {
			all[key] = true
		}
	}
	return slices.Sorted(maps.Keys(all))
}
