package doctest_test

import (
	"cmp"
	"fmt"
	"go/ast"
	"go/doc"
	"go/parser"
	"go/token"
	"maps"
	"os"
	"path/filepath"
	"regexp"
	"slices"
	"strings"
	"testing"
	"unicode"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"pageladder.example/internal/cli"
	"pageladder.example/internal/doctest"
)

const root = "../.."

// eachGoFile calls a function with the path of each Go file.
func eachGoFile(do func(path string) error) error {
	return filepath.WalkDir(root, func(path string, entry os.DirEntry, err error) error {
		switch {
		case err != nil:
			return err
		case entry.IsDir() && (entry.Name() == "node_modules" || entry.Name() == ".git"):
			return filepath.SkipDir
		case entry.IsDir() || filepath.Ext(path) != ".go":
			return nil
		}
		return do(path)
	})
}

// documents are the pages of the docs, by their paths from the root.
func documents(t *testing.T) map[string]string {
	pages := map[string]string{}
	for _, pattern := range []string{"*.md", "docs/*.md", "docs/*/*.md"} {
		paths, err := filepath.Glob(filepath.Join(root, pattern))
		require.NoError(t, err)
		for _, path := range paths {
			text, err := os.ReadFile(path)
			require.NoError(t, err)
			name, err := filepath.Rel(root, path)
			require.NoError(t, err)
			pages[name] = string(text)
		}
	}
	require.Contains(t, pages, "README.md")
	return pages
}

var (
	fence    = regexp.MustCompile("(?ms)^```.*?^```$")
	code     = regexp.MustCompile("`[^`\n]+`")
	indented = regexp.MustCompile(`(?m)^    .*$`)
	link     = regexp.MustCompile(`\]\(([^()\s]*(?:\([^()]*\))?[^()\s]*)\)`)
	heading  = regexp.MustCompile(`(?m)^#{1,6} +(.+?)\s*$`)
	tag      = regexp.MustCompile(`<[^>\n]*>`)
)

// prose is a page without its code.
func prose(text string) string { return code.ReplaceAllString(fence.ReplaceAllString(text, ""), " ") }

// anchors are the names of a page's headings, as hosts of repositories make them: lower
// case, "-" for a space, nothing for what is neither letter, digit, "-" nor "_".
func anchors(text string) []string {
	var all []string
	for _, h := range heading.FindAllStringSubmatch(fence.ReplaceAllString(text, ""), -1) {
		plain := link.ReplaceAllString(strings.NewReplacer("`", "", "*", "", "[", "").Replace(h[1]), "")
		name := strings.Map(func(r rune) rune {
			switch {
			case unicode.IsLetter(r) || unicode.IsDigit(r) || r == '-' || r == '_':
				return unicode.ToLower(r)
			case r == ' ':
				return '-'
			}
			return -1
		}, plain)
		for n, first := 1, name; slices.Contains(all, name); n++ {
			name = fmt.Sprintf("%s-%d", first, n)
		}
		all = append(all, name)
	}
	return all
}

// A public package stays small enough to be learnt: what only the service needs is in packages of its own.
func TestPublicPackagesExportFewNames(t *testing.T) {
	limit := map[string]int{"paging": 120, "paging/answer": 40, "paging/choose": 20, "paging/code": 40, "paging/cursor": 15, "paging/envelope": 10,
		"paging/markup": 40, "paging/query": 20, "paging/rulesfile": 20, "paging/statement": 60, "paging/statement/pgxpage": 10, "paging/statement/sqlpage": 10,
		"paging/text": 5, "paging/value": 15, "climb": 20, "climb/endpoint": 15, "climb/report": 40, "client": 50, "api": 70} // api: one for each body and answer
	for dir, limit := range limit {
		var files []*ast.File
		paths, err := filepath.Glob(filepath.Join(root, dir, "*.go"))
		require.NoError(t, err)
		set := token.NewFileSet()
		for _, path := range paths {
			if !strings.HasSuffix(path, "_test.go") {
				file, err := parser.ParseFile(set, path, nil, 0)
				require.NoError(t, err)
				files = append(files, file)
			}
		}
		public, err := doc.NewFromFiles(set, files, "pageladder.example/"+dir)
		require.NoError(t, err)
		names := 0
		count := func(values []*doc.Value, funcs []*doc.Func) {
			for _, v := range values {
				names += len(v.Names)
			}
			names += len(funcs)
		}
		count(public.Consts, public.Funcs)
		count(public.Vars, nil)
		for _, typ := range public.Types {
			names++
			count(typ.Consts, typ.Funcs)
			count(typ.Vars, typ.Methods)
		}
		assert.LessOrEqual(t, names, limit, dir)
		t.Log(dir, names)
	}
}

// The table of packages has each, with the first sentence of its own documentation.
func TestTheArchitectureHasEachPackage(t *testing.T) {
	says := map[string]string{}
	require.NoError(t, eachGoFile(func(path string) error {
		if strings.HasSuffix(path, "_test.go") {
			return nil
		}
		file, err := parser.ParseFile(token.NewFileSet(), path, nil, parser.ParseComments|parser.PackageClauseOnly)
		if err != nil {
			return err
		}
		dir, _ := filepath.Rel(root, filepath.Dir(path))
		says[dir] = cmp.Or(says[dir], firstOf(new(doc.Package).Synopsis(file.Doc.Text())))
		return nil
	}))
	var table strings.Builder
	table.WriteString("| package | what it is for |\n|---|---|\n")
	for _, dir := range slices.Sorted(maps.Keys(says)) {
		assert.NotEmpty(t, says[dir], dir)
		fmt.Fprintf(&table, "| `%s` | %s |\n", dir, says[dir])
	}
	doctest.CheckPart(t, filepath.Join(root, "docs", "architecture.md"), "packages", table.String())
}

// firstOf is what the first sentence of a package's documentation says of it.
func firstOf(sentence string) string {
	for _, kind := range []string{"Package ", "Command "} {
		if named, ok := strings.CutPrefix(sentence, kind); ok {
			_, sentence, _ = strings.Cut(named, " ")
		}
	}
	sentence = strings.TrimRight(sentence, ".:")
	return strings.ToLower(sentence[:min(1, len(sentence))]) + sentence[min(1, len(sentence)):]
}

// What docs/architecture.md names is there, and the packages that it gives a reason for are those that are
// large: their lines without tests, to the nearest hundred.
func TestTheArchitectureIsAsItIsDescribed(t *testing.T) {
	page := documents(t)[filepath.Join("docs", "architecture.md")]
	named := regexp.MustCompile("`((?:internal|paging|climb|client|api|console|demo|bench|examples|docs|cmd)(?:/[\\w.-]+)*)/?`").FindAllStringSubmatch(page, -1)
	require.Greater(t, len(named), 40)
	for _, name := range named {
		_, err := os.Stat(filepath.Join(root, name[1]))
		assert.NoError(t, err)
	}
	_, large, found := strings.Cut(page, "## Packages over 2,500 lines")
	require.True(t, found)
	answer := map[string]string{}
	for _, one := range regexp.MustCompile("`([\\w/]+)` \\(([\\d,]+)\\)").FindAllStringSubmatch(large, -1) {
		answer[one[1]] = one[2]
	}
	lines := map[string]int{}
	require.NoError(t, eachGoFile(func(path string) error {
		if strings.HasSuffix(path, "_test.go") {
			return nil
		}
		text, err := os.ReadFile(path)
		dir, _ := filepath.Rel(root, filepath.Dir(path))
		lines[dir] += strings.Count(string(text), "\n")
		return err
	}))
	is := map[string]string{}
	for dir, n := range lines {
		if n = (n + 50) / 100 * 100; n > 2_500 {
			is[dir] = fmt.Sprintf("%d,%03d", n/1000, n%1000)
		}
	}
	assert.Equal(t, is, answer)
}

// What a comment says that a test shows is shown by a test of that name.
func TestRulesNameTheirTests(t *testing.T) {
	text, err := os.ReadFile(filepath.Join(root, "internal/sets/known/known.go"))
	require.NoError(t, err)
	named := regexp.MustCompile(`\((Test\w+)\)`).FindAllStringSubmatch(string(text), -1)
	require.GreaterOrEqual(t, len(named), 8)
	var tests strings.Builder
	paths, err := filepath.Glob(filepath.Join(root, "internal/sets/*_test.go"))
	require.NoError(t, err)
	below, err := filepath.Glob(filepath.Join(root, "internal/sets/*/*_test.go"))
	require.NoError(t, err)
	for _, path := range append(paths, below...) {
		text, err := os.ReadFile(path)
		require.NoError(t, err)
		tests.Write(text)
	}
	for _, name := range named {
		assert.Contains(t, tests.String(), "func "+name[1]+"(", name[1])
	}
}

// Each link leads to a file that is there, and to a heading that it has; each picture is shown.
func TestLinksOfTheDocsLeadSomewhere(t *testing.T) {
	pages := documents(t)
	shown := map[string]bool{}
	for name, text := range pages {
		for _, found := range link.FindAllStringSubmatch(prose(text), -1) {
			if strings.Contains(found[1], "://") {
				continue
			}
			path, anchor, hasAnchor := strings.Cut(found[1], "#")
			to := name
			if path != "" {
				to = filepath.Join(filepath.Dir(name), path)
			}
			_, err := os.Stat(filepath.Join(root, to))
			assert.NoError(t, err, "%s: %s", name, found[1])
			shown[to] = true
			if hasAnchor && strings.HasSuffix(to, ".md") {
				assert.Contains(t, anchors(pages[to]), anchor, "%s: %s", name, found[1])
			}
		}
	}
	pictures, err := filepath.Glob(filepath.Join(root, "docs/screenshots/*"))
	require.NoError(t, err)
	for _, picture := range pictures {
		assert.True(t, shown["docs/screenshots/"+filepath.Base(picture)], "%s is linked from nowhere", picture)
	}
	for name := range pages {
		assert.True(t, shown[name] || shown[filepath.Dir(name)] || name == "README.md", "%s is linked from nowhere", name)
	}
}

// Each command that the docs name is there, with the flags that it is given.
func TestCommandsOfTheDocsExist(t *testing.T) {
	command := regexp.MustCompile(`(?:^|[\s;|&(])(?:bin/)?pageladder ([a-z][^|;&#>\n]*)`)
	word := regexp.MustCompile(`^[a-z][a-z-]*$`)
	checked := 0
	for name, text := range documents(t) {
		var pieces []string
		for _, fenced := range fence.FindAllString(text, -1) {
			pieces = append(pieces, strings.Split(fenced, "\n")...)
		}
		rest := fence.ReplaceAllString(text, "")
		for _, inline := range code.FindAllString(rest, -1) {
			pieces = append(pieces, strings.Trim(inline, "`"))
		}
		for _, piece := range append(pieces, indented.FindAllString(rest, -1)...) {
			piece = strings.ReplaceAll(piece, "-U pageladder", "-U its-role") // the name of a role
			for _, found := range command.FindAllStringSubmatch(piece, -1) {
				args := strings.Fields(found[1])
				cmd, _, err := cli.Root().Find(slices.Clone(args[:slices.IndexFunc(append(args, "-"), func(a string) bool { return !word.MatchString(a) })]))
				if !assert.NoError(t, err, "%s: %s", name, piece) {
					continue
				}
				assert.True(t, cmd.HasParent(), "%s: %s", name, piece)
				checked++
				for _, a := range args {
					if flag, ok := strings.CutPrefix(a, "--"); ok && flag != "" {
						flag, _, _ = strings.Cut(strings.TrimRight(flag, ".,:)"), "=")
						assert.True(t, cmd.Flags().Lookup(flag) != nil || cmd.InheritedFlags().Lookup(flag) != nil || flag == "help", "%s: %s: --%s", name, piece, flag)
					}
				}
			}
		}
	}
	assert.Greater(t, checked, 100)
}

// Words are spelt as Debian's list of British words has them, or stand in docs/words.txt: names, terms of
// the trade and those of the glossary.
func TestDocsAreSpelt(t *testing.T) {
	known := map[string]bool{}
	for _, list := range []string{"/usr/share/dict/british-english", filepath.Join(root, "docs/words.txt")} {
		text, err := os.ReadFile(list)
		require.NoError(t, err, "make packages-test installs it")
		for word := range strings.FieldsSeq(string(text)) {
			known[strings.ToLower(word)] = true
		}
	}
	used := map[string]bool{}
	word := regexp.MustCompile(`[A-Za-z]+(?:['’][a-z]+)?`)
	address := regexp.MustCompile(`\S*(?:://|[/_=@{}\\.]\w|\w[/_=]\w)\S*`)
	for name, text := range documents(t) {
		text = tag.ReplaceAllString(address.ReplaceAllString(indented.ReplaceAllString(link.ReplaceAllString(prose(text), "]"), ""), ""), "")
		for _, w := range word.FindAllString(text, -1) {
			lower := strings.ToLower(strings.ReplaceAll(w, "’", "'"))
			bare := strings.TrimSuffix(lower, "'s")
			used[bare] = true
			if len(w) > 2 && strings.ToUpper(w) != w && !known[lower] && !known[bare] {
				assert.Fail(t, "unknown word", "%s: %s", name, w)
			}
		}
	}
	own, err := os.ReadFile(filepath.Join(root, "docs/words.txt"))
	require.NoError(t, err)
	words := strings.Fields(string(own))
	assert.True(t, slices.IsSorted(words), "docs/words.txt is in order")
	for _, w := range words {
		assert.True(t, used[strings.ToLower(w)], "no page has the word %s any more", w)
	}
}
