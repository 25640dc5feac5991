package climb

import (
	"context"
	"errors"
	"fmt"
	"hash/maphash"
	"iter"
	"net/http"

	"pageladder.example/internal/climb/fetch"
	"pageladder.example/internal/climb/find"
	"pageladder.example/internal/climb/values"
)

// Walk goes through somebody else's list from its first record to its last, one at a time,
// whatever its way of paging: by the address or cursor of the next page where answers have
// one, else by page numbers or offsets. Of JSON and NDJSON, T is what encoding/json reads a
// record into; of CSV and HTML it is given an object of texts. A nil client is one that
// waits as long as DefaultTimeout.
//
// It ends with an error where a page cannot be read, where the addresses lead in a circle,
// where the endpoint leads to another host, and where no page follows although the answers announce
// more records or pages. A short or empty page is not the end where they do. One page is held in memory, of at most
// 8 MiB; it makes one request at a time and waits where Retry-After says so, at most three
// times half a minute.
//
// It does not compare what it reads with anything: that is what Check is for.
func Walk[T any](ctx context.Context, client *http.Client, e Endpoint) iter.Seq2[T, error] {
	return func(yield func(T, error) bool) {
		var none T
		if err := e.Check(); err != nil {
			yield(none, err)
			return
		}
		f, err := find.Find(ctx, fetch.NewCaller(client, &e), &e)
		if err != nil {
			yield(none, err)
			return
		}
		a := fetch.Read[T](f.First.Reply, &f.List)
		w := walker{e: &f.List, size: f.PageSize(), seen: map[uint64]bool{}}
		w.before, w.pagesBefore = f.Begins()
		for {
			if !a.OK() {
				yield(none, a.Wrong())
				return
			}
			for _, record := range a.Records {
				if !yield(record, nil) {
					return
				}
			}
			page := continuation{rows: len(a.Records), next: a.Next(&f.List)}
			page.pages, page.hasPages = a.Num("total_pages")
			page.total, page.hasTotal = a.Num("total_items")
			address, err := w.next(a.Reply, page)
			if err != nil {
				yield(none, fmt.Errorf("climb: %s: %w", a.Address, err))
				return
			}
			if address == "" {
				return
			}
			r, err := f.Get(ctx, address)
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
			a = fetch.Read[T](r, &f.List)
		}
	}
}

// continuation is what one page says of the way on.
type continuation struct {
	rows               int
	next               string // address
	pages, total       int64
	hasPages, hasTotal bool
}

// walker finds the address of each page that follows.
type walker struct {
	e                   *fetch.List
	size                int64
	page                int64           // the next one's, from 0
	rows                int64           // that have come
	latest              continuation    // what the last page said
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
func (w *walker) next(r *fetch.Reply, page continuation) (string, error) {
	w.seen[maphash.String(values.Seed, r.Address)] = true
	w.latest = page
	w.page++
	w.rows += int64(page.rows)
	w.empty++
	if page.rows > 0 {
		w.empty = 0
	}
	if w.empty >= maxEmpty {
		return "", errEmpty
	}
	if page.next != "" {
		if w.seen[maphash.String(values.Seed, page.next)] {
			return "", errCircle
		}
		w.linked = true
		return page.next, nil
	}
	missing := w.missing()
	way := w.e.Numbered()
	switch {
	case w.linked, way == fetch.ByLinks:
		return "", missing
	case missing == nil && (page.hasTotal || page.hasPages || page.rows == 0 || int64(page.rows) < w.size):
		return "", nil
	}
	w.last = maphash.Bytes(values.Seed, r.Body)
	return w.e.Ask(fetch.Question{Way: way, Row: w.before + w.page*w.size, Size: w.size, Sized: w.e.Size > 0}), nil
}

// missing is an error if the last page spoke of more records or pages than have come.
func (w *walker) missing() error {
	switch t := w.latest; {
	case t.hasTotal && w.before+w.rows < t.total:
		return fmt.Errorf("no page follows, though %d of %d records have come", w.rows, t.total-w.before)
	case !t.hasTotal && t.hasPages && w.pagesBefore+w.page < t.pages:
		return fmt.Errorf("no page follows, though %d of %d pages have come", w.page, t.pages-w.pagesBefore)
	}
	return nil
}

// ends reports whether an answer is past the last page: none, or the last page again.
func (w *walker) ends(r *fetch.Reply) bool {
	return !w.linked && (r.Status == http.StatusNotFound || r.Status == http.StatusOK && maphash.Bytes(values.Seed, r.Body) == w.last)
}
