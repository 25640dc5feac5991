package console_test

import (
	"fmt"
	"net/http"
	"net/http/httputil"
	"net/url"
	"slices"
	"strings"
	"sync/atomic"
	"testing"

	cd "github.com/chromedp/chromedp"
	"github.com/chromedp/chromedp/kb"
	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"pageladder.example/internal/intake"
	"pageladder.example/internal/sets"
	"pageladder.example/internal/testkit"
	"pageladder.example/paging"
	"pageladder.example/paging/envelope"
	"pageladder.example/paging/rulesfile"
	"pageladder.example/paging/value"
)

func TestDeskTellsWhatBecameOfEveryParameter(t *testing.T) {
	b := open(t)
	b.visit("/sets/arrivals?page=3x&size=20&sort=-tonnage&colour=red")
	b.at("/sets/arrivals?page=3x&size=20&sort=-tonnage&colour=red", "1–20 of 347")
	chips := `[...document.querySelectorAll('.chip')].map(c => c.innerText.replace(/\s+/g, ' ').trim())`
	b.sees(chips + `[0] === "page page=3x → 1 ×"`)
	assert.Equal(t, "no effect colour=red ×", eval[string](b, chips+"[3]"))
	b.reads(`"3x" is not a whole number; page 1 is shown.`)

	b.click("link", "Leave out colour=red")
	b.at("/sets/arrivals?page=3x&size=20&sort=-tonnage", "1–20 of 347")
	b.fill("Request", "GET /api/sets/arrivals/records?page=3&size=20&cleared=false")
	b.press("\r")
	b.at("/sets/arrivals?page=3&size=20&cleared=false", "41–60 of 76")
	b.reads("(3 − 1) × 20 = offset 40; ceil(76 ÷ 20) = 4 pages; rows 41–60")
	// Where the page itself has counted before, that is known by now, which is a step of its own.
	steps := eval[[]string](b, "[...document.querySelectorAll('.step-name')].map(s => s.innerText)")
	assert.Equal(t, []string{"read", "count", "settle", "cut", "link"}, slices.DeleteFunc(steps, func(s string) bool { return s == "keep" }))
	b.sees("document.querySelector('.made details pre').textContent.includes('order by')") // an owner sees the SQL
	b.fill("Request", "arrivals, page 3")
	b.press("\r")
	b.reads("Right would be /api/sets/NAME/records")

	for tab, holds := range map[string]string{
		"JSON": `"total_items": 76`, "Headers": "content-location: /api/sets/arrivals/records?page=3&size=20&cleared=false", "Link": `rel="next"`,
		"Code": "curl -i '" + b.server + "/api/sets/arrivals/records?page=3&size=20&cleared=false'", "HTML": `aria-current="page"`,
	} {
		b.click("tab", tab)
		b.sees(fmt.Sprintf("document.querySelector('#tab-panel pre')?.textContent.includes(%q)", holds))
		b.sees(fmt.Sprintf("location.hash === %q", "#"+strings.ToLower(tab)))
		b.axe("tab " + tab)
	}
	b.click("tab", "Headers")
	require.NoError(t, cd.Do(b.ctx, cd.Reload()))
	b.sees("document.querySelector('[role=tab][aria-selected=true]').innerText === 'Headers' && document.querySelector('#tab-panel pre').textContent.startsWith('HTTP 200')")
	eval[cd.Void](b, "document.querySelector('[role=tab][aria-selected=true]').focus();void 0")
	b.press(kb.ArrowRight)
	b.sees("document.activeElement.innerText === 'Link'")
}

func TestDeskFiltersAndSearches(t *testing.T) {
	b := open(t)
	b.visit("/sets/arrivals?size=10&page=4")
	b.at("/sets/arrivals?size=10&page=4", "31–40 of 347")
	b.sees("document.querySelectorAll('.facet .count').length > 10")
	grain := `[...document.querySelectorAll('.facet')].find(f => f.innerText.includes('grain'))`
	count := eval[string](b, grain+".querySelector('.count').innerText")
	eval[cd.Void](b, grain+".querySelector('input').click();void 0")
	b.at("/sets/arrivals?size=10&cargo=grain", "1–10 of "+count)
	b.tick("salt")
	b.sees("location.search === '?size=10&cargo=grain&cargo=salt' && document.querySelectorAll('.facet input:checked').length === 2")
	b.tick("grain")
	b.sees("location.search === '?size=10&cargo=salt'")
	b.unfold("More conditions on Tonnage")
	b.fill("at least (Tonnage)", "5000")
	b.sees("location.search === '?size=10&cargo=salt&tonnage.min=5000'")
	b.fill("at most (Tonnage)", "much")
	b.reads(`"much" is not a whole number`) // refused, and said where the user looks
	b.sees("document.querySelector('.request input').value.endsWith('&tonnage.max=much')")
	b.fill("at least (Tonnage)", "some")
	b.sees("document.querySelectorAll('.problem li').length === 2") // each fault, and the filters stay
	b.click("link", "Leave out tonnage.min=some")
	b.click("link", "Leave out tonnage.max=much")
	b.sees("!document.querySelector('.problem') && !!document.querySelector('.list')")
	b.click("button", "Clear all filters")
	b.at("/sets/arrivals?size=10", "1–10 of 347")
	eval[cd.Void](b, "document.querySelector('.table-frame a').focus();void 0")
	eval[cd.Void](b, "document.activeElement.dispatchEvent(new KeyboardEvent('keydown', {key: '/', bubbles: true, cancelable: true}));void 0")
	b.sees("document.activeElement.id === 'search'")
	b.press("zuraw lant")
	b.sees("location.search === '?size=10&q=zuraw%20lant'")
	b.sees("document.activeElement.id === 'search'")
}

// What stands beside a list is drawn after it. On a browser that has no time to draw, each choice still counts.
func TestChoicesAddUpBeforeTheyAreDrawn(t *testing.T) {
	b := open(t)
	b.visit("/sets/arrivals?size=10&page=4")
	b.at("/sets/arrivals?size=10&page=4", "31–40 of 347")
	b.unfold("More conditions on Tonnage")
	eval[cd.Void](b, "window.requestAnimationFrame = () => 0;void 0")
	for _, choice := range []struct{ label, query string }{
		{"grain", "?size=10&cargo=grain"},
		{"salt", "?size=10&cargo=grain&cargo=salt"},
		{"missing (Tonnage)", "?size=10&cargo=grain&cargo=salt&tonnage.none=true"},
		{"missing (Tonnage)", "?size=10&cargo=grain&cargo=salt"},
		{"grain", "?size=10&cargo=salt"},
		{"yes", "?size=10&cargo=salt&cleared=true"},
	} {
		b.tick(choice.label)
		b.sees(fmt.Sprintf("location.search === %q", choice.query))
	}
	b.fill("Go to page", "2")
	b.click("button", "Go")
	b.sees("location.search === '?size=10&cargo=salt&cleared=true&page=2'")
}

// Where the rules pin a list, each way to another page stays in the list that the page is of.
func TestGoingToAPageStaysInTheListThatIsPinned(t *testing.T) {
	store := testkit.Harbour(t)
	_, err := store.Configure(t.Context(), "arrivals", func(s *sets.Settings) error {
		s.Rules.Pinned = true
		return nil
	})
	require.NoError(t, err)
	b := openAs(t, testkit.ServeStore(t, store))
	b.visit("/sets/arrivals?size=10")
	b.at("/sets/arrivals?size=10", "1–10 of 347")
	b.fill("Go to page", "35")
	b.click("button", "Go")
	b.at("/sets/arrivals?size=10&pl.version=2&page=35", "341–347 of 347")
}

func TestDeskMovesByKeysAndSortsBySeveral(t *testing.T) {
	b := open(t)
	b.visit("/sets/arrivals?size=10")
	b.sees("!!document.querySelector('.ladder')")
	b.sees("performance.getEntriesByType('resource').some(r => r.name.endsWith('/api/sets/arrivals/records?size=10&page=2'))") // fetched ahead
	eval[cd.Void](b, "document.querySelector('.ladder a').focus();void 0")
	for _, step := range []struct{ key, rows string }{{kb.ArrowRight, "11–20 of 347"}, {kb.ArrowRight, "21–30 of 347"}, {kb.ArrowLeft, "11–20 of 347"}, {kb.End, "341–347 of 347"}, {kb.Home, "1–10 of 347"}} {
		b.press(step.key)
		b.sees(fmt.Sprintf("document.querySelector('.summary').innerText === %q && !document.querySelector('.waiting')", step.rows))
		eval[cd.Void](b, "document.querySelector('.ladder a').focus();void 0")
	}
	b.press("g")
	b.sees("document.activeElement.classList.contains('page-number')")
	b.press(kb.ArrowLeft) // in a field keys are the field's own
	b.sees("document.querySelector('.summary').innerText === '1–10 of 347'")
	b.tick("Keyboard shortcuts")
	eval[cd.Void](b, "document.querySelector('.ladder a').focus();void 0")
	b.press("g")
	b.sees("!document.activeElement.classList.contains('page-number')")
	b.tick("Keyboard shortcuts")

	b.visit("/sets/arrivals?sort=cargo")
	b.sees("!!document.querySelector('[aria-sort=ascending]')")
	eval[cd.Void](b, `[...document.querySelectorAll('.sort-head')].find(a => a.innerText.startsWith('Tonnage')).dispatchEvent(new MouseEvent('click', {bubbles: true, cancelable: true, shiftKey: true}));void 0`)
	b.sees("location.search === '?sort=cargo,-tonnage'")
	b.sees("[...document.querySelectorAll('.rank')].map(r => r.innerText.replace(/\\D/g, '')).join() === '1,2'")
	assert.Equal(t, 1.0, eval[float64](b, "document.querySelectorAll('[aria-sort=ascending],[aria-sort=descending]').length"))
}

// between stands between a browser and a service: it can hold an answer back and
// cut the line.
func between(t *testing.T, server string) (at string, slow, cut *atomic.Bool) {
	target, err := url.Parse(server)
	require.NoError(t, err)
	proxy := httputil.NewSingleHostReverseProxy(target)
	proxy.ErrorHandler = func(w http.ResponseWriter, _ *http.Request, _ error) { w.WriteHeader(http.StatusBadGateway) }
	slow, cut = &atomic.Bool{}, &atomic.Bool{}
	release := make(chan struct{})
	t.Cleanup(func() { close(release) })
	return serveHandler(t, http.HandlerFunc(func(w http.ResponseWriter, r *http.Request) {
		if cut.Load() && strings.HasPrefix(r.URL.Path, "/api/") {
			panic(http.ErrAbortHandler)
		}
		if slow.Load() && r.URL.Query().Get("page") == "2" {
			select {
			case <-r.Context().Done():
			case <-release:
			}
			return
		}
		r.Host = target.Host
		proxy.ServeHTTP(w, r)
	})), slow, cut
}

func TestDeskStaysWellWhenTheServiceIsSlowOrAway(t *testing.T) {
	server := testkit.Serve(t)
	at, slow, cut := between(t, server)
	b := openVia(t, server, at)
	slow.Store(true)
	b.visit("/sets/arrivals?size=10")
	b.at("/sets/arrivals?size=10", "1–10 of 347")
	b.click("link", "Page 2")
	b.sees("!!document.querySelector('.progress-line') && !!document.querySelector('.waiting tbody tr')") // the old page stays, dimmed
	assert.Equal(t, "1–10 of 347", eval[string](b, "document.querySelector('.summary').innerText"))
	b.click("link", "Page 3")
	b.at("/sets/arrivals?size=10&page=3", "21–30 of 347") // and no late answer takes its place
	slow.Store(false)

	cut.Store(true)
	b.fill("Request", "/api/sets/arrivals/records?page=9&size=10")
	b.press("\r")
	b.reads("The service does not answer. Is it still running?")
	assert.Contains(t, eval[string](b, "document.querySelector('.request input').value"), "page=9", "nothing typed is lost")
	cut.Store(false)
	b.click("button", "Try again")
	b.at("/sets/arrivals?page=9&size=10", "81–90 of 347")
}

func TestDeskShowsHardValues(t *testing.T) {
	store := testkit.Store(t)
	var file strings.Builder
	file.WriteString("no,rtl,markup,long")
	for i := range 56 {
		fmt.Fprintf(&file, ",field %d", i)
	}
	for n := range 30 {
		fmt.Fprintf(&file, "\n%d,%s,%s,%s%s", n, "مرساة خارج الميناء", `"<img src=x onerror=""document.title='taken'""><b>bold</b>"`, strings.Repeat("long word ", 1000), strings.Repeat(",1", 56))
	}
	_, _, err := store.Import(t.Context(), sets.Import{Name: "hard", Source: strings.NewReader(file.String()), Options: intake.Options{Format: intake.CSV}})
	require.NoError(t, err)
	b := openOn(t, testkit.ServeStore(t, store))
	b.visit("/sets/hard?size=20")
	b.at("/sets/hard?size=20", "1–20 of 30")
	assert.Equal(t, 61.0, eval[float64](b, "document.querySelectorAll('.records thead th').length"))
	assert.Equal(t, 0.0, eval[float64](b, "document.querySelectorAll('.records tbody img, .records tbody b').length"), "markup in values stays text")
	assert.NotContains(t, eval[string](b, "document.title"), "taken")
	assert.LessOrEqual(t, eval[float64](b, "Math.max(...[...document.querySelectorAll('.records tbody tr')].map(r => r.clientHeight))"), 130.0, "a long value does not stretch its row")
	assert.Equal(t, eval[float64](b, "innerWidth"), eval[float64](b, "document.documentElement.scrollWidth"), "the table scrolls, not the page")
	assert.Equal(t, "bdi", eval[string](b, "[...document.querySelectorAll('.records tbody bdi')].find(e => e.innerText.includes('مرساة')).localName"))
}

// Parameters are asked for by the names that the service gives: a field may be called
// as a parameter is by default.
func TestDeskAsksByTheNamesThatTheServiceTells(t *testing.T) {
	store := testkit.Store(t)
	rules := rulesfile.Of(paging.Rules{Key: []string{"id"}, Filters: []paging.FilterRule{{Field: "fields"}, {Field: "q", Type: value.Integer}, {Field: "page", Type: value.Integer}, {Field: "id", Type: value.Integer, Param: "filter[id]"}},
		Size: paging.SizeRules{Default: 1}, Ladder: paging.LadderRules{GapLinks: true}, Params: paging.Params{Sort: "by"}, Sorts: []paging.SortKey{{Key: "q"}}})
	rules.Envelope = envelope.Envelope{"records": "/data", "total_items": "/total"} // for others: the console reads the native answer
	set := sets.Draft{Name: "odd", Label: "Odd", Rules: rules, Fields: []intake.Field{{Name: "id", Label: "Id", Type: value.Integer}, {Name: "fields", Label: "Fields", Type: value.Text},
		{Name: "q", Label: "Q", Type: value.Integer}, {Name: "page", Label: "Page", Type: value.Integer}, {Name: "tale", Label: "Tale", Type: value.Text}}}
	var csv strings.Builder
	csv.WriteString("id,fields,q,page,tale\n")
	for n := range 40 {
		fmt.Fprintf(&csv, "%d,%s,%d,%d,%s\n", n+1, []string{"wheat", "barley"}[n%2], n, n, strings.Repeat("a long tale that goes on and on ", 10))
	}
	require.NoError(t, store.LoadCSV(t.Context(), set, strings.NewReader(csv.String())))
	b := openOn(t, testkit.ServeStore(t, store))
	b.visit("/sets/odd")
	b.at("/sets/odd", "1 of 40")
	b.sees("[...document.querySelectorAll('.facet')].some(l => l.innerText.includes('barley'))")
	eval[cd.Void](b, `[...document.querySelectorAll('.facet')].find(l => l.innerText.includes('barley')).querySelector('input').click();void 0`)
	b.at("/sets/odd?fields=barley", "1 of 20")
	b.visit("/sets/odd?q=3")
	b.at("/sets/odd?q=3", "1 of 1")
	assert.Contains(t, eval[string](b, "document.querySelector('.chips').innerText"), "filter: Q is")
	b.visit("/sets/odd?filter[id][min]=39&pl.parts=records")
	b.at("/sets/odd?filter[id][min]=39&pl.parts=records", "1 of 2")
	assert.Contains(t, eval[string](b, "document.querySelector('.chips').innerText"), "filter: Id at least")
	b.visit("/sets/odd?field.page=7")
	b.at("/sets/odd?field.page=7", "1 of 1")
	b.visit("/sets/odd?page=20")
	b.click("link", "Page 31: pages") // the gap leads to the lower middle one of its pages
	b.at("/sets/odd?page=31", "31 of 40")

	require.NoError(t, cd.Do(b.ctx, cd.EmulateViewport(390, 800)))
	b.visit("/sets/odd?size=10&page=1")
	b.at("/sets/odd?size=10&page=1", "1–10 of 40")
	assert.Less(t, eval[float64](b, "Math.max(...[...document.querySelectorAll('.records tbody tr')].map(r => r.getBoundingClientRect().height))"), 60.0, "a long text beyond the edge makes no tall row")
}

// What a new user looks for is in view, and explains itself.
func TestDeskExplainsItself(t *testing.T) {
	b := open(t)
	const list = "/sets/arrivals?size=10&sort=-tonnage&cleared=true"
	b.visit(list)
	b.at(list, "1–10 of 260")
	b.sees("[...document.querySelectorAll('.records tbody tr')].every(row => row.offsetHeight < 40)") // a long text takes one line
	eval[cd.Void](b, "document.querySelector('.records .long').click();void 0")
	b.sees("document.querySelector('.records .long[aria-expanded=true]').offsetHeight > 60")

	eval[cd.Void](b, "(e => { e.focus(); const at = e.value.indexOf('size') + 2; e.setSelectionRange(at, at); e.click() })(document.getElementById('request-line'));void 0")
	b.reads("size: Records on a page; 20 where it is left out, 100 at most.")
	b.click("button", "What does “hold still” mean?")
	b.reads("To read page after page of one version, while others change the records.")

	b.click("tab", "Code")
	for language, has := range map[string]string{"URL": "/api/sets/arrivals/records?size=10", "Go": "http.Get(", "JavaScript": "await fetch(", "Python": "urllib.request"} {
		b.fill("Language", language)
		b.sees(fmt.Sprintf("document.querySelector('#tab-panel pre').textContent.includes(%q)", has))
	}
	b.fill("Map of the list", "26")
	b.at(list+"&page=26", "251–260 of 260")
	b.axe("the desk")
}

// Rules are begun from a preset, and what it changes is shown before it is saved.
func TestRulesBeginFromAPreset(t *testing.T) {
	b := open(t)
	b.visit("/sets/arrivals/rules")
	b.click("button", "A strict API")
	b.reads("What saving changes")
	b.sees("[...document.querySelectorAll('.difference th code')].map(c => c.innerText).sort().join() === 'on_fault,past_last,unknown'")
	b.reads("Refused with 400.")
	b.click("button", "Back to what is saved")
	b.unfold("All other rules")
	b.sees("document.querySelector('#rule-max-offset').placeholder !== ''")
	b.axe("the rules")
}

// Where a set's rules name what is shown, columns are left out, and brought back.
func TestColumnsAreChosen(t *testing.T) {
	store := testkit.Harbour(t)
	_, err := store.Configure(t.Context(), "arrivals", func(s *sets.Settings) error {
		s.Rules.Show = []string{"id", "vessel", "berth", "tonnage", "note"}
		return nil
	})
	require.NoError(t, err)
	b := openOn(t, testkit.ServeStore(t, store))
	b.visit("/sets/arrivals?page=2")
	b.at("/sets/arrivals?page=2", "21–40 of 347")
	b.unfold("Columns")
	b.tick("Note")
	b.at("/sets/arrivals?page=2&fields=id,vessel,berth,tonnage", "21–40 of 347")
	b.sees("document.querySelectorAll('.records thead th').length === 5")
	b.axe("a list with columns left out")
	b.tick("Note")
	b.at("/sets/arrivals?page=2", "21–40 of 347")
}
