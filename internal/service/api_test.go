package service_test

import (
	"bytes"
	"compress/gzip"
	"encoding/csv"
	"encoding/json"
	"fmt"
	"html"
	"io"
	"mime/multipart"
	"net/http"
	"net/url"
	"regexp"
	"strings"
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"pageladder.example/api"
	"pageladder.example/internal/problem"
	"pageladder.example/internal/service"
	"pageladder.example/internal/testkit"
)

// inCSV is a body of CSV.
func inCSV(text string) sent {
	return sent{"", text, map[string]string{"Content-Type": "text/csv"}}
}

func TestSetsAreLookedAfter(t *testing.T) {
	at := testkit.ServeStore(t, testkit.Store(t))
	ok := func(status int, method, path string, s sent) (*http.Response, string) {
		t.Helper()
		res, body := send(t, method, at+path, s)
		require.Equal(t, status, res.StatusCode, "%s %s: %s", method, path, body)
		return res, body
	}
	_, body := ok(200, "POST", "/api/sets?check=true", inCSV("no;name\n1;Gull\n2;Tern\n"))
	assert.Contains(t, body, `{"name":"no","label":"no","type":"integer","samples":["1","2"]}`)
	ok(404, "GET", "/api/sets/boats", sent{})
	_, body = ok(422, "POST", "/api/sets?name=boats", inCSV("no,name\n1,Gull\nx,y,z\n2\n"))
	assert.Contains(t, body, `"count":2`)
	assert.Contains(t, body, `{"line":3,`)
	ok(422, "POST", "/api/sets?name=Boats!", inCSV("no\n1\n"))
	res, body := ok(201, "POST", "/api/sets?name=boats&type.no=text&label=The+boats", inCSV("no,name\n1,Gull\n2,Tern\n"))
	assert.Equal(t, "/api/sets/boats", res.Header.Get("Location"))
	assert.Contains(t, body, `"label":"The boats"`)
	ok(409, "POST", "/api/sets?name=boats", inCSV("no\n1\n"))

	var form bytes.Buffer
	w := multipart.NewWriter(&form)
	w.WriteField("aside", "true")
	part, err := w.CreateFormFile("file", "boats.csv")
	require.NoError(t, err)
	io.WriteString(part, "no,name\n1,Gull\n2,Tern\n3,Skua\n4\n")
	w.Close()
	_, body = ok(200, "PUT", "/api/sets/boats/records", sent{"", form.String(), map[string]string{"Content-Type": w.FormDataContentType()}})
	assert.Contains(t, body, `"records":3`)
	assert.Contains(t, body, `"aside":{"csv":"line,reason,no,name\n5,`)

	res, body = ok(200, "GET", "/api/sets/boats/rules", sent{})
	tag := res.Header.Get("ETag")
	replace := func(status int, tag, rules string) (*http.Response, string) {
		s := inJSON("", rules)
		if tag != "" {
			s.headers["If-Match"] = tag
		}
		return ok(status, "PUT", "/api/sets/boats/rules", s)
	}
	rules := strings.Replace(strings.TrimSpace(body), "{", `{"size":{"cap":2},`, 1)
	replace(428, "", rules)
	replace(412, `"other"`, rules)
	_, body = replace(422, tag, `{"key":["no"],"size":{"cap":-1,"colour":3},"wings":2}`)
	for _, entry := range []string{"size.cap", "size.colour", "wings"} {
		assert.Contains(t, body, `"param":"`+entry+`"`, "every mistake is named")
	}
	replace(200, tag, rules)
	replace(412, tag, rules)
	_, body = ok(200, "GET", "/api/sets/boats/records?size=9", sent{})
	assert.Contains(t, body, "size.over_cap")

	_, body = ok(200, "PATCH", "/api/sets/boats", inJSON("", `{"label":"Boats","open":true,"fixed":"name.not=Tern"}`))
	assert.Contains(t, body, `"fixed":"name.not=Tern"`)
	ok(422, "PATCH", "/api/sets/boats", inJSON("", `{"fixed":"wings=2"}`))
	ok(204, "DELETE", "/api/sets/boats", sent{})
	ok(404, "DELETE", "/api/sets/boats", sent{})
}

func TestEveryKeyCanBeAddressed(t *testing.T) {
	at := testkit.ServeStore(t, testkit.Store(t))
	keys := []string{"", ".", "..", "all", "a,b", "/", "%", "%2F", "?x=1", "#", "é~ ü", "\"quoted\"", "+", "a/b/place", "\\", "line\nbreak"}
	var text strings.Builder
	text.WriteString("code,part\n")
	out := csv.NewWriter(&text)
	for i, k := range keys {
		if k == "" {
			out.Flush()
			fmt.Fprintf(&text, "\"\",%d\n", i)
			continue
		}
		out.Write([]string{k, fmt.Sprint(i)})
	}
	out.Flush()
	for name, fields := range map[string]string{"one": "code", "two": "code,part"} {
		res, body := send(t, "POST", at+"/api/sets?name="+name+"&key="+url.QueryEscape(fields), inCSV(text.String()))
		require.Equal(t, 201, res.StatusCode, body)
		for i, k := range keys {
			key := []string{k}
			if name == "two" {
				key = append(key, fmt.Sprint(i))
			}
			res, body := send(t, "GET", at+"/api/sets/"+name+"/records/"+api.KeyPath(key), sent{})
			require.Equal(t, 200, res.StatusCode, "%q: %s", k, body)
			assert.Contains(t, body, fmt.Sprintf(`"part":%d}`, i))
			res, body = send(t, "GET", at+"/api/sets/"+name+"/records/"+api.KeyPath(key)+"/place?size=3", sent{})
			assert.Equal(t, 200, res.StatusCode, "%q: %s", k, body)
		}
	}
	for _, path := range []string{"x", "a,b,c", "%zz", "%ff", "%00"} {
		res, body := send(t, "GET", at+"/api/sets/one/records/"+strings.ReplaceAll(path, "%zz", "%25zz"), sent{})
		assert.Equal(t, 404, res.StatusCode, "%s: %s", path, body)
	}
}

func TestRecordsAreWrittenUnderTheirRevision(t *testing.T) {
	at := testkit.Serve(t) + "/api/sets/berths/records"
	patch := func(status int, tag, body string) string {
		t.Helper()
		s := sent{"", body, map[string]string{"Content-Type": "application/merge-patch+json"}}
		if tag != "" {
			s.headers["If-Match"] = tag
		}
		res, answer := send(t, "PATCH", at+"/E1", s)
		require.Equal(t, status, res.StatusCode, answer)
		return answer + res.Header.Get("ETag")
	}
	res, _ := send(t, "GET", at+"/E1", sent{})
	tag := res.Header.Get("ETag")
	patch(428, "", `{"lit":true}`)
	patch(400, "W/"+tag, `{"lit":true}`)
	answer := patch(422, tag, `{"lit":"yes","wings":2,"depth_m":"3","code":"E2"}`)
	for _, field := range []string{"lit", "wings", "depth_m"} {
		assert.Contains(t, answer, `"param":"`+field+`"`)
	}
	answer = patch(200, tag, `{"lit":null,"depth_m":9.25}`)
	assert.Contains(t, answer, `"depth_m":9.25,"length_m":140,"lit":null`)
	patch(412, tag, `{"lit":true}`)
	now := strings.TrimSpace(answer[strings.LastIndex(answer, `}`)+1:])

	under := func(method, path, tag string) int {
		res, _ := send(t, method, at+path, sent{headers: map[string]string{"If-Match": tag}})
		return res.StatusCode
	}
	assert.Equal(t, 412, under("POST", "/E1/withdraw", tag))
	assert.Equal(t, 200, under("POST", "/E1/withdraw", now))
	assert.Equal(t, 404, under("GET", "/E1", ""))
	assert.Equal(t, 200, under("POST", "/E1/restore", ""))
	assert.Equal(t, 412, under("DELETE", "/E1", now), "what has been away has another revision")
	res, _ = send(t, "GET", at+"/E1", sent{})
	assert.Equal(t, 200, under("DELETE", "/E1", res.Header.Get("ETag")))
	res, body := send(t, "POST", at, inJSON("", `{"code":"E1","name":"East 1"}`))
	assert.Equal(t, "201 /api/sets/berths/records/E1", fmt.Sprint(res.StatusCode, " ", res.Header.Get("Location")), body)
	res, _ = send(t, "POST", at, inJSON("", `{"code":"E1"}`))
	assert.Equal(t, 409, res.StatusCode)
}

func TestShapesOfAPage(t *testing.T) {
	at := testkit.Serve(t) + "/api/sets/berths/records?size=2"
	for accept, want := range map[string]string{
		"": "application/json", "*/*": "application/json", "text/html;q=0.1, text/csv": "text/csv; charset=utf-8; header=present", "application/x-ndjson": "application/x-ndjson",
		"text/*": "text/csv; charset=utf-8; header=present", "text/html,application/xhtml+xml": "text/html; charset=utf-8", "application/json;shape=array": "application/json;shape=array",
		"image/png, */*;q=0.1": "application/json",
	} {
		res, body := send(t, "GET", at, sent{headers: map[string]string{"Accept": accept}})
		assert.Equal(t, want, res.Header.Get("Content-Type"), accept)
		assert.Equal(t, "/api/sets/berths/records?size=2&page=1", res.Header.Get("Content-Location"))
		assert.Contains(t, res.Header.Get("Link"), `rel="next"`)
		assert.Contains(t, res.Header.Get("Vary"), "Accept-Encoding")
		assert.Contains(t, body, "East 2")
		if want != "application/json" {
			assert.Equal(t, "page=1, size=2, total-pages=8, total-items=16, total-is=exact, first-row=1, last-row=2, version=1", res.Header.Get("Paging"))
		}
	}
	_, body := send(t, "GET", at+"&pl.shape=array", sent{})
	assert.JSONEq(t, `[{"code":"E1","name":"East 1","kind":"quay","depth_m":5.8,"length_m":140,"lit":false},{"code":"E2","name":"East 2","kind":"quay","depth_m":12.5,"length_m":80,"lit":true}]`, body)
	_, body = send(t, "GET", at+"&pl.base=/mine/{page}", sent{})
	assert.Contains(t, body, `"next":"/mine/2?size=2"`)
	_, body = send(t, "GET", at+"&pl.total=none&pl.markup=bootstrap", sent{})
	assert.Contains(t, body, `"total_items":null`)
	assert.Contains(t, body, `class=\"page-item active\"`)
	res, body := send(t, "GET", at+"&page=2&pl.explain=true", sent{})
	assert.Equal(t, "no-store", res.Header.Get("Cache-Control"))
	assert.Contains(t, body, "(2 − 1) × 2 = offset 2; ceil(16 ÷ 2) = 8 pages; rows 3–4")
	_, none := send(t, "GET", at+"&kind=none&pl.explain=true", sent{})
	assert.Contains(t, none, "offset 0; an empty list has one empty page")
	assert.Contains(t, none, "nothing to read")
	_, one := send(t, "GET", at[:len(at)-1]+"50&pl.explain=true", sent{})
	assert.Contains(t, one, "ceil(16 ÷ 50) = 1 page;")
	assert.Contains(t, body, `"sql":["select`)
	res, body = send(t, "GET", at[:len(at)-1]+"16", sent{headers: map[string]string{"Accept-Encoding": "br, gzip;q=0.5"}})
	require.Equal(t, "gzip", res.Header.Get("Content-Encoding"))
	plain, err := gzip.NewReader(strings.NewReader(body))
	require.NoError(t, err)
	text, err := io.ReadAll(plain)
	require.NoError(t, err)
	assert.Contains(t, string(text), `"East 1"`)
	res, _ = send(t, "GET", at[:len(at)-1]+"16", sent{headers: map[string]string{"Accept-Encoding": "gzip;q=0"}})
	assert.Empty(t, res.Header.Get("Content-Encoding"))
}

func TestPublicAddressIsOnEveryLink(t *testing.T) {
	at, _ := testkit.ServeWith(t, testkit.Harbour(t), service.Options{PublicURL: "https://saltmere.example/harbour/"})
	for _, path := range []string{"/api/sets/berths/records?size=2", "/lists/berths?size=2", "/lists/berths/page/1?size=2"} {
		res, body := send(t, "GET", at+path, sent{})
		require.Equal(t, 200, res.StatusCode, body)
		assert.Contains(t, res.Header.Get("Link"), "<https://saltmere.example/harbour/")
		assert.NotContains(t, body, `href="/lists/`)
		assert.NotContains(t, body, `"/api/`)
	}
	_, body := send(t, "GET", at+"/api/sets/nowhere", sent{})
	assert.Contains(t, body, `"type":"https://saltmere.example/harbour/problems/no-set"`)
}

func TestListsNeedNoScript(t *testing.T) {
	store := testkit.Harbour(t)
	at := testkit.ServeStore(t, store)
	res, body := send(t, "GET", at+"/lists/arrivals/page/3?size=10&sort=-tonnage&berth.not=N4&x=1", sent{})
	require.Equal(t, 200, res.StatusCode)
	assert.NotContains(t, body, "<script")
	assert.Contains(t, res.Header.Get("Content-Security-Policy"), "default-src 'none'")
	for _, has := range []string{
		`<link rel="canonical" href="/lists/arrivals?page=3&amp;size=10&amp;sort=-tonnage&amp;berth.not=N4">`,
		`<link rel="next" href="/lists/arrivals/page/4?size=10`, `<th scope="col" class="number" aria-sort="descending">`,
		`<input type="hidden" name="sort" value="-tonnage">`, `<input type="hidden" name="berth.not" value="N4">`, `<input type="search" name="q"`, `<select name="size">`,
		"&lt;b&gt;fragile&lt;/b&gt;",
	} {
		assert.Contains(t, body, has)
	}
	res, body = send(t, "GET", at+"/lists/arrivals?q=nothing+like+this", sent{headers: map[string]string{"Accept-Language": "ar"}})
	assert.Equal(t, 200, res.StatusCode)
	assert.Contains(t, body, `<html lang="ar" dir="rtl">`)
	for path, status := range map[string]int{"/lists/nowhere": 404, "/lists/arrivals?tonnage=heavy": 400, "/lists/arrivals/page/9999": 200, "/lists/arrivals/page/?page=7&size=10": 303, "/lists.css": 200, "/problems": 200, "/problems/wings": 404} {
		res, body := send(t, "GET", at+path, sent{})
		assert.Equal(t, status, res.StatusCode, path)
		if strings.HasPrefix(path, "/lists/") && status != 303 {
			assert.Contains(t, body, "<h1>", path)
		}
	}
	for _, k := range problem.Kinds() {
		_, body := send(t, "GET", at+"/problems/"+k.Name, sent{})
		assert.Contains(t, html.UnescapeString(body), k.Title, "what a problem's type leads to")
	}
}

// Search engines index what the rules allow, under the address that has nothing of others in it.
func TestListsSayWhatIsToBeIndexed(t *testing.T) {
	at := testkit.Serve(t)
	canonical := regexp.MustCompile(`<link rel="canonical" href="([^"]*)">`)
	for _, c := range []struct{ index, path, want string }{
		{"", "", "/lists/arrivals?page=1"},
		{"", "?page=3&utm_source=post", "/lists/arrivals?page=3"},
		{"", "/page/3", "/lists/arrivals?page=3"},
		{"", "?page=3&size=10", "noindex /lists/arrivals?page=3&size=10"},
		{"", "?sort=vessel", "noindex /lists/arrivals?sort=vessel&page=1"},
		{"", "?berth=N4&theme=dark", "noindex /lists/arrivals?berth=N4&page=1"},
		{"", "?pl.version=1", "noindex /lists/arrivals?page=1"},
		{"", "?pl.prefix=a.&a.page=3", "noindex /lists/arrivals?a.page=3"},
		{"", "?pl.base=/boats?tab=1&page=2", "/boats?tab=1&page=2"},
		{"first", "?page=1", "/lists/arrivals?page=1"},
		{"first", "?page=3", "noindex /lists/arrivals?page=3"},
		{"all", "?berth=N4", "/lists/arrivals?berth=N4&page=1"},
		{"none", "", "noindex /lists/arrivals?page=1"},
	} {
		res, _ := send(t, "GET", at+"/api/sets/arrivals/rules", sent{})
		rules := `{"key":["id"],"sorts":[{"key":"vessel"}],"filters":[{"field":"berth"}],"unknown":"note","markup":{"index":"` + c.index + `"}}`
		res, body := send(t, "PUT", at+"/api/sets/arrivals/rules", sent{body: rules, headers: map[string]string{"Content-Type": "application/json", "If-Match": res.Header.Get("ETag")}})
		require.Equal(t, 200, res.StatusCode, body)
		res, body = send(t, "GET", at+"/lists/arrivals"+c.path, sent{})
		require.Equal(t, 200, res.StatusCode, body)
		got := html.UnescapeString(canonical.FindStringSubmatch(body)[1])
		if strings.Contains(body, `<meta name="robots" content="noindex">`) {
			got = "noindex " + got
		}
		assert.Equal(t, c.want, got, "%s %s", c.index, c.path)
		assert.NotContains(t, body, "<li>utm", "what is not the list's is no matter for visitors")
	}
}

// A list under an address of somebody else leads nowhere else, right or wrong.
func TestAListStandsOnAnotherBase(t *testing.T) {
	at := testkit.Serve(t)
	for query, status := range map[string]int{"page=2&berth.not=N4&x=1": 200, "tonnage=heavy": 400, "page=2&pl.prefix=b.&b.sort=vessel&page=7": 200} {
		res, body := send(t, "GET", at+"/lists/arrivals?pl.base=/boats&"+query, sent{})
		require.Equal(t, status, res.StatusCode, body)
		assert.NotContains(t, body, `"/lists/arrivals`)
		assert.Contains(t, body, `action="/boats"`)
		assert.NotContains(t, body, "pl.base")
		assert.NotContains(t, body, "pl.prefix")
	}
	res, _ := send(t, "GET", at+"/lists/arrivals?pl.base=https://elsewhere.example/", sent{})
	assert.Equal(t, 400, res.StatusCode)
}

// With a prefix a query speaks to one of several lists, wherever a list is read.
func TestAPrefixIsReadWhereverAListIs(t *testing.T) {
	at := testkit.Serve(t)
	for path, want := range map[string]string{
		"records?pl.prefix=a.&a.page=2&a.size=5&page=9&a.berth=N4":              `"next":"/api/sets/arrivals/records?pl.prefix=a.&a.page=3&a.size=5&page=9&a.berth=N4"`,
		"records?pl.prefix=a.&a.sort=vessel&sort=id&pl.facets=berth&a.berth=N4": `"sort":"vessel,id"`,
		"ladder?pl.prefix=a.&a.page=2&a.size=5":                                 `"summary":"6–10 of 347"`,
		"records/138/place?pl.prefix=a.&a.sort=id&a.size=10&size=2":             `"page":14,`,
		"records/all?pl.prefix=a.&a.berth=N4&berth=E1&a.fields=id&a.sort=id":    `"berth":"N4"`,
		"records?pl.prefix=a.&a.tonnage=heavy":                                  `"param":"a.tonnage"`,
		"records?pl.prefix=a.&pl.parts=form&a.q=gull&q=tern":                    `"search":{"param":"a.q","label":"Search","values":["gull"]}`,
		"records?pl.prefix=a&page=2":                                            `"param":"pl.prefix"`,
		"records?pl.prefix=pl.":                                                 `"param":"pl.prefix"`,
		"records?pl.prefix=a.&pl.version=1&a.page=2":                            `"now":"/api/sets/arrivals/records?pl.prefix=a.&a.page=2"`,
	} {
		_, body := send(t, "GET", at+"/api/sets/arrivals/"+path, sent{})
		assert.Contains(t, body, want, path)
	}
	_, body := send(t, "POST", at+"/api/reckon", inJSON("", `{"set":"arrivals","query":"pl.prefix=a.&a.page=2&page=9&a.berth=N4","total":168,"base":"/x"}`))
	assert.Contains(t, body, `"next":"/x?a.page=3&page=9&a.berth=N4"`)
	var place api.Place
	_, body = send(t, "GET", at+"/api/sets/arrivals/records/138/place?pl.prefix=a.&a.size=10&a.sort=id&size=2", sent{})
	require.NoError(t, json.Unmarshal([]byte(body), &place))
	res, _ := send(t, "GET", at+"/api/sets/arrivals/back/"+place.WayBack, sent{})
	assert.Equal(t, "/api/sets/arrivals/records?a.size=10&a.sort=id&size=2&a.page=14&pl.prefix=a.", res.Header.Get("Location"))
	_, bare := send(t, "GET", at+"/api/sets/arrivals/records?berth=N4&pl.facets=cargo&pl.parts=facets", sent{})
	_, prefixed := send(t, "GET", at+"/api/sets/arrivals/records?pl.prefix=a.&a.berth=N4&pl.facets=cargo&pl.parts=facets", sent{})
	assert.Equal(t, bare, prefixed)
}

func TestWayBackLeadsToThePageThatHoldsTheRecord(t *testing.T) {
	at := testkit.Serve(t)
	_, body := send(t, "GET", at+"/api/sets/arrivals/records/138/place?sort=-tonnage&size=2&berth.none=false", sent{})
	var place api.Place
	require.NoError(t, json.Unmarshal([]byte(body), &place))
	_, body = send(t, "GET", at+place.Href, sent{})
	assert.Contains(t, body, `"id":138,`)
	res, _ := send(t, "GET", at+"/api/sets/arrivals/back/"+place.WayBack, sent{})
	assert.Equal(t, fmt.Sprint(303, place.Href), fmt.Sprint(res.StatusCode, res.Header.Get("Location")))
	res, _ = send(t, "GET", at+"/api/sets/arrivals/back/nonsense", sent{})
	assert.Equal(t, "/api/sets/arrivals/records?page=1", res.Header.Get("Location"))
}

func TestReckonAndCutNeedNoSet(t *testing.T) {
	at := testkit.ServeStore(t, testkit.Store(t))
	_, body := send(t, "POST", at+"/api/reckon", inJSON("", `{"query":"page=99&size=20&f=1","total":168,"base":"/mine","markup":"plain"}`))
	var answer api.Reckoned
	require.NoError(t, json.Unmarshal([]byte(body), &answer), body)
	assert.Equal(t, "161–168 of 168 /mine?page=8&size=20&f=1 page.past_last 8", fmt.Sprint(answer.Paging.Summary, " ", answer.Links.Prev, " ", answer.Adjusted[0].Why, " ", answer.Fetch))
	assert.Contains(t, answer.Markup, "<nav")
	_, body = send(t, "POST", at+"/api/reckon", inJSON("", `{"query":"page=2","total":null,"came":21}`))
	require.NoError(t, json.Unmarshal([]byte(body), &answer))
	assert.Equal(t, "21–40 21", fmt.Sprint(answer.Paging.Summary, " ", answer.Fetch))
	_, body = send(t, "POST", at+"/api/cut", inJSON("", `{"query":"page=2&size=2","records":[1,"two",{"n":3},null,5]}`))
	assert.Contains(t, body, `{"records":[{"n":3},null],"paging"`)
	for says, body := range map[string]string{
		"total is missing":       `{"query":""}`,
		"whole number from 0":    `{"total":-1}`,
		"no record set named":    `{"set":"nowhere"}`,
		"page.not_a_number":      `{"query":"page=x","total":1,"rules":{"on_fault":"refuse"}}`,
		"size.cap":               `{"total":1,"rules":{"size":{"cap":-1}}}`,
		`"status":404`:           `{"query":"page=9","total":1,"rules":{"past_last":"refuse"}}`,
		"//evil.example":         `{"total":1,"base":"//evil.example/"}`,
		"more follows after the": `{"total":1} x`,
	} {
		res, answer := send(t, "POST", at+"/api/reckon", inJSON("", body))
		assert.GreaterOrEqual(t, res.StatusCode, 400, body)
		assert.Contains(t, answer, says)
	}
}

// The total of a set is that of all of its records: a query that leaves fewer needs its own.
func TestReckonTakesNoTotalThatAFilterChanges(t *testing.T) {
	store := testkit.Store(t)
	at := testkit.ServeStore(t, store)
	res, body := send(t, "POST", at+"/api/sets?name=boats", inCSV("no,name\n1,a\n2,b\n3,b\n"))
	require.Equal(t, 201, res.StatusCode, body)
	for query, total := range map[string]string{"page=1": "3", "?page=1": "3", "?sort=-name&other=x": "3", "name=b": "", "?name.not=b": "", "q=b": "", "name=": "3"} {
		res, body := send(t, "POST", at+"/api/reckon", inJSON("", fmt.Sprintf(`{"set":"boats","query":%q}`, query)))
		if total == "" {
			assert.Equal(t, 422, res.StatusCode, "%s: %s", query, body)
			assert.Contains(t, body, "how many records of boats the query leaves is not known here")
			res, body = send(t, "POST", at+"/api/reckon", inJSON("", fmt.Sprintf(`{"set":"boats","query":%q,"total":null}`, query)))
			assert.Equal(t, 200, res.StatusCode, body)
			continue
		}
		assert.Contains(t, body, `"total_items":3`, query)
		assert.NotContains(t, body, "?page=1?", query)
		assert.NotContains(t, body, "param.unknown\",\"given\":\"?", query)
	}
	_, body = send(t, "POST", at+"/api/cut", inJSON("", `{"query":"?page=2&size=2","records":[1,2,3]}`))
	assert.Contains(t, body, `{"records":[3],"paging"`)
}
