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
	"github.com/jackc/pgx/v5/pgxpool"

	"pageladder.example/internal/intake"
	"pageladder.example/internal/statement"
	"pageladder.example/paging"
	"pageladder.example/paging/rulesfile"
	"pageladder.example/paging/value"
)

// Errors about attached sets.
var (
	ErrNoSource   = errors.New("there is no source of this name")
	ErrSuperuser  = errors.New("the source's role is a superuser; name a role that may read the tables and nothing else")
	ErrTable      = errors.New("the table or view cannot be attached so")
	ErrSourceAway = errors.New("the source cannot be reached")
	ErrReadOnly   = errors.New("the set is attached: its records are changed by their owner")
)

const (
	sourceConnections = 4
	sourceTimeout     = "10s" // for one statement
)

// source is a database whose tables and views can be attached. Its connections are
// its own, so that one that goes away affects its own sets alone.
type source struct {
	url string

	mu   sync.Mutex
	pool *pgxpool.Pool // made when first needed
}

// AddSource names a database as a source, by a URL with a role that may read and
// nothing else. It is connected to when it is first needed.
func (s *Store) AddSource(name, url string) error {
	if _, err := pgxpool.ParseConfig(url); err != nil {
		return fmt.Errorf("source %s: %w", name, err)
	}
	s.sources[name] = &source{url: url}
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

// connect gives the source's pool. Every connection is checked: a superuser is
// refused, since READ ONLY does not bind one.
func (src *source) connect(ctx context.Context) (*pgxpool.Pool, error) {
	src.mu.Lock()
	defer src.mu.Unlock()
	if src.pool != nil {
		return src.pool, nil
	}
	config, err := pgxpool.ParseConfig(src.url)
	if err != nil {
		return nil, err
	}
	readable(config)
	config.MaxConns = sourceConnections
	config.ConnConfig.RuntimeParams["default_transaction_read_only"] = "on"
	config.ConnConfig.RuntimeParams["statement_timeout"] = sourceTimeout
	config.AfterConnect = func(ctx context.Context, conn *pgx.Conn) error {
		var super bool
		err := conn.QueryRow(ctx, "select rolsuper from pg_roles where rolname = session_user").Scan(&super)
		if err == nil && super {
			err = ErrSuperuser
		}
		return err
	}
	src.pool, err = pgxpool.NewWithConfig(context.WithoutCancel(ctx), config)
	return src.pool, err
}

func (s *Store) sourcePool(ctx context.Context, name string) (*pgxpool.Pool, error) {
	src, ok := s.sources[name]
	if !ok {
		return nil, fmt.Errorf("%w: %q", ErrNoSource, name)
	}
	return src.connect(ctx)
}

// Attach is a table or view that becomes a set.
type Attach struct {
	Name, Label   string
	New           bool // one of the name must not be there
	Source        string
	Schema, Table string
	Key           []string         // of a view; a table's own key where it is left out
	Fields        []string         // those that are shown; empty: all
	Rules         *rulesfile.Rules // nil: rules that offer every shown field to sort and filter by
	// Types asks for other types of fields than they are given: integer for a bigint
	// whose values are all within ±(2^53−1), so that they come as numbers.
	Types    map[string]value.Type
	Remember time.Duration // how long totals and footholds may be remembered; 0: not at all
}

// foreignTypes are the types of a source's columns that have one of ours. Those of ours
// beside "own" hold values that the source must write, order and compare by its own
// type: a float in text, for example, is not the number that it stands for.
var foreignTypes = map[string]struct {
	Type value.Type
	own  bool
}{
	"int2": {value.Integer, false}, "int4": {value.Integer, false}, "int8": {value.BigInteger, false}, "numeric": {value.BigDecimal, false},
	"float4": {value.Decimal, true}, "float8": {value.Decimal, true}, "bool": {value.Boolean, false}, "date": {value.Date, false},
	"timestamptz": {value.Time, false}, "text": {value.Text, false}, "varchar": {value.Text, false}, "json": {value.JSON, false}, "jsonb": {value.JSON, false},
}

// Attach makes a set of a table or view. Errors are ErrNoSource, ErrSuperuser, what
// is wrong with the table, the key, the fields or the rules, or the database's.
func (s *Store) Attach(ctx context.Context, a Attach) (set *Set, err error) {
	defer func() { err = sourceError(err) }()
	pool, err := s.sourcePool(ctx, a.Source)
	if err != nil {
		return nil, err
	}
	// Searching without regard to accents takes normal forms apart, which
	// PostgreSQL offers in this encoding alone.
	var encoding string
	if err := pool.QueryRow(ctx, "show server_encoding").Scan(&encoding); err != nil {
		return nil, err
	}
	if encoding != "UTF8" {
		return nil, fmt.Errorf("%w: the source's database is encoded in %s, and only UTF8 can be read", ErrTable, encoding)
	}
	fields, key, err := describe(ctx, pool, a.Schema, a.Table)
	if err != nil {
		return nil, err
	}
	if err := retype(ctx, pool, a, fields); err != nil {
		return nil, err
	}
	if len(a.Key) > 0 {
		key = a.Key
	}
	for _, name := range key {
		if f := (&Set{Fields: fields}).field(name); f != nil && f.Unordered != "" {
			return nil, fmt.Errorf("%w: the key %q cannot be sorted by: %s", ErrTable, name, f.Unordered)
		}
	}
	if len(key) == 0 {
		return nil, fmt.Errorf("%w: %s.%s has no primary key; name the fields that identify a record", ErrTable, a.Schema, a.Table)
	}
	all := &Set{Fields: fields}
	shown := []intake.Field{}
	for _, name := range append(slices.Clone(key), a.Fields...) {
		f := all.field(name)
		if f == nil {
			return nil, fmt.Errorf("%w: %s.%s has no field %q", ErrTable, a.Schema, a.Table, name)
		}
		if !slices.Contains(shown, *f) {
			shown = append(shown, *f)
		}
	}
	if len(a.Fields) == 0 {
		for _, f := range fields {
			if !slices.Contains(shown, f) {
				shown = append(shown, f)
			}
		}
	}
	set = &Set{Name: a.Name, Label: a.Label, Fields: shown, Rules: a.Rules, Source: a.Source, Remember: a.Remember, isNew: a.New, table: a.Table, schema: a.Schema}
	if set.Label == "" {
		set.Label = a.Name
	}
	if err := checkSaid(nil, set.Label, set.Fixed); err != nil {
		return nil, err
	}
	if set.Rules == nil {
		set.Rules = offering(shown, key)
	}
	if err := fits(set.Rules, shown); err != nil {
		return nil, err
	}
	if !slices.Equal(set.Rules.Key, key) {
		return nil, fmt.Errorf("%w: the rules' key is to be %q", ErrTable, key)
	}
	if err := set.Rules.Check(); err != nil {
		return nil, err
	}
	defer s.catalogue.forget(a.Name)
	return set, pgx.BeginFunc(ctx, s.pool, func(tx pgx.Tx) error { return point(ctx, tx, set) })
}

// sourceError says of an error that means trouble with a database that it is the
// source's.
func sourceError(err error) error {
	if err != nil && Unavailable(err) {
		return fmt.Errorf("%w: %w", ErrSourceAway, err)
	}
	return err
}

// Tables lists what a source's role may read, as schema and name.
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
		err = fmt.Errorf("%w: the source has no table or view %s.%s that its role may read", ErrTable, schema, table)
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
			err := pool.QueryRow(ctx, "select exists (select from "+tableName(table)+" where "+statement.Quote(name)+" not between -9007199254740991 and 9007199254740991)").Scan(&beyond)
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

// unknownType is the type of a column whose type is none of ours and has no order: its
// text is shown as it is.
const unknownType value.Type = "other"

// offering offers fields to sort and filter by, under names that are easy to write
// in a query.
func offering(fields []intake.Field, key []string) *rulesfile.Rules {
	r := rulesfile.Of(paging.Rules{Key: key, Unknown: paging.UnknownNoted})
	names := make([]string, len(fields))
	for i, f := range fields {
		names[i] = f.Name
	}
	for i, name := range intake.SafeNames(names) {
		f := fields[i]
		if f.Type != value.JSON && f.Type != unknownType {
			sort := paging.SortKey{Key: name}
			if name != f.Name {
				sort.Fields = []string{f.Name}
			}
			r.Sorts = append(r.Sorts, sort)
			r.Filters = append(r.Filters, paging.FilterRule{Field: f.Name, Type: f.Type})
		}
	}
	return r
}

// remembers tells whether footholds may be kept of a set: of an attached one only
// where its owner allows that.
func (s *Set) remembers() bool { return !s.Attached() || s.Remember > 0 }

// unremember drops what is remembered of an attached set.
func (s *Store) unremember(name string) {
	for _, key := range s.remembered.Keys() {
		if strings.HasPrefix(key, name+"\x00") {
			s.remembered.Remove(key)
		}
	}
	s.footholds.Drop(name)
}

// rememberedTotal is a total and when it was counted.
type rememberedTotal struct {
	n  int64
	at time.Time
}

// attachedTotal counts an attached set's records, or remembers the count for as
// long as the owner allows.
func (s *Store) attachedTotal(ctx context.Context, db querier, q *question) (paging.Total, error) {
	most := q.countLimit
	if most == 0 {
		q.trace.counted("not counted")
		return paging.NotCounted(), nil
	}
	key := strings.Join([]string{q.set.Name, q.set.ChangedAt.String(), q.FilterKey}, "\x00")
	if kept, ok := s.remembered.Get(key); ok && time.Since(kept.at) < q.set.Remember {
		q.trace.counted("remembered, as long as the owner allows")
		return paging.Remembered(kept.n, time.Since(kept.at)), nil
	}
	tx, ok := db.(pgx.Tx)
	if !ok {
		return paging.Total{}, errors.New("an attached set is counted in the snapshot that its page is read in")
	}
	total, err := s.countRecords(ctx, tx, q, most)
	if err == nil && total.Is() == paging.TotalExact && q.set.Remember > 0 && most < 0 {
		s.remembered.Add(key, rememberedTotal{total.Records(), time.Now()})
	}
	return total, err
}
