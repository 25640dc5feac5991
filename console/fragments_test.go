package console_test

import (
	"fmt"
	"io"
	"net/http"
	"net/http/httptest"
	"net/url"
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"pageladder.example/internal/testkit"
)

// Two lists of one set stand on a page of somebody else, each under a prefix: they keep each other's state, and break
// no rule of accessibility.
func TestTwoListsStandOnOnePage(t *testing.T) {
	service := testkit.Serve(t)
	fragment := func(r *http.Request, prefix string) string {
		query := r.URL.RawQuery + "&pl.base=/harbour&pl.shape=html&pl.parts=form,adjusted,records,paging,ladder,sizes,words&pl.prefix=" + prefix
		res, err := http.Get(service + "/api/sets/arrivals/records?" + query)
		if !assert.NoError(t, err) {
			return ""
		}
		defer res.Body.Close()
		text, err := io.ReadAll(res.Body)
		assert.NoError(t, err)
		assert.Equal(t, http.StatusOK, res.StatusCode, string(text))
		return string(text)
	}
	page := httptest.NewServer(http.HandlerFunc(func(w http.ResponseWriter, r *http.Request) {
		if r.URL.Path != "/harbour" {
			http.NotFound(w, r)
			return
		}
		w.Header().Set("Content-Type", "text/html; charset=utf-8")
		fmt.Fprintf(w, `<!doctype html><html lang="en"><head><title>Harbour</title></head><body><main><h1>Harbour</h1><h2>Left</h2>%s<h2>Right</h2>%s</main></body></html>`, fragment(r, "a."), fragment(r, "b_"))
	}))
	defer page.Close()
	b := openAs(t, page.URL)
	b.visit("/harbour?a.page=99&a.size=5&b_berth=N4&b_size=7&tab=1")
	b.axe("two lists on one page")
	b.sees(`document.body.innerText.includes('346–347 of 347 records') && document.body.innerText.includes('1–7 of 25 records')`)
	b.sees(`document.querySelector('.notes').innerText.includes('a.page: ')`)
	eval[any](b, `document.querySelector('nav[aria-label="Arrivals (b): Pages"] a[rel=next]').click()`)
	b.sees(`document.body.innerText.includes('8–14 of 25 records') && document.body.innerText.includes('346–347 of 347 records')`)
	eval[any](b, `(f => { f.elements['a.cargo'].value = 'salt'; f.submit() })(document.querySelector('form[aria-label="Arrivals (a): Search"]'))`)
	b.sees(`location.search.includes('a.cargo=salt') && document.body.innerText.includes('8–14 of 25 records')`)
	at, err := url.Parse(eval[string](b, "location.href"))
	require.NoError(t, err)
	q := at.Query()
	assert.Equal(t, "/harbour 5 N4 7 2 1", fmt.Sprint(at.Path, " ", q.Get("a.size"), " ", q.Get("b_berth"), " ", q.Get("b_size"), " ", q.Get("b_page"), " ", q.Get("tab")))
	assert.False(t, q.Has("a.page"), "a new question begins on the first page")
	assert.False(t, q.Has("pl.prefix"))
	b.axe("two lists, one of them filtered")

	b = openAs(t, service) // a list of its own, right and wrong
	b.visit("/lists/arrivals?page=99&berth=N4")
	b.axe("a list that was changed")
	b.visit("/lists/arrivals?tonnage=heavy&tonnage.min=many")
	b.axe("a list that was refused")
}
