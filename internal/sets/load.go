package sets

import (
	"context"
	"errors"
	"fmt"
	"io"
	"maps"
	"os"
	"slices"
	"strconv"
	"strings"

	"github.com/jackc/pgx/v5"
	"github.com/jackc/pgx/v5/pgconn"
	"golang.org/x/sys/unix"

	"pageladder.example/internal/intake"
	"pageladder.example/internal/statement"
	"pageladder.example/paging"
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

// LoadCSV makes or replaces a set from CSV with a header line that names the
// fields, whose values are in their types' canonical form. An empty cell is a
// missing value, "" is empty text. It is all or nothing: readers see the old
// records until the new ones are whole. The set's Records, Version and ChangedAt are
// filled in; its indexes are made in the background.
func (s *Store) LoadCSV(ctx context.Context, set *Set, csv io.Reader) error {
	return s.load(ctx, set, csv, ", header match")
}

// load copies records into a new table and then, in the same transaction, points
// the catalogue at it. Nobody can name the table before.
func (s *Store) load(ctx context.Context, set *Set, csv io.Reader, options string) error {
	if err := s.sweep(ctx); err != nil {
		return err
	}
	defer s.catalogue.forget(set.Name)
	err := pgx.BeginFunc(ctx, s.pool, func(tx pgx.Tx) error {
		number, err := queryInt(ctx, tx, "select nextval('pageladder.record_table_number')")
		if err != nil {
			return err
		}
		set.table = tablePrefix + strconv.FormatInt(number, 10)
		if _, err := tx.Exec(ctx, createTable(set)); err != nil {
			return loadError(set, err)
		}
		fields := make([]string, len(set.Fields))
		for i, f := range set.Fields {
			fields[i] = f.Name
		}
		// The table was made in this transaction, so its rows can be written as
		// frozen: visible to all at once, with no vacuum to come.
		copied, err := tx.Conn().PgConn().CopyFrom(ctx, csv, fmt.Sprintf(
			"copy %s (%s) from stdin with (format csv, freeze%s)", tableName(set), statement.List(fields, statement.Quote), options))
		if err != nil {
			return loadError(set, err)
		}
		set.Records = copied.RowsAffected()
		if _, err := tx.Exec(ctx, "alter table "+tableName(set)+" add primary key ("+statement.List(set.Rules.Key, statement.Quote)+")"); err != nil {
			return loadError(set, err)
		}
		return point(ctx, tx, set)
	})
	if err == nil {
		s.index(set)
	}
	return err
}

// point points the catalogue at a set's new table.
func point(ctx context.Context, tx pgx.Tx, set *Set) error {
	// Locked, so that settings that are changed meanwhile are not undone.
	if _, err := tx.Exec(ctx, "select 1 from pageladder.record_set where name = $1 for update", set.Name); err != nil {
		return err
	}
	old, err := get(ctx, tx, set.Name)
	if err != nil && !errors.Is(err, ErrNoSet) {
		return err
	}
	if old != nil { // who sees what stays as it was
		if set.isNew {
			return ErrSetTaken
		}
		if set.keepRules {
			set.Rules = old.Rules
			if err := fits(set.Rules, set.Fields); err != nil {
				return err
			}
		}
		set.Open = old.Open
		if set.Fixed == "" {
			set.Fixed = old.Fixed
		}
	}
	if set.fixed, err = fixedFilter(set, set.Fixed); err != nil {
		return err
	}
	conflict := `do update set label = excluded.label, record_table = excluded.record_table,
		  fields = excluded.fields, rules = excluded.rules, records = excluded.records,
		  source = excluded.source, source_schema = excluded.source_schema, remember_s = excluded.remember_s,
		  fixed = excluded.fixed, open = excluded.open, fixed_dates = excluded.fixed_dates, version = record_set.version + 1, changed_at = now()`
	if set.isNew { // another may be making one of the name at this moment
		conflict = "do nothing"
	}
	err = tx.QueryRow(ctx, `
		insert into pageladder.record_set (name, label, record_table, fields, rules, records, source, source_schema, remember_s, fixed, open, fixed_dates, version)
		values ($1, $2, $3, $4, $5, $6, $7, $8, $9, $10, $11, $12, coalesce((select version from pageladder.removed_set where name = $1), 0) + 1)
		on conflict (name) `+conflict+`
		returning version, changed_at`,
		set.Name, set.Label, set.table, set.Fields, set.Rules, set.Records, set.Source, set.schema, int64(set.Remember.Seconds()),
		set.Fixed, set.Open, wholeDays).Scan(&set.Version, &set.ChangedAt)
	if set.isNew && errors.Is(err, pgx.ErrNoRows) {
		return ErrSetTaken
	}
	if err == nil && old != nil {
		err = replaced(ctx, tx, old)
	}
	if err == nil {
		err = tell(ctx, tx, set.Name)
	}
	return err
}

// replaced notes that a set's table is not named any more. A reader may have looked
// it up just before, so it goes later.
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
		fmt.Fprintf(&b, "%s %s", statement.Quote(f.Name), columnTypes[f.Type])
		switch f.Type { // what a JSON number can hold; NaN and the infinities cannot be written
		case value.Integer:
			fmt.Fprintf(&b, " check (%s between -9007199254740991 and 9007199254740991)", statement.Quote(f.Name))
		case value.Decimal:
			fmt.Fprintf(&b, " check (%[1]s > '-Infinity' and %[1]s < 'Infinity')", statement.Quote(f.Name))
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

// Import is a file that becomes the records of a kept set.
type Import struct {
	Name    string // of the set
	Label   string // empty: the name
	Source  io.Reader
	Options intake.Options
	// Rules are those of the set; nil: the ones it has, or rules that offer every
	// field.
	Rules *rulesfile.Rules
	// New makes a set alone: one of the name must not be there.
	New bool
	// Fixed is the set's fixed filter; empty: the one it has.
	Fixed string
	// Aside takes the rows that are no records, to be mended; nil: the import is
	// refused.
	Aside io.Writer
	// Check only looks at the file: nothing is kept, and no set is given.
	Check bool
	// MostBytes bounds the file; 0: DefaultImportBytes.
	MostBytes int64
}

// DefaultImportBytes is the largest file that is imported unless told otherwise.
const DefaultImportBytes = 4 << 30

// ErrTooLarge is the error for a file over the limit.
var ErrTooLarge = errors.New("the file is larger than imports may be")

// ErrSetTaken is the error for a new set whose name is taken.
var ErrSetTaken = errors.New("there is a record set of this name already")

// ErrCutOff is the error for a file that ended before its end.
var ErrCutOff = errors.New("the file was cut off")

// FileError is the error for a file that holds no records.
type FileError struct{ Cause error }

func (e *FileError) Error() string { return e.Cause.Error() }
func (e *FileError) Unwrap() error { return e.Cause }

// nameless makes a temporary file that has no name, so that a process that is
// killed leaves none behind.
func nameless() (*os.File, error) {
	if file, err := os.OpenFile(os.TempDir(), unix.O_TMPFILE|os.O_RDWR, 0o600); err == nil {
		return file, nil
	}
	file, err := os.CreateTemp("", "pageladder-import-") // a file system that knows no files without a name
	if err == nil {
		err = os.Remove(file.Name())
	}
	return file, err
}

// Import makes or replaces a set from a file. The file is spooled to disk, since
// types are found from all of its values; it is never held in memory. It is all or
// nothing. Errors are ErrTooLarge, *FileError, *intake.BadRows where rows are no records and
// nobody takes them aside, what else is wrong with the file, or the database's.
func (s *Store) Import(ctx context.Context, in Import) (*Set, *intake.Plan, error) {
	file, err := nameless()
	if err != nil {
		return nil, nil, err
	}
	defer file.Close()
	most := in.MostBytes
	if most == 0 {
		most = DefaultImportBytes
	}
	if n, err := io.Copy(file, io.LimitReader(in.Source, most+1)); err != nil {
		return nil, nil, fmt.Errorf("%w: %w", ErrCutOff, err)
	} else if n > most {
		return nil, nil, ErrTooLarge
	}
	if err := ctx.Err(); err != nil {
		return nil, nil, err
	}
	old, err := s.Get(ctx, in.Name)
	if err != nil && !errors.Is(err, ErrNoSet) {
		return nil, nil, err
	}
	in.follow(old)
	plan, bad, err := intake.NewPlan(ctx, file, in.Options)
	if cause := ctx.Err(); cause != nil {
		return nil, nil, cause
	}
	if err != nil {
		return nil, nil, &FileError{err}
	}
	if in.Check {
		if bad != nil {
			return nil, plan, bad
		}
		return nil, plan, nil
	}
	if bad != nil && in.Aside == nil {
		return nil, plan, bad
	}
	set, err := setFor(&in, old, plan)
	if err != nil {
		return nil, plan, err
	}
	from, to := io.Pipe()
	go func() { to.CloseWithError(plan.WriteRecords(ctx, file, to, in.Aside)) }()
	err = s.load(ctx, set, from, "")
	from.CloseWithError(err) // so that the writer ends
	return set, plan, err
}

// follow declares what the rules of the set that is there rely on, where nothing
// else is said: its key, and the types of the fields that they name. A file that
// does not fit is then told line by line.
func (in *Import) follow(old *Set) {
	if old == nil || in.Rules != nil || old.Attached() {
		return
	}
	if len(in.Options.Key) == 0 {
		in.Options.MakeKey = strings.HasPrefix(old.Rules.Key[0], intake.RowNumber)
		if !in.Options.MakeKey {
			in.Options.Key = old.Rules.Key
		}
	}
	types := maps.Clone(in.Options.Types)
	if types == nil {
		types = map[string]value.Type{}
	}
	for _, name := range namedBy(old.Rules) {
		if f := old.field(name); types[name] == "" && !(in.Options.MakeKey && name == old.Rules.Key[0]) {
			types[name] = f.Type
		}
	}
	in.Options.Types = types
}

// setFor is the set that an import makes.
func setFor(in *Import, old *Set, plan *intake.Plan) (*Set, error) {
	set := &Set{Name: in.Name, Label: in.Label, Fields: plan.Fields, Rules: in.Rules, Fixed: in.Fixed, isNew: in.New, keepRules: in.Rules == nil && old != nil}
	if old == nil {
		old = &Set{Label: in.Name, Rules: rulesFor(plan)}
	}
	if set.Rules == nil {
		set.Rules = old.Rules
	}
	if set.Label == "" {
		set.Label = old.Label
	}
	if err := checkSaid(old, set.Label, set.Fixed); err != nil {
		return nil, err
	}
	for i := range set.Fields { // what people call them outlives the file
		if f := old.field(set.Fields[i].Name); f != nil {
			set.Fields[i].Label = f.Label
		}
	}
	if err := fits(set.Rules, plan.Fields); err != nil {
		return nil, err
	}
	return set, set.Rules.Check()
}

// rulesFor offers every field of a file to sort and filter by, and its text to
// search in. Looking within text is left to the search, whose index is one.
func rulesFor(plan *intake.Plan) *rulesfile.Rules {
	r := offering(plan.Fields, plan.Key)
	for i := range r.Filters {
		if f := &r.Filters[i]; f.Type == value.Text {
			r.Search = append(r.Search, f.Field)
			f.Operators = []paging.Operator{paging.Equals, paging.Not, paging.None}
		}
	}
	return r
}

// fits tells which field that rules name is not there, or is of another type.
func fits(r *rulesfile.Rules, fields []intake.Field) error {
	set := Set{Fields: fields}
	for i := range r.Filters {
		rule := &r.Filters[i]
		want := rule.Type
		if want == "" {
			want = value.Text
		}
		if f := set.field(rule.Field); f != nil && f.Type != want {
			return fmt.Errorf("%w: they filter by %q as %s, and it is %s", ErrFields, f.Name, want, f.Type)
		}
	}
	for _, name := range namedBy(r) {
		if set.field(name) == nil {
			return fmt.Errorf("%w: there is no field %q", ErrFields, name)
		}
	}
	if len(r.Key) == 0 {
		return fmt.Errorf("%w: they name no key", ErrFields)
	}
	return nil
}

// namedBy are the fields that rules name.
func namedBy(r *rulesfile.Rules) []string {
	names := slices.Concat(r.Key, r.Search, r.Show)
	for i := range r.Sorts {
		if len(r.Sorts[i].Fields) == 0 {
			names = append(names, r.Sorts[i].Key)
		}
		names = append(names, r.Sorts[i].Fields...)
	}
	for i := range r.Filters {
		names = append(names, r.Filters[i].Field)
	}
	return append(names, slices.Concat(r.Indexes...)...)
}
