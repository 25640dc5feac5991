package fetch

import (
	"encoding/json"
	"fmt"
	"reflect"
	"slices"
	"time"

	"pageladder.example/internal/record"
	"pageladder.example/paging"
	"pageladder.example/paging/statement"
	"pageladder.example/paging/value"
)

// records makes records of rows.
type records[T any] struct {
	list   *statement.List
	fields []string // that are read, in their order
	index  [][]int  // of T's fields, where it is a struct
	into   []any    // where a row is scanned to

	order  int     // fields of the order, whose values are read too; 0: they are not
	places [][]any // these, of each record
}

// readPlaces has the places of records read, where the rules of an ask have cursors.
func (r *records[T]) readPlaces(ask paging.Ask, q *statement.Question) {
	if rules := ask.Rules(); rules.Params.After != "" || rules.Params.Before != "" {
		r.order = len(q.Order())
	}
}

// walk reads as many records from an offset of some regions on.
func (r *records[T]) walk(query Query, q *statement.Question, regions []statement.Region, offset int64, limit int) (all []T, err error) {
	all = make([]T, 0, limit)
	rows := q.Rows
	if r.order > 0 {
		rows = q.Placed
	}
	err = statement.Walk(regions, offset, limit, func(g statement.Region, offset int64, limit int) (received int, err error) {
		s, err := rows(r.fields, g, offset, limit)
		if err != nil {
			return 0, err
		}
		err = query(s, func(rows Rows) error {
			for rows.Next() {
				all = append(all, *new(T))
				if err := r.scan(rows, &all[len(all)-1]); err != nil {
					return err
				}
				received++
			}
			return rows.Err()
		})
		return received, err
	}, func(g statement.Region, maximum int64) (int64, error) { return number(query, q.Count(g, maximum)) })
	return all, err
}

// ends gives a page of so many records the places of its first and its last one. Of a list
// without places it gives none.
func (r *records[T]) ends(page paging.Page, q *statement.Question, n int, behind bool) paging.Page {
	if r.order == 0 || n == 0 {
		return page.Ends(nil, nil, behind)
	}
	first, err := q.Place(r.places[0])
	if err != nil {
		return page
	}
	last, err := q.Place(r.places[n-1])
	if err != nil {
		return page
	}
	return page.Ends(first, last, behind)
}

// recordsOf finds what is read into T: the fields that were asked for or, where callers
// cannot choose, those that the rules show or, without any, all; of a struct, those that
// it has.
func recordsOf[T any](list *statement.List, ask paging.Ask) (*records[T], error) {
	r := &records[T]{list: list, fields: ask.Fields()} // which are what the rules show, or fewer of them
	if len(r.fields) == 0 {
		r.fields = list.Fields()
	}
	switch t := reflect.TypeFor[T](); {
	case t == reflect.TypeFor[map[string]any]():
	case t.Kind() != reflect.Struct:
		return nil, fmt.Errorf("found records of the type %s; right would be a struct or map[string]any", t)
	default:
		places := record.PlacesOf(t)
		r.fields = slices.DeleteFunc(slices.Clone(r.fields), func(name string) bool {
			index := places.Of(name)
			if index != nil {
				r.index = append(r.index, index)
			}
			return index == nil
		})
		if len(r.fields) == 0 {
			return nil, fmt.Errorf("found no field of the list in %s; right would be fields of the same names, or with a tag `db:\"name\"`", t)
		}
	}
	return r, nil
}

// scan reads one row.
func (r *records[T]) scan(rows Rows, one *T) error {
	if r.into == nil {
		r.into = make([]any, len(r.fields)+r.order)
	}
	if r.order > 0 {
		place := make([]any, r.order)
		for i := range place {
			r.into[len(r.fields)+i] = &place[i]
		}
		r.places = append(r.places, place)
	}
	if r.index == nil {
		values := make([]any, len(r.fields))
		for i := range values {
			r.into[i] = &values[i]
		}
		if err := rows.Scan(r.into...); err != nil {
			return err
		}
		object := make(map[string]any, len(values))
		for i, name := range r.fields {
			object[name] = plainValue(r.list, name, values[i])
		}
		*any(one).(*map[string]any) = object
		return nil
	}
	v := reflect.ValueOf(one).Elem()
	for i, index := range r.index {
		target := v.FieldByIndex(index).Addr().Interface()
		if r.list.Dialect() != statement.PostgreSQL { // whose drivers give times as they are
			switch t := target.(type) {
			case *time.Time:
				target = &instant{list: r.list, field: r.fields[i], at: t}
			case **time.Time:
				target = &instant{list: r.list, field: r.fields[i], maybe: t}
			}
		}
		r.into[i] = target
	}
	return rows.Scan(r.into...)
}

// plainValue is a value as encoding/json writes it best. What is not of its field's type,
// such as a NaN, stays as it is.
func plainValue(list *statement.List, field string, v any) any {
	if v == nil {
		return nil
	}
	kind := list.Type(field)
	if kind == value.JSON {
		switch v := v.(type) {
		case string:
			return json.RawMessage(v)
		case []byte:
			return json.RawMessage(slices.Clone(v))
		}
		return v // read already
	}
	text, err := list.Text(field, v)
	if err != nil || text == nil {
		if b, ok := v.([]byte); ok {
			return string(b)
		}
		return v
	}
	switch kind {
	case value.Integer, value.Decimal:
		return json.Number(*text)
	case value.Boolean:
		return *text == "true"
	}
	return *text
}

// instant reads a time that a database keeps as a text or a number.
type instant struct {
	list  *statement.List
	field string
	at    *time.Time
	maybe **time.Time // nil: a missing one is an error
}

// Scan makes it an sql.Scanner.
func (i *instant) Scan(v any) error {
	if at, ok := v.(time.Time); ok {
		return i.set(&at)
	}
	text, err := i.list.Text(i.field, v)
	if err != nil {
		return err
	}
	if text == nil {
		return i.set(nil)
	}
	layout := time.RFC3339Nano
	if len(*text) == len(time.DateOnly) {
		layout = time.DateOnly
	}
	at, err := time.Parse(layout, *text)
	if err != nil {
		return err
	}
	return i.set(&at)
}

func (i *instant) set(at *time.Time) error {
	switch {
	case i.maybe != nil:
		*i.maybe = at
	case at == nil:
		return fmt.Errorf("field %q: found no value for a time.Time; right would be a *time.Time", i.field)
	default:
		*i.at = *at
	}
	return nil
}
