package sets

import (
	"context"
	"errors"

	"github.com/jackc/pgx/v5/pgconn"

	"pageladder.example/paging"
)

// kept is what is needed to give a page again at a later version of its set, without reading it
// anew.
type kept struct {
	q           *question
	set         *Set   // at the state of the page
	key         string // names the page's track
	first, last []byte // places of its first and last record; last is nil at the end of the list
}

// keep prepares a page to be given Again: it notes where the first and the last record stand, and
// makes sure that changes in the page's order are followed.
func (s *Store) keep(page *Page, q *question, r *reader) {
	if page.Set.logged == nil {
		return
	}
	first, last := r.orders[0], r.orders[len(r.orders)-1]
	keys := q.keys()
	k := &kept{q: q, set: page.Set, key: trackKey(q)}
	var err error
	if k.first, err = keys.Key(first); err != nil {
		return
	}
	// A page that is not full has no last place: records may be added at its end.
	if limit := page.Settled.Size(); len(page.Records) == limit {
		if k.last, err = keys.Key(last); err != nil {
			return
		}
	}
	if t := s.tracks.get(k.key); t == nil || t.Log != page.Set.logName {
		mark := page.Set.mark()
		t = &track{base: baseAt(mark), keys: keys, from: mark.Version, until: mark}
		s.tracks.keep(k.key, t)
	}
	page.kept = k
}

// Kept reports whether Again can be called for the page. Its records must then not be released.
func (p *Page) Kept() bool { return p.kept != nil }

// Again gives a page that was read with Keep as it is at the latest version of its set. It uses
// the page's own records if no change since then touches them or their positions, and is nil if
// the page has to be read anew. The request is the one that the page was read by.
func (s *Store) Again(ctx context.Context, page *Page, req Request) (*Page, error) {
	again, err := s.again(ctx, page, req)
	var pg *pgconn.PgError
	var refusal *paging.Refusal
	if errors.Is(err, errMoved) || errors.As(err, &refusal) || errors.As(err, &pg) && pg.Code == undefinedTable {
		return nil, nil
	}
	return again, err
}

func (s *Store) again(ctx context.Context, page *Page, req Request) (*Page, error) {
	set, err := s.Latest(ctx, page.Set.Name)
	if err != nil {
		return nil, err
	}
	defined := set.Version
	if set.Followed {
		if set, err = s.followedNow(ctx, set); err != nil || set == nil {
			return nil, err
		}
	}
	k := page.kept
	t := s.tracks.get(k.key)
	if t == nil || set.logName != k.set.logName || set.table != k.set.table || set.defined != k.set.defined || set.catalogue != k.set.catalogue || set.Version < k.set.Version {
		return nil, nil
	}
	q := *k.q
	q.set, q.explain = set, nil
	total, err := s.total(ctx, s.poolOf(set), &q)
	if err != nil {
		return nil, err
	}
	settled, err := q.ask.Settle(total)
	if err != nil || settled.Offset() != page.Settled.Offset() || settled.Fetch() != page.Settled.Fetch() {
		return nil, err
	}
	if why, err := t.update(ctx, s.folds(set), &q); err != nil || why != "" {
		return nil, err
	}
	s.tracks.keep(k.key, t) // it may have grown
	if touched, err := t.touched(ctx, s.folds(set), &q, k.set.mark(), set.mark(), k.first, k.last); err != nil || touched {
		return nil, err
	}
	still := *k
	still.set = set
	again := &Page{Set: set, Settled: settled, Fields: page.Fields, Records: page.Records, kept: &still, ends: page.ends}
	if again.Settled, err = settled.Seen(len(page.Records)); err != nil {
		return nil, err
	}
	again.Settled = again.Ended(again.Settled)
	if len(req.Facets) > 0 {
		again.Facets, err = s.facetsOf(ctx, s.poolOf(set), set, req, req.Facets)
	}
	again.as(defined)
	return again, err
}
