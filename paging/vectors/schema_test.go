package vectors_test

import (
	"bytes"
	"compress/gzip"
	"encoding/json"
	"io"
	"os"
	"strings"
	"testing"

	"github.com/santhosh-tekuri/jsonschema/v6"
	"github.com/stretchr/testify/require"
)

// The schema of the docs describes each line.
func TestTheSchemaDescribesEachLine(t *testing.T) {
	docs, err := os.ReadFile("../../docs/vectors.md")
	require.NoError(t, err)
	_, text, found := strings.Cut(string(docs), "<!-- schema -->\n```json\n")
	require.True(t, found)
	text, _, _ = strings.Cut(text, "```")
	described, err := jsonschema.UnmarshalJSON(strings.NewReader(text))
	require.NoError(t, err)
	c := jsonschema.NewCompiler()
	require.NoError(t, c.AddResource("vectors.json", described))
	schema, err := c.Compile("vectors.json")
	require.NoError(t, err)
	require.Error(t, schema.Validate(map[string]any{"rules": map[string]any{}, "query": "", "result": map[string]any{"answer": map[string]any{}}}), "it is no schema for anything")

	file, err := os.ReadFile("core.ndjson.gz")
	require.NoError(t, err)
	lines, err := gzip.NewReader(bytes.NewReader(file))
	require.NoError(t, err)
	decoder := json.NewDecoder(lines)
	decoder.UseNumber()
	for n := 1; ; n++ {
		var line any
		if err := decoder.Decode(&line); err == io.EOF {
			break
		} else {
			require.NoError(t, err)
		}
		require.NoError(t, schema.Validate(line), "line %d", n)
	}
}
