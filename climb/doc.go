// Package climb checks whether a paged endpoint keeps its promises, and walks through one.
// It knows the endpoint by its public interface alone: HTTP, and what an answer says.
//
// In a test of a handler, without a socket:
//
//	climb.Check(t, handler, climb.Endpoint{Address: "/arrivals"})
//
// Against an address, with a report:
//
//	found, err := (&climb.Checker{Expect: report.Strict()}).Run(ctx, climb.Endpoint{Address: "https://…/arrivals"})
//
// And to read somebody else's list, whatever its way of paging:
//
//	for boat, err := range climb.Walk[Boat](ctx, nil, climb.Endpoint{Address: "https://…/boats"}) { …
//
// An Endpoint says what is known of a list; what it leaves open is found out by looking at
// the first answer and by a few trials. Report.Endpoint has what was found.
package climb
