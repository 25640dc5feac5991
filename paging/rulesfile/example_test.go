package rulesfile_test

import (
	"errors"
	"fmt"
	"reflect"

	"pageladder.example/paging"
	"pageladder.example/paging/rulesfile"
)

func ExampleParse() {
	rules, err := rulesfile.Parse([]byte(`{"size": {"default": 25, "offered": [25, 50]}, "sorts": [{"key": "vessel"}], "language": "cy"}`))
	fmt.Println(rules.Size.Offered, rules.Language, err)
	_, err = rulesfile.Parse([]byte(`{"size": {"default": 500}, "sort": [], "ladder": {"reach": -1}}`))
	var wrong rulesfile.Errors
	errors.As(err, &wrong)
	for _, e := range wrong {
		fmt.Println(e)
	}
	// Output:
	// [25 50] cy <nil>
	// sort: found an unknown entry; right would be "sorts"
	// size.default: found 500; right would be at most size.cap, 100
	// ladder.reach: found -1; right would be 0 to 50
}

func ExampleRules_Check() {
	rules := rulesfile.Of(paging.Rules{DefaultSort: "-arrived_at"})
	fmt.Println(rules.Check())
	// Output:
	// rulesfile: default_sort: found "-arrived_at"; right would be only sort keys of sorts, each once, at most max_sort_keys: "arrived_at" is no sort key here (none is offered).
}

func ExampleRules_UnmarshalJSON() {
	var rules rulesfile.Rules
	err := rules.UnmarshalJSON([]byte(`{"size": {"default": 25}}`))
	fmt.Println(rules.Size.Default, rules.Aside, err)
	// Output: 25 pl. <nil>
}

func ExampleWords() {
	fmt.Println(rulesfile.Words(reflect.TypeFor[paging.Addressing]()), rulesfile.Words(reflect.TypeFor[int]()))
	// Output: [page offset cursor] []
}

func ExampleOf() {
	rules := rulesfile.Of(paging.Rules{Filters: []paging.FilterRule{{Field: "pl.own"}}})
	fmt.Println(rules.Resolved().Filters[0].Param)
	// Output: field.pl.own
}

// A query may name a prefix of its own, where several lists stand on one page.
func ExampleRules_For() {
	rules := rulesfile.Of(paging.Rules{})
	const rawQuery = "a.page=3&b.page=7&pl.prefix=a."
	ask, _ := rules.For(rawQuery).Read(rawQuery)
	fmt.Println(ask)
	// Output: page 3, size 20
}

func ExampleIsPrefix() {
	fmt.Println(rulesfile.IsPrefix("a."), rulesfile.IsPrefix("a"), rulesfile.IsPrefix(rulesfile.Aside))
	// Output: true false false
}
