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
	var request api.AttachBody
	if err := body.JSON(c.Request, &request, "application/json"); err != nil {
		return err
	}
	if err := s.newName(c, request.Name); err != nil {
		return err
	}
	a := sets.Attach{Name: request.Name, New: true, Label: strings.TrimSpace(request.Label), Source: request.Source, Schema: cmp.Or(request.Schema, "public"), Table: request.Table,
		Key: request.Key, Fields: request.Fields, Types: request.Types, Follow: request.Follow}
	var err error
	if a.Remember, err = rememberOf(request.Remember); err != nil {
		return err
	}
	if request.Rules != nil {
		if a.Rules, err = rulesOf(request.Rules); err != nil {
			return err
		}
	}
	set, err := s.store.Attach(c.Request.Context(), a)
	if err != nil {
		return err
	}
	s.created(c, set)
	return s.sendSet(c, set, http.StatusCreated)
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
