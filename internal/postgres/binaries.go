package postgres

import (
	"errors"
	"fmt"
	"os"
	"os/exec"
	"path/filepath"
	"slices"
	"strconv"
	"strings"
)

// ErrNotInstalled is the error when no PostgreSQL server program is found.
var ErrNotInstalled = errors.New("no PostgreSQL server is installed; on Debian: apt-get install postgresql-15")

// binaries finds the folder that holds initdb and postgres: Debian's, the
// highest version first, then what pg_config says, then the PATH. With a major
// version only that one will do, since a data folder is readable by no other.
func binaries(major int) (string, error) {
	found, _ := filepath.Glob("/usr/lib/postgresql/*/bin")
	slices.SortFunc(found, func(a, b string) int { return versionOf(b) - versionOf(a) })
	if out, err := exec.Command("pg_config", "--bindir").Output(); err == nil {
		found = append(found, strings.TrimSpace(string(out)))
	}
	if path, err := exec.LookPath("postgres"); err == nil {
		found = append(found, filepath.Dir(path))
	}
	for _, dir := range found {
		if !runnable(dir, "postgres") || !runnable(dir, "initdb") {
			continue
		}
		if major == 0 {
			return dir, nil
		}
		out, err := exec.Command(filepath.Join(dir, "postgres"), "--version").Output()
		if err == nil && majorIn(string(out)) == major {
			return dir, nil
		}
	}
	if major != 0 {
		return "", fmt.Errorf("the data folder was created by PostgreSQL %d, which is not installed; on Debian: apt-get install postgresql-%d", major, major)
	}
	return "", ErrNotInstalled
}

// versionOf reads the version out of /usr/lib/postgresql/15/bin.
func versionOf(dir string) int {
	n, _ := strconv.Atoi(filepath.Base(filepath.Dir(dir)))
	return n
}

// majorIn reads the major version out of "postgres (PostgreSQL) 15.18 (Debian …)".
func majorIn(version string) int {
	_, rest, _ := strings.Cut(version, ") ")
	major, _, _ := strings.Cut(rest, ".")
	n, _ := strconv.Atoi(strings.TrimSpace(major))
	return n
}

func runnable(dir, name string) bool {
	info, err := os.Stat(filepath.Join(dir, name))
	return err == nil && info.Mode().IsRegular() && info.Mode()&0o111 != 0
}
