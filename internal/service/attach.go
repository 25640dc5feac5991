package service

import (
	"cmp"
	"net/http"
	"strings"

	"github.com/gin-gonic/gin"

	"pageladder.example/api"
	"pageladder.example/internal/sets"
)

// attach makes a set of a table or view.
func (s *Service) attach(c *gin.Context) error {
	var body api.AttachBody
	if err := s.body(c, &body, "application/json"); err != nil {
		return err
	}
	if err := s.newName(c, body.Name); err != nil {
		return err
	}
	a := sets.Attach{Name: body.Name, New: true, Label: strings.TrimSpace(body.Label), Source: body.Source, Schema: cmp.Or(body.Schema, "public"), Table: body.Table,
		Key: body.Key, Fields: body.Fields, Types: body.Types}
	var err error
	if a.Remember, err = rememberOf(body.Remember); err != nil {
		return err
	}
	if body.Rules != nil {
		if a.Rules, err = rulesOf(body.Rules); err != nil {
			return err
		}
	}
	set, err := s.store.Attach(c.Request.Context(), a)
	if err != nil {
		return err
	}
	s.created(c, set)
	return s.tellSet(c, set, http.StatusCreated)
}

func (s *Service) listSources(c *gin.Context) error {
	c.PureJSON(http.StatusOK, api.SourceList{Sources: s.store.Sources()})
	return nil
}

func (s *Service) listTables(c *gin.Context) error {
	all, err := s.store.Tables(c.Request.Context(), pathParam(c, "source"))
	if err != nil {
		return err
	}
	list := api.TableList{Tables: []api.SourceTable{}}
	for _, t := range all {
		list.Tables = append(list.Tables, api.SourceTable{Schema: t[0], Table: t[1]})
	}
	c.PureJSON(http.StatusOK, list)
	return nil
}

func (s *Service) readTable(c *gin.Context) error {
	fields, key, err := s.store.Table(c.Request.Context(), pathParam(c, "source"), pathParam(c, "schema"), pathParam(c, "table"))
	if err != nil {
		return err
	}
	c.PureJSON(http.StatusOK, api.TableFields{Fields: wireFields(fields), Key: append([]string{}, key...)})
	return nil
}
