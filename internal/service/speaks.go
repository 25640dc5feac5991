package service

import (
	"fmt"
	"reflect"
	"slices"
	"strconv"
	"strings"

	"github.com/gin-gonic/gin"

	"pageladder.example/internal/problem"
	"pageladder.example/internal/shapes"
	"pageladder.example/paging"
	"pageladder.example/paging/query"
	"pageladder.example/paging/rulesfile"
)

// speaks are the parameters that speak to the service.
type speaks struct {
	base, shape, total string
	markup             rulesfile.MarkupStyle // "": none
	facets             []string
	explain            bool
	version            int64 // 0: any
}

var spoken = []string{"pl.base", "pl.explain", "pl.facets", "pl.markup", "pl.shape", "pl.total", "pl.version"}

// readSpeaks reads the parameters that begin with "pl.".
func readSpeaks(c *gin.Context) (sp speaks, err error) {
	raw := c.Request.URL.RawQuery
	if !strings.Contains(raw, "pl") && !strings.Contains(raw, "%") {
		return sp, nil
	}
	var faults []paging.Fault
	given := map[string]string{} // of a repeated one the last counts
	for _, pair := range query.Pairs(raw) {
		if strings.HasPrefix(pair.Name, rulesfile.Aside) {
			given[pair.Name] = pair.Value
		}
	}
	for name, value := range given {
		wrong := func(want string) {
			faults = append(faults, paging.Fault{Param: name, Given: value, Why: "service.wrong", Says: fmt.Sprintf("found %.200q; right would be %s.", value, want)})
		}
		switch name {
		case "pl.base":
			sp.base = value
		case "pl.shape":
			sp.shape = value
			if !slices.Contains(shapes.Names(), value) {
				wrong("one of " + strings.Join(shapes.Names(), ", "))
			}
		case "pl.markup":
			sp.markup = rulesfile.MarkupStyle(value)
			if !slices.Contains(rulesfile.Words(reflect.TypeFor[rulesfile.MarkupStyle]()), value) {
				wrong("plain, bootstrap or classed")
			}
		case "pl.facets":
			sp.facets = strings.Split(value, ",")
			if value == "" || len(sp.facets) > 20 {
				wrong("1 to 20 fields that are filtered by, comma between")
			}
		case "pl.total":
			sp.total = value
			if !slices.Contains(rulesfile.Words(reflect.TypeFor[paging.CountHow]()), value) {
				wrong("exact, at_least or none")
			}
		case "pl.explain":
			sp.explain = value == "true"
			if value != "true" && value != "false" {
				wrong("true or false")
			}
		case "pl.version":
			n, err := strconv.ParseInt(value, 10, 64)
			if sp.version = n; err != nil || n < 1 {
				wrong("the version of a set, a whole number from 1")
			}
		default:
			wrong("no such parameter: those that begin with \"pl.\" are " + strings.Join(spoken, ", "))
		}
	}
	if len(faults) == 0 {
		return sp, nil
	}
	slices.SortFunc(faults, func(a, b paging.Fault) int { return strings.Compare(a.Param, b.Param) })
	return sp, &problem.Error{Kind: problem.BadQuery, Says: faults[0].Param + ": " + faults[0].Says, Faults: faults}
}
