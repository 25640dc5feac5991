package changes

import (
	"context"
	"crypto/md5"
	"encoding/hex"
	"errors"
	"fmt"
	"slices"
	"strings"

	"github.com/jackc/pgx/v5"
)

// Querier is a connection to a database, or a transaction in it.
type Querier interface {
	Query(ctx context.Context, sql string, args ...any) (pgx.Rows, error)
	QueryRow(ctx context.Context, sql string, args ...any) pgx.Row
}

// ErrNotFollowed is the error for a table that cannot be followed, whatever its owner does.
var ErrNotFollowed = errors.New("the table cannot be followed")

// Columns are the named columns of a table as a log declares them; a domain is declared as its
// base type. It is called in a transaction. The error is ErrNotFollowed if a column is missing.
func Columns(ctx context.Context, db Querier, schema, table string, names []string) ([]Field, error) {
	// Types and collations are written with their schemas, unless they are PostgreSQL's own.
	path := func(now string) (before string, err error) {
		err = db.QueryRow(ctx, "select s.path from (select current_setting('search_path') as path offset 0) s where set_config('search_path', $1, true) is not null", now).Scan(&before)
		return before, err
	}
	before, err := path("pg_catalog")
	if err != nil {
		return nil, err
	}
	rows, err := db.Query(ctx, `with recursive column_type (name, type, modifier, ordered) as (
			select a.attname, a.atttypid, a.atttypmod, a.attcollation from pg_attribute a where a.attrelid = to_regclass($1) and a.attnum > 0 and not a.attisdropped and a.attname = any($2::text[])
			union all select c.name, t.typbasetype, t.typtypmod, c.ordered from column_type c join pg_type t on t.oid = c.type where t.typtype = 'd')
		select c.name, format_type(c.type, c.modifier) || coalesce((select format(' collate %I.%I', n.nspname, o.collname) from pg_collation o join pg_namespace n on n.oid = o.collnamespace where o.oid = c.ordered and o.collname <> 'default'), ''),
			t.typlen = -1 and t.oid <> 'numeric'::regtype,
			e.typnamespace <> 'pg_catalog'::regnamespace or exists (select from pg_collation o where o.oid = c.ordered and o.collnamespace <> 'pg_catalog'::regnamespace),
			e.typnamespace <> 'pg_catalog'::regnamespace and e.typtype <> 'e'
		from column_type c join pg_type t on t.oid = c.type join pg_type e on e.oid = case when t.typcategory = 'A' and t.typelem <> 0 then t.typelem else t.oid end
		where t.typtype <> 'd' order by array_position($2::text[], c.name::text)`, (&Followed{Schema: schema, Table: table}).relation(), names)
	if err != nil {
		return nil, err
	}
	fields, err := pgx.CollectRows(rows, pgx.RowToStructByPos[Field])
	if err != nil {
		return nil, err
	}
	if _, err := path(before); err != nil {
		return nil, err
	}
	for _, name := range names {
		if !slices.ContainsFunc(fields, func(f Field) bool { return f.Name == name }) {
			return nil, fmt.Errorf("%w: %s.%s has no column %q", ErrNotFollowed, schema, table, name)
		}
	}
	return fields, nil
}

// Followable returns an error that is ErrNotFollowed and says why a table cannot be followed; nil
// if it can. Its key has to identify a row at each moment.
func Followable(ctx context.Context, db Querier, schema, table string, key []string) error {
	var kind, persistence string
	var guarded, part, heir, foreign, fed, unique bool
	relation := (&Followed{Schema: schema, Table: table}).relation()
	err := db.QueryRow(ctx, `select c.relkind::text, c.relpersistence::text,
			exists (select from pg_class p where p.relrowsecurity and (p.oid = c.oid or p.oid in (select relid from pg_partition_tree(c.oid)))), c.relispartition,
			c.relkind = 'r' and not c.relispartition and (c.relhassubclass or exists (select from pg_inherits i where i.inhparent = c.oid or i.inhrelid = c.oid)),
			exists (select from pg_partition_tree(c.oid) t join pg_class p on p.oid = t.relid where p.relkind = 'f' or p.relpersistence <> 'p'),
			exists (select from pg_subscription_rel s where s.srrelid = c.oid or s.srrelid in (select relid from pg_partition_tree(c.oid))),
			exists (select from pg_index i where i.indrelid = c.oid and i.indisunique and i.indisvalid and i.indimmediate and i.indpred is null and i.indexprs is null
				and (select bool_and(a.attname = any($2::text[]) and a.attnotnull) from pg_attribute a where a.attrelid = c.oid and a.attnum = any(i.indkey[:i.indnkeyatts-1])))
		from pg_class c where c.oid = to_regclass($1)`, relation, key).Scan(&kind, &persistence, &guarded, &part, &heir, &foreign, &fed, &unique)
	why := ""
	switch {
	case errors.Is(err, pgx.ErrNoRows):
		why = "it is not there"
	case err != nil:
		return err
	case kind == "v":
		why = "it is a view, which no trigger can follow; follow the table that it shows"
	case kind == "m":
		why = "it is a materialized view, which is written as a whole"
	case kind == "f":
		why = "it is a foreign table, whose rows change elsewhere"
	case kind != "r" && kind != "p":
		why = "it is not a table"
	case persistence != "p":
		why = "it is not logged by PostgreSQL itself, so that a crash empties it"
	case guarded:
		why = "row-level security decides who sees which of its rows"
	case part:
		why = "it is a partition: what is written through its parent is not seen by its triggers; follow the parent"
	case heir:
		// As long as it is marked as having had heirs, PostgreSQL does not note in its row of the
		// catalogue that it has one again.
		why = "it inherits from another table, or another does from it (or did: ANALYZE notes that it has gone), without being partitions"
	case foreign:
		why = "one of its partitions is a foreign or an unlogged table"
	case fed:
		why = "it receives its rows by logical replication, which calls no triggers of statements"
	case !unique:
		why = fmt.Sprintf("no unique index that is valid, immediate and without a condition, over columns that are not null, has %s alone", strings.Join(key, ", "))
	default:
		return nil
	}
	return fmt.Errorf("%w: %s.%s: %s", ErrNotFollowed, schema, table, why)
}

// Check lists what is missing for a table to be followed, or differs from what Script makes. It
// returns the log if everything is in place.
func (f *Followed) Check(ctx context.Context, db Querier) (log *Log, missing []string, err error) {
	l := f.Log()
	var table, row, role bool
	var source, comment, usage *string
	err = db.QueryRow(ctx, `select to_regclass($1) is not null, coalesce((select md5(p.prosrc) from pg_proc p where p.oid = to_regprocedure($1 || '()')), ''),
			coalesce((select md5(p.prosrc) from pg_proc p where p.oid = to_regprocedure($4)), ''),
			to_regclass($2 || '.followed') is not null, to_regrole(quote_ident($3)) is not null,
			case when to_regclass($1) is not null and to_regrole(quote_ident($3)) is not null and to_regprocedure($2 || '.keep(text)') is not null then concat(
				case when not has_schema_privilege($3, $2, 'usage') then 'usage on schema ' || $2 || ', ' end,
				case when not has_table_privilege($3, to_regclass($1), 'select') then 'select on ' || $1 || ', ' end,
				case when not has_table_privilege($3, to_regclass($2 || '.followed'), 'select') then 'select on ' || $2 || '.followed, ' end,
				case when not has_function_privilege($3, to_regprocedure($2 || '.keep(text)'), 'execute') then 'execute on ' || $2 || '.keep, ' end,
				case when not has_function_privilege($3, to_regprocedure($4), 'execute') then 'execute on ' || $4 || ', ' end) end`,
		l.Table(), LogSchema, f.Role, l.stampFunction()+"(xid8,xid8[])").Scan(&table, &source, &comment, &row, &role, &usage)
	if err != nil {
		return nil, nil, err
	}
	if !table {
		return nil, []string{fmt.Sprintf("the log %s is not there", l.Table())}, nil
	}
	switch {
	case !role:
		missing = append(missing, fmt.Sprintf("the role %s is not there", quote(f.Role)))
	case usage == nil:
		missing = append(missing, fmt.Sprintf("the function %s.keep is not there", LogSchema))
	case *usage != "":
		missing = append(missing, fmt.Sprintf("the role %s may not: %s", quote(f.Role), strings.TrimSuffix(*usage, ", ")))
	}
	if !row {
		missing = append(missing, fmt.Sprintf("the table %s.followed is not there", LogSchema))
	} else if err := db.QueryRow(ctx, "select exists (select from "+LogSchema+".followed where log = $1)", l.Name).Scan(&row); err != nil {
		return nil, nil, err
	} else if !row {
		missing = append(missing, fmt.Sprintf("%s.followed does not name the log", LogSchema))
	}
	columns := make([]string, len(f.Fields))
	for i, field := range f.Fields {
		columns[i] = Column(field.Name)
	}
	present, err := Columns(ctx, db, LogSchema, l.Name, columns)
	switch {
	case errors.Is(err, ErrNotFollowed):
		missing = append(missing, "the log does not hold all columns: "+strings.TrimPrefix(err.Error(), ErrNotFollowed.Error()+": "))
	case err != nil:
		return nil, nil, err
	default:
		for i := range present {
			if in := f.Fields[i].logged(); present[i].Type != in {
				missing = append(missing, fmt.Sprintf("column %q is %s in the log, and %s in the table", present[i].Name, present[i].Type, in))
			}
		}
	}
	for _, function := range []struct {
		name   string
		bodies []string // any of them
		found  *string
	}{{l.Table(), f.bodies(), source}, {l.stampFunction(), []string{l.stampSource()}, comment}} {
		if function.found == nil || !slices.ContainsFunc(function.bodies, func(body string) bool {
			sum := md5.Sum([]byte(body))
			return *function.found == hex.EncodeToString(sum[:])
		}) {
			missing = append(missing, fmt.Sprintf("the function %s is not the one of the script", function.name))
		}
	}
	rows, err := db.Query(ctx, `select part.relid::regclass::text, e.name, coalesce(t.tgenabled::text, '') from
			(select relid from pg_partition_tree(to_regclass($1)) union select to_regclass($1)) part (relid) cross join unnest($2::text[]) e (name)
			left join pg_trigger t on t.tgrelid = part.relid and t.tgname = 'pageladder_log_' || e.name and t.tgfoid = to_regprocedure($3 || '()')
		where t.tgenabled is distinct from 'A' order by 1, 2`, f.relation(), eventNames(), l.Table())
	if err != nil {
		return nil, nil, err
	}
	var part, event, enabled string
	if _, err := pgx.ForEachRow(rows, []any{&part, &event, &enabled}, func() error {
		if enabled == "" {
			missing = append(missing, fmt.Sprintf("%s has no trigger after %s", part, event))
		} else {
			missing = append(missing, fmt.Sprintf("the trigger of %s after %s is not always on", part, event))
		}
		return nil
	}); err != nil {
		return nil, nil, err
	}
	// What such a table writes cannot be distinguished from what the followed one does.
	rows, err = db.Query(ctx, `select distinct t.tgrelid::regclass::text from pg_trigger t where t.tgfoid = to_regprocedure($2 || '()')
		and t.tgrelid not in (select to_regclass($1) union select relid from pg_partition_tree(to_regclass($1))) order by 1`, f.relation(), l.Table())
	if err != nil {
		return nil, nil, err
	}
	others, err := pgx.CollectRows(rows, pgx.RowTo[string])
	if err != nil {
		return nil, nil, err
	}
	for _, other := range others {
		missing = append(missing, fmt.Sprintf("%s is not a part of the table (any more), and still writes into its log", other))
	}
	if len(missing) > 0 {
		return nil, missing, nil
	}
	return l, nil, nil
}

func eventNames() []string {
	all := make([]string, len(events))
	for i, e := range events {
		all[i] = e.name
	}
	return all
}
