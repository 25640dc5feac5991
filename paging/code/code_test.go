package code_test

import (
	"fmt"
	"io/fs"
	"os"
	"path/filepath"
	"regexp"
	"strings"
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"pageladder.example/internal/doctest"
	"pageladder.example/paging/code"
)

func TestDocsListEveryCode(t *testing.T) {
	var table strings.Builder
	table.WriteString("| code | what was found | what is used instead |\n|---|---|---|\n")
	for _, c := range code.All() {
		fmt.Fprintf(&table, "| `%s` | %s | %s |\n", c.Code, c.When, c.Used)
	}
	doctest.CheckPart(t, "../../docs/codes.md", "codes", table.String())
}

// Codes that only the service gives are in the docs too.
func TestDocsListTheServicesCodes(t *testing.T) {
	docs, err := os.ReadFile("../../docs/codes.md")
	require.NoError(t, err)
	found := 0
	err = filepath.WalkDir("../../internal", func(path string, entry fs.DirEntry, err error) error {
		if err != nil || !strings.HasSuffix(path, ".go") || strings.HasSuffix(path, "_test.go") {
			return err
		}
		source, err := os.ReadFile(path)
		for _, c := range regexp.MustCompile(`Why:\s*"([a-z_.]+)"`).FindAllSubmatch(source, -1) {
			found++
			assert.Contains(t, string(docs), "`"+string(c[1])+"`", path)
		}
		return err
	})
	require.NoError(t, err)
	assert.Positive(t, found)
}
