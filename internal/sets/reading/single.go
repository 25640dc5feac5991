package reading

import (
	"context"

	"pageladder.example/internal/intake"
	"pageladder.example/internal/sets/catalog"
	"pageladder.example/internal/sets/view"
	"pageladder.example/paging"
)

// This file reads single records, and whole lists.

// askAt reads a request's query, and makes its question of a view's list, at the state that it asks for.
func askAt(ctx context.Context, v view.View, req *Request) (q view.Question, ask paging.Ask, err error) {
	at, err := heldAt(ctx, v, req.At)
	if err != nil {
		return nil, paging.Ask{}, err
	}
	if ask, err = req.read(at.Set()); err != nil {
		return nil, paging.Ask{}, err
	}
	q, err = at.Ask(req.selection(ask))
	return q, ask, err
}

// One is a record that was read by its key.
type One struct {
	Set      *catalog.Set
	Version  int64 // at which the list can be held that it is of; 0: it cannot be
	Record   Record
	Revision int64 // the number of its changes; 0: not known
}

// Record reads one record by its key, its parts in the order of the rules.
func (r *Reader) Record(ctx context.Context, req Request, key []string) (one One, err error) {
	hows := lightly
	if req.At > 0 {
		hows = inOne
	}
	err = r.with(ctx, &req, hows, func(ctx context.Context, v view.View) error {
		at, err := heldAt(ctx, v, req.At)
		if err != nil {
			return err
		}
		nothing, err := v.Set().Rules.Read("")
		if err != nil {
			return err
		}
		q, err := at.Ask(req.selection(nothing))
		if err != nil {
			return err
		}
		found, err := q.One(ctx, key, catalog.Names(v.Set().Fields))
		one = One{Set: at.Set(), Version: at.Version()}
		if err != nil {
			return err
		}
		one = One{found.View.Set(), found.View.Version(), Record(found.Values), found.Revision}
		if err := req.saw(ctx, v, one.Set); err != nil {
			return err
		}
		return confirmedIfSteady(ctx, v)
	})
	return one, behind(req.At, err)
}

func confirmedIfSteady(ctx context.Context, v view.View) error {
	if v.Steady() {
		return confirmed(ctx, v)
	}
	return nil
}

// Place finds where a record stands: its row number, from 1, under the filters
// and the sort of a query, and the page that holds it. Errors are catalog.ErrNoSet,
// *paging.Refusal, view.ErrNoRecord where the filters leave the record out, or the
// source's.
func (r *Reader) Place(ctx context.Context, req Request, key []string) (row int64, page paging.Page, err error) {
	err = r.with(ctx, &req, inOne, func(ctx context.Context, v view.View) error {
		q, ask, err := askAt(ctx, v, &req)
		if err != nil {
			return err
		}
		var by []string
		for _, o := range ask.Order() {
			by = append(by, o.Field)
		}
		one, err := q.One(ctx, key, by)
		if err != nil {
			return err
		}
		place, err := q.Place(one.Values)
		if err != nil {
			return err
		}
		if row, err = q.UpTo(ctx, place); err != nil {
			return err
		}
		total, err := r.known.List(q).Total(ctx, q, -1)
		if err != nil {
			return err
		}
		if page, err = ask.AtRow(row).Settle(total); err != nil {
			return err
		}
		return confirmed(ctx, v)
	})
	return row, page, behind(req.At, err)
}

// Stream reads every record that a query asks for, in its order, in one snapshot, however many
// there are; with a cursor, those behind it or before it. Page and size have no effect. It calls
// begin with the set, the version at which its list can be held, the fields and the ask before the
// first record, then each with every record, whose memory is valid until each returns. Errors are
// those of Page, of begin and of each.
func (r *Reader) Stream(ctx context.Context, req Request, begin func(*catalog.Set, int64, []intake.Field, paging.Ask) error, each func(Record) error) error {
	err := r.stream(ctx, req, begin, each)
	if mended, ok := req.mended(err); ok {
		return r.stream(ctx, mended, begin, each)
	}
	return err
}

func (r *Reader) stream(ctx context.Context, req Request, begin func(*catalog.Set, int64, []intake.Field, paging.Ask) error, each func(Record) error) error {
	err := r.with(ctx, &req, inOne, func(within context.Context, v view.View) error {
		ctx, cancel := context.WithCancelCause(ctx)
		defer cancel(nil)
		silent := context.AfterFunc(within, func() { cancel(context.Cause(within)) }) // what has been begun goes on
		defer silent()
		q, ask, err := askAt(ctx, v, &req)
		if err != nil {
			return err
		}
		at := q.View()
		fields := at.Set().Named(ask.Fields())
		begun := false // with the first record: a failure before it is an ordinary error
		start := func() error {
			if begun {
				return nil
			}
			if err := req.saw(ctx, v, nil); err != nil {
				return err
			}
			begun = true
			silent()
			return begin(at.Set(), at.Version(), fields, ask)
		}
		w := view.Window{Fields: catalog.Names(fields)}
		if place, backward := ask.Cursor(); place != nil {
			w.From, w.Upto, w.After = place.Values, backward, place.Behind != backward
		}
		_, err = q.Read(ctx, w, func(row *view.Row) error {
			if err := start(); err != nil {
				return err
			}
			return each(Record(row.Values))
		})
		if err == nil {
			err = confirmed(ctx, v)
		}
		if err != nil && begun {
			return &outputError{err}
		}
		if err != nil {
			return err
		}
		return start()
	})
	return behind(req.At, err)
}
