package service_test

import (
	"encoding/json"
	"fmt"
	"net/http"
	"net/url"
	"strings"
	"testing"

	"github.com/getkin/kin-openapi/openapi3"
	"github.com/getkin/kin-openapi/openapi3filter"
	"github.com/getkin/kin-openapi/routers"
	"github.com/jackc/pgx/v5"
	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"pageladder.example/internal/testkit"
)

func TestDescriptionDescribesWhatIsAnswered(t *testing.T) {
	store := testkit.Harbour(t)
	at := testkit.ServeStore(t, store)
	for _, path := range []string{"/openapi.json", "/api/sets/arrivals/openapi.json"} {
		_, text := send(t, "GET", at+path, sent{})
		doc, err := openapi3.NewLoader().LoadFromData([]byte(text))
		require.NoError(t, err)
		require.NoError(t, doc.Validate(t.Context()), path)
		check := func(method, template, path string, s sent, status int, params map[string]string) {
			t.Helper()
			item := doc.Paths.Find(template)
			require.NotNil(t, item, template)
			operation := item.GetOperation(method)
			require.NotNil(t, operation, template)
			req, err := http.NewRequestWithContext(t.Context(), method, at+path, strings.NewReader(s.body))
			require.NoError(t, err)
			for name, value := range s.headers {
				req.Header.Set(name, value)
			}
			input := &openapi3filter.RequestValidationInput{Request: req, PathParams: params,
				Route:   &routers.Route{Spec: doc, PathItem: item, Operation: operation, Method: method, Path: template},
				Options: &openapi3filter.Options{AuthenticationFunc: openapi3filter.NoopAuthenticationFunc, IncludeResponseStatus: true}}
			if status < 400 {
				require.NoError(t, openapi3filter.ValidateRequest(t.Context(), input), "%s %s", method, path)
			}
			res, body := send(t, method, at+path, s)
			require.Equal(t, status, res.StatusCode, body)
			answered := &openapi3filter.ResponseValidationInput{RequestValidationInput: input, Status: res.StatusCode, Header: res.Header, Options: input.Options}
			assert.NoError(t, openapi3filter.ValidateResponse(t.Context(), answered.SetBodyBytes([]byte(body))), "%s %s\n%.300s", method, path, body)
		}
		set, list := map[string]string{"set": "arrivals"}, "/api/sets/{set}"
		if path != "/openapi.json" {
			set, list = map[string]string{}, "/api/sets/arrivals"
		}
		with := func(name, value string) map[string]string {
			all := map[string]string{name: value}
			for k, v := range set {
				all[k] = v
			}
			return all
		}
		check("GET", list+"/records", "/api/sets/arrivals/records?page=3&size=20&sort=-tonnage,vessel&q=gull", sent{}, 200, set)
		check("GET", list+"/records", "/api/sets/arrivals/records?page=3&pl.markup=plain&pl.facets=berth&pl.explain=true", sent{}, 200, set)
		check("GET", list+"/records", "/api/sets/arrivals/records?tonnage=heavy", sent{}, 400, set)
		check("GET", list+"/records/{key}", "/api/sets/arrivals/records/138", sent{}, 200, with("key", "138"))
		check("GET", list+"/records/{key}", "/api/sets/arrivals/records/0", sent{}, 404, with("key", "0"))
		check("GET", list+"/records/{key}/place", "/api/sets/arrivals/records/138/place?sort=vessel", sent{}, 200, with("key", "138"))
		check("GET", list+"/ladder", "/api/sets/arrivals/ladder?page=2", sent{}, 200, set)
		check("GET", list, "/api/sets/arrivals", sent{}, 200, set)
		check("PATCH", list, "/api/sets/arrivals", inJSON("", `{"label":"Arrivals"}`), 200, set)
		check("GET", list+"/rules", "/api/sets/arrivals/rules", sent{}, 200, set)
		if path != "/openapi.json" {
			assert.Contains(t, text, `"enum":["id","-id","vessel","-vessel"`)
			assert.Contains(t, text, `"name":"tonnage.min"`)
			assert.Contains(t, text, `"maximum":100`)
			continue
		}
		check("GET", "/api/sets", "/api/sets", sent{}, 200, nil)
		check("POST", "/api/sets", "/api/sets?check=true", inCSV("a\n1\n"), 200, nil)
		check("POST", "/api/sets", "/api/sets?name=checked", inCSV("a\n1\n"), 201, nil)
		check("POST", "/api/reckon", "/api/reckon", inJSON("", `{"query":"page=3","total":168}`), 200, nil)
		check("POST", "/api/cut", "/api/cut", inJSON("", `{"query":"page=1","records":[1,2]}`), 200, nil)
		check("GET", "/api/session", "/api/session", sent{}, 200, nil)
		check("GET", "/healthz", "/healthz", sent{}, 200, nil)
		check("POST", "/api/tokens", "/api/tokens", inJSON("", `{"label":"x","role":"wizard"}`), 422, nil)
		check("GET", "/api/tokens", "/api/tokens", sent{}, 200, nil)
	}
}

// Clients are generated of the descriptions: there is no schema that their generators do not read, each parameter that
// controls an answer is typed, and each call has a name of its own.
func TestDescriptionsMakeTypedClients(t *testing.T) {
	at := testkit.ServeStore(t, testkit.Harbour(t))
	for _, path := range []string{"/openapi.json", "/api/sets/arrivals/openapi.json"} {
		_, text := send(t, "GET", at+path, sent{})
		var description map[string]any
		require.NoError(t, json.Unmarshal([]byte(text), &description))
		assert.Empty(t, booleanSchemas(description, ""), path)
		doc, err := openapi3.NewLoader().LoadFromData([]byte(text))
		require.NoError(t, err)
		names := map[string]bool{}
		for _, item := range doc.Paths.Map() {
			for _, operation := range item.Operations() {
				assert.Regexp(t, "^[a-z]+([A-Z][a-z]+)*$", operation.OperationID)
				assert.False(t, names[operation.OperationID], "two calls are named %s", operation.OperationID)
				names[operation.OperationID] = true
			}
		}
		list := doc.Paths.Find("/api/sets/arrivals/records")
		if path == "/openapi.json" {
			list = doc.Paths.Find("/api/sets/{set}/records")
		}
		for _, name := range []string{"base", "explain", "facets", "markup", "parts", "shape", "total", "version"} {
			p := list.Get.Parameters.GetByInAndName("query", "pl."+name)
			require.NotNil(t, p, "%s: pl.%s", path, name)
			assert.False(t, p.Schema.Value.IsEmpty(), name)
		}
		names = map[string]bool{}
		for path, item := range doc.Paths.Map() {
			if item.Get != nil {
				for _, p := range item.Get.Parameters {
					names[path[strings.LastIndex(path, "/")+1:]+" "+p.Value.Name] = true
				}
			}
		}
		for name, is := range map[string]bool{"all after": true, "all before": true, "all size": false, "all pl.shape": true, "place size": true, "place page": false, "place after": false, "place pl.shape": false,
			"ladder pl.base": true, "ladder pl.total": true, "ladder pl.facets": false, "{number} page": false, "{number} pl.base": true, "records pl.prefix": true} {
			assert.Equal(t, is, names[name], "%s: %s", path, name)
		}
		records := doc.Components.Schemas["Answer"].Value.Properties["records"].Value
		assert.True(t, records.Type.Is("array"))
		if path != "/openapi.json" {
			fields := records.Items.Value.Properties
			assert.False(t, fields["id"].Value.Type.Permits("null"), "a key is never missing")
			assert.True(t, fields["tonnage"].Value.Type.Permits("null"))
			assert.True(t, list.Get.Parameters.GetByInAndName("query", "berth").Schema.Value.Type.Is("array"), "one of several values")
		}
	}
}

// booleanSchemas are the places of schemas that are true or false.
func booleanSchemas(v any, at string) (all []string) {
	switch v := v.(type) {
	case map[string]any:
		for name, inner := range v {
			_, is := inner.(bool)
			if is && (name == "items" || strings.HasSuffix(at, "/properties")) {
				all = append(all, at+"/"+name)
			}
			all = append(all, booleanSchemas(inner, at+"/"+name)...)
		}
	case []any:
		for _, inner := range v {
			all = append(all, booleanSchemas(inner, at)...)
		}
	}
	return all
}

func TestEveryDocumentedExampleIsRightAndAnswered(t *testing.T) {
	_, reader := sourceOf(t)
	store := testkit.Harbour(t)
	require.NoError(t, store.AddSource("yard", reader))
	at := testkit.ServeStore(t, store)
	_, text := send(t, "GET", at+"/openapi.json", sent{})
	doc, err := openapi3.NewLoader().LoadFromData([]byte(text))
	require.NoError(t, err)
	sentExamples := 0
	try := func(method, template string) {
		item := doc.Paths.Find(template)
		operation := item.GetOperation(method)
		path, params, s := template, map[string]string{}, sent{headers: map[string]string{}}
		for _, p := range operation.Parameters {
			if p.Value.In == "path" {
				params[p.Value.Name] = p.Value.Example.(string)
				path = strings.Replace(path, "{"+p.Value.Name+"}", p.Value.Example.(string), 1)
			}
		}
		read := strings.TrimSuffix(path, "/withdraw")
		if operation.Parameters.GetByInAndName("header", "If-Match") != nil {
			res, _ := send(t, "GET", at+read, sent{})
			s.headers["If-Match"] = res.Header.Get("ETag")
		}
		if template == "/api/sets" && method == "POST" {
			path += "?name=boats_too"
		}
		if operation.RequestBody != nil {
			for mediaType, content := range operation.RequestBody.Value.Content {
				if content.Example != nil {
					s.headers["Content-Type"], s.body = mediaType, fmt.Sprint(content.Example)
					if strings.HasSuffix(mediaType, "json") {
						body, err := json.Marshal(content.Example)
						require.NoError(t, err)
						s.body = string(body)
					}
				}
			}
			require.NotEmpty(t, s.body, "%s %s has an example", method, template)
		}
		req, err := http.NewRequestWithContext(t.Context(), method, at+path, strings.NewReader(s.body))
		require.NoError(t, err)
		for name, value := range s.headers {
			req.Header.Set(name, value)
		}
		input := &openapi3filter.RequestValidationInput{Request: req, PathParams: params, Route: &routers.Route{Spec: doc, PathItem: item, Operation: operation, Method: method, Path: template},
			Options: &openapi3filter.Options{AuthenticationFunc: openapi3filter.NoopAuthenticationFunc, IncludeResponseStatus: true}}
		if s.headers["Content-Type"] != "text/csv" { // has no schema
			require.NoError(t, openapi3filter.ValidateRequest(t.Context(), input), "%s %s", method, path)
		}
		res, body := send(t, method, at+path, s)
		require.Less(t, res.StatusCode, 500, "%s %s: %s", method, path, body)
		if answer := operation.Responses.Status(res.StatusCode); assert.NotNil(t, answer, "%s %s: %d", method, path, res.StatusCode) {
			for name := range doc.Components.Headers {
				if name != "X-Request-Id" && res.Header.Get(name) != "" {
					assert.Contains(t, answer.Value.Headers, name, "%s %s: %d", method, path, res.StatusCode)
				}
			}
		}
		if template != "/api/session" && template != "/api/imports/{name}" && template != "/api/tokens/{id}" { // their examples stand for secrets and numbers
			require.Less(t, res.StatusCode, 400, "%s %s: %s", method, path, body)
		}
		if mediaType := res.Header.Get("Content-Type"); strings.HasPrefix(mediaType, "application/json") || strings.HasPrefix(mediaType, "application/problem") {
			answered := &openapi3filter.ResponseValidationInput{RequestValidationInput: input, Status: res.StatusCode, Header: res.Header, Options: input.Options}
			require.NoError(t, openapi3filter.ValidateResponse(t.Context(), answered.SetBodyBytes([]byte(body))), "%s %s\n%.500s", method, path, body)
		}
		sentExamples++
	}
	for _, method := range []string{"GET", "PATCH", "POST", "PUT", "DELETE"} { // what is created or changed last is not read again
		for _, template := range doc.Paths.InMatchingOrder() {
			switch {
			case doc.Paths.Find(template).GetOperation(method) == nil, template == "/api/tokens", template == "/api/tokens/{id}", strings.HasSuffix(template, "/restore"),
				method == "DELETE" && template == "/api/sets/{set}", method == "PUT" && template == "/api/sets/{set}/records": // below, in an order
			default:
				try(method, template)
				if strings.HasSuffix(template, "/withdraw") {
					try(method, strings.Replace(template, "/withdraw", "/restore", 1))
				}
			}
		}
	}
	try("PUT", "/api/sets/{set}/records")
	try("DELETE", "/api/sets/{set}")
	try("GET", "/api/tokens")
	try("POST", "/api/tokens")
	try("DELETE", "/api/tokens/{id}") // may be the one that all of this is called with
	assert.Greater(t, sentExamples, 35)
}

// sourceOf makes a database with a table, and a role that may read it.
func sourceOf(t *testing.T) (owner, reader string) {
	owner = testkit.DatabaseURL(t)
	conn, err := pgx.Connect(t.Context(), owner)
	require.NoError(t, err)
	defer conn.Close(t.Context())
	u, err := url.Parse(owner)
	require.NoError(t, err)
	role := "reader_" + u.Path[1:]
	_, err = conn.Exec(t.Context(), `create table boats (no int, name text); insert into boats values (1, 'Gull'), (2, 'Tern');
		create role `+role+` login password 'x'; grant select on boats to `+role)
	require.NoError(t, err)
	u.User = url.UserPassword(role, "x")
	return owner, u.String()
}
