package service_test

import (
	"fmt"
	"net/http"
	"strings"
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"pageladder.example/client"
	"pageladder.example/internal/sets"
	"pageladder.example/internal/testkit"
	"pageladder.example/paging"
)

// The client's pages of a held list all show the state of the first one, however the set's rules
// address pages and wherever their links lead.
func TestTheClientWalksAListThatIsHeld(t *testing.T) {
	for name, rules := range map[string]func(*sets.Settings){
		"by number": func(*sets.Settings) {},
		"by offset": func(s *sets.Settings) { s.Rules.Addressing = paging.ByOffset },
		"by cursor": func(s *sets.Settings) { s.Rules.Addressing = paging.ByCursor },
		"renamed":   func(s *sets.Settings) { s.Rules.Params.Page = "p" },
		"pinned":    func(s *sets.Settings) { s.Rules.Pinned = true },
		"with a base": func(s *sets.Settings) {
			s.Rules.Base, s.Rules.Origins = "https://saltmere.example/boats/page/{page}{?size}", []string{"https://saltmere.example"}
		},
	} {
		t.Run(name, func(t *testing.T) {
			at, ok, _, store := holding(t)
			_, err := store.Configure(t.Context(), "boats", func(s *sets.Settings) error { rules(s); return nil })
			require.NoError(t, err)
			c, err := client.New(at)
			require.NoError(t, err)
			c = c.WithToken(testkit.OwnerOf(at))
			rawQuery := "sort=-no&size=3&pl.total=exact"
			if name == "by offset" {
				rawQuery = strings.Replace(rawQuery, "size", "limit", 1)
			}
			var found []string
			for page, err := range c.Pages(t.Context(), "boats", rawQuery, true) {
				require.NoError(t, err)
				require.LessOrEqual(t, len(found), 10)
				for _, r := range page.Records {
					no, _ := r[0].Text()
					found = append(found, no)
				}
				// Others add a record before all, and take out one to come.
				ok(http.StatusCreated, "POST", "/api/sets/boats/records", inJSON("", fmt.Sprintf(`{"no":%d,"name":"new","kept":true}`, 100+len(found))))
				if res, _ := send(t, "GET", at+"/api/sets/boats/records/2", sent{}); res.StatusCode == http.StatusOK {
					ok(http.StatusOK, "DELETE", "/api/sets/boats/records/2", sent{headers: map[string]string{"If-Match": res.Header.Get("ETag")}})
				}
			}
			assert.Equal(t, []string{"11", "10", "9", "8", "7", "6", "5", "3", "2", "1"}, found)
		})
	}
	// A list without a version cannot be held.
	at := testkit.Serve(t)
	c, err := client.New(at)
	require.NoError(t, err)
	for _, err := range c.WithToken(testkit.OwnerOf(at)).Pages(t.Context(), "nowhere", "", true) {
		assert.ErrorContains(t, err, "no record set")
	}
}

// A walk by cursor has each untouched record once while others come and go, and can be continued
// later.
func TestTheClientWalksByCursor(t *testing.T) {
	at, ok, _, store := holding(t)
	_, err := store.Configure(t.Context(), "boats", func(s *sets.Settings) error { s.Rules.Params.After = "page[after]"; return nil })
	require.NoError(t, err)
	c, err := client.New(at)
	require.NoError(t, err)
	c = c.WithToken(testkit.OwnerOf(at))
	var found []string
	for r, err := range c.Walk(t.Context(), "boats", "sort=-no&size=2") {
		require.NoError(t, err)
		no, _ := r[0].Text()
		if found = append(found, no); len(found) == 3 {
			ok(http.StatusCreated, "POST", "/api/sets/boats/records", inJSON("", `{"no":100,"name":"new","kept":true}`))
			res, _ := ok(http.StatusOK, "GET", "/api/sets/boats/records/8", sent{}) // where it goes on from
			ok(http.StatusOK, "DELETE", "/api/sets/boats/records/8", sent{headers: map[string]string{"If-Match": res.Header.Get("ETag")}})
		}
	}
	assert.Equal(t, []string{"11", "10", "9", "8", "7", "6", "5", "3", "2", "1"}, found)
	end, err := c.Page(t.Context(), "boats", "sort=no&size=50")
	require.NoError(t, err)
	ok(http.StatusCreated, "POST", "/api/sets/boats/records", inJSON("", `{"no":101,"name":"newer","kept":true}`))
	n := 0
	for r, err := range c.Walk(t.Context(), "boats", "sort=no&page[after]="+end.Cursors.After) {
		require.NoError(t, err)
		no, _ := r[0].Text()
		assert.Equal(t, "101", no)
		n++
	}
	assert.Equal(t, 1, n)
	for r, err := range c.Walk(t.Context(), "boats", "sort=name&page[after]="+end.Cursors.After) {
		assert.Nil(t, r, "it does not begin anew")
		assert.ErrorContains(t, err, "another order")
	}
	_, err = store.Configure(t.Context(), "boats", func(s *sets.Settings) error { s.Rules.Params.After = ""; return nil })
	require.NoError(t, err)
	for _, err := range c.Walk(t.Context(), "boats", "size=2") {
		if err != nil {
			assert.ErrorIs(t, err, client.ErrNoCursor)
		}
	}
}
