package relation

import (
	"slices"
	"strconv"

	"pageladder.example/internal/changes"
	"pageladder.example/internal/intake"
	"pageladder.example/internal/sets/catalog"
	"pageladder.example/internal/sets/tables"
	"pageladder.example/paging/statement"
	"pageladder.example/paging/value"
)

// This file prepares the tables of PostgreSQL that statements are written on.

// Table is a set's table, with its change log if there is one, as statements are written on it. It
// never changes.
type Table struct {
	*catalog.Definition
	Form
	SQL     string          // its name
	Log     *changes.Log    // nil: there is none that works
	LogName string          // which log it is: see changes.State
	Holds   bool            // whether the list can be held still
	Own     statement.Where // the fixed filter
	records *statement.List
	bound   *statement.List // the same, its stamp behind the arguments of the fixed filter
	logged  *statement.List // the log, so that it can be queried like the table itself
	old     *statement.List // parts of the statements of a list that is held still: see held
	listed  [2]*statement.List
}

// Form is what differs between the tables of one kind of source and those of another.
type Form struct {
	Revision string                           // SQL of the number of a record's changes
	Stamp    func(t *Table, first int) string // SQL of a stamp, its arguments numbered from first
	Stamped  int                              // number of those arguments
	Places   statement.Places
	Search   func(d *catalog.Definition) string // condition of a search; "": as the database can
	// Typed is the type that values of a field are compared as, and the collation, as SQL.
	Typed func(t *Table, f *intake.Field) (base, collation string)
}

// NoRevision is the SQL of the revision of a record whose changes nobody counts.
const NoRevision = "0"

// Fields of statements on a set's table. No field of a set has such a name.
const (
	revisionField = "\x00revision"
	stampField    = "\x00stamp"
)

// Alias is a table's alias within a statement. Columns are written with it, since a field may have
// any name.
const Alias = "r"

const alias = Alias

// Column is a field of the table, within a statement.
func Column(field string) string { return alias + "." + tables.Quote(field) }

// New prepares a table; log is nil if there is none that works.
func New(d *catalog.Definition, f Form, log *changes.Log, logName string) (*Table, error) {
	t := &Table{Definition: d, Form: f, SQL: tables.Name(d), Log: log, LogName: logName}
	t.Holds = log != nil && log.Lacks() && log.Has(AllFields(d))
	described := t.askable()
	described.Fields[revisionField] = statement.Field{SQL: t.Revision, Type: value.BigInteger}
	described.Fields[stampField] = statement.Field{SQL: t.Stamp(t, 1), Type: value.Text, Arguments: t.Stamped}
	described.Fields[t.fateField()] = statement.Field{SQL: fateOf(t, false), Type: value.Text}
	var err error
	if t.records, err = statement.New(described); err != nil {
		return nil, err
	}
	if t.Own, err = t.records.Where(d.FixedConditions()); err != nil {
		return nil, err
	}
	if t.bound = t.records; t.Stamped > 0 && len(t.Own.Args) > 0 {
		described.Fields[stampField] = statement.Field{SQL: t.Stamp(t, len(t.Own.Args)+1), Type: value.Text, Arguments: len(t.Own.Args) + t.Stamped}
		if t.bound, err = statement.New(described); err != nil {
			return nil, err
		}
	}
	if log == nil {
		return t, nil
	}
	if t.logged, err = t.logList(); err == nil && t.Holds {
		err = t.holdable()
	}
	return t, err
}

// askable is the table as statements are written on it, without what a form adds.
func (t *Table) askable() statement.Table {
	described := statement.Table{
		Dialect: statement.PostgreSQL, From: t.SQL + " " + alias, Places: t.Places, Search: t.Search(t.Definition), ByKey: t.Rules.Key,
		Fields: make(map[string]statement.Field, len(t.Fields)+4),
	}
	for i := range t.Fields {
		f := &t.Fields[i]
		described.Fields[f.Name] = t.sqlField(f)
	}
	return described
}

// sqlField is a field as statements read it.
func (t *Table) sqlField(f *intake.Field) statement.Field {
	return statement.Field{SQL: Column(f.Name), Type: f.Type, Nullable: !slices.Contains(t.Rules.Key, f.Name), Native: f.Own || f.Type == catalog.UnknownType}
}

// ownFor is the condition of every statement for a caller.
func (t *Table) ownFor(sees catalog.Visibility) (statement.Where, *statement.List) {
	if sees == catalog.All {
		return statement.Where{}, t.records
	}
	return t.Own, t.bound
}

// compared is the type that a field's values are compared as, and the collation.
func (t *Table) compared(field string) (base, collation string) { return t.Typed(t, t.Field(field)) }

// apart is the name of a column of ours next to the set's fields, none of which has it.
func (t *Table) apart(name string) string { return tables.Quote(t.free(name)) }

func (t *Table) free(name string) string {
	free := name
	for n := 1; t.Field(free) != nil; n++ {
		free = name + strconv.Itoa(n)
	}
	return free
}

// Fields of statements on a log. No field of a set has such a name.
const (
	originField = "\x00origin"
	sideField   = "\x00side"
	placeField  = "\x00place" // its place in the log
)

func logColumn(name string) string { return alias + "." + name }

// logList is the log as a list, so that it can be queried like the table itself.
func (t *Table) logList() (*statement.List, error) {
	described := statement.Table{
		Dialect: statement.PostgreSQL, From: t.Log.Table() + " " + alias, Search: t.Search(t.Definition),
		Fields: map[string]statement.Field{
			originField: {SQL: t.Log.Origin(alias), Type: value.Integer},
			sideField:   {SQL: logColumn(changes.Side), Type: value.Integer},
			placeField:  {SQL: logColumn("ctid") + "::text", Type: value.Text},
		},
	}
	for i := range t.Fields {
		if f := &t.Fields[i]; slices.Contains(t.Log.Fields, f.Name) {
			field := t.sqlField(f)
			field.SQL = t.Log.Value(alias, f.Name)
			described.Fields[f.Name] = field
		}
	}
	return statement.New(described)
}

// LoggedFields are the fields that a log must have so that what is remembered can be kept current
// by it: those that the set's rules and its fixed filter name. Logs of earlier versions have no
// others.
func LoggedFields(d *catalog.Definition) []changes.Field {
	names := catalog.RequestedBy(d.Rules)
	if ask, err := d.Rules.Read(""); err == nil {
		for _, o := range ask.Order() {
			names = append(names, o.Field)
		}
	}
	for _, c := range d.FixedConditions() {
		names = append(names, c.Field)
	}
	return slices.DeleteFunc(AllFields(d), func(f changes.Field) bool { return !slices.Contains(names, f.Name) })
}

// AllFields are the fields that a log must have so that the list can be held still: all of them.
func AllFields(d *catalog.Definition) []changes.Field {
	fields := make([]changes.Field, len(d.Fields))
	for i := range d.Fields {
		f := &d.Fields[i]
		fields[i] = changes.Field{Name: f.Name, Type: tables.ColumnOf(f.Type).Declared(), Long: tables.ColumnOf(f.Type).Long}
	}
	return fields
}

// LogTable is the table of a kept set, as package changes takes it.
func LogTable(d *catalog.Definition) changes.Table {
	return changes.Table{Set: d.Name, Name: d.Table, Fields: AllFields(d)}
}

// longOf are those of the named fields whose values may be long, sorted.
func (t *Table) longOf(names []string) []string {
	var found []string
	for _, name := range names {
		if f := t.Field(name); f != nil && (f.Own || tables.ColumnOf(f.Type).Long) {
			found = append(found, name)
		}
	}
	slices.Sort(found)
	return slices.Compact(found)
}

// Text is a value of a field that PostgreSQL wrote, as a query writes it; nil if it is none.
func (t *Table) Text(field, text string) (*string, error) { return t.records.Text(field, text) }
