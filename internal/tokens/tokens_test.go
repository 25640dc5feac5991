package tokens_test

import (
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"pageladder.example/internal/testkit"
	"pageladder.example/internal/tokens"
)

func TestMain(m *testing.M) { testkit.WithPostgres(m) }

func TestATokenIsKnownUntilItEnds(t *testing.T) {
	pool := testkit.Store(t).Pool()
	k, other := tokens.New(pool), tokens.New(pool)
	any, err := k.Any(t.Context())
	require.NoError(t, err)
	assert.False(t, any)
	secret, made, err := k.Create(t.Context(), " the pilot ", tokens.Editor, []string{"arrivals"})
	require.NoError(t, err)
	assert.Equal(t, "the pilot", made.Label)
	any, err = k.Any(t.Context())
	require.NoError(t, err)
	assert.True(t, any, "at once where it was made")
	who, err := other.Caller(t.Context(), secret)
	require.NoError(t, err)
	for role, may := range map[tokens.Role]bool{tokens.Reader: true, tokens.Editor: true, tokens.Owner: false} {
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
	assert.ErrorIs(t, err, tokens.ErrUnknown, "a session is no token")
	require.NoError(t, k.End(t.Context(), made.ID))
	for _, err := range []error{k.End(t.Context(), made.ID), func() error { _, err := k.Caller(t.Context(), secret); return err }(), func() error { _, err := k.InSession(t.Context(), session); return err }()} {
		assert.Error(t, err, "ended, with its sessions")
	}
	any, err = k.Any(t.Context())
	require.NoError(t, err)
	assert.True(t, any, "from the first token on nobody gets in without")
}

func TestWrongTokensAreRefused(t *testing.T) {
	k := tokens.New(testkit.Store(t).Pool())
	for _, make := range []func() error{
		func() error { _, _, err := k.Create(t.Context(), "  ", tokens.Reader, nil); return err },
		func() error { _, _, err := k.Create(t.Context(), "nobody", tokens.Nobody, nil); return err },
		func() error { return k.Keep(t.Context(), "short", "short", tokens.Owner) },
	} {
		assert.Error(t, make())
	}
	for _, secret := range []string{"", "plt_", "plt_x' or true --", "\x00"} {
		_, err := k.Caller(t.Context(), secret)
		assert.ErrorIs(t, err, tokens.ErrUnknown, "%q", secret)
	}
}

func TestCallersAreRememberedWhileTheDatabaseIsAway(t *testing.T) {
	pool := testkit.Store(t).Pool()
	k := tokens.New(pool)
	secret, _, err := k.Create(t.Context(), "the pilot", tokens.Reader, nil)
	require.NoError(t, err)
	_, err = k.Caller(t.Context(), secret)
	require.NoError(t, err)
	pool.Close()
	testkit.Eventually(t, func() bool { _, err := k.Caller(t.Context(), secret); return err != nil }, "a caller is asked for again")
	who, err := k.Caller(tokens.AsRemembered(t.Context()), secret)
	require.NoError(t, err)
	assert.Equal(t, "the pilot", who.Label)
	_, err = k.Caller(tokens.AsRemembered(t.Context()), secret+"x")
	assert.Error(t, err, "nobody else gets in")
}
