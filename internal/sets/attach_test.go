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
	"pageladder.example/paging/rulesfile"
	"pageladder.example/paging/value"
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
		create role %[1]s login password '%[2]s';
		grant usage on schema "odd ""schema" to %[1]s;
		grant select ("no ""1", name, fee, at, tags, raw) on "odd ""schema"."the ""boats" to %[1]s;
		grant select on boats_view to %[1]s`, role, testkit.Quick("x")))
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
	assert.Equal(t, []string{`no "1:integer`, "name:text", "fee:big_decimal", "at:time", "tags:text", "raw:json"}, names, "the key first, and only what the role may read")

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
		"no field \"fee\"":             {Name: "b", Source: "yard", Schema: boats.Schema, Table: boats.Table, Fields: []string{"name"}, Rules: rulesfile.Of(paging.Rules{Key: []string{`no "1`}, Sorts: []paging.SortKey{{Key: "fee"}}})},
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
		Rules: rulesfile.Of(paging.Rules{Key: []string{"no"}, Search: []string{"name"}, Filters: []paging.FilterRule{{Field: "no", Type: value.BigInteger}}})}
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

// A column of any type that PostgreSQL has an order for can be sorted, filtered and
// identified by, compared as its own type.
func TestColumnsOfEveryTypeAreSortedAndFilteredByTheirOwn(t *testing.T) {
	store := testkit.Store(t)
	store.SetDeep(0)
	superuser, reader := source(t)
	require.NoError(t, store.AddSource("yard", reader))
	conn, err := pgx.Connect(t.Context(), superuser)
	require.NoError(t, err)
	defer conn.Close(t.Context())
	_, err = conn.Exec(t.Context(), `
		create extension citext; create type mood as enum ('low', 'high', 'above'); create domain crew as int check (value > 0); create domain code as uuid;
		create table kinds (u uuid, e mood, c char(5), ci citext, ts timestamp, ti time, iv interval, f4 float4, f8 float8, ip inet, m money, arr int[], d crew, dc code,
			r int4range, mac macaddr, b bytea, p point, x xml, j json, big bigint, n int primary key);
		insert into kinds select md5(n::text)::uuid, (array['low', 'high', 'above'])[n % 3 + 1]::mood, 'c' || n % 7, 'Name' || n % 5, timestamp '2026-03-01' + n * interval '1 hour',
			time '00:00' + n * interval '7 minutes', n * interval '1 day', n / 3.0::float4, n / 3.0::float8, ('10.0.0.' || n)::inet, n::numeric::money, array[n % 3, n], n, md5(n::text)::uuid,
			int4range(n, n + 5), ('08:00:2b:01:02:' || lpad(to_hex(n), 2, '0'))::macaddr, decode(lpad(to_hex(n), 4, '0'), 'hex'), point(n, n), '<a/>', '{}', n * 1000, n from generate_series(1, 120) n;
		insert into kinds (n, f8, f4) values (200, 'NaN', 'Infinity'), (201, 0.1, 0.1);
		grant select on kinds to public`)
	require.NoError(t, err)
	attach := func(name string, a sets.Attach) *sets.Set {
		a.Name, a.Source, a.Schema, a.Table, a.Remember = name, "yard", "public", "kinds", time.Hour
		set, err := store.Attach(t.Context(), a)
		require.NoError(t, err)
		return set
	}
	set := attach("kinds", sets.Attach{Types: map[string]value.Type{"big": value.Integer}})
	types := map[string]string{}
	for _, f := range set.Fields {
		types[f.Name] = string(f.Type) + map[bool]string{true: "", false: " unordered"}[f.Unordered == ""]
	}
	assert.Equal(t, map[string]string{"u": "text", "e": "text", "c": "text", "ci": "text", "ts": "time", "ti": "text", "iv": "text", "f4": "decimal", "f8": "decimal", "ip": "text", "m": "text",
		"arr": "text", "d": "integer", "dc": "text", "r": "text", "mac": "text", "b": "text", "p": "other unordered", "x": "other unordered", "j": "json unordered", "big": "integer", "n": "integer"}, types)
	ids := func(set, query string) (ids []string) {
		page, err := store.Page(t.Context(), sets.Request{Set: set, Query: query})
		require.NoError(t, err, query)
		for _, r := range recordsOf(t, page) {
			ids = append(ids, fmt.Sprint(r["n"]))
		}
		return ids
	}
	for _, f := range set.Fields {
		if f.Unordered != "" {
			continue
		}
		for _, direction := range []string{"", "-"} {
			var want []string
			rows, err := conn.Query(t.Context(), fmt.Sprintf("select k.n::text from kinds k order by k.%[1]s is null, k.%[1]s %[2]s, k.n %[2]s", f.Name, map[string]string{"": "", "-": "desc"}[direction]))
			require.NoError(t, err)
			var n string
			_, err = pgx.ForEachRow(rows, []any{&n}, func() error { want = append(want, n); return nil })
			require.NoError(t, err)
			sort := "&sort=" + direction + f.Name
			require.Equal(t, want[40:60], ids("kinds", "page=3&size=20"+sort), f.Name)
			_, _, err = store.BuildFootholds(t.Context(), "kinds", sort[1:])
			require.NoError(t, err, f.Name)
			require.Equal(t, want[40:60], ids("kinds", "page=3&size=20"+sort), "%s, from a foothold", f.Name)
			row, _, err := store.Place(t.Context(), sets.Request{Set: "kinds", Query: sort[1:]}, []string{want[50]})
			require.NoError(t, err, f.Name)
			require.EqualValues(t, 51, row, f.Name)
		}
		facets, err := store.Facets(t.Context(), sets.Request{Set: "kinds"}, []string{f.Name})
		require.NoError(t, err)
		for _, facet := range facets[f.Name] {
			if facet.Value != nil {
				page, err := store.Page(t.Context(), sets.Request{Set: "kinds", Query: f.Name + "=" + url.QueryEscape(*facet.Value)})
				require.NoError(t, err)
				require.Equal(t, facet.Count, *page.Settled.Metadata().TotalItems, "%s=%s", f.Name, *facet.Value)
			}
		}
	}
	for query, want := range map[string]int{"e=high": 40, "e.not=high": 82, "ci=name3": 24, "ci.has=AME3": 24, "c=c3": 17, "arr=%7B1,1%7D": 1, "f4=0.1": 1, "f8.min=39.9": 2, "f8=0.1": 1, "ip.starts=10.0.0.11": 11,
		"iv=1+day": 1, "u.none=true": 2, "d.max=3": 3, "e=high&e=low": 80, "ts=2026-03-01T05:00:00Z": 1, "ts=2026-03-02": 24, "ts.min=2026-03-05": 25, "ts.max=2026-03-01T07:00:00%2B02:00": 5, "m=$5.00": 1} {
		assert.Len(t, ids("kinds", query+"&size=100"), min(want, 100), query)
		page, err := store.Page(t.Context(), sets.Request{Set: "kinds", Query: query})
		require.NoError(t, err)
		assert.EqualValues(t, want, *page.Settled.Metadata().TotalItems, query)
	}
	_, err = store.Page(t.Context(), sets.Request{Set: "kinds", Query: "u=no-uuid"})
	var wrong *sets.DataError
	assert.ErrorAs(t, sets.AsFault(err), &wrong, "what the type cannot be is the caller's fault")
	page, err := store.Page(t.Context(), sets.Request{Set: "kinds", Query: "n=200"})
	require.NoError(t, err)
	assert.Equal(t, []any{"NaN", "Infinity"}, []any{recordsOf(t, page)[0]["f8"], recordsOf(t, page)[0]["f4"]}, "no JSON number can be those")

	attach("by-uuid", sets.Attach{Key: []string{"u"}, Fields: []string{"n"}})
	page, err = store.Page(t.Context(), sets.Request{Set: "by-uuid", Query: "page=2&size=50&n.max=120"})
	require.NoError(t, err)
	first := string(page.Records[0][0])
	_, record, _, err := store.Record(t.Context(), sets.Request{Set: "by-uuid"}, []string{first})
	require.NoError(t, err)
	assert.Equal(t, first, string(record[0]))
	_, _, _, err = store.Record(t.Context(), sets.Request{Set: "by-uuid"}, []string{"no uuid"})
	assert.ErrorIs(t, err, sets.ErrNoRecord)
	row, _, err := store.Place(t.Context(), sets.Request{Set: "by-uuid", Query: "n.max=120"}, []string{first})
	require.NoError(t, err)
	assert.EqualValues(t, 51, row)
	for says, a := range map[string]sets.Attach{
		"cannot be sorted by":      {Key: []string{"p"}},
		"can be asked for":         {Types: map[string]value.Type{"ci": value.Integer}},
		`has no field "wings"`:     {Types: map[string]value.Type{"wings": value.Integer}},
		"beyond ±9007199254740991": {Types: map[string]value.Type{"big": value.Integer}},
	} {
		if says[0] == 'b' {
			_, err := conn.Exec(t.Context(), "update kinds set big = 9007199254740992 where n = 7")
			require.NoError(t, err)
		}
		a.Name, a.Source, a.Schema, a.Table = "refused", "yard", "public", "kinds"
		_, err := store.Attach(t.Context(), a)
		assert.ErrorContains(t, err, says)
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
		Rules: rulesfile.Of(paging.Rules{Key: []string{"no"}, Search: []string{"name"}, Size: paging.SizeRules{Default: 10}})})
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
