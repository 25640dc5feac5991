package markup

import (
	"bytes"
	"fmt"
	"html/template"
	"net/url"
	"path/filepath"
	"strconv"
	"strings"
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"
	"golang.org/x/net/html"
	"golang.org/x/text/language"

	"pageladder.example/internal/doctest"
	"pageladder.example/paging"
)

func viewOf(t testing.TB, rules *paging.Rules, query string, total paging.Total, lang string) *View {
	t.Helper()
	ask, err := rules.Read(query)
	require.NoError(t, err)
	page, err := ask.Settle(total)
	require.NoError(t, err)
	page, err = page.Received(page.Fetch())
	require.NoError(t, err)
	base, err := paging.ParseBase("/arrivals")
	require.NoError(t, err)
	view := Of(page, base, LanguageFor(lang))
	return &view
}

// styles draw everything there is in each markup.
var styles = map[string]func(v *View) []byte{
	"plain":     func(v *View) []byte { return (&Style{}).AppendLadder(nil, v) },
	"bootstrap": func(v *View) []byte { return Bootstrap.AppendLadder(nil, v) },
	"classed": func(v *View) []byte {
		s := StyleOf("classed", map[string]string{"nav": "rail", "item": "step", "current": "step-here md:p-2", "dead": "off"})
		return s.AppendLadder(nil, v)
	},
	"template": func(v *View) []byte {
		t := template.Must(template.New("").Parse(`<nav aria-label="x">{{range .Ladder}}{{if .Href}}<a href="{{.Href}}" aria-label="{{$.PageName .}}">{{$.Number .Page}}</a> {{else if .Page}}<b aria-current="page">{{.Page}}</b> {{else}}<i title="{{$.GapName .}}">…</i> {{end}}{{end}}</nav><p>{{.Summary}}</p>
`))
		var b bytes.Buffer
		if err := Template(&b, t, *v); err != nil {
			panic(err)
		}
		return b.Bytes()
	},
	"summary":      func(v *View) []byte { return AppendSummary(nil, v) },
	"sizes":        func(v *View) []byte { return AppendSizes(nil, v) },
	"size-form":    func(v *View) []byte { return AppendSizeForm(nil, v) },
	"jump-form":    func(v *View) []byte { return AppendJumpForm(nil, v) },
	"text":         func(v *View) []byte { return []byte(Text(v, TextOptions{}) + "\n") },
	"text-colour":  func(v *View) []byte { return []byte(Text(v, TextOptions{Colour: true}) + "\n") },
	"link-header":  func(v *View) []byte { return []byte(LinkHeader(v.Steps) + "\n") },
	"link-element": func(v *View) []byte { return AppendLinkElements(nil, v.Steps) },
}

func TestMarkupIsAsItWas(t *testing.T) {
	gaps := &paging.Rules{Ladder: paging.LadderRules{GapLinks: true, Ends: new(true)}, Size: paging.SizeRules{All: 500}}
	for name, draw := range styles {
		var out bytes.Buffer
		for _, c := range []struct {
			rules *paging.Rules
			query string
			total paging.Total
			lang  string
		}{
			{&paging.Rules{}, "", paging.Exact(168), "en"},
			{&paging.Rules{}, "berth=N4&page=10&q=%22%3Cb%3E+%26", paging.Exact(4000), "de"},
			{gaps, "page=9999&size=30", paging.Exact(1_000_000), "ar"},
			{gaps, "page=3&size=all", paging.Exact(41), "ja"},
			{&paging.Rules{Addressing: paging.ByOffset}, "offset=500", paging.Exact(168), "fr"},
			{&paging.Rules{}, "page=4", paging.AtLeast(10_001), "es"},
			{&paging.Rules{}, "", paging.Exact(0), "en"},
		} {
			fmt.Fprintf(&out, "-- %s?%s, total %d %s --\n%s", c.lang, c.query, c.total.Records(), c.total.Is(), draw(viewOf(t, c.rules, c.query, c.total, c.lang)))
		}
		doctest.Check(t, filepath.Join("testdata", "golden", name+".txt"), out.String())
	}
}

// elements walks a parsed document.
func elements(n *html.Node, each func(n *html.Node, attr map[string]string)) {
	if n.Type == html.ElementNode {
		attr := map[string]string{}
		for _, a := range n.Attr {
			attr[a.Key] = a.Val
		}
		each(n, attr)
	}
	for c := n.FirstChild; c != nil; c = c.NextSibling {
		elements(c, each)
	}
}

func textOf(n *html.Node) string {
	if n.Type == html.TextNode {
		return n.Data
	}
	var b strings.Builder
	for c := n.FirstChild; c != nil; c = c.NextSibling {
		b.WriteString(textOf(c))
	}
	return b.String()
}

// checkHTML compares one ladder with what a browser would make of it.
func checkHTML(t testing.TB, markup []byte, v *View) {
	t.Helper()
	doc, err := html.Parse(bytes.NewReader(markup))
	require.NoError(t, err)
	byPage := map[string]int64{}
	for _, r := range v.Ladder {
		if r.Href != "" {
			byPage[r.Href] = r.Page
		}
	}
	navs, currents := 0, 0
	ids := map[string]bool{}
	elements(doc, func(n *html.Node, attr map[string]string) {
		switch n.Data {
		case "html", "head", "body", "ul", "li", "span":
		case "nav":
			navs++
			assert.NotEmpty(t, attr["aria-label"])
		case "a":
			if attr["aria-disabled"] == "true" {
				assert.NotContains(t, attr, "href", "a dead step cannot be focused")
				assert.NotContains(t, attr, "tabindex")
				break
			}
			u, err := url.Parse(attr["href"])
			require.NoError(t, err)
			assert.Empty(t, u.Scheme)
			assert.Empty(t, u.Host)
			if attr["rel"] == "" {
				page, ok := byPage[attr["href"]]
				assert.True(t, ok, "%s", attr["href"])
				got, err := strconv.ParseInt(u.Query().Get("page"), 10, 64)
				assert.NoError(t, err)
				assert.Equal(t, page, got, "the link parses back to the page it names")
				assert.NotEmpty(t, attr["aria-label"])
			}
		default:
			assert.Fail(t, "an element that does not belong", n.Data)
		}
		if attr["aria-current"] == "page" {
			currents++
			assert.Equal(t, string(v.Language.appendNumber(nil, *v.Paging.Page)), strings.Trim(textOf(n), "\u2007\u2008"))
		}
		if id := attr["id"]; id != "" {
			assert.False(t, ids[id], "ids are unique")
			ids[id] = true
		}
		for key := range attr {
			assert.Contains(t, []string{"class", "href", "rel", "lang", "dir", "role", "aria-label", "aria-current", "aria-disabled"}, key)
		}
	})
	assert.Equal(t, 1, navs)
	assert.LessOrEqual(t, currents, 1)
}

func TestMarkupIsSoundHTML(t *testing.T) {
	for _, lang := range []string{"en", "ar", "ja"} {
		for page := 1; page <= 12; page++ {
			v := viewOf(t, &paging.Rules{Ladder: paging.LadderRules{GapLinks: page%2 == 0, Ends: new(page%3 == 0)}},
				fmt.Sprintf("size=10&page=%d&q=\"><script>&x='", page), paging.Exact(117), lang)
			for _, name := range []string{"plain", "bootstrap", "classed"} {
				checkHTML(t, styles[name](v), v)
			}
		}
	}
}

func TestFormsLoseNothing(t *testing.T) {
	v := viewOf(t, &paging.Rules{}, `a="&berth=N4&page=3&berth=%3Cb%3E&size=10&e=`, paging.Exact(168), "en")
	for _, c := range []struct {
		markup []byte
		want   string
	}{
		{AppendSizeForm(nil, v), `a="|berth=N4|berth=<b>|e=|row=21|size=10 20 50 100`},
		{AppendJumpForm(nil, v), `a="|berth=N4|berth=<b>|size=10|e=|page=3`},
	} {
		doc, err := html.Parse(bytes.NewReader(c.markup))
		require.NoError(t, err)
		var sent []string
		elements(doc, func(n *html.Node, attr map[string]string) {
			switch n.Data {
			case "input":
				sent = append(sent, attr["name"]+"="+attr["value"])
			case "select":
				sent = append(sent, attr["name"]+"="+strings.Join(strings.Fields(textOf(n)), " "))
			case "form":
				assert.Equal(t, "/arrivals", attr["action"])
			}
		})
		assert.Equal(t, c.want, strings.Join(sent, "|"))
	}
}

// parseLinks reads a Link header as RFC 8288 appendix B.2 does.
func parseLinks(t testing.TB, header string) map[string]string {
	links := map[string]string{}
	for header != "" {
		header = strings.TrimLeft(header, " \t,")
		require.True(t, strings.HasPrefix(header, "<"), header)
		target, rest, ok := strings.Cut(header[1:], ">")
		require.True(t, ok)
		rest = strings.TrimLeft(rest, " \t")
		for strings.HasPrefix(rest, ";") {
			name, after, ok := strings.Cut(strings.TrimLeft(rest[1:], " \t"), "=")
			require.True(t, ok)
			require.True(t, strings.HasPrefix(after, `"`))
			value, after, ok := strings.Cut(after[1:], `"`)
			require.True(t, ok)
			if strings.TrimSpace(name) == "rel" {
				links[value] = target
			}
			rest = strings.TrimLeft(after, " \t")
		}
		require.True(t, rest == "" || rest[0] == ',', rest)
		header = rest
	}
	return links
}

func TestLinkHeaderReadsBack(t *testing.T) {
	v := viewOf(t, &paging.Rules{}, "page=3&q=%22>;rel=\"evil\",<x>\r\nX: y&a,b=c;d", paging.Exact(168), "en")
	header := LinkHeader(v.Steps)
	assert.NotContains(t, header, "\n")
	assert.Equal(t, map[string]string{"first": v.Steps.First, "prev": v.Steps.Prev, "next": v.Steps.Next, "last": v.Steps.Last}, parseLinks(t, header))
}

func TestTextFitsAWidth(t *testing.T) {
	v := viewOf(t, &paging.Rules{}, "page=10", paging.Exact(400), "en")
	for width, want := range map[int]string{
		0:  "‹ Previous   1    …    8    9  [10]  11   12    …   20   Next ›",
		50: "‹   1    …    8    9  [10]  11   12    …   20   ›",
		40: "‹   …    8    9  [10]  11   12    …   ›",
		30: "‹   …    9  [10]  11    …   ›",
		20: "‹   …  [10]   …   ›",
		10: "‹ [10]  ›",
		1:  "‹ [10]  ›",
	} {
		got := Text(v, TextOptions{Width: width})
		assert.Equal(t, strings.Join(strings.Fields(want), " "), strings.Join(strings.Fields(got), " "), width)
		if width >= 10 {
			assert.LessOrEqual(t, columns(got), width)
		}
	}
	v = viewOf(t, &paging.Rules{}, "page=10", paging.Exact(400), "ja")
	assert.LessOrEqual(t, columns(Text(v, TextOptions{Width: 72})), 72, "wide characters take two columns")
	assert.Empty(t, Text(viewOf(t, &paging.Rules{}, "", paging.Exact(5), "en"), TextOptions{}))
}

func TestLanguages(t *testing.T) {
	summary := func(lang string, page int, total int64) string {
		return viewOf(t, &paging.Rules{Size: paging.SizeRules{Default: 1}}, fmt.Sprintf("page=%d", page), paging.Exact(total), lang).Summary()
	}
	for _, c := range []struct{ lang, want, many string }{
		{"en", "1 of 1 record", "1 of 1,234 records"},
		{"de", "1 von 1 Eintrag", "1 von 1.234 Einträgen"},
		{"fr", "1 sur 1 enregistrement", "1 sur 1\u202f234 enregistrements"},
		{"es", "1 de 1 registro", "1 de 1234 registros"},
		{"ja", "1 件中 1 件目", "1,234 件中 1 件目"},
		{"de-AT", "1 von 1 Eintrag", "1 von 1.234 Einträgen"},
		{"tlh", "1 of 1 record", "1 of 1,234 records"},
		{"x y z;;", "1 of 1 record", "1 of 1,234 records"},
		{"fr-CH;q=0.5, es;q=0.9", "1 de 1 registro", "1 de 1234 registros"},
	} {
		assert.Equal(t, c.want, summary(c.lang, 1, 1), c.lang)
		assert.Equal(t, c.many, summary(c.lang, 1, 1234), c.lang)
	}
	for total, want := range map[int64]string{
		1: "من سجل واحد", 2: "من سجلين", 3: "من ٣ سجلات", 11: "من ١١ سجلًا", 100: "من ١٠٠ سجل", 103: "من ١٠٣ سجلات",
	} {
		assert.Equal(t, "١ "+want, summary("ar", 1, total))
	}
	assert.Equal(t, "1 de 1.000.000 de registros", summary("es", 1, 1_000_000))
	assert.True(t, LanguageFor("ar").RightToLeft())
	for _, l := range Languages() {
		filled := l.Words()
		filled.fill(&english)
		assert.Equal(t, l.Words(), filled, "%v has every word", l.Tag())
	}

	Languages()[0] = nil
	assert.NotNil(t, Languages()[0], "what is handed out is a copy")

	own := NewLanguage(language.MustParse("cy"), Words{Page: "Tudalen {page} {oddity}", Of: Plural{Other: "{rows} o {total}", Two: "{rows} o ddau"}})
	ask, err := (&paging.Rules{}).Read("")
	require.NoError(t, err)
	page, err := ask.Settle(paging.Exact(2))
	require.NoError(t, err)
	view := Of(page, paging.Base{}, own)
	assert.Equal(t, "1–2 o ddau", view.Summary())
	assert.Equal(t, "Tudalen 7 {oddity}", view.PageName(paging.Rung{Page: 7}))
	assert.Equal(t, "Next", own.Words().Next, "what a language does not say is English")
}

func TestLadderIsDrawnWithoutAllocating(t *testing.T) {
	for _, l := range Languages() {
		v := viewOf(t, &paging.Rules{Ladder: paging.LadderRules{GapLinks: true, Ends: new(true)}}, "page=500&q=a&b=c", paging.Exact(1_000_000), l.tag)
		buf := make([]byte, 0, 16<<10)
		assert.Zero(t, testing.AllocsPerRun(100, func() { buf = Bootstrap.AppendLadder(buf[:0], v) }), l.tag)
	}
}

func BenchmarkAppendLadder(b *testing.B) {
	v := viewOf(b, &paging.Rules{}, "berth=N4&cargo=grain&page=500", paging.Exact(20_000), "en")
	buf := make([]byte, 0, 16<<10)
	b.ReportAllocs()
	for b.Loop() {
		buf = Bootstrap.AppendLadder(buf[:0], v)
	}
}

func FuzzMarkup(f *testing.F) {
	f.Add("page=3&q=\"><script>alert(1)</script>&'=x", int64(168), "a b", uint8(0))
	f.Add("x=%00\r\n&page=99&size=all", int64(5), `x" onclick="`, uint8(255))
	f.Fuzz(func(t *testing.T, query string, total int64, class string, bits uint8) {
		rules := &paging.Rules{Ladder: paging.LadderRules{GapLinks: bits&1 > 0, Ends: new(bits&2 > 0), Lone: true, Steady: new(bits&4 > 0)},
			FirstPageBare: false, PastLast: []paging.PastLast{"", paging.PastLastGivesEmpty}[bits>>3&1]}
		lang := Languages()[int(bits>>4)%len(Languages())]
		v := viewOf(t, rules, query, paging.Exact(total), lang.tag)
		style := StyleOf("classed", map[string]string{"nav": class, "item": class, "current": class})
		for _, s := range []*Style{{}, &Bootstrap, &style} {
			checkHTML(t, s.AppendLadder(nil, v), v)
		}
		if header := LinkHeader(v.Steps); header != "" {
			links := parseLinks(t, header)
			require.Equal(t, v.Steps.Next, links["next"])
			require.Equal(t, v.Steps.Prev, links["prev"])
		}
		for _, form := range [][]byte{AppendSizeForm(nil, v), AppendJumpForm(nil, v)} {
			doc, err := html.Parse(bytes.NewReader(form))
			require.NoError(t, err)
			elements(doc, func(n *html.Node, attr map[string]string) {
				require.Contains(t, []string{"html", "head", "body", "form", "input", "label", "select", "option", "button"}, n.Data)
			})
		}
		for _, w := range []int{0, 10, 40} {
			text := Text(v, TextOptions{Width: w})
			require.NotContains(t, text, "\x1b")
			require.NotContains(t, text, "\n")
		}
	})
}

// Values that nobody has filled can be drawn and printed.
func TestZerosAreDrawn(t *testing.T) {
	var zero View
	rung := []paging.Rung{{Kind: paging.RungGap, From: 2, To: 4}, {Kind: paging.RungPage, Page: 5, Href: "?page=5"}}
	for _, v := range []*View{{}, {Language: &Language{}}, {Ladder: rung}, {Ladder: rung, Language: &Language{}}} {
		for _, draw := range []func([]byte, *View) []byte{new(Style).AppendLadder, AppendSummary, AppendSizes, AppendSizeForm, AppendJumpForm} {
			assert.NotPanics(t, func() { draw(nil, v) })
		}
		assert.NotPanics(t, func() { Text(v, TextOptions{Width: 1}) })
		assert.Equal(t, "No records", v.Summary())
		assert.Equal(t, []string{"7", "Page 5", "Pages 2 to 4 are left out"}, []string{v.Number(7), v.PageName(rung[1]), v.GapName(rung[0])})
	}
	_ = fmt.Sprint(zero, Language{}, Words{}, Plural{}, Style{}, TextOptions{})
	assert.Equal(t, "en", (&Language{}).Tag().String())
}
