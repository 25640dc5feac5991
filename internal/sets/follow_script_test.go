package sets_test

import (
	"fmt"
	"net/url"
	"os"
	"os/exec"
	"path/filepath"
	"regexp"
	"slices"
	"strings"
	"testing"

	"github.com/jackc/pgx/v5"
	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"pageladder.example/internal/changes"
	"pageladder.example/internal/intake"
	"pageladder.example/internal/sets"
	"pageladder.example/internal/testkit"
	"pageladder.example/paging"
	"pageladder.example/paging/rulesfile"
	"pageladder.example/paging/value"
)

// hostileNames would be run, or would end what they stand in, wherever they are written as they are.
var hostileNames = []string{
	"boats\n; create table public.pwned (); --", "boats\r; create table public.pwned (); --", "boats\u2028x", "*/ create table public.pwned (); /*",
	"a'b", `a"b`, `a\`, `a\'; create table public.pwned (); --`, `a\"b`, "$log$; create table public.pwned ();", "$undo$", "$$", "$1", "%s %I %% %", "%[1]s%!d(x)",
	":v :'v' :\"v\"", `\! touch pwned`, "\\\ncreate table public.pwned ();", "`touch pwned`", "€", "€'; create table public.pwned (); --", `€"; create table public.pwned (); --`,
	"x tells", "pl.side", "a.b", " ", "; drop schema yard cascade;", strings.Repeat("é", 31), strings.Repeat("'", 60),
}

// Whatever a schema, a table, its columns and the reader's role are called, the script makes the
// log and nothing else, and its undoing leaves nothing: run by psql, in sessions with other settings.
func TestScriptsRunNothingThatANameSays(t *testing.T) {
	admin := testkit.DatabaseURL(t)
	conn, err := pgx.Connect(t.Context(), admin)
	require.NoError(t, err)
	defer conn.Close(t.Context())
	do := func(sql string) {
		t.Helper()
		_, err := conn.Exec(t.Context(), sql)
		require.NoError(t, err, sql)
	}
	quote := func(names ...string) string { return pgx.Identifier(names).Sanitize() }
	// everything that there is besides the tables' own columns, as a script may change it
	objects := func() (all string) {
		require.NoError(t, conn.QueryRow(t.Context(), `select string_agg(o, e'\n' order by o) from (
			select 'class ' || oid::regclass from pg_class where relnamespace not in ('pg_toast'::regnamespace, 'pg_catalog'::regnamespace, 'information_schema'::regnamespace)
			union all select 'proc ' || oid::regprocedure from pg_proc where pronamespace not in ('pg_catalog'::regnamespace, 'information_schema'::regnamespace)
			union all select 'trigger ' || tgrelid::regclass || ' ' || tgname from pg_trigger union all select 'schema ' || nspname from pg_namespace where nspname !~ '^pg_(temp|toast_temp)'
			union all select 'acl ' || coalesce(relacl::text, '') || oid::regclass from pg_class) o (o)`).Scan(&all))
		return all
	}
	dir := t.TempDir()
	script := filepath.Join(dir, "script.sql")
	psql := func(sql string, settings ...string) {
		t.Helper()
		require.NoError(t, os.WriteFile(script, []byte(sql), 0o600))
		cmd := exec.CommandContext(t.Context(), "psql", "-X", "-v", "ON_ERROR_STOP=1", "-v", "v=pwned", "-f", script, "-f", script, admin) // twice
		cmd.Dir = dir
		cmd.Env = append(os.Environ(), settings...)
		said, err := cmd.CombinedOutput()
		require.NoError(t, err, "%s\n%s", said, sql)
	}
	store := testkit.Store(t)
	store.SetFollowAgain(0)
	u, err := url.Parse(admin)
	require.NoError(t, err)
	role := u.Path[1:] + `"it's \a ` + "\n; --"
	do("create role " + quote(role) + " login password '" + testkit.Quick("x") + "'")
	u.User = url.UserPassword(role, "x")
	require.NoError(t, store.AddSource("yard", u.String()))
	for i, name := range hostileNames {
		schema := "s" + name
		if i%2 == 0 || len(schema) > 63 {
			schema = "yard"
		}
		do("create schema if not exists " + quote(schema) + "; grant usage on schema " + quote(schema) + " to " + quote(role))
		do("create table " + quote(schema, name) + " (id int primary key, " + quote(name) + " text); grant select on " + quote(schema, name) + " to " + quote(role))
		do("insert into " + quote(schema, name) + " select n, 'v' from generate_series(1, 50) n")
		set, err := store.Attach(t.Context(), sets.Attach{Name: fmt.Sprint("boats", i), Source: "yard", Schema: schema, Table: name, Follow: true})
		require.NoError(t, err, "%q", name)
		follower, err := store.Follower(t.Context(), set)
		require.NoError(t, err, "%q", name)
		before := objects()
		settings := [][]string{nil, {"PGOPTIONS=-c standard_conforming_strings=off", "PGCLIENTENCODING=UTF8"}, {"PGCLIENTENCODING=GBK"}, {"PGCLIENTENCODING=SJIS"}}[i%4]
		psql(follower.Script(), settings...)
		state, err := store.FollowState(t.Context(), set.Name)
		require.NoError(t, err)
		require.True(t, state.Exact, "%q: %q", name, state.Missing)
		page, err := store.Page(t.Context(), sets.Request{Set: set.Name, Query: "size=5&page=3"})
		require.NoError(t, err)
		do("set standard_conforming_strings = off; update " + quote(schema, name) + " set " + quote(name) + " = 'w' where id < 20; delete from " + quote(schema, name) + " where id = 1; reset standard_conforming_strings")
		held, err := store.Page(t.Context(), sets.Request{Set: set.Name, Query: "size=5", At: page.Version()})
		require.NoError(t, err, "%q: its log is whole", name)
		assert.EqualValues(t, 1, recordsOf(t, held)[0]["id"], "%q: %+v", name, held.Held)
		psql(follower.Unscript(), settings...)
		require.Equal(t, before, objects(), "%q: nothing is left", name)
	}
	entries, err := os.ReadDir(dir)
	require.NoError(t, err)
	assert.Len(t, entries, 1, "no name was run by a shell")
}

var identifiers = regexp.MustCompile(`[a-z_][a-z0-9_.]*`)

// namesIn are the identifiers in SQL, short enough to be columns, and what plpgsql has besides.
func namesIn(sql string) []string {
	names := append(identifiers.FindAllString(strings.ToLower(sql), -1), "pl.side", "pl.cut", "pl.lacks", "pl.xid", "pl.n", "pl.version", "pl.fate", "pl.seen", "pl.here", "pl.here1", "pl.revision", "pl.pl.side",
		"pl."+strings.Repeat("x", 60), "old", "new", "found", "tg_op", "tg_argv", "sqlstate", "sqlerrm", "label")
	slices.Sort(names)
	names = slices.Compact(names)
	return slices.DeleteFunc(names, func(name string) bool {
		return len(name) > 63 || name == "id" || slices.Contains([]string{"ctid", "xmin", "xmax", "cmin", "cmax", "tableoid"}, name)
	})
}

// Fields may be called as anything is that the log's functions and the statements on it name.
func TestFieldsOfAFollowedTableMayHaveAnyName(t *testing.T) {
	f := changes.Followed{Schema: "yard", Table: "boats", Role: "r", Parts: true, Fields: []changes.Field{{Name: "id", Type: "int"}, {Name: "note", Type: "text", Long: true}}}
	names := namesIn(f.Script())
	require.Greater(t, len(names), 100)
	for len(names) > 0 {
		some := names[:min(len(names), 90)]
		names = names[len(some):]
		table, set, where := "create table yard.boats (id int primary key", "", ""
		for i, name := range some {
			table += ", " + pgx.Identifier{name}.Sanitize() + [...]string{" text default 'a'", " int default 7"}[i%2]
			set += ", " + pgx.Identifier{name}.Sanitize() + " = " + [...]string{"'b'", "8"}[i%2]
			where += name + " "
		}
		fl := newFleet(t, table+"); insert into yard.boats select n from generate_series(1, 200) n")
		fl.follow(t)
		ask := func(query string, at int64) (*sets.Page, sets.Explain) {
			explained := sets.Explain{}
			page, err := fl.store.Page(t.Context(), sets.Request{Set: "boats", Query: query, At: at, Explain: &explained})
			require.NoError(t, err, where)
			return page, explained
		}
		page, _ := ask("size=10&page=12", 0)
		version := page.Version()
		fl.does(t, "update yard.boats set "+set[2:]+" where id % 5 = 0; delete from yard.boats where id < 4; insert into yard.boats (id) values (-5)")
		page, explained := ask("size=10&page=12", 0)
		assert.EqualValues(t, 198, *page.Settled.Metadata().TotalItems)
		assert.Empty(t, explained.Anew, where)
		page, _ = ask("size=10&page=12", version)
		records := recordsOf(t, page)
		assert.EqualValues(t, 111, records[0]["id"])
		for i, name := range some {
			assert.EqualValues(t, [...]any{"a", 7.0}[i%2], records[4][name], "as it was: %s", name)
		}
		fl.exact(t)
	}
}

// The same of kept sets. Names of imported fields have no points.
func TestFieldsOfAKeptSetMayHaveAnyName(t *testing.T) {
	m := newModel(t, 1)
	var source string
	require.NoError(t, m.pool.QueryRow(t.Context(), "select string_agg(prosrc, ' ') from pg_proc where pronamespace = 'pageladder'::regnamespace").Scan(&source))
	names := slices.DeleteFunc(namesIn(source), func(name string) bool { return strings.Contains(name, ".") })
	fields := []intake.Field{{Name: "id", Type: value.Integer}}
	header, row := "id", ""
	for i, name := range names {
		fields = append(fields, intake.Field{Name: name, Type: [...]value.Type{value.Text, value.Integer}[i%2]})
		header += "," + name
		row += [...]string{",a", ",7"}[i%2]
	}
	csv := header + "\n"
	for n := range 50 {
		csv += fmt.Sprint(n+1) + row + "\n"
	}
	store := m.services[0]
	rules := rulesfile.Of(paging.Rules{Key: []string{"id"}})
	require.NoError(t, store.LoadCSV(t.Context(), sets.Draft{Name: "named", Label: "Named", Fields: fields, Rules: rules}, strings.NewReader(csv)))
	page, err := store.Page(t.Context(), sets.Request{Set: "named"})
	require.NoError(t, err)
	version := page.Set.Version
	_, _, revision, err := store.Record(t.Context(), sets.Request{Set: "named", Visibility: sets.All}, []string{"5"})
	require.NoError(t, err)
	changed := sets.Values{}
	for i, name := range names {
		to := [...]string{"b", "8"}[i%2]
		changed[name] = &to
	}
	_, err = store.Change(t.Context(), "named", []string{"5"}, revision, changed)
	require.NoError(t, err)
	page, err = store.Page(t.Context(), sets.Request{Set: "named", At: version})
	require.NoError(t, err, "its log is whole")
	was := recordsOf(t, page)[4]
	for i, name := range names {
		assert.EqualValues(t, [...]any{"a", 7.0}[i%2], was[name], "as it was: %s", name)
	}

	// A log that an earlier version created for such fields is created anew.
	_, err = m.pool.Exec(t.Context(), `do $$
		declare f regprocedure := (select ('pageladder.' || log_table || '()')::regprocedure from pageladder.change_log l join pageladder.record_set r using (record_table) where r.name = 'named');
		begin
			execute replace(pg_get_functiondef(f), '#variable_conflict use_variable', '');
			update pageladder.change_log l set source = (select md5(prosrc) from pg_proc where oid = f) from pageladder.record_set r where r.record_table = l.record_table and r.name = 'named';
		end $$`)
	require.NoError(t, err)
	again, err := sets.Open(t.Context(), m.pool.Config().ConnString())
	require.NoError(t, err)
	t.Cleanup(again.Close)
	testkit.Eventually(t, func() bool {
		var mended bool
		err := m.pool.QueryRow(t.Context(), `select bool_and(p.prosrc like '%#variable_conflict%') from pg_proc p join pageladder.change_log l on p.oid = to_regproc('pageladder.' || l.log_table)`).Scan(&mended)
		return err == nil && mended
	}, "it is made anew")
}

// A table whose owner ran the script of an earlier version is followed as it was, and a list of it
// is held. The script of today replaces that one, and its undoing removes it.
func TestScriptsOfEarlierVersionsGoOn(t *testing.T) {
	script, err := os.ReadFile("testdata/script-typed.sql")
	require.NoError(t, err)
	f := newFleet(t, boats)
	f.does(t, strings.ReplaceAll(string(script), "READER", f.role))
	f.exact(t)
	page, err := f.store.Page(t.Context(), sets.Request{Set: "boats"})
	require.NoError(t, err)
	f.does(t, "delete from yard.boats where id % 3 = 0; update yard.boats set name = 'boat 9' where id % 10 = 1")
	f.agrees(t)
	held, err := f.store.Page(t.Context(), sets.Request{Set: "boats", At: page.Version()})
	require.NoError(t, err)
	assert.Equal(t, page.Records, held.Records)
	f.does(t, f.script(t, false))
	f.exact(t)
	f.agrees(t)
	f.does(t, strings.ReplaceAll(string(script), "READER", f.role))
	f.does(t, f.script(t, true))
	var left int
	require.NoError(t, f.owner.QueryRow(t.Context(), "select (select count(*) from pg_namespace where nspname = 'pageladder_log') + (select count(*) from pg_trigger where tgname like 'pageladder%')").Scan(&left))
	assert.Zero(t, left, "it leaves no trace")
}

// Where all tables are published, rows without an identity cannot be deleted. The log has one,
// whichever script created it, once the script of today has been run or undone.
func TestFollowedTableInAPublicationOfAllTables(t *testing.T) {
	script, err := os.ReadFile("testdata/script-typed.sql")
	require.NoError(t, err)
	f := newFleet(t, boats)
	super, err := pgx.Connect(t.Context(), f.admin)
	require.NoError(t, err)
	defer super.Close(t.Context())
	_, err = super.Exec(t.Context(), "create publication every_table for all tables")
	require.NoError(t, err)
	f.follow(t)
	f.does(t, "update yard.boats set crew = 2 where id < 11")
	images := func() (n int) {
		require.NoError(t, f.owner.QueryRow(t.Context(), `select count(*) from pageladder_log."yard.boats"`).Scan(&n))
		return n
	}
	require.Equal(t, 20, images())
	require.NoError(t, f.store.Prune(t.Context()))
	f.does(t, "update pageladder_log.seen set at = at - interval '2 hours'")
	require.NoError(t, f.store.Prune(t.Context()))
	assert.Empty(t, f.store.FollowKnown(mustLatest(t, f.store, "boats")).Unkept)
	assert.Zero(t, images(), "it is pruned")
	f.agrees(t)
	f.does(t, f.script(t, true))
	_, err = super.Exec(t.Context(), "drop publication every_table")
	require.NoError(t, err)
	f.does(t, strings.ReplaceAll(string(script), "READER", f.role))
	_, err = super.Exec(t.Context(), "create publication every_table for all tables")
	require.NoError(t, err)
	require.NoError(t, f.store.Prune(t.Context()))
	assert.Contains(t, f.store.FollowKnown(mustLatest(t, f.store, "boats")).Unkept, "replica identity")
	f.does(t, f.script(t, true))
}

func mustLatest(t *testing.T, store *sets.Store, name string) *sets.Set {
	set, err := store.Latest(t.Context(), name)
	require.NoError(t, err)
	return set
}

// The log keeps no owner from dropping a type or a collation that a column had.
func TestOwnersDropTypesThatAColumnHad(t *testing.T) {
	f := newFleet(t, `create type yard.mood as enum ('low', 'high', 'mid'); create type yard.span as range (subtype = timestamptz); create domain yard.code as text check (value <> '');
		create collation yard.german (provider = icu, locale = 'de-u-kn-true'); create type yard.pair as (a int, at timestamptz);`+boats+`;
		alter table yard.boats add mood yard.mood default 'mid', add span yard.span, add code yard.code collate yard.german default 'a10', add pair yard.pair, add moods yard.mood[]`)
	f.follow(t)
	fill := `update yard.boats set mood = (array['low', 'high', 'mid'])[1 + id * SEED % 3]::yard.mood, span = yard.span(at, at + interval '1 day'), code = 'a' || id * SEED % 120, pair = row(id, at)::yard.pair, moods = array['high', 'low']::yard.mood[] where id % 4 < 3`
	f.does(t, "set datestyle = 'German, DMY'; set timezone = 'Asia/Tokyo';"+strings.ReplaceAll(fill, "SEED", "7"))
	page, err := f.store.Page(t.Context(), sets.Request{Set: "boats", Query: "sort=code,-mood,span&size=30&page=5"})
	require.NoError(t, err)
	f.does(t, strings.ReplaceAll(fill, "SEED", "11")+" and id % 5 = 0; delete from yard.boats where id % 9 = 0")
	for _, sort := range []string{"code", "mood", "span", "moods"} {
		rows, err := f.owner.Query(t.Context(), "select id from yard.boats order by "+sort+" nulls last, id limit 30 offset 120")
		require.NoError(t, err)
		want, err := pgx.CollectRows(rows, pgx.RowTo[int])
		require.NoError(t, err)
		for range 2 {
			got, err := f.store.Page(t.Context(), sets.Request{Set: "boats", Query: "size=30&page=5&sort=" + sort})
			require.NoError(t, err, sort)
			for i, r := range recordsOf(t, got) {
				require.EqualValues(t, want[i], r["id"], "%s %d", sort, i)
			}
		}
	}
	held, err := f.store.Page(t.Context(), sets.Request{Set: "boats", Query: "sort=code,-mood,span&size=30&page=5", At: page.Version()})
	require.NoError(t, err)
	assert.Equal(t, page.Records, held.Records, "as it was")
	f.exact(t)
	f.does(t, `alter table yard.boats alter mood drop default; alter table yard.boats alter mood type text using mood::text, alter moods type text using moods::text, alter span type text using span::text, alter pair type text using pair::text, alter code type text collate "C";
		drop type yard.mood; drop type yard.span; drop type yard.pair; drop domain yard.code; drop collation yard.german`)
}
