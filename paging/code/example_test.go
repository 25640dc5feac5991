package code_test

import (
	"fmt"

	"pageladder.example/paging/code"
)

func ExampleAll() {
	info := code.All()[0]
	fmt.Println(info.Code, "·", info.When, "·", info.Used)
	// Output: page.not_a_number · a page that is not ASCII digits with an optional sign · page 1
}
