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

// A commit that waits, as for a standby that does not answer, is left to itself: who wrote waits only so long, and neither that nor
// their leaving cancels it.
func TestWritesThatAreNotConfirmed(t *testing.T) {
	config, err := pgxpool.ParseConfig(testkit.DatabaseURL(t))
	require.NoError(t, err)
	config.MaxConns = 4
	pool, err := pgxpool.NewWithConfig(t.Context(), config)
	require.NoError(t, err)
	defer pool.Close()
	conn, err := pgx.ConnectConfig(t.Context(), config.ConnConfig)
	require.NoError(t, err)
	defer conn.Close(context.Background())
	_, err = conn.Exec(t.Context(), `create table note (id int primary key);
		create table standby (answers bool);
		create function wait() returns trigger language plpgsql as $$ begin
			while not exists (select from standby) loop perform pg_sleep(0.01); end loop;
			return null;
		end $$;
		create constraint trigger wait after insert on note deferrable initially deferred for each row execute function wait()`)
	require.NoError(t, err)
	insert := func(ctx context.Context, id int, write func(context.Context, *pgxpool.Pool, func(pgx.Tx) error) error) error {
		return write(ctx, pool, func(tx pgx.Tx) error {
			_, err := tx.Exec(ctx, "insert into note values ($1)", id)
			return err
		})
	}
	committing := func(n int64) {
		testkit.Eventually(t, func() bool {
			found, err := postgres.Int(t.Context(), conn, "select count(*) from pg_stat_activity where datname = current_database() and state = 'active' and query = 'commit'")
			return err == nil && found == n
		}, "they commit")
	}
	var long sync.WaitGroup
	long.Go(func() { assert.NoError(t, insert(t.Context(), 1, postgres.WriteLong), "who may wait for long does") })
	committing(1)
	leaves, leave := context.WithCancel(t.Context())
	left := make(chan error, 1)
	go func() { left <- insert(leaves, 2, postgres.Write) }()
	committing(2)
	leave()
	err = <-left
	assert.ErrorIs(t, err, context.Canceled)
	assert.ErrorIs(t, err, postgres.ErrUnconfirmed)
	patient, cancel := context.WithTimeout(t.Context(), time.Minute)
	defer cancel()
	for i, want := range []error{postgres.ErrUnconfirmed, postgres.ErrNoTurn /* the one before has a lock */, postgres.ErrUnconfirmed, postgres.ErrNoTurn /* there is no connection */} {
		err := insert(patient, []int{3, 3, 4, 5}[i], postgres.Write)
		assert.ErrorIs(t, err, want)
		assert.NotErrorIs(t, err, context.DeadlineExceeded)
	}

	_, err = conn.Exec(t.Context(), "insert into standby values (true)")
	require.NoError(t, err)
	long.Wait()
	committing(0)
	found, err := postgres.Int(t.Context(), conn, "select sum(id) from note")
	require.NoError(t, err)
	assert.EqualValues(t, 1+2+3+4, found, "what was not confirmed is done all the same, and nothing else")
	_, err = postgres.Exec(t.Context(), pool, "insert into note values (5)")
	assert.NoError(t, err, "the connections have been let go")
}
