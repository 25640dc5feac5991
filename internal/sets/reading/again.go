package reading

import (
	"context"
	"errors"

	"pageladder.example/internal/servers"
	"pageladder.example/internal/sets/known"
	"pageladder.example/internal/sets/view"
	"pageladder.example/paging"
)

// kept is what is needed to give a page again at a later state of its set, without reading it anew.
type kept struct {
	view        view.View // that the page is of
	selection   view.Selection
	order       *known.Footholds // of the page's order
	first, last []byte           // places of its first and last record; last is nil at the end of the list
}

// keep prepares a page to be given Again: it notes where the first and the last record stand, and
// makes sure that changes in the page's order are followed.
func (r *Reader) keep(s *settled, read *rows) {
	k := &kept{view: s.view, selection: *s.q.Selection(), order: s.list.Watch(s.q)}
	k.selection.Explain = nil
	var err error
	if k.first, err = k.order.Key(read.order(0)); err != nil {
		return
	}
	// A page that is not full has no last place: records may be added at its end.
	if len(s.page.Records) == s.page.Settled.Size() {
		if k.last, err = k.order.Key(read.order(len(read.records) - 1)); err != nil {
			return
		}
	}
	s.page.kept = k
}

// Kept reports whether Again can be called for the page. Its records must then not be released.
func (p *Page) Kept() bool { return p.kept != nil }

// Again gives a page that was read with Keep as it is at the latest state of its set. It uses
// the page's own records if no change since then touches them or their positions, and is nil if
// the page has to be read anew. The request is the one that the page was read by.
func (r *Reader) Again(ctx context.Context, page *Page, req Request) (again *Page, err error) {
	v, err := r.open(ctx, view.Opening{Set: page.Set.Name, How: view.Latest, Afresh: true, Caller: req.Caller})
	if err != nil {
		return nil, anew(err)
	}
	defer v.Close()
	within, done := v.Within(ctx)
	defer done()
	if again, err = r.again(within, v, page, &req); err == nil && again != nil {
		if err = req.saw(within, v, nil); err == nil {
			err = req.saw(within, v, again.Set)
		}
	}
	if err == nil {
		return again, nil
	}
	err, retry := v.Failed(ctx, err)
	if retry || context.Cause(within) == servers.ErrSilent && ctx.Err() == nil {
		return nil, nil
	}
	return nil, anew(err)
}

// anew is no error where the page has to be read anew, which shows what is wrong.
func anew(err error) error {
	var moved *view.Moved
	var refusal *paging.Refusal
	if errors.As(err, &moved) || errors.As(err, &refusal) {
		return nil
	}
	return err
}

func (r *Reader) again(ctx context.Context, v view.View, page *Page, req *Request) (*Page, error) {
	v, err := v.Confirm(ctx)
	if err != nil {
		return nil, err
	}
	k := page.kept
	if was := k.view.Mark(); !v.Set().Same(page.Set.Definition) || !v.Mark().Covers(was) && v.Mark().Number != was.Number || v.Mark().State == nil {
		return nil, nil
	}
	q, err := v.Ask(k.selection)
	if err != nil {
		return nil, err
	}
	limit, err := req.counting(v.Set(), k.selection.Ask)
	if err != nil {
		return nil, err
	}
	total, err := r.known.List(q).Total(ctx, q, limit)
	if err != nil {
		return nil, err
	}
	settled, err := k.selection.Ask.Settle(total)
	if err != nil || settled.Offset() != page.Settled.Offset() || settled.Fetch() != page.Settled.Fetch() {
		return nil, err
	}
	touched, err := k.order.Touched(ctx, q, k.view.Mark(), k.first, k.last)
	if err != nil || touched {
		return nil, err
	}
	still := *k
	still.view = v
	again := &Page{Settled: settled, Fields: page.Fields, Records: page.Records, kept: &still, ends: page.ends}
	again.of(v)
	if again.Settled, err = settled.Received(len(page.Records)); err != nil {
		return nil, err
	}
	again.Settled = again.Ended(again.Settled)
	again.Facets, err = r.facets(ctx, v, req)
	return again, err
}
