package service_test

import (
	"encoding/json"
	"net/http"
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"pageladder.example/api"
	"pageladder.example/internal/testkit"
	"pageladder.example/paging/answer"
	"pageladder.example/paging/markup"
	"pageladder.example/paging/query"
)

// inputOf is the input of a parameter.
func inputOf(t *testing.T, form *markup.FilterForm, param string) markup.Input {
	require.NotNil(t, form)
	for _, in := range form.Params {
		if in.Param == param {
			return in
		}
	}
	require.Fail(t, "the form has no input for "+param)
	return markup.Input{}
}

// What a page needs besides its records comes as data, in the caller's language.
func TestAnAnswerHasItsFormAndWords(t *testing.T) {
	at := testkit.Serve(t)
	const records = "/api/sets/arrivals/records?berth=N4&tonnage.min=500&size=7&page=2&colour=red&pl.facets=berth,cleared"
	of := func(more string) answer.About {
		res, text := send(t, http.MethodGet, at+records+more, sent{headers: map[string]string{"Accept-Language": "de"}})
		require.Equal(t, http.StatusOK, res.StatusCode, text)
		var a answer.About
		require.NoError(t, json.Unmarshal([]byte(text), &a))
		return a
	}
	plain := of("")
	assert.Nil(t, plain.Form)
	assert.Nil(t, plain.Words)

	a := of("&pl.parts=form,words,ladder")
	assert.Equal(t, "/api/sets/arrivals/records", a.Form.Action)
	assert.Equal(t, "Suche", a.Form.Search.Label)
	berth := inputOf(t, a.Form, "berth")
	assert.Equal(t, []string{"N4"}, berth.Values)
	assert.Contains(t, berth.Choices, "E4", "of the facets")
	assert.Equal(t, "Tonnage ab", inputOf(t, a.Form, "tonnage.min").Label)
	assert.Equal(t, []string{"ja", "nein"}, inputOf(t, a.Form, "cleared").Names)
	assert.Equal(t, []query.Pair{{Name: "size", Value: "7"}, {Name: "colour", Value: "red"}}, a.Form.Keep)
	assert.Equal(t, []string{"page", "row", "after", "before"}, a.Form.Drop)
	require.Len(t, a.Form.InForce, 2)
	assert.Equal(t, markup.InForce{Param: "tonnage.min", Label: "Tonnage ab: 500", Href: "/api/sets/arrivals/records?berth=N4&size=7&colour=red"}, a.Form.InForce[1])
	require.Len(t, a.Words.Rungs, len(a.Ladder))
	assert.Equal(t, "de Zurück Seite 1 Vessel", a.Words.Lang+" "+a.Words.Previous+" "+a.Words.Rungs[0]+" "+a.Words.Fields["vessel"])

	res, text := send(t, http.MethodGet, at+records+"&pl.parts=form,links", sent{headers: map[string]string{"Accept": "text/html,*/*;q=0.8"}})
	assert.Equal(t, "application/json", res.Header.Get("Content-Type"), "a browser")
	assert.Contains(t, text, `"links":{"self":`)
	elsewhere := of("&pl.parts=form&pl.base=/boats?tab=1").Form
	assert.Equal(t, "/boats", elsewhere.Action)
	assert.Equal(t, query.Pair{Name: "tab", Value: "1"}, elsewhere.Keep[0])
	assert.Equal(t, "/boats?tab=1&tonnage.min=500&size=7&colour=red", elsewhere.InForce[0].Href)
}

// A typo in a filter does not empty the page: the refusal has the form as it was filled in, and its sizes and sorts
// lead to the list without the typo.
func TestARefusalHasTheForm(t *testing.T) {
	at := testkit.Serve(t)
	for _, c := range []struct{ query, param, typed, href string }{
		{"berth=N4&tonnage.min=heavy&page=3", "tonnage.min", "heavy", "?berth=N4&size=10&page=1"},
		{"tonnage.min=heavy&arrived_at.max=noon", "arrived_at.max", "noon", "?size=10&page=1"},
		{"tonnage=many&pl.base=/boats&pl.version=1", "tonnage", "many", "?size=10&page=1"},
	} {
		res, text := send(t, http.MethodGet, at+"/api/sets/arrivals/records?"+c.query, sent{})
		require.Equal(t, http.StatusBadRequest, res.StatusCode, text)
		var p api.Problem
		require.NoError(t, json.Unmarshal([]byte(text), &p))
		in := inputOf(t, p.Form, c.param)
		assert.Equal(t, []string{c.typed}, in.Values)
		assert.NotEmpty(t, in.Fault)
		require.NotEmpty(t, p.Sizes)
		assert.Equal(t, p.Form.Action+c.href, p.Sizes[0].Href)
		require.NotEmpty(t, p.Sorts)
		if p.Form.Action == "/boats" {
			continue
		}
		for _, sort := range p.Sorts {
			res, text := send(t, http.MethodGet, at+sort.Href, sent{})
			assert.Equal(t, http.StatusOK, res.StatusCode, text)
		}
	}
	_, text := send(t, http.MethodGet, at+"/api/sets/arrivals/records?tonnage=many&pl.parts=records,words", sent{headers: map[string]string{"Accept-Language": "de"}})
	var p api.Problem
	require.NoError(t, json.Unmarshal([]byte(text), &p))
	require.NotNil(t, p.Words, "words come with a refusal too, where they are asked for")
	assert.Equal(t, []string{"Anzeigen", "Vessel", ""}, []string{p.Words.Show, p.Words.Fields["vessel"], p.Words.Summary})
	_, text = send(t, http.MethodGet, at+"/api/sets/arrivals/records?tonnage=many", sent{})
	assert.NotContains(t, text, `"words"`)
	_, text = send(t, http.MethodGet, at+"/api/sets/arrivals/records/all?tonnage=many", sent{})
	assert.NotContains(t, text, `"form"`, "where no page is asked for")
}

// The element and its style may be loaded by pages of any origin, whoever may call the API.
func TestAnyPageMayLoadTheElement(t *testing.T) {
	at := testkit.Serve(t)
	for path, kind := range map[string]string{"/element.js": "text/javascript", "/ladder.css": "text/css"} {
		res, text := send(t, http.MethodGet, at+path, sent{token: nobody, headers: map[string]string{"Origin": "https://quay.example"}})
		require.Equal(t, http.StatusOK, res.StatusCode, text)
		assert.Contains(t, text, "page-ladder")
		assert.Contains(t, res.Header.Get("Content-Type"), kind)
		assert.Equal(t, []string{"*", "cross-origin"}, []string{res.Header.Get("Access-Control-Allow-Origin"), res.Header.Get("Cross-Origin-Resource-Policy")})
	}
	res, _ := send(t, http.MethodGet, at+"/api/sets/arrivals/records", sent{token: nobody, headers: map[string]string{"Origin": "https://quay.example"}})
	assert.Empty(t, res.Header.Get("Access-Control-Allow-Origin"))
}
