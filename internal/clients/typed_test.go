package clients_test

import (
	"os"
	"path/filepath"
	"regexp"
	"strings"
	"sync"
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

// foundTyped is what the client of our own finds.
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
	typesOf(t, at, token, "arrivals", "odd")
	run(t, js, "node_modules/.bin/tsc", "-p", "clients/typed.json")
	assert.Equal(t, foundTyped, run(t, js, "node", "clients/build/typed.js", at, token))
}

// The program of the guide does what the guide says.
func TestTheGuidesClientPrintsWhatItSays(t *testing.T) {
	guide, err := os.ReadFile("../../docs/frontends.md")
	require.NoError(t, err)
	block := regexp.MustCompile("(?s)```ts\n(.*?)```\n\nIt prints\n\n(.*?)\n\n- ").FindStringSubmatch(string(guide))
	require.NotNil(t, block)
	at, token := serve(t)
	code := strings.Replace(block[1], "http://127.0.0.1:8470", at, 1)
	require.NotEqual(t, block[1], code)
	typesOf(t, at, token, "arrivals")
	require.NoError(t, os.WriteFile(filepath.Join(js, "clients/build/types/guide.ts"), []byte("declare const process: { env: { TOKEN: string } }\n"+code), 0o600))
	run(t, js, "node_modules/.bin/tsc", "-p", "clients/guide.json")
	t.Setenv("TOKEN", token)
	assert.Equal(t, strings.ReplaceAll(block[2], "    ", "")+"\n", run(t, js, "node", "clients/build/guide/guide.js"))
}

// program is the command line, built once.
var program = sync.OnceValues(func() (string, error) {
	dir, err := os.MkdirTemp("", "pageladder-types")
	if err != nil {
		return "", err
	}
	testkit.AtEnd(func() { os.RemoveAll(dir) })
	return testkit.Binary(dir)
})

// typesOf has the program write the types of sets.
func typesOf(t *testing.T, at, token string, names ...string) {
	program, err := program()
	require.NoError(t, err)
	t.Setenv("PAGELADDER_TOKEN", token)
	dir := filepath.Join(js, "clients/build/types")
	require.NoError(t, os.MkdirAll(dir, 0o755))
	for _, set := range names {
		types := run(t, ".", program, "sets", "types", set, "--server", at)
		require.NoError(t, os.WriteFile(filepath.Join(dir, set+".d.ts"), []byte(types), 0o600))
	}
}
