package paging_test

import (
	"encoding/json"
	"errors"
	"fmt"
	"strings"
	"time"

	"pageladder.example/paging"
	"pageladder.example/paging/value"
)

var arrivals = &paging.Rules{
	Key:         []string{"id"},
	Sorts:       []paging.SortKey{{Key: "vessel"}, {Key: "tonnage", First: paging.Descending}},
	DefaultSort: "vessel",
	Filters:     []paging.FilterRule{{Field: "berth"}, {Field: "tonnage", Type: value.Integer}, {Field: "page"}},
	Search:      []string{"vessel"},
	Show:        []string{"id", "vessel", "berth", "tonnage"},
	Aside:       "our.",
}

// page settles a query in a list of 168 records.
func page(query string) paging.Page {
	ask, err := arrivals.Read(query)
	if err != nil {
		panic(err)
	}
	settled, err := ask.Settle(paging.Exact(168))
	if err != nil {
		panic(err)
	}
	return settled
}

func base(text string) paging.Base {
	b, err := paging.ParseBase(text)
	if err != nil {
		panic(err)
	}
	return b
}

// The whole way of a list: read, settle, cut, link.
func Example() {
	vessels := strings.Fields("Gull Petrel Tern Heron Otter Marlin Anchor")
	rules := &paging.Rules{Size: paging.SizeRules{Default: 3}}

	ask, err := rules.Read("cargo=salt&page=2")
	if err != nil {
		fmt.Println(err)
		return
	}
	page, err := ask.Settle(paging.Exact(int64(len(vessels))))
	if err != nil {
		fmt.Println(err)
		return
	}
	fmt.Println(paging.Cut(vessels, page), page.Metadata().Summary)
	fmt.Println(page.On(paging.Base{}).Steps().Next)
	// Output:
	// [Heron Otter Marlin] 4–6 of 7
	// ?cargo=salt&page=3
}

func ExampleRules_Read() {
	ask, _ := arrivals.Read("page=3x&size=5000&berth=N4")
	for _, a := range ask.Adjusted() {
		fmt.Println(a.Why, "·", a.Says)
	}
	_, err := arrivals.Read("tonnage.min=heavy")
	fmt.Println(err)
	// Output:
	// page.not_a_number · "3x" is not a whole number; page 1 is shown.
	// size.over_cap · At most 100 records fit on a page here; 100 records to a page are used.
	// paging: the query is refused: tonnage.min: "heavy" is not a whole number
}

func ExampleAsk() {
	ask, _ := arrivals.Read("sort=-tonnage&berth=N4&berth=N5&q=gull&fields=vessel,berth&size=50")
	fmt.Println(ask.Conditions(), ask.Search(), ask.Fields())
	fmt.Println(ask.Order(), ask.Rules().Size.Default)
	// Output:
	// [{berth text equals [N4 N5] berth }] gull [vessel berth]
	// [{tonnage true false} {id true false}] 20
}

func ExampleAsk_Settle() {
	ask, _ := arrivals.Read("page=99")
	page, _ := ask.Settle(paging.Exact(168))
	fmt.Println(*page.Metadata().Page, page.Ask().Adjusted()[0].Says)

	strict := &paging.Rules{PastLast: paging.PastLastRefused}
	ask, _ = strict.Read("page=99")
	_, err := ask.Settle(paging.Exact(168))
	var refusal *paging.Refusal
	fmt.Println(errors.As(err, &refusal), refusal.PastLast(), refusal)
	// Output:
	// 9 Page 99 is past the last page, 9; page 9 is shown.
	// true true paging: the query is refused: page: Page 99 is past the last page, 9
}

func ExampleAsk_AtRow() {
	ask, _ := arrivals.Read("page=2&berth=N4&size=10")
	page, _ := ask.AtRow(57).Settle(paging.Exact(168))
	fmt.Println(*page.Metadata().Page, page.On(paging.Base{}).Steps().Self)
	// Output: 6 ?page=6&berth=N4&size=10
}

func ExamplePage() {
	p := page("page=3")
	fmt.Println(p.Size(), p.Offset(), p.Fetch(), p.Rows())
	fmt.Println(p.Metadata().IsFirst, p.Metadata().IsLast, p.Total().Known(), p.Metadata().Summary)
	// Output:
	// 20 40 20 20
	// false false true 41–60 of 168
}

func ExamplePage_Metadata() {
	p := page("page=9")
	text, _ := json.Marshal(p.Metadata())
	fmt.Println(string(text))
	// Output:
	// {"page":9,"size":20,"total_pages":9,"total_items":168,"total_is":"exact","first_row":161,"last_row":168,"rows_here":8,"offset":160,"limit":20,"sort":"vessel,id","filters":[],"is_first":false,"is_last":true,"summary":"161–168 of 168"}
}

// Where nobody has counted, one record more than the page is fetched.
func ExamplePage_Received() {
	ask, _ := arrivals.Read("page=3")
	page, _ := ask.Settle(paging.NotCounted())
	received := 21 // records that the store gave for page.Fetch()
	page, _ = page.Received(received)
	fmt.Println(page.Metadata().Summary, page.Metadata().IsLast)
	page, _ = ask.Settle(paging.NotCounted())
	page, _ = page.Received(7)
	fmt.Println(page.Metadata().Summary, page.Metadata().IsLast)
	// Output:
	// 41–60 false
	// 41–47 of 47 true
}

func ExampleTotal() {
	ask, _ := arrivals.Read("")
	for _, total := range []paging.Total{paging.Exact(168), paging.AtLeast(100), paging.NotCounted(), paging.Remembered(168, time.Minute)} {
		page, _ := ask.Settle(total)
		page, _ = page.Received(21)
		m := page.Metadata()
		fmt.Println(m.TotalIs, total.Is(), total.Records(), m.Summary)
	}
	// Output:
	// exact exact 168 1–20 of 168
	// at_least at_least 100 1–20 of at least 100
	// none none 0 1–20
	// remembered remembered 168 1–20 of 168
}

func ExampleCut() {
	list := make([]int, 168)
	for i := range list {
		list[i] = i + 1
	}
	fmt.Println(paging.Cut(list, page("page=9")))
	// Output: [161 162 163 164 165 166 167 168]
}

func ExampleParseBase() {
	p := page("berth=N4&page=2&size=10")
	for _, text := range []string{"/arrivals", "/arrivals?tab=calls", "/arrivals/page/{page}{?size}", "//elsewhere.example/"} {
		base, err := paging.ParseBase(text)
		if err != nil {
			fmt.Println(err)
			continue
		}
		fmt.Println(p.On(base).Steps().Next)
	}
	// Output:
	// /arrivals?berth=N4&page=3&size=10
	// /arrivals?tab=calls&berth=N4&page=3&size=10
	// /arrivals/page/3?size=10&berth=N4
	// paging: base "//elsewhere.example/": a path begins with "/" and then neither "/" nor "\", and holds no backslash, space, control character or fragment
}

func ExampleBase_Outside() {
	p := page("our.markup=plain&page=2")
	fmt.Println(p.On(base("/own/list")).Page(3))
	fmt.Println(p.On(base("/own/list").Outside()).Page(3))
	// Output:
	// /own/list?our.markup=plain&page=3
	// /own/list?page=3
}

func ExampleLinks_Ladder() {
	p := page("page=5&size=10")
	for _, rung := range p.On(base("/arrivals")).Ladder() {
		fmt.Printf("%s %d %d %d %q\n", rung.Kind, rung.Page, rung.From, rung.To, rung.Href)
	}
	// Output:
	// page 1 0 0 "/arrivals?page=1&size=10"
	// page 2 0 0 "/arrivals?page=2&size=10"
	// page 3 0 0 "/arrivals?page=3&size=10"
	// page 4 0 0 "/arrivals?page=4&size=10"
	// current 5 0 0 ""
	// page 6 0 0 "/arrivals?page=6&size=10"
	// page 7 0 0 "/arrivals?page=7&size=10"
	// gap 0 8 16 ""
	// page 17 0 0 "/arrivals?page=17&size=10"
}

func ExampleLinks() {
	p := page("page=3")
	links := p.On(paging.Base{})
	fmt.Printf("%+v\n", links.Steps())
	for _, size := range links.Sizes() {
		fmt.Println(size.Size, size.Href)
	}
	for _, sort := range links.Sorts() {
		fmt.Println(sort.Key, sort.Href)
	}
	fmt.Println(links.With("berth", "N4", "N5"), links.Steps().EndsDrawn)
	size, jump := links.Forms()
	fmt.Printf("%+v %+v\n", size, jump)
	// Output:
	// {Self:?page=3 First:?page=1 Prev:?page=2 Next:?page=4 Last:?page=9 Now: EndsDrawn:false}
	// 10 ?page=5&size=10
	// 20 ?page=3&size=20
	// 50 ?page=1&size=50
	// 100 ?page=1&size=100
	// vessel ?page=1&sort=-vessel
	// tonnage ?page=1&sort=-tonnage
	// ?page=1&berth=N4&berth=N5 false
	// {Action: Param:size ByRow:false Value:20 Max:100 Hidden:[{Name:row Value:41}]} {Action: Param:page ByRow:false Value:3 Max:9 Hidden:[]}
}

func ExampleRules_Convert() {
	byOffset := &paging.Rules{Addressing: paging.ByOffset}
	query, _ := (&paging.Rules{}).Convert("berth=N4&page=3", byOffset)
	fmt.Println(query)
	query, _ = byOffset.Convert(query, &paging.Rules{})
	fmt.Println(query)
	// Output:
	// berth=N4&offset=40
	// berth=N4&page=3
}

func ExampleBase_String() {
	b, _ := paging.ParseBase("/arrivals/page/{page}")
	fmt.Println(b.String())
	// Output: /arrivals/page/{page}
}

func ExampleAdjustment_MarshalJSON() {
	last, _ := paging.Adjustment{Param: "page", Given: "99", Used: "18"}.MarshalJSON()
	nothing, _ := paging.Adjustment{Param: "sort", Given: "draught"}.MarshalJSON()
	fmt.Printf("%s\n%s\n", last, nothing)
	// Output:
	// {"param":"page","given":"99","used":"18","why":"","says":""}
	// {"param":"sort","given":"draught","used":null,"why":"","says":""}
}

func ExampleRules_Check() {
	rules := paging.Rules{PastLast: "lst", DefaultSort: "draught", Params: paging.Params{Page: "p", Size: "p"}}
	err := rules.Check()
	fmt.Println(err)
	for _, mistake := range err.(interface{ Unwrap() []error }).Unwrap() {
		fmt.Println(mistake.(paging.RuleError).Entry)
	}
	// Output:
	// paging: rules: past_last: found "lst"; right would be "last", "first", "empty", "refuse" (and 2 more)
	// past_last
	// default_sort
	// params.size
}

func ExampleRules_Resolved() {
	all := arrivals.Resolved()
	fmt.Println(all.Params.Page, all.Params.Sort, all.Size.Default, all.Size.Cap, all.Size.Offered, all.MaxSortKeys)
	for i := range all.Filters {
		f := &all.Filters[i]
		fmt.Println(f.Param, f.ParamFor(paging.Not), f.Operators)
	}
	// Output:
	// page sort 20 100 [10 20 50 100] 3
	// berth berth.not [equals not none has starts]
	// tonnage tonnage.not [equals not min max none]
	// field.page field.page.not [equals not none has starts]
}

// What is printed for logs is short.
func ExampleRules_String() {
	ask, _ := arrivals.Read("page=99&sort=-tonnage&berth=N4&q=gull")
	page, _ := ask.Settle(paging.Exact(168))
	fmt.Println(arrivals)
	fmt.Println(ask)
	fmt.Println(page)
	// Output:
	// rules: by page, size 20, 2 sort keys, 3 filters
	// page 99, size 20, sort -tonnage,-id, 1 filter, search "gull"
	// page 9: 161–168 of 168
}

// A list that is read on from where it was left, in place of page numbers.
func ExampleAsk_Cursor() {
	rules := &paging.Rules{Addressing: paging.ByCursor, Key: []string{"id"}, Sorts: []paging.SortKey{{Key: "tonnage"}}, Size: paging.SizeRules{Default: 2}}
	ask, _ := rules.Read("sort=-tonnage")
	page, _ := ask.Settle(paging.NotCounted())
	page, _ = page.Received(page.Fetch()) // so many were received: one more than the page holds
	value := func(text string) *string { return &text }
	page = page.Ends([]*string{value("1200"), value("9")}, []*string{value("700"), value("4")}, false)
	fmt.Println(page.Metadata().Summary, page.Cursors().After)
	next := page.On(paging.Base{}).Steps().Next
	fmt.Println(next)

	ask, _ = rules.Read(next[1:])
	at, backward := ask.Cursor()
	fmt.Println(*at.Values[0], *at.Values[1], at.Behind, backward)

	// Whoever knows the fields' types may find that a value is of none.
	first, err := ask.Misplaced("the id is not a number")
	fmt.Println(first.Adjusted()[0].Says, err)
	// Output:
	// 1–2 AbdiVogAAAAAAQwtdG9ubmFnZSwtaWQENzAwAjQ
	// ?sort=-tonnage&after=AbdiVogAAAAAAQwtdG9ubmFnZSwtaWQENzAwAjQ
	// 700 4 true false
	// The id is not a number; the first page is shown. <nil>
}
