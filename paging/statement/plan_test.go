package statement_test

import (
	"encoding/json"
	"fmt"
	"net/url"
	"strconv"
	"strings"
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"pageladder.example/internal/soak"
	"pageladder.example/internal/testkit"
	"pageladder.example/paging"
	"pageladder.example/paging/statement"
	"pageladder.example/paging/value"
)

// plan is a node of PostgreSQL's EXPLAIN.
type plan struct {
	Kind  string  `json:"Node Type"`
	Rows  float64 `json:"Plan Rows"`
	Plans []plan
}

// In every offered order, at any page and from any place, PostgreSQL reads a million
// records along an index, and sorts no more than a page's.
func TestLongListsAreReadAlongAnIndex(t *testing.T) {
	const size = 20
	records := soak.Or(250_000, 1_000_000)
	d := postgresDatabase(t, testkit.DatabaseURL(t))
	exec := func(sql string) {
		_, err := d.db.ExecContext(t.Context(), sql)
		require.NoError(t, err, sql)
	}
	exec(`create table records (id bigint primary key, harbour int not null, berth text, tonnage int, arrived_at timestamptz not null, height float8 not null)`)
	exec(`insert into records select n, n % 3, case when n % 11 > 0 then 'N' || n % 40 end, case when n % 5 > 0 then (n * 7919::bigint) % 9000 end,
		timestamptz '2026-01-01' + n * interval '37 seconds', ((n * 31) % 100000) / 10.0::float8 from generate_series(1, ` + strconv.Itoa(records) + `) n`)
	for _, fields := range []string{"berth, id", "tonnage, id", "arrived_at, id", "height, id", "berth, arrived_at, id", "harbour, id"} {
		exec("create index on records (" + fields + ")")
	}
	exec("vacuum analyze records")
	mapped := map[string]statement.Field{
		"id": {SQL: "r.id", Type: value.BigInteger}, "berth": {SQL: "r.berth", Nullable: true}, "tonnage": {SQL: "r.tonnage", Type: value.Integer, Nullable: true},
		"arrived_at": {SQL: "r.arrived_at", Type: value.Time}, "height": {SQL: "r.height", Type: value.Decimal, Native: true},
	}
	var rules paging.Rules
	rules.Key = []string{"id"}
	for _, last := range []bool{false, true} {
		for _, sort := range [][]string{{"id"}, {"berth"}, {"tonnage"}, {"arrived_at"}, {"height"}, {"berth", "arrived_at"}} {
			rules.Sorts = append(rules.Sorts, paging.SortKey{Key: fmt.Sprintf("%s/%t", strings.Join(sort, "/"), last), Fields: sort, NullsFirst: last})
		}
	}
	read := func(s statement.Statement, why string) {
		t.Helper()
		var text []byte
		require.NoError(t, d.db.QueryRowContext(t.Context(), "explain (format json) "+s.SQL, s.Args...).Scan(&text), s.SQL)
		var explained []struct{ Plan plan }
		require.NoError(t, json.Unmarshal(text, &explained))
		indexed := false
		var walk func(p plan)
		walk = func(p plan) {
			switch p.Kind {
			case "Index Scan", "Index Only Scan", "Bitmap Index Scan":
				indexed = true
			case "Seq Scan":
				assert.Fail(t, p.Kind, "%s: %s\n%s", why, s.SQL, text)
			case "Sort", "Incremental Sort", "Bitmap Heap Scan": // of few ties, or of the page that was found by its keys
				assert.LessOrEqual(t, p.Rows, float64(size), "%s: %s\n%s", why, s.SQL, text)
			}
			for _, below := range p.Plans {
				walk(below)
			}
		}
		walk(explained[0].Plan)
		assert.True(t, indexed, "%s: %s", why, s.SQL)
	}
	for _, places := range []statement.Places{statement.Tied, statement.Compared} {
		list, err := statement.New(statement.Table{Dialect: statement.PostgreSQL, From: "records r", Fields: mapped, ByKey: []string{"id"}, Places: places})
		require.NoError(t, err)
		for _, key := range rules.Sorts {
			for _, down := range []string{"", "-"} {
				ask, err := rules.Read("sort=" + down + key.Key)
				require.NoError(t, err)
				q, err := list.Ask(ask, statement.Where{})
				require.NoError(t, err)
				why := fmt.Sprint(places, " ", down, key.Key)
				fields := list.Fields()
				rows := func(q *statement.Question, regions []statement.Region, offset int64) {
					t.Helper()
					for _, r := range regions {
						s, err := q.Rows(fields, r, offset, size)
						require.NoError(t, err)
						read(s, why)
					}
				}
				rows(q, q.Regions(), 0)
				rows(q, q.Regions(), 5_000)
				rows(q.Reversed(), q.Reversed().Regions(), 40)
				for _, n := range []int{5, 11, records/2 + 1} { // without a tonnage, without a berth, with both
					place := make([]*string, len(q.Order()))
					var names []string
					for _, o := range q.Order() {
						names = append(names, o.Field)
					}
					id := fmt.Sprint(n)
					one, err := q.WithKey([]string{id})
					require.NoError(t, err)
					s, err := q.Unordered(names, one)
					require.NoError(t, err)
					read(s, why)
					for i, v := range d.rows(t, s)[0] {
						place[i], err = list.Text(names[i], v)
						require.NoError(t, err)
					}
					for _, question := range []*statement.Question{q, q.Reversed()} {
						from, err := question.From(place)
						require.NoError(t, err)
						rows(question, from, 0)
						after, err := question.After(place)
						require.NoError(t, err)
						rows(question, after, 0)
					}
				}
			}
		}
	}
}

// A place reaches foreign partitions whole, in the forms that are not a comparison of
// rows: each partition sends the page's records and no others.
func TestPlacesReachForeignPartitions(t *testing.T) {
	at, err := url.Parse(testkit.DatabaseURL(t))
	require.NoError(t, err)
	d := postgresDatabase(t, at.String())
	password, _ := at.User.Password()
	for _, sql := range []string{
		"create extension postgres_fdw",
		fmt.Sprintf("create server away foreign data wrapper postgres_fdw options (host '127.0.0.1', port '%s', dbname '%s')", at.Port(), at.Path[1:]),
		fmt.Sprintf("create user mapping for current_user server away options (user '%s', password '%s')", at.User.Username(), password),
		"create table far (id bigint, height int, quay text)", "create table near (id bigint, height int, quay text)",
		"create table records (id bigint, height int not null, quay text) partition by list (quay)",
		"create foreign table records_far partition of records for values in ('far') server away options (table_name 'far')",
		"create foreign table records_near partition of records for values in ('near') server away options (table_name 'near')",
	} {
		_, err := d.db.ExecContext(t.Context(), sql)
		require.NoError(t, err, sql)
	}
	rules := paging.Rules{Key: []string{"id"}, Sorts: []paging.SortKey{{Key: "height"}}}
	ask, err := rules.Read("sort=-height")
	require.NoError(t, err)
	height, id := "5", "7"
	for places, want := range map[statement.Places][]string{
		statement.Tied:     {"WHERE ((id <= 7::bigint)) AND ((height = 5::bigint))", "WHERE ((height < 5::bigint))"},
		statement.Nested:   {"WHERE ((height <= 5::bigint)) AND (((height < 5::bigint) OR (id <= 7::bigint)))"},
		statement.Compared: {" FROM public.far"}, // all of it
	} {
		list, err := statement.New(statement.Table{Dialect: statement.PostgreSQL, From: "records r", Places: places, Fields: map[string]statement.Field{
			"id": {SQL: "r.id", Type: value.BigInteger}, "height": {SQL: "r.height", Type: value.Integer}}})
		require.NoError(t, err)
		q, err := list.Ask(ask, statement.Where{})
		require.NoError(t, err)
		regions, err := q.From([]*string{&height, &id})
		require.NoError(t, err)
		require.Len(t, regions, len(want))
		for i, r := range regions {
			s, err := q.Rows([]string{"id"}, r, 0, 20)
			require.NoError(t, err)
			remote := ""
			for _, row := range d.rows(t, statement.Statement{SQL: "explain (verbose) " + s.SQL, Args: s.Args}) {
				if line := fmt.Sprint(row[0]); strings.Contains(line, "Remote SQL") && strings.Contains(line, "public.far") {
					remote = line
				}
			}
			assert.Contains(t, remote, want[i])
			assert.Equal(t, places != statement.Compared, strings.Contains(remote, "WHERE"), remote)
		}
	}
}
