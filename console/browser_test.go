package console_test

import (
	"context"
	"fmt"
	"io"
	"net"
	"net/http"
	"os"
	"path/filepath"
	"strings"
	"sync"
	"testing"
	"time"

	cd "github.com/chromedp/chromedp"
	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"pageladder.example/internal/testkit"
)

// tab is one browser tab on a service.
type tab struct {
	testing.TB
	ctx    context.Context
	server string
}

// open opens a tab on a service with the demo data.
func open(t *testing.T) *tab { return openOn(t, testkit.Serve(t)) }

// openOn opens a tab on a service and signs in as its owner.
func openOn(t testing.TB, server string) *tab { return openVia(t, server, server) }

// openVia does so by another address of the service.
func openVia(t testing.TB, server, address string) *tab {
	b := openAs(t, address)
	b.visit(testkit.SignInPath(t, server))
	b.sees("document.querySelector('.masthead').innerText.includes('(owner)')")
	return b
}

// browser is the one that all tests share. It ends with the package.
var browser = sync.OnceValues(func() (context.Context, error) {
	opts := append(cd.DefaultExecAllocatorOptions[:], cd.ExecPath("/usr/lib/chromium/chromium-headless-shell"), cd.NoSandbox,
		cd.WindowSize(1280, 800), cd.Flag("no-proxy-server", true),
		cd.Flag("host-resolver-rules", "MAP * ~NOTFOUND, EXCLUDE 127.0.0.1"), cd.Flag("disable-component-update", true),
		cd.Flag("disable-domain-reliability", true), cd.Flag("no-pings", true), cd.Flag("lang", "en-US"),
		cd.Flag("force-prefers-reduced-motion", true), // no picture is taken while a colour changes
		cd.Flag("disable-features", "Translate,OptimizationHints,MediaRouter,AutofillServerCommunication"))
	allocator, stop := cd.NewExecAllocator(context.Background(), opts...)
	ctx, cancel := cd.NewContext(allocator)
	testkit.AtEnd(func() { cd.Cancel(ctx); cancel(); stop() }) // the first lets it remove its files
	return ctx, cd.Do(ctx)
})

// openAs opens a tab on a service as nobody: with no cookies and nothing stored.
func openAs(t testing.TB, server string) *tab {
	shared, err := browser()
	require.NoError(t, err, "start Chromium")
	ctx, end := cd.NewContext(shared, cd.WithNewBrowserContext())
	t.Cleanup(end)
	ctx, cancel := context.WithTimeout(ctx, 15*time.Minute)
	t.Cleanup(cancel)
	tb := &tab{t, ctx, server}
	require.NoError(t, cd.Do(ctx, cd.EmulateViewport(1280, 800)))
	return tb
}

func (t *tab) visit(path string) {
	t.Helper()
	if !strings.HasPrefix(path, "about:") {
		path = t.server + path
	}
	require.NoError(t, cd.Do(t.ctx, cd.Navigate(path)))
}

// shot writes a picture into the folder of PAGELADDER_SCREENSHOTS, if there is one: of the
// repository, unless it is an absolute path.
func (t *tab) shot(name string) {
	t.Helper()
	dir := os.Getenv("PAGELADDER_SCREENSHOTS")
	if dir == "" {
		return
	}
	if !filepath.IsAbs(dir) {
		dir = filepath.Join("..", dir)
	}
	picture, err := cd.Run(t.ctx, cd.CaptureScreenshot())
	require.NoError(t, err)
	require.NoError(t, os.WriteFile(filepath.Join(dir, name+".png"), picture, 0o644))
}

// eval runs an expression in the page.
func eval[V any](t *tab, js string) V {
	t.Helper()
	v, err := cd.Run(t.ctx, cd.Evaluate[V](js))
	require.NoError(t, err, js)
	return v
}

// sees waits until an expression holds in the page.
func (t *tab) sees(js string) {
	t.Helper()
	ctx, cancel := context.WithTimeout(t.ctx, 3*time.Minute)
	defer cancel()
	// What is not on the page yet is no error. Looks go by a clock: a browser that draws nothing looks too.
	looks := []cd.PollOption{cd.WithPollingInterval(20 * time.Millisecond), cd.WithPollingTimeout(0)}
	look := cd.Poll[cd.Void]("(()=>{try{return "+js+"}catch{return false}})()", looks...)
	err := cd.Do(ctx, look)
	for err != nil && ctx.Err() == nil && strings.Contains(err.Error(), "(-32000)") { // another page has been loaded meanwhile
		err = cd.Do(ctx, look)
	}
	if err != nil {
		t.Fatalf("never came true (%v): %s\nat %s:\n%s", err, js, eval[string](t, "location.href"), eval[string](t, "document.body.innerText"))
	}
}

// click presses what carries a role and an accessible name.
func (t *tab) click(role, name string) {
	t.Helper()
	selector := map[string]string{"link": "a[href]", "button": "button", "tab": "[role=tab]"}[role]
	find := fmt.Sprintf(`((all, name) => all.find(e => e.name === name) ?? all.find(e => e.name.startsWith(name)))([...document.querySelectorAll(%q)].map(e => ({e, name: (e.getAttribute('aria-label') ?? e.innerText).trim()})), %q)?.e`, selector, name)
	t.sees("(e => e && !e.disabled)(" + find + ")")
	eval[cd.Void](t, find+".click();void 0")
}

// unfold opens what is folded away below a line.
func (t *tab) unfold(line string) {
	t.Helper()
	find := fmt.Sprintf(`[...document.querySelectorAll('details:not([open]) > summary')].find(s => s.innerText.replace(/\s+/g, ' ').trim() === %q)`, line)
	t.sees("!!" + find)
	eval[cd.Void](t, find+".click();void 0")
}

// at waits until the address and the rows shown are those.
func (t *tab) at(address, rows string) {
	t.Helper()
	t.sees(fmt.Sprintf("location.pathname + location.search === %q", address))
	t.sees(fmt.Sprintf("document.querySelector('.summary')?.innerText === %q && !document.querySelector('.waiting')", rows))
}

func (t *tab) firstCell(column int) string {
	t.Helper()
	return eval[string](t, fmt.Sprintf("document.querySelector('.records tbody tr').cells[%d].innerText", column))
}

// fill types into the control that carries a label.
func (t *tab) fill(label, text string) {
	t.Helper()
	control := t.control(label)
	t.sees(fmt.Sprintf("(e => e.localName !== 'select' || [...e.options].some(o => o.value === %q))(%s)", text, control))
	eval[cd.Void](t, fmt.Sprintf(`(e => { e.focus(); e.value = %q; for (const kind of ['input', 'change']) e.dispatchEvent(new Event(kind, {bubbles: true})) })(%s);void 0`, text, control))
}

// tick turns a check box or a radio button that carries a label.
func (t *tab) tick(label string) {
	t.Helper()
	eval[cd.Void](t, t.control(label)+".click();void 0")
}

// control is the expression of what carries a label.
func (t *tab) control(label string) string {
	t.Helper()
	found := fmt.Sprintf(`([...document.querySelectorAll('label')].find(l => l.innerText.replace(/\s+/g, ' ').trim().startsWith(%[1]q))?.control ?? document.querySelector('[aria-label=' + JSON.stringify(%[1]q) + ']'))`, label)
	t.sees("!!" + found)
	return found
}

// press presses keys where the focus is.
func (t *tab) press(keys string) {
	t.Helper()
	require.NoError(t, cd.Do(t.ctx, cd.KeyEvent(keys)))
}

// reads waits until the page holds a text.
func (t *tab) reads(text string) {
	t.Helper()
	t.sees(fmt.Sprintf("document.getElementById('main').innerText.includes(%q)", text))
}

// axe compares the page with the accessibility rules that axe-core knows.
func (t *tab) axe(what string) {
	t.Helper()
	if !eval[bool](t, "!!window.axe") {
		script, err := os.ReadFile(filepath.Join("node_modules", "axe-core", "axe.min.js"))
		require.NoError(t, err)
		eval[cd.Void](t, string(script)+";void 0")
	}
	found, err := cd.Run(t.ctx, cd.Evaluate[string](`axe.run(document, {resultTypes: ["violations"]}).then(r=>JSON.stringify(r.violations.map(v=>[v.id, v.help, ...v.nodes.map(n=>n.html.slice(0, 200))])))`, cd.EvalAwaitPromise))
	require.NoError(t, err)
	assert.Equal(t, "[]", found, what)
}

// serveHandler serves until the test ends.
func serveHandler(t *testing.T, h http.Handler) string {
	l, err := net.Listen("tcp", "127.0.0.1:0")
	require.NoError(t, err)
	server := &http.Server{Handler: h}
	go server.Serve(l)
	t.Cleanup(func() { server.Close() })
	return "http://" + l.Addr().String()
}

// call sends a request beside the browser, as somebody else does.
func call(t *testing.T, method, address, body, ifMatch string) (status int, text, tag string) {
	t.Helper()
	req, err := http.NewRequestWithContext(t.Context(), method, address, strings.NewReader(body))
	require.NoError(t, err)
	if body != "" {
		req.Header.Set("Content-Type", "application/json")
	}
	if ifMatch != "" {
		req.Header.Set("If-Match", ifMatch)
	}
	res, err := http.DefaultClient.Do(req)
	require.NoError(t, err)
	defer res.Body.Close()
	read, err := io.ReadAll(res.Body)
	require.NoError(t, err)
	return res.StatusCode, string(read), res.Header.Get("ETag")
}
