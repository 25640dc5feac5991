package main

import (
	"encoding/json"
	"fmt"
	"math"
	"math/rand/v2"
	"strings"

	"pageladder.example/paging"
	"pageladder.example/paging/code"
	"pageladder.example/paging/cursor"
	"pageladder.example/paging/query"
	"pageladder.example/paging/value"
	"pageladder.example/paging/vectors"
)

// generator draws cases from a seed.
type generator struct{ *rand.Rand }

// chance is true n times out of a hundred.
func (d generator) chance(n int) bool { return d.IntN(100) < n }

func of[T any](d generator, from ...T) T { return from[d.IntN(len(from))] }

// some draws up to a limit of a list, each once.
func some[T any](d generator, limit int, from ...T) []T {
	list := append([]T{}, from...)
	d.Shuffle(len(list), func(i, j int) { list[i], list[j] = list[j], list[i] })
	return list[:d.IntN(min(limit, len(list))+1)]
}

// draw draws cases of one list, which stand together in the file: it is smaller so.
func (d generator) draw(n int) (all []vectors.Vector) {
	rules := d.rules()
	if d.chance(30) {
		rules.List = of(d, "arrivals", "berths", "Häfen")
	}
	if d.chance(50) {
		rules.Aside = "pl."
	}
	c := vectors.Case{List: rules.List, Aside: rules.Aside, Language: of(d, "", "", "", "", "", "", "", "", "", "", "de", "fr", "es", "ar", "ja", "en")}
	c.Base = of(d, "", "", "", "/arrivals", "/arrivals", "/arrivals?theme=dark&a", "/häfen/ü", "https://saltmere.example/arrivals",
		"/arrivals/page/{page}{?size,sort,berth*}", "/arrivals{/page}{?q,tonnage.min,cargo}", "https://saltmere.example/{berth}/{;size}{&after}", "/a{?page*,limit,offset}")
	if d.chance(3) {
		c.Base = of(d, "https://other.example/", "//saltmere.example", "/{+page}", "/a{page:3}", "/a{", "/a}", "/{}", "{page}", "/a b", "/a#b", "https://me@saltmere.example/", "/\\x")
	}
	if strings.HasPrefix(c.Base, "https://") {
		rules.Origins = []string{"https://saltmere.example"}
	}
	c.Outside = d.chance(15)
	text, err := json.Marshal(rules)
	if err != nil {
		panic(err)
	}
	c.Rules = text
	right := rules.Check() == nil
	for range n {
		all = append(all, vectors.Vector{Case: d.one(c, rules, right)})
		if !right {
			break
		}
	}
	return all
}

func (d generator) one(c vectors.Case, rules *paging.Rules, right bool) vectors.Case {
	c.Total = d.total()
	if d.chance(20) {
		c.With = &vectors.Change{Param: of(d, "berth", "tonnage.min", "q", "new one", "size"), Values: some(d, 2, "N4", "ö &=+", "500", "")}
	}
	if !right {
		return c
	}
	c.Query = vectors.Text(d.query(rules, d.token(rules)))
	d.received(&c, rules)
	return c
}

// received draws how many records were received, and the ends of the page.
func (d generator) received(c *vectors.Case, rules *paging.Rules) {
	ask, err := rules.Read(string(c.Query))
	if err != nil {
		return
	}
	if d.chance(80) {
		size := d.size(ask)
		n := of(d, 0, 1, size-1, size, size+1, size+1, size+1)
		c.Received = &n
	}
	p := rules.Resolved().Params
	if p.After+p.Before != "" && d.chance(80) {
		n := len(ask.Order())
		c.Ends = &vectors.Ends{Behind: d.chance(50)}
		if d.chance(85) {
			c.Ends.First, c.Ends.Last = d.place(n, ""), d.place(n, "")
		}
	}
}

// size is the size of an ask's pages.
func (d generator) size(ask paging.Ask) int {
	page, err := ask.Settle(paging.Exact(0))
	if err != nil {
		return 20
	}
	return page.Size()
}

// place draws the values of a place; more is one of them.
func (d generator) place(n int, more string) []*vectors.Text {
	values := make([]*vectors.Text, n)
	for i := range values {
		if d.chance(85) {
			values[i] = new(vectors.Text(of(d, "4", "707", "Gull", "Żuraw", "2026-03-01T06:30:00Z", "", more, strings.Repeat("long ", 10+d.IntN(400)*d.IntN(2)))))
		}
	}
	return values
}

// token is a cursor of the list, mostly a right one; "" where it has none.
func (d generator) token(rules *paging.Rules) string {
	p := rules.Resolved().Params
	if p.After+p.Before == "" || d.chance(30) {
		return ""
	}
	ask, err := rules.Read("")
	if err != nil {
		return ""
	}
	page, err := ask.Settle(paging.Exact(1))
	if err != nil {
		return ""
	}
	list := cursor.List{Name: rules.List, Order: page.Metadata().Sort}
	if d.chance(10) {
		list.Name += "x"
	}
	if d.chance(10) {
		list.Order += ",x"
	}
	at := cursor.Place{Behind: d.chance(50)}
	n := len(ask.Order())
	if d.chance(5) {
		n++
	}
	for _, v := range d.place(n, "\xff\x00") {
		at.Values = append(at.Values, (*string)(v))
	}
	token := cursor.Write(list, at)
	switch d.IntN(20) {
	case 0:
		token = strings.Repeat("A", 1025)
	case 1:
		token += of(d, "A", "=", "-", "%")
	case 2:
		if token != "" {
			at := d.IntN(len(token))
			token = token[:at] + of(d, "A", "_", "%") + token[at+1:]
		}
	}
	return token
}

func (d generator) total() vectors.Total {
	t := vectors.Total{Records: vectors.Integer(of(d, 0, 1, 5, 19, 20, 21, 40, 168, 168, 168, 1000, 10_000, 12_345, 1_000_000, 2_000_000, value.MaxInteger, value.MaxInteger+1, math.MaxInt64-1, math.MaxInt64, int64(d.IntN(3000)), -1))}
	switch d.IntN(10) {
	case 0:
		t.Is, t.Age = paging.TotalRemembered, int64(d.IntN(4000))
	case 1, 2:
		t.Is = paging.TotalAtLeast
	case 3, 4:
		t.Is, t.Records = paging.TotalNone, 0
	}
	return t
}

var fields = []string{"vessel", "tonnage", "berth", "cargo", "arrived_at", "draught", "cleared", "day", "crew", "page", "id", "löschung"}

func (d generator) rules() *paging.Rules {
	r := &paging.Rules{}
	if d.chance(3) {
		return r
	}
	r.Addressing = of(d, "", "", "", paging.ByPage, paging.ByOffset, paging.ByOffset, paging.ByCursor)
	if r.Addressing == paging.ByCursor || d.chance(85) {
		r.Key = of(d, []string{"id"}, []string{"id"}, []string{"berth", "id"})
	}
	for _, name := range some(d, 4, fields...) {
		key := paging.SortKey{Key: name, First: of(d, "", paging.Ascending, paging.Descending), NullsFirst: d.chance(20)}
		if d.chance(20) {
			key.Fields = some(d, 3, fields...)
		}
		r.Sorts = append(r.Sorts, key)
	}
	if len(r.Sorts) > 0 && d.chance(50) {
		r.DefaultSort = of(d, "", "-") + r.Sorts[d.IntN(len(r.Sorts))].Key
	}
	if d.chance(20) {
		r.MaxSortKeys = 1 + d.IntN(4)
	}
	for _, name := range some(d, 7, fields...) {
		f := paging.FilterRule{Field: name, Type: of(d, append(value.Types(), "", "", value.Integer, value.Time)...)}
		if d.chance(20) {
			f.Param = of(d, "filter["+name+"]", "f."+name, name+"]")
		}
		if d.chance(20) {
			f.Operators = []paging.Operator{paging.None}
			if f.Type != value.JSON {
				f.Operators = of(d, []paging.Operator{paging.Equals}, []paging.Operator{paging.Not, paging.None})
			}
		}
		r.Filters = append(r.Filters, f)
	}
	if d.chance(40) {
		r.Search = some(d, 2, fields...)
	}
	if d.chance(30) {
		r.Show = some(d, 12, fields...)
	}
	d.more(r)
	if d.chance(20) {
		d.spoil(r)
	}
	return r
}

// more draws the entries that shape pages, names and links.
func (d generator) more(r *paging.Rules) {
	if d.chance(30) {
		r.Params = paging.Params{Page: of(d, "", "p", "page[number]"), Size: of(d, "", "n", "page[size]"), Row: of(d, "", "zeile"), Sort: of(d, "", "order by"), Search: of(d, "", "suche"),
			Direction: of(d, "", "dir"), Offset: of(d, "", "skip"), Limit: of(d, "", "take"), Fields: of(d, "", "fields[arrivals]")}
	}
	if len(r.Key) > 0 && d.chance(40) {
		r.Params.After, r.Params.Before = of(d, "after", "from"), of(d, "", "before", "page[before]")
	}
	if d.chance(40) {
		r.Size = paging.SizeRules{Cap: of(d, 0, 1, 7, 50, 100, 500), Closed: d.chance(30), All: of(d, 0, 0, 50, 1000)}
		limit := r.Resolved().Size.Cap
		r.Size.Default = of(d, 0, 0, 1, limit, (limit+1)/2)
		if d.chance(50) {
			r.Size.Offered = some(d, 3, 1, (limit+3)/2, limit)
		}
	}
	r.PastLast = of(d, "", "", "", paging.PastLastGivesLast, paging.PastLastGivesFirst, paging.PastLastGivesEmpty, paging.PastLastGivesEmpty, paging.PastLastRefused)
	if d.chance(10) {
		r.OnFault = of(d, paging.Mend, paging.Refuse)
	}
	if d.chance(75) {
		r.Faults = map[code.Code]paging.Answer{}
		for _, info := range some(d, 4, code.All()...) {
			r.Faults[info.Code] = of(d, paging.Mend, paging.Mend, paging.Mend, paging.Refuse)
		}
		if d.chance(90) {
			r.Faults[code.FilterBadValue], r.Faults[code.FilterUnknownOperator] = paging.Mend, paging.Mend
		}
		delete(r.Faults, code.ParamUnknown)
		delete(r.Faults, code.PagePastLast)
		delete(r.Faults, code.OffsetOverMax)
	}
	if d.chance(15) {
		r.Prefix = of(d, "a.", "b_", "boats-", "page.")
	}
	r.Repeat = of(d, "", "", "last", "list", "list")
	r.Unknown = of(d, "", "", paging.UnknownRides, paging.UnknownNoted, paging.UnknownNoted, paging.UnknownDrops)
	if d.chance(3) {
		r.Unknown = paging.UnknownRefuse
	}
	if d.chance(20) {
		r.RideAlong = []string{"theme"}
	}
	switch d.IntN(6) {
	case 0:
		r.Keep.What = paging.KeepDeclared
	case 1:
		r.Keep = paging.KeepRules{What: paging.KeepListed, Names: []string{"theme"}}
	}
	r.FirstPageBare = d.chance(20)
	r.OffsetAsIs = r.Addressing == paging.ByOffset && d.chance(40)
	if d.chance(20) {
		r.MaxOffset = of(d, int64(10), 1000, math.MaxInt64)
	}
	r.Count = of(d, "", "", paging.CountExact, paging.CountNone, paging.CountAtLeast)
	if d.chance(60) {
		l := &r.Ladder
		l.Reach, l.Tips = new(d.IntN(5)), new(d.IntN(4))
		l.Steady, l.GapLinks, l.Lone = new(d.chance(50)), d.chance(40), d.chance(30)
		if d.chance(40) {
			l.Ends = new(d.chance(50))
		}
		if d.chance(5) {
			l.Reach, l.Tips = new(50), new(10)
		}
	}
}

// spoil makes rules wrong.
func (d generator) spoil(r *paging.Rules) {
	for _, do := range some(d, 3, []func(){
		func() { r.Addressing = "pages" }, func() { r.PastLast = "next" }, func() { r.Size.Cap = -1 }, func() { r.Size.Default = 200_000 },
		func() { r.Size.Offered = []int{0, 10, 10, 1000} }, func() {
			r.Sorts = append(r.Sorts, paging.SortKey{Key: "-x, y"}, paging.SortKey{Key: "vessel", First: "down"})
		},
		func() { r.DefaultSort = "nothing,-vessel" }, func() { r.MaxSortKeys = 11 }, func() { r.Key = []string{"id", "", "id"} }, func() { r.Ladder.Reach = new(51) },
		func() {
			r.Filters = append(r.Filters, paging.FilterRule{Field: "x", Type: "float"}, paging.FilterRule{Field: ""})
		},
		func() {
			r.Filters = append(r.Filters, paging.FilterRule{Field: "y", Operators: []paging.Operator{"near", paging.Equals, paging.Equals}})
		},
		func() { r.Params.Size, r.Params.Page = "same", "same" }, func() { r.Params.Sort = strings.Repeat("s", 201) }, func() { r.Params.Row = "pl.row" },
		func() {
			r.Faults = map[code.Code]paging.Answer{"page.wrong": paging.Mend, code.ParamUnknown: paging.Refuse, code.OffsetOverMax: paging.Mend, code.SizeBelowOne: "ask"}
		},
		func() {
			r.Faults, r.PastLast = map[code.Code]paging.Answer{code.PagePastLast: paging.Refuse}, paging.PastLastGivesFirst
		},
		func() { r.Keep.Names = []string{"a", "ö"} }, func() { r.CountTo = 5 }, func() { r.OffsetAsIs = true }, func() { r.MaxOffset = -1 },
		func() { r.Origins = []string{"saltmere.example", "https://saltmere.example/x", "https://{x}"} }, func() { r.Base = "//elsewhere" }, func() { r.Unknown = "keep" }, func() { r.Repeat = "first" }, func() { r.Prefix = of(d, "a", "1.", "é.", ".", "a b.", "abcdefghijklmnopq.") },
		func() { r.Key, r.Params.After = nil, "after" }, func() { r.Key, r.Addressing = nil, paging.ByCursor },
	}...) {
		do()
	}
}

// Values of parameters, as they stand in a query.
var (
	numbers = []string{"", "1", "2", "3", "3", "7", "9", "99", "+3", "-1", "0", "%20%203", " 4", "3x", "1.5", "1e3", "0x10", "%D9%A3", "9007199254740991", "9007199254740993", "9223372036854775807", "9223372036854775808", "-9223372036854775809", "99999999999999999999", "%zz", "%", "1_000"}
	sizes   = []string{"", "10", "20", "50", "100", "101", "7", "1", "0", "-5", "all", "%20all", "many", "1000", "99999999999999999999"}
	texts   = []string{"", "N4", "gull", "Sea+Gull", "S%C3%B8", "a%2Cb", "%FF", "%00", "x%", "5", "-12.50", "+007", "true", "false", "none", "2026-03-01", "2026-02-30", "2026-03-01T06:30:00Z", "2026-03-01t06:30:00.120+02:00", "2026-03-01 06:30", "0001-01-01T00:00:00%2B01:00",
		"9007199254740992", "123456789012345678", "0.1234567890123456", "[1]", strings.Repeat("long", 51), "%F0%9F%9A%A2", "ÿ", "a;b", "<script>", "\"'", "\r\n"}
	right = map[value.Type][]string{value.Text: {"N4", "gull", "S%C3%B8"}, value.Integer: {"5", "+007", "-1"}, value.Decimal: {"-12.50", "5"}, value.BigInteger: {"123456789012345678", "0"}, value.BigDecimal: {"0.1234567890123456"},
		value.Boolean: {"true", "%20false"}, value.Date: {"2026-03-01"}, value.Time: {"2026-03-01", "2026-03-01T06:30:00Z", "2026-03-01t06:30:00.120 02:00"}, value.JSON: {"true"}}
	strange = []string{"theme=dark", "theme", "a;b=c", "=x", "%", "&&", "pl.explain=true", "pl.base=/x", "pgae=3", "sise=20", "berht=N4", "x=%C3", "a=1&a=2", "\xc3\xbc=\xc3\xa9", "page.min=3", "field.page=4", "tonnage.near=4", "tonnage.equals=4", "filter[berth][not]=N4", "[]=1", "size%5B%5D=3"}
)

// query draws a query for rules.
func (d generator) query(r *paging.Rules, token string) string {
	filled := r.Resolved()
	p := filled.Params
	var parts []string
	put := func(name, value string) {
		if name == "" {
			return
		}
		if written := string(query.AppendValue(nil, name)); !d.chance(10) {
			name = written
		}
		parts = append(parts, name+"="+value)
		if r.Prefix != "" && d.chance(10) { // of another list
			parts = append(parts, strings.TrimPrefix(name, r.Prefix)+"="+value, "c."+name+"="+value)
		}
	}
	for range 1 + d.IntN(1+d.IntN(6)) {
		switch d.IntN(12) {
		case 0, 1:
			put(p.Page+p.Offset, of(d, append(numbers, "20", "40", "41", "160", "180")...))
		case 2:
			put(p.Size+p.Limit, of(d, sizes...))
		case 3:
			put(p.Sort, d.sort(&filled))
			if d.chance(20) {
				put(p.Sort, d.sort(&filled))
			}
		case 4:
			put(of(d, p.Row, p.Direction, p.Direction), of(d, append(numbers, "asc", "desc", "41")...))
		case 5:
			put(p.Search, of(d, texts...))
		case 6:
			put(p.Fields, strings.Join(some(d, 3, append(fields, " id", "nothing", "")...), ","))
		case 7:
			parts = append(parts, of(d, strange...))
		default:
			if len(filled.Filters) > 0 {
				f := filled.Filters[d.IntN(len(filled.Filters))]
				op := of(d, f.Operators...)
				if d.chance(15) {
					op = of(d, paging.Min, paging.None, paging.Has)
				}
				put(f.ParamFor(op), of(d, append(right[f.Type], of(d, texts...))...))
			}
		}
	}
	if token != "" {
		put(of(d, p.After, p.After, p.Before), token)
		if d.chance(5) {
			put(p.Before, token)
		}
		if d.chance(80) { // alone, or it is no cursor
			kept := parts[:0]
			for _, part := range parts {
				if name, _, _ := strings.Cut(part, "="); name != string(query.AppendValue(nil, p.Page+p.Offset)) && name != string(query.AppendValue(nil, p.Row)) && name != string(query.AppendValue(nil, p.Sort)) {
					kept = append(kept, part)
				}
			}
			parts = kept
		}
	}
	text := strings.Join(parts, "&")
	if d.chance(3) {
		text += fmt.Sprintf("&%c%c", rune(d.IntN(256)), rune(d.IntN(0x250))) // of a Unicode that everybody has
	}
	return text
}

func (d generator) sort(r *paging.Rules) string {
	var keys []string
	for range d.IntN(4) {
		key := of(d, "nothing", "", "id")
		if len(r.Sorts) > 0 && d.chance(85) {
			key = r.Sorts[d.IntN(len(r.Sorts))].Key
		}
		keys = append(keys, of(d, "", "-", "%20", "--")+key)
	}
	return strings.Join(keys, of(d, ",", ",", "%2C"))
}
