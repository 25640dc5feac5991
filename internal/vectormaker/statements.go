package main

import (
	"encoding/json"
	"fmt"
	"maps"
	"slices"
	"strings"

	"pageladder.example/paging/query"
	"pageladder.example/paging/value"
	"pageladder.example/paging/vectors"
)

const statementLines = 2000

// allStatements are the cases of the statements: for each dialect those that somebody has chosen, and drawn ones.
func allStatements(d generator) (all []vectors.StatementVector) {
	for _, dialect := range []string{"postgresql", "mysql", "sqlite"} {
		all = append(all, chosenStatements(dialect)...)
	}
	for len(all) < statementLines {
		all = append(all, vectors.StatementVector{StatementCase: d.statement()})
	}
	return all
}

// arrivalsIn is the table that most chosen cases ask.
func arrivalsIn(dialect string) vectors.Table {
	t := vectors.Table{Dialect: dialect, From: "arrivals a", ByKey: []string{"id"}, Fields: map[string]vectors.Field{}}
	for _, f := range []struct {
		name string
		kind value.Type
	}{{"id", value.Integer}, {"vessel", ""}, {"berth", value.Text}, {"tonnage", value.Integer}, {"draught", value.Decimal}, {"crew", value.BigInteger}, {"weight", value.BigDecimal},
		{"cleared", value.Boolean}, {"day", value.Date}, {"arrived_at", value.Time}, {"papers", value.JSON}} {
		t.Fields[f.name] = vectors.Field{SQL: "a." + f.name, Type: f.kind, Nullable: f.name != "id" && f.name != "vessel"}
	}
	if dialect == "sqlite" {
		t.Words = "a.words"
	}
	return t
}

// harbourRules are the rules of the harbour's table.
const harbourRules = `{"key": ["id"], "search": ["vessel", "berth"], "size": {"cap": 1000},
	"sorts": [{"key": "id"}, {"key": "vessel"}, {"key": "berth"}, {"key": "tonnage"}, {"key": "draught", "nulls_first": true}, {"key": "weight"}, {"key": "cleared"}, {"key": "day"}, {"key": "arrived_at"}],
	"filters": [{"field": "id", "type": "integer"}, {"field": "vessel"}, {"field": "berth"}, {"field": "tonnage", "type": "integer"}, {"field": "draught", "type": "decimal"}, {"field": "crew", "type": "big_integer"},
		{"field": "weight", "type": "big_decimal"}, {"field": "cleared", "type": "boolean"}, {"field": "day", "type": "date"}, {"field": "arrived_at", "type": "time"}, {"field": "papers", "type": "json"}]}`

// chosenStatements are the chosen cases in one dialect.
func chosenStatements(dialect string) (all []vectors.StatementVector) {
	put := func(name string, change func(c *vectors.StatementCase)) {
		v := vectors.StatementVector{Name: dialect + ": " + name}
		v.StatementCase = vectors.StatementCase{Table: arrivalsIn(dialect), Rules: json.RawMessage(harbourRules), Fields: []string{"id", "vessel"}, Limit: 20, Facet: "berth"}
		change(&v.StatementCase)
		all = append(all, v)
	}
	query := func(name, text string) { put(name, func(c *vectors.StatementCase) { c.Query = text }) }
	query("everything", "")
	for _, q := range [][2]string{
		{"a text", "berth=N4"}, {"one of two texts", "berth=N4&berth=N5"}, {"neither of two texts", "berth.not=N4&berth.not=N5"}, {"a text that is never missing is not another", "vessel.not=Gull"},
		{"a text in quotes and braces", `berth=%22%7B%5C%2C'`}, {"an empty text among others", "vessel=&vessel=x"}, {"has a part of a text", "berth.has=n%25_!4"}, {"one of two parts", "berth.has=a&berth.has=%C3%89"}, {"a text starts", "berth.starts=%C4%B0N"},
		{"a whole number", "tonnage=500"}, {"one of two numbers", "tonnage=500&tonnage=-7"}, {"no such number", "tonnage.not=500"}, {"at least", "tonnage.min=500"}, {"at most", "tonnage.max=500"}, {"between", "tonnage.min=1&tonnage.max=2"},
		{"a decimal", "draught=1.25"}, {"a decimal that is whole", "draught.min=3"}, {"a decimal below 0", "draught.max=-0.5"},
		{"a big integer within 64 bits", "crew=9223372036854775807"}, {"a big integer beyond 64 bits", "crew=9223372036854775808"}, {"the least of 64 bits", "crew=-9223372036854775808"}, {"one of a big integer within 64 bits and one beyond", "crew=1&crew=99999999999999999999"},
		{"a decimal of 31 digits behind the point", "weight=0.1234567890123456789012345678901"}, {"at least such a decimal", "weight.min=0.1234567890123456789012345678901"}, {"at most such a decimal below 0", "weight.max=-0.1234567890123456789012345678909"},
		{"a decimal of 65 digits", "weight.min=" + strings.Repeat("9", 65)}, {"a decimal of 66 digits", "weight.min=" + strings.Repeat("9", 66)}, {"a decimal of 60 digits and 10 behind the point", "weight.min=" + strings.Repeat("8", 60) + ".0123456789"}, {"a decimal beyond floats", "weight.max=-" + strings.Repeat("9", 400)},
		{"true", "cleared=true"}, {"false or true", "cleared=true&cleared=false"}, {"not true", "cleared.not=true"},
		{"a date", "day=2026-03-01"}, {"from a date on", "day.min=2026-03-01"}, {"one of two dates", "day=2026-03-01&day=0001-01-01"},
		{"a time", "arrived_at=2026-03-01T06:30:00Z"}, {"a time to the nanosecond", "arrived_at=2026-03-01T06:30:00.123456789Z"}, {"from such a time on", "arrived_at.min=2026-03-01T06:30:00.123456789Z"}, {"until a time with an offset", "arrived_at.max=2026-03-01T06:30:00%2B02:30"},
		{"one of two times", "arrived_at=2026-03-01T06:30:00Z&arrived_at=2026-03-02T06:30:00.5Z"}, {"a whole day", "arrived_at=2026-03-01"}, {"not on a day", "arrived_at.not=2026-02-28"}, {"from a day on", "arrived_at.min=2026-03-01"}, {"until a day", "arrived_at.max=2024-02-29"}, {"until the last day", "arrived_at.max=9999-12-31"}, {"the first day", "arrived_at=0001-01-01"},
		{"is missing", "berth.none=true"}, {"is not missing", "papers.none=false"}, {"conditions in another order than their fields", "tonnage.max=9&berth=N4&tonnage.min=1"},
		{"a search", "q=gull"}, {"a search for two words", "q=Grey+gu"}, {"a search for three words with accents", "q=m%C3%B6we+%C3%98st+N4"}, {"a search for signs", "q=--+%25"}, {"a search for a word with a mark", "q=%E0%A4%95%E0%A5%8D%E0%A4%B7%E0%A4%AE%E0%A4%BE"},
		{"a search and a filter", "q=a_b!c&berth=N4"}, {"1,001 values", "berth=" + strings.Repeat("x&berth=", 1000) + "x"}, {"1,001 words", "q=" + strings.Repeat("ab+", 1000) + "ab"}, {"a query that is refused", "tonnage=many"},
		{"a sort", "sort=vessel"}, {"a sort that may be missing", "sort=tonnage"}, {"a descending one", "sort=-tonnage"}, {"missing ones first", "sort=draught"}, {"missing ones first, descending", "sort=-draught"}, {"three keys in two directions", "sort=-tonnage,berth,-day"}, {"by the key alone", "sort=-id"},
	} {
		query(q[0], q[1])
	}
	put("records are skipped by their keys", func(c *vectors.StatementCase) { c.Query, c.Offset = "berth=N4&sort=-tonnage", 200 })
	put("few records are skipped", func(c *vectors.StatementCase) { c.Offset = 199 })
	put("a table without a key", func(c *vectors.StatementCase) { c.Table.ByKey, c.Offset = nil, 5000 })
	put("all records", func(c *vectors.StatementCase) { c.Limit = 0 })
	put("all records from one on", func(c *vectors.StatementCase) { c.Offset, c.Limit = 500, 0 })
	put("a condition of the program's own", func(c *vectors.StatementCase) {
		c.Query, c.Where = "berth=N4", &vectors.Condition{SQL: "a.harbour = " + placeholder(dialect), Args: []string{"Saltmere"}}
	})
	put("a condition that lacks an argument", func(c *vectors.StatementCase) {
		c.Where = &vectors.Condition{SQL: "a.harbour = " + placeholder(dialect)}
	})
	put("a condition that ends the statement", func(c *vectors.StatementCase) { c.Where = &vectors.Condition{SQL: "1 = 1; drop table arrivals"} })
	for _, form := range []string{"tied", "nested", "compared"} {
		for _, p := range []struct {
			sort  string
			place []string
		}{{"", []string{"7"}}, {"-vessel", []string{"Gull", "7"}}, {"tonnage", []string{"500", "7"}}, {"tonnage", []string{"-", "7"}}, {"-tonnage", []string{"500", "7"}}, {"-tonnage", []string{"-", "7"}}, {"draught,-vessel", []string{"1.5", "Gull", "7"}}, {"draught,-vessel", []string{"-", "Gull", "7"}},
			{"vessel,-arrived_at", []string{"", "2026-03-01T06:30:00.25Z", "7"}}, {"vessel,day,cleared", []string{"x", "-", "true", "7"}}, {"weight", []string{"Infinity", "7"}}, {"tonnage", []string{"many", "7"}}, {"vessel", []string{"-", "7"}}, {"vessel", []string{"7"}}} {
			put(fmt.Sprintf("a place by %s at %s, %s", p.sort, strings.Join(p.place, " "), form), func(c *vectors.StatementCase) {
				c.Query, c.Table.Places, c.Place = "berth=N4&sort="+p.sort, form, placeOf(p.place)
			})
		}
	}
	put("a key", func(c *vectors.StatementCase) { c.Key = []string{"7"} })
	put("a key of two fields", func(c *vectors.StatementCase) { c.Table.ByKey, c.Key = []string{"vessel", "id"}, []string{"Gull", "7"} })
	put("a key without its values", func(c *vectors.StatementCase) { c.Key = []string{} })
	for _, field := range []string{"vessel", "tonnage", "arrived_at", "papers", "cleared"} {
		put("values of "+field, func(c *vectors.StatementCase) { c.Query, c.Facet = field+".none=false&berth=N4", field })
	}
	put("a facet of a field that is not there", func(c *vectors.StatementCase) { c.Facet = "keel" })
	put("fields that are not there", func(c *vectors.StatementCase) { c.Fields = []string{"keel"} })
	put("rules with a field that is not there", func(c *vectors.StatementCase) { c.Rules = json.RawMessage(`{"key": ["keel"]}`) })
	put("rules without a key", func(c *vectors.StatementCase) { c.Rules = json.RawMessage(`{}`) })
	put("rules that sort by lists", func(c *vectors.StatementCase) {
		c.Rules = json.RawMessage(`{"key": ["id"], "sorts": [{"key": "papers"}]}`)
	})
	put("rules with another type", func(c *vectors.StatementCase) {
		c.Rules = json.RawMessage(`{"key": ["id"], "filters": [{"field": "berth", "type": "date"}]}`)
	})
	put("rules that are wrong", func(c *vectors.StatementCase) { c.Rules = json.RawMessage(`{"key": ["id"], "size": {"cap": -1}}`) })
	for name, change := range tableChanges(dialect) {
		put(name, change)
	}
	slices.SortFunc(all, func(a, b vectors.StatementVector) int { return strings.Compare(a.Name, b.Name) })
	return all
}

func placeholder(dialect string) string {
	if dialect == "postgresql" {
		return "$1"
	}
	return "?"
}

// placeOf is a place; "-" is a missing value.
func placeOf(values []string) (place []*string) {
	for _, v := range values {
		if v == "-" {
			place = append(place, nil)
		} else {
			place = append(place, &v)
		}
	}
	return place
}

// tableChanges are other tables, right and wrong.
func tableChanges(dialect string) map[string]func(c *vectors.StatementCase) {
	field := func(name string, change func(f *vectors.Field)) func(c *vectors.StatementCase) {
		return func(c *vectors.StatementCase) {
			f := c.Table.Fields[name]
			change(&f)
			c.Table.Fields[name] = f
			c.Query = name + "=1&sort=" + name
			if name == "arrived_at" {
				c.Query = "arrived_at.min=2026-03-01T06:30:00.123456789Z&sort=arrived_at"
				c.Place = placeOf([]string{"2026-03-01T06:30:00.123456789Z", "7"})
			}
		}
	}
	all := map[string]func(c *vectors.StatementCase){
		"a join":                        func(c *vectors.StatementCase) { c.Table.From = "arrivals a join berths b on b.id = a.berth_id" },
		"a field that is an expression": field("berth", func(f *vectors.Field) { f.SQL = "coalesce(a.berth, '?;--')" }),
		"a name in quotes": field("berth", func(f *vectors.Field) {
			f.SQL = `"a b".` + map[bool]string{true: "`berth`", false: `"berth"`}[dialect == "mysql"]
		}),
		"a collation": field("berth", func(f *vectors.Field) { f.Collation = `"und-x-icu"` }),
		"a text in lower case": func(c *vectors.StatementCase) {
			field("berth", func(f *vectors.Field) { f.Lower = "low(a.berth)" })(c)
			c.Query = "berth.has=%C3%84B"
		},
		"an approximate field": func(c *vectors.StatementCase) {
			field("draught", func(f *vectors.Field) { f.Approximate = true })(c)
			c.Place = placeOf([]string{"1", "7"})
		},
		"a search of the table's own": func(c *vectors.StatementCase) {
			c.Table.Words, c.Table.Search, c.Query = "", "match(a.vessel) against ({words})", "q=Grey+Gull!"
		},
		"words of the table's own":     func(c *vectors.StatementCase) { c.Table.Words, c.Query = "words_of(a.vessel)", "q=Grey+%C3%96st" },
		"no dialect":                   func(c *vectors.StatementCase) { c.Table.Dialect = "" },
		"no table":                     func(c *vectors.StatementCase) { c.Table.From = " " },
		"a table that ends":            func(c *vectors.StatementCase) { c.Table.From = "arrivals; drop table arrivals" },
		"a table with a comment":       func(c *vectors.StatementCase) { c.Table.From = "arrivals -- all" },
		"a quote that is not closed":   func(c *vectors.StatementCase) { c.Table.From = "arrivals 'a" },
		"a bracket that is not closed": func(c *vectors.StatementCase) { c.Table.From = "(select 1" },
		"a bracket too many":           func(c *vectors.StatementCase) { c.Table.From = "arrivals)" },
		"a search without words":       func(c *vectors.StatementCase) { c.Table.Search = "match(a.vessel)" },
		"a search beside words":        func(c *vectors.StatementCase) { c.Table.Words, c.Table.Search = "a.words", "f({words})" },
		"a key that is not there":      func(c *vectors.StatementCase) { c.Table.ByKey = []string{"keel"} },
		"a type that is none":          field("berth", func(f *vectors.Field) { f.Type = "float" }),
		"a native field":               field("berth", func(f *vectors.Field) { f.Native = true }),
		"a field without SQL":          field("berth", func(f *vectors.Field) { f.SQL = "" }),
		"a layout of a text":           field("berth", func(f *vectors.Field) { f.Layout = "unix" }),
		"an argument in a field":       field("berth", func(f *vectors.Field) { f.SQL = "case when a.berth = " + placeholder(dialect) + " then 'x' end" }),
		"an argument in a field, which is said": func(c *vectors.StatementCase) {
			field("berth", func(f *vectors.Field) {
				f.SQL, f.Arguments = "case when a.berth = "+placeholder(dialect)+" then 'x' end", 1
			})(c)
			c.Where = &vectors.Condition{SQL: "a.harbour = " + placeholder(dialect), Args: []string{"Saltmere"}}
		},
		"an argument in the table": func(c *vectors.StatementCase) {
			c.Table.From, c.Table.Arguments = "arrivals_of("+placeholder(dialect)+") a", 1
			c.Where = &vectors.Condition{SQL: "a.harbour = " + placeholder(dialect), Args: []string{"Saltmere"}}
		},
		"an argument in the table that is not given": func(c *vectors.StatementCase) {
			c.Table.From, c.Table.Arguments = "arrivals_of("+placeholder(dialect)+") a", 1
		},
	}
	for _, layout := range []string{"unix", "unixmilli", "YYYY-MM-DD HH:mm:ss", "YYYY-MM-DDTHH:mm:ss.sssZ", "YYYY/MM/DD HH.mm.ss.ssssss", "YYYYMMDDHHmmss.sssssssss", "YYYY-MM-DD", "DD.MM.YYYY HH:mm:ss", "HH:mm:ss YYYY-MM-DD"} {
		all["times as "+layout] = field("arrived_at", func(f *vectors.Field) { f.Layout = layout })
		all["a day in times as "+layout] = func(c *vectors.StatementCase) {
			field("arrived_at", func(f *vectors.Field) { f.Layout = layout })(c)
			c.Query = "arrived_at=2026-03-01"
		}
	}
	return all
}

// statement draws a case.
func (d generator) statement() vectors.StatementCase {
	dialect := of(d, "postgresql", "postgresql", "mysql", "sqlite")
	c := vectors.StatementCase{Table: arrivalsIn(dialect), Rules: json.RawMessage(harbourRules), Fields: some(d, 3, "id", "vessel", "day", "arrived_at", "papers"), Offset: of(d, int64(0), 0, 20, 199, 200, 1_000_000), Limit: of(d, 1, 20, 100)}
	t := &c.Table
	t.Places = of(d, "", "tied", "nested", "compared")
	if dialect == "mysql" && t.Places == "compared" {
		t.Places = "nested"
	}
	if d.chance(30) {
		t.ByKey = nil
	}
	if d.chance(30) {
		t.Words = "a.words"
	}
	for _, name := range slices.Sorted(maps.Keys(t.Fields)) {
		f := t.Fields[name]
		f.Nullable = f.Nullable && d.chance(50)
		t.Fields[name] = f
	}
	names := []string{"id", "vessel", "berth", "tonnage", "draught", "crew", "weight", "cleared", "day", "arrived_at"}
	var parts []string
	for range d.IntN(5) {
		name := of(d, names...)
		kind := t.Fields[name].Type
		op := of(d, "", "", ".not")
		switch {
		case d.chance(10):
			parts = append(parts, name+".none="+of(d, "true", "false"))
			continue
		case kind == "" || kind == value.Text:
			kind, op = value.Text, of(d, op, ".has", ".starts")
		case kind != value.Boolean:
			op = of(d, op, ".min", ".max")
		}
		for range 1 + d.IntN(3) {
			v := of(d, right[kind]...)
			if d.chance(50) {
				v = string(query.AppendValue(nil, of(d, valuesOf[kind]...)))
			}
			parts = append(parts, name+op+"="+v)
		}
	}
	if d.chance(25) {
		parts = append(parts, "q="+of(d, "gull", "Grey+Gull", "%C3%98st+m%C3%B6we+x", "50%25", "a_b!c", "--"))
	}
	sorts := some(d, 3, "id", "vessel", "berth", "tonnage", "draught", "weight", "cleared", "day", "arrived_at")
	for i := range sorts {
		sorts[i] = of(d, "", "-") + sorts[i]
	}
	c.Query = strings.Join(append(parts, "sort="+strings.Join(sorts, ",")), "&")
	if d.chance(30) {
		c.Where = &vectors.Condition{SQL: "a.harbour = " + placeholder(dialect), Args: []string{"Saltmere"}}
	}
	if d.chance(70) {
		c.Place = d.placeIn(t, sorts)
	}
	if len(t.ByKey) > 0 && d.chance(10) {
		c.Key = []string{of(d, "7", "-1", "x")}
	}
	c.Facet = of(d, append(names, "papers")...)
	return c
}

// placeIn draws a place in an order by some keys.
func (d generator) placeIn(t *vectors.Table, sorts []string) (place []*string) {
	order := []string{}
	for _, by := range sorts {
		order = append(order, strings.TrimPrefix(by, "-"))
	}
	if !slices.Contains(order, "id") {
		order = append(order, "id")
	}
	for _, name := range order {
		kind := t.Fields[name].Type
		if kind == "" {
			kind = value.Text
		}
		switch {
		case t.Fields[name].Nullable && d.chance(30), d.chance(2):
			place = append(place, nil)
		case d.chance(3):
			place = append(place, new(of(d, "Infinity", "-Infinity", "x", "")))
		default:
			place = append(place, new(of(d, valuesOf[kind]...)))
		}
	}
	return place
}

// valuesOf are values of each type, in canonical form.
var valuesOf = map[value.Type][]string{
	value.Text: {"N4", "", "a\\b", `"q"`, "it's", "50%", "a_b", "!", "Ö", "İI", "ΟΔΟΣ", "日本", "; drop table arrivals --"}, value.Integer: {"0", "7", "-9007199254740991"}, value.Decimal: {"0.5", "-12.25", "3"},
	value.BigInteger: {"9223372036854775807", "9223372036854775808", "-9223372036854775809", "12"}, value.BigDecimal: {"0.0000000000000000000000000000001", "-1.5", strings.Repeat("7", 70), "123456789012345678901234567890.5"},
	value.Boolean: {"true", "false"}, value.Date: {"2026-03-01", "9999-12-31", "0001-01-01"}, value.Time: {"2026-03-01T06:30:00Z", "2026-03-01T06:30:00.123456789Z", "0001-01-01T00:00:00Z", "9999-12-31T23:59:59.999999999Z"},
}
