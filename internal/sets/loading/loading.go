// Package loading makes sets: a file becomes the table of a kept set, with its indexes; a table of somebody
// else is attached.
package loading

import (
	"cmp"
	"context"
	"errors"
	"fmt"
	"io"
	"strconv"
	"strings"
	"sync"
	"time"

	"github.com/jackc/pgx/v5"
	"github.com/jackc/pgx/v5/pgconn"
	"github.com/jackc/pgx/v5/pgxpool"

	"pageladder.example/internal/changes"
	"pageladder.example/internal/intake"
	"pageladder.example/internal/once"
	"pageladder.example/internal/peers"
	"pageladder.example/internal/postgres"
	"pageladder.example/internal/sets/catalog"
	"pageladder.example/internal/sets/relation"
	"pageladder.example/internal/sets/source"
	"pageladder.example/internal/sets/tables"
	"pageladder.example/paging/rulesfile"
)

// Loader makes sets.
type Loader struct {
	pool    *pgxpool.Pool
	writes  *postgres.Writer
	catalog *catalog.Catalog
	sources *source.Sources
	running context.Context
	later   func(func()) // runs something in the background

	indexing  sync.WaitGroup // what makes indexes
	indexTurn sync.Mutex     // one set at a time
}

// New makes sets of a catalogue. What it does in the background ends with a context.
func New(pools postgres.Pools, catalog *catalog.Catalog, sources *source.Sources, running context.Context, later func(func())) *Loader {
	return &Loader{pool: pools.Main, writes: pools.Writes, catalog: catalog, sources: sources, running: running, later: later}
}

// readTime is longer than any request reads: a table that was replaced longer ago has no readers.
const readTime = time.Minute

// SweepOld drops tables that were replaced so long ago that nobody reads them.
func (l *Loader) SweepOld(ctx context.Context) error { return l.Sweep(ctx, readTime) }

// Draft is a set that is to be created, or to replace the one of its name.
type Draft struct {
	Name, Label string
	Fields      []intake.Field
	Rules       *rulesfile.Rules
	Fixed       string // the fixed filter; "": that of the existing set
	Open        bool   // for a new set

	isNew     bool // there must be no set of the name
	keepRules bool // the rules of the existing set stay
	offered   bool // the rules are those that a new set is given

	source, schema, table string
	remember              time.Duration
	followed              bool
	records               int64
}

// definition is that of the set that the draft will make.
func (d *Draft) definition() *catalog.Definition {
	return &catalog.Definition{Name: d.Name, Label: d.Label, Fields: d.Fields, Rules: d.Rules, Fixed: d.Fixed, Open: d.Open,
		Source: d.source, Remember: d.remember, Schema: d.schema, Table: d.table}
}

// LoadCSV makes or replaces a set from CSV with a header line that names the
// fields, whose values are in their types' canonical form. An empty cell is a
// missing value, "" is empty text. It is all or nothing: readers see the old
// records until the new ones are whole. Its indexes are built in the background.
func (l *Loader) LoadCSV(ctx context.Context, draft Draft, csv io.Reader) error {
	_, err := l.load(ctx, nil, draft, ", header match", func(to io.Writer) error {
		_, err := io.Copy(to, csv)
		return err
	})
	return err
}

// load copies records, as they are written, into a new table and, in the same transaction, points the catalogue at it.
// Nobody knows the table's name before.
func (l *Loader) load(ctx context.Context, named *once.Write, draft Draft, options string, write func(io.Writer) error) (created *catalog.Set, err error) {
	if err := l.Sweep(ctx, readTime); err != nil {
		return nil, err
	}
	defer l.catalog.Stale(draft.Name)
	err = postgres.WriteLong(ctx, l.pool, func(tx pgx.Tx) error {
		if err := named.Begin(ctx, tx); err != nil {
			return err
		}
		number, err := postgres.Int(ctx, tx, "select nextval('pageladder.record_table_number')")
		if err != nil {
			return err
		}
		draft.table = tables.Prefix + strconv.FormatInt(number, 10)
		set := draft.definition()
		if _, err := tx.Exec(ctx, tables.Create(set)); err != nil {
			return loadError(set, err)
		}
		fields := make([]string, len(set.Fields))
		for i, f := range set.Fields {
			fields[i] = f.Name
		}
		// The table was created in this transaction, so its rows can be written as frozen: visible to
		// everybody at once, with no vacuum to come.
		copied, err := copyIn(ctx, tx.Conn().PgConn(), fmt.Sprintf(
			"copy %s (%s) from stdin with (format csv, freeze%s)", tables.Name(set), tables.List(fields, tables.Quote), options), write)
		if err != nil {
			return loadError(set, err)
		}
		draft.records = copied.RowsAffected()
		if _, err := tx.Exec(ctx, "alter table "+tables.Name(set)+" add primary key ("+tables.List(set.Rules.Key, tables.Quote)+")"); err != nil {
			return loadError(set, err)
		}
		if created, err = publish(ctx, tx, draft); err != nil {
			return err
		}
		if _, err = changes.Make(ctx, tx, relation.LogTable(created.Definition)); err != nil {
			return err
		}
		return named.End(ctx, tx, created.Version, "")
	})
	if err != nil {
		return nil, err
	}
	l.catalog.Saw(created)
	l.Index(created.Name)
	return created, nil
}

// copyIn runs a COPY of what is written.
func copyIn(ctx context.Context, conn *pgconn.PgConn, sql string, write func(io.Writer) error) (pgconn.CommandTag, error) {
	from, into := io.Pipe()
	var writer sync.WaitGroup
	writer.Go(func() { into.CloseWithError(write(into)) })
	defer writer.Wait()
	copied, err := conn.CopyFrom(ctx, from, sql)
	from.CloseWithError(err) // so that the writer ends
	return copied, err
}

// publish points the catalogue at a draft's table, and returns the new set.
func publish(ctx context.Context, tx pgx.Tx, draft Draft) (*catalog.Set, error) {
	// It is locked, so that settings which are changed at the same time are not lost.
	if _, err := tx.Exec(ctx, "select 1 from pageladder.record_set where name = $1 for update", draft.Name); err != nil {
		return nil, err
	}
	old, err := catalog.Get(ctx, tx, draft.Name)
	if err != nil && !errors.Is(err, catalog.ErrNoSet) {
		return nil, err
	}
	if old != nil { // who may see what stays as it was
		if draft.isNew {
			return nil, catalog.ErrSetTaken
		}
		if draft.keepRules {
			draft.Rules = old.Rules
			if err := catalog.Fits(draft.Rules, draft.Fields); err != nil {
				return nil, err
			}
		}
		draft.Open, draft.Fixed = old.Open, cmp.Or(draft.Fixed, old.Fixed)
	}
	var before *catalog.Definition
	if old != nil {
		before = old.Definition
	}
	err = catalog.CanBeRead(ctx, tx, draft.Rules, draft.Fields, before)
	if draft.offered && errors.As(err, new(*peers.Lacking)) { // without what earlier services do not know they are right, too
		draft.Rules.Repeat = ""
		err = catalog.CanBeRead(ctx, tx, draft.Rules, draft.Fields, before)
	}
	if err != nil {
		return nil, err
	}
	created, err := catalog.Publish(ctx, tx, draft.definition(), draft.records, draft.followed, draft.isNew)
	if err == nil && old != nil {
		err = catalog.Replaced(ctx, tx, old.Definition)
	}
	return created, err
}

// loadError says in plain words where a file is wrong.
func loadError(set *catalog.Definition, err error) error {
	var pg *pgconn.PgError
	if !errors.As(err, &pg) {
		return err
	}
	where := strings.TrimPrefix(pg.Where, "COPY "+set.Table+", ")
	if pg.Code == postgres.UniqueViolation {
		return &FileError{fmt.Errorf("loading %s: the key %s stands in two records: %s", set.Name, strings.Join(set.Rules.Key, ","), pg.Detail)}
	}
	if tables.IsDataFault(pg.Code) {
		if where != "" {
			where += ": "
		}
		if detail := pg.Detail; detail != "" {
			pg.Message += " (" + detail + ")"
		}
		return &FileError{fmt.Errorf("loading %s: %.200s%.500s", set.Name, where, pg.Message)}
	}
	return fmt.Errorf("loading %s: %s: %w", set.Name, where, err)
}

// Sweep drops tables that were replaced so long ago, if they have no readers.
func (l *Loader) Sweep(ctx context.Context, ago time.Duration) error {
	return postgres.WriteLong(ctx, l.pool, func(tx pgx.Tx) error {
		rows, err := tx.Query(ctx, "delete from pageladder.replaced_table where since < now() - $1::interval returning record_table", ago)
		if err != nil {
			return err
		}
		replaced, err := pgx.CollectRows(rows, pgx.RowTo[string])
		if err != nil {
			return err
		}
		// A table that is still being streamed, or indexed, is left for the next time.
		if _, err := tx.Exec(ctx, "set local lock_timeout = '100ms'"); err != nil {
			return err
		}
		for _, table := range replaced {
			err := pgx.BeginFunc(ctx, tx, func(drop pgx.Tx) error {
				_, err := drop.Exec(ctx, "drop table if exists "+tables.Name(&catalog.Definition{Table: table}))
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
// moment gets an internal error, "tuple concurrently updated".
func inUse(err error) bool {
	code := postgres.Code(err)
	return code == postgres.LockNotAvailable || code == postgres.InternalError
}
