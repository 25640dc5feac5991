package console_test

import (
	"fmt"
	"strings"
	"testing"

	cd "github.com/chromedp/chromedp"
	"github.com/chromedp/chromedp/kb"
	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"pageladder.example/internal/testkit"
)

// at is an address: a path, or a query of another one.
func at(path, to string) string {
	if strings.HasPrefix(to, "/") {
		return to
	}
	return path + to
}

func TestElementRoundAListOfAServer(t *testing.T) {
	s := ashore(t, nil)
	type step struct {
		do   func()
		at   string // the query afterwards
		rows string
	}
	next := func() { s.follows("Next") }
	back, forward := func() { s.goes(-1) }, func() { s.goes(1) }
	for path, steps := range map[string][]step{
		"/own": {
			{next, "?page=2", "11–20 of 347"},
			{func() { s.follows("berth") }, "?page=1&sort=berth", "1–10 of 347"},
			{func() { s.sends("berth", "N4") }, "?sort=berth&berth=N4", "1–10 of 116"},
			{next, "?sort=berth&berth=N4&page=2", "11–20 of 116"},
			{func() { s.sends("size", "50") }, "?sort=berth&berth=N4&row=11&size=50", "1–50 of 116"},
			{func() { s.follows("Remove") }, "?sort=berth&size=50", "1–50 of 347"},
			{back, "?sort=berth&berth=N4&row=11&size=50", "1–50 of 116"},
			{back, "?sort=berth&berth=N4&page=2", "11–20 of 116"},
			{forward, "?sort=berth&berth=N4&row=11&size=50", "1–50 of 116"},
		},
		"/lists/arrivals/page/1": {
			{next, "/lists/arrivals/page/2", "21–40 of 347"},
			{func() { s.follows("Tonnage") }, "/lists/arrivals/page/1?sort=-tonnage", "1–20 of 347"},
			{func() { s.sends("page", "5") }, "/lists/arrivals/page/5?sort=-tonnage", "81–100 of 347"},
			{func() { s.sends("tonnage.min", "5000") }, "/lists/arrivals?sort=-tonnage&", "1–20 of "},
			{func() { s.sends("tonnage.min", "lots") }, "/lists/arrivals?", "The list was not asked"},
			{back, "/lists/arrivals?sort=-tonnage&", "1–20 of "},
			{func() { s.goes(-2) }, "/lists/arrivals/page/1?sort=-tonnage", "1–20 of 347"},
		},
		"/fragments": {
			{next, "?a.page=2", "21–40 of 347"},
			{func() { s.follows("Tonnage") }, "?a.page=1&a.sort=-tonnage", "1–20 of 347"},
			{func() { s.sends("b_berth", "N4") }, "?a.page=1&a.sort=-tonnage&b_", "1–20 of 347"}, // the other list, which has the first one's state
			{func() { s.sends("a.size", "50") }, "?a.sort=-tonnage&b_", "1–50 of 347"},
			{func() { assert.Regexp(t, `b_berth=N4.*a\.size=50`, eval[string](s.tab, "location.search")) }, "?", "1–50 of 347"},
			{back, "?", "1–20 of 347"},
		},
	} {
		for _, scripts := range []bool{true, false} {
			s.without(!scripts)
			s.visit(path)
			s.sees("document.readyState === 'complete'")
			eval[any](s.tab, "window.kept = true")
			for i, step := range steps {
				step.do()
				s.sees(fmt.Sprintf("(location.pathname + location.search).startsWith(%q)", at(path, step.at)))
				s.sees(fmt.Sprintf("(l => !l.ariaBusy && l.innerText.includes(%q))(document.querySelector('page-ladder'))", step.rows))
				if i == 0 && scripts {
					s.sees("document.activeElement.textContent === 'Next'")
					assert.Contains(t, eval[string](s.tab, says), step.rows)
				}
			}
			if scripts {
				assert.True(t, eval[bool](s.tab, "window.kept === true"), "the page was loaded anew: %s", path)
				s.axe(path)
			}
		}
	}
}

func TestElementDrawsAList(t *testing.T) {
	s := ashore(t, map[string]string{"/quay": head("SERVICE", "en") + `<h1>Quay</h1>` + arrivals + `</main>`})
	s.visit("/quay?size=10&tab=1")
	s.at("/quay?size=10&tab=1", "1–10 of 347")
	s.axe("drawn")
	eval[any](s.tab, "window.kept = true")
	s.follows("Next")
	s.at("/quay?size=10&tab=1&page=2", "11–20 of 347")
	s.sees("document.activeElement.shadowRoot.activeElement.textContent === 'Next'")
	assert.Contains(t, eval[string](s.tab, says), "11–20 of 347 records")
	s.follows("Tonnage")
	s.at("/quay?size=10&tab=1&page=1&sort=-tonnage", "1–10 of 347")
	assert.Equal(t, "descending", eval[string](s.tab, "document.activeElement.closest('th').ariaSort"))
	s.follows("50")
	s.at("/quay?size=50&tab=1&page=1&sort=-tonnage", "1–50 of 347")
	s.sends("berth", "N4")
	s.at("/quay?size=50&tab=1&sort=-tonnage&berth=N4", "1–25 of 25")
	s.sends("tonnage.min", "lots")
	s.sees("!!" + find("[part=fault]", `e.innerText.includes('"lots" is not a whole number.')`))
	s.axe("refused")
	assert.Equal(t, 0.0, eval[float64](s.tab, "document.querySelectorAll('tbody tr').length"), "what was asked for is not shown")
	assert.Equal(t, "Show", eval[string](s.tab, find("button", "true")+".textContent"))
	s.goes(-1)
	s.at("/quay?size=50&tab=1&sort=-tonnage&berth=N4", "1–25 of 25")
	s.follows("Berth: N4 ×")
	s.at("/quay?size=50&tab=1&sort=-tonnage", "1–50 of 347")
	require.NoError(t, cd.Do(s.ctx, cd.Reload()))
	s.at("/quay?size=50&tab=1&sort=-tonnage", "1–50 of 347")
	s.visit("/quay?page=99")
	s.at("/quay?page=99", "341–347 of 347")
	assert.Contains(t, eval[string](s.tab, find("[part=notes]", "true")+".textContent"), "Page 99 is past the last page, 18")
	assert.Contains(t, eval[string](s.tab, says), "Page 99 is past the last page, 18")
}

// What is slow, comes late or does not come at all is the same to a reader in both kinds of list: it is dimmed and stays, a late answer is never
// shown, and what fails is the plain link.
func TestElementOverABadLine(t *testing.T) {
	s := ashore(t, map[string]string{"/quay": head("SERVICE", "en") + `<h1>Quay</h1><page-ladder src="/api/sets/arrivals/records" ahead=none>` + records + `</page-ladder></main>`})
	for _, path := range []string{"/quay", "/own?size=20"} {
		s.hold("page=2")
		s.visit(path)
		s.shows("1–20 of 347")
		eval[any](s.tab, "document.querySelector('page-ladder').setAttribute('ahead', 'none'); window.kept = true")
		s.follows("2")
		s.sees("document.querySelector('page-ladder').ariaBusy === 'true'")
		assert.Less(t, eval[float64](s.tab, "+getComputedStyle(document.querySelector('page-ladder')).opacity"), 1.0)
		assert.NotContains(t, eval[string](s.tab, "location.search"), "page=2", "the address moves with what is shown")
		s.follows("3")
		s.shows("41–60 of 347")
		s.let("page=2")
		s.follows("4")
		s.shows("61–80 of 347")
		s.hold("page=5")
		s.follows("5")
		s.goes(-1)
		s.shows("41–60 of 347")
		s.let("page=5")
		s.follows("7")
		s.shows("121–140 of 347")
		assert.True(t, eval[bool](s.tab, "window.kept"), path)

		s.lose("page=6")
		s.acts("addEventListener('ladderfail', () => sessionStorage.failed = 1)")
		s.follows("6") // has no answer, so the browser says what it says of any link
		s.sees("!document.querySelector('page-ladder') && !window.kept")
		s.found()
		s.visit(path)
		s.shows("1–20 of 347")
		assert.Equal(t, "1", eval[string](s.tab, "sessionStorage.failed"))
		eval[any](s.tab, "delete sessionStorage.failed")
	}
	s.lose("records,paging")
	s.visit("/quay?page=8")
	s.sees("!!" + find("[role=alert] a", "e.textContent === 'No answer ↻'"))
	s.axe("no answer")
	s.found()
	s.follows("No answer ↻")
	s.shows("141–160 of 347")
	s.pages["/plain"] = "<!doctype html><title>Other</title>no list" // an address that has no list any more
	s.acts("document.body.append(Object.assign(document.createElement('a'), {href: '/plain', id: 'away'}))")
	s.acts("document.getElementById('away').click()")
	s.sees("document.body.innerText === 'no list'")
}

func TestElementFetchesAhead(t *testing.T) {
	s := ashore(t, map[string]string{"/quay": head("SERVICE", "en") + `<h1>Quay</h1><page-ladder src="/api/sets/arrivals/records">` + records + `</page-ladder></main>`})
	for _, path := range []string{"/quay", "/own?size=20"} {
		n := func(page int) int {
			return s.sent(fmt.Sprintf(map[bool]string{true: "page=%d&pl", false: "size=20&page=%d"}[path == "/quay"], page))
		}
		s.visit(path)
		s.shows("1–20 of 347")
		testkit.Eventually(t, func() bool { return n(2) == 1 }, "the next page is fetched")
		s.follows("Next")
		s.shows("21–40 of 347")
		assert.Equal(t, 1, n(2), "and used")
		eval[any](s.tab, "("+find("a[href]", "e.textContent.trim() === '6'")+").dispatchEvent(new PointerEvent('pointerover', {bubbles: true, composed: true}))")
		testkit.Eventually(t, func() bool { return n(6) == 1 }, "so is the one that a pointer rests on")
		eval[any](s.tab, "document.querySelector('page-ladder').setAttribute('ahead', 'none')")
		s.follows("6")
		s.shows("101–120 of 347")
		assert.Equal(t, 1, n(6))
		s.follows("5")
		s.shows("81–100 of 347")
		assert.Zero(t, n(7))
	}
}

// Two lists that the element draws, and one that the server draws, share a page's address; each keeps what is the others'.
func TestElementsShareAnAddress(t *testing.T) {
	pair := `<h1>Harbour</h1><page-ladder src="/api/sets/arrivals/records" prefix="a." label="Calls">` + records + `</page-ladder><page-ladder src="/api/sets/berths/records" prefix="b_"><ul><template><li>{name}</li></template></ul></page-ladder>`
	s := ashore(t, map[string]string{"/pair": head("SERVICE", "en") + pair + `</main>`})
	list := func(i int, says string) {
		t.Helper()
		s.sees(fmt.Sprintf("(l => !l.ariaBusy && l.shadowRoot.textContent.includes(%q))(document.querySelectorAll('page-ladder')[%d])", says, i))
	}
	press := func(i int, text string) {
		t.Helper()
		eval[any](s.tab, fmt.Sprintf("[...document.querySelectorAll('page-ladder')[%d].shadowRoot.querySelectorAll('a[href]')].find(a => a.textContent === %q).click()", i, text))
	}
	s.visit("/pair?tab=%41&a.page=2&b_size=10")
	list(0, "21–40 of 347")
	list(1, "1–10 of 16")
	s.axe("two lists")
	press(1, "Next")
	list(1, "11–16 of 16")
	assert.Equal(t, "/pair?tab=%41&a.page=2&b_size=10&b_page=2", eval[string](s.tab, "location.pathname + location.search"))
	press(0, "Next")
	list(0, "41–60 of 347")
	assert.Equal(t, "?tab=%41&b_size=10&b_page=2&a.page=3", eval[string](s.tab, "location.search"))
	assert.Equal(t, "?tab=%41&a.page=3&b_size=10&b_page=1", eval[string](s.tab, "new URL(document.querySelectorAll('page-ladder')[1].shadowRoot.querySelector('[rel=prev]').href).search"), "a link that is opened in a tab has the other's state too")
	before := s.sent("pl.parts")
	s.goes(-1)
	list(0, "21–40 of 347")
	list(1, "11–16 of 16")
	assert.LessOrEqual(t, s.sent("pl.parts"), before+2, "the list that is the same is not asked for again")
	s.goes(-1)
	list(1, "1–10 of 16")
	assert.Equal(t, 1, s.sent("tab="), "what is not the list's is not sent, but for the page itself")
}

// What stands in the source holds for every question, and is on no link; a form of a record is the page's own.
func TestElementKeepsWhatItsSourceSays(t *testing.T) {
	s := ashore(t, map[string]string{"/quay": head("SERVICE", "en") + `<h1>Quay</h1><page-ladder src="/api/sets/arrivals/records?berth=N4&vessel.has=%61" ahead=none><template><form action="/ships"><button>{vessel}</button></form></template></page-ladder></main>`})
	s.visit("/quay?berth=S1&size=5")
	s.shows("1–5 of ")
	for _, page := range []string{"page=2", "page=3"} {
		s.follows("Next")
		s.sees("location.search === '?size=5&" + page + "'")
	}
	s.shows("11–15 of ")
	assert.Equal(t, "N4", eval[string](s.tab, "String([...new Set(document.querySelector('page-ladder').answer.records.map(r => r.berth))])"))
	assert.Zero(t, s.sent("S1&pl"), "nobody widens it by the page's address")
	s.acts("document.querySelector('page-ladder button').click()")
	s.sees("location.pathname === '/ships'")
	s.visit("/quay")
	s.shows("1–")
	eval[any](s.tab, "document.body.append(window.late = document.createElement('page-ladder')); late.innerHTML") // as a framework does
	eval[any](s.tab, "late.append(document.createElement('template')); late.src = '/api/sets/berths/records'")
	s.sees("late.shadowRoot.textContent.includes('of 16 records')")
	eval[any](s.tab, "document.body.prepend(late)")
	s.sees("!late.ariaBusy && late.shadowRoot.textContent.includes('of 16 records')")
}

// What was pressed stays under the pointer, and who goes back is where they were.
func TestElementKeepsItsPlaceOnTheScreen(t *testing.T) {
	s := ashore(t, map[string]string{"/quay": head("SERVICE", "en") + `<h1>Quay</h1><page-ladder src="/api/sets/arrivals/records" ahead=none>` + records + `</page-ladder></main>`})
	require.NoError(t, cd.Do(s.ctx, cd.EmulateViewport(1280, 300)))
	for _, path := range []string{"/quay?size=20&page=17", "/own?size=20&page=17"} {
		s.visit(path)
		s.shows("321–340 of 347")
		next := find("a", "e.textContent.trim() === 'Next'")
		eval[any](s.tab, next+".scrollIntoView({block: 'center'})")
		s.sees("scrollY > 100")
		top, scrolled := eval[float64](s.tab, next+".getBoundingClientRect().top"), eval[float64](s.tab, "scrollY")
		s.follows("Next")
		s.shows("341–347 of 347") // thirteen records less
		assert.InDelta(t, top, eval[float64](s.tab, next+".getBoundingClientRect().top"), 60, path)
		s.goes(-1)
		s.shows("321–340 of 347")
		assert.InDelta(t, scrolled, eval[float64](s.tab, "scrollY"), 2, path)
		require.NoError(t, cd.Do(s.ctx, cd.Reload()))
		s.shows("321–340 of 347")
	}
}

// With the keyboard alone.
func TestElementByKeyboard(t *testing.T) {
	s := ashore(t, map[string]string{"/quay": head("SERVICE", "en") + `<h1>Quay</h1><page-ladder src="/api/sets/arrivals/records">` + records + `</page-ladder></main>`})
	const at = "((e = document.activeElement) => (e.shadowRoot?.activeElement ?? e))()"
	for _, path := range []string{"/quay", "/own?size=20"} {
		s.visit(path)
		s.shows("1–20 of 347")
		for range 60 { // from the top to the ladder
			s.press(kb.Tab)
			if eval[string](s.tab, at+".textContent.trim()") == "Next" {
				break
			}
		}
		s.press(kb.Enter)
		s.shows("21–40 of 347")
		s.sees(at + ".textContent.trim() === 'Next'")
		s.press(kb.Enter)
		s.shows("41–60 of 347")
		assert.Equal(t, "Next", eval[string](s.tab, at+".textContent.trim()"))
		eval[any](s.tab, "("+find("a[href]", "e.textContent.trim() === '18'")+").focus()")
		s.press(kb.Enter)
		s.shows("341–347 of 347")
		assert.Equal(t, "page", eval[string](s.tab, at+".ariaCurrent ?? "+at+".getAttribute('aria-current')"), "what was a link is the current page")
	}
}

// A list looks right in each language and for each wish of its reader, and breaks no rule of accessibility.
func TestElementLooks(t *testing.T) {
	pages := map[string]string{}
	for _, lang := range []string{"en", "de", "fr", "es", "ar", "ja"} {
		dir := map[bool]string{true: "rtl", false: "ltr"}[lang == "ar"]
		pages["/"+lang] = strings.Replace(head("SERVICE", lang), "<main>", `<meta name="color-scheme" content="light dark"><main dir="`+dir+`">`, 1) + `<h1>1</h1><page-ladder src="/api/sets/arrivals/records" filters="berth,tonnage,arrived_at">` + records + `</page-ladder></main>`
	}
	s := ashore(t, pages)
	for lang, want := range map[string][2]string{"en": {"Next", "May 26, 2026 at 22:34 UTC"}, "de": {"Weiter", "26. Mai 2026 um 22:34 UTC"}, "fr": {"Suivante", "26 mai 2026"}, "es": {"Siguiente", "26 de mayo de 2026"}, "ar": {"التالي", "٢٦ مايو ٢٠٢٦"}, "ja": {"次へ", "2026年5月26日"}} {
		s.visit("/" + lang + "?berth=N4&berth=S1&tonnage.min=1")
		s.sees("!!" + find("a", fmt.Sprintf("e.textContent === %q", want[0])))
		s.visit("/" + lang)
		s.sees("!!" + find("a", fmt.Sprintf("e.textContent === %q", want[0])))
		assert.Contains(t, eval[string](s.tab, "document.querySelector('time').textContent"), want[1])
		s.axe(lang)
	}
	assert.Equal(t, "rtl", func() string {
		s.visit("/ar")
		s.sees("!!" + find("nav", "true"))
		return eval[string](s.tab, "getComputedStyle("+find("nav", "true")+").direction")
	}())
	first, last := find("[part=rung]", "e.textContent === '٣'"), find("[part=rung]", "e.textContent === '٤'")
	assert.Greater(t, eval[float64](s.tab, first+".getBoundingClientRect().x"), eval[float64](s.tab, last+".getBoundingClientRect().x"), "from right to left")
	for _, wish := range [][]string{{"prefers-color-scheme", "dark"}, {"forced-colors", "active"}, {"prefers-reduced-motion", "reduce"}} {
		s.media(wish...)
		s.visit("/en?tonnage.min=lots")
		s.sees("!!" + find("[part=fault]", "true"))
		eval[any](s.tab, "document.body.style.background = 'Canvas'") // which browsers do by themselves, but axe does not know
		s.axe(wish[0])
		s.visit("/en?page=99")
		s.shows("341–347 of 347")
		eval[any](s.tab, "document.body.style.background = 'Canvas'")
		s.axe(wish[0])
	}
	s.media()
	require.NoError(t, cd.Do(s.ctx, cd.EmulateViewport(640, 400, cd.EmulateScale(2)))) // 200 %
	s.visit("/en?page=9")
	s.shows("161–180 of 347")
	assert.LessOrEqual(t, eval[float64](s.tab, "document.documentElement.scrollWidth"), 640.0, "nothing is cut off")
	s.axe("200 %")
}

// An endpoint of somebody else, in its own envelope, with no form and no words.
func TestElementReadsAnEnvelope(t *testing.T) {
	s := ashore(t, map[string]string{
		"/boats": head("SERVICE", "fr") + `<h1>Bateaux</h1><page-ladder src="/data" envelope='{"records": "/items", "page": "/meta/page", "total_pages": "/meta/of", "next": "/meta/a~1b", "prev": "/meta/prev"}'>` +
			`<p>{no}: <b title="{name}">{name}</b> <a href="/x?n={name}">{lost}</a></p><template><p class="boat">{no}: <b title="{name}">{name}</b> <a href="/x?n={name}">{lost}</a></p></template></page-ladder></main>`,
	})
	s.pages["/data"] = `{"items": [{"no": 1, "name": "<img src=x onerror=alert(1)>{no}&\"", "more": {"a": 1}}], "meta": {"page": 2, "of": 9, "a/b": "/data?p=3&q=x", "prev": "/data?p=1"}}`
	s.visit("/boats?p=2")
	s.sees("!!document.querySelector('.boat')")
	assert.Equal(t, `1: <img src=x onerror=alert(1)>{no}&" {lost}`, eval[string](s.tab, "document.querySelector('.boat').textContent"), "values are text, and are not filled in again")
	assert.Equal(t, `/x?n=%3Cimg%20src%3Dx%20onerror%3Dalert(1)%3E%7Bno%7D%26%22`, eval[string](s.tab, "document.querySelector('.boat a').getAttribute('href')"))
	assert.Equal(t, "/boats?p=3&q=x", eval[string](s.tab, find("a", "e.rel === 'next'")+".getAttribute('href')"))
	assert.Equal(t, "Précédente2Suivante", eval[string](s.tab, find("nav", "true")+".textContent"))
	assert.Zero(t, s.sent("pl."))
	s.axe("an envelope")
	s.pages["/data"] = `{"rows": []}` // another answer
	s.visit("/boats")
	s.sees("!!" + find("[role=alert]", "e.textContent === 'Pas de réponse ↻'"))
}

// Each event can be cancelled, and headers be added.
func TestElementTellsWhatItDoes(t *testing.T) {
	s := ashore(t, map[string]string{"/quay": head("SERVICE", "en") + `<h1>Quay</h1><page-ladder src="/api/sets/arrivals/records" ahead=none>` + records + `</page-ladder></main>`})
	s.visit("/quay")
	s.shows("1–20 of 347")
	eval[any](s.tab, `window.heard = []; for (const type of ['ladderask', 'ladderdraw', 'ladderfail', 'laddershown']) document.addEventListener(type, e => { heard.push(type); if (window.cancel === type) e.preventDefault() })`)
	s.follows("2")
	s.shows("21–40 of 347")
	assert.Equal(t, "ladderask,ladderdraw,laddershown", eval[string](s.tab, "String(heard.splice(0))"))
	eval[any](s.tab, "window.cancel = 'ladderask'")
	s.follows("3")
	s.sees("heard.length === 1")
	eval[any](s.tab, "window.cancel = 'ladderdraw'; heard.length = 0")
	s.follows("4")
	s.sees("heard.length === 3")
	s.shows("21–40 of 347")
	assert.Equal(t, "?page=4 4", eval[string](s.tab, "location.search + ' ' + document.querySelector('page-ladder').answer.paging.page"), "who draws it itself has it")
	eval[any](s.tab, "window.cancel = 'ladderfail'; heard.length = 0")
	s.lose("page=5")
	s.follows("5")
	s.sees("heard.includes('ladderfail')")
	s.shows("21–40 of 347")
	eval[any](s.tab, "window.cancel = ''; heard.length = 0; document.querySelector('page-ladder').src = '/api/sets/berths/records'")
	s.shows("of 16 records")
	eval[any](s.tab, "document.querySelector('page-ladder').go('?size=5')")
	s.shows("1–5 of 16 records")
}
