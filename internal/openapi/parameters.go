package openapi

import (
	"fmt"
	"reflect"
	"slices"
	"strings"

	"pageladder.example/api"
	"pageladder.example/internal/sets"
	"pageladder.example/paging"
	"pageladder.example/paging/answer"
	"pageladder.example/paging/cursor"
	"pageladder.example/paging/rulesfile"
	"pageladder.example/paging/value"
)

// asks are a call's query parameters: those of the set, if one is known.
func (d *describer) asks(r *Call, set *sets.Set) []any {
	query := func(name, says string, schema object) object {
		return object{"name": name, "in": "query", "schema": schema, "description": says}
	}
	text := object{"type": "string"}
	if r.Query == OfImport {
		var params []any
		for _, p := range [][2]string{{"name", "of the set; for a new one"}, {"label", "of the set"}, {"key", "the fields that identify a record, comma between"}, {"rules", "as JSON"},
			{"fixed", "the fixed filter"}, {"format", "csv, ndjson, json or xlsx, where Content-Type does not say"}, {"delimiter", "of CSV: one character, or comma, semicolon, tab or bar"},
			{"encoding", "of CSV: utf-8 or windows-1252"}, {"sheet", "of a workbook"}, {"decimal_comma", "true: numbers such as 1.234,50 are read"}, {"day_first", "true: dates such as 31.12.2026 are read, times of day as UTC"}, {"aside", "true: rows that could not be read are set aside; otherwise they refuse the file"},
			{"check", "true: nothing is kept"}, {"progress", "a name of 8 to 100 characters under which /api/imports reports its progress"}} {
			if p[0] == "name" && r.Method == "PUT" {
				continue
			}
			params = append(params, query(p[0], p[1], text))
		}
		return params
	}
	held := query("pl.version", "The version that the list is held at: paging.version of an earlier answer.", object{"type": "integer", "minimum": 1})
	floor := query(api.MinVersionParam, "The state below which nothing is shown, where there are replicas: a version, or the header Min-Version of an earlier answer.", text)
	prefix := query(rulesfile.PrefixParam, "Stands before the names of the list's parameters, for several lists on one page, such as a.", object{"type": "string", "pattern": "^[A-Za-z][A-Za-z0-9]{0,15}[._-]$"})
	switch r.Query {
	case Nothing:
		return nil
	case OfRecord:
		return []any{held, floor}
	case OfPurge:
		return []any{query("purge", "true: every trace of the record is deleted.", object{"type": "boolean"})}
	}
	var rules paging.Rules
	if set != nil {
		rules = set.Rules.Rules
	}
	rules = rules.Resolved()
	if set == nil { // those of a new set
		rules.Params.After, rules.Params.Before = "after", "before"
	}
	var params []any
	if r.Query == OfPage || r.Query == OfLinks || r.Query == OfList {
		if rules.Addressing != paging.ByCursor {
			params = append(params, query(rules.Params.Page+rules.Params.Offset, "The page's number, from 1, or the offset, from 0, as the rules address pages.", object{"type": "integer", "minimum": map[bool]int{true: 0, false: 1}[rules.Addressing == paging.ByOffset]}))
		}
		params = append(params, query(rules.Params.Row, "A row, from 1, whose page is asked for.", object{"type": "integer", "minimum": 1}))
	}
	if r.Query != OfRecords {
		size := object{"type": "integer", "minimum": 1}
		if set != nil {
			size["maximum"] = rules.Size.Cap
		}
		if rules.Size.All > 0 {
			size = object{"anyOf": []any{size, object{"type": "string", "enum": []any{"all"}}}}
		}
		params = append(params, query(rules.Params.Size+rules.Params.Limit, "Records to a page.", size))
	}
	if r.Query != OfPlace && r.Query != OfListPage {
		token := object{"type": "string", "maxLength": cursor.MaxBytes}
		if rules.Params.After != "" {
			params = append(params, query(rules.Params.After, "A cursor of an earlier answer: what follows it is read.", token))
		}
		if rules.Params.Before != "" {
			params = append(params, query(rules.Params.Before, "A cursor of an earlier answer: what precedes it is read.", token))
		}
	}
	sorts := object{"type": "array", "items": text}
	if set != nil {
		var keys []any
		for _, k := range rules.Sorts {
			keys = append(keys, k.Key, "-"+k.Key)
		}
		if keys != nil {
			sorts["items"] = object{"type": "string", "enum": keys}
		}
		sorts["maxItems"] = rules.MaxSortKeys
	}
	params = append(params, object{"name": rules.Params.Sort, "in": "query", "style": "form", "explode": false, "schema": sorts, "description": "Sort keys; a leading - is descending."})
	if set == nil {
		params = append(params, query("q", "Words that a record has, in sets whose rules offer a search.", text), held, floor, prefix)
		return append(params, d.controls(r, nil)...)
	}
	if len(rules.Search) > 0 {
		params = append(params, query(rules.Params.Search, "Words that a record has in "+strings.Join(rules.Search, ", ")+".", text))
	}
	if len(rules.Show) > 0 && r.Query != OfLinks && r.Query != OfPlace {
		params = append(params, object{"name": rules.Params.Fields, "in": "query", "style": "form", "explode": false,
			"schema": object{"type": "array", "items": object{"type": "string", "enum": anys(rules.Show)}}, "description": "Fewer fields than are shown."})
	}
	var filtered []any
	for i := range rules.Filters {
		f := &rules.Filters[i]
		filtered = append(filtered, f.Field)
		for _, op := range f.Operators {
			params = append(params, filter(f, op))
		}
	}
	return append(append(params, held, floor, prefix), d.controls(r, filtered)...)
}

// filter is the parameter of a filter. Values that are given again are alternatives.
func filter(f *paging.FilterRule, op paging.Operator) object {
	schema := valueSchema(f.Type)
	if f.Type == value.Time { // a date stands for the whole day
		schema = object{"anyOf": []any{schema, valueSchema(value.Date)}}
	}
	switch op {
	case paging.None:
		schema = object{"type": "boolean"}
	case paging.Min, paging.Max:
	default:
		schema = object{"type": "array", "items": schema}
	}
	return object{"name": f.ParamFor(op), "in": "query", "schema": schema, "description": fmt.Sprintf("Filter %s: %s.", f.Field, op)}
}

// controls are the parameters that control an answer; facets are counted of these fields, of any with nil.
func (d *describer) controls(r *Call, fields []any) []any {
	words := func(of any) object {
		return object{"type": "string", "enum": anys(rulesfile.Words(reflect.TypeOf(of)))}
	}
	var shapes []any
	for _, shape := range d.api.Shapes {
		if r.Query == OfPage || shape != "html" {
			shapes = append(shapes, shape)
		}
	}
	field := object{"type": "string"}
	if fields != nil {
		field["enum"] = fields
	}
	var all []any
	for _, c := range []struct {
		of     []Query
		name   string
		says   string
		schema object
	}{
		{[]Query{OfPage, OfRecords}, "shape", "The answer's shape, whatever Accept says. Another one than native has its own media type.", object{"type": "string", "enum": shapes}},
		{[]Query{OfPage}, "parts", "The members that the answer has, and no others; commas may stand between them.", object{"type": "array", "items": object{"type": "string", "enum": anys(answer.PartNames())}}},
		{[]Query{OfPage}, "facets", "Fields whose values are counted, each under the other filters; commas may stand between them.", object{"type": "array", "maxItems": 20, "items": field}},
		{[]Query{OfPage, OfLinks, OfList, OfListPage}, "base", "What links are built on: a path, a URL of one of the rules' origins, or a template of either (RFC 6570).", object{"type": "string"}},
		{[]Query{OfPage, OfLinks}, "markup", "Adds the ladder as HTML.", words(rulesfile.MarkupStyle(""))},
		{[]Query{OfPage, OfLinks}, "total", "How the total is found; it may lower what the rules say.", words(paging.CountHow(""))},
		{[]Query{OfPage}, "explain", "Adds how the page was found.", object{"type": "boolean"}},
	} {
		if slices.Contains(c.of, r.Query) {
			all = append(all, object{"name": rulesfile.Aside + c.name, "in": "query", "schema": c.schema, "description": c.says})
		}
	}
	return all
}
