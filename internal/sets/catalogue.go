package sets

import (
	"context"
	"sync"
	"time"

	"github.com/jackc/pgx/v5"
)

// channel is where services that share a database tell each other which set has
// changed.
const channel = "pageladder_set_changed"

// relisten is how long to wait before a lost connection is made anew.
const relisten = 500 * time.Millisecond

// catalogue remembers sets as they were last seen. While it listens for changes,
// what it remembers is current, but for the moment that a notice takes.
type catalogue struct {
	mu        sync.RWMutex
	sets      map[string]*Set
	turn      int64 // counts what was forgotten, so that nothing older is put in afterwards
	listening bool
}

func (c *catalogue) get(name string) (set *Set, turn int64) {
	c.mu.RLock()
	defer c.mu.RUnlock()
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

// listens notes whether changes are heard of. Whatever happened while they were
// not is unknown, so everything is forgotten.
func (c *catalogue) listens(now bool) {
	c.mu.Lock()
	defer c.mu.Unlock()
	c.turn++
	c.sets = map[string]*Set{}
	c.listening = now
}

// Current gives a set without asking the database; nil where it is not known to be
// current.
func (s *Store) Current(name string) *Set {
	s.catalogue.mu.RLock()
	defer s.catalogue.mu.RUnlock()
	if !s.catalogue.listening {
		return nil
	}
	return s.catalogue.sets[name]
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

// tell tells every service that a set has changed, when the transaction commits.
func tell(ctx context.Context, tx pgx.Tx, name string) error {
	_, err := tx.Exec(ctx, "select pg_notify($1, $2)", channel, name)
	return err
}

// listen hears of changes until the store is closed, over a connection of its own.
func (s *Store) listen() {
	for s.running.Err() == nil {
		s.listenOnce(s.running)
		s.catalogue.listens(false)
		select {
		case <-s.running.Done():
		case <-time.After(relisten):
		}
	}
}

func (s *Store) listenOnce(ctx context.Context) error {
	conn, err := pgx.ConnectConfig(ctx, s.pool.Config().ConnConfig)
	if err != nil {
		return err
	}
	defer conn.Close(context.WithoutCancel(ctx))
	if _, err := conn.Exec(ctx, "listen "+channel); err != nil {
		return err
	}
	s.catalogue.listens(true)
	for {
		notice, err := conn.WaitForNotification(ctx)
		if err != nil {
			return err
		}
		s.catalogue.forget(notice.Payload)
	}
}
