// Package openapi describes calls as OpenAPI 3.1: from what a service knows of each
// and from the Go types of their bodies and answers.
package openapi

import (
	"encoding/json"
	"fmt"
	"reflect"
	"slices"
	"strconv"
	"strings"

	"github.com/invopop/jsonschema"

	"pageladder.example/internal/access"
	"pageladder.example/internal/problem"
	"pageladder.example/internal/sets"
	"pageladder.example/paging"
	"pageladder.example/paging/answer"
	"pageladder.example/paging/cursor"
	"pageladder.example/paging/rulesfile"
	"pageladder.example/paging/value"
)

// object is a JSON object of a description.
type object = map[string]any

// API is what a description says about the service, besides its calls.
type API struct {
	Version string
	Server  string          // address; "": the one of the request
	Cookie  string          // of a session
	Problem any             // a value of the type of problems
	Shapes  []Shape         // that pages are answered in
	Always  []*problem.Kind // problems of every call that is not open to everybody
}

// Shape is a form in which pages are sent.
type Shape struct {
	Name, MediaType string
	Records         Records // how its schema describes records
}

// Records are the ways in which a shape contains records.
type Records int

// The ways.
const (
	AsText   Records = iota // text that has no schema
	AsList                  // an array of them
	InAnswer                // the call's answer
)

// Call is one call of a service.
type Call struct {
	Name         string // unique, in camel case
	Method, Path string // ":set" stands for a part of the path
	Scope        access.Scope
	Role         access.Role
	Says         string // in one sentence
	Query        Query
	Body         any      // a value of its type; nil: none; "": a file
	Media        []string // types of the body
	Example      string   // of the body: on the demo data
	Answer       any      // a value of its type; nil: no JSON
	Shaped       bool     // it comes in every shape
	Status       int      // of the answer
	IfMatch      bool     // it takes If-Match
	Once         bool     // it takes Idempotency-Key
	Fails        []*problem.Kind
}

// Query is the kind of query parameters that a call has.
type Query int

// The kinds.
const (
	Nothing   Query = iota
	OfPage          // those of a list, and those that control the answer
	OfLinks         // those of a list
	OfPlace         // those of a list without the page
	OfRecords       // those of a list without page and size
	OfRecord        // one record's
	OfPurge         // of a record that is deleted
	OfImport
)

// Record stands for a record in bodies and answers: its fields are those of the set.
type Record map[string]any

// Describe describes calls. With a set, it names the set's own parameters and fields.
func Describe(api *API, calls []Call, set *sets.Set) map[string]any {
	d := &describer{api, object{}, &jsonschema.Reflector{Anonymous: true, AllowAdditionalProperties: true, Mapper: func(t reflect.Type) *jsonschema.Schema {
		if t == reflect.TypeFor[json.RawMessage]() {
			return &jsonschema.Schema{}
		}
		if words := rulesfile.Words(t); words != nil {
			return &jsonschema.Schema{Type: "string", Enum: anys(words)}
		}
		return nil
	}}}
	paths := object{}
	for i := range calls {
		call := &calls[i]
		path := Path(call.Path)
		if set != nil {
			path = strings.Replace(path, "{set}", set.Name, 1)
		}
		item, ok := paths[path].(object)
		if !ok {
			item = object{}
			paths[path] = item
		}
		item[strings.ToLower(call.Method)] = d.call(call, set)
	}
	title := "Page Ladder"
	if set != nil {
		title += ": " + set.Label
	}
	server := api.Server
	if server == "" {
		server = "/"
	}
	return object{
		"openapi":  "3.1.0",
		"info":     object{"title": title, "version": api.Version, "description": "Record sets, page by page. Every error is application/problem+json, RFC 9457; its type leads to a page about it."},
		"servers":  []any{object{"url": server}},
		"paths":    paths,
		"security": []any{object{"token": []any{}}, object{"session": []any{}}, object{}},
		"components": object{"schemas": d.schemas, "securitySchemes": object{
			"token":   object{"type": "http", "scheme": "bearer"},
			"session": object{"type": "apiKey", "in": "cookie", "name": api.Cookie},
		}},
	}
}

// describer collects the schemas that a description refers to.
type describer struct {
	api     *API
	schemas object
	reflect *jsonschema.Reflector
}

// Path writes ":set" as "{set}".
func Path(path string) string {
	parts := strings.Split(path, "/")
	for i, p := range parts {
		if strings.HasPrefix(p, ":") {
			parts[i] = "{" + p[1:] + "}"
		}
	}
	return strings.Join(parts, "/")
}

func (d *describer) call(r *Call, set *sets.Set) object {
	call := object{"summary": r.Says, "operationId": r.Name}
	if r.Scope != access.Everywhere {
		call["description"] = fmt.Sprintf("Takes a token of the role %s%s.", r.Role, map[access.Scope]string{access.ThisSet: " for the set, unless it is open and only read", access.AnySet: "", access.AllSets: " for all sets"}[r.Scope])
	}
	params := []any{}
	for part := range strings.SplitSeq(r.Path, "/") {
		if strings.HasPrefix(part, ":") && (set == nil || part != ":set") {
			params = append(params, object{"name": part[1:], "in": "path", "required": true, "schema": object{"type": "string"}, "description": pathSays[part[1:]], "example": pathExamples[part[1:]]})
		}
	}
	if r.Once {
		params = append(params, object{"name": "Idempotency-Key", "in": "header", "schema": object{"type": "string", "pattern": `^"[^"\\]{1,255}"$`}, "description": "Names the write: sent again within a day, it is answered as before and not done again."})
	}
	if r.IfMatch {
		params = append(params, object{"name": "If-Match", "in": "header", "required": true, "schema": object{"type": "string", "pattern": `^".+"$`}, "description": "The ETag that reading it gave."})
	}
	params = append(params, d.asks(r, set)...)
	if len(params) > 0 {
		call["parameters"] = params
	}
	if r.Media != nil {
		content := object{}
		for _, m := range r.Media {
			schema := d.schema(r.Body, set)
			if m == "multipart/form-data" {
				schema = object{"type": "object", "properties": object{"file": object{"type": "string", "contentMediaType": "application/octet-stream"}}, "required": []any{"file"},
					"description": "The same parameters as fields, before the file."}
			} else if r.Body == "" {
				schema = object{} // the file itself
			}
			content[m] = object{"schema": schema}
			if r.Example != "" && m == r.Media[0] {
				content[m] = object{"schema": schema, "example": exampleOf(m, r.Example)}
			}
		}
		call["requestBody"] = object{"required": true, "content": content}
	}
	described := object{"description": "Done."}
	switch {
	case r.Shaped:
		content := object{}
		for _, shape := range d.api.Shapes {
			schema := object{"type": "string"}
			switch shape.Records {
			case InAnswer:
				schema = d.schema(r.Answer, set)
				if set != nil && len(set.Rules.Envelope) > 0 {
					content[answer.NativeByName.MediaType()] = object{"schema": schema}
					schema = d.enveloped(set)
				}
			case AsList:
				schema = d.schema([]Record{}, set)
			}
			content[shape.MediaType] = object{"schema": schema}
		}
		described = object{"description": "The page.", "content": content}
	case r.Answer != nil:
		described = object{"description": "The answer.", "content": object{"application/json": object{"schema": d.schema(r.Answer, set)}}}
	}
	answers := object{strconv.Itoa(r.Status): described}
	byStatus := map[int][]string{}
	fails := r.Fails
	if r.Scope != access.Everywhere {
		fails = append(slices.Clone(fails), d.api.Always...)
	}
	for _, k := range fails {
		byStatus[k.Status] = append(byStatus[k.Status], k.Name)
	}
	for status, names := range byStatus {
		answers[strconv.Itoa(status)] = object{"description": strings.Join(names, ", "), "content": object{"application/problem+json": object{"schema": d.schema(d.api.Problem, nil)}}}
	}
	if r.Status == 201 && r.Query == OfImport {
		answers["200"] = object{"description": "The file was only checked.", "content": object{"application/json": object{"schema": d.schema(r.Answer, set)}}}
	}
	call["responses"] = answers
	return call
}

// exampleOf is a body as it stands in a description: JSON as JSON, anything else as text.
func exampleOf(mediaType, text string) any {
	var value any
	if strings.HasSuffix(mediaType, "json") && json.Unmarshal([]byte(text), &value) == nil {
		return value
	}
	return text
}

// pathExamples are values for paths, from the demo data.
var pathExamples = map[string]string{"set": "arrivals", "key": "138", "number": "3", "kind": "no-set", "source": "yard", "schema": "public", "table": "boats", "id": "1", "name": "my-import", "token": "LrD1AWFycml2YWxzCnNvcnQ9LXRvbm5hZ2Umc2l6ZT0yJnBhZ2U9Mw"}

var pathSays = map[string]string{
	"set": "The set's name.", "key": "The record's key: its parts, percent-encoded, a comma between.", "source": "The source's name.", "schema": "The schema that the table or view is in.", "table": "The name of the table or view.", "id": "The token's number.",
	"name": "What the caller named the import with progress.", "token": "The way back.", "number": "The page's number, from 1.", "kind": "The type's name.",
}

// schema is a type's schema, by reference if the type has a name.
func (d *describer) schema(of any, set *sets.Set) object {
	if _, ok := of.(Record); ok {
		return d.draft(set)
	}
	if _, ok := of.([]Record); ok {
		return object{"type": "array", "items": d.record(set)}
	}
	t := reflect.TypeOf(of)
	text, err := json.Marshal(d.reflect.ReflectFromType(t))
	if err != nil {
		panic(err) // schemas are JSON
	}
	var schema struct {
		Ref  string            `json:"$ref"`
		Defs map[string]object `json:"$defs"`
	}
	if err := json.Unmarshal([]byte(strings.ReplaceAll(string(text), "#/$defs/", "#/components/schemas/")), &schema); err != nil {
		panic(err)
	}
	for name, def := range schema.Defs {
		if name == "Field" || name == "FieldSample" {
			withOther(def)
		}
		anything(def)
		switch name {
		case "Answer":
			def["properties"].(object)["records"] = object{"type": "array", "items": d.record(set)}
		case "RecordAnswer":
			def["properties"].(object)["record"] = orNull(d.record(set))
		}
		if known, ok := d.schemas[name]; ok && !reflect.DeepEqual(known, def) {
			panic("two types of the API are called " + name)
		}
		d.schemas[name] = def
	}
	return object{"$ref": schema.Ref}
}

// anything writes schemas that allow any value as {}: not every generator of clients reads true.
func anything(def object) {
	for name, inner := range def {
		switch inner := inner.(type) {
		case object:
			if name == "properties" {
				for property, schema := range inner {
					if schema == true {
						inner[property] = object{}
					}
				}
			}
			anything(inner)
		case bool:
			if name == "items" && inner {
				def[name] = object{}
			}
		}
	}
}

// orNull is a schema that allows null, too.
func orNull(schema object) object {
	if kind, ok := schema["type"].(string); ok {
		schema["type"] = []any{kind, "null"}
	}
	return schema
}

// enveloped is the schema of a page in the envelope of a set's rules. Its parts are those of the
// native answer, which is described already.
func (d *describer) enveloped(set *sets.Set) object {
	part := func(name string) object {
		for _, whole := range []string{"Metadata", "Steps", "Answer"} {
			def, _ := d.schemas[whole].(object)
			properties, _ := def["properties"].(object)
			if schema, ok := properties[name]; ok {
				required, _ := def["required"].([]any)
				if !slices.Contains(required, any(name)) {
					return object{"anyOf": []any{schema, object{"type": "null"}}}
				}
				return schema.(object)
			}
		}
		panic("no part of an answer is named " + name) // a test names all
	}
	root := object{"type": "object", "properties": object{}, "required": []any{}}
	for name, tokens := range set.Rules.Envelope.Places() {
		at := root
		for i, token := range tokens {
			properties := at["properties"].(object)
			below, ok := properties[token].(object)
			switch {
			case ok:
			case i < len(tokens)-1:
				below = object{"type": "object", "properties": object{}, "required": []any{}}
			case name == "records":
				below = object{"type": "array", "items": d.record(set)}
			default:
				below = part(name)
			}
			if !ok {
				properties[token] = below
				at["required"] = append(at["required"].([]any), token)
			}
			at = below
		}
	}
	return root
}

// withOther adds the type "other" to the types of a field: columns that are shown as they are.
func withOther(field object) {
	if properties, ok := field["properties"].(object); ok {
		if typ, ok := properties["type"].(object); ok {
			if words, ok := typ["enum"].([]any); ok {
				typ["enum"] = append(words, "other")
			}
		}
	}
}

// record is the schema of a set's records in answers. Where callers cannot choose fields, each is there.
func (d *describer) record(set *sets.Set) object {
	if set == nil {
		return object{"type": "object", "description": "A record: a value for each field that the set shows."}
	}
	properties, names := object{}, []any{}
	for _, f := range set.Shown() {
		schema := valueSchema(f.Type)
		schema["description"] = f.Label
		if !slices.Contains(set.Rules.Key, f.Name) {
			schema = orNull(schema)
		}
		properties[f.Name] = schema
		names = append(names, f.Name)
	}
	record := object{"type": "object", "properties": properties}
	if len(set.Rules.Show) == 0 {
		record["required"] = names
	}
	return record
}

// draft is the schema of a record in a body: what is left out is missing or, of a change, stays as it is.
func (d *describer) draft(set *sets.Set) object {
	record := d.record(set)
	delete(record, "required")
	return record
}

// valueSchema is the schema of a field's values as JSON.
func valueSchema(t value.Type) object {
	switch t {
	case value.Integer:
		return object{"type": "integer", "minimum": -9007199254740991, "maximum": 9007199254740991}
	case value.Decimal:
		return object{"type": "number"}
	case value.Boolean:
		return object{"type": "boolean"}
	case value.Date:
		return object{"type": "string", "format": "date"}
	case value.Time:
		return object{"type": "string", "format": "date-time"}
	case value.BigInteger, value.BigDecimal:
		return object{"type": "string", "pattern": `^-?[0-9]+(\.[0-9]+)?$`}
	case value.JSON:
		return object{}
	}
	return object{"type": "string"}
}

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
	switch r.Query {
	case Nothing:
		return nil
	case OfRecord:
		return []any{held}
	case OfPurge:
		return []any{query("purge", "true: every trace of the record is deleted.", object{"type": "boolean"})}
	}
	var rules paging.Rules
	if set != nil {
		rules = set.Rules.Rules
	}
	rules = rules.Resolved()
	var params []any
	if r.Query == OfPage || r.Query == OfLinks {
		if rules.Addressing != paging.ByCursor {
			params = append(params, query(rules.Params.Page+rules.Params.Offset, "The page's number, from 1, or the offset, from 0, as the rules address pages.", object{"type": "integer", "minimum": map[bool]int{true: 0, false: 1}[rules.Addressing == paging.ByOffset]}))
		}
		params = append(params, query(rules.Params.Row, "A row, from 1, whose page is asked for.", object{"type": "integer", "minimum": 1}))
	}
	if r.Query != OfRecords {
		size := object{"type": "integer", "minimum": 1, "maximum": rules.Size.Cap}
		if rules.Size.All > 0 {
			size = object{"anyOf": []any{size, object{"type": "string", "enum": []any{"all"}}}}
		}
		params = append(params, query(rules.Params.Size+rules.Params.Limit, "Records to a page.", size))
	}
	if r.Query != OfPlace {
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
		params = append(params, query("q", "Words that a record has, in sets whose rules offer a search.", text), held)
		return append(params, d.controls(r, nil)...)
	}
	if len(rules.Search) > 0 {
		params = append(params, query(rules.Params.Search, "Words that a record has in "+strings.Join(rules.Search, ", ")+".", text))
	}
	if len(rules.Show) > 0 {
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
	return append(append(params, held), d.controls(r, filtered)...)
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
	control := func(name, says string, schema object) object {
		return object{"name": "pl." + name, "in": "query", "schema": schema, "description": says}
	}
	var shapes []any
	for _, shape := range d.api.Shapes {
		if r.Query == OfPage || shape.Name != "html" {
			shapes = append(shapes, shape.Name)
		}
	}
	shape := control("shape", "The answer's shape, whatever Accept says.", object{"type": "string", "enum": shapes})
	switch r.Query {
	case OfRecords:
		return []any{shape}
	case OfPage:
	default:
		return nil
	}
	field := object{"type": "string"}
	if fields != nil {
		field["enum"] = fields
	}
	return []any{shape,
		control("parts", "The members that the answer has, and no others; commas may stand between them.", object{"type": "array", "items": object{"type": "string", "enum": anys(answer.PartNames())}}),
		control("facets", "Fields whose values are counted, each under the other filters; commas may stand between them.", object{"type": "array", "maxItems": 20, "items": field}),
		control("base", "What links are built on: a path, a URL of one of the rules' origins, or a template of either (RFC 6570).", object{"type": "string"}),
		control("markup", "Adds the ladder as HTML.", words(rulesfile.MarkupStyle(""))),
		control("total", "How the total is found; it may lower what the rules say.", words(paging.CountHow(""))),
		control("explain", "Adds how the page was found.", object{"type": "boolean"}),
	}
}

func anys[T any](list []T) []any {
	all := make([]any, len(list))
	for i, v := range list {
		all[i] = v
	}
	return all
}
