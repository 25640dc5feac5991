package body

import (
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"
)

// The cases of RFC 7396 appendix A whose patch a field of lists and objects can take, and values
// that a patch must leave exactly as they are.
func TestJSONFieldsAreMerged(t *testing.T) {
	for _, c := range []struct{ value, patch, want string }{
		{`{"a":"b"}`, `{"a":"c"}`, `{"a":"c"}`},
		{`{"a":"b"}`, `{"b":"c"}`, `{"a":"b","b":"c"}`},
		{`{"a":"b"}`, `{"a":null}`, `{}`},
		{`{"a":"b","b":"c"}`, `{"a":null}`, `{"b":"c"}`},
		{`{"a":["b"]}`, `{"a":"c"}`, `{"a":"c"}`},
		{`{"a":"c"}`, `{"a":["b"]}`, `{"a":["b"]}`},
		{`{"a":{"b":"c"}}`, `{"a":{"b":"d","c":null}}`, `{"a":{"b":"d"}}`},
		{`{"a":[{"b":"c"}]}`, `{"a":[1]}`, `{"a":[1]}`},
		{`["a","b"]`, `["c","d"]`, `["c","d"]`},
		{`{"a":"b"}`, `["c"]`, `["c"]`},
		{`{"e":null}`, `{"a":1}`, `{"e":null,"a":1}`},
		{`[1,2]`, `{"a":"b","c":null}`, `{"a":"b"}`},
		{``, `{"a":{"bb":{"ccc":null}}}`, `{"a":{"bb":{}}}`},
		{`{}`, `{"a":[null,1,{"b":null}]}`, `{"a":[null,1,{"b":null}]}`},
	} {
		got, err := merged([]byte(c.value), []byte(c.patch))
		require.NoError(t, err)
		assert.JSONEq(t, c.want, string(got), "%s patched by %s", c.value, c.patch)
	}
	got, err := merged([]byte(`{"n":12345678901234567890.10}`), []byte(`{"m":1e400}`))
	require.NoError(t, err)
	assert.Contains(t, string(got), `"n":12345678901234567890.10`, "numbers keep their digits")
	assert.Contains(t, string(got), `"m":1e400`)
}
