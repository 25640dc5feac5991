// Package sets keeps record sets in PostgreSQL: the catalogue, loading, and
// reading one page as one snapshot.
package sets

import (
	"context"
	"errors"
	"io"
	"runtime"
	"strings"
	"sync"
	"time"

	lru "github.com/hashicorp/golang-lru/v2"
	"github.com/jackc/pgx/v5"
	"github.com/jackc/pgx/v5/pgconn"
	"github.com/jackc/pgx/v5/pgxpool"
	"golang.org/x/sync/singleflight"

	"pageladder.example/internal/intake"
	"pageladder.example/internal/order"
	"pageladder.example/internal/postgres"
	"pageladder.example/internal/statement"
	"pageladder.example/paging"
	"pageladder.example/paging/rulesfile"
	"pageladder.example/paging/value"
)

// ErrNoSet is the error for a set that is not there.
var ErrNoSet = errors.New("there is no such record set")

// Set is one record set as the catalogue has it.
type Set struct {
	Name      string
	Label     string
	Fields    []intake.Field
	Rules     *rulesfile.Rules
	Records   int64
	Version   int64
	ChangedAt time.Time
	Source    string        // of an attached set; "" for a kept one
	Remember  time.Duration // how long totals and footholds of an attached set may be remembered
	Fixed     string        // the fixed filter, written as in a query: "cleared=true&tonnage.min=500"
	Open      bool          // callers without a token may read it

	schema, table string // schema "": the service's own
	fixed         []paging.Condition
	records       statement.Table

	// Of a set that is being made:
	isNew     bool // none of the name may be there
	keepRules bool // the rules of the one that is there stay
}

// Attached tells whether the set's records are in a source.
func (s *Set) Attached() bool { return s.Source != "" }

// Shown are the fields that records are shown with: those that the rules name, or
// all.
func (s *Set) Shown() []intake.Field { return s.named(s.Rules.Show) }

// named are the fields of some names; of none, all.
func (s *Set) named(names []string) []intake.Field {
	if len(names) == 0 {
		return s.Fields
	}
	var fields []intake.Field
	for _, name := range names {
		if f := s.field(name); f != nil {
			fields = append(fields, *f)
		}
	}
	return fields
}

// Store keeps record sets in one database.
type Store struct {
	pool      *pgxpool.Pool
	plain     *pgxpool.Pool // for questions without filters: see readPlain
	catalogue catalogue
	counts    *lru.Cache[string, paging.Total]
	countTime time.Duration
	counting  singleflight.Group
	footholds *order.Tracks
	deep      int64 // records from either end beyond which footholds are used

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
	config, err := pgxpool.ParseConfig(url)
	if err != nil {
		return nil, err
	}
	readable(config)
	config.MaxConns = max(config.MaxConns, connections)
	pool, err := pgxpool.NewWithConfig(ctx, config)
	if err != nil {
		return nil, err
	}
	plain, err := readPlain(ctx, config)
	if err != nil {
		pool.Close()
		return nil, err
	}
	s := &Store{pool: pool, plain: plain, footholds: order.New(), deep: deep, countTime: countTime}
	s.running, s.stop = context.WithCancel(context.WithoutCancel(ctx))
	s.catalogue.sets = map[string]*Set{}
	s.sources = map[string]*source{}
	if s.remembered, err = lru.New[string, rememberedTotal](countsKept); err != nil {
		return nil, err
	}
	if s.counts, err = lru.New[string, paging.Total](countsKept); err != nil {
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
	if err != nil {
		s.Close()
		return nil, err
	}
	for _, set := range all {
		if !set.Attached() {
			s.index(set)
		}
	}
	s.background.Go(s.listen)
	return s, nil
}

// Indexed waits until the indexes of all sets are made that this store has begun
// to make.
func (s *Store) Indexed() { s.indexing.Wait() }

// connections is how many connections there are at least beside those for plain
// questions: some may be held by streams for long.
const connections = 8

// readTime is longer than any request reads: a table that was replaced longer
// ago than this has no readers.
const readTime = time.Minute

// lockNotAvailable is PostgreSQL's code for a lock that did not come in time.
const lockNotAvailable = "55P03"

// sweep drops the tables that have been replaced and have no readers any more.
func (s *Store) sweep(ctx context.Context) error {
	return pgx.BeginFunc(ctx, s.pool, func(tx pgx.Tx) error {
		rows, err := tx.Query(ctx, "delete from pageladder.replaced_table where since < now() - $1::interval returning record_table", readTime)
		if err != nil {
			return err
		}
		tables, err := pgx.CollectRows(rows, pgx.RowTo[string])
		if err != nil {
			return err
		}
		// One that is still being streamed is left for the next time.
		if _, err := tx.Exec(ctx, "set local lock_timeout = '100ms'"); err != nil {
			return err
		}
		for _, table := range tables {
			err := pgx.BeginFunc(ctx, tx, func(drop pgx.Tx) error {
				_, err := drop.Exec(ctx, "drop table if exists "+tableName(&Set{table: table}))
				return err
			})
			var pg *pgconn.PgError
			if errors.As(err, &pg) && pg.Code == lockNotAvailable {
				_, err = tx.Exec(ctx, "insert into pageladder.replaced_table (record_table, since) values ($1, '-infinity')", table)
			}
			if err != nil {
				return err
			}
		}
		return nil
	})
}

// readable sets connections up so that values come in the text that is sent on.
func readable(config *pgxpool.Config) {
	config.ConnConfig.ConnectTimeout = 5 * time.Second
	config.ConnConfig.RuntimeParams["timezone"] = "UTC"
	config.ConnConfig.RuntimeParams["datestyle"] = "ISO"
	config.ConnConfig.RuntimeParams["application_name"] = "pageladder"
}

// readPlain gives connections for questions without filters. The best plan of
// such a statement depends on no value, so that it is made once and not compared
// with others: pages from footholds come about a tenth faster for it.
func readPlain(ctx context.Context, like *pgxpool.Config) (*pgxpool.Pool, error) {
	config := like.Copy()
	config.MaxConns = 2*int32(runtime.NumCPU()) + 1 // on 2 cores 5 gave a few more answers a second than 3, and 8 no more than 5
	config.ConnConfig.RuntimeParams["plan_cache_mode"] = "force_generic_plan"
	return pgxpool.NewWithConfig(ctx, config)
}

// Close ends what runs in the background and lets the connections go.
func (s *Store) Close() {
	s.stop()
	s.background.Wait()
	s.pool.Close()
	s.plain.Close()
	for _, src := range s.sources {
		if src.pool != nil {
			src.pool.Close()
		}
	}
}

// Pool is the pool of connections to the database.
func (s *Store) Pool() *pgxpool.Pool { return s.pool }

// Ping tells whether the database answers.
func (s *Store) Ping(ctx context.Context) error { return s.pool.Ping(ctx) }

// Unavailable tells whether an error means that the database cannot be reached
// at the moment, so that trying again later may help.
func Unavailable(err error) bool {
	var refused *pgconn.ConnectError
	var server *pgconn.PgError
	var file *FileError
	switch {
	case errors.As(err, &file): // that ended early is no trouble of the database
		return false
	case errors.As(err, &refused):
		return true
	case errors.As(err, &server): // connection trouble, shutting down, starting up, too many connections
		return strings.HasPrefix(server.Code, "08") || strings.HasPrefix(server.Code, "57P") || server.Code == "53300"
	case errors.Is(err, context.DeadlineExceeded), errors.Is(err, context.Canceled):
		return false
	}
	return errors.Is(err, io.EOF) || errors.Is(err, io.ErrUnexpectedEOF) || pgconn.SafeToRetry(err) || isNetwork(err)
}

// TooSlow tells whether an error means that the time for a question was up.
func TooSlow(err error) bool { return errors.Is(err, context.DeadlineExceeded) || isCanceled(err) }

// AsFault turns an error of the database that is the data's fault into a *DataError;
// any other stays as it is.
func AsFault(err error) error { return dataFault(nil, err) }

const catalogueColumns = "name, label, fields, rules, records, version, changed_at, record_table, source, source_schema, remember_s, fixed, open, fixed_dates"

func scanSet(row pgx.CollectableRow) (*Set, error) {
	var s Set
	var remember int64
	var dates string
	err := row.Scan(&s.Name, &s.Label, &s.Fields, &s.Rules, &s.Records, &s.Version, &s.ChangedAt, &s.table, &s.Source, &s.schema, &remember, &s.Fixed, &s.Open, &dates)
	s.Remember = time.Duration(remember) * time.Second
	if dates != wholeDays {
		s.Fixed = instants(&s, s.Fixed)
	}
	if err == nil {
		s.records = recordsOf(&s)
		s.fixed, err = fixedFilter(&s, s.Fixed)
	}
	return &s, err
}

// List gives every set, by name.
func (s *Store) List(ctx context.Context) ([]*Set, error) {
	rows, err := s.pool.Query(ctx, "select "+catalogueColumns+" from pageladder.record_set order by name")
	if err != nil {
		return nil, err
	}
	return pgx.CollectRows(rows, scanSet)
}

type querier interface {
	Query(ctx context.Context, sql string, args ...any) (pgx.Rows, error)
}

// Get gives one set; the error is ErrNoSet where it is not there.
func (s *Store) Get(ctx context.Context, name string) (*Set, error) { return get(ctx, s.pool, name) }

func get(ctx context.Context, q querier, name string) (*Set, error) {
	if _, want := value.Text.Canonical(name); want != "" { // no name that PostgreSQL could hold
		return nil, ErrNoSet
	}
	rows, err := q.Query(ctx, "select "+catalogueColumns+" from pageladder.record_set where name = $1", name)
	if err != nil {
		return nil, err
	}
	set, err := pgx.CollectExactlyOneRow(rows, scanSet)
	if errors.Is(err, pgx.ErrNoRows) {
		return nil, ErrNoSet
	}
	return set, err
}

// recordsOf is the table that a set's records are in.
func recordsOf(set *Set) statement.Table {
	t := statement.Table{Name: tableName(set), Fields: make([]statement.Field, len(set.Fields)), Foreign: set.Attached()}
	for i, f := range set.Fields {
		t.Fields[i] = statement.Field{Name: f.Name, Type: f.Type, Own: f.Own}
	}
	if set.Rules != nil {
		t.Key, t.Search = set.Rules.Key, set.Rules.Search
	}
	return t
}

func tableName(set *Set) string {
	schema := postgres.Schema
	if set.Attached() {
		schema = set.schema
	}
	return statement.Name(schema, set.table)
}
