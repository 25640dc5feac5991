// The harbour's arrivals in memory, as a paged list at /arrivals: go run ./examples/slice 127.0.0.1:8480
package main

import (
	"log"
	"net/http"
	"os"
	"strconv"
	"time"

	"pageladder.example/demo"
	"pageladder.example/paging"
	"pageladder.example/paging/answer"
	"pageladder.example/paging/choose"
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
	if err := rules.Check(); err != nil { // before the first request
		log.Fatal(err)
	}
	var all []Arrival
	for _, a := range demo.Arrivals() {
		id, _ := strconv.ParseInt(a[0], 10, 64)
		at, _ := time.Parse(time.RFC3339, a[5])
		arrival := Arrival{ID: id, Vessel: a[1], Berth: a[2], Cargo: a[3], ArrivedAt: at}
		if tonnage, err := strconv.ParseInt(a[4], 10, 64); err == nil {
			arrival.Tonnage = &tonnage
		}
		if cleared, err := strconv.ParseBool(a[6]); err == nil {
			arrival.Cleared = &cleared
		}
		if a[7] != "" {
			arrival.Note = &a[7]
		}
		all = append(all, arrival)
	}
	http.HandleFunc("/arrivals", func(w http.ResponseWriter, r *http.Request) {
		page, arrivals, err := choose.Read(all, rules, r.URL.RawQuery, choose.ByName[Arrival])
		if err = answer.Reply(w, r, page, arrivals, err, answer.Options{}); err != nil { // none of the caller's
			log.Print(err)
		}
	})
	log.Fatal(http.ListenAndServe(os.Args[1], nil))
}
