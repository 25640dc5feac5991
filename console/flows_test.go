package console_test

import (
	"context"
	"fmt"
	"net/http"
	"net/url"
	"os"
	"path/filepath"
	"strconv"
	"strings"
	"testing"

	cd "github.com/chromedp/chromedp"
	"github.com/chromedp/chromedp/kb"
	"github.com/jackc/pgx/v5"
	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"pageladder.example/internal/sets"
	"pageladder.example/internal/soak"
	"pageladder.example/internal/testkit"
	"pageladder.example/paging"
)

func TestARecordIsChangedAndTheListIsBackAsItWas(t *testing.T) {
	b := open(t)
	const list = "/sets/arrivals?sort=tonnage&size=10&page=3"
	b.visit(list)
	b.at(list, "21–30 of 347")
	key := b.firstCell(1)
	b.sees("document.documentElement.scrollHeight > innerHeight + 150")
	eval[cd.Void](b, "scrollTo(0, 150);void 0")
	b.click("link", "Open the record in row 21")
	b.sees(fmt.Sprintf("location.pathname === '/sets/arrivals/records/%s' && document.querySelector('h1').innerText === 'Record %s'", key, key))
	b.axe("a record")
	b.fill("Tonnage", "many")
	b.click("button", "Save")
	b.reads("Found “many”; right would be a whole number.")
	b.sees("document.activeElement.id === 'field-tonnage' && document.activeElement.getAttribute('aria-invalid') === 'true'")
	b.fill("Tonnage", "9100")
	b.click("button", "Save")
	b.at(list, "21–30 of 347")
	b.sees("scrollY === 150")
	b.reads(fmt.Sprintf("Record %s has been changed. It now stands on page", key))
	b.axe("the note after a change")
	b.click("link", "Go there")
	b.sees(fmt.Sprintf("document.querySelector('tr.marked td:nth-child(2)')?.innerText === %q", key))
	b.click("button", "Undo")
	b.reads(fmt.Sprintf("Record %s has been restored.", key))
	b.visit(list)
	b.at(list, "21–30 of 347")
	assert.Equal(t, key, b.firstCell(1), "it stands where it stood")

	// Deleted, and brought back.
	b.click("link", "Open the record in row 22")
	b.sees("!!document.querySelector('.record-form')")
	other := eval[string](b, "document.getElementById('field-id').value")
	b.click("button", "Delete")
	b.at(list, "21–30 of 346")
	b.reads(fmt.Sprintf("Record %s has been deleted.", other))
	b.click("button", "Undo")
	b.at(list, "21–30 of 347")
	b.reads(fmt.Sprintf("Record %s has been restored. It is marked below.", other))

	// Withdrawn, and a new one.
	b.click("link", "Open the record in row 22")
	b.click("button", "Withdraw")
	b.at(list, "21–30 of 346")
	b.click("link", "New record")
	b.fill("No.", "9001")
	b.fill("Vessel", "Quiet Gull")
	b.fill("Arrived", "2026-06-01T05:30:15") // picked, in UTC
	b.click("button", "Add the record")
	b.reads("Record 9001 has been added.")
	_, text, _ := call(t, "GET", b.server+"/api/sets/arrivals/records/9001", "", "")
	assert.Contains(t, text, `"arrived_at":"2026-06-01T05:30:15Z"`)

	// A time finer than a second cannot be picked: it is typed, to the end.
	_, _, tag := call(t, "GET", b.server+"/api/sets/arrivals/records/9001", "", "")
	status, text, _ := call(t, "PATCH", b.server+"/api/sets/arrivals/records/9001", `{"arrived_at":"2026-06-01T05:30:15.25Z"}`, tag)
	require.Equal(t, 200, status, text)
	b.visit("/sets/arrivals/records/9001")
	b.sees("document.getElementById('field-arrived_at')?.value === '2026-06-01T05:30:15.25Z'")
	b.fill("Arrived", "2026-06-01T05:30:16Z")
	b.sees("document.getElementById('field-arrived_at').type === 'text'")
	b.click("button", "Save")
	b.reads("Record 9001 has been changed.")
	_, text, _ = call(t, "GET", b.server+"/api/sets/arrivals/records/9001", "", "")
	assert.Contains(t, text, `"arrived_at":"2026-06-01T05:30:16Z"`)
}

// A list that is held still stays as it is while others change it, counts the changes, and can be
// let go.
func TestAListIsHeldStill(t *testing.T) {
	b := open(t)
	const list = "/sets/arrivals?sort=-tonnage&size=10&page=2"
	b.visit(list)
	b.at(list, "11–20 of 347")
	third := b.firstCell(3)
	changed := func(key, method, how, body string) {
		_, _, tag := call(t, "GET", b.server+"/api/sets/arrivals/records/"+key, "", "")
		status, text, _ := call(t, method, b.server+"/api/sets/arrivals/records/"+key+how, body, tag)
		require.Equal(t, 200, status, text)
	}
	keys := eval[[]string](b, "[...document.querySelectorAll('.records tbody tr')].map(r => r.children[1].innerText)")
	b.click("link", "Hold this list still")
	b.at(list+"&pl.version=1", "11–20 of 347")
	b.reads("Held still at version 1: nothing has changed since")
	changed(keys[0], "DELETE", "", "")
	b.reads("Held still at version 1: 1 change since") // without a touch
	changed(keys[4], "PATCH", "", `{"tonnage": 1}`)
	b.reads("Held still at version 1: 2 changes since")
	b.click("link", "Next")
	b.at("/sets/arrivals?sort=-tonnage&size=10&page=3&pl.version=1", "21–30 of 347")
	b.visit(list + "&pl.version=1")
	b.at(list+"&pl.version=1", "11–20 of 347")
	assert.Equal(t, third, b.firstCell(3))
	require.NoError(t, cd.Do(b.ctx, cd.Reload()))
	b.sees("document.querySelectorAll('.records tr.gone').length === 1 && document.querySelectorAll('.records tr.changed').length === 1")
	b.sees("document.querySelector('tr.gone .fate').innerText === 'gone'")
	b.axe("a list that is held still")
	b.click("link", "Show now")
	b.at(list, "11–20 of 346")

	// A pin on the map leads back, as long as the changes since are known.
	b.axe("a map with a pin")
	const pin = "Row 11 of the list held still at version 1"
	b.click("link", pin)
	b.at(list+"&pl.version=1", "11–20 of 347")
	changed(keys[6], "DELETE", "?purge=true", "")
	b.click("link", "Show now")
	b.click("link", pin)
	b.click("link", "Show the list as it is now")
	b.at(list, "11–20 of 345")
	b.sees("document.querySelectorAll('.pins').length === 0")

	b.visit("/sets/arrivals?pl.version=99")
	b.reads("no page has been of that version")
	b.click("link", "Show the list as it is now")
	b.at("/sets/arrivals", "1–20 of 345")
}

// A set whose links lead to the developer's own pages can still be walked and held still in the
// console.
func TestASetWithABaseIsWalked(t *testing.T) {
	store := testkit.Harbour(t)
	_, err := store.Configure(t.Context(), "arrivals", func(s *sets.Settings) error {
		s.Rules.Base = "/elsewhere/page/{page}{?size}"
		return nil
	})
	require.NoError(t, err)
	b := openOn(t, testkit.ServeStore(t, store))
	b.visit("/sets/arrivals?sort=-tonnage&size=10")
	b.click("link", "Next")
	b.at("/sets/arrivals?sort=-tonnage&size=10&page=2", "11–20 of 347")
	b.click("link", "Hold this list still")
	b.reads("nothing has changed since")
	b.click("link", "Next")
	b.reads("21–30 of 347")
	b.sees("new URLSearchParams(location.search).get('page') === '3' && new URLSearchParams(location.search).getAll('pl.version').length === 1")
	b.click("link", "Show now")
	b.reads("Hold this list still")
	b.sees("new URLSearchParams(location.search).get('page') === '3' && !location.search.includes('pl.version')")
}

// Pages are read on by cursor from any page, with the keyboard too; the desk shows what is in the cursors.
func TestPagesAreReadOnByCursor(t *testing.T) {
	store := testkit.Harbour(t)
	_, err := store.Configure(t.Context(), "berths", func(s *sets.Settings) error {
		s.Rules.Addressing, s.Rules.Markup.Age = paging.ByCursor, "depth_m"
		return nil
	})
	require.NoError(t, err)
	b := openOn(t, testkit.ServeStore(t, store))
	const list = "/sets/arrivals?sort=-tonnage&size=10"
	b.visit(list)
	b.at(list, "1–10 of 347")
	b.reads("What is in the cursors")
	b.click("link", "After this page")
	b.reads("10 records")
	b.sees("location.search.includes('after=') && !document.querySelector('.rung.current')")
	b.reads("Asked for")
	second := b.firstCell(1)
	b.axe("a page by cursor")
	eval[cd.Void](b, "document.querySelector('.ladder a').focus();void 0")
	b.press(kb.ArrowRight)
	b.sees("document.querySelector('.records tbody tr').children[1].innerText !== " + strconv.Quote(second))
	b.press(kb.ArrowLeft)
	b.sees("document.querySelector('.records tbody tr').children[1].innerText === " + strconv.Quote(second))
	b.press(kb.Home)
	b.at(list+"&page=1", "1–10 of 347")

	b.visit("/sets/berths?sort=-depth_m&size=5")
	b.reads("1–5")
	b.sees("!document.querySelector('.page-number') && document.querySelector('.ladder').innerText.includes('Older')")
	b.click("link", "Older")
	b.reads("5 records")
	b.click("link", "‹ Newer")
	b.sees("document.querySelector('.ladder .dead').innerText.includes('Newer')")
}

func TestAConflictIsToldAndResolved(t *testing.T) {
	b := open(t)
	b.visit("/sets/berths/records/E1?size=10")
	b.sees("!!document.querySelector('.record-form')")
	fields := eval[[]string](b, "[...document.querySelectorAll('.record-field')].map(f => f.innerText.trim().split('\\n')[0])")
	require.Contains(t, fields, "Depth (m)")
	_, _, tag := call(t, "GET", b.server+"/api/sets/berths/records/E1", "", "")
	status, text, _ := call(t, "PATCH", b.server+"/api/sets/berths/records/E1", `{"depth_m": 3.5, "lit": null}`, tag)
	require.Equal(t, 200, status, text)
	b.fill("Depth (m)", "7.25")
	b.click("button", "Save")
	b.reads("The record has been changed meanwhile")
	b.sees("document.activeElement.id === 'conflict'")
	assert.Contains(t, eval[string](b, "document.querySelector('.conflict table').innerText"), "3.5")
	b.axe("a conflict")
	b.click("button", "Save what is chosen")
	b.reads("Record E1 has been changed.")
	_, text, _ = call(t, "GET", b.server+"/api/sets/berths/records/E1", "", "")
	assert.Contains(t, text, `"depth_m":7.25`, "mine")
	assert.Contains(t, text, `"lit":null`, "theirs")
}

func TestASetIsMadeOfAFile(t *testing.T) {
	b := openOn(t, testkit.ServeStore(t, testkit.Store(t)))
	b.visit("/")
	b.reads("There are no record sets yet")
	b.axe("no sets")
	b.click("link", "Make one of a file")
	path := filepath.Join(t.TempDir(), "Boats 2026.csv")
	require.NoError(t, os.WriteFile(path, []byte("no,name,built\n1,Gull,1987\n2,Tern,1990\n3,Auk,1991\n"), 0o644))
	b.sees("!!document.querySelector('input[type=file]')")
	require.NoError(t, cd.Do(b.ctx, cd.SetUploadFiles(cd.CSS("input[type=file]"), []string{path})))
	b.reads("3 records, 3 fields")
	assert.Equal(t, "boats_2026", eval[string](b, b.control("Name")+".value"))
	assert.Equal(t, "integer", eval[string](b, b.control("Type of built")+".value"))
	b.axe("a file that was looked at")
	b.fill("Type of name", "integer") // which it is not
	b.click("button", "Examine it again")
	b.reads("3 rows are no records")
	assert.Contains(t, eval[string](b, "document.querySelector('.bad-rows').innerText"), "Gull")
	b.sees("[...document.querySelectorAll('button')].find(b => b.innerText === 'Import').disabled")
	_, text, _ := call(t, "GET", b.server+"/api/sets", "", "")
	assert.NotContains(t, text, "boats", "nothing is kept of it")
	b.fill("Type of name", "text")
	b.fill("Type of built", "text")
	b.click("button", "Examine it again")
	b.sees("!document.querySelector('.bad-rows')")
	b.click("button", "Import")
	b.at("/sets/boats_2026", "1–3 of 3")
}

// addYard names a source with a table of hulls, and gives a connection of its owner's.
func addYard(t *testing.T, store *sets.Store) *pgx.Conn {
	yard := testkit.DatabaseURL(t)
	conn, err := pgx.Connect(t.Context(), yard)
	require.NoError(t, err)
	t.Cleanup(func() { conn.Close(context.Background()) })
	_, err = conn.Exec(t.Context(), `create table hulls (no int primary key, name text, secret text); insert into hulls values (1, 'Gull', 'x'), (2, 'Tern', 'y');
		do $$ begin create role yard_reader_console login password 'reads'; exception when duplicate_object then null; end $$; grant select on hulls to yard_reader_console`)
	require.NoError(t, err)
	source, err := url.Parse(yard)
	require.NoError(t, err)
	source.User = url.UserPassword("yard_reader_console", "reads")
	require.NoError(t, store.AddSource("yard", source.String()))
	return conn
}

func TestATableIsAttached(t *testing.T) {
	store := testkit.Store(t)
	conn := addYard(t, store)
	b := openOn(t, testkit.ServeStore(t, store))
	b.visit("/new#attach")
	b.fill("Table or view", "public.hulls")
	b.sees("document.querySelector('[aria-label=\"no is of the key\"]')?.checked")
	b.axe("a table")
	b.tick("Show secret")
	b.click("button", "Attach")
	b.at("/sets/hulls", "1–2 of 2")
	assert.NotContains(t, eval[string](b, "document.querySelector('.records thead').innerText"), "secret")

	// Its owner runs the script that is shown, and the page says at once that it is in place.
	b.click("link", "Follow its table")
	b.sees("document.querySelector('[role=status]')?.innerText.includes('The table is not followed')")
	b.click("button", "Follow it")
	b.sees("document.querySelector('[role=status]')?.innerText.includes('is not there')")
	b.axe("what is missing")
	_, err := conn.Exec(t.Context(), eval[string](b, "document.querySelector('pre').innerText"))
	require.NoError(t, err)
	b.sees("document.querySelector('[role=status]').innerText.includes('totals and deep pages are exact')")
	b.click("button", "Follow it no more")
	b.sees("document.querySelector('[role=status]').innerText.includes('The table is not followed')")
}

func TestRulesAreShapedBySeeing(t *testing.T) {
	b := open(t)
	b.visit("/sets/arrivals/rules")
	b.sees("document.querySelectorAll('.ladder-seen').length === 5")
	rungs := "document.querySelectorAll('.ladder-seen')[2].querySelectorAll('.rung:not(.step)').length"
	b.sees(rungs + " === 9")
	b.fill("reach", "0")
	b.sees(rungs + " === 5")
	assert.Contains(t, eval[string](b, "document.querySelector('.difference').innerText"), "ladder.reach")
	b.fill("reach", "99")
	b.reads("right would be 0 to 50")
	b.axe("rules with a mistake")
	b.fill("reach", "1")
	b.fill("Try a query", "page=99&size=5000&tonnage.min=much")
	b.sees("document.querySelector('.refused').innerText.includes('\"much\" is not a whole number')")
	b.fill("Try a query", "page=99&size=5000")
	b.sees("document.querySelector('.reckoned .adjusted').innerText.includes('At most 100 records')")
	eval[cd.Void](b, "document.querySelector('.yaml').open = true;void 0")
	b.sees("document.querySelector('.yaml textarea').value.includes('reach: 1')")
	b.fill("Rules as YAML", eval[string](b, "document.querySelector('.yaml textarea').value")+"size:\n  default: 7\n")
	b.sees("document.querySelector('.difference').innerText.includes('size.default')")
	b.click("button", "Save")
	b.reads("Saved.")
	b.visit("/sets/arrivals")
	b.at("/sets/arrivals", "1–7 of 347")

	// Somebody else saves meanwhile: nothing is overwritten unseen.
	b.visit("/sets/berths/rules")
	b.sees("document.querySelectorAll('.ladder-seen').length > 0")
	_, text, tag := call(t, "GET", b.server+"/api/sets/berths/rules", "", "")
	status, answer, _ := call(t, "PUT", b.server+"/api/sets/berths/rules", strings.Replace(text, "{", `{"max_sort_keys": 2, `, 1), tag)
	require.Equal(t, 200, status, answer)
	b.fill("tips", "2")
	b.click("button", "Save")
	b.reads("The rules have been changed meanwhile")
	assert.Contains(t, eval[string](b, "document.querySelector('.difference').innerText"), "max_sort_keys")
	// Elsewhere the session ends.
	eval[cd.Void](b, "fetch('/api/session', {method: 'DELETE'}).then(() => { window.ended = true });void 0")
	b.sees("window.ended")
	b.click("button", "Save")
	b.reads("This needs a token: sign in first.")
}

func TestCalculatorReckonsFromItsAddress(t *testing.T) {
	b := open(t)
	b.visit("/calculator?query=page%3D3%26size%3D20&total=168&base=/arrivals")
	b.reads("41–60 of 168")
	b.fill("Query", "page=99&size=20")
	b.reads("Page 99 is past the last page, 9; page 9 is shown.")
	b.sees("new URLSearchParams(location.search).get('query') === 'page=99&size=20'")
	b.fill("Total", "at least 1000")
	b.reads("of at least 1,000")
	b.fill("Rules of your own", "past_last: refuse")
	b.fill("Total", "168")
	b.reads("past the last page")
	b.sees("!!document.querySelector('.refused')")
	b.fill("Rules of your own", "size: {default: zebra}")
	b.reads("size.default")
	b.axe("the calculator")
	require.NoError(t, cd.Do(b.ctx, cd.Reload()))
	b.reads("size.default")
}

func TestAboutTriesACall(t *testing.T) {
	b := open(t)
	b.visit("/about")
	b.reads("Page Ladder test, running")
	b.fill("Call", "GET /api/sets/{set}/records/{key}")
	b.fill("set", "berths")
	b.fill("key", "E1")
	b.click("button", "Send")
	b.sees("document.querySelectorAll('pre')[1].textContent.includes('East 1')")
	b.fill("Call", "POST /api/reckon")
	b.click("button", "Send")
	b.sees("document.querySelectorAll('pre')[1].textContent.includes('41–60 of 168')")
	b.axe("a call that was tried")
}

// TestEveryPageIsAccessible looks at every page in both looks, at 360 px and wide.
func TestEveryPageIsAccessible(t *testing.T) {
	at := testkit.Serve(t)
	b := openAs(t, at)
	check := func(path, ready string) {
		b.visit("about:blank") // so that a fragment of the page before is a page of its own
		b.visit(path)
		b.sees(fmt.Sprintf("!!document.querySelector(%q)", ready))
		for i, look := range []string{"light", "dark"} {
			b.fill("Theme", look)
			b.sees(fmt.Sprintf("document.documentElement.dataset.bsTheme === %q", look))
			for j, width := range []int64{360, 1280} {
				if i != j && !soak.Long { // no colour depends on the width
					continue
				}
				require.NoError(t, cd.Do(b.ctx, cd.EmulateViewport(width, 800)))
				b.sees(fmt.Sprintf("innerWidth === %d", width))
				b.axe(fmt.Sprint(path, " ", look, " ", width))
				assert.LessOrEqual(t, eval[float64](b, "document.documentElement.scrollWidth"), float64(width), "%s at %d px: the page is not wider than the screen", path, width)
				eval[cd.Void](b, "document.documentElement.style.fontSize = '200%';void 0")
				assert.LessOrEqual(t, eval[float64](b, "document.documentElement.scrollWidth"), float64(width), "%s at %d px, its text at 200 %%", path, width)
				eval[cd.Void](b, "document.documentElement.style.fontSize = '';void 0")
			}
		}
	}
	check("/sign-in", ".sign-in") // as nobody
	check("/sets/berths", ".ladder, .summary")
	b.visit(testkit.SignInPath(t, at))
	b.sees("document.querySelector('.masthead').innerText.includes('(owner)')")
	for path, ready := range map[string]string{
		"/":                                    ".set-card",
		"/new":                                 ".drop",
		"/new#attach":                          "[role=tabpanel] p",
		"/sets/arrivals?page=3x&sort=-tonnage": ".ladder",
		"/sets/lost_property":                  ".summary",
		"/sets/nowhere":                        "[role=alert]",
		"/sets/arrivals/rules":                 ".ladder-seen",
		"/sets/arrivals/records/17":            ".record-form",
		"/sets/arrivals/new-record":            ".record-form",
		"/calculator":                          ".reckoned",
		"/tokens":                              ".new-token",
		"/about":                               ".try",
		"/no/such/page":                        "h1",
	} {
		check(path, ready)
	}
}

func TestAnImportTellsHowFarItIs(t *testing.T) {
	const rows = 500_000
	path := filepath.Join(t.TempDir(), "calls.csv")
	var file strings.Builder
	file.WriteString("no,name,at,n\n")
	for i := range rows {
		fmt.Fprintf(&file, "%d,some name %d,2026-03-01T06:30:00Z,%d\n", i, i, i*7)
	}
	require.NoError(t, os.WriteFile(path, []byte(file.String()), 0o644))
	b := openOn(t, testkit.ServeStore(t, testkit.Store(t)))
	b.visit("/new")
	b.sees("!!document.querySelector('input[type=file]')")
	require.NoError(t, cd.Do(b.ctx, cd.SetUploadFiles(cd.CSS("input[type=file]"), []string{path})))
	b.sees("/MB sent · [\\d,]+ rows looked at/.test(document.querySelector('.running')?.innerText)")
	b.reads("500,000 records, 4 fields")
	b.click("button", "Import")
	b.sees("/MB sent · [\\d,]+ rows loaded/.test(document.querySelector('.running')?.innerText)")
	b.at("/sets/calls", "1–20 of 500,000")
}

// An owner has a list checked, sees what is broken, and takes the report along.
func TestAListIsChecked(t *testing.T) {
	b := open(t)
	b.visit("/sets/arrivals")
	b.click("link", "Check the list")
	b.reads("Does Arrivals keep its promises?")
	b.fill("Query of each request", "berth=N4&size=5")
	b.fill("What counts as a fault", "strict")
	b.click("button", "Check the list")
	b.reads("It keeps its promises.")
	b.reads("No record is lost between pages walk.lost")
	b.sees("document.querySelectorAll('.cost-plot circle').length === 10")
	b.sees("document.querySelector('a[download]').download === 'arrivals-report.html' && document.querySelector('a[download]').href.startsWith('blob:')")
	b.axe("a list that was checked")
	b.fill("Query of each request", "tonnage=heavy")
	b.click("button", "Check the list")
	b.reads("The list cannot be checked")
	b.reads("is not a whole number")
}

// A file's decimal commas and dates that begin with the day are noticed, offered and read.
func TestOtherFormsOfNumbersAndDatesAreReadOnDemand(t *testing.T) {
	b := open(t)
	file := filepath.Join(t.TempDir(), "duties.csv")
	require.NoError(t, os.WriteFile(file, []byte("no;duty;due\n1;1.234,50;31.12.2026\n2;7,5;1.2.2027\n"), 0o600))
	b.visit("/new")
	b.sees("!!document.querySelector('.drop')")
	require.NoError(t, cd.Do(b.ctx, cd.SetUploadFiles(cd.CSS("input[type=file]"), []string{file})))
	b.reads("duty has numbers with a decimal comma, such as 1.234,50.")
	b.click("button", "Read them so")
	b.reads("due has dates that begin with the day")
	b.sees("document.querySelectorAll('.change-note').length === 1")
	b.click("button", "Read them so")
	b.sees("document.querySelectorAll('.change-note').length === 0 && document.body.innerText.includes('2 records, 3 fields')")
	b.click("button", "Import")
	b.sees("location.pathname === '/sets/duties'")
	b.reads("1,234.5")
	b.reads("2026-12-31")

	// And the list is shared: its page is for everybody once its owner says so.
	b.unfold("Share")
	b.reads("Only who has a token may read this list.")
	b.click("button", "Let everybody read it")
	b.reads("Everybody who reaches the service may read this list.")
	b.axe("a list that is shared")
	req, err := http.NewRequestWithContext(t.Context(), http.MethodGet, b.server+"/lists/duties", nil)
	require.NoError(t, err)
	req.Header.Set(testkit.Nobody, "yes")
	res, err := http.DefaultClient.Do(req)
	require.NoError(t, err)
	defer res.Body.Close()
	assert.Equal(t, http.StatusOK, res.StatusCode)
}
