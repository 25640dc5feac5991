package statement_test

import (
	"flag"
	"fmt"
	"net/url"
	"slices"
	"strings"
	"testing"

	"github.com/stretchr/testify/require"
	"pgregory.net/rapid"

	"pageladder.example/internal/soak"
	"pageladder.example/paging"
	"pageladder.example/paging/choose"
	"pageladder.example/paging/statement"
	"pageladder.example/paging/value"
)

// drawQuery draws a query of filters, a search and a sort.
func drawQuery(t *rapid.T) string {
	values := map[string][]string{
		"id": {"1", "7", "200", "9999"}, "amount": {"-4", "-1", "0", "2", "4", "99"}, "price": {"-5", "-0.25", "0", "1.5", "2.75", "0.1"},
		"ok": {"true", "false"}, "day": {"2026-01-01", "2026-02-03", "2026-03-04", "9999-12-31"},
		"at":  {"2026-03-01T01:00:00Z", "2026-03-01T00:30:00.5Z", "2026-03-01T02:30:00+01:30", "2026-03-01T00:00:29.999999999Z", "2026-03-01", "2026-03-02", "2026-02-28", "9999-12-31", "0001-01-01"},
		"big": {"9007199254740992", "9007199254740993", "9007199254740994", "9223372036854775807", "99999999999999999999", strings.Repeat("9", 80)},
	}
	var pieces []string
	for range rapid.IntRange(0, 3).Draw(t, "filters") {
		f := rapid.SampledFrom(fields).Draw(t, "field")
		ops := []string{"", ".not", ".min", ".max"}
		if f.kind == value.Text {
			ops = []string{"", ".not", ".has", ".starts"}
		} else if f.kind == value.Boolean {
			ops = []string{"", ".not"}
		}
		if rapid.IntRange(0, 5).Draw(t, "none") == 0 {
			pieces = append(pieces, f.name+".none="+rapid.SampledFrom([]string{"true", "false"}).Draw(t, "is"))
			continue
		}
		op := rapid.SampledFrom(ops).Draw(t, "op")
		for range rapid.IntRange(1, 3).Draw(t, "values") {
			v := ""
			if f.kind == value.Text {
				v = rapid.OneOf(rapid.SampledFrom(texts), rapid.StringMatching(`[aAb%_!'"\\{},? ]{1,4}`)).Draw(t, "text")
			} else {
				v = rapid.SampledFrom(values[f.name]).Draw(t, "value")
			}
			pieces = append(pieces, f.name+op+"="+url.QueryEscape(v))
		}
	}
	if rapid.IntRange(0, 4).Draw(t, "search") == 0 {
		pieces = append(pieces, "q="+url.QueryEscape(rapid.SampledFrom([]string{"gull", "gu", "grey gu", "GREY", "mude", "müde", "q", "e1", "e1 qu", "n4 e", "5m", "2", "03", "b", "क्षमा", "--", "50%", "a_b", "日", "ж"}).Draw(t, "words")))
	}
	var keys []string
	for range rapid.IntRange(0, 3).Draw(t, "keys") {
		keys = append(keys, rapid.SampledFrom([]string{"", "-"}).Draw(t, "direction")+rapid.SampledFrom(fields).Draw(t, "key").name)
	}
	return strings.Join(append(pieces, "sort="+strings.Join(keys, ",")), "&")
}

// One ask gives the same records in the same order, with the same totals and facets, from each
// database and from a list in memory, by page number and after a cursor.
func TestAllGiveTheSame(t *testing.T) {
	records := makeRecords(250)
	all := databases(t, records)
	rules := rulesOf()
	checks := flag.Lookup("rapid.checks")
	defer flag.Set(checks.Name, checks.Value.String())
	require.NoError(t, flag.Set(checks.Name, soak.Or("300", "20000")))
	rapid.Check(t, func(t *rapid.T) {
		query := drawQuery(t)
		size := rapid.SampledFrom([]int{1, 3, 7, 100, 500}).Draw(t, "size")
		ask, err := rules.Read(fmt.Sprintf("%s&size=%d&page=%d", query, size, rapid.IntRange(1, 250/size+2).Draw(t, "page")))
		require.NoError(t, err, query)
		page, onPage, err := choose.Page(records, ask, valueOf)
		require.NoError(t, err, query)
		found, err := choose.All(records, ask, valueOf)
		require.NoError(t, err, query)
		field := rapid.SampledFrom(fields).Draw(t, "facet").name
		facets := facetsInMemory(t, records, rules, query, field)
		from := rapid.IntRange(0, max(len(found)-1, 0)).Draw(t, "place")
		places := rapid.SampledFrom([]statement.Places{statement.Tied, statement.Nested, statement.Compared}).Draw(t, "form of places")
		for _, d := range all {
			d.agrees(t, query, places, ask, page, onPage, found, from, field, facets)
		}
	})
}

func (d *database) agrees(t *rapid.T, query string, places statement.Places, ask paging.Ask, page paging.Page, onPage, found []record, from int, field string, facets []string) {
	if d.table.Dialect == statement.MySQL {
		places = min(places, statement.Nested)
	}
	list := d.list(t, places)
	q, err := list.Ask(ask, statement.Where{})
	require.NoError(t, err, query)
	require.EqualValues(t, len(found), d.number(t, q.Count(statement.Region{}, 0)), "%s: total of %s", d.name, query)
	regions := q.Regions()
	if places == statement.Tied { // in this form the list is read as one region
		regions = []statement.Region{{}}
	}
	require.Equal(t, keysOf(onPage), d.ids(t, q, regions, page.Offset(), page.Size()), "%s: %s", d.name, query)
	require.Equal(t, facets, d.facets(t, list, q, field), "%s: facets by %s of %s", d.name, field, query)
	if len(found) == 0 {
		return
	}
	place := make([]*string, len(q.Order()))
	for i, o := range q.Order() {
		place[i] = found[from][o.Field]
	}
	want, skip, limit := []record{}, 0, 9
	switch rapid.IntRange(0, 2).Draw(t, "direction") {
	case 0:
		regions, err = q.From(place)
		want = found[from:min(from+9, len(found))]
	case 1:
		regions, err = q.After(place)
		want, skip, limit = found[min(from+3, len(found)):min(from+9, len(found))], 2, 6
	case 2:
		q = q.Reversed()
		regions, err = q.After(place)
		want = slices.Clone(found[max(from-9, 0):from])
		slices.Reverse(want)
	}
	require.NoError(t, err)
	require.Equal(t, keysOf(want), d.ids(t, q, regions, int64(skip), limit), "%s: %s from %d", d.name, query, from)
}

func keysOf(records []record) []string {
	keys := make([]string, len(records))
	for i, r := range records {
		keys[i] = *r["id"]
	}
	return keys
}
