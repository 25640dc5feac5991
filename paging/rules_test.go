package paging

import (
	"fmt"
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"
	"pgregory.net/rapid"
)

func TestBothAddressingsGiveTheSamePages(t *testing.T) {
	byPage, byOffset := &Rules{}, &Rules{Addressing: ByOffset, Size: SizeRules{Default: 50}}
	rapid.Check(t, func(t *rapid.T) {
		size := rapid.IntRange(1, 100).Draw(t, "size")
		total := Exact(rapid.Int64Range(1, 100_000).Draw(t, "total"))
		number := rapid.Int64Range(1, total.pages(size)).Draw(t, "page")
		query := fmt.Sprintf("a=1&page=%d&b=%%20+&size=%d", number, size)
		if rapid.Bool().Draw(t, "defaults") {
			query = fmt.Sprintf("page=%d", min(number, total.pages(defaultSize)))
		}
		offsets, err := byPage.Convert(query, byOffset)
		require.NoError(t, err)
		back, err := byOffset.Convert(offsets, byPage)
		require.NoError(t, err)

		var pages []Page
		for _, c := range []struct {
			rules *Rules
			query string
		}{{byPage, query}, {byOffset, offsets}, {byPage, back}} {
			ask, err := c.rules.Read(c.query)
			require.NoError(t, err)
			page, err := ask.Settle(total)
			require.NoError(t, err)
			require.Empty(t, page.Ask().Adjusted())
			pages = append(pages, page)
		}
		for _, p := range pages[1:] {
			require.Equal(t, pages[0].in().current(), p.in().current())
			require.Equal(t, pages[0].Offset(), p.Offset())
			require.Equal(t, pages[0].Size(), p.Size())
			require.Equal(t, draw(pages[0].in().rungs()), draw(p.in().rungs()))
		}
	})
	text, err := byPage.Convert("x=1&page=3&y=2&row=7", byOffset)
	require.NoError(t, err)
	assert.Equal(t, "x=1&offset=40&y=2&limit=20", text)
	text, err = byPage.Convert("row=61", byOffset)
	require.NoError(t, err)
	assert.Equal(t, "limit=20&offset=60", text)
	_, err = (&Rules{Addressing: ByOffset, OffsetAsIs: true}).Convert("offset=5", byPage)
	assert.ErrorContains(t, err, "no page begins there")
}
