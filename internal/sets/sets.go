// Package sets keeps record sets in PostgreSQL, and reads lists wherever they are kept: it has the calls that
// others make. What they do is on the floors below, each a package; arrows point down only:
//
//   - reading: one way to read pages, records and whole lists
//   - editing: changes of records of kept sets
//   - loading: a file becomes a table, a table is attached
//   - known: what is remembered of lists, and kept current
//   - view: a list at one state, and the sources that open it
//   - tables: the tables of kept sets
//   - catalog: definitions, settings, notices
package sets

import (
	"context"
	"errors"
	"io"
	"log/slog"
	"sync"
	"sync/atomic"
	"time"

	"github.com/jackc/pgx/v5"
	"github.com/jackc/pgx/v5/pgxpool"

	"pageladder.example/internal/changes"
	"pageladder.example/internal/fence"
	"pageladder.example/internal/intake"
	"pageladder.example/internal/once"
	"pageladder.example/internal/postgres"
	"pageladder.example/internal/sets/catalog"
	"pageladder.example/internal/sets/editing"
	"pageladder.example/internal/sets/known"
	"pageladder.example/internal/sets/loading"
	"pageladder.example/internal/sets/reading"
	"pageladder.example/internal/sets/source"
	"pageladder.example/internal/sets/view"
	"pageladder.example/paging"
)

// Store keeps record sets in one database.
type Store struct {
	catalog *catalog.Catalog
	sources *source.Sources
	known   *known.Known
	reader  *reading.Reader
	editor  *editing.Editor
	loader  *loading.Loader

	pools    postgres.Pools
	config   *pgxpool.Config // of connections to the primary
	onForget atomic.Pointer[func()]
	onEnded  atomic.Pointer[func(string)]

	running    context.Context // until Close
	stop       context.CancelFunc
	background sync.WaitGroup
}

// connections is the least number of connections besides those for questions without filters:
// streams may hold some of them for long.
const connections = 8

// Open connects to a database and migrates it. What it has seen is remembered while it is open.
func Open(ctx context.Context, url string) (*Store, error) {
	return OpenBehind(ctx, url, fence.New(slog.New(slog.DiscardHandler)))
}

// OpenBehind connects to a database and migrates it, unless it is behind a fence: the error is a *Behind then.
func OpenBehind(ctx context.Context, url string, f *fence.Fence) (*Store, error) {
	if err := postgres.Direct(ctx, url); err != nil {
		return nil, err
	}
	if err := passes(ctx, url, f); err != nil {
		return nil, err
	}
	if err := postgres.Migrate(ctx, url); err != nil {
		return nil, err
	}
	s, err := open(ctx, url, f)
	if err != nil {
		return nil, err
	}
	all, err := s.begin(ctx)
	if err != nil {
		s.Close()
		return nil, err
	}
	for _, set := range all {
		if !set.Attached() {
			s.loader.Index(set.Name)
			s.sources.Kept.MakeLog(set.Definition)
		}
	}
	s.background.Go(s.catalog.Listen)
	s.background.Go(s.pruneLogs)
	s.background.Go(s.sources.Numbers.Write)
	return s, nil
}

// passes looks whether a database is behind a fence.
func passes(ctx context.Context, url string, f *fence.Fence) error {
	conn, err := pgx.Connect(ctx, url)
	if err != nil {
		return err
	}
	defer conn.Close(context.WithoutCancel(ctx))
	_, err = f.Check(ctx, conn, "")
	return err
}

// AcceptPrimary migrates a database, and has services take it for their own although they have seen more of it than it has: it
// begins an epoch.
func AcceptPrimary(ctx context.Context, url string) error {
	if err := postgres.Migrate(ctx, url); err != nil {
		return err
	}
	return catalog.AcceptPrimary(ctx, url)
}

// begin brings what is stored into the form of this version.
func (s *Store) begin(ctx context.Context) ([]*Set, error) {
	if err := s.loader.SweepOld(ctx); err != nil {
		return nil, err
	}
	all, err := s.List(ctx)
	if err == nil {
		err = catalog.KeepInstants(ctx, s.pools.Main, all)
	}
	if err == nil {
		err = editing.KeepWithdrawn(ctx, s.pools.Main, all)
	}
	if err == nil {
		err = s.sources.Numbers.Begin(ctx)
	}
	return all, err
}

// OpenReadOnly connects to a database that a service keeps, or to a standby of it, and only reads
// there. A standby sends no notices, so each request checks there whether a set has changed.
func OpenReadOnly(ctx context.Context, url string) (*Store, error) {
	s, err := open(ctx, url, nil)
	if err == nil {
		err = s.sources.Numbers.Begin(ctx)
	}
	return s, err
}

// open connects to a database; without a fence, to any server of it, and only reads there.
func open(ctx context.Context, url string, f *fence.Fence) (*Store, error) {
	config, err := pgxpool.ParseConfig(url)
	if err != nil {
		return nil, err
	}
	s := &Store{}
	s.running, s.stop = context.WithCancel(context.WithoutCancel(ctx))
	later := func(do func()) { s.background.Go(do) }
	s.catalog = catalog.New(s.running)
	postgres.Readable(config)
	config.MaxConns = max(config.MaxConns, connections)
	config.AfterConnect = s.catalog.Lives
	if f != nil {
		s.catalog.Follow(config, f)
	}
	s.config = config.Copy()
	if s.pools, err = postgres.Connect(ctx, config, false); err != nil {
		return nil, err
	}
	s.catalog.Use(s.pools)
	s.catalog.OnCut(s.pools.Renew)
	s.sources = source.NewSources(source.Options{Catalog: s.catalog, Pools: s.pools, Running: s.running, Later: later, ReadOnly: f == nil, Read: s.Read})
	s.catalog.Read = s.Read
	s.known = known.New(s.running, later)
	s.reader = reading.New(s.sources.Open, s.known)
	s.loader = loading.New(s.pools, s.catalog, s.sources, s.running, later)
	s.editor = editing.New(s.pools.Writes, s.catalog, s.sources.Kept, s.loader.Sweep)
	s.catalog.Purged = s.forget
	s.catalog.Moved = s.ahead
	s.catalog.Ended = func(what string) {
		if ended := s.onEnded.Load(); ended != nil {
			(*ended)(what)
		}
	}
	return s, nil
}

// forget forgets everything that is remembered of records.
func (s *Store) forget() {
	s.known.Forget()
	if forget := s.onForget.Load(); forget != nil {
		(*forget)()
	}
}

// ahead moves what a set was lately read by, since its records have changed.
func (s *Store) ahead(set *Set) {
	if v, err := s.sources.Open(s.running, view.Opening{Set: set.Name, How: view.Latest}); err == nil && !v.Steady() {
		s.known.Ahead(v)
	}
}

// OnForget sets what is called when everything that is remembered of records has to be forgotten.
func (s *Store) OnForget(forget func()) { s.onForget.Store(&forget) }

// pruneEvery is how often logs are pruned.
const pruneEvery = time.Minute

// pruneLogs prunes the logs of all sets now and then.
func (s *Store) pruneLogs() {
	for {
		select {
		case <-s.running.Done():
			return
		case <-time.After(pruneEvery):
		}
		s.Prune(s.running) // a failure is made up for the next time
	}
}

// Prune prunes the logs of all sets, and forgets writes that were done too long ago.
func (s *Store) Prune(ctx context.Context) error {
	all, err := s.List(ctx)
	if err != nil {
		return err
	}
	return errors.Join(s.sources.Prune(ctx, all), once.Forget(ctx, s.pools.Main))
}

// Close ends what runs in the background and lets the connections go.
func (s *Store) Close() {
	s.stop()
	s.background.Wait()
	s.pools.Close()
	s.sources.Close()
}

// Pool is the pool of connections to the database, and Writes the one for writes.
func (s *Store) Pool() *pgxpool.Pool      { return s.pools.Main }
func (s *Store) Writes() *postgres.Writer { return s.pools.Writes }

// Reached is how far the database has come: the version of its server, its timeline, and the epoch with when it began.
func (s *Store) Reached(ctx context.Context) (server string, timeline int64, epoch string, since time.Time, err error) {
	return changes.Standing(ctx, s.pools.Main)
}

// Heard reports whether the database has answered on the listening connection lately.
func (s *Store) Heard() bool { return s.catalog.Heard() }

// List gives every set, by name.
func (s *Store) List(ctx context.Context) (all []*Set, err error) {
	alone, err := s.Read(ctx, func(ctx context.Context, db *pgxpool.Pool) (err error) {
		all, err = catalog.List(ctx, db)
		return err
	})
	if alone != nil {
		var heard []*Set
		for _, set := range all {
			if now, err := s.catalog.LastHeard(set.Name, set, alone.AsOf, nil); err == nil {
				heard = append(heard, now)
			}
		}
		return heard, err
	}
	for _, set := range all {
		s.catalog.Saw(set)
	}
	return all, err
}

// Get gives one set; the error is ErrNoSet where it is not there.
func (s *Store) Get(ctx context.Context, name string) (set *Set, err error) {
	alone, err := s.Read(ctx, func(ctx context.Context, db *pgxpool.Pool) (err error) {
		set, err = catalog.Get(ctx, db, name)
		return err
	})
	if alone != nil {
		return s.catalog.LastHeard(name, set, alone.AsOf, err)
	}
	if err == nil {
		s.catalog.Saw(set)
	}
	return set, err
}

// Latest returns a set as it is, and asks the database only if it may have changed. Errors are
// ErrNoSet or the database's.
func (s *Store) Latest(ctx context.Context, name string) (*Set, error) {
	return s.catalog.Latest(ctx, name)
}

// Configure changes a set's settings: see catalog.Configure. Indexes follow in the background.
func (s *Store) Configure(ctx context.Context, name string, change func(*Settings) error) (*Set, error) {
	set, err := s.catalog.Configure(ctx, name, change)
	if err == nil {
		s.loader.Index(name)
	}
	return set, err
}

// Remove removes a set with its records; of an attached set only what is stored in the catalogue.
func (s *Store) Remove(ctx context.Context, name string) error { return s.catalog.Remove(ctx, name) }

// AddSource names a database as a source, by a URL with a role that may read and
// nothing else. It is connected to when it is first needed.
func (s *Store) AddSource(name, url string) error { return s.sources.Add(name, url) }

// Sources lists the names of the sources.
func (s *Store) Sources() []string { return s.sources.Names() }

// Tables lists what a source's role may read, by schema and name.
func (s *Store) Tables(ctx context.Context, source string) ([][2]string, error) {
	return s.loader.Tables(ctx, source)
}

// Table returns the fields of a table or view that a source's role may read, and its
// primary key, if it has one. The error for one that is not there is ErrTable.
func (s *Store) Table(ctx context.Context, source, schema, table string) ([]intake.Field, []string, error) {
	return s.loader.Table(ctx, source, schema, table)
}

// Attach makes a set of a table or view: see loading.Attach.
func (s *Store) Attach(ctx context.Context, a Attach) (*Set, error) { return s.loader.Attach(ctx, a) }

// LoadCSV makes or replaces a set from CSV: see loading.LoadCSV.
func (s *Store) LoadCSV(ctx context.Context, draft Draft, csv io.Reader) error {
	return s.loader.LoadCSV(ctx, draft, csv)
}

// Import makes or replaces a set from a file: see loading.Import.
func (s *Store) Import(ctx context.Context, in Import) (*Set, *intake.Plan, error) {
	return s.loader.Import(ctx, in)
}

// Indexed waits for index builds in progress.
func (s *Store) Indexed() { s.loader.Indexed() }

// Indexes lists the indexes that a set's rules want: see loading.Indexes.
func (s *Store) Indexes(ctx context.Context, name string) ([]IndexState, error) {
	return s.loader.Indexes(ctx, name)
}

// Page reads one page: see reading.Page.
func (s *Store) Page(ctx context.Context, req Request) (*Page, error) { return s.reader.Page(ctx, req) }

// Settle settles a page without reading its records.
func (s *Store) Settle(ctx context.Context, req Request) (*Page, error) {
	return s.reader.Settle(ctx, req)
}

// Again gives a page that was read with Request.Keep as it is now: see reading.Again.
func (s *Store) Again(ctx context.Context, page *Page, req Request) (*Page, error) {
	return s.reader.Again(ctx, page, req)
}

// Record reads one record by its key, its parts in the order of the rules, and its revision; "" if that is not
// known: of a list that is held still, it has changed since.
func (s *Store) Record(ctx context.Context, req Request, key []string) (*Set, Record, Revision, error) {
	one, err := s.reader.Record(ctx, req, key)
	if one.Set == nil {
		return nil, nil, "", err
	}
	return one.Set, one.Record, editing.RevisionOf(one.Set.Definition, one.Revision), err
}

// Place finds where a record stands: see reading.Place.
func (s *Store) Place(ctx context.Context, req Request, key []string) (int64, paging.Page, error) {
	return s.reader.Place(ctx, req, key)
}

// Stream reads every record that a query asks for: see reading.Stream.
func (s *Store) Stream(ctx context.Context, req Request, begin func(*Set, int64, []intake.Field, paging.Ask) error, each func(Record) error) error {
	return s.reader.Stream(ctx, req, begin, each)
}

// LookDone is nil if the write that a context names, by Once.With, has not been done; else the error is a *Done or
// ErrKeyUsed.
func (s *Store) LookDone(ctx context.Context) error { return once.Of(ctx).Look(ctx, s.pools.Main) }

// Add adds a record: see editing.Add.
func (s *Store) Add(ctx context.Context, name string, values Values) (int64, error) {
	return s.editor.Add(ctx, name, values)
}

// Change changes fields of a record: see editing.Change.
func (s *Store) Change(ctx context.Context, name string, key []string, revision Revision, values Values) (int64, error) {
	return s.editor.Change(ctx, name, key, revision, values)
}

// Delete deletes a record for good, if it still has the revision.
func (s *Store) Delete(ctx context.Context, name string, key []string, revision Revision) (int64, error) {
	return s.editor.Delete(ctx, name, key, revision)
}

// Withdraw takes a record out of its set; Restore brings it back.
func (s *Store) Withdraw(ctx context.Context, name string, key []string, revision Revision) (int64, error) {
	return s.editor.Withdraw(ctx, name, key, revision)
}

// Restore brings a withdrawn record back: see editing.Restore.
func (s *Store) Restore(ctx context.Context, name string, key []string) (int64, error) {
	return s.editor.Restore(ctx, name, key)
}

// Purge deletes every trace of a record: see editing.Purge.
func (s *Store) Purge(ctx context.Context, name string, key []string, revision Revision) (int64, error) {
	return s.editor.Purge(ctx, name, key, revision)
}

// Follower is the script for a followed set's table, and the one that undoes it.
func (s *Store) Follower(ctx context.Context, set *Set) (*changes.Followed, error) {
	f, err := s.followed(set)
	if err != nil {
		return nil, err
	}
	return f.Script(ctx, set.Definition)
}

func (s *Store) followed(set *Set) (*source.Followed, error) {
	if !set.Attached() {
		return nil, ErrNotAttached
	}
	return s.sources.FollowedAt(set.Source)
}

// FollowState is how a followed table is read. It looks for the log first if the table is not read
// by it.
func (s *Store) FollowState(ctx context.Context, name string) (FollowState, error) {
	set, err := s.Latest(ctx, name)
	if err != nil || !set.Followed {
		return FollowState{}, err
	}
	f, err := s.followed(set)
	if err != nil {
		return FollowState{}, err
	}
	return f.State(ctx, set)
}

// FollowKnown is how a followed table is read, as last seen.
func (s *Store) FollowKnown(set *Set) FollowState { return s.sources.Following.Known(set) }

// FollowedState is the number of a followed set's state; 0 if it is read the plain way.
func (s *Store) FollowedState(ctx context.Context, set *Set, req Request) (int64, error) {
	if !set.Followed {
		return 0, nil
	}
	return s.reader.State(ctx, req)
}

// Followed is the number of sets whose tables are to be followed, how many of them are read by
// their logs, and how often a log turned out not to be what it was.
func (s *Store) Followed() (all, exact int, forsaken int64) { return s.sources.Following.Count() }

// Unlike is how often footholds did not fit the total of their list, and were dropped. There should be
// none.
func (s *Store) Unlike() int64 { return s.known.Unlike() }

// Reread is how many pages were read again because their set changed while they were read.
func (s *Store) Reread() int64 { return s.reader.Reread() }

// FootholdBytes is the memory of all footholds.
func (s *Store) FootholdBytes() int { return s.known.Bytes() }

// CountsKept is how many lists are remembered.
func (s *Store) CountsKept() int { return s.known.Totals() }
