package service_test

import (
	"context"
	"encoding/json"
	"fmt"
	"net/http"
	"net/url"
	"testing"

	"github.com/jackc/pgx/v5"
	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"pageladder.example/api"
	"pageladder.example/climb"
	"pageladder.example/climb/endpoint"
	"pageladder.example/climb/report"
	"pageladder.example/internal/access"
	"pageladder.example/internal/service"
	"pageladder.example/internal/sets"
	"pageladder.example/internal/testkit"
	"pageladder.example/paging"
	"pageladder.example/paging/envelope"
)

// Our own lists keep every promise, in each way of paging and each shape, whether climb is
// given them or finds out.
func TestOurListsKeepTheirPromises(t *testing.T) {
	store := testkit.Harbour(t)
	followedYard(t, store)
	at := testkit.ServeStore(t, store)
	owner := http.Header{"Authorization": {"Bearer " + testkit.OwnerOf(at)}}
	sorts := []endpoint.Sort{
		{Field: "tonnage", Ascending: "sort=tonnage", Descending: "sort=-tonnage"},
		{Field: "vessel", Ascending: "sort=vessel,id", Descending: "sort=-vessel,-id"},
		{Field: "arrived_at", Ascending: "sort=arrived_at", Descending: "sort=-arrived_at"},
	}
	filters := []endpoint.Filter{{Query: "berth=N4", Field: "berth", Value: "N4"}, {Query: "cleared=true", Field: "cleared", Value: "true"}}
	for _, c := range []struct {
		name, path string
		rules      func(r *sets.Settings)
		endpoint   climb.Endpoint
	}{
		{"pages", "/api/sets/arrivals/records", nil, climb.Endpoint{Sorts: sorts, Filters: filters, Cap: 100}},
		{"pages, as the owner", "/api/sets/arrivals/records", nil, climb.Endpoint{Header: owner}},
		{"strict rules", "/api/sets/arrivals/records", func(s *sets.Settings) { s.Rules.OnFault, s.Rules.PastLast = paging.Refuse, paging.PastLastRefused }, climb.Endpoint{Sorts: sorts, Filters: filters}},
		{"offsets", "/api/sets/arrivals/records", func(s *sets.Settings) { s.Rules.Addressing = paging.ByOffset }, climb.Endpoint{Sorts: sorts[:1], Filters: filters[:1]}},
		{"cursors", "/api/sets/arrivals/records", func(s *sets.Settings) { s.Rules.Addressing = paging.ByCursor }, climb.Endpoint{}},
		{"an envelope", "/api/sets/arrivals/records", func(s *sets.Settings) {
			s.Rules.Envelope = envelope.Envelope{"records": "/data", "total_items": "/meta/total", "page": "/meta/page", "size": "/meta/size", "next": "/links/next", "prev": "/links/prev"}
		}, climb.Endpoint{}},
		{"not counted", "/api/sets/arrivals/records?pl.total=none", nil, climb.Endpoint{}},
		{"at a version", "/api/sets/arrivals/records?pl.version=1", nil, climb.Endpoint{}},
		{"an array", "/api/sets/arrivals/records?pl.shape=array", nil, climb.Endpoint{}},
		{"lines", "/api/sets/arrivals/records?pl.shape=ndjson", nil, climb.Endpoint{}},
		{"CSV", "/api/sets/arrivals/records?pl.shape=csv", nil, climb.Endpoint{}},
		{"short", "/api/sets/berths/records", nil, climb.Endpoint{}},
		{"empty", "/api/sets/lost_property/records", nil, climb.Endpoint{}},
		{"a page of HTML", "/lists/arrivals", nil, climb.Endpoint{Sorts: sorts[:1], Key: []string{"No."}}},
		{"followed", "/api/sets/calls/records", nil, climb.Endpoint{Header: owner}},
		{"followed, held", fmt.Sprintf("/api/sets/calls/records?pl.version=%d", readPage(t, at+"/api/sets/calls/records").Paging.Version), nil, climb.Endpoint{Header: owner}},
	} {
		t.Run(c.name, func(t *testing.T) {
			_, err := store.Configure(t.Context(), "arrivals", func(s *sets.Settings) error {
				was := *s
				t.Cleanup(func() {
					_, err := store.Configure(context.WithoutCancel(t.Context()), "arrivals", func(s *sets.Settings) error { *s = was; return nil })
					assert.NoError(t, err)
				})
				rules := *s.Rules
				s.Rules = &rules
				if c.rules != nil {
					c.rules(s)
				}
				return nil
			})
			require.NoError(t, err)
			c.endpoint.Address = at + c.path
			expect := report.Strict()
			expect["cost.time"] = report.Off // it depends on what else the machine does
			seen, err := (&climb.Checker{Expect: expect, Pause: -1}).Run(t.Context(), c.endpoint)
			require.NoError(t, err)
			for _, p := range seen.Promises {
				assert.NotEqual(t, report.Broken, p.Verdict, "%s: %v", p.Code, p.Findings)
			}
			assert.True(t, seen.Whole)
			t.Log(seen.Summary())
		})
	}
}

// followedYard attaches a table of 400 rows that is followed.
func followedYard(t *testing.T, store *sets.Store) {
	admin := testkit.DatabaseURL(t)
	conn, err := pgx.Connect(t.Context(), admin)
	require.NoError(t, err)
	defer conn.Close(t.Context())
	u, err := url.Parse(admin)
	require.NoError(t, err)
	role := "climber_" + u.Path[1:]
	_, err = conn.Exec(t.Context(), "create table calls (id int primary key, vessel text, tons int); insert into calls select n, 'Gull ' || n % 7, nullif(n % 9, 0) from generate_series(1, 400) n; create role "+role+" login password 'x'; grant select on calls to "+role)
	require.NoError(t, err)
	u.User = url.UserPassword(role, "x")
	require.NoError(t, store.AddSource("yard", u.String()))
	set, err := store.Attach(t.Context(), sets.Attach{Name: "calls", Source: "yard", Schema: "public", Table: "calls", Follow: true})
	require.NoError(t, err)
	follower, err := store.Follower(t.Context(), set)
	require.NoError(t, err)
	_, err = conn.Exec(t.Context(), follower.Script())
	require.NoError(t, err)
	testkit.Eventually(t, func() bool {
		state, err := store.FollowState(t.Context(), "calls")
		return err == nil && state.Exact
	}, "the table is followed")
}

// An owner lets the service check a list itself, at whatever address callers reach it. The check
// does not use up what its caller may ask.
func TestOwnersHaveTheirListsChecked(t *testing.T) {
	limits := service.DefaultLimits
	limits.Rate, limits.Burst = 1, 40
	for _, public := range []string{"", "https://saltmere.example/harbour"} {
		at, s := testkit.ServeWith(t, testkit.Harbour(t), service.Options{PublicURL: public, Limits: limits})
		res, text := send(t, "POST", at+"/api/sets/arrivals/climb", inJSON("", `{"expect": "strict", "query": "cleared=true"}`))
		require.Equal(t, 200, res.StatusCode, text)
		var done api.Climbed
		require.NoError(t, json.Unmarshal([]byte(text), &done))
		assert.True(t, done.Holds, done.Summary)
		assert.Len(t, done.Promises, len(report.Codes()))
		assert.Len(t, done.Cost, 5)
		assert.Contains(t, done.Page, "<svg")
		assert.NotContains(t, text, testkit.OwnerOf(at), "the token is in no report")

		for body, want := range map[string]int{`{"expect": "harder"}`: 422, `{"seed": -1}`: 422, `{"query": "page=x&berth=N4"}`: 200, `[]`: 422, `{"query": "nowhere.none=maybe&tonnage=heavy"}`: 422} {
			res, text := send(t, "POST", at+"/api/sets/arrivals/climb", inJSON("", body))
			assert.Equal(t, want, res.StatusCode, "%s: %s", body, text)
		}
		editor, _, err := s.Tokens().Create(t.Context(), "an editor", access.Editor, nil)
		require.NoError(t, err)
		res, _ = send(t, "POST", at+"/api/sets/arrivals/climb", sent{body: `{}`, headers: map[string]string{"Authorization": "Bearer " + editor, "Content-Type": "application/json"}})
		assert.Equal(t, 403, res.StatusCode)
	}
}
