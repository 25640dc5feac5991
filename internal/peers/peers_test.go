package peers

import (
	"flag"
	"os"
	"strings"
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"
)

var update = flag.Bool("update", false, "write earlier.txt: only for the first release that makes itself known")

// What earlier programs wrote is still read, and each name is one.
func TestWhatEarlierProgramsWroteIsRead(t *testing.T) {
	if *update {
		require.NoError(t, os.WriteFile("earlier.txt", []byte(strings.Join(Reads(), "\n")+"\n"), 0o644))
	}
	assert.Subset(t, Reads(), earlier)
}
