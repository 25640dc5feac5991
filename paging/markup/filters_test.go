package markup_test

import (
	"cmp"
	"errors"
	"maps"
	"net/url"
	"strings"
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"
	"golang.org/x/net/html"
	"pgregory.net/rapid"

	"pageladder.example/paging"
	"pageladder.example/paging/markup"
	"pageladder.example/paging/query"
	"pageladder.example/paging/value"
)

var formRules = &paging.Rules{Key: []string{"id"}, Search: []string{"vessel"}, Sorts: []paging.SortKey{{Key: "tonnage"}},
	Filters: []paging.FilterRule{{Field: "berth"}, {Field: "tonnage", Type: value.Integer}, {Field: "cleared", Type: value.Boolean}, {Field: "tags", Type: value.JSON}, {Field: "crew", Type: value.Integer, Param: "filter[crew]"}}}

// sent is what a browser sends of a form that nobody has touched, and the links beside it.
func sent(t require.TestingT, form string) (pairs []query.Pair, links []string) {
	doc, err := html.Parse(strings.NewReader(form))
	require.NoError(t, err)
	get := func(n *html.Node, name string) string {
		for _, a := range n.Attr {
			if a.Key == name {
				return a.Val
			}
		}
		return ""
	}
	for n := range doc.Descendants() {
		switch n.Data {
		case "input":
			pairs = append(pairs, query.Pair{Name: get(n, "name"), Value: get(n, "value")})
		case "select":
			chosen := ""
			for o := range n.Descendants() {
				for _, a := range o.Attr {
					if a.Key == "selected" && o.FirstChild != nil {
						chosen = cmp.Or(get(o, "value"), o.FirstChild.Data)
					}
				}
			}
			pairs = append(pairs, query.Pair{Name: get(n, "name"), Value: chosen})
		case "a":
			links = append(links, get(n, "href"))
		}
	}
	return pairs, links
}

// Whatever the query was, right or wrong: the form sends it all again, except for the page; each
// link takes one condition away, and nothing else.
func TestAFormLosesNothing(t *testing.T) {
	part := rapid.Custom(func(t *rapid.T) string {
		name := rapid.SampledFrom([]string{"berth", "berth.not", "tonnage", "tonnage.min", "tonnage.max", "cleared", "tags.none", "filter[crew][min]", "filter[crew]", "q", "sort", "size", "colour", "a;b", `<x">`}).Draw(t, "name")
		return url.QueryEscape(name) + "=" + url.QueryEscape(rapid.SampledFrom([]string{"", "N4", "5", "x", "true", "maybe", `"><script>`, "'", "&amp;", "50%", " a ", "é\u2028"}).Draw(t, "value"))
	})
	rapid.Check(t, func(t *rapid.T) {
		rawQuery := strings.Join(rapid.SliceOfN(part, 0, 6).Draw(t, "parts"), "&")
		_, err := formRules.Read(rawQuery + "&page=3")
		var refusal *paging.Refusal
		var faults []paging.Fault
		if errors.As(err, &refusal) {
			faults = refusal.Faults
		}
		form := markup.FilterFormOf(formRules, rawQuery+"&page=3", faults, "/calls", map[string]markup.FormField{"berth": {Label: "<Berth>", Choices: []string{"N4", "N5"}}}, nil)
		text := string(markup.AppendFilterForm(nil, &form))
		pairs, links := sent(t, text)
		assert.NotContains(t, text, "<script>")
		assert.NotContains(t, text, "<Berth>")
		// of a parameter that has one input the last value counts, as it does for a reader
		want, got := map[string][]string{}, map[string][]string{}
		for _, p := range query.Pairs(rawQuery) {
			want[p.Name] = append(want[p.Name], p.Value)
		}
		for _, p := range pairs {
			got[p.Name] = append(got[p.Name], p.Value)
		}
		for name, values := range want {
			if last := values[len(values)-1]; len(got[name]) == 1 {
				assert.Equal(t, last, got[name][0], "%s in %s", name, text)
			} else {
				assert.Equal(t, values, got[name], "%s in %s", name, text)
			}
			delete(got, name)
		}
		for name, values := range got {
			assert.Equal(t, []string{""}, values, "%s was not asked", name)
		}
		// as JSON, too: each condition is one of the parameters, and everything else but the page is kept
		have := map[string][]string{}
		for _, in := range append(form.Params, *form.Search) {
			have[in.Param] = append(have[in.Param], in.Values...)
		}
		for _, p := range form.Keep {
			have[p.Name] = append(have[p.Name], p.Value)
		}
		maps.DeleteFunc(have, func(_ string, values []string) bool { return len(values) == 0 })
		assert.Equal(t, want, have)
		for _, f := range faults {
			assert.Contains(t, text, html.EscapeString(f.Says))
		}
		for _, c := range form.InForce {
			assert.Contains(t, links, c.Href)
			_, left, _ := strings.Cut(c.Href, "?")
			var without []query.Pair
			for _, p := range query.Pairs(rawQuery) {
				if p.Name != c.Param {
					without = append(without, p)
				}
			}
			assert.Equal(t, append([]query.Pair{}, without...), append([]query.Pair{}, query.Pairs(left)...), c.Param)
		}
		assert.Equal(t, len(form.InForce) > 0 || len(faults) > 0, strings.Contains(text, `<a href="/calls">Show all</a>`))
	})
}
