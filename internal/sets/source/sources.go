// Package source has the places where records are: our own database (Kept), tables of somebody else
// (Attached), and those whose changes are logged there (Followed). Each opens views of its sets; what differs
// between them stands in this package, and nobody above asks which kind a set is of.
package source

import (
	"context"
	"errors"
	"fmt"
	"sort"
	"time"

	lru "github.com/hashicorp/golang-lru/v2"

	"pageladder.example/internal/postgres"
	"pageladder.example/internal/servers"
	"pageladder.example/internal/sets/catalog"
	"pageladder.example/internal/sets/relation"
	"pageladder.example/internal/sets/view"
)

// ErrNoSource is the error for a source that no one has named.
var ErrNoSource = errors.New("there is no source of this name")

// Sources are all places where records are.
type Sources struct {
	Settings
	Kept      *Kept
	Following *Following
	Numbers   *Numbers

	catalog *catalog.Catalog
	named   map[string]*database
	own     *replicas // of our own database; nil: there is but one server
	running context.Context
	closing []func()
}

// database is a database by its name, as the source of what is attached there and of what is followed.
type database struct {
	*Database
	attached *Attached
	followed *Followed
	replicas *replicas // nil: there is but one server
}

// Options say what sources work with.
type Options struct {
	Catalog  *catalog.Catalog
	Pools    postgres.Pools // of our own database
	Running  context.Context
	Later    func(func()) // runs something in the background
	ReadOnly bool         // nothing is created or changed
	Read     servers.Reader
}

// NewSources has our own database alone.
func NewSources(o Options) *Sources {
	s := &Sources{Settings: Settings{CountTime: relation.CountTime, LogAgain: 10 * time.Second, Follow: FollowAgain}, catalog: o.Catalog, named: map[string]*database{}, running: o.Running}
	s.Kept = &Kept{settings: &s.Settings, catalog: o.Catalog, to: o.Pools, making: view.NewTurns(FarAtOnce), running: o.Running, later: o.Later, tried: map[string]time.Time{}}
	if !o.ReadOnly {
		s.Kept.epochs = o.Catalog
	}
	s.Kept.tables, _ = lru.New[string, *keptTable](tablesKept) // the size is valid
	s.Numbers = newNumbers(o.Pools.Main, o.Running, o.Later, o.ReadOnly, o.Read)
	s.Following = newFollowing(&s.Settings, s.Numbers, o.Running, o.Later)
	return s
}

// Add names a database as a source, by a URL with a role that may read and nothing else.
func (s *Sources) Add(name, url string) error {
	db, err := NewDatabase(url)
	if err != nil {
		return fmt.Errorf("source %s: %w", name, err)
	}
	attached := newAttached(&s.Settings, db, nil)
	s.named[name] = &database{Database: db, attached: attached, followed: &Followed{Attached: attached, following: s.Following, keeps: true}}
	return nil
}

// Names lists the names of the sources.
func (s *Sources) Names() []string {
	names := make([]string, 0, len(s.named))
	for name := range s.named {
		names = append(names, name)
	}
	sort.Strings(names)
	return names
}

// Database is a source's database.
func (s *Sources) Database(name string) (*Database, error) {
	n, ok := s.named[name]
	if !ok {
		return nil, fmt.Errorf("%w: %q", ErrNoSource, name)
	}
	return n.Database, nil
}

// FollowedAt is the source of what is followed in a database.
func (s *Sources) FollowedAt(name string) (*Followed, error) {
	n, ok := s.named[name]
	if !ok {
		return nil, fmt.Errorf("%w: %q", ErrNoSource, name)
	}
	return n.followed, nil
}

// Of is the source that has a set's records.
func (s *Sources) Of(d *catalog.Definition) (onServer, error) {
	if !d.Attached() {
		return s.Kept, nil
	}
	n, ok := s.named[d.Source]
	switch {
	case !ok:
		return nil, fmt.Errorf("%w: %q", ErrNoSource, d.Source)
	case d.Followed:
		return n.followed, nil
	}
	return n.attached, nil
}

// Open opens a view of a set. If it is not asked for afresh, a set in our own database is taken as it
// was last seen: statements on the primary say whether it is still that. For replicas it has to be known.
func (s *Sources) Open(ctx context.Context, o view.Opening) (view.View, error) {
	found := view.Found{}
	found.Set, found.Current, found.Turn = s.catalog.Known(o.Set)
	if found.Set == nil || !found.Current && (o.Afresh || found.Attached() || s.own != nil && o.Caller != (view.Caller{})) {
		var err error
		if found.Set, err = s.catalog.Latest(ctx, o.Set); err != nil {
			return nil, err
		}
		found.Current = true
	}
	source, err := s.Of(found.Definition)
	if err != nil {
		return nil, err
	}
	if r := s.serversOf(found.Definition); r != nil && o.Caller != (view.Caller{}) {
		return s.onOne(ctx, r, source, found, &o)
	}
	return source.Open(ctx, found, o.How)
}

// Prune prunes the logs of all sets, and forgets states that no list can be held at any more.
func (s *Sources) Prune(ctx context.Context, all []*catalog.Set) error {
	s.Following.unfollow(all)
	if err := s.Numbers.Forget(ctx); err != nil {
		return err
	}
	for _, set := range all {
		if f, err := s.FollowedAt(set.Source); err == nil && set.Followed {
			f.keepLog(ctx, set) // a failure is reported where the table is read
		}
	}
	return s.Kept.Prune(ctx, all)
}

// Close closes the connections to all sources but our own database's primary.
func (s *Sources) Close() {
	for _, g := range s.Groups() {
		g.Close()
	}
	for _, n := range s.named {
		n.Close()
	}
	for _, end := range s.closing {
		end()
	}
}
