package sets_test

import (
	"context"
	"fmt"
	"math/rand/v2"
	"os"
	"os/exec"
	"strconv"
	"strings"
	"syscall"
	"testing"
	"time"

	"github.com/jackc/pgx/v5"
	"github.com/jackc/pgx/v5/pgxpool"
	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"pageladder.example/internal/intake"
	"pageladder.example/internal/postgres"
	"pageladder.example/internal/sets"
	"pageladder.example/internal/testkit"
	"pageladder.example/paging"
	"pageladder.example/paging/rulesfile"
	"pageladder.example/paging/value"
)

// check asks a deep page with a filter, and compares it with the table.
func (m *model) check(t *testing.T, store *sets.Store) *sets.Explain {
	t.Helper()
	explain := &sets.Explain{}
	page, err := store.Page(t.Context(), sets.Request{Set: "changing", Query: "name.not=a&sort=amount&size=5&page=9", Explain: explain, Facets: []string{"ok"}})
	require.NoError(t, err)
	require.NoError(t, m.hold(t.Context(), page, "(name is null or name <> 'a')", asking{order: "amount nulls first, id"}, 5), "version %d, %+v", page.Set.Version, explain)
	return explain
}

// whats are the names of what was known.
func whats(e *sets.Explain) map[string]bool {
	all := map[string]bool{}
	for _, k := range e.Known {
		all[k.What] = true
	}
	return all
}

// An incomplete log is not used: the explanation says why, and the answers are still right.
func TestLogsThatDoNotTellAll(t *testing.T) {
	change := "update pageladder.record_set set version = version + 1 where name = 'changing'; update TABLE set amount = amount + 1, name = 'b' where id % 50 = 0"
	for _, c := range []struct {
		name, sql string // before the last change
		after     string // after it
		text      string
		look      bool // the log is looked at before that
	}{
		{name: "cut", after: "delete from LOG", text: "reaches back to later versions, or was cut"},
		{name: "cut when it had been looked at", sql: change, look: true, after: "delete from LOG", text: "reaches back to later versions, or was cut"},
		{name: "cut in the middle", sql: change, after: `delete from LOG where "pl.version" = (select max("pl.version") - 1 from LOG)`, text: "reaches back to later versions, or was cut"},
		{name: "emptied", after: "truncate LOG", text: "another one by now"},
		{name: "dropped", sql: "drop table LOG", text: "change log is gone"},
		{name: "a trigger off", sql: "alter table TABLE disable trigger pageladder_log_update", text: "no change log"},
		{name: "off and on again", sql: "alter table TABLE disable trigger pageladder_log_update; " + change + "; alter table TABLE enable always trigger pageladder_log_update", text: "another one by now"},
		{name: "a trigger gone", sql: "drop trigger pageladder_log_delete on TABLE", text: "no change log"},
		{name: "another function", sql: "create or replace function FUNCTION() returns trigger language plpgsql as 'begin return null; end'", text: "change log"},
		{name: "a column lacks", sql: "alter table LOG drop column price", text: "change log"},
		{name: "a text too long", sql: "do $$ declare i text; begin for i in select indexrelid::regclass::text from pg_index where indrelid = 'TABLE'::regclass and not indisprimary loop execute 'drop index ' || i; end loop; end $$", after: "update pageladder.record_set set version = version + 1 where name = 'changing'; update TABLE set name = (select string_agg(md5(n::text), '') from generate_series(1, 900) n) where id = 100", text: "too long to be logged"},
		{name: "the records truncated", after: "truncate TABLE; insert into TABLE (id, amount) select n, n from generate_series(1, 90) n", text: "another one by now"},
		{name: "too much", after: "insert into TABLE (id, amount) select 100000 + n, n from generate_series(1, 3000) n", text: "more has changed than is brought on"},
	} {
		t.Run(c.name, func(t *testing.T) {
			m := newModel(t, 100)
			store := m.services[0]
			run := func(sql string) {
				t.Helper()
				var table, log string
				require.NoError(t, m.pool.QueryRow(t.Context(), "select 'pageladder.' || record_table, 'pageladder.' || log_table from pageladder.change_log join pageladder.record_set using (record_table)").Scan(&table, &log))
				_, err := m.pool.Exec(t.Context(), strings.NewReplacer("TABLE", table, "LOG", log, "FUNCTION", log).Replace(sql), pgx.QueryExecModeSimpleProtocol)
				require.NoError(t, err)
			}
			for _, service := range m.services {
				service.Indexed()
			}
			m.check(t, store)
			testkit.Eventually(t, func() bool { n, _ := store.Footholds(); return n > 0 }, "footholds")
			run(change)
			known := m.check(t, store)
			require.Len(t, whats(known), 3, "the total, the footholds and the facet: %+v", known)
			now, err := store.Get(t.Context(), "changing")
			require.NoError(t, err)
			for _, k := range known.Known {
				require.Less(t, k.Version, now.Version, "%s is kept current since", k.What)
			}
			run(c.sql)
			run(change)
			if c.look {
				_, err := store.Page(t.Context(), sets.Request{Set: "changing", Query: "sort=id"}) // by another question
				require.NoError(t, err)
			}
			if c.after != "" {
				run(c.after)
			}
			answer := m.check(t, store)
			assert.Contains(t, strings.Join(answer.Anew, "; "), c.text)
			// It mends itself, and what is found afterwards is kept up to date again.
			store.SetLogAgain(0)
			testkit.Eventually(t, func() bool {
				return len(whats(m.check(t, store))) == 3
			}, "it is known again")
			run(change)
			testkit.Eventually(t, func() bool { return len(whats(m.check(t, store))) == 3 }, "it is kept current")
			assert.Zero(t, store.Unlike())
		})
	}
}

// Where somebody changes records without moving the version, it is moved for them, and the records
// are counted.
func TestChangesByWhoKnowsNoVersions(t *testing.T) {
	m := newModel(t, 50)
	m.services[0].Indexed()
	table, err := m.table(t.Context(), m.pool)
	require.NoError(t, err)
	before, err := m.services[0].Get(t.Context(), "changing")
	require.NoError(t, err)
	for i, c := range []struct {
		sql           string
		version, more int64
	}{
		{"insert into TABLE (id) values (9001), (9002)", 1, 2},
		{"begin; insert into TABLE (id) values (9003); savepoint a; delete from TABLE where id < 100; rollback to a; insert into TABLE (id) values (9004); delete from TABLE where id = 9001; commit", 1, 1},
		{"begin; savepoint a; insert into TABLE (id) values (9005); release a; delete from TABLE where id in (9005, 9004); commit", 1, -1},
		{"begin; delete from TABLE; rollback", 0, 0},
		{"update TABLE set amount = 1 where id = -5", 0, 0},
		{"update TABLE set amount = 1 where id = 9002", 1, 0},
		{"truncate TABLE", 1, -before.Records - 2},
	} {
		_, err := m.pool.Exec(t.Context(), strings.ReplaceAll(c.sql, "TABLE", table), pgx.QueryExecModeSimpleProtocol)
		require.NoError(t, err, c.sql)
		after, err := m.services[0].Get(t.Context(), "changing")
		require.NoError(t, err)
		assert.Equal(t, []int64{before.Version + c.version, before.Records + c.more}, []int64{after.Version, after.Records}, "%d: %s", i, c.sql)
		before.Version, before.Records = after.Version, after.Records
	}
}

// A service that goes on while its database is restored from a dump answers by what is there,
// although it has seen the versions of the dump before.
func TestADatabaseThatIsRestored(t *testing.T) {
	m := newModel(t, 100)
	store := m.services[0]
	dump := func(args ...string) []byte {
		out, err := exec.Command(args[0], args[1:]...).CombinedOutput()
		require.NoError(t, err, string(out))
		return out
	}
	address := m.pool.Config().ConnString()
	file := t.TempDir() + "/dump"
	change := func(id int) {
		table, err := m.table(t.Context(), m.pool)
		require.NoError(t, err)
		_, err = m.pool.Exec(t.Context(), "update "+table+" set amount = id % 7, name = 'z' where id % 90 = $1", id)
		require.NoError(t, err)
		m.check(t, store)
	}
	change(0)
	dump(testkit.Program(t, "pg_dump"), "-Fc", "-f", file, address)
	change(10)
	change(20)
	testkit.Eventually(t, func() bool { n, _ := store.Footholds(); return n > 0 }, "footholds")
	change(30)
	dump(testkit.Program(t, "pg_restore"), "--clean", "--if-exists", "-d", address, file)
	change(40) // the version of the change by 10
	change(50)
	change(60)
	for range 5 {
		m.check(t, store)
	}
	assert.Zero(t, store.Unlike())
}

// Logs are bounded, and what is known of a time before a log begins is not updated by it.
func TestLogsArePruned(t *testing.T) {
	m := newModel(t, 100)
	store := m.services[0]
	table, err := m.table(t.Context(), m.pool)
	require.NoError(t, err)
	change := func() {
		_, err := m.pool.Exec(t.Context(), "update "+table+" set amount = amount + 1 where id % 30 = 0")
		require.NoError(t, err)
	}
	rows := func() (n int64) {
		var log string
		require.NoError(t, m.pool.QueryRow(t.Context(), "select log_table from pageladder.change_log").Scan(&log))
		require.NoError(t, m.pool.QueryRow(t.Context(), "select count(*) from pageladder."+log).Scan(&n))
		return n
	}
	m.check(t, store)
	change()
	m.check(t, store)
	before := rows()
	require.Positive(t, before)
	require.NoError(t, store.Prune(t.Context()))
	assert.Equal(t, before, rows(), "nothing is an hour old")
	_, err = m.pool.Exec(t.Context(), "update pageladder.change_seen set at = at - interval '2 hours'")
	require.NoError(t, err)
	change()
	require.NoError(t, store.Prune(t.Context()))
	assert.Equal(t, before, rows(), "of the last change alone")
	m.check(t, store)

	// The service sees the set change but does not get this query, until what it knows is older
	// than the log.
	testkit.Eventually(t, func() bool { n, _ := store.Footholds(); return n > 0 }, "footholds")
	require.Len(t, whats(m.check(t, store)), 3)
	for range 3 {
		_, err := m.pool.Exec(t.Context(), "update "+table+" set amount = amount + 1, name = 'a', ok = not ok where id % 40 = 0")
		require.NoError(t, err)
		_, err = store.Latest(t.Context(), "changing")
		require.NoError(t, err)
	}
	require.NoError(t, store.Prune(t.Context()))
	_, err = m.pool.Exec(t.Context(), "update pageladder.change_seen set at = at - interval '2 hours'")
	require.NoError(t, err)
	require.NoError(t, store.Prune(t.Context()))
	require.Zero(t, rows())
	assert.Contains(t, strings.Join(m.check(t, store).Anew, "; "), "reaches back")
	assert.Zero(t, store.Unlike())
}

// Records, totals and positions that are read from a standby are of one snapshot too.
func TestAnswersOfAStandbyAreOfOneSnapshot(t *testing.T) {
	m := newModel(t, 200)
	standby := testkit.Standby(t)
	at := testkit.In(t, standby, m.pool.Config().ConnString())
	store, err := sets.OpenReadOnly(t.Context(), at)
	require.NoError(t, err)
	defer store.Close()
	store.SetDeep(0)
	store.SetBuildAgain(0)
	m.run([]*sets.Store{store}, *modelTime/4)
	assert.True(t, m.seen())
	assert.Zero(t, store.Unlike())
}

// PostgreSQL is killed under load, and the service goes on by what is there afterwards.
func TestTotalsAreRightAfterPostgreSQLWasKilled(t *testing.T) {
	server, err := postgres.Start(t.Context(), postgres.Options{Dir: testkit.DataDir(t)})
	require.NoError(t, err)
	defer server.Stop()
	m := modelIn(t, server.URL(), 100)
	for round := range 3 {
		ctx, end := context.WithCancel(t.Context())
		done := make(chan bool)
		for range 2 {
			go func() {
				for ctx.Err() == nil { // whatever fails meanwhile
					m.inSQL(ctx)
					m.byService(ctx)
				}
				done <- true
			}()
		}
		go func() {
			for ctx.Err() == nil {
				m.services[0].Page(ctx, sets.Request{Set: "changing", Query: "name.not=a&sort=amount&size=5&page=9"})
			}
			done <- true
		}()
		before := server.Pid()
		testkit.Eventually(t, func() bool { n, _ := m.services[0].Footholds(); return n > 0 }, "footholds")
		if round < 2 {
			require.NoError(t, syscall.Kill(before, syscall.SIGKILL))
			testkit.Eventually(t, func() bool { return server.Pid() != before }, "it is started again")
		}
		version := func() (n int64) { // 0 while PostgreSQL is away
			m.pool.QueryRow(t.Context(), "select version from pageladder.record_set where name = 'changing'").Scan(&n)
			return n
		}
		var was int64
		testkit.Eventually(t, func() bool { was = version(); return was > 0 }, "it is there again")
		testkit.Eventually(t, func() bool { return version() > was+10 }, "others go on changing it")
		end()
		for range 3 {
			<-done
		}
		for _, store := range m.services {
			testkit.Eventually(t, func() bool { return store.Ping(t.Context()) == nil }, "the database answers")
			_, err := m.table(t.Context(), m.pool)
			for n := 0; err != nil && n < 20; n++ { // connections that broke
				_, err = m.table(t.Context(), m.pool)
			}
			require.NoError(t, err)
			page, err := store.Page(t.Context(), sets.Request{Set: "changing", Visibility: sets.All})
			for n := 0; sets.Unavailable(err) && n < 20; n++ {
				page, err = store.Page(t.Context(), sets.Request{Set: "changing", Visibility: sets.All})
			}
			require.NoError(t, err)
			// Held at the page's own version: what was cut off may have been committed a moment later.
			require.NoError(t, m.hold(t.Context(), page, "true", asking{order: "id"}, page.Settled.Size()))
			m.check(t, store)
		}
	}
}

// changerEnv makes this test binary a service that changes the set of a model, and reads
// it, until it is killed.
const changerEnv = "PAGELADDER_TEST_CHANGER"

func changer(address string) error {
	ctx := context.Background()
	store, err := sets.Open(ctx, address)
	if err != nil {
		return err
	}
	store.SetDeep(0)
	m := &model{services: []*sets.Store{store}, records: 100}
	if m.pool, err = pgxpool.New(ctx, address); err != nil {
		return err
	}
	for range 3 {
		go func() {
			for {
				store.Page(ctx, sets.Request{Set: "changing", Query: "name.not=a&sort=amount&size=5&page=9", Facets: []string{"ok"}})
			}
		}()
	}
	for {
		if err := m.byService(ctx); !allowed(err) {
			return err
		}
	}
}

// A service is killed under load: the one that goes on beside it, and a new one, answer right.
func TestTotalsAreRightAfterAServiceWasKilled(t *testing.T) {
	m := newModel(t, 100)
	version := func() (n int64) {
		require.NoError(t, m.pool.QueryRow(t.Context(), "select version from pageladder.record_set where name = 'changing'").Scan(&n))
		return n
	}
	for range 5 {
		cmd := exec.Command(os.Args[0])
		cmd.Env = append(os.Environ(), changerEnv+"="+m.pool.Config().ConnString())
		cmd.Stderr = os.Stderr
		require.NoError(t, cmd.Start())
		before := version()
		testkit.Eventually(t, func() bool { return version() > before+20+rand.Int64N(30) }, "it changes records")
		m.check(t, m.services[0])
		require.NoError(t, cmd.Process.Kill())
		cmd.Wait()
		var counted, number int64
		table, err := m.table(t.Context(), m.pool)
		require.NoError(t, err)
		require.NoError(t, m.pool.QueryRow(t.Context(), "select (select count(*) from "+table+"), records from pageladder.record_set where name = 'changing'").Scan(&counted, &number))
		assert.Equal(t, counted, number)
		m.check(t, m.services[0])
		again, err := sets.Open(t.Context(), m.pool.Config().ConnString())
		require.NoError(t, err)
		m.check(t, again)
		again.Close()
	}
	assert.Zero(t, m.services[0].Unlike())
}

// A page that is remembered is given again only while nothing touches it.
func TestPagesAreGivenAgain(t *testing.T) {
	m := newModel(t, 100)
	store := m.services[0]
	store.SetDeep(1 << 40) // footholds that are built meanwhile begin to follow what changes later: pages from before are read again
	table, err := m.table(t.Context(), m.pool)
	require.NoError(t, err)
	_, err = m.pool.Exec(t.Context(), "update "+table+" set name = case when id < 500 then 'ab' else 'b' end, amount = id")
	require.NoError(t, err)
	for _, c := range []struct {
		query, sql string
		again      bool
	}{
		{"sort=id&size=5&page=3", "update TABLE set price = 1 where id = 800", true},
		{"sort=id&size=5&page=3", "delete from TABLE where id = 810", true},
		{"sort=id&size=5&page=3", "update TABLE set price = 2 where id = 110", false},
		{"sort=id&size=5&page=3", "update TABLE set price = 3 where id = 10", true},
		{"sort=id&size=5&page=3", "delete from TABLE where id = 20", false},
		{"sort=id&size=5&page=3", "begin; delete from TABLE where id = 30; insert into TABLE (id) values (31); commit", true},
		{"sort=-amount&size=5&page=2", "insert into TABLE (id, amount) values (5001, 20000)", false},
		{"sort=-amount&size=5&page=2", "insert into TABLE (id, amount) values (5002, -1)", true},
		{"sort=-amount&size=5&page=999", "insert into TABLE (id, amount) values (5003, -2)", false},
		{"sort=name&size=5&page=2", "update TABLE set price = 4 where name = 'b' and id = 900", true},
		{"sort=name&size=5&page=2", "update TABLE set name = 'á' where id = 900", false},
		{"sort=id&size=5&name=ab&page=2", "update TABLE set price = 5 where id between 500 and 600 and name <> 'ab'", true},
		{"sort=id&size=5&name=ab&page=2", "update TABLE set name = 'z' where id = 480", true},
		{"sort=id&size=5&name=nobody", "insert into TABLE (id, name) values (5004, 'nobody')", false},
	} {
		req := sets.Request{Set: "changing", Query: c.query, Keep: true, Facets: []string{"ok"}}
		page, err := store.Page(t.Context(), req)
		require.NoError(t, err)
		_, err = m.pool.Exec(t.Context(), strings.ReplaceAll(c.sql, "TABLE", table), pgx.QueryExecModeSimpleProtocol)
		require.NoError(t, err)
		_, err = m.services[1].Page(t.Context(), req) // the other one has seen the change
		require.NoError(t, err)
		testkit.Eventually(t, func() bool {
			now, err := store.Latest(t.Context(), "changing")
			return err == nil && now.Version > page.Set.Version
		}, "the change is heard of")
		if !page.Kept() {
			assert.False(t, c.again, "%s, %s", c.query, c.sql)
			continue
		}
		again, err := store.Again(t.Context(), page, req)
		require.NoError(t, err)
		require.Equal(t, c.again, again != nil, "%s, %s", c.query, c.sql)
		if again == nil {
			continue
		}
		read, err := store.Page(t.Context(), req)
		require.NoError(t, err)
		assert.Equal(t, read.Records, again.Records)
		assert.Equal(t, read.Facets, again.Facets)
		assert.Equal(t, read.Settled.Metadata(), again.Settled.Metadata())
		assert.Equal(t, read.Set.Version, again.Set.Version)
	}
}

func wordsAndNumbers() sets.Draft {
	rules := rulesfile.Of(paging.Rules{Key: []string{"id"}, Sorts: []paging.SortKey{{Key: "id"}, {Key: "word"}, {Key: "at"}, {Key: "number"}}})
	return sets.Draft{Name: "words", Label: "Words", Rules: rules, Fields: []intake.Field{
		{Name: "id", Type: value.Integer}, {Name: "word", Type: value.Text}, {Name: "at", Type: value.Time}, {Name: "number", Type: value.Integer}}}
}

// The memory of footholds by a million records: 1 MB by a number or a time, 3 MB by a text
// of twenty characters. What is kept of changes is little beside it.
func TestFootholdsTakeLittleMemory(t *testing.T) {
	const records = 100_000
	store := testkit.Store(t)
	var csv strings.Builder
	csv.WriteString("id,word,at,number\n")
	for id := range records {
		word := strconv.FormatUint(uint64(id)*0x9e3779b97f4a7c15, 36) + "00000000000000000000"
		fmt.Fprintf(&csv, "%d,%s,%s,%d\n", id, word[:20], time.Unix(1e9+int64(id*7919%records)*977, 0).UTC().Format(time.RFC3339), id*104729%(3*records))
	}
	require.NoError(t, store.LoadCSV(t.Context(), wordsAndNumbers(), strings.NewReader(csv.String())))
	for _, c := range []struct {
		sort  string
		limit int
	}{{"id", 1e6}, {"at", 1e6}, {"-number", 1e6}, {"word", 3e6}} {
		_, bytes, err := store.BuildFootholds(t.Context(), "words", "sort="+c.sort)
		require.NoError(t, err)
		assert.LessOrEqual(t, bytes*(1_000_000/records), c.limit, c.sort)
	}
}

// A log that an earlier version created is created anew, which moves no version: whoever knew the one
// before learns of it all the same.
func TestALogThatIsMadeAnewIsLearntOf(t *testing.T) {
	address := testkit.Harbour(t).Pool().Config().ConnString()
	conn, err := pgx.Connect(t.Context(), address)
	require.NoError(t, err)
	defer conn.Close(context.WithoutCancel(t.Context()))
	_, err = conn.Exec(t.Context(), `do $$ begin execute (select format('alter table pageladder.%I drop column "pl.lacks"', log_table)
		from pageladder.change_log join pageladder.record_set using (record_table) where name = 'arrivals'); end $$`)
	require.NoError(t, err)
	writing, err := conn.Begin(t.Context()) // no trigger is created meanwhile
	require.NoError(t, err)
	_, err = writing.Exec(t.Context(), `do $$ begin execute (select format('lock table pageladder.%I in row exclusive mode', record_table) from pageladder.record_set where name = 'arrivals'); end $$`)
	require.NoError(t, err)
	store, err := sets.Open(t.Context(), address)
	require.NoError(t, err)
	t.Cleanup(store.Close)
	store.SetLogAgain(0)
	req := sets.Request{Set: "arrivals"}
	page, err := store.Page(t.Context(), req)
	require.NoError(t, err)
	req.At = page.Set.Version
	var gone *sets.GoneError
	_, err = store.Page(t.Context(), req)
	require.ErrorAs(t, err, &gone, "the log before tells too little")
	require.NoError(t, writing.Rollback(t.Context()))
	testkit.Eventually(t, func() bool { _, err := store.Page(t.Context(), req); return err == nil }, "the list can be held still")
}
