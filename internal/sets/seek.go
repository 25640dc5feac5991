package sets

import (
	"context"
	"errors"
	"slices"

	"github.com/jackc/pgx/v5/pgconn"

	"pageladder.example/internal/intake"
	"pageladder.example/paging"
	"pageladder.example/paging/cursor"
	"pageladder.example/paging/rulesfile"
	"pageladder.example/paging/statement"
)

// This file reads pages that are asked for by a cursor, and makes the cursors of any page.

// ends are the places of a page's first and last record, and whether there are records on the
// other side of its cursor.
type ends struct {
	first, last []*string
	behind      bool
}

// Places are the places of the page's first and last record, if its list has cursors.
func (p *Page) Places() (first, last []*string) { return p.ends.first, p.ends.last }

// Ended is the page, settled as given, with this page's cursors.
func (p *Page) Ended(settled paging.Page) paging.Page {
	if !hasCursors(p.Set.Rules) {
		return settled
	}
	return settled.Ends(p.ends.first, p.ends.last, p.ends.behind)
}

// hasCursors reports whether callers of a list may send cursors.
func hasCursors(r *rulesfile.Rules) bool {
	return r.Addressing == paging.ByCursor || r.Params.After != "" || r.Params.Before != ""
}

// misplacedError is the error of a cursor with a value that its field cannot have.
type misplacedError struct{ says string }

func (e *misplacedError) Error() string { return e.says }

// misplaced returns an error of a page asked for by a cursor as the cursor's own, if it is that.
func misplaced(err error) error {
	var place *statement.PlaceError
	var pg *pgconn.PgError
	switch {
	case errors.As(err, &place):
		return &misplacedError{"the cursor holds " + place.Found + " for " + place.Field + "; right would be " + place.Want}
	case errors.As(err, &pg) && isDataException(pg.Code):
		return &misplacedError{"the cursor holds a value that is not of its field's type"}
	}
	return err
}

// mended is the request without its cursor, if an error says that the cursor is to blame.
func (r Request) mended(err error) (Request, bool) {
	var cursor *misplacedError
	if r.misplaced != "" || !errors.As(err, &cursor) {
		return r, false
	}
	r.misplaced = cursor.says
	return r, true
}

// read reads the request's query.
func (r *Request) read(set *Set) (*paging.Ask, error) {
	ask, err := set.Rules.Read(r.Query)
	if err == nil {
		err = CheckCost(&ask, len(r.Facets))
	}
	if err != nil {
		return nil, err
	}
	if at, _ := ask.Cursor(); at != nil && r.misplaced != "" {
		return ask.Misplaced(r.misplaced)
	}
	return &ask, nil
}

// beyond are the regions with all records behind the ask's cursor, or before it; without a cursor,
// all records. wrong checks an error of reading them: the cursor may be to blame.
func (q *question) beyond() (regions []statement.Region, wrong func(error) error, err error) {
	at, backward := q.ask.Cursor()
	if at == nil {
		return q.Regions(), func(err error) error { return err }, nil
	}
	asked, with := q.Question, at.Behind == backward // including the record itself
	if backward {
		asked = q.Reversed()
	}
	if with {
		regions, err = asked.From(at.Values)
	} else {
		regions, err = asked.After(at.Values)
	}
	if backward {
		slices.Reverse(regions)
	}
	return regions, misplaced, misplaced(err)
}

// placed finds the fields of a question's order among those that are shown; nil if not all are.
func (q *question) placed() []int {
	at := make([]int, len(q.order))
	for i, o := range q.order {
		at[i] = slices.IndexFunc(q.fields, func(f intake.Field) bool { return f.Name == o.Field })
		if at[i] < 0 {
			return nil
		}
	}
	return at
}

// placeOf is the place of the i-th record that a reader has read.
func (r *reader) placeOf(records []Record, i int) ([]*string, error) {
	values := make([]any, len(r.q.order))
	for n := range values {
		var raw []byte
		if r.orders != nil {
			raw = r.orders[i][n]
		} else {
			raw = records[i][r.placed[n]]
		}
		if raw != nil {
			values[n] = string(raw)
		}
	}
	return r.q.Place(values)
}

// endsOf are the ends of a page that consists of n of the records that were read.
func (r *reader) endsOf(records []Record, from, n int, behind bool) (e ends, err error) {
	e.behind = behind
	if n == 0 {
		return e, nil
	}
	if e.first, err = r.placeOf(records, from); err == nil {
		e.last, err = r.placeOf(records, from+n-1)
	}
	return e, err
}

// seek reads records from a cursor on, in the order of the list, and reports whether there are
// some on its other side.
func (r *reader) seek(ctx context.Context, at *cursor.Place, backward bool, limit int) (records []Record, behind bool, err error) {
	asked := r.q
	onward := asked
	if backward {
		onward = asked.reversed()
	}
	read := func(_ *statement.Question, regions []statement.Region, limit int) (int, []*string, error) {
		r.q, r.orders, r.fates = onward, nil, nil
		if records, err = r.records(ctx, regions, 0, limit); err != nil || len(records) == 0 {
			return 0, nil, err
		}
		first, err := r.placeOf(records, 0)
		return len(records), first, err
	}
	there := func(_ *statement.Question, regions []statement.Region) (bool, error) {
		back := asked
		if !backward {
			back = asked.reversed()
		}
		one := reader{db: r.db, q: back, asked: r.asked, seen: r.seen, unsure: r.unsure, found: r.found}
		found, err := one.records(ctx, regions, 0, 1)
		r.asked, r.seen, r.unsure, r.found = one.asked, one.seen, one.unsure, one.found
		return len(found) > 0, err
	}
	found, skip, err := asked.Seek(at, backward, limit, read, there)
	if err != nil {
		return nil, false, misplaced(err)
	}
	from := 0
	if skip {
		from = 1
	}
	records = records[from : from+found.Rows]
	if r.orders != nil {
		r.orders = r.orders[from : from+found.Rows]
	}
	if r.fates != nil {
		r.fates = r.fates[from : from+found.Rows]
	}
	if backward {
		slices.Reverse(records)
		slices.Reverse(r.orders)
		slices.Reverse(r.fates)
	}
	r.q = onward
	return records, found.Behind, nil
}
