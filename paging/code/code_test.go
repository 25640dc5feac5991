package code_test

import (
	"fmt"
	"strings"
	"testing"

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
