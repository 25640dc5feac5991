package control

import (
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"pageladder.example/paging"
	"pageladder.example/paging/code"
)

// A list is a list however it is written; of a parameter with one value the last one counts, which is said.
func TestParametersAreReadHoweverTheyAreWritten(t *testing.T) {
	shapes := []string{"native", "csv"}
	twice := func(param, given, used string) []paging.Adjustment {
		return []paging.Adjustment{{Param: param, Given: given, Used: used, Why: code.ParamRepeated, Says: param + " is given more than once and the last one counts."}}
	}
	for query, want := range map[string]Params{
		"":                                       {},
		"page=2&plain=1":                         {},
		"pl.facets=berth,cargo":                  {Facets: []string{"berth", "cargo"}},
		"pl.facets=berth&page=2&pl.facets=cargo": {Facets: []string{"berth", "cargo"}},
		"pl.facets=a,b&pl.facets=c":              {Facets: []string{"a", "b", "c"}},
		"pl.parts=links&pl.parts=paging%2Crecords":   {Parts: []string{"links", "paging", "records"}},
		"pl.total=exact&pl.total=none":               {Total: "none", Repeated: twice("pl.total", "exact", "none")},
		"pl.total=none&pl.total=exact&pl.total=none": {Total: "none", Repeated: twice("pl.total", "exact", "none")},
		"pl.total=none&pl.total=none":                {Total: "none"},
		"pl.version=1&pl%2Eversion=2":                {Version: 2, Repeated: twice("pl.version", "1", "2")},
	} {
		read, err := Read(query, shapes)
		require.NoError(t, err, query)
		assert.Equal(t, want, read, query)
	}
	for query, says := range map[string]string{
		"pl.facets=":                                 "pl.facets: found \"\"; right would be 1 to 20 fields",
		"pl.parts=links&pl.parts=all":                "pl.parts: found \"links,all\"; right would be some of",
		"pl.parts=links&pl.shape=csv":                "without another shape",
		"pl.total=some":                              "exact, at_least or none",
		"pl.totl=exact":                              "no such parameter",
		"pl.version=0&pl.explain=yes":                "pl.explain: found \"yes\"",
		"pl.facets=a" + repeated(",a", 20):           "1 to 20 fields",
		"pl.facets=a" + repeated("&pl.facets=a", 20): "1 to 20 fields",
	} {
		_, err := Read(query, shapes)
		assert.ErrorContains(t, err, says, query)
	}
}

func repeated(text string, n int) (all string) {
	for range n {
		all += text
	}
	return all
}
