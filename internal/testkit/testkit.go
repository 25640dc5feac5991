// Package testkit gives tests a real PostgreSQL, a service on a real socket and the program as a
// process. Everything ends with the test that started it.
package testkit

import (
	"bytes"
	"context"
	"encoding/json"
	"errors"
	"fmt"
	"log/slog"
	"net"
	"net/http"
	"net/url"
	"os"
	"os/exec"
	"path/filepath"
	"slices"
	"strings"
	"sync"
	"sync/atomic"
	"syscall"
	"testing"
	"time"

	"github.com/jackc/pgx/v5"
	"github.com/stretchr/testify/require"
	"golang.org/x/sys/unix"

	"pageladder.example/api"
	"pageladder.example/console"
	"pageladder.example/demo"
	"pageladder.example/internal/access"
	"pageladder.example/internal/postgres"
	"pageladder.example/internal/service"
	"pageladder.example/internal/sets"
)

var (
	server    *postgres.Server
	databases atomic.Int64
)

// WithPostgres runs a package's tests with their own private PostgreSQL, and with a MariaDB if one
// of them needs it: func TestMain(m *testing.M) { testkit.WithPostgres(m) }.
func WithPostgres(m *testing.M) { os.Exit(withPostgres(m)) }

// Bounded ends a test process, and what it starts, if it takes more memory than a limit: a runaway
// fails its test and not the machine.
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
	watch, err := watchLeftovers(filepath.Join(dir, "t"))
	if err != nil {
		return failed(err)
	}
	server, err = postgres.Start(context.Background(), postgres.Options{
		Dir: filepath.Join(dir, "data"),
		// Nothing has to survive the tests. Commits stay synchronous, since otherwise a vacuum after
		// a load marks nothing as visible to all.
		Settings: []string{"fsync=off", "full_page_writes=off", "wal_level=logical", prepared},
	})
	if err != nil {
		return failed(err)
	}
	if err := letInQuickly(); err != nil {
		return failed(errors.Join(err, server.Stop()))
	}
	code := m.Run()
	for _, end := range slices.Backward(atEnd) {
		end()
	}
	if err := server.Stop(); err != nil {
		return failed(err)
	}
	if left := watch(); len(left) > 0 {
		return failed(fmt.Errorf("the tests have left behind:\n%s", strings.Join(left, "\n")))
	}
	return code
}

var (
	atEndMu sync.Mutex
	atEnd   []func()
)

// AtEnd has something that tests share ended with the package.
func AtEnd(end func()) {
	atEndMu.Lock()
	defer atEndMu.Unlock()
	atEnd = append(atEnd, end)
}

func failed(err error) int {
	fmt.Fprintln(os.Stderr, err)
	return 1
}

// prepared allows two-phase commits. A standby needs the setting too.
const prepared = "max_prepared_transactions=10"

// tempDir is a folder that PostgreSQL's account can enter too.
func tempDir() (string, error) {
	dir, err := os.MkdirTemp(scratch(), "pageladder-test-")
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
	return copyOf(t, "template1")
}

// CopyOf makes a database for one test that begins as the one of an address is, to which nobody is connected.
func CopyOf(t testing.TB, address string) string {
	t.Helper()
	u, err := url.Parse(address)
	require.NoError(t, err)
	return copyOf(t, strings.TrimPrefix(u.Path, "/"))
}

// copyOf makes a database for one test that begins as another one is. It is dropped with the test:
// a standby has to copy all that are there.
func copyOf(t testing.TB, template string) string {
	t.Helper()
	name := fmt.Sprintf("test_%d", databases.Add(1))
	manage(t, "create database "+name+" template "+template+" strategy file_copy")
	t.Cleanup(func() { manage(t, "drop database "+name+" with (force)") })
	return addressOf(t, name)
}

// manage runs a statement about databases.
func manage(t testing.TB, sql string) {
	t.Helper()
	ctx := context.WithoutCancel(t.Context())
	conn, err := pgx.Connect(ctx, server.URL())
	require.NoError(t, err)
	defer conn.Close(ctx)
	_, err = conn.Exec(ctx, sql)
	require.NoError(t, err)
}

// addressOf is the address of a database on the package's server.
func addressOf(t testing.TB, name string) string {
	t.Helper()
	u, err := url.Parse(server.URL())
	require.NoError(t, err)
	u.Path = "/" + name
	return u.String()
}

// template is a database with a catalogue that is created once, to be copied: that takes a third of the
// time.
type template struct {
	name string
	once sync.Once
	fill func(ctx context.Context, store *sets.Store) error
}

var (
	emptyStore   = template{name: "empty_store"}
	harbourStore = template{name: "harbour_store", fill: func(ctx context.Context, store *sets.Store) error {
		return demo.Load(ctx, store, 0)
	}}
)

// open opens a store in a copy.
func (m *template) open(t testing.TB) *sets.Store {
	t.Helper()
	m.once.Do(func() {
		manage(t, "create database "+m.name)
		store, err := sets.Open(t.Context(), addressOf(t, m.name))
		require.NoError(t, err)
		if m.fill != nil {
			require.NoError(t, m.fill(t.Context(), store))
			store.Indexed()
		}
		store.Close() // nobody may be connected to what is copied; and a connection would begin the epoch again
		conn, err := pgx.Connect(t.Context(), addressOf(t, m.name))
		require.NoError(t, err)
		_, err = conn.Exec(t.Context(), "delete from pageladder.epoch") // a copy is not a backup that was restored
		require.NoError(t, err)
		require.NoError(t, conn.Close(t.Context()))
	})
	store, err := sets.Open(t.Context(), copyOf(t, m.name))
	require.NoError(t, err)
	t.Cleanup(store.Close)
	Listens(t, store)
	return store
}

// Server is the package's PostgreSQL.
func Server() *postgres.Server { return server }

// KillServer kills the package's PostgreSQL. The result says whether the next one is there: until then processes of
// the killed one may answer.
func KillServer(t testing.TB) (back func() bool) {
	t.Helper()
	killed := server.Pid()
	require.NoError(t, syscall.Kill(killed, syscall.SIGKILL))
	return func() bool { return server.Pid() != killed }
}

// Store opens a store in a database of its own.
func Store(t testing.TB) *sets.Store {
	t.Helper()
	return emptyStore.open(t)
}

// Listens waits until a store hears of changes: what it remembered before, it forgets then.
func Listens(t testing.TB, store *sets.Store) {
	t.Helper()
	Eventually(t, store.Heard, "the store listens")
}

// Harbour opens a store with the demo data.
func Harbour(t testing.TB) *sets.Store {
	t.Helper()
	return harbourStore.open(t)
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
	if o.Limits == (service.Limits{}) { // one caller asks all that a test asks
		o.Limits = service.DefaultLimits
		o.Limits.Rate = 0
	}
	if o.Version == "" {
		o.Version = "test"
	}
	s, err := service.New(store, console.Files(), slog.New(slog.DiscardHandler), o)
	require.NoError(t, err)
	secret, _, err := s.Tokens().Create(ctx, "the test", access.Owner, nil)
	require.NoError(t, err)
	owners.Store(listener.Addr().String(), secret)
	go func() { done <- s.Serve(ctx, listener) }()
	t.Cleanup(func() {
		owners.Delete(listener.Addr().String())
		cancel()
		require.NoError(t, <-done)
	})
	return "http://" + listener.Addr().String(), s
}

// Binary builds the program once a test package.
func Binary(dir string) (string, error) {
	path := filepath.Join(dir, "pageladder")
	cmd := exec.Command("go", "build", "-o", path, "pageladder.example/cmd/pageladder")
	if out, err := cmd.CombinedOutput(); err != nil {
		return "", fmt.Errorf("building the program: %w\n%s", err, out)
	}
	return path, nil
}

// Eventually waits until a condition holds; it looks at once, then every few
// milliseconds.
func Eventually(t testing.TB, holds func() bool, what string) {
	t.Helper()
	for deadline := time.Now().Add(3 * time.Minute); !holds(); time.Sleep(5 * time.Millisecond) {
		require.True(t, time.Now().Before(deadline), "never came true: %s", what)
	}
}

// Program is one of PostgreSQL's own programs, such as pg_dump.
func Program(t testing.TB, name string) string {
	t.Helper()
	dir, err := postgres.BinDir()
	require.NoError(t, err)
	return filepath.Join(dir, name)
}

// owners are the owner's tokens of the services that run, by address.
var owners sync.Map

// OwnerOf is an owner's token of the service at an address of ServeWith's; "" where
// there is none.
func OwnerOf(at string) string {
	u, err := url.Parse(at)
	if err != nil {
		return ""
	}
	token, _ := owners.Load(u.Host)
	text, _ := token.(string)
	return text
}

// AsOwner lets http.DefaultClient call the services of this package as their owner,
// where a request has no token of its own and is not sent by nobody.
type AsOwner struct{ http.RoundTripper }

// Nobody is the header of a request that must not have a token.
const Nobody = "X-Test-Nobody"

// RoundTrip sends one request.
func (a AsOwner) RoundTrip(r *http.Request) (*http.Response, error) {
	r = r.Clone(r.Context())
	nobody := r.Header.Get(Nobody) != ""
	r.Header.Del(Nobody)
	if token := OwnerOf(r.URL.String()); token != "" && !nobody && r.Header.Get("Authorization") == "" && r.Header.Get("Cookie") == "" {
		r.Header.Set("Authorization", "Bearer "+token)
	}
	return a.RoundTripper.RoundTrip(r)
}

func init() { http.DefaultClient.Transport = AsOwner{http.DefaultTransport} }

// SignInPath is a path of the console that signs a browser in, once, as the owner of
// the service at an address of ServeWith's.
func SignInPath(t testing.TB, at string) string {
	t.Helper()
	req, err := http.NewRequestWithContext(t.Context(), http.MethodPost, at+"/api/session/link", nil)
	require.NoError(t, err)
	res, err := http.DefaultClient.Do(req)
	require.NoError(t, err)
	defer res.Body.Close()
	var link api.SignInLink
	require.NoError(t, json.NewDecoder(res.Body).Decode(&link))
	require.NotEmpty(t, link.Path)
	return link.Path
}

// Line is between a service and its database, and can fall silent: what is sent over it then never
// arrives.
type Line struct {
	URL string // of the database, over the line

	mu     sync.Mutex
	to     string                 // where new connections lead
	silent func(sent []byte) bool // which connections, by what has been sent over them
}

// NewLine lays a line to a database.
func NewLine(t testing.TB, database string) *Line {
	t.Helper()
	to, err := url.Parse(database)
	require.NoError(t, err)
	listener, err := net.Listen("tcp", "127.0.0.1:0")
	require.NoError(t, err)
	l := &Line{to: to.Host}
	over := *to
	over.Host = listener.Addr().String()
	l.URL = over.String()
	var ends sync.Map
	t.Cleanup(func() {
		listener.Close()
		ends.Range(func(end, _ any) bool { end.(net.Conn).Close(); return true })
	})
	go func() {
		for {
			in, err := listener.Accept()
			if err != nil {
				return
			}
			l.mu.Lock()
			host := l.to
			l.mu.Unlock()
			out, err := net.Dial("tcp", host)
			if err != nil {
				in.Close()
				continue
			}
			ends.Store(in, true)
			ends.Store(out, true)
			sent := &bytes.Buffer{}
			go l.carry(in, out, sent, true)
			go l.carry(out, in, sent, false)
		}
	}()
	return l
}

// sentBytes limits what is noted of what a connection has sent: its beginning.
const sentBytes = 1 << 20

// carry moves bytes one way while the line is not silent.
func (l *Line) carry(from, to net.Conn, sent *bytes.Buffer, note bool) {
	defer from.Close()
	defer to.Close()
	buffer := make([]byte, 32<<10)
	for {
		n, err := from.Read(buffer)
		l.mu.Lock()
		if note && sent.Len() < sentBytes {
			sent.Write(buffer[:n])
		}
		dropped := l.silent != nil && l.silent(sent.Bytes())
		l.mu.Unlock()
		if dropped {
			n = 0
		}
		if n > 0 {
			if _, err := to.Write(buffer[:n]); err != nil {
				return
			}
		}
		if err != nil {
			return
		}
	}
}

// Lay leads new connections to another host and port.
func (l *Line) Lay(to string) {
	l.mu.Lock()
	defer l.mu.Unlock()
	l.to = to
}

// Silence lets those connections fall silent over which certain bytes were sent; nil ends the
// silence.
func (l *Line) Silence(which func(sent []byte) bool) {
	l.mu.Lock()
	defer l.mu.Unlock()
	l.silent = which
}
