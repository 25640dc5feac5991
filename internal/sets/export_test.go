package sets

import (
	"context"
	"fmt"
	"strconv"
	"strings"
	"time"

	"pageladder.example/internal/sets/reading"
	"pageladder.example/internal/sets/relation"
	"pageladder.example/internal/sets/view"
)

// SetDeep sets from how many records on footholds are built.
func (s *Store) SetDeep(n int64) { s.reader.Deep = n }

// BuildFootholds builds the footholds of a query now, and returns their step and
// their size in bytes.
func (s *Store) BuildFootholds(ctx context.Context, name, query string) (step int64, bytes int, err error) {
	v, err := s.sources.Open(ctx, view.Opening{Set: name, How: view.Still})
	if err != nil {
		return 0, 0, err
	}
	defer v.Close()
	ask, err := v.Set().Rules.Read(query)
	if err != nil {
		return 0, 0, err
	}
	q, err := v.Ask(view.Selection{Ask: ask})
	if err != nil {
		return 0, 0, err
	}
	footholds, err := s.known.List(q).Build(ctx, q)
	if err != nil {
		return 0, 0, err
	}
	return footholds.Step(), footholds.Bytes(), nil
}

// Footholds returns how many orders have footholds, and the bytes of all.
func (s *Store) Footholds() (orders, bytes int) { return s.known.Footholds() }

// SetCountTime sets the time that a count may take.
func (s *Store) SetCountTime(d time.Duration) { s.sources.CountTime = d }

// SetCountAgain sets after how long a count that took too long is tried again.
func (s *Store) SetCountAgain(d time.Duration) { s.known.CountAgain = d }

// Facets are the facets of a page.
func (s *Store) Facets(ctx context.Context, req Request, fields []string) (map[string][]Facet, error) {
	req.Facets = fields
	page, err := s.Page(ctx, req)
	if err != nil {
		return nil, err
	}
	return page.Facets, nil
}

// SetBuildAgain sets the least time between two builds of the same footholds.
func (s *Store) SetBuildAgain(d time.Duration) { s.known.BuildAgain = d }

// Current gives a set without asking the database, or nil if it is not known to be up to date.
func (s *Store) Current(name string) *Set {
	if set, current, _ := s.catalog.Known(name); current {
		return set
	}
	return nil
}

// SetLogAgain sets the time between attempts to make a log.
func (s *Store) SetLogAgain(d time.Duration) { s.sources.LogAgain = d }

// BroughtTo is the state up to which the most recently used footholds of a set are known.
func (s *Store) BroughtTo(name string) int64 { return s.known.BroughtTo(name) }

// LogsTried is how many tables' logs are noted as tried lately.
func (s *Store) LogsTried() int { return s.sources.Kept.Tried() }

// SetFollowAgain sets the time between attempts to find a log in place.
func (s *Store) SetFollowAgain(d time.Duration) { s.sources.Follow = d }

// PageAt reads a page in a snapshot that was taken before meanwhile was called. Another page is read after
// that call, so that what is known is newer than the snapshot.
func (s *Store) PageAt(ctx context.Context, req Request, meanwhile func()) (*Page, error) {
	v, err := s.sources.Open(ctx, view.Opening{Set: req.Set, How: view.Still})
	if err != nil {
		return nil, err
	}
	defer v.Close()
	meanwhile()
	early := req
	early.Explain = nil
	if _, err := s.Page(ctx, early); err != nil {
		return nil, err
	}
	within := reading.New(func(context.Context, view.Opening) (view.View, error) { return v, nil }, s.known)
	within.Deep = s.reader.Deep
	return within.Page(ctx, req)
}

// Saw is a condition on the transactions that a page of a followed table saw, of those that changed
// it; "" where it was read the plain way.
func Saw(p *Page, xid string) string {
	saw := relation.SnapshotOf(p.Mark())
	if saw == nil {
		return ""
	}
	ids := make([]string, len(saw.Listed))
	for i, id := range saw.Listed {
		ids[i] = strconv.FormatUint(id, 10)
	}
	if listed := strings.Join(ids, ","); saw.Standby {
		return fmt.Sprintf("(%s < '%d' or %[1]s = any('{%[3]s}'))", xid, saw.Xmin, listed)
	} else {
		return fmt.Sprintf("pg_visible_in_snapshot(%s, '%d:%d:%s')", xid, saw.Xmin, saw.Xmax, listed)
	}
}

// SawAll is a transaction before which a page of a followed table saw all.
func SawAll(p *Page) string {
	saw := relation.SnapshotOf(p.Mark())
	all := saw.Xmax
	switch {
	case saw.Standby:
		all = saw.Xmin
	case len(saw.Listed) > 0:
		all = saw.Listed[0]
	}
	return strconv.FormatUint(all, 10)
}

// Ping reports whether the database answers.
func (s *Store) Ping(ctx context.Context) error { return s.pools.Main.Ping(ctx) }
