package testkit

import (
	"context"
	"crypto/rand"
	"database/sql"
	"fmt"
	"net"
	"os"
	"os/exec"
	"os/user"
	"path/filepath"
	"runtime"
	"strconv"
	"syscall"
	"testing"
	"time"

	_ "github.com/go-sql-driver/mysql"
	"github.com/stretchr/testify/require"
)

const (
	mariaAccount = "mysql" // runs the server when we are root
	mariaStarts  = 20 * time.Second
)

// MariaDB starts a server of its own for a test, on a free loopback port, and connects to
// an empty database on it.
func MariaDB(t testing.TB) *sql.DB {
	t.Helper()
	dir, err := tempDir()
	require.NoError(t, err)
	t.Cleanup(func() { os.RemoveAll(dir) })
	password := rand.Text()
	init := filepath.Join(dir, "init.sql")
	require.NoError(t, os.WriteFile(init, []byte("create user test@'127.0.0.1' identified by '"+password+"';\ngrant all on *.* to test@'127.0.0.1';\ncreate database test character set utf8mb4;\n"), 0o644))
	data := filepath.Join(dir, "data")
	require.NoError(t, os.Mkdir(data, 0o700))
	attributes := &syscall.SysProcAttr{Setpgid: true, Pdeathsig: syscall.SIGKILL}
	if os.Geteuid() == 0 {
		id := lookUp(t, mariaAccount)
		attributes.Credential = id
		require.NoError(t, os.Chown(data, int(id.Uid), int(id.Gid)))
		require.NoError(t, os.Chmod(dir, 0o711))
	}
	run := func(name string, args ...string) *exec.Cmd {
		cmd := exec.Command(name, args...)
		cmd.Dir, cmd.Env, cmd.SysProcAttr = "/", []string{"PATH=/usr/sbin:/usr/bin:/sbin:/bin", "LC_ALL=C.UTF-8"}, attributes
		return cmd
	}
	out, err := run("/usr/bin/mariadb-install-db", "--no-defaults", "--datadir="+data, "--auth-root-authentication-method=socket", "--skip-test-db").CombinedOutput()
	require.NoError(t, err, string(out))

	listener, err := net.Listen("tcp4", "127.0.0.1:0")
	require.NoError(t, err)
	port := listener.Addr().(*net.TCPAddr).Port
	listener.Close()
	server := run("/usr/sbin/mariadbd", "--no-defaults", "--datadir="+data, "--socket="+filepath.Join(data, "s"), "--bind-address=127.0.0.1", "--port="+strconv.Itoa(port),
		"--init-file="+init, "--innodb-flush-log-at-trx-commit=0", "--skip-name-resolve", "--skip-log-bin", "--innodb-buffer-pool-size=64M")
	log, err := os.Create(filepath.Join(dir, "log"))
	require.NoError(t, err)
	defer log.Close()
	server.Stdout, server.Stderr = log, log
	started, ended := make(chan error, 1), make(chan error, 1)
	go func() {
		runtime.LockOSThread() // Pdeathsig comes when the thread that forked ends
		defer runtime.UnlockOSThread()
		err := server.Start()
		started <- err
		if err == nil {
			ended <- server.Wait()
		}
	}()
	require.NoError(t, <-started)
	t.Cleanup(func() {
		server.Process.Kill()
		<-ended
	})
	db, err := sql.Open("mysql", fmt.Sprintf("test:%s@tcp(127.0.0.1:%d)/test?collation=utf8mb4_general_ci&max_sort_length=65536", password, port))
	require.NoError(t, err)
	t.Cleanup(func() { db.Close() })
	ctx, cancel := context.WithTimeout(t.Context(), mariaStarts)
	defer cancel()
	for {
		away := db.PingContext(ctx)
		if away == nil {
			return db
		}
		select {
		case err := <-ended:
			ended <- err
			text, _ := os.ReadFile(log.Name())
			require.Fail(t, "MariaDB ended", "%v\n%s", err, text)
		case <-ctx.Done():
			text, _ := os.ReadFile(log.Name())
			require.Fail(t, "MariaDB does not start", "%v\n%s", away, text)
		case <-time.After(20 * time.Millisecond):
		}
	}
}

// lookUp finds an account's ids.
func lookUp(t testing.TB, account string) *syscall.Credential {
	u, err := user.Lookup(account)
	require.NoError(t, err)
	uid, err := strconv.ParseUint(u.Uid, 10, 32)
	require.NoError(t, err)
	gid, err := strconv.ParseUint(u.Gid, 10, 32)
	require.NoError(t, err)
	return &syscall.Credential{Uid: uint32(uid), Gid: uint32(gid)}
}
