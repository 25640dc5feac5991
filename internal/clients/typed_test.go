package clients_test

import (
	"os"
	"path/filepath"
	"strings"
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"pageladder.example/internal/access"
	"pageladder.example/internal/intake"
	"pageladder.example/internal/service"
	"pageladder.example/internal/sets"
	"pageladder.example/internal/testkit"
	"pageladder.example/paging"
	"pageladder.example/paging/rulesfile"
	"pageladder.example/paging/value"
)

// What the client of our own finds besides.
const foundTyped = found + `walk 347 all 322
first 347
added Late Tern in row 1 sent 8 then no-record
away true true
sets arrivals,berths,lost_property,odd
odd 7 2 é {"a":[1]}
`

func TestTheTypedClientWalksAndEdits(t *testing.T) {
	store := testkit.Harbour(t)
	require.NoError(t, store.LoadCSV(t.Context(), sets.Draft{Name: "odd", Label: "Odd", Rules: rulesfile.Of(paging.Rules{Key: []string{"sum"}, Filters: []paging.FilterRule{{Field: "sum", Type: value.BigInteger}}}),
		Fields: []intake.Field{{Name: "sum", Type: value.BigInteger, Label: "Sum */ of\nall"}, {Name: `a "b"`, Type: value.Integer}, {Name: "x*/y", Type: value.Text}, {Name: "more", Type: value.JSON}}},
		strings.NewReader("sum,\"a \"\"b\"\"\",x*/y,more\n12,7,é,\"{\"\"a\"\":[1]}\"\n")))
	at, s := testkit.ServeWith(t, store, service.Options{})
	token, _, err := s.Tokens().Create(t.Context(), "a program", access.Owner, nil)
	require.NoError(t, err)
	program, err := testkit.Binary(t.TempDir())
	require.NoError(t, err)
	t.Setenv("PAGELADDER_TOKEN", token)
	dir := filepath.Join(js, "clients/build/types")
	require.NoError(t, os.MkdirAll(dir, 0o755))
	for _, set := range []string{"arrivals", "odd"} {
		types := run(t, ".", program, "sets", "types", set, "--server", at)
		require.NoError(t, os.WriteFile(filepath.Join(dir, set+".d.ts"), []byte(types), 0o600))
	}
	run(t, js, "node_modules/.bin/tsc", "-p", "clients/typed.json")
	assert.Equal(t, foundTyped, run(t, js, "node", "clients/build/typed.js", at, token))
}
