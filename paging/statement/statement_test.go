package statement_test

import (
	"database/sql"
	"database/sql/driver"
	"fmt"
	"math/rand/v2"
	"path/filepath"
	"slices"
	"strconv"
	"strings"
	"testing"

	_ "github.com/jackc/pgx/v5/stdlib"
	"github.com/stretchr/testify/require"
	"modernc.org/sqlite"

	"pageladder.example/internal/testkit"
	"pageladder.example/paging"
	"pageladder.example/paging/choose"
	"pageladder.example/paging/statement"
	"pageladder.example/paging/text"
	"pageladder.example/paging/value"
)

func TestMain(m *testing.M) { testkit.WithPostgres(m) }

// init gives SQLite the order and the folding of package text; a program does the same.
func init() {
	sqlite.MustRegisterCollationUtf8("root", text.Compare)
	ofText := func(write func(string) string) func(*sqlite.FunctionContext, []driver.Value) (driver.Value, error) {
		return func(_ *sqlite.FunctionContext, args []driver.Value) (driver.Value, error) {
			if s, ok := args[0].(string); ok {
				return write(s), nil
			}
			return nil, nil
		}
	}
	sqlite.MustRegisterDeterministicScalarFunction("lower_case", 1, ofText(strings.ToLower))
	sqlite.MustRegisterDeterministicScalarFunction("search_text", 1, ofText(func(s string) string { return text.ForSearch(s) }))
}

// database is one kind of database with the records of the tests in it.
type database struct {
	name   string
	db     *sql.DB
	table  statement.Table
	create string // the table, its columns in the order of fields
	place  string // the n-th placeholder of an insert, with its cast
}

// fields are the fields of the records, of every type.
var fields = []struct {
	name string
	kind value.Type
}{
	{"id", value.Integer}, {"name", value.Text}, {"amount", value.Integer}, {"price", value.Decimal}, {"ok", value.Boolean},
	{"day", value.Date}, {"at", value.Time}, {"big", value.BigInteger},
}

func kindOf(name string) value.Type {
	for _, f := range fields {
		if f.name == name {
			return f.kind
		}
	}
	return ""
}

// record is a record's values by field, in canonical form; nil is a missing one.
type record map[string]*string

func valueOf(r *record, field string) choose.Value {
	v := (*r)[field]
	if v == nil {
		return choose.Value{}
	}
	return choose.Value{Type: kindOf(field), Text: *v}
}

// texts are names of records: of many scripts, and hostile to SQL.
var texts = []string{
	"", "a", "A", "á", "ab", "Ab", "b", "Z", "z", "Øst Gull", "ost gull", "Grey Gull", "grey  tern", "50%", "5 %", "a_b", "axb", `a\b`, "a'b", `"q"`, "<b>", "Żuraw",
	"müde", "mude", "MÜDE", "a ", " a", "N4/E1 quay", "3.5m draught", "tide-2", "क्षमा 2026-03-01", "Ωmega", "ωmega", "x!y", "x!!y", "{a,b}", `{"a"}`, "null", "NULL", "1", "0x10",
	"'; drop table records; --", "日本", "Ж", "ж", "long " + strings.Repeat("gull ", 18),
}

func makeRecords(n int) []record {
	r := rand.New(rand.NewPCG(7, 347))
	var records []record
	for i := range n {
		rec := record{}
		put := func(field, text string) {
			if field != "id" && r.IntN(6) == 0 {
				rec[field] = nil
			} else {
				rec[field] = &text
			}
		}
		put("id", strconv.Itoa(i*7%n+1))
		put("name", texts[r.IntN(len(texts))])
		put("amount", strconv.Itoa(r.IntN(9)-4))
		put("price", strconv.FormatFloat(float64(r.IntN(40)-20)/4, 'f', -1, 64))
		put("ok", strconv.FormatBool(r.IntN(2) > 0))
		put("day", fmt.Sprintf("2026-%02d-%02d", 1+r.IntN(3), 1+r.IntN(4)))
		put("at", fmt.Sprintf("2026-03-%02dT%02d:%02d:%02dZ", 1+r.IntN(2), r.IntN(3), r.IntN(60), r.IntN(2)*30))
		put("big", strconv.FormatInt(9007199254740992+int64(r.IntN(4)), 10))
		records = append(records, rec)
	}
	return records
}

// mapped are the fields as most databases have them, in a table and a joined one.
func mapped() map[string]statement.Field {
	all := map[string]statement.Field{}
	for _, f := range fields {
		all[f.name] = statement.Field{SQL: "r." + f.name, Type: f.kind, Nullable: f.name != "id"}
	}
	return all
}

func with(all map[string]statement.Field, name string, change func(f *statement.Field)) map[string]statement.Field {
	f := all[name]
	change(&f)
	all[name] = f
	return all
}

// databases are the three, each with the records.
func databases(t testing.TB, records []record) []*database {
	return databasesAt(t, records, testkit.DatabaseURL(t), testkit.MariaDSN(t), filepath.Join(t.TempDir(), "records.db"))
}

// databasesAt are the same in databases that are there, and a file.
func databasesAt(t testing.TB, records []record, url, dsn, file string) []*database {
	lite, err := sql.Open("sqlite", "file:"+file+"?_pragma=synchronous(off)")
	require.NoError(t, err)
	t.Cleanup(func() { lite.Close() })
	maria, err := sql.Open("mysql", dsn)
	require.NoError(t, err)
	t.Cleanup(func() { maria.Close() })
	all := []*database{
		postgresDatabase(t, url),
		{"MariaDB", maria, statement.Table{Dialect: statement.MySQL, From: "records r", ByKey: []string{"id"},
			Fields: with(mapped(), "name", func(f *statement.Field) { f.Collation = "utf8mb4_uca1400_nopad_as_cs" })},
			`create table records (id bigint primary key, name varchar(100), amount int, price decimal(20,4), ok boolean, day date, at datetime(6), big bigint) character set utf8mb4`, "?"},
		{"SQLite", lite, statement.Table{Dialect: statement.SQLite, From: "records r", ByKey: []string{"id"}, Words: "search_text(r.name)", SplitWords: text.Words,
			Fields: with(mapped(), "name", func(f *statement.Field) { f.Collation, f.Lower = "root", "lower_case(r.name)" })},
			`create table records (id integer primary key, name text, amount integer, price real, ok integer, day text, at text, big integer)`, "?"},
	}
	for _, d := range all {
		d.fill(t, records)
	}
	return all
}

// postgresDatabase is the one in PostgreSQL.
func postgresDatabase(t testing.TB, url string) *database {
	db, err := sql.Open("pgx", url)
	require.NoError(t, err)
	t.Cleanup(func() { db.Close() })
	return &database{"PostgreSQL", db, statement.Table{Dialect: statement.PostgreSQL, From: "records r", Fields: mapped(), ByKey: []string{"id"}},
		`create table records (id bigint primary key, name text collate "und-x-icu", amount int, price numeric, ok boolean, day date, at timestamptz, big bigint)`, "$%d"}
}

func (d *database) fill(t testing.TB, records []record) {
	_, err := d.db.Exec(d.create)
	require.NoError(t, err, d.name)
	places := make([]string, len(fields))
	for i := range fields {
		places[i] = d.place
		if strings.Contains(d.place, "%") {
			places[i] = fmt.Sprintf(d.place, i+1)
		}
	}
	tx, err := d.db.Begin()
	require.NoError(t, err)
	insert, err := tx.Prepare("insert into records values (" + strings.Join(places, ", ") + ")")
	require.NoError(t, err, d.name)
	for _, rec := range records {
		values := make([]any, len(fields))
		for i, f := range fields {
			if v := rec[f.name]; v != nil {
				values[i] = d.stored(f.kind, *v)
			}
		}
		_, err := insert.Exec(values...)
		require.NoError(t, err, "%s %v", d.name, values)
	}
	require.NoError(t, tx.Commit())
}

// stored is a value as a program would give it to the database.
func (d *database) stored(kind value.Type, v string) any {
	switch {
	case d.name == "PostgreSQL":
		return v
	case kind == value.Boolean:
		return v == "true"
	case kind == value.Time && d.name == "MariaDB":
		return strings.TrimSuffix(strings.Replace(v, "T", " ", 1), "Z")
	}
	return v
}

// list is the prepared table, with places in one of their forms.
func (d *database) list(t fatal, places statement.Places) *statement.List {
	table := d.table
	table.Places = places
	list, err := statement.New(table)
	require.NoError(t, err)
	return list
}

// fatal is what both a test and a property have.
type fatal interface {
	require.TestingT
	Helper()
}

// rows runs a statement.
func (d *database) rows(t fatal, s statement.Statement) [][]any {
	t.Helper()
	rows, err := d.db.Query(s.SQL, s.Args...)
	require.NoError(t, err, "%s: %s %q", d.name, s.SQL, s.Args)
	defer rows.Close()
	columns, err := rows.Columns()
	require.NoError(t, err)
	var all [][]any
	for rows.Next() {
		row := make([]any, len(columns))
		into := make([]any, len(columns))
		for i := range row {
			into[i] = &row[i]
		}
		require.NoError(t, rows.Scan(into...))
		all = append(all, row)
	}
	require.NoError(t, rows.Err(), "%s: %s %q", d.name, s.SQL, s.Args)
	return all
}

func (d *database) number(t fatal, s statement.Statement) int64 {
	t.Helper()
	text := fmt.Sprint(d.rows(t, s)[0][0])
	n, err := strconv.ParseInt(text, 10, 64)
	require.NoError(t, err)
	return n
}

// ids reads records of regions by their keys.
func (d *database) ids(t fatal, q *statement.Question, regions []statement.Region, offset int64, limit int) []string {
	t.Helper()
	ids := []string{}
	err := statement.Walk(regions, offset, limit, func(r statement.Region, offset int64, limit int) (int, error) {
		page, err := q.Rows([]string{"id"}, r, offset, limit)
		require.NoError(t, err)
		rows := d.rows(t, page)
		for _, row := range rows {
			ids = append(ids, fmt.Sprint(row[0]))
		}
		return len(rows), nil
	}, func(r statement.Region, maximum int64) (int64, error) { return d.number(t, q.Count(r, maximum)), nil })
	require.NoError(t, err)
	return ids
}

// facets are the values of a field and how many records have each, as "value: n".
func (d *database) facets(t fatal, list *statement.List, q *statement.Question, field string) []string {
	t.Helper()
	counted, err := q.Facet(field, 50)
	require.NoError(t, err)
	all := []string{}
	for _, row := range d.rows(t, counted) {
		text, err := list.Text(field, row[0])
		require.NoError(t, err)
		all = append(all, written(text)+": "+fmt.Sprint(row[1]))
	}
	return all
}

func written(text *string) string {
	if text == nil {
		return "(none)"
	}
	return strconv.Quote(*text)
}

// facetsInMemory are the same of a list in memory.
func facetsInMemory(t fatal, records []record, rules *paging.Rules, query, field string) []string {
	t.Helper()
	var kept []string // conditions on another field
	for _, part := range strings.Split(query, "&") {
		name, _, _ := strings.Cut(part, "=")
		if name != field && !strings.HasPrefix(name, field+".") && name != "sort" {
			kept = append(kept, part)
		}
	}
	ask, err := rules.Read(strings.Join(append(kept, "sort="+field), "&"))
	require.NoError(t, err)
	found, err := choose.All(records, ask, valueOf)
	require.NoError(t, err)
	type facet struct {
		value string
		n     int
	}
	all := []facet{}
	for _, rec := range found { // in the values' order, the missing ones last or first
		v := written(rec[field])
		if n := len(all); n > 0 && all[n-1].value == v {
			all[n-1].n++
		} else {
			all = append(all, facet{v, 1})
		}
	}
	last := func(f facet) int { return map[bool]int{true: 1}[f.value == "(none)"] }
	slices.SortStableFunc(all, func(a, b facet) int {
		if a.n != b.n {
			return b.n - a.n
		}
		return last(a) - last(b)
	})
	out := []string{}
	for _, f := range all[:min(len(all), 50)] {
		out = append(out, fmt.Sprintf("%s: %d", f.value, f.n))
	}
	return out
}

// rulesOf offer every field for sorting and filtering, and a search.
func rulesOf() *paging.Rules {
	r := &paging.Rules{Key: []string{"id"}, Search: []string{"name"}, MaxSortKeys: 3, Size: paging.SizeRules{Cap: 500}}
	for i, f := range fields {
		r.Sorts = append(r.Sorts, paging.SortKey{Key: f.name, NullsFirst: i%2 == 0 && i > 0})
		r.Filters = append(r.Filters, paging.FilterRule{Field: f.name, Type: f.kind})
	}
	return r
}
