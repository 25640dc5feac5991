package peers

import (
	_ "embed"
	"maps"
	"reflect"
	"slices"
	"strings"
	"sync"

	"pageladder.example/paging/code"
	"pageladder.example/paging/envelope"
	"pageladder.example/paging/rulesfile"
	"pageladder.example/paging/value"
)

// Type is the name of a type of fields, for CanRead.
func Type(t value.Type) string { return reflect.TypeFor[value.Type]().Name() + " " + string(t) }

// Role is the name of a role of tokens, for CanRead.
func Role(role string) string { return "role " + role }

// roles are those of tokens.
var roles = []string{"reader", "editor", "owner"}

// earlierText are the names that programs read which do not make themselves known, sorted. It never changes.
//
//go:embed earlier.txt
var earlierText string

var earlier = strings.Split(strings.TrimSpace(earlierText), "\n")

// Reads are the names of everything that this program reads of what others write: entries of rules, such as "SizeRules.default", words in them,
// such as "Addressing cursor", and roles, sorted.
var Reads = sync.OnceValue(func() []string {
	names := map[string]bool{}
	namesOf(reflect.TypeFor[rulesfile.Rules](), names)
	for _, role := range roles {
		names[Role(role)] = true
	}
	return slices.Sorted(maps.Keys(names))
})

// namesOf adds the names of a type: those of its entries and words.
func namesOf(t reflect.Type, names map[string]bool) {
	for _, word := range wordsOf(t) {
		names[t.Name()+" "+word] = true
	}
	switch t.Kind() {
	case reflect.Struct:
		for _, f := range reflect.VisibleFields(t) {
			if name := entryOf(t, f); name != "" && !names[name] {
				names[name] = true
				namesOf(f.Type, names)
			}
		}
	case reflect.Pointer, reflect.Slice, reflect.Array:
		namesOf(t.Elem(), names)
	case reflect.Map:
		namesOf(t.Key(), names)
		namesOf(t.Elem(), names)
	}
}

// Uses are the names of what rules use.
func Uses(rules *rulesfile.Rules) []string {
	names := map[string]bool{}
	usesOf(reflect.ValueOf(rules), names)
	return slices.Sorted(maps.Keys(names))
}

// usesOf adds the names of what a value uses: entries that are there, and words.
func usesOf(v reflect.Value, names map[string]bool) {
	if !v.IsValid() || v.IsZero() {
		return
	}
	t := v.Type()
	words := wordsOf(t)
	if v.Kind() == reflect.String && slices.Contains(words, v.String()) {
		names[t.Name()+" "+v.String()] = true
	}
	switch v.Kind() {
	case reflect.Struct:
		for _, f := range reflect.VisibleFields(t) {
			if name := entryOf(t, f); name != "" && !v.FieldByIndex(f.Index).IsZero() {
				names[name] = true
				usesOf(v.FieldByIndex(f.Index), names)
			}
		}
	case reflect.Pointer:
		usesOf(v.Elem(), names)
	case reflect.Slice, reflect.Array:
		for i := range v.Len() {
			usesOf(v.Index(i), names)
		}
	case reflect.Map:
		for _, key := range v.MapKeys() {
			if slices.Contains(words, key.String()) {
				names[t.Name()+" "+key.String()] = true
			}
			usesOf(key, names)
			usesOf(v.MapIndex(key), names)
		}
	}
}

// wordsOf are the words of a type; of an envelope those that it has places for.
func wordsOf(t reflect.Type) []string {
	switch t {
	case reflect.TypeFor[envelope.Envelope]():
		return envelope.Names()
	case reflect.TypeFor[code.Code]():
		var codes []string
		for _, info := range code.All() {
			codes = append(codes, string(info.Code))
		}
		return codes
	}
	return rulesfile.Words(t)
}

// entryOf names an entry of a type; "" for a field that is not in JSON.
func entryOf(t reflect.Type, f reflect.StructField) string {
	name, _, _ := strings.Cut(f.Tag.Get("json"), ",")
	if name == "" || name == "-" {
		return ""
	}
	return t.Name() + "." + name
}
