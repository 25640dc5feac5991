package testkit

import (
	"context"
	"crypto/rand"
	"database/sql"
	"errors"
	"fmt"
	"net"
	"os"
	"os/exec"
	"os/user"
	"path/filepath"
	"runtime"
	"strconv"
	"sync"
	"syscall"
	"testing"
	"time"

	"github.com/go-sql-driver/mysql"
	"github.com/stretchr/testify/require"
)

const (
	mariaAccount = "mysql" // runs the server when we are root
	mariaStarts  = time.Minute
)

// mariaServer is the package's MariaDB, which the first test that needs it starts. It ends
// with the package's tests: see WithPostgres.
var mariaServer = sync.OnceValues(startMaria)

// MariaDB connects to a database for one test on the package's MariaDB. The package's
// TestMain is WithPostgres.
func MariaDB(t testing.TB) *sql.DB {
	t.Helper()
	db, err := sql.Open("mysql", MariaDSN(t))
	require.NoError(t, err)
	t.Cleanup(func() { db.Close() })
	return db
}

// MariaDSN makes a database for one test on the package's MariaDB, and returns how the
// driver connects to it.
func MariaDSN(t testing.TB) string {
	t.Helper()
	server, err := mariaServer()
	require.NoError(t, err)
	all, err := sql.Open("mysql", server.FormatDSN())
	require.NoError(t, err)
	defer all.Close()
	own := server.Clone()
	own.DBName = fmt.Sprintf("test_%d", databases.Add(1))
	_, err = all.ExecContext(t.Context(), "create database "+own.DBName+" character set utf8mb4")
	require.NoError(t, err)
	return own.FormatDSN()
}

// startMaria starts a private MariaDB on a free loopback port, with a password, and returns
// how to connect to it.
func startMaria() (_ *mysql.Config, err error) {
	dir, err := tempDir()
	if err != nil {
		return nil, err
	}
	password := rand.Text()
	first, data := filepath.Join(dir, "first.sql"), filepath.Join(dir, "data")
	err = errors.Join(os.Mkdir(data, 0o700),
		os.WriteFile(first, []byte("create user test@'127.0.0.1' identified by '"+password+"';\ngrant all on *.* to test@'127.0.0.1';\n"), 0o644))
	if err != nil {
		return nil, err
	}
	attributes := &syscall.SysProcAttr{Setpgid: true, Pdeathsig: syscall.SIGKILL}
	if os.Geteuid() == 0 {
		if attributes.Credential, err = credential(mariaAccount); err != nil {
			return nil, err
		}
		if err := os.Chown(data, int(attributes.Credential.Uid), int(attributes.Credential.Gid)); err != nil {
			return nil, err
		}
	}
	command := func(name string, args ...string) *exec.Cmd {
		cmd := exec.Command(name, append([]string{"--no-defaults", "--datadir=" + data}, args...)...)
		cmd.Dir, cmd.Env, cmd.SysProcAttr = "/", []string{"PATH=/usr/sbin:/usr/bin:/sbin:/bin", "LC_ALL=C.UTF-8"}, attributes
		return cmd
	}
	if out, err := command("/usr/bin/mariadb-install-db", "--auth-root-authentication-method=socket", "--skip-test-db").CombinedOutput(); err != nil {
		return nil, fmt.Errorf("making a MariaDB: %w\n%s", err, out)
	}
	listener, err := net.Listen("tcp4", "127.0.0.1:0")
	if err != nil {
		return nil, err
	}
	address := listener.Addr().(*net.TCPAddr)
	listener.Close()
	log, err := os.Create(filepath.Join(dir, "log"))
	if err != nil {
		return nil, err
	}
	server := command("/usr/sbin/mariadbd", "--socket="+filepath.Join(data, "socket"), "--bind-address=127.0.0.1", "--port="+strconv.Itoa(address.Port),
		"--init-file="+first, "--skip-name-resolve", "--skip-log-bin", "--innodb-flush-log-at-trx-commit=0", "--innodb-buffer-pool-size=64M")
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
	if err := <-started; err != nil {
		return nil, err
	}
	stop := sync.OnceFunc(func() {
		server.Process.Kill()
		<-ended
		log.Close()
		os.RemoveAll(dir)
	})
	AtEnd(stop)
	config := mysql.NewConfig()
	config.Net, config.Addr, config.User, config.Passwd = "tcp", address.String(), "test", password
	// Texts of more than some characters are else sorted by the beginning of their keys.
	config.Params = map[string]string{"max_sort_length": "65536"}
	db, err := sql.Open("mysql", config.FormatDSN())
	if err != nil {
		return nil, err
	}
	defer db.Close()
	ctx, cancel := context.WithTimeout(context.Background(), mariaStarts)
	defer cancel()
	for {
		away := db.PingContext(ctx)
		if away == nil {
			return config, nil
		}
		select {
		case <-ended:
			ended <- nil
		case <-ctx.Done():
		case <-time.After(20 * time.Millisecond):
			continue
		}
		text, _ := os.ReadFile(log.Name())
		stop()
		return nil, fmt.Errorf("MariaDB does not start: %w\n%s", away, text)
	}
}

// credential finds an account's ids.
func credential(account string) (*syscall.Credential, error) {
	u, err := user.Lookup(account)
	if err != nil {
		return nil, err
	}
	uid, err := strconv.ParseUint(u.Uid, 10, 32)
	if err != nil {
		return nil, err
	}
	gid, err := strconv.ParseUint(u.Gid, 10, 32)
	return &syscall.Credential{Uid: uint32(uid), Gid: uint32(gid)}, err
}
