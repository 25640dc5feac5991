package paging

import (
	"bytes"
	"encoding/json"
	"go/ast"
	"go/parser"
	"go/token"
	"os"
	"path/filepath"
	"regexp"
	"strings"
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"pageladder.example/internal/doctest"
)

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
		"paging": page.Metadata(), "adjusted": page.Ask().Adjusted(), "links": links.Steps(), "ladder": links.Ladder(),
	}))
	doctest.CheckPart(t, "../docs/paging.md", "sample", "```json\n"+sample.String()+"```\n")
}

func TestEveryPublicFunctionHasAnExample(t *testing.T) {
	for _, dir := range []string{".", "answer", "choose", "code", "cursor", "envelope", "markup", "query", "rulesfile", "statement", "statement/pgxpage", "statement/sqlpage", "text", "value"} {
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
					assert.True(t, regexp.MustCompile(`\.`+f.Name.Name+`\b`).Match(examples), "no example of %s in %s", f.Name.Name, path)
				}
			}
		}
	}
}
