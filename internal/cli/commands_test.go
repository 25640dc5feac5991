package cli_test

import (
	"encoding/json"
	"os"
	"os/exec"
	"path/filepath"
	"regexp"
	"slices"
	"strconv"
	"strings"
	"syscall"
	"testing"

	"github.com/spf13/cobra"
	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"pageladder.example/internal/cli"
	"pageladder.example/internal/postgres"
	"pageladder.example/internal/testkit"
)

// unavailable are examples that run until they are stopped, or need what only their
// reader has; other tests run the same commands.
var unavailable = []string{"pageladder demo", "pageladder serve", "pageladder sets attach", "pageladder sets follow", "pageladder sets unfollow", "pageladder restore", "pageladder completion", "--offline", "pageladder backup"}

func TestEveryExampleOfTheHelpRuns(t *testing.T) {
	s := start(t, "demo", "--data-dir", testkit.DataDir(t))
	dir := t.TempDir()
	for name, text := range map[string]string{"boats.csv": "no,name\n1,Gull\n2,Tern\n", "boats.ndjson": `{"no":1}` + "\n" + `{"no":2}` + "\n", "arrivals.yaml": "key: [id]\n"} {
		require.NoError(t, os.WriteFile(filepath.Join(dir, name), []byte(text), 0o600))
	}
	exists, err := filepath.Abs("../..")
	require.NoError(t, err)
	require.NoError(t, os.Symlink(filepath.Join(exists, "deploy"), filepath.Join(dir, "deploy")))
	run := func(line string) {
		cmd := exec.Command("sh", "-c", line)
		cmd.Dir = dir
		cmd.Env = append(append(os.Environ(), s.env...), "PATH="+filepath.Dir(program)+":"+os.Getenv("PATH"))
		out, err := cmd.CombinedOutput()
		assert.NoError(t, err, "%s\n%s", line, out)
	}
	var last []string // these end what others need
	var walk func(cmd *cobra.Command)
	walk = func(cmd *cobra.Command) {
		if cmd.Runnable() && cmd.Name() != "help" && cmd.Parent().Name() != "completion" {
			assert.NotEmpty(t, cmd.Example, cmd.CommandPath())
			assert.NotEmpty(t, cmd.Short, cmd.CommandPath())
		}
		for line := range strings.SplitSeq(cmd.Example, "\n") {
			line = strings.ReplaceAll(strings.TrimSpace(line), "EDITOR=nano", "EDITOR=true")
			skip := line == ""
			for _, other := range unavailable {
				skip = skip || strings.Contains(line, other)
			}
			switch {
			case skip:
			case strings.Contains(line, "token") || strings.Contains(line, "remove"):
				last = append(last, line)
			case strings.Contains(line, "records delete"):
				run(line)
				run("pageladder records add arrivals id=138 vessel=Gull")
			case strings.Contains(line, "records withdraw"):
				run(line)
				run("pageladder records restore arrivals 138")
			case strings.Contains(line, "records restore"):
				run("pageladder records withdraw arrivals 138")
				run(line)
			default:
				run(line)
			}
		}
		for _, sub := range cmd.Commands() {
			walk(sub)
		}
	}
	root := cli.Root()
	walk(root)
	for _, line := range last {
		if strings.Contains(line, "remove") {
			run(line)
		}
	}
	for range 2 { // so that there is a third one to end
		assert.Zero(t, s.run(t, "token", "create", "--label", "more", "--role", "reader").code)
	}
	for _, line := range last {
		if strings.Contains(line, "token") {
			run(line)
		}
	}
	shows := s.run(t, "status")
	assert.Regexp(t, `(?s)^Database: PostgreSQL 1\d[^\n]*, timeline 1, epoch \w+ since 20\d\d-.*`+regexp.QuoteMeta(s.server)+` .* answers`, shows.out, shows.errOut)
	t.Setenv("PAGELADDER_TOKEN", "plt_wrong")
	assert.Equal(t, 4, s.run(t, "sets", "list").code)
}

func TestRecordsAreLookedAfterFromTheShell(t *testing.T) {
	s := start(t, "demo", "--data-dir", testkit.DataDir(t))
	ok := func(args ...string) string {
		t.Helper()
		got := s.run(t, args...)
		require.Zero(t, got.code, "%s: %s", args, got.errOut)
		return got.out
	}
	file := filepath.Join(t.TempDir(), "calls.csv")
	require.NoError(t, os.WriteFile(file, []byte("a,b,n\nx,\"1,2\",5\n\"\",..,6\nbad\n"), 0o600))
	refused := s.run(t, "sets", "import", "calls", file, "--key", "a,b")
	assert.Equal(t, 4, refused.code)
	assert.Contains(t, refused.errOut, "line 4")
	aside := file + ".aside"
	assert.Contains(t, ok("sets", "import", "calls", file, "--key", "a,b", "--aside", aside), "calls has 2 records, key a,b.")
	text, err := os.ReadFile(aside)
	require.NoError(t, err)
	assert.Contains(t, string(text), "4,")

	assert.Contains(t, ok("records", "change", "calls", "x", "1,2", "--set", "n=7"), "7")
	assert.Contains(t, ok("records", "show", "calls", "", "..", "-o", "csv"), "\"\",..,6")
	var one struct{ Revision string }
	require.NoError(t, json.Unmarshal([]byte(ok("records", "show", "calls", "x", "1,2", "-o", "json")), &one))
	ok("records", "change", "calls", "x", "1,2", "--set", "n=8", "--revision", one.Revision)
	stale := s.run(t, "records", "change", "calls", "x", "1,2", "--set", "n=9", "--revision", one.Revision)
	assert.Equal(t, "4 pageladder: the record has another revision by now; read it again\n", strconv.Itoa(stale.code)+" "+stale.errOut)
	assert.Equal(t, 3, s.run(t, "records", "show", "calls", "y", "z").code)
	assert.Equal(t, 4, s.run(t, "records", "change", "calls", "x", "1,2", "--set", "n=many").code)

	assert.Equal(t, "a,b,n\nx,\"1,2\",8\n\"\",..,6\n", ok("page", "calls", "--all", "-o", "csv", "--sort", "-a"))
	assert.JSONEq(t, `[{"a":"x","b":"1,2","n":8}]`, ok("page", "calls", "--all", "-o", "json", "--filter", "n.min=7"))
	assert.Contains(t, ok("place", "calls", "x", "1,2", "--sort", "a"), "2     1")

	for _, base := range []string{"", "/arrivals/page/{page}"} { // wherever its links lead
		rules := filepath.Join(t.TempDir(), "rules.json")
		var now map[string]any
		require.NoError(t, json.Unmarshal([]byte(ok("sets", "rules", "show", "arrivals", "-o", "json")), &now))
		now["base"] = base
		text, err := json.Marshal(now)
		require.NoError(t, err)
		require.NoError(t, os.WriteFile(rules, text, 0o600))
		ok("sets", "rules", "apply", "arrivals", rules)
		walk := exec.Command(program, "page", "arrivals", "-i", "--size", "10", "--server", s.server)
		walk.Env = append(os.Environ(), s.env...)
		walk.Stdin = strings.NewReader("n\nl\nsize 50\n3\nsort vessel\nwhat\nnow\nq\n")
		out, err := walk.CombinedOutput()
		require.NoError(t, err, string(out))
		for _, says := range []string{"1–10 of 347", "11–20 of 347", "341–347 of 347", "301–347 of 347", "101–150 of 347", "1–50 of 347", `"what" is none of`,
			"The list holds still at version", "arrivals as it was at version"} {
			assert.Contains(t, string(out), says, base)
		}
	}
	assert.Contains(t, ok("__complete", "page", "ar"), "arrivals")
	assert.Contains(t, ok("__complete", "page", "arrivals", "--server", s.server, "--sort=-tonnage,v"), "-tonnage,vessel")
	assert.Contains(t, ok("__complete", "page", "arrivals", "--server", s.server, "--filter", "ber"), "berth.not=")
}

func TestBackupIsRestoredElsewhere(t *testing.T) {
	from, to := testkit.DataDir(t), testkit.DataDir(t)
	s := start(t, "demo", "--data-dir", from)
	require.Zero(t, s.run(t, "records", "change", "berths", "E1", "--set", "lit=").code)
	file := filepath.Join(filepath.Dir(from), "harbour.dump")
	got := s.run(t, "backup", file, "--data-dir", from) // while the service runs
	require.Zero(t, got.code, got.errOut)
	got = s.run(t, "restore", file, "--data-dir", to)
	require.Zero(t, got.code, got.errOut)
	got = s.run(t, "restore", file, "--data-dir", to)
	assert.Contains(t, got.errOut, "--replace")
	got = s.run(t, "restore", file, "--data-dir", to, "--replace")
	require.Zero(t, got.code, got.errOut)
	other := start(t, "serve", "--data-dir", to)
	assert.Equal(t, s.run(t, "page", "berths", "-o", "csv").out, other.run(t, "page", "berths", "-o", "csv").out)
	assert.Equal(t, s.run(t, "page", "arrivals", "--search", "gull", "-o", "csv").out, other.run(t, "page", "arrivals", "--search", "gull", "-o", "csv").out)

	// Over what is newer: the service goes on with what was restored.
	require.Zero(t, other.run(t, "records", "change", "berths", "E1", "--set", "lit=true").code)
	require.NoError(t, other.end(syscall.SIGTERM))
	got = s.run(t, "restore", file, "--data-dir", to, "--replace")
	require.Zero(t, got.code, got.errOut)
	other = start(t, "serve", "--data-dir", to)
	assert.Equal(t, s.run(t, "page", "berths", "-o", "csv").out, other.run(t, "page", "berths", "-o", "csv").out)
}

// A service whose database has been replaced by an older copy, after it was killed, refuses that until an operator accepts it.
func TestAnOlderCopyOfTheDatabaseIsRefused(t *testing.T) {
	dir := testkit.DataDir(t)
	copied := func(from, to string) {
		out, err := exec.Command("cp", "-a", filepath.Join(dir, from), filepath.Join(dir, to)).CombinedOutput()
		require.NoError(t, err, string(out))
	}
	s := start(t, "demo", "--data-dir", dir)
	before := s.run(t, "page", "berths", "-o", "csv").out
	require.NoError(t, s.end(syscall.SIGTERM))
	copied("postgres", "older")
	s = start(t, "serve", "--data-dir", dir)
	require.Zero(t, s.run(t, "records", "change", "berths", "E1", "--set", "lit=").code)
	s.end(syscall.SIGKILL)
	testkit.Eventually(t, func() bool { _, runs := postgres.Running(dir); return !runs }, "its PostgreSQL has ended")
	require.NoError(t, os.RemoveAll(filepath.Join(dir, "postgres")))
	copied("older", "postgres")
	got := s.run(t, "serve", "--listen", "127.0.0.1:0")
	assert.Equal(t, 1, got.code)
	assert.Contains(t, got.errOut, "it has berths at version 1, and 2 has been seen")
	assert.Contains(t, got.errOut, "accept-primary")
	got = s.run(t, "accept-primary")
	require.Zero(t, got.code, got.errOut)
	s = start(t, "serve", "--data-dir", dir)
	assert.Equal(t, before, s.run(t, "page", "berths", "-o", "csv").out)
}

func TestOthersGetInWithATokenAlone(t *testing.T) {
	dir := testkit.DataDir(t)
	s := start(t, "demo", "--data-dir", dir)
	assert.Zero(t, s.run(t, "token", "list").code, "the command line reads the owner's token of the data folder by itself")
	for _, other := range []string{"PAGELADDER_DATA_DIR=" + t.TempDir(), "PAGELADDER_TOKEN=plt_wrong"} {
		elsewhere := *s
		elsewhere.env = append(slices.Clone(s.env), other)
		got := elsewhere.run(t, "token", "list")
		assert.Equal(t, 4, got.code, other)
	}
	stranger := running{env: []string{"PAGELADDER_SERVER=" + s.server, "PAGELADDER_DATA_DIR=" + t.TempDir()}}
	assert.Zero(t, stranger.run(t, "page", "arrivals").code, "the demo's sets are open")
	got := s.run(t, "console")
	require.Zero(t, got.code, got.errOut)
	assert.Regexp(t, `^`+regexp.QuoteMeta(s.server)+`/sign-in#[\w-]{43}\n$`, got.out)

	file := filepath.Join(t.TempDir(), "token")
	require.NoError(t, os.WriteFile(file, []byte(strings.Repeat("k", 40)+"\n"), 0o600))
	config := file + ".yaml"
	require.NoError(t, os.WriteFile(config, []byte("data-dir: "+testkit.DataDir(t)+"\nlog-format: json\nlog-level: info\ntoken-file: "+file+"\n"), 0o600))
	t.Setenv("PAGELADDER_LOG_LEVEL", "error")
	by := start(t, "serve", "--config", config, "--listen", "0.0.0.0:0")
	by.env = []string{"PAGELADDER_SERVER=" + strings.Replace(by.server, "[::]", "127.0.0.1", 1), "PAGELADDER_DATA_DIR=" + t.TempDir()}
	bare := by.run(t, "sets", "list")
	assert.Equal(t, 4, bare.code)
	assert.Contains(t, bare.errOut, "this needs a token: name it with --token-file or PAGELADDER_TOKEN")
	assert.Zero(t, by.run(t, "sets", "list", "--token-file", file).code)
	assert.Empty(t, by.stderr.String(), "the environment is stronger than the file")
	created := by.run(t, "token", "create", "--token-file", file, "--role", "reader", "--label", "harbour master")
	require.Zero(t, created.code, created.errOut)
	t.Setenv("PAGELADDER_TOKEN", strings.TrimSpace(created.out))
	assert.Zero(t, by.run(t, "sets", "list").code)
}
