// Package reading reads pages, single records and whole lists. All go one way: open a view, settle,
// find the route to the records, read them, and hold the answer against the state that it was read
// at. If that is another one, and the answer may be another one there, it is read again.
package reading

import (
	"context"
	"errors"
	"sync/atomic"

	"pageladder.example/internal/servers"
	"pageladder.example/internal/sets/known"
	"pageladder.example/internal/sets/view"
)

// Reader reads sets. It is safe for concurrent use.
type Reader struct {
	// Deep is from how many records from either end on footholds are built.
	Deep int64

	open   func(context.Context, view.Opening) (view.View, error)
	known  *known.Known
	reread atomic.Int64
}

const (
	deep   = 500
	nearby = 60 // records from either end beyond which footholds that exist are used
)

// New reads sets by views of them, and by what is known of their lists.
func New(open func(context.Context, view.Opening) (view.View, error), known *known.Known) *Reader {
	return &Reader{Deep: deep, open: open, known: known}
}

// Reread is how many pages were read again because their set changed while they were read.
func (r *Reader) Reread() int64 { return r.reread.Load() }

// The ways that are tried, one after the other, while the set changes. In one snapshot nothing does; and
// the plain way trusts nothing but the snapshot.
var (
	lightly  = []view.How{view.Latest, view.Latest, view.Latest, view.Still, view.Plain, view.Plain}
	inOne    = []view.How{view.Still, view.Plain, view.Plain}
	errPlain = errors.New("reading: to be read in one snapshot")
)

// outputError is an error after something was given out, so that nothing can be read again.
type outputError struct{ error }

func (m *outputError) Unwrap() error { return m.error }

func isOutput(err error) bool { return errors.As(err, new(*outputError)) }
func isMoved(err error) bool  { return errors.As(err, new(*view.Moved)) }

// with does something with a view of a set, until it has an answer that holds. The function's error is
// errPlain if one snapshot is needed. Its context ends when the server that the view is read from falls silent.
func (r *Reader) with(ctx context.Context, req *Request, hows []view.How, do func(context.Context, view.View) error) (err error) {
	o := view.Opening{Set: req.Set, Caller: req.Caller, At: req.At}
	for i, how := range hows {
		o.How, o.Afresh = how, i > 0
		v, opened := r.open(ctx, o)
		if err = opened; err == nil {
			from, again, over := v.From(), false, false
			within, done := v.Within(ctx)
			if req.Seen != nil {
				*req.Seen = view.Sighting{}
			}
			if err = do(within, v); err == nil {
				err = req.saw(within, v, nil)
			}
			if err != nil {
				over = isOutput(err)
				err, again = v.Failed(ctx, err)
			}
			if silent := context.Cause(within) == servers.ErrSilent; err != nil && silent && ctx.Err() == nil {
				again = true
			}
			done()
			v.Close()
			switch {
			case err == nil, over:
				return err
			case errors.Is(err, errPlain):
				return r.with(ctx, req, inOne, do)
			case again:
				o.Avoid = append(o.Avoid, from.Server)
				continue
			}
		}
		if !isMoved(err) || ctx.Err() != nil {
			return err
		}
		r.reread.Add(1)
	}
	return err
}

// behind is the error of a list held at a state that cannot be read at the moment.
func behind(number int64, err error) error {
	if number > 0 && isMoved(err) {
		return &view.GoneError{Mark: number, Why: "its log has been created anew just now, or the database that is read is behind; ask again"}
	}
	return err
}

// same reports whether two views are of one state.
func same(a, b view.View) bool {
	return a == b || a.Mark().State != nil && a.Mark().Number == b.Mark().Number && a.Set().Same(b.Set().Definition)
}

// State is the number of the state that a set is at; 0 if its changes cannot be noticed.
func (r *Reader) State(ctx context.Context, req Request) (number int64, err error) {
	err = r.with(ctx, &req, []view.How{view.Latest, view.Plain}, func(ctx context.Context, v view.View) error {
		if v.Steady() {
			return nil
		}
		now, err := v.Confirm(ctx)
		if err == nil {
			number = now.Mark().Number
		}
		return err
	})
	return number, err
}
