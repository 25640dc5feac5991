package source_test

import (
	"context"
	"errors"
	"net/url"
	"testing"
	"time"

	"github.com/jackc/pgx/v5"
	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"pageladder.example/internal/sets/source"
	"pageladder.example/internal/testkit"
)

func TestMain(m *testing.M) { testkit.WithPostgres(m) }

// States are written once, however often that is tried, and the last ones when the service stops.
func TestStatesAreWrittenDown(t *testing.T) {
	store := testkit.Store(t)
	running, stop := context.WithCancel(t.Context())
	all := source.NewNumbers(store.Pool(), running)
	require.NoError(t, all.Begin(t.Context()))
	numbers, err := all.WriteTwice(t.Context(), "boats", 50)
	require.NoError(t, err)
	last, err := all.Note("boats")
	require.NoError(t, err)
	stop()
	all.Write()
	var written []int64
	require.NoError(t, store.Pool().QueryRow(t.Context(), "select array_agg(number order by number) from pageladder.mark where record_set = 'boats' and saw = '{\"Started\":\"\",\"Standby\":false,\"Xmin\":5,\"Xmax\":7,\"Listed\":[6]}' or number = $1", last).Scan(&written))
	assert.Equal(t, append(numbers, last), written)
}

// A slow source holds its own readers up, and no others.
func TestEachDatabaseHasTurnsOfItsOwn(t *testing.T) {
	all := source.NewSources(source.Options{})
	require.NoError(t, all.Add("slow", "postgres://reader@127.0.0.1:1/none"))
	require.NoError(t, all.Add("quick", "postgres://reader@127.0.0.1:1/none"))
	slow, err := all.Database("slow")
	require.NoError(t, err)
	quick, err := all.Database("quick")
	require.NoError(t, err)
	for range source.FarAtOnce {
		require.NoError(t, slow.Making().Take(t.Context()))
	}
	done := make(chan struct{})
	go func() {
		defer close(done)
		for range source.FarAtOnce {
			quick.Making().Take(t.Context())
		}
	}()
	select {
	case <-done:
	case <-time.After(time.Minute):
		t.Fatal("others wait")
	}
}

// A source is found to be behind a pooler while a connection of before is still used: readers do not
// wait until that one is given back.
func TestReadersDoNotWaitForConnectionsOfBefore(t *testing.T) {
	admin, err := url.Parse(testkit.DatabaseURL(t))
	require.NoError(t, err)
	conn, err := pgx.Connect(t.Context(), admin.String())
	require.NoError(t, err)
	role := "reader_" + admin.Path[1:]
	_, err = conn.Exec(t.Context(), "create role "+role+" login password '"+testkit.Quick("x")+"'")
	require.NoError(t, err)
	require.NoError(t, conn.Close(t.Context()))
	admin.User = url.UserPassword(role, "x")
	reader := admin.String()
	direct, err := url.Parse(reader)
	require.NoError(t, err)
	pooler, err := url.Parse(testkit.Pooler(t, direct))
	require.NoError(t, err)
	line := testkit.NewLine(t, reader)
	db, err := source.NewDatabase(line.URL)
	require.NoError(t, err)
	defer db.Close()
	used, err := db.Unreached(t.Context())
	require.NoError(t, err)
	held, err := used.Acquire(t.Context())
	require.NoError(t, err)
	line.Lay(pooler.Host)

	read := make(chan error, 1)
	go func() {
		_, err := db.Connect(t.Context())
		read <- err
	}()
	select {
	case err = <-read:
	case <-time.After(time.Minute):
		err = errors.New("the reader waits")
	}
	held.Release()
	require.NoError(t, err)
}
