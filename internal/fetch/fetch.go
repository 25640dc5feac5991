// Package fetch reads a page of a developer's own records, with whatever driver their database
// has: it counts as far as the rules say, settles the page, and turns rows into records.
package fetch

import (
	"errors"
	"fmt"
	"slices"
	"strings"

	"pageladder.example/paging"
	"pageladder.example/paging/statement"
)

// Rows are the rows of a statement, as the drivers have them.
type Rows interface {
	Next() bool
	Scan(into ...any) error
	Err() error
}

// Query runs a statement in the snapshot of a read, and passes its rows to each.
type Query func(s statement.Statement, each func(Rows) error) error

// Source is where records are read: by single statements, or by several in one snapshot.
type Source struct {
	Query    Query
	Snapshot func(func(Query) error) error
}

// Page settles an ask and reads its page.
func Page[T any](from Source, list *statement.List, ask paging.Ask, own statement.Where) (page paging.Page, records []T, err error) {
	if at, _ := ask.Cursor(); at != nil {
		settled, err := ask.Settle(paging.NotCounted())
		if err != nil {
			return paging.Page{}, nil, err
		}
		page, records, mended, err := pageAt[T](from, list, settled, own)
		if mended != (paging.Ask{}) {
			return Page[T](from, list, mended, own)
		}
		return page, records, err
	}
	q, err := list.Ask(ask, own)
	if err != nil {
		return paging.Page{}, nil, err
	}
	rules := ask.Rules()
	if rules.Count == paging.CountNone {
		if page, err = ask.Settle(paging.NotCounted()); err != nil {
			return paging.Page{}, nil, err
		}
		return readPage[T](from, list, q, page)
	}
	err = from.Snapshot(func(query Query) error {
		total, err := count(query, q, &rules)
		if err != nil {
			return err
		}
		if page, err = ask.Settle(total); err != nil {
			return err
		}
		page, records, err = read[T](query, list, q, page)
		return err
	})
	return page, records, err
}

// Records reads the records of a page that is settled, and closes it.
func Records[T any](from Source, list *statement.List, page paging.Page, own statement.Where) (paging.Page, []T, error) {
	if at, _ := page.Ask().Cursor(); at != nil {
		read, records, mended, err := pageAt[T](from, list, page, own)
		if mended == (paging.Ask{}) {
			return read, records, err
		}
		settled, err := mended.Settle(page.Total())
		if err != nil {
			return paging.Page{}, nil, err
		}
		page = settled
	}
	q, err := list.Ask(page.Ask(), own)
	if err != nil {
		return paging.Page{}, nil, err
	}
	return readPage[T](from, list, q, page)
}

// readPage reads a page whose total is known or not wanted. If its order is one region, a single
// statement does it, without a snapshot.
func readPage[T any](from Source, list *statement.List, q *statement.Question, settled paging.Page) (page paging.Page, records []T, err error) {
	if len(q.Regions()) == 1 {
		return read[T](from.Query, list, q, settled)
	}
	err = from.Snapshot(func(query Query) error {
		page, records, err = read[T](query, list, q, settled)
		return err
	})
	return page, records, err
}

func read[T any](query Query, list *statement.List, q *statement.Question, settled paging.Page) (paging.Page, []T, error) {
	into, err := recordsOf[T](list, settled.Ask())
	if err != nil {
		return paging.Page{}, nil, err
	}
	into.readPlaces(settled.Ask(), q)
	fetched, total := settled.Fetch(), settled.Total()
	if fetched == 0 {
		return settled, []T{}, nil
	}
	offset, reversed := settled.Offset(), false
	if behind := total.Records() - offset - int64(fetched); total.Is() == paging.TotalExact && behind < offset {
		q, offset, reversed = q.Reversed(), behind, true // from the nearer end
	}
	records, err := into.walk(query, q, q.Regions(), offset, fetched)
	switch {
	case err != nil:
		return paging.Page{}, nil, err
	case total.Known() && len(records) != fetched:
		return paging.Page{}, nil, statement.ErrMoved
	}
	if reversed {
		slices.Reverse(records)
		slices.Reverse(into.places)
	}
	page, err := settled.Received(len(records))
	if err != nil {
		return paging.Page{}, nil, err
	}
	records = records[:page.Rows():page.Rows()]
	return into.ends(page, q, len(records), false), records, nil
}

// pageAt reads a page that is asked for by a cursor. If the cursor holds a value that its field
// cannot have, it returns the ask without the cursor instead.
func pageAt[T any](from Source, list *statement.List, settled paging.Page, own statement.Where) (page paging.Page, records []T, mended paging.Ask, err error) {
	ask := settled.Ask()
	q, err := list.Ask(ask, own)
	if err != nil {
		return paging.Page{}, nil, paging.Ask{}, err
	}
	into, err := recordsOf[T](list, ask)
	if err != nil {
		return paging.Page{}, nil, paging.Ask{}, err
	}
	into.readPlaces(ask, q)
	at, backward := ask.Cursor()
	var behind bool
	err = from.Snapshot(func(query Query) error {
		read := func(q *statement.Question, regions []statement.Region, limit int) (int, []*string, error) {
			into.places = nil
			if records, err = into.walk(query, q, regions, 0, limit); err != nil || len(records) == 0 {
				return 0, nil, err
			}
			first, err := q.Place(into.places[0])
			return len(records), first, err
		}
		there := func(q *statement.Question, regions []statement.Region) (found bool, err error) {
			for i := 0; i < len(regions) && !found; i++ {
				one, err := q.Rows(nil, regions[i], 0, 1) // in order, so that an index can be used
				if err == nil {
					err = query(one, func(rows Rows) error { found = rows.Next(); return rows.Err() })
				}
				if err != nil {
					return false, err
				}
			}
			return found, nil
		}
		found, skip, err := q.Seek(at, backward, settled.Fetch(), read, there)
		if skip {
			records, into.places = records[1:], into.places[1:]
		}
		records, into.places, behind = records[:found.Rows], into.places[:found.Rows], found.Behind
		return err
	})
	if says := misplaced(err); says != "" {
		mended, err = ask.Misplaced(says)
		return paging.Page{}, nil, mended, err
	}
	if err != nil {
		return paging.Page{}, nil, paging.Ask{}, err
	}
	if page, err = settled.Received(len(records)); err != nil {
		return paging.Page{}, nil, paging.Ask{}, err
	}
	records, into.places = records[:page.Rows():page.Rows()], into.places[:page.Rows()]
	if backward {
		slices.Reverse(records)
		slices.Reverse(into.places)
	}
	return into.ends(page, q, len(records), behind), records, paging.Ask{}, nil
}

// misplaced says what is wrong with a cursor's value, if that caused an error; "" otherwise.
func misplaced(err error) string {
	var place *statement.PlaceError
	var state interface{ SQLState() string }
	switch {
	case errors.As(err, &place):
		return fmt.Sprintf("the cursor holds %q for %s; right would be %s", place.Found, place.Field, place.Want)
	case errors.As(err, &state) && strings.HasPrefix(state.SQLState(), "22"): // data exception
		return "the cursor holds a value that is not of its field's type"
	}
	return ""
}

// count counts as far as the rules say.
func count(query Query, q *statement.Question, rules *paging.Rules) (paging.Total, error) {
	switch rules.Count {
	case paging.CountNone:
		return paging.NotCounted(), nil
	case paging.CountAtLeast:
		n, err := number(query, q.Count(statement.Region{}, rules.CountTo+1))
		if n > rules.CountTo {
			return paging.AtLeast(rules.CountTo), err
		}
		return paging.Exact(n), err
	}
	n, err := number(query, q.Count(statement.Region{}, 0))
	return paging.Exact(n), err
}

// number runs a statement that returns one number.
func number(query Query, s statement.Statement) (n int64, err error) {
	err = query(s, func(rows Rows) error {
		if !rows.Next() {
			return errors.Join(rows.Err(), errors.New("no row was returned by "+s.SQL))
		}
		return rows.Scan(&n)
	})
	return n, err
}

// Facets counts the records with each value of some fields, at most so many values of each. Each
// field is counted under the search and all conditions except its own. Values that no query can
// hold are left out.
func Facets(from Source, list *statement.List, ask paging.Ask, own statement.Where, fields []string, limit int) (map[string][]statement.Facet, error) {
	if limit < 1 {
		return nil, fmt.Errorf("found %d as the most values of a field; right would be 1 or more", limit)
	}
	q, err := list.Ask(ask, own)
	if err != nil {
		return nil, err
	}
	all := make(map[string][]statement.Facet, len(fields))
	err = from.Snapshot(func(query Query) error { return facets(query, list, q, fields, limit, all) })
	if err != nil {
		return nil, err
	}
	return all, nil
}

func facets(query Query, list *statement.List, q *statement.Question, fields []string, limit int, all map[string][]statement.Facet) error {
	for _, field := range fields {
		s, err := q.Facet(field, limit)
		if err != nil {
			return err
		}
		facets := []statement.Facet{}
		err = query(s, func(rows Rows) error {
			for rows.Next() {
				var value any
				var f statement.Facet
				if err := rows.Scan(&value, &f.Count); err != nil {
					return err
				}
				text, err := list.Text(field, value)
				if err == nil {
					f.Value = text
					facets = append(facets, f)
				}
			}
			return rows.Err()
		})
		if err != nil {
			return err
		}
		all[field] = facets
	}
	return nil
}
