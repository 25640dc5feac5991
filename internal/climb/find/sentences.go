package find

import (
	"fmt"
	"strings"

	"pageladder.example/climb/endpoint"
	"pageladder.example/internal/climb/values"
)

// Sentences say what was found out, so that it can be corrected.
func (f *Finder) Sentences(given *endpoint.Endpoint) (all []string) {
	say := func(format string, args ...any) { all = append(all, fmt.Sprintf(format, args...)) }
	if given.Format == "" {
		say("Answers are %s.", strings.ToUpper(string(f.List.Format)))
	}
	if _, ok := given.Envelope["records"]; !ok && f.List.Format == endpoint.JSON {
		where := f.List.Envelope["records"]
		if where == "" {
			where = "the top"
		}
		say("The records are at %s; the first answer has %d.", where, len(f.First.Records))
	}
	if len(given.Envelope) <= 1 && f.List.Format == endpoint.JSON {
		var places []string
		for _, name := range values.Names() {
			if pointer, ok := f.List.Envelope[name]; ok && name != "records" {
				places = append(places, name+" at "+pointer)
			}
		}
		if len(places) > 0 {
			say("Answers have %s.", strings.Join(places, ", "))
		}
	}
	if given.TotalHeader == "" && f.List.TotalHeader != "" {
		say("The total is in the header %s.", f.List.TotalHeader)
	}
	for _, p := range []struct{ what, text, found string }{
		{"page", given.Params.Page, f.List.Params.Page}, {"size", given.Params.Size, f.List.Params.Size},
		{"offset", given.Params.Offset, f.List.Params.Offset}, {"limit", given.Params.Limit, f.List.Params.Limit},
		{"after", given.Params.After, f.List.Params.After}, {"sort", given.Params.Sort, f.List.Params.Sort},
	} {
		if p.text == "" && p.found != "" {
			say("The parameter for the %s is %q.", p.what, p.found)
		}
	}
	if f.List.PagesFrom0 && !given.PagesFrom0 {
		say("Pages are counted from 0.")
	}
	if f.List.RowsFrom1 && !given.RowsFrom1 {
		say("Rows are counted from 1.")
	}
	if f.List.AfterHeader != "" && given.AfterHeader == "" {
		say("The cursor of the next page is in the header %s.", f.List.AfterHeader)
	}
	if len(given.Key) == 0 && len(f.List.Key) > 0 {
		say("Records are identified by %q.", strings.Join(f.List.Key, ", "))
	}
	if len(given.Sorts) == 0 && len(f.List.Sorts) > 0 {
		say("An offered sort: %s.", f.List.Sorts[0].Ascending)
	}
	if len(given.Filters) == 0 && len(f.List.Filters) > 0 {
		say("An offered filter: %s.", f.List.Filters[0].Query)
	}
	return all
}
