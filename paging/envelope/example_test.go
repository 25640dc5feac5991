package envelope_test

import (
	"fmt"
	"strconv"

	"pageladder.example/paging/envelope"
)

func ExampleEnvelope_Check() {
	e := envelope.Envelope{"page": "/meta", "size": "/meta/size", "total": "/total"}
	for _, wrong := range e.Check() {
		fmt.Printf("%s: found %s\n", wrong.Name, wrong.Found)
	}
	fmt.Println(envelope.Names()[:4])
	// Output:
	// size: found "/meta/size"
	// total: found an unknown name
	// [records page size total_pages]
}

// A plan is what an answer is written by, in one pass.
func ExampleEnvelope_Plan() {
	e := envelope.Envelope{"next": "/links/next", "records": "/data", "page": "/meta/page", "prev": "/links/prev"}
	for name, members := range e.Places() {
		fmt.Println(name, members)
	}
	for _, step := range e.Plan(strconv.AppendQuote) {
		fmt.Printf("%s %s\n", step.Literal, step.Name)
	}
	// Output:
	// records [data]
	// page [meta page]
	// prev [links prev]
	// next [links next]
	// {"data": records
	// ,"meta":{"page": page
	// },"links":{"prev": prev
	// ,"next": next
	// }}
}
