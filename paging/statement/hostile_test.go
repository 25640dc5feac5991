package statement_test

import (
	"errors"
	"fmt"
	"net/url"
	"regexp"
	"strings"
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"pageladder.example/paging"
	"pageladder.example/paging/choose"
	"pageladder.example/paging/statement"
	"pageladder.example/paging/statement/sqlpage"
	"pageladder.example/paging/text"
)

// corpus are strings that mean something to SQL, to patterns or to drivers.
var corpus = []string{
	"'", "''", `"`, "`", `\`, `\'`, `\\'`, `';--`, `' or '1'='1`, `" or ""="`, "1; drop table records", "'; drop table records; --", "') or 1=1 --", "/*", "*/", "--", "#", ";",
	"$1", "$2::text", "?", "??", "?1", ":id", "@x", "%", "_", "%_%", "!%", "!!", `\%`, "[a-z]", "{words}", "{}", "(", ")", "((", "[", "]", "null", "NULL", "true",
	"id", "r.id", "records", "select 1", "union select name from records", "sleep(9)", "pg_sleep(9)", "0x27", "%27", "\u2019", "\u02bc", "\uff07", "\ufeff", "\u202e", "é", "日本'", "😀'",
	"1e999", "-1", "9999999999999999999999", "NaN", "Infinity", "1/0", "\t", "\r\n", "\x1a", "\x01", strings.Repeat("'", 500), strings.Repeat("(", 500), strings.Repeat("%", 200), strings.Repeat("a", 20_000),
	"\x00", "\xff\xfe", "a\x00b",
}

// Every string of the corpus, at every place of a query, is refused or finds the same as in a list
// in memory, and the table stays as it was.
func TestNoQueryReachesTheText(t *testing.T) {
	records := makeRecords(60)
	rules := rulesOf()
	rules.Params.Direction = "dir"
	var places []string
	for _, f := range fields {
		for _, op := range []string{"", ".not", ".min", ".max", ".none", ".has", ".starts"} {
			places = append(places, f.name+op+"=%s")
		}
	}
	places = append(places, "sort=%s", "sort=-id,%s", "dir=%s&sort=id", "q=%s", "q=gull+%s", "page=%s", "size=%s", "row=%s", "%s=1", "name.%s=1", "%s.has=a", "name=a&name=%s", "name.has=%s&name.has=gull")
	all := databases(t, records)
	lists := make([]*statement.List, len(all))
	for i, d := range all {
		lists[i] = d.list(t, statement.Tied)
	}
	statements := 0
	for _, place := range places {
		for _, hostile := range corpus {
			query := fmt.Sprintf(place, url.QueryEscape(hostile))
			ask, err := rules.Read(query)
			var refusal *paging.Refusal
			if errors.As(err, &refusal) {
				continue
			}
			require.NoError(t, err, query)
			statements++
			page, onPage, err := choose.Page(records, ask, valueOf)
			require.NoError(t, err, query)
			for i, d := range all {
				got, rows, err := sqlpage.Page[map[string]any](t.Context(), d.db, lists[i], ask, statement.Where{})
				require.NoError(t, err, "%s: %s", d.name, query)
				assert.Equal(t, page.Total().Records(), got.Total().Records(), "%s: %s", d.name, query)
				require.Len(t, rows, len(onPage), "%s: %s", d.name, query)
				for i := range onPage {
					assert.EqualValues(t, *onPage[i]["id"], rows[i]["id"], "%s: %s", d.name, query)
				}
			}
		}
	}
	assert.Greater(t, statements, 1_000, "most are asked, not refused")
	for _, d := range all {
		assert.EqualValues(t, len(records), d.number(t, statement.Statement{SQL: "select count(*) from records"}), d.name)
	}
}

// fuzzed are lists whose every piece of SQL is marked, in each dialect and form.
func fuzzed() (lists []*statement.List) {
	marked := map[string]statement.Field{}
	for _, f := range fields {
		marked[f.name] = statement.Field{SQL: "«" + f.name + "»", Type: f.kind, Nullable: f.name != "id"}
	}
	for _, table := range []statement.Table{
		{Dialect: statement.PostgreSQL, Places: statement.Tied, ByKey: []string{"id"}},
		{Dialect: statement.PostgreSQL, Places: statement.Compared, Search: "«search({words})»"},
		{Dialect: statement.PostgreSQL, Places: statement.Nested, Words: "«words»", SplitWords: strings.Fields},
		{Dialect: statement.MySQL, Places: statement.Tied},
		{Dialect: statement.MySQL, Places: statement.Nested, Words: "«words»", SplitWords: strings.Fields, ByKey: []string{"id"}},
		{Dialect: statement.SQLite, Places: statement.Compared, Words: "«words»", SplitWords: text.Words},
	} {
		table.From, table.Fields = "«records»", marked
		list, err := statement.New(table)
		if err != nil {
			panic(err)
		}
		lists = append(lists, list)
	}
	return lists
}

// ourWords is every word that a statement may have besides the table's own SQL, which is marked:
// words, aliases, placeholders, casts, signs, limits, and a few numbers and patterns.
var ourWords = regexp.MustCompile(`^(?:«[a-z]+»|«search\(\$\d+\)»|"[a-z]+"|` + "`[a-z]+`" + `|\$\d+|::(?:text|bigint|numeric|boolean|date|timestamptz)(?:\[\])?|` +
	`\b(?:select|as|from|where|and|or|not|is|null|order|by|desc|nulls|first|last|group|join|on|like|ilike|escape|collate|binary|using|any|array|` +
	`count|min|cast|signed|convert|coalesce|lower|normalize|nfd|concat|concat_ws|regexp_replace|string_to_array|instr|date|` +
	`utf8mb4|utf8mb4_bin|utf8mb4_unicode_520_ci|found|k0|one|counted|value|records)\b|` +
	`\b(?:limit|offset) \d+\b|decimal\(65,\d\d?\)|datetime\(6\)|\b[01]\b|<=|>=|\|\||@>|[ ?(),=<>.\[\]*]|'(?: |% |%|!|g|)'|'\[\\u0300-\\u036f\]'|'between words')*$`)

// FuzzStatement checks that no text of a query becomes text of a statement.
func FuzzStatement(f *testing.F) {
	lists := fuzzed()
	rules := rulesOf()
	for _, hostile := range corpus {
		f.Add("name="+url.QueryEscape(hostile)+"&sort=-name&q="+url.QueryEscape(hostile), hostile, int64(3))
	}
	f.Add("at=2026-03-01&at.not=9999-12-31&day.max=2026-01-01&big.min=99999999999999999999&price.not=0.1&ok=true&page=9&sort=-at,price,ok", "7", int64(1_000))
	f.Fuzz(func(t *testing.T, query, text string, offset int64) {
		ask, err := rules.Read(query)
		if err != nil {
			return
		}
		seen := map[string]bool{}
		for _, list := range lists {
			q, err := list.Ask(ask, statement.Where{})
			var refusal *paging.Refusal
			if errors.As(err, &refusal) {
				continue
			}
			if err != nil {
				t.Fatal(err)
			}
			place := make([]*string, len(q.Order()))
			for i, o := range q.Order() {
				if canonical, want := kindOf(o.Field).Canonical(text); want == "" {
					place[i] = &canonical
				}
			}
			regions := append(q.Regions(), statement.Region{})
			for _, make := range []func([]*string) ([]statement.Region, error){q.From, q.After} {
				if more, err := make(place); err == nil {
					regions = append(regions, more...)
				}
			}
			statements, reversed := []statement.Statement{}, q.Reversed()
			for _, r := range regions {
				for _, question := range []*statement.Question{q, reversed} {
					s, err := question.Rows([]string{"id", "name", "at"}, r, max(offset, 0), 20)
					if err != nil {
						t.Fatal(err)
					}
					statements = append(statements, s, question.Count(r, offset))
				}
			}
			for _, field := range fields {
				s, err := q.Facet(field.name, 50)
				if err != nil {
					t.Fatal(err)
				}
				statements = append(statements, s)
			}
			for _, s := range statements {
				if seen[s.SQL] {
					continue
				}
				seen[s.SQL] = true
				if !ourWords.MatchString(strings.ReplaceAll(s.SQL, statement.BetweenWords, "between words")) {
					t.Fatalf("not our words: %s", s.SQL)
				}
				if n := placeholders(list.Dialect(), s.SQL); n != len(s.Args) {
					t.Fatalf("%d placeholders and %d arguments: %s", n, len(s.Args), s.SQL)
				}
			}
		}
	})
}

// placeholders counts a statement's: of PostgreSQL's, which can be written twice, the
// highest number.
func placeholders(d statement.Dialect, sql string) (n int) {
	if d != statement.PostgreSQL {
		return strings.Count(sql, "?")
	}
	for _, found := range regexp.MustCompile(`\$(\d+)`).FindAllStringSubmatch(sql, -1) {
		var number int
		fmt.Sscan(found[1], &number)
		n = max(n, number)
	}
	return n
}
