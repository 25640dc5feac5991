package testkit

import (
	"bytes"
	"fmt"
	"os"
	"path/filepath"
	"strconv"
	"strings"
	"time"

	"golang.org/x/sys/unix"
)

// leftWait is how long a process may take to end.
const leftWait = 20 * time.Second

// watchLeftovers gives tests a folder of their own for temporary files. The function that it returns
// reports what they have left behind: files there, processes, and ports that they listen on.
func watchLeftovers(dir string) (left func() []string, err error) {
	if err := os.Mkdir(dir, 0o711); err != nil {
		return nil, err
	}
	if err := os.Setenv("TMPDIR", dir); err != nil {
		return nil, err
	}
	// Processes whose parent has ended become children of this one.
	if err := unix.Prctl(unix.PR_SET_CHILD_SUBREAPER, 1, 0, 0, 0); err != nil {
		return nil, fmt.Errorf("to hear of processes that are left behind: %w", err)
	}
	return func() []string {
		for end := time.Now().Add(leftWait); ; time.Sleep(10 * time.Millisecond) {
			found := append(append(files(dir), processes()...), ports()...)
			if len(found) == 0 || time.Now().After(end) {
				return found
			}
		}
	}, nil
}

func files(dir string) (left []string) {
	entries, err := os.ReadDir(dir)
	if err != nil {
		return []string{err.Error()}
	}
	for _, e := range entries {
		left = append(left, "file "+filepath.Join(dir, e.Name()))
	}
	return left
}

// processes are the children of this one, except those that have ended.
func processes() (left []string) {
	for {
		var status unix.WaitStatus
		if pid, err := unix.Wait4(-1, &status, unix.WNOHANG, nil); err != nil || pid <= 0 {
			break
		}
	}
	all, _ := filepath.Glob("/proc/[0-9]*/stat")
	for _, path := range all {
		text, err := os.ReadFile(path)
		if err != nil {
			continue // it has ended
		}
		_, rest, _ := bytes.Cut(text, []byte(") ")) // behind the program's name
		if f := strings.Fields(string(rest)); len(f) > 1 && f[1] == strconv.Itoa(os.Getpid()) {
			line, _ := os.ReadFile(filepath.Join(filepath.Dir(path), "cmdline"))
			left = append(left, fmt.Sprintf("process %s %s", filepath.Base(filepath.Dir(path)), bytes.ReplaceAll(line, []byte{0}, []byte(" "))))
		}
	}
	return left
}

// listening is the state of a socket in /proc/net/tcp.
const listening = "0A"

// ports are the ports that this process listens on.
func ports() (left []string) {
	own := map[string]bool{}
	open, _ := filepath.Glob("/proc/self/fd/*")
	for _, fd := range open {
		if to, err := os.Readlink(fd); err == nil {
			own[to] = true
		}
	}
	for _, table := range []string{"/proc/net/tcp", "/proc/net/tcp6"} {
		text, _ := os.ReadFile(table)
		for _, line := range strings.Split(string(text), "\n") {
			if f := strings.Fields(line); len(f) > 9 && f[3] == listening && own["socket:["+f[9]+"]"] {
				left = append(left, "port "+f[1])
			}
		}
	}
	return left
}
