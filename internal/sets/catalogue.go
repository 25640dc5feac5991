package sets

import (
	"context"
	"sync"
	"time"

	"github.com/jackc/pgx/v5"
	"github.com/jackc/pgx/v5/pgconn"
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
	mu    sync.RWMutex
	sets  map[string]*Set
	turn  int64     // counts what was forgotten, so that nothing older is put in afterwards
	heard time.Time // all changes before this moment have been heard of; zero: not listening
}

// current tells whether what is remembered may be taken for current. The lock is held.
func (c *catalogue) current() bool { return time.Since(c.heard) < silence }

func (c *catalogue) get(name string) (set *Set, turn int64) {
	c.mu.RLock()
	defer c.mu.RUnlock()
	if !c.current() {
		return nil, c.turn
	}
	return c.sets[name], c.turn
}

// put remembers a set that was read when the turn was as given.
func (c *catalogue) put(set *Set, turn int64) {
	c.mu.Lock()
	defer c.mu.Unlock()
	if c.turn == turn {
		c.sets[set.Name] = set
	}
}

func (c *catalogue) forget(name string) {
	c.mu.Lock()
	defer c.mu.Unlock()
	c.turn++
	delete(c.sets, name)
}

// deaf notes that changes are not heard of for now. Whatever happens meanwhile is
// unknown, so everything is forgotten.
func (c *catalogue) deaf() {
	c.mu.Lock()
	defer c.mu.Unlock()
	c.turn++
	c.sets = map[string]*Set{}
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

// Current gives a set without asking the database; nil where it is not known to be
// current.
func (s *Store) Current(name string) *Set {
	set, _ := s.catalogue.get(name)
	return set
}

// cached gives a set as it was last seen. It may be older than the database has
// it: whoever reads by it finds that out by the version.
func (s *Store) cached(ctx context.Context, name string) (*Set, error) {
	set, turn := s.catalogue.get(name)
	if set != nil {
		return set, nil
	}
	set, err := s.Get(ctx, name)
	if err == nil {
		s.catalogue.put(set, turn)
	}
	return set, err
}

// notify tells every service that a set has changed, when the transaction commits.
func notify(ctx context.Context, tx pgx.Tx, name string) error {
	_, err := tx.Exec(ctx, "select pg_notify($1, $2)", channel, name)
	return err
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
	config.OnNotification = func(_ *pgconn.PgConn, notice *pgconn.Notification) { s.catalogue.forget(notice.Payload) }
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
