package sets

import (
	"context"
	"time"
)

// SetDeep sets from how many records on footholds are used.
func (s *Store) SetDeep(n int64) { s.deep = n }

// BuildFootholds builds the footholds of a query now, and tells their step and
// their size in bytes.
func (s *Store) BuildFootholds(ctx context.Context, name, query string) (step int64, bytes int, err error) {
	set, err := s.Get(ctx, name)
	if err != nil {
		return 0, 0, err
	}
	ask, err := set.Rules.Read(query)
	if err != nil {
		return 0, 0, err
	}
	q, err := newQuestion(set, &ask, Filtered)
	if err != nil {
		return 0, 0, err
	}
	total, err := s.total(ctx, s.pool, q)
	if err != nil {
		return 0, 0, err
	}
	t, err := s.buildTrack(ctx, q, total.Records())
	if err != nil {
		return 0, 0, err
	}
	s.footholds.Keep(trackKey(q), t)
	return t.Step(), t.Bytes(), nil
}

// Footholds tells how many tracks are kept, and their bytes.
func (s *Store) Footholds() (tracks, bytes int) {
	return s.footholds.Len(), s.footholds.Bytes()
}

// SetCountTime sets the time that a count may take.
func (s *Store) SetCountTime(d time.Duration) { s.countTime = d }
