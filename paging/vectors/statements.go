package vectors

import (
	"bytes"
	_ "embed"
	"encoding/json"
	"errors"
	"iter"
	"strconv"
	"strings"

	"pageladder.example/paging"
	"pageladder.example/paging/statement"
	"pageladder.example/paging/text"
	"pageladder.example/paging/value"
)

//go:embed statements.ndjson.gz
var statements []byte

// StatementVector is one question to a table, and the statements that are written for it.
type StatementVector struct {
	// Name says what the case shows. Left out: it was drawn.
	Name string `json:"name,omitempty"`
	StatementCase
	Result StatementResult `json:"result"`
}

// StatementCase is what statements are written of.
type StatementCase struct {
	Table Table `json:"table"`
	// Rules are the list's rules, as a rules file has them.
	Rules json.RawMessage `json:"rules"`
	Query string          `json:"query"`
	// Where is a condition of the program's own; its arguments are texts.
	Where *Condition `json:"where,omitempty"`
	// Fields are read of a page that begins behind Offset records and has Limit of them.
	Fields []string `json:"fields"`
	Offset int64    `json:"offset"`
	Limit  int      `json:"limit"`
	// Place are a record's values in the fields of the order. Left out: there is none.
	Place []*string `json:"place,omitzero"`
	// Key are a record's values in the fields of the table's key. Left out: none is asked for.
	Key []string `json:"key,omitzero"`
	// Facet is the field whose values are counted.
	Facet string `json:"facet"`
}

// Condition is a condition in SQL.
type Condition struct {
	SQL  string   `json:"sql"`
	Args []string `json:"args"`
}

// Table is a statement.Table. Where it has Words, a search is split by text.Words.
type Table struct {
	Dialect   string           `json:"dialect"` // "postgresql", "mysql", "sqlite"
	From      string           `json:"from"`
	Arguments int              `json:"arguments,omitempty"`
	Fields    map[string]Field `json:"fields"`
	Places    string           `json:"places,omitempty"` // "tied", "nested", "compared"
	ByKey     []string         `json:"by_key,omitempty"`
	Search    string           `json:"search,omitempty"`
	Words     string           `json:"words,omitempty"`
}

// Field is a statement.Field.
type Field struct {
	SQL         string     `json:"sql"`
	Type        value.Type `json:"type,omitempty"`
	Nullable    bool       `json:"nullable,omitempty"`
	Collation   string     `json:"collation,omitempty"`
	Lower       string     `json:"lower,omitempty"`
	Layout      string     `json:"layout,omitempty"` // "unix", "unixmilli", or of YYYY, MM, DD, HH, mm, ss and .sss
	Native      bool       `json:"native,omitempty"`
	Arguments   int        `json:"arguments,omitempty"`
	Approximate bool       `json:"approximate,omitempty"`
}

// StatementResult is what becomes of a case: one of these.
type StatementResult struct {
	// Mistake means that the table, the rules or the condition do not fit together.
	Mistake bool `json:"mistake,omitempty"`
	// Faults are those of a refusal.
	Faults []paging.Fault `json:"faults,omitempty"`
	// Statements are the statements.
	Statements *Statements `json:"statements,omitempty"`
}

// Statements are what is written for one question.
type Statements struct {
	Count   Statement `json:"count,omitzero"`    // of all records
	CountTo Statement `json:"count_to,omitzero"` // up to the limit
	// Rows reads the page, a statement for each region.
	Rows []Statement `json:"rows,omitempty"`
	// From reads the records from the place on with their own places, and Before those before it, the nearest first.
	From   []Statement `json:"from,omitempty"`
	Before []Statement `json:"before,omitempty"`
	// Misplaced is the field whose value the place cannot have or, if nothing else is written, the key; "*": the order has no places.
	Misplaced string     `json:"misplaced,omitempty"`
	Key       *Statement `json:"key,omitempty"`
	Facet     Statement  `json:"facet,omitzero"`
}

// Statement is a statement.Statement.
type Statement struct {
	SQL  string     `json:"sql"`
	Args []Argument `json:"args"`
}

// Argument is a text, a whole number of 64 bits or a float. In JSON a whole number is {"integer": "5"}, a float {"float": "0.5"} or
// {"float": "Infinity"}, in Go's format 'e'.
type Argument struct{ Value any }

// MarshalJSON writes the argument.
func (a Argument) MarshalJSON() ([]byte, error) {
	switch v := a.Value.(type) {
	case int64:
		return json.Marshal(map[string]string{"integer": strconv.FormatInt(v, 10)})
	case float64:
		return json.Marshal(map[string]string{"float": strings.ReplaceAll(strconv.FormatFloat(v, 'e', -1, 64), "Inf", "Infinity")})
	}
	return json.Marshal(a.Value)
}

// UnmarshalJSON reads an argument.
func (a *Argument) UnmarshalJSON(from []byte) (err error) {
	if !bytes.HasPrefix(from, []byte("{")) {
		var s string
		err = json.Unmarshal(from, &s)
		a.Value = s
		return err
	}
	var number struct{ Integer, Float string }
	if err = json.Unmarshal(from, &number); err != nil {
		return err
	}
	if number.Integer != "" {
		a.Value, err = strconv.ParseInt(number.Integer, 10, 64)
	} else {
		a.Value, err = strconv.ParseFloat(number.Float, 64)
	}
	return err
}

// StatementCases gives the vectors of the statements. The error is for a file that cannot be read, which ends them.
func StatementCases() iter.Seq2[StatementVector, error] { return linesOf[StatementVector](statements) }

var dialects = map[string]statement.Dialect{"postgresql": statement.PostgreSQL, "mysql": statement.MySQL, "sqlite": statement.SQLite}

var places = map[string]statement.Places{"": statement.Tied, "tied": statement.Tied, "nested": statement.Nested, "compared": statement.Compared}

// layouts makes a layout of package time of one of a vector.
var layouts = strings.NewReplacer("YYYY", "2006", "MM", "01", "DD", "02", "HH", "15", "mm", "04", ".sssssssss", ".000000000", ".ssssss", ".000000", ".sss", ".000", "ss", "05")

func (t *Table) table() statement.Table {
	table := statement.Table{Dialect: dialects[t.Dialect], From: t.From, Arguments: t.Arguments, Places: places[t.Places], ByKey: t.ByKey, Search: t.Search, Words: t.Words,
		Fields: map[string]statement.Field{}}
	if t.Words != "" {
		table.SplitWords = text.Words
	}
	for name, f := range t.Fields {
		table.Fields[name] = statement.Field{SQL: f.SQL, Type: f.Type, Nullable: f.Nullable, Collation: f.Collation, Lower: f.Lower, Layout: layouts.Replace(f.Layout),
			Native: f.Native, Arguments: f.Arguments, Approximate: f.Approximate}
	}
	return table
}

// StatementsOf is what becomes of a case in package statement. The error is for a case that is none.
func StatementsOf(c *StatementCase) (StatementResult, error) {
	rules := &paging.Rules{}
	if err := json.Unmarshal(c.Rules, rules); err != nil {
		return StatementResult{}, err
	}
	found, err := statementsOf(c, rules)
	var refusal *paging.Refusal
	var mistake *statement.Error
	switch {
	case errors.As(err, &refusal):
		return StatementResult{Faults: refusal.Faults}, nil
	case errors.As(err, &mistake), mistakesOf(err) != nil:
		return StatementResult{Mistake: true}, nil
	}
	return StatementResult{Statements: found}, err
}

func statementsOf(c *StatementCase, rules *paging.Rules) (*Statements, error) {
	list, err := statement.New(c.Table.table(), rules)
	if err != nil {
		return nil, err
	}
	ask, err := rules.Read(c.Query)
	if err != nil {
		return nil, err
	}
	own := statement.Where{}
	if c.Where != nil {
		own.SQL = c.Where.SQL
		for _, arg := range c.Where.Args {
			own.Args = append(own.Args, arg)
		}
	}
	q, err := list.Ask(ask, own)
	if err != nil {
		return nil, err
	}
	s := &Statements{Count: written(q.Count(statement.Region{}, 0)), CountTo: written(q.Count(statement.Region{}, int64(c.Limit)))}
	for _, r := range q.Regions() {
		rows, err := q.Rows(c.Fields, r, c.Offset, c.Limit)
		if err != nil {
			return nil, err
		}
		s.Rows = append(s.Rows, written(rows))
	}
	if err := s.place(c, q); err != nil {
		return nil, err
	}
	if c.Key != nil {
		r, err := q.WithKey(c.Key)
		var misplaced *statement.PlaceError
		if errors.As(err, &misplaced) {
			return &Statements{Misplaced: misplaced.Field}, nil
		}
		if err != nil {
			return nil, err
		}
		row, err := q.Rows(c.Fields, r, 0, 0)
		if err != nil {
			return nil, err
		}
		s.Key = new(written(row))
	}
	facet, err := q.Facet(c.Facet, c.Limit)
	s.Facet = written(facet)
	return s, err
}

func (s *Statements) place(c *StatementCase, q *statement.Question) error {
	if c.Place == nil {
		return nil
	}
	from, err := q.From(c.Place)
	var misplaced *statement.PlaceError
	var mistake *statement.Error
	switch {
	case errors.As(err, &misplaced):
		s.Misplaced = misplaced.Field
		return nil
	case errors.As(err, &mistake):
		s.Misplaced = "*"
		return nil
	case err != nil:
		return err
	}
	for _, r := range from {
		rows, err := q.Placed(c.Fields, r, 0, c.Limit)
		if err != nil {
			return err
		}
		s.From = append(s.From, written(rows))
	}
	back := q.Reversed()
	before, err := back.After(c.Place)
	if err != nil {
		return err
	}
	for _, r := range before {
		rows, err := back.Rows(nil, r, 0, 1)
		if err != nil {
			return err
		}
		s.Before = append(s.Before, written(rows))
	}
	return nil
}

func written(s statement.Statement) Statement {
	args := make([]Argument, len(s.Args))
	for i, a := range s.Args {
		args[i].Value = a
	}
	return Statement{s.SQL, args}
}
