package console_test

import (
	"context"
	"fmt"
	"html/template"
	"io"
	"net"
	"net/http"
	"net/http/httptest"
	"net/http/httputil"
	"net/url"
	"strings"
	"sync"
	"testing"
	"time"

	"github.com/chromedp/cdproto/cdp"
	"github.com/chromedp/cdproto/emulation"
	cd "github.com/chromedp/chromedp"
	"github.com/chromedp/chromedp/kb"
	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"pageladder.example/internal/service"
	"pageladder.example/internal/testkit"
	"pageladder.example/paging"
	"pageladder.example/paging/choose"
	"pageladder.example/paging/markup"
)

// shore is an origin that is not the service's, with pages of somebody else.
type shore struct {
	*tab
	service string
	pages   map[string]string // by path; what stands for SERVICE is the service's address

	sync.Mutex
	held map[string]chan struct{} // answers that wait, by a part of their query
	lost map[string]bool          // those that never come
	seen []string                 // queries that were sent, in order
}

// strict lets a page load what the service has, and no script make markup of a text.
const strict = "default-src 'none'; script-src %[1]s; style-src %[1]s; connect-src 'self' %[1]s; form-action 'self'; require-trusted-types-for 'script'; trusted-types 'none'"

// ashore opens a tab on somebody's origin.
func ashore(t *testing.T, pages map[string]string) *shore {
	l, err := net.Listen("tcp", "127.0.0.1:0")
	require.NoError(t, err)
	origin := "http://" + l.Addr().String()
	s := &shore{pages: pages, held: map[string]chan struct{}{}, lost: map[string]bool{}}
	s.service, _ = testkit.ServeWith(t, testkit.Harbour(t), service.Options{Origins: []string{origin}})
	at, err := url.Parse(s.service)
	require.NoError(t, err)
	proxy := httputil.NewSingleHostReverseProxy(at)
	server := &httptest.Server{Listener: l, Config: &http.Server{Handler: http.HandlerFunc(func(w http.ResponseWriter, r *http.Request) {
		if !s.admit(r) {
			panic(http.ErrAbortHandler)
		}
		w.Header().Set("Content-Type", "text/html; charset=utf-8")
		w.Header().Set("Content-Security-Policy", fmt.Sprintf(strict, s.service))
		page, own := s.pages[r.URL.Path]
		switch {
		case own:
			io.WriteString(w, strings.ReplaceAll(page, "SERVICE", s.service))
		case r.URL.Path == "/fragments":
			fmt.Fprintf(w, head(s.service, "en")+`<h1>Harbour</h1><h2>Left</h2>%s<h2>Right</h2>%s</main>`, s.fragment(r, "a."), s.fragment(r, "b_"))
		case r.URL.Path == "/own":
			drawOwn(w, r, s.service)
		case strings.HasPrefix(r.URL.Path, "/lists/"): // in a page of somebody else
			if strings.HasSuffix(r.URL.Path, "/") { // the jump to a page leads on
				r.Host = at.Host
				proxy.ServeHTTP(w, r)
				return
			}
			text := fetched(s.service + r.URL.RequestURI())
			text = strings.Replace(text, "</head>", `<script type="module" src="`+s.service+`/element.js"></script></head>`, 1)
			text = strings.Replace(strings.Replace(text, "<main>", "<main><page-ladder>", 1), "</main>", "</page-ladder></main>", 1)
			io.WriteString(w, text)
		default:
			w.Header().Del("Content-Security-Policy")
			r.Host = at.Host
			proxy.ServeHTTP(w, r)
		}
	})}}
	server.Start()
	t.Cleanup(server.Close)
	t.Cleanup(func() { s.let("") })
	s.tab = openAs(t, origin)
	return s
}

// admit notes a request, and lets it wait. It is false for one that gets no answer.
func (s *shore) admit(r *http.Request) bool {
	s.Lock()
	s.seen = append(s.seen, r.URL.RawQuery)
	var wait chan struct{}
	for part, held := range s.held {
		if strings.Contains(r.URL.RawQuery, part) {
			wait = held
		}
	}
	s.Unlock()
	if wait != nil {
		select {
		case <-wait:
		case <-r.Context().Done():
		}
	}
	s.Lock()
	defer s.Unlock()
	for part := range s.lost {
		if strings.Contains(r.URL.RawQuery, part) {
			return false
		}
	}
	return true
}

// hold lets answers wait whose query has a part, until let.
func (s *shore) hold(part string) {
	s.Lock()
	defer s.Unlock()
	s.held[part] = make(chan struct{})
}

// let lets the answers come that wait; with "" all.
func (s *shore) let(part string) {
	s.Lock()
	defer s.Unlock()
	for held, wait := range s.held {
		if part == "" || held == part {
			close(wait)
			delete(s.held, held)
		}
	}
}

// lose cuts off the answers whose query has a part.
func (s *shore) lose(part string) {
	s.Lock()
	defer s.Unlock()
	s.lost[part] = true
}

// sent counts the requests whose query has a part.
func (s *shore) sent(part string) (n int) {
	s.Lock()
	defer s.Unlock()
	for _, q := range s.seen {
		if strings.Contains(q, part) {
			n++
		}
	}
	return n
}

// head begins a page in a language.
func head(service, lang string) string {
	return `<!doctype html><html lang="` + lang + `"><meta charset="utf-8"><meta name="viewport" content="width=device-width"><title>Harbour</title><link rel="stylesheet" href="` + service + `/ladder.css"><script type="module" src="` + service + `/element.js"></script><main>`
}

func fetched(address string) string {
	res, err := http.Get(address)
	if err != nil {
		return err.Error()
	}
	defer res.Body.Close()
	text, _ := io.ReadAll(res.Body)
	return string(text)
}

// fragment is a list that the service has drawn, in the element.
func (s *shore) fragment(r *http.Request, prefix string) string {
	return "<page-ladder>" + fetched(s.service+"/api/sets/arrivals/records?"+r.URL.RawQuery+"&pl.base="+r.URL.Path+"&pl.shape=html&pl.parts=form,adjusted,records,paging,ladder,sizes,words&pl.prefix="+prefix) + "</page-ladder>"
}

// ownPage is a template of somebody else, which uses markup.
var ownPage = template.Must(template.New("").Parse(`<h1>Boats</h1><page-ladder>{{.Form}}<table><thead><tr>{{range .Sorts}}<th><a href="{{.Href}}">{{.Key}}</a></th>{{end}}</tr></thead>
<tbody>{{range .Boats}}<tr><td><a href="/boats/{{.No}}">{{.No}}</a></td><td>{{.Berth}}</td></tr>{{end}}</tbody></table><p>{{.View.Summary}}</p>{{.Ladder}}{{.Sizes}}</page-ladder></main>`))

type boat struct{ No, Berth string }

func drawOwn(w http.ResponseWriter, r *http.Request, service string) {
	rules := &paging.Rules{Key: []string{"no"}, Size: paging.SizeRules{Default: 10}, Sorts: []paging.SortKey{{Key: "no"}, {Key: "berth"}}, Filters: []paging.FilterRule{{Field: "berth"}}}
	var boats []boat
	for n := range 347 {
		boats = append(boats, boat{fmt.Sprintf("%03d", n+1), []string{"N4", "S1", "E2"}[n%3]})
	}
	ask, err := rules.Read(r.URL.RawQuery)
	if err != nil {
		http.Error(w, err.Error(), http.StatusBadRequest)
		return
	}
	page, boats, err := choose.Page(boats, ask, choose.ByName[boat])
	if err != nil {
		http.Error(w, err.Error(), http.StatusNotFound)
		return
	}
	base, _ := paging.ParseBase("/own")
	view := markup.Of(page, base, nil)
	form := markup.FilterFormOf(rules, r.URL.RawQuery, nil, "/own", nil, nil)
	style := &markup.Style{Nav: "ladder"}
	io.WriteString(w, head(service, "en"))
	ownPage.Execute(w, map[string]any{"View": &view, "Boats": boats, "Sorts": page.On(base).Sorts(), "Form": template.HTML(markup.AppendFilterForm(nil, &form)),
		"Ladder": template.HTML(style.AppendLadder(nil, &view)), "Sizes": template.HTML(markup.AppendSizeForm(nil, &view))})
}

// without switches scripts of the page off.
func (s *shore) without(scripts bool) {
	require.NoError(s, cd.Do(s.ctx, cd.Func(func(ctx context.Context, t *cd.Target) error {
		_, err := cdp.Call(ctx, t, emulation.SetScriptExecutionDisabled, emulation.SetScriptExecutionDisabledParams{Value: scripts})
		return err
	})))
}

// media sets what a page can ask about its reader's wishes: pairs of names and values.
func (s *shore) media(pairs ...string) {
	var p emulation.SetEmulatedMediaParams
	for i := 0; i < len(pairs); i += 2 {
		p.Features = append(p.Features, &emulation.MediaFeature{Name: pairs[i], Value: pairs[i+1]})
	}
	require.NoError(s, cd.Do(s.ctx, cd.Func(func(ctx context.Context, t *cd.Target) error {
		_, err := cdp.Call(ctx, t, emulation.SetEmulatedMedia, p)
		return err
	})))
}

// sees waits until an expression holds in the page, also where scripts are off.
func (s *shore) sees(js string) {
	s.Helper()
	var says string
	holds := func() bool {
		v, err := cd.Run(s.ctx, cd.Evaluate[string]("(()=>{try{return "+js+" ? '' : 'at ' + location.href + ': ' + document.body.innerText + [...document.querySelectorAll('page-ladder')].map(l => l.ariaBusy + ' ' + l.shadowRoot?.textContent)}catch(e){return String(e)}})()"))
		says = v
		return err == nil && v == ""
	}
	for end := time.Now().Add(seen); !holds(); time.Sleep(20 * time.Millisecond) {
		if time.Now().After(end) {
			s.Fatalf("never came true: %s\n%.6000s", js, says)
		}
	}
}

// seen is how long something that is to be seen may take.
const seen = 5 * time.Second

// find is the first in the lists of a page, or in their shadows, that a selector finds and a condition on e holds for.
func find(selector, holds string) string {
	return fmt.Sprintf(`[...document.querySelectorAll('page-ladder')].flatMap(l => [...l.querySelectorAll(%[1]q), ...(l.shadowRoot?.querySelectorAll(%[1]q) ?? [])]).find(e => %[2]s)`, selector, holds)
}

// acts does something in the page after which another one may be loaded.
func (s *shore) acts(js string) {
	s.Helper()
	if _, err := cd.Run(s.ctx, cd.Evaluate[any](js)); err != nil {
		require.ErrorContains(s, err, "(-32000)", js)
	}
}

// follows presses a link of a list by its text, after it has the focus.
func (s *shore) follows(text string) {
	s.Helper()
	link := find("a[href]", fmt.Sprintf("e.textContent.trim() === %q", text))
	s.sees("!!" + link)
	s.acts("(a => { a.focus(); a.click() })(" + link + ")")
}

// at waits until the page is at an address, and its first list is there and says which rows it shows.
func (s *shore) at(address, rows string) {
	s.Helper()
	s.sees(fmt.Sprintf("location.pathname + location.search === %q", address))
	s.sees(fmt.Sprintf("(l => !l.ariaBusy && (l.innerText + l.shadowRoot?.textContent).includes(%q))(document.querySelector('page-ladder'))", rows))
}

// says is what a screen reader is told.
const says = `document.querySelector('page-ladder').shadowRoot.querySelector('[role=status]').textContent`

// sends fills in a control of a list's form by its name, and presses the form's button.
func (s *shore) sends(name, value string) {
	s.Helper()
	control := find("[name]", fmt.Sprintf("e.name === %q && e.type !== 'hidden'", name))
	s.sees("!!" + control)
	s.acts(fmt.Sprintf("(c => { c.closest('details')?.setAttribute('open', ''); c.value = %q; c.form.querySelector('button').click() })(%s)", value, control))
}

// goes moves through the history.
func (s *shore) goes(by int) { s.acts(fmt.Sprintf("history.go(%d)", by)) }

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

const arrivals = `<page-ladder src=SERVICE/api/sets/arrivals/records facets=berth filters=berth,tonnage>` + records + `</page-ladder>`

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

// shows waits for what a list says.
func (s *shore) shows(rows string) {
	s.Helper()
	s.sees(fmt.Sprintf("(l => !l.ariaBusy && (l.innerText + l.shadowRoot.textContent).includes(%q))(document.querySelector('page-ladder'))", rows))
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

// found ends all losses.
func (s *shore) found() {
	s.Lock()
	defer s.Unlock()
	clear(s.lost)
}

const records = `<table><thead><tr><th data-sort="vessel">Vessel<th data-sort="tonnage">Tonnage<th>Arrived<tbody><template><tr><td><a href="/ships/{id}">{vessel}</a><td>{tonnage}<td><time>{arrived_at}</time></template></table>`

func TestElementFetchesAhead(t *testing.T) {
	s := ashore(t, map[string]string{"/quay": head("SERVICE", "en") + `<h1>Quay</h1><page-ladder src="/api/sets/arrivals/records">` + records + `</page-ladder></main>`})
	for _, path := range []string{"/quay", "/own?size=20"} {
		n := func(page int) int { return s.sent(fmt.Sprintf(map[bool]string{true: "page=%d&pl", false: "size=20&page=%d"}[path == "/quay"], page)) }
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
	assert.Equal(t, "rtl", func() string { s.visit("/ar"); s.sees("!!" + find("nav", "true")); return eval[string](s.tab, "getComputedStyle("+find("nav", "true")+").direction") }())
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
