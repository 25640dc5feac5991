package sets

import (
	"context"
	"errors"
	"fmt"
	"slices"
	"sort"
	"strings"
	"sync"
	"time"

	"github.com/jackc/pgx/v5"
	"github.com/jackc/pgx/v5/pgconn"
	"github.com/jackc/pgx/v5/pgxpool"

	"pageladder.example/internal/changes"
	"pageladder.example/internal/intake"
	"pageladder.example/paging/value"
)

const (
	sourceConnections = 4
	sourceTimeout     = "10s" // for one statement
)

// source is a database whose tables and views can be attached. It has connections of its own, so
// that a source that is down affects its own sets only.
type source struct {
	url string

	mu sync.Mutex
	pools
	making turns // see Store.makingOf

	reached bool      // at least once, so that it is known whether a transaction pooler is in between
	turn    turn      // of the caller who finds that out
	away    time.Time // when it could not be reached; guarded by turn
}

// pools are a source's connections, opened when first needed.
type pools struct {
	pool    *pgxpool.Pool
	plain   *pgxpool.Pool // for questions of followed tables without filters: see more
	folding *pgxpool.Pool // see Store.folds
}

func (p pools) close() {
	for _, each := range []*pgxpool.Pool{p.pool, p.plain, p.folding} {
		if each != nil {
			each.Close()
		}
	}
}

// AddSource names a database as a source, by a URL with a role that may read and
// nothing else. It is connected to when it is first needed.
func (s *Store) AddSource(name, url string) error {
	if _, err := pgxpool.ParseConfig(url); err != nil {
		return fmt.Errorf("source %s: %w", name, err)
	}
	s.sources[name] = &source{url: url, turn: newTurn(), making: make(turns, heldAtOnce)}
	return nil
}

// Sources lists the names of the sources.
func (s *Store) Sources() []string {
	names := make([]string, 0, len(s.sources))
	for name := range s.sources {
		names = append(names, name)
	}
	sort.Strings(names)
	return names
}

// errPooled is the error within this package for a connection through a pooler that gives each
// transaction another session.
var errPooled = errors.New("the source is reached through a pooler of transactions")

// connect returns the source's pool. Every connection is checked: a superuser is refused, since
// READ ONLY does not restrict one. Before the source has been reached once, the first caller finds
// out whether a pooler is in between, and others wait for that; for a source that is down they do
// not wait one after the other.
func (src *source) connect(ctx context.Context) (*pgxpool.Pool, error) {
	pool, reached, err := src.now(ctx)
	if err != nil || reached {
		return pool, err
	}
	came := time.Now()
	if err := src.turn.take(ctx); err != nil {
		return nil, err
	}
	defer src.turn.give()
	if pool, reached, err = src.now(ctx); err != nil || reached || src.away.After(came) {
		return pool, err
	}
	err = pool.Ping(ctx)
	src.mu.Lock()
	defer src.mu.Unlock()
	switch {
	case err == nil:
		src.reached = true
	case pooled(err):
		// Closing waits for connections that others use: not under the lock that all readers need.
		go src.pools.close()
		src.reached = true
		err := src.open(ctx, true)
		return src.pool, err
	default: // the reader gets the error
		src.away = time.Now()
	}
	return src.pool, nil
}

// now returns the connections as they are, and whether the source was ever reached over them.
func (src *source) now(ctx context.Context) (*pgxpool.Pool, bool, error) {
	src.mu.Lock()
	defer src.mu.Unlock()
	if src.pool == nil {
		if err := src.open(ctx, false); err != nil {
			return nil, false, err
		}
	}
	return src.pool, src.reached, nil
}

// pooled reports whether an error means that a pooler does not accept session settings.
func pooled(err error) bool {
	var pg *pgconn.PgError
	return errors.Is(err, errPooled) || errors.As(err, &pg) && strings.Contains(pg.Message, "unsupported startup parameter")
}

// open opens the pools. Through a transaction pooler nothing survives a transaction: no setting
// and no prepared statement.
func (src *source) open(ctx context.Context, pooled bool) error {
	config, err := pgxpool.ParseConfig(src.url)
	if err != nil {
		return err
	}
	readable(config)
	config.MaxConns = sourceConnections
	if pooled {
		config.ConnConfig.DefaultQueryExecMode = pgx.QueryExecModeExec
	} else {
		config.ConnConfig.RuntimeParams["default_transaction_read_only"] = "on"
		config.ConnConfig.RuntimeParams["statement_timeout"] = sourceTimeout
	}
	config.AfterConnect = func(ctx context.Context, conn *pgx.Conn) error {
		var super, set bool
		err := conn.QueryRow(ctx, "select rolsuper, current_setting('default_transaction_read_only') = 'on' from pg_roles where rolname = session_user", pgx.QueryExecModeExec).Scan(&super, &set)
		switch {
		case err != nil:
			return err
		case super:
			return ErrSuperuser
		case !set && !pooled:
			return errPooled
		}
		return nil
	}
	ctx = context.WithoutCancel(ctx)
	if src.plain, src.folding, err = more(ctx, config, pooled); err != nil {
		return err
	}
	src.pool, err = pgxpool.NewWithConfig(ctx, config)
	return err
}

// keep prunes the log of a followed table, on the primary.
func (src *source) keep(ctx context.Context, set *Set) error {
	config, err := pgx.ParseConfig(src.url)
	if err != nil {
		return err
	}
	config.ConnectTimeout = beatWait
	config.DefaultQueryExecMode = pgx.QueryExecModeExec
	config.ValidateConnect = pgconn.ValidateConnectTargetSessionAttrsPrimary
	conn, err := pgx.ConnectConfig(ctx, config)
	if err != nil {
		return err
	}
	defer conn.Close(context.WithoutCancel(ctx))
	var there bool
	if err := conn.QueryRow(ctx, "select to_regprocedure($1) is not null", changes.LogSchema+".keep(text)").Scan(&there); err != nil || !there {
		return err
	}
	_, err = conn.Exec(ctx, "select "+changes.LogSchema+".keep($1)", changes.LogName(set.schema, set.table))
	return err
}

// more are the connections for questions without filters, and those for updating what is
// remembered.
func (src *source) more() (plain, folding *pgxpool.Pool) {
	src.mu.Lock()
	defer src.mu.Unlock()
	return src.plain, src.folding
}

func (src *source) close() {
	src.mu.Lock()
	open := src.pools
	src.mu.Unlock()
	open.close()
}

func (s *Store) sourcePool(ctx context.Context, name string) (*pgxpool.Pool, error) {
	src, ok := s.sources[name]
	if !ok {
		return nil, fmt.Errorf("%w: %q", ErrNoSource, name)
	}
	return src.connect(ctx)
}

// Tables lists what a source's role may read, by schema and name.
func (s *Store) Tables(ctx context.Context, source string) ([][2]string, error) {
	pool, err := s.sourcePool(ctx, source)
	if err != nil {
		return nil, sourceError(err)
	}
	rows, err := pool.Query(ctx, `select n.nspname, c.relname from pg_class c join pg_namespace n on n.oid = c.relnamespace
		where c.relkind in ('r', 'p', 'v', 'm', 'f') and n.nspname !~ '^pg_' and n.nspname <> 'information_schema'
		  and has_any_column_privilege(c.oid, 'select') and has_schema_privilege(n.oid, 'usage')
		order by 1, 2`)
	if err != nil {
		return nil, sourceError(err)
	}
	all, err := pgx.CollectRows(rows, func(row pgx.CollectableRow) (t [2]string, err error) {
		err = row.Scan(&t[0], &t[1])
		return t, err
	})
	return all, sourceError(err)
}

// Table tells the fields of a table or view that a source's role may read, and its
// primary key, if it has one. The error for one that is not there is ErrTable.
func (s *Store) Table(ctx context.Context, source, schema, table string) (fields []intake.Field, key []string, err error) {
	pool, err := s.sourcePool(ctx, source)
	if err == nil {
		fields, key, err = describe(ctx, pool, schema, table)
	}
	return fields, key, sourceError(err)
}

// describe reads a table's fields and primary key from its database's catalogue.
func describe(ctx context.Context, pool *pgxpool.Pool, schema, table string) (fields []intake.Field, key []string, err error) {
	// Of a domain the type below it counts. A type has an order where PostgreSQL's
	// B-trees can hold it, by itself or as what it can be taken for.
	rows, err := pool.Query(ctx, `
		select a.attname, b.typname, format_type(b.oid, null), b.typtype in ('e', 'r', 'm') or exists (
			select from pg_opclass o join pg_am m on m.oid = o.opcmethod
			where m.amname = 'btree' and o.opcdefault and (o.opcintype = e.oid or exists (
				select from pg_cast k where k.castsource = e.oid and k.casttarget = o.opcintype and k.castmethod = 'b' and k.castcontext = 'i'))) or e.typtype = 'e', coalesce(i.indisprimary, false)
		from pg_attribute a
		join pg_class c on c.oid = a.attrelid join pg_namespace n on n.oid = c.relnamespace join pg_type t on t.oid = a.atttypid
		join lateral (with recursive base as (
			select t.oid, t.typbasetype union all select u.oid, u.typbasetype from base join pg_type u on u.oid = base.typbasetype
		) select u.* from base join pg_type u on u.oid = base.oid where u.typbasetype = 0) b on true
		join pg_type e on e.oid = case when b.typcategory = 'A' then b.typelem else b.oid end
		left join pg_index i on i.indrelid = c.oid and i.indisprimary and a.attnum = any(i.indkey)
		where n.nspname = $1 and c.relname = $2 and c.relkind in ('r', 'p', 'v', 'm', 'f') and a.attnum > 0 and not a.attisdropped
		  and has_column_privilege(c.oid, a.attnum, 'select')
		order by coalesce(array_position(i.indkey::int2[], a.attnum), 32767), a.attnum`, schema, table)
	if err != nil {
		return nil, nil, err
	}
	var name, typeName, written string
	var ordered, inKey bool
	_, err = pgx.ForEachRow(rows, []any{&name, &typeName, &written, &ordered, &inKey}, func() error {
		f := intake.Field{Name: name, Label: name}
		switch known, ok := foreignTypes[typeName]; {
		case ok && known.Type == value.JSON:
			f.Type, f.Unordered = value.JSON, "values of the type "+written+" are lists and objects, which have no order here"
		case ok:
			f.Type, f.Own = known.Type, known.own
		case ordered:
			f.Type, f.Own = value.Text, true
		default:
			f.Type, f.Own, f.Unordered = unknownType, true, "PostgreSQL has no order for values of the type "+written
		}
		fields = append(fields, f)
		if inKey {
			key = append(key, name)
		}
		return nil
	})
	if err == nil && len(fields) == 0 {
		err = notReadable(ctx, pool, schema, table)
	}
	return fields, key, err
}

// retype gives fields the types that were asked for.
func retype(ctx context.Context, pool *pgxpool.Pool, a Attach, fields []intake.Field) error {
	for name, t := range a.Types {
		at := slices.IndexFunc(fields, func(f intake.Field) bool { return f.Name == name })
		switch {
		case at < 0:
			return fmt.Errorf("%w: %s.%s has no field %q", ErrTable, a.Schema, a.Table, name)
		case fields[at].Type == t:
		case fields[at].Type != value.BigInteger || t != value.Integer:
			return fmt.Errorf("%w: the type of %q is %s; only a bigint (big_integer) can be asked for as another, as integer", ErrTable, name, fields[at].Type)
		default:
			var beyond bool
			table := &Set{Source: a.Source, schema: a.Schema, table: a.Table}
			err := pool.QueryRow(ctx, "select exists (select from "+tableName(table)+" where "+quote(name)+" not between -9007199254740991 and 9007199254740991)").Scan(&beyond)
			if err != nil {
				return err
			}
			if beyond {
				return fmt.Errorf("%w: %q has values beyond ±9007199254740991, which are no integer that every reader of JSON reads", ErrTable, name)
			}
			fields[at].Type = value.Integer
		}
	}
	return nil
}
