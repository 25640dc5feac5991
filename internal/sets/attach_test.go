package sets_test

import (
	"fmt"
	"net/url"
	"testing"
	"time"

	"github.com/jackc/pgx/v5"
	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"pageladder.example/internal/sets"
	"pageladder.example/internal/testkit"
	"pageladder.example/paging"
)

// source makes a database with a table and a view, and a role that may read them.
func source(t *testing.T) (superuser, reader string) {
	superuser = testkit.DatabaseURL(t)
	conn, err := pgx.Connect(t.Context(), superuser)
	require.NoError(t, err)
	defer conn.Close(t.Context())
	u, err := url.Parse(superuser)
	require.NoError(t, err)
	role := "reader_" + u.Path[1:]
	_, err = conn.Exec(t.Context(), fmt.Sprintf(`
		create schema "odd ""schema";
		create table "odd ""schema"."the ""boats" (extra text, "no ""1" int primary key, name varchar(20), fee numeric(8,2), at timestamptz, tags text[], secret text, raw jsonb);
		insert into "odd ""schema"."the ""boats" select 'x', n, case when n %% 7 > 0 then 'boat ' || n end, n / 4.0, '2026-03-01T00:00:00Z'::timestamptz + n * interval '1 hour', array['a','b'], 's', '{"n":1}' from generate_series(1, 95) n;
		create view boats_view as select name, fee from "odd ""schema"."the ""boats";
		create role %[1]s login password 'x';
		grant usage on schema "odd ""schema" to %[1]s;
		grant select ("no ""1", name, fee, at, tags, raw) on "odd ""schema"."the ""boats" to %[1]s;
		grant select on boats_view to %[1]s`, role))
	require.NoError(t, err)
	u.User = url.UserPassword(role, "x")
	return superuser, u.String()
}

func TestAttachedTableIsPagedWhereItIs(t *testing.T) {
	store := testkit.Harbour(t)
	superuser, reader := source(t)
	require.NoError(t, store.AddSource("yard", reader))
	require.NoError(t, store.AddSource("careless", superuser))
	require.Equal(t, []string{"careless", "yard"}, store.Sources())
	boats := sets.Attach{Name: "boats", Source: "yard", Schema: `odd "schema`, Table: `the "boats`}

	set, err := store.Attach(t.Context(), boats)
	require.NoError(t, err)
	var names []string
	for _, f := range set.Fields {
		names = append(names, f.Name+":"+string(f.Type))
	}
	assert.Equal(t, []string{`no "1:integer`, "name:text", "fee:big_decimal", "at:time", "tags:other", "raw:json"}, names, "the key first, and only what the role may read")

	seen := map[any]bool{}
	named := true
	for number := 1; number <= 10; number++ {
		page, err := store.Page(t.Context(), sets.Request{Set: "boats", Query: fmt.Sprintf("size=10&sort=-name&page=%d", number)})
		require.NoError(t, err)
		assert.EqualValues(t, 95, *page.Settled.Metadata().TotalItems)
		for _, r := range recordsOf(t, page) {
			seen[r[`no "1`]] = true
			assert.False(t, !named && r["name"] != nil, "missing names come last")
			named = r["name"] != nil
		}
	}
	assert.Len(t, seen, 95)
	page, err := store.Page(t.Context(), sets.Request{Set: "boats", Query: "name.has=boat+9&fee.min=1.0&at.max=2026-03-03&sort=at"})
	require.NoError(t, err)
	assert.Equal(t, map[string]any{`no "1`: 9.0, "name": "boat 9", "fee": "2.25", "at": "2026-03-01T09:00:00Z", "tags": "{a,b}", "raw": map[string]any{"n": 1.0}}, recordsOf(t, page)[0])

	_, err = store.Change(t.Context(), "boats", []string{"1"}, "", sets.Values{})
	assert.ErrorIs(t, err, sets.ErrReadOnly)
	_, record, _, err := store.Record(t.Context(), sets.Request{Set: "boats"}, []string{"9"})
	require.NoError(t, err)
	assert.Equal(t, "boat 9", string(record[1]))
	row, _, err := store.Place(t.Context(), sets.Request{Set: "boats", Query: "sort=-fee"}, []string{"9"})
	require.NoError(t, err)
	assert.EqualValues(t, 87, row)
	facets, err := store.Facets(t.Context(), sets.Request{Set: "boats"}, []string{"name"})
	require.NoError(t, err)
	assert.EqualValues(t, 13, facets["name"][0].Count)
	for says, a := range map[string]sets.Attach{
		"no source of this name":       {Name: "b", Source: "nowhere"},
		"is a superuser":               {Name: "b", Source: "careless", Schema: "public", Table: "boats_view"},
		"no table or view public.none": {Name: "b", Source: "yard", Schema: "public", Table: "none"},
		"has no primary key":           {Name: "b", Source: "yard", Schema: "public", Table: "boats_view"},
		`has no field "secret"`:        {Name: "b", Source: "yard", Schema: boats.Schema, Table: boats.Table, Fields: []string{"secret"}},
		"no field \"fee\"":             {Name: "b", Source: "yard", Schema: boats.Schema, Table: boats.Table, Fields: []string{"name"}, Rules: &paging.Rules{Key: []string{`no "1`}, Sorts: []paging.SortKey{{Key: "fee"}}}},
	} {
		_, err := store.Attach(t.Context(), a)
		assert.ErrorContains(t, err, says)
	}
	_, err = store.Attach(t.Context(), sets.Attach{Name: "fees", Source: "yard", Schema: "public", Table: "boats_view", Key: []string{"name"}, Fields: []string{"fee"}})
	require.NoError(t, err, "a view, by the key that is named")
	page, err = store.Page(t.Context(), sets.Request{Set: "fees", Query: "name.none=false&sort=-fee&size=1"})
	require.NoError(t, err)
	assert.Equal(t, []map[string]any{{"name": "boat 95", "fee": "23.75"}}, recordsOf(t, page))
}

func TestTotalOfAnAttachedSetIsRememberedAsLongAsAllowed(t *testing.T) {
	store := testkit.Store(t)
	superuser, reader := source(t)
	require.NoError(t, store.AddSource("yard", reader))
	a := sets.Attach{Name: "boats", Source: "yard", Schema: `odd "schema`, Table: `the "boats`}
	conn, err := pgx.Connect(t.Context(), superuser)
	require.NoError(t, err)
	defer conn.Close(t.Context())
	add := func(n int) {
		_, err := conn.Exec(t.Context(), `insert into "odd ""schema"."the ""boats" ("no ""1") values ($1)`, n)
		require.NoError(t, err)
	}
	total := func() paging.Metadata {
		page, err := store.Page(t.Context(), sets.Request{Set: "boats", Query: "name.none=true"})
		require.NoError(t, err)
		return page.Settled.Metadata()
	}
	_, err = store.Attach(t.Context(), a)
	require.NoError(t, err)
	assert.EqualValues(t, 13, *total().TotalItems)
	add(1000)
	assert.EqualValues(t, 14, *total().TotalItems, "by default nothing is remembered")
	a.Remember = time.Hour
	_, err = store.Attach(t.Context(), a)
	require.NoError(t, err)
	assert.EqualValues(t, 14, *total().TotalItems)
	add(1001)
	m := total()
	assert.EqualValues(t, 14, *m.TotalItems)
	assert.Equal(t, paging.TotalRemembered, m.TotalIs)
}

func TestFootholdsOfAnAttachedSetAreRememberedAsLongAsAllowed(t *testing.T) {
	store := testkit.Store(t)
	store.SetDeep(0)
	superuser, reader := source(t)
	require.NoError(t, store.AddSource("yard", reader))
	conn, err := pgx.Connect(t.Context(), superuser)
	require.NoError(t, err)
	defer conn.Close(t.Context())
	do := func(sql string) {
		_, err := conn.Exec(t.Context(), sql)
		require.NoError(t, err)
	}
	do(`create table calls (no bigint primary key, name text); grant select on calls to public;
		insert into calls select n * 10, 'Élodie ' || n from generate_series(1, 1000) n`)
	a := sets.Attach{Name: "calls", Source: "yard", Schema: "public", Table: "calls", Remember: time.Hour,
		Rules: &paging.Rules{Key: []string{"no"}, Search: []string{"name"}, Filters: []paging.FilterRule{{Field: "no", Type: paging.BigInteger}}}}
	_, err = store.Attach(t.Context(), a)
	require.NoError(t, err)
	page := func(query string) (numbers []any, m paging.Metadata) {
		page, err := store.Page(t.Context(), sets.Request{Set: "calls", Query: query})
		require.NoError(t, err)
		for _, r := range recordsOf(t, page) {
			numbers = append(numbers, r["no"])
		}
		return numbers, page.Settled.Metadata()
	}
	plain, _ := page("page=21")
	testkit.Eventually(t, func() bool { tracks, _ := store.Footholds(); return tracks > 0 }, "footholds are built")
	again, _ := page("page=21")
	assert.Equal(t, plain, again)
	do("insert into calls values (1, 'first')")
	again, m := page("page=21")
	assert.Equal(t, plain, again, "the place is remembered, like the total")
	assert.Equal(t, paging.TotalRemembered, m.TotalIs)
	do("delete from calls where no > 4000")
	_, m = page("page=25")
	assert.Equal(t, paging.TotalExact, m.TotalIs, "what turns out to be wrong is forgotten")
	assert.EqualValues(t, 401, *m.TotalItems)
	for query, want := range map[string]int64{"q=elodie+77": 1, "q=%C3%A9lodie+40": 2, "no=500": 1, "no=500&no=99999999999999999999999": 1, "no.min=99999999999999999999999": 0} {
		_, m := page(query)
		assert.Equal(t, want, *m.TotalItems, query)
	}
}

// A remembered total may be out of date, so that no page is counted back from it: the
// pages of a list that has grown follow one another.
func TestPagesOfARememberedTotalFollowOneAnother(t *testing.T) {
	store := testkit.Store(t)
	superuser, reader := source(t)
	require.NoError(t, store.AddSource("yard", reader))
	conn, err := pgx.Connect(t.Context(), superuser)
	require.NoError(t, err)
	defer conn.Close(t.Context())
	_, err = conn.Exec(t.Context(), `create table calls (no bigint primary key, name text); grant select on calls to public; insert into calls select n, 'N4/E1 quay <lost at sea> 3.5m tide-' || n from generate_series(1, 100) n`)
	require.NoError(t, err)
	_, err = store.Attach(t.Context(), sets.Attach{Name: "calls", Source: "yard", Schema: "public", Table: "calls", Remember: time.Hour,
		Rules: &paging.Rules{Key: []string{"no"}, Search: []string{"name"}, Size: paging.SizeRules{Default: 10}}})
	require.NoError(t, err)
	first := func(query string) string {
		page, err := store.Page(t.Context(), sets.Request{Set: "calls", Query: query})
		require.NoError(t, err, query)
		return fmt.Sprint(recordsOf(t, page)[0]["no"], " ", page.Settled.Metadata().TotalIs)
	}
	require.Equal(t, "1 exact", first(""))
	_, err = conn.Exec(t.Context(), "insert into calls select n, '' from generate_series(101, 150) n")
	require.NoError(t, err)
	for page := 1; page <= 10; page++ {
		require.Equal(t, fmt.Sprint(page*10-9, " remembered"), first(fmt.Sprint("page=", page)))
	}
	for query, want := range map[string]int64{"q=e1": 100, "q=lost": 100, "q=5m": 100, "q=77": 1, "q=quay+n4": 100, "q=tide+1": 12, "q=wings": 0, "q=%25": 0, "q=--": 0, "q=lo+quay": 0} {
		page, err := store.Page(t.Context(), sets.Request{Set: "calls", Query: query})
		require.NoError(t, err)
		require.Equal(t, want, *page.Settled.Metadata().TotalItems, query)
	}
}

func TestSourceThatGoesAwayTakesOnlyItsOwnSets(t *testing.T) {
	store := testkit.Harbour(t)
	require.NoError(t, store.AddSource("away", "postgres://reader:x@127.0.0.1:1/none?connect_timeout=1"))
	_, err := store.Attach(t.Context(), sets.Attach{Name: "boats", Source: "away", Schema: "public", Table: "boats"})
	require.Error(t, err)
	assert.True(t, sets.Unavailable(err), "%v", err)
	_, err = store.Page(t.Context(), sets.Request{Set: "arrivals"})
	assert.NoError(t, err)
	assert.Error(t, store.AddSource("wrong", "postgres://%zz"))
}
