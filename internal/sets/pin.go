package sets

import (
	"context"
	"fmt"
	"maps"
	"slices"
	"strconv"
	"strings"

	"github.com/jackc/pgx/v5"

	"pageladder.example/internal/changes"
	"pageladder.example/internal/intake"
	"pageladder.example/paging"
	"pageladder.example/paging/statement"
	"pageladder.example/paging/value"
)

// This file writes the SQL of a list that is held still at a mark. Its records are the current
// ones, without those that were added since by the change log, and with those that were removed.
// The order in which changes were logged does not matter: all images "before" minus all images
// "after" are the difference.

// GoneError is the error for a mark at which a list cannot be held, or no longer.
type GoneError struct {
	Mark int64
	Why  string
}

func (e *GoneError) Error() string {
	return fmt.Sprintf("the list cannot be read as it was at version %d: %s", e.Mark, e.Why)
}

// Fields and columns of these statements. No set has fields of these names.
const (
	foundField = "\x00pl.found" // images of the log that the statement has looked at

	fateColumn = "pl.fate" // what has become of a record since the mark
	hereColumn = "pl.here" // of a removed record: there is a record with its key now
	seenColumn = "pl.seen" // and the fixed filter lets that one through
	cutColumn  = "pl.cut"  // one of its texts is missing from the log
)

// apart is the name of a column of ours next to the set's fields, none of which has it.
func (s *Set) apart(name string) string { return quote(s.free(name)) }

func (s *Set) free(name string) string {
	free := name
	for n := 1; s.field(free) != nil; n++ {
		free = name + strconv.Itoa(n)
	}
	return free
}

// fateField is the field of statements that has a record's Fate. Its column is called like it.
func (s *Set) fateField() string { return "\x00" + s.free(fateColumn) }

// Fate is what has become of a record since the mark that its list is held at.
type Fate string

// The fates.
const (
	Same    Fate = ""
	Changed Fate = "changed"
	Gone    Fate = "gone"
	lost    Fate = "lost" // nobody knows what it was: one of its texts is missing from the log
)

// identity is an SQL expression that is the same only for identical values of a field. Equal
// values may differ: numbers with other digits, texts under some collations.
func identity(f *intake.Field, column string) string {
	switch {
	case f.Own, f.Type == unknownType:
	case f.Type == value.Text:
		return column + ` collate "C"`
	case f.Type == value.Integer, f.Type == value.Boolean, f.Type == value.Date, f.Type == value.Time:
		return column
	}
	return column + `::text collate "C"`
}

// pinnable prepares what statements on the set at a mark are written with.
func (s *Set) pinnable() (err error) {
	listed := func(fixed int) map[string]statement.Field { // behind the arguments of the fixed filter
		stamp := statement.Field{SQL: s.stamp(), Type: value.Text}
		if s.saw != nil {
			stamp.SQL, stamp.Arguments = "select "+s.log.Stamp(fixed+1), fixed+changes.StampArgs
		}
		return map[string]statement.Field{s.fateField(): {SQL: alias + "." + s.apart(fateColumn), Type: value.Text},
			foundField: {SQL: "select n from found", Type: value.Integer}, stampField: stamp}
	}
	for _, part := range []struct {
		list *(*statement.List)
		name string
		more map[string]statement.Field
	}{
		{&s.gone, "old", map[string]statement.Field{s.fateField(): {SQL: fateOf(s, true), Type: value.Text}}},
		{&s.listed[0], "listed", listed(0)}, {&s.listed[1], "listed", listed(len(s.own.Args))},
	} {
		t := s.askable()
		t.From = part.name + " " + alias
		maps.Copy(t.Fields, part.more)
		if *part.list, err = statement.New(t); err != nil {
			return err
		}
	}
	return nil
}

// pinned is a question of a list at a mark, with the parts that its statements are made of.
type pinned struct {
	set   *Set
	texts []string // fields that the question looks at and whose texts may be missing from the log
	fixed string   // the fixed filter that applies
	since string   // the condition of what changed since the mark, for a row l of the log
	where statement.Where

	now, old, listed *statement.Question // see rows
}

// pinned makes a question of the list at the mark that the set is held at. Its arguments stand
// behind those of the fixed filter. If images are given, it looks at these images of the log only.
func (s *Set) pinned(ask *paging.Ask, sees Visibility, images []string) (*pinned, error) {
	p := &pinned{set: s, texts: s.longOf(append(lookedAt(s, ask), fieldsOf(s.named(ask.Fields()))...))}
	own, part := statement.Where{}, s.listed[0]
	if sees != All {
		own, part = s.own, s.listed[1]
	}
	p.fixed = own.SQL
	if s.saw != nil {
		own = s.against(own)
	}
	var args []any
	p.since, args = changes.Since(*s.pin, "l", len(own.Args)+1)
	if images != nil {
		args = append(args, images)
		p.since = fmt.Sprintf("l.ctid = any($%d::text[]::tid[]) and %s", len(own.Args)+len(args), p.since)
	}
	for i := range args { // a condition that is always true, so that all arguments are used
		own = and(own, statement.Where{SQL: "$" + strconv.Itoa(len(own.Args)+1) + "::text is not null", Args: args[i : i+1]})
	}
	p.where = own
	var err error
	if p.now, err = s.records.Ask(ask, and(own, statement.Where{SQL: "not " + p.isFresh()})); err != nil {
		return nil, err
	}
	if p.old, err = s.gone.Ask(ask, and(own, statement.Where{SQL: alias + "." + s.apart(seenColumn)})); err != nil {
		return nil, err
	}
	listed, err := part.Ask(ask, own)
	if err == nil {
		p.listed = listed.Unconditional()
	}
	return p, err
}

// and joins two conditions.
func and(a, b statement.Where) statement.Where {
	if a.SQL != "" {
		b.SQL = "(" + a.SQL + ") and " + b.SQL
	}
	return statement.Where{SQL: b.SQL, Args: append(a.Args[:len(a.Args):len(a.Args)], b.Args...)}
}

// keysOf are the columns of the set's key, for a table with the given alias.
func (s *Set) keysOf(alias string) string {
	return list(s.Rules.Key, func(name string) string { return alias + "." + quote(name) })
}

// loggedKeys are the same in a row l of the log.
func (s *Set) loggedKeys() string {
	return list(s.Rules.Key, func(name string) string { return s.log.Value("l", name) })
}

// parts are the tables of a statement, as they stand after WITH: old has the records that were
// removed, fresh the keys of those that were added, lost the keys of those that were, at some
// time, something that the log does not have whole: even if such a record looks the same as
// before, nobody knows whether it is.
func (p *pinned) parts() string {
	s, log := p.set, p.set.log.Table()
	identities, columns := make([]string, len(s.Fields)), make([]string, len(s.Fields))
	for i := range s.Fields {
		value := s.log.Value("l", s.Fields[i].Name)
		columns[i] = value + " as " + quote(s.Fields[i].Name)
		identities[i] = identity(&s.Fields[i], value)
	}
	side := "l." + changes.Side
	within := fmt.Sprintf("%s and %s in (%d, %d)", p.since, side, changes.Before, changes.After)
	same := make([]string, len(s.Rules.Key))
	for i, key := range s.Rules.Key {
		same[i] = column(key) + " = " + s.log.Value("l", key)
	}
	// With EXISTS, a planner that expects a long log would read the whole table; with LIMIT it does
	// not.
	there := func(and string) string {
		return fmt.Sprintf("(select true from %s %s where %s%s limit 1) is not null", tableName(s), alias, strings.Join(same, " and "), and)
	}
	here, seen := there(""), "true"
	if p.fixed != "" {
		seen = there(" and (" + p.fixed + ")")
	}
	parts := fmt.Sprintf(`net as materialized (select max(l.ctid) as at, sum(%[1]s) as side from %[2]s l where %[3]s group by %[4]s having sum(%[1]s) <> 0),
old as materialized (select %[5]s, %[6]s as %[7]s, %[9]s as %[10]s, %[11]s as %[12]s from net join %[2]s l on l.ctid = net.at where net.side < 0),
fresh as materialized (select %[8]s from net join %[2]s l on l.ctid = net.at where net.side > 0)`,
		side, log, within, strings.Join(identities, ", "), strings.Join(columns, ", "), seen, s.apart(seenColumn), s.loggedKeys(), here, s.apart(hereColumn), s.log.CutIn("l", p.texts), s.apart(cutColumn))
	parts += fmt.Sprintf(",\nfound as materialized (select count(*) as n from %s l where %s)", log, within)
	return parts + fmt.Sprintf(",\nlost as materialized (select distinct %s from %s l where %s and %s = %d and %s)", s.loggedKeys(), log, p.since, side, changes.Before, s.log.CutIn("l", p.texts))
}

// isFresh is the condition of a record that was added since.
func (p *pinned) isFresh() string { return "(" + p.set.keysOf(alias) + ") in (select * from fresh)" }

// fateOf is the SQL of a record's Fate, in a statement that has the parts; old: of a removed
// record.
func fateOf(s *Set, old bool) string {
	if old {
		return fmt.Sprintf("case when %s.%s then '%s' when %s.%s then '%s' else '%s' end", alias, s.apart(cutColumn), lost, alias, s.apart(hereColumn), Changed, Gone)
	}
	return fmt.Sprintf("case when (%s) in (select * from lost) then '%s' else '' end", s.keysOf(alias), lost)
}

// cuts reports whether texts of the list at the mark are missing from the log.
func (p *pinned) cuts(ctx context.Context, tx pgx.Tx) (cuts bool, err error) {
	since, args := changes.Since(*p.set.pin, "l", 1)
	err = tx.QueryRow(ctx, fmt.Sprintf("select exists (select from %s l where %s and l.%s = %d and %s)", p.set.log.Table(), since, changes.Side, changes.Before, p.set.log.CutIn("l", p.texts)), args...).Scan(&cuts)
	return cuts, err
}

// ask makes a question of the list, which is then asked like any table.
func (p *pinned) ask(ask *paging.Ask) (*statement.Question, error) {
	s := p.set
	t := s.askable()
	revision, fate, revised := "null::bigint", s.apart(fateColumn), s.apart(revisionName)
	if !s.Attached() {
		revision = alias + "." + revisionColumn
	}
	t.From = fmt.Sprintf("(with %[1]s\nselect %[2]s, %[3]s as %[4]s, %[5]s as %[6]s from %[7]s %[8]s where not %[9]s\nunion all select %[2]s, null, %[11]s from old %[8]s where %[10]s) %[8]s",
		p.parts(), list(fieldsOf(s.Fields), column), revision, revised, fateOf(s, false), fate, tableName(s), alias, p.isFresh(), alias+"."+s.apart(seenColumn), fateOf(s, true))
	t.Arguments = len(p.where.Args)
	t.Fields[revisionField] = statement.Field{SQL: "coalesce(" + alias + "." + revised + ", 0)", Type: value.BigInteger}
	t.Fields[s.fateField()] = statement.Field{SQL: alias + "." + fate, Type: value.Text}
	t.Fields[stampField] = statement.Field{SQL: "''", Type: value.Text}
	asked, err := statement.New(t)
	if err != nil {
		return nil, err
	}
	return asked.Ask(ask, p.where)
}

// rows reads fields of a region's records in order: the current records and the removed ones, each
// no further than needed, so that few are sorted.
func (p *pinned) rows(fields []string, g statement.Region, offset int64, limit int) (statement.Statement, error) {
	wanted := make([]string, 0, len(fields)+2)
	for _, name := range append(fields, sortedBy(p.now.Order())...) {
		if name != stampField && name != foundField && !slices.Contains(wanted, name) {
			wanted = append(wanted, name)
		}
	}
	var none statement.Statement
	far := 0
	if limit > 0 {
		far = int(offset) + limit
	}
	now, err := p.now.Rows(wanted, g, 0, far)
	if err != nil {
		return none, err
	}
	old, err := p.old.Rows(wanted, g, 0, far)
	if err != nil {
		return none, err
	}
	all, err := p.listed.Rows(fields, statement.Region{}, offset, limit)
	if err != nil {
		return none, err
	}
	return statement.Statement{SQL: "with " + p.parts() + ",\nlisted as ((" + now.SQL + ")\nunion all (" + old.SQL + "))\n" + all.SQL, Args: now.Args}, nil
}

// count counts a region's records: the current ones and the removed ones, each as far as limit.
func (p *pinned) count(g statement.Region, most int64) statement.Statement {
	now := p.now.Count(g, most)
	return statement.Statement{SQL: "with " + p.parts() + "\nselect (" + now.SQL + ") + (" + p.old.Count(g, most).SQL + ")", Args: now.Args}
}

// whole reads what a statement returned with a record: how many images of the log it has looked
// at, and the record's fate. The error is that nobody knows what the record was.
func (p *pinned) whole(found, told []byte) (int64, Fate, error) {
	n, err := strconv.ParseInt(string(found), 10, 64)
	fate := Fate(told)
	if fate == lost {
		err = &GoneError{p.set.pin.Version, textLost}
	}
	return n, fate, err
}
