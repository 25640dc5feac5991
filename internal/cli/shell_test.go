package cli_test

import (
	"encoding/json"
	"fmt"
	"os"
	"os/exec"
	"path/filepath"
	"regexp"
	"strings"
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"pageladder.example/internal/testkit"
)

func TestEveryCommandSpeaksToMachinesAndPeopleAlike(t *testing.T) {
	s := start(t, "demo", "--data-dir", testkit.DataDir(t))
	ok := func(args ...string) string {
		t.Helper()
		got := s.run(t, args...)
		require.Zero(t, got.code, "%s: %s", args, got.errOut)
		return got.out
	}
	// JSON looks the same wherever it comes from.
	for _, line := range []string{"page berths --size 2", "page berths --all", "records show berths E1", "records add berths code=X9 name=Steps", "sets list", "sets show berths", "place berths E1",
		"reckon page=3 --total 168", "ladder --pages 9", "token list", "console", "version", "sets rules show berths", "sets change berths --label Berths"} {
		out := ok(append(strings.Fields(line), "-o", "json")...)
		var value any
		require.NoError(t, json.Unmarshal([]byte(out), &value), line)
		assert.Regexp(t, `^(\{\n  "|\[\n  \{\n    ")`, out, line)
	}
	assert.Contains(t, ok("records", "show", "berths", "E1", "-o", "json"), `"record": {
    "code": "E1",
    "name": "East 1",`, "fields by their names, in their order")
	for line, want := range map[string]string{
		"reckon page=3&size=20 --total 168 -o csv":   "page,size,offset,limit,total_pages,total_items,first_row,last_row,sort,summary\n3,20,40,20,9,168,41,60,\"\",41–60 of 168\n",
		"ladder --pages 3 --page 2 -o ndjson":        `{"rung":"page","page":1,"from":0,"to":0,"href":"?page=1"}` + "\n" + `{"rung":"current","page":2,"from":0,"to":0,"href":""}` + "\n" + `{"rung":"page","page":3,"from":0,"to":0,"href":"?page=3"}` + "\n",
		"reckon page=2 --total 168 --as link":        `<?page=1>; rel="first", <?page=1>; rel="prev", <?page=3>; rel="next", <?page=9>; rel="last"` + "\n",
		"reckon page=2 --total 168 -o link":          `<?page=1>; rel="first", <?page=1>; rel="prev", <?page=3>; rel="next", <?page=9>; rel="last"` + "\n",
		"page arrivals --all -o csv -f bert=N4":      "!2 did you mean \"berth\"?",
		"page arrivals -f wings=2":                   "!2 it has berth, berth.not,",
		"page arrivals --at 99":                      "!4 no page has been of that version",
		"page arrivals --at 1 -o csv --size 1":       "=arrivals as it was at version 1; 0 changes since\n",
		"place arrivals 138 --at 1 -o ndjson":        "pl.version=1",
		"records purge arrivals 99999":               "!3 no record of arrivals",
		"page arrivals --fields id":                  "!2 --fields: arrivals has no parameter for that",
		"sets change berths --remember 30s":          `!4 this is a kept set: all its changes are known, so there is nothing to follow or to remember`,
		"sets unfollow berths":                       `!4 this is a kept set: all its changes are known, so there is nothing to follow or to remember`,
		"records change berths E1 --set lit=perhaps": `!4 lit: found "perhaps"; right would be true, false or null`,
		"records add arrivals id=x tonnage=heavy":    `!4 id: found "x"; right would be a number or null. tonnage: found "heavy"; right would be`,
		"ladder --pages 9 --page 99":                 "\npage: Page 99 is past the last page, 9; page 9 is shown.\n",
		"page nowhere":                               `!3 "pageladder sets list" lists the sets`,
		"__complete records show berths E":           "E1\nE2\n",
		"__complete token create --role ":            "reader\neditor\nowner\n",
		"__complete place arrivals 13":               "\n13\n",
		"page arrivals --all -o ndjson --sort wings": "=sort: found \"wings\" (sort.unknown_key); -arrived_at used\narrivals at version 1\n",
	} {
		got := s.run(t, strings.Fields(strings.Replace(line, "--role ", "--role", 1))...)
		if strings.Contains(line, "--role ") {
			got = s.run(t, "__complete", "token", "create", "--role", "")
		}
		switch want[0] {
		case '!':
			assert.Equal(t, want[1:2], fmt.Sprint(got.code), line)
			assert.Contains(t, got.errOut, want[3:], line)
			assert.Empty(t, got.out, line)
		case '=':
			assert.Equal(t, want[1:], got.errOut, line)
		default:
			require.Zero(t, got.code, got.errOut)
			assert.Contains(t, "\n"+got.out, want, line)
		}
	}
	// What goes into a pipe is not cut; what goes to a terminal fits it.
	records, _, _ := strings.Cut(ok("page", "arrivals", "--size", "100", "--sort", "id"), "1–100 of 347")
	assert.Contains(t, records, strings.Repeat("the master reports fog off the bar and asks for the pilot again; ", 5))
	assert.NotContains(t, records, "…")
	assert.NotContains(t, ok("sets", "show", "arrivals"), "…")
	assert.Contains(t, ok("sets", "show", "arrivals"), "tonnage tonnage.not tonnage.min tonnage.max tonnage.none")
	assert.Contains(t, ok("place", "arrivals", "138", "--sort", "-tonnage", "--size", "20"), "/api/sets/arrivals/records?size=20&sort=-tonnage&page=")
	for _, columns := range []int{60, 80, 120} {
		for line := range strings.Lines(onTerminal(t, uint16(columns), "PAGELADDER_SERVER="+s.server, "page", "arrivals", "--size", "20")) {
			assert.LessOrEqual(t, len([]rune(strings.TrimRight(escape.ReplaceAllString(line, ""), "\n"))), columns, line)
		}
	}
	file := filepath.Join(t.TempDir(), "boats.csv")
	require.NoError(t, os.WriteFile(file, []byte("no,name\n1,Gull\n"), 0o600))
	assert.Contains(t, ok("sets", "import", "boats", file), "boats has 1 record, key no.")
	taken := s.run(t, "sets", "import", "boats", file)
	assert.Contains(t, taken.errOut, `"pageladder sets import boats FILE --again" replaces its records`)
	// Rules that are wrong are reported alike by check and by apply.
	rules := filepath.Join(t.TempDir(), "rules.yaml")
	require.NoError(t, os.WriteFile(rules, []byte("key: [no]\nsize: {cap: -1}\nsorst: []\n"), 0o600))
	checked, applied := s.run(t, "sets", "rules", "check", rules), s.run(t, "sets", "rules", "apply", "boats", rules)
	assert.Equal(t, checked.errOut, applied.errOut)
	assert.Contains(t, applied.errOut, "sorst: found an unknown entry; right would be \"sorts\"")
}

func TestFilesAreCutByTheirRecords(t *testing.T) {
	dir := t.TempDir()
	write := func(name, text string) string {
		path := filepath.Join(dir, name)
		require.NoError(t, os.WriteFile(path, []byte(text), 0o600))
		return path
	}
	csv := write("calls.csv", "no;Name;tons\n1;\"b;b\";9\n2;Ä;\n3;a;10\n4;\"c\r\nd\";1")
	list := write("calls.json", `[{"no":1,"Name":"b","tons":9}, {"no":2,"Name":"Ä"},{"no":3,"Name":"a","tons":10}]`)
	lines := write("calls.ndjson", "{\"no\":1,\"tons\":9}\n{\"no\":2}\n{\"no\":3,\"tons\":10}\n")
	rules := write("rules.yaml", "key: [no]\nsorts: [{key: tons}, {key: name}]\nfilters: [{field: tons, type: integer}]\nsearch: [name]\n")
	for _, c := range []struct{ args, out, errOut string }{
		{csv + " size=2", "no;Name;tons\n1;\"b;b\";9\n2;Ä;\n", "1–2 of 4"},
		{csv + " size=2&page=2 --delimiter semicolon", "no;Name;tons\n3;a;10\n4;\"c\r\nd\";1\n", "3–4 of 4"},
		{csv + " sort=-tons&size=2 --rules " + rules, "no;Name;tons\n3;a;10\n1;\"b;b\";9\n", "1–2 of 4"},
		{csv + " tons.min=9 --rules " + rules, "no;Name;tons\n1;\"b;b\";9\n3;a;10\n", "1–2 of 2"},
		{csv + " q=a --rules " + rules + " -o ndjson", "{\"no\":2,\"Name\":\"Ä\",\"tons\":null}\n{\"no\":3,\"Name\":\"a\",\"tons\":10}\n", "1–2 of 2"},
		{csv + " page=99 -o csv", "no,Name,tons\n1,b;b,9\n2,Ä,\n3,a,10\n4,\"c\r\nd\",1\n", "page: Page 99 is past the last page, 1; page 1 is shown."},
		{list + " size=1&page=2", "[{\"no\":2,\"Name\":\"Ä\"}]\n", "2 of 3"},
		{list + " tons.min=100 --rules " + rules, "[]\n", "no records"},
		{lines + " sort=-tons --rules " + rules, "{\"no\":3,\"tons\":10}\n{\"no\":1,\"tons\":9}\n{\"no\":2}\n", "1–3 of 3"},
		{lines + " size=1 -o json", "[\n  {\n    \"no\": 1,\n    \"tons\": 9\n  }\n]\n", "1 of 3"},
		{csv + " size=1 -o table --delimiter ;", "no  Name  tons\n──────────────\n 1  b;b      9\n", "1 of 4"},
	} {
		cmd := exec.Command(program, append([]string{"cut"}, strings.Fields(c.args)...)...)
		var errOut strings.Builder
		cmd.Stderr = &errOut
		out, err := cmd.Output()
		require.NoError(t, err, "%s: %s", c.args, errOut.String())
		assert.Equal(t, c.out, string(out), c.args)
		assert.Contains(t, errOut.String(), c.errOut, c.args)
	}
	for args, says := range map[string]string{
		write("bad.csv", "a,b\n1\n") + " page=1": "line 2: 1 cell", csv + " page=1 --delimiter xx": "--delimiter: found \"xx\"", write("text.txt", "") + " page=1": `found format "txt"`,
		list + " tons.min=x --rules " + rules: "tons.min", write("cut.json", `[{"a":1}`) + " page=1": "unexpected EOF",
		write("mixed.csv", "no,tons\n1,heavy\n") + " tons.min=1 --rules " + rules: `record 1, field tons: found "heavy"`,
	} {
		out, err := exec.Command(program, append([]string{"cut"}, strings.Fields(args)...)...).CombinedOutput()
		assert.Error(t, err)
		assert.Contains(t, string(out), says, args)
	}
	// A file that need not be sorted is not held in memory.
	var large strings.Builder
	large.WriteString("no,name\n")
	for n := range 1_000_000 {
		fmt.Fprintf(&large, "%d,some name that makes the file longer %d\n", n, n)
	}
	path := write("large.csv", large.String())
	cmd := exec.Command("sh", "-c", fmt.Sprintf("ulimit -v 4000000; GOMEMLIMIT=64MiB exec %s cut %s 'page=40000&size=20' -o csv", program, path))
	out, err := cmd.CombinedOutput()
	require.NoError(t, err, string(out))
	assert.Contains(t, string(out), "799980,some name")
}

// The commands of the documents are run, word for word except for the address, one
// document after the other on a fresh demo. What stands in a fence of the shell or is
// indented by four and begins with a program of ours, or with curl, is a command.
func TestDocumentsExamplesRun(t *testing.T) {
	s := start(t, "demo", "--data-dir", testkit.DataDir(t))
	dir := t.TempDir()
	for name, text := range map[string]string{"boats.csv": "no,name\n1,Gull\n2,Tern\n", "boats.ndjson": `{"no":1}` + "\n", "arrivals.yaml": "key: [id]\n"} {
		require.NoError(t, os.WriteFile(filepath.Join(dir, name), []byte(text), 0o600))
	}
	require.NoError(t, os.Mkdir(filepath.Join(dir, "bin"), 0o700))
	require.NoError(t, os.Symlink(program, filepath.Join(dir, "bin", "pageladder")))
	examples, err := filepath.Abs("../../examples")
	require.NoError(t, err)
	require.NoError(t, os.Symlink(examples, filepath.Join(dir, "examples")))
	link := regexp.MustCompile(`(?m)\\\n *`)
	ran := 0
	for _, document := range []string{"README.md", "docs/start.md", "docs/guides.md", "docs/api.md", "docs/sets.md"} {
		text, err := os.ReadFile(filepath.Join("..", "..", document))
		require.NoError(t, err)
		for line := range strings.Lines(link.ReplaceAllString(string(text), "")) {
			command, indented := strings.CutPrefix(strings.TrimRight(line, "\n"), "    ")
			first, _, _ := strings.Cut(command, " ")
			if indented {
				assert.NotEqual(t, "pageladder", first, "%s: %s: it is bin/pageladder in a clone", document, command)
			}
			if !indented || first != "curl" && first != "bin/pageladder" && !strings.HasPrefix(first, "tag=") && !strings.HasPrefix(first, "TOKEN=") {
				continue
			}
			command = strings.ReplaceAll(command, "http://127.0.0.1:8470", s.server)
			command = strings.ReplaceAll(command, "curl ", "curl -sS --fail-with-body ")
			cmd := exec.Command("bash", "-c", "set -eo pipefail; [ -f .state ] && . ./.state; "+command+"\ndeclare -p tag TOKEN 2>/dev/null > .state || true")
			cmd.Dir = dir
			cmd.Env = append(os.Environ(), s.env...)
			out, err := cmd.CombinedOutput()
			assert.NoError(t, err, "%s: %s\n%s", document, command, out)
			ran++
		}
	}
	assert.Greater(t, ran, 6)
}
