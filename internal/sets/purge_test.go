package sets_test

import (
	"bytes"
	"context"
	"fmt"
	"os/exec"
	"strings"
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

// keyed are keys of every type: as a caller writes the key, and as it is found in a dump.
var keyed = []struct {
	types  []value.Type
	key    []string
	other  []string // of a record that stays
	dumped string   // "": too common to look for
}{
	{[]value.Type{value.Text}, []string{`qu"ay <é> t`}, []string{"t"}, `qu"ay <é> t`},
	{[]value.Type{value.Integer}, []string{"+7300123"}, []string{"1"}, "7300123"},
	{[]value.Type{value.BigInteger}, []string{"7300123456789012345"}, []string{"-1"}, "7300123456789012345"},
	{[]value.Type{value.Decimal}, []string{"73.00125"}, []string{"0.5"}, "73.00125"},
	{[]value.Type{value.BigDecimal}, []string{"73001234.5678901234567890"}, []string{"0.5"}, "73001234.567890123456789"},
	{[]value.Type{value.Boolean}, []string{"true"}, []string{"false"}, ""},
	{[]value.Type{value.Date}, []string{"2031-07-23"}, []string{"2026-01-01"}, "2031-07-23"},
	{[]value.Type{value.Time}, []string{"2031-07-23T09:41:07.25+02:00"}, []string{"2026-01-01"}, "2031-07-23 07:41:07.25"},
	{[]value.Type{value.Boolean, value.Time, value.Text}, []string{"false", "2031-07-23T07:41:07Z", "<t>"}, []string{"true", "2031-07-23T07:41:08Z", "<t>"}, "2031-07-23 07:41:07+"},
}

// A record is withdrawn, restored and purged by its key, of whatever type. After a purge nothing in the
// database has its values: no table, no log, no list of withdrawn records, whichever was read meanwhile.
func TestRecordsOfEveryKeyAreWithdrawnRestoredAndPurged(t *testing.T) {
	const note = "Purge-Me-Entirely"
	address := testkit.DatabaseURL(t)
	store, err := sets.Open(t.Context(), address)
	require.NoError(t, err)
	t.Cleanup(store.Close)
	dump := func() string {
		out, err := exec.CommandContext(t.Context(), "pg_dump", "--no-owner", address).Output()
		require.NoError(t, err)
		return string(out)
	}
	for n, c := range keyed {
		name := fmt.Sprint("keyed", n)
		fields, header := []intake.Field{{Name: "note", Type: value.Text}}, "note"
		rules := rulesfile.Of(paging.Rules{Sorts: []paging.SortKey{{Key: "note"}}, Filters: []paging.FilterRule{{Field: "note"}}, Search: []string{"note"}})
		row, other := note, "stays"
		for i, t := range c.types {
			field := fmt.Sprint("k", i)
			fields, rules.Key, header = append(fields, intake.Field{Name: field, Type: t}), append(rules.Key, field), header+","+field
			canonical, _ := t.Canonical(c.key[i])
			row += `,"` + strings.ReplaceAll(canonical, `"`, `""`) + `"`
			canonical, _ = t.Canonical(c.other[i])
			other += `,"` + canonical + `"`
		}
		load := func() {
			require.NoError(t, store.LoadCSV(t.Context(), sets.Draft{Name: name, Label: name, Fields: fields, Rules: rules}, strings.NewReader(header+"\n"+row+"\n"+other+"\n")))
		}
		revision := func() sets.Revision {
			t.Helper()
			_, _, revision, err := store.Record(t.Context(), sets.Request{Set: name, Visibility: sets.All}, c.key)
			require.NoError(t, err, name)
			return revision
		}
		load()
		load() // over a table that is replaced
		for range 2 {
			_, err = store.Withdraw(t.Context(), name, c.key, revision())
			require.NoError(t, err, name)
			_, _, _, err = store.Record(t.Context(), sets.Request{Set: name, Visibility: sets.All}, c.key)
			require.ErrorIs(t, err, sets.ErrNoRecord)
			_, err = store.Restore(t.Context(), name, c.key)
			require.NoError(t, err, "%s: it is found again", name)
			_, err = store.Restore(t.Context(), name, c.key)
			require.ErrorIs(t, err, sets.ErrNoRecord)
		}
		again := note + " again"
		_, err = store.Change(t.Context(), name, c.key, revision(), sets.Values{"note": &again})
		require.NoError(t, err)
		if n%2 == 0 {
			_, err = store.Withdraw(t.Context(), name, c.key, revision())
			require.NoError(t, err)
			_, err = store.Purge(t.Context(), name, c.key, "")
		} else {
			_, err = store.Purge(t.Context(), name, c.key, revision())
		}
		require.NoError(t, err, name)
		all := dump()
		assert.NotContains(t, all, note, name)
		if c.dumped != "" {
			assert.NotContains(t, all, c.dumped, name)
			assert.NotContains(t, all, strings.Replace(c.dumped, " ", "T", 1), name)
		}
		assert.Contains(t, all, "stays")
		_, err = store.Purge(t.Context(), name, c.key, "")
		assert.ErrorIs(t, err, sets.ErrNoRecord)
	}
}

// A table that an import has replaced may still be read. A purged record is not in it all the same,
// and the reader reads on.
func TestPurgedRecordsAreInNoTableThatIsStillRead(t *testing.T) {
	address := testkit.DatabaseURL(t)
	store, err := sets.Open(t.Context(), address)
	require.NoError(t, err)
	t.Cleanup(store.Close)
	var csv bytes.Buffer
	csv.WriteString("id,note\n")
	for n := range 5_000 {
		fmt.Fprintf(&csv, "%d,%s\n", n, strings.Repeat("Secret-Of-", 20))
	}
	fields := []intake.Field{{Name: "id", Type: value.Integer}, {Name: "note", Type: value.Text}}
	load := func() {
		require.NoError(t, store.LoadCSV(t.Context(), sets.Draft{Name: "kept", Label: "Kept", Fields: fields, Rules: rulesfile.Of(paging.Rules{Key: []string{"id"}})}, bytes.NewReader(csv.Bytes())))
	}
	load()
	began, goOn, received := make(chan struct{}), make(chan struct{}), 0
	done := make(chan error, 1)
	go func() {
		done <- store.Stream(context.Background(), sets.Request{Set: "kept"}, func(*sets.Set, int64, []intake.Field, paging.Ask) error { return nil }, func(sets.Record) error {
			if received++; received == 1 {
				close(began)
				<-goOn
			}
			return nil
		})
	}()
	<-began
	csv.Reset()
	csv.WriteString("id,note\n1,Secret-Of-now\n2,other\n")
	load()
	_, _, revision, err := store.Record(t.Context(), sets.Request{Set: "kept", Visibility: sets.All}, []string{"1"})
	require.NoError(t, err)
	_, err = store.Purge(t.Context(), "kept", []string{"1"}, revision)
	require.NoError(t, err)
	out, err := exec.CommandContext(t.Context(), "pg_dump", "--data-only", address).Output()
	require.NoError(t, err)
	assert.NotContains(t, string(out), "Secret-Of-")
	close(goOn)
	require.NoError(t, <-done)
	assert.Equal(t, 5_000, received, "its snapshot is whole")
}

// Keys of withdrawn records that earlier versions stored as PostgreSQL writes them are found again.
func TestKeysOfWithdrawnRecordsAreMadeCanonical(t *testing.T) {
	address := testkit.DatabaseURL(t)
	store, err := sets.Open(t.Context(), address)
	require.NoError(t, err)
	fields := []intake.Field{{Name: "at", Type: value.Time}, {Name: "ok", Type: value.Boolean}, {Name: "note", Type: value.Text}}
	require.NoError(t, store.LoadCSV(t.Context(), sets.Draft{Name: "keyed", Label: "Keyed", Fields: fields, Rules: rulesfile.Of(paging.Rules{Key: []string{"at", "ok", "note"}})}, strings.NewReader("at,ok,note\n")))
	for stored, note := range map[string]string{`["2026-03-01 07:09:00+00","t","a<b"]`: "a<b", `["2026-03-01 07:09:00.5+00","f","b"]`: "b", `["2026-03-01T07:09:00Z","true","twice"]`: "twice", `["2026-03-01 07:09:00+00","t","twice"]`: "twice"} {
		_, err := store.Pool().Exec(t.Context(), "insert into pageladder.withdrawn (set_name, key, revision, record, at) values ('keyed', $1::text, 5, jsonb_build_object('at', $1::text::json->>0, 'ok', $1::text::json->>1, 'note', $2::text), now())", stored, note)
		require.NoError(t, err)
		time.Sleep(time.Millisecond)
	}
	store.Close()
	for range 2 {
		store, err = sets.Open(t.Context(), address)
		require.NoError(t, err)
		defer store.Close()
	}
	for _, key := range [][]string{{"2026-03-01T07:09:00Z", "true", "a<b"}, {"2026-03-01T08:09:00.5+01:00", "false", "b"}, {"2026-03-01T07:09:00Z", "true", "twice"}} {
		_, err = store.Restore(t.Context(), "keyed", key)
		require.NoError(t, err, key)
	}
	var left int
	require.NoError(t, store.Pool().QueryRow(t.Context(), "select count(*) from pageladder.withdrawn").Scan(&left))
	assert.Zero(t, left)
}

// No service remembers anything of a purged record: its values may be among those that a page
// begins at, or in a facet.
func TestServicesForgetPurgedRecords(t *testing.T) {
	m := newModel(t, 200)
	for _, store := range m.services {
		_, _, err := store.BuildFootholds(t.Context(), "changing", "sort=name")
		require.NoError(t, err)
		tracks, _ := store.Footholds()
		require.Positive(t, tracks)
	}
	_, _, revision, err := m.services[0].Record(t.Context(), sets.Request{Set: "changing", Visibility: sets.All}, []string{"10"})
	require.NoError(t, err)
	_, err = m.services[0].Purge(t.Context(), "changing", []string{"10"}, revision)
	require.NoError(t, err)
	tracks, _ := m.services[0].Footholds()
	assert.Zero(t, tracks, "whoever has purged it has forgotten it by then")
	for _, store := range m.services {
		testkit.Eventually(t, func() bool { tracks, _ := store.Footholds(); return tracks == 0 }, "it is forgotten")
	}
}

// A table whose index is being built concurrently is let go of before that commits.
func TestATableThatHasJustBeenIndexedIsDroppedLater(t *testing.T) {
	address := testkit.DatabaseURL(t)
	store, err := sets.Open(t.Context(), address)
	require.NoError(t, err)
	t.Cleanup(store.Close)
	conn, err := pgx.Connect(t.Context(), address)
	require.NoError(t, err)
	defer conn.Close(context.WithoutCancel(t.Context()))
	for range 5 {
		for range 2 {
			require.NoError(t, store.LoadCSV(t.Context(), ledger(), strings.NewReader(ledgerCSV)))
		}
		store.Indexed()
		indexing, err := conn.Begin(t.Context()) // as the last step of an index does
		require.NoError(t, err)
		tag, err := indexing.Exec(t.Context(), "update pg_index set indisvalid = true where indrelid in (select to_regclass('pageladder.' || record_table) from pageladder.replaced_table)")
		require.NoError(t, err)
		require.Positive(t, tag.RowsAffected())
		done, read := make(chan error, 1), revision(t, store, "ledger", "1")
		go func() {
			_, err := store.Purge(t.Context(), "ledger", []string{"1"}, read)
			done <- err
		}()
		testkit.Eventually(t, func() bool {
			var waits bool
			err := indexing.QueryRow(t.Context(), "select exists (select from pg_locks where locktype = 'transactionid' and not granted)").Scan(&waits)
			return err == nil && waits || len(done) > 0
		}, "the purge waits for that")
		require.NoError(t, indexing.Commit(t.Context()))
		require.NoError(t, <-done)
	}
}
