package rulesfile

import (
	"errors"
	"fmt"
	"strings"
	"testing"

	"github.com/stretchr/testify/require"

	"pageladder.example/paging"
	"pageladder.example/paging/markup"
)

// examples show what each entry of the rules does: the rules, a query, and which aspect of the page
// to print (see aspect). The code works out what that is. An entry that has no effect on a single
// page stands without a query, and its description says the rest.
var examples = []struct{ entry, rules, query, aspect string }{
	{"params.page", `{"params": {"page": "p"}}`, "p=3", "rows"},
	{"params.size", `{"params": {"size": "per"}}`, "per=50", "rows"},
	{"params.offset", `{"addressing": "offset", "params": {"offset": "skip"}}`, "skip=40", "rows"},
	{"params.limit", `{"addressing": "offset", "params": {"limit": "take"}}`, "take=50", "rows"},
	{"params.row", `{"params": {"row": "n"}}`, "n=55", "rows"},
	{"params.sort", `{"params": {"sort": "by"}, "sorts": [{"key": "vessel"}]}`, "by=-vessel", "sort"},
	{"params.search", `{"params": {"search": "find"}, "search": ["vessel"]}`, "find=gull", "search"},
	{"params.fields", `{"params": {"fields": "only"}, "show": ["vessel", "berth"]}`, "only=berth", "fields"},
	{"params.direction", `{"params": {"direction": "dir"}, "sorts": [{"key": "vessel"}]}`, "sort=vessel&dir=desc", "sort"},
	{"params.after", `{"key": ["id"], "params": {"after": "behind"}}`, "", ""},
	{"params.before", `{"key": ["id"], "params": {"before": "ahead_of"}}`, "", ""},
	{"addressing", `{"addressing": "offset"}`, "offset=40&limit=20", "rows"},
	{"size.default", `{"size": {"default": 25}}`, "", "rows"},
	{"size.cap", `{"size": {"cap": 50}}`, "size=500", "rows"},
	{"size.offered", `{"size": {"offered": [25, 50]}}`, "", "sizes"},
	{"size.closed", `{"size": {"offered": [20, 50], "closed": true}}`, "size=30", "rows"},
	{"size.all", `{"size": {"all": 1000}}`, "size=all", "rows"},
	{"key", `{"key": ["id"], "sorts": [{"key": "vessel"}]}`, "sort=-vessel", "sort"},
	{"sorts", `{"sorts": [{"key": "vessel"}, {"key": "berth"}]}`, "sort=berth,-vessel", "sort"},
	{"sorts[].key", `{"sorts": [{"key": "heaviest", "fields": ["tonnage"]}]}`, "sort=-heaviest", "sort"},
	{"sorts[].fields", `{"sorts": [{"key": "name", "fields": ["family", "given"]}]}`, "sort=name", "sort"},
	{"sorts[].first", `{"sorts": [{"key": "tonnage", "first": "desc"}]}`, "", "sorts"},
	{"sorts[].nulls_first", `{"sorts": [{"key": "cargo", "nulls_first": true}]}`, "", ""},
	{"default_sort", `{"sorts": [{"key": "arrived_at"}], "default_sort": "-arrived_at"}`, "", "sort"},
	{"max_sort_keys", `{"sorts": [{"key": "vessel"}, {"key": "berth"}], "max_sort_keys": 1}`, "sort=berth,vessel", "sort"},
	{"filters", `{"filters": [{"field": "berth"}]}`, "berth=N4&berth=N5", "filters"},
	{"filters[].field", `{"filters": [{"field": "berth"}]}`, "berth=N4", "filters"},
	{"filters[].type", `{"filters": [{"field": "tonnage", "type": "integer"}]}`, "tonnage.min=many", "filters"},
	{"filters[].operators", `{"filters": [{"field": "tonnage", "type": "integer", "operators": ["min", "max"]}]}`, "tonnage=700", "filters"},
	{"filters[].param", `{"filters": [{"field": "tonnage", "type": "integer", "param": "filter[tonnage]"}]}`, "filter[tonnage][min]=500", "filters"},
	{"search", `{"search": ["vessel", "cargo"]}`, "q=gull", "search"},
	{"show", `{"show": ["vessel", "berth"]}`, "fields=berth", "fields"},
	{"past_last", `{"past_last": "refuse"}`, "page=99", "rows"},
	{"on_fault", `{"on_fault": "refuse"}`, "page=3x", "rows"},
	{"faults", `{"faults": {"size.over_cap": "refuse"}}`, "size=500", "rows"},
	{"unknown", `{"unknown": "drop"}`, "colour=red", "next"},
	{"prefix", `{"prefix": "a.", "filters": [{"field": "berth"}]}`, "a.berth=N4&b.page=3", "next"},
	{"repeat", `{"repeat": "list", "sorts": [{"key": "tonnage"}, {"key": "vessel"}]}`, "sort=-tonnage&sort=vessel", "next"},
	{"ride_along", `{"unknown": "refuse", "ride_along": ["tab"]}`, "tab=2", "next"},
	{"keep.what", `{"keep": {"what": "declared"}}`, "tab=2", "next"},
	{"keep.names", `{"keep": {"what": "listed", "names": ["tab"]}}`, "tab=2&seen=1", "next"},
	{"base", `{"base": "/arrivals/page/{page}"}`, "", "next"},
	{"origins", `{"origins": ["https://saltmere.example"], "base": "https://saltmere.example/arrivals"}`, "", "next"},
	{"first_page_bare", `{"first_page_bare": true}`, "page=3", "first"},
	{"offset_as_is", `{"addressing": "offset", "offset_as_is": true}`, "offset=45", "rows"},
	{"max_offset", `{"max_offset": 500}`, "", ""},
	{"count", `{"count": "none"}`, "", ""},
	{"count_to", `{"count": "at_least", "count_to": 1000}`, "", ""},
	{"ladder.reach", `{"ladder": {"reach": 1}}`, "page=9", "ladder"},
	{"ladder.tips", `{"ladder": {"tips": 2}}`, "page=9", "ladder"},
	{"ladder.steady", `{"ladder": {"steady": false}}`, "", "ladder"},
	{"ladder.gap_links", `{"ladder": {"gap_links": true}}`, "page=9", "gaps"},
	{"ladder.ends", `{"ladder": {"ends": true}}`, "page=9", "first"},
	{"ladder.lone", `{"ladder": {"lone": true}}`, "", ""},
	{"indexes", `{"indexes": [["berth", "arrived_at"]]}`, "", ""},
	{"markup.style", `{"markup": {"style": "bootstrap"}}`, "", ""},
	{"markup.classes", `{"markup": {"style": "classed", "classes": {"list": "rail", "current": "here"}}}`, "", ""},
	{"markup.index", `{"markup": {"index": "first"}}`, "", ""},
	{"markup.age", `{"markup": {"age": "arrived_at"}}`, "", ""},
	{"envelope", `{"envelope": {"records": "/data", "next": "/links/next"}}`, "", ""},
	{"pinned", `{"pinned": true}`, "", ""},
	{"language", `{"language": "de"}`, "page=3", "summary"},
}

// aspect is what an example shows of a page.
func aspect(what string, p paging.Page, rules *Rules, base paging.Base) string {
	links, metadata := p.On(base), p.Metadata()
	v := markup.Of(p, base, markup.LanguageFor(rules.Language))
	switch what {
	case "rows":
		return "rows " + metadata.Summary
	case "summary":
		return "`" + v.Summary() + "`"
	case "sort":
		return "in the order `" + metadata.Sort + "`"
	case "search":
		return "searches for `" + p.Ask().Search() + "`"
	case "fields":
		return "shows `" + strings.Join(p.Ask().Fields(), "`, `") + "`"
	case "filters":
		var all []string
		for _, c := range metadata.Filters {
			all = append(all, fmt.Sprintf("%s %s %s", c.Field, c.Op, strings.Join(c.Values, ", ")))
		}
		return "where `" + strings.Join(all, "`, `") + "`"
	case "sizes":
		var all []string
		for _, s := range links.Sizes() {
			all = append(all, fmt.Sprint(s.Size))
		}
		return "offers " + strings.Join(all, ", ")
	case "sorts":
		return "its link is `" + links.Sorts()[0].Href + "`"
	case "next", "first":
		return what + " is `" + map[string]string{"next": v.Steps.Next, "first": v.Steps.First}[what] + "`"
	case "gaps":
		for _, rung := range v.Ladder {
			if rung.Kind == paging.RungGap {
				return fmt.Sprintf("the gap of pages %d to %d links to `%s`", rung.From, rung.To, rung.Href)
			}
		}
	case "ladder":
		return "`" + strings.TrimSpace(markup.Text(&v, markup.TextOptions{})) + "`"
	}
	return ""
}

// exampleOf is an entry's example as the docs show it, of a list of 347 records, and its rules.
func exampleOf(t *testing.T, entry string) (shown, rulesText string) {
	for _, e := range examples {
		if e.entry != entry {
			continue
		}
		rules, err := Parse([]byte(e.rules))
		require.NoError(t, err, entry)
		shown = "`" + e.rules + "`"
		if e.aspect == "" {
			return shown, e.rules
		}
		text := func() string {
			ask, err := rules.Read(e.query)
			var refusal *paging.Refusal
			if errors.As(err, &refusal) {
				return "is refused: `" + string(refusal.Faults[0].Why) + "`"
			}
			require.NoError(t, err, entry)
			page, err := ask.Settle(paging.Exact(347))
			if errors.As(err, &refusal) {
				return "is refused: `" + string(refusal.Faults[0].Why) + "`"
			}
			require.NoError(t, err, entry)
			at := rules.Base
			if at == "" {
				at = "/arrivals"
			}
			base, err := paging.ParseBase(at, rules.Origins...)
			require.NoError(t, err, entry)
			return aspect(e.aspect, page, rules, base)
		}()
		require.NotEmpty(t, text, "%s: nothing is told of %q", entry, e.aspect)
		if e.query != "" {
			return shown + "<br>`?" + e.query + "`: " + text, e.rules
		}
		return shown + ": " + text, e.rules
	}
	require.Fail(t, "an entry has no example", entry)
	return "", ""
}
