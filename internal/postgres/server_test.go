package postgres

import (
	"context"
	"fmt"
	"net/url"
	"os"
	"path/filepath"
	"strconv"
	"syscall"
	"testing"
	"time"

	"github.com/jackc/pgx/v5"
	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"
	"golang.org/x/sync/errgroup"
)

func dataDir(t *testing.T) string {
	dir, err := os.MkdirTemp("", "pageladder-test-")
	require.NoError(t, err)
	require.NoError(t, os.Chmod(dir, 0o711))
	t.Cleanup(func() { os.RemoveAll(dir) })
	return filepath.Join(dir, "data")
}

func execute(t *testing.T, url, sql string) {
	t.Helper()
	conn, err := pgx.Connect(t.Context(), url)
	require.NoError(t, err)
	defer conn.Close(context.Background())
	_, err = conn.Exec(t.Context(), sql)
	require.NoError(t, err)
}

func query(t *testing.T, url, sql string) string {
	t.Helper()
	conn, err := pgx.Connect(t.Context(), url)
	require.NoError(t, err)
	defer conn.Close(context.Background())
	var text string
	require.NoError(t, conn.QueryRow(t.Context(), sql).Scan(&text))
	return text
}

func TestServerKeepsItsDataAndKeepsOthersOut(t *testing.T) {
	dir := dataDir(t)
	s, err := Start(t.Context(), Options{Dir: dir})
	require.NoError(t, err)
	execute(t, s.URL(), "create table kept as select 'yes'::text as answer")
	assert.Equal(t, "127.0.0.1", query(t, s.URL(), "show listen_addresses"))

	wrong, err := url.Parse(s.URL())
	require.NoError(t, err)
	for _, password := range []string{"", "guess"} {
		wrong.User = url.UserPassword(dbUser, password)
		_, err = pgx.Connect(t.Context(), wrong.String())
		assert.Error(t, err, "no entry without the password")
	}
	info, err := os.Stat(filepath.Join(dir, "password"))
	require.NoError(t, err)
	assert.Equal(t, os.FileMode(0o600), info.Mode().Perm())

	_, err = Start(t.Context(), Options{Dir: dir})
	assert.ErrorContains(t, err, "another Page Ladder is running on this data folder")

	require.NoError(t, s.Stop())
	s, err = Start(t.Context(), Options{Dir: dir})
	require.NoError(t, err)
	assert.Equal(t, "yes", query(t, s.URL(), "select answer from kept"))
	require.NoError(t, s.Stop())
}

func TestServerComesBackAfterItWasKilled(t *testing.T) {
	s, err := Start(t.Context(), Options{Dir: dataDir(t)})
	require.NoError(t, err)
	defer s.Stop()
	old := s.Pid()
	require.NoError(t, syscall.Kill(old, syscall.SIGKILL))
	require.Eventually(t, func() bool {
		conn, err := pgx.Connect(t.Context(), s.URL())
		if err == nil {
			conn.Close(t.Context())
		}
		return err == nil && s.Pid() != old
	}, 3*time.Minute, 20*time.Millisecond)
}

func TestStalePidFileIsNoObstacle(t *testing.T) {
	dir := dataDir(t)
	s, err := Start(t.Context(), Options{Dir: dir})
	require.NoError(t, err)
	require.NoError(t, s.Stop())
	// A pid file that names a live process which is no server of this folder: us.
	stale := strconv.Itoa(os.Getpid()) + "\n" + filepath.Join(dir, "postgres") + "\n"
	require.NoError(t, os.WriteFile(filepath.Join(dir, "postgres", "postmaster.pid"), []byte(stale), 0o600))
	s, err = Start(t.Context(), Options{Dir: dir})
	require.NoError(t, err)
	require.NoError(t, s.Stop())
}

func TestClusterMadeHalfwayIsMadeAgain(t *testing.T) {
	dir := dataDir(t)
	require.NoError(t, os.MkdirAll(filepath.Join(dir, "postgres.new", "base"), 0o700))
	require.NoError(t, os.Chmod(dir, 0o711))
	s, err := Start(t.Context(), Options{Dir: dir})
	require.NoError(t, err)
	require.NoError(t, s.Stop())
}

func TestTroubleIsNamed(t *testing.T) {
	dir := dataDir(t)
	cluster := filepath.Join(dir, "postgres")
	require.NoError(t, os.MkdirAll(cluster, 0o700))
	require.NoError(t, os.Chmod(dir, 0o711))
	version := filepath.Join(cluster, "PG_VERSION")
	require.NoError(t, os.WriteFile(version, []byte("7\n"), 0o600))
	_, err := Start(t.Context(), Options{Dir: dir})
	assert.ErrorContains(t, err, "created by PostgreSQL 7, which is not installed")

	require.NoError(t, os.WriteFile(version, []byte("none\n"), 0o600))
	_, err = Start(t.Context(), Options{Dir: dir})
	assert.ErrorContains(t, err, `holds "none`)

	if os.Geteuid() == 0 {
		closed := filepath.Join(filepath.Dir(dir), "closed")
		require.NoError(t, os.Mkdir(closed, 0o700))
		_, err = Start(t.Context(), Options{Dir: filepath.Join(closed, "data")})
		assert.ErrorContains(t, err, "cannot enter "+closed)
	}
}

func TestMigratingTwiceChangesNothingAndNewerIsLeftAlone(t *testing.T) {
	s, err := Start(t.Context(), Options{Dir: dataDir(t)})
	require.NoError(t, err)
	defer s.Stop()
	files, err := migrations.ReadDir("migrations")
	require.NoError(t, err)
	known := len(files)
	for range 2 {
		require.NoError(t, Migrate(t.Context(), s.URL()))
		assert.Equal(t, strconv.Itoa(known), query(t, s.URL(), "select version::text from pageladder.schema_version"))
	}
	query(t, s.URL(), "update pageladder.schema_version set version = version + 1 returning version::text")
	assert.EqualError(t, Migrate(t.Context(), s.URL()), fmt.Sprintf(
		"the database was last used by a newer Page Ladder: its schema is version %d, and this one knows %d; start the newer one, or restore a backup from before", known+1, known))
}

// An older program goes on beside steps that it does not know, and takes none back, until a step says that it cannot.
func TestAnOlderProgramGoesOnBesideNewerSteps(t *testing.T) {
	s, err := Start(t.Context(), Options{Dir: dataDir(t)})
	require.NoError(t, err)
	defer s.Stop()
	all, err := migrations.ReadDir("migrations")
	require.NoError(t, err)
	require.Len(t, all, 14, "programs from before steps accept no more; add a step")
	steps, err := migrations.ReadDir("steps")
	require.NoError(t, err)
	require.NoError(t, Migrate(t.Context(), s.URL()))
	assert.Equal(t, strconv.Itoa(len(steps)), query(t, s.URL(), "select version::text from pageladder.step"))
	newer := query(t, s.URL(), "update pageladder.step set version = version + 1 returning version::text")
	require.NoError(t, Migrate(t.Context(), s.URL()))
	assert.Equal(t, newer, query(t, s.URL(), "select version::text from pageladder.step"))
	query(t, s.URL(), fmt.Sprintf("update pageladder.program set oldest = %d returning oldest::text", len(steps)))
	require.NoError(t, Migrate(t.Context(), s.URL()))
	query(t, s.URL(), "update pageladder.program set oldest = oldest + 1 returning oldest::text")
	assert.EqualError(t, Migrate(t.Context(), s.URL()), fmt.Sprintf(
		"the database is of a newer Page Ladder: it needs one that knows step %d of its schema, and this one knows %d; start the newer one, or restore a backup from before", len(steps)+1, len(steps)))
}

// Services that start at the same time on an empty database, or on one of an earlier version, all
// find it migrated.
func TestMigrationsTakeTurns(t *testing.T) {
	s, err := Start(t.Context(), Options{Dir: dataDir(t)})
	require.NoError(t, err)
	defer s.Stop()
	files, err := migrations.ReadDir("migrations")
	require.NoError(t, err)
	for _, from := range []int{0, 1, 10, len(files) - 1} {
		execute(t, s.URL(), fmt.Sprintf("create database from_%d", from))
		u, err := url.Parse(s.URL())
		require.NoError(t, err)
		u.Path = fmt.Sprintf("/from_%d", from)
		if from > 0 {
			require.NoError(t, migrateTo(t.Context(), u.String(), int32(from)))
		}
		var services errgroup.Group
		for range 10 {
			services.Go(func() error { return Migrate(t.Context(), u.String()) })
		}
		require.NoError(t, services.Wait(), "from version %d", from)
		assert.Equal(t, strconv.Itoa(len(files)), query(t, u.String(), "select version::text from pageladder.schema_version"))
	}
}
