package statement

import (
	"maps"
	"slices"
	"strings"

	"pageladder.example/paging"
	"pageladder.example/paging/value"
)

// Table is where records are, and what their fields are in SQL.
type Table struct {
	Dialect Dialect
	// From is what follows FROM: a table, a join, or a query in brackets with its name. It returns
	// one row for each record.
	From string
	// Arguments is how many of Where's arguments From uses, as $1 and so on. Left out: none. For
	// PostgreSQL only.
	Arguments int
	// Fields are the fields, by the names that the rules use. No other name gets into a statement.
	Fields map[string]Field
	// Places is how a record's place in an order is written as a condition.
	Places Places
	// ByKey are the fields that identify a row of From, whether Where holds or not: the key of a
	// table, or of a join whose ON conditions find one row each. With them WithKey finds a record,
	// and Rows skips many records by their keys alone and reads the page's records by their keys.
	// Left out: neither.
	ByKey []string

	// Search is a condition for the records of a search, with {words} for the text of the search:
	// "match(a.vessel, a.note) against ({words})".
	Search string
	// Words, as an alternative to Search, is a text with a record's words, folded, each with a
	// space before and after it: a column that your program fills with text.ForSearch, or a
	// function of your program in the database.
	Words string
	// SplitWords splits a search into words as they are in Words: text.Words. Required with
	// Words.
	SplitWords func(text string) []string
	// Without Search and Words, the fields that the rules name are searched by the database: in
	// lower case and, as far as it can, without accents. SQLite cannot do that.
}

// Field is one field in SQL.
type Field struct {
	// SQL is a column or an expression: "b.code", "a.tonnage * 2".
	SQL string
	// Type is the type of its values. Left out: text. The column must have a type that the database
	// compares in the same way; docs/statement.md lists them for each dialect.
	Type value.Type
	// Nullable means that it may be missing. If a field is not Nullable and NULL all the same, the
	// order of pages is wrong.
	Nullable bool
	// Collation is the collation that text is sorted by, as written after COLLATE, quoted if
	// necessary. Left out: that of the column. An index helps if it has the same one.
	Collation string
	// Lower is the text in lower case, for "has" and "starts": a column or expression. Left out:
	// the database makes it (SQLite only for the letters A to Z).
	Lower string
	// Layout is how SQLite stores times: a layout of package time, of one width and in UTC, so that
	// texts sort as times do; or "unix" or "unixmilli" for numbers of seconds or milliseconds. Left
	// out: "2006-01-02T15:04:05Z".
	Layout string
	// Native means that the column has a type of PostgreSQL that is not among ours: a uuid, an
	// enumeration, an inet. Values are sent as text, and PostgreSQL reads, sorts and compares them
	// as its own type. It is also best for floats.
	Native bool
	// Arguments is how many of Where's arguments SQL uses, as $1 and so on. Left out: none. For
	// PostgreSQL only.
	Arguments int
	// Approximate means that a value may not equal itself after it has been written as text and
	// read again, like a FLOAT of MySQL. Lists that are sorted by it have pages, but no places.
	Approximate bool
}

// Places is how a record's place in an order is written as a condition.
type Places uint8

// The forms. The examples find the records from (5, 7) on, in the order of a descending and then
// id.
const (
	// Tied is two Regions: first "a = 5 and id >= 7", then "a < 5". Each is one range of an index,
	// even if a million records have the same a, and is sent to foreign partitions as a whole. A
	// page with records of both takes two statements.
	Tied Places = iota
	// Nested is one condition, "a <= 5 and (a < 5 or id >= 7)", also sent as a whole. All records
	// with the same a are read, and because of the "or" a planner may combine several indexes and
	// sort the result.
	Nested
	// Compared is "(a, id) >= (5, 7)" if all fields have the same direction, otherwise like Tied.
	// It is one range of an index, on tables of PostgreSQL and SQLite that are not foreign. MySQL
	// would read the whole table, so it does not have it.
	Compared
)

// List is a Table that has been checked and prepared. It is safe for concurrent use.
type List struct {
	dialect Dialect
	table   Table
	columns map[string]*column
	names   []string // of the columns, sorted
	// arguments is how many of Where's arguments the fields use.
	arguments int
	// The text before and after {words} in Table.Search.
	searchBefore, searchAfter string
}

// column is a prepared field.
type column struct {
	name     string
	selected string // in a select list
	expr     string // within an expression
	ordered  string // that, with its collation
	lower    string
	kind     value.Type
	precise  precision
	layout   string
	field    Field
}

// New checks and prepares a table. With rules it also checks those, and that the table has each field that
// they name, of a type that can be sorted and filtered so: a mistake is then found when the program starts
// and not by the first query that needs the field. The error is an *Error or what paging.Rules.Check returns.
func New(t Table, rules ...*paging.Rules) (*List, error) {
	l := &List{dialect: t.Dialect, table: t, columns: make(map[string]*column, len(t.Fields))}
	if t.Dialect < PostgreSQL || t.Dialect > SQLite {
		return nil, mistake("Dialect", "right would be PostgreSQL, MySQL or SQLite")
	}
	if t.Places > Compared || t.Places == Compared && t.Dialect == MySQL {
		return nil, mistake("Places", "right would be Tied or Nested or, but not in MySQL, Compared")
	}
	if named, _ := l.dialect.scan(t.From); named == 0 || named > t.Arguments || l.dialect != PostgreSQL {
		if err := l.check("From", t.From, true); err != nil {
			return nil, err
		}
	}
	l.arguments = t.Arguments
	if t.Search != "" {
		var ok bool
		if l.searchBefore, l.searchAfter, ok = strings.Cut(t.Search, "{words}"); !ok || strings.Contains(l.searchAfter, "{words}") {
			return nil, mistake("Search", "right would be a condition with {words} in it, once")
		}
		if err := l.check("Search", l.searchBefore+"1"+l.searchAfter, true); err != nil {
			return nil, err
		}
	}
	if err := l.check("Words", t.Words, false); err != nil {
		return nil, err
	}
	if t.Words != "" && (t.SplitWords == nil || t.Search != "") {
		return nil, mistake("Words", "needs SplitWords, such as text.Words, and no Search")
	}
	for name, f := range t.Fields {
		c, err := l.column(name, f)
		if err != nil {
			return nil, err
		}
		l.columns[name] = c
	}
	l.names = slices.Sorted(maps.Keys(l.columns))
	for _, name := range t.ByKey {
		if l.columns[name] == nil {
			return nil, mistake("ByKey", "found %.100q, which is none of the Fields", name)
		}
	}
	for _, r := range rules {
		if err := l.serves(r); err != nil {
			return nil, err
		}
	}
	return l, nil
}

// Fields are the names of the table's fields, sorted.
func (l *List) Fields() []string { return slices.Clone(l.names) }

// Dialect is the table's.
func (l *List) Dialect() Dialect { return l.dialect }

// Type is the type of a field's values; "" if the table does not have the field.
func (l *List) Type(field string) value.Type {
	if c := l.columns[field]; c != nil {
		return c.kind
	}
	return ""
}

// check checks SQL of the developer, which must have no placeholders.
func (l *List) check(where, sql string, needed bool) error {
	placeholders, wrong := l.dialect.scan(sql)
	switch {
	case wrong != "":
		return mistake(where, "found %s in %.200q", wrong, sql)
	case placeholders > 0:
		return mistake(where, "found a placeholder in %.200q; only Where has arguments", sql)
	case needed && strings.TrimSpace(sql) == "":
		return mistake(where, "found nothing; right would be SQL")
	}
	return nil
}

func (l *List) column(name string, f Field) (*column, error) {
	where := fieldAt(name)
	for _, part := range []struct {
		name, sql string
		needed    bool
	}{{"SQL", f.SQL, true}, {"Collation", f.Collation, false}, {"Lower", f.Lower, false}} {
		if named, _ := l.dialect.scan(part.sql); l.dialect == PostgreSQL && part.name == "SQL" && named > 0 && named <= f.Arguments {
			continue // if nothing else is wrong
		}
		if err := l.check(where+": "+part.name, part.sql, part.needed); err != nil {
			return nil, err
		}
	}
	l.arguments = max(l.arguments, f.Arguments)
	c := &column{name: name, expr: f.SQL, kind: f.Type, field: f, layout: f.Layout}
	if c.kind == "" {
		c.kind = value.Text
	}
	if _, want := value.Parse(string(c.kind)); want != "" && !f.Native {
		return nil, mistake(where, "found the type %.100q; right would be %s", f.Type, want)
	}
	if f.Native && l.dialect != PostgreSQL {
		return nil, mistake(where, "Native is PostgreSQL's alone; in %s, right would be an expression of a type of ours", l.dialect)
	}
	if !l.dialect.isName(c.expr) {
		c.expr = "(" + c.expr + ")"
	}
	quoted := l.dialect.Quote(name)
	c.selected = c.expr
	if !strings.HasSuffix(c.expr, "."+quoted) {
		c.selected += " as " + quoted
	}
	c.ordered = c.expr
	if f.Collation != "" {
		c.ordered += " collate " + f.Collation
	}
	c.lower = f.Lower
	if c.lower != "" && !l.dialect.isName(c.lower) {
		c.lower = "(" + c.lower + ")"
	}
	switch {
	case c.kind != value.Time || l.dialect != SQLite:
		if f.Layout != "" {
			return nil, mistake(where, "Layout is for times in SQLite alone")
		}
		c.precise = microseconds
	default:
		var err error
		if c.layout, c.precise, err = layoutOf(f.Layout); err != nil {
			return nil, mistake(where, "Layout: %v", err)
		}
	}
	return c, nil
}
