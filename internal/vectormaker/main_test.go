package main

import (
	"bytes"
	"compress/gzip"
	"io"
	"os"
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"
)

// The files are those that this program makes: nobody has changed either alone.
func TestTheFilesAreMadeByThisProgram(t *testing.T) {
	files, err := Make()
	require.NoError(t, err)
	require.Len(t, files, 2)
	for name, fresh := range files {
		kept, err := os.ReadFile("../../paging/vectors/" + name)
		require.NoError(t, err)
		assert.True(t, bytes.Equal(linesOf(t, kept), linesOf(t, fresh)), "%s: go run ./internal/vectormaker paging/vectors makes it anew; a line that changes is a change of what every core answers", name)
	}
}

func linesOf(t *testing.T, packed []byte) []byte {
	from, err := gzip.NewReader(bytes.NewReader(packed))
	require.NoError(t, err)
	all, err := io.ReadAll(from)
	require.NoError(t, err)
	return all
}
