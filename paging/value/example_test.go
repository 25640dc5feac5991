package value_test

import (
	"fmt"

	"pageladder.example/paging/value"
)

func ExampleType_Canonical() {
	canonical, _ := value.Integer.Canonical("+007")
	_, want := value.Date.Canonical("2026-02-30")
	fmt.Println(canonical, "·", want)
	// Output: 7 · a date such as 2026-03-01
}

func ExampleParse() {
	t, _ := value.Parse("big_decimal")
	_, want := value.Parse("float")
	fmt.Println(t, "·", want)
	// Output: big_decimal · text, integer, decimal, big_integer, big_decimal, boolean, date, time or json
}

func ExampleTypes() {
	fmt.Println(value.Types())
	// Output: [text integer decimal big_integer big_decimal boolean date time json]
}
