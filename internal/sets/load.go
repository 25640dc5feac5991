package sets

import (
	"cmp"
	"context"
	"errors"
	"fmt"
	"io"
	"strconv"
	"strings"
	"time"

	"github.com/jackc/pgx/v5"
	"github.com/jackc/pgx/v5/pgconn"

	"pageladder.example/internal/changes"
	"pageladder.example/internal/intake"
	"pageladder.example/paging/rulesfile"
	"pageladder.example/paging/value"
)

// tablePrefix begins the names of tables of records; a number follows.
const tablePrefix = "records_"

// columnTypes are the column types that fields are kept in.
var columnTypes = map[value.Type]string{
	value.Text:       `text collate "und-x-icu"`,
	value.Integer:    "bigint",
	value.Decimal:    "numeric",
	value.BigInteger: "numeric",
	value.BigDecimal: "numeric",
	value.Boolean:    "boolean",
	value.Date:       "date",
	value.Time:       "timestamptz",
	value.JSON:       "jsonb",
}

// castTo is the SQL type that a value is cast to: the type of its column, with its collation.
func castTo(t value.Type) string {
	name, _, _ := strings.Cut(columnTypes[t], " ")
	return name
}

// Draft is a set that is to be made, or to replace the one of its name.
type Draft struct {
	Name, Label string
	Fields      []intake.Field
	Rules       *rulesfile.Rules
	Fixed       string // the fixed filter; "": that of the existing set
	Open        bool   // for a new set

	isNew     bool // there must be no set of the name
	keepRules bool // the rules of the existing set stay

	source, schema, table string
	remember              time.Duration
	followed              bool
	records               int64
}

// set is the set that the draft will make.
func (d *Draft) set() *Set {
	return &Set{Name: d.Name, Label: d.Label, Fields: d.Fields, Rules: d.Rules, Fixed: d.Fixed, Open: d.Open, Records: d.records,
		Source: d.source, Remember: d.remember, schema: d.schema, table: d.table}
}

// LoadCSV makes or replaces a set from CSV with a header line that names the
// fields, whose values are in their types' canonical form. An empty cell is a
// missing value, "" is empty text. It is all or nothing: readers see the old
// records until the new ones are whole. Its indexes are made in the background.
func (s *Store) LoadCSV(ctx context.Context, draft Draft, csv io.Reader) error {
	_, err := s.load(ctx, draft, csv, ", header match")
	return err
}

// load copies records into a new table and, in the same transaction, points the catalogue at it.
// Nobody knows the table's name before.
func (s *Store) load(ctx context.Context, draft Draft, csv io.Reader, options string) (made *Set, err error) {
	if err := s.sweep(ctx); err != nil {
		return nil, err
	}
	defer s.catalogue.stale(draft.Name)
	err = pgx.BeginFunc(ctx, fresh{s.pool}, func(tx pgx.Tx) error {
		number, err := queryInt(ctx, tx, "select nextval('pageladder.record_table_number')")
		if err != nil {
			return err
		}
		draft.table = tablePrefix + strconv.FormatInt(number, 10)
		set := draft.set()
		if _, err := tx.Exec(ctx, createTable(set)); err != nil {
			return loadError(set, err)
		}
		fields := make([]string, len(set.Fields))
		for i, f := range set.Fields {
			fields[i] = f.Name
		}
		// The table was made in this transaction, so its rows can be written as frozen: visible to
		// everybody at once, with no vacuum to come.
		copied, err := tx.Conn().PgConn().CopyFrom(ctx, csv, fmt.Sprintf(
			"copy %s (%s) from stdin with (format csv, freeze%s)", tableName(set), list(fields, quote), options))
		if err != nil {
			return loadError(set, err)
		}
		draft.records = copied.RowsAffected()
		if _, err := tx.Exec(ctx, "alter table "+tableName(set)+" add primary key ("+list(set.Rules.Key, quote)+")"); err != nil {
			return loadError(set, err)
		}
		if made, err = publish(ctx, tx, draft); err != nil {
			return err
		}
		_, err = changes.Make(ctx, tx, logTable(made))
		return err
	})
	if err != nil {
		return nil, err
	}
	s.index(made)
	return made, nil
}

// publish points the catalogue at a draft's table, and gives the set that has been made.
func publish(ctx context.Context, tx pgx.Tx, draft Draft) (*Set, error) {
	// It is locked, so that settings which are changed at the same time are not lost.
	if _, err := tx.Exec(ctx, "select 1 from pageladder.record_set where name = $1 for update", draft.Name); err != nil {
		return nil, err
	}
	old, err := get(ctx, tx, draft.Name)
	if err != nil && !errors.Is(err, ErrNoSet) {
		return nil, err
	}
	if old != nil { // who may see what stays as it was
		if draft.isNew {
			return nil, ErrSetTaken
		}
		if draft.keepRules {
			draft.Rules = old.Rules
			if err := fits(draft.Rules, draft.Fields); err != nil {
				return nil, err
			}
		}
		draft.Open, draft.Fixed = old.Open, cmp.Or(draft.Fixed, old.Fixed)
	}
	if _, err = fixedFilter(draft.Fields, draft.Fixed); err != nil {
		return nil, err
	}
	conflict := `do update set label = excluded.label, record_table = excluded.record_table,
		  fields = excluded.fields, rules = excluded.rules, records = excluded.records,
		  source = excluded.source, source_schema = excluded.source_schema, remember_s = excluded.remember_s, followed = excluded.followed,
		  fixed = excluded.fixed, open = excluded.open, fixed_dates = excluded.fixed_dates, version = record_set.version + 1, changed_at = now()`
	if draft.isNew { // somebody may be making one of the name at this moment
		conflict = "do nothing"
	}
	rows, err := tx.Query(ctx, `
		insert into pageladder.record_set (name, label, record_table, fields, rules, records, source, source_schema, remember_s, fixed, open, fixed_dates, followed, version)
		values ($1, $2, $3, $4, $5, $6, $7, $8, $9, $10, $11, $12, $13, coalesce((select version from pageladder.removed_set where name = $1), 0) + 1)
		on conflict (name) `+conflict+`
		returning `+catalogueColumns,
		draft.Name, draft.Label, draft.table, draft.Fields, draft.Rules, draft.records, draft.source, draft.schema, int64(draft.remember.Seconds()),
		draft.Fixed, draft.Open, wholeDays, draft.followed)
	if err != nil {
		return nil, err
	}
	made, err := pgx.CollectExactlyOneRow(rows, scanSet)
	if draft.isNew && errors.Is(err, pgx.ErrNoRows) {
		return nil, ErrSetTaken
	}
	if err == nil && old != nil {
		err = replaced(ctx, tx, old)
	}
	if err == nil {
		err = notify(ctx, tx, draft.Name)
	}
	return made, err
}

// replaced notes that a set's table is no longer used. Readers may have looked it up just before,
// so it is dropped later.
func replaced(ctx context.Context, tx pgx.Tx, set *Set) error {
	if set.Attached() {
		return nil
	}
	_, err := tx.Exec(ctx, "insert into pageladder.replaced_table (record_table) values ($1)", set.table)
	return err
}

func createTable(set *Set) string {
	var b strings.Builder
	fmt.Fprintf(&b, "create table %s (", tableName(set))
	for _, f := range set.Fields {
		fmt.Fprintf(&b, "%s %s", quote(f.Name), columnTypes[f.Type])
		switch f.Type { // as JSON numbers can hold them: NaN and the infinities cannot be written
		case value.Integer:
			fmt.Fprintf(&b, " check (%s between -9007199254740991 and 9007199254740991)", quote(f.Name))
		case value.Decimal:
			fmt.Fprintf(&b, " check (%[1]s > '-Infinity' and %[1]s < 'Infinity')", quote(f.Name))
		}
		b.WriteString(", ")
	}
	fmt.Fprintf(&b, "%s bigint not null default 1)", revisionColumn) // later records begin at the set's version: see Add
	return b.String()
}

// loadError says in plain words where a file is wrong.
func loadError(set *Set, err error) error {
	var pg *pgconn.PgError
	if !errors.As(err, &pg) {
		return err
	}
	where := strings.TrimPrefix(pg.Where, "COPY "+set.table+", ")
	if pg.Code == uniqueViolation {
		return &FileError{fmt.Errorf("loading %s: the key %s stands in two records: %s", set.Name, strings.Join(set.Rules.Key, ","), pg.Detail)}
	}
	if isDataFault(pg.Code) {
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
