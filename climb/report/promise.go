package report

import (
	"fmt"
	"maps"
	"slices"
	"strings"
)

// Severity is what a broken promise counts as.
type Severity string

// The severities.
const (
	Fault   Severity = "fault"   // the check fails: exit code 1, a failed test
	Warning Severity = "warning" // worth a look
	Off     Severity = "off"     // not checked
)

// Promise is one thing that a paged endpoint should keep.
type Promise struct {
	Code, Title   string
	Usual, Strict Severity // what it counts as where it is broken
}

var promises = []Promise{
	{"walk.readable", "Each page of the walk can be read", Fault, Fault},
	{"walk.ends", "The walk comes to an end", Fault, Fault},
	{"walk.lost", "No record is lost between pages", Fault, Fault},
	{"walk.repeated", "No record comes twice", Fault, Fault},
	{"walk.short", "Each page but the last is full", Fault, Fault},
	{"walk.long", "No page has more records than its size", Fault, Fault},
	{"walk.empty_end", "No link leads from the last page to an empty one", Warning, Fault},
	{"walk.back", "Walking back gives the same records", Fault, Fault},
	{"walk.agree", "Addresses and numbers lead to the same pages", Fault, Fault},

	{"numbers.total", "The total is the number of records", Fault, Fault},
	{"numbers.pages", "The number of pages is right for the total and the size", Fault, Fault},
	{"numbers.page", "The page number in the answer is right", Fault, Fault},
	{"numbers.size", "The size in the answer is the size that was used", Fault, Fault},
	{"numbers.rows", "First row, last row, offset and rows on the page are right", Fault, Fault},
	{"numbers.ends", "The answer says rightly whether it is the first or the last page", Fault, Fault},
	{"numbers.first", "The first step leads to the first page", Fault, Fault},
	{"numbers.last", "The last step leads to the last page", Fault, Fault},

	{"order.works", "Each offered sort has an effect", Fault, Fault},
	{"order.within", "Records on a page are in the order asked for", Fault, Fault},
	{"order.across", "The order holds from page to page", Fault, Fault},
	{"order.inverse", "Descending is the inverse of ascending", Fault, Fault},
	{"order.ties", "Records that are equal keep their order between two readings", Fault, Fault},
	{"order.missing", "Missing values are all at one end", Fault, Fault},

	{"filter.fits", "A filter leaves only records that match", Fault, Fault},
	{"filter.lost", "A filter leaves every record that matches", Fault, Fault},
	{"filter.total", "The total with a filter counts the matching records", Fault, Fault},
	{"keep.lost", "Links keep all parameters", Fault, Fault},
	{"keep.changed", "Links keep parameters byte for byte", Warning, Fault},
	{"link.host", "Links stay on the endpoint's host", Fault, Fault},
	{"link.agree", "Links in the body and in the header agree", Fault, Fault},

	{"bad.error", "Bad input never causes a server error", Fault, Fault},
	{"bad.timeout", "Bad input is answered in time", Fault, Fault},
	{"bad.everything", "Bad input does not return the whole list", Fault, Fault},
	{"bad.cap", "There is a largest page size", Fault, Fault},
	{"bad.steady", "The same bad input always has the same answer", Fault, Fault},
	{"bad.said", "The answer to bad input says what was wrong or what was used", Warning, Fault},
	{"bad.past_last", "Past the last page no page pretends to be the one asked for", Warning, Fault},

	{"http.media_type", "The media type matches the body", Fault, Fault},
	{"http.link", "Link headers can be read", Fault, Fault},
	{"http.etag", "ETag and If-None-Match work", Fault, Fault},
	{"http.cache", "Answers to credentials are not for shared caches", Fault, Fault},
	{"http.problem", "Problems are in the form of RFC 9457", Fault, Fault},
	{"http.head", "HEAD has the headers of GET", Warning, Fault},
	{"http.allow", "A refused method is answered with the allowed ones", Warning, Fault},

	{"cost.time", "A deep page takes at most four times as long as the first", Warning, Fault},
	{"cost.bytes", "A deep page has at most four times as many bytes as the first", Warning, Fault},

	{"moving.lost", "While records change, no record that stays is lost", Warning, Fault},
	{"moving.repeated", "While records change, no record comes twice", Warning, Fault},
}

// Expect says what each broken promise counts as, by its code. Codes that it does not name are as
// in Usual.
type Expect map[string]Severity

// Usual is what any paged endpoint should keep.
func Usual() Expect { return expect(func(p Promise) Severity { return p.Usual }) }

// Strict makes each broken promise a fault.
func Strict() Expect { return expect(func(p Promise) Severity { return p.Strict }) }

func expect(of func(p Promise) Severity) Expect {
	e := Expect{}
	for _, p := range promises {
		e[p.Code] = of(p)
	}
	return e
}

// Check reports an unknown code or severity.
func (e Expect) Check() error {
	for _, code := range slices.Sorted(maps.Keys(e)) {
		if !slices.ContainsFunc(promises, func(p Promise) bool { return p.Code == code }) {
			return fmt.Errorf("climb: there is no promise %.40q; right would be one of %s", code, strings.Join(Codes(), ", "))
		}
		if !slices.Contains([]Severity{Fault, Warning, Off}, e[code]) {
			return fmt.Errorf("climb: %s is to be %.40q; right would be fault, warning or off", code, e[code])
		}
	}
	return nil
}

// Codes are those of all promises, in their order.
func Codes() []string {
	all := make([]string, len(promises))
	for i, p := range promises {
		all[i] = p.Code
	}
	return all
}

// Promises are all that can be checked, in their order.
func Promises() []Promise { return slices.Clone(promises) }
