package console_test

import (
	"bufio"
	"os"
	"os/exec"
	"path/filepath"
	"regexp"
	"strings"
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"
)

// Each page of the guide shows what it says; the program of its handler runs.
func TestPagesOfTheGuideWork(t *testing.T) {
	guide, err := os.ReadFile("../docs/frontends.md")
	require.NoError(t, err)
	blocks := regexp.MustCompile("(?s)```(html[a-z ]*|js handler)\n(.*?)```").FindAllStringSubmatch(string(guide), -1)
	require.Len(t, blocks, 5)
	s := ashore(t, map[string]string{})
	for i, want := range []string{"1–20 of 347", "21–40 of 347", "1–20 of 347", "", "1–20 / 168"} {
		kind, text := blocks[i][1], strings.ReplaceAll(blocks[i][2], "http://127.0.0.1:8470", "SERVICE")
		switch kind {
		case "js handler":
			s.pages["handler"] = handlerOf(t, text)
			continue
		case "html handler":
			require.Contains(t, text, "http://127.0.0.1:8480")
			text = strings.ReplaceAll(text, "http://127.0.0.1:8480", s.server+"/through") // the policy of these pages allows no other origin
		case "html served":
			text = strings.Replace(text, "{{list}}", fetched(s.service+"/api/sets/arrivals/records?page=2&pl.base=/page&pl.shape=html"), 1)
		}
		s.pages["/page"] = text
		s.visit("/page")
		s.shows(want)
		s.follows(map[bool]string{true: "Weiter", false: "Next"}[kind == "html handler"])
		s.sees("location.search.includes('page=')")
	}
	assert.Equal(t, "2", eval[string](s.tab, find("[part=current]", "true")+".textContent"), "the last page is the handler's")
}

// handlerOf runs the program of a handler until the test ends, and gives its address.
func handlerOf(t *testing.T, code string) string {
	require.Contains(t, code, ".listen(8480, '127.0.0.1')")
	code = strings.Replace(code, ".listen(8480,", ".on('listening', function () { console.log(this.address().port) }).listen(0,", 1)
	file := filepath.Join("../js/clients/build", "handler.js") // where the packages are found
	require.NoError(t, os.MkdirAll(filepath.Dir(file), 0o755))
	require.NoError(t, os.WriteFile(file, []byte(code), 0o600))
	node := exec.CommandContext(t.Context(), "node", file)
	out, err := node.StdoutPipe()
	require.NoError(t, err)
	require.NoError(t, node.Start())
	t.Cleanup(func() { node.Wait() })
	port, err := bufio.NewReader(out).ReadString('\n')
	require.NoError(t, err)
	return "http://127.0.0.1:" + strings.TrimSpace(port)
}

// The element in a page that is not ours: light, dark, and from right to left.
func TestScreenshotsOfTheElement(t *testing.T) {
	list := func(section, attributes, lead, vessel, tonnage, arrived string) string {
		return `<section ` + section + `><h2>` + lead + `</h2><page-ladder src="/api/sets/arrivals/records" ` + attributes + `><table><thead><tr><th data-sort="vessel">` + vessel + `<th data-sort="tonnage">` + tonnage + `<th data-sort="arrived_at">` + arrived +
			`<tbody><template><tr><td>{vessel}<td>{tonnage}<td><time>{arrived_at}</time></template></table></page-ladder></section>`
	}
	s := ashore(t, map[string]string{"/harbour": strings.Replace(head("SERVICE", "en"), "<main>", "<main><h1>Saltmere harbour office</h1>", 1) +
		list(`id="light"`, `facets="berth" filters="berth,tonnage"`, "Who came in", "Vessel", "Tonnage", "Arrived") +
		list(`id="dark" lang="de"`, `prefix="de." facets="berth" filters="berth"`, "Wer einlief", "Schiff", "Tonnage", "Ankunft") +
		list(`id="right" lang="ar" dir="rtl"`, `prefix="ar."`, "السفن الواصلة", "السفينة", "الحمولة", "الوصول") + `</main>`})
	s.visit("/harbour?size=10&page=3&tonnage.min=2000&sort=-tonnage&de.size=4&de.berth=N4&ar.size=3&ar.page=9")
	s.sees("[...document.querySelectorAll('page-ladder')].every(l => l.shadowRoot.querySelector('nav') && !l.ariaBusy)")
	eval[any](s.tab, `(() => {
		const look = (of, style) => Object.assign(document.querySelector(of).style, style)
		look('body', {font: '15px/1.45 "DejaVu Sans", sans-serif', margin: '0', background: '#f4efe6'})
		look('main', {display: 'grid', gridTemplateColumns: '1fr 1fr', gap: '1rem', padding: '1rem'})
		look('h1', {gridColumn: '1 / 3', margin: '0', font: '1.5rem Georgia, serif'})
		for (const section of document.querySelectorAll('section')) Object.assign(section.style, {background: 'white', padding: '0.2rem 1rem 1rem', borderRadius: '6px'})
		look('#light', {gridRow: '2 / 4'})
		look('#dark', {background: '#14212b', color: '#e9eef0', colorScheme: 'dark'})
		document.querySelector('#dark').style.setProperty('--ladder-accent', '#8fd3ff')
		document.querySelector('#light').style.setProperty('--ladder-accent', '#0b5d73')
		for (const table of document.querySelectorAll('table')) table.style.width = '100%'
		for (const cell of document.querySelectorAll('th, td')) cell.style.textAlign = 'start'
		for (const a of document.querySelectorAll('th a')) a.style.color = 'inherit'
	})()`)
	s.axe("three lists")
	s.shot("element")
}
