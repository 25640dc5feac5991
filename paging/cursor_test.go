package paging

import (
	"strings"
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"pageladder.example/paging/code"
	"pageladder.example/paging/cursor"
)

func texts(values ...string) []*string {
	all := make([]*string, len(values))
	for i := range values {
		all[i] = &values[i]
	}
	return all
}

// named are rules by page number whose callers may give cursors too.
func named() *Rules {
	return &Rules{Key: []string{"id"}, Sorts: []SortKey{{Key: "tonnage"}}, Params: Params{After: "page[after]", Before: "page[before]"}, List: "arrivals"}
}

func seen(t *testing.T, r *Rules, query string, received int, behind bool) Page {
	page := settle(t, r, query, NotCounted())
	page, err := page.Received(received)
	require.NoError(t, err)
	if received == 0 {
		return page.Ends(nil, nil, behind)
	}
	return page.Ends(texts("5", "1"), texts("9", "3"), behind)
}

// tokenOf is the cursor after a page of such rules.
func tokenOf(t *testing.T, r *Rules) string {
	page := seen(t, r, "sort=tonnage", 4, false)
	return page.Cursors().After
}

func TestAPageByACursor(t *testing.T) {
	r := named()
	first := seen(t, r, "sort=tonnage&size=3&berth=N4", 4, false)
	cursors := *first.Cursors()
	require.NotEmpty(t, cursors.After)
	require.NotEmpty(t, cursors.Before)
	assert.Equal(t, "?sort=tonnage&size=3&berth=N4&page=2", first.On(Base{}).Steps().Next, "by page number links go by number")

	for _, c := range []struct {
		param         string
		received      int
		behind        bool
		isFirst, last bool
		says          string
	}{
		{"page%5Bafter%5D", 4, true, false, false, "3 records"},
		{"page%5Bafter%5D", 3, true, false, true, "3 records"},
		{"page%5Bafter%5D", 1, false, true, true, "1 record"},
		{"page%5Bafter%5D", 0, true, false, true, "no records"},
		{"page%5Bbefore%5D", 4, true, false, false, "3 records"},
		{"page%5Bbefore%5D", 3, true, true, false, "3 records"},
		{"page%5Bbefore%5D", 2, false, true, true, "2 records"},
	} {
		page := seen(t, r, "sort=tonnage&size=3&berth=N4&"+c.param+"="+cursors.After, c.received, c.behind)
		m, steps := page.Metadata(), page.On(Base{}).Steps()
		assert.Equal(t, []any{c.isFirst, c.last, c.says}, []any{m.IsFirst, m.IsLast, m.Summary}, c)
		assert.Equal(t, []bool{c.isFirst, c.last}, []bool{steps.Prev == "", steps.Next == ""}, c)
		assert.Nil(t, m.Page, "nobody knows its number")
		assert.Nil(t, m.Offset)
		assert.Nil(t, m.FirstRow)
		assert.Equal(t, TotalNone, m.TotalIs)
		assert.Equal(t, "?sort=tonnage&size=3&berth=N4&"+c.param+"="+cursors.After, steps.Self)
		assert.Empty(t, page.On(Base{}).Ladder())
		assert.Equal(t, "?sort=tonnage&size=10&berth=N4&page%5Bafter%5D="+page.Cursors().Before, page.On(Base{}).Sizes()[1].Href, "the first record stays in view")
		if c.received == 0 {
			assert.Equal(t, cursor.Pair{After: cursors.After, Before: cursors.After}, *page.Cursors(), "whoever waits for more asks again from there")
		}
		assert.Equal(t, "?sort=tonnage&size=3&berth=N4&page=7", page.On(Base{}).Page(7), "and back to page numbers")
	}
}

func TestCursorsThatAreWrong(t *testing.T) {
	strict, other := named(), named()
	strict.OnFault, other.List = Refuse, "departures"
	good := tokenOf(t, named())
	foreign := tokenOf(t, other)
	for _, c := range []struct {
		query string
		why   code.Code
	}{
		{"sort=tonnage&page[after]=%21", code.CursorDamaged},
		{"sort=tonnage&page[after]=" + good[:len(good)-2], code.CursorDamaged},
		{"sort=tonnage&page[after]=" + strings.Repeat("A", cursor.MaxBytes+1), code.CursorTooLong},
		{"sort=tonnage&page[before]=" + foreign, code.CursorForeign},
		{"sort=-tonnage&page[before]=" + good, code.CursorOtherOrder},
		{"sort=tonnage&page=7&page[after]=" + good, code.CursorNotAlone},
		{"sort=tonnage&page[after]=" + good + "&row=9", code.CursorNotAlone},
		{"sort=tonnage&page[after]=" + good + "&page[before]=" + good, code.CursorNotAlone},
	} {
		page := settle(t, named(), c.query, Exact(1000))
		require.Len(t, page.Ask().Adjusted(), 1, c.query)
		assert.Equal(t, c.why, page.Ask().Adjusted()[0].Why, c.query)
		assert.Contains(t, page.Ask().Adjusted()[0].Says, "; the first page is shown.")
		assert.EqualValues(t, 1, *page.Metadata().Page, c.query)
		assert.NotContains(t, page.On(Base{}).Steps().Self, "after", c.query)
		_, err := strict.Read(c.query)
		var refusal *Refusal
		require.ErrorAs(t, err, &refusal, c.query)
		assert.Equal(t, c.why, refusal.Faults[0].Why)
	}
	page := settle(t, named(), "page=7&page[after]=", Exact(1000))
	assert.Empty(t, page.Ask().Adjusted(), "plain forms send empty ones")
	assert.EqualValues(t, 7, *page.Metadata().Page)
}

// A list whose order has a field that is not shown has sealed cursors, or none.
func TestCursorsOfAnOrderThatIsNotShown(t *testing.T) {
	r := named()
	r.Show = []string{"id"}
	page := seen(t, r, "sort=tonnage", 4, false)
	assert.Empty(t, page.Cursors().After)
	assert.NotEmpty(t, page.Cursors().Why)
	sealer, err := cursor.NewSealer(make([]byte, cursor.KeyBytes))
	require.NoError(t, err)
	sealed := named()
	sealed.Show, sealed.Sealer = r.Show, sealer
	hidden := tokenOf(t, sealed)
	ask, err := sealed.Read("sort=tonnage&page[after]=" + hidden)
	require.NoError(t, err)
	at, _ := ask.Cursor()
	require.NotNil(t, at)
	assert.Equal(t, "9", *at.Values[0])
	readable := tokenOf(t, named())
	ask, err = sealed.Read("sort=tonnage&page[after]=" + readable)
	require.NoError(t, err)
	assert.Equal(t, code.CursorNotSealed, ask.Adjusted()[0].Why)
	ask, err = named().Read("sort=tonnage&page[after]=" + hidden)
	require.NoError(t, err)
	assert.Equal(t, code.CursorOtherOrder, ask.Adjusted()[0].Why, "of an order that is sealed")
}

// Lists that are addressed by cursor have neither numbers nor a ladder; a row leads in.
func TestAddressedByCursor(t *testing.T) {
	r := &Rules{Addressing: ByCursor, Key: []string{"id"}, Sorts: []SortKey{{Key: "tonnage"}}}
	first := seen(t, r, "sort=tonnage&page=9", 21, false)
	m := first.Metadata()
	assert.Nil(t, m.Page)
	assert.EqualValues(t, 1, *m.FirstRow)
	assert.Equal(t, CountNone, r.Resolved().Count)
	links := first.On(Base{})
	assert.Equal(t, Steps{Self: "?sort=tonnage&page=9", Next: "?sort=tonnage&page=9&after=" + first.Cursors().After}, links.Steps(), "page is a parameter like any other")
	assert.Empty(t, links.Ladder())
	assert.Equal(t, "?sort=tonnage&page=9&row=41", links.Page(3))
	assert.Equal(t, "row", links.jumpForm().Param)

	at := seen(t, r, "row=41", 20, true)
	assert.Equal(t, "?row=41", at.On(Base{}).Steps().Self)
	assert.Equal(t, "?before="+at.Cursors().Before, at.On(Base{}).Steps().Prev)
	assert.True(t, at.Metadata().IsLast)
	counted := settle(t, r, "row=41", Exact(45))
	assert.Equal(t, 5, counted.Fetch())
	assert.Equal(t, "41–45 of 45", counted.Metadata().Summary)
	_, err := r.Convert("row=41", named())
	assert.ErrorContains(t, err, "cursor")
}
