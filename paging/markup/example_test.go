package markup_test

import (
	"errors"
	"fmt"
	"html/template"
	"os"

	"golang.org/x/text/language"

	"pageladder.example/paging"
	"pageladder.example/paging/markup"
	"pageladder.example/paging/value"
)

// view settles a query in a list of 168 records.
func view(query string, lang *markup.Language) markup.View {
	ask, err := (&paging.Rules{Size: paging.SizeRules{Default: 50}}).Read(query)
	if err != nil {
		panic(err)
	}
	page, err := ask.Settle(paging.Exact(168))
	if err != nil {
		panic(err)
	}
	base, err := paging.ParseBase("/arrivals")
	if err != nil {
		panic(err)
	}
	return markup.Of(page, base, lang)
}

func ExampleStyle_AppendLadder() {
	v := view("berth=N4&page=2", nil)
	var own = markup.Style{List: "rail", Current: "here"}
	os.Stdout.Write(own.AppendLadder(nil, &v))
	// Output:
	// <nav lang="en" aria-label="Pages"><ul class="rail">
	// <li><a href="/arrivals?berth=N4&amp;page=1" rel="prev">Previous</a></li>
	// <li><a href="/arrivals?berth=N4&amp;page=1" aria-label="Page 1">1</a></li>
	// <li class="here"><span aria-current="page">2</span></li>
	// <li><a href="/arrivals?berth=N4&amp;page=3" aria-label="Page 3">3</a></li>
	// <li><a href="/arrivals?berth=N4&amp;page=4" aria-label="Page 4">4</a></li>
	// <li><a href="/arrivals?berth=N4&amp;page=3" rel="next">Next</a></li>
	// </ul></nav>
}

func ExampleStyleOf() {
	style := markup.StyleOf("classed", map[string]string{"nav": "rail"})
	fmt.Println(style.Nav, markup.StyleOf("bootstrap", nil) == markup.Bootstrap)
	// Output: rail true
}

func ExampleText() {
	v := view("page=2", nil)
	fmt.Println(markup.Text(&v, markup.TextOptions{}))
	fmt.Println(markup.Text(&v, markup.TextOptions{Width: 24}))
	// Output:
	// ‹ Previous  1  [2]  3   4  Next ›
	// ‹  1  [2]  3   4  ›
}

func ExampleTemplate() {
	t := template.Must(template.New("ladder").Parse(
		`{{range .Ladder}}{{if .Href}}<a href="{{.Href}}" title="{{$.PageName .}}">{{$.Number .Page}}</a> {{else if .Page}}<b>{{.Page}}</b> {{else}}<i title="{{$.GapName .}}">…</i>{{end}}{{end}}{{.Summary}}`))
	markup.Template(os.Stdout, t, view("page=1", nil))
	// Output: <b>1</b> <a href="/arrivals?page=2" title="Page 2">2</a> <a href="/arrivals?page=3" title="Page 3">3</a> <a href="/arrivals?page=4" title="Page 4">4</a> 1–50 of 168 records
}

func ExampleView() {
	v := view("page=1", markup.LanguageFor("de"))
	fmt.Println(v.Summary())
	fmt.Println(v.Number(1234567), v.PageName(v.Ladder[1]), v.GapName(paging.Rung{Kind: paging.RungGap, From: 8, To: 17}))
	// Output:
	// 1–50 von 168 Einträgen
	// 1.234.567 Seite 2 Seiten 8 bis 17 sind ausgelassen
}

func ExampleLanguageFor() {
	for _, preferences := range []string{"de-AT", "fr-CH;q=0.5, es;q=0.9", "cy"} {
		fmt.Println(markup.LanguageFor(preferences).Tag())
	}
	fmt.Println(len(markup.Languages()))
	// Output:
	// de
	// es
	// en
	// 6
}

func ExampleNewLanguage() {
	welsh := markup.NewLanguage(language.MustParse("cy"), markup.Words{
		Of: markup.Plural{Other: "{rows} o {total} cofnod"},
	})
	v := view("page=4", welsh)
	fmt.Println(v.Summary())
	fmt.Println(welsh.Tag(), welsh.RightToLeft(), welsh.Words().Next)
	// Output:
	// 151–168 o 168 cofnod
	// cy false Next
}

func ExampleLinkHeader() {
	v := view("page=2", nil)
	fmt.Println(markup.LinkHeader(v.Steps))
	os.Stdout.Write(markup.AppendLinkElements(nil, v.Steps))
	// Output:
	// </arrivals?page=1>; rel="first", </arrivals?page=1>; rel="prev", </arrivals?page=3>; rel="next", </arrivals?page=4>; rel="last"
	// <link rel="first" href="/arrivals?page=1">
	// <link rel="prev" href="/arrivals?page=1">
	// <link rel="next" href="/arrivals?page=3">
	// <link rel="last" href="/arrivals?page=4">
}

func ExampleOf() {
	ask, _ := (&paging.Rules{}).Read("berth=N4&page=2")
	page, _ := ask.Settle(paging.Exact(168))
	v := markup.Of(page, paging.Base{}, markup.LanguageFor("fr"))
	os.Stdout.Write(markup.AppendSummary(nil, &v))
	os.Stdout.Write(markup.AppendSizes(nil, &v))
	os.Stdout.Write(markup.AppendSizeForm(nil, &v))
	os.Stdout.Write(markup.AppendJumpForm(nil, &v))
	// Output:
	// <p lang="fr">21–40 sur 168 enregistrements</p>
	// <ul lang="fr" aria-label="Enregistrements par page">
	// <li><a href="?berth=N4&amp;page=3&amp;size=10">10</a></li>
	// <li><a href="?berth=N4&amp;page=2&amp;size=20" aria-current="true">20</a></li>
	// <li><a href="?berth=N4&amp;page=1&amp;size=50">50</a></li>
	// <li><a href="?berth=N4&amp;page=1&amp;size=100">100</a></li>
	// </ul>
	// <form method="get" lang="fr">
	// <input type="hidden" name="berth" value="N4">
	// <input type="hidden" name="row" value="21">
	// <label>Enregistrements par page <select name="size">
	// <option value="10">10</option>
	// <option value="20" selected>20</option>
	// <option value="50">50</option>
	// <option value="100">100</option>
	// </select></label>
	// <button type="submit">Afficher</button></form>
	// <form method="get" lang="fr">
	// <input type="hidden" name="berth" value="N4">
	// <label>Aller à la page <input type="number" required min="1" max="9" name="page" value="2"></label>
	// <button type="submit">Aller</button></form>
}

// A form drawn from a query that was refused: what was typed stays, with what is wrong
// beside it.
func ExampleFilterFormOf() {
	rules := &paging.Rules{Filters: []paging.FilterRule{{Field: "tonnage", Type: value.Integer, Operators: []paging.Operator{paging.Min}}}}
	const rawQuery = "tonnage.min=heavy&sort=-tonnage"
	var refusal *paging.Refusal
	_, err := rules.Read(rawQuery)
	errors.As(err, &refusal)
	form := markup.FilterFormOf(rules, rawQuery, refusal.Faults, "/arrivals", map[string]markup.FormField{"tonnage": {Label: "Tonnage"}}, nil)
	fmt.Printf("%s", markup.AppendFilterForm(nil, &form))
	// Output:
	// <form method="get" role="search" action="/arrivals" lang="en">
	// <input type="hidden" name="sort" value="-tonnage">
	// <label>Tonnage min <input name="tonnage.min" value="heavy" autocomplete="off" aria-invalid="true" aria-describedby="fault-tonnage.min"> <strong id="fault-tonnage.min">&#34;heavy&#34; is not a whole number.</strong></label>
	// <span><button type="submit">Show</button> <a href="/arrivals">Show all</a></span>
	// </form>
	// <ul lang="en">
	// <li>Tonnage min: heavy <a href="/arrivals?sort=-tonnage" aria-label="Remove Tonnage min: heavy">Remove</a></li>
	// </ul>
}

// The words of a page, for a program that draws it.
func ExampleView_Words() {
	ask, _ := new(paging.Rules).Read("page=2")
	page, _ := ask.Settle(paging.Exact(347))
	view := markup.Of(page, paging.Base{}, markup.LanguageFor("de"))
	words := view.Words()
	fmt.Println(words.Previous, words.Next, words.Summary)
	fmt.Println(view.Ladder[1].Kind, words.Rungs[1], view.Ladder[7].Kind, words.Rungs[7])
	// Output:
	// Zurück Weiter 21–40 von 347 Einträgen
	// current Seite 2 gap Seiten 8 bis 17 sind ausgelassen
}

func ExampleLanguage_Number() {
	for _, tag := range []string{"en", "de", "ar"} {
		fmt.Println(markup.LanguageFor(tag).Number("-1234567.50"))
	}
	// Output:
	// -1,234,567.50
	// -1.234.567,50
	// -١٬٢٣٤٬٥٦٧٫٥٠
}
