package loading

import (
	"cmp"
	"context"
	"errors"
	"fmt"
	"slices"
	"time"

	"github.com/jackc/pgx/v5"
	"github.com/jackc/pgx/v5/pgxpool"

	"pageladder.example/internal/intake"
	"pageladder.example/internal/sets/catalog"
	"pageladder.example/internal/sets/source"
	"pageladder.example/internal/sets/tables"
	"pageladder.example/paging/rulesfile"
	"pageladder.example/paging/value"
)

// ErrTable is the error for a table or view that cannot be attached.
var ErrTable = errors.New("the table or view cannot be attached so")

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
	Follow   bool          // the table is followed, once its owner has run the script
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
	"timestamptz": {value.Time, false}, "timestamp": {value.Time, false}, "text": {value.Text, false}, "varchar": {value.Text, false}, "json": {value.JSON, false}, "jsonb": {value.JSON, false},
}

// Attach makes a set of a table or view. Errors are source.ErrNoSource, source.ErrSuperuser, what
// is wrong with the table, the key, the fields or the rules, or the database's.
func (l *Loader) Attach(ctx context.Context, a Attach) (set *catalog.Set, err error) {
	defer func() { err = source.Away(err) }()
	pool, err := l.sourcePool(ctx, a.Source)
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
	all := &catalog.Definition{Fields: fields}
	for _, name := range key {
		if f := all.Field(name); f != nil && f.Unordered != "" {
			return nil, fmt.Errorf("%w: the key %q cannot be sorted by: %s", ErrTable, name, f.Unordered)
		}
	}
	if len(key) == 0 {
		return nil, fmt.Errorf("%w: %s.%s has no primary key; name the fields that identify a record", ErrTable, a.Schema, a.Table)
	}
	shown := []intake.Field{}
	for _, name := range append(slices.Clone(key), a.Fields...) {
		f := all.Field(name)
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
	draft := Draft{Name: a.Name, Label: cmp.Or(a.Label, a.Name), Fields: shown, Rules: a.Rules, source: a.Source, remember: a.Remember, followed: a.Follow, isNew: a.New, table: a.Table, schema: a.Schema}
	if err := catalog.CheckSaid(nil, draft.Label, draft.Fixed); err != nil {
		return nil, err
	}
	if draft.Rules == nil {
		draft.Rules, draft.offered = offering(shown, key), true
	}
	if err := catalog.Fits(draft.Rules, shown); err != nil {
		return nil, err
	}
	if !slices.Equal(draft.Rules.Key, key) {
		return nil, fmt.Errorf("%w: the rules' key is to be %q", ErrTable, key)
	}
	if err := draft.Rules.Check(); err != nil {
		return nil, err
	}
	defer l.catalog.Stale(a.Name)
	err = l.writes.Write(ctx, func(tx pgx.Tx) error {
		set, err = publish(ctx, tx, draft)
		return err
	})
	return set, err
}

func (l *Loader) sourcePool(ctx context.Context, name string) (*pgxpool.Pool, error) {
	db, err := l.sources.Database(name)
	if err != nil {
		return nil, err
	}
	return db.Connect(ctx)
}

// Tables lists what a source's role may read, by schema and name.
func (l *Loader) Tables(ctx context.Context, name string) ([][2]string, error) {
	pool, err := l.sourcePool(ctx, name)
	if err != nil {
		return nil, source.Away(err)
	}
	rows, err := pool.Query(ctx, `select n.nspname, c.relname from pg_class c join pg_namespace n on n.oid = c.relnamespace
		where c.relkind in ('r', 'p', 'v', 'm', 'f') and n.nspname !~ '^pg_' and n.nspname <> 'information_schema'
		  and has_any_column_privilege(c.oid, 'select') and has_schema_privilege(n.oid, 'usage')
		order by 1, 2`)
	if err != nil {
		return nil, source.Away(err)
	}
	all, err := pgx.CollectRows(rows, func(row pgx.CollectableRow) (t [2]string, err error) {
		err = row.Scan(&t[0], &t[1])
		return t, err
	})
	return all, source.Away(err)
}

// Table returns the fields of a table or view that a source's role may read, and its
// primary key, if it has one. The error for one that is not there is ErrTable.
func (l *Loader) Table(ctx context.Context, name, schema, table string) (fields []intake.Field, key []string, err error) {
	pool, err := l.sourcePool(ctx, name)
	if err == nil {
		fields, key, err = describe(ctx, pool, schema, table)
	}
	return fields, key, source.Away(err)
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
			f.Type, f.Own, f.Unordered = catalog.UnknownType, true, "PostgreSQL has no order for values of the type "+written
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
			table := &catalog.Definition{Source: a.Source, Schema: a.Schema, Table: a.Table}
			err := pool.QueryRow(ctx, "select exists (select from "+tables.Name(table)+" where "+tables.Quote(name)+" not between -9007199254740991 and 9007199254740991)").Scan(&beyond)
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

// notReadable says why a table has no column that a source's role may read.
func notReadable(ctx context.Context, pool *pgxpool.Pool, schema, table string) error {
	var there bool
	var role string
	err := pool.QueryRow(ctx, "select session_user, exists (select from pg_class c join pg_namespace n on n.oid = c.relnamespace where n.nspname = $1 and c.relname = $2 and c.relkind in ('r', 'p', 'v', 'm', 'f'))", schema, table).Scan(&role, &there)
	switch {
	case err != nil:
		return err
	case there:
		return fmt.Errorf("%w: the source's role, %s, may not read %s.%s; %s", ErrTable, role, schema, table, source.Grants(tables.Quote(schema)+"."+tables.Quote(table), role))
	}
	return fmt.Errorf("%w: the source has no table or view %s.%s that its role, %s, may read", ErrTable, schema, table, role)
}
