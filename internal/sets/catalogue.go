package sets

import (
	"context"
	"errors"
	"strconv"
	"strings"
	"sync"
	"time"

	"github.com/jackc/pgx/v5"
	"github.com/jackc/pgx/v5/pgconn"
	"golang.org/x/sync/singleflight"
)

// channel is the NOTIFY channel on which services that share a database tell each other which set
// has changed.
const channel = "pageladder_set_changed"

// relisten is the pause before a lost LISTEN connection is opened again.
const relisten = 200 * time.Millisecond

// The listening connection answers a question every beat. All notices that were sent before that
// answer have then been received. If it is silent for longer than silence, nothing that is
// remembered counts as current, so that no filter and no right is used for longer than that after
// it was changed.
const (
	beat     = 500 * time.Millisecond
	beatWait = time.Second // longest wait for the answer to a beat
	silence  = 1800 * time.Millisecond
)

// catalogue remembers sets as they were last seen. While it receives notices, what it remembers is
// current, except for the moment that a notice takes.
type catalogue struct {
	mu     sync.RWMutex
	sets   map[string]seen
	turns  turnsOf
	heard  time.Time // all changes before this moment are known; zero: not listening
	asking singleflight.Group
}

// turnsOf are the turns of sets: a set's turn rises whenever it is marked stale, so that an older
// reading of it is not taken for current afterwards.
type turnsOf struct {
	last, all int64 // the last turn; that of sets without one of their own
	of        map[string]int64
}

// turnsKept is the most sets with a turn of their own: names of removed sets stay.
const turnsKept = 10_000

func (t *turnsOf) get(name string) int64 { return max(t.of[name], t.all) }

func (t *turnsOf) rise(name string) {
	if t.last++; len(t.of) >= turnsKept {
		t.all = t.last
		clear(t.of)
	}
	if t.of == nil {
		t.of = map[string]int64{}
	}
	t.of[name] = t.last
}

func (t *turnsOf) riseAll() { t.last++; t.all = t.last }

// seen is a set as it was last seen. A stale one may have changed since: its version and its total
// are asked for again. Its definition is asked for again only if it was defined anew, or if its
// log turns out to be another one.
type seen struct {
	set   *Set
	stale bool
	anew  bool
}

// current reports whether what is remembered may be used without asking. The caller holds the
// lock.
func (c *catalogue) current() bool { return time.Since(c.heard) < silence }

// get returns a set, whether it is current, and the turn.
func (c *catalogue) get(name string) (set *Set, current bool, turn int64) {
	c.mu.RLock()
	defer c.mu.RUnlock()
	s := c.sets[name]
	return s.set, s.set != nil && !s.stale && c.current(), c.turns.get(name)
}

// put remembers a set that was read at a turn, and returns the set that is remembered: a newer one
// may be there already.
func (c *catalogue) put(set *Set, turn int64) *Set {
	c.mu.Lock()
	defer c.mu.Unlock()
	s := c.sets[set.Name]
	if s.set != nil && s.set.catalogue == set.catalogue && s.set.Version > set.Version {
		return s.set
	}
	behind := c.turns.get(set.Name) != turn
	c.sets[set.Name] = seen{set: set, stale: behind, anew: behind && s.anew}
	return set
}

// distrust notes that a set's log is not the one that was known, so that the whole set is read
// again.
func (c *catalogue) distrust(name string) {
	c.mu.Lock()
	defer c.mu.Unlock()
	c.turns.rise(name)
	if s, ok := c.sets[name]; ok {
		c.sets[name] = seen{s.set, true, true}
	}
}

// confirm notes that a set was seen at its version, at this turn or later.
func (c *catalogue) confirm(set *Set, turn int64) {
	c.mu.Lock()
	defer c.mu.Unlock()
	if s := c.sets[set.Name]; s.set != nil && !s.anew && (s.stale || s.set.Version < set.Version) && s.set.Version <= set.Version && s.set.defined == set.defined && s.set.catalogue == set.catalogue {
		c.sets[set.Name] = seen{set: set, stale: c.turns.get(set.Name) != turn}
	}
}

// stale notes that a set may have changed.
func (c *catalogue) stale(name string) {
	c.mu.Lock()
	defer c.mu.Unlock()
	c.turns.rise(name)
	if s, ok := c.sets[name]; ok {
		c.sets[name] = seen{s.set, true, s.anew}
	}
}

// noteStamp updates a set by the stamp that came with a notice: a change of records changes
// nothing else, unless the set was defined anew. It returns the set if it has moved on.
func (c *catalogue) noteStamp(name string, by stamp) *Set {
	c.mu.Lock()
	defer c.mu.Unlock()
	s, ok := c.sets[name]
	moved := ok && s.set.stamped(by) && s.set.log != nil && !s.anew
	switch {
	case ok && s.set.Version > by.version:
	case moved && s.set.Version == by.version:
		c.sets[name] = seen{set: s.set}
	case moved:
		c.turns.rise(name)
		here := s.set.seenAt(by)
		c.sets[name] = seen{set: here}
		return here
	default:
		c.turns.rise(name)
		if ok {
			s.stale = true
			c.sets[name] = s
		}
	}
	return nil
}

// untrusted reports whether the whole set has to be read again.
func (c *catalogue) untrusted(name string) bool {
	c.mu.RLock()
	defer c.mu.RUnlock()
	return c.sets[name].anew
}

// forget forgets a set that is not there (any more).
func (c *catalogue) forget(name string) {
	c.mu.Lock()
	defer c.mu.Unlock()
	if _, known := c.sets[name]; known {
		c.turns.rise(name)
		delete(c.sets, name)
	}
}

// forgetAll forgets everything: the database was restored, promoted or started anew.
func (c *catalogue) forgetAll() {
	c.mu.Lock()
	defer c.mu.Unlock()
	c.turns.riseAll()
	clear(c.sets)
}

// deaf notes that no notices are received at present. Everything that is remembered is then stale.
func (c *catalogue) deaf() {
	c.mu.Lock()
	defer c.mu.Unlock()
	c.turns.riseAll()
	for name, s := range c.sets {
		c.sets[name] = seen{s.set, true, s.anew}
	}
	c.heard = time.Time{}
}

// hears notes that all changes before a moment are known.
func (c *catalogue) hears(until time.Time) {
	c.mu.Lock()
	defer c.mu.Unlock()
	c.heard = until
}

// Heard reports whether the database has answered on the listening connection lately.
func (s *Store) Heard() bool {
	s.catalogue.mu.RLock()
	defer s.catalogue.mu.RUnlock()
	return s.catalogue.current()
}

// Latest returns a set as it is, and asks the database only if it may have changed. Errors are
// ErrNoSet or the database's.
func (s *Store) Latest(ctx context.Context, name string) (*Set, error) {
	known, current, turn := s.catalogue.get(name)
	if current {
		return known, nil
	}
	// Callers who find the same set stale at the same turn share one question. It has its own time
	// limit, since others wait for it.
	asked := s.catalogue.asking.DoChan(strconv.FormatInt(turn, 10)+" "+name, func() (any, error) {
		ctx, cancel := context.WithTimeout(s.running, askTime)
		defer cancel()
		set, err := s.look(ctx, name, known)
		if errors.Is(err, ErrNoSet) {
			s.catalogue.forget(name)
		}
		if err != nil {
			return nil, err
		}
		return s.catalogue.put(set, turn), nil
	})
	select {
	case <-ctx.Done():
		return nil, ctx.Err()
	case result := <-asked:
		if result.Err != nil {
			return nil, result.Err
		}
		return result.Val.(*Set), nil
	}
}

// askTime is the time limit of a question for a set's state.
const askTime = 10 * time.Second

// look asks for a set's version and total. It asks for the whole set if that was defined anew or
// its log is not trusted.
func (s *Store) look(ctx context.Context, name string, known *Set) (*Set, error) {
	if known != nil && known.log != nil && !s.catalogue.untrusted(name) {
		if set, err := moved(ctx, s.pool, known); err != nil || set != nil {
			return set, err
		}
	}
	var set *Set
	err := snapshot(ctx, s.pool, func(tx pgx.Tx) error {
		var err error
		if set, err = get(ctx, tx, name); err != nil || set.Attached() {
			return err
		}
		return set.readLog(ctx, tx)
	})
	if err == nil && !set.Attached() && !set.holds() {
		s.makeLog(set)
	}
	return set, err
}

// notify tells every service that a set has changed, once the transaction commits.
func notify(ctx context.Context, tx pgx.Tx, name string) error {
	_, err := tx.Exec(ctx, "select pg_notify($1, $2)", channel, name)
	return err
}

// notices receives what services tell each other. A change of records sends two notices in one
// transaction: the set's name with its stamp, and the name alone. Services of earlier versions,
// and triggers, send the name alone.
type notices struct {
	*catalogue
	moved   func(*Set) // called with a set whose records have changed
	forget  func()     // called when a record was purged
	stamped string     // which sender told the stamp of which set in the notice before this one
}

func (n *notices) hear(notice *pgconn.Notification) {
	by := strconv.FormatUint(uint64(notice.PID), 10) + " "
	name, rest, _ := strings.Cut(notice.Payload, " ")
	if rest == purged {
		if n.stale(name); n.forget != nil {
			n.forget()
		}
		return
	}
	if told, err := readStamp([]byte(rest)); err == nil {
		if set := n.noteStamp(name, told); set != nil && n.moved != nil {
			n.moved(set)
		}
		n.stamped = by + name
		return
	}
	if n.stamped != by+notice.Payload {
		n.stale(notice.Payload)
	}
	n.stamped = ""
}

// listen receives notices until the store is closed, over a connection of its own.
func (s *Store) listen() {
	for s.running.Err() == nil {
		s.listenOnce(s.running)
		s.catalogue.deaf()
		s.forget() // a notice of a purge may be missed
		select {
		case <-s.running.Done():
		case <-time.After(relisten):
		}
	}
}

// listenOnce receives notices over one connection until that fails or falls silent.
func (s *Store) listenOnce(ctx context.Context) error {
	config := s.pool.Config().ConnConfig
	heard := notices{catalogue: &s.catalogue, moved: s.ahead, forget: s.forget}
	config.OnNotification = func(_ *pgconn.PgConn, notice *pgconn.Notification) { heard.hear(notice) }
	conn, err := pgx.ConnectConfig(ctx, config)
	if err != nil {
		return err
	}
	defer func() {
		ctx, cancel := context.WithTimeout(context.WithoutCancel(ctx), beatWait)
		defer cancel()
		conn.Close(ctx)
	}()
	for question := "listen " + channel; ; question = "select" {
		asked := time.Now()
		answer, cancel := context.WithTimeout(ctx, beatWait)
		_, err := conn.Exec(answer, question)
		cancel()
		if err != nil {
			return err
		}
		s.catalogue.hears(asked)
		for until := asked.Add(beat); time.Now().Before(until); {
			wait, cancel := context.WithDeadline(ctx, until)
			err := conn.PgConn().WaitForNotification(wait)
			cancel()
			if err != nil && wait.Err() == nil {
				return err
			}
			if ctx.Err() != nil {
				return ctx.Err()
			}
		}
	}
}
