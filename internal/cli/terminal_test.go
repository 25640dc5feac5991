package cli_test

import (
	"fmt"
	"io"
	"os"
	"os/exec"
	"regexp"
	"strings"
	"testing"
	"unicode/utf8"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"
	"golang.org/x/sys/unix"
)

// onTerminal runs a command line on a pseudo-terminal and gives what it drew there.
func onTerminal(t *testing.T, columns uint16, env string, args ...string) string {
	t.Helper()
	near, err := os.OpenFile("/dev/ptmx", os.O_RDWR|unix.O_NOCTTY, 0)
	require.NoError(t, err)
	defer near.Close()
	fd := int(near.Fd())
	require.NoError(t, unix.IoctlSetPointerInt(fd, unix.TIOCSPTLCK, 0))
	number, err := unix.IoctlGetInt(fd, unix.TIOCGPTN)
	require.NoError(t, err)
	require.NoError(t, unix.IoctlSetWinsize(fd, unix.TIOCSWINSZ, &unix.Winsize{Row: 24, Col: columns}))
	far, err := os.OpenFile(fmt.Sprintf("/dev/pts/%d", number), os.O_RDWR|unix.O_NOCTTY, 0)
	require.NoError(t, err)
	cmd := exec.Command(program, args...)
	cmd.Env = []string{"TERM=xterm", env}
	cmd.Stdout, cmd.Stderr = far, far
	require.NoError(t, cmd.Start())
	require.NoError(t, far.Close())
	drawn, _ := io.ReadAll(near) // ends with an error when the other end is closed
	cmd.Wait()
	return strings.ReplaceAll(string(drawn), "\r\n", "\n")
}

var escape = regexp.MustCompile("\x1b\\[[0-9;]*m")

func TestColourIsForTerminalsAlone(t *testing.T) {
	for _, c := range []struct{ args, coloured string }{
		{"reckon page=99 --total 168", "\x1b[35mpage\x1b[0m: "},
		{"ladder --pages 40 --page 7", "\x1b[1m[7]\x1b[0m"},
		{"ladders", "\x1b[31mpageladder:\x1b[0m unknown command"},
	} {
		args := strings.Fields(c.args)
		drawn := onTerminal(t, 100, "", args...)
		assert.Contains(t, drawn, c.coloured, c.args)
		plain, _ := exec.Command(program, args...).CombinedOutput() // into a pipe; "ladders" fails
		assert.Equal(t, escape.ReplaceAllString(drawn, ""), string(plain), c.args)
		for _, env := range []string{"NO_COLOR=1", "TERM=dumb"} {
			assert.Equal(t, string(plain), onTerminal(t, 100, env, args...), env)
		}
	}
}

func TestLadderFitsTheTerminal(t *testing.T) {
	const ladder = "ladder --pages 40000 --page 20000 --reach 9"
	for _, columns := range []int{40, 60, 100} {
		drawn := strings.TrimSpace(onTerminal(t, uint16(columns), "NO_COLOR=1", strings.Fields(ladder)...))
		assert.LessOrEqual(t, utf8.RuneCountInString(drawn), columns)
		assert.Contains(t, drawn, "[20,000]")
	}
}
