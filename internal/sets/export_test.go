package sets

import (
	"context"
	"errors"
	"fmt"
	"strconv"
	"strings"
	"time"

	"github.com/jackc/pgx/v5"
	"github.com/jackc/pgx/v5/pgconn"
	"github.com/jackc/pgx/v5/pgxpool"

	"pageladder.example/internal/changes"
)

// SetDeep sets from how many records on footholds are made.
func (s *Store) SetDeep(n int64) { s.deep = n }

// BuildFootholds builds the footholds of a query now, and tells their step and
// their size in bytes.
func (s *Store) BuildFootholds(ctx context.Context, name, query string) (step int64, bytes int, err error) {
	set, err := s.Latest(ctx, name)
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
	t, err := s.buildTrack(ctx, q)
	if err != nil {
		return 0, 0, err
	}
	s.tracks.keep(trackKey(q), t)
	return t.blocks[0].Step(), t.blocks[0].Bytes(), nil
}

// SourcePool is a source's pool before the source has been reached.
func (s *Store) SourcePool(ctx context.Context, name string) (*pgxpool.Pool, error) {
	pool, _, err := s.sources[name].now(ctx)
	return pool, err
}

// Footholds tells how many tracks are kept that have footholds, and the bytes of all.
func (s *Store) Footholds() (tracks, bytes int) { return s.tracks.count() }

// SetCountTime sets the time that a count may take.
func (s *Store) SetCountTime(d time.Duration) { s.countTime = d }

// SetCountAgain sets after how long a count that took too long is tried again.
func (s *Store) SetCountAgain(d time.Duration) { s.countAgain = d }

// Facets are the facets of a page.
func (s *Store) Facets(ctx context.Context, req Request, fields []string) (map[string][]Facet, error) {
	req.Facets = fields
	page, err := s.Page(ctx, req)
	if err != nil {
		return nil, err
	}
	return page.Facets, nil
}

// SetBuildAgain sets the least time between two builds of footholds for one set.
func (s *Store) SetBuildAgain(d time.Duration) { s.tracks.again = d }

// Current gives a set without asking the database, or nil if it is not known to be up to date.
func (s *Store) Current(name string) *Set {
	if set, current, _ := s.catalogue.get(name); current {
		return set
	}
	return nil
}

// SetLogAgain sets the time between attempts to make a log.
func (s *Store) SetLogAgain(d time.Duration) { s.logMu.Lock(); defer s.logMu.Unlock(); s.logAgain = d }

// BroughtTo is the version up to which the most recently used track of a set is known.
func (s *Store) BroughtTo(name string) int64 {
	s.lately.mu.Lock()
	defer s.lately.mu.Unlock()
	if u := s.lately.used[name]; u.track != nil {
		return u.upTo().Version
	}
	return 0
}

// KnownAfter is what is known of a set after notices: it was known at a version, and each notice
// has a process and a text. It also tells whether that is up to date.
func KnownAfter(name string, version int64, told ...*pgconn.Notification) (set *Set, current bool) {
	c := catalogue{heard: time.Now(), sets: map[string]seen{name: {set: &Set{Name: name, Version: version, log: &changes.Log{}}}}}
	heard := notices{catalogue: &c}
	for _, n := range told {
		heard.hear(n)
	}
	set, current, _ = c.get(name)
	return set, current
}

// CurrentAfter reports whether a reading of one set counts as current after something happened to
// another one while it was read.
func CurrentAfter(happened func(forget, stale func(name string))) bool {
	c := catalogue{heard: time.Now(), sets: map[string]seen{"other": {set: &Set{Name: "other"}}}}
	_, _, turn := c.get("read")
	happened(c.forget, c.stale)
	c.put(&Set{Name: "read"}, turn)
	_, current, _ := c.get("read")
	return current
}

// WriteMarks writes states of a set, twice, as it happens where the answer to the first attempt is
// lost. It gives their numbers.
func (s *Store) WriteMarks(ctx context.Context, set string, n int) (numbers []int64, err error) {
	var some []named
	for range n {
		number, _ := s.marks.number()
		some = append(some, named{set, changes.Mark{Log: "a log", Version: number, Saw: &changes.Snapshot{Xmin: 5, Xmax: 7, Listed: []uint64{6}}}})
		numbers = append(numbers, number)
	}
	return numbers, errors.Join(s.write(ctx, some), s.write(ctx, some))
}

// NoteMark has a state written down some time later.
func (s *Store) NoteMark(set string) int64 {
	number, _ := s.marks.number()
	s.marks.mu.Lock()
	defer s.marks.mu.Unlock()
	s.marks.new = append(s.marks.new, named{set, changes.Mark{Log: "a log", Version: number, Saw: &changes.Snapshot{Xmin: 5, Xmax: 7}}})
	return number
}

// TakeTurns takes all turns of those who read much of a log of a source's sets; "" is our own
// database.
func (s *Store) TakeTurns(source string) (give func()) {
	turns := s.makingOf(&Set{Source: source})
	for range heldAtOnce {
		turns <- struct{}{}
	}
	return func() {
		for range heldAtOnce {
			turns.give()
		}
	}
}

// LogsTried is how many tables' logs are noted as tried lately.
func (s *Store) LogsTried() int { s.logMu.Lock(); defer s.logMu.Unlock(); return len(s.logTried) }

// SetFollowAgain sets the time between attempts to find a log in place.
func (s *Store) SetFollowAgain(d time.Duration) {
	s.followMu.Lock()
	defer s.followMu.Unlock()
	s.followAgain = d
}

// FollowedPageAt reads a page of a followed set in a transaction that began before meanwhile was
// called. Another page is read after that call, so that what is known is newer than the
// transaction.
func (s *Store) FollowedPageAt(ctx context.Context, req Request, meanwhile func()) (page *Page, err error) {
	set, err := s.Latest(ctx, req.Set)
	if err != nil {
		return nil, err
	}
	set = s.followedAt(set)
	err = elsewhere(ctx, set.pool, func(tx pgx.Tx) error {
		mark, err := set.log.MarkIn(ctx, tx)
		if err != nil {
			return err
		}
		here, err := s.reaches(set, mark.Saw)
		if err != nil {
			return err
		}
		meanwhile()
		early := req
		early.Explain = nil
		if _, err := s.readPage(ctx, set.pool, set, early); err != nil && !errors.Is(err, errMoved) {
			return err
		}
		page, err = s.readPage(ctx, tx, here, req)
		return err
	})
	return page, err
}

// Saw is a condition on the transactions that a page of a followed table saw, of those that changed
// it; "" where it was read the plain way.
func Saw(p *Page, xid string) string {
	saw := p.Set.saw
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
	saw := p.Set.saw
	all := saw.Xmax
	switch {
	case saw.Standby:
		all = saw.Xmin
	case len(saw.Listed) > 0:
		all = saw.Listed[0]
	}
	return strconv.FormatUint(all, 10)
}
