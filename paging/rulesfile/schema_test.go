package rulesfile

import (
	"cmp"
	"encoding/json"
	"errors"
	"fmt"
	"os"
	"reflect"
	"strings"
	"testing"

	"github.com/invopop/jsonschema"
	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"pageladder.example/internal/doctest"
	"pageladder.example/paging"
	"pageladder.example/paging/code"
	"pageladder.example/paging/envelope"
)

func TestSchemaOfTheRules(t *testing.T) {
	codes := []any{}
	for _, c := range code.All() {
		if c.Code != code.ParamUnknown {
			codes = append(codes, c.Code)
		}
	}
	words := func(t reflect.Type) (all []any) {
		for _, word := range Words(t) {
			all = append(all, word)
		}
		return all
	}
	r := jsonschema.Reflector{ExpandedStruct: true, Mapper: func(t reflect.Type) *jsonschema.Schema {
		if t == reflect.TypeFor[map[code.Code]paging.Answer]() {
			return &jsonschema.Schema{Type: "object", PropertyNames: &jsonschema.Schema{Enum: codes}, AdditionalProperties: &jsonschema.Schema{Enum: words(t.Elem())}}
		}
		if t == reflect.TypeFor[envelope.Envelope]() {
			var names []any
			for _, name := range envelope.Names() {
				names = append(names, name)
			}
			return &jsonschema.Schema{Type: "object", PropertyNames: &jsonschema.Schema{Enum: names}}
		}
		if all := words(t); all != nil {
			return &jsonschema.Schema{Type: "string", Enum: all}
		}
		return nil
	}}
	require.NoError(t, addComments(&r))
	schema := r.Reflect(&Rules{})
	schema.ID = "https://pageladder.example/rules.schema.json"
	schema.Title = "Page Ladder rules"
	inPlainWords(schema)
	for _, definition := range schema.Definitions {
		inPlainWords(definition)
	}
	var table strings.Builder
	table.WriteString("| entry | holds | what it does | example |\n|---|---|---|---|\n")
	entries(t, &table, schema, schema, "")
	doctest.CheckPart(t, "../../docs/rules.md", "entries", table.String())

	text, err := json.MarshalIndent(schema, "", "  ")
	require.NoError(t, err)
	doctest.Check(t, "../../docs/rules.schema.json", string(text)+"\n")

	// Every entry of the rules is in it, and has a description.
	var parsed struct {
		Properties map[string]struct{ Description string }
	}
	require.NoError(t, json.Unmarshal(text, &parsed))
	for _, f := range reflect.VisibleFields(reflect.TypeFor[Rules]()) {
		if name := entryName(f); name != "" {
			assert.NotEmpty(t, parsed.Properties[name].Description, f.Name)
		}
	}
}

// entries writes a row for each entry of the schema, and gives the entry its example there.
func entries(t *testing.T, w *strings.Builder, root, s *jsonschema.Schema, prefix string) {
	if s.Ref != "" {
		s = root.Definitions[s.Ref[strings.LastIndexByte(s.Ref, '/')+1:]]
	}
	for p := s.Properties.Oldest(); p != nil; p = p.Next() {
		v := p.Value
		items := v
		holds, more := v.Type, ""
		if v.Items != nil {
			items, holds, more = v.Items, "list of "+v.Items.Type, "[]"
		}
		if items.Ref != "" {
			holds = strings.Replace(holds, "list of ", "list", 1)
			shown := ""
			if more != "" {
				shown, _ = exampleOf(t, prefix+p.Key)
			}
			fmt.Fprintf(w, "| `%s%s` | %s | %s | %s |\n", prefix, p.Key, cmp.Or(holds, "object"), v.Description, shown)
			entries(t, w, root, items, prefix+p.Key+more+".")
			continue
		}
		if len(items.Enum) > 0 {
			var all []string
			for _, word := range items.Enum {
				all = append(all, fmt.Sprintf("`%v`", word))
			}
			holds = strings.Replace(holds, "string", strings.Join(all, ", "), 1)
		}
		shown, rules := exampleOf(t, prefix+p.Key)
		v.Examples = []any{valueAt(t, rules, prefix+p.Key)}
		fmt.Fprintf(w, "| `%s%s` | %s | %s | %s |\n", prefix, p.Key, holds, v.Description, shown)
	}
}

// valueAt is what rules hold at an entry; of a list, at its first item.
func valueAt(t *testing.T, rules, entry string) any {
	var value any
	require.NoError(t, json.Unmarshal([]byte(rules), &value))
	for name := range strings.SplitSeq(entry, ".") {
		name, list := strings.CutSuffix(name, "[]")
		value = value.(map[string]any)[name]
		if list {
			value = value.([]any)[0]
		}
	}
	require.NotNil(t, value, "the example of %s does not hold it", entry)
	return value
}

// inPlainWords takes the name of an entry off the beginning of its description, which stands next to
// the name: "Cap is the largest size" becomes "The largest size".
func inPlainWords(s *jsonschema.Schema) {
	if s.Properties == nil {
		return
	}
	for p := s.Properties.Oldest(); p != nil; p = p.Next() {
		text := strings.Join(strings.Fields(p.Value.Description), " ")
		name, rest, _ := strings.Cut(text, " ")
		if strings.EqualFold(name, strings.ReplaceAll(p.Key, "_", "")) {
			text = strings.TrimPrefix(strings.TrimPrefix(rest, "is "), "are ")
		}
		p.Value.Description = strings.ToUpper(text[:1]) + text[1:]
	}
}

// addComments takes the descriptions of entries from the comments of the packages that
// their types are in.
func addComments(r *jsonschema.Reflector) (err error) {
	exists, err := os.Getwd()
	if err != nil {
		return err
	}
	defer func() { err = errors.Join(err, os.Chdir(exists)) }()
	if err := os.Chdir("../.."); err != nil {
		return err
	}
	return r.AddGoComments("pageladder.example", "paging")
}
