package climb_test

import (
	"fmt"
	"testing"

	"pageladder.example/climb/report"
	"pageladder.example/internal/doctest"
)

func TestDocsTellEveryPromise(t *testing.T) {
	text := "| code | promise | usual | strict |\n|---|---|---|---|\n"
	for _, p := range report.Promises() {
		text += fmt.Sprintf("| `%s` | %s | %s | %s |\n", p.Code, p.Title, p.Usual, p.Strict)
	}
	doctest.CheckPart(t, "../docs/climb.md", "promises", text)
}
