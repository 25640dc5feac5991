package sets

import (
	"context"
	"errors"
	"slices"
	"strings"
	"time"

	"github.com/jackc/pgx/v5"
	"github.com/jackc/pgx/v5/pgxpool"

	"pageladder.example/internal/changes"
	"pageladder.example/internal/intake"
	"pageladder.example/internal/postgres"
	"pageladder.example/paging"
	"pageladder.example/paging/cursor"
	"pageladder.example/paging/rulesfile"
	"pageladder.example/paging/statement"
	"pageladder.example/paging/value"
)

// ErrNoSet is the error for a set that does not exist.
var ErrNoSet = errors.New("there is no such record set")

// Set is one record set as the catalogue has it. It never changes, since many requests share it:
// after a change, another Set is read from the catalogue.
type Set struct {
	Name      string
	Label     string
	Fields    []intake.Field
	Rules     *rulesfile.Rules
	Records   int64
	Version   int64
	ChangedAt time.Time
	Source    string        // of an attached set; "" for a kept one
	Remember  time.Duration // how long an attached set's totals and footholds may be remembered
	Fixed     string        // the fixed filter, written as in a query: "cleared=true&tonnage.min=500"
	Open      bool          // callers without a token may read it
	Followed  bool          // of an attached set: its table is followed, once its owner has run the script

	schema, table string             // schema "": the service's own
	fixed         []paging.Condition // the fixed filter
	own           statement.Where    // the same, as SQL
	records       *statement.List
	bound         *statement.List    // of a followed table: the list with the fixed filter
	gone          *statement.List    // part of the statements of a list at a mark: see pinned
	listed        [2]*statement.List // the same, without the fixed filter and with it

	defined   int64  // the version at which it was last defined
	catalogue uint32 // the OID of the catalogue's table: another one after a restore
	log       *changes.Log
	logged    *statement.List // the log; nil if there is none that works
	logName   string          // which log it is, as changes.State names it

	pin                *changes.Mark     // the mark that this copy of the set is held at; else nil
	numbered           bool              // of a followed table: the numbers of its states are the same for every service
	saw                *changes.Snapshot // of a followed table: the snapshot that Version is the number of
	pool, plain, folds *pgxpool.Pool     // of its source
}

// mark is the state of the records that the set is read at.
func (s *Set) mark() changes.Mark {
	return changes.Mark{Log: s.logName, Version: s.Version, Saw: s.saw}
}

// ListVersion is the version at which the set's list can be held, for a set that was read together
// with records; 0 if it cannot be.
func (s *Set) ListVersion() int64 {
	switch {
	case s.pin != nil:
		return s.pin.Version
	case !s.Attached(), s.numbered:
		return s.Version
	}
	return 0
}

// Defined is the version at which the set was last defined: its fields, rules, filter.
func (s *Set) Defined() int64 { return s.defined }

// Attached reports whether the set's records are in a source.
func (s *Set) Attached() bool { return s.Source != "" }

// Shown are the fields that records are shown with: those that the rules name, or all.
func (s *Set) Shown() []intake.Field { return s.named(s.Rules.Show) }

// named are the fields with some names; without names, all.
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

// field finds a field; nil if there is none of the name.
func (s *Set) field(name string) *intake.Field {
	for i := range s.Fields {
		if s.Fields[i].Name == name {
			return &s.Fields[i]
		}
	}
	return nil
}

const catalogueColumns = "name, label, fields, rules, records, version, changed_at, record_table, source, source_schema, remember_s, fixed, open, fixed_dates, defined, tableoid, followed, (select key from pageladder.cursor_key)"

func scanSet(row pgx.CollectableRow) (*Set, error) {
	var s Set
	var remember int64
	var dates string
	var key []byte
	err := row.Scan(&s.Name, &s.Label, &s.Fields, &s.Rules, &s.Records, &s.Version, &s.ChangedAt, &s.table, &s.Source, &s.schema, &remember, &s.Fixed, &s.Open, &dates, &s.defined, &s.catalogue, &s.Followed, &key)
	s.Remember = time.Duration(remember) * time.Second
	if dates != wholeDays {
		s.Fixed = instants(s.Fields, s.Fixed)
	}
	if err == nil {
		err = s.ready()
	}
	if err == nil && s.Rules != nil {
		s.Rules.List = s.Name
		if len(s.Rules.Show) > 0 { // else nothing has to be sealed
			s.Rules.Sealer, err = cursor.NewSealer(key)
		}
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
	if _, want := value.Text.Canonical(name); want != "" { // PostgreSQL cannot store such a name
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

// Fields of statements on a set's table. No field of a set has such a name.
const (
	revisionField = "\x00revision"
	stampField    = "\x00stamp" // the set's stamp: see stamp
)

// askable is the set's table as statements are written on it, without the stamp.
func (s *Set) askable() statement.Table {
	t := statement.Table{
		Dialect: statement.PostgreSQL, From: tableName(s) + " " + alias, Places: statement.Compared,
		Fields: make(map[string]statement.Field, len(s.Fields)+4),
	}
	if s.Rules != nil {
		t.ByKey = s.Rules.Key
	}
	for i := range s.Fields {
		f := &s.Fields[i]
		t.Fields[f.Name] = s.sqlField(f)
	}
	switch {
	case s.saw != nil: // neither the table nor its partitions are foreign
	case s.Attached():
		// The table or its partitions may be foreign, so rows are not compared as a whole: they
		// would be compared here. Ties are read apart, since very many records may have the same
		// value.
		t.Places = statement.Tied
	default:
		t.Search = s.searched()
	}
	return t
}

// stamp is the SQL of a kept set's stamp.
func (s *Set) stamp() string {
	return "select " + stampSQL + " from pageladder.record_set v where v.name = '" + strings.ReplaceAll(s.Name, "'", "''") + "'"
}

// ready prepares what questions of the set are written with.
func (s *Set) ready() (err error) {
	t := s.askable()
	revision, stamp, named := alias+"."+revisionColumn, s.stamp(), 0 // number of arguments
	switch {
	case s.saw != nil:
		revision, stamp, named = "0", "select "+s.log.Stamp(1), changes.StampArgs
	case s.Attached():
		revision, stamp = "0", "''"
	}
	t.Fields[revisionField] = statement.Field{SQL: revision, Type: value.BigInteger}
	t.Fields[stampField] = statement.Field{SQL: stamp, Type: value.Text, Arguments: named}
	if s.Rules != nil {
		t.Fields[s.fateField()] = statement.Field{SQL: fateOf(s, false), Type: value.Text}
	}
	if s.records, err = statement.New(t); err != nil {
		return err
	}
	if s.fixed, err = fixedFilter(s.Fields, s.Fixed); err != nil {
		return err
	}
	if s.own, err = s.records.Where(s.fixed); err == nil && s.saw != nil {
		t.Fields[stampField] = statement.Field{SQL: "select " + s.log.Stamp(len(s.own.Args)+1), Type: value.Text, Arguments: len(s.own.Args) + changes.StampArgs}
		s.bound, err = statement.New(t)
	}
	return err
}

// sqlField is a field as statements read it.
func (s *Set) sqlField(f *intake.Field) statement.Field {
	return statement.Field{SQL: column(f.Name), Type: f.Type, Nullable: s.Rules == nil || !slices.Contains(s.Rules.Key, f.Name), Native: f.Own || f.Type == unknownType}
}

// searched is the search condition in a table of a kept set.
func (s *Set) searched() string {
	if s.Rules == nil || len(s.Rules.Search) == 0 {
		return ""
	}
	return searchVector(s.Rules.Search, column) + " @@ pageladder.search_query({words}::text)"
}

// alias is a table's alias within a statement. Columns are written with it, since a field may have
// any name.
const alias = "r"

func column(field string) string { return alias + "." + quote(field) }

func quote(name string) string { return statement.PostgreSQL.Quote(name) }

// list writes names with commas between them.
func list(names []string, written func(name string) string) string {
	all := make([]string, len(names))
	for i, name := range names {
		all[i] = written(name)
	}
	return strings.Join(all, ", ")
}

func tableName(set *Set) string {
	schema := postgres.Schema
	if set.Attached() {
		schema = set.schema
	}
	return quote(schema) + "." + quote(set.table)
}
