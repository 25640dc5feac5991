package choose_test

import (
	"fmt"

	"pageladder.example/paging"
	"pageladder.example/paging/choose"
	"pageladder.example/paging/value"
)

type boat struct {
	name    string
	tonnage int64
}

// field is what a list of boats is chosen by.
func (b *boat) field(name string) choose.Value {
	switch name {
	case "name":
		return choose.Value{Type: value.Text, Text: b.name}
	case "tonnage":
		return choose.Integer(b.tonnage)
	}
	return choose.Value{}
}

var boats = []boat{{"Øst Gull", 700}, {"Tern", 90}, {"Stern", 1200}}

var boatRules = &paging.Rules{Key: []string{"name"}, Sorts: []paging.SortKey{{Key: "tonnage"}},
	Filters: []paging.FilterRule{{Field: "tonnage", Type: value.Integer}}, Search: []string{"name"}}

func ExamplePage() {
	ask, _ := boatRules.Read("sort=-tonnage&tonnage.min=100&size=1&page=2")
	page, onPage, _ := choose.Page(boats, ask, (*boat).field)
	fmt.Println(page.Metadata().Summary, onPage)
	// Output: 2 of 2 [{Øst Gull 700}]
}

func ExampleAll() {
	ask, _ := boatRules.Read("sort=tonnage&q=st")
	found, _ := choose.All(boats, ask, (*boat).field)
	fmt.Println(found)
	// Output: [{Stern 1200}]
}

// A Matcher takes records one at a time, as they come.
func ExampleNewMatcher() {
	ask, _ := boatRules.Read("q=ost")
	m := choose.NewMatcher(ask)
	for i := range boats {
		if ok, _ := m.Match(i+1, boats[i].field); ok {
			fmt.Println(boats[i].name)
		}
	}
	fmt.Println("to be sorted:", m.Sorts())
	// Output:
	// Øst Gull
	// to be sorted: true
}

func ExampleByName() {
	type call struct {
		ID      int64
		Vessel  string
		Tonnage *int64 // may be missing
	}
	rules := &paging.Rules{Key: []string{"id"}, Sorts: []paging.SortKey{{Key: "tonnage"}}}
	tons := int64(700)
	_, onPage, _ := choose.Read([]call{{1, "Tern", nil}, {2, "Gull", &tons}}, rules, "sort=tonnage", choose.ByName[call])
	fmt.Println(onPage[0].Vessel, onPage[1].Vessel)
	// Output: Gull Tern
}
