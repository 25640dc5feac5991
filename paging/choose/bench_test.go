package choose_test

import (
	"cmp"
	"fmt"
	"math/rand/v2"
	"slices"
	"strconv"
	"strings"
	"testing"

	"github.com/stretchr/testify/require"
	"golang.org/x/text/collate"
	"golang.org/x/text/language"

	"pageladder.example/paging"
	"pageladder.example/paging/choose"
	"pageladder.example/paging/value"
)

// arrival is a record as a developer has it.
type arrival struct {
	id            int64
	vessel, berth string
	tons          int64
}

func (a *arrival) field(name string) choose.Value {
	switch name {
	case "vessel":
		return choose.Value{Type: value.Text, Text: a.vessel}
	case "berth":
		return choose.Value{Type: value.Text, Text: a.berth}
	case "tons":
		return choose.Integer(a.tons)
	}
	return choose.Integer(a.id)
}

// BenchmarkPage cuts a page of 100,000 records, against the filter and the sort that a
// developer writes by hand for that one question, with the same collator.
func BenchmarkPage(b *testing.B) {
	random := rand.New(rand.NewPCG(1, 2))
	list := make([]arrival, 100_000)
	for i := range list {
		name := fmt.Sprintf("%s %s %d", []string{"Øst", "north", "Grey", "Little"}[random.IntN(4)], []string{"Gull", "tern", "Äolus", "Skua"}[random.IntN(4)], random.IntN(20_000))
		list[i] = arrival{id: int64(i), vessel: name, berth: "N" + strconv.Itoa(random.IntN(4)), tons: random.Int64N(5_000)}
	}
	rules := &paging.Rules{
		Key: []string{"id"}, Sorts: []paging.SortKey{{Key: "vessel"}, {Key: "tons"}, {Key: "id"}},
		Filters: []paging.FilterRule{{Field: "berth"}, {Field: "tons", Type: value.Integer}, {Field: "id", Type: value.Integer}},
	}
	collator := collate.New(language.Und)
	for _, c := range []struct {
		query   string
		keep    func(a *arrival) bool
		compare func(a, b arrival) int
	}{
		{"sort=vessel", func(*arrival) bool { return true },
			func(a, b arrival) int {
				return cmp.Or(collator.CompareString(a.vessel, b.vessel), cmp.Compare(a.id, b.id))
			}},
		{"sort=vessel&berth=N1", func(a *arrival) bool { return a.berth == "N1" },
			func(a, b arrival) int {
				return cmp.Or(collator.CompareString(a.vessel, b.vessel), cmp.Compare(a.id, b.id))
			}},
		{"sort=-tons&tons.min=1000&page=2000", func(a *arrival) bool { return a.tons >= 1000 },
			func(a, b arrival) int { return cmp.Or(-cmp.Compare(a.tons, b.tons), -cmp.Compare(a.id, b.id)) }},
		{"sort=-tons&tons.min=1000", func(a *arrival) bool { return a.tons >= 1000 },
			func(a, b arrival) int { return cmp.Or(-cmp.Compare(a.tons, b.tons), -cmp.Compare(a.id, b.id)) }},
	} {
		query := c.query
		if !strings.Contains(query, "page") {
			query += "&page=3"
		}
		ask, err := rules.Read(query)
		require.NoError(b, err)
		page, err := ask.Settle(paging.Exact(int64(len(list))))
		require.NoError(b, err)
		from := page.Offset()
		var ours, byHand []arrival
		b.Run("ours/"+c.query, func(b *testing.B) {
			for b.Loop() {
				_, ours, err = choose.Page(list, ask, (*arrival).field)
			}
		})
		require.NoError(b, err)
		b.Run("by hand/"+c.query, func(b *testing.B) {
			for b.Loop() {
				var found []arrival
				for i := range list {
					if c.keep(&list[i]) {
						found = append(found, list[i])
					}
				}
				slices.SortFunc(found, c.compare)
				byHand = found[from : from+20]
			}
		})
		if ours != nil && byHand != nil {
			require.Equal(b, byHand, ours)
		}
	}
}
