package service_test

import (
	"bytes"
	"cmp"
	"encoding/json"
	"flag"
	"fmt"
	"net/http"
	"net/url"
	"os"
	"os/exec"
	"path/filepath"
	"regexp"
	"slices"
	"strconv"
	"strings"
	"testing"

	"github.com/jackc/pgx/v5"
	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"pageladder.example/demo"
	"pageladder.example/internal/access"
	"pageladder.example/internal/service"
	"pageladder.example/internal/sets"
	"pageladder.example/internal/testkit"
	"pageladder.example/internal/wayback"
	"pageladder.example/paging"
	"pageladder.example/paging/rulesfile"
	"pageladder.example/paging/value"
)

// keepEarlier makes the fixture of the version at hand:
// go test ./internal/service -run TestEarlierVersion -keep-earlier NAME
var keepEarlier = flag.String("keep-earlier", "", "dump a database of this version, and what it answers, under this name")

// earlier is what a version answered from the database of its dump.
type earlier struct {
	Tokens   map[string]string `json:"tokens"` // secrets by the caller's name
	Requests []earlierAnswer   `json:"asked"`
}

type earlierAnswer struct {
	As       string `json:"as"`  // "": nobody
	Get      string `json:"get"` // path and query
	Status   int    `json:"status"`
	Location string `json:"location,omitempty"`
	Body     any    `json:"body,omitempty"`
}

// unbounded lets one caller ask as often as it likes.
var unbounded = func() service.Options {
	return service.Options{Answers: service.DefaultAnswers}
}()

// earlierParts are the parts of an answer that are compared with later versions.
var earlierParts = []string{"records", "paging", "adjusted", "links", "record", "row", "page", "href"}

// yard makes the role and gives the address of a source in the same database.
func yard(t *testing.T, database string) string {
	conn, err := pgx.Connect(t.Context(), database)
	require.NoError(t, err)
	defer conn.Close(t.Context())
	_, err = conn.Exec(t.Context(), `do $$ begin if not exists (select from pg_roles where rolname = 'earlier_yard') then create role earlier_yard login password 'x'; end if; end $$`)
	require.NoError(t, err)
	u, err := url.Parse(database)
	require.NoError(t, err)
	u.User = url.UserPassword("earlier_yard", "x")
	return u.String()
}

// askEarlier asks one question and keeps what is compared of the answer.
func askEarlier(t *testing.T, at string, known *earlier, as, path string) earlierAnswer {
	res, text := send(t, http.MethodGet, at+path, sent{token: cmp.Or(known.Tokens[as], nobody)})
	answer := earlierAnswer{As: as, Get: path, Status: res.StatusCode, Location: res.Header.Get("Location")}
	var body any
	if !strings.HasPrefix(res.Header.Get("Content-Type"), "application/json") || res.StatusCode != http.StatusOK || json.Unmarshal([]byte(text), &body) != nil {
		return answer
	}
	answer.Body = heldAgainst(body)
	return answer
}

// heldAgainst keeps only the parts of an answer that no version may change.
func heldAgainst(answer any) any {
	body, ok := answer.(map[string]any)
	if !ok {
		return nil
	}
	kept := map[string]any{}
	for _, part := range earlierParts {
		if value, ok := body[part]; ok {
			kept[part] = value
		}
	}
	if about, ok := kept["paging"].(map[string]any); ok {
		delete(about, "version")               // moves when a migration writes a rule or a filter anew
		if about["total_is"] == "remembered" { // or exact, by which query was first
			about["total_is"] = "exact"
			delete(about, "total_age")
		}
	}
	if list, ok := kept["adjusted"].([]any); ok {
		for _, a := range list {
			a := a.(map[string]any)
			delete(a, "says")                // words may become plainer
			if a["why"] == "param.unknown" { // what had no effect was reported as used, once
				delete(a, "used")
			}
		}
	}
	return kept
}

// TestEarlierVersionsGoOn restores what an earlier version dumped, migrates it and
// repeats every request that the version answered: no stored rule, filter, token or
// link has changed its meaning.
func TestEarlierVersionsGoOn(t *testing.T) {
	dumps, err := filepath.Glob("testdata/earlier/*.sql")
	require.NoError(t, err)
	require.NotEmpty(t, dumps)
	for _, dump := range dumps {
		t.Run(filepath.Base(dump), func(t *testing.T) {
			database := testkit.DatabaseURL(t)
			source := yard(t, database)
			out, err := exec.CommandContext(t.Context(), testkit.Program(t, "psql"), "-X", "-q", "-v", "ON_ERROR_STOP=1", "-f", dump, database).CombinedOutput()
			require.NoError(t, err, string(out))
			store, err := sets.Open(t.Context(), database)
			require.NoError(t, err)
			t.Cleanup(store.Close)
			require.NoError(t, store.AddSource("yard", source))
			at, _ := testkit.ServeWith(t, store, unbounded)
			text, err := os.ReadFile(strings.TrimSuffix(dump, ".sql") + ".json")
			require.NoError(t, err)
			var known earlier
			require.NoError(t, json.Unmarshal(text, &known))
			require.Greater(t, len(known.Requests), 100)
			for _, was := range known.Requests {
				now := askEarlier(t, at, &known, was.As, was.Get)
				was.Body = heldAgainst(was.Body)
				same(t, fmt.Sprintf("%s as %q", was.Get, was.As), was, now)
			}
			// Its tables have change logs of now, by which what is known is kept current: earlier logs are created anew.
			testkit.Eventually(t, func() bool {
				var without int
				err := store.Pool().QueryRow(t.Context(), `select count(*) from pageladder.record_set s left join pageladder.change_log l using (record_table) where s.source = ''
					and not exists (select from pg_attribute where attrelid = to_regclass('pageladder.' || quote_ident(l.log_table)) and attname = 'pl.lacks' and not attisdropped)`).Scan(&without)
				return err == nil && without == 0
			}, "each table has a log")
			if crew, err := store.Get(t.Context(), "crew"); err == nil {
				followedStill(t, store, crew, database, filepath.Base(dump) >= "03")
			}
			const counted = "/api/sets/arrivals/records?tonnage.min=0&pl.explain=true"
			ask := func(more string) (*http.Response, string) {
				return send(t, http.MethodGet, at+counted+more, sent{token: known.Tokens["editor"]})
			}
			_, before := ask("")
			// The service learns of the log a moment after it is there.
			var page struct{ Paging struct{ Version int64 } }
			require.NoError(t, json.Unmarshal([]byte(before), &page))
			testkit.Eventually(t, func() bool {
				res, _ := ask("&pl.version=" + strconv.FormatInt(page.Paging.Version, 10))
				return res.StatusCode == http.StatusOK
			}, "the list can be held still")
			_, before = ask("")
			// The records go on being changed, and what was withdrawn comes back.
			res, body := send(t, http.MethodPost, at+"/api/sets/arrivals/records/7/restore", sent{token: known.Tokens["editor"]})
			assert.Equal(t, http.StatusOK, res.StatusCode, body)
			assert.Contains(t, body, `"id":7,`)
			_, after := ask("")
			assert.Contains(t, after, "kept current", "before: %s", before)
		})
	}
}

// followedStill holds a table that an earlier version has followed: it is by the log of the script of then, by which lists
// can be held from the third dump on, and by that of now once its owner has run it.
func followedStill(t *testing.T, store *sets.Store, set *sets.Set, database string, held bool) {
	follows := func() bool { state, err := store.FollowState(t.Context(), set.Name); return err == nil && state.Exact }
	testkit.Eventually(t, follows, "it is followed by the log that is there")
	conn, err := pgx.Connect(t.Context(), database)
	require.NoError(t, err)
	defer conn.Close(t.Context())
	total := func(want int64) *sets.Page {
		page, err := store.Page(t.Context(), sets.Request{Set: set.Name, Visibility: sets.All})
		require.NoError(t, err)
		assert.Equal(t, want, page.Settled.Total().Records())
		return page
	}
	total(95)
	_, err = conn.Exec(t.Context(), "delete from yard.crew where no = 95")
	require.NoError(t, err)
	page := total(94)
	assert.Equal(t, held, page.Version() > 0, "what can be held tells a version, and nothing else does")

	follower, err := store.Follower(t.Context(), set)
	require.NoError(t, err)
	_, err = conn.Exec(t.Context(), follower.Script())
	require.NoError(t, err)
	testkit.Eventually(t, func() bool { return total(94).Version() > 0 && follows() }, "it is followed by the log of now")
	page = total(94)
	_, err = conn.Exec(t.Context(), "delete from yard.crew where no < 10")
	require.NoError(t, err)
	total(85)
	then, err := store.Page(t.Context(), sets.Request{Set: set.Name, At: page.Version(), Visibility: sets.All})
	require.NoError(t, err)
	assert.EqualValues(t, 94, then.Settled.Total().Records())
}

// same compares an answer with an earlier one: whatever it said is said still.
func same(t *testing.T, what string, was, now earlierAnswer) {
	t.Helper()
	assert.Equal(t, was.Status, now.Status, what)
	assert.Equal(t, was.Location, now.Location, what)
	stillSaid(t, what, was.Body, now.Body)
}

func stillSaid(t *testing.T, what string, was, now any) {
	t.Helper()
	switch was := was.(type) {
	case map[string]any:
		object, ok := now.(map[string]any)
		if !assert.True(t, ok, "%s: found %v, which was an object", what, now) {
			return
		}
		for name, value := range was {
			stillSaid(t, what+" "+name, value, object[name])
		}
	case []any:
		list, ok := now.([]any)
		if !assert.True(t, ok && len(list) == len(was), "%s: found %v, which was %v", what, now, was) {
			return
		}
		for i := range was {
			stillSaid(t, fmt.Sprintf("%s[%d]", what, i), was[i], list[i])
		}
	default:
		if was == "" && now == nil { // nothing was used: reported as "" before
			return
		}
		assert.Equal(t, unsealed(was), unsealed(now), what)
	}
}

// sealed are cursors that nobody but the service reads. Those of today are padded; the earlier ones are
// asked for, and give the pages that they gave.
var sealed = regexp.MustCompile(`(after|before)=A[g-z0-9_-][A-Za-z0-9_-]+`)

func unsealed(answer any) any {
	if text, ok := answer.(string); ok {
		return sealed.ReplaceAllString(text, "$1=sealed")
	}
	return answer
}

// earlierRules are rules of every kind, each for a set of the arrivals.
var earlierRules = map[string]string{
	"plain":     `{"key":["id"]}`,
	"renamed":   `{"key":["id"],"params":{"page":"p","size":"per","row":"from","sort":"by","search":"find","fields":"cols","direction":"dir"},"sorts":[{"key":"tonnage","first":"desc"},{"key":"call","fields":["berth","arrived_at"],"nulls_first":true}],"search":["vessel","note"],"show":["id","vessel","berth"],"filters":[{"field":"berth","param":"filter[berth]"},{"field":"id","type":"integer","operators":["min","max"]}]}`,
	"byoffset":  `{"key":["id"],"addressing":"offset","sorts":[{"key":"tonnage","nulls_first":true}],"default_sort":"-tonnage","size":{"default":5,"cap":50,"offered":[5,10,50]}}`,
	"asis":      `{"key":["id"],"addressing":"offset","offset_as_is":true,"past_last":"last","ladder":{"reach":0,"tips":0,"steady":false}}`,
	"closed":    `{"key":["id"],"size":{"default":10,"offered":[10,25],"closed":true,"all":500},"first_page_bare":true,"ladder":{"reach":1,"tips":2,"gap_links":true,"lone":true,"ends":false}}`,
	"strict":    `{"key":["id"],"on_fault":"refuse","faults":{"size.over_cap":"mend"},"unknown":"refuse","filters":[{"field":"cleared","type":"boolean"},{"field":"tonnage","type":"integer"}]}`,
	"atleast":   `{"key":["id"],"count":"at_least","count_to":100,"filters":[{"field":"berth"}],"max_offset":200}`,
	"uncounted": `{"key":["id"],"count":"none","past_last":"empty"}`,
	"based":     `{"key":["id"],"base":"https://saltmere.example/arrivals/page/{page}{?size,sort,berth*}","origins":["https://saltmere.example"],"filters":[{"field":"berth"},{"field":"vessel","operators":["has","starts","equals"]}],"sorts":[{"key":"vessel"}],"unknown":"drop","ride_along":["theme"],"keep":{"what":"listed","names":["ref"]}}`,
	"worded":    `{"key":["id"],"language":"de","markup":{"style":"classed","classes":{"nav":"n","link":"l"}},"past_last":"first","indexes":[["berth","arrived_at"]],"unknown":"note","filters":[{"field":"cargo","operators":["equals","none"]},{"field":"arrived_at","type":"time"}],"max_sort_keys":2,"sorts":[{"key":"cargo"},{"key":"berth"},{"key":"id"}],"faults":{"filter.bad_value":"mend","sort.unknown_key":"refuse"}}`,
	"bycursor":  `{"key":["id"],"addressing":"cursor","sorts":[{"key":"vessel"},{"key":"tonnage"}],"show":["id","vessel"]}`, // by tonnage, cursors are sealed
}

// earlierFixed are fixed filters, each on a set of the arrivals.
var earlierFixed = map[string]string{
	"fixed-max": "arrived_at.max=2026-03-05", "fixed-min": "arrived_at.min=2026-03-05", "fixed-is": "arrived_at=2026-03-01&arrived_at=2026-03-01T05:50:00Z",
	"fixed-not": "arrived_at.not=2026-03-01&berth.not=N4", "fixed-day": "day.max=2026-03-05", "fixed-words": "vessel.has=sea&cleared=true&cargo.none=false&tonnage.min=500",
}

// TestEarlierVersionIsKept makes a fixture, where one is asked for.
func TestEarlierVersionIsKept(t *testing.T) {
	if *keepEarlier == "" {
		t.Skip("makes a fixture; see keepEarlier")
	}
	database := testkit.DatabaseURL(t)
	source := yard(t, database)
	conn, err := pgx.Connect(t.Context(), database)
	require.NoError(t, err)
	defer conn.Close(t.Context())
	_, err = conn.Exec(t.Context(), `
		create schema yard;
		create table yard.boats (no int primary key, name varchar(20), fee numeric(8,2), at timestamptz, day date, big bigint, ready boolean, tags text[], code uuid, raw jsonb);
		insert into yard.boats select n, case when n % 7 > 0 then 'boat ' || n end, n / 4.0, '2026-03-01T00:00:00Z'::timestamptz + n * interval '1 hour',
			date '2026-03-01' + n, n * 1000000000000, n % 2 = 0, array['a','b'], md5(n::text)::uuid, '{"n":1}' from generate_series(1, 95) n;
		grant usage on schema yard to earlier_yard; grant select on yard.boats to earlier_yard`)
	require.NoError(t, err)
	store, err := sets.Open(t.Context(), database)
	require.NoError(t, err)
	t.Cleanup(store.Close)
	require.NoError(t, store.AddSource("yard", source))
	require.NoError(t, demo.Load(t.Context(), store, 60))
	load := func(name, rules, fixed string) {
		csv, err := os.Open("../../demo/arrivals.csv")
		require.NoError(t, err)
		defer csv.Close()
		arrivals, err := store.Get(t.Context(), "arrivals")
		require.NoError(t, err)
		set := sets.Draft{Name: name, Label: name, Fields: arrivals.Fields, Rules: arrivals.Rules, Fixed: fixed}
		if rules != "" {
			set.Rules, err = rulesfile.Parse([]byte(rules))
			require.NoError(t, err, name)
		}
		require.NoError(t, store.LoadCSV(t.Context(), set, csv))
	}
	for name, rules := range earlierRules {
		load(name, rules, "")
	}
	for name, fixed := range earlierFixed {
		if name == "fixed-day" {
			_, err := store.Attach(t.Context(), sets.Attach{Name: name, Source: "yard", Schema: "yard", Table: "boats"})
			require.NoError(t, err)
			_, err = store.Configure(t.Context(), name, func(s *sets.Settings) error { s.Fixed = fixed + "&at.max=2026-03-03"; return nil })
			require.NoError(t, err)
			continue
		}
		load(name, "", fixed)
	}
	_, err = store.Attach(t.Context(), sets.Attach{Name: "boats", Source: "yard", Schema: "yard", Table: "boats", Remember: 60e9})
	require.NoError(t, err)
	_, err = conn.Exec(t.Context(), "create table yard.crew (no int primary key, name text, pay int); insert into yard.crew select n, 'name ' || n % 40, n * 10 from generate_series(1, 95) n; grant select on yard.crew to earlier_yard")
	require.NoError(t, err)
	crew, err := store.Attach(t.Context(), sets.Attach{Name: "crew", Source: "yard", Schema: "yard", Table: "crew", Follow: true})
	require.NoError(t, err)
	follower, err := store.Follower(t.Context(), crew)
	require.NoError(t, err)
	_, err = conn.Exec(t.Context(), follower.Script())
	require.NoError(t, err)
	testkit.Eventually(t, func() bool { state, err := store.FollowState(t.Context(), "crew"); return err == nil && state.Exact }, "it is followed")
	for _, name := range []string{"arrivals", "fixed-max"} {
		_, err = store.Configure(t.Context(), name, func(s *sets.Settings) error { s.Open = true; return nil })
		require.NoError(t, err)
	}
	at, s := testkit.ServeWith(t, store, unbounded)
	known := earlier{Tokens: map[string]string{}}
	for name, of := range map[string]struct {
		role access.Role
		sets []string
	}{"reader": {access.Reader, nil}, "bound": {access.Reader, []string{"arrivals", "fixed-is"}}, "editor": {access.Editor, nil}, "owner": {access.Owner, nil}, "ended": {access.Owner, nil}} {
		secret, token, err := s.Tokens().Create(t.Context(), name, of.role, of.sets)
		require.NoError(t, err)
		known.Tokens[name] = secret
		if name == "ended" {
			require.NoError(t, s.Tokens().End(t.Context(), token.ID))
		}
	}
	for _, id := range []string{"7", "8"} {
		_, _, revision, err := store.Record(t.Context(), sets.Request{Set: "arrivals", Visibility: sets.All}, []string{id})
		require.NoError(t, err)
		_, err = store.Withdraw(t.Context(), "arrivals", []string{id}, revision)
		require.NoError(t, err)
	}
	ask := func(path string, callers ...string) {
		for _, as := range callers {
			known.Requests = append(known.Requests, askEarlier(t, at, &known, as, path))
		}
	}
	everybody := []string{"", "reader", "bound", "editor", "owner", "ended"}
	all, err := store.List(t.Context())
	require.NoError(t, err)
	for _, set := range all {
		r := set.Rules.Resolved()
		names := &r.Params
		pageParam, sizeParam := names.Page+names.Offset, names.Size+names.Limit
		records := "/api/sets/" + set.Name + "/records?"
		small := sizeParam + "=3"
		ask(records+small, everybody...)
		ask("/api/sets/"+set.Name, "reader", "bound")
		position := "2"
		if r.Addressing == paging.ByOffset {
			position = "6"
		}
		for _, query := range []string{"", pageParam + "=" + position, pageParam + "=x", pageParam + "=999", names.Row + "=7", sizeParam + "=9999", sizeParam + "=all&x=1"} {
			if pageParam == "" && strings.HasPrefix(query, "=") { // pages have no number
				continue
			}
			if !strings.Contains(query, sizeParam) {
				query += "&" + small
			}
			if !strings.Contains(query, "all") || r.Size.All > 0 {
				ask(records+strings.TrimPrefix(query, "&"), "reader")
			}
		}
		for i := range r.Sorts {
			ask(records+small+"&"+names.Sort+"=-"+r.Sorts[i].Key, "reader")
		}
		for i := range r.Filters {
			f := &r.Filters[i]
			for _, op := range f.Operators {
				values := map[value.Type][]string{value.Text: {"N4", "salt", "Quiet+Heron"}, value.Boolean: {"true"}, value.Time: {"2026-03-01T05:50:00Z", "2026-03-04T00:00:00Z"}, value.Date: {"2026-03-04"}}[set.Rules.Filters[i].Type]
				if values == nil {
					values = []string{"500"}
				}
				if op == paging.None {
					values = []string{"true", "false"}
				}
				for _, value := range values {
					ask(records+small+"&"+f.ParamFor(op)+"="+value, "reader")
				}
			}
		}
		if len(r.Search) > 0 {
			ask(records+small+"&"+names.Search+"=heron", "reader")
		}
		if names.After != "" { // a cursor goes on being one, sealed ones too
			for _, sort := range append([]paging.SortKey{{}}, r.Sorts...) {
				by := small
				if sort.Key != "" {
					by += "&" + names.Sort + "=-" + sort.Key
				}
				_, text := send(t, http.MethodGet, at+records+by, sent{token: known.Tokens["reader"]})
				var page struct{ Cursors struct{ After string } }
				require.NoError(t, json.Unmarshal([]byte(text), &page), text)
				if page.Cursors.After != "" {
					ask(records+by+"&"+names.After+"="+page.Cursors.After, "reader")
				}
			}
		}
	}
	for _, path := range []string{"/api/sets/arrivals/records/7", "/api/sets/arrivals/records/9", "/api/sets/arrivals/records/9/place?size=5", "/api/sets/fixed-max/records/300", "/api/sets/boats/records/9",
		"/api/sets/arrivals/records?q=quiet+her&size=3", "/api/sets/arrivals/records?vessel.has=sea&size=3", "/api/sets/arrivals/records?page=2&size=3&ref=x%25y&berth=N4&berth=N5&theme=a;b"} {
		ask(path, everybody...)
	}
	for _, query := range []string{"page=4&size=10&sort=-tonnage&berth=N4", "size=10&ref=%C3%96", "page=99"} {
		page, err := store.Settle(t.Context(), sets.Request{Set: "arrivals", Query: query})
		require.NoError(t, err)
		self := page.Settled.On(paging.Base{}.Outside())
		token := wayback.Write("arrivals", strings.TrimPrefix(self.Steps().Self, "?"))
		ask("/api/sets/arrivals/back/"+token, "reader")
	}
	slices.SortStableFunc(known.Requests, func(a, b earlierAnswer) int { return strings.Compare(a.Get, b.Get) })
	var text bytes.Buffer // one answer a line
	secrets, err := json.Marshal(known.Tokens)
	require.NoError(t, err)
	fmt.Fprintf(&text, "{\"tokens\":%s,\n\"asked\":[", secrets)
	for i, answer := range known.Requests {
		line, err := json.Marshal(answer)
		require.NoError(t, err)
		fmt.Fprintf(&text, "%.*s\n%s", min(i, 1), ",", line)
	}
	path := "testdata/earlier/" + *keepEarlier
	require.NoError(t, os.WriteFile(path+".json", append(text.Bytes(), "\n]}\n"...), 0o644))
	out, err := exec.CommandContext(t.Context(), testkit.Program(t, "pg_dump"), "--no-owner", "-f", path+".sql", database).CombinedOutput()
	require.NoError(t, err, string(out))
}
