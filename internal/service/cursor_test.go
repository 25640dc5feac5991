package service_test

import (
	"encoding/base64"
	"fmt"
	"net/http"
	"net/url"
	"strings"
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"pageladder.example/api"
	"pageladder.example/internal/sets"
	"pageladder.example/internal/testkit"
	"pageladder.example/paging"
	"pageladder.example/paging/code"
	"pageladder.example/paging/cursor"
)

// One address takes page numbers and cursors, in every shape.
func TestPagesByCursorOverHTTP(t *testing.T) {
	at := testkit.Serve(t)
	const list = "/api/sets/arrivals/records?sort=-tonnage,vessel&size=50&cleared=true"
	page := readPage(t, at+list)
	require.NotNil(t, page.Cursors)
	assert.EqualValues(t, 1, *page.Paging.Page)
	assert.Contains(t, page.Links.Next, "page=2", "by page number links go by number")
	total := *page.Paging.TotalItems

	var walked []string
	last := page
	for next := list + "&after=" + page.Cursors.After; next != ""; next = last.Links.Next {
		walked = append(walked, string(last.Records))
		last = readPage(t, at+next)
		assert.Nil(t, last.Paging.Page)
		assert.Nil(t, last.Paging.TotalItems)
		assert.Empty(t, last.Ladder)
		require.Less(t, len(walked), 10)
	}
	assert.True(t, last.Paging.IsLast)
	assert.EqualValues(t, total, 50*len(walked)+last.Paging.RowsHere)
	for i := len(walked) - 1; i >= 0; i-- {
		require.NotEmpty(t, last.Links.Prev)
		last = readPage(t, at+last.Links.Prev)
		assert.JSONEq(t, walked[i], string(last.Records))
	}
	assert.True(t, last.Paging.IsFirst)
	assert.Empty(t, last.Links.Prev)

	after := list + "&after=" + page.Cursors.After
	counted := readPage(t, at+after+"&pl.total=exact")
	assert.EqualValues(t, total, *counted.Paging.TotalItems)
	assert.Nil(t, counted.Paging.TotalPages)
	assert.Equal(t, fmt.Sprintf("50 of %d", total), counted.Paging.Summary)
	res, _ := send(t, "GET", at+after, sent{headers: map[string]string{"Accept": "text/csv"}})
	assert.Contains(t, res.Header.Get("Link"), `rel="prev"`)
	assert.NotContains(t, res.Header.Get("Paging"), "page=")
	again, _ := send(t, "GET", at+after, sent{headers: map[string]string{"If-None-Match": res.Header.Get("ETag"), "Accept": "text/csv"}})
	assert.Equal(t, http.StatusNotModified, again.StatusCode)
	res, body := send(t, "GET", at+after+"&pl.parts=cursors,links", sent{})
	require.Equal(t, http.StatusOK, res.StatusCode)
	assert.Contains(t, body, `{"links":{`)
	assert.Contains(t, body, `"cursors":{"after":"`)
	_, body = send(t, "GET", at+"/api/sets/arrivals/records/all?sort=-tonnage,vessel&cleared=true&after="+page.Cursors.After, sent{headers: map[string]string{"Accept": "application/x-ndjson"}})
	assert.EqualValues(t, total-50, strings.Count(body, "\n"))
	_, body = send(t, "GET", at+"/api/sets/arrivals/records/all?sort=-tonnage,vessel&cleared=true&before="+page.Cursors.After, sent{headers: map[string]string{"Accept": "application/x-ndjson"}})
	assert.EqualValues(t, 50, strings.Count(body, "\n"))
	_, held := send(t, "GET", at+"/api/sets/arrivals/records/all?sort=-tonnage,vessel&cleared=true&pl.version=1&before="+page.Cursors.After, sent{headers: map[string]string{"Accept": "application/x-ndjson"}})
	assert.Equal(t, body, held)
}

// A list whose rules name the field with its age has steps of that name, in each language, and no ladder by cursor.
func TestListsByCursorHaveSteps(t *testing.T) {
	store := testkit.Harbour(t)
	_, err := store.Configure(t.Context(), "arrivals", func(s *sets.Settings) error {
		s.Rules.Addressing, s.Rules.Markup.Age = paging.ByCursor, "arrived_at"
		return nil
	})
	require.NoError(t, err)
	at := testkit.ServeStore(t, store)
	for language, words := range map[string][2]string{"en": {"Newer", "Older"}, "de": {"Neuere", "Ältere"}, "fr": {"Plus récents", "Plus anciens"}, "es": {"Más recientes", "Más antiguos"}, "ar": {"الأحدث", "الأقدم"}, "ja": {"新しい方へ", "古い方へ"}} {
		step := func(rel, word string) string { return fmt.Sprintf(` rel="%s">%s</a>`, rel, word) }
		first := readPage(t, at+"/api/sets/arrivals/records?size=5")
		_, body := send(t, "GET", at+"/lists/arrivals?size=5&after="+first.Cursors.After, sent{headers: map[string]string{"Accept-Language": language}})
		assert.Contains(t, body, step("prev", words[0]), language)
		assert.Contains(t, body, step("next", words[1]), language)
		assert.NotContains(t, body, `aria-current="page"`)
		_, body = send(t, "GET", at+"/lists/arrivals?size=5&sort=arrived_at&row=6", sent{headers: map[string]string{"Accept-Language": language}})
		assert.Contains(t, body, step("prev", words[1]), language)
		assert.Contains(t, body, step("next", words[0]), language)
	}
	place := readPage(t, at+"/api/sets/arrivals/records?size=5&row=11")
	assert.Equal(t, "11–15", place.Paging.Summary)
	_, body := send(t, "GET", at+"/api/sets/arrivals/records/347/place?size=5", sent{})
	assert.Contains(t, body, `"page":null`)
}

// Cursors show no record and no value to a caller who may not see it, and lead on even when their
// own record is gone.
func TestCursorsKeepWhatIsHidden(t *testing.T) {
	at, ok, _, store := holding(t)
	_, err := store.Configure(t.Context(), "boats", func(s *sets.Settings) error {
		s.Rules.Show, s.Rules.Params = []string{"no", "kept"}, paging.Params{After: "after", Before: "before"}
		return nil
	})
	require.NoError(t, err)
	list := at + "/api/sets/boats/records?sort=name&size=2"
	page := readPage(t, list+"&page=2")
	bytes, err := base64.RawURLEncoding.DecodeString(page.Cursors.After)
	require.NoError(t, err)
	assert.NotContains(t, string(bytes), "boat")
	assert.Equal(t, page.Cursors, readPage(t, list+"&page=2").Cursors, "the same page has the same cursors")
	next := readPage(t, list+"&after="+page.Cursors.After)
	res, _ := ok(200, "GET", "/api/sets/boats/records/6", sent{}) // the last of page 2
	ok(200, "DELETE", "/api/sets/boats/records/6", sent{headers: map[string]string{"If-Match": res.Header.Get("ETag")}})
	assert.JSONEq(t, string(next.Records), string(readPage(t, list+"&after="+page.Cursors.After).Records))

	// A readable cursor that somebody made up, to find out what is not shown.
	name, no := "boat c", "0"
	created := cursor.Write(cursor.List{Name: "boats", Order: "name,no"}, cursor.Place{Values: []*string{&name, &no}})
	refused := readPage(t, list+"&after="+created)
	assert.Equal(t, code.CursorNotSealed, refused.Adjusted[0].Why)
	assert.EqualValues(t, 1, *refused.Paging.Page)
	explained := readPage(t, list+"&after="+page.Cursors.After+"&pl.explain=true")
	assert.Equal(t, api.PlaceValue{Field: "name", Sealed: true}, explained.Made.Cursors[0].Values[0])

	// A caller who is bound by the fixed filter sees nothing more through the cursor of a hidden
	// record.
	res, body := bare(t, at+"/api/sets/boats/records?sort=no&size=50")
	require.Equal(t, http.StatusOK, res.StatusCode)
	require.NotContains(t, body, `"no":5,`)
	five := "5"
	hidden := cursor.Write(cursor.List{Name: "boats", Order: "no"}, cursor.Place{Values: []*string{&five}})
	_, body = bare(t, at+"/api/sets/boats/records?sort=no&size=50&before="+hidden)
	assert.NotContains(t, body, `"no":5,`)
	assert.Contains(t, body, `"no":3,`)
}

// bare asks as nobody.
func bare(t *testing.T, address string) (*http.Response, string) {
	return send(t, "GET", address, sent{token: nobody})
}

// A cursor made up of values of any kind is a fault of the query, and never an error of the
// service.
func TestCursorsThatAreMadeUp(t *testing.T) {
	store := testkit.Harbour(t)
	at := testkit.ServeStore(t, store)
	one := "1"
	for order, values := range map[string][]string{
		"tonnage": {"seven", "1e5", "99999999999999999999", "", "NaN"}, "arrived_at": {"perhaps", "2026-02-31", "", "\x00"}, "cleared": {"maybe", ""},
		"vessel": {"a\x00b", "\xff"},
	} {
		for _, value := range values {
			token := cursor.Write(cursor.List{Name: "arrivals", Order: order + ",id"}, cursor.Place{Values: []*string{&value, &one}})
			for _, path := range []string{"/api/sets/arrivals/records?size=3&", "/api/sets/arrivals/records/all?", "/lists/arrivals?", "/api/sets/arrivals/records?pl.version=1&", "/api/sets/arrivals/records?pl.facets=berth&"} {
				res, body := send(t, "GET", at+path+"sort="+order+"&before="+token, sent{})
				assert.Equal(t, http.StatusOK, res.StatusCode, "%s %s %q: %s", path, order, value, body)
			}
			page := readPage(t, at+"/api/sets/arrivals/records?sort="+order+"&after="+token)
			require.Len(t, page.Adjusted, 1, "%s %q", order, value)
			assert.Equal(t, code.CursorDamaged, page.Adjusted[0].Why)
			assert.EqualValues(t, 1, *page.Paging.Page)
		}
	}
	_, err := store.Configure(t.Context(), "arrivals", func(s *sets.Settings) error { s.Rules.OnFault = paging.Refuse; return nil })
	require.NoError(t, err)
	bad := "seven"
	token := cursor.Write(cursor.List{Name: "arrivals", Order: "tonnage,id"}, cursor.Place{Values: []*string{&bad, &one}})
	for _, path := range []string{"/api/sets/arrivals/records?", "/api/sets/arrivals/records/all?", "/api/sets/arrivals/records?pl.version=1&"} {
		res, body := send(t, "GET", at+path+"sort=tonnage&after="+url.QueryEscape(token), sent{})
		assert.Equal(t, http.StatusBadRequest, res.StatusCode, body)
		assert.Contains(t, body, "cursor.damaged")
	}
}

// A record with long values has no cursor, and the answer says so.
func TestLongValuesHaveNoCursor(t *testing.T) {
	at, ok, _, store := holding(t)
	_, err := store.Configure(t.Context(), "boats", func(s *sets.Settings) error { s.Rules.Addressing = paging.ByCursor; return nil })
	require.NoError(t, err)
	ok(201, "POST", "/api/sets/boats/records", inJSON("", `{"no":12,"name":"a`+strings.Repeat("x", 2000)+`","kept":true}`))
	page := readPage(t, at+"/api/sets/boats/records?sort=name&size=1")
	assert.Empty(t, page.Cursors.After)
	assert.Contains(t, page.Cursors.Why, "longer than 1,024 bytes")
	assert.Empty(t, page.Links.Next)
	assert.False(t, page.Paging.IsLast)
	assert.NotEmpty(t, readPage(t, at+"/api/sets/boats/records?sort=name&size=2").Links.Next, "the next record has one")
}
