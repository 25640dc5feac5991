package servers

import (
	"context"
	"fmt"
	"net"
	"slices"
	"strconv"
	"sync"
	"time"

	lru "github.com/hashicorp/golang-lru/v2"
	"github.com/jackc/pgx/v5"
	"github.com/jackc/pgx/v5/pgxpool"

	"pageladder.example/internal/postgres"
)

// Limits say how old a page may be.
type Limits struct {
	MaxLag time.Duration // of a replica that answers while the primary is there
	Stale  time.Duration // how long replicas answer without the primary; 0: not at all
}

// Group is the servers of one database.
type Group struct {
	limits  Limits
	epochs  bool // it is our own database
	primary *Server
	all     []*Server // replicas

	mu     sync.Mutex
	places []placed // of the primary, the latest last
	lives  sync.WaitGroup
	stop   context.CancelFunc
	stuck  *lru.Cache[string, choice] // by caller
}

// placed is that the primary was at a place when a look at it began.
type placed struct {
	Position
	at time.Time
}

// choice is that a caller reads from a server.
type choice struct {
	to    *Server
	since time.Time
}

const (
	placesKept = 2_000
	stuckKept  = 10_000
	stuckTime  = time.Minute // until the choice is renewed
)

// Member is a server of a group, and how it is connected to.
type Member struct {
	Config *pgxpool.Config
	Admit  func(context.Context, *pgx.Conn) error // nil: any connection will do
	Busy   func() int                             // connections in use; nil: not known
	Anew   func()                                 // is called when what is known of the server is of no use any more; nil: nobody wants to know
}

// New has the servers of a database; own: it is our own. Nothing is looked at before Watch.
func New(primary Member, replicas []Member, own bool, limits Limits) *Group {
	g := &Group{limits: limits, epochs: own, stop: func() {}}
	g.stuck, _ = lru.New[string, choice](stuckKept) // the size is valid
	g.primary = g.server("primary", primary, false)
	for i, r := range replicas {
		g.all = append(g.all, g.server(fmt.Sprintf("replica %d", i+1), r, true))
	}
	return g
}

func (g *Group) server(name string, m Member, replica bool) *Server {
	s := &Server{Name: name, Replica: replica, config: m.Config.ConnConfig.Copy(), admit: m.Admit, busy: m.Busy, anew: m.Anew, all: g, silent: true, wrong: "it has not answered yet"}
	s.config.ConnectTimeout = silence // for each of the hosts
	s.Address = net.JoinHostPort(s.config.Host, strconv.Itoa(int(s.config.Port)))
	s.within, s.end = context.WithCancel(context.Background())
	if s.busy == nil {
		s.busy = func() int { return 0 }
	}
	if s.anew == nil {
		s.anew = func() {}
	}
	return s
}

// Watch looks at the servers until Close.
func (g *Group) Watch(ctx context.Context) {
	ctx, g.stop = context.WithCancel(ctx)
	for _, s := range g.Servers() {
		g.lives.Go(func() { s.watch(ctx) })
	}
}

// Close ends the looks.
func (g *Group) Close() {
	if g != nil {
		g.stop()
		g.lives.Wait()
	}
}

// Servers are the primary and the replicas.
func (g *Group) Servers() []*Server { return append([]*Server{g.primary}, g.all...) }

// Primary is the primary, and Replicas are the others, in the order in which they were given.
func (g *Group) Primary() *Server    { return g.primary }
func (g *Group) Replicas() []*Server { return g.all }

// epoch is the last epoch that the primary has shown.
func (g *Group) epoch() string {
	g.primary.mu.Lock()
	defer g.primary.mu.Unlock()
	return g.primary.seen.epoch
}

// note notes how a server is. The error is that it is another one than it should be.
func (g *Group) note(s *Server, n seen, began time.Time) error {
	wrong := ""
	switch {
	case !s.Replica && n.recovers && g.epochs:
		wrong = "it is a standby"
	case s.Replica && !n.recovers:
		wrong = "it is a primary"
	case s.Replica && !n.knows:
		wrong = "it has not got as far as the epoch that the primary is in"
	}
	var asOf time.Time
	if !s.Replica && wrong == "" {
		g.place(n.Position, began)
	} else if s.Replica {
		n.Timeline, asOf = g.raise(n)
	}
	anew := s.take(n, asOf, wrong, began)
	if anew {
		s.anew()
	}
	if !s.Replica && wrong != "" {
		return &wrongError{wrong}
	}
	return nil
}

// take takes what a look has shown, and reports whether it is another server than before.
func (s *Server) take(n seen, asOf time.Time, wrong string, began time.Time) (anew bool) {
	s.mu.Lock()
	defer s.mu.Unlock()
	if anew = n.life != s.seen.life; anew {
		s.asOf = time.Time{}
	} else if n.Timeline < s.seen.Timeline { // a restart point says less than what has been seen
		n.Timeline = s.seen.Timeline
	}
	s.seen, s.wrong = n, wrong
	if asOf.After(s.asOf) {
		s.asOf = asOf
	}
	if !s.Replica && wrong != "" {
		return anew
	}
	if s.heard = began; s.silent || s.within.Err() != nil {
		s.silent = false
		s.within, s.end = context.WithCancel(context.Background())
	}
	return anew
}

// place notes where the primary was at a moment.
func (g *Group) place(p Position, at time.Time) {
	g.mu.Lock()
	defer g.mu.Unlock()
	if n := len(g.places); n > 0 && g.places[n-1].Position == p {
		g.places[n-1].at = at
		return
	}
	if g.places = append(g.places, placed{p, at}); len(g.places) > placesKept { // every second one of the older half goes: ages there come out too high
		kept := g.places[:0]
		for i, t := range g.places {
			if i%2 == 0 || i > placesKept/2 {
				kept = append(kept, t)
			}
		}
		g.places = kept
	}
}

// raise is the timeline of a replica, and when the primary was last at a place that it has replayed. A replica that receives what
// the primary writes is on its timeline once it has replayed a place there; one that has left for another history does not receive.
func (g *Group) raise(n seen) (timeline uint32, asOf time.Time) {
	timeline = n.Timeline
	g.mu.Lock()
	defer g.mu.Unlock()
	if !n.receives || !n.knows {
		return timeline, asOf
	}
	for _, t := range slices.Backward(g.places) {
		if t.At <= n.At {
			return max(timeline, t.Timeline), t.at
		}
	}
	return timeline, asOf
}

// There reports whether the primary answers.
func (g *Group) There() bool {
	g.primary.mu.Lock()
	defer g.primary.mu.Unlock()
	return !g.primary.silent
}

// Heard is when the primary last answered.
func (g *Group) Heard() time.Time {
	g.primary.mu.Lock()
	defer g.primary.mu.Unlock()
	return g.primary.heard
}

// usable reports whether a replica answers at all, and whether it is not too old.
func (s *Server) usable() (usable, fresh bool) {
	s.mu.Lock()
	defer s.mu.Unlock()
	usable = !s.silent && s.wrong == "" && !s.asOf.IsZero()
	return usable, usable && time.Since(s.asOf) <= s.all.limits.MaxLag
}

// Alone reports whether replicas answer without the primary at the moment.
func (g *Group) Alone() bool {
	return g.may() && !g.There()
}

// Furthest is the replica that has come furthest, of those that answer, but for some; nil: none does.
func (g *Group) Furthest(but ...*Server) (best *Server) {
	var at Position
	for _, s := range g.all {
		if slices.Contains(but, s) {
			continue
		}
		s.mu.Lock()
		if !s.silent && s.wrong == "" && (best == nil || at.Before(s.seen.Position)) {
			best, at = s, s.seen.Position
		}
		s.mu.Unlock()
	}
	return best
}

// Replica says that a replica has answered what the primary would have, had it been there.
type Replica struct {
	AsOf time.Time // everything until then is in the answer, by our own clock
}

// Reader asks a database for what is only read: its primary, or a replica that answers alone; alone is nil where it was the primary.
type Reader func(ctx context.Context, do func(ctx context.Context, db *pgxpool.Pool) error) (alone *Replica, err error)

// Of reads from one server.
func Of(pool *pgxpool.Pool) Reader {
	return func(ctx context.Context, do func(context.Context, *pgxpool.Pool) error) (*Replica, error) {
		return nil, do(ctx, pool)
	}
}

// Read does something on the primary or, if that does not answer and replicas may answer alone, on the one of these that has come
// furthest; alone is nil where the primary has answered. Whichever fails meanwhile is passed over.
func (g *Group) Read(ctx context.Context, do func(context.Context, *Server) error) (alone *Replica, err error) {
	var failed []*Server
	for {
		s, last := g.primary, slices.Contains(failed, g.primary)
		if g.Alone() || last && g.may() {
			if best := g.Furthest(failed...); best != nil {
				s, last = best, false
			}
		}
		within, done := ctx, func() {}
		if !last && g.may() {
			within, done = s.Within(ctx)
		}
		if alone = nil; s.Replica {
			alone = &Replica{s.AsOf()} // before it answers
		}
		err = do(within, s)
		if context.Cause(within) == ErrSilent && err != nil {
			err = postgres.ErrAway
		}
		done()
		if last || err == nil || ctx.Err() != nil || !g.may() || !postgres.Unavailable(err) {
			return alone, err
		}
		failed = append(failed, s)
	}
}

// may reports whether replicas may answer without the primary, were it silent.
func (g *Group) may() bool { return g.limits.Stale > 0 && time.Since(g.Heard()) < g.limits.Stale }

// Choose is from which servers a caller may read, the best first. A caller stays with one replica; a new one goes to the least
// behind or, where all are even, to the least busy. The primary comes last: it answers what no replica can. Those to avoid have failed
// for this caller just now. A caller without a name reads from the primary.
func (g *Group) Choose(caller string, avoid []string) (order []*Server) {
	if caller == "" {
		return []*Server{g.primary}
	}
	alone := g.Alone()
	var late []*Server
	for _, s := range g.all {
		switch usable, fresh := s.usable(); {
		case !usable, slices.Contains(avoid, s.Name):
		case fresh:
			order = append(order, s)
		case alone:
			late = append(late, s)
		}
	}
	type one struct {
		behind time.Duration
		busy   int
	}
	state := map[*Server]one{}
	for _, s := range slices.Concat(order, late) {
		state[s] = one{time.Since(s.AsOf()).Truncate(silence), s.busy()}
	}
	best := func(a, b *Server) int {
		if x, y := state[a], state[b]; x.behind != y.behind {
			return int(x.behind/silence) - int(y.behind/silence)
		}
		return state[a].busy - state[b].busy
	}
	slices.SortStableFunc(order, best)
	slices.SortStableFunc(late, best)
	if kept, ok := g.stuck.Get(caller); ok && time.Since(kept.since) < stuckTime {
		if at := slices.Index(order, kept.to); at > 0 {
			order = slices.Insert(slices.Delete(order, at, at+1), 0, kept.to)
		} else if at < 0 && len(order) > 0 {
			ok = false
		}
		if !ok {
			g.stuck.Add(caller, choice{order[0], time.Now()})
		}
	} else if len(order) > 0 {
		g.stuck.Add(caller, choice{order[0], time.Now()})
	}
	return append(append(order, late...), g.primary)
}

// Chosen counts that a server was chosen.
func (s *Server) Chosen() { s.reads.Add(1) }
