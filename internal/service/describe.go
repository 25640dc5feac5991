package service

import (
	"net/http"
	"slices"

	"github.com/gin-gonic/gin"

	"pageladder.example/api"
	"pageladder.example/internal/access"
	"pageladder.example/internal/openapi"
	"pageladder.example/internal/problem"
	"pageladder.example/internal/sets"
	"pageladder.example/internal/shapes"
)

// description answers the API's description, generated from the routes.
func (s *Service) description(c *gin.Context) error {
	s.sendDescription(c, s.routes, nil)
	return nil
}

// setDescription describes the calls of one set.
func (s *Service) setDescription(c *gin.Context) error {
	set, err := s.setOf(c)
	if err != nil {
		return err
	}
	var routes []route
	for _, r := range s.routes {
		if r.scope == access.ThisSet {
			routes = append(routes, r)
		}
	}
	s.sendDescription(c, routes, set)
	return nil
}

func (s *Service) sendDescription(c *gin.Context, routes []route, set *sets.Set) {
	api := &openapi.API{Version: s.version, Server: s.hosts.Public, Cookie: access.Cookie, Problem: api.Problem{}, Problems: s.hosts.Public + "/problems/", Shapes: shapes.Names()}
	var calls []openapi.Call
	for i := range routes {
		if routes[i].name != "" {
			calls = append(calls, routes[i].described())
		}
	}
	s.private(c)
	c.PureJSON(http.StatusOK, openapi.Describe(api, calls, set))
}

// described is a route as a description has it.
func (r *route) described() openapi.Call {
	return openapi.Call{
		Name: r.name, Method: r.method, Path: r.path, Scope: r.scope, Role: r.role, Says: r.says, Query: r.asks,
		Body: r.body, Media: r.media, Example: r.example,
		Answer: r.answer, Shaped: r.asks == openapi.OfPage, Status: r.ok(), Sends: r.sends, Public: r.public,
		IfMatch: slices.Contains(r.fails, problem.IfMatch), Once: r.once, Fails: r.fails,
	}
}
