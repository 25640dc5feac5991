// The walker uses the service through clients that are generated from its descriptions, and writes what it has
// found: walker ADDRESS TOKEN.
package main

import (
	"context"
	"fmt"
	"net/http"
	"net/url"
	"os"

	"github.com/oapi-codegen/nullable"

	"pageladder.example/walker/arrivals"
	"pageladder.example/walker/service"
)

func main() {
	if err := walk(context.Background(), os.Args[1], os.Args[2]); err != nil {
		fmt.Fprintln(os.Stderr, err)
		os.Exit(1)
	}
}

func walk(ctx context.Context, address, token string) error {
	as := func(_ context.Context, r *http.Request) error {
		r.Header.Set("Authorization", "Bearer "+token)
		return nil
	}
	all, err := service.NewClientWithResponses(address, service.WithRequestEditorFn(as))
	if err != nil {
		return err
	}
	boats, err := arrivals.NewClientWithResponses(address, arrivals.WithRequestEditorFn(as))
	if err != nil {
		return err
	}

	// A walk of any set, along links.next.
	pages, records := 0, 0
	for query := "size=50"; query != ""; pages++ {
		page, err := all.ListRecordsWithResponse(ctx, "arrivals", nil, func(_ context.Context, r *http.Request) error {
			r.URL.RawQuery = query
			return nil
		})
		if err != nil || page.JSON200 == nil {
			return fmt.Errorf("%v %s", err, page.Body)
		}
		records += len(page.JSON200.Records)
		query = ""
		if next := page.JSON200.Links.Next; next != nil {
			at, err := url.Parse(*next)
			if err != nil {
				return err
			}
			query = at.RawQuery
		}
	}
	fmt.Println("walked", pages, "pages of", records, "records")

	// A filter, a sort and fewer members, of one set whose records have types.
	heavy, err := boats.ListRecordsWithResponse(ctx, &arrivals.ListRecordsParams{
		Berth: &[]string{"N4", "E4"}, TonnageMin: new(500), Size: new(5),
		Sort:    &[]arrivals.ListRecordsParamsSort{arrivals.ListRecordsParamsSortMinusTonnage, arrivals.ListRecordsParamsSortId},
		PlParts: &[]arrivals.ListRecordsParamsPlParts{arrivals.ListRecordsParamsPlPartsRecords, arrivals.ListRecordsParamsPlPartsPaging},
	})
	if err != nil || heavy.JSON200 == nil {
		return fmt.Errorf("%v %s", err, heavy.Body)
	}
	paging := heavy.JSON200.Paging
	found, err := paging.TotalItems.Get()
	if err != nil {
		return err
	}
	filters := ""
	for i, f := range paging.Filters {
		if i > 0 {
			filters += ","
		}
		filters += *f.Param + " " + string(f.Op)
	}
	fmt.Println("found", found, "sorted", paging.Sort, "of filters", filters)
	for _, r := range heavy.JSON200.Records {
		fmt.Println(r.Id, r.Vessel.MustGet(), r.Tonnage.MustGet()+1)
	}

	// Rungs are one of three kinds.
	links, err := boats.ReadLadderWithResponse(ctx, &arrivals.ReadLadderParams{Page: new(9)})
	if err != nil || links.JSON200 == nil {
		return fmt.Errorf("%v %s", err, links.Body)
	}
	fmt.Print("ladder")
	for _, rung := range links.JSON200.Ladder {
		of, err := rung.ValueByDiscriminator()
		if err != nil {
			return err
		}
		switch of := of.(type) {
		case arrivals.PageRung:
			fmt.Print(" ", of.Page)
		case arrivals.CurrentRung:
			fmt.Printf(" (%d)", of.Page)
		case arrivals.GapRung:
			fmt.Printf(" %d…%d", of.From, *of.To)
		}
	}
	fmt.Println()

	// An edit that empties a field, and one that comes too late.
	read, err := boats.ReadRecordWithResponse(ctx, "138", nil)
	if err != nil || read.JSON200 == nil {
		return fmt.Errorf("%v %s", err, read.Body)
	}
	had := read.JSON200.Record.MustGet()
	condition := arrivals.ChangeRecordParams{IfMatch: read.HTTPResponse.Header.Get("ETag")}
	changed, err := boats.ChangeRecordWithResponse(ctx, "138", &condition,
		arrivals.Draft{Note: nullable.NewNullNullable[string](), Cleared: nullable.NewNullableWithValue(!had.Cleared.MustGet())})
	if err != nil || changed.JSON200 == nil {
		return fmt.Errorf("%v %s", err, changed.Body)
	}
	now := changed.JSON200.Record.MustGet()
	note := "a note"
	if now.Note.IsNull() {
		note = ""
	}
	fmt.Println("changed", note, now.Cleared.MustGet() != had.Cleared.MustGet())
	late, err := boats.ChangeRecordWithResponse(ctx, "138", &condition, arrivals.Draft{Note: nullable.NewNullableWithValue("late")})
	if err != nil || late.ApplicationproblemJSON412 == nil {
		return fmt.Errorf("%v %s", err, late.Body)
	}
	fmt.Println("late", late.ApplicationproblemJSON412.Status, late.ApplicationproblemJSON412.Type == arrivals.ProblemTypeProblemsstale, late.StatusCode())

	// What is refused says which parameter and why.
	refused, err := all.ListRecordsWithResponse(ctx, "arrivals", nil, func(_ context.Context, r *http.Request) error {
		r.URL.RawQuery = "tonnage=heavy"
		return nil
	})
	if err != nil || refused.ApplicationproblemJSON400 == nil || refused.ApplicationproblemJSON400.Faults == nil {
		return fmt.Errorf("%v %s", err, refused.Body)
	}
	for _, fault := range *refused.ApplicationproblemJSON400.Faults {
		fmt.Println("refused", fault.Param, fault.Why == service.FaultWhyFilterBadValue)
	}
	return nil
}
