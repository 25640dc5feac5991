package cli

import (
	"strings"
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"
)

func TestTypesOfASetAreWrittenForTypeScript(t *testing.T) {
	var b strings.Builder
	require.NoError(t, writeTypes(&b, "lost_property", []byte(`{
		"paths": {"/api/sets/lost_property/records": {"get": {"parameters": [
			{"name": "sort", "in": "query", "schema": {"type": "array", "items": {"type": "string", "enum": ["id", "-id"]}}},
			{"$ref": "#/components/parameters/kind.not"}, {"name": "If-None-Match", "in": "header", "schema": {"type": "string"}}]}}},
		"components": {
			"parameters": {"kind.not": {"name": "kind.not", "in": "query", "description": "Filter kind: not.", "schema": {"type": "array", "items": {"type": "string"}}}},
			"schemas": {
				"SetRecord": {"required": ["id", "a \"b\""], "properties": {"a \"b\"": {"type": ["integer", "null"], "description": "ends */ a\n comment"}, "id": {"type": "string"}}},
				"Draft": {"properties": {"id": {"type": "string"}, "more": {}, "at": {"anyOf": [{"type": "string", "format": "date"}, {"type": "number"}]}, "list": {"type": "array"}}}}}}`)))
	assert.Equal(t, `// The types of the set "lost_property", for @pageladder/client: pageladder sets types lost_property

export interface LostProperty {
  record: {
    id: string
    /** ends *`+"\u200b"+`/ a comment */
    "a \"b\"": number | null
  }
  draft: {
    id?: string
    at?: string | number
    list?: readonly unknown[]
    more?: unknown
  }
  params: {
    sort?: "id" | "-id" | readonly ("id" | "-id")[] | null
    /** Filter kind: not. */
    "kind.not"?: string | readonly string[] | null
  }
}
`, b.String())
	assert.ErrorContains(t, writeTypes(&b, "odd", []byte(`{}`)), "the description of odd")
}
