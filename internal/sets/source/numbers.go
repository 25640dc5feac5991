package source

import (
	"context"
	"encoding/json"
	"errors"
	"sync"
	"time"

	lru "github.com/hashicorp/golang-lru/v2"
	"github.com/jackc/pgx/v5"
	"github.com/jackc/pgx/v5/pgxpool"

	"pageladder.example/internal/changes"
	"pageladder.example/internal/postgres"
	"pageladder.example/internal/servers"
	"pageladder.example/internal/sets/relation"
	"pageladder.example/internal/sets/view"
)

// This file numbers the states of followed tables, so that callers can hold lists at them. The
// numbers are kept in our own database, where every service finds them.

const (
	numbersAtOnce = 10_000 // as in the migration
	marksKept     = 10_000 // the latest used
	marksEvery    = 100 * time.Millisecond
	marksLost     = 20_000 // waiting to be written; beyond that, a state is known to this service only
)

// Numbers are the numbered states of followed tables. States are numbered as they are seen, over all
// tables together: no number comes twice, so that what is known at one state is never taken for
// that of another.
type Numbers struct {
	pool     *pgxpool.Pool // of our own database
	running  context.Context
	later    func(func()) // runs something in the background
	readOnly bool
	read     servers.Reader

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

func newNumbers(pool *pgxpool.Pool, running context.Context, later func(func()), readOnly bool, read servers.Reader) *Numbers {
	m := &Numbers{pool: pool, running: running, later: later, readOnly: readOnly, read: read}
	m.known, _ = lru.New[int64, named](marksKept) // the size is valid
	return m
}

// number returns the next number, 0 if there is none, and whether numbers are running low.
func (m *Numbers) number() (n int64, low bool) {
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

// state numbers a state of a set's table; given: callers get the number. Numbers rise. The error is a
// *Moved if no number is available at the moment.
func (m *Numbers) state(set string, log string, saw *changes.Snapshot, given bool) (int64, error) {
	n, low := m.number()
	if low {
		m.takeNumbers()
	}
	if n == 0 {
		return 0, &view.Moved{Why: "no number for its state has come yet"}
	}
	if !given {
		return n, nil
	}
	m.mu.Lock()
	defer m.mu.Unlock()
	one := named{set, changes.Mark{Log: log, Version: n, Saw: saw}}
	m.known.Add(n, one)
	if len(m.new) < marksLost {
		m.new = append(m.new, one)
	}
	return n, nil
}

// takeNumbers reserves numbers for states to come, in the background.
func (m *Numbers) takeNumbers() {
	m.mu.Lock()
	defer m.mu.Unlock()
	if m.taking || m.spare > 0 {
		return
	}
	m.taking = true
	m.later(func() {
		ctx, cancel := context.WithTimeout(m.running, numberTime)
		defer cancel()
		first, err := m.reserve(ctx)
		m.mu.Lock()
		defer m.mu.Unlock()
		if m.taking = false; err == nil {
			m.spare = first
		}
	})
}

// reserve reserves numbers that no other service gets. A service that may not write uses numbers
// that only it knows.
func (m *Numbers) reserve(ctx context.Context) (first int64, err error) {
	if m.readOnly {
		m.mu.Lock()
		defer m.mu.Unlock()
		return m.end + 1, nil
	}
	return postgres.Int(ctx, m.pool, "select nextval('pageladder.mark_number')")
}

// numberTime is the time limit for reserving numbers.
const numberTime = 10 * time.Second

// Begin reserves the first numbers.
func (m *Numbers) Begin(ctx context.Context) (err error) {
	m.spare, err = m.reserve(ctx)
	return err
}

// Write writes marks to our database as they come, the last ones when the context of all ends.
func (m *Numbers) Write() {
	for open := true; open; {
		select {
		case <-m.running.Done():
			open = false
		case <-time.After(marksEvery):
		}
		m.mu.Lock()
		some := m.new
		m.new = nil
		m.mu.Unlock()
		if len(some) == 0 {
			continue
		}
		if err := m.write(context.WithoutCancel(m.running), some); err != nil {
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
func (m *Numbers) write(ctx context.Context, some []named) error {
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
	_, err := m.pool.Exec(ctx, "insert into pageladder.mark (number, record_set, log, saw) select n, s, l, saw::jsonb from unnest($1::bigint[], $2::text[], $3::text[], $4::text[]) m (n, s, l, saw) on conflict do nothing", numbers, texts[0], texts[1], texts[2])
	return err
}

// find is the state of a set's table that has a number; a *GoneError if there is none.
func (m *Numbers) find(ctx context.Context, set string, number int64) (changes.Mark, error) {
	one, ok := m.known.Get(number)
	for again := true; !ok; again = false {
		var saw changes.Snapshot
		_, err := m.read(ctx, func(ctx context.Context, db *pgxpool.Pool) error {
			return db.QueryRow(ctx, "select record_set, log, saw from pageladder.mark where number = $1", number).Scan(&one.set, &one.Log, &saw)
		})
		switch {
		case err == nil:
			one.Version, one.Saw, ok = number, &saw, true
			m.known.Add(number, one)
		case !errors.Is(err, pgx.ErrNoRows):
			return changes.Mark{}, err
		case !again:
			return changes.Mark{}, &view.GoneError{Mark: number, Why: relation.NeverGiven}
		default: // another service may be about to write it
			select {
			case <-ctx.Done():
				return changes.Mark{}, ctx.Err()
			case <-time.After(2 * marksEvery):
			}
		}
	}
	if one.set != set {
		return changes.Mark{}, &view.GoneError{Mark: number, Why: relation.NeverGiven}
	}
	return one.Mark, nil
}

// of is the state that has a number, of a set's table by its log; a *GoneError if there is none.
func (m *Numbers) of(ctx context.Context, set, log string, number int64) (changes.Mark, error) {
	mark, err := m.find(ctx, set, number)
	if err == nil && mark.Log != log {
		err = &view.GoneError{Mark: number, Why: relation.AnotherLog}
	}
	return mark, err
}

// Forget deletes states at which no list can be held any more.
func (m *Numbers) Forget(ctx context.Context) error {
	_, err := m.pool.Exec(ctx, "delete from pageladder.mark where at < now() - $1::interval", changes.Longest)
	return err
}
