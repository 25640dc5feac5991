package sets

import (
	"cmp"
	"context"
	"errors"
	"fmt"
	"slices"
	"strings"
	"time"

	"github.com/jackc/pgx/v5"

	"pageladder.example/internal/changes"
	"pageladder.example/internal/intake"
	"pageladder.example/paging/rulesfile"
	"pageladder.example/paging/value"
)

// Errors about attached sets.
var (
	ErrNoSource    = errors.New("there is no source of this name")
	ErrSuperuser   = errors.New("the source's role is a superuser, whom nothing keeps from writing; name a role that may read the tables and nothing else: create role pageladder_reader login password '…'; grant usage on schema … to pageladder_reader; grant select on … to pageladder_reader;")
	ErrTable       = errors.New("the table or view cannot be attached so")
	ErrSourceAway  = errors.New("the source cannot be reached")
	ErrNotAttached = errors.New("this is a kept set: all its changes are known, so there is nothing to follow or to remember")
	ErrNotFollowed = changes.ErrNotFollowed
	ErrReadOnly    = errors.New("the set is attached: its records are changed by their owner")
)

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
	draft := Draft{Name: a.Name, Label: cmp.Or(a.Label, a.Name), Fields: shown, Rules: a.Rules, source: a.Source, remember: a.Remember, followed: a.Follow, isNew: a.New, table: a.Table, schema: a.Schema}
	if err := checkSaid(nil, draft.Label, draft.Fixed); err != nil {
		return nil, err
	}
	if draft.Rules == nil {
		draft.Rules = offering(shown, key)
	}
	if err := fits(draft.Rules, shown); err != nil {
		return nil, err
	}
	if !slices.Equal(draft.Rules.Key, key) {
		return nil, fmt.Errorf("%w: the rules' key is to be %q", ErrTable, key)
	}
	if err := draft.Rules.Check(); err != nil {
		return nil, err
	}
	defer s.catalogue.stale(a.Name)
	err = pgx.BeginFunc(ctx, fresh{s.pool}, func(tx pgx.Tx) error {
		set, err = publish(ctx, tx, draft)
		return err
	})
	return set, err
}

// unknownType is the type of a column whose type is none of ours and has no order: its
// text is shown as it is.
const unknownType value.Type = "other"

// remembers reports whether footholds may be remembered of a set: of an attached one only if its
// owner allows it.
func (s *Set) remembers() bool { return s.hasStamps() || s.Remember > 0 }

// unremember drops what is remembered of an attached set.
func (s *Store) unremember(name string) {
	for _, key := range s.remembered.Keys() {
		if strings.HasPrefix(key, name+"\x00") {
			s.remembered.Remove(key)
		}
	}
	s.tracks.dropAll(name + " ")
}
