package service

import (
	"encoding/json"
	"net/http"
	"strings"

	"github.com/gin-gonic/gin"

	"pageladder.example/internal/intake"
	"pageladder.example/internal/sets"
	"pageladder.example/paging/rulesfile"
	"pageladder.example/paging/value"
)

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
	// Types asks for other types of fields: integer for a bigint whose values are all
	// within ±(2^53−1).
	Types map[string]value.Type `json:"types,omitempty"`
	Rules json.RawMessage       `json:"rules,omitempty"`
}

// attach makes a set of a table or view.
func (s *Service) attach(c *gin.Context) {
	var body AttachBody
	if err := s.body(c, &body, "application/json"); err != nil {
		s.fail(c, err)
		return
	}
	a := sets.Attach{Name: body.Name, New: true, Label: strings.TrimSpace(body.Label), Source: body.Source, Schema: body.Schema, Table: body.Table, Key: body.Key,
		Fields: body.Fields, Types: body.Types}
	if a.Schema == "" {
		a.Schema = "public"
	}
	err := s.newName(c, a.Name)
	if err == nil {
		a.Remember, err = rememberOf(body.Remember)
	}
	if err == nil && body.Rules != nil {
		a.Rules, err = rulesfile.Parse(body.Rules)
	}
	var set *sets.Set
	if err == nil {
		set, err = s.store.Attach(c.Request.Context(), a)
	}
	if err != nil {
		s.fail(c, err)
		return
	}
	s.created(c, set)
	s.tellSet(c, set, http.StatusCreated)
}

func (s *Service) listSources(c *gin.Context) {
	c.PureJSON(http.StatusOK, SourceList{s.store.Sources()})
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

func (s *Service) listTables(c *gin.Context) {
	all, err := s.store.Tables(c.Request.Context(), pathParam(c, "source"))
	if err != nil {
		s.fail(c, err)
		return
	}
	list := TableList{[]SourceTable{}}
	for _, t := range all {
		list.Tables = append(list.Tables, SourceTable{t[0], t[1]})
	}
	c.PureJSON(http.StatusOK, list)
}

// TableFields are the fields of a table or view, and its primary key.
type TableFields struct {
	Fields []intake.Field `json:"fields"`
	Key    []string       `json:"key"` // none where it has no primary key, as a view
}

func (s *Service) readTable(c *gin.Context) {
	fields, key, err := s.store.Table(c.Request.Context(), pathParam(c, "source"), pathParam(c, "schema"), pathParam(c, "table"))
	if err != nil {
		s.fail(c, err)
		return
	}
	c.PureJSON(http.StatusOK, TableFields{fields, append([]string{}, key...)})
}
