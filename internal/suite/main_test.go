package main

import (
	"go/build"
	"os"
	"path/filepath"
	"strings"
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"
)

func TestTheTableTellsWhatWasRun(t *testing.T) {
	const events = `{"Action":"pass","Package":"pageladder.example/paging","Test":"TestA","Elapsed":1}
{"Action":"pass","Package":"pageladder.example/paging","Test":"TestA/b","Elapsed":1}
{"Action":"pass","Package":"pageladder.example/paging","Elapsed":4.2}
{"Action":"skip","Package":"pageladder.example/api","Elapsed":0}
`
	all, err := read(strings.NewReader(events))
	require.NoError(t, err)
	page, err := update("# Page\n\n| `paging` | 0 | 0 | the core |\n", all)
	require.NoError(t, err)
	assert.Equal(t, "# Page\n\n| `paging` | 1 | 5 | the core |\n", page)

	_, err = update("| `paging` | 0 | 0 | the core |\n", map[string]*duration{"climb": {tests: 1}})
	assert.ErrorContains(t, err, "paging has a row, and no tests were run there")
	assert.ErrorContains(t, err, "climb has tests, and no row says what they hold")
	for says, events := range map[string]string{
		"paging TestA has failed":   `{"Action":"fail","Package":"pageladder.example/paging","Test":"TestA"}`,
		"paging was not run":        `{"Action":"output","Package":"pageladder.example/paging","Output":"ok  \tpageladder.example/paging\t(cached)\n"}`,
		"what go test -json writes": "ok",
	} {
		_, err := read(strings.NewReader(events))
		assert.ErrorContains(t, err, says)
	}
}

// Each package with tests has a row in docs/CONTRIBUTING.md.
func TestEachPackageHasARow(t *testing.T) {
	root := filepath.Join("..", "..")
	text, err := os.ReadFile(filepath.Join(root, "docs", "CONTRIBUTING.md"))
	require.NoError(t, err)
	rows := map[string]bool{}
	for _, m := range row.FindAllStringSubmatch(string(text), -1) {
		rows[m[2]] = true
	}
	tested := map[string]bool{}
	require.NoError(t, filepath.WalkDir(root, func(path string, entry os.DirEntry, err error) error {
		if err != nil || !entry.IsDir() {
			return err
		}
		if entry.Name() == "node_modules" || strings.HasPrefix(entry.Name(), ".") && path != root {
			return filepath.SkipDir
		}
		p, err := build.ImportDir(path, 0)
		if err == nil && len(p.TestGoFiles)+len(p.XTestGoFiles) > 0 {
			name, err := filepath.Rel(root, path)
			require.NoError(t, err)
			tested[name] = true
		}
		return nil
	}))
	assert.Equal(t, tested, rows)
}
