package sets_test

import (
	"fmt"
	"strings"
	"sync"
	"testing"
	"time"

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

func text(s string) *string { return &s }

// revision is the one that a record has now.
func revision(t *testing.T, store *sets.Store, set, key string) sets.Revision {
	_, _, revision, err := store.Record(t.Context(), sets.Request{Set: set}, []string{key})
	require.NoError(t, err)
	return revision
}

func TestRecordsAreChangedOneAfterTheOther(t *testing.T) {
	store := testkit.Store(t)
	require.NoError(t, store.LoadCSV(t.Context(), ledger(), strings.NewReader(ledgerCSV)))
	ctx := t.Context()
	version := func() int64 {
		set, err := store.Get(ctx, "ledger")
		require.NoError(t, err)
		return set.Version
	}
	names := func() string {
		page, err := store.Page(ctx, sets.Request{Set: "ledger"})
		require.NoError(t, err)
		assert.Equal(t, page.Set.Records, int64(len(page.Records)), "the total is kept by arithmetic")
		var all []string
		for _, r := range page.Records {
			all = append(all, string(r[1]))
		}
		return strings.Join(all, "|")
	}
	require.Equal(t, "Ann|||a \"b\", c\nd", names())

	first := revision(t, store, "ledger", "1")
	v, err := store.Change(ctx, "ledger", []string{"1"}, first, sets.Values{"who": text("Bea"), "paid": nil})
	require.NoError(t, err)
	assert.Equal(t, v, version(), "every change moves the version")
	_, record, second, err := store.Record(ctx, sets.Request{Set: "ledger"}, []string{"1"})
	require.NoError(t, err)
	assert.NotEqual(t, first, second)
	assert.Nil(t, record[3])

	before := version()
	for want, change := range map[error]func() error{
		sets.ErrStale: func() error {
			_, err := store.Change(ctx, "ledger", []string{"1"}, first, sets.Values{"who": text("Cid")})
			return err
		},
		sets.ErrNoRecord: func() error { _, err := store.Delete(ctx, "ledger", []string{"99"}, first); return err },
		sets.ErrKeyTaken: func() error { _, err := store.Add(ctx, "ledger", sets.Values{"id": text("1")}); return err },
		sets.ErrNoSet:    func() error { _, err := store.Restore(ctx, "nowhere", []string{"1"}); return err },
	} {
		assert.ErrorIs(t, change(), want)
	}
	for _, bad := range []sets.Values{{"id": text("2")}, {"id": nil}, {"paid": text("maybe")}, {"colour": text("red")}, {"due": text("2026-02-30")}} {
		_, err := store.Change(ctx, "ledger", []string{"1"}, second, bad)
		var value *sets.ValueError
		assert.ErrorAs(t, err, &value, "%v", bad)
	}
	_, err = store.Add(ctx, "ledger", sets.Values{"who": text("no key")})
	assert.ErrorContains(t, err, "id: found nothing")
	assert.Equal(t, before, version(), "what is refused changes nothing")

	_, err = store.Withdraw(ctx, "ledger", []string{"1"}, second)
	require.NoError(t, err)
	assert.Equal(t, "||a \"b\", c\nd", names())
	_, err = store.Add(ctx, "ledger", sets.Values{"id": text("1"), "who": text("Dan")})
	require.NoError(t, err)
	_, err = store.Restore(ctx, "ledger", []string{"1"})
	assert.ErrorIs(t, err, sets.ErrKeyTaken)
	_, err = store.Delete(ctx, "ledger", []string{"1"}, revision(t, store, "ledger", "1"))
	require.NoError(t, err)
	_, err = store.Restore(ctx, "ledger", []string{"1"})
	require.NoError(t, err)
	assert.Equal(t, "Bea|||a \"b\", c\nd", names(), "restored as it was")
}

func TestEditsThatRaceLoseNothing(t *testing.T) {
	store := testkit.Store(t)
	require.NoError(t, store.LoadCSV(t.Context(), ledger(), strings.NewReader(ledgerCSV)))
	var wg sync.WaitGroup
	for worker := range 8 {
		wg.Go(func() {
			for range 10 {
				for {
					_, record, revision, err := store.Record(t.Context(), sets.Request{Set: "ledger"}, []string{"3"})
					if !assert.NoError(t, err) {
						return
					}
					_, err = store.Change(t.Context(), "ledger", []string{"3"}, revision, sets.Values{"who": text(string(record[1]) + fmt.Sprint(worker))})
					if err == nil {
						break
					}
					if !assert.ErrorIs(t, err, sets.ErrStale) {
						return
					}
				}
			}
		})
	}
	wg.Wait()
	_, record, last, err := store.Record(t.Context(), sets.Request{Set: "ledger"}, []string{"3"})
	require.NoError(t, err)
	assert.Len(t, record[1], 80, "every edit is there")
	assert.True(t, strings.HasSuffix(string(last), "-81"), last)
}

func TestPlaceOfARecord(t *testing.T) {
	store := testkit.Harbour(t)
	for _, query := range []string{"", "sort=-tonnage", "sort=tonnage,-vessel&size=7", "berth=N4&sort=cleared&size=3", "q=gull&sort=vessel"} {
		seen := int64(0)
		for number := 1; ; number++ {
			page, err := store.Page(t.Context(), sets.Request{Set: "arrivals", Query: fmt.Sprintf("%s&page=%d", query, number)})
			require.NoError(t, err)
			for _, r := range page.Records {
				seen++
				row, at, err := store.Place(t.Context(), sets.Request{Set: "arrivals", Query: query}, []string{string(r[0])})
				require.NoError(t, err)
				require.Equal(t, seen, row, query)
				require.EqualValues(t, number, *at.Metadata().Page, query)
			}
			if page.Settled.Metadata().IsLast {
				break
			}
		}
	}
	_, _, err := store.Place(t.Context(), sets.Request{Set: "arrivals", Query: "berth=none"}, []string{"1"})
	assert.ErrorIs(t, err, sets.ErrNoRecord, "the filter leaves it out")
}

func TestFacetsCountUnderTheOtherFilters(t *testing.T) {
	store := testkit.Harbour(t)
	facets, err := store.Facets(t.Context(), sets.Request{Set: "arrivals", Query: "berth=N4&cleared=true&q=gull"}, []string{"berth", "cleared"})
	require.NoError(t, err)
	for field, other := range map[string]string{"berth": "cleared=true&q=gull", "cleared": "berth=N4&q=gull"} {
		sum := int64(0)
		require.NotEmpty(t, facets[field])
		for i, f := range facets[field] {
			condition := field + ".none=true"
			if f.Value != nil {
				condition = field + "=" + *f.Value
			}
			page, err := store.Page(t.Context(), sets.Request{Set: "arrivals", Query: other + "&" + condition})
			require.NoError(t, err)
			assert.EqualValues(t, f.Count, *page.Settled.Metadata().TotalItems, condition)
			assert.True(t, i == 0 || facets[field][i-1].Count >= f.Count, "the largest first")
			sum += f.Count
		}
		page, err := store.Page(t.Context(), sets.Request{Set: "arrivals", Query: other})
		require.NoError(t, err)
		assert.EqualValues(t, sum, *page.Settled.Metadata().TotalItems)
	}
	_, err = store.Facets(t.Context(), sets.Request{Set: "arrivals"}, []string{"note"})
	assert.ErrorContains(t, err, "note: found a field that is not filtered by")
}

func TestTotalsAsTheRulesWantThem(t *testing.T) {
	store := testkit.Store(t)
	var file strings.Builder
	file.WriteString("no,kind\n")
	for n := range 500 {
		fmt.Fprintf(&file, "%d,%d\n", n, n%2)
	}
	load := func(count paging.CountHow, to int64) {
		in := csvImport(file.String())
		in.Rules = rulesfile.Of(paging.Rules{Key: []string{"no"}, Count: count, CountTo: to, Filters: []paging.FilterRule{{Field: "kind", Type: value.Integer}}})
		_, _, err := store.Import(t.Context(), in)
		require.NoError(t, err)
	}
	summary := func(query string) string {
		page, err := store.Page(t.Context(), sets.Request{Set: "boats", Query: query})
		require.NoError(t, err, query)
		assert.Len(t, page.Records, page.Settled.Rows(), query)
		return page.Settled.Metadata().Summary
	}
	load(paging.CountAtLeast, 100)
	assert.Equal(t, "21–40 of at least 100", summary("kind=1&page=2"))
	assert.Equal(t, "201–220 of at least 220", summary("kind=1&page=11"))
	assert.Equal(t, "241–250 of 250", summary("kind=1&page=13"), "the end was seen")
	assert.Equal(t, "none of at least 100", summary("kind=1&page=99"))
	assert.Equal(t, "no records", summary("kind=7"))
	load(paging.CountNone, 0)
	assert.Equal(t, "21–40", summary("kind=1&page=2"))
	assert.Equal(t, "481–500 of 500", summary("page=25"))
	load("", 0)
	assert.Equal(t, "21–40 of 250", summary("kind=1&page=2"))

	// A count that is out of time comes back as at least what was seen, and the page
	// still comes.
	for n := 500; n < 200_000; n++ {
		fmt.Fprintf(&file, "%d,%d\n", n, n%2)
	}
	load("", 0)
	store.SetCountTime(8 * time.Millisecond)
	store.SetCountAgain(50 * time.Millisecond)
	page, err := store.Page(t.Context(), sets.Request{Set: "boats", Query: "kind.min=0&kind.max=1&page=3"})
	require.NoError(t, err)
	assert.Equal(t, paging.TotalAtLeast, page.Settled.Metadata().TotalIs)
	assert.Less(t, page.Settled.Metadata().TotalAtLeast, int64(200_000))
	assert.Len(t, page.Records, 20)
	assert.False(t, page.Settled.Metadata().IsLast)
	// It is tried again, though the set has not changed: an index may have come.
	store.SetCountTime(time.Minute)
	testkit.Eventually(t, func() bool { return summary("kind.min=0&kind.max=1&page=3") == "41–60 of 200,000" }, "it is counted to its end")
}

func TestServicesThatShareADatabaseHearOfChanges(t *testing.T) {
	url := testkit.DatabaseURL(t)
	one, err := sets.Open(t.Context(), url)
	require.NoError(t, err)
	defer one.Close()
	other, err := sets.Open(t.Context(), url)
	require.NoError(t, err)
	defer other.Close()
	require.NoError(t, one.LoadCSV(t.Context(), ledger(), strings.NewReader(ledgerCSV)))
	knows := func(version int64) func() bool {
		return func() bool {
			_, err := other.Latest(t.Context(), "ledger")
			set := other.Current("ledger")
			return err == nil && set != nil && set.Version == version
		}
	}
	testkit.Eventually(t, knows(1), "the first version")
	change := func(who string) {
		_, err = one.Change(t.Context(), "ledger", []string{"1"}, revision(t, one, "ledger", "1"), sets.Values{"who": text(who)})
		require.NoError(t, err)
	}
	change("Bea")
	page, err := other.Page(t.Context(), sets.Request{Set: "ledger"})
	require.NoError(t, err)
	assert.EqualValues(t, 2, page.Set.Version, "a page is never of an old version, heard of or not")
	testkit.Eventually(t, knows(2), "it is current again")
	change("Cem")
	testkit.Eventually(t, func() bool { set := other.Current("ledger"); return set == nil || set.Version == 3 }, "the notice, which nobody asked for")

	conn, err := pgx.Connect(t.Context(), url)
	require.NoError(t, err)
	defer conn.Close(t.Context())
	_, err = conn.Exec(t.Context(), "select pg_terminate_backend(pid) from pg_stat_activity where datname = current_database() and pid <> pg_backend_pid()")
	require.NoError(t, err)
	testkit.Eventually(t, func() bool { return other.Current("ledger") == nil }, "nothing is taken for current while nothing is heard")
	testkit.Eventually(t, knows(3), "and again when the connection is back")
}

func TestStreamIsEveryRecordOfOneSnapshot(t *testing.T) {
	store := testkit.Harbour(t)
	for _, query := range []string{"sort=-cargo", "berth=N4&sort=tonnage&page=9", "q=gull"} {
		var fields, streamed []string
		err := store.Stream(t.Context(), sets.Request{Set: "arrivals", Query: query}, func(_ *sets.Set, _ int64, shown []intake.Field, _ paging.Ask) error {
			for _, f := range shown {
				fields = append(fields, f.Name)
			}
			return store.LoadCSV(t.Context(), ledger(), strings.NewReader(ledgerCSV)) // others go on, also dropping tables
		}, func(r sets.Record) error {
			streamed = append(streamed, string(r[0]))
			return nil
		})
		require.NoError(t, err)
		assert.Equal(t, []string{"id", "vessel", "berth", "cargo", "tonnage", "arrived_at", "cleared", "note"}, fields)
		var paged []string
		for number := 1; len(paged) < len(streamed); number++ {
			page, err := store.Page(t.Context(), sets.Request{Set: "arrivals", Query: fmt.Sprintf("%s&page=%d", strings.TrimSuffix(query, "&page=9"), number)})
			require.NoError(t, err)
			for _, r := range page.Records {
				paged = append(paged, string(r[0]))
			}
			if page.Settled.Metadata().IsLast {
				break
			}
		}
		assert.Equal(t, paged, streamed, query)
	}
}
