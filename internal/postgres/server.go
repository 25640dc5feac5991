// Package postgres finds, starts and watches a private PostgreSQL server, and
// migrates a database to the service's schema.
//
// The server listens on 127.0.0.1 alone, with a random password, so that other
// users of the machine stay out. It ends with the process that started it, also
// when that is killed.
package postgres

import (
	"context"
	"errors"
	"fmt"
	"io"
	"log/slog"
	"net"
	"net/url"
	"os"
	"os/exec"
	"path/filepath"
	"runtime"
	"strconv"
	"strings"
	"sync"
	"syscall"
	"time"
)

const (
	dbUser       = "pageladder"
	account      = "postgres" // runs the server when we are root
	startTime    = 30 * time.Second
	stopTime     = 15 * time.Second
	pollEvery    = 10 * time.Millisecond
	socketBytes  = 107 // longest path of a Unix socket, unix(7)
	logBytesKept = 8 << 20
)

// Options say where and how a private server runs.
type Options struct {
	Dir      string   // data folder of the service; the server's files go below it
	Settings []string // further settings, "name=value"
	Log      *slog.Logger
}

// Server is a private PostgreSQL server that is running.
type Server struct {
	opts     Options
	bin      string
	port     int
	password string
	lock     *os.File
	owner    *syscall.Credential // nil: our own user

	mu       sync.Mutex
	stopping bool
	process  *os.Process
	done     chan struct{} // closed when the watch has ended
}

// Start starts the private server of a data folder, making the folder and the
// cluster where they do not exist.
func Start(ctx context.Context, opts Options) (_ *Server, err error) {
	if opts.Log == nil {
		opts.Log = slog.New(slog.DiscardHandler)
	}
	if opts.Dir, err = filepath.Abs(opts.Dir); err != nil {
		return nil, err
	}
	s := &Server{opts: opts, done: make(chan struct{})}
	if err := s.prepare(); err != nil {
		return nil, fmt.Errorf("private PostgreSQL in %s: %w", opts.Dir, err)
	}
	defer func() {
		if err != nil {
			s.lock.Close()
		}
	}()
	if err := s.init(ctx); err != nil {
		return nil, fmt.Errorf("private PostgreSQL in %s: %w", opts.Dir, err)
	}
	exited, err := s.launch(ctx)
	if err != nil {
		return nil, fmt.Errorf("private PostgreSQL in %s: %w", opts.Dir, err)
	}
	go s.watch(exited)
	if err := s.sweepFiles(ctx); err != nil { // costs space on the disk and nothing else
		opts.Log.Warn("looking for files that a crash has left", "err", err)
	}
	return s, nil
}

func (s *Server) path(name string) string { return filepath.Join(s.opts.Dir, name) }
func (s *Server) cluster() string         { return s.path("postgres") }

// Cluster is the folder of PostgreSQL's own files.
func (s *Server) Cluster() string { return s.cluster() }

// URL is the address of the service's own database on the server.
func (s *Server) URL() string {
	u := url.URL{
		Scheme: "postgres", User: url.UserPassword(dbUser, s.password),
		Host: net.JoinHostPort("127.0.0.1", strconv.Itoa(s.port)), Path: "/postgres",
		RawQuery: "sslmode=disable",
	}
	return u.String()
}

// Running is the address of the private server of a data folder that another
// process runs; ok is false where none does, or where its password cannot be read.
func Running(dir string) (address string, ok bool) {
	dir, err := filepath.Abs(dir)
	if err != nil {
		return "", false
	}
	s := &Server{opts: Options{Dir: dir}}
	pid, status := s.pidFile()
	password, err := os.ReadFile(s.path("password"))
	text, err2 := os.ReadFile(filepath.Join(s.cluster(), "postmaster.pid"))
	if err != nil || err2 != nil || status != "ready" || !s.isOurs(pid) {
		return "", false
	}
	s.password = strings.TrimSpace(string(password))
	s.port, err = strconv.Atoi(strings.TrimSpace(strings.Split(string(text), "\n")[3]))
	return s.URL(), err == nil
}

// BinDir is where the PostgreSQL programs are that fit a data folder.
func BinDir() (string, error) { return binaries(0) }

// Pid is the process id of the server, or of the last one while none runs; 0
// before the first.
func (s *Server) Pid() int {
	s.mu.Lock()
	defer s.mu.Unlock()
	if s.process == nil {
		return 0
	}
	return s.process.Pid
}

// command readies one of PostgreSQL's programs to run as the account that may.
func (s *Server) command(ctx context.Context, name string, args ...string) *exec.Cmd {
	cmd := exec.CommandContext(ctx, filepath.Join(s.bin, name), args...)
	cmd.Dir = "/"
	cmd.Env = []string{"PATH=/usr/bin:/bin", "LC_ALL=C.UTF-8"}
	cmd.SysProcAttr = &syscall.SysProcAttr{Credential: s.owner, Setpgid: true, Pdeathsig: syscall.SIGQUIT}
	return cmd
}

// launch starts the server and waits until it takes connections.
func (s *Server) launch(ctx context.Context) (exited <-chan error, err error) {
	ctx, cancel := context.WithTimeout(ctx, startTime)
	defer cancel()
	if err := s.clearStale(ctx); err != nil {
		return nil, err
	}
	sockets := s.path("socket")
	if err := errors.Join(os.MkdirAll(sockets, 0o700), s.own(sockets)); err != nil {
		return nil, err
	}
	if len(sockets)+len("/.s.PGSQL.65535") > socketBytes {
		sockets = "" // no Unix socket then; the service itself uses TCP
	}
	for {
		if s.port == 0 {
			if s.port, err = freePort(); err != nil {
				return nil, err
			}
		}
		exited, err = s.run(ctx, sockets)
		if err == nil || ctx.Err() != nil || !retryable(err) {
			return exited, err
		}
		if strings.Contains(err.Error(), "could not bind") && s.Pid() == 0 {
			s.port = 0 // somebody was quicker; afterwards the port stays, as clients know it
		}
		select {
		case <-ctx.Done():
			return nil, err
		case <-time.After(200 * time.Millisecond): // a dead server's backends let go within a second
		}
	}
}

func retryable(err error) bool {
	for _, sign := range []string{"could not bind", "shared memory block", "lock file", "is still in use"} {
		if strings.Contains(err.Error(), sign) {
			return true
		}
	}
	return false
}

func freePort() (int, error) {
	l, err := net.Listen("tcp4", "127.0.0.1:0")
	if err != nil {
		return 0, err
	}
	defer l.Close()
	return l.Addr().(*net.TCPAddr).Port, nil
}

// run forks the server and waits until postmaster.pid says that it is ready.
func (s *Server) run(ctx context.Context, sockets string) (<-chan error, error) {
	logPath := s.path("postgres.log")
	if info, err := os.Stat(logPath); err == nil && info.Size() > logBytesKept {
		if err := os.Rename(logPath, logPath+".old"); err != nil {
			return nil, err
		}
	}
	log, err := os.OpenFile(logPath, os.O_CREATE|os.O_APPEND|os.O_WRONLY, 0o600)
	if err != nil {
		return nil, err
	}
	defer log.Close()
	from, err := log.Seek(0, io.SeekEnd)
	if err != nil {
		return nil, err
	}

	args := []string{"-D", s.cluster(), "-p", strconv.Itoa(s.port), "-k", sockets, "-c", "listen_addresses=127.0.0.1"}
	for _, setting := range s.opts.Settings {
		args = append(args, "-c", setting)
	}
	cmd := s.command(context.Background(), "postgres", args...)
	cmd.Stdout, cmd.Stderr = log, log

	started, exited := make(chan error, 1), make(chan error, 1)
	go func() {
		// The kernel sends Pdeathsig when the forking thread ends, so it is kept
		// for as long as the server runs.
		runtime.LockOSThread()
		defer runtime.UnlockOSThread()
		err := cmd.Start()
		started <- err
		if err == nil {
			exited <- cmd.Wait()
		}
	}()
	if err := <-started; err != nil {
		return nil, err
	}
	tick := time.NewTicker(pollEvery)
	defer tick.Stop()
	for {
		if pid, status := s.pidFile(); pid == cmd.Process.Pid && status == "ready" {
			s.mu.Lock()
			s.process = cmd.Process
			s.mu.Unlock()
			return exited, nil
		}
		select {
		case <-exited:
			return nil, fmt.Errorf("it ended while starting:\n%s", logFrom(logPath, from))
		case <-ctx.Done():
			cmd.Process.Signal(syscall.SIGQUIT)
			<-exited
			return nil, fmt.Errorf("it was not ready in time: %w\n%s", context.Cause(ctx), logFrom(logPath, from))
		case <-tick.C:
		}
	}
}

// pidFile reads postmaster.pid: the process id in line 1, the status in line 8.
func (s *Server) pidFile() (pid int, status string) {
	text, err := os.ReadFile(filepath.Join(s.cluster(), "postmaster.pid"))
	if err != nil {
		return 0, ""
	}
	lines := strings.Split(string(text), "\n")
	pid, _ = strconv.Atoi(strings.TrimSpace(lines[0]))
	if len(lines) >= 8 {
		status = strings.TrimSpace(lines[7])
	}
	return pid, status
}

// clearStale deals with a postmaster.pid that an earlier run left. We hold the
// folder's lock, so a server that still runs on it has lost its service: it is
// stopped. A file that names some other process, or none, is removed.
func (s *Server) clearStale(ctx context.Context) error {
	pid, _ := s.pidFile()
	if pid <= 0 {
		return nil
	}
	if !s.isOurs(pid) {
		return os.Remove(filepath.Join(s.cluster(), "postmaster.pid"))
	}
	s.opts.Log.Warn("stopping a PostgreSQL that an earlier run left behind", "pid", pid)
	if err := syscall.Kill(pid, syscall.SIGINT); err != nil && !errors.Is(err, syscall.ESRCH) {
		return err
	}
	for s.isOurs(pid) {
		select {
		case <-ctx.Done():
			return fmt.Errorf("PostgreSQL process %d of an earlier run does not stop", pid)
		case <-time.After(pollEvery):
		}
	}
	return nil
}

// isOurs reports whether the process is alive and serves this cluster.
func (s *Server) isOurs(pid int) bool {
	line, err := os.ReadFile(fmt.Sprintf("/proc/%d/cmdline", pid))
	if err != nil {
		return false
	}
	args := strings.Split(string(line), "\x00")
	if filepath.Base(args[0]) != "postgres" {
		return false
	}
	for _, arg := range args {
		if arg == s.cluster() {
			return true
		}
	}
	return false
}

// watch restarts the server when it ends unasked, on the same port, until Stop.
func (s *Server) watch(exited <-chan error) {
	defer close(s.done)
	for {
		err := <-exited
		s.mu.Lock()
		stopping := s.stopping
		s.mu.Unlock()
		if stopping {
			return
		}
		s.opts.Log.Error("PostgreSQL ended unasked; starting it again", "err", err)
		for wait := 100 * time.Millisecond; ; wait = min(2*wait, 5*time.Second) {
			if exited, err = s.launch(context.Background()); err == nil {
				s.opts.Log.Info("PostgreSQL is back", "port", s.port)
				break
			}
			s.opts.Log.Error("PostgreSQL does not start", "err", err)
			time.Sleep(wait)
			s.mu.Lock()
			stopping = s.stopping
			s.mu.Unlock()
			if stopping {
				return
			}
		}
		s.mu.Lock()
		if s.stopping { // received while it started
			s.process.Signal(syscall.SIGINT)
		}
		s.mu.Unlock()
	}
}

// Stop stops the server: open transactions are rolled back, everything
// committed is on disk.
func (s *Server) Stop() error {
	s.mu.Lock()
	s.stopping = true
	if s.process != nil {
		s.process.Signal(syscall.SIGINT)
	}
	s.mu.Unlock()
	defer s.lock.Close()
	select {
	case <-s.done:
		return nil
	case <-time.After(stopTime):
		s.mu.Lock()
		s.process.Signal(syscall.SIGQUIT)
		s.mu.Unlock()
		<-s.done
		return fmt.Errorf("PostgreSQL did not stop within %v and was killed", stopTime)
	}
}

func logFrom(path string, from int64) []byte {
	f, err := os.Open(path)
	if err != nil {
		return nil
	}
	defer f.Close()
	text, _ := io.ReadAll(io.NewSectionReader(f, from, 64<<10))
	return tail(text)
}

// tail keeps the last lines of a program's output.
func tail(out []byte) []byte {
	const limit = 2000
	if len(out) > limit {
		out = out[len(out)-limit:]
	}
	return out
}
