package statement_test

import (
	"context"
	"database/sql"
	"encoding/json"
	"errors"
	"fmt"
	"strings"
	"testing"
	"time"

	"github.com/jackc/pgx/v5/pgxpool"
	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"pageladder.example/internal/testkit"
	"pageladder.example/paging"
	"pageladder.example/paging/choose"
	"pageladder.example/paging/statement"
	"pageladder.example/paging/statement/pgxpage"
	"pageladder.example/paging/statement/sqlpage"
)

// call is a record as a developer has it.
type call struct {
	ID     int64
	Vessel *string `db:"name"`
	Amount *int
	Price  *float64
	OK     *bool
	At     *time.Time
	Big    *int64
}

// same reports whether a record was read as it is.
func (c *call) same(t *testing.T, r record) {
	text := func(v any) string {
		if v == nil {
			return "(none)"
		}
		return fmt.Sprint(v)
	}
	want := func(field string) string {
		if r[field] == nil {
			return "(none)"
		}
		return *r[field]
	}
	at := "(none)"
	if c.At != nil {
		at = c.At.UTC().Format(time.RFC3339Nano)
	}
	assert.Equal(t, []string{want("id"), want("name"), want("amount"), want("price"), want("ok"), want("at"), want("big")},
		[]string{text(c.ID), text(deref(c.Vessel)), text(deref(c.Amount)), text(deref(c.Price)), text(deref(c.OK)), at, text(deref(c.Big))})
}

func deref[T any](p *T) any {
	if p == nil {
		return nil
	}
	return *p
}

// A page is read in one call into structs or maps, whatever the database and the driver,
// counted as the rules say.
func TestAPageIsReadInOneCall(t *testing.T) {
	records := makeRecords(120)
	type reader struct {
		name    string
		list    *statement.List
		structs func(ctx context.Context, ask paging.Ask, own statement.Where) (paging.Page, []call, error)
		maps    func(ctx context.Context, ask paging.Ask, own statement.Where) (paging.Page, []map[string]any, error)
		facets  func(ask paging.Ask, fields ...string) (map[string][]sqlpage.Facet, error)
		place   string
	}
	var readers []reader
	for _, d := range databases(t, records) {
		list := d.list(t, statement.Tied)
		readers = append(readers, reader{d.name, list,
			func(ctx context.Context, ask paging.Ask, own statement.Where) (paging.Page, []call, error) {
				return sqlpage.Page[call](ctx, d.db, list, ask, own)
			},
			func(ctx context.Context, ask paging.Ask, own statement.Where) (paging.Page, []map[string]any, error) {
				return sqlpage.Page[map[string]any](ctx, d.db, list, ask, own)
			},
			func(ask paging.Ask, fields ...string) (map[string][]sqlpage.Facet, error) {
				return sqlpage.Facets(t.Context(), d.db, list, ask, statement.Where{}, fields, 50)
			}, strings.Replace(d.place, "%d", "1", 1)})
	}
	pool, list := pgxRecords(t, records)
	readers = append(readers, reader{"pgx", list,
		func(ctx context.Context, ask paging.Ask, own statement.Where) (paging.Page, []call, error) {
			return pgxpage.Page[call](ctx, pool, list, ask, own)
		},
		func(ctx context.Context, ask paging.Ask, own statement.Where) (paging.Page, []map[string]any, error) {
			return pgxpage.Page[map[string]any](ctx, pool, list, ask, own)
		},
		func(ask paging.Ask, fields ...string) (map[string][]sqlpage.Facet, error) {
			return pgxpage.Facets(t.Context(), pool, list, ask, statement.Where{}, fields, 50)
		}, "$1"})
	for _, r := range readers {
		t.Run(r.name, func(t *testing.T) {
			for _, count := range []paging.CountHow{paging.CountExact, paging.CountAtLeast, paging.CountNone} {
				rules := rulesOf()
				if rules.Count = count; count == paging.CountAtLeast {
					rules.CountTo = 20
				}
				rules.Show = []string{"id", "name", "amount", "price", "ok", "day", "at", "big"}
				for _, query := range []string{"sort=-name&size=7", "sort=at&size=7&page=6", "sort=amount,-price&size=50&page=2&ok=true", "sort=-amount&size=100&page=2", "name.has=gull&size=3&page=2", "name=nothing"} {
					ask, err := rules.Read(query)
					require.NoError(t, err)
					found, err := choose.All(records, ask, valueOf)
					require.NoError(t, err)
					page, got, err := r.structs(t.Context(), ask, statement.Where{})
					require.NoError(t, err, query)
					from := min(int(page.Offset()), len(found))
					want := found[from:min(from+page.Size(), len(found))]
					require.Len(t, got, len(want), "%s, counted %s", query, count)
					for i := range got {
						got[i].same(t, want[i])
					}
					switch { // the one record too many reports whether any follow
					case count == paging.CountExact || len(found) <= 20 && count == paging.CountAtLeast:
						assert.EqualValues(t, len(found), *page.Metadata().TotalItems, query)
					case from+page.Size() < len(found):
						assert.Nil(t, page.Metadata().TotalItems, query)
						assert.False(t, page.Metadata().IsLast, query)
					default:
						assert.True(t, page.Metadata().IsLast, query)
					}
				}
			}
			rules := rulesOf()
			rules.Show = []string{"id", "name", "amount", "price", "ok", "day", "at", "big"}
			ask, err := rules.Read("fields=id,price,ok,day,at,big&sort=id&size=40")
			require.NoError(t, err)
			_, maps, err := r.maps(t.Context(), ask, statement.Where{})
			require.NoError(t, err)
			found, err := choose.All(records, ask, valueOf)
			require.NoError(t, err)
			for i, m := range maps {
				want := map[string]any{}
				for _, f := range ask.Fields() {
					want[f] = nil
					if v := found[i][f]; v != nil {
						switch f {
						case "ok":
							want[f] = *v == "true"
						case "id", "price":
							want[f] = json.Number(*v)
						default:
							want[f] = *v
						}
					}
				}
				assert.Equal(t, want, m)
			}
			facets, err := r.facets(ask, "ok", "amount")
			require.NoError(t, err)
			n := int64(0)
			for _, f := range facets["ok"] {
				n += f.Count
			}
			assert.EqualValues(t, len(records), n)
			assert.Len(t, facets["amount"], 10)

			// the program's own condition holds for any query
			page, structs, err := r.structs(t.Context(), ask, statement.Where{SQL: "r.amount > " + r.place, Args: []any{2}})
			require.NoError(t, err)
			assert.Len(t, structs, page.Rows())
			for _, c := range structs {
				assert.Zero(t, c.Amount, "was not asked for")
			}
			all, err := rules.Read("amount.max=2")
			require.NoError(t, err)
			page, structs, err = r.structs(t.Context(), all, statement.Where{SQL: "r.amount > " + r.place, Args: []any{2}})
			require.NoError(t, err)
			assert.Empty(t, structs)
			assert.EqualValues(t, 0, page.Total().Records())

			var refusal *paging.Refusal
			many, err := rules.Read(strings.Repeat("name=x&", 1_001))
			require.NoError(t, err)
			_, _, err = r.structs(t.Context(), many, statement.Where{})
			require.ErrorAs(t, err, &refusal)
			assert.Equal(t, "name", refusal.Faults[0].Param)
			ended, end := context.WithCancel(t.Context())
			end()
			_, _, err = r.structs(ended, ask, statement.Where{})
			assert.ErrorIs(t, err, context.Canceled)
		})
	}
}

// pgxRecords are the records in PostgreSQL over pgx's own interface.
func pgxRecords(t *testing.T, records []record) (*pgxpool.Pool, *statement.List) {
	t.Helper()
	url := testkit.DatabaseURL(t)
	d := postgresDatabase(t, url)
	d.fill(t, records)
	pool, err := pgxpool.New(t.Context(), url)
	require.NoError(t, err)
	t.Cleanup(pool.Close)
	return pool, d.list(t, statement.Compared)
}

// The total and the records agree, or reading is an error: in a transaction of the caller's, the
// second statement may see other records.
func TestRecordsThatMoveAreAnError(t *testing.T) {
	d := postgresDatabase(t, testkit.DatabaseURL(t))
	d.fill(t, makeRecords(30))
	list := d.list(t, statement.Tied)
	ask, err := rulesOf().Read("size=30")
	require.NoError(t, err)
	_, _, err = sqlpage.Page[call](t.Context(), moving{d.db}, list, ask, statement.Where{})
	assert.True(t, errors.Is(err, sqlpage.ErrMoved), "%v", err)
}

// moving loses a record after each statement.
type moving struct{ db *sql.DB }

func (m moving) QueryContext(ctx context.Context, query string, args ...any) (*sql.Rows, error) {
	rows, err := m.db.QueryContext(ctx, query, args...)
	if err == nil {
		_, err = m.db.ExecContext(ctx, "delete from records where id = (select min(id) from records)")
	}
	return rows, err
}
