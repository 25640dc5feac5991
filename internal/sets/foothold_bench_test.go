package sets_test

import (
	"io"
	"testing"

	"github.com/jackc/pgx/v5"
	"github.com/stretchr/testify/require"

	"pageladder.example/demo"
	"pageladder.example/internal/sets"
	"pageladder.example/internal/testkit"
)

// BenchmarkFootholds builds the footholds of 300,000 tides, against a pass that
// numbers the rows of the same order.
func BenchmarkFootholds(b *testing.B) {
	const records = 300_000
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
	} {
		b.Run(sort.name+"/footholds", func(b *testing.B) {
			bytes := 0
			for b.Loop() {
				_, bytes, err = store.BuildFootholds(b.Context(), "tides", sort.query)
				require.NoError(b, err)
			}
			b.ReportMetric(float64(bytes)*1e6/records, "bytes/million")
		})
		b.Run(sort.name+"/row_number", func(b *testing.B) {
			for b.Loop() {
				_, err := conn.Exec(b.Context(), "select count(*) from (select row_number() over (order by "+sort.order+") n from pageladder."+table+" offset 0) numbered where n % 100 = 0")
				require.NoError(b, err)
			}
		})
	}
}
