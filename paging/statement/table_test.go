package statement_test

import (
	"fmt"
	"net/url"
	"strings"
	"testing"
	"time"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"
	"pgregory.net/rapid"

	"pageladder.example/internal/doctest"
	"pageladder.example/internal/testkit"
	"pageladder.example/paging"
	"pageladder.example/paging/choose"
	"pageladder.example/paging/statement"
	"pageladder.example/paging/value"
)

// A table that contradicts itself, or asks what its database cannot do, is an error before any
// statement is written.
func TestWrongTablesAreErrors(t *testing.T) {
	for _, c := range []struct {
		table statement.Table
		says  string
	}{
		{statement.Table{}, "Dialect: right would be PostgreSQL, MySQL or SQLite"},
		{statement.Table{Dialect: statement.PostgreSQL}, "From: found nothing"},
		{statement.Table{Dialect: statement.PostgreSQL, From: "a; drop table a"}, "From: found an end of the statement"},
		{statement.Table{Dialect: statement.PostgreSQL, From: "a -- b"}, "or a comment"},
		{statement.Table{Dialect: statement.MySQL, From: "a # b"}, "or a comment"},
		{statement.Table{Dialect: statement.PostgreSQL, From: "(select 1"}, "a bracket that is not closed"},
		{statement.Table{Dialect: statement.PostgreSQL, From: "f(1]"}, "a bracket that was not opened"},
		{statement.Table{Dialect: statement.SQLite, From: "a 'b"}, "a quote that is not closed"},
		{statement.Table{Dialect: statement.PostgreSQL, From: "f($1)"}, "found a placeholder"},
		{statement.Table{Dialect: statement.SQLite, From: "f(?)"}, "found a placeholder"},
		{statement.Table{Dialect: statement.PostgreSQL, From: "t", Fields: map[string]statement.Field{"id": {SQL: "id + $2", Arguments: 1}}}, "found a placeholder"},
		{statement.Table{Dialect: statement.SQLite, From: "t", Fields: map[string]statement.Field{"id": {SQL: "id + ?", Arguments: 1}}}, "found a placeholder"},
		{statement.Table{Dialect: statement.MySQL, From: "a", Places: statement.Compared}, "not in MySQL, Compared"},
		{statement.Table{Dialect: statement.SQLite, From: "a", Places: 9}, "Places: right would be"},
		{statement.Table{Dialect: statement.SQLite, From: "a", Search: "match(b)"}, "Search: right would be a condition with {words} in it, once"},
		{statement.Table{Dialect: statement.SQLite, From: "a", Words: "b"}, "Words: needs SplitWords"},
		{statement.Table{Dialect: statement.SQLite, From: "a", ByKey: []string{"id"}}, `ByKey: found "id"`},
		{statement.Table{Dialect: statement.SQLite, From: "a", Fields: map[string]statement.Field{"b": {}}}, `field "b": SQL: found nothing`},
		{statement.Table{Dialect: statement.SQLite, From: "a", Fields: map[string]statement.Field{"b": {SQL: "b", Type: "money"}}}, `found the type "money"`},
		{statement.Table{Dialect: statement.MySQL, From: "a", Fields: map[string]statement.Field{"b": {SQL: "b", Native: true}}}, "Native is PostgreSQL's alone"},
		{statement.Table{Dialect: statement.PostgreSQL, From: "a", Fields: map[string]statement.Field{"b": {SQL: "b", Layout: "unix"}}}, "Layout is for times in SQLite alone"},
		{statement.Table{Dialect: statement.SQLite, From: "a", Fields: map[string]statement.Field{"b": {SQL: "b", Type: value.Time, Layout: time.RFC3339Nano}}}, "right would be a layout of one width"},
		{statement.Table{Dialect: statement.SQLite, From: "a", Fields: map[string]statement.Field{"b": {SQL: "b", Type: value.Time, Layout: time.RFC850}}}, "right would be a layout of one width"},
		{statement.Table{Dialect: statement.SQLite, From: "a", Fields: map[string]statement.Field{"b": {SQL: "b", Type: value.Time, Layout: "02.01.2006 15:04:05"}}}, "right would be a layout of one width"},
	} {
		_, err := statement.New(c.table)
		assert.ErrorContains(t, err, c.says, "%+v", c.table)
		assert.ErrorAs(t, err, new(*statement.Error))
	}
	for _, layout := range []string{"", "unix", "unixmilli", time.DateTime, time.RFC3339, "2006-01-02T15:04:05.000Z", "20060102150405"} {
		_, err := statement.New(statement.Table{Dialect: statement.SQLite, From: "a", Fields: map[string]statement.Field{"b": {SQL: "b", Type: value.Time, Layout: layout}}})
		assert.NoError(t, err)
	}
}

// A filter of the program's own may have as many values as it likes: only a caller's are
// bounded.
// Rules that offer what the table does not have are found when the list is built.
func TestRulesThatDoNotFitTheTable(t *testing.T) {
	boats := statement.Table{Dialect: statement.SQLite, From: "boats", Fields: map[string]statement.Field{
		"id": {SQL: "id", Type: value.Integer}, "name": {SQL: "name"}, "crew": {SQL: "crew", Type: value.Integer}, "papers": {SQL: "papers", Type: value.JSON}}}
	key := []string{"id"}
	for says, rules := range map[string]*paging.Rules{
		`rules: they name no key`:                                        {},
		`past_last: found "lst"`:                                         {Key: key, PastLast: "lst"},
		`field "no": it is none of the table's Fields`:                   {Key: []string{"no"}},
		`field "draught": it is none of the table's Fields`:              {Key: key, Sorts: []paging.SortKey{{Key: "name"}, {Key: "deepest", Fields: []string{"draught"}}}},
		`field "papers": lists and objects have no order`:                {Key: key, Sorts: []paging.SortKey{{Key: "papers"}}},
		`field "crew": it is text in the rules and integer in the table`: {Key: key, Filters: []paging.FilterRule{{Field: "crew"}}},
		`field "berth": it is none of the table's Fields`:                {Key: key, Show: []string{"id", "berth"}},
		`search: SQLite cannot`:                                          {Key: key, Search: []string{"name"}},
	} {
		_, err := statement.New(boats, rules)
		assert.ErrorContains(t, err, says)
	}
	list, err := statement.New(boats, &paging.Rules{Key: key, Sorts: []paging.SortKey{{Key: "crew"}}, Filters: []paging.FilterRule{{Field: "crew", Type: value.Decimal}}, Show: []string{"id", "papers"}})
	require.NoError(t, err)
	assert.Equal(t, []string{"crew", "id", "name", "papers"}, list.Fields())
}

func TestOwnFiltersAreNotBounded(t *testing.T) {
	d := postgresDatabase(t, testkit.DatabaseURL(t))
	d.fill(t, makeRecords(5))
	list := d.list(t, statement.Tied)
	fixed, err := rulesOf().Read(strings.Repeat("name.has=x&", 1_500) + strings.Repeat("id=3&", 1_500))
	require.NoError(t, err)
	_, err = list.Ask(fixed, statement.Where{})
	var refusal *paging.Refusal
	require.ErrorAs(t, err, &refusal)
	own, err := list.Where(fixed.Conditions())
	require.NoError(t, err)
	all, err := rulesOf().Read("id.min=1")
	require.NoError(t, err)
	q, err := list.Ask(all, own)
	require.NoError(t, err)
	require.Zero(t, d.number(t, q.Count(statement.Region{}, 0)))
}

// A field that the rules, the program's own condition or a place name and the table lacks is an
// error when the statement is written.
func TestWrongQuestionsAreErrors(t *testing.T) {
	list, err := statement.New(statement.Table{Dialect: statement.SQLite, From: "a", Fields: map[string]statement.Field{
		"id": {SQL: "id", Type: value.Integer}, "name": {SQL: "name", Nullable: true}, "tags": {SQL: "tags", Type: value.JSON}, "height": {SQL: "height", Type: value.Decimal, Approximate: true}}})
	require.NoError(t, err)
	sorts := []paging.SortKey{{Key: "id"}, {Key: "name"}, {Key: "tags"}, {Key: "height"}, {Key: "speed"}}
	for _, c := range []struct {
		rules paging.Rules
		query string
		own   statement.Where
		says  string
	}{
		{paging.Rules{}, "", statement.Where{}, "rules: they name no key"},
		{paging.Rules{Key: []string{"code"}}, "", statement.Where{}, `field "code": it is none of the table's Fields`},
		{paging.Rules{Key: []string{"id"}, Sorts: sorts}, "sort=speed", statement.Where{}, `field "speed": it is none of the table's Fields`},
		{paging.Rules{Key: []string{"id"}, Sorts: sorts}, "sort=tags", statement.Where{}, "lists and objects have no order"},
		{paging.Rules{Key: []string{"id"}, Filters: []paging.FilterRule{{Field: "id"}}}, "id=1", statement.Where{}, `field "id": it is text in the rules and integer in the table`},
		{paging.Rules{Key: []string{"id"}, Search: []string{"name"}}, "q=a", statement.Where{}, "SQLite cannot take texts apart into words"},
		{paging.Rules{Key: []string{"id"}}, "", statement.Where{SQL: "tenant = ?"}, "found 1 placeholders and 0 arguments"},
		{paging.Rules{Key: []string{"id"}}, "", statement.Where{SQL: "tenant = ?1", Args: []any{1}}, "right would be ? alone"},
		{paging.Rules{Key: []string{"id"}}, "", statement.Where{SQL: "tenant = 'x", Args: nil}, "a quote that is not closed"},
	} {
		ask, err := c.rules.Read(c.query)
		require.NoError(t, err)
		_, err = list.Ask(ask, c.own)
		assert.ErrorContains(t, err, c.says)
		assert.ErrorAs(t, err, new(*statement.Error))
	}
	rules := paging.Rules{Key: []string{"id"}, Sorts: sorts}
	one, name := "1", "a"
	for query, c := range map[string]struct {
		place []*string
		says  string
	}{
		"sort=name":   {[]*string{&name}, "place: found 1 values; the order has 2 fields"},
		"sort=id":     {[]*string{nil}, "found \"no value\" in a place"},
		"sort=height": {[]*string{&one, &one}, "is approximate: a list that is sorted by it has no places"},
	} {
		ask, err := rules.Read(query)
		require.NoError(t, err)
		q, err := list.Ask(ask, statement.Where{})
		require.NoError(t, err)
		_, err = q.From(c.place)
		assert.ErrorContains(t, err, c.says)
		_, err = q.Rows([]string{"speed"}, statement.Region{}, 0, 1)
		assert.ErrorContains(t, err, `field "speed": it is none of the table's Fields`)
		_, err = q.WithKey([]string{"1"})
		assert.Error(t, err, "the table has no ByKey")
	}
}

// Where a database orders or folds texts differently from a list in memory, docs/statement.md says
// so, and it is as it says.
func TestWhereDatabasesDiffer(t *testing.T) {
	names := []string{"Zander", "aal", "Ölberg", "ölberg", "Øst", "œuvre", "o\u0308re", "straße", "STRASSE", "İz"}
	var records []record
	for i, name := range names {
		id := fmt.Sprint(i + 1)
		records = append(records, record{"id": &id, "name": &name})
	}
	all := databases(t, records)
	plain := func(f *statement.Field) { f.Collation, f.Lower = "", "" }
	rules := rulesOf()
	for _, c := range []struct {
		database string
		change   func(f *statement.Field)
		query    string
		memory   string
		exists   string
	}{
		{"SQLite", plain, "sort=name", "aal œuvre ölberg Ölberg o\u0308re Øst STRASSE straße Zander", "STRASSE Zander aal o\u0308re straße Ölberg Øst ölberg œuvre"},
		{"SQLite", plain, "name.has=ÖL", "ölberg Ölberg", "ölberg"},
		{"PostgreSQL", nil, "q=ost", "Øst", ""},
		{"PostgreSQL", nil, "q=strasse", "STRASSE straße", "STRASSE"},
		{"PostgreSQL", nil, "q=oeuvre", "œuvre", ""},
		{"MariaDB", nil, "q=ore", "o\u0308re", ""},
		{"MariaDB", nil, "q=strasse", "STRASSE straße", "STRASSE"},
		{"MariaDB", nil, "q=oeuvre", "œuvre", ""},
	} {
		for _, d := range all {
			if d.name != c.database {
				continue
			}
			table := d.table
			if c.change != nil {
				table.Fields = with(mapped(), "name", c.change)
			}
			list, err := statement.New(table)
			require.NoError(t, err)
			name, value, _ := strings.Cut(c.query, "=")
			ask, err := rules.Read(name + "=" + url.QueryEscape(value) + "&name.not=" + url.QueryEscape("İz"))
			if !strings.HasPrefix(c.query, "sort") {
				ask, err = rules.Read("sort=name&" + name + "=" + url.QueryEscape(value))
			}
			require.NoError(t, err)
			found, err := choose.All(records, ask, valueOf)
			require.NoError(t, err)
			var memory, onPage []string
			for _, r := range found {
				memory = append(memory, *r["name"])
			}
			q, err := list.Ask(ask, statement.Where{})
			require.NoError(t, err)
			s, err := q.Rows([]string{"name"}, statement.Region{}, 0, 0)
			require.NoError(t, err)
			for _, row := range d.rows(t, s) {
				text, err := list.Text("name", row[0])
				require.NoError(t, err)
				onPage = append(onPage, *text)
			}
			assert.Equal(t, c.memory, strings.Join(memory, " "), c.query)
			assert.Equal(t, c.exists, strings.Join(onPage, " "), "%s: %s", c.database, c.query)
		}
	}
}

// Joins, expressions and times kept in any way are filtered, sorted, counted and walked
// as fields are, under the names that the rules have for them.
func TestFieldsMayBeAnySQL(t *testing.T) {
	records := makeRecords(120)
	for _, d := range databases(t, records) {
		_, err := d.db.Exec("create table decks (amount int, code varchar(20))")
		require.NoError(t, err)
		_, err = d.db.Exec("insert into decks values (-4, 'low'), (0, 'main'), (1, 'Main'), (4, 'high')")
		require.NoError(t, err)
		table := d.table
		table.From = "records r left join decks on decks.amount = r.amount"
		table.Fields = mapped()
		kinds := map[string]value.Type{"deck": value.Text, "double": value.Integer, "known": value.Boolean, "exact": value.BigDecimal, "seconds": value.Time, "millis": value.Time, "fraction": value.Time}
		collation := map[string]string{"PostgreSQL": `"und-x-icu"`, "MariaDB": "utf8mb4_uca1400_nopad_as_cs", "SQLite": "root"}[d.name]
		table.Fields["deck"] = statement.Field{SQL: "decks.code", Nullable: true, Collation: collation}
		table.Fields["double"] = statement.Field{SQL: "r.amount * 2", Type: value.Integer, Nullable: true}
		table.Fields["known"] = statement.Field{SQL: "r.amount is not null", Type: value.Boolean}
		table.Fields["exact"] = statement.Field{SQL: "r.price", Type: value.BigDecimal, Nullable: true}
		for name, of := range map[string][2]string{"seconds": {"unixepoch(r.at)", "unix"}, "millis": {"unixepoch(r.at) * 1000", "unixmilli"}, "fraction": {"strftime('%Y-%m-%d %H:%M:%f', r.at)", "2006-01-02 15:04:05.000"}} {
			f := statement.Field{SQL: "r.at", Type: value.Time, Nullable: true}
			if d.name == "SQLite" {
				f.SQL, f.Layout = of[0], of[1]
			}
			table.Fields[name] = f
		}
		of := func(r *record, field string) choose.Value {
			amount := (*r)["amount"]
			text := ""
			switch field {
			case "deck":
				if amount != nil {
					text = map[string]string{"-4": "low", "0": "main", "1": "Main", "4": "high"}[*amount]
				}
			case "double":
				if amount != nil {
					var n int
					fmt.Sscan(*amount, &n)
					text = fmt.Sprint(2 * n)
				}
			case "known":
				text = fmt.Sprint(amount != nil)
			case "exact":
				return valueOf(r, "price")
			case "seconds", "millis", "fraction":
				return valueOf(r, "at")
			default:
				return valueOf(r, field)
			}
			if text == "" {
				return choose.Value{}
			}
			return choose.Value{Type: kinds[field], Text: text}
		}
		rules := paging.Rules{Key: []string{"id"}, Size: paging.SizeRules{Cap: 500, Default: 500}}
		for name, kind := range kinds {
			rules.Sorts = append(rules.Sorts, paging.SortKey{Key: name})
			rules.Filters = append(rules.Filters, paging.FilterRule{Field: name, Type: kind})
		}
		if d.name == "PostgreSQL" { // whose json cannot be grouped by
			table.Fields["tags"] = statement.Field{SQL: "json_build_array(r.ok)", Type: value.JSON}
		}
		list, err := statement.New(table)
		require.NoError(t, err)
		if list.Type("tags") != "" {
			ask, err := rules.Read("")
			require.NoError(t, err)
			q, err := list.Ask(ask, statement.Where{})
			require.NoError(t, err)
			assert.Len(t, d.facets(t, list, q, "tags"), 3)
		}
		queries := []string{"sort=deck", "sort=-deck&deck.not=main", "deck=main&deck=high", "deck.has=AI", "deck.none=true&sort=double", "double=-8&double=2", "double.min=-2&double.max=4&sort=-double", "known=true&sort=known", "known.not=true"}
		for _, name := range []string{"seconds", "millis", "fraction"} {
			for _, c := range []string{"=2026-03-01", ".min=2026-03-02", ".max=2026-03-01", ".max=2026-03-01T00:30:00.0004Z", ".min=2026-03-01T00:30:00.9Z", "=2026-03-01T00:30:00.5Z", ".not=2026-03-01T00:30:00Z"} {
				queries = append(queries, "sort=-"+name+"&"+name+c)
			}
		}
		if d.name != "SQLite" { // whose numbers are floats
			for _, v := range []string{"1.5", "-0.25", "0.0"} {
				for _, tail := range []string{"", strings.Repeat("0", 39) + "1", "000" + strings.Repeat("9", 61)} { // finer than MySQL's DECIMAL
					for _, op := range []string{"=", ".min=", ".max=", ".not="} {
						queries = append(queries, "sort=-exact&exact"+op+v+tail)
					}
				}
			}
		}
		for _, query := range queries {
			ask, err := rules.Read(query)
			require.NoError(t, err, query)
			found, err := choose.All(records, ask, of)
			require.NoError(t, err, query)
			q, err := list.Ask(ask, statement.Where{SQL: "r.id > 0"})
			require.NoError(t, err, query)
			require.Equal(t, keysOf(found), d.ids(t, q, q.Regions(), 0, 500), "%s: %s", d.name, query)
			require.EqualValues(t, len(found), d.number(t, q.Count(statement.Region{}, 0)), query)
			for _, from := range []int{0, len(found) / 3, len(found) - 1} {
				if from < 0 || from >= len(found) {
					continue
				}
				place := make([]*string, len(q.Order()))
				for i, o := range q.Order() {
					if v := of(&found[from], o.Field); v.Type != "" {
						place[i] = &v.Text
					}
				}
				regions, err := q.From(place)
				require.NoError(t, err)
				require.Equal(t, keysOf(found[from:]), d.ids(t, q, regions, 0, 500), "%s: %s from %d", d.name, query, from)
			}
		}
	}
}

// Columns of types that are PostgreSQL's own are filtered, sorted and walked by them.
func TestNativeTypes(t *testing.T) {
	d := postgresDatabase(t, testkit.DatabaseURL(t))
	for _, sql := range []string{
		"create type tide as enum ('low', 'mid', 'high')", "create domain depth as int check (value > 0)",
		"create table records (id uuid primary key, at tide, marks int[], net inet, height float4, span int4range, deep depth)",
		`insert into records select ('00000000-0000-4000-8000-00000000000' || n)::uuid, (array['low', 'mid', 'high']::tide[])[n % 3 + 1], array[n % 4, 1], ('10.0.0.' || 12 - n)::inet, n / 10.0, int4range(n, 12), n
			from generate_series(1, 9) n`,
	} {
		_, err := d.db.Exec(sql)
		require.NoError(t, err, sql)
	}
	rules := paging.Rules{Key: []string{"id"}}
	d.table.Fields = map[string]statement.Field{}
	for _, name := range []string{"id", "at", "marks", "net", "height", "span", "deep"} {
		kind := value.Text
		if name == "height" {
			kind = value.Decimal
		}
		d.table.Fields[name] = statement.Field{SQL: "r." + name, Type: kind, Native: true}
		rules.Sorts = append(rules.Sorts, paging.SortKey{Key: name})
		rules.Filters = append(rules.Filters, paging.FilterRule{Field: name, Type: kind})
	}
	list, err := statement.New(d.table)
	require.NoError(t, err)
	for query, want := range map[string]string{
		"sort=at": "3 6 9 1 4 7 2 5 8", "sort=-net": "1 2 3 4 5 6 7 8 9", "sort=marks": "4 8 1 5 9 2 6 3 7", "sort=height": "1 2 3 4 5 6 7 8 9",
		"at=high&sort=id": "2 5 8", "at=high&at=low&sort=id": "2 3 5 6 8 9", "at.not=high&at.not=low&sort=id": "1 4 7",
		"marks={0,1}&marks=%7B3%2C1%7D&sort=id": "3 4 7 8", "net=10.0.0.3&net=10.0.0.4": "8 9", "height=0.1&height=0.3": "1 3", "height.min=0.7": "7 8 9",
		"span=[8,12)&span=[9,12)": "8 9", "deep=2&deep=9": "2 9", "net.has=.0.1&sort=id": "1 2", "at.starts=H&sort=id": "2 5 8",
		"id=00000000-0000-4000-8000-000000000004&id=00000000-0000-4000-8000-000000000005": "4 5",
	} {
		ask, err := rules.Read(query)
		require.NoError(t, err, query)
		q, err := list.Ask(ask, statement.Where{})
		require.NoError(t, err, query)
		all, err := q.Rows([]string{"id", "at", "marks", "net", "height"}, statement.Region{}, 0, 0)
		require.NoError(t, err)
		var ids []string
		rows := d.rows(t, all)
		for _, row := range rows {
			text, err := list.Text("id", row[0])
			require.NoError(t, err)
			ids = append(ids, (*text)[35:])
		}
		assert.Equal(t, want, strings.Join(ids, " "), query)
		if !strings.HasPrefix(query, "sort=") {
			continue
		}
		place := []*string{}
		for _, o := range q.Order() {
			one, err := q.Rows([]string{o.Field}, statement.Region{}, 4, 1)
			require.NoError(t, err)
			one.SQL = strings.Replace(one.SQL, " as ", "::text as ", 1)
			text := fmt.Sprint(d.rows(t, one)[0][0])
			place = append(place, &text)
		}
		from, err := q.From(place)
		require.NoError(t, err)
		for i, id := range d.ids(t, q, from, 0, 9) {
			assert.Equal(t, ids[4+i], id[35:], query)
		}
	}
}

// Tables and fields may have any name: it is quoted in statements, and the databases read it as a
// name.
func TestAnyNameCanBeQuoted(t *testing.T) {
	all := databases(t, nil)
	for _, d := range all {
		d.db.SetMaxOpenConns(1) // that sees the temporary table
	}
	rapid.Check(t, func(t *rapid.T) {
		name := rapid.StringMatching(`[a-c";'`+"`"+`\\ .%()$?1{}#\-/*é\x{2028}]{1,12}`).Filter(func(s string) bool { return strings.TrimSpace(s) == s }).Draw(t, "name")
		for _, d := range all {
			quote := d.table.Dialect.Quote
			table := d.table
			table.From, table.ByKey = quote(name)+" r", []string{name}
			table.Fields = map[string]statement.Field{name: {SQL: "r." + quote(name)}}
			list, err := statement.New(table)
			require.NoError(t, err, "%s: %q", d.name, name)
			_, err = d.db.Exec("create temporary table " + quote(name) + " (" + quote(name) + " varchar(20))")
			require.NoError(t, err, "%s: %q", d.name, name)
			rules := paging.Rules{Key: []string{name}, Filters: []paging.FilterRule{{Field: name, Param: "f"}}, DefaultSort: "s", Sorts: []paging.SortKey{{Key: "s", Fields: []string{name}}}}
			ask, err := rules.Read("f=a&f=b&f.not=c&f.has=d")
			require.NoError(t, err)
			q, err := list.Ask(ask, statement.Where{})
			require.NoError(t, err)
			from, err := q.From([]*string{&name})
			require.NoError(t, err)
			page, err := q.Rows([]string{name}, from[0], 5_000, 20)
			require.NoError(t, err)
			require.Empty(t, d.rows(t, page), "%s: %q", d.name, name)
			require.Empty(t, d.facets(t, list, q, name))
			require.Zero(t, d.number(t, q.Count(from[0], 5)))
			_, err = d.db.Exec("drop table " + quote(name))
			require.NoError(t, err, "%s: %q", d.name, name)
		}
	})
}

// A field may name arguments of Where, which each question then has to bring.
func TestFieldsThatNameArguments(t *testing.T) {
	list, err := statement.New(statement.Table{Dialect: statement.PostgreSQL, From: "t", Fields: map[string]statement.Field{
		"id": {SQL: "id", Type: value.Integer}, "off": {SQL: "id - $1::bigint", Type: value.Integer, Arguments: 1},
	}})
	require.NoError(t, err)
	ask, err := (&paging.Rules{Key: []string{"id"}}).Read("")
	require.NoError(t, err)
	_, err = list.Ask(ask, statement.Where{})
	assert.ErrorContains(t, err, "found 0 arguments, and a field names 1")
	q, err := list.Ask(ask, statement.Where{SQL: "id <> $1", Args: []any{5}})
	require.NoError(t, err)
	rows, err := q.Rows([]string{"off"}, statement.Region{}, 0, 2)
	require.NoError(t, err)
	assert.Equal(t, `select (id - $1::bigint) as "off" from t where (id <> $1) order by id limit 2`, rows.SQL)
	assert.Equal(t, []any{5}, rows.Args)
}

// The statements of TypeScript look for the same words.
func TestTypeScriptHasTheSameWords(t *testing.T) {
	doctest.CheckPart(t, "../../js/sql/src/marks.ts", "between words", "export const betweenWords =\n  '"+strings.ReplaceAll(statement.BetweenWords, `\`, `\\`)+"'\n// ")
}
