package code_test

import (
	"fmt"
	"os"
	"strings"
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"pageladder.example/internal/doctest"
	"pageladder.example/internal/problem"
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
	for _, own := range problem.Codes() {
		assert.Contains(t, string(docs), "`"+string(own)+"`")
	}
}
