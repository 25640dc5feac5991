package service

import (
	"net/http"
	"reflect"
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
	api := &openapi.API{Version: s.version, Server: s.hosts.Public, Cookie: access.Cookie, Problem: api.Problem{}, Always: []*problem.Kind{problem.NotSignedIn, problem.NotAllowed, problem.TooMany, problem.DatabaseAway}}
	for _, shape := range shapes.All() {
		records := openapi.AsText
		switch shape.Name() {
		case "native":
			records = openapi.InAnswer
		case "array":
			records = openapi.AsList
		}
		api.Shapes = append(api.Shapes, openapi.Shape{Name: shape.Name(), MediaType: shape.MediaType(), Records: records})
	}
	calls := make([]openapi.Call, len(routes))
	for i := range routes {
		calls[i] = routes[i].described()
	}
	s.private(c)
	c.PureJSON(http.StatusOK, openapi.Describe(api, calls, set))
}

// described is a route as a description has it.
func (r *route) described() openapi.Call {
	return openapi.Call{
		Name: r.name, Method: r.method, Path: r.path, Scope: r.scope, Role: r.role, Says: r.says, Query: r.asks,
		Body: r.body, Media: r.media, Example: r.example,
		Answer: r.answer, Shaped: reflect.TypeOf(r.answer) == reflect.TypeFor[api.Answer](), Status: r.ok(),
		IfMatch: slices.Contains(r.fails, problem.IfMatch), Once: r.once, Fails: r.fails,
	}
}
