package main

import (
	"encoding/json"
	"strings"

	"pageladder.example/paging"
	"pageladder.example/paging/cursor"
	"pageladder.example/paging/vectors"
)

// list is cases of one list, whose names begin with the same words.
type list struct {
	begins string
	rules  string
	aside  string
	cases  []named
}

// named is a case with a name. In its query "@behind:ORDER:VALUE" and "@before:ORDER:VALUE" stand for a cursor.
type named struct {
	name, query string
	total       vectors.Total
	options     options
}

// options are what few cases have.
type options struct {
	received    *int
	first, last []*vectors.Text
	behind      bool
	base        string
	outside     bool
	with        *vectors.Change
	language    string
}

func exact(n int64) vectors.Total { return vectors.Total{Records: vectors.Integer(n)} }

func total(is paging.TotalKind, n, age int64) vectors.Total {
	return vectors.Total{Is: is, Records: vectors.Integer(n), Age: age}
}

// values are those of a record; "-" is a missing one.
func values(of ...string) (all []*vectors.Text) {
	for _, v := range of {
		if v == "-" {
			all = append(all, nil)
		} else {
			all = append(all, new(vectors.Text(v)))
		}
	}
	return all
}

// chosen are the cases that somebody has chosen.
func chosen() (all []vectors.Vector) {
	for _, l := range lists {
		for _, n := range l.cases {
			c := vectors.Case{Rules: json.RawMessage(l.rules), Aside: l.aside, Query: vectors.Text(withCursors(n.query)), Total: n.total,
				Received: n.options.received, Base: n.options.base, Outside: n.options.outside, With: n.options.with, Language: n.options.language}
			if n.options.first != nil || n.options.behind {
				c.Ends = &vectors.Ends{First: n.options.first, Last: n.options.last, Behind: n.options.behind}
			}
			all = append(all, vectors.Vector{Name: l.begins + n.name, Case: c})
		}
	}
	return all
}

func withCursors(query string) string {
	for {
		before, from, found := strings.Cut(query, "@")
		if !found {
			return query
		}
		text, after, follows := strings.Cut(from, "&")
		if follows {
			after = "&" + after
		}
		piece := strings.Split(text, ":")
		query = before + cursor.Write(cursor.List{Order: piece[1]}, cursor.Place{Behind: piece[0] == "behind", Values: []*string{&piece[2]}}) + after
	}
}

const harbour = `{"key":["id"],"sorts":[{"key":"vessel"},{"key":"tonnage","first":"desc"},{"key":"call","fields":["berth","arrived_at"]},{"key":"cargo","nulls_first":true},{"key":"id"}],"default_sort":"-call","filters":[{"field":"berth"},{"field":"cargo","operators":["equals","none"]},{"field":"tonnage","type":"integer"},{"field":"draught","type":"decimal"},{"field":"cleared","type":"boolean"},{"field":"day","type":"date"},{"field":"arrived_at","type":"time"},{"field":"page","type":"integer"},{"field":"crew","type":"big_integer","param":"filter[crew]"},{"field":"papers","type":"json"}],"search":["vessel"],"unknown":"note","ride_along":["theme"]}`

var lists = []list{
	{"", `{}`, "", []named{
		{"no parameter at all", "", exact(168), options{}},
		{"page 3 of 9", "page=3", exact(168), options{}},
		{"the last page", "page=9", exact(168), options{}},
		{"page 99 of 9", "page=99", exact(168), options{}},
		{"page 0", "page=0", exact(168), options{}},
		{"page -1", "page=-1", exact(168), options{}},
		{"a page with a plus", "page=+3", exact(168), options{}},
		{"a page with an escaped plus", "page=%2B3", exact(168), options{}},
		{"a page with spaces around it", "page=%203%20", exact(168), options{}},
		{"a page with a letter", "page=3x", exact(168), options{}},
		{"a page with a fraction", "page=1.5", exact(168), options{}},
		{"a page as a power of ten", "page=1e3", exact(168), options{}},
		{"a page in hexadecimal", "page=0x10", exact(168), options{}},
		{"a page in Arabic digits", "page=%D9%A3", exact(168), options{}},
		{"a page with an underscore", "page=1_0", exact(168), options{}},
		{"an empty page", "page=", exact(168), options{}},
		{"a page without an equals sign", "page", exact(168), options{}},
		{"a page at the end of 53 bits", "page=9007199254740991", exact(168), options{}},
		{"a page at the end of 64 bits", "page=9223372036854775807", exact(168), options{}},
		{"a page beyond 64 bits", "page=9223372036854775808", exact(168), options{}},
		{"a page far below 64 bits", "page=-99999999999999999999", exact(168), options{}},
		{"a page given twice", "page=2&page=5", exact(168), options{}},
		{"a page given three times, the last one wrong", "page=2&page=5&page=x", exact(168), options{}},
		{"a size", "size=50", exact(168), options{}},
		{"a size over the cap", "size=500", exact(168), options{}},
		{"size 0", "size=0", exact(168), options{}},
		{"a size below zero", "size=-20", exact(168), options{}},
		{"a size that is no number", "size=many", exact(168), options{}},
		{"size=all where that is not offered", "size=all", exact(168), options{}},
		{"a size beyond 64 bits", "size=99999999999999999999", exact(168), options{}},
		{"another size keeps the first row in view", "page=3&size=20", exact(168), options{}},
		{"row 41", "row=41", exact(168), options{}},
		{"row 0", "row=0", exact(168), options{}},
		{"a row that is no number", "row=x", exact(168), options{}},
		{"a row past the last one", "row=1000", exact(168), options{}},
		{"a row beside a page", "row=41&page=2", exact(168), options{}},
		{"a row and a size", "row=41&size=50", exact(168), options{}},
		{"a sort where none is offered", "sort=vessel", exact(168), options{}},
		{"an unknown parameter rides along", "a=1&page=2&b=%20+", exact(168), options{}},
		{"a lone percent sign", "a=%&page=2", exact(168), options{}},
		{"a broken escape", "a=%2&b=%zz", exact(168), options{}},
		{"a semicolon is no separator", "a;b=c&page=2", exact(168), options{}},
		{"empty pieces", "&&a=1&&page=2&", exact(168), options{}},
		{"an empty name", "=x&page=2", exact(168), options{}},
		{"a name with an equals sign in its value", "a=b=c", exact(168), options{}},
		{"an escaped name", "p%61ge=3", exact(168), options{}},
		{"bytes that are no UTF-8", "a=%ff&page=2", exact(168), options{}},
		{"raw letters beyond ASCII", "ä=ö&page=2", exact(168), options{}},
		{"a line break is escaped", "a=\r\nX:y", exact(168), options{}},
		{"quotes and angle brackets", "a=\"><script>", exact(168), options{}},
		{"an empty list", "", exact(0), options{}},
		{"an empty list, page 5", "page=5", exact(0), options{}},
		{"one record", "", exact(1), options{}},
		{"exactly one page", "", exact(20), options{}},
		{"one record more than a page", "", exact(21), options{}},
		{"two pages, the second one", "page=2", exact(21), options{}},
		{"a total at the end of 53 bits", "page=3", exact(9007199254740991), options{}},
		{"a total at the end of 64 bits", "page=3", exact(9223372036854775807), options{}},
		{"the last page of a total at the end of 64 bits", "page=461168601842738791", exact(9223372036854775807), options{}},
		{"a total below zero", "", exact(-1), options{}},
		{"twelve pages", "page=6", exact(240), options{}},
		{"a hundred pages, the first", "page=1", exact(2000), options{}},
		{"a hundred pages, the fourth", "page=4", exact(2000), options{}},
		{"a hundred pages, in the middle", "page=50", exact(2000), options{}},
		{"a hundred pages, the last but three", "page=97", exact(2000), options{}},
		{"a hundred pages, the last", "page=100", exact(2000), options{}},
	}},
	{"", `{}`, "", []named{
		{"a total of which is at least 100: before reading", "page=3", total(paging.TotalAtLeast, 100, 0), options{}},
		{"a total of which is at least 100: more follow", "page=3", total(paging.TotalAtLeast, 100, 0), options{received: new(21)}},
		{"a total of which is at least 100: the page is full and the last", "page=3", total(paging.TotalAtLeast, 100, 0), options{received: new(20)}},
		{"a total of which is at least 100: the page is short", "page=3", total(paging.TotalAtLeast, 100, 0), options{received: new(5)}},
		{"a total of which is at least 100: no record", "page=3", total(paging.TotalAtLeast, 100, 0), options{received: new(0)}},
		{"a total of which is at least 100: no record on page 1", "", total(paging.TotalAtLeast, 100, 0), options{received: new(0)}},
		{"a total of which is at least 100: far beyond", "page=60000", total(paging.TotalAtLeast, 100, 0), options{}},
		{"a total of which is at least 100: received more than were asked for", "page=3", total(paging.TotalAtLeast, 100, 0), options{received: new(99)}},
		{"a total of which is at least 100: received fewer than none", "page=3", total(paging.TotalAtLeast, 100, 0), options{received: new(-1)}},
	}},
	{"", `{}`, "", []named{
		{"a total of which is nothing known: before reading", "page=3", total(paging.TotalNone, 0, 0), options{}},
		{"a total of which is nothing known: more follow", "page=3", total(paging.TotalNone, 0, 0), options{received: new(21)}},
		{"a total of which is nothing known: the page is full and the last", "page=3", total(paging.TotalNone, 0, 0), options{received: new(20)}},
		{"a total of which is nothing known: the page is short", "page=3", total(paging.TotalNone, 0, 0), options{received: new(5)}},
		{"a total of which is nothing known: no record", "page=3", total(paging.TotalNone, 0, 0), options{received: new(0)}},
		{"a total of which is nothing known: no record on page 1", "", total(paging.TotalNone, 0, 0), options{received: new(0)}},
		{"a total of which is nothing known: far beyond", "page=60000", total(paging.TotalNone, 0, 0), options{}},
		{"a total of which is nothing known: received more than were asked for", "page=3", total(paging.TotalNone, 0, 0), options{received: new(99)}},
		{"a total of which is nothing known: received fewer than none", "page=3", total(paging.TotalNone, 0, 0), options{received: new(-1)}},
	}},
	{"", `{}`, "", []named{
		{"a total of which is remembered: before reading", "page=3", total(paging.TotalRemembered, 168, 90), options{}},
		{"a total of which is remembered: more follow", "page=3", total(paging.TotalRemembered, 168, 90), options{received: new(21)}},
		{"a total of which is remembered: the page is full and the last", "page=3", total(paging.TotalRemembered, 168, 90), options{received: new(20)}},
		{"a total of which is remembered: the page is short", "page=3", total(paging.TotalRemembered, 168, 90), options{received: new(5)}},
		{"a total of which is remembered: no record", "page=3", total(paging.TotalRemembered, 168, 90), options{received: new(0)}},
		{"a total of which is remembered: no record on page 1", "", total(paging.TotalRemembered, 168, 90), options{received: new(0)}},
		{"a total of which is remembered: far beyond", "page=60000", total(paging.TotalRemembered, 168, 90), options{}},
		{"a total of which is remembered: received more than were asked for", "page=3", total(paging.TotalRemembered, 168, 90), options{received: new(99)}},
		{"a total of which is remembered: received fewer than none", "page=3", total(paging.TotalRemembered, 168, 90), options{received: new(-1)}},
	}},
	{"harbour: ", harbour, "", []named{
		{"its own order", "", exact(168), options{}},
		{"a sort", "sort=vessel", exact(168), options{}},
		{"a sort down", "sort=-vessel", exact(168), options{}},
		{"two keys", "sort=-tonnage,vessel", exact(168), options{}},
		{"spaces between keys", "sort=-tonnage,%20vessel", exact(168), options{}},
		{"a key with two fields", "sort=call", exact(168), options{}},
		{"values that are missing come first", "sort=cargo", exact(168), options{}},
		{"a key twice", "sort=vessel,-vessel", exact(168), options{}},
		{"four keys", "sort=vessel,tonnage,cargo,id", exact(168), options{}},
		{"an unknown key", "sort=colour", exact(168), options{}},
		{"an unknown key among others", "sort=-tonnage,colour,vessel", exact(168), options{}},
		{"two minus signs", "sort=--vessel", exact(168), options{}},
		{"an empty sort", "sort=", exact(168), options{}},
		{"only commas", "sort=,,", exact(168), options{}},
		{"a sort given twice", "sort=vessel&sort=-tonnage", exact(168), options{}},
		{"the key itself is sorted by", "sort=-id", exact(168), options{}},
		{"a sort with a name that is no UTF-8", "sort=%FF", exact(168), options{}},
		{"a filter", "berth=N4", exact(9), options{}},
		{"either of two", "berth=N4&berth=N5", exact(20), options{}},
		{"neither of two", "berth.not=N4&berth.not=N5", exact(140), options{}},
		{"an empty filter is none", "berth=&page=2", exact(168), options{}},
		{"a lower bound", "tonnage.min=500", exact(80), options{}},
		{"both bounds", "tonnage.min=500&tonnage.max=900", exact(40), options{}},
		{"a lower bound twice", "tonnage.min=500&tonnage.min=600", exact(40), options{}},
		{"a lower bound twice, the last one empty", "tonnage.min=500&tonnage.min=", exact(40), options{}},
		{"has no value", "cargo.none=true", exact(5), options{}},
		{"has one", "cargo.none=false", exact(163), options{}},
		{"has no value, twice", "cargo.none=true&cargo.none=false", exact(5), options{}},
		{"has no value, neither", "cargo.none=maybe", exact(5), options{}},
		{"text that contains", "berth.has=n", exact(16), options{}},
		{"text that starts", "berth.starts=N", exact(8), options{}},
		{"an operator that is not offered", "cargo.not=coal", exact(168), options{}},
		{"an operator that the type has not", "tonnage.has=5", exact(168), options{}},
		{"an operator that is none", "tonnage.near=5", exact(168), options{}},
		{"equals has no operator", "tonnage.equals=5", exact(168), options{}},
		{"an integer with a sign and zeros", "tonnage=%2B007", exact(1), options{}},
		{"an integer that is a fraction", "tonnage=1.5", exact(1), options{}},
		{"an integer beyond 53 bits", "tonnage=9007199254740992", exact(1), options{}},
		{"a big integer beyond 53 bits", "filter[crew]=9007199254740992", exact(1), options{}},
		{"a big integer with an operator in brackets", "filter[crew][min]=5", exact(1), options{}},
		{"a big integer with an operator behind a dot", "filter[crew].min=5", exact(1), options{}},
		{"an operator in brackets where the name has none", "berth[not]=N4", exact(1), options{}},
		{"a decimal", "draught=-012.50", exact(1), options{}},
		{"a decimal without digits before the point", "draught=.5", exact(1), options{}},
		{"a decimal of sixteen digits", "draught=0.1234567890123456", exact(1), options{}},
		{"true", "cleared=true", exact(1), options{}},
		{"True", "cleared=True", exact(1), options{}},
		{"a date", "day=2026-03-01", exact(1), options{}},
		{"a day that is not there", "day=2026-02-30", exact(1), options{}},
		{"a leap day", "day=2024-02-29", exact(1), options{}},
		{"the year 0", "day=0000-01-01", exact(1), options{}},
		{"a time", "arrived_at=2026-03-01T06:30:00Z", exact(1), options{}},
		{"a time with an offset", "arrived_at=2026-03-01T06:30:00%2B02:00", exact(1), options{}},
		{"a time whose plus was not escaped", "arrived_at=2026-03-01T06:30:00+02:00", exact(1), options{}},
		{"a time in lower case", "arrived_at=2026-03-01t06:30:00z", exact(1), options{}},
		{"a time with a fraction", "arrived_at=2026-03-01T06:30:00.120Z", exact(1), options{}},
		{"a time with a comma", "arrived_at=2026-03-01T06:30:00,5Z", exact(1), options{}},
		{"a time with one digit of hours", "arrived_at=2026-03-01T6:30:00Z", exact(1), options{}},
		{"a time with twelve digits of a second", "arrived_at=2026-03-01T06:30:00.123456789012Z", exact(1), options{}},
		{"a date stands for the whole day", "arrived_at=2026-03-01", exact(1), options{}},
		{"a date is the upper bound", "arrived_at.max=2026-03-01", exact(1), options{}},
		{"24 hours", "arrived_at=2026-03-01T24:00:00Z", exact(1), options{}},
		{"second 60", "arrived_at=2026-03-01T06:30:60Z", exact(1), options{}},
		{"an offset of 24 hours", "arrived_at=2026-03-01T06:30:00%2B24:00", exact(1), options{}},
		{"a time before the year 1", "arrived_at=0001-01-01T00:00:00%2B01:00", exact(1), options{}},
		{"a time after the year 9999", "arrived_at=9999-12-31T23:30:00-01:00", exact(1), options{}},
		{"a time without a zone", "arrived_at=2026-03-01T06:30:00", exact(1), options{}},
		{"json has a value", "papers.none=false", exact(1), options{}},
		{"json equals nothing", "papers=[1]", exact(1), options{}},
		{"a field whose name is a parameter", "field.page=4", exact(1), options{}},
		{"its operator", "field.page.min=4", exact(1), options{}},
		{"page.min is no operator of the page", "page.min=4", exact(168), options{}},
		{"a search", "q=gull", exact(3), options{}},
		{"a search with many spaces", "q=++sea+++gull+", exact(3), options{}},
		{"an empty search", "q=", exact(168), options{}},
		{"a search that is only spaces", "q=+++", exact(168), options{}},
		{"a search with NUL", "q=%00", exact(3), options{}},
		{"a search that is no UTF-8", "q=%FF", exact(3), options{}},
		{"a search given twice", "q=gull&q=tern", exact(3), options{}},
		{"a search with a no-break space", "q=sea%C2%A0gull", exact(3), options{}},
		{"an unknown parameter is noted", "colour=red", exact(168), options{}},
		{"a near miss is suggested", "pgae=3", exact(168), options{}},
		{"a near miss of a filter", "berht=N4", exact(168), options{}},
		{"neighbours that changed places", "szie=3", exact(168), options{}},
		{"a parameter that may ride", "theme=dark", exact(168), options{}},
		{"an unknown name that is long", strings.Repeat("x", 300) + "=1", exact(168), options{}},
		{"an unknown name with a quote", "a%22b=1", exact(168), options{}},
		{"an unknown name with a bell", "a%07=1", exact(168), options{}},
		{"text that is too long to repeat", "tonnage=" + strings.Repeat("long", 60), exact(1), options{}},
		{"text cut between two letters", "tonnage=" + strings.Repeat("%C3%B8", 120), exact(1), options{}},
		{"many of everything", "page=3&size=50&sort=-tonnage,vessel&berth=N4&tonnage.min=500&q=gull&theme=dark&a=b", exact(168), options{}},
	}},
	{"strict: ", `{"on_fault":"refuse","sorts":[{"key":"vessel"}],"filters":[{"field":"berth"}],"size":{"offered":[10,20,50],"closed":true}}`, "", []named{
		{"page 0", "page=0", exact(168), options{}},
		{"page x", "page=x", exact(168), options{}},
		{"page 99", "page=99", exact(168), options{}},
		{"page 99 of none", "page=99", exact(0), options{}},
		{"size 15", "size=15", exact(168), options{}},
		{"size 0", "size=0", exact(168), options{}},
		{"a row that is none", "row=0", exact(168), options{}},
		{"an unknown key", "sort=x", exact(168), options{}},
		{"twice", "page=1&page=2", exact(168), options{}},
		{"several faults", "page=x&size=x&sort=x&row=x", exact(168), options{}},
		{"nothing wrong", "page=2&size=50&sort=-vessel&berth=N4", exact(168), options{}},
	}},
	{"skipping at most 40: ", `{"max_offset":40}`, "", []named{
		{"40 records", "page=3", total(paging.TotalNone, 0, 0), options{received: new(21)}},
		{"60 records", "page=4", total(paging.TotalNone, 0, 0), options{}},
		{"60 records of a total that is known", "page=4", exact(168), options{}},
	}},
	{"closed: ", `{"size":{"offered":[50,10,20],"closed":true,"default":20}}`, "", []named{
		{"15 is between", "size=15", exact(168), options{}},
		{"35 is between, the smaller one counts", "size=35", exact(168), options{}},
		{"60", "size=60", exact(168), options{}},
		{"1", "size=1", exact(168), options{}},
		{"a number beyond 64 bits", "size=99999999999999999999", exact(168), options{}},
		{"50", "size=50", exact(168), options{}},
	}},
	{"all: ", `{"size":{"all":200,"cap":50,"default":10,"offered":[10,50]}}`, "", []named{
		{"all of 168", "size=all", exact(168), options{}},
		{"all of 201", "size=all", exact(201), options{}},
		{"all of none", "size=all", exact(0), options{}},
		{"page 2 of all", "size=all&page=2", exact(168), options{}},
		{"200 as a number", "size=200", exact(168), options{}},
		{"all, with spaces", "size=%20all", exact(168), options{}},
		{"all, nobody has counted", "size=all", total(paging.TotalNone, 0, 0), options{received: new(168)}},
	}},
	{"past the last page is last: ", `{"past_last":"last"}`, "", []named{
		{"page 99", "page=99", exact(168), options{}},
		{"page 10", "page=10", exact(168), options{}},
		{"row 500", "row=500", exact(168), options{}},
		{"page 99 of none", "page=99", exact(0), options{}},
		{"a page beyond 64 bits", "page=9999999999999999999999", exact(168), options{}},
		{"nobody has counted", "page=5", total(paging.TotalNone, 0, 0), options{received: new(0)}},
	}},
	{"by offset, past the last page is last: ", `{"addressing":"offset","past_last":"last"}`, "", []named{
		{"offset 500", "offset=500", exact(168), options{}},
		{"offset 168", "offset=168", exact(168), options{}},
		{"an offset beyond 64 bits", "offset=9999999999999999999999", exact(168), options{}},
	}},
	{"past the last page is first: ", `{"past_last":"first"}`, "", []named{
		{"page 99", "page=99", exact(168), options{}},
		{"page 10", "page=10", exact(168), options{}},
		{"row 500", "row=500", exact(168), options{}},
		{"page 99 of none", "page=99", exact(0), options{}},
		{"a page beyond 64 bits", "page=9999999999999999999999", exact(168), options{}},
		{"nobody has counted", "page=5", total(paging.TotalNone, 0, 0), options{received: new(0)}},
	}},
	{"by offset, past the last page is first: ", `{"addressing":"offset","past_last":"first"}`, "", []named{
		{"offset 500", "offset=500", exact(168), options{}},
		{"offset 168", "offset=168", exact(168), options{}},
		{"an offset beyond 64 bits", "offset=9999999999999999999999", exact(168), options{}},
	}},
	{"past the last page is empty: ", `{"past_last":"empty"}`, "", []named{
		{"page 99", "page=99", exact(168), options{}},
		{"page 10", "page=10", exact(168), options{}},
		{"row 500", "row=500", exact(168), options{}},
		{"page 99 of none", "page=99", exact(0), options{}},
		{"a page beyond 64 bits", "page=9999999999999999999999", exact(168), options{}},
		{"nobody has counted", "page=5", total(paging.TotalNone, 0, 0), options{received: new(0)}},
	}},
	{"by offset, past the last page is empty: ", `{"addressing":"offset","past_last":"empty"}`, "", []named{
		{"offset 500", "offset=500", exact(168), options{}},
		{"offset 168", "offset=168", exact(168), options{}},
		{"an offset beyond 64 bits", "offset=9999999999999999999999", exact(168), options{}},
	}},
	{"past the last page is refuse: ", `{"past_last":"refuse"}`, "", []named{
		{"page 99", "page=99", exact(168), options{}},
		{"page 10", "page=10", exact(168), options{}},
		{"row 500", "row=500", exact(168), options{}},
		{"page 99 of none", "page=99", exact(0), options{}},
		{"a page beyond 64 bits", "page=9999999999999999999999", exact(168), options{}},
		{"nobody has counted", "page=5", total(paging.TotalNone, 0, 0), options{received: new(0)}},
	}},
	{"by offset, past the last page is refuse: ", `{"addressing":"offset","past_last":"refuse"}`, "", []named{
		{"offset 500", "offset=500", exact(168), options{}},
		{"offset 168", "offset=168", exact(168), options{}},
		{"an offset beyond 64 bits", "offset=9999999999999999999999", exact(168), options{}},
	}},
	{"by offset: ", `{"addressing":"offset"}`, "", []named{
		{"nothing given", "", exact(168), options{}},
		{"offset 40", "offset=40", exact(168), options{}},
		{"offset 45 is rounded", "offset=45", exact(168), options{}},
		{"an offset below zero", "offset=-1", exact(168), options{}},
		{"an offset that is no number", "offset=x", exact(168), options{}},
		{"a limit", "offset=40&limit=10", exact(168), options{}},
		{"a page is unknown", "page=3", exact(168), options{}},
		{"row 45", "row=45", exact(168), options{}},
		{"nobody has counted", "offset=2000000", total(paging.TotalNone, 0, 0), options{}},
		{"an offset at the end of 64 bits", "offset=9223372036854775807", total(paging.TotalNone, 0, 0), options{}},
	}},
	{"by offset as it is: ", `{"addressing":"offset","offset_as_is":true}`, "", []named{
		{"offset 45", "offset=45", exact(168), options{}},
		{"offset 5", "offset=5", exact(168), options{}},
		{"offset 165", "offset=165", exact(168), options{}},
		{"offset 168", "offset=168", exact(168), options{}},
		{"offset 500", "offset=500", exact(168), options{}},
	}},
	{"by cursor: ", `{"addressing":"cursor","key":["id"],"sorts":[{"key":"vessel"},{"key":"tonnage"}],"show":["id","vessel"]}`, "", []named{
		{"the first page", "", total(paging.TotalNone, 0, 0), options{received: new(21), first: values("1"), last: values("20")}},
		{"the first page is all", "", total(paging.TotalNone, 0, 0), options{received: new(3), first: values("1"), last: values("3")}},
		{"no record", "", total(paging.TotalNone, 0, 0), options{received: new(0)}},
		{"it was counted", "", exact(168), options{first: values("1"), last: values("20")}},
		{"row 41", "row=41", total(paging.TotalNone, 0, 0), options{received: new(21), first: values("41"), last: values("60")}},
		{"an empty cursor", "after=", total(paging.TotalNone, 0, 0), options{received: new(21)}},
		{"a cursor that is none", "after=nothing", total(paging.TotalNone, 0, 0), options{received: new(21)}},
		{"a page is unknown", "page=3", total(paging.TotalNone, 0, 0), options{received: new(21)}},
		{"sorted by a field that is not shown", "sort=tonnage", total(paging.TotalNone, 0, 0), options{received: new(21), first: values("5", "1"), last: values("9", "20")}},
		{"a value too long for a cursor", "sort=vessel", total(paging.TotalNone, 0, 0), options{received: new(21), first: values(strings.Repeat("x", 1100), "1"), last: values("Tern", "20")}},
		{"a value that is missing", "sort=vessel", total(paging.TotalNone, 0, 0), options{received: new(21), first: values("-", "1"), last: values("Tern", "20")}},
		{"after a record", "after=@behind:id:20", total(paging.TotalNone, 0, 0), options{received: new(21), first: values("21"), last: values("40"), behind: true}},
		{"before a record", "before=@before:id:21", total(paging.TotalNone, 0, 0), options{received: new(20), first: values("1"), last: values("20"), behind: true}},
		{"before a record, more precede", "before=@before:id:41", total(paging.TotalNone, 0, 0), options{received: new(21), first: values("21"), last: values("40"), behind: true}},
		{"after the last record", "after=@behind:id:168", total(paging.TotalNone, 0, 0), options{received: new(0), behind: true}},
		{"a cursor of another order", "after=@behind:-id:20", total(paging.TotalNone, 0, 0), options{received: new(21)}},
		{"two cursors", "after=@behind:id:20&before=@before:id:60", total(paging.TotalNone, 0, 0), options{received: new(21)}},
		{"a cursor and a row", "after=@behind:id:20&row=5", total(paging.TotalNone, 0, 0), options{received: new(21)}},
		{"a cursor given twice", "after=x&after=@behind:id:20", total(paging.TotalNone, 0, 0), options{received: new(21)}},
		{"a cursor with a line break in it", "after=%0A@behind:id:20", total(paging.TotalNone, 0, 0), options{received: new(21)}},
		{"a cursor with another size", "after=@behind:id:20&size=50", total(paging.TotalNone, 0, 0), options{received: new(51), first: values("21"), last: values("70"), behind: true}},
		{"a cursor, and it was counted", "after=@behind:id:20", exact(168), options{received: new(21), first: values("21"), last: values("40"), behind: true}},
	}},
	{"pages and cursors: ", `{"key":["id"],"params":{"after":"after","before":"before"}}`, "", []named{
		{"a page", "page=3", exact(168), options{first: values("41"), last: values("60")}},
		{"after a record", "after=@behind:id:20", exact(168), options{received: new(21), first: values("21"), last: values("40"), behind: true}},
		{"a cursor and a page", "after=@behind:id:20&page=2", exact(168), options{}},
	}},
	{"only after: ", `{"key":["id"],"params":{"after":"from"}}`, "", []named{
		{"a page", "page=3", exact(168), options{first: values("41"), last: values("60")}},
		{"after a record", "from=@behind:id:20", exact(168), options{received: new(21), first: values("21"), last: values("40"), behind: true}},
	}},
	{"fields: ", `{"show":["vessel","berth","löschung"],"filters":[{"field":"berth"}]}`, "", []named{
		{"none asked for", "", exact(5), options{}},
		{"two", "fields=berth,vessel", exact(5), options{}},
		{"one twice", "fields=berth,berth", exact(5), options{}},
		{"an unknown one", "fields=berth,colour", exact(5), options{}},
		{"only unknown ones", "fields=colour", exact(5), options{}},
		{"empty", "fields=", exact(5), options{}},
		{"a letter beyond ASCII", "fields=l%C3%B6schung", exact(5), options{}},
		{"given twice", "fields=berth&fields=vessel", exact(5), options{}},
	}},
	{"direction: ", `{"params":{"direction":"order"},"key":["id"],"sorts":[{"key":"vessel"},{"key":"tonnage","first":"desc"}],"default_sort":"vessel,-tonnage"}`, "", []named{
		{"down", "order=desc", exact(5), options{}},
		{"down with a sort", "sort=vessel&order=desc", exact(5), options{}},
		{"its first direction", "sort=tonnage", exact(5), options{}},
		{"up", "sort=tonnage&order=asc", exact(5), options{}},
		{"sideways", "sort=tonnage&order=sideways", exact(5), options{}},
		{"empty", "order=", exact(5), options{}},
		{"a minus counts", "sort=-vessel&order=asc", exact(5), options{}},
	}},
	{"unknown parameters ride: ", `{"unknown":"ride","ride_along":["theme"]}`, "", []named{
		{"one", "x=1&page=2", exact(168), options{}},
		{"one that may ride", "theme=dark&page=2", exact(168), options{}},
		{"the same twice", "x=1&x=2", exact(168), options{}},
	}},
	{"unknown parameters note: ", `{"unknown":"note","ride_along":["theme"]}`, "", []named{
		{"one", "x=1&page=2", exact(168), options{}},
		{"one that may ride", "theme=dark&page=2", exact(168), options{}},
		{"the same twice", "x=1&x=2", exact(168), options{}},
	}},
	{"unknown parameters drop: ", `{"unknown":"drop","ride_along":["theme"]}`, "", []named{
		{"one", "x=1&page=2", exact(168), options{}},
		{"one that may ride", "theme=dark&page=2", exact(168), options{}},
		{"the same twice", "x=1&x=2", exact(168), options{}},
	}},
	{"unknown parameters refuse: ", `{"unknown":"refuse","ride_along":["theme"]}`, "", []named{
		{"one", "x=1&page=2", exact(168), options{}},
		{"one that may ride", "theme=dark&page=2", exact(168), options{}},
		{"the same twice", "x=1&x=2", exact(168), options{}},
	}},
	{"keep declared: ", `{"keep":{"what":"declared"},"filters":[{"field":"berth"}]}`, "", []named{
		{"others go", "x=1&berth=N4&page=2", exact(168), options{}},
	}},
	{"keep listed: ", `{"keep":{"what":"listed","names":["x"]},"filters":[{"field":"berth"}]}`, "", []named{
		{"others go", "x=1&y=2&berth=N4&page=2", exact(168), options{}},
	}},
	{"first page bare: ", `{"first_page_bare":true}`, "", []named{
		{"page 2", "page=2&a=1", exact(168), options{}},
		{"page 1", "page=1", exact(168), options{}},
		{"nothing else in the query", "page=2", exact(168), options{}},
	}},
	{"aside: ", `{"filters":[{"field":"pl.own"}]}`, "pl.", []named{
		{"it rides", "pl.explain=true&page=2", exact(168), options{}},
		{"it is left off links to others", "pl.explain=true&page=2", exact(168), options{base: "/x", outside: true}},
		{"a field of such a name", "field.pl.own=x", exact(1), options{}},
	}},
	{"words in en: ", `{"ladder":{"gap_links":true}}`, "", []named{
		{"page 9 of many", "page=9", exact(3456), options{language: "en"}},
		{"one record", "", exact(1), options{language: "en"}},
		{"two records", "", exact(2), options{language: "en"}},
		{"five records", "", exact(5), options{language: "en"}},
		{"eleven records", "", exact(11), options{language: "en"}},
		{"a hundred records", "page=2", exact(100), options{language: "en"}},
		{"none", "", exact(0), options{language: "en"}},
		{"two million", "page=3", exact(2000000), options{language: "en"}},
		{"at least", "page=3", total(paging.TotalAtLeast, 12345, 0), options{received: new(21), language: "en"}},
		{"nobody has counted", "page=30", total(paging.TotalNone, 0, 0), options{received: new(21), language: "en"}},
	}},
	{"words in en, left empty: ", `{"past_last":"empty"}`, "", []named{
		{"past the last page", "page=99", exact(168), options{language: "en"}},
		{"past the only record", "page=99", exact(1), options{language: "en"}},
	}},
	{"words in de: ", `{"ladder":{"gap_links":true}}`, "", []named{
		{"page 9 of many", "page=9", exact(3456), options{language: "de"}},
		{"one record", "", exact(1), options{language: "de"}},
		{"two records", "", exact(2), options{language: "de"}},
		{"five records", "", exact(5), options{language: "de"}},
		{"eleven records", "", exact(11), options{language: "de"}},
		{"a hundred records", "page=2", exact(100), options{language: "de"}},
		{"none", "", exact(0), options{language: "de"}},
		{"two million", "page=3", exact(2000000), options{language: "de"}},
		{"at least", "page=3", total(paging.TotalAtLeast, 12345, 0), options{received: new(21), language: "de"}},
		{"nobody has counted", "page=30", total(paging.TotalNone, 0, 0), options{received: new(21), language: "de"}},
	}},
	{"words in de, left empty: ", `{"past_last":"empty"}`, "", []named{
		{"past the last page", "page=99", exact(168), options{language: "de"}},
		{"past the only record", "page=99", exact(1), options{language: "de"}},
	}},
	{"words in fr: ", `{"ladder":{"gap_links":true}}`, "", []named{
		{"page 9 of many", "page=9", exact(3456), options{language: "fr"}},
		{"one record", "", exact(1), options{language: "fr"}},
		{"two records", "", exact(2), options{language: "fr"}},
		{"five records", "", exact(5), options{language: "fr"}},
		{"eleven records", "", exact(11), options{language: "fr"}},
		{"a hundred records", "page=2", exact(100), options{language: "fr"}},
		{"none", "", exact(0), options{language: "fr"}},
		{"two million", "page=3", exact(2000000), options{language: "fr"}},
		{"at least", "page=3", total(paging.TotalAtLeast, 12345, 0), options{received: new(21), language: "fr"}},
		{"nobody has counted", "page=30", total(paging.TotalNone, 0, 0), options{received: new(21), language: "fr"}},
	}},
	{"words in fr, left empty: ", `{"past_last":"empty"}`, "", []named{
		{"past the last page", "page=99", exact(168), options{language: "fr"}},
		{"past the only record", "page=99", exact(1), options{language: "fr"}},
	}},
	{"words in es: ", `{"ladder":{"gap_links":true}}`, "", []named{
		{"page 9 of many", "page=9", exact(3456), options{language: "es"}},
		{"one record", "", exact(1), options{language: "es"}},
		{"two records", "", exact(2), options{language: "es"}},
		{"five records", "", exact(5), options{language: "es"}},
		{"eleven records", "", exact(11), options{language: "es"}},
		{"a hundred records", "page=2", exact(100), options{language: "es"}},
		{"none", "", exact(0), options{language: "es"}},
		{"two million", "page=3", exact(2000000), options{language: "es"}},
		{"at least", "page=3", total(paging.TotalAtLeast, 12345, 0), options{received: new(21), language: "es"}},
		{"nobody has counted", "page=30", total(paging.TotalNone, 0, 0), options{received: new(21), language: "es"}},
	}},
	{"words in es, left empty: ", `{"past_last":"empty"}`, "", []named{
		{"past the last page", "page=99", exact(168), options{language: "es"}},
		{"past the only record", "page=99", exact(1), options{language: "es"}},
	}},
	{"words in ar: ", `{"ladder":{"gap_links":true}}`, "", []named{
		{"page 9 of many", "page=9", exact(3456), options{language: "ar"}},
		{"one record", "", exact(1), options{language: "ar"}},
		{"two records", "", exact(2), options{language: "ar"}},
		{"five records", "", exact(5), options{language: "ar"}},
		{"eleven records", "", exact(11), options{language: "ar"}},
		{"a hundred records", "page=2", exact(100), options{language: "ar"}},
		{"none", "", exact(0), options{language: "ar"}},
		{"two million", "page=3", exact(2000000), options{language: "ar"}},
		{"at least", "page=3", total(paging.TotalAtLeast, 12345, 0), options{received: new(21), language: "ar"}},
		{"nobody has counted", "page=30", total(paging.TotalNone, 0, 0), options{received: new(21), language: "ar"}},
	}},
	{"words in ar, left empty: ", `{"past_last":"empty"}`, "", []named{
		{"past the last page", "page=99", exact(168), options{language: "ar"}},
		{"past the only record", "page=99", exact(1), options{language: "ar"}},
	}},
	{"words in ja: ", `{"ladder":{"gap_links":true}}`, "", []named{
		{"page 9 of many", "page=9", exact(3456), options{language: "ja"}},
		{"one record", "", exact(1), options{language: "ja"}},
		{"two records", "", exact(2), options{language: "ja"}},
		{"five records", "", exact(5), options{language: "ja"}},
		{"eleven records", "", exact(11), options{language: "ja"}},
		{"a hundred records", "page=2", exact(100), options{language: "ja"}},
		{"none", "", exact(0), options{language: "ja"}},
		{"two million", "page=3", exact(2000000), options{language: "ja"}},
		{"at least", "page=3", total(paging.TotalAtLeast, 12345, 0), options{received: new(21), language: "ja"}},
		{"nobody has counted", "page=30", total(paging.TotalNone, 0, 0), options{received: new(21), language: "ja"}},
	}},
	{"words in ja, left empty: ", `{"past_last":"empty"}`, "", []named{
		{"past the last page", "page=99", exact(168), options{language: "ja"}},
		{"past the only record", "page=99", exact(1), options{language: "ja"}},
	}},
	{"ladder, no reach and no tips: ", `{"ladder":{"reach":0,"tips":0}}`, "", []named{
		{"the only page", "", exact(5), options{}},
		{"page 1 of 30", "", exact(600), options{}},
		{"page 5 of 30", "page=5", exact(600), options{}},
		{"page 15 of 30", "page=15", exact(600), options{}},
		{"page 30 of 30", "page=30", exact(600), options{}},
		{"8 pages", "page=4", exact(160), options{}},
		{"open", "page=15", total(paging.TotalNone, 0, 0), options{received: new(21)}},
	}},
	{"ladder, not steady: ", `{"ladder":{"steady":false}}`, "", []named{
		{"the only page", "", exact(5), options{}},
		{"page 1 of 30", "", exact(600), options{}},
		{"page 5 of 30", "page=5", exact(600), options{}},
		{"page 15 of 30", "page=15", exact(600), options{}},
		{"page 30 of 30", "page=30", exact(600), options{}},
		{"8 pages", "page=4", exact(160), options{}},
		{"open", "page=15", total(paging.TotalNone, 0, 0), options{received: new(21)}},
	}},
	{"ladder, wide: ", `{"ladder":{"reach":4,"tips":2}}`, "", []named{
		{"the only page", "", exact(5), options{}},
		{"page 1 of 30", "", exact(600), options{}},
		{"page 5 of 30", "page=5", exact(600), options{}},
		{"page 15 of 30", "page=15", exact(600), options{}},
		{"page 30 of 30", "page=30", exact(600), options{}},
		{"8 pages", "page=4", exact(160), options{}},
		{"open", "page=15", total(paging.TotalNone, 0, 0), options{received: new(21)}},
	}},
	{"ladder, gaps are links: ", `{"ladder":{"gap_links":true,"tips":0}}`, "", []named{
		{"the only page", "", exact(5), options{}},
		{"page 1 of 30", "", exact(600), options{}},
		{"page 5 of 30", "page=5", exact(600), options{}},
		{"page 15 of 30", "page=15", exact(600), options{}},
		{"page 30 of 30", "page=30", exact(600), options{}},
		{"8 pages", "page=4", exact(160), options{}},
		{"open", "page=15", total(paging.TotalNone, 0, 0), options{received: new(21)}},
	}},
	{"ladder, ends: ", `{"ladder":{"ends":true}}`, "", []named{
		{"the only page", "", exact(5), options{}},
		{"page 1 of 30", "", exact(600), options{}},
		{"page 5 of 30", "page=5", exact(600), options{}},
		{"page 15 of 30", "page=15", exact(600), options{}},
		{"page 30 of 30", "page=30", exact(600), options{}},
		{"8 pages", "page=4", exact(160), options{}},
		{"open", "page=15", total(paging.TotalNone, 0, 0), options{received: new(21)}},
	}},
	{"ladder, no ends: ", `{"ladder":{"ends":false}}`, "", []named{
		{"the only page", "", exact(5), options{}},
		{"page 1 of 30", "", exact(600), options{}},
		{"page 5 of 30", "page=5", exact(600), options{}},
		{"page 15 of 30", "page=15", exact(600), options{}},
		{"page 30 of 30", "page=30", exact(600), options{}},
		{"8 pages", "page=4", exact(160), options{}},
		{"open", "page=15", total(paging.TotalNone, 0, 0), options{received: new(21)}},
	}},
	{"ladder, lone: ", `{"ladder":{"lone":true}}`, "", []named{
		{"the only page", "", exact(5), options{}},
		{"page 1 of 30", "", exact(600), options{}},
		{"page 5 of 30", "page=5", exact(600), options{}},
		{"page 15 of 30", "page=15", exact(600), options{}},
		{"page 30 of 30", "page=30", exact(600), options{}},
		{"8 pages", "page=4", exact(160), options{}},
		{"open", "page=15", total(paging.TotalNone, 0, 0), options{received: new(21)}},
	}},
	{"template: ", harbour, "", []named{
		{"page 2", "page=2", exact(168), options{base: "/arrivals/page/{page}{?size,sort,berth*}"}},
		{"with filters", "page=2&berth=N4&berth=N5&tonnage.min=5", exact(168), options{base: "/arrivals/page/{page}{?size,sort,berth*}"}},
		{"a value that is two dots", "berth=..&page=2", exact(168), options{base: "/a{/berth}"}},
		{"one value only", "berth=N4&berth=N5", exact(168), options{base: "/a{?berth}"}},
		{"no page in it", "page=2", exact(168), options{base: "/a{?sort}"}},
		{"a letter beyond ASCII", "berth=%C3%98&page=2", exact(168), options{base: "/arrivals/page/{page}{?size,sort,berth*}"}},
		{"a byte that is no UTF-8", "theme=%FF&page=2", exact(168), options{base: "/a{?theme}"}},
		{"a label and a path", "page=2&size=50", exact(168), options{base: "/a{.size}{/page}"}},
		{"a parameter of the path", "page=2&size=50", exact(168), options{base: "/a{;size}/{page}"}},
	}},
	{"base: ", `{"origins":["https://saltmere.example"]}`, "", []named{
		{"a path", "page=2", exact(168), options{base: "/arrivals"}},
		{"a path with a query", "page=2", exact(168), options{base: "/arrivals?a=1"}},
		{"a path with letters beyond ASCII", "page=2", exact(168), options{base: "/häfen"}},
		{"an allowed origin", "page=2", exact(168), options{base: "https://saltmere.example/a"}},
		{"an origin in capitals", "page=2", exact(168), options{base: "HTTPS://saltmere.example/a"}},
		{"another origin", "page=2", exact(168), options{base: "https://other.example/a"}},
		{"another port", "page=2", exact(168), options{base: "https://saltmere.example:8443/a"}},
		{"two slashes", "page=2", exact(168), options{base: "//saltmere.example/a"}},
		{"a backslash", "page=2", exact(168), options{base: "/\\saltmere.example"}},
		{"a fragment", "page=2", exact(168), options{base: "/a#b"}},
		{"a space", "page=2", exact(168), options{base: "/a b"}},
		{"a user", "page=2", exact(168), options{base: "https://me@saltmere.example/"}},
		{"neither path nor URL", "page=2", exact(168), options{base: "arrivals"}},
		{"no scheme for pages", "page=2", exact(168), options{base: "javascript:alert(1)"}},
		{"reserved expansion", "page=2", exact(168), options{base: "/{+page}"}},
		{"a fragment expansion", "page=2", exact(168), options{base: "/a{#page}"}},
		{"a prefix", "page=2", exact(168), options{base: "/{page:3}"}},
		{"an open brace", "page=2", exact(168), options{base: "/a{"}},
		{"a closing brace", "page=2", exact(168), options{base: "/a}"}},
		{"no variable", "page=2", exact(168), options{base: "/a{}"}},
		{"an expression in the host", "page=2", exact(168), options{base: "https://{page}.example/"}},
		{"an expression that makes two slashes", "page=2", exact(168), options{base: "/{page}/"}},
		{"broken escapes in a URL", "page=2", exact(168), options{base: "https://saltmere.example/%zz"}},
	}},
	{"with another filter: ", harbour, "", []named{
		{"added", "page=3", exact(168), options{with: &vectors.Change{Param: "berth", Values: []string{"N4"}}}},
		{"replaced in its place", "berth=N4&page=3&a=1", exact(168), options{with: &vectors.Change{Param: "berth", Values: []string{"N5", "ö &"}}}},
		{"removed", "berth=N4&page=3", exact(168), options{with: &vectors.Change{Param: "berth", Values: []string{}}}},
		{"another size", "page=3", exact(168), options{with: &vectors.Change{Param: "size", Values: []string{"50"}}}},
	}},
	{"wrong rules: ", `{"params":{"page":"p","size":"p"}}`, "", []named{
		{"two parameters of one name", "page=2", exact(168), options{}},
	}},
	{"wrong rules: ", `{"addressing":"pages"}`, "", []named{
		{"an unknown addressing", "page=2", exact(168), options{}},
	}},
	{"wrong rules: ", `{"size":{"cap":10,"default":50}}`, "", []named{
		{"a default over the cap", "page=2", exact(168), options{}},
	}},
	{"wrong rules: ", `{"size":{"offered":[10,10]}}`, "", []named{
		{"sizes twice", "page=2", exact(168), options{}},
	}},
	{"wrong rules: ", `{"size":{"cap":10,"offered":[50]}}`, "", []named{
		{"a size over the cap", "page=2", exact(168), options{}},
	}},
	{"wrong rules: ", `{"size":{"offered":[10],"closed":true}}`, "", []named{
		{"a default that is not offered", "page=2", exact(168), options{}},
	}},
	{"wrong rules: ", `{"sorts":[{"key":"-a"}]}`, "", []named{
		{"a key that begins with a minus", "page=2", exact(168), options{}},
	}},
	{"wrong rules: ", `{"sorts":[{"key":"a"},{"key":"a"}]}`, "", []named{
		{"a key twice", "page=2", exact(168), options{}},
	}},
	{"wrong rules: ", `{"default_sort":"x"}`, "", []named{
		{"a default sort by nothing", "page=2", exact(168), options{}},
	}},
	{"wrong rules: ", `{"max_sort_keys":11}`, "", []named{
		{"too many sort keys", "page=2", exact(168), options{}},
	}},
	{"wrong rules: ", `{"filters":[{"field":"a","type":"float"}]}`, "", []named{
		{"an unknown type", "page=2", exact(168), options{}},
	}},
	{"wrong rules: ", `{"filters":[{"field":"a","operators":["near"]}]}`, "", []named{
		{"an unknown operator", "page=2", exact(168), options{}},
	}},
	{"wrong rules: ", `{"filters":[{"field":"a","operators":["equals","equals"]}]}`, "", []named{
		{"an operator twice", "page=2", exact(168), options{}},
	}},
	{"wrong rules: ", `{"filters":[{"field":"a","type":"json","operators":["none","none"]}]}`, "", []named{
		{"more operators than there are", "page=2", exact(168), options{}},
	}},
	{"wrong rules: ", `{"filters":[{"field":""}]}`, "", []named{
		{"a field without a name", "page=2", exact(168), options{}},
	}},
	{"wrong rules: ", `{"key":["a","a"]}`, "", []named{
		{"a field twice", "page=2", exact(168), options{}},
	}},
	{"wrong rules: ", `{"filters":[{"field":"a"},{"field":"b","param":"a"}]}`, "", []named{
		{"a parameter like a filter", "page=2", exact(168), options{}},
	}},
	{"wrong rules: ", `{"faults":{"page.wrong":"mend"}}`, "", []named{
		{"an unknown code", "page=2", exact(168), options{}},
	}},
	{"wrong rules: ", `{"faults":{"page.past_last":"ask"}}`, "", []named{
		{"an unknown answer", "page=2", exact(168), options{}},
	}},
	{"wrong rules: ", `{"faults":{"offset.over_max":"mend"}}`, "", []named{
		{"what nothing mends", "page=2", exact(168), options{}},
	}},
	{"wrong rules: ", `{"faults":{"page.past_last":"refuse"},"past_last":"first"}`, "", []named{
		{"two answers to one fault", "page=2", exact(168), options{}},
	}},
	{"wrong rules: ", `{"keep":{"names":["a","ö"]}}`, "", []named{
		{"keep names without listed", "page=2", exact(168), options{}},
	}},
	{"wrong rules: ", `{"count_to":5}`, "", []named{
		{"count to without at least", "page=2", exact(168), options{}},
	}},
	{"wrong rules: ", `{"offset_as_is":true}`, "", []named{
		{"an offset as it is, by page", "page=2", exact(168), options{}},
	}},
	{"wrong rules: ", `{"ladder":{"reach":51}}`, "", []named{
		{"a reach too far", "page=2", exact(168), options{}},
	}},
	{"wrong rules: ", `{"origins":["saltmere.example"]}`, "", []named{
		{"a wrong origin", "page=2", exact(168), options{}},
	}},
	{"wrong rules: ", `{"base":"//a"}`, "", []named{
		{"a wrong base", "page=2", exact(168), options{}},
	}},
	{"wrong rules: ", `{"addressing":"cursor"}`, "", []named{
		{"cursors without a key", "page=2", exact(168), options{}},
	}},
	{"wrong rules: ", `{"params":{"page":"` + strings.Repeat("p", 201) + `"}}`, "", []named{
		{"a long name", "page=2", exact(168), options{}},
	}},
	{"wrong rules: ", `{"addressing":"x","past_last":"x","count":"x","unknown":"x","size":{"cap":-1,"all":200000},"max_offset":-1,"ladder":{"tips":11}}`, "", []named{
		{"much at once", "page=2", exact(168), options{}},
	}},
	{"wrong rules: ", `{"params":{"page":"a\u0000"}}`, "", []named{
		{"a name with NUL", "page=2", exact(168), options{}},
	}},
}
