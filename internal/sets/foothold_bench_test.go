package sets_test

import (
	"io"
	"slices"
	"testing"
	"time"

	"github.com/jackc/pgx/v5"
	"github.com/stretchr/testify/require"

	"pageladder.example/demo"
	"pageladder.example/internal/sets"
	"pageladder.example/internal/testkit"
)

// BenchmarkFootholds builds the footholds of a million tides, against a pass that
// numbers the rows of the same order.
func BenchmarkFootholds(b *testing.B) {
	const records = 1_000_000
	url := testkit.DatabaseURL(b)
	store, err := sets.Open(b.Context(), url)
	require.NoError(b, err)
	defer store.Close()
	from, to := io.Pipe()
	go func() { to.CloseWithError(demo.WriteTides(to, records)) }()
	require.NoError(b, store.LoadCSV(b.Context(), demo.Tides(), from))
	store.Indexed()
	conn, err := pgx.Connect(b.Context(), url)
	require.NoError(b, err)
	defer conn.Close(b.Context())
	var table string
	require.NoError(b, conn.QueryRow(b.Context(), "select record_table from pageladder.record_set").Scan(&table))
	for _, sort := range []struct{ name, query, order string }{
		{"id", "sort=id", "id"},
		{"height_cm descending", "sort=-height_cm", "height_cm desc nulls last, id desc"},
		{"read_at", "sort=read_at", "read_at nulls last, id"},
	} {
		b.Run(sort.name, func(b *testing.B) {
			var ours, passes, ratios []float64
			bytes := 0
			for b.Loop() { // in pairs, since the machine's speed drifts
				began := time.Now()
				_, bytes, err = store.BuildFootholds(b.Context(), "tides", sort.query)
				require.NoError(b, err)
				built := time.Now()
				_, err := conn.Exec(b.Context(), "select count(*) from (select row_number() over (order by "+sort.order+") n from pageladder."+table+" offset 0) numbered where n % 20 = 0")
				require.NoError(b, err)
				ours = append(ours, built.Sub(began).Seconds())
				passes = append(passes, time.Since(built).Seconds())
				ratios = append(ratios, ours[len(ours)-1]/passes[len(passes)-1])
			}
			b.ReportMetric(0, "ns/op") // of both: decides nothing
			b.ReportMetric(1000*median(ours), "ms-footholds")
			b.ReportMetric(1000*median(passes), "ms-row_number")
			b.ReportMetric(median(ratios), "ratio")
			b.ReportMetric(float64(bytes)*1e6/records, "bytes/million")
		})
	}
}

func median(of []float64) float64 {
	slices.Sort(of)
	return of[len(of)/2]
}
