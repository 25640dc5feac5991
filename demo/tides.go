package demo

import (
	"bufio"
	"fmt"
	"io"
	"math/rand/v2"
	"time"

	"pageladder.example/internal/intake"
	"pageladder.example/internal/sets"
	"pageladder.example/paging"
	"pageladder.example/paging/rulesfile"
	"pageladder.example/paging/value"
)

// Tides is a generated set, as many records as asked for: readings of the
// harbour's tide gauges, with ties and missing values.
func Tides() sets.Draft {
	return sets.Draft{
		Name: "tides", Label: "Tides",
		Fields: []intake.Field{
			{Name: "id", Label: "No.", Type: value.Integer},
			{Name: "gauge", Label: "Gauge", Type: value.Text},
			{Name: "read_at", Label: "Read", Type: value.Time},
			{Name: "height_cm", Label: "Height (cm)", Type: value.Integer},
			{Name: "pressure_hpa", Label: "Pressure (hPa)", Type: value.Decimal},
			{Name: "checked", Label: "Checked", Type: value.Boolean},
			{Name: "remark", Label: "Remark", Type: value.Text},
		},
		Rules: rulesfile.Of(paging.Rules{
			Key:         []string{"id"},
			Sorts:       []paging.SortKey{{Key: "id"}, {Key: "read_at", First: paging.Descending}, {Key: "height_cm", First: paging.Descending}},
			DefaultSort: "id",
			Filters: []paging.FilterRule{
				{Field: "gauge", Operators: []paging.Operator{paging.Equals}}, {Field: "height_cm", Type: value.Integer}, {Field: "checked", Type: value.Boolean},
			},
			Unknown: paging.UnknownNoted, Repeat: "list",
			Params: paging.Params{After: "after", Before: "before"},
		}),
	}
}

// WriteTides writes n readings as CSV, the same ones each time.
func WriteTides(w io.Writer, n int) error {
	r := rand.New(rand.NewPCG(1, 2))
	remarks := []string{"", "", "", "", "swell", "ice at the gauge", "déphasage", "read by hand"}
	out := bufio.NewWriterSize(w, 1<<16)
	out.WriteString("id,gauge,read_at,height_cm,pressure_hpa,checked,remark\n")
	at := time.Date(1990, 1, 1, 0, 0, 0, 0, time.UTC)
	for id := 1; id <= n; id++ {
		at = at.Add(time.Duration(r.IntN(120)) * time.Second)
		height := ""
		if r.IntN(50) > 0 {
			height = fmt.Sprint(r.IntN(900) - 120)
		}
		fmt.Fprintf(out, "%d,gauge %d,%s,%s,%d.%d,%t,%s\n", id, 1+r.IntN(40), at.Format(time.RFC3339), height,
			960+r.IntN(80), r.IntN(10), r.IntN(3) > 0, remarks[r.IntN(len(remarks))])
	}
	return out.Flush()
}
