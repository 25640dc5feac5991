// The harbour's arrivals in PostgreSQL, as a paged list at /arrivals, with Gin and pgx:
// go run ./examples/postgres 127.0.0.1:8480 postgres://…
package main

import (
	"context"
	"log"
	"os"
	"time"

	"github.com/gin-gonic/gin"
	"github.com/jackc/pgx/v5/pgxpool"

	"pageladder.example/demo"
	"pageladder.example/paging"
	"pageladder.example/paging/answer"
	"pageladder.example/paging/statement"
	"pageladder.example/paging/statement/pgxpage"
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
	db := must(pgxpool.New(context.Background(), os.Args[2]))
	must(db.Exec(context.Background(), `drop table if exists arrivals; create table arrivals
		(id bigint primary key, vessel text collate "und-x-icu", berth text collate "und-x-icu", cargo text collate "und-x-icu", tonnage bigint, arrived_at timestamptz, cleared boolean, note text, words text)`))
	for _, a := range demo.Arrivals() {
		must(db.Exec(context.Background(), "insert into arrivals values ($1, $2, $3, $4, nullif($5, '')::bigint, $6, nullif($7, '')::boolean, nullif($8, ''), $9)",
			a[0], a[1], a[2], a[3], a[4], a[5], a[6], a[7], text.ForSearch(a[1], a[7])))
	}
	list := must(statement.New(statement.Table{Dialect: statement.PostgreSQL, From: "arrivals", ByKey: []string{"id"}, Words: "words", SplitWords: text.Words, Fields: map[string]statement.Field{
		"id": {SQL: "id", Type: value.Integer}, "vessel": {SQL: "vessel"}, "berth": {SQL: "berth"}, "cargo": {SQL: "cargo"}, "tonnage": {SQL: "tonnage", Type: value.Integer, Nullable: true},
		"arrived_at": {SQL: "arrived_at", Type: value.Time}, "cleared": {SQL: "cleared", Type: value.Boolean, Nullable: true}, "note": {SQL: "note", Nullable: true}}}, rules))
	r := gin.New()
	r.Match([]string{"GET", "HEAD"}, "/arrivals", func(c *gin.Context) {
		page, arrivals, err := pgxpage.Read[Arrival](c.Request.Context(), db, list, rules, c.Request.URL.RawQuery, statement.Where{})
		if err = answer.Reply(c.Writer, c.Request, page, arrivals, err, answer.Options{}); err != nil { // none of the caller's
			log.Print(err)
		}
	})
	log.Fatal(r.Run(os.Args[1]))
}

func must[T any](v T, err error) T {
	if err != nil {
		log.Fatal(err)
	}
	return v
}
