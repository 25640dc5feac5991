package sets

import (
	"context"
	"errors"
	"strings"

	"github.com/jackc/pgx/v5"

	"pageladder.example/internal/changes"
	"pageladder.example/paging"
	"pageladder.example/paging/statement"
)

// This file reads sets as they were at a mark: which state that is, and whether the log reaches
// back that far.

// Reasons why a list cannot be held at a mark.
const (
	neverGiven = "no page has been of that version"
	notHeld    = "its records have no change log that tells how they were"
	textLost   = "a text that is too long for the change log has changed since"
)

// pinMemory is enough for a hash of the keys of all records that were added since a mark.
// Comparing 30,000 keys with each record one by one would cost more than everything else.
const pinMemory = "32MB"

// pinnedAt is the set held at a version, in a transaction that sees it so. It checks that the
// set's log reaches back to that version.
func (s *Store) pinnedAt(ctx context.Context, tx pgx.Tx, set *Set, version int64) (_ *Set, err error) {
	switch {
	case set.Attached():
		if set, err = s.followedIn(ctx, tx, set); err != nil {
			return nil, err
		}
	case !set.holds():
		here := *set
		if err := here.readLog(ctx, tx); err != nil {
			return nil, err
		}
		set = &here
	}
	mark, err := s.markAt(ctx, set, version)
	if err != nil {
		return nil, err
	}
	if _, err := tx.Exec(ctx, "set local work_mem = '"+pinMemory+"'"); err != nil {
		return nil, err
	}
	window := changes.Window{After: mark, Until: set.mark()}
	_, args := window.Condition("l", 1)
	var proof string
	var one *int
	if err := tx.QueryRow(ctx, set.log.Proved(&window, 1, nil, "select 1", "one"), args...).Scan(&proof, &one); err != nil {
		why, err := logGone(err)
		if why != "" {
			err = s.gone(set, version, why)
		}
		return nil, err
	}
	if why := (&base{Mark: mark}).refuted(proof); why != "" {
		return nil, &GoneError{version, why}
	}
	here := *set
	here.pin = &mark
	return &here, nil
}

// gone is the error of a list whose log does not tell how the list was at a version. The log
// itself is not doubted for that: the caller chooses how far back to ask.
func (s *Store) gone(set *Set, version int64, why string) error {
	if set.saw == nil && (why == noMoreLog || why == anotherLog) { // there may be another one by now
		s.catalogue.distrust(set.Name)
		return errMoved
	}
	return &GoneError{version, why}
}

// notFollowed says why a set whose table is to be followed is read the plain way.
func (s *Store) notFollowed(set *Set) string {
	if why := s.FollowKnown(set).Missing; len(why) > 0 {
		return "its table is not followed: " + strings.Join(why, "; ")
	}
	return notHeld
}

// followedIn is a followed set at the state that a transaction sees.
func (s *Store) followedIn(ctx context.Context, tx pgx.Tx, set *Set) (*Set, error) {
	if !set.Followed {
		return set, nil
	}
	latest := s.followedAt(set)
	if latest == nil {
		return set, nil
	}
	mark, err := latest.log.MarkIn(ctx, tx)
	if err != nil {
		return nil, err
	}
	if mark.Log != latest.logName {
		s.forsake(latest, tableChanged)
		return set, nil
	}
	return s.reaches(latest, mark.Saw)
}

// markAt is the mark of a version of a set.
func (s *Store) markAt(ctx context.Context, set *Set, version int64) (changes.Mark, error) {
	switch {
	case !set.holds(), set.saw != nil && !set.numbered:
		return changes.Mark{}, &GoneError{version, notHeld}
	case set.saw != nil:
		mark, err := s.markOf(ctx, set, version)
		if err == nil && !set.mark().Covers(mark) {
			err = errMoved // a standby is behind, or the order of the two states is not known
		}
		return mark, err
	case set.catalogue != s.epoch.Load() && !s.readOnly: // a backup was restored while the service ran
		conn, err := s.pool.Acquire(ctx)
		if err != nil {
			return changes.Mark{}, err
		}
		defer conn.Release()
		if err := s.beginEpoch(ctx, conn.Conn()); err != nil {
			return changes.Mark{}, err
		}
		return changes.Mark{}, errMoved
	case version > set.Version:
		return changes.Mark{}, &GoneError{version, neverGiven}
	}
	return changes.Mark{Log: set.logName, Version: version}, nil
}

// pinnedQuestion is a question of the list at the mark that the set is held at. It is used like a
// question of any table.
func (s *Set) pinnedQuestion(ask *paging.Ask, sees Visibility) (*question, error) {
	p, err := s.pinned(ask, sees, nil)
	if err != nil {
		return nil, err
	}
	asked, err := p.ask(ask)
	if err != nil {
		return nil, err
	}
	return s.questionOf(p, asked, ask, sees), nil
}

// questionOf is the question that one part of a list at a mark is read by.
func (s *Set) questionOf(p *pinned, asked *statement.Question, ask *paging.Ask, sees Visibility) *question {
	return &question{Question: asked, at: p, set: s, ask: ask, sees: sees, own: p.where, order: asked.Order(), filterKey: filterKey(ask, s.fixedFor(sees)), countLimit: -1, fields: s.named(ask.Fields())}
}

// withinAt does what within does, with the set held at the version that the request asks for, if
// it asks for one.
func (s *Store) withinAt(ctx context.Context, req Request, do func(tx pgx.Tx, set *Set) error) error {
	for attempt := range attempts {
		err := s.within(ctx, req.Set, func(tx pgx.Tx, set *Set) (err error) {
			if req.At > 0 {
				if set, err = s.pinnedAt(ctx, tx, set, req.At); err != nil {
					return err
				}
			}
			if err = do(tx, set); err == nil && set.pin != nil && set.saw != nil {
				err = s.stillWhole(ctx, tx, set)
			}
			return err
		})
		if req.At == 0 || !errors.Is(err, errMoved) || attempt == attempts-1 {
			return behind(req.At, err)
		}
	}
	return nil
}

// behind is the error of a list held at a state that this server cannot see yet.
func behind(version int64, err error) error {
	if version > 0 && errors.Is(err, errMoved) {
		return &GoneError{version, "its log has been made anew just now, or the database that is read is behind; ask again"}
	}
	return err
}
