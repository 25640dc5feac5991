// Package doctest holds files that are generated from the code, in docs/ and elsewhere,
// against what the code says now. It is for tests: those of a package, run with -update,
// write its files anew.
package doctest

import (
	"flag"
	"os"
	"strings"
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"
)

var update = flag.Bool("update", false, "write the files that are generated from the code anew")

// Check holds a whole file.
func Check(t *testing.T, path, want string) {
	t.Helper()
	if *update {
		require.NoError(t, os.WriteFile(path, []byte(want), 0o644))
	}
	got, err := os.ReadFile(path)
	require.NoError(t, err)
	assert.Equal(t, want, string(got), "%s is out of date: run this package's tests with -update", path)
}

// CheckPart holds what stands between two marks in a file.
func CheckPart(t *testing.T, path, mark, want string) {
	t.Helper()
	doc, err := os.ReadFile(path)
	require.NoError(t, err)
	begin, end := "<!-- "+mark+" -->\n", "<!-- end "+mark+" -->\n"
	before, rest, ok := strings.Cut(string(doc), begin)
	require.True(t, ok, path)
	_, after, ok := strings.Cut(rest, end)
	require.True(t, ok, path)
	Check(t, path, before+begin+want+end+after)
}
