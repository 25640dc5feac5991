package sets_test

import (
	"context"
	"sync"
	"testing"
	"time"

	"github.com/jackc/pgx/v5"
	"github.com/jackc/pgx/v5/pgxpool"
	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"pageladder.example/internal/postgres"
	"pageladder.example/internal/testkit"
)

// A commit that waits for a standby which does not answer is left to itself: who wrote waits only so long, and neither that nor
// their leaving cancels it. Nobody else waits for long, for a lock or a connection.
func TestWritesThatAreNotConfirmed(t *testing.T) {
	config, err := pgxpool.ParseConfig(testkit.DatabaseURL(t))
	require.NoError(t, err)
	conn, err := pgx.ConnectConfig(t.Context(), config.ConnConfig)
	require.NoError(t, err)
	defer conn.Close(context.Background())
	pools, err := postgres.Connect(t.Context(), config, false)
	require.NoError(t, err)
	defer pools.Close()
	_, err = conn.Exec(t.Context(), "create table note (id int primary key)")
	require.NoError(t, err)
	standby := func(name string) { waitFor(t, conn, name) }
	committing := func(n int64) {
		testkit.Eventually(t, func() bool {
			found, err := postgres.Int(context.Background(), conn, "select count(*) from pg_stat_activity where datname = current_database() and wait_event = 'SyncRep'")
			return err == nil && found == n
		}, "they commit")
	}
	defer standby("")
	standby("nobody")
	// Commits wait only from when the checkpointer has read the setting, which may be after all others.
	probe, err := pgx.ConnectConfig(t.Context(), config.ConnConfig)
	require.NoError(t, err)
	defer probe.Close(context.Background())
	var probing sync.WaitGroup
	probing.Go(func() {
		var err error
		for err == nil {
			_, err = probe.Exec(t.Context(), "insert into note values (0) on conflict (id) do update set id = 0")
		}
	})
	committing(1)
	_, err = conn.Exec(t.Context(), "select pg_terminate_backend($1)", probe.PgConn().PID())
	require.NoError(t, err)
	probing.Wait()
	committing(0)
	insert := func(ctx context.Context, id int) func(pgx.Tx) error {
		return func(tx pgx.Tx) error {
			_, err := tx.Exec(ctx, "insert into note values ($1)", id)
			return err
		}
	}
	var long sync.WaitGroup
	long.Go(func() {
		assert.NoError(t, postgres.WriteLong(t.Context(), pools.Main, insert(t.Context(), 1)), "who may wait for long does")
	})
	committing(1)
	leaves, leave := context.WithCancel(t.Context())
	left := make(chan error, 1)
	go func() { left <- pools.Writes.Write(leaves, insert(leaves, 2)) }()
	committing(2)
	leave()
	err = <-left
	assert.ErrorIs(t, err, context.Canceled)
	assert.ErrorIs(t, err, postgres.ErrUnconfirmed)
	patient, cancel := context.WithTimeout(t.Context(), time.Minute)
	defer cancel()
	check := func(id int, want error) {
		err := pools.Writes.Write(patient, insert(patient, id))
		assert.ErrorIs(t, err, want)
		assert.NotErrorIs(t, err, context.DeadlineExceeded)
	}
	check(3, postgres.ErrUnconfirmed)
	check(3, postgres.ErrNoTurn) // the one before has a lock
	var others sync.WaitGroup
	for id := 4; id < 10; id++ {
		others.Go(func() { check(id, postgres.ErrUnconfirmed) })
	}
	others.Wait()
	check(10, postgres.ErrNoTurn) // there is no connection
	if t.Failed() {
		return
	}
	committing(9)

	standby("")
	long.Wait()
	committing(0)
	found, err := postgres.Int(t.Context(), conn, "select sum(id) from note")
	require.NoError(t, err)
	assert.EqualValues(t, 1+2+3+4+5+6+7+8+9, found, "what was not confirmed is done all the same, and nothing else")
	_, err = pools.Writes.Exec(t.Context(), "insert into note values (11)")
	assert.NoError(t, err, "the connections have been let go")
}
