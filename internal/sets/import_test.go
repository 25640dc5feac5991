package sets_test

import (
	"bytes"
	"context"
	"crypto/sha256"
	"fmt"
	"io"
	"os"
	"os/exec"
	"path/filepath"
	"strings"
	"sync"
	"syscall"
	"testing"
	"time"

	"github.com/jackc/pgx/v5"
	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"pageladder.example/internal/intake"
	"pageladder.example/internal/postgres"
	"pageladder.example/internal/sets"
	"pageladder.example/internal/soak"
	"pageladder.example/internal/testkit"
	"pageladder.example/paging"
	"pageladder.example/paging/rulesfile"
	"pageladder.example/paging/value"
)

func csvImport(file string) sets.Import {
	return sets.Import{Name: "boats", Source: strings.NewReader(file), Options: intake.Options{Format: intake.CSV}}
}

func TestImportOffersEveryField(t *testing.T) {
	store := testkit.Store(t)
	file := "No.,Name,Crew\n1,Gull,5\n2,Petrel,\n3,Tern,12345678901234567890\n"
	set, plan, err := store.Import(t.Context(), csvImport(file))
	require.NoError(t, err)
	store.Indexed()
	assert.EqualValues(t, 3, set.Records)
	assert.Equal(t, []string{"no"}, plan.Key)
	page, err := store.Page(t.Context(), sets.Request{Set: "boats", Query: "sort=-crew&crew.min=5&name.not=Tern&q=gul"})
	require.NoError(t, err)
	assert.Equal(t, []map[string]any{{"no": 1.0, "name": "Gull", "crew": "5"}}, recordsOf(t, page), "a big integer is a string")
	states, err := store.Indexes(t.Context(), "boats")
	require.NoError(t, err)
	assert.Len(t, states, 3) // name, crew, and the search
	for _, s := range states {
		assert.True(t, s.Ready, s.Definition)
	}

	// Again, with other records: the rules that were set stay.
	set.Rules.DefaultSort = "-name"
	_, _, err = store.Import(t.Context(), sets.Import{Name: "boats", Source: strings.NewReader(file), Options: intake.Options{Format: intake.CSV}, Rules: set.Rules})
	require.NoError(t, err)
	again, _, err := store.Import(t.Context(), csvImport("no,name,crew\n7,Heron,1\n"))
	require.NoError(t, err)
	assert.Equal(t, "-name", again.Rules.DefaultSort)
	assert.EqualValues(t, 3, again.Version)
}

// An import that is sent again may find only as it begins to write that the first attempt has just been written.
func TestAnImportThatWasWrittenMeanwhileIsNotWrittenAgain(t *testing.T) {
	url := testkit.DatabaseURL(t)
	store, err := sets.Open(t.Context(), url)
	require.NoError(t, err)
	defer store.Close()
	in := csvImport("no,name\n1,Gull\nx,Tern\n")
	var aside bytes.Buffer
	in.New, in.Aside, in.Hash, in.Options.Types = true, &aside, sha256.New(), map[string]value.Type{"no": value.Integer}
	write := &sets.Once{Caller: "1", Key: "boats", Digest: sha256.Sum256([]byte("no,name\n1,Gull\nx,Tern\n"))}
	conn, err := pgx.Connect(t.Context(), url)
	require.NoError(t, err)
	defer conn.Close(context.Background())
	first, err := conn.Begin(t.Context())
	require.NoError(t, err)
	_, err = first.Exec(t.Context(), "lock table pageladder.replaced_table") // which is swept between the two looks
	require.NoError(t, err)
	var again sync.WaitGroup
	again.Go(func() {
		set, plan, err := store.Import(write.With(t.Context()), in)
		if assert.NoError(t, err) {
			assert.Nil(t, set, "it is not there any more")
			assert.Equal(t, []string{"no"}, plan.Key)
		}
	})
	testkit.Eventually(t, func() bool {
		waits, err := postgres.Int(t.Context(), first, "select count(*) from pg_locks where not granted and relation = 'pageladder.replaced_table'::regclass")
		return err == nil && waits == 1
	}, "the second attempt waits")
	require.NoError(t, write.End(t.Context(), first, 1, ""))
	require.NoError(t, first.Commit(t.Context()))
	again.Wait()
	assert.Equal(t, 1, strings.Count(aside.String(), "Tern"), aside.String())
	_, err = store.Get(t.Context(), "boats")
	assert.ErrorIs(t, err, sets.ErrNoSet)
}

func TestImportThatIsRefusedKeepsNothing(t *testing.T) {
	store := testkit.Store(t)
	_, _, err := store.Import(t.Context(), csvImport("no,name\n1,Gull\n2\n"))
	var bad *intake.BadRows
	require.ErrorAs(t, err, &bad)
	_, err = store.Get(t.Context(), "boats")
	assert.ErrorIs(t, err, sets.ErrNoSet)

	in := csvImport("no,name\n1,Gull\n2\n3,Tern\n")
	var aside bytes.Buffer
	in.Aside = &aside
	set, _, err := store.Import(t.Context(), in)
	require.NoError(t, err)
	assert.EqualValues(t, 2, set.Records)
	assert.Contains(t, aside.String(), "3,\"1 cell,")

	in = csvImport("no,name\n1,Gull\n1,Tern\n")
	in.Options.Key = []string{"no"}
	_, _, err = store.Import(t.Context(), in)
	assert.ErrorContains(t, err, "the key no stands in two records")
	in = csvImport("no,name\n1,Gull\n")
	in.BytesLimit = 5
	_, _, err = store.Import(t.Context(), in)
	assert.ErrorIs(t, err, sets.ErrTooLarge)
	in = csvImport("no,name\n1,Gull\n")
	in.Rules = rulesfile.Of(paging.Rules{Key: []string{"id"}})
	_, _, err = store.Import(t.Context(), in)
	assert.ErrorContains(t, err, "the rules do not fit the set's fields")
	still, err := store.Get(t.Context(), "boats")
	require.NoError(t, err)
	assert.EqualValues(t, 1, still.Version, "what is refused changes nothing")
}

// Of two imports that make a set of the same name, one learns that the name is taken.
func TestOneOfTwoNewSetsOfANameIsMade(t *testing.T) {
	store := testkit.Store(t)
	for round := range 5 {
		name := fmt.Sprint("boats_", round)
		results := make(chan error, 4)
		for n := range 4 {
			in := csvImport(fmt.Sprintf("no,name\n%d,Gull\n", n))
			in.Name, in.New = name, true
			go func() { _, _, err := store.Import(t.Context(), in); results <- err }()
		}
		requests := 0
		for range 4 {
			if err := <-results; err == nil {
				requests++
			} else {
				assert.ErrorIs(t, err, sets.ErrSetTaken)
			}
		}
		assert.Equal(t, 1, requests)
	}
}

// importerEnv makes this test binary an importer: it serves a private PostgreSQL
// and imports into it over and over, until it is killed.
const importerEnv = "PAGELADDER_TEST_IMPORTER"

func importer(dir string) error {
	ctx := context.Background()
	server, err := postgres.Start(ctx, postgres.Options{Dir: dir})
	if err != nil {
		return err
	}
	store, err := sets.Open(ctx, server.URL())
	if err != nil {
		return err
	}
	for version := 1; ; version++ {
		var file strings.Builder
		file.WriteString("no,version\n")
		for n := range 5000 + version {
			fmt.Fprintf(&file, "%d,%d\n", n, version)
		}
		if _, _, err := store.Import(ctx, csvImport(file.String())); err != nil {
			return err
		}
		fmt.Println(version)
	}
}

func TestImportsAreAllOrNothingWhenKilled(t *testing.T) {
	dir, spool := testkit.DataDir(t), t.TempDir()
	for kill := range soak.Or(8, 100) {
		cmd := exec.Command(os.Args[0])
		cmd.Env = append(os.Environ(), importerEnv+"="+dir, "TMPDIR="+spool)
		out, err := cmd.StdoutPipe()
		require.NoError(t, err)
		cmd.Stderr = os.Stderr
		require.NoError(t, cmd.Start())
		_, err = out.Read(make([]byte, 16)) // the first import of this run is whole
		require.NoError(t, err)
		go io.Copy(io.Discard, out)
		time.Sleep(time.Duration(kill*7919%97) * time.Millisecond) // a moment within a later one
		victim := cmd.Process.Pid
		if kill%2 == 1 { // PostgreSQL, and then its service
			text, err := os.ReadFile(filepath.Join(dir, "postgres", "postmaster.pid"))
			require.NoError(t, err)
			var postmaster int
			fmt.Sscan(string(text), &postmaster)
			require.NoError(t, syscall.Kill(postmaster, syscall.SIGKILL))
		}
		require.NoError(t, syscall.Kill(victim, syscall.SIGKILL))
		cmd.Wait()
	}

	server, err := postgres.Start(t.Context(), postgres.Options{Dir: dir})
	require.NoError(t, err)
	defer server.Stop()
	conn, err := pgx.Connect(t.Context(), server.URL())
	require.NoError(t, err)
	defer conn.Close(t.Context())
	_, err = conn.Exec(t.Context(), "update pageladder.replaced_table set since = since - interval '1 hour'")
	require.NoError(t, err)
	store, err := sets.Open(t.Context(), server.URL())
	require.NoError(t, err)
	defer store.Close()
	set, err := store.Get(t.Context(), "boats")
	require.NoError(t, err)
	seen := int64(0)
	for number := 1; ; number++ {
		page, err := store.Page(t.Context(), sets.Request{Set: "boats", Query: fmt.Sprintf("size=100&page=%d", number)})
		require.NoError(t, err)
		for _, r := range page.Records {
			require.Equal(t, string(page.Records[0][1]), string(r[1]), "one version, whole")
			seen++
		}
		if page.Settled.Metadata().IsLast {
			break
		}
	}
	assert.Equal(t, set.Records, seen)
	assert.Positive(t, seen)
	var tables int
	require.NoError(t, conn.QueryRow(t.Context(), "select count(*) from pg_tables where schemaname = 'pageladder' and tablename ~ '^records_'").Scan(&tables))
	assert.Equal(t, 1, tables, "leftovers are swept at the start")
	var lost int
	require.NoError(t, conn.QueryRow(t.Context(), `select count(*) from pg_database d, pg_ls_dir('base/' || d.oid) file
		where d.datname = current_database() and (pg_stat_file('base/' || d.oid || '/' || file, true)).size > 0 and file ~ '^[0-9]+' and pg_filenode_relation(0, substring(file from '^[0-9]+')::oid) is null`).Scan(&lost))
	assert.Zero(t, lost, "no file of a half-loaded table is left")
	left, err := os.ReadDir(spool)
	require.NoError(t, err)
	assert.Empty(t, left, "no spooled file is left")
}
