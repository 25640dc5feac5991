package testkit

import (
	"bytes"
	"fmt"
	"net"
	"net/url"
	"os"
	"os/exec"
	"path/filepath"
	"strings"
	"syscall"
	"testing"
	"time"

	"github.com/stretchr/testify/require"
	"golang.org/x/sys/unix"

	"pageladder.example/internal/postgres"
)

// This file has servers beside the package's own: a standby, and a pooler.

// Standby starts a hot standby of the package's PostgreSQL, which ends with the test.
func Standby(t testing.TB) *postgres.Server {
	t.Helper()
	dir, err := tempDir()
	require.NoError(t, err)
	t.Cleanup(func() { os.RemoveAll(dir) })
	data := filepath.Join(dir, "data")
	require.NoError(t, os.Mkdir(data, 0o711))
	primary, err := url.Parse(server.URL())
	require.NoError(t, err)
	copied := filepath.Join(data, "postgres")
	out, err := exec.CommandContext(t.Context(), Program(t, "pg_basebackup"), "-D", copied, "-d", primary.String(), "-R", "-X", "stream", "-c", "fast").CombinedOutput()
	require.NoError(t, err, string(out))
	password, _ := primary.User.Password()
	require.NoError(t, os.WriteFile(filepath.Join(data, "password"), []byte(password+"\n"), 0o600))
	// It belongs to the account that runs the primary.
	var as unix.Stat_t
	require.NoError(t, unix.Stat(server.Cluster(), &as))
	require.NoError(t, filepath.WalkDir(copied, func(path string, _ os.DirEntry, err error) error {
		if err == nil {
			err = os.Lchown(path, int(as.Uid), int(as.Gid))
		}
		return err
	}))
	standby, err := postgres.Start(t.Context(), postgres.Options{Dir: data, Settings: []string{prepared, "max_standby_streaming_delay=-1"}}) // its readers are not cancelled
	require.NoError(t, err)
	t.Cleanup(func() { standby.Stop() })
	return standby
}

// Pooler starts a pooler of transactions before an address, which ends with the test, and gives the
// address that it has. Settings such as "pool_mode = session" come last.
func Pooler(t testing.TB, to *url.URL, more ...string) string {
	t.Helper()
	dir, err := tempDir()
	require.NoError(t, err)
	t.Cleanup(func() { os.RemoveAll(dir) })
	password, _ := to.User.Password()
	listener, err := net.Listen("tcp", "127.0.0.1:0")
	require.NoError(t, err)
	port := listener.Addr().(*net.TCPAddr).Port
	require.NoError(t, listener.Close())
	settings := fmt.Sprintf("[databases]\n* = host=%s port=%s\n[pgbouncer]\nlisten_addr = 127.0.0.1\nlisten_port = %d\nunix_socket_dir =\npool_mode = transaction\nauth_type = plain\nauth_file = %s/users\ndefault_pool_size = 10\n%s\n",
		to.Hostname(), to.Port(), port, dir, strings.Join(more, "\n"))
	require.NoError(t, os.WriteFile(filepath.Join(dir, "users"), fmt.Appendf(nil, "%q %q\n", to.User.Username(), password), 0o644))
	require.NoError(t, os.WriteFile(filepath.Join(dir, "settings.ini"), []byte(settings), 0o644))
	var said bytes.Buffer
	cmd := exec.Command("/usr/sbin/pgbouncer", filepath.Join(dir, "settings.ini"))
	cmd.Stdout, cmd.Stderr = &said, &said
	if os.Getuid() == 0 { // as which it refuses to run
		cmd.SysProcAttr = &syscall.SysProcAttr{Credential: &syscall.Credential{Uid: 65534, Gid: 65534}}
	}
	require.NoError(t, cmd.Start())
	t.Cleanup(func() { cmd.Process.Kill(); cmd.Wait() })
	at := *to
	at.Host = fmt.Sprintf("127.0.0.1:%d", port)
	Eventually(t, func() bool {
		conn, err := net.DialTimeout("tcp", at.Host, time.Second)
		if err == nil {
			conn.Close()
		}
		return err == nil
	}, "the pooler listens")
	return at.String()
}

// In is the address of a database of the same name as another's, on another server.
func In(t testing.TB, s *postgres.Server, database string) string {
	t.Helper()
	at, err := url.Parse(s.URL())
	require.NoError(t, err)
	of, err := url.Parse(database)
	require.NoError(t, err)
	at.Path = of.Path
	return at.String()
}
