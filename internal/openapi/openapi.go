// Package openapi describes calls as OpenAPI 3.1: from what a service knows of each
// and from the Go types of their bodies and answers.
package openapi

import (
	"encoding/json"
	"fmt"
	"reflect"
	"strings"

	"github.com/invopop/jsonschema"

	"pageladder.example/internal/access"
	"pageladder.example/internal/problem"
	"pageladder.example/internal/sets"
	"pageladder.example/paging/code"
	"pageladder.example/paging/cursor"
	"pageladder.example/paging/query"
	"pageladder.example/paging/rulesfile"
)

// object is a JSON object of a description.
type object = map[string]any

// API is what a description says about the service, besides its calls.
type API struct {
	Version  string
	Server   string // address; "": the one of the request
	Cookie   string // of a session
	Problem  any    // a value of the type of problems
	Problems string // address below which each type of problem has its page
	Shapes   []string
}

// Call is one call of a service.
type Call struct {
	Name         string // unique, in camel case
	Method, Path string // ":set" stands for a part of the path
	Scope        access.Scope
	Public       bool // the same for every caller, who is not identified
	Role         access.Role
	Says         string // in one sentence
	Query        Query
	Body         any      // a value of its type; nil: none; "": a file
	Media        []string // types of the body
	Example      string   // of the body: on the demo data
	Answer       any      // a value of its type; nil: no JSON
	Shaped       bool     // it comes in every shape, and is not sent to a caller who has it
	Status       int      // of the answer
	Sends        []string // headers of the answer
	IfMatch      bool     // it takes If-Match
	Once         bool     // it takes Idempotency-Key
	Fails        []*problem.Kind
}

// Query is the kind of query parameters that a call has.
type Query int

// The kinds.
const (
	Nothing    Query = iota
	OfPage           // those of a list, and those that control the answer
	OfLinks          // those of a list, and those that control links
	OfList           // those of a list that is drawn
	OfListPage       // the same without the page, which is in the path
	OfPlace          // those of a list without the page
	OfRecords        // those of a list without page and size
	OfRecord         // one record's
	OfPurge          // of a record that is deleted
	OfImport
)

// Text stands for an answer of a media type that has no schema of its own.
type Text string

// Record stands for a record in bodies and answers: its fields are those of the set.
type Record map[string]any

// Describe describes calls. With a set, it names the set's own parameters and fields.
func Describe(api *API, calls []Call, set *sets.Set) map[string]any {
	d := &describer{api, object{}, &jsonschema.Reflector{Anonymous: true, Namer: named, AllowAdditionalProperties: true, Mapper: func(t reflect.Type) *jsonschema.Schema {
		if t == reflect.TypeFor[json.RawMessage]() {
			return &jsonschema.Schema{}
		}
		if t == reflect.TypeFor[code.Code]() {
			return &jsonschema.Schema{Type: "string", Enum: codes()}
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
		"info":     object{"title": title, "version": api.Version, "license": object{"name": "Page Ladder's own", "identifier": "LicenseRef-PageLadder"}, "description": "Record sets, page by page. Every error is application/problem+json, RFC 9457; its type leads to a page about it."},
		"servers":  []any{object{"url": server}},
		"paths":    paths,
		"security": []any{object{"token": []any{}}, object{"session": []any{}}, object{}},
		"components": object{"schemas": d.schemas, "headers": headers, "securitySchemes": object{
			"token":   object{"type": "http", "scheme": "bearer"},
			"session": object{"type": "apiKey", "in": "cookie", "name": api.Cookie},
		}},
	}
}

// named is the name of a type's schema; "": that of the type.
func named(t reflect.Type) string {
	switch t {
	case reflect.TypeFor[query.Pair]():
		return "Parameter"
	case reflect.TypeFor[cursor.Pair]():
		return "Cursors"
	}
	return ""
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
	call["responses"] = d.responses(r, set)
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
