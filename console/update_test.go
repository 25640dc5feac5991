package console_test

import (
	"io"
	"net/http"
	"net/http/httputil"
	"net/url"
	"strings"
	"sync"
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"pageladder.example/internal/testkit"
)

// updated is a service behind a proxy that says what of it is there, and notes which pages were loaded.
type updated struct {
	mu    sync.Mutex
	gone  int  // so many requests for the file of a page find nothing
	away  bool // nothing answers
	empty bool // the database is away
	pages []string
}

func (u *updated) set(gone int, away bool) {
	u.mu.Lock()
	defer u.mu.Unlock()
	u.gone, u.away, u.pages = gone, away, nil
}

func (u *updated) loaded() []string {
	u.mu.Lock()
	defer u.mu.Unlock()
	return u.pages
}

// take says whether a request is answered by the service.
func (u *updated) take(w http.ResponseWriter, r *http.Request) bool {
	u.mu.Lock()
	defer u.mu.Unlock()
	page := strings.HasPrefix(r.URL.Path, "/assets/CalculatorPage") && strings.HasSuffix(r.URL.Path, ".js")
	switch {
	case u.away:
		w.WriteHeader(http.StatusBadGateway)
		return false
	case u.empty && strings.HasPrefix(r.URL.Path, "/api/"):
		w.Header().Set("Content-Type", "application/problem+json")
		w.Header().Set("Retry-After", "2")
		w.WriteHeader(http.StatusServiceUnavailable)
		io.WriteString(w, `{"type": "/problems/database-away", "title": "The database cannot be reached", "status": 503, "detail": "the database cannot be reached at the moment"}`)
		return false
	case page && u.gone > 0:
		u.gone--
		w.WriteHeader(http.StatusNotFound)
		return false
	case r.Header.Get("Sec-Fetch-Dest") == "document":
		u.pages = append(u.pages, r.URL.Path)
	}
	return true
}

// before is the address of the proxy before a service.
func (u *updated) before(t *testing.T, at string) string {
	target, err := url.Parse(at)
	require.NoError(t, err)
	proxy := httputil.NewSingleHostReverseProxy(target)
	return serveHandler(t, http.HandlerFunc(func(w http.ResponseWriter, r *http.Request) {
		if u.take(w, r) {
			proxy.ServeHTTP(w, r)
		}
	}))
}

// While the database is away, or no service answers, a page says so, and comes back by itself.
func TestAPageComesBackWhenTheDatabaseDoes(t *testing.T) {
	at := testkit.Serve(t)
	u := &updated{}
	b := openVia(t, at, u.before(t, at))
	for _, how := range []*bool{&u.empty, &u.away} {
		b.visit("/sets/arrivals?page=3")
		b.at("/sets/arrivals?page=3", "41–60 of 347")
		u.mu.Lock()
		*how = true
		u.mu.Unlock()
		b.click("link", "Page 18")
		b.reads("This page tries again by itself.")
		b.axe("the database is away")
		if how == &u.empty {
			b.shot("away")
		}
		u.mu.Lock()
		*how = false
		u.mu.Unlock()
		b.at("/sets/arrivals?page=18", "341–347 of 347")
		b.sees("!document.querySelector('.problem')")
	}
}

// A console whose service has been updated loads itself anew, once, where a file of its version is gone; where that
// does not help, or no service answers, it says so, and loads nothing.
func TestTheConsoleLoadsItselfAnewAfterAnUpdate(t *testing.T) {
	at := testkit.Serve(t)
	u := &updated{}
	front := u.before(t, at)
	for _, c := range []struct {
		name  string
		gone  int
		away  bool
		loads []string
	}{
		{"the file is gone", 1, false, []string{"/calculator"}},
		{"and it is not there afterwards either", 2, false, []string{"/calculator"}},
		{"nothing answers", 0, true, nil},
	} {
		t.Run(c.name, func(t *testing.T) {
			u.set(0, false)
			b := openVia(t, at, front)
			b.visit("/")
			b.sees("!!document.querySelector('.set-card')")
			u.set(c.gone, c.away)
			b.click("link", "Calculator")
			if c.gone != 1 {
				b.reads("The page at /calculator could not be loaded: the service")
				b.axe("a page that could not be loaded")
				b.shot("unloaded")
				assert.Equal(t, c.loads, u.loaded())
				u.set(0, false)
				b.click("link", "Try again")
			}
			b.sees("document.querySelector('h1')?.innerText === 'Calculator' && !document.querySelector('.unloaded')")
			if c.gone == 1 {
				assert.Equal(t, c.loads, u.loaded())
			}
			b.click("link", "About")
			b.sees("document.querySelector('h1')?.innerText.startsWith('About')")
		})
	}
}
