package sets_test

import (
	"errors"
	"fmt"
	"strings"
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"pageladder.example/internal/intake"
	"pageladder.example/internal/sets"
	"pageladder.example/internal/testkit"
	"pageladder.example/paging"
	"pageladder.example/paging/rulesfile"
)

func TestFixedFilterHoldsEverywhere(t *testing.T) {
	store := testkit.Harbour(t)
	store.SetDeep(0) // footholds too
	ctx := t.Context()
	const fixed = "berth=N4&berth=N5&tonnage.min=200"
	_, err := store.Configure(ctx, "arrivals", func(s *sets.Settings) error { s.Fixed = fixed; return nil })
	require.NoError(t, err)

	ids := func(sight sets.Visibility, query string) (all []string) {
		for number := 1; ; number++ {
			page, err := store.Page(ctx, sets.Request{Set: "arrivals", Query: fmt.Sprintf("size=10&page=%d&%s", number, query), Visibility: sight})
			require.NoError(t, err)
			for _, r := range page.Records {
				all = append(all, string(r[0]))
			}
			if m := page.Settled.Metadata(); m.IsLast {
				assert.EqualValues(t, len(all), *m.TotalItems)
				return all
			}
		}
	}
	for _, query := range []string{"", "sort=-tonnage", "q=gull", "cleared=true&sort=berth", "tonnage.max=900"} {
		for range 2 { // the second time from footholds
			assert.Equal(t, ids(sets.All, fixed+"&"+query), ids(sets.Filtered, query), query)
		}
	}
	assert.Empty(t, ids(sets.Filtered, "berth=S1"), "a filter cannot widen it")
	all, seen := ids(sets.All, ""), ids(sets.Filtered, "")
	require.Less(t, len(seen), len(all))

	bound, err := store.Facets(ctx, sets.Request{Set: "arrivals"}, []string{"berth"})
	require.NoError(t, err)
	for _, facet := range bound["berth"] {
		assert.Contains(t, []string{"N4", "N5"}, *facet.Value, "not even its own field shows what is hidden")
	}
	assert.NotEmpty(t, bound["berth"])
	for _, id := range all {
		_, _, _, err := store.Record(ctx, sets.Request{Set: "arrivals"}, []string{id})
		_, _, placed := store.Place(ctx, sets.Request{Set: "arrivals"}, []string{id})
		if strings.Contains(" "+strings.Join(seen, " ")+" ", " "+id+" ") {
			assert.NoError(t, errors.Join(err, placed))
			continue
		}
		assert.ErrorIs(t, err, sets.ErrNoRecord)
		assert.ErrorIs(t, placed, sets.ErrNoRecord)
	}
	row, _, err := store.Place(ctx, sets.Request{Set: "arrivals"}, []string{seen[3]})
	require.NoError(t, err)
	assert.EqualValues(t, 4, row)
}

func TestSettingsAreChangedWholeOrNotAtAll(t *testing.T) {
	store := testkit.Store(t)
	ctx := t.Context()
	boats := func(csv string) error {
		_, _, err := store.Import(ctx, sets.Import{Name: "boats", Source: strings.NewReader(csv), Options: intake.Options{Format: intake.CSV}})
		return err
	}
	require.NoError(t, boats("no,name,crew\n1,Gull,3\n2,Tern,4\n"))
	store.Indexed()
	before, err := store.Get(ctx, "boats")
	require.NoError(t, err)
	for says, change := range map[string]func(*sets.Settings){
		"the fixed filter": func(s *sets.Settings) { s.Fixed = "crew.min=few" },
		"wings":            func(s *sets.Settings) { s.Fixed = "wings=2" },
		"filters of the":   func(s *sets.Settings) { s.Fixed = "crew=" },
		"not the one":      func(s *sets.Settings) { s.Rules = rulesfile.Of(paging.Rules{Key: []string{"name"}}) },
		"no field": func(s *sets.Settings) {
			s.Rules = rulesfile.Of(paging.Rules{Key: []string{"no"}, Search: []string{"wings"}})
		},
		`no field "wings"`: func(s *sets.Settings) {
			s.Rules = &rulesfile.Rules{Rules: paging.Rules{Key: []string{"no"}}, Indexes: [][]string{{"wings"}}}
		},
		"size.cap": func(s *sets.Settings) {
			s.Rules = rulesfile.Of(paging.Rules{Key: []string{"no"}, Size: paging.SizeRules{Cap: -1}})
		},
		"I changed my mind": nil,
	} {
		_, err := store.Configure(ctx, "boats", func(s *sets.Settings) error {
			if change == nil {
				return errors.New("I changed my mind")
			}
			change(s)
			return nil
		})
		assert.ErrorContains(t, err, says)
	}
	same, err := store.Get(ctx, "boats")
	require.NoError(t, err)
	assert.Equal(t, before, same)

	rules := &rulesfile.Rules{Rules: paging.Rules{Key: []string{"no"}}, Indexes: [][]string{{"name", "crew"}}}
	after, err := store.Configure(ctx, "boats", func(s *sets.Settings) error {
		s.Rules, s.Fixed, s.Open = rules, "crew.min=4", true
		return nil
	})
	require.NoError(t, err)
	assert.Equal(t, before.Version+1, after.Version)
	store.Indexed()
	states, err := store.Indexes(ctx, "boats")
	require.NoError(t, err)
	assert.ElementsMatch(t, []sets.IndexState{{Definition: `("name", "crew", "no")`, Ready: true}, {Definition: `("crew", "no")`, Ready: true}}, states,
		"indexes follow the rules and the fixed filter")

	_, _, err = store.Import(ctx, sets.Import{Name: "boats", Source: strings.NewReader("no,name\n1,Gull\n"), Options: intake.Options{Format: intake.CSV}, Rules: rulesfile.Of(paging.Rules{Key: []string{"no"}})})
	assert.ErrorContains(t, err, "the fixed filter", "a file without the field would show what is hidden")
	var bad *intake.BadRows
	assert.ErrorAs(t, boats("no,name,crew\n1,Gull,9\n2,Tern,few\n"), &bad, "what the rules rely on is looked for in every row")
	require.NoError(t, boats("no,name,crew\n1,Gull,9\n"))
	again, err := store.Get(ctx, "boats")
	require.NoError(t, err)
	assert.Equal(t, "crew.min=4 true", fmt.Sprint(again.Fixed, " ", again.Open), "who sees what outlives an import")

	require.NoError(t, store.Remove(ctx, "boats"))
	assert.ErrorIs(t, store.Remove(ctx, "boats"), sets.ErrNoSet)
	_, err = store.Page(ctx, sets.Request{Set: "boats"})
	assert.ErrorIs(t, err, sets.ErrNoSet)
	require.NoError(t, boats("no,name,crew\n1,Gull,3\n"))
	reborn, err := store.Get(ctx, "boats")
	require.NoError(t, err)
	assert.Equal(t, again.Version+1, reborn.Version, "no version is told twice")
	assert.False(t, reborn.Open)
}

func TestSettingsThatChangeDuringAnImportStay(t *testing.T) {
	store := testkit.Store(t)
	ctx := t.Context()
	boats := sets.Import{Name: "boats", Options: intake.Options{Format: intake.CSV}, New: true}
	boats.Source = strings.NewReader("no,name\n1,Gull\n2,Tern\n")
	_, _, err := store.Import(ctx, boats)
	require.NoError(t, err)
	boats.Source = strings.NewReader("no,name\n1,Gull\n")
	_, _, err = store.Import(ctx, boats)
	require.ErrorIs(t, err, sets.ErrSetTaken)

	boats.New = false
	changed := false
	boats.Source = strings.NewReader("no,name\n1,Gull\n2,Tern\n")
	boats.Aside = writerFunc(func(b []byte) (int, error) { // while the rows are loaded
		if !changed {
			changed = true
			_, err := store.Configure(ctx, "boats", func(s *sets.Settings) error {
				s.Fixed, s.Open, s.Rules = "name=Tern", true, rulesfile.Of(paging.Rules{Key: []string{"no"}, Size: paging.SizeRules{Default: 7}})
				return nil
			})
			assert.NoError(t, err)
		}
		return len(b), nil
	})
	_, _, err = store.Import(ctx, boats)
	require.NoError(t, err)
	require.True(t, changed)
	set, err := store.Get(ctx, "boats")
	require.NoError(t, err)
	assert.Equal(t, "name=Tern true 7", fmt.Sprint(set.Fixed, " ", set.Open, " ", set.Rules.Size.Default))
}

type writerFunc func([]byte) (int, error)

func (w writerFunc) Write(b []byte) (int, error) { return w(b) }
