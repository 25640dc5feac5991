package service

import (
	"cmp"
	"net/http"
	"strings"

	"github.com/gin-gonic/gin"

	"pageladder.example/api"
	"pageladder.example/internal/body"
	"pageladder.example/internal/sets"
)

// attach makes a set of a table or view.
func (s *Service) attach(c *gin.Context) error {
	var asked api.AttachBody
	if err := body.JSON(c.Request, &asked, "application/json"); err != nil {
		return err
	}
	if err := s.newName(c, asked.Name); err != nil {
		return err
	}
	a := sets.Attach{Name: asked.Name, New: true, Label: strings.TrimSpace(asked.Label), Source: asked.Source, Schema: cmp.Or(asked.Schema, "public"), Table: asked.Table,
		Key: asked.Key, Fields: asked.Fields, Types: asked.Types, Follow: asked.Follow}
	var err error
	if a.Remember, err = rememberOf(asked.Remember); err != nil {
		return err
	}
	if asked.Rules != nil {
		if a.Rules, err = rulesOf(asked.Rules); err != nil {
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
