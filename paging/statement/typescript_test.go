package statement_test

import (
	"bufio"
	"context"
	"encoding/json"
	"flag"
	"fmt"
	"io"
	"os"
	"os/exec"
	"path/filepath"
	"strings"
	"testing"

	"github.com/go-sql-driver/mysql"
	"github.com/stretchr/testify/require"
	"pgregory.net/rapid"

	"pageladder.example/internal/soak"
	"pageladder.example/internal/testkit"
	"pageladder.example/paging"
	"pageladder.example/paging/statement"
	"pageladder.example/paging/statement/sqlpage"
)

// answered is what both languages answer.
type answered struct {
	Paging  any `json:"paging"`
	Records any `json:"records"`
	Cursors any `json:"cursors"`
	Facets  any `json:"facets"`
	Error   string
}

// typescript is a process of @pageladder/sql with tables of its own.
type typescript struct {
	in  io.Writer
	out *bufio.Reader
}

func startTypescript(t *testing.T, setup any) *typescript {
	t.Helper()
	cmd := exec.CommandContext(t.Context(), "node", "../../js/sql/build/reader.js")
	in, err := cmd.StdinPipe()
	require.NoError(t, err)
	out, err := cmd.StdoutPipe()
	require.NoError(t, err)
	cmd.Stderr = os.Stderr
	require.FileExists(t, cmd.Args[1], "make js builds it")
	require.NoError(t, cmd.Start())
	t.Cleanup(func() {
		in.Close()
		cmd.Wait()
	})
	s := &typescript{in, bufio.NewReader(out)}
	require.NoError(t, json.NewEncoder(in).Encode(setup))
	return s
}

func (s *typescript) ask(t require.TestingT, table int, query, facet string) (a answered) {
	require.NoError(t, json.NewEncoder(s.in).Encode(map[string]any{"table": table, "query": query, "facet": facet}))
	line, err := s.out.ReadBytes('\n')
	require.NoError(t, err, "the process has ended")
	require.NoError(t, json.Unmarshal(line, &a))
	return a
}

// asTypescript is a table as @pageladder/sql takes it.
func asTypescript(table statement.Table) map[string]any {
	fields := map[string]any{}
	for name, f := range table.Fields {
		fields[name] = map[string]any{"sql": f.SQL, "type": f.Type, "nullable": f.Nullable, "collation": f.Collation, "lower": f.Lower}
	}
	dialects := map[statement.Dialect]string{statement.PostgreSQL: "postgresql", statement.MySQL: "mysql", statement.SQLite: "sqlite"}
	places := map[statement.Places]string{statement.Tied: "tied", statement.Nested: "nested", statement.Compared: "compared"}
	return map[string]any{"dialect": dialects[table.Dialect], "from": table.From, "fields": fields, "places": places[table.Places], "byKey": table.ByKey, "words": table.Words}
}

// One ask gives the same page, cursors and counts of values from each database in Go and in TypeScript, with
// each driver.
func TestTypeScriptReadsTheSame(t *testing.T) {
	url, dsn, file := testkit.DatabaseURL(t), testkit.MariaDSN(t), filepath.Join(t.TempDir(), "records.db")
	maria, err := mysql.ParseDSN(dsn)
	require.NoError(t, err)
	host, port, _ := strings.Cut(maria.Addr, ":")
	all := databasesAt(t, makeRecords(250), url, dsn, file)
	all[2].table.Fields = with(all[2].table.Fields, "name", func(f *statement.Field) { f.Collation = "" }) // which Node's drivers do not have
	at := []map[string]string{{"url": url}, {"host": host, "port": port, "user": maria.User, "password": maria.Passwd, "database": maria.DBName}, {"file": file}}
	rules := cursorRules()
	setup := map[string]any{"rules": rules, "tables": []any{}}
	var lists []*statement.List
	var in []int // the database of each list
	for _, places := range []statement.Places{statement.Tied, statement.Nested, statement.Compared} {
		for i, d := range all {
			if d.table.Dialect == statement.MySQL && places == statement.Compared {
				continue
			}
			lists, in = append(lists, d.list(t, places)), append(in, i)
			table := d.table
			table.Places = places
			setup["tables"] = append(setup["tables"].([]any), map[string]any{"at": at[i], "table": asTypescript(table)})
		}
	}
	process := startTypescript(t, setup)

	checks := flag.Lookup("rapid.checks")
	defer flag.Set(checks.Name, checks.Value.String())
	require.NoError(t, flag.Set(checks.Name, soak.Or("100", "20000")))
	rapid.Check(t, func(t *rapid.T) {
		query := drawQuery(t)
		size := rapid.SampledFrom([]int{1, 3, 7, 100}).Draw(t, "size")
		page := rapid.IntRange(1, 250/size+2).Draw(t, "page")
		onward := rapid.SampledFrom([]string{"after", "before"}).Draw(t, "direction")
		field := rapid.SampledFrom(fields).Draw(t, "facet").name
		for i, list := range lists {
			text := fmt.Sprintf("%s&size=%d&page=%d", query, size, page)
			for range 3 { // a page by number, and two by cursor
				want := inGo(t, all[in[i]], list, rules, text, field)
				require.Equal(t, want, process.ask(t, i, text, field), "%s %d: %s", all[in[i]].name, i, text)
				cursors, _ := want.Cursors.(map[string]any)
				token, _ := cursors[onward].(string)
				if token == "" {
					break
				}
				text = fmt.Sprintf("%s&size=%d&%s=%s", query, size, onward, token)
			}
		}
	})
}

// inGo is the same in Go.
func inGo(t require.TestingT, d *database, list *statement.List, rules *paging.Rules, query, facet string) (a answered) {
	page, records, err := sqlpage.Read[map[string]any](context.Background(), d.db, list, rules, query, statement.Where{})
	require.NoError(t, err, "%s: %s", d.name, query)
	facets, err := sqlpage.Facets(context.Background(), d.db, list, page.Ask(), statement.Where{}, []string{facet}, 50)
	require.NoError(t, err, "%s: %s", d.name, query)
	text, err := json.Marshal(map[string]any{"paging": page.Metadata(), "records": records, "cursors": page.Cursors(), "facets": facets})
	require.NoError(t, err)
	require.NoError(t, json.Unmarshal(text, &a))
	return a
}
