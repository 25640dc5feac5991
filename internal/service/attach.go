package service

import (
	"net/http"
	"strings"

	"github.com/gin-gonic/gin"

	"pageladder.example/api"
	"pageladder.example/internal/sets"
	"pageladder.example/paging/rulesfile"
)

// attach makes a set of a table or view.
func (s *Service) attach(c *gin.Context) {
	var body api.AttachBody
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
	c.PureJSON(http.StatusOK, api.SourceList{Sources: s.store.Sources()})
}

func (s *Service) listTables(c *gin.Context) {
	all, err := s.store.Tables(c.Request.Context(), pathParam(c, "source"))
	if err != nil {
		s.fail(c, err)
		return
	}
	list := api.TableList{Tables: []api.SourceTable{}}
	for _, t := range all {
		list.Tables = append(list.Tables, api.SourceTable{Schema: t[0], Table: t[1]})
	}
	c.PureJSON(http.StatusOK, list)
}

func (s *Service) readTable(c *gin.Context) {
	fields, key, err := s.store.Table(c.Request.Context(), pathParam(c, "source"), pathParam(c, "schema"), pathParam(c, "table"))
	if err != nil {
		s.fail(c, err)
		return
	}
	c.PureJSON(http.StatusOK, api.TableFields{Fields: wireFields(fields), Key: append([]string{}, key...)})
}
