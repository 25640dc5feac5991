package service_test

import (
	"encoding/json"
	"net/http"
	"strings"
	"testing"

	"github.com/getkin/kin-openapi/openapi3"
	"github.com/getkin/kin-openapi/openapi3filter"
	"github.com/getkin/kin-openapi/routers"
	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"pageladder.example/client"
	"pageladder.example/internal/sets"
	"pageladder.example/internal/testkit"
	"pageladder.example/paging/envelope"
)

// A set whose rules have an envelope answers in it, except to callers who ask for the native
// shape, as the client does. The set's description says both.
func TestASetAnswersInItsEnvelope(t *testing.T) {
	store := testkit.Harbour(t)
	at := testkit.ServeStore(t, store)
	_, err := store.Configure(t.Context(), "arrivals", func(s *sets.Settings) error {
		s.Rules.Envelope = envelope.Envelope{"records": "/data", "total_items": "/meta/total", "page": "/meta/page", "next": "/links/next", "prev": "/links/prev", "ladder": "/links/pages", "markup": "/meta/html", "facets": "/meta/values"}
		return nil
	})
	require.NoError(t, err)
	const path = "/api/sets/arrivals/records"
	mapped := func(query string) (tag string, answer struct {
		Data  []map[string]any
		Meta  map[string]any
		Links map[string]any
	}) {
		res, body := send(t, "GET", at+path+query, sent{})
		require.Equal(t, 200, res.StatusCode, body)
		assert.Equal(t, "application/json", res.Header.Get("Content-Type"))
		dec := json.NewDecoder(strings.NewReader(body))
		dec.DisallowUnknownFields()
		require.NoError(t, dec.Decode(&answer), body)
		return res.Header.Get("ETag"), answer
	}
	native := func(query string, headers map[string]string) string {
		res, body := send(t, "GET", at+path+query, sent{headers: headers})
		require.Equal(t, 200, res.StatusCode, body)
		assert.Contains(t, body, `{"records":[`)
		assert.Contains(t, body, `"total_items":347`)
		return res.Header.Get("ETag")
	}
	for range 2 { // built, and remembered
		tag, answer := mapped("?page=2")
		assert.Len(t, answer.Data, 20)
		assert.Equal(t, map[string]any{"total": 347., "page": 2., "html": nil, "values": nil}, answer.Meta)
		assert.Equal(t, path+"?page=3", answer.Links["next"])
		assert.Len(t, answer.Links["pages"], 9)
		other := native("?page=2", map[string]string{"Accept": "application/json;shape=native"})
		assert.NotEqual(t, tag, other)
		native("?page=2&pl.shape=native", nil)
	}
	res, _ := send(t, "GET", at+path+"?page=99", sent{})
	assert.Equal(t, `"page";given="99";used="18";why="page.past_last"`, res.Header.Get("Adjusted"), "the envelope has no room for it")
	res, _ = send(t, "GET", at+path+"?page=99&pl.parts=adjusted", sent{})
	assert.Empty(t, res.Header.Get("Adjusted"))
	_, last := mapped("?page=99&pl.facets=berth&pl.markup=plain")
	assert.Nil(t, last.Links["next"])
	assert.Contains(t, last.Meta["html"], "<nav")
	assert.Contains(t, last.Meta["values"], "berth")
	caller, err := client.New(at)
	require.NoError(t, err)
	page, err := caller.Page(t.Context(), "arrivals", "page=2")
	require.NoError(t, err)
	assert.Len(t, page.Records, 20)

	_, text := send(t, "GET", at+"/api/sets/arrivals/openapi.json", sent{})
	doc, err := openapi3.NewLoader().LoadFromData([]byte(text))
	require.NoError(t, err)
	require.NoError(t, doc.Validate(t.Context()))
	item := doc.Paths.Find("/api/sets/arrivals/records")
	req, err := http.NewRequestWithContext(t.Context(), "GET", at+path, nil)
	require.NoError(t, err)
	res, body := send(t, "GET", at+path, sent{})
	answered := &openapi3filter.ResponseValidationInput{Status: 200, Header: res.Header, RequestValidationInput: &openapi3filter.RequestValidationInput{Request: req,
		Route: &routers.Route{Spec: doc, PathItem: item, Operation: item.Get, Method: "GET", Path: path}}}
	assert.NoError(t, openapi3filter.ValidateResponse(t.Context(), answered.SetBodyBytes([]byte(body))))
	assert.Error(t, openapi3filter.ValidateResponse(t.Context(), answered.SetBodyBytes([]byte(`{"data":[]}`))))

	for query, want := range map[string]string{
		"?pl.parts=paging,records&size=1&page=3": `^\{"records":\[\{[^]]+\}\],"paging":\{"page":3,[^}]*\}\}\n$`,
		"?pl.parts=facets&pl.facets=cleared":     `^\{"facets":\{"cleared":\[.*\]\}\}\n$`,
	} {
		res, body := send(t, "GET", at+path+query, sent{})
		require.Equal(t, 200, res.StatusCode, body)
		assert.Regexp(t, want, body)
	}
	for _, wrong := range []string{"made", "", "records,", "records&pl.shape=csv", "records&pl.explain=true"} {
		res, body := send(t, "GET", at+path+"?pl.parts="+wrong, sent{})
		assert.Equal(t, 400, res.StatusCode, wrong)
		assert.Contains(t, body, `"pl.parts"`)
	}
	res, body = send(t, "GET", at+"/api/sets/arrivals/rules", sent{})
	assert.Contains(t, body, `"envelope"`)
	res, body = send(t, "PUT", at+"/api/sets/arrivals/rules", sent{headers: map[string]string{"If-Match": res.Header.Get("ETag"), "Content-Type": "application/json"},
		body: `{"key":["id"],"envelope":{"page":"/meta","size":"/meta/size","total":"/x"}}`})
	assert.Equal(t, 422, res.StatusCode)
	assert.Contains(t, body, `"envelope.size"`)
	assert.Contains(t, body, `"envelope.total"`)
}
