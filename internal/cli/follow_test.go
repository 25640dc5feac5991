package cli_test

import (
	"net/url"
	"testing"

	"github.com/jackc/pgx/v5"
	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"pageladder.example/internal/postgres"
	"pageladder.example/internal/testkit"
)

// An owner has a table followed, by what the commands print, and takes that off again.
func TestTableIsFollowedFromTheShell(t *testing.T) {
	own, err := postgres.Start(t.Context(), postgres.Options{Dir: testkit.DataDir(t), Settings: []string{"fsync=off"}})
	require.NoError(t, err)
	t.Cleanup(func() { own.Stop() })
	owner, err := pgx.Connect(t.Context(), own.URL())
	require.NoError(t, err)
	defer owner.Close(t.Context())
	does := func(sql string) {
		t.Helper()
		_, err := owner.Exec(t.Context(), sql)
		require.NoError(t, err)
	}
	does("create table calls (id int primary key, vessel text); insert into calls select n, 'Gull ' || n % 7 from generate_series(1, 2000) n; create role reader login password 'x'; grant select on calls to reader")
	u, err := url.Parse(own.URL())
	require.NoError(t, err)
	u.User = url.UserPassword("reader", "x")
	s := start(t, "demo", "--data-dir", testkit.DataDir(t), "--source", "yard="+u.String())

	attached := s.run(t, "sets", "attach", "calls", "yard", "calls", "--follow")
	assert.Equal(t, "calls is attached, with 2 fields.\n", attached.out)
	assert.Contains(t, attached.errOut, "the log \"pageladder_log\".\"public.calls\" is not there\n")
	assert.Contains(t, attached.errOut, "pageladder sets follow calls --follow-script")
	does(s.run(t, "sets", "follow", "calls", "--follow-script").out)
	assert.Equal(t, "calls comes by its change log, which has 0 rows (0.0 MB).\n", s.run(t, "sets", "follow", "calls").out)
	does("delete from calls where id % 2 = 0")
	assert.Contains(t, s.run(t, "page", "calls", "--page", "50", "--sort", "-vessel").out, "981–1,000 of 1,000")
	assert.Contains(t, s.run(t, "sets", "follow", "calls", "-o", "json").out, `"exact": true`)

	does("alter table calls alter vessel type varchar(30)")
	assert.Contains(t, s.run(t, "sets", "follow", "calls").out, `column "vessel" is text in the log, and character varying(30) in the table`)
	assert.Contains(t, s.run(t, "sets", "unfollow", "calls").out, "calls is no longer followed")
	does(s.run(t, "sets", "unfollow", "calls", "--unfollow-script").out)
	var left bool
	require.NoError(t, owner.QueryRow(t.Context(), "select exists (select from pg_namespace where nspname = 'pageladder_log')").Scan(&left))
	assert.False(t, left)
	assert.Contains(t, s.run(t, "sets", "follow", "arrivals").errOut, "this is a kept set")
}
