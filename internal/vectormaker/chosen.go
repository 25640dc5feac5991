package main

import (
	"encoding/json"
	"slices"
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
	for _, l := range lists() {
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

// lists are all lists, in the order of the file.
func lists() []list {
	return slices.Concat(counts, totals(), queries, pastLast(), addressing, unknown(), kept, languages(), ladders(), bases, wrong())
}

// totals are three kinds of total that are not counted, each with the same cases.
func totals() (all []list) {
	for _, kind := range []struct {
		name string
		t    vectors.Total
	}{{"at least 100", total(paging.TotalAtLeast, 100, 0)}, {"nothing known", total(paging.TotalNone, 0, 0)}, {"remembered", total(paging.TotalRemembered, 168, 90)}} {
		t := kind.t
		all = append(all, list{"a total of which is " + kind.name + ": ", `{}`, "", []named{
			{"before reading", "page=3", t, options{}},
			{"more follow", "page=3", t, options{received: new(21)}},
			{"the page is full and the last", "page=3", t, options{received: new(20)}},
			{"the page is short", "page=3", t, options{received: new(5)}},
			{"no record", "page=3", t, options{received: new(0)}},
			{"no record on page 1", "", t, options{received: new(0)}},
			{"far beyond", "page=60000", t, options{}},
			{"received more than were asked for", "page=3", t, options{received: new(99)}},
			{"received fewer than none", "page=3", t, options{received: new(-1)}},
		}})
	}
	return all
}

// pastLast are the answers to a page past the last one, by page and by offset.
func pastLast() (all []list) {
	for _, answer := range []string{"last", "first", "empty", "refuse"} {
		all = append(all, list{"past the last page is " + answer + ": ", `{"past_last":"` + answer + `"}`, "", []named{
			{"page 99", "page=99", exact(168), options{}},
			{"page 10", "page=10", exact(168), options{}},
			{"row 500", "row=500", exact(168), options{}},
			{"page 99 of none", "page=99", exact(0), options{}},
			{"a page beyond 64 bits", "page=9999999999999999999999", exact(168), options{}},
			{"nobody has counted", "page=5", total(paging.TotalNone, 0, 0), options{received: new(0)}},
		}}, list{"by offset, past the last page is " + answer + ": ", `{"addressing":"offset","past_last":"` + answer + `"}`, "", []named{
			{"offset 500", "offset=500", exact(168), options{}},
			{"offset 168", "offset=168", exact(168), options{}},
			{"an offset beyond 64 bits", "offset=9999999999999999999999", exact(168), options{}},
		}})
	}
	return all
}

// unknown are what becomes of unknown parameters.
func unknown() (all []list) {
	for _, answer := range []string{"ride", "note", "drop", "refuse"} {
		all = append(all, list{"unknown parameters " + answer + ": ", `{"unknown":"` + answer + `","ride_along":["theme"]}`, "", []named{
			{"one", "x=1&page=2", exact(168), options{}},
			{"one that may ride", "theme=dark&page=2", exact(168), options{}},
			{"the same twice", "x=1&x=2", exact(168), options{}},
		}})
	}
	return all
}

// languages are the words of each language.
func languages() (all []list) {
	for _, tag := range []string{"en", "de", "fr", "es", "ar", "ja"} {
		all = append(all, list{"words in " + tag + ": ", `{"ladder":{"gap_links":true}}`, "", []named{
			{"page 9 of many", "page=9", exact(3456), options{language: tag}},
			{"one record", "", exact(1), options{language: tag}},
			{"two records", "", exact(2), options{language: tag}},
			{"five records", "", exact(5), options{language: tag}},
			{"eleven records", "", exact(11), options{language: tag}},
			{"a hundred records", "page=2", exact(100), options{language: tag}},
			{"none", "", exact(0), options{language: tag}},
			{"two million", "page=3", exact(2000000), options{language: tag}},
			{"at least", "page=3", total(paging.TotalAtLeast, 12345, 0), options{received: new(21), language: tag}},
			{"nobody has counted", "page=30", total(paging.TotalNone, 0, 0), options{received: new(21), language: tag}},
		}}, list{"words in " + tag + ", left empty: ", `{"past_last":"empty"}`, "", []named{
			{"past the last page", "page=99", exact(168), options{language: tag}},
			{"past the only record", "page=99", exact(1), options{language: tag}},
		}})
	}
	return all
}

// ladders are ladders of each shape.
func ladders() (all []list) {
	for _, shape := range [][2]string{
		{"no reach and no tips", `{"reach":0,"tips":0}`},
		{"not steady", `{"steady":false}`},
		{"wide", `{"reach":4,"tips":2}`},
		{"gaps are links", `{"gap_links":true,"tips":0}`},
		{"ends", `{"ends":true}`},
		{"no ends", `{"ends":false}`},
		{"lone", `{"lone":true}`},
	} {
		all = append(all, list{"ladder, " + shape[0] + ": ", `{"ladder":` + shape[1] + `}`, "", []named{
			{"the only page", "", exact(5), options{}},
			{"page 1 of 30", "", exact(600), options{}},
			{"page 5 of 30", "page=5", exact(600), options{}},
			{"page 15 of 30", "page=15", exact(600), options{}},
			{"page 30 of 30", "page=30", exact(600), options{}},
			{"8 pages", "page=4", exact(160), options{}},
			{"open", "page=15", total(paging.TotalNone, 0, 0), options{received: new(21)}},
		}})
	}
	return all
}

// wrong are rules that are wrong.
func wrong() (all []list) {
	for _, rules := range [][2]string{
		{"two parameters of one name", `{"params":{"page":"p","size":"p"}}`},
		{"an unknown addressing", `{"addressing":"pages"}`},
		{"a default over the cap", `{"size":{"cap":10,"default":50}}`},
		{"sizes twice", `{"size":{"offered":[10,10]}}`},
		{"a size over the cap", `{"size":{"cap":10,"offered":[50]}}`},
		{"a default that is not offered", `{"size":{"offered":[10],"closed":true}}`},
		{"a key that begins with a minus", `{"sorts":[{"key":"-a"}]}`},
		{"a key twice", `{"sorts":[{"key":"a"},{"key":"a"}]}`},
		{"a default sort by nothing", `{"default_sort":"x"}`},
		{"too many sort keys", `{"max_sort_keys":11}`},
		{"an unknown type", `{"filters":[{"field":"a","type":"float"}]}`},
		{"an unknown operator", `{"filters":[{"field":"a","operators":["near"]}]}`},
		{"an operator twice", `{"filters":[{"field":"a","operators":["equals","equals"]}]}`},
		{"more operators than there are", `{"filters":[{"field":"a","type":"json","operators":["none","none"]}]}`},
		{"a field without a name", `{"filters":[{"field":""}]}`},
		{"a field twice", `{"key":["a","a"]}`},
		{"a parameter like a filter", `{"filters":[{"field":"a"},{"field":"b","param":"a"}]}`},
		{"an unknown code", `{"faults":{"page.wrong":"mend"}}`},
		{"an unknown answer", `{"faults":{"page.past_last":"ask"}}`},
		{"what nothing mends", `{"faults":{"offset.over_max":"mend"}}`},
		{"two answers to one fault", `{"faults":{"page.past_last":"refuse"},"past_last":"first"}`},
		{"keep names without listed", `{"keep":{"names":["a","ö"]}}`},
		{"count to without at least", `{"count_to":5}`},
		{"an offset as it is, by page", `{"offset_as_is":true}`},
		{"a reach too far", `{"ladder":{"reach":51}}`},
		{"a wrong origin", `{"origins":["saltmere.example"]}`},
		{"a wrong base", `{"base":"//a"}`},
		{"cursors without a key", `{"addressing":"cursor"}`},
		{"a long name", `{"params":{"page":"` + strings.Repeat("p", 201) + `"}}`},
		{"much at once", `{"addressing":"x","past_last":"x","count":"x","unknown":"x","size":{"cap":-1,"all":200000},"max_offset":-1,"ladder":{"tips":11}}`},
		{"a name with NUL", `{"params":{"page":"a\u0000"}}`},
	} {
		all = append(all, list{"wrong rules: ", rules[1], "", []named{{rules[0], "page=2", exact(168), options{}}}})
	}
	return all
}
