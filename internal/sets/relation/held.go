package relation

import (
	"fmt"
	"maps"
	"slices"
	"strconv"
	"strings"

	"pageladder.example/internal/changes"
	"pageladder.example/internal/combined"
	"pageladder.example/internal/intake"
	"pageladder.example/internal/sets/catalog"
	"pageladder.example/internal/sets/tables"
	"pageladder.example/internal/sets/view"
	"pageladder.example/paging/statement"
	"pageladder.example/paging/value"
)

// This file writes the SQL of a list that is held still at a mark. Its records are the current
// ones, without those that were added since by the change log, and with those that were removed.
// The order in which changes were logged does not matter: all images "before" minus all images
// "after" are the difference.

// Reasons why a list cannot be held at a mark.
const (
	NeverGiven = "no page has been of that version"
	NotHeld    = "its records have no change log with their earlier values"
	textLost   = "a text that is too long for the change log has changed since"
)

// Fields and columns of these statements. No set has fields of these names.
const (
	foundField = "\x00pl.found" // images of the log that the statement has looked at

	fateColumn    = "pl.fate" // what has become of a record since the mark
	currentColumn = "pl.here" // of a removed record: there is a record with its key now
	seenColumn    = "pl.seen" // and the fixed filter lets that one through
	cutColumn     = "pl.cut"  // one of its texts is missing from the log
	revisedColumn = "pl.revision"
)

// lostFate is the fate of a record that nobody knows any more: one of its texts is missing from the
// log.
const lostFate = "lost"

// fateField is the field of statements that has a record's fate. Its column is called like it.
func (t *Table) fateField() string { return "\x00" + t.free(fateColumn) }

// identity is an SQL expression that is the same only for identical values of a field. Equal
// values may differ: numbers with other digits, texts under some collations.
func identity(f *intake.Field, column string) string {
	switch {
	case f.Own, f.Type == catalog.UnknownType:
	case f.Type == value.Text:
		return column + ` collate "C"`
	case f.Type == value.Integer, f.Type == value.Boolean, f.Type == value.Date, f.Type == value.Time:
		return column
	}
	return column + `::text collate "C"`
}

// holdable prepares what statements of a list that is held are written with.
func (t *Table) holdable() (err error) {
	listed := func(fixed int) map[string]statement.Field { // behind the arguments of the fixed filter
		stamp := statement.Field{SQL: t.Stamp(t, fixed+1), Type: value.Text}
		if t.Stamped > 0 {
			stamp.Arguments = fixed + t.Stamped
		}
		return map[string]statement.Field{t.fateField(): {SQL: alias + "." + t.apart(fateColumn), Type: value.Text},
			foundField: {SQL: "select n from found", Type: value.Integer}, stampField: stamp}
	}
	for _, part := range []struct {
		list *(*statement.List)
		name string
		more map[string]statement.Field
	}{
		{&t.old, "old", map[string]statement.Field{t.fateField(): {SQL: fateOf(t, true), Type: value.Text}}},
		{&t.listed[0], "listed", listed(0)}, {&t.listed[1], "listed", listed(len(t.Own.Args))},
	} {
		described := t.askable()
		described.From = part.name + " " + alias
		maps.Copy(described.Fields, part.more)
		if *part.list, err = statement.New(described); err != nil {
			return err
		}
	}
	return nil
}

// held is a question of a list that is held at a mark, with the parts that its statements are built
// of.
type held struct {
	*Table
	mark  changes.Mark
	texts []string // fields that the question looks at and whose texts may be missing from the log
	fixed string   // the fixed filter that applies
	since string   // the condition of what changed since the mark, for a row l of the log
	where statement.Where

	now, old, listed *statement.Question // see rows
	question         *statement.Question // see whole; nil: not needed yet
}

// hold makes the question one of the list at the view's held mark. Its arguments stand behind those
// of the fixed filter.
func (q *question) hold() error {
	v := q.in
	t := v.Table
	own, _ := t.ownFor(q.selection.Sees)
	part := t.listed[0]
	if q.selection.Sees != catalog.All {
		part = t.listed[1]
	}
	shown := catalog.Names(v.On.Named(q.selection.Ask.Fields()))
	for _, o := range q.selection.Ask.Order() {
		shown = append(shown, o.Field)
	}
	h := &held{Table: t, mark: *v.held, fixed: own.SQL, texts: t.longOf(append(q.looked(), shown...))}
	own = v.Kind.Against(v, own)
	var args []any
	h.since, args = changes.Since(h.mark, "l", len(own.Args)+1)
	if through := q.selection.Through; through != nil {
		args = append(args, through)
		h.since = fmt.Sprintf("l.ctid = any($%d::text[]::tid[]) and %s", len(own.Args)+len(args), h.since)
	}
	for i := range args { // a condition that is always true, so that all arguments are used
		own = And(own, statement.Where{SQL: "$" + strconv.Itoa(len(own.Args)+1) + "::text is not null", Args: args[i : i+1]})
	}
	h.where, q.own, q.held = own, own, h
	ask := q.selection.Ask
	var err error
	if h.now, err = t.records.Ask(ask, And(own, statement.Where{SQL: "not " + h.isFresh()})); err != nil {
		return err
	}
	if h.old, err = t.old.Ask(ask, And(own, statement.Where{SQL: alias + "." + t.apart(seenColumn)})); err != nil {
		return err
	}
	listed, err := part.Ask(ask, own)
	if err != nil {
		return err
	}
	h.listed, q.Question = combined.Unconditional(listed).(*statement.Question), h.now
	return nil
}

func (h *held) reversed() *held {
	r := *h
	r.now, r.old, r.listed, r.question = h.now.Reversed(), h.old.Reversed(), h.listed.Reversed(), nil
	return &r
}

// keysOf are the columns of the set's key, for a table with the given alias.
func (t *Table) keysOf(alias string) string {
	return tables.List(t.Rules.Key, func(name string) string { return alias + "." + tables.Quote(name) })
}

// loggedKeys are the same in a row l of the log.
func (t *Table) loggedKeys() string {
	return tables.List(t.Rules.Key, func(name string) string { return t.Log.Value("l", name) })
}

// parts are the tables of a statement, as they stand after WITH: old has the records that were
// removed, fresh the keys of those that were added, lost the keys of those that were, at some
// time, something that the log does not have whole: even if such a record looks the same as
// before, nobody knows whether it is.
func (h *held) parts() string {
	log := h.Log.Table()
	identities, columns := make([]string, len(h.Fields)), make([]string, len(h.Fields))
	for i := range h.Fields {
		value := h.Log.Value("l", h.Fields[i].Name)
		columns[i] = value + " as " + tables.Quote(h.Fields[i].Name)
		identities[i] = identity(&h.Fields[i], value)
	}
	side := "l." + changes.Side
	within := fmt.Sprintf("%s and %s in (%d, %d)", h.since, side, changes.Before, changes.After)
	same := make([]string, len(h.Rules.Key))
	for i, key := range h.Rules.Key {
		same[i] = Column(key) + " = " + h.Log.Value("l", key)
	}
	// With EXISTS, a planner that expects a long log would read the whole table; with LIMIT it does
	// not.
	there := func(and string) string {
		return fmt.Sprintf("(select true from %s %s where %s%s limit 1) is not null", h.SQL, alias, strings.Join(same, " and "), and)
	}
	exists, seen := there(""), "true"
	if h.fixed != "" {
		seen = there(" and (" + h.fixed + ")")
	}
	parts := fmt.Sprintf(`net as materialized (select max(l.ctid) as at, sum(%[1]s) as side from %[2]s l where %[3]s group by %[4]s having sum(%[1]s) <> 0),
old as materialized (select %[5]s, %[6]s as %[7]s, %[9]s as %[10]s, %[11]s as %[12]s from net join %[2]s l on l.ctid = net.at where net.side < 0),
fresh as materialized (select %[8]s from net join %[2]s l on l.ctid = net.at where net.side > 0)`,
		side, log, within, strings.Join(identities, ", "), strings.Join(columns, ", "), seen, h.apart(seenColumn), h.loggedKeys(), exists, h.apart(currentColumn), h.Log.CutIn("l", h.texts), h.apart(cutColumn))
	parts += fmt.Sprintf(",\nfound as materialized (select count(*) as n from %s l where %s)", log, within)
	return parts + fmt.Sprintf(",\nlost as materialized (select distinct %s from %s l where %s and %s = %d and %s)", h.loggedKeys(), log, h.since, side, changes.Before, h.Log.CutIn("l", h.texts))
}

// isFresh is the condition of a record that was added since.
func (h *held) isFresh() string { return "(" + h.keysOf(alias) + ") in (select * from fresh)" }

// fateOf is the SQL of a record's fate, in a statement that has the parts; old: of a removed record.
func fateOf(t *Table, old bool) string {
	if old {
		return fmt.Sprintf("case when %s.%s then '%s' when %s.%s then '%s' else '%s' end", alias, t.apart(cutColumn), lostFate, alias, t.apart(currentColumn), view.Altered, view.Gone)
	}
	return fmt.Sprintf("case when (%s) in (select * from lost) then '%s' else '' end", t.keysOf(alias), lostFate)
}

// cuts is the statement that finds out whether texts of the list at the mark are missing from the log.
func (h *held) cuts() statement.Statement {
	since, args := changes.Since(h.mark, "l", 1)
	return statement.Statement{SQL: fmt.Sprintf("select exists (select from %s l where %s and l.%s = %d and %s)::int::bigint", h.Log.Table(), since, changes.Side, changes.Before, h.Log.CutIn("l", h.texts)), Args: args}
}

// tableOf is the list as one table, for any query.
func (h *held) tableOf(q *question) (*statement.Question, error) {
	if h.question != nil {
		return h.question, nil
	}
	t := h.askable()
	revision, fate, revised := "null::bigint", h.apart(fateColumn), h.apart(revisedColumn)
	if h.Revision != NoRevision {
		revision = h.Revision
	}
	t.From = fmt.Sprintf("(with %[1]s\nselect %[2]s, %[3]s as %[4]s, %[5]s as %[6]s from %[7]s %[8]s where not %[9]s\nunion all select %[2]s, null, %[11]s from old %[8]s where %[10]s) %[8]s",
		h.parts(), tables.List(catalog.Names(h.Fields), Column), revision, revised, fateOf(h.Table, false), fate, h.SQL, alias, h.isFresh(), alias+"."+h.apart(seenColumn), fateOf(h.Table, true))
	t.Arguments = len(h.where.Args)
	t.Fields[revisionField] = statement.Field{SQL: "coalesce(" + alias + "." + revised + ", 0)", Type: value.BigInteger}
	t.Fields[h.fateField()] = statement.Field{SQL: alias + "." + fate, Type: value.Text}
	t.Fields[stampField] = statement.Field{SQL: "''", Type: value.Text}
	whole, err := statement.New(t)
	if err == nil {
		h.question, err = whole.Ask(q.selection.Ask, h.where)
	}
	return h.question, err
}

// rows reads fields of a region's records in order: the current records and the removed ones, each
// no further than needed, so that few are sorted.
func (h *held) rows(fields []string, g statement.Region, offset int64, limit int) (statement.Statement, error) {
	wanted := make([]string, 0, len(fields)+2)
	add := func(name string) {
		if name != stampField && name != foundField && !slices.Contains(wanted, name) {
			wanted = append(wanted, name)
		}
	}
	for _, name := range fields {
		add(name)
	}
	for _, o := range h.now.Order() {
		add(o.Field)
	}
	var none statement.Statement
	far := 0
	if limit > 0 {
		far = int(offset) + limit
	}
	now, err := h.now.Rows(wanted, g, 0, far)
	if err != nil {
		return none, err
	}
	old, err := h.old.Rows(wanted, g, 0, far)
	if err != nil {
		return none, err
	}
	all, err := h.listed.Rows(fields, statement.Region{}, offset, limit)
	if err != nil {
		return none, err
	}
	return statement.Statement{SQL: "with " + h.parts() + ",\nlisted as ((" + now.SQL + ")\nunion all (" + old.SQL + "))\n" + all.SQL, Args: now.Args}, nil
}

// count counts a region's records: the current ones and the removed ones, each as far as limit.
func (h *held) count(g statement.Region, limit int64) statement.Statement {
	now := h.now.Count(g, limit)
	return statement.Statement{SQL: "with " + h.parts() + "\nselect (" + now.SQL + ") + (" + h.old.Count(g, limit).SQL + ")", Args: now.Args}
}

// whole reads what a statement returned with a record: how many images of the log it has looked
// at, and the record's fate. The error is that nobody knows what the record was.
func (h *held) whole(found, fate []byte) (int64, view.Fate, error) {
	n, err := strconv.ParseInt(string(found), 10, 64)
	if err == nil {
		err = h.known(view.Fate(fate))
	}
	return n, view.Fate(fate), err
}

// known is the error of a record of a fate, if nobody knows what the record was.
func (h *held) known(fate view.Fate) error {
	if fate == lostFate {
		return &view.GoneError{Mark: h.mark.Version, Why: textLost}
	}
	return nil
}
