// Package catalog keeps what owners have decided about record sets: their definitions. It knows
// them as they were last seen, and notifies other services of changes.
package catalog

import (
	"context"
	"errors"
	"time"

	"github.com/jackc/pgx/v5"

	"pageladder.example/internal/intake"
	"pageladder.example/internal/postgres"
	"pageladder.example/paging"
	"pageladder.example/paging/cursor"
	"pageladder.example/paging/rulesfile"
	"pageladder.example/paging/value"
)

// ErrNoSet is the error for a set that does not exist.
var ErrNoSet = errors.New("there is no such record set")

// Definition is what the owner of a set has decided. It never changes, since many requests share it:
// after a change another one is read.
type Definition struct {
	Name     string
	Label    string
	Fields   []intake.Field
	Rules    *rulesfile.Rules
	Fixed    string        // the fixed filter, written as in a query: "cleared=true&tonnage.min=500"
	Open     bool          // callers without a token may read it
	Source   string        // where its records are; "": in our own database
	Schema   string        // of the table, in a source
	Table    string        // that has the records
	Remember time.Duration // how long totals and footholds of a set in a source may be remembered
	Followed bool          // its table is followed, once its owner has run the script

	fixed     []paging.Condition
	defined   int64
	catalogue uint32
}

// UnknownType is the type of a column whose type is none of ours and has no order: its text is
// shown as it is.
const UnknownType value.Type = "other"

// Attached reports whether the set's records are in a source.
func (d *Definition) Attached() bool { return d.Source != "" }

// Defined is the version at which the set was last defined: its fields, rules, filter.
func (d *Definition) Defined() int64 { return d.defined }

// Catalogue is the OID of the catalogue's table that the definition is of: another one after a
// restore.
func (d *Definition) Catalogue() uint32 { return d.catalogue }

// Same reports whether another definition of the name is the same one.
func (d *Definition) Same(other *Definition) bool {
	return d.defined == other.defined && d.catalogue == other.catalogue && d.Table == other.Table
}

// Shown are the fields that records are shown with: those that the rules name, or all.
func (d *Definition) Shown() []intake.Field { return d.Named(d.Rules.Show) }

// Named are the fields with some names; without names, all.
func (d *Definition) Named(names []string) []intake.Field {
	if len(names) == 0 {
		return d.Fields
	}
	var fields []intake.Field
	for _, name := range names {
		if f := d.Field(name); f != nil {
			fields = append(fields, *f)
		}
	}
	return fields
}

// Field finds a field; nil if there is none of the name.
func (d *Definition) Field(name string) *intake.Field { return fieldOf(d.Fields, name) }

func fieldOf(fields []intake.Field, name string) *intake.Field {
	for i := range fields {
		if fields[i].Name == name {
			return &fields[i]
		}
	}
	return nil
}

// Names are the names of fields.
func Names(fields []intake.Field) []string {
	names := make([]string, len(fields))
	for i := range fields {
		names[i] = fields[i].Name
	}
	return names
}

// Ready prepares a definition that was not read from the catalogue. The error is that its fixed
// filter does not fit its fields.
func (d *Definition) Ready() (err error) {
	d.fixed, err = FixedFilter(d.Fields, d.Fixed)
	return err
}

// Set is a set as the catalogue had it at one moment. Of a set in our own database the version
// moves with each change of its records; of any other it moves with its definition alone.
type Set struct {
	*Definition
	Version   int64
	Records   int64
	ChangedAt time.Time
}

// columns are those of record_set that make a Set.
const columns = "name, label, fields, rules, records, version, changed_at, record_table, source, source_schema, remember_s, fixed, open, fixed_dates, defined, tableoid, followed, (select key from pageladder.cursor_key)"

func scan(row pgx.CollectableRow) (*Set, error) {
	d := &Definition{}
	s := &Set{Definition: d}
	var remember int64
	var dates string
	var key []byte
	err := row.Scan(&d.Name, &d.Label, &d.Fields, &d.Rules, &s.Records, &s.Version, &s.ChangedAt, &d.Table, &d.Source, &d.Schema, &remember, &d.Fixed, &d.Open, &dates, &d.defined, &d.catalogue, &d.Followed, &key)
	d.Remember = time.Duration(remember) * time.Second
	if dates != wholeDays {
		d.Fixed = instants(d.Fields, d.Fixed)
	}
	if err == nil {
		err = d.Ready()
	}
	if err == nil && d.Rules != nil {
		d.Rules.List = d.Name
		if len(d.Rules.Show) > 0 { // else nothing has to be sealed
			d.Rules.Sealer, err = cursor.NewSealer(key)
		}
	}
	return s, err
}

// List gives every set, by name.
func List(ctx context.Context, db postgres.Querier) ([]*Set, error) {
	rows, err := db.Query(ctx, "select "+columns+" from pageladder.record_set order by name")
	if err != nil {
		return nil, err
	}
	return pgx.CollectRows(rows, scan)
}

// Get gives one set; the error is ErrNoSet where it is not there.
func Get(ctx context.Context, db postgres.Querier, name string) (*Set, error) {
	if _, want := value.Text.Canonical(name); want != "" { // PostgreSQL cannot store such a name
		return nil, ErrNoSet
	}
	rows, err := db.Query(ctx, "select "+columns+" from pageladder.record_set where name = $1", name)
	if err != nil {
		return nil, err
	}
	set, err := pgx.CollectExactlyOneRow(rows, scan)
	if errors.Is(err, pgx.ErrNoRows) {
		return nil, ErrNoSet
	}
	return set, err
}

// movingColumns are the columns of a set that change with its records, and those that show whether
// everything else is as it was.
const movingColumns = "version, records, changed_at, defined, tableoid"

// Moved is a known set as it is by now; nil if it was defined anew.
func Moved(ctx context.Context, db postgres.Querier, known *Set) (*Set, error) {
	rows, err := db.Query(ctx, "select "+movingColumns+" from pageladder.record_set where name = $1", known.Name)
	if err != nil {
		return nil, err
	}
	return known.movedBy(rows)
}

// movedBy is the set with its moving columns as a row has them; nil if it was defined anew.
func (s *Set) movedBy(rows pgx.Rows) (*Set, error) {
	current := *s
	var defined int64
	var catalogue uint32
	err := pgx.ErrNoRows
	_, scanned := pgx.ForEachRow(rows, []any{&current.Version, &current.Records, &current.ChangedAt, &defined, &catalogue}, func() error { err = nil; return nil })
	switch {
	case scanned != nil:
		return nil, scanned
	case err != nil:
		return nil, ErrNoSet
	case defined != s.defined || catalogue != s.catalogue:
		return nil, nil
	}
	return &current, nil
}

// Reread is a set as a transaction sees it.
func Reread(ctx context.Context, tx pgx.Tx, known *Set) (*Set, error) {
	set, err := Moved(ctx, tx, known)
	if err == nil && set == nil {
		return Get(ctx, tx, known.Name)
	}
	return set, err
}

// Move moves the version of a set in our own database, and the number of its records, and gives
// the set as it then is. It is the first statement of whoever changes records, so that changes of
// a set come one after the other. Every service is notified when the transaction commits.
func Move(ctx context.Context, tx pgx.Tx, name string, known *Set, records int64) (*Set, error) {
	rows, err := tx.Query(ctx, "with moved as (update pageladder.record_set v set version = version + 1, changed_at = now(), records = records + $2 where name = $1 returning "+
		movingColumns+", "+StampSQL+" as told) select "+movingColumns+" from moved, pg_notify($3, $1 || ' ' || told) a, pg_notify($3, $1) b", name, records, channel)
	if err != nil {
		return nil, err
	}
	if known == nil {
		known = &Set{Definition: &Definition{Name: name}} // which is not how any set is
	}
	set, err := known.movedBy(rows)
	if err == nil && set == nil {
		set, err = Get(ctx, tx, name)
	}
	return set, err
}
