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
		case strings.HasPrefix(r.URL.Path, "/through/"): // to the handler of somebody
			io.WriteString(w, fetched(s.pages["handler"]+strings.TrimPrefix(r.URL.RequestURI(), "/through")))
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

// says is what a screen reader says.
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

// shows waits for what a list says.
func (s *shore) shows(rows string) {
	s.Helper()
	s.sees(fmt.Sprintf("(l => !l.ariaBusy && (l.innerText + l.shadowRoot.textContent).includes(%q))(document.querySelector('page-ladder'))", rows))
}

// found ends all losses.
func (s *shore) found() {
	s.Lock()
	defer s.Unlock()
	clear(s.lost)
}

// records is a table of the harbour's arrivals, with a template.
const records = `<table><thead><tr><th data-sort="vessel">Vessel<th data-sort="tonnage">Tonnage<th>Arrived<tbody><template><tr><td><a href="/ships/{id}">{vessel}</a><td>{tonnage}<td><time>{arrived_at}</time></template></table>`

// arrivals is a list of them, of the service itself.
const arrivals = `<page-ladder src=SERVICE/api/sets/arrivals/records facets=berth filters=berth,tonnage>` + records + `</page-ladder>`
