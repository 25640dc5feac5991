package sets_test

import (
	"context"
	"encoding/json"
	"fmt"
	"os"
	"strings"
	"sync"
	"testing"

	"github.com/jackc/pgx/v5"
	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"pageladder.example/internal/intake"
	"pageladder.example/internal/sets"
	"pageladder.example/internal/testkit"
	"pageladder.example/paging"
	"pageladder.example/paging/rulesfile"
	"pageladder.example/paging/value"
)

func TestMain(m *testing.M) {
	if dir := os.Getenv(importerEnv); dir != "" {
		fmt.Fprintln(os.Stderr, importer(dir))
		os.Exit(1)
	}
	if address := os.Getenv(changerEnv); address != "" {
		fmt.Fprintln(os.Stderr, changer(address))
		os.Exit(1)
	}
	testkit.WithPostgres(m)
}

func ledger() sets.Draft {
	return sets.Draft{
		Name: "ledger", Label: "Ledger",
		Fields: []intake.Field{
			{Name: "id", Type: value.Integer}, {Name: "who", Type: value.Text}, {Name: `odd "name`, Type: value.Decimal},
			{Name: "paid", Type: value.Boolean}, {Name: "due", Type: value.Date}, {Name: "at", Type: value.Time},
		},
		Rules: rulesfile.Of(paging.Rules{Key: []string{"id"}, Sorts: []paging.SortKey{{Key: "who"}, {Key: "amount", Fields: []string{`odd "name`}}}}),
	}
}

const ledgerCSV = `id,who,"odd ""name",paid,due,at
1,Ann,10.50,true,2026-03-01,2026-03-01T06:30:00Z
2,,,,,
3,"",-0.001,false,2026-12-31,2026-03-01T06:30:00.25+02:00
9007199254740991,"a ""b"", c
d",1e3,t,2026-03-02,2026-03-01 00:00:00Z
`

func recordsOf(t *testing.T, page *sets.Page) []map[string]any {
	t.Helper()
	var all []map[string]any
	objects := sets.ObjectsOf(page.Fields)
	for _, r := range page.Records {
		text := objects.Append(nil, r)
		var record map[string]any
		require.NoError(t, json.Unmarshal(text, &record), string(text))
		all = append(all, record)
	}
	return all
}

func TestValuesOfEveryTypeComeBackAsTheyWent(t *testing.T) {
	store := testkit.Store(t)
	require.NoError(t, store.LoadCSV(t.Context(), ledger(), strings.NewReader(ledgerCSV)))
	page, err := store.Page(t.Context(), sets.Request{Set: "ledger"})
	require.NoError(t, err)
	assert.Equal(t, []map[string]any{
		{"id": 1.0, "who": "Ann", `odd "name`: 10.5, "paid": true, "due": "2026-03-01", "at": "2026-03-01T06:30:00Z"},
		{"id": 2.0, "who": nil, `odd "name`: nil, "paid": nil, "due": nil, "at": nil},
		{"id": 3.0, "who": "", `odd "name`: -0.001, "paid": false, "due": "2026-12-31", "at": "2026-03-01T04:30:00.25Z"},
		{"id": 9007199254740991.0, "who": "a \"b\", c\nd", `odd "name`: 1000.0, "paid": true, "due": "2026-03-02", "at": "2026-03-01T00:00:00Z"},
	}, recordsOf(t, page))
}

func TestOnlyFieldsThatAreShownAreRead(t *testing.T) {
	store := testkit.Store(t)
	set := ledger()
	set.Rules.Show = []string{"who", "paid"}
	require.NoError(t, store.LoadCSV(t.Context(), set, strings.NewReader(ledgerCSV)))
	for query, want := range map[string]map[string]any{
		"":                {"who": "Ann", "paid": true},
		"fields=paid":     {"paid": true},
		"fields=due,paid": {"paid": true},
	} {
		for _, sort := range []string{"&sort=", "&sort=-amount&page=2&size=3"} { // from the start, and with keys first
			page, err := store.Page(t.Context(), sets.Request{Set: "ledger", Query: query + sort})
			require.NoError(t, err)
			for _, r := range recordsOf(t, page) {
				assert.Len(t, r, len(want), query)
			}
			if sort == "&sort=" {
				assert.Equal(t, want, recordsOf(t, page)[0], query)
			}
		}
	}
}

func TestBadFileChangesNothingAndIsNamed(t *testing.T) {
	store := testkit.Store(t)
	require.NoError(t, store.LoadCSV(t.Context(), ledger(), strings.NewReader(ledgerCSV)))
	head := strings.SplitAfter(ledgerCSV, "\n")[0]
	for body, says := range map[string]string{
		head + "x,,,,,\n":                "line 2, column id",
		head + "1,,,,,\n1,,,,,\n":        "the key id stands in two records",
		head + "1,Ann\n":                 "missing data for column",
		"id,what\n1,Ann\n":               "wrong number of fields in header line",
		head + "1,,NaN,,,\n":             "check constraint",
		head + "9007199254740992,,,,,\n": "check constraint",
		head + "1,\xff,,,,\n":            "UTF8",
	} {
		err := store.LoadCSV(t.Context(), ledger(), strings.NewReader(body))
		assert.ErrorContains(t, err, says, body)
	}
	set, err := store.Get(t.Context(), "ledger")
	require.NoError(t, err)
	assert.EqualValues(t, 1, set.Version)
	assert.EqualValues(t, 4, set.Records)
}

func TestEveryRecordOnceInEverySort(t *testing.T) {
	store := testkit.Harbour(t)
	// Meanwhile somebody replaces and changes another set, without a pause.
	ctx, stop := context.WithCancel(t.Context())
	var other sync.WaitGroup
	other.Go(func() {
		for ctx.Err() == nil {
			assert.NoError(t, store.LoadCSV(context.Background(), ledger(), strings.NewReader(ledgerCSV)))
			_, _, revision, err := store.Record(context.Background(), sets.Request{Set: "ledger"}, []string{"1"})
			assert.NoError(t, err)
			_, err = store.Change(context.Background(), "ledger", []string{"1"}, revision, sets.Values{"who": nil})
			assert.NoError(t, err)
		}
	})
	defer other.Wait()
	defer stop()
	for name, filters := range map[string][]string{
		"arrivals": {"", "&tonnage.min=3000", "&berth=N4&berth=S1", "&cleared.none=true", "&q=gull"}, "berths": {"", "&depth_m.max=6"}, "lost_property": {""},
	} {
		set, err := store.Get(t.Context(), name)
		require.NoError(t, err)
		sorts := []string{"size=7"}
		for _, s := range set.Rules.Sorts {
			sorts = append(sorts, "size=50&sort="+s.Key, "size=50&sort=-"+s.Key)
		}
		for _, filter := range filters {
			total := int64(-1)
			for _, sort := range sorts {
				seen := map[string]bool{}
				for n := 1; ; n++ {
					page, err := store.Page(t.Context(), sets.Request{Set: name, Query: fmt.Sprintf("%s%s&page=%d", sort, filter, n)})
					require.NoError(t, err)
					require.Len(t, page.Records, page.Settled.Rows())
					for _, record := range page.Records {
						seen[string(record[0])] = true
					}
					if page.Settled.Metadata().IsLast {
						n := page.Settled.Total().Records()
						require.True(t, total < 0 || total == n, "the total is the same in every sort")
						total = n
						break
					}
				}
				assert.Len(t, seen, int(total), "%s?%s%s", name, sort, filter)
			}
		}
		page, err := store.Page(t.Context(), sets.Request{Set: name})
		require.NoError(t, err)
		assert.Equal(t, set.Records, page.Settled.Total().Records())
	}
}

func TestMissingValuesComeLastBothWays(t *testing.T) {
	store := testkit.Harbour(t)
	for _, sort := range []string{"tonnage", "-tonnage"} {
		first, err := store.Page(t.Context(), sets.Request{Set: "arrivals", Query: "size=5&sort=" + sort})
		require.NoError(t, err)
		last, err := store.Page(t.Context(), sets.Request{Set: "arrivals", Query: "size=5&page=999&sort=" + sort})
		require.NoError(t, err)
		for _, r := range recordsOf(t, first) {
			assert.NotNil(t, r["tonnage"])
		}
		for _, r := range recordsOf(t, last) {
			assert.Nil(t, r["tonnage"])
		}
	}
}

func TestReadersSeeOneVersionWhileItIsReplaced(t *testing.T) {
	store := testkit.Store(t)
	load := func(version int) error {
		var csv strings.Builder
		csv.WriteString("id,version\n")
		for id := range version * 3 {
			fmt.Fprintf(&csv, "%d,%d\n", id, version)
		}
		return store.LoadCSV(context.Background(), sets.Draft{
			Name: "moving", Label: "Moving",
			Fields: []intake.Field{{Name: "id", Type: value.Integer}, {Name: "version", Type: value.Integer}},
			Rules:  rulesfile.Of(paging.Rules{Key: []string{"id"}}),
		}, strings.NewReader(csv.String()))
	}
	require.NoError(t, load(1))
	ctx, stop := context.WithCancel(t.Context())
	var readers sync.WaitGroup
	var seen sync.Map
	for range 4 {
		readers.Go(func() {
			for ctx.Err() == nil {
				page, err := store.Page(context.Background(), sets.Request{Set: "moving", Query: "size=100"})
				if !assert.NoError(t, err) {
					return
				}
				assert.EqualValues(t, page.Set.Version*3, len(page.Records), "total and rows are of one version")
				for _, r := range page.Records {
					assert.Equal(t, fmt.Sprint(page.Set.Version), string(r[1]))
				}
				seen.Store(page.Set.Version, true)
			}
		})
	}
	for version := int64(2); version <= 25; version++ {
		assert.NoError(t, load(int(version)))
		testkit.Eventually(t, func() bool { _, is := seen.Load(version); return is || t.Failed() }, "readers see the new version")
	}
	stop()
	readers.Wait()
}

func TestReplacedTablesAreSweptWhenNobodyCanReadThem(t *testing.T) {
	url := testkit.DatabaseURL(t)
	store, err := sets.Open(t.Context(), url)
	require.NoError(t, err)
	for range 3 {
		require.NoError(t, store.LoadCSV(t.Context(), ledger(), strings.NewReader(ledgerCSV)))
	}
	store.Close()
	conn, err := pgx.Connect(t.Context(), url)
	require.NoError(t, err)
	defer conn.Close(t.Context())
	tables := func() (n int) {
		require.NoError(t, conn.QueryRow(t.Context(), "select count(*) from pg_tables where tablename ~ '^records_'").Scan(&n))
		return n
	}
	assert.Equal(t, 3, tables(), "a reader may still be on an old one")
	_, err = conn.Exec(t.Context(), "update pageladder.replaced_table set since = since - interval '1 hour'")
	require.NoError(t, err)
	store, err = sets.Open(t.Context(), url)
	require.NoError(t, err)
	store.Close()
	assert.Equal(t, 1, tables())
}

func TestErrorsAreTold(t *testing.T) {
	store := testkit.Harbour(t)
	_, err := store.Page(t.Context(), sets.Request{Set: "nowhere"})
	assert.ErrorIs(t, err, sets.ErrNoSet)
	_, err = store.Page(t.Context(), sets.Request{Set: "arrivals'; drop table x; --"})
	assert.ErrorIs(t, err, sets.ErrNoSet)
}

// Footholds that replace others take no more room.
func TestFootholdsThatAreReplacedTakeNoMoreRoom(t *testing.T) {
	store := testkit.Harbour(t)
	_, bytes, err := store.BuildFootholds(t.Context(), "arrivals", "sort=vessel")
	require.NoError(t, err)
	_, once := store.Footholds()
	assert.Less(t, bytes, once)
	for range 50 {
		_, again, err := store.BuildFootholds(t.Context(), "arrivals", "sort=vessel")
		require.NoError(t, err)
		require.Equal(t, bytes, again)
	}
	tracks, kept := store.Footholds()
	assert.Equal(t, []int{1, once}, []int{tracks, kept})
}
