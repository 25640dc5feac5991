package query_test

import (
	"fmt"

	"pageladder.example/paging/query"
)

func ExamplePairs() {
	fmt.Printf("%q\n", query.Pairs("berth=N%34&ref=50%zz&a;b"))
	// Output: [{"berth" "N4"} {"ref" "50%zz"} {"a;b" ""}]
}

func ExampleParts() {
	for p := range query.Parts("berth=N%34&ref") {
		fmt.Printf("%s %s %s %q\n", p.Raw(), p.RawName(), p.Name(), p.Value())
	}
	// Output:
	// berth=N%34 berth berth "N4"
	// ref ref ref ""
}

func ExampleValues() {
	fmt.Printf("%q\n", query.Values("berth=N4&size=10&berth=N5", "berth"))
	// Output: ["N4" "N5"]
}

func ExampleEncode() {
	fmt.Println(query.Encode(query.Pair{Name: "q", Value: "sea & gull"}, query.Pair{Name: "berth", Value: "N4"}))
	// Output: q=sea%20%26%20gull&berth=N4
}

func ExampleWith() {
	fmt.Println(query.With("page=3&berth=N%34", "page", "4"), query.With("page=3&berth=N%34", "page"))
	// Output: berth=N%34&page=4 berth=N%34
}

func ExampleDecode() {
	fmt.Println(query.Decode("sea+gull%21 50%"), query.IsEscape("%21"), query.IsEscape("% "))
	// Output: sea gull! 50% true false
}

func ExampleAppendKept() {
	fmt.Printf("%s %s %s\n", query.AppendKept(nil, "a=50%&b=%C3é"), query.AppendValue(nil, "a=50%"), query.AppendUnreserved(nil, "N4/5"))
	// Output: a=50%25&b=%C3%C3%A9 a%3D50%25 N4%2F5
}
