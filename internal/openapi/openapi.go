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
	"pageladder.example/paging/answer"
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

func anys[T any](list []T) []any {
	all := make([]any, len(list))
	for i, v := range list {
		all[i] = v
	}
	return all
}
