package service_test

import (
	"encoding/json"
	"fmt"
	"net/http"
	"net/url"
	"strings"
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"pageladder.example/api"
	"pageladder.example/internal/intake"
	"pageladder.example/internal/sets"
	"pageladder.example/internal/testkit"
	"pageladder.example/paging"
	"pageladder.example/paging/rulesfile"
	"pageladder.example/paging/value"
)

// total is how many records a question finds.
func total(t *testing.T, at, query string) int64 {
	t.Helper()
	return *readPage(t, at+"?"+query).Paging.TotalItems
}

func TestEmptyTextIsNotMissing(t *testing.T) {
	store := testkit.Store(t)
	set := sets.Draft{Name: "notes", Label: "Notes", Open: true, Fields: []intake.Field{{Name: "note", Type: value.Text}, {Name: "id", Type: value.Integer}},
		Rules: rulesfile.Of(paging.Rules{Key: []string{"id"}, Sorts: []paging.SortKey{{Key: "note"}}, Size: paging.SizeRules{Offered: []int{1}}})}
	require.NoError(t, store.LoadCSV(t.Context(), set, strings.NewReader("note,id\n,1\n\"\",2\n\"\",3\nx,4\n")))
	at := testkit.ServeStore(t, store) + "/api/sets/notes/records"
	for page, want := range []string{`"note":"","id":2`, `"note":"","id":3`, `"note":"x","id":4`, `"note":null,"id":1`} {
		_, body := send(t, "GET", fmt.Sprintf("%s?sort=note&size=1&page=%d", at, page+1), sent{})
		assert.Contains(t, body, want)
	}
	_, body := send(t, "GET", at+"?sort=id&pl.shape=csv", sent{})
	assert.Equal(t, "note,id\n,1\n\"\",2\n\"\",3\nx,4\n", body)
	_, body = send(t, "GET", at+"/3", sent{})
	assert.Contains(t, body, `"note":""`)
	_, body = send(t, "GET", at+"/3/place?sort=note", sent{})
	assert.Contains(t, body, `"row":2,`)
	_, body = send(t, "GET", at+"/1/place?sort=note", sent{})
	assert.Contains(t, body, `"row":4,`)
}

// Where a list is longer than "all" allows, links carry what it became, and are not mended again.
func TestAllOfALongListGoesOnAsItsSize(t *testing.T) {
	store := testkit.Harbour(t)
	_, err := store.Configure(t.Context(), "arrivals", func(s *sets.Settings) error {
		rules := *s.Rules
		rules.Size.All = 150
		s.Rules = &rules
		return nil
	})
	require.NoError(t, err)
	at := testkit.ServeStore(t, store)
	seen, path := map[any]bool{}, "/api/sets/arrivals/records?size=all"
	for path != "" {
		answer := readPage(t, at+path)
		var records []map[string]any
		require.NoError(t, json.Unmarshal(answer.Records, &records))
		for _, r := range records {
			assert.False(t, seen[r["id"]], "%v is shown twice", r["id"])
			seen[r["id"]] = true
		}
		assert.Contains(t, answer.Links.Self, "size=150")
		if path != "/api/sets/arrivals/records?size=all" {
			assert.Empty(t, answer.Adjusted, path)
		}
		path = answer.Links.Next
	}
	assert.Len(t, seen, 347)
	_, body := send(t, "GET", at+"/api/sets/arrivals/records/138/place?size=all&sort=id", sent{})
	assert.Contains(t, body, `records?size=150&sort=id&page=1"`)
	var place api.Place
	require.NoError(t, json.Unmarshal([]byte(body), &place))
	res, _ := send(t, "GET", at+"/api/sets/arrivals/back/"+place.WayBack, sent{})
	assert.Equal(t, "/api/sets/arrivals/records?size=150&sort=id&page=1", res.Header.Get("Location"))
}

func TestCutFiltersSearchesAndSorts(t *testing.T) {
	at := testkit.Serve(t)
	cut := func(query, records string) (int, string) {
		body := fmt.Sprintf(`{"query":%q,"records":%s,"rules":{"key":["n"],"sorts":[{"key":"name"},{"key":"tons"},{"key":"n"}],"filters":[{"field":"tons","type":"integer"},{"field":"name"},{"field":"at","type":"time"}],"search":["name"]}}`, query, records)
		res, answer := send(t, "POST", at+"/api/cut", inJSON("", body))
		var found api.CutAnswer
		if res.StatusCode != 200 {
			return res.StatusCode, answer
		}
		require.NoError(t, json.Unmarshal([]byte(answer), &found))
		text, err := json.Marshal(found.Records)
		require.NoError(t, err)
		return 200, fmt.Sprintf("%s of %d", text, *found.Paging.TotalItems)
	}
	list := `[{"n":1,"name":"b","tons":9},{"n":2,"name":"Ä","tons":null},{"n":3,"name":"a","tons":10},{"n":4,"tons":1e1}]`
	for query, want := range map[string]string{
		"sort=-tons&size=2": `[{"n":4,"tons":1e1},{"n":3,"name":"a","tons":10}] of 4`,
		"sort=name":         `[{"n":3,"name":"a","tons":10},{"n":2,"name":"Ä","tons":null},{"n":1,"name":"b","tons":9},{"n":4,"tons":1e1}] of 4`,
		"tons.min=10":       `[{"n":3,"name":"a","tons":10},{"n":4,"tons":1e1}] of 2`,
		"q=a":               `[{"n":2,"name":"Ä","tons":null},{"n":3,"name":"a","tons":10}] of 2`,
		"":                  `[{"n":1,"name":"b","tons":9},{"n":2,"name":"Ä","tons":null},{"n":3,"name":"a","tons":10},{"n":4,"tons":1e1}] of 4`,
	} {
		_, got := cut(query, list)
		assert.Equal(t, want, got, query)
	}
	status, answer := cut("tons.min=1", `[{"n":1,"tons":1},{"n":2,"tons":"heavy"}]`)
	assert.Equal(t, 422, status)
	assert.Contains(t, answer, `"param":"records[1].tons"`)
	status, answer = cut("sort=name", `[7,"x",null]`)
	assert.Equal(t, "200 [7,\"x\",null] of 3", fmt.Sprint(status, " ", answer), "what is no object has no fields")
}

func TestDatesStandForTheirWholeDay(t *testing.T) {
	at := testkit.Serve(t) + "/api/sets/arrivals/records"
	day := total(t, at, "arrived_at.min=2026-03-01T00:00:00Z&arrived_at.max=2026-03-01T23:59:59Z")
	require.Positive(t, day)
	after := total(t, at, "arrived_at.min=2026-03-02T00:00:00Z")
	none := total(t, at, "arrived_at.none=true")
	for query, want := range map[string]int64{
		"arrived_at=2026-03-01": day, "arrived_at.min=2026-03-01&arrived_at.max=2026-03-01": day, "arrived_at.max=2026-03-01": day,
		"arrived_at.min=2026-03-02": after, "arrived_at.not=2026-03-01": after + none, "arrived_at=2026-03-01&arrived_at=2026-02-01": day,
		"arrived_at=9999-12-31": 0, "arrived_at.max=9999-12-31": day + after, "arrived_at.min=0001-01-01": day + after,
	} {
		assert.Equal(t, want, total(t, at, query), query)
	}
	// Whatever value a facet has can be sent back and finds as many.
	for _, field := range []string{"arrived_at", "cleared", "tonnage", "berth", "cargo"} {
		facets := readPage(t, at+"?pl.facets="+field).Facets[field]
		require.NotEmpty(t, facets)
		for _, f := range facets {
			if f.Value == nil {
				assert.Equal(t, f.Count, total(t, at, field+".none=true"), field)
			} else {
				assert.Equal(t, f.Count, total(t, at, field+"="+url.QueryEscape(*f.Value)), "%s=%s", field, *f.Value)
			}
		}
	}
}

func TestWhatWasAdjustedIsToldInEveryShape(t *testing.T) {
	at := testkit.Serve(t) + "/api/sets/arrivals/records"
	const unknown = `"bert";given="N4";why="param.unknown"`
	for path, want := range map[string]string{
		"?bert=N4&page=99&pl.shape=csv":     unknown + `, "page";given="99";used="18";why="page.past_last"`,
		"?bert=N4&pl.shape=ndjson":          unknown,
		"?bert=N4&pl.shape=array":           unknown,
		"/all?bert=N4&pl.shape=csv":         unknown,
		"/all?bert=N4":                      unknown,
		"?b%C3%A9=%C3%96%22&pl.shape=array": `%"b%c3%a9";given=%"%c3%96%22";why="param.unknown"`,
		"?page=2&pl.shape=csv":              "",
		"?bert=N4":                          "", // the body has it
	} {
		res, _ := send(t, "GET", at+path, sent{})
		assert.Equal(t, want, res.Header.Get("Adjusted"), path)
	}
	res, _ := send(t, "GET", at+"?pl.shape=csv"+strings.Repeat("&"+strings.Repeat("%c3", 30)+"a=1", 100)+"&x=1", sent{})
	assert.Less(t, len(res.Header.Get("Adjusted")), 8<<10, "a long list is not told whole")
	_, body := send(t, "GET", at+"?bert=N4&x=1&size=1", sent{})
	assert.Contains(t, body, `{"param":"bert","given":"N4","used":null,"why":"param.unknown","says":"\"bert\" is no parameter of this list (did you mean \"berth\"?); it has no effect."}`)
	assert.Contains(t, body, `"says":"\"x\" is no parameter of this list; it has no effect."`, "nothing is near")
}

func TestParametersToTheServiceAreReadLikeAllOthers(t *testing.T) {
	at := testkit.Serve(t)
	for path, status := range map[string]int{
		"/api/sets/arrivals/records?pl.shape=csv;x": 400, "/api/sets/arrivals/records?pl.shape=csv%zz": 400, "/api/sets/arrivals/records?pl.explain=%": 400,
		"/api/sets/arrivals/records?pl%2Eshape=csv": 200, "/api/sets/arrivals/records/all?pl.shape=csv;": 400, "/api/sets/arrivals/ladder?pl.total=none;": 400,
	} {
		res, body := send(t, "GET", at+path, sent{})
		assert.Equal(t, status, res.StatusCode, "%s: %s", path, body)
	}
	res, body := send(t, "POST", at+"/api/sets?name=x;y", sent{body: "a\n1\n", headers: map[string]string{"Content-Type": "text/csv"}})
	assert.Equal(t, http.StatusUnprocessableEntity, res.StatusCode, "a name is not dropped in silence: %s", body)
}

func TestFormOfAListKeepsWhatWasTyped(t *testing.T) {
	at := testkit.Serve(t)
	_, body := send(t, "GET", at+"/lists/arrivals?ref=50%25zz%&berth=N4&a;b=1&vessel.has=x", sent{})
	for _, has := range []string{`name="ref" value="50%zz%"`, `name="a;b" value="1"`, `name="berth" value="N4"`, `name="vessel.has" value="x"`} {
		assert.Contains(t, body, has)
	}
	res, body := send(t, "GET", at+"/lists/arrivals?tonnage.min=heavy&berth=N4&cleared=maybe&q=gull&sort=-tonnage&cargo.wings=1&vessel=a&vessel=b&page=3", sent{})
	assert.Equal(t, http.StatusBadRequest, res.StatusCode)
	for _, has := range []string{`name="tonnage.min" value="heavy" autocomplete="off" aria-invalid="true"`, "is not a whole number.", `name="berth" value="N4"`, `<option selected>maybe</option>`,
		`name="q" value="gull"`, `type="hidden" name="sort" value="-tonnage"`, `type="hidden" name="vessel" value="a"`, `type="hidden" name="vessel" value="b"`, `is no way to filter by cargo`, `href="/lists/arrivals">Show all`} {
		assert.Contains(t, body, has)
	}
	assert.NotContains(t, body, `name="page"`)
	assert.NotContains(t, body, "<tbody>")
}
