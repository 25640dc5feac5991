package text_test

import (
	"fmt"
	"slices"

	"pageladder.example/paging/text"
)

func ExampleFold() {
	fmt.Println(text.Fold("Øst Żuraw"), text.Words("N4/E1 quay"))
	// Output: ost zuraw [n4 e1 quay]
}

func ExampleForSearch() {
	fmt.Printf("%q\n", text.ForSearch("Øst Gull", "N4/E1 quay"))
	// Output: " ost gull n4 e1 quay "
}

func ExampleCompare() {
	names := []string{"Zander", "ölberg", "Ölberg", "aal"}
	slices.SortFunc(names, text.Compare)
	fmt.Println(names)
	// Output: [aal ölberg Ölberg Zander]
}
