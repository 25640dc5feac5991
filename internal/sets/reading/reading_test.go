package reading_test

import (
	"context"
	"fmt"
	"math/rand/v2"
	"net/url"
	"slices"
	"strconv"
	"sync"
	"sync/atomic"
	"testing"
	"time"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"
	"golang.org/x/sync/errgroup"

	"pageladder.example/internal/intake"
	"pageladder.example/internal/sets/catalog"
	"pageladder.example/internal/sets/known"
	"pageladder.example/internal/sets/reading"
	"pageladder.example/internal/sets/view"
	"pageladder.example/internal/soak"
	"pageladder.example/paging"
	"pageladder.example/paging/choose"
)

// readerOf reads a memory. What is done in the background ends with the test.
func readerOf(t *testing.T, m *memory) (*reading.Reader, *known.Known) {
	var background sync.WaitGroup
	t.Cleanup(background.Wait)
	return readerWith(t, m, background.Go)
}

// readerWith has things done in the background by a function.
func readerWith(t *testing.T, m *memory, later func(func())) (*reading.Reader, *known.Known) {
	running, stop := context.WithCancel(context.Background())
	t.Cleanup(stop)
	open := func(ctx context.Context, o view.Opening) (view.View, error) {
		return m.Open(ctx, view.Found{}, o.How)
	}
	known := known.New(running, later)
	known.BuildAgain = 0
	r := reading.New(open, known)
	r.Deep = 0
	return r, known
}

func boats(n int) []boat {
	all := make([]boat, n)
	for i := range all {
		all[i] = created(10 * i)
	}
	return all
}

func created(id int) boat {
	b := boat{strconv.Itoa(id), missing, missing}
	if n := rand.IntN(9); n > 0 {
		b[1] = []string{"a", "A", "á", "ab", "b", "Z", "Øst", "müde"}[n-1]
	}
	if n := rand.IntN(12); n > 0 {
		b[2] = strconv.Itoa(n - 4)
	}
	return b
}

// Answers of a source of another kind are of one state, by whatever is known of its lists, while it
// changes: the model of sets that change, for records in memory.
func TestAnswersOfAnotherKindOfSource(t *testing.T) {
	m := newMemory(boats(150))
	r, known := readerOf(t, m)
	var kept, held, cursors, questions atomic.Int64
	writing, stop := context.WithCancel(t.Context())
	defer stop()
	next := 10_000
	var writer sync.WaitGroup
	writer.Go(func() {
		for changes := int64(0); writing.Err() == nil; changes++ {
			for writing.Err() == nil && changes > questions.Load() { // where questions take long, more states would make them longer still
				time.Sleep(time.Millisecond)
			}
			m.change(func(all []boat) []boat {
				for range 1 + rand.IntN(4) {
					i := rand.IntN(len(all))
					switch n := rand.IntN(3); {
					case n == 0 && len(all) > 100:
						all = append(all[:i], all[i+1:]...)
					case n < 2:
						id, _ := strconv.Atoi(all[i][0])
						all[i] = created(id)
					default:
						next++
						all = append(all, created(2*(next*7919%1_000_003)+1)) // in any order, none twice
					}
				}
				return all
			})
			time.Sleep(time.Duration(rand.IntN(10_000)) * time.Microsecond)
		}
	})
	readers, ctx := errgroup.WithContext(t.Context())
	for range 2 {
		readers.Go(func() error {
			token := "sort=id"
			for n := 0; ctx.Err() == nil && (n < soak.Or(300, 50_000) || kept.Load() < 200 || held.Load() < 100 || cursors.Load() < 100); n++ {
				explain := &view.Explain{}
				req := reading.Request{Set: "boats", Explain: explain, Query: "sort=" + []string{"id", "-crew", "name", "-name,crew"}[rand.IntN(4)] + "&size=" + []string{"2", "3", "5", "7"}[rand.IntN(4)] + []string{"", "&crew.min=0", "&name=a"}[rand.IntN(3)]}
				switch rand.IntN(4) {
				case 0:
					req.Query = token
				case 1:
					req.At = max(1, m.now()-rand.Int64N(30))
					fallthrough
				default:
					req.Query += "&page=" + strconv.Itoa(1+rand.IntN(30))
				}
				if rand.IntN(4) == 0 {
					req.Facets = []string{"crew"}
				}
				page, err := r.Page(ctx, req)
				questions.Add(1)
				if ctx.Err() != nil {
					return nil
				}
				if err == nil {
					err = agrees(m, page, &req)
				}
				if err != nil {
					return fmt.Errorf("%+v, %+v: %w", req, *explain, err)
				}
				if c := page.Settled.Cursors(); c != nil && c.After != "" {
					if q, err := url.ParseQuery(req.Query); err == nil {
						token = "sort=" + url.QueryEscape(q.Get("sort")) + "&size=3&after=" + url.QueryEscape(c.After)
					}
				}
				if len(explain.Known) > 0 {
					kept.Add(1)
				}
				if page.Held != nil {
					held.Add(1)
				}
				if at, _ := page.Settled.Ask().Cursor(); at != nil {
					cursors.Add(1)
				}
			}
			return nil
		})
	}
	require.NoError(t, readers.Wait())
	stop()
	writer.Wait()
	assert.Zero(t, known.Unlike())
	t.Logf("%d states, %d answers by what was known, %d held, %d by cursor", m.now(), kept.Load(), held.Load(), cursors.Load())
}

// The values of a field are counted under the other filters alone. Those of a list that is held are as they were, though
// the list under its own filter, which is all that was read, has not changed.
func TestValuesOfAHeldListAreHeld(t *testing.T) {
	all := boats(40)
	for i := range all {
		all[i][2] = strconv.Itoa(i%4 - 2)
	}
	m := newMemory(all)
	r, _ := readerOf(t, m)
	req := reading.Request{Set: "boats", Query: "sort=id&crew.min=0", Facets: []string{"crew"}}
	_, err := r.Page(t.Context(), req)
	require.NoError(t, err)
	m.change(func(all []boat) []boat { return slices.DeleteFunc(all, func(b boat) bool { return b[2] == "-1" }) })
	for _, req.At = range []int64{0, 1, 2} {
		page, err := r.Page(t.Context(), req)
		require.NoError(t, err)
		require.NoError(t, agrees(m, page, &req), "held at %d", req.At)
		assert.Len(t, page.Facets["crew"], map[int64]int{0: 3, 1: 4, 2: 3}[req.At], "held at %d", req.At)
	}
}

// agrees holds a page against the list at its state, as package choose has it.
func agrees(m *memory, page *reading.Page, req *reading.Request) error {
	number := page.State()
	if page.Held != nil {
		number = page.Held.Version
	}
	ask, err := m.definition.Rules.Read(req.Query)
	if err != nil {
		return err
	}
	want, records, err := choose.Page(m.at(number), ask, of)
	if err != nil {
		return err
	}
	if len(records) != len(page.Records) {
		return fmt.Errorf("at %d found %d records; right would be %d", number, len(page.Records), len(records))
	}
	for i := range records {
		if got := page.Records[i]; !assert.ObjectsAreEqual(records[i].row(catalog.Names(boatFields)), [][]byte(got)) {
			return fmt.Errorf("at %d, record %d: found %q; right would be %q", number, i+1, got, records[i])
		}
	}
	if is := page.Settled.Total(); is.Is() == paging.TotalExact && is.Records() != want.Total().Records() {
		return fmt.Errorf("at %d found a total of %d; right would be %d", number, is.Records(), want.Total().Records())
	}
	if page.Facets == nil {
		return nil
	}
	counts := map[string]int64{}
	for _, b := range m.sorted(number, &view.Selection{Ask: ask, Except: "crew"}, "id") {
		counts[b[2]]++
	}
	for _, f := range page.Facets["crew"] {
		text := missing
		if f.Value != nil {
			text = *f.Value
		}
		if counts[text] != f.Count {
			return fmt.Errorf("at %d found %d of crew %q; right would be %d", number, f.Count, text, counts[text])
		}
		delete(counts, text)
	}
	if len(counts) > 0 {
		return fmt.Errorf("at %d these values are missing: %v", number, counts)
	}
	return nil
}

// Single records, their places, and lists of any length.
func TestRecordsOfAnotherKindOfSource(t *testing.T) {
	m := newMemory(boats(40))
	r, _ := readerOf(t, m)
	req := reading.Request{Set: "boats", Query: "sort=-crew"}
	var streamed []string
	err := r.Stream(t.Context(), req, func(set *catalog.Set, version int64, _ []intake.Field, _ paging.Ask) error {
		assert.EqualValues(t, 1, version)
		return nil
	}, func(b reading.Record) error { streamed = append(streamed, string(b[0])); return nil })
	require.NoError(t, err)
	require.Len(t, streamed, 40)
	for i, id := range streamed {
		row, _, err := r.Place(t.Context(), req, []string{id})
		require.NoError(t, err)
		assert.EqualValues(t, i+1, row, id)
	}
	one, err := r.Record(t.Context(), req, []string{"30"})
	require.NoError(t, err)
	assert.Equal(t, "30", string(one.Record[0]))
	_, err = r.Record(t.Context(), req, []string{"31"})
	assert.ErrorIs(t, err, view.ErrNoRecord)
	// A page that was read is given again while nothing touches it.
	req = reading.Request{Set: "boats", Query: "sort=id&page=2", Keep: true}
	page, err := r.Page(t.Context(), req)
	require.NoError(t, err)
	require.True(t, page.Kept())
	m.change(func(all []boat) []boat { return all[:39] })
	again, err := r.Again(t.Context(), page, req)
	require.NoError(t, err)
	require.NotNil(t, again)
	assert.EqualValues(t, 39, again.Settled.Total().Records())
	m.change(func(all []boat) []boat { return all[1:] })
	again, err = r.Again(t.Context(), again, req)
	require.NoError(t, err)
	assert.Nil(t, again)
}

// A page of a held list says how much has changed since, also where it is read the plain way, by which nothing is remembered.
func TestAHeldPageThatIsReadPlainlySaysWhatHasChanged(t *testing.T) {
	m := newMemory(boats(9))
	r := reading.New(func(ctx context.Context, _ view.Opening) (view.View, error) {
		return m.Open(ctx, view.Found{}, view.Plain)
	}, known.New(t.Context(), func(do func()) { do() }))
	m.change(func(boats []boat) []boat { return boats[1:] })
	m.change(func(boats []boat) []boat { return boats[1:] })
	for at, changes := range map[int64]int64{1: 2, 2: 1, 3: 0} {
		page, err := r.Page(t.Context(), reading.Request{Set: "boats", At: at})
		require.NoError(t, err)
		assert.Equal(t, changes, page.Held.Changes, "held at %d", at)
	}
}

// Footholds that do not have as many records as the list are not used.
func TestUnlikeFootholdsAreDropped(t *testing.T) {
	m := newMemory(boats(300))
	m.miscounts = true
	built := 0
	r, known := readerWith(t, m, func(do func()) { built++; do() })
	req := reading.Request{Set: "boats", Query: "sort=id&page=50&size=3"}
	for range 3 {
		page, err := r.Page(t.Context(), req)
		require.NoError(t, err)
		require.NoError(t, agrees(m, page, &req))
	}
	assert.Positive(t, built)
	assert.Positive(t, known.Unlike())
}

// While footholds are being built, pages are read without, and wait for nothing.
func TestDeepPagesBeforeThereAreFootholds(t *testing.T) {
	m := newMemory(boats(300))
	var build []func()
	r, _ := readerWith(t, m, func(do func()) { build = append(build, do) })
	explain := &view.Explain{}
	req := reading.Request{Set: "boats", Query: "sort=id&page=50&size=3", Explain: explain}
	for range 2 {
		page, err := r.Page(t.Context(), req)
		require.NoError(t, err)
		require.NoError(t, agrees(m, page, &req))
		assert.NotContains(t, explain.Access, "foothold")
	}
	require.Len(t, build, 1, "one at a time")
	build[0]()
	_, err := r.Page(t.Context(), req)
	require.NoError(t, err)
	assert.Contains(t, explain.Access, "foothold")
}
