package vectors_test

import (
	"bytes"
	"compress/gzip"
	"encoding/json"
	"fmt"
	"io"
	"os"
	"slices"
	"strings"
	"testing"

	"github.com/santhosh-tekuri/jsonschema/v6"
	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"pageladder.example/paging/code"
)

// The schemas of the docs describe each line.
func TestTheSchemaDescribesEachLine(t *testing.T) {
	for _, c := range []struct {
		mark, file string
		wrong      map[string]any
	}{
		{"schema", "core.ndjson.gz", map[string]any{"rules": map[string]any{}, "query": "", "result": map[string]any{"answer": map[string]any{}}}},
		{"statements", "statements.ndjson.gz", map[string]any{"table": map[string]any{}, "rules": map[string]any{}, "query": "", "fields": nil, "offset": 0, "limit": 1, "facet": "id", "result": map[string]any{}}},
	} {
		schema := schemaOf(t, c.mark)
		require.Error(t, schema.Validate(c.wrong), "it is no schema for anything")
		for n, line := range linesIn(t, c.file) {
			require.NoError(t, schema.Validate(line), "%s: line %d", c.file, n+1)
		}
	}
}

// schemaOf is a schema of the docs.
func schemaOf(t *testing.T, mark string) *jsonschema.Schema {
	docs, err := os.ReadFile("../../docs/vectors.md")
	require.NoError(t, err)
	_, text, found := strings.Cut(string(docs), "<!-- "+mark+" -->\n```json\n")
	require.True(t, found)
	text, _, _ = strings.Cut(text, "```")
	described, err := jsonschema.UnmarshalJSON(strings.NewReader(text))
	require.NoError(t, err)
	c := jsonschema.NewCompiler()
	require.NoError(t, c.AddResource(mark+".json", described))
	schema, err := c.Compile(mark + ".json")
	require.NoError(t, err)
	return schema
}

// linesIn are the lines of a file, as values of JSON.
func linesIn(t *testing.T, name string) (all []any) {
	file, err := os.ReadFile(name)
	require.NoError(t, err)
	lines, err := gzip.NewReader(bytes.NewReader(file))
	require.NoError(t, err)
	decoder := json.NewDecoder(lines)
	decoder.UseNumber()
	for {
		var line any
		if err := decoder.Decode(&line); err == io.EOF {
			return all
		} else {
			require.NoError(t, err)
		}
		all = append(all, line)
	}
}

// Whatever rules can say is said in some line, and so answered alike in each language: each entry, each word that it
// may have, each code of a fault. The other way, TypeScript's rules have each entry by name.
func TestEachRuleHasVectors(t *testing.T) {
	var schema map[string]any
	text, err := os.ReadFile("../../docs/rules.schema.json")
	require.NoError(t, err)
	require.NoError(t, json.Unmarshal(text, &schema))
	said, codes := map[string]bool{}, map[string]bool{}
	for _, line := range linesIn(t, "core.ndjson.gz") {
		sayings(line.(map[string]any)["rules"], "", said)
		sayings(line.(map[string]any)["result"], "", codes)
	}
	typescript, err := os.ReadFile("../../js/core/src/rules.ts")
	require.NoError(t, err)
	for _, entry := range entries(schema, schema, "") {
		first, _, _ := strings.Cut(strings.TrimLeft(entry, "$"), ".")
		if slices.Contains([]string{"schema", "markup", "envelope", "language", "pinned", "indexes", "indexes[]", "indexes[][]"}, first) {
			continue // of whoever draws a page or serves one: no core has them
		}
		assert.True(t, said[entry], "no vector has rules with %s", entry)
		name, _, _ := strings.Cut(entry[strings.LastIndexByte(entry, '.')+1:], "=")
		assert.True(t, bytes.Contains(typescript, []byte(strings.TrimSuffix(name, "[]"))), "rules in TypeScript have no %s", entry)
	}
	for _, info := range code.All() {
		if info.Code == code.CursorNotSealed || strings.HasPrefix(string(info.Code), "back.") {
			continue // of lists with a sealer, and of the service's ways back
		}
		inAnswer := codes["answer.adjusted[].why="+string(info.Code)] || codes["refusal.faults[].why="+string(info.Code)]
		assert.True(t, inAnswer, "no vector has the fault %s", info.Code)
	}
}

// sayings are the entries of rules, as "size.cap" or "sorts[].first=desc".
func sayings(v any, at string, said map[string]bool) {
	switch v := v.(type) {
	case map[string]any:
		for name, inner := range v {
			sayings(inner, strings.TrimPrefix(at+"."+name, "."), said)
		}
	case []any:
		for _, inner := range v {
			sayings(inner, at+"[]", said)
		}
	case string:
		said[at+"="+v] = true
	}
	said[at] = true
}

// entries are those that a schema has.
func entries(schema, part map[string]any, at string) (all []string) {
	if ref, ok := part["$ref"].(string); ok {
		definitions := schema["$defs"].(map[string]any)
		return entries(schema, definitions[ref[strings.LastIndexByte(ref, '/')+1:]].(map[string]any), at)
	}
	if words, ok := part["enum"].([]any); ok {
		for _, word := range words {
			all = append(all, fmt.Sprint(at, "=", word))
		}
		return all
	}
	if items, ok := part["items"].(map[string]any); ok {
		return append([]string{at}, entries(schema, items, at+"[]")...)
	}
	properties, ok := part["properties"].(map[string]any)
	if !ok {
		return []string{at}
	}
	for name, inner := range properties {
		all = append(all, entries(schema, inner.(map[string]any), strings.TrimPrefix(at+"."+name, "."))...)
	}
	return all
}
