package console_test

import (
	"context"
	"encoding/json"
	"fmt"
	"os"
	"path/filepath"
	"strings"
	"testing"
	"time"

	cd "github.com/chromedp/chromedp"
	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"pageladder.example/internal/testkit"
)

func TestMain(m *testing.M) { testkit.WithPostgres(m) }

// tab is one browser tab on a service with the demo data.
type tab struct {
	*testing.T
	ctx    context.Context
	server string
}

func open(t *testing.T) *tab {
	opts := append(cd.DefaultExecAllocatorOptions[:], cd.ExecPath("/usr/lib/chromium/chromium"), cd.NoSandbox,
		cd.WindowSize(1280, 800), cd.Flag("no-proxy-server", true),
		cd.Flag("host-resolver-rules", "MAP * ~NOTFOUND, EXCLUDE 127.0.0.1"), cd.Flag("disable-component-update", true),
		cd.Flag("disable-domain-reliability", true), cd.Flag("no-pings", true), cd.Flag("lang", "en-US"),
		cd.Flag("disable-features", "Translate,OptimizationHints,MediaRouter,AutofillServerCommunication"))
	allocator, stop := cd.NewExecAllocator(context.Background(), opts...)
	t.Cleanup(stop)
	ctx, cancel := cd.NewContext(allocator)
	t.Cleanup(cancel)
	require.NoError(t, cd.Do(ctx), "start Chromium")
	ctx, cancel = context.WithTimeout(ctx, 90*time.Second)
	t.Cleanup(cancel)
	tb := &tab{t, ctx, testkit.Serve(t)}
	require.NoError(t, cd.Do(ctx, cd.EmulateViewport(1280, 800)))
	return tb
}

func (t *tab) visit(path string) {
	t.Helper()
	require.NoError(t, cd.Do(t.ctx, cd.Navigate(t.server+path)))
}

// shot writes a picture into the folder of PAGELADDER_SCREENSHOTS, if there is one.
func (t *tab) shot(name string) {
	t.Helper()
	dir := os.Getenv("PAGELADDER_SCREENSHOTS")
	if dir == "" {
		return
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
	ctx, cancel := context.WithTimeout(t.ctx, 10*time.Second)
	defer cancel()
	// what is not on the page yet is no error
	if err := cd.Do(ctx, cd.Poll[cd.Void]("(()=>{try{return "+js+"}catch{return false}})()")); err != nil {
		t.Fatalf("never came true: %s\nat %s:\n%s", js, eval[string](t, "location.href"), eval[string](t, "document.body.innerText"))
	}
}

// click presses what carries a role and an accessible name.
func (t *tab) click(role, name string) {
	t.Helper()
	selector := map[string]string{"link": "a[href]", "button": "button"}[role]
	find := fmt.Sprintf(`[...document.querySelectorAll(%q)].find(e => (e.getAttribute('aria-label') ?? e.innerText).trim().startsWith(%q))`, selector, name)
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
	return eval[string](t, fmt.Sprintf("document.querySelector('tbody tr').cells[%d].innerText", column))
}

func TestConsoleMovesThroughASet(t *testing.T) {
	b := open(t)
	b.visit("/")
	b.sees("document.querySelectorAll('.set-card').length === 3")
	b.click("link", "Arrivals")
	b.at("/sets/arrivals", "1–20 of 347")

	b.click("link", "Tonnage")
	b.at("/sets/arrivals?sort=-tonnage&page=1", "1–20 of 347")
	b.sees("document.querySelector('[aria-sort=descending]').innerText.includes('Tonnage')")
	top := b.firstCell(5)
	b.click("link", "Tonnage")
	b.at("/sets/arrivals?sort=tonnage&page=1", "1–20 of 347")
	b.sees("document.querySelector('[aria-sort=ascending]').innerText.includes('Tonnage')")
	assert.NotEqual(t, top, b.firstCell(5), "the other way round")

	b.click("link", "Page 3")
	b.at("/sets/arrivals?sort=tonnage&page=3", "41–60 of 347")
	b.sees("document.querySelector('.ladder [aria-current=page]').innerText.includes('3')")
	b.click("link", "Next")
	b.at("/sets/arrivals?sort=tonnage&page=4", "61–80 of 347")
	b.click("link", "‹ Previous")
	b.at("/sets/arrivals?sort=tonnage&page=3", "41–60 of 347")

	first := b.firstCell(1)
	eval[cd.Void](b, `{const s=document.querySelector('select'); s.value=[...s.options].find(o=>o.text==='50').value; s.dispatchEvent(new Event('change',{bubbles:true}))};void 0`)
	b.at("/sets/arrivals?sort=tonnage&page=1&size=50", "1–50 of 347")
	eval[cd.Void](b, `{const s=document.querySelector('select'); s.value=[...s.options].find(o=>o.text==='10').value; s.dispatchEvent(new Event('change',{bubbles:true}))};void 0`)
	b.at("/sets/arrivals?sort=tonnage&page=1&size=10", "1–10 of 347")

	jump := func(page string) {
		eval[cd.Void](b, fmt.Sprintf(`{const i=document.querySelector('.page-number'); i.value=%q; i.dispatchEvent(new Event('input',{bubbles:true}))};void 0`, page))
		b.click("button", "Go")
	}
	jump("5")
	b.at("/sets/arrivals?sort=tonnage&page=5&size=10", "41–50 of 347")
	assert.Equal(t, first, b.firstCell(1), "row 41 is the same record whatever the size")

	require.NoError(t, cd.Do(b.ctx, cd.Reload()))
	b.at("/sets/arrivals?sort=tonnage&page=5&size=10", "41–50 of 347")
	assert.Equal(t, first, b.firstCell(1), "reload shows the same")
	eval[cd.Void](b, "history.back();void 0")
	b.at("/sets/arrivals?sort=tonnage&page=1&size=10", "1–10 of 347")
	eval[cd.Void](b, "history.forward();void 0")
	b.at("/sets/arrivals?sort=tonnage&page=5&size=10", "41–50 of 347")

	jump("999")
	b.at("/sets/arrivals?sort=tonnage&page=999&size=10", "341–347 of 347")
	b.sees("document.querySelector('.adjusted').innerText.includes('Page 999 is past the last page, 35')")
	assert.Equal(t, "35", eval[string](b, "document.querySelector('.page-number').value"), "controls show what was used")
}

func TestConsoleSaysWhatIsWrong(t *testing.T) {
	b := open(t)
	b.visit("/sets/nowhere")
	b.sees(`document.querySelector('[role=alert]')?.innerText.includes('no record set named "nowhere"')`)
	b.visit("/sets/lost_property")
	b.at("/sets/lost_property", "no records")
	b.sees("document.querySelector('tbody').innerText.includes('No records on this page') && !document.querySelector('.ladder')")
	b.visit("/sets/arrivals?page=2&note=<b>x</b>&size=7")
	b.at("/sets/arrivals?page=2&note=%3Cb%3Ex%3C/b%3E&size=7", "8–14 of 347")
	assert.Equal(t, "7", eval[string](b, "document.querySelector('select').selectedOptions[0].text"), "a size that is not offered is shown too")
	b.visit("/no/such/page")
	b.sees("document.querySelector('h1').innerText === 'Nothing here'")
}

func TestConsoleIsAccessible(t *testing.T) {
	axe, err := os.ReadFile(filepath.Join("node_modules", "axe-core", "axe.min.js"))
	require.NoError(t, err)
	b := open(t)
	for path, ready := range map[string]string{
		"/":                                    "!!document.querySelector('.set-card')",
		"/sets/arrivals?page=3x&sort=-tonnage": "!!document.querySelector('.ladder')",
		"/sets/lost_property":                  "!!document.querySelector('.summary')",
		"/sets/nowhere":                        "!!document.querySelector('[role=alert]')",
	} {
		b.visit(path)
		b.sees(ready)
		eval[cd.Void](b, string(axe)+";void 0")
		found, err := cd.Run(b.ctx, cd.Evaluate[string]("axe.run(document).then(r=>JSON.stringify(r.violations.map(v=>[v.id, v.help, ...v.nodes.map(n=>n.html)])))", cd.EvalAwaitPromise))
		require.NoError(t, err)
		assert.Equal(t, "[]", found, path)
	}
}

func TestTokensAreMadeUsedAndEndedInTheConsole(t *testing.T) {
	b := open(t)
	fill := func(label, text string) {
		find := fmt.Sprintf(`[...document.querySelectorAll('label')].find(l => l.innerText.trim().startsWith(%q)).querySelector('input')`, label)
		b.sees("!!" + find)
		eval[cd.Void](b, fmt.Sprintf(`(e => { e.value = %q; e.dispatchEvent(new Event('input', {bubbles: true})) })(%s);void 0`, text, find))
	}
	b.visit("/")
	b.click("link", "Tokens")
	b.sees(`document.body.innerText.includes("There is no token yet")`)
	fill("Label", "the harbour master")
	b.click("button", "Make a token")
	b.sees(`document.querySelector('.secret code').innerText.startsWith('plt_')`)
	secret := eval[string](b, `document.querySelector('.secret code').innerText`)
	b.sees(`document.body.innerText.includes("Sign in")`) // nobody gets in without it any more
	fill("Token", "plt_wrong")
	b.click("button", "Sign in")
	b.sees(`document.querySelector('[role=alert]').innerText.includes("unknown")`)
	fill("Token", secret)
	b.click("button", "Sign in")
	b.sees(`document.querySelector('.masthead').innerText.includes("the harbour master (owner)")`)
	assert.Empty(t, eval[string](b, "document.cookie"), "no script can read the session")
	fill("Label", "scripts")
	b.click("button", "Make a token")
	b.sees(`document.querySelectorAll('.tokens tbody tr').length === 2`)
	b.shot("tokens")
	b.click("button", "End scripts")
	b.click("button", "Yes, end scripts")
	b.sees(`document.querySelectorAll('.tokens tbody tr.ended').length === 1`)
	b.visit("/sets/berths")
	b.sees(`document.body.innerText.includes("East 1")`)
	b.click("button", "Sign out")
	b.sees(`document.body.innerText.includes("This takes a token")`)
}

// TestScreenshots writes the pictures of docs/screenshots when asked to.
func TestScreenshots(t *testing.T) {
	if os.Getenv("PAGELADDER_SCREENSHOTS") == "" {
		t.Skip("PAGELADDER_SCREENSHOTS names no folder")
	}
	b := open(t)
	for name, path := range map[string]string{"sets": "/", "set": "/sets/arrivals?page=4&size=10&sort=-tonnage", "list": "/lists/arrivals?page=4&size=6&sort=-tonnage&cleared=true&wings=2"} {
		b.visit(path)
		b.sees("!!document.querySelector('.set-card, .ladder')")
		b.shot(name)
	}
}

// TestLockFileNamesNoRegistry keeps host names of package registries out.
func TestLockFileNamesNoRegistry(t *testing.T) {
	text, err := os.ReadFile("package-lock.json")
	require.NoError(t, err)
	assert.True(t, json.Valid(text))
	assert.False(t, strings.Contains(string(text), `"resolved"`))
}
