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

// The file is the one that this program makes: nobody has changed either alone.
func TestTheFileIsMadeByThisProgram(t *testing.T) {
	kept, err := os.ReadFile("../../paging/vectors/core.ndjson.gz")
	require.NoError(t, err)
	fresh, err := Make()
	require.NoError(t, err)
	assert.True(t, bytes.Equal(linesOf(t, kept), linesOf(t, fresh)), "go run ./internal/vectormaker paging/vectors/core.ndjson.gz makes it anew; a line that changes is a change of what every core answers")
}

func linesOf(t *testing.T, packed []byte) []byte {
	from, err := gzip.NewReader(bytes.NewReader(packed))
	require.NoError(t, err)
	all, err := io.ReadAll(from)
	require.NoError(t, err)
	return all
}
