package vectors_test

import (
	"encoding/json"
	"fmt"
	"os"
	"os/exec"
	"path/filepath"
	"strings"
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"
)

// fault is an expression of the core that is replaced by a wrong one; it stands behind a text that stands in the file once.
type fault struct{ file, right, wrong, behind string }

var faults = []fault{
	{"page.go", "times(a.pos-1, size)", "times(a.pos, size)", ""},
	{"page.go", "min(size, p.total.n-p.offset)", "min(size, p.total.n-p.offset+1)", ""},
	{"page.go", "p.total.n-p.offset > int64(p.size())", "p.total.n-p.offset >= int64(p.size())", ""},
	{"page.go", "received > p.ask.size", "received >= p.ask.size", ""},
	{"page.go", "p.offset > a.ruled().maxOffset()", "p.offset >= a.ruled().maxOffset()", ""},
	{"page.go", "(a.row - 1) / size * size", "a.row / size * size", ""},
	{"page.go", "max(p.total.n, value.MaxInteger)", "p.total.n", ""},
	{"page.go", "max(p.pages, add(p.number, 1))", "add(p.number, 2)", ""},
	{"page.go", "in.ask.size + 1", "in.ask.size + 2", ""},
	{"total.go", "max(n, 1)", "n", ""},
	{"ladder.go", "2*r + 2*t + 3", "2*r + 2*t + 2", "w := "},
	{"ladder.go", "lo-t-1 < 2", "lo-t-1 < 1", "// the window round the current page\n\tif "},
	{"ladder.go", "from + (to-from)/2", "from + (to-from+1)/2", ""},
	{"ladder.go", "pages - (w - t - 2)", "pages - (w - t - 1)", ""},
	{"ladder.go", "p.open()", "!p.total.Known()", "\t}\n\tif "},
	{"links.go", "max(0, p.offset-int64(p.size()))", "p.offset-int64(p.size())", ""},
	{"links.go", "p.current() - 1", "max(p.current()-2, 1)", ""},
	{"links.go", "ends && p.total.Known() && (p.hasNext() || p.past)", "ends && p.total.Known() && p.hasNext()", ""},
	{"links.go", "part.role == roleAside && base.outside", "false", ""},
	{"links.go", "part.role == roleCursor", "false", ""},
	{"offers.go", "size == p.size() && !p.ask.all", "size == p.size()", ""},
	{"offers.go", "min(p.offset, max(p.total.n-1, 0))", "p.offset", ""},
	{"offers.go", "p.total.n <= int64(r.Size.All)", "p.total.n < int64(r.Size.All)", ""},
	{"ask.go", "d == near && s < best", "d == near && s > best", ""},
	{"ask.go", "n > int64(limit)", "n > int64(limit)+1", ""},
	{"ask.go", `strings.Join(strings.Fields(text), " ")`, "text", ""},
	{"ask.go", "slices.Contains(r.RideAlong, bare)", "false", ""},
	{"sort.go", "len(keys) == r.maxSortKeys()", "len(keys) > r.maxSortKeys()", ""},
	{"sort.go", "direction == Descending", "direction == Ascending", ""},
	{"filter.go", "op == Min || op == Max || op == None", "op == Min || op == None", ""},
	{"filter.go", "len(day) == len(time.DateOnly)", "len(day) < len(time.DateOnly)", ""},
	{"filter.go", "bracketed(name) && !bracketed(base)", "false", ""},
	{"fault.go", `adj.Param == r.sortParam() && adj.Used == ""`, "false", ""},
	{"metadata.go", "(len(digits)-i)%3 == 0", "i%3 == 0", ""},
	{"metadata.go", "max(p.total.n, p.lastRow())", "p.total.n", ""},
	{"cursor.go", "page.ends.After == \"\" || page.ends.Before == \"\"", "page.ends.After == \"\"", ""},
	{"cursor.go", "a.pageGiven.last > 0", "false", ""},
	{"base.go", "len(values) > 1 && !exploded", "false", ""},
	{"form.go", "min(f.Value, f.Max)", "f.Value", ""},
	{"rules.go", "min(max(orElse(l.Tips, defaultTips), 0), maxTips)", "min(max(orElse(l.Tips, defaultTips), 0), maxTips-1)", ""},
	{"check.go", "r.OffsetAsIs && !r.byOffset()", "false", ""},
}

// Each of forty faults of the core is noticed by a vector. All are built into one program, which has one of them at a time.
func TestVectorsNoticeFaultsOfTheCore(t *testing.T) {
	dir, root := t.TempDir(), "../.."
	planted := map[string]string{}
	for i, f := range faults {
		text, ok := planted[f.file]
		if !ok {
			from, err := os.ReadFile(filepath.Join(root, "paging", f.file))
			require.NoError(t, err)
			text = string(from)
		}
		require.Equal(t, 1, strings.Count(text, f.behind+f.right), "%s: %q stands there once", f.file, f.behind+f.right)
		planted[f.file] = strings.Replace(text, f.behind+f.right, fmt.Sprintf("%splanted(%d, %s, %s)", f.behind, i+1, f.wrong, f.right), 1)
	}
	planted["planted.go"] = "package paging\n\nvar Planted int\n\nfunc planted[T any](n int, wrong, right T) T {\n\tif n == Planted {\n\t\treturn wrong\n\t}\n\treturn right\n}\n"
	replace := map[string]string{}
	put := func(at, text string) {
		file := filepath.Join(dir, strings.ReplaceAll(at, "/", "_"))
		require.NoError(t, os.WriteFile(file, []byte(text), 0o600))
		whole, err := filepath.Abs(filepath.Join(root, at))
		require.NoError(t, err)
		replace[whole] = file
	}
	for file, text := range planted {
		put("paging/"+file, text)
	}
	put("internal/plantedcore/main.go", program)
	overlay, err := json.Marshal(map[string]any{"Replace": replace})
	require.NoError(t, err)
	require.NoError(t, os.WriteFile(filepath.Join(dir, "overlay.json"), overlay, 0o600))
	cmd := exec.CommandContext(t.Context(), "go", "run", "-overlay", filepath.Join(dir, "overlay.json"), "./internal/plantedcore", fmt.Sprint(len(faults)))
	cmd.Dir = root
	out, err := cmd.CombinedOutput()
	require.NoError(t, err, string(out))
	var noticed []bool
	require.NoError(t, json.Unmarshal(out, &noticed), string(out))
	require.Len(t, noticed, len(faults)+1)
	assert.False(t, noticed[0], "without a fault")
	for i, f := range faults {
		assert.True(t, noticed[i+1], "%s: %s in place of %s", f.file, f.wrong, f.right)
	}
}

const program = `package main

import (
	"encoding/json"
	"os"
	"strconv"

	"pageladder.example/paging"
	"pageladder.example/paging/vectors"
)

func main() {
	n, _ := strconv.Atoi(os.Args[1])
	var all []vectors.Vector
	for v, err := range vectors.Core() {
		if err != nil {
			panic(err)
		}
		all = append(all, v)
	}
	noticed := make([]bool, n+1)
	for i := range noticed {
		paging.Planted = i
		noticed[i] = differs(all)
	}
	json.NewEncoder(os.Stdout).Encode(noticed)
}

func differs(all []vectors.Vector) (yes bool) {
	defer func() { yes = yes || recover() != nil }()
	for i := range all {
		v := &all[i]
		found, err := vectors.ResultOf(&v.Case)
		if err != nil || string(found.Rules) != string(v.Result.Rules) || found.Base != v.Result.Base || string(found.Refusal) != string(v.Result.Refusal) || string(found.Answer) != string(v.Result.Answer) {
			return true
		}
	}
	return false
}
`
