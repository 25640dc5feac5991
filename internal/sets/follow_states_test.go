package sets_test

import (
	"fmt"
	"strings"
	"testing"

	"github.com/jackc/pgx/v5"
	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"pageladder.example/internal/sets"
	"pageladder.example/internal/testkit"
)

// Several states of a followed table may be read at the same time.

// What is known is updated from one state to a later one in one step, although somebody still
// reads at states between the two. Each of those has only some of the changes.
func TestStatesBetweenTwoThatAreKnownAreExact(t *testing.T) {
	f := newFleet(t, boats)
	f.follow(t)
	for sort, by := range map[string]string{"id": "id", "-tons": "tons desc nulls last, id desc", "name": "name nulls last, id"} {
		for where, sql := range map[string]string{"": "true", "&crew.min=3": "crew >= 3"} {
			req := sets.Request{Set: "boats", Query: "size=10&page=40&sort=" + sort + where}
			ask := func() string {
				explained := sets.Explain{}
				r := req
				r.Explain = &explained
				_, err := f.store.Page(t.Context(), r)
				require.NoError(t, err)
				return explained.Access
			}
			testkit.Eventually(t, func() bool { return strings.Contains(ask(), "foothold") }, "there are footholds")
			f.does(t, "insert into yard.boats (id, name, tons) select min(id) - n, 'a', 999 from yard.boats, generate_series(1, 15) n group by n")
			f.does(t, "delete from yard.boats where id in (select id from yard.boats where "+sql+" order by "+by+" limit 3)")
			rows, err := f.owner.Query(t.Context(), fmt.Sprintf("select id from yard.boats where %s order by %s limit 10 offset 390", sql, by))
			require.NoError(t, err)
			want, err := pgx.CollectRows(rows, pgx.RowTo[int])
			require.NoError(t, err)
			var total int64
			require.NoError(t, f.owner.QueryRow(t.Context(), "select count(*) from yard.boats where "+sql).Scan(&total))
			explained := sets.Explain{}
			then := req
			then.Explain = &explained
			page, err := f.store.PageAt(t.Context(), then, func() {
				f.does(t, "insert into yard.boats (id, name, tons) select max(id) + n, null, -1 from yard.boats, generate_series(1, 20) n group by n")
			})
			require.NoError(t, err)
			var ids []int
			for _, r := range recordsOf(t, page) {
				ids = append(ids, int(r["id"].(float64)))
			}
			assert.Equal(t, want, ids, "%s%s: %+v", sort, where, explained)
			assert.Equal(t, total, *page.Settled.Metadata().TotalItems, "%s%s", sort, where)
			assert.Contains(t, explained.Access, "foothold", "by what is known")
		}
	}
}

// A page that sees a change reads the log once, for its total and for its footholds.
func TestTheLogIsReadOnceForATotalAndFootholds(t *testing.T) {
	f := newFleet(t, boats)
	f.follow(t)
	for _, sort := range []string{"id", "name"} {
		explained := sets.Explain{}
		ask := func() {
			explained = sets.Explain{}
			_, err := f.store.Page(t.Context(), sets.Request{Set: "boats", Query: "size=10&page=40&crew.min=3&sort=" + sort, Explain: &explained})
			require.NoError(t, err)
		}
		testkit.Eventually(t, func() bool { ask(); return strings.Contains(explained.Access, "foothold") }, "there are footholds")
		f.does(t, "update yard.boats set note = '"+sort+"' where id = 1000") // no record moves
		ask()
		reads := 0
		for _, sql := range explained.SQL {
			if strings.Contains(sql, `"pageladder_log"."yard.boats"`) && strings.Contains(sql, "pl.side") {
				reads++
			}
		}
		assert.Equal(t, 1, reads, "%s: %q", sort, explained.SQL)
	}
}

// A page of a followed table that is remembered is given again only while nothing touches it.
func TestPagesOfAFollowedTableAreGivenAgain(t *testing.T) {
	f := newFleet(t, boats)
	f.store.SetDeep(1 << 40)
	f.follow(t)
	for _, c := range []struct {
		query, sql string
		again      bool
	}{
		{"sort=id&size=5&page=3", "select", true},
		{"sort=id&size=5&page=3", "update yard.boats set note = 'new' where id = 800", true},
		{"sort=id&size=5&page=3", "update yard.boats set note = 'new' where id = 12", false},
		{"sort=id&size=5&page=3", "delete from yard.boats where id = 810", true},
		{"sort=id&size=5&page=3", "delete from yard.boats where id = 3", false},
		{"sort=id&size=5&page=3", "delete from yard.boats where id = 4; insert into yard.boats (id) values (3)", true},
		{"sort=-tons&size=5&page=2", "insert into yard.boats (id, tons) values (5001, 90)", false},
		{"sort=-tons&size=5&page=2", "insert into yard.boats (id, tons) values (5002, 0)", true},
		{"sort=name&size=5&page=2", "update yard.boats set name = 'aaa' where id = 500", false},
		{"sort=name&size=5&page=2", "update yard.boats set name = 'zzz' where id = 501", true},
		{"sort=id&size=5&crew.min=3&page=3", "update yard.boats set crew = 1 where id = 20", false},
		{"sort=id&size=5&page=3", "alter table yard.boats add column draught int", false},
	} {
		f.exact(t)
		set, err := f.store.Latest(t.Context(), "boats")
		require.NoError(t, err)
		req := sets.Request{Set: "boats", Query: c.query, Keep: true, Facets: []string{"crew"}}
		page, err := f.store.Page(t.Context(), req)
		require.NoError(t, err)
		require.True(t, page.Kept(), c.query)
		f.does(t, c.sql)
		state, err := f.store.FollowedState(t.Context(), set, sets.Request{Set: set.Name})
		require.NoError(t, err)
		require.Equal(t, c.sql == "select", state == page.State(), c.sql)
		again, err := f.store.Again(t.Context(), page, req)
		require.NoError(t, err)
		require.Equal(t, c.again, again != nil, "%s, %s", c.query, c.sql)
		if again == nil {
			continue
		}
		read, err := f.store.Page(t.Context(), req)
		require.NoError(t, err)
		assert.Equal(t, read.Records, again.Records)
		assert.Equal(t, read.Facets, again.Facets)
		assert.Equal(t, read.Settled.Metadata(), again.Settled.Metadata())
		assert.Equal(t, set.Version, again.Set.Version)
		assert.Equal(t, state, again.State())
	}
}

// A change of the table itself that is undone at once, such as a new name or a trigger switched
// off, is noticed by the next statement, although no trigger reports it and the table looks as
// before.
func TestWhatWasOnAndOffIsSeen(t *testing.T) {
	for table, does := range map[string][]string{
		boats: {
			"alter table yard.boats enable row level security; alter table yard.boats disable row level security",
			"alter table yard.boats rename to ships; alter table yard.ships rename to boats",
			`alter table yard.boats disable trigger pageladder_log_update; alter table yard.boats enable always trigger pageladder_log_update`,
		},
		parts: {"alter table yard.boats detach partition yard.low; alter table yard.boats attach partition yard.low for values from (minvalue) to (400)"},
	} {
		f := newFleet(t, table)
		f.follow(t)
		set, err := f.store.Latest(t.Context(), "boats")
		require.NoError(t, err)
		for _, sql := range does {
			f.exact(t)
			was, err := f.store.FollowedState(t.Context(), set, sets.Request{Set: set.Name})
			require.NoError(t, err)
			require.Positive(t, was)
			f.does(t, sql)
			now, err := f.store.FollowedState(t.Context(), set, sets.Request{Set: set.Name})
			require.NoError(t, err)
			assert.Zero(t, now, "what was known is let go: %s", sql)
		}
	}
}
