package sets_test

import (
	"context"
	"net"
	"testing"
	"time"

	"github.com/jackc/pgx/v5"
	"github.com/jackc/pgx/v5/pgxpool"
	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"pageladder.example/internal/postgres"
	"pageladder.example/internal/sets"
	"pageladder.example/internal/testkit"
)

// following is a pool whose connections follow a primary. Each is taken for one to the server of a life.
func following(t *testing.T, life *string) (*postgres.Primary, *pgxpool.Pool) {
	config, err := pgxpool.ParseConfig(testkit.DatabaseURL(t))
	require.NoError(t, err)
	p := postgres.NewPrimary()
	p.Follow(config)
	config.AfterConnect = func(_ context.Context, conn *pgx.Conn) error { return p.Admit(conn, *life) }
	pool, err := pgxpool.NewWithConfig(t.Context(), config)
	require.NoError(t, err)
	t.Cleanup(pool.Close)
	p.Cut = pool.Reset
	return p, pool
}

// waits asks a question that is not answered, and gives its error when it ends.
func waits(t *testing.T, pool *pgxpool.Pool) <-chan error {
	ended, begun := make(chan error, 1), pool.Stat().AcquiredConns()
	ctx, cancel := context.WithCancel(context.WithoutCancel(t.Context()))
	t.Cleanup(cancel)
	go func() {
		_, err := pool.Exec(ctx, "select pg_sleep(600)")
		ended <- err
	}()
	testkit.Eventually(t, func() bool { return pool.Stat().AcquiredConns() > begun }, "the question is asked")
	return ended
}

func endsAway(t *testing.T, ended <-chan error) {
	t.Helper()
	select {
	case err := <-ended:
		require.Error(t, err)
		assert.True(t, postgres.Unavailable(err), "%v", err)
	case <-time.After(time.Minute):
		t.Fatal("it goes on waiting")
	}
}

// What waits for a silent primary ends, and nobody waits anew until it is heard again.
func TestNobodyWaitsForASilentPrimary(t *testing.T) {
	life := "first"
	p, pool := following(t, &life)
	require.NoError(t, pool.Ping(t.Context()))
	at := addressIn(t, pool.Config().ConnConfig)
	ended := waits(t, pool)
	p.Silent()
	endsAway(t, ended)
	require.ErrorIs(t, pool.Ping(t.Context()), postgres.ErrAway)
	p.Heard("first", at)
	require.NoError(t, pool.Ping(t.Context()))
}

// A connection that is being opened when the primary falls silent ends as away, and not as if its caller had cancelled it.
func TestAConnectionThatIsBeingOpenedEndsAsAway(t *testing.T) {
	config, err := pgxpool.ParseConfig(testkit.DatabaseURL(t))
	require.NoError(t, err)
	dialling := make(chan struct{})
	config.ConnConfig.DialFunc = func(ctx context.Context, network, addr string) (net.Conn, error) {
		close(dialling)
		<-ctx.Done()
		return nil, &net.OpError{Op: "dial", Net: network, Err: ctx.Err()}
	}
	p := postgres.NewPrimary()
	p.Follow(config)
	pool, err := pgxpool.NewWithConfig(t.Context(), config)
	require.NoError(t, err)
	defer pool.Close()
	ended := make(chan error, 1)
	go func() { ended <- pool.Ping(context.WithoutCancel(t.Context())) }()
	<-dialling
	p.Silent()
	select {
	case err := <-ended:
		require.ErrorIs(t, err, postgres.ErrAway)
		assert.NotErrorIs(t, err, context.Canceled)
	case <-time.After(time.Minute):
		t.Fatal("it goes on waiting")
	}
}

// addressIn is the address that a connection leads to.
func addressIn(t *testing.T, config *pgx.ConnConfig) string {
	conn, err := pgx.Connect(t.Context(), config.ConnString())
	require.NoError(t, err)
	defer conn.Close(t.Context())
	return conn.PgConn().Conn().RemoteAddr().String()
}

// Connections to a server that has been replaced answer nothing more, and no new one leads to it.
func TestConnectionsToAReplacedPrimaryAreCut(t *testing.T) {
	life := "first"
	p, pool := following(t, &life)
	require.NoError(t, pool.Ping(t.Context()))
	at := addressIn(t, pool.Config().ConnConfig)
	p.Heard("first", at)
	ended := waits(t, pool)
	p.Heard("second", at)
	endsAway(t, ended)
	require.ErrorIs(t, pool.Ping(t.Context()), postgres.ErrAway, "a connection that leads to the first one")
	life = "second"
	require.NoError(t, pool.Ping(t.Context()))
	p.Heard("second", "127.0.0.1:1")
	pool.Reset()
	require.ErrorIs(t, pool.Ping(t.Context()), postgres.ErrAway, "the second one is elsewhere")
	p.Lost(nil)
	require.NoError(t, pool.Ping(t.Context()), "nobody knows where it is")
}

// A server that says it may not be written to is left at once.
func TestAServerThatIsNoPrimaryAnyMoreIsLeft(t *testing.T) {
	life := "first"
	_, pool := following(t, &life)
	var before, after uint32
	require.NoError(t, pool.QueryRow(t.Context(), "select pg_backend_pid()").Scan(&before))
	_, err := pool.Exec(t.Context(), "set default_transaction_read_only = on")
	require.NoError(t, err)
	_, err = pool.Exec(t.Context(), "create table none (n int)")
	require.True(t, postgres.Unavailable(err), "%v", err)
	require.NoError(t, pool.QueryRow(t.Context(), "select pg_backend_pid()").Scan(&after))
	assert.NotEqual(t, before, after)
}

// A standby in the place of the primary is no primary.
func TestAStandbyIsNoPrimary(t *testing.T) {
	at := testkit.DatabaseURL(t)
	store, err := sets.Open(t.Context(), at)
	require.NoError(t, err)
	store.Close()
	standby := testkit.Standby(t)
	testkit.Eventually(t, func() bool {
		there, err := postgres.Keeps(t.Context(), testkit.In(t, standby, at))
		return err == nil && there
	}, "the standby has the catalogue")
	_, err = sets.Open(t.Context(), testkit.In(t, standby, at))
	require.ErrorIs(t, err, postgres.ErrStandby)
	assert.True(t, postgres.Unavailable(err), "%v", err)
}
