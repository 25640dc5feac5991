package paging

import (
	"bytes"
	"encoding/json"
	"flag"
	"fmt"
	"go/ast"
	"go/parser"
	"go/token"
	"os"
	"path/filepath"
	"reflect"
	"strings"
	"testing"

	"github.com/invopop/jsonschema"
	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"pageladder.example/paging/code"
	"pageladder.example/paging/value"
)

var update = flag.Bool("update", false, "write the generated docs anew")

// checkDoc holds a generated part of the docs against what the code says now.
func checkDoc(t *testing.T, path string, want []byte) {
	t.Helper()
	if *update {
		require.NoError(t, os.WriteFile(path, want, 0o644))
	}
	got, err := os.ReadFile(path)
	require.NoError(t, err)
	assert.Equal(t, string(want), string(got), "%s is out of date: go test ./paging -update", path)
}

// between replaces what stands between two marks in a document.
func between(t *testing.T, path, mark, text string) []byte {
	t.Helper()
	doc, err := os.ReadFile(path)
	require.NoError(t, err)
	begin, end := "<!-- "+mark+" -->\n", "<!-- end "+mark+" -->\n"
	before, rest, ok := strings.Cut(string(doc), begin)
	require.True(t, ok, path)
	_, after, ok := strings.Cut(rest, end)
	require.True(t, ok, path)
	return []byte(before + begin + text + end + after)
}

func TestDocsListEveryCode(t *testing.T) {
	var table strings.Builder
	table.WriteString("| code | what was found | what is used instead |\n|---|---|---|\n")
	for _, c := range code.All() {
		fmt.Fprintf(&table, "| `%s` | %s | %s |\n", c.Code, c.When, c.Used)
	}
	checkDoc(t, "../docs/codes.md", between(t, "../docs/codes.md", "codes", table.String()))
}

func TestDocsSampleIsPrintedByTheProgram(t *testing.T) {
	page := settle(t, harbour(), "berth=N4&page=3x&size=50", Exact(168))
	base, err := ParseBase("/arrivals")
	require.NoError(t, err)
	links := page.On(base)
	var sample bytes.Buffer
	enc := json.NewEncoder(&sample)
	enc.SetEscapeHTML(false)
	enc.SetIndent("", "  ")
	require.NoError(t, enc.Encode(map[string]any{
		"paging": page.Metadata(), "adjusted": page.Adjusted(), "links": links.Steps(), "ladder": links.Ladder(),
	}))
	checkDoc(t, "../docs/paging.md", between(t, "../docs/paging.md", "sample", "```json\n"+sample.String()+"```\n"))
}

func TestEveryPublicFunctionHasAnExample(t *testing.T) {
	for _, dir := range []string{".", "code", "markup", "query", "value"} {
		examples, err := os.ReadFile(filepath.Join(dir, "example_test.go"))
		require.NoError(t, err)
		files, err := filepath.Glob(filepath.Join(dir, "*.go"))
		require.NoError(t, err)
		for _, path := range files {
			if strings.HasSuffix(path, "_test.go") {
				continue
			}
			file, err := parser.ParseFile(token.NewFileSet(), path, nil, 0)
			require.NoError(t, err)
			for _, d := range file.Decls {
				if f, ok := d.(*ast.FuncDecl); ok && f.Name.IsExported() && f.Name.Name != "Error" {
					assert.Regexp(t, `\.`+f.Name.Name+`\b`, string(examples), path)
				}
			}
		}
	}
}

// words are the types that stand for one of some words.
func words() map[reflect.Type][]any {
	list := func(all ...any) []any { return all }
	types := []any{}
	for _, t := range value.Types() {
		types = append(types, t)
	}
	codes := []any{}
	for _, c := range code.All() {
		if c.Code != code.ParamUnknown {
			codes = append(codes, c.Code)
		}
	}
	return map[reflect.Type][]any{
		reflect.TypeFor[Addressing]():  list(ByPage, ByOffset),
		reflect.TypeFor[PastLast]():    list(PastLastGivesLast, PastLastGivesFirst, PastLastGivesEmpty, PastLastRefused),
		reflect.TypeFor[Answer]():      list(Mend, Refuse),
		reflect.TypeFor[Unknown]():     list(UnknownRides, UnknownNoted, UnknownDrops, UnknownRefuse),
		reflect.TypeFor[Direction]():   list(Ascending, Descending),
		reflect.TypeFor[CountHow]():    list(CountExact, CountAtLeast, CountNone),
		reflect.TypeFor[KeepWhat]():    list(KeepAll, KeepDeclared, KeepListed),
		reflect.TypeFor[MarkupStyle](): list(StylePlain, StyleBootstrap, StyleClassed),
		reflect.TypeFor[value.Type]():  types,
		reflect.TypeFor[Operator]():    list(Equals, Not, Min, Max, None, Has, Starts),
		reflect.TypeFor[code.Code]():   codes,
	}
}

func TestSchemaOfTheRules(t *testing.T) {
	enums := words()
	r := jsonschema.Reflector{ExpandedStruct: true, Mapper: func(t reflect.Type) *jsonschema.Schema {
		if all, ok := enums[t]; ok {
			return &jsonschema.Schema{Type: "string", Enum: all}
		}
		if t == reflect.TypeFor[map[code.Code]Answer]() {
			return &jsonschema.Schema{Type: "object", PropertyNames: &jsonschema.Schema{Enum: enums[reflect.TypeFor[code.Code]()]},
				AdditionalProperties: &jsonschema.Schema{Enum: enums[reflect.TypeFor[Answer]()]}}
		}
		return nil
	}}
	require.NoError(t, r.AddGoComments("pageladder.example/paging", "./"))
	schema := r.Reflect(&Rules{})
	schema.ID = "https://pageladder.example/rules.schema.json"
	schema.Title = "Page Ladder rules"
	inPlainWords(schema)
	for _, definition := range schema.Definitions {
		inPlainWords(definition)
	}
	text, err := json.MarshalIndent(schema, "", "  ")
	require.NoError(t, err)
	checkDoc(t, "../docs/rules.schema.json", append(text, '\n'))

	var table strings.Builder
	table.WriteString("| entry | holds | |\n|---|---|---|\n")
	entries(&table, schema, schema, "")
	checkDoc(t, "../docs/rules.md", between(t, "../docs/rules.md", "entries", table.String()))

	// Every entry of the rules is in it, and has a description.
	var parsed struct {
		Properties map[string]struct{ Description string }
	}
	require.NoError(t, json.Unmarshal(text, &parsed))
	for f := range reflect.TypeFor[Rules]().Fields() {
		assert.NotEmpty(t, parsed.Properties[entryName(f)].Description, f.Name)
	}
}

// entries writes a row for each entry of the schema.
func entries(w *strings.Builder, root, s *jsonschema.Schema, prefix string) {
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
			fmt.Fprintf(w, "| `%s%s` | %s | %s |\n", prefix, p.Key, nonEmpty(holds, "object"), v.Description)
			entries(w, root, items, prefix+p.Key+more+".")
			continue
		}
		if len(items.Enum) > 0 {
			var all []string
			for _, word := range items.Enum {
				all = append(all, fmt.Sprintf("`%v`", word))
			}
			holds = strings.Replace(holds, "string", strings.Join(all, ", "), 1)
		}
		fmt.Fprintf(w, "| `%s%s` | %s | %s |\n", prefix, p.Key, holds, v.Description)
	}
}

// inPlainWords names entries in their descriptions as JSON does, not as Go.
func inPlainWords(s *jsonschema.Schema) {
	if s.Properties == nil {
		return
	}
	for p := s.Properties.Oldest(); p != nil; p = p.Next() {
		name, rest, _ := strings.Cut(strings.Join(strings.Fields(p.Value.Description), " "), " ")
		if strings.EqualFold(name, strings.ReplaceAll(p.Key, "_", "")) {
			name = p.Key
		}
		p.Value.Description = name + " " + rest
	}
}
