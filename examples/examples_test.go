// Package examples holds whole programs that use the packages alone.
package examples

import (
	"bufio"
	"context"
	"encoding/json"
	"flag"
	"fmt"
	"io"
	"net"
	"net/http"
	"net/url"
	"os"
	"os/exec"
	"path/filepath"
	"slices"
	"strings"
	"sync"
	"testing"
	"time"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"
	"pgregory.net/rapid"

	"pageladder.example/climb"
	"pageladder.example/climb/report"
	"pageladder.example/internal/doctest"
	"pageladder.example/internal/soak"
	"pageladder.example/internal/testkit"
)

func TestMain(m *testing.M) { testkit.WithPostgres(m) }

// programs builds all examples, once, into a folder.
var programs = sync.OnceValues(func() (string, error) {
	dir, err := os.MkdirTemp("", "pageladder-examples-")
	if err != nil {
		return "", err
	}
	testkit.AtEnd(func() { os.RemoveAll(dir) })
	if out, err := exec.Command("go", "build", "-o", dir, "./...").CombinedOutput(); err != nil {
		return "", fmt.Errorf("building the examples: %w\n%s", err, out)
	}
	return dir, nil
})

// start runs a program at a free address, its first argument, and waits until it
// answers. Those in JavaScript are in js/examples.
func start(t *testing.T, program string, args ...string) (address string) {
	t.Helper()
	var command []string
	if strings.HasSuffix(program, ".js") {
		require.FileExists(t, "../js/sql/dist/index.js", "make js builds it")
		command = []string{"node", filepath.Join("../js/examples", program)}
	} else {
		dir, err := programs()
		require.NoError(t, err)
		command = []string{filepath.Join(dir, program)}
	}
	l, err := net.Listen("tcp", "127.0.0.1:0")
	require.NoError(t, err)
	address = l.Addr().String()
	require.NoError(t, l.Close())
	ctx, cancel := context.WithCancel(t.Context())
	command = append(append(command, address), args...)
	cmd := exec.CommandContext(ctx, command[0], command[1:]...)
	cmd.Stderr = os.Stderr
	require.NoError(t, cmd.Start())
	t.Cleanup(func() {
		cancel()
		cmd.Wait()
	})
	testkit.Eventually(t, func() bool {
		conn, err := net.DialTimeout("tcp", address, time.Second)
		if err == nil {
			conn.Close()
		}
		return err == nil
	}, program+" listens")
	return "http://" + address
}

// linesOf counts a program's lines, from the first one that begins so on.
func linesOf(t *testing.T, program, from string) (lines int) {
	source, err := os.Open(filepath.Join(program, "main.go"))
	require.NoError(t, err)
	defer source.Close()
	begun := false
	for s := bufio.NewScanner(source); s.Scan(); {
		if begun = begun || strings.HasPrefix(s.Text(), from); begun {
			lines++
		}
	}
	require.True(t, begun)
	return lines
}

func TestExamplesPageAList(t *testing.T) {
	for program, c := range map[string]struct{ path, want string }{
		"nethttp": {"/?cargo=salt&page=99", `{"links":{"self":"?cargo=salt\u0026page=3","first":"?cargo=salt\u0026page=1","prev":"?cargo=salt\u0026page=2"},"paging":{"page":3,`},
		"gin":     {"/vessels?cargo=salt&page=2", `<p lang="en">4–6 of 7 records</p>`},
	} {
		t.Run(program, func(t *testing.T) {
			assert.Less(t, linesOf(t, program, ""), 30, "a list is less than a screenful")
			res, err := http.Get(start(t, program) + c.path)
			require.NoError(t, err)
			defer res.Body.Close()
			body, err := io.ReadAll(res.Body)
			require.NoError(t, err)
			assert.Contains(t, string(body), c.want)
		})
	}
}

// A list is a page of HTML, a fragment of one, and a form that loses nothing.
func TestHTMLPageNeedsNoScript(t *testing.T) {
	assert.Less(t, linesOf(t, "htmlpage", "var rules"), 40)
	at := start(t, "htmlpage")
	for path, c := range map[string]struct {
		status   int
		has, not []string
	}{
		"/arrivals?sort=-vessel&cargo.has=s&page=2": {200, []string{"<!doctype html>", "11–20 of 107 records", `href="?sort=-vessel&amp;cargo.has=s&amp;page=3"`, "Cargo has: s", `<input type="hidden" name="cargo.has" value="s">`, `<option value="50">50</option>`}, []string{"<script"}},
		"/fragment?q=gull&berth=N4":                 {200, []string{"1 of 1 record", "<option selected>N4</option>", `<a href="/fragment?berth=N4"`}, []string{"<html"}},
		"/arrivals?cargo.none=maybe&berth=X9":       {400, []string{"is not true or false", "<option selected>X9</option>", ">Show all</a>"}, []string{"<table"}},
	} {
		res, err := http.Get(at + path)
		require.NoError(t, err)
		defer res.Body.Close()
		body, err := io.ReadAll(res.Body)
		require.NoError(t, err)
		assert.Equal(t, c.status, res.StatusCode, path)
		for _, has := range c.has {
			assert.Contains(t, string(body), has, path)
		}
		for _, not := range c.not {
			assert.NotContains(t, string(body), not, path)
		}
	}
}

// Each of them keeps its promises.
func TestExamplesClimbClean(t *testing.T) {
	for program, c := range map[string]struct {
		path string
		args []string
	}{
		"nethttp": {"/", nil}, "gin": {"/vessels", nil}, "htmlpage": {"/arrivals", nil}, "sqlite": {"/arrivals", nil}, "slice": {"/arrivals", nil},
		"postgres": {"/arrivals", []string{testkit.DatabaseURL(t)}}, "mariadb": {"/arrivals", []string{testkit.MariaDSN(t)}},
		"sqlite.js": {"/arrivals", nil}, "fastify.js": {"/arrivals", []string{testkit.DatabaseURL(t)}}, "serve.js": {"/arrivals", []string{"edge.js"}},
	} {
		t.Run(program, func(t *testing.T) {
			at := start(t, program, c.args...)
			expect := report.Strict()
			expect["cost.time"] = report.Off // it depends on what else the machine does
			seen, err := (&climb.Checker{Expect: expect, Pause: -1}).Run(t.Context(), climb.Endpoint{Address: at + c.path})
			require.NoError(t, err)
			for _, p := range seen.Promises {
				assert.NotEqual(t, report.Broken, p.Verdict, "%s: %v", p.Code, p.Findings)
			}
			assert.True(t, seen.Whole)
			t.Log(seen.Summary())
		})
	}
}

// The docs show each program as it is.
func TestDocsShowTheExamples(t *testing.T) {
	for _, program := range []string{"slice", "sqlite", "postgres", "mariadb", "htmlpage"} {
		source, err := os.ReadFile(filepath.Join(program, "main.go"))
		require.NoError(t, err)
		_, code, _ := strings.Cut(string(source), "\n)\n\n")
		doctest.CheckPart(t, "../docs/examples.md", program, "```go\n"+code+"```\n")
	}
	for _, program := range []string{"sqlite.js", "fastify.js", "edge.js"} {
		source, err := os.ReadFile(filepath.Join("../js/examples", program))
		require.NoError(t, err)
		assert.LessOrEqual(t, strings.Count(string(source), "\n"), 46, program)
		doctest.CheckPart(t, "../docs/examples.md", program, "```js\n"+string(source)+"```\n")
	}
}

// page is what one program answers.
type page struct {
	Status   int
	Records  []map[string]any
	Adjusted []map[string]any
	Paging   map[string]any
	Links    map[string]string
	Sizes    []map[string]any
	Sorts    []map[string]any
	Ladder   []map[string]any
	Faults   []map[string]any
}

// ask asks a list and takes off what programs may differ in: the version and the path.
func ask(t require.TestingT, list, query string) page {
	res, err := http.Get(list + "?" + query)
	require.NoError(t, err)
	defer res.Body.Close()
	body, err := io.ReadAll(res.Body)
	require.NoError(t, err)
	at, err := url.Parse(list)
	require.NoError(t, err)
	var p page
	require.NoError(t, json.Unmarshal([]byte(strings.ReplaceAll(string(body), `"`+at.Path+"?", `"/arrivals?`)), &p), string(body))
	if p.Status = res.StatusCode; p.Status != http.StatusOK { // only the service's refusals have them
		p.Sizes, p.Sorts = nil, nil
	}
	delete(p.Paging, "version")
	return p
}

// drawQuery draws a query of the harbour's arrivals, right or wrong.
func drawQuery(t *rapid.T) string {
	hostile := rapid.SampledFrom([]string{"'", `"`, `\`, "%", "_", "!", "'; drop table arrivals; --", "<b>", "gull", "Gull", "GULL", "möwe", "MÖWE", "Ø", "ø", "Île Gull", "Grey Gull", "x", "", " ", "1e3", "-1", "0", "3x", "999999999999999999999", "null", "\u2028", "日本", "مرساة"})
	part := rapid.OneOf(
		rapid.Map(rapid.SampledFrom([]string{"0", "1", "2", "5", "17", "18", "99", "-1", "3x", "99999999999999999999", ""}), func(s string) string { return "page=" + s }),
		rapid.Map(rapid.SampledFrom([]string{"1", "10", "20", "7", "50", "100", "500", "x", "0"}), func(s string) string { return "size=" + s }),
		rapid.Map(rapid.SampledFrom([]string{"1", "41", "347", "400", "x"}), func(s string) string { return "row=" + s }),
		rapid.Map(rapid.SliceOfN(rapid.SampledFrom([]string{"id", "-id", "vessel", "-vessel", "berth", "-cargo", "tonnage", "-tonnage", "arrived_at", "-arrived_at", "cleared", "-cleared", "speed", ""}), 0, 4), func(s []string) string { return "sort=" + strings.Join(s, ",") }),
		rapid.Map(rapid.SampledFrom([]string{"berth=N4", "berth=n4", "berth=N5", "berth=", "berth.not=N4", "berth.none=true", "berth.none=maybe", "cargo=salt", "cargo=empty", "cargo.has=AL", "cargo.starts=s", "cargo.min=1",
			"tonnage=700", "tonnage.min=500", "tonnage.max=4000", "tonnage.not=700", "tonnage.none=true", "tonnage.none=false", "tonnage.min=x", "tonnage.min=1.5",
			"arrived_at=2026-03-02", "arrived_at.min=2026-04-01", "arrived_at.max=2026-04-21T10:38:00Z", "arrived_at.max=2026-04-21T10:37:59.999999999Z", "arrived_at.not=2026-03-01", "arrived_at=yesterday",
			"cleared=true", "cleared=false", "cleared.not=true", "cleared.none=true", "cleared=1"}), func(s string) string { return s }),
		rapid.Map(hostile, func(s string) string { return "vessel=" + url.QueryEscape(s) }),
		rapid.Map(hostile, func(s string) string { return "vessel.has=" + url.QueryEscape(s) }),
		rapid.Map(hostile, func(s string) string { return "vessel.starts=" + url.QueryEscape(s) }),
		rapid.Map(hostile, func(s string) string { return "vessel.not=" + url.QueryEscape(s) }),
		rapid.Map(rapid.SampledFrom([]string{"gull", "GULL", "möwe", "mow", "grey gu", "crew change", "fog off", "b", "fragile heavy", "--", "zur", "ost", "ile", "مرساة", "customs papers"}), func(s string) string { return "q=" + url.QueryEscape(s) }),
		rapid.Map(hostile, func(s string) string { return "q=" + url.QueryEscape(s) }),
		rapid.Map(hostile, func(s string) string { return url.QueryEscape(s) + "=1" }),
		rapid.Map(hostile, func(s string) string { return "colour=" + url.QueryEscape(s) }),
	)
	return strings.Join(rapid.SliceOfN(part, 0, 5).Draw(t, "query"), "&")
}

// The harbour's arrivals are the same list whether they are in SQLite, PostgreSQL, a slice
// or the service, and in MariaDB except for the order of texts.
func TestOneListWhereverItIs(t *testing.T) {
	service := testkit.Serve(t) + "/api/sets/arrivals/records"
	lists := map[string]string{}
	for program, args := range map[string][]string{"sqlite": nil, "slice": nil, "postgres": {testkit.DatabaseURL(t)}, "mariadb": {testkit.MariaDSN(t)}} {
		assert.Less(t, linesOf(t, program, "var rules"), 40, program)
		lists[program] = start(t, program, args...) + "/arrivals"
	}
	for program, args := range map[string][]string{"sqlite.js": nil, "fastify.js": {testkit.DatabaseURL(t)}, "serve.js": {"edge.js"}} {
		lists[program] = start(t, program, args...) + "/arrivals"
	}
	checks := flag.Lookup("rapid.checks")
	defer flag.Set(checks.Name, checks.Value.String())
	require.NoError(t, flag.Set(checks.Name, soak.Or("200", "10000")))
	rapid.Check(t, func(t *rapid.T) {
		query := drawQuery(t)
		want := ask(t, service, query)
		for program, list := range lists {
			want, got := want, ask(t, list, query)
			if sort, _ := want.Paging["sort"].(string); program == "mariadb" && want.Status == http.StatusOK && (strings.Contains(sort, "vessel") || strings.Contains(sort, "cargo")) {
				got.Records, want.Records = nil, nil
			}
			require.Equal(t, want, got, "%s: %s", program, query)
		}
	})
}

// The module is used from another one as the docs say, by a replacement and by a workspace.
func TestTheModuleIsUsedFromAnother(t *testing.T) {
	text, err := os.ReadFile("../docs/start.md")
	require.NoError(t, err)
	_, rest, _ := strings.Cut(string(text), "<!-- program -->\n```go\n")
	program, _, found := strings.Cut(rest, "```\n<!-- end program -->")
	require.True(t, found)
	exists, err := filepath.Abs("..")
	require.NoError(t, err)
	for name, commands := range map[string]string{
		"a replacement": "go mod edit -require pageladder.example@v0.0.0 -replace pageladder.example=" + exists + " && go build -mod=mod -o boats .",
		"a workspace":   "go work init . " + exists + " && go build -o boats .",
	} {
		dir := t.TempDir()
		require.NoError(t, os.WriteFile(filepath.Join(dir, "main.go"), []byte(program), 0o600))
		require.NoError(t, os.WriteFile(filepath.Join(dir, "go.mod"), []byte("module boats.example\n\ngo 1.26.0\n"), 0o600))
		cmd := exec.Command("sh", "-c", commands)
		cmd.Dir, cmd.Env = dir, append(os.Environ(), "GOPROXY=off")
		out, err := cmd.CombinedOutput()
		assert.NoError(t, err, "%s: %s", name, out)
		assert.FileExists(t, filepath.Join(dir, "boats"))
	}
}

// What each package brings with it is counted.
func TestDocsTellWhatAPackageBrings(t *testing.T) {
	table := "| package | brings |\n|---|---|\n"
	for _, p := range []string{"paging", "paging/statement", "paging/statement/sqlpage", "paging/rulesfile", "paging/choose", "climb", "paging/markup", "paging/statement/pgxpage", "paging/answer"} {
		out, err := exec.Command("go", "list", "-deps", "-f", "{{with .Module}}{{.Path}}{{end}}", "../"+p).Output()
		require.NoError(t, err)
		var brings []string
		for module := range strings.FieldsSeq(string(out)) {
			if module != "pageladder.example" && !slices.Contains(brings, "`"+module+"`") {
				brings = append(brings, "`"+module+"`")
			}
		}
		slices.Sort(brings)
		if len(brings) == 0 {
			brings = []string{"nothing"}
		}
		table += "| `" + p + "` | " + strings.Join(brings, ", ") + " |\n"
	}
	doctest.CheckPart(t, "../docs/start.md", "modules", table)
}
