package doctest_test

import (
	"go/ast"
	"go/parser"
	"go/token"
	"os"
	"path/filepath"
	"regexp"
	"slices"
	"strings"
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"
)

// eachFile calls a function with each Go file, parsed.
func eachFile(t *testing.T, do func(path string, files *token.FileSet, file *ast.File)) {
	require.NoError(t, eachGoFile(func(path string) error {
		files := token.NewFileSet()
		file, err := parser.ParseFile(files, path, nil, parser.ParseComments|parser.SkipObjectResolution)
		if err == nil {
			do(path, files, file)
		}
		return err
	}))
}

var parts = regexp.MustCompile(`[A-Z]?[a-z]+|[A-Z]+`)

// wordsOf are the words of an identifier, in lower case.
func wordsOf(identifier string) (words []string) {
	for _, w := range parts.FindAllString(identifier, -1) {
		words = append(words, strings.ToLower(w))
	}
	return words
}

// Identifiers say what something is, not what was done to it: "told" may be a report, a description or a number. The
// exceptions are names of the API.
func TestIdentifiersSayWhatThingsAre(t *testing.T) {
	vague := []string{"asked", "came", "here", "its", "made", "most", "tell", "tells", "told"}
	exceptions := []string{"Came", "Made", "MadeKey", "RowsHere"}
	check := func(t *testing.T, name string) (found []string) {
		if slices.Contains(exceptions, name) {
			return nil
		}
		return slices.DeleteFunc(wordsOf(name), func(w string) bool { return !slices.Contains(vague, w) })
	}
	require.NotEmpty(t, check(t, "rowsTold"))
	eachFile(t, func(_ string, files *token.FileSet, file *ast.File) {
		ast.Inspect(file, func(n ast.Node) bool {
			if f, ok := n.(*ast.FuncDecl); ok && isTest(f.Name.Name) {
				f.Name.Name = "test" // a sentence
			}
			if id, ok := n.(*ast.Ident); ok {
				assert.Empty(t, check(t, id.Name), "%s: %s", files.Position(id.Pos()), id.Name)
			}
			return true
		})
	})
}

func isTest(function string) bool {
	return regexp.MustCompile("^(Test|Benchmark|Fuzz|Example)").MatchString(function)
}

// Comments use the same words as everybody: "the reported total" instead of "the total told". What is quoted is not
// held against that.
func TestCommentsSayWhatThingsAre(t *testing.T) {
	private := regexp.MustCompile(`(?i)\b(?:told|tells?|asked|came|made|here|is the most)\b(?: \w+)?`)
	usual := regexp.MustCompile(`^(?:asked (?:for|to)|made up|came about|is the most (?:recently|frequent)|Came is)$`)
	quoted := regexp.MustCompile("\"[^\"]*\"|<[^>]*>|^// Output:(?s:.*)")
	find := func(comment string) []string {
		words := strings.Join(strings.Fields(strings.NewReplacer("//", " ", "-", " ").Replace(quoted.ReplaceAllString(comment, ""))), " ")
		return slices.DeleteFunc(private.FindAllString(words, -1), usual.MatchString)
	}
	require.Len(t, find("// what a page tells of\n// the records that came, where asked for"), 2)
	eachFile(t, func(_ string, files *token.FileSet, file *ast.File) {
		for _, group := range file.Comments {
			var text strings.Builder
			for _, c := range group.List {
				text.WriteString(c.Text + "\n")
			}
			assert.Empty(t, find(text.String()), files.Position(group.Pos()).String())
		}
	})
	scripts, err := filepath.Glob(filepath.Join(root, "console/src/*.ts"))
	require.NoError(t, err)
	pages, err := filepath.Glob(filepath.Join(root, "console/src/*/*.vue"))
	require.NoError(t, err)
	packages, err := filepath.Glob(filepath.Join(root, "js/*/src/*.ts"))
	require.NoError(t, err)
	require.NotEmpty(t, packages)
	pages = append(pages, packages...)
	comment := regexp.MustCompile(`(?m)(?:^| )//.*$|/\*(?s:.*?)\*/|<!--(?s:.*?)-->`)
	for _, path := range append(scripts, pages...) {
		text, err := os.ReadFile(path)
		require.NoError(t, err)
		if filepath.Base(path) != "wire.ts" { // generated
			for _, c := range comment.FindAllString(string(text), -1) {
				assert.Empty(t, find(c), path)
			}
		}
	}
}

// A comment on a declaration begins with its name, and names of code in comments are names of this code or of Go's.
func TestCommentsNameWhatIsThere(t *testing.T) {
	foreign := []string{"APPNOTE", "GiB", "InnoDB", "JavaScript", "KiB", "MiB", "OpenAPI", "Scanner", "TXT", "TypeScript", "kB"}
	name := regexp.MustCompile(`\b(?:[A-Za-z]\w*\.)?[A-Za-z]*[a-z][A-Z]\w*\b|\b[A-Za-z]\w*\.[A-Z]\w*`)
	names := map[string]bool{}
	comments := map[string]string{} // by place
	eachFile(t, func(_ string, files *token.FileSet, file *ast.File) {
		ast.Inspect(file, func(n ast.Node) bool {
			if id, ok := n.(*ast.Ident); ok {
				names[id.Name] = true
			}
			return true
		})
		for _, group := range file.Comments {
			if text := group.Text(); !strings.HasPrefix(text, "Output:") {
				comments[files.Position(group.Pos()).String()] = regexp.MustCompile(`"[^"]*"|-run \w+`).ReplaceAllString(text, "")
			}
		}
		for _, d := range file.Decls {
			switch d := d.(type) {
			case *ast.FuncDecl:
				if !isTest(d.Name.Name) {
					beginsWith(t, files, d.Doc, d.Name)
				}
			case *ast.GenDecl:
				if d.Lparen.IsValid() || len(d.Specs) == 0 {
					continue
				}
				switch s := d.Specs[0].(type) {
				case *ast.TypeSpec:
					beginsWith(t, files, d.Doc, s.Name)
				case *ast.ValueSpec:
					beginsWith(t, files, d.Doc, s.Names...)
				}
			}
		}
	})
	for place, text := range comments {
		for _, found := range name.FindAllString(text, -1) {
			for _, n := range strings.Split(found, ".") {
				assert.True(t, names[n] || slices.Contains(foreign, n), "%s: %s", place, found)
			}
		}
	}
}

func beginsWith(t *testing.T, files *token.FileSet, doc *ast.CommentGroup, names ...*ast.Ident) {
	if words := strings.Fields(doc.Text()); len(words) > 1 {
		first := strings.Trim(words[0], ",.:")
		assert.True(t, slices.ContainsFunc(names, func(id *ast.Ident) bool { return id.Name == first }), "%s: %s", files.Position(doc.Pos()), first)
	}
}

// What a type or a package is called after stands in the glossary, if the word is ours, or in docs/trade-words.txt, if it
// is everybody's. So nobody adds a word of our own without saying what it is.
func TestTheGlossaryHasEachWordOfOurs(t *testing.T) {
	page, err := os.ReadFile(filepath.Join(root, "docs/glossary.md"))
	require.NoError(t, err)
	var ours []string
	for _, row := range regexp.MustCompile(`(?m)^\| ([a-z ]+) \|`).FindAllStringSubmatch(string(page), -1) {
		if row[1] != "word" {
			assert.NotContains(t, ours, row[1], "stands twice")
			ours = append(ours, strings.Fields(row[1])...)
		}
	}
	list, err := os.ReadFile(filepath.Join(root, "docs/trade-words.txt"))
	require.NoError(t, err)
	trade := strings.Fields(string(list))
	assert.True(t, slices.IsSorted(trade), "docs/trade-words.txt is in order")
	for _, w := range trade {
		assert.NotContains(t, ours, w, "it is a word of the glossary")
	}
	used := map[string]bool{}
	one := func(place, name string) {
		for _, w := range wordsOf(name) {
			known := slices.DeleteFunc(forms(w), func(form string) bool { return !slices.Contains(ours, form) && !slices.Contains(trade, form) })
			assert.NotEmpty(t, known, "%s: %q of %s stands neither in docs/glossary.md nor in docs/trade-words.txt", place, w, name)
			for _, form := range known {
				used[form] = true
			}
		}
	}
	eachFile(t, func(path string, files *token.FileSet, file *ast.File) {
		if strings.HasSuffix(path, "_test.go") {
			return
		}
		one(path, file.Name.Name)
		for _, d := range file.Decls {
			if d, ok := d.(*ast.GenDecl); ok && d.Tok == token.TYPE {
				for _, s := range d.Specs {
					one(files.Position(s.Pos()).String(), s.(*ast.TypeSpec).Name.Name)
				}
			}
		}
	})
	for _, w := range trade {
		assert.True(t, used[w], "no type is called after %s any more", w)
	}
}

// forms are a word, and what it may be a form of: "attached" is of "attach", "settled" of "settle".
func forms(word string) []string {
	all := []string{word}
	for _, end := range []string{"s", "d", "ed", "r", "er", "ing"} {
		if stem, ok := strings.CutSuffix(word, end); ok {
			all = append(all, stem, stem+"e")
			if n := len(stem); n > 2 && stem[n-1] == stem[n-2] {
				all = append(all, stem[:n-1])
			}
		}
	}
	return all
}
