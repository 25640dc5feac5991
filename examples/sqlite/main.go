// The harbour's arrivals in SQLite, as a paged list at /arrivals: go run ./examples/sqlite 127.0.0.1:8480
package main

import (
	"database/sql"
	"database/sql/driver"
	"log"
	"net/http"
	"os"
	"strings"
	"time"

	"modernc.org/sqlite"

	"pageladder.example/demo"
	"pageladder.example/paging"
	"pageladder.example/paging/answer"
	"pageladder.example/paging/statement"
	"pageladder.example/paging/statement/sqlpage"
	"pageladder.example/paging/text"
	"pageladder.example/paging/value"
)

// Arrival is one ship's call.
type Arrival struct {
	ID                   int64
	Vessel, Berth, Cargo string
	Tonnage              *int64
	ArrivedAt            time.Time
	Cleared              *bool
	Note                 *string
}

var rules = &paging.Rules{
	Key: []string{"id"}, DefaultSort: "-arrived_at", Search: []string{"vessel", "note"}, Unknown: paging.UnknownNoted, Repeat: "list",
	Sorts: []paging.SortKey{{Key: "id"}, {Key: "vessel"}, {Key: "berth"}, {Key: "cargo"}, {Key: "tonnage", First: "desc"}, {Key: "arrived_at", First: "desc"}, {Key: "cleared"}},
	Filters: []paging.FilterRule{{Field: "berth"}, {Field: "cargo"}, {Field: "vessel"},
		{Field: "tonnage", Type: value.Integer}, {Field: "arrived_at", Type: value.Time}, {Field: "cleared", Type: value.Boolean}},
}

func main() {
	sqlite.MustRegisterCollationUtf8("root", text.Compare) // SQLite's own order is that of bytes
	sqlite.MustRegisterDeterministicScalarFunction("lower_case", 1, func(_ *sqlite.FunctionContext, args []driver.Value) (driver.Value, error) {
		return strings.ToLower(args[0].(string)), nil
	})
	db := must(sql.Open("sqlite", "file:arrivals?mode=memory&cache=shared"))
	must(db.Exec("create table arrivals (id integer primary key, vessel text, berth text, cargo text, tonnage integer, arrived_at text, cleared integer, note text, words text)"))
	for _, a := range demo.Arrivals() {
		must(db.Exec("insert into arrivals values (?, ?, ?, ?, nullif(?, ''), ?, case ? when 'true' then 1 when 'false' then 0 end, nullif(?, ''), ?)",
			a[0], a[1], a[2], a[3], a[4], a[5], a[6], a[7], text.ForSearch(a[1], a[7])))
	}
	list := must(statement.New(statement.Table{Dialect: statement.SQLite, From: "arrivals", Words: "words", SplitWords: text.Words, Fields: map[string]statement.Field{
		"id": {SQL: "id", Type: value.Integer}, "vessel": {SQL: "vessel", Collation: "root", Lower: "lower_case(vessel)"}, "berth": {SQL: "berth", Collation: "root", Lower: "lower_case(berth)"},
		"cargo": {SQL: "cargo", Collation: "root", Lower: "lower_case(cargo)"}, "tonnage": {SQL: "tonnage", Type: value.Integer, Nullable: true},
		"arrived_at": {SQL: "arrived_at", Type: value.Time}, "cleared": {SQL: "cleared", Type: value.Boolean, Nullable: true}, "note": {SQL: "note", Nullable: true}}}, rules))
	http.HandleFunc("/arrivals", func(w http.ResponseWriter, r *http.Request) {
		page, arrivals, err := sqlpage.Read[Arrival](r.Context(), db, list, rules, r.URL.RawQuery, statement.Where{})
		if err = answer.Reply(w, r, page, arrivals, err, answer.Options{}); err != nil { // none of the caller's
			log.Print(err)
		}
	})
	log.Fatal(http.ListenAndServe(os.Args[1], nil))
}

func must[T any](v T, err error) T {
	if err != nil {
		log.Fatal(err)
	}
	return v
}
