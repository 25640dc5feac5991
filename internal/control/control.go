// Package control reads the parameters of a query that control the service: "pl.…".
package control

import (
	"fmt"
	"reflect"
	"slices"
	"strconv"
	"strings"

	"pageladder.example/internal/problem"
	"pageladder.example/internal/sets"
	"pageladder.example/paging"
	"pageladder.example/paging/answer"
	"pageladder.example/paging/code"
	"pageladder.example/paging/query"
	"pageladder.example/paging/rulesfile"
)

// Params are the parameters that control the service.
type Params struct {
	Base, Shape, Total string
	Prefix             string                // of the list's parameters
	Markup             rulesfile.MarkupStyle // "": none
	Facets, Parts      []string
	Explain            bool
	Version            int64 // 0: any
	MinVersion         sets.Floor
	// Repeated are the parameters of one value that are given more than once.
	Repeated []paging.Adjustment
}

var names = []string{"pl.base", "pl.explain", "pl.facets", "pl.markup", "pl.min_version", "pl.parts", rulesfile.PrefixParam, "pl.shape", "pl.total", "pl.version"}

// lists are those that have several values: with a comma between, given again, or both.
var lists = []string{"pl.facets", "pl.parts"}

// fragment are the parts that a piece of HTML can have.
var fragment = []string{"records", "paging", "adjusted", "sizes", "ladder", "form", "words"}

// Read reads the parameters of a query that begin with "pl."; a shape is one of some names. Of one that has a single
// value and is given more than once, the last one counts.
func Read(raw string, shapes []string) (sp Params, err error) {
	if !strings.Contains(raw, "pl") && !strings.Contains(raw, "%") {
		return sp, nil
	}
	var faults []paging.Fault
	all := map[string][]string{}
	for _, pair := range query.Pairs(raw) {
		if strings.HasPrefix(pair.Name, rulesfile.Aside) {
			all[pair.Name] = append(all[pair.Name], pair.Value)
		}
	}
	given := map[string]string{}
	for name, values := range all {
		given[name] = values[len(values)-1]
		if slices.Contains(lists, name) {
			given[name] = strings.Join(values, ",")
		}
	}
	for name, value := range given {
		if other := slices.IndexFunc(all[name], func(v string) bool { return v != value }); other >= 0 && !slices.Contains(lists, name) {
			sp.Repeated = append(sp.Repeated, paging.Adjustment{Param: name, Given: all[name][other], Used: value, Why: code.ParamRepeated, Says: name + " is given more than once and the last one counts."})
		}
		wrong := func(want string) {
			faults = append(faults, paging.Fault{Param: name, Given: value, Why: problem.WrongParam, Says: fmt.Sprintf("found %.200q; right would be %s.", value, want)})
		}
		switch name {
		case "pl.base":
			sp.Base = value
		case "pl.shape":
			sp.Shape = value
			if !slices.Contains(shapes, value) {
				wrong("one of " + strings.Join(shapes, ", "))
			}
		case "pl.markup":
			sp.Markup = rulesfile.MarkupStyle(value)
			if !slices.Contains(rulesfile.Words(reflect.TypeFor[rulesfile.MarkupStyle]()), value) {
				wrong("plain, bootstrap or classed")
			}
		case "pl.facets":
			sp.Facets = strings.Split(value, ",")
			if value == "" || len(sp.Facets) > 20 {
				wrong("1 to 20 fields that are filtered by, comma between")
			}
		case "pl.parts":
			sp.Parts = strings.Split(value, ",")
			switch _, err := answer.Parts(sp.Parts); {
			case given["pl.shape"] == "html" && given["pl.explain"] != "true":
				if slices.ContainsFunc(sp.Parts, func(part string) bool { return !slices.Contains(fragment, part) }) {
					wrong("some of " + strings.Join(fragment, ", ") + ", comma between, with pl.shape=html")
				}
			case err != nil || given["pl.shape"] != "" && given["pl.shape"] != answer.Native.Name() || given["pl.explain"] == "true":
				wrong("some of " + strings.Join(answer.PartNames(), ", ") + ", comma between, without another shape than html and without pl.explain")
			}
		case rulesfile.PrefixParam:
			sp.Prefix = value
			if !rulesfile.IsPrefix(value) {
				wrong(`a letter, up to 15 letters and digits, then ".", "_" or "-", such as "a."`)
			}
		case "pl.total":
			sp.Total = value
			if !slices.Contains(rulesfile.Words(reflect.TypeFor[paging.CountHow]()), value) {
				wrong("exact, at_least or none")
			}
		case "pl.explain":
			sp.Explain = value == "true"
			if value != "true" && value != "false" {
				wrong("true or false")
			}
		case "pl.min_version":
			var ok bool
			if sp.MinVersion, ok = sets.ParseFloor(value); !ok {
				wrong("a version of the set, or what the header Min-Version of an earlier answer had")
			}
		case "pl.version":
			n, err := strconv.ParseInt(value, 10, 64)
			if sp.Version = n; err != nil || n < 1 {
				wrong("the version of a set, a whole number from 1")
			}
		default:
			wrong("no such parameter: those that begin with \"pl.\" are " + strings.Join(names, ", "))
		}
	}
	if len(faults) == 0 {
		slices.SortFunc(sp.Repeated, func(a, b paging.Adjustment) int { return strings.Compare(a.Param, b.Param) })
		return sp, nil
	}
	slices.SortFunc(faults, func(a, b paging.Fault) int { return strings.Compare(a.Param, b.Param) })
	return sp, &problem.Error{Kind: problem.BadQuery, Says: faults[0].Param + ": " + faults[0].Says, Faults: faults}
}
