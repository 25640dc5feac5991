package access_test

import (
	"net"
	"os"
	"path/filepath"
	"strings"
	"testing"
	"time"

	"github.com/jackc/pgx/v5/pgxpool"
	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"pageladder.example/internal/access"
	"pageladder.example/internal/postgres"
	"pageladder.example/internal/sets"
	"pageladder.example/internal/testkit"
)

func TestMain(m *testing.M) { testkit.WithPostgres(m) }

func TestATokenIsKnownUntilItEnds(t *testing.T) {
	store := testkit.Store(t)
	pool := store.Pool()
	k, other := access.New(pool, store.Writes()), access.New(pool, store.Writes())
	secret, created, err := k.Create(t.Context(), " the pilot ", access.Editor, []string{"arrivals"})
	require.NoError(t, err)
	assert.Equal(t, "the pilot", created.Label)
	who, err := other.Caller(t.Context(), secret)
	require.NoError(t, err)
	for role, may := range map[access.Role]bool{access.Reader: true, access.Editor: true, access.Owner: false} {
		assert.Equal(t, may, who.May(role, "arrivals"), role)
		assert.False(t, who.May(role, "berths"), "only for its sets")
		assert.False(t, who.All(role))
	}
	var kept []byte
	require.NoError(t, pool.QueryRow(t.Context(), "select hash::text::bytea from pageladder.token").Scan(&kept))
	assert.NotContains(t, string(kept), secret, "the token itself is nowhere")

	session, until, _, err := k.SignIn(t.Context(), secret)
	require.NoError(t, err)
	assert.False(t, until.IsZero())
	_, err = k.InSession(t.Context(), session)
	require.NoError(t, err)
	_, err = k.Caller(t.Context(), session)
	assert.ErrorIs(t, err, access.ErrUnknown, "a session is no token")
	require.NoError(t, k.End(t.Context(), created.ID))
	for _, err := range []error{k.End(t.Context(), created.ID), func() error { _, err := k.Caller(t.Context(), secret); return err }(), func() error { _, err := k.InSession(t.Context(), session); return err }()} {
		assert.Error(t, err, "ended, with its sessions")
	}
}

func TestALinkSignsInOnce(t *testing.T) {
	store := testkit.Store(t)
	pool := store.Pool()
	k := access.New(pool, store.Writes())
	secret, created, err := k.Create(t.Context(), "the pilot", access.Editor, nil)
	require.NoError(t, err)
	invite := func() string {
		code, until, err := k.Invite(t.Context(), created.ID)
		require.NoError(t, err)
		assert.WithinDuration(t, time.Now().Add(10*time.Minute), until, time.Minute)
		return code
	}
	refused := func(code, why string) {
		t.Helper()
		_, _, _, err := k.Accept(t.Context(), code)
		assert.ErrorIs(t, err, access.ErrUsed, why)
	}
	code := invite()
	session, _, who, err := k.Accept(t.Context(), code)
	require.NoError(t, err)
	assert.Equal(t, "the pilot", who.Label)
	_, err = k.InSession(t.Context(), session)
	require.NoError(t, err)
	refused(code, "it has been used")
	refused(secret, "a token is no code")
	late := invite()
	_, err = pool.Exec(t.Context(), "update pageladder.sign_in set expires_at = now() - interval '1 second'")
	require.NoError(t, err)
	refused(late, "its time is over")
	ended := invite()
	require.NoError(t, k.End(t.Context(), created.ID))
	refused(ended, "its token has ended")
}

func TestOwnerTokenIsForItsOwnerAlone(t *testing.T) {
	store := testkit.Store(t)
	k := access.New(store.Pool(), store.Writes())
	dir := filepath.Join(t.TempDir(), "data")
	secret, err := k.KeepOwner(t.Context(), dir)
	require.NoError(t, err)
	path := filepath.Join(dir, "owner-token")
	info, err := os.Stat(path)
	require.NoError(t, err)
	assert.Equal(t, os.FileMode(0o600), info.Mode())
	again, err := k.KeepOwner(t.Context(), dir)
	require.NoError(t, err)
	assert.Equal(t, secret, again, "it stays over restarts")
	who, err := k.Caller(t.Context(), secret)
	require.NoError(t, err)
	assert.True(t, who.All(access.Owner))

	// The token is sent to a service of that data folder only, and to no other machine.
	listener, err := net.Listen("tcp", "127.0.0.1:0")
	require.NoError(t, err)
	defer listener.Close()
	server := "http://" + listener.Addr().String()
	assert.Empty(t, access.OwnerFor(dir, server), "somebody else may listen there")
	release, err := access.Listening(dir, listener.Addr())
	require.NoError(t, err)
	_, port, _ := strings.Cut(listener.Addr().String(), ":")
	for address, want := range map[string]string{server: secret, "http://localhost:" + port: secret, "http://saltmere.example:" + port: "", "http://127.0.0.1": "", "http://127.0.0.1:1": "", "": ""} {
		assert.Equal(t, want, access.OwnerFor(dir, address), address)
	}
	_, err = access.Listening(dir, listener.Addr())
	assert.Error(t, err)
	release()
	assert.Empty(t, access.OwnerFor(dir, server))
	require.NoError(t, os.WriteFile(filepath.Join(dir, "listening-"+port), nil, 0o600))
	assert.Empty(t, access.OwnerFor(dir, server), "what a killed service has left says nothing")

	require.NoError(t, os.Chmod(path, 0o644))
	_, err = k.KeepOwner(t.Context(), dir)
	assert.ErrorContains(t, err, "can be read by others (mode 0644)")
	require.NoError(t, os.Chmod(path, 0o600))
	require.NoError(t, k.End(t.Context(), who.Token))
	after, err := k.KeepOwner(t.Context(), dir)
	require.NoError(t, err)
	assert.NotEqual(t, secret, after, "one that was ended is replaced at the next start")
	require.NoError(t, os.Remove(path))
	require.NoError(t, os.Symlink("/etc/hostname", path))
	_, err = k.KeepOwner(t.Context(), dir)
	assert.Error(t, err, "nothing is read through a link")
}

func TestWrongTokensAreRefused(t *testing.T) {
	store := testkit.Store(t)
	k := access.New(store.Pool(), store.Writes())
	for _, make := range []func() error{
		func() error { _, _, err := k.Create(t.Context(), "  ", access.Reader, nil); return err },
		func() error { _, _, err := k.Create(t.Context(), "nobody", access.Nobody, nil); return err },
		func() error { return k.Keep(t.Context(), "short", "short", access.Owner) },
	} {
		assert.Error(t, make())
	}
	for _, secret := range []string{"", "plt_", "plt_x' or true --", "\x00"} {
		_, err := k.Caller(t.Context(), secret)
		assert.ErrorIs(t, err, access.ErrUnknown, "%q", secret)
	}
}

func TestCallersAreRememberedWhileTheDatabaseIsAway(t *testing.T) {
	store := testkit.Store(t)
	pool := store.Pool()
	k := access.New(pool, store.Writes())
	secret, _, err := k.Create(t.Context(), "the pilot", access.Reader, nil)
	require.NoError(t, err)
	_, err = k.Caller(t.Context(), secret)
	require.NoError(t, err)
	pool.Close()
	testkit.Eventually(t, func() bool { _, err := k.Caller(t.Context(), secret); return err != nil }, "a caller is asked for again")
	for _, heard := range []bool{true, false} {
		who, err := k.Caller(access.AsRemembered(t.Context(), heard), secret)
		require.NoError(t, err)
		assert.Equal(t, "the pilot", who.Label)
		_, err = k.Caller(access.AsRemembered(t.Context(), heard), secret+"x")
		assert.Error(t, err, "nobody else gets in")
	}
}

// A database that is read only, after a failover or on a full disk, turns no caller away: when a token
// was last used is written down if that is possible.
func TestCallersAreKnownWhereNothingCanBeWritten(t *testing.T) {
	address := testkit.DatabaseURL(t)
	require.NoError(t, postgres.Migrate(t.Context(), address))
	config, err := pgxpool.ParseConfig(address)
	require.NoError(t, err)
	keeper := func() *access.Keeper {
		pools, err := postgres.Connect(t.Context(), config, false)
		require.NoError(t, err)
		t.Cleanup(pools.Close)
		return access.New(pools.Main, pools.Writes)
	}
	secret, _, err := keeper().Create(t.Context(), "the crane", access.Reader, nil)
	require.NoError(t, err)
	config.ConnConfig.RuntimeParams["default_transaction_read_only"] = "on"
	only := keeper()
	who, err := only.Caller(t.Context(), secret)
	require.NoError(t, err)
	require.Equal(t, access.Reader, who.Role)
	_, _, err = only.Create(t.Context(), "another", access.Reader, nil)
	require.True(t, sets.Unavailable(err), "%v", err)
}
