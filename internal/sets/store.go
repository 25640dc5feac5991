package sets

import (
	"context"
	"errors"
	"io"
	"runtime"
	"slices"
	"strings"
	"sync"
	"sync/atomic"
	"time"

	lru "github.com/hashicorp/golang-lru/v2"
	"github.com/jackc/pgx/v5"
	"github.com/jackc/pgx/v5/pgconn"
	"github.com/jackc/pgx/v5/pgxpool"
	"golang.org/x/sync/singleflight"

	"pageladder.example/internal/changes"
	"pageladder.example/internal/postgres"
)

// Store keeps record sets in one database.
type Store struct {
	pool      *pgxpool.Pool
	plain     *pgxpool.Pool // for questions without filters: see more
	folding   *pgxpool.Pool // see folds
	lately    lately
	catalogue catalogue
	counts    *lru.Cache[string, atLeast]  // of one version
	counted   *lru.Cache[string, *counted] // exact ones, which are kept current
	facets    *lru.Cache[string, *facet]
	since     *lru.Cache[string, *since]
	// Facets of lists at a mark.
	heldValues *lru.Cache[string, map[string][]Facet]
	holding    singleflight.Group
	countTime  time.Duration
	countAgain time.Duration // until a count that took too long is tried again
	counting   singleflight.Group
	tracks     *tracks
	held       *tracks // of lists at a mark
	making     turns   // of the callers who read much of a log for one of those
	deep       int64   // records from either end beyond which footholds are used

	readOnly bool // of a standby: nothing is made or changed
	lifeMu   sync.Mutex
	epoch    atomic.Uint32 // OID of the catalogue's table that versions are given out by
	life     string        // of the database: see changes.Life
	logMu    sync.Mutex
	logTried map[string]time.Time // by table: last attempt to make its log
	logAgain time.Duration        // between attempts
	unlike   atomic.Int64         // tracks that did not fit the total: see Unlike
	reread   atomic.Int64         // pages: see Reread

	marks       *marks
	followMu    sync.Mutex
	followed    map[string]*following // by set
	forsaken    atomic.Int64          // how often a followed table's log turned out not to be what it was
	followAgain time.Duration         // between attempts to find a log

	onForget   atomic.Pointer[func()]
	sources    map[string]*source
	remembered *lru.Cache[string, rememberedTotal]

	running    context.Context // until Close
	stop       context.CancelFunc
	background sync.WaitGroup
	indexing   sync.WaitGroup // the part of background that makes indexes
	indexTurn  sync.Mutex     // one set at a time
}

// Open connects to a database and migrates it.
func Open(ctx context.Context, url string) (*Store, error) {
	if err := postgres.Migrate(ctx, url); err != nil {
		return nil, err
	}
	s, err := open(ctx, url)
	if err != nil {
		return nil, err
	}
	if err := s.sweep(ctx); err != nil {
		s.Close()
		return nil, err
	}
	all, err := s.List(ctx)
	if err == nil {
		err = s.keepInstants(ctx, all)
	}
	if err == nil {
		err = s.keepWithdrawn(ctx, all)
	}
	if err == nil {
		s.marks.spare, err = s.reserve(ctx)
	}
	if err != nil {
		s.Close()
		return nil, err
	}
	for _, set := range all {
		if !set.Attached() {
			s.index(set)
			s.makeLog(set)
		}
	}
	s.background.Go(s.listen)
	s.background.Go(s.pruneLogs)
	s.background.Go(s.writeMarks)
	return s, nil
}

// OpenReadOnly connects to a database that a service keeps, or to a standby of it, and only reads
// there. A standby sends no notices, so it is asked each time whether a set has changed.
func OpenReadOnly(ctx context.Context, url string) (*Store, error) {
	s, err := open(ctx, url)
	if err == nil {
		s.readOnly, s.marks.spare = true, 1
	}
	return s, err
}

func open(ctx context.Context, url string) (*Store, error) {
	s := &Store{deep: deep, countTime: countTime, countAgain: countAgain, tracks: newTracks(tracksMemory), held: newTracks(heldMemory), making: make(turns, heldAtOnce), sources: map[string]*source{}, followed: map[string]*following{}, marks: newMarks(), followAgain: followAgain, logTried: map[string]time.Time{}, logAgain: logAgain}
	s.catalogue.sets = map[string]seen{}
	config, err := pgxpool.ParseConfig(url)
	if err != nil {
		return nil, err
	}
	readable(config)
	config.MaxConns = max(config.MaxConns, connections)
	config.AfterConnect = s.lives
	if s.pool, err = pgxpool.NewWithConfig(ctx, config); err != nil {
		return nil, err
	}
	if s.plain, s.folding, err = more(ctx, config, false); err != nil {
		s.pool.Close()
		return nil, err
	}
	s.remembered, _ = lru.New[string, rememberedTotal](countsKept) // the sizes are valid
	s.counts, _ = lru.New[string, atLeast](countsKept)
	s.counted, _ = lru.New[string, *counted](countsKept)
	s.facets, _ = lru.New[string, *facet](facetsKept)
	s.heldValues, _ = lru.New[string, map[string][]Facet](facetsKept)
	s.since, _ = lru.New[string, *since](sinceKept)
	s.running, s.stop = context.WithCancel(context.WithoutCancel(ctx))
	return s, nil
}

// lives notes which life of the database a new connection belongs to. If it is another one,
// everything remembered is dropped. All connections to the life before are broken by then.
func (s *Store) lives(ctx context.Context, conn *pgx.Conn) error {
	life, err := changes.Life(ctx, conn)
	if err == nil {
		err = s.beginEpoch(ctx, conn)
	}
	if err != nil {
		return err
	}
	s.lifeMu.Lock()
	defer s.lifeMu.Unlock()
	if s.life != life && s.life != "" {
		s.catalogue.forgetAll()
		s.forget()
	}
	s.life = life
	return nil
}

// beginEpoch makes sure that versions of another life of the database are not taken for those of
// this one.
func (s *Store) beginEpoch(ctx context.Context, conn *pgx.Conn) error {
	catalogue, err := changes.BeginEpoch(ctx, conn)
	if catalogue > 0 {
		s.epoch.Store(catalogue)
	}
	return err
}

// Unlike is how many tracks did not fit the total of their list, and were dropped. There should be
// none.
func (s *Store) Unlike() int64 { return s.unlike.Load() }

// Reread is how many pages were read again because their set changed while they were read.
func (s *Store) Reread() int64 { return s.reread.Load() }

// Indexed waits for index builds in progress.
func (s *Store) Indexed() { s.indexing.Wait() }

// connections is the least number of connections besides those for questions without filters:
// streams may hold some of them for long.
const connections = 8

// readTime is longer than any request reads: a table that was replaced longer ago has no readers.
const readTime = time.Minute

// lockNotAvailable is PostgreSQL's code for a lock that was not granted in time.
const lockNotAvailable = "55P03"

// internalError is its code for what it has no other code for.
const internalError = "XX000"

// sweep drops tables that were replaced and have no readers any more.
func (s *Store) sweep(ctx context.Context) error { return s.sweepAll(ctx, readTime) }

// sweepAll drops those that were replaced so long ago.
func (s *Store) sweepAll(ctx context.Context, ago time.Duration) error {
	return pgx.BeginFunc(ctx, fresh{s.pool}, func(tx pgx.Tx) error {
		rows, err := tx.Query(ctx, "delete from pageladder.replaced_table where since < now() - $1::interval returning record_table", ago)
		if err != nil {
			return err
		}
		tables, err := pgx.CollectRows(rows, pgx.RowTo[string])
		if err != nil {
			return err
		}
		// A table that is still being streamed, or indexed, is left for the next time.
		if _, err := tx.Exec(ctx, "set local lock_timeout = '100ms'"); err != nil {
			return err
		}
		for _, table := range tables {
			err := pgx.BeginFunc(ctx, tx, func(drop pgx.Tx) error {
				_, err := drop.Exec(ctx, "drop table if exists "+tableName(&Set{table: table}))
				return err
			})
			if inUse(err) {
				_, err = tx.Exec(ctx, "insert into pageladder.replaced_table (record_table, since) values ($1, '-infinity')", table)
			}
			if err != nil {
				return err
			}
		}
		err = pgx.BeginFunc(ctx, tx, func(drop pgx.Tx) error { return changes.Drop(ctx, drop) })
		if inUse(err) { // so is one whose log is being read
			return nil
		}
		return err
	})
}

// inUse reports whether a table was not dropped since others use it. An index that is created
// concurrently lets go of its table a moment before that commits; whoever drops the table in that
// moment is told of an internal error, "tuple concurrently updated".
func inUse(err error) bool {
	var pg *pgconn.PgError
	return errors.As(err, &pg) && (pg.Code == lockNotAvailable || pg.Code == internalError)
}

// readable configures connections so that values come as the text that is sent on.
func readable(config *pgxpool.Config) {
	config.ConnConfig.ConnectTimeout = 5 * time.Second
	config.ConnConfig.RuntimeParams["timezone"] = "UTC"
	config.ConnConfig.RuntimeParams["datestyle"] = "ISO"
	config.ConnConfig.RuntimeParams["application_name"] = "pageladder"
}

// foldsAtOnce is how many tracks and counts are updated at the same time.
const foldsAtOnce = 2

// more opens connections for questions without filters, and for updating what is remembered. The
// best plan of such a question does not depend on its values, so that it is planned once: pages
// from footholds are about a tenth faster. A transaction pooler accepts no such setting.
func more(ctx context.Context, like *pgxpool.Config, pooled bool) (plain, folding *pgxpool.Pool, err error) {
	config := like.Copy()
	config.MaxConns = 2*int32(runtime.NumCPU()) + 1 // on 2 cores 5 gave a few more answers a second than 3, and 8 no more than 5
	if !pooled {
		config.ConnConfig.RuntimeParams["plan_cache_mode"] = "force_generic_plan"
	}
	if plain, err = pgxpool.NewWithConfig(ctx, config); err != nil {
		return nil, nil, err
	}
	config = config.Copy()
	config.MaxConns = foldsAtOnce
	if folding, err = pgxpool.NewWithConfig(ctx, config); err != nil {
		plain.Close()
		return nil, nil, err
	}
	return plain, folding, nil
}

// fresh begins transactions on connections that work. A connection that broke while idle, for
// example because PostgreSQL was restarted, fails at its first statement; a BEGIN can be sent
// again on another one.
type fresh struct{ *pgxpool.Pool }

func (f fresh) Begin(ctx context.Context) (pgx.Tx, error) { return f.BeginTx(ctx, pgx.TxOptions{}) }

func (f fresh) BeginTx(ctx context.Context, options pgx.TxOptions) (pgx.Tx, error) {
	for attempt := int32(0); ; attempt++ {
		tx, err := f.Pool.BeginTx(ctx, options)
		var refused *pgconn.ConnectError
		if err == nil || ctx.Err() != nil || errors.As(err, &refused) || !Unavailable(err) || attempt == f.Stat().MaxConns() {
			return tx, err
		}
	}
}

// Close ends what runs in the background and lets the connections go.
func (s *Store) Close() {
	s.stop()
	s.background.Wait()
	s.pool.Close()
	s.plain.Close()
	s.folding.Close()
	for _, src := range s.sources {
		src.close()
	}
}

// Pool is the pool of connections to the database.
func (s *Store) Pool() *pgxpool.Pool { return s.pool }

// Ping reports whether the database answers.
func (s *Store) Ping(ctx context.Context) error { return s.pool.Ping(ctx) }

// readOnlyServer is PostgreSQL's code for a write where nothing may be written.
const readOnlyServer = "25006"

// Unavailable reports whether an error means that the database cannot be reached at the moment, so
// that trying again later may help.
func Unavailable(err error) bool {
	var refused *pgconn.ConnectError
	var server *pgconn.PgError
	var file *FileError
	switch {
	case errors.As(err, &file): // that ended early is no trouble of the database
		return false
	case errors.As(err, &refused):
		return true
	case errors.As(err, &server): // connection trouble, no resources (disk, memory, connections), shutting down, starting up, read errors, a primary that has become a standby
		return slices.ContainsFunc([]string{"08", "53", "57P", "58", readOnlyServer}, func(class string) bool { return strings.HasPrefix(server.Code, class) })
	case errors.Is(err, context.DeadlineExceeded), errors.Is(err, context.Canceled):
		return false
	}
	return errors.Is(err, io.EOF) || errors.Is(err, io.ErrUnexpectedEOF) || pgconn.SafeToRetry(err) || isNetwork(err)
}

// TooSlow reports whether an error means that a question ran out of time.
func TooSlow(err error) bool { return errors.Is(err, context.DeadlineExceeded) || isCanceled(err) }

// AsFault turns a database error that is the data's fault into a *DataError; others stay as they
// are.
func AsFault(err error) error { return dataFault(nil, err) }
