package sets_test

import (
	"cmp"
	"context"
	"fmt"
	"math/rand/v2"
	"net/url"
	"slices"
	"strconv"
	"strings"
	"testing"
	"unicode"

	"github.com/jackc/pgx/v5"
	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"
	"pgregory.net/rapid"

	"pageladder.example/internal/csvcell"
	"pageladder.example/internal/intake"
	"pageladder.example/internal/sets"
	"pageladder.example/internal/testkit"
	"pageladder.example/paging"
	"pageladder.example/paging/rulesfile"
	"pageladder.example/paging/value"
)

// The oracle answers the same questions over the same records in memory. Of
// PostgreSQL it knows one thing: for each distinct text its rank in the collation
// and its folded form.

var oracleFields = []intake.Field{
	{Name: "id", Type: value.Integer}, {Name: "name", Type: value.Text}, {Name: "amount", Type: value.Integer},
	{Name: "price", Type: value.Decimal}, {Name: "ok", Type: value.Boolean}, {Name: "day", Type: value.Date}, {Name: "at", Type: value.Time},
}

func oracleRules() *rulesfile.Rules {
	r := rulesfile.Of(paging.Rules{Key: []string{"id"}, Size: paging.SizeRules{Offered: []int{3, 5}}, Search: []string{"name"}, MaxSortKeys: 3})
	for i, f := range oracleFields {
		r.Sorts = append(r.Sorts, paging.SortKey{Key: f.Name, NullsFirst: i%2 == 0 && i > 0})
		r.Filters = append(r.Filters, paging.FilterRule{Field: f.Name, Type: f.Type})
	}
	return r
}

type oracleRecord map[string]*string // as written in CSV; nil: missing

type oracle struct {
	records []oracleRecord
	rank    map[string]int
	folded  map[string]string
}

func newOracle(t *testing.T, store *sets.Store, url string, n int) *oracle {
	o := &oracle{rank: map[string]int{}, folded: map[string]string{}}
	r := rand.New(rand.NewPCG(7, 347))
	texts := []string{"", "a", "A", "á", "ab", "Ab", "b", "Z", "z", "Øst Gull", "ost gull", "Grey Gull", "grey  tern", "50%", "a_b", `a\b`, "a'b", "\"q\"", "<b>", "Żuraw", "müde", "mude", "ﬁsh", "İstanbul", "N4/E1 quay", "<lost at sea>", "3.5m draught", "tide-2", "o\u0308re", "https://saltmere.example/a_b.html?x=1", "क्षमा 2026-03-01", strings.Repeat("long ", 50)}
	csv := "id,name,amount,price,ok,day,at\n"
	for id := range n {
		rec := oracleRecord{}
		put := func(field, value string) {
			if field != "id" && r.IntN(6) == 0 {
				rec[field] = nil
			} else {
				rec[field] = &value
			}
		}
		put("id", strconv.Itoa(id*7%n+1))
		put("name", texts[r.IntN(len(texts))])
		put("amount", strconv.Itoa(r.IntN(9)-4))
		put("price", strconv.FormatFloat(float64(r.IntN(40)-20)/4, 'f', -1, 64))
		put("ok", strconv.FormatBool(r.IntN(2) > 0))
		put("day", fmt.Sprintf("2026-%02d-%02d", 1+r.IntN(3), 1+r.IntN(4)))
		put("at", fmt.Sprintf("2026-03-%02dT%02d:%02d:00Z", 1+r.IntN(2), r.IntN(3), r.IntN(60)))
		o.records = append(o.records, rec)
		cells := []byte{}
		for i, f := range oracleFields {
			if i > 0 {
				cells = append(cells, ',')
			}
			v := rec[f.Name]
			if v == nil {
				cells = csvcell.Append(cells, "", true)
			} else {
				cells = csvcell.Append(cells, *v, false)
			}
		}
		csv += string(cells) + "\n"
	}
	set := sets.Draft{Name: "oracle", Label: "Oracle", Fields: oracleFields, Rules: oracleRules()}
	require.NoError(t, store.LoadCSV(t.Context(), set, strings.NewReader(csv)))

	conn, err := pgx.Connect(t.Context(), url)
	require.NoError(t, err)
	defer conn.Close(context.Background())
	rows, err := conn.Query(t.Context(), `select v, rank() over (order by v collate "und-x-icu"), pageladder.fold(normalize(v, nfc)) from unnest($1::text[]) v`, texts)
	require.NoError(t, err)
	var v, folded string
	var rank int
	_, err = pgx.ForEachRow(rows, []any{&v, &rank, &folded}, func() error {
		o.rank[v], o.folded[v] = rank, folded
		return nil
	})
	require.NoError(t, err)
	return o
}

// compare compares two values of a type with each other.
func (o *oracle) compare(t value.Type, a, b string) int {
	switch t {
	case value.Text:
		return cmp.Compare(o.rank[a], o.rank[b])
	case value.Integer, value.Decimal:
		x, _ := strconv.ParseFloat(a, 64)
		y, _ := strconv.ParseFloat(b, 64)
		return cmp.Compare(x, y)
	}
	return cmp.Compare(a, b) // true after false; dates and times in one zone
}

func (o *oracle) matches(rec oracleRecord, c *paging.Condition) bool {
	v := rec[c.Field]
	any := func(test func(want string) bool) bool { return v != nil && slices.ContainsFunc(c.Values, test) }
	same := func(want string) bool {
		if c.Type == value.Text {
			return *v == want
		}
		return o.compare(c.Type, *v, want) == 0
	}
	day := func(text string) bool { return c.Type == value.Time && len(text) == len("2026-03-01") } // stands for the whole of it
	if plain := same; c.Type == value.Time {
		same = func(want string) bool { return day(want) && strings.HasPrefix(*v, want) || plain(want) }
	}
	switch c.Op {
	case paging.Equals:
		return any(same)
	case paging.Not:
		return !any(same)
	case paging.Min:
		return any(func(want string) bool { return o.compare(c.Type, *v, want) >= 0 })
	case paging.Max:
		return any(func(want string) bool {
			return o.compare(c.Type, *v, want) <= 0 || day(want) && strings.HasPrefix(*v, want)
		})
	case paging.None:
		return (v == nil) == (c.Values[0] == "true")
	case paging.Has:
		return any(func(want string) bool { return strings.Contains(strings.ToLower(*v), strings.ToLower(want)) })
	}
	return any(func(want string) bool { return strings.HasPrefix(strings.ToLower(*v), strings.ToLower(want)) })
}

// finds reports whether every word begins a word of the name, all but the last as a
// whole one.
func (o *oracle) finds(rec oracleRecord, words []string) bool {
	name := ""
	if rec["name"] != nil {
		name = o.folded[*rec["name"]]
	}
	has := strings.FieldsFunc(name, func(r rune) bool { return !unicode.In(r, unicode.L, unicode.Nd, unicode.M) })
	for i, w := range words {
		if w == "--" { // holds no word
			return false
		}
		last := i == len(words)-1
		if !slices.ContainsFunc(has, func(h string) bool { return h == w || last && strings.HasPrefix(h, w) }) {
			return false
		}
	}
	return true
}

func (o *oracle) answer(ask paging.Ask) (ids []string) {
	var found []oracleRecord
	for _, rec := range o.records {
		ok := o.finds(rec, strings.Fields(ask.Search()))
		for _, c := range ask.Conditions() {
			ok = ok && o.matches(rec, &c)
		}
		if ok {
			found = append(found, rec)
		}
	}
	types := map[string]value.Type{}
	for _, f := range oracleFields {
		types[f.Name] = f.Type
	}
	slices.SortFunc(found, func(x, y oracleRecord) int {
		for _, by := range ask.Order() {
			a, b := x[by.Field], y[by.Field]
			c := 0
			switch {
			case a == nil && b == nil:
			case a == nil || b == nil:
				c = map[bool]int{true: 1, false: -1}[(a == nil) != by.NullsFirst]
			default:
				c = o.compare(types[by.Field], *a, *b)
				if by.Desc {
					c = -c
				}
			}
			if c != 0 {
				return c
			}
		}
		return 0
	})
	for _, rec := range found {
		ids = append(ids, *rec["id"])
	}
	return ids
}

// drawQuestion draws a query of filters, search and sort, without page and size.
func drawQuestion(t *rapid.T) string {
	values := map[string][]string{
		"id": {"1", "7", "200", "9999"}, "amount": {"-4", "-1", "0", "2", "4", "99"}, "price": {"-5", "-0.25", "0", "1.5", "2.75"},
		"ok": {"true", "false"}, "day": {"2026-01-01", "2026-02-03", "2026-03-04"}, "at": {"2026-03-01T01:00:00Z", "2026-03-01T00:30:00Z", "2026-03-01", "2026-03-02", "2026-02-28"},
		"name": {"a", "A", "ab", "Grey Gull", "50%", "a_b", `a\b`, "a'b", "z"},
	}
	var pieces []string
	for range rapid.IntRange(0, 3).Draw(t, "filters") {
		f := rapid.SampledFrom(oracleFields).Draw(t, "field")
		ops := []string{"", ".not", ".min", ".max"}
		if f.Type == value.Text {
			ops = []string{"", ".not", ".has", ".starts"}
		} else if f.Type == value.Boolean {
			ops = []string{"", ".not"}
		}
		if rapid.IntRange(0, 5).Draw(t, "none") == 0 {
			pieces = append(pieces, f.Name+".none="+rapid.SampledFrom([]string{"true", "false"}).Draw(t, "is"))
			continue
		}
		pieces = append(pieces, f.Name+rapid.SampledFrom(ops).Draw(t, "op")+"="+url.QueryEscape(rapid.SampledFrom(values[f.Name]).Draw(t, "value")))
	}
	if rapid.IntRange(0, 4).Draw(t, "search") == 0 {
		pieces = append(pieces, "q="+rapid.SampledFrom([]string{"gull", "gu", "grey gu", "ost", "zur", "mude", "q", "fi", "e1", "e1 qu", "lost", "5m", "2", "ore", "html", "saltmere", "03", "b", "क्षमा", "--"}).Draw(t, "words"))
	}
	var keys []string
	for range rapid.IntRange(0, 3).Draw(t, "keys") {
		keys = append(keys, rapid.SampledFrom([]string{"", "-"}).Draw(t, "direction")+rapid.SampledFrom(oracleFields).Draw(t, "key").Name)
	}
	return strings.Join(append(pieces, "sort="+strings.Join(keys, ",")), "&")
}

func TestPagesAreThoseOfTheOracle(t *testing.T) {
	url := testkit.DatabaseURL(t)
	store, err := sets.Open(t.Context(), url)
	require.NoError(t, err)
	defer store.Close()
	o := newOracle(t, store, url, 400)
	rules := oracleRules()
	rapid.Check(t, func(rt *rapid.T) {
		query := drawQuestion(rt)
		ask, err := rules.Read(query)
		require.NoError(rt, err, query)
		want := o.answer(ask)
		// with footholds from every fifth record on, or read from either end
		if rapid.Bool().Draw(rt, "footholds") {
			store.SetDeep(0)
			_, _, err := store.BuildFootholds(rt.Context(), "oracle", query)
			require.NoError(rt, err, query)
		} else {
			store.SetDeep(1 << 40)
		}
		size := rapid.SampledFrom([]int{1, 3, 5, 7, 100}).Draw(rt, "size")
		for range 4 {
			number := rapid.IntRange(1, len(want)/size+1).Draw(rt, "page")
			page, err := store.Page(rt.Context(), sets.Request{Set: "oracle", Query: fmt.Sprintf("%s&size=%d&page=%d", query, size, number)})
			require.NoError(rt, err, query)
			total := page.Settled.Metadata().TotalItems
			require.EqualValues(rt, len(want), *total, query)
			got := []string{}
			for _, r := range page.Records {
				got = append(got, string(r[0]))
			}
			from := int(page.Settled.Offset())
			require.Equal(rt, append([]string{}, want[from:from+page.Settled.Rows()]...), got, "%s, %d of %d", query, number, size)
		}
	})
}

// Sort positions of long texts take much memory: fewer of them are kept, and pages
// stay what they are.
func TestFootholdsFitTheirMemory(t *testing.T) {
	const records = 3_000
	store := testkit.Store(t)
	var csv strings.Builder
	csv.WriteString("id,word\n")
	random := rand.New(rand.NewPCG(1, 2))
	for id := range records {
		word := make([]byte, 450)
		for i := range word {
			word[i] = byte('a' + random.IntN(26))
		}
		fmt.Fprintf(&csv, "%d,%s\n", id, word)
	}
	rules := rulesfile.Of(paging.Rules{Key: []string{"id"}, Sorts: []paging.SortKey{{Key: "word"}}, Size: paging.SizeRules{Default: 1},
		Filters: []paging.FilterRule{{Field: "id", Type: value.Integer}}})
	set := sets.Draft{Name: "words", Label: "Words", Rules: rules, Fields: []intake.Field{{Name: "id", Type: value.Integer}, {Name: "word", Type: value.Text}}}
	require.NoError(t, store.LoadCSV(t.Context(), set, strings.NewReader(csv.String())))
	for _, query := range []string{"sort=word", "sort=-word&id.min=5"} {
		ids := func() (all []string) {
			for _, number := range []int{2, 3, 4, 5, 500, 1499, 1501, 2990} {
				page, err := store.Page(t.Context(), sets.Request{Set: "words", Query: fmt.Sprintf("%s&page=%d", query, number)})
				require.NoError(t, err)
				all = append(all, string(page.Records[0][0]))
			}
			return all
		}
		store.SetDeep(1 << 40)
		want := ids()
		step, bytes, err := store.BuildFootholds(t.Context(), "words", query)
		require.NoError(t, err)
		assert.Greater(t, step, int64(1), query)
		assert.LessOrEqual(t, bytes, 100_000, "the bound of a small set")
		store.SetDeep(0)
		assert.Equal(t, want, ids(), query)
	}
}
