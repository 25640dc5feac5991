package climb

import (
	"bytes"
	"cmp"
	"context"
	"encoding/json"
	"errors"
	"fmt"
	"maps"
	"slices"
	"strconv"
	"strings"

	"pageladder.example/paging/query"
)

// What lists are usually called, likelier names first; compared without case, "_" and "-".
var (
	usualRecords = []string{"records", "items", "data", "results", "rows", "entries", "list", "hits", "content", "values", "elements", "members", "docs", "documents", "objects", "nodes", "edges"}
	usualKeys    = []string{"id", "key", "uuid", "guid", "code", "slug", "number", "no", "ref", "name"}
	usualTotal   = []string{"X-Total-Count", "Total-Count"}

	// usual are the names under which answers tell the things that an envelope can place.
	usual = map[string][]string{
		"total_items": {"totalitems", "total", "totalcount", "totalrecords", "totalresults", "count"},
		"total_pages": {"totalpages", "pages", "pagecount", "lastpage"},
		"page":        {"page", "currentpage", "pagenumber", "pageno", "pageindex"},
		"size":        {"size", "pagesize", "perpage", "itemsperpage"},
		"limit":       {"limit"},
		"offset":      {"offset", "skip"},
		"first_row":   {"firstrow", "from", "firstitem"},
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
		"after":       {"after", "nextcursor", "cursor", "nexttoken", "continuation"},
	}

	usualParams = struct{ page, size, offset, after, sort []string }{
		page:   []string{"page", "p", "page_number", "pageNumber", "page[number]"},
		size:   []string{"size", "per_page", "page_size", "limit", "pageSize", "perPage", "count", "page[size]"},
		offset: []string{"offset", "skip", "start", "from"},
		after:  []string{"after", "cursor", "page_token", "pageToken", "token"},
		sort:   []string{"sort", "order_by", "sort_by", "orderBy", "sortBy"},
	}
)

func same(name string) string {
	return strings.NewReplacer("_", "", "-", "").Replace(strings.ToLower(name))
}

// kinds are what a value must be, to be what an answer tells under a name.
func fits(name string, v any) bool {
	switch name {
	case "is_first", "is_last", "has_next", "has_prev":
		_, ok := v.(bool)
		return ok
	case "next", "prev", "first", "last", "self":
		address, ok := addressIn(v)
		return v == nil || ok && (strings.HasPrefix(address, "/") || strings.HasPrefix(address, "?") || strings.HasPrefix(address, "http"))
	case "after":
		text, ok := v.(string)
		return v == nil || ok && !strings.Contains(text, "://")
	}
	_, ok := v.(json.Number)
	return ok || v == nil
}

// finder finds out what an endpoint's description leaves open.
type finder struct {
	*caller
	e     Endpoint
	first *answer[any] // what a plain visitor gets
	found bool         // the envelope is found, not told
	short *answer[any] // a shorter page, if a size was tried: it may have a next one
}

// NoPageError is the error for an endpoint whose first answer is no page.
type NoPageError struct {
	Address string
	Status  int // 0: there was no answer
	Err     error
}

func (e *NoPageError) Error() string {
	return fmt.Sprintf("climb: %s gives no first page: %v", e.Address, e.Err)
}

func (e *NoPageError) Unwrap() error { return e.Err }

// detailOf is what a refusal says, after a colon; "" where it says nothing that is known.
func detailOf(r *reply) string {
	var said struct{ Detail, Title, Message, Error string }
	if json.Unmarshal(r.body, &said) != nil {
		return ""
	}
	says := cmp.Or(said.Detail, said.Message, said.Error, said.Title)
	if says == "" {
		return ""
	}
	return fmt.Sprintf(": %.300s", says)
}

// find completes an endpoint by its first answer and by trials.
func find(ctx context.Context, c *caller, told *Endpoint) (*finder, error) {
	f := &finder{caller: c, e: told.clone()}
	if strings.Contains(f.e.Address, "{") && f.e.numbered() == byNothing {
		f.nameVariables()
	}
	r, err := c.get(ctx, f.e.base())
	if err != nil {
		return nil, &NoPageError{Address: f.e.base(), Err: err}
	}
	if r.status != 200 {
		return nil, &NoPageError{f.e.base(), r.status, fmt.Errorf("its status is %d; right would be 200%s", r.status, detailOf(r))}
	}
	if f.e.Shape == "" {
		if f.e.Shape, err = shapeOf(r); err != nil {
			return nil, &NoPageError{r.address, r.status, err}
		}
	}
	if f.e.Shape == JSON && len(f.e.Envelope) <= 1 { // else what is told is all that is meant
		f.found = true
		f.findEnvelope(r.body)
	}
	for _, name := range usualTotal {
		_, told := f.e.Envelope["total_items"]
		if _, ok := whole(r.header.Get(name)); ok && f.e.TotalHeader == "" && !told {
			f.e.TotalHeader = name
		}
	}
	f.e.tree = places(&f.e)
	f.first = read[any](r, &f.e)
	if f.first.err != nil {
		return nil, &NoPageError{r.address, r.status, f.first.err}
	}
	if len(f.e.Key) == 0 {
		f.findKey()
	} else if err := f.checkKey(); err != nil {
		return nil, &NoPageError{r.address, r.status, err}
	}
	if n, ok := f.first.num("page"); ok && n == 0 && f.found {
		f.e.PagesFrom0 = true
	}
	f.findByLinks(f.first)
	err = f.findByTrial(ctx)
	if err == nil {
		f.findOnSecond(ctx)
	}
	if ctx.Err() != nil {
		return nil, ctx.Err()
	}
	return f, nil // where trials end early, less is found
}

// findOnSecond looks at a page that is not the first.
func (f *finder) findOnSecond(ctx context.Context) {
	next := f.first.next(&f.e)
	if next == "" && f.short != nil {
		next = f.short.next(&f.e)
	}
	if !f.found || next == "" {
		return
	}
	r, err := f.get(ctx, next)
	if err != nil {
		return // the walk will tell
	}
	if a := read[any](r, &f.e); a.ok() {
		f.learn(a)
	}
}

// nameVariables takes the variables of a template for parameters of these names.
func (f *finder) nameVariables() {
	for v := range strings.FieldsFuncSeq(f.e.Address, func(r rune) bool { return strings.ContainsRune("{}?&/,*=", r) }) {
		for _, known := range []struct {
			param *string
			usual []string
		}{{&f.e.Params.Page, usualParams.page}, {&f.e.Params.Size, usualParams.size}, {&f.e.Params.Offset, usualParams.offset}, {&f.e.Params.Sort, usualParams.sort}} {
			if *known.param == "" && slices.Contains(known.usual, v) && strings.Contains(f.e.Address, v+"}") || strings.Contains(f.e.Address, v+",") && slices.Contains(known.usual, v) {
				*known.param = v
			}
		}
	}
}

// findEnvelope looks through the first answer, no deeper than three members.
func (f *finder) findEnvelope(body []byte) {
	d := json.NewDecoder(bytes.NewReader(body))
	d.UseNumber()
	var all any
	if d.Decode(&all) != nil {
		return // reading it will tell
	}
	if f.e.Envelope == nil {
		f.e.Envelope = map[string]string{}
	}
	records, told := f.e.Envelope["records"]
	if !told {
		path, ok := findRecords(all)
		if !ok {
			return
		}
		records = pointerTo(path)
		f.e.Envelope["records"] = records
	}
	f.findPlaces(all, records)
	f.drop(all)
}

// findPlaces finds what else a page tells, where it is not known yet.
func (f *finder) findPlaces(all any, records string) {
	known := maps.Clone(f.e.Envelope)
	found := map[string]int{} // how likely each place is; lower is likelier
	members(all, nil, records, func(path []string, v any) {
		name := same(path[len(path)-1])
		for what, usual := range usual {
			rank := likelihood(what, usual, name)
			if _, ok := known[what]; ok || rank < 0 || !fits(what, v) {
				continue
			}
			if v == nil {
				rank += 100
			}
			if old, ok := found[what]; !ok || rank < old {
				found[what], f.e.Envelope[what] = rank, pointerTo(path)
			}
		}
		if list, ok := v.([]any); ok && len(list) > 0 {
			if link, ok := list[0].(map[string]any); ok && link["rel"] != nil && link["href"] != nil {
				f.e.Envelope["links"] = pointerTo(path)
			}
		}
	})
}

// likelihood ranks a member's name for what it may tell; -1: not that. A number whose name
// has "total" in it is the total, or with "page" the number of pages.
func likelihood(what string, usual []string, name string) int {
	rank := slices.Index(usual, name)
	if rank < 0 && strings.Contains(name, "total") && (what == "total_items" && !strings.Contains(name, "page") || what == "total_pages" && strings.Contains(name, "page")) {
		return len(usual)
	}
	return rank
}

// learn looks for what the first page does not tell, such as a link to the one before, in
// another one.
func (f *finder) learn(a *answer[any]) {
	d := json.NewDecoder(bytes.NewReader(a.body))
	d.UseNumber()
	var all any
	if f.found && d.Decode(&all) == nil {
		f.findPlaces(all, f.e.Envelope["records"])
		f.e.tree = places(&f.e)
	}
}

// drop takes back what was found under names that mean something else here.
func (f *finder) drop(all any) {
	number := func(name string) (int64, bool) {
		pointer, ok := f.e.Envelope[name]
		if !ok {
			return 0, false
		}
		path, _ := parsePointer(pointer)
		v, _ := at(all, path)
		return whole(v)
	}
	path, _ := parsePointer(f.e.Envelope["records"])
	list, _ := at(all, path)
	records, _ := list.([]any)
	rows := int64(len(records))
	if from, ok := number("first_row"); ok && from == 0 && rows > 0 { // it counts from 0: an offset
		delete(f.e.Envelope, "first_row")
		delete(f.e.Envelope, "last_row")
	}
	if pages, ok := number("total_pages"); ok && f.e.Envelope["total_pages"] == f.e.Envelope["page"] || ok && pages < 0 {
		delete(f.e.Envelope, "total_pages")
	}
	pointers := map[string]string{} // two names at one place: neither is sure, and null tells nothing
	for _, name := range slices.Sorted(maps.Keys(f.e.Envelope)) {
		pointer := f.e.Envelope[name]
		if other, taken := pointers[pointer]; taken && name != "records" {
			path, _ := parsePointer(pointer)
			if v, _ := at(all, path); v == nil {
				_ = other
				delete(f.e.Envelope, name)
			}
			continue
		}
		pointers[pointer] = name
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
		if pointerTo(to) != records {
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
		its := min(len(list), 1000)
		if rank := slices.Index(usualRecords, same(path[len(path)-1])); rank >= 0 {
			its += (len(usualRecords) - rank) * 10_000 / len(path)
		}
		if its > score {
			best, score = path, its
		}
	})
	return best, best != nil
}

// findKey chooses a field that tells the records of the first answer apart. Whether it
// does so for all of them is seen on the walk.
func (f *finder) findKey() {
	if len(f.first.records) == 0 {
		return
	}
	object, ok := f.first.records[0].(map[string]any)
	if !ok {
		return
	}
	rank := func(field string) int {
		name := same(field)
		if i := slices.Index(usualKeys, name); i >= 0 {
			return i
		}
		if strings.HasSuffix(name, "id") || strings.HasSuffix(name, "no") {
			return len(usualKeys)
		}
		return -1
	}
	best := ""
	for _, field := range slices.Sorted(maps.Keys(object)) {
		if rank(field) >= 0 && (best == "" || rank(field) < rank(best)) && distinct(f.first.records, field) {
			best = field
		}
	}
	if best != "" {
		f.e.Key = []string{best}
	}
}

// checkKey tells a field of the key that records do not have: it would make one of them all.
func (f *finder) checkKey() error {
	for _, field := range f.e.Key {
		if len(f.first.records) > 0 && !slices.ContainsFunc(f.first.records, func(r any) bool { return fieldOf(r, field) != nil }) {
			return fmt.Errorf("none of its records has the field %.60q of the key", field)
		}
	}
	return nil
}

// distinct tells whether a field is there, and differs, in each record.
func distinct(records []any, field string) bool {
	seen := map[string]bool{}
	for _, r := range records {
		text, ok := plain(fieldOf(r, field))
		if !ok || seen[text] {
			return false
		}
		seen[text] = true
	}
	return true
}

// findByLinks learns parameters from the address of the next page.
func (f *finder) findByLinks(from *answer[any]) {
	p := &f.e.Params
	next := from.steps["next"]
	if next == "" || p.Page+p.Offset+p.After != "" {
		return
	}
	rows := int64(len(from.records))
	cursor, _ := plain(from.told["after"])
	offset, size := "", ""
	for _, pair := range changed(from.address, next) {
		n, isNumber := whole(pair.Value)
		switch {
		case pair.Value == cursor && cursor != "" || !isNumber && slices.Contains(usualParams.after, pair.Name):
			p.After = pair.Name
		case !isNumber:
		case slices.Contains(usualParams.size, pair.Name) && n >= rows:
			size = pair.Name
		case slices.Contains(usualParams.offset, pair.Name):
			offset = pair.Name
		case n == 2, n == 1 && slices.Contains(usualParams.page, pair.Name):
			p.Page, f.e.PagesFrom0 = pair.Name, n == 1
		case n == rows:
			offset = pair.Name
		}
	}
	p.Offset = offset
	if size = cmp.Or(size, p.Size, p.Limit); offset != "" {
		p.Limit, p.Size = size, ""
	} else {
		p.Limit, p.Size = "", size
	}
	if p.Page+p.Offset+p.After == "" {
		f.findTemplate(next)
	}
}

// findTemplate takes a "2" that the next address has in its path for the page's number.
func (f *finder) findTemplate(next string) {
	path, q, _ := strings.Cut(next, "?")
	head, last := path[:strings.LastIndexByte(path, '/')+1], path[strings.LastIndexByte(path, '/')+1:]
	own, _, _ := strings.Cut(f.first.address, "?")
	if last != "2" || strings.HasSuffix(own, "/2") {
		return
	}
	f.e.Address = head + "{page}"
	if q != "" {
		f.e.Address += "?" + q
	}
	f.e.Params.Page = "page"
}

// trial asks with one more parameter; nil: it was refused, or cannot be read.
func (f *finder) trial(ctx context.Context, query string) (*answer[any], error) {
	r, err := f.get(ctx, f.e.base(query))
	if errors.Is(err, errTimeout) || errors.Is(err, errMoved) || errors.Is(err, errTooLong) {
		return nil, nil
	}
	if err != nil {
		return nil, err
	}
	if a := read[any](r, &f.e); a.ok() {
		return a, nil
	}
	return nil, nil
}

// findByTrial tries usual names for what is still open. A list of fewer than two records
// shows nothing.
func (f *finder) findByTrial(ctx context.Context) error {
	if len(f.first.records) < 2 {
		return nil
	}
	for _, try := range []func(context.Context) error{f.trySizes, f.tryPages, f.tryOffsets, f.tryCursors, f.trySorts, f.tryFilters} {
		if err := try(ctx); err != nil {
			return err
		}
	}
	return nil
}

// each tries names until one does what is looked for.
func (f *finder) each(ctx context.Context, names []string, value string, does func(a *answer[any]) bool) (string, error) {
	for _, name := range names {
		a, err := f.trial(ctx, query.Encode(query.Pair{Name: name, Value: value}))
		if err != nil {
			return "", err
		}
		if a != nil && does(a) {
			return name, nil
		}
	}
	return "", nil
}

func (f *finder) trySizes(ctx context.Context) (err error) {
	p := &f.e.Params
	if p.Size != "" || p.Limit != "" || f.e.Shape == HTML && f.e.numbered() == byNothing && f.first.steps["next"] == "" {
		return nil
	}
	rows := len(f.first.records)
	for _, n := range []int{rows / 2, rows * 2} { // a closed list of sizes may have only one of them
		name, err := f.each(ctx, usualParams.size, strconv.Itoa(n), func(a *answer[any]) bool {
			if len(a.records) == n && n < rows {
				f.short = a
			}
			return len(a.records) == n
		})
		if err != nil || name != "" {
			if p.Offset != "" {
				p.Limit = name
			} else {
				p.Size = name
			}
			if f.short != nil {
				f.learn(f.short)
				f.short = read[any](f.short.reply, &f.e)
				f.findByLinks(f.short)
			}
			return err
		}
	}
	return nil
}

// small is a query for pages so short that there is a second one.
func (f *finder) small() (string, int) {
	rows := len(f.first.records)
	if name := f.e.Params.sizeOf(byPage); name != "" {
		return query.Encode(query.Pair{Name: name, Value: strconv.Itoa(rows / 2)}) + "&", rows / 2
	}
	return "", rows
}

func (f *finder) tryPages(ctx context.Context) (err error) {
	p := &f.e.Params
	if p.Page != "" || p.Offset != "" || p.After != "" && f.first.steps["next"] != "" {
		return nil
	}
	small, rows := f.small()
	for _, name := range usualParams.page {
		second, err := f.beginsAt(ctx, small+query.Encode(query.Pair{Name: name, Value: "2"}))
		if err != nil {
			return err
		}
		if second == 0 || second == nothingCame {
			continue // it has no effect, or there is no such page
		}
		first, err := f.beginsAt(ctx, small+query.Encode(query.Pair{Name: name, Value: "1"}))
		if err != nil {
			return err
		}
		if first == 0 && (second == rows || second < 0 && rows == len(f.first.records)) {
			p.Page = name
			return nil
		}
		if first == rows || first < 0 && rows == len(f.first.records) && first != nothingCame {
			p.Page, f.e.PagesFrom0 = name, true
			return nil
		}
	}
	return nil
}

const nothingCame = -2

// beginsAt is where the first record of an answer stands in the first answer; -1: not there.
func (f *finder) beginsAt(ctx context.Context, query string) (int, error) {
	a, err := f.trial(ctx, query)
	if err != nil || a == nil || len(a.records) == 0 {
		return nothingCame, err
	}
	return f.indexOf(a.records[0]), nil
}

func (f *finder) tryOffsets(ctx context.Context) (err error) {
	p := &f.e.Params
	if p.Offset != "" || p.Page != "" {
		return nil
	}
	p.Offset, err = f.each(ctx, usualParams.offset, "1", func(a *answer[any]) bool {
		return len(a.records) > 0 && f.indexOf(a.records[0]) == 1
	})
	if p.Offset != "" && p.Limit == "" {
		p.Limit, p.Size = p.Size, ""
	}
	return err
}

func (f *finder) tryCursors(ctx context.Context) (err error) {
	p := &f.e.Params
	from := f.first
	if f.short != nil {
		from = f.short
	}
	cursor, ok := plain(from.told["after"])
	if !ok || cursor == "" || p.After != "" || from.steps["next"] != "" {
		return nil
	}
	p.After, err = f.each(ctx, usualParams.after, cursor, func(a *answer[any]) bool {
		at := -1
		if len(a.records) > 0 {
			at = f.indexOf(a.records[0])
		}
		return len(a.records) > 0 && (at < 0 || from == f.short && at == len(from.records))
	})
	return err
}

// indexOf is where a record stands in the first answer, -1 where it does not.
func (f *finder) indexOf(record any) int {
	its := identify(record, f.e.Key)
	return slices.IndexFunc(f.first.records, func(r any) bool { return identify(r, f.e.Key) == its })
}

// trySorts looks for an order by a field in which the records of the first answer differ.
func (f *finder) trySorts(ctx context.Context) error {
	if len(f.e.Sorts) > 0 {
		return nil
	}
	field := f.differing(func(text string) bool { _, ok := whole(text); return ok })
	if field == "" {
		field = f.differing(func(string) bool { return true })
	}
	if field == "" {
		return nil
	}
	params := usualParams.sort
	if f.e.Params.Sort != "" {
		params = []string{f.e.Params.Sort}
	}
	for _, name := range params {
		up := query.Encode(query.Pair{Name: name, Value: field})
		down := query.Encode(query.Pair{Name: name, Value: "-" + field})
		a, err := f.trial(ctx, up)
		if err != nil {
			return err
		}
		b, err := f.trial(ctx, down)
		if err != nil {
			return err
		}
		if a != nil && b != nil && rises(a.records, field, 1) && rises(b.records, field, -1) {
			f.e.Params.Sort = name
			f.e.Sorts = []Sort{{field, up, down}}
			return nil
		}
	}
	return nil
}

// rises tells whether records rise by a field (or fall, -1), and not all are equal.
func rises(records []any, field string, direction int) bool {
	moves := false
	for i := 1; i < len(records); i++ {
		c := direction * compare(fieldOf(records[i-1], field), fieldOf(records[i], field))
		if c > 0 {
			return false
		}
		moves = moves || c < 0
	}
	return moves
}

// differing is a plain field whose values differ, and all satisfy a condition.
func (f *finder) differing(is func(string) bool) string {
	object, ok := f.first.records[0].(map[string]any)
	if !ok {
		return ""
	}
	for _, field := range slices.Sorted(maps.Keys(object)) {
		values := map[string]bool{}
		right := true
		for _, r := range f.first.records {
			text, ok := plain(fieldOf(r, field))
			right = right && ok && is(text)
			values[text] = true
		}
		if right && len(values) > 1 {
			return field
		}
	}
	return ""
}

// tryFilters looks for a parameter of a field's name that leaves only some of the records.
func (f *finder) tryFilters(ctx context.Context) error {
	object, ok := f.first.records[0].(map[string]any)
	if !ok || len(f.e.Filters) > 0 {
		return nil
	}
	var all []candidate
	for _, field := range slices.Sorted(maps.Keys(object)) {
		if c, ok := f.commonest(field); ok {
			all = append(all, c)
		}
	}
	slices.SortStableFunc(all, func(a, b candidate) int { return b.rows - a.rows })
	for _, c := range all[:min(len(all), 4)] {
		a, err := f.trial(ctx, c.Query)
		if err != nil {
			return err
		}
		if a != nil && len(a.records) > 0 && !slices.ContainsFunc(a.records, func(r any) bool { return !c.lets(r) }) {
			f.e.Filters = []Filter{c.Filter}
			return nil
		}
	}
	return nil
}

// candidate is a filter that may be offered, and how many records of the first answer fit.
type candidate struct {
	Filter
	rows int
}

// commonest is a filter by a field's most frequent value, where that is not all of them.
func (f *finder) commonest(field string) (candidate, bool) {
	counts := map[string]int{}
	for _, r := range f.first.records {
		if text, ok := plain(fieldOf(r, field)); ok && text != "" && len(text) < 100 {
			counts[text]++
		}
	}
	if len(counts) < 2 || len(counts) == len(f.first.records) {
		return candidate{}, false
	}
	value := slices.MaxFunc(slices.Sorted(maps.Keys(counts)), func(a, b string) int { return counts[a] - counts[b] })
	return candidate{Filter{query.Encode(query.Pair{Name: field, Value: value}), field, value}, counts[value]}, true
}
