package cli_test

import (
	"bufio"
	"bytes"
	"encoding/csv"
	"encoding/json"
	"errors"
	"fmt"
	"os"
	"os/exec"
	"path/filepath"
	"regexp"
	"slices"
	"strconv"
	"strings"
	"sync"
	"syscall"
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"pageladder.example/internal/postgres"
	"pageladder.example/internal/testkit"
)

var program string

func TestMain(m *testing.M) {
	dir, err := os.MkdirTemp("", "pageladder-bin-")
	if err == nil {
		program, err = testkit.Binary(dir)
	}
	if err != nil {
		fmt.Fprintln(os.Stderr, err)
		os.Exit(1)
	}
	code := m.Run()
	os.RemoveAll(dir)
	os.Exit(code)
}

// running is a service that runs as a process.
type running struct {
	cmd    *exec.Cmd
	server string
	env    []string // that its own command line is run with
	stderr *output
}

// output is what a program that goes on has written so far.
type output struct {
	mu   sync.Mutex
	text []byte
}

func (o *output) Write(p []byte) (int, error) {
	o.mu.Lock()
	defer o.mu.Unlock()
	o.text = append(o.text, p...)
	return len(p), nil
}

func (o *output) String() string {
	o.mu.Lock()
	defer o.mu.Unlock()
	return string(o.text)
}

// start runs "pageladder demo" and waits for the line with its address.
func start(t *testing.T, args ...string) *running {
	t.Helper()
	t.Setenv("PAGELADDER_TOKEN", "") // the owner's of the data folder
	r := &running{cmd: exec.Command(program, append(args, "--listen", "127.0.0.1:0")...), stderr: &output{}}
	r.cmd.Stderr = r.stderr
	out, err := r.cmd.StdoutPipe()
	require.NoError(t, err)
	require.NoError(t, r.cmd.Start())
	t.Cleanup(func() { r.end(syscall.SIGKILL) })
	lines := bufio.NewReader(out)
	line, err := lines.ReadString('\n')
	if err != nil {
		r.cmd.Wait()
		require.NoError(t, err, r.stderr.String())
	}
	r.server = regexp.MustCompile(`http://[^ ]+`).FindString(line)
	require.NotEmpty(t, r.server, line)
	r.env = []string{"PAGELADDER_SERVER=" + r.server}
	if at := slices.Index(args, "--data-dir"); at >= 0 {
		r.env = append(r.env, "PAGELADDER_DATA_DIR="+args[at+1])
	}
	go lines.WriteTo(&bytes.Buffer{})
	return r
}

func (r *running) end(signal syscall.Signal) error {
	if r.cmd.ProcessState != nil {
		return nil
	}
	r.cmd.Process.Signal(signal)
	return r.cmd.Wait()
}

type result struct {
	code        int
	out, errOut string
}

func (r *running) run(t *testing.T, args ...string) result {
	t.Helper()
	cmd := exec.Command(program, args...)
	cmd.Env = append(os.Environ(), r.env...)
	var out, errOut bytes.Buffer
	cmd.Stdout, cmd.Stderr = &out, &errOut
	err := cmd.Run()
	var exit *exec.ExitError
	if err != nil && !errors.As(err, &exit) {
		require.NoError(t, err)
	}
	return result{cmd.ProcessState.ExitCode(), out.String(), errOut.String()}
}

func TestCommandLine(t *testing.T) {
	s := start(t, "demo", "--data-dir", testkit.DataDir(t))

	t.Run("a page as a table", func(t *testing.T) {
		got := s.run(t, "page", "arrivals", "--page", "3", "--size", "20", "--sort", "-tonnage")
		require.Zero(t, got.code, got.errOut)
		lines := strings.Split(strings.TrimSpace(got.out), "\n")
		require.Len(t, lines, 24)
		assert.Regexp(t, `^ ?id +vessel +berth +cargo +tonnage +arrived_at +cleared +note$`, lines[0])
		assert.Equal(t, "41–60 of 347", lines[22])
		assert.Equal(t, "‹ Previous   1    2   [3]   4    5    6    7    …   18  Next ›", lines[23])
		assert.Empty(t, got.errOut)
		drawn := onTerminal(t, 200, "PAGELADDER_SERVER="+s.server, "page", "berths", "--size", "5")
		assert.Regexp(t, `^\x1b\[1mcode .*\x1b\[0m\n`, drawn, "the head is bold")
	})
	t.Run("what was changed is told on the error output", func(t *testing.T) {
		got := s.run(t, "page", "berths", "--page", "abc", "-o", "ndjson")
		require.Zero(t, got.code)
		assert.Equal(t, "page: \"abc\" is not a whole number; page 1 is shown.\n", got.errOut)
		assert.Len(t, strings.Split(strings.TrimSpace(got.out), "\n"), 16)
	})
	t.Run("for machines", func(t *testing.T) {
		got := s.run(t, "page", "arrivals", "--size", "2", "-o", "json")
		var answer map[string]any
		require.NoError(t, json.Unmarshal([]byte(got.out), &answer))
		assert.Len(t, answer["records"], 2)
		got = s.run(t, "page", "lost_property", "-o", "csv")
		assert.Equal(t, "id,found_on,place,what,claimed\n", got.out)
		got = s.run(t, "page", "arrivals", "--size", "100", "-o", "csv")
		rows, err := csv.NewReader(strings.NewReader(got.out)).ReadAll()
		require.NoError(t, err)
		assert.Len(t, rows, 101)
	})
	t.Run("on from a cursor, by the command that the page before ends with", func(t *testing.T) {
		var answer struct{ Cursors struct{ After string } }
		require.NoError(t, json.Unmarshal([]byte(s.run(t, "page", "arrivals", "--sort", "id", "-o", "json").out), &answer))
		assert.Equal(t, "AbFKAm7XWV3CAQJpZAMyMA", answer.Cursors.After, "as the help and the docs have it")
		got := s.run(t, "page", "arrivals", "--sort", "-tonnage", "--size", "2", "--filter", "vessel.has= gull", "-o", "json")
		require.NoError(t, json.Unmarshal([]byte(got.out), &answer))
		got = s.run(t, "page", "arrivals", "--sort", "-tonnage", "--size", "2", "--filter", "vessel.has= gull", "--after", answer.Cursors.After)
		require.Zero(t, got.code, got.errOut)
		lines := strings.Split(strings.TrimRight(got.out, "\n"), "\n")
		require.Len(t, lines, 7)
		assert.Equal(t, "2 records", lines[4])
		assert.Equal(t, "‹ Previous   Next ›", lines[5])
		next, ok := strings.CutPrefix(lines[6], "Next: pageladder page arrivals --filter 'vessel.has= gull' --size 2 --sort -tonnage --after ")
		require.True(t, ok, lines[6])
		third := s.run(t, "page", "arrivals", "--filter", "vessel.has= gull", "--size", "2", "--sort", "-tonnage", "--after", next, "-o", "csv")
		fifth := s.run(t, "page", "arrivals", "--filter", "vessel.has= gull", "--size", "2", "--sort", "-tonnage", "--page", "3", "-o", "csv")
		assert.Equal(t, fifth.out, third.out)
		back := s.run(t, "page", "arrivals", "--filter", "vessel.has= gull", "--size", "2", "--sort", "-tonnage", "--before", next)
		assert.Equal(t, lines[:4], strings.Split(back.out, "\n")[:4], "the place behind a page has the page before it")
	})
	t.Run("what was done, for machines", func(t *testing.T) {
		file := filepath.Join(t.TempDir(), "boats.csv")
		require.NoError(t, os.WriteFile(file, []byte("no,name\n1,Gull\n"), 0o644))
		for _, c := range []struct {
			args string
			out  string
		}{
			{"sets import boats " + file + " -o ndjson", `{"field":"no","label":"no","type":"integer"}` + "\n" + `{"field":"name","label":"name","type":"text"}` + "\n"},
			{"sets change boats --label Boats -o csv", "set,label\nboats,Boats\n"},
			{"records withdraw boats 1 -o ndjson", `{"set":"boats","key":"1","done":"withdraw"}` + "\n"},
			{"records restore boats 1 -o csv", "no,name\n1,Gull\n"},
			{"sets remove boats --yes -o ndjson", `{"set":"boats","done":"removed"}` + "\n"},
		} {
			got := s.run(t, strings.Fields(c.args)...)
			require.Zero(t, got.code, got.errOut)
			assert.Equal(t, c.out, got.out, c.args)
		}
	})
	t.Run("trouble is one clear sentence and an exit code", func(t *testing.T) {
		for _, c := range []struct {
			args []string
			code int
			says string
		}{
			{[]string{"page", "nowhere"}, 3, `there is no record set named "nowhere"`},
			{[]string{"page"}, 2, "exactly SET is wanted, found 0"},
			{[]string{"page", "arrivals", "berths"}, 2, "found 2"},
			{[]string{"page", "arrivals", "-o", "xml"}, 2, `invalid argument "xml" for "-o, --output" flag: right would be one of table, json, csv, ndjson`},
			{[]string{"page", "arrivals", "--pages", "3"}, 2, "unknown flag: --pages"},
			{[]string{"paeg"}, 2, `unknown command "paeg"`},
			{[]string{"page", "arrivals", "--server", "harbour"}, 2, `address "harbour" is not of the form`},
			{[]string{"page", "arrivals", "--server", "http://127.0.0.1:1"}, 5, "no Page Ladder service answers at http://127.0.0.1:1"},
			{[]string{"serve", "--listen", "here"}, 2, "of the form 127.0.0.1:8470"},
		} {
			got := s.run(t, c.args...)
			assert.Equal(t, c.code, got.code, c.args)
			assert.Contains(t, got.errOut, c.says)
			assert.Empty(t, got.out)
		}
	})
	t.Run("the examples in the help run", func(t *testing.T) {
		for _, command := range []string{"page", "version"} {
			help := s.run(t, command, "--help").out
			_, examples, _ := strings.Cut(help, "Examples:\n")
			examples, _, _ = strings.Cut(examples, "\n\n")
			ran := 0
			for line := range strings.Lines(examples) {
				if args := strings.Fields(line); len(args) > 1 {
					got := s.run(t, args[1:]...)
					assert.Zero(t, got.code, "%s: %s", line, got.errOut)
					ran++
				}
			}
			assert.Positive(t, ran, command)
		}
	})
	t.Run("the shell completes set names", func(t *testing.T) {
		got := s.run(t, "__complete", "page", "")
		assert.Contains(t, got.out, "arrivals\nberths\nlost_property\n")
		assert.Contains(t, s.run(t, "completion", "bash").out, "pageladder")
	})
}

func TestServiceUsesAServerThatIsThere(t *testing.T) {
	server, err := postgres.Start(t.Context(), postgres.Options{Dir: testkit.DataDir(t)})
	require.NoError(t, err)
	defer server.Stop()
	dir := testkit.DataDir(t)
	s := start(t, "demo", "--data-dir", dir, "--database-url", server.URL())
	assert.Zero(t, s.run(t, "page", "berths").code)
	assert.NoDirExists(t, filepath.Join(dir, "postgres"), "no private server is made beside it")
	require.NoError(t, s.end(syscall.SIGINT))

	t.Setenv("PAGELADDER_DATABASE_URL", server.URL())
	s = start(t, "serve", "--data-dir", dir)
	assert.Zero(t, s.run(t, "page", "berths").code, "the same records, by the environment")
	assert.NotContains(t, s.run(t, "serve", "--help").out, "postgres://", "the help shows no password")
	got := s.run(t, "serve", "--listen", "127.0.0.1:0", "--database-url", "postgres://nobody:x@127.0.0.1:1/none")
	assert.Equal(t, 1, got.code)
	assert.Contains(t, got.errOut, "opening the database")
	assert.NotContains(t, got.errOut, "nobody:x")
}

func postmaster(t *testing.T, dataDir string) int {
	t.Helper()
	text, err := os.ReadFile(filepath.Join(dataDir, "postgres", "postmaster.pid"))
	require.NoError(t, err)
	pid, err := strconv.Atoi(strings.SplitN(string(text), "\n", 2)[0])
	require.NoError(t, err)
	return pid
}

func alive(pid int) bool { return syscall.Kill(pid, 0) == nil }

func TestServiceStopsCleanlyAndSurvivesBeingKilled(t *testing.T) {
	dir := testkit.DataDir(t)
	s := start(t, "demo", "--data-dir", dir)
	first := s.run(t, "page", "arrivals", "-o", "json").out
	postgres := postmaster(t, dir)
	require.NoError(t, s.end(syscall.SIGINT), "Ctrl-C is a clean end")
	testkit.Eventually(t, func() bool { return !alive(postgres) }, "PostgreSQL stops with the service")
	assert.NoFileExists(t, filepath.Join(dir, "postgres", "postmaster.pid"))

	s = start(t, "demo", "--data-dir", dir)
	postgres = postmaster(t, dir)
	require.Error(t, s.end(syscall.SIGKILL))
	testkit.Eventually(t, func() bool { return !alive(postgres) }, "PostgreSQL stops with a killed service")

	s = start(t, "demo", "--data-dir", dir)
	assert.Equal(t, first, s.run(t, "page", "arrivals", "-o", "json").out, "the data are kept")
	syscall.Kill(postmaster(t, dir), syscall.SIGKILL)
	require.Error(t, s.end(syscall.SIGKILL))

	s = start(t, "serve", "--data-dir", dir)
	assert.Equal(t, first, s.run(t, "page", "arrivals", "-o", "json").out, "also when both were killed")
	t.Run("two run side by side", func(t *testing.T) {
		other := start(t, "demo", "--data-dir", testkit.DataDir(t))
		assert.NotEqual(t, s.server, other.server)
		assert.Zero(t, other.run(t, "page", "berths").code)
	})
	t.Run("but not on one data folder", func(t *testing.T) {
		got := s.run(t, "serve", "--data-dir", dir, "--listen", "127.0.0.1:0")
		assert.Equal(t, 1, got.code)
		assert.Contains(t, got.errOut, "another Page Ladder is running on this data folder")
	})
	t.Run("nor on one port", func(t *testing.T) {
		got := s.run(t, "serve", "--data-dir", testkit.DataDir(t), "--listen", strings.TrimPrefix(s.server, "http://"))
		assert.Equal(t, 1, got.code)
		assert.Contains(t, got.errOut, "address already in use; choose another address with --listen")
	})
	require.NoError(t, s.end(syscall.SIGTERM))
}
