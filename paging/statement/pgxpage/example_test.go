package pgxpage_test

import (
	"context"
	"encoding/json"
	"fmt"
	"testing"

	"github.com/jackc/pgx/v5"

	"pageladder.example/internal/testkit"
	"pageladder.example/paging"
	"pageladder.example/paging/statement"
	"pageladder.example/paging/statement/pgxpage"
	"pageladder.example/paging/value"
)

func TestMain(m *testing.M) { testkit.WithPostgres(m) }

// Records as maps, of a list that is not counted.
func Example_page() {
	ctx := context.Background()
	db, err := pgx.Connect(ctx, testkit.Server().URL())
	if err != nil {
		fmt.Println(err)
		return
	}
	defer db.Close(ctx)
	if _, err := db.Exec(ctx, `create temporary table tides as select n as id, timestamptz '2026-03-01T00:00:00Z' + n * interval '6 hours' as at, n * 0.25 as height from generate_series(1, 100) n`); err != nil {
		fmt.Println(err)
		return
	}

	rules := &paging.Rules{Key: []string{"id"}, Sorts: []paging.SortKey{{Key: "height"}}, Filters: []paging.FilterRule{{Field: "at", Type: value.Time}}, Count: paging.CountNone}
	list, err := statement.New(statement.Table{
		Dialect: statement.PostgreSQL,
		From:    "tides",
		Fields: map[string]statement.Field{
			"id": {SQL: "id", Type: value.Integer}, "at": {SQL: "at", Type: value.Time}, "height": {SQL: "height", Type: value.Decimal},
		},
	})
	if err != nil {
		fmt.Println(err)
		return
	}

	ask, err := rules.Read("at=2026-03-02&sort=-height&size=2")
	if err != nil {
		fmt.Println(err)
		return
	}
	page, tides, err := pgxpage.Page[map[string]any](ctx, db, list, ask, statement.Where{})
	if err != nil {
		fmt.Println(err)
		return
	}
	text, _ := json.Marshal(tides)
	fmt.Println(string(text))
	fmt.Println("last:", page.Metadata().IsLast)

	// With a total that the program remembers nothing is counted.
	settled, err := ask.Settle(paging.Exact(4))
	if err != nil {
		fmt.Println(err)
		return
	}
	page, tides, err = pgxpage.Records[map[string]any](ctx, db, list, settled, statement.Where{})
	if err != nil {
		fmt.Println(err)
		return
	}
	fmt.Println(page.Metadata().Summary, len(tides))

	// The query of a request, in one call.
	page, _, err = pgxpage.Read[map[string]any](ctx, db, list, rules, "size=100", statement.Where{})
	fmt.Println(page.Metadata().Summary, err)

	facets, err := pgxpage.Facets(ctx, db, list, ask, statement.Where{}, []string{"height"}, 2)
	fmt.Println(len(facets["height"]), err)
	// Output:
	// [{"at":"2026-03-02T18:00:00Z","height":1.75,"id":7},{"at":"2026-03-02T12:00:00Z","height":1.5,"id":6}]
	// last: false
	// 1–2 of 4 2
	// 1–100 of 100 <nil>
	// 2 <nil>
}
