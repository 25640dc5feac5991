package sqlpage_test

import (
	"context"
	"database/sql"
	"fmt"

	_ "modernc.org/sqlite"

	"pageladder.example/paging"
	"pageladder.example/paging/statement"
	"pageladder.example/paging/statement/sqlpage"
	"pageladder.example/paging/value"
)

// Arrival is a record as the program has it.
type Arrival struct {
	ID      int64
	Vessel  string
	Berth   *string // may be missing
	Tonnage int64
}

// A list of one's own: rules, the table, and a page.
func Example_page() {
	db, err := sql.Open("sqlite", ":memory:")
	if err != nil {
		fmt.Println(err)
		return
	}
	defer db.Close()
	db.SetMaxOpenConns(1) // in memory, each connection has a database of its own
	_, err = db.Exec(`create table arrivals (id integer primary key, vessel text not null, berth text, tonnage integer not null, deleted integer not null default 0);
		insert into arrivals (vessel, berth, tonnage, deleted) values ('Grey Gull', 'N4', 700, 0), ('Øst Gull', null, 90, 0), ('Little Tern', 'N4', 1200, 0), ('Old Skua', 'N4', 300, 1)`)
	if err != nil {
		fmt.Println(err)
		return
	}

	rules := &paging.Rules{
		Key:     []string{"id"},
		Sorts:   []paging.SortKey{{Key: "vessel"}, {Key: "tonnage"}},
		Filters: []paging.FilterRule{{Field: "berth"}, {Field: "tonnage", Type: value.Integer}},
	}
	list, err := statement.New(statement.Table{
		Dialect: statement.SQLite,
		From:    "arrivals",
		Fields: map[string]statement.Field{
			"id": {SQL: "id", Type: value.Integer}, "vessel": {SQL: "vessel"}, "berth": {SQL: "berth", Nullable: true}, "tonnage": {SQL: "tonnage", Type: value.Integer},
		},
	})
	if err != nil {
		fmt.Println(err)
		return
	}

	ask, err := rules.Read("berth=N4&sort=-tonnage&size=1&page=2")
	if err != nil {
		fmt.Println(err)
		return
	}
	page, arrivals, err := sqlpage.Page[Arrival](context.Background(), db, list, ask, statement.Where{SQL: "deleted = 0"})
	if err != nil {
		fmt.Println(err)
		return
	}
	fmt.Println(page.Metadata().Summary, arrivals[0].Vessel, *arrivals[0].Berth)

	// With a total that the program remembers nothing is counted.
	ask, err = rules.Read("size=2")
	if err != nil {
		fmt.Println(err)
		return
	}
	settled, err := ask.Settle(paging.Exact(3))
	if err != nil {
		fmt.Println(err)
		return
	}
	page, arrivals, err = sqlpage.Records[Arrival](context.Background(), db, list, settled, statement.Where{SQL: "deleted = 0"})
	if err != nil {
		fmt.Println(err)
		return
	}
	fmt.Println(page.Metadata().Summary, len(arrivals))

	// The query of a request, in one call.
	page, arrivals, err = sqlpage.Read[Arrival](context.Background(), db, list, rules, "tonnage.min=1000", statement.Where{SQL: "deleted = 0"})
	if err != nil {
		fmt.Println(err)
		return
	}
	fmt.Println(page.Metadata().Summary, arrivals[0].Vessel)

	ask, _ = rules.Read("berth=N4")
	facets, err := sqlpage.Facets(context.Background(), db, list, ask, statement.Where{SQL: "deleted = 0"}, []string{"berth"}, 50)
	if err != nil {
		fmt.Println(err)
		return
	}
	for _, f := range facets["berth"] {
		if f.Value == nil {
			fmt.Println("none:", f.Count)
		} else {
			fmt.Println(*f.Value+":", f.Count)
		}
	}
	// Output:
	// 2 of 2 Grey Gull N4
	// 1–2 of 3 2
	// 1 of 1 Little Tern
	// N4: 2
	// none: 1
}
