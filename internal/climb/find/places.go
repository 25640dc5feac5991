package find

import (
	"bytes"
	"encoding/json"
	"maps"
	"slices"
	"strings"

	"pageladder.example/internal/climb/fetch"
	"pageladder.example/internal/climb/values"
)

// This file finds where an answer has its records and everything else.

// What lists are usually called, likelier names first; compared without case, "_" and "-".
var (
	usualRecords = []string{"records", "items", "data", "results", "rows", "entries", "list", "hits", "content", "values", "elements", "members", "docs", "documents", "objects", "nodes", "edges"}
	usualKeys    = []string{"id", "key", "uuid", "guid", "code", "slug", "number", "no", "ref", "name"}
	usualTotal   = []string{"X-Total-Count", "Total-Count"}

	// usual are the names under which answers usually have what an envelope can map.
	usual = map[string][]string{
		"total_items": {"totalitems", "total", "totalcount", "totalrecords", "totalresults", "count"},
		"total_pages": {"totalpages", "pages", "pagecount", "lastpage"},
		"page":        {"page", "currentpage", "pagenumber", "pageno", "pageindex"},
		"size":        {"size", "pagesize", "perpage", "itemsperpage"},
		"limit":       {"limit"},
		"offset":      {"offset", "skip"},
		"first_row":   {"firstrow", "from", "firstitem", "startindex", "start"},
		"last_row":    {"lastrow", "to", "lastitem"},
		"rows_here":   {"rowshere", "returned"},
		"is_first":    {"isfirst", "first"},
		"is_last":     {"islast", "last"},
		"has_next":    {"hasnext", "hasmore", "more", "hasnextpage"},
		"has_prev":    {"hasprev", "hasprevious", "hasprevpage", "haspreviouspage"},
		"next":        {"next", "nexturl", "nextlink", "nextpage", "nexthref", "nextpageurl"},
		"prev":        {"prev", "previous", "prevurl", "previousurl", "prevlink", "previouslink", "prevpage", "prevpageurl", "previouspage"},
		"first":       {"first", "firsturl", "firstlink", "firstpageurl", "firstpage"},
		"last":        {"last", "lasturl", "lastlink", "lastpageurl", "lastpage"},
		"self":        {"self"},
		"after":       {"after", "nextcursor", "endcursor", "cursor", "nexttoken", "nextpagetoken", "continuation", "continuationtoken"},
	}

	UsualParams = struct{ page, size, offset, after, Sort []string }{
		page:   []string{"page", "p", "page_number", "pageNumber", "page[number]", "page_no", "pageNo", "page_index", "pageIndex"},
		size:   []string{"size", "per_page", "page_size", "limit", "pageSize", "perPage", "count", "page[size]", "top", "$top", "first", "take", "rows", "max_results", "maxResults"},
		offset: []string{"offset", "skip", "start", "from", "start_index", "startIndex", "$skip"},
		after:  []string{"after", "cursor", "page_token", "pageToken", "token", "next_token", "nextToken", "continuation", "continuationToken"},
		Sort:   []string{"sort", "order_by", "sort_by", "orderBy", "sortBy"},
	}
)

func Same(name string) string {
	return strings.NewReplacer("_", "", "-", "").Replace(strings.ToLower(name))
}

// fits reports whether a value is what it must be, to be what an answer has under a name.
func fits(name string, v any) bool {
	switch name {
	case "is_first", "is_last", "has_next", "has_prev":
		_, ok := v.(bool)
		return ok
	case "next", "prev", "first", "last", "self":
		address, ok := fetch.AddressIn(v)
		return v == nil || ok && (strings.HasPrefix(address, "/") || strings.HasPrefix(address, "?") || strings.HasPrefix(address, "http"))
	case "after":
		text, ok := v.(string)
		return v == nil || ok && !strings.Contains(text, "://")
	}
	_, ok := v.(json.Number)
	return ok || v == nil
}

// findEnvelope looks through the first answer, no deeper than three members.
func (f *Finder) findEnvelope(body []byte) {
	d := json.NewDecoder(bytes.NewReader(body))
	d.UseNumber()
	var all any
	if d.Decode(&all) != nil {
		return // reading it will show
	}
	if f.List.Envelope == nil {
		f.List.Envelope = map[string]string{}
	}
	records, given := f.List.Envelope["records"]
	if !given {
		path, ok := findRecords(all)
		if !ok {
			return
		}
		records = values.PointerTo(path)
		f.List.Envelope["records"] = records
	}
	f.findPlaces(all, records)
	f.drop(all)
}

// findPlaces finds the places of everything else that is not known yet.
func (f *Finder) findPlaces(all any, records string) {
	known := maps.Clone(f.List.Envelope)
	isTaken := map[string]bool{}
	for _, pointer := range known {
		isTaken[pointer] = true
	}
	found := map[string]int{} // how likely each place is; lower is likelier
	members(all, nil, records, func(path []string, v any) {
		name := Same(path[len(path)-1])
		for what, usual := range usual {
			rank := likelihood(what, usual, name)
			if _, ok := known[what]; ok || rank < 0 || !fits(what, v) || isTaken[values.PointerTo(path)] {
				continue
			}
			if v == nil {
				rank += 100
			}
			if old, ok := found[what]; !ok || rank < old {
				found[what], f.List.Envelope[what] = rank, values.PointerTo(path)
			}
		}
		if list, ok := v.([]any); ok && len(list) > 0 {
			if link, ok := list[0].(map[string]any); ok && link["rel"] != nil && link["href"] != nil {
				f.List.Envelope["links"] = values.PointerTo(path)
			}
		}
	})
}

// likelihood ranks a member's name for what it may be; -1: not that. A number with "total" in its
// name is the total or, with "page", the number of pages.
func likelihood(what string, usual []string, name string) int {
	rank := slices.Index(usual, name)
	if rank < 0 && strings.Contains(name, "total") && (what == "total_items" && !strings.Contains(name, "page") || what == "total_pages" && strings.Contains(name, "page")) {
		return len(usual)
	}
	return rank
}

// learn looks on another page for what the first page does not have, such as a link to the
// previous one.
func (f *Finder) learn(a *fetch.Answer[any]) {
	d := json.NewDecoder(bytes.NewReader(a.Body))
	d.UseNumber()
	var all any
	if f.found && d.Decode(&all) == nil {
		f.findPlaces(all, f.List.Envelope["records"])
		f.List.Tree = fetch.Places(&f.List)
	}
}

// drop removes what was found under names that mean something else at this endpoint.
func (f *Finder) drop(all any) {
	number := func(name string) (int64, bool) {
		pointer, ok := f.List.Envelope[name]
		if !ok {
			return 0, false
		}
		path, _ := values.ParsePointer(pointer)
		v, _ := values.At(all, path)
		return values.Whole(v)
	}
	path, _ := values.ParsePointer(f.List.Envelope["records"])
	list, _ := values.At(all, path)
	records, _ := list.([]any)
	rows := int64(len(records))
	_, counted := f.List.Envelope["offset"]
	if from, ok := number("first_row"); ok && from == 0 && rows > 0 { // it counts from 0: an offset
		if !counted {
			f.List.Envelope["offset"] = f.List.Envelope["first_row"]
		}
		delete(f.List.Envelope, "first_row")
		delete(f.List.Envelope, "last_row")
	}
	_, counted = f.List.Envelope["first_row"]
	if from, ok := number("offset"); ok && from == 1 && rows > 0 { // it counts from 1: the first row
		if !counted {
			f.List.Envelope["first_row"] = f.List.Envelope["offset"]
		}
		delete(f.List.Envelope, "offset")
	}
	taken := map[string]bool{}
	for _, name := range slices.Sorted(maps.Keys(f.List.Envelope)) {
		pointer := f.List.Envelope[name]
		path, _ := values.ParsePointer(pointer)
		if v, _ := values.At(all, path); taken[pointer] && v == nil { // two names at one place, which decides nothing
			delete(f.List.Envelope, name)
		}
		taken[pointer] = true
	}
}

// members visits the members of objects outside the records.
func members(v any, path []string, records string, visit func(path []string, v any)) {
	object, ok := v.(map[string]any)
	if !ok || len(path) >= 3 {
		return
	}
	for _, name := range slices.Sorted(maps.Keys(object)) {
		to := append(path[:len(path):len(path)], name)
		if values.PointerTo(to) != records {
			visit(to, object[name])
			members(object[name], to, records, visit)
		}
	}
}

// findRecords chooses among an answer's arrays: by its name, else the one with most in it.
func findRecords(all any) ([]string, bool) {
	if _, ok := all.([]any); ok {
		return nil, true
	}
	var best []string
	score := -1
	members(all, nil, "-", func(path []string, v any) {
		list, ok := v.([]any)
		if !ok {
			return
		}
		points := min(len(list), 1000)
		if rank := slices.Index(usualRecords, Same(path[len(path)-1])); rank >= 0 {
			points += (len(usualRecords) - rank) * 10_000 / len(path)
		}
		if points > score {
			best, score = path, points
		}
	})
	return best, best != nil
}
