package console_test

import (
	"encoding/json"
	"fmt"
	"os"
	"strings"
	"testing"

	cd "github.com/chromedp/chromedp"
	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"pageladder.example/internal/testkit"
)

func TestMain(m *testing.M) { testkit.WithPostgres(m) }

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
	eval[cd.Void](b, `{const s=document.querySelector('.below select'); s.value=[...s.options].find(o=>o.text==='50').value; s.dispatchEvent(new Event('change',{bubbles:true}))};void 0`)
	b.at("/sets/arrivals?sort=tonnage&page=1&size=50", "1–50 of 347")
	eval[cd.Void](b, `{const s=document.querySelector('.below select'); s.value=[...s.options].find(o=>o.text==='10').value; s.dispatchEvent(new Event('change',{bubbles:true}))};void 0`)
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
	assert.Equal(t, "7", eval[string](b, "document.querySelector('.below select').selectedOptions[0].text"), "a size that is not offered is shown too")
	b.visit("/no/such/page")
	b.sees("document.querySelector('h1').innerText === 'Nothing here'")
}

func TestTokensAreMadeUsedAndEndedInTheConsole(t *testing.T) {
	b := open(t)
	b.visit("/")
	b.click("link", "Tokens")
	b.sees(`document.body.innerText.includes("There is no token yet")`)
	b.fill("Label", "the harbour master")
	b.click("button", "Make a token")
	b.sees(`document.querySelector('.secret code').innerText.startsWith('plt_')`)
	secret := eval[string](b, `document.querySelector('.secret code').innerText`)
	b.sees(`document.body.innerText.includes("Sign in")`) // nobody gets in without it any more
	b.fill("Token", "plt_wrong")
	b.click("button", "Sign in")
	b.sees(`document.querySelector('[role=alert]').innerText.includes("unknown")`)
	b.fill("Token", secret)
	b.click("button", "Sign in")
	b.sees(`document.querySelector('.masthead').innerText.includes("the harbour master (owner)")`)
	assert.Empty(t, eval[string](b, "document.cookie"), "no script can read the session")
	b.fill("Label", "scripts")
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
