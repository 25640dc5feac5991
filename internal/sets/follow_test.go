package sets_test

import (
	"context"
	"errors"
	"fmt"
	"net/url"
	"strings"
	"sync/atomic"
	"testing"
	"time"

	"github.com/jackc/pgx/v5"
	"github.com/jackc/pgx/v5/pgconn"
	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"
	"golang.org/x/sync/errgroup"

	"pageladder.example/internal/changes"
	"pageladder.example/internal/sets"
	"pageladder.example/internal/soak"
	"pageladder.example/internal/testkit"
	"pageladder.example/paging"
)

// fleet is a followed table: what its owner does to it, and the pages that are read of it.
type fleet struct {
	admin string // the address of its database, of a superuser
	store *sets.Store
	owner *pgx.Conn
	role  string
}

// newFleet makes a table of boats in a database of its own, and a set of it that is to be
// followed. Its owner is no superuser.
func newFleet(t *testing.T, table string, shown ...string) *fleet {
	return newFleetBy(t, table, "", shown...)
}

// newFleetBy is the same with a key that is named.
func newFleetBy(t *testing.T, table, key string, shown ...string) *fleet {
	admin := testkit.DatabaseURL(t)
	u, err := url.Parse(admin)
	require.NoError(t, err)
	name := u.Path[1:]
	f := &fleet{admin: admin, store: testkit.Store(t), role: "reader_" + name}
	conn, err := pgx.Connect(t.Context(), admin)
	require.NoError(t, err)
	defer conn.Close(t.Context())
	_, err = conn.Exec(t.Context(), fmt.Sprintf(`create role %[1]s login password '%[3]s'; create role owner_%[2]s login password '%[3]s';
		grant create on database %[2]s to owner_%[2]s; grant set on parameter session_replication_role to owner_%[2]s; create schema yard authorization owner_%[2]s; grant usage on schema yard to %[1]s`, f.role, name, testkit.Quick("x")))
	require.NoError(t, err)
	u.User = url.UserPassword("owner_"+name, "x")
	f.owner, err = pgx.Connect(t.Context(), u.String())
	require.NoError(t, err)
	t.Cleanup(func() { f.owner.Close(t.Context()) })
	f.does(t, table+"; grant select on yard.boats to "+f.role)
	u.User = url.UserPassword(f.role, "x")
	require.NoError(t, f.store.AddSource("yard", u.String()))
	f.store.SetDeep(50)
	f.store.SetBuildAgain(0)
	f.store.SetFollowAgain(0)
	attach := sets.Attach{Name: "boats", Source: "yard", Schema: "yard", Table: "boats", Fields: shown, Follow: true}
	if key != "" {
		attach.Key = []string{key}
	}
	_, err = f.store.Attach(t.Context(), attach)
	require.NoError(t, err)
	return f
}

const boats = `create table yard.boats (id int primary key, name text, tons numeric(8,2), at timestamptz, crew int default 3, note text);
	insert into yard.boats select n, case when n % 7 > 0 then 'boat ' || n % 50 end, n % 90 / 4.0, '2026-03-01T00:00:00Z'::timestamptz + n % 200 * interval '1 hour' from generate_series(1, 1000) n`

// does is what the owner does, which has to succeed.
func (f *fleet) does(t *testing.T, sql string) {
	t.Helper()
	var err error
	if statement, rows, copies := strings.Cut(sql, " from stdin\n"); copies {
		_, err = f.owner.PgConn().CopyFrom(t.Context(), strings.NewReader(rows), statement+" from stdin")
	} else {
		for range 10 { // an owner and a reader may wait for each other: what PostgreSQL undoes is done again
			_, err = f.owner.Exec(t.Context(), sql)
			var pg *pgconn.PgError
			if !errors.As(err, &pg) || pg.Code != "40P01" {
				break
			}
			f.owner.Exec(t.Context(), "rollback")
		}
	}
	require.NoError(t, err, sql)
}

// script is the SQL that has the table followed, or takes that off.
func (f *fleet) script(t *testing.T, off bool) string {
	t.Helper()
	set, err := f.store.Latest(t.Context(), "boats")
	require.NoError(t, err)
	follower, err := f.store.Follower(t.Context(), set)
	require.NoError(t, err)
	if off {
		return follower.Unscript()
	}
	return follower.Script()
}

// follow runs the script, and waits until pages come by the log.
func (f *fleet) follow(t *testing.T) {
	t.Helper()
	f.does(t, f.script(t, false))
	f.exact(t)
}

func (f *fleet) exact(t *testing.T) {
	t.Helper()
	state, err := f.store.FollowState(t.Context(), "boats")
	require.NoError(t, err)
	require.True(t, state.Exact, "missing: %q", state.Missing)
}

// agrees compares pages with what the owner reads.
func (f *fleet) agrees(t *testing.T) (explained sets.Explain) {
	t.Helper()
	for query, sql := range map[string]string{
		"sort=id":               "true order by id",
		"sort=-tons":            "true order by tons desc nulls last, id desc",
		"sort=name":             "true order by name nulls last, id",
		"sort=-name&crew.min=3": "crew >= 3 order by name desc nulls last, id desc",
		"sort=at&name=boat+9":   "name = 'boat 9' order by at nulls last, id",
	} {
		rows, err := f.owner.Query(t.Context(), "select id from yard.boats where "+sql)
		require.NoError(t, err)
		all, err := pgx.CollectRows(rows, pgx.RowTo[int])
		require.NoError(t, err)
		for _, page := range []int{1, 14, 53} {
			explained = sets.Explain{}
			got, err := f.store.Page(t.Context(), sets.Request{Set: "boats", Query: fmt.Sprintf("%s&size=10&page=%d", query, page), Explain: &explained})
			require.NoError(t, err, query)
			require.Equal(t, int64(len(all)), *got.Settled.Metadata().TotalItems, "%s: %+v", query, explained)
			if 10*(page-1) >= len(all) {
				continue
			}
			var ids []int
			for _, r := range recordsOf(t, got) {
				ids = append(ids, int(r["id"].(float64)))
			}
			require.Equal(t, all[10*(page-1):min(10*page, len(all))], ids, "%s page %d: %+v", query, page, explained)
		}
	}
	return explained
}

func TestFollowedTableIsReadByItsLog(t *testing.T) {
	f := newFleet(t, boats)
	f.agrees(t)
	state, err := f.store.FollowState(t.Context(), "boats")
	require.NoError(t, err)
	assert.Equal(t, []string{`the log "pageladder_log"."yard.boats" is not there`}, state.Missing)
	f.follow(t)
	f.does(t, f.script(t, false)) // it can be run again
	f.agrees(t)                   // this notices that the triggers are others
	f.exact(t)
	for round := range 5 {
		f.does(t, fmt.Sprintf("insert into yard.boats values (%d, 'boat 9', %d); update yard.boats set tons = tons + 1, name = 'boat 30' where id %% 100 = %d; delete from yard.boats where id = %d", 2000+round, round, round, 10+round))
		explained := f.agrees(t)
		if round > 0 {
			assert.Equal(t, "kept current since it was counted", explained.Counted, "%+v", explained)
		}
	}
	assert.Zero(t, f.store.Unlike())
	f.does(t, f.script(t, true))
	f.does(t, f.script(t, true))
	f.agrees(t)
	var left int
	require.NoError(t, f.owner.QueryRow(t.Context(), "select (select count(*) from pg_namespace where nspname = 'pageladder_log') + (select count(*) from pg_trigger where tgname like 'pageladder%')").Scan(&left))
	assert.Zero(t, left, "it leaves no trace")
}

// Some tables cannot be followed, and the reason is given.
func TestTablesThatCannotBeFollowed(t *testing.T) {
	for name, c := range map[string]struct{ table, text string }{
		"a view":                      {"create table yard.b (id int primary key); create view yard.boats as select * from yard.b", "it is a view"},
		"a materialized view":         {"create materialized view yard.boats as select 1 as id", "it is a materialized view"},
		"an unlogged table":           {"create unlogged table yard.boats (id int primary key)", "it is not logged by PostgreSQL itself"},
		"row-level security":          {"create table yard.boats (id int primary key); alter table yard.boats enable row level security", "row-level security"},
		"of a partition":              {"create table yard.boats (id int primary key) partition by hash (id); create table yard.p partition of yard.boats for values with (modulus 1, remainder 0); alter table yard.p enable row level security", "row-level security"},
		"a partition":                 {"create table yard.whole (id int primary key) partition by hash (id); create table yard.boats partition of yard.whole for values with (modulus 1, remainder 0)", "follow the parent"},
		"an heir":                     {"create table yard.old (id int); create table yard.boats (primary key (id)) inherits (yard.old)", "inherits"},
		"a parent":                    {"create table yard.boats (id int primary key); create table yard.more () inherits (yard.boats)", "inherits"},
		"no unique index":             {"create table yard.boats (id int)", "no unique index"},
		"a key that may be missing":   {"create table yard.boats (id int unique)", "no unique index"},
		"a partial index":             {"create table yard.boats (id int not null); create unique index on yard.boats (id) where id > 5", "no unique index"},
		"a deferrable key":            {"create table yard.boats (id int primary key deferrable)", "no unique index"},
		"an index with another field": {"create table yard.boats (id int not null, x int not null, unique (id, x))", "no unique index"},
		"an index on an expression":   {"create table yard.boats (id int not null); create unique index on yard.boats (abs(id))", "no unique index"},
	} {
		t.Run(name, func(t *testing.T) {
			f := newFleetBy(t, c.table, "id")
			set, err := f.store.Latest(t.Context(), "boats")
			require.NoError(t, err)
			_, err = f.store.Follower(t.Context(), set)
			assert.ErrorIs(t, err, changes.ErrNotFollowed)
			assert.ErrorContains(t, err, c.text)
			state, err := f.store.FollowState(t.Context(), "boats")
			require.NoError(t, err)
			assert.Contains(t, strings.Join(state.Missing, ""), c.text)
			_, err = f.store.Page(t.Context(), sets.Request{Set: "boats", Query: "sort=-id"})
			assert.NoError(t, err, "it is read as it was")
		})
	}
}

// A log that nobody reads is not written any further, so that its size is bounded. A reader who
// comes back finds that it begins anew.
func TestLogOfAFollowedTableIsBounded(t *testing.T) {
	f := newFleet(t, boats)
	f.follow(t)
	f.agrees(t)
	images := func() (n int) {
		require.NoError(t, f.owner.QueryRow(t.Context(), `select count(*) from pageladder_log."yard.boats"`).Scan(&n))
		return n
	}
	f.does(t, "update yard.boats set crew = 2 where id < 11")
	require.Equal(t, 20, images())
	for name, clock := range map[string]string{
		"for two hours": "update pageladder_log.followed set read_at = now() - interval '2 hours'",
		"too large":     "update pageladder_log.followed set most_bytes = 8192",
	} {
		f.does(t, clock)
		before := images()
		for n := range 20 {
			f.does(t, fmt.Sprintf("update yard.boats set crew = %d where id > 20", n))
		}
		assert.Equal(t, before+1, images(), "one row tells that it is written no further: %s", name)
		f.does(t, "update pageladder_log.followed set most_bytes = 1000000")
		f.agrees(t)
		f.exact(t)
		f.does(t, "update yard.boats set crew = 7 where id < 11")
		assert.Equal(t, 20, images(), "it begins anew: %s", name)
		f.agrees(t)
	}
	// A log that is read all the time is pruned: what is older than an hour is deleted.
	prune := func() {
		testkit.Eventually(t, func() bool { // where connecting takes too long, it is done the next time
			require.NoError(t, f.store.Prune(t.Context()))
			state, err := f.store.FollowState(t.Context(), "boats")
			require.NoError(t, err)
			return state.Unkept == ""
		}, "the log is pruned")
	}
	prune()
	f.does(t, "update pageladder_log.seen set at = at - interval '2 hours'")
	prune()
	assert.Zero(t, images())
	f.agrees(t)
	f.exact(t)
}

// More readers in transactions than there are connections do not wait for one another, of a
// followed table and of a kept set.
func TestReadersInTransactionsDoNotWaitForEachOther(t *testing.T) {
	f := newFleet(t, boats)
	f.follow(t)
	m := newModel(t, 200)
	for name, c := range map[string]struct {
		read  func(ctx context.Context, n int) error
		write func(ctx context.Context, n int) error
	}{
		"followed": {func(ctx context.Context, n int) error {
			_, err := f.store.Page(ctx, sets.Request{Set: "boats", Query: fmt.Sprintf("sort=-tons&page=%d", 1+n)})
			return err
		}, func(ctx context.Context, n int) error {
			_, err := f.owner.Exec(ctx, "update yard.boats set tons = tons + 1 where id = $1", 1+n%1000)
			return err
		}},
		"kept": {func(ctx context.Context, n int) error {
			_, err := m.services[0].Settle(ctx, sets.Request{Set: "changing", Query: fmt.Sprintf("amount.min=3&page=%d", 1+n)})
			return err
		}, func(ctx context.Context, n int) error {
			if err := m.byService(ctx); !allowed(err) {
				return err
			}
			return nil
		}},
	} {
		t.Run(name, func(t *testing.T) {
			stopping, stop := context.WithCancel(t.Context())
			defer stop()
			group, ctx := errgroup.WithContext(stopping)
			var reads atomic.Int64
			for n := range 40 {
				group.Go(func() error {
					for ctx.Err() == nil {
						each, cancel := context.WithTimeout(t.Context(), time.Minute)
						err := c.read(each, n)
						cancel()
						if err != nil {
							return err
						}
						reads.Add(1)
					}
					return nil
				})
			}
			began := time.Now()
			for n := 0; ctx.Err() == nil && (n < 50 || reads.Load() < 400 || time.Since(began) < soak.Or(time.Second, time.Minute)); n++ {
				require.NoError(t, c.write(t.Context(), n))
			}
			stop()
			require.NoError(t, group.Wait())
		})
	}
	f.agrees(t)
}

// The fixed filter of a followed set binds its callers in pages and totals that are kept up to
// date.
func TestFixedFilterOfAFollowedTable(t *testing.T) {
	f := newFleet(t, boats)
	_, err := f.store.Configure(t.Context(), "boats", func(s *sets.Settings) error { s.Fixed = "crew.min=3&name.not=boat 9"; return nil })
	require.NoError(t, err)
	f.follow(t)
	total := func(sees sets.Visibility) (int64, string) {
		explained := sets.Explain{}
		page, err := f.store.Page(t.Context(), sets.Request{Set: "boats", Query: "sort=-tons&tons.min=5&page=20", Visibility: sees, Explain: &explained})
		require.NoError(t, err)
		return *page.Settled.Metadata().TotalItems, explained.Counted
	}
	for round := range 4 {
		f.does(t, fmt.Sprintf("update yard.boats set crew = 2 where id %% 9 = %d; update yard.boats set name = 'boat 9', tons = 7 where id %% 50 = %d", round, round))
		for sees, where := range map[sets.Visibility]string{sets.All: "tons >= 5", sets.Filtered: "tons >= 5 and crew >= 3 and (name is null or name <> 'boat 9')"} {
			var want int64
			require.NoError(t, f.owner.QueryRow(t.Context(), "select count(*) from yard.boats where "+where).Scan(&want))
			found, how := total(sees)
			assert.Equal(t, want, found, where)
			if round > 0 {
				assert.Equal(t, "kept current since it was counted", how)
			}
		}
	}
}

// Columns of many types, under a key of two fields of which one is a text, are sorted by their own
// order while they change.
func TestFollowedColumnsOfManyTypes(t *testing.T) {
	columns := map[string]string{
		"u": "uuid default null", "ip": "inet", "mood": "yard.mood", "r": "int4range", "iv": "interval", "f": "float8", "m": "money", "c": "char(3)", "b": "bytea", "ts": "timestamp", "d": "date",
		"arr": "int[]", "num": "numeric(6,3)", "k": `text collate "C"`, "flag": "boolean", "small": "smallint", "tz": "time", "bits": "bit(4)",
	}
	table := "create type yard.mood as enum ('low', 'high', 'mid'); create table yard.boats (code text, n smallint"
	for name, declared := range columns {
		table += ", " + name + " " + declared
	}
	table += `, primary key (code, n)); insert into yard.boats (code, n) select 'c' || g % 17, g from generate_series(1, 300) g;`
	fill := `update yard.boats set u = md5((n * SEED)::text)::uuid, ip = ('10.0.' || n % 7 || '.' || n * SEED % 250)::inet, mood = (array['low', 'high', 'mid'])[1 + n * SEED % 3]::yard.mood, r = int4range(n * SEED % 20, 30), iv = n * SEED % 40 * interval '7 hours',
		f = case n % 50 when 0 then 'NaN'::float8 else sqrt(n * SEED) end, m = (n * SEED % 90)::money, c = chr(97 + n * SEED % 26), b = decode(lpad(to_hex(n * SEED % 99), 4, '0'), 'hex'), ts = timestamp '2026-03-01' + n * SEED % 60 * interval '1 hour', d = date '2026-03-01' + n * SEED % 30,
		arr = array[n * SEED % 5, n], num = n * SEED % 70 / 7.0, k = (array['a', 'B', 'á', 'Z', null])[1 + n * SEED % 5], flag = n * SEED % 2 = 0, small = n * SEED % 11, tz = time '00:00' + n * SEED % 23 * interval '1 hour', bits = (n * SEED % 16)::bit(4) where n % 4 > 0`
	f := newFleet(t, table+strings.ReplaceAll(fill, "SEED", "13"))
	f.follow(t)
	for round := range 3 {
		if round > 0 {
			f.does(t, strings.ReplaceAll(fill, "SEED", fmt.Sprint(17+round))+fmt.Sprintf(" and n %% 29 = %d; delete from yard.boats where n = %d; insert into yard.boats (code, n) values ('é', %d)", round, 50+round, 1000+round))
		}
		for name := range columns {
			for page := 1; page <= 31; page += 10 {
				rows, err := f.owner.Query(t.Context(), fmt.Sprintf("select code, n from yard.boats order by %s desc nulls last, code desc, n desc limit 7 offset %d", name, 7*(page-1)))
				require.NoError(t, err)
				want, err := pgx.CollectRows(rows, func(row pgx.CollectableRow) (key string, err error) {
					var n int
					err = row.Scan(&key, &n)
					return fmt.Sprint(key, " ", n), err
				})
				require.NoError(t, err)
				explained := sets.Explain{}
				got, err := f.store.Page(t.Context(), sets.Request{Set: "boats", Query: fmt.Sprintf("sort=-%s&size=7&page=%d", name, page), Explain: &explained})
				require.NoError(t, err, name)
				var keys []string
				for _, r := range recordsOf(t, got) {
					keys = append(keys, fmt.Sprint(r["code"], " ", r["n"]))
				}
				require.Equal(t, want, keys, "sort=-%s page %d: %+v", name, page, explained)
			}
		}
	}
	f.exact(t)
	assert.Zero(t, f.store.Unlike())
}

// Values that are not finite, and years before Christ, are values like others: a block may begin at
// one.
func TestFootholdsBeginAtAnyValue(t *testing.T) {
	f := newFleet(t, strings.ReplaceAll(boats, "note text", "until timestamptz default 'infinity', plain timestamp default 'infinity', day date default '-infinity', num numeric default 'NaN', old timestamptz default '0044-03-15 10:00:00+00 BC'"))
	f.follow(t)
	f.does(t, "update yard.boats set until = at, plain = at, day = at, num = id, old = at where id % 4 = 0")
	for _, field := range []string{"until", "plain", "day", "num", "old"} {
		for _, direction := range []string{"", "-"} {
			access := ""
			testkit.Eventually(t, func() bool {
				explained := sets.Explain{}
				got, err := f.store.Page(t.Context(), sets.Request{Set: "boats", Query: "size=10&page=51&sort=" + direction + field, Explain: &explained})
				require.NoError(t, err)
				order := field + map[string]string{"": ", id", "-": " desc, id desc"}[direction]
				rows, err := f.owner.Query(t.Context(), "select id from yard.boats order by "+order+" limit 10 offset 500")
				require.NoError(t, err)
				want, err := pgx.CollectRows(rows, pgx.RowTo[int])
				require.NoError(t, err)
				for i, r := range recordsOf(t, got) {
					require.EqualValues(t, want[i], r["id"], "%s%s: %+v", direction, field, explained)
				}
				access = explained.Access
				return strings.Contains(access, "foothold")
			}, direction+field)
			f.does(t, "update yard.boats set until = '-infinity', plain = '0001-01-01 BC', day = 'infinity', num = 'Infinity', old = 'infinity' where id = 4 * (select count(*) from yard.boats where id < 4) + 500")
		}
	}
	assert.Zero(t, f.store.Unlike())
}

// Blocks of a followed table that have grown are cut, as those of kept sets are.
func TestFootholdsOfAFollowedTableStayNear(t *testing.T) {
	f := newFleet(t, boats)
	f.follow(t)
	ask := func() string {
		explained := sets.Explain{}
		_, err := f.store.Page(t.Context(), sets.Request{Set: "boats", Query: "sort=at&size=10&page=45", Explain: &explained})
		require.NoError(t, err)
		return explained.Access
	}
	testkit.Eventually(t, func() bool { return strings.Contains(ask(), "foothold") }, "there are footholds")
	f.does(t, "insert into yard.boats (id, name, at) select 2000 + n, 'new', '2026-03-04T00:00:00Z' from generate_series(1, 400) n") // all in one block
	over := int64(0)
	for n := range 12 {
		f.does(t, fmt.Sprintf("update yard.boats set at = '2026-03-04T00:00:00Z' where id = %d", 2000+30*n))
		access := ask()
		_, err := fmt.Sscanf(access[strings.LastIndex(access, "skipping"):], "skipping %d", &over)
		require.NoError(t, err, access)
	}
	assert.LessOrEqual(t, over, int64(30), "records between the page and the foothold")
}

// What was pruned from a log while nobody read the table is known to be missing from it.
func TestChangesThatWerePrunedUnseenAreMissed(t *testing.T) {
	f := newFleet(t, boats)
	f.follow(t)
	f.agrees(t)
	f.does(t, "delete from yard.boats where id < 40; update yard.boats set tons = 1, crew = 1, name = 'aa' where id between 500 and 510")
	require.NoError(t, f.store.Prune(t.Context()))
	f.does(t, "update pageladder_log.seen set at = at - interval '2 hours'")
	require.NoError(t, f.store.Prune(t.Context()))
	f.agrees(t)
}

// A log that could not be written is of no use, whatever is known when that is seen.
func TestALogThatIsNotWrittenIsNotTrusted(t *testing.T) {
	f := newFleet(t, boats)
	f.follow(t)
	f.does(t, "update pageladder_log.followed set most_bytes = 8192; update yard.boats set crew = 2 where id < 11")
	f.does(t, "update yard.boats set crew = 3 where id < 11") // it is full
	_, err := f.store.Page(t.Context(), sets.Request{Set: "boats", Query: "sort=id&size=10", Count: paging.CountNone})
	require.NoError(t, err)
	f.agrees(t)
	f.does(t, "delete from yard.boats where id < 40")
	f.agrees(t)
}
