package sets_test

import (
	"fmt"
	"net/url"
	"strings"
	"testing"

	"github.com/jackc/pgx/v5"
	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"pageladder.example/internal/sets"
	"pageladder.example/internal/testkit"
)

// fleet is a followed table: what its owner does to it, and the pages that are read of it.
type fleet struct {
	store *sets.Store
	owner *pgx.Conn
	role  string
}

// newFleet makes a table of boats in a database of its own, and a set of it that is to be
// followed. Its owner is no superuser.
func newFleet(t *testing.T, table string) *fleet {
	admin := testkit.DatabaseURL(t)
	u, err := url.Parse(admin)
	require.NoError(t, err)
	name := u.Path[1:]
	f := &fleet{store: testkit.Harbour(t), role: "reader_" + name}
	conn, err := pgx.Connect(t.Context(), admin)
	require.NoError(t, err)
	defer conn.Close(t.Context())
	_, err = conn.Exec(t.Context(), fmt.Sprintf(`create role %[1]s login password 'x'; create role owner_%[2]s login password 'x';
		grant create on database %[2]s to owner_%[2]s; create schema yard authorization owner_%[2]s; grant usage on schema yard to %[1]s`, f.role, name))
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
	_, err = f.store.Attach(t.Context(), sets.Attach{Name: "boats", Source: "yard", Schema: "yard", Table: "boats", Follow: true})
	require.NoError(t, err)
	return f
}

const boats = `create table yard.boats (id int primary key, name text, tons numeric(8,2), at timestamptz, crew int default 3, note text);
	insert into yard.boats select n, case when n % 7 > 0 then 'boat ' || n % 50 end, n % 90 / 4.0, '2026-03-01T00:00:00Z'::timestamptz + n % 200 * interval '1 hour' from generate_series(1, 1000) n`

// does is what the owner does, which has to succeed.
func (f *fleet) does(t *testing.T, sql string) {
	t.Helper()
	_, err := f.owner.Exec(t.Context(), sql)
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

// agrees holds pages against what the owner reads.
func (f *fleet) agrees(t *testing.T) (explained sets.Explain) {
	t.Helper()
	for query, sql := range map[string]string{
		"sort=id":               "true order by id",
		"sort=-tons":            "true order by tons desc nulls last, id desc",
		"sort=name":             "true order by name nulls last, id",
		"sort=-name&crew.min=3": "crew >= 3 order by name desc nulls last, id desc",
		"sort=at&name=boat+9":   "name = 'boat 9' order by at nulls last, id",
	} {
		for page := 1; page <= 60; page += 13 {
			rows, err := f.owner.Query(t.Context(), fmt.Sprintf("select id from yard.boats where %s limit 10 offset %d", sql, 10*(page-1)))
			require.NoError(t, err)
			want, err := pgx.CollectRows(rows, pgx.RowTo[int])
			require.NoError(t, err)
			var total int64
			where, _, _ := strings.Cut(sql, " order by ")
			require.NoError(t, f.owner.QueryRow(t.Context(), "select count(*) from yard.boats where "+where).Scan(&total))
			explained = sets.Explain{}
			got, err := f.store.Page(t.Context(), sets.Request{Set: "boats", Query: fmt.Sprintf("%s&size=10&page=%d", query, page), Explain: &explained})
			require.NoError(t, err, query)
			require.Equal(t, total, *got.Settled.Metadata().TotalItems, "%s: %+v", query, explained)
			if int64(10*(page-1)) >= total {
				continue
			}
			var ids []int
			for _, r := range recordsOf(t, got) {
				ids = append(ids, int(r["id"].(float64)))
			}
			require.Equal(t, want, ids, "%s page %d: %+v", query, page, explained)
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
