package statement_test

import (
	"fmt"
	"math/rand/v2"
	"slices"
	"strconv"
	"strings"
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"pageladder.example/internal/testkit"
	"pageladder.example/paging"
	"pageladder.example/paging/choose"
	"pageladder.example/paging/code"
	"pageladder.example/paging/cursor"
	"pageladder.example/paging/statement"
	"pageladder.example/paging/statement/pgxpage"
	"pageladder.example/paging/statement/sqlpage"
	"pageladder.example/paging/value"
)

// paged reads a page by a query, and gives its records' ids.
type paged func(query string) (paging.Page, []string)

// walk follows cursors from one end of a list to the other, and gives the ids of each page.
func walk(t *testing.T, read paged, query string, between func()) (pages [][]string, last paging.Page) {
	page, ids := read(query)
	for n := 0; ; n++ {
		require.Less(t, n, 1000, "the walk has an end")
		pages = append(pages, ids)
		if page.Metadata().IsLast {
			return pages, page
		}
		if between != nil {
			between()
		}
		page, ids = read(query + "&after=" + page.Cursors().After)
	}
}

// walkBack is the same from the last page back. The pages stand in the list's order.
func walkBack(t *testing.T, read paged, query string, page paging.Page, between func()) (pages [][]string) {
	for n := 0; !page.Metadata().IsFirst; n++ {
		require.Less(t, n, 1000, "the walk has an end")
		if between != nil {
			between()
		}
		var ids []string
		page, ids = read(query + "&before=" + page.Cursors().Before)
		pages = append(pages, ids)
	}
	slices.Reverse(pages)
	return pages
}

func cursorRules() *paging.Rules {
	r := rulesOf()
	r.Params.After, r.Params.Before = "after", "before"
	return r
}

// orders are those that the walks go by: of every type, up to three keys, one way and mixed.
var orders = []string{"", "sort=-id", "sort=name", "sort=-name,amount", "sort=amount,-price,day", "sort=-price", "sort=ok,-at", "sort=-day,name", "sort=at", "sort=-big,ok", "sort=amount&amount.min=-2", "sort=-name&q=gull"}

// In every order and every database, pages by cursor are the pages of the list, and the same ones
// forward and back.
func TestPagesByCursorAreTheList(t *testing.T) {
	records := makeRecords(90)
	type reader struct {
		name string
		read func(rules *paging.Rules) paged
	}
	readers := []reader{{"slice", func(rules *paging.Rules) paged {
		return func(query string) (paging.Page, []string) {
			ask, err := rules.Read(query)
			require.NoError(t, err)
			page, found, err := choose.Page(records, ask, valueOf)
			require.NoError(t, err)
			var ids []string
			for _, r := range found {
				ids = append(ids, *r["id"])
			}
			return page, ids
		}
	}}}
	for _, d := range databases(t, records) {
		for _, places := range []statement.Places{statement.Tied, statement.Nested} {
			readers = append(readers, reader{fmt.Sprint(d.name, " ", places), func(rules *paging.Rules) paged { return d.paged(t, d.list(t, places), rules) }})
		}
	}
	pool, list := pgxRecords(t, records)
	readers = append(readers, reader{"pgx", func(rules *paging.Rules) paged {
		return func(query string) (paging.Page, []string) {
			page, calls, err := pgxpage.Read[call](t.Context(), pool, list, rules, query, statement.Where{})
			require.NoError(t, err)
			return page, idsOf(calls)
		}
	}})
	for _, r := range readers {
		t.Run(r.name, func(t *testing.T) {
			read := r.read(cursorRules())
			for _, order := range orders {
				if strings.Contains(order, "q=") && r.name != "slice" {
					continue // another test checks what each database finds
				}
				ask, err := cursorRules().Read(order)
				require.NoError(t, err)
				all, err := choose.All(records, ask, valueOf)
				require.NoError(t, err)
				var want [][]string
				for chunk := range slices.Chunk(all, 7) {
					var ids []string
					for _, r := range chunk {
						ids = append(ids, *r["id"])
					}
					want = append(want, ids)
				}
				forward, last := walk(t, read, order+"&size=7", nil)
				require.Equal(t, want, forward, order)
				require.Equal(t, forward, append(walkBack(t, read, order+"&size=7", last, nil), forward[len(forward)-1]), order)

				empty, ids := read(order + "&size=7&after=" + last.Cursors().After)
				assert.Empty(t, ids)
				assert.True(t, empty.Metadata().IsLast)
				assert.False(t, empty.Metadata().IsFirst)
				_, ids = read(order + "&size=7&before=" + empty.Cursors().Before)
				require.NotEmpty(t, ids)
				assert.Equal(t, reversed(want)[:len(ids)], reversed([][]string{ids}), "back from behind the end, nothing is left out")
			}
		})
	}
}

// reversed are all ids, from the last to the first.
func reversed(pages [][]string) []string {
	all := slices.Concat(pages...)
	slices.Reverse(all)
	return all
}

func (d *database) paged(t *testing.T, list *statement.List, rules *paging.Rules) paged {
	return func(query string) (paging.Page, []string) {
		page, calls, err := sqlpage.Read[call](t.Context(), d.db, list, rules, query, statement.Where{})
		require.NoError(t, err, query)
		return page, idsOf(calls)
	}
}

func idsOf(calls []call) (ids []string) {
	for _, c := range calls {
		ids = append(ids, strconv.FormatInt(c.ID, 10))
	}
	return ids
}

// Records that nobody touches come once and in order, whatever is added, changed and removed
// between two pages, even if that is the record of the cursor.
func TestWalksByCursorUnderWriters(t *testing.T) {
	records := makeRecords(90)
	for _, d := range databases(t, records) {
		t.Run(d.name, func(t *testing.T) {
			random := rand.New(rand.NewPCG(3, 9))
			touch := func() { // records with an even id
				id := 2 + 2*random.IntN(60)
				for _, sql := range []string{
					fmt.Sprintf("update records set amount = %d, name = '%c', at = null where id = %d", random.IntN(9)-4, 'a'+rune(random.IntN(26)), id),
					fmt.Sprintf("delete from records where id = %d", 2+2*random.IntN(60)),
					fmt.Sprintf("insert into records (id, name, amount) select %d, 'Gull', 1 where not exists (select 1 from records where id = %[1]d)", id),
				} {
					_, err := d.db.ExecContext(t.Context(), sql)
					require.NoError(t, err)
				}
			}
			read := d.paged(t, d.list(t, statement.Tied), cursorRules())
			untouched := func(pages [][]string) (odd []string) {
				for _, id := range slices.Concat(pages...) {
					if n, _ := strconv.Atoi(id); n%2 > 0 {
						odd = append(odd, id)
					}
				}
				return odd
			}
			for _, order := range orders {
				if strings.Contains(order, "q=") {
					continue
				}
				ask, err := cursorRules().Read(order)
				require.NoError(t, err)
				all, err := choose.All(records, ask, valueOf)
				require.NoError(t, err)
				var want [][]string
				for _, r := range all {
					want = append(want, []string{*r["id"]})
				}
				forward, last := walk(t, read, order+"&size=4", touch)
				require.Equal(t, untouched(want), untouched(forward), order)
				back := append(walkBack(t, read, order+"&size=4", last, touch), forward[len(forward)-1])
				require.Equal(t, untouched(want), untouched(back), order)
			}
		})
	}
}

// Values come back exactly, whatever PostgreSQL's types can hold.
func TestCursorsHoldEveryValue(t *testing.T) {
	d := postgresDatabase(t, testkit.DatabaseURL(t))
	_, err := d.db.ExecContext(t.Context(), `create table odd (id text primary key, num numeric, fl float8, small float4, at timestamptz, day date, pad char(6), u uuid, addr inet, span interval, ok boolean);
		insert into odd values
		('a', 'NaN', 'NaN', 'NaN', 'infinity', 'infinity', 'a', '00000000-0000-0000-0000-000000000001', '10.0.0.1', '24:00:00', true),
		('b', 1.0, '-0', 0.1, '-infinity', '-infinity', 'a ', 'ffffffff-ffff-ffff-ffff-ffffffffffff', '::1', '1 day', false),
		('c', 1.00, 0, '-infinity', '2026-03-01 10:00:00.000001+00', '2026-03-01', 'b', null, null, null, null),
		('d', 1e-20, 'infinity', 3.4028235e38, '2026-03-01 10:00:00.000002+00', '0044-03-15 BC', '', null, '10.0.0.0/8', '-1 mon', true),
		('E', -99999999999999999999999999999.5, '-infinity', 1e-45, '0044-03-15 10:00:00+00 BC', '5874897-12-31', null, null, null, '1 mon -30 days', null),
		('f', null, null, null, null, null, '', null, null, null, null),
		('g', 'NaN', 5e-324, 16777217, '294276-12-31 23:59:59.999999+00', '4713-01-01 BC', 'é', null, 'fe80::1', null, false)`)
	require.NoError(t, err)
	table := statement.Table{Dialect: statement.PostgreSQL, From: "odd r", ByKey: []string{"id"}, Fields: map[string]statement.Field{"id": {SQL: "r.id"}}}
	rules := &paging.Rules{Key: []string{"id"}, Params: paging.Params{After: "after", Before: "before"}, Size: paging.SizeRules{Default: 1}}
	for name, kind := range map[string]value.Type{"num": value.BigDecimal, "at": value.Time, "day": value.Date, "ok": value.Boolean, "pad": value.Text, "fl": "", "small": "", "u": "", "addr": "", "span": ""} {
		table.Fields[name] = statement.Field{SQL: "r." + name, Type: kind, Nullable: true, Native: kind == ""}
		rules.Sorts = append(rules.Sorts, paging.SortKey{Key: name})
	}
	list, err := statement.New(table)
	require.NoError(t, err)
	read := func(query string) (paging.Page, []string) {
		page, rows, err := sqlpage.Read[struct{ ID string }](t.Context(), d.db, list, rules, query, statement.Where{})
		require.NoError(t, err, query)
		var ids []string
		for _, r := range rows {
			ids = append(ids, r.ID)
		}
		return page, ids
	}
	for _, k := range rules.Sorts {
		for _, way := range [][2]string{{"", ""}, {"-", " desc"}} {
			var want [][]string
			rows, err := d.db.QueryContext(t.Context(), fmt.Sprintf("select id from odd order by %s%s nulls last, id%[2]s", k.Key, way[1]))
			require.NoError(t, err)
			for rows.Next() {
				var id string
				require.NoError(t, rows.Scan(&id))
				want = append(want, []string{id})
			}
			rows.Close()
			forward, last := walk(t, read, "sort="+way[0]+k.Key, nil)
			require.Equal(t, want, forward, k.Key)
			require.Equal(t, want[:len(want)-1], walkBack(t, read, "sort="+way[0]+k.Key, last, nil), k.Key)
		}
	}
}

// A page that is settled on a total of the program's own is read from its cursor too.
func TestRecordsOfASettledPageByCursor(t *testing.T) {
	for _, d := range databases(t, makeRecords(30)) {
		list := d.list(t, statement.Tied)
		first, _, err := sqlpage.Read[call](t.Context(), d.db, list, cursorRules(), "sort=-amount&size=10", statement.Where{})
		require.NoError(t, err)
		query := "sort=-amount&size=10&after=" + first.Cursors().After
		_, want, err := sqlpage.Read[call](t.Context(), d.db, list, cursorRules(), query, statement.Where{})
		require.NoError(t, err)
		ask, err := cursorRules().Read(query)
		require.NoError(t, err)
		settled, err := ask.Settle(paging.Exact(30))
		require.NoError(t, err)
		page, found, err := sqlpage.Records[call](t.Context(), d.db, list, settled, statement.Where{})
		require.NoError(t, err)
		assert.Equal(t, idsOf(want), idsOf(found), d.name)
		assert.Equal(t, "10 of 30", page.Metadata().Summary)
		assert.False(t, page.Metadata().IsFirst)
	}
}

// A token that is made up, with a value of another type, is a fault of the query.
func TestCursorsWithValuesOfOtherTypes(t *testing.T) {
	for _, d := range databases(t, makeRecords(20)) {
		list := d.list(t, statement.Tied)
		for order, bad := range map[string]string{"amount": "seven", "at": "perhaps", "ok": "perhaps", "day": "2026-02-31", "name": "a\x00b", "price": "1e"} {
			one := "1"
			token := cursor.Write(cursor.List{Order: order + ",id"}, cursor.Place{Values: []*string{&bad, &one}})
			query := "sort=" + order + "&after=" + token
			page, calls, err := sqlpage.Read[call](t.Context(), d.db, list, cursorRules(), query, statement.Where{})
			require.NoError(t, err, "%s: %s", d.name, order)
			require.Len(t, page.Ask().Adjusted(), 1, "%s: %s", d.name, order)
			assert.Equal(t, code.CursorDamaged, page.Ask().Adjusted()[0].Why)
			assert.Len(t, calls, 20)
			strict := cursorRules()
			strict.OnFault = paging.Refuse
			_, _, err = sqlpage.Read[call](t.Context(), d.db, list, strict, query, statement.Where{})
			var refusal *paging.Refusal
			assert.ErrorAs(t, err, &refusal)
		}
	}
}
