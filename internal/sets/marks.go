package sets

import (
	"context"
	"encoding/json"
	"errors"
	"sync"
	"time"

	lru "github.com/hashicorp/golang-lru/v2"
	"github.com/jackc/pgx/v5"

	"pageladder.example/internal/changes"
)

// This file numbers the states of followed tables, so that callers can hold lists at them. The
// numbers are kept in our own database, where every service finds them.

const (
	numbersAtOnce = 10_000 // as in the migration
	marksKept     = 10_000 // the latest used
	marksEvery    = 100 * time.Millisecond
	marksLost     = 20_000 // waiting to be written; beyond that, a state is known to this service only
)

// marks are the numbered states of followed tables.
type marks struct {
	mu     sync.Mutex
	next   int64 // the next number
	end    int64 // end of the numbers that this service has reserved
	spare  int64 // begin of the next reserved ones; 0: none
	taking bool
	new    []named // not written yet
	known  *lru.Cache[int64, named]
}

// named is a state and its number.
type named struct {
	set string
	changes.Mark
}

func newMarks() *marks {
	m := &marks{}
	m.known, _ = lru.New[int64, named](marksKept) // the size is valid
	return m
}

// number returns the next number, 0 if there is none, and whether numbers are running low.
func (m *marks) number() (n int64, low bool) {
	m.mu.Lock()
	defer m.mu.Unlock()
	if m.next == m.end {
		if m.spare == 0 {
			return 0, true
		}
		m.next, m.end, m.spare = m.spare, m.spare+numbersAtOnce, 0
	}
	m.next++
	return m.next - 1, m.spare == 0 && m.end-m.next < numbersAtOnce/2
}

// state numbers a state of a followed set. Numbers rise. The error is errMoved if no number is
// available at the moment.
func (s *Store) state(set *Set, saw *changes.Snapshot) (int64, error) {
	n, low := s.marks.number()
	if low {
		s.takeNumbers()
	}
	if n == 0 {
		return 0, errMoved
	}
	m := s.marks
	m.mu.Lock()
	defer m.mu.Unlock()
	if !set.numbered { // the number is not given out
		return n, nil
	}
	one := named{set.Name, changes.Mark{Log: set.logName, Version: n, Saw: saw}}
	m.known.Add(n, one)
	if len(m.new) < marksLost {
		m.new = append(m.new, one)
	}
	return n, nil
}

// takeNumbers reserves numbers for states to come, in the background.
func (s *Store) takeNumbers() {
	m := s.marks
	m.mu.Lock()
	defer m.mu.Unlock()
	if m.taking || m.spare > 0 {
		return
	}
	m.taking = true
	s.background.Go(func() {
		ctx, cancel := context.WithTimeout(s.running, askTime)
		defer cancel()
		first, err := s.reserve(ctx)
		m.mu.Lock()
		defer m.mu.Unlock()
		if m.taking = false; err == nil {
			m.spare = first
		}
	})
}

// reserve reserves numbers that no other service gets. A service that may not write uses numbers
// that only it knows.
func (s *Store) reserve(ctx context.Context) (first int64, err error) {
	if s.readOnly {
		s.marks.mu.Lock()
		defer s.marks.mu.Unlock()
		return s.marks.end + 1, nil
	}
	return queryInt(ctx, s.pool, "select nextval('pageladder.mark_number')")
}

// writeMarks writes marks to the database as they come, the last ones when the store is closed.
func (s *Store) writeMarks() {
	for open := true; open; {
		select {
		case <-s.running.Done():
			open = false
		case <-time.After(marksEvery):
		}
		m := s.marks
		m.mu.Lock()
		some := m.new
		m.new = nil
		m.mu.Unlock()
		if len(some) == 0 {
			continue
		}
		if err := s.write(context.WithoutCancel(s.running), some); err != nil {
			m.mu.Lock()
			if len(some)+len(m.new) <= marksLost {
				m.new = append(some, m.new...)
			}
			m.mu.Unlock()
		}
	}
}

// markTime is the time limit for writing marks.
const markTime = 3 * time.Second

// write writes states. Some may be there: an attempt that failed for its caller may have been
// committed.
func (s *Store) write(ctx context.Context, some []named) error {
	ctx, cancel := context.WithTimeout(ctx, markTime)
	defer cancel()
	numbers, texts := make([]int64, len(some)), [3][]string{}
	for i, one := range some {
		saw, err := json.Marshal(one.Saw)
		if err != nil {
			return err
		}
		numbers[i] = one.Version
		texts[0], texts[1], texts[2] = append(texts[0], one.set), append(texts[1], one.Log), append(texts[2], string(saw))
	}
	_, err := s.pool.Exec(ctx, "insert into pageladder.mark (number, record_set, log, saw) select n, s, l, saw::jsonb from unnest($1::bigint[], $2::text[], $3::text[], $4::text[]) m (n, s, l, saw) on conflict do nothing", numbers, texts[0], texts[1], texts[2])
	return err
}

// markOf is the state of a followed set that has a number; a *GoneError if there is none.
func (s *Store) markOf(ctx context.Context, set *Set, number int64) (changes.Mark, error) {
	one, ok := s.marks.known.Get(number)
	for again := true; !ok; again = false {
		var saw changes.Snapshot
		err := s.pool.QueryRow(ctx, "select record_set, log, saw from pageladder.mark where number = $1", number).Scan(&one.set, &one.Log, &saw)
		switch {
		case err == nil:
			one.Version, one.Saw, ok = number, &saw, true
			s.marks.known.Add(number, one)
		case !errors.Is(err, pgx.ErrNoRows):
			return changes.Mark{}, err
		case !again:
			return changes.Mark{}, &GoneError{number, neverGiven}
		default: // another service may be about to write it
			select {
			case <-ctx.Done():
				return changes.Mark{}, ctx.Err()
			case <-time.After(2 * marksEvery):
			}
		}
	}
	switch {
	case one.set != set.Name:
		return changes.Mark{}, &GoneError{number, neverGiven}
	case one.Log != set.logName:
		return changes.Mark{}, &GoneError{number, anotherLog}
	}
	return one.Mark, nil
}

// forgetMarks deletes states at which no list can be held any more.
func (s *Store) forgetMarks(ctx context.Context) error {
	_, err := s.pool.Exec(ctx, "delete from pageladder.mark where at < now() - $1::interval", changes.Longest)
	return err
}
