package sets_test

import (
	"context"
	"fmt"
	"math/rand/v2"
	"net/url"
	"strconv"
	"sync/atomic"
	"testing"
	"time"

	"github.com/jackc/pgx/v5"
	"github.com/stretchr/testify/require"
	"golang.org/x/sync/errgroup"

	"pageladder.example/internal/sets"
	"pageladder.example/paging/cursor"
)

// walkSet walks a list by cursor from one end to the other, and gives its records' keys; back, from its last page to the
// first, in the list's order.
func walkSet(ctx context.Context, store *sets.Store, set, query string, back bool) (keys []string, err error) {
	more := ""
	if back {
		more = "&page=1000000" // past the end, the last page comes
	}
	for range 2_000 {
		page, err := store.Page(ctx, sets.Request{Set: set, Query: query + more})
		if err != nil {
			return nil, fmt.Errorf("%s%s: %w", query, more, err)
		}
		metadata, at := page.Settled.Metadata(), page.Settled.Cursors()
		if adjusted := page.Settled.Ask().Adjusted(); len(adjusted) > 0 && metadata.Page == nil {
			return nil, fmt.Errorf("%s%s: adjusted: %v", query, more, adjusted)
		}
		onPage := make([]string, len(page.Records))
		for i, r := range page.Records {
			onPage[i] = string(r[0])
		}
		if back {
			keys = append(onPage, keys...)
		} else {
			keys = append(keys, onPage...)
		}
		switch {
		case back && metadata.IsFirst || !back && metadata.IsLast: // a page without records, of a list that has none just now, has no cursors
			return keys, nil
		case at == nil:
			return nil, fmt.Errorf("%s%s: %d records, more to come, and no cursor", query, more, len(onPage))
		case back:
			more = "&before=" + at.Before
		default:
			more = "&after=" + at.After
		}
	}
	return nil, fmt.Errorf("%s: the walk has no end", query)
}

// While four writers add, move and remove records, a walk by cursor has each of the others once, in its order, in
// every order, forward and back, in a kept set and in a followed table.
func TestWalksByCursorUnderFourWriters(t *testing.T) {
	for name, m := range map[string]*model{"kept": newModel(t, 400), "followed": newFollowedModel(t, `collate "und-x-icu"`, "", func(u *url.URL) string { return u.String() })} {
		t.Run(name, func(t *testing.T) {
			table, err := m.table(t.Context(), m.pool)
			require.NoError(t, err)
			// Records with an odd tenth, of ids 10, 20, 30…, are touched by nobody.
			touched := func() int { return 20 * rand.IntN(m.records/2) }
			ctx, end := context.WithTimeout(t.Context(), modelLonger)
			defer end()
			var writers errgroup.Group
			var written atomic.Int64
			for range 4 {
				writers.Go(func() error {
					for ctx.Err() == nil {
						v := m.values(rand.IntN)
						for _, sql := range []string{
							"insert into " + table + " (id, name, amount, at, price, ok) values ($6, $1, $2::text::bigint, $3::text::timestamptz, $4::text::numeric, $5::text::boolean) on conflict do nothing",
							"update " + table + " set name = $1, amount = $2::text::bigint, at = $3::text::timestamptz, price = $4::text::numeric, ok = $5::text::boolean where id = $6",
						} {
							did, err := m.pool.Exec(ctx, sql, v["name"], v["amount"], v["at"], v["price"], v["ok"], touched())
							if !allowed(err) && ctx.Err() == nil {
								return err
							}
							written.Add(did.RowsAffected())
						}
						if _, err := m.pool.Exec(ctx, "delete from "+table+" where id = $1", touched()); !allowed(err) && ctx.Err() == nil {
							return err
						}
						time.Sleep(time.Millisecond) // four writers in a row would leave the readers no processor
					}
					return nil
				})
			}
			pick := rand.New(rand.NewPCG(uint64(time.Now().UnixNano()), 19))
			for among := 0; among < 25; {
				before := written.Load()
				a := m.draw(pick)
				back := pick.IntN(2) == 0
				query := fmt.Sprintf("%s&size=%d", a.query, 5+pick.IntN(30))
				rows, err := m.pool.Query(ctx, "select id from "+table+" where id % 20 = 10 and ("+a.where+") order by "+a.order)
				require.NoError(t, err)
				want, err := pgx.CollectRows(rows, pgx.RowTo[int64])
				require.NoError(t, err)
				keys, err := walkSet(ctx, m.services[pick.IntN(2)], "changing", query, back)
				require.NoError(t, err)
				found := []int64{}
				for _, key := range keys {
					if id, _ := strconv.ParseInt(key, 10, 64); id%20 == 10 {
						found = append(found, id)
					}
				}
				require.Equal(t, append([]int64{}, want...), found, "%s, back: %t", query, back)
				if written.Load() > before { // others wrote meanwhile
					among++
				}
			}
			end()
			require.NoError(t, writers.Wait())
		})
	}
}

// Values of every type that PostgreSQL sorts come back exactly, in a table of others that is followed and in one that is not.
func TestCursorsOfTablesOfOthers(t *testing.T) {
	f := newFleet(t, `create table yard.boats (id int primary key, num numeric, fl float8, at timestamptz, day date, pad char(6), u uuid, addr inet, span interval, name text collate "C");
		insert into yard.boats select n, (array['NaN', '1.0', '1.00', '1e-20', '-99999999999999999999.5', null])[1 + n % 6]::numeric, (array['NaN', '-0', '0', 'infinity', '-infinity', '5e-324', null])[1 + n % 7]::float8,
		(array['infinity', '-infinity', '2026-03-01 10:00:00.000001+00', '2026-03-01 10:00:00.000002+00', '0044-03-15 10:00:00+00 BC', '294276-12-31 23:59:59.999999+00', null])[1 + n % 7]::timestamptz,
		(array['infinity', '-infinity', '2026-03-01', '0044-03-15 BC', '5874897-12-31', null])[1 + n % 6]::date, (array['a', 'a ', 'b', '', 'é', null])[1 + n % 6]::char(6),
		(array['00000000-0000-0000-0000-000000000001', 'ffffffff-ffff-ffff-ffff-ffffffffffff', null])[1 + n % 3]::uuid, (array['10.0.0.1', '::1', '10.0.0.0/8', null])[1 + n % 4]::inet,
		(array['24:00', '1 day', '-1 mon', null])[1 + n % 4]::interval, (array['a', 'B', '', 'ä', null])[1 + n % 5] from generate_series(1, 43) n`)
	walks := func(t *testing.T) {
		for _, field := range []string{"num", "fl", "at", "day", "pad", "u", "addr", "span", "name"} {
			for _, way := range [][2]string{{"", ""}, {"-", " desc"}} {
				rows, err := f.owner.Query(t.Context(), fmt.Sprintf("select id::text as key from yard.boats order by %s%s nulls last, id%[2]s", field, way[1]))
				require.NoError(t, err)
				want, err := pgx.CollectRows(rows, pgx.RowTo[string])
				require.NoError(t, err)
				for _, back := range []bool{false, true} {
					keys, err := walkSet(t.Context(), f.store, "boats", "size=2&sort="+way[0]+field, back)
					require.NoError(t, err)
					require.Equal(t, want, keys, "%s%s, back: %t", way[0], field, back)
				}
			}
		}
	}
	t.Run("not followed", walks)
	f.follow(t)
	t.Run("followed", walks)
	f.exact(t)
	// A value of none of these types is the caller's fault, and no reason to give up the log.
	bad, id := "no uuid", "1"
	created := cursor.Write(cursor.List{Name: "boats", Order: "u,id"}, cursor.Place{Values: []*string{&bad, &id}})
	page, err := f.store.Page(t.Context(), sets.Request{Set: "boats", Query: "sort=u&after=" + created})
	require.NoError(t, err)
	require.Len(t, page.Settled.Ask().Adjusted(), 1)
	f.exact(t)
}
