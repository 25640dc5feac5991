// Package testkit gives tests a real PostgreSQL, a service on a real socket and
// the program as a process. All of it ends with the test that started it.
package testkit

import (
	"context"
	"fmt"
	"log/slog"
	"net"
	"net/url"
	"os"
	"os/exec"
	"path/filepath"
	"runtime"
	"sync/atomic"
	"testing"
	"time"

	"github.com/jackc/pgx/v5"
	"github.com/stretchr/testify/require"
	"golang.org/x/sys/unix"

	"pageladder.example/console"
	"pageladder.example/demo"
	"pageladder.example/internal/postgres"
	"pageladder.example/internal/service"
	"pageladder.example/internal/sets"
)

var (
	server    *postgres.Server
	databases atomic.Int64
)

// WithPostgres runs a package's tests with a private PostgreSQL of their own:
// func TestMain(m *testing.M) { testkit.WithPostgres(m) }.
func WithPostgres(m *testing.M) { os.Exit(withPostgres(m)) }

// Bounded ends a test process, and what it starts, that takes more memory than so
// many bytes: a runaway fails its test and not the machine.
func Bounded(bytes uint64) {
	limit := unix.Rlimit{Cur: bytes, Max: bytes}
	if err := unix.Setrlimit(unix.RLIMIT_AS, &limit); err != nil {
		panic(err)
	}
}

func withPostgres(m *testing.M) int {
	dir, err := tempDir()
	if err != nil {
		return failed(err)
	}
	defer os.RemoveAll(dir)
	server, err = postgres.Start(context.Background(), postgres.Options{
		Dir: filepath.Join(dir, "data"),
		// Nothing has to outlive the tests; commits stay synchronous, since without
		// that a vacuum after a load marks nothing as visible to all.
		Settings: []string{"fsync=off", "full_page_writes=off"},
	})
	if err != nil {
		return failed(err)
	}
	code := m.Run()
	if err := server.Stop(); err != nil {
		return failed(err)
	}
	return code
}

func failed(err error) int {
	fmt.Fprintln(os.Stderr, err)
	return 1
}

// tempDir is a folder that PostgreSQL's account can enter too.
func tempDir() (string, error) {
	dir, err := os.MkdirTemp("", "pageladder-test-")
	if err != nil {
		return "", err
	}
	return dir, os.Chmod(dir, 0o711)
}

// DataDir is a data folder for a service that the test starts.
func DataDir(t testing.TB) string {
	dir, err := tempDir()
	require.NoError(t, err)
	t.Cleanup(func() { os.RemoveAll(dir) })
	return filepath.Join(dir, "data")
}

// DatabaseURL makes a database for one test on the package's server.
func DatabaseURL(t testing.TB) string {
	t.Helper()
	conn, err := pgx.Connect(t.Context(), server.URL())
	require.NoError(t, err)
	defer conn.Close(context.Background())
	name := fmt.Sprintf("test_%d", databases.Add(1))
	_, err = conn.Exec(t.Context(), "create database "+name)
	require.NoError(t, err)
	u, err := url.Parse(server.URL())
	require.NoError(t, err)
	u.Path = "/" + name
	return u.String()
}

// Server is the package's PostgreSQL.
func Server() *postgres.Server { return server }

// Store opens a store in a database of its own.
func Store(t testing.TB) *sets.Store {
	t.Helper()
	store, err := sets.Open(t.Context(), DatabaseURL(t))
	require.NoError(t, err)
	t.Cleanup(store.Close)
	return store
}

// Harbour opens a store with the demo data.
func Harbour(t testing.TB) *sets.Store {
	t.Helper()
	store := Store(t)
	require.NoError(t, demo.Load(t.Context(), store, 0))
	store.Indexed()
	return store
}

// Serve runs a service with the demo data on a free loopback port and returns its
// address.
func Serve(t testing.TB) string {
	t.Helper()
	return ServeStore(t, Harbour(t))
}

// ServeStore runs a service of a store on a free loopback port and returns its
// address.
func ServeStore(t testing.TB, store *sets.Store) string {
	t.Helper()
	at, _ := ServeWith(t, store, service.Options{Answers: service.DefaultAnswers})
	return at
}

// ServeWith runs a service with options.
func ServeWith(t testing.TB, store *sets.Store, o service.Options) (string, *service.Service) {
	t.Helper()
	listener, err := net.Listen("tcp", "127.0.0.1:0")
	require.NoError(t, err)
	ctx, cancel := context.WithCancel(context.Background())
	done := make(chan error, 1)
	o.Version = "test"
	s, err := service.New(store, console.Files(), slog.New(slog.DiscardHandler), o)
	require.NoError(t, err)
	go func() { done <- s.Serve(ctx, listener) }()
	t.Cleanup(func() {
		cancel()
		require.NoError(t, <-done)
	})
	return "http://" + listener.Addr().String(), s
}

// Binary builds the program once a test package.
func Binary(dir string) (string, error) {
	_, here, _, _ := runtime.Caller(0)
	path := filepath.Join(dir, "pageladder")
	cmd := exec.Command("go", "build", "-o", path, "./cmd/pageladder")
	cmd.Dir = filepath.Join(filepath.Dir(here), "..", "..")
	if out, err := cmd.CombinedOutput(); err != nil {
		return "", fmt.Errorf("building the program: %w\n%s", err, out)
	}
	return path, nil
}

// Eventually waits until a condition holds; it looks at once, then every few
// milliseconds.
func Eventually(t testing.TB, holds func() bool, what string) {
	t.Helper()
	for deadline := time.Now().Add(30 * time.Second); !holds(); time.Sleep(5 * time.Millisecond) {
		require.True(t, time.Now().Before(deadline), "never came true: %s", what)
	}
}

// Program is one of PostgreSQL's own programs, such as pg_dump.
func Program(t testing.TB, name string) string {
	t.Helper()
	path, err := postgres.Program(name)
	require.NoError(t, err)
	return path
}
