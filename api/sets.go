package api

import (
	"encoding/json"
	"time"

	"pageladder.example/paging/rulesfile"
	"pageladder.example/paging/value"
)

// Field is one column of a record set.
type Field struct {
	Name  string     `json:"name"`
	Label string     `json:"label"`
	Type  value.Type `json:"type"` // or "other": text that has no order
	// Own means that a source writes, sorts and compares the values by its own type, whatever the
	// type is in this table.
	Own bool `json:"own,omitempty"`
	// Unordered says why the field can be neither sorted nor filtered by; "" if it can.
	Unordered string `json:"unordered,omitempty"`
}

// SetList is every set that the caller may read.
type SetList struct {
	Sets []SetInfo `json:"sets"`
}

// SetInfo describes a record set.
type SetInfo struct {
	Name      string           `json:"name"`
	Label     string           `json:"label"`
	Kind      string           `json:"kind" jsonschema:"enum=kept,enum=attached"`
	Records   *int64           `json:"records" jsonschema:"nullable"` // null for an attached set, and if a fixed filter applies to the caller
	Version   *int64           `json:"version" jsonschema:"nullable"` // null for an attached set
	ChangedAt time.Time        `json:"changed_at"`
	Open      bool             `json:"open"`             // callers without a token may read it
	Fields    []Field          `json:"fields"`           // that are shown
	Hidden    []Field          `json:"hidden,omitempty"` // the other fields, for callers who may change records
	Rules     *rulesfile.Rules `json:"rules,omitempty"`  // of one set
	Params    *ParamNames      `json:"params,omitempty"` // of one set: the names of its parameters
	Settings  *SetSettings     `json:"settings,omitempty"`
}

// SetSettings are the settings of a set, for its owner only.
type SetSettings struct {
	Fixed    string       `json:"fixed"`      // the fixed filter, written as in a query
	Remember int64        `json:"remember_s"` // of an attached set: how long totals and footholds may be remembered
	Source   string       `json:"source,omitempty"`
	Follow   bool         `json:"follow,omitempty"` // of an attached set: its table is to be followed
	Followed *Followed    `json:"followed,omitempty"`
	Indexes  []IndexState `json:"indexes,omitempty"`
}

// Followed says how a followed table is read, as last seen.
type Followed struct {
	Exact   bool      `json:"exact"`             // pages are read by the change log; else counted and skipped to
	Since   time.Time `json:"since"`             // since when
	Missing []string  `json:"missing,omitempty"` // why they are not
}

// Following says how a followed table is read, and has the SQL for its owner.
type Following struct {
	Follow  bool      `json:"follow"`                      // the table is to be followed
	Exact   bool      `json:"exact"`                       // pages are read by the change log; else counted and skipped to
	Since   time.Time `json:"since,omitzero"`              // since when it is read so
	Missing []string  `json:"missing"`                     // why it is not read by the log: what is missing, or differs
	Unkept  string    `json:"unkept,omitempty"`            // why the log could not be pruned lately; writers stop filling it after an hour
	Images  int64     `json:"images"`                      // rows in the log, counted as far as 200,000
	Bytes   int64     `json:"bytes"`                       // size of the log in the owner's database
	Lag     *float64  `json:"lag_s" jsonschema:"nullable"` // seconds that a standby is behind; null for a primary
	Script  string    `json:"script"`                      // the SQL that the owner of the table runs; "" if it cannot be followed
	Undo    string    `json:"undo"`                        // the SQL that undoes it
}

// IndexState is the state of one index that a set's rules want.
type IndexState struct {
	Definition string  `json:"definition"`
	Ready      bool    `json:"ready"`
	Failed     string  `json:"failed,omitempty"` // why it cannot be built: the sorts and filters that need it are slow
	Phase      string  `json:"phase,omitempty"`  // of the index in progress, in PostgreSQL's words
	Part       float64 `json:"part,omitempty"`   // of the phase, 0 to 1
}

// SettingsChange changes the given settings.
type SettingsChange struct {
	Label    *string `json:"label,omitempty"`
	Fixed    *string `json:"fixed,omitempty"`
	Open     *bool   `json:"open,omitempty"`
	Remember *int64  `json:"remember_s,omitempty"` // of an attached set: seconds
	Follow   *bool   `json:"follow,omitempty"`     // of an attached set
}

// Imported is the answer to an import.
type Imported struct {
	Set     *SetInfo       `json:"set,omitempty"` // left out when the file was only checked
	Rows    int64          `json:"rows"`
	Fields  []FieldSample  `json:"fields"`
	Key     []string       `json:"key"`
	MadeKey bool           `json:"made_key"` // the key is a row number, since the file has none
	Aside   *Aside         `json:"aside,omitempty"`
	Bad     *BadRowsAnswer `json:"bad,omitempty"` // of a file that was only checked
}

// FieldSample is a field as it was found in a file, with some of its values.
type FieldSample struct {
	Field
	Samples []string `json:"samples"`
	Offer   string   `json:"offer,omitempty" jsonschema:"enum=decimal_comma,enum=day_first"` // the parameter with which the field would be more than text
}

// BadRowsAnswer lists rows that could not be read.
type BadRowsAnswer struct {
	Count int64    `json:"count"`
	Rows  []BadRow `json:"rows"` // the first hundred
}

// BadRow is a row that could not be read.
type BadRow struct {
	Line   int    `json:"line"` // from 1; in a JSON array, the element
	Field  string `json:"field,omitempty"`
	Found  string `json:"found,omitempty"`
	Reason string `json:"reason"`
}

// Aside are rows that were set aside, as CSV with their line and what is wrong.
type Aside struct {
	CSV string `json:"csv"`
}

// Progress is the progress of an import.
type Progress struct {
	Bytes int64  `json:"bytes"` // bytes read in the current pass
	Rows  int64  `json:"rows"`
	Pass  string `json:"pass" jsonschema:"enum=look,enum=load"` // "look" while types are detected, then "load"
}

// AttachBody asks to attach a table or view.
type AttachBody struct {
	Name     string   `json:"name"`
	Label    string   `json:"label,omitempty"`
	Source   string   `json:"source"`
	Schema   string   `json:"schema,omitempty"` // "": public
	Table    string   `json:"table"`
	Key      []string `json:"key,omitempty"`        // of a view
	Fields   []string `json:"fields,omitempty"`     // that are shown; none: all
	Remember int64    `json:"remember_s,omitempty"` // seconds that totals and footholds may be remembered
	Follow   bool     `json:"follow,omitempty"`     // the table is followed, once its owner has run the script
	// Types asks for other types of fields: integer for a bigint whose values are all
	// within ±(2^53−1).
	Types map[string]value.Type `json:"types,omitempty"`
	Rules json.RawMessage       `json:"rules,omitempty"`
}

// SourceList names the databases whose tables can be attached.
type SourceList struct {
	Sources []string `json:"sources"`
}

// TableList is what a source's role may read.
type TableList struct {
	Tables []SourceTable `json:"tables"`
}

// SourceTable is one table or view.
type SourceTable struct {
	Schema string `json:"schema"`
	Table  string `json:"table"`
}

// TableFields are the fields of a table or view, and its primary key.
type TableFields struct {
	Fields []Field  `json:"fields"`
	Key    []string `json:"key"` // none where it has no primary key, as a view
}
