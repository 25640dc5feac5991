package catalog

import (
	"context"
	"errors"
	"fmt"
	"strconv"
	"sync"
	"sync/atomic"
	"time"

	lru "github.com/hashicorp/golang-lru/v2"
	"github.com/jackc/pgx/v5"
	"github.com/jackc/pgx/v5/pgxpool"
	"golang.org/x/sync/singleflight"

	"pageladder.example/internal/changes"
	"pageladder.example/internal/fence"
	"pageladder.example/internal/postgres"
	"pageladder.example/internal/servers"
)

// channel is the NOTIFY channel on which services that share a database notify each other which set
// has changed.
const channel = "pageladder_set_changed"

// purged is what they add to a set's name when one of its records is purged.
const purged = "purged"

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
	// longSilence is the silence after which everything that waits for the database gets an error: a server that
	// does not answer for as long has most likely been replaced.
	longSilence = 3 * time.Second
)

// Catalog remembers sets as they were last seen. While it receives notices, what it remembers is
// current, except for the moment that a notice takes. It is safe for concurrent use.
type Catalog struct {
	// Moved is called with a set in our own database whose records have changed; nil: nobody wants to know.
	Moved func(*Set)
	// Purged is called when everything that is remembered of records has to be forgotten.
	Purged func()
	// Ended is called with what a service has notified by peers.NotifyEnded; nil: nobody wants to know.
	Ended func(what string)
	Read  servers.Reader

	writes  *postgres.Writer
	listens *pgx.ConnConfig   // of the listening connection
	primary *postgres.Primary // nil: any server will do, and nobody listens
	fence   *fence.Fence      // nil: likewise
	running context.Context
	life    lifetime

	mu     sync.RWMutex
	sets   map[string]seen
	turns  turnsOf
	gone   *lru.Cache[string, struct{}] // sets of which the database has said that they are not there
	heard  time.Time                    // all changes before this moment are known; zero: not listening
	asking singleflight.Group
}

// New makes a catalogue. Its questions for sets end with a context.
func New(running context.Context) *Catalog {
	c := &Catalog{running: running, sets: map[string]seen{}, Purged: func() {}}
	c.gone, _ = lru.New[string, struct{}](turnsKept) // the size is valid
	return c
}

// Follow has a pool follow the one server that is listened to, over a connection of its own, unless it is behind a fence.
func (c *Catalog) Follow(config *pgxpool.Config, fence *fence.Fence) {
	c.fence = fence
	c.listens = config.ConnConfig.Copy()
	c.listens.ConnectTimeout = beatWait // for each of the hosts
	c.primary = postgres.NewPrimary()
	c.primary.Follow(config)
}

// OnCut sets what is called when connections have been cut, so that pools forget them.
func (c *Catalog) OnCut(forget func()) {
	if c.primary != nil {
		c.primary.Cut = forget
	}
}

// Use says over which connections sets are read and changed. Each of them has gone through Lives.
func (c *Catalog) Use(pools postgres.Pools) {
	c.Read, c.writes = servers.Of(pools.Main), pools.Writes
}

// turnsOf are the turns of sets: a set's turn rises whenever it is marked stale, so that an older
// reading of it is not taken for current afterwards.
type turnsOf struct {
	last, all int64 // the last turn; that of sets without one of their own
	of        map[string]int64
}

// turnsKept limits the sets with a turn of their own: names of removed sets stay.
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
// are asked for again. Its definition is asked for again only if it was defined anew.
type seen struct {
	set   *Set
	stale bool
	since time.Time // when it was noted first
	// unread means that a notice has said that it has changed, and nobody has read how.
	unread bool
}

// current reports whether what is remembered may be used without asking. The caller holds the
// lock.
func (c *Catalog) current() bool { return time.Since(c.heard) < silence }

// Known is a set as it was last seen, nil if it never was; whether it is current, and the turn.
func (c *Catalog) Known(name string) (set *Set, current bool, turn int64) {
	c.mu.RLock()
	defer c.mu.RUnlock()
	s := c.sets[name]
	return s.set, s.set != nil && !s.stale && c.current(), c.turns.get(name)
}

// Saw notes at which version a set was seen, once that is committed, before anybody is shown it.
func (c *Catalog) Saw(set *Set) {
	if !set.Attached() {
		c.fence.Saw(set.Name, set.Version)
	}
}

// put remembers a set that was read at a turn, and returns the set that is remembered: a newer one
// may be there already.
func (c *Catalog) put(set *Set, turn int64) *Set {
	c.Saw(set)
	c.mu.Lock()
	defer c.mu.Unlock()
	s := c.sets[set.Name]
	if s.set != nil && s.set.catalogue == set.catalogue && s.set.Version > set.Version {
		return s.set
	}
	c.gone.Remove(set.Name)
	stale := c.turns.get(set.Name) != turn
	since := time.Now()
	if s.set != nil && s.set.catalogue == set.catalogue {
		since = s.since
	}
	c.sets[set.Name] = seen{set: set, stale: stale, since: since, unread: stale && s.unread}
	return set
}

// Confirm notes that a set was seen at its version, at this turn or later.
func (c *Catalog) Confirm(set *Set, turn int64) {
	c.mu.Lock()
	defer c.mu.Unlock()
	if s := c.sets[set.Name]; s.set != nil && (s.stale || s.set.Version < set.Version) && s.set.Version <= set.Version && s.set.Same(set.Definition) {
		c.sets[set.Name] = seen{set: set, stale: c.turns.get(set.Name) != turn, since: s.since}
	}
}

// Stale notes that a set may have changed.
func (c *Catalog) Stale(name string) {
	c.mu.Lock()
	defer c.mu.Unlock()
	c.turns.rise(name)
	if s, ok := c.sets[name]; ok {
		s.stale = true
		c.sets[name] = s
	}
}

// noticed notes that a notice has said that a set has changed.
func (c *Catalog) noticed(name string) {
	c.Stale(name)
	c.mu.Lock()
	defer c.mu.Unlock()
	if s, ok := c.sets[name]; ok {
		s.unread = true
		c.sets[name] = s
	}
}

// noteStamp updates a set by the stamp in a notice: a change of records changes
// nothing else, unless the set was defined anew. It returns the set if it has moved on.
func (c *Catalog) noteStamp(name string, by Stamp) *Set {
	c.mu.Lock()
	defer c.mu.Unlock()
	s, ok := c.sets[name]
	moved := ok && s.set.Stamped(by)
	switch {
	case ok && s.set.Version > by.Version:
	case moved && s.set.Version == by.Version:
		c.sets[name] = seen{set: s.set, since: s.since}
	case moved:
		c.turns.rise(name)
		current := s.set.SeenAt(by)
		c.Saw(current)
		c.sets[name] = seen{set: current, since: s.since}
		return current
	default:
		c.turns.rise(name)
		if ok {
			s.stale, s.unread = true, true
			c.sets[name] = s
		}
	}
	return nil
}

// forget forgets a set that is not there (any more).
func (c *Catalog) forget(name string) {
	c.mu.Lock()
	defer c.mu.Unlock()
	if _, known := c.sets[name]; known {
		c.turns.rise(name)
		delete(c.sets, name)
	}
}

// forgetAll forgets everything: the database was restored, promoted or started anew.
func (c *Catalog) forgetAll() {
	c.mu.Lock()
	defer c.mu.Unlock()
	c.turns.riseAll()
	clear(c.sets)
}

// deaf notes that no notices are received at present. Everything that is remembered is then stale.
func (c *Catalog) deaf() {
	c.mu.Lock()
	defer c.mu.Unlock()
	c.staleAll()
	c.heard = time.Time{}
}

// listening notes that notices are received from a moment on. What was read until then may have changed before it: that is stale,
// as are all records that were purged meanwhile.
func (c *Catalog) listening(from time.Time) {
	c.mu.Lock()
	c.staleAll()
	c.heard = from
	c.mu.Unlock()
	c.Purged()
}

// staleAll notes that every set may have changed. The caller holds the lock.
func (c *Catalog) staleAll() {
	c.turns.riseAll()
	for name, s := range c.sets {
		s.stale = true
		c.sets[name] = s
	}
}

// hears notes that all changes before a moment are known.
func (c *Catalog) hears(until time.Time) {
	c.mu.Lock()
	defer c.mu.Unlock()
	c.heard = until
}

// Heard reports whether the database has answered on the listening connection lately.
func (c *Catalog) Heard() bool {
	c.mu.RLock()
	defer c.mu.RUnlock()
	return c.current()
}

// Latest returns a set as it is, and asks the database only if it may have changed. Errors are
// ErrNoSet or the database's.
func (c *Catalog) Latest(ctx context.Context, name string) (*Set, error) {
	known, current, turn := c.Known(name)
	if current {
		return known, nil
	}
	// Callers who find the same set stale at the same turn share one question. It has its own time
	// limit, since others wait for it.
	reading := c.asking.DoChan(strconv.FormatInt(turn, 10)+" "+name, func() (any, error) {
		ctx, cancel := context.WithTimeout(c.running, askTime)
		defer cancel()
		var set *Set
		alone, err := c.Read(ctx, func(ctx context.Context, db *pgxpool.Pool) (err error) {
			set, err = look(ctx, db, name, known)
			return err
		})
		if alone != nil {
			return c.LastHeard(name, set, alone.AsOf, err)
		}
		if errors.Is(err, ErrNoSet) {
			c.forget(name)
			c.gone.Add(name, struct{}{})
		}
		if err != nil {
			return nil, err
		}
		return c.put(set, turn), nil
	})
	select {
	case <-ctx.Done():
		return nil, ctx.Err()
	case result := <-reading:
		if result.Err != nil {
			return nil, result.Err
		}
		return result.Val.(*Set), nil
	}
}

// askTime is the time limit of a question for a set's state.
const askTime = 10 * time.Second

// look asks for a set's version and total, and for the whole set if that was defined anew.
func look(ctx context.Context, db *pgxpool.Pool, name string, known *Set) (*Set, error) {
	if known != nil {
		if set, err := Moved(ctx, db, known); err != nil || set != nil {
			return set, err
		}
	}
	return Get(ctx, db, name)
}

// LastHeard is a set while replicas answer alone, as one of them has it and as it was last heard of from the primary: the later one of the two
// counts, so that what has been closed, bound or removed stays so. The replica has everything until asOf.
func (c *Catalog) LastHeard(name string, there *Set, asOf time.Time, err error) (*Set, error) {
	c.mu.RLock()
	defer c.mu.RUnlock()
	heard := c.sets[name]
	switch {
	case c.gone.Contains(name):
		return nil, ErrNoSet
	case errors.Is(err, ErrNoSet) && heard.set != nil && !heard.since.Before(asOf):
		return nil, fmt.Errorf("%w: the set is newer than what the servers that answer have", postgres.ErrAway)
	case err != nil:
		return nil, err
	case heard.set == nil:
		return there, nil
	case there.catalogue == heard.set.catalogue && (there.defined > heard.set.defined || there.defined == heard.set.defined && there.Version > heard.set.Version):
		return there, nil
	case heard.unread:
		return nil, fmt.Errorf("%w: the set has changed, and no server that answers knows how", postgres.ErrAway)
	}
	return heard.set, nil
}

// Notify notifies every service that a set has changed, once the transaction commits.
func Notify(ctx context.Context, tx pgx.Tx, name string) error {
	_, err := tx.Exec(ctx, "select pg_notify($1, $2)", channel, name)
	return err
}

// NotifyPurged notifies every service that a record of a set was purged, once the transaction commits.
func NotifyPurged(ctx context.Context, tx pgx.Tx, name string) error {
	return Notify(ctx, tx, name+" "+purged)
}

// lifetime is the life of the database that versions are given out in.
type lifetime struct {
	mu    sync.Mutex
	name  string        // see changes.Life
	epoch atomic.Uint32 // OID of the catalogue's table
}

// Lives admits a new connection, if it leads to the server that is listened to.
func (c *Catalog) Lives(ctx context.Context, conn *pgx.Conn) error {
	_, err := c.lives(ctx, conn, func(life string) error {
		if c.primary == nil {
			return nil
		}
		return c.primary.Admit(conn, life)
	})
	return err
}

// lives notes which life of the database a new connection belongs to, if that is admitted. If it is another one,
// everything remembered is dropped. The error is postgres.ErrStandby for a standby, where the primary is wanted.
func (c *Catalog) lives(ctx context.Context, conn *pgx.Conn, admit func(life string) error) (string, error) {
	name, standby, err := changes.Life(ctx, conn)
	if err == nil && standby && c.primary != nil {
		err = postgres.ErrStandby
	}
	var reached *changes.Reached
	if err == nil { // nothing is written to another server
		reached, err = c.fence.Check(ctx, conn, name)
	}
	if err == nil {
		err = admit(name)
	}
	var epoch string
	if err == nil {
		epoch, err = c.beginEpoch(ctx, conn)
	}
	if err != nil {
		return "", err
	}
	c.fence.Follow(name, reached, epoch)
	c.life.mu.Lock()
	defer c.life.mu.Unlock()
	if c.life.name != name && c.life.name != "" {
		c.forgetAll()
		c.Purged()
	}
	c.life.name = name
	return name, nil
}

// BeginEpoch makes sure that versions of another life of the database are not taken for those of
// this one.
func (c *Catalog) BeginEpoch(ctx context.Context, conn *pgx.Conn) error {
	epoch, err := c.beginEpoch(ctx, conn)
	if err == nil {
		c.fence.Began(epoch)
	}
	return err
}

func (c *Catalog) beginEpoch(ctx context.Context, conn *pgx.Conn) (string, error) {
	catalogue, epoch, err := changes.BeginEpoch(ctx, conn)
	if catalogue > 0 {
		c.life.epoch.Store(catalogue)
	}
	return epoch, err
}

// AcceptPrimary begins an epoch on whatever server an address leads to: services take it for their primary, also if it is behind
// what they have seen.
func AcceptPrimary(ctx context.Context, url string) error {
	conn, err := pgx.Connect(ctx, url)
	if err != nil {
		return err
	}
	defer conn.Close(context.WithoutCancel(ctx))
	return pgx.BeginFunc(ctx, conn, func(tx pgx.Tx) error {
		if _, err := changes.Accept(ctx, tx); err != nil {
			return err
		}
		_, err := tx.Exec(ctx, "select pg_notify($1, name) from pageladder.record_set where source = ''", channel) // versions have jumped
		return err
	})
}

// InEpoch reports whether a set's versions are of the life that BeginEpoch last found: if not, a
// backup was restored while the service ran.
func (c *Catalog) InEpoch(d *Definition) bool { return d.catalogue == c.life.epoch.Load() }
