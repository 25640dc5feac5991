package sets

import (
	"context"
	"errors"
	"strings"
	"time"

	"github.com/jackc/pgx/v5"

	"pageladder.example/internal/changes"
	"pageladder.example/paging"
	"pageladder.example/paging/statement"
)

// This file reads followed tables. What is known of one is known at states, each of which is what
// one snapshot of its database saw. States are numbered as they are seen, over all tables
// together: no number comes twice, so that what is known at one state is never taken for that of
// another.

// forsake drops what is known of a followed set whose log is not what it was.
func (s *Store) forsake(set *Set, why string) {
	f := s.follows(set)
	f.mu.Lock()
	defer f.mu.Unlock()
	if f.latest != nil && f.latest.logName == set.logName {
		f.latest, f.why, f.since = nil, []string{why}, time.Now()
		s.forsaken.Add(1)
	}
}

// reaches is a followed set at a state that a statement has just seen. The error is errMoved if
// that is older than the latest one, or the order of the two is not known.
func (s *Store) reaches(set *Set, saw *changes.Snapshot) (*Set, error) {
	f := s.follows(set)
	f.mu.Lock()
	defer f.mu.Unlock()
	if f.latest == nil || f.latest.logName != set.logName {
		return nil, errMoved
	}
	at := changes.Mark{Log: set.logName, Saw: saw}
	before := f.latest.mark()
	if !at.Covers(before) {
		return nil, errMoved
	}
	if before.Covers(at) {
		return f.latest, nil
	}
	number, err := s.state(set, saw)
	if err != nil {
		return nil, err
	}
	here := *f.latest
	here.Version, here.saw = number, saw
	f.latest = &here
	return &here, nil
}

// confirm notes that a later snapshot saw the same state of a followed set. The next statement is
// compared with that snapshot.
func (s *Store) confirm(set *Set, saw *changes.Snapshot) {
	f := s.follows(set)
	f.mu.Lock()
	defer f.mu.Unlock()
	if f.latest == nil || f.latest.logName != set.logName || f.latest.Version != set.Version {
		return
	}
	if at := (changes.Mark{Log: set.logName, Saw: saw}); at.Covers(f.latest.mark()) {
		here := *f.latest
		here.saw = saw
		f.latest = &here
	}
}

// FollowedState is the number of a followed set's state; 0 if it is read the plain way.
func (s *Store) FollowedState(ctx context.Context, set *Set) (int64, error) {
	if !set.Followed {
		return 0, nil
	}
	here, err := s.followedNow(ctx, set)
	if err != nil || here == nil {
		return 0, err
	}
	return here.Version, nil
}

// followedNow asks the database for the state of a followed set; nil if it is read the plain way.
func (s *Store) followedNow(ctx context.Context, set *Set) (*Set, error) {
	here := s.followedAt(set)
	if here == nil {
		return nil, nil
	}
	named, args := changes.AgainstMark(here.saw, 1)
	var told string
	if err := here.plain.QueryRow(ctx, "select "+here.log.Stamp(1)+" where "+named, args...).Scan(&told); err != nil {
		if ctx.Err() == nil {
			s.forsake(here, "its log could not be read: "+err.Error())
			return nil, nil
		}
		return nil, err
	}
	seen, err := changes.ReadStamp(told, here.saw)
	switch {
	case err != nil:
		return nil, err
	case seen == nil:
		return here, nil
	}
	later, err := s.stateSeen(here, seen)
	if errors.Is(err, errMoved) {
		return nil, nil // it has moved on, or is no longer followed
	}
	return later, err
}

// stateSeen is a followed set at the state that a statement's stamp reports; the statement was
// compared with the set's mark. The error is errMoved if the log is not what it was, or the state
// is an older one.
func (s *Store) stateSeen(set *Set, seen *changes.Stamp) (*Set, error) {
	switch {
	case seen.Log != set.logName && seen.Log != "":
		s.forsake(set, tableChanged)
		return nil, errMoved
	case seen.Gap != "":
		s.forsake(set, seen.Gap)
		return nil, errMoved
	case !seen.New:
		s.confirm(set, seen.Saw)
		return set, nil
	}
	return s.reaches(set, seen.Saw)
}

// followedPage reads a page of a followed set by what is remembered; nil if it has to be read the
// plain way. If the table changes too often while it is read, the page is read in a transaction.
func (s *Store) followedPage(ctx context.Context, set *Set, req Request) (*Page, error) {
	for attempt := range attempts {
		here := s.followedAt(set)
		if here == nil {
			break
		}
		var page *Page
		var err error
		if attempt < attempts-1 {
			page, err = s.readPage(ctx, here.pool, here, req)
		} else {
			page, err = s.followedWithin(ctx, here, req)
		}
		if err == nil {
			if page.Settled.Fetch() == 0 {
				break // nothing confirms that this is still so
			}
			page.as(set.Version)
			return page, nil
		}
		var refusal *paging.Refusal
		var counts *CountError
		var wrong *ValueError
		var cursor *misplacedError
		switch {
		case errors.As(err, &cursor):
			return nil, err
		case errors.Is(err, errMoved):
			s.reread.Add(1)
		case ctx.Err() != nil:
			return nil, err
		case errors.As(err, &refusal), errors.As(err, &counts), errors.As(err, &wrong):
			return nil, nil // the plain way reports it
		default:
			s.forsake(here, "its log could not be read: "+err.Error())
		}
	}
	if f := s.follows(set); req.Explain != nil {
		f.mu.Lock()
		req.Explain.anew(strings.Join(f.why, "; "))
		f.mu.Unlock()
	}
	return nil, nil
}

// followedWithin reads a page of a followed set in a transaction, by what is remembered.
func (s *Store) followedWithin(ctx context.Context, set *Set, req Request) (page *Page, err error) {
	err = elsewhere(ctx, set.pool, func(tx pgx.Tx) error {
		mark, err := set.log.MarkIn(ctx, tx)
		if err != nil {
			return err
		}
		if mark.Log != set.logName {
			s.forsake(set, tableChanged)
			return errMoved
		}
		here, err := s.reaches(set, mark.Saw)
		if err != nil {
			return err
		}
		if page, err = s.readPage(ctx, tx, here, req); err != nil {
			return err
		}
		return s.stillWhole(ctx, tx, here)
	})
	return page, err
}

// stillWhole reports whether a followed table has the partitions that it had when a transaction
// began: those that come and go meanwhile do so for its later statements, whatever its snapshot is.
// The error is errMoved if not.
func (s *Store) stillWhole(ctx context.Context, tx pgx.Tx, set *Set) error {
	mark, err := set.log.MarkIn(ctx, tx)
	if err == nil && mark.Log != set.logName {
		s.forsake(set, tableChanged)
		err = errMoved
	}
	return err
}

// hasStamps reports whether each statement on the set's records returns a stamp.
func (s *Set) hasStamps() bool { return s.pin == nil && (!s.Attached() || s.saw != nil) }

// origin says which states contain a change. Of a kept set: its version and all later ones. Of a
// followed table: the state that the change was added for and all later ones; of the states
// between that one and the one before it, those that saw the change's transaction.
type origin struct {
	version int64
	xid     uint64
}

// origin is the origin of a change that the set's log reports.
func (s *Set) origin(logged int64) origin {
	if s.saw != nil {
		return origin{s.Version, uint64(logged)}
	}
	return origin{version: logged}
}

// in reports whether a state contains the change.
func (o origin) in(m changes.Mark) bool {
	return o.version <= m.Version || m.Saw != nil && m.Saw.Sees(o.xid)
}

// against adds the mark that a statement's stamp is compared with to a condition.
func (s *Set) against(own statement.Where) statement.Where {
	named, args := changes.AgainstMark(s.saw, len(own.Args)+1)
	if own.SQL != "" {
		named = "(" + own.SQL + ") and " + named
	}
	return statement.Where{SQL: named, Args: append(own.Args[:len(own.Args):len(own.Args)], args...)}
}
