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

// channel is where services that share a database tell each other which set has
// changed.
const channel = "pageladder_set_changed"

// relisten is how long to wait before a lost connection is made anew.
const relisten = 200 * time.Millisecond

// The connection that listens is looked after: it answers a question every beat, and
// what was heard before the answer is then known to be all that was told. When it has
// been silent for longer than silence, nothing that is remembered is taken for
// current, so that no filter and no right outlives its change by more than that.
const (
	beat     = 500 * time.Millisecond
	beatWait = time.Second // longest wait for the answer to a beat
	silence  = 1800 * time.Millisecond
)

// catalogue remembers sets as they were last seen. While it hears of changes, what it
// remembers is current, but for the moment that a notice takes.
type catalogue struct {
	mu     sync.RWMutex
	sets   map[string]seen
	turn   int64     // counts what was noted as stale, so that nothing older is taken for current afterwards
	heard  time.Time // all changes before this moment have been heard of; zero: not listening
	asking singleflight.Group
}

// seen is a set as it was last seen. A stale one has changed since, or may have: its
// version and total are asked for again, and what else it is only where it was defined anew,
// or its log has turned out to be another.
type seen struct {
	set   *Set
	stale bool
	anew  bool
}

// current tells whether what is remembered may be taken for current. The lock is held.
func (c *catalogue) current() bool { return time.Since(c.heard) < silence }

// get gives a set, whether it is current, and the turn.
func (c *catalogue) get(name string) (set *Set, current bool, turn int64) {
	c.mu.RLock()
	defer c.mu.RUnlock()
	s := c.sets[name]
	return s.set, s.set != nil && !s.stale && c.current(), c.turn
}

// put remembers a set that was read when the turn was as given, and gives the one that is
// remembered: a newer one may be there.
func (c *catalogue) put(set *Set, turn int64) *Set {
	c.mu.Lock()
	defer c.mu.Unlock()
	if s := c.sets[set.Name]; s.set != nil && s.set.catalogue == set.catalogue && s.set.Version > set.Version {
		return s.set
	}
	c.sets[set.Name] = seen{set: set, stale: c.turn != turn}
	return set
}

// distrust notes that a set's log is not what it was: all of the set is read anew.
func (c *catalogue) distrust(name string) {
	c.mu.Lock()
	defer c.mu.Unlock()
	c.turn++
	if s, ok := c.sets[name]; ok {
		c.sets[name] = seen{s.set, true, true}
	}
}

// confirm notes that a set was seen to have a version, at a turn or later.
func (c *catalogue) confirm(set *Set, turn int64) {
	c.mu.Lock()
	defer c.mu.Unlock()
	if s := c.sets[set.Name]; s.set != nil && !s.anew && (s.stale || s.set.Version < set.Version) && s.set.Version <= set.Version && s.set.defined == set.defined && s.set.catalogue == set.catalogue {
		c.sets[set.Name] = seen{set: set, stale: c.turn != turn}
	}
}

// stale notes that a set may have changed.
func (c *catalogue) stale(name string) {
	c.mu.Lock()
	defer c.mu.Unlock()
	c.turn++
	if s, ok := c.sets[name]; ok {
		c.sets[name] = seen{s.set, true, s.anew}
	}
}

// told notes what a change of a set's records told of the set: all that has changed, unless it was
// defined anew. It gives the set where it has moved on.
func (c *catalogue) told(name string, by stamp) *Set {
	c.mu.Lock()
	defer c.mu.Unlock()
	s, ok := c.sets[name]
	moved := ok && s.set.stamped(by) && s.set.log != nil && !s.anew
	switch {
	case ok && s.set.Version > by.version:
	case moved && s.set.Version == by.version:
		c.sets[name] = seen{set: s.set}
	case moved:
		c.turn++
		here := s.set.seenAt(by)
		c.sets[name] = seen{set: here}
		return here
	default:
		c.turn++
		if ok {
			s.stale = true
			c.sets[name] = s
		}
	}
	return nil
}

// untrusted tells whether all of a set is to be read anew.
func (c *catalogue) untrusted(name string) bool {
	c.mu.RLock()
	defer c.mu.RUnlock()
	return c.sets[name].anew
}

// forget forgets a set that is not there any more.
func (c *catalogue) forget(name string) {
	c.mu.Lock()
	defer c.mu.Unlock()
	c.turn++
	delete(c.sets, name)
}

// forgetAll forgets everything, as another life of the database begins.
func (c *catalogue) forgetAll() {
	c.mu.Lock()
	defer c.mu.Unlock()
	c.turn++
	clear(c.sets)
}

// deaf notes that changes are not heard of for now: whatever is remembered is stale.
func (c *catalogue) deaf() {
	c.mu.Lock()
	defer c.mu.Unlock()
	c.turn++
	for name, s := range c.sets {
		c.sets[name] = seen{s.set, true, s.anew}
	}
	c.heard = time.Time{}
}

// hears notes that all changes before a moment have been heard of.
func (c *catalogue) hears(until time.Time) {
	c.mu.Lock()
	defer c.mu.Unlock()
	c.heard = until
}

// Heard tells whether the database has been heard of lately.
func (s *Store) Heard() bool {
	s.catalogue.mu.RLock()
	defer s.catalogue.mu.RUnlock()
	return s.catalogue.current()
}

// Latest gives a set as it is, asking the database only where it may have changed.
// Errors are ErrNoSet or the database's.
func (s *Store) Latest(ctx context.Context, name string) (*Set, error) {
	known, current, turn := s.catalogue.get(name)
	if current {
		return known, nil
	}
	// Many who find the same set stale at the same turn ask once. It has a time of its
	// own, since others wait for it.
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

// askTime is what asking for a set's state may take.
const askTime = 10 * time.Second

// look asks for a set's version and total and, where it was defined anew or its log is
// not trusted, for all of it.
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

// notify tells every service that a set has changed, when the transaction commits.
func notify(ctx context.Context, tx pgx.Tx, name string) error {
	_, err := tx.Exec(ctx, "select pg_notify($1, $2)", channel, name)
	return err
}

// notices hears what services tell each other. A change of records comes as two notices of one
// transaction: the set's name with its stamp, and the name alone, by which services of earlier
// versions, and triggers, tell of a change.
type notices struct {
	*catalogue
	moved   func(*Set) // is called with a set whose records have changed
	stamped string     // what the notice before this one told the stamp of, and who told it
}

func (n *notices) hear(notice *pgconn.Notification) {
	by := strconv.FormatUint(uint64(notice.PID), 10) + " "
	name, rest, _ := strings.Cut(notice.Payload, " ")
	if told, err := readStamp([]byte(rest)); err == nil {
		if set := n.told(name, told); set != nil && n.moved != nil {
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

// listen hears of changes until the store is closed, over a connection of its own.
func (s *Store) listen() {
	for s.running.Err() == nil {
		s.listenOnce(s.running)
		s.catalogue.deaf()
		select {
		case <-s.running.Done():
		case <-time.After(relisten):
		}
	}
}

// listenOnce hears of changes over one connection until that fails or falls silent.
func (s *Store) listenOnce(ctx context.Context) error {
	config := s.pool.Config().ConnConfig
	heard := notices{catalogue: &s.catalogue, moved: s.ahead}
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
