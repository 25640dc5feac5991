package statement_test

import (
	"fmt"
	"strconv"
	"strings"
	"testing"

	"github.com/jackc/pgx/v5"
	"github.com/jackc/pgx/v5/pgxpool"
	"github.com/stretchr/testify/require"

	"pageladder.example/internal/testkit"
	"pageladder.example/paging"
	"pageladder.example/paging/statement"
	"pageladder.example/paging/statement/sqlpage"
	"pageladder.example/paging/value"
)

// BenchmarkStatement makes the statement of a page with three filters of an ask that has
// been read, against a builder of the same text that a developer writes by hand for one
// list.
func BenchmarkStatement(b *testing.B) {
	list, err := statement.New(statement.Table{Dialect: statement.PostgreSQL, From: "arrivals r", Fields: map[string]statement.Field{
		"id": {SQL: "r.id", Type: value.Integer}, "berth": {SQL: "r.berth", Nullable: true}, "cargo": {SQL: "r.cargo", Nullable: true},
		"tonnage": {SQL: "r.tonnage", Type: value.Integer, Nullable: true}, "vessel": {SQL: "r.vessel"},
	}})
	require.NoError(b, err)
	rules := &paging.Rules{Key: []string{"id"}, Sorts: []paging.SortKey{{Key: "vessel"}}, Filters: []paging.FilterRule{
		{Field: "berth"}, {Field: "cargo"}, {Field: "tonnage", Type: value.Integer}}}
	ask, err := rules.Read("berth=N4&cargo.not=coal&tonnage.min=500&sort=-vessel&page=3")
	require.NoError(b, err)
	show := []string{"id", "berth", "cargo", "tonnage", "vessel"}
	var ours, byHand statement.Statement
	b.Run("ours", func(b *testing.B) {
		b.ReportAllocs()
		for b.Loop() {
			q, err := list.Ask(ask, statement.Where{})
			if err == nil {
				ours, err = q.Rows(show, statement.Region{}, 40, 20)
			}
			if err != nil {
				b.Fatal(err)
			}
		}
	})
	b.Run("by hand", func(b *testing.B) {
		b.ReportAllocs()
		for b.Loop() {
			byHand = handWritten(ask, 40, 20)
		}
	})
	if ours.SQL != "" && byHand.SQL != "" {
		require.Equal(b, byHand, ours)
	}
}

// handWritten is the builder of one list.
func handWritten(ask paging.Ask, offset, limit int) statement.Statement {
	var where []string
	var args []any
	place := func(v, cast string) string {
		args = append(args, v)
		return "$" + strconv.Itoa(len(args)) + "::" + cast
	}
	for _, c := range ask.Conditions() {
		switch {
		case c.Field == "berth" && c.Op == paging.Equals:
			where = append(where, "(r.berth = "+place(c.Values[0], "text")+")")
		case c.Field == "cargo" && c.Op == paging.Not:
			where = append(where, "(not (r.cargo = "+place(c.Values[0], "text")+") or r.cargo is null)")
		case c.Field == "tonnage" && c.Op == paging.Min:
			where = append(where, "r.tonnage >= "+place(c.Values[0], "bigint"))
		}
	}
	var order []string
	for _, o := range ask.Order() {
		by := map[string]string{"vessel": "r.vessel", "id": "r.id"}[o.Field]
		if o.Desc {
			by += " desc"
		}
		order = append(order, by)
	}
	return statement.Statement{SQL: `select r.id as "id", r.berth as "berth", r.cargo as "cargo", r.tonnage as "tonnage", r.vessel as "vessel" from arrivals r where ` +
		strings.Join(where, " and ") + " order by " + strings.Join(order, ", ") + " limit " + strconv.Itoa(limit) + " offset " + strconv.Itoa(offset), Args: args}
}

// BenchmarkPlaces reads 20 records from the middle of a million, by each form of a place:
// where a third of all have the same value, and where fifty have.
func BenchmarkPlaces(b *testing.B) {
	url := testkit.DatabaseURL(b)
	pool, err := pgxpool.New(b.Context(), url)
	require.NoError(b, err)
	defer pool.Close()
	for _, sql := range []string{
		"create table records as select n as id, n % 3 as harbour, (n * 7919::bigint % 20000)::int as tonnage from generate_series(1, 1000000) n",
		"alter table records add primary key (id)", "create index on records (harbour, id)", "create index on records (tonnage, id)", "vacuum analyze records",
	} {
		_, err := pool.Exec(b.Context(), sql)
		require.NoError(b, err)
	}
	rules := &paging.Rules{Key: []string{"id"}, Sorts: []paging.SortKey{{Key: "harbour"}, {Key: "tonnage"}}}
	for _, by := range []struct{ field, value, id string }{{"harbour", "1", "500002"}, {"tonnage", "9999", "500000"}} {
		ask, err := rules.Read("sort=" + by.field)
		require.NoError(b, err)
		for places, name := range []string{"tied", "nested", "compared"} {
			b.Run(by.field+"/"+name, func(b *testing.B) {
				list, err := statement.New(statement.Table{Dialect: statement.PostgreSQL, From: "records", Places: statement.Places(places), Fields: map[string]statement.Field{
					"id": {SQL: "id", Type: value.BigInteger}, "harbour": {SQL: "harbour", Type: value.Integer}, "tonnage": {SQL: "tonnage", Type: value.Integer}}})
				require.NoError(b, err)
				q, err := list.Ask(ask, statement.Where{})
				require.NoError(b, err)
				regions, err := q.From([]*string{&by.value, &by.id})
				require.NoError(b, err)
				for b.Loop() {
					n := 0
					err := statement.Walk(regions, 0, 20, func(r statement.Region, offset int64, limit int) (int, error) {
						s, err := q.Rows([]string{"id"}, r, offset, limit)
						if err != nil {
							return 0, err
						}
						rows, err := pool.Query(b.Context(), s.SQL, s.Args...)
						if err != nil {
							return 0, err
						}
						ids, err := pgx.CollectRows(rows, pgx.RowTo[int64])
						n += len(ids)
						return len(ids), err
					}, nil)
					if err != nil || n != 20 {
						b.Fatal(n, err)
					}
				}
			})
		}
	}
}

// BenchmarkCursors reads the 20 records after a cursor at the start, in the middle and near the end of 200,000, in each
// database, and the same ones by their offset.
func BenchmarkCursors(b *testing.B) {
	const records = 200_000
	rules := &paging.Rules{Key: []string{"id"}, Sorts: []paging.SortKey{{Key: "amount"}}, Count: paging.CountNone, Params: paging.Params{After: "after"}}
	for _, d := range databases(b, nil) {
		fill := map[statement.Dialect]string{
			statement.PostgreSQL: "insert into records (id, name, amount) select n, 'Gull', n * 7919::bigint %% 20000 from generate_series(1, %d) n",
			statement.MySQL:      "insert into records (id, name, amount) select seq, 'Gull', seq * 7919 %% 20000 from seq_1_to_%d",
			statement.SQLite:     "insert into records (id, name, amount) with recursive s(n) as (select 1 union all select n + 1 from s where n < %d) select n, 'Gull', n * 7919 %% 20000 from s",
		}[d.table.Dialect]
		for _, sql := range []string{fmt.Sprintf(fill, records), "create index amounts on records (amount, id)"} {
			_, err := d.db.ExecContext(b.Context(), sql)
			require.NoError(b, err, sql)
		}
		if d.table.Dialect == statement.PostgreSQL {
			_, err := d.db.ExecContext(b.Context(), "vacuum analyze records")
			require.NoError(b, err)
		}
		table := d.table
		table.Fields = map[string]statement.Field{"id": {SQL: "r.id", Type: value.Integer}, "amount": {SQL: "r.amount", Type: value.Integer}}
		list, err := statement.New(table)
		require.NoError(b, err)
		read := func(query string) paging.Page {
			page, _, err := sqlpage.Read[map[string]any](b.Context(), d.db, list, rules, query, statement.Where{})
			require.NoError(b, err, query)
			return page
		}
		for _, at := range []struct {
			name string
			page int
		}{{"start", 1}, {"middle", records / 40}, {"end", records/20 - 2}} {
			page := read(fmt.Sprintf("sort=amount&page=%d", at.page))
			token := page.Cursors().After
			b.Run(d.name+"/"+at.name+"/cursor", func(b *testing.B) {
				for b.Loop() {
					read("sort=amount&after=" + token)
				}
			})
			b.Run(d.name+"/"+at.name+"/offset", func(b *testing.B) {
				for b.Loop() {
					read(fmt.Sprintf("sort=amount&page=%d", at.page+1))
				}
			})
		}
	}
}
