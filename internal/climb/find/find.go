// Package find completes the description of a paged endpoint, by its first answer and by trials.
package find

import (
	"cmp"
	"context"
	"encoding/json"
	"fmt"
	"maps"
	"slices"
	"strings"

	"pageladder.example/climb/endpoint"
	"pageladder.example/internal/climb/fetch"
	"pageladder.example/internal/climb/uri"
	"pageladder.example/internal/climb/values"
)

// Finder finds out what an endpoint's description leaves open.
type Finder struct {
	*fetch.Caller
	List  fetch.List
	First *fetch.Answer[any] // the answer for a plain visitor
	found bool               // the envelope was found, not given
	short *fetch.Answer[any] // a shorter page, if a size was tried: it may have a next one
}

// detailOf is what a refusal says, after a colon; "" if it says nothing that is understood.
func detailOf(r *fetch.Reply) string {
	var said struct{ Detail, Title, Message, Error string }
	if json.Unmarshal(r.Body, &said) != nil {
		return ""
	}
	says := cmp.Or(said.Detail, said.Message, said.Error, said.Title)
	if says == "" {
		return ""
	}
	return fmt.Sprintf(": %.300s", says)
}

// Find completes the description of an endpoint by its first answer and by trials.
func Find(ctx context.Context, c *fetch.Caller, given *endpoint.Endpoint) (*Finder, error) {
	f := &Finder{Caller: c, List: fetch.ListOf(given)}
	if strings.Contains(f.List.Address, "{") && f.List.Numbered() == fetch.ByLinks {
		f.nameVariables()
	}
	r, err := c.Get(ctx, f.List.Base())
	if err != nil {
		return nil, &endpoint.NoPageError{Address: f.List.Base(), Err: err}
	}
	if r.Status != 200 {
		return nil, &endpoint.NoPageError{Address: f.List.Base(), Status: r.Status, Err: fmt.Errorf("its status is %d; right would be 200%s", r.Status, detailOf(r))}
	}
	if f.List.Format == "" {
		if f.List.Format, err = fetch.FormatOf(r); err != nil {
			return nil, &endpoint.NoPageError{Address: r.Address, Status: r.Status, Err: err}
		}
	}
	if f.List.Format == endpoint.JSON && len(f.List.Envelope) <= 1 { // otherwise the description is complete as it is
		f.found = true
		f.findEnvelope(r.Body)
	}
	for _, name := range usualTotal {
		_, given := f.List.Envelope["total_items"]
		if _, ok := values.Whole(r.Header.Get(name)); ok && f.List.TotalHeader == "" && !given {
			f.List.TotalHeader = name
		}
	}
	if _, given := f.List.Envelope["after"]; !given && f.List.AfterHeader == "" {
		f.List.AfterHeader = cursorHeader(r)
	}
	f.List.Tree = fetch.Places(&f.List)
	f.First = fetch.Read[any](r, &f.List)
	if f.First.Err != nil {
		return nil, &endpoint.NoPageError{Address: r.Address, Status: r.Status, Err: f.First.Err}
	}
	if len(f.List.Key) == 0 {
		f.findKey()
	} else if err := f.checkKey(); err != nil {
		return nil, &endpoint.NoPageError{Address: r.Address, Status: r.Status, Err: err}
	}
	if n, ok := f.First.Num("page"); ok && n == 0 && f.found {
		f.List.PagesFrom0 = true
	}
	f.findByLinks(f.First)
	err = f.findByTrial(ctx)
	if err == nil {
		f.findOnSecond(ctx)
	}
	if ctx.Err() != nil {
		return nil, ctx.Err()
	}
	return f, nil // if trials end early, less is found
}

// cursorHeader is the header that looks as if it held the next page's cursor; "" if there is none.
func cursorHeader(r *fetch.Reply) string {
	for _, name := range slices.Sorted(maps.Keys(r.Header)) {
		known := Same(name)
		for _, usual := range []string{"cursor", "pagetoken", "nexttoken", "continu", "nextpage", "nextafter"} {
			if value := r.Header.Get(name); strings.Contains(known, usual) && value != "" && !strings.Contains(value, "://") && len(value) < uri.MaxBytes {
				return name
			}
		}
	}
	return ""
}

// findOnSecond looks for more on a page that is not the first.
func (f *Finder) findOnSecond(ctx context.Context) {
	next := f.First.Next(&f.List)
	if next == "" && f.short != nil {
		next = f.short.Next(&f.List)
	}
	if !f.found || next == "" {
		return
	}
	r, err := f.Get(ctx, next)
	if err != nil {
		return // the walk will show
	}
	if a := fetch.Read[any](r, &f.List); a.OK() {
		f.learn(a)
	}
}

// nameVariables takes the variables of a template for parameters of these names.
func (f *Finder) nameVariables() {
	for v := range strings.FieldsFuncSeq(f.List.Address, func(r rune) bool { return strings.ContainsRune("{}?&/,*=", r) }) {
		for _, known := range []struct {
			param *string
			usual []string
		}{{&f.List.Params.Page, UsualParams.page}, {&f.List.Params.Size, UsualParams.size}, {&f.List.Params.Offset, UsualParams.offset}, {&f.List.Params.Sort, UsualParams.Sort}} {
			if *known.param == "" && slices.Contains(known.usual, v) && strings.Contains(f.List.Address, v+"}") || strings.Contains(f.List.Address, v+",") && slices.Contains(known.usual, v) {
				*known.param = v
			}
		}
	}
}

// findKey chooses a field that differs in all records of the first answer. The walk shows whether
// it does in all others.
func (f *Finder) findKey() {
	if len(f.First.Records) == 0 {
		return
	}
	object, ok := f.First.Records[0].(map[string]any)
	if !ok {
		return
	}
	rank := func(field string) int {
		name := Same(field)
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
		if rank(field) >= 0 && (best == "" || rank(field) < rank(best)) && distinct(f.First.Records, field) {
			best = field
		}
	}
	if best != "" {
		f.List.Key = []string{best}
	}
}

// checkKey checks that records have the fields of the key; otherwise all of them would be one.
func (f *Finder) checkKey() error {
	for _, field := range f.List.Key {
		if len(f.First.Records) > 0 && !slices.ContainsFunc(f.First.Records, func(r any) bool { return values.FieldOf(r, field) != nil }) {
			return fmt.Errorf("none of its records has the field %.60q of the key", field)
		}
	}
	return nil
}

// distinct reports whether a field is there, and differs, in each record.
func distinct(records []any, field string) bool {
	seen := map[string]bool{}
	for _, r := range records {
		text, ok := values.Plain(values.FieldOf(r, field))
		if !ok || seen[text] {
			return false
		}
		seen[text] = true
	}
	return true
}

// findByLinks learns parameters from the address of the next page.
func (f *Finder) findByLinks(from *fetch.Answer[any]) {
	p := &f.List.Params
	next := from.Steps["next"]
	if next == "" || p.Page+p.Offset+p.After != "" {
		return
	}
	rows := int64(len(from.Records))
	cursor, _ := values.Plain(from.Stated["after"])
	offset, size := "", ""
	for _, pair := range uri.Changed(from.Address, next) {
		n, isNumber := values.Whole(pair.Value)
		switch {
		case pair.Value == cursor && cursor != "" || !isNumber && slices.Contains(UsualParams.after, pair.Name):
			p.After = pair.Name
		case !isNumber:
		case slices.Contains(UsualParams.size, pair.Name) && n >= rows:
			size = pair.Name
		case slices.Contains(UsualParams.offset, pair.Name):
			offset, f.List.RowsFrom1 = pair.Name, n == rows+1
		case n == 2, n == 1 && slices.Contains(UsualParams.page, pair.Name):
			p.Page, f.List.PagesFrom0 = pair.Name, n == 1
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
func (f *Finder) findTemplate(next string) {
	path, q, _ := strings.Cut(next, "?")
	head, last := path[:strings.LastIndexByte(path, '/')+1], path[strings.LastIndexByte(path, '/')+1:]
	own, _, _ := strings.Cut(f.First.Address, "?")
	if last != "2" || strings.HasSuffix(own, "/2") {
		return
	}
	f.List.Address = head + "{page}"
	if q != "" {
		f.List.Address += "?" + q
	}
	f.List.Params.Page = "page"
}

// PageSize is how many records a full page has.
func (f *Finder) PageSize() int64 {
	for _, name := range []string{"size", "limit"} {
		if n, ok := f.First.Num(name); ok && n > 0 {
			return n
		}
	}
	return int64(len(f.First.Records))
}

// Begins is how many records and pages come before the first answer, where it says so: the address
// may be of a page in the middle.
func (f *Finder) Begins() (records, pages int64) {
	if n, ok := f.First.Num("page"); ok {
		pages = max(n-1, 0)
		if f.List.PagesFrom0 {
			pages = max(n, 0)
		}
		records = pages * f.PageSize()
	}
	if n, ok := f.First.Num("offset"); ok {
		records = max(n, 0)
	}
	if n, ok := f.First.Num("first_row"); ok {
		records = max(n-1, 0)
	}
	return records, pages
}
