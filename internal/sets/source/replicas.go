package source

import (
	"context"
	"errors"
	"fmt"
	"slices"
	"sync"
	"time"

	lru "github.com/hashicorp/golang-lru/v2"
	"github.com/jackc/pgx/v5"
	"github.com/jackc/pgx/v5/pgxpool"

	"pageladder.example/internal/changes"
	"pageladder.example/internal/postgres"
	"pageladder.example/internal/servers"
	"pageladder.example/internal/sets/catalog"
	"pageladder.example/internal/sets/view"
)

// This file reads from replicas: each is a source like the primary, with connections of its own, and whatever is known of
// its lists is known of them alone.

// errBehind is the error for a replica that has not got as far as is wanted: another server has.
var errBehind = fmt.Errorf("source: %w", &view.Moved{Why: "the replica is behind"})

// onServer is a source on one server.
type onServer interface {
	view.Source
	// reach waits until the server shows a set at a floor or later, and finds the set there. The error is errBehind if it does not get there
	// before a deadline.
	reach(ctx context.Context, found view.Found, floor view.Floor, until time.Time) (view.Found, error)
}

// asOf is when the primary was at a place that a replica has replayed; zero for a primary.
func asOf(s *servers.Server) time.Time {
	if s == nil || !s.Replica {
		return time.Time{}
	}
	return s.AsOf()
}

// listsOf begins the names of all lists of a server.
func listsOf(s *servers.Server) string {
	if s == nil || !s.Replica {
		return ""
	}
	return s.Name + " "
}

// sighted are the kept sets of a replica, as they were last seen there.
type sighted struct {
	mu   sync.Mutex
	sets *lru.Cache[string, *catalog.Set]
}

func newSighted() *sighted {
	s := &sighted{}
	s.sets, _ = lru.New[string, *catalog.Set](tablesKept) // the size is valid
	return s
}

func (s *sighted) Saw(set *catalog.Set) {
	s.mu.Lock()
	defer s.mu.Unlock()
	if known, ok := s.sets.Get(set.Name); !ok || !known.Same(set.Definition) || known.Version < set.Version {
		s.sets.Add(set.Name, set)
	}
}

func (s *sighted) Confirm(set *catalog.Set, _ int64) { s.Saw(set) }

func (s *sighted) Stale(name string) {
	s.mu.Lock()
	defer s.mu.Unlock()
	s.sets.Remove(name)
}

// at is a definition's set as it was last seen, at a version or later; nil if it was not.
func (s *sighted) at(d *catalog.Definition, version int64) *catalog.Set {
	s.mu.Lock()
	defer s.mu.Unlock()
	if set, ok := s.sets.Get(d.Name); ok && set.Same(d) && set.Version >= version {
		if set.Definition != d { // as it is shared by now
			set = &catalog.Set{Definition: d, Version: set.Version, Records: set.Records, ChangedAt: set.ChangedAt}
		}
		return set
	}
	return nil
}

func (s *sighted) forget() {
	s.mu.Lock()
	defer s.mu.Unlock()
	s.sets.Purge()
}

func (k *Kept) reach(ctx context.Context, found view.Found, floor view.Floor, until time.Time) (view.Found, error) {
	if !k.server.Replica {
		return k.show(ctx, found, floor)
	}
	seen := k.catalog.(*sighted)
	set := seen.at(found.Definition, floor.Version)
	if set != nil {
		return view.Found{Set: set}, nil
	}
	there, err := servers.Await(ctx, until, func(ctx context.Context) (bool, error) {
		now, err := catalog.Moved(ctx, k.to.Main, found.Set)
		if errors.Is(err, catalog.ErrNoSet) || err == nil && now == nil { // it is defined otherwise there
			return false, nil
		}
		if err != nil {
			return false, err
		}
		seen.Saw(now)
		set = seen.at(found.Definition, floor.Version)
		return set != nil, nil
	})
	if err == nil && !there {
		err = errBehind
	}
	return view.Found{Set: set}, err
}

// show waits until the primary shows a version that a replica has shown.
func (k *Kept) show(ctx context.Context, found view.Found, floor view.Floor) (view.Found, error) {
	if found.Version >= floor.Version {
		return found, nil
	}
	there, err := servers.Await(ctx, servers.Shown(), func(ctx context.Context) (bool, error) {
		now, err := catalog.Moved(ctx, k.to.Main, found.Set)
		if err == nil && now == nil {
			return false, &view.Moved{Why: "it has been defined anew"}
		}
		if err != nil || now.Version < floor.Version {
			return false, err
		}
		k.catalog.Confirm(now, found.Turn)
		found.Set = now
		return true, nil
	})
	if err == nil && !there {
		err = &view.BehindError{Floor: floor}
	}
	return found, err
}

func (a *Attached) reach(ctx context.Context, found view.Found, floor view.Floor, until time.Time) (view.Found, error) {
	if floor.Place == (servers.Position{}) {
		return found, nil
	}
	pool, err := a.db.Connect(ctx)
	if err != nil {
		return found, err
	}
	if !a.server.Replica {
		return found, a.show(ctx, pool, floor)
	}
	there, err := a.server.Reaches(ctx, pool, floor.Place, until)
	if err == nil && !there {
		err = errBehind
	}
	return found, err
}

// show waits until the primary shows what a replica has shown.
func (a *Attached) show(ctx context.Context, db changes.Querier, floor view.Floor) error {
	seen, ok := changes.ReadSeen(floor.Saw)
	if !ok || a.server.Timeline() > floor.Place.Timeline { // another history began there: what is not in it is lost
		return nil
	}
	there, err := servers.Await(ctx, servers.Shown(), func(ctx context.Context) (bool, error) {
		now, err := changes.Present(ctx, db)
		return err == nil && now.Shows(seen), err
	})
	if err == nil && !there {
		err = &view.BehindError{Floor: floor}
	}
	return err
}

// replicas are the servers of one database, and the sources on them.
type replicas struct {
	*servers.Group
	kept     map[*servers.Server]*Kept // of our own database
	attached map[*servers.Server]*Attached
	followed map[*servers.Server]*Followed
}

// of is the source on a replica that has a set's records.
func (r *replicas) of(s *servers.Server, d *catalog.Definition) onServer {
	switch {
	case !d.Attached():
		return r.kept[s]
	case d.Followed:
		return r.followed[s]
	}
	return r.attached[s]
}

// Replicate reads from replicas of our own database, whose primary is connected to already, and of sources, by their
// names. It is called once, before the first request.
func (s *Sources) Replicate(ctx context.Context, primary servers.Member, own []string, of map[string][]string, limits servers.Limits) error {
	for name, urls := range of {
		n, ok := s.named[name]
		if !ok {
			return fmt.Errorf("a replica of %w: %q", ErrNoSource, name)
		}
		if err := n.replicate(s, urls, limits); err != nil {
			return fmt.Errorf("a replica of source %s: %w", name, err)
		}
	}
	if len(own) == 0 {
		return nil
	}
	r := &replicas{kept: map[*servers.Server]*Kept{}}
	var members []servers.Member
	var all []*Kept
	for _, url := range own {
		config, err := pgxpool.ParseConfig(url)
		if err != nil {
			return err
		}
		postgres.Readable(config)
		config.MaxConns = max(config.MaxConns, s.Kept.to.Main.Config().MaxConns)
		k := &Kept{settings: &s.Settings, catalog: newSighted(), making: view.NewTurns(FarAtOnce), running: s.running, later: s.Kept.later, tried: map[string]time.Time{}}
		k.tables, _ = lru.New[string, *keptTable](tablesKept) // the size is valid
		look := config.Copy()
		config.AfterConnect = s.admitted(func() *servers.Server { return k.server })
		if k.to, err = postgres.Connect(context.WithoutCancel(ctx), config, false); err != nil {
			return err
		}
		s.closing = append(s.closing, k.to.Close)
		members = append(members, servers.Member{Config: look, Busy: k.to.Busy, Anew: func() {
			k.catalog.(*sighted).forget()
			k.mu.Lock()
			k.turns++
			k.tables.Purge()
			k.mu.Unlock()
			k.to.Renew()
		}})
		all = append(all, k)
	}
	r.Group = servers.New(primary, members, true, limits)
	for i, server := range r.Replicas() {
		all[i].server = server
		r.kept[server] = all[i]
	}
	s.Kept.server = r.Primary()
	s.own = r
	r.Watch(s.running)
	return nil
}

// replicate reads from replicas of a source.
func (n *database) replicate(s *Sources, urls []string, limits servers.Limits) error {
	config, err := pgxpool.ParseConfig(n.url)
	if err != nil {
		return err
	}
	r := &replicas{attached: map[*servers.Server]*Attached{}, followed: map[*servers.Server]*Followed{}}
	var members []servers.Member
	var all []*Attached
	for _, url := range urls {
		db, err := NewDatabase(url)
		if err != nil {
			return err
		}
		look, err := pgxpool.ParseConfig(url)
		if err != nil {
			return err
		}
		a := newAttached(&s.Settings, db, nil)
		db.admit = s.admitted(func() *servers.Server { return a.server })
		s.closing = append(s.closing, db.Close)
		members = append(members, servers.Member{Config: look, Busy: func() int { return db.Pools().Busy() }, Anew: db.renew})
		all = append(all, a)
	}
	r.Group = servers.New(servers.Member{Config: config}, members, false, limits)
	for i, server := range r.Replicas() {
		all[i].server = server
		r.attached[server] = all[i]
		r.followed[server] = &Followed{Attached: all[i], following: newFollowing(&s.Settings, s.Numbers, s.running, s.Kept.later)}
	}
	n.attached.server = r.Primary()
	n.replicas = r
	r.Watch(s.running)
	return nil
}

// admitted admits new connections to a replica.
func (s *Sources) admitted(server func() *servers.Server) func(context.Context, *pgx.Conn) error {
	return func(ctx context.Context, conn *pgx.Conn) error { return server().Admit(ctx, conn) }
}

// serversOf are the servers of the database that has a set's records; nil if there is but one.
func (s *Sources) serversOf(d *catalog.Definition) *replicas {
	if !d.Attached() {
		return s.own
	}
	if n, ok := s.named[d.Source]; ok {
		return n.replicas
	}
	return nil
}

// OfOurs are the servers of our own database; nil if there is but one.
func (s *Sources) OfOurs() *servers.Group {
	if s.own == nil {
		return nil
	}
	return s.own.Group
}

// PoolOf is the main pool of connections to a server of our own database.
func (s *Sources) PoolOf(server *servers.Server) *pgxpool.Pool {
	if k, ok := s.own.kept[server]; ok {
		return k.to.Main
	}
	return s.Kept.to.Main
}

// Groups are the servers of each database that has several, by the name of the source; "" is our own.
func (s *Sources) Groups() map[string]*servers.Group {
	all := map[string]*servers.Group{}
	if s.own != nil {
		all[""] = s.own.Group
	}
	for name, n := range s.named {
		if n.replicas != nil {
			all[name] = n.replicas.Group
		}
	}
	return all
}

// onOne opens a view on the server that a caller reads from.
func (s *Sources) onOne(ctx context.Context, r *replicas, primary onServer, found view.Found, o *view.Opening) (v view.View, err error) {
	floor := o.Caller.Floor
	if !found.Attached() {
		floor.Version = max(floor.Version, o.At)
	}
	order := r.Choose(o.Caller.Name, o.Avoid)
	if o.At > 0 && found.Followed {
		order = s.holding(ctx, r, found.Set, o.At, order)
	}
	until := servers.Until()
	for _, server := range order {
		within, done := server.Within(ctx)
		on := primary
		if server.Replica {
			on = r.of(server, found.Definition)
		}
		var there view.Found
		if there, err = on.reach(within, found, floor, until); err == nil {
			v, err = on.Open(within, there, o.How)
		}
		if err != nil && r.There() { // others are not waited for
			until = time.Time{}
		}
		silent := context.Cause(within) == servers.ErrSilent
		done()
		if err == nil {
			server.Chosen()
			return v, nil
		}
		if ctx.Err() != nil || !silent && !errors.Is(err, errBehind) && errors.As(err, new(*view.Moved)) {
			return nil, err
		}
		if !server.Replica && (silent || server.Elsewhere(err)) { // it has just gone: perhaps a replica answers alone by now
			return nil, fmt.Errorf("%w: %w", err, &view.Moved{Why: "the primary does not answer"})
		}
	}
	return nil, err
}

// holding are the servers by which a followed set's list can be held at a number: that which has shown the state, or else the primary.
func (s *Sources) holding(ctx context.Context, r *replicas, set *catalog.Set, number int64, order []*servers.Server) []*servers.Server {
	mark, err := s.Numbers.find(ctx, set.Name, number)
	log := mark.Log
	if err != nil {
		log = "" // the primary says what is wrong
	}
	return slices.DeleteFunc(order, func(server *servers.Server) bool {
		return server.Replica && (log == "" || r.followed[server].following.logOf(set) != log)
	})
}
