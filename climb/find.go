package climb

import (
	"cmp"
	"context"
	"encoding/json"
	"fmt"
	"maps"
	"slices"
	"strings"
)

// finder finds out what an endpoint's description leaves open.
type finder struct {
	*caller
	e     Endpoint
	first *answer[any] // the answer for a plain visitor
	found bool         // the envelope was found, not given
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

// detailOf is what a refusal says, after a colon; "" if it says nothing that is understood.
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

// find completes the description of an endpoint by its first answer and by trials.
func find(ctx context.Context, c *caller, told *Endpoint) (*finder, error) {
	f := &finder{caller: c, e: told.clone()}
	if strings.Contains(f.e.Address, "{") && f.e.numbered() == byLinks {
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
	if f.e.Shape == JSON && len(f.e.Envelope) <= 1 { // otherwise the description is complete as it is
		f.found = true
		f.findEnvelope(r.body)
	}
	for _, name := range usualTotal {
		_, told := f.e.Envelope["total_items"]
		if _, ok := whole(r.header.Get(name)); ok && f.e.TotalHeader == "" && !told {
			f.e.TotalHeader = name
		}
	}
	if _, told := f.e.Envelope["after"]; !told && f.e.AfterHeader == "" {
		f.e.AfterHeader = cursorHeader(r)
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
	return f, nil // if trials end early, less is found
}

// cursorHeader is the header that looks as if it held the next page's cursor; "" if there is none.
func cursorHeader(r *reply) string {
	for _, name := range slices.Sorted(maps.Keys(r.header)) {
		known := same(name)
		for _, usual := range []string{"cursor", "pagetoken", "nexttoken", "continu", "nextpage", "nextafter"} {
			if value := r.header.Get(name); strings.Contains(known, usual) && value != "" && !strings.Contains(value, "://") && len(value) < maxAddress {
				return name
			}
		}
	}
	return ""
}

// findOnSecond looks for more on a page that is not the first.
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

// findKey chooses a field that differs in all records of the first answer. The walk shows whether
// it does in all others.
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

// checkKey checks that records have the fields of the key; otherwise all of them would be one.
func (f *finder) checkKey() error {
	for _, field := range f.e.Key {
		if len(f.first.records) > 0 && !slices.ContainsFunc(f.first.records, func(r any) bool { return fieldOf(r, field) != nil }) {
			return fmt.Errorf("none of its records has the field %.60q of the key", field)
		}
	}
	return nil
}

// distinct reports whether a field is there, and differs, in each record.
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
	cursor, _ := plain(from.stated["after"])
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
			offset, f.e.RowsFrom1 = pair.Name, n == rows+1
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
