package climb

import (
	"context"
	"errors"
	"fmt"
	"hash/maphash"
	"iter"
	"net/http"
)

// Walk goes through somebody else's list from its first record to its last, one at a time,
// whatever its way of paging: by the address or cursor of the next page where answers tell
// one, else by page numbers or offsets. Of JSON and NDJSON, T is what encoding/json reads a
// record into; of CSV and HTML it is given an object of texts. A nil client is one that
// waits as long as DefaultTimeout.
//
// It ends with an error where a page cannot be read, where the addresses lead in a circle,
// where the endpoint leads to another host, and where no page follows although the answers tell of
// more records or pages. A short or empty page is not the end where they do. One page is held in memory, of at most
// 8 MiB; it makes one request at a time and waits where Retry-After says so, at most three
// times half a minute.
//
// It does not compare what it reads with anything: that is what Check is for.
func Walk[T any](ctx context.Context, client *http.Client, e Endpoint) iter.Seq2[T, error] {
	return func(yield func(T, error) bool) {
		var none T
		if err := e.check(); err != nil {
			yield(none, err)
			return
		}
		f, err := find(ctx, newCaller(client, &e), &e)
		if err != nil {
			yield(none, err)
			return
		}
		a := read[T](f.first.reply, &f.e)
		w := walker{e: &f.e, size: f.pageSize(), seen: map[uint64]bool{}}
		w.before, w.pagesBefore = f.begins()
		for {
			if !a.ok() {
				yield(none, a.wrong())
				return
			}
			for _, record := range a.records {
				if !yield(record, nil) {
					return
				}
			}
			tells := onward{rows: len(a.records), next: a.next(&f.e)}
			tells.pages, tells.hasPages = a.num("total_pages")
			tells.total, tells.hasTotal = a.num("total_items")
			address, err := w.next(a.reply, tells)
			if err != nil {
				yield(none, fmt.Errorf("climb: %s: %w", a.address, err))
				return
			}
			if address == "" {
				return
			}
			r, err := f.get(ctx, address)
			if err != nil {
				yield(none, fmt.Errorf("climb: %s: %w", address, err))
				return
			}
			if w.ends(r) {
				if err := w.missing(); err != nil {
					yield(none, fmt.Errorf("climb: %s: %w", address, err))
				}
				return
			}
			a = read[T](r, &f.e)
		}
	}
}

// wrong is the error for an answer that is no page.
func (a *answer[T]) wrong() error {
	if a.err != nil {
		return fmt.Errorf("climb: %s: %w", a.address, a.err)
	}
	return fmt.Errorf("climb: %s: status %d; right would be 200", a.address, a.status)
}

// pageSize is how many records a full page has.
func (f *finder) pageSize() int64 {
	for _, name := range []string{"size", "limit"} {
		if n, ok := f.first.num(name); ok && n > 0 {
			return n
		}
	}
	return int64(len(f.first.records))
}

// begins is how many records and pages come before the first answer, where it says so: the address
// may be of a page in the middle.
func (f *finder) begins() (records, pages int64) {
	if n, ok := f.first.num("page"); ok {
		pages = max(n-1, 0)
		if f.e.PagesFrom0 {
			pages = max(n, 0)
		}
		records = pages * f.pageSize()
	}
	if n, ok := f.first.num("offset"); ok {
		records = max(n, 0)
	}
	if n, ok := f.first.num("first_row"); ok {
		records = max(n-1, 0)
	}
	return records, pages
}

// onward is what one page tells of the way on.
type onward struct {
	rows               int
	next               string // address
	pages, total       int64
	hasPages, hasTotal bool
}

// walker finds the address of each page that follows.
type walker struct {
	e                   *Endpoint
	size                int64
	page                int64           // the next one's, from 0
	rows                int64           // that have come
	tells               onward          // what the last page told
	before, pagesBefore int64           // records and pages before the first one that was read
	linked              bool            // a page had a link to its next: one that has none is the last
	empty               int             // pages in a row without records
	last                uint64          // the last one's hash
	seen                map[uint64]bool // addresses: some 16 bytes for each page
}

var (
	errCircle = errors.New("its link to the next page leads to one that was there before")
	errEmpty  = fmt.Errorf("%d pages in a row have no records, and there is still a next one", maxEmpty)
)

const maxEmpty = 3 // in a row, of pages that have a next one

// next is the address of the page that follows, "" at the end.
func (w *walker) next(r *reply, tells onward) (string, error) {
	w.seen[maphash.String(seed, r.address)] = true
	w.tells = tells
	w.page++
	w.rows += int64(tells.rows)
	w.empty++
	if tells.rows > 0 {
		w.empty = 0
	}
	if w.empty >= maxEmpty {
		return "", errEmpty
	}
	if tells.next != "" {
		if w.seen[maphash.String(seed, tells.next)] {
			return "", errCircle
		}
		w.linked = true
		return tells.next, nil
	}
	missing := w.missing()
	way := w.e.numbered()
	switch {
	case w.linked, way == byLinks:
		return "", missing
	case missing == nil && (tells.hasTotal || tells.hasPages || tells.rows == 0 || int64(tells.rows) < w.size):
		return "", nil
	}
	w.last = maphash.Bytes(seed, r.body)
	return w.e.ask(question{way: way, row: w.before + w.page*w.size, size: w.size, sized: w.e.Size > 0}), nil
}

// missing is an error if the last page told of more records or pages than have come.
func (w *walker) missing() error {
	switch t := w.tells; {
	case t.hasTotal && w.before+w.rows < t.total:
		return fmt.Errorf("no page follows, though %d of %d records have come", w.rows, t.total-w.before)
	case !t.hasTotal && t.hasPages && w.pagesBefore+w.page < t.pages:
		return fmt.Errorf("no page follows, though %d of %d pages have come", w.page, t.pages-w.pagesBefore)
	}
	return nil
}

// ends tells an answer past the last page: none, or the last page again.
func (w *walker) ends(r *reply) bool {
	return !w.linked && (r.status == http.StatusNotFound || r.status == http.StatusOK && maphash.Bytes(seed, r.body) == w.last)
}
